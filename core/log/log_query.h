// What is searched for in the log: "sets where hips rose first above effort 8".
//
// As typed: lift, variant and athlete by their words, a fault by those of its rule, `effort`, `load` and
// `reps` with above, below, at least, at most or a bare number, a date or a year, `since` and `before`,
// `last 6 weeks`, `missed`, `ill`, `with film`, `held`, `cut`. Words it does not know are looked for in cues
// and notes. All of what is said has to hold.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/log/log_line.h"

namespace mottix {

struct LogQuery {
  std::optional<AthleteId> athlete;
  std::optional<Lift> lift;
  std::string variant;                // part of its words
  std::vector<std::string> any_rule;  // one of them was clearly found
  std::optional<double> effort_from, effort_to, load_from_kg, load_to_kg;
  std::optional<int> reps_from, reps_to;
  std::optional<Day> since, until;  // both included
  std::optional<LoadAction> verdict;
  bool missed = false, filmed = false;
  std::optional<Condition> condition;
  std::vector<std::string> words;  // in cue or note, each of them
  std::vector<std::string> said;   // how it was understood, part by part, in words
  int most = 0;                    // the newest so many; 0: all
};

struct NamedAthlete {
  AthleteId id;
  std::string name;
};
// `kg_per_unit`: loads are typed in this unit. `today`: for "last 6 weeks". Never fails: what it does not
// understand is a word.
LogQuery parseQuery(std::string_view text, const std::vector<NamedAthlete>& athletes, const RuleBook& book,
                    Day today, double kg_per_unit = 1.0);

}  // namespace mottix
