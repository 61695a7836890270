// Some months of the demo house's log. What was filmed then was not kept; what was measured is there, made by
// the simulated camera from exact motion. Each volunteer has a fault of their own; what the coach says about
// it works or does not, as it does with people.
#pragma once

#include "core/log/records.h"
#include "store/house_file.h"

namespace mottix {

// `records`: the demo's athletes, in the order of its files. The same log every time.
Expected<void> addStory(HouseFile& house, const std::vector<AthleteRecord>& records);

// A coach's blind looks of the same months, by an eye with limits of its own.
Expected<void> addBlindLooks(HouseFile& house);

}  // namespace mottix
