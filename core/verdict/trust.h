// How far one clip can be trusted: which single piece of knowledge would make its depth reading surer.
//
// For each link (the joints as placed, the camera's distance, turn, tilt, the plate's edge) the depth of one
// rep is read once more as if that link were known exactly: its error drops to `sd_if_known_cm`. Correlations
// between the camera's values are kept (conditioning of a Gaussian), so that what another ruler already told
// is not counted again. The weakest link is the one whose knowledge would help most.
#pragma once

#include <optional>
#include <span>
#include <string_view>

#include "core/measure/measure_set.h"

namespace mottix {

enum class TrustLink {
  kJoints,     // where they are placed in the picture
  kDistance,   // of the camera, and with it the scale at the body
  kTurn,       // of the camera against the bar
  kTilt,       // of the picture against the vertical
  kPlateEdge,  // the plate's radius in the picture
};
std::string_view nameOf(TrustLink link);

struct Trust {
  Estimate depth_cm;  // hip below knee, in the rep in the middle of the set
  TrustLink weakest = TrustLink::kJoints;
  double sd_if_known_cm = 0.0;
};

// Nothing without joints or reps: there is no depth then.
std::optional<Trust> findWeakestLink(const MeasureInput& input, const std::vector<Rep>& reps);

}  // namespace mottix
