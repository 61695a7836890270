#include "core/fit/suggest_setup.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

namespace mottix {
namespace {

// A length that is rare enough to change the set-up: one in six people lies beyond one standard deviation.
constexpr double kClearlyLong = 1.0;
constexpr double kRingMarksM = 0.81;

constexpr std::array<std::pair<SquatSchool, std::string_view>, 6> kSchools = {{
    {SquatSchool::kBase, "base"},
    {SquatSchool::kHipLed, "hip-led"},
    {SquatSchool::kUpright, "upright"},
    {SquatSchool::kWide, "wide"},
    {SquatSchool::kKneeSparing, "knee-sparing"},
    {SquatSchool::kKneeLoading, "knee-loading"},
}};
constexpr std::array<std::pair<BarPosition, std::string_view>, 5> kPositions = {{
    {BarPosition::kHigh, "high"},
    {BarPosition::kMiddle, "middle"},
    {BarPosition::kLow, "low"},
    {BarPosition::kFront, "front"},
    {BarPosition::kSafety, "safety"},
}};
constexpr std::array<std::pair<ComplaintJoint, std::string_view>, 8> kJoints = {{
    {ComplaintJoint::kAnkle, "ankle"},
    {ComplaintJoint::kKnee, "knee"},
    {ComplaintJoint::kHip, "hip"},
    {ComplaintJoint::kBack, "back"},
    {ComplaintJoint::kShoulder, "shoulder"},
    {ComplaintJoint::kElbow, "elbow"},
    {ComplaintJoint::kWrist, "wrist"},
    {ComplaintJoint::kBloodPressure, "blood_pressure"},
}};

template <typename Table>
auto named(const Table& table, std::string_view name) {
  using Value = decltype(table[0].first);
  for (const auto& [value, text] : table)
    if (text == name) return std::optional<std::remove_cvref_t<Value>>(value);
  return std::optional<std::remove_cvref_t<Value>>();
}
template <typename Table, typename Value>
std::string_view nameIn(const Table& table, Value value) {
  for (const auto& [v, text] : table)
    if (v == value) return text;
  return {};
}

bool sore(const std::vector<Complaint>& complaints, ComplaintJoint joint) {
  return std::any_of(complaints.begin(), complaints.end(),
                     [&](const Complaint& c) { return c.joint == joint && c.level >= kComplaintThatCounts; });
}

std::vector<FitCaution> cautionsFor(const Body& body, const std::vector<Complaint>& complaints,
                                    bool feasible) {
  std::vector<FitCaution> out;
  if (!feasible) out.push_back(FitCaution::kNoPosture);
  if (sore(complaints, ComplaintJoint::kBloodPressure)) out.push_back(FitCaution::kBloodPressure);
  if (std::any_of(complaints.begin(), complaints.end(), [](const Complaint& c) {
        return c.level >= kComplaintThatCounts && c.joint != ComplaintJoint::kBloodPressure;
      }))
    out.push_back(FitCaution::kOpenComplaint);
  if (body.lengths[indexOf(Segment::kThigh)].source == LengthSource::kFromHeight ||
      body.lengths[indexOf(Segment::kTrunk)].source == LengthSource::kFromHeight)
    out.push_back(FitCaution::kEstimatedLengths);
  return out;
}

Suggestion breathing(const std::vector<Complaint>& complaints) {
  const bool pressure = sore(complaints, ComplaintJoint::kBloodPressure);
  return {"breathing", std::nullopt, pressure ? "out_on_the_way_up" : "held", "",
          pressure ? FitReason::kHighBloodPressure : FitReason::kUsual};
}

double roundTo(double v, double step) {
  return std::round(v / step) * step;
}

double standingShoulder_m(const Body& body) {
  constexpr double kAnkleOfHeight = 0.039;
  return kAnkleOfHeight * body.height_m + body.length_m(Segment::kShank) + body.length_m(Segment::kThigh) +
         body.length_m(Segment::kTrunk);
}

}  // namespace

std::string_view nameOf(SquatSchool school) {
  return nameIn(kSchools, school);
}
std::optional<SquatSchool> squatSchoolNamed(std::string_view name) {
  return named(kSchools, name);
}
std::string_view nameOf(BarPosition position) {
  return nameIn(kPositions, position);
}
std::optional<BarPosition> barPositionNamed(std::string_view name) {
  return named(kPositions, name);
}
std::string_view nameOf(ComplaintJoint joint) {
  return nameIn(kJoints, joint);
}
std::optional<ComplaintJoint> complaintJointNamed(std::string_view name) {
  return named(kJoints, name);
}

SquatFit suggestSquat(const Body& body, const std::vector<Complaint>& complaints, SquatSchool school,
                      const SquatWishes& wishes) {
  SquatFit fit;
  SquatSetup& s = fit.setup;
  s.load_kg = wishes.load_kg;
  const JointLimits limits = limitsOf(body);
  const double shoulders = body.length_m(Segment::kShoulderWidth), hips = body.length_m(Segment::kHipWidth);
  const double thigh = computeBuildScore(body, Segment::kThigh).value_or(0.0);
  const double trunk = computeBuildScore(body, Segment::kTrunk).value_or(0.0);
  const bool sore_knee = sore(complaints, ComplaintJoint::kKnee),
             sore_hip = sore(complaints, ComplaintJoint::kHip);
  const bool sore_shoulder = sore(complaints, ComplaintJoint::kShoulder);
  const bool sore_back = sore(complaints, ComplaintJoint::kBack);
  auto add = [&](std::string_view id, double value, std::string_view unit, FitReason reason,
                 SquatSchool whose = SquatSchool::kBase) {
    fit.suggestions.push_back({id, value, {}, unit, reason, whose});
  };

  // Where the bar lies.
  FitReason why = FitReason::kUsual;
  SquatSchool whose = SquatSchool::kBase;
  s.bar = BarPosition::kHigh;
  if (school == SquatSchool::kHipLed || school == SquatSchool::kWide) {
    s.bar = BarPosition::kLow;
    why = FitReason::kSchoolAsks;
    whose = school;
  } else if (school == SquatSchool::kUpright || school == SquatSchool::kKneeLoading) {
    why = FitReason::kSchoolAsks;
    whose = school;
  } else if (thigh - trunk >= 2.0 * kClearlyLong && !sore_back) {
    s.bar = BarPosition::kMiddle;
    why = FitReason::kLongLegsShortTrunk;
  }
  if (sore_shoulder) {
    s.bar = BarPosition::kSafety;
    why = FitReason::kSoreShoulder;
    whose = SquatSchool::kBase;
  } else if (sore_back && s.bar != BarPosition::kHigh) {
    s.bar = BarPosition::kHigh;
    why = FitReason::kSoreBack;
    whose = SquatSchool::kBase;
  }
  if (wishes.bar) s.bar = *wishes.bar;
  fit.suggestions.push_back({"bar_position", std::nullopt, nameOf(s.bar), "", why, whose});

  // How hip and knee share the load.
  if (school == SquatSchool::kKneeSparing || sore_knee) s.hip_to_knee = std::max(3.0, usualHipToKnee(s.bar));
  if (school == SquatSchool::kKneeLoading && !sore_knee) s.hip_to_knee = 0.8;

  // Depth: the crease under the kneecap; the joints' centres are then about level to 3 cm below.
  s.hip_below_knee_m = wishes.hip_below_knee_m.value_or(sore_knee ? -0.03 : 0.03);
  if (!wishes.hip_below_knee_m && school == SquatSchool::kKneeLoading && !sore_knee)
    s.hip_below_knee_m = 0.06;

  // Stance.
  why = FitReason::kShoulderWidth;
  whose = SquatSchool::kBase;
  double stance = shoulders;
  if (school == SquatSchool::kUpright || school == SquatSchool::kKneeLoading) {
    stance = hips;
    why = FitReason::kUprightStyle;
    whose = school;
  } else if (school == SquatSchool::kWide) {
    stance = 1.45 * shoulders;
    why = FitReason::kSchoolAsks;
    whose = school;
  } else if (school == SquatSchool::kKneeSparing || sore_knee) {
    stance = 1.15 * shoulders;
    why = sore_knee ? FitReason::kSoreKnee : FitReason::kSchoolAsks;
    whose = sore_knee ? SquatSchool::kBase : school;
  } else if (thigh >= kClearlyLong) {
    stance = 1.15 * shoulders;
    why = FitReason::kLongThighs;
  }
  if (sore_hip) {
    stance = std::min(stance, 0.9 * shoulders);
    why = FitReason::kSoreHip;
    whose = SquatSchool::kBase;
  }
  s.heel_distance_m = wishes.heel_distance_m.value_or(roundTo(stance, 0.01));
  auto toesFor = [&](double heel_distance_m) {
    const bool stiff = body.dorsiflexion_measured && body.dorsiflexion_deg < 30.0;
    return roundTo(std::clamp(30.0 * heel_distance_m / shoulders + (stiff ? 5.0 : 0.0), 10.0, 45.0), 1.0);
  };
  s.toe_out_deg = toesFor(s.heel_distance_m);
  // As wide as depth allows: a stance without a posture is taken in.
  while (!wishes.heel_distance_m && s.heel_distance_m > hips && !solveSquat(body, limits, s).feasible) {
    SquatSetup narrower = s;
    narrower.heel_distance_m = roundTo(s.heel_distance_m - 0.02, 0.01);
    narrower.toe_out_deg = toesFor(narrower.heel_distance_m);
    if (solveSquat(body, limits, narrower).limited_by == PostureLimit::kAnkle) break;  // a matter of the heel
    s = narrower;
    why = FitReason::kFromPosture;
  }
  add("stance", 100.0 * s.heel_distance_m, "cm", why, whose);
  add("stance_in_feet", s.heel_distance_m / body.length_m(Segment::kFoot), "feet", FitReason::kWithStance);
  add("toe_out", s.toe_out_deg, "deg", FitReason::kWithStance);

  // Heels: the lowest that frees the shin; raised shoes begin at 8 mm and end at 20.
  why = FitReason::kAnkleEnough;
  whose = SquatSchool::kBase;
  if (wishes.heel_raise_m) {
    s.heel_raise_m = *wishes.heel_raise_m;
  } else {
    if (school == SquatSchool::kKneeLoading) {
      s.heel_raise_m = 0.020;
      why = FitReason::kSchoolAsks;
      whose = school;
    } else if (solveSquat(body, limits, s).limited_by == PostureLimit::kAnkle) {
      why = FitReason::kAnkleStops;
      for (double heel : {0.008, 0.012, 0.016, 0.020}) {
        s.heel_raise_m = heel;
        if (solveSquat(body, limits, s).limited_by != PostureLimit::kAnkle) break;
      }
    }
  }
  add("heel", 1000.0 * s.heel_raise_m, "mm", why, whose);

  fit.solution = solveSquat(body, limits, s);
  fit.deepest = findDeepestSquat(body, limits, s);
  const double ratio = s.heel_distance_m / shoulders;
  add("walk_out", ratio < 0.9 ? 2 : ratio <= 1.1 ? 3 : 4, "steps", FitReason::kWithStance);
  add("rack_height", 100.0 * (standingShoulder_m(body) - 0.25 * body.length_m(Segment::kTrunk)), "cm",
      FitReason::kMidSternum);
  if (fit.solution.feasible)
    add("safety_height", 100.0 * (fit.solution.posture.bar.y() - 0.03), "cm", FitReason::kFromPosture);
  fit.suggestions.push_back(breathing(complaints));
  fit.cautions = cautionsFor(body, complaints, fit.solution.feasible);
  return fit;
}

DeadliftFit suggestDeadlift(const Body& body, const std::vector<Complaint>& complaints,
                            std::optional<DeadliftStyle> style, double load_kg) {
  DeadliftFit fit;
  const JointLimits limits = limitsOf(body);
  DeadliftSetup conventional = usualDeadlift(body, DeadliftStyle::kConventional);
  DeadliftSetup sumo = usualDeadlift(body, DeadliftStyle::kSumo);
  conventional.load_kg = sumo.load_kg = load_kg;
  fit.conventional = solveDeadlift(body, limits, conventional);
  fit.sumo = solveDeadlift(body, limits, sumo);
  // Any body is somewhat more upright in sumo; it is worth a try where conventional leans far.
  constexpr double kLeansFar_deg = 70.0, kClearly_deg = 12.0;
  FitReason why = FitReason::kTrunkUprightEnough;
  fit.setup = conventional;
  const bool better =
      fit.conventional.feasible && fit.sumo.feasible &&
      fit.conventional.posture.trunk_lean_deg > kLeansFar_deg &&
      fit.conventional.posture.trunk_lean_deg - fit.sumo.posture.trunk_lean_deg > kClearly_deg;
  if (((better && !sore(complaints, ComplaintJoint::kHip)) || !fit.conventional.feasible) &&
      fit.sumo.feasible) {
    fit.setup = sumo;
    why = FitReason::kTrunkClearlyMoreUpright;
  }
  if (sore(complaints, ComplaintJoint::kBack) && fit.sumo.feasible &&
      !sore(complaints, ComplaintJoint::kHip)) {
    fit.setup = sumo;
    why = FitReason::kSoreBack;
  }
  if (style) {
    fit.setup = *style == DeadliftStyle::kSumo ? sumo : conventional;
    why = FitReason::kSchoolAsks;
  }
  auto add = [&](std::string_view id, double value, std::string_view unit, FitReason reason) {
    fit.suggestions.push_back({id, value, {}, unit, reason});
  };
  fit.suggestions.push_back(
      {"style", std::nullopt, fit.setup.style == DeadliftStyle::kSumo ? "sumo" : "conventional", "", why});
  add("stance", 100.0 * fit.setup.heel_distance_m, "cm", FitReason::kUsual);
  add("toe_out", fit.setup.toe_out_deg, "deg", FitReason::kUsual);
  add("grip", 100.0 * fit.setup.hand_distance_m, "cm", FitReason::kShoulderWidth);
  if (fit.solution().feasible) {
    const DeadliftPosture& p = fit.solution().posture;
    add("bar_from_shin", 100.0 * p.bar_from_shin_m, "cm", FitReason::kFromPosture);
    add("hip_height", 100.0 * p.hip_height_m, "cm", FitReason::kFromPosture);
  }
  const bool heavy = load_kg > 1.5 * body.mass_kg;
  const bool long_hand = computeBuildScore(body, Segment::kHand).value_or(0.0) >= kClearlyLong;
  fit.suggestions.push_back({"grip_type", std::nullopt,
                             !heavy      ? "double_overhand"
                             : long_hand ? "hook"
                                         : "mixed",
                             "",
                             !heavy      ? FitReason::kUsual
                             : long_hand ? FitReason::kLongHand
                                         : FitReason::kHeavyForTheHand});
  fit.suggestions.push_back(breathing(complaints));
  fit.cautions = cautionsFor(body, complaints, fit.solution().feasible);
  return fit;
}

BenchFit suggestBench(const Body& body, const std::vector<Complaint>& complaints, double load_kg) {
  BenchFit fit;
  BenchSetup& s = fit.setup;
  s.load_kg = load_kg;
  s.grip_m = gripFromClavicles_m(body);
  FitReason why = FitReason::kClavicles;
  if (s.grip_m > kRingMarksM) {
    s.grip_m = kRingMarksM;
    why = FitReason::kRingMarks;
  }
  if (sore(complaints, ComplaintJoint::kShoulder) || sore(complaints, ComplaintJoint::kElbow)) {
    s.grip_m -= 0.04;  // 2 to 5 cm
    why = FitReason::kSoreShoulder;
  }
  // The forearm must stand upright at the touch.
  while (!solveBench(body, s).feasible && s.grip_m > body.length_m(Segment::kShoulderWidth)) {
    s.grip_m -= 0.01;
    why = FitReason::kFromPosture;
  }
  s.grip_m = roundTo(s.grip_m, 0.005);
  fit.solution = solveBench(body, s);
  auto add = [&](std::string_view id, double value, std::string_view unit, FitReason reason) {
    fit.suggestions.push_back({id, value, {}, unit, reason});
  };
  add("grip", 100.0 * s.grip_m, "cm", why);
  add("inside_ring_marks", 50.0 * (kRingMarksM - s.grip_m), "cm", FitReason::kRingMarks);
  if (fit.solution.feasible)
    add("touch_point", 100.0 * fit.solution.posture.touch_from_shoulder_m, "cm", FitReason::kFromPosture);
  fit.suggestions.push_back(breathing(complaints));
  fit.cautions = cautionsFor(body, complaints, fit.solution.feasible);
  return fit;
}

}  // namespace mottix
