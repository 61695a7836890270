#include "core/load/session_order.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

BarStep step(std::size_t lifter, double kg, int reps = 5) {
  const Gear& gear = usualGear();
  return {lifter, *loadPlates(gear, gear.bars.front(), {Mass::ofKg(kg), {}, false}), reps, false};
}

TEST(SessionOrder, WhatComesOffAndGoesOn) {
  // 60: 20 a side; 100: 25 + 15 a side; from the inside out.
  const BarTurn up = turnBetween(step(0, 60.0).loading, step(0, 65.0));
  EXPECT_TRUE(up.off.empty());
  EXPECT_EQ(nameOf(up.on), "2.5 × 1");
  const BarTurn down = turnBetween(step(0, 65.0).loading, step(0, 60.0));
  EXPECT_EQ(nameOf(down.off), "2.5 × 1");
  EXPECT_TRUE(down.on.empty());
  EXPECT_EQ(turnBetween(step(0, 60.0).loading, step(1, 60.0)).moved(), 0);
  EXPECT_EQ(turnBetween(std::nullopt, step(1, 60.0)).moved(), 1);
  EXPECT_GT(turnBetween(step(0, 60.0).loading, step(0, 100.0)).moved(), 1);
}

TEST(SessionOrder, TwoOnOneBarTakeTurnsAndKeepTheirOwnOrder) {
  const Gear& gear = usualGear();
  std::vector<std::vector<BarStep>> lifters;
  lifters.push_back(*stepsOf(0, {{SetRole::kWork, 80.0, 3, 5, 8.0, {}}}, gear, {gear.bars.front()}));
  lifters.push_back(
      *stepsOf(1, {{SetRole::kTopSingle, 100.0, 1, 1, 8.0, {}}, {SetRole::kBackOff, 80.0, 3, 5, 8.0, {}}},
               gear, {gear.bars.front()}));
  EXPECT_TRUE(lifters[0].front().warm_up);
  EXPECT_FALSE(lifters[0].back().warm_up);
  const auto turns = loadingOrder(lifters);
  ASSERT_EQ(turns.size(), lifters[0].size() + lifters[1].size());
  std::vector<std::size_t> at(2, 0);
  int moved = 0, by_turns = 0;
  std::optional<Loading> before;
  for (const BarTurn& t : turns) {
    const BarStep& own = lifters[t.step.lifter][at[t.step.lifter]++];
    EXPECT_EQ(t.step.loading.total, own.loading.total);
    moved += t.moved();
  }
  // One after the other moves more.
  for (const auto& own : lifters)
    for (const BarStep& s : own) {
      const BarTurn t = turnBetween(before, s);
      by_turns += t.moved();
      before = s.loading;
    }
  EXPECT_LE(moved, by_turns);
  // At equal loads they take turns.
  int together = 0;
  for (std::size_t k = 1; k < turns.size(); ++k)
    together += turns[k].step.lifter != turns[k - 1].step.lifter && turns[k].moved() == 0 ? 1 : 0;
  EXPECT_GE(together, 2);
}

TEST(SessionOrder, OfNobodyIsNothing) {
  EXPECT_TRUE(loadingOrder({}).empty());
  EXPECT_TRUE(loadingOrder({{}, {}}).empty());
  const Gear& gear = usualGear();
  EXPECT_TRUE(stepsOf(0, {}, gear, {gear.bars.front()})->empty());
  // What is lighter than the bar is the bar.
  EXPECT_EQ(
      stepsOf(0, {{SetRole::kWork, 5.0, 1, 5, 8.0, {}}}, gear, {gear.bars.front()})->back().loading.total,
      gear.bars.front().mass);
}

TEST(SessionOrder, AnotherBarIsLoadedAnew) {
  Gear gear = usualGear();
  const BarKind axle{"axle", Mass::ofKg(12.0), false};
  const BarStep first{0, *loadPlates(gear, gear.bars.front(), {Mass::ofKg(60.0), {}, false}), 5, false},
      other{1, *loadPlates(gear, axle, {Mass::ofKg(52.0), {}, false}), 5, false};
  const BarTurn turn = turnBetween(first.loading, other);
  EXPECT_TRUE(turn.other_bar);
  ASSERT_FALSE(turn.off.empty());
  ASSERT_FALSE(turn.on.empty()) << "the same plates, but on the other bar";
  EXPECT_EQ(turn.off.front().each, turn.on.front().each);
  // Chains count in the load, and are left off for warming up.
  const auto steps =
      *stepsOf(0, {{SetRole::kWork, 100.0, 1, 3, 8.0, {}}}, gear, {gear.bars.front(), Mass::ofKg(20.0)});
  EXPECT_EQ(steps.back().loading.total, Mass::ofKg(100.0));
  EXPECT_EQ(steps.back().loading.at_top, Mass::ofKg(20.0));
  for (std::size_t k = 0; k + 1 < steps.size(); ++k) EXPECT_LT(steps[k].loading.total, Mass::ofKg(80.0));
}

}  // namespace
}  // namespace mottix
