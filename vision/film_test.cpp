// Films as phones and cameras write them: other containers and codecs, uneven times, cut and damaged files;
// and the bar behind a passer-by.
#include "vision/film.h"

#include <unistd.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <fstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>

#include "media/film_writer.h"
#include "synth/film_maker.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class Films : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_film_" + std::to_string(getpid()));
    fs::create_directories(folder);
    auto writer = FilmWriter::create(folder / "plain.mp4", 192, 108, 25000);
    ASSERT_TRUE(writer);
    // Every frame carries its own number as a grey level.
    for (int i = 0; i < 90; ++i) {
      cv::Mat picture(108, 192, CV_8UC3, cv::Scalar::all(40 + 2 * i));
      ASSERT_TRUE(writer->write(picture));
    }
    ASSERT_TRUE(writer->finish());
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }
  static bool convert(const std::string& arguments, const std::string& to) {
    const std::string command = "ffmpeg -v error -y -i " + (folder / "plain.mp4").string() + " " + arguments +
                                " " + (folder / to).string();
    return std::system(command.c_str()) == 0;
  }
  static int numberIn(const cv::Mat& gray) {
    return static_cast<int>(std::lround((cv::mean(gray)[0] - 40.0) / 2.0));
  }
  static fs::path folder;
};
fs::path Films::folder;

struct Kind {
  const char *arguments, *file;
};

// What phones, cameras and chat programs write. One film each, made here from the same pictures.
class Kinds : public Films, public testing::WithParamInterface<Kind> {};

TEST_P(Kinds, AreReadFrameByFrame) {
  ASSERT_TRUE(convert(GetParam().arguments, GetParam().file));
  auto film = Film::open(folder / GetParam().file);
  ASSERT_TRUE(film) << film.error().text;
  EXPECT_EQ(film->frameCount(), 90u);
  EXPECT_FALSE(film->info().variable_rate);
  FramePicture picture;
  for (std::size_t index : {0u, 44u, 43u, 89u, 10u, 60u}) {
    auto got = film->readAt(index, picture, Want::kGray);
    ASSERT_TRUE(got && *got) << index;
    EXPECT_EQ(picture.index, index);
    EXPECT_NEAR(picture.time_s, static_cast<double>(index) / 25.0, 0.002);
    EXPECT_EQ(picture.gray.size(), cv::Size(film->info().width_px, film->info().height_px));
  }
  // The picture's own number says that it is the asked one (video range keeps levels in proportion).
  ASSERT_TRUE(film->readAt(20, picture, Want::kGray));
  const double at20 = cv::mean(picture.gray)[0];
  ASSERT_TRUE(film->readAt(60, picture, Want::kColour));
  EXPECT_GT(cv::mean(picture.bgr)[0], at20 + 40.0);
}

INSTANTIATE_TEST_SUITE_P(
    All, Kinds,
    testing::Values(Kind{"-c copy", "h264.mkv"}, Kind{"-c:v libx264 -bf 3 -g 30", "h264.mp4"},
                    Kind{"-c:v libx264 -profile:v high10 -pix_fmt yuv420p10le", "h264_10bit.mp4"},
                    Kind{"-c:v libx265 -x265-params log-level=none -tag:v hvc1", "h265.mov"},
                    Kind{"-c:v libx265 -x265-params log-level=none -pix_fmt yuv420p10le", "h265_10bit.mkv"},
                    Kind{"-c:v libvpx-vp9 -b:v 0 -crf 20 -deadline realtime", "vp9.webm"},
                    Kind{
                        "-c:v libvpx-vp9 -profile:v 2 -pix_fmt yuv420p10le -b:v 0 -crf 20 -deadline realtime",
                        "vp9_10bit.webm"},
                    Kind{"-c:v libaom-av1 -cpu-used 8 -crf 30", "av1.mp4"},
                    Kind{"-c:v libaom-av1 -cpu-used 8 -crf 30 -pix_fmt yuv420p10le", "av1_10bit.mkv"},
                    Kind{"-c:v mpeg4 -q:v 2", "mpeg4.avi"}, Kind{"-c:v mpeg4 -q:v 2", "mpeg4.mp4"},
                    Kind{"-c:v mjpeg -q:v 2", "mjpeg.mov"}, Kind{"-c:v mjpeg -q:v 2", "mjpeg.avi"},
                    Kind{"-vf scale=191:107 -c:v mjpeg -pix_fmt yuvj444p", "odd.mov"},
                    Kind{"-vf scale=3840:2160 -c:v libx264 -preset ultrafast", "large.mp4"}),
    [](const testing::TestParamInfo<Kind>& kind) {
      std::string name(kind.param.file);
      std::replace(name.begin(), name.end(), '.', '_');
      return name;
    });

TEST_F(Films, HighRatesAreKept) {
  for (int rate : {60, 120, 240}) {
    const std::string file = "fast" + std::to_string(rate) + ".mp4";
    ASSERT_TRUE(convert("-vf setpts=N/" + std::to_string(rate) + "/TB -r " + std::to_string(rate), file));
    auto film = Film::open(folder / file);
    ASSERT_TRUE(film) << film.error().text;
    EXPECT_EQ(film->frameCount(), 90u);
    EXPECT_NEAR(film->times_s().back(), 89.0 / rate, 1e-3);
    EXPECT_EQ(film->info().slowed_by, 1.0);
  }
}

TEST_F(Films, SlowMotionWhoseFileTellsItsRateIsPlayedAsLived) {
  ASSERT_TRUE(
      convert("-c copy -movflags use_metadata_tags -metadata com.android.capture.fps=200", "slow.mp4"));
  auto film = Film::open(folder / "slow.mp4");
  ASSERT_TRUE(film) << film.error().text;
  EXPECT_NEAR(film->info().slowed_by, 8.0, 0.01);
  EXPECT_NEAR(film->times_s()[40], 40.0 / 200.0, 1e-3);
  EXPECT_NEAR(film->info().duration_s, 90.0 / 200.0, 1e-3);
  ASSERT_TRUE(
      convert("-c copy -movflags use_metadata_tags -metadata com.android.capture.fps=25.2", "same.mp4"));
  EXPECT_EQ(Film::open(folder / "same.mp4")->info().slowed_by, 1.0);
}

TEST_F(Films, PixelsThatAreNotSquareAreMadeSo) {
  ASSERT_TRUE(convert("-vf setsar=4/3", "wide.mp4"));
  auto film = Film::open(folder / "wide.mp4");
  ASSERT_TRUE(film) << film.error().text;
  EXPECT_EQ(film->info().width_px, 256);
  EXPECT_EQ(film->info().height_px, 108);
  FramePicture picture;
  ASSERT_TRUE(film->readAt(30, picture, Want::kGray));
  EXPECT_EQ(picture.gray.size(), cv::Size(256, 108));
  ASSERT_TRUE(film->readAt(30, picture, Want::kColour));
  EXPECT_EQ(picture.bgr.size(), cv::Size(256, 108));
}

TEST_F(Films, HalfPicturesAreRefusedWithTheReason) {
  ASSERT_TRUE(convert("-vf scale=192:128 -c:v libx264 -flags +ilme+ildct -x264-params tff=1", "torn.mp4"));
  const auto film = Film::open(folder / "torn.mp4");
  ASSERT_FALSE(film);
  EXPECT_EQ(film.error().remedy, Remedy::kFilmAgain);
  EXPECT_NE(film.error().text.find("torn.mp4"), std::string::npos);
  EXPECT_NE(film.error().text.find("interlaced"), std::string::npos);
}

// Finds a box of an MP4 file and writes 32-bit numbers into it, at an offset from the end of its name.
void patchBox(const fs::path& path, const std::string& box, std::size_t offset,
              const std::vector<std::int32_t>& numbers) {
  std::ifstream in(path, std::ios::binary);
  std::string bytes((std::istreambuf_iterator<char>(in)), {});
  const auto at = bytes.find(box);
  ASSERT_NE(at, std::string::npos);
  std::size_t to = at + 4 + offset;
  for (std::int32_t n : numbers)
    for (int shift = 24; shift >= 0; shift -= 8)
      bytes.at(to++) = static_cast<char>((static_cast<std::uint32_t>(n) >> shift) & 0xFF);
  std::ofstream(path, std::ios::binary) << bytes;
}

TEST_F(Films, AMirroredFilmIsShownAsItsFileSays) {
  // One bright side; the display matrix of the track header exchanges left and right, as a front camera
  // writes it.
  ASSERT_TRUE(convert("-vf drawbox=x=0:y=0:w=96:h=108:color=white:t=fill", "mirrored.mp4"));
  constexpr std::int32_t kOne = 1 << 16;
  const auto meanOf = [&](int x) {
    auto film = Film::open(folder / "mirrored.mp4");
    FramePicture picture;
    EXPECT_TRUE(film && film->readAt(5, picture, Want::kGray));
    return cv::mean(picture.gray(cv::Rect(x, 20, 60, 60)))[0];
  };
  EXPECT_GT(meanOf(10), meanOf(120) + 100.0);
  patchBox(folder / "mirrored.mp4", "tkhd", 40, {-kOne, 0, 0, 0, kOne, 0, 192 * kOne, 0, 1 << 30});
  EXPECT_TRUE(Film::open(folder / "mirrored.mp4")->info().mirrored);
  EXPECT_EQ(Film::open(folder / "mirrored.mp4")->info().rotation_deg, 0);
  EXPECT_LT(meanOf(10), meanOf(120) - 100.0);
  // Upside down and mirrored: top and bottom exchanged, left and right as stored.
  patchBox(folder / "mirrored.mp4", "tkhd", 40, {kOne, 0, 0, 0, -kOne, 0, 0, 108 * kOne, 1 << 30});
  EXPECT_GT(meanOf(10), meanOf(120) + 100.0);
}

TEST_F(Films, EveryQuarterTurnIsApplied) {
  ASSERT_TRUE(convert("-vf drawbox=x=0:y=0:w=96:h=54:color=white:t=fill", "upright.mp4"));
  constexpr std::int32_t kOne = 1 << 16;
  struct Turn {
    int clockwise_deg;
    std::vector<std::int32_t> matrix;
    cv::Point bright;  // in quarters of the displayed picture
  };
  for (const Turn& turn : {Turn{0, {kOne, 0, 0, 0, kOne, 0, 0, 0, 1 << 30}, {0, 0}},
                           Turn{90, {0, kOne, 0, -kOne, 0, 0, 108 * kOne, 0, 1 << 30}, {1, 0}},
                           Turn{180, {-kOne, 0, 0, 0, -kOne, 0, 192 * kOne, 108 * kOne, 1 << 30}, {1, 1}},
                           Turn{270, {0, -kOne, 0, kOne, 0, 0, 0, 192 * kOne, 1 << 30}, {0, 1}}}) {
    patchBox(folder / "upright.mp4", "tkhd", 40, turn.matrix);
    auto film = Film::open(folder / "upright.mp4");
    ASSERT_TRUE(film);
    EXPECT_EQ(film->info().rotation_deg, turn.clockwise_deg);
    FramePicture picture;
    ASSERT_TRUE(film->readAt(5, picture, Want::kGray));
    const cv::Size half(film->info().width_px / 2, film->info().height_px / 2);
    for (int x : {0, 1})
      for (int y : {0, 1}) {
        const double luma = cv::mean(picture.gray(
            cv::Rect(x * half.width + 5, y * half.height + 5, half.width - 10, half.height - 10)))[0];
        EXPECT_EQ(luma > 150.0, cv::Point(x, y) == turn.bright) << turn.clockwise_deg << " at " << x << y;
      }
  }
}

TEST_F(Films, TimeStampsThatManyPicturesShareAreRefused) {
  ASSERT_TRUE(convert("-c:v libx264 -bf 0", "stuck.mp4"));
  patchBox(folder / "stuck.mp4", "stts", 4, {1, 90, 0});
  const auto film = Film::open(folder / "stuck.mp4");
  ASSERT_FALSE(film);
  EXPECT_NE(film.error().text.find("time stamps"), std::string::npos) << film.error().text;
}

TEST_F(Films, ASinglePictureIsNoSet) {
  ASSERT_TRUE(convert("-frames:v 1", "one.mp4"));
  const auto clip = trackBar(folder / "one.mp4");
  ASSERT_FALSE(clip);
  EXPECT_NE(clip.error().text.find("only 1 picture."), std::string::npos) << clip.error().text;
}

TEST_F(Films, UnevenTimesAreKept) {
  ASSERT_TRUE(convert("-vf select='not(eq(mod(n\\,5)\\,3))' -vsync vfr", "uneven.mp4"));
  auto film = Film::open(folder / "uneven.mp4");
  ASSERT_TRUE(film) << film.error().text;
  EXPECT_TRUE(film->info().variable_rate);
  EXPECT_EQ(film->frameCount(), 72u);
  const auto& t = film->times_s();
  EXPECT_NEAR(t[3] - t[2], 0.08, 0.002);
  EXPECT_NEAR(t[2] - t[1], 0.04, 0.002);
  EXPECT_NEAR(film->info().duration_s, 90.0 / 25.0, 0.09);
}

TEST_F(Films, ColourAndGreyShowTheSameFrame) {
  auto film = Film::open(folder / "plain.mp4");
  FramePicture gray, colour;
  ASSERT_TRUE(film->readAt(33, gray, Want::kGray));
  ASSERT_TRUE(film->readAt(33, colour, Want::kColour));
  EXPECT_EQ(colour.bgr.size(), gray.gray.size());
  EXPECT_EQ(colour.index, gray.index);
  EXPECT_NEAR(cv::mean(colour.bgr)[0], 40.0 + 66.0, 4.0);
}

TEST_F(Films, GoingBackwardVisitsEveryFrameOnce) {
  auto film = Film::open(folder / "plain.mp4");
  std::vector<std::size_t> visited;
  ASSERT_TRUE(readBackward(*film, 70, Want::kGray, [&](const FramePicture& p) {
    visited.push_back(p.index);
    EXPECT_FALSE(p.gray.empty());
    return true;
  }));
  ASSERT_EQ(visited.size(), 71u);
  for (std::size_t i = 0; i < visited.size(); ++i) EXPECT_EQ(visited[i], 70 - i);
  const auto stopped = readBackward(*film, 70, Want::kGray, [](const FramePicture&) { return false; });
  EXPECT_EQ(stopped.error().remedy, Remedy::kCancelled);
}

TEST_F(Films, LimitsAreHeld) {
  FilmLimits limits;
  limits.max_frames = 50;
  EXPECT_NE(Film::open(folder / "plain.mp4", limits).error().text.find("longer"), std::string::npos);
  limits = {};
  limits.max_side_px = 100;
  EXPECT_FALSE(Film::open(folder / "plain.mp4", limits));
  limits = {};
  limits.min_side_px = 150;
  EXPECT_EQ(Film::open(folder / "plain.mp4", limits).error().remedy, Remedy::kFilmAgain);
}

TEST_F(Films, DamageInTheMiddleDoesNotStopTheRest) {
  ASSERT_TRUE(convert("-c:v libx264 -g 15", "damaged.mp4"));
  std::fstream file(folder / "damaged.mp4", std::ios::in | std::ios::out | std::ios::binary);
  file.seekg(0, std::ios::end);
  const auto size = static_cast<long>(file.tellg());
  file.seekp(size / 2);
  for (int i = 0; i < 64; ++i) file.put(static_cast<char>(0xA5));
  file.close();
  auto film = Film::open(folder / "damaged.mp4");
  if (!film) {
    EXPECT_NE(film.error().text.find("damaged.mp4"), std::string::npos);
    return;
  }
  FramePicture picture;
  std::size_t last = 0, count = 0;
  for (auto got = film->readNext(picture, Want::kGray); got && *got;
       got = film->readNext(picture, Want::kGray)) {
    EXPECT_TRUE(count == 0 || picture.index > last);
    last = picture.index;
    ++count;
  }
  EXPECT_GE(count, 45u);
}

TEST_F(Films, AnyCutOfAFilmIsReadOrRefusedWithItsName) {
  const auto whole = fs::file_size(folder / "plain.mp4");
  for (int part = 1; part < 12; ++part) {
    const fs::path cut = folder / "cut.mp4";
    fs::copy_file(folder / "plain.mp4", cut, fs::copy_options::overwrite_existing);
    fs::resize_file(cut, whole * static_cast<unsigned>(part) / 12);
    auto film = Film::open(cut);
    if (!film) {
      EXPECT_NE(film.error().text.find("cut.mp4"), std::string::npos);
      continue;
    }
    FramePicture picture;
    std::size_t count = 0;
    for (auto got = film->readNext(picture, Want::kGray); got && *got && count < 1000;
         got = film->readNext(picture, Want::kGray))
      ++count;
    EXPECT_LE(count, 90u);
  }
}

TEST_F(Films, TheHashIsThatOfTheContent) {
  std::ofstream(folder / "abc.txt") << "abc";
  EXPECT_EQ(*computeSha256(folder / "abc.txt"),
            "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
  EXPECT_FALSE(computeSha256(folder / "gone.txt"));
}

TEST_F(Films, TheSearchOptionsRefuseNonsense) {
  TrackSettings settings;
  settings.plate.bridge_s = -1.0;
  EXPECT_NE(trackBar(folder / "plain.mp4", settings).error().text.find("bridge_s"), std::string::npos);
  settings = {};
  settings.plate.max_radius_of_height = 0.9;
  EXPECT_EQ(trackBar(folder / "plain.mp4", settings).error().remedy, Remedy::kCorrectInput);
  settings = {};
  settings.seed = PlateSeed{5000, Vec2(10, 10), 0.0};
  EXPECT_EQ(trackBar(folder / "plain.mp4", settings).error().remedy, Remedy::kCorrectInput);
}

// The simulated camera's own: each codec in a container that takes it, three of them stored turned, pictures
// at uneven times.
TEST_F(Films, WhatTheSimulatedCameraWritesComesBackUprightAndAtItsTimes) {
  struct Written {
    const char *codec, *file;
    int rotation_deg;
  };
  for (const Written& w : {Written{"h264", "w.mp4", 90},
                           {"hevc", "w.mov", 270},
                           {"vp9", "w.webm", 0},
                           {"av1", "w.mkv", 0},
                           {"mpeg4", "w.mp4", 180},
                           {"mjpeg", "w.avi", 0}}) {
    const bool evenly = std::string(w.file).ends_with("avi");
    auto writer = FilmWriter::create(folder / w.file, 192, 108, 25000, {w.codec, w.rotation_deg});
    ASSERT_TRUE(writer) << w.codec << ": " << writer.error().text;
    std::vector<double> times;
    for (int i = 0; i < 20; ++i) {
      cv::Mat picture(108, 192, CV_8UC3, cv::Scalar::all(40));
      picture(cv::Rect(0, 0, 96, 54)) = cv::Scalar::all(100 + 4 * i);  // the corner at the top left
      times.push_back(0.04 * i + (evenly || i % 3 != 1 ? 0.0 : 0.012));
      ASSERT_TRUE(writer->write(picture, times.back())) << w.codec;
    }
    ASSERT_TRUE(writer->finish());
    auto film = Film::open(folder / w.file);
    ASSERT_TRUE(film) << w.codec << ": " << film.error().text;
    EXPECT_EQ(film->info().width_px, 192) << w.codec;
    EXPECT_EQ(film->info().rotation_deg, w.rotation_deg) << w.codec;
    ASSERT_EQ(film->frameCount(), times.size()) << w.codec;
    FramePicture picture;
    for (std::size_t i = 0; i < times.size(); ++i) {
      ASSERT_TRUE(film->readNext(picture, Want::kColour).value_or(false)) << w.codec << ' ' << i;
      EXPECT_NEAR(picture.time_s, times[i], 0.0011) << w.codec << ' ' << i;
      EXPECT_NEAR(cv::mean(picture.bgr(cv::Rect(20, 10, 50, 30)))[0], 100.0 + 4.0 * static_cast<double>(i),
                  6.0)
          << w.codec << ' ' << i;
      EXPECT_NEAR(cv::mean(picture.bgr(cv::Rect(120, 70, 50, 30)))[0], 40.0, 6.0) << w.codec << ' ' << i;
    }
  }
  EXPECT_EQ(FilmWriter::create(folder / "w.mkv", 192, 108, 25000, {"h264", 90}).error().remedy,
            Remedy::kCorrectInput);
  EXPECT_EQ(FilmWriter::create(folder / "w.txt", 192, 108, 25000).error().remedy, Remedy::kCorrectInput);
  EXPECT_EQ(FilmWriter::create(folder / "w.mp4", 192, 108, 25000, {"smoke", 0}).error().remedy,
            Remedy::kCorrectInput);
}

struct PlateCourse {
  double highest_px = 130.0, travel_px = 110.0;
  int millihertz = 30000;  // pictures
  double light = 1.0;
};

// A plate that goes up and down, drawn sharp; `covered` hides it on some frames.
fs::path movingPlate(const fs::path& folder, const char* name, int frames,
                     const std::function<bool(int)>& covered, const PlateCourse& course = {}) {
  const fs::path path = folder / name;
  auto writer = FilmWriter::create(path, 640, 360, course.millihertz);
  EXPECT_TRUE(writer);
  for (int i = 0; i < frames; ++i) {
    cv::Mat picture(360, 640, CV_8UC3, cv::Scalar(165, 170, 160));
    const double y =
        course.highest_px + 0.5 * course.travel_px * (1.0 - std::cos(i * 2.0 * 3.14159265 / 60.0));
    cv::circle(picture, {static_cast<int>(320 * 16), static_cast<int>(std::lround(y * 16))}, 50 * 16,
               cv::Scalar(35, 35, 38), cv::FILLED, cv::LINE_AA, 4);
    cv::circle(picture, {static_cast<int>(320 * 16), static_cast<int>(std::lround(y * 16))}, 12 * 16,
               cv::Scalar(150, 150, 150), cv::FILLED, cv::LINE_AA, 4);
    if (covered(i)) cv::rectangle(picture, {200, 0}, {460, 360}, cv::Scalar(90, 110, 100), cv::FILLED);
    picture *= course.light;
    EXPECT_TRUE(writer->write(picture));
  }
  EXPECT_TRUE(writer->finish());
  return path;
}

bool never(int) {
  return false;
}

TEST_F(Films, AShortCoverUpIsBridgedFromBothEndsAndTakenUpAgain) {
  const auto clip =
      trackBar(movingPlate(folder, "short.mp4", 180, [](int i) { return i >= 100 && i < 108; }));
  ASSERT_TRUE(clip) << clip.error().text;
  const auto& bar = clip->tracks.bar;
  for (std::size_t i = 101; i < 107; ++i) {
    EXPECT_EQ(bar[i].state, TrackState::kBridged) << i;
    EXPECT_LE(bar[i].sd_px, std::max(bar[103].sd_px, bar[104].sd_px)) << i << ": the middle is known least";
    EXPECT_GT(bar[i].sd_px, bar[98].sd_px) << i;
    const double y = 130.0 + 55.0 * (1.0 - std::cos(static_cast<double>(i) * 2.0 * 3.14159265 / 60.0));
    EXPECT_LT(std::abs(bar[i].p_px.y() - 0.5 - y), 4.0 * bar[i].sd_px + 1.0) << i;
  }
  for (std::size_t i = 112; i < 180; ++i) EXPECT_EQ(bar[i].state, TrackState::kSeen) << i;
}

TEST_F(Films, ALongCoverUpIsCalledLost) {
  const auto clip = trackBar(movingPlate(folder, "long.mp4", 210, [](int i) { return i >= 90 && i < 130; }));
  ASSERT_TRUE(clip) << clip.error().text;
  EXPECT_EQ(clip->tracks.bar[95].state, TrackState::kBridged);
  EXPECT_EQ(clip->tracks.bar[125].state, TrackState::kLost);
  EXPECT_EQ(clip->tracks.bar[150].state, TrackState::kSeen);
}

TEST_F(Films, APlateThatAppearsLaterIsFoundAndFollowedBackToItsFirstFrame) {
  const auto clip = trackBar(movingPlate(folder, "late.mp4", 180, [](int i) { return i < 40; }));
  ASSERT_TRUE(clip) << clip.error().text;
  EXPECT_NE(clip->tracks.bar[10].state, TrackState::kSeen);
  for (std::size_t i = 48; i < 180; i += 6) EXPECT_EQ(clip->tracks.bar[i].state, TrackState::kSeen) << i;
}

TEST_F(Films, ABarThatLeavesThePictureIsLostThereAndTakenUpAgain) {
  const auto clip = trackBar(movingPlate(folder, "leaves.mp4", 240, never, {-70.0, 240.0}));
  ASSERT_TRUE(clip) << clip.error().text;
  for (std::size_t turn : {30u, 90u, 150u, 210u})
    EXPECT_EQ(clip->tracks.bar[turn].state, TrackState::kSeen)
        << "low, in the middle of the picture: " << turn;
  for (std::size_t top : {60u, 120u, 180u})
    EXPECT_NE(clip->tracks.bar[top].state, TrackState::kSeen) << "above the picture: " << top;
  EXPECT_FALSE(clip->two_plates);
}

TEST_F(Films, AFilmInTheDarkIsRefusedWithTheReason) {
  const auto clip = trackBar(movingPlate(folder, "night.mp4", 60, never, {130.0, 110.0, 30000, 0.03}));
  ASSERT_FALSE(clip);
  EXPECT_EQ(clip.error().remedy, Remedy::kFilmAgain);
  EXPECT_NE(clip.error().text.find("night.mp4"), std::string::npos);
  EXPECT_NE(clip.error().text.find("dark"), std::string::npos) << clip.error().text;
}

TEST_F(Films, FifteenPicturesASecondAreMeasuredWithAWarning) {
  const auto clip = trackBar(movingPlate(folder, "slow_rate.mp4", 150, never, {130.0, 110.0, 15000}));
  ASSERT_TRUE(clip) << clip.error().text;
  const auto a = analyse(clip->tracks, clip->axis, {}, builtInRuleBook());
  ASSERT_TRUE(a) << a.error().text;
  EXPECT_GE(a->reps.size(), 1u);
  EXPECT_NE(std::find(a->warnings.begin(), a->warnings.end(), Warning::kLowFrameRate), a->warnings.end());
}

TEST_F(Films, TheCentreIsExactOnADrawnPlate) {
  const auto clip = trackBar(movingPlate(folder, "exact.mp4", 120, never));
  ASSERT_TRUE(clip);
  for (std::size_t i = 0; i < 120; ++i) {
    const double y = 130.0 + 55.0 * (1.0 - std::cos(static_cast<double>(i) * 2.0 * 3.14159265 / 60.0));
    // Drawn coordinates have their pixel centres at integers, ours at .5.
    EXPECT_NEAR(clip->tracks.bar[i].p_px.x(), 320.5, 0.5) << i;
    EXPECT_NEAR(clip->tracks.bar[i].p_px.y(), y + 0.5, 0.5) << i;
  }
}

}  // namespace
}  // namespace mottix
