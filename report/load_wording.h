// The words for the next sets, the weeks ahead, effort and strength.
#pragma once

#include <QString>
#include <QStringList>

#include "core/load/ahead.h"
#include "core/load/assistance.h"
#include "core/log/lift_history.h"
#include "core/verdict/causes.h"

namespace mottix {

QString planTitle(const LiftPlan& plan);
QString planWords(const LiftPlan& plan);
QString effortNumber(double effort);  // "8", "7.5"
// "5 × 5 × 122.5 kg at effort 8"
QString plannedSetWords(const PlannedSet& set, bool in_lb = false);
QString sessionWords(const NextSession& session);  // all of it, "; then" between
QString planReason(const NextSession& session, const LiftPlan& plan, const PlanGates& gates);  // one sentence
// What would make it another load, in one sentence; empty when nothing is known to.
QString planChange(const NextSession& session);
QString cautionWords(Caution caution);
QString blockWords(BlockKind block);
QString bandWords(const StrengthAt& at);          // "142 kg (136 to 149)"
QString relationWords(const Strength& strength);  // by which relation of reps and share
QString attemptsWords(const Attempts& attempts);
QString chanceWords(double chance, double goal_kg);  // "About 3 in 10 that 150 kg goes on the day."
QString conditionWords(Condition condition);
// "Two reps left by the word, none by the bar's speed." Empty where they agree, or only one is known.
QString apartWords(const Reserve& reserve);
QString reserveWords(const Estimate& reserve);  // "2 ± 1 reps left"
QString overrideWords(const Override& over);
// "Paused squat: 3 × 3 to 5, from 55 to 65 kg. Two seconds still at the bottom; …", and why.
QString assistanceWords(const AssistanceOffer& offer, const CauseBook& causes);

}  // namespace mottix
