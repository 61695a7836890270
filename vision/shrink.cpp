#include "vision/shrink.h"

#include <opencv2/imgproc.hpp>

namespace mottix {

cv::Mat shrunkBy(const cv::Mat& gray, int by) {
  cv::Mat small = gray(cv::Rect(0, 0, gray.cols / by * by, gray.rows / by * by));
  if (by <= 1) return small.clone();
  while (by > 1) {
    const int step = by % 2 == 0 ? 2 : by;
    cv::Mat next;
    cv::resize(small, next, {small.cols / step, small.rows / step}, 0, 0, cv::INTER_AREA);
    small = next;
    by /= step;
  }
  return small;
}

}  // namespace mottix
