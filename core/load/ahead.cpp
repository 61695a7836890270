#include "core/load/ahead.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace mottix {
namespace {

using std::chrono::days;
using std::chrono::weeks;

constexpr int kMostWeeks = 104;
constexpr int kMostNarrowWeeks = 4;
// Standard normal distances: 19 of 20 days, four of five, half.
constexpr double kSurely = 1.6449, kLikely = 0.8416;

double downTo(double kg, double step_kg) {
  return std::floor(kg / step_kg + 1e-9) * step_kg;
}

double probability(double z) {
  return 0.5 * std::erfc(-z / std::sqrt(2.0));
}

double topOf(const std::vector<PlannedSet>& sets) {
  double top = 0.0;
  for (const PlannedSet& s : sets) top = std::max(top, s.load_kg);
  return top;
}

// The same session with another top load, its back-offs in proportion.
std::vector<PlannedSet> scaledTo(const LiftPlan& plan, double top_kg, double step_kg) {
  if (plan.kind != PlanKind::kTopSingle)
    return {{SetRole::kWork, top_kg, plan.sets, plan.reps, plan.effort, {}}};
  return {{SetRole::kTopSingle, top_kg, 1, 1, plan.effort, {}},
          {SetRole::kBackOff,
           std::round(plan.back_off_share * top_kg / step_kg) * step_kg,
           plan.back_off_sets,
           plan.back_off_reps,
           plan.effort,
           {}}};
}

const PlannedSet& topSet(const std::vector<PlannedSet>& sets) {
  return *std::max_element(sets.begin(), sets.end(),
                           [](const PlannedSet& a, const PlannedSet& b) { return a.load_kg < b.load_kg; });
}

double sumOf(const std::vector<PlannedSet>& sets) {
  double sum = 0.0;
  for (const PlannedSet& s : sets) sum += s.load_kg * s.reps * s.sets;
  return sum;
}

// Weeks of training between two days: those that are missed bring nothing.
double gainWeeks(const AheadWish& wish, Day from, Day to) {
  double count = std::max(0, daysBetween(from, to)) / 7.0;
  for (const Day monday : wish.missed)
    if (monday >= from && monday + days(7) <= to + days(7)) count -= 1.0;
  return std::max(0.0, count);
}

}  // namespace

std::string_view nameOf(BlockKind block) {
  constexpr std::array kNames = {"develop", "narrow", "test"};
  return kNames[static_cast<std::size_t>(block)];
}

std::vector<int> sessionDays(int sessions_week) {
  switch (sessions_week) {
    case 1:
      return {0};
    case 2:
      return {0, 3};
    case 3:
      return {0, 2, 4};
    default:
      return {0, 1, 3, 4};
  }
}

Expected<Ahead> planAhead(const AheadWish& wish, const PlanGates& gates, const LiftHistory& history,
                          Day today) {
  const auto bad = [](const std::string& what) {
    return fail(Remedy::kCorrectInput, "Weeks ahead: " + what);
  };
  if (wish.plan == nullptr) return bad("no plan was chosen.");
  if (wish.test < wish.begins) return bad("the test on " + nameOf(wish.test) + " lies before the beginning.");
  if (daysBetween(wish.begins, wish.test) > 7 * kMostWeeks)
    return bad("the test is more than two years off.");
  if (wish.sessions_week < 1 || wish.sessions_week > 4)
    return bad("one to four sessions a week can be planned.");
  if (!(wish.gain_factor >= 0.0 && wish.gain_factor <= 1.5))
    return bad("gains can be taken from none to one and a half times what they have been.");
  Ahead out;
  auto next = planNext(*wish.plan, gates, history, today, {wish.step_kg});
  if (!next) return tl::make_unexpected(next.error());
  out.next = *next;
  const std::optional<Strength> strength = estimateStrength(history.lift, strengthSetsOf(history));
  const Day last_set = history.sets.empty() ? today : history.sets.back().day;
  const auto expectedOn = [&](Day day) -> std::optional<StrengthAt> {
    if (!strength || day < last_set) return std::nullopt;
    const double all = daysBetween(last_set, day) / 7.0;
    const double factor =
        all > 0.0 ? wish.gain_factor * std::min(1.0, gainWeeks(wish, last_set, day) / all) : 1.0;
    return strength->at(day, factor);
  };

  const Day first = mondayOf(wish.begins), test_week = mondayOf(wish.test), this_week = mondayOf(today);
  const int training = daysBetween(first, test_week) / 7;
  const int narrow = wish.narrow == nullptr ? 0 : std::min(kMostNarrowWeeks, training / 3);
  double before_kg = 0.0;  // top load of the week before
  const LiftPlan* before_plan = nullptr;
  int missed_in_row = 0;
  for (int w = 0; w <= training; ++w) {
    AheadWeek week;
    week.monday = first + weeks(w);
    week.block = w == training            ? BlockKind::kTest
                 : w >= training - narrow ? BlockKind::kNarrow
                                          : BlockKind::kDevelop;
    week.past = week.monday < this_week;
    week.missed = std::find(wish.missed.begin(), wish.missed.end(), week.monday) != wish.missed.end();
    const LiftPlan& plan = week.block == BlockKind::kNarrow ? *wish.narrow : *wish.plan;
    for (const DoneSet& s : history.sets)
      if (mondayOf(s.day) == week.monday && s.reps_done > 0) {
        week.done_kg = std::max(week.done_kg.value_or(0.0), s.load_kg);
        if (week.past) week.sum_kg += s.load_kg * s.reps_done;
      }
    if (week.block == BlockKind::kTest)
      week.days = {wish.test};
    else if (!week.missed)
      for (const int d : sessionDays(wish.sessions_week)) week.days.push_back(week.monday + days(d));
    if (week.past) {
      const auto kept = wish.kept.find(week.monday);
      week.top_kg = kept != wish.kept.end() ? kept->second : week.done_kg.value_or(0.0);
      if (strength)
        for (const StrengthAt& at : strength->over_time)
          if (mondayOf(at.day) == week.monday) week.expected = at;
      before_kg = week.done_kg.value_or(before_kg);
      out.weeks.push_back(std::move(week));
      continue;
    }
    const Day middle = std::max(week.block == BlockKind::kTest ? wish.test : week.monday + days(3), last_set);
    week.expected = expectedOn(middle);
    if (week.missed) {
      ++missed_in_row;
      out.weeks.push_back(std::move(week));
      continue;
    }
    if (week.block == BlockKind::kTest) {
      out.weeks.push_back(std::move(week));
      continue;
    }
    double top = 0.0;
    std::optional<double> cap;
    const bool begins = before_plan == nullptr;
    if (begins) {
      // From the next session on, as it is asked for today.
      top = topOf(out.next.sets);
      if (out.next.sets.empty()) top = out.next.last_kg.value_or(0.0);
      cap = out.next.cap_kg;
      week.sets =
          plan.id == wish.plan->id && !out.next.sets.empty() && out.next.reason == PlanReason::kFirstSession
              ? out.next.sets
              : scaledTo(plan, top, wish.step_kg);
    } else {
      const double by_plan = plan.kind == PlanKind::kSteps ? before_kg + wish.step_kg * wish.sessions_week
                                                           : before_kg * (1.0 + plan.gain_week);
      top = std::round(by_plan / wish.step_kg - 1e-9) * wish.step_kg;
      // A new block asks for another effort: from there it is the strength that counts.
      if (strength && week.expected) {
        const int reps = plan.kind == PlanKind::kTopSingle ? 1 : plan.reps;
        const double known_now = strength->at(std::max(middle, last_set)).best_kg.value;
        const double grown = week.expected->best_kg.value / known_now;
        const double carries = grown * strength->loadFor(middle, reps, plan.effort_limit).value;
        if (before_plan != &plan)
          top = std::round(grown * strength->loadFor(middle, reps, plan.effort).value / wish.step_kg) *
                wish.step_kg;
        // What it carries no longer is held, not taken off: that is for the session to decide.
        top = std::min(
            top, std::max(downTo(carries, wish.step_kg), before_plan == &plan ? before_kg : wish.step_kg));
      }
      if (missed_in_row > 0) {
        const int away = 7 * (missed_in_row + 1);
        if (away > gates.break_days) {
          const double cut =
              std::min(gates.most_break_cut,
                       gates.break_cut + gates.break_cut_week * std::floor((away - gates.break_days) / 7.0));
          top = std::min(top, downTo(before_kg * (1.0 - cut), wish.step_kg));
        } else {
          top = std::min(top, downTo(before_kg, wish.step_kg));
        }
      }
      week.sets = scaledTo(plan, top, wish.step_kg);
    }
    if (const auto moved = wish.moved.find(week.monday); moved != wish.moved.end()) {
      top = std::max(wish.step_kg, std::round(moved->second / wish.step_kg) * wish.step_kg);
      if (cap) top = std::min(top, downTo(*cap, wish.step_kg));
      week.moved = true;
      week.sets = scaledTo(plan, top, wish.step_kg);
    }
    missed_in_row = 0;
    week.top_kg = top;
    week.sum_kg = sumOf(week.sets) * static_cast<double>(week.days.size());
    if (strength && week.expected && !week.sets.empty() && top > 0.0) {
      const double grown = week.expected->best_kg.value / strength->at(middle).best_kg.value;
      const PlannedSet& set = topSet(week.sets);
      week.effort = std::clamp(strength->effortOf(middle, set.load_kg / grown, set.reps).value, 0.0, 10.5);
    }
    before_kg = top;
    before_plan = &plan;
    out.weeks.push_back(std::move(week));
  }

  if (const auto on_day = expectedOn(std::max(wish.test, last_set))) {
    const Day day = std::max(wish.test, last_set);
    const double grown = on_day->best_kg.value / strength->at(day).best_kg.value;
    // With the form of the day.
    const Estimate single = strength->loadFor(day, 1.0, 10.0);
    const double log_best = std::log(grown * single.value), sd = single.sd / single.value;
    const auto at = [&](double z) { return downTo(std::exp(log_best - z * sd), wish.step_kg); };
    out.attempts = Attempts{at(kSurely), at(kLikely), at(0.0)};
    // Three attempts that rise.
    if (out.attempts->second_kg <= out.attempts->opener_kg)
      out.attempts->opener_kg = out.attempts->second_kg - wish.step_kg;
    if (out.attempts->third_kg <= out.attempts->second_kg)
      out.attempts->third_kg = out.attempts->second_kg + wish.step_kg;
    out.attempts->opener_kg = std::max(wish.step_kg, out.attempts->opener_kg);
    if (wish.goal_kg && *wish.goal_kg > 0.0)
      out.goal_chance = probability((log_best - std::log(*wish.goal_kg)) / sd);
  }
  return out;
}

}  // namespace mottix
