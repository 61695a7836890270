// An old log as a table (CSV): read, its columns guessed, its lines made into sets with what is wrong said
// line by line. Nothing is written here.
//
// Separators are found (comma, semicolon, tab), quotes are as in RFC 4180. Days may be 2026-03-02,
// 2.3.2026 or 3/2/2026; which of day and month comes first is told by the column as a whole.
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/day.h"
#include "core/base/error.h"
#include "core/log/records.h"

namespace mottix {

struct CsvTable {
  std::vector<std::string> header;  // of the first line, if it holds words; else "1", "2", …
  std::vector<std::vector<std::string>> rows;
  std::vector<int> lines;  // of the file, where each row begins
  char separator = ',';
};
inline constexpr std::size_t kMostCsvBytes = 64u << 20;
// kCorrectInput where it is empty, too large, or no table.
Expected<CsvTable> readCsv(std::string_view text, std::string_view file_name);

enum class LogColumn {
  kLeftOut,
  kDay,
  kAthlete,
  kLift,
  kVariant,
  kLoad,
  kReps,
  kSets,
  kEffort,
  kReserve,
  kNote
};
inline constexpr std::array kLogColumns = {LogColumn::kLeftOut, LogColumn::kDay,     LogColumn::kAthlete,
                                           LogColumn::kLift,    LogColumn::kVariant, LogColumn::kLoad,
                                           LogColumn::kReps,    LogColumn::kSets,    LogColumn::kEffort,
                                           LogColumn::kReserve, LogColumn::kNote};
std::string_view nameOf(LogColumn column);
// By the header's words, and by what the column holds.
std::vector<LogColumn> guessColumns(const CsvTable& table);

enum class DayOrder { kDayFirst, kMonthFirst };
DayOrder guessDayOrder(const CsvTable& table, std::size_t column);

struct ImportOptions {
  std::vector<LogColumn> columns;
  bool pounds = false;
  DayOrder order = DayOrder::kDayFirst;
  std::string athlete;  // where no column names one
  Day today;
};

struct ImportedLine {
  int line = 0;         // of the file
  std::string problem;  // a whole sentence; empty: it can be taken
  std::string athlete;
  Day day{};
  Lift lift = Lift::kSquat;
  std::string variant;
  double load_kg = 0.0;
  int reps = 0, sets = 1;
  std::optional<double> effort;
  std::string note;
};
// kCorrectInput where a column that is needed is missing or there twice.
Expected<std::vector<ImportedLine>> readLines(const CsvTable& table, const ImportOptions& options);

// The sets of a line, for an athlete of the house.
std::vector<SetRecord> recordsOf(const ImportedLine& line, AthleteId athlete);

}  // namespace mottix
