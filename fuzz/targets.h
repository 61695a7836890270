// What comes from outside, each kind with a function that takes any bytes whatever. Searched by
// `scripts/fuzz.sh` (libFuzzer with AddressSanitizer and UndefinedBehaviorSanitizer); what the search kept
// lies in fuzz/corpus and is read again by every test run (fuzz/corpus_test.cpp).
#pragma once

#include <array>
#include <cstddef>
#include <cstdint>
#include <string_view>

namespace mottix {

void takeFilm(const std::uint8_t* data, std::size_t size);   // opened, and some pictures read
void takeHouse(const std::uint8_t* data, std::size_t size);  // opened, and all of it read
void takeJson(const std::uint8_t* data, std::size_t size);   // results, athletes, placed points
void takeTable(const std::uint8_t* data, std::size_t size);  // old logs, scribbles, questions
void takeToml(const std::uint8_t* data, std::size_t size);   // rule books, layers, plans, exercises, cues
void takeZip(const std::uint8_t* data, std::size_t size);    // made into a house, and athletes taken from it

struct FuzzTarget {
  std::string_view name;
  void (*take)(const std::uint8_t* data, std::size_t size);
};
inline constexpr std::array kFuzzTargets = {FuzzTarget{"film", takeFilm}, FuzzTarget{"house", takeHouse},
                                            FuzzTarget{"json", takeJson}, FuzzTarget{"table", takeTable},
                                            FuzzTarget{"toml", takeToml}, FuzzTarget{"zip", takeZip}};

}  // namespace mottix
