#include "report/wording.h"

#include <array>
#include <cmath>

#include <QCoreApplication>
#include <QRegularExpression>
#include <QStringList>

namespace mottix {
namespace {

QString tr(const char* text, int n = -1) {
  return QCoreApplication::translate("wording", text, nullptr, n);
}

int digitsFor(double sd, std::string_view unit) {
  if (unit == "deg") return sd < 0.5 ? 1 : 0;
  if (unit == "s" || unit == "m/s" || unit.empty()) return 2;
  if (unit == "N" || unit == "N m" || unit == "J" || unit == "W" || unit == "%") return 0;
  return 1;
}

struct RuleWords {
  const char* rule;
  const char* clear;  // on %1
  const char* borderline;
  const char* question;  // "whether … can't be told"
  const char* in_order;
};
const RuleWords kRules[] = {
    {"squat.high", QT_TRANSLATE_NOOP("wording", "Too high on %1"),
     QT_TRANSLATE_NOOP("wording", "May be high on %1"),
     QT_TRANSLATE_NOOP("wording", "Depth: can't tell on %1"),
     QT_TRANSLATE_NOOP("wording", "depth below parallel")},
    {"squat.hips_first", QT_TRANSLATE_NOOP("wording", "Hips rise first on %1"),
     QT_TRANSLATE_NOOP("wording", "Hips may rise first on %1"),
     QT_TRANSLATE_NOOP("wording", "Hips against shoulders: can't tell on %1"),
     QT_TRANSLATE_NOOP("wording", "hips and shoulders rise together")},
    {"squat.bar_forward", QT_TRANSLATE_NOOP("wording", "Bar drifts forward on %1"),
     QT_TRANSLATE_NOOP("wording", "Bar may drift forward on %1"),
     QT_TRANSLATE_NOOP("wording", "Bar over mid-foot: can't tell on %1"),
     QT_TRANSLATE_NOOP("wording", "bar over mid-foot")},
    {"bar.uneven", QT_TRANSLATE_NOOP("wording", "Bar uneven on %1"),
     QT_TRANSLATE_NOOP("wording", "Bar may be uneven on %1"),
     QT_TRANSLATE_NOOP("wording", "Level of the bar: can't tell on %1"),
     QT_TRANSLATE_NOOP("wording", "bar level")},
};

const RuleWords* wordsOf(const std::string& rule) {
  for (const RuleWords& w : kRules)
    if (rule == w.rule) return &w;
  return nullptr;
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
  return tr(std::string(title).c_str());
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

QString findingHeading(const Finding& finding) {
  const RuleWords* words = wordsOf(finding.rule);
  if (words == nullptr)
    return QString::fromStdString(finding.rule) + QStringLiteral(": ") + repList(finding.reps);
  const char* text = finding.certainty == Certainty::kClear        ? words->clear
                     : finding.certainty == Certainty::kBorderline ? words->borderline
                                                                   : words->question;
  return tr(text).arg(repList(finding.reps));
}

QString findingDetail(const Finding& finding, const RuleBook& book, const std::vector<Measure>& measures) {
  const Rule* rule = book.find(finding.rule);
  if (rule == nullptr) return {};
  const auto& definition = definitionOf(rule->measure);
  if (finding.certainty == Certainty::kCantTell) {
    switch (finding.reason) {
      case FindingReason::kJointsMissing:
        return tr("Hip, knee, ankle and shoulder are not placed. Put the figure on the lifter (P).");
      case FindingReason::kFeetMissing:
        return tr("Heel and toe are not placed, so mid-foot is unknown.");
      case FindingReason::kWrongView:
        return tr("It does not show from here. Film from the side as well.");
      case FindingReason::kBarLost:
        return tr("The bar was out of sight at this moment.");
      default:
        break;
    }
    double widest = 0.0;
    for (int rep : finding.reps)
      if (const Measure* m = findMeasure(measures, rule->measure, rep))
        widest = std::max(widest, m->value.sd);
    return tr("The error of ±%1%2 is larger than the ±%3%2 that this judgement allows. Film more squarely "
              "from the side, or "
              "put the joints right on this frame.")
        .arg(signedNumber(widest, 1), unitWords(definition.unit), signedNumber(rule->max_sd, 0));
  }
  QStringList values;
  for (int rep : finding.reps)
    if (const Measure* m = findMeasure(measures, rule->measure, rep))
      values << withError(m->value, definition.unit);
  QString list = values.join(QStringLiteral(", "));
  QString text;
  if (finding.rule == "squat.high")
    text = tr("Crease %1 above the kneecap.").arg(list);
  else if (finding.rule == "squat.hips_first")
    text = tr("Trunk leans a further %1 out of the bottom.").arg(list);
  else if (finding.rule == "squat.bar_forward")
    text = tr("Bar up to %1 in front of mid-foot.").arg(list);
  else if (finding.rule == "bar.uneven")
    text = tr("Bar up to %1 from level.").arg(list);
  else
    text = list;
  text +=
      QLatin1Char(' ') + tr("Limit %1%2 (%3).")
                             .arg(signedNumber(rule->limit, rule->limit == std::floor(rule->limit) ? 0 : 1),
                                  unitWords(definition.unit), QString::fromStdString(book.name));
  if (finding.certainty == Certainty::kBorderline) text += QLatin1Char(' ') + tr("Too close to call.");
  return text;
}

QString severityWords(const Finding& finding) {
  if (finding.certainty == Certainty::kCantTell) return tr("can't tell");
  const QString size = finding.severity == Severity::kBig ? tr("big") : tr("small");
  return finding.certainty == Certainty::kClear ? tr("%1, clear").arg(size) : tr("%1, borderline").arg(size);
}

QString inOrderWords(const RuleBook& book, Lift lift, const Analysis& analysis) {
  QStringList fine;
  for (const Rule& rule : book.rules) {
    if (std::find(rule.lifts.begin(), rule.lifts.end(), lift) == rule.lifts.end()) continue;
    const bool raised = std::any_of(analysis.findings.begin(), analysis.findings.end(),
                                    [&](const Finding& f) { return f.rule == rule.id; });
    const bool measured =
        std::any_of(analysis.measures.begin(), analysis.measures.end(),
                    [&](const Measure& m) { return m.id == rule.measure && m.status == MeasureStatus::kOk; });
    const RuleWords* words = wordsOf(rule.id);
    if (!raised && measured && words != nullptr) fine << tr(words->in_order);
  }
  if (fine.isEmpty()) return {};
  QString list = fine.join(QStringLiteral(", "));
  list[0] = list[0].toUpper();
  return tr("In order on every rep: %1.").arg(list.at(0).toLower() + list.mid(1));
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

QString decisionReason(const LoadDecision& decision, const Analysis& analysis, const Athlete& athlete) {
  switch (decision.reason) {
    case LoadReason::kGoodEnough: {
      const auto small =
          std::count_if(analysis.findings.begin(), analysis.findings.end(),
                        [](const Finding& f) { return f.certainty == Certainty::kClear && !f.overruled; });
      return small == 0
                 ? tr("No clear deviation: good enough to keep adding.")
                 : (small == 1 ? tr("One small deviation: good enough to keep adding; the cue mends it.")
                               : tr("%1 small deviations: good enough to keep adding; the cue mends them.")
                                     .arg(small));
    }
    case LoadReason::kSeveralSmall:
      return tr("Several small deviations: hold until they are mended.");
    case LoadReason::kOneBig:
      return tr("One big deviation on one rep: hold the load and mend it.");
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
