// Zero-lag smoothing and differentiation of unevenly sampled signals.
//
// Both ways take every sample at its own time, so that uneven frame times need no resampling, weigh it by its
// error, leave out missing ones (sd not finite), and state the error of what they give.
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

// Over a stated window: local quadratic regression with tricube weights (key cleveland1979).
// `half_window_s`: half width of the window, widened to 2.5 sample steps where samples are sparse; a third of
// the fastest movement to be kept is right.
std::vector<SmoothSample> smoothLocal(std::span<const double> time_s, std::span<const double> value,
                                      std::span<const double> sd, double half_window_s);

struct SplineSample {
  Estimate value;
  Estimate slope;  // per second
  Estimate bend;   // second derivative, per second squared
  bool known = false;
};
struct SplineFit {
  std::vector<SplineSample> at;  // one a sample; not known further than `SplineOptions::reach_s` from any
  double cutoff_hz = 0.0;        // at which half of a movement's size is kept
  double noise = 0.0;            // of the samples about the curve, in parts of their stated sd
};
struct SplineOptions {
  // The search for the cut-off stays between these, and below two fifths of the sampling rate. Bars and limbs
  // of a lift move below about 6 Hz (key winter2009), a bar that lands up to twice that.
  double least_hz = 1.0, most_hz = 12.0;
  double reach_s = 0.2;
};

// With the cut-off that the samples' own noise asks for: a smoothing spline of order four, found as the
// smoothed state of a movement whose fourth derivative is white noise (key kohn1987). How lively the movement
// is and how large the noise is are those under which the samples are likeliest (key wecker1983), so that
// `sd` need only be right up to a common factor. Errors that last over many samples are not noise: they stay
// in the curve and are not part of the stated error. Nothing is known of fewer than six samples.
SplineFit smoothSpline(std::span<const double> time_s, std::span<const double> value,
                       std::span<const double> sd, const SplineOptions& options = {});

// The same with the error of the second derivative as it is where that jumps (a bar that is braked at once):
// faster changes than the cut-off lets through are hidden, a good half of what it changes within one time
// constant of it (own allowance).
SplineFit withHiddenJumps(SplineFit fit, std::span<const double> time_s);

}  // namespace mottix
