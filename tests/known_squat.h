// Known answers for core's tests: a made-up squat as a side camera would see it, exact but for noise that is
// asked for.
#pragma once

#include <cmath>
#include <numbers>
#include <random>

#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix::known {

struct KnownSquat {
  int reps = 3;
  double fps = 30.0;
  double depth_m = 0.04;  // hip below knee at the bottom
  double lean_start_deg = 8.0, lean_turn_deg = 38.0;
  double lean_gain_deg = 0.0;  // on the way up
  double bar_forward_m = 0.0;  // at the bottom, from mid-foot
  double travel_m = 0.55;      // of the bar
  double noise_px = 0.0;
  double descent_s = 1.5, ascent_s = 1.2, rest_s = 1.0;
  double yaw_px = 0.0;  // vanishing point right of the picture's middle
};

inline SideCamera knownCamera(double yaw_px = 0.0) {
  SideCamera c;
  c.focal_px = 1024.0;
  c.middle_px = {640.0, 360.0};
  c.vanishing_px = {640.0 + yaw_px, 360.0};
  c.plate_radius_px = 80.0;
  c.plate_px = {640.0, 300.0};
  return c;
}

struct KnownClip {
  ClipTracks tracks;
  SideCamera camera;
  std::vector<double> start_s, turn_s, end_s;
};

// Joint heights and leans are those of the plan exactly; the trunk is 0.5 m long and the bar rides on the
// shoulder.
inline KnownClip film(const KnownSquat& plan) {
  KnownClip clip;
  clip.camera = knownCamera(plan.yaw_px);
  clip.tracks.width_px = 1280;
  clip.tracks.height_px = 720;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder})
    clip.tracks.joints[indexOf(j)] = {};
  std::mt19937 draw(7);
  std::normal_distribution<double> noise(0.0, 1.0);
  auto course = [](double p) {
    p = std::clamp(p, 0.0, 1.0);
    return p * p * p * (10.0 + p * (-15.0 + 6.0 * p));
  };
  const double cycle = plan.descent_s + plan.ascent_s + plan.rest_s;
  const double length_s = plan.rest_s + plan.reps * cycle;
  for (int r = 0; r < plan.reps; ++r) {
    clip.start_s.push_back(plan.rest_s + r * cycle);
    clip.turn_s.push_back(clip.start_s.back() + plan.descent_s);
    clip.end_s.push_back(clip.turn_s.back() + plan.ascent_s);
  }
  const Vec2 body0 = clip.camera.toBody({640.0, 300.0}, clip.camera.plate_lateral_m);
  for (int i = 0; i < static_cast<int>(length_s * plan.fps); ++i) {
    const double t = i / plan.fps;
    double down = 0.0, gain = 0.0;
    for (std::size_t r = 0; r < clip.start_s.size(); ++r) {
      if (t < clip.start_s[r] || t > clip.end_s[r]) continue;
      const bool rising = t > clip.turn_s[r];
      const double part = rising ? (t - clip.turn_s[r]) / plan.ascent_s : 0.0;
      down = rising ? 1.0 - course(part) : course((t - clip.start_s[r]) / plan.descent_s);
      // Full within the first third of the way up, gone at the top.
      gain = rising && part < 0.8 ? std::pow(std::sin(std::numbers::pi * part / 0.8), 2) : 0.0;
    }
    const double lean = (plan.lean_start_deg + down * (plan.lean_turn_deg - plan.lean_start_deg) +
                         gain * plan.lean_gain_deg) *
                        std::numbers::pi / 180.0;
    const Vec2 bar = body0 + Vec2(down * plan.bar_forward_m, -down * plan.travel_m);
    const Vec2 shoulder = bar + Vec2(0.05, -0.05);
    const Vec2 hip = shoulder - 0.5 * Vec2(std::sin(lean), std::cos(lean));
    // Depth is met at the bottom; above it the knee is where it must be for the difference to shrink evenly.
    const Vec2 knee(body0.x() + 0.15 * down, hip.y() + down * plan.depth_m - (1.0 - down) * 0.40);
    auto put = [&](Joint j, const Vec2& body, double lateral) {
      JointSample s;
      s.known = true;
      s.sd_px = 2.0;
      s.p_px = clip.camera.toPicture(body, lateral) + plan.noise_px * Vec2(noise(draw), noise(draw));
      clip.tracks.joints[indexOf(j)].push_back(s);
    };
    const double floor = body0.y() - 1.45;
    const Vec2 ankle(body0.x() - 0.05, floor + 0.08);
    put(Joint::kHip, hip, lateralPrior(Joint::kHip).value);
    put(Joint::kKnee, knee, kneeLateral(ankle, knee, hip).value);
    put(Joint::kAnkle, ankle, lateralPrior(Joint::kAnkle).value);
    put(Joint::kShoulder, shoulder, lateralPrior(Joint::kShoulder).value);
    put(Joint::kHeel, {body0.x() - 0.13, floor}, lateralPrior(Joint::kHeel).value);
    put(Joint::kToe, {body0.x() + 0.13, floor}, lateralPrior(Joint::kToe).value);
    BarSample sample;
    sample.p_px = clip.camera.toPicture(bar, clip.camera.plate_lateral_m) +
                  plan.noise_px * 0.3 * Vec2(noise(draw), noise(draw));
    sample.sd_px = 0.4;
    sample.radius_px = clip.camera.plate_radius_px;
    sample.state = TrackState::kSeen;
    clip.tracks.bar.push_back(sample);
    clip.tracks.time_s.push_back(t);
  }
  return clip;
}

}  // namespace mottix::known
