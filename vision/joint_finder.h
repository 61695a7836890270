// The lifter's joints, placed without the coach: a keypoint network looks at some pictures of the film, and
// the body is solved for from all of them (core/motion/seen_joints.h).
//
// Of a squat it looks at pauses between the reps and the way down and up, of a bench press at the pauses with
// straight arms, of a deadlift at lock-out and before the lifter bends down (core/motion/pulled_joints.h);
// about twenty pictures, whatever the film's length; then, along the way, five times a second
// (vision/joint_carrier.h). Of several people the one at the bar is taken. Points
// behind the near plate are left out, since a network guesses them without saying so.
//
// From the front and the rear, and of a press from its foot end, it looks at the reps six times a second and
// follows both sides' joints from what it sees (core/motion/across_joints.h). From a press's head end the
// legs are hidden and the network does not know a lying body from there: two shoulders.
//
// Failure: no rep, nobody under the bar, legs not seen (kMarkByHand); a damaged film as in Film.
#pragma once

#include "core/body/athlete_body.h"
#include "core/motion/pulled_joints.h"
#include "vision/analyse_clip.h"
#include "vision/body_points.h"

namespace mottix {

struct FoundOnFilm {
  FoundJoints joints;  // where carrying starts
  Facing facing = Facing::kUnknown;
  bool wide_stance = false;  // of a deadlift
};

struct KnownOfLifter {
  Facing facing = Facing::kUnknown;
  std::optional<Body> body;
  bool wide_stance = false;  // of a deadlift; false: not said
};

Expected<FoundOnFilm> findJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                 const LoadedBar& loaded, Lift lift, const KnownOfLifter& lifter,
                                 BodyPointNetwork& network, const Progress& progress = {});

// Finds the joints and carries them through the film: `raw` and `spread` as `carried` and `found` in
// TrackRecord. `maybe` holds the lift; or those it may be, the likeliest first. Returns the one as which a
// lifter was found.
Expected<Lift> trackFoundJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                const LoadedBar& loaded, const std::vector<Lift>& maybe,
                                const KnownOfLifter& lifter, BodyPointNetwork& network, JointTracks& raw,
                                FoundSpread& spread, const Progress& progress = {});

// Carries joints that were placed on one picture, `first`, through the film. With a network joints are read
// along the way (vision/joint_carrier.h), and of a deadlift it is seen how wide the feet stand. None: by what
// moves alone.
Expected<void> trackPlacedJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                 const LoadedBar& loaded, Lift lift, const KnownOfLifter& lifter,
                                 const PlacedPoints& first, BodyPointNetwork* network, JointTracks& raw,
                                 const Progress& progress = {});

// The lifts that a film may show when the bar's way leaves it open: `likeliest`, then the one whose bar goes
// the same way. A deadlift's bar rests at its lowest, which no other's does.
std::vector<Lift> liftsToTry(Lift likeliest, bool open);

}  // namespace mottix
