// The house file's shape, step by step. A step once released is never changed; a new one is appended.
#pragma once

#include <array>
#include <string_view>

namespace mottix {

// "MTTX": tells a house file from any other SQLite database.
inline constexpr int kApplicationId = 0x4D545458;

// Step k brings a file of version k to version k + 1.
extern const std::array<std::string_view, 18> kMigrations;

}  // namespace mottix
