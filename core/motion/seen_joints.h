// Joints placed by what a keypoint network saw in some pictures of a squat.
//
// The network's points lie 2-6 % of the height off, mostly alike from picture to picture, and those behind a
// plate are guesses. They are therefore not taken as they are: the body is solved for as a chain that has
// kept its lengths in all pictures, with
//   - what was seen, each point with the scatter found on clips with truth (seenScatter),
//   - the athlete's lengths, or the usual ones for an unknown height (core/body),
//   - the bar: on the trunk near the shoulder joint, over mid-foot while standing,
//   - how the trunk leans, as read in a square that is turned with it: a network guesses the shoulder behind
//     the plate, but in a steady direction from the hip,
//   - legs nearly straight while standing, feet that stay where they are.
// Least squares (Levenberg-Marquardt, Cauchy loss on what was seen); errors from its covariance. All in the
// lifter's frame (SideCamera), each joint on the plane where it lies.
//
// Failure: fewer than three pictures of a standing lifter with the legs seen (kMarkByHand).
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/base/error.h"
#include "core/body/athlete_body.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

// The trunk of a standing lifter, read in a square that was laid by where it was thought to be
// (vision/body_points.h): hip and shoulder, the latter also where the plate hides it.
struct SeenTrunk {
  Vec2 hip_px, shoulder_px;
  Vec2 laid_hip_px, laid_shoulder_px;
};

// The near side's points in one picture; a point that means nothing (hidden, outside) is left out.
struct SeenJoints {
  std::size_t frame = 0;
  bool standing = false;  // the lifter stands still between reps
  Vec2 bar_px = Vec2::Zero();
  std::array<std::optional<Vec2>, kJointCount> p_px;
  std::array<std::optional<Vec2>, kJointCount> far_px;  // of the farther side
  std::optional<SeenTrunk> trunk;
};

// Standard deviation of a seen point on each axis, as a part of the body's height. It is the same error in
// all pictures of one posture, so many pictures do not make it smaller. Round numbers read off the first
// eight clips of the table in docs/accuracy.md; that table is therefore no independent check of them.
double seenScatter(Joint joint);

struct FoundJoints {
  PlacedPoints points;  // on the first picture of the standing lifter
  FoundSpread spread;
};

// `body` is the athlete's when it is known.
Expected<FoundJoints> estimateJoints(const std::vector<SeenJoints>& seen, const SideCamera& camera,
                                     const std::optional<Body>& body);

// Which way the lifter faces, from the feet of all pictures; unknown when they disagree.
Facing facingFromSeen(const std::vector<SeenJoints>& seen);

}  // namespace mottix
