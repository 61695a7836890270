// Corrections by hand, laid over a carried joint track.
//
// The coach puts a joint right on some frames. On those frames the track runs exactly through the point;
// between two of them the correction blends linearly in time, before the first and after the last it stays.
// What was wrong with a segment turns with it: a knee's correction with the shank (and on top of the
// ankle's), a hip's with the thigh (and on top of the knee's), a shoulder's with the trunk. Nothing is
// tracked anew, so a drag shows at once. The error is the hand's own on a placed frame and grows away from
// it.
#pragma once

#include <vector>

#include "core/motion/rep_finder.h"
#include "core/motion/tracks.h"

namespace mottix {

// The hand's error on a placed frame: 4 % of the plate's radius, about 1 cm. Away from placed frames the
// carried track's own error is added; between two corrections it shrinks with their nearness (`settle_s`).
struct PlacementErrors {
  double hand_of_radius = 0.04;
  double settle_s = 2.0;
};

// Returns `carried` with all of `placed` honoured. It came from the first of them, or the program placed it
// itself: then `found_sd_px` is the error of that, which stays until the coach puts the joint right.
using JointTracks = std::array<JointTrack, kJointCount>;
JointTracks applyCorrections(const JointTracks& carried, const std::vector<PlacedPoints>& placed,
                             const std::vector<double>& time_s, double plate_radius_px,
                             const std::array<double, kJointCount>& found_sd_px = {},
                             const PlacementErrors& errors = {});

// Where the coach's hand would help most: the joint and frame with the largest stated error, among the frames
// on which a set is judged (turns first, then starts). What was placed within a quarter of a second is left
// in peace. Nothing when no joint there is clearly less sure than the hand.
struct SuggestedCorrection {
  std::size_t frame = 0;
  Joint joint = Joint::kHip;
  double sd_px = 0.0;
};
std::optional<SuggestedCorrection> suggestCorrection(const ClipTracks& tracks, const std::vector<Rep>& reps,
                                                     const std::vector<PlacedPoints>& placed,
                                                     double plate_radius_px,
                                                     const PlacementErrors& errors = {});

// Adds or replaces one joint on one frame; keeps the list in order of frames.
void placeJoint(std::vector<PlacedPoints>& placed, std::size_t frame, Joint joint, const Vec2& p_px);

}  // namespace mottix
