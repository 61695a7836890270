// Every rule on both sides of its limit and inside the error band, every school where it judges otherwise,
// and what a judgement takes into account beside the measures.
#include <gtest/gtest.h>

#include <cmath>

#include "core/load/decide_load.h"
#include "core/verdict/judge.h"

namespace mottix {
namespace {

Measure value(MeasureId id, int rep, double v, double sd, MeasureStatus status = MeasureStatus::kOk) {
  return {id, rep, {v, sd}, status, static_cast<std::size_t>(100 * rep)};
}

// A set for which the rule is in force: its variant, the complaint it asks for, a usual value of nought.
JudgedSet setFor(const Rule& rule) {
  JudgedSet set;
  set.variants = rule.variants;
  if (rule.off)
    for (const RuleException& e : rule.exceptions)
      if (e.off == false && e.build.empty()) {
        if (!e.variants.empty()) set.variants = e.variants;
        if (e.complaint) set.complaints = {{*e.complaint, kComplaintThatCounts}};
        break;
      }
  if (rule.of == RuleOf::kUsual)
    for (const MeasureId id : rule.measures) set.usual[id] = {{0.0, 0.0}, 0.0, 5};
  return set;
}

std::vector<Finding> judged(const RuleBook& book, const Rule& rule, double v, double sd,
                            const JudgedSet& set) {
  std::vector<Measure> measures;
  for (int rep = 1; rep <= rule.reps; ++rep) {
    for (const MeasureId id : rule.measures) measures.push_back(value(id, rep, v, sd));
    if (rule.where)
      measures.push_back(value(rule.where->measure, rep,
                               rule.where->value + (rule.where->side == FaultSide::kAbove ? 1.0 : -1.0),
                               0.1));
  }
  auto all = judge(book, rule.lifts.front(), measures, set);
  std::erase_if(all, [&](const Finding& f) { return f.rule != rule.id; });
  return all;
}

std::vector<Finding> judged(const RuleBook& book, const Rule& rule, double v, double sd) {
  return judged(book, rule, v, sd, setFor(rule));
}

RuleBook everything() {
  RuleBook book = builtInRuleBook();
  for (const RuleLayer& school : builtInSchools())
    book.rules.insert(book.rules.end(), school.rules.begin(), school.rules.end());
  return book;
}

TEST(EveryRule, IsKeptOnBothSidesOfItsLimitAndInsideTheErrorBand) {
  const RuleBook book = everything();
  for (const Rule& rule : book.rules) {
    const auto force = inForce(rule, rule.lifts.front(), setFor(rule));
    ASSERT_TRUE(force) << rule.id;
    const double limit = force->limit, way = std::abs(force->big - limit);
    const double sign = rule.fault == FaultSide::kBelow ? -1.0 : 1.0;
    const double sd = std::min(0.05 * way, 0.5 * rule.max_sd);
    EXPECT_TRUE(judged(book, rule, limit - sign * 3.0 * sd, sd).empty()) << rule.id;
    auto small = judged(book, rule, limit + sign * 3.0 * sd, sd);
    ASSERT_EQ(small.size(), 1u) << rule.id;
    EXPECT_EQ(small[0].certainty, Certainty::kClear) << rule.id;
    EXPECT_EQ(small[0].severity, Severity::kSmall) << rule.id;
    EXPECT_NEAR(small[0].limit, limit, 1e-12);
    EXPECT_EQ(static_cast<int>(small[0].reps.size()), rule.reps);
    const auto big = judged(book, rule, force->big + sign * 3.0 * sd, sd);
    ASSERT_EQ(big.size(), 1u) << rule.id;
    EXPECT_EQ(big[0].severity, Severity::kBig) << rule.id;
    for (const double within : {-0.3, 0.0, 0.3}) {
      const auto near = judged(book, rule, limit + within * sd, sd);
      ASSERT_EQ(near.size(), 1u) << rule.id;
      EXPECT_EQ(near[0].certainty, Certainty::kBorderline) << rule.id << " at " << within;
    }
    const auto blind = judged(book, rule, force->big + sign * way, 1.01 * rule.max_sd);
    ASSERT_EQ(blind.size(), 1u) << rule.id;
    EXPECT_EQ(blind[0].certainty, Certainty::kCantTell) << rule.id;
    if (rule.fault == FaultSide::kEither) {
      EXPECT_EQ(judged(book, rule, -limit - 3.0 * sd, sd).size(), 1u) << rule.id << ", the other side";
      EXPECT_TRUE(judged(book, rule, -limit + 3.0 * sd, sd).empty()) << rule.id;
    }
  }
}

// Of each change of a school a value between the base's limit and its own.
TEST(EverySchool, JudgesASetDifferently) {
  for (const RuleLayer& school : builtInSchools()) {
    const RuleBook book = *layered(builtInRuleBook(), {school});
    int differs = school.rules.empty() ? 0 : 1;  // a rule of its own that the base does not know
    for (const RuleChange& c : school.changes) {
      const Rule& base = *builtInRuleBook().find(c.rule);
      const Rule& own = *book.find(c.rule);
      const double sign = base.fault == FaultSide::kBelow ? -1.0 : 1.0;
      const double beyond = base.off || own.off ? std::max(sign * base.big, sign * own.big) * sign + sign
                            : base.limit != own.limit ? 0.5 * (base.limit + own.limit)
                                                      : 0.5 * (base.big + own.big);
      const double sd = 1e-3;
      JudgedSet set = setFor(base);
      if (base.off) set = {};  // a set that gives the base no reason to judge it
      const auto by_base = judged(builtInRuleBook(), base, beyond, sd, set),
                 by_own = judged(book, own, beyond, sd, set);
      const bool other =
          by_base.size() != by_own.size() || (!by_base.empty() && by_base[0].severity != by_own[0].severity);
      EXPECT_TRUE(other) << school.name << ", " << c.rule;
      EXPECT_EQ(own.school, school.name) << "whose rule it is";
      differs += other;
    }
    if (school.repair_first) {
      Finding small;
      small.rule = small.event = "a";
      small.certainty = Certainty::kClear;
      LoadInput input;
      input.reps_done = 5;
      input.rules_applied = 5;
      const auto base = decideLoad({small}, input)->action;
      input.repair_first = book.repair_first;
      EXPECT_NE(decideLoad({small}, input)->action, base);
      ++differs;
    }
    EXPECT_GT(differs, 0) << school.name;
  }
}

std::vector<Measure> hipsFirst(std::initializer_list<double> reps) {
  std::vector<Measure> all;
  int rep = 0;
  for (const double v : reps) all.push_back(value(MeasureId::kTrunkChange, ++rep, v, 0.5));
  return all;
}

TEST(Judge, OnlyWhenTiredIsAGradeOfItsOwn) {
  JudgedSet hard;
  hard.effort = 9.5;
  const auto late = hipsFirst({1.0, 1.5, 2.0, 2.0, 12.0});
  auto found = judge(builtInRuleBook(), Lift::kSquat, late, hard);
  ASSERT_EQ(found.size(), 1u);
  EXPECT_EQ(found[0].severity, Severity::kWhenTired) << "however big";
  hard.effort = 8.0;
  EXPECT_EQ(judge(builtInRuleBook(), Lift::kSquat, late, hard)[0].severity, Severity::kBig);
  EXPECT_EQ(judge(builtInRuleBook(), Lift::kSquat, late)[0].severity, Severity::kBig) << "effort not known";
  hard.effort = 9.5;
  EXPECT_EQ(judge(builtInRuleBook(), Lift::kSquat, hipsFirst({1.0, 12.0, 2.0, 2.0, 12.0}), hard)[0].severity,
            Severity::kBig)
      << "early as well";
  // A back that rounds is never put down to being tired.
  std::vector<Measure> back;
  for (int rep = 1; rep <= 5; ++rep)
    back.push_back(value(MeasureId::kBackChange, rep, rep == 5 ? 25.0 : 1.0, 1.0));
  found = judge(builtInRuleBook(), Lift::kDeadlift, back, hard);
  ASSERT_EQ(found.size(), 1u);
  EXPECT_EQ(found[0].severity, Severity::kBig);
}

TEST(Judge, ExceptionsAreByBuildComplaintAndVariant) {
  const auto past = [](JudgedSet set, double cm) {
    return judge(builtInRuleBook(), Lift::kSquat, {value(MeasureId::kKneePastToe, 1, cm, 0.3)}, set);
  };
  JudgedSet sore;
  EXPECT_TRUE(past(sore, 6.0).empty()) << "no fault in itself";
  sore.complaints = {{ComplaintJoint::kKnee, kComplaintThatCounts - 1}};
  EXPECT_TRUE(past(sore, 6.0).empty()) << "not bad enough to count";
  sore.complaints = {{ComplaintJoint::kKnee, kComplaintThatCounts}};
  ASSERT_EQ(past(sore, 2.0).size(), 1u);
  EXPECT_EQ(past(sore, 2.0)[0].exception, "the knee is sore");
  sore.build = {"long_thighs"};
  EXPECT_TRUE(past(sore, 2.0).empty());
  EXPECT_DOUBLE_EQ(past(sore, 6.0)[0].limit, 4.0);
  JudgedSet pins;
  pins.variants = {"pin"};
  EXPECT_TRUE(
      judge(builtInRuleBook(), Lift::kSquat, {value(MeasureId::kDepthMargin, 1, 9.0, 0.5)}, pins).empty());
}

TEST(Judge, AMissingPauseCountsAsNone) {
  const std::vector<Measure> none = {value(MeasureId::kPauseTime, 1, 0.0, 0.0, MeasureStatus::kNone)};
  EXPECT_TRUE(judge(builtInRuleBook(), Lift::kBench, none).empty()) << "nobody asked for one";
  JudgedSet paused;
  paused.variants = {"paused"};
  ASSERT_EQ(judge(builtInRuleBook(), Lift::kBench, none, paused).size(), 1u);
  EXPECT_EQ(judge(builtInRuleBook(), Lift::kBench, none, paused)[0].severity, Severity::kBig);
}

TEST(Judge, AChangeFromTheUsualIsFoundInsideEveryLimit) {
  JudgedSet set;
  const auto lean = [&](double deg) {
    return judge(
        builtInRuleBook(), Lift::kSquat,
        {value(MeasureId::kTrunkLeanTurn, 1, deg, 1.0), value(MeasureId::kTrunkLeanTurn, 2, deg, 1.0)}, set);
  };
  EXPECT_TRUE(lean(50.0).empty()) << "the first sets of a life";
  set.usual[MeasureId::kTrunkLeanTurn] = {{40.0, 0.5}, 1.0, 6};
  EXPECT_TRUE(lean(41.0).empty());
  ASSERT_EQ(lean(50.0).size(), 1u);
  EXPECT_EQ(lean(50.0)[0].certainty, Certainty::kClear);
  EXPECT_NEAR(lean(50.0)[0].value.value, 10.0, 1e-9) << "away from the usual";
  EXPECT_EQ(lean(30.0).size(), 1u) << "to either side";
}

TEST(Judge, SeveralRulesOnOneEventAreOfThatEvent) {
  const auto found =
      judge(builtInRuleBook(), Lift::kSquat,
            {value(MeasureId::kTrunkChange, 1, 12.0, 0.5), value(MeasureId::kRiseRatio, 1, 1.5, 0.02)});
  ASSERT_EQ(found.size(), 2u);
  EXPECT_EQ(found[0].event, "squat.hips_first");
  EXPECT_EQ(found[1].event, "squat.hips_first");
}

TEST(Judge, OfTwoSidesTheWorseOneCounts) {
  const auto found =
      judge(builtInRuleBook(), Lift::kSquat,
            {value(MeasureId::kKneeCaveLeft, 1, 0.0, 0.3), value(MeasureId::kKneeCaveRight, 1, 7.0, 0.3)});
  ASSERT_EQ(found.size(), 1u);
  EXPECT_EQ(found[0].measure, MeasureId::kKneeCaveRight);
  EXPECT_EQ(found[0].reps, std::vector<int>{1});
}

TEST(Judge, WhatOnlyAnotherViewShowsIsSaidOfWhatMustBeKnown) {
  const auto wrong = MeasureStatus::kWrongView;
  const std::vector<Measure> front = {value(MeasureId::kDepthMargin, 1, 0, 0, wrong),
                                      value(MeasureId::kHeelRise, 1, 0, 0, wrong),
                                      value(MeasureId::kBarTilt, 1, 0.1, 0.1)};
  const auto found = judge(builtInRuleBook(), Lift::kSquat, front);
  ASSERT_EQ(found.size(), 1u);
  EXPECT_EQ(found[0].rule, "squat.high");
  EXPECT_TRUE(found[0].must);
  bool heels = false;
  for (const Rule* rule : unseenRules(builtInRuleBook(), Lift::kSquat, front))
    heels |= rule->id == "squat.heels_lift";
  EXPECT_TRUE(heels);
  const auto answered = answeredRules(builtInRuleBook(), Lift::kSquat, front);
  ASSERT_EQ(answered.size(), 1u);
  EXPECT_EQ(answered[0]->id, "bar.uneven");
}

TEST(VariantTags, AreReadFromTheCoachsWords) {
  EXPECT_EQ(variantTags("low bar"), std::vector<std::string>{"low_bar"});
  EXPECT_EQ(variantTags("Paused, High Bar"), (std::vector<std::string>{"high_bar", "paused"}));
  EXPECT_EQ(variantTags("close grip incline"), (std::vector<std::string>{"close_grip", "incline"}));
  EXPECT_EQ(variantTags("from pins"), std::vector<std::string>{"pin"});
  EXPECT_TRUE(variantTags("conventional").empty());
}

TEST(BuildTags, AreOfMeasuredLengthsFarFromTheUsual) {
  BodyFacts facts;
  facts.height_m = 1.75;
  EXPECT_TRUE(buildTags(estimateBody(facts)).empty()) << "nothing was measured";
  const double usual = usualShare(Segment::kThigh).value * 1.75, sd = usualShare(Segment::kThigh).sd * 1.75;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{usual + 1.5 * sd, 0.005}, LengthSource::kByHand};
  EXPECT_EQ(buildTags(estimateBody(facts)), std::vector<std::string>{"long_thighs"});
}

}  // namespace
}  // namespace mottix
