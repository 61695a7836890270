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

FitSubject subject(Body body = bodyOf(), std::vector<Complaint> complaints = {}) {
  return {std::move(body), std::move(complaints), {}, {}, {}};
}

DeadliftWishes pull(std::optional<DeadliftStyle> style, double load_kg) {
  DeadliftWishes wishes;
  wishes.style = style;
  wishes.load_kg = load_kg;
  return wishes;
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
  const SquatFit fit = suggestSquat(subject(body), SquatSchool::kBase, {});
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
  const SquatFit usual = suggestSquat(subject(), SquatSchool::kBase, {});
  const SquatFit long_thighs = suggestSquat(subject(bodyOf(1.6, -1.0)), SquatSchool::kBase, {});
  EXPECT_GT(long_thighs.setup.heel_distance_m, usual.setup.heel_distance_m + 0.03);
  EXPECT_EQ(find(long_thighs.suggestions, "stance").reason, FitReason::kLongThighs);
  EXPECT_EQ(find(long_thighs.suggestions, "bar_position").choice, "middle");
  EXPECT_EQ(find(long_thighs.suggestions, "bar_position").reason, FitReason::kLongLegsShortTrunk);
  const SquatFit stiff = suggestSquat(subject(bodyOf(0.0, 0.0, 0.0, 0.06)), SquatSchool::kBase, {});
  EXPECT_GT(stiff.setup.heel_raise_m, 0.0);
  EXPECT_EQ(find(stiff.suggestions, "heel").reason, FitReason::kAnkleStops);
  EXPECT_GT(stiff.setup.toe_out_deg, usual.setup.toe_out_deg);
}

TEST(SuggestSquat, WideHipsGetTheirRoomFirst) {
  BodyFacts facts;
  facts.height_m = 1.66;
  facts.measured[indexOf(Segment::kShoulderWidth)] = BodyLength{{0.345, 0.01}, LengthSource::kByHand};
  facts.measured[indexOf(Segment::kHipWidth)] = BodyLength{{0.40, 0.01}, LengthSource::kByHand};
  const FitSubject wide = subject(estimateBody(facts));
  const SquatFit fit = suggestSquat(wide, SquatSchool::kBase, {});
  EXPECT_NEAR(fit.setup.heel_distance_m, 0.40, 0.006);
  EXPECT_EQ(find(fit.suggestions, "stance").reason, FitReason::kWideHips);
  EXPECT_EQ(find(suggestDeadlift(wide, DeadliftSchool::kBase, {}).suggestions, "grip").reason,
            FitReason::kWideHips);
}

TEST(SuggestSquat, ASchoolChangesWhatItSaysAndIsNamed) {
  const Body body = bodyOf();
  const SquatFit hip_led = suggestSquat(subject(body), SquatSchool::kHipLed, {});
  EXPECT_EQ(find(hip_led.suggestions, "bar_position").choice, "low");
  EXPECT_EQ(find(hip_led.suggestions, "bar_position").school, "hip-led");
  EXPECT_EQ(find(hip_led.suggestions, "walk_out").school, "base");
  const SquatFit upright = suggestSquat(subject(body), SquatSchool::kUpright, {});
  EXPECT_LT(upright.solution.posture.trunk_lean_deg, hip_led.solution.posture.trunk_lean_deg - 5.0);
  EXPECT_LT(upright.setup.heel_distance_m, hip_led.setup.heel_distance_m);
  const SquatFit wide = suggestSquat(subject(body), SquatSchool::kWide, {});
  EXPECT_GT(wide.setup.heel_distance_m, hip_led.setup.heel_distance_m);
  const SquatFit loading = suggestSquat(subject(body), SquatSchool::kKneeLoading, {});
  EXPECT_EQ(loading.setup.heel_raise_m, 0.020);
  EXPECT_GT(loading.solution.posture.knee_lever_m, upright.solution.posture.knee_lever_m);
}

TEST(SuggestSquat, AComplaintChangesTheSetupAndCautions) {
  const Body body = bodyOf();
  const SquatFit sound = suggestSquat(subject(body, {{ComplaintJoint::kKnee, 3}}), SquatSchool::kBase, {});
  EXPECT_FALSE(has(sound.cautions, FitCaution::kOpenComplaint)) << "below four it only waits";
  const SquatFit knee = suggestSquat(subject(body, {{ComplaintJoint::kKnee, 5}}), SquatSchool::kBase, {});
  EXPECT_TRUE(has(knee.cautions, FitCaution::kOpenComplaint));
  EXPECT_LT(knee.solution.posture.knee_lever_m, sound.solution.posture.knee_lever_m);
  EXPECT_LT(knee.solution.posture.shin_lean_deg, sound.solution.posture.shin_lean_deg);
  EXPECT_EQ(find(knee.suggestions, "stance").reason, FitReason::kSoreKnee);
  const SquatFit hip = suggestSquat(subject(body, {{ComplaintJoint::kHip, 6}}), SquatSchool::kWide, {});
  EXPECT_LT(hip.setup.heel_distance_m, sound.setup.heel_distance_m);
  const SquatFit shoulder =
      suggestSquat(subject(body, {{ComplaintJoint::kShoulder, 4}}), SquatSchool::kHipLed, {});
  EXPECT_EQ(find(shoulder.suggestions, "bar_position").choice, "safety");
  const SquatFit back = suggestSquat(subject(body, {{ComplaintJoint::kBack, 4}}), SquatSchool::kHipLed, {});
  EXPECT_EQ(find(back.suggestions, "bar_position").choice, "high");
  const SquatFit pressure =
      suggestSquat(subject(body, {{ComplaintJoint::kBloodPressure, 4}}), SquatSchool::kBase, {});
  EXPECT_EQ(find(pressure.suggestions, "breathing").choice, "out_on_the_way_up");
  EXPECT_TRUE(has(pressure.cautions, FitCaution::kBloodPressure));
}

TEST(SuggestSquat, ScreensAndEquipmentShapeTheSetup) {
  FitSubject who = subject();
  who.screens.low_bar_out_of_reach = true;
  const SquatFit reach = suggestSquat(who, SquatSchool::kHipLed, {});
  EXPECT_EQ(find(reach.suggestions, "bar_position").choice, "middle");
  EXPECT_EQ(find(reach.suggestions, "bar_position").reason, FitReason::kAsScreened);
  who.screens = {};
  who.screens.hands_m = 0.70;
  who.screens.heel_distance_m = 0.44;
  who.screens.toe_out_deg = 28.0;
  who.screens.back_gives_way = true;
  const SquatFit screened = suggestSquat(who, SquatSchool::kBase, {});
  EXPECT_NEAR(*find(screened.suggestions, "grip").value, 70.0, 1e-9);
  EXPECT_NEAR(*find(screened.suggestions, "stance").value, 44.0, 1e-9);
  EXPECT_EQ(screened.setup.toe_out_deg, 28.0);
  EXPECT_LT(screened.setup.hip_below_knee_m, 0.02) << "it stops above where the pelvis tucks";
  EXPECT_EQ(find(screened.suggestions, "depth").reason, FitReason::kBackGivesWay);
  FitSubject sore = subject(bodyOf(), {{ComplaintJoint::kElbow, 5}});
  EXPECT_EQ(find(suggestSquat(sore, SquatSchool::kHipLed, {}).suggestions, "bar_position").choice, "safety");
  sore.equipment = {Equipment::kBelt};
  const SquatFit without = suggestSquat(sore, SquatSchool::kHipLed, {});
  EXPECT_EQ(find(without.suggestions, "bar_position").choice, "high") << "there is no safety bar";
  EXPECT_GT(*find(without.suggestions, "grip").value,
            *find(suggestSquat(subject(), SquatSchool::kBase, {}).suggestions, "grip").value + 5.0);
}

TEST(SuggestSquat, WhatTheCoachFixedStays) {
  SquatWishes wishes;
  wishes.bar = BarPosition::kLow;
  wishes.heel_distance_m = 0.50;
  wishes.heel_raise_m = 0.015;
  wishes.hip_below_knee_m = -0.05;
  wishes.toe_out_deg = 12.0;
  const SquatFit fit = suggestSquat(subject(), SquatSchool::kUpright, wishes);
  EXPECT_EQ(fit.setup.bar, BarPosition::kLow);
  EXPECT_EQ(fit.setup.heel_distance_m, 0.50);
  EXPECT_EQ(fit.setup.heel_raise_m, 0.015);
  EXPECT_EQ(fit.setup.toe_out_deg, 12.0);
  for (const char* id : {"bar_position", "stance", "toe_out", "heel", "depth"})
    EXPECT_EQ(find(fit.suggestions, id).reason, FitReason::kCoachFixed) << id;
  EXPECT_NEAR(fit.solution.posture.knee.y() - fit.solution.posture.hip.y(), -0.05, 1e-9);
}

TEST(SuggestSquat, ABodyOnlyEstimatedIsSaidToBe) {
  BodyFacts facts;
  facts.height_m = 1.7;
  EXPECT_TRUE(has(suggestSquat(subject(estimateBody(facts)), SquatSchool::kBase, {}).cautions,
                  FitCaution::kEstimatedLengths));
}

TEST(SuggestDeadlift, BothStylesAreSolvedAndTheBackDecides) {
  const DeadliftFit usual =
      suggestDeadlift(subject(bodyOf()), DeadliftSchool::kBase, pull(std::nullopt, 80.0));
  EXPECT_TRUE(usual.conventional.feasible && usual.sumo.feasible);
  EXPECT_EQ(find(usual.suggestions, "grip_type").choice, "double_overhand");
  const DeadliftFit back = suggestDeadlift(subject(bodyOf(), {{ComplaintJoint::kBack, 5}}),
                                           DeadliftSchool::kBase, pull(std::nullopt, 80.0));
  EXPECT_EQ(find(back.suggestions, "style").choice, "sumo");
  const DeadliftFit asked =
      suggestDeadlift(subject(bodyOf()), DeadliftSchool::kBase, pull(DeadliftStyle::kSumo, 80.0));
  EXPECT_EQ(asked.setup.style, DeadliftStyle::kSumo);
  EXPECT_EQ(
      find(suggestDeadlift(subject(bodyOf()), DeadliftSchool::kBase, pull(std::nullopt, 200.0)).suggestions,
           "grip_type")
          .choice,
      "mixed");
  EXPECT_EQ(find(suggestDeadlift(subject(bodyOf(0, 0, 1.5)), DeadliftSchool::kBase, pull(std::nullopt, 200.0))
                     .suggestions,
                 "grip_type")
                .choice,
            "hook");
  const double shin_cm = *find(usual.suggestions, "bar_from_shin").value;
  EXPECT_GE(shin_cm, 1.0);
  EXPECT_LE(shin_cm, 6.0);
}

TEST(SuggestDeadlift, StrapsSchoolAndWishesAreHeard) {
  FitSubject who = subject();
  who.equipment = {Equipment::kStraps};
  who.screens.hips_stay_forward = true;
  const DeadliftFit heavy = suggestDeadlift(who, DeadliftSchool::kFeltTension, pull(std::nullopt, 200.0));
  EXPECT_EQ(find(heavy.suggestions, "grip_type").choice, "straps");
  EXPECT_EQ(find(heavy.suggestions, "hip_height").reason, FitReason::kByFeltTension);
  EXPECT_EQ(find(heavy.suggestions, "hip_height").school, "felt-tension");
  EXPECT_GT(*find(heavy.suggestions, "hip_over_knee").value, 0.0);
  EXPECT_EQ(find(heavy.suggestions, "watch").reason, FitReason::kHipsStayForward);
  who.constraints = {Constraint::kNoStraps};
  EXPECT_EQ(
      find(suggestDeadlift(who, DeadliftSchool::kBase, pull(std::nullopt, 200.0)).suggestions, "grip_type")
          .choice,
      "mixed");
  DeadliftWishes wishes = pull(DeadliftStyle::kConventional, 80.0);
  wishes.heel_distance_m = 0.33;
  wishes.hand_distance_m = 0.60;
  const DeadliftFit fixed = suggestDeadlift(who, DeadliftSchool::kBase, wishes);
  EXPECT_EQ(fixed.setup.heel_distance_m, 0.33);
  EXPECT_EQ(find(fixed.suggestions, "grip").reason, FitReason::kCoachFixed);
  EXPECT_NE(fixed.conventional.posture.trunk_lean_deg,
            suggestDeadlift(who, DeadliftSchool::kBase, {}).conventional.posture.trunk_lean_deg);
}

TEST(SuggestBench, SchoolAndFederationAreNamed) {
  FitSubject who = subject();
  const BenchFit flat = suggestBench(who, BenchSchool::kDevelopment, {}),
                 arch = suggestBench(who, BenchSchool::kCompetition, {});
  EXPECT_GT(flat.solution.posture.range_of_motion_m, arch.solution.posture.range_of_motion_m);
  EXPECT_EQ(find(arch.suggestions, "pause").school, "competition");
  who.constraints = {Constraint::kFeetFlat, Constraint::kPause};
  const BenchFit meet = suggestBench(who, BenchSchool::kBase, {});
  EXPECT_EQ(find(meet.suggestions, "feet").reason, FitReason::kFederationAsks);
  EXPECT_EQ(find(meet.suggestions, "pause").reason, FitReason::kFederationAsks);
  BenchWishes narrow;
  narrow.grip_m = 0.60;
  EXPECT_EQ(suggestBench(who, BenchSchool::kBase, narrow).setup.grip_m, 0.60 + 2 * kIndexFinger_m);
}

TEST(SuggestBench, TheGripComesFromTheClaviclesAndIsNarrowerWhenTheShoulderIsSore) {
  const Body body = bodyOf();
  const BenchFit fit = suggestBench(subject(body), BenchSchool::kBase, {});
  ASSERT_TRUE(fit.solution.feasible);
  const double grip_cm = *find(fit.suggestions, "grip").value;
  EXPECT_NEAR(grip_cm, std::min(81.0, 200.0 * body.length_m(Segment::kShoulderWidth)), 0.3);
  EXPECT_NEAR(*find(fit.suggestions, "inside_ring_marks").value, 0.5 * (81.0 - grip_cm), 1e-9);
  EXPECT_NEAR(100.0 * fit.setup.grip_m, grip_cm + 200.0 * kIndexFinger_m, 1e-9)
      << "the middle of the hand is further out";
  const BenchFit sore = suggestBench(subject(body, {{ComplaintJoint::kShoulder, 4}}), BenchSchool::kBase, {});
  EXPECT_NEAR(fit.setup.grip_m - sore.setup.grip_m, 0.04, 0.006);
}

TEST(FitNames, GoBothWaysAndRefuseOthers) {
  for (const char* name : {"base", "hip-led", "upright", "wide", "knee-sparing", "knee-loading"})
    EXPECT_EQ(nameOf(*squatSchoolNamed(name)), name);
  for (const char* name : {"high", "middle", "low", "front", "safety"})
    EXPECT_EQ(nameOf(*barPositionNamed(name)), name);
  for (const char* name : {"ankle", "knee", "hip", "back", "shoulder", "elbow", "wrist", "blood_pressure"})
    EXPECT_EQ(nameOf(*complaintJointNamed(name)), name);
  for (std::size_t i = 0; i < kEquipmentCount; ++i)
    EXPECT_EQ(equipmentNamed(nameOf(static_cast<Equipment>(i))), static_cast<Equipment>(i));
  for (std::size_t i = 0; i < kConstraintCount; ++i)
    EXPECT_EQ(constraintNamed(nameOf(static_cast<Constraint>(i))), static_cast<Constraint>(i));
  for (const char* name : {"base", "competition", "development"})
    EXPECT_EQ(nameOf(*benchSchoolNamed(name)), name);
  for (const char* name : {"base", "felt-tension"}) EXPECT_EQ(nameOf(*deadliftSchoolNamed(name)), name);
  EXPECT_FALSE(squatSchoolNamed("own"));
  EXPECT_FALSE(barPositionNamed(""));
  EXPECT_FALSE(complaintJointNamed("Knee"));
}

}  // namespace
}  // namespace mottix
