// What a stored set shows: its tracks with the coach's corrections laid over them, and what follows.
#pragma once

#include "core/log/records.h"
#include "store/house_file.h"

namespace mottix {

struct SetAnalysis {
  ClipTracks tracks;
  Expected<Analysis> analysis;
};
// A few milliseconds.
SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit,
                       const std::optional<Body>& body);

// The other film of this set, whichever of the two knows of it; `owner` is the one that does.
struct LinkedFilm {
  SetId owner{};
  OtherFilm other;  // as seen from this set
};
std::optional<LinkedFilm> linkedFilm(const HouseFile& house, const SetRecord& set);

// The athlete's, where it is stated and can be one.
std::optional<Body> bodyOf(const HouseFile& house, AthleteId athlete);
std::optional<Body> bodyOf(const AthleteRecord& record);

}  // namespace mottix
