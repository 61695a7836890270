#include "core/measure/curves.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <optional>

#include "core/measure/levers.h"
#include "core/measure/measure_set.h"
#include "core/measure/seen_places.h"

namespace mottix {
namespace {

using namespace posture;

// What a curve reads in one picture, and the joints that it needs.
struct Read {
  Value value;
  std::vector<Joint> joints;
  bool uses_bar = true, uses_feet = false;
  Value own_error = {};  // beside where joints and bar are; none when empty
};

Read ofMoment(const JointMoment& moment) {
  return {[=](const Places& p, std::size_t f) { return moment.at(p, f); }, moment.joints(), true, false,
          [=](const Places& p, std::size_t f) { return moment.ownError(p, f); }};
}

// Picture where the bar is lowest.
std::size_t lowest(const Places& places, std::size_t frames) {
  std::size_t best = 0;
  bool any = false;
  for (std::size_t f = 0; f < frames; ++f)
    if (places.barKnown(f) && (!any || places.bar(f).y() < places.bar(best).y())) {
      best = f;
      any = true;
    }
  return best;
}
std::size_t firstKnown(const Places& places, std::size_t frames) {
  std::size_t f = 0;
  while (f + 1 < frames && !places.barKnown(f)) ++f;
  return f;
}

std::optional<Read> readOf(const MeasureInput& input, const Places& places, CurveId id) {
  const std::size_t frames = input.tracks->frameCount();
  auto moment = [&](Joint about, bool full) -> std::optional<Read> {
    if (!input.load_kg || *input.load_kg <= 0.0 || (full && !input.body_kg)) return std::nullopt;
    return ofMoment({about, input.lift, *input.load_kg, full ? input.body_kg : std::nullopt});
  };
  switch (id) {
    case CurveId::kBarHeight: {
      const std::size_t low = lowest(places, frames);
      return Read{[=](const Places& p, std::size_t f) { return kCmPerM * (p.bar(f) - p.bar(low)).y(); }, {}};
    }
    case CurveId::kBarForward:
      if (input.lift != Lift::kBench && places.feetKnown())
        return Read{[](const Places& p, std::size_t f) { return kCmPerM * (p.bar(f).x() - p.midFoot_m()); },
                    {},
                    true,
                    true};
      return Read{[first = firstKnown(places, frames)](const Places& p, std::size_t f) {
                    return kCmPerM * (p.bar(f) - p.bar(first)).x();
                  },
                  {}};
    case CurveId::kTrunkLean:
      return Read{trunkLean, {Joint::kHip, Joint::kShoulder}, false};
    case CurveId::kShinLean:
      return Read{shinLean, {Joint::kAnkle, Joint::kKnee}, false};
    case CurveId::kKneeBend:
      return Read{kneeBend, {Joint::kAnkle, Joint::kKnee, Joint::kHip}, false};
    case CurveId::kHipBend:
      return Read{hipBend, {Joint::kKnee, Joint::kHip, Joint::kShoulder}, false};
    case CurveId::kElbowBend:
      return Read{elbowBend, {Joint::kShoulder, Joint::kElbow, Joint::kWrist}, false};
    case CurveId::kHipLever:
      return Read{hipLever_cm, {Joint::kHip}};
    case CurveId::kKneeLever:
      return Read{kneeLever_cm, {Joint::kKnee}};
    case CurveId::kShoulderLever:
      return Read{shoulderLever_cm, {Joint::kShoulder}};
    case CurveId::kBarHipMoment:
      return moment(Joint::kHip, false);
    case CurveId::kBarKneeMoment:
      return moment(Joint::kKnee, false);
    case CurveId::kBarShoulderMoment:
      return moment(Joint::kShoulder, false);
    case CurveId::kHipMoment:
      return moment(Joint::kHip, true);
    case CurveId::kKneeMoment:
      return moment(Joint::kKnee, true);
    case CurveId::kBarTilt:
      return Read{[](const Places& p, std::size_t f) {
                    const Vec2 along = p.barEnd(1, f) - p.barEnd(0, f);
                    return std::atan2(along.y(), along.x()) * 180.0 / std::numbers::pi;
                  },
                  {}};
    case CurveId::kKneesApart:
      return Read{[](const Places& p, std::size_t f) {
                    return kCmPerM *
                           std::abs(p.joint(Joint::kRightKnee, f).x() - p.joint(Joint::kKnee, f).x());
                  },
                  {Joint::kKnee, Joint::kRightKnee},
                  false};
    case CurveId::kHipBelowKnee:
      return Read{[](const Places& p, std::size_t f) {
                    return kCmPerM * (p.joint(Joint::kKnee, f).y() - p.joint(Joint::kHip, f).y());
                  },
                  {Joint::kKnee, Joint::kHip},
                  false};
    case CurveId::kBarSpeed:
      break;
  }
  return std::nullopt;
}

std::vector<CurvePoint> barSpeed(const MeasureInput& input) {
  const auto height = input.height ? input.height : smoothHeight(input);
  const Estimate scale = estimateScale(input.camera, input.camera_errors, input.camera.plate_lateral_m);
  std::vector<CurvePoint> out;
  for (const SplineSample& s : height->at)
    out.push_back({{s.slope.value, std::hypot(s.slope.sd, s.slope.value * scale.sd / scale.value)}, s.known});
  return out;
}

constexpr auto kSide = MeasureView::kSide;
constexpr auto kAcross = MeasureView::kAcross;
constexpr auto kAny = MeasureView::kAny;

}  // namespace

const std::vector<CurveDefinition>& curveCatalogue() {
  using enum CurveId;
  static const std::vector<CurveDefinition> all = {
      {kBarHeight, "bar_height", "height of the bar", "cm", kAllLifts, kAny,
       "Height of the bar above where it is lowest in the film."},
      {kBarForward, "bar_forward", "bar forward", "cm", kAllLifts, kSide,
       "Place of the bar in front of mid-foot; lying, or where the feet are not placed, from where it "
       "began."},
      {kBarSpeed, "bar_speed", "speed of the bar", "m/s", kAllLifts, kAny, "Speed of the bar upward."},
      {kTrunkLean, "trunk_lean", "trunk lean", "deg", kOnFeet, kSide,
       "Angle of the line from hip to shoulder from vertical; forward is positive."},
      {kShinLean, "shin_lean", "shin lean", "deg", kOnFeet, kSide,
       "Angle of the line from ankle to knee from vertical; forward is positive."},
      {kKneeBend, "knee_flexion", "knee flexion", "deg", kOnFeet, kSide, "0 is straight."},
      {kHipBend, "hip_flexion", "hip flexion", "deg", kOnFeet, kSide,
       "Angle by which thigh and trunk are bent against each other; 0 is straight."},
      {kHipBelowKnee, "hip_below_knee", "hip below knee", "cm", kSquatOnly, kSide,
       "Height of the knee's joint centre minus height of the hip's; positive is deeper."},
      {kElbowBend, "elbow_flexion", "elbow flexion", "deg", kBenchOnly, kSide, "0 is straight."},
      {kHipLever, "hip_lever", "lever at the hip", "cm", kOnFeet, kSide,
       "Level distance of the bar in front of the hip's joint centre."},
      {kKneeLever, "knee_lever", "lever at the knee", "cm", kOnFeet, kSide,
       "Level distance of the knee's joint centre in front of the bar."},
      {kShoulderLever, "shoulder_lever", "lever at the shoulder", "cm", kBenchOnly, kSide,
       "Level distance of the bar from the shoulder's joint centre toward the feet."},
      {kBarHipMoment, "bar_hip_moment", "moment of the bar about the hips", "N m", kOnFeet, kSide,
       "Of the load with its inertia; both sides together."},
      {kBarKneeMoment, "bar_knee_moment", "moment of the bar about the knees", "N m", kOnFeet, kSide,
       "Of the load with its inertia; both sides together."},
      {kBarShoulderMoment, "bar_shoulder_moment", "moment of the bar about the shoulders", "N m", kBenchOnly,
       kSide, "Of the load with its inertia; both sides together."},
      {kHipMoment, "hip_moment", "moment of the hips", "N m", kOnFeet, kSide,
       "What the hip extensors give against load, trunk, head and arms; both sides together."},
      {kKneeMoment, "knee_moment", "moment of the knees", "N m", kOnFeet, kSide,
       "What the knee extensors give against the load and all above the knees; both sides together."},
      {kBarTilt, "bar_tilt", "tilt of the bar", "deg", kAllLifts, kAcross,
       "Rise of the bar's right end in the picture above its left."},
      {kKneesApart, "knees_apart", "knees apart", "cm", kOnFeet, kAcross,
       "Distance of the knees' joint centres across the picture."},
  };
  return all;
}

const CurveDefinition& definitionOf(CurveId id) {
  for (const CurveDefinition& d : curveCatalogue())
    if (d.id == id) return d;
  return curveCatalogue().front();
}

namespace {

// A curve of a film, ready to be read in any picture.
class CurveReader {
 public:
  CurveReader(const MeasureInput& input, CurveId id) : scene_(input), places_(scene_, {}) {
    const CurveDefinition& d = definitionOf(id);
    const bool across = input.tracks->across();
    if (d.lifts.has(input.lift) && d.view != (across ? kSide : kAcross)) read_ = readOf(input, places_, id);
  }
  bool known(std::size_t f) const {
    return read_ && (!read_->uses_bar || places_.barKnown(f)) &&
           std::all_of(read_->joints.begin(), read_->joints.end(),
                       [&](Joint j) { return places_.known(j, f); });
  }
  double value(std::size_t f) const { return read_->value(places_, f); }
  double error(std::size_t f) const {
    Reading r{MeasureStatus::kOk, f, read_->joints, {f}};
    r.formula = [&](const Places& p) { return read_->value(p, f); };
    r.uses_bar = read_->uses_bar;
    r.uses_feet = read_->uses_feet;
    if (read_->own_error) r.own_sd = read_->own_error(places_, f);
    return propagate(scene_, r).value.sd;
  }

 private:
  FilmedScene scene_;
  SeenPlaces places_;
  std::optional<Read> read_;
};

}  // namespace

std::vector<CurvePoint> computeCurve(const MeasureInput& input, CurveId id) {
  if (id == CurveId::kBarSpeed) return barSpeed(input);
  const CurveReader reader(input, id);
  std::vector<CurvePoint> out(input.tracks->frameCount());
  std::vector<std::size_t> known;
  for (std::size_t f = 0; f < out.size(); ++f) {
    out[f].known = reader.known(f);
    if (!out[f].known) continue;
    known.push_back(f);
    out[f].value.value = reader.value(f);
  }
  if (known.empty()) return out;
  // Errors change slowly: some hundred pictures tell them.
  constexpr std::size_t kMost = 120;
  const std::size_t step = std::max<std::size_t>(1, known.size() / kMost);
  double here = reader.error(known.front());
  for (std::size_t i = 0; i < known.size(); i += step) {
    const std::size_t next = std::min(i + step, known.size() - 1);
    const double there = reader.error(known[next]);
    for (std::size_t k = i; k <= next; ++k) {
      const double part = next > i ? static_cast<double>(k - i) / static_cast<double>(next - i) : 0.0;
      out[known[k]].value.sd = (1.0 - part) * here + part * there;
    }
    here = there;
  }
  return out;
}

CurvePoint computeCurveAt(const MeasureInput& input, CurveId id, std::size_t frame) {
  if (id == CurveId::kBarSpeed || frame >= input.tracks->frameCount()) return {};
  const CurveReader reader(input, id);
  if (!reader.known(frame)) return {};
  return {{reader.value(frame), reader.error(frame)}, true};
}

}  // namespace mottix
