#include "core/measure/curves.h"

#include <algorithm>
#include <numeric>

#include <gtest/gtest.h>

#include "core/measure/measure_set.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

class Curves : public testing::Test {
 protected:
  Curves() {
    known::KnownSquat plan;
    plan.noise_px = 0.3;
    plan.yaw_px = 60.0;
    clip_ = known::film(plan);
    input_ = {&clip_.tracks, Lift::kSquat, clip_.camera, {}};
    input_.camera_errors.focal_px = 100.0;
    input_.camera_errors.vanishing_px = {20.0, 20.0};
    input_.load_kg = 100.0;
    input_.smooth = std::make_shared<const SmoothTracks>(smoothTracks(clip_.tracks));
    reps_ = *findReps(computeBarHeight(input_), Lift::kSquat);
    measures_ = computeMeasures(input_, reps_);
  }
  known::KnownClip clip_;
  MeasureInput input_;
  std::vector<Rep> reps_;
  std::vector<Measure> measures_;
};

TEST_F(Curves, SayInAPictureWhatTheMeasureSays) {
  const auto lean = computeCurve(input_, CurveId::kTrunkLean);
  const auto knee = computeCurve(input_, CurveId::kKneeBend);
  ASSERT_EQ(lean.size(), clip_.tracks.frameCount());
  for (const Rep& rep : reps_) {
    const Measure* turn = findMeasure(measures_, MeasureId::kTrunkLeanTurn, rep.number);
    const Measure* bent = findMeasure(measures_, MeasureId::kKneeFlexionTurn, rep.number);
    EXPECT_NEAR(lean[rep.turn_frame].value.value, turn->value.value, 1e-9);
    EXPECT_NEAR(knee[rep.turn_frame].value.value, bent->value.value, 1e-9);
    EXPECT_NEAR(lean[rep.turn_frame].value.sd / turn->value.sd, 1.0, 0.1);
    const CurvePoint there = computeCurveAt(input_, CurveId::kTrunkLean, rep.turn_frame);
    EXPECT_NEAR(there.value.value, turn->value.value, 1e-9);
    EXPECT_NEAR(there.value.sd, turn->value.sd, 0.05 * turn->value.sd);
    EXPECT_NEAR(computeCurveAt(input_, CurveId::kHipBelowKnee, rep.turn_frame).value.value,
                findMeasure(measures_, MeasureId::kHipBelowKnee, rep.number)->value.value, 1e-9);
  }
}

TEST_F(Curves, OfTheBarAddUp) {
  const auto height = computeCurve(input_, CurveId::kBarHeight);
  const auto speed = computeCurve(input_, CurveId::kBarSpeed);
  const Rep& rep = reps_.front();
  EXPECT_NEAR(height[rep.start_frame].value.value - height[rep.turn_frame].value.value, 55.0, 0.6);
  double way_m = 0.0;
  for (std::size_t f = rep.start_frame; f < rep.turn_frame; ++f)
    way_m += 0.5 * (speed[f].value.value + speed[f + 1].value.value) *
             (clip_.tracks.time_s[f + 1] - clip_.tracks.time_s[f]);
  EXPECT_NEAR(way_m, -0.55, 0.01);
}

TEST_F(Curves, OfMomentsAreLoadTimesLeverWhereNothingMoves) {
  const auto lever = computeCurve(input_, CurveId::kHipLever);
  const auto moment = computeCurve(input_, CurveId::kBarHipMoment);
  const std::size_t still = reps_.front().start_frame / 2;
  EXPECT_NEAR(moment[still].value.value, 100.0 * 9.81 * lever[still].value.value / 100.0,
              std::max(3.0, moment[still].value.sd));
  const Measure* most = findMeasure(measures_, MeasureId::kBarHipMoment, 1);
  double greatest = 0.0;
  for (std::size_t f = reps_[0].leave_frame; f <= reps_[0].end_frame; ++f)
    greatest = std::max(greatest, moment[f].value.value);
  EXPECT_NEAR(greatest, most->value.value, most->value.sd);
}

TEST_F(Curves, AreEmptyWhereWhatTheyNeedIsNotKnown) {
  auto any = [](const std::vector<CurvePoint>& c) {
    return std::any_of(c.begin(), c.end(), [](const CurvePoint& p) { return p.known; });
  };
  EXPECT_FALSE(any(computeCurve(input_, CurveId::kHipMoment)));   // nobody said what the lifter weighs
  EXPECT_FALSE(any(computeCurve(input_, CurveId::kElbowBend)));   // of a bench press
  EXPECT_FALSE(any(computeCurve(input_, CurveId::kKneesApart)));  // from the front
  input_.body_kg = Estimate{80.0, 1.0};
  EXPECT_TRUE(any(computeCurve(input_, CurveId::kHipMoment)));
  input_.load_kg = std::nullopt;
  EXPECT_FALSE(any(computeCurve(input_, CurveId::kBarHipMoment)));
  clip_.tracks.joints[indexOf(Joint::kShoulder)].clear();
  input_.smooth = nullptr;
  EXPECT_FALSE(any(computeCurve(input_, CurveId::kTrunkLean)));
  EXPECT_TRUE(any(computeCurve(input_, CurveId::kShinLean)));
}

}  // namespace
}  // namespace mottix
