#include "core/motion/tracks.h"

#include <algorithm>

namespace mottix {

double usualRate(const std::vector<double>& time_s) {
  if (time_s.size() < 2) return 0.0;
  std::vector<double> steps;
  for (std::size_t i = 1; i < time_s.size(); ++i) steps.push_back(time_s[i] - time_s[i - 1]);
  const auto middle = steps.begin() + static_cast<std::ptrdiff_t>(steps.size() / 2);
  std::nth_element(steps.begin(), middle, steps.end());
  return *middle > 0.0 ? 1.0 / *middle : 0.0;
}

void playAsLived(std::vector<double>& time_s, double recorded_fps) {
  const double rate = usualRate(time_s);
  if (!(rate > 0.0) || !(recorded_fps > rate)) return;
  for (double& t : time_s) t *= rate / recorded_fps;
}

}  // namespace mottix
