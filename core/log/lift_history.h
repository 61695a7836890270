// The log of one athlete and lift, as plans and strength estimates look back on it.
#pragma once

#include <span>

#include "core/load/ahead.h"
#include "core/load/assistance.h"
#include "core/log/log_line.h"

namespace mottix {

// Lines of this lift in variants that are the same to the rules (variantTags), oldest first, up to `today`.
// Pauses and the place of the bar on the back are told apart; a lift that is only named differently is not.
std::vector<const LogLine*> linesLike(std::span<const LogLine> lines, Lift lift, std::string_view variant);

// `today`: for age, and for what is still to come.
LiftHistory historyOf(const AthleteRecord& who, std::span<const LogLine> lines, Lift lift,
                      std::string_view variant, Day today);

// What the athlete's aim in this lift asks of the weeks ahead; the usual one where nobody has said.
LiftAim aimOf(const AthleteRecord& who, Lift lift);
AheadWish wishOf(const LiftAim& aim, double step_kg, Day today);
// Keeps what was planned for weeks that are past, so that it can be told from what was done.
void keepPast(LiftAim& aim, const Ahead& ahead);

// Where an athlete stands on the ladder of a lift, and where the last set since then leads: up when it was
// good enough, down when it broke down or where it hurts. Nothing: the lift has no ladder.
struct OnLadder {
  const Ladder* ladder = nullptr;
  std::size_t now = 0, next = 0;
  bool atTop() const { return now == ladder->top(); }
};
std::optional<OnLadder> placeOf(const AthleteRecord& who, std::span<const LogLine> lines, Lift lift);

// A load that was taken against what had been suggested, and how the next set like it went.
struct Override {
  Day day;
  SetId set{};
  double suggested_kg = 0.0, taken_kg = 0.0;
  enum class Outcome { kOpen, kHeld, kBrokeDown, kMissed } outcome = Outcome::kOpen;
};
std::vector<Override> overridesIn(std::span<const LogLine> lines);

}  // namespace mottix
