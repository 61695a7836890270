#include "report/wording.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include <QRegularExpression>
#include <QStringList>

#include "report/tr.h"

namespace mottix {
namespace {

int digitsFor(double sd, std::string_view unit) {
  if (unit == "deg") return sd < 0.5 ? 1 : 0;
  if (unit == "s" || unit == "m/s" || unit.empty()) return 2;
  if (unit == "N" || unit == "N m" || unit == "J" || unit == "W" || unit == "%") return 0;
  return 1;
}

}  // namespace

QString unitWords(std::string_view unit) {
  if (unit == "deg") return QStringLiteral("°");
  return unit.empty() ? QString()
                      : QStringLiteral(" ") + QString::fromUtf8(unit.data(), static_cast<int>(unit.size()));
}

QString signedNumber(double value, int digits) {
  QString text = QString::number(value, 'f', digits);
  if (text.startsWith(QLatin1Char('-'))) {
    text.remove(0, 1);
    if (text.toDouble() != 0.0) text.prepend(QChar(0x2212));
  }
  return text;
}

QString numberFor(const Estimate& value, std::string_view unit) {
  return signedNumber(value.value, digitsFor(value.sd, unit));
}

QString withError(const Estimate& value, std::string_view unit) {
  const int digits = digitsFor(value.sd, unit);
  return signedNumber(value.value, digits) + (unit == "deg" ? QStringLiteral("°") : QString()) +
         QStringLiteral(" ± ") + signedNumber(value.sd, digits) +
         (unit == "deg" ? QStringLiteral("°") : unitWords(unit));
}

QString kilograms(double load_kg) {
  const bool whole = std::abs(load_kg - std::round(load_kg)) < 1e-6;
  return QString::number(load_kg, 'f',
                         whole ? 0 : (std::abs(load_kg * 10 - std::round(load_kg * 10)) < 1e-6 ? 1 : 2)) +
         QStringLiteral(" kg");
}

QString loadWords(double load_kg, bool in_lb) {
  if (!in_lb) return kilograms(load_kg);
  return tr("%1 lb (%2)").arg(0.5 * std::round(2.0 * Mass::ofKg(load_kg).lb())).arg(kilograms(load_kg));
}

QString repList(const std::vector<int>& reps) {
  if (reps.empty()) return tr("no rep");
  if (reps.size() == 1) return tr("rep %1").arg(reps.front());
  QStringList parts;
  for (std::size_t i = 0; i < reps.size();) {
    std::size_t j = i;
    while (j + 1 < reps.size() && reps[j + 1] == reps[j] + 1) ++j;
    if (j - i >= 2)
      parts << tr("%1 to %2").arg(reps[i]).arg(reps[j]);
    else
      for (std::size_t k = i; k <= j; ++k) parts << QString::number(reps[k]);
    i = j + 1;
  }
  if (parts.size() == 1) return tr("reps %1").arg(parts.front());
  const QString last = parts.takeLast();
  return tr("reps %1 and %2").arg(parts.join(QStringLiteral(", ")), last);
}

QString liftWords(Lift lift) {
  switch (lift) {
    case Lift::kSquat:
      return tr("squat");
    case Lift::kBench:
      return tr("bench press");
    case Lift::kDeadlift:
      return tr("deadlift");
  }
  return {};
}

QString measureWords(MeasureId id) {
  const std::string_view title = definitionOf(id).title;
  return ofBook(std::string(title));
}

QString repNote(const Rep& rep) {
  QStringList parts;
  if (rep.cut_start) parts << tr("begins before the film");
  if (rep.cut_end) parts << tr("goes on after the film");
  if (rep.failed) parts << tr("sank back");
  if (rep.is_short) parts << tr("short");
  return parts.join(QStringLiteral(", "));
}

QString phaseWords(PhaseKind kind, Lift lift) {
  switch (kind) {
    case PhaseKind::kTakingOut:
      return lift == Lift::kBench ? tr("taking it out") : tr("walk-out");
    case PhaseKind::kSettling:
      return tr("set-up");
    case PhaseKind::kDown:
      return tr("way down");
    case PhaseKind::kDownFromKnee:
      return tr("below the knee, down");
    case PhaseKind::kTurn:
      return lift == Lift::kBench ? tr("on the chest") : tr("bottom");
    case PhaseKind::kUp:
      return lift == Lift::kDeadlift ? tr("off the floor") : tr("way up");
    case PhaseKind::kSticking:
      return tr("sticking");
    case PhaseKind::kUpFromKnee:
      return tr("past the knee");
    case PhaseKind::kLockout:
      return tr("lock-out");
    case PhaseKind::kReset:
      return tr("on the floor");
    case PhaseKind::kPuttingBack:
      return tr("putting it back");
  }
  return {};
}

QString drawnWords(DrawnKind kind) {
  switch (kind) {
    case DrawnKind::kAngle:
      return tr("Angle");
    case DrawnKind::kLean:
      return tr("Lean from vertical");
    case DrawnKind::kDistance:
      return tr("Distance");
    case DrawnKind::kHeight:
      return tr("Height");
    case DrawnKind::kTime:
      return tr("Time between");
  }
  return {};
}

QString facingWords(Facing facing) {
  // A lifter who faces right in the picture shows the right side.
  switch (facing) {
    case Facing::kRight:
      return tr("from the right");
    case Facing::kLeft:
      return tr("from the left");
    case Facing::kUnknown:
      return tr("from the side");
  }
  return {};
}

QString viewWords(View view, Facing facing, Lift lift) {
  switch (view) {
    case View::kFront:
      return lift == Lift::kBench ? tr("from the foot end") : tr("from the front");
    case View::kRear:
      return lift == Lift::kBench ? tr("from the head end") : tr("from the rear");
    case View::kSide:
    case View::kUnknown:
      break;
  }
  return facingWords(facing);
}

QString jointWords(Joint joint, View view) {
  static constexpr std::array<const char*, kSideJointCount + 2> kWords = {QT_TR_NOOP("hip"),
                                                                          QT_TR_NOOP("knee"),
                                                                          QT_TR_NOOP("ankle"),
                                                                          QT_TR_NOOP("heel"),
                                                                          QT_TR_NOOP("toe"),
                                                                          QT_TR_NOOP("shoulder"),
                                                                          QT_TR_NOOP("elbow"),
                                                                          QT_TR_NOOP("wrist"),
                                                                          QT_TR_NOOP("ear"),
                                                                          QT_TR_NOOP("low back"),
                                                                          QT_TR_NOOP("middle of the back")};
  const QString word = tr(kWords[indexOf(ofEither(joint))]);
  if (view != View::kFront && view != View::kRear) return word;
  // Who looks at the camera has the right side on the left of the picture.
  return (isOnRight(joint) == (view == View::kFront) ? tr("left %1") : tr("right %1")).arg(word);
}

QString noteOf(MeasureStatus status) {
  switch (status) {
    case MeasureStatus::kOk:
      return {};
    case MeasureStatus::kNoJoints:
      return tr("hip, knee and shoulder are not placed; put the figure on the lifter");
    case MeasureStatus::kNoFeet:
      return tr("heel and toe are not placed, so mid-foot is unknown");
    case MeasureStatus::kWrongView:
      return tr("it does not show from here; film from the side");
    case MeasureStatus::kCut:
      return tr("the film does not show that part of the rep");
    case MeasureStatus::kNoLoad:
      return tr("the load is not known");
    case MeasureStatus::kNoBody:
      return tr("the lifter's height and weight are not known; enter them under Body");
    case MeasureStatus::kNone:
      return tr("there is none in this rep");
    case MeasureStatus::kTooOblique:
      return tr("the camera is turned by more than 30°; film more squarely from the side");
    case MeasureStatus::kBarLost:
      return tr("the bar was not seen at this moment");
    case MeasureStatus::kImprecise:
      return tr("the error is too large to mean anything");
  }
  return {};
}

QString heldWords(Held held, double plate_mm) {
  switch (held) {
    case Held::kPlates:
      return tr("plates of %1 mm").arg(plate_mm);
    case Held::kEmptyBar:
      return tr("an empty bar");
    case Held::kDumbbells:
      return tr("dumbbells of %1 mm").arg(plate_mm);
  }
  return {};
}

std::optional<std::pair<Held, std::optional<double>>> heldIn(const QString& text) {
  const QString words = text.toLower();
  if (words.contains(tr("empty"))) return std::pair{Held::kEmptyBar, std::optional<double>()};
  const Held held = words.contains(tr("dumbbell")) ? Held::kDumbbells : Held::kPlates;
  static const QRegularExpression number(QStringLiteral("\\d+([.,]\\d+)?"));
  const auto match = number.match(words);
  const double mm = match.captured().replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
  if (!match.hasMatch() || mm < 100.0 || mm > 600.0) return std::nullopt;
  return std::pair{held, std::optional(mm)};
}

QString warningWords(Warning warning) {
  switch (warning) {
    case Warning::kJointsFound:
      return tr("The program found the joints itself, so they are less sure; drag any that is off.");
    case Warning::kTwoPlates:
      return tr("A second plate of like size moves in this film. Check that the right bar is followed.");
    case Warning::kBarOftenLost:
      return tr("The bar is out of sight for more than a fifth of the film.");
    case Warning::kAxisUnknown:
      return tr(
          "How far the camera is turned could not be read from the plate; a usual angle of up to 8° is "
          "assumed.");
    case Warning::kFacingUnknown:
      return tr("Which way the lifter faces is not known yet; place heel and toe.");
    case Warning::kLowFrameRate:
      return tr("Fewer than 20 pictures a second: speeds and turning points are coarse.");
    case Warning::kClockJumps:
      return tr(
          "The film's clock jumps by more than a second: it was paused or cut there. A rep across the jump "
          "is not "
          "to be trusted.");
    case Warning::kCameraShook:
      return tr("The camera was held by hand; its motion was taken out by what stands behind the lifter.");
    case Warning::kCameraUnsteady:
      return tr(
          "The camera was held by hand, and too little stands behind the lifter to take its motion out: it "
          "is "
          "part of the errors. Lean the phone against something firm.");
    case Warning::kCameraSwung:
      return tr(
          "For some of the time the camera looked elsewhere, or the film is cut together from several shots: "
          "nothing is measured there.");
    case Warning::kViewAssumed:
      return tr(
          "The bar lies across the picture, so this was filmed from the front or the rear (of a bench press "
          "the "
          "foot or the head end); which of the two is guessed by the feet (a press with hidden legs: the "
          "head end) until it is said.");
    case Warning::kOtherWay:
      return tr(
          "The bar rests at the other end of its way than in this lift. Say which lift it is; a film that "
          "stands "
          "on its head is turned by half on the phone and added again.");
    case Warning::kBarLength:
      return tr(
          "The bar's end does not lie where that of a bar of 2.2 m would, so its length was not used as a "
          "ruler. "
          "Check the plate's size and the load.");
    case Warning::kLensBends:
      return tr("The lens bends straight lines; that was taken out by what is straight in the room.");
    case Warning::kBodyContradicts:
      return tr(
          "The lifter in this film is not as tall as stated, by more than the errors allow; the height was "
          "not "
          "used as a ruler. Check the athlete's height, the plate's size and the joints.");
    case Warning::kLineContradicts:
      return tr(
          "A line drawn in the picture says otherwise than plate and room; it is left out. Check it, and the "
          "plate's size.");
    case Warning::kOblique:
      return tr("The camera is turned by more than 15°: film more squarely from the side.");
  }
  return {};
}

QString trustWords(const Trust& trust) {
  const auto words = [&]() -> std::pair<QString, QString> {
    switch (trust.weakest) {
      case TrustLink::kJoints:
        return {tr("the joints"), tr("put right the ones that are least sure")};
      case TrustLink::kDistance:
        return {tr("how far the camera stands"),
                tr("film so that the far plate shows past the near one, or draw along a known length (M)")};
      case TrustLink::kTurn:
        return {tr("how far the camera is turned"), tr("film so that the far plate shows past the near one")};
      case TrustLink::kTilt:
        return {tr("how level the camera is"), tr("draw a line along something upright (M)")};
      case TrustLink::kPlateEdge:
        return {tr("the plate's size in the picture"),
                tr("film nearer, the whole lifter just in the picture")};
    }
    return {};
  }();
  return tr("Depth is good to ± %1 cm. Weakest: %2 (± %3 cm without that); %4.")
      .arg(trust.depth_cm.sd, 0, 'f', 1)
      .arg(words.first)
      .arg(trust.sd_if_known_cm, 0, 'f', 1)
      .arg(words.second);
}

QString lineWords(const RoomLine& line, const LineReading& reading) {
  const double off = reading.off.value;
  QString what, says;
  if (line.kind == RoomLineKind::kUpright) {
    what = tr("Upright");
    says = tr("leans by %1").arg(withError({std::abs(off), reading.off.sd}, "deg"));
  } else {
    const QString cm = QString::number(100.0 * line.length_m, 'g', 4);
    what = line.kind == RoomLineKind::kLengthAtPlate ? tr("%1 cm at the near plate").arg(cm)
                                                     : tr("%1 cm beside the lifter").arg(cm);
    says = tr("reads %1 ± %2 % too %3")
               .arg(100.0 * std::abs(off), 0, 'f', 1)
               .arg(100.0 * reading.off.sd, 0, 'f', 1)
               .arg(off < 0.0 ? tr("short") : tr("long"));
  }
  return reading.used ? tr("%1: %2 by the plate and the room alone; taken in.").arg(what, says)
                      : tr("%1: %2; plate and room contradict it, so it is left out.").arg(what, says);
}

QString differenceWords(const Difference& d) {
  const std::string_view unit = definitionOf(d.id).unit;
  return (d.by.value >= 0.0 ? tr("%1 %2 more") : tr("%1 %2 less"))
      .arg(measureWords(d.id), withError({std::abs(d.by.value), d.by.sd}, unit));
}

QString differenceWords(const std::vector<Difference>& all) {
  if (all.empty()) return tr("There is nothing that was measured in both.");
  constexpr std::size_t kAtMost = 3;
  const auto said = worthSaying(all, kAtMost);
  if (said.empty()) return tr("Nothing that is measured differs by clearly more than its error.");
  QStringList parts;
  for (const Difference& d : said) {
    const std::string_view unit = definitionOf(d.id).unit;
    parts << tr("%1 (from %2 to %3%4)")
                 .arg(differenceWords(d), numberFor(d.first, unit), numberFor(d.second, unit),
                      unitWords(unit));
  }
  QString sentence = parts.join(tr("; "));
  sentence[0] = sentence[0].toUpper();
  return sentence + QLatin1Char('.');
}

namespace {

QString text(const std::string& s) {
  return QString::fromStdString(s);
}

QString capital(QString words) {
  if (!words.isEmpty()) words[0] = words[0].toUpper();
  return words;
}

// Of a rep, the value that shows the finding most.
std::optional<Estimate> shownIn(const Rule& rule, const std::vector<Measure>& measures, int rep) {
  std::optional<Estimate> most;
  const auto size = [&](double v) {
    return rule.fault == FaultSide::kAbove ? v : rule.fault == FaultSide::kBelow ? -v : std::abs(v);
  };
  for (const MeasureId id : rule.measures)
    if (const Measure* m = findMeasure(measures, id, rep)) {
      if (m->status == MeasureStatus::kNone && rule.absent) return Estimate{*rule.absent, 0.0};
      if (m->status == MeasureStatus::kOk && (!most || size(m->value.value) > size(most->value)))
        most = m->value;
    }
  return most;
}

QString cantTellDetail(const Finding& finding, const Rule& rule) {
  switch (finding.reason) {
    case FindingReason::kJointsMissing:
      switch (rule.measures.front()) {
        case MeasureId::kPelvisTuck:
        case MeasureId::kLumbarChange:
        case MeasureId::kBackChange:
          return tr("The two points of the back are not placed (U).");
        case MeasureId::kHeadChange:
        case MeasureId::kHeadRise:
          return tr("The ear is not placed.");
        case MeasureId::kForearmLeanTouch:
        case MeasureId::kWristBendTouch:
        case MeasureId::kElbowFlexionLockout:
          return tr("Elbow and wrist are not placed; place them where the plate does not hide them.");
        default:
          return tr("The joints it needs are not placed. Put the figure on the lifter (P).");
      }
    case FindingReason::kFeetMissing:
      return tr("Heel and toe are not placed, so mid-foot is unknown.");
    case FindingReason::kWrongView:
      return tr("It does not show from here. Film from the side as well.");
    case FindingReason::kBarLost:
      return tr("The bar was out of sight at this moment.");
    default:
      break;
  }
  const std::string_view unit = definitionOf(rule.measures.front()).unit;
  if (finding.value.sd <= 0.0) return tr("The error is too large to mean anything.");
  // Placements err independently: so many of them bring the error down to what is allowed.
  const double times = finding.value.sd / rule.max_sd;
  const int frames = static_cast<int>(std::ceil(times * times)) - 1;
  return tr("The error of ±%1%2 is larger than the ±%3%2 that this judgement allows. Film more squarely, or "
            "put the joints right on %4 more frame(s) of this rep.")
      .arg(numberFor({finding.value.sd, finding.value.sd}, unit), unitWords(unit),
           signedNumber(rule.max_sd, rule.max_sd < 1.0 ? 2 : 0))
      .arg(std::max(1, frames));
}

}  // namespace

QString limitWords(const Rule& rule, double limit) {
  const QString number = signedNumber(limit, limit == std::floor(limit) ? 0 : std::abs(limit) < 1.0 ? 2 : 1);
  return (rule.fault == FaultSide::kEither ? QStringLiteral("± ") : QString()) + number +
         unitWords(definitionOf(rule.measures.front()).unit);
}

QString findingHeading(const Finding& finding, const RuleBook& book) {
  const Rule* rule = book.find(finding.rule);
  if (rule == nullptr) return text(finding.rule) + QStringLiteral(": ") + repList(finding.reps);
  if (finding.certainty == Certainty::kCantTell)
    return tr("%1: can't tell on %2").arg(capital(ofBook(rule->asks)), repList(finding.reps));
  const QString words = ofBook(finding.certainty == Certainty::kClear ? rule->says : rule->maybe);
  const QString heading = tr("%1 on %2").arg(words, repList(finding.reps));
  return finding.severity == Severity::kWhenTired ? tr("%1, only when tired").arg(heading) : heading;
}

QString findingDetail(const Finding& finding, const RuleBook& book, const std::vector<Measure>& measures) {
  const Rule* rule = book.find(finding.rule);
  if (rule == nullptr) return {};
  if (finding.certainty == Certainty::kCantTell) return cantTellDetail(finding, *rule);
  const std::string_view unit = definitionOf(finding.measure).unit;
  QStringList values;
  if (rule->of == RuleOf::kUsual) {
    values << withError(finding.value, unit);
  } else {
    for (int rep : finding.reps)
      if (const auto value = shownIn(*rule, measures, rep)) values << withError(*value, unit);
  }
  QString words = ofBook(rule->reads).replace(QStringLiteral("{}"), values.join(QStringLiteral(", "))) +
                  QStringLiteral(". ");
  words += finding.exception.empty()
               ? tr("Limit %1 (%2).").arg(limitWords(*rule, finding.limit), text(rule->school))
               : tr("Limit %1 (%2), because %3.")
                     .arg(limitWords(*rule, finding.limit), text(rule->school), ofBook(finding.exception));
  if (finding.certainty == Certainty::kBorderline) words += QLatin1Char(' ') + tr("Too close to call.");
  if (!rule->caution.empty()) words += QLatin1Char(' ') + ofBook(rule->caution);
  return words;
}

QStringList chainWords(const Finding& finding, const RuleBook& book, double at_s) {
  const Rule* rule = book.find(finding.rule);
  if (rule == nullptr) return {};
  const MeasureDefinition& d = definitionOf(finding.measure);
  QStringList lines;
  lines << tr("Rule %1 of “%2”: limit %3, big from %4. %5")
               .arg(text(rule->id), text(rule->school), limitWords(*rule, finding.limit),
                    limitWords(*rule, finding.big), ofBook(rule->source));
  if (!rule->why.empty()) lines << tr("Why this school differs: %1").arg(ofBook(rule->why));
  if (!finding.exception.empty())
    lines << tr("Other numbers here, because %1.").arg(ofBook(finding.exception));
  lines << tr("Measure %1: %2").arg(measureWords(d.id), text(std::string(d.definition)));
  if (finding.certainty == Certainty::kCantTell) return lines;
  const QString value = withError(finding.value, d.unit);
  QString reckoned = tr("Picture %1 (%2 s): ").arg(finding.frame).arg(at_s, 0, 'f', 2);
  if (rule->of == RuleOf::kUsual && finding.usual)
    reckoned += tr("%1 away from the usual %2 (over %3 sets)")
                    .arg(value, withError(finding.usual->value, d.unit))
                    .arg(finding.usual->sets);
  else
    reckoned += value;
  const double above = probabilityAbove(finding.value, finding.limit);
  const double p = rule->fault == FaultSide::kAbove ? above
                   : rule->fault == FaultSide::kBelow
                       ? 1.0 - above
                       : above + 1.0 - probabilityAbove(finding.value, -finding.limit);
  lines << tr("%1; beyond the limit with %2 %, and %3 % are asked for a clear finding.")
               .arg(reckoned)
               .arg(std::min(99.9, 100.0 * p), 0, 'f', 1)
               .arg(100.0 * kClearProbability);
  return lines;
}

QString severityWords(const Finding& finding) {
  if (finding.certainty == Certainty::kCantTell) return tr("can't tell");
  const QString size = finding.severity == Severity::kBig     ? tr("big")
                       : finding.severity == Severity::kSmall ? tr("small")
                                                              : tr("only when tired");
  return finding.certainty == Certainty::kClear ? tr("%1, clear").arg(size) : tr("%1, borderline").arg(size);
}

QString inOrderWords(const RuleBook& book, Lift lift, const Analysis& analysis, const JudgedSet& set,
                     int most) {
  QStringList fine;
  auto rules = answeredRules(book, lift, analysis.measures, set);
  if (most > 0)
    std::stable_sort(rules.begin(), rules.end(),
                     [](const Rule* a, const Rule* b) { return a->weight > b->weight; });
  for (const Rule* rule : rules) {
    if (most > 0 && fine.size() >= most) break;
    const bool raised =
        std::any_of(analysis.findings.begin(), analysis.findings.end(), [&](const Finding& f) {
          return f.rule == rule->id || f.event == rule->id ||
                 (!rule->part_of.empty() && f.rule == rule->part_of);
        });
    // What shows one event in another way is not said beside it.
    const QString words = ofBook(rule->fine);
    if (!raised && rule->part_of.empty() && !fine.contains(words)) fine << words;
  }
  if (fine.isEmpty()) return {};
  return tr("In order on every rep: %1.").arg(fine.join(QStringLiteral(", ")));
}

QString unseenWords(const RuleBook& book, Lift lift, const Analysis& analysis, const JudgedSet& set) {
  QStringList asks;
  for (const Rule* rule : unseenRules(book, lift, analysis.measures, set)) {
    const QString words = ofBook(rule->asks);
    const bool said = std::any_of(analysis.findings.begin(), analysis.findings.end(),
                                  [&](const Finding& f) { return f.rule == rule->id; });
    if (!said && rule->part_of.empty() && !asks.contains(words)) asks << words;
  }
  if (asks.isEmpty()) return {};
  const bool side = analysis.view == View::kSide || analysis.view == View::kUnknown;
  const QString from = !side                  ? tr("the side")
                       : lift == Lift::kBench ? tr("the foot or head end")
                                              : tr("the front or rear");
  return tr("To be seen from %1 only: %2.").arg(from, asks.join(QStringLiteral(", ")));
}

QString cantTellWords(const RuleBook& book, const std::vector<Finding>& findings) {
  std::vector<std::pair<QString, QStringList>> by_why;
  for (const Finding& f : findings) {
    const Rule* rule = book.find(f.rule);
    if (f.certainty != Certainty::kCantTell || f.must || rule == nullptr) continue;
    const QString why = f.reason == FindingReason::kTooImprecise
                            ? tr("The errors are larger than these judgements allow.")
                            : cantTellDetail(f, *rule);
    auto at = std::find_if(by_why.begin(), by_why.end(), [&](const auto& w) { return w.first == why; });
    if (at == by_why.end()) at = by_why.insert(by_why.end(), {why, {}});
    if (const QString asks = ofBook(rule->asks); !at->second.contains(asks)) at->second << asks;
  }
  QStringList lines;
  for (const auto& [why, asks] : by_why)
    lines << tr("Can't tell: %1. %2").arg(asks.join(QStringLiteral(", ")), why);
  return lines.join(QLatin1Char('\n'));
}

QString judgedByWords(const RuleBook& book) {
  QStringList names = text(book.name).split(QStringLiteral(" + "));
  names.removeFirst();
  if (names.isEmpty()) return tr("Judged by the base.");
  QStringList titles;
  for (const QString& name : names) {
    const RuleLayer* school = findSchool(name.toStdString());
    titles << (school != nullptr ? ofBook(school->title) : name);
  }
  return tr("Judged by the base and: %1.").arg(titles.join(QStringLiteral(", ")));
}

QString changeWords(const ChangeFromUsual& change) {
  const std::string_view unit = definitionOf(change.id).unit;
  return tr("%1 is %2 %3 than usual (%4 over %5 sets)")
      .arg(capital(measureWords(change.id)), withError({std::abs(change.by.value), change.by.sd}, unit),
           change.by.value >= 0.0 ? tr("more") : tr("less"),
           numberFor(change.usual.value, unit) + unitWords(unit))
      .arg(change.usual.sets);
}

QString lateWords(const std::vector<Difference>& late) {
  QStringList parts;
  for (const Difference& d : late) parts << differenceWords(d);
  return parts.isEmpty() ? QString() : tr("Late reps against early ones: %1.").arg(parts.join(tr(", ")));
}

QString evidenceWords(const Evidence& e, const RuleBook& book) {
  const QString number =
      e.number
          ? (e.number->sd > 0.0 ? withError(*e.number, e.unit)
                                : signedNumber(e.number->value, e.unit.empty() ? 1 : 0) + unitWords(e.unit))
          : QString();
  for (const auto& [prefix, words] : {std::pair{"with:", QT_TRANSLATE_NOOP("mottix", "with “%1”")},
                                      {"without:", QT_TRANSLATE_NOOP("mottix", "without “%1”")}})
    if (e.kind.starts_with(prefix)) {
      const Rule* rule = book.find(std::string_view(e.kind).substr(std::string_view(prefix).size()));
      return tr(words).arg(ofBookWithin(rule == nullptr ? e.kind : rule->says));
    }
  if (e.number && (e.kind == "flat_heel" || e.kind == "raised_heel"))
    return tr("heels raised by %1 in the set-up").arg(number);
  static const std::map<std::string_view, const char*> kWords = {
      {"effort_high", QT_TRANSLATE_NOOP("mottix", "effort %1")},
      {"effort_low", QT_TRANSLATE_NOOP("mottix", "at effort %1 already")},
      {"only_late", QT_TRANSLATE_NOOP("mottix", "only late in the set")},
      {"from_first", QT_TRANSLATE_NOOP("mottix", "from the first rep on")},
      {"load_up", QT_TRANSLATE_NOOP("mottix", "load %1 above the usual")},
      {"load_down", QT_TRANSLATE_NOOP("mottix", "load %1 against the usual")},
      {"slow", QT_TRANSLATE_NOOP("mottix", "speed lost %1")},
      {"breath_short", QT_TRANSLATE_NOOP("mottix", "only %1 between reps")},
      {"breath_full", QT_TRANSLATE_NOOP("mottix", "%1 and more between reps")},
      {"long_standing", QT_TRANSLATE_NOOP("mottix", "found in %1 before as well")},
      {"new", QT_TRANSLATE_NOOP("mottix", "not found before")},
      {"knees_do_less", QT_TRANSLATE_NOOP("mottix", "hips move %1 times as far as knees")},
      {"bar_ahead", QT_TRANSLATE_NOOP("mottix", "bar %1 in front of mid-foot")},
      {"shin_upright", QT_TRANSLATE_NOOP("mottix", "shin leans by %1 only")},
      {"stance_wide", QT_TRANSLATE_NOOP("mottix", "stance of %1 is wide for these shoulders")},
      {"stance_narrow", QT_TRANSLATE_NOOP("mottix", "stance of %1 is narrow for these shoulders")},
      {"toes_straight", QT_TRANSLATE_NOOP("mottix", "toes out by %1 only")},
      {"toes_out", QT_TRANSLATE_NOOP("mottix", "toes out by %1")},
      {"ankle_stiff", QT_TRANSLATE_NOOP("mottix", "ankle gives %1 only")},
      {"ankle_free", QT_TRANSLATE_NOOP("mottix", "ankle gives %1")},
      {"flat_heel", QT_TRANSLATE_NOOP("mottix", "no raised heel at hand")},
      {"raised_heel", QT_TRANSLATE_NOOP("mottix", "raised heel at hand")},
      {"low_bar", QT_TRANSLATE_NOOP("mottix", "low bar")},
      {"high_bar", QT_TRANSLATE_NOOP("mottix", "high bar")},
      {"paused", QT_TRANSLATE_NOOP("mottix", "paused")},
      {"back_gives_way", QT_TRANSLATE_NOOP("mottix", "back gave way in the screen")},
      {"hips_stay_forward", QT_TRANSLATE_NOOP("mottix", "hips stayed forward in the toe touch")},
      {"complaint", QT_TRANSLATE_NOOP("mottix", "a complaint is open")},
      {"long_thighs", QT_TRANSLATE_NOOP("mottix", "long thighs")},
      {"belt", QT_TRANSLATE_NOOP("mottix", "belt at hand")},
      {"straps", QT_TRANSLATE_NOOP("mottix", "straps at hand")},
      {"sumo", QT_TRANSLATE_NOOP("mottix", "sumo")},
  };
  const auto words = kWords.find(e.kind);
  if (words == kWords.end()) return text(e.kind);
  QString said = tr(words->second);
  if (said.contains(QStringLiteral("%1"))) said = said.arg(number);
  return said;
}

QString causeWords(const CauseCandidate& candidate, const RuleBook& book) {
  QStringList speaks_for, against;
  for (const Evidence& e : candidate.evidence)
    (e.speaks_for ? speaks_for : against) << evidenceWords(e, book);
  QStringList parts;
  if (!speaks_for.isEmpty()) parts << tr("for it: %1").arg(speaks_for.join(QStringLiteral(", ")));
  if (!against.isEmpty()) parts << tr("against it: %1").arg(against.join(QStringLiteral(", ")));
  if (parts.isEmpty()) return tr("nothing known for or against it");
  return parts.join(QStringLiteral("; "));
}

QString cueWayWords(CueWay way) {
  switch (way) {
    case CueWay::kBody:
      return tr("Points at the body.");
    case CueWay::kOutside:
      return tr("Points outside the body.");
    case CueWay::kPicture:
      return tr("A picture.");
    case CueWay::kTouch:
      return tr("Goes with a touch; ask first.");
  }
  return {};
}

QString cueWords(const CueEstimate& e, const QString& name) {
  if (e.told_house == 0) return tr("Not tried yet.");
  const QString times = e.told > 0 ? tr("%1 %2 of %3 times").arg(name).arg(e.helped).arg(e.told)
                                   : tr("others %1 of %2 times").arg(e.helped_house).arg(e.told_house);
  if (e.too_early) return tr("It has helped %1: too early to tell.").arg(times);
  QString text = tr("It has helped %1 (%2 ± %3 of the way from limit to big).")
                     .arg(times, signedNumber(e.effect.value, 1), signedNumber(e.effect.sd, 1));
  if (e.effect.value < 0.0)
    text = tr("It has not helped %1: %2 of %3 times.").arg(name).arg(e.helped).arg(e.told);
  return text;
}

QString causeStateWords(CauseState state) {
  switch (state) {
    case CauseState::kConfirmed:
      return tr("confirmed");
    case CauseState::kLikely:
      return tr("likely");
    case CauseState::kOpen:
      return tr("open");
    case CauseState::kUnlikely:
      return tr("unlikely");
    case CauseState::kStruck:
      return tr("struck out");
  }
  return {};
}

QString plateList(const Loading& loading) {
  QStringList plates;
  for (const PlateKind& p : loading.side)
    for (int n = 0; n < p.count; ++n)
      plates << (p.in_lb ? tr("%1 lb").arg(p.each.lb()) : QString::number(p.each.kg()));
  if (plates.isEmpty()) return tr("The %1 alone").arg(text(loading.bar.name));
  const QString side = tr("%1 a side").arg(plates.join(QStringLiteral(" + ")));
  return loading.bar.name == "bar" ? side : tr("%1 on the %2").arg(side, text(loading.bar.name));
}

QString platesWords(const Loading& loading) {
  QString words = plateList(loading);
  if (loading.at_top > Mass())
    words += tr("; %1 of it hang on it at the top").arg(kilograms(loading.at_top.kg()));
  if (loading.off > Mass())
    words += tr("; %1 more than that").arg(kilograms(loading.off.kg()));
  else if (loading.off < Mass())
    words += tr("; %1 less than that").arg(kilograms(-loading.off.kg()));
  return words;
}

QString decisionHeading(const LoadDecision& decision, const Asked& asked) {
  if (!decision.next_load_kg) {
    switch (decision.action) {
      case LoadAction::kAdd:
        return tr("Next: add; no load was stated");
      case LoadAction::kHold:
        return tr("Next: stay at this load; none was stated");
      case LoadAction::kRepair:
        return tr("Next: technique first, with less; no load was stated");
      case LoadAction::kCantTell:
        return tr("Next: stay at this load, not judged; none was stated");
    }
    return {};
  }
  const QString load = kilograms(*decision.next_load_kg);
  const QString what = asked.reps > 0 ? tr("%1 × %2").arg(asked.reps).arg(load) : load;
  switch (decision.action) {
    case LoadAction::kAdd:
      return tr("Next: add, %1").arg(what);
    case LoadAction::kHold:
      return tr("Next: stay at %1").arg(what);
    case LoadAction::kRepair:
      return tr("Next: technique first, %1").arg(what);
    case LoadAction::kCantTell:
      return tr("Next: stay at %1, not judged").arg(what);
  }
  return {};
}

QString decisionReason(const LoadDecision& decision, const Athlete& athlete) {
  switch (decision.reason) {
    case LoadReason::kGoodEnough: {
      const int small = decision.small;
      const QString counted =
          small == 0
              ? tr("No clear deviation: good enough to keep adding.")
              : (small == 1
                     ? tr("One small deviation: good enough to keep adding; the cue mends it.")
                     : tr("%1 small deviations: good enough to keep adding; the cue mends them.").arg(small));
      return decision.tired == 0
                 ? counted
                 : counted + QLatin1Char(' ') +
                       tr("What shows only on the last reps of a hard set does not limit the load.");
    }
    case LoadReason::kSeveralSmall:
      return tr("Several small deviations: hold until they are mended.");
    case LoadReason::kOneBig:
      return tr("One big deviation on one rep: hold the load and mend it.");
    case LoadReason::kRepairFirst:
      return decision.small == 1
                 ? tr("One small deviation, and this school repairs before it adds.")
                 : tr("%1 small deviations, and this school repairs before it adds.").arg(decision.small);
    case LoadReason::kConfirmedCause:
      return decision.action == LoadAction::kRepair
                 ? tr("The cause you confirmed asks for less on the bar.")
                 : tr("The cause you confirmed asks for no more on the bar.");
    case LoadReason::kBigOnManyReps:
      return tr("A big deviation on two reps or more: technique first, with less on the bar.");
    case LoadReason::kRepsMissing:
      return tr("Fewer reps than asked: the same load again.");
    case LoadReason::kPain:
      return tr("A pain note of %1/10 is open: nothing is added until it is settled. See a licensed "
                "clinician.")
          .arg(athlete.worstPain());
    case LoadReason::kNoRules:
      return tr("Too few rules for this lift and view yet, so nothing is added on their account.");
    case LoadReason::kCouldNotJudge:
      return tr("Something could not be judged, so nothing is added on its account.");
  }
  return {};
}

QString decisionChange(const LoadDecision& decision, const Athlete& athlete, View view) {
  const QString step = kilograms(athlete.step_kg);
  switch (decision.action) {
    case LoadAction::kAdd:
      return tr("A big deviation or a rep short would hold it.");
    case LoadAction::kHold:
      return decision.reason == LoadReason::kPain
                 ? tr("Add %1 when the note is closed and the set is clean.").arg(step)
                 : tr("Add %1 after a set without it.").arg(step);
    case LoadAction::kRepair:
      return tr("Back up in steps of %1 as soon as a set is clean.").arg(step);
    case LoadAction::kCantTell:
      if (decision.reason == LoadReason::kNoRules) return tr("Decide by eye and change the load.");
      return view == View::kSide ? tr("Place the joints, or film it again, to have it judged.")
                                 : tr("Film it from the side as well, to have the rest judged.");
  }
  return {};
}

}  // namespace mottix
