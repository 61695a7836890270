// Stored sets judged again: what a change of the house's rules would change in past verdicts.
#pragma once

#include <functional>
#include <map>
#include <span>
#include <vector>

#include "core/log/judging.h"

namespace mottix {

// A set of the log, as it is kept.
struct LoggedSet {
  SetId id{};
  AthleteId athlete{};
  SetEdit edit;
  bool across = false;
  std::vector<Measure> measures;
  std::vector<std::string> found;
};

// The log made ready to be judged: each set's book is known but for the house's own layer.
struct PreparedLog {
  struct Set {
    SetId id;
    AthleteId athlete;
    Lift lift;
    std::size_t book;  // of `books`
    JudgedSet set;
    std::vector<Measure> measures;
  };
  std::vector<Set> sets;
  std::vector<RuleBook> books;
};
// Returns false to stop; `part` runs from 0 to 1.
using Going = std::function<bool(double part)>;
// Sets oldest first. Nothing when it was stopped.
std::optional<PreparedLog> prepareLog(std::span<const AthleteRecord> athletes, std::vector<LoggedSet> sets,
                                      const Going& going = {});

// What one rule says of one set, the surest first; nothing: in order, or not to be told.
struct RuleVerdict {
  SetId set{};
  AthleteId athlete{};
  std::optional<Finding> is;
  std::optional<double> value;  // of the rep that goes furthest, where it was measured
};
// Of every set that the rule is for.
std::vector<RuleVerdict> judgeRule(const PreparedLog& log, const std::string& rule,
                                   const std::optional<RuleLayer>& house, const Going& going = {});

struct VerdictChange {
  SetId set{};
  AthleteId athlete{};
  std::optional<Finding> before, after;
};
// Sets on which certainty or size of a finding differs.
std::vector<VerdictChange> changesBetween(std::span<const RuleVerdict> before,
                                          std::span<const RuleVerdict> after);

}  // namespace mottix
