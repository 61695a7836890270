// The set-up to begin with for this body and this lift, each part with its reason.
//
// A suggestion is a start for trial and error, never a verdict. Rules of thumb are the coaches' own (stance
// from the shoulders, bench grip from the clavicles, heels for stiff ankles or long thighs); where the body
// decides, the posture solver is asked. A school changes what it says it changes and nothing else.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/fit/fit_subject.h"
#include "core/mechanics/bench_posture.h"
#include "core/mechanics/deadlift_posture.h"
#include "core/mechanics/squat_posture.h"

namespace mottix {

enum class FitReason {
  kShoulderWidth,  // the common start
  kWideHips,       // hips wider than shoulders: the legs get their room first
  kUprightStyle,   // hip width for those who squat upright
  kLongThighs,
  kLongLegsShortTrunk,
  kAnkleStops,  // the shin would lean further than the ankle gives
  kAnkleEnough,
  kWithStance,  // follows from the stance
  kSchoolAsks,
  kSoreKnee,
  kSoreKneeDepth,
  kSoreHip,
  kSoreShoulder,
  kSoreBack,
  kHighBloodPressure,
  kFromPosture,  // where the solved posture puts it
  kMidSternum,
  kClavicles,
  kRingMarks,  // not outside the marks, 81 cm apart
  kUsual,
  kTrunkClearlyMoreUpright,
  kTrunkUprightEnough,
  kHeavyForTheHand,
  kLongHand,
  kStrapsAllowed,
  kNarrowAsShouldersAllow,
  kLongArms,
  kAsScreened,       // what the newest screen found
  kBackGivesWay,     // stop above where the pelvis tucks
  kHipsStayForward,  // toe touch: keeping the bar back will be hard
  kFederationAsks,
  kByFeltTension,
  kCoachFixed  // asked for, not suggested
};

// Hands are told by the index fingers, as coaches measure them; the postures want the middle of the hand,
// this much further out on each side (half a hand's breadth less a finger).
inline constexpr double kIndexFinger_m = 0.03;

struct Suggestion {
  std::string_view id;
  std::optional<double> value;  // in `unit`
  std::string_view choice;      // instead of a value
  std::string_view unit;        // "cm", "deg", "mm", "feet" (own foot lengths), "steps" or ""
  FitReason reason;
  std::string_view school = "base";  // whose rule, as in files
};

enum class FitCaution { kOpenComplaint, kBloodPressure, kNoPosture, kEstimatedLengths };

struct SquatFit {
  SquatSetup setup;
  SquatSolution solution;
  DeepestSquat deepest;
  std::vector<Suggestion> suggestions;
  std::vector<FitCaution> cautions;
};
// What the coach has fixed already; the rest is suggested round it.
struct SquatWishes {
  std::optional<BarPosition> bar;
  std::optional<double> heel_distance_m, toe_out_deg, heel_raise_m, hip_below_knee_m;
  double load_kg = 60.0;
  bool operator==(const SquatWishes&) const = default;
};
SquatFit suggestSquat(const FitSubject& who, SquatSchool school, const SquatWishes& wishes);

struct DeadliftFit {
  DeadliftSetup setup;  // of the style suggested
  DeadliftSolution conventional, sumo;
  const DeadliftSolution& solution() const {
    return setup.style == DeadliftStyle::kSumo ? sumo : conventional;
  }
  std::vector<Suggestion> suggestions;
  std::vector<FitCaution> cautions;
};
struct DeadliftWishes {
  std::optional<DeadliftStyle> style;
  // Of the style that is used; hands between the index fingers.
  std::optional<double> heel_distance_m, toe_out_deg, hand_distance_m;
  double load_kg = 80.0;
  bool operator==(const DeadliftWishes&) const = default;
};
DeadliftFit suggestDeadlift(const FitSubject& who, DeadliftSchool school, const DeadliftWishes& wishes);

struct BenchFit {
  BenchSetup setup;
  BenchSolution solution;
  std::vector<Suggestion> suggestions;
  std::vector<FitCaution> cautions;
};
struct BenchWishes {
  std::optional<double> grip_m;  // between the index fingers
  double load_kg = 60.0;
  bool operator==(const BenchWishes&) const = default;
};
BenchFit suggestBench(const FitSubject& who, BenchSchool school, const BenchWishes& wishes);

}  // namespace mottix
