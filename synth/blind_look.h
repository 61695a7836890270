// The clips of a blind look: a lift of three or four reps with no fault, one or two, of known size.
#pragma once

#include "core/verdict/analysis.h"
#include "synth/faults.h"

namespace mottix {

struct PlantedFault {
  const FaultKind* kind = nullptr;
  double size = 0.0;      // in the kind's unit
  std::vector<int> reps;  // from 1
};

struct BlindClip {
  FilmPlan plan;
  std::vector<PlantedFault> planted;
  // As rule books tell variants apart: presses are paused ones, so that a pause is asked for.
  std::vector<std::string> variants;
};

// The same seed gives the same clip. One in four has no fault; sizes run from well below what is called a
// fault to the largest there are, so that an eye is tried where it begins to see. `width_px`: of a picture
// of 16 to 9, of which no side may be odd.
BlindClip drawBlindClip(std::uint32_t seed, Lift lift, View view, int width_px = 960);

// What is measured in it, from where everything truly is.
struct MeasuredClip {
  ClipTracks tracks;
  Expected<Analysis> analysis;
};
MeasuredClip measureBlindClip(const BlindClip& clip, const RuleBook& book = builtInRuleBook());

// Faults that show from there, well enough to be measured.
std::vector<const FaultKind*> faultsSeen(Lift lift, View view);

}  // namespace mottix
