// Rule books: what counts as a deviation, on which reps, how large, for whom not, and whose rule it is.
//
// A book is TOML, one home a rule; docs/rule-books.md describes every entry. The base stands for itself. A
// layer (a school's, or the house's own) answers one question and changes rules of the book under it or adds
// some; layers that answer the same question, or change the same rule, are never laid over each other.
// Errors (kCorrectInput) name the file, the line and what is wrong.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/fit/fit_subject.h"
#include "core/measure/catalogue.h"

namespace mottix {

enum class FaultSide { kAbove, kBelow, kEither };  // kEither: by the size, to whichever side
// What the limit is compared with: the value, or how far it lies from what is usual for the athlete.
enum class RuleOf { kValue, kUsual };

// For whom a rule is another or none. Every condition that is stated must hold.
struct RuleException {
  std::vector<std::string> variants;        // any of these (core/verdict/judged_set.h)
  std::string build;                        // "long_thighs", …
  std::optional<ComplaintJoint> complaint;  // open, and bad enough to count
  std::optional<double> effort_from;
  std::optional<bool> off;
  std::optional<double> limit, big;
  std::string why;
  bool operator==(const RuleException&) const = default;
};

// Only reps in which another measure lies on this side of a value.
struct RuleWhere {
  MeasureId measure;
  FaultSide side;  // kAbove or kBelow
  double value;
  bool operator==(const RuleWhere&) const = default;
};

struct Rule {
  std::string id;  // "squat.high"
  std::vector<Lift> lifts;
  std::vector<std::string> variants, not_variants;  // only these, if any; and never these
  std::string phase;                                // when it shows: "bottom", "way up", …
  std::string part_of;              // the rule whose event this is as well, seen another way; empty: its own
  std::vector<MeasureId> measures;  // the one that shows it most counts
  FaultSide fault = FaultSide::kAbove;
  RuleOf of = RuleOf::kValue;
  double limit = 0.0, big = 0.0;  // in the measures' unit; on kEither sizes
  double max_sd = 0.0;            // beyond this error nothing is judged
  int reps = 1;                   // on so many at least
  bool off = false;
  bool must = false;             // a set is not called good enough while this cannot be judged
  bool tired_counts = false;     // never small for being late in a hard set
  double weight = 1.0;           // of a big one against others, when a cue is chosen
  std::optional<double> absent;  // what a rep without the thing measured counts as
  std::optional<RuleWhere> where;
  std::vector<RuleException> exceptions;  // the first that holds counts
  std::string says, maybe;                // "Too high", "May be high": reps follow
  std::string asks, fine;                 // "depth", "depth below parallel"
  std::string reads;                      // "Crease {} above the kneecap"
  std::string caution;                    // shown with it; empty: none
  std::string source;                     // where the numbers come from, or why they are these
  std::string school = "base";            // whose numbers these are
  std::string why;                        // and why they differ from the book under it

  bool isFor(Lift lift) const;
  bool operator==(const Rule&) const = default;
};

struct RuleBook {
  std::string name;  // "base", "base + hip-led"
  std::string version;
  bool repair_first = false;              // technique before load; otherwise the good-enough rule
  std::vector<std::string> schools = {};  // that were laid over the base, by name
  std::vector<Rule> rules;
  const Rule* find(std::string_view id) const;
  bool hasRulesFor(Lift lift) const;
};

// What a layer changes of one rule of the book under it.
struct RuleChange {
  std::string rule;
  std::string school = {};  // of the house's layer: only where this school judges; empty: whoever does
  std::optional<double> limit, big;
  std::optional<bool> off, must;
  std::optional<int> reps;
  std::string why;
};

struct RuleLayer {
  std::string name;      // as in files: "hip-led"
  std::string title;     // "hip-led squat"
  std::string question;  // which it answers: "squat style"
  std::string about;     // what it teaches
  std::string version;
  std::vector<Lift> lifts;
  std::optional<bool> repair_first;
  std::vector<RuleChange> changes;
  std::vector<Rule> rules;          // added
  std::vector<std::string> unseen;  // what it teaches that no camera shows
  bool isFor(Lift lift) const;
};

Expected<RuleBook> parseRuleBook(std::string_view toml, std::string_view file_name);
Expected<RuleLayer> parseRuleLayer(std::string_view toml, std::string_view file_name);
// A book lists rules only, a layer has `over`; either is told by that.
bool isRuleLayer(std::string_view toml);
std::string toToml(const RuleLayer& layer);

// The book with the layers laid over it, in their order. kCorrectInput where a layer changes a rule that
// there is not, or two mix.
Expected<RuleBook> layered(const RuleBook& base, const std::vector<RuleLayer>& layers);

// The house's own layer, laid over all others: the coach's word stands, whosever numbers it changes, and what
// is said for one school goes before what is said for all. What it changes of rules that are not there is
// passed over. kCorrectInput where big would not lie beyond limit.
Expected<RuleBook> withHouse(const RuleBook& book, const RuleLayer& house);

// The book that ships with the program, and the schools.
const RuleBook& builtInRuleBook();
const std::vector<RuleLayer>& builtInSchools();
const RuleLayer* findSchool(std::string_view name);
// The base with these schools over it, as far as they are of this lift; "base" and empty names lay nothing.
Expected<RuleBook> bookOfSchools(const std::vector<std::string>& names, Lift lift);

std::string_view nameOf(Lift lift);
std::optional<Lift> liftNamed(std::string_view name);

}  // namespace mottix
