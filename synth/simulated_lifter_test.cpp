#include "synth/simulated_lifter.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(SimulatedLifter, SameSeedSameRun) {
  const PlanBook& book = builtInPlanBook();
  const PlannedRun a = runPlan(book.plans[0], book.gates, Lift::kSquat, 3, 4),
                   b = runPlan(book.plans[0], book.gates, Lift::kSquat, 3, 4);
  ASSERT_EQ(a.history.sets.size(), b.history.sets.size());
  for (std::size_t k = 0; k < a.history.sets.size(); ++k)
    EXPECT_EQ(a.history.sets[k].load_kg, b.history.sets[k].load_kg);
  EXPECT_NE(runPlan(book.plans[0], book.gates, Lift::kSquat, 4, 4).history.sets.front().load_kg,
            a.history.sets.front().load_kg);
}

// The committed table is of a thousand a plan (docs/load.md).
TEST(PlannedRuns, TheBandHoldsNoGateIsPassedAndStrengthGrows) {
  const PlanBook& book = builtInPlanBook();
  int days = 0, inside = 0, stronger = 0, runs = 0;
  for (const LiftPlan& plan : book.plans)
    for (std::uint32_t seed = 9001; seed < 9016; ++seed) {
      const Lift lift = std::array{Lift::kSquat, Lift::kBench, Lift::kDeadlift}[seed % 3];
      const PlannedRun run = runPlan(plan, book.gates, lift, seed);
      EXPECT_EQ(run.raised_against_gate, 0) << plan.id << ' ' << seed;
      ASSERT_TRUE(run.strength);
      for (const PlannedRun::Session& s : run.sessions)
        for (const StrengthAt& at : run.strength->over_time)
          if (at.day == s.day) {
            ++days;
            inside += at.low_kg <= s.true_best_kg && s.true_best_kg <= at.high_kg ? 1 : 0;
          }
      ++runs;
      stronger += run.sessions.back().true_best_kg > run.sessions.front().true_best_kg ? 1 : 0;
    }
  EXPECT_GT(days, 1000);
  EXPECT_GT(inside, 0.65 * days);
  EXPECT_LT(inside, 0.95 * days);
  EXPECT_GT(stronger, 0.85 * runs);
}

}  // namespace
}  // namespace mottix
