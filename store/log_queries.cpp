#include "store/log_queries.h"

#include <algorithm>
#include <unordered_map>
#include <variant>

#include <SQLiteCpp/SQLiteCpp.h>

namespace mottix {
namespace {

using Value = std::variant<double, std::int64_t, std::string>;

// A condition, with what is bound to its question marks.
struct Where {
  std::string sql;
  std::vector<Value> values;
  void add(const std::string& condition, std::initializer_list<Value> bound = {}) {
    sql += (sql.empty() ? " WHERE " : " AND ") + condition;
    values.insert(values.end(), bound);
  }
};

// What LIKE takes for itself is escaped by '!'.
std::string partOf(const std::string& word) {
  std::string out = "%";
  for (const char c : word) {
    if (c == '%' || c == '_' || c == '!') out += '!';
    out += c;
  }
  return out + "%";
}

// As felt, or seen, or else as asked; reps as counted, or as filmed, or else as asked.
constexpr const char* kEffort = "coalesce(s.effort_felt, s.effort_seen, s.effort)";

Where whereOf(const LogQuery& q) {
  Where w;
  if (q.athlete) w.add("e.athlete_id = ?", {static_cast<std::int64_t>(*q.athlete)});
  if (q.lift) w.add("s.lift = ?", {std::string(nameOf(*q.lift))});
  if (!q.variant.empty()) w.add("s.variant LIKE ? ESCAPE '!'", {partOf(q.variant)});
  if (q.effort_from) w.add(std::string(kEffort) + " >= ?", {*q.effort_from});
  if (q.effort_to) w.add(std::string(kEffort) + " <= ?", {*q.effort_to});
  if (q.load_from_kg) w.add("s.load_kg >= ?", {*q.load_from_kg});
  if (q.load_to_kg) w.add("s.load_kg <= ?", {*q.load_to_kg});
  if (q.reps_from) w.add("s.reps >= ?", {static_cast<std::int64_t>(*q.reps_from)});
  if (q.reps_to) w.add("s.reps <= ?", {static_cast<std::int64_t>(*q.reps_to)});
  if (q.since) w.add("e.day >= ?", {nameOf(*q.since)});
  if (q.until) w.add("e.day <= ?", {nameOf(*q.until)});
  if (q.verdict) w.add("r.action = ?", {std::string(nameOf(*q.verdict))});
  if (q.missed) w.add("s.reps_done < s.reps");
  if (q.filmed) w.add("c.path != ''");
  if (q.condition)
    w.add("(',' || s.conditions || ',') LIKE ?", {"%," + std::string(nameOf(*q.condition)) + ",%"});
  for (const std::string& word : q.words)
    w.add("(s.cue LIKE ? ESCAPE '!' OR s.note LIKE ? ESCAPE '!')", {partOf(word), partOf(word)});
  if (!q.any_rule.empty()) {
    std::string list;
    for (std::size_t k = 0; k < q.any_rule.size(); ++k) list += k == 0 ? "?" : ", ?";
    w.add("EXISTS (SELECT 1 FROM finding f WHERE f.set_id = s.id AND f.certainty = 'clear' AND f.rule IN (" +
          list + ") AND NOT EXISTS (SELECT 1 FROM overrule o WHERE o.set_id = s.id AND o.rule = f.rule))");
    for (const std::string& rule : q.any_rule) w.values.emplace_back(rule);
  }
  return w;
}

void bindAll(SQLite::Statement& q, const std::vector<Value>& values) {
  int at = 0;
  for (const Value& value : values) {
    ++at;
    std::visit([&](const auto& v) { q.bind(at, v); }, value);
  }
}

template <typename Enum>
std::optional<Enum> namedOf(std::string_view name, std::initializer_list<Enum> all) {
  for (const Enum e : all)
    if (nameOf(e) == name) return e;
  return std::nullopt;
}

std::optional<double> numberAt(SQLite::Statement& q, int column) {
  if (q.getColumn(column).isNull()) return std::nullopt;
  return q.getColumn(column).getDouble();
}

constexpr const char* kFrom =
    " FROM lift_set s JOIN session e ON e.id = s.session_id JOIN clip c ON c.id = s.clip_id LEFT JOIN result "
    "r "
    "ON r.set_id = s.id";

}  // namespace

std::vector<LogLine> readLogLines(SQLite::Database& db, const LogQuery& query) {
  const Where where = whereOf(query);
  const std::string newest = query.most > 0
                                 ? " ORDER BY e.day DESC, s.id DESC LIMIT " + std::to_string(query.most)
                                 : " ORDER BY e.day, s.id";
  SQLite::Statement q(db,
                      std::string("SELECT s.id, e.athlete_id, e.day, s.lift, s.variant, s.load_kg, s.reps, "
                                  "s.reps_done, s.effort, s.effort_felt, s.effort_seen, c.path != '', "
                                  "r.action, r.reason, s.cue, s.note, s.next_load_kg, s.suggested_kg, "
                                  "s.setup_id, s.conditions, s.equipment") +
                          kFrom + where.sql + newest);
  bindAll(q, where.values);
  std::vector<LogLine> out;
  while (q.executeStep()) {
    LogLine line;
    line.id = SetId{q.getColumn(0).getInt64()};
    line.athlete = AthleteId{q.getColumn(1).getInt64()};
    const auto day = dayNamed(q.getColumn(2).getText());
    if (!day) continue;
    line.day = *day;
    line.lift = liftNamed(q.getColumn(3).getText()).value_or(Lift::kSquat);
    line.variant = q.getColumn(4).getString();
    line.load_kg = q.getColumn(5).getDouble();
    line.reps_asked = q.getColumn(6).getInt();
    line.reps_done = q.getColumn(7).isNull() ? -1 : q.getColumn(7).getInt();
    line.effort_asked = q.getColumn(8).getDouble();
    line.effort_felt = numberAt(q, 9);
    line.effort_seen = numberAt(q, 10);
    line.filmed = q.getColumn(11).getInt() != 0;
    if (!q.getColumn(12).isNull()) {
      line.verdict = namedOf(q.getColumn(12).getText(), {LoadAction::kAdd, LoadAction::kHold,
                                                         LoadAction::kRepair, LoadAction::kCantTell});
      line.verdict_reason = namedOf(q.getColumn(13).getText(),
                                    {LoadReason::kGoodEnough, LoadReason::kSeveralSmall, LoadReason::kOneBig,
                                     LoadReason::kBigOnManyReps, LoadReason::kRepsMissing, LoadReason::kPain,
                                     LoadReason::kCouldNotJudge, LoadReason::kNoRules,
                                     LoadReason::kRepairFirst, LoadReason::kConfirmedCause})
                                .value_or(LoadReason::kCouldNotJudge);
    }
    line.cue = q.getColumn(14).getString();
    line.note = q.getColumn(15).getString();
    line.next_kg = numberAt(q, 16);
    line.suggested_kg = numberAt(q, 17);
    if (!q.getColumn(18).isNull()) line.setup = SetupId{q.getColumn(18).getInt64()};
    line.equipment = q.getColumn(20).getString();
    const std::string conditions = q.getColumn(19).getString();
    for (const Condition c : kConditions)
      if (conditions.find(nameOf(c)) != std::string::npos) line.conditions.push_back(c);
    out.push_back(std::move(line));
  }
  if (query.most > 0) std::reverse(out.begin(), out.end());

  // Speeds and findings: one line after another along the keys; of very many all in one go.
  constexpr std::size_t kMany = 20'000;
  std::unordered_map<std::int64_t, LogLine*> at;
  if (out.size() > kMany)
    for (LogLine& line : out) at[static_cast<std::int64_t>(line.id)] = &line;
  const auto eachRow = [&](const std::string& columns, const std::string& table, const std::string& condition,
                           const std::string& order, auto&& take) {
    if (at.empty()) {
      SQLite::Statement one(
          db, "SELECT " + columns + " FROM " + table + " t WHERE t.set_id = ?" + condition + order);
      for (LogLine& line : out) {
        one.reset();
        one.bind(1, static_cast<std::int64_t>(line.id));
        while (one.executeStep()) take(line, one);
      }
      return;
    }
    SQLite::Statement all(
        db, "SELECT " + columns + ", t.set_id FROM " + table + " t WHERE 1" + condition + order);
    const int id = all.getColumnCount() - 1;
    while (all.executeStep())
      if (const auto line = at.find(all.getColumn(id).getInt64()); line != at.end()) take(*line->second, all);
  };
  std::unordered_map<const LogLine*, int> filmed_reps;
  eachRow("t.value, t.sd, t.status, t.rep", "measure", " AND t.measure = 'mean_speed'",
          " ORDER BY t.set_id, t.rep", [&](LogLine& line, SQLite::Statement& row) {
            int& reps = filmed_reps[&line];
            reps = std::max(reps, row.getColumn(3).getInt());
            if (std::string_view(row.getColumn(2).getText()) == nameOf(MeasureStatus::kOk))
              line.speeds_ms.push_back({row.getColumn(0).getDouble(), row.getColumn(1).getDouble()});
          });
  eachRow("t.rule, t.severity, t.reps", "finding",
          " AND t.certainty = 'clear' AND NOT EXISTS (SELECT 1 FROM overrule o WHERE o.set_id = t.set_id AND "
          "o.rule = "
          "t.rule)",
          "", [&](LogLine& line, SQLite::Statement& row) {
            const std::string reps = row.getColumn(2).getString();
            line.found.push_back(
                {row.getColumn(0).getString(),
                 namedOf(row.getColumn(1).getText(), {Severity::kBig, Severity::kSmall, Severity::kWhenTired})
                     .value_or(Severity::kSmall),
                 reps.empty() ? 0 : 1 + static_cast<int>(std::count(reps.begin(), reps.end(), ','))});
          });
  for (LogLine& line : out)
    if (line.reps_done < 0) {
      const auto seen = filmed_reps.find(&line);
      line.reps_done = seen != filmed_reps.end() ? seen->second : line.reps_asked;
    }
  return out;
}

}  // namespace mottix
