// What hangs on a bar: the plates of a house, which of them make a load, and the steps up to it.
//
// Every load that the plates can make is found (two alike, one a side); of those nearest to the wanted one
// the lighter, and of ways to make it the one with the fewest plates.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/load/mass.h"

namespace mottix {

struct PlateKind {
  Mass each;
  int count = 0;             // in the house; two make a pair
  bool in_lb = false;        // as it is marked
  double diameter_mm = 0.0;  // zero: nobody has said
  bool operator==(const PlateKind&) const = default;
};

struct BarKind {
  std::string name;  // "bar", "training bar", "axle"
  Mass mass;
  bool in_lb = false;
  bool operator==(const BarKind&) const = default;
};

// Bars, plates and collars of a house; as TOML: collar_kg, [[bar]] with name and kg or lb, [[plate]] with kg
// or lb, count and diameter_mm.
struct Gear {
  std::vector<BarKind> bars;  // the first is taken where nobody says
  std::vector<PlateKind> plates;
  Mass collar;  // each of the two
  bool operator==(const Gear&) const = default;
  const BarKind* bar(std::string_view name) const;
};
Expected<Gear> parseGear(std::string_view toml, std::string_view file_name);
std::string toToml(const Gear& gear);
// A small strength room's, until the house says what it has.
const Gear& usualGear();

// "25x8, 20x4, 45lbx2": plates as people list them, a number without a unit being kilograms. kCorrectInput.
Expected<std::vector<PlateKind>> platesIn(std::string_view text);
std::string nameOf(const std::vector<PlateKind>& plates);

struct LoadWish {
  Mass total;
  Mass at_top = {};  // of it chains or bands, where they weigh most
  bool never_above = false;
};

// What plates are hung on, and what is hung beside them.
struct Rigging {
  BarKind bar;
  Mass at_top = {};  // chains or bands, where they weigh most
  bool operator==(const Rigging&) const = default;
};
// As the equipment of a set says it in words: a bar of the house by its name, chains or bands with what they
// weigh at the top ("training bar, chains 20 kg", "30 lb of bands"). The first bar where none is named, of
// several names that fit the longest; chains and bands without a mass count nothing. Nothing where the house
// has no bar.
std::optional<Rigging> riggingIn(std::string_view equipment, const Gear& gear);

struct Loading {
  BarKind bar;
  std::vector<PlateKind> side;  // `count` on each side; from the inside out
  Mass total;                   // bar, collars, plates, and what hangs at the top
  Mass off;                     // total less the wish: above it is positive
  Mass at_top = {};             // of the total, as wished
  int platesASide() const;
};
// kCorrectInput where the wish is none, or where nothing light enough is there.
Expected<Loading> loadPlates(const Gear& gear, const BarKind& bar, const LoadWish& wish);

struct WarmUpSet {
  Loading loading;
  int reps = 0;
};
// Even steps from the empty bar to a work load, of about a quarter of it at most, with few plates, and fewer
// reps as they come near; the work load itself is not among them. Empty where the bar alone is the work.
Expected<std::vector<WarmUpSet>> warmUpTo(const Gear& gear, const BarKind& bar, Mass work);

}  // namespace mottix
