// Two points of the back, on a film of the simulated camera whose joints and bar are told as they truly are.
#include "vision/back_carrier.h"

#include <unistd.h>

#include <fstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include "synth/faults.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class BackOnFilm : public testing::Test {
 protected:
  static constexpr double kRound_cm = 6.0;

  static void SetUpTestSuite() {
    folder() = fs::temp_directory_path() / ("mottix_back_" + std::to_string(getpid()));
    fs::create_directories(folder());
    FilmPlan plan = planFromSeed(332, Lift::kDeadlift);
    plan.width_px = 640;
    plan.height_px = 360;
    plan.look.someone_passes = false;
    clearFaults(plan);
    plan.deadlift.reps.resize(2);
    ASSERT_TRUE(plantFault(plan, *faultNamed("back-rounds", Lift::kDeadlift), 1, kRound_cm));
    ASSERT_TRUE(makeFilm(plan, film()));
    std::ifstream in(truthPathFor(film()));
    truth() = nlohmann::json::parse(in);
    faces_left() = !plan.from_right;
  }
  static void TearDownTestSuite() { fs::remove_all(folder()); }
  static fs::path& folder() {
    static fs::path path;
    return path;
  }
  static fs::path film() { return folder() / "rounds.mp4"; }
  static nlohmann::json& truth() {
    static nlohmann::json doc;
    return doc;
  }
  static bool& faces_left() {
    static bool left = false;
    return left;
  }

  static Vec2 at(std::size_t frame, const std::string& joint) {
    const auto& p = truth()["frames"][frame]["joints"][joint]["px"];
    return {p[0].get<double>(), p[1].get<double>()};
  }
  static std::string nearSide(Joint joint) {
    return (faces_left() ? "left_" : "right_") + std::string(nameOf(joint));
  }
  static std::size_t event(std::size_t rep, const char* name) {
    return truth()["events"][rep][name].get<std::size_t>();
  }

  // Tracks of the trunk and the bar as they truly are.
  BackOnFilm() {
    for (std::size_t f = 0; f < truth()["frames"].size(); ++f) {
      tracks.time_s.push_back(truth()["frames"][f]["t"]);
      const auto& p = truth()["frames"][f]["plate_near"]["px"];
      const double radius_px = 225.0 / truth()["scale_plate_mm_per_px"].get<double>();
      tracks.bar.push_back({Vec2(p[0], p[1]), 0.1, radius_px, TrackState::kSeen});
      for (const Joint j : {Joint::kHip, Joint::kShoulder})
        tracks.joints[indexOf(j)].push_back({at(f, nearSide(j)), 1.0, true});
    }
    input.tracks = &tracks;
    input.faces_left = faces_left();
    input.mm_per_px = 1.15 * truth()["scale_plate_mm_per_px"].get<double>();
    input.placed.frame = event(0, "start_frame") - 3;
    input.placed.joints[indexOf(Joint::kPelvis)] = at(input.placed.frame, "back_pelvis");
    input.placed.joints[indexOf(Joint::kMidBack)] = at(input.placed.frame, "back_middle");
  }

  // How far the middle lies behind the line from pelvis to shoulder, in cm.
  double roundness_cm(const Vec2& pelvis, const Vec2& middle, const Vec2& shoulder) const {
    const Vec2 up = (shoulder - pelvis).normalized(), off = middle - pelvis;
    return (faces_left() ? -1.0 : 1.0) * (off.x() * up.y() - off.y() * up.x()) * input.mm_per_px / 10.0;
  }

  ClipTracks tracks;
  BackInput input;
};

TEST_F(BackOnFilm, ABackThatRoundsShowsOnTheRepOnWhichItDoes) {
  auto opened = Film::open(film());
  ASSERT_TRUE(opened);
  const auto carried = carryBack(*opened, input);
  ASSERT_TRUE(carried) << carried.error().text;
  const JointTrack &pelvis = (*carried)[indexOf(Joint::kPelvis)],
                   &middle = (*carried)[indexOf(Joint::kMidBack)];
  ASSERT_EQ(pelvis.size(), tracks.frameCount());
  EXPECT_TRUE((*carried)[indexOf(Joint::kHip)].empty());
  std::array<double, 2> seen{}, truly{};
  for (std::size_t rep = 0; rep < 2; ++rep) {
    // From the floor until the plate comes before the hips.
    const std::size_t from = event(rep, "start_frame"), to = from + (event(rep, "top_frame") - from) / 2;
    for (std::size_t f = from; f <= to; ++f) {
      ASSERT_TRUE(pelvis[f].known && middle[f].known);
      const Vec2 shoulder = at(f, nearSide(Joint::kShoulder));
      const double is = roundness_cm(pelvis[f].p_px, middle[f].p_px, shoulder),
                   was = roundness_cm(at(f, "back_pelvis"), at(f, "back_middle"), shoulder);
      EXPECT_NEAR(is, was, 3.0) << f;
      seen[rep] = std::max(seen[rep], is);
      truly[rep] = std::max(truly[rep], was);
    }
  }
  EXPECT_GT(truly[1], truly[0] + 3.0);
  EXPECT_NEAR(seen[1] - seen[0], truly[1] - truly[0], 1.5);
}

TEST_F(BackOnFilm, BehindThePlateItGoesWithTheTrunkAndSaysSo) {
  // A plate that follows the pelvis hides it all the time.
  for (std::size_t f = 0; f < tracks.frameCount(); ++f) tracks.bar[f].p_px = at(f, "back_pelvis");
  auto opened = Film::open(film());
  const auto carried = carryBack(*opened, input);
  ASSERT_TRUE(carried) << carried.error().text;
  const std::size_t top = event(0, "top_frame");
  const JointSample& pelvis = (*carried)[indexOf(Joint::kPelvis)][top];
  ASSERT_TRUE(pelvis.known);
  EXPECT_GT(pelvis.sd_px * input.mm_per_px, 30.0);
  EXPECT_LT((pelvis.p_px - at(top, "back_pelvis")).norm() * input.mm_per_px, 60.0);
}

TEST_F(BackOnFilm, WhatCannotBeCarriedIsSaid) {
  auto opened = Film::open(film());
  BackInput none = input;
  none.placed.joints = {};
  const auto nothing = carryBack(*opened, none);
  ASSERT_FALSE(nothing);
  EXPECT_EQ(nothing.error().remedy, Remedy::kMarkByHand);
  tracks.joints[indexOf(Joint::kHip)][input.placed.frame].known = false;
  const auto no_hip = carryBack(*opened, input);
  ASSERT_FALSE(no_hip);
  EXPECT_NE(no_hip.error().text.find("hip and shoulder"), std::string::npos);
  tracks.joints[indexOf(Joint::kHip)][input.placed.frame].known = true;
  const auto stopped = carryBack(*opened, input, [](double part) { return part < 0.2; });
  ASSERT_FALSE(stopped);
  EXPECT_EQ(stopped.error().remedy, Remedy::kCancelled);
}

TEST(UsualBackPoint, LiesBehindTheTrunkOnEitherSide) {
  const Vec2 hip(300.0, 400.0), shoulder(300.0, 200.0);
  const Vec2 right = usualBackPoint(Joint::kMidBack, hip, shoulder, 2.5, false),
             left = usualBackPoint(Joint::kMidBack, hip, shoulder, 2.5, true);
  EXPECT_NEAR(right.x(), 300.0 - 44.0, 1e-9) << "who faces right has the back on the left, 11 cm behind";
  EXPECT_NEAR(left.x(), 300.0 + 44.0, 1e-9);
  EXPECT_NEAR(right.y(), 300.0, 1e-9);
  EXPECT_GT(usualBackPoint(Joint::kPelvis, hip, shoulder, 2.5, false).y(), 350.0);
}

}  // namespace
}  // namespace mottix
