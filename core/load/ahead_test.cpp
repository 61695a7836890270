#include "core/load/ahead.h"

#include <algorithm>
#include <cmath>

#include <gtest/gtest.h>

namespace mottix {
namespace {

using std::chrono::days;
using std::chrono::weeks;

const Day kBegins = *dayNamed("2026-03-02");  // a Monday

// Twelve weeks of singles at effort 8, and back-offs; 140 kg at last.
LiftHistory history() {
  LiftHistory h;
  for (int week = 12; week >= 1; --week)
    for (const int reps : {1, 5}) {
      DoneSet s;
      s.day = kBegins - weeks(week);
      const double best = 140.0 / shareOf(kUsualRelation, 3) * (1.0 - 0.005 * (week - 1));
      s.load_kg = 2.5 * std::round(best * shareOf(kUsualRelation, reps + 2.0) / 2.5);
      s.reps_asked = s.reps_done = reps;
      s.effort_felt = 8.0;
      s.filmed = true;
      s.verdict = LoadAction::kAdd;
      h.sets.push_back(s);
    }
  return h;
}

AheadWish wish(int week_count = 12) {
  AheadWish w;
  w.begins = kBegins;
  w.test = kBegins + weeks(week_count) + days(5);
  w.plan = builtInPlanBook().find("top_single");
  w.narrow = builtInPlanBook().find("narrow_heavy");
  return w;
}

Ahead ahead(const AheadWish& w, const LiftHistory& h = history(), Day today = kBegins) {
  auto out = planAhead(w, builtInPlanBook().gates, h, today);
  EXPECT_TRUE(out) << (out ? "" : out.error().text);
  return out.value_or(Ahead{});
}

double topOfNext(const Ahead& a) {
  double top = 0.0;
  for (const PlannedSet& s : a.next.sets) top = std::max(top, s.load_kg);
  return top;
}

TEST(Ahead, BlocksToTheTest) {
  const Ahead a = ahead(wish());
  ASSERT_EQ(a.weeks.size(), 13u);
  EXPECT_EQ(std::count_if(a.weeks.begin(), a.weeks.end(),
                          [](const AheadWeek& w) { return w.block == BlockKind::kNarrow; }),
            4);
  EXPECT_EQ(a.weeks.back().block, BlockKind::kTest);
  EXPECT_EQ(a.weeks.back().days, std::vector{wish().test});
  EXPECT_EQ(a.weeks.front().days, (std::vector{kBegins, kBegins + days(3)}));
  // The first week is the next session: 140, for three weeks now: 140 · 1.03 = 144.2 → 145, 0.8 of it 116 →
  // 115.
  EXPECT_EQ(a.weeks.front().top_kg, 145.0);
  EXPECT_EQ(a.weeks.front().sets.at(1).load_kg, 115.0);
  EXPECT_NEAR(a.weeks.front().sum_kg, 2.0 * (145.0 + 25 * 115.0), 1e-6);
  for (std::size_t k = 1; k < a.weeks.size(); ++k) {
    const AheadWeek &before = a.weeks[k - 1], &week = a.weeks[k];
    if (week.block == BlockKind::kDevelop) {
      EXPECT_LE(week.top_kg, before.top_kg * 1.015 + 2.5);
      EXPECT_GE(week.top_kg, before.top_kg);
      EXPECT_LE(week.effort, 9.5);
    }
    EXPECT_GE(week.expected->best_kg.value, before.expected->best_kg.value);
  }
  // Narrower: fewer, heavier back-offs, and less of them.
  const AheadWeek& narrow = a.weeks[10];
  EXPECT_EQ(narrow.sets.at(1).reps, 3);
  EXPECT_GT(narrow.top_kg, a.weeks[7].top_kg);
  EXPECT_LT(narrow.sum_kg, a.weeks[7].sum_kg);
}

TEST(Ahead, AttemptsRiseWithinTheBandAndTheGoalHasAChance) {
  AheadWish w = wish();
  w.goal_kg = 150.0;
  const Ahead a = ahead(w);
  ASSERT_TRUE(a.attempts);
  EXPECT_LT(a.attempts->opener_kg, a.attempts->second_kg);
  EXPECT_LT(a.attempts->second_kg, a.attempts->third_kg);
  const StrengthAt& band = *a.weeks.back().expected;
  EXPECT_LT(a.attempts->opener_kg, band.low_kg);
  EXPECT_NEAR(a.attempts->third_kg, band.best_kg.value, 4.0);
  ASSERT_TRUE(a.goal_chance);
  w.goal_kg = 200.0;
  EXPECT_LT(*ahead(w).goal_chance, *a.goal_chance);
  EXPECT_LT(*ahead(w).goal_chance, 0.05);
}

TEST(Ahead, WhatIfAWeekIsMissedOrGainsAreSlower) {
  const Ahead usual = ahead(wish());
  AheadWish missed = wish();
  missed.missed = {kBegins + weeks(3)};
  const Ahead without = ahead(missed);
  EXPECT_TRUE(without.weeks[3].sets.empty());
  EXPECT_TRUE(without.weeks[3].days.empty());
  EXPECT_LE(without.weeks[4].top_kg, without.weeks[2].top_kg);
  EXPECT_LT(without.weeks.back().expected->best_kg.value, usual.weeks.back().expected->best_kg.value);
  // Three in a row are a break: a cut, then up again.
  missed.missed = {kBegins + weeks(3), kBegins + weeks(4), kBegins + weeks(5)};
  EXPECT_LE(ahead(missed).weeks[6].top_kg, 0.90 * usual.weeks[2].top_kg);
  AheadWish slow = wish();
  slow.gain_factor = 0.0;
  EXPECT_LT(ahead(slow).weeks.back().expected->best_kg.value, usual.weeks.back().expected->best_kg.value);
  EXPECT_LE(ahead(slow).attempts->third_kg, usual.attempts->third_kg);
}

TEST(Ahead, AMovedLoadStandsAndTheWeeksAfterFollow) {
  AheadWish w = wish();
  w.moved[kBegins + weeks(2)] = 132.0;
  const Ahead a = ahead(w);
  EXPECT_EQ(a.weeks[2].top_kg, 132.5);
  EXPECT_TRUE(a.weeks[2].moved);
  EXPECT_EQ(a.weeks[2].sets.at(1).load_kg, 105.0);  // 106
  EXPECT_EQ(a.weeks[3].top_kg, 135.0);              // 134.5
  // A complaint: the first week cannot be moved above what was lifted.
  LiftHistory sore = history();
  sore.open_pain = 5;
  w.moved = {{kBegins, 160.0}};
  EXPECT_EQ(ahead(w, sore).weeks[0].top_kg, 140.0);
}

TEST(Ahead, ReplanningKeepsWhatWasDone) {
  AheadWish w = wish();
  w.kept = {{kBegins, 142.5}, {kBegins + weeks(1), 145.0}};
  LiftHistory h = history();
  DoneSet s = h.sets.back();
  s.day = kBegins;
  s.load_kg = 140.0;
  s.reps_asked = s.reps_done = 1;
  h.sets.push_back(s);
  const Ahead a = ahead(w, h, kBegins + weeks(2));
  EXPECT_TRUE(a.weeks[0].past);
  EXPECT_EQ(a.weeks[0].top_kg, 142.5);
  EXPECT_EQ(a.weeks[0].done_kg, 140.0);
  EXPECT_EQ(a.weeks[1].top_kg, 145.0);
  EXPECT_FALSE(a.weeks[1].done_kg);
  EXPECT_FALSE(a.weeks[2].past);
  EXPECT_EQ(a.weeks[2].top_kg, topOfNext(a));
}

TEST(Ahead, EvenStepsGoOnUntilTheEffortForbids) {
  AheadWish w = wish(10);
  w.plan = builtInPlanBook().find("even_steps");
  w.narrow = nullptr;
  LiftHistory h;
  for (int week = 6; week >= 1; --week) {
    DoneSet s;
    s.day = kBegins - weeks(week);
    s.load_kg = 60.0 + 2.5 * (6 - week);
    s.reps_asked = s.reps_done = 5;
    s.effort_felt = 7.0;
    s.filmed = true;
    s.verdict = LoadAction::kAdd;
    h.sets.push_back(s);
  }
  const Ahead a = ahead(w, h);
  EXPECT_EQ(a.weeks[0].top_kg, 75.0);
  // Two sessions a week would be 80; fives at 80 would take more than an effort of 9.
  EXPECT_GE(a.weeks[1].top_kg, 75.0);
  EXPECT_LT(a.weeks[1].top_kg, 80.0);
  for (const AheadWeek& week : a.weeks)
    if (!week.sets.empty()) {
      EXPECT_LE(week.effort, 9.6) << nameOf(week.monday);
    }
}

TEST(Ahead, RefusesWhatCannotBePlanned) {
  AheadWish w = wish();
  w.test = kBegins - days(1);
  const auto early = planAhead(w, builtInPlanBook().gates, history(), kBegins);
  ASSERT_FALSE(early);
  EXPECT_NE(early.error().text.find("2026-03-01"), std::string::npos);
  w = wish(200);
  EXPECT_FALSE(planAhead(w, builtInPlanBook().gates, history(), kBegins));
  w = wish();
  w.sessions_week = 9;
  EXPECT_FALSE(planAhead(w, builtInPlanBook().gates, history(), kBegins));
  w = wish();
  w.plan = nullptr;
  EXPECT_FALSE(planAhead(w, builtInPlanBook().gates, history(), kBegins));
}

}  // namespace
}  // namespace mottix
