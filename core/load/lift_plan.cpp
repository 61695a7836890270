#include "core/load/lift_plan.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>

#include "built_in_books.h"
#include "core/base/toml_table.h"

namespace mottix {
namespace {

constexpr std::array kRoles = {"work", "top_single", "back_off", "climb"};
constexpr std::array kReasons = {"first_session", "first_single", "step_added",   "gain_added", "by_speed",
                                 "from_single",   "effort",       "pain",         "illness",    "break",
                                 "reps_missed",   "repair",       "hold_verdict", "not_judged", "stalled",
                                 "slow_day",      "go_on",        "session_done"};
constexpr std::array kChanges = {"verdict_better", "verdict_worse", "effort_lower",
                                 "effort_higher",  "all_reps",      "pain_gone",
                                 "judgeable",      "faster",        "slower"};
constexpr std::array kCautions = {"pain_open", "after_illness", "spotters", "qualified_person", "unjudged"};

// A load is a number of steps; the small part keeps 82.5 / 2.5 from being 32.999…
constexpr double kHair = 1e-9;
double downTo(double load_kg, double step_kg) {
  return std::floor(load_kg / step_kg + kHair) * step_kg;
}
double nearestTo(double load_kg, double step_kg) {
  return std::round(load_kg / step_kg - kHair) * step_kg;
}

using Session = std::span<const DoneSet>;

// Sets by day, oldest first.
std::vector<Session> sessionsOf(std::span<const DoneSet> sets) {
  std::vector<Session> out;
  for (std::size_t from = 0; from < sets.size();) {
    std::size_t to = from + 1;
    while (to < sets.size() && sets[to].day == sets[from].day) ++to;
    out.push_back(sets.subspan(from, to - from));
    from = to;
  }
  return out;
}

bool isSingle(const DoneSet& s) {
  return s.reps_asked == 1;
}

// The load that a session was about: of the single, or the heaviest.
const DoneSet* topOf(const LiftPlan& plan, Session session) {
  const DoneSet* top = nullptr;
  for (const DoneSet& s : session) {
    if (plan.kind == PlanKind::kTopSingle && !isSingle(s)) continue;
    if (top == nullptr || s.load_kg > top->load_kg) top = &s;
  }
  return top;
}

// As hard as its hardest set at the top load; nothing when nobody said.
std::optional<double> effortOf(Session session, double load_kg) {
  std::optional<double> hardest;
  for (const DoneSet& s : session) {
    const auto reserve = reserveOf(s);
    if (reserve && s.load_kg >= load_kg) hardest = std::max(hardest.value_or(0.0), 10.0 - reserve->value);
  }
  return hardest;
}

bool anyMissed(Session session) {
  return std::any_of(session.begin(), session.end(), [](const DoneSet& s) { return s.missed(); });
}

bool isCut(LoadAction a) {
  return a == LoadAction::kRepair;
}

// The gravest thing the films of a session say; nothing when none was filmed.
std::optional<LoadAction> verdictOf(Session session) {
  std::optional<LoadAction> out;
  const auto rank = [](LoadAction a) {
    return a == LoadAction::kRepair ? 3 : a == LoadAction::kHold ? 2 : a == LoadAction::kAdd ? 1 : 0;
  };
  for (const DoneSet& s : session)
    if (s.filmed && (!out || rank(s.verdict) > rank(*out))) out = s.verdict;
  return out;
}

// How a load may not be passed, and why.
struct Gate {
  PlanReason reason;
  double cap_kg;
  double number;
};

constexpr double kRepairCut = 0.10;  // as LoadOptions::repair_cut

std::vector<Gate> gatesOf(const LiftPlan& plan, const PlanGates& g, const LiftHistory& history,
                          std::span<const Session> sessions, double last_kg, Day today) {
  std::vector<Gate> out;
  const Session last = sessions.back();
  const auto cut = [&](double part) { return last_kg * (1.0 - part); };
  if (history.open_pain >= g.pain_limit)
    out.push_back({PlanReason::kPain, last_kg, static_cast<double>(history.open_pain)});
  const bool was_ill = std::any_of(last.begin(), last.end(), [](const DoneSet& s) { return s.ill; });
  if (history.ill || was_ill) out.push_back({PlanReason::kIll, cut(g.illness_cut), 100.0 * g.illness_cut});
  const int away = daysBetween(last.front().day, today);
  if (away > g.break_days) {
    const double more_weeks = std::floor((away - g.break_days) / 7.0);
    out.push_back({PlanReason::kBreak,
                   cut(std::min(g.most_break_cut, g.break_cut + g.break_cut_week * more_weeks)),
                   static_cast<double>(away)});
  }
  if (anyMissed(last)) {
    const bool again = sessions.size() > 1 && anyMissed(sessions[sessions.size() - 2]);
    int missing = 0;
    for (const DoneSet& s : last) missing += std::max(0, s.reps_asked - s.reps_done);
    out.push_back({PlanReason::kRepsMissed, again ? cut(plan.cut) : last_kg, static_cast<double>(missing)});
  }
  if (const auto verdict = verdictOf(last)) {
    if (isCut(*verdict)) out.push_back({PlanReason::kRepair, cut(kRepairCut), 100.0 * kRepairCut});
    if (*verdict == LoadAction::kHold) out.push_back({PlanReason::kHoldVerdict, last_kg, 0.0});
    if (*verdict == LoadAction::kCantTell) out.push_back({PlanReason::kNotJudged, last_kg, 0.0});
  }
  return out;
}

// Sessions in a row, the last among them, that were not above this load.
int heldFor(const LiftPlan& plan, std::span<const Session> sessions, double load_kg) {
  int held = 0;
  for (std::size_t k = sessions.size(); k-- > 0; ++held) {
    const DoneSet* top = topOf(plan, sessions[k]);
    if (top == nullptr || std::abs(top->load_kg - load_kg) > kHair) break;
  }
  return held;
}

// Since when a load has been lifted without a change.
Day heldSince(const LiftPlan& plan, std::span<const Session> sessions, double load_kg) {
  Day since = sessions.back().front().day;
  for (std::size_t k = sessions.size(); k-- > 0;) {
    const DoneSet* top = topOf(plan, sessions[k]);
    if (top == nullptr || std::abs(top->load_kg - load_kg) > kHair) break;
    since = sessions[k].front().day;
  }
  return since;
}

double shareOfSingle(double effort) {
  return shareOf(kUsualRelation, 1.0 + repsInReserve(effort));
}

// Carries the pieces that all three kinds need.
struct Planner {
  const LiftPlan& plan;
  const PlanGates& gates;
  const LiftHistory& history;
  Day today;
  PlanWish wish;
  NextSession out = {};
  std::vector<Session> past = {};
  Session now = {};

  void cautions() {
    if (history.open_pain >= gates.pain_limit) out.cautions.push_back(Caution::kPainOpen);
    const bool ill =
        history.ill || std::find(out.gates.begin(), out.gates.end(), PlanReason::kIll) != out.gates.end();
    if (ill) out.cautions.push_back(Caution::kAfterIllness);
    if (history.minor_or_new) out.cautions.push_back(Caution::kQualifiedPerson);
    const bool hard = std::any_of(out.sets.begin(), out.sets.end(), [](const PlannedSet& s) {
      return s.role == SetRole::kTopSingle || s.effort >= 8.0;
    });
    if (hard || (history.lift == Lift::kBench && !out.sets.empty()))
      out.cautions.push_back(Caution::kSpotters);
    const Session seen = now.empty() ? (past.empty() ? Session() : past.back()) : now;
    if (!seen.empty() && verdictOf(seen).value_or(LoadAction::kCantTell) == LoadAction::kCantTell)
      out.cautions.push_back(Caution::kUnjudged);
  }
  void changes(std::initializer_list<ChangeIf> list) { out.would_change = list; }

  // From the sessions before today. What was felt in the last of them is left out where others tell the
  // strength too: it is a gate of its own, and a word far off would count for less the farther it is.
  std::optional<Strength> strength() const {
    std::vector<StrengthSet> sets = strengthSetsOf(history);
    std::erase_if(sets, [&](const StrengthSet& s) { return s.day >= today; });
    if (past.size() > 1)
      for (StrengthSet& s : sets)
        if (s.day == past.back().front().day) s.reserve.reset();
    return estimateStrength(history.lift, sets);
  }

  // Where nothing is known of the lift: from the empty bar in even steps, more of them while it is easy.
  void climb() {
    const double step = 2.0 * wish.step_kg;
    constexpr int kClimbSets = 5;
    const auto set = [&](double load) { return PlannedSet{SetRole::kClimb, load, 1, plan.reps, 7.0, {}}; };
    if (now.empty() && history.open_pain >= gates.pain_limit) {
      // Nothing is raised: the empty bar, and no more.
      out.reason = PlanReason::kPain;
      out.reason_number = history.open_pain;
      out.gates = {PlanReason::kPain};
      out.last_kg = out.cap_kg = gates.empty_bar_kg;
      out.sets = {set(gates.empty_bar_kg)};
      return changes({ChangeIf::kPainGone});
    }
    if (now.empty()) {
      out.reason = PlanReason::kFirstSession;
      for (int k = 0; k < kClimbSets; ++k) out.sets.push_back(set(gates.empty_bar_kg + k * step));
      changes({ChangeIf::kVerdictWorse, ChangeIf::kEffortHigher});
      return;
    }
    const DoneSet& last = now.back();
    out.last_kg = last.load_kg;
    const auto felt = effortOf(now.last(1), 0.0);
    const auto verdict = verdictOf(now.last(1));
    const bool go_on = !last.missed() && felt.value_or(7.0) < 8.0 && history.open_pain < gates.pain_limit &&
                       !last.ill && !history.ill && (!verdict || *verdict == LoadAction::kAdd);
    out.reason = go_on ? PlanReason::kStepAdded : PlanReason::kSessionDone;
    out.reason_number = step;
    if (go_on) out.sets = {set(last.load_kg + step)};
    changes({ChangeIf::kVerdictWorse, ChangeIf::kEffortHigher});
  }

  // The load of the next session: what the plan wants, below every gate.
  double gated(double last_kg, double wanted_kg, PlanReason why, double number) {
    out.last_kg = last_kg;
    out.reason = why;
    out.reason_number = number;
    double load = wanted_kg;
    std::optional<double> cap;
    for (const Gate& g : gatesOf(plan, gates, history, past, last_kg, today)) {
      out.gates.push_back(g.reason);
      if (g.cap_kg < std::min(load, cap.value_or(load)) - kHair) {
        out.reason = g.reason;
        out.reason_number = g.number;
      }
      cap = std::min(cap.value_or(g.cap_kg), g.cap_kg);
    }
    if (cap) {
      out.cap_kg = *cap;
      load = std::min(load, downTo(*cap, wish.step_kg));
    }
    return std::max(wish.step_kg, load);
  }

  void changesAfter() {
    switch (out.reason) {
      case PlanReason::kPain:
        return changes({ChangeIf::kPainGone});
      case PlanReason::kRepair:
      case PlanReason::kHoldVerdict:
        return changes({ChangeIf::kVerdictBetter});
      case PlanReason::kNotJudged:
        return changes({ChangeIf::kJudgeable});
      case PlanReason::kRepsMissed:
        return changes({ChangeIf::kAllReps});
      case PlanReason::kEffortTooHigh:
      case PlanReason::kStalled:
        return changes({ChangeIf::kEffortLower});
      case PlanReason::kBySpeed:
        return changes({ChangeIf::kFaster, ChangeIf::kSlower, ChangeIf::kVerdictWorse});
      default:
        return changes({ChangeIf::kVerdictWorse, ChangeIf::kEffortHigher});
    }
  }

  void stepsSession() {
    const Session last = past.back();
    const double last_kg = topOf(plan, last)->load_kg;
    const auto felt = effortOf(last, last_kg);
    double wanted = nearestTo(last_kg, wish.step_kg) + wish.step_kg;
    PlanReason why = PlanReason::kStepAdded;
    double number = wish.step_kg;
    if (felt && *felt > plan.effort_limit) {
      wanted = last_kg;
      why = PlanReason::kEffortTooHigh;
      number = *felt;
    }
    const bool not_going_on = why == PlanReason::kEffortTooHigh || anyMissed(last);
    if (not_going_on && heldFor(plan, past, last_kg) >= plan.holds_before_cut) {
      wanted = downTo(last_kg * (1.0 - plan.cut), wish.step_kg);
      why = PlanReason::kStalled;
      number = 100.0 * plan.cut;
    }
    const double load = gated(last_kg, wanted, why, number);
    out.sets = {{SetRole::kWork, load, plan.sets, plan.reps, plan.effort, {}}};
    changesAfter();
  }

  // What is left of today's sets of one load.
  void goOn(SetRole role, double load_kg, int left, int reps, double effort, PlanReason why) {
    const DoneSet& last = now.back();
    out.last_kg = last.load_kg;
    out.reason = why;
    const auto felt = effortOf(now.last(1), 0.0);
    const auto verdict = verdictOf(now.last(1));
    double load = load_kg;
    const auto cutTo = [&](double part, PlanReason reason, double number) {
      load = downTo(std::min(load, last.load_kg * (1.0 - part)), wish.step_kg);
      out.reason = reason;
      out.reason_number = number;
    };
    if (verdict && isCut(*verdict)) {
      cutTo(kRepairCut, PlanReason::kRepair, 100.0 * kRepairCut);
    } else if (last.missed()) {
      cutTo(plan.cut, PlanReason::kRepsMissed, last.reps_asked - last.reps_done);
    } else if (felt && *felt > plan.effort_limit + 0.5 && role != SetRole::kBackOff) {
      cutTo(plan.cut, PlanReason::kEffortTooHigh, *felt);
    } else if (role == SetRole::kBackOff && felt && *felt > plan.effort_limit && !isSingle(last)) {
      cutTo(plan.cut, PlanReason::kEffortTooHigh, *felt);
    }
    if (history.open_pain >= gates.pain_limit && load >= last.load_kg) {
      load = std::min(load, last.load_kg);
      out.cap_kg = last.load_kg;
      out.gates.push_back(PlanReason::kPain);
    }
    if (left > 0) {
      out.sets = {{role, std::max(wish.step_kg, load), left, reps, effort, {}}};
    } else {
      out.reason = PlanReason::kSessionDone;
    }
    changesAfter();
  }

  void steps() {
    if (past.empty()) return climb();
    if (now.empty()) return stepsSession();
    const int done = static_cast<int>(now.size());
    goOn(SetRole::kWork, now.back().load_kg, plan.sets - done, plan.reps, plan.effort, PlanReason::kGoOn);
  }

  // On the lower side of what is known; of a single session what its weakest set says.
  std::optional<double> carefulSingle() const {
    if (past.size() > 1) {
      const std::optional<Strength> known = strength();
      if (!known) return std::nullopt;
      const Estimate single = known->loadFor(today, 1.0, plan.effort);
      return std::max(wish.step_kg, downTo(single.value - single.sd, wish.step_kg));
    }
    // Where nobody said how hard they were: what was lifted for reps goes for a single.
    std::optional<double> least, heaviest;
    for (const DoneSet& s : past.back()) {
      if (s.reps_done > 0) heaviest = std::max(heaviest.value_or(0.0), s.load_kg);
      if (const auto reserve = reserveOf(s); reserve && s.reps_done > 0) {
        const double says =
            s.load_kg * shareOfSingle(plan.effort) / shareOf(kUsualRelation, s.reps_done + reserve->value);
        least = std::min(least.value_or(says), says);
      }
    }
    if (!least) least = heaviest;
    if (least) least = std::max(wish.step_kg, downTo(*least, wish.step_kg));
    return least;
  }

  void singleSession() {
    // The last session that had a single; else what the strength says, on its lower side.
    std::size_t k = past.size();
    while (k > 0 && topOf(plan, past[k - 1]) == nullptr) --k;
    double load = 0.0;
    if (k == 0) {
      const std::optional<double> careful = carefulSingle();
      if (!careful) return climb();
      double heaviest = 0.0, for_reps = 0.0;
      for (const DoneSet& s : past.back()) heaviest = std::max(heaviest, s.load_kg);
      // What went for reps goes for a single.
      for (const DoneSet& s : history.sets)
        if (s.day >= past.back().front().day && !s.missed()) for_reps = std::max(for_reps, s.load_kg);
      // A first single may be above the sets before it, but for a gate.
      load =
          gated(heaviest, std::max(*careful, downTo(for_reps, wish.step_kg)), PlanReason::kFirstSingle, 0.0);
    } else {
      const Session last = past[k - 1];
      const DoneSet& single = *topOf(plan, last);
      const auto felt = effortOf(last.subspan(static_cast<std::size_t>(&single - last.data()), 1), 0.0);
      const std::optional<double> word = single.effort_felt ? single.effort_felt : single.effort_seen;
      const bool easy = word && *word <= plan.effort - 1.0 && !single.missed();
      const double weeks =
          std::min(2.0, daysBetween(heldSince(plan, std::span(past).first(k), single.load_kg), today) / 7.0);
      double wanted = nearestTo(single.load_kg * (1.0 + plan.gain_week * weeks), wish.step_kg);
      PlanReason why = PlanReason::kGainAdded;
      double number = 100.0 * plan.gain_week * weeks;
      if (easy) {
        // Far from the effort that was asked for: nearer to it, by not more than a twentieth.
        constexpr double kMostCatchUp = 1.05;
        const double equal = shareOfSingle(plan.effort) / shareOfSingle(std::max(kLeastEffort, *word));
        wanted = std::max(wanted, downTo(single.load_kg * std::min(kMostCatchUp, equal), wish.step_kg));
      } else if (felt && *felt > plan.effort_limit) {
        wanted = downTo(single.load_kg * shareOfSingle(plan.effort) / shareOfSingle(*felt), wish.step_kg);
        why = PlanReason::kEffortTooHigh;
        number = *felt;
      } else if (felt && *felt > plan.effort + 0.25) {
        wanted = std::min(wanted, single.load_kg);
        why = PlanReason::kEffortTooHigh;
        number = *felt;
      }
      load = gated(single.load_kg, std::max(wish.step_kg, wanted), why, number);
    }
    out.sets = {{SetRole::kTopSingle, load, 1, 1, plan.effort, {}},
                {SetRole::kBackOff,
                 nearestTo(plan.back_off_share * load, wish.step_kg),
                 plan.back_off_sets,
                 plan.back_off_reps,
                 plan.effort,
                 {}}};
    changesAfter();
  }

  void topSingle() {
    if (now.empty()) return past.empty() ? climb() : singleSession();
    const DoneSet* single = topOf(plan, now);
    if (single == nullptr) {
      if (past.empty()) return climb();
      now = {};
      return singleSession();
    }
    int done = 0;
    for (const DoneSet& s : now) done += isSingle(s) ? 0 : 1;
    // Of the single that would have been at the effort, when it was one rep or more off.
    double equal = single->load_kg;
    const auto reserve = reserveOf(*single);
    if (reserve && std::abs(10.0 - reserve->value - plan.effort) >= 1.0)
      equal *= std::min(1.0, shareOfSingle(plan.effort) / shareOfSingle(10.0 - reserve->value));
    double load = nearestTo(plan.back_off_share * equal, wish.step_kg);
    if (const auto verdict = verdictOf(now); verdict && isCut(*verdict))
      load = downTo(load * (1.0 - kRepairCut), wish.step_kg);
    if (done > 0) load = std::min(load, now.back().load_kg);
    goOn(SetRole::kBackOff, load, plan.back_off_sets - done, plan.back_off_reps, plan.effort,
         PlanReason::kFromSingle);
    if (out.reason == PlanReason::kRepair && !out.sets.empty()) out.sets.front().load_kg = load;
  }

  void bySpeed() {
    if (past.empty()) return climb();
    const std::optional<Strength> known = strength();
    const double last_kg = topOf(plan, past.back())->load_kg;
    if (!now.empty()) {
      goOn(SetRole::kWork, now.back().load_kg, plan.sets - static_cast<int>(now.size()), plan.reps,
           plan.effort, PlanReason::kGoOn);
      const DoneSet& first = now.front();
      if (known && !first.speeds_ms.empty() && !out.sets.empty()) {
        const Estimate expected = known->speedOf(today, first.load_kg, history.lift);
        const Estimate fastest =
            *std::max_element(first.speeds_ms.begin(), first.speeds_ms.end(),
                              [](const Estimate& a, const Estimate& b) { return a.value < b.value; });
        out.sets.front().stop_below_ms = fastest.value * (1.0 - plan.speed_loss);
        if (now.size() == 1 && fastest.value < expected.value - 2.0 * std::hypot(expected.sd, fastest.sd)) {
          out.reason = PlanReason::kSlowDay;
          out.reason_number = expected.value - fastest.value;
          const double slower = downTo(first.load_kg * (1.0 - plan.cut), wish.step_kg);
          out.sets.front().load_kg = std::min(out.sets.front().load_kg, slower);
          changesAfter();
        }
      }
      return;
    }
    const auto felt = effortOf(past.back(), last_kg);
    double wanted = last_kg;
    PlanReason why = PlanReason::kBySpeed;
    double number = 0.0;
    if (known) {
      // A set of so many reps at the effort may be heavier than the share; never by more than a step.
      const double by_line = nearestTo(known->at(today).best_kg.value * plan.share, wish.step_kg);
      wanted = std::min(by_line, nearestTo(last_kg, wish.step_kg) + wish.step_kg);
      number = 100.0 * plan.share;
    }
    if (felt && *felt > plan.effort_limit && wanted > last_kg) {
      wanted = last_kg;
      why = PlanReason::kEffortTooHigh;
      number = *felt;
    }
    const double load = gated(last_kg, wanted, why, number);
    out.sets = {{SetRole::kWork, load, plan.sets, plan.reps, plan.effort, {}}};
    if (known)
      out.sets.front().stop_below_ms =
          known->speedOf(today, load, history.lift).value * (1.0 - plan.speed_loss);
    changesAfter();
  }
};

}  // namespace

std::string_view nameOf(SetRole role) {
  return kRoles[static_cast<std::size_t>(role)];
}
std::string_view nameOf(PlanReason reason) {
  return kReasons[static_cast<std::size_t>(reason)];
}
std::string_view nameOf(ChangeIf change) {
  return kChanges[static_cast<std::size_t>(change)];
}
std::string_view nameOf(Caution caution) {
  return kCautions[static_cast<std::size_t>(caution)];
}

const LiftPlan* PlanBook::find(std::string_view id) const {
  const auto it = std::find_if(plans.begin(), plans.end(), [&](const LiftPlan& p) { return p.id == id; });
  return it == plans.end() ? nullptr : &*it;
}

Expected<PlanBook> parsePlanBook(std::string_view toml, std::string_view file_name) {
  PlanBook book;
  // An entry that has to lie in a range.
  const auto read = [](TomlTable& t, const char* key, double low, double high, auto& into) {
    const auto v = t.number(key);
    if (!v) return;
    if (!(*v >= low && *v <= high))
      return t.wrong(std::string(key) + " must lie between " + tomlNumber(low) + " and " + tomlNumber(high) +
                     ".");
    into = static_cast<std::remove_reference_t<decltype(into)>>(*v);
  };
  auto done = readToml(toml, file_name, [&](TomlTable& root) {
    root.table("gates", [&](TomlTable& t) {
      PlanGates& g = book.gates;
      read(t, "break_days", 3, 90, g.break_days);
      read(t, "break_cut", 0, 0.5, g.break_cut);
      read(t, "break_cut_week", 0, 0.3, g.break_cut_week);
      read(t, "most_break_cut", 0, 0.8, g.most_break_cut);
      read(t, "illness_cut", 0, 0.5, g.illness_cut);
      read(t, "pain_limit", 1, 10, g.pain_limit);
      read(t, "empty_bar_kg", 1, 50, g.empty_bar_kg);
    });
    root.tables("plan", [&](TomlTable& t) {
      LiftPlan p;
      p.id = t.text("id");
      t.call(p.id);
      p.title = t.text("title");
      p.words = t.text("words");
      p.source = t.text("source");
      const std::string kind = t.text("kind");
      if (kind == "steps")
        p.kind = PlanKind::kSteps;
      else if (kind == "top_single")
        p.kind = PlanKind::kTopSingle;
      else if (kind == "speed")
        p.kind = PlanKind::kSpeed;
      else
        t.wrong("kind must be steps, top_single or speed.");
      read(t, "sets", 1, 20, p.sets);
      read(t, "reps", 1, 20, p.reps);
      read(t, "effort", kLeastEffort, 10, p.effort);
      read(t, "effort_limit", kLeastEffort, 10, p.effort_limit);
      read(t, "holds_before_cut", 1, 20, p.holds_before_cut);
      read(t, "cut", 0, 0.5, p.cut);
      read(t, "back_off_share", 0.3, 1, p.back_off_share);
      read(t, "back_off_sets", 0, 20, p.back_off_sets);
      read(t, "back_off_reps", 1, 20, p.back_off_reps);
      read(t, "gain_week", 0, 0.05, p.gain_week);
      read(t, "share", 0.3, 1, p.share);
      read(t, "speed_loss", 0.05, 0.6, p.speed_loss);
      if (p.id.empty() || p.title.empty()) t.wrong("a plan needs an id and a title.");
      if (book.find(p.id) != nullptr) t.wrong("the id is used twice.");
      if (p.effort_limit < p.effort) t.wrong("effort_limit must not be below effort.");
      book.plans.push_back(std::move(p));
    });
    if (book.plans.empty()) root.wrong("there is no [[plan]] in it.");
  });
  if (!done) return tl::make_unexpected(done.error());
  return book;
}

const PlanBook& builtInPlanBook() {
  static const PlanBook book = [] {
    auto parsed = parsePlanBook(kBuiltInPlans, "rules/plans.toml");
    assert(parsed && "the shipped plans must be valid; a test reads them");
    return parsed.value_or(PlanBook{});
  }();
  return book;
}

std::optional<Estimate> reserveOf(const DoneSet& set) {
  if (set.missed()) return Estimate{0.0, 0.3};
  const auto word = set.effort_felt ? reserveByWord(*set.effort_felt) : std::nullopt;
  const auto eye = set.effort_seen ? reserveByEye(*set.effort_seen) : std::nullopt;
  return weighReserve(word, eye, std::nullopt).together;
}

std::vector<StrengthSet> strengthSetsOf(const LiftHistory& history) {
  std::vector<StrengthSet> out;
  for (const DoneSet& s : history.sets) {
    StrengthSet set{s.day, s.load_kg, s.reps_done, reserveOf(s), false, {}};
    const std::optional<double> word = s.effort_felt ? s.effort_felt : s.effort_seen;
    set.easy = !set.reserve && word && *word < kLeastEffort;
    for (const Estimate& speed : s.speeds_ms)
      if (!set.speed_ms || speed.value > set.speed_ms->value) set.speed_ms = speed;
    out.push_back(set);
  }
  return out;
}

std::vector<SpeedAndReserve> speedsOf(const LiftHistory& history) {
  std::vector<SpeedAndReserve> out;
  for (const DoneSet& s : history.sets)
    if (const auto reserve = reserveOf(s); reserve && !s.speeds_ms.empty())
      out.push_back({s.speeds_ms.back(), *reserve});
  return out;
}

bool endsBySpeed(const LiftPlan& plan, std::span<const Estimate> speeds_ms) {
  if (plan.kind != PlanKind::kSpeed || speeds_ms.empty()) return false;
  double fastest = 0.0;
  for (const Estimate& s : speeds_ms) fastest = std::max(fastest, s.value);
  return speeds_ms.back().value < fastest * (1.0 - plan.speed_loss);
}

Expected<NextSession> planNext(const LiftPlan& plan, const PlanGates& gates, const LiftHistory& history,
                               Day today, const PlanWish& wish) {
  if (!(wish.step_kg > 0.0 && wish.step_kg <= 50.0))
    return fail(Remedy::kCorrectInput, "Next sets: the step must lie between 0 and 50 kg.");
  for (std::size_t k = 0; k < history.sets.size(); ++k) {
    const DoneSet& s = history.sets[k];
    if (!(s.load_kg > 0.0 && s.load_kg <= 1000.0) || s.reps_done < 0 || s.reps_done > 100)
      return fail(Remedy::kCorrectInput,
                  "Next sets: the set of " + nameOf(s.day) +
                      " has no load between 0 and 1000 kg, or no reps between 0 and 100.");
    if (k > 0 && s.day < history.sets[k - 1].day)
      return fail(Remedy::kCorrectInput,
                  "Next sets: the sets are not in order; " + nameOf(s.day) + " is late.");
    if (s.day > today)
      return fail(Remedy::kCorrectInput, "Next sets: the set of " + nameOf(s.day) + " is still to come.");
  }
  Planner planner{plan, gates, history, today, wish};
  planner.past = sessionsOf(history.sets);
  if (!planner.past.empty() && planner.past.back().front().day == today) {
    planner.now = planner.past.back();
    planner.past.pop_back();
  }
  if (plan.kind == PlanKind::kTopSingle)
    planner.topSingle();
  else if (plan.kind == PlanKind::kSteps)
    planner.steps();
  else
    planner.bySpeed();
  planner.cautions();
  return planner.out;
}

Expected<void> putOnPlates(NextSession& session, const Gear& gear, const Rigging& on) {
  for (PlannedSet& set : session.sets) {
    const bool capped = session.cap_kg && set.load_kg <= *session.cap_kg + kHair;
    LoadWish wish{Mass::ofKg(set.load_kg), on.at_top, false};
    auto loading = loadPlates(gear, on.bar, wish);
    if (loading && capped && loading->total.kg() > *session.cap_kg + kHair) {
      wish.total = Mass::ofKg(*session.cap_kg);
      wish.never_above = true;
      loading = loadPlates(gear, on.bar, wish);
    }
    if (!loading) return tl::make_unexpected(loading.error());
    set.load_kg = loading->total.kg();
  }
  return {};
}

}  // namespace mottix
