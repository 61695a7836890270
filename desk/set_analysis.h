// What a stored set shows: its tracks with the coach's corrections laid over them, and what follows.
#pragma once

#include <filesystem>
#include <functional>
#include <map>
#include <memory>

#include "core/load/plates.h"
#include "core/log/cue_trials.h"
#include "report/sheet_data.h"
#include "store/house_file.h"

namespace mottix {

struct SetAnalysis {
  ClipTracks tracks;
  Expected<Analysis> analysis;
};
// Some 100 ms of a long set with joints.
SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit,
                       const std::optional<Body>& body, const Judging& by,
                       const CauseBook& causes = builtInCauseBook());

// The measured sets of one athlete, oldest first. Read once (half a millisecond a set) and then shared with
// whoever judges.
using PastSets = std::vector<std::shared_ptr<const StoredResult>>;
Expected<PastSets> readPast(const HouseFile& house, AthleteId athlete);

// What a sheet knows of the house: the measured sets of its athlete, and what cues did with anybody. Kept up
// with what is saved. Of the others no measures are held, however large the house is.
struct HouseLog {
  AthleteId whose{};
  std::optional<PastSets> past;              // of that athlete; nothing: not read yet
  std::map<AthleteId, CueHistory> trials{};  // of everybody else, as far as they have been read
  std::optional<RuleLayer> layer;            // the house's own
  CueBook cues = builtInCueBook();           // its own among them
  CauseBook causes = builtInCauseBook();     // as it looks for them
  Gear gear = usualGear();                   // bars and plates
  void put(const SetRecord& set, const Analysis& analysis);  // once the past has been read
};
HouseLog readRules(const HouseFile& house);  // without anybody's past
// Goes on to another athlete, whose past has to be read; what cues did with the one before is kept among the
// trials.
void turnTo(HouseLog& log, AthleteId athlete);
// What cues did with everybody: seconds in a large house, so on another thread, by a house file of its own.
// `stop` is asked between athletes.
std::map<AthleteId, CueHistory> readTrials(const HouseFile& house, const CueBook& cues,
                                           const std::function<bool()>& stop);

// By which book a set is judged and what is known of it; where layers mix, by the base, and `problem` says
// so.
struct SetJudging {
  Judging by;
  std::string problem;
};
SetJudging judgingOf(const AthleteRecord& who, const SetRecord& set, bool across, const PastSets& past,
                     const std::optional<RuleLayer>& layer);
SetJudging judgingOf(const HouseFile& house, const SetRecord& set, bool across, const HouseLog& log = {});
// The same by schools that are named, whatever the athlete's page says.
Expected<Judging> judgingBy(const HouseFile& house, const std::vector<std::string>& schools,
                            const SetRecord& set, bool across, const HouseLog& log);
// What cues did in the house before and beside this set, as it counts for its athlete.
CueHistory cueHistory(const HouseLog& log, const SetRecord& set);

// The other film of this set, whichever of the two knows of it; `owner` is the one that does.
struct LinkedFilm {
  SetId owner{};
  OtherFilm other;  // as seen from this set
};
std::optional<LinkedFilm> linkedFilm(const HouseFile& house, const SetRecord& set);

// All that a set is judged from, so that any thread may judge it.
struct SetMaterial {
  SetRecord set;
  AthleteRecord who;
  std::optional<TrackRecord> record;  // nothing: without a film only the athlete's past is read
  std::filesystem::path house;
  std::optional<PastSets> past;    // nothing: read from the house, by another connection
  std::optional<RuleLayer> layer;  // the house's own
  CauseBook causes;
  // Another film of the set: as it was judged before, else what it is judged from; `later_s` as in OtherSeen.
  std::optional<OtherSeen> other{};
  std::optional<std::pair<SetRecord, TrackRecord>> other_from{};
  double later_s = 0.0;
};
// What the sheet shows of it, beside what the house holds.
struct SetSeen {
  SetRecord set;
  std::optional<PastSets> past;  // nothing: could not be read
  Judging by;
  std::string problem;  // why it was judged by the base, or without the past
  ClipTracks tracks;
  std::optional<Expected<Analysis>> analysis;  // nothing: no film
  std::vector<Phase> phases;
  std::vector<Difference> late;
  std::optional<OtherSeen> other;
};
SetSeen judgeSet(const SetMaterial& from);

// The athlete's, where it is stated and can be one.
std::optional<Body> bodyOf(const HouseFile& house, AthleteId athlete);
std::optional<Body> bodyOf(const AthleteRecord& record);

}  // namespace mottix
