// The catalogue of measures: one definition each. A measure is a pure function of the camera and of joint and
// bar positions in a few frames; its error is found by moving every input by its own error (measure_set.h).
#pragma once

#include <span>
#include <string_view>

namespace mottix {

enum class MeasureId {
  kHipBelowKnee,
  kDepthMargin,
  kTrunkLeanStart,
  kTrunkLeanTurn,
  kTrunkChange,
  kRiseRatio,
  kBarForwardMax,
  kDescentTime,
  kAscentTime,
  kMeanSpeed,
  kPeakSpeed,
  kBarTilt,
};

struct MeasureDefinition {
  MeasureId id;
  std::string_view name;        // stable, used in files
  std::string_view unit;        // "cm", "deg", "s", "m/s", "" for a ratio
  std::string_view definition;  // one sentence, body frame
};

std::span<const MeasureDefinition> measureCatalogue();
const MeasureDefinition& definitionOf(MeasureId id);
const MeasureDefinition* findMeasure(std::string_view name);  // nullptr when unknown

}  // namespace mottix
