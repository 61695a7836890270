// The weeks ahead of a test or meet: what is lifted in each, how strong the lifter is expected to be, which
// attempts the band carries.
//
// Blocks: a developmental one, then one that is narrower and heavier (the last third, four weeks at most),
// then the test week. The first week is the plan's next session, with its gates; from there the load follows
// the expected strength, never by more than the plan's gain a week. A load that the coach has moved stands,
// within what a gate allows; the weeks after it go on from there. What is done is taken from the log and is
// not planned anew. A missed week brings no gain; after a break the plan's own cut is made.
// Attempts lie in the band of what can be lifted on the day: so light that 19 of 20 such days carry it, four
// of five, and half.
#pragma once

#include <map>
#include <optional>
#include <string_view>
#include <vector>

#include "core/load/lift_plan.h"

namespace mottix {

enum class BlockKind { kDevelop, kNarrow, kTest };
std::string_view nameOf(BlockKind block);

struct AheadWish {
  Day begins, test;
  const LiftPlan* plan = nullptr;    // of the developmental block
  const LiftPlan* narrow = nullptr;  // of the one before the test; nothing: the first goes on
  int sessions_week = 2;             // 1 to 4
  double gain_factor = 1.0;          // what if gains were slower: 0 to 1.5 of what they have been
  std::vector<Day> missed;           // Mondays of weeks that are missed
  std::map<Day, double> moved;       // top loads set by the coach, by the week's Monday
  std::map<Day, double> kept;        // top loads that had been planned for weeks now past
  std::optional<double> goal_kg;
  double step_kg = 2.5;
};

struct AheadWeek {
  Day monday;
  BlockKind block = BlockKind::kDevelop;
  bool missed = false, past = false, moved = false;
  std::vector<PlannedSet> sets;   // of each session; empty in the test week and in a missed one
  double top_kg = 0.0;            // of the heaviest set planned; of a past week: as had been planned
  std::optional<double> done_kg;  // top load lifted, where the week is past or has begun
  double sum_kg = 0.0;            // load times reps of all sessions; of a past week: done
  std::optional<StrengthAt> expected;
  double effort = 0.0;    // that the top set is expected to take, by the strength; 0: not known
  std::vector<Day> days;  // of the sessions
};

struct Attempts {
  double opener_kg = 0.0, second_kg = 0.0, third_kg = 0.0;
};

struct Ahead {
  std::vector<AheadWeek> weeks;
  std::optional<Attempts> attempts;   // nothing: too little is known
  std::optional<double> goal_chance;  // that the goal can be lifted on the day
  NextSession next;                   // as of today
};

// Strength as `estimateStrength` of the history's sets; nothing where it says nothing. kCorrectInput where
// the test lies before the beginning, or further off than two years.
Expected<Ahead> planAhead(const AheadWish& wish, const PlanGates& gates, const LiftHistory& history,
                          Day today);

// Days of the week on which so many sessions are held, from Monday's 0 on.
std::vector<int> sessionDays(int sessions_week);

}  // namespace mottix
