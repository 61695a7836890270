// Judgement against truth over simulated sets with planted faults of graded size; and how long it takes.
#pragma once

#include <cstdint>

namespace mottix {

// Prints tables for docs/accuracy.md.
void benchJudging(std::uint32_t first, int sets);

}  // namespace mottix
