#include "core/verdict/two_judgements.h"

#include <algorithm>

namespace mottix {

bool EventByTwo::differs() const {
  if (is[0].has_value() != is[1].has_value()) return true;
  return is[0] && (is[0]->certainty != is[1]->certainty || is[0]->severity != is[1]->severity);
}

std::vector<EventByTwo> compareJudgements(const std::vector<Finding>& first,
                                          const std::vector<Finding>& second) {
  std::vector<EventByTwo> out;
  const std::array<const std::vector<Finding>*, 2> both = {&first, &second};
  for (std::size_t k = 0; k < 2; ++k)
    for (const Finding& f : *both[k]) {
      if ((f.certainty == Certainty::kCantTell && !f.must) || f.overruled) continue;
      auto at = std::find_if(out.begin(), out.end(), [&](const EventByTwo& e) { return e.event == f.event; });
      if (at == out.end()) at = out.insert(out.end(), {f.event, {}});
      auto& is = at->is[k];
      const bool own = f.rule == f.event;
      if (!is || f.certainty < is->certainty ||
          (f.certainty == is->certainty && own && is->rule != is->event))
        is = f;
    }
  std::stable_partition(out.begin(), out.end(), [](const EventByTwo& e) { return e.differs(); });
  return out;
}

}  // namespace mottix
