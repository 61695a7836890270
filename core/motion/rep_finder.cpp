#include "core/motion/rep_finder.h"

#include <algorithm>
#include <cmath>

#include "core/motion/smooth.h"

namespace mottix {

Expected<void> RepFinderOptions::validate() const {
  auto bad = [](const char* what) {
    return fail(Remedy::kCorrectInput, std::string("Finding reps: ") + what);
  };
  if (!(min_swing_m > 0.0)) return bad("min_swing_m must be above 0.");
  if (!(min_swing_of_largest > 0.0 && min_swing_of_largest < 1.0))
    return bad("min_swing_of_largest must lie between 0 and 1.");
  if (!(still_speed_ms > 0.0)) return bad("still_speed_ms must be above 0.");
  if (!(smooth_half_window_s > 0.0)) return bad("smooth_half_window_s must be above 0.");
  return {};
}

namespace {

std::size_t nearestFrame(const std::vector<double>& time_s, double t) {
  const auto it = std::lower_bound(time_s.begin(), time_s.end(), t);
  if (it == time_s.begin()) return 0;
  if (it == time_s.end()) return time_s.size() - 1;
  const auto i = static_cast<std::size_t>(it - time_s.begin());
  return t - time_s[i - 1] < time_s[i] - t ? i - 1 : i;
}

// Error of an event's time: speed error over acceleration, and the frame's own grain.
double eventSd(const std::vector<SmoothSample>& s, const std::vector<double>& time_s, std::size_t i) {
  const std::size_t a = i > 0 ? i - 1 : i, b = i + 1 < s.size() ? i + 1 : i;
  const double dt = time_s[b] - time_s[a];
  if (dt <= 0.0) return 0.1;
  const double acceleration = std::max(0.05, std::abs(s[b].slope.value - s[a].slope.value) / dt);
  const double grain = 0.5 * dt / std::sqrt(12.0);
  return std::hypot(s[i].slope.sd / acceleration, grain);
}

struct Extremum {
  std::size_t at;
  bool low;
};

// Alternating lows and highs whose swing is at least `swing` (a zigzag filter).
std::vector<Extremum> findSwings(const std::vector<double>& h, double swing) {
  std::vector<Extremum> found;
  std::size_t low = 0, high = 0;
  int going = 0;
  for (std::size_t i = 1; i < h.size(); ++i) {
    if (h[i] < h[low]) low = i;
    if (h[i] > h[high]) high = i;
    if (going >= 0 && h[high] - h[i] >= swing) {
      found.push_back({high, false});
      going = -1;
      low = i;
    } else if (going <= 0 && h[i] - h[low] >= swing) {
      if (going < 0) found.push_back({low, true});
      going = 1;
      high = i;
    }
    if (going > 0 && h[i] > h[high]) high = i;
    if (going < 0 && h[i] < h[low]) low = i;
  }
  if (going > 0) found.push_back({high, false});
  return found;
}

}  // namespace

Expected<std::vector<Rep>> findReps(const BarHeight& bar, Lift lift, const RepFinderOptions& options) {
  if (auto ok = options.validate(); !ok) return tl::make_unexpected(ok.error());
  const double sign = lift == Lift::kDeadlift ? -1.0 : 1.0;
  std::vector<double> upright(bar.height_m.size());
  std::transform(bar.height_m.begin(), bar.height_m.end(), upright.begin(),
                 [&](double h) { return sign * h; });
  const auto smooth = smoothLocal(bar.time_s, upright, bar.sd_m, options.smooth_half_window_s);

  // Stretches without the bar are left out; the frames that remain keep their own numbers.
  std::vector<std::size_t> frame;
  std::vector<double> h;
  for (std::size_t i = 0; i < smooth.size(); ++i)
    if (smooth[i].known) {
      frame.push_back(i);
      h.push_back(smooth[i].value.value);
    }
  std::vector<Rep> reps;
  if (h.size() < 8) return reps;
  std::vector<double> sorted = h;
  std::sort(sorted.begin(), sorted.end());
  const double range = sorted[sorted.size() * 99 / 100] - sorted[sorted.size() / 100];
  const double swing = std::max(options.min_swing_m, options.min_swing_of_largest * range);
  const auto swings = findSwings(h, swing);
  for (std::size_t k = 1; k + 1 < swings.size(); ++k) {
    if (!swings[k].low || swings[k - 1].low || swings[k + 1].low) continue;
    const std::size_t before = swings[k - 1].at, low = swings[k].at, after = swings[k + 1].at;
    auto speed = [&](std::size_t j) { return smooth[frame[j]].slope.value; };
    auto resting = [&](std::size_t j, double top) { return h[j] >= top - 0.15 * (top - h[low]); };
    std::size_t a = low, b = low;
    while (a > before && !(speed(a) > -options.still_speed_ms && resting(a, h[before]))) --a;
    while (b < after && !(speed(b) < options.still_speed_ms && resting(b, h[after]))) ++b;
    Rep rep;
    rep.number = static_cast<int>(reps.size()) + 1;
    auto event = [&](std::size_t j) {
      return Estimate{bar.time_s[frame[j]], eventSd(smooth, bar.time_s, frame[j])};
    };
    rep.start_s = event(a);
    rep.end_s = event(b);
    rep.turn_s = event(low);
    // The turn is where the speed passes zero, between two frames.
    for (std::size_t j = low > 0 ? low - 1 : low; j <= low && j + 1 < h.size(); ++j) {
      const double v0 = speed(j), v1 = speed(j + 1);
      if (v0 < 0.0 && v1 >= 0.0) {
        const double t0 = bar.time_s[frame[j]], t1 = bar.time_s[frame[j + 1]];
        rep.turn_s.value = t0 + (t1 - t0) * (-v0) / (v1 - v0);
      }
    }
    rep.start_frame = frame[a];
    rep.end_frame = frame[b];
    rep.turn_frame = nearestFrame(bar.time_s, rep.turn_s.value);
    reps.push_back(rep);
  }
  return reps;
}

std::vector<FilmPart> partsOfSets(const std::vector<Rep>& reps, const std::vector<double>& time_s) {
  constexpr double kRest_s = 45.0;
  if (time_s.empty()) return {};
  std::vector<FilmPart> parts = {{0, time_s.size() - 1}};
  for (std::size_t r = 1; r < reps.size(); ++r) {
    const double from = reps[r - 1].end_s.value, to = reps[r].start_s.value;
    if (to - from <= kRest_s) continue;
    const std::size_t middle = std::max<std::size_t>(1, nearestFrame(time_s, 0.5 * (from + to)));
    parts.back().last = middle - 1;
    parts.push_back({middle, time_s.size() - 1});
  }
  return parts;
}

}  // namespace mottix
