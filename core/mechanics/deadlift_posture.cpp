#include "core/mechanics/deadlift_posture.h"

#include <algorithm>
#include <cmath>

#include "core/mechanics/joint_moments.h"
#include "core/mechanics/leg.h"

namespace mottix {
namespace {

constexpr double kBarRadiusM = 0.0145;
// Edge of the shin bone before the line of the joints, part of the shank: about 3.7 cm, own allowance.
constexpr double kShinFrontOfShank = 0.085;
constexpr double kGripOfHand = 0.45;  // wrist to the middle of a closed hand, part of the hand

}  // namespace

Expected<void> DeadliftSetup::validate() const {
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Deadlift set-up: " + what); };
  if (!(heel_distance_m >= 0.0 && heel_distance_m <= 1.4))
    return bad("the stance must lie between 0 and 140 cm.");
  if (!(toe_out_deg >= 0.0 && toe_out_deg <= 70.0)) return bad("the toes must point out by 0 to 70 degrees.");
  if (!(hand_distance_m >= 0.1 && hand_distance_m <= 1.6))
    return bad("the hands must be 10 to 160 cm apart.");
  if (!(bar_height_m >= 0.05 && bar_height_m <= 0.9))
    return bad("the bar must lie 5 to 90 cm over the floor.");
  if (!(shoulder_ahead_m >= -0.1 && shoulder_ahead_m <= 0.2))
    return bad("the shoulder must be 10 cm behind to 20 cm ahead of the bar.");
  if (!(load_kg >= 0.0 && load_kg <= 600.0)) return bad("the load must lie between 0 and 600 kg.");
  return {};
}

DeadliftSetup usualDeadlift(const Body& body, DeadliftStyle style) {
  DeadliftSetup s;
  s.style = style;
  const double shoulders = body.length_m(Segment::kShoulderWidth), hips = body.length_m(Segment::kHipWidth);
  if (style == DeadliftStyle::kConventional) {
    // As for a standing jump, 20 to 30 cm; the hands just outside the legs, hanging from the shoulders.
    s.heel_distance_m = std::clamp(0.75 * hips, 0.20, 0.30);
    s.toe_out_deg = 15.0;
    s.hand_distance_m = std::max({shoulders + 0.06, s.heel_distance_m + 0.20, hips + 0.06});
    s.shoulder_ahead_m = 0.05;
  } else {
    // Shin upright from the front: the feet as far out as the thighs reach at half bend.
    s.toe_out_deg = 45.0;
    s.heel_distance_m = 0.52 * hips + 2.0 * 0.62 * body.length_m(Segment::kThigh);
    s.hand_distance_m = std::max(0.30, shoulders - 0.02);
    s.shoulder_ahead_m = 0.03;
  }
  return s;
}

DeadliftSolution solveDeadlift(const Body& body, const JointLimits& limits, const DeadliftSetup& setup) {
  DeadliftSolution out;
  auto stop = [&](DeadliftLimit why) {
    out.limited_by = why;
    return out;
  };
  const double shank = body.length_m(Segment::kShank);
  const LegGeometry leg(body, setup.heel_distance_m, setup.toe_out_deg, 0.0);
  DeadliftPosture p;
  p.heel = leg.heel();
  p.toe = leg.toe();
  p.bar = {0.0, setup.bar_height_m};
  const Eigen::Vector3d ankle = leg.ankle();
  p.ankle = {ankle.x(), ankle.y()};
  // The shin leans until it touches the bar: the bar's distance from the line of the joints, seen from the
  // side, is the shin's front and the bar's own radius.
  const Vec2d to_bar = p.bar - p.ankle;
  const double gap = kShinFrontOfShank * shank + kBarRadiusM;
  const double away = to_bar.norm();
  if (away <= gap || to_bar.y() <= 0.0) return stop(DeadliftLimit::kShin);
  const double seen_lean = std::atan2(to_bar.x(), to_bar.y()) - std::asin(gap / away);
  // In its own plane the shank leans more than it looks when the toes point out.
  const double shin_deg = toDeg(std::atan2(std::tan(seen_lean), std::cos(toRad(setup.toe_out_deg))));
  const Vec3d knee = leg.kneeAt(shin_deg);
  p.knee = {knee.x(), knee.y()};
  if (p.knee.y() <= setup.bar_height_m) return stop(DeadliftLimit::kShin);
  if (shin_deg > limits.dorsiflexion_deg) return stop(DeadliftLimit::kAnkle);
  p.shin_lean_deg = toDeg(seen_lean);

  const double arm = body.length_m(Segment::kUpperArm) + body.length_m(Segment::kForearm) +
                     kGripOfHand * body.length_m(Segment::kHand);
  const double apart = 0.5 * (setup.hand_distance_m - body.length_m(Segment::kShoulderWidth));
  const double arm_seen2 = arm * arm - apart * apart;
  const double up2 = arm_seen2 - setup.shoulder_ahead_m * setup.shoulder_ahead_m;
  if (up2 <= 0.0) return stop(DeadliftLimit::kArms);
  p.shoulder = p.bar + Vec2d(setup.shoulder_ahead_m, std::sqrt(up2));
  p.arm_deg = toDeg(std::atan2(setup.shoulder_ahead_m, std::sqrt(up2)));

  // The hip: where the thigh as seen from the side and the trunk meet, behind the line from knee to shoulder.
  const double thigh = leg.thighFromSide_m(knee), trunk = body.length_m(Segment::kTrunk);
  const Vec2d line = p.shoulder - p.knee;
  const double span = line.norm();
  if (thigh <= 0.0 || span >= thigh + trunk || span <= std::abs(thigh - trunk))
    return stop(DeadliftLimit::kReach);
  const double along = (thigh * thigh - trunk * trunk + span * span) / (2.0 * span);
  const double aside = std::sqrt(std::max(0.0, thigh * thigh - along * along));
  const Vec2d unit = line / span, back(-unit.y(), unit.x());
  p.hip = p.knee + along * unit + aside * (back.x() <= 0.0 ? back : Vec2d(-back));
  if (p.hip.y() <= 0.05) return stop(DeadliftLimit::kReach);

  const Vec2d up = (p.shoulder - p.hip).normalized();
  p.trunk_lean_deg = toDeg(std::atan2(up.x(), up.y()));
  p.thigh_deg = toDeg(std::atan2(p.hip.y() - p.knee.y(), p.knee.x() - p.hip.x()));
  const double out_m = std::sqrt(std::max(0.0, std::pow(body.length_m(Segment::kThigh), 2) - thigh * thigh));
  const Vec3d thigh_down(p.knee.x() - p.hip.x(), p.knee.y() - p.hip.y(), out_m);
  p.hip_flexion_deg = 180.0 - angleBetween_deg(Vec3d(up.x(), up.y(), 0.0), thigh_down);
  p.knee_flexion_deg = 180.0 - angleBetween_deg(-thigh_down, ankle - knee);
  p.hip_height_m = p.hip.y();
  const double arm_x = p.bar.x() + (p.knee.y() - p.bar.y()) * setup.shoulder_ahead_m / std::sqrt(up2);
  p.knee_ahead_of_arm_m = p.knee.x() - arm_x;
  p.hip_lever_m = p.bar.x() - p.hip.x();
  p.knee_lever_m = p.knee.x() - p.bar.x();
  const double weight = setup.load_kg * kGravity_ms2;
  p.hip_moment_nm = weight * p.hip_lever_m;
  p.knee_moment_nm = weight * p.knee_lever_m;
  p.bar_from_shin_m = std::max(0.0, p.bar.x() - p.ankle.x() - gap);
  out.feasible = true;
  out.posture = p;
  return out;
}

}  // namespace mottix
