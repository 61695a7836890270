#include "core/measure/spread.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

std::vector<Measure> of(const std::vector<double>& values, double sd) {
  std::vector<Measure> all;
  for (std::size_t i = 0; i < values.size(); ++i)
    all.push_back({MeasureId::kMeanSpeed, static_cast<int>(i) + 1, {values[i], sd}, MeasureStatus::kOk, 0});
  return all;
}

TEST(SpreadOver, OneRepThatStandsOutIsNamedAndDoesNotMoveTheUsual) {
  const auto s = spreadOver(of({0.50, 0.52, 0.51, 0.49, 0.30}, 0.01), MeasureId::kMeanSpeed);
  ASSERT_TRUE(s);
  EXPECT_NEAR(s->usual, 0.50, 1e-9);
  EXPECT_NEAR(s->between, 0.0148, 0.005);
  EXPECT_EQ(s->unusual, std::vector<int>{5});
}

TEST(SpreadOver, NothingStandsOutWithinItsErrorOrAmongFewReps) {
  EXPECT_TRUE(spreadOver(of({0.50, 0.50, 0.50, 0.50, 0.53}, 0.05), MeasureId::kMeanSpeed)->unusual.empty());
  EXPECT_TRUE(spreadOver(of({0.5, 0.5, 0.1}, 0.01), MeasureId::kMeanSpeed)->unusual.empty());
  EXPECT_FALSE(spreadOver(of({0.5}, 0.01), MeasureId::kMeanSpeed));
}

TEST(SpreadOver, RepsWithoutAValueAreLeftOut) {
  auto measures = of({1.0, 2.0, 3.0}, 0.1);
  measures[1].status = MeasureStatus::kCut;
  const auto s = spreadOver(measures, MeasureId::kMeanSpeed);
  ASSERT_TRUE(s);
  EXPECT_EQ(s->reps, 2);
  EXPECT_NEAR(s->usual, 2.0, 1e-9);
}

}  // namespace
}  // namespace mottix
