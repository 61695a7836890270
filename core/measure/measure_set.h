// All measures of all reps of one clip, each with its standard deviation.
//
// Error propagation: every input that carries an error is moved by ± one standard deviation and the measure
// is computed again (central differences; first order). Inputs are
//   - the camera (focal length, vanishing point, roll, plate radius, plate's distance from the mid-plane),
//   - each joint's distance from the mid-plane,
//   - each joint's placement, the same in all frames (a point put 5 px too far back stays there), and
//   - what is left of the track's error, shared between frames near in time.
// Independent contributions add as squares. Times carry the error of the events; speeds that of scale and
// slope.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/base/error.h"
#include "core/measure/catalogue.h"
#include "core/motion/rep_finder.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

// Why a measure has no value, or that it has one.
enum class MeasureStatus {
  kOk,
  kNoJoints,    // the joints it needs are not placed
  kNoFeet,      // heel and toe are not placed, so mid-foot is unknown
  kWrongView,   // it cannot be seen from where the film was taken
  kBarLost,     // the bar was not seen at the frames that matter
  kTooOblique,  // the camera is turned too far from the side
  kImprecise,   // it could be computed but its error is too large to mean anything
};
std::string_view nameOf(MeasureStatus status);

struct Measure {
  MeasureId id = MeasureId::kHipBelowKnee;
  int rep = 0;
  Estimate value;
  MeasureStatus status = MeasureStatus::kNoJoints;
  std::size_t frame = 0;  // where the evidence is seen
};

struct MeasureInput {
  const ClipTracks* tracks = nullptr;
  Lift lift = Lift::kSquat;
  SideCamera camera;
  SideCameraErrors camera_errors;
};

// Bar height in metres (at the near plate) for the rep finder; lost frames have no finite sd.
BarHeight computeBarHeight(const MeasureInput& input);

// Postures (depth, trunk, balance) are those of a squat and are left out for the other lifts; the way up is
// from the turn to the end, on a deadlift from the start to the turn.
std::vector<Measure> computeMeasures(const MeasureInput& input, const std::vector<Rep>& reps);

// Bar in front of mid-foot (metres) in quiet standing, as each rep starts, with the error of the placed feet;
// nothing without feet. `slope`: how it changes with the camera's uncertain values.
struct StandingOffset {
  Estimate bar_forward_m;
  CameraStep slope = CameraStep::Zero();
};
std::optional<StandingOffset> estimateStandingOffset(const MeasureInput& input, const std::vector<Rep>& reps);

const Measure* findMeasure(const std::vector<Measure>& measures, MeasureId id, int rep);

}  // namespace mottix
