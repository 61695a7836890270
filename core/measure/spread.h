// How a measure goes over the reps of one set.
#pragma once

#include <optional>
#include <vector>

#include "core/measure/measure.h"

namespace mottix {

struct Spread {
  double usual = 0.0;    // median over the reps
  double between = 0.0;  // standard deviation of single reps about it, robust (1.4826 × median deviation)
  int reps = 0;          // that have a value
  std::vector<int> unusual;  // numbers of reps that stand out from the others
};

// A rep stands out when it is farther from the others' median than three times what single reps scatter by,
// and farther than twice its stated error: errors that all reps share do not tell them apart, so that this is
// on the safe side. Nothing with fewer than two values; nothing stands out among fewer than five.
std::optional<Spread> spreadOver(const std::vector<Measure>& measures, MeasureId id);

}  // namespace mottix
