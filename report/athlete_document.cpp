#include "report/athlete_document.h"

#include <algorithm>
#include <cmath>

#include <nlohmann/json.hpp>

namespace mottix {
namespace {

using Json = nlohmann::json;

// Reads one file; the first thing wrong is kept.
class Reader {
 public:
  explicit Reader(std::string file_name) : file_(std::move(file_name)) {}

  Expected<AthleteFile> read(const std::string& text) {
    const Json doc = Json::parse(text, nullptr, false);
    if (doc.is_discarded() || !doc.is_object()) return wrong("this is not a JSON object.");
    BodyFacts body;
    for (const auto& [key, value] : doc.items()) readEntry(key, value, body);
    if (!problem_.empty()) return wrong(problem_);
    const bool has_body =
        doc.contains("mass_kg") || doc.contains("lengths_cm") || doc.contains("knee_to_wall_cm");
    if (!doc.contains("height_cm") && has_body) return wrong("“height_cm” is missing; the body needs it.");
    if (doc.contains("height_cm")) {
      for (const FieldProblem& p : findProblems(body)) return wrong("“" + p.field + "”: " + p.text);
      out_.record.body = body;
    }
    for (const ComplaintRecord& c : out_.record.complaints)
      if (c.closed.empty())
        out_.record.athlete.worst_complaint = std::max(out_.record.athlete.worst_complaint, c.what.level);
    return out_;
  }

 private:
  std::string file_, problem_;
  AthleteFile out_;

  tl::unexpected<Error> wrong(const std::string& what) const {
    return fail(Remedy::kCorrectInput, "“" + file_ + "”: " + what);
  }
  void note(const std::string& what) {
    if (problem_.empty()) problem_ = what;
  }
  double number(const std::string& key, const Json& value) {
    if (value.is_number() && std::isfinite(value.get<double>())) return value.get<double>();
    note("“" + key + "” must be a number.");
    return 0.0;
  }
  int whole(const std::string& key, const Json& value, int low, int high) {
    const double v = number(key, value);
    if (v != std::floor(v) || v < low || v > high) {
      note("“" + key + "” must be a whole number between " + std::to_string(low) + " and " +
           std::to_string(high) + ".");
      return low;
    }
    return static_cast<int>(v);
  }
  std::string words(const std::string& key, const Json& value) {
    if (value.is_string()) return value.get<std::string>();
    note("“" + key + "” must be a text.");
    return {};
  }
  std::string day(const std::string& key, const Json& value) {
    const std::string text = words(key, value);
    if (!isIsoDate(text)) note("“" + key + "” must be a date like 2026-11-24.");
    return text;
  }
  template <typename Named>
  auto choice(const std::string& key, const Json& value, Named&& named) {
    const std::string text = words(key, value);
    const auto found = named(text);
    if (!found) note("“" + text + "” is not known for “" + key + "”.");
    return found;
  }
  template <typename Value, typename Named>
  void choices(const std::string& key, const Json& list, Named&& named, std::vector<Value>& into) {
    if (!list.is_array()) return note("“" + key + "” must be a list.");
    for (const Json& entry : list)
      if (const auto v = choice(key, entry, named)) into.push_back(*v);
  }

  void readEntry(const std::string& key, const Json& value, BodyFacts& body) {
    Athlete& athlete = out_.record.athlete;
    AthleteProfile& profile = athlete.profile;
    if (key == "name") {
      athlete.name = words(key, value);
    } else if (key == "note") {
      athlete.note = words(key, value);
    } else if (key == "birth_year") {
      profile.birth_year = whole(key, value, 1900, 2100);
    } else if (key == "lifts_since") {
      profile.lifts_since = whole(key, value, 1900, 2100);
    } else if (key == "goal") {
      profile.goal = words(key, value);
    } else if (key == "test_day") {
      profile.test_day = day(key, value);
    } else if (key == "schools") {
      readSchools(value, profile);
    } else if (key == "equipment") {
      choices(key, value, equipmentNamed, profile.equipment);
    } else if (key == "constraints") {
      choices(key, value, constraintNamed, profile.constraints);
    } else if (key == "layers") {
      const auto layer = [](const std::string& name) {
        return findSchool(name) != nullptr ? std::optional(name) : std::nullopt;
      };
      choices(key, value, layer, profile.layers);
    } else if (key == "sex") {
      if (value == "female" || value == "male")
        body.sex = value == "female" ? Sex::kFemale : Sex::kMale;
      else
        note("“sex” must be \"female\" or \"male\", or be left out.");
    } else if (key == "height_cm") {
      body.height_m = number(key, value) / 100.0;
    } else if (key == "mass_kg") {
      body.mass_kg = number(key, value);
    } else if (key == "knee_to_wall_cm") {
      body.knee_to_wall_m = number(key, value) / 100.0;
    } else if (key == "lengths_cm") {
      if (!value.is_object()) return note("“lengths_cm” must be an object of lengths.");
      for (const auto& [name, length] : value.items()) {
        const auto segment = segmentNamed(name);
        if (!segment) return note("unknown length “" + name + "”.");
        body.measured[indexOf(*segment)] = readLength(name, length);
      }
    } else if (key == "complaints") {
      readComplaints(value);
    } else if (key == "screens") {
      readScreens(value);
    } else if (key == "step_kg") {
      athlete.step_kg = number(key, value);
    } else if (key == "open_pain") {
      athlete.open_pain = whole(key, value, 0, 10);
    } else if (key == "reps") {
      out_.reps_asked = whole(key, value, 0, 100);
    } else {
      note("unknown entry “" + key + "”.");
    }
  }

  void readSchools(const Json& schools, AthleteProfile& profile) {
    if (!schools.is_object()) return note("“schools” must be an object, one school a lift.");
    for (const auto& [lift, value] : schools.items()) {
      if (lift == "squat")
        profile.squat = choice(lift, value, squatSchoolNamed).value_or(SquatSchool::kBase);
      else if (lift == "bench")
        profile.bench = choice(lift, value, benchSchoolNamed).value_or(BenchSchool::kBase);
      else if (lift == "deadlift")
        profile.deadlift = choice(lift, value, deadliftSchoolNamed).value_or(DeadliftSchool::kBase);
      else
        note("unknown lift “" + lift + "” in “schools”.");
    }
  }

  BodyLength readLength(const std::string& name, const Json& length) {
    BodyLength out{{0.0, kTapeError_m}, LengthSource::kByHand};
    if (!length.is_object()) {
      out.m.value = number(name, length) / 100.0;
      return out;
    }
    if (!length.contains("cm")) note("the length “" + name + "” needs a “cm”.");
    for (const auto& [key, value] : length.items()) {
      if (key == "cm")
        out.m.value = number(name, value) / 100.0;
      else if (key == "sd_cm")
        out.m.sd = number(name, value) / 100.0;
      else if (key == "source" && (value == "by_hand" || value == "from_clip"))
        out.source = value == "by_hand" ? LengthSource::kByHand : LengthSource::kFromClip;
      else
        note("“" + key + "” of the length “" + name +
             "” is not understood; “cm”, “sd_cm” and “source” (\"by_hand\" or \"from_clip\") are.");
    }
    if (!(out.m.sd > 0.0)) note("the “sd_cm” of the length “" + name + "” must be above zero.");
    return out;
  }

  void readComplaints(const Json& list) {
    if (!list.is_array()) return note("“complaints” must be a list.");
    for (const Json& entry : list) {
      if (!entry.is_object() || !entry.contains("joint") || !entry.contains("level"))
        return note("a complaint needs a “joint” and a “level”.");
      ComplaintRecord c;
      for (const auto& [key, value] : entry.items()) {
        if (key == "joint")
          c.what.joint = choice(key, value, complaintJointNamed).value_or(ComplaintJoint::kKnee);
        else if (key == "level")
          c.what.level = whole(key, value, 0, 10);
        else if (key == "side" && (value == "left" || value == "right" || value == "both"))
          c.side = value.get<std::string>();
        else if (key == "side")
          note("the “side” of a complaint must be \"left\", \"right\" or \"both\".");
        else if (key == "opened")
          c.opened = day(key, value);
        else if (key == "closed")
          c.closed = day(key, value);
        else
          note("unknown entry “" + key + "” in a complaint.");
      }
      out_.record.complaints.push_back(c);
    }
  }

  void readScreens(const Json& list) {
    if (!list.is_array()) return note("“screens” must be a list.");
    for (const Json& entry : list) {
      if (!entry.is_object() || !entry.contains("screen") || !entry.contains("day") ||
          !entry.contains("answers") || !entry["answers"].is_object())
        return note("a screen needs “screen”, “day” and “answers”.");
      ScreenResult r;
      r.screen = choice("screen", entry["screen"], screenNamed).value_or(Screen::kToeTouch);
      r.day = day("day", entry["day"]);
      const auto questions = questionsOf(r.screen);
      r.answers.resize(questions.size());
      for (const auto& [id, value] : entry["answers"].items()) {
        const auto at = std::find_if(questions.begin(), questions.end(),
                                     [&, &wanted = id](const ScreenQuestion& q) { return q.id == wanted; });
        if (at == questions.end()) return note("unknown question “" + id + "” in a screen.");
        const auto k = static_cast<std::size_t>(at - questions.begin());
        if (at->kind == AnswerKind::kYesNo) {
          if (!value.is_boolean()) return note("the answer to “" + id + "” must be true or false.");
          r.answers[k] = value.get<bool>() ? 1.0 : 0.0;
        } else {
          r.answers[k] = number(id, value);
        }
      }
      for (const FieldProblem& p : findProblems(r)) note("“" + p.field + "” in a screen: " + p.text);
      out_.record.screens.push_back(r);
    }
  }
};

// To a tenth of a millimetre: finer is noise of the unit's change.
double rounded(double v) {
  return std::round(v * 1e4) / 1e4 + 0.0;
}

}  // namespace

Expected<AthleteFile> parseAthlete(const std::string& text, const std::string& file_name) {
  return Reader(file_name).read(text);
}

nlohmann::ordered_json toJson(const AthleteRecord& record) {
  using Out = nlohmann::ordered_json;
  Out doc = Out::object();
  const Athlete& a = record.athlete;
  const AthleteProfile& p = a.profile;
  auto namesOf = [](const auto& values) {
    Out list = Out::array();
    for (const auto& v : values) list.push_back(nameOf(v));
    return list;
  };
  doc["name"] = a.name;
  if (!a.note.empty()) doc["note"] = a.note;
  if (p.birth_year) doc["birth_year"] = *p.birth_year;
  if (p.lifts_since) doc["lifts_since"] = *p.lifts_since;
  if (!p.goal.empty()) doc["goal"] = p.goal;
  if (!p.test_day.empty()) doc["test_day"] = p.test_day;
  doc["schools"] = {{"squat", nameOf(p.squat)}, {"bench", nameOf(p.bench)}, {"deadlift", nameOf(p.deadlift)}};
  if (!p.equipment.empty()) doc["equipment"] = namesOf(p.equipment);
  if (!p.constraints.empty()) doc["constraints"] = namesOf(p.constraints);
  if (!p.layers.empty()) doc["layers"] = p.layers;
  if (record.body && findProblems(*record.body).empty()) {
    const BodyFacts& b = *record.body;
    if (b.sex != Sex::kUnstated) doc["sex"] = nameOf(b.sex);
    doc["height_cm"] = rounded(100.0 * b.height_m);
    if (b.mass_kg) doc["mass_kg"] = *b.mass_kg;
    Out lengths = Out::object();
    for (std::size_t i = 0; i < kSegmentCount; ++i)
      if (const auto& l = b.measured[i])
        lengths[std::string(nameOf(static_cast<Segment>(i)))] = {{"cm", rounded(100.0 * l->m.value)},
                                                                 {"sd_cm", rounded(100.0 * l->m.sd)},
                                                                 {"source", nameOf(l->source)}};
    if (!lengths.empty()) doc["lengths_cm"] = lengths;
    if (b.knee_to_wall_m) doc["knee_to_wall_cm"] = rounded(100.0 * *b.knee_to_wall_m);
  }
  Out complaints = Out::array();
  for (const ComplaintRecord& c : record.complaints) {
    Out entry = {{"joint", nameOf(c.what.joint)}, {"level", c.what.level}};
    if (!c.side.empty()) entry["side"] = c.side;
    if (!c.opened.empty()) entry["opened"] = c.opened;
    if (!c.closed.empty()) entry["closed"] = c.closed;
    complaints.push_back(entry);
  }
  if (!complaints.empty()) doc["complaints"] = complaints;
  Out screens = Out::array();
  for (const ScreenResult& r : record.screens) {
    Out answers = Out::object();
    const auto questions = questionsOf(r.screen);
    for (std::size_t i = 0; i < std::min(questions.size(), r.answers.size()); ++i) {
      if (!r.answers[i]) continue;
      if (questions[i].kind == AnswerKind::kYesNo)
        answers[std::string(questions[i].id)] = *r.answers[i] == 1.0;
      else
        answers[std::string(questions[i].id)] = *r.answers[i];
    }
    screens.push_back({{"screen", nameOf(r.screen)}, {"day", r.day}, {"answers", answers}});
  }
  if (!screens.empty()) doc["screens"] = screens;
  doc["step_kg"] = a.step_kg;
  if (a.open_pain > 0) doc["open_pain"] = a.open_pain;
  return doc;
}

}  // namespace mottix
