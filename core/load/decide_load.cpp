#include "core/load/decide_load.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace mottix {

std::string_view nameOf(LoadAction action) {
  switch (action) {
    case LoadAction::kAdd:
      return "add";
    case LoadAction::kHold:
      return "hold";
    case LoadAction::kRepair:
      return "repair";
    case LoadAction::kCantTell:
      return "cant_tell";
  }
  return "";
}

std::string_view nameOf(LoadReason reason) {
  switch (reason) {
    case LoadReason::kGoodEnough:
      return "good_enough";
    case LoadReason::kSeveralSmall:
      return "several_small";
    case LoadReason::kOneBig:
      return "one_big";
    case LoadReason::kBigOnManyReps:
      return "big_on_many_reps";
    case LoadReason::kRepsMissing:
      return "reps_missing";
    case LoadReason::kPain:
      return "pain";
    case LoadReason::kCouldNotJudge:
      return "could_not_judge";
    case LoadReason::kNoRules:
      return "no_rules";
    case LoadReason::kRepairFirst:
      return "repair_first";
    case LoadReason::kConfirmedCause:
      return "confirmed_cause";
  }
  return "";
}

Expected<void> LoadOptions::validate() const {
  auto bad = [](const char* what) { return fail(Remedy::kCorrectInput, std::string("Next load: ") + what); };
  if (!(step_kg > 0.0 && step_kg <= 50.0)) return bad("the step must lie between 0 and 50 kg.");
  if (!(repair_cut >= 0.0 && repair_cut < 1.0)) return bad("the cut must lie between 0 and 1.");
  if (small_tolerated < 0) return bad("the number of small deviations cannot be negative.");
  if (pain_limit < 1 || pain_limit > 10) return bad("the pain limit must lie between 1 and 10.");
  return {};
}

Expected<LoadDecision> decideLoad(const std::vector<Finding>& findings, const LoadInput& input,
                                  const LoadOptions& options) {
  if (auto ok = options.validate(); !ok) return tl::make_unexpected(ok.error());
  if (input.load_kg && !(*input.load_kg >= 0.0 && *input.load_kg <= 1000.0))
    return fail(Remedy::kCorrectInput, "A load must lie between 0 and 1000 kg.");
  int cant_tell = 0;
  std::map<std::string, const Finding*> events;  // the gravest of each
  std::set<int> big_reps;
  for (const Finding& f : findings) {
    if (f.overruled) continue;
    if (f.certainty == Certainty::kCantTell && f.must) ++cant_tell;
    if (f.certainty != Certainty::kClear) continue;
    const Finding*& gravest = events[f.event.empty() ? f.rule : f.event];
    if (gravest == nullptr || f.severity > gravest->severity) gravest = &f;
    if (f.severity == Severity::kBig) big_reps.insert(f.reps.begin(), f.reps.end());
  }
  LoadDecision d;
  for (const auto& [event, f] : events)
    ++(f->severity == Severity::kBig ? d.big : f->severity == Severity::kSmall ? d.small : d.tired);
  const auto decide = [&](LoadAction action, LoadReason reason) {
    d.action = action;
    d.reason = reason;
  };
  constexpr int kFewestRules = 2;  // one rule alone does not make a set good enough
  if (input.rules_applied == 0) {
    decide(LoadAction::kCantTell, LoadReason::kNoRules);
  } else if (big_reps.size() >= 2) {
    decide(LoadAction::kRepair, LoadReason::kBigOnManyReps);
  } else if (input.cause == CauseLoad::kCut && d.big + d.small > 0) {
    decide(LoadAction::kRepair, LoadReason::kConfirmedCause);
  } else if (d.big > 0) {
    decide(LoadAction::kHold, LoadReason::kOneBig);
  } else if (d.small > options.small_tolerated) {
    decide(LoadAction::kHold, LoadReason::kSeveralSmall);
  } else if (input.repair_first && d.small > 0) {
    decide(LoadAction::kHold, LoadReason::kRepairFirst);
  } else if (cant_tell > 0 || input.reps_done == 0) {
    decide(LoadAction::kCantTell, LoadReason::kCouldNotJudge);
  } else if (input.rules_applied < kFewestRules) {
    decide(LoadAction::kCantTell, LoadReason::kNoRules);
  } else if (input.open_pain >= options.pain_limit) {
    decide(LoadAction::kHold, LoadReason::kPain);
  } else if (input.cause != CauseLoad::kNone) {
    decide(LoadAction::kHold, LoadReason::kConfirmedCause);
  } else if (input.reps_asked > 0 && input.reps_done < input.reps_asked) {
    decide(LoadAction::kHold, LoadReason::kRepsMissing);
  } else {
    decide(LoadAction::kAdd, LoadReason::kGoodEnough);
  }
  if (input.load_kg) {
    const double load = *input.load_kg;
    if (d.action == LoadAction::kAdd) {
      d.next_load_kg = load + options.step_kg;
    } else if (d.action == LoadAction::kRepair) {
      // Cut to a load that can be put on the bar, and by one step at least.
      const double cut =
          std::floor(load * (1.0 - options.repair_cut) / options.step_kg + 1e-9) * options.step_kg;
      d.next_load_kg = std::max(0.0, std::min(cut, load - options.step_kg));
    } else {
      d.next_load_kg = load;
    }
  }
  return d;
}

}  // namespace mottix
