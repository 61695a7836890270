#include "core/mechanics/joint_moments.h"

#include <cmath>
#include <functional>
#include <vector>

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(JointMoments, OfAStandingLoadAreWeightTimesLever) {
  const MovingPoint bar{{0.25, 1.2}, Vec2::Zero()};
  EXPECT_NEAR(computeLoadMoment({0.05, 0.6}, bar, 100.0), 100.0 * 9.81 * 0.20, 1e-9);
  // The practice's own figure: a centimetre with 150 kg is 15 N m.
  EXPECT_NEAR(computeLoadMoment({0.24, 0.0}, bar, 150.0), 15.0, 0.3);
  EXPECT_LT(computeLoadMoment({0.40, 0.5}, bar, 100.0), 0.0);  // a knee in front of the bar
}

// Worked by hand: 80 kg, at the bottom of a squat with 100 kg.
//   hip (-0.25, 0.45), shoulder (0.05, 0.85), knee (0.15, 0.48), ankle (-0.05, 0.08), bar (0, 0.9)
//   upper body 54.24 kg, centre 0.626 of the way up: x = -0.25 + 0.1878 = -0.0622
//   thighs 16 kg, centre 0.433 from the hip: x = -0.25 + 0.1732 = -0.0768
//   hip:   9.81 (100 · 0.25 + 54.24 · 0.1878)                             = 345.18 N m
//   knee:  9.81 (100 · 0.15 + 54.24 · 0.2122 + 16 · 0.2268)               = 295.66 N m, clockwise
//   ankle: 9.81 (100 · 0.05 - 54.24 · 0.0122 - 16 · 0.0268 + 7.44 · 0.1134), shanks from the knee
TEST(JointMoments, OfASquatAtRestAgreeWithTheHandWorkedCase) {
  const MovingPoint hip{{-0.25, 0.45}, Vec2::Zero()}, shoulder{{0.05, 0.85}, Vec2::Zero()},
      knee{{0.15, 0.48}, Vec2::Zero()}, ankle{{-0.05, 0.08}, Vec2::Zero()}, bar{{0.0, 0.9}, Vec2::Zero()};
  const std::vector<MovingLink> body = {
      {hip, shoulder, kUpperBodyMass}, {hip, knee, kThighMass}, {knee, ankle, kShankMass}};
  auto moment = [&](const MovingPoint& about, std::size_t links) {
    return computeLoadMoment(about.at_m, bar, 100.0) +
           computeLinkMoment(about.at_m, std::span(body).first(links), 80.0);
  };
  EXPECT_NEAR(moment(hip, 1), 345.18, 0.05);
  EXPECT_NEAR(moment(knee, 2), -295.66, 0.05);
  EXPECT_NEAR(moment(ankle, 3), 9.81 * (5.0 - 0.6617 - 0.4288 + 0.8437), 0.05);
}

// A body of rigid links that gets up under a bar: what the joints give is what bar and body gain.
TEST(JointMoments, GiveWhatBarAndBodyGain) {
  constexpr double kBody_kg = 80.0, kLoad_kg = 120.0, kStep_s = 1e-3, kRise_s = 0.9;
  constexpr double kShank = 0.43, kThigh = 0.43, kTrunk = 0.46;
  struct Posture {
    double shin, thigh, trunk;  // from vertical, forward, rad
    Vec2 ankle, knee, hip, shoulder, bar;
  };
  auto at = [&](double t) {
    const double u = t / kRise_s, c = u * u * u * (10.0 - 15.0 * u + 6.0 * u * u);
    Posture p;
    p.shin = 0.6 * (1.0 - c);
    p.thigh = -1.6 * (1.0 - c);
    p.trunk = 0.75 * (1.0 - c) + 0.1 * std::sin(6.0 * c);  // its own way up
    auto along = [](double lean) { return Vec2(std::sin(lean), std::cos(lean)); };
    p.ankle = Vec2(-0.05, 0.08);
    p.knee = p.ankle + kShank * along(p.shin);
    p.hip = p.knee + kThigh * along(p.thigh);
    p.shoulder = p.hip + kTrunk * along(p.trunk);
    p.bar = p.shoulder + 0.05 * along(p.trunk) - 0.08 * along(p.trunk + 1.5708);
    return p;
  };
  auto moving = [&](double t, auto&& of) {
    return MovingPoint{of(at(t)),
                       (of(at(t - kStep_s)) - 2.0 * of(at(t)) + of(at(t + kStep_s))) / (kStep_s * kStep_s)};
  };
  // Up to `end_s`.
  auto givenUntil = [&](double end_s) {
    double given = 0.0;
    for (double t = 0.0; t < end_s - 0.5 * kStep_s; t += kStep_s) {
      const double mid = t + 0.5 * kStep_s;
      const MovingPoint ankle = moving(mid, [](const Posture&p) { return p.ankle; }),
                        knee = moving(mid, [](const Posture&p) { return p.knee; }),
                        hip = moving(mid, [](const Posture&p) { return p.hip; }),
                        shoulder = moving(mid, [](const Posture&p) { return p.shoulder; }),
                        bar = moving(mid, [](const Posture&p) { return p.bar; });
      const std::vector<MovingLink> body = {
          {hip, shoulder, kUpperBodyMass}, {hip, knee, kThighMass}, {knee, ankle, kShankMass}};
      auto moment = [&](const MovingPoint& about, std::size_t links) {
        return computeLoadMoment(about.at_m, bar, kLoad_kg) +
               computeLinkMoment(about.at_m, std::span(body).first(links), kBody_kg);
      };
      const Posture before = at(t), after = at(t + kStep_s);
      // Leans grow clockwise. A joint's moment works on the turn of what is above it against what is below.
      const double shin = -(after.shin - before.shin), thigh = -(after.thigh - before.thigh),
                   trunk = -(after.trunk - before.trunk);
      given += moment(ankle, 3) * shin + moment(knee, 2) * (thigh - shin) + moment(hip, 1) * (trunk - thigh);
    }
    return given;
  };
  // Of height, of motion along and of turning.
  auto energy = [&](double t) {
    auto speed = [&](auto&& of) -> decltype(of(at(t))) {
      return (of(at(t + kStep_s)) - of(at(t - kStep_s))) / (2.0 * kStep_s);
    };
    auto bar = [](const Posture& p) { return p.bar; };
    double sum = kLoad_kg * (kGravity_ms2 * at(t).bar.y() + 0.5 * Vec2(speed(bar)).squaredNorm());
    auto link = [&](auto&& near, auto&& far, const SegmentMass& s) {
      auto centre = [&](const Posture& p) -> Vec2 { return (1.0 - s.centre) * near(p) + s.centre * far(p); };
      auto direction = [&](const Posture& p) {
        const Vec2 d = far(p) - near(p);
        return std::atan2(d.y(), d.x());
      };
      const double length = (far(at(t)) - near(at(t))).norm(), mass = s.mass * kBody_kg;
      sum += mass * (kGravity_ms2 * centre(at(t)).y() + 0.5 * Vec2(speed(centre)).squaredNorm() +
                     0.5 * std::pow(s.gyration * length * speed(direction), 2));
    };
    auto ankle = [](const Posture& p) { return p.ankle; };
    auto knee = [](const Posture& p) { return p.knee; };
    auto hip = [](const Posture& p) { return p.hip; };
    auto shoulder = [](const Posture& p) { return p.shoulder; };
    link(hip, shoulder, kUpperBodyMass);
    link(hip, knee, kThighMass);
    link(knee, ankle, kShankMass);
    return sum;
  };
  for (const double part : {0.3, 0.5, 1.0}) {
    const double gained = energy(part * kRise_s) - energy(0.0);
    EXPECT_GT(gained, 150.0) << part;
    EXPECT_NEAR(givenUntil(part * kRise_s) / gained, 1.0, 0.005) << part;
  }
}

}  // namespace
}  // namespace mottix
