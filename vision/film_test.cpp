// Films as phones and cameras write them: other containers and codecs, uneven times, cut and damaged files;
// and the bar behind a passer-by.
#include "vision/film.h"

#include <unistd.h>

#include <cmath>
#include <cstdlib>
#include <fstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>

#include "synth/film_maker.h"
#include "synth/film_writer.h"
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

TEST_F(Films, OtherContainersAndCodecsAreReadFrameByFrame) {
  struct Kind {
    const char *arguments, *file;
  };
  for (const Kind& kind :
       {Kind{"-c copy", "a.mkv"}, Kind{"-c:v mpeg4 -q:v 2", "a.avi"}, Kind{"-c:v mjpeg -q:v 2", "a.mov"},
        Kind{"-c:v libvpx-vp9 -b:v 0 -crf 20 -deadline realtime", "a.webm"},
        Kind{"-c:v libx264 -bf 3 -g 30", "b.mp4"}}) {
    ASSERT_TRUE(convert(kind.arguments, kind.file)) << kind.file;
    auto film = Film::open(folder / kind.file);
    ASSERT_TRUE(film) << film.error().text;
    EXPECT_EQ(film->frameCount(), 90u) << kind.file;
    FramePicture picture;
    for (std::size_t index : {0u, 44u, 43u, 89u, 10u, 60u}) {
      auto got = film->readAt(index, picture, Want::kGray);
      ASSERT_TRUE(got && *got) << kind.file << index;
      EXPECT_EQ(picture.index, index) << kind.file;
      EXPECT_NEAR(picture.time_s, static_cast<double>(index) / 25.0, 0.002) << kind.file;
    }
    // The picture's own number says that it is the asked one (video range keeps levels in proportion).
    ASSERT_TRUE(film->readAt(20, picture, Want::kGray));
    const double at20 = cv::mean(picture.gray)[0];
    ASSERT_TRUE(film->readAt(60, picture, Want::kGray));
    EXPECT_GT(cv::mean(picture.gray)[0], at20 + 40.0) << kind.file;
  }
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

// A plate that goes up and down, drawn sharp; `cover` hides it on some frames.
fs::path movingPlate(const fs::path& folder, const char* name, int frames,
                     const std::function<bool(int)>& covered) {
  const fs::path path = folder / name;
  auto writer = FilmWriter::create(path, 640, 360, 30000);
  EXPECT_TRUE(writer);
  for (int i = 0; i < frames; ++i) {
    cv::Mat picture(360, 640, CV_8UC3, cv::Scalar(165, 170, 160));
    const double y = 130.0 + 55.0 * (1.0 - std::cos(i * 2.0 * 3.14159265 / 60.0));
    cv::circle(picture, {static_cast<int>(320 * 16), static_cast<int>(std::lround(y * 16))}, 50 * 16,
               cv::Scalar(35, 35, 38), cv::FILLED, cv::LINE_AA, 4);
    cv::circle(picture, {static_cast<int>(320 * 16), static_cast<int>(std::lround(y * 16))}, 12 * 16,
               cv::Scalar(150, 150, 150), cv::FILLED, cv::LINE_AA, 4);
    if (covered(i)) cv::rectangle(picture, {200, 0}, {460, 360}, cv::Scalar(90, 110, 100), cv::FILLED);
    EXPECT_TRUE(writer->write(picture));
  }
  EXPECT_TRUE(writer->finish());
  return path;
}

TEST_F(Films, AShortCoverUpIsBridgedWithGrowingErrorAndTakenUpAgain) {
  const auto clip =
      trackBar(movingPlate(folder, "short.mp4", 180, [](int i) { return i >= 100 && i < 108; }));
  ASSERT_TRUE(clip) << clip.error().text;
  const auto& bar = clip->tracks.bar;
  double last_sd = 0.0;
  for (std::size_t i = 101; i < 107; ++i) {
    EXPECT_EQ(bar[i].state, TrackState::kBridged) << i;
    EXPECT_GT(bar[i].sd_px, last_sd);
    last_sd = bar[i].sd_px;
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

TEST_F(Films, TheCentreIsExactOnADrawnPlate) {
  const auto clip = trackBar(movingPlate(folder, "exact.mp4", 120, [](int) { return false; }));
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
