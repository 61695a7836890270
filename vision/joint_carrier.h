// Carries placed joints through a clip.
//
// From one frame to the next, image features on the shank and the thigh (pyramidal Lucas-Kanade, kept only
// when the way back returns to its start) give the motion of knee and hip: a feature at the fraction s along
// a segment moves as the blend of the segment's ends, plus its turn. Of a deadlift the hindmost point of the
// lifter's outline (vision/back_outline.h) shows where the hip is, pictures of before show the posture again,
// and several times a second a network reads knee, hip and shoulder of a squat or deadlift, in the square
// laid by where they were carried to (squareRound), so that carrying cannot go astray for long. All this is
// told to the body's chain (core/motion/body_chain.h), which knows the rest.
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
