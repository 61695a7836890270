#include "core/fit/suggest_setup.h"

#include <algorithm>
#include <cmath>

namespace mottix {
namespace {

// A length that is rare enough to change the set-up: one in six people lies beyond one standard deviation.
constexpr double kClearlyLong = 1.0;
constexpr double kRingMarksM = 0.81;

std::vector<FitCaution> cautionsFor(const FitSubject& who, bool feasible) {
  const Body& body = who.body;
  std::vector<FitCaution> out;
  if (!feasible) out.push_back(FitCaution::kNoPosture);
  if (who.sore(ComplaintJoint::kBloodPressure)) out.push_back(FitCaution::kBloodPressure);
  if (std::any_of(who.complaints.begin(), who.complaints.end(), [](const Complaint& c) {
        return c.level >= kComplaintThatCounts && c.joint != ComplaintJoint::kBloodPressure;
      }))
    out.push_back(FitCaution::kOpenComplaint);
  if (body.lengths[indexOf(Segment::kThigh)].source == LengthSource::kFromHeight ||
      body.lengths[indexOf(Segment::kTrunk)].source == LengthSource::kFromHeight)
    out.push_back(FitCaution::kEstimatedLengths);
  return out;
}

Suggestion breathing(const FitSubject& who) {
  const bool pressure = who.sore(ComplaintJoint::kBloodPressure);
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

SquatFit suggestSquat(const FitSubject& who, SquatSchool school, const SquatWishes& wishes) {
  SquatFit fit;
  SquatSetup& s = fit.setup;
  s.load_kg = wishes.load_kg;
  const Body& body = who.body;
  const JointLimits limits = limitsOf(body);
  const double shoulders = body.length_m(Segment::kShoulderWidth), hips = body.length_m(Segment::kHipWidth);
  const double thigh = computeBuildScore(body, Segment::kThigh).value_or(0.0);
  const double trunk = computeBuildScore(body, Segment::kTrunk).value_or(0.0);
  const bool sore_knee = who.sore(ComplaintJoint::kKnee), sore_hip = who.sore(ComplaintJoint::kHip);
  const bool sore_arm = who.sore(ComplaintJoint::kShoulder) || who.sore(ComplaintJoint::kElbow);
  const bool sore_back = who.sore(ComplaintJoint::kBack);
  struct Why {
    FitReason reason;
    std::string_view school = "base";
  };
  const Why asked_by_school{FitReason::kSchoolAsks, nameOf(school)};
  auto add = [&](std::string_view id, double value, std::string_view unit, const Why& why) {
    fit.suggestions.push_back({id, value, {}, unit, why.reason, why.school});
  };

  // Where the bar lies.
  Why why{FitReason::kUsual};
  s.bar = BarPosition::kHigh;
  if (school == SquatSchool::kHipLed || school == SquatSchool::kWide) {
    s.bar = BarPosition::kLow;
    why = asked_by_school;
  } else if (school == SquatSchool::kUpright || school == SquatSchool::kKneeLoading) {
    why = asked_by_school;
  } else if (thigh - trunk >= 2.0 * kClearlyLong && !sore_back) {
    s.bar = BarPosition::kMiddle;
    why = {FitReason::kLongLegsShortTrunk};
  }
  if (s.bar == BarPosition::kLow && who.screens.low_bar_out_of_reach) {
    s.bar = BarPosition::kMiddle;
    why = {FitReason::kAsScreened};
  }
  if (sore_arm) {
    s.bar = who.has(Equipment::kSafetyBar, true) ? BarPosition::kSafety : BarPosition::kHigh;
    why = {FitReason::kSoreShoulder};
  } else if (sore_back && s.bar != BarPosition::kHigh) {
    s.bar = BarPosition::kHigh;
    why = {FitReason::kSoreBack};
  }
  if (wishes.bar) {
    if (*wishes.bar != s.bar) why = {FitReason::kCoachFixed};
    s.bar = *wishes.bar;
  }
  fit.suggestions.push_back({"bar_position", std::nullopt, nameOf(s.bar), "", why.reason, why.school});

  // How hip and knee share the load.
  if (school == SquatSchool::kKneeSparing || sore_knee) s.hip_to_knee = std::max(3.0, usualHipToKnee(s.bar));
  if (school == SquatSchool::kKneeLoading && !sore_knee) s.hip_to_knee = 0.8;

  // Depth: the crease under the kneecap; the joints' centres are then about level to 3 cm below.
  s.hip_below_knee_m = 0.03;
  Why depth_why{FitReason::kUsual};
  if (sore_knee) {
    s.hip_below_knee_m = -0.03;
    depth_why = {FitReason::kSoreKneeDepth};
  } else if (who.screens.back_gives_way) {
    s.hip_below_knee_m = 0.0;
    depth_why = {FitReason::kBackGivesWay};
  } else if (school == SquatSchool::kKneeLoading) {
    s.hip_below_knee_m = 0.06;
    depth_why = asked_by_school;
  }
  if (wishes.hip_below_knee_m) {
    s.hip_below_knee_m = *wishes.hip_below_knee_m;
    depth_why = {FitReason::kCoachFixed};
  }

  // Stance.
  why = {FitReason::kShoulderWidth};
  double stance = shoulders;
  if (hips > shoulders) {
    stance = hips;
    why = {FitReason::kWideHips};
  }
  if (school == SquatSchool::kUpright || school == SquatSchool::kKneeLoading) {
    stance = hips;
    why = {FitReason::kUprightStyle, nameOf(school)};
  } else if (school == SquatSchool::kWide) {
    stance = 1.45 * shoulders;
    why = asked_by_school;
  } else if (sore_knee) {
    stance *= 1.15;
    why = {FitReason::kSoreKnee};
  } else if (school == SquatSchool::kKneeSparing) {
    stance *= 1.15;
    why = asked_by_school;
  } else if (thigh >= kClearlyLong) {
    stance *= 1.15;
    why = {FitReason::kLongThighs};
  }
  if (who.screens.heel_distance_m) {
    stance = *who.screens.heel_distance_m;
    why = {FitReason::kAsScreened};
  }
  if (sore_hip) {
    stance = std::min(stance, 0.9 * shoulders);
    why = {FitReason::kSoreHip};
  }
  s.heel_distance_m = roundTo(stance, 0.01);
  if (wishes.heel_distance_m) {
    s.heel_distance_m = *wishes.heel_distance_m;
    why = {FitReason::kCoachFixed};
  }
  const bool screened_stance = why.reason == FitReason::kAsScreened;
  auto toesFor = [&](double heel_distance_m) {
    if (wishes.toe_out_deg) return *wishes.toe_out_deg;
    if (screened_stance && who.screens.toe_out_deg) return *who.screens.toe_out_deg;
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
    why = {FitReason::kFromPosture};
  }
  add("stance", 100.0 * s.heel_distance_m, "cm", why);
  add("stance_in_feet", s.heel_distance_m / body.length_m(Segment::kFoot), "feet", {FitReason::kWithStance});
  add("toe_out", s.toe_out_deg, "deg",
      {wishes.toe_out_deg                                       ? FitReason::kCoachFixed
       : screened_stance && who.screens.toe_out_deg.has_value() ? FitReason::kAsScreened
                                                                : FitReason::kWithStance});

  // Heels: the lowest that frees the shin; raised shoes begin at 8 mm and end at 20.
  why = {FitReason::kAnkleEnough};
  if (wishes.heel_raise_m) {
    s.heel_raise_m = *wishes.heel_raise_m;
    why = {FitReason::kCoachFixed};
  } else if (school == SquatSchool::kKneeLoading) {
    s.heel_raise_m = 0.020;
    why = asked_by_school;
  } else if (solveSquat(body, limits, s).limited_by == PostureLimit::kAnkle) {
    why = {FitReason::kAnkleStops};
    for (double heel : {0.008, 0.012, 0.016, 0.020}) {
      s.heel_raise_m = heel;
      if (solveSquat(body, limits, s).limited_by != PostureLimit::kAnkle) break;
    }
  }
  add("heel", 1000.0 * s.heel_raise_m, "mm", why);
  add("depth", 100.0 * s.hip_below_knee_m, "cm", depth_why);

  // Hands: room for the shoulders and a fist each side; stiff or sore shoulders and long arms need more.
  constexpr double kRoom_m = 0.20, kMore_m = 0.10;
  double hands = shoulders + kRoom_m;
  why = {FitReason::kNarrowAsShouldersAllow};
  if (who.screens.hands_m) {
    hands = *who.screens.hands_m;
    why = {FitReason::kAsScreened};
  } else if (sore_arm || who.screens.low_bar_out_of_reach) {
    hands += kMore_m;
    why = {sore_arm ? FitReason::kSoreShoulder : FitReason::kAsScreened};
  } else if (computeBuildScore(body, Segment::kUpperArm).value_or(0.0) >= kClearlyLong ||
             computeBuildScore(body, Segment::kForearm).value_or(0.0) >= kClearlyLong) {
    hands += 0.5 * kMore_m;
    why = {FitReason::kLongArms};
  }
  if (s.bar != BarPosition::kSafety && s.bar != BarPosition::kFront) {
    hands = roundTo(hands, 0.01);
    add("grip", 100.0 * hands, "cm", why);
    add("inside_ring_marks", 50.0 * (kRingMarksM - hands), "cm", {FitReason::kRingMarks});
  }

  fit.solution = solveSquat(body, limits, s);
  fit.deepest = findDeepestSquat(body, limits, s);
  const double ratio = s.heel_distance_m / shoulders;
  add("walk_out", ratio < 0.9 ? 2 : ratio <= 1.1 ? 3 : 4, "steps", {FitReason::kWithStance});
  add("rack_height", 100.0 * (standingShoulder_m(body) - 0.25 * body.length_m(Segment::kTrunk)), "cm",
      {FitReason::kMidSternum});
  if (fit.solution.feasible)
    add("safety_height", 100.0 * (fit.solution.posture.bar.y() - 0.03), "cm", {FitReason::kFromPosture});
  fit.suggestions.push_back(breathing(who));
  fit.cautions = cautionsFor(who, fit.solution.feasible);
  return fit;
}

DeadliftFit suggestDeadlift(const FitSubject& who, DeadliftSchool school, const DeadliftWishes& wishes) {
  DeadliftFit fit;
  const Body& body = who.body;
  const JointLimits limits = limitsOf(body);
  DeadliftSetup conventional = usualDeadlift(body, DeadliftStyle::kConventional);
  DeadliftSetup sumo = usualDeadlift(body, DeadliftStyle::kSumo);
  conventional.load_kg = sumo.load_kg = wishes.load_kg;
  fit.conventional = solveDeadlift(body, limits, conventional);
  fit.sumo = solveDeadlift(body, limits, sumo);
  // Any body is somewhat more upright in sumo; it is worth a try where conventional leans far.
  constexpr double kLeansFar_deg = 70.0, kClearly_deg = 12.0;
  FitReason why = FitReason::kTrunkUprightEnough;
  fit.setup = conventional;
  const bool sore_hip = who.sore(ComplaintJoint::kHip);
  const bool better =
      fit.conventional.feasible && fit.sumo.feasible &&
      fit.conventional.posture.trunk_lean_deg > kLeansFar_deg &&
      fit.conventional.posture.trunk_lean_deg - fit.sumo.posture.trunk_lean_deg > kClearly_deg;
  if (((better && !sore_hip) || !fit.conventional.feasible) && fit.sumo.feasible) {
    fit.setup = sumo;
    why = FitReason::kTrunkClearlyMoreUpright;
  }
  if (who.sore(ComplaintJoint::kBack) && fit.sumo.feasible && !sore_hip) {
    fit.setup = sumo;
    why = FitReason::kSoreBack;
  }
  if (wishes.style) {
    if (*wishes.style != fit.setup.style) why = FitReason::kCoachFixed;
    fit.setup = *wishes.style == DeadliftStyle::kSumo ? sumo : conventional;
  }
  auto fixed = [](const std::optional<double>& wish, double& value, FitReason reason) {
    if (!wish) return reason;
    value = *wish;
    return FitReason::kCoachFixed;
  };
  const FitReason stance_why = fixed(wishes.heel_distance_m, fit.setup.heel_distance_m, FitReason::kUsual);
  const FitReason toes_why = fixed(wishes.toe_out_deg, fit.setup.toe_out_deg, FitReason::kUsual);
  const bool wide_hips = body.length_m(Segment::kHipWidth) > body.length_m(Segment::kShoulderWidth);
  double hands = fit.setup.hand_distance_m - 2.0 * kIndexFinger_m;
  const FitReason hands_why =
      fixed(wishes.hand_distance_m, hands,
            wide_hips && fit.setup.style == DeadliftStyle::kConventional ? FitReason::kWideHips
                                                                         : FitReason::kShoulderWidth);
  fit.setup.hand_distance_m = hands + 2.0 * kIndexFinger_m;
  (fit.setup.style == DeadliftStyle::kSumo ? fit.sumo : fit.conventional) =
      solveDeadlift(body, limits, fit.setup);
  auto add = [&](std::string_view id, double value, std::string_view unit, FitReason reason,
                 std::string_view whose = "base") {
    fit.suggestions.push_back({id, value, {}, unit, reason, whose});
  };
  auto choose = [&](std::string_view id, std::string_view choice, FitReason reason) {
    fit.suggestions.push_back({id, std::nullopt, choice, "", reason});
  };
  choose("style", fit.setup.style == DeadliftStyle::kSumo ? "sumo" : "conventional", why);
  add("stance", 100.0 * fit.setup.heel_distance_m, "cm", stance_why);
  add("toe_out", fit.setup.toe_out_deg, "deg", toes_why);
  add("grip", 100.0 * hands, "cm", hands_why);
  if (fit.solution().feasible) {
    const DeadliftPosture& p = fit.solution().posture;
    const bool felt = school == DeadliftSchool::kFeltTension;
    const FitReason hips_why = felt ? FitReason::kByFeltTension : FitReason::kFromPosture;
    add("bar_from_shin", 100.0 * p.bar_from_shin_m, "cm", FitReason::kFromPosture);
    add("hip_height", 100.0 * p.hip_height_m, "cm", hips_why, nameOf(school));
    add("hip_over_knee", 100.0 * (p.hip.y() - p.knee.y()), "cm", hips_why, nameOf(school));
  }
  const bool heavy = wishes.load_kg > 1.5 * body.mass_kg;
  const bool straps = wishes.load_kg > 2.0 * body.mass_kg && who.has(Equipment::kStraps, false) &&
                      !who.mustKeep(Constraint::kNoStraps);
  const bool long_hand = computeBuildScore(body, Segment::kHand).value_or(0.0) >= kClearlyLong;
  if (!heavy)
    choose("grip_type", "double_overhand", FitReason::kUsual);
  else if (straps)
    choose("grip_type", "straps", FitReason::kStrapsAllowed);
  else if (long_hand)
    choose("grip_type", "hook", FitReason::kLongHand);
  else
    choose("grip_type", "mixed", FitReason::kHeavyForTheHand);
  if (who.screens.hips_stay_forward) choose("watch", "bar_drifts_forward", FitReason::kHipsStayForward);
  fit.suggestions.push_back(breathing(who));
  fit.cautions = cautionsFor(who, fit.solution().feasible);
  return fit;
}

BenchFit suggestBench(const FitSubject& who, BenchSchool school, const BenchWishes& wishes) {
  BenchFit fit;
  const Body& body = who.body;
  BenchSetup& s = fit.setup;
  s.load_kg = wishes.load_kg;
  // An arch lifts the chest by some 3 cm, lying flat lowers it by 2 (own allowance).
  if (school == BenchSchool::kCompetition) s.chest_over_shoulder_m += 0.03;
  if (school == BenchSchool::kDevelopment) s.chest_over_shoulder_m -= 0.02;
  const bool sore_arm = who.sore(ComplaintJoint::kShoulder) || who.sore(ComplaintJoint::kElbow);
  FitReason why = FitReason::kClavicles;
  double grip = gripFromClavicles_m(body);
  if (grip > kRingMarksM) {
    grip = kRingMarksM;
    why = FitReason::kRingMarks;
  }
  if (sore_arm) {
    grip -= 0.04;  // 2 to 5 cm
    why = FitReason::kSoreShoulder;
  }
  auto solveWith = [&](double index_fingers_m) {
    s.grip_m = index_fingers_m + 2.0 * kIndexFinger_m;
    return solveBench(body, s);
  };
  // The forearm must stand upright at the touch.
  while (!solveWith(grip).feasible && grip > body.length_m(Segment::kShoulderWidth)) {
    grip -= 0.01;
    why = FitReason::kFromPosture;
  }
  grip = roundTo(grip, 0.005);
  if (wishes.grip_m) {
    grip = *wishes.grip_m;
    why = FitReason::kCoachFixed;
  }
  fit.solution = solveWith(grip);
  auto add = [&](std::string_view id, double value, std::string_view unit, FitReason reason) {
    fit.suggestions.push_back({id, value, {}, unit, reason});
  };
  add("grip", 100.0 * grip, "cm", why);
  add("inside_ring_marks", 50.0 * (kRingMarksM - grip), "cm", FitReason::kRingMarks);
  if (fit.solution.feasible)
    add("touch_point", 100.0 * fit.solution.posture.touch_from_shoulder_m, "cm", FitReason::kFromPosture);
  const bool flat = who.mustKeep(Constraint::kFeetFlat);
  fit.suggestions.push_back(
      {"feet", std::nullopt, "flat_and_quiet", "", flat ? FitReason::kFederationAsks : FitReason::kUsual});
  if (who.mustKeep(Constraint::kPause) || school == BenchSchool::kCompetition)
    fit.suggestions.push_back(
        {"pause", std::nullopt, "still_on_the_chest", "",
         who.mustKeep(Constraint::kPause) ? FitReason::kFederationAsks : FitReason::kSchoolAsks,
         who.mustKeep(Constraint::kPause) ? "base" : nameOf(school)});
  fit.suggestions.push_back(breathing(who));
  fit.cautions = cautionsFor(who, fit.solution.feasible);
  return fit;
}

}  // namespace mottix
