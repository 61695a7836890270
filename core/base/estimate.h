// A number with its standard deviation; the form in which every measured value travels.
#pragma once

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

}  // namespace mottix
