// The catalogue of measures in words: for the command line and for docs/measures.md.
#pragma once

#include <string>
#include <vector>

#include "core/measure/catalogue.h"

namespace mottix {

// One line each: name, unit, of which lifts, from where it shows, what it is.
std::string measuresText();
std::string measuresJson();
// The page docs/measures.md: every measure, and which of them answers each thing that coaches judge on film.
std::string measuresPage();

// Those that say most of a rep at a glance, in the order in which they are told.
const std::vector<MeasureId>& briefMeasures(Lift lift);

}  // namespace mottix
