#include "core/base/day.h"

#include <charconv>
#include <cstdio>

namespace mottix {

std::optional<Day> dayNamed(std::string_view iso) {
  if (iso.size() != 10 || iso[4] != '-' || iso[7] != '-') return std::nullopt;
  const auto part = [&](std::size_t at, std::size_t n) {
    int v = -1;
    const char* first = iso.data() + at;
    const auto r = std::from_chars(first, first + n, v);
    return r.ec == std::errc() && r.ptr == first + n ? v : -1;
  };
  const int y = part(0, 4), m = part(5, 2), d = part(8, 2);
  if (y < 0 || m < 0 || d < 0) return std::nullopt;
  const std::chrono::year_month_day date{std::chrono::year(y), std::chrono::month(static_cast<unsigned>(m)),
                                         std::chrono::day(static_cast<unsigned>(d))};
  if (!date.ok()) return std::nullopt;
  return Day(date);
}

std::string nameOf(Day day) {
  const std::chrono::year_month_day date{day};
  char text[32];
  std::snprintf(text, sizeof text, "%04d-%02u-%02u", static_cast<int>(date.year()),
                static_cast<unsigned>(date.month()), static_cast<unsigned>(date.day()));
  return text;
}

bool isIsoDate(std::string_view text) {
  return dayNamed(text).has_value();
}

std::optional<int> daysBetween(std::string_view from, std::string_view to) {
  const auto a = dayNamed(from), b = dayNamed(to);
  if (!a || !b) return std::nullopt;
  return daysBetween(*a, *b);
}

Day mondayOf(Day day) {
  return day - (std::chrono::weekday(day) - std::chrono::Monday);
}

}  // namespace mottix
