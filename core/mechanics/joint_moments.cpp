#include "core/mechanics/joint_moments.h"

namespace mottix {
namespace {

double cross(const Vec2& a, const Vec2& b) {
  return a.x() * b.y() - a.y() * b.x();
}

}  // namespace

double computeLoadMoment(const Vec2& about_m, const MovingPoint& load, double load_kg) {
  return load_kg * cross(load.at_m - about_m, load.acceleration_ms2 + Vec2(0.0, kGravity_ms2));
}

double computeLinkMoment(const Vec2& about_m, std::span<const MovingLink> above, double body_kg) {
  double moment = 0.0;
  for (const MovingLink& link : above) {
    const double mass = link.segment.mass * body_kg, part = link.segment.centre;
    const MovingPoint centre{(1.0 - part) * link.near.at_m + part * link.far.at_m,
                             (1.0 - part) * link.near.acceleration_ms2 + part * link.far.acceleration_ms2};
    moment += computeLoadMoment(about_m, centre, mass);
    // Of two points on a rigid link, the difference of their accelerations square to it is what it turns
    // with.
    const Vec2 along = link.far.at_m - link.near.at_m;
    moment += mass * link.segment.gyration * link.segment.gyration *
              cross(along, link.far.acceleration_ms2 - link.near.acceleration_ms2);
  }
  return moment;
}

}  // namespace mottix
