// Smaller pictures for what needs no detail.
#pragma once

#include <opencv2/core/mat.hpp>

namespace mottix {

// Every pixel the mean of by × by; columns and rows beyond the last whole one are left out. A copy, also for
// by = 1. Even numbers are quick: pictures are halved first.
cv::Mat shrunkBy(const cv::Mat& gray, int by);

}  // namespace mottix
