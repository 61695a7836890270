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

#include "core/body/athlete_body.h"
#include "core/mechanics/bench_posture.h"
#include "core/mechanics/deadlift_posture.h"
#include "core/mechanics/squat_posture.h"
#include "core/motion/tracks.h"

namespace mottix {

enum class SquatSchool { kBase, kHipLed, kUpright, kWide, kKneeSparing, kKneeLoading };
std::string_view nameOf(SquatSchool school);  // as in files: "base", "hip-led", …
std::optional<SquatSchool> squatSchoolNamed(std::string_view name);
std::string_view nameOf(BarPosition position);  // "high", "middle", "low", "front", "safety"
std::optional<BarPosition> barPositionNamed(std::string_view name);

enum class ComplaintJoint { kAnkle, kKnee, kHip, kBack, kShoulder, kElbow, kWrist, kBloodPressure };
std::string_view nameOf(ComplaintJoint joint);
std::optional<ComplaintJoint> complaintJointNamed(std::string_view name);
struct Complaint {
  ComplaintJoint joint = ComplaintJoint::kKnee;
  int level = 0;  // 0..10
  bool operator==(const Complaint&) const = default;
};
// From this level on it shapes the set-up, and no load is raised.
inline constexpr int kComplaintThatCounts = 4;

enum class FitReason {
  kShoulderWidth,  // the common start
  kUprightStyle,   // hip width for those who squat upright
  kLongThighs,
  kLongLegsShortTrunk,
  kAnkleStops,  // the shin would lean further than the ankle gives
  kAnkleEnough,
  kWithStance,  // follows from the stance
  kSchoolAsks,
  kSoreKnee,
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
  kLongHand
};

struct Suggestion {
  std::string_view id;
  std::optional<double> value;  // in `unit`
  std::string_view choice;      // instead of a value
  std::string_view unit;        // "cm", "deg", "mm", "feet" (own foot lengths), "steps" or ""
  FitReason reason;
  SquatSchool school = SquatSchool::kBase;  // whose rule
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
  std::optional<double> heel_distance_m, heel_raise_m, hip_below_knee_m;
  double load_kg = 60.0;
};
SquatFit suggestSquat(const Body& body, const std::vector<Complaint>& complaints, SquatSchool school,
                      const SquatWishes& wishes);

struct DeadliftFit {
  DeadliftSetup setup;  // of the style suggested
  DeadliftSolution conventional, sumo;
  const DeadliftSolution& solution() const {
    return setup.style == DeadliftStyle::kSumo ? sumo : conventional;
  }
  std::vector<Suggestion> suggestions;
  std::vector<FitCaution> cautions;
};
DeadliftFit suggestDeadlift(const Body& body, const std::vector<Complaint>& complaints,
                            std::optional<DeadliftStyle> style, double load_kg);

struct BenchFit {
  BenchSetup setup;
  BenchSolution solution;
  std::vector<Suggestion> suggestions;
  std::vector<FitCaution> cautions;
};
BenchFit suggestBench(const Body& body, const std::vector<Complaint>& complaints, double load_kg);

}  // namespace mottix
