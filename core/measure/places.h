// Where joints and bar are, in metres, picture by picture: what every formula of a measure works on.
//
// Seen from the side: x forward (where the lifter faces; lying: from the head toward the feet), y up. Seen
// from the front or the rear: x to the right of the picture, y up. The origin is arbitrary, only differences
// mean something.
#pragma once

#include <cstddef>

#include "core/motion/tracks.h"

namespace mottix {

class Places {
 public:
  virtual ~Places() = default;
  virtual bool known(Joint joint, std::size_t frame) const = 0;
  virtual Vec2 joint(Joint joint, std::size_t frame) const = 0;
  virtual bool barKnown(std::size_t frame) const = 0;
  virtual Vec2 bar(std::size_t frame) const = 0;
  // How they are speeding up, m/s², with the standard deviation of each coordinate.
  struct Acceleration {
    Vec2 ms2 = Vec2::Zero();
    double sd_ms2 = 0.0;
  };
  virtual Acceleration jointAcceleration(Joint joint, std::size_t frame) const = 0;
  virtual Acceleration barAcceleration(std::size_t frame) const = 0;
  // Of a bar across the picture: its end on the left (0) or right (1) of the picture.
  virtual Vec2 barEnd(std::size_t end, std::size_t frame) const = 0;
  // Where a part of the foot stands over the film; feet stand still.
  virtual bool stands(Joint joint) const = 0;
  virtual Vec2 standing(Joint joint) const = 0;

  bool feetKnown() const { return stands(Joint::kHeel) && stands(Joint::kToe); }
  // Half way between the back of the heel and the tip of the toe, on the floor.
  double midFoot_m() const { return 0.5 * (standing(Joint::kHeel).x() + standing(Joint::kToe).x()); }
};

}  // namespace mottix
