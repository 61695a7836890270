// Measures against simulated truth: a lift of exact motion, seen by a camera that is not quite the one
// assumed, its joints placed and carried with the errors that are stated.
//
// Truth comes from the same readings on the exact places in space; nothing of the picture is in it.
#pragma once

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <optional>
#include <random>
#include <string>
#include <vector>

#include "core/measure/measure_set.h"
#include "synth/faults.h"
#include "synth/film_maker.h"

namespace mottix::known {

// Where everything is, in the frame of the measures.
class ExactPlaces : public Places {
 public:
  struct Picture {
    std::array<Vec2, kJointCount> joint;
    std::array<double, kJointCount> toward_m{};  // the camera, from the mid-plane or the bar
    std::array<Vec2, 2> end;
    Vec2 bar;
  };
  ExactPlaces(std::vector<Picture> pictures, double step_s)
      : pictures_(std::move(pictures)), step_s_(step_s) {
    for (Joint j : {Joint::kHeel, Joint::kToe}) {
      std::vector<double> x, y;
      for (const Picture& p : pictures_) {
        x.push_back(p.joint[indexOf(j)].x());
        y.push_back(p.joint[indexOf(j)].y());
      }
      auto median = [](std::vector<double>& v) {
        std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 2), v.end());
        return v[v.size() / 2];
      };
      standing_[indexOf(j)] = {median(x), median(y)};
    }
  }
  const std::vector<Picture>& pictures() const { return pictures_; }
  bool known(Joint, std::size_t) const override { return true; }
  Vec2 joint(Joint joint, std::size_t frame) const override { return pictures_[frame].joint[indexOf(joint)]; }
  bool barKnown(std::size_t) const override { return true; }
  Vec2 bar(std::size_t frame) const override { return pictures_[frame].bar; }
  Acceleration jointAcceleration(Joint joint, std::size_t frame) const override {
    return bent(frame, [&](std::size_t f) { return pictures_[f].joint[indexOf(joint)]; });
  }
  Acceleration barAcceleration(std::size_t frame) const override {
    return bent(frame, [&](std::size_t f) { return pictures_[f].bar; });
  }
  Vec2 barEnd(std::size_t end, std::size_t frame) const override { return pictures_[frame].end[end]; }
  bool stands(Joint) const override { return true; }
  Vec2 standing(Joint joint) const override { return standing_[indexOf(joint)]; }

 private:
  std::vector<Picture> pictures_;
  double step_s_;
  std::array<Vec2, kJointCount> standing_{};

  template <typename At>
  Acceleration bent(std::size_t frame, const At& at) const {
    const std::size_t f = std::clamp<std::size_t>(frame, 1, pictures_.size() - 2);
    return {(at(f - 1) - 2.0 * at(f) + at(f + 1)) / (step_s_ * step_s_), 0.0};
  }
};

struct MeasuredLift {
  struct Pair {
    MeasureId id;
    double truth;
    Estimate found;
  };
  std::vector<Pair> pairs;
  std::vector<Measure> found, truth;  // of all reps; truth without an error
  std::optional<double> load_kg;
  bool reps_agree = false;
};

inline ExactPlaces exactPlaces(const LiftMotion& motion, const std::vector<double>& time_s, View view,
                               double plate_lateral_m, double out_of_level = 0.0) {
  std::vector<ExactPlaces::Picture> pictures;
  const double bar_plane_m = motion.at(0.0).bar.x();
  for (const double t : time_s) {
    const LiftPose pose = motion.at(t);
    ExactPlaces::Picture p;
    if (view == View::kSide) {  // from the right
      for (std::size_t j = 0; j < kSideJointCount; ++j) {
        p.joint[j] = pose.right.joint[j].head<2>();
        p.toward_m[j] = pose.right.joint[j].z();
      }
      p.joint[indexOf(Joint::kPelvis)] = pelvisOf(pose).head<2>();
      p.joint[indexOf(Joint::kMidBack)] = backMiddleOf(pose).head<2>();
      p.bar = pose.bar.head<2>();
    } else {
      const double right = view == View::kFront ? -1.0 : 1.0;  // of the lifter, on the picture
      auto put = [&](std::size_t j, const Vec3& at) {
        p.joint[j] = {right * at.z(), at.y()};
        p.toward_m[j] = -right * (at.x() - bar_plane_m);
      };
      for (std::size_t j = 0; j < kSideJointCount; ++j) {
        put(j, view == View::kFront ? pose.right.joint[j] : pose.left.joint[j]);
        put(indexOf(onRight(static_cast<Joint>(j))),
            view == View::kFront ? pose.left.joint[j] : pose.right.joint[j]);
      }
      p.bar = {right * pose.bar.z(), pose.bar.y()};
      for (std::size_t e = 0; e < 2; ++e) {
        const double out = (e == 0 ? -1.0 : 1.0) * plate_lateral_m;
        p.end[e] = {p.bar.x() + out, pose.bar.y() + (out_of_level + pose.bar_slope) * right * out};
      }
    }
    pictures.push_back(p);
  }
  return ExactPlaces(std::move(pictures), time_s[1] - time_s[0]);
}

// What is planted in a lift: nothing, or one fault, now and then two, on one rep or all, of so many times its
// usual size.
struct PlantedFaults {
  bool any = true, every_rep = false;
  double least = 0.2, most = 1.0;
  // Of the hand that places the joints, and of what their tracks wander, px.
  double placed_least_px = 1.5, placed_most_px = 5.0;
};
inline MeasuredLift measureLift(Lift lift, View view, std::uint32_t seed, const PlantedFaults& faults = {}) {
  std::mt19937 draw(seed * 7919 + static_cast<std::uint32_t>(lift) * 31 + static_cast<std::uint32_t>(view));
  std::normal_distribution<double> normal(0.0, 1.0);
  auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(draw); };
  FilmPlan plan = planFromSeed(seed, lift, view);
  clearFaults(plan);
  // One fault, now and then two, of any size, but none that ends a rep or tilts a bar seen from the side.
  std::vector<const FaultKind*> kinds;
  for (const FaultKind& kind : faultKinds())
    if (kind.lift == lift && kind.name != "missed" &&
        (view != View::kSide || (kind.name != "bar-uneven" && kind.name != "right-lags")))
      kinds.push_back(&kind);
  for (int k = !faults.any ? 0 : seed % 3 == 0 ? 2 : 1; k > 0; --k) {
    const FaultKind& kind =
        *kinds[static_cast<std::size_t>(between(0.0, static_cast<double>(kinds.size()) - 0.001))];
    const auto rep = static_cast<std::size_t>(between(0.0, static_cast<double>(repCount(plan)) - 0.001));
    const double size = std::min(kind.most, between(faults.least, faults.most) * kind.usual);
    for (std::size_t r = 0; r < repCount(plan); ++r)
      if (faults.every_rep || r == rep) (void)plantFault(plan, kind, r, size);
  }
  // Reps are begun and ended evenly, or as softly as can be, or somewhere between.
  auto power = [&] { return 2.5 + std::clamp(between(-1.5, 1.5), -0.5, 0.5); };
  auto ease = [&](auto& rep) {
    rep.down = {power(), power()};
    rep.up = {power(), power()};
  };
  for (RepPlan& rep : plan.squat.reps) ease(rep);
  for (PressPlan& rep : plan.bench.reps) ease(rep);
  for (PullPlan& rep : plan.deadlift.reps) ease(rep);
  // Every other press goes forward before it goes back, some as far as beyond the touch.
  if (faults.any && seed % 2 == 1)
    for (PressPlan& rep : plan.bench.reps) rep.forward_m = between(0.0, 0.1);
  MeasuredLift out;
  if (!plan.validate()) return out;
  const auto motion = motionOf(plan);

  // The camera as it is, and as it is taken to be.
  SideCamera truly;
  truly.focal_px = 1090.0;
  truly.middle_px = {640.0, 360.0};
  truly.plate_px = {640.0, 330.0};
  truly.plate_radius_px = between(62.0, 90.0);
  SideCameraErrors errors;
  errors.focal_px = 50.0;
  errors.vanishing_px = {12.0, 12.0};
  errors.roll_deg = 0.6;
  errors.plate_radius_rel = 0.003;
  errors.yaw_known = true;
  const bool across = view != View::kSide;
  truly.plate_lateral_m = across ? 0.0 : between(0.71, 0.8);
  errors.plate_lateral_m = across ? 0.0 : 0.03;
  if (across) errors.plate_radius_rel = 0.012;
  truly.vanishing_px =
      truly.middle_px + Vec2(across ? 0.0 : between(-90.0, 90.0), across ? 0.0 : between(-60.0, 60.0));
  SideCamera taken = truly;
  for (int k = 0; k < kSideCameraErrorCount; ++k) taken = withError(taken, errors, k, normal(draw));

  ClipTracks tracks;
  tracks.width_px = 1280;
  tracks.height_px = 720;
  for (double t = 0.0; t < motion->duration_s(); t += 1.0 / 30.0) tracks.time_s.push_back(t);
  // What is loaded and gripped by eye rests a little out of level.
  const double out_of_level = across ? std::tan(0.8 * std::numbers::pi / 180.0 * normal(draw)) : 0.0;
  const ExactPlaces exact = exactPlaces(*motion, tracks.time_s, view, 0.74, out_of_level);
  const Vec2 origin = truly.barBody(truly.plate_px) - exact.bar(0);
  auto seen = [&](const Vec2& body, double toward_m) { return truly.toPicture(body + origin, toward_m); };
  const double placed_px = between(faults.placed_least_px, faults.placed_most_px),
               drift_px = between(faults.placed_least_px, faults.placed_most_px);
  constexpr double kTremble_px = 0.4, kBarCommon_px = 0.25, kBarOwn_px = 0.12;
  for (std::size_t j = 0; j < kJointCount; ++j) {
    const bool has = across
                         ? static_cast<Joint>(j) != Joint::kPelvis && static_cast<Joint>(j) != Joint::kMidBack
                         : j < indexOf(Joint::kRightHip);
    if (!has) continue;
    const Vec2 off = placed_px * Vec2(normal(draw), normal(draw));
    // Changes smoothly and forgets itself within a second: a sum of waves.
    constexpr std::size_t kWaves = 12;
    std::array<std::array<double, kWaves>, 2> rate, from;
    for (std::size_t axis = 0; axis < 2; ++axis)
      for (std::size_t k = 0; k < kWaves; ++k) {
        rate[axis][k] = normal(draw) / 0.75;
        from[axis][k] = between(0.0, 2.0 * std::numbers::pi);
      }
    for (std::size_t f = 0; f < tracks.time_s.size(); ++f) {
      Vec2 drift = Vec2::Zero();
      for (std::size_t axis = 0; axis < 2; ++axis)
        for (std::size_t k = 0; k < kWaves; ++k)
          drift[static_cast<Eigen::Index>(axis)] +=
              drift_px * std::sqrt(2.0 / kWaves) * std::cos(rate[axis][k] * tracks.time_s[f] + from[axis][k]);
      JointSample s;
      s.known = true;
      // The error carried grows away from where a joint was placed: nowhere is it smaller than the hand's.
      s.sd_px = f == 0 ? placed_px : std::hypot(placed_px, drift_px);
      s.p_px = seen(exact.pictures()[f].joint[j], exact.pictures()[f].toward_m[j]) + off + drift +
               kTremble_px * Vec2(normal(draw), normal(draw));
      tracks.joints[j].push_back(s);
    }
  }
  const std::array<Vec2, 2> bar_off = {kBarCommon_px * Vec2(normal(draw), normal(draw)),
                                       kBarCommon_px * Vec2(normal(draw), normal(draw))};
  // A plate seen from its edge is measured to a hundredth of its size.
  const std::array<double, 2> end_size = {1.0 + 0.01 * normal(draw), 1.0 + 0.01 * normal(draw)};
  for (std::size_t f = 0; f < tracks.time_s.size(); ++f) {
    const ExactPlaces::Picture& p = exact.pictures()[f];
    BarSample s;
    s.state = TrackState::kSeen;
    s.sd_px = kBarCommon_px;
    s.radius_px = truly.plate_radius_px;
    auto sample = [&](const Vec2& at, double toward_m, const Vec2& off) {
      BarSample one = s;
      one.p_px = seen(at, toward_m) + off + kBarOwn_px * Vec2(normal(draw), normal(draw));
      return one;
    };
    if (across) {
      for (std::size_t e = 0; e < 2; ++e) {
        tracks.ends[e].push_back(sample(p.end[e], 0.0, bar_off[e]));
        tracks.ends[e].back().radius_px *= end_size[e];
      }
      BarSample middle = s;
      middle.p_px = 0.5 * (tracks.ends[0].back().p_px + tracks.ends[1].back().p_px);
      tracks.bar.push_back(middle);
    } else {
      tracks.bar.push_back(sample(p.bar, truly.plate_lateral_m, bar_off[0]));
    }
  }

  MeasureInput input{&tracks, lift, taken, errors, view, plan.load_kg};
  const double body_kg = between(50.0, 120.0);  // as it is, and as it was told
  const double mass_sd_kg = seed % 2 == 0 ? 1.0 : 0.15 * body_kg;
  input.body_kg = Estimate{body_kg + mass_sd_kg * normal(draw), mass_sd_kg};
  const auto reps = findReps(computeBarHeight(input), lift);
  BarHeight exactly;
  exactly.time_s = tracks.time_s;
  for (std::size_t f = 0; f < tracks.time_s.size(); ++f) {
    exactly.height_m.push_back(exact.bar(f).y());
    exactly.sd_m.push_back(1e-4);
  }
  auto true_reps = findReps(exactly, lift);
  out.reps_agree = reps && true_reps && reps->size() == true_reps->size() && reps->size() == repCount(plan);
  if (!out.reps_agree) return out;
  for (std::size_t r = 0; r < true_reps->size(); ++r) {  // times are those of the motion, not of a reading
    const RepEvents events = motion->seenEvents(r);
    Rep& rep = (*true_reps)[r];
    rep.start_s = {events.start_s, 0.0};
    rep.turn_s = {events.turn_s, 0.0};
    rep.leave_s = {
        events.leave_s - events.turn_s < RepFinderOptions().pause_s ? events.turn_s : events.leave_s, 0.0};
    rep.end_s = {events.end_s, 0.0};
  }
  const SplineFit height = smoothSpline(exactly.time_s, exactly.height_m, exactly.sd_m);
  std::vector<std::optional<double>> tilt;
  for (const double t : tracks.time_s)
    tilt.push_back(std::atan(out_of_level + motion->at(t).bar_slope) * 180.0 / std::numbers::pi);
  const auto measures = computeMeasures(input, *reps);
  out.found = measures;
  out.load_kg = plan.load_kg;
  for (const Rep& rep : *true_reps) {
    const RepScene scene{
        exact, tracks.time_s,         height.at, lift, view, *true_reps, rep, plan.load_kg, 0.0, 0.0, tilt,
        0.0,   Estimate{body_kg, 0.0}};
    for (const ReadMeasure& read : readMeasures(scene)) {
      out.truth.push_back({read.definition->id, rep.number, {}, read.reading.status, read.reading.frame});
      if (read.reading.status != MeasureStatus::kOk) continue;
      out.truth.back().value.value =
          read.reading.formula ? read.reading.formula(exact) : read.reading.value->value;
      const Measure* m = findMeasure(measures, read.definition->id, rep.number);
      if (m == nullptr || m->status != MeasureStatus::kOk) continue;
      const double truth = out.truth.back().value.value;
      // A drift of a bar that goes the other way is none, and is known to be none.
      const bool nothing = truth == 0.0 && m->value.value == 0.0 && m->value.sd == 0.0;
      if (std::isfinite(truth) && !nothing) out.pairs.push_back({m->id, truth, m->value});
    }
  }
  return out;
}

// How well the stated errors hold over many lifts. One rep of each lift counts: reps of one film share the
// camera and the hand.
struct Calibration {
  int cases = 0, within = 0;
  double error_sum = 0.0, square_sum = 0.0, sd_sum = 0.0;
  std::vector<double> in_sd;  // size of each error in stated standard deviations
  double bias() const { return error_sum / cases; }
  double rms() const { return std::sqrt(square_sum / cases); }
  double sd() const { return sd_sum / cases; }
  double share() const { return static_cast<double>(within) / cases; }
  // The stated errors would have to be so many times as large to hold in 68 of 100 cases.
  double neededShare() const {
    std::vector<double> v = in_sd;
    const auto at = v.begin() + static_cast<long>(0.6827 * static_cast<double>(v.size()));
    std::nth_element(v.begin(), at, v.end());
    return *at;
  }
};
inline std::map<MeasureId, Calibration> calibrate(Lift lift, View view, std::uint32_t from, std::uint32_t to,
                                                  int* films = nullptr) {
  std::map<MeasureId, Calibration> all;
  for (std::uint32_t seed = from; seed <= to; ++seed) {
    const MeasuredLift measured = measureLift(lift, view, seed);
    if (films != nullptr) *films += measured.reps_agree;
    std::map<MeasureId, std::vector<MeasuredLift::Pair>> of;
    for (const auto& pair : measured.pairs) of[pair.id].push_back(pair);
    for (const auto& [id, pairs] : of) {
      const auto& p = pairs[seed % pairs.size()];
      Calibration& c = all[id];
      const double error = p.found.value - p.truth;
      ++c.cases;
      c.within += std::abs(error) <= p.found.sd;
      c.error_sum += error;
      c.square_sum += error * error;
      c.sd_sum += p.found.sd;
      c.in_sd.push_back(p.found.sd > 0.0 ? std::abs(error) / p.found.sd : error == 0.0 ? 0.0 : 1e3);
    }
  }
  return all;
}

}  // namespace mottix::known
