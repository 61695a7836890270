// The good-enough rule and the next load.
//
// No, or one or two, small deviations are good enough: keep adding (the cue and assistance mend them).
// Several small ones or one big one: technique first; the load is held, and cut when the big one shows on two
// reps or more. Who repairs first holds the load for a single small one. Only clear findings count, those of
// one event once; what shows only on the last reps of a hard set does not limit the load, and what the coach
// overruled does not count. A load is never raised while a pain note of 4/10 or more is open, or when the set
// could not be judged, and not against a cause the coach has confirmed.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/verdict/causes.h"

namespace mottix {

enum class LoadAction { kAdd, kHold, kRepair, kCantTell };
enum class LoadReason {
  kGoodEnough,
  kSeveralSmall,
  kOneBig,
  kBigOnManyReps,
  kRepsMissing,
  kPain,
  kCouldNotJudge,
  kNoRules,         // the book has none for this lift
  kRepairFirst,     // the school does not add while anything is off
  kConfirmedCause,  // which asks for it
};
std::string_view nameOf(LoadAction action);
std::string_view nameOf(LoadReason reason);

struct LoadOptions {
  double step_kg = 2.5;      // set by the coach, per athlete and lift
  double repair_cut = 0.10;  // part taken off when technique comes first
  int small_tolerated = 2;   // "one or two small deviations"
  int pain_limit = 4;        // of 10
  Expected<void> validate() const;
};

struct LoadInput {
  std::optional<double> load_kg;  // of the set just seen
  int reps_asked = 0;             // 0: not asked for a number
  int reps_done = 0;
  int open_pain = 0;      // highest open note, 0..10
  int rules_applied = 0;  // 0: nothing was there to judge by
  bool repair_first = false;
  CauseLoad cause = CauseLoad::kNone;  // what the causes that the coach confirmed ask for
};

struct LoadDecision {
  LoadAction action = LoadAction::kCantTell;
  LoadReason reason = LoadReason::kCouldNotJudge;
  std::optional<double> next_load_kg;
  // Events counted: clear ones, and those that only show when tired.
  int small = 0, big = 0, tired = 0;
};

Expected<LoadDecision> decideLoad(const std::vector<Finding>& findings, const LoadInput& input,
                                  const LoadOptions& options = {});

}  // namespace mottix
