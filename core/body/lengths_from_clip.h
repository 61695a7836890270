// Lengths of the near side's segments, read from the joint tracks of one clip.
//
// Read while the lifter stands (the second half of each pause and the moments before a rep): there the leg is
// nearly straight in the picture's plane and least depends on how far the knees go out. Joints are mapped on
// the planes in which they lie (see SideCamera and lateralPrior), so that a segment's length includes its way
// toward the camera. A length is the median over these frames.
//
// Error: the camera's uncertain values, each joint's distance from the mid-plane (ankle and knee go out
// together with the stance) and the placement of each joint, which is the same in all frames; moved one at a
// time by one standard deviation, the squares added.
//
// The scale at the body is the part that errs on all lengths alike. Where the athlete's height is stated, the
// lifter is another ruler for the camera (Stature); lengths keep their proportions, so that an unusual body
// is not drawn toward the usual one.
//
// Failure: joints not placed, no quiet standing, or the camera looks too obliquely (kFilmAgain, kMarkByHand).
#pragma once

#include <functional>

#include "core/base/error.h"
#include "core/body/athlete_body.h"
#include "core/motion/rep_finder.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

// Thigh, shank, trunk and, where heel and toe are placed, foot.
using ClipLengths = std::array<std::optional<Estimate>, kSegmentCount>;
Expected<ClipLengths> estimateLengths(const ClipTracks& tracks, const SideCamera& camera,
                                      const SideCameraErrors& errors, const std::vector<Rep>& reps);

// How large the lifter stands there: shank, thigh and trunk together, in parts of what the body has by hand,
// or usually at its height. Joints must not have been found with that body's help, or it tells its own tale.
struct Stature {
  Estimate ratio;                               // 1 where camera and body agree; all errors
  double own_sd = 0.0;                          // without the camera's part
  std::function<double(const SideCamera&)> at;  // the ratio by another camera; valid while the tracks are
};
// Nothing without these joints, without quiet standing, or where lengths would be refused.
std::optional<Stature> readStature(const ClipTracks& tracks, const SideCamera& camera,
                                   const SideCameraErrors& errors, const std::vector<Rep>& reps,
                                   const Body& body);

// One length from several clips of the same athlete. The clips are filmed and placed alike, so that their
// errors are taken as the same: the mean weighs by 1/sd², its error is the weighted mean of the errors.
std::optional<Estimate> combineLengths(const std::vector<Estimate>& lengths);

// Puts what clips tell into the facts where nothing was measured by hand; names what was taken.
std::vector<Segment> takeLengths(const std::vector<ClipLengths>& clips, BodyFacts& facts);

}  // namespace mottix
