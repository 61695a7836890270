// Films for others: what is written is read back, picture by picture. The films are the simulated camera's,
// the tracks exact.
#include "report/film_export.h"

#include <unistd.h>

#include <fstream>

#include <gtest/gtest.h>
#include <QGuiApplication>
#include <opencv2/imgproc.hpp>

#include "synth/exact_tracks.h"
#include "synth/faults.h"
#include "vision/film.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class FilmExports : public testing::Test {
 protected:
  static fs::path folder() {
    return fs::temp_directory_path() / ("mottix_export_" + std::to_string(getpid()));
  }
  static void SetUpTestSuite() {
    fs::create_directories(folder());
    plan = planFromSeed(3);
    plan.take("plain");
    clearFaults(plan);
    plan.width_px = 480;
    plan.height_px = 270;
    plan.squat.reps.resize(2);
    ASSERT_TRUE(plantFault(plan, *faultNamed("hips-first", Lift::kSquat), 1, 18.0));
    plan.stored_rotation_deg = 0;
    ASSERT_TRUE(makeFilm(plan, folder() / "set.mp4"));
  }
  static void TearDownTestSuite() {
    std::error_code ec;
    fs::remove_all(folder(), ec);
  }
  FilmExports() {
    ExactClip exact = exactTracks(plan);
    AnalysisSettings settings;
    settings.lift = Lift::kSquat;
    settings.bar.load_kg = plan.load_kg;
    settings.facing = plan.from_right ? Facing::kRight : Facing::kLeft;
    side.sheet.athlete.name = "Runa";
    auto analysis = analyse(exact.tracks, exact.axis, settings, builtInRuleBook());
    side.sheet.tracks = std::move(exact.tracks);
    EXPECT_TRUE(analysis) << analysis.error().text;
    if (analysis) side.sheet.analysis = std::move(*analysis);
    side.film = folder() / "set.mp4";
  }
  static std::vector<cv::Mat> picturesOf(const fs::path& path, FilmInfo* info = nullptr) {
    std::vector<cv::Mat> all;
    auto film = Film::open(path);
    EXPECT_TRUE(film) << film.error().text;
    if (!film) return all;
    if (info != nullptr) *info = film->info();
    FramePicture picture;
    while (true) {
      const auto read = film->readNext(picture, Want::kColour);
      if (!read || !*read) break;
      all.push_back(picture.bgr.clone());
    }
    return all;
  }
  static double differenceOf(const cv::Mat& a, const cv::Mat& b) {
    return cv::norm(a, b, cv::NORM_L1) / static_cast<double>(a.total());
  }

  static FilmPlan plan;
  FilmSide side;
};
FilmPlan FilmExports::plan;

TEST_F(FilmExports, TheSetWithItsEvidenceStandsStillAtTheFinding) {
  side.cue = QStringLiteral("Own words of the house");
  const auto captions = exportFilm({side}, {}, folder() / "out.mp4");
  ASSERT_TRUE(captions) << captions.error().text;
  FilmInfo info;
  const auto pictures = picturesOf(folder() / "out.mp4", &info);
  EXPECT_EQ(info.height_px, 270) << "never larger than filmed";
  EXPECT_EQ(info.codec, "h264");
  EXPECT_FALSE(info.variable_rate);
  const auto& reps = side.sheet.analysis->reps;
  const auto& time_s = side.sheet.tracks.time_s;
  const double set_s = time_s[reps.back().end_frame] - time_s[reps.front().start_frame];
  EXPECT_NEAR(info.duration_s, set_s + 2.5, 1.1) << "half a second around, and the time it stands still";
  ASSERT_EQ(captions->size(), 4u) << "rep 1, rep 2 up to the finding, the finding, the rest of rep 2";
  EXPECT_TRUE((*captions)[0].text.startsWith(QStringLiteral("Rep 1 of 2")))
      << (*captions)[0].text.toStdString();
  const FilmCaption& stop = (*captions)[2];
  EXPECT_TRUE(stop.text.endsWith(QStringLiteral("“Own words of the house”"))) << stop.text.toStdString();
  EXPECT_TRUE(stop.text.contains(QStringLiteral("rep 2"))) << stop.text.toStdString();
  EXPECT_NEAR(stop.to_s - stop.from_s, 2.5, 0.05);
  // It stands: pictures from there on are alike, those before are not.
  const auto at = [&](double s) { return pictures.at(static_cast<std::size_t>(30.0 * s)); };
  const double still = differenceOf(at(stop.from_s + 0.5), at(stop.to_s - 0.3)),
               moving = differenceOf(at(stop.from_s - 0.6), at(stop.from_s + 0.5));
  EXPECT_LT(still, 0.5 * moving) << still << ", " << moving;
  // Something is drawn on it.
  auto film = Film::open(side.film);
  FramePicture raw;
  ASSERT_TRUE(*film->readAt(reps[0].turn_frame, raw, Want::kColour));
  const double turn_s = time_s[reps[0].turn_frame] - std::max(0.0, time_s[reps[0].start_frame] - 0.5);
  EXPECT_GT(differenceOf(at(turn_s), raw.bgr), 2.0);
  EXPECT_FALSE(fs::exists(folder() / ".unfinished-out.mp4"));
}

TEST_F(FilmExports, OneRepAtHalfSpeedAsWebM) {
  side.rep = 1;
  FilmExport how;
  how.speed = 0.5;
  how.captions = false;
  const auto captions = exportFilm({side}, how, folder() / "slow.webm");
  ASSERT_TRUE(captions) << captions.error().text;
  FilmInfo info;
  (void)picturesOf(folder() / "slow.webm", &info);
  EXPECT_EQ(info.codec, "vp9");
  const Rep& rep = side.sheet.analysis->reps[0];
  const double rep_s = side.sheet.tracks.time_s[rep.end_frame] - side.sheet.tracks.time_s[rep.start_frame];
  EXPECT_NEAR(info.duration_s, 2.0 * rep_s, 2.1);
  EXPECT_GT(info.duration_s, 2.0 * rep_s);
  for (const FilmCaption& c : *captions)
    EXPECT_TRUE(c.text.startsWith(QStringLiteral("Rep 1"))) << "no finding in it";
}

TEST_F(FilmExports, TwoRepsBesideEachOtherByTheBarsHeight) {
  FilmSide other = side;
  side.rep = 1;
  other.rep = 2;
  FilmExport how;
  how.stop_at_finding = false;
  const auto captions = exportFilm({side, other}, how, folder() / "both.mp4");
  ASSERT_TRUE(captions) << captions.error().text;
  FilmInfo info;
  const auto pictures = picturesOf(folder() / "both.mp4", &info);
  EXPECT_EQ(info.width_px, 960);
  EXPECT_EQ(info.height_px, 270);
  // At the first one's turn the second one is at its own.
  const auto& time_s = side.sheet.tracks.time_s;
  const auto& reps = side.sheet.analysis->reps;
  const double from = std::max(0.0, time_s[reps[0].start_frame] - 0.5);
  const auto k = static_cast<std::size_t>(30.0 * (time_s[reps[0].turn_frame] - from));
  ASSERT_LT(k, pictures.size());
  const cv::Mat right = pictures[k](cv::Rect(480, 0, 480, 270));
  auto film = Film::open(side.film);
  FramePicture turn, start;
  ASSERT_TRUE(*film->readAt(reps[1].turn_frame, turn, Want::kColour));
  ASSERT_TRUE(*film->readAt(reps[1].start_frame, start, Want::kColour));
  EXPECT_LT(differenceOf(right, turn.bgr), 0.8 * differenceOf(right, start.bgr));
}

TEST_F(FilmExports, AFaceCannotBeRecognised) {
  FilmExport how;
  how.captions = how.stop_at_finding = false;
  how.lines.set(EvidenceLine::kPath, false);
  how.lines.set(EvidenceLine::kPlumb, false);
  ASSERT_TRUE(exportFilm({side}, how, folder() / "face.mp4"));
  how.blur_faces = true;
  ASSERT_TRUE(exportFilm({side}, how, folder() / "no_face.mp4"));
  const auto with = picturesOf(folder() / "face.mp4"), without = picturesOf(folder() / "no_face.mp4");
  ASSERT_EQ(with.size(), without.size());
  const auto& time_s = side.sheet.tracks.time_s;
  const double from = std::max(0.0, time_s[side.sheet.analysis->reps[0].start_frame] - 0.5);
  int looked = 0;
  for (std::size_t k = 0; k < with.size(); k += 12) {
    const std::size_t frame = nearestFrame(time_s, from + static_cast<double>(k) / 30.0);
    const auto& ear = side.sheet.tracks.track(Joint::kEar);
    if (frame >= ear.size() || !ear[frame].known) continue;
    ++looked;
    const cv::Rect head = cv::Rect(static_cast<int>(ear[frame].p_px.x()) - 8,
                                   static_cast<int>(ear[frame].p_px.y()) - 8, 16, 16) &
                          cv::Rect(0, 0, 480, 270);
    EXPECT_GT(differenceOf(with[k](head), without[k](head)), 3.0) << k;
    // Far from it nothing changes.
    EXPECT_LT(differenceOf(with[k](cv::Rect(0, 200, 60, 60)), without[k](cv::Rect(0, 200, 60, 60))), 3.0);
  }
  EXPECT_GT(looked, 3);
  for (JointTrack& track : side.sheet.tracks.joints) track.clear();
  const auto none = exportFilm({side}, how, folder() / "none.mp4");
  ASSERT_FALSE(none);
  EXPECT_EQ(none.error().remedy, Remedy::kMarkByHand);
}

TEST_F(FilmExports, StoppedOrRefusedNothingIsLeft) {
  double last = 0.0;
  const auto stopped = exportFilm({side}, {}, folder() / "half.mp4", [&](double part) {
    EXPECT_GE(part, last);
    last = part;
    return part < 0.3;
  });
  ASSERT_FALSE(stopped);
  EXPECT_TRUE(isStopped(stopped.error()));
  EXPECT_FALSE(fs::exists(folder() / "half.mp4"));
  EXPECT_FALSE(fs::exists(folder() / ".unfinished-half.mp4"));
  const auto refused = [&](const fs::path& path, const FilmExport& how, Remedy remedy) {
    const auto r = exportFilm({side}, how, path);
    ASSERT_FALSE(r) << path;
    EXPECT_EQ(r.error().remedy, remedy) << r.error().text;
  };
  refused(folder() / "film.avi", {}, Remedy::kCorrectInput);
  refused(folder() / "none" / "film.mp4", {}, Remedy::kCheckDisk);
  refused(folder() / "set.mp4", {}, Remedy::kCorrectInput);
  FilmExport odd;
  odd.speed = 0.0;
  refused(folder() / "film.mp4", odd, Remedy::kCorrectInput);
  odd = {};
  odd.height_px = 4000;
  refused(folder() / "film.mp4", odd, Remedy::kCorrectInput);
  side.film = folder() / "gone.mp4";
  refused(folder() / "film.mp4", {}, Remedy::kChooseAnotherFile);
  side.sheet.analysis.reset();
  refused(folder() / "film.mp4", {}, Remedy::kCorrectInput);
}

TEST(WebVtt, IsWhatPlayersRead) {
  const QString vtt = toWebVtt({{0.0, 1.5, QStringLiteral("Rep 1 --> <b>bold</b> & more")},
                                {3661.25, 3662.0, QStringLiteral("two\n\nlines")}});
  EXPECT_EQ(vtt, QStringLiteral(
                     "WEBVTT\n\n00:00:00.000 --> 00:00:01.500\nRep 1 --&gt; &lt;b&gt;bold&lt;/b&gt; &amp; "
                     "more\n\n01:01:01.250 --> 01:01:02.000\ntwo\nlines\n"));
}

}  // namespace
}  // namespace mottix

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  QGuiApplication app(argc, argv);
  return RUN_ALL_TESTS();
}
