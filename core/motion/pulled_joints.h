// Joints of a deadlift, placed by what a keypoint network saw of the lifter while standing.
//
// A network reads a lifter who stands (at lock-out, or over the bar before bending down) well, but one who is
// folded over the bar only when it is known how the trunk is turned (vision/body_points.h). So lengths come
// from the pictures of standing, and the set-up follows from them, from where the bar lies, as bodies can
// only hold it in one way (practice), and from what was read there, if it has been:
//   - arms straight, as long as at lock-out; the shoulder slightly before the bar,
//   - the shin touches the bar, which lies over mid-foot,
//   - shank, thigh and trunk keep their lengths, feet stay where they are;
// at lock-out the legs are straight, the trunk upright and the bar lies against the thigh. Least squares;
// errors from its covariance. All in the lifter's frame (SideCamera), each joint on the plane where it lies.
//
// Failure: fewer than three pictures of lock-out with ankle and shoulder seen (kMarkByHand).
#pragma once

#include "core/motion/seen_joints.h"

namespace mottix {

// Straight legs: the knee joint that much before the line from ankle to hip; own allowance.
inline constexpr Estimate kKneeBeforeLeg_m{0.015, 0.015};
// Who stands tall has the trunk upright and is not leaning back (practice): tangent of the lean, 4 degrees;
// own allowance.
inline constexpr double kUprightLean = 0.07;
// The bar lies against the thigh at lock-out: half a thigh (circumference 0.6 m, gordon1989) and the bar's
// radius in front of the leg's line.
inline constexpr Estimate kBarBeforeThigh_m{0.105, 0.025};
// In the set-up the shin touches the bar (practice): half a shank's depth and the bar's radius.
inline constexpr Estimate kBarBeforeShin_m{0.052, 0.015};
// The hip joint lies before the hindmost point of the buttocks by about half their depth, and about as high
// (gordon1989: buttock depth 0.25 m); own allowances.
inline constexpr Estimate kHipBeforeHindmost_m{0.12, 0.025};
inline constexpr double kHipAsHigh_m = 0.05;

struct SeenPull {
  std::vector<SeenJoints> lock_out;
  std::vector<SeenJoints> before;  // may be empty: the lifter stands over the bar that lies on the floor
  std::vector<SeenJoints> set_up;  // may be empty: hands on the bar, read in a square laid by the body
  std::size_t set_up_frame = 0;    // just before the bar first leaves the floor
  Vec2 set_up_bar_px = Vec2::Zero();
  std::optional<Vec2> hindmost_px;  // of the lifter in the set-up (vision/back_outline.h)
  bool wide_stance = false;         // the coach has said so (sumo)
};

struct FoundPull {
  FoundJoints set_up;    // where carrying starts
  FoundJoints lock_out;  // on the first picture of it
  bool wide_stance = false;
};

Expected<FoundPull> estimatePulledJoints(const SeenPull& seen, const SideCamera& camera,
                                         const std::optional<Body>& body);

}  // namespace mottix
