// The athlete file: JSON, described by docs/athlete.schema.json.
//
//   {"name": …, "sex": "female"|"male", "height_cm": …, "mass_kg": …, "lengths_cm": {"thigh": …, …},
//    "knee_to_wall_cm": …, "complaints": [{"joint": "knee", "side": "left", "level": 4}],
//    "step_kg": …, "open_pain": …, "reps": …}
//
// Everything may be left out; who needs a part says so. Failure: an Error that names the file, the entry, the
// reason and what would be believed; nothing is changed to fit.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/base/error.h"
#include "core/body/athlete_body.h"
#include "core/fit/suggest_setup.h"
#include "core/log/records.h"

namespace mottix {

struct AthleteFile {
  Athlete athlete;  // open pain: the highest of its own entry and the complaints
  int reps_asked = 0;
  std::optional<BodyFacts> body;  // only with a height
  std::vector<Complaint> complaints;
};
Expected<AthleteFile> parseAthlete(const std::string& text, const std::string& file_name);

}  // namespace mottix
