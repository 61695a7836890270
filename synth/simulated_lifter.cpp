#include "synth/simulated_lifter.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace mottix {
namespace {

// Reps to failure that a share of the day's best allows.
double repsAtShare(const LifterNature& n, double share) {
  if (share >= 1.0) return share > 1.0 ? 0.0 : 1.0;
  return 1.0 + std::pow(-std::log(share) / n.rep_cost, 1.0 / n.rep_bend);
}

}  // namespace

LifterNature drawLifter(std::uint32_t seed, Lift lift) {
  std::mt19937 draw(seed * 7919u + static_cast<std::uint32_t>(lift));
  std::normal_distribution<double> normal(0.0, 1.0);
  const auto around = [&](double mean, double sd, double low, double high) {
    return std::clamp(mean + sd * normal(draw), low, high);
  };
  LifterNature n;
  n.lift = lift;
  constexpr std::array kMiddle = {105.0, 72.0, 130.0};
  n.best_kg = kMiddle[static_cast<std::size_t>(lift)] * std::exp(0.3 * normal(draw));
  n.fitness_per_set = around(0.0035, 0.0012, 0.0008, 0.008);
  n.fatigue_per_set = around(0.003, 0.001, 0.0005, 0.006);
  n.rep_cost = around(0.036, 0.006, 0.02, 0.055);
  n.rep_bend = around(0.93, 0.04, 0.8, 1.0);
  n.word_lean = around(0.3, 0.7, -1.0, 2.0);
  n.word_sd = around(0.6, 0.15, 0.3, 1.0);
  constexpr std::array kSingle = {0.24, 0.12, 0.16};
  n.single_ms = kSingle[static_cast<std::size_t>(lift)] + 0.04 * normal(draw);
  n.single_ms = std::max(0.05, n.single_ms);
  constexpr std::array kSlope = {1.75, 1.5, 1.6};
  n.ms_per_share = kSlope[static_cast<std::size_t>(lift)] * std::exp(0.15 * normal(draw));
  n.day_sd = around(0.02, 0.006, 0.008, 0.035);
  n.bad_day = around(0.06, 0.03, 0.0, 0.15);
  n.breaks_from = around(9.3, 0.4, 8.4, 10.0);
  return n;
}

SimulatedLifter::SimulatedLifter(const LifterNature& nature, std::uint32_t seed)
    : nature_(nature), draw_(seed * 104729u + 17u) {}

double SimulatedLifter::trueBest_kg() const {
  return nature_.best_kg * (1.0 + fitness_ - fatigue_);
}

void SimulatedLifter::comes(Day day) {
  const double days = began_ ? daysBetween(day_, day) : 0.0;
  fitness_ *= std::exp(-days / nature_.fitness_days);
  fatigue_ *= std::exp(-days / nature_.fatigue_days);
  began_ = true;
  day_ = day;
  sets_today_ = 0;
  form_ = nature_.day_sd * normal();
  if (uniform() < nature_.bad_day) form_ -= 0.05 + 0.05 * uniform();
  ill_ = uniform() < 0.02;
  if (ill_) form_ -= 0.08;
  // A complaint comes now and then, and goes within weeks.
  if (pain_ > 0)
    pain_ = uniform() < 0.5 ? pain_ - 1 : pain_;
  else if (uniform() < 0.02)
    pain_ = 3 + static_cast<int>(4.0 * uniform());
}

DoneSet SimulatedLifter::does(const PlannedSet& set, const LiftPlan& plan) {
  DoneSet done;
  done.day = day_;
  done.load_kg = set.load_kg;
  done.reps_asked = set.reps;
  done.effort_asked = set.effort;
  done.filmed = true;
  done.ill = ill_;
  const double today =
      trueBest_kg() * std::exp(form_) * (1.0 - nature_.tired_per_set * std::min(sets_today_, 8));
  const double share = set.load_kg / today;
  const double can = repsAtShare(nature_, share);
  const double fresh_ms = nature_.single_ms + nature_.ms_per_share * (1.0 - share);
  const int possible = static_cast<int>(std::floor(can + 1e-9));
  for (int rep = 1; rep <= std::min(set.reps, possible); ++rep) {
    // From the fresh speed down to that of a single at the rep before failure.
    const double gone = can <= 1.0 ? 1.0 : (rep - 1.0) / (can - 1.0);
    const double truly = fresh_ms + gone * (nature_.single_ms - fresh_ms) + 0.012 * normal();
    done.speeds_ms.push_back({std::max(0.03, truly + 0.01 * normal()), 0.01});
    done.reps_done = rep;
    if (endsBySpeed(plan, done.speeds_ms)) {
      done.reps_asked = rep;  // ended as planned: none is missing
      break;
    }
  }
  const double reserve = std::max(0.0, can - done.reps_done);
  const double effort = done.missed() ? 10.0 : 10.0 - reserve;
  // A set far from failure is told to half a rep; further than five away nobody tells.
  const double said = done.missed() ? 10.0
                                    : effort + nature_.word_lean * std::min(1.0, reserve) +
                                          (nature_.word_sd + 0.15 * reserve) * normal();
  done.effort_felt = std::clamp(0.5 * std::round(2.0 * said), 1.0, 10.0);
  const double broken = 1.0 / (1.0 + std::exp(-(effort - nature_.breaks_from) / 0.3));
  done.verdict = uniform() < 0.03           ? LoadAction::kCantTell
                 : uniform() < 0.6 * broken ? LoadAction::kRepair
                 : uniform() < 0.5 * broken ? LoadAction::kHold
                                            : LoadAction::kAdd;
  if (done.reps_done == 0) done.verdict = LoadAction::kCantTell;
  // What a set gives and costs grows with how near to failure it is.
  const double worth =
      std::clamp((effort - 4.0) / 5.0, 0.1, 1.1) * std::min(1.0, 0.4 + 0.15 * done.reps_done);
  // The stronger one has become, the less a set adds.
  fitness_ += nature_.fitness_per_set * worth * std::max(0.0, 1.0 - fitness_ / 0.30);
  fatigue_ += nature_.fatigue_per_set * worth;
  ++sets_today_;
  return done;
}

PlannedRun runPlan(const LiftPlan& plan, const PlanGates& gates, Lift lift, std::uint32_t seed, int weeks) {
  const LifterNature nature = drawLifter(seed, lift);
  SimulatedLifter lifter(nature, seed);
  std::mt19937 draw(seed + 31u);
  PlannedRun run;
  run.history.lift = lift;
  const Day begin = *dayNamed("2026-01-05");
  const double step = lift == Lift::kBench ? 1.25 : 2.5;
  constexpr int kMostSets = 24;
  bool away = false;
  for (int session = 0; session < 2 * weeks; ++session) {
    const Day day = begin + std::chrono::days(7 * (session / 2) + 3 * (session % 2));
    if (session % 2 == 0) away = draw() % 25 == 0;  // a week is missed
    if (away) continue;
    lifter.comes(day);
    PlannedRun::Session now{day, lifter.trueBest_kg(), {}, 0.0};
    if (session > 0) {
      if (const auto known = estimateStrength(lift, strengthSetsOf(run.history)))
        now.known_then = known->at(day);
    } else {
      // The coach has seen some sets before.
      for (const double share : {0.6, 0.65, 0.7, 0.72})
        run.history.sets.push_back(lifter.does(
            {SetRole::kWork, step * std::round(share * nature.best_kg / step), 1, 5, 8.0, {}}, plan));
      now.top_kg = run.history.sets.back().load_kg;
      run.sessions.push_back(now);
      continue;
    }
    run.history.ill = lifter.isIll();
    run.history.open_pain = lifter.pain();
    for (int sets = 0; sets < kMostSets; ++sets) {
      const auto next = planNext(plan, gates, run.history, day, {step});
      if (!next || next->sets.empty()) break;
      const PlannedSet& set = next->sets.front();
      const bool sore = run.history.open_pain >= gates.pain_limit;
      if ((next->cap_kg && set.load_kg > *next->cap_kg + 1e-6) ||
          (sore && next->last_kg && set.role != SetRole::kBackOff && set.load_kg > *next->last_kg + 1e-6))
        ++run.raised_against_gate;
      run.history.sets.push_back(lifter.does(set, plan));
      const DoneSet& done = run.history.sets.back();
      now.top_kg = std::max(now.top_kg, done.load_kg);
      run.missed_sets += done.missed() ? 1 : 0;
      run.broken_sets += done.verdict == LoadAction::kRepair ? 1 : 0;
      run.hard_sets += *done.effort_felt >= 9.0 ? 1 : 0;
    }
    run.sessions.push_back(now);
  }
  run.strength = estimateStrength(lift, strengthSetsOf(run.history));
  return run;
}

}  // namespace mottix
