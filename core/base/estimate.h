// A number with its standard deviation; the form in which every measured value travels.
#pragma once

#include <algorithm>
#include <cmath>

namespace mottix {

struct Estimate {
  double value = 0.0;
  double sd = 0.0;  // one standard deviation, same unit as value
  bool operator==(const Estimate&) const = default;
};

// Probability that the true value lies above `limit`, the error taken as normal.
inline double probabilityAbove(const Estimate& e, double limit) {
  if (e.sd <= 0.0) return e.value > limit ? 1.0 : 0.0;
  return 0.5 * std::erfc((limit - e.value) / (e.sd * std::sqrt(2.0)));
}

// Standard deviation of the size of a number that may lie on either side of zero: near zero its sign is lost,
// and with it a part of the error (the folded normal distribution).
inline double sizeSd(const Estimate& e) {
  if (e.sd <= 0.0) return 0.0;
  const double z = std::abs(e.value) / e.sd, kRoot2 = std::sqrt(2.0);
  const double mean = std::sqrt(2.0 / std::acos(-1.0)) * std::exp(-0.5 * z * z) + z * std::erf(z / kRoot2);
  return e.sd * std::sqrt(std::max(0.0, z * z + 1.0 - mean * mean));
}

}  // namespace mottix
