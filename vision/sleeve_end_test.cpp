#include "vision/sleeve_end.h"

#include <cmath>

#include <gtest/gtest.h>
#include <opencv2/imgproc.hpp>

#include "tests/drawn_disc.h"

namespace mottix {
namespace {

constexpr double kFocal_px = 1024.0, kRadius_px = 80.0, kPlate_m = 0.225;
constexpr double kFace_m = kFocal_px * kPlate_m / kRadius_px;  // from the camera
constexpr double kOut_m = 0.38, kRatio = kOut_m / (kFace_m - kOut_m);
const Vec2 kVanishing(560, 330);

enum class Sleeve { kThere, kHidden };

// A plate with a ring, a hub and holes that goes down by `way_px`; the sleeve stands out of it toward the
// camera.
std::vector<PlateView> setOfViews(Sleeve sleeve, double way_px = 300.0) {
  cv::RNG rng(11);
  std::vector<PlateView> views;
  for (int i = 0; i < 24; ++i) {
    cv::Mat picture(720, 1280, CV_8UC1, cv::Scalar(170));
    const Vec2 face(640.25, 180.5 + way_px * i / 23.0);
    drawDisc(picture, face, kRadius_px, 45);
    drawDisc(picture, face, 0.8 * kRadius_px, 70);
    drawDisc(picture, face, 0.77 * kRadius_px, 45);
    for (int k = 0; k < 5; ++k)
      drawDisc(picture, face + 45.0 * Vec2(std::cos(1.257 * k + 0.4), std::sin(1.257 * k + 0.4)), 10.0, 20);
    drawDisc(picture, face, 15.0, 60);
    if (sleeve == Sleeve::kThere)
      for (int k = 0; k <= 50; ++k) {
        const double out = 0.02 * k;
        const double e = out * kOut_m / (kFace_m - out * kOut_m);
        drawDisc(picture, face - e * (kVanishing - face), (1.0 + e) * 0.025 / kPlate_m * kRadius_px,
                 k < 50 ? 140 : 190);
      }
    cv::GaussianBlur(picture, picture, {}, 0.8);
    cv::Mat noise(picture.size(), CV_8UC1);
    rng.fill(noise, cv::RNG::NORMAL, 8, 2);
    picture += noise;
    const cv::Rect cut = cv::Rect(640 - 144, static_cast<int>(face.y()) - 144, 288, 288) &
                         cv::Rect(0, 0, picture.cols, picture.rows);
    views.push_back({picture(cut).clone(), Vec2(cut.x, cut.y), face, kRadius_px});
  }
  return views;
}

// Nothing is known but where bars usually point.
BarAxis usual(const Vec2& vanishing_px = Vec2(640, 360)) {
  BarAxis axis;
  axis.vanishing_px = vanishing_px;
  axis.vanishing_sd_px = Vec2(144, 72);
  axis.radius_px = kRadius_px;
  return axis;
}

TEST(FindSleeveEnd, GivesWhereTheBarPointsAndHowFarItStandsOut) {
  for (const double focal : {kFocal_px, 0.88 * kFocal_px, 1.1 * kFocal_px}) {  // a phone's is not known
    const auto views = setOfViews(Sleeve::kThere);
    const auto end = findSleeveEnd(views, usual(), focal, kPlate_m);
    ASSERT_TRUE(end) << focal;
    EXPECT_GE(end->views.size(), 20U);
    const auto seen = estimateParallax(*end, views);
    ASSERT_TRUE(seen);
    EXPECT_LT((seen->vanishing.p_px - kVanishing).norm(), 4.0);
    EXPECT_LT(seen->vanishing.sd_px.maxCoeff(), 6.0);
    EXPECT_NEAR(seen->nearer.value, kRatio, 0.004);
  }
}

TEST(FindSleeveEnd, AFaceAloneHasNone) {
  const auto views = setOfViews(Sleeve::kHidden);
  const auto end = findSleeveEnd(views, usual(), kFocal_px, kPlate_m);
  EXPECT_TRUE(!end || !estimateParallax(*end, views));
}

TEST(FindSleeveEnd, ABarThatStandsStillSaysNothing) {
  const auto views = setOfViews(Sleeve::kThere, 0.0);
  const auto end = findSleeveEnd(views, usual(), kFocal_px, kPlate_m);
  EXPECT_TRUE(!end || !estimateParallax(*end, views));
}

TEST(FindSleeveEnd, AFewPicturesAndAFarPlateAreTooLittle) {
  auto views = setOfViews(Sleeve::kThere);
  EXPECT_FALSE(findSleeveEnd({views.begin(), views.begin() + 5}, usual(), kFocal_px, kPlate_m));
  BarAxis far = usual();
  far.radius_px = 20.0;
  EXPECT_FALSE(findSleeveEnd(views, far, kFocal_px, kPlate_m));
}

}  // namespace
}  // namespace mottix
