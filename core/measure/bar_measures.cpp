// What the bar alone says: times, speeds, path, force.
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/measure/posture_reading.h"

namespace mottix {
namespace {

Reading timed(const Estimate& from, const Estimate& to, std::size_t frame) {
  Reading r{MeasureStatus::kOk, frame};
  r.value = Estimate{to.value - from.value, std::hypot(from.sd, to.sd)};
  return r;
}

Estimate scaled(const Estimate& e, double factor, double scale_rel) {
  return {factor * e.value, std::hypot(factor * e.sd, factor * e.value * scale_rel)};
}

Reading readMeanSpeed(const RepScene& s) {
  const std::size_t from = s.upFrom(), to = s.upTo();
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  if (!s.height[from].known || !s.height[to].known) return unread(MeasureStatus::kBarLost, s.rep.turn_frame);
  const Estimate &start = s.upFirst() ? s.rep.start_s : s.rep.leave_s,
                 &end = s.upFirst() ? s.rep.turn_s : s.rep.end_s;
  const double seconds = std::max(0.05, end.value - start.value),
               gain_m = s.height[to].value.value - s.height[from].value.value, speed = gain_m / seconds;
  Reading r{MeasureStatus::kOk, s.rep.turn_frame};
  r.value =
      Estimate{speed, std::abs(speed) * std::hypot(s.scale_rel, std::hypot(start.sd, end.sd) / seconds)};
  return r;
}

std::size_t fastestUp(const RepScene& s) {
  std::size_t best = s.upFrom();
  for (std::size_t f = s.upFrom(); f <= s.upTo(); ++f)
    if (s.height[f].known && s.height[f].slope.value > s.height[best].slope.value) best = f;
  return best;
}

Reading readPeakSpeed(const RepScene& s) {
  const std::size_t at = fastestUp(s);
  if (!s.height[at].known) return unread(MeasureStatus::kBarLost, at);
  Reading r{MeasureStatus::kOk, at};
  r.value = scaled(s.height[at].slope, 1.0, s.scale_rel);
  return r;
}

// How surely the moment is known at which the bar is fastest or slowest: the speed is flat there, and the
// moment known as well as its bend tells.
double whenSd_s(const RepScene& s, std::size_t at) {
  const std::size_t a = at > 1 ? at - 2 : 0, b = std::min(at + 2, s.time_s.size() - 1);
  const double change =
      std::abs(s.height[b].bend.value - s.height[a].bend.value) / std::max(1e-3, s.time_s[b] - s.time_s[a]);
  return s.height[at].bend.sd / std::max(0.2, change);
}

// Own allowances for what smoothing takes off a short sticking region: it fills the dip and shifts its
// flanks.
constexpr double kDipSd_ms = 0.013, kDipSd_percent = 0.15, kDipSd_s = 0.08;

Reading readSticking(const RepScene& s, double own_sd, Estimate (*value)(const RepScene&, const Sticking&)) {
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  const auto sticking = stickingOf(s);
  if (!sticking) return unread(MeasureStatus::kNone, s.rep.turn_frame);
  Reading r{MeasureStatus::kOk, sticking->slowest};
  r.value = value(s, *sticking);
  r.value->sd = std::hypot(r.value->sd, own_sd);
  return r;
}

double travel_m(const RepScene& s) {
  return s.height[s.upTo()].value.value - s.height[s.upFrom()].value.value;
}

Reading readSpeedLoss(const RepScene& s) {
  double fastest = 0.0, sd = 0.0;
  for (const Rep& rep : s.reps) {
    if (rep.number > s.rep.number) break;
    const RepScene other{s.places, s.time_s,  s.height,    s.lift,       s.view,     s.reps,
                         rep,      s.load_kg, s.scale_rel, s.wander_deg, s.tilt_deg, s.tilt_sd_deg};
    const Reading speed = readMeanSpeed(other);
    if (speed.status == MeasureStatus::kOk && speed.value->value > fastest) {
      fastest = speed.value->value;
      // Of one film: the scale is the same for all reps.
      sd = std::sqrt(std::max(0.0, std::pow(speed.value->sd / fastest, 2) - s.scale_rel * s.scale_rel));
    }
  }
  const Reading own = readMeanSpeed(s);
  if (own.status != MeasureStatus::kOk) return own;
  const double ratio = own.value->value / fastest;
  const double own_sd =
      std::sqrt(std::max(0.0, std::pow(own.value->sd / own.value->value, 2) - s.scale_rel * s.scale_rel));
  Reading r{MeasureStatus::kOk, s.rep.turn_frame};
  r.value = Estimate{100.0 * (1.0 - ratio), ratio >= 1.0 ? 0.0 : 100.0 * ratio * std::hypot(own_sd, sd)};
  return r;
}

Reading sideways(const RepScene& s, std::size_t from, std::size_t to, double sign) {
  const std::size_t at = s.greatest(from, to, {}, [&](std::size_t f) { return sign * s.places.bar(f).x(); });
  Reading r{MeasureStatus::kOk, at, {}, {from, at}};
  std::vector<std::size_t> frames = posture::evenly(from, to);
  frames.push_back(at);
  r.formula = [=](const Places& p) {
    double most = 0.0;
    for (std::size_t f : frames) most = std::max(most, sign * (p.bar(f).x() - p.bar(from).x()));
    return kCmPerM * most;
  };
  return r;
}

Reading driftAt(const RepScene& s, double share) {
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  const std::size_t from = s.upFrom(), at = s.upAt(share);
  Reading r{MeasureStatus::kOk, at, {}, {from, at}};
  r.formula = [=](const Places& p) { return kCmPerM * (p.bar(at).x() - p.bar(from).x()); };
  return r;
}

// Pictures at even steps of the way, on which a path is compared with another.
constexpr int kSteps = 10;

Reading readPathLength(const RepScene& s) {
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  Reading r{MeasureStatus::kOk, s.upTo()};
  for (int k = 0; k <= kSteps; ++k) r.frames.push_back(k == 0 ? s.upFrom() : s.upAt(k / double(kSteps)));
  r.formula = [frames = r.frames](const Places& p) {
    double sum = 0.0;
    for (std::size_t k = 1; k < frames.size(); ++k) sum += (p.bar(frames[k]) - p.bar(frames[k - 1])).norm();
    return kCmPerM * sum;
  };
  return r;
}

// Where the path passes a height: between the picture that has reached it and the one before.
struct Crossing {
  std::size_t before, after;
  double part;  // of the way from one to the other
  double forward_m(const Places& p) const {
    return (1.0 - part) * p.bar(before).x() + part * p.bar(after).x();
  }
};
Crossing crossingAt(const RepScene& s, std::size_t from, std::size_t after, double height_m) {
  const std::size_t before = after > from ? after - 1 : after;
  const double low = s.height[before].value.value, step = s.height[after].value.value - low;
  return {before, after, std::abs(step) > 1e-6 ? std::clamp((height_m - low) / step, 0.0, 1.0) : 1.0};
}

Reading readPathLoop(const RepScene& s) {
  if (!s.rep.whole() || s.rep.failed) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  Reading r{MeasureStatus::kOk, s.upAt(0.5)};
  std::vector<Crossing> up, down;
  const double bottom_m = s.height[s.upFrom()].value.value, way_m = travel_m(s);
  for (int k = 1; k < kSteps; ++k) {
    const double share = k / double(kSteps), height_m = bottom_m + share * way_m;
    up.push_back(crossingAt(s, s.upFrom(), s.upAt(share), height_m));
    down.push_back(crossingAt(s, s.downFrom(), s.downAt(1.0 - share), height_m));
    for (const Crossing& c : {up.back(), down.back()})
      for (const std::size_t f : {c.before, c.after}) r.frames.push_back(f);
  }
  r.formula = [up, down](const Places& p) {
    double sum = 0.0;
    for (std::size_t k = 0; k < up.size(); ++k) sum += up[k].forward_m(p) - down[k].forward_m(p);
    return kCmPerM * sum / static_cast<double>(up.size());
  };
  // What smoothing leaves of the noise is alike in neighbouring pictures and does not average out as it would
  // were each by itself: about six of the eighteen are.
  r.own_sd = kCmPerM * s.height[s.upAt(0.5)].value.sd / std::sqrt(6.0);
  return r;
}

Reading loaded(const RepScene& s, Reading (*read)(const RepScene&)) {
  if (!s.load_kg) return unread(MeasureStatus::kNoLoad, s.rep.turn_frame);
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  return read(s);
}

Reading readTilt(const RepScene& s) {
  std::size_t at = s.rep.turn_frame, seen = 0;
  double most = -1.0;
  for (std::size_t f = s.rep.start_frame; f <= s.rep.end_frame && f < s.tilt_deg.size(); ++f) {
    if (!s.tilt_deg[f]) continue;
    ++seen;
    if (std::abs(*s.tilt_deg[f]) > most) {
      most = std::abs(*s.tilt_deg[f]);
      at = f;
    }
  }
  if (2 * seen < s.rep.end_frame - s.rep.start_frame + 1) return unread(MeasureStatus::kBarLost, at);
  Reading r{MeasureStatus::kOk, at};
  r.value = Estimate{most, sizeSd({most, s.tilt_sd_deg})};
  return r;
}

using enum MeasureId;
constexpr auto kAny = MeasureView::kAny;
constexpr auto kSide = MeasureView::kSide;
const std::array kTable = {
    MeasureKind{{kDescentTime, "descent_time", "time down", "s", kAllLifts, kAny, "way down",
                 "From the moment the bar leaves its rest at the top to the turn; on a deadlift from leaving "
                 "lock-out to "
                 "the floor.",
                 10.0, ErrorModel::kTimes, "practice"},
                [](const RepScene& s) {
                  if (!s.downSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return s.upFirst() ? timed(s.rep.leave_s, s.rep.end_s, s.rep.turn_frame)
                                     : timed(s.rep.start_s, s.rep.turn_s, s.rep.turn_frame);
                }},
    MeasureKind{{kAscentTime, "ascent_time", "time up", "s", kAllLifts, kAny, "way up",
                 "From leaving the turn to rest at the top; on a deadlift from lift-off to lock-out.", 10.0,
                 ErrorModel::kTimes, "practice"},
                [](const RepScene& s) {
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return s.upFirst() ? timed(s.rep.start_s, s.rep.turn_s, s.rep.turn_frame)
                                     : timed(s.rep.leave_s, s.rep.end_s, s.rep.turn_frame);
                }},
    MeasureKind{
        {kPauseTime, "pause_time", "pause at the turn", "s", kAllLifts, kAny, "turn",
         "How long the bar rests at the turn: at the bottom, on the chest, at lock-out. None without a "
         "rest of 0.2 s.",
         10.0, ErrorModel::kTimes, "practice"},
        [](const RepScene& s) {
          if (s.rep.leave_s.value <= s.rep.turn_s.value)
            return unread(MeasureStatus::kNone, s.rep.turn_frame);
          if (s.upFirst() ? s.rep.cut_end : s.rep.cut_start)
            return unread(MeasureStatus::kCut, s.rep.turn_frame);
          return timed(s.rep.turn_s, s.rep.leave_s, s.rep.turn_frame);
        }},
    MeasureKind{
        {kRestBefore, "rest_before", "rest before the rep", "s", kAllLifts, kAny, "between reps",
         "From the end of the rep before to the start of this one.", 10.0, ErrorModel::kTimes, "practice"},
        [](const RepScene& s) {
          if (s.before() == nullptr) return unread(MeasureStatus::kNone, s.rep.start_frame);
          return timed(s.before()->end_s, s.rep.start_s, s.rep.start_frame);
        }},
    MeasureKind{{kMeanSpeed, "mean_speed", "mean speed up", "m/s", kAllLifts, kAny, "way up",
                 "Height gained by the bar on the way up, divided by its time.", 0.5, ErrorModel::kSpeeds,
                 "practice"},
                readMeanSpeed},
    MeasureKind{{kPeakSpeed, "peak_speed", "peak speed up", "m/s", kAllLifts, kAny, "way up",
                 "Greatest upward speed of the bar.", 0.5, ErrorModel::kSpeeds, "practice"},
                readPeakSpeed},
    MeasureKind{{kStickingSpeed, "sticking_speed", "slowest speed where it sticks", "m/s", kAllLifts, kAny,
                 "sticking region",
                 "Least upward speed between the first peak of the speed and the next, where it falls by "
                 "more than a tenth of "
                 "the peak.",
                 0.5, ErrorModel::kSpeeds, "elliott1989"},
                [](const RepScene& s) {
                  return readSticking(s, kDipSd_ms, [](const RepScene& r, const Sticking& k) {
                    return scaled(r.height[k.slowest].slope, 1.0, r.scale_rel);
                  });
                }},
    MeasureKind{{kStickingHeight, "sticking_height", "height where it sticks", "%", kAllLifts, kAny,
                 "sticking region", "Share of the way up made by the bar at its slowest moment.", 50.0,
                 ErrorModel::kSpeeds, "elliott1989"},
                [](const RepScene& s) {
                  return readSticking(s, kDipSd_percent, [](const RepScene& r, const Sticking& k) {
                    const double way = std::max(0.05, travel_m(r));
                    const double made = r.height[k.slowest].value.value - r.height[r.upFrom()].value.value;
                    const double sd_m =
                        std::hypot(r.height[k.slowest].value.sd,
                                   std::abs(r.height[k.slowest].slope.value) * whenSd_s(r, k.slowest));
                    return Estimate{100.0 * made / way, 100.0 * sd_m / way};
                  });
                }},
    MeasureKind{{kStickingTime, "sticking_time", "time in the sticking region", "s", kAllLifts, kAny,
                 "sticking region", "From the peak of the speed before the slowest moment to that moment.",
                 5.0, ErrorModel::kSpeeds, "elliott1989"},
                [](const RepScene& s) {
                  return readSticking(s, kDipSd_s, [](const RepScene& r, const Sticking& k) {
                    return Estimate{r.time_s[k.slowest] - r.time_s[k.first_peak],
                                    std::hypot(whenSd_s(r, k.slowest), whenSd_s(r, k.first_peak))};
                  });
                }},
    MeasureKind{{kSpeedLoss, "speed_loss", "speed lost over the set", "%", kAllLifts, kAny, "way up",
                 "By how much the mean speed up is below that of the fastest rep of the set so far.", 30.0,
                 ErrorModel::kSpeeds, "practice"},
                readSpeedLoss},
    MeasureKind{{kBarTravel, "bar_travel", "height gained by the bar", "cm", kAllLifts, kAny, "way up",
                 "Height of the bar at the top minus height at the bottom.", 12.0, ErrorModel::kPlaces,
                 "practice", true},
                [](const RepScene& s) {
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  const std::size_t from = s.upFrom(), to = s.upTo();
                  Reading r{MeasureStatus::kOk, to, {}, {from, to}};
                  r.formula = [=](const Places& p) { return kCmPerM * (p.bar(to).y() - p.bar(from).y()); };
                  return r;
                }},
    MeasureKind{
        {kPathLength, "path_length", "length of the bar's path up", "cm", kAllLifts, kSide, "way up",
         "Sum of the bar's ways between ten even steps of its height.", 12.0, ErrorModel::kPlaces, "own"},
        readPathLength},
    MeasureKind{{kForwardDrift, "forward_drift", "drift forward on the way up", "cm", kAllLifts, kSide,
                 "way up", "Greatest distance of the bar in front of where its way up began.", 12.0,
                 ErrorModel::kPlaces, "practice"},
                [](const RepScene& s) {
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return sideways(s, s.upFrom(), s.upTo(), 1.0);
                }},
    MeasureKind{{kBackDrift, "back_drift", "drift back on the way up", "cm", kAllLifts, kSide, "way up",
                 "Greatest distance of the bar behind where its way up began.", 12.0, ErrorModel::kPlaces,
                 "practice"},
                [](const RepScene& s) {
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return sideways(s, s.upFrom(), s.upTo(), -1.0);
                }},
    MeasureKind{{kDriftQuarter, "drift_quarter", "drift at a quarter of the way up", "cm", kAllLifts, kSide,
                 "a quarter of the way up", "Place of the bar in front of where its way up began.", 12.0,
                 ErrorModel::kPlaces, "practice"},
                [](const RepScene& s) { return driftAt(s, 0.25); }},
    MeasureKind{
        {kDriftHalf, "drift_half", "drift half-way up", "cm", kAllLifts, kSide, "half of the way up",
         "Place of the bar in front of where its way up began.", 12.0, ErrorModel::kPlaces, "practice"},
        [](const RepScene& s) { return driftAt(s, 0.5); }},
    MeasureKind{
        {kDriftThreeQuarters, "drift_three_quarters", "drift at three quarters of the way up", "cm",
         kAllLifts, kSide, "three quarters of the way up",
         "Place of the bar in front of where its way up began.", 12.0, ErrorModel::kPlaces, "practice"},
        [](const RepScene& s) { return driftAt(s, 0.75); }},
    MeasureKind{{kPathLoop, "path_loop", "way up in front of the way down", "cm", kAllLifts, kSide,
                 "whole rep", "Mean distance of the way up in front of the way down, at nine even heights.",
                 12.0, ErrorModel::kPlaces, "own"},
                readPathLoop},
    MeasureKind{
        {kPeakForce, "peak_force", "greatest force on the bar", "N", kAllLifts, kAny, "way up",
         "Load × (9.81 m/s² + greatest upward acceleration of the bar over a tenth of a second).", 1000.0,
         ErrorModel::kSpeeds, "practice"},
        [](const RepScene& s) {
          return loaded(s, [](const RepScene& r) {
            constexpr double kHalf_s = 0.05, kOfJumps = 0.6;  // half hidden at a moment, less over that time
            const auto over = [&](std::size_t f) {
              const std::size_t a = r.frameAt(r.time_s[f] - kHalf_s), b = r.frameAt(r.time_s[f] + kHalf_s);
              return (r.height[b].slope.value - r.height[a].slope.value) /
                     std::max(kHalf_s, r.time_s[b] - r.time_s[a]);
            };
            std::size_t best = r.upFrom();
            for (std::size_t f = r.upFrom(); f <= r.upTo(); ++f)
              if (over(f) > over(best)) best = f;
            const Estimate a = scaled({over(best), kOfJumps * r.height[best].bend.sd}, 1.0, r.scale_rel);
            Reading out{MeasureStatus::kOk, best};
            out.value = Estimate{*r.load_kg * (kGravity_ms2 + a.value), *r.load_kg * a.sd};
            return out;
          });
        }},
    MeasureKind{{kWork, "work", "work on the bar", "J", kAllLifts, kAny, "way up",
                 "Load × 9.81 m/s² × height gained.", 500.0, ErrorModel::kPlaces, "practice"},
                [](const RepScene& s) {
                  return loaded(s, [](const RepScene& r) {
                    const std::size_t from = r.upFrom(), to = r.upTo();
                    Reading out{MeasureStatus::kOk, to, {}, {from, to}};
                    out.formula = [=, newton = *r.load_kg * kGravity_ms2](const Places& p) {
                      return newton * (p.bar(to).y() - p.bar(from).y());
                    };
                    return out;
                  });
                }},
    MeasureKind{{kMeanPower, "mean_power", "mean power on the bar", "W", kAllLifts, kAny, "way up",
                 "Load × 9.81 m/s² × mean speed up.", 500.0, ErrorModel::kSpeeds, "practice"},
                [](const RepScene& s) {
                  return loaded(s, [](const RepScene& r) {
                    Reading out = readMeanSpeed(r);
                    if (out.value) {
                      const double n = *r.load_kg * kGravity_ms2;
                      out.value = Estimate{n * out.value->value, n * out.value->sd};
                    }
                    return out;
                  });
                }},
    MeasureKind{
        {kDescentFall, "descent_fall", "speed down against free fall", "%", kAllLifts, kAny, "way down",
         "Greatest downward speed of the bar, in parts of the speed at which it would pass there had it been "
         "dropped "
         "from the top.",
         50.0, ErrorModel::kSpeeds, "own"},
        [](const RepScene& s) {
          if (!s.downSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
          std::size_t fastest = s.downFrom();
          for (std::size_t f = s.downFrom(); f <= s.downTo(); ++f)
            if (s.height[f].known && s.height[f].slope.value < s.height[fastest].slope.value) fastest = f;
          const double fallen = s.height[s.downFrom()].value.value - s.height[fastest].value.value;
          if (fallen < 0.02) return unread(MeasureStatus::kBarLost, fastest);
          const double free_ms = std::sqrt(2.0 * kGravity_ms2 * fallen);
          const double share = -s.height[fastest].slope.value / free_ms;
          Reading r{MeasureStatus::kOk, fastest};
          // Both grow with the scale, the fall with its root; and how far it had fallen hangs on the moment.
          // The root's half, and a flat peak is met better (own allowance).
          constexpr double kOfMoment = 0.2;
          const double speed_ms = s.height[fastest].slope.value;
          const double fell = std::abs(speed_ms) * whenSd_s(s, fastest) / fallen;
          r.value = Estimate{100.0 * share,
                             100.0 * std::hypot(s.height[fastest].slope.sd / free_ms,
                                                0.5 * share * s.scale_rel, kOfMoment * share * fell)};
          return r;
        }},
    MeasureKind{{kBarTilt, "bar_tilt", "greatest tilt of the bar", "deg", kAllLifts, MeasureView::kAcross,
                 "whole rep", "Greatest angle of the bar from level during the rep, either end higher.", 15.0,
                 ErrorModel::kTilt, "practice"},
                readTilt},
};

}  // namespace

std::optional<Sticking> stickingOf(const RepScene& s) {
  if (!s.upSeen()) return std::nullopt;
  auto v = [&](std::size_t f) { return s.height[f].slope.value; };
  const double most = v(fastestUp(s));
  std::optional<Sticking> deepest;
  double fall = 0.0;
  const std::size_t from = s.upFrom(), to = s.upTo();
  // For each possible slowest moment the peaks are the fastest ones before and after it.
  std::vector<std::size_t> after(to + 1 - from);
  for (std::size_t f = to + 1; f-- > from;)
    after[f - from] = f == to || v(f) > v(after[f + 1 - from]) ? f : after[f + 1 - from];
  std::size_t before = from;
  for (std::size_t f = from + 1; f < to; ++f) {
    if (!s.height[f].known) return std::nullopt;
    if (v(f) > v(before)) before = f;
    const std::size_t next = after[f - from];
    const double depth = std::min(v(before), v(next)) - v(f);
    if (depth > fall) {
      fall = depth;
      deepest = Sticking{before, f, next};
    }
  }
  constexpr double kWorthANote = 0.1;
  if (!deepest || fall < kWorthANote * most || fall < 3.0 * s.height[deepest->slowest].slope.sd)
    return std::nullopt;
  return deepest;
}

std::span<const MeasureKind> barMeasures() {
  return kTable;
}

}  // namespace mottix
