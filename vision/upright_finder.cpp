#include "vision/upright_finder.h"

#include <algorithm>
#include <cmath>

#include <opencv2/imgproc.hpp>

#include "vision/shrink.h"

namespace mottix {

std::vector<LineInPicture> findLines(const cv::Mat& gray) {
  constexpr int kHeight = 360;  // finer edges are texture, and take longer to find than a film to decode
  const int by = std::max(1, std::min(gray.cols, gray.rows) / kHeight);
  const cv::Mat small = shrunkBy(gray, by);
  std::vector<cv::Vec4f> lines;
  cv::createLineSegmentDetector()->detect(small, lines);
  std::vector<LineInPicture> found;
  // The detector's coordinates have their pixel centres at whole numbers.
  for (const cv::Vec4f& l : lines)
    found.push_back({by * Vec2(l[0] + 0.5, l[1] + 0.5), by * Vec2(l[2] + 0.5, l[3] + 0.5)});
  return found;
}

std::vector<Upright> findUprights(const std::vector<LineInPicture>& lines, int height_px) {
  constexpr double kLeastLength = 0.12;  // of the picture's height
  constexpr double kMostLean = 0.21;     // tangent of 12 degrees
  std::vector<Upright> found;
  for (auto [a, b] : lines) {
    if (a.y() < b.y()) std::swap(a, b);
    const Vec2 d = b - a;
    if (d.norm() > kLeastLength * height_px && std::abs(d.x()) < kMostLean * std::abs(d.y()))
      found.push_back({a, b});
  }
  return found;
}

std::vector<Upright> withoutLifter(std::vector<Upright> uprights, double x_px, double reach_px) {
  std::erase_if(uprights, [&](const Upright& u) {
    return std::abs(0.5 * (u.low_px.x() + u.high_px.x()) - x_px) < reach_px;
  });
  return uprights;
}

}  // namespace mottix
