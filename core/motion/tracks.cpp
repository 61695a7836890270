#include "core/motion/tracks.h"

#include <algorithm>

namespace mottix {

std::vector<BarSample> middleOf(const std::array<std::vector<BarSample>, 2>& ends) {
  std::vector<BarSample> out(std::min(ends[0].size(), ends[1].size()));
  for (std::size_t i = 0; i < out.size(); ++i) {
    const BarSample &l = ends[0][i], &r = ends[1][i];
    out[i].p_px = 0.5 * (l.p_px + r.p_px);
    out[i].sd_px = 0.5 * std::hypot(l.sd_px, r.sd_px);
    out[i].radius_px = 0.5 * (l.radius_px + r.radius_px);
    out[i].state = std::max(l.state, r.state);  // as good as the worse of the two
  }
  return out;
}

double usualRate(const std::vector<double>& time_s) {
  if (time_s.size() < 2) return 0.0;
  std::vector<double> steps;
  for (std::size_t i = 1; i < time_s.size(); ++i) steps.push_back(time_s[i] - time_s[i - 1]);
  const auto middle = steps.begin() + static_cast<std::ptrdiff_t>(steps.size() / 2);
  std::nth_element(steps.begin(), middle, steps.end());
  return *middle > 0.0 ? 1.0 / *middle : 0.0;
}

std::size_t nearestFrame(const std::vector<double>& time_s, double at_s) {
  const auto it = std::lower_bound(time_s.begin(), time_s.end(), at_s);
  if (it == time_s.end()) return time_s.size() - 1;
  const auto k = static_cast<std::size_t>(it - time_s.begin());
  return k > 0 && at_s - time_s[k - 1] < time_s[k] - at_s ? k - 1 : k;
}

void playAsLived(std::vector<double>& time_s, double recorded_fps) {
  const double rate = usualRate(time_s);
  if (!(rate > 0.0) || !(recorded_fps > rate)) return;
  for (double& t : time_s) t *= rate / recorded_fps;
}

}  // namespace mottix
