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

void HouseLog::put(const SetRecord& set, const Analysis& analysis) {
  StoredResult now{set, analysis.view == View::kFront || analysis.view == View::kRear, analysis.measures, {}};
  for (const Finding& f : analysis.findings)
    if (f.certainty == Certainty::kClear && !f.overruled) now.found.push_back(f.rule);
  const auto at =
      std::find_if(results.begin(), results.end(), [&](const StoredResult& r) { return r.set.id == set.id; });
  if (at == results.end())
    results.push_back(std::move(now));
  else
    *at = std::move(now);
}

HouseLog readRules(const HouseFile& house) {
  HouseLog log;
  if (const auto book = house.houseBook()) {
    if (auto layer = parseRuleLayer(book->rules, "house")) log.layer = std::move(*layer);
    if (auto cues = withOwnCues(book->cues)) log.cues = std::move(*cues);
    if (const auto causes = parseHouseCauses(book->causes, "own causes"))
      log.causes = withHouse(builtInCauseBook(), *causes);
    if (!book->gear.empty())
      if (auto gear = parseGear(book->gear, "gear")) log.gear = std::move(*gear);
  }
  return log;
}

namespace {

// Those after it were not known then.
std::vector<PastSet> setsBefore(const SetRecord& set, const HouseLog& log) {
  std::vector<PastSet> past;
  for (const StoredResult& r : log.results) {
    if (r.set.id == set.id) break;
    past.push_back(asPast(r.set.edit, r.across, r.measures, r.found));
  }
  return past;
}

// `mine`: whose trials count as the athlete's own.
CueHistory trialsOf(const std::vector<StoredResult>& results, SetId but, AthleteId mine,
                    const CueBook& cues) {
  std::vector<CueSet> sets;
  for (const StoredResult& r : results)
    if (r.set.id != but)
      sets.push_back({r.set.athlete, r.set.edit.cue, asPast(r.set.edit, r.across, r.measures, r.found)});
  return cueTrials(sets, mine, builtInRuleBook(), cues);
}

}  // namespace

Expected<Judging> judgingBy(const HouseFile& house, const std::vector<std::string>& schools,
                            const SetRecord& set, bool across, const HouseLog& log) {
  const auto who = house.loadRecord(set.athlete);
  if (!who) return tl::make_unexpected(who.error());
  return judgingBy(schools, *who, set.edit, across, setsBefore(set, log), log.layer);
}

SetJudging judgingOf(const HouseFile& house, const SetRecord& set, bool across, const HouseLog& log) {
  SetJudging out;
  const auto who = house.loadRecord(set.athlete);
  if (!who) return out;
  const std::vector<PastSet> past = setsBefore(set, log);
  auto by = judgingOf(*who, set.edit, across, past, log.layer);
  if (by) {
    out.by = std::move(*by);
    return out;
  }
  out.problem = by.error().text;
  AthleteRecord plain = *who;
  plain.athlete.profile = {};
  if (auto base = judgingOf(plain, set.edit, across, past)) out.by = std::move(*base);
  return out;
}

CueHistory cueHistory(const HouseLog& log, const SetRecord& set) {
  CueHistory history = trialsOf(log.results, set.id, set.athlete, log.cues);
  for (const auto& [athlete, trials] : log.trials)
    if (athlete != set.athlete) history.insert(history.end(), trials.begin(), trials.end());
  return history;
}

void turnTo(HouseLog& log, AthleteId athlete, const HouseFile& house) {
  if (log.whose == athlete) return;
  if (log.whose != AthleteId{}) log.trials[log.whose] = trialsOf(log.results, kNoSet, {}, log.cues);
  log.whose = athlete;
  log.results.clear();
  if (auto results = house.results({.athlete = athlete})) log.results = std::move(*results);
}

std::map<AthleteId, CueHistory> readTrials(const HouseFile& house, const CueBook& cues,
                                           const std::function<bool()>& stop) {
  std::map<AthleteId, CueHistory> out;
  if (const auto athletes = house.athletes())
    for (const Athlete& a : *athletes) {
      if (stop()) break;
      if (const auto results = house.results({.athlete = a.id}))
        out[a.id] = trialsOf(*results, kNoSet, {}, cues);
    }
  return out;
}

SetAnalysis analyseSet(const TrackRecord& record, const Athlete& athlete, const SetEdit& edit,
                       const std::optional<Body>& body, const Judging& by, const CauseBook& causes) {
  ClipTracks tracks = record.tracks;
  playAsLived(tracks.time_s, edit.asked.recorded_fps);
  // Joints carried from a figure that was taken back are not shown.
  if (record.hasJoints() && (record.foundByItself() || !edit.placed.empty()))
    layCorrections(tracks, record.carried, edit.placed, record.found);
  if (!backOf(edit))  // taken back
    for (const Joint j : kBackJoints) tracks.joints[indexOf(j)].clear();
  if (record.held != edit.asked.held)  // another end was followed, of another size
    return {std::move(tracks), tl::make_unexpected(pointFirst(edit.asked.held))};
  AnalysisSettings settings = settingsFor(athlete, edit, body, causes);
  settings.joints_know_body = record.foundByItself();
  settings.judged = by.set;
  auto analysis = analyse(tracks, record.axis, settings, by.book);
  const bool put_right = std::any_of(edit.placed.begin(), edit.placed.end(), [](const PlacedPoints& p) {
    for (std::size_t j = 0; j < kJointCount; ++j)
      if (p.joints[j] && !isOfBack(static_cast<Joint>(j))) return true;
    return false;
  });
  if (analysis && record.foundByItself() && !put_right) analysis->warnings.push_back(Warning::kJointsFound);
  if (analysis && record.two_plates) analysis->warnings.push_back(Warning::kTwoPlates);
  return {std::move(tracks), std::move(analysis)};
}

SetSeen judgeSet(const SetMaterial& from) {
  SetAnalysis found = analyseSet(from.record, from.athlete, from.set.edit, from.body, from.by, from.causes);
  SetSeen out{from.set, from.by, std::move(found.tracks), std::move(found.analysis), {}, {}, from.other};
  if (!out.analysis) return out;
  Analysis& analysis = *out.analysis;
  out.phases = findPhases(analysis.on->input, analysis.reps);
  if (!out.other && from.other_from) {
    const SetMaterial& film = *from.other_from;
    SetAnalysis seen = analyseSet(film.record, film.athlete, film.set.edit, film.body, film.by, film.causes);
    if (seen.analysis)
      out.other = OtherSeen{film.set.id, 0.0, std::move(seen.tracks.time_s), std::move(*seen.analysis), {}};
  }
  if (out.other) {
    out.other->later_s = from.later_s;
    AnalysisSettings settings = settingsFor(from.athlete, from.set.edit, from.body, from.causes);
    settings.judged = from.by.set;
    if (const auto both = judgeTogether(analysis, out.other->analysis, settings, from.by.book)) {
      analysis.findings = both->first;
      out.other->findings = both->second;
      analysis.decision = both->decision;
    }
  }
  out.late = findLateChanges(from.by.book, analysis, from.by.set);
  return out;
}

}  // namespace mottix
