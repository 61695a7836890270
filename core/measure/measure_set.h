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

#include <array>
#include <memory>
#include <optional>
#include <vector>

#include "core/base/error.h"
#include "core/measure/measure.h"
#include "core/measure/measure_kind.h"
#include "core/motion/rep_finder.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

// Places in pixels with the noise taken out, each coordinate by a smoothing spline.
struct SmoothPlace {
  Vec2 at_px = Vec2::Zero();
  Vec2 bend_px_s2 = Vec2::Zero();  // second derivative
  double bend_sd_px_s2 = 0.0;      // standard deviation of each coordinate
};
struct SmoothTracks {
  std::array<std::vector<SmoothPlace>, kJointCount> joints;  // empty, or one a frame
  std::vector<SmoothPlace> bar;
  std::array<std::vector<SmoothPlace>, 2> ends;
};
SmoothTracks smoothTracks(const ClipTracks& tracks);

struct MeasureInput {
  const ClipTracks* tracks = nullptr;
  Lift lift = Lift::kSquat;
  SideCamera camera;
  SideCameraErrors camera_errors;
  View view = View::kSide;
  std::optional<double> load_kg = std::nullopt;
  std::optional<Estimate> body_kg = std::nullopt;        // the lifter's mass
  std::shared_ptr<const SmoothTracks> smooth = nullptr;  // of `tracks`; made anew when there is none
};

// Bar height in metres (at the near plate) for the rep finder; lost frames have no finite sd.
BarHeight computeBarHeight(const MeasureInput& input);

// All of them, or one.
std::vector<Measure> computeMeasures(const MeasureInput& input, const std::vector<Rep>& reps,
                                     std::optional<MeasureId> only = std::nullopt);

// What the tables say of one rep: every measure of its lift, as far as it shows from the view.
struct ReadMeasure {
  const MeasureDefinition* definition;
  Reading reading;
};
std::vector<ReadMeasure> readMeasures(const RepScene& scene, std::optional<MeasureId> only = std::nullopt);

// Bar in front of mid-foot (metres) in quiet standing, as each rep starts, with the error of the placed feet;
// nothing without feet. `slope`: how it changes with the camera's uncertain values.
struct StandingOffset {
  Estimate bar_forward_m;
  CameraStep slope = CameraStep::Zero();
};
std::optional<StandingOffset> estimateStandingOffset(const MeasureInput& input, const std::vector<Rep>& reps);

}  // namespace mottix
