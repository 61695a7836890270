// Known answers for the rep finder: the height of a bar over a made-up set with everything that happens round
// the reps of one, from a seed.
#pragma once

#include <cmath>
#include <random>
#include <vector>

#include "core/motion/rep_finder.h"

namespace mottix::known {

struct KnownRep {
  double start_s = 0.0, turn_s = 0.0, leave_s = 0.0, end_s = 0.0;
  bool failed = false;
  bool sharp_start = false, sharp_end = false;  // the bar is off, or stopped, at once
};

struct KnownSet {
  Lift lift = Lift::kSquat;
  BarHeight bar;
  std::vector<KnownRep> reps;
  double fps = 30.0;
  bool cut_start = false, cut_end = false;
};

// Strings together holds and ways of a bar.
class BarScript {
 public:
  explicit BarScript(double height_m) : height_m_(height_m) {}
  double now_s() const { return end_s_; }
  double height_m() const { return height_m_; }
  void hold(double seconds) { add(height_m_, seconds, Way::kSoft); }
  // Minimum jerk: off softly and to rest softly.
  void go(double to_m, double seconds) { add(to_m, seconds, Way::kSoft); }
  // Off at once, to rest softly; and off softly, stopped at once.
  void jerk(double to_m, double seconds) { add(to_m, seconds, Way::kHardStart); }
  void land(double to_m, double seconds) { add(to_m, seconds, Way::kHardStop); }
  double at(double t) const {
    for (const Part& p : parts_)
      if (t < p.start_s + p.seconds) return p.from_m + (p.to_m - p.from_m) * course(p, t);
    return height_m_;
  }

 private:
  enum class Way { kSoft, kHardStart, kHardStop };
  struct Part {
    double start_s, seconds, from_m, to_m;
    Way way;
  };
  std::vector<Part> parts_;
  double end_s_ = 0.0, height_m_;

  void add(double to_m, double seconds, Way way) {
    parts_.push_back({end_s_, seconds, height_m_, to_m, way});
    end_s_ += seconds;
    height_m_ = to_m;
  }
  static double course(const Part& p, double t) {
    const double u = std::clamp((t - p.start_s) / p.seconds, 0.0, 1.0);
    switch (p.way) {
      case Way::kHardStart:  // even acceleration at first, then as softly to rest
        return u * u * (6.0 + u * (-8.0 + 3.0 * u));
      case Way::kHardStop:
        return 1.0 - (1.0 - u) * (1.0 - u) * (6.0 + (1.0 - u) * (-8.0 + 3.0 * (1.0 - u)));
      default:
        return u * u * u * (10.0 + u * (-15.0 + 6.0 * u));
    }
  }
};

inline KnownSet knownSet(std::uint32_t seed) {
  std::mt19937 draw(seed);
  auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(draw); };
  auto chance = [&](double p) { return between(0.0, 1.0) < p; };
  KnownSet set;
  set.lift = static_cast<Lift>(seed % 3);
  set.fps = std::vector{24.0, 30.0, 30.0, 60.0, 120.0}[static_cast<std::size_t>(between(0.0, 4.999))];
  const bool pulls = set.lift == Lift::kDeadlift;
  const int count = chance(0.2) ? 1 : chance(0.15) ? 20 : static_cast<int>(between(2.0, 10.0));
  const double way_m = set.lift == Lift::kBench ? between(0.22, 0.48) : between(0.45, 0.75);
  const double rest_m = pulls ? 0.225 : set.lift == Lift::kBench ? 0.95 : 1.4;
  set.cut_start = chance(0.08);
  set.cut_end = chance(0.08);

  BarScript s(rest_m);
  auto sway = [&] {  // fidgeting, breathing, a step
    const double by = between(-0.02, 0.02), back = between(0.2, 0.6);
    s.go(rest_m + (pulls ? 0.0 : by), back);
    s.go(rest_m, back);
  };
  if (!set.cut_start) {
    if (pulls) {
      s.hold(between(0.6, 2.0));
    } else {  // out of the rack and back by some steps
      s = BarScript(rest_m - between(0.03, 0.09));
      s.hold(between(0.3, 1.5));
      s.go(rest_m + between(0.0, 0.02), between(0.4, 1.0));
      s.go(rest_m, between(0.3, 0.8));
      for (int i = static_cast<int>(between(0.0, 3.9)); i > 0; --i) sway();
      s.hold(between(0.4, 1.5));
    }
  }
  double tired = 1.0;
  const bool pauses = chance(0.3), touches_and_goes = chance(0.3);
  for (int r = 0; r < count; ++r) {
    KnownRep rep;
    const double way = way_m * between(0.95, 1.05);
    const bool last = r + 1 == count, fails = last && chance(0.15) && !set.cut_end;
    const double down_s = between(0.7, 2.2), up_s = tired * between(0.6, 1.4);
    tired = std::min(1.8, tired * between(1.0, 1.08));
    const double turn_m = rest_m + (pulls ? way : -way);
    // A turn without a pause, and a touch, are reached at an even slowing and left at an even quickening.
    auto up = [&](double to_m) {  // now and then through a sticking region
      const double from_m = s.height_m();
      if (chance(0.3)) {
        const double at = between(0.3, 0.6);
        const double speed = way / up_s;
        s.go(from_m + at * (to_m - from_m), up_s * at * 1.6);
        s.go(from_m + (at + 0.08) * (to_m - from_m), 0.08 * way / (0.4 * speed));
        s.go(to_m, up_s * (0.92 - at) * 1.6);
      } else {
        rep.sharp_start = pulls;
        s.jerk(to_m, up_s);
      }
    };
    rep.start_s = s.now_s();
    const double hold_s = pulls ? between(0.2, 1.0) : pauses ? between(0.3, 2.0) : 0.0;
    if (pulls) {
      if (set.cut_start && r == 0) {  // begins at lock-out
        s = BarScript(turn_m);
        s.hold(0.3);
      } else {
        up(turn_m);
      }
      rep.turn_s = s.now_s();
      s.hold(hold_s);
      rep.leave_s = s.now_s();
      if (set.cut_end && last) {
        s.go(0.5 * (turn_m + rest_m), 0.8);
        rep.end_s = s.now_s();
        set.reps.push_back(rep);
        break;
      }
      if (chance(0.7)) {
        rep.sharp_end = true;
        s.land(rest_m, down_s);
      } else {
        s.go(rest_m, down_s);
      }
    } else {
      if (set.cut_start && r == 0) {
        s = BarScript(turn_m + between(0.12, 0.35) * way);
        s.go(turn_m, 0.5);
      } else {
        s.land(turn_m, down_s);
      }
      rep.turn_s = s.now_s();
      s.hold(hold_s);
      rep.leave_s = s.now_s();
      if (fails) {
        s.go(turn_m + between(0.2, 0.7) * way, between(0.6, 1.5));
        s.go(turn_m - (chance(0.5) ? 0.0 : between(0.0, 0.1)), between(0.4, 1.0));
        rep.failed = true;
        if (chance(0.5)) {  // on the safeties, and left there
          s.hold(3.0);
          rep.end_s = s.now_s();
          set.reps.push_back(rep);
          break;
        }
        s.hold(between(0.1, 0.5));
      } else if (set.cut_end && last) {
        s.go(turn_m + between(0.2, 0.6) * way, up_s);
        rep.end_s = s.now_s();
        set.reps.push_back(rep);
        break;
      }
      up(rest_m);
    }
    rep.end_s = s.now_s();
    set.reps.push_back(rep);
    if (last) break;
    if (touches_and_goes && !fails)
      s.hold(between(0.0, 0.1));
    else if (chance(0.5) && !pulls)
      sway();
    else
      s.hold(between(0.2, 3.0));
  }
  if (!set.cut_end && !(set.reps.back().failed && s.height_m() < rest_m - 0.2)) {
    s.hold(between(0.5, 1.5));
    if (!pulls && chance(0.7)) {  // back into the rack
      s.go(rest_m + 0.01, 0.4);
      s.go(rest_m - between(0.03, 0.09), between(0.4, 0.9));
      s.hold(0.5);
    }
  }

  // As a tracker gives it: uneven times, noise, a slow error, and now and then a gap.
  const double noise_m = between(0.0003, 0.002), slow_m = between(0.0, 0.003);
  std::normal_distribution<double> normal(0.0, 1.0);
  const double gap_s = chance(0.3) ? between(0.1, 0.5) : 0.0, gap_at = between(0.0, s.now_s());
  for (double t = 0.0; t <= s.now_s(); t += 1.0 / set.fps) {
    const double when = t + (seed % 4 == 0 ? between(0.0, 0.3 / set.fps) : 0.0);
    const bool lost = std::abs(when - gap_at) < 0.5 * gap_s;
    set.bar.time_s.push_back(when);
    set.bar.height_m.push_back(s.at(when) + noise_m * normal(draw) + slow_m * std::sin(0.9 * when + seed));
    set.bar.sd_m.push_back(lost ? std::nan("") : noise_m * 2.0);
  }
  return set;
}

}  // namespace mottix::known
