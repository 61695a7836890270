#include "report/load_document.h"

#include <gtest/gtest.h>
#include <libical/ical.h>
#include <nlohmann/json.hpp>

#include "report/load_wording.h"

namespace mottix {
namespace {

std::string problemOf(const std::string& text) {
  const auto file = parseHistory(text, "mine.json");
  return file ? std::string() : file.error().text;
}

TEST(HistoryDocument, GoesOutAndComesInAgain) {
  const auto file = parseHistory(
      R"({"lift": "bench", "open_pain": 3, "ill": true, "minor_or_new": true, "step_kg": 1.25, "sets": [
        {"day": "2026-11-09", "load_kg": 62.5, "reps": 4, "reps_asked": 5, "effort": 9.5, "effort_seen": 9,
         "effort_asked": 8, "verdict": "hold", "ill": true, "speeds_ms": [[0.4, 0.02], 0.3]},
        {"day": "2026-11-02", "load_kg": 60, "reps": 5}]})",
      "mine.json");
  ASSERT_TRUE(file) << file.error().text;
  const LiftHistory& h = file->history;
  EXPECT_EQ(h.lift, Lift::kBench);
  EXPECT_EQ(h.open_pain, 3);
  EXPECT_TRUE(h.ill && h.minor_or_new);
  ASSERT_EQ(h.sets.size(), 2u);
  EXPECT_EQ(h.sets[0].load_kg, 60.0);  // oldest first
  EXPECT_EQ(h.sets[0].reps_asked, 5);
  EXPECT_FALSE(h.sets[0].filmed);
  EXPECT_TRUE(h.sets[1].missed());
  EXPECT_EQ(h.sets[1].verdict, LoadAction::kHold);
  EXPECT_EQ(h.sets[1].speeds_ms[1].sd, 0.01);
  const auto again = parseHistory(toJson(*file).dump(), "again.json");
  ASSERT_TRUE(again) << again.error().text;
  EXPECT_EQ(toJson(*again), toJson(*file));
}

TEST(HistoryDocument, NamesWhatIsWrong) {
  EXPECT_NE(problemOf("[]").find("mine.json"), std::string::npos);
  EXPECT_NE(problemOf(R"({"sets": []})").find("lift"), std::string::npos);
  EXPECT_NE(problemOf(R"({"lift": "curl"})").find("lift"), std::string::npos);
  EXPECT_NE(problemOf(R"({"lift": "squat", "sets": 3})").find("sets"), std::string::npos);
  EXPECT_NE(problemOf(R"({"lift": "squat", "sets": [{"day": "2026-11-02", "reps": 5}]})").find("load_kg"),
            std::string::npos);
  EXPECT_NE(
      problemOf(R"({"lift": "squat", "sets": [{"day": "Monday", "load_kg": 60, "reps": 5}]})").find("date"),
      std::string::npos);
  EXPECT_NE(problemOf(R"({"lift": "squat", "sets": [{"day": "2026-11-02", "load_kg": "60", "reps": 5}]})")
                .find("load_kg"),
            std::string::npos);
  EXPECT_NE(
      problemOf(
          R"({"lift": "squat", "sets": [{"day": "2026-11-02", "load_kg": 60, "reps": 5, "verdict": "fine"}]})")
          .find("verdict"),
      std::string::npos);
  EXPECT_NE(
      problemOf(R"({"lift": "squat", "sets": [{"day": "2026-11-02", "load_kg": 60, "reps": 5, "mood": 3}]})")
          .find("mood"),
      std::string::npos);
  EXPECT_NE(
      problemOf(
          R"({"lift": "squat", "sets": [{"day": "2026-11-02", "load_kg": 60, "reps": 5, "speeds_ms": ["fast"]}]})")
          .find("speeds_ms"),
      std::string::npos);
}

AheadDocument someWeeks() {
  AheadDocument doc;
  doc.lift = Lift::kSquat;
  doc.athlete = "Ása; Berg, \"the tall\"";
  AheadWish& wish = doc.wish;
  wish.begins = *dayNamed("2026-11-23");
  wish.test = *dayNamed("2027-01-16");
  wish.plan = builtInPlanBook().find("top_single");
  wish.narrow = builtInPlanBook().find("narrow_heavy");
  LiftHistory history;
  for (int week = 6; week > 0; --week) {
    DoneSet s;
    s.day = wish.begins - std::chrono::weeks(week);
    s.load_kg = 120.0 - week;
    s.reps_asked = s.reps_done = 1;
    s.effort_felt = 8.0;
    history.sets.push_back(s);
  }
  doc.ahead = *planAhead(wish, builtInPlanBook().gates, history, wish.begins);
  return doc;
}

TEST(AheadDocument, TheCalendarIsReadBackByACalendar) {
  const AheadDocument doc = someWeeks();
  const std::string text = toCalendar(doc, doc.wish.begins);
  icalcomponent* calendar = icalparser_parse_string(text.c_str());
  ASSERT_NE(calendar, nullptr);
  EXPECT_EQ(icalcomponent_count_errors(calendar), 0);
  std::size_t sessions = 0;
  for (const AheadWeek& w : doc.ahead.weeks) sessions += w.days.size();
  EXPECT_EQ(static_cast<std::size_t>(icalcomponent_count_components(calendar, ICAL_VEVENT_COMPONENT)),
            sessions);
  icalcomponent* first = icalcomponent_get_first_component(calendar, ICAL_VEVENT_COMPONENT);
  const std::string summary = icalcomponent_get_summary(first);
  EXPECT_EQ(summary.rfind(doc.athlete, 0), 0u) << summary;
  EXPECT_NE(summary.find("single"), std::string::npos);
  EXPECT_EQ(icalcomponent_get_dtstart(first).day, 23);
  EXPECT_TRUE(icalcomponent_get_dtstart(first).is_date);
  EXPECT_EQ(icalcomponent_get_dtstamp(first).year, 2026);
  icalcomponent_free(calendar);
}

TEST(AheadDocument, JsonAndCsvHoldEveryWeek) {
  const AheadDocument doc = someWeeks();
  const auto json = toJson(doc);
  EXPECT_EQ(json["weeks"].size(), doc.ahead.weeks.size());
  EXPECT_EQ(json["weeks"][0]["top_kg"], doc.ahead.weeks[0].top_kg);
  const std::string csv = toCsv(doc);
  EXPECT_EQ(static_cast<std::size_t>(std::count(csv.begin(), csv.end(), '\n')), doc.ahead.weeks.size() + 1);
  // As many fields in every line.
  std::size_t from = 0;
  while (from < csv.size()) {
    const std::size_t to = csv.find('\n', from);
    EXPECT_EQ(std::count(csv.begin() + static_cast<long>(from), csv.begin() + static_cast<long>(to), ','),
              10);
    from = to + 1;
  }
}

TEST(LoadWording, EveryReasonChangeAndCautionHasItsSentence) {
  const LiftPlan& plan = builtInPlanBook().plans.front();
  NextSession s;
  s.last_kg = 100.0;
  for (int r = 0; r <= static_cast<int>(PlanReason::kSessionDone); ++r) {
    s.reason = static_cast<PlanReason>(r);
    EXPECT_TRUE(planReason(s, plan, PlanGates()).endsWith(QLatin1Char('.'))) << r;
    EXPECT_FALSE(nameOf(s.reason).empty());
  }
  for (int c = 0; c <= static_cast<int>(ChangeIf::kSlower); ++c) {
    s.would_change = {static_cast<ChangeIf>(c)};
    EXPECT_TRUE(planChange(s).endsWith(QLatin1Char('.'))) << c;
  }
  for (int c = 0; c <= static_cast<int>(Caution::kUnjudged); ++c)
    EXPECT_TRUE(cautionWords(static_cast<Caution>(c)).endsWith(QLatin1Char('.')));
  EXPECT_EQ(plannedSetWords({SetRole::kWork, 62.5, 3, 5, 8.0, {}}), "3 × 5 × 62.5 kg at effort 8");
  EXPECT_EQ(sessionWords({}), "Done for today");
  EXPECT_EQ(chanceWords(0.31, 150.0), "About 3 in 10 that 150 kg goes on that day.");
  EXPECT_EQ(apartWords(weighReserve(Estimate{4.0, 0.5}, {}, Estimate{1.0, 0.6})),
            "4.0 left by the word, 1.0 by the bar's speed.");
  EXPECT_EQ(apartWords({}), "");
}

}  // namespace
}  // namespace mottix
