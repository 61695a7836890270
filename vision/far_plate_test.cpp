#include "vision/far_plate.h"

#include <cmath>

#include <gtest/gtest.h>
#include <opencv2/imgproc.hpp>

#include "tests/drawn_disc.h"

namespace mottix {
namespace {

constexpr double kRadius = 80.0;
constexpr double kRatio = 0.32;
const Vec2 kVanishing(560, 330);

enum class FarOne { kThere, kMissing };

// A bar going down in front of a blotched wall, with a trunk between its plates.
std::vector<PlateView> setOfViews(FarOne far) {
  cv::Mat wall(720, 1280, CV_8UC1);
  cv::RNG rng(7);
  rng.fill(wall, cv::RNG::UNIFORM, 100, 220);
  cv::GaussianBlur(wall, wall, {0, 0}, 4.0);
  std::vector<PlateView> views;
  for (int i = 0; i < 24; ++i) {
    cv::Mat picture = wall.clone();
    const Vec2 near(640.25, 160.5 + 14.3 * i);
    const Vec2 away = near + kRatio * (kVanishing - near);
    if (far == FarOne::kThere) {
      drawDisc(picture, away, (1.0 - kRatio) * kRadius, 60);
      drawDisc(picture, away, 0.85 * (1.0 - kRatio) * kRadius, 75);
    }
    cv::rectangle(picture, cv::Rect(610, static_cast<int>(near.y()), 50, 300), 130, cv::FILLED);
    drawDisc(picture, near, kRadius, 50);
    cv::GaussianBlur(picture, picture, {0, 0}, 0.8);
    cv::Mat noise(picture.size(), CV_8UC1);
    rng.fill(noise, cv::RNG::NORMAL, 8, 2);
    picture += noise;
    const cv::Rect cut = cv::Rect(640 - 144, static_cast<int>(near.y()) - 144, 288, 288) &
                         cv::Rect(0, 0, picture.cols, picture.rows);
    views.push_back({picture(cut).clone(), Vec2(cut.x, cut.y), near, kRadius});
  }
  return views;
}

BarAxis roughly(Vec2 off_px) {
  BarAxis axis;
  axis.vanishing_px = kVanishing + off_px;
  axis.vanishing_sd_px = Vec2(30, 30);
  axis.radius_px = kRadius;
  return axis;
}

TEST(FindFarPlate, GivesShrinkAndVanishingPointBack) {
  for (const Vec2& off : {Vec2(0, 0), Vec2(25, -20), Vec2(-30, 30)}) {
    const auto far = findFarPlate(setOfViews(FarOne::kThere), roughly(off));
    ASSERT_TRUE(far) << off.transpose();
    EXPECT_NEAR(far->ratio.value, kRatio, 0.004);
    EXPECT_LT(std::abs(far->ratio.value - kRatio), 2.0 * far->ratio.sd);
    EXPECT_LT((far->vanishing.p_px - kVanishing).norm(), 4.0);
    EXPECT_LT(far->vanishing.sd_px.maxCoeff(), 5.0);
    EXPECT_GE(far->views, 10U) << "where the near one does not hide it";
  }
}

TEST(FindFarPlate, AWallAndATrunkAreNone) {
  EXPECT_FALSE(findFarPlate(setOfViews(FarOne::kMissing), roughly({0, 0})));
}

TEST(FindFarPlate, IsNotFoundWhereTheBarCannotPoint) {
  EXPECT_FALSE(findFarPlate(setOfViews(FarOne::kThere), roughly({300, 150})));
}

TEST(FindFarPlate, AFewPicturesAreTooFew) {
  auto views = setOfViews(FarOne::kThere);
  views.resize(5);
  EXPECT_FALSE(findFarPlate(views, roughly({0, 0})));
  EXPECT_FALSE(findFarPlate({}, roughly({0, 0})));
}

}  // namespace
}  // namespace mottix
