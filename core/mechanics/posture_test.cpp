// The posture solvers: hand-worked cases, published trends, and properties over thousands of bodies.
#include <cmath>
#include <random>

#include <gtest/gtest.h>

#include "core/mechanics/bench_posture.h"
#include "core/mechanics/deadlift_posture.h"
#include "core/mechanics/leg.h"
#include "core/mechanics/squat_posture.h"

namespace mottix {
namespace {

Body bodyOf(double height_m = 1.75) {
  BodyFacts facts;
  facts.height_m = height_m;
  facts.mass_kg = 75.0;
  return estimateBody(facts);
}

Body with(Body body, Segment s, double factor) {
  body.lengths[indexOf(s)].m.value *= factor;
  return body;
}

SquatSolution squat(const Body& body, const SquatSetup& setup) {
  return solveSquat(body, limitsOf(body), setup);
}

SquatSetup setupWith(BarPosition bar, double heel_distance_m = 0.36, double toe_deg = 25.0,
                     double heel_m = 0.0) {
  SquatSetup s;
  s.bar = bar;
  s.heel_distance_m = heel_distance_m;
  s.toe_out_deg = toe_deg;
  s.heel_raise_m = heel_m;
  return s;
}

// Plausible bodies: every length within 2.5 standard deviations between people.
class Bodies {
 public:
  explicit Bodies(unsigned seed) : rng_(seed) {}
  Body next() {
    BodyFacts facts;
    facts.height_m = between(1.50, 2.02);
    facts.mass_kg = between(50.0, 130.0);
    facts.knee_to_wall_m = between(0.05, 0.15);
    for (std::size_t i = 0; i < kSegmentCount; ++i) {
      if (static_cast<Segment>(i) == Segment::kClavicle) continue;
      const Estimate share = usualShare(static_cast<Segment>(i));
      facts.measured[i] = BodyLength{{facts.height_m * (share.value + between(-2.5, 2.5) * share.sd), 0.01},
                                     LengthSource::kByHand};
    }
    return estimateBody(facts);
  }
  double between(double low, double high) { return std::uniform_real_distribution<>(low, high)(rng_); }
  SquatSetup setup() {
    SquatSetup s;
    s.bar = static_cast<BarPosition>(std::uniform_int_distribution<>(0, 4)(rng_));
    s.heel_distance_m = between(0.15, 0.65);
    s.toe_out_deg = between(0.0, 45.0);
    s.heel_raise_m = between(0.0, 0.03);
    s.hip_below_knee_m = between(-0.15, 0.10);
    s.load_kg = between(20.0, 250.0);
    s.balance = between(0.0, 1.0) < 0.5 ? Balance::kBar : Balance::kSystem;
    return s;
  }

 private:
  std::mt19937 rng_;
};

bool finite(const SquatPosture& p) {
  for (const Vec2d& v : {p.heel, p.toe, p.ankle, p.knee, p.hip, p.shoulder, p.bar})
    if (!v.allFinite()) return false;
  for (double d : {p.trunk_lean_deg, p.shin_lean_deg, p.thigh_deg, p.dorsiflexion_deg, p.hip_flexion_deg,
                   p.knee_flexion_deg, p.hip_lever_m, p.knee_lever_m, p.hip_moment_nm, p.knee_moment_nm})
    if (!std::isfinite(d)) return false;
  return true;
}

// Hand-worked: feet straight ahead under the hips, so that the leg lies in the side plane.
TEST(SolveSquat, AgreesWithAHandWorkedCase) {
  Body body = bodyOf(2.0);
  body.lengths[indexOf(Segment::kThigh)].m.value = 0.50;
  body.lengths[indexOf(Segment::kShank)].m.value = 0.50;
  body.lengths[indexOf(Segment::kTrunk)].m.value = 0.50;
  body.lengths[indexOf(Segment::kFoot)].m.value = 0.30;
  SquatSetup s = setupWith(BarPosition::kSafety, 0.52 * body.length_m(Segment::kHipWidth), 0.0);
  s.hip_below_knee_m = 0.0;
  s.hip_to_knee = 1.0;
  s.load_kg = 100.0;
  JointLimits limits;
  limits.dorsiflexion_deg = 60.0;
  const auto solved = solveSquat(body, limits, s);
  ASSERT_TRUE(solved.feasible);
  const SquatPosture& p = solved.posture;
  // Thigh level and the load in the middle of it: both levers are half a thigh.
  EXPECT_NEAR(p.hip_lever_m, 0.25, 1e-6);
  EXPECT_NEAR(p.knee_lever_m, 0.25, 1e-6);
  EXPECT_NEAR(p.hip_moment_nm, 100.0 * 9.81 * 0.25, 1e-3);
  // The ankle joint lies 0.24 of the foot from the heel, 7.8 cm behind mid-foot.
  EXPECT_NEAR(p.ankle.x(), -0.078, 1e-9);
  EXPECT_NEAR(p.shin_lean_deg, toDeg(std::asin(0.328 / 0.50)), 1e-6);
  // Trunk: 0.51 sin a - 0.01 cos a = 0.25.
  const double lean = std::asin(0.25 / std::hypot(0.51, 0.01)) + std::atan2(0.01, 0.51);
  EXPECT_NEAR(p.trunk_lean_deg, toDeg(lean), 1e-6);
  EXPECT_NEAR(p.hip_flexion_deg, 90.0 + toDeg(lean), 1e-6);
  EXPECT_NEAR(p.knee_flexion_deg, 90.0 + p.shin_lean_deg, 1e-6);
  EXPECT_EQ(solved.limited_by, PostureLimit::kNone);
}

TEST(SolveSquat, HoldsItsPropertiesForThousandsOfBodies) {
  Bodies bodies(7);
  int feasible = 0;
  for (int i = 0; i < 6000; ++i) {
    const Body body = bodies.next();
    const SquatSetup setup = bodies.setup();
    ASSERT_TRUE(setup.validate());
    const JointLimits limits = limitsOf(body);
    const SquatSolution s = solveSquat(body, limits, setup);
    ASSERT_TRUE(finite(s.posture));
    if (!s.feasible) {
      EXPECT_NE(s.limited_by, PostureLimit::kNone) << "a refusal has a reason";
      continue;
    }
    ++feasible;
    const SquatPosture& p = s.posture;
    EXPECT_NEAR((p.shoulder - p.hip).norm(), body.length_m(Segment::kTrunk), 1e-9);
    EXPECT_LE((p.knee - p.hip).norm(), body.length_m(Segment::kThigh) + 1e-9);
    EXPECT_LE((p.knee - p.ankle).norm(), body.length_m(Segment::kShank) + 1e-9);
    EXPECT_NEAR(p.knee.y() - p.hip.y(), setup.hip_below_knee_m, 1e-9);
    EXPECT_LE(p.dorsiflexion_deg, limits.dorsiflexion_deg + 1e-6);
    EXPECT_LE(p.knee_flexion_deg, limits.knee_flexion_deg + 1e-4);
    EXPECT_LE(p.hip_flexion_deg, limits.hip_flexion_deg + hipRoom_deg(setup.toe_out_deg) + 1e-4);
    EXPECT_LE(p.trunk_lean_deg, limits.trunk_lean_deg + 1e-4);
    if (setup.balance == Balance::kBar) {
      EXPECT_LT(std::abs(p.bar.x()), 1e-3) << "the bar stays within 1 mm of the line";
    } else {
      EXPECT_LT(std::abs(p.bar.x()), 0.35);
    }
  }
  EXPECT_GT(feasible, 2000);
}

TEST(SolveSquat, BarAndBodyTogetherBalanceOverMidFoot) {
  const Body body = bodyOf();
  SquatSetup s = setupWith(BarPosition::kHigh);
  s.balance = Balance::kSystem;
  s.load_kg = 20.0;
  const auto light = squat(body, s);
  s.load_kg = 300.0;
  const auto heavy = squat(body, s);
  ASSERT_TRUE(light.feasible && heavy.feasible);
  EXPECT_LT(std::abs(heavy.posture.bar.x()), std::abs(light.posture.bar.x()))
      << "the heavier the bar, the nearer it is to mid-foot itself";
}

TEST(SolveSquat, IsContinuousAsTheSetupMoves) {
  Bodies bodies(21);
  for (int i = 0; i < 300; ++i) {
    const Body body = bodies.next();
    SquatSetup s = bodies.setup();
    const auto before = squat(body, s);
    s.heel_distance_m += 1e-5;
    s.toe_out_deg += 1e-3;
    s.heel_raise_m += 1e-5;
    s.hip_below_knee_m += 1e-5;
    const auto after = squat(body, s);
    if (!before.feasible || !after.feasible) continue;
    EXPECT_LT((before.posture.hip - after.posture.hip).norm(), 2e-3) << i;
    EXPECT_LT((before.posture.shoulder - after.posture.shoulder).norm(), 5e-3) << i;
  }
}

TEST(SolveSquat, LongerThighsLeanMore) {
  const Body body = bodyOf();
  const SquatSetup s = setupWith(BarPosition::kHigh);
  double last = 0.0;
  for (double f : {0.9, 1.0, 1.1}) {
    const auto solved = squat(with(body, Segment::kThigh, f), s);
    ASSERT_TRUE(solved.feasible);
    EXPECT_GT(solved.posture.trunk_lean_deg, last + 1.0);
    last = solved.posture.trunk_lean_deg;
  }
}

TEST(SolveSquat, LongerTrunksLeanLess) {
  const SquatSetup s = setupWith(BarPosition::kHigh);
  EXPECT_LT(squat(with(bodyOf(), Segment::kTrunk, 1.1), s).posture.trunk_lean_deg,
            squat(bodyOf(), s).posture.trunk_lean_deg - 1.0);
}

TEST(SolveSquat, ARaisedHeelLeansLessAndMostForStiffAnkles) {
  Body stiff = bodyOf();
  stiff.dorsiflexion_deg = 22.0;
  auto gain = [](const Body& body) {
    return squat(body, setupWith(BarPosition::kHigh)).posture.trunk_lean_deg -
           squat(body, setupWith(BarPosition::kHigh, 0.36, 25.0, 0.02)).posture.trunk_lean_deg;
  };
  EXPECT_GT(gain(stiff), 2.0);
  EXPECT_GT(gain(stiff), gain(bodyOf()));
  EXPECT_EQ(squat(stiff, setupWith(BarPosition::kHigh)).limited_by, PostureLimit::kAnkle);
}

TEST(SolveSquat, TheLowBarLeansMoreAndLoadsTheHipMoreAndTheKneeLess) {
  const Body body = bodyOf();
  const auto high = squat(body, setupWith(BarPosition::kHigh)).posture;
  const auto middle = squat(body, setupWith(BarPosition::kMiddle)).posture;
  const auto low = squat(body, setupWith(BarPosition::kLow)).posture;
  const auto front = squat(body, setupWith(BarPosition::kFront)).posture;
  EXPECT_GT(low.trunk_lean_deg, middle.trunk_lean_deg + 1.0);
  EXPECT_GT(middle.trunk_lean_deg, high.trunk_lean_deg + 1.0);
  EXPECT_GT(high.trunk_lean_deg, front.trunk_lean_deg + 1.0);
  EXPECT_GT(low.hip_moment_nm, high.hip_moment_nm);
  EXPECT_LT(low.knee_moment_nm, high.knee_moment_nm);
}

TEST(SolveSquat, AWiderStanceLeansLess) {
  const Body body = bodyOf();
  EXPECT_LT(squat(body, setupWith(BarPosition::kHigh, 0.55, 35.0)).posture.trunk_lean_deg,
            squat(body, setupWith(BarPosition::kHigh, 0.30, 15.0)).posture.trunk_lean_deg - 1.0);
}

TEST(SolveSquat, SaysWhyThereIsNoPosture) {
  Body stiff = with(bodyOf(), Segment::kThigh, 1.12);
  stiff.dorsiflexion_deg = 2.0;
  SquatSetup s = setupWith(BarPosition::kFront, 0.30, 5.0);
  s.hip_below_knee_m = 0.0;
  const auto none = squat(stiff, s);
  EXPECT_FALSE(none.feasible);
  EXPECT_EQ(none.limited_by, PostureLimit::kAnkle);
  const auto wide = squat(bodyOf(), setupWith(BarPosition::kHigh, 1.2, 45.0));
  EXPECT_FALSE(wide.feasible);
  EXPECT_EQ(wide.limited_by, PostureLimit::kStance);
}

TEST(FindDeepestSquat, IsWhereTheNextMillimetreHasNoPosture) {
  Bodies bodies(3);
  int found = 0;
  for (int i = 0; i < 60; ++i) {
    const Body body = bodies.next();
    SquatSetup s = bodies.setup();
    const DeepestSquat deepest = findDeepestSquat(body, limitsOf(body), s);
    if (!deepest.hip_below_knee_m) continue;
    s.hip_below_knee_m = *deepest.hip_below_knee_m;
    EXPECT_TRUE(squat(body, s).feasible);
    if (deepest.limited_by == PostureLimit::kNone) continue;
    ++found;
    s.hip_below_knee_m += 2e-3;
    EXPECT_FALSE(squat(body, s).feasible);
  }
  EXPECT_GT(found, 10);
}

TEST(SquatSetup, NonsenseIsRefusedWithTheField) {
  SquatSetup s;
  s.heel_distance_m = std::nan("");
  EXPECT_NE(s.validate().error().text.find("stance"), std::string::npos);
  s = {};
  s.toe_out_deg = 90.0;
  EXPECT_NE(s.validate().error().text.find("toes"), std::string::npos);
  s = {};
  s.heel_raise_m = 0.5;
  EXPECT_NE(s.validate().error().text.find("heel"), std::string::npos);
  s = {};
  s.load_kg = -1.0;
  EXPECT_NE(s.validate().error().text.find("load"), std::string::npos);
}

TEST(SolveDeadlift, HoldsItsPropertiesForThousandsOfBodies) {
  Bodies bodies(11);
  int feasible = 0;
  for (int i = 0; i < 6000; ++i) {
    const Body body = bodies.next();
    const auto style = i % 2 == 0 ? DeadliftStyle::kConventional : DeadliftStyle::kSumo;
    DeadliftSetup setup = usualDeadlift(body, style);
    setup.load_kg = 100.0;
    ASSERT_TRUE(setup.validate());
    const auto s = solveDeadlift(body, limitsOf(body), setup);
    if (!s.feasible) {
      EXPECT_NE(s.limited_by, DeadliftLimit::kNone);
      continue;
    }
    ++feasible;
    const DeadliftPosture& p = s.posture;
    EXPECT_NEAR(p.bar.x(), 0.0, 1e-12);
    EXPECT_NEAR((p.shoulder - p.hip).norm(), body.length_m(Segment::kTrunk), 1e-9);
    EXPECT_NEAR(p.shoulder.x() - p.bar.x(), setup.shoulder_ahead_m, 1e-9);
    EXPECT_LT(p.hip.x(), p.knee.x());
    EXPECT_GT(p.hip_lever_m, 0.0);
    EXPECT_TRUE(std::isfinite(p.trunk_lean_deg) && std::isfinite(p.hip_flexion_deg));
    // The bar touches the shin: its distance from the line ankle-knee is the shin's front and the bar's
    // radius.
    const Vec2d shin = (p.knee - p.ankle).normalized(), to_bar = p.bar - p.ankle;
    EXPECT_NEAR(to_bar.x() * shin.y() - to_bar.y() * shin.x(),
                0.085 * body.length_m(Segment::kShank) + 0.0145, 1e-9);
  }
  EXPECT_GT(feasible, 5000);
}

TEST(SolveDeadlift, SumoIsMoreUprightWithLowerHipsAndAShorterHipLever) {
  const Body body = bodyOf();
  const auto conventional =
      solveDeadlift(body, limitsOf(body), usualDeadlift(body, DeadliftStyle::kConventional)).posture;
  const auto sumo = solveDeadlift(body, limitsOf(body), usualDeadlift(body, DeadliftStyle::kSumo)).posture;
  EXPECT_LT(sumo.trunk_lean_deg, conventional.trunk_lean_deg - 5.0);
  EXPECT_LT(sumo.hip_height_m, conventional.hip_height_m);
  EXPECT_LT(sumo.hip_lever_m, conventional.hip_lever_m);
}

TEST(SolveDeadlift, LongArmsAreMoreUprightAndAWiderGripLess) {
  const Body body = bodyOf();
  DeadliftSetup s = usualDeadlift(body, DeadliftStyle::kConventional);
  const double usual = solveDeadlift(body, limitsOf(body), s).posture.trunk_lean_deg;
  const Body long_arms = with(with(body, Segment::kUpperArm, 1.08), Segment::kForearm, 1.08);
  EXPECT_LT(solveDeadlift(long_arms, limitsOf(long_arms), s).posture.trunk_lean_deg, usual - 1.0);
  s.hand_distance_m += 0.30;
  EXPECT_GT(solveDeadlift(body, limitsOf(body), s).posture.trunk_lean_deg, usual + 1.0);
}

TEST(SolveDeadlift, BlocksRaiseTheTrunkUntilTheBarIsOverTheKnee) {
  const Body body = bodyOf();
  DeadliftSetup s = usualDeadlift(body, DeadliftStyle::kConventional);
  const double floor = solveDeadlift(body, limitsOf(body), s).posture.trunk_lean_deg;
  s.bar_height_m = 0.35;
  EXPECT_LT(solveDeadlift(body, limitsOf(body), s).posture.trunk_lean_deg, floor - 3.0);
  s.bar_height_m = 0.70;
  const auto over = solveDeadlift(body, limitsOf(body), s);
  EXPECT_FALSE(over.feasible);
  EXPECT_EQ(over.limited_by, DeadliftLimit::kShin);
}

TEST(SolveDeadlift, TheUsualStartLooksLikeOne) {
  const Body body = bodyOf();
  const auto p =
      solveDeadlift(body, limitsOf(body), usualDeadlift(body, DeadliftStyle::kConventional)).posture;
  EXPECT_GT(p.hip.y(), p.knee.y()) << "hips over the knees";
  EXPECT_LT(p.hip.y(), p.shoulder.y());
  EXPECT_GT(p.trunk_lean_deg, 40.0);
  EXPECT_LT(p.trunk_lean_deg, 80.0);
  EXPECT_GT(p.bar_from_shin_m, 0.0);
  EXPECT_LT(p.bar_from_shin_m, 0.06);
}

TEST(SolveBench, AgreesWithAHandWorkedCase) {
  Body body = bodyOf();
  body.lengths[indexOf(Segment::kShoulderWidth)].m.value = 0.40;
  body.lengths[indexOf(Segment::kUpperArm)].m.value = 0.30;
  body.lengths[indexOf(Segment::kForearm)].m.value = 0.26;
  body.lengths[indexOf(Segment::kHand)].m.value = 0.20;  // the bar 9 cm past the wrist
  BenchSetup s;
  s.grip_m = 0.80;
  s.chest_over_shoulder_m = 0.15;
  s.load_kg = 100.0;
  const auto solved = solveBench(body, s);
  ASSERT_TRUE(solved.feasible);
  // Sideways 20 cm, down 20 cm: toward the feet sqrt(9 - 4 - 4) = 10 cm.
  EXPECT_NEAR(solved.posture.touch_from_shoulder_m, 0.10, 1e-9);
  EXPECT_NEAR(solved.posture.upper_arm_deg, toDeg(std::acos(0.10 / 0.30)), 1e-9);
  EXPECT_NEAR(solved.posture.elbow_flexion_deg, 180.0 - toDeg(std::acos(0.20 / 0.30)), 1e-9);
  EXPECT_NEAR(solved.posture.shoulder_moment_nm, 981.0 * std::hypot(0.10, 0.20), 1e-6);
  EXPECT_NEAR(solved.posture.range_of_motion_m, std::hypot(std::sqrt(0.65 * 0.65 - 0.04) - 0.15, 0.10), 1e-9);
}

TEST(SolveBench, ANarrowerGripTouchesLowerTucksMoreAndTravelsFurther) {
  const Body body = bodyOf();
  BenchSetup s;
  s.grip_m = 0.75;
  const auto wide = solveBench(body, s);
  s.grip_m = 0.55;
  const auto narrow = solveBench(body, s);
  ASSERT_TRUE(wide.feasible && narrow.feasible);
  EXPECT_GT(narrow.posture.touch_from_shoulder_m, wide.posture.touch_from_shoulder_m);
  EXPECT_LT(narrow.posture.upper_arm_deg, wide.posture.upper_arm_deg);
  EXPECT_GT(narrow.posture.range_of_motion_m, wide.posture.range_of_motion_m);
  s.grip_m = 1.30;
  EXPECT_EQ(solveBench(body, s).limited_by, BenchLimit::kTooWide);
  s.grip_m = 0.20;
  EXPECT_EQ(solveBench(body, s).limited_by, BenchLimit::kTooNarrow);
}

TEST(SolveBench, NeverGivesNonsenseForThousandsOfBodies) {
  Bodies bodies(5);
  for (int i = 0; i < 3000; ++i) {
    const Body body = bodies.next();
    BenchSetup s;
    s.grip_m = bodies.between(0.3, 1.1);
    s.chest_over_shoulder_m = bodies.between(0.0, 0.3);
    const auto solved = solveBench(body, s);
    if (!solved.feasible) {
      EXPECT_NE(solved.limited_by, BenchLimit::kNone);
      continue;
    }
    EXPECT_GT(solved.posture.upper_arm_deg, 0.0);
    EXPECT_LE(solved.posture.upper_arm_deg, 95.0);
    EXPECT_GT(solved.posture.range_of_motion_m, 0.0);
  }
}

}  // namespace
}  // namespace mottix
