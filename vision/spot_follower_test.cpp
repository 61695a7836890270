// Where there is no plate: the end of an empty bar, a dumbbell's head, as the coach points at them.
#include "vision/spot_follower.h"

#include <unistd.h>

#include <cmath>
#include <fstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>

#include "synth/film_maker.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

// A disc of one colour over a wall of another; both are equally bright.
cv::Mat painted(const Vec2& at_px, double radius_px) {
  cv::Mat bgr(240, 320, CV_8UC3, cv::Scalar(170, 120, 150));
  constexpr int kFine = 16, kShift = 4;
  cv::circle(bgr, {static_cast<int>((at_px.x() - 0.5) * kFine), static_cast<int>((at_px.y() - 0.5) * kFine)},
             static_cast<int>(radius_px * kFine), cv::Scalar(120, 140, 128), cv::FILLED, cv::LINE_AA, kShift);
  return bgr;
}

struct Followed {
  Expected<std::vector<BarSample>> samples;
  std::vector<Vec2> truly;
};
// Up and down by 60 px twice, three pictures of it hidden.
Followed followPainted(double way_px, bool hidden = false) {
  constexpr double kRadius = 9.0, kRadius_m = 0.025;
  const PlateSeed seed{0, Vec2(161.0, 59.0), kRadius};
  SpotFollower follower(seed, kRadius_m, kRadius);
  Followed out;
  for (std::size_t i = 0; i < 120; ++i) {
    const double t = static_cast<double>(i) / 30.0;
    out.truly.emplace_back(160.0, 60.0 + 0.5 * way_px * (1.0 - std::cos(3.14159 * t)));
    cv::Mat bgr = painted(out.truly.back(), kRadius), gray;
    if (hidden && i >= 20 && i < 32) bgr.setTo(cv::Scalar(20, 20, 20));
    cv::cvtColor(bgr, gray, cv::COLOR_BGR2GRAY);
    follower.push(gray, bgr, i, t);
  }
  out.samples = follower.finish(out.truly.size());
  return out;
}

TEST(SpotFollower, FollowsAnEndThatOnlyItsColourTellsFromTheWall) {
  const Followed f = followPainted(120.0);
  ASSERT_TRUE(f.samples) << f.samples.error().text;
  for (std::size_t i = 0; i < f.truly.size(); ++i) {
    EXPECT_EQ((*f.samples)[i].state, TrackState::kSeen) << i;
    EXPECT_LT(((*f.samples)[i].p_px - f.truly[i]).norm(), 0.5) << i;
  }
}

TEST(SpotFollower, BridgesACoverAndSaysSo) {
  const Followed f = followPainted(120.0, true);
  ASSERT_TRUE(f.samples);
  EXPECT_EQ((*f.samples)[25].state, TrackState::kBridged);
  EXPECT_GT((*f.samples)[31].sd_px, (*f.samples)[22].sd_px);
  EXPECT_EQ(f.samples->back().state, TrackState::kSeen);
  EXPECT_LT((f.samples->back().p_px - f.truly.back()).norm(), 0.5);
}

TEST(SpotFollower, WhatLiesStillIsNotLifted) {
  const Followed f = followPainted(4.0);
  ASSERT_FALSE(f.samples);
  EXPECT_EQ(f.samples.error().remedy, Remedy::kMarkByHand);
}

// A dumbbell's head goes up and down, then off with whoever walks by: nothing of that is claimed.
TEST(SpotFollower, WhatIsTakenAwayIsLostFromWhereItLeft) {
  constexpr double kRadius = 9.0, kRadius_m = 0.115;  // 78 px are a metre
  SpotFollower follower({0, Vec2(101.0, 61.0), kRadius}, kRadius_m, kRadius);
  std::vector<Vec2> truly;
  for (std::size_t i = 0; i < 100; ++i) {
    const double t = static_cast<double>(i) / 30.0;
    const double taken_px = i < 60 ? 0.0 : 3.0 * static_cast<double>(i - 60);
    truly.emplace_back(100.0 + taken_px, 60.0 + 20.0 * (1.0 - std::cos(3.14159 * t)));
    const cv::Mat bgr = painted(truly.back(), kRadius);
    cv::Mat gray;
    cv::cvtColor(bgr, gray, cv::COLOR_BGR2GRAY);
    follower.push(gray, bgr, i, t);
  }
  const auto samples = follower.finish(truly.size());
  ASSERT_TRUE(samples) << samples.error().text;
  for (std::size_t i = 0; i < truly.size(); ++i) {
    if (truly[i].x() - 100.0 < 25.0) {
      EXPECT_EQ((*samples)[i].state, TrackState::kSeen) << i;
    } else if (truly[i].x() - 100.0 > 30.0) {
      EXPECT_NE((*samples)[i].state, TrackState::kSeen) << i;
    }
  }
}

class HeldFilms : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_held_" + std::to_string(getpid()));
    fs::create_directories(folder);
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }
  static inline fs::path folder;

  // Follows what is clicked at on picture `from`, or drawn round; compares with the truth.
  static void follow(FilmPlan plan, const LoadedBar& bar, std::size_t from, bool drawn) {
    const fs::path film = folder / "held.mp4";
    plan.width_px = 960;
    plan.height_px = 540;
    ASSERT_TRUE(makeFilm(plan, film));
    std::ifstream in(truthPathFor(film));
    const auto truth = nlohmann::json::parse(in);
    auto at = [&](std::size_t i) {
      const auto& p = truth["frames"][i]["plate_near"]["px"];
      return Vec2(p[0], p[1]);
    };
    TrackSettings settings;
    settings.bar = bar;
    EXPECT_EQ(trackBar(film, settings).error().remedy, Remedy::kMarkByHand) << "it has to be pointed at";
    const double radius_px = 1000.0 * bar.radius_m() / truth["scale_plate_mm_per_px"].get<double>();
    settings.seed =
        PlateSeed{from, at(from) + Vec2(0.1 * radius_px, 0.05 * radius_px), drawn ? 1.05 * radius_px : 0.0};
    const auto clip = trackBar(film, settings);
    ASSERT_TRUE(clip) << clip.error().text;
    std::size_t seen = 0, off = 0;
    for (std::size_t i = 0; i < clip->tracks.frameCount(); ++i) {
      const BarSample& s = clip->tracks.bar[i];
      if (s.state != TrackState::kSeen) continue;
      ++seen;
      if ((s.p_px - at(i)).norm() > 4.0 * s.sd_px) ++off;
    }
    EXPECT_GT(seen, clip->tracks.frameCount() * 9 / 10);
    EXPECT_LT(off, clip->tracks.frameCount() / 20);
    AnalysisSettings how;
    how.lift = plan.lift;
    how.bar = bar;
    const auto a = analyse(clip->tracks, clip->axis, how, builtInRuleBook());
    ASSERT_TRUE(a) << a.error().text;
    EXPECT_EQ(a->reps.size(), plan.lift == Lift::kSquat ? plan.squat.reps.size() : plan.bench.reps.size());
    EXPECT_LT(std::abs(a->plate_scale.value - truth["scale_plate_mm_per_px"].get<double>()),
              3.0 * a->plate_scale.sd);
  }
};

TEST_F(HeldFilms, AnEmptyBarsEndIsFollowedFromTheMiddleOfTheFilm) {
  FilmPlan plan = planFromSeed(3);
  plan.load_kg = 20.0;
  plan.look.someone_passes = false;
  plan.squat.reps.resize(2, plan.squat.reps.front());
  follow(plan, {450.0, 20.0, Held::kEmptyBar}, 40, true);
}

TEST_F(HeldFilms, ADumbbellsHeadIsFollowed) {
  FilmPlan plan = planFromSeed(5, Lift::kBench);
  plan.dumbbell_mm = 200.0;
  plan.look.someone_passes = false;
  plan.bench.reps.resize(2, plan.bench.reps.front());
  follow(plan, {200.0, 40.0, Held::kDumbbells}, 0, false);
}

}  // namespace
}  // namespace mottix
