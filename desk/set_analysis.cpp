#include "desk/set_analysis.h"

#include "core/motion/joint_corrections.h"

namespace mottix {

SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit) {
  ClipTracks tracks = record.tracks;
  playAsLived(tracks.time_s, edit.asked.recorded_fps);
  // Joints carried from a figure that was taken back are not shown.
  if (record.hasJoints() && (record.foundByItself() || !edit.placed.empty()))
    layCorrections(tracks, record.carried, edit.placed, record.found);
  if (!backOf(edit))  // taken back
    for (const Joint j : kBackJoints) tracks.joints[indexOf(j)].clear();
  auto analysis = analyse(tracks, record.axis, settingsFor(athlete, edit), builtInRuleBook());
  if (analysis && record.foundByItself() && edit.placed.empty())
    analysis->warnings.push_back(Warning::kJointsFound);
  if (analysis && record.two_plates) analysis->warnings.push_back(Warning::kTwoPlates);
  return {std::move(tracks), std::move(analysis)};
}

}  // namespace mottix
