// Zero-lag smoothing and differentiation of unevenly sampled signals.
//
// Local quadratic regression with tricube weights (Cleveland 1979, key cleveland1979): in each window the
// value, slope and their standard deviations follow from the weights and the samples' own errors, so variable
// frame times need no resampling. Missing samples (sd not finite) are left out.
#pragma once

#include <span>
#include <vector>

#include "core/base/estimate.h"

namespace mottix {

struct SmoothSample {
  Estimate value;
  Estimate slope;  // per second
  bool known = false;
};

// `half_window_s`: half width of the window, widened to 2.5 sample steps where samples are sparse; a third of
// the fastest movement to be kept is right.
std::vector<SmoothSample> smoothLocal(std::span<const double> time_s, std::span<const double> value,
                                      std::span<const double> sd, double half_window_s);

}  // namespace mottix
