// Long straight edges in a picture of the room (line segments by gradient grouping, grompone2010), and those
// of things that stand upright: within 12 degrees of the picture's vertical. The lifter is left out by a band
// round the bar's place.
#pragma once

#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/motion/tracks.h"

namespace mottix {

struct LineInPicture {
  Vec2 from_px, to_px;
};
std::vector<LineInPicture> findLines(const cv::Mat& gray);

// `height_px` of the picture.
std::vector<Upright> findUprights(const std::vector<LineInPicture>& lines, int height_px);

// Without those within `reach_px` of `x_px`.
std::vector<Upright> withoutLifter(std::vector<Upright> uprights, double x_px, double reach_px);

}  // namespace mottix
