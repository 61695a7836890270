// What the athlete's plan and log say around one set: what is next by the plan, what the session before
// ended with, and how much was left in the set.
#pragma once

#include <optional>

#include "core/log/story.h"
#include "report/sheet_data.h"
#include "store/house_file.h"

namespace mottix {

struct SetPlan {
  const LiftPlan* plan = nullptr;  // nothing: the athlete has none in this lift
  NextSession next;                // by it; of this day's session, or of the next when this one is done
  bool another_day = false;
  std::optional<SinceLast> since;
  Reserve reserve;
  double load_kg() const { return next.sets.empty() ? 0.0 : next.sets.front().load_kg; }
};

// As of this set: later ones do not count. With `gear`, loads are such as can be put on the bar that the
// set's equipment names.
Expected<SetPlan> planAround(const HouseFile& house, const SetRecord& set, const Gear& gear,
                             const std::optional<Analysis>& analysis);

// What the plan asks for as this set; nothing without a plan, or when the day's session is done.
Expected<std::optional<PlannedSet>> plannedAs(const HouseFile& house, const SetRecord& set, const Gear& gear);

// "Last time, 16 November: 5 × 80 kg, felt 8. Hips rise first was found; “…” was said. 82.5 kg was decided."
QString sinceWords(const SinceLast& since, const RuleBook& rules, const CueBook& cues);

}  // namespace mottix
