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

Expected<PastSets> readPast(const HouseFile& house, AthleteId athlete) {
  auto results = house.results({.athlete = athlete});
  if (!results) return tl::make_unexpected(results.error());
  PastSets past;
  for (StoredResult& r : *results) past.push_back(std::make_shared<const StoredResult>(std::move(r)));
  return past;
}

void HouseLog::put(const SetRecord& set, const Analysis& analysis) {
  if (!past) return;
  StoredResult now{set, analysis.view == View::kFront || analysis.view == View::kRear, analysis.measures, {}};
  for (const Finding& f : analysis.findings)
    if (f.certainty == Certainty::kClear && !f.overruled) now.found.push_back(f.rule);
  auto kept = std::make_shared<const StoredResult>(std::move(now));
  const auto at =
      std::find_if(past->begin(), past->end(), [&](const auto& r) { return r->set.id == set.id; });
  if (at == past->end())
    past->push_back(std::move(kept));
  else
    *at = std::move(kept);
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
std::vector<PastSet> setsBefore(const SetRecord& set, const PastSets& past) {
  std::vector<PastSet> before;
  for (const auto& r : past) {
    if (r->set.id == set.id) break;
    before.push_back(asPast(r->set.edit, r->across, r->measures, r->found));
  }
  return before;
}

// `mine`: whose trials count as the athlete's own.
CueHistory trialsOf(const PastSets& past, SetId but, AthleteId mine, const CueBook& cues) {
  std::vector<CueSet> sets;
  for (const auto& r : past)
    if (r->set.id != but)
      sets.push_back(
          {r->set.athlete, r->set.edit.cue, asPast(r->set.edit, r->across, r->measures, r->found)});
  return cueTrials(sets, mine, builtInRuleBook(), cues);
}

}  // namespace

Expected<Judging> judgingBy(const HouseFile& house, const std::vector<std::string>& schools,
                            const SetRecord& set, bool across, const HouseLog& log) {
  const auto who = house.loadRecord(set.athlete);
  if (!who) return tl::make_unexpected(who.error());
  return judgingBy(schools, *who, set.edit, across, setsBefore(set, log.past.value_or(PastSets())),
                   log.layer);
}

SetJudging judgingOf(const AthleteRecord& who, const SetRecord& set, bool across, const PastSets& past,
                     const std::optional<RuleLayer>& layer) {
  SetJudging out;
  const std::vector<PastSet> before = setsBefore(set, past);
  auto by = judgingOf(who, set.edit, across, before, layer);
  if (by) {
    out.by = std::move(*by);
    return out;
  }
  out.problem = by.error().text;
  AthleteRecord plain = who;
  plain.athlete.profile = {};
  if (auto base = judgingOf(plain, set.edit, across, before)) out.by = std::move(*base);
  return out;
}

SetJudging judgingOf(const HouseFile& house, const SetRecord& set, bool across, const HouseLog& log) {
  const auto who = house.loadRecord(set.athlete);
  if (!who) return {};
  return judgingOf(*who, set, across, log.past.value_or(PastSets()), log.layer);
}

CueHistory cueHistory(const HouseLog& log, const SetRecord& set) {
  CueHistory history = trialsOf(log.past.value_or(PastSets()), set.id, set.athlete, log.cues);
  for (const auto& [athlete, trials] : log.trials)
    if (athlete != set.athlete) history.insert(history.end(), trials.begin(), trials.end());
  return history;
}

void turnTo(HouseLog& log, AthleteId athlete) {
  if (log.whose == athlete) return;
  if (log.past) log.trials[log.whose] = trialsOf(*log.past, kNoSet, {}, log.cues);
  log.whose = athlete;
  log.past.reset();
}

std::map<AthleteId, CueHistory> readTrials(const HouseFile& house, const CueBook& cues,
                                           const std::function<bool()>& stop) {
  std::map<AthleteId, CueHistory> out;
  if (const auto athletes = house.athletes())
    for (const Athlete& a : *athletes) {
      if (stop()) break;
      if (const auto past = readPast(house, a.id)) out[a.id] = trialsOf(*past, kNoSet, {}, cues);
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
  SetSeen out;
  out.set = from.set;
  out.past = from.past;
  if (!out.past) {
    const auto house = HouseFile::openAgain(from.house);
    auto read = house ? readPast(*house, from.who.athlete.id) : tl::make_unexpected(house.error());
    if (read)
      out.past = std::move(*read);
    else
      out.problem = read.error().text;
  }
  if (!from.record) return out;
  const PastSets past = out.past.value_or(PastSets());
  SetJudging judging = judgingOf(from.who, from.set, from.record->tracks.across(), past, from.layer);
  if (!judging.problem.empty()) out.problem = std::move(judging.problem);
  out.by = std::move(judging.by);
  const Athlete& athlete = from.who.athlete;
  const std::optional<Body> body = bodyOf(from.who);
  SetAnalysis found = analyseSet(*from.record, athlete, from.set.edit, body, out.by, from.causes);
  out.tracks = std::move(found.tracks);
  out.analysis = std::move(found.analysis);
  out.other = from.other;
  if (!*out.analysis) return out;
  Analysis& analysis = **out.analysis;
  out.phases = findPhases(analysis.on->input, analysis.reps);
  if (!out.other && from.other_from) {
    const auto& [set, record] = *from.other_from;
    const Judging by = judgingOf(from.who, set, record.tracks.across(), past, from.layer).by;
    SetAnalysis seen = analyseSet(record, athlete, set.edit, body, by, from.causes);
    if (seen.analysis)
      out.other = OtherSeen{set.id, 0.0, std::move(seen.tracks.time_s), std::move(*seen.analysis), {}};
  }
  if (out.other) {
    out.other->later_s = from.later_s;
    AnalysisSettings settings = settingsFor(athlete, from.set.edit, body, from.causes);
    settings.judged = out.by.set;
    if (const auto both = judgeTogether(analysis, out.other->analysis, settings, out.by.book)) {
      analysis.findings = both->first;
      out.other->findings = both->second;
      analysis.decision = both->decision;
    }
  }
  out.late = findLateChanges(out.by.book, analysis, out.by.set);
  return out;
}

}  // namespace mottix
