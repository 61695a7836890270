#include "desk/set_plan.h"

#include "desk/pieces.h"
#include "report/load_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

// Lines of the log up to this set, or up to the one before it.
Expected<std::vector<LogLine>> linesUntil(const HouseFile& house, const SetRecord& set, bool with_it) {
  LogQuery query;
  query.athlete = set.athlete;
  query.lift = set.edit.asked.lift;
  query.until = dayNamed(set.day);
  auto lines = house.search(query);
  if (lines)
    std::erase_if(*lines, [&](const LogLine& l) {
      return nameOf(l.day) == set.day && (l.id > set.id || (!with_it && l.id == set.id));
    });
  return lines;
}

const LiftAim* aimIn(const AthleteRecord& who, Lift lift) {
  for (const LiftAim& aim : who.aims)
    if (aim.lift == lift) return &aim;
  return nullptr;
}

}  // namespace

Expected<SetPlan> planAround(const HouseFile& house, const SetRecord& set, const Gear& gear,
                             const std::optional<Analysis>& analysis) {
  SetPlan out;
  const auto day = dayNamed(set.day);
  auto lines = linesUntil(house, set, true);
  if (!lines) return tl::make_unexpected(lines.error());
  auto who = house.loadRecord(set.athlete);
  if (!who) return tl::make_unexpected(who.error());
  if (!day) return out;
  const Lift lift = set.edit.asked.lift;
  out.since = sinceLast(*lines, lift, set.edit.asked.variant, *day);
  const LiftHistory history = historyOf(*who, *lines, lift, set.edit.asked.variant, *day);
  std::optional<Estimate> by_speed;
  if (analysis && !analysis->reps.empty()) {
    const Measure* last =
        findMeasure(analysis->measures, MeasureId::kMeanSpeed, analysis->reps.back().number);
    if (last != nullptr && last->status == MeasureStatus::kOk)
      by_speed = estimateSpeeds(lift, speedsOf(history)).reserve(last->value);
  }
  const auto word = set.edit.effort_felt ? reserveByWord(*set.edit.effort_felt) : std::nullopt;
  const auto eye = set.edit.effort_seen ? reserveByEye(*set.edit.effort_seen) : std::nullopt;
  out.reserve = weighReserve(word, eye, by_speed);

  const LiftAim* aim = aimIn(*who, lift);
  const PlanBook& book = builtInPlanBook();
  out.plan = aim == nullptr ? nullptr : book.find(aim->plan);
  if (out.plan == nullptr) return out;
  const PlanWish wish{who->athlete.step_kg};
  auto next = planNext(*out.plan, book.gates, history, *day, wish);
  if (next && next->sets.empty()) {
    // The day's is done: the next session, as if it were held when the next one usually is.
    const auto days = sessionDays(aim->sessions_week);
    const int until = days.size() > 1 ? days[1] - days[0] : 7;
    next = planNext(*out.plan, book.gates, history, *day + std::chrono::days(until), wish);
    out.another_day = true;
  }
  if (!next) return tl::make_unexpected(next.error());
  out.next = std::move(*next);
  // A load below the bar stays as it is; the plates' own words say so.
  if (const auto on = riggingIn(set.edit.asked.equipment, gear)) {
    NextSession on_plates = out.next;
    if (putOnPlates(on_plates, gear, *on)) out.next = std::move(on_plates);
  }
  return out;
}

Expected<std::optional<PlannedSet>> plannedAs(const HouseFile& house, const SetRecord& set,
                                              const Gear& gear) {
  const auto day = dayNamed(set.day);
  auto lines = linesUntil(house, set, false);
  if (!lines) return tl::make_unexpected(lines.error());
  auto who = house.loadRecord(set.athlete);
  if (!who) return tl::make_unexpected(who.error());
  const LiftAim* aim = aimIn(*who, set.edit.asked.lift);
  const PlanBook& book = builtInPlanBook();
  const LiftPlan* plan = aim == nullptr ? nullptr : book.find(aim->plan);
  if (plan == nullptr || !day) return std::optional<PlannedSet>();
  auto next =
      planNext(*plan, book.gates, historyOf(*who, *lines, set.edit.asked.lift, set.edit.asked.variant, *day),
               *day, {who->athlete.step_kg});
  if (!next) return tl::make_unexpected(next.error());
  if (const auto on = riggingIn(set.edit.asked.equipment, gear)) {
    NextSession on_plates = *next;
    if (putOnPlates(on_plates, gear, *on)) next = std::move(on_plates);
  }
  if (next->sets.empty()) return std::optional<PlannedSet>();
  return std::optional(next->sets.front());
}

QString sinceWords(const SinceLast& s, const RuleBook& rules, const CueBook& cues) {
  QString words = QObject::tr("Last time, %1: %2 × %3")
                      .arg(dayWords(s.day, "d MMMM"))
                      .arg(s.reps)
                      .arg(kilograms(s.top_kg));
  if (s.effort) words += QObject::tr(", felt %1").arg(effortNumber(*s.effort));
  words += QLatin1Char('.');
  if (!s.found.empty())
    if (const Rule* rule = rules.find(s.found.front())) {
      words += QLatin1Char(' ') + ofBook(rule->says);
      words +=
          s.found.size() == 1 ? QStringLiteral(".") : QObject::tr(", and %1 more.").arg(s.found.size() - 1);
    }
  if (const Cue* cue = cues.find(s.cue))
    words += QLatin1Char(' ') + QObject::tr("Said: “%1”").arg(ofBook(cue->words));
  if (s.next_kg) words += QLatin1Char(' ') + QObject::tr("Decided: %1.").arg(kilograms(*s.next_kg));
  if (s.speed_change_ms)
    words += QLatin1Char(' ') + (*s.speed_change_ms > 0.0
                                     ? QObject::tr("The bar was %1 m/s faster than before at that load.")
                                     : QObject::tr("The bar was %1 m/s slower than before at that load."))
                                    .arg(std::abs(*s.speed_change_ms), 0, 'f', 2);
  return words;
}

}  // namespace mottix
