// What a coach knows of an athlete beside the body: since when, what for, by which school, with what at hand.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/fit/fit_subject.h"

namespace mottix {

struct AthleteProfile {
  std::optional<int> birth_year;
  std::optional<int> lifts_since;  // year; the training age follows
  std::string goal;
  std::string test_day;  // of the next test or meet, ISO date; empty: none
  SquatSchool squat = SquatSchool::kBase;
  BenchSchool bench = BenchSchool::kBase;
  DeadliftSchool deadlift = DeadliftSchool::kBase;
  std::vector<Equipment> equipment;  // empty: not stated
  std::vector<Constraint> constraints;
  std::vector<std::string> layers = {};  // schools that answer other questions than the style, by name
  bool operator==(const AthleteProfile&) const = default;
};

// Years that contradict each other or today, a test day that is no date. `today` is an ISO date.
std::vector<FieldProblem> findProblems(const AthleteProfile& profile, const std::string& today);

// Under 18 by the year alone: a qualified person is present, range and load are scaled down first.
bool mayBeMinor(const AthleteProfile& profile, const std::string& today);

}  // namespace mottix
