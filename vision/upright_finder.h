// Edges of things that stand upright: long straight ones within 12 degrees of the picture's vertical (line
// segments by gradient grouping, grompone2010). The lifter is left out by a band round the bar's place.
#pragma once

#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/motion/tracks.h"

namespace mottix {

std::vector<Upright> findUprights(const cv::Mat& gray);

// Without those within `reach_px` of `x_px`.
std::vector<Upright> withoutLifter(std::vector<Upright> uprights, double x_px, double reach_px);

}  // namespace mottix
