#include "core/log/quick_entry.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

const Day kToday = *dayNamed("2026-11-24");
const std::vector<NamedAthlete> kPeople = {
    {AthleteId{1}, "Runa Vik"}, {AthleteId{2}, "Oda"}, {AthleteId{3}, "Runa Berg"}};

QuickEntry entry(std::string_view text, std::optional<AthleteId> athlete = AthleteId{2},
                 std::optional<Lift> lift = Lift::kSquat) {
  return parseQuickEntry(text, kPeople, {athlete, lift, "", kToday, 1.0});
}

TEST(QuickEntry, AsItIsScribbled) {
  const QuickEntry e = entry("Runa Berg squat low bar 3x5 82.5 @8", {}, {});
  EXPECT_EQ(e.wrong, "");
  ASSERT_EQ(e.sets.size(), 3u);
  EXPECT_EQ(e.sets[0].athlete, AthleteId{3});
  EXPECT_EQ(e.sets[0].lift, Lift::kSquat);
  EXPECT_EQ(e.sets[0].variant, "low bar");
  EXPECT_EQ(e.sets[0].load_kg, 82.5);
  EXPECT_EQ(e.sets[0].reps_done, 5);
  EXPECT_FALSE(e.sets[0].effort_felt);
  EXPECT_EQ(e.sets[2].effort_felt, 8.0);
  EXPECT_EQ(e.sets[0].day, kToday);
}

TEST(QuickEntry, LoadAndRepsInAnyOrder) {
  for (const char* text :
       {"60x5", "5x60", "5 x 60", "60 × 5", "60*5 kg", "1x5x60", "60x5x1", "1x5 60", "60 kg 1x5"}) {
    const QuickEntry e = entry(text);
    ASSERT_EQ(e.sets.size(), 1u) << text << ": " << e.wrong;
    EXPECT_EQ(e.sets[0].load_kg, 60.0) << text;
    EXPECT_EQ(e.sets[0].reps_done, 5) << text;
  }
  const QuickEntry comma = entry("82,5x3");
  ASSERT_EQ(comma.sets.size(), 1u);
  EXPECT_EQ(comma.sets[0].load_kg, 82.5);
  // The unit stands behind both numbers.
  EXPECT_NE(entry("225 lb x 5").wrong, "");
  EXPECT_NEAR(entry("225x5 lb").sets.at(0).load_kg, 102.058, 1e-9);
}

TEST(QuickEntry, SeveralSetsNotesAndConditions) {
  const QuickEntry e =
      entry("bench 60x5, 70x5, 75x4/5 @9.5 ~10 “left elbow”, short sleep, deadlift sumo yesterday 100x3");
  EXPECT_EQ(e.wrong, "");
  ASSERT_EQ(e.sets.size(), 4u);
  EXPECT_EQ(e.sets[1].lift, Lift::kBench);
  EXPECT_EQ(e.sets[1].variant, "flat");
  EXPECT_EQ(e.sets[2].reps_done, 4);
  EXPECT_EQ(e.sets[2].reps_asked, 5);
  EXPECT_EQ(e.sets[2].effort_felt, 9.5);
  EXPECT_EQ(e.sets[2].effort_seen, 10.0);
  EXPECT_EQ(e.sets[2].note, "left elbow");
  EXPECT_TRUE(e.sets[2].conditions.empty());
  EXPECT_EQ(e.sets[3].lift, Lift::kDeadlift);
  EXPECT_EQ(e.sets[3].variant, "sumo");
  EXPECT_EQ(e.sets[3].day, kToday - std::chrono::days(1));
  EXPECT_EQ(e.sets[3].conditions, std::vector{Condition::kShortSleep});
  EXPECT_EQ(entry("2026-11-20 60x5").sets.at(0).day, *dayNamed("2026-11-20"));
}

TEST(QuickEntry, SaysWhatIsMissingAndTakesNothingByHalf) {
  const auto wrong = [](std::string_view text, std::optional<AthleteId> who = AthleteId{2},
                        std::optional<Lift> lift = Lift::kSquat) {
    const QuickEntry e = entry(text, who, lift);
    EXPECT_TRUE(e.sets.empty()) << text;
    return e.wrong;
  };
  EXPECT_NE(wrong("").find("no set"), std::string::npos);
  EXPECT_NE(wrong("3x5").find("load"), std::string::npos);
  EXPECT_NE(wrong("60").find("reps"), std::string::npos);
  EXPECT_NE(wrong("60x5", {}).find("Whose"), std::string::npos);
  EXPECT_NE(wrong("60x5", AthleteId{2}, {}).find("lift"), std::string::npos);
  EXPECT_NE(wrong("60x5, wobbly 70x5").find("wobbly"), std::string::npos);
  EXPECT_NE(wrong("60x5 @12").find("Effort"), std::string::npos);
  EXPECT_NE(wrong("2000x5").find("1000"), std::string::npos);
  EXPECT_NE(wrong("60x5 70x5").find("commas"), std::string::npos);
  EXPECT_NE(wrong("2027-01-01 60x5").find("still to come"), std::string::npos);
  EXPECT_NE(wrong("@8").find("effort"), std::string::npos);
}

TEST(QuickEntry, BecomesRecords) {
  const QuickEntry e = entry("Runa Vik squat 2x5 60 @8 \"fast\", Oda 50x5");
  ASSERT_EQ(e.sets.size(), 3u) << e.wrong;
  const auto records = recordsOf(e, AthleteId{1});
  ASSERT_EQ(records.size(), 2u);
  EXPECT_FALSE(records[0].hasFilm());
  EXPECT_EQ(records[0].state, SetState::kReviewed);
  EXPECT_EQ(records[0].day, "2026-11-24");
  EXPECT_EQ(records[1].edit.effort_felt, 8.0);
  EXPECT_EQ(records[1].edit.reps_done, 5);
  EXPECT_EQ(records[1].edit.note, "fast");
  EXPECT_EQ(recordsOf(e, AthleteId{2}).size(), 1u);
}

TEST(QuickEntry, AnythingTypedIsAnswered) {
  std::uint32_t state = 3;
  const std::string letters = "x× 5.0,@~/\"“”kgRuna squatOda12;*-";
  for (int k = 0; k < 4000; ++k) {
    std::string text;
    for (int n = 0; n < k % 30; ++n) {
      state = state * 1664525u + 1013904223u;
      text += letters[(state >> 8) % letters.size()];
    }
    const QuickEntry e = entry(text);
    EXPECT_NE(e.sets.empty(), e.wrong.empty()) << text;
  }
}

}  // namespace
}  // namespace mottix
