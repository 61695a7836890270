#include "report/measure_list.h"

#include <array>
#include <span>

#include <nlohmann/json.hpp>

#include "core/verdict/rule_book.h"

namespace mottix {
namespace {

std::string viewWords(MeasureView view) {
  switch (view) {
    case MeasureView::kAny:
      return "any";
    case MeasureView::kSide:
      return "side";
    case MeasureView::kAcross:
      return "front or rear";
  }
  return "";
}

std::string errorWords(ErrorModel error) {
  switch (error) {
    case ErrorModel::kPlaces:
      return "places";
    case ErrorModel::kTimes:
      return "times";
    case ErrorModel::kSpeeds:
      return "speeds";
    case ErrorModel::kTilt:
      return "tilt";
  }
  return "";
}

std::string liftsWords(MeasureId id) {
  std::string out;
  for (const Lift lift : liftsOf(id)) out += (out.empty() ? "" : ", ") + std::string(nameOf(lift));
  return out;
}

// What coaches judge on film, and what answers it.
struct Judged {
  Lift lift;
  std::string_view what;
  std::vector<MeasureId> by;
  std::string_view otherwise;  // why a camera cannot tell, or what is missing
};
const std::vector<Judged>& judgedOnFilm() {
  using enum MeasureId;
  static const std::vector<Judged> all = {
      {Lift::kSquat,
       "Depth: hip crease below the top of the kneecap",
       {kDepthMargin, kHipBelowKnee, kThighAngleTurn},
       ""},
      {Lift::kSquat,
       "The trunk keeps its angle out of the bottom",
       {kTrunkChange, kRiseRatio, kTrunkLeanStart, kTrunkLeanTurn, kTrunkLeanMost},
       ""},
      {Lift::kSquat, "The chest does not lead, knees do not jump forward", {kChestLeads, kShinLeanMost}, ""},
      {Lift::kSquat,
       "Bar over mid-foot",
       {kBarForwardMax, kBarBackMax, kBarOffsetTurn, kForwardDrift, kBackDrift, kPathLoop},
       ""},
      {Lift::kSquat,
       "Heels and the whole foot stay down",
       {kHeelRise},
       "Pressure under the foot does not show: only its lifting does."},
      {Lift::kSquat, "Knees and toes from the side", {kKneePastToe, kShinLeanTurn, kShinLeanStart}, ""},
      {Lift::kSquat,
       "Knees in line with the toes from the front",
       {kKneeCaveLeft, kKneeCaveRight, kKneeInLeft, kKneeInRight, kToeAngleLeft, kToeAngleRight,
        kStanceWidth},
       ""},
      {Lift::kSquat, "Hips and knees start together", {kHipsLeadStart}, ""},
      {Lift::kSquat,
       "Controlled down, fast up",
       {kDescentTime, kDescentFall, kAscentTime, kMeanSpeed, kPeakSpeed, kStickingSpeed, kStickingHeight,
        kStickingTime, kSpeedLoss},
       ""},
      {Lift::kSquat, "Hips and knees reach lock-out together", {kLockoutLag}, ""},
      {Lift::kSquat, "Stands fully between reps", {kRestBefore, kTrunkLeanStart}, "A breath does not show."},
      {Lift::kSquat,
       "Bar level and centred; elbows",
       {kBarTilt, kBarCentring, kElbowHeight, kWeightShift},
       "Wrists lie behind the plate from the side and behind the bar from the rear."},
      {Lift::kSquat, "Chin and neck steady", {kHeadChange}, ""},
      {Lift::kSquat,
       "Pelvis tucking under, lumbar rounding",
       {kPelvisTuck, kLumbarChange},
       "Only where the two points of the back are placed."},
      {Lift::kSquat,
       "The joint that moves further carries more",
       {kHipRange, kKneeRange, kHipKneeRatio, kHipFlexionTurn, kKneeFlexionTurn},
       ""},
      {Lift::kSquat,
       "Levers at hip and knee, and what the joints have to give",
       {kHipLever, kKneeLever, kLeverShare, kBarHipMoment, kBarKneeMoment, kHipMoment, kKneeMoment,
        kAnkleMoment},
       "Moments of the body need the lifter's height and weight."},
      {Lift::kBench, "Touch point, the same each rep", {kTouchPoint, kTouchWander}, ""},
      {Lift::kBench,
       "Down and slightly toward the feet, up and back",
       {kPathBack, kDriftQuarter, kDriftHalf, kDriftThreeQuarters, kPathLoop, kPathLength},
       ""},
      {Lift::kBench,
       "Forearm vertical at the touch; wrist over elbow",
       {kForearmLeanTouch, kWristBendTouch, kForearmLeanLeft, kForearmLeanRight},
       "From the side the near plate hides both: placed by hand where they show."},
      {Lift::kBench, "Pause; no sinking and heaving", {kPauseTime, kSinkAfterTouch}, ""},
      {Lift::kBench, "Seat on the bench, feet still, head down", {kSeatRise, kFootMove, kHeadRise}, ""},
      {Lift::kBench,
       "Shoulders do not roll forward",
       {kShoulderRise},
       "The breast-bone is not a joint that is followed."},
      {Lift::kBench,
       "Both hands rise together, both elbows lock",
       {kBarTilt, kUnevenLockout, kElbowHeight, kElbowFlexionLockout},
       ""},
      {Lift::kBench, "Grip", {kGripWidth, kBarCentring}, ""},
      {Lift::kBench,
       "Levers at shoulder and elbow, and what the joints have to give",
       {kShoulderLever, kElbowLever, kBarShoulderMoment, kShoulderMoment, kElbowMoment},
       "Elbow and wrist are placed by hand; moments of the arms need the lifter's weight."},
      {Lift::kBench,
       "Descent controlled, slow region noted",
       {kDescentTime, kDescentFall, kStickingHeight, kStickingSpeed, kStickingTime},
       ""},
      {Lift::kDeadlift, "Bar still while setting up", {kBarRoll, kBarShinStart, kBarOffsetStart}, ""},
      {Lift::kDeadlift,
       "Hips do not rise before the bar",
       {kHipsBeforeBar},
       "Whether the slack is out shows only as that."},
      {Lift::kDeadlift,
       "Where the bar leaves the floor: shoulder, arm, knee",
       {kShoulderAhead, kArmAngleStart, kKneeAheadOfArm, kShinLeanStart},
       ""},
      {Lift::kDeadlift,
       "Levers at hip and knee, and what the joints have to give",
       {kHipLever, kKneeLever, kBarHipMoment, kBarKneeMoment, kHipMoment, kKneeMoment, kAnkleMoment},
       "Moments of the body need the lifter's height and weight."},
      {Lift::kDeadlift,
       "Vertical path over mid-foot, in touch with the legs",
       {kLegDrift, kBarForwardMax, kForwardDrift, kBackDrift},
       ""},
      {Lift::kDeadlift,
       "Trunk angle held from the floor to the knee",
       {kTrunkChangeToKnee, kRiseRatioToKnee},
       ""},
      {Lift::kDeadlift,
       "Knees and hips reach lock-out together, no leaning back",
       {kLockoutLag, kLeanBack, kTrunkLeanTurn},
       ""},
      {Lift::kDeadlift,
       "The lower back does not change shape",
       {kBackChange},
       "Only where the two points of the back are placed."},
      {Lift::kDeadlift, "Arms straight", {kArmShortening}, ""},
      {Lift::kDeadlift,
       "Lowering: hips first, knees after the bar has passed",
       {kKneesEarly, kDescentTime},
       ""},
      {Lift::kDeadlift, "Lands where it started", {kLandingOffset}, ""},
      {Lift::kDeadlift,
       "Sumo from the front: shin, knee, toes, stance, arms",
       {kShinLeanLeft, kShinLeanRight, kKneeOverFootLeft, kKneeOverFootRight, kToeAngleLeft, kToeAngleRight,
        kStanceWidth, kArmLeanLeft, kArmLeanRight},
       ""},
  };
  return all;
}

}  // namespace

std::string measuresText() {
  std::string out;
  for (const MeasureDefinition* d : measureCatalogue()) {
    out += std::string(d->name) + " [" + (d->unit.empty() ? "ratio" : std::string(d->unit)) + "; " +
           liftsWords(d->id) + "; " + viewWords(d->view) + "; " + std::string(d->phase) + "]\n    " +
           std::string(d->definition) + '\n';
  }
  return out;
}

std::string measuresJson() {
  nlohmann::ordered_json doc;
  doc["schema"] = "mottix-measures/1";
  doc["measures"] = nlohmann::ordered_json::array();
  for (const MeasureDefinition* d : measureCatalogue()) {
    nlohmann::ordered_json lifts = nlohmann::ordered_json::array();
    for (const Lift lift : liftsOf(d->id)) lifts.push_back(nameOf(lift));
    doc["measures"].push_back({{"id", d->name},
                               {"title", d->title},
                               {"unit", d->unit},
                               {"lifts", std::move(lifts)},
                               {"view", viewWords(d->view)},
                               {"phase", d->phase},
                               {"definition", d->definition},
                               {"error_model", errorWords(d->error)},
                               {"useless_sd", d->useless_sd},
                               {"source", d->source}});
  }
  return doc.dump(2) + '\n';
}

std::string measuresPage() {
  std::string out =
      "# Measures\n\n"
      "Written by `mottix-cli measures --page`; change the tables in `core/measure`, not this page.\n\n"
      "Every measure is read of each rep and carries its standard deviation. Seen from the side x runs "
      "forward (lying: from "
      "head to feet) and y up; from the front or the rear left and right are those of the picture. Angles "
      "are in degrees.\n\n"
      "Errors: **places**: camera (focal length, direction of the bar, roll, plate radius, plate's "
      "distance), each joint's "
      "placement, what its track wanders, its distance from the mid-plane, and the bar's outline are moved "
      "by one standard "
      "deviation each, and the measure is computed again; where the greatest of many pictures was chosen, "
      "what noise adds on "
      "average is taken off. **Times**: from speed, acceleration and distance near the event, and from "
      "smoothing. **Speeds**: of "
      "the smoothing spline, and of the scale. **Tilt**: of the two ends and of the horizon. How far that "
      "holds is in "
      "[accuracy.md](accuracy.md).\n\n"
      "| measure | unit | lifts | view | read | what it is | error | source "
      "|\n|---|---|---|---|---|---|---|---|\n";
  for (const MeasureDefinition* d : measureCatalogue())
    out += "| `" + std::string(d->name) + "` | " + std::string(d->unit) + " | " + liftsWords(d->id) + " | " +
           viewWords(d->view) + " | " + std::string(d->phase) + " | " + std::string(d->definition) + " | " +
           errorWords(d->error) + " | " + std::string(d->source) + " |\n";
  out +=
      "\n## What is judged on film, and what answers it\n\n| lift | judged | measures | beyond that "
      "|\n|---|---|---|---|\n";
  for (const Judged& j : judgedOnFilm()) {
    std::string names;
    for (const MeasureId id : j.by)
      names += (names.empty() ? "`" : ", `") + std::string(definitionOf(id).name) + "`";
    out += "| " + std::string(nameOf(j.lift)) + " | " + std::string(j.what) + " | " + names + " | " +
           std::string(j.otherwise) + " |\n";
  }
  return out;
}

const std::vector<MeasureId>& briefMeasures(Lift lift) {
  using enum MeasureId;
  static const std::vector<MeasureId> squat = {kDepthMargin,  kTrunkLeanTurn, kTrunkChange, kBarForwardMax,
                                               kKneeCaveLeft, kKneeCaveRight, kBarTilt,     kDescentTime,
                                               kAscentTime,   kMeanSpeed};
  static const std::vector<MeasureId> bench = {kTouchPoint, kPathBack,    kPauseTime,  kSeatRise,
                                               kBarTilt,    kDescentTime, kAscentTime, kMeanSpeed};
  static const std::vector<MeasureId> deadlift = {kHipsBeforeBar, kTrunkChangeToKnee, kLegDrift,
                                                  kLeanBack,      kBarTilt,           kAscentTime,
                                                  kDescentTime,   kMeanSpeed};
  return lift == Lift::kSquat ? squat : lift == Lift::kBench ? bench : deadlift;
}

}  // namespace mottix
