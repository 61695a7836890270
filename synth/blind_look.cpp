#include "synth/blind_look.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <random>

#include "synth/exact_tracks.h"

namespace mottix {
namespace {

// What leaves the lifter's mid-plane shows across; what stays in it, from the side.
constexpr std::array<std::string_view, 3> kAcross = {"knees-cave", "bar-uneven", "right-lags"};
// Of time alone: from anywhere.
constexpr std::array<std::string_view, 4> kOfTime = {"dive", "no-pause", "sticks-low", "sticks-high"};

// Nobody needs to be shown a missed rep; the bend of a wrist and elbows turned out are seldom measured
// surely.
constexpr std::array<std::string_view, 3> kLeftOut = {"missed", "wrists-bend", "elbows-out"};
// Against the other reps: on every rep there is nothing to see.
constexpr std::array<std::string_view, 1> kAgainstOthers = {"touch-wanders"};

bool isOf(const auto& names, std::string_view name) {
  return std::find(names.begin(), names.end(), name) != names.end();
}

}  // namespace

std::vector<const FaultKind*> faultsSeen(Lift lift, View view) {
  std::vector<const FaultKind*> out;
  for (const FaultKind& kind : faultKinds()) {
    if (kind.lift != lift || isOf(kLeftOut, kind.name)) continue;
    const bool across = isOf(kAcross, kind.name);
    if (isOf(kOfTime, kind.name) || across == (view != View::kSide)) out.push_back(&kind);
  }
  return out;
}

BlindClip drawBlindClip(std::uint32_t seed, Lift lift, View view, int width_px) {
  std::mt19937 draw(seed * 40503U + 7U);
  const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(draw); };
  const auto below = [&](std::size_t n) {
    return std::min(n - 1, static_cast<std::size_t>(between(0.0, 1.0) * static_cast<double>(n)));
  };
  BlindClip clip;
  FilmPlan& plan = clip.plan;
  plan = planFromSeed(seed, lift, view);
  clearFaults(plan);
  const std::size_t reps = 3 + below(2);
  plan.squat.reps.resize(reps, plan.squat.reps.front());
  plan.bench.reps.resize(reps, plan.bench.reps.front());
  plan.deadlift.reps.resize(reps, plan.deadlift.reps.front());
  plan.name = "blind_" + std::to_string(seed);
  plan.width_px = width_px;
  plan.height_px = width_px * 9 / 32 * 2;
  plan.look.someone_passes = false;

  if (lift == Lift::kBench) clip.variants = {"paused"};
  if (plan.standsWide()) clip.variants = {"sumo"};

  auto kinds = faultsSeen(lift, view);
  const double many = between(0.0, 1.0);
  for (int faults = many < 0.25 ? 0 : many < 0.75 ? 1 : 2; faults > 0 && !kinds.empty(); --faults) {
    const std::size_t which = below(kinds.size());
    PlantedFault fault{kinds[which], 0.0, {}};
    kinds.erase(kinds.begin() + static_cast<long>(which));
    // Even on a scale of ratios: half as large is as far off as twice.
    fault.size = std::exp(between(std::log(0.3 * fault.kind->usual), std::log(fault.kind->most)));
    const double on = between(0.0, 1.0);  // all reps, the last ones, or one
    const std::size_t from = on < 0.4   ? 0
                             : on < 0.7 ? reps - 2
                                        : below(reps),
                      to = on < 0.7 ? reps : from + 1;
    for (std::size_t r = from; r < to; ++r)
      if (plantFault(plan, *fault.kind, r, fault.size)) fault.reps.push_back(static_cast<int>(r) + 1);
    clip.planted.push_back(std::move(fault));
  }
  return clip;
}

MeasuredClip measureBlindClip(const BlindClip& clip, const RuleBook& book) {
  const FilmPlan& plan = clip.plan;
  ExactClip exact = exactTracks(plan);
  AnalysisSettings settings;
  settings.lift = plan.lift;
  settings.view = plan.view;
  settings.facing = plan.from_right ? Facing::kRight : Facing::kLeft;
  settings.bar.load_kg = plan.load_kg;
  settings.reps_asked = static_cast<int>(repCount(plan));
  settings.judged.variants = clip.variants;
  settings.wide_stance = plan.standsWide();
  auto analysis = analyse(exact.tracks, exact.axis, settings, book);
  return {std::move(exact.tracks), std::move(analysis)};
}

}  // namespace mottix
