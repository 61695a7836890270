#include "synth/faults.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include <gtest/gtest.h>

namespace mottix {
namespace {

Vec3 rightOf(const LiftPose& pose, Joint j) {
  return pose.right.joint[indexOf(j)];
}

// The plan with its second rep at fault, and the same without; both of one lifter.
struct Pair {
  explicit Pair(const FaultKind& kind, std::uint32_t seed = 12) {
    FilmPlan plan = planFromSeed(seed, kind.lift);
    clearFaults(plan);
    plan.squat.reps.resize(2, plan.squat.reps[0]);
    plan.deadlift.reps.resize(2, plan.deadlift.reps[0]);
    plan.bench.reps.resize(2, plan.bench.reps[0]);
    good = plan;
    EXPECT_TRUE(plantFault(plan, kind, 1, kind.usual)) << kind.name;
    EXPECT_TRUE(plan.validate()) << kind.name;
    bad = plan;
    with = motionOf(bad);
    without = motionOf(good);
  }
  FilmPlan good, bad;
  std::unique_ptr<LiftMotion> with, without;

  // The greatest that `of` becomes from half a second before the second rep to half a second after it.
  template <typename Of>
  double most(const Of& of) const {
    const RepEvents& e = with->events()[1];
    double found = -std::numeric_limits<double>::infinity();
    for (double t = e.start_s - 0.5; t < e.end_s + 0.5; t += 0.002) found = std::max(found, of(t));
    return found;
  }
};

// What is seen of a planted fault, in its own unit.
double seen(const FaultKind& kind, const Pair& p) {
  const RepEvents &e = p.with->events()[1], &clean = p.without->events()[1];
  auto bad = [&](double t) { return p.with->at(t); };
  auto good = [&](double t) { return p.without->at(t); };
  auto apart = [&](auto of) { return 100.0 * p.most([&](double t) { return of(bad(t)) - of(good(t)); }); };
  const std::string_view n = kind.name;
  if (n == "high") {
    const LiftPose low = bad(e.turn_s);
    return 100.0 * (rightOf(low, Joint::kHip).y() - rightOf(low, Joint::kKnee).y());
  }
  if (n == "hips-first" && kind.lift == Lift::kSquat)
    return p.most([&](double t) {
      return t < e.leave_s ? 0.0 : bad(t).trunk_lean_deg - bad(e.leave_s).trunk_lean_deg;
    });
  if (n == "hips-first") return bad(e.start_s).trunk_lean_deg - bad(e.start_s - 0.6).trunk_lean_deg;
  if (n == "chest-first")
    return p.most([&](double t) { return good(t).trunk_lean_deg - bad(t).trunk_lean_deg; });
  if (n == "bar-forward" && kind.lift == Lift::kSquat)
    return 100.0 * (bad(e.turn_s).bar.x() - good(e.turn_s).bar.x());
  if (n == "bar-forward" || n == "bar-rolls" || n == "early-knees" || n == "lands-forward")
    return apart([](const LiftPose& q) { return q.bar.x(); });
  if (n == "heels-up") return apart([](const LiftPose& q) { return rightOf(q, Joint::kHeel).y(); });
  if (n == "knees-cave") {
    // By what the knees' way out has turned, seen from above.
    auto out = [](const LiftPose& q) {
      const Vec3 hip = rightOf(q, Joint::kHip), ankle = rightOf(q, Joint::kAnkle),
                 knee = rightOf(q, Joint::kKnee);
      const Vec3 leg = (hip - ankle).normalized(), to = knee - ankle, off = to - to.dot(leg) * leg;
      return std::atan2(off.z(), off.x()) * 180.0 / std::acos(-1.0);
    };
    return p.most(
        [&](double t) { return t > e.leave_s && t < e.end_s - 0.3 ? out(good(t)) - out(bad(t)) : 0.0; });
  }
  if (n == "bar-uneven" || n == "right-lags")
    return 100.0 * p.most([&](double t) {
      return bad(t).left.joint[indexOf(Joint::kWrist)].y() - rightOf(bad(t), Joint::kWrist).y();
    });
  if (n == "tail-tuck" || n == "back-rounds") return apart([](const LiftPose& q) { return q.back_round_m; });
  if (n == "dive") return 1.0 - (e.turn_s - e.start_s);
  if (n == "arms-bend")
    return apart(
        [](const LiftPose& q) { return -(rightOf(q, Joint::kWrist) - rightOf(q, Joint::kShoulder)).norm(); });
  if (n == "leans-back")
    return p.most([&](double t) { return good(t).trunk_lean_deg - bad(t).trunk_lean_deg; });
  if (n == "no-pause") return 0.25 - (e.leave_s - e.turn_s);
  if (n == "touch-wanders") return 100.0 * (bad(e.turn_s).bar.x() - good(clean.turn_s).bar.x());
  if (n == "sinks") return 100.0 * (good(e.turn_s).bar.y() - bad(0.5 * (e.turn_s + e.leave_s)).bar.y());
  if (n == "seat-lifts") return apart([](const LiftPose& q) { return rightOf(q, Joint::kHip).y(); });
  if (n == "feet-move") return apart([](const LiftPose& q) { return -rightOf(q, Joint::kToe).x(); });
  if (n == "head-lifts") return apart([](const LiftPose& q) { return rightOf(q, Joint::kEar).y(); });
  if (n == "shoulders-roll") return apart([](const LiftPose& q) { return rightOf(q, Joint::kShoulder).y(); });
  if (n == "chin-up") {
    auto tilt = [](const LiftPose& q) {
      const Vec3 neck = rightOf(q, Joint::kEar) - rightOf(q, Joint::kShoulder);
      return std::atan2(-neck.x(), neck.y()) * 180.0 / std::acos(-1.0);
    };
    return p.most([&](double t) { return tilt(bad(t)) - tilt(good(t)); });
  }
  if (n == "sticks-low" || n == "sticks-high") {
    // Time that the bar hardly moves between chest and lock-out.
    double still_s = 0.0;
    const double low = bad(e.leave_s).bar.y(), high = bad(e.end_s).bar.y();
    for (double t = e.leave_s + 0.1; t < e.end_s - 0.1; t += 0.002) {
      const double part = (bad(t).bar.y() - low) / (high - low);
      if (part > 0.1 && part < 0.9 && bad(t + 0.002).bar.y() - bad(t).bar.y() < 1e-5) still_s += 0.002;
    }
    return still_s;
  }
  if (n == "missed" && kind.lift == Lift::kDeadlift) {
    auto top = [&](auto at) { return p.most([&](double t) { return at(t).bar.y(); }); };
    const double floor = bad(e.start_s).bar.y();
    return 100.0 * (1.0 - (top(bad) - floor) / (top(good) - floor));
  }
  if (n == "missed") {
    // How far up it had come when it began to sink.
    double best = 0.0, sunk = 0.0;
    const Joint risen = kind.lift == Lift::kSquat ? Joint::kHip : Joint::kWrist;
    auto height = [&](double t) { return rightOf(bad(t), risen).y() - rightOf(bad(e.leave_s), risen).y(); };
    for (double t = e.leave_s; t < e.end_s; t += 0.002) {
      best = std::max(best, height(t));
      if (sunk == 0.0 && height(t) < best - 0.05) sunk = best;
    }
    return 100.0 * sunk / height(e.end_s);
  }
  if (n == "elbows-out") {
    // By what the elbow has turned about the line from shoulder to wrist, away from the feet.
    auto off = [](const LiftPose& q) {
      const Vec3 shoulder = rightOf(q, Joint::kShoulder), elbow = rightOf(q, Joint::kElbow),
                 arm = (rightOf(q, Joint::kWrist) - shoulder).normalized();
      return Vec3((elbow - shoulder) - (elbow - shoulder).dot(arm) * arm);
    };
    const Vec3 was = off(good(e.turn_s)), is = off(bad(e.turn_s));
    EXPECT_GT(is.z(), was.z()) << "out, not in";
    EXPECT_LT(is.x(), was.x());
    return std::acos(was.normalized().dot(is.normalized())) * 180.0 / std::acos(-1.0);
  }
  if (n == "wrists-bend") {
    const Vec3 palm =
        Vec3(bad(e.turn_s).bar.x(), bad(e.turn_s).bar.y(), 0.0) - rightOf(bad(e.turn_s), Joint::kWrist);
    return std::atan2(-palm.x(), palm.y()) * 180.0 / std::acos(-1.0);  // the bar toward the head
  }
  ADD_FAILURE() << n << ": nothing here sees it";
  return 0.0;
}

// The film shows each fault in the size that the truth states, on its rep alone.
TEST(Faults, ShowInTheirSizeOnTheirRepAlone) {
  for (const FaultKind& kind : faultKinds()) {
    const Pair p(kind);
    SCOPED_TRACE(std::string(kind.name) + ", " + p.bad.name);
    EXPECT_DOUBLE_EQ(kind.size(p.bad, 1), kind.usual);
    EXPECT_DOUBLE_EQ(kind.size(p.bad, 0), 0.0);
    // How far knees turn in is planned at the hip and seen at the knee; how far a squat comes, at thigh and
    // hip.
    const bool elsewhere = kind.name == "knees-cave" || (kind.name == "missed" && kind.lift == Lift::kSquat);
    EXPECT_NEAR(seen(kind, p), kind.usual, (elsewhere ? 0.2 : 0.06) * kind.usual);
    for (double t = 0.0; t < p.with->events()[0].end_s; t += 0.05)
      EXPECT_LT((rightOf(p.with->at(t), Joint::kHip) - rightOf(p.without->at(t), Joint::kHip)).norm(), 1e-9)
          << t;
    // Before and after it the lifter stands or lies as ever.
    const double last = p.with->duration_s() - 0.05, same = p.without->duration_s() - 0.05;
    for (const Joint j : {Joint::kHip, Joint::kShoulder, Joint::kWrist, Joint::kHeel})
      EXPECT_LT((rightOf(p.with->at(last), j) - rightOf(p.without->at(same), j)).norm(), 0.012) << nameOf(j);
  }
}

TEST(Faults, LeaveTheLimbsAsLongAsTheyAreAndNothingJumps) {
  for (const FaultKind& kind : faultKinds()) {
    const Pair p(kind, 31);
    const LifterBuild& b = p.with->build();
    LiftPose before = p.with->at(0.0);
    for (double t = 0.0; t < p.with->duration_s(); t += 0.02) {
      const LiftPose pose = p.with->at(t);
      for (const Side* side : {&pose.right, &pose.left}) {
        auto length = [&](Joint from, Joint to) {
          return (side->joint[indexOf(to)] - side->joint[indexOf(from)]).norm();
        };
        EXPECT_NEAR(length(Joint::kKnee, Joint::kHip), b.thigh_m(), 1e-3) << kind.name << ' ' << t;
        EXPECT_NEAR(length(Joint::kKnee, Joint::kAnkle), b.shank_m(), 1e-3) << kind.name << ' ' << t;
        EXPECT_NEAR(length(Joint::kShoulder, Joint::kElbow), b.upperArm_m(), 1e-3) << kind.name << ' ' << t;
        EXPECT_NEAR(length(Joint::kElbow, Joint::kWrist), b.forearm_m(), 1e-3) << kind.name << ' ' << t;
      }
      for (std::size_t j = 0; j < kSideJointCount; ++j)
        EXPECT_LT((pose.right.joint[j] - before.right.joint[j]).norm() / 0.02, 5.0)
            << kind.name << ' ' << kJointNames[j] << ' ' << t;
      before = pose;
    }
  }
}

TEST(Faults, RefuseOtherLiftsRepsAndSizes) {
  FilmPlan squat = planFromSeed(1);
  const FaultKind* high = faultNamed("high", Lift::kSquat);
  ASSERT_NE(high, nullptr);
  EXPECT_EQ(faultNamed("high", Lift::kBench), nullptr);
  EXPECT_FALSE(plantFault(squat, *faultNamed("no-pause", Lift::kBench), 0, 0.2));
  EXPECT_FALSE(plantFault(squat, *high, squat.squat.reps.size(), 5.0));
  EXPECT_FALSE(plantFault(squat, *high, 0, 0.0));
  const auto huge = plantFault(squat, *high, 0, 90.0);
  ASSERT_FALSE(huge);
  EXPECT_NE(huge.error().text.find("25"), std::string::npos) << huge.error().text;
}

}  // namespace
}  // namespace mottix
