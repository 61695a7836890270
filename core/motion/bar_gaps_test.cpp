#include "core/motion/bar_gaps.h"

#include <algorithm>
#include <cmath>

#include <gtest/gtest.h>

namespace mottix {
namespace {

constexpr double kRadius_px = 70.0, kBridge_s = 0.7;

// A bar that rests, is lifted from 1 s on and rests again: 180 px in 1.2 s, 30 pictures a second.
struct Lifted {
  std::vector<double> time_s;
  std::vector<BarSample> truth, samples;

  Lifted() {
    for (int i = 0; i < 100; ++i) {
      const double t = i / 30.0, part = std::clamp((t - 1.0) / 1.2, 0.0, 1.0);
      time_s.push_back(t);
      truth.push_back({Vec2(400.0, 500.0 - 180.0 * part * part * (3.0 - 2.0 * part)), 0.3, kRadius_px,
                       TrackState::kSeen});
    }
    samples = truth;
  }
  void hide(std::size_t from, std::size_t to) {
    for (std::size_t f = from; f <= to; ++f)
      samples[f] = {Vec2(900.0, 100.0), 90.0, kRadius_px, TrackState::kBridged};
  }
  double off(std::size_t f) const { return (samples[f].p_px - truth[f].p_px).norm(); }
};

TEST(BridgeGaps, CrossesFromBothEndsWithAnErrorThatCoversIt) {
  Lifted bar;
  bar.hide(40, 52);
  bridgeGaps(bar.samples, bar.time_s, kBridge_s);
  for (std::size_t f = 40; f <= 52; ++f) {
    EXPECT_EQ(bar.samples[f].state, TrackState::kBridged);
    EXPECT_LT(bar.off(f), 3.0) << f;
    EXPECT_LT(bar.off(f), 3.0 * bar.samples[f].sd_px) << f;
  }
  EXPECT_GT(bar.samples[46].sd_px, 2.0 * bar.samples[40].sd_px) << "the middle is known least";
  EXPECT_NEAR(bar.samples[40].sd_px, bar.samples[52].sd_px, 0.2);
}

TEST(BridgeGaps, LongOnesAndTheEndsOfTheFilmStayAsTheyAre) {
  Lifted bar;
  bar.hide(0, 5);
  bar.hide(30, 60);
  bar.hide(95, 99);
  bridgeGaps(bar.samples, bar.time_s, kBridge_s);
  for (const std::size_t f : {0u, 5u, 30u, 60u, 95u, 99u}) EXPECT_EQ(bar.samples[f].p_px, Vec2(900.0, 100.0));
  std::vector<BarSample> none;
  bridgeGaps(none, {}, kBridge_s);
  EXPECT_TRUE(none.empty());
}

TEST(DropIslands, WhatIsSeenElsewhereInAGapIsNotTheBar) {
  Lifted bar;
  bar.hide(38, 50);
  bar.samples[44] = bar.truth[44];
  bar.samples[44].p_px += Vec2(30.0, -60.0);  // the far plate
  Lifted right = bar;
  right.samples[44] = right.truth[44];
  for (Lifted* film : {&bar, &right}) {
    dropIslands(film->samples, film->time_s, kBridge_s);
    bridgeGaps(film->samples, film->time_s, kBridge_s);
    for (std::size_t f = 38; f <= 50; ++f) EXPECT_LT(film->off(f), 6.0) << f;
  }
  EXPECT_EQ(bar.samples[44].state, TrackState::kBridged);
  EXPECT_EQ(right.samples[44].state, TrackState::kSeen);
}

TEST(BridgeLeaps, OnePictureAsideIsNotTheBar) {
  Lifted bar;
  bar.samples[45].p_px += Vec2(30.0, 0.0);
  bridgeLeaps(bar.samples, bar.time_s, 0.225);
  EXPECT_EQ(bar.samples[45].state, TrackState::kBridged);
  EXPECT_LT(bar.off(45), 2.0);
  EXPECT_EQ(bar.samples[44].state, TrackState::kSeen);
  EXPECT_EQ(bar.samples[46].state, TrackState::kSeen);
}

}  // namespace
}  // namespace mottix
