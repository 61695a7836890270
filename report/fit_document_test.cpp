#include "report/fit_document.h"

#include <set>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include "report/fit_wording.h"

namespace mottix {
namespace {

Body bodyOf(double dorsiflexion_deg = 38.0) {
  BodyFacts facts;
  facts.height_m = 1.75;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{0.44, 0.01}, LengthSource::kByHand};
  Body body = estimateBody(facts);
  body.dorsiflexion_deg = dorsiflexion_deg;
  return body;
}

TEST(FitDocument, ASquatHoldsPostureSuggestionsAndSources) {
  const Body body = bodyOf();
  const auto doc = toJson("Runa", body, SquatSchool::kHipLed,
                          suggestSquat({body, {}, {}, {}, {}}, SquatSchool::kHipLed, {}));
  EXPECT_EQ(doc["schema"], "mottix.fit/1");
  EXPECT_EQ(doc["name"], "Runa");
  EXPECT_EQ(doc["variant"], "low");
  EXPECT_EQ(doc["school"], "hip-led");
  EXPECT_EQ(doc["body"]["lengths"]["thigh"]["source"], "by_hand");
  EXPECT_EQ(doc["body"]["lengths"]["shank"]["source"], "from_height");
  EXPECT_TRUE(doc["posture"]["feasible"].get<bool>());
  EXPECT_NEAR(doc["posture"]["bar_over_midfoot_cm"].get<double>(), 0.0, 0.1);
  EXPECT_GT(doc["posture"]["hip_moment_nm"].get<double>(), 0.0);
  for (const auto& s : doc["suggestions"]) {
    EXPECT_FALSE(s["reason"].get<std::string>().empty());
    EXPECT_TRUE(s["value"].is_number() || s["value"].is_string());
  }
}

TEST(FitDocument, APostureThatDoesNotExistHasNoNumbers) {
  const Body body = bodyOf(1.0);
  SquatWishes wishes;
  wishes.bar = BarPosition::kFront;
  wishes.heel_raise_m = 0.0;
  wishes.heel_distance_m = 0.25;
  const auto doc =
      toJson("", body, SquatSchool::kBase, suggestSquat({body, {}, {}, {}, {}}, SquatSchool::kBase, wishes));
  EXPECT_FALSE(doc["posture"]["feasible"].get<bool>());
  EXPECT_EQ(doc["posture"]["limited_by"], "ankle");
  EXPECT_FALSE(doc["posture"].contains("trunk_lean_deg"));
  EXPECT_FALSE(doc.contains("name"));
  EXPECT_FALSE(doc["cautions"].empty());
}

TEST(FitDocument, DeadliftShowsBothStylesAndBenchTheArms) {
  const Body body = bodyOf();
  const auto pull = toJson("", body, DeadliftSchool::kBase,
                           suggestDeadlift({body, {}, {}, {}, {}}, DeadliftSchool::kBase, {}));
  EXPECT_EQ(pull["variant"], "conventional");
  EXPECT_LT(pull["other_style"]["trunk_lean_deg"].get<double>(),
            pull["posture"]["trunk_lean_deg"].get<double>());
  const auto press =
      toJson("", body, BenchSchool::kBase, suggestBench({body, {}, {}, {}, {}}, BenchSchool::kBase, {}));
  EXPECT_GT(press["posture"]["elbow_flexion_deg"].get<double>(), 60.0);
}

TEST(FitWords, EveryReasonCautionLimitAndSuggestionHasItsOwn) {
  std::set<QString> seen;
  for (int i = 0; i <= static_cast<int>(FitReason::kLongHand); ++i) {
    const QString text = fitReasonWords(static_cast<FitReason>(i));
    EXPECT_TRUE(text.endsWith(QLatin1Char('.'))) << i;
    EXPECT_TRUE(seen.insert(text).second) << text.toStdString();
  }
  for (int i = 0; i <= static_cast<int>(FitCaution::kEstimatedLengths); ++i)
    EXPECT_TRUE(seen.insert(fitCautionWords(static_cast<FitCaution>(i))).second);
  for (int i = 1; i <= static_cast<int>(PostureLimit::kBalance); ++i)
    EXPECT_FALSE(limitWords(static_cast<PostureLimit>(i)).isEmpty());
  EXPECT_TRUE(limitWords(PostureLimit::kNone).isEmpty());
  const Body body = bodyOf();
  auto all = suggestSquat({body, {}, {}, {}, {}}, SquatSchool::kBase, {}).suggestions;
  for (const auto& more : {suggestDeadlift({body, {}, {}, {}, {}}, DeadliftSchool::kBase, {}).suggestions,
                           suggestBench({body, {}, {}, {}, {}}, BenchSchool::kBase, {}).suggestions})
    all.insert(all.end(), more.begin(), more.end());
  for (const Suggestion& s : all) {
    const QString text = suggestionWords(s);
    EXPECT_FALSE(text.isEmpty()) << s.id;
    EXPECT_FALSE(text.contains(QLatin1Char('%'))) << s.id;
    EXPECT_FALSE(text.contains(QLatin1Char('_'))) << s.id;
  }
}

}  // namespace
}  // namespace mottix
