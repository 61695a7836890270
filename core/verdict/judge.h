// From measures to findings and to the decision on the load.
//
// A finding is clear when the probability that the true value lies beyond the limit is at least 95 % (given
// the measure's error), borderline from 25 % on, and "can't tell" when the measure has no value or is less
// precise than the rule allows. No clear finding is ever made that the error does not support.
#pragma once

#include <string>
#include <vector>

#include "core/measure/measure_set.h"
#include "core/verdict/rule_book.h"

namespace mottix {

enum class Severity { kSmall, kBig };
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
  std::vector<int> reps;
  Severity severity = Severity::kSmall;
  Certainty certainty = Certainty::kCantTell;
  FindingReason reason = FindingReason::kJointsMissing;
  std::size_t frame = 0;   // of the rep that shows it most
  bool overruled = false;  // by the coach; kept and not counted
};

std::string_view nameOf(Severity severity);
std::string_view nameOf(Certainty certainty);
std::string_view nameOf(FindingReason reason);

// At most one finding a rule and certainty, the clearest first.
std::vector<Finding> judge(const RuleBook& book, Lift lift, const std::vector<Measure>& measures);

}  // namespace mottix
