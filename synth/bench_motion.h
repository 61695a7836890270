// A bench press: the lifter lies with the head toward -X and the feet toward +X; the bar comes down to the
// chest and goes up and back over the shoulders, save for what is planted.
#pragma once

#include "synth/lift_motion.h"

namespace mottix {

struct PressPlan {
  double touch_m = 0.09;       // of the bar at the chest from the shoulder, toward the feet
  double pause_s = 0.5;        // on the chest
  double right_lags_m = 0.0;   // planted: greatest height by which the right hand stays behind on the way up
  double touch_off_m = 0.0;    // planted: the touch farther toward the feet
  double sinks_m = 0.0;        // planted: of the bar into the chest, in the middle of the pause
  double seat_up_m = 0.0;      // planted: of the hips off the bench, on the way up
  double forward_m = 0.0;      // planted: toward the feet on the way up, before it goes back
  double foot_slides_m = 0.0;  // planted: toward the head, on the way up
  double head_up_m = 0.0;      // planted: off the bench, on the way up
  double shoulders_roll_m = 0.0;  // planted: off the bench, toward lock-out
  double elbows_out_deg = 0.0;    // planted: about the line from shoulder to wrist, with the bar on the chest
  double wrists_bend_deg = 0.0;   // planted: back toward the head, with the bar on the chest
  double sticks_low_s = 0.0;      // planted: it stands still off the chest, and near the top
  double sticks_high_s = 0.0;
  double fails_at = 0.0;  // planted: part of the way up from which it sinks back, to be helped up
  double descent_s = 1.3;
  double ascent_s = 1.1;
  Ease down, up;
};

struct BenchPlan {
  LifterBuild build;
  std::vector<PressPlan> reps = {PressPlan{}, PressPlan{}, PressPlan{}};
  double still_before_s = 1.2;  // arms straight
  double still_between_s = 0.8;
  double grip_half_m = 0.38;

  Expected<void> validate() const;
};

// The bench itself (m): height of its top, half its width.
inline constexpr double kBenchTop_m = 0.43, kBenchHalf_m = 0.14;

class BenchMotion : public LiftMotion {
 public:
  explicit BenchMotion(BenchPlan plan);  // the plan must be valid
  const LifterBuild& build() const override { return plan_.build; }
  LiftPose at(double time_s) const override;
  Vec3 shoulder_m() const;  // right one; it lies still

 private:
  BenchPlan plan_;
  Vec2 top_ = Vec2::Zero();  // of the bar at lock-out
};

}  // namespace mottix
