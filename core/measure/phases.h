// A set as a coach walks through it: what is going on in every picture.
//
// Squat and bench press: the bar is taken out and carried to its place (before the first rep), the lifter
// settles, the bar goes down, turns or is held, goes up through a sticking region where there is one, and is
// locked out; at the end it is put back. Deadlift: set-up, from the floor to the knee, from the knee to
// lock-out, the hold, down to the knee, from the knee to the floor, and the reset. That slack is taken out of
// a bar does not show in its way; how far hips rise before it does is a measure (hips_before_bar).
#pragma once

#include <string_view>
#include <vector>

#include "core/measure/measure_set.h"

namespace mottix {

enum class PhaseKind {
  kTakingOut,     // unrack and walk-out
  kSettling,      // set-up before the first rep
  kDown,          // to the turn; of a deadlift until the knee is passed
  kDownFromKnee,  // deadlift
  kTurn,          // held at the turn
  kUp,            // of a deadlift until the knee is passed
  kSticking,
  kUpFromKnee,  // deadlift
  kLockout,     // between reps; of a deadlift held on top
  kReset,       // deadlift: on the floor between reps
  kPuttingBack
};
std::string_view nameOf(PhaseKind kind);

struct Phase {
  PhaseKind kind = PhaseKind::kSettling;
  int rep = 0;                      // zero before the first and after the last
  std::size_t first = 0, last = 0;  // pictures, both included
};

// In order; they cover the film from its first picture to its last.
std::vector<Phase> findPhases(const MeasureInput& input, const std::vector<Rep>& reps);

}  // namespace mottix
