#include "core/motion/film_sync.h"

#include <random>

#include <gtest/gtest.h>

#include "tests/known_set.h"

namespace mottix {
namespace {

// The same heights from another film: another part of it, another rate, scale and noise.
BarHeight seenAgain(const BarHeight& bar, double from_s, double to_s, double fps, double scale, double sd_m,
                    std::uint32_t seed) {
  std::mt19937 draw(seed);
  std::normal_distribution<double> normal(0.0, 1.0);
  BarHeight out;
  std::size_t k = 0;
  for (double t = from_s; t <= to_s; t += 1.0 / fps) {
    while (k + 2 < bar.time_s.size() && bar.time_s[k + 1] <= t) ++k;
    const double u = (t - bar.time_s[k]) / (bar.time_s[k + 1] - bar.time_s[k]);
    out.time_s.push_back(t - from_s);
    out.height_m.push_back(scale * ((1.0 - u) * bar.height_m[k] + u * bar.height_m[k + 1]) +
                           sd_m * normal(draw));
    out.sd_m.push_back(sd_m + bar.sd_m[k] + bar.sd_m[k + 1]);  // not finite where it was lost
  }
  return out;
}

class Sync : public testing::TestWithParam<int> {};

TEST_P(Sync, FindsWhereTheSecondFilmBegan) {
  const auto seed = static_cast<std::uint32_t>(GetParam());
  const known::KnownSet set = known::knownSet(seed);
  const BarHeight& bar = set.bar;
  std::mt19937 draw(seed);
  std::uniform_real_distribution<double> early(0.0, 1.0);
  const double end = bar.time_s.back(), from = 0.2 * end * early(draw), to = end - 0.15 * end * early(draw);
  const auto sync = syncFilms(bar, seenAgain(bar, from, to, 29.97, 0.97, 0.003, seed));
  ASSERT_TRUE(sync) << sync.error().text;
  EXPECT_NEAR(sync->later_s.value, -from, 1.0 / 30.0);
  EXPECT_LT(sync->later_s.sd, 1.0 / 30.0);
}

INSTANTIATE_TEST_SUITE_P(Sets, Sync, testing::Range(1, 21));

TEST(SyncFilms, RefusesWhatDoesNotMoveOrIsAnotherSet) {
  BarHeight still;
  for (int i = 0; i < 200; ++i) {
    still.time_s.push_back(i / 30.0);
    still.height_m.push_back(1.0);
    still.sd_m.push_back(0.001);
  }
  const known::KnownSet set = known::knownSet(3);
  ASSERT_FALSE(syncFilms(still, set.bar));
  EXPECT_EQ(syncFilms(still, set.bar).error().remedy, Remedy::kCorrectInput);
  BarHeight upside_down = set.bar;
  for (double& h : upside_down.height_m) h = -h;
  const auto other = syncFilms(set.bar, upside_down);
  EXPECT_FALSE(other && other->sure());
}

}  // namespace
}  // namespace mottix
