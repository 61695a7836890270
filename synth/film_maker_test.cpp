#include "synth/film_maker.h"

#include <unistd.h>

#include <cmath>
#include <fstream>

#include <gtest/gtest.h>
#include <Eigen/LU>
#include <nlohmann/json.hpp>

namespace mottix {
namespace {

namespace fs = std::filesystem;

TEST(PinholeCamera, LooksAtItsTargetFromTheAskedPlace) {
  const Vec3 target(0.1, 0.8, 0.0);
  for (const auto& [azimuth, place, right_of_picture] : {std::tuple{-4.0, Vec3(0, 0, 1), Vec3(1, 0, 0)},
                                                         {184.0, Vec3(0, 0, -1), Vec3(-1, 0, 0)},
                                                         {86.0, Vec3(1, 0, 0), Vec3(0, 0, -1)},
                                                         {-94.0, Vec3(-1, 0, 0), Vec3(0, 0, 1)}}) {
    const PinholeCamera c = PinholeCamera::around(azimuth, target, 3.5, 2.0, 1.0);
    EXPECT_LT((c.toPicture(target) - Vec2(640, 360)).norm(), 1e-6);
    EXPECT_GT((c.position_m - target).dot(place), 3.3);
    EXPECT_NEAR(c.world_to_cam.determinant(), 1.0, 1e-9);
    // Filmed from the right the lifter faces right, from the front the lifter's left is on the right; and
    // stands upright.
    EXPECT_GT(c.toPicture(target + 0.5 * right_of_picture).x(), 640.0);
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

TEST(PlatesFor, AnEmptyBarAndDumbbellsHaveOtherEnds) {
  PlateStack none = platesFor(20.0, 1);
  EXPECT_TRUE(none.plates.empty());
  EXPECT_DOUBLE_EQ(none.followedFace_m(0.4), 1.10);
  EXPECT_DOUBLE_EQ(none.followedRadius_m(), 0.025);
  none.dumbbell_m = 0.2;
  EXPECT_DOUBLE_EQ(none.followedRadius_m(), 0.1);
  EXPECT_GT(none.followedFace_m(0.4), 0.5) << "outside the hand";
  EXPECT_DOUBLE_EQ(platesFor(100.0, 1).followedRadius_m(), 0.225);
  FilmPlan plan = planFromSeed(1);
  plan.dumbbell_mm = 200.0;
  EXPECT_FALSE(plan.validate()) << "nobody here squats with dumbbells";
  plan = planFromSeed(1, Lift::kBench);
  plan.dumbbell_mm = 200.0;
  EXPECT_TRUE(plan.validate());
  plan.load_kg = 30.0;
  EXPECT_FALSE(plan.validate());
}

TEST(MotionOf, AFilmMayBeginLaterOrEarlierThanItsSet) {
  FilmPlan plan = planFromSeed(3);
  const auto set = motionOf(plan);
  for (const double begins : {0.8, -1.5}) {
    plan.begins_s = begins;
    ASSERT_TRUE(plan.validate());
    const auto film = motionOf(plan);
    EXPECT_NEAR(film->duration_s(), set->duration_s() - begins, 1e-12);
    EXPECT_NEAR(film->events()[1].turn_s, set->events()[1].turn_s - begins, 1e-12);
    for (const double t : {2.0, 4.3}) EXPECT_LT((film->at(t).bar - set->at(t + begins).bar).norm(), 1e-12);
  }
  EXPECT_LT((motionOf(plan)->at(0.2).bar - set->at(0.0).bar).norm(), 1e-12);  // still, before the set
  plan.begins_s = 40.0;
  EXPECT_FALSE(plan.validate());
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

TEST_F(FilmMaker, FilmsEveryLiftFromEveryViewWithItsBarAndPlatesInThePicture) {
  for (Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
    for (View view : {View::kSide, View::kFront, View::kRear}) {
      FilmPlan plan = planFromSeed(8, lift, view);
      plan.width_px = 320;
      plan.height_px = 180;
      plan.fps_milli = 5000;
      plan.squat.reps.resize(1);
      plan.deadlift.reps.resize(1);
      plan.bench.reps.resize(1);
      const fs::path film = folder / (plan.name + std::string(nameOf(view)) + ".mp4");
      ASSERT_TRUE(makeFilm(plan, film)) << plan.name;
      const auto truth = nlohmann::json::parse(bytes(truthPathFor(film)));
      EXPECT_EQ(truth["events"].size(), 1u);
      for (const auto& frame : truth["frames"])
        for (const char* what : {"bar_near", "bar_far"}) {
          const double u = frame[what]["px"][0], v = frame[what]["px"][1];
          EXPECT_TRUE(u > 0.0 && u < 320.0 && v > 0.0 && v < 180.0) << plan.name << ' ' << u << ' ' << v;
        }
      // From the front and rear the bar lies across the picture, from the side toward the camera.
      const auto &near = truth["frames"][0]["bar_near"]["px"], &far = truth["frames"][0]["bar_far"]["px"];
      const double across = std::abs(near[0].get<double>() - far[0].get<double>());
      EXPECT_EQ(across > 100.0, view != View::kSide) << plan.name << ' ' << across;
    }
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
