// The bar's far plate, seen in part behind the near one: how far the camera stands.
//
// Geometry as in bar_axis.h: a disc of the near plate's size that lies deeper by t (the near outer face at
// distance Z) is shrunk by e = t/(Z + t) about the bar's vanishing point V. For the far plate t is nearly the
// whole bar, known from its build, so that e gives Z against t and with it how much smaller everything at the
// lifter is than at the near plate. No focal length is needed. V follows too: the far plate's middle lies at
// c + e·(V - c), c being the near one's.
//
// How: a few crops of each height of the bar are kept while it is followed. For each (e, V) the far rim is
// predicted in all of them; where the near plate does not hide it, the slope of luma across it is summed
// along arcs, less that a few pixels to either side. What moves otherwise than the far plate (wall, lifter,
// rings on the plate) does not add up. The best place is refined by robust least squares on the edges
// themselves; the error counts each picture as one observation (cluster-robust covariance, cameron2015).
//
// Failure: nothing is returned when the far plate stays hidden, which is usual when the camera looks along
// the bar or the lifter stands in front of it.
#pragma once

#include <optional>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/estimate.h"
#include "vision/bar_axis.h"

namespace mottix {

struct PlateView {                // one picture, cut out around the near plate
  cv::Mat gray;                   // CV_8UC1
  Vec2 origin_px = Vec2::Zero();  // of the cut in the picture
  Vec2 face_px = Vec2::Zero();    // middle of the near plate's outer face, in the picture
  double radius_px = 0.0;         // of that face
};
// How far a cut must reach from the plate's middle, in plate radii.
inline constexpr double kPlateViewReach = 1.8;

struct FarPlate {
  Estimate ratio;  // e
  VanishingPoint vanishing;
  std::size_t views = 0;  // in which its rim was seen
};

std::optional<FarPlate> findFarPlate(const std::vector<PlateView>& views, const BarAxis& axis);

}  // namespace mottix
