#include "core/motion/lift_guess.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <execution>
#include <optional>

namespace mottix {
namespace {

constexpr double kSquatWay_m = 0.61, kSquatSpread_m = 0.09;
constexpr double kPressWay_m = 0.37, kPressSpread_m = 0.08;
// Of the whole way: where the bar is when the film begins and ends. A film may be cut while the bar is held
// at the top, or begin in the middle of a rep: an end that speaks for a lift is wrong in one film of ten.
constexpr double kNearEnd = 0.25, kWrongEnd = 0.1;
constexpr double kEnd_s = 0.4;

double bell(double x, double mean, double sd) {
  return std::exp(-0.5 * (x - mean) * (x - mean) / (sd * sd)) / sd;
}

double medianOf(std::vector<double> v) {
  const auto middle = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  return *middle;
}

}  // namespace

std::optional<LiftGuess> guessLift(const BarHeight& bar, const RepFinderOptions& options) {
  std::vector<double> t, h;
  for (std::size_t i = 0; i < bar.height_m.size(); ++i)
    if (std::isfinite(bar.sd_m[i])) {
      t.push_back(bar.time_s[i]);
      h.push_back(bar.height_m[i]);
    }
  if (h.size() < 8) return std::nullopt;
  // How often the bar goes a rep's way either way round.
  std::vector<double> ways;
  constexpr std::array kWays = {Lift::kSquat, Lift::kDeadlift};
  std::array<std::optional<std::vector<Rep>>, kWays.size()> found;
  std::transform(std::execution::par, kWays.begin(), kWays.end(), found.begin(),
                 [&](Lift lift) -> std::optional<std::vector<Rep>> {
                   auto reps = findReps(bar, lift, options);
                   return reps ? std::optional(std::move(*reps)) : std::nullopt;
                 });
  for (const auto& reps : found) {
    if (!reps) return std::nullopt;
    for (const Rep& r : wholeReps(*reps))
      ways.push_back(std::abs(bar.height_m[r.turn_frame] - bar.height_m[r.start_frame]));
  }
  if (ways.empty()) return std::nullopt;
  const double way = medianOf(ways);
  std::vector<double> sorted = h;
  std::sort(sorted.begin(), sorted.end());
  const double low = sorted[sorted.size() / 50], high = sorted[sorted.size() - 1 - sorted.size() / 50];

  double from_floor = 1.0, from_above = 1.0;
  auto speak = [&](auto&& belongs) {
    std::vector<double> level;
    for (std::size_t i = 0; i < t.size(); ++i)
      if (belongs(t[i])) level.push_back((h[i] - low) / (high - low));
    if (level.empty()) return;
    const double at = medianOf(level);
    if (at < kNearEnd) from_above *= kWrongEnd;
    if (at > 1.0 - kNearEnd) from_floor *= kWrongEnd;
  };
  speak([&](double when) { return when <= t.front() + kEnd_s; });
  speak([&](double when) { return when >= t.back() - kEnd_s; });

  // A pull goes about as far as a squat: its way says nothing against the two others.
  const double squat = bell(way, kSquatWay_m, kSquatSpread_m), press = bell(way, kPressWay_m, kPressSpread_m);
  const std::array<std::pair<Lift, double>, 3> said = {
      {{Lift::kSquat, from_above * squat},
       {Lift::kBench, from_above * press},
       {Lift::kDeadlift, from_floor * std::max(squat, press)}}};
  double sum = 0.0;
  for (const auto& [lift, value] : said) sum += value;
  if (!(sum > 0.0)) return std::nullopt;
  const auto best = std::max_element(said.begin(), said.end(),
                                     [](const auto& a, const auto& b) { return a.second < b.second; });
  return LiftGuess{best->first, best->second / sum};
}

}  // namespace mottix
