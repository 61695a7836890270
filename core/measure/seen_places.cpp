#include "core/measure/seen_places.h"

#include <algorithm>
#include <cmath>

namespace mottix {
namespace {

// From the front or the rear: how far a joint lies nearer to the camera than the bar (m), seen from the
// front. Bar over mid-foot, hips behind it, knees and toes before it (own allowance, from the simulated
// lifters' range); lying, arms and shoulders lie about the bar's plane and the legs toward the foot end.
Estimate depthPrior(Joint joint, Lift lift) {
  const bool lying = lift == Lift::kBench;
  switch (ofEither(joint)) {
    case Joint::kToe:
      return lying ? Estimate{0.9, 0.2} : Estimate{0.12, 0.03};
    case Joint::kKnee:
      return lying ? Estimate{0.8, 0.15} : Estimate{0.12, 0.12};
    case Joint::kHip:
      return lying ? Estimate{0.45, 0.1} : Estimate{-0.12, 0.15};
    case Joint::kAnkle:
    case Joint::kHeel:
      return lying ? Estimate{0.8, 0.2} : Estimate{-0.06, 0.04};
    case Joint::kElbow:
      return {0.0, 0.1};
    case Joint::kWrist:
      return {0.0, 0.03};
    default:
      return {-0.03, 0.08};
  }
}

}  // namespace

double likeness(double apart_s) {
  return std::exp(-0.5 * std::pow(apart_s / kDriftTime_s, 2));
}

FilmedScene::FilmedScene(const MeasureInput& input) : input_(input), smooth_(input.smooth) {
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

Estimate FilmedScene::lateralOf(Joint joint) const {
  if (!input_.tracks->across()) return lateralPrior(joint, input_.stance);
  Estimate e = depthPrior(joint, input_.lift);
  if (input_.view == View::kRear) e.value = -e.value;
  return e;
}

Vec2 FilmedScene::medianOf(Joint joint) const {
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

Vec2 SeenPlaces::mapped(Joint joint, Vec2 p_px, std::size_t frame) const {
  const int j = static_cast<int>(indexOf(joint));
  double lateral = scene_.lateralOf(joint).value;
  if (joint == Joint::kKnee && frame != kNoFrame && !scene_.input().tracks->across() &&
      scene_.input().stance != Stance::kBesideBench && scene_.knownAt(Joint::kAnkle, frame) &&
      scene_.knownAt(Joint::kHip, frame)) {
    // The knee's own depth follows from how far it is in front of the leg's line; two rounds settle it.
    auto at = [&](Joint end) {
      return sight_.toBody(scene_.place_px(end, frame), scene_.lateralOf(end).value);
    };
    const Vec2 ankle = at(Joint::kAnkle), hip = at(Joint::kHip);
    for (int round = 0; round < 2; ++round)
      lateral = kneeLateral(ankle, sight_.toBody(p_px, lateral), hip, scene_.input().stance).value;
  }
  // Across, both sides of a body lie about equally near.
  const bool across = scene_.input().tracks->across();
  if (d_.lateral_joint == (across ? static_cast<int>(indexOf(ofEither(joint))) : j)) lateral += d_.lateral_m;
  if (d_.placed_joint == j || (d_.frame_joint == j && d_.frame == frame)) p_px += d_.shift_px;
  return sight_.toBody(p_px, lateral);
}

Propagated propagate(const FilmedScene& scene, const Reading& reading, ErrorPart part) {
  const bool of_film = part != ErrorPart::kOfMoment, of_moment = part != ErrorPart::kOfFilm;
  const auto& formula = reading.formula;
  Propagated e{{formula(SeenPlaces(scene, {})), 0.0}};
  double variance = of_moment ? reading.own_sd * reading.own_sd : 0.0;
  // Both ways by themselves: a greatest distance can only grow.
  auto add = [&](const Disturbance& up, const Disturbance& down) {
    const double u = formula(SeenPlaces(scene, up)) - e.value.value,
                 d = formula(SeenPlaces(scene, down)) - e.value.value;
    variance += 0.5 * (u * u + d * d);
  };
  for (int k = 0; of_film && k < kSideCameraErrorCount; ++k) {
    Disturbance up, down;
    up.camera_error = down.camera_error = k;
    up.sigma = 1.0;
    down.sigma = -1.0;
    add(up, down);
  }
  const auto& time = scene.input().tracks->time_s;
  const auto [first, last] = std::minmax_element(reading.frames.begin(), reading.frames.end());
  const double apart_s = reading.frames.empty() ? 0.0 : time[*last] - time[*first];
  auto shift = [&](const Disturbance& d, double by_px) {
    if (by_px <= 0.0) return;
    for (const Vec2& axis : {Vec2(1, 0), Vec2(0, 1)}) {
      Disturbance up = d, down = d;
      up.shift_px = by_px * axis;
      down.shift_px = -up.shift_px;
      add(up, down);
    }
  };
  if (reading.uses_bar) {
    // Most of an outline's error is the same in all frames; each has what is left of its noise by itself, and
    // a little of the outline's.
    constexpr double kOwnPart = 0.1;
    Disturbance d;
    d.bar = true;
    if (of_film) shift(d, scene.bar_sd_px());
    if (of_moment)
      for (std::size_t f : reading.frames) {
        const BarSample& s = scene.input().tracks->bar[f];
        Disturbance own;
        own.bar_frame = static_cast<int>(f);
        const double extra = std::sqrt(std::max(0.0, s.sd_px * s.sd_px - std::pow(scene.bar_sd_px(), 2)));
        shift(own, std::hypot(scene.bar(f).sd_px, kOwnPart * scene.bar_sd_px(), extra));
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
    if (of_film && std::find(sides_done.begin(), sides_done.end(), lateral) == sides_done.end()) {
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
    if (of_film) shift(placed, placed_px);
    if (!of_moment) continue;
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
      shift(own, std::hypot(std::sqrt(1.0 - shared) * largest, scene.smooth(joint, f).sd_px));
    }
    if (!reading.chosen_from.empty()) {
      // What wanders in the picture that was chosen.
      Disturbance own;
      own.frame_joint = j;
      own.frame = reading.frame;
      const double as_is = reading.chosen_value(SeenPlaces(scene, {}));
      for (const Vec2& axis : {Vec2(1, 0), Vec2(0, 1)}) {
        own.shift_px = largest * axis;
        e.wander_sd = std::hypot(e.wander_sd, reading.chosen_value(SeenPlaces(scene, own)) - as_is);
      }
    }
  }
  e.value.sd = std::sqrt(variance);
  return e;
}

}  // namespace mottix
