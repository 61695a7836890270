#include "core/load/strength.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

const Day kMonday = *dayNamed("2026-03-02");

StrengthSet exactSet(int day, double best_kg, int reps, double reserve,
                     RepRelation relation = kUsualRelation) {
  return {kMonday + std::chrono::days(day),
          best_kg * shareOf(relation, reps + reserve),
          reps,
          Estimate{reserve, 0.3},
          false,
          {}};
}

TEST(Strength, SaysNothingOfSetsThatSayNothing) {
  EXPECT_FALSE(estimateStrength(Lift::kSquat, {}));
  const std::vector<StrengthSet> silent = {{kMonday, 100.0, 5, {}, false, {}}};
  EXPECT_FALSE(estimateStrength(Lift::kSquat, silent));
}

TEST(Strength, ExactSetsGiveTheExactSingle) {
  std::vector<StrengthSet> sets;
  for (int week = 0; week < 8; ++week)
    for (const int reps : {1, 3, 5}) sets.push_back(exactSet(7 * week + reps, 140.0, reps, 1.0));
  const auto strength = estimateStrength(Lift::kSquat, sets);
  ASSERT_TRUE(strength);
  EXPECT_FALSE(strength->relation_told);
  EXPECT_EQ(strength->sets, 24);
  EXPECT_EQ(strength->over_time.size(), 24u);
  for (const StrengthAt& at : strength->over_time) {
    EXPECT_NEAR(at.best_kg.value, 140.0, 3.0);
    EXPECT_LT(at.low_kg, 140.0);
    EXPECT_GT(at.high_kg, 140.0);
  }
  EXPECT_NEAR(strength->loadFor(kMonday + std::chrono::days(60), 5, 9.0).value,
              140.0 * shareOf(kUsualRelation, 6), 3.0);
  EXPECT_NEAR(
      strength->effortOf(kMonday + std::chrono::days(60), 140.0 * shareOf(kUsualRelation, 6), 5).value, 9.0,
      0.6);
}

TEST(Strength, AnotherRelationIsTakenOnceTheSetsTellIt) {
  std::vector<StrengthSet> sets;
  for (int week = 0; week < 30; ++week)
    for (const int reps : {1, 2, 5, 10, 15})
      sets.push_back(exactSet(7 * week + reps / 3, 140.0, reps, 0.0, RepRelation::kOConner));
  const auto strength = estimateStrength(Lift::kSquat, sets);
  ASSERT_TRUE(strength);
  EXPECT_TRUE(strength->relation_told);
  EXPECT_NEAR(strength->loadFor(kMonday + std::chrono::days(220), 10, 10.0).value,
              140.0 * shareOf(RepRelation::kOConner, 10), 3.0);
}

TEST(Strength, ABadDayHardlyMovesIt) {
  std::vector<StrengthSet> sets;
  for (int week = 0; week < 10; ++week) sets.push_back(exactSet(7 * week, 140.0, 3, 1.0));
  const double before = estimateStrength(Lift::kSquat, sets)->over_time.back().best_kg.value;
  sets.push_back(exactSet(70, 112.0, 3, 1.0));  // a fifth less
  const auto after = estimateStrength(Lift::kSquat, sets);
  EXPECT_NEAR(after->over_time.back().best_kg.value, before, 0.035 * before);
  sets.push_back(exactSet(77, 140.0, 3, 1.0));
  EXPECT_NEAR(estimateStrength(Lift::kSquat, sets)->over_time.back().best_kg.value, before, 0.02 * before);
}

TEST(Strength, GrowsWiderAheadAndFollowsTheGain) {
  std::vector<StrengthSet> sets;
  for (int week = 0; week < 16; ++week)
    sets.push_back(exactSet(7 * week, 140.0 * std::pow(1.008, week), 2, 1.0));
  const auto strength = estimateStrength(Lift::kSquat, sets);
  EXPECT_NEAR(strength->gain_week.value, 0.008, 0.003);
  const StrengthAt now = strength->at(kMonday + std::chrono::days(105)),
                   later = strength->at(kMonday + std::chrono::days(105 + 56));
  EXPECT_GT(later.best_kg.value, now.best_kg.value);
  EXPECT_GT(later.high_kg / later.low_kg, now.high_kg / now.low_kg);
  EXPECT_NEAR(strength->at(kMonday + std::chrono::days(161), 0.0).best_kg.value, now.best_kg.value, 1e-6);
}

TEST(Strength, LoadsGrowWithEffortAndFallWithReps) {
  std::vector<StrengthSet> sets;
  for (int week = 0; week < 5; ++week) sets.push_back(exactSet(7 * week, 140.0, 5, 2.0));
  const auto s = estimateStrength(Lift::kDeadlift, sets);
  const Day day = kMonday + std::chrono::days(30);
  for (int reps = 1; reps < 12; ++reps)
    for (double effort = 5.0; effort <= 9.5; effort += 0.25) {
      EXPECT_LT(s->loadFor(day, reps, effort).value, s->loadFor(day, reps, effort + 0.25).value)
          << reps << ' ' << effort;
      EXPECT_GT(s->loadFor(day, reps, effort).value, s->loadFor(day, reps + 1, effort).value)
          << reps << ' ' << effort;
    }
}

TEST(Strength, SpeedAloneTellsItToo) {
  const SpeedRelation usual = usualSpeeds(Lift::kBench);
  std::vector<StrengthSet> sets;
  for (int week = 0; week < 8; ++week)
    for (const double share : {0.6, 0.7, 0.8, 0.9})
      sets.push_back({kMonday + std::chrono::days(7 * week),
                      100.0 * share,
                      3,
                      {},
                      false,
                      Estimate{usual.fails_ms.value + (1.0 - share) / usual.share_per_ms.value, 0.01}});
  const auto s = estimateStrength(Lift::kBench, sets);
  ASSERT_TRUE(s);
  EXPECT_NEAR(s->over_time.back().best_kg.value, 100.0, 4.0);
  // The population's error of the single's speed does not average out.
  EXPECT_GT(s->over_time.back().best_kg.sd, 1.5);
  EXPECT_NEAR(s->speedOf(kMonday + std::chrono::days(56), 80.0, Lift::kBench).value,
              usual.fails_ms.value + 0.2 / usual.share_per_ms.value, 0.03);
}

}  // namespace
}  // namespace mottix
