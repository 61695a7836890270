// What is usual for an athlete, from the sets before, and what has changed against it.
//
// Of each set the middle rep's value counts. The usual value is the median over the sets, of like effort
// where there are enough; how far single sets lie from it is 1.4826 times their median distance, less what
// their measuring errors explain (key rousseeuw1993). A change is said when it is larger than chance and
// errors allow (two standard deviations) and large enough to matter: half of what lies between a rule's limit
// and a big deviation. It may be inside every limit.
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/measure/measure.h"
#include "core/verdict/judged_set.h"
#include "core/verdict/rule_book.h"

namespace mottix {

struct PastSet {
  Lift lift = Lift::kSquat;
  bool across = false;  // filmed from the front or the rear
  std::vector<std::string> variants;
  std::optional<double> effort;
  std::optional<double> load_kg;
  std::vector<Measure> measures;
  std::vector<std::string> found;  // rules that were clearly broken
};

// Fewer sets do not tell what is usual.
inline constexpr int kSetsForUsual = 3;
// Efforts that are alike.
inline constexpr double kLikeEffort = 1.0;

// The middle of a set's reps, with the error of one of them: what they share does not average out. Nothing
// without a value.
std::optional<Estimate> middleRep(const std::vector<Measure>& measures, MeasureId id);

// Of the sets of the same lift, variants and kind of view; in any order. Empty in the first sets of a life.
Usuals usualsOf(std::span<const PastSet> past, const PastSet& now);
// How many sets there are to tell from.
int likeSets(std::span<const PastSet> past, const PastSet& now);

struct ChangeFromUsual {
  MeasureId id;
  Estimate now, by;
  Usual usual;
};
// The most certain first.
std::vector<ChangeFromUsual> findChanges(const RuleBook& book, Lift lift,
                                         const std::vector<Measure>& measures, const JudgedSet& set);

}  // namespace mottix
