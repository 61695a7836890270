#include "core/measure/measure_set.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <numbers>
#include <optional>

#include "core/measure/bar_tilt.h"
#include "core/motion/smooth.h"

namespace mottix {
namespace {

constexpr double kJointSmoothHalfWindow_s = 0.10;
constexpr double kDriftTime_s = 1.0;       // over this the carried joints' error changes
constexpr double kDepthOffsetSdM = 0.015;  // crease and kneecap against the joint centres, see the catalogue
// Beyond these errors a value tells nothing: half the range the measure has among lifters.
constexpr double kUselessAngleSdDeg = 15.0;
constexpr double kUselessLengthSdM = 0.12;
// Own allowance: turned by so much, what is not known of the knee's distance from the mid-plane (4 cm, see
// lateralPrior) moves it along the picture by 2.3 cm, more than half of the 4 cm that a judgement allows.
constexpr double kFarthestTurn_deg = 30.0;

constexpr double kDeg = std::numbers::pi / 180.0;

// One way the inputs could be wrong. The default is "as measured".
struct Disturbance {
  int camera_error = -1;
  double sigma = 0.0;
  int lateral_joint = -1;
  double lateral_m = 0.0;
  int placed_joint = -1;  // same shift in every frame
  int frame_joint = -1;   // shift in one frame only
  std::size_t frame = 0;
  Vec2 shift_px = Vec2::Zero();
};

class Scene {
 public:
  explicit Scene(const MeasureInput& input) : input_(input) {
    const ClipTracks& t = *input.tracks;
    for (std::size_t j = 0; j < kJointCount; ++j)
      if (t.has(static_cast<Joint>(j))) smoothJoint(t.joints[j], t.time_s, smooth_[j]);
    if (known(Joint::kHeel) && known(Joint::kToe)) {
      heel_px_ = medianOf(Joint::kHeel);
      toe_px_ = medianOf(Joint::kToe);
    }
  }

  bool known(Joint joint) const { return !smooth_[indexOf(joint)].empty(); }
  bool knownAt(Joint joint, std::size_t frame) const { return known(joint) && track(joint)[frame].known; }
  const JointTrack& track(Joint joint) const { return smooth_[indexOf(joint)]; }
  const MeasureInput& input() const { return input_; }

  SideCamera camera(const Disturbance& d) const {
    return d.camera_error < 0 ? input_.camera
                              : withError(input_.camera, input_.camera_errors, d.camera_error, d.sigma);
  }

  Vec2 joint(Joint joint, std::size_t frame, const Disturbance& d) const {
    return mapped(joint, track(joint)[frame].p_px, frame, d);
  }
  double midFoot_m(const Disturbance& d) const {
    // Feet stand still: their median place over the clip, with the placement error of the coach's hand.
    return 0.5 * (mapped(Joint::kHeel, heel_px_, 0, d).x() + mapped(Joint::kToe, toe_px_, 0, d).x());
  }
  Vec2 bar(std::size_t frame, const Disturbance& d) const {
    return camera(d).barBody(input_.tracks->bar[frame].p_px);
  }

 private:
  const MeasureInput& input_;
  JointTracks smooth_;
  Vec2 heel_px_ = Vec2::Zero(), toe_px_ = Vec2::Zero();

  Vec2 mapped(Joint joint, Vec2 p_px, std::size_t frame, const Disturbance& d) const {
    const int j = static_cast<int>(indexOf(joint));
    const SideCamera c = camera(d);
    double lateral = lateralPrior(joint).value;
    if (joint == Joint::kKnee && knownAt(Joint::kAnkle, frame) && knownAt(Joint::kHip, frame)) {
      // The knee's own depth follows from how far it is in front of the leg's line; two rounds settle it.
      auto at = [&](Joint end) { return c.toBody(track(end)[frame].p_px, lateralPrior(end).value); };
      for (int round = 0; round < 2; ++round)
        lateral = kneeLateral(at(Joint::kAnkle), c.toBody(p_px, lateral), at(Joint::kHip)).value;
    }
    if (d.lateral_joint == j) lateral += d.lateral_m;
    if (d.placed_joint == j || (d.frame_joint == j && d.frame == frame)) p_px += d.shift_px;
    return c.toBody(p_px, lateral);
  }

  static void smoothJoint(const JointTrack& raw, const std::vector<double>& time_s, JointTrack& out) {
    const double nan = std::numeric_limits<double>::quiet_NaN();
    std::vector<double> x(raw.size()), y(raw.size()), sd(raw.size());
    for (std::size_t i = 0; i < raw.size(); ++i) {
      x[i] = raw[i].p_px.x();
      y[i] = raw[i].p_px.y();
      sd[i] = raw[i].known ? std::max(0.3, raw[i].sd_px) : nan;
    }
    const auto sx = smoothLocal(time_s, x, sd, kJointSmoothHalfWindow_s);
    const auto sy = smoothLocal(time_s, y, sd, kJointSmoothHalfWindow_s);
    out = raw;
    for (std::size_t i = 0; i < raw.size(); ++i)
      if (raw[i].known && sx[i].known && sy[i].known)
        out[i].p_px = Vec2(sx[i].value.value, sy[i].value.value);
  }

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

using Formula = std::function<double(const Disturbance&)>;
struct Uses {
  std::vector<Joint> joints;
  std::vector<std::size_t> frames;
};

// Value and standard deviation of a formula over everything that can be wrong (see the header).
Estimate propagate(const Scene& scene, const Uses& uses, const Formula& formula) {
  Estimate e{formula({}), 0.0};
  double variance = 0.0;
  auto add = [&](Disturbance up, Disturbance down) {
    const double d = 0.5 * (formula(up) - formula(down));
    variance += d * d;
  };
  for (int k = 0; k < kSideCameraErrorCount; ++k) {
    Disturbance up, down;
    up.camera_error = down.camera_error = k;
    up.sigma = 1.0;
    down.sigma = -1.0;
    add(up, down);
  }
  for (Joint joint : uses.joints) {
    const int j = static_cast<int>(indexOf(joint));
    Disturbance up, down;
    up.lateral_joint = down.lateral_joint = j;
    up.lateral_m = lateralPrior(joint).sd;
    down.lateral_m = -up.lateral_m;
    add(up, down);

    // The smallest error over the clip is what even the best frame has: the hand's placement, common to all.
    double placed_px = std::numeric_limits<double>::max();
    for (const JointSample& s : scene.track(joint))
      if (s.known) placed_px = std::min(placed_px, s.sd_px);
    for (const Vec2& axis : {Vec2(1, 0), Vec2(0, 1)}) {
      Disturbance p, m;
      p.placed_joint = m.placed_joint = j;
      p.shift_px = placed_px * axis;
      m.shift_px = -p.shift_px;
      add(p, m);
      // What is left of the track's error changes over about a second: frames near in time share most of it.
      const auto& time = scene.input().tracks->time_s;
      const double apart_s = std::abs(time[uses.frames.back()] - time[uses.frames.front()]);
      const double shared = uses.frames.size() > 1 ? std::exp(-apart_s / kDriftTime_s) : 0.0;
      double largest = 0.0;
      for (std::size_t f : uses.frames) {
        const double total = scene.track(joint)[f].sd_px;
        largest = std::max(largest, std::sqrt(std::max(0.0, total * total - placed_px * placed_px)));
      }
      p.shift_px = std::sqrt(shared) * largest * axis;
      m.shift_px = -p.shift_px;
      add(p, m);
      for (std::size_t f : uses.frames) {
        const double own = std::sqrt(1.0 - shared) * largest;
        Disturbance fp, fm;
        fp.frame_joint = fm.frame_joint = j;
        fp.frame = fm.frame = f;
        fp.shift_px = own * axis;
        fm.shift_px = -fp.shift_px;
        add(fp, fm);
      }
    }
  }
  e.sd = std::sqrt(variance);
  return e;
}

double leanDeg(const Vec2& hip, const Vec2& shoulder) {
  const Vec2 d = shoulder - hip;
  return std::atan2(d.x(), d.y()) / kDeg;
}

// Last frame of the first third of the bar's way up.
std::size_t thirdOfAscent(const Scene& scene, const Rep& rep) {
  const double low = scene.bar(rep.turn_frame, {}).y(), high = scene.bar(rep.end_frame, {}).y();
  std::size_t f = rep.turn_frame;
  while (f < rep.end_frame && scene.bar(f, {}).y() < low + (high - low) / 3.0) ++f;
  return f;
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

std::vector<Measure> computeMeasures(const MeasureInput& input, const std::vector<Rep>& reps) {
  std::vector<Measure> out;
  const ClipTracks& tracks = *input.tracks;
  const Scene scene(input);
  // The outline's error is nearly the same in every frame, so speeds see only its frame-to-frame part.
  BarHeight height = computeBarHeight(input);
  const double m_per_px = input.camera.mmPerPx(input.camera.plate_lateral_m) / 1000.0;
  for (std::size_t i = 0; i < height.sd_m.size(); ++i)
    if (std::isfinite(height.sd_m[i]) && tracks.bar[i].state == TrackState::kSeen)
      height.sd_m[i] = 0.3 * m_per_px;
  const auto bar = smoothLocal(height.time_s, height.height_m, height.sd_m, 0.08);
  const Estimate scale = estimateScale(input.camera, input.camera_errors, input.camera.plate_lateral_m);
  const double scale_rel = scale.sd / scale.value;
  const auto tilt = computeBarTilt(input, reps);

  for (const Rep& rep : reps) {
    auto put = [&](MeasureId id, MeasureStatus status, Estimate value, std::size_t frame) {
      if (status == MeasureStatus::kOk && !(std::isfinite(value.value) && std::isfinite(value.sd)))
        status = MeasureStatus::kImprecise;
      out.push_back({id, rep.number, value, status, frame});
    };
    auto posture = [&](MeasureId id, const Uses& uses, std::size_t frame, double to_unit, double useless_sd,
                       const Formula& formula, double extra_sd = 0.0) {
      if (tracks.across()) return put(id, MeasureStatus::kWrongView, {}, frame);
      // Heights do not change with the camera's turn, lengths across the picture do.
      const bool upright = id == MeasureId::kHipBelowKnee || id == MeasureId::kDepthMargin;
      if (!upright && std::abs(input.camera.yaw_deg()) > kFarthestTurn_deg)
        return put(id, MeasureStatus::kTooOblique, {}, frame);
      for (Joint j : uses.joints)
        for (std::size_t f : uses.frames)
          if (!scene.knownAt(j, f)) {
            const bool foot = j == Joint::kHeel || j == Joint::kToe;
            return put(id, foot ? MeasureStatus::kNoFeet : MeasureStatus::kNoJoints, {}, frame);
          }
      for (std::size_t f : uses.frames)
        if (tracks.bar[f].state == TrackState::kLost) return put(id, MeasureStatus::kBarLost, {}, frame);
      Estimate e = propagate(scene, uses, formula);
      e.sd = std::hypot(e.sd, extra_sd);
      const bool useless = e.sd > useless_sd;
      put(id, useless ? MeasureStatus::kImprecise : MeasureStatus::kOk, {e.value * to_unit, e.sd * to_unit},
          frame);
    };

    const std::size_t turn = rep.turn_frame;
    if (input.lift == Lift::kSquat) {
      const Formula hip_below_knee = [&](const Disturbance& d) {
        return scene.joint(Joint::kKnee, turn, d).y() - scene.joint(Joint::kHip, turn, d).y();
      };
      const Uses hip_knee{{Joint::kHip, Joint::kKnee}, {turn}};
      posture(MeasureId::kHipBelowKnee, hip_knee, turn, 100.0, kUselessLengthSdM, hip_below_knee);
      posture(
          MeasureId::kDepthMargin, hip_knee, turn, 100.0, kUselessLengthSdM,
          [&](const Disturbance& d) { return -hip_below_knee(d); }, kDepthOffsetSdM);

      auto lean = [&](std::size_t f, const Disturbance& d) {
        return leanDeg(scene.joint(Joint::kHip, f, d), scene.joint(Joint::kShoulder, f, d));
      };
      const std::vector<Joint> trunk = {Joint::kHip, Joint::kShoulder};
      posture(MeasureId::kTrunkLeanStart, {trunk, {rep.start_frame}}, rep.start_frame, 1.0,
              kUselessAngleSdDeg, [&](const Disturbance& d) { return lean(rep.start_frame, d); });
      posture(MeasureId::kTrunkLeanTurn, {trunk, {turn}}, turn, 1.0, kUselessAngleSdDeg,
              [&](const Disturbance& d) { return lean(turn, d); });

      const std::size_t third = thirdOfAscent(scene, rep);
      std::size_t most = turn;
      if (scene.known(Joint::kHip) && scene.known(Joint::kShoulder))
        for (std::size_t f = turn; f <= third; ++f)
          if (scene.knownAt(Joint::kHip, f) && scene.knownAt(Joint::kShoulder, f) &&
              lean(f, {}) > lean(most, {}))
            most = f;
      // When the lean never grows, the change is read at the end of the third: a loss of lean is a value too.
      if (most == turn) most = third;
      posture(MeasureId::kTrunkChange, {trunk, {turn, most}}, most, 1.0, kUselessAngleSdDeg,
              [&](const Disturbance& d) { return lean(most, d) - lean(turn, d); });
      posture(MeasureId::kRiseRatio, {trunk, {turn, third}}, third, 1.0, 2.0, [&](const Disturbance& d) {
        const double hip = scene.joint(Joint::kHip, third, d).y() - scene.joint(Joint::kHip, turn, d).y();
        const double shoulder =
            scene.joint(Joint::kShoulder, third, d).y() - scene.joint(Joint::kShoulder, turn, d).y();
        return shoulder > 0.02 ? hip / shoulder : std::numeric_limits<double>::quiet_NaN();
      });

      if (tracks.across()) {
        put(MeasureId::kBarForwardMax, MeasureStatus::kWrongView, {}, turn);
      } else if (!scene.known(Joint::kHeel) || !scene.known(Joint::kToe)) {
        put(MeasureId::kBarForwardMax, MeasureStatus::kNoFeet, {}, turn);
      } else {
        std::size_t front = rep.start_frame;
        for (std::size_t f = rep.start_frame; f <= rep.end_frame; ++f)
          if (tracks.bar[f].state == TrackState::kSeen && scene.bar(f, {}).x() > scene.bar(front, {}).x())
            front = f;
        posture(MeasureId::kBarForwardMax, {{Joint::kHeel, Joint::kToe}, {front}}, front, 100.0,
                kUselessLengthSdM,
                [&](const Disturbance& d) { return scene.bar(front, d).x() - scene.midFoot_m(d); });
      }
    }

    // The way up and the way down: for a deadlift the turn is at the top.
    const bool up_first = input.lift == Lift::kDeadlift;
    const Estimate &low_s = up_first ? rep.start_s : rep.turn_s, &high_s = up_first ? rep.turn_s : rep.end_s;
    const std::size_t low = up_first ? rep.start_frame : turn, high = up_first ? turn : rep.end_frame;
    auto span = [](const Estimate& from, const Estimate& to) {
      return Estimate{to.value - from.value, std::hypot(from.sd, to.sd)};
    };
    const Estimate ascent = span(low_s, high_s);
    put(MeasureId::kDescentTime, MeasureStatus::kOk,
        up_first ? span(rep.turn_s, rep.end_s) : span(rep.start_s, rep.turn_s), turn);
    put(MeasureId::kAscentTime, MeasureStatus::kOk, ascent, turn);
    const bool ends_seen = bar[low].known && bar[high].known && ascent.value > 0.0;
    const double gain = ends_seen ? bar[high].value.value - bar[low].value.value : 0.0;
    const double speed = ends_seen ? gain / ascent.value : 0.0;
    put(MeasureId::kMeanSpeed, ends_seen ? MeasureStatus::kOk : MeasureStatus::kBarLost,
        {speed, speed * std::hypot(scale_rel, ascent.sd / std::max(0.05, ascent.value))}, turn);
    std::size_t fastest = low;
    for (std::size_t f = low; f <= high; ++f)
      if (bar[f].known && bar[f].slope.value > bar[fastest].slope.value) fastest = f;
    const Estimate peak = bar[fastest].slope;
    put(MeasureId::kPeakSpeed, bar[fastest].known ? MeasureStatus::kOk : MeasureStatus::kBarLost,
        {peak.value, std::hypot(peak.sd, peak.value * scale_rel)}, fastest);
    if (tilt) out.push_back(greatestTilt(*tilt, rep));
  }
  return out;
}

std::optional<StandingOffset> estimateStandingOffset(const MeasureInput& input,
                                                     const std::vector<Rep>& reps) {
  const Scene scene(input);
  if (!scene.known(Joint::kHeel) || !scene.known(Joint::kToe)) return std::nullopt;
  std::vector<std::size_t> frames;
  for (const Rep& rep : reps)
    if (!rep.cut_start && input.tracks->bar[rep.start_frame].state == TrackState::kSeen) frames.push_back(rep.start_frame);
  if (frames.empty()) return std::nullopt;
  auto meanOffset = [&](const Scene& s) {
    return [&](const Disturbance& d) {
      double sum = 0.0;
      for (std::size_t f : frames) sum += s.bar(f, d).x();
      return sum / static_cast<double>(frames.size()) - s.midFoot_m(d);
    };
  };
  StandingOffset offset;
  MeasureInput exact = input;
  exact.camera_errors = {};
  exact.camera_errors.roll_deg = exact.camera_errors.plate_radius_rel = exact.camera_errors.plate_lateral_m =
      0.0;
  const Scene feet(exact);
  offset.bar_forward_m = propagate(feet, {{Joint::kHeel, Joint::kToe}, {frames.front()}}, meanOffset(feet));
  auto offsetWith = [&](const CameraStep& step) {
    MeasureInput stepped = input;
    stepped.camera = moved(input.camera, step);
    const Scene there(stepped);
    return meanOffset(there)({});
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
