#include "report/athlete_document.h"

#include <algorithm>
#include <cmath>

#include <nlohmann/json.hpp>

namespace mottix {
namespace {

using Json = nlohmann::json;

constexpr double kTapeErrorM = 0.01;  // between two measurements of one length by hand with a tape

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
      out_.body = body;
    }
    for (const Complaint& c : out_.complaints)
      out_.athlete.open_pain = std::max(out_.athlete.open_pain, c.level);
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

  void readEntry(const std::string& key, const Json& value, BodyFacts& body) {
    if (key == "name") {
      if (!value.is_string()) return note("“name” must be a text.");
      out_.athlete.name = value.get<std::string>();
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
        body.measured[indexOf(*segment)] =
            BodyLength{{number(name, length) / 100.0, kTapeErrorM}, LengthSource::kByHand};
      }
    } else if (key == "complaints") {
      readComplaints(value);
    } else if (key == "step_kg") {
      out_.athlete.step_kg = number(key, value);
    } else if (key == "open_pain") {
      out_.athlete.open_pain = whole(key, value, 0, 10);
    } else if (key == "reps") {
      out_.reps_asked = whole(key, value, 0, 100);
    } else {
      note("unknown entry “" + key + "”.");
    }
  }

  void readComplaints(const Json& list) {
    if (!list.is_array()) return note("“complaints” must be a list.");
    for (const Json& entry : list) {
      if (!entry.is_object() || !entry.contains("joint") || !entry["joint"].is_string() ||
          !entry.contains("level"))
        return note("a complaint needs a “joint” and a “level”.");
      const auto joint = complaintJointNamed(entry["joint"].get<std::string>());
      if (!joint) return note("unknown joint “" + entry["joint"].get<std::string>() + "” in a complaint.");
      for (const auto& [key, value] : entry.items()) {
        if (key == "side" && value != "left" && value != "right" && value != "both")
          return note("the “side” of a complaint must be \"left\", \"right\" or \"both\".");
        if (key != "side" && key != "joint" && key != "level")
          return note("unknown entry “" + key + "” in a complaint.");
      }
      out_.complaints.push_back({*joint, whole("level", entry["level"], 0, 10)});
    }
  }
};

}  // namespace

Expected<AthleteFile> parseAthlete(const std::string& text, const std::string& file_name) {
  return Reader(file_name).read(text);
}

}  // namespace mottix
