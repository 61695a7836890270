#include "synth/lift_motion.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <string>

#include <Eigen/Geometry>
#include <unsupported/Eigen/SpecialFunctions>

namespace mottix {

double course(double part, const Ease& ease) {
  const double p = std::clamp(part, 0.0, 1.0);
  if (ease.off == 3.0 && ease.into == 3.0) return std::min(1.0, p * p * p * (10.0 + p * (-15.0 + 6.0 * p)));
  if (p <= 0.0 || p >= 1.0) return p;
  return Eigen::numext::betainc(ease.off, ease.into, p);
}

double failingCourse(double part, double fails_at, const Ease& ease) {
  if (fails_at <= 0.0) return course(part, ease);
  constexpr double kUp = 0.4, kBack = 0.3;  // of the time; the rest is the help
  if (part < kUp) return fails_at * course(part / kUp, ease);
  if (part < kUp + kBack) return fails_at * (1.0 - course((part - kUp) / kBack, ease));
  return course((part - kUp - kBack) / (1.0 - kUp - kBack), ease);
}

double stickingCourse(double since_s, double seconds, double at, double sticks_s, const Ease& ease) {
  if (sticks_s <= 0.0) return course(since_s / seconds, ease);
  if (since_s < at * seconds) return at * course(since_s / (at * seconds), ease);
  const double rest_s = since_s - at * seconds - sticks_s;
  return rest_s < 0.0 ? at : at + (1.0 - at) * course(rest_s / ((1.0 - at) * seconds), ease);
}

Vec3 hingeBetween(const Vec3& from, const Vec3& to, double first, double second, const Vec3& toward) {
  const Vec3 d = to - from;
  const double reach = std::min(d.norm(), 0.9999 * (first + second));
  const double along = (reach * reach + first * first - second * second) / (2.0 * reach);
  const double off = std::sqrt(std::max(0.0, first * first - along * along));
  const Vec3 axis = d.normalized();
  return from + along * axis + off * (toward - toward.dot(axis) * axis).normalized();
}

void placeFoot(Side& side, const LifterBuild& build, const Vec3& middle, double toe_out_deg,
               double heel_up_m) {
  const double turn = toe_out_deg * std::numbers::pi / 180.0;
  const double foot = build.foot_m() * std::cos(turn), out = std::tan(turn);
  side.joint[indexOf(Joint::kAnkle)] =
      middle + Vec3(-0.5 * foot + 0.24 * foot, kAnkleAboveFloor * build.height_m, 0.0);
  side.joint[indexOf(Joint::kHeel)] = middle + Vec3(-0.5 * foot, 0.012, -0.24 * foot * out);
  const Vec3 toe = middle + Vec3(0.5 * foot, 0.015, 0.76 * foot * out);
  side.joint[indexOf(Joint::kToe)] = toe;
  if (heel_up_m <= 0.0) return;
  const Vec3 along = side.joint[indexOf(Joint::kHeel)] - toe;
  const double reach = std::hypot(along.x(), along.z());
  const Eigen::AngleAxisd pitch(std::asin(std::min(1.0, heel_up_m / reach)),
                                Vec3(-along.z(), 0.0, along.x()).normalized());
  for (const Joint j : {Joint::kAnkle, Joint::kHeel}) {
    Vec3& p = side.joint[indexOf(j)];
    p = toe + pitch * (p - toe);
  }
}

namespace {

Vec3 midOf(const LiftPose& pose, Joint j) {
  return 0.5 * (pose.right.joint[indexOf(j)] + pose.left.joint[indexOf(j)]);
}

}  // namespace

Vec3 backMiddleOf(const LiftPose& pose) {
  const Vec3 hip = midOf(pose, Joint::kHip), up = midOf(pose, Joint::kShoulder) - hip;
  return hip + 0.5 * up + pose.back_round_m * Vec3(-up.y(), up.x(), 0.0).normalized();
}

Vec3 pelvisOf(const LiftPose& pose) {
  const Vec3 hip = midOf(pose, Joint::kHip);
  return hip + (backMiddleOf(pose) - hip) / 3.0;
}

Side mirrored(const Side& side) {
  Side other = side;
  for (Vec3& p : other.joint) p.z() = -p.z();
  return other;
}

Expected<void> LifterBuild::validate() const {
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Lifter: " + what); };
  if (!(height_m >= 1.2 && height_m <= 2.3)) return bad("height_m must lie between 1.2 and 2.3.");
  for (double share : {thigh_of_height, shank_of_height, trunk_of_height})
    if (!(share >= 0.18 && share <= 0.34))
      return bad("thigh, shank and trunk must lie between 0.18 and 0.34 of the height.");
  if (!(girth >= 0.5 && girth <= 2.0)) return bad("girth must lie between 0.5 and 2.");
  return {};
}

LifterBuild buildOf(const Body& body) {
  LifterBuild b;
  b.height_m = body.height_m;
  auto share = [&](Segment s) { return body.length_m(s) / body.height_m; };
  b.thigh_of_height = share(Segment::kThigh);
  b.shank_of_height = share(Segment::kShank);
  b.trunk_of_height = share(Segment::kTrunk) - kTrunkUnderBar;
  b.upper_arm_of_height = share(Segment::kUpperArm);
  b.forearm_of_height = share(Segment::kForearm);
  b.foot_of_height = share(Segment::kFoot);
  return b;
}

}  // namespace mottix
