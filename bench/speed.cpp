#include <fcntl.h>
#include <unistd.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <fstream>
#include <optional>

#include <opencv2/tracking.hpp>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/motion/joint_corrections.h"
#include "core/verdict/analysis.h"
#include "core/verdict/rule_book.h"
#include "vision/film_decoder.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

double secondsOf(const auto& work) {
  const auto start = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

double medianOf(std::vector<double> v) {
  std::sort(v.begin(), v.end());
  return v[v.size() / 2];
}

template <typename Visit>
bool forEachPicture(const std::filesystem::path& path, Want want, const Visit& visit) {
  auto film = Film::open(path);
  if (!film) return false;
  FramePicture picture;
  auto got = film->readNext(picture, want);
  for (; got && *got; got = film->readNext(picture, want)) visit(picture);
  return got.has_value();
}

// Without the process that reads films for the desk: what that costs.
bool decodeHere(const std::filesystem::path& path) {
  const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
  bool ok = false;
  if (auto film = FilmDecoder::open(fd, path.filename().string())) {
    FramePicture picture;
    auto got = film->readNext(picture, Want::kGray);
    while (got && *got) got = film->readNext(picture, Want::kGray);
    ok = got.has_value();
  }
  ::close(fd);
  return ok;
}

// A correlation tracker of the vision library, told the true box of the plate on the first picture.
struct Reference {
  double took_s = 0.0;
  double rms_px = 0.0;
};
std::optional<Reference> trackByCorrelation(const std::filesystem::path& path, const ClipTruth& truth) {
  const double radius_px = 225.0 / truth.scale_mm_per_px;
  auto tracker = cv::TrackerCSRT::create();
  double squares = 0.0, count = 0.0;
  Reference out;
  bool ok = true;
  out.took_s = secondsOf([&] {
    ok = forEachPicture(path, Want::kColour, [&](const FramePicture& p) {
      if (p.index >= truth.plate_px.size()) return;
      const Vec2& at = truth.plate_px[p.index];
      cv::Rect box(static_cast<int>(std::lround(at.x() - radius_px)),
                   static_cast<int>(std::lround(at.y() - radius_px)),
                   static_cast<int>(std::lround(2 * radius_px)),
                   static_cast<int>(std::lround(2 * radius_px)));
      if (p.index == 0)
        tracker->init(p.bgr, box);
      else if (!tracker->update(p.bgr, box))
        return;
      squares += (Vec2(box.x + 0.5 * box.width, box.y + 0.5 * box.height) - at).squaredNorm();
      count += 1.0;
    });
  });
  if (!ok || count < 1.0) return std::nullopt;
  out.rms_px = std::sqrt(squares / count);
  return out;
}

double rmsOf(const ClipTracking& clip, const ClipTruth& truth) {
  double squares = 0.0, count = 0.0;
  for (std::size_t f = 0; f < std::min(clip.tracks.bar.size(), truth.plate_px.size()); ++f) {
    if (clip.tracks.bar[f].state == TrackState::kLost) continue;
    squares += (clip.tracks.bar[f].p_px - truth.plate_px[f]).squaredNorm();
    count += 1.0;
  }
  return std::sqrt(squares / std::max(1.0, count));
}

// All that is done by itself: bar, joints, reps, measures, findings.
bool analyseAll(const std::filesystem::path& path, double load_kg, BodyPointNetwork& network) {
  auto clip = trackBar(path);
  if (!clip) return false;
  const LoadedBar loaded{450.0, load_kg};
  JointTracks raw;
  FoundSpread spread;
  if (!trackFoundJoints(path, *clip, loaded, {Lift::kSquat}, {}, network, raw, spread)) return false;
  layCorrections(clip->tracks, raw, {}, spread);
  AnalysisSettings settings;
  return analyse(clip->tracks, clip->axis, settings, builtInRuleBook()).has_value();
}

}  // namespace

int printSpeed(const std::vector<std::filesystem::path>& clips, int rounds,
               const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  std::puts(
      "| clip | picture | film s | decode only, in one process s | decode only s | bar s | bar / decode | "
      "range | correlation tracker s | "
      "its time "
      "/ bar | its RMS px | bar RMS px | bar, joints, measures s |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    std::vector<double> here, decode, track, ratio;
    std::optional<ClipTracking> clip;
    const auto truth = loadTruth(path);
    for (int i = 0; i <= rounds && truth; ++i) {
      bool ok = true;
      const double h = secondsOf([&] { ok = decodeHere(path); });
      const double d = secondsOf([&] { ok = forEachPicture(path, Want::kGray, [](const FramePicture&) {}); });
      const double t = secondsOf([&] {
        if (auto tracked = trackBar(path)) clip = std::move(*tracked);
      });
      if (!ok || !clip) break;
      if (i == 0) continue;  // warm-up
      here.push_back(h);
      decode.push_back(d);
      track.push_back(t);
      ratio.push_back(t / h);
    }
    if (ratio.empty()) {
      std::fprintf(stderr, "%s cannot be tracked\n", path.c_str());
      return 1;
    }
    const auto reference = trackByCorrelation(path, *truth);
    bool done = false;
    const double all_s = secondsOf([&] { done = analyseAll(path, truth->load_kg, *network); });
    if (!reference || !done) {
      std::fprintf(stderr, "%s cannot be measured\n", path.c_str());
      return 1;
    }
    std::printf(
        "| %s | %d × %d | %.1f | %.2f | %.2f | %.2f | %.2f | %.2f-%.2f | %.1f | %.0f | %.2f | %.2f | %.1f "
        "|\n",
        path.stem().c_str(), clip->facts.width_px, clip->facts.height_px, clip->facts.duration_s,
        medianOf(here), medianOf(decode), medianOf(track), medianOf(ratio),
        *std::min_element(ratio.begin(), ratio.end()), *std::max_element(ratio.begin(), ratio.end()),
        reference->took_s, reference->took_s / medianOf(track), reference->rms_px, rmsOf(*clip, *truth),
        all_s);
    std::fflush(stdout);
  }
  return 0;
}

int printMemory(const std::filesystem::path& clip, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  bool done = false;
  double film_s = 0.0;
  const double took_s = secondsOf([&] {
    auto film = Film::open(clip);
    if (film) film_s = film->info().duration_s;
    done = network && film && analyseAll(clip, 100.0, *network);
  });
  std::ifstream status("/proc/self/status");
  std::string line;
  long peak_kb = 0;
  while (std::getline(status, line))
    if (line.starts_with("VmHWM:")) peak_kb = std::strtol(line.c_str() + 6, nullptr, 10);
  std::puts("| film min | analysed | took min | most memory held, MB |\n|---|---|---|---|");
  std::printf("| %.1f | %s | %.1f | %ld |\n", film_s / 60.0, done ? "bar, joints, measures" : "not",
              took_s / 60.0, peak_kb / 1024);
  return done ? 0 : 1;
}

}  // namespace mottix
