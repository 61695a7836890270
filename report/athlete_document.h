// The athlete file: JSON, described by docs/athlete.schema.json.
//
//   {"name": …, "sex": "female"|"male", "height_cm": …, "mass_kg": …, "lengths_cm": {"thigh": …, …},
//    "knee_to_wall_cm": …, "complaints": [{"joint": "knee", "side": "left", "level": 4}], …}
//
// Everything may be left out; who needs a part says so. A length is a number (measured by hand) or
// {"cm": …, "sd_cm": …, "source": "by_hand"|"from_clip"}. Failure: an Error that names the file, the entry,
// the reason and what would be believed; nothing is changed to fit.
#pragma once

#include <string>

#include <nlohmann/json_fwd.hpp>

#include "core/base/error.h"
#include "core/log/records.h"

namespace mottix {

struct AthleteFile {
  AthleteRecord record;  // without set-ups; the body only with a height
  int reps_asked = 0;
};
Expected<AthleteFile> parseAthlete(const std::string& text, const std::string& file_name);
// The same layout; what parseAthlete reads back is the record (without its set-ups).
nlohmann::ordered_json toJson(const AthleteRecord& record);

}  // namespace mottix
