#include "core/measure/bar_tilt.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

#include "core/motion/smooth.h"

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;
constexpr double kPitchSd_deg = 5.0;      // of a phone that is leaned against something or held
constexpr double kRestLevelSd_deg = 0.8;  // own allowance: 1.8 cm from collar to collar
constexpr double kHeightRel = 0.01;       // of a plate's height in the picture
constexpr double kSmoothHalfWindow_s = 0.12;

double medianOf(std::vector<double> v) {
  const auto mid = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), mid, v.end());
  return *mid;
}

}  // namespace

std::optional<BarTilt> computeBarTilt(const MeasureInput& input, const std::vector<Rep>& reps) {
  const ClipTracks& t = *input.tracks;
  if (!t.across()) return std::nullopt;
  auto seen = [&](std::size_t i) {
    return t.ends[0][i].state == TrackState::kSeen && t.ends[1][i].state == TrackState::kSeen;
  };
  const Vec2 up = input.camera.upAt(input.camera.middle_px).normalized();
  double apart_m = 0.0, odd = 0.0, noise_m = 0.0, far_px = 0.0;
  std::vector<double> raw(t.frameCount(), 0.0), sd(t.frameCount(), std::numeric_limits<double>::quiet_NaN());
  std::vector<double> apart;
  for (std::size_t i = 0; i < t.frameCount(); ++i) {
    if (!seen(i)) continue;
    std::array<double, 2> height_m{}, px_per_m{};
    for (std::size_t e = 0; e < 2; ++e) {
      px_per_m[e] = t.ends[e][i].radius_px / input.camera.plate_radius_m;
      const double above_px = (t.ends[e][i].p_px - input.camera.middle_px).dot(up);
      height_m[e] = above_px / px_per_m[e];
      far_px = std::max(far_px, std::abs(above_px));
    }
    const double across_m =
        (t.ends[1][i].p_px - t.ends[0][i].p_px).norm() / (0.5 * (px_per_m[0] + px_per_m[1]));
    apart.push_back(across_m);
    raw[i] = std::atan2(height_m[1] - height_m[0], across_m) / kDeg;
    noise_m = std::hypot(t.ends[0][i].sd_px / px_per_m[0], t.ends[1][i].sd_px / px_per_m[1]);
    sd[i] = noise_m / across_m / kDeg;
    odd = std::abs(1.0 / px_per_m[0] - 1.0 / px_per_m[1]);
  }
  if (apart.empty()) return std::nullopt;
  apart_m = medianOf(apart);
  const auto smooth = smoothLocal(t.time_s, raw, sd, kSmoothHalfWindow_s);
  std::vector<double> resting;
  for (const Rep& rep : reps)
    if (!rep.cut_start && smooth[rep.start_frame].known)
      resting.push_back(smooth[rep.start_frame].value.value);
  const double horizon_sd_px = input.camera.focal_px * std::tan(kPitchSd_deg * kDeg);
  const Estimate roll =
      estimateFrom(input.camera, input.camera_errors, [](const SideCamera& c) { return c.roll_deg; });
  const double mm_per_px = input.camera.mmPerPx(input.camera.plate_lateral_m);
  const double heights_m = std::sqrt(2.0) * kHeightRel * far_px * mm_per_px / 1000.0;
  const double sd_geometry_deg =
      std::hypot(roll.sd, std::hypot(odd * horizon_sd_px, heights_m) / apart_m / kDeg);
  BarTilt out;
  double off_deg = 0.0;
  out.level_sd_deg = sd_geometry_deg;
  if (!resting.empty()) {
    const double g = sd_geometry_deg * sd_geometry_deg, r = kRestLevelSd_deg * kRestLevelSd_deg;
    off_deg = medianOf(resting) * g / (g + r);
    out.level_sd_deg = std::sqrt(g * r / (g + r));
  }
  out.deg.resize(t.frameCount());
  for (std::size_t i = 0; i < t.frameCount(); ++i)
    if (smooth[i].known && seen(i)) {
      out.deg[i] = smooth[i].value.value - off_deg;
      out.noise_deg = std::max(out.noise_deg, smooth[i].value.sd);
    }
  return out;
}

}  // namespace mottix
