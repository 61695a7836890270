// The joints of both sides in a film from the front or the rear, from what a keypoint network saw in some of
// its pictures.
//
// From there neither the depth nor the lengths of the segments are seen, so no body is solved for: each joint
// is followed by itself, a point far from what its neighbours in time say being left out, and smoothed
// between the pictures looked at (core/motion/smooth.h). Which of a pair is which is told by its place: legs
// and arms do not cross, and a network that cannot see a face takes the one side for the other.
//
// Stated errors: what the network sees wrong is partly alike in all pictures (the found joints' spread) and
// partly alike wherever the posture is the same (the carried track's error); acrossScatter.
//
// From the head end of a press the legs are hidden, and a network makes up a body that stands: there the
// shoulders alone are believed.
//
// Failure: fewer than eight pictures in which both knees and ankles (of a press at least both shoulders) are
// seen (kMarkByHand).
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/base/error.h"
#include "core/motion/rep_finder.h"
#include "core/motion/tracks.h"

namespace mottix {

// Both sides' points in one picture: the lifter's own left and right, as the network names them.
struct SeenSides {
  std::size_t frame = 0;
  std::array<std::array<std::optional<Vec2>, kSideJointCount>, 2> p_px;
};

// Standard deviation of a seen point on each axis, as a part of the body's height. Round numbers read off six
// films in no table of docs/accuracy.md (seeds 321 and 322 of the simulated camera).
double acrossScatter(Joint joint);

struct AcrossJoints {
  JointTracks tracks;  // from the first to the last picture seen
  FoundSpread spread;
};

// `seen` by frame; `height_px` is the height of the body in the picture.
Expected<AcrossJoints> estimateAcrossJoints(const std::vector<SeenSides>& seen,
                                            const std::vector<double>& time_s, double height_px, Lift lift);

// The likelier of front and rear (of a press: foot and head end): toes point to a camera in front, so that
// they lie lower in its picture, against the heels, than in that of one behind. Near enough to the floor the
// difference goes, so the coach is asked. A press of which shoulders but no feet are known was filmed from
// the head end. Otherwise unknown without feet.
View viewFromJoints(const ClipTracks& tracks, Lift lift, double height_px);

}  // namespace mottix
