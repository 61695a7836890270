#include <unistd.h>

#include <fstream>
#include <map>
#include <set>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>

#include "core/motion/joint_corrections.h"
#include "synth/film_maker.h"
#include "media/film_writer.h"
#include "vision/analyse_clip.h"
#include "vision/back_outline.h"
#include "vision/bar_axis.h"
#include "vision/disc_outline.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

// A dark disc on a bright ground, antialiased by drawing it eight times as large.
cv::Mat discPicture(Vec2 centre, double radius, double noise = 0.0) {
  constexpr int kFine = 8;
  cv::Mat fine(360 * kFine, 480 * kFine, CV_8UC1, cv::Scalar(190));
  cv::circle(
      fine,
      {static_cast<int>(std::lround(centre.x() * kFine)), static_cast<int>(std::lround(centre.y() * kFine))},
      static_cast<int>(std::lround(radius * kFine)), cv::Scalar(40), cv::FILLED);
  cv::Mat picture;
  cv::resize(fine, picture, {480, 360}, 0, 0, cv::INTER_AREA);
  if (noise > 0.0) {
    cv::Mat grain(picture.size(), CV_16SC1);
    cv::RNG rng(11);
    rng.fill(grain, cv::RNG::NORMAL, 0.0, noise);
    cv::add(picture, grain, picture, {}, CV_8UC1);
  }
  return picture;
}

TEST(FitDiscOutline, FindsTheCentreToAFractionOfAPixel) {
  for (const Vec2& centre : {Vec2(200.0, 150.0), Vec2(231.375, 170.625), Vec2(240.5, 180.25)}) {
    DiscOutline guess;
    guess.centre_px = centre + Vec2(3.0, -2.0);
    guess.radius_px = 62.0;
    const auto fit = fitDiscOutline(discPicture(centre, 60.0, 4.0), guess, 8.0, DiscShape::kFree);
    ASSERT_TRUE(fit);
    EXPECT_TRUE(fit->convincing());
    EXPECT_LT((fit->outline.centre_px - centre).norm(), 0.15);
    EXPECT_NEAR(fit->outline.radius_px, 60.0, 0.2);
    EXPECT_GT(fit->support, 0.9);
  }
}

TEST(FitDiscOutline, HalfHiddenIsStillFoundAndWhollyHiddenIsNot) {
  cv::Mat picture = discPicture({240, 180}, 60.0);
  cv::rectangle(picture, {240, 0}, {480, 360}, cv::Scalar(90), cv::FILLED);
  DiscOutline guess;
  guess.centre_px = Vec2(241, 181);
  guess.radius_px = 60.0;
  const auto half = fitDiscOutline(picture, guess, 5.0);
  ASSERT_TRUE(half);
  EXPECT_LT((half->outline.centre_px - Vec2(240, 180)).norm(), 1.0);
  EXPECT_LT(half->support, 0.7);
  picture.setTo(90);
  const auto none = fitDiscOutline(picture, guess, 5.0);
  EXPECT_FALSE(none && none->convincing());
}

TEST(SearchDiscAround, AClickNearTheMiddleIsEnough) {
  const auto found = searchDiscAround(discPicture({230, 170}, 52.0, 3.0), {236, 165}, 15.0, 120.0);
  ASSERT_TRUE(found);
  EXPECT_LT((found->centre_px - Vec2(230, 170)).norm(), 0.5);
  EXPECT_NEAR(found->radius_px, 52.0, 0.5);
}

// The outline of a disc and of a ring on it as a camera sees them, the ring nearer by a part `nearer` of the
// distance. Neither's middle is that of its outline when the axis is turned (bar_axis.h, step 4).
OutlineInFrame turnedDisc(const Vec2& middle, const Vec2& vanishing, double nearer) {
  const Vec2 tilt = (vanishing - Vec2(640, 360)) / (1024.0 * 1024.0);
  OutlineInFrame o;
  o.radius_px = 80.0;
  o.centre_px = middle + o.radius_px * o.radius_px * tilt;
  o.edge_px.fill(80.0F);
  o.inner.push_back({middle - nearer * (vanishing - middle) + 400.0 * tilt, 20.0});
  return o;
}

TEST(EstimateBarAxis, KnownParallaxGivesTheVanishingPointBack) {
  const Vec2 vanishing(560, 330);
  std::vector<OutlineInFrame> outlines;
  for (int i = 0; i < 24; ++i) outlines.push_back(turnedDisc(Vec2(640, 150 + 14 * i), vanishing, 0.02));
  const auto axis = estimateBarAxis(outlines, {640, 360}, 1024.0, 0.225);
  ASSERT_TRUE(axis);
  EXPECT_TRUE(axis->from_parallax);
  EXPECT_LT((axis->vanishing_px - vanishing).norm(), 12.0);
  // With it the middle of the face is where it is, but for the rounded rim.
  const Vec2 face = estimateFaceCentre(outlines[10], *axis).centre_px;
  const Vec2 toward = (vanishing - Vec2(640, 290)).normalized();
  EXPECT_NEAR((face - Vec2(640, 290)).dot(Vec2(-toward.y(), toward.x())), 0.0, 0.1);
  EXPECT_LT(std::abs(axis->vanishing_px.x() - 560.0), 2.0 * axis->vanishing_sd_px.x());
  for (auto& o : outlines) o.inner.clear();
  EXPECT_FALSE(estimateBarAxis(outlines, {640, 360}, 1024.0, 0.225)->from_parallax);
  outlines.resize(3);
  EXPECT_FALSE(estimateBarAxis(outlines, {640, 360}, 1024.0, 0.225));
}

TEST(EstimateBarAxis, ChanceCirclesThatContradictTheRingSeenMostAreNotHeard) {
  const Vec2 vanishing(560, 330), wrong(900, 500);
  std::vector<OutlineInFrame> outlines;
  for (int i = 0; i < 24; ++i) {
    OutlineInFrame o = turnedDisc(Vec2(640, 150 + 14 * i), vanishing, 0.02);
    if (i % 2 == 0) o.inner.push_back({o.centre_px - 0.03 * (wrong - o.centre_px), 40.0});
    outlines.push_back(o);
  }
  const auto axis = estimateBarAxis(outlines, {640, 360}, 1024.0, 0.225);
  ASSERT_TRUE(axis);
  EXPECT_LT((axis->vanishing_px - vanishing).norm(), 12.0);
}

TEST(FitDiscOutline, ADiscCutByThePicturesEdgeIsFittedOnWhatIsSeen) {
  const Vec2 centre(30.0, 180.0);
  DiscOutline guess;
  guess.centre_px = centre + Vec2(1.5, 1.0);
  guess.radius_px = 60.0;
  const auto fit = fitDiscOutline(discPicture(centre, 60.0, 2.0), guess, 6.0);
  ASSERT_TRUE(fit);
  EXPECT_LT((fit->outline.centre_px - centre).norm(), 0.4);
  EXPECT_LT(fit->support, 0.8);
  EXPECT_TRUE(std::isnan(fit->edge_px[kOutlineRays / 2])) << "there is no edge outside the picture";
}

TEST(FitDiscOutline, NonsenseIsRefused) {
  const cv::Mat picture = discPicture({240, 180}, 60.0);
  DiscOutline guess;
  guess.centre_px = Vec2(240, 180);
  guess.radius_px = 3.0;
  EXPECT_FALSE(fitDiscOutline(picture, guess, 4.0));
  guess.radius_px = 60.0;
  guess.centre_px.x() = std::nan("");
  EXPECT_FALSE(fitDiscOutline(picture, guess, 4.0));
}

// A drawn gym: a plate with a bright ring that goes down and up, a clock that hangs still, and a larger round
// shadow that creeps along at a third of the contrast.
class DrawnGym : public testing::Test {
 protected:
  static constexpr std::size_t kFrames = 120;
  static Vec2 plateAt(std::size_t i) {
    return {250.0, 110.0 + 70.0 * (1.0 - std::cos(2.0 * 3.14159265 * static_cast<double>(i) / 60.0))};
  }
  static cv::Mat picture(std::size_t i) {
    constexpr int kFine = 4;
    cv::Mat fine(360 * kFine, 480 * kFine, CV_8UC1, cv::Scalar(180));
    auto disc = [&](Vec2 at, double radius, int grey) {
      cv::circle(
          fine,
          {static_cast<int>(std::lround(at.x() * kFine)), static_cast<int>(std::lround(at.y() * kFine))},
          static_cast<int>(std::lround(radius * kFine)), cv::Scalar(grey), cv::FILLED);
    };
    disc({90.0, 80.0}, 52.0, 60);
    disc({380.0, 260.0 + 0.1 * static_cast<double>(i)}, 80.0, 150);
    disc(plateAt(i), 44.0, 30);
    disc(plateAt(i), 30.0, 160);
    disc(plateAt(i), 26.0, 40);
    cv::Mat out;
    cv::resize(fine, out, {480, 360}, 0, 0, cv::INTER_AREA);
    return out;
  }
  static Expected<PlateTrackResult> follow(std::optional<PlateSeed> seed = std::nullopt) {
    PlateTracker tracker({}, seed);
    std::vector<double> time_s;
    for (std::size_t i = 0; i < kFrames; ++i) time_s.push_back(static_cast<double>(i) / 30.0);
    for (std::size_t i = seed ? seed->frame : 0; i < kFrames; ++i) tracker.push(picture(i), i, time_s[i]);
    if (const auto first = tracker.turnBack())
      for (std::size_t i = *first; i-- > 0;) tracker.push(picture(i), i, time_s[i]);
    return tracker.finish(time_s, 413.0, 0.225);
  }
  static void expectThePlate(const PlateTrackResult& result) {
    ASSERT_EQ(result.samples.size(), kFrames);
    for (std::size_t i = 0; i < kFrames; ++i) {
      ASSERT_EQ(result.samples[i].state, TrackState::kSeen) << i;
      EXPECT_LT((result.samples[i].p_px - plateAt(i)).norm(), 1.0) << i;
      EXPECT_NEAR(result.samples[i].radius_px, 44.0, 1.5) << "the rim, not the ring inside it";
    }
  }
};

TEST_F(DrawnGym, TheBarIsTheRimThatMovesNotTheClockTheRingOrTheShadow) {
  const auto result = follow();
  ASSERT_TRUE(result) << result.error().text;
  expectThePlate(*result);
  EXPECT_FALSE(result->two_plates);
}

TEST_F(DrawnGym, APlateDrawnRoundInTheMiddleIsFollowedBothWays) {
  const auto result = follow(PlateSeed{50, plateAt(50) + Vec2(2.0, -2.0), 45.0});
  ASSERT_TRUE(result) << result.error().text;
  expectThePlate(*result);
}

// One small synthetic film for all tests that need one.
class OnFilm : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_vision_" + std::to_string(getpid()));
    fs::create_directories(folder);
    FilmPlan plan = planFromSeed(1);
    plan.width_px = 640;
    plan.height_px = 360;
    plan.yaw_deg = 3.0;
    plan.load_kg = 70.0;
    plan.squat.reps.resize(2);
    plan.look.someone_passes = false;
    film = folder / "squat.mp4";
    ASSERT_TRUE(makeFilm(plan, film));
    std::ifstream in(truthPathFor(film));
    truth = nlohmann::json::parse(in);
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }
  static Vec2 point(const nlohmann::json& p) { return {p["px"][0].get<double>(), p["px"][1].get<double>()}; }
  static fs::path folder, film;
  static nlohmann::json truth;
};
fs::path OnFilm::folder, OnFilm::film;
nlohmann::json OnFilm::truth;

TEST_F(OnFilm, EveryFrameIsReadInOrderWithItsTime) {
  auto f = Film::open(film);
  ASSERT_TRUE(f);
  EXPECT_EQ(f->info().width_px, 640);
  EXPECT_FALSE(f->info().variable_rate);
  FramePicture picture;
  std::size_t count = 0;
  for (auto got = f->readNext(picture, Want::kGray); got && *got; got = f->readNext(picture, Want::kGray)) {
    EXPECT_EQ(picture.index, count);
    EXPECT_NEAR(picture.time_s, static_cast<double>(count) / 30.0, 1e-3);
    ++count;
  }
  EXPECT_EQ(count, f->frameCount());
  EXPECT_EQ(count, truth["frames"].size());
}

TEST_F(OnFilm, SeekingGivesTheSamePictureAsReading) {
  auto straight = Film::open(film), seeking = Film::open(film);
  std::map<std::size_t, cv::Mat> pictures;
  FramePicture p;
  while (true) {
    auto got = straight->readNext(p, Want::kGray);
    if (!got || !*got) break;
    if (p.index % 17 == 0) pictures[p.index] = p.gray.clone();
  }
  for (std::size_t index : {68u, 0u, 51u, 119u, 17u, 102u, 85u}) {
    ASSERT_TRUE(seeking->readAt(index, p, Want::kGray));
    EXPECT_EQ(p.index, index);
    EXPECT_EQ(cv::norm(p.gray, pictures.at(index), cv::NORM_INF), 0.0) << index;
  }
}

TEST_F(OnFilm, TheBarIsFollowedToSubPixels) {
  const auto clip = trackBar(film);
  ASSERT_TRUE(clip) << clip.error().text;
  double sum = 0.0, worst = 0.0, ratio = 0.0;
  for (std::size_t i = 0; i < clip->tracks.bar.size(); ++i) {
    const BarSample& s = clip->tracks.bar[i];
    ASSERT_EQ(s.state, TrackState::kSeen) << i;
    const double e = (s.p_px - point(truth["frames"][i]["plate_near"])).norm();
    sum += e * e;
    worst = std::max(worst, e);
    ratio += std::pow(e / s.sd_px, 2) / 2.0;
  }
  const double n = static_cast<double>(clip->tracks.bar.size());
  EXPECT_LT(std::sqrt(sum / n), 0.8);
  EXPECT_LT(worst, 2.0);
  EXPECT_LT(std::sqrt(ratio / n), 2.5);
  EXPECT_EQ(clip->facts.sha256.size(), 64u);
}

// A wall of patches makes large chance circles by the dozen, and a plate of several rings is first found by a
// small one.
TEST_F(OnFilm, OnAPatternedWallTheRimOfTheNearPlateIsFound) {
  FilmPlan plan = planFromSeed(111);
  plan.fps_milli = 15000;
  plan.squat.reps.resize(1);
  const fs::path wall = folder / "patterned.mp4";
  ASSERT_TRUE(makeFilm(plan, wall));
  std::ifstream in(truthPathFor(wall));
  const auto told = nlohmann::json::parse(in);
  const auto clip = trackBar(wall);
  ASSERT_TRUE(clip);
  std::size_t seen = 0;
  for (std::size_t i = 0; i < clip->tracks.bar.size(); ++i) {
    if (clip->tracks.bar[i].state != TrackState::kSeen) continue;
    ++seen;
    const auto& px = told["frames"][i]["plate_near"]["px"];
    EXPECT_LT((clip->tracks.bar[i].p_px - Vec2(px[0], px[1])).norm(), 3.0) << i;
  }
  EXPECT_GE(seen, clip->tracks.bar.size() - 3) << "at half the usual rate";
  const double scale = 1000.0 * 0.225 / clip->tracks.bar.front().radius_px;
  EXPECT_NEAR(scale / told["scale_plate_mm_per_px"].get<double>(), 1.0, 0.015);
}

TEST_F(OnFilm, AClickOnAnyFrameGivesTheSameTrack) {
  const auto automatic = trackBar(film);
  TrackSettings settings;
  settings.seed = PlateSeed{60, point(truth["frames"][60]["plate_near"]) + Vec2(3, -2), 0.0};
  const auto clicked = trackBar(film, settings);
  ASSERT_TRUE(clicked) << clicked.error().text;
  for (std::size_t i = 0; i < clicked->tracks.bar.size(); i += 10) {
    ASSERT_EQ(clicked->tracks.bar[i].state, TrackState::kSeen) << i;
    EXPECT_LT((clicked->tracks.bar[i].p_px - automatic->tracks.bar[i].p_px).norm(), 0.7) << i;
  }
}

TEST_F(OnFilm, JointsAreCarriedFromAnyFrameAndFeetStandStill) {
  const auto clip = trackBar(film);
  ASSERT_TRUE(clip);
  PlacedPoints placed;
  placed.frame = 75;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder}) {
    const auto& joints = truth["frames"][75]["joints"];
    const std::string right = "right_" + std::string(nameOf(j)), left = "left_" + std::string(nameOf(j));
    placed.joints[indexOf(j)] =
        point(joints[truth["view"].get<std::string>().find("left") != std::string::npos ? left : right]);
  }
  JointTracks raw;
  const auto carried = trackJoints(film, *clip, {}, Lift::kSquat, Facing::kUnknown, placed, nullptr, raw);
  ASSERT_TRUE(carried) << carried.error().text;
  const std::string near =
      truth["view"].get<std::string>().find("left") != std::string::npos ? "left_" : "right_";
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kShoulder}) {
    double sum = 0.0;
    for (std::size_t i = 0; i < raw[indexOf(j)].size(); ++i) {
      ASSERT_TRUE(raw[indexOf(j)][i].known);
      sum += (raw[indexOf(j)][i].p_px - point(truth["frames"][i]["joints"][near + std::string(nameOf(j))]))
                 .squaredNorm();
    }
    EXPECT_LT(std::sqrt(sum / static_cast<double>(raw[indexOf(j)].size())), 8.0) << nameOf(j);
  }
  EXPECT_EQ(raw[indexOf(Joint::kHeel)][0].p_px, raw[indexOf(Joint::kHeel)][100].p_px);
  EXPECT_TRUE(raw[indexOf(Joint::kEar)].empty());

  // Read along the way, hip and knee do not go astray as far.
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  auto astray = [&](BodyPointNetwork* with) {
    JointTracks on;
    EXPECT_TRUE(trackJoints(film, *clip, {}, Lift::kSquat, Facing::kUnknown, placed, with, on));
    double sum = 0.0;
    for (Joint j : {Joint::kHip, Joint::kKnee})
      for (std::size_t i = 0; i < on[indexOf(j)].size(); ++i)
        sum += (on[indexOf(j)][i].p_px - point(truth["frames"][i]["joints"][near + std::string(nameOf(j))]))
                   .squaredNorm();
    return std::sqrt(sum / static_cast<double>(2 * on[0].size()));
  };
  const double alone = astray(nullptr), read = astray(&*network);
  EXPECT_LT(read, alone);
}

// Somebody walks by between camera and lifter in the middle of a rep: what moves there is not the lifter's
// leg.
TEST_F(OnFilm, WhoWalksByDoesNotTakeTheJointsAlong) {
  FilmPlan plan = planFromSeed(1);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.squat.reps.resize(2);
  plan.look.someone_passes = true;
  plan.look.passes_at_s = 3.0;
  const fs::path passed = folder / "passed.mp4";
  ASSERT_TRUE(makeFilm(plan, passed));
  std::ifstream in(truthPathFor(passed));
  const auto squat = nlohmann::json::parse(in);
  const auto clip = trackBar(passed);
  ASSERT_TRUE(clip) << clip.error().text;
  const auto hidden = std::count_if(clip->tracks.bar.begin(), clip->tracks.bar.end(),
                                    [](const BarSample& s) { return s.state == TrackState::kBridged; });
  ASSERT_GT(hidden, 3);
  for (std::size_t f = 0; f < clip->tracks.frameCount(); ++f) {
    const BarSample& s = clip->tracks.bar[f];
    if (s.state == TrackState::kBridged) {
      const Vec2 there = point(squat["frames"][f]["plate_near"]);
      EXPECT_LT((s.p_px - there).norm(), 0.1 * s.radius_px) << f << ", bridged from both sides";
    }
  }
  const std::string near = plan.from_right ? "right_" : "left_";
  auto truly = [&](Joint j, std::size_t frame) {
    return point(squat["frames"][frame]["joints"][near + std::string(nameOf(j))]);
  };
  PlacedPoints placed;
  placed.frame = 10;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder})
    placed.joints[indexOf(j)] = truly(j, placed.frame);
  JointTracks raw;
  ASSERT_TRUE(trackJoints(passed, *clip, {}, Lift::kSquat, Facing::kUnknown, placed, nullptr, raw));
  const double radius_px = clip->tracks.bar[placed.frame].radius_px;
  for (Joint j : {Joint::kHip, Joint::kKnee}) {
    const JointTrack& track = raw[indexOf(j)];
    double worst = 0.0;
    for (std::size_t f = 0; f < track.size(); ++f)
      worst = std::max(worst, (track[f].p_px - truly(j, f)).norm() / radius_px);
    EXPECT_LT(worst, 0.6) << nameOf(j);
  }
}

// From the set-up through the pull and back: on the floor, where a deadlift is judged, joints are where they
// were placed, rep for rep; at lock-out, where the plate hides the hip, the stated error says so.
TEST_F(OnFilm, ADeadliftersJointsAreCarriedFromTheSetUp) {
  FilmPlan plan = planFromSeed(3, Lift::kDeadlift);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.look.someone_passes = false;
  plan.deadlift.reps.resize(2);
  for (PullPlan& r : plan.deadlift.reps) r.drift_m = r.hips_first_deg = 0.0;
  const fs::path pulled = folder / "deadlift.mp4";
  ASSERT_TRUE(makeFilm(plan, pulled));
  std::ifstream in(truthPathFor(pulled));
  const auto pull = nlohmann::json::parse(in);
  const auto clip = trackBar(pulled);
  ASSERT_TRUE(clip) << clip.error().text;
  const std::string near = plan.from_right ? "right_" : "left_";
  auto truly = [&](Joint j, std::size_t frame) {
    return point(pull["frames"][frame]["joints"][near + std::string(nameOf(j))]);
  };
  PlacedPoints placed;
  placed.frame = pull["events"][0]["start_frame"].get<std::size_t>() - 4;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder})
    placed.joints[indexOf(j)] = truly(j, placed.frame);
  JointTracks raw;
  const auto carried = trackJoints(pulled, *clip, {450.0, plan.load_kg}, Lift::kDeadlift, Facing::kUnknown,
                                   placed, nullptr, raw);
  ASSERT_TRUE(carried) << carried.error().text;
  const double radius_px = clip->tracks.bar[placed.frame].radius_px;
  const auto second = pull["events"][1]["start_frame"].get<std::size_t>(),
             top = pull["events"][1]["top_frame"].get<std::size_t>();
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kShoulder}) {
    const JointSample &low = raw[indexOf(j)][second], &high = raw[indexOf(j)][top];
    EXPECT_LT((low.p_px - truly(j, second)).norm(), 0.15 * radius_px) << nameOf(j);
    EXPECT_LT((high.p_px - truly(j, top)).norm(), 0.7 * radius_px) << nameOf(j);
    EXPECT_LT((high.p_px - truly(j, top)).norm(), 3.0 * std::sqrt(2.0) * high.sd_px) << nameOf(j);
  }
  EXPECT_GT(raw[indexOf(Joint::kHip)][top].sd_px, 2.0 * raw[indexOf(Joint::kHip)][second].sd_px);

  // Read along the way and found at lock-out, joints are nearer there, and as near in the set-up.
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  JointTracks read;
  ASSERT_TRUE(
      trackPlacedJoints(pulled, *clip, {450.0, plan.load_kg}, Lift::kDeadlift, {}, placed, &*network, read));
  double off_read = 0.0, off_moved = 0.0;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kShoulder}) {
    off_read += (read[indexOf(j)][top].p_px - truly(j, top)).norm();
    off_moved += (raw[indexOf(j)][top].p_px - truly(j, top)).norm();
    EXPECT_LT((read[indexOf(j)][second].p_px - truly(j, second)).norm(), 0.15 * radius_px) << nameOf(j);
    EXPECT_EQ(read[indexOf(j)][placed.frame].p_px, *placed.joints[indexOf(j)])
        << "where the coach has put it";
  }
  EXPECT_LT(off_read, off_moved);
  JointTracks none;
  const auto stopped = trackPlacedJoints(pulled, *clip, {450.0, plan.load_kg}, Lift::kDeadlift, {}, placed,
                                         &*network, none, [](double part) { return part < 0.85; });
  ASSERT_FALSE(stopped) << "also while looking at lock-out";
  EXPECT_EQ(stopped.error().remedy, Remedy::kCancelled);
}

TEST(SquareRound, LiesRoundTheHipsTurnedWithTheTrunk) {
  const BodySquare upright = squareRound(Vec2(100, 200), Vec2(100, 120), 300.0);
  EXPECT_EQ(upright.middle_px, Vec2(100, 200));
  EXPECT_NEAR(upright.side_px, 399.0, 1e-9);
  EXPECT_NEAR(upright.turn_rad, 0.0, 1e-12);
  // Folded to the right in the picture: a quarter turn clockwise; to the left the other way.
  EXPECT_NEAR(squareRound(Vec2(100, 200), Vec2(180, 200), 300.0).turn_rad, 0.5 * std::numbers::pi, 1e-12);
  EXPECT_NEAR(squareRound(Vec2(100, 200), Vec2(44, 144), 300.0).turn_rad, -0.25 * std::numbers::pi, 1e-12);
}

// On a dark floor the rim of a dark plate drowns and a painted ring is followed at first; standing still
// elsewhere, the rim shows.
TEST_F(OnFilm, ARimThatDrownsInTheFloorIsFoundAtLockOut) {
  FilmPlan plan = planFromSeed(1, Lift::kDeadlift);
  plan.fps_milli = 15000;
  plan.deadlift.reps.resize(2);
  const fs::path dark = folder / "dark.mp4";
  ASSERT_TRUE(makeFilm(plan, dark));
  std::ifstream in(truthPathFor(dark));
  const auto pull = nlohmann::json::parse(in);
  const auto clip = trackBar(dark);
  ASSERT_TRUE(clip) << clip.error().text;
  std::vector<double> radius;
  for (const BarSample& s : clip->tracks.bar)
    if (s.state == TrackState::kSeen) radius.push_back(s.radius_px);
  ASSERT_GT(radius.size(), clip->tracks.frameCount() / 2);
  std::nth_element(radius.begin(), radius.begin() + static_cast<long>(radius.size() / 2), radius.end());
  EXPECT_NEAR(radius[radius.size() / 2] * pull["scale_plate_mm_per_px"].get<double>() / 225.0, 1.0, 0.02);
}

// While a lifter bends to a dark bar on a dark floor, other circles move and are followed first, or look
// better: the head (seed 4), the back of the hips until the plate comes by (304), the wall's pattern (406),
// the far plate before the wall (409). None of them is the bar.
TEST_F(OnFilm, WhatMovesBeforeThePlateIsNotTakenForIt) {
  for (const auto& [seed, reps] :
       std::map<std::uint32_t, std::size_t>{{4, 1}, {304, 2}, {406, 1}, {409, 1}}) {
    FilmPlan plan = planFromSeed(seed, Lift::kDeadlift);
    plan.deadlift.reps.resize(reps);
    if (seed == 406) {
      plan.width_px = 640;
      plan.height_px = 360;
    }
    const fs::path dark = folder / "dark.mp4";
    ASSERT_TRUE(makeFilm(plan, dark));
    std::ifstream in(truthPathFor(dark));
    const auto pull = nlohmann::json::parse(in);
    const auto clip = trackBar(dark);
    ASSERT_TRUE(clip) << clip.error().text;
    std::size_t seen = 0, exact = 0;
    for (std::size_t i = 0; i < clip->tracks.frameCount(); ++i) {
      const BarSample& s = clip->tracks.bar[i];
      if (s.state != TrackState::kSeen) continue;
      const auto& p = pull["frames"][i]["plate_near"]["px"];
      const double off_px = (s.p_px - Vec2(p[0], p[1])).norm();
      EXPECT_LT(off_px, 0.25 * s.radius_px) << seed << ' ' << i;
      ++seen;
      if (off_px < 2.5) ++exact;
    }
    EXPECT_GT(seen, clip->tracks.frameCount() * 2 / 3) << seed << ", which drowns in the floor for a while";
    EXPECT_GE(exact + 2, seen) << seed << ", but for a picture or two";
  }
}

// From a point in the body outward, in a square that lies turned in the picture.
TEST(BodyMask, EndsWhereTheBodyDoes) {
  BodyMask mask;
  mask.square = {Vec2(400.0, 300.0), 512.0, 0.5 * std::numbers::pi};  // two pixels of the picture to one
  mask.sure = cv::Mat::zeros(256, 256, CV_32F);
  // A trunk that is upright in the square lies in the picture: 40 of its pixels wide, 120 long.
  mask.sure(cv::Rect(108, 68, 40, 120)).setTo(1.0);
  const Vec2 middle(400.0, 300.0);
  const auto down = mask.findEnd(middle, Vec2(0.0, 1.0), 100.0),
             left = mask.findEnd(middle, Vec2(-1.0, 0.0), 200.0);
  ASSERT_TRUE(down && left);
  EXPECT_NEAR(down->y(), 340.0, 1.0);
  EXPECT_NEAR(down->x(), 400.0, 1e-9);
  EXPECT_NEAR(left->x(), 280.0, 1.0);
  EXPECT_FALSE(mask.findEnd(middle, Vec2(-1.0, 0.0), 60.0)) << "the body goes on";
  EXPECT_FALSE(mask.findEnd(Vec2(400.0, 360.0), Vec2(0.0, 1.0), 100.0)) << "not in the body";
  EXPECT_FALSE(mask.findEnd(Vec2(4000.0, 300.0), Vec2(1.0, 0.0), 100.0)) << "outside the square";
  EXPECT_FALSE(BodyMask{}.findEnd(middle, Vec2(0.0, 1.0), 100.0));
}

TEST_F(OnFilm, JointsAreFoundByThemselvesNearWhereTheyAre) {
  const auto clip = trackBar(film);
  ASSERT_TRUE(clip);
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  const auto found = findJoints(film, *clip, {}, Lift::kSquat, {}, *network);
  ASSERT_TRUE(found) << found.error().text;
  const bool left = truth["view"].get<std::string>().find("left") != std::string::npos;
  EXPECT_EQ(found->facing, left ? Facing::kLeft : Facing::kRight);
  const auto& frame = truth["frames"][found->joints.points.frame]["joints"];
  const std::string near = left ? "left_" : "right_";
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder}) {
    const Vec2 e = *found->joints.points.joints[indexOf(j)] - point(frame[near + std::string(nameOf(j))]);
    EXPECT_LT(e.norm(), 3.0 * found->joints.spread.sd_px(j)) << nameOf(j);
  }
  JointTracks raw;
  FoundSpread spread;
  int asked = 0;
  const auto stopped = trackFoundJoints(film, *clip, {}, {Lift::kSquat}, {}, *network, raw, spread,
                                        [&](double) { return ++asked < 4; });
  ASSERT_FALSE(stopped);
  EXPECT_EQ(stopped.error().remedy, Remedy::kCancelled);
}

// Two lift side by side, one of them the other's mirror and 0.7 s later: whose bar is pointed at is the
// lifter, bar and joints.
TEST_F(OnFilm, OfTwoLiftersTheOneWhoseBarIsPointedAtIsFound) {
  const fs::path both = folder / "both.mp4";
  const std::string join =
      "ffmpeg -v error -y -i " + film.string() + " -i " + film.string() +
      " -filter_complex '[1:v]hflip,tpad=start_mode=clone:start_duration=0.7[m];[0:v][m]hstack=shortest=1' "
      "-r 30 " +
      both.string();
  ASSERT_EQ(std::system(join.c_str()), 0);
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  const bool left = truth["view"].get<std::string>().find("left") != std::string::npos;
  auto inBoth = [](const Vec2& p, bool mirrored) { return mirrored ? Vec2(1280.0 - p.x(), p.y()) : p; };
  for (const bool mirrored : {false, true}) {
    TrackSettings settings;
    settings.seed = PlateSeed{0, inBoth(point(truth["frames"][0]["plate_near"]), mirrored), 0.0};
    const auto clip = trackBar(both, settings);
    ASSERT_TRUE(clip) << clip.error().text;
    const auto found = findJoints(both, *clip, {}, Lift::kSquat, {}, *network);
    ASSERT_TRUE(found) << found.error().text;
    EXPECT_EQ(found->facing, left != mirrored ? Facing::kLeft : Facing::kRight);
    const std::size_t at = found->joints.points.frame, later = mirrored ? std::min<std::size_t>(at, 21) : 0;
    const auto& frame = truth["frames"][at - later]["joints"];
    for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder}) {
      const Vec2 truly = inBoth(point(frame[(left ? "left_" : "right_") + std::string(nameOf(j))]), mirrored);
      EXPECT_LT((*found->joints.points.joints[indexOf(j)] - truly).norm(),
                3.0 * found->joints.spread.sd_px(j))
          << nameOf(j);
    }
  }
}

// Lying on a bench, whichever way: read turned upright, and followed as somebody who stays where he lies.
TEST_F(OnFilm, ALyingLiftersJointsAreFoundByThemselves) {
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  for (const bool from_right : {true, false}) {
    FilmPlan plan = planFromSeed(6, Lift::kBench);
    plan.width_px = 640;
    plan.height_px = 360;
    plan.look.someone_passes = false;
    plan.bench.reps.resize(2);
    plan.from_right = from_right;
    const fs::path pressed = folder / (from_right ? "press_right.mp4" : "press_left.mp4");
    ASSERT_TRUE(makeFilm(plan, pressed));
    std::ifstream in(truthPathFor(pressed));
    const auto press = nlohmann::json::parse(in);
    const auto clip = trackBar(pressed);
    ASSERT_TRUE(clip) << clip.error().text;
    JointTracks raw;
    FoundSpread spread;
    const auto found =
        trackFoundJoints(pressed, *clip, {450.0, plan.load_kg}, {Lift::kBench}, {}, *network, raw, spread);
    ASSERT_TRUE(found) << found.error().text;
    ClipTracks tracks = clip->tracks;
    layCorrections(tracks, raw, {}, spread);
    const std::string near = from_right ? "right_" : "left_";
    // The network tells the lifter from the room.
    auto opened = Film::open(pressed);
    FramePicture picture;
    ASSERT_TRUE(opened && opened->readAt(10, picture, Want::kColour));
    auto at = [&](Joint j) { return point(press["frames"][10]["joints"][near + std::string(nameOf(j))]); };
    const double trunk_px = (at(Joint::kHip) - at(Joint::kShoulder)).norm();
    BodyMask mask;
    (void)network->readPoints(picture.bgr, squareRound(at(Joint::kHip), at(Joint::kShoulder), 3.4 * trunk_px),
                              &mask);
    for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle}) {
      EXPECT_TRUE(mask.findEnd(at(j), Vec2(0.0, 1.0), 1.5 * trunk_px)) << nameOf(j);
      EXPECT_FALSE(mask.findEnd(at(j) + Vec2(0.0, -1.5 * trunk_px), Vec2(0.0, 1.0), trunk_px)) << nameOf(j);
    }
    for (const std::size_t frame : {std::size_t{10}, press["events"][1]["bottom_frame"].get<std::size_t>()})
      for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder}) {
        const JointSample& s = tracks.track(j)[frame];
        const Vec2 e = s.p_px - point(press["frames"][frame]["joints"][near + std::string(nameOf(j))]);
        EXPECT_LT(e.norm(), 3.0 * std::sqrt(2.0) * s.sd_px) << nameOf(j) << " on frame " << frame;
        EXPECT_LT(s.sd_px, 0.3 * clip->tracks.bar[frame].radius_px) << nameOf(j);
      }
  }
}

// On this film a network is as sure of a body the wrong way round, whose feet are at the head's end.
TEST_F(OnFilm, ALyingLifterIsNotReadTheWrongWayRound) {
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  FilmPlan plan = planFromSeed(305, Lift::kBench);
  plan.take("gym");
  plan.bench.reps.resize(2);
  const fs::path pressed = folder / "press_either_way.mp4";
  ASSERT_TRUE(makeFilm(plan, pressed));
  std::ifstream in(truthPathFor(pressed));
  const auto press = nlohmann::json::parse(in);
  const auto clip = trackBar(pressed);
  ASSERT_TRUE(clip) << clip.error().text;
  const auto found = findJoints(pressed, *clip, {450.0, plan.load_kg}, Lift::kBench, {}, *network);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_EQ(found->facing, Facing::kRight);
  const PlacedPoints& points = found->joints.points;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kShoulder}) {
    const Vec2 e = *points.joints[indexOf(j)] -
                   point(press["frames"][points.frame]["joints"]["right_" + std::string(nameOf(j))]);
    EXPECT_LT(e.norm(), 4.0 * std::sqrt(2.0) * found->joints.spread.sd_px(j)) << nameOf(j);
  }
}

// A deadlift, whatever the stance: read at lock-out, folded by what bodies can do and by the outline behind
// the bar, which goes with the hips while they are behind it.
TEST_F(OnFilm, ADeadliftersJointsAreFoundByThemselves) {
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network) << network.error().text;
  for (const bool sumo : {false, true}) {
    FilmPlan plan = planFromSeed(3, Lift::kDeadlift);
    plan.width_px = 960;
    plan.height_px = 540;
    plan.look.someone_passes = false;
    const LifterBuild build = plan.deadlift.build;
    plan.deadlift = sumo ? DeadliftPlan::sumo() : DeadliftPlan{};
    plan.deadlift.build = build;
    plan.deadlift.reps.resize(1);
    const fs::path pulled = folder / (sumo ? "sumo.mp4" : "conventional.mp4");
    ASSERT_TRUE(makeFilm(plan, pulled));
    std::ifstream in(truthPathFor(pulled));
    const auto pull = nlohmann::json::parse(in);
    const std::string near = plan.from_right ? "right_" : "left_";
    auto truly = [&](Joint j, std::size_t frame) {
      return point(pull["frames"][frame]["joints"][near + std::string(nameOf(j))]);
    };
    const auto clip = trackBar(pulled);
    ASSERT_TRUE(clip) << clip.error().text;
    const LoadedBar loaded{450.0, plan.load_kg};
    KnownOfLifter lifter;
    lifter.wide_stance = sumo;
    const auto found = findJoints(pulled, *clip, loaded, Lift::kDeadlift, lifter, *network);
    ASSERT_TRUE(found) << found.error().text;
    EXPECT_EQ(found->facing, plan.from_right ? Facing::kRight : Facing::kLeft);
    EXPECT_EQ(found->wide_stance, sumo);
    const PlacedPoints& at = found->joints.points;
    for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder}) {
      const Vec2 e = *at.joints[indexOf(j)] - truly(j, at.frame);
      EXPECT_LT(e.norm(), 3.0 * std::sqrt(2.0) * found->joints.spread.sd_px(j))
          << nameOf(j) << (sumo ? ", sumo" : "");
      EXPECT_LT(e.norm(), 0.4 * clip->tracks.bar[at.frame].radius_px) << nameOf(j) << ": 9 cm";
    }

    const auto camera = estimateCamera(clip->tracks, clip->axis, loaded, found->facing);
    ASSERT_TRUE(camera);
    auto opened = Film::open(pulled);
    const auto start = pull["events"][0]["start_frame"].get<std::size_t>(),
               end = pull["events"][0]["end_frame"].get<std::size_t>();
    const Vec2& floor = clip->tracks.bar[start].p_px;
    auto outline = BackOutline::learnRoom(*opened, clip->tracks.bar, start, end, floor, camera->camera);
    ASSERT_TRUE(outline);
    auto hipBefore = [&](std::size_t frame) -> std::optional<Vec2> {
      FramePicture picture;
      EXPECT_TRUE(opened->readAt(frame, picture, Want::kColour).value_or(false));
      outline->look(picture.bgr, clip->tracks.bar[frame].p_px);
      const auto hindmost = outline->findHindmost();
      if (!hindmost) return std::nullopt;
      return truly(Joint::kHip, frame) - *hindmost;
    };
    const auto low = hipBefore(start - 4), lifted = hipBefore(start + 8), again = hipBefore(end + 4);
    ASSERT_TRUE(low && lifted && again);
    const double cm = 10.0 / camera->camera.mmPerPx(0.1);
    EXPECT_NEAR(low->x() * (plan.from_right ? 1.0 : -1.0), 11.0 * cm, 4.0 * cm);
    EXPECT_LT((*lifted - *low).norm(), 2.5 * cm);
    EXPECT_LT((*again - *low).norm(), 2.5 * cm);
  }
}

// Filmed in a mirror, or by a phone that stores what it shows: the same set from the other side.
TEST_F(OnFilm, AMirroredFilmIsTheSameSetFromTheOtherSide) {
  const fs::path mirrored = folder / "mirrored.mp4";
  ASSERT_EQ(
      std::system(
          ("ffmpeg -v error -y -i " + film.string() + " -vf hflip -crf 14 " + mirrored.string()).c_str()),
      0);
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network);
  auto measured = [&](const fs::path& path) {
    auto clip = trackBar(path);
    JointTracks raw;
    FoundSpread spread;
    EXPECT_TRUE(trackFoundJoints(path, *clip, {}, {Lift::kSquat}, {}, *network, raw, spread));
    layCorrections(clip->tracks, raw, {}, spread);
    return *analyse(clip->tracks, clip->axis, {}, builtInRuleBook());
  };
  const Analysis plain = measured(film), mirror = measured(mirrored);
  EXPECT_NE(plain.facing, mirror.facing);
  ASSERT_EQ(plain.measures.size(), mirror.measures.size());
  for (std::size_t i = 0; i < plain.measures.size(); ++i) {
    const Measure &a = plain.measures[i], &b = mirror.measures[i];
    EXPECT_EQ(a.id, b.id);
    if (a.status != MeasureStatus::kOk || b.status != MeasureStatus::kOk) continue;
    EXPECT_LE(std::abs(a.value.value - b.value.value), 1.5 * (a.value.sd + b.value.sd))
        << definitionOf(a.id).name;
  }
}

// A film that stands on its head goes the way of another lift; an empty room and a bar that nobody lifts are
// no set.
TEST_F(OnFilm, OnItsHeadOrWithoutALifterItIsSaid) {
  auto made = [&](const char* name, const std::string& arguments) {
    const fs::path out = folder / name;
    EXPECT_EQ(std::system(("ffmpeg -v error -y " + arguments + " -pix_fmt yuv420p " + out.string()).c_str()),
              0);
    return out;
  };
  const auto turned = trackBar(made("on_its_head.mp4", "-i " + film.string() + " -vf hflip,vflip"));
  ASSERT_TRUE(turned);
  const auto a = analyse(turned->tracks, turned->axis, {}, builtInRuleBook());
  if (a) {
    EXPECT_EQ(std::count(a->warnings.begin(), a->warnings.end(), Warning::kOtherWay), 1);
  } else {
    EXPECT_NE(a.error().text.find("stands on its head"), std::string::npos) << a.error().text;
  }
  // Nobody has said the lift: the lifter tells, where the plate does not hide the head.
  FilmPlan plan = planFromSeed(3);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.squat.reps.resize(1);
  ASSERT_TRUE(makeFilm(plan, folder / "another.mp4"));
  const fs::path head_down =
      made("head_down.mp4", "-i " + (folder / "another.mp4").string() + " -vf hflip,vflip");
  const auto down = trackBar(head_down);
  ASSERT_TRUE(down);
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network);
  JointTracks raw;
  FoundSpread spread;
  const auto found = trackFoundJoints(head_down, *down, {}, {Lift::kDeadlift}, {}, *network, raw, spread);
  ASSERT_FALSE(found);
  EXPECT_NE(found.error().text.find("head is below the feet"), std::string::npos) << found.error().text;
  const auto upright = trackBar(film);
  const auto b = analyse(upright->tracks, upright->axis, {}, builtInRuleBook());
  ASSERT_TRUE(b);
  EXPECT_EQ(std::count(b->warnings.begin(), b->warnings.end(), Warning::kOtherWay), 0);

  made("first.png", "-i " + film.string() + " -frames:v 1");
  const auto nobody = trackBar(made("nobody_lifts.mp4", "-loop 1 -i " + (folder / "first.png").string() +
                                                            " -t 3 -r 30 -vf noise=alls=6:allf=t"));
  ASSERT_FALSE(nobody);
  EXPECT_NE(nobody.error().text.find("No plate moves"), std::string::npos) << nobody.error().text;
  const auto empty = trackBar(
      made("empty_room.mp4", "-f lavfi -i color=c=gray:s=640x360:r=30:d=3 -vf noise=alls=10:allf=t"));
  ASSERT_FALSE(empty);
  EXPECT_NE(empty.error().text.find("No plate was found"), std::string::npos) << empty.error().text;
  for (const auto* clip : {&nobody, &empty})
    EXPECT_EQ(clip->error().text.find("“"), 0u) << "the file is named: " << clip->error().text;
}

TEST(BodyPointNetwork, AMissingOrDamagedModelIsNamed) {
  const auto folder = fs::temp_directory_path() / ("mottix_models_" + std::to_string(getpid()));
  fs::create_directories(folder);
  auto none = BodyPointNetwork::load(folder);
  ASSERT_FALSE(none);
  EXPECT_EQ(none.error().remedy, Remedy::kMarkByHand);
  EXPECT_NE(none.error().text.find("body_points.onnx"), std::string::npos);
  std::ofstream(folder / "body_points.onnx") << "no network at all";
  none = BodyPointNetwork::load(folder);
  ASSERT_FALSE(none);
  EXPECT_NE(none.error().text.find("damaged"), std::string::npos);
  fs::remove_all(folder);
}

TEST(BodyPointNetwork, SeesNobodyInAnEmptyPicture) {
  auto network = BodyPointNetwork::load(MOTTIX_MODELS);
  ASSERT_TRUE(network);
  const cv::Mat gray(360, 640, CV_8UC3, cv::Scalar::all(128));
  EXPECT_LT(network->readPoints(gray, {Vec2(320, 180), 300.0, 0.0}).presence, 0.5);
  // Mostly outside the picture is no reason to fail.
  EXPECT_LT(network->readPoints(gray, {Vec2(-400, 900), 300.0, 0.5}).presence, 0.5);
}

TEST(BodyPointNetwork, LeftAndRightAreTheLiftersOwn) {
  std::set<std::size_t> used;
  for (std::size_t j = 0; j < kSideJointCount; ++j)
    for (BodySide side : {BodySide::kLeft, BodySide::kRight})
      EXPECT_TRUE(used.insert(bodyPointOf(static_cast<Joint>(j), side)).second) << j;
  EXPECT_EQ(bodyPointOf(Joint::kHip, BodySide::kRight), bodyPointOf(Joint::kHip, BodySide::kLeft) + 1);
}

TEST_F(OnFilm, AJointThatIsMissingIsNamed) {
  const auto clip = trackBar(film);
  PlacedPoints placed;
  placed.joints[indexOf(Joint::kHip)] = Vec2(1, 1);
  JointTracks raw;
  const auto carried = trackJoints(film, *clip, {}, Lift::kSquat, Facing::kRight, placed, nullptr, raw);
  ASSERT_FALSE(carried);
  EXPECT_EQ(carried.error().remedy, Remedy::kMarkByHand);
  EXPECT_NE(carried.error().text.find("knee"), std::string::npos);
}

TEST_F(OnFilm, StopsWhenAsked) {
  int calls = 0;
  const auto clip = trackBar(film, {}, [&](double) { return ++calls < 3; });
  ASSERT_FALSE(clip);
  EXPECT_EQ(clip.error().remedy, Remedy::kCancelled);
}

TEST_F(OnFilm, ATruncatedFilmIsRefusedWithItsName) {
  const fs::path cut = folder / "cut.mp4";
  fs::copy_file(film, cut, fs::copy_options::overwrite_existing);
  fs::resize_file(cut, fs::file_size(cut) / 2);
  const auto clip = trackBar(cut);
  // The index of this MP4 stands at its end, so that a cut one cannot be read at all.
  ASSERT_FALSE(clip);
  EXPECT_NE(clip.error().text.find("cut.mp4"), std::string::npos);
}

TEST_F(OnFilm, WhatIsNoFilmIsSaidWithItsName) {
  std::ofstream(folder / "letter.mp4") << "Dear coach, " << std::string(5000, 'x');
  std::ofstream(folder / "empty.mp4");
  for (const char* name : {"letter.mp4", "empty.mp4", "gone.mp4"}) {
    const auto clip = trackBar(folder / name);
    ASSERT_FALSE(clip) << name;
    EXPECT_EQ(clip.error().remedy, Remedy::kChooseAnotherFile);
    EXPECT_NE(clip.error().text.find(name), std::string::npos) << clip.error().text;
  }
  EXPECT_FALSE(trackBar(folder));
}

TEST_F(OnFilm, NoPlateAndAPlateThatDoesNotMoveAreSaid) {
  for (bool plate : {false, true}) {
    const fs::path path = folder / "still.mp4";
    auto writer = FilmWriter::create(path, 640, 360, 30000);
    ASSERT_TRUE(writer);
    cv::Mat picture(360, 640, CV_8UC3, cv::Scalar(150, 150, 150));
    if (plate) cv::circle(picture, {320, 180}, 60, cv::Scalar(30, 30, 30), cv::FILLED, cv::LINE_AA);
    for (int i = 0; i < 40; ++i) ASSERT_TRUE(writer->write(picture));
    ASSERT_TRUE(writer->finish());
    const auto clip = trackBar(path);
    ASSERT_FALSE(clip);
    EXPECT_EQ(clip.error().remedy, Remedy::kMarkByHand);
    EXPECT_NE(clip.error().text.find(plate ? "moves" : "No plate"), std::string::npos) << clip.error().text;
  }
}

TEST_F(OnFilm, TwoMovingPlatesAreNoticed) {
  const fs::path path = folder / "two.mp4";
  auto writer = FilmWriter::create(path, 640, 360, 30000);
  ASSERT_TRUE(writer);
  for (int i = 0; i < 90; ++i) {
    cv::Mat picture(360, 640, CV_8UC3, cv::Scalar(170, 170, 170));
    const int y = 120 + static_cast<int>(60.0 * (1.0 - std::cos(i * 0.14)));
    cv::circle(picture, {180, y}, 45, cv::Scalar(30, 30, 30), cv::FILLED, cv::LINE_AA);
    cv::circle(picture, {460, y}, 44, cv::Scalar(30, 30, 30), cv::FILLED, cv::LINE_AA);
    ASSERT_TRUE(writer->write(picture));
  }
  ASSERT_TRUE(writer->finish());
  const auto clip = trackBar(path);
  ASSERT_TRUE(clip) << clip.error().text;
  EXPECT_TRUE(clip->two_plates);
}

TEST_F(OnFilm, TheRotationFlagIsApplied) {
  // The same film with a quarter turn noted in it, as a phone writes it.
  const fs::path turned = folder / "turned.mp4";
  const std::string command =
      "ffmpeg -v error -y -i " + film.string() + " -c copy -metadata:s:v:0 rotate=90 " + turned.string();
  ASSERT_EQ(std::system(command.c_str()), 0);
  auto plain = Film::open(film), flagged = Film::open(turned);
  ASSERT_TRUE(flagged);
  EXPECT_EQ(flagged->info().width_px, 360);
  EXPECT_EQ(flagged->info().height_px, 640);
  EXPECT_NE(flagged->info().rotation_deg % 180, 0);
  FramePicture a, b;
  ASSERT_TRUE(plain->readAt(5, a, Want::kGray));
  ASSERT_TRUE(flagged->readAt(5, b, Want::kGray));
  cv::Mat expected;
  cv::rotate(a.gray, expected,
             flagged->info().rotation_deg == 90 ? cv::ROTATE_90_CLOCKWISE : cv::ROTATE_90_COUNTERCLOCKWISE);
  EXPECT_EQ(cv::norm(expected, b.gray, cv::NORM_INF), 0.0);
}

TEST_F(OnFilm, SoundAloneAndTinyPicturesAreRefused) {
  const fs::path sound = folder / "sound.m4a", tiny = folder / "tiny.mp4";
  ASSERT_EQ(std::system(("ffmpeg -v error -y -f lavfi -i sine=d=1 -c:a aac " + sound.string()).c_str()), 0);
  ASSERT_EQ(std::system(("ffmpeg -v error -y -f rawvideo -s 1x1 -pix_fmt gray -i /dev/zero -frames:v 5 -c:v "
                         "png -f matroska " +
                         tiny.string())
                            .c_str()),
            0);
  EXPECT_NE(trackBar(sound).error().text.find("no moving picture"), std::string::npos);
  EXPECT_EQ(trackBar(tiny).error().remedy, Remedy::kFilmAgain);
}

}  // namespace
}  // namespace mottix
