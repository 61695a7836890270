// The cue library, and what cues did: planted effects are recovered, and "too early" is said when it is.
#include "core/cue/cue_book.h"

#include <gtest/gtest.h>

#include <random>

namespace mottix {
namespace {

Finding finding(const char* rule, Certainty certainty, Severity severity = Severity::kSmall) {
  Finding f;
  f.rule = f.event = rule;
  f.reps = {1};
  f.certainty = certainty;
  f.severity = severity;
  return f;
}

CueTrial trial(const char* cue, double effect, bool mine = true, double sd = 0.2) {
  return {cue, "squat.high", mine, {effect, sd}, {}};
}

TEST(CueBook, OffersSeveralWaysToSayTheSameAim) {
  std::map<std::string, std::set<CueWay>> ways;
  for (const Cue& cue : builtInCueBook().cues)
    for (const std::string& rule : cue.rules) ways[rule].insert(cue.way);
  int several = 0;
  for (const auto& [rule, of] : ways) several += of.size() >= 2;
  EXPECT_GT(2 * several, static_cast<int>(ways.size()));
  for (const CueWay way : {CueWay::kBody, CueWay::kOutside, CueWay::kPicture, CueWay::kTouch})
    EXPECT_EQ(cueWayNamed(nameOf(way)), way);
}

TEST(CueBook, ErrorsNameFileLineAndReason) {
  struct Case {
    const char *text, *reason;
  };
  for (const Case& c :
       {Case{"cue = 3", "[[cue]]"}, Case{"[[cue]]\nid = \"a\"\nway = \"body\"\n", "words"},
        Case{"[[cue\n", "line 1"}, Case{"", "no [[cue]]"},
        Case{"[[cue]]\nid='a'\nrules=['r']\nway='song'\nwords='w'\n", "way must be"},
        Case{"[[cue]]\nid='a'\nrules=['r']\nway='body'\nwords='w'\n[[cue]]\nid='a'\nrules=['r']\nway='body'\n"
             "words='w'\n",
             "line 6: “a”: the id is used twice"}}) {
    const auto parsed = parseCueBook(c.text, "c.toml");
    ASSERT_FALSE(parsed) << c.text;
    EXPECT_NE(parsed.error().text.find("c.toml"), std::string::npos);
    EXPECT_NE(parsed.error().text.find(c.reason), std::string::npos) << parsed.error().text;
  }
}

TEST(OwnCues, ComeFirstAndComeBackFromToml) {
  Cue own{"house.knees", {"squat.high"}, CueWay::kPicture, "Sit on the \"fell\".", {}, true};
  const auto book = withOwnCues(toToml(std::vector<Cue>{own}));
  ASSERT_TRUE(book) << book.error().text;
  EXPECT_EQ(book->forRule("squat.high").front()->words, own.words);
  EXPECT_TRUE(book->cues.front().own);
  EXPECT_EQ(book->cues.size(), builtInCueBook().cues.size() + 1);
  own.id = builtInCueBook().cues.front().id;
  EXPECT_FALSE(withOwnCues(toToml(std::vector<Cue>{own})));
  EXPECT_EQ(withOwnCues("")->cues.size(), builtInCueBook().cues.size());
}

TEST(SuggestCues, TheWorstClearFindingIsAnsweredFirst) {
  std::vector<Finding> findings = {finding("squat.high", Certainty::kBorderline),
                                   finding("squat.hips_first", Certainty::kClear, Severity::kBig),
                                   finding("squat.bar_forward", Certainty::kCantTell)};
  auto offers = suggestCues(builtInCueBook(), findings, builtInRuleBook());
  ASSERT_FALSE(offers.empty());
  EXPECT_EQ(offers.front().rule, "squat.hips_first");
  for (const CueOffer& o : offers) EXPECT_NE(o.rule, "squat.bar_forward");
  findings[1].overruled = true;
  EXPECT_EQ(suggestCues(builtInCueBook(), findings, builtInRuleBook()).front().rule, "squat.high");
  findings[1].overruled = false;
  findings.push_back(finding("squat.dive", Certainty::kClear));
  findings[1].severity = Severity::kWhenTired;
  EXPECT_EQ(suggestCues(builtInCueBook(), findings, builtInRuleBook()).front().rule, "squat.dive")
      << "what shows only when tired weighs less";
}

TEST(SuggestCues, WhatHelpedThisAthleteIsSaidFirst) {
  const std::vector<Finding> findings = {finding("squat.high", Certainty::kClear)};
  const auto first = suggestCues(builtInCueBook(), findings, builtInRuleBook()).front().cue->id;
  const auto known = builtInCueBook().forRule("squat.high");
  const std::string other = known.back()->id;
  ASSERT_NE(first, other);
  CueHistory history;
  for (int k = 0; k < 4; ++k) history.push_back(trial(other.c_str(), 1.2));
  EXPECT_EQ(suggestCues(builtInCueBook(), findings, builtInRuleBook(), history).front().cue->id, other);
  for (CueTrial& t : history) t.effect.value = -0.5;
  EXPECT_NE(suggestCues(builtInCueBook(), findings, builtInRuleBook(), history).front().cue->id, other);
}

TEST(EffectOf, IsAPartOfTheWayFromLimitToBig) {
  EXPECT_NEAR(effectOf({5.0, 0.3}, {2.0, 0.4}, 0.0, 3.0).value, 1.0, 1e-12);
  EXPECT_NEAR(effectOf({5.0, 0.3}, {2.0, 0.4}, 0.0, 3.0).sd, 0.5 / 3.0, 1e-12);
  EXPECT_NEAR(effectOf({-5.0, 0.3}, {-2.0, 0.4}, 0.0, -3.0).value, 1.0, 1e-12) << "below";
  EXPECT_NEAR(effectOf({-5.0, 0.3}, {2.0, 0.4}, 1.0, 4.0, true).value, 1.0, 1e-12) << "to either side";
}

// Histories in which each athlete's response to a cue is planted: the estimate is within its stated error as
// often as it says, and after enough trials a cue that helps is told from one that does not.
TEST(EstimateCue, RecoversPlantedEffects) {
  std::mt19937 draw(7);
  std::normal_distribution<double> normal(0.0, 1.0);
  int within = 0, cases = 0, told_right = 0, told = 0;
  for (int house = 0; house < 200; ++house) {
    const double of_cue = 0.33 + 0.5 * normal(draw), unsaid = 0.2 + 0.2 * normal(draw);
    CueHistory history;
    double mine = 0.0;
    for (int athlete = 0; athlete < 5; ++athlete) {
      const double of_athlete = of_cue + 0.33 * normal(draw);
      if (athlete == 0) mine = of_athlete;
      for (int k = 0; k < 5; ++k) {
        history.push_back(
            trial("c", unsaid + of_athlete + std::hypot(0.2, 0.4) * normal(draw), athlete == 0));
        history.push_back(trial("", unsaid + std::hypot(0.2, 0.4) * normal(draw), athlete == 0));
      }
    }
    const CueEstimate e = estimateCue(history, "c", "squat.high");
    ++cases;
    within += std::abs(e.effect.value - mine) <= e.effect.sd;
    if (!e.too_early) {
      ++told;
      told_right += (e.effect.value > 0.0) == (mine > 0.0);
    }
  }
  EXPECT_GE(within, 0.58 * cases);
  EXPECT_LE(within, 0.80 * cases);
  EXPECT_GT(told, cases / 2);
  EXPECT_GE(told_right, 0.9 * told);
}

TEST(EstimateCue, SaysTooEarlyAndCounts) {
  EXPECT_TRUE(estimateCue({}, "c", "squat.high").too_early);
  EXPECT_EQ(estimateCue({}, "c", "squat.high").told, 0);
  CueHistory history = {trial("c", 1.5), trial("c", 1.5)};
  EXPECT_TRUE(estimateCue(history, "c", "squat.high").too_early) << "two are too few, however good";
  history.insert(history.end(), {trial("c", 1.5), trial("c", 1.4), trial("c", -0.3)});
  const CueEstimate e = estimateCue(history, "c", "squat.high");
  EXPECT_FALSE(e.too_early);
  EXPECT_EQ(e.told, 5);
  EXPECT_EQ(e.helped, 4);
  EXPECT_EQ(estimateCue(history, "c", "squat.dive").told, 0) << "for another fault";
  CueHistory mixed;
  for (int k = 0; k < 6; ++k) mixed.push_back(trial("c", k % 2 == 0 ? 0.9 : -0.6));
  EXPECT_TRUE(estimateCue(mixed, "c", "squat.high").too_early) << "now so, now so";
}

TEST(EstimateCue, WhatFaultsDoByThemselvesIsTakenOff) {
  CueHistory history;
  for (int k = 0; k < 10; ++k) history.push_back(trial("c", 0.8));
  const double without = estimateCue(history, "c", "squat.high").effect.value;
  for (int k = 0; k < 20; ++k) history.push_back(trial("", 0.8));
  EXPECT_LT(estimateCue(history, "c", "squat.high").effect.value, without - 0.3);
}

TEST(EstimateCue, OthersTellAsLongAsTheAthleteHasNotTried) {
  CueHistory history;
  for (int k = 0; k < 8; ++k) history.push_back(trial("c", 1.4, false));
  history.back().new_faults = {"squat.dive"};
  const CueEstimate e = estimateCue(history, "c", "squat.high");
  EXPECT_EQ(e.told, 0);
  EXPECT_EQ(e.told_house, 8);
  EXPECT_GT(e.effect.value, 0.6);
  EXPECT_EQ(e.side_effects.at("squat.dive"), 1);
  for (int k = 0; k < 8; ++k) history.push_back(trial("c", -0.2));
  EXPECT_LT(estimateCue(history, "c", "squat.high").effect.value, 0.1) << "the own trials count most";
}

}  // namespace
}  // namespace mottix
