#include "report/load_wording.h"

#include <algorithm>
#include <cmath>

#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

QString inTen(double chance) {
  return QString::number(std::clamp(static_cast<int>(std::lround(10.0 * chance)), 0, 10));
}

QString sourceWords(std::string_view source) {
  return source == "word" ? tr("the word") : source == "eye" ? tr("your eye") : tr("the bar's speed");
}

}  // namespace

QString planTitle(const LiftPlan& plan) {
  return ofBook(plan.title);
}

QString planWords(const LiftPlan& plan) {
  return ofBook(plan.words);
}

QString effortNumber(double effort) {
  return QString::number(effort, 'g', 3);
}

QString plannedSetWords(const PlannedSet& set, bool in_lb) {
  const QString load = loadWords(set.load_kg, in_lb);
  QString words = set.role == SetRole::kTopSingle ? tr("a single of %1").arg(load)
                  : set.sets > 1                  ? tr("%1 × %2 × %3").arg(set.sets).arg(set.reps).arg(load)
                                                  : tr("%1 × %2").arg(set.reps).arg(load);
  words += tr(" at effort %1").arg(effortNumber(set.effort));
  if (set.stop_below_ms)
    words += tr(", ended when a rep is slower than %1 m/s").arg(*set.stop_below_ms, 0, 'f', 2);
  return words;
}

QString sessionWords(const NextSession& session) {
  if (session.sets.empty()) return tr("Done for today");
  if (session.sets.front().role == SetRole::kClimb && session.sets.size() > 1)
    return tr("From the empty bar in even steps: %1 to %2, %3 reps each")
        .arg(kilograms(session.sets.front().load_kg), kilograms(session.sets.back().load_kg))
        .arg(session.sets.front().reps);
  QStringList parts;
  for (const PlannedSet& set : session.sets) parts << plannedSetWords(set);
  QString words = parts.join(tr(", then "));
  if (!words.isEmpty()) words[0] = words[0].toUpper();
  return words;
}

QString planReason(const NextSession& s, const LiftPlan& plan, const PlanGates& gates) {
  const QString n = QString::number(s.reason_number, 'g', 3);
  const QString last = s.last_kg ? kilograms(*s.last_kg) : QString();
  switch (s.reason) {
    case PlanReason::kFirstSession:
      return tr(
          "Nothing is known of this lift yet: climb in even steps and stop where form or effort says so.");
    case PlanReason::kFirstSingle:
      return tr("The first single: from the sets so far, on the lower side of what they show.");
    case PlanReason::kStepAdded:
      return tr("Form held at %1 and it was no grind: one step more.").arg(last);
    case PlanReason::kGainAdded:
      return s.sets.empty() || !s.last_kg || s.sets.front().load_kg <= *s.last_kg
                 ? tr("The single stays at %1 until the gain of %2 % a week makes a step.")
                       .arg(last, QString::number(100.0 * plan.gain_week, 'g', 2))
                 : tr("The single of %1 stayed at its effort: up by the gain of %2 % a week.")
                       .arg(last, QString::number(100.0 * plan.gain_week, 'g', 2));
    case PlanReason::kBySpeed:
      return tr("By the bar's speeds %1 % of the best single; one step up at most.").arg(n);
    case PlanReason::kFromSingle:
      return tr("%1 % of the single of today.").arg(std::lround(100.0 * plan.back_off_share));
    case PlanReason::kEffortTooHigh:
      return tr("It was felt as effort %1, and %2 was meant to be the most.")
          .arg(effortNumber(s.reason_number), effortNumber(plan.effort_limit));
    case PlanReason::kPain:
      return tr("A pain note of %1/10 is open: nothing is added to %2.").arg(n, last);
    case PlanReason::kIll:
      return tr("Illness was noted: %1 % less in the first session after.").arg(n);
    case PlanReason::kBreak:
      return tr("%1 days without this lift; more than %2 are a break, so it starts lower.")
          .arg(n)
          .arg(gates.break_days);
    case PlanReason::kRepsMissed:
      return s.cap_kg && s.last_kg && *s.cap_kg < *s.last_kg
                 ? tr("Reps were missed twice in a row: less, and up again from there.")
             : s.reason_number == 1.0 ? tr("One rep was missed: not more than %1.").arg(last)
                                      : tr("%1 reps were missed: not more than %2.").arg(n, last);
    case PlanReason::kRepair:
      return tr("Technique first: %1 % less until it is repaired.").arg(n);
    case PlanReason::kHoldVerdict:
      return tr("What was seen holds the load at %1.").arg(last);
    case PlanReason::kNotJudged:
      return tr("The film could not be judged, so nothing is added to %1.").arg(last);
    case PlanReason::kStalled:
      return tr("Held at %1 for %2 sessions: %3 % less, and built up anew.")
          .arg(last)
          .arg(plan.holds_before_cut)
          .arg(n);
    case PlanReason::kSlowDay:
      return tr("Slower than this load has ever been, by %1 m/s: less today.")
          .arg(s.reason_number, 0, 'f', 2);
    case PlanReason::kGoOn:
      return tr("More of the same.");
    case PlanReason::kSessionDone:
      return tr("What was planned for today is done.");
  }
  return {};
}

QString planChange(const NextSession& s) {
  QStringList parts;
  for (const ChangeIf change : s.would_change) switch (change) {
      case ChangeIf::kVerdictBetter:
        parts << tr("a set with nothing big and at most two small deviations brings the next step");
        break;
      case ChangeIf::kVerdictWorse:
        parts << tr("something big on two reps takes a tenth off");
        break;
      case ChangeIf::kEffortLower:
        parts << tr("felt easier, it goes on");
        break;
      case ChangeIf::kEffortHigher:
        parts << tr("felt harder than asked, it is held");
        break;
      case ChangeIf::kAllReps:
        parts << tr("all reps done, it goes on");
        break;
      case ChangeIf::kPainGone:
        parts << tr("it goes on when the note is closed");
        break;
      case ChangeIf::kJudgeable:
        parts << tr("a film that can be judged lets it go on");
        break;
      case ChangeIf::kFaster:
        parts << tr("a faster bar brings more");
        break;
      case ChangeIf::kSlower:
        parts << tr("a slower one less");
        break;
    }
  if (parts.isEmpty()) return {};
  QString words = parts.join(QStringLiteral("; "));
  words[0] = words[0].toUpper();
  return words + QLatin1Char('.');
}

QString cautionWords(Caution caution) {
  switch (caution) {
    case Caution::kPainOpen:
      return tr("Pain is open: stop where it hurts, and see a licensed clinician before loading.");
    case Caution::kAfterIllness:
      return tr("After illness: the first session is a light one; a clinician's word goes before any plan.");
    case Caution::kSpotters:
      return tr("Safeties and spotters; nobody presses alone without them. Local rules come first.");
    case Caution::kQualifiedPerson:
      return tr("Young or new: a qualified person is present; range and load are scaled down first.");
    case Caution::kUnjudged:
      return tr("The last sets were not judged on film: it goes by your eye.");
  }
  return {};
}

QString blockWords(BlockKind block) {
  switch (block) {
    case BlockKind::kDevelop:
      return tr("development");
    case BlockKind::kNarrow:
      return tr("narrower and heavier");
    case BlockKind::kTest:
      return tr("test");
  }
  return {};
}

QString bandWords(const StrengthAt& at) {
  return tr("%1 kg (%2 to %3)")
      .arg(std::lround(at.best_kg.value))
      .arg(std::lround(at.low_kg))
      .arg(std::lround(at.high_kg));
}

QString relationWords(const Strength& s) {
  if (!s.relation_told)
    return tr("Reps against load by the middle of seven published relations, and what these sets add.");
  // Names of people.
  QString name = QString::fromStdString(std::string(nameOf(s.relation)));
  name =
      s.relation == RepRelation::kOConner ? QStringLiteral("O'Conner") : name.left(1).toUpper() + name.mid(1);
  return tr("Reps against load as these sets show it: closest to %1's relation.").arg(name);
}

QString attemptsWords(const Attempts& a) {
  return tr("Open with %1, then %2, third %3.")
      .arg(kilograms(a.opener_kg), kilograms(a.second_kg), kilograms(a.third_kg));
}

QString chanceWords(double chance, double goal_kg) {
  if (chance < 0.05) return tr("%1 is out of reach by that day, as things stand.").arg(kilograms(goal_kg));
  if (chance > 0.95) return tr("%1 is as good as certain by that day.").arg(kilograms(goal_kg));
  return tr("About %1 in 10 that %2 goes on that day.").arg(inTen(chance), kilograms(goal_kg));
}

QString conditionWords(Condition condition) {
  switch (condition) {
    case Condition::kIll:
      return tr("ill");
    case Condition::kShortSleep:
      return tr("short sleep");
    case Condition::kNoBelt:
      return tr("no belt");
    case Condition::kOtherShoes:
      return tr("other shoes");
  }
  return {};
}

QString apartWords(const Reserve& r) {
  if (!r.apart) return {};
  const auto of = [&](std::string_view source) {
    return source == "word" ? r.word->value : source == "eye" ? r.eye->value : r.speed->value;
  };
  return tr("%1 left by %2, %3 by %4.")
      .arg(QString::number(of(r.apart->one), 'f', 1), sourceWords(r.apart->one),
           QString::number(of(r.apart->other), 'f', 1), sourceWords(r.apart->other));
}

QString reserveWords(const Estimate& reserve) {
  return tr("%1 ± %2 reps left").arg(reserve.value, 0, 'f', 1).arg(reserve.sd, 0, 'f', 1);
}

QString overrideWords(const Override& o) {
  const QString what = tr("%1 instead of %2").arg(kilograms(o.taken_kg), kilograms(o.suggested_kg));
  switch (o.outcome) {
    case Override::Outcome::kHeld:
      return tr("%1: it held.").arg(what);
    case Override::Outcome::kBrokeDown:
      return tr("%1: form broke down.").arg(what);
    case Override::Outcome::kMissed:
      return tr("%1: reps were missed.").arg(what);
    case Override::Outcome::kOpen:
      return tr("%1: not lifted yet.").arg(what);
  }
  return what;
}

QString assistanceWords(const AssistanceOffer& o, const CauseBook& causes) {
  const Exercise& e = *o.exercise;
  QString words = tr("%1: %2 × %3 to %4").arg(ofBook(e.title)).arg(e.sets).arg(e.reps_low).arg(e.reps_high);
  if (o.low_kg && o.high_kg)
    words += *o.low_kg == *o.high_kg
                 ? tr(", from %1").arg(kilograms(*o.low_kg))
                 : tr(", from %1 to %2").arg(QString::number(*o.low_kg), kilograms(*o.high_kg));
  words += QLatin1Char('.');
  if (const Cause* cause = causes.find(o.cause))
    words += QLatin1Char(' ') + tr("For “%1”.").arg(ofBook(cause->title));
  if (o.instead_of != nullptr)
    words += QLatin1Char(' ') +
             tr("In the place of: %1, for which something is missing.").arg(tr(o.instead_of->title.c_str()));
  QStringList points;
  for (const std::string& p : e.points) points << ofBook(p);
  return words + QLatin1Char(' ') + points.join(QStringLiteral("; ")) + QLatin1Char('.');
}

}  // namespace mottix
