#include "core/measure/measure_set.h"

#include <cmath>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

#include "core/measure/measure_kind.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

struct Measured {
  std::vector<Rep> reps;
  std::vector<Measure> measures;
  Estimate of(MeasureId id, int rep) const {
    const Measure* m = findMeasure(measures, id, rep);
    EXPECT_NE(m, nullptr);
    EXPECT_EQ(m->status, MeasureStatus::kOk) << definitionOf(id).name;
    return m->value;
  }
  MeasureStatus status(MeasureId id, int rep) const { return findMeasure(measures, id, rep)->status; }
};

Measured measure(const known::KnownClip& clip, Lift lift = Lift::kSquat) {
  SideCameraErrors errors;
  errors.focal_px = 100.0;
  errors.vanishing_px = {20.0, 20.0};
  const MeasureInput input{&clip.tracks, lift, clip.camera, errors};
  Measured m;
  m.reps = *findReps(computeBarHeight(input), lift);
  m.measures = computeMeasures(input, m.reps);
  return m;
}

TEST(ComputeMeasures, AJointPastStraightIsNegative) {
  const Vec2 ankle(0.0, 0.0), hip(0.0, 0.8), shoulder(0.0, 1.3);
  EXPECT_NEAR(turnDeg(ankle, {0.4, 0.4}, hip), 90.0, 1e-9);    // a knee that is forward is bent
  EXPECT_NEAR(turnDeg(ankle, {-0.4, 0.4}, hip), -90.0, 1e-9);  // one that is behind is past straight
  EXPECT_NEAR(turnDeg(shoulder + Vec2(0.5, -0.5), hip, {0.0, 0.4}), 90.0, 1e-9);      // bent over
  EXPECT_NEAR(turnDeg(shoulder + Vec2(-0.1, 0.0), hip, {0.0, 0.4}), -11.3099, 1e-3);  // leant back
  EXPECT_NEAR(bendDeg(ankle, {-0.4, 0.4}, hip), 90.0, 1e-9);
}

TEST(SizeSd, OfANumberThatMayBeOnEitherSideOfZero) {
  EXPECT_NEAR(sizeSd({0.0, 1.0}), std::sqrt(1.0 - 2.0 / std::numbers::pi), 1e-9);
  EXPECT_NEAR(sizeSd({-6.0, 0.5}), 0.5, 1e-6);
  EXPECT_EQ(sizeSd({1.0, 0.0}), 0.0);
  // By drawing.
  std::mt19937 draw(3);
  std::normal_distribution<double> normal(0.8, 1.0);
  double sum = 0.0, squares = 0.0;
  constexpr int kCount = 40000;
  for (int k = 0; k < kCount; ++k) {
    const double size = std::abs(normal(draw));
    sum += size;
    squares += size * size;
  }
  EXPECT_NEAR(sizeSd({0.8, 1.0}), std::sqrt(squares / kCount - std::pow(sum / kCount, 2)), 0.01);
}

TEST(ComputeMeasures, GivesBackAKnownSquat) {
  known::KnownSquat plan;
  plan.bar_forward_m = 0.03;
  const auto m = measure(known::film(plan));
  ASSERT_EQ(m.reps.size(), 3u);
  for (int rep = 1; rep <= 3; ++rep) {
    EXPECT_NEAR(m.of(MeasureId::kHipBelowKnee, rep).value, 4.0, 0.2);
    EXPECT_NEAR(m.of(MeasureId::kDepthMargin, rep).value, -4.0, 0.2);
    EXPECT_NEAR(m.of(MeasureId::kTrunkLeanTurn, rep).value, 38.0, 0.3);
    EXPECT_NEAR(m.of(MeasureId::kTrunkLeanStart, rep).value, 8.0, 0.8);
    EXPECT_NEAR(m.of(MeasureId::kBarForwardMax, rep).value, 3.0, 0.2);
    EXPECT_NEAR(m.of(MeasureId::kDescentTime, rep).value, 1.5, 0.15);
    EXPECT_NEAR(m.of(MeasureId::kAscentTime, rep).value, 1.2, 0.15);
    EXPECT_NEAR(m.of(MeasureId::kPeakSpeed, rep).value, 0.55 * 1.875 / 1.2, 0.02);
  }
}

TEST(ComputeMeasures, TheYawOfTheCameraIsTakenOut) {
  known::KnownSquat plan;
  plan.yaw_px = 110.0;  // about 6 degrees
  const auto m = measure(known::film(plan));
  EXPECT_NEAR(m.of(MeasureId::kHipBelowKnee, 1).value, 4.0, 0.3);
  EXPECT_NEAR(m.of(MeasureId::kTrunkLeanTurn, 1).value, 38.0, 0.5);
  EXPECT_NEAR(m.of(MeasureId::kBarForwardMax, 1).value, 0.0, 0.3);
}

TEST(ComputeMeasures, FromTooFarRoundOnlyHeightsAndTimesAreMeasured) {
  known::KnownSquat plan;
  plan.yaw_px = 900.0;  // about 40 degrees
  const auto clip = known::film(plan);
  ASSERT_GT(std::abs(clip.camera.yaw_deg()), 30.0);
  const auto m = measure(clip);
  EXPECT_EQ(m.status(MeasureId::kTrunkLeanTurn, 1), MeasureStatus::kTooOblique);
  EXPECT_EQ(m.status(MeasureId::kBarForwardMax, 1), MeasureStatus::kTooOblique);
  EXPECT_NE(m.status(MeasureId::kDepthMargin, 1), MeasureStatus::kTooOblique);
  EXPECT_EQ(m.status(MeasureId::kPeakSpeed, 1), MeasureStatus::kOk);
}

TEST(ComputeMeasures, LeanGainedOnTheWayUpIsSeen) {
  known::KnownSquat plan;
  plan.lean_gain_deg = 14.0;
  const auto gained = measure(known::film(plan)).of(MeasureId::kTrunkChange, 2);
  EXPECT_GT(gained.value, 6.0);
  const auto steady = measure(known::film({})).of(MeasureId::kTrunkChange, 2);
  EXPECT_LT(steady.value, 1.0);
  const Measured first = measure(known::film(plan));
  EXPECT_GT(first.of(MeasureId::kRiseRatio, 2).value, 1.05);
}

TEST(ComputeMeasures, StatedErrorsCoverNoise) {
  double sum = 0.0;
  int count = 0;
  known::KnownSquat plan;
  plan.reps = 8;
  plan.noise_px = 2.0;
  const auto m = measure(known::film(plan));
  for (const Rep& rep : m.reps) {
    const auto depth = m.of(MeasureId::kHipBelowKnee, rep.number);
    sum += std::pow((depth.value - 4.0) / depth.sd, 2);
    ++count;
    EXPECT_GT(depth.sd, 0.3);
  }
  // The stated error also covers what noise does not show (camera, placement), so it must not be exceeded.
  EXPECT_LT(std::sqrt(sum / count), 1.2);
}

TEST(ComputeMeasures, WithoutJointsNothingIsInvented) {
  auto clip = known::film({});
  for (auto& track : clip.tracks.joints) track.clear();
  const auto m = measure(clip);
  EXPECT_EQ(m.status(MeasureId::kDepthMargin, 1), MeasureStatus::kNoJoints);
  EXPECT_EQ(m.status(MeasureId::kTrunkChange, 1), MeasureStatus::kNoJoints);
  EXPECT_EQ(m.status(MeasureId::kBarForwardMax, 1), MeasureStatus::kNoFeet);
  EXPECT_EQ(m.status(MeasureId::kPeakSpeed, 1), MeasureStatus::kOk);
}

TEST(ComputeMeasures, ALostBarAtTheTurnIsSaid) {
  auto clip = known::film({});
  Measured m = measure(clip);
  for (int d = -1; d <= 1; ++d)
    clip.tracks.bar[m.reps[0].turn_frame + static_cast<std::size_t>(d + 1) - 1].state = TrackState::kLost;
  const MeasureInput input{&clip.tracks, Lift::kSquat, clip.camera, {}};
  m.measures = computeMeasures(input, m.reps);
  EXPECT_EQ(m.status(MeasureId::kTrunkLeanTurn, 1), MeasureStatus::kBarLost);
  EXPECT_EQ(m.status(MeasureId::kTrunkLeanTurn, 2), MeasureStatus::kOk);
}

TEST(ComputeMeasures, ADeadliftHasNoSquatPostureAndItsWayUpComesFirst) {
  auto clip = known::film({});
  for (BarSample& s : clip.tracks.bar) s.p_px.y() = 720.0 - s.p_px.y();
  const auto m = measure(clip, Lift::kDeadlift);
  ASSERT_EQ(m.reps.size(), 3u);
  EXPECT_EQ(findMeasure(m.measures, MeasureId::kDepthMargin, 1), nullptr);
  EXPECT_NEAR(m.of(MeasureId::kAscentTime, 1).value, 1.5, 0.15);
  EXPECT_NEAR(m.of(MeasureId::kDescentTime, 1).value, 1.2, 0.15);
  EXPECT_GT(m.of(MeasureId::kMeanSpeed, 1).value, 0.2);
}

TEST(StandingOffset, IsTheBarsPlaceInQuietStanding) {
  const auto clip = known::film({});
  const MeasureInput input{&clip.tracks, Lift::kSquat, clip.camera, {}};
  const auto reps = findReps(computeBarHeight(input), Lift::kSquat);
  const auto offset = estimateStandingOffset(input, *reps);
  ASSERT_TRUE(offset);
  EXPECT_NEAR(offset->bar_forward_m.value, 0.0, 0.003);
  // One degree of roll moves a bar 1.45 m above the floor by 2.5 cm against the feet.
  EXPECT_NEAR(std::abs(offset->slope[3]), 0.0253, 0.004);
}

TEST(Catalogue, NamesAreUniqueAndFoundAgain) {
  std::vector<std::string_view> names;
  for (const MeasureDefinition* d : measureCatalogue()) {
    EXPECT_EQ(&definitionOf(d->id), d);
    EXPECT_EQ(findMeasure(d->name), d);
    EXPECT_EQ(std::find(names.begin(), names.end(), d->name), names.end()) << d->name;
    EXPECT_FALSE(d->definition.empty());
    EXPECT_FALSE(d->title.empty());
    EXPECT_GT(d->useless_sd, 0.0);
    EXPECT_FALSE(liftsOf(d->id).empty());
    names.push_back(d->name);
  }
  EXPECT_EQ(findMeasure("no_such_measure"), nullptr);
}

}  // namespace
}  // namespace mottix
