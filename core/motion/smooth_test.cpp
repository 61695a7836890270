#include "core/motion/smooth.h"

#include <cmath>
#include <limits>
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

}  // namespace
}  // namespace mottix
