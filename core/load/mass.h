// A mass in which kilograms and pounds are both whole numbers, so that nothing is lost between them: counted
// in hundredths of a microgram, of which a pound has 45 359 237 000 (0.45359237 kg, by definition).
#pragma once

#include <cmath>
#include <compare>
#include <cstdint>

namespace mottix {

class Mass {
 public:
  constexpr Mass() = default;
  // To the nearest milligram, or thousandth of a pound.
  static Mass ofKg(double kg) { return Mass(std::llround(kg * 1e6) * 100'000); }
  static Mass ofLb(double lb) { return Mass(std::llround(lb * 1e3) * 45'359'237); }
  double kg() const { return static_cast<double>(count_) / 1e11; }
  double lb() const { return static_cast<double>(count_) / 45'359'237'000.0; }

  constexpr auto operator<=>(const Mass&) const = default;
  constexpr Mass operator+(Mass o) const { return Mass(count_ + o.count_); }
  constexpr Mass operator-(Mass o) const { return Mass(count_ - o.count_); }
  constexpr Mass operator*(int n) const { return Mass(count_ * n); }
  constexpr Mass half() const { return Mass(count_ / 2); }
  constexpr std::int64_t count() const { return count_; }

 private:
  explicit constexpr Mass(std::int64_t count) : count_(count) {}
  std::int64_t count_ = 0;
};

}  // namespace mottix
