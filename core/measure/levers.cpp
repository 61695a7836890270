#include "core/measure/levers.h"

#include <algorithm>
#include <cmath>
#include <span>

#include "core/mechanics/joint_moments.h"

namespace mottix::posture {
namespace {

// A segment above a joint; without `far` its far end is the bar that the hands hold.
struct Link {
  Joint near;
  std::optional<Joint> far;
  SegmentMass segment;
};

// Of what muscles give against: counter-clockwise at hip, ankle, shoulder and elbow, clockwise at the knee.
double signOf(Joint about) {
  return about == Joint::kKnee ? -1.0 : 1.0;
}

std::vector<Link> linksAbove(Joint about, Lift lift) {
  const Link upper_arm{Joint::kShoulder, Joint::kElbow, kUpperArmMass},
      forearm{Joint::kElbow, Joint::kWrist, kForearmMass}, thigh{Joint::kHip, Joint::kKnee, kThighMass},
      shank{Joint::kKnee, Joint::kAnkle, kShankMass};
  if (about == Joint::kElbow) return {forearm};
  if (about == Joint::kShoulder) return {upper_arm, forearm};
  std::vector<Link> links;
  if (lift == Lift::kDeadlift)
    links = {{Joint::kHip, Joint::kShoulder, kTrunkHeadMass}, {Joint::kShoulder, std::nullopt, kArmMass}};
  else
    links = {{Joint::kHip, Joint::kShoulder, kUpperBodyMass}};
  if (about != Joint::kHip) links.push_back(thigh);
  if (about == Joint::kAnkle) links.push_back(shank);
  return links;
}

MovingPoint moving(const Places& p, std::optional<Joint> joint, std::size_t f) {
  if (!joint) return {p.bar(f), p.barAcceleration(f).ms2};
  return {p.joint(*joint, f), p.jointAcceleration(*joint, f).ms2};
}
MovingLink moving(const Places& p, const Link& l, std::size_t f) {
  return {moving(p, l.near, f), moving(p, l.far, f), l.segment};
}

}  // namespace

double hipLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.bar(f).x() - p.joint(Joint::kHip, f).x());
}
double kneeLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kKnee, f).x() - p.bar(f).x());
}
double shoulderLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.bar(f).x() - p.joint(Joint::kShoulder, f).x());
}
double elbowLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.bar(f).x() - p.joint(Joint::kElbow, f).x());
}

std::vector<Joint> JointMoment::joints() const {
  std::vector<Joint> all = {about};
  auto add = [&](Joint j) {
    if (std::find(all.begin(), all.end(), j) == all.end()) all.push_back(j);
  };
  if (body_kg)
    for (const Link& link : linksAbove(about, lift)) {
      add(link.near);
      if (link.far) add(*link.far);
    }
  return all;
}

double JointMoment::at(const Places& p, std::size_t f) const {
  const Vec2 about_m = p.joint(about, f);
  double moment = computeLoadMoment(about_m, moving(p, std::nullopt, f), load_kg);
  if (body_kg)
    for (const Link& link : linksAbove(about, lift)) {
      const MovingLink one = moving(p, link, f);
      moment += computeLinkMoment(about_m, std::span(&one, 1), body_kg->value);
    }
  return signOf(about) * moment;
}

double JointMoment::speedingError(const Places& p, std::size_t f) const {
  const Vec2 about_m = p.joint(about, f);
  double variance = std::pow(load_kg * (p.bar(f) - about_m).norm() * p.barAcceleration(f).sd_ms2, 2);
  if (!body_kg) return std::sqrt(variance);
  const auto sd = [&](std::optional<Joint> j) {
    return j ? p.jointAcceleration(*j, f).sd_ms2 : p.barAcceleration(f).sd_ms2;
  };
  for (const Link& link : linksAbove(about, lift)) {
    const MovingLink moved = moving(p, link, f);
    const double part = link.segment.centre, mass = link.segment.mass * body_kg->value;
    const Vec2 centre = (1.0 - part) * moved.near.at_m + part * moved.far.at_m;
    variance += std::pow(mass * (centre - about_m).norm(), 2) *
                (std::pow((1.0 - part) * sd(link.near), 2) + std::pow(part * sd(link.far), 2));
  }
  return std::sqrt(variance);
}

double JointMoment::massError(const Places& p, std::size_t f) const {
  if (!body_kg) return 0.0;
  const Vec2 about_m = p.joint(about, f);
  double variance = 0.0, all = 0.0;
  for (const Link& link : linksAbove(about, lift)) {
    const MovingLink moved = moving(p, link, f);
    const double one = computeLinkMoment(about_m, std::span(&moved, 1), body_kg->value);
    all += one;
    variance += std::pow(kSegmentMassSpread * one, 2);
  }
  return std::hypot(std::sqrt(variance), all * body_kg->sd / body_kg->value);
}

}  // namespace mottix::posture
