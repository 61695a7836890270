// How two reps, or two sets, differ: every measure of both, with the error of the difference.
//
// Of two reps of one film most of the camera's and of the hand's error is the same and drops out: the
// difference is propagated as one reading. Of two films it is not, and both errors count.
#pragma once

#include <vector>

#include "core/measure/measure_set.h"

namespace mottix {

struct Difference {
  MeasureId id = MeasureId::kHipBelowKnee;
  Estimate first, second;
  Estimate by;  // second minus first

  double inErrors() const { return by.sd > 0.0 ? by.value / by.sd : 0.0; }
  // Its size against what an error may be before the measure says nothing: a millimetre more that is known
  // to a tenth of one is sure, and nothing to talk about.
  double size() const;
  // With 95 % probability not nothing.
  bool clear() const { return inErrors() > 1.96 || inErrors() < -1.96; }
};

// One rep against another of the same film; measures that either does not have are left out.
std::vector<Difference> differencesInFilm(const MeasureInput& input, const std::vector<Rep>& reps,
                                          const std::vector<Measure>& measures, int first, int second);
// Reps of two films of one lift, from one side.
std::vector<Difference> differencesOfReps(const std::vector<Measure>& first, int first_rep,
                                          const std::vector<Measure>& second, int second_rep);
// Two sets: their reps' medians. What all reps of a film share stays in the error, what single reps scatter
// by is divided by their number.
std::vector<Difference> differencesOfSets(const std::vector<Measure>& first,
                                          const std::vector<Measure>& second);

// Those worth saying, the largest first, of measures that say nearly the same only one. Among some fifty
// comparisons a few are clear by chance: what is said is beyond three standard deviations, which happens by
// chance in one film of eight.
std::vector<Difference> worthSaying(std::vector<Difference> all, std::size_t at_most);

}  // namespace mottix
