#include "desk/fit_state.h"

#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

template <typename Posture>
QString leverWords(const Posture& p) {
  return tr("Hip lever %1 cm, %2 N·m; knee lever %3 cm, %4 N·m.")
      .arg(signedNumber(100.0 * p.hip_lever_m, 0), signedNumber(p.hip_moment_nm, 0),
           signedNumber(100.0 * p.knee_lever_m, 0), signedNumber(p.knee_moment_nm, 0));
}

template <typename Limit>
QString noPosture(Limit limit) {
  return tr("No posture exists with this set-up, because %1. Change it; do not force it.")
      .arg(limitWords(limit));
}

QString squatNumbers(const SquatFit& fit) {
  const SquatPosture& p = fit.solution.posture;
  QString text = leverWords(p);
  if (p.knee_lever_m > 0.005)
    text += QLatin1Char(' ') + tr("Hip to knee %1 to 1.").arg(p.hip_lever_m / p.knee_lever_m, 0, 'f', 1);
  if (fit.solution.limited_by != PostureLimit::kNone)
    text += QLatin1Char(' ') + tr("Here %1.").arg(limitWords(fit.solution.limited_by));
  if (fit.deepest.hip_below_knee_m) {
    const double cm = 100.0 * *fit.deepest.hip_below_knee_m;
    text += QLatin1Char(' ') +
            (cm >= 0.0 ? tr("Deepest: hip joint %1 cm below the knee joint; then %2.")
                       : tr("Deepest: hip joint %1 cm above the knee joint; then %2."))
                .arg(signedNumber(std::abs(cm), 0), fit.deepest.limited_by == PostureLimit::kNone
                                                        ? tr("nothing stops it within 30 cm")
                                                        : limitWords(fit.deepest.limited_by));
  }
  return text;
}

}  // namespace

FitSolved solveFit(const FitSubject& who, const FitState& state) {
  FitSolved out;
  switch (state.lift) {
    case Lift::kSquat: {
      SquatWishes wishes = state.squat;
      wishes.load_kg = state.load_kg;
      SquatFit fit = suggestSquat(who, state.squat_school, wishes);
      if (fit.solution.feasible) {
        out.figure = figureOf(who.body, fit.setup, fit.solution.posture);
        out.numbers = squatNumbers(fit);
      } else {
        out.no_posture = noPosture(fit.solution.limited_by);
      }
      out.squat = fit.setup;
      out.suggestions = std::move(fit.suggestions);
      out.cautions = std::move(fit.cautions);
      break;
    }
    case Lift::kDeadlift: {
      DeadliftWishes wishes = state.deadlift;
      wishes.load_kg = state.load_kg;
      DeadliftFit fit = suggestDeadlift(who, state.deadlift_school, wishes);
      if (fit.solution().feasible) {
        const DeadliftPosture& p = fit.solution().posture;
        out.figure = figureOf(who.body, fit.setup, p);
        out.numbers = leverWords(p);
        if (fit.setup.style == DeadliftStyle::kConventional)
          out.numbers +=
              QLatin1Char(' ') +
              (p.knee_ahead_of_arm_m > 0.01    ? tr("The knee stands in front of the arm: hips low.")
               : p.knee_ahead_of_arm_m < -0.06 ? tr("The knee stands well behind the arm: hips high.")
                                               : tr("The knee stands just inside the arm."));
        const auto& other = fit.setup.style == DeadliftStyle::kSumo ? fit.conventional : fit.sumo;
        if (other.feasible)
          out.numbers +=
              QLatin1Char(' ') +
              (fit.setup.style == DeadliftStyle::kSumo ? tr("Conventional would lean %1°, this leans %2°.")
                                                       : tr("Sumo would lean %1°, this leans %2°."))
                  .arg(signedNumber(other.posture.trunk_lean_deg, 0), signedNumber(p.trunk_lean_deg, 0));
      } else {
        out.no_posture = noPosture(fit.solution().limited_by);
      }
      out.deadlift = fit.setup;
      out.suggestions = std::move(fit.suggestions);
      out.cautions = std::move(fit.cautions);
      break;
    }
    case Lift::kBench: {
      BenchWishes wishes = state.bench;
      wishes.load_kg = state.load_kg;
      BenchFit fit = suggestBench(who, state.bench_school, wishes);
      if (fit.solution.feasible) {
        const BenchPosture& p = fit.solution.posture;
        out.figure = figureOf(who.body, fit.setup, p);
        out.numbers =
            tr("Seen from the head end. At the touch: elbow bent %1°, upper arm %2° from the ribs, touch %3 "
               "cm "
               "below the shoulder line. The bar travels %4 cm; shoulder lever %5 cm, %6 N·m.")
                .arg(signedNumber(p.elbow_flexion_deg, 0), signedNumber(p.upper_arm_deg, 0),
                     signedNumber(100.0 * p.touch_from_shoulder_m, 0),
                     signedNumber(100.0 * p.range_of_motion_m, 0),
                     signedNumber(100.0 * p.shoulder_lever_m, 0), signedNumber(p.shoulder_moment_nm, 0));
      } else {
        out.no_posture = noPosture(fit.solution.limited_by);
      }
      out.bench = fit.setup;
      out.suggestions = std::move(fit.suggestions);
      out.cautions = std::move(fit.cautions);
      break;
    }
  }
  return out;
}

FitState withSetup(FitState state, const SetupRecord& setup) {
  auto value = [&](const char* id, double unit) -> std::optional<double> {
    const SetupValue* v = setup.find(id);
    return v != nullptr && v->value ? std::optional(*v->value / unit) : std::nullopt;
  };
  state.lift = setup.lift;
  if (setup.lift == Lift::kSquat) {
    state.squat = {};
    if (const SetupValue* bar = setup.find("bar_position")) state.squat.bar = barPositionNamed(bar->choice);
    state.squat.heel_distance_m = value("stance", 100.0);
    state.squat.toe_out_deg = value("toe_out", 1.0);
    state.squat.heel_raise_m = value("heel", 1000.0);
    state.squat.hip_below_knee_m = value("depth", 100.0);
  } else if (setup.lift == Lift::kDeadlift) {
    state.deadlift = {};
    if (const SetupValue* style = setup.find("style"))
      state.deadlift.style = style->choice == "sumo" ? DeadliftStyle::kSumo : DeadliftStyle::kConventional;
    state.deadlift.heel_distance_m = value("stance", 100.0);
    state.deadlift.toe_out_deg = value("toe_out", 1.0);
    state.deadlift.hand_distance_m = value("grip", 100.0);
  } else {
    state.bench = {};
    state.bench.grip_m = value("grip", 100.0);
  }
  return state;
}

std::optional<FitState> ghostState(const FitState& state, const std::vector<SetupRecord>& kept) {
  FitState other = state;
  other.ghost = {};
  switch (state.ghost.kind) {
    case FitGhost::Kind::kNone:
      return std::nullopt;
    case FitGhost::Kind::kSuggestion:
      other.squat = {};
      other.deadlift = {};
      other.bench = {};
      return other;
    case FitGhost::Kind::kBar:
      other.squat.bar = state.ghost.bar;
      return other;
    case FitGhost::Kind::kStyle:
      other.deadlift = {};  // the feet and hands of one style are not those of the other
      other.deadlift.style = state.ghost.style;
      return other;
    case FitGhost::Kind::kKept:
      for (const SetupRecord& s : kept)
        if (s.id == state.ghost.kept && s.lift == state.lift) return withSetup(other, s);
      return std::nullopt;
  }
  return std::nullopt;
}

FitScene sceneOf(const FitSubject& who, const FitSolved& solved, const std::optional<FitSolved>& ghost) {
  FitScene scene;
  scene.solid = solved.figure;
  scene.no_posture = solved.no_posture;
  scene.foot_m = who.body.length_m(Segment::kFoot);
  if (ghost) scene.ghost = ghost->figure;
  if (solved.squat) {
    scene.lift = Lift::kSquat;
    scene.bar = solved.squat->bar;
    scene.hip_below_knee_m = solved.squat->hip_below_knee_m;
    scene.heel_raise_m = solved.squat->heel_raise_m;
    scene.heel_distance_m = solved.squat->heel_distance_m;
    scene.toe_out_deg = solved.squat->toe_out_deg;
    if (ghost && ghost->squat) {
      scene.ghost_heel_distance_m = ghost->squat->heel_distance_m;
      scene.ghost_toe_out_deg = ghost->squat->toe_out_deg;
    }
  } else if (solved.deadlift) {
    scene.lift = Lift::kDeadlift;
    scene.heel_distance_m = solved.deadlift->heel_distance_m;
    scene.toe_out_deg = solved.deadlift->toe_out_deg;
    if (ghost && ghost->deadlift) {
      scene.ghost_heel_distance_m = ghost->deadlift->heel_distance_m;
      scene.ghost_toe_out_deg = ghost->deadlift->toe_out_deg;
    }
  } else {
    scene.lift = Lift::kBench;
    scene.hands_m = solved.bench->grip_m;
  }
  return scene;
}

}  // namespace mottix
