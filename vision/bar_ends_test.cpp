// The bar across the picture, on films of the simulated camera.
#include "vision/bar_ends.h"

#include <unistd.h>

#include <cmath>
#include <fstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include "core/motion/across_joints.h"
#include "core/motion/joint_corrections.h"
#include "synth/film_maker.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class BarEnds : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_ends_" + std::to_string(getpid()));
    fs::create_directories(folder);
  }
  void TearDown() override { fs::remove_all(folder); }

  fs::path filmed(std::uint32_t seed, Lift lift, View view, double lags_m = 0.0) {
    FilmPlan plan = planFromSeed(seed, lift, view);
    plan.width_px = 640;
    plan.height_px = 360;
    plan.look.someone_passes = false;
    plan.squat.reps.resize(2);
    plan.deadlift.reps.resize(2);
    plan.bench.reps.resize(2);
    for (PressPlan& r : plan.bench.reps) r.right_lags_m = 0.0;
    plan.bench.reps[1].right_lags_m = lags_m;
    return made(plan);
  }
  fs::path made(const FilmPlan& plan) {
    const fs::path film = folder / (plan.name + std::string(nameOf(plan.view)) + ".mp4");
    EXPECT_TRUE(makeFilm(plan, film));
    std::ifstream in(truthPathFor(film));
    truth = nlohmann::json::parse(in);
    return film;
  }
  // The bar's middle in the picture.
  Vec2 middle(std::size_t frame) const {
    const auto& p = truth["frames"][frame]["bar_mid"]["px"];
    return {p[0].get<double>(), p[1].get<double>()};
  }

  // A joint of the side on the left or the right of the picture.
  Vec2 truly(Joint joint, std::size_t frame) const {
    auto of = [&](const char* side) {
      const auto& p = truth["frames"][frame]["joints"][side + std::string(nameOf(ofEither(joint)))]["px"];
      return Vec2(p[0].get<double>(), p[1].get<double>());
    };
    const Vec2 a = of("left_"), b = of("right_");
    return (a.x() < b.x()) == isOnRight(joint) ? b : a;
  }

  // Both sides' legs, found by the program, lie where they are in all reps, and tell front from rear.
  void expectLegs(const fs::path& film, ClipTracking& clip, Lift lift, View view, const Analysis& a,
                  BodyPointNetwork& network) {
    JointTracks raw;
    FoundSpread spread;
    const auto found = trackFoundJoints(film, clip, {}, {lift}, {}, network, raw, spread);
    ASSERT_TRUE(found) << found.error().text;
    EXPECT_EQ(*found, lift);
    layCorrections(clip.tracks, raw, {}, spread);
    const double height_px = 1720.0 / a.body_scale.value;
    EXPECT_EQ(viewFromJoints(clip.tracks, lift, height_px), view);
    if (lift == Lift::kBench) {  // from the head end
      EXPECT_TRUE(clip.tracks.has(Joint::kShoulder));
      EXPECT_FALSE(clip.tracks.has(Joint::kKnee));
      return;
    }
    for (const Joint j : {Joint::kKnee, Joint::kRightKnee, Joint::kAnkle, Joint::kRightAnkle}) {
      double sum = 0.0;
      std::size_t known = 0, all = 0;
      for (const Rep& rep : a.reps)
        for (std::size_t f = rep.start_frame; f <= rep.end_frame; ++f, ++all) {
          const JointSample& s = clip.tracks.track(j)[f];
          if (!s.known) continue;
          sum += (s.p_px - truly(j, f)).squaredNorm();
          EXPECT_GT(s.sd_px, 0.0);
          ++known;
        }
      EXPECT_GT(known, all * 8 / 10) << nameOf(j);
      EXPECT_LT(std::sqrt(sum / static_cast<double>(known)), 0.03 * height_px) << nameOf(j);
    }
  }

  fs::path folder;
  nlohmann::json truth;
};

TEST_F(BarEnds, AreFollowedFromTheFrontAndTheRearOfEveryLift) {
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  for (const auto& [lift, view] : {std::pair{Lift::kSquat, View::kFront},
                                   {Lift::kBench, View::kRear},
                                   {Lift::kDeadlift, View::kFront}}) {
    const fs::path film = filmed(8, lift, view);
    auto clip = trackBar(film);
    ASSERT_TRUE(clip) << clip.error().text;
    ASSERT_TRUE(clip->tracks.across()) << static_cast<int>(lift);
    // The way the bar goes is the truth's, to a part of a pixel; its middle between the plates is the bar's
    // middle but for the small plates outside.
    double sum = 0.0, mean = 0.0;
    std::size_t seen = 0;
    std::vector<double> off;
    for (std::size_t i = 0; i < clip->tracks.frameCount(); ++i) {
      if (clip->tracks.bar[i].state != TrackState::kSeen) continue;
      off.push_back(clip->tracks.bar[i].p_px.y() - middle(i).y());
      ++seen;
    }
    ASSERT_GT(seen, clip->tracks.frameCount() * 8 / 10);
    for (double v : off) mean += v / static_cast<double>(off.size());
    for (double v : off) sum += (v - mean) * (v - mean);
    EXPECT_LT(std::sqrt(sum / static_cast<double>(off.size())), 0.6) << static_cast<int>(lift);
    EXPECT_LT(std::abs(mean), 1.5) << static_cast<int>(lift);
    AnalysisSettings settings;
    settings.lift = lift;
    const auto a = analyse(clip->tracks, clip->axis, settings, builtInRuleBook());
    ASSERT_TRUE(a) << a.error().text;
    ASSERT_EQ(a->reps.size(), 2u);
    const char* turn = lift == Lift::kDeadlift ? "top" : "bottom";
    // A pause or a hold has two ends: the turn lies between them.
    const char* leave = lift == Lift::kDeadlift ? "lowering_start" : "ascent_start";
    for (std::size_t r = 0; r < 2; ++r) {
      EXPECT_GT(a->reps[r].turn_s.value, truth["events"][r][turn].get<double>() - 0.2);
      EXPECT_LT(a->reps[r].turn_s.value, truth["events"][r][leave].get<double>() + 0.2);
    }
    expectLegs(film, *clip, lift, view, *a, *network);
  }
}

TEST_F(BarEnds, ALaggingHandShowsAsTilt) {
  constexpr double kLag_m = 0.06;
  const auto clip = trackBar(filmed(9, Lift::kBench, View::kFront, kLag_m));
  ASSERT_TRUE(clip) << clip.error().text;
  AnalysisSettings settings;
  settings.lift = Lift::kBench;
  const auto a = analyse(clip->tracks, clip->axis, settings, builtInRuleBook());
  ASSERT_TRUE(a) << a.error().text;
  const double truly_deg =
      std::atan(std::abs(truth["measured_per_rep"][1]["bar_slope"].get<double>())) * 180.0 / std::acos(-1.0);
  const Measure *level = findMeasure(a->measures, MeasureId::kBarTilt, 1),
                *tilted = findMeasure(a->measures, MeasureId::kBarTilt, 2);
  ASSERT_EQ(tilted->status, MeasureStatus::kOk);
  EXPECT_NEAR(tilted->value.value, truly_deg, 2.0 * tilted->value.sd);
  EXPECT_LT(level->value.value, 2.0 * level->value.sd);
  // From the foot end the lifter's right is on the left.
  EXPECT_GT(*a->bar_tilt->deg[tilted->frame], 0.0);
}

// A hand's tremble sets the whole picture going, and an uneven bar's ends do not go alike.
TEST_F(BarEnds, AreFoundInAHandHeldFilmOfAnUnevenPress) {
  FilmPlan plan = planFromSeed(418, Lift::kBench, View::kRear);
  plan.take("hand");
  plan.width_px = 960;
  plan.height_px = 540;
  plan.look.someone_passes = false;
  plan.bench.reps.resize(2);
  for (PressPlan& r : plan.bench.reps) r.right_lags_m = 0.0;
  plan.bench.reps[1].right_lags_m = 0.05;
  const auto clip = trackBar(made(plan));
  ASSERT_TRUE(clip) << clip.error().text;
  ASSERT_TRUE(clip->tracks.across());
  std::vector<double> off;
  double mean = 0.0, scatter = 0.0;
  for (std::size_t f = 0; f < clip->tracks.frameCount(); ++f)
    if (clip->tracks.bar[f].state == TrackState::kSeen)
      off.push_back(clip->tracks.bar[f].p_px.y() - middle(f).y());
  ASSERT_GT(off.size(), clip->tracks.frameCount() * 8 / 10);
  for (double v : off) mean += v / static_cast<double>(off.size());
  for (double v : off) scatter += (v - mean) * (v - mean) / static_cast<double>(off.size());
  EXPECT_LT(std::sqrt(scatter), 1.0);  // the truth is without the tremble, which is taken out
}

TEST_F(BarEnds, FromTheSideThereAreNoneAndSayingSoDecides) {
  const fs::path side = filmed(8, Lift::kBench, View::kSide);
  const auto found = trackBar(side);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_FALSE(found->tracks.across());
  TrackSettings settings;
  settings.view = View::kFront;
  const auto wrong = trackBar(side, settings);
  ASSERT_FALSE(wrong);
  EXPECT_EQ(wrong.error().remedy, Remedy::kFilmAgain);
  EXPECT_NE(wrong.error().text.find(side.filename().string()), std::string::npos);
}

// On a flickering wall the plates' lower ends look like their upper ones (seed 205), and would be followed a
// plate's height above them through the whole film.
TEST_F(BarEnds, AreNotFollowedAPlatesHeightAbove) {
  FilmPlan plan = planFromSeed(205, Lift::kDeadlift, View::kRear);
  plan.take("phone");
  plan.deadlift.reps.resize(1);
  plan.width_px = 640;
  plan.height_px = 360;
  const auto clip = trackBar(made(plan));
  ASSERT_TRUE(clip) << clip.error().text;
  ASSERT_TRUE(clip->tracks.across());
  std::size_t seen = 0;
  for (std::size_t f = 0; f < clip->tracks.frameCount(); ++f) {
    const BarSample& bar = clip->tracks.bar[f];
    if (bar.state != TrackState::kSeen) continue;
    ++seen;
    EXPECT_NEAR(bar.p_px.y(), middle(f).y(), 0.1 * bar.radius_px) << f;
  }
  EXPECT_GT(10 * seen, 9 * clip->tracks.frameCount());
}

TEST_F(BarEnds, StopWhenAskedTo) {
  const fs::path film = filmed(8, Lift::kSquat, View::kFront);
  int calls = 0;
  const auto stopped = trackBar(film, {}, [&](double part) {
    ++calls;
    return part < 0.65;  // while the ends are followed
  });
  ASSERT_FALSE(stopped);
  EXPECT_EQ(stopped.error().remedy, Remedy::kCancelled);
  EXPECT_GT(calls, 3);
}

}  // namespace
}  // namespace mottix
