// What months of one lift show: how strong, how fast at one load, what was found how often, what else
// changed.
#pragma once

#include <map>
#include <set>
#include <span>
#include <string>
#include <vector>

#include "core/cue/cue_book.h"
#include "core/log/lift_history.h"

namespace mottix {

// Speed of a set's fastest rep, as it would have been at the load that all are compared at: moved along the
// lifter's own line (the strength model's), by the difference of the loads alone.
struct SpeedAtLoad {
  Day day;
  SetId set{};
  Estimate ms;
};

// How much of what a rule looks at was found in a week: reps with it, of the reps of sets that were measured.
struct FoundInWeek {
  Day monday;
  int reps = 0, of = 0;
  int big = 0;  // reps of sets in which it was big
};
struct FoundOverTime {
  std::string rule;
  std::vector<FoundInWeek> weeks;  // those with a measured set, oldest first
  int reps = 0;                    // in all
};

struct Mark {
  enum class Kind { kSetup, kComplaint, kComplaintOver, kCue, kNote, kCondition, kOverride } kind;
  Day day;
  SetId set{};       // where it belongs to one
  std::string what;  // name of the set-up, joint, id of the cue, the note, name of the condition
  int level = 0;     // of a complaint
};

// What was found in the next like set after a cue against it.
struct CueOutcome {
  std::string cue;
  int told = 0;  // after sets in which what it is for was clearly found, with a measured set like it later
  int gone = 0;  // and was not clearly found in that
};

struct Story {
  std::vector<const LogLine*> sets;  // of this lift and variant, oldest first
  std::optional<Strength> strength;
  std::optional<double> at_load_kg;  // at which speeds are compared
  std::vector<SpeedAtLoad> speeds;
  std::vector<FoundOverTime> found;  // the most often found first
  std::vector<Mark> marks;           // by day
  std::vector<Override> overrides;
  std::vector<CueOutcome> cues;  // told most often first
};

// `lines` are the athlete's, oldest first, and must stay where they are while the story is used. `only`: the
// story of these sets; how strong the athlete is follows from all.
Story tellStory(const AthleteRecord& who, std::span<const LogLine> lines, Lift lift, std::string_view variant,
                const CueBook& cues = builtInCueBook(), const std::set<SetId>* only = nullptr);

// What has changed since the last session before a day, for the top of a new set's sheet.
struct SinceLast {
  Day day;              // of that session
  double top_kg = 0.0;  // its heaviest set
  int reps = 0;         // of that set
  std::optional<double> effort;
  std::string cue;                 // the last that was said
  std::vector<std::string> found;  // in its last measured set, worst first
  std::optional<double> next_kg;   // that was decided then
  std::optional<double>
      speed_change_ms;  // at equal load against the session before it, where both were filmed
};
std::optional<SinceLast> sinceLast(std::span<const LogLine> lines, Lift lift, std::string_view variant,
                                   Day before);

}  // namespace mottix
