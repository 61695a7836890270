// What one set sheet shows: the record, the tracks with corrections laid over them, and everything computed
// from them.
#pragma once

#include <optional>

#include <QString>

#include "core/log/cue_trials.h"
#include "core/measure/phases.h"
#include "core/verdict/late_reps.h"

namespace mottix {

// Another film of the set at hand, judged together with it.
struct OtherSeen {
  SetId set{};
  double later_s = 0.0;  // added to a time of this film it is the other's
  std::vector<double> time_s;
  Analysis analysis;
  std::vector<Finding> findings;  // what this film does not say already
};

struct SheetData {
  SetRecord set;
  Athlete athlete;
  std::optional<Body> body;           // the athlete's, where it is stated
  Judging by;                         // the book it is judged by, and what is known beside the measures
  CueHistory cues;                    // what cues did before
  std::optional<TrackRecord> record;  // nothing: not tracked yet
  ClipTracks tracks;                  // bar and joints as they are shown and measured
  std::optional<Analysis> analysis;
  std::vector<Phase> phases;       // of the analysis
  std::vector<Difference> late;    // from its first reps to its last
  std::optional<OtherSeen> other;  // where the set was filmed twice
  QString problem;                 // why there is no analysis

  const Rep* repAt(std::size_t frame) const {
    if (!analysis) return nullptr;
    for (const Rep& rep : analysis->reps)
      if (frame >= rep.start_frame && frame <= rep.end_frame) return &rep;
    return nullptr;
  }
};

}  // namespace mottix
