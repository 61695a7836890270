#include "report/athlete_document.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(ParseAthlete, TakesStepPainAndReps) {
  const auto a = parseAthlete(R"({"name": "Runa", "step_kg": 1.25, "open_pain": 4, "reps": 5})", "a.json");
  ASSERT_TRUE(a);
  EXPECT_DOUBLE_EQ(a->athlete.step_kg, 1.25);
  EXPECT_EQ(a->athlete.open_pain, 4);
  EXPECT_EQ(a->reps_asked, 5);
  EXPECT_FALSE(a->body) << "no height, no body";
}

TEST(ParseAthlete, TakesTheBodyAndItsComplaints) {
  const auto a = parseAthlete(R"({"sex": "female", "height_cm": 168, "mass_kg": 64, "knee_to_wall_cm": 9,
      "lengths_cm": {"thigh": 43, "shoulder_width": 36.5},
      "complaints": [{"joint": "knee", "side": "left", "level": 5}, {"joint": "back", "level": 2}]})",
                              "a.json");
  ASSERT_TRUE(a) << a.error().text;
  ASSERT_TRUE(a->body);
  EXPECT_DOUBLE_EQ(a->body->height_m, 1.68);
  EXPECT_EQ(a->body->sex, Sex::kFemale);
  EXPECT_DOUBLE_EQ(*a->body->knee_to_wall_m, 0.09);
  EXPECT_DOUBLE_EQ(a->body->measured[indexOf(Segment::kThigh)]->m.value, 0.43);
  EXPECT_GT(a->body->measured[indexOf(Segment::kThigh)]->m.sd, 0.0);
  EXPECT_FALSE(a->body->measured[indexOf(Segment::kShank)]);
  ASSERT_EQ(a->complaints.size(), 2u);
  EXPECT_EQ(a->complaints[0].joint, ComplaintJoint::kKnee);
  EXPECT_EQ(a->athlete.open_pain, 5) << "an open complaint holds the load like a pain note";
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
    testing::Values(Wrong{"1", "JSON object"}, Wrong{"{", "JSON object"}, Wrong{R"({"name": 3})", "name"},
                    Wrong{R"({"name": "x", "step_kg": "much"})", "number"},
                    Wrong{R"({"name": "x", "shoe": 43})", "shoe"}, Wrong{R"({"sex": 1})", "sex"},
                    Wrong{R"({"open_pain": 11})", "between 0 and 10"}, Wrong{R"({"reps": 2.5})", "whole"},
                    Wrong{R"({"mass_kg": 80})", "height_cm"}, Wrong{R"({"height_cm": 1.8})", "metres"},
                    Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": 0.44}})", "metres"},
                    Wrong{R"({"height_cm": 180, "lengths_cm": {"tail": 44}})", "tail"},
                    Wrong{R"({"height_cm": 180, "lengths_cm": 44})", "object"},
                    Wrong{R"({"height_cm": 180, "lengths_cm": {"thigh": -3}})", "above zero"},
                    Wrong{R"({"complaints": 4})", "list"},
                    Wrong{R"({"complaints": [{"joint": "knee"}]})", "level"},
                    Wrong{R"({"complaints": [{"joint": "nose", "level": 4}]})", "nose"},
                    Wrong{R"({"complaints": [{"joint": "knee", "level": 40}]})", "between 0 and 10"},
                    Wrong{R"({"complaints": [{"joint": "knee", "level": 4, "side": "top"}]})", "side"}));

}  // namespace
}  // namespace mottix
