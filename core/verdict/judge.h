// From measures to findings.
//
// A rep is clearly beyond a limit when the probability that its true value lies beyond is at least 95 %
// (given the measure's error), borderline from 25 % on, and "can't tell" when the measure has no value or is
// less precise than the rule allows. A finding is clear when the rule's number of reps are: none is ever made
// that the error does not support. What shows only on the last reps of a hard set is graded so.
#pragma once

#include <string>
#include <vector>

#include "core/measure/measure.h"
#include "core/verdict/judged_set.h"
#include "core/verdict/rule_book.h"

namespace mottix {

enum class Severity { kWhenTired, kSmall, kBig };
enum class Certainty { kClear, kBorderline, kCantTell };
enum class FindingReason {
  kBeyondLimit,
  kNearLimit,
  kJointsMissing,
  kFeetMissing,
  kWrongView,
  kBarLost,
  kTooImprecise,
};

inline constexpr double kClearProbability = 0.95;
inline constexpr double kBorderlineProbability = 0.25;

struct Finding {
  std::string rule;
  std::string event;  // the rule that it is said under: its own, or the one whose event it shows as well
  std::vector<int> reps;
  Severity severity = Severity::kSmall;
  Certainty certainty = Certainty::kCantTell;
  FindingReason reason = FindingReason::kJointsMissing;
  std::size_t frame = 0;   // of the rep that shows it most
  bool overruled = false;  // by the coach; kept and not counted
  // Of the rep that shows it most: what was measured, how far it lies beyond (of the usual value where the
  // rule asks that), and the numbers it was held against.
  MeasureId measure = MeasureId::kDepthMargin;
  Estimate value;
  double limit = 0.0, big = 0.0;
  std::optional<Usual> usual;
  std::string exception;  // why the numbers are not the rule's own; empty: they are
  bool must = false;      // without it the set is not judged
};

std::string_view nameOf(Severity severity);
std::string_view nameOf(Certainty certainty);
std::string_view nameOf(FindingReason reason);

// A rule as it holds for this set: exceptions taken in. Nothing where it is not in force.
struct RuleInForce {
  const Rule* rule;
  double limit, big;
  std::string exception;
};
std::optional<RuleInForce> inForce(const Rule& rule, Lift lift, const JudgedSet& set);

// At most one finding a rule and certainty, the clearest first.
std::vector<Finding> judge(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                           const JudgedSet& set = {});

// The rep that goes furthest to the rule's side, of all its measures; of what is usual where the rule asks
// that. Nothing where none was measured.
std::optional<Estimate> furthestValue(const Rule& rule, const std::vector<Measure>& measures,
                                      const JudgedSet& set = {});

// Rules in force that were answered: a measure was there, precise enough.
std::vector<const Rule*> answeredRules(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                       const JudgedSet& set = {});
// Rules in force whose measures do not show from where the set was filmed.
std::vector<const Rule*> unseenRules(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                     const JudgedSet& set = {});

}  // namespace mottix
