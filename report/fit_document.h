// The set-up for one body and lift as a document: JSON ("mottix.fit/1", described by docs/fit.schema.json).
// Lengths in cm, angles in degrees, moments in N·m. A posture that does not exist has no numbers.
#pragma once

#include <string>

#include <nlohmann/json_fwd.hpp>

#include "core/fit/suggest_setup.h"

namespace mottix {

inline constexpr std::string_view kFitSchema = "mottix.fit/1";

// `name` of the athlete; may be empty.
nlohmann::ordered_json toJson(const std::string& name, const Body& body, SquatSchool school,
                              const SquatFit& fit);
nlohmann::ordered_json toJson(const std::string& name, const Body& body, DeadliftSchool school,
                              const DeadliftFit& fit);
nlohmann::ordered_json toJson(const std::string& name, const Body& body, BenchSchool school,
                              const BenchFit& fit);

}  // namespace mottix
