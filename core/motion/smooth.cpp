#include "core/motion/smooth.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numbers>

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

namespace {

// What is known of a movement: place, speed, acceleration, jerk.
constexpr int kOrder = 4;
using State = Eigen::Matrix<double, kOrder, 1>;
using Spread = Eigen::Matrix<double, kOrder, kOrder>;
struct Moving {
  State x = State::Zero();
  Spread p = Spread::Zero();
};

// From one sample to the next.
struct Step {
  Spread go = Spread::Identity();
  Spread liveliness = Spread::Zero();  // what white noise of density 1 in the fourth derivative brings in
};

Step stepOf(double dt) {
  Step step;
  constexpr std::array<double, kOrder> kFactorial = {1.0, 1.0, 2.0, 6.0};
  std::array<double, 2 * kOrder> power = {1.0};
  for (std::size_t k = 1; k < power.size(); ++k) power[k] = power[k - 1] * dt;
  for (int i = 0; i < kOrder; ++i)
    for (int j = 0; j < kOrder; ++j) {
      if (j > i) step.go(i, j) = power[j - i] / kFactorial[j - i];
      const int a = kOrder - 1 - i, b = kOrder - 1 - j;
      step.liveliness(i, j) = power[a + b + 1] / ((a + b + 1) * kFactorial[a] * kFactorial[b]);
    }
  return step;
}

struct Signal {
  std::span<const double> time_s, value, sd;
  double scale_sd = 1.0;               // a usual sd, and
  std::vector<Step> steps = {};        // as many as there are different ones
  std::vector<std::size_t> step = {};  // the one to each sample
  double scale_value = 1.0;  // how far the values reach: before the first sample nothing else is known
  bool hasAt(std::size_t i) const { return std::isfinite(value[i]) && std::isfinite(sd[i]); }
  double variance(std::size_t i) const { return std::max(sd[i] * sd[i], 1e-4 * scale_sd * scale_sd); }
};

// Most of the work of judging a set is done here. Nothing stands below the diagonal of `step.go`, and `p` is
// the same on both sides of its own: what is nothing, or known from the other side, is not worked out.
Moving ahead(const Moving& m, const Step& step, double liveliness) {
  const Spread &go = step.go, &p = m.p, &fresh = step.liveliness;
  const double d = go(0, 1), e = go(0, 2), f = go(0, 3);  // the same along each line beside the diagonal
  const double a00 = p(0, 0) + d * p(0, 1) + e * p(0, 2) + f * p(0, 3),
               a01 = p(0, 1) + d * p(1, 1) + e * p(1, 2) + f * p(1, 3),
               a02 = p(0, 2) + d * p(1, 2) + e * p(2, 2) + f * p(2, 3),
               a03 = p(0, 3) + d * p(1, 3) + e * p(2, 3) + f * p(3, 3);
  const double a11 = p(1, 1) + d * p(1, 2) + e * p(1, 3), a12 = p(1, 2) + d * p(2, 2) + e * p(2, 3),
               a13 = p(1, 3) + d * p(2, 3) + e * p(3, 3);
  const double a22 = p(2, 2) + d * p(2, 3), a23 = p(2, 3) + d * p(3, 3);
  Moving out;
  auto put = [&](int i, int j, double value) {
    out.p(i, j) = out.p(j, i) = value + liveliness * fresh(i, j);
  };
  put(0, 0, a00 + d * a01 + e * a02 + f * a03);
  put(0, 1, a01 + d * a02 + e * a03);
  put(0, 2, a02 + d * a03);
  put(0, 3, a03);
  put(1, 1, a11 + d * a12 + e * a13);
  put(1, 2, a12 + d * a13);
  put(1, 3, a13);
  put(2, 2, a22 + d * a23);
  put(2, 3, a23);
  put(3, 3, p(3, 3));
  out.x = {m.x[0] + d * m.x[1] + e * m.x[2] + f * m.x[3], m.x[1] + d * m.x[2] + e * m.x[3],
           m.x[2] + d * m.x[3], m.x[3]};
  return out;
}

struct Likelihood {
  double log = 0.0;    // with the noise's factor at its best
  double noise = 1.0;  // that factor
};

// Forward through the samples; `after`, if given, gets what is known after each of them.
Likelihood filter(const Signal& s, double liveliness, std::size_t from, std::size_t to,
                  std::vector<Moving>* after) {
  Moving m;
  // So wide that the samples alone decide, and still far from what double precision cannot bear.
  for (std::size_t i = to; i-- > from;)
    if (s.hasAt(i)) m.x[0] = s.value[i];
  const double wide = 10.0 * s.scale_value;
  m.p = State(wide, 10.0 * wide, 100.0 * wide, 1000.0 * wide).array().square().matrix().asDiagonal();
  double squares = 0.0, logs = 0.0;
  int used = 0;
  for (std::size_t i = from; i < to; ++i) {
    if (i > from) m = ahead(m, s.steps[s.step[i]], liveliness);
    if (s.hasAt(i)) {
      const double r = s.variance(i), total = m.p(0, 0) + r, off = s.value[i] - m.x[0];
      const State gain = m.p.col(0) / total;
      m.x += gain * off;
      m.p -= total * gain * gain.transpose();
      if (++used > kOrder) {  // the first ones only say where it starts
        squares += off * off / total;
        logs += std::log(total);
      }
    }
    if (after != nullptr) (*after)[i] = m;
  }
  const double n = std::max(1, used - kOrder), noise = std::max(1e-12, squares / n);
  return {-0.5 * (logs + n * std::log(noise)), std::sqrt(noise)};
}

// Where the cut-off is looked for: the stretch of so many samples in which most goes on.
std::pair<std::size_t, std::size_t> busiest(const Signal& s) {
  constexpr std::size_t kSamples = 450;
  const std::size_t n = s.value.size();
  if (n <= kSamples) return {0, n};
  std::vector<double> way(n, 0.0);
  double last = 0.0;
  bool any = false;
  for (std::size_t i = 0; i < n; ++i) {
    way[i] = i > 0 ? way[i - 1] : 0.0;
    if (!s.hasAt(i)) continue;
    if (any) way[i] += std::abs(s.value[i] - last);
    last = s.value[i];
    any = true;
  }
  std::size_t best = 0;
  for (std::size_t from = 0; from + kSamples <= n; ++from)
    if (way[from + kSamples - 1] - way[from] > way[best + kSamples - 1] - way[best]) best = from;
  return {best, best + kSamples};
}

}  // namespace

SplineFit smoothSpline(std::span<const double> time_s, std::span<const double> value,
                       std::span<const double> sd, const SplineOptions& options) {
  SplineFit fit;
  fit.at.resize(time_s.size());
  Signal s{time_s, value, sd};
  std::vector<double> sds, steps;
  double low = 0.0, high = 0.0, last_s = 0.0;
  for (std::size_t i = 0; i < time_s.size(); ++i) {
    if (!s.hasAt(i)) continue;
    if (sds.empty()) low = high = value[i];
    if (!sds.empty()) steps.push_back(time_s[i] - last_s);
    low = std::min(low, value[i]);
    high = std::max(high, value[i]);
    sds.push_back(sd[i]);
    last_s = time_s[i];
  }
  if (sds.size() < 6) return fit;
  auto median = [](std::vector<double>& v) {
    std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 2), v.end());
    return v[v.size() / 2];
  };
  const double step_s = std::max(1e-4, median(steps));
  s.scale_sd = std::max(1e-12, median(sds));
  s.scale_value = std::max(high - low, s.scale_sd);
  constexpr double kGrain_s = 1e-5;  // steps that differ by less are one
  std::map<long, std::size_t> kinds;
  s.step.resize(time_s.size());
  for (std::size_t i = 1; i < time_s.size(); ++i) {
    const long grains = std::max(10L, std::lround((time_s[i] - time_s[i - 1]) / kGrain_s));
    const auto [at, is_new] = kinds.try_emplace(grains, s.steps.size());
    if (is_new) s.steps.push_back(stepOf(kGrain_s * static_cast<double>(grains)));
    s.step[i] = at->second;
  }

  // Noise of variance r in samples `step_s` apart has the spectral density r·step; a movement's falls with
  // the eighth power of the frequency. They are equal at the cut-off.
  auto livelinessAt = [&](double hz) {
    return s.scale_sd * s.scale_sd * step_s * std::pow(2.0 * std::numbers::pi * hz, 2 * kOrder);
  };
  double from = std::log(options.least_hz), to = std::log(std::min(options.most_hz, 0.4 / step_s));
  if (to <= from) to = from + 0.1;
  constexpr double kGolden = 0.6180339887498949;
  const auto [busy_from, busy_to] = busiest(s);
  auto at = [&, first = busy_from, last = busy_to](double log_hz) {
    return filter(s, livelinessAt(std::exp(log_hz)), first, last, nullptr);
  };
  double a = to - kGolden * (to - from), b = from + kGolden * (to - from);
  double la = at(a).log, lb = at(b).log;
  while (to - from > 0.1) {  // a tenth of the cut-off changes nothing that can be seen
    if (la > lb) {
      to = b;
      b = a;
      lb = la;
      la = at(a = to - kGolden * (to - from)).log;
    } else {
      from = a;
      a = b;
      la = lb;
      lb = at(b = from + kGolden * (to - from)).log;
    }
  }
  fit.cutoff_hz = std::exp(0.5 * (from + to));
  const double liveliness = livelinessAt(fit.cutoff_hz);

  const std::size_t n = time_s.size();
  std::vector<Moving> after(n);
  fit.noise = filter(s, liveliness, 0, n, &after).noise;
  // Backward (Rauch, Tung and Striebel).
  std::vector<double> nearest(n, std::numeric_limits<double>::max());
  for (std::size_t i = 0; i < n; ++i)
    nearest[i] = s.hasAt(i) ? 0.0 : i > 0 ? nearest[i - 1] + time_s[i] - time_s[i - 1] : nearest[i];
  Moving later = after[n - 1];
  double next_s = std::numeric_limits<double>::max();
  for (std::size_t i = n; i-- > 0;) {
    if (i + 1 < n) {
      const Step& step = s.steps[s.step[i + 1]];
      const Moving before = ahead(after[i], step, liveliness);
      const Spread back = after[i].p * step.go.transpose() * before.p.inverse();
      later.x = after[i].x + back * (later.x - before.x);
      later.p = after[i].p + back * (later.p - before.p) * back.transpose();
      next_s += time_s[i + 1] - time_s[i];
    }
    if (s.hasAt(i)) next_s = 0.0;
    auto estimate = [&](int k) {
      return Estimate{later.x[k], fit.noise * std::sqrt(std::max(0.0, later.p(k, k)))};
    };
    const bool known = std::min(nearest[i], next_s) <= options.reach_s && later.x.allFinite();
    fit.at[i] = {estimate(0), estimate(1), estimate(2), known};
  }
  return fit;
}

SplineFit withHiddenJumps(SplineFit fit, std::span<const double> time_s) {
  if (fit.cutoff_hz <= 0.0) return fit;
  constexpr double kHidden = 0.6;
  const double reach_s = 1.0 / (2.0 * std::numbers::pi * fit.cutoff_hz);
  std::vector<double> change(fit.at.size(), 0.0);
  for (std::size_t i = 0; i < fit.at.size(); ++i)
    for (std::size_t j = i + 1; j < fit.at.size() && time_s[j] - time_s[i] <= reach_s; ++j) {
      if (!fit.at[i].known || !fit.at[j].known) continue;
      const double by = std::abs(fit.at[j].bend.value - fit.at[i].bend.value);
      change[i] = std::max(change[i], by);
      change[j] = std::max(change[j], by);
    }
  for (std::size_t i = 0; i < fit.at.size(); ++i)
    fit.at[i].bend.sd = std::hypot(fit.at[i].bend.sd, kHidden * change[i]);
  return fit;
}

}  // namespace mottix
