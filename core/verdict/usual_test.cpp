#include "core/verdict/usual.h"

#include <gtest/gtest.h>

#include <random>

namespace mottix {
namespace {

PastSet lean(double deg, double sd, double effort = 8.0, std::vector<std::string> variants = {}) {
  PastSet p;
  p.effort = effort;
  p.variants = std::move(variants);
  for (int rep = 1; rep <= 3; ++rep)
    p.measures.push_back({MeasureId::kTrunkLeanTurn, rep, {deg + rep - 2, sd}, MeasureStatus::kOk, 0});
  return p;
}

TEST(UsualsOf, IsTheMiddleOfLikeSetsAndRobust) {
  std::vector<PastSet> past = {lean(40, 1), lean(41, 1), lean(39, 1), lean(70, 1)};
  const auto usual = usualsOf(past, lean(0, 1));
  ASSERT_TRUE(usual.contains(MeasureId::kTrunkLeanTurn));
  EXPECT_NEAR(usual.at(MeasureId::kTrunkLeanTurn).value.value, 40.5, 0.1);
  EXPECT_EQ(usual.at(MeasureId::kTrunkLeanTurn).sets, 4);
  past.resize(2);
  EXPECT_TRUE(usualsOf(past, lean(0, 1)).empty()) << "the first sets of a life";
  EXPECT_EQ(likeSets(past, lean(0, 1)), 2);
}

TEST(UsualsOf, OtherVariantsViewsAndLiftsDoNotCount) {
  std::vector<PastSet> past = {lean(40, 1), lean(41, 1), lean(39, 1, 8.0, {"front"})};
  PastSet other = lean(42, 1);
  other.across = true;
  past.push_back(other);
  other = lean(42, 1);
  other.lift = Lift::kDeadlift;
  past.push_back(other);
  EXPECT_TRUE(usualsOf(past, lean(0, 1)).empty());
}

TEST(UsualsOf, LikeEffortCountsWhereThereIsEnoughOfIt) {
  std::vector<PastSet> past = {lean(36, 1, 6), lean(36, 1, 6), lean(36, 1, 6),
                               lean(44, 1, 9), lean(44, 1, 9), lean(44, 1, 9)};
  EXPECT_NEAR(usualsOf(past, lean(0, 1, 9.5)).at(MeasureId::kTrunkLeanTurn).value.value, 44.0, 0.1);
  EXPECT_FALSE(usualsOf(past, lean(0, 1, 9.5)).at(MeasureId::kTrunkLeanTurn).any_effort);
  past.resize(5);
  const Usual any = usualsOf(past, lean(0, 1, 9.5)).at(MeasureId::kTrunkLeanTurn);
  EXPECT_TRUE(any.any_effort);
  EXPECT_EQ(any.sets, 5);
}

// Sets that scatter by nature and by measuring: a set like all others is hardly ever said to be changed, one
// that is not, is.
TEST(FindChanges, TellsAChangeFromChance) {
  std::mt19937 draw(5);
  std::normal_distribution<double> normal(0.0, 1.0);
  int false_alarms = 0, found = 0;
  constexpr int kTimes = 200;
  for (int k = 0; k < kTimes; ++k) {
    std::vector<PastSet> past;
    const auto one = [&](double mean) { return lean(mean + 1.5 * normal(draw) + 1.0 * normal(draw), 1.0); };
    for (int s = 0; s < 8; ++s) past.push_back(one(40.0));
    JudgedSet set;
    set.usual = usualsOf(past, lean(0, 1));
    const auto changed = [&](double mean) {
      return !findChanges(builtInRuleBook(), Lift::kSquat, one(mean).measures, set).empty();
    };
    false_alarms += changed(40.0);
    found += changed(50.0);
  }
  EXPECT_LE(false_alarms, kTimes / 10);
  EXPECT_GE(found, 9 * kTimes / 10);
}

TEST(FindChanges, IsSaidInsideTheLimitsButNotWhenItDoesNotMatter) {
  JudgedSet set;
  set.usual[MeasureId::kTrunkChange] = {{0.0, 0.1}, 0.1, 10};
  const auto changes = [&](double deg) {
    return findChanges(builtInRuleBook(), Lift::kSquat,
                       {{MeasureId::kTrunkChange, 1, {deg, 0.2}, MeasureStatus::kOk, 0}}, set);
  };
  ASSERT_EQ(changes(4.0).size(), 1u) << "within the limit of 6";
  EXPECT_NEAR(changes(4.0)[0].by.value, 4.0, 1e-9);
  EXPECT_TRUE(changes(1.0).empty()) << "certain, but too little to matter";
}

}  // namespace
}  // namespace mottix
