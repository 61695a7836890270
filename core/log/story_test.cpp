#include "core/log/story.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

const Day kMonday = *dayNamed("2026-03-02");

LogLine line(int day, double load_kg, std::optional<double> speed_ms = {}) {
  LogLine l;
  l.id = SetId{day + 1};
  l.day = kMonday + std::chrono::days(day);
  l.variant = "high bar";
  l.load_kg = load_kg;
  l.reps_asked = l.reps_done = 5;
  l.effort_asked = 8.0;
  l.effort_felt = 8.0;
  if (speed_ms) {
    l.filmed = true;
    l.verdict = LoadAction::kAdd;
    l.speeds_ms = {{*speed_ms, 0.01}, {*speed_ms - 0.05, 0.01}};
  }
  return l;
}

std::vector<LogLine> sixWeeks() {
  std::vector<LogLine> lines;
  for (int week = 0; week < 6; ++week) lines.push_back(line(7 * week, 80.0 + 2.5 * week, 0.5));
  lines[1].found = {{"squat.hips_first", Severity::kBig, 3}};
  lines[3].found = {{"squat.hips_first", Severity::kSmall, 2}, {"squat.high", Severity::kSmall, 1}};
  lines[2].cue = "cue.brace";
  lines[4].note = "after a night call";
  lines[5].conditions = {Condition::kShortSleep};
  return lines;
}

TEST(Story, TellsStrengthSpeedsAndWhatWasFound) {
  AthleteRecord who;
  who.complaints = {{{ComplaintJoint::kKnee, 4}, "left", "2026-03-10", "2026-03-24"}};
  who.setups = {{SetupId{3}, {}, Lift::kSquat, "heel 12 mm", "2026-03-15", {}, true, ""}};
  std::vector<LogLine> lines = sixWeeks();
  for (std::size_t k = 2; k < lines.size(); ++k) lines[k].setup = SetupId{3};
  lines.push_back(line(36, 60.0));
  lines.back().lift = Lift::kBench;
  const Story story = tellStory(who, lines, Lift::kSquat, "high bar");
  EXPECT_EQ(story.sets.size(), 6u);
  ASSERT_TRUE(story.strength);
  EXPECT_EQ(story.strength->over_time.size(), 6u);
  // At equal load, as fast with more weight is faster.
  EXPECT_EQ(story.at_load_kg, 87.5);
  ASSERT_EQ(story.speeds.size(), 6u);
  for (std::size_t k = 1; k < 6; ++k) EXPECT_GT(story.speeds[k].ms.value, story.speeds[k - 1].ms.value);
  EXPECT_DOUBLE_EQ(story.speeds[3].ms.value, 0.5);
  ASSERT_EQ(story.found.size(), 2u);
  EXPECT_EQ(story.found[0].rule, "squat.hips_first");
  EXPECT_EQ(story.found[0].reps, 5);
  ASSERT_EQ(story.found[0].weeks.size(), 6u);
  EXPECT_EQ(story.found[0].weeks[1].reps, 3);
  EXPECT_EQ(story.found[0].weeks[1].of, 5);
  EXPECT_EQ(story.found[0].weeks[1].big, 3);
  EXPECT_EQ(story.found[0].weeks[0].reps, 0);
  std::string kinds;
  for (const Mark& m : story.marks) kinds += std::to_string(static_cast<int>(m.kind));
  EXPECT_EQ(kinds, "103245");  // complaint, set-up, cue, over, note, condition, by day
}

TEST(Story, SaysWhetherACueWasFollowedByBetter) {
  std::vector<LogLine> lines = sixWeeks();
  const Cue& cue = *builtInCueBook().forRule("squat.hips_first").front();
  for (LogLine& l : lines) l.cue.clear();
  lines[1].cue = lines[3].cue = cue.id;  // both found it; gone in one of the sets after
  lines[4].found = {{"squat.hips_first", Severity::kSmall, 1}};
  lines[2].found.clear();
  lines[2].cue = cue.id;  // against nothing: does not count
  const Story story = tellStory({}, lines, Lift::kSquat, "high bar");
  ASSERT_EQ(story.cues.size(), 1u);
  EXPECT_EQ(story.cues[0].cue, cue.id);
  EXPECT_EQ(story.cues[0].told, 2);
  EXPECT_EQ(story.cues[0].gone, 1);
}

TEST(Story, OfNothingIsEmpty) {
  const Story story = tellStory({}, {}, Lift::kBench, "flat");
  EXPECT_TRUE(story.sets.empty());
  EXPECT_FALSE(story.strength);
  EXPECT_FALSE(sinceLast({}, Lift::kBench, "flat", kMonday));
}

TEST(SinceLast, SaysWhatTheNextSetStartsFrom) {
  std::vector<LogLine> lines = sixWeeks();
  lines[3].cue = "cue.chest";
  lines[3].next_kg = 90.0;
  const auto since = sinceLast(lines, Lift::kSquat, "high bar", kMonday + std::chrono::days(28));
  ASSERT_TRUE(since);
  EXPECT_EQ(since->day, kMonday + std::chrono::days(21));
  EXPECT_EQ(since->top_kg, 87.5);
  EXPECT_EQ(since->effort, 8.0);
  EXPECT_EQ(since->cue, "cue.chest");
  EXPECT_EQ(since->next_kg, 90.0);
  EXPECT_EQ(since->found, (std::vector<std::string>{"squat.hips_first", "squat.high"}));
  EXPECT_FALSE(since->speed_change_ms);  // another load
  lines[2].load_kg = 87.5;
  lines[2].speeds_ms = {{0.40, 0.01}};
  const auto faster = sinceLast(lines, Lift::kSquat, "high bar", kMonday + std::chrono::days(28));
  ASSERT_TRUE(faster->speed_change_ms);
  EXPECT_NEAR(*faster->speed_change_ms, 0.10, 1e-9);
}

}  // namespace
}  // namespace mottix
