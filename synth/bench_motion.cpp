#include "synth/bench_motion.h"

#include <cassert>
#include <cmath>
#include <numbers>

#include <Eigen/Geometry>
#include <string>

namespace mottix {
namespace {

constexpr double kPalm_m = 0.05;             // the bar lies that far above the wrist
constexpr double kChestAboveJoint_m = 0.14;  // of the bar on the chest over the shoulder's centre
constexpr double kBackToJoint_m = 0.11;
constexpr double kHipBelowShoulder_m = 0.035;  // their centres, of somebody who lies flat
constexpr double kStraight = 0.985;            // of the arm, at lock-out

}  // namespace

Expected<void> BenchPlan::validate() const {
  if (auto ok = build.validate(); !ok) return ok;
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Bench plan: " + what); };
  if (reps.empty() || reps.size() > 20) return bad("there must be 1 to 20 reps.");
  for (const PressPlan& r : reps) {
    if (!(r.touch_m >= 0.0 && r.touch_m <= 0.2)) return bad("touch_m must lie between 0 and 0.2.");
    if (!(r.pause_s >= 0.0 && r.pause_s <= 5.0)) return bad("pause_s must lie between 0 and 5.");
    if (!(r.right_lags_m >= 0.0 && r.right_lags_m <= 0.12))
      return bad("right_lags_m must lie between 0 and 0.12.");
    for (const double size : {r.touch_off_m, r.sinks_m, r.seat_up_m, r.forward_m, r.foot_slides_m,
                              r.head_up_m, r.shoulders_roll_m})
      if (!(size >= 0.0 && size <= 0.15)) return bad("a planted fault must lie between 0 and 0.15 m.");
    if (!(r.sticks_low_s >= 0.0 && r.sticks_high_s >= 0.0 && r.sticks_low_s + r.sticks_high_s <= 3.0))
      return bad("it sticks for 0 to 3 s.");
    if (!(r.fails_at >= 0.0 && r.fails_at <= 0.9)) return bad("fails_at must lie between 0 and 0.9.");
    if (r.fails_at > 0.0 && r.sticks_low_s + r.sticks_high_s > 0.0)
      return bad("a rep that fails does not stick as well.");
    for (const double turn : {r.elbows_out_deg, r.wrists_bend_deg})
      if (!(turn >= 0.0 && turn <= 60.0)) return bad("elbows and wrists turn by 0 to 60 degrees.");
    if (!(r.descent_s >= 0.4 && r.descent_s <= 8.0 && r.ascent_s >= 0.4 && r.ascent_s <= 10.0))
      return bad("descent_s and ascent_s must lie between 0.4 and 8 or 10 s.");
    if (!r.up.valid() || !r.down.valid()) return bad("ways are eased by powers from 2 to 3.");
  }
  if (!(grip_half_m >= 0.22 && grip_half_m <= 0.48)) return bad("grip_half_m lies between 0.22 and 0.48.");
  return {};
}

Vec3 BenchMotion::shoulder_m() const {
  return {-0.12, kBenchTop_m + kBackToJoint_m, kShoulderHalfOfHeight * plan_.build.height_m};
}

BenchMotion::BenchMotion(BenchPlan plan) : plan_(std::move(plan)) {
  assert(plan_.validate() && "the plan comes from outside and is checked before");
  const LifterBuild& b = plan_.build;
  const Vec3 shoulder = shoulder_m();
  constexpr double kTowardFeet_m = 0.02;
  const double arm = kStraight * (b.upperArm_m() + b.forearm_m()), out = plan_.grip_half_m - shoulder.z();
  top_ = {shoulder.x() + kTowardFeet_m,
          shoulder.y() + std::sqrt(arm * arm - out * out - kTowardFeet_m * kTowardFeet_m) + kPalm_m};
  double t = plan_.still_before_s;
  for (const PressPlan& rep : plan_.reps) {
    RepEvents e;
    e.start_s = t;
    e.turn_s = e.start_s + rep.descent_s;
    e.leave_s = e.turn_s + rep.pause_s;
    e.end_s = e.leave_s + rep.ascent_s + rep.sticks_low_s + rep.sticks_high_s;
    t = e.end_s + plan_.still_between_s;
    events_.push_back(e);
  }
  duration_s_ = t + 0.3;
}

LiftPose BenchMotion::at(double time_s) const {
  const LifterBuild& b = plan_.build;
  const double h = b.height_m;
  const Vec3 shoulder = shoulder_m();
  LiftPose pose;
  pose.bar = Vec3(top_.x(), top_.y(), 0.0);
  constexpr double kDeg = std::numbers::pi / 180.0;
  double seat_up = 0.0, slides = 0.0, head_up = 0.0, rolls = 0.0, elbows_out = 0.0, wrists_bend = 0.0;
  for (std::size_t r = 0; r < events_.size(); ++r) {
    const RepEvents& e = events_[r];
    if (time_s < e.start_s || time_s > e.end_s) continue;
    const bool rising = time_s > e.leave_s;
    double up = 0.0;
    if (const PressPlan& rep = plan_.reps[r]; rising) {
      constexpr double kLow = 0.3, kHigh = 0.75;  // of the way: off the chest, and near lock-out
      up = rep.fails_at > 0.0
               ? failingCourse((time_s - e.leave_s) / rep.ascent_s, rep.fails_at, rep.up)
               : stickingCourse(time_s - e.leave_s, rep.ascent_s, rep.sticks_low_s > 0.0 ? kLow : kHigh,
                                rep.sticks_low_s + rep.sticks_high_s, rep.up);
    }
    const PressPlan& plan = plan_.reps[r];
    const double drop = rising ? 1.0 - up : course((time_s - e.start_s) / (e.turn_s - e.start_s), plan.down);
    const Vec2 touch(shoulder.x() + plan.touch_m + plan.touch_off_m, shoulder.y() + kChestAboveJoint_m);
    // Down in a light curve; up and back a little sooner than it came.
    pose.bar.y() += drop * (touch.y() - top_.y());
    pose.bar.x() += std::pow(drop, rising ? 1.4 : 1.0) * (touch.x() - top_.x());
    if (time_s > e.turn_s && !rising)
      pose.bar.y() -= plan.sinks_m *
                      std::pow(std::sin(std::numbers::pi * (time_s - e.turn_s) / (e.leave_s - e.turn_s)), 2);
    // Shoulders that roll are off the bench before the bar is locked out and back on it when it comes down
    // again.
    rolls = plan.shoulders_roll_m * std::pow(std::sin(std::numbers::pi * std::pow(1.0 - drop, 3)), 2);
    elbows_out = kDeg * plan.elbows_out_deg * drop;
    wrists_bend = kDeg * plan.wrists_bend_deg * drop;
    if (!rising) continue;
    const double bump = std::pow(std::sin(std::numbers::pi * up), 2);
    pose.bar_slope = -plan.right_lags_m * bump / (2.0 * plan_.grip_half_m);
    pose.bar.x() += plan.forward_m * bump;
    seat_up = plan.seat_up_m * bump;
    head_up = plan.head_up_m * bump;
    slides = plan.foot_slides_m * bump;
  }
  const double flat_x = shoulder.x() + b.trunk_m(), hip_y = shoulder.y() - kHipBelowShoulder_m + seat_up;
  const Vec3 foot(flat_x + 0.85 * b.thigh_m() + 0.07 - slides, 0.0, 0.29);
  const Vec3 ear(shoulder.x() - 0.13 * h, shoulder.y() + 0.01 + head_up, 0.07);
  const Vec3 rolled = shoulder + Vec3(0.0, rolls, 0.0);
  // The trunk is as long as it lay.
  const double rise = hip_y - rolled.y(), trunk = std::hypot(b.trunk_m(), kHipBelowShoulder_m);
  const Vec3 hip(shoulder.x() + std::sqrt(trunk * trunk - rise * rise), hip_y, kHipHalfOfHeight * h);
  for (Side* side : {&pose.right, &pose.left}) {
    // Worked out for the right; the left is its mirror image under a bar that rises the other way.
    const double slope = side == &pose.right ? pose.bar_slope : -pose.bar_slope;
    placeFoot(*side, b, foot, 20.0);
    auto set = [&](Joint j, const Vec3& at) { side->joint[indexOf(j)] = at; };
    set(Joint::kHip, hip);
    set(Joint::kKnee,
        hingeBetween(side->joint[indexOf(Joint::kAnkle)], hip, b.shank_m(), b.thigh_m(), {0.4, 1.0, 0.5}));
    set(Joint::kShoulder, rolled);
    set(Joint::kEar, ear);
    const Vec3 wrist(pose.bar.x() + kPalm_m * std::sin(wrists_bend),
                     pose.bar.y() + slope * plan_.grip_half_m - kPalm_m * std::cos(wrists_bend),
                     plan_.grip_half_m);
    set(Joint::kWrist, wrist);
    // Turned away from the feet, the elbow goes out.
    const Vec3 toward = Eigen::AngleAxisd(-elbows_out, (wrist - rolled).normalized()) * Vec3(0.8, -0.6, 0.8);
    set(Joint::kElbow, hingeBetween(rolled, wrist, b.upperArm_m(), b.forearm_m(), toward));
  }
  pose.left = mirrored(pose.left);
  pose.trunk_lean_deg = -std::atan2(hip.x() - rolled.x(), rolled.y() - hip.y()) * 180.0 / std::numbers::pi;
  return pose;
}

}  // namespace mottix
