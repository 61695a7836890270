// How level the bar is, from its two ends in a picture taken from the front or the rear.
//
// Each plate's height in the picture says how many pixels a metre has at its end; an end's height over the
// camera's own level is then its distance from the horizon in metres. Where the horizon lies, and how the
// camera is rolled, is the same all the time: a prior for phones (level within 5 degrees, the roll from what
// stands upright), narrowed by that a bar at rest between reps is held or lies level within 0.8 degrees.
// Changes over the film are therefore known far better than the level itself.
#pragma once

#include <optional>
#include <vector>

#include "core/base/estimate.h"
#include "core/measure/measure_set.h"

namespace mottix {

struct BarTilt {
  std::vector<std::optional<double>> deg;  // one a frame; positive: the end on the picture's right is higher
  double noise_deg = 0.0;                  // standard deviation of one frame
  double level_sd_deg = 0.0;               // and of what all frames share
};

// Nothing when the bar does not lie across the picture, or its ends are never seen together.
std::optional<BarTilt> computeBarTilt(const MeasureInput& input, const std::vector<Rep>& reps);

}  // namespace mottix
