#include "core/measure/difference.h"

#include <gtest/gtest.h>

#include "tests/known_squat.h"

namespace mottix {
namespace {

struct Filmed {
  known::KnownClip clip;
  MeasureInput input;
  std::vector<Rep> reps;
  std::vector<Measure> measures;
  explicit Filmed(const known::KnownSquat& plan) : clip(known::film(plan)) {
    input = {&clip.tracks, Lift::kSquat, clip.camera, {}};
    input.camera_errors.focal_px = 100.0;
    input.camera_errors.vanishing_px = {20.0, 20.0};
    reps = *findReps(computeBarHeight(input), Lift::kSquat);
    measures = computeMeasures(input, reps);
  }
  Filmed(const Filmed&) = delete;
};

const Difference* find(const std::vector<Difference>& all, MeasureId id) {
  for (const Difference& d : all)
    if (d.id == id) return &d;
  return nullptr;
}

TEST(Differences, OfTwoRepsOfOneFilmLeaveOutWhatBothShare) {
  known::KnownSquat plan;
  plan.noise_px = 0.3;
  const Filmed f(plan);
  const auto all = differencesInFilm(f.input, f.reps, f.measures, 1, 3);
  const Difference* depth = find(all, MeasureId::kHipBelowKnee);
  ASSERT_NE(depth, nullptr);
  EXPECT_NEAR(depth->by.value, 0.0, 0.3);
  EXPECT_DOUBLE_EQ(depth->by.value, depth->second.value - depth->first.value);
  const Difference* change = find(all, MeasureId::kTrunkChange);
  ASSERT_NE(change, nullptr);
  EXPECT_LT(change->by.sd, 1.1 * std::hypot(change->first.sd, change->second.sd));
  EXPECT_LT(depth->by.sd, 0.6 * std::hypot(depth->first.sd, depth->second.sd));
  for (const Difference& d : worthSaying(all, 3))  // the reps are alike
    ADD_FAILURE() << definitionOf(d.id).name << " " << d.by.value << " ± " << d.by.sd;
}

TEST(Differences, OfTwoSetsAreSaidWhenClear) {
  known::KnownSquat plan, deeper;
  deeper.depth_m = 0.12;
  deeper.lean_turn_deg = 50.0;
  deeper.ascent_s = 1.9;
  const Filmed a(plan), b(deeper);
  for (const auto& all :
       {differencesOfSets(a.measures, b.measures), differencesOfReps(a.measures, 1, b.measures, 1)}) {
    const Difference* depth = find(all, MeasureId::kHipBelowKnee);
    ASSERT_NE(depth, nullptr);
    EXPECT_NEAR(depth->by.value, 8.0, 0.5);
    EXPECT_TRUE(depth->clear());
    EXPECT_GE(depth->by.sd, depth->first.sd);
    const auto said = worthSaying(all, 3);
    EXPECT_GE(said.size(), 2u);
    EXPECT_LE(said.size(), 3u);
    int pace = 0;
    for (const Difference& d : said) {
      EXPECT_TRUE(d.clear()) << definitionOf(d.id).name;
      pace +=
          definitionOf(d.id).error == ErrorModel::kSpeeds || definitionOf(d.id).error == ErrorModel::kTimes;
    }
    EXPECT_EQ(pace, 1);  // slower up, once
  }
}

TEST(Differences, OfARepThatIsNotThereAreNone) {
  const Filmed f({});
  EXPECT_TRUE(differencesInFilm(f.input, f.reps, f.measures, 1, 9).empty());
  EXPECT_TRUE(differencesOfReps(f.measures, 1, f.measures, 9).empty());
  EXPECT_TRUE(differencesOfSets(f.measures, {}).empty());
}

}  // namespace
}  // namespace mottix
