// How much the lens bends straight lines, from long edges in the room.
//
// Lines (upright_finder.h) are followed on along their edge, to a fraction of a pixel, as far as it goes.
// An edge that is straight in the room and passes beside the picture's middle bows by what the lens bends;
// each long one gives k1 of core/motion/lens.h by least squares, and those that agree are taken together.
//
// Failure: fewer than two long edges off the middle that agree (nothing).
#pragma once

#include <optional>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/estimate.h"
#include "core/motion/tracks.h"
#include "vision/upright_finder.h"

namespace mottix {

// What one long edge says.
struct BowedEdge {
  std::vector<Vec2> points_px;
  Estimate k1;
};

// `lines` of the same picture; `focal_px` as assumed.
std::vector<BowedEdge> findBowedEdges(const cv::Mat& gray, const std::vector<LineInPicture>& lines,
                                      double focal_px);

// From the edges in several pictures of one camera, which mostly see the same ones again.
std::optional<Estimate> estimateLens(const std::vector<std::vector<BowedEdge>>& pictures);

}  // namespace mottix
