#include "synth/film_maker.h"

#include <unistd.h>

#include <cmath>
#include <fstream>
#include <numbers>

#include <gtest/gtest.h>
#include <Eigen/LU>
#include <nlohmann/json.hpp>

#include "core/mechanics/squat_posture.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

SquatPlan planWith(const RepPlan& rep) {
  SquatPlan plan;
  plan.reps = {rep, rep};
  return plan;
}

Vec3 jointOf(const SquatPose& pose, Joint j) {
  return pose.right.joint[indexOf(j)];
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
    const SquatPose pose = motion.at(0.5 * (motion.events()[0].bottom_s + motion.events()[0].ascent_start_s));
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
  const SquatMotion motion(planWith(rep));
  const LifterBuild& b = motion.plan().build;
  for (double t = 0.0; t < motion.duration_s(); t += 0.05) {
    const SquatPose pose = motion.at(t);
    EXPECT_NEAR((jointOf(pose, Joint::kKnee) - jointOf(pose, Joint::kHip)).norm(),
                b.thigh_of_height * b.height_m, 1e-6);
    EXPECT_NEAR((jointOf(pose, Joint::kKnee) - jointOf(pose, Joint::kAnkle)).norm(),
                b.shank_of_height * b.height_m, 1e-6);
    EXPECT_NEAR(pose.bar.x(), 0.0, 0.003);
  }
}

TEST(SquatMotion, DepthAndPlantedLeanAreMet) {
  RepPlan rep;
  rep.depth_m = -0.03;
  rep.lean_gain_deg = 13.0;
  const SquatMotion motion(planWith(rep));
  const RepEvents& e = motion.events()[1];
  const SquatPose low = motion.at(e.bottom_s);
  EXPECT_NEAR(jointOf(low, Joint::kKnee).y() - jointOf(low, Joint::kHip).y(), -0.03, 1e-4);
  double most = 0.0;
  for (double t = e.ascent_start_s; t < e.top_s; t += 0.005)
    most = std::max(most, motion.at(t).trunk_lean_deg);
  EXPECT_NEAR(most - low.trunk_lean_deg, 13.0, 0.1);
}

TEST(SquatMotion, ACleanRepNeverLeansFurtherOnTheWayUp) {
  const SquatMotion motion(planWith({}));
  const RepEvents& e = motion.events()[0];
  const double bottom = motion.at(e.bottom_s).trunk_lean_deg;
  for (double t = e.ascent_start_s; t < e.top_s; t += 0.01)
    EXPECT_LE(motion.at(t).trunk_lean_deg, bottom + 1e-9);
}

TEST(SquatMotion, TheSeenTurnIsTheLowestPointOfTheBar) {
  RepPlan rep;
  rep.lean_gain_deg = 14.0;
  const SquatMotion motion(planWith(rep));
  const RepEvents seen = motion.seenEvents(0);
  const double low = motion.at(seen.bottom_s).bar.y();
  for (double t = seen.start_s; t < seen.end_s; t += 0.002) EXPECT_GE(motion.at(t).bar.y(), low - 1e-6);
  EXPECT_GE(seen.bottom_s, motion.events()[0].bottom_s);
}

TEST(PinholeCamera, LooksAtItsTargetFromTheAskedSide) {
  for (bool right : {true, false}) {
    const Vec3 target(0.1, 0.8, 0.0);
    PinholeCamera c = PinholeCamera::beside(right, target, 3.5, 4.0, 2.0, 1.0);
    EXPECT_LT((c.toPicture(target) - Vec2(640, 360)).norm(), 1e-6);
    EXPECT_EQ(c.position_m.z() > 0.0, right);
    EXPECT_NEAR(c.world_to_cam.determinant(), 1.0, 1e-9);
    // The lifter faces right when filmed from the right, and stands upright.
    EXPECT_EQ(c.toPicture(target + Vec3(0.5, 0, 0)).x() > 640.0, right);
    EXPECT_LT(c.toPicture(target + Vec3(0, 0.5, 0)).y(), 360.0);
  }
}

TEST(PlatesFor, StacksFullSizePlatesInsideAndSmallOnesOutside) {
  const PlateStack stack = platesFor(70.0, 1);  // 25 kg a side: 20 + 5
  ASSERT_EQ(stack.plates.size(), 2u);
  EXPECT_DOUBLE_EQ(stack.plates[0].diameter_m, 0.45);
  EXPECT_LT(stack.plates[1].diameter_m, 0.45);
  EXPECT_NEAR(stack.outerFaceOfFullSize_m(), 0.655 + 0.045, 1e-12);
}

class FilmMaker : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_synth_" + std::to_string(getpid()));
    fs::create_directories(folder);
  }
  void TearDown() override { fs::remove_all(folder); }
  static FilmPlan small(std::uint32_t seed) {
    FilmPlan plan = planFromSeed(seed);
    plan.width_px = 320;
    plan.height_px = 180;
    plan.fps_milli = 15000;
    plan.squat.reps.resize(1);
    return plan;
  }
  static std::string bytes(const fs::path& p) {
    std::ifstream in(p, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
  }
  fs::path folder;
};

TEST_F(FilmMaker, TheSameSeedGivesTheSameFilmAndAnotherSeedAnother) {
  ASSERT_TRUE(makeFilm(small(4), folder / "a.mp4"));
  ASSERT_TRUE(makeFilm(small(4), folder / "b.mp4"));
  ASSERT_TRUE(makeFilm(small(5), folder / "c.mp4"));
  EXPECT_EQ(bytes(folder / "a.mp4"), bytes(folder / "b.mp4"));
  EXPECT_NE(bytes(folder / "a.mp4"), bytes(folder / "c.mp4"));
}

TEST_F(FilmMaker, TheTruthAgreesWithItself) {
  const FilmPlan plan = small(6);
  ASSERT_TRUE(makeFilm(plan, folder / "a.mp4"));
  const auto truth = nlohmann::json::parse(bytes(folder / "a.truth.json"));
  EXPECT_EQ(truth["frames"].size(), truth["video"]["frames"].get<std::size_t>());
  EXPECT_EQ(truth["events"].size(), 1u);
  // The near plate's scale follows from its distance, which the metres and the camera state.
  const auto& camera = truth["camera"];
  const auto& m = truth["frames"][0]["plate_near"]["m"];
  const auto& px = truth["frames"][0]["plate_near"]["px"];
  Vec3 c;
  for (int r = 0; r < 3; ++r) {
    c[r] = camera["t_world_to_cam"][static_cast<std::size_t>(r)];
    for (int k = 0; k < 3; ++k)
      c[r] +=
          camera["R_world_to_cam"][static_cast<std::size_t>(r)][static_cast<std::size_t>(k)].get<double>() *
          m[static_cast<std::size_t>(k)].get<double>();
  }
  EXPECT_NEAR(camera["fx"].get<double>() * c.x() / c.z() + 160.0, px[0].get<double>(), 0.02);
  EXPECT_NEAR(camera["fx"].get<double>() * c.y() / c.z() + 90.0, px[1].get<double>(), 0.02);
}

TEST_F(FilmMaker, RefusesWhatCannotBeFilmedAndStopsWhenAsked) {
  FilmPlan plan = small(1);
  plan.width_px = 63;
  EXPECT_EQ(makeFilm(plan, folder / "a.mp4").error().remedy, Remedy::kCorrectInput);
  plan = small(1);
  plan.squat.reps.clear();
  EXPECT_FALSE(makeFilm(plan, folder / "a.mp4"));
  EXPECT_EQ(makeFilm(small(1), folder / "none" / "a.mp4").error().remedy, Remedy::kCheckDisk);
  EXPECT_EQ(makeFilm(small(1), folder / "a.mp4", [](double) { return false; }).error().remedy,
            Remedy::kCancelled);
}

}  // namespace
}  // namespace mottix
