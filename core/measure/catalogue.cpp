#include "core/measure/catalogue.h"

#include <array>

namespace mottix {
namespace {

constexpr std::array kCatalogue = {
    MeasureDefinition{
        MeasureId::kHipBelowKnee, "hip_below_knee", "cm",
        "Height of the knee joint centre minus height of the hip joint centre when the bar is lowest; "
        "positive is deeper."},
    MeasureDefinition{
        MeasureId::kDepthMargin, "depth_margin", "cm",
        "Height of the hip crease minus height of the top of the kneecap when the bar is lowest; "
        "negative is below parallel. Both landmarks lie about 5 cm above their joint centres when the "
        "thigh is level, so the offsets cancel to within 1.5 cm."},
    MeasureDefinition{
        MeasureId::kTrunkLeanStart, "trunk_lean_start", "deg",
        "Angle of the line from hip to shoulder from vertical as the rep starts; forward is positive."},
    MeasureDefinition{MeasureId::kTrunkLeanTurn, "trunk_lean_turn", "deg",
                      "Angle of the line from hip to shoulder from vertical when the bar is lowest."},
    MeasureDefinition{
        MeasureId::kTrunkChange, "trunk_change", "deg",
        "Greatest trunk lean over the first third of the bar's way up, minus the lean at the turn."},
    MeasureDefinition{
        MeasureId::kRiseRatio, "rise_ratio", "",
        "Rise of the hip divided by rise of the shoulder over the first third of the bar's way up."},
    MeasureDefinition{MeasureId::kBarForwardMax, "bar_forward_max", "cm",
                      "Greatest distance of the bar's centre in front of mid-foot during the rep."},
    MeasureDefinition{MeasureId::kDescentTime, "descent_time", "s", "From the start of the rep to the turn."},
    MeasureDefinition{MeasureId::kAscentTime, "ascent_time", "s", "From the turn to the end of the rep."},
    MeasureDefinition{MeasureId::kMeanSpeed, "mean_speed", "m/s",
                      "Height gained by the bar from the turn to the end, divided by the time."},
    MeasureDefinition{MeasureId::kPeakSpeed, "peak_speed", "m/s", "Greatest upward speed of the bar."},
    MeasureDefinition{
        MeasureId::kBarTilt, "bar_tilt", "deg",
        "Greatest angle of the bar from level during the rep, either end higher; from the front or "
        "the rear."},
};

}  // namespace

std::span<const MeasureDefinition> measureCatalogue() {
  return kCatalogue;
}

const MeasureDefinition& definitionOf(MeasureId id) {
  for (const auto& d : kCatalogue)
    if (d.id == id) return d;
  return kCatalogue.front();
}

const MeasureDefinition* findMeasure(std::string_view name) {
  for (const auto& d : kCatalogue)
    if (d.name == name) return &d;
  return nullptr;
}

}  // namespace mottix
