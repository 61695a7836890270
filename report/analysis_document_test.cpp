#include "report/analysis_document.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include "report/wording.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

struct Done {
  known::KnownClip clip;
  Analysis analysis;
};

Done analysed(bool joints) {
  Done d{known::film({}), {}};
  if (!joints)
    for (auto& track : d.clip.tracks.joints) track.clear();
  d.clip.tracks.bar[3].state = TrackState::kLost;
  AnalysisSettings settings;
  settings.bar.load_kg = 80.0;
  d.analysis = *analyse(d.clip.tracks, std::nullopt, settings, builtInRuleBook());
  return d;
}

TEST(AnalysisJson, HasEveryFrameAndInventsNothing) {
  const Done d = analysed(false);
  const auto doc = toJson({"a.mp4", "ff", 1280, 720, 90, d.clip.tracks.frameCount(), 12.0, false},
                          d.clip.tracks, d.analysis);
  EXPECT_EQ(doc["schema"], "mottix.analysis/1");
  EXPECT_EQ(doc["frames"].size(), d.clip.tracks.frameCount());
  EXPECT_EQ(doc["frames"][3]["bar"]["state"], "lost");
  EXPECT_FALSE(doc["frames"][3]["bar"].contains("x_px"));
  EXPECT_TRUE(doc["frames"][0]["joints"].empty());
  EXPECT_EQ(doc["reps"].size(), 3u);
  EXPECT_EQ(doc["clip"]["rotation_deg"], 90);
  for (const auto& m : doc["measures"])
    if (m["id"] == "depth_margin") {
      EXPECT_TRUE(m["value"].is_null());
      EXPECT_EQ(m["status"], "no_joints");
      EXPECT_FALSE(m["note"].get<std::string>().empty());
    }
  EXPECT_EQ(doc["decision"]["action"], "cant_tell");
}

TEST(AnalysisJson, CarriesJointsAndDecision) {
  const Done d = analysed(true);
  const auto doc = toJson({}, d.clip.tracks, d.analysis);
  EXPECT_TRUE(doc["frames"][0]["joints"].contains("hip"));
  EXPECT_NEAR(doc["frames"][0]["joints"]["hip"]["x_px"].get<double>(),
              d.clip.tracks.track(Joint::kHip)[0].p_px.x(), 1e-3);
  EXPECT_TRUE(doc["decision"]["next_load_kg"].is_number());
  EXPECT_EQ(doc["view"]["facing"], "right");
}

TEST(AnalysisCsv, OneLineAMeasure) {
  const Done d = analysed(true);
  const std::string curves = curvesCsv(d.analysis);
  EXPECT_EQ(static_cast<std::size_t>(std::count(curves.begin(), curves.end(), '\n')),
            d.analysis.on->tracks.frameCount() + 1);
  EXPECT_NE(curves.find(",trunk_lean,trunk_lean_sd"), std::string::npos);
  EXPECT_EQ(curves.find("knees_apart"), std::string::npos);  // shows from the front only
  const std::string csv = toCsv(d.analysis);
  EXPECT_EQ(static_cast<std::size_t>(std::count(csv.begin(), csv.end(), '\n')),
            d.analysis.measures.size() + 1);
  EXPECT_EQ(csv.rfind("measure,rep,value,unit,sd,status,note\r\n", 0), 0u);
}

TEST(ParsePlacedPoints, TakesOneObjectOrAList) {
  const auto one = parsePlacedPoints(R"({"frame": 4, "points": {"hip": [1.5, 2], "toe": [3, 4]}})", "p.json");
  ASSERT_TRUE(one);
  EXPECT_EQ(one->front().frame, 4u);
  EXPECT_EQ(*one->front().joints[indexOf(Joint::kHip)], Vec2(1.5, 2.0));
  EXPECT_EQ(
      parsePlacedPoints(R"([{"frame":0,"points":{}},{"frame":9,"points":{"ear":[1,1]}}])", "p.json")->size(),
      2u);
}

TEST(ParsePlacedPoints, SaysWhatIsWrongAndWhere) {
  for (const char* text :
       {"", "[", "[]", "{}", R"({"frame": -1, "points": {}})", R"({"frame": 1.5, "points": {}})",
        R"({"frame": 0, "points": {"tail": [1, 2]}})", R"({"frame": 0, "points": {"hip": [1]}})",
        R"({"frame": 0, "points": {"hip": [1, 1e300]}})", R"({"frame": 0, "points": {"hip": ["a", 2]}})"}) {
    const auto parsed = parsePlacedPoints(text, "p.json");
    ASSERT_FALSE(parsed) << text;
    EXPECT_NE(parsed.error().text.find("p.json"), std::string::npos);
    EXPECT_EQ(parsed.error().remedy, Remedy::kCorrectInput);
  }
}

TEST(Wording, NumbersCarryTheirErrorAndATrueMinus) {
  EXPECT_EQ(withError({-1.84, 0.92}, "cm"), QStringLiteral("\u22121.8 ± 0.9 cm"));
  EXPECT_EQ(withError({38.4, 2.1}, "deg"), QStringLiteral("38° ± 2°"));
  EXPECT_EQ(withError({0.512, 0.02}, "m/s"), QStringLiteral("0.51 ± 0.02 m/s"));
  EXPECT_EQ(withError({-0.01, 0.9}, "cm"), QStringLiteral("0.0 ± 0.9 cm"));
  EXPECT_EQ(kilograms(82.5), QStringLiteral("82.5 kg"));
  EXPECT_EQ(kilograms(80.0), QStringLiteral("80 kg"));
  EXPECT_EQ(kilograms(81.25), QStringLiteral("81.25 kg"));
}

TEST(Wording, RepsReadLikeASentence) {
  EXPECT_EQ(repList({3}), QStringLiteral("rep 3"));
  EXPECT_EQ(repList({4, 5}), QStringLiteral("reps 4 and 5"));
  EXPECT_EQ(repList({1, 2, 3, 4}), QStringLiteral("reps 1 to 4"));
  EXPECT_EQ(repList({1, 3, 5}), QStringLiteral("reps 1, 3 and 5"));
  EXPECT_EQ(repList({1, 2, 3, 6}), QStringLiteral("reps 1 to 3 and 6"));
}

TEST(ParseMeasured, ReadsBackWhatAJudgementNeeds) {
  const Done d = analysed(true);
  const auto again = parseMeasured(toJson({}, d.clip.tracks, d.analysis).dump(), "a.json");
  ASSERT_TRUE(again) << again.error().text;
  EXPECT_EQ(again->lift, Lift::kSquat);
  EXPECT_EQ(again->reps, static_cast<int>(d.analysis.reps.size()));
  ASSERT_EQ(again->measures.size(), d.analysis.measures.size());
  for (std::size_t k = 0; k < again->measures.size(); ++k)
    EXPECT_EQ(again->measures[k].frame, d.analysis.measures[k].frame);
  const auto before = judge(builtInRuleBook(), Lift::kSquat, d.analysis.measures),
             after = judge(builtInRuleBook(), Lift::kSquat, again->measures);
  ASSERT_EQ(after.size(), before.size());
  for (std::size_t k = 0; k < after.size(); ++k) {
    EXPECT_EQ(after[k].rule, before[k].rule);
    EXPECT_EQ(after[k].certainty, before[k].certainty);
  }
}

TEST(ParseMeasured, WhateverIsWrongIsNamedAndNothingIsThrown) {
  const std::string head = "{\"schema\": \"mottix.analysis/1\"";
  for (const auto& [text, reason] :
       {std::pair{std::string("{"), "not JSON"},
        {"[1, 2]", "no analysis"},
        {"{\"schema\": 3}", "no analysis"},
        {head + "}", "no reps"},
        {head + ", \"view\": {\"kind\": 4}, \"reps\": [], \"measures\": [3]}", "needs an id"},
        {head + ", \"reps\": [], \"measures\": [{\"id\": \"moon\", \"status\": \"ok\"}]}",
         "not in the catalogue"},
        {head + ", \"reps\": [], \"measures\": [{\"id\": \"bar_tilt\", \"status\": \"odd\"}]}", "not known"},
        {head + ", \"reps\": [], \"measures\": [{\"id\": \"bar_tilt\", \"status\": \"ok\", \"sd\": -1}]}",
         "negative"}}) {
    const auto parsed = parseMeasured(text, "a.json");
    ASSERT_FALSE(parsed) << text;
    EXPECT_NE(parsed.error().text.find("a.json"), std::string::npos);
    EXPECT_NE(parsed.error().text.find(reason), std::string::npos) << parsed.error().text;
  }
}

TEST(Wording, EveryCodeHasWords) {
  for (int a = 0; a < 4; ++a)
    for (int r = 0; r <= static_cast<int>(LoadReason::kConfirmedCause); ++r) {
      LoadDecision d{static_cast<LoadAction>(a), static_cast<LoadReason>(r), 60.0};
      EXPECT_FALSE(decisionHeading(d, {}).isEmpty());
      EXPECT_FALSE(decisionReason(d, {}).isEmpty()) << r;
      EXPECT_FALSE(decisionChange(d, {}).isEmpty());
    }
  for (int w = 0; w <= static_cast<int>(Warning::kOblique); ++w)
    EXPECT_FALSE(warningWords(static_cast<Warning>(w)).isEmpty());
  for (const auto& d : measureCatalogue()) EXPECT_FALSE(measureWords(d->id).isEmpty());
  for (const Rule& rule : builtInRuleBook().rules)
    for (int c = 0; c < 3; ++c) {
      Finding f;
      f.rule = rule.id;
      f.reps = {2};
      f.certainty = static_cast<Certainty>(c);
      EXPECT_FALSE(findingHeading(f, builtInRuleBook()).contains(QString::fromStdString(rule.id))) << rule.id;
      EXPECT_TRUE(findingHeading(f, builtInRuleBook()).contains(QStringLiteral("rep 2")));
    }
}

}  // namespace
}  // namespace mottix
