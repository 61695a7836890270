// How a set of the log comes to be judged: its book, what is usual for its athlete, and what cues did.
#include "core/log/judging.h"

#include <gtest/gtest.h>

#include "core/log/cue_trials.h"

namespace mottix {
namespace {

std::vector<Measure> depth(double cm) {
  return {{MeasureId::kDepthMargin, 1, {cm, 0.5}, MeasureStatus::kOk, 0},
          {MeasureId::kDepthMargin, 2, {cm, 0.5}, MeasureStatus::kOk, 0}};
}

TEST(JudgingOf, TakesTheAthletesSchoolsVariantEffortAndComplaints) {
  AthleteRecord who;
  who.athlete.profile.squat = SquatSchool::kKneeSparing;
  who.athlete.profile.layers = {"repair-first", "eyes-ahead"};  // the second is of deadlifts
  who.complaints = {{{ComplaintJoint::kKnee, 5}, "", "2026-10-01", ""},
                    {{ComplaintJoint::kHip, 7}, "", "2026-08-01", "2026-08-20"}};
  SetEdit edit;
  edit.asked.variant = "paused low bar";
  edit.asked.effort = 7.0;
  edit.effort_felt = 9.0;
  const auto by = judgingOf(who, edit, false, {});
  ASSERT_TRUE(by) << by.error().text;
  EXPECT_EQ(by->book.name, "base + knee-sparing + repair-first");
  EXPECT_TRUE(by->book.repair_first);
  EXPECT_EQ(by->set.variants, (std::vector<std::string>{"low_bar", "paused"}));
  EXPECT_EQ(by->set.effort, 9.0) << "as it was felt";
  ASSERT_EQ(by->set.complaints.size(), 1u) << "the closed one no longer counts";
  EXPECT_EQ(by->like_sets, 0);
  who.athlete.profile.layers = {"hips-move-first"};
  EXPECT_FALSE(judgingOf(who, edit, false, {})) << "both change how the descent starts";
}

TEST(JudgingOf, LaysTheHouseOverAll) {
  auto house = parseRuleLayer(
      "name = \"house\"\ntitle = \"t\"\nquestion = \"house\"\nversion = \"1\"\nover = \"base\"\nlifts = "
      "[\"squat\"]\n[[change]]\nrule = \"squat.high\"\nlimit = 2\nbig = 4\nwhy = \"own\"\n",
      "house");
  ASSERT_TRUE(house);
  AthleteRecord who;
  who.athlete.profile.squat = SquatSchool::kWide;  // changes the same rule
  const auto by = judgingOf(who, {}, false, {}, *house);
  ASSERT_TRUE(by);
  EXPECT_DOUBLE_EQ(by->book.find("squat.high")->limit, 2.0);
  SetEdit press;
  press.asked.lift = Lift::kBench;
  EXPECT_EQ(judgingOf(who, press, false, {}, *house)->book.name, "base") << "of squats alone";
}

TEST(JudgingOf, KnowsWhatWasUsualAndFoundBefore) {
  SetEdit edit;
  std::vector<PastSet> past;
  for (const double load : {80.0, 85.0, 90.0}) {
    edit.asked.load_kg = load;
    past.push_back(asPast(edit, false, depth(2.0), {"squat.high"}));
  }
  edit.asked.variant = "front squat";
  past.push_back(asPast(edit, false, depth(-5.0), {"squat.dive"}));
  edit.asked.variant = Asked().variant;
  edit.asked.load_kg = 100.0;
  const auto by = judgingOf({}, edit, false, past);
  ASSERT_TRUE(by);
  EXPECT_EQ(by->like_sets, 3);
  EXPECT_NEAR(by->set.usual.at(MeasureId::kDepthMargin).value.value, 2.0, 1e-9);
  EXPECT_EQ(by->facts.usual_load_kg, 85.0);
  EXPECT_EQ(by->facts.past_found.at("squat.high"), 3);
  EXPECT_FALSE(by->facts.past_found.contains("squat.dive"));
}

CueSet cueSet(int athlete, const char* cue, double cm, std::vector<std::string> found) {
  return {AthleteId{athlete}, cue, asPast({}, false, depth(cm), std::move(found))};
}

TEST(CueTrials, TieACueToTheNextLikeSet) {
  const std::vector<CueSet> sets = {cueSet(1, "high.knees_out", 3.0, {"squat.high"}),
                                    cueSet(2, "", 6.0, {"squat.high"}),
                                    cueSet(1, "", 0.0, {"squat.dive"}),  // the next of the first athlete
                                    cueSet(2, "", 3.0, {"squat.high"}),
                                    cueSet(2, "dive.slow", 3.0, {"squat.high"}),
                                    cueSet(2, "", 3.0, {})};
  const CueHistory history = cueTrials(sets, AthleteId{1}, builtInRuleBook(), builtInCueBook());
  ASSERT_GE(history.size(), 3u);
  EXPECT_EQ(history[0].cue, "high.knees_out");
  EXPECT_TRUE(history[0].mine);
  EXPECT_NEAR(history[0].effect.value, 1.0, 1e-9) << "3 cm less, where 3 cm lie between limit and big";
  EXPECT_EQ(history[0].new_faults, std::vector<std::string>{"squat.dive"});
  EXPECT_TRUE(history[1].cue.empty()) << "nothing was said: what faults do by themselves";
  EXPECT_NEAR(history[1].effect.value, 1.0, 1e-9);
  EXPECT_FALSE(history[1].mine);
  for (const CueTrial& t : history) EXPECT_NE(t.cue, "dive.slow") << "said of something else";
}

TEST(JudgingOf, TheSetUpThatWasUsedIsKnownToTheCauses) {
  AthleteRecord who;
  SetupRecord setup;
  setup.id = SetupId{4};
  setup.values = {{"heel", 15.0, "", "mm", ""}, {"stance", 46.0, "", "cm", ""}};
  who.setups = {setup};
  SetEdit edit;
  EXPECT_FALSE(judgingOf(who, edit, false, {})->facts.setup.heel_mm) << "not said to be used";
  edit.setup = SetupId{4};
  const auto by = judgingOf(who, edit, false, {});
  ASSERT_TRUE(by);
  EXPECT_EQ(by->facts.setup.heel_mm, 15.0);
  EXPECT_EQ(by->facts.setup.stance_cm, 46.0);
  EXPECT_FALSE(by->facts.setup.toe_out_deg);
}

TEST(JudgingBy, NamedSchoolsStandForTheProfile) {
  AthleteRecord who;
  who.athlete.profile.squat = SquatSchool::kHipLed;
  const auto by = judgingBy({"upright"}, who, {}, false, {});
  ASSERT_TRUE(by);
  EXPECT_EQ(by->book.schools, std::vector<std::string>{"upright"});
  EXPECT_EQ(judgingOf(who, {}, false, {})->book.schools, std::vector<std::string>{"hip-led"});
  EXPECT_FALSE(judgingBy({"moon"}, who, {}, false, {}));
}

}  // namespace
}  // namespace mottix
