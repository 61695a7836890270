// Arms at the touch of a bench press with the forearms vertical, and how far the bar travels.
//
// Frame, metres: origin at the right shoulder joint, x toward the feet along the trunk, y up from the bench,
// z outward. The forearm stands upright under the bar, so the elbow lies straight under the hand; how far the
// upper arm drops is set by forearm and chest, how far it goes out by the grip, and what is left of its
// length goes toward the feet: that is the touch point. All in closed form.
//
// Assumption: both sides alike, shoulders on the bench. Failure: `feasible` is false with the reason.
#pragma once

#include "core/base/error.h"
#include "core/body/athlete_body.h"

namespace mottix {

struct BenchSetup {
  double grip_m = 0.78;                 // between the middles of the hands
  double chest_over_shoulder_m = 0.12;  // bar on the chest over the shoulder joint: chest, arch, bar
  double load_kg = 60.0;

  Expected<void> validate() const;
};
// The usual start: index fingers twice as far apart as the shoulder points (both clavicles).
double gripFromClavicles_m(const Body& body);

enum class BenchLimit {
  kNone,
  kTooWide,    // the upper arm does not reach that far out
  kTooNarrow,  // the elbow would lie inside the ribs
};

struct BenchPosture {
  double elbow_flexion_deg = 0.0;      // 0 straight
  double upper_arm_deg = 0.0;          // to the trunk, in space: 0 along the ribs, 90 straight out
  double touch_from_shoulder_m = 0.0;  // along the trunk toward the feet
  double range_of_motion_m = 0.0;      // the bar's way, straight
  double shoulder_lever_m = 0.0;       // horizontal, shoulder joint to hand
  double shoulder_moment_nm = 0.0;     // of the bar, both sides together
};

struct BenchSolution {
  bool feasible = false;
  BenchLimit limited_by = BenchLimit::kNone;
  BenchPosture posture;
};
BenchSolution solveBench(const Body& body, const BenchSetup& setup);

}  // namespace mottix
