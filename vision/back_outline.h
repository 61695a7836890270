// The back of a lifter who pulls a bar from the floor, as an outline against the room.
//
// Behind the bar a lifter hides the wall only for a part of the pull. The room there is the median of
// pictures taken at different heights of the bar; what differs from it is the lifter. The hindmost point lies
// behind the hip joint by half a body's depth, whatever a network makes of a folded body. (Over the back the
// room does not show well enough: hips are there at lock-out.)
#pragma once

#include <optional>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/side_camera.h"
#include "vision/film.h"

namespace mottix {

class BackOutline {
 public:
  // From pictures between two frames of a camera that stands (Film::steadyBy). `floor_bar_px`: the near
  // plate's middle while it rests on the floor. Where the bar was seen in too few pictures nothing is ever
  // found.
  static Expected<BackOutline> learnRoom(Film& film, const std::vector<BarSample>& bar, std::size_t from,
                                         std::size_t to, const Vec2& floor_bar_px, const SideCamera& camera);

  // Looks at a picture (in colour); what follows is about it.
  void look(const cv::Mat& bgr, const Vec2& bar_px);

  // Nothing: too little differs there (clothes like the wall, hips hidden by the plate), or what does reaches
  // out of the part looked at.
  std::optional<Vec2> findHindmost() const;

 private:
  cv::Mat room_;    // the part of the picture in which the lifter may be
  cv::Mat lifter_;  // mask of that part
  cv::Rect part_;
  double px_per_m_ = 0.0, radius_px_ = 0.0;
  cv::Rect hips_;  // within the part
  bool faces_left_ = false;
};

}  // namespace mottix
