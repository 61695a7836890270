#include "core/motion/smooth.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

namespace mottix {

std::vector<SmoothSample> smoothLocal(std::span<const double> time_s, std::span<const double> value,
                                      std::span<const double> sd, double half_window_s) {
  const std::size_t n = time_s.size();
  std::vector<SmoothSample> out(n);
  if (n < 2) return out;
  // A parabola with an error needs four samples: at few pictures a second the window grows to five.
  std::vector<double> step;
  for (std::size_t i = 1; i < n; ++i) step.push_back(time_s[i] - time_s[i - 1]);
  std::nth_element(step.begin(), step.begin() + static_cast<long>(step.size() / 2), step.end());
  half_window_s = std::max(half_window_s, 2.5 * step[step.size() / 2]);
  std::size_t first = 0;
  for (std::size_t i = 0; i < n; ++i) {
    while (time_s[first] < time_s[i] - half_window_s) ++first;
    Eigen::Matrix3d a = Eigen::Matrix3d::Zero(), noise = Eigen::Matrix3d::Zero();
    Eigen::Vector3d b = Eigen::Vector3d::Zero();
    int used = 0;
    for (std::size_t k = first; k < n && time_s[k] <= time_s[i] + half_window_s; ++k) {
      if (!std::isfinite(value[k]) || !std::isfinite(sd[k])) continue;
      const double u = (time_s[k] - time_s[i]) / half_window_s;
      const double cube = 1.0 - std::abs(u * u * u);
      const double w = cube * cube * cube / (sd[k] * sd[k] + 1e-12);
      if (w <= 0.0) continue;
      const Eigen::Vector3d row(1.0, u, u * u);
      a += w * row * row.transpose();
      b += w * row * value[k];
      noise += w * w * sd[k] * sd[k] * row * row.transpose();
      ++used;
    }
    if (used < 4) continue;
    const Eigen::Matrix3d inverse = a.inverse();
    if (!inverse.allFinite()) continue;
    const Eigen::Vector3d x = inverse * b;
    const Eigen::Matrix3d covariance = inverse * noise * inverse;
    out[i].value = {x[0], std::sqrt(std::max(0.0, covariance(0, 0)))};
    out[i].slope = {x[1] / half_window_s, std::sqrt(std::max(0.0, covariance(1, 1))) / half_window_s};
    out[i].known = true;
  }
  return out;
}

}  // namespace mottix
