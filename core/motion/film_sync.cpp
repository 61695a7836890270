#include "core/motion/film_sync.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/motion/smooth.h"

namespace mottix {
namespace {

constexpr double kStep_s = 0.01;
// Own allowance: of what both bars do up and down, less than this together is chance.
constexpr double kAlikeAtAll = 0.3;

// Height and speed at even times; nothing where the bar is not known.
struct Even {
  double from_s = 0.0;
  std::vector<double> height_m, speed_ms;
  std::vector<char> known;

  std::size_t size() const { return known.size(); }
  double energy() const {
    double sum = 0.0;
    for (std::size_t i = 0; i < size(); ++i) sum += known[i] ? speed_ms[i] * speed_ms[i] : 0.0;
    return sum;
  }
};

std::optional<Even> evenly(const BarHeight& bar) {
  const SplineFit fit = smoothSpline(bar.time_s, bar.height_m, bar.sd_m);
  Even out;
  double low = 1e9, high = -1e9;
  std::size_t k = 0;
  if (bar.time_s.size() < 2) return std::nullopt;
  out.from_s = bar.time_s.front();
  constexpr double kGap_s = 0.25;
  const auto steps = static_cast<std::size_t>((bar.time_s.back() - out.from_s) / kStep_s + 1e-9);
  for (std::size_t step = 0; step <= steps; ++step) {
    const double t = out.from_s + kStep_s * static_cast<double>(step);
    while (k + 2 < bar.time_s.size() && bar.time_s[k + 1] <= t) ++k;
    const SplineSample &a = fit.at[k], &b = fit.at[k + 1];
    const double dt = bar.time_s[k + 1] - bar.time_s[k];
    const bool known = a.known && b.known && dt > 0.0 && dt < kGap_s;
    double height = 0.0, speed = 0.0;
    if (known) {  // a cubic through both heights and speeds
      const double u = (t - bar.time_s[k]) / dt, v = 1.0 - u;
      const double m0 = a.slope.value * dt, m1 = b.slope.value * dt, d = b.value.value - a.value.value;
      height = a.value.value + u * u * (3.0 - 2.0 * u) * d + u * v * (v * m0 - u * m1);
      speed = (6.0 * u * v * d + v * (1.0 - 3.0 * u) * m0 + u * (3.0 * u - 2.0) * m1) / dt;
      low = std::min(low, height);
      high = std::max(high, height);
    }
    out.height_m.push_back(height);
    out.speed_ms.push_back(speed);
    out.known.push_back(known);
  }
  if (high - low < RepFinderOptions().min_swing_m) return std::nullopt;
  return out;
}

// What both show of going up and down, when the second is `shift` steps later.
double together(const Even& a, const Even& b, long shift) {
  double sum = 0.0;
  const long from = std::max(0L, -shift),
             to = std::min(static_cast<long>(a.size()), static_cast<long>(b.size()) - shift);
  for (long i = from; i < to; ++i) {
    const auto ia = static_cast<std::size_t>(i), ib = static_cast<std::size_t>(i + shift);
    if (a.known[ia] && b.known[ib]) sum += a.speed_ms[ia] * b.speed_ms[ib];
  }
  return sum;
}

// Left over when the second's heights, shifted by `later` steps and scaled, are laid on the first's.
struct Left {
  double mean_square = 1e9;
  double slope_square = 0.0;  // mean square of how the difference changes with a step
  std::size_t count = 0;
};
Left leftOver(const Even& a, const Even& b, double later) {
  double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0, syy = 0, speed = 0;
  for (std::size_t i = 0; i < a.size(); ++i) {
    const double at = static_cast<double>(i) + later;
    if (at < 0.0 || at + 1.0 >= static_cast<double>(b.size()) || !a.known[i]) continue;
    const auto k = static_cast<std::size_t>(at);
    if (!b.known[k] || !b.known[k + 1]) continue;
    const double u = at - static_cast<double>(k);
    const double x = (1.0 - u) * b.height_m[k] + u * b.height_m[k + 1], y = a.height_m[i];
    n += 1.0;
    sx += x;
    sy += y;
    sxx += x * x;
    sxy += x * y;
    syy += y * y;
    speed += a.speed_ms[i] * a.speed_ms[i];
  }
  if (n < 10.0) return {};
  const double vx = sxx / n - sx / n * sx / n, vy = syy / n - sy / n * sy / n, c = sxy / n - sx / n * sy / n;
  if (vx <= 0.0) return {};
  return {std::max(0.0, vy - c * c / vx), speed / n * kStep_s * kStep_s, static_cast<std::size_t>(n)};
}

}  // namespace

Expected<FilmSync> syncFilms(const BarHeight& first, const BarHeight& second) {
  const auto a = evenly(first), b = evenly(second);
  if (!a || !b)
    return fail(Remedy::kCorrectInput,
                "The bar hardly moves in one of the two films, so that they cannot be laid on each other. "
                "Choose films of the same set, or say by hand which moments belong together.");
  const double whole = std::sqrt(a->energy() * b->energy());
  std::vector<double> alike;
  const long most_back = -static_cast<long>(a->size()) + 1, most_on = static_cast<long>(b->size()) - 1;
  for (long shift = most_back; shift <= most_on; ++shift) alike.push_back(together(*a, *b, shift) / whole);
  const auto best = std::max_element(alike.begin(), alike.end());
  const long at = best - alike.begin();
  FilmSync out;
  out.likeness = *best;
  if (out.likeness < kAlikeAtAll)
    return fail(Remedy::kCorrectInput,
                "The bar moves differently in the two films: they do not seem to show one set. Choose films "
                "of the same set, or say by hand which moments belong together.");
  constexpr long kSamePlace = 40;  // steps; a rep takes longer
  for (long i = 0; i < static_cast<long>(alike.size()); ++i)
    if (std::abs(i - at) > kSamePlace) out.rival = std::max(out.rival, alike[static_cast<std::size_t>(i)]);

  // Where the heights fit best, near there.
  double low = static_cast<double>(at + most_back) - 10.0, high = low + 20.0;
  constexpr double kGolden = 0.61803398874989;
  double x1 = high - kGolden * (high - low), x2 = low + kGolden * (high - low);
  double f1 = leftOver(*a, *b, x1).mean_square, f2 = leftOver(*a, *b, x2).mean_square;
  while (high - low > 0.01) {
    if (f1 < f2) {
      high = x2;
      x2 = x1;
      f2 = f1;
      x1 = high - kGolden * (high - low);
      f1 = leftOver(*a, *b, x1).mean_square;
    } else {
      low = x1;
      x1 = x2;
      f1 = f2;
      x2 = low + kGolden * (high - low);
      f2 = leftOver(*a, *b, x2).mean_square;
    }
  }
  const double later = 0.5 * (low + high);
  const Left left = leftOver(*a, *b, later);
  // What is left over changes slowly: about two values a second are independent (own allowance). The clock of
  // either film is read to a hundredth of a second at best.
  const double independent = std::max(1.0, 2.0 * kStep_s * static_cast<double>(left.count));
  constexpr double kClock_s = 0.003;
  const double sd_steps = std::sqrt(left.mean_square / std::max(1e-12, left.slope_square) / independent);
  out.later_s = {later * kStep_s + b->from_s - a->from_s, std::hypot(sd_steps * kStep_s, kClock_s)};
  return out;
}

}  // namespace mottix
