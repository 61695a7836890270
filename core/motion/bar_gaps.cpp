#include "core/motion/bar_gaps.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace mottix {
namespace {

bool seenAt(const std::vector<BarSample>& samples, std::size_t i) {
  return i < samples.size() && samples[i].state == TrackState::kSeen;
}

// Across a gap, from place and speed before it to those after it.
class Bridge {
 public:
  Bridge(const std::vector<BarSample>& samples, const std::vector<double>& time_s, std::size_t before,
         std::size_t after)
      : from_(samples[before]),
        to_(samples[after]),
        start_s_(time_s[before]),
        gap_s_(time_s[after] - time_s[before]),
        lag_s_(0.5 * (time_s[before] - time_s[before - std::min(before, kPictures)])),
        leaves_(gap_s_ * speed(samples, time_s, before, -1).value_or((to_.p_px - from_.p_px) / gap_s_)),
        comes_(gap_s_ * speed(samples, time_s, after, 1).value_or((to_.p_px - from_.p_px) / gap_s_)) {}

  double gap_s() const { return gap_s_; }
  BarSample at(double time_s) const {
    const double u = (time_s - start_s_) / gap_s_, v = 1.0 - u, nearest_s = gap_s_ * std::min(u, v);
    const double radius_px = v * from_.radius_px + u * to_.radius_px;
    // Cubic Hermite.
    return {Vec2(v * v * (1.0 + 2.0 * u) * from_.p_px + u * u * (1.0 + 2.0 * v) * to_.p_px +
                 u * v * v * leaves_ - u * u * v * comes_),
            std::hypot(1.0, 0.5 * kUsualBarAcceleration * radius_px * nearest_s * (nearest_s + 2.0 * lag_s_)),
            radius_px, TrackState::kBridged};
  }

 private:
  BarSample from_, to_;
  static constexpr std::size_t kPictures = 4;  // from which speed is read
  double start_s_, gap_s_;
  double lag_s_;  // speed is that of so long before the end
  Vec2 leaves_, comes_;

  // Pixels a second at an end of the gap, from seen pictures on the other side of it, if there are any.
  static std::optional<Vec2> speed(const std::vector<BarSample>& samples, const std::vector<double>& time_s,
                                   std::size_t end, std::ptrdiff_t away) {
    std::size_t far = end;
    for (std::size_t k = 1; k <= kPictures; ++k) {
      const std::size_t at = end + static_cast<std::size_t>(away) * k;
      if (!seenAt(samples, at)) break;
      far = at;
    }
    if (far == end) return std::nullopt;
    return Vec2((samples[far].p_px - samples[end].p_px) / (time_s[far] - time_s[end]));
  }
};

}  // namespace

void bridgeLeaps(std::vector<BarSample>& samples, const std::vector<double>& time_s, double plate_radius_m) {
  constexpr double kLands_ms = 2.0;  // a quick lowering, stopped by the floor between two pictures
  constexpr std::size_t kNext = 2;   // pictures
  auto seenNear = [&](std::size_t i, std::ptrdiff_t step) -> const BarSample* {
    for (std::size_t k = 1; k <= kNext; ++k) {
      const std::size_t at = i + static_cast<std::size_t>(step) * k;
      if (seenAt(samples, at)) return &samples[at];
    }
    return nullptr;
  };
  std::vector<double> off_px(samples.size(), 0.0);
  std::vector<BarSample> between = samples;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    if (samples[i].state != TrackState::kSeen) continue;
    const BarSample *before = seenNear(i, -1), *after = seenNear(i, 1);
    if (before == nullptr || after == nullptr) continue;
    const auto timeOf = [&](const BarSample* s) {
      return time_s[static_cast<std::size_t>(s - samples.data())];
    };
    const double t0 = timeOf(before), t1 = timeOf(after), part = (time_s[i] - t0) / (t1 - t0);
    const double most_px = 0.25 * kLands_ms * (t1 - t0) / plate_radius_m * samples[i].radius_px;
    between[i] = {before->p_px + part * (after->p_px - before->p_px), 0.5 * most_px, samples[i].radius_px,
                  TrackState::kBridged};
    const double off = (samples[i].p_px - between[i].p_px).norm();
    if (off > most_px) off_px[i] = off;
  }
  // A leap puts its neighbours out by half as much.
  for (std::size_t i = 0; i < samples.size(); ++i) {
    const double beside = std::max(i > 0 ? off_px[i - 1] : 0.0, i + 1 < samples.size() ? off_px[i + 1] : 0.0);
    if (off_px[i] > beside) samples[i] = between[i];
  }
}

void dropIslands(std::vector<BarSample>& samples, const std::vector<double>& time_s, double bridge_s) {
  constexpr std::size_t kShore = 4;  // pictures seen on end
  constexpr double kFar = 2.0;       // times a bridge's error
  auto shore = [&](std::size_t last, std::ptrdiff_t away) {
    for (std::size_t k = 0; k < kShore; ++k)
      if (!seenAt(samples, last + static_cast<std::size_t>(away) * k)) return false;
    return true;
  };
  for (std::size_t first = kShore; first < samples.size(); ++first) {
    if (seenAt(samples, first) || !shore(first - 1, -1)) continue;
    std::size_t after = first;
    while (after < samples.size() && !shore(after, 1)) ++after;
    if (after == samples.size()) return;
    const Bridge bridge(samples, time_s, first - 1, after);
    if (bridge.gap_s() > bridge_s) continue;
    for (std::size_t f = first; f < after; ++f)
      if (const BarSample between = bridge.at(time_s[f]);
          seenAt(samples, f) && (samples[f].p_px - between.p_px).norm() > kFar * between.sd_px)
        samples[f] = between;
  }
}

void bridgeGaps(std::vector<BarSample>& samples, const std::vector<double>& time_s, double bridge_s) {
  for (std::size_t first = 1; first < samples.size(); ++first) {
    if (seenAt(samples, first) || !seenAt(samples, first - 1)) continue;
    std::size_t after = first;
    while (after < samples.size() && !seenAt(samples, after)) ++after;
    if (after == samples.size()) return;
    const Bridge bridge(samples, time_s, first - 1, after);
    if (bridge.gap_s() > bridge_s) continue;
    for (std::size_t f = first; f < after; ++f) samples[f] = bridge.at(time_s[f]);
  }
}

}  // namespace mottix
