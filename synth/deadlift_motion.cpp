#include "synth/deadlift_motion.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>
#include <string>

#include <Eigen/Geometry>

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;
constexpr double kBarOnFloor_m = 0.225;
constexpr double kHand_m = 0.07;  // from the wrist to the middle of the bar
constexpr double kBendDown_s = 1.3;
constexpr double kHipsFirst_s = 0.4;                  // before lift-off
constexpr double kRolls_s = 0.5, kRollsBack_s = 0.6;  // before lift-off; after landing
constexpr double kEarlyKnees = 0.75;                  // of how the legs lead the bar
constexpr std::size_t kPastKneeSteps = 64;
constexpr double kTopShin_rad = 2.0 * kDeg, kTopThigh_rad = 2.0 * kDeg, kTopLean_rad = 1.0 * kDeg;

// Where links from `low` and from a point above it meet, behind the line between them.
Vec2 meetBehind(const Vec2& low, double low_m, const Vec2& high, double high_m) {
  const Vec2 d = high - low;
  const double apart = d.norm();
  const double along = std::min((apart * apart + low_m * low_m - high_m * high_m) / (2.0 * apart), low_m);
  const double off = std::sqrt(std::max(0.0, low_m * low_m - along * along));
  const Vec2 axis = d / apart;
  return low + along * axis + off * Vec2(-axis.y(), axis.x());
}

}  // namespace

DeadliftPlan DeadliftPlan::sumo() {
  DeadliftPlan plan;
  plan.stance_half_m = 0.36;
  plan.toe_out_deg = 42.0;
  plan.grip_half_m = 0.20;
  plan.shin_lean_deg = 6.0;
  plan.shoulder_ahead_m = 0.02;
  return plan;
}

Expected<void> DeadliftPlan::validate() const {
  if (auto ok = build.validate(); !ok) return ok;
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Deadlift plan: " + what); };
  if (reps.empty() || reps.size() > 20) return bad("there must be 1 to 20 reps.");
  for (const PullPlan& r : reps) {
    if (!(std::abs(r.drift_m) <= 0.15)) return bad("drift_m must lie within 0.15.");
    if (!(r.hips_first_deg >= 0.0 && r.hips_first_deg <= 15.0))
      return bad("hips_first_deg must lie between 0 and 15.");
    for (const double size : {r.rolls_m, r.round_m, r.bent_arms_m, r.swing_m, r.lands_forward_m})
      if (!(size >= 0.0 && size <= 0.15)) return bad("a planted fault must lie between 0 and 0.15 m.");
    if (!(r.short_of_top >= 0.0 && r.short_of_top <= 0.6))
      return bad("short_of_top must lie between 0 and 0.6.");
    if (!(r.lean_back_deg >= 0.0 && r.lean_back_deg <= 20.0))
      return bad("lean_back_deg must lie between 0 and 20.");
    if (!(r.pull_s >= 0.4 && r.pull_s <= 10.0 && r.lower_s >= 0.3 && r.lower_s <= 8.0 && r.hold_s >= 0.1 &&
          r.hold_s <= 5.0))
      return bad("pull_s, hold_s and lower_s must lie between 0.1 and 10 s.");
    if (!r.up.valid() || !r.down.valid()) return bad("ways are eased by powers from 2 to 3.");
  }
  if (!(stance_half_m >= 0.05 && stance_half_m <= 0.45))
    return bad("stance_half_m lies between 0.05 and 0.45.");
  if (!(shin_lean_deg >= 0.0 && shin_lean_deg <= 30.0)) return bad("shin_lean_deg lies between 0 and 30.");
  if (!(std::abs(shoulder_ahead_m) <= 0.12)) return bad("shoulder_ahead_m must lie within 0.12.");
  return {};
}

DeadliftMotion::DeadliftMotion(DeadliftPlan plan) : plan_(std::move(plan)) {
  assert(plan_.validate() && "the plan comes from outside and is checked before");
  const LifterBuild& b = plan_.build;
  const double h = b.height_m;
  Side feet;
  placeFoot(feet, b, {0.0, 0.0, plan_.stance_half_m}, plan_.toe_out_deg);
  const Vec3 ankle = feet.joint[indexOf(Joint::kAnkle)];
  ankle_ = ankle.head<2>();
  // Legs and arms that go outward look shorter from the side: in the set-up the thighs, since knees follow
  // the toes; at lock-out the whole leg alike.
  auto seen = [](double length, double out) { return std::sqrt(length * length - out * out); };
  const double hip_z = kHipHalfOfHeight * h, lean = std::tan(plan_.shin_lean_deg * kDeg);
  const Vec3 knee =
      ankle + b.shank_m() * Vec3(lean, 1.0, lean * std::tan(plan_.toe_out_deg * kDeg)).normalized();
  low_knee_ = knee.head<2>();
  low_thigh_m_ = 0.9999 * seen(b.thigh_m(), knee.z() - hip_z);
  const double leg = b.shank_m() + b.thigh_m(), shorter = 0.9999 * seen(leg, ankle.z() - hip_z) / leg;
  high_hip_ = ankle_ + shorter * b.shank_m() * Vec2(std::sin(kTopShin_rad), std::cos(kTopShin_rad)) +
              shorter * b.thigh_m() * Vec2(-std::sin(kTopThigh_rad), std::cos(kTopThigh_rad));
  arm_m_ = seen(b.upperArm_m() + b.forearm_m() + kHand_m, plan_.grip_half_m - kShoulderHalfOfHeight * h);
  const Vec2 floor(plan_.bar_x_m, kBarOnFloor_m);
  low_hip_ = meetBehind(low_knee_, low_thigh_m_, shoulder(floor, 0.0), b.trunk_m());
  const Vec3 low_hip(low_hip_.x(), low_hip_.y(), hip_z), along = (low_hip - ankle).normalized();
  knee_toward_ = (knee - ankle) - (knee - ankle).dot(along) * along;
  const Vec2 top = high_hip_ + b.trunk_m() * Vec2(std::sin(kTopLean_rad), std::cos(kTopLean_rad));
  shoulder_at_top_m_ = top.x() - plan_.bar_x_m;
  top_y_m_ = top.y() - std::sqrt(arm_m_ * arm_m_ - shoulder_at_top_m_ * shoulder_at_top_m_);
  knee_part_ = (low_knee_.y() - floor.y()) / (top_y_m_ - floor.y());

  // The bar stays in touch with the legs (practice): shins are upright as it passes the knees and from there
  // on, which lets the trunk open a little before.
  auto kneeAhead = [&](double legs, double part) {
    const Vec2 hip2 =
        heldHip(legs, shoulder({plan_.bar_x_m, floor.y() + part * (top_y_m_ - floor.y())}, part));
    return hingeBetween(ankle, {hip2.x(), hip2.y(), hip_z}, b.shank_m(), b.thigh_m(), knee_toward_).x() -
           ankle.x();
  };
  double few = 0.5, many = 4.0;
  for (int round = 0; round < 40; ++round) {
    legs_lead_ = 0.5 * (few + many);
    (kneeAhead(legsFollow(knee_part_), knee_part_) > 0.0 ? few : many) = legs_lead_;
  }
  const double at_top_m = kneeAhead(1.0, 1.0);
  std::vector<double> past_knee = {legsFollow(knee_part_)};
  for (std::size_t i = 1; i < kPastKneeSteps; ++i) {
    const double way = static_cast<double>(i) / kPastKneeSteps, part = knee_part_ + way * (1.0 - knee_part_);
    double bent = past_knee.back(), straight = 1.0;
    for (int round = 0; round < 40; ++round) {
      const double legs = 0.5 * (bent + straight);
      (kneeAhead(legs, part) > way * at_top_m ? bent : straight) = legs;
    }
    past_knee.push_back(0.5 * (bent + straight));
  }
  past_knee.push_back(1.0);
  past_knee_ = std::move(past_knee);

  down_s_ = plan_.stand_s + kBendDown_s;
  double t = down_s_ + plan_.still_before_s;
  for (const PullPlan& rep : plan_.reps) {
    RepEvents e;
    e.start_s = t;
    e.turn_s = e.start_s + rep.pull_s;
    e.leave_s = e.turn_s + rep.hold_s;
    e.end_s = e.leave_s + rep.lower_s;
    t = e.end_s + plan_.still_between_s;
    events_.push_back(e);
    // The size of the planted lean is met by bisection.
    double ahead_low = 0.0, ahead_high = 0.9;
    for (int round = 0; round < 30; ++round) {
      const double mid = 0.5 * (ahead_low + ahead_high);
      (lean_deg(mid, 0.0) - lean_deg(0.0, 0.0) < rep.hips_first_deg ? ahead_low : ahead_high) = mid;
    }
    legs_ahead_.push_back(rep.hips_first_deg > 0.0 ? 0.5 * (ahead_low + ahead_high) : 0.0);
  }
  duration_s_ = t + 0.3;
}

// How far the legs have come when the bar has gone `part` of its way.
double DeadliftMotion::legsFollow(double part) const {
  if (part <= knee_part_ || past_knee_.empty()) return 1.0 - std::pow(1.0 - part, legs_lead_);
  const double at = (part - knee_part_) / (1.0 - knee_part_) * kPastKneeSteps;
  const auto i = std::min(static_cast<std::size_t>(at), kPastKneeSteps - 1);
  return past_knee_[i] + (at - static_cast<double>(i)) * (past_knee_[i + 1] - past_knee_[i]);
}

// Without the bar in the hands: upward first, then forward.
Vec2 DeadliftMotion::freeHip(double legs) const {
  return {low_hip_.x() + legs * legs * (high_hip_.x() - low_hip_.x()),
          low_hip_.y() + legs * (high_hip_.y() - low_hip_.y())};
}

// Slightly before the bar from the floor to the knee, where the arms hang from it, and behind it at the top.
Vec2 DeadliftMotion::shoulder(const Vec2& bar, double part, double shorter_m) const {
  const double back = course((part - knee_part_) / (1.0 - knee_part_));
  const double x = plan_.bar_x_m + (1.0 - back) * plan_.shoulder_ahead_m + back * shoulder_at_top_m_;
  const double across = x - bar.x();
  return {x, bar.y() + std::sqrt(std::pow(arm_m_ - shorter_m, 2) - across * across)};
}

Vec2 DeadliftMotion::heldHip(double legs, const Vec2& shoulder) const {
  const double low = (low_hip_ - ankle_).norm(), high = (high_hip_ - ankle_).norm();
  return meetBehind(ankle_, low + legs * (high - low), shoulder, plan_.build.trunk_m());
}

double DeadliftMotion::lean_deg(double legs, double part) const {
  const Vec2 bar(plan_.bar_x_m, kBarOnFloor_m + part * (top_y_m_ - kBarOnFloor_m));
  const Vec2 top = shoulder(bar, part), trunk = top - heldHip(legs, top);
  return std::atan2(trunk.x(), trunk.y()) / kDeg;
}

DeadliftMotion::Posture DeadliftMotion::postureAt(double time_s) const {
  Posture p;
  p.bar = {plan_.bar_x_m, kBarOnFloor_m};
  if (time_s < down_s_) {
    const double bent = course((time_s - plan_.stand_s) / kBendDown_s);
    p.legs = 1.0 - bent;
    p.hands_off = 1.0 - bent;
    return p;
  }
  for (std::size_t r = 0; r < events_.size(); ++r) {
    const RepEvents& e = events_[r];
    const PullPlan& plan = plan_.reps[r];
    if (time_s < e.start_s - kRolls_s || time_s > e.end_s + kRollsBack_s) continue;
    if (time_s > e.end_s) {
      p.bar.x() += plan.lands_forward_m * (1.0 - course((time_s - e.end_s) / kRollsBack_s));
      continue;
    }
    const bool lowering = time_s > e.leave_s;
    const double reached = 1.0 - plan.short_of_top;
    const double part =
        reached * (lowering ? 1.0 - course((time_s - e.leave_s) / (e.end_s - e.leave_s), plan.down)
                            : course((time_s - e.start_s) / (e.turn_s - e.start_s), plan.up));
    const double ahead =
        lowering ? 0.0 : legs_ahead_[r] * course((time_s - e.start_s + kHipsFirst_s) / kHipsFirst_s);
    const double lead = lowering && plan.swing_m > 0.0 ? kEarlyKnees * legs_lead_ : legs_lead_;
    // The early knees come in once lock-out is left.
    const double mixed = lowering ? lead + (legs_lead_ - lead) * course(4.0 * part - 3.0) : legs_lead_;
    p.legs = 1.0 - (1.0 - ahead) * std::pow(1.0 - legsFollow(part), mixed / legs_lead_);
    p.part = part;
    p.bar.y() += part * (top_y_m_ - kBarOnFloor_m);
    const double bump = std::pow(std::sin(std::numbers::pi * part), 2);
    p.bar.x() += (lowering ? plan.swing_m : plan.drift_m) * bump;
    p.bar.x() += lowering ? plan.lands_forward_m * (1.0 - course(2.0 * part))
                          : plan.rolls_m * course((time_s - e.start_s + kRolls_s) / kRolls_s) *
                                (1.0 - course(2.0 * part));
    const double coming = course((time_s - e.start_s + kHipsFirst_s) / kHipsFirst_s);
    const double low = lowering ? 0.0 : coming * (1.0 - course(2.0 * part));
    p.round_m = plan.round_m * low;
    p.shorter_m = plan.bent_arms_m * low;
    if (time_s > e.turn_s && !lowering)
      p.back_deg = plan.lean_back_deg *
                   std::pow(std::sin(std::numbers::pi * (time_s - e.turn_s) / (e.leave_s - e.turn_s)), 2);
  }
  return p;
}

LiftPose DeadliftMotion::at(double time_s) const {
  const LifterBuild& b = plan_.build;
  const double h = b.height_m;
  const Posture p = postureAt(time_s);
  Vec2 shoulder2 = shoulder(p.bar, p.part, p.shorter_m), hip2 = heldHip(p.legs, shoulder2);
  if (p.hands_off > 0.0) {
    hip2 = freeHip(p.legs);
    const double lean = (1.0 - p.hands_off) * lean_deg(0.0, 0.0) * kDeg + p.hands_off * kTopLean_rad;
    shoulder2 = hip2 + b.trunk_m() * Vec2(std::sin(lean), std::cos(lean));
  }
  // Leaning back turns the trunk about the hips; the bar stays at the thighs and comes up with the arms.
  Vec2 bar = p.bar;
  if (p.back_deg > 0.0) {
    shoulder2 = hip2 + Eigen::Rotation2Dd(p.back_deg * kDeg) * (shoulder2 - hip2);
    bar.y() = shoulder2.y() - std::sqrt(arm_m_ * arm_m_ - std::pow(shoulder2.x() - bar.x(), 2));
  }
  LiftPose pose;
  pose.bar = Vec3(bar.x(), bar.y(), 0.0);
  pose.back_round_m = p.round_m;
  placeFoot(pose.right, b, {0.0, 0.0, plan_.stance_half_m}, plan_.toe_out_deg);
  auto set = [&](Joint j, const Vec3& at) { pose.right.joint[indexOf(j)] = at; };
  const Vec3 ankle = pose.right.joint[indexOf(Joint::kAnkle)];
  const Vec3 hip_at(hip2.x(), hip2.y(), kHipHalfOfHeight * h);
  const Vec3 shoulder_at(shoulder2.x(), shoulder2.y(), kShoulderHalfOfHeight * h);
  set(Joint::kHip, hip_at);
  set(Joint::kKnee, hingeBetween(ankle, hip_at, b.shank_m(), b.thigh_m(), knee_toward_));
  set(Joint::kShoulder, shoulder_at);
  // Hands hang below the shoulders, or hold the bar with straight arms.
  const Vec3 held(bar.x(), bar.y(), plan_.grip_half_m);
  const double arm = b.upperArm_m() + b.forearm_m();
  const Vec3 hanging = shoulder_at - Vec3(-0.02, 0.995 * arm, -0.03);
  const Vec3 to_bar = held - shoulder_at;
  const Vec3 on_bar = p.shorter_m > 0.0 ? Vec3(held - kHand_m * to_bar.normalized())
                                        : Vec3(shoulder_at + arm / (arm + kHand_m) * to_bar);
  Vec3 wrist = p.hands_off * hanging + (1.0 - p.hands_off) * on_bar;
  const Vec3 reach = wrist - shoulder_at;
  if (reach.norm() > 0.9999 * arm) wrist = shoulder_at + 0.9999 * arm * reach.normalized();
  set(Joint::kWrist, wrist);
  set(Joint::kElbow, hingeBetween(shoulder_at, wrist, b.upperArm_m(), b.forearm_m(), {-1.0, 0.0, 0.3}));
  const Vec2 up = (shoulder2 - hip2).normalized();
  set(Joint::kEar, Vec3(shoulder2.x() + 0.115 * h * 0.75 * up.x() + 0.02,
                        shoulder2.y() + 0.115 * h * (0.75 * up.y() + 0.25), 0.07));
  pose.left = mirrored(pose.right);
  pose.trunk_lean_deg = std::atan2(up.x(), up.y()) / kDeg;
  return pose;
}

}  // namespace mottix
