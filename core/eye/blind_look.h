// The coach's eye held against the measures: what was called on a film without numbers, what was there, and
// from which size on a fault is called.
//
// The size from which it is called is that at which half are: the middle of a cumulative normal with a small
// share of calls at random and of lapses, estimated on a grid with a wide prior about the rule's own limit
// (key wichmann2001).
#pragma once

#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/motion/tracks.h"
#include "core/verdict/judge.h"

namespace mottix {

enum class LookId : long long {};

enum class Called { kNothing, kSmall, kBig };
std::string_view nameOf(Called called);
std::optional<Called> calledNamed(std::string_view name);

// What the coach called, when and how large.
struct EyeMark {
  std::string rule;
  int rep = 0;  // from 1
  Called size = Called::kSmall;
  bool operator==(const EyeMark&) const = default;
};

// One thing that could have been called in a clip.
struct Glance {
  std::string rule;
  Estimate value;                 // of the rep that goes furthest, in the measure's unit
  double limit = 0.0, big = 0.0;  // as the book had them that day
  std::optional<Called> is;       // nothing: too close to call
  Called called = Called::kNothing;
  std::vector<int> reps, called_on;  // as they are known in the clip; not kept
};

struct BlindLook {
  LookId id{};
  std::string day;  // ISO date
  std::uint32_t seed = 0;
  Lift lift = Lift::kSquat;
  View view = View::kSide;
  std::vector<Glance> seen;
};

// Rules that can be called from these measures: what shows the same event another way is called as the event.
std::vector<const Rule*> callableRules(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                       const JudgedSet& set);

// Every callable rule, as it is and as it was called; marks of other rules are passed over.
std::vector<Glance> compareCalls(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                 const JudgedSet& set, std::span<const EyeMark> marks);

// What an eye did with one rule.
struct EyeOfRule {
  int looks = 0;  // in which it could be told
  int there = 0, seen = 0;
  int not_there = 0, invented = 0;
  // Called from here on, in the measure's unit on the fault's side (of kBelow rules: up to here). Nothing:
  // too early, its error is still more than half of what lies between limit and big.
  std::optional<Estimate> from;
};
EyeOfRule estimateEye(const Rule& rule, std::span<const BlindLook> looks);

// One day's looks together.
struct EyeDay {
  std::string day;
  int looks = 0, there = 0, seen = 0, invented = 0;
};
// In the order of days.
std::vector<EyeDay> eyeByDay(std::span<const BlindLook> looks);

}  // namespace mottix
