// A lifter of known strength who follows a plan: what a session does to him, what he says of it, what the
// films of it would show.
//
// Drawn by a seed, within what is seen between people: strength at first, how it answers to training
// (fitness and fatigue, each fading at its own rate: banister1975), how many reps a share of it allows, how
// the word on effort leans and scatters, at which speed a bar moves, good and bad days, form that breaks down
// near the limit, illness, a complaint, a missed week. None of it is drawn from the relations by which it is
// estimated.
#pragma once

#include <random>
#include <vector>

#include "core/load/lift_plan.h"

namespace mottix {

struct LifterNature {
  Lift lift = Lift::kSquat;
  double best_kg = 100.0;          // at first, rested, on a usual day
  double fitness_per_set = 0.004;  // part of it, of a set at full effort
  double fatigue_per_set = 0.003;
  double fitness_days = 60.0, fatigue_days = 6.0;  // in which they fade to 1/e
  double rep_cost = 0.036, rep_bend = 0.93;        // share of m reps: exp(-cost (m - 1)^bend)
  double word_lean = 0.0;                          // reps in reserve that are said too few
  double word_sd = 0.6;
  double single_ms = 0.23, ms_per_share = 1.8;
  double day_sd = 0.02;
  double bad_day = 0.05;     // of the days
  double breaks_from = 9.2;  // effort at which form breaks down on every second set
  double tired_per_set = 0.006;
};
LifterNature drawLifter(std::uint32_t seed, Lift lift);

class SimulatedLifter {
 public:
  SimulatedLifter(const LifterNature& nature, std::uint32_t seed);

  // The morning of a training day: strength is drawn for it. Days only go forward.
  void comes(Day day);
  bool isIll() const { return ill_; }
  int pain() const { return pain_; }
  double trueBest_kg() const;  // on a usual day, with the fatigue of the weeks
  // Whether to end a set by speed is the plan's.
  DoneSet does(const PlannedSet& set, const LiftPlan& plan);

 private:
  LifterNature nature_;
  std::mt19937 draw_;
  Day day_{};
  bool began_ = false, ill_ = false;
  int pain_ = 0, sets_today_ = 0;
  double fitness_ = 0.0, fatigue_ = 0.0, form_ = 0.0;
  double normal() { return std::normal_distribution<double>(0.0, 1.0)(draw_); }
  double uniform() { return std::uniform_real_distribution<double>(0.0, 1.0)(draw_); }
};

// Weeks of two sessions by one plan.
struct PlannedRun {
  struct Session {
    Day day;
    double true_best_kg;
    StrengthAt known_then;  // from the sets before it; best_kg zero where nothing was
    double top_kg;
  };
  std::vector<Session> sessions;
  LiftHistory history;
  std::optional<Strength> strength;                     // of all of it
  int raised_against_gate = 0;                          // loads above what a gate allowed: there must be none
  int missed_sets = 0, broken_sets = 0, hard_sets = 0;  // hard: a rep in reserve or less, truly
};
PlannedRun runPlan(const LiftPlan& plan, const PlanGates& gates, Lift lift, std::uint32_t seed,
                   int weeks = 16);

}  // namespace mottix
