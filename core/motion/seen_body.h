// What solving for a body from seen points has in common (seen_joints.h, pulled_joints.h).
#pragma once

#include <algorithm>
#include <cmath>
#include <functional>
#include <vector>

#include "core/base/estimate.h"
#include "core/motion/least_squares.h"
#include "core/motion/seen_joints.h"

namespace mottix {

// Height of a grown-up lifter whose height nobody has stated: 1.72 ± 0.10 m (gordon1989, women and men
// together).
inline constexpr Estimate kUnknownHeight{1.72, 0.10};
// The foot: joint 0.24 of its length ahead of the heel and 3.9 % of the height over the sole
// (core/mechanics/leg).
inline constexpr double kAnkleOfFoot = 0.24, kAnkleOfHeight = 0.039;
// A network's heel and toe lie on the shoe, half way up its heel and cap: about 3 cm over the sole.
inline constexpr double kOnShoe_m = 0.03;

// A segment of the athlete (m), or as usual for a height.
inline Estimate lengthOf(const std::optional<Body>& body, Segment segment, double height_m) {
  const Estimate usual = usualShare(segment);
  return body ? body->lengths[indexOf(segment)].m : Estimate{height_m * usual.value, height_m * usual.sd};
}

// A residual (in standard deviations) that counts less the farther off it is (Cauchy loss).
inline double boundedResidual(double in_sd) {
  constexpr double kFarOff = 2.0;
  const double far = in_sd / kFarOff;
  return std::copysign(kFarOff * std::sqrt(std::log1p(far * far)), in_sd);
}

// Of an even number the upper one; `v` must not be empty.
inline double medianOf(std::vector<double> v) {
  const auto middle = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  return *middle;
}

// The joints of a fitted body in a picture, with the spread that follows from the fit's covariance.
FoundJoints placeFound(std::size_t frame, const LeastSquaresFit& fit,
                       const std::function<Vec2(const Eigen::VectorXd&, Joint)>& picture);

}  // namespace mottix
