// What a cue did: how far it moved its fault from the set after which it was said to the next one.
//
// An effect is counted in parts of the way from a rule's limit to a big deviation, so that faults can be
// compared; positive is better. The effect of a cue on one athlete is estimated by Bayes' rule with normal
// distributions throughout (key gelman2013, chapter 5): cues scatter about an effect of a third of that way
// by half of it; athletes scatter about a cue's effect by a third; a single trial scatters by its measuring
// error and by what sets differ anyway. A fault is answered when it was great, so that it would be less the
// next time by chance: what faults did that nobody said anything about is taken off. (Own choices: the
// scatters, which matter only as long as there are few trials.)
#pragma once

#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/estimate.h"

namespace mottix {

// A fault in one set, and the same thing measured in the next of the same athlete, lift and variant.
struct CueTrial {
  std::string cue;                      // said in between; empty: nothing was said about it
  std::string rule;                     // the fault
  bool mine = false;                    // of the athlete at hand
  Estimate effect;                      // as above
  std::vector<std::string> new_faults;  // clear ones that were not there before
};
using CueHistory = std::vector<CueTrial>;

// From one set to the next, of a measure whose limit and big deviation are these; `either`: by its size.
Estimate effectOf(const Estimate& before, const Estimate& after, double limit, double big,
                  bool either = false);

struct CueEstimate {
  Estimate effect;                          // on the athlete at hand
  int told = 0, helped = 0;                 // by this athlete: times said, and times the fault got less
  int told_house = 0, helped_house = 0;     // by everybody
  bool too_early = true;                    // to say whether it helps this athlete
  double helps = 0.5;                       // probability that it does
  std::map<std::string, int> side_effects;  // faults that came with it, in how many trials of the house
};

// From so many trials on, by athlete or house, and so surely, a cue is said to help or not to.
inline constexpr int kFewestTrials = 3;
inline constexpr double kSureOfEffect = 0.9;

CueEstimate estimateCue(const CueHistory& history, std::string_view cue, std::string_view rule);

}  // namespace mottix
