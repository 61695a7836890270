#include "core/motion/rep_finder.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <numbers>

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
  if (!(pause_s > 0.0)) return bad("pause_s must be above 0.");
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

// Near a rest the way left falls with a power of the time left: with its square where the bar is braked
// evenly, with its cube where it comes to rest as softly as a minimum-jerk movement (key flash1985).
// 0.29 is the spread of a power that may be any between, 0.5 of one that is either: between the two.
constexpr double kLeastPower = 2.0, kMostPower = 3.0, kPower = 2.5, kPowerSd = 0.4;
// What smoothing blurs, in parts of its time constant: a corner at which the acceleration jumps, less the
// softer it is, and a turn. So long after a corner it is read, on bars slower than such a part of their
// fastest. Own allowances, from the made-up sets 301-900 of the tests and simulated lifts 201-300.
constexpr double kCornerBlurs = 0.65, kTurnBlurs = 0.8, kReadAfter = 2.5, kReadBelow = 0.5;
constexpr double kRead_ms = 0.12, kReadOfFastest = 0.4;  // the power is read at this speed
constexpr double kLeastStill_ms = 0.01;                  // a resting bar trembles by as much
constexpr double kNearRest = 0.2;                        // of the way: so near its rest the bar has come back
constexpr double kStaysDown_s = 1.5;                     // at the end of the film: a bar left on the safeties
constexpr double kSinks_m = 0.03;  // a bar that goes back by more on its way up was not held
constexpr double kShort = 0.75;    // of the set's usual way

// The bar's way with rests at the top: turned over for a deadlift. Only pictures on which it is known.
struct Way {
  std::vector<std::size_t> frame;
  std::vector<double> t, h, h_sd, v, v_sd, a, a_sd;
  double smooth_s = 0.0;  // time constant of the smoothing
  std::size_t size() const { return t.size(); }
};

Way wayOf(const BarHeight& bar, Lift lift) {
  const double sign = lift == Lift::kDeadlift ? -1.0 : 1.0;
  std::vector<double> upright(bar.height_m.size());
  std::transform(bar.height_m.begin(), bar.height_m.end(), upright.begin(),
                 [&](double h) { return sign * h; });
  const SplineFit fit = smoothSpline(bar.time_s, upright, bar.sd_m);
  Way way;
  if (fit.cutoff_hz > 0.0) way.smooth_s = 1.0 / (2.0 * std::numbers::pi * fit.cutoff_hz);
  for (std::size_t i = 0; i < fit.at.size(); ++i)
    if (fit.at[i].known) {
      way.frame.push_back(i);
      way.t.push_back(bar.time_s[i]);
      way.h.push_back(fit.at[i].value.value);
      way.h_sd.push_back(fit.at[i].value.sd);
      way.v.push_back(fit.at[i].slope.value);
      way.v_sd.push_back(fit.at[i].slope.sd);
      way.a.push_back(fit.at[i].bend.value);
      way.a_sd.push_back(fit.at[i].bend.sd);
    }
  return way;
}

struct Extremum {
  std::size_t at;
  bool low;
};

// Alternating lows and highs whose swing is at least `swing` (a zigzag filter), from the first to the last.
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
      found.push_back({low, true});
      going = 1;
      high = i;
    }
    if (going > 0 && h[i] > h[high]) high = i;
    if (going < 0 && h[i] < h[low]) low = i;
  }
  if (going != 0) found.push_back({going > 0 ? high : low, going < 0});
  return found;
}

double medianOf(std::vector<double> v) {
  const auto middle = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  return *middle;
}

// When the bar leaves or reaches its rest. `at` is the first picture of rest by its speed; the bar moves on
// the other side of it than `away` (±1) points to, up to `most_ms` fast.
Estimate cornerAt(const Way& w, std::size_t at, int away, double still_ms, double most_ms) {
  auto next = [](std::size_t i, int by) {
    return static_cast<std::size_t>(static_cast<std::ptrdiff_t>(i) + by);
  };
  // The level of rest: of the next third of a second, as far as it is one.
  constexpr double kRest_s = 0.33;
  std::vector<double> level;
  for (std::size_t i = at; i < w.size() && std::abs(w.t[i] - w.t[at]) < kRest_s; i = next(i, away)) {
    if (i != at && std::abs(w.v[i]) > still_ms) break;
    level.push_back(w.h[i]);
    if (i == 0) break;
  }
  const double rest = medianOf(level);
  // Below its fastest in any case, so that it is read on this side of the turn however slowly the bar goes.
  const double read_ms = std::min(kRead_ms, kReadOfFastest * most_ms);
  std::size_t m = at;
  auto reads = [&] {
    return std::abs(w.v[m]) >= read_ms && (std::abs(w.t[m] - w.t[at]) >= kReadAfter * w.smooth_s ||
                                           std::abs(w.v[m]) >= kReadBelow * most_ms);
  };
  while (next(m, -away) < w.size() && !reads()) m = next(m, -away);
  const double v = std::max(std::abs(w.v[m]), 0.25 * still_ms), d = std::abs(w.h[m] - rest);
  // The power as the acceleration there tells it, and as it is before one looks: each as surely as it is
  // known.
  const double d_sd = std::sqrt(2.0) * w.h_sd[m], bent = std::abs(w.a[m]) / (v * v);
  const double told = 1.0 / std::max(0.1, 1.0 - bent * d);
  const double told_sd =
      told * told * std::hypot(w.a_sd[m] * d / (v * v), bent * d_sd, 2.0 * bent * d * w.v_sd[m] / v);
  const double share = kPowerSd * kPowerSd / (kPowerSd * kPowerSd + told_sd * told_sd);
  const double power = std::clamp(kPower + share * (told - kPower), kLeastPower, kMostPower);
  const double left_s = power * d / v;
  // Not known: the two levels, the speed, the power, and what smoothing has blurred.
  const double power_s = std::sqrt(share) * told_sd * d / v;
  const double blur_s =
      kCornerBlurs * std::pow((kMostPower - power) / (kMostPower - kLeastPower), 2) * w.smooth_s;
  return {w.t[m] + away * left_s,
          std::hypot(std::hypot(power * d_sd / v, left_s * w.v_sd[m] / v), power_s, blur_s)};
}

// Whether the bar has come to rest for good: left on the safeties, when it is down.
bool restsAtEnd(const Way& w, double still_ms) {
  for (std::size_t j = w.size(); j-- > 0 && w.t.back() - w.t[j] < kStaysDown_s;)
    if (std::abs(w.v[j]) > still_ms) return false;
  return w.t.back() - w.t.front() > kStaysDown_s;
}

// Whether the film shows the turn at `low`: that the bar comes to it and leaves it again, or rests there.
// Where it does not, there is no rep to speak of.
bool showsTurn(const Way& w, std::size_t low, double still_ms) {
  constexpr double kShown_m = 0.02, kRests_s = 0.2;
  std::size_t from = low, to = low;
  while (from > 0 && std::abs(w.v[from - 1]) < still_ms) --from;
  while (to + 1 < w.size() && std::abs(w.v[to + 1]) < still_ms) ++to;
  if (w.t[to] - w.t[from] >= kRests_s) return true;
  const auto at = w.h.begin() + static_cast<long>(low);
  return *std::max_element(w.h.begin(), at + 1) - *at >= kShown_m &&
         *std::max_element(at, w.h.end()) - *at >= kShown_m;
}

// One rep between two rests, from the pictures (of the way) of the highs about it and of its lowest points.
class RepReader {
 public:
  RepReader(const Way& w, const std::vector<double>& time_s, const RepFinderOptions& options)
      : w_(w), time_s_(time_s), options_(options) {}

  Rep read(std::size_t before, std::size_t first_low, std::size_t last_low, std::size_t after) const {
    Rep rep;
    // A very slow rep is told from rest by a quarter of its own speed.
    constexpr double kOfFastest = 0.25;
    const double slower = std::min(fastest(before, first_low, -1.0), fastest(last_low, after, 1.0));
    const double still = std::min(options_.still_speed_ms, std::max(kLeastStill_ms, kOfFastest * slower));
    const double low = w_.h[first_low];
    auto resting = [&](std::size_t j, double top) { return w_.h[j] >= top - 0.15 * (top - low); };
    std::size_t a = first_low, b = last_low;
    while (a > before && !(w_.v[a] > -still && resting(a, w_.h[before]))) --a;
    while (b < after && !(w_.v[b] < still && resting(b, w_.h[after]))) ++b;
    rep.start_s = cornerAt(w_, a, -1, still, fastest(a, first_low, -1.0));
    rep.end_s = cornerAt(w_, b, 1, still, fastest(last_low, b, 1.0));
    readTurn(rep, a, first_low, first_low == last_low ? b : last_low, still);
    rep.failed = first_low != last_low || risesBefore(a, first_low) || sinksBack(last_low, b);
    // What noise has crossed is put in order.
    rep.leave_s.value = std::max(rep.leave_s.value, rep.turn_s.value);
    rep.start_s.value = std::min(rep.start_s.value, rep.turn_s.value);
    rep.end_s.value = std::max(rep.end_s.value, rep.leave_s.value);
    rep.start_frame = nearestFrame(time_s_, rep.start_s.value);
    rep.turn_frame = nearestFrame(time_s_, rep.turn_s.value);
    rep.leave_frame = nearestFrame(time_s_, rep.leave_s.value);
    rep.end_frame = nearestFrame(time_s_, rep.end_s.value);
    return rep;
  }

 private:
  const Way& w_;
  const std::vector<double>& time_s_;
  const RepFinderOptions& options_;

  std::size_t fastestAt(std::size_t first, std::size_t last, double sign) const {
    std::size_t best = first;
    for (std::size_t j = first; j <= last; ++j)
      if (sign * w_.v[j] > sign * w_.v[best]) best = j;
    return best;
  }
  double fastest(std::size_t first, std::size_t last, double sign) const {
    return std::abs(w_.v[fastestAt(first, last, sign)]);
  }

  void readTurn(Rep& rep, std::size_t from, std::size_t low, std::size_t to, double still) const {
    const double top = std::max(w_.h[from], w_.h[to]);
    auto near = [&](std::size_t j) { return w_.h[j] < w_.h[low] + 0.15 * (top - w_.h[low]); };
    // From where it is fastest, so that what trembles during a pause ends none.
    std::size_t touch = fastestAt(from, low, -1.0), leave = fastestAt(low, to, 1.0);
    while (touch < low && !(near(touch) && w_.v[touch] > -still)) ++touch;
    while (leave > low && !(near(leave) && w_.v[leave] < still)) --leave;
    rep.turn_s = cornerAt(w_, touch, 1, still, fastest(from, low, -1.0));
    rep.leave_s = cornerAt(w_, leave, -1, still, fastest(low, to, 1.0));
    if (rep.leave_s.value - rep.turn_s.value < options_.pause_s) {
      rep.turn_s = turnBetween(rep.turn_s, rep.leave_s, touch, low, leave);
      rep.leave_s = rep.turn_s;
    }
  }

  // Where the bar sinks back deeper than it was, the way up that failed lies before the lowest point.
  bool risesBefore(std::size_t from, std::size_t to) const {
    double lowest = w_.h[from];
    for (std::size_t j = from; j <= to; ++j) {
      lowest = std::min(lowest, w_.h[j]);
      if (w_.h[j] - lowest > kSinks_m) return true;
    }
    return false;
  }

  // A turn without a pause: half way between its two sides, and where the speed passes zero, each as surely
  // as it is known. On a soft turn, which hardly accelerates, the crossing is hardly to be told. Both suffer
  // from the same noise, so that their errors add up.
  Estimate turnBetween(const Estimate& touches, const Estimate& leaves, std::size_t touch, std::size_t low,
                       std::size_t leave) const {
    const Estimate middle{std::clamp(0.5 * (touches.value + leaves.value), w_.t[touch], w_.t[leave]),
                          0.5 * std::hypot(touches.sd, leaves.sd)};
    for (std::size_t j = low > 0 ? low - 1 : low; j <= low && j + 1 < w_.size(); ++j) {
      const double v0 = w_.v[j], v1 = w_.v[j + 1], dt = w_.t[j + 1] - w_.t[j];
      if (!(v0 < 0.0 && v1 >= 0.0)) continue;
      const double acceleration = (v1 - v0) / dt;
      const Estimate crossing{w_.t[j] + dt * (-v0) / (v1 - v0),
                              std::hypot(w_.v_sd[j] / acceleration, kTurnBlurs * w_.smooth_s)};
      const double share = middle.sd * middle.sd / (middle.sd * middle.sd + crossing.sd * crossing.sd);
      // Where they disagree, as on a turn that is sharper on one side, half of that is not known either.
      return {
          middle.value + share * (crossing.value - middle.value),
          std::hypot((1.0 - share) * middle.sd + share * crossing.sd, 0.5 * (crossing.value - middle.value))};
    }
    return middle;
  }

  bool sinksBack(std::size_t from, std::size_t to) const {
    double highest = w_.h[from];
    for (std::size_t j = from; j <= to; ++j) {
      highest = std::max(highest, w_.h[j]);
      if (highest - w_.h[j] > kSinks_m) return true;
    }
    return false;
  }
};

}  // namespace

Expected<std::vector<Rep>> findReps(const BarHeight& bar, Lift lift, const RepFinderOptions& options) {
  if (auto ok = options.validate(); !ok) return tl::make_unexpected(ok.error());
  const Way w = wayOf(bar, lift);
  std::vector<Rep> reps;
  if (w.size() < 8) return reps;
  std::vector<double> sorted = w.h;
  std::sort(sorted.begin(), sorted.end());
  const double range = sorted[sorted.size() * 99 / 100] - sorted[sorted.size() / 100];
  const double swing = std::max(options.min_swing_m, options.min_swing_of_largest * range);
  const auto swings = findSwings(w.h, swing);
  std::vector<double> highs;
  for (const Extremum& e : swings)
    if (!e.low) highs.push_back(w.h[e.at]);
  if (highs.empty()) return reps;
  const double rest = medianOf(highs);
  const RepReader reader(w, bar.time_s, options);
  for (std::size_t k = 0; k < swings.size(); ++k) {
    if (!swings[k].low) continue;
    // Highs that do not come near the rest are the bar sinking back; the rep goes on behind them.
    std::size_t last = k;
    while (last + 2 < swings.size() && w.h[swings[last + 1].at] < rest - kNearRest * range) last += 2;
    auto near = [&](std::size_t swing_at) { return w.h[swings[swing_at].at] > rest - kNearRest * range; };
    const bool first = k <= 1, final = last + 2 >= swings.size();
    const bool from_rest = k > 0 && (!first || near(k - 1)),
               to_rest = last + 1 < swings.size() && (!final || near(last + 1));
    if (!showsTurn(w, swings[k].at, options.still_speed_ms)) {
      k = last;
      continue;
    }
    Rep rep = reader.read(k > 0 ? swings[k - 1].at : 0, swings[k].at, swings[last].at,
                          last + 1 < swings.size() ? swings[last + 1].at : w.size() - 1);
    rep.cut_start = !from_rest;
    if (!to_rest) {
      rep.failed |= lift != Lift::kDeadlift && restsAtEnd(w, options.still_speed_ms);
      rep.cut_end = !rep.failed;
    }
    rep.number = static_cast<int>(reps.size()) + 1;
    reps.push_back(rep);
    k = last;
  }
  std::vector<double> ways;
  auto wayFrom = [&](const Rep& r) {
    return std::abs(bar.height_m[r.turn_frame] - bar.height_m[r.cut_start ? r.end_frame : r.start_frame]);
  };
  for (const Rep& r : reps)
    if (r.whole()) ways.push_back(wayFrom(r));
  if (ways.size() > 2)
    for (Rep& r : reps) r.is_short = r.whole() && wayFrom(r) < kShort * medianOf(ways);
  return reps;
}

std::vector<Rep> wholeReps(const std::vector<Rep>& reps) {
  std::vector<Rep> whole;
  std::copy_if(reps.begin(), reps.end(), std::back_inserter(whole), [](const Rep& r) { return r.whole(); });
  return whole;
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
