#include "core/motion/uprights.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

SideCamera rolledCamera(double roll_deg) {
  SideCamera c;
  c.focal_px = 1100.0;
  c.middle_px = {640.0, 360.0};
  c.vanishing_px = {700.0, 420.0};  // pitched by three degrees
  c.plate_radius_px = 68.0;
  c.plate_px = {610.0, 250.0};
  c.roll_deg = roll_deg;
  return c;
}

// An upright as the camera sees it: two heights of one place in the body's plane.
Upright seenBy(const SideCamera& c, double x_m, double depth_m) {
  return {c.toPicture({x_m, 0.0}, depth_m), c.toPicture({x_m, 1.6}, depth_m)};
}

TEST(Uprights, TheRollIsFoundFromARackAndAWall) {
  for (double roll : {-3.0, 0.8}) {
    const SideCamera truth = rolledCamera(roll);
    const std::vector<Upright> seen = {seenBy(truth, 0.7, 0.5), seenBy(truth, 0.75, -0.6),
                                       seenBy(truth, -1.2, -1.5), seenBy(truth, 1.6, -1.5)};
    SideCamera c = rolledCamera(0.0);
    SideCameraErrors e;
    e.focal_px = 60.0;
    e.vanishing_px = {10.0, 10.0};
    ASSERT_TRUE(levelByUprights(c, e, seen));
    EXPECT_NEAR(c.roll_deg, roll, 0.15);
    const Estimate left = estimateFrom(c, e, [](const SideCamera& camera) { return camera.roll_deg; });
    EXPECT_LT(left.sd, 0.45);
    EXPECT_GT(left.sd, 0.25);
  }
}

TEST(Uprights, OneThatLeansIsOutvotedAndAloneIsNotBelieved) {
  const SideCamera truth = rolledCamera(1.0), leaning = rolledCamera(5.0);
  SideCamera c = rolledCamera(0.0);
  SideCameraErrors e;
  const std::vector<Upright> most = {seenBy(truth, 0.7, 0.5), seenBy(truth, -1.2, -1.5),
                                     seenBy(truth, 1.6, -1.5), seenBy(leaning, 0.2, -1.0)};
  ASSERT_TRUE(levelByUprights(c, e, most));
  EXPECT_NEAR(c.roll_deg, 1.0, 0.15);

  const SideCamera before = c = rolledCamera(0.0);
  // Two edges of one post, or as much that leans as stands.
  EXPECT_FALSE(levelByUprights(c, e, {seenBy(truth, 0.7, 0.5), seenBy(truth, 0.73, 0.5)}));
  EXPECT_FALSE(levelByUprights(c, e,
                               {seenBy(truth, 0.7, 0.5), seenBy(truth, -1.2, -1.5),
                                seenBy(leaning, 0.2, -1.0), seenBy(leaning, -0.8, -1.0)}));
  EXPECT_FALSE(levelByUprights(c, e, {}));
  EXPECT_EQ(c.roll_deg, before.roll_deg);
}

}  // namespace
}  // namespace mottix
