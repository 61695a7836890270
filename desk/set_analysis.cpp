#include "desk/set_analysis.h"

#include <algorithm>

#include "core/motion/joint_corrections.h"

namespace mottix {

std::optional<Body> bodyOf(const AthleteRecord& record) {
  const auto who = subjectOf(record);
  return who ? std::optional(who->body) : std::nullopt;
}

std::optional<Body> bodyOf(const HouseFile& house, AthleteId athlete) {
  const auto record = house.loadRecord(athlete);
  return record ? bodyOf(*record) : std::nullopt;
}

std::optional<LinkedFilm> linkedFilm(const HouseFile& house, const SetRecord& set) {
  if (set.edit.other_film) return LinkedFilm{set.id, *set.edit.other_film};
  const auto owner = house.setWithOtherFilm(set.id);
  if (!owner || !*owner) return std::nullopt;
  const auto there = house.loadSet(**owner);
  if (!there || !there->edit.other_film) return std::nullopt;
  const OtherFilm& link = *there->edit.other_film;
  return LinkedFilm{there->id, {there->id, -link.later_s, link.by_hand}};
}

SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit,
                       const std::optional<Body>& body) {
  ClipTracks tracks = record.tracks;
  playAsLived(tracks.time_s, edit.asked.recorded_fps);
  // Joints carried from a figure that was taken back are not shown.
  if (record.hasJoints() && (record.foundByItself() || !edit.placed.empty()))
    layCorrections(tracks, record.carried, edit.placed, record.found);
  if (!backOf(edit))  // taken back
    for (const Joint j : kBackJoints) tracks.joints[indexOf(j)].clear();
  if (record.held != edit.asked.held)  // another end was followed, of another size
    return {std::move(tracks), tl::make_unexpected(pointFirst(edit.asked.held))};
  AnalysisSettings settings = settingsFor(athlete, edit, body);
  settings.joints_know_body = record.foundByItself();
  auto analysis = analyse(tracks, record.axis, settings, builtInRuleBook());
  const bool put_right = std::any_of(edit.placed.begin(), edit.placed.end(), [](const PlacedPoints& p) {
    for (std::size_t j = 0; j < kJointCount; ++j)
      if (p.joints[j] && !isOfBack(static_cast<Joint>(j))) return true;
    return false;
  });
  if (analysis && record.foundByItself() && !put_right) analysis->warnings.push_back(Warning::kJointsFound);
  if (analysis && record.two_plates) analysis->warnings.push_back(Warning::kTwoPlates);
  return {std::move(tracks), std::move(analysis)};
}

}  // namespace mottix
