// One value of the catalogue, of one rep.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/base/estimate.h"
#include "core/measure/catalogue.h"

namespace mottix {

// Why a measure has no value, or that it has one.
enum class MeasureStatus {
  kOk,
  kNoJoints,    // the joints it needs are not placed
  kNoFeet,      // heel and toe are not placed, so mid-foot is unknown
  kWrongView,   // it cannot be seen from where the film was taken
  kBarLost,     // the bar was not seen at the frames that matter
  kTooOblique,  // the camera is turned too far from the side
  kImprecise,   // it could be computed but its error is too large to mean anything
  kCut,         // the film does not show that part of the rep
  kNoLoad,      // the load is not known
  kNoBody,      // the lifter's weight is not known
  kNone,        // there is nothing of the kind in this rep: no sticking region, no pause
};
std::string_view nameOf(MeasureStatus status);
std::optional<MeasureStatus> measureStatusNamed(std::string_view name);

struct Measure {
  MeasureId id = MeasureId::kHipBelowKnee;
  int rep = 0;
  Estimate value;
  MeasureStatus status = MeasureStatus::kNoJoints;
  std::size_t frame = 0;  // where the evidence is seen
};

const Measure* findMeasure(const std::vector<Measure>& measures, MeasureId id, int rep);

}  // namespace mottix
