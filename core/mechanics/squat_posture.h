// The posture at the bottom of a squat that this body takes when the load balances over mid-foot.
//
// Side view, metres: x forward, y up, origin on the floor at mid-foot (half-way from heel to toe). Joints are
// joint centres. The leg is solved in space: its plane is turned out with the toes, so that a wide stance and
// turned-out toes shorten shank and thigh as seen from the side. For a given lean of the shin the hip follows
// from the asked depth, and the trunk's lean in closed form from the balance:
//   A·sin(lean) - B·cos(lean) = C.
// The lean of the shin is where hip and knee share the load as the bar's position asks (ratio of their lever
// arms), held within what ankle, knee and hip allow.
//
// Assumptions: both sides alike, back stiff, knees over the toes, whole foot down. Load shares: high and low
// bar wretenberg1996, the others in between by own allowance. Masses and their centres: winter2009.
// Failure: `feasible` is false and `limited_by` says why; no number of the posture is then given out.
#pragma once

#include <optional>

#include <Eigen/Core>

#include "core/base/error.h"
#include "core/body/athlete_body.h"

namespace mottix {

enum class BarPosition { kHigh, kMiddle, kLow, kFront, kSafety };
enum class Balance { kBar, kSystem };  // what lies over mid-foot: the bar, or bar and body together

struct JointLimits {
  double dorsiflexion_deg = 38.0;   // shin against the sole
  double knee_flexion_deg = 150.0;  // calf meets thigh
  double hip_flexion_deg = 130.0;   // pelvis included; more with the knees out, see hipRoom_deg
  double trunk_lean_deg = 80.0;
};

struct SquatSetup {
  BarPosition bar = BarPosition::kHigh;
  double heel_distance_m = 0.36;  // between the middles of the heels
  double toe_out_deg = 25.0;
  double heel_raise_m = 0.0;          // of the heel over the ball of the foot
  double hip_below_knee_m = 0.03;     // at the bottom; negative: above
  std::optional<double> hip_to_knee;  // ratio of the lever arms; without, the bar position's own
  double load_kg = 60.0;
  Balance balance = Balance::kBar;

  Expected<void> validate() const;
};

// How hip and knee share the load with this bar position: lever arm of the hip over that of the knee.
double usualHipToKnee(BarPosition position);
// Where the bar's middle lies with this position on a trunk from hip to shoulder joint (metres, side view).
Eigen::Vector2d barOnTrunk(BarPosition position, const Eigen::Vector2d& hip, const Eigen::Vector2d& shoulder);
// More flexion of the hip when the thighs open, up to 10 degrees at 35 degrees of toe-out.
double hipRoom_deg(double toe_out_deg);

enum class PostureLimit {
  kNone,
  kAnkle,    // the shin leans as far as the ankle allows
  kKnee,     // the knee bends as far as it can
  kHip,      // the hip bends as far as it can
  kTrunk,    // leaning further would leave the asked range
  kStance,   // the feet stand too far apart for these legs
  kDepth,    // deeper than the thigh is long
  kBalance,  // no lean brings the load over mid-foot
};

using Vec2d = Eigen::Vector2d;

struct SquatPosture {
  Vec2d heel = Vec2d::Zero(), toe = Vec2d::Zero(), ankle = Vec2d::Zero(), knee = Vec2d::Zero();  // m
  Vec2d hip = Vec2d::Zero(), shoulder = Vec2d::Zero(), bar = Vec2d::Zero();
  double trunk_lean_deg = 0.0;    // from vertical
  double shin_lean_deg = 0.0;     // from vertical, seen from the side
  double thigh_deg = 0.0;         // from horizontal; negative: hip below knee
  double dorsiflexion_deg = 0.0;  // against the sole
  double hip_flexion_deg = 0.0;   // in space; 0 straight
  double knee_flexion_deg = 0.0;
  double hip_lever_m = 0.0;  // horizontal, joint to the bar's line of gravity
  double knee_lever_m = 0.0;
  double hip_moment_nm = 0.0;  // of the bar, both sides together
  double knee_moment_nm = 0.0;
  double knee_past_toe_m = 0.0;
};

struct SquatSolution {
  bool feasible = false;
  PostureLimit limited_by = PostureLimit::kNone;  // what bounds the posture, or forbids it
  SquatPosture posture;                           // only when feasible
};

// The setup must be valid. Never gives NaN.
SquatSolution solveSquat(const Body& body, const JointLimits& limits, const SquatSetup& setup);

// Deepest hip below knee that has a posture, to 1 mm, between 30 cm above and 30 cm below; and what ends it.
struct DeepestSquat {
  std::optional<double> hip_below_knee_m;
  PostureLimit limited_by = PostureLimit::kNone;
};
DeepestSquat findDeepestSquat(const Body& body, const JointLimits& limits, SquatSetup setup);

JointLimits limitsOf(const Body& body);

}  // namespace mottix
