// Why a deviation happens: elimination among candidates, in the order in which a coach checks them.
//
// A cause book (TOML, docs/rule-books.md) names for each candidate what speaks for it and what against; each
// of these is looked up in the set, the athlete and the sets before. What is not known counts for nothing. A
// candidate with more for it than against it is likely, the other way round unlikely; the coach's word,
// either way, stands above both. What stays first decides what is done.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/measure/measure.h"
#include "core/verdict/judge.h"

namespace mottix {

// What a cause asks of the load: nothing, no more, or less.
enum class CauseLoad { kNone, kHold, kCut };

struct Cause {
  std::string id;
  std::vector<std::string> rules;
  std::string title;                             // "too heavy"
  std::vector<std::string> speaks_for, against;  // kinds of evidence
  std::string next_set;                          // what to do on it
  std::string plan;                              // and in the weeks after
  std::string change;                            // of the set-up: "stance", "heel", …; empty: none
  CauseLoad load = CauseLoad::kNone;
  bool own = false;  // added by the coach
  bool isOf(std::string_view rule) const;
};

struct CauseBook {
  std::vector<Cause> causes;
  const Cause* find(std::string_view id) const;
};
Expected<CauseBook> parseCauseBook(std::string_view toml, std::string_view file_name);
const CauseBook& builtInCauseBook();

// What a house changes of the causes: shipped ones that it does not look for, and some of its own, which are
// checked after the others. An own one needs no plan.
struct HouseCauses {
  std::vector<std::string> off;
  std::vector<Cause> own;
};
Expected<HouseCauses> parseHouseCauses(std::string_view toml, std::string_view file_name);
std::string toToml(const HouseCauses& causes);
CauseBook withHouse(const CauseBook& book, const HouseCauses& house);

// The set-up that was kept and used, as far as it is stated.
struct SetupFacts {
  std::optional<double> heel_mm, stance_cm, toe_out_deg;  // stance: between the heels
};

// What is known when a set's causes are looked for.
struct CauseFacts {
  const std::vector<Measure>* measures = nullptr;
  const std::vector<Finding>* findings = nullptr;  // of this set
  JudgedSet set;
  std::optional<double> load_kg, usual_load_kg;  // usual: of the like sets before
  std::optional<FitSubject> who;                 // screens and equipment
  SetupFacts setup;
  int past_sets = 0;                      // like ones
  std::map<std::string, int> past_found;  // by rule, in how many of them it was clear
};

// One thing that speaks for or against a cause.
struct Evidence {
  std::string kind;  // as in the book: "effort_high", "with:squat.dive"
  bool holds = false;
  bool speaks_for = false;         // the cause, as it is
  std::optional<Estimate> number;  // what was read, where it was one
  std::string unit;
};

// Whether this holds of a rule's finding; nothing when it is not known.
std::optional<Evidence> lookUp(std::string_view kind, const Finding& finding, const CauseFacts& facts);
bool isEvidenceKind(std::string_view kind);

enum class CauseState { kConfirmed, kLikely, kOpen, kUnlikely, kStruck };
std::string_view nameOf(CauseState state);

struct CauseCandidate {
  const Cause* cause = nullptr;
  std::vector<Evidence> evidence;
  CauseState state = CauseState::kOpen;
};

// All candidates for a finding, in the book's order. `said`: what the coach confirmed (true) or struck out.
std::vector<CauseCandidate> findCauses(const CauseBook& book, const Finding& finding, const CauseFacts& facts,
                                       const std::map<std::string, bool>& said = {});
// The one that decides: what the coach confirmed, else the first likely one, else the first open one.
const CauseCandidate* leadingCause(const std::vector<CauseCandidate>& candidates);

}  // namespace mottix
