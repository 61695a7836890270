#include "synth/lift_motion.h"

#include <cmath>
#include <numbers>

#include <gtest/gtest.h>

#include "core/mechanics/squat_posture.h"
#include "core/motion/lift_guess.h"
#include "synth/bench_motion.h"
#include "synth/deadlift_motion.h"
#include "synth/film_maker.h"
#include "synth/squat_motion.h"

namespace mottix {
namespace {

SquatPlan planWith(const RepPlan& rep) {
  SquatPlan plan;
  plan.reps = {rep, rep};
  return plan;
}

Vec3 jointOf(const LiftPose& pose, Joint j) {
  return pose.right.joint[indexOf(j)];
}

// Every limb is as long as the build says, on both sides, at all times.
void expectConstantLengths(const LiftMotion& motion) {
  const LifterBuild& b = motion.build();
  for (double t = 0.0; t < motion.duration_s(); t += 0.05) {
    const LiftPose pose = motion.at(t);
    for (const Side* side : {&pose.right, &pose.left}) {
      auto length = [&](Joint from, Joint to) {
        return (side->joint[indexOf(to)] - side->joint[indexOf(from)]).norm();
      };
      EXPECT_NEAR(length(Joint::kKnee, Joint::kHip), b.thigh_m(), 1e-4) << t;
      EXPECT_NEAR(length(Joint::kKnee, Joint::kAnkle), b.shank_m(), 1e-4) << t;
      EXPECT_NEAR(length(Joint::kShoulder, Joint::kElbow), b.upperArm_m(), 1e-4) << t;
      EXPECT_NEAR(length(Joint::kElbow, Joint::kWrist), b.forearm_m(), 1e-4) << t;
    }
  }
}

// Two routes to one posture: the motion is steered by trunk lean and thigh angle, the solver by depth and the
// share of hip and knee. Given the same body, feet and share, both must lean alike; what is left is where the
// bar lies on the back (the film's is fixed in cm, the solver's grows with the trunk) and the knee's way out
// (a hinge between hip and ankle in the film, over the toes in the solver).
TEST(SquatMotion, ThePostureSolverFindsThePostureThatTheFilmShows) {
  for (std::uint32_t seed = 1; seed <= 40; ++seed) {
    SquatPlan plan = planFromSeed(seed).squat;
    for (RepPlan& r : plan.reps) r.lean_gain_deg = r.bar_forward_m = 0.0;
    const SquatMotion motion(plan);
    const LiftPose pose = motion.at(0.5 * (motion.events()[0].turn_s + motion.events()[0].leave_s));
    const Vec3 hip = jointOf(pose, Joint::kHip), knee = jointOf(pose, Joint::kKnee),
               ankle = jointOf(pose, Joint::kAnkle), heel = jointOf(pose, Joint::kHeel);
    const LifterBuild& b = plan.build;
    BodyFacts facts;
    facts.height_m = b.height_m;
    auto measured = [&](Segment s, double share) {
      facts.measured[indexOf(s)] = BodyLength{{share * b.height_m, 0.005}, LengthSource::kByHand};
    };
    measured(Segment::kThigh, b.thigh_of_height);
    measured(Segment::kShank, b.shank_of_height);
    measured(Segment::kTrunk, b.trunk_of_height);
    measured(Segment::kFoot, b.foot_of_height);
    JointLimits limits;
    limits.dorsiflexion_deg = 60.0;
    SquatSetup setup;
    setup.heel_distance_m = 2.0 * heel.z();
    setup.toe_out_deg = plan.toe_out_deg;
    setup.hip_below_knee_m = knee.y() - hip.y();
    setup.hip_to_knee = (pose.bar.x() - hip.x()) / (knee.x() - pose.bar.x());
    const SquatSolution solved = solveSquat(estimateBody(facts), limits, setup);
    ASSERT_TRUE(solved.feasible) << seed;
    const double shin_deg = std::atan2(knee.x() - ankle.x(), knee.y() - ankle.y()) * 180.0 / std::numbers::pi;
    EXPECT_NEAR(solved.posture.trunk_lean_deg, pose.trunk_lean_deg, 4.0) << seed;
    EXPECT_NEAR(solved.posture.shin_lean_deg, shin_deg, 4.0) << seed;
  }
}

TEST(SquatMotion, SegmentsKeepTheirLengthsAndTheBarStaysOverMidFoot) {
  RepPlan rep;
  rep.lean_gain_deg = 12.0;
  rep.cave_deg = 20.0;
  const SquatMotion motion(planWith(rep));
  expectConstantLengths(motion);
  for (double t = 0.0; t < motion.duration_s(); t += 0.05) EXPECT_NEAR(motion.at(t).bar.x(), 0.0, 0.003);
}

TEST(SquatMotion, KneesCaveOnTheWayUpAlone) {
  RepPlan rep;
  rep.cave_deg = 20.0;
  const SquatMotion caving(planWith(rep)), clean(planWith({}));
  const RepEvents& e = caving.events()[0];
  auto apart = [](const SquatMotion& m, double t) { return jointOf(m.at(t), Joint::kKnee).z(); };
  const double down = 0.5 * (e.start_s + e.turn_s), up = 0.6 * e.leave_s + 0.4 * e.end_s;
  EXPECT_NEAR(apart(caving, down), apart(clean, down), 1e-9);
  EXPECT_LT(apart(caving, up), apart(clean, up) - 0.04);
}

TEST(SquatMotion, DepthAndPlantedLeanAreMet) {
  RepPlan rep;
  rep.depth_m = -0.03;
  rep.lean_gain_deg = 13.0;
  const SquatMotion motion(planWith(rep));
  const RepEvents& e = motion.events()[1];
  const LiftPose low = motion.at(e.turn_s);
  EXPECT_NEAR(jointOf(low, Joint::kKnee).y() - jointOf(low, Joint::kHip).y(), -0.03, 1e-4);
  double most = 0.0;
  for (double t = e.leave_s; t < e.end_s; t += 0.005) most = std::max(most, motion.at(t).trunk_lean_deg);
  EXPECT_NEAR(most - low.trunk_lean_deg, 13.0, 0.1);
}

TEST(SquatMotion, ACleanRepNeverLeansFurtherOnTheWayUp) {
  const SquatMotion motion(planWith({}));
  const RepEvents& e = motion.events()[0];
  const double bottom = motion.at(e.turn_s).trunk_lean_deg;
  for (double t = e.leave_s; t < e.end_s; t += 0.01) EXPECT_LE(motion.at(t).trunk_lean_deg, bottom + 1e-9);
}

TEST(SquatMotion, TheSeenTurnIsTheLowestPointOfTheBar) {
  RepPlan rep;
  rep.lean_gain_deg = 14.0;
  const SquatMotion motion(planWith(rep));
  const RepEvents seen = motion.seenEvents(0);
  const double low = motion.at(seen.turn_s).bar.y();
  for (double t = seen.start_s; t < seen.end_s; t += 0.002) EXPECT_GE(motion.at(t).bar.y(), low - 1e-6);
  EXPECT_GE(seen.turn_s, motion.events()[0].turn_s);
}

class Deadlifts : public testing::TestWithParam<bool> {
 protected:
  static DeadliftPlan plan() {
    DeadliftPlan p = GetParam() ? DeadliftPlan::sumo() : DeadliftPlan{};
    PullPlan pull;
    p.reps = {pull, pull};
    return p;
  }
};
INSTANTIATE_TEST_SUITE_P(ConventionalAndSumo, Deadlifts, testing::Bool());

TEST_P(Deadlifts, SegmentsKeepTheirLengthsAndHandsHoldTheBar) {
  const DeadliftMotion motion(plan());
  expectConstantLengths(motion);
  const RepEvents& e = motion.events()[0];
  for (double t = e.start_s; t < e.end_s; t += 0.05) {
    const LiftPose pose = motion.at(t);
    const Vec3 wrist = jointOf(pose, Joint::kWrist);
    EXPECT_NEAR((wrist.head<2>() - pose.bar.head<2>()).norm(), 0.07, 0.01) << t;
    // Arms are straight.
    const LifterBuild& b = motion.build();
    EXPECT_NEAR((wrist - jointOf(pose, Joint::kShoulder)).norm(), b.upperArm_m() + b.forearm_m(), 1e-3) << t;
  }
}

TEST_P(Deadlifts, TheSetUpIsThatOfThePracticeAndLockOutIsUpright) {
  const DeadliftPlan p = plan();
  const DeadliftMotion motion(p);
  const RepEvents& e = motion.events()[0];
  const LiftPose low = motion.at(e.start_s), high = motion.at(e.turn_s);
  EXPECT_NEAR(low.bar.y(), 0.225, 1e-9);
  EXPECT_NEAR(jointOf(low, Joint::kShoulder).x() - low.bar.x(), p.shoulder_ahead_m, 1e-3);
  // Hips between knees and shoulders.
  EXPECT_GT(jointOf(low, Joint::kHip).y(), jointOf(low, Joint::kKnee).y());
  EXPECT_GT(jointOf(low, Joint::kShoulder).y(), jointOf(low, Joint::kHip).y() + 0.1);
  EXPECT_LT(high.trunk_lean_deg, 4.0);
  EXPECT_GT(high.bar.y(), 0.6);
  // The trunk's angle is held until the bar has passed the knee, as far as the bar can stay by the legs then.
  const double knee_y = jointOf(low, Joint::kKnee).y();
  for (double t = e.start_s; t < e.turn_s; t += 0.02) {
    const LiftPose pose = motion.at(t);
    if (pose.bar.y() > knee_y) break;
    EXPECT_NEAR(pose.trunk_lean_deg, low.trunk_lean_deg, 10.0) << t;
  }
  // The bar stays by the legs, and not in them: before the line from joint to joint by a shin's half depth,
  // and never by more than a hand's breadth more than a thigh's. Shins do not lean back.
  for (double t = e.start_s; t < e.end_s; t += 0.02) {
    const LiftPose pose = motion.at(t);
    const Vec3 ankle = jointOf(pose, Joint::kAnkle), knee = jointOf(pose, Joint::kKnee),
               hip = jointOf(pose, Joint::kHip);
    const bool below = pose.bar.y() < knee.y();
    const Vec2 from = (below ? ankle : knee).head<2>(), to = (below ? knee : hip).head<2>();
    const Vec2 along = (to - from).normalized(), to_bar = pose.bar.head<2>() - from;
    const double before = to_bar.x() * along.y() - to_bar.y() * along.x();
    EXPECT_GT(before, 0.035) << t;
    EXPECT_LT(before, 0.17) << t;
    EXPECT_GT(knee.x() - ankle.x(), -0.005) << t;
  }
  // Arms hang all the way, and nothing jumps.
  Vec3 before = jointOf(low, Joint::kHip);
  for (double t = e.start_s; t < e.end_s; t += 0.02) {
    const LiftPose pose = motion.at(t);
    const double ahead = jointOf(pose, Joint::kShoulder).x() - pose.bar.x();
    EXPECT_LT(ahead, p.shoulder_ahead_m + 0.01) << t;
    EXPECT_GT(ahead, -0.12) << t;
    EXPECT_LT((jointOf(pose, Joint::kHip) - before).norm() / 0.02, 2.5) << t << ": a walking pace and a half";
    before = jointOf(pose, Joint::kHip);
  }
}

// What the practice says of sumo: knees follow the toes, shins upright over the feet, hips nearer the bar and
// the trunk more upright than with the feet under the hips.
TEST(DeadliftMotion, SumoStandsAsThePracticeSays) {
  const DeadliftMotion wide(DeadliftPlan::sumo()), narrow{DeadliftPlan{}};
  const LiftPose low = wide.at(wide.events()[0].start_s), other = narrow.at(narrow.events()[0].start_s);
  const Vec3 knee = jointOf(low, Joint::kKnee), ankle = jointOf(low, Joint::kAnkle);
  EXPECT_GT(knee.x(), ankle.x()) << "the shin does not lean back";
  EXPECT_NEAR(knee.z(), ankle.z(), 0.07) << "from the front the knee is above the foot";
  EXPECT_NEAR(knee.x() - ankle.x(), (knee.y() - ankle.y()) * std::tan(6.0 * std::numbers::pi / 180.0), 0.005);
  EXPECT_GT(jointOf(low, Joint::kHip).x(), jointOf(other, Joint::kHip).x() + 0.05);
  EXPECT_LT(low.trunk_lean_deg, other.trunk_lean_deg - 5.0);
}

TEST(DeadliftMotion, PlantedLeanComesBeforeTheBarLeavesTheFloorAndDriftOnTheWayUp) {
  DeadliftPlan p;
  p.reps = {PullPlan{}};
  p.reps[0].hips_first_deg = 8.0;
  p.reps[0].drift_m = 0.05;
  const DeadliftMotion motion(p);
  const RepEvents& e = motion.events()[0];
  EXPECT_NEAR(motion.at(e.start_s).trunk_lean_deg - motion.at(e.start_s - 0.6).trunk_lean_deg, 8.0, 0.1);
  EXPECT_NEAR(motion.at(e.start_s).bar.y(), 0.225, 1e-9);
  double front = 0.0;
  for (double t = e.start_s; t < e.turn_s; t += 0.01) front = std::max(front, motion.at(t).bar.x());
  EXPECT_NEAR(front - p.bar_x_m, 0.05, 1e-3);
}

TEST(BenchMotion, SegmentsKeepTheirLengthsAndTheBarTouchesWhereItIsPlanned) {
  BenchPlan p;
  p.reps = {PressPlan{}, PressPlan{}};
  p.reps[1].touch_m = 0.13;
  p.reps[1].right_lags_m = 0.05;
  const BenchMotion motion(p);
  expectConstantLengths(motion);
  for (std::size_t r = 0; r < 2; ++r) {
    const RepEvents& e = motion.events()[r];
    const LiftPose low = motion.at(e.turn_s);
    EXPECT_NEAR(low.bar.x() - motion.shoulder_m().x(), p.reps[r].touch_m, 1e-6);
    for (double t = 0.0; t < motion.duration_s(); t += 0.02)
      EXPECT_GE(motion.at(t).bar.y(), low.bar.y() - 1e-6);
  }
  double lag = 0.0;
  const RepEvents& e = motion.events()[1];
  for (double t = e.leave_s; t < e.end_s; t += 0.01) {
    const LiftPose pose = motion.at(t);
    lag = std::max(lag, pose.left.joint[indexOf(Joint::kWrist)].y() - jointOf(pose, Joint::kWrist).y());
  }
  EXPECT_NEAR(lag, 0.05, 1e-3);
}

TEST(LiftPlans, RefuseWhatNoLifterDoes) {
  DeadliftPlan pull;
  pull.reps[0].drift_m = 0.5;
  EXPECT_FALSE(pull.validate());
  BenchPlan press;
  press.grip_half_m = 0.1;
  EXPECT_FALSE(press.validate());
  for (std::uint32_t seed = 1; seed < 30; ++seed)
    for (Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
      EXPECT_TRUE(planFromSeed(seed, lift, View::kFront).validate()) << seed;
}

// What the simulated lifters do is told apart by the bar alone; a wrong lift is never said surely.
TEST(LiftPlans, TheLiftIsGuessedFromTheBarsWay) {
  int right = 0, sure = 0, all = 0;
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
    for (std::uint32_t seed = 301; seed <= 330; ++seed) {
      const auto motion = motionOf(planFromSeed(seed, lift));
      BarHeight bar;
      for (double t = 0.0; t < motion->duration_s(); t += 1.0 / 30.0) {
        bar.time_s.push_back(t);
        bar.height_m.push_back(motion->at(t).bar.y());
        bar.sd_m.push_back(0.002);
      }
      const auto guess = guessLift(bar);
      ASSERT_TRUE(guess) << seed;
      ++all;
      right += guess->lift == lift ? 1 : 0;
      sure += guess->sure() ? 1 : 0;
      EXPECT_TRUE(guess->lift == lift || !guess->sure()) << seed << ' ' << static_cast<int>(lift);
    }
  EXPECT_GE(right, all * 95 / 100);
  EXPECT_GE(sure, all * 3 / 4);
  RecordProperty("right", right);
  RecordProperty("sure", sure);
}

TEST(Course, IsEasedFromEvenlyToMinimumJerk) {
  double last = 0.0;
  for (double p = 0.05; p < 1.0; p += 0.05) {
    EXPECT_NEAR(course(p, {2.0, 2.0}), p * p * (3.0 - 2.0 * p), 1e-6);
    EXPECT_NEAR(course(p, {2.0, 3.0}), p * p * (6.0 + p * (-8.0 + 3.0 * p)), 1e-6);
    EXPECT_NEAR(course(p, {3.0, 2.999999}), course(p), 1e-5);
    EXPECT_NEAR(course(p, {2.3, 2.8}), 1.0 - course(1.0 - p, {2.8, 2.3}), 1e-6);
    EXPECT_GT(course(p, {2.3, 2.8}), last);
    last = course(p, {2.3, 2.8});
  }
  EXPECT_EQ(course(-1.0, {2.0, 3.0}), 0.0);
  EXPECT_EQ(course(2.0, {2.0, 3.0}), 1.0);
  SquatPlan plan;
  plan.reps[1].up.into = 1.5;
  EXPECT_FALSE(plan.validate());
}

TEST(BenchMotion, AHardTouchIsReachedFasterThanASoftOne) {
  BenchPlan soft, hard;
  hard.reps[0].down = {3.0, 2.0};
  const BenchMotion a(soft), b(hard);
  const double just_before_s = a.events()[0].turn_s - 0.1;
  EXPECT_GT(b.at(just_before_s).bar.y(), a.at(just_before_s).bar.y() + 0.005);
  EXPECT_NEAR(b.at(a.events()[0].turn_s).bar.y(), a.at(a.events()[0].turn_s).bar.y(), 1e-9);
}

}  // namespace
}  // namespace mottix
