// Reps from the bar's height.
//
// A rep takes the bar from rest through its turn and back to rest: down and up again (squat, bench press), up
// and down again (deadlift). Swings smaller than `min_swing_m`, or much smaller than the clip's largest, are
// walk-outs, re-racks and fidgeting. A swing that turns again before it is near its rest belongs to the same
// rep: the bar sank back.
//
// Events. Where the bar moves off and comes to rest, touches and leaves, its way from the rest grows with the
// square to the cube of the time: from speed, acceleration and that way follows when it began. A turn without
// a pause is half way between touching and leaving.
#pragma once

#include <cstddef>
#include <span>
#include <vector>

#include "core/base/error.h"
#include "core/base/estimate.h"

namespace mottix {

enum class Lift { kSquat, kBench, kDeadlift };

struct RepFinderOptions {
  double min_swing_m = 0.12;          // less is not a rep of any of the lifts
  double min_swing_of_largest = 0.4;  // against the clip's largest swing
  double still_speed_ms = 0.05;       // a standing lifter sways by about 1-2 cm/s
  double pause_s = 0.2;               // less is none: coaches ask for 0.3 to 1 s (practice)

  Expected<void> validate() const;
};

struct Rep {
  int number = 0;    // from 1
  Estimate start_s;  // the bar begins to move
  Estimate turn_s;   // it is lowest (squat, bench press) or at lock-out (deadlift), and
  Estimate leave_s;  // begins to move back; the same where there is no pause
  Estimate end_s;    // it rests again
  std::size_t start_frame = 0, turn_frame = 0, leave_frame = 0, end_frame = 0;
  bool cut_start = false;  // the film begins when it is under way; its turn shows in any case
  bool cut_end = false;    // and ends so
  bool failed = false;     // the bar sank back on its way up, or stayed down
  bool is_short = false;   // it went much less far than the set's others

  bool whole() const { return !cut_start && !cut_end; }
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

// Those of which the film shows all.
std::vector<Rep> wholeReps(const std::vector<Rep>& reps);

Expected<std::vector<Rep>> findReps(const BarHeight& bar, Lift lift, const RepFinderOptions& options = {});

}  // namespace mottix
