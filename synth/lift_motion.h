// A lift as exact motion: what every lift of the simulated camera has in common.
//
// World frame (metres): X forward of the lifter (bench press: toward the feet), Y up, Z to the lifter's
// right, floor Y = 0. Squat and deadlift: X = 0 is mid-foot. Lengths between joint centres stay constant in
// space.
#pragma once

#include <array>
#include <memory>
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

  double thigh_m() const { return thigh_of_height * height_m; }
  double shank_m() const { return shank_of_height * height_m; }
  double trunk_m() const { return trunk_of_height * height_m; }
  double upperArm_m() const { return upper_arm_of_height * height_m; }
  double forearm_m() const { return forearm_of_height * height_m; }
  double foot_m() const { return foot_of_height * height_m; }
  Expected<void> validate() const;
};
// The build of a body; the trunk as it is under a bar.
LifterBuild buildOf(const Body& body);

struct Side {  // of the body
  std::array<Vec3, kSideJointCount> joint;
};

struct LiftPose {
  Side right, left;
  Vec3 bar = Vec3::Zero();      // middle of the bar
  double bar_slope = 0.0;       // rise of the bar for a metre to the lifter's right
  double back_round_m = 0.0;    // of the back's middle behind the line from hip to shoulder
  double trunk_lean_deg = 0.0;  // of the line from hip to shoulder from vertical
};

// Times of a rep. The turn is the lowest point (squat, bench press) or lock-out (deadlift), where the bar may
// rest until `leave_s`.
struct RepEvents {
  double start_s = 0.0, turn_s = 0.0, leave_s = 0.0, end_s = 0.0;
};

class LiftMotion {
 public:
  virtual ~LiftMotion() = default;
  const std::vector<RepEvents>& events() const { return events_; }
  // The same by what the bar does, where that differs from the plan.
  virtual RepEvents seenEvents(std::size_t rep) const { return events_[rep]; }
  double duration_s() const { return duration_s_; }
  virtual const LifterBuild& build() const = 0;
  virtual LiftPose at(double time_s) const = 0;

 protected:
  std::vector<RepEvents> events_;
  double duration_s_ = 0.0;
};

// Joint centres against the height: hips and shoulders (half their distance), ankle above the floor in shoes.
inline constexpr double kHipHalfOfHeight = 0.053, kShoulderHalfOfHeight = 0.095, kAnkleAboveFloor = 0.048;

// How a movement leaves its rest and comes to the next: near either its way grows with such a power of the
// time. 2: pushed off or braked evenly; 3: as softly as a minimum-jerk movement (key flash1985).
struct Ease {
  double off = 3.0, into = 3.0;
  bool valid() const { return off >= 2.0 && off <= 3.0 && into >= 2.0 && into <= 3.0; }
};

// Course from 0 to 1: the regularised incomplete beta function, which for 3 and 3 is the minimum-jerk course.
double course(double part, const Ease& ease = {});

// A way up that fails: it comes as far as `fails_at` (0..1), sinks back, and is then helped up. Zero: course.
double failingCourse(double part, double fails_at, const Ease& ease);
// A way up of `seconds` that sticks `at` (0..1) of it for `sticks_s` more; `since_s` from its start.
double stickingCourse(double since_s, double seconds, double at, double sticks_s, const Ease& ease);

// The hinge of two links between their ends, as far toward `toward` as it bends.
Vec3 hingeBetween(const Vec3& from, const Vec3& to, double first, double second, const Vec3& toward);

// Ankle, heel and toe of a foot on the floor with its middle at `middle`, turned out by `toe_out_deg`; the
// heel may be off the floor, the foot turning about the tip of the toe.
void placeFoot(Side& side, const LifterBuild& build, const Vec3& middle, double toe_out_deg,
               double heel_up_m = 0.0);

// The back's middle, and the pelvis a third of the way up to it, on the lifter's mid-plane.
Vec3 backMiddleOf(const LiftPose& pose);
Vec3 pelvisOf(const LiftPose& pose);

// The same joint on the other side of the lifter's mid-plane.
Side mirrored(const Side& side);

}  // namespace mottix
