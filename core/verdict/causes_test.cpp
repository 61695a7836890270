#include "core/verdict/causes.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

class Elimination : public testing::Test {
 protected:
  std::vector<Measure> measures_;
  std::vector<Finding> findings_;
  CauseFacts facts_;
  Elimination() {
    facts_.measures = &measures_;
    facts_.findings = &findings_;
    for (int rep = 1; rep <= 5; ++rep)
      measures_.push_back({MeasureId::kTrunkChange, rep, {rep > 3 ? 12.0 : 1.0, 1.0}, MeasureStatus::kOk, 0});
    add("squat.hips_first", {4, 5});
  }
  void add(const char* rule, std::vector<int> reps, Certainty certainty = Certainty::kClear) {
    Finding f;
    f.rule = f.event = rule;
    f.reps = std::move(reps);
    f.certainty = certainty;
    findings_.push_back(f);
  }
  std::vector<CauseCandidate> causes(const std::map<std::string, bool>& said = {}) const {
    return findCauses(builtInCauseBook(), findings_[0], facts_, said);
  }
  std::optional<bool> holds(std::string_view kind) const {
    const auto e = lookUp(kind, findings_[0], facts_);
    return e ? std::optional(e->holds) : std::nullopt;
  }
  void measure(MeasureId id, double v, double sd = 0.1) {
    for (int rep = 1; rep <= 5; ++rep) measures_.push_back({id, rep, {v, sd}, MeasureStatus::kOk, 0});
  }
};

TEST_F(Elimination, GoesInThePracticesOrder) {
  std::vector<std::string> titles;
  for (const auto& c : causes()) titles.push_back(c.cause->title);
  ASSERT_GE(titles.size(), 4u);
  EXPECT_EQ(titles[0], "too heavy");
  EXPECT_EQ(titles[1], "brace lost");
  EXPECT_EQ(titles[2], "legs are the weak link");
  EXPECT_EQ(titles[3], "bar too far forward");
}

TEST_F(Elimination, EvidenceMakesACauseLikelyOrUnlikely) {
  facts_.set.effort = 9.5;
  auto all = causes();
  EXPECT_EQ(all[0].state, CauseState::kLikely) << "late, in a hard set";
  EXPECT_EQ(leadingCause(all)->cause->title, "too heavy");
  facts_.set.effort = 6.0;
  findings_[0].reps = {1, 2, 3, 4, 5};
  all = causes();
  EXPECT_EQ(all[0].state, CauseState::kUnlikely) << "easy, and from the first rep on";
  EXPECT_NE(leadingCause(all)->cause->title, "too heavy");
  add("squat.bar_forward", {1});
  for (const auto& c : causes()) {
    if (c.cause->title == "bar too far forward") {
      EXPECT_EQ(c.state, CauseState::kLikely);
    }
  }
}

TEST_F(Elimination, TheCoachsWordStandsAboveAll) {
  facts_.set.effort = 9.5;
  const auto all = causes({{"squat.hips.too_heavy", false}, {"squat.hips.weak_legs", true}});
  EXPECT_EQ(all[0].state, CauseState::kStruck);
  EXPECT_EQ(leadingCause(all)->cause->id, "squat.hips.weak_legs");
  std::map<std::string, bool> none;
  for (const auto& c : all) none[c.cause->id] = false;
  EXPECT_EQ(leadingCause(causes(none)), nullptr);
}

TEST_F(Elimination, WhatIsNotKnownCountsForNothing) {
  for (const char* kind : {"effort_high", "effort_low", "load_up", "slow", "breath_short", "long_standing",
                           "new", "stance_wide", "toes_straight", "ankle_stiff", "flat_heel", "bar_ahead"})
    EXPECT_FALSE(holds(kind)) << kind;
  add("squat.dive", {1}, Certainty::kBorderline);
  EXPECT_FALSE(holds("with:squat.dive")) << "too close to call";
  EXPECT_EQ(holds("with:squat.high"), false);
  EXPECT_EQ(holds("without:squat.high"), true);
  findings_[0].certainty = Certainty::kCantTell;
  EXPECT_TRUE(causes().empty());
}

TEST_F(Elimination, EvidenceIsReadFromSetAthleteAndHistory) {
  EXPECT_EQ(holds("only_late"), true);
  EXPECT_EQ(holds("from_first"), false);
  facts_.load_kg = 105.0;
  facts_.usual_load_kg = 100.0;
  EXPECT_EQ(holds("load_up"), true);
  EXPECT_EQ(holds("load_down"), false);
  measure(MeasureId::kSpeedLoss, 40.0);
  EXPECT_EQ(holds("slow"), true);
  measure(MeasureId::kRestBefore, 0.4);
  EXPECT_EQ(holds("breath_short"), true);
  EXPECT_EQ(holds("breath_full"), false);
  measure(MeasureId::kBarOffsetTurn, 5.0);
  EXPECT_EQ(holds("bar_ahead"), true);
  measure(MeasureId::kToeAngleLeft, 10.0);
  measure(MeasureId::kToeAngleRight, 12.0);
  EXPECT_EQ(holds("toes_straight"), true);
  EXPECT_EQ(holds("toes_out"), false);
  measure(MeasureId::kHipKneeRatio, 1.3, 0.02);
  EXPECT_EQ(holds("knees_do_less"), true);
  facts_.past_sets = 6;
  EXPECT_EQ(holds("new"), true);
  facts_.past_found["squat.hips_first"] = 4;
  EXPECT_EQ(holds("new"), false);
  EXPECT_EQ(holds("long_standing"), true);
  BodyFacts facts;
  facts.height_m = 1.75;
  facts.knee_to_wall_m = 0.05;
  facts_.who = FitSubject{estimateBody(facts), {}, {}, {Equipment::kBelt}, {}};
  EXPECT_EQ(holds("ankle_stiff"), true);
  EXPECT_EQ(holds("ankle_free"), false);
  EXPECT_EQ(holds("flat_heel"), true);
  EXPECT_EQ(holds("belt"), true);
  measure(MeasureId::kStanceWidth, 70.0);
  EXPECT_EQ(holds("stance_wide"), true);
  EXPECT_EQ(holds("stance_narrow"), false);
  facts_.set.variants = {"low_bar"};
  EXPECT_EQ(holds("low_bar"), true);
  EXPECT_EQ(holds("high_bar"), false);
}

TEST(CauseBook, ErrorsNameTheLine) {
  const std::string head =
      "[[cause]]\nid = \"a\"\nrules = [\"squat.high\"]\ntitle = \"t\"\nnext_set = \"n\"\nplan = \"p\"\n";
  EXPECT_TRUE(parseCauseBook(head, "c.toml"));
  for (const auto& [text, reason] : {std::pair{head + "for = [\"moon\"]\n", "no kind of evidence"},
                                     {head + "load = \"more\"\n", "load must be"},
                                     {head + head, "twice"},
                                     {std::string("[[cause]]\nid = \"a\"\n"), "a cause needs"},
                                     {std::string(), "no [[cause]]"}}) {
    const auto parsed = parseCauseBook(text, "c.toml");
    ASSERT_FALSE(parsed) << text;
    EXPECT_NE(parsed.error().text.find(reason), std::string::npos) << parsed.error().text;
  }
}

TEST_F(Elimination, TheSetUpThatWasUsedIsEvidence) {
  EXPECT_FALSE(holds("flat_heel")) << "nothing is known of shoes";
  facts_.setup.heel_mm = 0.0;
  EXPECT_EQ(holds("flat_heel"), true);
  EXPECT_EQ(holds("raised_heel"), false);
  facts_.setup.heel_mm = 15.0;
  EXPECT_EQ(holds("flat_heel"), false);
  EXPECT_EQ(holds("raised_heel"), true);
  EXPECT_NEAR(lookUp("raised_heel", findings_[0], facts_)->number->value, 15.0, 1e-12);
  // It goes before what is owned.
  facts_.who = FitSubject{};
  facts_.who->equipment = {Equipment::kHeelWedge};
  facts_.setup.heel_mm = 0.0;
  EXPECT_EQ(holds("raised_heel"), false);
  // Toes and stance as the set-up says, unless the film shows them.
  facts_.setup.toe_out_deg = 10.0;
  EXPECT_EQ(holds("toes_straight"), true);
  measure(MeasureId::kToeAngleLeft, 30.0);
  measure(MeasureId::kToeAngleRight, 30.0);
  EXPECT_EQ(holds("toes_straight"), false);
  BodyFacts body;
  body.height_m = 1.75;
  facts_.who->body = estimateBody(body);
  const double shoulders_cm = 100.0 * facts_.who->body.length_m(Segment::kShoulderWidth);
  facts_.setup.stance_cm = 1.4 * shoulders_cm;
  EXPECT_EQ(holds("stance_wide"), true);
  EXPECT_EQ(holds("stance_narrow"), false);
  measure(MeasureId::kStanceWidth, shoulders_cm);
  EXPECT_EQ(holds("stance_wide"), false);
}

TEST_F(Elimination, AHouseStrikesCausesAndAddsItsOwn) {
  const auto house = parseHouseCauses(
      "off = [\"squat.hips.brace\"]\n\n[[cause]]\nid = \"house.1\"\nrules = [\"squat.hips_first\"]\ntitle = "
      "\"tired from a call-out\"\nfor = [\"slow\"]\nnext_set = \"Take some off.\"\nload = \"cut\"\n",
      "own.toml");
  ASSERT_TRUE(house) << house.error().text;
  const CauseBook book = withHouse(builtInCauseBook(), *house);
  EXPECT_EQ(book.find("squat.hips.brace"), nullptr);
  const auto all = findCauses(book, findings_[0], facts_, {});
  ASSERT_FALSE(all.empty());
  EXPECT_EQ(all.back().cause->title, "tired from a call-out");
  EXPECT_TRUE(all.back().cause->own);
  EXPECT_EQ(all.back().cause->load, CauseLoad::kCut);
  const auto again = parseHouseCauses(toToml(*house), "again.toml");
  ASSERT_TRUE(again) << again.error().text;
  EXPECT_EQ(toToml(*again), toToml(*house));
  EXPECT_TRUE(parseHouseCauses("", "none.toml"));
  const auto taken = parseHouseCauses(
      "[[cause]]\nid = \"squat.hips.brace\"\nrules = [\"a\"]\ntitle = \"t\"\nnext_set = \"n\"\n", "own.toml");
  ASSERT_FALSE(taken);
  EXPECT_NE(taken.error().text.find("ships with the program"), std::string::npos) << taken.error().text;
}

}  // namespace
}  // namespace mottix
