// Two films of one set, from different sides: at which time of the second film a moment of the first is.
//
// Both show the same bar go up and down. Its speed over time is laid over that of the other film: where what
// goes up and down together is most, the films belong together; reps that only look alike count less, since
// what one film shows and the other does not is held against a match. The place is then fitted to the heights
// by least squares. Assumption: both clocks run equally fast (a phone's crystal errs by 1 ms a minute).
#pragma once

#include <optional>

#include "core/base/error.h"
#include "core/base/estimate.h"
#include "core/motion/rep_finder.h"

namespace mottix {

struct FilmSync {
  // To be added to a time of the first film to have the second's, seconds.
  Estimate later_s;
  double likeness = 0.0;  // 1: the bars move alike all along
  double rival = 0.0;     // of the next best place, a rep earlier or later, say
  // Likely enough to go by; otherwise the coach should look. Own allowances: on twenty pairs of simulated
  // films (docs/accuracy.md) right places are alike to 0.84 and more with rivals below 0.68; one in whose
  // film something else was followed was alike to 0.41.
  bool sure() const { return likeness > 0.8 && rival < 0.95 * likeness; }
};

// kCorrectInput when one of them hardly moves, or they cannot be of one set.
Expected<FilmSync> syncFilms(const BarHeight& first, const BarHeight& second);

}  // namespace mottix
