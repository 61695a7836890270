// A deadlift: the lifter stands, takes hold of the bar and pulls it over mid-foot, save for what is planted.
//
// Arms hang from the shoulders, which stay slightly before the bar until it has passed the knee and are
// behind it at lock-out; the legs open so that the bar stays in touch with them. The hip lies where legs and
// trunk meet.
#pragma once

#include "synth/lift_motion.h"

namespace mottix {

struct PullPlan {
  double drift_m = 0.0;          // planted: bar in front of its line, greatest at the middle of the pull
  double hips_first_deg = 0.0;   // planted: trunk lean gained before the bar leaves the floor
  double rolls_m = 0.0;          // planted: bar forward on the floor before the pull, and back on the way up
  double round_m = 0.0;          // planted: back's middle behind its line from before lift-off to the knee
  double bent_arms_m = 0.0;      // planted: hands nearer the shoulders, from the floor to half way
  double lean_back_deg = 0.0;    // planted: past upright at lock-out
  double swing_m = 0.0;          // planted: bar forward on the way down, the knees bending early
  double lands_forward_m = 0.0;  // planted: of where it started; it rolls back before the next rep
  double short_of_top = 0.0;     // planted: part of the way that the bar stays short of lock-out
  double pull_s = 1.2;
  double hold_s = 0.5;  // at lock-out
  double lower_s = 1.15;
  Ease up, down;
};

struct DeadliftPlan {
  LifterBuild build;
  std::vector<PullPlan> reps = {PullPlan{}, PullPlan{}, PullPlan{}};
  double stand_s = 0.8;          // before the lifter bends down
  double still_before_s = 0.9;   // hands on the bar, before the first pull
  double still_between_s = 1.1;  // bar on the floor
  double stance_half_m = 0.13;   // ankle from the mid-plane
  double toe_out_deg = 15.0;
  double grip_half_m = 0.28;
  double shin_lean_deg = 13.0;     // in the set-up
  double shoulder_ahead_m = 0.04;  // of the bar, in the set-up
  double bar_x_m = 0.01;           // in front of mid-foot

  // Feet wide, hands between them.
  static DeadliftPlan sumo();
  Expected<void> validate() const;
};

class DeadliftMotion : public LiftMotion {
 public:
  explicit DeadliftMotion(DeadliftPlan plan);  // the plan must be valid
  const LifterBuild& build() const override { return plan_.build; }
  LiftPose at(double time_s) const override;

 private:
  // In the side view (m): how far the legs have come from set-up (0) to lock-out (1), and where the bar is.
  struct Posture {
    double legs = 0.0;
    double part = 0.0;  // of the bar's way
    Vec2 bar = Vec2::Zero();
    double hands_off = 0.0;                                 // 1: the arms hang free
    double round_m = 0.0, shorter_m = 0.0, back_deg = 0.0;  // planted: of back, arms, and past upright
  };

  DeadliftPlan plan_;
  Vec2 ankle_ = Vec2::Zero();
  Vec2 low_knee_ = Vec2::Zero(), low_hip_ = Vec2::Zero();  // in the set-up
  Vec2 high_hip_ = Vec2::Zero();                           // at lock-out
  double low_thigh_m_ = 0.0, arm_m_ = 0.0;                 // as long as they look from the side
  double shoulder_at_top_m_ = 0.0;                         // before the bar, at lock-out
  double knee_part_ = 0.0;                                 // of the way of the bar, where it passes the knee
  Vec3 knee_toward_ = Vec3(1.0, 0.0, 0.0);  // the way in which the knee leaves the line from ankle to hip
  double legs_lead_ = 0.0;                  // how much sooner the legs come than the bar, up to the knee
  std::vector<double> past_knee_;           // legs from there to lock-out, at even steps of the bar's way
  double top_y_m_ = 0.0;                    // of the bar at lock-out
  double down_s_ = 0.0;                     // when the hands are on the bar
  std::vector<double> legs_ahead_;          // one a rep: planted, part of the legs' course

  double legsFollow(double part) const;
  Vec2 freeHip(double legs) const;
  Vec2 heldHip(double legs, const Vec2& shoulder) const;
  Vec2 shoulder(const Vec2& bar, double part, double shorter_m = 0.0) const;  // part of the bar's way
  double lean_deg(double legs, double part) const;
  Posture postureAt(double time_s) const;
};

}  // namespace mottix
