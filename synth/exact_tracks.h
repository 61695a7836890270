// The tracks of a planned lift as they truly are in its film: what a tracker and a careful hand would give if
// they did not err. The errors that are stated with them are a small part of a pixel to one.
#pragma once

#include "core/verdict/analysis.h"
#include "synth/film_maker.h"

namespace mottix {

struct ExactClip {
  ClipTracks tracks;
  std::optional<AxisSeen> axis;  // of a bar that points at the camera
};

// Of a camera on a stand whose lens does not bend; the plan must be valid. Filmed across, joints of either
// side are there, otherwise the near side's and the back's.
ExactClip exactTracks(const FilmPlan& plan);

}  // namespace mottix
