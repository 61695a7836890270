#include "core/log/lift_history.h"

#include <algorithm>
#include <cmath>

namespace mottix {
namespace {

std::vector<std::string> sortedTags(std::string_view variant) {
  std::vector<std::string> tags = variantTags(variant);
  std::sort(tags.begin(), tags.end());
  return tags;
}

}  // namespace

std::vector<const LogLine*> linesLike(std::span<const LogLine> lines, Lift lift, std::string_view variant) {
  const auto tags = sortedTags(variant);
  std::vector<const LogLine*> out;
  // Few variants, many lines: tags are read once for each.
  std::map<std::string, bool> like;
  for (const LogLine& line : lines) {
    if (line.lift != lift) continue;
    const auto [at, is_new] = like.try_emplace(line.variant, false);
    if (is_new) at->second = sortedTags(line.variant) == tags;
    if (at->second) out.push_back(&line);
  }
  return out;
}

LiftHistory historyOf(const AthleteRecord& who, std::span<const LogLine> lines, Lift lift,
                      std::string_view variant, Day today) {
  LiftHistory h;
  h.lift = lift;
  h.open_pain = who.athlete.worstPain();
  const std::string now = nameOf(today);
  const auto since = who.athlete.profile.lifts_since;
  h.minor_or_new =
      mayBeMinor(who.athlete.profile, now) || (since && now.substr(0, 4) == std::to_string(*since));
  for (const LogLine* line : linesLike(lines, lift, variant)) {
    if (line->day > today || !(line->load_kg > 0.0)) continue;
    DoneSet s;
    s.day = line->day;
    s.load_kg = line->load_kg;
    s.reps_asked = line->reps_asked;
    s.reps_done = line->reps_done;
    s.effort_asked = line->effort_asked;
    s.effort_felt = line->effort_felt;
    s.effort_seen = line->effort_seen;
    s.speeds_ms = line->speeds_ms;
    s.filmed = line->filmed && line->verdict.has_value();
    if (line->verdict) s.verdict = *line->verdict;
    s.verdict_reason = line->verdict_reason;
    s.ill = line->is(Condition::kIll);
    h.sets.push_back(std::move(s));
  }
  return h;
}

LiftAim aimOf(const AthleteRecord& who, Lift lift) {
  for (const LiftAim& aim : who.aims)
    if (aim.lift == lift) return aim;
  LiftAim aim;
  aim.lift = lift;
  aim.test_day = who.athlete.profile.test_day;
  return aim;
}

AheadWish wishOf(const LiftAim& aim, double step_kg, Day today) {
  AheadWish wish;
  constexpr int kUsualWeeks = 12;
  wish.begins = dayNamed(aim.begins).value_or(mondayOf(today));
  wish.test = dayNamed(aim.test_day).value_or(wish.begins + std::chrono::weeks(kUsualWeeks));
  const PlanBook& book = builtInPlanBook();
  wish.plan = book.find(aim.plan);
  if (wish.plan == nullptr) wish.plan = &book.plans.front();
  if (wish.plan->kind == PlanKind::kTopSingle) wish.narrow = book.find("narrow_heavy");
  wish.sessions_week = aim.sessions_week;
  wish.gain_factor = aim.gain_factor;
  wish.goal_kg = aim.goal_kg;
  wish.step_kg = step_kg;
  for (const PlanWeekNote& note : aim.weeks) {
    const auto monday = dayNamed(note.monday);
    if (!monday) continue;
    if (note.missed) wish.missed.push_back(*monday);
    if (note.moved_kg) wish.moved[*monday] = *note.moved_kg;
    if (note.planned_kg) wish.kept[*monday] = *note.planned_kg;
  }
  return wish;
}

void keepPast(LiftAim& aim, const Ahead& ahead) {
  for (const AheadWeek& week : ahead.weeks) {
    if (week.past || week.sets.empty()) continue;
    const std::string monday = nameOf(week.monday);
    auto note = std::find_if(aim.weeks.begin(), aim.weeks.end(),
                             [&](const PlanWeekNote& n) { return n.monday == monday; });
    if (note == aim.weeks.end())
      note = aim.weeks.insert(aim.weeks.end(), PlanWeekNote{monday, false, {}, {}});
    note->planned_kg = week.top_kg;
  }
  std::sort(aim.weeks.begin(), aim.weeks.end(),
            [](const PlanWeekNote& a, const PlanWeekNote& b) { return a.monday < b.monday; });
}

std::optional<OnLadder> placeOf(const AthleteRecord& who, std::span<const LogLine> lines, Lift lift) {
  const Ladder* ladder = builtInAssistanceBook().ladderOf(lift);
  if (ladder == nullptr) return std::nullopt;
  OnLadder out{ladder, ladder->top(), ladder->top()};
  std::optional<Day> since;
  for (const LadderPlace& p : who.places)
    if (p.ladder == ladder->id) {
      out.now = ladder->find(p.rung);
      since = dayNamed(p.day);
    }
  LoadAction verdict = LoadAction::kCantTell;
  for (const LogLine& line : lines)
    if (line.lift == lift && line.verdict && (!since || line.day > *since)) verdict = *line.verdict;
  out.next = nextRung(*ladder, out.now, verdict, who.athlete.worstPain(), builtInPlanBook().gates.pain_limit);
  return out;
}

std::vector<Override> overridesIn(std::span<const LogLine> lines) {
  std::vector<Override> out;
  constexpr double kSame_kg = 0.05;
  for (std::size_t k = 0; k < lines.size(); ++k) {
    const LogLine& line = lines[k];
    if (!line.next_kg || !line.suggested_kg || std::abs(*line.next_kg - *line.suggested_kg) < kSame_kg)
      continue;
    Override o{line.day, line.id, *line.suggested_kg, *line.next_kg, Override::Outcome::kOpen};
    for (std::size_t n = k + 1; n < lines.size(); ++n) {
      const LogLine& then = lines[n];
      if (then.lift != line.lift || std::abs(then.load_kg - *line.next_kg) >= kSame_kg) continue;
      o.outcome = then.reps_done < then.reps_asked                       ? Override::Outcome::kMissed
                  : then.verdict && *then.verdict == LoadAction::kRepair ? Override::Outcome::kBrokeDown
                                                                         : Override::Outcome::kHeld;
      break;
    }
    out.push_back(o);
  }
  return out;
}

}  // namespace mottix
