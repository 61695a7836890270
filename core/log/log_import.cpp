#include "core/log/log_import.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <set>

#include "core/load/effort.h"

namespace mottix {
namespace {

std::string lower(std::string_view text) {
  std::string out(text);
  for (char& c : out) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
  return out;
}

std::string trimmed(std::string_view text) {
  const auto from = text.find_first_not_of(" \t\r\n"), to = text.find_last_not_of(" \t\r\n");
  return from == std::string_view::npos ? std::string() : std::string(text.substr(from, to - from + 1));
}

bool has(const std::string& text, std::string_view word) {
  return text.find(word) != std::string::npos;
}

// A number with a comma or a point, a unit behind it.
std::optional<double> numberIn(std::string text) {
  std::replace(text.begin(), text.end(), ',', '.');
  std::size_t end = 0;
  while (end < text.size() && (std::isdigit(static_cast<unsigned char>(text[end])) || text[end] == '.' ||
                               (end == 0 && text[end] == '-')))
    ++end;
  if (end == 0) return std::nullopt;
  const std::string unit = lower(trimmed(std::string_view(text).substr(end)));
  if (!unit.empty() && unit != "kg" && unit != "lb" && unit != "lbs") return std::nullopt;
  double v = 0.0;
  const auto r = std::from_chars(text.data(), text.data() + end, v);
  if (r.ec != std::errc() || r.ptr != text.data() + end) return std::nullopt;
  return v;
}
bool inPounds(const std::string& text) {
  return has(lower(text), "lb");
}

// The three numbers of a day that is no ISO date.
std::optional<std::array<int, 3>> dayParts(const std::string& text) {
  std::array<int, 3> parts{};
  std::size_t k = 0, at = 0;
  for (; k < 3; ++k) {
    std::size_t end = at;
    while (end < text.size() && std::isdigit(static_cast<unsigned char>(text[end]))) ++end;
    if (end == at || end - at > 4) return std::nullopt;
    std::from_chars(text.data() + at, text.data() + end, parts[k]);
    at = end;
    if (k < 2) {
      if (at >= text.size() || (text[at] != '.' && text[at] != '/' && text[at] != '-')) return std::nullopt;
      ++at;
    }
  }
  // A time may follow.
  if (at < text.size() && text[at] != ' ' && text[at] != 'T') return std::nullopt;
  return parts;
}

std::optional<Day> dayIn(const std::string& text, DayOrder order) {
  if (text.size() >= 10)
    if (const auto iso = dayNamed(text.substr(0, 10))) return iso;
  const auto parts = dayParts(text);
  if (!parts) return std::nullopt;
  const auto& [a, b, c] = *parts;
  char iso[40];
  if (a > 31) {
    std::snprintf(iso, sizeof iso, "%04d-%02d-%02d", a, b, c);
    return dayNamed(iso);
  }
  const int year = c < 100 ? 2000 + c : c, day = order == DayOrder::kDayFirst ? a : b,
            month = order == DayOrder::kDayFirst ? b : a;
  std::snprintf(iso, sizeof iso, "%04d-%02d-%02d", year, month, day);
  return dayNamed(iso);
}

// The lift in a name of an exercise, and what is left of it as the variant.
std::optional<Lift> liftIn(const std::string& text, std::string& variant) {
  const std::string t = lower(text);
  std::optional<Lift> lift;
  std::set<std::string> taken = {"barbell", "back", "the"};
  if (has(t, "squat")) {
    lift = Lift::kSquat;
    taken.insert({"squat", "squats"});
  } else if (has(t, "dead")) {
    lift = Lift::kDeadlift;
    taken.insert({"deadlift", "deadlifts", "dead", "lift"});
  } else if (has(t, "bench")) {
    lift = Lift::kBench;
    taken.insert({"bench", "press", "benchpress"});
  }
  if (!lift) return std::nullopt;
  std::string word, rest;
  for (const char c : t + " ") {
    if (std::isalpha(static_cast<unsigned char>(c)) || static_cast<unsigned char>(c) >= 0x80) {
      word += c;
      continue;
    }
    if (!word.empty() && taken.count(word) == 0) rest += (rest.empty() ? "" : " ") + word;
    word.clear();
  }
  if (variant.empty()) variant = rest;
  return lift;
}

}  // namespace

Expected<CsvTable> readCsv(std::string_view text, std::string_view file_name) {
  const auto bad = [&](const std::string& what) {
    return fail(Remedy::kCorrectInput, "“" + std::string(file_name) + "”: " + what);
  };
  if (text.size() > kMostCsvBytes) return bad("the file is larger than 64 MB; split it.");
  if (text.substr(0, 3) == "\xEF\xBB\xBF") text.remove_prefix(3);
  if (text.find('\0') != std::string_view::npos) return bad("this is no text file.");
  // The separator that is most on the first line, outside of quotes.
  std::array<int, 3> count{};
  constexpr std::array kSeparators = {',', ';', '\t'};
  bool quoted = false;
  for (const char c : text) {
    if (c == '"') quoted = !quoted;
    if (!quoted && c == '\n') break;
    for (std::size_t k = 0; k < kSeparators.size(); ++k) count[k] += !quoted && c == kSeparators[k] ? 1 : 0;
  }
  CsvTable table;
  table.separator =
      kSeparators[static_cast<std::size_t>(std::max_element(count.begin(), count.end()) - count.begin())];
  std::vector<std::string> row;
  std::string cell;
  int line = 1, row_line = 1;
  quoted = false;
  bool was_quoted = false;
  const auto endCell = [&] {
    row.push_back(was_quoted ? cell : trimmed(cell));
    cell.clear();
    was_quoted = false;
  };
  const auto endRow = [&] {
    endCell();
    if (std::any_of(row.begin(), row.end(), [](const std::string& c) { return !c.empty(); })) {
      table.rows.push_back(row);
      table.lines.push_back(row_line);
    }
    row.clear();
    row_line = line;
  };
  for (std::size_t k = 0; k < text.size(); ++k) {
    const char c = text[k];
    if (c == '\n') ++line;
    if (quoted) {
      if (c == '"' && k + 1 < text.size() && text[k + 1] == '"')
        cell += c, ++k;
      else if (c == '"')
        quoted = false;
      else
        cell += c;
    } else if (c == '"' && trimmed(cell).empty()) {
      quoted = was_quoted = true;
      cell.clear();
    } else if (c == table.separator) {
      endCell();
    } else if (c == '\n') {
      endRow();
    } else {
      cell += c;
    }
  }
  if (quoted) return bad("a quote that is opened is never closed.");
  if (!cell.empty() || !row.empty()) endRow();
  if (table.rows.empty()) return bad("there is nothing in it.");
  std::size_t columns = 0;
  for (const auto& r : table.rows) columns = std::max(columns, r.size());
  if (columns < 2) return bad("there is only one column; columns are parted by commas, semicolons or tabs.");
  constexpr std::size_t kMostColumns = 200;
  if (columns > kMostColumns) return bad("there are more than 200 columns.");
  for (auto& r : table.rows) r.resize(columns);
  // A first line without a number is a header.
  const auto& first = table.rows.front();
  const bool words = std::none_of(first.begin(), first.end(), [](const std::string& c) {
    return std::any_of(c.begin(), c.end(), [](unsigned char d) { return std::isdigit(d); });
  });
  if (words) {
    table.header = first;
    table.rows.erase(table.rows.begin());
    table.lines.erase(table.lines.begin());
    if (table.rows.empty()) return bad("there is a header and nothing under it.");
  } else {
    for (std::size_t k = 0; k < columns; ++k) table.header.push_back(std::to_string(k + 1));
  }
  return table;
}

std::string_view nameOf(LogColumn column) {
  constexpr std::array kNames = {"left_out", "day",  "athlete", "lift",    "variant", "load",
                                 "reps",     "sets", "effort",  "reserve", "note"};
  return kNames[static_cast<std::size_t>(column)];
}

std::vector<LogColumn> guessColumns(const CsvTable& table) {
  std::vector<LogColumn> out(table.header.size(), LogColumn::kLeftOut);
  const auto taken = [&](LogColumn c) { return std::find(out.begin(), out.end(), c) != out.end(); };
  struct Words {
    LogColumn column;
    std::vector<std::string_view> words;
  };
  // In this order: "reps in reserve" before "reps", "set note" before "sets".
  static const std::vector<Words> kWords = {
      {LogColumn::kDay, {"date", "day", "datum", "when"}},
      {LogColumn::kReserve, {"reserve", "rir", "left"}},
      {LogColumn::kEffort, {"effort", "rpe", "felt"}},
      {LogColumn::kNote, {"note", "comment", "remark"}},
      {LogColumn::kAthlete, {"athlete", "lifter", "name", "who"}},
      {LogColumn::kVariant, {"variant", "variation", "type"}},
      {LogColumn::kLift, {"lift", "exercise", "movement"}},
      {LogColumn::kLoad, {"load", "weight", "kg", "lb"}},
      {LogColumn::kReps, {"rep"}},
      {LogColumn::kSets, {"sets"}},
  };
  for (const Words& w : kWords)
    for (std::size_t k = 0; k < out.size() && !taken(w.column); ++k) {
      if (out[k] != LogColumn::kLeftOut) continue;
      const std::string head = lower(table.header[k]);
      if (std::any_of(w.words.begin(), w.words.end(), [&](std::string_view word) { return has(head, word); }))
        out[k] = w.column;
    }
  // "Exercise name" is no athlete: a column whose cells are lifts is the lift.
  const auto share = [&](std::size_t k, auto&& holds) {
    int n = 0;
    const std::size_t rows = std::min<std::size_t>(table.rows.size(), 50);
    for (std::size_t r = 0; r < rows; ++r) n += holds(table.rows[r][k]) ? 1 : 0;
    return static_cast<double>(n) / static_cast<double>(rows);
  };
  const auto is_lift = [](const std::string& cell) {
    std::string variant;
    return liftIn(cell, variant).has_value();
  };
  const auto is_day = [](const std::string& cell) {
    return dayIn(cell, DayOrder::kDayFirst).has_value() || dayIn(cell, DayOrder::kMonthFirst).has_value();
  };
  constexpr double kMostly = 0.3;
  for (std::size_t k = 0; k < out.size(); ++k) {
    if (out[k] != LogColumn::kLift && share(k, is_lift) > kMostly &&
        (out[k] == LogColumn::kAthlete || out[k] == LogColumn::kLeftOut)) {
      for (LogColumn& c : out)
        if (c == LogColumn::kLift) c = LogColumn::kLeftOut;
      out[k] = LogColumn::kLift;
    }
    if (!taken(LogColumn::kDay) && out[k] == LogColumn::kLeftOut && share(k, is_day) > kMostly)
      out[k] = LogColumn::kDay;
  }
  return out;
}

DayOrder guessDayOrder(const CsvTable& table, std::size_t column) {
  for (const auto& row : table.rows)
    if (const auto parts = dayParts(row[column])) {
      if ((*parts)[0] > 31) return DayOrder::kDayFirst;
      if ((*parts)[0] > 12) return DayOrder::kDayFirst;
      if ((*parts)[1] > 12) return DayOrder::kMonthFirst;
    }
  // Strokes are written with the month first more often than points.
  for (const auto& row : table.rows)
    if (row[column].find('/') != std::string::npos) return DayOrder::kMonthFirst;
  return DayOrder::kDayFirst;
}

Expected<std::vector<ImportedLine>> readLines(const CsvTable& table, const ImportOptions& o) {
  const auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, what); };
  std::array<std::optional<std::size_t>, kLogColumns.size()> at{};
  for (std::size_t k = 0; k < std::min(o.columns.size(), table.header.size()); ++k) {
    if (o.columns[k] == LogColumn::kLeftOut) continue;
    auto& place = at[static_cast<std::size_t>(o.columns[k])];
    if (place)
      return bad("Two columns are called “" + std::string(nameOf(o.columns[k])) + "”; leave one out.");
    place = k;
  }
  const auto column = [&](LogColumn c) { return at[static_cast<std::size_t>(c)]; };
  for (const LogColumn needed : {LogColumn::kDay, LogColumn::kLift, LogColumn::kLoad, LogColumn::kReps})
    if (!column(needed)) return bad("Which column is the " + std::string(nameOf(needed)) + "?");
  if (!column(LogColumn::kAthlete) && o.athlete.empty())
    return bad("Whose log is it? Name a column or an athlete.");
  std::vector<ImportedLine> out;
  for (std::size_t r = 0; r < table.rows.size(); ++r) {
    const auto cell = [&](LogColumn c) {
      return column(c) ? trimmed(table.rows[r][*column(c)]) : std::string();
    };
    ImportedLine line;
    line.line = table.lines[r];
    const auto wrong = [&](const std::string& what) {
      if (line.problem.empty()) line.problem = what;
    };
    line.athlete = column(LogColumn::kAthlete) ? cell(LogColumn::kAthlete) : o.athlete;
    if (line.athlete.empty()) line.athlete = o.athlete;
    if (line.athlete.empty()) wrong("It names no athlete.");
    if (const auto day = dayIn(cell(LogColumn::kDay), o.order))
      line.day = *day;
    else
      wrong("“" + cell(LogColumn::kDay) + "” is no day.");
    if (line.problem.empty() && line.day > o.today) wrong("Its day is still to come.");
    line.variant = lower(cell(LogColumn::kVariant));
    if (const auto lift = liftIn(cell(LogColumn::kLift), line.variant))
      line.lift = *lift;
    else
      wrong("“" + cell(LogColumn::kLift) + "” is none of the three lifts.");
    if (line.variant.empty()) line.variant = usualVariant(line.lift);
    const std::string load = cell(LogColumn::kLoad);
    if (const auto kg = numberIn(load)) {
      constexpr double kPound = 0.45359237;
      const bool pounds = inPounds(load) || (o.pounds && !has(lower(load), "kg"));
      line.load_kg = std::round((pounds ? kPound : 1.0) * *kg * 1000.0) / 1000.0;
      if (!(line.load_kg > 0.0 && line.load_kg <= 1000.0))
        wrong("“" + load + "” is no load between 0 and 1000 kg.");
    } else {
      wrong("“" + load + "” is no load.");
    }
    const auto whole = [&](LogColumn c, int least, int most, int& into) {
      const auto v = numberIn(cell(c));
      if (!v || *v != std::floor(*v) || *v < least || *v > most)
        return wrong("“" + cell(c) + "” are no " + std::string(nameOf(c)) + ".");
      into = static_cast<int>(*v);
    };
    whole(LogColumn::kReps, 0, 100, line.reps);
    if (!cell(LogColumn::kSets).empty()) whole(LogColumn::kSets, 1, 50, line.sets);
    const std::string effort = cell(LogColumn::kEffort), reserve = cell(LogColumn::kReserve);
    if (const auto e = numberIn(effort); e && *e >= 1.0 && *e <= 10.0)
      line.effort = *e;
    else if (const auto left = numberIn(reserve); left && *left >= 0.0 && *left <= 9.0)
      line.effort = 10.0 - *left;
    else if (!effort.empty() || !reserve.empty())
      wrong("“" + (effort.empty() ? reserve : effort) + "” is no effort between 1 and 10.");
    line.note = cell(LogColumn::kNote);
    constexpr std::size_t kMostNote = 500;
    if (line.note.size() > kMostNote) line.note.resize(kMostNote);
    out.push_back(std::move(line));
  }
  return out;
}

std::vector<SetRecord> recordsOf(const ImportedLine& line, AthleteId athlete) {
  std::vector<SetRecord> out;
  SetRecord set = writtenSet(athlete, line.day, line.lift, line.variant, line.reps, line.load_kg);
  set.edit.asked.effort = line.effort.value_or(0.0);
  set.edit.reps_done = line.reps;
  set.edit.note = line.note;
  for (int k = 0; k < line.sets; ++k) {
    if (k == line.sets - 1) set.edit.effort_felt = line.effort;
    out.push_back(set);
  }
  return out;
}

}  // namespace mottix
