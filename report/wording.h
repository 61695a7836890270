// The words for what core decided: reason codes in, plain coach's sentences out. Translatable; the only home
// of such sentences, for the desk, the command line and the documents.
#pragma once

#include <QString>
#include <QStringList>

#include "core/cue/cue_book.h"
#include "core/load/plates.h"
#include "core/log/records.h"
#include "core/measure/difference.h"
#include "core/measure/phases.h"
#include "core/verdict/causes.h"
#include "core/verdict/usual.h"

namespace mottix {

QString unitWords(std::string_view unit);  // " cm", "°"
// The number alone, with as many digits as its error allows.
QString numberFor(const Estimate& value, std::string_view unit);
QString signedNumber(double value, int digits);  // with a true minus sign, as wide as the plus
// "1.8 ± 0.9 cm"; the digits follow the error.
QString withError(const Estimate& value, std::string_view unit);
QString kilograms(double load_kg);              // "82.5 kg"
QString loadWords(double load_kg, bool in_lb);  // the same, or "182 lb (82.5 kg)"
QString repList(const std::vector<int>& reps);  // "rep 3", "reps 4 and 5", "all reps" is never said

QString liftWords(Lift lift);                            // "squat"
QString repNote(const Rep& rep);                         // "sank back"; empty for a whole rep
QString measureWords(MeasureId id);                      // "trunk change", for labels and tables
QString viewWords(View view, Facing facing, Lift lift);  // "from the right", "from the foot end"
// "knee"; filmed across "left knee", by the lifter's own left and right.
QString jointWords(Joint joint, View view);
QString phaseWords(PhaseKind kind, Lift lift);  // "way up, sticking"
QString drawnWords(DrawnKind kind);             // "Angle"
QString facingWords(Facing facing);             // where it was filmed from: "from the right"
QString noteOf(MeasureStatus status);  // why there is no value and what would help; empty when there is one
// What is lifted: “plates of 450 mm”, “an empty bar”, “dumbbells of 180 mm”; and back, with the diameter
// where one belongs to it. Nothing when it is neither.
QString heldWords(Held held, double plate_mm);
std::optional<std::pair<Held, std::optional<double>>> heldIn(const QString& text);
QString warningWords(Warning warning);
// How far a clip can be trusted, its weakest link and what would mend it.
QString trustWords(const Trust& trust);
// A line drawn in the picture, and what it said of the camera.
QString lineWords(const RoomLine& line, const LineReading& reading);

// What changed between two reps or sets, in one or two sentences.
QString differenceWords(const std::vector<Difference>& all);
// "trunk lean at the bottom 6 ± 2° more".
QString differenceWords(const Difference& difference);

// The finding as a heading ("Hips rise first on reps 4 and 5") and what stands behind it, with numbers and
// error.
QString findingHeading(const Finding& finding, const RuleBook& book);
QString findingDetail(const Finding& finding, const RuleBook& book, const std::vector<Measure>& measures);
// The whole chain behind it, a line a link: the rule and whose it is, the measure and what it is, the rep and
// the picture, and the reckoning with its numbers.
QStringList chainWords(const Finding& finding, const RuleBook& book, double at_s);
QString limitWords(const Rule& rule, double limit);  // "+10°"; "± 3 cm" where either side counts
QString severityWords(const Finding& finding);       // "big, clear", for screen readers and tooltips
// What was looked at and found in order, in one sentence; empty when nothing was. `most`: so many at most,
// those that weigh most; 0: all.
QString inOrderWords(const RuleBook& book, Lift lift, const Analysis& analysis, const JudgedSet& set = {},
                     int most = 0);
// What only another view would show; empty when there is nothing.
QString unseenWords(const RuleBook& book, Lift lift, const Analysis& analysis, const JudgedSet& set = {});
// What could not be told beside what must be, a line for each reason.
QString cantTellWords(const RuleBook& book, const std::vector<Finding>& findings);
QString judgedByWords(const RuleBook& book);  // whose rules
// "Trunk change is 4 ± 2° more than usual (3° over 5 sets)".
QString changeWords(const ChangeFromUsual& change);
// What changes from the first reps to the last, in one sentence; empty when nothing does.
QString lateWords(const std::vector<Difference>& late);
QString evidenceWords(const Evidence& evidence, const RuleBook& book);
QString causeWords(const CauseCandidate& candidate, const RuleBook& book);  // what speaks for and against it
QString causeStateWords(CauseState state);
QString cueWayWords(CueWay way);  // "Points at the body."
// What a cue did for somebody: "It has helped Runa 4 of 5 times (0.6 ± 0.2 of the way from limit to big)."
QString cueWords(const CueEstimate& estimate, const QString& name);

// "20 + 20 + 1.25 a side"; with what is missing to the wish, or too much.
QString platesWords(const Loading& loading);
QString plateList(const Loading& loading);  // without what is missing
QString decisionHeading(const LoadDecision& decision, const Asked& asked);
QString decisionReason(const LoadDecision& decision, const Athlete& athlete);
// What would change the decision.
QString decisionChange(const LoadDecision& decision, const Athlete& athlete, View view = View::kSide);

}  // namespace mottix
