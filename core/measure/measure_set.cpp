#include "core/measure/measure_set.h"

#include <algorithm>
#include <cmath>
#include <execution>
#include <iterator>
#include <limits>
#include <map>
#include <numbers>
#include <numeric>
#include <optional>
#include <random>

#include "core/measure/bar_tilt.h"
#include "core/measure/held_errors.h"
#include "core/measure/seen_places.h"
#include "core/motion/smooth.h"

namespace mottix {
namespace {

// Own allowance: turned by so much, what is not known of the knee's distance from the mid-plane (4 cm, see
// lateralPrior) moves it along the picture by 2.3 cm, more than half of the 4 cm that a judgement allows.
constexpr double kFarthestTurn_deg = 30.0;

// Smooth errors of the likeness that joints' have over time, of size 1, as sums of waves: a few dozen that
// might have been. The same each time: a measure is a function of its inputs.
class Wander {
 public:
  static constexpr std::size_t kDraws = 48, kWaves = 6;
  static constexpr double kHighest = 3.4641016151377544;  // √(2 kWaves): all waves at their top
  using AtTime = std::array<double, kDraws>;

  const AtTime& at(double time_s) {
    const auto [place, is_new] = known_.try_emplace(time_s);
    if (is_new)
      for (std::size_t d = 0; d < kDraws; ++d) {
        double sum = 0.0;
        for (const Wave& w : waves()[d]) sum += std::cos(w.rate * time_s + w.from);
        place->second[d] = kHighest / kWaves * sum;
      }
    return place->second;
  }

 private:
  struct Wave {
    double rate, from;  // per second; radians
  };
  using Waves = std::array<std::array<Wave, kWaves>, kDraws>;
  static const Waves& waves() {
    static const Waves all = [] {
      std::mt19937 draw(1);
      std::normal_distribution<double> normal(0.0, 1.0);
      std::uniform_real_distribution<double> turn(0.0, 2.0 * std::numbers::pi);
      Waves out;
      for (auto& of_draw : out)
        for (Wave& w : of_draw) {
          w.rate = normal(draw) / kDriftTime_s;
          w.from = turn(draw);
        }
      return out;
    }();
    return all;
  }
  std::map<double, AtTime> known_;  // by time
};

// The greatest of values with errors is on average too great. By how much: the errors are put on once more,
// and what the greatest gains is taken off (a bootstrap's estimate of bias, key efron1993).
double gainOfChoice(const Reading& r, double wander_sd, Wander& wander) {
  const auto& value = r.chosen_from;
  if (value.size() < 2 || wander_sd <= 0.0) return 0.0;
  // From the greatest down: what no error can lift above what is there already need not be looked at.
  std::vector<std::size_t> order(value.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return value[a] > value[b]; });
  Wander::AtTime most;
  most.fill(-std::numeric_limits<double>::max());
  for (const std::size_t i : order) {
    if (value[i] + wander_sd * Wander::kHighest <= *std::min_element(most.begin(), most.end())) break;
    const auto& error = wander.at(r.chosen_from_s[i]);
    for (std::size_t d = 0; d < Wander::kDraws; ++d)
      most[d] = std::max(most[d], value[i] + wander_sd * error[d]);
  }
  double gained = 0.0;
  for (const double m : most) gained += m - value[order.front()];
  return gained / Wander::kDraws;
}

// Of an angle between joints, how far it wanders over some tenths of a second.
double wanderDeg(const FilmedScene& scene) {
  constexpr double kTenths_s = 0.18, kSegment_m = 0.42;
  double wander_px = 0.0, trembles_px = 0.0;
  for (const Joint joint : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder}) {
    double least = std::numeric_limits<double>::max(), most = 0.0;
    std::vector<double> trembles;
    for (std::size_t f = 0; f < scene.track(joint).size(); ++f)
      if (const JointSample& s = scene.track(joint)[f]; s.known) {
        least = std::min(least, s.sd_px);
        most = std::max(most, s.sd_px);
        trembles.push_back(scene.smooth(joint, f).sd_px);
      }
    if (trembles.empty()) continue;
    const auto middle = trembles.begin() + static_cast<long>(trembles.size() / 2);
    std::nth_element(trembles.begin(), middle, trembles.end());
    trembles_px = std::max(trembles_px, *middle);
    wander_px = std::max(wander_px, std::sqrt(std::max(0.0, most * most - least * least)));
  }
  const double px = std::hypot(trembles_px, wander_px * std::sqrt(2.0 * (1.0 - likeness(kTenths_s))));
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

std::optional<MeasureStatus> measureStatusNamed(std::string_view name) {
  for (int k = 0; k <= static_cast<int>(MeasureStatus::kNone); ++k)
    if (nameOf(static_cast<MeasureStatus>(k)) == name) return static_cast<MeasureStatus>(k);
  return std::nullopt;
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

std::shared_ptr<const SplineFit> smoothHeight(const MeasureInput& input) {
  const BarHeight bar = computeBarHeight(input);
  return std::make_shared<const SplineFit>(
      withHiddenJumps(smoothSpline(bar.time_s, bar.height_m, bar.sd_m), bar.time_s));
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

RepScenes::RepScenes(const MeasureInput& input, const std::vector<Rep>& reps)
    : input_(input),
      reps_(reps),
      scene_(input),
      places_(scene_, {}),
      height_(input.height ? input.height : smoothHeight(input)),
      wander_deg_(wanderDeg(scene_)) {
  const Estimate scale = estimateScale(input.camera, input.camera_errors, input.camera.plate_lateral_m);
  scale_rel_ = scale.sd / scale.value;
  if (const auto tilt = computeBarTilt(input, reps)) {
    tilt_deg_ = tilt->deg;
    tilt_sd_deg_ = std::hypot(tilt->noise_deg, tilt->level_sd_deg);
  }
}

RepScene RepScenes::of(const Rep& rep) const {
  const ClipTracks& tracks = *input_.tracks;
  const View across = input_.view == View::kRear ? View::kRear : View::kFront;
  return {places_,   tracks.time_s, height_->at,    input_.lift, tracks.across() ? across : View::kSide,
          reps_,     rep,           input_.load_kg, scale_rel_,  wander_deg_,
          tilt_deg_, tilt_sd_deg_,  input_.body_kg};
}

MeasureStatus RepScenes::statusOf(const MeasureDefinition& definition, const Reading& r) const {
  if (r.status != MeasureStatus::kOk || r.formula == nullptr) return r.status;
  const bool too_oblique = !input_.tracks->across() && std::abs(input_.camera.yaw_deg()) > kFarthestTurn_deg;
  if (too_oblique && !definition.of_heights) return MeasureStatus::kTooOblique;
  return std::all_of(r.frames.begin(), r.frames.end(), [&](std::size_t f) { return places_.barKnown(f); })
             ? MeasureStatus::kOk
             : MeasureStatus::kBarLost;
}

std::vector<Measure> computeMeasures(const MeasureInput& input, const std::vector<Rep>& reps,
                                     std::optional<MeasureId> only) {
  const RepScenes scenes(input, reps);
  auto measured = [&](const Rep& rep) {
    std::vector<Measure> out;
    Wander wander;
    for (auto& [definition, r] : readMeasures(scenes.of(rep), only)) {
      r.status = scenes.statusOf(*definition, r);
      Estimate value;
      if (r.status == MeasureStatus::kOk) {
        if (r.formula) {
          const Propagated all = propagate(scenes.scene(), r);
          value = all.value;
          const double gain = gainOfChoice(r, all.wander_sd, wander);
          // Where nothing rises over the start, nothing of it is noise.
          if (value.value != 0.0) value.value -= gain;
          value.sd =
              std::hypot(value.sd, 1.05 * gain);  // an average: single gains scatter from none to twice it
        } else {
          value = *r.value;
        }
        value.sd *=
            heldShare(definition->id, input.lift, input.tracks->across(), std::abs(value.value) > value.sd);
        if (!std::isfinite(value.value) || !std::isfinite(value.sd) || value.sd > definition->useless_sd)
          r.status = MeasureStatus::kImprecise;
      }
      out.push_back({definition->id, rep.number, value, r.status, r.frame});
    }
    return out;
  };
  std::vector<std::vector<Measure>> of_reps(reps.size());
  std::transform(std::execution::par, reps.begin(), reps.end(), of_reps.begin(), measured);
  std::vector<Measure> out;
  for (auto& of_rep : of_reps) std::move(of_rep.begin(), of_rep.end(), std::back_inserter(out));
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
  const FilmedScene feet(exact);
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
    const FilmedScene there(stepped);
    return mean.formula(SeenPlaces(there, {}));
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
