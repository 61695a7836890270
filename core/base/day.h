// Calendar days, written as ISO dates ("2026-11-24"). Which day it is now is passed in, never asked for here.
#pragma once

#include <chrono>
#include <optional>
#include <string>
#include <string_view>

namespace mottix {

using Day = std::chrono::sys_days;

std::optional<Day> dayNamed(std::string_view iso);  // nothing when it is no date
std::string nameOf(Day day);
bool isIsoDate(std::string_view text);
// Whole days from one ISO date to another; nothing when one is no date.
std::optional<int> daysBetween(std::string_view from, std::string_view to);
inline int daysBetween(Day from, Day to) {
  return static_cast<int>((to - from).count());
}
// The Monday of its week.
Day mondayOf(Day day);

}  // namespace mottix
