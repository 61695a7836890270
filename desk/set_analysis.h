// What a stored set shows: its tracks with the coach's corrections laid over them, and what follows.
#pragma once

#include "core/log/records.h"

namespace mottix {

struct SetAnalysis {
  ClipTracks tracks;
  Expected<Analysis> analysis;
};
// A few milliseconds.
SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit);

}  // namespace mottix
