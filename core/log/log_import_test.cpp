#include "core/log/log_import.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

constexpr const char* kLog =
    "Date;Exercise name;Weight (kg);Reps;Sets;RPE;Comments\n"
    "2.3.2026;Back Squat;60;5;3;7,5;\"felt; light\"\n"
    "14.3.2026;Paused Bench Press;42,5;5;1;;\n"
    "14.3.2026;Biceps curl;20;10;3;;\n"
    "16.3.2026;Sumo deadlift;100 lb;3;;12;\n"
    "31.2.2026;Squat;60;5;1;;\n"
    "\n"
    "17.3.2026;Squat;heavy;5;1;;\n";

ImportOptions optionsFor(const CsvTable& table) {
  ImportOptions o;
  o.columns = guessColumns(table);
  for (std::size_t k = 0; k < o.columns.size(); ++k)
    if (o.columns[k] == LogColumn::kDay) o.order = guessDayOrder(table, k);
  o.athlete = "Runa";
  o.today = *dayNamed("2026-11-24");
  return o;
}

TEST(LogImport, ColumnsAreFoundAndLinesRead) {
  const auto table = readCsv(kLog, "old.csv");
  ASSERT_TRUE(table) << table.error().text;
  EXPECT_EQ(table->separator, ';');
  ASSERT_EQ(table->rows.size(), 6u);
  EXPECT_EQ(table->rows[0][6], "felt; light");
  EXPECT_EQ(table->lines.back(), 8);
  const auto columns = guessColumns(*table);
  EXPECT_EQ(columns, (std::vector{LogColumn::kDay, LogColumn::kLift, LogColumn::kLoad, LogColumn::kReps,
                                  LogColumn::kSets, LogColumn::kEffort, LogColumn::kNote}));
  const auto lines = readLines(*table, optionsFor(*table));
  ASSERT_TRUE(lines) << lines.error().text;
  ASSERT_EQ(lines->size(), 6u);
  const ImportedLine& squat = (*lines)[0];
  EXPECT_EQ(squat.problem, "");
  EXPECT_EQ(squat.athlete, "Runa");
  EXPECT_EQ(squat.day, *dayNamed("2026-03-02"));
  EXPECT_EQ(squat.variant, "high bar");  // the usual one
  EXPECT_EQ(squat.sets, 3);
  EXPECT_EQ(squat.effort, 7.5);
  EXPECT_EQ(squat.note, "felt; light");
  EXPECT_EQ((*lines)[1].variant, "paused");
  EXPECT_EQ((*lines)[1].load_kg, 42.5);
  EXPECT_NE((*lines)[2].problem.find("none of the three"), std::string::npos);
  EXPECT_NE((*lines)[3].problem.find("effort"), std::string::npos);
  EXPECT_NEAR((*lines)[3].load_kg, 45.359, 1e-9);
  EXPECT_EQ((*lines)[3].variant, "sumo");
  EXPECT_NE((*lines)[4].problem.find("31.2.2026"), std::string::npos);
  EXPECT_NE((*lines)[5].problem.find("heavy"), std::string::npos);
  const auto sets = recordsOf(squat, AthleteId{7});
  ASSERT_EQ(sets.size(), 3u);
  EXPECT_FALSE(sets[0].edit.effort_felt);
  EXPECT_EQ(sets[2].edit.effort_felt, 7.5);
  EXPECT_EQ(sets[2].day, "2026-03-02");
  EXPECT_EQ(sets[2].edit.reps_done, 5);
}

TEST(LogImport, MonthFirstReserveAndPounds) {
  const auto table = readCsv(
      "athlete,date,lift,lb,reps,reps in reserve\nOda,3/14/2026,squat,225,5,2\nOda,3/2/2026,squat,225,5,\n",
      "x.csv");
  ASSERT_TRUE(table);
  ImportOptions o = optionsFor(*table);
  EXPECT_EQ(o.order, DayOrder::kMonthFirst);
  o.pounds = true;
  const auto lines = readLines(*table, o);
  ASSERT_TRUE(lines) << lines.error().text;
  EXPECT_EQ((*lines)[0].athlete, "Oda");
  EXPECT_EQ((*lines)[0].effort, 8.0);
  EXPECT_NEAR((*lines)[0].load_kg, 102.058, 1e-9);
  EXPECT_EQ((*lines)[1].day, *dayNamed("2026-03-02"));
  EXPECT_FALSE((*lines)[1].effort);
}

TEST(LogImport, SaysWhatIsWrongWithTheFileOrTheColumns) {
  const auto wrong = [](std::string_view text) {
    const auto table = readCsv(text, "mine.csv");
    return table ? std::string() : table.error().text;
  };
  EXPECT_NE(wrong("").find("mine.csv"), std::string::npos);
  EXPECT_NE(wrong("only\nwords\n").find("one column"), std::string::npos);
  EXPECT_NE(wrong("a,b\n").find("header"), std::string::npos);
  EXPECT_NE(wrong("a,b\n\"1,2\n").find("quote"), std::string::npos);
  EXPECT_NE(wrong(std::string_view("a,b\n1,\0\n", 8)).find("no text"), std::string::npos);
  const auto table = readCsv("2026-03-02,squat,60,5\n2026-03-03,squat,60,5\n", "bare.csv");
  ASSERT_TRUE(table);
  EXPECT_EQ(table->rows.size(), 2u);
  EXPECT_EQ(guessColumns(*table)[0], LogColumn::kDay);
  EXPECT_EQ(guessColumns(*table)[1], LogColumn::kLift);
  ImportOptions o = optionsFor(*table);
  EXPECT_FALSE(readLines(*table, o));  // which is the load?
  o.columns = {LogColumn::kDay, LogColumn::kLift, LogColumn::kLoad, LogColumn::kLoad};
  EXPECT_NE(readLines(*table, o).error().text.find("Two columns"), std::string::npos);
  o.columns[3] = LogColumn::kReps;
  EXPECT_TRUE(readLines(*table, o));
  o.athlete.clear();
  EXPECT_FALSE(readLines(*table, o));
}

TEST(LogImport, AnyBytesAreAnswered) {
  std::uint32_t state = 5;
  const std::string letters = "a1,;\t\"\n\r.2/squat-";
  for (int k = 0; k < 3000; ++k) {
    std::string text;
    for (int n = 0; n < k % 80; ++n) {
      state = state * 1664525u + 1013904223u;
      text += letters[(state >> 8) % letters.size()];
    }
    const auto table = readCsv(text, "any.csv");
    if (!table) continue;
    (void)readLines(*table, optionsFor(*table));
  }
}

}  // namespace
}  // namespace mottix
