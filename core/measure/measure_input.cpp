#include "core/measure/measure_input.h"

#include <algorithm>
#include <cmath>
#include <execution>
#include <functional>
#include <limits>

#include "core/motion/smooth.h"

namespace mottix {

SmoothTracks smoothTracks(const ClipTracks& tracks) {
  // `sample(i)` gives a place and its error, or nothing where there is none.
  auto smoothed = [&](std::size_t n, auto&& sample) {
    std::vector<double> x(n), y(n), sd(n);
    for (std::size_t i = 0; i < n; ++i) {
      const auto [place, error] = sample(i);
      x[i] = place.x();
      y[i] = place.y();
      sd[i] = error;
    }
    const SplineFit sx = withHiddenJumps(smoothSpline(tracks.time_s, x, sd), tracks.time_s),
                    sy = withHiddenJumps(smoothSpline(tracks.time_s, y, sd), tracks.time_s);
    std::vector<SmoothPlace> out(n);
    for (std::size_t i = 0; i < n; ++i) {
      const SplineSample &a = sx.at[i], &b = sy.at[i];
      if (std::isfinite(sd[i]) && a.known && b.known)
        out[i] = {{a.value.value, b.value.value},
                  {a.bend.value, b.bend.value},
                  std::sqrt(0.5 * (a.value.sd * a.value.sd + b.value.sd * b.value.sd)),
                  std::sqrt(0.5 * (a.bend.sd * a.bend.sd + b.bend.sd * b.bend.sd))};
      else
        out[i].at_px = {x[i], y[i]};
    }
    return out;
  };
  constexpr double kLeastJoint_px = 0.3, kLeastBar_px = 0.1;
  const double nan = std::numeric_limits<double>::quiet_NaN();
  auto bar = [&](const std::vector<BarSample>& raw) {
    return smoothed(raw.size(), [&](std::size_t i) {
      return std::pair(raw[i].p_px,
                       raw[i].state == TrackState::kLost ? nan : std::max(kLeastBar_px, raw[i].sd_px));
    });
  };
  SmoothTracks out;
  std::vector<std::function<void()>> work = {[&] { out.bar = bar(tracks.bar); }};
  for (std::size_t e = 0; e < 2 && tracks.across(); ++e)
    work.push_back([&, e] { out.ends[e] = bar(tracks.ends[e]); });
  for (std::size_t j = 0; j < kJointCount; ++j)
    if (tracks.has(static_cast<Joint>(j)))
      work.push_back([&, j] {
        const JointTrack& raw = tracks.joints[j];
        out.joints[j] = smoothed(raw.size(), [&](std::size_t i) {
          return std::pair(raw[i].p_px, raw[i].known ? std::max(kLeastJoint_px, raw[i].sd_px) : nan);
        });
      });
  std::for_each(std::execution::par, work.begin(), work.end(), [](const auto& one) { one(); });
  return out;
}

}  // namespace mottix
