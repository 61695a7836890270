#include "core/log/log_query.h"

#include <algorithm>

#include <gtest/gtest.h>

namespace mottix {
namespace {

const Day kToday = *dayNamed("2026-11-24");
const std::vector<NamedAthlete> kPeople = {
    {AthleteId{1}, "Runa Vik"}, {AthleteId{2}, "Oda"}, {AthleteId{3}, "Runa Berg"}};

LogQuery query(const char* text, double kg_per_unit = 1.0) {
  return parseQuery(text, kPeople, builtInRuleBook(), kToday, kg_per_unit);
}
bool has(const std::vector<std::string>& all, const char* one) {
  return std::find(all.begin(), all.end(), one) != all.end();
}

TEST(ParseQuery, AsCoachesAsk) {
  const LogQuery q = query("sets where hips rose first above effort 8");
  EXPECT_TRUE(has(q.any_rule, "squat.hips_first")) << (q.any_rule.empty() ? "none" : q.any_rule.front());
  ASSERT_TRUE(q.effort_from);
  EXPECT_GT(*q.effort_from, 8.0);
  EXPECT_FALSE(q.effort_to);
  EXPECT_TRUE(q.words.empty()) << q.words.front();
  EXPECT_EQ(q.said.size(), 2u);

  const LogQuery runa = query("Runa Berg paused squat over 100kg last 6 weeks missed");
  EXPECT_EQ(runa.athlete, AthleteId{3});
  EXPECT_EQ(runa.lift, Lift::kSquat);
  EXPECT_EQ(runa.variant, "paused");
  EXPECT_NEAR(*runa.load_from_kg, 100.0, 0.01);
  EXPECT_EQ(runa.since, kToday - std::chrono::days(42));
  EXPECT_TRUE(runa.missed);
  EXPECT_TRUE(runa.any_rule.empty());
  EXPECT_TRUE(runa.words.empty());
}

TEST(ParseQuery, NumbersAndDays) {
  EXPECT_NEAR(*query("effort 8").effort_from, 8.0, 0.01);
  EXPECT_NEAR(*query("effort 8").effort_to, 8.0, 0.01);
  EXPECT_EQ(query("5 reps").reps_from, 5);
  EXPECT_EQ(query("5 reps").reps_to, 5);
  EXPECT_EQ(query("at least 5 reps").reps_from, 5);
  EXPECT_FALSE(query("at least 5 reps").reps_to);
  EXPECT_EQ(query("reps < 4").reps_to, 3);
  EXPECT_NEAR(*query("load at most 60").load_to_kg, 60.0, 0.01);
  EXPECT_NEAR(*query("over 225 lb", 0.45359237).load_from_kg, 102.06, 0.01);
  EXPECT_NEAR(*query("above 9").effort_from, 9.0, 0.01);
  EXPECT_NEAR(*query("above 90").load_from_kg, 90.0, 0.01);
  EXPECT_EQ(query("since 2026-03-01").since, dayNamed("2026-03-01"));
  EXPECT_FALSE(query("since 2026-03-01").until);
  EXPECT_EQ(query("before 2026-03-01").until, dayNamed("2026-02-28"));
  EXPECT_EQ(query("2025").since, dayNamed("2025-01-01"));
  EXPECT_EQ(query("2025").until, dayNamed("2025-12-31"));
  EXPECT_EQ(query("last month").since, kToday - std::chrono::days(30));
}

TEST(ParseQuery, WordsAndFlags) {
  EXPECT_EQ(query("low bar").variant, "low bar");
  EXPECT_EQ(query("bench press").lift, Lift::kBench);
  EXPECT_TRUE(query("bench press").words.empty());
  EXPECT_EQ(query("ill").condition, Condition::kIll);
  EXPECT_EQ(query("no belt").condition, Condition::kNoBelt);
  EXPECT_EQ(query("cut").verdict, LoadAction::kRepair);
  EXPECT_TRUE(query("with film").filmed);
  EXPECT_EQ(query("wedding").words, std::vector<std::string>{"wedding"});
  EXPECT_EQ(query("Oda").athlete, AthleteId{2});
  EXPECT_TRUE(query("").said.empty());
  // Every rule that it finds speaks of the knees.
  const LogQuery knees = query("knees caved");
  ASSERT_FALSE(knees.any_rule.empty());
  for (const std::string& rule : knees.any_rule) EXPECT_NE(rule.find("knee"), std::string::npos) << rule;
}

TEST(ParseQuery, AnythingTypedIsSomething) {
  std::uint32_t state = 7;
  const std::string letters = "ab 89<>=.-% _'é\"last effort above squat since 20261301";
  for (int k = 0; k < 3000; ++k) {
    std::string text;
    for (int n = 0; n < k % 40; ++n) {
      state = state * 1664525u + 1013904223u;
      text += letters[(state >> 8) % letters.size()];
    }
    (void)query(text.c_str());
  }
}

}  // namespace
}  // namespace mottix
