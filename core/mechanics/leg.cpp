#include "core/mechanics/leg.h"

#include <Eigen/Geometry>

namespace mottix {
namespace {

constexpr double kAnkleOfFoot = 0.24;     // ankle joint ahead of the heel, part of the foot
constexpr double kBallOfFoot = 0.73;      // where the foot bends
constexpr double kAnkleOfHeight = 0.039;  // drillis1966
constexpr double kSoleM = 0.010;
constexpr double kHipJointsOfWidth = 0.52;  // distance of the hip joints, part of the width over the hips

}  // namespace

LegGeometry::LegGeometry(const Body& body, double heel_distance_m, double toe_out_deg, double heel_raise_m)
    : thigh_m_(body.length_m(Segment::kThigh)),
      shank_m_(body.length_m(Segment::kShank)),
      hip_half_m_(0.5 * kHipJointsOfWidth * body.length_m(Segment::kHipWidth)),
      out_sin_(std::sin(toRad(toe_out_deg))),
      out_cos_(std::cos(toRad(toe_out_deg))) {
  const double foot = body.length_m(Segment::kFoot);
  foot_seen_m_ = foot * out_cos_;
  const double lever = kBallOfFoot * foot;
  const double pitch = std::asin(std::clamp(heel_raise_m / lever, 0.0, 0.9));
  pitch_deg_ = toDeg(pitch);
  // The raised heel turns the foot about its ball.
  const double back = (kBallOfFoot - kAnkleOfFoot) * foot, up = kAnkleOfHeight * body.height_m;
  const double along = kBallOfFoot * foot - back * std::cos(pitch) + up * std::sin(pitch);  // from the heel
  ankle_ = Vec3d(out_cos_ * (along - 0.5 * foot), back * std::sin(pitch) + up * std::cos(pitch) + kSoleM,
                 0.5 * heel_distance_m + out_sin_ * along);
}

Vec3d LegGeometry::kneeAt(double shin_deg) const {
  const double s = std::sin(toRad(shin_deg)), c = std::cos(toRad(shin_deg));
  return ankle_ + shank_m_ * Vec3d(s * out_cos_, c, s * out_sin_);
}

double LegGeometry::thighFromSide_m(const Vec3d& knee) const {
  const double out = knee.z() - hip_half_m_;
  const double left = thigh_m_ * thigh_m_ - out * out;
  return left > 0.0 ? std::sqrt(left) : 0.0;
}

LegGeometry::Bent LegGeometry::bend(double shin_deg, double hip_below_knee_m) const {
  Bent out;
  const Vec3d knee = kneeAt(shin_deg);
  out.ankle = {ankle_.x(), ankle_.y()};
  out.knee = {knee.x(), knee.y()};
  const double seen = thighFromSide_m(knee);
  out.too_wide = seen <= 0.0;
  if (seen <= std::abs(hip_below_knee_m)) return out;
  const double back = std::sqrt(seen * seen - hip_below_knee_m * hip_below_knee_m);
  const Vec3d hip(knee.x() - back, knee.y() - hip_below_knee_m, hip_half_m_);
  out.hip = {hip.x(), hip.y()};
  out.thigh_down = knee - hip;
  out.knee_flexion_deg = 180.0 - angleBetween_deg(hip - knee, ankle_ - knee);
  out.possible = true;
  return out;
}

}  // namespace mottix
