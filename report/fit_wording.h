// The words of Fit: suggestions and their reasons, the body against others, screens, complaints, schools,
// and what a trial of two set-ups shows. Translatable, like report/wording.
#pragma once

#include <vector>

#include <QString>

#include "core/body/athlete_body.h"
#include "core/body/screens.h"
#include "core/fit/setup_trial.h"
#include "core/fit/suggest_setup.h"
#include "core/log/records.h"

namespace mottix {

// One line of the card for the rack: "Heels", "46 cm apart, 1.7 feet", and why.
struct CardLine {
  QString label, value, reason;
  QString school;      // whose rule it is; empty: the common start
  bool plain = false;  // the reason says nothing of this body: left out on paper
};
std::vector<CardLine> cardLines(const std::vector<Suggestion>& suggestions);
std::vector<CardLine> cardLines(const std::vector<SetupValue>& values);
std::vector<SetupValue> setupValues(const std::vector<Suggestion>& suggestions);
// A short name for a set-up that is kept: "low bar, heels 46 cm".
QString setupName(Lift lift, const std::vector<SetupValue>& values);

QString suggestionWords(const Suggestion& suggestion);  // "Stance: 40 cm between the heels"
QString fitReasonWords(FitReason reason);               // a whole sentence
QString fitCautionWords(FitCaution caution);
QString limitWords(PostureLimit limit);  // what stops the posture; empty for none
QString limitWords(DeadliftLimit limit);
QString limitWords(BenchLimit limit);

QString segmentWords(Segment segment);     // "Thigh"
QString sourceWords(LengthSource source);  // "by hand"
// "long for the height", "usual", "short for the height"; empty for a length that was not measured.
QString buildWords(const Body& body, Segment segment);
// The build in one sentence: "Long thighs and a short trunk for the height."
QString buildSentence(const Body& body);

QString barWords(BarPosition position);  // "low bar"
QString schoolWords(SquatSchool school);
QString schoolWords(BenchSchool school);
QString schoolWords(DeadliftSchool school);
QString equipmentWords(Equipment equipment);
QString constraintWords(Constraint constraint);
QString jointWords(ComplaintJoint joint);
QString sideWords(const std::string& side);  // "left"; empty for none

QString screenWords(Screen screen);                               // "Knee to wall"
QString screenHowTo(Screen screen);                               // what the athlete does
QString questionWords(Screen screen, std::string_view question);  // asked of the coach
QString screenFindingWords(ScreenFinding finding);
// What the finding limits, in one sentence; empty when nothing.
QString screenFindingMeans(ScreenFinding finding);

QString trialWords(TrialMeasure what);  // "depth, crease above kneecap"
QString trialUnit(TrialMeasure what);
// "46 cm is 2.1 ± 0.8 cm deeper", "no difference seen", "not enough sets to tell (2 and 1, 3 of each)".
QString trialVerdictWords(const TrialLine& line, const QString& name_a, const QString& name_b);

}  // namespace mottix
