#include "report/eye_wording.h"

#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

QString sizeWords(Called size) {
  return size == Called::kBig ? tr("big") : size == Called::kSmall ? tr("small") : tr("nothing");
}

}  // namespace

QString glanceHeading(const Glance& g, const RuleBook& book) {
  const Rule* rule = book.find(g.rule);
  if (rule == nullptr) return {};
  const bool called = g.called != Called::kNothing;
  if (!g.is) return called ? tr("Too close to call: %1").arg(ofBookWithin(rule->says)) : QString();
  if (*g.is == Called::kNothing)
    return called ? tr("Called, but not there: %1").arg(ofBookWithin(rule->says)) : QString();
  return (called ? tr("Seen: %1 on %2") : tr("Passed over: %1 on %2"))
      .arg(ofBookWithin(rule->says), repList(g.reps));
}

QString glanceDetail(const Glance& g, const RuleBook& book) {
  const Rule* rule = book.find(g.rule);
  if (rule == nullptr) return {};
  QString words = tr("%1 %2; a fault from %3, big from %4.")
                      .arg(measureWords(rule->measures.front()),
                           withError(g.value, definitionOf(rule->measures.front()).unit),
                           limitWords(*rule, g.limit), limitWords(*rule, g.big));
  if (!words.isEmpty()) words[0] = words[0].toUpper();
  if (g.called == Called::kNothing) return words;
  words += QLatin1Char(' ');
  if (g.is && *g.is != Called::kNothing)
    words += g.called == *g.is ? tr("You called it %1, as it is.").arg(sizeWords(g.called))
                               : tr("You called it %1; it is %2.").arg(sizeWords(g.called), sizeWords(*g.is));
  else
    words += tr("You called it %1 on %2.").arg(sizeWords(g.called), repList(g.called_on));
  if (g.is && *g.is != Called::kNothing && g.called_on != g.reps)
    words += QLatin1Char(' ') + tr("You marked %1.").arg(repList(g.called_on));
  return words;
}

QString eyeWords(const EyeOfRule& eye, const Rule& rule) {
  if (eye.looks == 0) return tr("Not looked for yet.");
  if (!eye.from) return tr("Too early to say from where your eye calls it.");
  const std::string_view unit = definitionOf(rule.measures.front()).unit;
  const QString from = withError(*eye.from, unit);
  const double apart = eye.from->value - rule.limit;
  // Two standard deviations, and a quarter of what lies between limit and big: less does not matter.
  constexpr double kMatters = 0.25;
  if (std::abs(apart) < 2.0 * eye.from->sd || std::abs(apart) < kMatters * std::abs(rule.big - rule.limit))
    return tr("Your eye calls it from %1, as the book does (%2).").arg(from, limitWords(rule, rule.limit));
  const bool late = (apart > 0.0) != (rule.fault == FaultSide::kBelow);
  return (late ? tr("Your eye calls it from %1 only; the book from %2.")
               : tr("Your eye calls it from %1 already; the book from %2."))
      .arg(from, limitWords(rule, rule.limit));
}

QString eyeCounts(const EyeOfRule& eye) {
  QString words = eye.there > 0 ? tr("seen %1 of %2").arg(eye.seen).arg(eye.there) : tr("never there yet");
  if (eye.invented > 0) words += tr(", called %1 × where it was not").arg(eye.invented);
  return words;
}

}  // namespace mottix
