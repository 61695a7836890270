// A filled disc drawn to a sixteenth of a pixel, for tests of what is seen of plates.
#pragma once

#include <cmath>

#include <opencv2/imgproc.hpp>

#include "core/motion/tracks.h"

namespace mottix {

inline void drawDisc(cv::Mat& picture, Vec2 centre, double radius, int luma) {
  constexpr int kShift = 4;
  const auto fixed = [](double px) { return static_cast<int>(std::lround((px - 0.5) * (1 << kShift))); };
  cv::circle(picture, {fixed(centre.x()), fixed(centre.y())},
             static_cast<int>(std::lround(radius * (1 << kShift))), luma, cv::FILLED, cv::LINE_AA, kShift);
}

}  // namespace mottix
