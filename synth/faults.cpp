#include "synth/faults.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace mottix {
namespace {

// Reps without the fault: a full squat, an easy descent, a real pause.
constexpr double kDeepEnough_m = 0.03, kEasyDescent_s = 1.0, kPause_s = 0.25, kCleanPause_s = 0.4;

template <auto Member>
double centimetres(const FilmPlan& plan, std::size_t rep);
template <auto Member>
void plantCentimetres(FilmPlan& plan, std::size_t rep, double size);

RepPlan& repOf(FilmPlan& plan, std::size_t rep, double RepPlan::*) {
  return plan.squat.reps[rep];
}
PullPlan& repOf(FilmPlan& plan, std::size_t rep, double PullPlan::*) {
  return plan.deadlift.reps[rep];
}
PressPlan& repOf(FilmPlan& plan, std::size_t rep, double PressPlan::*) {
  return plan.bench.reps[rep];
}

template <auto Member>
constexpr FaultKind inUnit(std::string_view name, Lift lift, std::string_view words, std::string_view unit,
                           double usual, double most) {
  if (unit == "cm")
    return {name, lift, words, unit, usual, most, centimetres<Member>, plantCentimetres<Member>};
  return {name,
          lift,
          words,
          unit,
          usual,
          most,
          [](const FilmPlan& p, std::size_t r) { return repOf(const_cast<FilmPlan&>(p), r, Member).*Member; },
          [](FilmPlan& p, std::size_t r, double size) { repOf(p, r, Member).*Member = size; }};
}

template <auto Member>
double centimetres(const FilmPlan& plan, std::size_t rep) {
  return 100.0 * repOf(const_cast<FilmPlan&>(plan), rep, Member).*Member;
}
template <auto Member>
void plantCentimetres(FilmPlan& plan, std::size_t rep, double size) {
  repOf(plan, rep, Member).*Member = 0.01 * size;
}

constexpr std::array kKinds = {
    FaultKind{
        "high", Lift::kSquat, "insufficient depth", "cm", 6.0, 25.0,
        [](const FilmPlan& p, std::size_t r) { return std::max(0.0, -100.0 * p.squat.reps[r].depth_m); },
        [](FilmPlan& p, std::size_t r, double size) {
          RepPlan& rep = p.squat.reps[r];
          rep.depth_m = size > 0.0 ? -0.01 * size : std::max(rep.depth_m, kDeepEnough_m);
        }},
    inUnit<&RepPlan::lean_gain_deg>("hips-first", Lift::kSquat,
                                    "hips rise faster than shoulders out of the bottom", "deg", 14.0, 25.0),
    inUnit<&RepPlan::chest_first_deg>("chest-first", Lift::kSquat,
                                      "chest leads, knees go forward out of the bottom", "deg", 10.0, 15.0),
    inUnit<&RepPlan::bar_forward_m>("bar-forward", Lift::kSquat, "bar drifts forward", "cm", 8.0, 12.0),
    inUnit<&RepPlan::heels_up_m>("heels-up", Lift::kSquat, "heels lift at the bottom", "cm", 3.0, 6.0),
    inUnit<&RepPlan::cave_deg>("knees-cave", Lift::kSquat, "knees cave in on the ascent", "deg", 20.0, 40.0),
    inUnit<&RepPlan::right_low_m>("bar-uneven", Lift::kSquat,
                                  "bar lies lower on the right, between the hands", "cm", 3.0, 8.0),
    inUnit<&RepPlan::tuck_m>("tail-tuck", Lift::kSquat,
                             "pelvis tucks under at the bottom, the back's middle goes back", "cm", 4.0, 8.0),
    FaultKind{"dive", Lift::kSquat, "drops loose: descent short of a second", "s", 0.5, 0.6,
              [](const FilmPlan& p, std::size_t r) {
                return std::max(0.0, kEasyDescent_s - p.squat.reps[r].descent_s);
              },
              [](FilmPlan& p, std::size_t r, double size) {
                RepPlan& rep = p.squat.reps[r];
                rep.descent_s = size > 0.0 ? kEasyDescent_s - size : std::max(rep.descent_s, kEasyDescent_s);
              }},
    inUnit<&PullPlan::hips_first_deg>("hips-first", Lift::kDeadlift,
                                      "hips shoot up before the bar leaves the floor", "deg", 8.0, 15.0),
    inUnit<&PullPlan::rolls_m>("bar-rolls", Lift::kDeadlift, "bar rolls forward before it leaves the floor",
                               "cm", 4.0, 8.0),
    inUnit<&PullPlan::drift_m>("bar-forward", Lift::kDeadlift, "bar drifts forward off the floor", "cm", 6.0,
                               15.0),
    inUnit<&PullPlan::round_m>("back-rounds", Lift::kDeadlift, "the back's middle goes back off the floor",
                               "cm", 5.0, 10.0),
    inUnit<&PullPlan::bent_arms_m>("arms-bend", Lift::kDeadlift,
                                   "elbows bend: hands nearer the shoulders off the floor", "cm", 4.0, 8.0),
    inUnit<&PullPlan::lean_back_deg>("leans-back", Lift::kDeadlift, "leans back past upright at lock-out",
                                     "deg", 10.0, 20.0),
    inUnit<&PullPlan::swing_m>("early-knees", Lift::kDeadlift,
                               "knees bend early on the way down, the bar swings out", "cm", 6.0, 12.0),
    inUnit<&PullPlan::lands_forward_m>("lands-forward", Lift::kDeadlift,
                                       "bar lands in front of where it started", "cm", 4.0, 10.0),
    inUnit<&PressPlan::right_lags_m>("right-lags", Lift::kBench, "bar tilt, right hand lags", "cm", 5.0,
                                     12.0),
    FaultKind{
        "no-pause", Lift::kBench, "no pause on the chest: short of a quarter of a second", "s", 0.22, 0.25,
        [](const FilmPlan& p, std::size_t r) { return std::max(0.0, kPause_s - p.bench.reps[r].pause_s); },
        [](FilmPlan& p, std::size_t r, double size) {
          PressPlan& rep = p.bench.reps[r];
          rep.pause_s = size > 0.0 ? kPause_s - size : std::max(rep.pause_s, kCleanPause_s);
        }},
    inUnit<&PressPlan::touch_off_m>("touch-wanders", Lift::kBench,
                                    "touches the chest farther toward the feet", "cm", 4.0, 8.0),
    inUnit<&PressPlan::sinks_m>("sinks", Lift::kBench, "bar sinks into the chest and is heaved", "cm", 2.0,
                                4.0),
    inUnit<&PressPlan::seat_up_m>("seat-lifts", Lift::kBench, "seat lifts off the bench on the ascent", "cm",
                                  5.0, 12.0),
    inUnit<&PressPlan::foot_slides_m>("feet-move", Lift::kBench, "feet slide toward the head on the ascent",
                                      "cm", 6.0, 15.0),
    inUnit<&PressPlan::head_up_m>("head-lifts", Lift::kBench, "head lifts off the bench on the ascent", "cm",
                                  6.0, 12.0),
    inUnit<&PressPlan::shoulders_roll_m>("shoulders-roll", Lift::kBench,
                                         "shoulders come off the bench toward lock-out", "cm", 4.0, 7.0),
};

}  // namespace

std::span<const FaultKind> faultKinds() {
  return kKinds;
}

const FaultKind* faultNamed(std::string_view name, Lift lift) {
  const auto found = std::find_if(kKinds.begin(), kKinds.end(),
                                  [&](const FaultKind& k) { return k.name == name && k.lift == lift; });
  return found == kKinds.end() ? nullptr : &*found;
}

std::size_t repCount(const FilmPlan& plan) {
  return plan.lift == Lift::kSquat   ? plan.squat.reps.size()
         : plan.lift == Lift::kBench ? plan.bench.reps.size()
                                     : plan.deadlift.reps.size();
}

Expected<void> plantFault(FilmPlan& plan, const FaultKind& kind, std::size_t rep, double size) {
  const std::string name(kind.name);
  if (kind.lift != plan.lift) return fail(Remedy::kCorrectInput, "“" + name + "” is no fault of this lift.");
  if (rep >= repCount(plan))
    return fail(Remedy::kCorrectInput, "A fault is asked for on rep " + std::to_string(rep + 1) +
                                           ", but there are " + std::to_string(repCount(plan)) + " reps.");
  if (!(size > 0.0 && size <= kind.most))
    return fail(Remedy::kCorrectInput, "The size of “" + name + "” lies between 0 and " +
                                           std::to_string(kind.most).substr(0, 4) + " " +
                                           std::string(kind.unit) + ".");
  kind.plant(plan, rep, size);
  return {};
}

void clearFaults(FilmPlan& plan) {
  for (const FaultKind& kind : kKinds) {
    const std::size_t reps = kind.lift == Lift::kSquat   ? plan.squat.reps.size()
                             : kind.lift == Lift::kBench ? plan.bench.reps.size()
                                                         : plan.deadlift.reps.size();
    for (std::size_t r = 0; r < reps; ++r) kind.plant(plan, r, 0.0);
  }
}

}  // namespace mottix
