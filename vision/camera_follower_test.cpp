#include "vision/camera_follower.h"

#include <unistd.h>

#include <cmath>
#include <cstdlib>
#include <fstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <opencv2/core.hpp>

#include "core/motion/camera_shake.h"
#include "synth/film_maker.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

// One rep by a camera held in the hand, one by the same camera on a stand.
class HandHeldFilm : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_shake_" + std::to_string(getpid()));
    fs::create_directories(folder);
    FilmPlan plan = planFromSeed(8);
    plan.width_px = 640;
    plan.height_px = 360;
    plan.look.someone_passes = false;
    plan.squat.reps.resize(1);
    plan.squat.reps[0].lean_gain_deg = 0.0;
    ASSERT_TRUE(makeFilm(plan, folder / "stood.mp4"));
    plan.phone.shake_px = 4.0;
    ASSERT_TRUE(makeFilm(plan, folder / "held.mp4"));
    std::ifstream in(truthPathFor(folder / "held.mp4"));
    truth = nlohmann::json::parse(in);
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }
  // Where a point that stands still at `p` lies in picture `i`.
  static Vec2 trulyMoved(std::size_t i, const Vec2& p) {
    const auto& m = truth["frames"][i]["image_affine"];
    return {m[0][0].get<double>() * p.x() + m[0][1].get<double>() * p.y() + m[0][2].get<double>(),
            m[1][0].get<double>() * p.x() + m[1][1].get<double>() * p.y() + m[1][2].get<double>()};
  }
  // One rep is measured, and nothing where the camera looks elsewhere.
  static void expectNothingMeasuredAtTheEnd(const char* name, bool moves) {
    const auto clip = trackBar(folder / name);
    ASSERT_TRUE(clip) << name;
    ASSERT_FALSE(clip->tracks.shake.empty()) << name;
    EXPECT_TRUE(clip->tracks.shake[60].known) << name;
    EXPECT_FALSE(clip->tracks.shake.back().known) << name;
    EXPECT_EQ(steadied(clip->tracks).bar.back().state, TrackState::kLost) << name;
    const auto a = analyse(clip->tracks, clip->axis, {}, builtInRuleBook());
    ASSERT_TRUE(a) << name << ": " << a.error().text;
    EXPECT_EQ(a->reps.size(), 1u) << name;
    EXPECT_EQ(std::count(a->warnings.begin(), a->warnings.end(), Warning::kCameraSwung), 1) << name;
    EXPECT_EQ(std::count(a->warnings.begin(), a->warnings.end(), Warning::kCameraShook), moves ? 1 : 0)
        << name;
  }
  static void run(const std::string& command) { ASSERT_EQ(std::system(command.c_str()), 0) << command; }
  static std::string at(const char* name) { return (folder / name).string(); }
  static fs::path folder;
  static nlohmann::json truth;
};
fs::path HandHeldFilm::folder;
nlohmann::json HandHeldFilm::truth;

TEST_F(HandHeldFilm, TheHandsMotionIsFoundToAFractionOfAPixel) {
  const auto moves = followCamera(folder / "held.mp4", 40);
  ASSERT_TRUE(moves);
  ASSERT_EQ(moves->size(), truth["frames"].size());
  const Vec2 middle(320.0, 180.0);
  double squares = 0.0, stated = 0.0, farthest = 0.0;
  for (std::size_t i = 0; i < moves->size(); ++i) {
    ASSERT_TRUE((*moves)[i].known) << i;
    for (const Vec2& p : {Vec2(120.0, 90.0), Vec2(320.0, 180.0), Vec2(520.0, 270.0)}) {
      const Vec2 found = toPictureMoved((*moves)[i], middle, trulyMoved(40, p));
      squares += (found - trulyMoved(i, p)).squaredNorm() / 6.0;
      farthest = std::max(farthest, (trulyMoved(i, p) - trulyMoved(40, p)).norm());
    }
    stated += (*moves)[i].sd_px * (*moves)[i].sd_px;
  }
  const double rms = std::sqrt(squares / static_cast<double>(moves->size()));
  EXPECT_GT(farthest, 8.0) << "a check of nothing";
  EXPECT_LT(rms, 0.2);
  EXPECT_LT(rms, 3.0 * std::sqrt(stated / static_cast<double>(moves->size()))) << "an error stated too small";
}

TEST_F(HandHeldFilm, TheBarIsMeasuredAsFromAStand) {
  const auto held = trackBar(folder / "held.mp4"), stood = trackBar(folder / "stood.mp4");
  ASSERT_TRUE(held && stood);
  EXPECT_TRUE(stood->tracks.shake.empty()) << "a camera on a stand";
  ASSERT_EQ(held->tracks.shake.size(), held->tracks.frameCount());
  const ClipTracks steady = steadied(held->tracks);
  // The reference lies somewhere in the middle of the hand's way: one shift for all pictures.
  Vec2 shift = Vec2::Zero();
  std::vector<Vec2> apart;
  for (std::size_t i = 0; i < steady.bar.size(); ++i) {
    if (steady.bar[i].state != TrackState::kSeen || stood->tracks.bar[i].state != TrackState::kSeen) continue;
    apart.push_back(steady.bar[i].p_px - stood->tracks.bar[i].p_px);
    shift += apart.back();
  }
  ASSERT_GT(apart.size(), 80u);
  shift /= static_cast<double>(apart.size());
  double squares = 0.0;
  for (const Vec2& d : apart) squares += (d - shift).squaredNorm();
  EXPECT_LT(std::sqrt(squares / static_cast<double>(apart.size())), 0.6);
}

TEST_F(HandHeldFilm, PicturesComeSteadied) {
  const auto moves = followCamera(folder / "held.mp4", 40);
  ASSERT_TRUE(moves);
  auto film = Film::open(folder / "held.mp4");
  ASSERT_TRUE(film);
  auto unlikeness = [&](std::size_t a, std::size_t b) {
    FramePicture p, q;
    EXPECT_TRUE(film->readAt(a, p, Want::kGray));
    const cv::Mat first = p.gray.clone();
    EXPECT_TRUE(film->readAt(b, q, Want::kGray));
    const cv::Rect rack(420, 40, 160, 250);
    return cv::norm(first(rack), q.gray(rack), cv::NORM_L1) / rack.area();
  };
  const double shaken = unlikeness(40, 5);
  film->steadyBy(*moves);
  const double steady = unlikeness(40, 5);
  EXPECT_LT(steady, 0.5 * shaken);
}

TEST_F(HandHeldFilm, ACameraSwungAwayAndACutAreSaidAndNothingIsMeasuredThere) {
  // The last second is panned off; the film of the stand with another scene stuck to its end.
  run("ffmpeg -v error -y -i " + at("held.mp4") +
      " -vf \"scale=960:540,crop=640:360:'if(gt(t,4),min(320,100+(t-4)*400),100)':90\" " + at("swung.mp4"));
  run("ffmpeg -v error -y -f lavfi -i testsrc2=s=640x360:r=30:d=1 -pix_fmt yuv420p " + at("other.mp4"));
  run("ffmpeg -v error -y -i " + at("held.mp4") + " -i " + at("other.mp4") +
      " -filter_complex '[0:v][1:v]concat=n=2' " + at("cut.mp4"));
  for (const char* name : {"swung.mp4", "cut.mp4"}) expectNothingMeasuredAtTheEnd(name, true);
}

// From a stand as well: another scene at the end, and a camera that is taken off its stand.
TEST_F(HandHeldFilm, AFilmFromAStandThatIsCutOrTakenAwayIsNoticed) {
  run("ffmpeg -v error -y -i " + at("stood.mp4") +
      " -vf \"scale=960:540,crop=640:360:'if(gt(t,4),min(320,100+(t-4)*400),100)':90\" " + at("taken.mp4"));
  run("ffmpeg -v error -y -f lavfi -i testsrc2=s=640x360:r=30:d=2 -pix_fmt yuv420p " + at("pattern.mp4"));
  run("ffmpeg -v error -y -i " + at("stood.mp4") + " -i " + at("pattern.mp4") +
      " -filter_complex '[0:v][1:v]concat=n=2' " + at("joined.mp4"));
  expectNothingMeasuredAtTheEnd("taken.mp4", true);
  expectNothingMeasuredAtTheEnd("joined.mp4", false);
}

// In fifteen of sixteen pictures everything beside the lifter is painted over.
TEST_F(HandHeldFilm, WhereNothingStandsBehindTheLifterTheHandIsPartOfTheError) {
  run("ffmpeg -v error -y -i " + at("held.mp4") +
      " -vf \"drawbox=x=0:y=0:w=210:h=360:color=gray:t=fill:enable='mod(n,16)',"
      "drawbox=x=400:y=0:w=240:h=360:color=gray:t=fill:enable='mod(n,16)'\" " +
      at("bare.mp4"));
  const auto clip = trackBar(folder / "bare.mp4");
  ASSERT_TRUE(clip);
  ASSERT_FALSE(clip->tracks.shake.empty());
  EXPECT_EQ(greatestShake_px(clip->tracks), 0.0);
  const auto a = analyse(clip->tracks, clip->axis, {}, builtInRuleBook());
  ASSERT_TRUE(a) << a.error().text;
  EXPECT_EQ(std::count(a->warnings.begin(), a->warnings.end(), Warning::kCameraUnsteady), 1);
  EXPECT_EQ(std::count(a->warnings.begin(), a->warnings.end(), Warning::kCameraShook), 0);
  EXPECT_GT(steadied(clip->tracks).bar[20].sd_px, 2.5);
}

TEST(SceneCorners, ABareWallTellsNothing) {
  const cv::Mat wall(360, 640, CV_8UC1, cv::Scalar(130));
  SceneCorners corners(wall, 200);
  EXPECT_FALSE(corners.findMove(wall).known);
  CameraWatch watch;
  for (int i = 0; i < 8; ++i) watch.look(wall);
  EXPECT_FALSE(watch.moved());
}

}  // namespace
}  // namespace mottix
