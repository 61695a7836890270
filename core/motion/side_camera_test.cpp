#include "core/motion/side_camera.h"

#include <cmath>
#include <numbers>

#include <gtest/gtest.h>

#include "tests/known_squat.h"

namespace mottix {
namespace {

TEST(FollowedLateralPrior, LiesWhereTheEndThatIsFollowedDoes) {
  EXPECT_DOUBLE_EQ(followedLateralPrior({450.0, 100.0}).value, plateLateralPrior(100.0).value);
  EXPECT_DOUBLE_EQ(followedLateralPrior({450.0, 20.0, Held::kEmptyBar}).value, 1.10);
  const Estimate dumbbell = followedLateralPrior({200.0, 40.0, Held::kDumbbells});
  EXPECT_LT(dumbbell.value, plateLateralPrior(std::nullopt).value);
  EXPECT_GT(dumbbell.sd, 0.08) << "arms hang or stand off";
  EXPECT_DOUBLE_EQ((LoadedBar{450.0, 20.0, Held::kEmptyBar}).radius_m(), 0.025);
  EXPECT_DOUBLE_EQ((LoadedBar{200.0, 40.0, Held::kDumbbells}).radius_m(), 0.1);
  for (const Held h : {Held::kPlates, Held::kEmptyBar, Held::kDumbbells}) EXPECT_EQ(heldNamed(nameOf(h)), h);
  EXPECT_FALSE(heldNamed("kettle"));
}

TEST(SideCamera, ThereAndBackIsTheSamePoint) {
  for (bool left : {false, true}) {
    SideCamera c = known::knownCamera(90.0);
    c.vanishing_px.y() += 30.0;
    c.roll_deg = 1.2;
    c.faces_left = left;
    for (double lateral : {0.0, 0.2, 0.75})
      for (const Vec2& p : {Vec2(300, 200), Vec2(640, 360), Vec2(900, 650)})
        EXPECT_LT((c.toPicture(c.toBody(p, lateral), lateral) - p).norm(), 1e-6);
  }
}

TEST(SideCamera, NearPlaneLooksLargerByTheRatioOfDistances) {
  const SideCamera c = known::knownCamera();
  const double distance = c.distance_m();
  // f·R/r = distance of the plate; the mid-plane lies 0.75 m further.
  EXPECT_NEAR(distance, 1024.0 * 0.225 / 80.0 + 0.75, 1e-9);
  EXPECT_NEAR(c.mmPerPx(0.0) / c.mmPerPx(0.75), distance / (distance - 0.75), 1e-9);
  EXPECT_NEAR(c.mmPerPx(0.75), 225.0 / 80.0, 1e-9);
}

TEST(SideCamera, FacingLeftMirrorsForward) {
  SideCamera c = known::knownCamera();
  const double right = c.toBody({700, 360}, 0.0).x();
  c.faces_left = true;
  EXPECT_NEAR(c.toBody({700, 360}, 0.0).x(), -right, 1e-12);
}

TEST(SideCamera, YawIsReadFromTheVanishingPoint) {
  EXPECT_NEAR(known::knownCamera(1024.0 * std::tan(5.0 * std::numbers::pi / 180.0)).yaw_deg(), 5.0, 1e-9);
}

TEST(EstimateScale, AtThePlateOnlyTheRadiusMatters) {
  SideCameraErrors errors;
  errors.focal_px = 100.0;
  const SideCamera c = known::knownCamera();
  EXPECT_NEAR(estimateScale(c, errors, c.plate_lateral_m).sd / c.mmPerPx(c.plate_lateral_m), 0.005, 2e-4);
  EXPECT_GT(estimateScale(c, errors, 0.0).sd / c.mmPerPx(0.0), 0.015);
}

TEST(UpdateCamera, AnExactObservationIsMetAndTheErrorAlongItVanishes) {
  SideCamera c = known::knownCamera();
  SideCameraErrors errors;
  errors.focal_px = 100.0;
  errors.vanishing_px = {40.0, 30.0};
  CameraStep slope = CameraStep::Zero();
  slope[1] = 0.001;  // metres a pixel of the vanishing point
  slope[3] = -0.03;  // metres a degree of roll
  const double before = slope[1] * slope[1] * 1600.0 + slope[3] * slope[3] * 2.25;
  const SideCamera old = c;
  updateCamera(c, errors, slope, {0.05, 1e-6});
  const double moved_by =
      slope[1] * (c.vanishing_px.x() - old.vanishing_px.x()) + slope[3] * (c.roll_deg - old.roll_deg);
  EXPECT_NEAR(moved_by, -0.05, 1e-6);
  double after = 0.0;
  for (int k = 0; k < kSideCameraErrorCount; ++k) {
    const SideCamera e = withError(c, errors, k, 1.0);
    after += std::pow(
        slope[1] * (e.vanishing_px.x() - c.vanishing_px.x()) + slope[3] * (e.roll_deg - c.roll_deg), 2);
  }
  EXPECT_LT(after, 1e-6 * before);
  EXPECT_NEAR(c.focal_px, old.focal_px, 1e-6);
}

TEST(UpdateCamera, AUselessObservationChangesNothing) {
  SideCamera c = known::knownCamera();
  SideCameraErrors errors;
  errors.vanishing_px = {40.0, 30.0};
  CameraStep slope = CameraStep::Zero();
  slope[1] = 0.001;
  updateCamera(c, errors, slope, {0.05, 1e3});
  EXPECT_NEAR(c.vanishing_px.x(), 640.0, 1e-3);
  EXPECT_NEAR(errors.vanishing_px.x(), 40.0, 1e-3);
  EXPECT_NEAR(errors.roll_deg, 1.5, 1e-6);
}

TEST(SideCamera, ADeeperDiscShrinksByItsDepth) {
  const SideCamera c = known::knownCamera();
  const double plate_m = 1024.0 * 0.225 / 80.0;
  EXPECT_NEAR(c.shrinkAt(c.plate_lateral_m), 0.0, 1e-12);
  EXPECT_NEAR(c.shrinkAt(-0.70), 1.45 / (plate_m + 1.45), 1e-9);
  // The same by another way: the scale there.
  EXPECT_NEAR(1.0 - c.mmPerPx(c.plate_lateral_m) / c.mmPerPx(-0.70), c.shrinkAt(-0.70), 1e-9);
}

TEST(PlateLateralPrior, MorePlatesReachFurtherOutAndAreLessCertain) {
  const Estimate one = plateLateralPrior(40.0), three = plateLateralPrior(150.0);
  EXPECT_EQ(plateLateralPrior(60.0).value, one.value) << "one plate of 20 kg";
  EXPECT_NEAR(three.value - one.value, 0.09, 1e-9);
  EXPECT_GT(three.sd, one.sd);
  EXPECT_EQ(plateLateralPrior(0.0).value, one.value) << "a light disc of full size";
  EXPECT_LT(plateLateralPrior(1000.0).value, 1.1) << "no further than the sleeve goes";
  const Estimate unknown = plateLateralPrior(std::nullopt);
  EXPECT_LT(one.value, unknown.value);
  EXPECT_LT(unknown.value, three.value);
}

TEST(ObserveCamera, TheFarPlateTellsTheCamerasDistance) {
  // The true camera stands nearer than the prior says: its lens is wider.
  SideCamera truth = known::knownCamera();
  truth.focal_px = 880.0;
  SideCamera c = known::knownCamera();
  SideCameraErrors errors;
  errors.focal_px = 110.0;
  const double seen = truth.shrinkAt(-0.70);
  const Estimate before = estimateScale(c, errors, 0.0);
  observeCamera(
      c, errors, [&](const SideCamera& at) { return at.shrinkAt(-0.70) - seen; }, 1e-4);
  EXPECT_NEAR(c.shrinkAt(-0.70), seen, 2e-4);
  const Estimate after = estimateScale(c, errors, 0.0);
  EXPECT_NEAR(after.value / truth.mmPerPx(0.0), 1.0, 0.01);
  EXPECT_LT(after.sd, 0.5 * before.sd);
  EXPECT_LT(std::abs(after.value - truth.mmPerPx(0.0)), 2.0 * after.sd);
}

TEST(KneeLateral, IsAHingeThatOpensTowardTheToes) {
  const double ankle = lateralPrior(Joint::kAnkle).value, hip = lateralPrior(Joint::kHip).value;
  // A straight leg, upright or leaning: the knee lies on it.
  EXPECT_NEAR(kneeLateral({0, 0}, {0, 0.4}, {0, 0.8}).value, 0.5 * (ankle + hip), 1e-12);
  EXPECT_NEAR(kneeLateral({0, 0}, {0.1, 0.4}, {0.2, 0.8}).value, 0.5 * (ankle + hip), 1e-12);
  // Bent: out by the tangent of the toes' angle, and the less certain.
  const Estimate bent = kneeLateral({0, 0}, {0.2, 0.4}, {0, 0.8});
  EXPECT_NEAR(bent.value, 0.5 * (ankle + hip) + 0.2 * std::tan(std::numbers::pi / 6.0), 1e-12);
  EXPECT_GT(bent.sd, kneeLateral({0, 0}, {0, 0.4}, {0, 0.8}).sd);
  // Over-straightened knees do not go in; points on one spot are no reason for nonsense.
  EXPECT_NEAR(kneeLateral({0, 0}, {-0.1, 0.4}, {0, 0.8}).value, 0.5 * (ankle + hip), 1e-12);
  EXPECT_TRUE(std::isfinite(kneeLateral({0, 0}, {0, 0}, {0, 0}).value));
}

TEST(SideCamera, ASmallerPictureOfTheSameSceneTellsTheSame) {
  SideCamera camera;
  camera.focal_px = 1100.0;
  camera.middle_px = {640.0, 360.0};
  camera.vanishing_px = {700.0, 340.0};
  camera.plate_radius_px = 68.0;
  camera.plate_px = {610.0, 250.0};
  const SideCamera small = shrunk(camera, 0.5);
  for (const Vec2& p : {Vec2(500.0, 200.0), Vec2(800.0, 600.0)})
    EXPECT_LT((small.toBody(0.5 * p, 0.1) - camera.toBody(p, 0.1)).norm(), 1e-9);
  EXPECT_NEAR(small.distance_m(), camera.distance_m(), 1e-9);
  EXPECT_NEAR(small.mmPerPx(0.0), 2.0 * camera.mmPerPx(0.0), 1e-9);
}

}  // namespace
}  // namespace mottix
