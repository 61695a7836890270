#include "core/measure/measure_kind.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;

// First picture from `from` to `to` on which the bar has made `share` of the way between them.
std::size_t frameOfShare(const RepScene& s, std::size_t from, std::size_t to, double share) {
  const double a = s.height[from].value.value, b = s.height[to].value.value;
  const double at = a + share * (b - a), sign = b >= a ? 1.0 : -1.0;
  std::size_t f = from;
  while (f < to && (!s.height[f].known || sign * (s.height[f].value.value - at) < 0.0)) ++f;
  return f;
}

}  // namespace

const Rep* RepScene::before() const {
  for (const Rep& other : reps)
    if (other.number == rep.number - 1) return &other;
  return nullptr;
}

std::size_t RepScene::upAt(double share) const {
  return frameOfShare(*this, upFrom(), upTo(), share);
}
std::size_t RepScene::downAt(double share) const {
  return frameOfShare(*this, downFrom(), downTo(), share);
}

std::size_t RepScene::frameAt(double at_s) const {
  const auto it = std::lower_bound(time_s.begin(), time_s.end(), at_s);
  return std::min(static_cast<std::size_t>(it - time_s.begin()), time_s.size() - 1);
}

bool RepScene::allKnown(std::span<const Joint> joints, std::size_t frame) const {
  return std::all_of(joints.begin(), joints.end(), [&](Joint j) { return places.known(j, frame); });
}

std::size_t RepScene::greatest(std::size_t from, std::size_t to, std::span<const Joint> joints,
                               const std::function<double(std::size_t)>& value) const {
  std::size_t best = from;
  double most = 0.0;
  bool any = false;
  for (std::size_t f = from; f <= to && f < time_s.size(); ++f) {
    if (!allKnown(joints, f) || !places.barKnown(f)) continue;
    const double v = value(f);
    if (any && v <= most) continue;
    any = true;
    most = v;
    best = f;
  }
  return best;
}

Reading RepScene::chosen(Reading r, std::size_t from, std::size_t to, std::span<const Joint> joints,
                         const std::function<double(std::size_t)>& value) const {
  if (r.status != MeasureStatus::kOk) return r;
  for (std::size_t f = from; f <= to && f < time_s.size(); ++f)
    if (allKnown(joints, f) && places.barKnown(f)) {
      r.chosen_from.push_back(value(f));
      r.chosen_from_s.push_back(time_s[f]);
    }
  return r;
}

double degOf(const Vec2& from, const Vec2& to) {
  const Vec2 d = to - from;
  return std::atan2(d.x(), d.y()) / kDeg;
}

double bendDeg(const Vec2& a, const Vec2& hinge, const Vec2& b) {
  return std::abs(turnDeg(a, hinge, b));
}

double turnDeg(const Vec2& a, const Vec2& hinge, const Vec2& b) {
  const Vec2 in = hinge - a, out = b - hinge;
  return std::atan2(in.x() * out.y() - in.y() * out.x(), in.dot(out)) / kDeg;
}

}  // namespace mottix
