#include "report/load_document.h"

#include <cmath>
#include <memory>

#include <libical/ical.h>
#include <nlohmann/json.hpp>

#include "report/load_wording.h"
#include "report/wording.h"

namespace mottix {
namespace {

using Json = nlohmann::json;
using Out = nlohmann::ordered_json;

class Reader {
 public:
  explicit Reader(std::string file_name) : file_(std::move(file_name)) {}

  Expected<HistoryFile> read(const std::string& text) {
    const Json doc = Json::parse(text, nullptr, false);
    if (doc.is_discarded() || !doc.is_object()) return wrong("this is not a JSON object.");
    if (!doc.contains("lift")) note("“lift” is missing.");
    for (const auto& [key, value] : doc.items()) {
      if (key == "schema") {
        if (value != "mottix.history/1") note("“schema” must be \"mottix.history/1\".");
      } else if (key == "lift") {
        const auto lift = value.is_string() ? liftNamed(value.get<std::string>()) : std::nullopt;
        if (!lift) note("“lift” must be \"squat\", \"bench\" or \"deadlift\".");
        out_.history.lift = lift.value_or(Lift::kSquat);
      } else if (key == "open_pain") {
        out_.history.open_pain = static_cast<int>(number(key, value, 0, 10));
      } else if (key == "ill") {
        out_.history.ill = flag(key, value);
      } else if (key == "minor_or_new") {
        out_.history.minor_or_new = flag(key, value);
      } else if (key == "step_kg") {
        out_.step_kg = number(key, value, 0.1, 50);
      } else if (key == "sets") {
        readSets(value);
      } else {
        note("unknown entry “" + key + "”.");
      }
    }
    if (!problem_.empty()) return wrong(problem_);
    return out_;
  }

 private:
  std::string file_, problem_;
  HistoryFile out_;

  tl::unexpected<Error> wrong(const std::string& what) const {
    return fail(Remedy::kCorrectInput, "“" + file_ + "”: " + what);
  }
  void note(const std::string& what) {
    if (problem_.empty()) problem_ = what;
  }
  double number(const std::string& key, const Json& value, double low, double high) {
    const double v = value.is_number() ? value.get<double>() : NAN;
    if (v >= low && v <= high) return v;
    char text[128];
    std::snprintf(text, sizeof text, "“%s” must be a number between %g and %g.", key.c_str(), low, high);
    note(text);
    return low;
  }
  bool flag(const std::string& key, const Json& value) {
    if (value.is_boolean()) return value.get<bool>();
    note("“" + key + "” must be true or false.");
    return false;
  }

  void readSets(const Json& list) {
    if (!list.is_array()) return note("“sets” must be a list.");
    for (const Json& entry : list) {
      if (!entry.is_object() || !entry.contains("day") || !entry.contains("load_kg") ||
          !entry.contains("reps"))
        return note("a set needs “day”, “load_kg” and “reps”.");
      DoneSet s;
      for (const auto& [key, value] : entry.items()) {
        if (key == "day") {
          const auto day = value.is_string() ? dayNamed(value.get<std::string>()) : std::nullopt;
          if (!day) return note("“day” must be a date like 2026-11-24.");
          s.day = *day;
        } else if (key == "load_kg") {
          s.load_kg = number(key, value, 0.1, 1000);
        } else if (key == "reps") {
          s.reps_done = static_cast<int>(number(key, value, 0, 100));
        } else if (key == "reps_asked") {
          s.reps_asked = static_cast<int>(number(key, value, 0, 100));
        } else if (key == "effort_asked") {
          s.effort_asked = number(key, value, 0, 10);
        } else if (key == "effort") {
          s.effort_felt = number(key, value, 0, 10);
        } else if (key == "effort_seen") {
          s.effort_seen = number(key, value, 0, 10);
        } else if (key == "ill") {
          s.ill = flag(key, value);
        } else if (key == "verdict") {
          s.filmed = true;
          bool known = false;
          for (const LoadAction a :
               {LoadAction::kAdd, LoadAction::kHold, LoadAction::kRepair, LoadAction::kCantTell})
            if (value == nameOf(a)) s.verdict = a, known = true;
          if (!known) note("“verdict” must be \"add\", \"hold\", \"repair\" or \"cant_tell\".");
        } else if (key == "speeds_ms") {
          readSpeeds(value, s);
        } else {
          note("unknown entry “" + key + "” in a set.");
        }
      }
      if (!entry.contains("reps_asked")) s.reps_asked = s.reps_done;
      out_.history.sets.push_back(std::move(s));
    }
    std::stable_sort(out_.history.sets.begin(), out_.history.sets.end(),
                     [](const DoneSet& a, const DoneSet& b) { return a.day < b.day; });
  }

  void readSpeeds(const Json& list, DoneSet& s) {
    if (!list.is_array()) return note("“speeds_ms” must be a list, one a rep.");
    // An error of a hundredth where none is given: that of a bar followed in a film.
    constexpr double kUsualSd_ms = 0.01;
    for (const Json& v : list) {
      if (v.is_number()) {
        s.speeds_ms.push_back({number("speeds_ms", v, 0, 5), kUsualSd_ms});
      } else if (v.is_array() && v.size() == 2) {
        s.speeds_ms.push_back({number("speeds_ms", v[0], 0, 5), number("speeds_ms", v[1], 0.001, 5)});
      } else {
        return note("each of “speeds_ms” must be a number, or [value, sd].");
      }
    }
  }
};

std::string text(const QString& words) {
  return words.toStdString();
}

double rounded(double v) {
  return std::round(v * 1000.0) / 1000.0 + 0.0;
}

Out toJson(const PlannedSet& s) {
  Out out = {{"role", nameOf(s.role)},
             {"load_kg", s.load_kg},
             {"sets", s.sets},
             {"reps", s.reps},
             {"effort", s.effort}};
  if (s.stop_below_ms) out["stop_below_ms"] = rounded(*s.stop_below_ms);
  return out;
}

Out toJson(const StrengthAt& at) {
  return {{"best_kg", rounded(at.best_kg.value)},
          {"sd_kg", rounded(at.best_kg.sd)},
          {"low_kg", rounded(at.low_kg)},
          {"high_kg", rounded(at.high_kg)}};
}

}  // namespace

Expected<HistoryFile> parseHistory(const std::string& text, const std::string& file_name) {
  return Reader(file_name).read(text);
}

Out toJson(const HistoryFile& file) {
  const LiftHistory& h = file.history;
  Out doc = {{"schema", "mottix.history/1"}, {"lift", nameOf(h.lift)}, {"step_kg", file.step_kg}};
  if (h.open_pain > 0) doc["open_pain"] = h.open_pain;
  if (h.ill) doc["ill"] = true;
  if (h.minor_or_new) doc["minor_or_new"] = true;
  doc["sets"] = Out::array();
  for (const DoneSet& s : h.sets) {
    Out set = {{"day", nameOf(s.day)},
               {"load_kg", s.load_kg},
               {"reps", s.reps_done},
               {"reps_asked", s.reps_asked},
               {"effort_asked", s.effort_asked}};
    if (s.effort_felt) set["effort"] = *s.effort_felt;
    if (s.effort_seen) set["effort_seen"] = *s.effort_seen;
    if (s.filmed) set["verdict"] = nameOf(s.verdict);
    if (s.ill) set["ill"] = true;
    if (!s.speeds_ms.empty()) {
      set["speeds_ms"] = Out::array();
      for (const Estimate& v : s.speeds_ms) set["speeds_ms"].push_back({v.value, v.sd});
    }
    doc["sets"].push_back(std::move(set));
  }
  return doc;
}

Out strengthJson(const LiftHistory& history, Day day) {
  const auto strength = estimateStrength(history.lift, strengthSetsOf(history));
  if (!strength) return nullptr;
  Out out = toJson(strength->at(std::max(day, history.sets.back().day)));
  out["gain_week_percent"] = {rounded(100.0 * strength->gain_week.value),
                              rounded(100.0 * strength->gain_week.sd)};
  out["relation"] = nameOf(strength->relation);
  out["relation_told_by_sets"] = strength->relation_told;
  out["sets"] = strength->sets;
  return out;
}

Out toJson(const NextSession& s, const LiftPlan& plan, const PlanGates& gates, Lift lift, Day day) {
  Out doc = {{"schema", "mottix.next/1"},
             {"lift", nameOf(lift)},
             {"day", nameOf(day)},
             {"plan", plan.id},
             {"sets", Out::array()},
             {"reason", nameOf(s.reason)},
             {"why", text(planReason(s, plan, gates))},
             {"gates", Out::array()},
             {"would_change", Out::array()},
             {"cautions", Out::array()}};
  for (const PlannedSet& set : s.sets) doc["sets"].push_back(toJson(set));
  for (const PlanReason gate : s.gates) doc["gates"].push_back(nameOf(gate));
  for (const ChangeIf change : s.would_change) doc["would_change"].push_back(nameOf(change));
  for (const Caution caution : s.cautions)
    doc["cautions"].push_back({{"id", nameOf(caution)}, {"words", text(cautionWords(caution))}});
  if (s.last_kg) doc["last_kg"] = *s.last_kg;
  if (s.cap_kg) doc["cap_kg"] = rounded(*s.cap_kg);
  return doc;
}

Out toJson(const AheadDocument& d) {
  Out doc = {{"schema", "mottix.plan/1"},       {"athlete", d.athlete},
             {"lift", nameOf(d.lift)},          {"plan", d.wish.plan->id},
             {"begins", nameOf(d.wish.begins)}, {"test", nameOf(d.wish.test)},
             {"weeks", Out::array()},           {"cautions", Out::array()}};
  for (const AheadWeek& w : d.ahead.weeks) {
    Out week = {{"monday", nameOf(w.monday)},
                {"block", nameOf(w.block)},
                {"days", Out::array()},
                {"sets", Out::array()},
                {"sum_kg", rounded(w.sum_kg)}};
    for (const Day day : w.days) week["days"].push_back(nameOf(day));
    for (const PlannedSet& set : w.sets) week["sets"].push_back(toJson(set));
    if (w.top_kg > 0.0) week["top_kg"] = w.top_kg;
    if (w.done_kg) week["done_kg"] = *w.done_kg;
    if (w.expected) week["expected"] = toJson(*w.expected);
    if (w.effort > 0.0) week["effort_expected"] = rounded(w.effort);
    if (w.missed) week["missed"] = true;
    if (w.moved) week["moved"] = true;
    doc["weeks"].push_back(std::move(week));
  }
  if (d.ahead.attempts)
    doc["attempts"] = {{"opener_kg", d.ahead.attempts->opener_kg},
                       {"second_kg", d.ahead.attempts->second_kg},
                       {"third_kg", d.ahead.attempts->third_kg}};
  if (d.wish.goal_kg) doc["goal_kg"] = *d.wish.goal_kg;
  if (d.ahead.goal_chance) doc["goal_chance"] = rounded(*d.ahead.goal_chance);
  for (const Caution caution : d.ahead.next.cautions)
    doc["cautions"].push_back({{"id", nameOf(caution)}, {"words", text(cautionWords(caution))}});
  return doc;
}

std::string toCsv(const AheadDocument& d) {
  std::string out =
      "monday,block,days,top_kg,sets,sum_kg,done_kg,expected_kg,expected_low_kg,expected_high_kg,effort\n";
  const auto number = [](double v) {
    char buffer[32];
    std::snprintf(buffer, sizeof buffer, "%.6g", v);
    return std::string(buffer);
  };
  for (const AheadWeek& w : d.ahead.weeks) {
    std::string days, sets;
    for (const Day day : w.days) days += (days.empty() ? "" : " ") + nameOf(day);
    for (const PlannedSet& s : w.sets)
      sets += (sets.empty() ? "" : " + ") + std::to_string(s.sets) + "x" + std::to_string(s.reps) + "x" +
              number(s.load_kg);
    out += nameOf(w.monday) + "," + std::string(nameOf(w.block)) + "," + days + "," +
           (w.top_kg > 0.0 ? number(w.top_kg) : "") + "," + sets + "," + number(w.sum_kg) + "," +
           (w.done_kg ? number(*w.done_kg) : "") + ",";
    out += w.expected ? number(w.expected->best_kg.value) + "," + number(w.expected->low_kg) + "," +
                            number(w.expected->high_kg)
                      : ",,";
    out += "," + (w.effort > 0.0 ? number(w.effort) : std::string()) + "\n";
  }
  return out;
}

std::string toCalendar(const AheadDocument& d, Day stamp) {
  const auto timeOf = [](Day day) {
    return icaltime_from_string(
        (nameOf(day).substr(0, 4) + nameOf(day).substr(5, 2) + nameOf(day).substr(8, 2)).c_str());
  };
  using Component = std::unique_ptr<icalcomponent, decltype(&icalcomponent_free)>;
  const Component calendar(icalcomponent_new(ICAL_VCALENDAR_COMPONENT), icalcomponent_free);
  icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
  icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Mottix//weeks ahead//EN"));
  icaltimetype written = timeOf(stamp);
  written.is_date = 0;
  written.zone = icaltimezone_get_utc_timezone();
  for (const AheadWeek& w : d.ahead.weeks)
    for (const Day day : w.days) {
      NextSession session;
      session.sets = w.sets;
      const bool test = w.block == BlockKind::kTest;
      if (!test && w.sets.empty()) continue;
      QString summary = liftWords(d.lift);
      if (!summary.isEmpty()) summary[0] = summary[0].toUpper();
      summary = (d.athlete.empty() ? QString() : QString::fromStdString(d.athlete) + QStringLiteral(": ")) +
                summary + (test ? QStringLiteral(", test") : QStringLiteral(", ") + sessionWords(session));
      QString description = blockWords(w.block);
      if (test && d.ahead.attempts) description += QStringLiteral(". ") + attemptsWords(*d.ahead.attempts);
      for (const Caution caution : d.ahead.next.cautions)
        description += QLatin1Char('\n') + cautionWords(caution);
      icalcomponent* event = icalcomponent_new(ICAL_VEVENT_COMPONENT);
      icalcomponent_add_property(
          event, icalproperty_new_uid((std::string(nameOf(d.lift)) + "-" + nameOf(day) + "-" +
                                       std::to_string(std::hash<std::string>()(d.athlete)) + "@mottix")
                                          .c_str()));
      icalcomponent_add_property(event, icalproperty_new_dtstamp(written));
      icalcomponent_add_property(event, icalproperty_new_dtstart(timeOf(day)));
      icalcomponent_add_property(event, icalproperty_new_dtend(timeOf(day + std::chrono::days(1))));
      icalcomponent_add_property(event, icalproperty_new_summary(text(summary).c_str()));
      icalcomponent_add_property(event, icalproperty_new_description(text(description).c_str()));
      icalcomponent_add_component(calendar.get(), event);
    }
  const std::unique_ptr<char, decltype(&std::free)> written_out(
      icalcomponent_as_ical_string_r(calendar.get()), std::free);
  return written_out ? written_out.get() : std::string();
}

}  // namespace mottix
