// Corrections by hand, laid over carried joint tracks.
//
// The coach puts a joint right on some frames; there the track runs exactly through the point. What that says
// about all other frames and joints follows from how carried joints go wrong, written as one Gaussian error
// model (Gaussian process regression, rasmussen2006):
//   - a joint was placed beside where it is: from the side, what was wrong with a segment turns with it, a
//     knee's error with the shank and on top of the ankle's, a hip's with the thigh on top of the knee's, a
//     shoulder's with the trunk; across, each stays beside its own joint. Joints that the program found are
//     wrong together (FoundSpread), so one put right moves the others;
//   - carrying went astray: mostly alike wherever the bar is as high (the same posture in every rep), least
//     in the posture from which it started; the rest is alike for a moment. Shank, thigh, trunk and the arms
//     from which a bar hangs keep their lengths in it, so that a hip put right tells of the knee;
//   - the hand itself misses by about a centimetre.
// Nothing is tracked anew, so a drag shows at once. The stated errors are the model's own.
#pragma once

#include <optional>
#include <vector>

#include "core/motion/rep_finder.h"
#include "core/motion/seen_joints.h"
#include "core/motion/tracks.h"

namespace mottix {

// What is said of carrying is near the likeliest for eleven films (squats 301-306 but 303, deadlifts 301-306
// of the simulated camera, in no table of docs/accuracy.md), in round numbers.
struct CorrectionModel {
  double hand_of_radius = 0.04;   // the hand's error, parts of the plate's radius: about 1 cm
  double placed_of_radius = 1.0;  // how far off a figure may be laid: wide, so that the hand is believed
  double by_posture = 0.7;        // part of the carrying's variance that comes back with the posture
  double alike_of_radius = 0.7;   // difference in the bar's height at which postures differ: 16 cm
  double alike_s = 0.7;           // how long the rest lasts
  double length_play_of_radius = 0.12;  // how well segments keep their length in the picture: 2.7 cm
};

// Lays `placed` over `carried`, which came from the first of them, or from where the program placed the
// joints (`found`). Sets the joints of `tracks`; reads its bar and times.
void layCorrections(ClipTracks& tracks, const JointTracks& carried, const std::vector<PlacedPoints>& placed,
                    const FoundSpread& found = {}, const CorrectionModel& model = {});

// Where the coach's hand would help most: of the frames on which a set is judged (turns, starts, and half way
// between), the joint that would make all joints there surest if it were put right. Joints placed within a
// quarter of a second, those `locked` and the points of the back, on which no other joint hangs, are left in
// peace. Nothing when none is clearly less sure than the
// hand.
struct SuggestedCorrection {
  std::size_t frame = 0;
  Joint joint = Joint::kHip;
  double sd_px = 0.0;  // now, of each coordinate
};
std::optional<SuggestedCorrection> suggestCorrection(const ClipTracks& tracks, const JointTracks& carried,
                                                     const std::vector<PlacedPoints>& placed,
                                                     const FoundSpread& found, const std::vector<Rep>& reps,
                                                     const std::vector<Joint>& locked = {},
                                                     const CorrectionModel& model = {});

// The coach says that a joint is right as it is: it is placed where it now lies on every turn and start, so
// that putting others right does not move it.
void keepJoint(std::vector<PlacedPoints>& placed, const ClipTracks& tracks, const std::vector<Rep>& reps,
               Joint joint);

// Where a joint would lie on `frame` if it had not moved since the frame nearest in time on which it was
// placed (or, never placed, since the frame before); a moving camera is allowed for. Nothing: not known
// there.
std::optional<Vec2> sameAsNeighbour(const ClipTracks& tracks, const std::vector<PlacedPoints>& placed,
                                    std::size_t frame, Joint joint);

// Adds or replaces one joint on one frame; keeps the list in order of frames.
void placeJoint(std::vector<PlacedPoints>& placed, std::size_t frame, Joint joint, const Vec2& p_px);

}  // namespace mottix
