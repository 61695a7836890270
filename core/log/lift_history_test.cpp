#include "core/log/lift_history.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

const Day kToday = *dayNamed("2026-11-24");

LogLine line(int days_ago, double load_kg, const char* variant = "high bar") {
  LogLine l;
  l.id = SetId{1000 - days_ago};
  l.day = kToday - std::chrono::days(days_ago);
  l.variant = variant;
  l.load_kg = load_kg;
  l.reps_asked = l.reps_done = 5;
  l.effort_asked = 8.0;
  return l;
}

TEST(LiftHistory, HoldsTheSetsOfOneLiftAndVariant) {
  std::vector<LogLine> lines = {line(20, 80.0), line(15, 60.0, "front"), line(10, 82.5), line(5, 85.0),
                                line(-3, 90.0)};
  lines[2].filmed = true;
  lines[2].verdict = LoadAction::kHold;
  lines[3].filmed = true;  // still waiting: not judged
  lines[3].conditions = {Condition::kIll};
  AthleteRecord who;
  who.athlete.open_pain = 3;
  who.athlete.profile.birth_year = 2012;
  const LiftHistory h = historyOf(who, lines, Lift::kSquat, "high bar", kToday);
  ASSERT_EQ(h.sets.size(), 3u);
  EXPECT_EQ(h.open_pain, 3);
  EXPECT_TRUE(h.minor_or_new);
  EXPECT_EQ(h.sets[1].verdict, LoadAction::kHold);
  EXPECT_TRUE(h.sets[1].filmed);
  EXPECT_FALSE(h.sets[2].filmed);
  EXPECT_TRUE(h.sets[2].ill);
  EXPECT_EQ(historyOf(who, lines, Lift::kSquat, "front squat", kToday).sets.size(), 1u);
  EXPECT_TRUE(historyOf(who, lines, Lift::kBench, "flat", kToday).sets.empty());
}

TEST(LiftHistory, AimsAndTheirWeeksGoThere) {
  AthleteRecord who;
  who.athlete.profile.test_day = "2027-02-20";
  LiftAim aim = aimOf(who, Lift::kDeadlift);
  EXPECT_EQ(aim.lift, Lift::kDeadlift);
  AheadWish wish = wishOf(aim, 2.5, kToday);
  EXPECT_EQ(wish.begins, mondayOf(kToday));
  EXPECT_EQ(wish.test, dayNamed("2027-02-20"));
  EXPECT_EQ(wish.plan->id, "even_steps");
  EXPECT_EQ(wish.narrow, nullptr);
  aim.plan = "top_single";
  aim.weeks = {
      {"2026-12-07", true, {}, {}}, {"2026-12-14", false, 100.0, {}}, {"2026-11-16", false, {}, 90.0}};
  wish = wishOf(aim, 2.5, kToday);
  EXPECT_NE(wish.narrow, nullptr);
  EXPECT_EQ(wish.missed, std::vector{*dayNamed("2026-12-07")});
  EXPECT_EQ(wish.moved.at(*dayNamed("2026-12-14")), 100.0);
  EXPECT_EQ(wish.kept.at(*dayNamed("2026-11-16")), 90.0);
  Ahead ahead;
  ahead.weeks.resize(2);
  ahead.weeks[0].monday = *dayNamed("2026-11-16");
  ahead.weeks[0].past = true;
  ahead.weeks[1].monday = *dayNamed("2026-12-14");
  ahead.weeks[1].sets.resize(1);
  ahead.weeks[1].top_kg = 97.5;
  keepPast(aim, ahead);
  ASSERT_EQ(aim.weeks.size(), 3u);
  EXPECT_EQ(aim.weeks[0].planned_kg, 90.0);
  EXPECT_EQ(aim.weeks[2].planned_kg, 97.5);
  EXPECT_EQ(aim.weeks[2].moved_kg, 100.0);
}

TEST(LiftHistory, OverridesAndHowTheyWent) {
  std::vector<LogLine> lines = {line(20, 80.0), line(15, 90.0), line(10, 90.0), line(5, 95.0)};
  lines[0].suggested_kg = 82.5;
  lines[0].next_kg = 90.0;
  lines[1].verdict = LoadAction::kRepair;
  lines[1].suggested_kg = 82.5;
  lines[1].next_kg = 82.5;  // as suggested
  lines[2].suggested_kg = 92.5;
  lines[2].next_kg = 95.0;
  lines[3].reps_done = 4;
  lines[3].suggested_kg = 95.0;
  lines[3].next_kg = 100.0;
  const auto overrides = overridesIn(lines);
  ASSERT_EQ(overrides.size(), 3u);
  EXPECT_EQ(overrides[0].outcome, Override::Outcome::kBrokeDown);
  EXPECT_EQ(overrides[1].outcome, Override::Outcome::kMissed);
  EXPECT_EQ(overrides[2].outcome, Override::Outcome::kOpen);
  EXPECT_EQ(overrides[0].taken_kg, 90.0);
}

TEST(LiftHistory, StandsOnALadderUntilItsTop) {
  AthleteRecord who;
  EXPECT_FALSE(placeOf(who, {}, Lift::kBench)) << "no ladder";
  auto on = *placeOf(who, {}, Lift::kDeadlift);
  EXPECT_TRUE(on.atTop()) << "nobody has said";
  EXPECT_EQ(on.next, on.now);
  std::vector<LogLine> lines = {line(10, 80.0), line(3, 80.0)};
  for (LogLine& l : lines) l.lift = Lift::kDeadlift;
  lines[0].verdict = LoadAction::kAdd;
  who.places = {{"deadlift", "Raised bar, 38 cm", nameOf(lines[0].day)}};
  on = *placeOf(who, lines, Lift::kDeadlift);
  EXPECT_EQ(on.now, 2u);
  EXPECT_EQ(on.next, 2u) << "that set was before, or what put it there";
  lines[1].verdict = LoadAction::kAdd;
  EXPECT_EQ(placeOf(who, lines, Lift::kDeadlift)->next, 3u);
  lines[1].verdict = LoadAction::kRepair;
  EXPECT_EQ(placeOf(who, lines, Lift::kDeadlift)->next, 1u);
  lines[1].verdict = LoadAction::kAdd;
  who.athlete.open_pain = 5;
  EXPECT_EQ(placeOf(who, lines, Lift::kDeadlift)->next, 1u) << "never up where it hurts";
}

}  // namespace
}  // namespace mottix
