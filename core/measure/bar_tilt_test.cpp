#include "core/measure/bar_tilt.h"

#include <cmath>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

#include "core/verdict/analysis.h"

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;
constexpr double kFocal_px = 1100.0, kHalfApart_m = 0.72;

// A bar pressed twice before a camera that stands turned by `yaw_deg` and looks down by `pitch_deg`, rolled
// by `roll_deg`; the bar tilts by `tilt_deg` in the second press alone.
struct PressedBar {
  double yaw_deg = 5.0, pitch_deg = 3.0, roll_deg = 0.0, tilt_deg = 4.0, noise_px = 0.0;
  unsigned seed = 1;

  ClipTracks tracks() const {
    ClipTracks t;
    t.width_px = 1280;
    t.height_px = 720;
    std::mt19937 random(seed);
    std::normal_distribution<double> noise(0.0, 1.0);
    for (int i = 0; i < 240; ++i) {
      const double time_s = i / 30.0, phase = std::fmod(time_s, 4.0);
      const bool moves = phase > 1.0 && phase < 3.0;
      const double drop = moves ? std::pow(std::sin(std::numbers::pi * (phase - 1.0) / 2.0), 2) : 0.0;
      const double tilt = time_s > 4.0 ? tilt_deg * drop * kDeg : 0.0;
      t.time_s.push_back(time_s);
      for (std::size_t e = 0; e < 2; ++e) {
        const double side = e == 0 ? -1.0 : 1.0;
        // Level frame: x right, y up, z away; then the camera's yaw, pitch and roll.
        const Eigen::Vector3d at(side * kHalfApart_m * std::cos(tilt),
                                 0.4 - 0.35 * drop + side * kHalfApart_m * std::sin(tilt), 0.0);
        const double cy = std::cos(yaw_deg * kDeg), sy = std::sin(yaw_deg * kDeg);
        const double x = cy * at.x(), z0 = 3.6 + sy * at.x(), y0 = at.y();
        const double cp = std::cos(pitch_deg * kDeg), sp = std::sin(pitch_deg * kDeg);
        const double y = cp * y0 + sp * z0, z = -sp * y0 + cp * z0;
        const double cr = std::cos(roll_deg * kDeg), sr = std::sin(roll_deg * kDeg);
        const double u = kFocal_px * x / z, v = -kFocal_px * y / z;
        BarSample s;
        s.p_px = Vec2(640.0 + cr * u - sr * v + noise_px * noise(random),
                      360.0 + sr * u + cr * v + noise_px * noise(random));
        s.radius_px = kFocal_px * 0.225 / z0;
        s.sd_px = std::max(0.1, noise_px);
        s.state = TrackState::kSeen;
        t.ends[e].push_back(s);
      }
    }
    t.bar = middleOf(t.ends);
    return t;
  }
};

Expected<Analysis> analysed(const ClipTracks& tracks, View view = View::kFront) {
  AnalysisSettings settings;
  settings.lift = Lift::kBench;
  settings.view = view;
  settings.bar.load_kg = 80.0;
  return analyse(tracks, std::nullopt, settings, builtInRuleBook());
}

TEST(BarTilt, IsFoundWithItsFrameThoughTheCameraIsTurnedPitchedAndRolled) {
  for (double yaw : {-8.0, 0.0, 8.0})
    for (double pitch : {-3.0, 4.0})
      for (double roll : {-1.0, 0.0, 1.0}) {
        const PressedBar bar{yaw, pitch, roll, 4.0, 0.3};
        const auto a = analysed(bar.tracks());
        ASSERT_TRUE(a) << a.error().text;
        ASSERT_EQ(a->reps.size(), 2u);
        const Measure *level = findMeasure(a->measures, MeasureId::kBarTilt, 1),
                      *tilted = findMeasure(a->measures, MeasureId::kBarTilt, 2);
        ASSERT_NE(level, nullptr);
        ASSERT_NE(tilted, nullptr);
        EXPECT_NEAR(tilted->value.value, 4.0, 2.5 * tilted->value.sd) << yaw << ' ' << pitch << ' ' << roll;
        EXPECT_LT(level->value.value, 2.5 * level->value.sd) << yaw << ' ' << pitch << ' ' << roll;
        EXPECT_LT(tilted->value.sd, 1.0);
        EXPECT_NEAR(static_cast<double>(tilted->frame), 180.0, 8.0);
        // The right end is the higher one.
        EXPECT_GT(*a->bar_tilt->deg[tilted->frame], 0.0);
      }
}

TEST(BarTilt, ItsErrorCoversTwoThirdsOfCameras) {
  int within = 0, all = 0;
  std::mt19937 random(7);
  auto draw = [&](double sd) { return std::normal_distribution<double>(0.0, sd)(random); };
  for (unsigned seed = 1; seed <= 200; ++seed) {
    const PressedBar bar{draw(5.0), draw(5.0), draw(1.5), 4.0, 0.35, seed};
    const auto a = analysed(bar.tracks());
    ASSERT_TRUE(a) << a.error().text;
    // A bar that rests level within 0.8 degrees is what is assumed; here it rests level.
    const Measure* m = findMeasure(a->measures, MeasureId::kBarTilt, 2);
    ++all;
    if (std::abs(m->value.value - 4.0) < m->value.sd) ++within;
  }
  // More than 68 of 100, because nobody here rests the bar unevenly.
  EXPECT_GT(within, 0.60 * all);
}

TEST(BarTilt, FromTheSideThereIsNoneAndFromTheFrontNoDepth) {
  ClipTracks across = PressedBar{}.tracks();
  AnalysisSettings squat;
  squat.view = View::kFront;
  squat.bar.load_kg = 80.0;
  const auto a = analyse(across, std::nullopt, squat, builtInRuleBook());
  ASSERT_TRUE(a) << a.error().text;
  EXPECT_EQ(a->view, View::kFront);
  for (MeasureId id : {MeasureId::kDepthMargin, MeasureId::kTrunkChange, MeasureId::kBarForwardMax})
    EXPECT_EQ(findMeasure(a->measures, id, 1)->status, MeasureStatus::kWrongView);
  EXPECT_FALSE(a->trust);
  const auto depth = std::find_if(a->findings.begin(), a->findings.end(),
                                  [](const Finding& f) { return f.rule == "squat.high"; });
  ASSERT_NE(depth, a->findings.end());
  EXPECT_EQ(depth->certainty, Certainty::kCantTell);
  EXPECT_EQ(depth->reason, FindingReason::kWrongView);
  EXPECT_NE(a->decision.action, LoadAction::kAdd) << "what cannot be seen is not good enough";
  across.ends = {};
  EXPECT_FALSE(computeBarTilt({&across, Lift::kSquat, a->camera, a->camera_errors}, a->reps));
}

TEST(BarTilt, AnUnevenBarIsAFindingAndALevelOneAloneIsNoReasonToAdd) {
  const auto uneven = analysed(PressedBar{}.tracks());
  ASSERT_TRUE(uneven);
  ASSERT_FALSE(uneven->findings.empty());
  EXPECT_EQ(uneven->findings[0].rule, "bar.uneven");
  for (std::size_t k = 1; k < uneven->findings.size(); ++k)
    EXPECT_NE(uneven->findings[k].certainty, Certainty::kClear) << uneven->findings[k].rule;
  EXPECT_EQ(uneven->findings[0].reps, std::vector<int>{2});
  EXPECT_EQ(uneven->findings[0].certainty, Certainty::kClear);
  PressedBar bar;
  bar.tilt_deg = 0.0;
  const auto level = analysed(bar.tracks());
  ASSERT_TRUE(level);
  for (const Finding& f : level->findings) EXPECT_EQ(f.certainty, Certainty::kCantTell) << f.rule;
  EXPECT_EQ(level->decision.action, LoadAction::kCantTell);
  EXPECT_EQ(level->decision.reason, LoadReason::kCouldNotJudge) << "the seat does not show from here";
}

TEST(BarTilt, WhereAnEndIsHiddenForMostOfTheRepNothingIsClaimed) {
  ClipTracks t = PressedBar{}.tracks();
  for (std::size_t i = 140; i < 240; ++i) t.ends[1][i].state = TrackState::kBridged;
  t.bar = middleOf(t.ends);
  const auto a = analysed(t);
  ASSERT_TRUE(a) << a.error().text;
  EXPECT_EQ(findMeasure(a->measures, MeasureId::kBarTilt, 1)->status, MeasureStatus::kOk);
  EXPECT_EQ(findMeasure(a->measures, MeasureId::kBarTilt, 2)->status, MeasureStatus::kBarLost);
}

TEST(BarTilt, WhoHasNotSaidFrontOrRearIsAsked) {
  auto warned = [](const Analysis& a) {
    return std::find(a.warnings.begin(), a.warnings.end(), Warning::kViewAssumed) != a.warnings.end();
  };
  const ClipTracks t = PressedBar{}.tracks();
  EXPECT_TRUE(warned(*analysed(t, View::kUnknown)));
  EXPECT_FALSE(warned(*analysed(t, View::kRear)));
  EXPECT_EQ(analysed(t, View::kRear)->view, View::kRear);
}

}  // namespace
}  // namespace mottix
