#include "core/measure/drawn_measure.h"

#include <random>

#include <gtest/gtest.h>

#include "core/verdict/analysis.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

class Drawn : public testing::Test {
 protected:
  Drawn() {
    clip_ = known::film({});
    analysis_ = *analyse(clip_.tracks, std::nullopt, {}, builtInRuleBook());
  }
  // Where something at this place on the lifter's near side is seen.
  DrawnPoint at(std::size_t frame, double x_m, double y_m) const {
    return {frame, analysis_.camera.toPicture({x_m, y_m}, 0.15)};
  }
  Estimate of(DrawnKind kind, std::vector<DrawnPoint> points) const {
    const auto e =
        estimateDrawn({kind, std::move(points)}, clip_.tracks, analysis_.camera, analysis_.camera_errors);
    EXPECT_TRUE(e) << e.error().text;
    return e.value_or(Estimate{-999.0, 0.0});
  }
  known::KnownClip clip_;
  Analysis analysis_;
};

TEST_F(Drawn, GivesBackWhatIsThere) {
  const DrawnPoint a = at(10, 0.0, 0.0), b = at(10, 0.3, 0.4), c = at(10, 0.3, 0.0);
  EXPECT_NEAR(of(DrawnKind::kDistance, {a, b}).value, 50.0, 1e-6);
  EXPECT_NEAR(of(DrawnKind::kHeight, {a, b}).value, 40.0, 1e-6);
  EXPECT_NEAR(of(DrawnKind::kHeight, {b, a}).value, -40.0, 1e-6);
  EXPECT_NEAR(of(DrawnKind::kLean, {a, b}).value, 36.87, 0.01);
  EXPECT_NEAR(of(DrawnKind::kAngle, {a, c, b}).value, 90.0, 1e-6);
  EXPECT_NEAR(of(DrawnKind::kTime, {{12, a.p_px}, {42, a.p_px}}).value, 1.0, 1e-6);
  EXPECT_NEAR(of(DrawnKind::kTime, {{12, a.p_px}, {42, a.p_px}}).sd, 0.0136, 1e-3);
}

TEST_F(Drawn, AHandsScatterIsWithinTheStatedError) {
  std::mt19937 draw(3);
  std::normal_distribution<double> hand(0.0, 3.0);
  int within = 0;
  constexpr int kTimes = 200;
  for (int k = 0; k < kTimes; ++k) {
    DrawnPoint a = at(10, 0.0, 0.0), b = at(10, 0.1, 0.5), c = at(10, 0.4, 0.5);
    for (DrawnPoint* p : {&a, &b, &c}) p->p_px += Vec2(hand(draw), hand(draw));
    const Estimate e = of(DrawnKind::kAngle, {a, b, c});
    within += std::abs(e.value - 101.31) <= e.sd;
  }
  EXPECT_GE(within, 0.60 * kTimes);
  EXPECT_LE(within, 0.80 * kTimes);
}

TEST_F(Drawn, FollowsAHandHeldCamera) {
  ClipTracks shaken = clip_.tracks;
  shaken.shake.assign(shaken.frameCount(), {});
  const DrawnPoint a = at(10, 0.0, 0.0), b = at(10, 0.3, 0.4);
  DrawnPoint later = b;
  later.frame = 20;
  shaken.shake[20].shift_px = Vec2(15.0, -6.0);
  later.p_px += Vec2(15.0, -6.0);
  const auto e =
      estimateDrawn({DrawnKind::kDistance, {a, later}}, shaken, analysis_.camera, analysis_.camera_errors);
  ASSERT_TRUE(e);
  EXPECT_NEAR(e->value, 50.0, 1e-6);
}

TEST_F(Drawn, WhatCannotBeMeasuredIsSaid) {
  const DrawnPoint a = at(10, 0.0, 0.0);
  EXPECT_FALSE(
      estimateDrawn({DrawnKind::kAngle, {a, a}}, clip_.tracks, analysis_.camera, analysis_.camera_errors));
  EXPECT_FALSE(
      estimateDrawn({DrawnKind::kDistance, {a, a}}, clip_.tracks, analysis_.camera, analysis_.camera_errors));
  DrawnPoint nowhere = a;
  nowhere.frame = 100000;
  EXPECT_FALSE(estimateDrawn({DrawnKind::kTime, {a, nowhere}}, clip_.tracks, analysis_.camera,
                             analysis_.camera_errors));
  for (const DrawnKind kind : kDrawnKinds) EXPECT_EQ(drawnKindNamed(nameOf(kind)), kind);
  EXPECT_FALSE(drawnKindNamed("area"));
}

}  // namespace
}  // namespace mottix
