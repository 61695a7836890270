#include "core/motion/smooth.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(SmoothLocal, AParabolaIsReproducedExactlyOnUnevenTimes) {
  std::vector<double> t, y, sd;
  double now = 0.0;
  for (int i = 0; i < 60; ++i) {
    now += i % 3 == 0 ? 0.05 : 0.02;
    t.push_back(now);
    y.push_back(1.0 - 2.0 * now + 3.0 * now * now);
    sd.push_back(0.01);
  }
  const auto out = smoothLocal(t, y, sd, 0.15);
  for (std::size_t i = 0; i < t.size(); ++i) {
    ASSERT_TRUE(out[i].known);
    EXPECT_NEAR(out[i].value.value, y[i], 1e-6);
    EXPECT_NEAR(out[i].slope.value, -2.0 + 6.0 * t[i], 1e-4);
  }
}

TEST(SmoothLocal, StatesItsErrorHonestly) {
  std::mt19937 draw(3);
  std::normal_distribution<double> noise(0.0, 0.01);
  double value_ratio = 0.0, slope_ratio = 0.0;
  int count = 0;
  for (int run = 0; run < 40; ++run) {
    std::vector<double> t, y, sd;
    for (int i = 0; i < 60; ++i) {
      t.push_back(i / 30.0);
      y.push_back(0.4 * t.back() + noise(draw));
      sd.push_back(0.01);
    }
    const auto out = smoothLocal(t, y, sd, 0.15);
    for (std::size_t i = 10; i < 50; i += 8) {
      value_ratio += std::pow((out[i].value.value - 0.4 * t[i]) / out[i].value.sd, 2);
      slope_ratio += std::pow((out[i].slope.value - 0.4) / out[i].slope.sd, 2);
      ++count;
    }
  }
  EXPECT_NEAR(std::sqrt(value_ratio / count), 1.0, 0.2);
  EXPECT_NEAR(std::sqrt(slope_ratio / count), 1.0, 0.2);
}

TEST(SmoothLocal, SparseSamplesWidenTheWindow) {
  std::vector<double> t, y, sd;
  for (int i = 0; i < 30; ++i) {
    t.push_back(i / 10.0);
    y.push_back(2.0 * t.back());
    sd.push_back(0.01);
  }
  const auto out = smoothLocal(t, y, sd, 0.05);
  EXPECT_TRUE(out[15].known);
  EXPECT_NEAR(out[15].slope.value, 2.0, 1e-6);
  EXPECT_TRUE(smoothLocal({}, {}, {}, 0.1).empty());
  const std::vector<double> one = {1.0};
  EXPECT_FALSE(smoothLocal(one, one, one, 0.1)[0].known);
}

TEST(SmoothLocal, MissingSamplesAreLeftOutAndGapsStayUnknown) {
  const double nan = std::numeric_limits<double>::quiet_NaN();
  std::vector<double> t, y, sd;
  for (int i = 0; i < 60; ++i) {
    t.push_back(i / 30.0);
    y.push_back(i >= 20 && i < 40 ? 1e6 : 2.0);
    sd.push_back(i >= 20 && i < 40 ? nan : 0.01);
  }
  const auto out = smoothLocal(t, y, sd, 0.1);
  EXPECT_TRUE(out[18].known);
  EXPECT_NEAR(out[18].value.value, 2.0, 1e-9);
  EXPECT_FALSE(out[30].known);
}

// A bar's way: a minimum-jerk movement of 0.6 m in `seconds`, with rest before and after.
struct Known {
  double value, slope, bend;
};
Known movedAt(double t, double seconds) {
  const double u = std::clamp((t - 1.0) / seconds, 0.0, 1.0), s = seconds;
  return {0.6 * u * u * u * (10.0 + u * (-15.0 + 6.0 * u)), 0.6 * 30.0 * u * u * (1.0 - u) * (1.0 - u) / s,
          0.6 * 60.0 * u * (1.0 - u) * (1.0 - 2.0 * u) / (s * s)};
}

struct Noisy {
  std::vector<double> t, y, sd;
};
Noisy recorded(std::uint32_t seed, double seconds, double noise_m, double fps) {
  std::mt19937 draw(seed);
  std::normal_distribution<double> noise(0.0, noise_m);
  std::uniform_real_distribution<double> late(0.0, 0.4 / fps);
  Noisy r;
  for (int i = 0; i < static_cast<int>((seconds + 2.0) * fps); ++i) {
    r.t.push_back(i / fps + late(draw));
    r.y.push_back(movedAt(r.t.back(), seconds).value + noise(draw));
    r.sd.push_back(1.0);  // right up to a factor
  }
  return r;
}

TEST(SmoothSpline, StatesTheErrorOfPlaceSpeedAndAccelerationHonestly) {
  std::array<int, 3> within = {};
  int count = 0;
  for (std::uint32_t seed = 1; seed <= 60; ++seed) {
    const double seconds = 0.7 + 0.02 * seed, fps = seed % 2 == 0 ? 30.0 : 60.0;
    const Noisy r = recorded(seed, seconds, 0.0005 * (1 + seed % 4), fps);
    const SplineFit fit = smoothSpline(r.t, r.y, r.sd);
    for (std::size_t i = 10; i + 10 < r.t.size(); i += 7) {
      const Known k = movedAt(r.t[i], seconds);
      const SplineSample& s = fit.at[i];
      within[0] += std::abs(s.value.value - k.value) < s.value.sd;
      within[1] += std::abs(s.slope.value - k.slope) < s.slope.sd;
      within[2] += std::abs(s.bend.value - k.bend) < s.bend.sd;
      ++count;
    }
  }
  for (int w : within) EXPECT_NEAR(w, 0.68 * count, 0.12 * count);
}

TEST(SmoothSpline, TakesTheCutOffFromTheNoise) {
  const Noisy clean = recorded(1, 0.8, 0.0002, 60.0), rough = recorded(1, 0.8, 0.008, 60.0);
  const SplineFit a = smoothSpline(clean.t, clean.y, clean.sd), b = smoothSpline(rough.t, rough.y, rough.sd);
  EXPECT_GT(a.cutoff_hz, 1.3 * b.cutoff_hz);
  EXPECT_NEAR(a.noise, 0.0002, 0.00004);
  EXPECT_NEAR(b.noise, 0.008, 0.0012);
}

TEST(SmoothSpline, IsNearerToTheTruthThanAWindow) {
  double spline = 0.0, window = 0.0;
  for (std::uint32_t seed = 1; seed <= 20; ++seed) {
    const Noisy r = recorded(seed, 1.2, 0.001, 30.0);
    const SplineFit fit = smoothSpline(r.t, r.y, r.sd);
    const auto local = smoothLocal(r.t, r.y, r.sd, 0.12);
    for (std::size_t i = 5; i + 5 < r.t.size(); ++i) {
      const double truth = movedAt(r.t[i], 1.2).slope;
      spline += std::pow(fit.at[i].slope.value - truth, 2);
      window += std::pow(local[i].slope.value - truth, 2);
    }
  }
  EXPECT_LT(spline, window);
}

TEST(SmoothSpline, AParabolaComesBackAndAGapSaysHowLittleIsKnown) {
  const double nan = std::numeric_limits<double>::quiet_NaN();
  std::vector<double> t, y, sd;
  for (int i = 0; i < 90; ++i) {
    t.push_back(i / 30.0);
    y.push_back(1.0 + 0.5 * t.back() - 0.3 * t.back() * t.back() + (i % 2 == 0 ? 1e-4 : -1e-4));
    sd.push_back(i >= 40 && i < 60 ? nan : 0.01);
  }
  const SplineFit fit = smoothSpline(t, y, sd);
  EXPECT_NEAR(fit.at[20].value.value, y[20], 3e-4);
  EXPECT_NEAR(fit.at[20].slope.value, 0.5 - 0.6 * t[20], 5e-3);
  EXPECT_NEAR(fit.at[20].bend.value, -0.6, 0.05);
  EXPECT_TRUE(fit.at[42].known);
  EXPECT_FALSE(fit.at[50].known);  // a third of a second from any sample
  EXPECT_GT(fit.at[44].value.sd, 1.5 * fit.at[20].value.sd);
  EXPECT_FALSE(
      smoothSpline(std::span(t).first(5), std::span(y).first(5), std::span(sd).first(5)).at[0].known);
  EXPECT_TRUE(smoothSpline({}, {}, {}).at.empty());
}

// A bar that is set off at once: its acceleration jumps, which no smoothed curve shows.
TEST(SmoothSpline, AJumpOfTheAccelerationIsCovered) {
  std::mt19937 draw(7);
  std::normal_distribution<double> noise(0.0, 0.0005);
  std::vector<double> t, y, sd;
  for (int i = 0; i < 120; ++i) {
    t.push_back(i / 30.0);
    const double since_s = std::clamp(t.back() - 2.0, 0.0, 1.0);
    y.push_back(1.5 * since_s * since_s + 3.0 * std::max(0.0, t.back() - 3.0) + noise(draw));
    sd.push_back(0.0005);
  }
  const SplineFit plain = smoothSpline(t, y, sd), covered = withHiddenJumps(plain, t);
  for (const std::size_t jump : {61u, 62u})  // pushed off evenly, at 3 m/s²
    EXPECT_LT(std::abs(covered.at[jump].bend.value - 3.0), 3.0 * covered.at[jump].bend.sd);
  EXPECT_GT(covered.at[60].bend.sd, 2.0 * plain.at[60].bend.sd);
  EXPECT_LT(covered.at[20].bend.sd, 1.5 * plain.at[20].bend.sd);  // it rests
  EXPECT_EQ(covered.at[60].bend.value, plain.at[60].bend.value);
  EXPECT_EQ(covered.at[60].slope, plain.at[60].slope);
  EXPECT_TRUE(withHiddenJumps({}, {}).at.empty());
}

}  // namespace
}  // namespace mottix
