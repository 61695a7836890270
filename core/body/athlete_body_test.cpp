#include "core/body/athlete_body.h"

#include <limits>

#include <gtest/gtest.h>

namespace mottix {
namespace {

BodyFacts tall(double height_m = 1.80) {
  BodyFacts facts;
  facts.height_m = height_m;
  return facts;
}

void byHand(BodyFacts& facts, Segment s, double m) {
  facts.measured[indexOf(s)] = BodyLength{{m, 0.01}, LengthSource::kByHand};
}

TEST(EstimateBody, FollowsThePublishedSharesAndSaysSo) {
  const Body body = estimateBody(tall(2.0));
  EXPECT_NEAR(body.length_m(Segment::kThigh), 0.490, 1e-9);
  EXPECT_NEAR(body.length_m(Segment::kShank), 0.492, 1e-9);
  EXPECT_NEAR(body.length_m(Segment::kFoot), 0.304, 1e-9);
  for (const BodyLength& l : body.lengths) {
    EXPECT_EQ(l.source, LengthSource::kFromHeight);
    EXPECT_GT(l.m.sd, 0.02 * l.m.value);
  }
  EXPECT_FALSE(body.mass_stated);
  EXPECT_NEAR(body.mass_kg, 96.0, 1e-9);
  EXPECT_FALSE(computeBuildScore(body, Segment::kThigh)) << "an estimate tells nothing of the build";
}

TEST(EstimateBody, WhatWasMeasuredIsKeptWithItsErrorAndSource) {
  BodyFacts facts = tall();
  byHand(facts, Segment::kThigh, 0.48);
  facts.measured[indexOf(Segment::kShank)] = BodyLength{{0.43, 0.012}, LengthSource::kFromClip};
  facts.mass_kg = 82.0;
  const Body body = estimateBody(facts);
  EXPECT_EQ(body.lengths[indexOf(Segment::kThigh)].source, LengthSource::kByHand);
  EXPECT_EQ(body.lengths[indexOf(Segment::kShank)].source, LengthSource::kFromClip);
  EXPECT_DOUBLE_EQ(body.lengths[indexOf(Segment::kShank)].m.sd, 0.012);
  EXPECT_TRUE(body.mass_stated);
  EXPECT_GT(*computeBuildScore(body, Segment::kThigh), 1.5) << "long thighs";
  EXPECT_LT(*computeBuildScore(body, Segment::kShank), 0.0);
}

TEST(EstimateBody, ClavicleAndShoulderWidthGiveEachOther) {
  BodyFacts facts = tall();
  byHand(facts, Segment::kClavicle, 0.19);
  EXPECT_NEAR(estimateBody(facts).length_m(Segment::kShoulderWidth), 0.38, 1e-9);
  EXPECT_EQ(estimateBody(facts).lengths[indexOf(Segment::kShoulderWidth)].source, LengthSource::kByHand);
  BodyFacts other = tall();
  byHand(other, Segment::kShoulderWidth, 0.44);
  EXPECT_NEAR(estimateBody(other).length_m(Segment::kClavicle), 0.22, 1e-9);
}

TEST(EstimateBody, TheWallTestGivesTheAnkle) {
  BodyFacts facts = tall();
  facts.knee_to_wall_m = 0.10;
  EXPECT_NEAR(estimateBody(facts).dorsiflexion_deg, 36.0, 1e-9);
  EXPECT_TRUE(estimateBody(facts).dorsiflexion_measured);
  EXPECT_FALSE(estimateBody(tall()).dorsiflexion_measured);
}

TEST(Segments, NamesGoBothWays) {
  for (std::size_t i = 0; i < kSegmentCount; ++i)
    EXPECT_EQ(segmentNamed(nameOf(static_cast<Segment>(i))), static_cast<Segment>(i));
  EXPECT_FALSE(segmentNamed("tail"));
}

struct Wrong {
  const char* what;
  void (*spoil)(BodyFacts&);
  const char* field;
  const char* said;
};

class FindProblems : public testing::TestWithParam<Wrong> {};

TEST_P(FindProblems, NamesTheFieldAndTheReason) {
  BodyFacts facts = tall();
  GetParam().spoil(facts);
  const auto problems = findProblems(facts);
  ASSERT_FALSE(problems.empty()) << GetParam().what;
  EXPECT_EQ(problems.front().field, GetParam().field);
  EXPECT_NE(problems.front().text.find(GetParam().said), std::string::npos) << problems.front().text;
}

INSTANTIATE_TEST_SUITE_P(
    Bodies, FindProblems,
    testing::Values(
        Wrong{"no height", [](BodyFacts& f) { f.height_m = 0.0; }, "height", "120"},
        Wrong{"height no number", [](BodyFacts& f) { f.height_m = std::numeric_limits<double>::quiet_NaN(); },
              "height", "no number"},
        Wrong{"metres as centimetres", [](BodyFacts& f) { f.height_m = 0.0175; }, "height", "metres"},
        Wrong{"a giant", [](BodyFacts& f) { f.height_m = 2.9; }, "height", "230"},
        Wrong{"no mass", [](BodyFacts& f) { f.mass_kg = -5.0; }, "mass", "30"},
        Wrong{"wall", [](BodyFacts& f) { f.knee_to_wall_m = 0.9; }, "knee_to_wall", "25"},
        Wrong{"thigh of nothing", [](BodyFacts& f) { byHand(f, Segment::kThigh, 0.0); }, "thigh",
              "above zero"},
        Wrong{"thigh below nothing", [](BodyFacts& f) { byHand(f, Segment::kThigh, -0.4); }, "thigh",
              "above zero"},
        Wrong{"thigh longer than a leg", [](BodyFacts& f) { byHand(f, Segment::kThigh, 0.95); }, "thigh",
              "not believed"},
        Wrong{"thigh in metres", [](BodyFacts& f) { byHand(f, Segment::kThigh, 0.0044); }, "thigh", "metres"},
        Wrong{"thigh in millimetres", [](BodyFacts& f) { byHand(f, Segment::kThigh, 4.4); }, "thigh", "mm"},
        Wrong{"two measures that disagree",
              [](BodyFacts& f) {
                byHand(f, Segment::kClavicle, 0.23);
                byHand(f, Segment::kShoulderWidth, 0.38);
              },
              "clavicle", "agree"},
        Wrong{"a leg too long in parts",
              [](BodyFacts& f) {
                byHand(f, Segment::kThigh, 0.54);
                byHand(f, Segment::kShank, 0.53);
              },
              "thigh", "60 %"},
        Wrong{"no room for the head",
              [](BodyFacts& f) {
                byHand(f, Segment::kThigh, 0.50);
                byHand(f, Segment::kShank, 0.50);
                byHand(f, Segment::kTrunk, 0.62);
              },
              "trunk", "head"}));

TEST(FindProblemsOf, AnOrdinaryBodyAreNone) {
  BodyFacts facts = tall();
  byHand(facts, Segment::kThigh, 0.46);
  byHand(facts, Segment::kTrunk, 0.50);
  facts.mass_kg = 80.0;
  facts.knee_to_wall_m = 0.12;
  EXPECT_TRUE(findProblems(facts).empty());
}

}  // namespace
}  // namespace mottix
