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
#include "core/measure/measure_input.h"
#include "core/measure/measure_kind.h"
#include "core/measure/seen_places.h"
#include "core/motion/rep_finder.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

// A film made ready for readings: what all its reps share is reckoned once.
class RepScenes {
 public:
  RepScenes(const MeasureInput& input, const std::vector<Rep>& reps);  // both must outlive it
  RepScenes(const RepScenes&) = delete;
  RepScenes& operator=(const RepScenes&) = delete;
  RepScene of(const Rep& rep) const;
  const FilmedScene& scene() const { return scene_; }
  const SeenPlaces& places() const { return places_; }
  const std::vector<SplineSample>& height() const { return height_->at; }  // of the bar
  // Why a reading has no value after all, or that it has one.
  MeasureStatus statusOf(const MeasureDefinition& definition, const Reading& reading) const;

 private:
  const MeasureInput& input_;
  const std::vector<Rep>& reps_;
  FilmedScene scene_;
  SeenPlaces places_;
  std::shared_ptr<const SplineFit> height_;
  double scale_rel_, wander_deg_, tilt_sd_deg_ = 0.0;
  std::vector<std::optional<double>> tilt_deg_;
};

// Bar height in metres (at the near plate) for the rep finder; lost frames have no finite sd.
BarHeight computeBarHeight(const MeasureInput& input);
// The same without the noise of single pictures, and how it changes (m, m/s, m/s²).
std::shared_ptr<const SplineFit> smoothHeight(const MeasureInput& input);

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
