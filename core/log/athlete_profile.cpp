#include "core/log/athlete_profile.h"

#include <cstdlib>

namespace mottix {
namespace {

int yearOf(const std::string& iso_day) {
  return std::atoi(iso_day.substr(0, 4).c_str());
}

}  // namespace

std::vector<FieldProblem> findProblems(const AthleteProfile& p, const std::string& today) {
  std::vector<FieldProblem> problems;
  const int this_year = yearOf(today);
  constexpr int kOldest = 110, kYoungest = 5;
  if (p.birth_year && (*p.birth_year < this_year - kOldest || *p.birth_year > this_year - kYoungest))
    problems.push_back({"birth_year", "The year of birth is not between " +
                                          std::to_string(this_year - kOldest) + " and " +
                                          std::to_string(this_year - kYoungest) + "."});
  if (p.lifts_since && (*p.lifts_since > this_year || *p.lifts_since < this_year - kOldest))
    problems.push_back({"lifts_since", "The year of the first training is not between " +
                                           std::to_string(this_year - kOldest) + " and " +
                                           std::to_string(this_year) + "."});
  else if (p.lifts_since && p.birth_year && *p.lifts_since < *p.birth_year + kYoungest)
    problems.push_back({"lifts_since", "Training since " + std::to_string(*p.lifts_since) +
                                           " does not go with a birth in " + std::to_string(*p.birth_year) +
                                           "."});
  if (!p.test_day.empty() && !isIsoDate(p.test_day))
    problems.push_back({"test_day", "The test day is no date; write it like 2027-03-20."});
  return problems;
}

bool mayBeMinor(const AthleteProfile& p, const std::string& today) {
  return p.birth_year && yearOf(today) - *p.birth_year <= 18;
}

}  // namespace mottix
