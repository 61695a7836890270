#include "core/fit/suggest_setup.h"

#include <algorithm>

#include <gtest/gtest.h>

namespace mottix {
namespace {

Body bodyOf(double thigh = 0.0, double trunk = 0.0, double hand = 0.0, double wall_m = 0.11) {
  BodyFacts facts;
  facts.height_m = 1.75;
  facts.mass_kg = 75.0;
  facts.knee_to_wall_m = wall_m;
  auto measured = [&](Segment s, double scores) {
    const Estimate share = usualShare(s);
    facts.measured[indexOf(s)] =
        BodyLength{{facts.height_m * (share.value + scores * share.sd), 0.005}, LengthSource::kByHand};
  };
  measured(Segment::kThigh, thigh);
  measured(Segment::kTrunk, trunk);
  measured(Segment::kHand, hand);
  return estimateBody(facts);
}

const Suggestion& find(const std::vector<Suggestion>& all, std::string_view id) {
  const auto at = std::find_if(all.begin(), all.end(), [&](const Suggestion& s) { return s.id == id; });
  EXPECT_NE(at, all.end()) << id;
  return *at;
}
bool has(const std::vector<FitCaution>& all, FitCaution c) {
  return std::find(all.begin(), all.end(), c) != all.end();
}

TEST(SuggestSquat, AnAverageBodyStandsAtShoulderWidthWithAHighBar) {
  const Body body = bodyOf();
  const SquatFit fit = suggestSquat(body, {}, SquatSchool::kBase, {});
  ASSERT_TRUE(fit.solution.feasible);
  EXPECT_EQ(find(fit.suggestions, "bar_position").choice, "high");
  EXPECT_NEAR(*find(fit.suggestions, "stance").value, 100.0 * body.length_m(Segment::kShoulderWidth), 0.6);
  EXPECT_EQ(find(fit.suggestions, "stance").reason, FitReason::kShoulderWidth);
  EXPECT_NEAR(*find(fit.suggestions, "toe_out").value, 30.0, 1.0);
  EXPECT_EQ(*find(fit.suggestions, "walk_out").value, 3.0);
  EXPECT_GT(*find(fit.suggestions, "rack_height").value, *find(fit.suggestions, "safety_height").value);
  EXPECT_FALSE(has(fit.cautions, FitCaution::kOpenComplaint));
}

TEST(SuggestSquat, TheBodyShapesStanceBarAndHeel) {
  const SquatFit usual = suggestSquat(bodyOf(), {}, SquatSchool::kBase, {});
  const SquatFit long_thighs = suggestSquat(bodyOf(1.6, -1.0), {}, SquatSchool::kBase, {});
  EXPECT_GT(long_thighs.setup.heel_distance_m, usual.setup.heel_distance_m + 0.03);
  EXPECT_EQ(find(long_thighs.suggestions, "stance").reason, FitReason::kLongThighs);
  EXPECT_EQ(find(long_thighs.suggestions, "bar_position").choice, "middle");
  EXPECT_EQ(find(long_thighs.suggestions, "bar_position").reason, FitReason::kLongLegsShortTrunk);
  const SquatFit stiff = suggestSquat(bodyOf(0.0, 0.0, 0.0, 0.06), {}, SquatSchool::kBase, {});
  EXPECT_GT(stiff.setup.heel_raise_m, 0.0);
  EXPECT_EQ(find(stiff.suggestions, "heel").reason, FitReason::kAnkleStops);
  EXPECT_GT(stiff.setup.toe_out_deg, usual.setup.toe_out_deg);
}

TEST(SuggestSquat, ASchoolChangesWhatItSaysAndIsNamed) {
  const Body body = bodyOf();
  const SquatFit hip_led = suggestSquat(body, {}, SquatSchool::kHipLed, {});
  EXPECT_EQ(find(hip_led.suggestions, "bar_position").choice, "low");
  EXPECT_EQ(find(hip_led.suggestions, "bar_position").school, SquatSchool::kHipLed);
  EXPECT_EQ(find(hip_led.suggestions, "walk_out").school, SquatSchool::kBase);
  const SquatFit upright = suggestSquat(body, {}, SquatSchool::kUpright, {});
  EXPECT_LT(upright.solution.posture.trunk_lean_deg, hip_led.solution.posture.trunk_lean_deg - 5.0);
  EXPECT_LT(upright.setup.heel_distance_m, hip_led.setup.heel_distance_m);
  const SquatFit wide = suggestSquat(body, {}, SquatSchool::kWide, {});
  EXPECT_GT(wide.setup.heel_distance_m, hip_led.setup.heel_distance_m);
  const SquatFit loading = suggestSquat(body, {}, SquatSchool::kKneeLoading, {});
  EXPECT_EQ(loading.setup.heel_raise_m, 0.020);
  EXPECT_GT(loading.solution.posture.knee_lever_m, upright.solution.posture.knee_lever_m);
}

TEST(SuggestSquat, AComplaintChangesTheSetupAndCautions) {
  const Body body = bodyOf();
  const SquatFit sound = suggestSquat(body, {{ComplaintJoint::kKnee, 3}}, SquatSchool::kBase, {});
  EXPECT_FALSE(has(sound.cautions, FitCaution::kOpenComplaint)) << "below four it only waits";
  const SquatFit knee = suggestSquat(body, {{ComplaintJoint::kKnee, 5}}, SquatSchool::kBase, {});
  EXPECT_TRUE(has(knee.cautions, FitCaution::kOpenComplaint));
  EXPECT_LT(knee.solution.posture.knee_lever_m, sound.solution.posture.knee_lever_m);
  EXPECT_LT(knee.solution.posture.shin_lean_deg, sound.solution.posture.shin_lean_deg);
  EXPECT_EQ(find(knee.suggestions, "stance").reason, FitReason::kSoreKnee);
  const SquatFit hip = suggestSquat(body, {{ComplaintJoint::kHip, 6}}, SquatSchool::kWide, {});
  EXPECT_LT(hip.setup.heel_distance_m, sound.setup.heel_distance_m);
  const SquatFit shoulder = suggestSquat(body, {{ComplaintJoint::kShoulder, 4}}, SquatSchool::kHipLed, {});
  EXPECT_EQ(find(shoulder.suggestions, "bar_position").choice, "safety");
  const SquatFit back = suggestSquat(body, {{ComplaintJoint::kBack, 4}}, SquatSchool::kHipLed, {});
  EXPECT_EQ(find(back.suggestions, "bar_position").choice, "high");
  const SquatFit pressure = suggestSquat(body, {{ComplaintJoint::kBloodPressure, 4}}, SquatSchool::kBase, {});
  EXPECT_EQ(find(pressure.suggestions, "breathing").choice, "out_on_the_way_up");
  EXPECT_TRUE(has(pressure.cautions, FitCaution::kBloodPressure));
}

TEST(SuggestSquat, WhatTheCoachFixedStays) {
  SquatWishes wishes;
  wishes.bar = BarPosition::kLow;
  wishes.heel_distance_m = 0.50;
  wishes.heel_raise_m = 0.015;
  wishes.hip_below_knee_m = -0.05;
  const SquatFit fit = suggestSquat(bodyOf(), {}, SquatSchool::kUpright, wishes);
  EXPECT_EQ(fit.setup.bar, BarPosition::kLow);
  EXPECT_EQ(fit.setup.heel_distance_m, 0.50);
  EXPECT_EQ(fit.setup.heel_raise_m, 0.015);
  EXPECT_NEAR(fit.solution.posture.knee.y() - fit.solution.posture.hip.y(), -0.05, 1e-9);
}

TEST(SuggestSquat, ABodyOnlyEstimatedIsSaidToBe) {
  BodyFacts facts;
  facts.height_m = 1.7;
  EXPECT_TRUE(has(suggestSquat(estimateBody(facts), {}, SquatSchool::kBase, {}).cautions,
                  FitCaution::kEstimatedLengths));
}

TEST(SuggestDeadlift, BothStylesAreSolvedAndTheBackDecides) {
  const DeadliftFit usual = suggestDeadlift(bodyOf(), {}, std::nullopt, 80.0);
  EXPECT_TRUE(usual.conventional.feasible && usual.sumo.feasible);
  EXPECT_EQ(find(usual.suggestions, "grip_type").choice, "double_overhand");
  const DeadliftFit back = suggestDeadlift(bodyOf(), {{ComplaintJoint::kBack, 5}}, std::nullopt, 80.0);
  EXPECT_EQ(find(back.suggestions, "style").choice, "sumo");
  const DeadliftFit asked = suggestDeadlift(bodyOf(), {}, DeadliftStyle::kSumo, 80.0);
  EXPECT_EQ(asked.setup.style, DeadliftStyle::kSumo);
  EXPECT_EQ(find(suggestDeadlift(bodyOf(), {}, std::nullopt, 200.0).suggestions, "grip_type").choice,
            "mixed");
  EXPECT_EQ(find(suggestDeadlift(bodyOf(0, 0, 1.5), {}, std::nullopt, 200.0).suggestions, "grip_type").choice,
            "hook");
  const double shin_cm = *find(usual.suggestions, "bar_from_shin").value;
  EXPECT_GE(shin_cm, 1.0);
  EXPECT_LE(shin_cm, 6.0);
}

TEST(SuggestBench, TheGripComesFromTheClaviclesAndIsNarrowerWhenTheShoulderIsSore) {
  const Body body = bodyOf();
  const BenchFit fit = suggestBench(body, {}, 60.0);
  ASSERT_TRUE(fit.solution.feasible);
  EXPECT_NEAR(fit.setup.grip_m, std::min(0.81, 2.0 * body.length_m(Segment::kShoulderWidth)), 0.003);
  EXPECT_NEAR(*find(fit.suggestions, "inside_ring_marks").value, 50.0 * (0.81 - fit.setup.grip_m), 1e-9);
  const BenchFit sore = suggestBench(body, {{ComplaintJoint::kShoulder, 4}}, 60.0);
  EXPECT_NEAR(fit.setup.grip_m - sore.setup.grip_m, 0.04, 0.006);
}

TEST(FitNames, GoBothWaysAndRefuseOthers) {
  for (const char* name : {"base", "hip-led", "upright", "wide", "knee-sparing", "knee-loading"})
    EXPECT_EQ(nameOf(*squatSchoolNamed(name)), name);
  for (const char* name : {"high", "middle", "low", "front", "safety"})
    EXPECT_EQ(nameOf(*barPositionNamed(name)), name);
  for (const char* name : {"ankle", "knee", "hip", "back", "shoulder", "elbow", "wrist", "blood_pressure"})
    EXPECT_EQ(nameOf(*complaintJointNamed(name)), name);
  EXPECT_FALSE(squatSchoolNamed("own"));
  EXPECT_FALSE(barPositionNamed(""));
  EXPECT_FALSE(complaintJointNamed("Knee"));
}

}  // namespace
}  // namespace mottix
