// One line of the log: a set as the load, the story and the search look back on it, without its film, its
// tracks and its measures but the speeds of its reps.
#pragma once

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

#include "core/base/day.h"
#include "core/load/decide_load.h"
#include "core/log/records.h"

namespace mottix {

struct FoundInSet {
  std::string rule;
  Severity severity = Severity::kSmall;
  int reps = 0;  // on so many
  bool operator==(const FoundInSet&) const = default;
};

struct LogLine {
  SetId id{};
  AthleteId athlete{};
  Day day{};
  Lift lift = Lift::kSquat;
  std::string variant;
  double load_kg = 0.0;
  int reps_asked = 0, reps_done = 0;
  double effort_asked = 0.0;
  std::optional<double> effort_felt, effort_seen;
  bool filmed = false;
  std::optional<LoadAction> verdict;  // nothing: it was not measured
  LoadReason verdict_reason = LoadReason::kCouldNotJudge;
  std::vector<Estimate> speeds_ms;  // of the reps
  std::vector<FoundInSet> found;    // clearly, and not overruled
  std::string cue, note, equipment;
  std::optional<double> next_kg, suggested_kg;  // accepted, and what had been suggested then
  std::optional<SetupId> setup;
  std::vector<Condition> conditions;
  bool is(Condition c) const {
    return std::find(conditions.begin(), conditions.end(), c) != conditions.end();
  }
};

}  // namespace mottix
