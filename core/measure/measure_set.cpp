#include "core/measure/measure_set.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <optional>
#include <random>

#include "core/measure/bar_tilt.h"
#include "core/motion/smooth.h"

namespace mottix {
namespace {

// The carried joints' error changes smoothly: of two pictures so far apart it is alike to 0.6
// (docs/accuracy.md).
constexpr double kDriftTime_s = 0.75;
double likeness(double apart_s) {
  return std::exp(-0.5 * std::pow(apart_s / kDriftTime_s, 2));
}
// Own allowance: turned by so much, what is not known of the knee's distance from the mid-plane (4 cm, see
// lateralPrior) moves it along the picture by 2.3 cm, more than half of the 4 cm that a judgement allows.
constexpr double kFarthestTurn_deg = 30.0;

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

// From the front or the rear: how far a joint lies nearer to the camera than the bar (m), seen from the
// front. Bar over mid-foot, hips behind it, knees and toes before it (own allowance, from the simulated
// lifters' range); lying, arms and shoulders lie about the bar's plane and the legs toward the foot end.
Estimate depthPrior(Joint joint, Lift lift) {
  const bool lying = lift == Lift::kBench;
  switch (ofEither(joint)) {
    case Joint::kToe:
      return lying ? Estimate{0.9, 0.2} : Estimate{0.12, 0.04};
    case Joint::kKnee:
      return lying ? Estimate{0.8, 0.15} : Estimate{0.12, 0.12};
    case Joint::kHip:
      return lying ? Estimate{0.45, 0.1} : Estimate{-0.12, 0.15};
    case Joint::kAnkle:
    case Joint::kHeel:
      return lying ? Estimate{0.8, 0.2} : Estimate{-0.06, 0.05};
    case Joint::kElbow:
      return {0.0, 0.1};
    case Joint::kWrist:
      return {0.0, 0.03};
    default:
      return {-0.03, 0.08};
  }
}

class Scene {
 public:
  explicit Scene(const MeasureInput& input) : input_(input), smooth_(input.smooth) {
    const ClipTracks& t = *input.tracks;
    if (!smooth_) smooth_ = std::make_shared<const SmoothTracks>(smoothTracks(t));
    for (Joint j : {Joint::kHeel, Joint::kToe})
      if (known(j)) standing_px_[indexOf(j)] = medianOf(j);
    std::vector<double> sd;
    for (const BarSample& s : t.bar)
      if (s.state == TrackState::kSeen) sd.push_back(s.sd_px);
    if (!sd.empty()) {
      std::nth_element(sd.begin(), sd.begin() + static_cast<long>(sd.size() / 2), sd.end());
      bar_sd_px_ = sd[sd.size() / 2];
    }
  }

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
  Estimate lateralOf(Joint joint) const {
    if (!input_.tracks->across()) return lateralPrior(joint);
    Estimate e = depthPrior(joint, input_.lift);
    if (input_.view == View::kRear) e.value = -e.value;
    return e;
  }

 private:
  const MeasureInput& input_;
  std::shared_ptr<const SmoothTracks> smooth_;
  std::array<Vec2, kJointCount> standing_px_{};
  double bar_sd_px_ = 0.0;

  // Feet stand still: where a part of them is over most of the film.
  Vec2 medianOf(Joint joint) const {
    std::vector<double> x, y;
    for (const JointSample& s : track(joint))
      if (s.known) {
        x.push_back(s.p_px.x());
        y.push_back(s.p_px.y());
      }
    if (x.empty()) return Vec2::Zero();
    auto median = [](std::vector<double>& v) {
      std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 2), v.end());
      return v[v.size() / 2];
    };
    return {median(x), median(y)};
  }
};

// The scene with one thing put wrong.
class Seen : public Places {
 public:
  Seen(const Scene& scene, const Disturbance& d) : scene_(scene), d_(d), camera_(scene.camera(d)) {}

  bool known(Joint joint, std::size_t frame) const override { return scene_.knownAt(joint, frame); }
  Vec2 joint(Joint joint, std::size_t frame) const override {
    return mapped(joint, scene_.place_px(joint, frame), frame);
  }
  bool barKnown(std::size_t frame) const override {
    return scene_.input().tracks->bar[frame].state != TrackState::kLost;
  }
  Vec2 bar(std::size_t frame) const override {
    return camera_.barBody(scene_.bar(frame).at_px + barShift(frame));
  }
  Acceleration jointAcceleration(Joint joint, std::size_t frame) const override {
    const SmoothPlace& s = scene_.smooth(joint, frame);
    return accelerated(s, [&](const Vec2& at_px) { return mapped(joint, at_px, frame); });
  }
  Acceleration barAcceleration(std::size_t frame) const override {
    return accelerated(scene_.bar(frame), [&](const Vec2& at_px) { return camera_.barBody(at_px); });
  }
  Vec2 barEnd(std::size_t end, std::size_t frame) const override {
    return camera_.barBody(scene_.end_px(end, frame) + barShift(frame));
  }
  bool stands(Joint joint) const override { return scene_.known(joint); }
  Vec2 standing(Joint joint) const override { return mapped(joint, scene_.standing_px(joint), kNoFrame); }

 private:
  static constexpr std::size_t kNoFrame = std::numeric_limits<std::size_t>::max();
  const Scene& scene_;
  Disturbance d_;
  SideCamera camera_;

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
  Vec2 mapped(Joint joint, Vec2 p_px, std::size_t frame) const {
    const int j = static_cast<int>(indexOf(joint));
    double lateral = scene_.lateralOf(joint).value;
    if (joint == Joint::kKnee && frame != kNoFrame && !scene_.input().tracks->across() &&
        scene_.knownAt(Joint::kAnkle, frame) && scene_.knownAt(Joint::kHip, frame)) {
      // The knee's own depth follows from how far it is in front of the leg's line; two rounds settle it.
      auto at = [&](Joint end) {
        return camera_.toBody(scene_.place_px(end, frame), lateralPrior(end).value);
      };
      const Vec2 ankle = at(Joint::kAnkle), hip = at(Joint::kHip);
      for (int round = 0; round < 2; ++round)
        lateral = kneeLateral(ankle, camera_.toBody(p_px, lateral), hip).value;
    }
    // Across, both sides of a body lie about equally near.
    const bool across = scene_.input().tracks->across();
    if (d_.lateral_joint == (across ? static_cast<int>(indexOf(ofEither(joint))) : j))
      lateral += d_.lateral_m;
    if (d_.placed_joint == j || (d_.frame_joint == j && d_.frame == frame)) p_px += d_.shift_px;
    return camera_.toBody(p_px, lateral);
  }
};

// Value and standard deviation of a reading over everything that can be wrong (see the header).
struct Propagated {
  Estimate value;
  double wander_sd = 0.0;  // the part of it that changes over the pictures of a rep
};
Propagated propagate(const Scene& scene, const Reading& reading) {
  const auto& formula = reading.formula;
  Propagated e{{formula(Seen(scene, {})), 0.0}};
  double variance = reading.own_sd * reading.own_sd;
  // Both ways by themselves: a greatest distance can only grow.
  auto add = [&](const Disturbance& up, const Disturbance& down) {
    const double u = formula(Seen(scene, up)) - e.value.value, d = formula(Seen(scene, down)) - e.value.value;
    variance += 0.5 * (u * u + d * d);
  };
  for (int k = 0; k < kSideCameraErrorCount; ++k) {
    Disturbance up, down;
    up.camera_error = down.camera_error = k;
    up.sigma = 1.0;
    down.sigma = -1.0;
    add(up, down);
  }
  const auto& time = scene.input().tracks->time_s;
  const auto [first, last] = std::minmax_element(reading.frames.begin(), reading.frames.end());
  const double apart_s = reading.frames.empty() ? 0.0 : time[*last] - time[*first];
  auto shift = [&](Disturbance d, double by_px) {
    if (by_px <= 0.0) return;
    for (const Vec2& axis : {Vec2(1, 0), Vec2(0, 1)}) {
      Disturbance up = d, down = d;
      up.shift_px = by_px * axis;
      down.shift_px = -up.shift_px;
      add(up, down);
    }
  };
  if (reading.uses_bar) {
    // Most of an outline's error is the same in all frames.
    constexpr double kOwnPart = 0.3;
    Disturbance d;
    d.bar = true;
    shift(d, scene.bar_sd_px());
    for (std::size_t f : reading.frames) {
      const BarSample& s = scene.input().tracks->bar[f];
      Disturbance own;
      own.bar_frame = static_cast<int>(f);
      const double extra = std::sqrt(std::max(0.0, s.sd_px * s.sd_px - std::pow(scene.bar_sd_px(), 2)));
      shift(own, std::hypot(kOwnPart * scene.bar_sd_px(), extra));
    }
  }
  std::vector<Joint> joints = reading.joints;
  std::vector<int> sides_done;
  if (reading.uses_feet)
    for (Joint j : {Joint::kHeel, Joint::kToe})
      if (std::find(joints.begin(), joints.end(), j) == joints.end()) joints.push_back(j);
  for (Joint joint : joints) {
    const int j = static_cast<int>(indexOf(joint));
    const int lateral = scene.input().tracks->across() ? static_cast<int>(indexOf(ofEither(joint))) : j;
    if (std::find(sides_done.begin(), sides_done.end(), lateral) == sides_done.end()) {
      sides_done.push_back(lateral);
      Disturbance up, down;
      up.lateral_joint = down.lateral_joint = lateral;
      up.lateral_m = scene.lateralOf(joint).sd;
      down.lateral_m = -up.lateral_m;
      add(up, down);
    }

    // The smallest error over the clip is what even the best frame has: the hand's placement, common to all.
    double placed_px = std::numeric_limits<double>::max();
    for (const JointSample& s : scene.track(joint))
      if (s.known) placed_px = std::min(placed_px, s.sd_px);
    Disturbance placed;
    placed.placed_joint = j;
    shift(placed, placed_px);
    // What is left of the track's error changes over a rep: frames near in time share most of it.
    const double shared = reading.frames.size() > 1 ? likeness(apart_s) : 0.0;
    double largest = 0.0;
    for (std::size_t f : reading.frames) {
      const double total = scene.track(joint)[f].sd_px;
      largest = std::max(largest, std::sqrt(std::max(0.0, total * total - placed_px * placed_px)));
    }
    shift(placed, std::sqrt(shared) * largest);
    for (std::size_t f : reading.frames) {
      Disturbance own;
      own.frame_joint = j;
      own.frame = f;
      shift(own, std::sqrt(1.0 - shared) * largest);
    }
    if (!reading.chosen_from.empty()) {
      // What wanders in the picture that was chosen.
      Disturbance own;
      own.frame_joint = j;
      own.frame = reading.frame;
      const double as_is = reading.chosen_value(Seen(scene, {}));
      for (const Vec2& axis : {Vec2(1, 0), Vec2(0, 1)}) {
        own.shift_px = largest * axis;
        e.wander_sd = std::hypot(e.wander_sd, reading.chosen_value(Seen(scene, own)) - as_is);
      }
    }
  }
  e.value.sd = std::sqrt(variance);
  return e;
}

// The greatest of values with errors is on average too great. By how much: the errors are put on once more,
// and what the greatest gains is taken off (a bootstrap's estimate of bias, key efron1993).
double gainOfChoice(const Reading& r, double wander_sd) {
  constexpr std::size_t kDraws = 48, kWaves = 6;
  const auto& value = r.chosen_from;
  if (value.size() < 2 || wander_sd <= 0.0) return 0.0;
  const double greatest = *std::max_element(value.begin(), value.end());
  std::mt19937 draw(1);  // the same each time: a measure is a function of its inputs
  std::normal_distribution<double> normal(0.0, 1.0);
  std::uniform_real_distribution<double> turn(0.0, 2.0 * std::numbers::pi);
  double gained = 0.0;
  for (std::size_t d = 0; d < kDraws; ++d) {
    // A smooth error of that likeness, as a sum of waves.
    std::array<double, kWaves> rate, from;
    for (std::size_t k = 0; k < kWaves; ++k) {
      rate[k] = normal(draw) / kDriftTime_s;
      from[k] = turn(draw);
    }
    double most = -std::numeric_limits<double>::max();
    for (std::size_t i = 0; i < value.size(); ++i) {
      double wave = 0.0;
      for (std::size_t k = 0; k < kWaves; ++k) wave += std::cos(rate[k] * r.chosen_from_s[i] + from[k]);
      most = std::max(most, value[i] + wander_sd * std::sqrt(2.0 / kWaves) * wave);
    }
    gained += most - greatest;
  }
  return gained / kDraws;
}

// Of an angle between joints, how far it wanders over some tenths of a second.
double wanderDeg(const Scene& scene) {
  constexpr double kTenths_s = 0.3, kSegment_m = 0.42, kTrembles_px = 0.5;
  double wander_px = 0.0;
  for (const Joint joint : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder}) {
    double least = std::numeric_limits<double>::max(), most = 0.0;
    for (const JointSample& s : scene.track(joint))
      if (s.known) {
        least = std::min(least, s.sd_px);
        most = std::max(most, s.sd_px);
      }
    if (most > 0.0) wander_px = std::max(wander_px, std::sqrt(std::max(0.0, most * most - least * least)));
  }
  const double px = std::hypot(kTrembles_px, wander_px * std::sqrt(2.0 * (1.0 - likeness(kTenths_s))));
  const double m_per_px = scene.input().camera.mmPerPx(0.0) / 1000.0;
  return std::sqrt(2.0) * px * m_per_px / kSegment_m * 180.0 / std::numbers::pi;
}

}  // namespace

std::string_view nameOf(MeasureStatus status) {
  switch (status) {
    case MeasureStatus::kOk:
      return "ok";
    case MeasureStatus::kNoJoints:
      return "no_joints";
    case MeasureStatus::kNoFeet:
      return "no_feet";
    case MeasureStatus::kWrongView:
      return "wrong_view";
    case MeasureStatus::kBarLost:
      return "bar_lost";
    case MeasureStatus::kTooOblique:
      return "too_oblique";
    case MeasureStatus::kImprecise:
      return "imprecise";
    case MeasureStatus::kCut:
      return "cut";
    case MeasureStatus::kNoLoad:
      return "no_load";
    case MeasureStatus::kNoBody:
      return "no_body";
    case MeasureStatus::kNone:
      return "none";
  }
  return "";
}

BarHeight computeBarHeight(const MeasureInput& input) {
  BarHeight out;
  const ClipTracks& t = *input.tracks;
  out.time_s = t.time_s;
  const double m_per_px = input.camera.mmPerPx(input.camera.plate_lateral_m) / 1000.0;
  for (const BarSample& s : t.bar) {
    const bool there = s.state != TrackState::kLost;
    out.height_m.push_back(there ? input.camera.barBody(s.p_px).y() : 0.0);
    out.sd_m.push_back(there ? std::max(0.1, s.sd_px) * m_per_px : std::numeric_limits<double>::quiet_NaN());
  }
  return out;
}

SmoothTracks smoothTracks(const ClipTracks& tracks) {
  // `sample(i)` gives a place and its error, or nothing where there is none.
  auto smoothed = [&](std::size_t n, auto&& sample) {
    std::vector<double> x(n), y(n), sd(n);
    for (std::size_t i = 0; i < n; ++i) {
      const auto [place, error] = sample(i);
      x[i] = place.x();
      y[i] = place.y();
      sd[i] = error;
    }
    const SplineFit sx = smoothSpline(tracks.time_s, x, sd), sy = smoothSpline(tracks.time_s, y, sd);
    std::vector<SmoothPlace> out(n);
    for (std::size_t i = 0; i < n; ++i) {
      const SplineSample &a = sx.at[i], &b = sy.at[i];
      if (std::isfinite(sd[i]) && a.known && b.known)
        out[i] = {{a.value.value, b.value.value},
                  {a.bend.value, b.bend.value},
                  std::sqrt(0.5 * (a.bend.sd * a.bend.sd + b.bend.sd * b.bend.sd))};
      else
        out[i].at_px = {x[i], y[i]};
    }
    return out;
  };
  constexpr double kLeastJoint_px = 0.3, kLeastBar_px = 0.1;
  const double nan = std::numeric_limits<double>::quiet_NaN();
  auto bar = [&](const std::vector<BarSample>& raw) {
    return smoothed(raw.size(), [&](std::size_t i) {
      return std::pair(raw[i].p_px,
                       raw[i].state == TrackState::kLost ? nan : std::max(kLeastBar_px, raw[i].sd_px));
    });
  };
  SmoothTracks out;
  for (std::size_t j = 0; j < kJointCount; ++j)
    if (const JointTrack& raw = tracks.joints[j]; tracks.has(static_cast<Joint>(j)))
      out.joints[j] = smoothed(raw.size(), [&](std::size_t i) {
        return std::pair(raw[i].p_px, raw[i].known ? std::max(kLeastJoint_px, raw[i].sd_px) : nan);
      });
  out.bar = bar(tracks.bar);
  for (std::size_t e = 0; e < 2 && tracks.across(); ++e) out.ends[e] = bar(tracks.ends[e]);
  return out;
}

std::vector<ReadMeasure> readMeasures(const RepScene& scene, std::optional<MeasureId> only) {
  std::vector<ReadMeasure> out;
  const bool across = scene.view != View::kSide;
  for (const auto& table : {squatMeasures(), benchMeasures(), deadliftMeasures(), leverMeasures(),
                            acrossMeasures(), barMeasures()})
    for (const MeasureKind& kind : table) {
      const MeasureDefinition& d = kind.definition;
      if (!d.lifts.has(scene.lift) || (!across && d.view == MeasureView::kAcross)) continue;
      if (only && d.id != *only) continue;
      const bool shows = !across || d.view != MeasureView::kSide;
      out.push_back({&d, shows ? kind.read(scene) : unread(MeasureStatus::kWrongView, scene.rep.turn_frame)});
    }
  return out;
}

std::vector<Measure> computeMeasures(const MeasureInput& input, const std::vector<Rep>& reps,
                                     std::optional<MeasureId> only) {
  std::vector<Measure> out;
  const ClipTracks& tracks = *input.tracks;
  const Scene scene(input);
  const Seen places(scene, {});
  const BarHeight bar = computeBarHeight(input);
  const SplineFit height = smoothSpline(bar.time_s, bar.height_m, bar.sd_m);
  const Estimate scale = estimateScale(input.camera, input.camera_errors, input.camera.plate_lateral_m);
  const auto tilt = computeBarTilt(input, reps);
  const double wander_deg = wanderDeg(scene);
  const std::vector<std::optional<double>> level;
  const bool too_oblique = !tracks.across() && std::abs(input.camera.yaw_deg()) > kFarthestTurn_deg;

  for (const Rep& rep : reps) {
    const RepScene s{places,
                     tracks.time_s,
                     height.at,
                     input.lift,
                     tracks.across() ? (input.view == View::kRear ? View::kRear : View::kFront) : View::kSide,
                     reps,
                     rep,
                     input.load_kg,
                     scale.sd / scale.value,
                     wander_deg,
                     tilt ? tilt->deg : level,
                     tilt ? std::hypot(tilt->noise_deg, tilt->level_sd_deg) : 0.0,
                     input.body_kg};
    for (auto& [definition, r] : readMeasures(s, only)) {
      const bool by_places = r.formula != nullptr;
      if (r.status == MeasureStatus::kOk && by_places && too_oblique && !definition->of_heights)
        r.status = MeasureStatus::kTooOblique;
      if (r.status == MeasureStatus::kOk && by_places &&
          std::any_of(r.frames.begin(), r.frames.end(), [&](std::size_t f) { return !places.barKnown(f); }))
        r.status = MeasureStatus::kBarLost;
      Estimate value;
      if (r.status == MeasureStatus::kOk) {
        if (by_places) {
          const Propagated all = propagate(scene, r);
          value = all.value;
          const double gain = gainOfChoice(r, all.wander_sd);
          value.value -= gain;
          value.sd =
              std::hypot(value.sd, 1.05 * gain);  // an average: single gains scatter from none to twice it
        } else {
          value = *r.value;
        }
        if (!std::isfinite(value.value) || !std::isfinite(value.sd) || value.sd > definition->useless_sd)
          r.status = MeasureStatus::kImprecise;
      }
      out.push_back({definition->id, rep.number, value, r.status, r.frame});
    }
  }
  return out;
}

std::optional<StandingOffset> estimateStandingOffset(const MeasureInput& input,
                                                     const std::vector<Rep>& reps) {
  if (!input.tracks->has(Joint::kHeel) || !input.tracks->has(Joint::kToe)) return std::nullopt;
  std::vector<std::size_t> frames;
  for (const Rep& rep : reps)
    if (!rep.cut_start && input.tracks->bar[rep.start_frame].state == TrackState::kSeen)
      frames.push_back(rep.start_frame);
  if (frames.empty()) return std::nullopt;
  StandingOffset offset;
  MeasureInput exact = input;
  if (!exact.smooth) exact.smooth = std::make_shared<const SmoothTracks>(smoothTracks(*input.tracks));
  exact.camera_errors = {};
  exact.camera_errors.roll_deg = exact.camera_errors.plate_radius_rel = exact.camera_errors.plate_lateral_m =
      0.0;
  const Scene feet(exact);
  Reading mean{MeasureStatus::kOk, frames.front(), {}, {frames.front()}};
  mean.uses_feet = true;
  mean.formula = [&](const Places& p) {
    double sum = 0.0;
    for (std::size_t f : frames) sum += p.bar(f).x();
    return sum / static_cast<double>(frames.size()) - p.midFoot_m();
  };
  offset.bar_forward_m = propagate(feet, mean).value;
  auto offsetWith = [&](const CameraStep& step) {
    MeasureInput stepped = exact;
    stepped.camera = moved(input.camera, step);
    const Scene there(stepped);
    return mean.formula(Seen(there, {}));
  };
  for (int k = 0; k < kSideCameraErrorCount; ++k) {
    CameraStep step = CameraStep::Zero();
    step[k] = k < 3    ? 1.0
              : k == 3 ? 0.05
                       : 1e-3;  // pixels, degrees, metres and parts: small against their errors
    offset.slope[k] = (offsetWith(step) - offsetWith(-step)) / (2.0 * step[k]);
  }
  return offset;
}

const Measure* findMeasure(const std::vector<Measure>& measures, MeasureId id, int rep) {
  for (const Measure& m : measures)
    if (m.id == id && m.rep == rep) return &m;
  return nullptr;
}

}  // namespace mottix
