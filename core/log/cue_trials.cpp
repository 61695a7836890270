#include "core/log/cue_trials.h"

#include <algorithm>

namespace mottix {

CueHistory cueTrials(std::span<const CueSet> sets, AthleteId mine, const RuleBook& rules,
                     const CueBook& cues) {
  CueHistory out;
  for (std::size_t k = 0; k < sets.size(); ++k) {
    const CueSet& before = sets[k];
    if (before.seen.found.empty()) continue;
    const auto next = std::find_if(sets.begin() + static_cast<long>(k) + 1, sets.end(), [&](const CueSet& t) {
      return t.athlete == before.athlete && likeSets(std::span(&t.seen, 1), before.seen) == 1;
    });
    if (next == sets.end()) continue;
    std::vector<std::string> new_faults;
    for (const std::string& rule : next->seen.found)
      if (std::find(before.seen.found.begin(), before.seen.found.end(), rule) == before.seen.found.end())
        new_faults.push_back(rule);
    const Cue* cue = cues.find(before.cue);
    for (const std::string& fault : before.seen.found) {
      const Rule* rule = rules.find(fault);
      if (rule == nullptr || rule->of == RuleOf::kUsual) continue;
      const bool said = cue != nullptr && cue->isFor(fault);
      if (!said && !before.cue.empty()) continue;  // something else was said: no trial of either kind
      // Of several measures the one that showed the fault more.
      std::optional<Estimate> was, is;
      for (const MeasureId id : rule->measures) {
        const auto b = middleRep(before.seen.measures, id), a = middleRep(next->seen.measures, id);
        if (!b || !a) continue;
        if (!was ||
            effectOf(*b, *was, rule->limit, rule->big, rule->fault == FaultSide::kEither).value > 0.0) {
          was = b;
          is = a;
        }
      }
      if (!was) continue;
      out.push_back({said ? before.cue : std::string(), fault, before.athlete == mine,
                     effectOf(*was, *is, rule->limit, rule->big, rule->fault == FaultSide::kEither),
                     said ? new_faults : std::vector<std::string>{}});
    }
  }
  return out;
}

}  // namespace mottix
