#include "core/fit/setup_trial.h"

#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

TrialSet setOf(double load_kg, double depth_cm, double speed, std::optional<double> comfort = std::nullopt) {
  TrialSet s;
  s.load_kg = load_kg;
  s.comfort = comfort;
  for (int rep = 1; rep <= 3; ++rep) {
    s.measures.push_back({MeasureId::kDepthMargin, rep, {depth_cm + (rep - 2), 0.5}, MeasureStatus::kOk, 0});
    s.measures.push_back({MeasureId::kMeanSpeed, rep, {speed, 0.01}, MeasureStatus::kOk, 0});
    s.measures.push_back({MeasureId::kTrunkChange, rep, {}, MeasureStatus::kNoJoints, 0});
  }
  return s;
}
TrialLine line(const std::vector<TrialLine>& all, TrialMeasure what) {
  return all[static_cast<std::size_t>(what)];
}

TEST(SetupTrial, TooFewSetsSaySo) {
  const auto lines = compareSetups({setOf(80, -2, 0.5), setOf(80, -2, 0.5)}, {setOf(80, 3, 0.5)});
  const TrialLine& depth = line(lines, TrialMeasure::kDepthMargin);
  EXPECT_EQ(depth.verdict, TrialVerdict::kNotEnoughSets);
  EXPECT_EQ(depth.sets_a, 2);
  EXPECT_NEAR(*depth.a, -2.0, 1e-12);
  EXPECT_FALSE(depth.difference);
  EXPECT_FALSE(line(lines, TrialMeasure::kTrunkChange).a) << "never measured";
  EXPECT_EQ(line(compareSetups({}, {}), TrialMeasure::kSpeed).verdict, TrialVerdict::kNotEnoughSets);
}

// Worked by hand: a = 1, 2, 3; b = 5, 6, 7: variances 1, error sqrt(2/3), difference 4, limit t(4) = 2.776.
TEST(SetupTrial, TheDifferenceIsThatOfTheMeansWithWelchsError) {
  const auto lines = compareSetups({setOf(80, 1, 0.5), setOf(80, 2, 0.5), setOf(80, 3, 0.5)},
                                   {setOf(80, 5, 0.5), setOf(80, 6, 0.5), setOf(80, 7, 0.5)});
  const TrialLine& depth = line(lines, TrialMeasure::kDepthMargin);
  ASSERT_TRUE(depth.difference);
  EXPECT_NEAR(depth.difference->value, 4.0, 1e-12);
  EXPECT_NEAR(depth.difference->sd, std::sqrt(2.0 / 3.0), 1e-12);
  EXPECT_EQ(depth.verdict, TrialVerdict::kDiffers);
  const auto near = compareSetups({setOf(80, 1, 0.5), setOf(80, 2, 0.5), setOf(80, 3, 0.5)},
                                  {setOf(80, 3, 0.5), setOf(80, 4, 0.5), setOf(80, 5, 0.5)});
  EXPECT_EQ(line(near, TrialMeasure::kDepthMargin).verdict,
            TrialVerdict::kNoDifferenceSeen);  // 2 < 2.776·0.816
}

TEST(SetupTrial, AgreeingSetsAreNoMoreSureThanTheirMeasure) {
  const auto lines = compareSetups({setOf(80, 2, 0.5), setOf(80, 2, 0.5), setOf(80, 2, 0.5)},
                                   {setOf(80, 2.6, 0.5), setOf(80, 2.6, 0.5), setOf(80, 2.6, 0.5)});
  const TrialLine& depth = line(lines, TrialMeasure::kDepthMargin);
  EXPECT_NEAR(depth.difference->sd, std::sqrt(2 * 0.25 / 3.0), 1e-12);
  EXPECT_EQ(depth.verdict, TrialVerdict::kNoDifferenceSeen);
}

TEST(SetupTrial, SpeedIsComparedAtEqualLoadOnly) {
  const std::vector<TrialSet> a = {setOf(80, 0, 0.50), setOf(80, 0, 0.51), setOf(81, 0, 0.49),
                                   setOf(100, 0, 0.30)};
  const std::vector<TrialSet> b = {setOf(80, 0, 0.60), setOf(80, 0, 0.61), setOf(80, 0, 0.59),
                                   setOf(60, 0, 0.90)};
  const TrialLine& speed = line(compareSetups(a, b), TrialMeasure::kSpeed);
  EXPECT_EQ(speed.sets_a, 3);
  EXPECT_EQ(speed.sets_b, 3);
  EXPECT_NEAR(speed.difference->value, 0.10, 1e-9);
  EXPECT_EQ(speed.verdict, TrialVerdict::kDiffers);
  EXPECT_EQ(line(compareSetups({setOf(80, 0, 0.5)}, {setOf(100, 0, 0.3)}), TrialMeasure::kSpeed).sets_a, 0);
}

TEST(SetupTrial, ComfortAsToldIsComparedToo) {
  const auto lines = compareSetups({setOf(80, 0, 0.5, 5), setOf(80, 0, 0.5, 5), setOf(80, 0, 0.5, 6)},
                                   {setOf(80, 0, 0.5, 9), setOf(80, 0, 0.5, 9), setOf(80, 0, 0.5, 8)});
  EXPECT_EQ(line(lines, TrialMeasure::kComfort).verdict, TrialVerdict::kDiffers);
  EXPECT_GT(betterDirection(TrialMeasure::kComfort), 0);
  EXPECT_LT(betterDirection(TrialMeasure::kDepthMargin), 0);
}

// Of set-ups that are the same, at most one in twenty may be said to differ (a few more by chance).
TEST(SetupTrial, SaysDiffersSeldomWhenNothingDiffers) {
  std::mt19937 rng(5);
  std::normal_distribution<> scatter(0.0, 2.0);
  int differs = 0;
  constexpr int kTrials = 1000;
  for (int i = 0; i < kTrials; ++i) {
    std::vector<TrialSet> a, b;
    for (int k = 0; k < 4; ++k) a.push_back(setOf(80, scatter(rng), 0.5));
    for (int k = 0; k < 3; ++k) b.push_back(setOf(80, scatter(rng), 0.5));
    if (line(compareSetups(a, b), TrialMeasure::kDepthMargin).verdict == TrialVerdict::kDiffers) ++differs;
  }
  EXPECT_LT(differs, kTrials * 7 / 100);
  EXPECT_GT(differs, kTrials / 100);
}

}  // namespace
}  // namespace mottix
