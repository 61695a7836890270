// The bar where it was not seen, and where something else was seen for it. All of a followed bar, one sample
// a frame, pixels of the picture.
#pragma once

#include <vector>

#include "core/motion/tracks.h"

namespace mottix {

// The acceleration that a bar usually has, 2 m/s², in radii of a full-size plate.
inline constexpr double kUsualBarAcceleration = 2.0 / 0.225;

// A bar that leaps aside for one picture and back was mistaken for something else there: not even one that
// lands goes that far from the line between the pictures before and after.
void bridgeLeaps(std::vector<BarSample>& samples, const std::vector<double>& time_s, double plate_radius_m);

// A few pictures in the middle of a gap on which something else was seen: farther from the bridge over all of
// the gap than a bar can be. They become part of the gap, which is no longer than `bridge_s`.
void dropIslands(std::vector<BarSample>& samples, const std::vector<double>& time_s, double bridge_s);

// Gaps that are no longer than `bridge_s` are crossed from both ends: from place and speed before to those
// after, with an error that grows from either. What comes before the first picture on which the bar is seen,
// or after the last, stays as it is.
void bridgeGaps(std::vector<BarSample>& samples, const std::vector<double>& time_s, double bridge_s);

}  // namespace mottix
