#include "vision/lens_finder.h"

#include <cmath>

#include <gtest/gtest.h>
#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

constexpr double kFocal = 1100.0;

// A wall over a floor, and a post, as a lens with `k1` shows them.
cv::Mat room(double k1, bool post = true, bool crooked = false) {
  cv::Mat picture(720, 1280, CV_8UC1), grain(720, 1280, CV_16SC1);
  // Edges a pixel wide.
  auto over = [](double off) { return std::clamp(0.5 + off, 0.0, 1.0); };
  for (int y = 0; y < picture.rows; ++y)
    for (int x = 0; x < picture.cols; ++x) {
      Vec2 d(x + 0.5 - 640.0, y + 0.5 - 360.0);
      d *= 1.0 - k1 * d.squaredNorm() / (kFocal * kFocal);  // to first order
      const double floor = 210.0 + 0.01 * d.x() + (crooked ? 4.0 * std::sin(d.x() / 90.0) : 0.0);
      const double ground = 170.0 - 80.0 * over(d.y() - floor);
      const double on_post =
          post ? over(30.0 - std::abs(d.x() + 420.0 - 0.01 * d.y())) * over(280.0 - d.y()) : 0.0;
      picture.at<uint8_t>(y, x) = static_cast<uint8_t>(std::lround(ground + on_post * (60.0 - ground)));
    }
  cv::RNG rng(3);
  rng.fill(grain, cv::RNG::NORMAL, 0.0, 3.0);
  cv::add(picture, grain, picture, {}, CV_8UC1);
  return picture;
}

std::vector<BowedEdge> edgesOf(const cv::Mat& picture) {
  return findBowedEdges(picture, findLines(picture), kFocal);
}

TEST(LensFinder, ReadsTheBendOffTheRoom) {
  for (const double k1 : {-0.1, -0.04, 0.0, 0.04}) {
    const auto edges = edgesOf(room(k1));
    const auto lens = estimateLens({edges, edges});
    ASSERT_TRUE(lens) << k1;
    EXPECT_NEAR(lens->value, k1, 2.0 * lens->sd) << k1;
    EXPECT_LT(lens->sd, 0.04);
    EXPECT_NEAR(estimateLens({edges})->sd, lens->sd, 1e-9) << "the same room again says no more";
  }
}

TEST(LensFinder, ALineBehindThePostIsOneLine) {
  double longest = 0.0;
  for (const BowedEdge& e : edgesOf(room(-0.06)))
    longest = std::max(longest, e.points_px.back().x() - e.points_px.front().x());
  EXPECT_GT(longest, 1000.0);
}

TEST(LensFinder, SaysNothingWhereTheRoomDoesNot) {
  EXPECT_FALSE(estimateLens({}));
  EXPECT_FALSE(estimateLens({edgesOf(cv::Mat(720, 1280, CV_8UC1, cv::Scalar(120)))}));
  EXPECT_FALSE(estimateLens({edgesOf(room(0.0, false, true))})) << "no straight line";
  EXPECT_FALSE(estimateLens({edgesOf(room(-0.05, false))})) << "one edge alone may be bent itself";
}

TEST(LensFinder, EdgesThatDisagreeAreLeftOut) {
  const std::vector<BowedEdge> edges = {
      {{}, {-0.05, 0.02}}, {{}, {-0.045, 0.03}}, {{}, {-0.055, 0.03}}, {{}, {0.3, 0.02}}};
  const auto lens = estimateLens({edges});
  ASSERT_TRUE(lens);
  EXPECT_NEAR(lens->value, -0.05, 0.012);
  EXPECT_FALSE(estimateLens({{edges[0], edges[3]}}));
}

}  // namespace
}  // namespace mottix
