#include "core/verdict/two_judgements.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

Finding finding(const char* rule, Certainty certainty, Severity severity, const char* event = nullptr) {
  Finding f;
  f.rule = rule;
  f.event = event != nullptr ? event : rule;
  f.reps = {1};
  f.certainty = certainty;
  f.severity = severity;
  return f;
}

TEST(TwoJudgements, WhatDiffersComesFirst) {
  const auto both = compareJudgements(
      {finding("a", Certainty::kClear, Severity::kSmall), finding("b", Certainty::kClear, Severity::kSmall),
       finding("c", Certainty::kBorderline, Severity::kSmall)},
      {finding("a", Certainty::kClear, Severity::kSmall), finding("c", Certainty::kClear, Severity::kSmall),
       finding("d", Certainty::kClear, Severity::kBig)});
  ASSERT_EQ(both.size(), 4u);
  EXPECT_EQ(both[0].event, "b");
  EXPECT_TRUE(both[0].is[0] && !both[0].is[1]);
  EXPECT_EQ(both[1].event, "c");
  EXPECT_EQ(both[2].event, "d");
  EXPECT_TRUE(!both[2].is[0] && both[2].is[1]);
  EXPECT_EQ(both[3].event, "a");
  EXPECT_FALSE(both[3].differs());
}

TEST(TwoJudgements, OfAnEventTheClearestCounts) {
  const auto both = compareJudgements({finding("a", Certainty::kBorderline, Severity::kSmall),
                                       finding("a.other_way", Certainty::kClear, Severity::kBig, "a")},
                                      {finding("a.other_way", Certainty::kClear, Severity::kBig, "a"),
                                       finding("a", Certainty::kClear, Severity::kSmall)});
  ASSERT_EQ(both.size(), 1u);
  EXPECT_EQ(both[0].is[0]->rule, "a.other_way");
  EXPECT_EQ(both[0].is[1]->rule, "a");
  EXPECT_TRUE(both[0].differs());
}

TEST(TwoJudgements, WhatCannotBeToldOrDoesNotStandSaysNothing) {
  Finding overruled = finding("b", Certainty::kClear, Severity::kBig);
  overruled.overruled = true;
  EXPECT_TRUE(
      compareJudgements({finding("a", Certainty::kCantTell, Severity::kSmall), overruled}, {}).empty());
  Finding must = finding("a", Certainty::kCantTell, Severity::kSmall);
  must.must = true;
  EXPECT_EQ(compareJudgements({must}, {must}).size(), 1u);
}

}  // namespace
}  // namespace mottix
