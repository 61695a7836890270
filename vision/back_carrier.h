// Two points of the back, low on the pelvis and half way up to the shoulders, carried through a clip filmed
// from the side. Between them and the shoulder the back's shape shows; a line from hip to shoulder hides it.
//
// The coach puts them on one picture. From there each goes with the trunk (hip to shoulder), and along the
// trunk's normal it keeps its distance to the outline of the back: of the steps of brightness and colour
// across that line, the strongest near where the outline should lie. Where the near plate hides it, or no
// step shows, the point only goes with the trunk, with a larger stated error.
//
// Failure: hip and shoulder are not known on the picture, or no point of the back is placed (kMarkByHand); a
// damaged film as in Film.
#pragma once

#include "core/base/error.h"
#include "core/motion/tracks.h"
#include "vision/film.h"
#include "vision/joint_carrier.h"

namespace mottix {

struct BackInput {
  // Joints as they are believed, and the bar, of a camera that stands (`steadied`); so is the film.
  const ClipTracks* tracks = nullptr;
  PlacedPoints placed;  // the back's points on the picture from which they are carried; others are left alone
  double mm_per_px = 0.0;  // at the lifter's mid-plane
  bool faces_left = false;
};

// Tracks of the placed points of the back alone.
Expected<JointTracks> carryBack(Film& film, const BackInput& input, const Progress& progress = {});

// Where the two points lie on an average back, as a start for the coach's hand: on the skin behind the line
// from hip to shoulder.
Vec2 usualBackPoint(Joint joint, const Vec2& hip_px, const Vec2& shoulder_px, double mm_per_px,
                    bool faces_left);

}  // namespace mottix
