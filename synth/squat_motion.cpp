#include "synth/squat_motion.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>
#include <string>

#include <Eigen/Geometry>

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;
constexpr double kSwayM = 0.002;          // of a standing lifter
constexpr double kHipsFirstUntil = 0.75;  // part of the way up over which the planted fault lasts
constexpr double kCaveUntil = 0.9;
constexpr double kChestFirstUntil = 0.6;
constexpr double kTucksFrom = 0.75;  // of the way down

}  // namespace

Expected<void> SquatPlan::validate() const {
  if (auto ok = build.validate(); !ok) return ok;
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Squat plan: " + what); };
  if (reps.empty() || reps.size() > 20) return bad("there must be 1 to 20 reps.");
  for (const RepPlan& r : reps) {
    if (!(r.depth_m >= -0.25 && r.depth_m <= 0.12)) return bad("depth_m must lie between -0.25 and 0.12.");
    if (!(r.lean_gain_deg >= 0.0 && r.lean_gain_deg <= 25.0))
      return bad("lean_gain_deg must lie between 0 and 25.");
    if (!(r.cave_deg >= 0.0 && r.cave_deg <= 40.0)) return bad("cave_deg must lie between 0 and 40.");
    if (!(r.chest_first_deg >= 0.0 && r.chest_first_deg <= 15.0))
      return bad("chest_first_deg must lie between 0 and 15.");
    if (!(r.heels_up_m >= 0.0 && r.heels_up_m <= 0.06)) return bad("heels_up_m must lie between 0 and 0.06.");
    if (!(std::abs(r.right_low_m) <= 0.08)) return bad("right_low_m must lie within 0.08.");
    if (!(r.tuck_m >= 0.0 && r.tuck_m <= 0.08)) return bad("tuck_m must lie between 0 and 0.08.");
    if (!(r.chin_up_deg >= 0.0 && r.chin_up_deg <= 45.0))
      return bad("chin_up_deg must lie between 0 and 45.");
    if (!(r.fails_at >= 0.0 && r.fails_at <= 0.9)) return bad("fails_at must lie between 0 and 0.9.");
    if (!(std::abs(r.bar_forward_m) <= 0.12)) return bad("bar_forward_m must lie within 0.12 of mid-foot.");
    if (!(r.descent_s >= 0.4 && r.descent_s <= 8.0 && r.ascent_s >= 0.4 && r.ascent_s <= 10.0))
      return bad("descent_s and ascent_s must lie between 0.4 and 8 or 10 s.");
    if (!r.up.valid() || !r.down.valid()) return bad("ways are eased by powers from 2 to 3.");
  }
  if (!(lean_deg >= 15.0 && lean_deg <= 70.0)) return bad("lean_deg must lie between 15 and 70.");
  if (!(still_before_s >= 0.2 && still_before_s <= 10.0 && still_between_s >= 0.2 && still_between_s <= 10.0))
    return bad("pauses must lie between 0.2 and 10 s.");
  return {};
}

SquatMotion::SquatMotion(SquatPlan plan) : plan_(std::move(plan)) {
  assert(plan_.validate() && "the plan comes from outside and is checked before");
  double t = plan_.still_before_s;
  for (const RepPlan& rep : plan_.reps) {
    RepEvents e;
    e.start_s = t;
    e.turn_s = e.start_s + rep.descent_s;
    e.leave_s = e.turn_s + plan_.turn_s;
    e.end_s = e.leave_s + rep.ascent_s;
    t = e.end_s + plan_.still_between_s;
    events_.push_back(e);
    bottoms_.push_back(bottom(rep));
  }
  duration_s_ = t + 0.4;
  // The size of the planted lean is met by bisection.
  lean_bump_rad_.assign(plan_.reps.size(), 0.0);
  for (std::size_t r = 0; r < plan_.reps.size(); ++r) {
    if (plan_.reps[r].lean_gain_deg <= 0.0) continue;
    double low = 0.0, high = 1.0;
    for (int round = 0; round < 30; ++round) {
      lean_bump_rad_[r] = 0.5 * (low + high);
      (greatestGain_deg(r) < plan_.reps[r].lean_gain_deg ? low : high) = lean_bump_rad_[r];
    }
  }
}

RepEvents SquatMotion::seenEvents(std::size_t rep) const {
  RepEvents e = events_[rep];
  constexpr double kStep = 1.0 / 960.0;
  double lowest = 1e9;
  for (double t = e.start_s; t <= e.end_s; t += kStep) {
    const double y = at(t).bar.y();
    if (y < lowest - 1e-9) {
      lowest = y;
      e.turn_s = t;
    }
  }
  // While the turn lasts the bar stands still; its first moment was found, its last is the start of the way
  // up.
  e.leave_s = std::max(e.turn_s, e.leave_s);
  return e;
}

double SquatMotion::greatestGain_deg(std::size_t rep) const {
  const RepEvents& e = events_[rep];
  const double bottom = at(e.leave_s).trunk_lean_deg;
  double most = bottom;
  for (int i = 0; i <= 100; ++i)
    most = std::max(most, at(e.leave_s + (e.end_s - e.leave_s) * i / 100.0).trunk_lean_deg);
  return most - bottom;
}

SquatMotion::Posture SquatMotion::bottom(const RepPlan& rep) const {
  // The thigh angle at which the hip lies `depth_m` below the knee, in solve's own geometry.
  Posture p{0.5 * std::numbers::pi, plan_.lean_deg * kDeg, rep.bar_forward_m, plan_.toe_out_deg};
  p.heels_up_m = rep.heels_up_m;
  double low = 0.2, high = 2.6;
  for (int round = 0; round < 40; ++round) {
    p.thigh_rad = 0.5 * (low + high);
    const LiftPose pose = solve(p);
    const double depth =
        pose.right.joint[indexOf(Joint::kKnee)].y() - pose.right.joint[indexOf(Joint::kHip)].y();
    (depth < rep.depth_m ? low : high) = p.thigh_rad;
  }
  return p;
}

SquatMotion::Posture SquatMotion::postureAt(double time_s) const {
  const Posture up{1.0 * kDeg, 8.0 * kDeg, 0.0, plan_.toe_out_deg};
  Posture p = up;
  p.bar_x_m += kSwayM * std::sin(1.9 * time_s);
  for (std::size_t r = 0; r < events_.size(); ++r) {
    const RepEvents& e = events_[r];
    if (time_s < e.start_s || time_s > e.end_s) continue;
    const Posture& low = bottoms_[r];
    const bool rising = time_s > e.leave_s;
    const double part = rising ? (time_s - e.leave_s) / (e.end_s - e.leave_s) : 0.0;
    // The hip's height follows the course; the thigh's angle follows from the height, and the lean from the
    // angle.
    const double drop = rising ? 1.0 - failingCourse(part, plan_.reps[r].fails_at, plan_.reps[r].up)
                               : course((time_s - e.start_s) / (e.turn_s - e.start_s), plan_.reps[r].down);
    const double cosine = std::cos(up.thigh_rad) + drop * (std::cos(low.thigh_rad) - std::cos(up.thigh_rad));
    p.thigh_rad = std::acos(std::clamp(cosine, -1.0, 1.0));
    const double down = (p.thigh_rad - up.thigh_rad) / (low.thigh_rad - up.thigh_rad);
    p.lean_rad = up.lean_rad + (1.0 - (1.0 - down) * (1.0 - down)) * (low.lean_rad - up.lean_rad);
    p.bar_x_m += down * low.bar_x_m;
    if (rising && part < kHipsFirstUntil)
      p.lean_rad += lean_bump_rad_[r] * std::pow(std::sin(std::numbers::pi * part / kHipsFirstUntil), 4);
    const RepPlan& plan = plan_.reps[r];
    if (rising && part < kChestFirstUntil)
      p.lean_rad -=
          plan.chest_first_deg * kDeg * std::pow(std::sin(std::numbers::pi * part / kChestFirstUntil), 2);
    p.heels_up_m = plan.heels_up_m * std::pow(drop, 3);
    p.slope = -plan.right_low_m / (2.0 * plan_.grip_half_m) * course(4.0 * drop);
    p.round_m = plan.tuck_m * course((drop - kTucksFrom) / (1.0 - kTucksFrom));
    if (rising) p.chin_up_rad = plan.chin_up_deg * kDeg * std::pow(std::sin(std::numbers::pi * part), 2);
    // Knees cave in out of the bottom and come back toward lock-out.
    if (rising && part < kCaveUntil)
      p.knees_out_deg -= plan.cave_deg * std::pow(std::sin(std::numbers::pi * part / kCaveUntil), 2);
  }
  return p;
}

LiftPose SquatMotion::solve(const Posture& posture) const {
  const LifterBuild& b = plan_.build;
  const double h = b.height_m;
  const double trunk = b.trunk_m();

  LiftPose pose;
  placeFoot(pose.right, b, {0.0, 0.0, plan_.stance_half_m}, plan_.toe_out_deg, posture.heels_up_m);
  const Vec3 ankle = pose.right.joint[indexOf(Joint::kAnkle)];
  // bar.x = hip.x + (trunk + above)·sin(lean) - behind·cos(lean) gives hip.x, and that the knee.
  const double along = trunk + plan_.bar_above_m, behind = plan_.bar_behind_m, lean = posture.lean_rad;
  const double hip_x = posture.bar_x_m - along * std::sin(lean) + behind * std::cos(lean);
  const double thigh = b.thigh_m(), shank = b.shank_m(), hip_z = kHipHalfOfHeight * h;
  // The hip's height is found at which the thigh, seen from the side, has the angle asked for.
  const Vec3 knees_toward(1.0, 0.0, std::tan(posture.knees_out_deg * kDeg));
  const double reach = 0.9999 * (thigh + shank);
  double high = ankle.y() +
                std::sqrt(reach * reach - std::pow(hip_x - ankle.x(), 2) - std::pow(hip_z - ankle.z(), 2)),
         low = ankle.y();
  Vec3 hip(hip_x, 0.0, hip_z), knee;
  for (int round = 0; round < 40; ++round) {
    hip.y() = 0.5 * (low + high);
    knee = hingeBetween(ankle, hip, shank, thigh, knees_toward);
    const double angle = std::atan2(knee.x() - hip.x(), hip.y() - knee.y());
    (angle < posture.thigh_rad ? high : low) = hip.y();
  }
  const Vec3 up(std::sin(lean), std::cos(lean), 0.0), back(-std::cos(lean), std::sin(lean), 0.0);
  const Vec3 hip_mid(hip.x(), hip.y(), 0.0);
  const Vec3 shoulder_mid = hip_mid + trunk * up;

  pose.trunk_lean_deg = lean / kDeg;
  pose.bar = hip_mid + along * up + behind * back;
  Vec3 shoulder = shoulder_mid, wrist = pose.bar,
       ear = shoulder_mid + Eigen::AngleAxisd(posture.chin_up_rad, Vec3::UnitZ()) *
                                Vec3(0.115 * h * (0.75 * up + Vec3(0, 0.25, 0)));
  shoulder.z() = kShoulderHalfOfHeight * h;
  wrist.z() = plan_.grip_half_m;
  wrist += Vec3(0.02, -0.03, 0.0);
  ear += Vec3(0.02, 0.0, 0.07);
  const Vec3 low_and_behind(-0.35, -1.0, 0.0);
  auto set = [&](Joint j, const Vec3& p) { pose.right.joint[indexOf(j)] = p; };
  set(Joint::kKnee, knee);
  set(Joint::kHip, hip);
  set(Joint::kShoulder, shoulder);
  set(Joint::kEar, ear);
  pose.left = pose.right;
  pose.bar_slope = posture.slope;
  pose.back_round_m = posture.round_m;
  for (Side* side : {&pose.right, &pose.left}) {
    // Worked out for the right; the left is its mirror image under a bar that rises the other way.
    const double slope = side == &pose.right ? posture.slope : -posture.slope;
    const Vec3 hand = wrist + Vec3(0.0, slope * plan_.grip_half_m, 0.0);
    side->joint[indexOf(Joint::kWrist)] = hand;
    side->joint[indexOf(Joint::kElbow)] =
        hingeBetween(shoulder, hand, b.upperArm_m(), b.forearm_m(), low_and_behind);
  }
  pose.left = mirrored(pose.left);
  return pose;
}

LiftPose SquatMotion::at(double time_s) const {
  return solve(postureAt(time_s));
}

}  // namespace mottix
