// Joints of a bench press, placed by what a keypoint network saw of the lying lifter.
//
// A network's points of somebody who lies are 1-3 % of the height off, alike from picture to picture: two
// such errors at the ends of a shank turn it by ten degrees. So the body is solved for from where most
// pictures show its joints, with
//   - the athlete's lengths, or the usual ones for an unknown height (core/body); the legs go out to either
//     side of the bench, which shortens the thigh in the picture,
//   - hips and shoulders on the bench, about level, and feet on the floor under it,
//   - the outline of hip, thigh, shin and foot, from which a joint lies about as far as in most bodies: it
//     shows which way the legs go,
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

// Where the body's outline is met from the line between two joints: under the hip, under the thigh near the
// hip and near the knee, before the shin near the knee and near the foot, under the foot.
enum class Outline {
  kUnderHip,
  kUnderThigh,
  kUnderThighFurther,
  kBeforeShin,
  kBeforeShinFurther,
  kUnderFoot
};
inline constexpr std::size_t kOutlineCount = 6;
using SeenOutline = std::array<std::optional<Vec2>, kOutlineCount>;

// From where in the picture, and which way (unit), it is to be looked for.
struct OutlineRay {
  Vec2 from_px, way_px;
};
OutlineRay outlineRay(Outline which, const PlacedPoints& lies);

// The joints that most pictures show, as they are read: enough to lay a square round the body.
Expected<FoundJoints> mostlyLyingJoints(const std::vector<SeenJoints>& seen, double height_px);

// The same solved for, from pictures read in squares laid by the body (vision/body_points.h), and from its
// outline as most of them show it. On the first of the pictures.
Expected<FoundJoints> estimateLyingJoints(const std::vector<SeenJoints>& seen, const SeenOutline& outline,
                                          const SideCamera& camera, const std::optional<Body>& body);

}  // namespace mottix
