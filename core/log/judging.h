// By which book a set of an athlete is judged, and what the judgement knows of it beside its measures.
#pragma once

#include <span>

#include "core/log/records.h"
#include "core/verdict/usual.h"

namespace mottix {

// Schools by which an athlete is judged in a lift: the style of the profile, and the other questions' layers.
std::vector<std::string> schoolsOf(const AthleteProfile& profile, Lift lift);

// A set as it counts among those before another.
PastSet asPast(const SetEdit& edit, bool across, std::vector<Measure> measures,
               std::vector<std::string> found);

struct Judging {
  RuleBook book = builtInRuleBook();
  JudgedSet set;
  CauseFacts facts;   // but for this set's own measures and findings
  int like_sets = 0;  // before this one, to tell what is usual
};

// `house`: the house's own layer, laid over the schools. kCorrectInput where layers mix. `past`: sets of this
// athlete before this one.
Expected<Judging> judgingOf(const AthleteRecord& who, const SetEdit& edit, bool across,
                            std::span<const PastSet> past, const std::optional<RuleLayer>& house = {});

// The same by schools that are named (as by `bookOfSchools`), whatever the athlete's profile says.
Expected<Judging> judgingBy(const std::vector<std::string>& schools, const AthleteRecord& who,
                            const SetEdit& edit, bool across, std::span<const PastSet> past,
                            const std::optional<RuleLayer>& house = {});

}  // namespace mottix
