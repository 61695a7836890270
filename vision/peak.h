// The greatest of evenly spaced samples, between them.
#pragma once

#include <algorithm>

namespace mottix {

// Where the parabola through a greatest sample and its neighbours has its top: steps from the sample, -0.5 to
// 0.5; zero where they lie on a line.
inline double peakBeside(double before, double greatest, double after) {
  const double bend = before - 2.0 * greatest + after;
  return bend < 0.0 ? std::clamp(0.5 * (before - after) / bend, -0.5, 0.5) : 0.0;
}

}  // namespace mottix
