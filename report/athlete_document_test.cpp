#include "report/athlete_document.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

namespace mottix {
namespace {

TEST(ParseAthlete, TakesStepPainAndReps) {
  const auto a = parseAthlete(R"({"name": "Runa", "step_kg": 1.25, "open_pain": 4, "reps": 5})", "a.json");
  ASSERT_TRUE(a);
  EXPECT_DOUBLE_EQ(a->record.athlete.step_kg, 1.25);
  EXPECT_EQ(a->record.athlete.open_pain, 4);
  EXPECT_EQ(a->reps_asked, 5);
  EXPECT_FALSE(a->record.body) << "no height, no body";
}

TEST(ParseAthlete, TakesTheBodyAndItsComplaints) {
  const auto a = parseAthlete(R"({"sex": "female", "height_cm": 168, "mass_kg": 64, "knee_to_wall_cm": 9,
      "lengths_cm": {"thigh": 43, "shoulder_width": 36.5},
      "complaints": [{"joint": "knee", "side": "left", "level": 5}, {"joint": "back", "level": 2}]})",
                              "a.json");
  ASSERT_TRUE(a) << a.error().text;
  ASSERT_TRUE(a->record.body);
  EXPECT_DOUBLE_EQ(a->record.body->height_m, 1.68);
  EXPECT_EQ(a->record.body->sex, Sex::kFemale);
  EXPECT_DOUBLE_EQ(*a->record.body->knee_to_wall_m, 0.09);
  EXPECT_DOUBLE_EQ(a->record.body->measured[indexOf(Segment::kThigh)]->m.value, 0.43);
  EXPECT_GT(a->record.body->measured[indexOf(Segment::kThigh)]->m.sd, 0.0);
  EXPECT_FALSE(a->record.body->measured[indexOf(Segment::kShank)]);
  ASSERT_EQ(a->record.complaints.size(), 2u);
  EXPECT_EQ(a->record.complaints[0].what.joint, ComplaintJoint::kKnee);
  EXPECT_EQ(a->record.complaints[0].side, "left");
  EXPECT_EQ(a->record.athlete.worstPain(), 5) << "an open complaint holds the load like a pain note";
}

TEST(ParseAthlete, WhatIsWrittenIsReadBack) {
  AthleteRecord r;
  r.athlete.name = "Runa Tveit";
  r.athlete.note = "Low bar since spring.";
  r.athlete.step_kg = 1.25;
  r.athlete.profile = {1994,
                       2019,
                       "carry a stretcher",
                       "2027-03-20",
                       SquatSchool::kHipLed,
                       BenchSchool::kCompetition,
                       DeadliftSchool::kFeltTension,
                       {Equipment::kBelt, Equipment::kStraps},
                       {Constraint::kPause},
                       {"eyes-ahead", "repair-first"}};
  r.body = BodyFacts{1.74, 68.0, Sex::kFemale, {}, 0.12};
  r.body->measured[indexOf(Segment::kThigh)] = BodyLength{{0.425, 0.01}, LengthSource::kByHand};
  r.body->measured[indexOf(Segment::kTrunk)] = BodyLength{{0.5, 0.012}, LengthSource::kFromClip};
  r.complaints = {{{ComplaintJoint::kKnee, 3}, "left", "2026-11-02", ""},
                  {{ComplaintJoint::kBack, 6}, "", "2026-01-02", "2026-02-03"}};
  r.screens = {{Screen::kKneeToWall, "2026-10-12", {9.0, std::nullopt}},
               {Screen::kBottomHold, "2026-10-12", {1.0, 1.0, 0.0, std::nullopt}}};
  const auto back = parseAthlete(toJson(r).dump(), "a.json");
  ASSERT_TRUE(back) << back.error().text;
  AthleteRecord expected = r;
  expected.athlete.worst_complaint = 3;  // the closed one no longer counts
  EXPECT_EQ(back->record.athlete, expected.athlete);
  EXPECT_EQ(back->record.complaints, expected.complaints);
  EXPECT_EQ(back->record.screens, expected.screens);
  ASSERT_TRUE(back->record.body);
  EXPECT_EQ(*back->record.body, *expected.body);
}

struct Wrong {
  const char* text;
  const char* said;
};
class WrongAthlete : public testing::TestWithParam<Wrong> {};
TEST_P(WrongAthlete, IsRefusedWithFileAndReason) {
  const auto a = parseAthlete(GetParam().text, "a.json");
  ASSERT_FALSE(a) << GetParam().text;
  EXPECT_NE(a.error().text.find("a.json"), std::string::npos);
  EXPECT_NE(a.error().text.find(GetParam().said), std::string::npos) << a.error().text;
  EXPECT_EQ(a.error().remedy, Remedy::kCorrectInput);
}
INSTANTIATE_TEST_SUITE_P(
    Files, WrongAthlete,
    testing::Values(
        Wrong{"1", "JSON object"}, Wrong{"{", "JSON object"}, Wrong{R"({"name": 3})", "name"},
        Wrong{R"({"name": "x", "step_kg": "much"})", "number"}, Wrong{R"({"name": "x", "shoe": 43})", "shoe"},
        Wrong{R"({"sex": 1})", "sex"}, Wrong{R"({"open_pain": 11})", "between 0 and 10"},
        Wrong{R"({"reps": 2.5})", "whole"}, Wrong{R"({"mass_kg": 80})", "height_cm"},
        Wrong{R"({"height_cm": 1.8})", "metres"},
        Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": 0.44}})", "metres"},
        Wrong{R"({"height_cm": 180, "lengths_cm": {"tail": 44}})", "tail"},
        Wrong{R"({"height_cm": 180, "lengths_cm": 44})", "object"},
        Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": -3}})", "above zero"},
        Wrong{R"({"complaints": 4})", "list"}, Wrong{R"({"complaints": [{"joint": "knee"}]})", "level"},
        Wrong{R"({"complaints": [{"joint": "nose", "level": 4}]})", "nose"},
        Wrong{R"({"complaints": [{"joint": "knee", "level": 40}]})", "between 0 and 10"},
        Wrong{R"({"complaints": [{"joint": "knee", "level": 4, "side": "top"}]})", "side"},
        Wrong{R"({"complaints": [{"joint": "knee", "level": 4, "opened": "May"}]})", "opened"},
        Wrong{R"({"test_day": "2027-02-30"})", "test_day"}, Wrong{R"({"birth_year": 94})", "birth_year"},
        Wrong{R"({"schools": {"squat": "own"}})", "own"}, Wrong{R"({"schools": {"curl": "base"}})", "curl"},
        Wrong{R"({"equipment": ["magnet"]})", "magnet"}, Wrong{R"({"constraints": "pause"})", "list"},
        Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": {"cm": 44, "sd_cm": 0}}})", "sd_cm"},
        Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": {"sd_cm": 1}}})", "cm"},
        Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": {"cm": 44, "source": "a guess"}}})", "source"},
        Wrong{R"({"screens": [{"screen": "toe_touch"}]})", "answers"},
        Wrong{R"({"screens": [{"screen": "yoga", "day": "2026-01-01", "answers": {}}]})", "yoga"},
        Wrong{R"({"screens": [{"screen": "knee_to_wall", "day": "2026-01-01",
                             "answers": {"left": 90}}]})",
              "left"},
        Wrong{R"({"screens": [{"screen": "bottom_hold", "day": "2026-01-01",
                             "answers": {"heels_down": 1}}]})",
              "true or false"}));

}  // namespace
}  // namespace mottix
