#include "core/measure/posture_reading.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace mottix::posture {
namespace {

constexpr std::array kLegAndTrunk = {Joint::kAnkle, Joint::kKnee, Joint::kHip, Joint::kShoulder};

}  // namespace

Reading formula(const RepScene& s, std::span<const Joint> joints, std::vector<std::size_t> frames,
                std::size_t evidence, std::function<double(const Places&)> value) {
  Reading r{
      MeasureStatus::kOk, evidence, {joints.begin(), joints.end()}, std::move(frames), std::move(value)};
  for (Joint j : joints)
    for (std::size_t f : r.frames)
      if (!s.places.known(j, f)) {
        const Joint either = ofEither(j);
        const bool foot = either == Joint::kHeel || either == Joint::kToe;
        return unread(foot ? MeasureStatus::kNoFeet : MeasureStatus::kNoJoints, evidence);
      }
  return r;
}

Reading at(const RepScene& s, std::span<const Joint> joints, std::size_t frame, Value value) {
  return formula(s, joints, {frame}, frame, [=](const Places& p) { return value(p, frame); });
}

Reading between(const RepScene& s, std::span<const Joint> joints, std::size_t before, std::size_t after,
                std::size_t evidence, Value value) {
  return formula(s, joints, {before, after}, evidence,
                 [=](const Places& p) { return value(p, after) - value(p, before); });
}

namespace {

Reading withChoice(const RepScene& s, Reading r, std::span<const Joint> joints, std::size_t from,
                   std::size_t to, std::size_t far, Value value, double sign) {
  r = s.chosen(std::move(r), from, to, joints, [&](std::size_t f) { return sign * value(s.places, f); });
  r.chosen_value = [=](const Places& p) { return sign * value(p, far); };
  return r;
}

}  // namespace

Reading most(const RepScene& s, std::span<const Joint> joints, std::size_t from, std::size_t to,
             Value value) {
  const std::size_t far = s.greatest(from, to, joints, [&](std::size_t f) { return value(s.places, f); });
  return withChoice(s, at(s, joints, far, value), joints, from, to, far, value, 1.0);
}

Reading gained(const RepScene& s, std::span<const Joint> joints, std::size_t before, std::size_t from,
               std::size_t to, Value value) {
  const auto here = [&](std::size_t f) { return value(s.places, f); };
  const std::size_t far = s.greatest(from, to, joints, here);
  return withChoice(s, between(s, joints, before, far, far, value), joints, from, to, far, value, 1.0);
}

Reading lost(const RepScene& s, std::span<const Joint> joints, std::size_t before, std::size_t from,
             std::size_t to, Value value) {
  const auto here = [&](std::size_t f) { return -value(s.places, f); };
  const std::size_t far = s.greatest(from, to, joints, here);
  return withChoice(s, between(s, joints, far, before, far, value), joints, from, to, far, value, -1.0);
}

Reading onFeet(Reading r) {
  r.uses_feet = true;
  return r;
}

Reading barOverFoot(const RepScene& s, std::size_t from, std::size_t to, double sign) {
  if (!s.places.feetKnown()) return unread(MeasureStatus::kNoFeet, s.rep.turn_frame);
  const std::size_t f = s.greatest(from, to, {}, [&](std::size_t i) { return sign * s.places.bar(i).x(); });
  std::vector<std::size_t> frames = evenly(from, to);
  frames.push_back(f);
  return onFeet(formula(s, {}, {f}, f, [=](const Places& p) {
    double most = -1e9;
    for (std::size_t i : frames) most = std::max(most, sign * p.bar(i).x());
    return kCmPerM * (most - sign * p.midFoot_m());
  }));
}

std::vector<std::size_t> evenly(std::size_t from, std::size_t to) {
  constexpr std::size_t kSteps = 8;
  std::vector<std::size_t> frames;
  for (std::size_t k = 0; k <= kSteps; ++k) frames.push_back(from + (to - from) * k / kSteps);
  return frames;
}

Reading rises(const RepScene& s, std::size_t from, std::size_t to) {
  constexpr double kRises_m = 0.02;  // of the shoulder; less is not to be divided by
  return formula(s, std::array{Joint::kHip, Joint::kShoulder}, {from, to}, to, [=](const Places& p) {
    auto rise = [&](Joint j) { return p.joint(j, to).y() - p.joint(j, from).y(); };
    const double shoulder = rise(Joint::kShoulder);
    return shoulder > kRises_m ? rise(Joint::kHip) / shoulder : std::numeric_limits<double>::quiet_NaN();
  });
}

Reading lag(const RepScene& s, std::size_t from, std::size_t to, double share) {
  if (to < from + 3) return unread(MeasureStatus::kCut, from);
  for (std::size_t f = from; f <= to; ++f)
    if (!s.allKnown(kLegAndTrunk, f)) return unread(MeasureStatus::kNoJoints, f);
  // When a joint passes its share, and how surely: the angle's error over its speed there.
  auto passes = [&](const Value& bend) -> std::optional<Estimate> {
    const double a = bend(s.places, from), b = bend(s.places, to), level = a + share * (b - a);
    constexpr double kMovesAtAll_deg = 20.0;
    if (std::abs(b - a) < kMovesAtAll_deg) return std::nullopt;
    for (std::size_t f = from + 1; f <= to; ++f) {
      const double before = bend(s.places, f - 1), now = bend(s.places, f);
      if ((now - level) * (b - a) < 0.0) continue;
      const double dt = s.time_s[f] - s.time_s[f - 1];
      const double part = std::abs(now - before) > 1e-9 ? (level - before) / (now - before) : 1.0;
      const std::size_t early = f > from + 2 ? f - 3 : from, late = std::min(f + 2, to);
      const double speed = std::abs(bend(s.places, late) - bend(s.places, early)) /
                           std::max(1e-3, s.time_s[late] - s.time_s[early]);
      return Estimate{s.time_s[f - 1] + std::clamp(part, 0.0, 1.0) * dt, s.wander_deg / std::max(5.0, speed)};
    }
    return std::nullopt;
  };
  const auto hip = passes(hipBend), knee = passes(kneeBend);
  if (!hip || !knee) return unread(MeasureStatus::kNone, from);
  Reading r{MeasureStatus::kOk, s.frameAt(0.5 * (hip->value + knee->value))};
  r.value = Estimate{knee->value - hip->value, std::hypot(hip->sd, knee->sd)};
  return r;
}

std::size_t kneePassed(const RepScene& s) {
  for (std::size_t f = s.rep.start_frame; f <= s.rep.turn_frame; ++f)
    if (s.places.known(Joint::kKnee, f) && s.places.barKnown(f) &&
        s.barHeight(f) >= s.places.joint(Joint::kKnee, f).y())
      return f;
  return s.rep.turn_frame;
}
std::size_t kneePassedDown(const RepScene& s) {
  for (std::size_t f = s.rep.leave_frame; f <= s.rep.end_frame; ++f)
    if (s.places.known(Joint::kKnee, f) && s.places.barKnown(f) &&
        s.barHeight(f) <= s.places.joint(Joint::kKnee, f).y())
      return f;
  return s.rep.end_frame;
}

double trunkLean(const Places& p, std::size_t f) {
  return degOf(p.joint(Joint::kHip, f), p.joint(Joint::kShoulder, f));
}
double shinLean(const Places& p, std::size_t f) {
  return degOf(p.joint(Joint::kAnkle, f), p.joint(Joint::kKnee, f));
}
double kneeBend(const Places& p, std::size_t f) {
  return turnDeg(p.joint(Joint::kAnkle, f), p.joint(Joint::kKnee, f), p.joint(Joint::kHip, f));
}
double hipBend(const Places& p, std::size_t f) {
  return turnDeg(p.joint(Joint::kShoulder, f), p.joint(Joint::kHip, f), p.joint(Joint::kKnee, f));
}
double elbowBend(const Places& p, std::size_t f) {
  return bendDeg(p.joint(Joint::kShoulder, f), p.joint(Joint::kElbow, f), p.joint(Joint::kWrist, f));
}

}  // namespace mottix::posture
