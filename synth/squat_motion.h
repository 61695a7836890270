// A back squat: the bar stays over mid-foot, save for what is planted. For a given thigh angle and trunk lean
// the rest follows from the bar's place over the foot.
#pragma once

#include "synth/lift_motion.h"

namespace mottix {

struct RepPlan {
  double depth_m = 0.04;         // hip joint centre below knee joint centre at the bottom
  double lean_gain_deg = 0.0;    // planted: trunk lean gained on the way up (hips rise first)
  double chest_first_deg = 0.0;  // planted: trunk lean lost too soon on the way up (knees go forward)
  double bar_forward_m = 0.0;    // planted: bar in front of mid-foot at the bottom
  double heels_up_m = 0.0;       // planted: heels off the floor, most at the bottom
  double right_low_m = 0.0;      // planted: right hand below the left
  double tuck_m = 0.0;           // planted: back's middle behind its line, at the bottom alone
  double cave_deg = 0.0;         // planted: knees turned inward on the way up
  double chin_up_deg = 0.0;      // planted: head thrown back about the shoulders, on the way up
  double fails_at = 0.0;         // planted: part of the way up from which it sinks back, to be helped up
  double descent_s = 1.55;
  double ascent_s = 1.30;
  Ease down, up;
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

class SquatMotion : public LiftMotion {
 public:
  explicit SquatMotion(SquatPlan plan);  // the plan must be valid
  const SquatPlan& plan() const { return plan_; }
  const LifterBuild& build() const override { return plan_.build; }
  // When the hips rise first, the bar's lowest point comes a little after the planned one.
  RepEvents seenEvents(std::size_t rep) const override;
  LiftPose at(double time_s) const override;

 private:
  // Steered; the shank follows from the bar's place over the foot.
  struct Posture {
    double thigh_rad, lean_rad, bar_x_m, knees_out_deg;
    double heels_up_m = 0.0, slope = 0.0, round_m = 0.0, chin_up_rad = 0.0;
  };

  SquatPlan plan_;
  std::vector<Posture> bottoms_;       // one a rep
  std::vector<double> lean_bump_rad_;  // per rep: height of the bump that gains the planned lean

  Posture bottom(const RepPlan& rep) const;
  Posture postureAt(double time_s) const;
  LiftPose solve(const Posture& posture) const;
  double greatestGain_deg(std::size_t rep) const;
};

}  // namespace mottix
