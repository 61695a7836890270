#include "core/load/effort.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

// Per cent of the best single, as the publications print them.
TEST(RepRelations, PublishedTables) {
  const auto percent = [](RepRelation r, int reps) { return 100.0 * shareOf(r, reps); };
  // brzycki1993, table of 1 to 10 reps.
  constexpr std::array kBrzycki = {100.0, 97.2, 94.4, 91.7, 88.9, 86.1, 83.3, 80.6, 77.8, 75.0};
  for (int n = 1; n <= 10; ++n)
    EXPECT_NEAR(percent(RepRelation::kBrzycki, n), kBrzycki[static_cast<std::size_t>(n - 1)], 0.0501) << n;
  // epley1985: thirty reps double the single, ten are three quarters of it.
  EXPECT_NEAR(percent(RepRelation::kEpley, 10), 75.0, 0.05);
  EXPECT_NEAR(percent(RepRelation::kEpley, 15), 66.7, 0.05);
  EXPECT_NEAR(percent(RepRelation::kEpley, 6), 83.3, 0.05);
  // oconner1989: 2.5 % of the load a rep.
  EXPECT_NEAR(1.0 / shareOf(RepRelation::kOConner, 8), 1.20, 1e-12);
  // baechle2008, a table of other makers in whole per cents: 5 reps 87, 8 reps 80, 10 reps 75. Near it.
  EXPECT_NEAR(percent(RepRelation::kWathen, 5), 87.0, 2.0);
  EXPECT_NEAR(percent(RepRelation::kWathen, 8), 80.0, 2.0);
  EXPECT_NEAR(percent(RepRelation::kWathen, 10), 75.0, 2.0);
  EXPECT_NEAR(percent(RepRelation::kLombardi, 10), 79.4, 0.05);
  EXPECT_NEAR(percent(RepRelation::kLander, 10), 74.6, 0.05);
  EXPECT_NEAR(percent(RepRelation::kMayhew, 10), 76.4, 0.05);
}

TEST(RepRelations, FallWithEveryRepAndBeginAtTheSingle) {
  for (const RepRelation r : kRepRelations) {
    EXPECT_DOUBLE_EQ(shareOf(r, 1.0), 1.0);
    EXPECT_DOUBLE_EQ(shareOf(r, 0.0), 1.0);
    for (double n = 1.0; n < kMostReps; n += 0.25)
      EXPECT_GT(shareOf(r, n), shareOf(r, n + 0.25)) << nameOf(r) << ' ' << n;
    EXPECT_DOUBLE_EQ(shareOf(r, 40.0), shareOf(r, kMostReps));
    EXPECT_FALSE(sourceOf(r).empty());
  }
  EXPECT_DOUBLE_EQ(shareScatter(1.0), 0.0);
  EXPECT_GT(shareScatter(10.0), shareScatter(3.0));
  EXPECT_NEAR(shareScatter(10.0), 0.024, 0.008);
}

TEST(RepsInReserve, ByWordAndEye) {
  EXPECT_DOUBLE_EQ(reserveByWord(8.0)->value, 2.0);
  EXPECT_DOUBLE_EQ(reserveByWord(7.5)->value, 2.5);
  EXPECT_DOUBLE_EQ(reserveByWord(10.0)->value, 0.0);
  EXPECT_FALSE(reserveByWord(4.0));
  EXPECT_FALSE(reserveByWord(11.0));
  EXPECT_GT(reserveByWord(6.0)->sd, reserveByWord(9.0)->sd);
  EXPECT_GT(reserveByEye(8.0)->sd, reserveByWord(8.0)->sd);
}

TEST(RepsInReserve, BySpeedUntilItFails) {
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift}) {
    const SpeedRelation usual = usualSpeeds(lift);
    EXPECT_DOUBLE_EQ(usual.reserve({usual.fails_ms.value, 0.01}).value, 0.0);
    EXPECT_DOUBLE_EQ(usual.reserve({0.0, 0.01}).value, 0.0);
    EXPECT_NEAR(usual.reserve({usual.fails_ms.value + 0.1, 0.01}).value, 0.1 * usual.reps_per_ms.value,
                1e-12);
    EXPECT_GT(usual.reserve({0.6, 0.05}).sd, usual.reserve({0.3, 0.01}).sd);
    EXPECT_NEAR(usual.share({usual.fails_ms.value, 0.0}).value, 1.0, 1e-12);
    // Published: 80 % of a press at 0.47 m/s, of a squat at 0.68 (mean propulsive speed, above the mean one).
    if (lift == Lift::kBench) {
      EXPECT_NEAR(usual.share({0.43, 0.0}).value, 0.80, 0.04);
    }
    if (lift == Lift::kSquat) {
      EXPECT_NEAR(usual.share({0.60, 0.0}).value, 0.80, 0.04);
    }
  }
}

// A lifter who fails at another speed than most, and says what is left with the error people have.
TEST(SpeedRelations, OwnOnesAreLearntWithAnErrorThatHolds) {
  std::mt19937 draw(11);
  std::normal_distribution<double> normal(0.0, 1.0);
  int inside = 0;
  double usual_off = 0.0, own_off = 0.0;
  constexpr int kLifters = 200;
  for (int k = 0; k < kLifters; ++k) {
    const SpeedRelation usual = usualSpeeds(Lift::kSquat);
    const double fails = usual.fails_ms.value + usual.fails_ms.sd * normal(draw);
    const double reps = std::max(8.0, usual.reps_per_ms.value + usual.reps_per_ms.sd * normal(draw));
    std::vector<SpeedAndReserve> sets;
    for (int s = 0; s < 24; ++s) {
      const double reserve = 3.0 * (s % 5) / 4.0;
      const double speed = fails + reserve / reps + 0.015 * normal(draw);
      const double said = std::clamp(reserve + (0.5 + 0.3 * reserve) * normal(draw), 0.0, 4.0);
      sets.push_back({{speed, 0.01}, *reserveByWord(10.0 - said)});
    }
    const SpeedRelation own = estimateSpeeds(Lift::kSquat, sets);
    EXPECT_EQ(own.own_sets, 24);
    const double seen = fails + 2.0 / reps;
    const Estimate is = own.reserve({seen, 0.0});
    inside += std::abs(is.value - 2.0) < 1.2816 * is.sd ? 1 : 0;
    own_off += std::abs(is.value - 2.0);
    usual_off += std::abs(usual.reserve({seen, 0.0}).value - 2.0);
  }
  EXPECT_GE(inside, 0.68 * kLifters);  // of 80 %
  EXPECT_LE(inside, 0.95 * kLifters);
  EXPECT_LT(own_off, 0.6 * usual_off);
  EXPECT_EQ(estimateSpeeds(Lift::kSquat, {}).own_sets, 0);
}

TEST(WeighReserve, DisagreementIsShownOnlyBeyondChance) {
  const Reserve agree = weighReserve(Estimate{2.0, 1.0}, Estimate{3.0, 1.0}, std::nullopt);
  EXPECT_FALSE(agree.apart);
  EXPECT_NEAR(agree.together->value, 2.5, 1e-12);
  EXPECT_NEAR(agree.together->sd, std::sqrt(0.5), 1e-12);
  const Reserve apart = weighReserve(Estimate{4.0, 0.5}, std::nullopt, Estimate{1.0, 0.6});
  ASSERT_TRUE(apart.apart);
  EXPECT_EQ(apart.apart->one, "word");
  EXPECT_EQ(apart.apart->other, "speed");
  EXPECT_NEAR(apart.apart->reps, 3.0, 1e-12);
  EXPECT_FALSE(weighReserve(Estimate{1.9, 0.2}, std::nullopt, Estimate{1.2, 0.2}).apart);  // below a rep
  EXPECT_FALSE(weighReserve({}, {}, {}).together);
}

}  // namespace
}  // namespace mottix
