// Which lift it is, from the bar's height alone: for a film of which nobody has said it yet.
//
// A deadlift begins and ends with the bar at its lowest, on the floor; a squat and a bench press with the bar
// at its highest. How far the bar goes tells these two apart: a press goes an arm's length less the depth of
// the chest (0.33 of the height less about 0.23 m, so 0.30-0.45 m, arched backs and wide grips less), a squat
// to depth lowers the hips by about a thigh and the bar with them (0.30-0.38 of the height, 0.50-0.72 m);
// segment lengths as in bibliography.md (winter2009), the spreads round them are own allowances.
#pragma once

#include <optional>

#include "core/motion/rep_finder.h"

namespace mottix {

struct LiftGuess {
  Lift lift = Lift::kSquat;
  double probability = 0.0;  // of this lift among the three
  bool sure() const { return probability >= 0.9; }
};

// Nothing when the bar hardly moves or was hardly seen.
std::optional<LiftGuess> guessLift(const BarHeight& bar, const RepFinderOptions& options = {});

}  // namespace mottix
