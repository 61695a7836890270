// What one set sheet shows: the record, the tracks with corrections laid over them, and everything computed
// from them.
#pragma once

#include <optional>

#include <QString>

#include "core/log/records.h"
#include "core/measure/phases.h"

namespace mottix {

struct SheetData {
  SetRecord set;
  Athlete athlete;
  std::optional<Body> body;           // the athlete's, where it is stated
  std::optional<TrackRecord> record;  // nothing: not tracked yet
  ClipTracks tracks;                  // bar and joints as they are shown and measured
  std::optional<Analysis> analysis;
  std::vector<Phase> phases;  // of the analysis
  QString problem;            // why there is no analysis

  const Rep* repAt(std::size_t frame) const {
    if (!analysis) return nullptr;
    for (const Rep& rep : analysis->reps)
      if (frame >= rep.start_frame && frame <= rep.end_frame) return &rep;
    return nullptr;
  }
};

}  // namespace mottix
