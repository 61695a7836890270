// From a film to tracks: decode once, follow the bar; carry the joints when the coach has placed them.
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/log/records.h"
#include "core/verdict/analysis.h"
#include "vision/film.h"
#include "vision/joint_carrier.h"
#include "vision/plate_tracker.h"

namespace mottix {

// Name and version of the trackers, kept beside stored tracks.
inline constexpr std::string_view kTrackerVersion =
    "disc-outline/6 sleeve-end/1 far-plate/2 bar-ends/2 spot/1 shake/2 uprights/1 lens/1 leg-flow/7 "
    "seen-joints/5 "
    "across-joints/1";
// Beside tracks of which only the bar has been followed so far.
inline constexpr std::string_view kBarTrackerVersion =
    "disc-outline/6 sleeve-end/1 far-plate/2 bar-ends/2 spot/1 shake/2 uprights/1 lens/1";

struct ClipTracking {
  ClipFacts facts;
  ClipTracks tracks;  // without joints until they are carried
  std::optional<AxisSeen> axis;
  bool two_plates = false;
};

struct TrackSettings {
  LoadedBar bar;
  View view =
      View::kUnknown;  // unknown: what is seen decides, from the side or with the bar across the picture
  std::optional<PlateSeed> seed;
  PlateTrackOptions plate;
};

// Follows the bar through the film; an empty bar or dumbbells need a seed. Memory does not grow with the film
// beyond a few hundred bytes a frame.
Expected<ClipTracking> trackBar(const std::filesystem::path& path, const TrackSettings& settings = {},
                                const Progress& progress = {});

// Carries the joints of `first` through the film, read along the way by `network` (none: by what moves alone;
// see trackPlacedJoints, which does all that is known). `raw` receives the carried tracks before corrections,
// so that a later correction needs no film. `wide_stance`: of a deadlift, sumo.
Expected<void> trackJoints(const std::filesystem::path& path, const ClipTracking& clip,
                           const LoadedBar& loaded, Lift lift, Facing facing, const PlacedPoints& first,
                           BodyPointNetwork* network, JointTracks& raw, const Progress& progress = {},
                           bool wide_stance = false);

// Carries the points of the back that were placed (backOf) through a clip whose joints are known: adds them
// to `raw`. `placed` and `found` as for layCorrections.
Expected<void> trackBack(const std::filesystem::path& path, const ClipTracking& clip, const LoadedBar& loaded,
                         Facing facing, const SetEdit& edit, const FoundSpread& found, JointTracks& raw,
                         const Progress& progress = {});

}  // namespace mottix
