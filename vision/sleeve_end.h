// The near end of the bar's sleeve, which stands out of the plates toward the camera: where the bar points.
//
// Geometry as in bar_axis.h, only that the end lies nearer than the plate's outer face by t (the face at
// distance Z): a point of the bar's axis there is seen at c - e·(V - c), e = t/(Z - t), c being the face's
// middle and V the bar's vanishing point. Sleeves are 50 mm thick and their ends lie up to 1.1 m from the
// bar's middle (practice), plates up to 0.9 m; with the plate's own size and a usual focal length this bounds
// e and the end's size in the picture.
//
// How: a circle of that size is looked for round about the plate's middle in all views at once: for each (e,
// V) that is possible, what edges lie on the predicted circles is added up over the views. Spokes, rings and
// hub move with the plate and do not add up. Then the circle is fitted in each view and V follows from how
// its offset changes with the bar's height (estimateParallax).
//
// Failure: nothing where the bar hardly moves, no end is seen (many plates, a far or dark film), or in too
// few views.
#pragma once

#include <optional>
#include <vector>

#include "vision/bar_axis.h"
#include "vision/far_plate.h"

namespace mottix {

struct SleeveEnd {
  std::vector<std::size_t> views;  // in which it was seen
  std::vector<Vec2> at_px;         // its middle in the picture, one for each of these views
};

std::optional<SleeveEnd> findSleeveEnd(const std::vector<PlateView>& views, const BarAxis& axis,
                                       double focal_px, double plate_radius_m);

// Where the bar points and how much nearer its end lies, against the faces' middles as they are known now.
std::optional<Parallax> estimateParallax(const SleeveEnd& end, const std::vector<PlateView>& views);

}  // namespace mottix
