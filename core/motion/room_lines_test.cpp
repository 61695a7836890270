#include "core/motion/room_lines.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

SideCamera someCamera() {
  SideCamera c;
  c.focal_px = 1100.0;
  c.middle_px = {640.0, 360.0};
  c.vanishing_px = {700.0, 420.0};
  c.plate_radius_px = 68.0;
  c.plate_px = {610.0, 250.0};
  return c;
}
SideCameraErrors someErrors() {
  SideCameraErrors e;
  e.focal_px = 110.0;
  e.vanishing_px = {30.0, 30.0};
  return e;
}
RoomLine lineOf(RoomLineKind kind, const SideCamera& c, const Vec2& from_m, const Vec2& to_m,
                double lateral_m) {
  RoomLine line;
  line.kind = kind;
  line.from_px = c.toPicture(from_m, lateral_m);
  line.to_px = c.toPicture(to_m, lateral_m);
  line.length_m = kind == RoomLineKind::kUpright ? 0.0 : (to_m - from_m).norm();
  return line;
}

TEST(RoomLines, AnUprightLevelsTheCameraWhicheverWayItWasDrawn) {
  SideCamera truth = someCamera();
  truth.roll_deg = 2.0;
  for (const bool downward : {false, true}) {
    SideCamera c = someCamera();
    SideCameraErrors e = someErrors();
    RoomLine post = lineOf(RoomLineKind::kUpright, truth, {0.8, 0.0}, {0.8, 1.7}, -0.4);
    if (downward) std::swap(post.from_px, post.to_px);
    const auto read = takeInLines(c, e, {post});
    ASSERT_EQ(read.size(), 1u);
    EXPECT_TRUE(read[0].used);
    EXPECT_NEAR(std::abs(read[0].off.value), 2.0, 0.3);
    EXPECT_NEAR(c.roll_deg, 2.0, 0.3);  // a level camera is likelier than a tilted one
    EXPECT_LT(estimateFrom(c, e, [](const SideCamera& k) { return k.roll_deg; }).sd, 0.6);
  }
}

// The truth stands nearer than the prior of a phone's focal length says: the plate alone cannot know.
TEST(RoomLines, AKnownLengthSaysHowFarTheCameraStands) {
  SideCamera truth = someCamera();
  truth.focal_px = 950.0;
  const double scale = truth.mmPerPx(0.0);
  SideCamera c = someCamera();
  SideCameraErrors e = someErrors();
  const Estimate before = estimateScale(c, e, 0.0);
  const auto read =
      takeInLines(c, e, {lineOf(RoomLineKind::kLengthAtLifter, truth, {-0.8, -1.2}, {0.8, -1.2}, 0.0)});
  EXPECT_TRUE(read[0].used);
  EXPECT_LT(read[0].off.value, 0.0) << "a lifter farther behind the plate is drawn smaller than supposed";
  const Estimate after = estimateScale(c, e, 0.0);
  EXPECT_LT(std::abs(after.value - scale), 0.85 * std::abs(before.value - scale));
  EXPECT_LT(after.sd, before.sd);
  EXPECT_LT(std::abs(after.value - scale), 2.0 * after.sd);
}

TEST(RoomLines, WhatContradictsIsLeftOut) {
  const SideCamera before = someCamera();
  SideCamera c = before;
  SideCameraErrors e = someErrors();
  SideCamera rolled = before;
  rolled.roll_deg = 9.0;  // a ladder that leans
  RoomLine tape = lineOf(RoomLineKind::kLengthAtPlate, before, {-0.5, -1.0}, {0.5, -1.0}, 0.75);
  tape.length_m = 1.25;
  const auto read =
      takeInLines(c, e, {lineOf(RoomLineKind::kUpright, rolled, {0.8, 0.0}, {0.8, 1.7}, 0.0), tape});
  EXPECT_FALSE(read[0].used);
  EXPECT_FALSE(read[1].used);
  EXPECT_NEAR(read[1].off.value, -0.2, 0.01);
  EXPECT_EQ(c.roll_deg, before.roll_deg);
  EXPECT_EQ(c.focal_px, before.focal_px);
}

TEST(RoomLines, ALineThatCanSayNothingIsRefused) {
  RoomLine line{RoomLineKind::kUpright, 0, Vec2(100, 100), Vec2(110, 400), 0.0};
  EXPECT_TRUE(line.validate());
  line.to_px = Vec2(400, 400);
  EXPECT_EQ(line.validate().error().remedy, Remedy::kCorrectInput);  // no post lies so
  line.kind = RoomLineKind::kLengthAtLifter;
  EXPECT_FALSE(line.validate());  // no length
  line.length_m = 2.0;
  EXPECT_TRUE(line.validate());
  line.to_px = Vec2(110, 110);
  EXPECT_FALSE(line.validate());  // a few pixels
  SideCamera c = someCamera();
  SideCameraErrors e = someErrors();
  EXPECT_FALSE(takeInLines(c, e, {line})[0].used);
}

TEST(RoomLines, TheyGoWithACameraThatIsHeldByHand) {
  ClipTracks tracks;
  tracks.width_px = 1280;
  tracks.height_px = 720;
  tracks.time_s = {0.0, 0.1};
  tracks.bar.resize(2);
  tracks.shake.resize(2);
  tracks.shake[1].shift_px = Vec2(12, -5);
  const RoomLine line{RoomLineKind::kUpright, 1, Vec2(112, 95), Vec2(122, 395), 0.0};
  const auto still = steadied({line}, tracks);
  EXPECT_TRUE(still[0].from_px.isApprox(Vec2(100, 100), 1e-9));
  EXPECT_TRUE(still[0].to_px.isApprox(Vec2(110, 400), 1e-9));
}

}  // namespace
}  // namespace mottix
