// A thousand lifters for each plan and sixteen weeks: does the band of strength hold, do the gates.
#include <algorithm>
#include <array>
#include <cstdio>
#include <vector>

#include "bench/accuracy.h"
#include "synth/simulated_lifter.h"

namespace mottix {
namespace {

double middleOf(std::vector<double> v, double part = 0.5) {
  if (v.empty()) return 0.0;
  const auto at = v.begin() + static_cast<long>(part * static_cast<double>(v.size() - 1));
  std::nth_element(v.begin(), at, v.end());
  return *at;
}

}  // namespace

int printLoad(int runs) {
  constexpr std::array kLifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};
  std::puts(
      "| plan | lift | runs | band holds the true single, looking back | the band before each session | "
      "width "
      "of the band | error of its middle | true strength after 16 weeks (tenth, middle, nine tenths) | top "
      "load "
      "| sets missed | broke down | felt 9 or harder | loads against a gate |\n"
      "|---|---|---|---|---|---|---|---|---|---|---|---|---|");
  const PlanBook& book = builtInPlanBook();
  for (const LiftPlan& plan : book.plans)
    for (const Lift lift : kLifts) {
      int back = 0, back_in = 0, then = 0, then_in = 0, against = 0;
      double sets = 0.0, missed = 0.0, broke = 0.0, hard = 0.0;
      std::vector<double> width, off, gain, top;
      for (int k = 0; k < runs / 3 + (runs % 3 > static_cast<int>(lift) ? 1 : 0); ++k) {
        const PlannedRun run = runPlan(plan, book.gates, lift, static_cast<std::uint32_t>(60'000 + k));
        for (const PlannedRun::Session& s : run.sessions) {
          const auto holds = [&](const StrengthAt& at) {
            return at.low_kg <= s.true_best_kg && s.true_best_kg <= at.high_kg;
          };
          if (s.known_then.best_kg.value > 0.0) {
            ++then;
            then_in += holds(s.known_then) ? 1 : 0;
          }
          for (const StrengthAt& at : run.strength->over_time)
            if (at.day == s.day) {
              ++back;
              back_in += holds(at) ? 1 : 0;
              width.push_back((at.high_kg - at.low_kg) / at.best_kg.value);
              off.push_back(std::abs(at.best_kg.value / s.true_best_kg - 1.0));
            }
        }
        gain.push_back(run.sessions.back().true_best_kg / run.sessions.front().true_best_kg - 1.0);
        top.push_back(run.sessions.back().top_kg / run.sessions.at(1).top_kg - 1.0);
        against += run.raised_against_gate;
        sets += static_cast<double>(run.history.sets.size());
        missed += run.missed_sets;
        broke += run.broken_sets;
        hard += run.hard_sets;
      }
      std::printf(
          "| %s | %s | %zu | %.0f %% | %.0f %% | %.1f %% | %.1f %% | %+.0f, %+.0f, %+.0f %% | %+.0f %% | "
          "%.1f %% | %.1f %% "
          "| %.0f %% | %d |\n",
          plan.id.c_str(), std::string(nameOf(lift)).c_str(), gain.size(), 100.0 * back_in / back,
          100.0 * then_in / then, 100.0 * middleOf(width), 100.0 * middleOf(off), 100.0 * middleOf(gain, 0.1),
          100.0 * middleOf(gain), 100.0 * middleOf(gain, 0.9), 100.0 * middleOf(top), 100.0 * missed / sets,
          100.0 * broke / sets, 100.0 * hard / sets, against);
    }
  return 0;
}

}  // namespace mottix
