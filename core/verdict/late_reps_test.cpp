#include "core/verdict/late_reps.h"

#include <gtest/gtest.h>

#include "synth/blind_look.h"

namespace mottix {
namespace {

// A squat whose hips rise first by so much in each of its reps.
Analysis squatOf(const std::vector<double>& lean_gain_deg, const std::vector<double>& ascent_s = {}) {
  BlindClip clip = drawBlindClip(4, Lift::kSquat, View::kSide);
  clearFaults(clip.plan);
  clip.plan.squat.reps.resize(lean_gain_deg.size(), clip.plan.squat.reps.front());
  for (std::size_t r = 0; r < lean_gain_deg.size(); ++r) {
    clip.plan.squat.reps[r].lean_gain_deg = lean_gain_deg[r];
    clip.plan.squat.reps[r].ascent_s = ascent_s.empty() ? 1.3 : ascent_s[r];
  }
  const MeasuredClip measured = measureBlindClip(clip);
  EXPECT_TRUE(measured.analysis);
  return *measured.analysis;
}

const Difference* of(const std::vector<Difference>& all, MeasureId id) {
  for (const Difference& d : all)
    if (d.id == id) return &d;
  return nullptr;
}

TEST(LateReps, SaysWhatHasChangedByHowMuch) {
  const auto late = findLateChanges(builtInRuleBook(), squatOf({0.0, 0.0, 5.0, 10.0, 12.0, 12.0}), {});
  const Difference* lean = of(late, MeasureId::kTrunkChange);
  ASSERT_NE(lean, nullptr);
  EXPECT_NEAR(lean->by.value, 12.0, 2.0);
  EXPECT_TRUE(lean->clear());
  EXPECT_LT(lean->by.sd, 3.0);
}

TEST(LateReps, SpeedThatIsLostIsSaid) {
  const auto late =
      findLateChanges(builtInRuleBook(), squatOf({0.0, 0.0, 0.0, 0.0, 0.0}, {1.2, 1.3, 1.5, 1.8, 2.2}), {});
  const Difference* speed = of(late, MeasureId::kMeanSpeed);
  ASSERT_NE(speed, nullptr);
  EXPECT_LT(speed->by.value, -0.1);
}

TEST(LateReps, NothingIsSaidOfLikeRepsOrOfTooFew) {
  EXPECT_TRUE(findLateChanges(builtInRuleBook(), squatOf({4.0, 4.0, 4.0, 4.0}), {}).empty());
  EXPECT_TRUE(findLateChanges(builtInRuleBook(), squatOf({0.0, 14.0}), {}).empty());
}

}  // namespace
}  // namespace mottix
