// Reps from the bar's height.
//
// A rep is a full swing of the bar: down and up again (squat, bench press) or up and down again (deadlift).
// Swings smaller than `min_swing_m`, or much smaller than the clip's largest, are walk-outs, re-racks and
// fidgeting. Start and end are where the bar's speed rises above, or falls below, `still_speed_ms` near its
// resting height.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

#include "core/base/error.h"
#include "core/base/estimate.h"

namespace mottix {

enum class Lift { kSquat, kBench, kDeadlift };

struct RepFinderOptions {
  double min_swing_m = 0.12;           // less is not a rep of any of the lifts
  double min_swing_of_largest = 0.4;   // against the clip's largest swing
  double still_speed_ms = 0.025;       // a standing lifter sways by about 1-2 cm/s
  double smooth_half_window_s = 0.12;  // keeps movements of 0.35 s and longer

  Expected<void> validate() const;
};

struct Rep {
  int number = 0;    // from 1
  Estimate start_s;  // the bar begins to move
  Estimate turn_s;   // lowest point (squat, bench press) or lock-out (deadlift)
  Estimate end_s;    // the bar rests again
  std::size_t start_frame = 0, turn_frame = 0, end_frame = 0;
};

struct BarHeight {  // one a frame; height in metres, up; sd not finite where the bar was lost
  std::vector<double> time_s, height_m, sd_m;
};

// Frames of a film, both ends included.
struct FilmPart {
  std::size_t first = 0, last = 0;
  bool operator==(const FilmPart&) const = default;
};

// A film that was left running shows more than one set: reps more than 45 s apart are of different ones
// (singles of one set are taken 20-30 s apart, a rest between sets lasts minutes; own allowance). The parts
// cover the film and meet in the middle of each rest; one part when it is one set.
std::vector<FilmPart> partsOfSets(const std::vector<Rep>& reps, const std::vector<double>& time_s);

Expected<std::vector<Rep>> findReps(const BarHeight& bar, Lift lift, const RepFinderOptions& options = {});

}  // namespace mottix
