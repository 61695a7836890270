#include "core/motion/camera_shake.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

ClipTracks shakyClip() {
  ClipTracks t;
  t.width_px = 1280;
  t.height_px = 720;
  for (int i = 0; i < 9; ++i) {
    t.time_s.push_back(i / 30.0);
    t.shake.push_back({Vec2(3.0 * i, -2.0 * i), 0.002 * i, 0.001 * i, 0.3, true});
    const Vec2 stands(500.0, 300.0);
    t.bar.push_back({toPictureMoved(t.shake.back(), {640.0, 360.0}, stands), 0.4, 70.0, TrackState::kSeen});
    t.joints[indexOf(Joint::kHip)].push_back(
        {toPictureMoved(t.shake.back(), {640.0, 360.0}, {450.0, 420.0}), 3.0, true});
  }
  return t;
}

TEST(CameraShake, WhatStandsStillStandsStillAgain) {
  const ClipTracks t = shakyClip();
  const ClipTracks s = steadied(t);
  EXPECT_TRUE(s.shake.empty());
  for (std::size_t i = 0; i < 9; ++i) {
    EXPECT_LT((s.bar[i].p_px - Vec2(500.0, 300.0)).norm(), 1e-9);
    EXPECT_NEAR(s.bar[i].sd_px, 0.5, 1e-12) << "the error of the move is added";
    EXPECT_NEAR(s.bar[i].radius_px, 70.0 * std::exp(-0.001 * static_cast<double>(i)), 1e-9);
    EXPECT_LT((s.joints[indexOf(Joint::kHip)][i].p_px - Vec2(450.0, 420.0)).norm(), 1e-9);
    EXPECT_LT((toReference(t, i, toPictureMoved(t, i, {10.0, 20.0})) - Vec2(10.0, 20.0)).norm(), 1e-9);
  }
  EXPECT_NEAR(greatestShake_px(t), 8.0 * std::sqrt(13.0), 1e-9);
}

TEST(CameraShake, ACameraThatStoodChangesNothing) {
  ClipTracks t = shakyClip();
  t.shake.clear();
  EXPECT_EQ(toReference(t, 3, {7.0, 8.0}), Vec2(7.0, 8.0));
  EXPECT_EQ(steadied(t).bar[3].p_px, t.bar[3].p_px);
  EXPECT_EQ(greatestShake_px(t), 0.0);
}

TEST(CameraShake, WhereTheMoveIsNotKnownNothingIsClaimed) {
  ClipTracks t = shakyClip();
  t.shake[4].known = false;
  const ClipTracks s = steadied(t);
  EXPECT_EQ(s.bar[4].state, TrackState::kLost);
  EXPECT_FALSE(s.joints[indexOf(Joint::kHip)][4].known);
  EXPECT_EQ(s.bar[5].state, TrackState::kSeen);
}

TEST(CameraShake, ShortGapsAreBridgedAndTheReferenceLiesInTheMiddle) {
  ClipTracks t = shakyClip();
  for (std::size_t i : {2u, 5u, 6u, 7u}) t.shake[i].known = false;
  t.shake[2].shift_px = {900.0, 0.0};
  settleMoves(t.shake, t.time_s, 0.1);
  EXPECT_TRUE(t.shake[2].known);
  EXPECT_GT(t.shake[2].sd_px, 1.0);
  for (std::size_t i : {5u, 6u, 7u}) EXPECT_FALSE(t.shake[i].known) << "four pictures are 0.13 s";
  // The bridged picture lies half way between its neighbours, and pictures keep their places to one another.
  EXPECT_LT((t.shake[2].shift_px - 0.5 * (t.shake[1].shift_px + t.shake[3].shift_px)).norm(), 0.02);
  EXPECT_LT((toReference(t, 1, t.bar[1].p_px) - toReference(t, 8, t.bar[8].p_px)).norm(), 1e-9);
  EXPECT_LT(t.shake[3].shift_px.norm(), 0.1) << "the median of five known ones";
}

}  // namespace
}  // namespace mottix
