#include "core/measure/held_errors.h"

#include <algorithm>
#include <iterator>

namespace mottix {
namespace {

struct Held {
  MeasureId id;
  Lift lift;
  bool across;
  double share;
  bool only_none = false;  // only of values that do not stand out of their error
};

// Those in which fewer than 65 or more than 72 of 100 lay within, or that were off by more than seven parts
// in a hundred; the rest hold as they are.
constexpr Held kHeld[] = {
    {MeasureId::kHipBelowKnee, Lift::kSquat, false, 1.12},
    {MeasureId::kTrunkChange, Lift::kSquat, false, 0.92},
    {MeasureId::kRiseRatio, Lift::kSquat, false, 0.89},
    {MeasureId::kShinLeanMost, Lift::kSquat, false, 0.91},
    {MeasureId::kThighAngleTurn, Lift::kSquat, false, 1.10},
    {MeasureId::kHipFlexionTurn, Lift::kSquat, false, 1.15},
    {MeasureId::kHipsLeadStart, Lift::kSquat, false, 0.88},
    {MeasureId::kLockoutLag, Lift::kSquat, false, 0.84},
    {MeasureId::kHeadChange, Lift::kSquat, false, 1.35},
    {MeasureId::kAscentTime, Lift::kSquat, false, 1.20},
    {MeasureId::kMeanSpeed, Lift::kSquat, false, 1.18},
    {MeasureId::kPeakSpeed, Lift::kSquat, false, 0.86},
    {MeasureId::kSpeedLoss, Lift::kSquat, false, 1.07},
    {MeasureId::kForwardDrift, Lift::kSquat, false, 0.92},
    {MeasureId::kBackDrift, Lift::kSquat, false, 0.93},
    {MeasureId::kPathLoop, Lift::kSquat, false, 0.86},
    {MeasureId::kMeanPower, Lift::kSquat, false, 1.18},
    {MeasureId::kPathLength, Lift::kSquat, false, 1.06},
    {MeasureId::kElbowFlexionLockout, Lift::kBench, false, 0.93},
    {MeasureId::kDescentTime, Lift::kBench, false, 0.91},
    {MeasureId::kAscentTime, Lift::kBench, false, 0.89},
    {MeasureId::kPauseTime, Lift::kBench, false, 0.89},
    {MeasureId::kRestBefore, Lift::kBench, false, 0.87},
    {MeasureId::kMeanSpeed, Lift::kBench, false, 0.88},
    {MeasureId::kPeakSpeed, Lift::kBench, false, 0.93},
    {MeasureId::kStickingSpeed, Lift::kBench, false, 1.09},
    {MeasureId::kStickingHeight, Lift::kBench, false, 1.11},
    {MeasureId::kStickingTime, Lift::kBench, false, 0.42},
    {MeasureId::kSpeedLoss, Lift::kBench, false, 0.79},
    {MeasureId::kPeakForce, Lift::kBench, false, 1.10},
    {MeasureId::kMeanPower, Lift::kBench, false, 0.88},
    {MeasureId::kDescentFall, Lift::kBench, false, 0.83},
    {MeasureId::kForearmLeanTouch, Lift::kBench, false, 0.94},
    {MeasureId::kSeatRise, Lift::kBench, false, 0.90, true},
    {MeasureId::kHeadRise, Lift::kBench, false, 0.90, true},
    {MeasureId::kShoulderRise, Lift::kBench, false, 0.85, true},
    {MeasureId::kFootMove, Lift::kBench, false, 0.90, true},
    {MeasureId::kHipRange, Lift::kDeadlift, false, 1.09},
    {MeasureId::kKneeRange, Lift::kDeadlift, false, 1.08},
    {MeasureId::kBarForwardMax, Lift::kDeadlift, false, 1.15},
    {MeasureId::kBarBackMax, Lift::kDeadlift, false, 1.08},
    {MeasureId::kBarOffsetStart, Lift::kDeadlift, false, 1.12},
    {MeasureId::kBarRoll, Lift::kDeadlift, false, 0.93},
    {MeasureId::kKneesEarly, Lift::kDeadlift, false, 1.07},
    {MeasureId::kLandingOffset, Lift::kDeadlift, false, 0.65, true},
    {MeasureId::kHipMoment, Lift::kDeadlift, false, 0.92},
    {MeasureId::kAnkleMoment, Lift::kDeadlift, false, 1.09},
    {MeasureId::kSpeedLoss, Lift::kDeadlift, false, 0.85},
    {MeasureId::kForwardDrift, Lift::kDeadlift, false, 0.80, true},
    {MeasureId::kBackDrift, Lift::kDeadlift, false, 0.64, true},
    {MeasureId::kPathLoop, Lift::kDeadlift, false, 0.85},
    {MeasureId::kPeakForce, Lift::kDeadlift, false, 0.89},
    {MeasureId::kDescentFall, Lift::kDeadlift, false, 0.31},
    {MeasureId::kBarOffsetTurn, Lift::kDeadlift, false, 1.07},
    {MeasureId::kAscentTime, Lift::kDeadlift, false, 0.95},
    {MeasureId::kMeanSpeed, Lift::kDeadlift, false, 0.95},
    {MeasureId::kMeanPower, Lift::kDeadlift, false, 0.95},
    {MeasureId::kArmShortening, Lift::kDeadlift, false, 0.80, true},
    {MeasureId::kHipsBeforeBar, Lift::kDeadlift, false, 0.76, true},
    {MeasureId::kBackChange, Lift::kDeadlift, false, 0.70, true},
    {MeasureId::kToeAngleLeft, Lift::kSquat, true, 0.88},
    {MeasureId::kToeAngleRight, Lift::kSquat, true, 0.87},
    {MeasureId::kToeAngleLeft, Lift::kDeadlift, true, 0.83},
    {MeasureId::kToeAngleRight, Lift::kDeadlift, true, 0.85},
    {MeasureId::kGripWidth, Lift::kBench, true, 0.90},
    {MeasureId::kUnevenLockout, Lift::kBench, true, 0.88},
};

}  // namespace

double heldShare(MeasureId id, Lift lift, bool across, bool stands_out) {
  const auto* const held = std::find_if(std::begin(kHeld), std::end(kHeld), [&](const Held& h) {
    return h.id == id && h.lift == lift && h.across == across;
  });
  return held == std::end(kHeld) || (held->only_none && stands_out) ? 1.0 : held->share;
}

}  // namespace mottix
