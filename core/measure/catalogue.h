// The catalogue of measures: one definition each. A measure is a pure function of where joints and bar are in
// a few pictures of a rep; how it is read stands beside its definition in the table of its lift
// (measure_kind.h), and its error is found by moving every input by its own error (measure_set.h).
#pragma once

#include <span>
#include <string_view>
#include <vector>

#include "core/motion/rep_finder.h"

namespace mottix {

enum class MeasureId {
  kDescentTime,
  kAscentTime,
  kPauseTime,
  kRestBefore,
  kMeanSpeed,
  kPeakSpeed,
  kStickingSpeed,
  kStickingHeight,
  kStickingTime,
  kSpeedLoss,
  kBarTravel,
  kPathLength,
  kForwardDrift,
  kBackDrift,
  kDriftQuarter,
  kDriftHalf,
  kDriftThreeQuarters,
  kPathLoop,
  kPeakForce,
  kWork,
  kMeanPower,
  kDescentFall,
  kBarTilt,
  kHipBelowKnee,
  kDepthMargin,
  kTrunkLeanStart,
  kTrunkLeanTurn,
  kTrunkLeanMost,
  kTrunkChange,
  kChestLeads,
  kRiseRatio,
  kShinLeanStart,
  kShinLeanTurn,
  kShinLeanMost,
  kThighAngleTurn,
  kKneeFlexionTurn,
  kHipFlexionTurn,
  kHipRange,
  kKneeRange,
  kHipKneeRatio,
  kKneePastToe,
  kBarForwardMax,
  kBarBackMax,
  kBarOffsetTurn,
  kHeelRise,
  kHipsLeadStart,
  kLockoutLag,
  kPelvisTuck,
  kLumbarChange,
  kHeadChange,
  kTouchPoint,
  kTouchWander,
  kPathBack,
  kForearmLeanTouch,
  kWristBendTouch,
  kElbowFlexionLockout,
  kSinkAfterTouch,
  kSeatRise,
  kFootMove,
  kHeadRise,
  kShoulderRise,
  kBarShinStart,
  kBarOffsetStart,
  kBarRoll,
  kHipsBeforeBar,
  kShoulderAhead,
  kArmAngleStart,
  kKneeAheadOfArm,
  kArmShortening,
  kTrunkChangeToKnee,
  kRiseRatioToKnee,
  kLegDrift,
  kLeanBack,
  kBackChange,
  kKneesEarly,
  kLandingOffset,
  kHipLever,
  kKneeLever,
  kLeverShare,
  kShoulderLever,
  kElbowLever,
  kBarHipMoment,
  kBarKneeMoment,
  kBarShoulderMoment,
  kHipMoment,
  kKneeMoment,
  kAnkleMoment,
  kShoulderMoment,
  kElbowMoment,
  kKneeCaveLeft,
  kKneeCaveRight,
  kKneeInLeft,
  kKneeInRight,
  kStanceWidth,
  kToeAngleLeft,
  kToeAngleRight,
  kWeightShift,
  kBarCentring,
  kElbowHeight,
  kGripWidth,
  kForearmLeanLeft,
  kForearmLeanRight,
  kUnevenLockout,
  kShinLeanLeft,
  kShinLeanRight,
  kKneeOverFootLeft,
  kKneeOverFootRight,
  kArmLeanLeft,
  kArmLeanRight,
};

enum class MeasureView { kAny, kSide, kAcross };
// What its error is made of.
enum class ErrorModel {
  kPlaces,  // camera, and each joint's place and distance from the mid-plane, each moved by one sd
  kTimes,   // of the two events
  kSpeeds,  // of the smoothed way, and of the scale
  kTilt,    // of the two ends and the horizon
};

struct Lifts {
  bool squat = false, bench = false, deadlift = false;
  constexpr bool has(Lift lift) const {
    return lift == Lift::kSquat ? squat : lift == Lift::kBench ? bench : deadlift;
  }
};
inline constexpr Lifts kAllLifts{true, true, true}, kSquatOnly{true, false, false},
    kBenchOnly{false, true, false}, kDeadliftOnly{false, false, true}, kOnFeet{true, false, true};

struct MeasureDefinition {
  MeasureId id;
  std::string_view name;   // stable, used in files
  std::string_view title;  // in a sentence: "trunk lean at the bottom"
  std::string_view unit;   // "cm", "deg", "s", "m/s", "N", "J", "W", "%", "" for a ratio
  Lifts lifts;
  MeasureView view;
  std::string_view phase;       // when it is read
  std::string_view definition;  // what it is, as a formula in words
  double useless_sd;            // in its unit: beyond this error a value tells nothing
  ErrorModel error;
  std::string_view source;  // key of the bibliography, "practice", or "own"
  // Of heights alone, which do not change with the camera's turn as lengths across the picture do.
  bool of_heights = false;
};

// In the order in which reports list them.
const std::vector<const MeasureDefinition*>& measureCatalogue();
const MeasureDefinition& definitionOf(MeasureId id);
const MeasureDefinition* findMeasure(std::string_view name);  // nullptr when unknown
// The lifts a measure is read of.
std::vector<Lift> liftsOf(MeasureId id);

}  // namespace mottix
