#include "core/measure/drawn_measure.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/measure/measure_kind.h"
#include "core/motion/camera_shake.h"
#include "core/motion/lens.h"

namespace mottix {
namespace {

constexpr std::array<std::string_view, 5> kNames = {"angle", "lean", "distance", "height", "time"};

// A hand meets a point of the body to within this part of the picture's width: 3 px of 1280 (own allowance,
// about what the placed joints of the accuracy table scatter by where clothing is clear).
constexpr double kHandOfWidth = 3.0 / 1280.0;
// On the near side, between the mid-plane and the outside of the arm.
constexpr Estimate kNearSide_m{0.15, 0.08};
constexpr Estimate kAcross_m{0.0, 0.12};

double value(DrawnKind kind, const std::vector<Vec2>& m) {
  switch (kind) {
    case DrawnKind::kAngle: {
      const Vec2 a = m[0] - m[1], b = m[2] - m[1];
      return std::abs(std::atan2(a.x() * b.y() - a.y() * b.x(), a.dot(b))) * 180.0 / std::numbers::pi;
    }
    case DrawnKind::kLean:
      return degOf(m[0], m[1]);
    case DrawnKind::kDistance:
      return kCmPerM * (m[1] - m[0]).norm();
    case DrawnKind::kHeight:
      return kCmPerM * (m[1] - m[0]).y();
    case DrawnKind::kTime:
      break;
  }
  return 0.0;
}

}  // namespace

std::string_view nameOf(DrawnKind kind) {
  return kNames[static_cast<std::size_t>(kind)];
}
std::optional<DrawnKind> drawnKindNamed(std::string_view name) {
  for (const DrawnKind kind : kDrawnKinds)
    if (nameOf(kind) == name) return kind;
  return std::nullopt;
}
std::string_view unitOf(DrawnKind kind) {
  return kind == DrawnKind::kAngle || kind == DrawnKind::kLean ? "deg"
         : kind == DrawnKind::kTime                            ? "s"
                                                               : "cm";
}
std::size_t pointCountOf(DrawnKind kind) {
  return kind == DrawnKind::kAngle ? 3 : 2;
}

Vec2 asMeasured(const ClipTracks& filmed, std::size_t frame, const Vec2& p_px) {
  const Vec2 still = toReference(filmed, frame, p_px);
  if (!filmed.lens_k1 || filmed.lens_k1->value == 0.0) return still;
  return straightened(still, filmed.lens_k1->value, 0.5 * Vec2(filmed.width_px, filmed.height_px),
                      focalPrior(filmed.width_px, filmed.height_px).value);
}

Expected<Estimate> estimateDrawn(const DrawnMeasure& drawn, const ClipTracks& filmed,
                                 const SideCamera& camera, const SideCameraErrors& errors) {
  if (drawn.points.size() != pointCountOf(drawn.kind))
    return fail(Remedy::kCorrectInput, "Points of this measure are missing. Draw it anew.");
  for (const DrawnPoint& p : drawn.points)
    if (p.frame >= filmed.frameCount())
      return fail(
          Remedy::kCorrectInput,
          "This measure lies on a picture that the film does not have. Take it away and draw it anew.");
  if (drawn.kind == DrawnKind::kTime) {
    const double from = filmed.time_s[drawn.points[0].frame], to = filmed.time_s[drawn.points[1].frame];
    // Either moment lies anywhere between two pictures.
    const double step = 1.0 / std::max(1.0, usualRate(filmed.time_s));
    return Estimate{to - from, step * std::sqrt(2.0 / 12.0)};
  }
  constexpr double kTooNear_px = 4.0;
  std::vector<Vec2> px;
  for (const DrawnPoint& p : drawn.points) {
    px.push_back(asMeasured(filmed, p.frame, p.p_px));
    if (px.size() > 1 && (px.back() - px[px.size() - 2]).norm() < kTooNear_px)
      return fail(Remedy::kCorrectInput, "The points lie on each other. Draw them farther apart.");
  }
  const bool across = filmed.across();
  const Estimate lateral = across ? kAcross_m : kNearSide_m;
  auto with = [&](const SideCamera& c, double lateral_m, std::size_t moved, const Vec2& by_px) {
    std::vector<Vec2> m;
    for (std::size_t i = 0; i < px.size(); ++i)
      m.push_back(c.toBody(i == moved ? Vec2(px[i] + by_px) : px[i], lateral_m));
    return value(drawn.kind, m);
  };
  const std::size_t none = px.size();
  Estimate out = estimateFrom(
      camera, errors, [&](const SideCamera& c) { return with(c, lateral.value, none, Vec2::Zero()); });
  double variance = out.sd * out.sd;
  auto add = [&](double up, double down) { variance += std::pow(0.5 * (up - down), 2); };
  add(with(camera, lateral.value + lateral.sd, none, Vec2::Zero()),
      with(camera, lateral.value - lateral.sd, none, Vec2::Zero()));
  const double hand_px = kHandOfWidth * filmed.width_px;
  for (std::size_t i = 0; i < px.size(); ++i)
    for (const Vec2& axis : {Vec2(hand_px, 0.0), Vec2(0.0, hand_px)})
      add(with(camera, lateral.value, i, axis), with(camera, lateral.value, i, -axis));
  out.sd = std::sqrt(variance);
  return out;
}

}  // namespace mottix
