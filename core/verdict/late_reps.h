// What changes from the first reps of a set to the last: what tires, and by how much.
#pragma once

#include <vector>

#include "core/measure/difference.h"
#include "core/verdict/analysis.h"

namespace mottix {

// Fewer reps have no early and late ones.
inline constexpr int kRepsForLate = 3;

// The mean of the last third of the whole reps against that of the first, of each measure that a rule in
// force judges and of the mean speed. Of one film most of the camera's and of the hand's error is the same
// and drops out. Said is what is larger than chance among so many comparisons allows (three standard
// deviations, as in core/measure/difference.h) and large enough to matter: half of what lies between a rule's
// limit and a big deviation, or a tenth of the speed; the most certain first, of measures that say nearly the
// same only one.
std::vector<Difference> findLateChanges(const RuleBook& book, const Analysis& analysis, const JudgedSet& set,
                                        std::size_t at_most = 3);

}  // namespace mottix
