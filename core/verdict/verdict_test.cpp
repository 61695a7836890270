#include <gtest/gtest.h>

#include "core/verdict/analysis.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

Measure value(MeasureId id, int rep, double v, double sd, MeasureStatus status = MeasureStatus::kOk) {
  return {id, rep, {v, sd}, status, static_cast<std::size_t>(100 * rep)};
}

std::vector<Finding> judgeDepth(double margin_cm, double sd) {
  return judge(builtInRuleBook(), Lift::kSquat, {value(MeasureId::kDepthMargin, 1, margin_cm, sd)});
}

TEST(Judge, ClearOnlyWhenTheErrorSupportsIt) {
  ASSERT_EQ(judgeDepth(2.0, 1.0).size(), 1u);
  EXPECT_EQ(judgeDepth(2.0, 1.0)[0].certainty, Certainty::kClear);
  EXPECT_EQ(judgeDepth(2.0, 1.0)[0].severity, Severity::kSmall);
  EXPECT_EQ(judgeDepth(2.0, 2.0)[0].certainty, Certainty::kBorderline);
  EXPECT_EQ(judgeDepth(-0.5, 1.0)[0].certainty, Certainty::kBorderline);
  EXPECT_TRUE(judgeDepth(-2.0, 1.0).empty());
  EXPECT_EQ(judgeDepth(8.0, 1.0)[0].severity, Severity::kBig);
}

TEST(Judge, TooImpreciseIsSaidInsteadOfJudged) {
  const auto findings = judgeDepth(9.0, 5.0);
  ASSERT_EQ(findings.size(), 1u);
  EXPECT_EQ(findings[0].certainty, Certainty::kCantTell);
  EXPECT_EQ(findings[0].reason, FindingReason::kTooImprecise);
}

TEST(Judge, MissingJointsAndFeetAreNamed) {
  const auto findings = judge(builtInRuleBook(), Lift::kSquat,
                              {value(MeasureId::kDepthMargin, 1, 0, 0, MeasureStatus::kNoJoints),
                               value(MeasureId::kBarForwardMax, 1, 0, 0, MeasureStatus::kNoFeet)});
  ASSERT_EQ(findings.size(), 2u);
  EXPECT_EQ(findings[0].reason, FindingReason::kJointsMissing);
  EXPECT_EQ(findings[1].reason, FindingReason::kFeetMissing);
}

TEST(Judge, RepsOfOneKindAreOneFindingAtTheWorstRep) {
  const auto findings =
      judge(builtInRuleBook(), Lift::kSquat,
            {value(MeasureId::kTrunkChange, 3, 9.0, 1.0), value(MeasureId::kTrunkChange, 4, 14.0, 1.0),
             value(MeasureId::kTrunkChange, 1, 1.0, 1.0)});
  ASSERT_EQ(findings.size(), 1u);
  EXPECT_EQ(findings[0].reps, (std::vector<int>{3, 4}));
  EXPECT_EQ(findings[0].frame, 400u);
  EXPECT_EQ(findings[0].severity, Severity::kBig);
}

TEST(Judge, OtherLiftsHaveOtherRules) {
  EXPECT_TRUE(judge(builtInRuleBook(), Lift::kBench, {value(MeasureId::kDepthMargin, 1, 9.0, 1.0)}).empty());
}

Finding clear(const char* rule, Severity severity, std::vector<int> reps) {
  Finding f;
  f.rule = f.event = rule;
  f.certainty = Certainty::kClear;
  f.severity = severity;
  f.reps = std::move(reps);
  return f;
}

LoadDecision decide(std::vector<Finding> findings, int pain = 0, int asked = 5, int done = 5) {
  LoadInput input;
  input.load_kg = 100.0;
  input.reps_asked = asked;
  input.reps_done = done;
  input.open_pain = pain;
  input.rules_applied = 3;
  return *decideLoad(findings, input);
}

TEST(DecideLoad, FollowsTheGoodEnoughRule) {
  EXPECT_EQ(decide({}).action, LoadAction::kAdd);
  EXPECT_DOUBLE_EQ(*decide({}).next_load_kg, 102.5);
  EXPECT_EQ(decide({clear("a", Severity::kSmall, {1}), clear("b", Severity::kSmall, {2})}).action,
            LoadAction::kAdd);
  EXPECT_EQ(decide({clear("a", Severity::kSmall, {1}), clear("b", Severity::kSmall, {2}),
                    clear("c", Severity::kSmall, {3})})
                .reason,
            LoadReason::kSeveralSmall);
  EXPECT_EQ(decide({clear("a", Severity::kBig, {5})}).reason, LoadReason::kOneBig);
  const auto repair = decide({clear("a", Severity::kBig, {4, 5})});
  EXPECT_EQ(repair.action, LoadAction::kRepair);
  EXPECT_DOUBLE_EQ(*repair.next_load_kg, 90.0);
}

TEST(DecideLoad, NeverRaisesAgainstACaution) {
  for (int pain = 4; pain <= 10; ++pain) EXPECT_LE(*decide({}, pain).next_load_kg, 100.0);
  EXPECT_EQ(decide({}, 3).action, LoadAction::kAdd);
  Finding unsure = clear("a", Severity::kBig, {1});
  unsure.certainty = Certainty::kCantTell;
  EXPECT_EQ(decide({unsure}).action, LoadAction::kAdd) << "nothing that must be known";
  unsure.must = true;
  EXPECT_EQ(decide({unsure}).action, LoadAction::kCantTell);
  EXPECT_LE(*decide({unsure}).next_load_kg, 100.0);
  EXPECT_EQ(decide({}, 0, 5, 4).reason, LoadReason::kRepsMissing);
  LoadInput no_rules;
  no_rules.load_kg = 100.0;
  no_rules.reps_done = 5;
  EXPECT_EQ(decideLoad({}, no_rules)->reason, LoadReason::kNoRules);
}

TEST(DecideLoad, OneEventCountsOnceAndTiredRepsDoNotLimit) {
  Finding hips = clear("hips", Severity::kSmall, {1}), faster = clear("faster", Severity::kSmall, {1});
  faster.event = "hips";
  const auto once = decide({hips, faster, clear("b", Severity::kSmall, {2})});
  EXPECT_EQ(once.action, LoadAction::kAdd);
  EXPECT_EQ(once.small, 2);
  faster.severity = Severity::kBig;
  EXPECT_EQ(decide({hips, faster}).big, 1) << "the graver of the two";
  const auto tired = decide({clear("a", Severity::kWhenTired, {5}), clear("b", Severity::kWhenTired, {5}),
                             clear("c", Severity::kWhenTired, {5}), clear("d", Severity::kWhenTired, {5})});
  EXPECT_EQ(tired.action, LoadAction::kAdd);
  EXPECT_EQ(tired.tired, 4);
  EXPECT_EQ(decide({clear("a", Severity::kBig, {5}), clear("b", Severity::kBig, {5})}).reason,
            LoadReason::kOneBig)
      << "two on one rep are not one on two";
}

TEST(DecideLoad, WhoRepairsFirstHoldsForASmallOne) {
  LoadInput input;
  input.load_kg = 100.0;
  input.reps_done = 5;
  input.rules_applied = 5;
  input.repair_first = true;
  EXPECT_EQ(decideLoad({}, input)->action, LoadAction::kAdd);
  const auto one = *decideLoad({clear("a", Severity::kSmall, {2})}, input);
  EXPECT_EQ(one.reason, LoadReason::kRepairFirst);
  EXPECT_DOUBLE_EQ(*one.next_load_kg, 100.0);
}

TEST(DecideLoad, AConfirmedCauseHoldsOrCuts) {
  LoadInput input;
  input.load_kg = 100.0;
  input.reps_done = 5;
  input.rules_applied = 5;
  input.cause = CauseLoad::kHold;
  EXPECT_EQ(decideLoad({clear("a", Severity::kSmall, {2})}, input)->reason, LoadReason::kConfirmedCause);
  input.cause = CauseLoad::kCut;
  const auto cut = *decideLoad({clear("a", Severity::kSmall, {2})}, input);
  EXPECT_EQ(cut.action, LoadAction::kRepair);
  EXPECT_DOUBLE_EQ(*cut.next_load_kg, 90.0);
  EXPECT_EQ(decideLoad({}, input)->action, LoadAction::kHold) << "the fault is gone, the word stands";
}

TEST(DecideLoad, WhatTheCoachOverruledDoesNotCount) {
  Finding f = clear("a", Severity::kBig, {4, 5});
  f.overruled = true;
  EXPECT_EQ(decide({f}).action, LoadAction::kAdd);
}

TEST(DecideLoad, RefusesNonsense) {
  LoadInput input;
  input.load_kg = -5.0;
  EXPECT_FALSE(decideLoad({}, input));
  LoadOptions options;
  options.step_kg = 0.0;
  EXPECT_FALSE(decideLoad({}, {}, options));
}

// The end of a bar of 2.2 m, seen where it is, narrows how far away the camera stands; where a bar of 1.7 m
// would have it, it is read but not believed, and said.
TEST(Analyse, TheBarsLengthIsARulerOrAContradiction) {
  const auto clip = known::film({});
  AnalysisSettings settings;
  settings.bar.load_kg = 60.0;
  auto run = [&](std::optional<double> end_m) {
    AxisSeen axis{clip.camera.vanishing_px, {5, 5}, true};
    if (end_m) axis.end_ratio = Estimate{-clip.camera.shrinkAt(*end_m), 0.002};
    return *analyse(clip.tracks, axis, settings, builtInRuleBook());
  };
  const Analysis plain = run(std::nullopt), usual = run(1.10), small = run(0.85);
  auto warned = [](const Analysis& a) {
    return std::find(a.warnings.begin(), a.warnings.end(), Warning::kBarLength) != a.warnings.end();
  };
  EXPECT_FALSE(plain.bar_m);
  ASSERT_TRUE(usual.bar_m);
  EXPECT_LT(std::abs(usual.bar_m->value - 2.2), 2.0 * usual.bar_m->sd);
  EXPECT_LT(usual.distance_m.sd, 0.8 * plain.distance_m.sd);
  EXPECT_LT(std::abs(usual.distance_m.value - clip.camera.distance_m()), 2.0 * usual.distance_m.sd);
  EXPECT_FALSE(warned(usual));
  ASSERT_TRUE(small.bar_m);
  EXPECT_TRUE(warned(small));
  EXPECT_DOUBLE_EQ(small.distance_m.value, plain.distance_m.value);
}

TEST(Analyse, FindsAHighRepAndLeavesACleanSetAlone) {
  known::KnownSquat clean;
  clean.depth_m = 0.09;
  clean.lean_start_deg = 12.0;  // so that the trunk, which goes with the height here, is all but kept
  clean.lean_turn_deg = 28.0;
  AnalysisSettings settings;
  settings.bar.load_kg = 60.0;
  auto run = [&](const known::KnownSquat& plan) {
    const auto clip = known::film(plan);
    return *analyse(clip.tracks, AxisSeen{clip.camera.vanishing_px, {25, 25}, true}, settings,
                    builtInRuleBook());
  };
  const Analysis good = run(clean);
  EXPECT_TRUE(good.computed);
  EXPECT_EQ(good.facing, Facing::kRight);
  for (const Finding& f : good.findings) EXPECT_EQ(f.certainty, Certainty::kCantTell) << f.rule;
  EXPECT_EQ(good.decision.action, LoadAction::kAdd);
  known::KnownSquat high = clean;
  high.depth_m = -0.10;
  const Analysis bad = run(high);
  ASSERT_FALSE(bad.findings.empty());
  EXPECT_EQ(bad.findings[0].rule, "squat.high");
  EXPECT_EQ(bad.findings[0].certainty, Certainty::kClear);
  EXPECT_EQ(bad.decision.action, LoadAction::kRepair);
  settings.overruled = {"squat.high"};
  EXPECT_EQ(run(high).decision.action, LoadAction::kAdd);
}

TEST(Analyse, OnlyThePartThatIsTheSetCounts) {
  known::KnownSquat plan;
  plan.reps = 3;
  const auto clip = known::film(plan);
  const auto whole = analyse(clip.tracks, std::nullopt, {}, builtInRuleBook());
  ASSERT_TRUE(whole);
  ASSERT_EQ(whole->reps.size(), 3u);
  ASSERT_EQ(whole->sets.size(), 1u);
  AnalysisSettings settings;
  settings.part = FilmPart{whole->reps[0].end_frame, whole->reps[1].end_frame};
  const auto second = analyse(clip.tracks, std::nullopt, settings, builtInRuleBook());
  ASSERT_TRUE(second);
  ASSERT_EQ(second->reps.size(), 1u);
  EXPECT_EQ(second->reps[0].number, 1);
  EXPECT_EQ(second->reps[0].turn_frame, whole->reps[1].turn_frame);
  settings.part = FilmPart{0, whole->reps[0].start_frame};
  EXPECT_EQ(analyse(clip.tracks, std::nullopt, settings, builtInRuleBook()).error().remedy,
            Remedy::kCorrectInput);
}

TEST(Analyse, TheStatedBodyIsARulerOrAContradiction) {
  const auto clip = known::film({});
  AnalysisSettings settings;
  const auto alone = analyse(clip.tracks, std::nullopt, settings, builtInRuleBook());
  ASSERT_TRUE(alone);
  auto with = [&](double height_m, bool only_check = false) {
    BodyFacts facts;
    facts.height_m = height_m;
    settings.body = estimateBody(facts);
    settings.joints_know_body = only_check;
    return *analyse(clip.tracks, std::nullopt, settings, builtInRuleBook());
  };
  auto contradicts = [](const Analysis& a) {
    return std::find(a.warnings.begin(), a.warnings.end(), Warning::kBodyContradicts) != a.warnings.end();
  };
  // As tall as the plate makes the lifter, give or take what people differ by.
  const Analysis first = with(1.75);
  ASSERT_TRUE(first.stature);
  const double fits_m = 1.75 * first.stature->value;
  const Analysis agrees = with(fits_m);
  EXPECT_FALSE(contradicts(agrees));
  EXPECT_LT(agrees.body_scale.sd, 0.9 * alone->body_scale.sd);
  EXPECT_NEAR(agrees.body_scale.value / alone->body_scale.value, 1.0, 0.002);
  EXPECT_GT(with(1.03 * fits_m).body_scale.value, agrees.body_scale.value);
  EXPECT_TRUE(contradicts(with(1.4 * fits_m)));
  EXPECT_DOUBLE_EQ(with(1.4 * fits_m).body_scale.value, alone->body_scale.value) << "left out";
  EXPECT_DOUBLE_EQ(with(1.03 * fits_m, true).body_scale.value, alone->body_scale.value) << "only checked";
}

TEST(Analyse, NoRepAndNoBarAreSaid) {
  known::KnownSquat still;
  still.travel_m = 0.02;
  const auto clip = known::film(still);
  const auto none = analyse(clip.tracks, std::nullopt, {}, builtInRuleBook());
  ASSERT_FALSE(none);
  EXPECT_EQ(none.error().remedy, Remedy::kFilmAgain);
  ClipTracks lost = clip.tracks;
  for (BarSample& s : lost.bar) s.state = TrackState::kLost;
  EXPECT_EQ(analyse(lost, std::nullopt, {}, builtInRuleBook()).error().remedy, Remedy::kMarkByHand);
  AnalysisSettings wrong;
  wrong.bar.plate_mm = 5.0;
  EXPECT_EQ(analyse(clip.tracks, std::nullopt, wrong, builtInRuleBook()).error().remedy,
            Remedy::kCorrectInput);
}

// Two films of one set: what is measured in each, and how it is judged by itself.
Analysis seenIn(std::vector<Measure> measures) {
  Analysis a;
  a.measures = std::move(measures);
  a.reps.resize(3);
  a.findings = judge(builtInRuleBook(), Lift::kSquat, a.measures);
  return a;
}

TEST(JudgeTogether, WhatOneFilmCannotTellIsLeftToTheOther) {
  const auto missing = MeasureStatus::kWrongView;
  const Analysis front =
      seenIn({value(MeasureId::kDepthMargin, 1, 0, 0, missing),
              value(MeasureId::kTrunkChange, 1, 0, 0, missing), value(MeasureId::kBarTilt, 1, 0.1, 0.1)});
  const Analysis side =
      seenIn({value(MeasureId::kDepthMargin, 1, 5.0, 1.0), value(MeasureId::kTrunkChange, 1, 1.0, 1.0)});
  ASSERT_EQ(front.findings.size(), 2u);
  ASSERT_EQ(side.findings.size(), 1u);
  AnalysisSettings settings;
  settings.bar.load_kg = 100.0;
  settings.reps_asked = 3;
  const auto both = judgeTogether(front, side, settings, builtInRuleBook());
  ASSERT_TRUE(both);
  EXPECT_TRUE(both->first.empty());  // both can't-tells are answered, one by being in order
  ASSERT_EQ(both->second.size(), 1u);
  EXPECT_EQ(both->second[0].rule, "squat.high");
  EXPECT_NE(both->decision.action, LoadAction::kAdd);
  EXPECT_NE(both->decision.action, LoadAction::kCantTell);
  // The other way round the finding is the side's own, and said once.
  const auto other = judgeTogether(side, front, settings, builtInRuleBook());
  ASSERT_TRUE(other);
  ASSERT_EQ(other->first.size(), 1u);
  EXPECT_TRUE(other->second.empty());
  EXPECT_EQ(other->decision.action, both->decision.action);
}

}  // namespace
}  // namespace mottix
