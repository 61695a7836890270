// Joints of a bench press, placed by what a keypoint network saw of the lying lifter.
//
// A network's points of somebody who lies are 1-3 % of the height off, alike from picture to picture: two
// such errors at the ends of a shank turn it by ten degrees. So the body is solved for from where most
// pictures show its joints, with
//   - the athlete's lengths, or the usual ones for an unknown height (core/body); the legs go out to either
//   side
//     of the bench, which shortens the thigh in the picture,
//   - hips and shoulders on the bench, about level, and feet on the floor under it,
//   - how a network is off in such a picture on films with truth.
// Least squares; errors from its covariance. All in the lifter's frame (SideCamera; x toward the feet), each
// joint on the plane where it lies.
//
// Failure: hip, knee, ankle or shoulder are seen in fewer than three pictures (kMarkByHand).
#pragma once

#include <optional>
#include <vector>

#include "core/motion/seen_joints.h"

namespace mottix {

// The joints that most pictures show, as they are read: enough to lay a square round the body.
Expected<FoundJoints> mostlyLyingJoints(const std::vector<SeenJoints>& seen, double height_px);

// The same solved for, from pictures read in squares laid by the body (vision/body_points.h). On the first of
// the pictures.
Expected<FoundJoints> estimateLyingJoints(const std::vector<SeenJoints>& seen, const SideCamera& camera,
                                          const std::optional<Body>& body);

}  // namespace mottix
