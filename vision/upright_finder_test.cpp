#include "vision/upright_finder.h"

#include <cmath>
#include <numbers>

#include <gtest/gtest.h>
#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

// A wall with two posts, one leaning by three degrees, a shelf and short bits.
cv::Mat room() {
  cv::Mat picture(720, 1280, CV_8UC1, cv::Scalar(150));
  auto post = [&](double x, double lean_deg, int luma) {
    const double slope = std::tan(lean_deg * std::numbers::pi / 180.0);
    const std::vector<cv::Point> corners = {{static_cast<int>(x), 650},
                                            {static_cast<int>(x) + 40, 650},
                                            {static_cast<int>(x + 40 + slope * 600), 50},
                                            {static_cast<int>(x + slope * 600), 50}};
    cv::fillConvexPoly(picture, corners, cv::Scalar(luma), cv::LINE_AA);
  };
  post(200, 0.0, 60);
  post(900, 3.0, 70);
  cv::rectangle(picture, cv::Rect(400, 300, 300, 20), cv::Scalar(90), cv::FILLED);
  for (int i = 0; i < 5; ++i)
    cv::rectangle(picture, cv::Rect(410 + 50 * i, 250, 20, 50), cv::Scalar(40), cv::FILLED);
  cv::Mat grain(picture.size(), CV_16SC1);
  cv::RNG rng(5);
  rng.fill(grain, cv::RNG::NORMAL, 0.0, 4.0);
  cv::add(picture, grain, picture, {}, CV_8UC1);
  return picture;
}

TEST(FindUprights, LongEdgesNearTheVerticalAndTheirLean) {
  const auto found = findUprights(findLines(room()), 720);
  ASSERT_GE(found.size(), 4u) << "both edges of both posts";
  for (const Upright& u : found) {
    EXPECT_GT(u.low_px.y(), u.high_px.y());
    EXPECT_GT((u.low_px - u.high_px).norm(), 0.12 * 720);
    const Vec2 d = u.high_px - u.low_px;
    const double lean = std::atan2(d.x(), -d.y()) * 180.0 / std::numbers::pi;
    EXPECT_NEAR(lean, u.low_px.x() < 500.0 ? 0.0 : 3.0, 0.3);
  }
}

TEST(FindUprights, TheLiftersPlaceIsLeftOut) {
  const auto all = findUprights(findLines(room()), 720);
  const auto left = withoutLifter(all, 930.0, 120.0);
  EXPECT_LT(left.size(), all.size());
  for (const Upright& u : left) EXPECT_LT(u.low_px.x(), 500.0);
  EXPECT_TRUE(findUprights(findLines(cv::Mat(360, 640, CV_8UC1, cv::Scalar(120))), 360).empty());
}

}  // namespace
}  // namespace mottix
