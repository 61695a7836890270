// The faults of the practice that a planned lift can be given, each with a size, on any rep.
#pragma once

#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "synth/film_maker.h"

namespace mottix {

struct FaultKind {
  std::string_view name;  // as an option of the command line
  Lift lift;
  std::string_view words;                            // what happens, in the truth file
  std::string_view unit;                             // of a size: cm, deg or s
  double usual, most;                                // sizes
  double (*size)(const FilmPlan&, std::size_t rep);  // 0: not planted
  void (*plant)(FilmPlan&, std::size_t rep, double size);
};

std::span<const FaultKind> faultKinds();
// Nothing where the lift has no such fault.
const FaultKind* faultNamed(std::string_view name, Lift lift);

// Gives the rep, counted from 0, this fault. kCorrectInput for a rep or a size that there cannot be.
Expected<void> plantFault(FilmPlan& plan, const FaultKind& kind, std::size_t rep, double size);
// No rep of any lift keeps a fault, whether drawn by a seed or planted.
void clearFaults(FilmPlan& plan);

std::size_t repCount(const FilmPlan& plan);

}  // namespace mottix
