#include "desk/set_analysis.h"

#include "vision/analyse_clip.h"

namespace mottix {

SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit) {
  ClipTracks tracks = record.tracks;
  if (!edit.placed.empty() && record.hasJoints()) layCorrections(tracks, record.carried, edit.placed);
  auto analysis = analyse(tracks, record.axis, settingsFor(athlete, edit), builtInRuleBook());
  if (analysis && record.two_plates) analysis->warnings.push_back(Warning::kTwoPlates);
  return {std::move(tracks), std::move(analysis)};
}

}  // namespace mottix
