// The cue library: own words, by fault, several ways to say the same aim. One cue at a time.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/cue/cue_effect.h"
#include "core/verdict/judge.h"

namespace mottix {

// What the words point at: the body, something outside it, a picture, or a touch that goes with them.
enum class CueWay { kBody, kOutside, kPicture, kTouch };
std::string_view nameOf(CueWay way);  // as in files
std::optional<CueWay> cueWayNamed(std::string_view name);

struct Cue {
  std::string id;
  std::vector<std::string> rules;
  CueWay way = CueWay::kBody;
  std::string words;
  std::vector<std::string> schools = {};  // only under one of these; empty: under all
  bool own = false;                       // added by the coach
  bool isFor(std::string_view rule) const;
  bool operator==(const Cue&) const = default;
};

struct CueBook {
  std::vector<Cue> cues;
  const Cue* find(std::string_view id) const;
  std::vector<const Cue*> forRule(std::string_view rule) const;
};

Expected<CueBook> parseCueBook(std::string_view toml, std::string_view file_name);
const CueBook& builtInCueBook();
// The shipped cues and the house's own, which come first. kCorrectInput: an id that ships already, too.
Expected<CueBook> withOwnCues(std::string_view toml);
std::string toToml(const std::vector<Cue>& cues);

// A cue that answers a finding, and what is to be expected of it.
struct CueOffer {
  const Cue* cue = nullptr;
  std::string rule;      // the finding's
  CueEstimate estimate;  // for this athlete
  double worth = 0.0;    // expected effect times the weight of the fault
};
// Cues that answer the findings which stand, the one to say first: the greatest expected effect on this
// athlete times the weight of the fault; clear findings before borderline ones.
std::vector<CueOffer> suggestCues(const CueBook& book, const std::vector<Finding>& findings,
                                  const RuleBook& rules, const CueHistory& history = {});

}  // namespace mottix
