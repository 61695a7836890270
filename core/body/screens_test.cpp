#include "core/body/screens.h"

#include <algorithm>

#include <gtest/gtest.h>

namespace mottix {
namespace {

using Answers = std::vector<std::optional<double>>;

bool shows(const ScreenResult& r, ScreenFinding f) {
  const auto all = judgeScreen(r);
  return std::find(all.begin(), all.end(), f) != all.end();
}

TEST(Screens, EachSaysWhatItShows) {
  EXPECT_EQ(judgeScreen({Screen::kToeTouch, "2026-10-12", {1.0, 1.0, 1.0, 0.0}}),
            std::vector{ScreenFinding::kInOrder});
  EXPECT_TRUE(
      shows({Screen::kToeTouch, "2026-10-12", {0.0, 1.0, 1.0, 10.0}}, ScreenFinding::kHipsStayForward));
  // A flat back that still reaches the floor is another thing than one that does not.
  EXPECT_TRUE(
      shows({Screen::kToeTouch, "2026-10-12", {1.0, 0.0, 1.0, 0.0}}, ScreenFinding::kFlatBackReaches));
  EXPECT_TRUE(
      shows({Screen::kToeTouch, "2026-10-12", {1.0, 0.0, 1.0, 25.0}}, ScreenFinding::kRoundsUnevenly));
  EXPECT_TRUE(shows({Screen::kToeTouch, "2026-10-12", {1.0, 1.0, 0.0}}, ScreenFinding::kKneesBend));
  EXPECT_TRUE(shows({Screen::kBottomHold, "2026-10-12", {1.0, 0.0, 1.0, 1.0}}, ScreenFinding::kHeelsRise));
  EXPECT_TRUE(shows({Screen::kBottomHold, "2026-10-12", {1.0, 1.0, 1.0, 0.0}}, ScreenFinding::kBackGivesWay));
  EXPECT_TRUE(shows({Screen::kShoulderReach, "2026-10-12", {0.0}}, ScreenFinding::kLowBarOutOfReach));
  EXPECT_TRUE(shows({Screen::kHipRoom, "2026-10-12", {40.0, 20.0, 0.0}}, ScreenFinding::kHipsHurt));
  EXPECT_EQ(judgeScreen({Screen::kHipRoom, "2026-10-12", {}}), std::vector{ScreenFinding::kNothingAnswered});
}

TEST(Screens, TheStifferAnkleCounts) {
  // 30 degrees at 3.6 degrees a centimetre are 8.33 cm.
  EXPECT_TRUE(shows({Screen::kKneeToWall, "2026-10-12", {8.3, 9.0}}, ScreenFinding::kStiffAnkle));
  EXPECT_FALSE(shows({Screen::kKneeToWall, "2026-10-12", {8.4, 9.0}}, ScreenFinding::kStiffAnkle));
  EXPECT_TRUE(shows({Screen::kKneeToWall, "2026-10-12", {11.0, 9.0}}, ScreenFinding::kAnklesDiffer));
  const std::vector<ScreenResult> done = {{Screen::kKneeToWall, "2026-10-12", {11.0, 9.0}}};
  EXPECT_DOUBLE_EQ(*limitsFrom(done).knee_to_wall_m, 0.09);
  BodyFacts facts;
  facts.knee_to_wall_m = 0.14;
  EXPECT_DOUBLE_EQ(*withScreens(facts, limitsFrom(done)).knee_to_wall_m, 0.09);
  EXPECT_DOUBLE_EQ(*withScreens(facts, {}).knee_to_wall_m, 0.14) << "without a screen, what was stated";
}

TEST(Screens, TheNewestResultCountsAndChangeShows) {
  const std::vector<ScreenResult> done = {{Screen::kKneeToWall, "2026-10-12", {5.0, 6.0}},
                                          {Screen::kKneeToWall, "2026-11-20", {7.0, 8.0}},
                                          {Screen::kKneeToWall, "2026-09-01", {4.0, 4.0}},
                                          {Screen::kShoulderReach, "2026-11-20", {1.0, 0.0, 1.0, 66.0}},
                                          {Screen::kToeTouch, "2026-11-20", {0.0}},
                                          {Screen::kBottomHold, "2026-11-20", {1.0, 1.0, 1.0, 0.0}},
                                          {Screen::kHipRoom, "2026-11-20", {44.0, 28.0, 1.0}}};
  EXPECT_EQ(newestOf(done, Screen::kKneeToWall)->day, "2026-11-20");
  const ScreenLimits limits = limitsFrom(done);
  EXPECT_DOUBLE_EQ(*limits.knee_to_wall_m, 0.07);
  EXPECT_TRUE(limits.low_bar_out_of_reach) << "reached, but with pain";
  EXPECT_DOUBLE_EQ(*limits.hands_m, 0.66);
  EXPECT_TRUE(limits.hips_stay_forward);
  EXPECT_TRUE(limits.back_gives_way);
  EXPECT_DOUBLE_EQ(*limits.heel_distance_m, 0.44);
  EXPECT_DOUBLE_EQ(*limits.toe_out_deg, 28.0);
  const std::vector<ScreenResult> sore = {{Screen::kHipRoom, "2026-11-20", {44.0, 28.0, 0.0}}};
  EXPECT_FALSE(limitsFrom(sore).heel_distance_m) << "a stance that hurt is no stance to use";
}

TEST(Screens, WrongAnswersAreSaid) {
  EXPECT_TRUE(findProblems(ScreenResult{Screen::kKneeToWall, "2026-10-12", {9.0, std::nullopt}}).empty());
  const auto wrong = findProblems(ScreenResult{Screen::kKneeToWall, "2026-13-12", {90.0, 9.0, 1.0}});
  ASSERT_EQ(wrong.size(), 3u);
  EXPECT_EQ(wrong[0].field, "day");
  EXPECT_EQ(wrong[2].field, "left");
  EXPECT_EQ(findProblems(ScreenResult{Screen::kBottomHold, "2026-10-12", {0.5}}).size(), 1u);
}

TEST(Screens, DaysAreCountedAcrossMonthsAndLeapYears) {
  EXPECT_EQ(daysBetween("2026-10-12", "2026-11-23"), 42);
  EXPECT_EQ(daysBetween("2028-02-28", "2028-03-01"), 2);
  EXPECT_EQ(daysBetween("2026-11-23", "2026-10-12"), -42);
  for (const char* no_date : {"", "2026-2-1", "2026-02-30", "26-02-01", "2026/02/01", "yesterday!"})
    EXPECT_FALSE(daysBetween(no_date, "2026-11-23")) << no_date;
}

TEST(Screens, NamesGoBothWays) {
  for (std::size_t i = 0; i < kScreenCount; ++i) {
    const auto s = static_cast<Screen>(i);
    EXPECT_EQ(screenNamed(nameOf(s)), s);
    EXPECT_FALSE(questionsOf(s).empty());
  }
  EXPECT_FALSE(screenNamed("yoga"));
}

}  // namespace
}  // namespace mottix
