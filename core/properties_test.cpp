// Properties that must hold whatever the numbers: mirror images, finer error for finer input, the same from
// the same.
#include <gtest/gtest.h>

#include "core/base/estimate.h"
#include "core/cue/cue_book.h"
#include "core/log/records.h"
#include "core/verdict/analysis.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

Analysis analysed(const ClipTracks& tracks, const SideCamera& camera, AnalysisSettings settings = {}) {
  auto a = analyse(tracks, AxisSeen{camera.vanishing_px, {25, 25}, true}, settings, builtInRuleBook());
  EXPECT_TRUE(a) << (a ? "" : a.error().text);
  return *a;
}

Estimate of(const Analysis& a, MeasureId id, int rep) {
  return findMeasure(a.measures, id, rep)->value;
}

ClipTracks mirrored(ClipTracks t) {
  for (BarSample& s : t.bar) s.p_px.x() = t.width_px - s.p_px.x();
  for (JointTrack& track : t.joints)
    for (JointSample& s : track) s.p_px.x() = t.width_px - s.p_px.x();
  return t;
}

TEST(Properties, AMirroredFilmGivesTheSameMeasures) {
  known::KnownSquat plan;
  plan.bar_forward_m = 0.03;
  plan.lean_gain_deg = 8.0;
  plan.yaw_px = 60.0;
  const auto clip = known::film(plan);
  const Analysis right = analysed(clip.tracks, clip.camera);
  SideCamera other = clip.camera;
  other.vanishing_px.x() = 1280.0 - other.vanishing_px.x();
  const Analysis left = analysed(mirrored(clip.tracks), other);
  EXPECT_EQ(right.facing, Facing::kRight);
  EXPECT_EQ(left.facing, Facing::kLeft);
  ASSERT_EQ(left.measures.size(), right.measures.size());
  for (std::size_t i = 0; i < left.measures.size(); ++i) {
    EXPECT_NEAR(left.measures[i].value.value, right.measures[i].value.value, 1e-6)
        << definitionOf(left.measures[i].id).name;
    EXPECT_NEAR(left.measures[i].value.sd, right.measures[i].value.sd, 1e-6);
  }
}

TEST(Properties, TheSameTracksGiveTheSameAnalysis) {
  const auto clip = known::film({});
  const Analysis a = analysed(clip.tracks, clip.camera), b = analysed(clip.tracks, clip.camera);
  ASSERT_EQ(a.measures.size(), b.measures.size());
  for (std::size_t i = 0; i < a.measures.size(); ++i)
    EXPECT_EQ(a.measures[i].value.value, b.measures[i].value.value);
}

TEST(Properties, WorseJointsMeanLargerErrorsAndNeverOtherValues) {
  auto clip = known::film({});
  const Analysis fine = analysed(clip.tracks, clip.camera);
  for (JointTrack& track : clip.tracks.joints)
    for (JointSample& s : track) s.sd_px *= 4.0;
  const Analysis coarse = analysed(clip.tracks, clip.camera);
  for (MeasureId id : {MeasureId::kHipBelowKnee, MeasureId::kTrunkLeanTurn, MeasureId::kTrunkLeanStart}) {
    EXPECT_GT(of(coarse, id, 1).sd, 1.2 * of(fine, id, 1).sd) << definitionOf(id).name;
    EXPECT_NEAR(of(coarse, id, 1).value, of(fine, id, 1).value, 0.3) << definitionOf(id).name;
  }
}

TEST(Properties, ALargerPlateScalesLengthsAndLeavesAnglesAlone) {
  const auto clip = known::film({});
  AnalysisSettings small;
  small.bar.plate_mm = 400.0;
  const Analysis full = analysed(clip.tracks, clip.camera), less = analysed(clip.tracks, clip.camera, small);
  EXPECT_NEAR(less.plate_scale.value / full.plate_scale.value, 400.0 / 450.0, 1e-9);
  EXPECT_NEAR(of(less, MeasureId::kPeakSpeed, 1).value / of(full, MeasureId::kPeakSpeed, 1).value,
              400.0 / 450.0, 0.02);
  EXPECT_NEAR(of(less, MeasureId::kTrunkLeanTurn, 1).value, of(full, MeasureId::kTrunkLeanTurn, 1).value,
              2.0);
}

TEST(Properties, ATiltedCameraIsLevelledByTheStandingLifter) {
  const auto clip = known::film({});
  ClipTracks t = clip.tracks;
  // The same scene through a camera that is turned by 1.5 degrees.
  auto turn = [&](Vec2& p) {
    const double a = 1.5 * std::numbers::pi / 180.0;
    const Vec2 d = p - clip.camera.middle_px;
    p = clip.camera.middle_px +
        Vec2(std::cos(a) * d.x() - std::sin(a) * d.y(), std::sin(a) * d.x() + std::cos(a) * d.y());
  };
  for (BarSample& s : t.bar) turn(s.p_px);
  for (JointTrack& track : t.joints)
    for (JointSample& s : track) turn(s.p_px);
  const Analysis a = analysed(t, clip.camera), level = analysed(clip.tracks, clip.camera);
  EXPECT_GT(std::abs(a.camera.roll_deg), 0.7);
  EXPECT_LT(std::abs(of(a, MeasureId::kBarForwardMax, 1).value), 2.5);
  EXPECT_NEAR(of(a, MeasureId::kTrunkLeanTurn, 1).value, of(level, MeasureId::kTrunkLeanTurn, 1).value, 1.2);
}

TEST(Properties, TimesDoNotDependOnTheRateOfPictures) {
  for (double fps : {24.0, 30.0, 60.0, 120.0}) {
    known::KnownSquat plan;
    plan.fps = fps;
    const auto clip = known::film(plan);
    const Analysis a = analysed(clip.tracks, clip.camera);
    ASSERT_EQ(a.reps.size(), 3u) << fps;
    EXPECT_NEAR(a.reps[1].turn_s.value, clip.turn_s[1], 0.03) << fps;
    EXPECT_NEAR(of(a, MeasureId::kPeakSpeed, 2).value, 0.859, 0.03) << fps;
  }
}

TEST(Warnings, AreRaisedWhereTheyAreDue) {
  auto has = [](const Analysis& a, Warning w) {
    return std::find(a.warnings.begin(), a.warnings.end(), w) != a.warnings.end();
  };
  known::KnownSquat slow;
  slow.fps = 15.0;
  const auto coarse = known::film(slow);
  EXPECT_TRUE(has(analysed(coarse.tracks, coarse.camera), Warning::kLowFrameRate));
  auto clip = known::film({});
  const Analysis good = analysed(clip.tracks, clip.camera);
  EXPECT_TRUE(good.warnings.empty());
  EXPECT_TRUE(has(*analyse(clip.tracks, std::nullopt, {}, builtInRuleBook()), Warning::kAxisUnknown));
  SideCamera oblique = clip.camera;
  oblique.vanishing_px.x() += 400.0;
  EXPECT_TRUE(has(*analyse(clip.tracks, AxisSeen{oblique.vanishing_px, {1, 1}, true}, {}, builtInRuleBook()),
                  Warning::kOblique));
  auto unplaced = clip.tracks;
  for (auto& track : unplaced.joints) track.clear();
  EXPECT_TRUE(has(analysed(unplaced, clip.camera), Warning::kFacingUnknown));
  auto often = clip.tracks;
  for (std::size_t i = 0; i < often.bar.size(); i += 4) often.bar[i].state = TrackState::kLost;
  EXPECT_TRUE(has(analysed(often, clip.camera), Warning::kBarOftenLost));
  for (int w = 0; w <= static_cast<int>(Warning::kOblique); ++w)
    EXPECT_FALSE(nameOf(static_cast<Warning>(w)).empty());
}

TEST(ProbabilityAbove, IsTheNormalOne) {
  EXPECT_NEAR(probabilityAbove({1.0, 2.0}, 1.0), 0.5, 1e-12);
  EXPECT_NEAR(probabilityAbove({1.6449, 1.0}, 0.0), 0.95, 1e-4);
  EXPECT_NEAR(probabilityAbove({-0.6745, 1.0}, 0.0), 0.25, 1e-4);
  EXPECT_EQ(probabilityAbove({1.0, 0.0}, 0.5), 1.0);
  EXPECT_EQ(probabilityAbove({0.2, 0.0}, 0.5), 0.0);
}

TEST(SettingsFor, CarriesWhatTheAthleteAndTheCoachSay) {
  Athlete athlete;
  athlete.step_kg = 1.25;
  athlete.open_pain = 6;
  SetEdit edit;
  edit.asked = {Lift::kDeadlift, "sumo", 3, 140.0, 9.0, Facing::kLeft, 400.0, Held::kDumbbells};
  edit.overruled = {{"a", ""}, {"b", ""}};
  const AnalysisSettings s = settingsFor(athlete, edit);
  EXPECT_EQ(s.lift, Lift::kDeadlift);
  EXPECT_EQ(s.facing, Facing::kLeft);
  EXPECT_DOUBLE_EQ(s.bar.plate_mm, 400.0);
  EXPECT_DOUBLE_EQ(*s.bar.load_kg, 140.0);
  EXPECT_EQ(s.bar.held, Held::kDumbbells);
  EXPECT_EQ(s.reps_asked, 3);
  EXPECT_EQ(s.open_pain, 6);
  EXPECT_DOUBLE_EQ(s.load_options.step_kg, 1.25);
  EXPECT_EQ(s.overruled.size(), 2u);
}

TEST(AnalysisSettings, RefuseNonsenseByName) {
  AnalysisSettings s;
  EXPECT_TRUE(s.validate());
  s.open_pain = 11;
  EXPECT_NE(s.validate().error().text.find("pain"), std::string::npos);
  s = {};
  s.reps_asked = -1;
  EXPECT_NE(s.validate().error().text.find("reps"), std::string::npos);
  s = {};
  s.load_options.repair_cut = 1.5;
  EXPECT_NE(s.validate().error().text.find("cut"), std::string::npos);
}

TEST(DecideLoad, ACutLandsOnAStepAndNeverAboveTheLoad) {
  Finding big;
  big.certainty = Certainty::kClear;
  big.severity = Severity::kBig;
  big.reps = {1, 2};
  for (double step : {0.5, 1.0, 2.5, 5.0})
    for (double load : {0.0, 1.0, 20.0, 62.5, 141.0, 300.0}) {
      LoadInput input;
      input.load_kg = load;
      input.reps_done = 5;
      input.rules_applied = 3;
      LoadOptions options;
      options.step_kg = step;
      const auto d = *decideLoad({big}, input, options);
      EXPECT_EQ(d.action, LoadAction::kRepair);
      EXPECT_LE(*d.next_load_kg, load);
      EXPECT_GE(*d.next_load_kg, 0.0);
      if (load <= 2 * step) continue;
      EXPECT_LE(*d.next_load_kg, load - step + 1e-9);
    }
}

}  // namespace
}  // namespace mottix
