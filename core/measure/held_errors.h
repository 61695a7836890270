// How stated errors of measures hold.
//
// The errors of places and times, moved through a measure's formula, are its standard deviation. For most
// measures 68 of 100 values then lie within one; for some they are too few or too many, because a formula
// takes the greatest of many pictures, or an event is harder than its smoothing. By how much was read off 800
// simulated lifts of each kind (seeds 1001-1800 of tests/measured_lifts.h; of values that are none
// 1001-1600), as in split conformal prediction (vovk2005). None is made so small that the mean error exceeds
// it, though then up to three in four lie within. The table in docs/accuracy.md is of other lifts.
#pragma once

#include "core/measure/catalogue.h"

namespace mottix {

// What the standard deviation of a measure is to be multiplied by. `stands_out`: the value is farther from
// zero than its error; a drift that is none is known better than one that is there. `across`: of a film from
// the front or the rear.
double heldShare(MeasureId id, Lift lift, bool across, bool stands_out);

}  // namespace mottix
