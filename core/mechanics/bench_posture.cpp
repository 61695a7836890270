#include "core/mechanics/bench_posture.h"

#include <cmath>

#include <Eigen/Geometry>

#include "core/mechanics/joint_moments.h"
#include "core/mechanics/leg.h"

namespace mottix {
namespace {

constexpr double kGripOfHand = 0.45;  // wrist to the bar in the palm, part of the hand

}  // namespace

Expected<void> BenchSetup::validate() const {
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Bench set-up: " + what); };
  if (!(grip_m >= 0.15 && grip_m <= 1.4)) return bad("the grip must lie between 15 and 140 cm.");
  if (!(chest_over_shoulder_m >= 0.0 && chest_over_shoulder_m <= 0.35))
    return bad("the chest must lie 0 to 35 cm over the shoulder joint.");
  if (!(load_kg >= 0.0 && load_kg <= 500.0)) return bad("the load must lie between 0 and 500 kg.");
  return {};
}

double gripFromClavicles_m(const Body& body) {
  return 2.0 * body.length_m(Segment::kShoulderWidth);
}

BenchSolution solveBench(const Body& body, const BenchSetup& setup) {
  BenchSolution out;
  const double upper = body.length_m(Segment::kUpperArm);
  const double lower = body.length_m(Segment::kForearm) + kGripOfHand * body.length_m(Segment::kHand);
  const double sideways = 0.5 * (setup.grip_m - body.length_m(Segment::kShoulderWidth));
  const double drop = lower - setup.chest_over_shoulder_m;  // elbow under the shoulder joint
  if (sideways < -0.05) {
    out.limited_by = BenchLimit::kTooNarrow;
    return out;
  }
  const double left = upper * upper - sideways * sideways - drop * drop;
  if (left <= 0.0) {
    out.limited_by = BenchLimit::kTooWide;
    return out;
  }
  BenchPosture& p = out.posture;
  p.touch_from_shoulder_m = std::sqrt(left);
  const Vec3d shoulder_to_elbow(p.touch_from_shoulder_m, -drop, sideways), elbow_to_hand(0.0, lower, 0.0);
  p.elbow_flexion_deg = angleBetween_deg(shoulder_to_elbow, elbow_to_hand);
  p.upper_arm_deg = angleBetween_deg(shoulder_to_elbow, Vec3d::UnitX());
  const double straight = upper + lower;
  const double top = std::sqrt(straight * straight - sideways * sideways);  // over the shoulder joint
  p.range_of_motion_m = std::hypot(top - setup.chest_over_shoulder_m, p.touch_from_shoulder_m);
  p.shoulder_lever_m = std::hypot(p.touch_from_shoulder_m, sideways);
  p.shoulder_moment_nm = setup.load_kg * kGravity_ms2 * p.shoulder_lever_m;
  out.feasible = true;
  return out;
}

}  // namespace mottix
