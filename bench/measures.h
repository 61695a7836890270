// Stated against true errors of every measure, over simulated lifts whose tracks have known errors.
#pragma once

#include <cstdint>

namespace mottix {

void benchMeasures(std::uint32_t first, std::uint32_t cases);

}  // namespace mottix
