#include "core/log/rejudge.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

LoggedSet logged(int id, int athlete, double cm) {
  LoggedSet s;
  s.id = SetId{id};
  s.athlete = AthleteId{athlete};
  s.measures = {{MeasureId::kDepthMargin, 1, {cm, 0.2}, MeasureStatus::kOk, 0},
                {MeasureId::kDepthMargin, 2, {cm - 3.0, 0.2}, MeasureStatus::kOk, 0}};
  return s;
}

std::optional<RuleLayer> house(double limit, double big) {
  RuleLayer layer;
  layer.name = "house";
  layer.lifts = {Lift::kSquat};
  layer.changes = {{"squat.high", {}, limit, big, {}, {}, {}, "own"}};
  return layer;
}

class Rejudge : public testing::Test {
 protected:
  std::vector<AthleteRecord> athletes_;
  std::vector<LoggedSet> sets_;
  Rejudge() {
    athletes_.resize(2);
    athletes_[0].athlete.id = AthleteId{1};
    athletes_[1].athlete.id = AthleteId{2};
    athletes_[1].athlete.profile.squat = SquatSchool::kKneeSparing;
    sets_ = {logged(1, 1, -2.0), logged(2, 1, 1.5), logged(3, 1, 6.0), logged(4, 2, 6.0), logged(5, 2, 10.0)};
    sets_.push_back(logged(6, 1, 6.0));
    sets_.back().edit.asked.lift = Lift::kBench;
  }
};

TEST_F(Rejudge, EachSetIsJudgedByItsAthletesSchool) {
  const auto log = *prepareLog(athletes_, sets_);
  EXPECT_EQ(log.sets.size(), 6u);
  const auto verdicts = judgeRule(log, "squat.high", {});
  ASSERT_EQ(verdicts.size(), 5u) << "not the press";
  EXPECT_FALSE(verdicts[0].is);
  EXPECT_EQ(verdicts[1].is->severity, Severity::kSmall);
  EXPECT_EQ(verdicts[2].is->severity, Severity::kBig);
  EXPECT_FALSE(verdicts[3].is) << "limited depth is this school's way";
  EXPECT_EQ(verdicts[4].is->severity, Severity::kSmall);
  EXPECT_DOUBLE_EQ(*verdicts[2].value, 6.0) << "the rep that goes furthest";
}

TEST_F(Rejudge, AMovedLimitChangesJustWhatItShould) {
  const auto log = *prepareLog(athletes_, sets_);
  const auto before = judgeRule(log, "squat.high", {}), after = judgeRule(log, "squat.high", house(3.0, 8.0));
  const auto changes = changesBetween(before, after);
  ASSERT_EQ(changes.size(), 4u);
  EXPECT_EQ(changes[0].set, SetId{2});
  EXPECT_FALSE(changes[0].after) << "1.5 cm no longer count";
  EXPECT_EQ(changes[1].before->severity, Severity::kBig);
  EXPECT_EQ(changes[1].after->severity, Severity::kSmall);
  EXPECT_TRUE(changes[2].after) << "the house's word stands over a school's";
  EXPECT_EQ(changes[3].after->severity, Severity::kBig);
  EXPECT_TRUE(changesBetween(before, before).empty());
}

TEST_F(Rejudge, CanBeStoppedAndTellsHowFarItIs) {
  double last = -1.0;
  ASSERT_TRUE(prepareLog(athletes_, sets_, [&](double part) {
    EXPECT_GE(part, last);
    last = part;
    return true;
  }));
  EXPECT_GE(last, 0.0);
  EXPECT_FALSE(prepareLog(athletes_, sets_, [](double) { return false; }));
  EXPECT_TRUE(
      judgeRule(*prepareLog(athletes_, sets_), "squat.high", {}, [](double) { return false; }).empty());
}

}  // namespace
}  // namespace mottix
