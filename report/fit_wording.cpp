#include "report/fit_wording.h"

#include <algorithm>
#include <array>
#include <cmath>

#include <QStringList>

#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

QString plain(std::string_view text) {
  return QString::fromUtf8(text.data(), static_cast<int>(text.size()));
}

// The choices a suggestion can name.
QString choiceWords(const QString& id, const QString& choice) {
  struct Words {
    const char* id;
    const char* choice;
    const char* text;
  };
  static constexpr Words kWords[] = {
      {"bar_position", "high", QT_TRANSLATE_NOOP("mottix", "high, on the upper traps")},
      {"bar_position", "middle", QT_TRANSLATE_NOOP("mottix", "between high and low")},
      {"bar_position", "low", QT_TRANSLATE_NOOP("mottix", "low, just under the ridge of the blades")},
      {"bar_position", "front", QT_TRANSLATE_NOOP("mottix", "in front, on the shoulders")},
      {"bar_position", "safety", QT_TRANSLATE_NOOP("mottix", "safety bar, hands on its handles")},
      {"breathing", "held", QT_TRANSLATE_NOOP("mottix", "in before the rep, held until it is done")},
      {"breathing", "out_on_the_way_up",
       QT_TRANSLATE_NOOP("mottix", "in on the way down, out on the way up")},
      {"style", "sumo", QT_TRANSLATE_NOOP("mottix", "sumo")},
      {"style", "conventional", QT_TRANSLATE_NOOP("mottix", "conventional")},
      {"grip_type", "double_overhand", QT_TRANSLATE_NOOP("mottix", "both hands over")},
      {"grip_type", "mixed", QT_TRANSLATE_NOOP("mottix", "mixed, one hand turned")},
      {"grip_type", "hook", QT_TRANSLATE_NOOP("mottix", "hook, thumb under the fingers")},
      {"grip_type", "straps", QT_TRANSLATE_NOOP("mottix", "straps")},
      {"feet", "flat_and_quiet", QT_TRANSLATE_NOOP("mottix", "flat and quiet")},
      {"pause", "still_on_the_chest", QT_TRANSLATE_NOOP("mottix", "still on the chest, 0.3 to 1 s")},
      {"watch", "bar_drifts_forward", QT_TRANSLATE_NOOP("mottix", "the bar drifting forward")},
  };
  for (const Words& w : kWords)
    if (id == QLatin1String(w.id) && choice == QLatin1String(w.choice)) return tr(w.text);
  return choice;
}

struct LineWords {
  const char* id;
  const char* label;
  const char* value;  // %1: the number or the choice
  int digits;
};
// In the order of the card.
constexpr LineWords kLines[] = {
    {"style", QT_TRANSLATE_NOOP("mottix", "Style"), "%1", 0},
    {"bar_position", QT_TRANSLATE_NOOP("mottix", "Bar"), "%1", 0},
    {"stance", QT_TRANSLATE_NOOP("mottix", "Heels"), QT_TRANSLATE_NOOP("mottix", "%1 cm apart"), 0},
    {"toe_out", QT_TRANSLATE_NOOP("mottix", "Toes"), QT_TRANSLATE_NOOP("mottix", "%1° out"), 0},
    {"heel", QT_TRANSLATE_NOOP("mottix", "Heel height"), QT_TRANSLATE_NOOP("mottix", "%1 mm"), 0},
    {"depth", QT_TRANSLATE_NOOP("mottix", "Depth"),
     QT_TRANSLATE_NOOP("mottix", "hip joint %1 cm below the knee joint"), 0},
    {"grip", QT_TRANSLATE_NOOP("mottix", "Hands"),
     QT_TRANSLATE_NOOP("mottix", "%1 cm between the index fingers"), 0},
    {"grip_type", QT_TRANSLATE_NOOP("mottix", "Grip"), "%1", 0},
    {"touch_point", QT_TRANSLATE_NOOP("mottix", "Touch"),
     QT_TRANSLATE_NOOP("mottix", "%1 cm below the shoulder line"), 0},
    {"bar_from_shin", QT_TRANSLATE_NOOP("mottix", "Bar to shin"),
     QT_TRANSLATE_NOOP("mottix", "%1 cm, standing tall"), 1},
    {"hip_height", QT_TRANSLATE_NOOP("mottix", "Hips"),
     QT_TRANSLATE_NOOP("mottix", "joint %1 cm over the floor"), 0},
    {"walk_out", QT_TRANSLATE_NOOP("mottix", "Walk-out"), QT_TRANSLATE_NOOP("mottix", "%1 steps"), 0},
    {"rack_height", QT_TRANSLATE_NOOP("mottix", "Rack"), QT_TRANSLATE_NOOP("mottix", "bar at %1 cm"), 0},
    {"safety_height", QT_TRANSLATE_NOOP("mottix", "Safeties"), QT_TRANSLATE_NOOP("mottix", "at %1 cm"), 0},
    {"feet", QT_TRANSLATE_NOOP("mottix", "Feet"), "%1", 0},
    {"pause", QT_TRANSLATE_NOOP("mottix", "Pause"), "%1", 0},
    {"breathing", QT_TRANSLATE_NOOP("mottix", "Breath"), "%1", 0},
    {"watch", QT_TRANSLATE_NOOP("mottix", "Watch"), "%1", 0},
    // Said with another line.
    {"stance_in_feet", QT_TRANSLATE_NOOP("mottix", "Heels"),
     QT_TRANSLATE_NOOP("mottix", "%1 own foot lengths"), 1},
    {"inside_ring_marks", QT_TRANSLATE_NOOP("mottix", "Hands"),
     QT_TRANSLATE_NOOP("mottix", "%1 cm inside each ring mark"), 1},
    {"hip_over_knee", QT_TRANSLATE_NOOP("mottix", "Hips"), QT_TRANSLATE_NOOP("mottix", "%1 cm over the knee"),
     0},
};

const LineWords* lineWords(std::string_view id) {
  for (const LineWords& w : kLines)
    if (id == w.id) return &w;
  return nullptr;
}

QString valueWords(const LineWords& words, const SetupValue& v) {
  const QString id = QLatin1String(words.id);
  if (!v.value) return choiceWords(id, QString::fromStdString(v.choice));
  if (id == QLatin1String("heel") && *v.value < 0.5) return tr("flat");
  if (id == QLatin1String("bar_from_shin") && *v.value < 0.5) return tr("touching from the start");
  if (id == QLatin1String("depth") && *v.value < 0.0)
    return tr("hip joint %1 cm above the knee joint").arg(signedNumber(-*v.value, words.digits));
  if (id == QLatin1String("inside_ring_marks") && *v.value < 0.0)
    return tr("%1 cm outside each ring mark").arg(signedNumber(-*v.value, words.digits));
  return tr(words.value).arg(signedNumber(*v.value, words.digits));
}

}  // namespace

std::vector<SetupValue> setupValues(const std::vector<Suggestion>& suggestions) {
  std::vector<SetupValue> out;
  for (const Suggestion& s : suggestions)
    out.push_back({std::string(s.id), s.value, std::string(s.choice), std::string(s.unit),
                   fitReasonWords(s.reason).toStdString()});
  return out;
}

std::vector<CardLine> cardLines(const std::vector<SetupValue>& values) {
  std::vector<CardLine> out;
  auto find = [&](const char* id) -> const SetupValue* {
    for (const SetupValue& v : values)
      if (v.id == id) return &v;
    return nullptr;
  };
  for (const LineWords& words : kLines) {
    const SetupValue* v = find(words.id);
    if (v == nullptr || QLatin1String(words.id) == QLatin1String("stance_in_feet") ||
        QLatin1String(words.id) == QLatin1String("inside_ring_marks") ||
        QLatin1String(words.id) == QLatin1String("hip_over_knee"))
      continue;
    CardLine line{tr(words.label), valueWords(words, *v), QString::fromStdString(v->reason), {}, false};
    for (FitReason r :
         {FitReason::kUsual, FitReason::kWithStance, FitReason::kFromPosture, FitReason::kAnkleEnough})
      line.plain = line.plain || line.reason == fitReasonWords(r);
    const char* with = QLatin1String(words.id) == QLatin1String("stance")       ? "stance_in_feet"
                       : QLatin1String(words.id) == QLatin1String("grip")       ? "inside_ring_marks"
                       : QLatin1String(words.id) == QLatin1String("hip_height") ? "hip_over_knee"
                                                                                : nullptr;
    if (with != nullptr)
      if (const SetupValue* second = find(with))
        line.value += QStringLiteral(", ") + valueWords(*lineWords(with), *second);
    out.push_back(line);
  }
  return out;
}

std::vector<CardLine> cardLines(const std::vector<Suggestion>& suggestions) {
  std::vector<CardLine> lines = cardLines(setupValues(suggestions));
  for (CardLine& line : lines)
    for (const Suggestion& s : suggestions)
      if (const LineWords* words = lineWords(s.id);
          words != nullptr && tr(words->label) == line.label && s.school != "base")
        line.school = plain(s.school);
  return lines;
}

QString setupName(Lift lift, const std::vector<SetupValue>& values) {
  QStringList parts;
  for (const SetupValue& v : values) {
    const std::string_view id = v.id;
    if (lift == Lift::kSquat && id == "bar_position")
      parts << barWords(barPositionNamed(v.choice).value_or(BarPosition::kHigh));
    if (lift == Lift::kDeadlift && id == "style")
      parts << choiceWords(QStringLiteral("style"), QString::fromStdString(v.choice));
    if (lift != Lift::kBench && id == "stance" && v.value)
      parts << tr("heels %1 cm").arg(signedNumber(*v.value, 0));
    if (lift == Lift::kSquat && id == "heel" && v.value && *v.value >= 0.5)
      parts << tr("raised %1 mm").arg(signedNumber(*v.value, 0));
    if (lift == Lift::kBench && id == "grip" && v.value)
      parts << tr("hands %1 cm").arg(signedNumber(*v.value, 0));
  }
  return parts.join(QStringLiteral(", "));
}

QString suggestionWords(const Suggestion& s) {
  const LineWords* words = lineWords(s.id);
  if (words == nullptr) return {};
  return tr(words->label) + QStringLiteral(": ") + valueWords(*words, setupValues({s}).front());
}

QString fitReasonWords(FitReason reason) {
  switch (reason) {
    case FitReason::kShoulderWidth:
      return tr("Shoulder width is the common start.");
    case FitReason::kWideHips:
      return tr("The hips are wider than the shoulders: the legs get their room first.");
    case FitReason::kUprightStyle:
      return tr("Hip width suits those who squat upright.");
    case FitReason::kLongThighs:
      return tr("The thighs are long for the height; a wider stance shortens them as the balance sees them.");
    case FitReason::kLongLegsShortTrunk:
      return tr("Long thighs on a short trunk usually end at a middle position.");
    case FitReason::kAnkleStops:
      return tr("The ankle stops the shin before the load is shared as asked; the heel frees it.");
    case FitReason::kAnkleEnough:
      return tr("The ankle gives enough without a raised heel.");
    case FitReason::kWithStance:
      return tr("Follows from the stance.");
    case FitReason::kSchoolAsks:
      return tr("The chosen school asks for it.");
    case FitReason::kSoreKnee:
      return tr("Spares the sore knee: wider, shin nearer to vertical.");
    case FitReason::kSoreKneeDepth:
      return tr("Spares the sore knee: less deep for a while.");
    case FitReason::kSoreHip:
      return tr("Spares the sore hip: narrower; bone shape is not stretched away.");
    case FitReason::kSoreShoulder:
      return tr("Spares the sore shoulder or elbow.");
    case FitReason::kSoreBack:
      return tr("Spares the sore back: the trunk stays more upright.");
    case FitReason::kHighBloodPressure:
      return tr(
          "A held breath raises the blood pressure; breathe in on the way down and out on the way up, with "
          "lower loads.");
    case FitReason::kFromPosture:
      return tr("Where the solved posture of this body puts it.");
    case FitReason::kMidSternum:
      return tr("At about the middle of the breast-bone, so that nobody tip-toes it out.");
    case FitReason::kClavicles:
      return tr(
          "Twice the distance between the shoulder points; the forearms must stand upright at the touch.");
    case FitReason::kRingMarks:
      return tr("The ring marks, 81 cm apart, make it repeatable; not outside them.");
    case FitReason::kUsual:
      return tr("The usual start.");
    case FitReason::kTrunkClearlyMoreUpright:
      return tr("The trunk stays clearly more upright this way. Try both and compare.");
    case FitReason::kTrunkUprightEnough:
      return tr("The trunk leans no further than is usual for this style. Try both and compare.");
    case FitReason::kHeavyForTheHand:
      return tr("Heavy against body weight: one hand turned, that hand slightly wider.");
    case FitReason::kLongHand:
      return tr("Heavy against body weight, and the fingers are long enough to hook.");
    case FitReason::kStrapsAllowed:
      return tr("More than twice body weight: straps for the heaviest sets, back-offs without.");
    case FitReason::kNarrowAsShouldersAllow:
      return tr("As narrow as the shoulders allow without bending the wrists; go wider if they complain.");
    case FitReason::kLongArms:
      return tr("Long arms need room; keep the wrists straight.");
    case FitReason::kAsScreened:
      return tr("As the newest screen found.");
    case FitReason::kBackGivesWay:
      return tr("The back gives way at the bottom: stop just above it.");
    case FitReason::kHipsStayForward:
      return tr("In the toe touch the hips stay forward; the bar will want to drift away.");
    case FitReason::kFederationAsks:
      return tr("The federation asks for it.");
    case FitReason::kByFeltTension:
      return tr("A start only: move within a hand's breadth until hamstrings and quads are both loaded.");
    case FitReason::kCoachFixed:
      return tr("As the coach set it.");
  }
  return {};
}

QString fitCautionWords(FitCaution caution) {
  switch (caution) {
    case FitCaution::kOpenComplaint:
      return tr(
          "A complaint of 4/10 or more is open. No load is raised; see a licensed clinician before loading.");
    case FitCaution::kBloodPressure:
      return tr("High blood pressure: see a licensed clinician before loading; no held breath, lower loads.");
    case FitCaution::kNoPosture:
      return tr("No posture exists with this set-up. Change stance, heel or depth; do not force it.");
    case FitCaution::kEstimatedLengths:
      return tr(
          "Thigh or trunk is only estimated from the height. Measure them before trusting the posture.");
  }
  return {};
}

QString limitWords(PostureLimit limit) {
  switch (limit) {
    case PostureLimit::kNone:
      return {};
    case PostureLimit::kAnkle:
      return tr("the shin leans as far as the ankle allows");
    case PostureLimit::kKnee:
      return tr("the knee bends as far as it can");
    case PostureLimit::kHip:
      return tr("the hip bends as far as it can");
    case PostureLimit::kTrunk:
      return tr("the trunk would lean too far");
    case PostureLimit::kStance:
      return tr("the feet stand too far apart for these legs");
    case PostureLimit::kDepth:
      return tr("this is deeper than the thigh is long");
    case PostureLimit::kBalance:
      return tr("no lean of the trunk brings the load over mid-foot");
  }
  return {};
}

QString limitWords(DeadliftLimit limit) {
  switch (limit) {
    case DeadliftLimit::kNone:
      return {};
    case DeadliftLimit::kShin:
      return tr("the bar cannot lie against the shin at this height");
    case DeadliftLimit::kArms:
      return tr("the hands stand too far apart for these arms");
    case DeadliftLimit::kReach:
      return tr("arms, trunk and thigh do not meet at the bar");
    case DeadliftLimit::kAnkle:
      return tr("the shin would lean further than the ankle allows");
  }
  return {};
}

QString limitWords(BenchLimit limit) {
  switch (limit) {
    case BenchLimit::kNone:
      return {};
    case BenchLimit::kTooWide:
      return tr("the upper arm does not reach out to this grip");
    case BenchLimit::kTooNarrow:
      return tr("the grip is too narrow for upright forearms");
  }
  return {};
}

QString segmentWords(Segment segment) {
  switch (segment) {
    case Segment::kThigh:
      return tr("Thigh");
    case Segment::kShank:
      return tr("Shank");
    case Segment::kTrunk:
      return tr("Trunk");
    case Segment::kUpperArm:
      return tr("Upper arm");
    case Segment::kForearm:
      return tr("Forearm");
    case Segment::kHand:
      return tr("Hand");
    case Segment::kFoot:
      return tr("Foot");
    case Segment::kClavicle:
      return tr("Clavicle");
    case Segment::kShoulderWidth:
      return tr("Shoulder width");
    case Segment::kHipWidth:
      return tr("Hip width");
  }
  return {};
}

QString sourceWords(LengthSource source) {
  switch (source) {
    case LengthSource::kByHand:
      return tr("by hand");
    case LengthSource::kFromClip:
      return tr("from clips");
    case LengthSource::kFromHeight:
      return tr("estimated from the height");
  }
  return {};
}

namespace {

// Widths are wide or narrow, lengths long or short.
bool isWidth(Segment s) {
  return s == Segment::kShoulderWidth || s == Segment::kHipWidth;
}
// One in six people lies beyond one standard deviation, one in forty beyond two.
constexpr double kRare = 1.0, kVeryRare = 2.0;

}  // namespace

QString buildWords(const Body& body, Segment segment) {
  const auto score = computeBuildScore(body, segment);
  if (!score) return {};
  if (std::abs(*score) < kRare) return tr("usual");
  const bool very = std::abs(*score) >= kVeryRare, more = *score > 0.0;
  if (isWidth(segment))
    return very ? (more ? tr("very wide for the height") : tr("very narrow for the height"))
                : (more ? tr("wide for the height") : tr("narrow for the height"));
  return very ? (more ? tr("very long for the height") : tr("very short for the height"))
              : (more ? tr("long for the height") : tr("short for the height"));
}

QString buildSentence(const Body& body) {
  QStringList parts;
  auto add = [&](Segment s, const QString& more, const QString& less) {
    const auto score = computeBuildScore(body, s);
    if (score && *score >= kRare) parts << more;
    if (score && *score <= -kRare) parts << less;
  };
  add(Segment::kThigh, tr("long thighs"), tr("short thighs"));
  add(Segment::kShank, tr("long shanks"), tr("short shanks"));
  add(Segment::kTrunk, tr("a long trunk"), tr("a short trunk"));
  const double arm = computeBuildScore(body, Segment::kUpperArm).value_or(0.0) +
                     computeBuildScore(body, Segment::kForearm).value_or(0.0);
  if (arm >= 2.0 * kRare) parts << tr("long arms");
  if (arm <= -2.0 * kRare) parts << tr("short arms");
  add(Segment::kShoulderWidth, tr("wide shoulders"), tr("narrow shoulders"));
  add(Segment::kHipWidth, tr("wide hips"), tr("narrow hips"));
  QString text;
  if (parts.isEmpty()) {
    const bool measured = std::any_of(body.lengths.begin(), body.lengths.end(), [](const BodyLength& l) {
      return l.source != LengthSource::kFromHeight;
    });
    text = measured ? tr("Usual proportions for the height.")
                    : tr("Nothing is measured yet but the height: the proportions are only usual ones.");
  } else {
    QString list = parts.front();
    if (parts.size() > 1) {
      const QString last = parts.takeLast();
      list = tr("%1 and %2").arg(parts.join(QStringLiteral(", ")), last);
    }
    list[0] = list[0].toUpper();
    text = tr("%1 for the height.").arg(list);
  }
  if (body.dorsiflexion_measured && body.dorsiflexion_deg < 30.0)
    text += QLatin1Char(' ') + tr("Stiff ankles.");
  return text;
}

QString barWords(BarPosition position) {
  switch (position) {
    case BarPosition::kHigh:
      return tr("high bar");
    case BarPosition::kMiddle:
      return tr("middle bar");
    case BarPosition::kLow:
      return tr("low bar");
    case BarPosition::kFront:
      return tr("front");
    case BarPosition::kSafety:
      return tr("safety bar");
  }
  return {};
}

QString schoolWords(SquatSchool school) {
  switch (school) {
    case SquatSchool::kBase:
      return tr("no school");
    case SquatSchool::kHipLed:
      return tr("hip-led");
    case SquatSchool::kUpright:
      return tr("upright");
    case SquatSchool::kWide:
      return tr("wide competition");
    case SquatSchool::kKneeSparing:
      return tr("knee-sparing");
    case SquatSchool::kKneeLoading:
      return tr("knee-loading");
  }
  return {};
}

QString schoolWords(BenchSchool school) {
  switch (school) {
    case BenchSchool::kBase:
      return tr("no school");
    case BenchSchool::kCompetition:
      return tr("competition");
    case BenchSchool::kDevelopment:
      return tr("development");
  }
  return {};
}

QString schoolWords(DeadliftSchool school) {
  return school == DeadliftSchool::kBase ? tr("by geometry") : tr("by felt tension");
}

QString equipmentWords(Equipment equipment) {
  static constexpr std::array<const char*, kEquipmentCount> kWords = {
      QT_TRANSLATE_NOOP("mottix", "lifting shoes"), QT_TRANSLATE_NOOP("mottix", "flat shoes"),
      QT_TRANSLATE_NOOP("mottix", "heel wedge"),    QT_TRANSLATE_NOOP("mottix", "belt"),
      QT_TRANSLATE_NOOP("mottix", "knee sleeves"),  QT_TRANSLATE_NOOP("mottix", "wrist wraps"),
      QT_TRANSLATE_NOOP("mottix", "straps"),        QT_TRANSLATE_NOOP("mottix", "safety bar"),
      QT_TRANSLATE_NOOP("mottix", "blocks"),        QT_TRANSLATE_NOOP("mottix", "dumbbells"),
      QT_TRANSLATE_NOOP("mottix", "kettlebell")};
  return tr(kWords[static_cast<std::size_t>(equipment)]);
}

QString constraintWords(Constraint constraint) {
  static constexpr std::array<const char*, kConstraintCount> kWords = {
      QT_TRANSLATE_NOOP("mottix", "feet flat"), QT_TRANSLATE_NOOP("mottix", "pause on the chest"),
      QT_TRANSLATE_NOOP("mottix", "no straps")};
  return tr(kWords[static_cast<std::size_t>(constraint)]);
}

QString jointWords(ComplaintJoint joint) {
  static constexpr std::array<const char*, kComplaintJointCount> kWords = {
      QT_TRANSLATE_NOOP("mottix", "ankle"),    QT_TRANSLATE_NOOP("mottix", "knee"),
      QT_TRANSLATE_NOOP("mottix", "hip"),      QT_TRANSLATE_NOOP("mottix", "back"),
      QT_TRANSLATE_NOOP("mottix", "shoulder"), QT_TRANSLATE_NOOP("mottix", "elbow"),
      QT_TRANSLATE_NOOP("mottix", "wrist"),    QT_TRANSLATE_NOOP("mottix", "blood pressure")};
  return tr(kWords[static_cast<std::size_t>(joint)]);
}

QString sideWords(const std::string& side) {
  return side == "left"    ? tr("left")
         : side == "right" ? tr("right")
         : side == "both"  ? tr("both")
                           : QString();
}

QString screenWords(Screen screen) {
  switch (screen) {
    case Screen::kToeTouch:
      return tr("Toe touch");
    case Screen::kKneeToWall:
      return tr("Knee to wall");
    case Screen::kShoulderReach:
      return tr("Shoulder reach");
    case Screen::kBottomHold:
      return tr("Bottom hold");
    case Screen::kHipRoom:
      return tr("Hip room");
  }
  return {};
}

QString screenHowTo(Screen screen) {
  switch (screen) {
    case Screen::kToeTouch:
      return tr("Feet together, reach for the toes. Look from the side.");
    case Screen::kKneeToWall:
      return tr("Knee to the wall with the heel down, foot as far back as it goes. Measure toe to wall.");
    case Screen::kShoulderReach:
      return tr("Empty bar in the rack: reach it just under the ridge of the blades.");
    case Screen::kBottomHold:
      return tr("Body-weight squat, elbows inside the knees, stay at the bottom.");
    case Screen::kHipRoom:
      return tr(
          "Lying or squatting without weight: find the stance and toes at which depth is free of pain.");
  }
  return {};
}

QString questionWords(Screen screen, std::string_view question) {
  struct Words {
    Screen screen;
    std::string_view id;
    const char* text;
  };
  static constexpr Words kWords[] = {
      {Screen::kToeTouch, "hips_go_back", QT_TRANSLATE_NOOP("mottix", "Do the hips move back?")},
      {Screen::kToeTouch, "back_rounds_evenly", QT_TRANSLATE_NOOP("mottix", "Does the back round evenly?")},
      {Screen::kToeTouch, "knees_stay_nearly_straight",
       QT_TRANSLATE_NOOP("mottix", "Do the knees stay nearly straight?")},
      {Screen::kToeTouch, "fingers_over_floor",
       QT_TRANSLATE_NOOP("mottix", "Fingers over the floor, in cm?")},
      {Screen::kKneeToWall, "left", QT_TRANSLATE_NOOP("mottix", "Left toe to the wall, in cm?")},
      {Screen::kKneeToWall, "right", QT_TRANSLATE_NOOP("mottix", "Right toe to the wall, in cm?")},
      {Screen::kShoulderReach, "bar_reached_low", QT_TRANSLATE_NOOP("mottix", "Is the low place reached?")},
      {Screen::kShoulderReach, "free_of_pain", QT_TRANSLATE_NOOP("mottix", "Without pain?")},
      {Screen::kShoulderReach, "wrists_straight", QT_TRANSLATE_NOOP("mottix", "With straight wrists?")},
      {Screen::kShoulderReach, "hands_apart",
       QT_TRANSLATE_NOOP("mottix", "How narrow did the index fingers get, in cm?")},
      {Screen::kBottomHold, "crease_below_kneecap",
       QT_TRANSLATE_NOOP("mottix", "Is the hip crease below the kneecap?")},
      {Screen::kBottomHold, "heels_down", QT_TRANSLATE_NOOP("mottix", "Do the heels stay down?")},
      {Screen::kBottomHold, "knees_over_toes", QT_TRANSLATE_NOOP("mottix", "Are the knees over the toes?")},
      {Screen::kBottomHold, "back_keeps_shape",
       QT_TRANSLATE_NOOP("mottix", "Does the low back keep its shape?")},
      {Screen::kHipRoom, "heels_apart", QT_TRANSLATE_NOOP("mottix", "Heels apart, in cm?")},
      {Screen::kHipRoom, "toes_out", QT_TRANSLATE_NOOP("mottix", "Toes out, in degrees?")},
      {Screen::kHipRoom, "free_of_pain", QT_TRANSLATE_NOOP("mottix", "Free of pain there?")},
  };
  for (const Words& w : kWords)
    if (w.screen == screen && w.id == question) return tr(w.text);
  return plain(question);
}

QString screenFindingWords(ScreenFinding finding) {
  switch (finding) {
    case ScreenFinding::kInOrder:
      return tr("in order");
    case ScreenFinding::kHipsStayForward:
      return tr("hips stay forward");
    case ScreenFinding::kRoundsUnevenly:
      return tr("back rounds unevenly");
    case ScreenFinding::kFlatBackReaches:
      return tr("toes reached with a flat back");
    case ScreenFinding::kKneesBend:
      return tr("knees bend");
    case ScreenFinding::kStiffAnkle:
      return tr("stiff ankle");
    case ScreenFinding::kAnklesDiffer:
      return tr("ankles differ");
    case ScreenFinding::kLowBarOutOfReach:
      return tr("low bar out of reach");
    case ScreenFinding::kLowBarHurts:
      return tr("low bar hurts");
    case ScreenFinding::kWristsBend:
      return tr("wrists bend");
    case ScreenFinding::kNotDeep:
      return tr("does not get deep");
    case ScreenFinding::kHeelsRise:
      return tr("heels rise");
    case ScreenFinding::kKneesFallIn:
      return tr("knees fall in");
    case ScreenFinding::kBackGivesWay:
      return tr("low back gives way");
    case ScreenFinding::kHipsHurt:
      return tr("hips hurt");
    case ScreenFinding::kNothingAnswered:
      return tr("nothing answered");
  }
  return {};
}

QString screenFindingMeans(ScreenFinding finding) {
  switch (finding) {
    case ScreenFinding::kHipsStayForward:
      return tr("The bar will be hard to keep back in the pull.");
    case ScreenFinding::kRoundsUnevenly:
      return tr("The range comes from one part of the back; watch the low back in the pull.");
    case ScreenFinding::kFlatBackReaches:
      return tr("The range comes from elsewhere than the back.");
    case ScreenFinding::kKneesBend:
      return tr("The hamstrings are spared; the hips will start low.");
    case ScreenFinding::kStiffAnkle:
      return tr("The shin stops early: heels raised or toes further out.");
    case ScreenFinding::kAnklesDiffer:
      return tr("The stiffer side decides; look for a shift to the other.");
    case ScreenFinding::kLowBarOutOfReach:
    case ScreenFinding::kLowBarHurts:
      return tr("The bar goes no lower than the middle, hands wider.");
    case ScreenFinding::kWristsBend:
      return tr("Hands wider, or wraps.");
    case ScreenFinding::kNotDeep:
      return tr("Try stance, toes and heels before loading depth.");
    case ScreenFinding::kHeelsRise:
      return tr("Heels raised, toes out.");
    case ScreenFinding::kKneesFallIn:
      return tr("Toes a little further out; the knees follow them.");
    case ScreenFinding::kBackGivesWay:
      return tr("Depth ends just above it.");
    case ScreenFinding::kHipsHurt:
      return tr("Not this stance: narrower. Bones do not stretch.");
    case ScreenFinding::kInOrder:
    case ScreenFinding::kNothingAnswered:
      return {};
  }
  return {};
}

QString trialWords(TrialMeasure what) {
  switch (what) {
    case TrialMeasure::kDepthMargin:
      return tr("Crease above kneecap");
    case TrialMeasure::kTrunkChange:
      return tr("Trunk change");
    case TrialMeasure::kBarForward:
      return tr("Bar in front of mid-foot");
    case TrialMeasure::kSpeed:
      return tr("Mean speed up");
    case TrialMeasure::kEffort:
      return tr("Effort");
    case TrialMeasure::kComfort:
      return tr("Comfort");
  }
  return {};
}

QString trialUnit(TrialMeasure what) {
  switch (what) {
    case TrialMeasure::kDepthMargin:
    case TrialMeasure::kBarForward:
      return QStringLiteral("cm");
    case TrialMeasure::kTrunkChange:
      return QStringLiteral("deg");
    case TrialMeasure::kSpeed:
      return QStringLiteral("m/s");
    case TrialMeasure::kEffort:
    case TrialMeasure::kComfort:
      return QStringLiteral("/10");
  }
  return {};
}

QString trialVerdictWords(const TrialLine& line, const QString& name_a, const QString& name_b) {
  if (line.verdict == TrialVerdict::kNotEnoughSets) {
    if (line.sets_a == 0 && line.sets_b == 0)
      return line.what == TrialMeasure::kSpeed ? tr("no sets at equal load") : tr("not measured yet");
    return tr("not enough sets to tell: %1 and %2, %3 of each needed")
        .arg(line.sets_a)
        .arg(line.sets_b)
        .arg(kFewestTrialSets);
  }
  QString text = tr("difference %1").arg(withError(*line.difference, trialUnit(line.what).toStdString()));
  if (line.load_kg) text += tr(" at %1").arg(kilograms(*line.load_kg));
  if (line.verdict == TrialVerdict::kNoDifferenceSeen) return text + tr(": no difference seen");
  const bool b_better = line.difference->value * betterDirection(line.what) > 0.0;
  return text + tr(": better with “%1”").arg(b_better ? name_b : name_a);
}

}  // namespace mottix
