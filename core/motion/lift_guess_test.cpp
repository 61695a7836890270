#include "core/motion/lift_guess.h"

#include <cmath>
#include <limits>
#include <numbers>

#include <gtest/gtest.h>

namespace mottix {
namespace {

// `reps` swings of `way_m`, from above or from the floor, a second of rest before, between and after.
BarHeight swings(double way_m, bool from_floor, int reps, double begin_s = 0.0, double end_s = 1e9) {
  BarHeight bar;
  constexpr double kSwing_s = 2.4, kRest_s = 1.0;
  const double all = reps * (kSwing_s + kRest_s) + kRest_s;
  for (double t = 0.0; t < all; t += 1.0 / 30.0) {
    if (t < begin_s || t > end_s) continue;
    const double in = std::fmod(t, kSwing_s + kRest_s) - kRest_s;
    const double part = in < 0.0 ? 0.0 : 0.5 * (1.0 - std::cos(2.0 * std::numbers::pi * in / kSwing_s));
    bar.time_s.push_back(t);
    bar.height_m.push_back(from_floor ? way_m * part : -way_m * part);
    bar.sd_m.push_back(0.002);
  }
  return bar;
}

TEST(LiftGuess, TheWayAndTheRestTellTheLiftsApart) {
  for (const auto& [way_m, from_floor, lift] : {std::tuple{0.62, false, Lift::kSquat},
                                                {0.35, false, Lift::kBench},
                                                {0.55, true, Lift::kDeadlift},
                                                {0.40, true, Lift::kDeadlift}})
    for (int reps : {1, 5}) {
      const auto guess = guessLift(swings(way_m, from_floor, reps));
      ASSERT_TRUE(guess) << way_m;
      EXPECT_EQ(guess->lift, lift) << way_m << ' ' << reps;
      EXPECT_TRUE(guess->sure()) << way_m << ' ' << reps << ": " << guess->probability;
    }
}

TEST(LiftGuess, BetweenPressAndSquatItIsNotSure) {
  const auto guess = guessLift(swings(0.485, false, 3));
  ASSERT_TRUE(guess);
  EXPECT_FALSE(guess->sure());
  EXPECT_NE(guess->lift, Lift::kDeadlift);
}

// One end speaks for a pull, the other against it; and a film that shows the middle of a set alone.
TEST(LiftGuess, AFilmThatIsCutIsNotGuessedSurely) {
  const auto held = guessLift(swings(0.55, true, 3, 0.0, 3 * 3.4 - 0.2 - 1.0));  // stopped at lock-out
  ASSERT_TRUE(held);
  EXPECT_FALSE(held->sure());
  const auto middle = guessLift(swings(0.6, false, 3, 2.0, 8.8));
  ASSERT_TRUE(middle);
  EXPECT_FALSE(middle->lift == Lift::kSquat && middle->sure());
}

TEST(LiftGuess, WithoutARepOrABarThereIsNone) {
  EXPECT_FALSE(guessLift(swings(0.05, false, 3)));
  BarHeight lost = swings(0.6, false, 3);
  for (double& sd : lost.sd_m) sd = std::numeric_limits<double>::infinity();
  EXPECT_FALSE(guessLift(lost));
  EXPECT_FALSE(guessLift({}));
}

}  // namespace
}  // namespace mottix
