// Documents of the load: the history that plans read (docs/history.schema.json), the next session
// (docs/next.schema.json) and the weeks ahead (docs/plan.schema.json; also CSV and iCalendar, RFC 5545).
//
// Loads are kilograms, days ISO dates, speeds m/s. Failure of reading: kCorrectInput, naming file, entry and
// reason; nothing is read by half.
#pragma once

#include <string>

#include <nlohmann/json_fwd.hpp>

#include "core/load/ahead.h"

namespace mottix {

struct HistoryFile {
  LiftHistory history;
  double step_kg = 2.5;
};
Expected<HistoryFile> parseHistory(const std::string& text, const std::string& file_name);
nlohmann::ordered_json toJson(const HistoryFile& file);
nlohmann::ordered_json toJson(const NextSession& session, const LiftPlan& plan, const PlanGates& gates,
                              Lift lift, Day day);
// The best single now, for the same document; nothing where the history does not tell.
nlohmann::ordered_json strengthJson(const LiftHistory& history, Day day);

struct AheadDocument {
  Ahead ahead;
  AheadWish wish;
  Lift lift = Lift::kSquat;
  std::string athlete;  // name; may be empty
};
nlohmann::ordered_json toJson(const AheadDocument& doc);
std::string toCsv(const AheadDocument& doc);
// One event a session; days, not hours: when it is held is the coach's. `stamp`: when it was written.
std::string toCalendar(const AheadDocument& doc, Day stamp);

}  // namespace mottix
