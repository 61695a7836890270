// What can be drawn against time, against the bar's height or over a rep: bar, angles, levers and moments,
// picture by picture, each with its error.
//
// A curve is a pure function of where joints and bar are in one picture, as measures are; its error is found
// in the same way (measure_set.h) on some pictures and laid between them.
#pragma once

#include <string_view>
#include <vector>

#include "core/measure/measure_input.h"
#include "core/measure/measure_kind.h"

namespace mottix {

enum class CurveId {
  kBarHeight,
  kBarForward,
  kBarSpeed,
  kTrunkLean,
  kShinLean,
  kKneeBend,
  kHipBend,
  kElbowBend,
  kHipLever,
  kKneeLever,
  kShoulderLever,
  kBarHipMoment,
  kBarKneeMoment,
  kBarShoulderMoment,
  kHipMoment,
  kKneeMoment,
  kBarTilt,
  kKneesApart,
  kHipBelowKnee,
};

struct CurveDefinition {
  CurveId id;
  std::string_view name;   // stable, used in files
  std::string_view title;  // "trunk lean"
  std::string_view unit;   // as of measures
  Lifts lifts;
  MeasureView view;
  std::string_view definition;  // what it is, in words
};

// In the order in which they are offered.
const std::vector<CurveDefinition>& curveCatalogue();
const CurveDefinition& definitionOf(CurveId id);

struct CurvePoint {
  Estimate value;
  bool known = false;
};
// One a picture; none known where it does not show, or where what it needs is not known (joints, load, the
// lifter's mass).
std::vector<CurvePoint> computeCurve(const MeasureInput& input, CurveId id);
// The same in one picture, in less than a millisecond where the input is smoothed already; not of speeds.
CurvePoint computeCurveAt(const MeasureInput& input, CurveId id, std::size_t frame);

}  // namespace mottix
