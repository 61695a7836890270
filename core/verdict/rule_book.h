// Rule books: what counts as a fault, in TOML, validated when read. Schema of one rule:
//
//   [[rule]]
//   id = "squat.high"            # lift, dot, name; unique
//   lifts = ["squat"]
//   measure = "depth_margin"     # an id of the catalogue of measures
//   fault = "above"              # the fault lies "above" or "below" the limit
//   limit = 0.0                  # in the measure's unit; beyond it a small deviation
//   big = 3.0                    # beyond it a big one
//   max_sd = 4.0                 # a value less precise than this is not judged
//   source = "..."               # where the numbers come from, in words
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/measure/catalogue.h"
#include "core/motion/rep_finder.h"

namespace mottix {

enum class FaultSide { kAbove, kBelow };

struct Rule {
  std::string id;
  std::vector<Lift> lifts;
  MeasureId measure = MeasureId::kDepthMargin;
  FaultSide fault = FaultSide::kAbove;
  double limit = 0.0;
  double big = 0.0;
  double max_sd = 0.0;
  std::string source;
};

struct RuleBook {
  std::string name;
  std::string version;
  std::vector<Rule> rules;
  const Rule* find(std::string_view id) const;
};

// Errors name the file, the line and what is wrong.
Expected<RuleBook> parseRuleBook(std::string_view toml, std::string_view file_name);
// The book that ships with the program.
const RuleBook& builtInRuleBook();

std::string_view nameOf(Lift lift);
std::optional<Lift> liftNamed(std::string_view name);

}  // namespace mottix
