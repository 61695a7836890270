// Several lifters on one bar: in which order loads are hung on it, so that little is carried about.
//
// Each lifter's own sets keep their order. Of the sets that could be next the one that needs the fewest
// plates moved is taken; of two alike another lifter's than the last one's, then the one who has most to do.
#pragma once

#include <span>
#include <vector>

#include "core/load/lift_plan.h"

namespace mottix {

struct BarStep {
  std::size_t lifter = 0;  // index of who was given
  Loading loading;
  int reps = 0;
  bool warm_up = false;
};

struct BarTurn {
  BarStep step;
  std::vector<PlateKind> off, on;  // of each side, before it; `count` of each
  bool other_bar = false;          // than the turn before: all its plates come off
  int moved() const;               // plates a side, and two more for another bar
};

// The steps of one lifter: warm-ups to the first heavy set, then each set. kCorrectInput as loadPlates.
Expected<std::vector<BarStep>> stepsOf(std::size_t lifter, const std::vector<PlannedSet>& sets,
                                       const Gear& gear, const Rigging& on);
// `lifters`: each one's steps in their order.
std::vector<BarTurn> loadingOrder(const std::vector<std::vector<BarStep>>& lifters);
// What comes off and goes on from one load to the next: plates inside of others stay.
BarTurn turnBetween(const std::optional<Loading>& before, const BarStep& step);

}  // namespace mottix
