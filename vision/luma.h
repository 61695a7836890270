// Luma between pixels, for what is located to a fraction of a pixel.
#pragma once

#include <algorithm>

#include <opencv2/core/mat.hpp>

namespace mottix {

// At a position whose pixel centres lie at .5; the border value continues outside. `gray` is CV_8UC1.
inline float lumaAt(const cv::Mat& gray, double x, double y) {
  x = std::clamp(x - 0.5, 0.0, gray.cols - 1.001);
  y = std::clamp(y - 0.5, 0.0, gray.rows - 1.001);
  const int xi = static_cast<int>(x), yi = static_cast<int>(y);
  const auto fx = static_cast<float>(x - xi), fy = static_cast<float>(y - yi);
  const uint8_t* a = gray.ptr<uint8_t>(yi) + xi;
  const uint8_t* b = a + gray.step;
  const float top = static_cast<float>(a[0]) + fx * static_cast<float>(a[1] - a[0]);
  const float low = static_cast<float>(b[0]) + fx * static_cast<float>(b[1] - b[0]);
  return top + fy * (low - top);
}

}  // namespace mottix
