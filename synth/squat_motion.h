// A back squat as exact motion: segment lengths stay constant in space and the bar stays over mid-foot, save
// for what is planted.
//
// World frame (metres): X forward of the lifter, Y up, Z to the lifter's right, floor Y = 0, X = 0 is
// mid-foot. For a given shank lean and thigh angle the trunk lean follows in closed form from the bar's place
// over the foot.
#pragma once

#include <array>
#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/base/error.h"
#include "core/body/athlete_body.h"
#include "core/motion/tracks.h"

namespace mottix {

using Vec3 = Eigen::Vector3d;

// Lengths between joint centres. Defaults: share of height after Drillis & Contini (key drillis1966).
struct LifterBuild {
  double height_m = 1.75;
  double thigh_of_height = 0.245;
  double shank_of_height = 0.246;
  double trunk_of_height = 0.265;  // hip centre to shoulder centre with the upper back set
  double upper_arm_of_height = 0.160;
  double forearm_of_height = 0.146;
  double foot_of_height = 0.157;
  double girth = 1.0;  // of the limbs, against an average build

  Expected<void> validate() const;
};
// The build of a body; the trunk as it is under a bar.
LifterBuild buildOf(const Body& body);

struct RepPlan {
  double depth_m = 0.04;       // hip joint centre below knee joint centre at the bottom
  double lean_gain_deg = 0.0;  // planted: trunk lean gained on the way up (hips rise first)
  double bar_forward_m = 0.0;  // planted: bar in front of mid-foot at the bottom
  double descent_s = 1.55;
  double ascent_s = 1.30;
};

struct SquatPlan {
  LifterBuild build;
  std::vector<RepPlan> reps = {RepPlan{}, RepPlan{}, RepPlan{}};
  double still_before_s = 1.4;
  double still_between_s = 1.0;
  double turn_s = 0.03;         // at the bottom
  double lean_deg = 38.0;       // of the trunk at the bottom
  double stance_half_m = 0.19;  // ankle from the mid-plane
  double toe_out_deg = 25.0;
  double bar_above_m = 0.055;   // bar against the shoulder centre, along the trunk
  double bar_behind_m = 0.085;  // and behind it
  double grip_half_m = 0.36;

  Expected<void> validate() const;
};

struct Side {  // of the body
  std::array<Vec3, kJointCount> joint;
};

struct SquatPose {
  Side right, left;
  Vec3 bar = Vec3::Zero();  // middle of the bar
  double trunk_lean_deg = 0.0;
};

struct RepEvents {
  double start_s = 0.0, bottom_s = 0.0, ascent_start_s = 0.0, top_s = 0.0, end_s = 0.0;
};

class SquatMotion {
 public:
  explicit SquatMotion(SquatPlan plan);  // the plan must be valid
  const SquatPlan& plan() const { return plan_; }
  const std::vector<RepEvents>& events() const { return events_; }
  // The same by what the bar does: when the hips rise first, its lowest point comes a little after the
  // planned one.
  RepEvents seenEvents(std::size_t rep) const;
  double duration_s() const { return duration_s_; }
  SquatPose at(double time_s) const;

 private:
  // Steered; the shank follows from the bar's place over the foot.
  struct Posture {
    double thigh_rad, lean_rad, bar_x_m;
  };

  SquatPlan plan_;
  std::vector<RepEvents> events_;
  std::vector<Posture> bottoms_;       // one a rep
  std::vector<double> lean_bump_rad_;  // per rep: height of the bump that gains the planned lean
  double duration_s_ = 0.0;

  Posture bottom(const RepPlan& rep) const;
  Posture postureAt(double time_s) const;
  SquatPose solve(const Posture& posture) const;
  double greatestGain_deg(std::size_t rep) const;
};

}  // namespace mottix
