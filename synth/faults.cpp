#include "synth/faults.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace mottix {
namespace {

// Reps without the fault: a full squat, an easy descent, a real pause.
constexpr double kDeepEnough_m = 0.03, kEasyDescent_s = 1.0, kPause_s = 0.25, kCleanPause_s = 0.4;

template <typename Plan>
auto& repOf(Plan& plan, std::size_t rep, double RepPlan::*) {
  return plan.squat.reps[rep];
}
template <typename Plan>
auto& repOf(Plan& plan, std::size_t rep, double PullPlan::*) {
  return plan.deadlift.reps[rep];
}
template <typename Plan>
auto& repOf(Plan& plan, std::size_t rep, double PressPlan::*) {
  return plan.bench.reps[rep];
}

constexpr double kCentimetres = 100.0, kDegrees = 1.0;  // in one of what the plan counts in
constexpr double kPercent = 100.0, kSeconds = 1.0;

// A fault whose size is one value of the rep's plan.
template <auto Member, double kPer>
constexpr FaultKind ofRep(std::string_view name, Lift lift, std::string_view words, double usual, double most,
                          std::string_view unit = kPer == kDegrees ? "deg" : "cm") {
  return {name,
          lift,
          words,
          unit,
          usual,
          most,
          [](const FilmPlan& p, std::size_t r) { return kPer * (repOf(p, r, Member).*Member); },
          [](FilmPlan& p, std::size_t r, double size) { repOf(p, r, Member).*Member = size / kPer; }};
}

constexpr std::array kKinds = {
    FaultKind{
        "high", Lift::kSquat, "insufficient depth", "cm", 6.0, 25.0,
        [](const FilmPlan& p, std::size_t r) { return std::max(0.0, -100.0 * p.squat.reps[r].depth_m); },
        [](FilmPlan& p, std::size_t r, double size) {
          RepPlan& rep = p.squat.reps[r];
          rep.depth_m = size > 0.0 ? -0.01 * size : std::max(rep.depth_m, kDeepEnough_m);
        }},
    ofRep<&RepPlan::lean_gain_deg, kDegrees>("hips-first", Lift::kSquat,
                                             "hips rise faster than shoulders out of the bottom", 14.0, 25.0),
    ofRep<&RepPlan::chest_first_deg, kDegrees>("chest-first", Lift::kSquat,
                                               "chest leads, knees go forward out of the bottom", 10.0, 15.0),
    ofRep<&RepPlan::bar_forward_m, kCentimetres>("bar-forward", Lift::kSquat, "bar drifts forward", 8.0,
                                                 12.0),
    ofRep<&RepPlan::heels_up_m, kCentimetres>("heels-up", Lift::kSquat, "heels lift at the bottom", 3.0, 6.0),
    ofRep<&RepPlan::cave_deg, kDegrees>("knees-cave", Lift::kSquat, "knees cave in on the ascent", 20.0,
                                        40.0),
    ofRep<&RepPlan::right_low_m, kCentimetres>("bar-uneven", Lift::kSquat,
                                               "bar lies lower on the right, between the hands", 3.0, 8.0),
    ofRep<&RepPlan::tuck_m, kCentimetres>(
        "tail-tuck", Lift::kSquat, "pelvis tucks under at the bottom, the back's middle goes back", 4.0, 8.0),
    ofRep<&RepPlan::chin_up_deg, kDegrees>("chin-up", Lift::kSquat, "head thrown back on the way up", 25.0,
                                           40.0),
    ofRep<&RepPlan::fails_at, kPercent>(
        "missed", Lift::kSquat, "sinks back from so much of the way up and is helped up", 60.0, 85.0, "%"),
    FaultKind{"dive", Lift::kSquat, "drops loose: descent short of a second", "s", 0.5, 0.6,
              [](const FilmPlan& p, std::size_t r) {
                return std::max(0.0, kEasyDescent_s - p.squat.reps[r].descent_s);
              },
              [](FilmPlan& p, std::size_t r, double size) {
                RepPlan& rep = p.squat.reps[r];
                rep.descent_s = size > 0.0 ? kEasyDescent_s - size : std::max(rep.descent_s, kEasyDescent_s);
              }},
    ofRep<&PullPlan::hips_first_deg, kDegrees>("hips-first", Lift::kDeadlift,
                                               "hips shoot up before the bar leaves the floor", 8.0, 15.0),
    ofRep<&PullPlan::rolls_m, kCentimetres>("bar-rolls", Lift::kDeadlift,
                                            "bar rolls forward before it leaves the floor", 4.0, 8.0),
    ofRep<&PullPlan::drift_m, kCentimetres>("bar-forward", Lift::kDeadlift,
                                            "bar drifts forward off the floor", 6.0, 15.0),
    ofRep<&PullPlan::round_m, kCentimetres>("back-rounds", Lift::kDeadlift,
                                            "the back's middle goes back off the floor", 5.0, 10.0),
    ofRep<&PullPlan::bent_arms_m, kCentimetres>(
        "arms-bend", Lift::kDeadlift, "elbows bend: hands nearer the shoulders off the floor", 4.0, 8.0),
    ofRep<&PullPlan::lean_back_deg, kDegrees>("leans-back", Lift::kDeadlift,
                                              "leans back past upright at lock-out", 10.0, 20.0),
    ofRep<&PullPlan::swing_m, kCentimetres>(
        "early-knees", Lift::kDeadlift, "knees bend early on the way down, the bar swings out", 6.0, 12.0),
    ofRep<&PullPlan::lands_forward_m, kCentimetres>("lands-forward", Lift::kDeadlift,
                                                    "bar lands in front of where it started", 4.0, 10.0),
    ofRep<&PullPlan::short_of_top, kPercent>("missed", Lift::kDeadlift,
                                             "lowered so much of the way short of lock-out", 12.0, 60.0, "%"),
    ofRep<&PressPlan::right_lags_m, kCentimetres>("right-lags", Lift::kBench, "bar tilt, right hand lags",
                                                  5.0, 12.0),
    FaultKind{
        "no-pause", Lift::kBench, "no pause on the chest: short of a quarter of a second", "s", 0.22, 0.25,
        [](const FilmPlan& p, std::size_t r) { return std::max(0.0, kPause_s - p.bench.reps[r].pause_s); },
        [](FilmPlan& p, std::size_t r, double size) {
          PressPlan& rep = p.bench.reps[r];
          rep.pause_s = size > 0.0 ? kPause_s - size : std::max(rep.pause_s, kCleanPause_s);
        }},
    ofRep<&PressPlan::touch_off_m, kCentimetres>("touch-wanders", Lift::kBench,
                                                 "touches the chest farther toward the feet", 4.0, 8.0),
    ofRep<&PressPlan::sinks_m, kCentimetres>("sinks", Lift::kBench, "bar sinks into the chest and is heaved",
                                             2.0, 4.0),
    ofRep<&PressPlan::forward_m, kCentimetres>("bar-forward", Lift::kBench,
                                               "bar goes toward the feet on the way up", 8.0, 12.0),
    ofRep<&PressPlan::seat_up_m, kCentimetres>("seat-lifts", Lift::kBench,
                                               "seat lifts off the bench on the ascent", 5.0, 12.0),
    ofRep<&PressPlan::foot_slides_m, kCentimetres>("feet-move", Lift::kBench,
                                                   "feet slide toward the head on the ascent", 6.0, 15.0),
    ofRep<&PressPlan::head_up_m, kCentimetres>("head-lifts", Lift::kBench,
                                               "head lifts off the bench on the ascent", 6.0, 12.0),
    ofRep<&PressPlan::shoulders_roll_m, kCentimetres>(
        "shoulders-roll", Lift::kBench, "shoulders come off the bench toward lock-out", 4.0, 7.0),
    ofRep<&PressPlan::sticks_low_s, kSeconds>("sticks-low", Lift::kBench, "bar sticks off the chest", 0.8,
                                              2.5, "s"),
    ofRep<&PressPlan::sticks_high_s, kSeconds>("sticks-high", Lift::kBench, "bar sticks near the top", 0.8,
                                               2.5, "s"),
    ofRep<&PressPlan::fails_at, kPercent>(
        "missed", Lift::kBench, "sinks back from so much of the way up and is helped up", 60.0, 85.0, "%"),
    ofRep<&PressPlan::elbows_out_deg, kDegrees>("elbows-out", Lift::kBench,
                                                "elbows turn out with the bar on the chest", 20.0, 35.0),
    ofRep<&PressPlan::wrists_bend_deg, kDegrees>("wrists-bend", Lift::kBench,
                                                 "wrists bend back with the bar on the chest", 25.0, 50.0),
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
