// Foot, shank and thigh of one side, in space, with the knee over the toes.
//
// Side view frame: x forward, y up, origin on the floor at mid-foot; z outward. The plane of the shank is
// turned out with the toes. All lengths metres.
#pragma once

#include <algorithm>
#include <cmath>
#include <numbers>

#include <Eigen/Core>
#include <Eigen/Geometry>

#include "core/body/athlete_body.h"

namespace mottix {

using Vec2d = Eigen::Vector2d;
using Vec3d = Eigen::Vector3d;

inline double toRad(double deg) {
  return deg * std::numbers::pi / 180.0;
}
inline double toDeg(double rad) {
  return rad * 180.0 / std::numbers::pi;
}
inline double angleBetween_deg(const Vec3d& a, const Vec3d& b) {
  return toDeg(std::atan2(a.cross(b).norm(), a.dot(b)));
}

class LegGeometry {
 public:
  LegGeometry(const Body& body, double heel_distance_m, double toe_out_deg, double heel_raise_m);

  struct Bent {
    bool possible = false;
    bool too_wide =
        false;  // why not: the thigh does not reach the hip sideways; else it is too short for the depth
    Vec2d ankle = Vec2d::Zero(), knee = Vec2d::Zero(), hip = Vec2d::Zero();
    Vec3d thigh_down = Vec3d::Zero();  // hip to knee, in space
    double knee_flexion_deg = 0.0;
  };
  // Shin leaning by `shin_deg` in its own plane, hip joint `hip_below_knee_m` under the knee joint and behind
  // it.
  Bent bend(double shin_deg, double hip_below_knee_m) const;

  // The knee alone, and how long the thigh looks from the side with the knee there (0: it does not reach).
  Vec3d ankle() const { return ankle_; }
  Vec3d kneeAt(double shin_deg) const;
  double thighFromSide_m(const Vec3d& knee) const;

  Vec2d heel() const { return {-0.5 * foot_seen_m_, 0.0}; }
  Vec2d toe() const { return {0.5 * foot_seen_m_, 0.0}; }
  double pitch_deg() const { return pitch_deg_; }  // of the sole, by the raised heel

 private:
  double thigh_m_, shank_m_;
  double hip_half_m_;  // hip joint from the mid-plane
  double out_sin_, out_cos_;
  double foot_seen_m_;
  double pitch_deg_;
  Vec3d ankle_;
};

}  // namespace mottix
