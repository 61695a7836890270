#include "core/load/assistance.h"

#include <algorithm>

#include <gtest/gtest.h>

#include "core/verdict/causes.h"

namespace mottix {
namespace {

const AssistanceBook& book() {
  return builtInAssistanceBook();
}

TEST(AssistanceBook, ShipsValidAndKnowsItsCauses) {
  EXPECT_GE(book().exercises.size(), 14u);
  for (const Exercise& e : book().exercises) {
    for (const std::string& cause : e.causes)
      EXPECT_NE(builtInCauseBook().find(cause), nullptr) << e.id << ": " << cause;
    EXPECT_GE(e.points.size(), 2u) << e.id;
    // Whoever has nothing ends somewhere, or nowhere, but not in a circle.
    std::vector<std::string> seen;
    for (const Exercise* at = &e; at != nullptr;
         at = at->instead.empty() ? nullptr : book().find(at->instead)) {
      ASSERT_EQ(std::find(seen.begin(), seen.end(), at->id), seen.end()) << e.id;
      seen.push_back(at->id);
    }
  }
  ASSERT_NE(book().ladderOf(Lift::kDeadlift), nullptr);
  EXPECT_EQ(book().ladderOf(Lift::kBench), nullptr);
}

TEST(SuggestAssistance, ByCauseWithItsLoad) {
  AssistanceFacts facts;
  facts.causes = {"squat.hips.weak_legs", "squat.hips.brace"};
  facts.strength = StrengthAt{{}, {140.0, 4.0}, 135.0, 145.0};
  const Assistance a = suggestAssistance(book(), facts);
  ASSERT_EQ(a.offers.size(), 2u);
  EXPECT_EQ(a.offers[0].exercise->id, "safety_bar_squat");
  EXPECT_EQ(a.offers[0].cause, "squat.hips.weak_legs");
  EXPECT_EQ(a.offers[0].low_kg, 72.5);   // 0.55 of 135 is 74.25
  EXPECT_EQ(a.offers[0].high_kg, 87.5);  // 0.65: 87.75
  EXPECT_EQ(a.offers[1].exercise->id, "pin_squat");
  facts.cap_kg = 60.0;
  EXPECT_EQ(suggestAssistance(book(), facts).offers[0].high_kg, 60.0);
  facts.strength.reset();
  EXPECT_FALSE(suggestAssistance(book(), facts).offers[0].low_kg);
  EXPECT_TRUE(suggestAssistance(book(), {}).offers.empty());
}

TEST(SuggestAssistance, SwapsWhatIsMissingAndLeavesOutWhatWasDropped) {
  AssistanceFacts facts;
  facts.causes = {"squat.hips.weak_legs"};
  facts.equipment = {Equipment::kBelt};
  const Assistance swapped = suggestAssistance(book(), facts);
  ASSERT_EQ(swapped.offers.size(), 1u);
  EXPECT_EQ(swapped.offers[0].exercise->id, "high_bar_squat");
  ASSERT_NE(swapped.offers[0].instead_of, nullptr);
  EXPECT_EQ(swapped.offers[0].instead_of->id, "safety_bar_squat");
  facts.equipment = {Equipment::kSafetyBar};
  facts.dropped = {{"Safety-Bar Squat", "sore neck"}};
  const Assistance dropped = suggestAssistance(book(), facts);
  ASSERT_EQ(dropped.left_out.size(), 1u);
  EXPECT_EQ(dropped.left_out[0].reason, "sore neck");
  ASSERT_EQ(dropped.offers.size(), 1u);  // the next one for the same cause
  EXPECT_EQ(dropped.offers[0].exercise->id, "high_bar_squat");
  // Nothing of what it needs, and no substitute left.
  facts = {};
  facts.lift = Lift::kDeadlift;
  facts.causes = {"deadlift.back.start"};
  facts.equipment = {Equipment::kBelt};
  const Assistance bare = suggestAssistance(book(), facts);
  ASSERT_EQ(bare.offers.size(), 1u);
  EXPECT_EQ(bare.offers[0].exercise->id, "slow_lowering");
}

TEST(Ladder, UpWhenItIsGoodEnoughDownWhenItBreaks) {
  const Ladder& l = *book().ladderOf(Lift::kDeadlift);
  EXPECT_EQ(nextRung(l, 2, LoadAction::kAdd, 0), 3u);
  EXPECT_EQ(nextRung(l, 2, LoadAction::kHold, 0), 2u);
  EXPECT_EQ(nextRung(l, 2, LoadAction::kCantTell, 0), 2u);
  EXPECT_EQ(nextRung(l, 2, LoadAction::kRepair, 0), 1u);
  EXPECT_EQ(nextRung(l, 2, LoadAction::kAdd, 4), 1u);
  EXPECT_EQ(nextRung(l, 0, LoadAction::kRepair, 0), 0u);
  EXPECT_EQ(l.find("Raised bar, 38 cm"), 2u);
  EXPECT_EQ(l.find("of another book"), l.top());
  EXPECT_EQ(nextRung(l, 99, LoadAction::kAdd, 0), l.rungs.size() - 1);
}

TEST(AssistanceBook, RefusesWhatIsWrong) {
  const auto error = [](const std::string& toml) {
    const auto parsed = parseAssistanceBook(toml, "mine.toml");
    return parsed ? std::string() : parsed.error().text;
  };
  const std::string start =
      "[[exercise]]\nid = \"a\"\ntitle = \"A\"\nlift = \"squat\"\ncauses = [\"x\"]\npoints = [\"p\"]\n";
  EXPECT_EQ(error(start), "");
  EXPECT_NE(error("").find("mine.toml"), std::string::npos);
  EXPECT_NE(error(start + "needs = [\"rocket\"]\n").find("rocket"), std::string::npos);
  EXPECT_NE(error(start + "share_low = 0.9\nshare_high = 0.5\n").find("share_low"), std::string::npos);
  EXPECT_NE(error(start + "instead = \"b\"\n").find("not in it"), std::string::npos);
  EXPECT_NE(error("[[exercise]]\nid = \"a\"\n").find("lift"), std::string::npos);
  EXPECT_NE(error(start + "[[ladder]]\nid = \"l\"\nlift = \"squat\"\n").find("rungs"), std::string::npos);
}

}  // namespace
}  // namespace mottix
