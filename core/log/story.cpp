#include "core/log/story.h"

#include <algorithm>
#include <cmath>

namespace mottix {
namespace {

// The load in the middle of the filmed sets: from it, the fewest have to be moved far.
std::optional<double> middleLoad(const std::vector<const LogLine*>& sets) {
  std::vector<double> loads;
  for (const LogLine* s : sets)
    if (!s->speeds_ms.empty()) loads.push_back(s->load_kg);
  if (loads.empty()) return std::nullopt;
  const auto middle = loads.begin() + static_cast<long>(loads.size() / 2);
  std::nth_element(loads.begin(), middle, loads.end());
  return *middle;
}

Estimate fastestOf(const LogLine& line) {
  return *std::max_element(line.speeds_ms.begin(), line.speeds_ms.end(),
                           [](const Estimate& a, const Estimate& b) { return a.value < b.value; });
}

void addSpeeds(Story& story, Lift lift) {
  story.at_load_kg = middleLoad(story.sets);
  if (!story.at_load_kg || !story.strength) return;
  const double slope = 1.0 / usualSpeeds(lift).share_per_ms.value;  // m/s for a whole best single
  for (const LogLine* s : story.sets) {
    if (s->speeds_ms.empty()) continue;
    const Estimate fastest = fastestOf(*s);
    double best = 0.0;
    for (const StrengthAt& at : story.strength->over_time)
      if (at.day <= s->day || best == 0.0) best = at.best_kg.value;
    const double by = slope * (s->load_kg - *story.at_load_kg) / best;
    const double rel = usualSpeeds(lift).share_per_ms.sd / usualSpeeds(lift).share_per_ms.value;
    story.speeds.push_back({s->day, s->id, {fastest.value + by, std::hypot(fastest.sd, rel * by)}});
  }
}

void addFound(Story& story) {
  std::map<Day, int> measured;  // reps of measured sets, by week
  std::map<std::string, std::map<Day, FoundInWeek>> by_rule;
  for (const LogLine* s : story.sets) {
    if (!s->verdict) continue;
    const Day monday = mondayOf(s->day);
    measured[monday] += s->reps_done;
    for (const FoundInSet& f : s->found) {
      FoundInWeek& week = by_rule[f.rule][monday];
      week.reps += std::min(f.reps, s->reps_done);
      if (f.severity == Severity::kBig) week.big += f.reps;
    }
  }
  for (auto& [rule, weeks] : by_rule) {
    FoundOverTime row{rule, {}, 0};
    for (const auto& [monday, of] : measured) {
      FoundInWeek week = weeks[monday];
      week.monday = monday;
      week.of = of;
      row.reps += week.reps;
      row.weeks.push_back(week);
    }
    story.found.push_back(std::move(row));
  }
  std::stable_sort(story.found.begin(), story.found.end(),
                   [](const FoundOverTime& a, const FoundOverTime& b) { return a.reps > b.reps; });
}

void addMarks(Story& story, const AthleteRecord& who) {
  std::optional<SetupId> setup;
  for (const LogLine* s : story.sets) {
    if (s->setup && s->setup != setup) {
      setup = s->setup;
      for (const SetupRecord& r : who.setups)
        if (r.id == *setup) story.marks.push_back({Mark::Kind::kSetup, s->day, s->id, r.name, 0});
    }
    if (!s->cue.empty()) story.marks.push_back({Mark::Kind::kCue, s->day, s->id, s->cue, 0});
    if (!s->note.empty()) story.marks.push_back({Mark::Kind::kNote, s->day, s->id, s->note, 0});
    for (const Condition c : s->conditions)
      story.marks.push_back({Mark::Kind::kCondition, s->day, s->id, std::string(nameOf(c)), 0});
  }
  for (const ComplaintRecord& c : who.complaints) {
    const std::string what = (c.side.empty() ? "" : c.side + " ") + std::string(nameOf(c.what.joint));
    if (const auto day = dayNamed(c.opened))
      story.marks.push_back({Mark::Kind::kComplaint, *day, kNoSet, what, c.what.level});
    if (const auto day = dayNamed(c.closed))
      story.marks.push_back({Mark::Kind::kComplaintOver, *day, kNoSet, what, c.what.level});
  }
  for (const Override& o : story.overrides)
    story.marks.push_back({Mark::Kind::kOverride, o.day, o.set, {}, 0});
  std::stable_sort(story.marks.begin(), story.marks.end(),
                   [](const Mark& a, const Mark& b) { return a.day < b.day; });
}

void addCues(Story& story, const CueBook& book) {
  const auto finds = [](const LogLine& line, const std::vector<std::string>& rules) {
    return std::any_of(line.found.begin(), line.found.end(), [&](const FoundInSet& f) {
      return std::find(rules.begin(), rules.end(), f.rule) != rules.end();
    });
  };
  for (std::size_t k = 0; k < story.sets.size(); ++k) {
    const LogLine& line = *story.sets[k];
    const Cue* cue = line.cue.empty() ? nullptr : book.find(line.cue);
    if (cue == nullptr || !finds(line, cue->rules)) continue;
    const auto next = std::find_if(story.sets.begin() + static_cast<long>(k) + 1, story.sets.end(),
                                   [](const LogLine* s) { return s->verdict.has_value(); });
    if (next == story.sets.end()) continue;
    auto known = std::find_if(story.cues.begin(), story.cues.end(),
                              [&](const CueOutcome& c) { return c.cue == cue->id; });
    if (known == story.cues.end()) known = story.cues.insert(story.cues.end(), CueOutcome{cue->id, 0, 0});
    ++known->told;
    known->gone += finds(**next, cue->rules) ? 0 : 1;
  }
  std::stable_sort(story.cues.begin(), story.cues.end(),
                   [](const CueOutcome& a, const CueOutcome& b) { return a.told > b.told; });
}

}  // namespace

Story tellStory(const AthleteRecord& who, std::span<const LogLine> lines, Lift lift, std::string_view variant,
                const CueBook& cues, const std::set<SetId>* only) {
  Story story;
  story.sets = linesLike(lines, lift, variant);
  if (!story.sets.empty()) {
    const LiftHistory history = historyOf(who, lines, lift, variant, story.sets.back()->day);
    story.strength = estimateStrength(lift, strengthSetsOf(history));
  }
  if (only != nullptr) std::erase_if(story.sets, [&](const LogLine* s) { return only->count(s->id) == 0; });
  std::vector<LogLine> own;
  for (const LogLine* s : story.sets) own.push_back(*s);
  story.overrides = overridesIn(own);
  addSpeeds(story, lift);
  addFound(story);
  addMarks(story, who);
  addCues(story, cues);
  return story;
}

std::optional<SinceLast> sinceLast(std::span<const LogLine> lines, Lift lift, std::string_view variant,
                                   Day before) {
  std::vector<const LogLine*> sets = linesLike(lines, lift, variant);
  std::erase_if(sets, [&](const LogLine* s) { return s->day >= before; });
  if (sets.empty()) return std::nullopt;
  SinceLast out;
  out.day = sets.back()->day;
  std::optional<Estimate> speed, speed_before;
  double speed_kg = 0.0;
  for (const LogLine* s : sets) {
    if (s->day != out.day) continue;
    if (s->load_kg >= out.top_kg) {
      out.top_kg = s->load_kg;
      out.reps = s->reps_done;
      out.effort = s->effort_felt ? s->effort_felt : s->effort_seen;
    }
    if (!s->cue.empty()) out.cue = s->cue;
    if (s->next_kg) out.next_kg = s->next_kg;
    if (s->verdict) {
      std::vector<FoundInSet> found = s->found;
      std::stable_sort(found.begin(), found.end(),
                       [](const FoundInSet& a, const FoundInSet& b) { return a.severity > b.severity; });
      out.found.clear();
      for (const FoundInSet& f : found) out.found.push_back(f.rule);
    }
    if (!s->speeds_ms.empty()) {
      speed = fastestOf(*s);
      speed_kg = s->load_kg;
    }
  }
  // The newest set at the same load in the sessions before.
  constexpr double kSame_kg = 0.05;
  for (const LogLine* s : sets)
    if (s->day < out.day && !s->speeds_ms.empty() && std::abs(s->load_kg - speed_kg) < kSame_kg)
      speed_before = fastestOf(*s);
  if (speed && speed_before) {
    const double change = speed->value - speed_before->value;
    // Less than half a rep's worth of speed is not worth a word.
    constexpr double kWorthSaying_ms = 0.03;
    if (std::abs(change) > std::max(kWorthSaying_ms, 2.0 * std::hypot(speed->sd, speed_before->sd)))
      out.speed_change_ms = change;
  }
  return out;
}

}  // namespace mottix
