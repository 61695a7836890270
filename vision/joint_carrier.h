// Carries placed joints through a clip.
//
// From one frame to the next, image features on the shank and the thigh (pyramidal Lucas-Kanade, kept only
// when the way back returns to its start) give the motion of knee and hip: a feature at the fraction s along
// a segment moves as the blend of the segment's ends, plus its turn. The motion goes into a small state
// estimate (knee, hip and shoulder in the lifter's frame, with covariance), which also knows that
//   - shank, thigh and trunk keep the length they had on the placed frame (the knee may move sideways),
//   - on a squat the shoulder rides with the bar and turns with the trunk; on a deadlift it stays an arm's
//     length from the bar while that is held, and the hip as far before the hindmost point of the lifter's
//     outline (vision/back_outline.h) as on the placed frame,
//   - feet stand still.
// So a point hidden behind the plate is inferred from the others, with a larger stated error. Several times a
// second a network reads knee, hip and shoulder of a squat or deadlift, in the square laid by where they were
// carried to (squareRound), so that carrying cannot go astray for long.
//
// A deadlift is carried best from the set-up before the first pull, where nothing is hidden but the feet; at
// lock-out the plate hides the hip.
//
// Elbow, wrist and ear are not carried in this version and stay unknown.
#pragma once

#include <functional>

#include "core/base/error.h"
#include "core/motion/body_chain.h"
#include "core/motion/tracks.h"
#include "vision/body_points.h"
#include "vision/film.h"

namespace mottix {

// Called now and then with the part done (0..1); false asks to stop, which ends in Remedy::kCancelled.
using Progress = std::function<bool(double)>;
// The same for a part of a longer work.
inline Progress partOf(const Progress& progress, double from, double to) {
  return [&progress, from, to](double p) { return !progress || progress(from + (to - from) * p); };
}

struct CarryInput : ChainInput {
  BodyPointNetwork* network = nullptr;  // none: joints are followed by what moves alone
};

Expected<JointTracks> carryJoints(Film& film, const CarryInput& input, const Progress& progress = {});

}  // namespace mottix
