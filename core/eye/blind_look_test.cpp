#include "core/eye/blind_look.h"

#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

Measure value(MeasureId id, int rep, double v, double sd = 0.3) {
  return {id, rep, {v, sd}, MeasureStatus::kOk, 0};
}

const Rule& depthRule() {
  return *builtInRuleBook().find("squat.high");
}

// Looks of an eye that calls depth from `from_cm` on, with a spread of its own.
std::vector<BlindLook> looksOf(double from_cm, double spread_cm, int looks, std::uint32_t seed) {
  std::mt19937 draw(seed);
  std::normal_distribution<double> normal(0.0, 1.0);
  std::uniform_real_distribution<double> depth(-4.0, 10.0);
  std::vector<BlindLook> out;
  for (int k = 0; k < looks; ++k) {
    const double cm = depth(draw);
    const bool called = cm + spread_cm * normal(draw) > from_cm;
    const Rule& rule = depthRule();
    BlindLook look;
    look.day = k < looks / 2 ? "2026-03-02" : "2026-03-09";
    Glance g{rule.id, {cm, 0.2}, rule.limit, rule.big, Called::kNothing, Called::kNothing, {}, {}};
    if (cm > rule.limit) g.is = cm > rule.big ? Called::kBig : Called::kSmall;
    if (called) g.called = Called::kSmall;
    look.seen.push_back(g);
    out.push_back(look);
  }
  return out;
}

TEST(CompareCalls, WhatIsThereIsHeldAgainstWhatWasCalled) {
  const Rule& rule = depthRule();
  std::vector<Measure> measures;
  for (int rep = 1; rep <= 3; ++rep)
    measures.push_back(value(MeasureId::kDepthMargin, rep, rep == 3 ? rule.big + 2.0 : rule.limit - 3.0));
  const auto of = [&](std::vector<EyeMark> marks) {
    for (const Glance& g : compareCalls(builtInRuleBook(), Lift::kSquat, measures, {}, marks))
      if (g.rule == rule.id) return g;
    return Glance{};
  };
  const Glance passed_over = of({});
  EXPECT_EQ(passed_over.is, Called::kBig);
  EXPECT_EQ(passed_over.called, Called::kNothing);
  EXPECT_EQ(passed_over.reps, std::vector<int>{3});
  EXPECT_NEAR(passed_over.value.value, rule.big + 2.0, 1e-12);
  const Glance called = of({{rule.id, 2, Called::kSmall}, {rule.id, 3, Called::kBig}});
  EXPECT_EQ(called.called, Called::kBig);
  EXPECT_EQ(called.called_on, (std::vector<int>{2, 3}));
  // Nothing is made of a mark for a rule that cannot be told here.
  EXPECT_EQ(of({{"squat.knees_cave", 1, Called::kBig}}).called, Called::kNothing);
}

TEST(CompareCalls, WhatIsTooCloseToCallIsNeitherThereNorNot) {
  const Rule& rule = depthRule();
  const std::vector<Measure> measures = {value(MeasureId::kDepthMargin, 1, rule.limit, 1.0)};
  for (const Glance& g : compareCalls(builtInRuleBook(), Lift::kSquat, measures, {}, {}))
    if (g.rule == rule.id) {
      EXPECT_FALSE(g.is.has_value());
    }
}

TEST(CompareCalls, TheSameEventSeenAnotherWayIsCalledAsTheEvent) {
  const RuleBook& book = builtInRuleBook();
  for (const Rule& part : book.rules) {
    if (part.part_of.empty() || part.of == RuleOf::kUsual || part.where) continue;
    const Rule* event = book.find(part.part_of);
    if (event->of == RuleOf::kUsual || event->where || !inForce(*event, part.lifts.front(), {}) ||
        !inForce(part, part.lifts.front(), {}))
      continue;
    const auto fine = [](const Rule& r) {
      return r.fault == FaultSide::kEither ? 0.0 : r.limit - 2.0 * (r.big - r.limit);
    };
    std::vector<Measure> measures;
    for (int rep = 1; rep <= 3; ++rep) {
      measures.push_back(value(event->measures.front(), rep, fine(*event), 1e-4));
      measures.push_back(value(part.measures.front(), rep, part.big + (part.big - part.limit), 1e-4));
    }
    for (const Rule* r : callableRules(book, part.lifts.front(), measures, {})) EXPECT_NE(r->id, part.id);
    for (const Glance& g : compareCalls(book, part.lifts.front(), measures, {}, {}))
      if (g.rule == event->id) {
        EXPECT_EQ(g.is, Called::kBig) << part.id;
      }
  }
}

TEST(EstimateEye, FindsFromWhichSizeOnAnEyeCalls) {
  int within = 0, told = 0;
  for (std::uint32_t seed = 1; seed <= 40; ++seed) {
    const double from = 0.5 + 0.1 * seed;
    const EyeOfRule eye = estimateEye(depthRule(), looksOf(from, 1.0, 60, seed));
    if (!eye.from) continue;
    ++told;
    within += std::abs(eye.from->value - from) <= 2.0 * eye.from->sd;
  }
  EXPECT_GE(told, 38);
  EXPECT_GE(within, 34);
}

TEST(EstimateEye, SaysNothingTooEarly) {
  EXPECT_FALSE(estimateEye(depthRule(), {}).from);
  EXPECT_FALSE(estimateEye(depthRule(), looksOf(2.0, 1.0, 2, 1)).from);
}

TEST(EstimateEye, CountsWhatWasSeenAndWhatWasNotThere) {
  const auto looks = looksOf(-5.0, 0.1, 40, 3);  // calls everything
  const EyeOfRule eye = estimateEye(depthRule(), looks);
  EXPECT_EQ(eye.looks, 40);
  EXPECT_EQ(eye.there + eye.not_there, 40);
  EXPECT_EQ(eye.seen, eye.there);
  EXPECT_EQ(eye.invented, eye.not_there);
  const auto days = eyeByDay(looks);
  ASSERT_EQ(days.size(), 2u);
  EXPECT_EQ(days[0].day, "2026-03-02");
  EXPECT_EQ(days[0].looks + days[1].looks, 40);
  EXPECT_EQ(days[0].seen + days[1].seen, eye.there);
  EXPECT_EQ(days[0].invented + days[1].invented, eye.not_there);
}

// A rule whose fault lies below its limit is estimated on the same footing as one above.
TEST(EstimateEye, WorksOnEitherSide) {
  Rule below = depthRule();
  below.fault = FaultSide::kBelow;
  below.limit = -depthRule().limit;
  below.big = -depthRule().big;
  auto looks = looksOf(3.0, 1.0, 60, 5);
  const auto above = estimateEye(depthRule(), looks).from;
  for (BlindLook& look : looks)
    for (Glance& g : look.seen) g.value.value = -g.value.value;
  const auto mirrored = estimateEye(below, looks).from;
  ASSERT_TRUE(above && mirrored);
  EXPECT_NEAR(mirrored->value, -above->value, 1e-9);
  EXPECT_NEAR(mirrored->sd, above->sd, 1e-9);
}

}  // namespace
}  // namespace mottix
