// Which picture of one rep belongs to which of another: by the bar's height, not by the clock.
//
// Either way of a rep is gone through by the share of its height that the bar has made; a hold at the turn,
// and the time before and after a rep, by time.
#pragma once

#include <vector>

#include "core/motion/rep_finder.h"
#include "core/motion/smooth.h"

namespace mottix {

struct RepOfFilm {
  const std::vector<double>* time_s = nullptr;
  const std::vector<SplineSample>* height = nullptr;  // of the bar, one a picture
  Rep rep;
};

// The picture of `to` that belongs to `frame` of `from`; always one of its film.
std::size_t matchedFrame(const RepOfFilm& from, std::size_t frame, const RepOfFilm& to);

}  // namespace mottix
