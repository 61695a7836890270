// What the log tells of cues: each set with a fault, what was said after it, and the next like set.
#pragma once

#include <span>

#include "core/cue/cue_book.h"
#include "core/log/judging.h"

namespace mottix {

struct CueSet {
  AthleteId athlete{};
  std::string cue;  // said after it; empty: none
  PastSet seen;
};

// Sets oldest first. The next set of the same athlete, lift, variants and view within it counts; a cue is
// tried on every clear fault that it is for. A fault that is not measured again makes no trial.
CueHistory cueTrials(std::span<const CueSet> sets, AthleteId mine, const RuleBook& rules,
                     const CueBook& cues);

}  // namespace mottix
