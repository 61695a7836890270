// The cue library: own words, by fault. One cue at a time.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/verdict/judge.h"

namespace mottix {

struct Cue {
  std::string id;
  std::string rule;
  std::string words;
};

struct CueBook {
  std::vector<Cue> cues;
  const Cue* find(std::string_view id) const;
  std::vector<const Cue*> forRule(std::string_view rule) const;
};

Expected<CueBook> parseCueBook(std::string_view toml, std::string_view file_name);
const CueBook& builtInCueBook();

// Cues that answer the findings, the one to say first: the worst finding that stands, clear before
// borderline.
std::vector<const Cue*> suggestCues(const CueBook& book, const std::vector<Finding>& findings);

}  // namespace mottix
