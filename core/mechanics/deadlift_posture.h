// The posture in which this body starts to pull a bar from the floor, conventional or sumo.
//
// Side view, metres: x forward, y up, origin on the floor at mid-foot. The bar lies over mid-foot and touches
// the shin, the arms hang straight from a shoulder slightly in front of the bar, and the hip is where thigh
// and trunk meet behind the knee: all in closed form. The leg is solved in space, its plane turned out with
// the toes; a wide grip shortens the arms as seen from the side.
//
// Assumptions: both sides alike, back in its set shape, sole flat. Failure: `feasible` is false with the
// reason.
#pragma once

#include <Eigen/Core>

#include "core/base/error.h"
#include "core/body/athlete_body.h"
#include "core/mechanics/squat_posture.h"

namespace mottix {

enum class DeadliftStyle { kConventional, kSumo };

struct DeadliftSetup {
  DeadliftStyle style = DeadliftStyle::kConventional;
  double heel_distance_m = 0.25;
  double toe_out_deg = 15.0;
  double hand_distance_m = 0.48;   // between the middles of the hands
  double bar_height_m = 0.225;     // of the bar's middle over the floor: half a plate, more on blocks
  double shoulder_ahead_m = 0.05;  // of the bar
  double load_kg = 80.0;

  Expected<void> validate() const;
};
// The usual feet and hands of a style for this body.
DeadliftSetup usualDeadlift(const Body& body, DeadliftStyle style);

enum class DeadliftLimit {
  kNone,
  kShin,   // the bar lies above the knee or cannot touch the shin
  kArms,   // the hands stand too far apart for these arms
  kReach,  // arms, trunk and thigh do not meet: the body cannot reach the bar
  kAnkle,  // the shin would lean further than the ankle allows
};

struct DeadliftPosture {
  Vec2d heel = Vec2d::Zero(), toe = Vec2d::Zero(), ankle = Vec2d::Zero(), knee = Vec2d::Zero();  // m
  Vec2d hip = Vec2d::Zero(), shoulder = Vec2d::Zero(), bar = Vec2d::Zero();
  double trunk_lean_deg = 0.0;
  double shin_lean_deg = 0.0;
  double thigh_deg = 0.0;  // from horizontal; negative: hip below knee
  double hip_flexion_deg = 0.0;
  double knee_flexion_deg = 0.0;
  double arm_deg = 0.0;  // shoulder to hand from vertical, positive: hand behind the shoulder
  double hip_height_m = 0.0;
  double knee_ahead_of_arm_m = 0.0;  // knee against the arm at its height: positive in front
  double hip_lever_m = 0.0, knee_lever_m = 0.0;
  double hip_moment_nm = 0.0, knee_moment_nm = 0.0;  // of the bar; negative knee: the bar pulls it straight
  double bar_from_shin_m = 0.0;                      // when standing with the shins upright
};

struct DeadliftSolution {
  bool feasible = false;
  DeadliftLimit limited_by = DeadliftLimit::kNone;
  DeadliftPosture posture;
};
DeadliftSolution solveDeadlift(const Body& body, const JointLimits& limits, const DeadliftSetup& setup);

}  // namespace mottix
