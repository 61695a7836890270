// Sets written down on the floor, as coaches scribble them: "Runa squat 3x5 82.5 @8", "60x5, 70x5, 80x4/5
// @9.5 “left knee”".
//
// A set is load × reps or reps × load (the larger number is the load), several are sets × reps × load, or
// sets × reps with the load beside. `4/5`: four of five. `@8` how hard it was felt, `~9` how hard it looked.
// Groups are parted by commas; name, lift, variant and day hold on for the groups after. In quotes: a note.
// `ill`, `short sleep`, `no belt`, `other shoes`; `yesterday` or a date. What is not understood is said, and
// nothing is taken by half.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/log/log_query.h"

namespace mottix {

struct QuickSet {
  std::optional<AthleteId> athlete;
  Lift lift = Lift::kSquat;
  std::string variant;
  Day day;
  double load_kg = 0.0;
  int reps_asked = 0, reps_done = 0;
  std::optional<double> effort_felt, effort_seen;
  std::vector<Condition> conditions;
  std::string note;
  bool operator==(const QuickSet&) const = default;
};

struct QuickEntry {
  std::vector<QuickSet> sets;
  std::string wrong;  // what is missing or not understood, a whole sentence; empty: it can be written down
};

struct QuickDefaults {
  std::optional<AthleteId> athlete;
  std::optional<Lift> lift;
  std::string variant;
  Day today;
  double kg_per_unit = 1.0;
};
QuickEntry parseQuickEntry(std::string_view text, const std::vector<NamedAthlete>& athletes,
                           const QuickDefaults& defaults);

// Sets of one day for one athlete, as they are to be kept.
std::vector<SetRecord> recordsOf(const QuickEntry& entry, AthleteId athlete);

}  // namespace mottix
