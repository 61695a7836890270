// Places as camera and tracks tell them, with one thing put wrong if asked; and from that the error of any
// reading (see measure_set.h for what can be wrong).
#pragma once

#include <array>
#include <limits>
#include <memory>

#include "core/measure/measure_input.h"
#include "core/measure/measure_kind.h"
#include "core/measure/places.h"

namespace mottix {

// The carried joints' error changes smoothly: of two pictures so far apart it is alike to 0.6
// (docs/accuracy.md).
inline constexpr double kDriftTime_s = 0.75;
double likeness(double apart_s);

// One way the inputs could be wrong. The default is "as measured".
struct Disturbance {
  int camera_error = -1;
  double sigma = 0.0;
  int lateral_joint = -1;
  double lateral_m = 0.0;
  int placed_joint = -1;  // same shift in every frame
  int frame_joint = -1;   // shift in one frame only
  std::size_t frame = 0;
  bool bar = false;    // the bar, in every frame
  int bar_frame = -1;  // or in one only
  Vec2 shift_px = Vec2::Zero();
};

// The input, smoothed; it must outlive the scene.
class FilmedScene {
 public:
  explicit FilmedScene(const MeasureInput& input);

  const MeasureInput& input() const { return input_; }
  // As it was followed: whether it is known, and how surely.
  const JointTrack& track(Joint joint) const { return input_.tracks->joints[indexOf(joint)]; }
  bool known(Joint joint) const { return input_.tracks->has(joint); }
  const SmoothPlace& smooth(Joint joint, std::size_t frame) const {
    return smooth_->joints[indexOf(joint)][frame];
  }
  const Vec2& place_px(Joint joint, std::size_t frame) const { return smooth(joint, frame).at_px; }
  bool knownAt(Joint joint, std::size_t frame) const { return known(joint) && track(joint)[frame].known; }
  Vec2 standing_px(Joint joint) const { return standing_px_[indexOf(joint)]; }
  double bar_sd_px() const { return bar_sd_px_; }
  const SmoothPlace& bar(std::size_t frame) const { return smooth_->bar[frame]; }
  const Vec2& end_px(std::size_t end, std::size_t frame) const { return smooth_->ends[end][frame].at_px; }
  SideCamera camera(const Disturbance& d) const {
    return d.camera_error < 0 ? input_.camera
                              : withError(input_.camera, input_.camera_errors, d.camera_error, d.sigma);
  }
  Estimate lateralOf(Joint joint) const;

 private:
  const MeasureInput& input_;
  std::shared_ptr<const SmoothTracks> smooth_;
  std::array<Vec2, kJointCount> standing_px_{};
  double bar_sd_px_ = 0.0;

  // Feet stand still: where a part of them is over most of the film.
  Vec2 medianOf(Joint joint) const;
};

// The scene with one thing put wrong.
class SeenPlaces : public Places {
 public:
  SeenPlaces(const FilmedScene& scene, const Disturbance& d)
      : scene_(scene), d_(d), sight_(scene.camera(d)) {}

  bool known(Joint joint, std::size_t frame) const override { return scene_.knownAt(joint, frame); }
  Vec2 joint(Joint joint, std::size_t frame) const override {
    return mapped(joint, scene_.place_px(joint, frame), frame);
  }
  bool barKnown(std::size_t frame) const override {
    return scene_.input().tracks->bar[frame].state != TrackState::kLost;
  }
  Vec2 bar(std::size_t frame) const override {
    return sight_.barBody(scene_.bar(frame).at_px + barShift(frame));
  }
  Acceleration jointAcceleration(Joint joint, std::size_t frame) const override {
    const SmoothPlace& s = scene_.smooth(joint, frame);
    return accelerated(s, [&](const Vec2& at_px) { return mapped(joint, at_px, frame); });
  }
  Acceleration barAcceleration(std::size_t frame) const override {
    return accelerated(scene_.bar(frame), [&](const Vec2& at_px) { return sight_.barBody(at_px); });
  }
  Vec2 barEnd(std::size_t end, std::size_t frame) const override {
    return sight_.barBody(scene_.end_px(end, frame) + barShift(frame));
  }
  bool stands(Joint joint) const override { return scene_.known(joint); }
  Vec2 standing(Joint joint) const override { return mapped(joint, scene_.standing_px(joint), kNoFrame); }

 private:
  static constexpr std::size_t kNoFrame = std::numeric_limits<std::size_t>::max();
  const FilmedScene& scene_;
  Disturbance d_;
  BodySight sight_;

  // A picture's second derivative as it is in the body's plane: the mapping is as good as straight over the
  // little way that a lift makes in a hundredth of a second.
  template <typename Map>
  static Acceleration accelerated(const SmoothPlace& s, const Map& map) {
    constexpr double kStep_s2 = 1e-4;
    const Vec2 here = map(s.at_px);
    const double m_per_px = (map(s.at_px + Vec2(1.0, 0.0)) - here).norm();
    return {(map(s.at_px + kStep_s2 * s.bend_px_s2) - here) / kStep_s2, m_per_px * s.bend_sd_px_s2};
  }
  Vec2 barShift(std::size_t frame) const {
    return d_.bar || d_.bar_frame == static_cast<int>(frame) ? d_.shift_px : Vec2(0.0, 0.0);
  }
  Vec2 mapped(Joint joint, Vec2 p_px, std::size_t frame) const;
};

// Value and standard deviation of a reading over everything that can be wrong (see the header).
struct Propagated {
  Estimate value;
  double wander_sd = 0.0;  // the part of it that changes over the pictures of a rep
};
// Of what: all that can be wrong; what is wrong alike all through the film (camera, where joints were
// placed); or the rest.
enum class ErrorPart { kAll, kOfFilm, kOfMoment };
Propagated propagate(const FilmedScene& scene, const Reading& reading, ErrorPart part = ErrorPart::kAll);

}  // namespace mottix
