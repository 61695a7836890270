#include <algorithm>
#include <cmath>
#include <cstdio>
#include <random>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/motion/joint_corrections.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

double medianOf(std::vector<double> v) {
  if (v.empty()) return 0.0;
  std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 2), v.end());
  return v[v.size() / 2];
}

struct Seen {
  std::vector<double> all;  // pixels
  std::array<std::vector<double>, kJointCount> each;
  std::array<double, kBodyLines.size()> rms_deg{};
  double inside = 0.0;  // percent of the coordinates within one stated standard deviation
};

Seen compare(ClipTracks tracks, const JointTracks& raw, const FoundSpread& found,
             const std::vector<PlacedPoints>& placed, const ClipTruth& truth) {
  layCorrections(tracks, raw, placed, found);
  Seen out;
  double counted = 0.0, frames = 0.0;
  // Only reps are judged, not how the lifter comes to the bar and leaves it.
  const double from_s = truth.reps.front().start_s, to_s = truth.reps.back().end_s;
  for (std::size_t f = 0; f < std::min(tracks.frameCount(), truth.plate_px.size()); ++f) {
    if (tracks.time_s[f] < from_s || tracks.time_s[f] > to_s) continue;
    frames += 1.0;
    for (Joint j : kPlacedJoints) {
      const JointSample& s = tracks.track(j)[f];
      const Vec2 e = s.p_px - truth.joint_px[indexOf(j)][f];
      out.each[indexOf(j)].push_back(e.norm());
      out.all.push_back(e.norm());
      for (double part : {e.x(), e.y()}) {
        counted += 1.0;
        if (std::abs(part) <= s.sd_px) out.inside += 100.0;
      }
    }
    for (std::size_t k = 0; k < kBodyLines.size(); ++k) {
      auto angle = [&](auto&& place) {
        return lean_deg(place(kBodyLines[k].first), place(kBodyLines[k].second));
      };
      const double d = angle([&](Joint j) { return tracks.track(j)[f].p_px; }) -
                       angle([&](Joint j) { return truth.joint_px[indexOf(j)][f]; });
      out.rms_deg[k] += d * d;
    }
  }
  for (double& d : out.rms_deg) d = std::sqrt(d / frames);
  out.inside /= counted;
  return out;
}

// The coach takes six joints that the program offers and puts them where they are, as well as a hand can.
struct Corrected {
  std::size_t drags = 0;
  Seen seen;
};
Corrected correctBySix(const ClipTracking& clip, const JointTracks& raw, const FoundSpread& spread,
                       const ClipTruth& truth, double hand_px) {
  Corrected out;
  ClipTracks tracks = clip.tracks;
  std::vector<PlacedPoints> placed;
  // Other misses of the hand in every film, the same in every run.
  std::mt19937 draw(static_cast<std::uint32_t>(1000.0 * truth.height_m) +
                    static_cast<std::uint32_t>(tracks.frameCount()));
  std::normal_distribution<> normal;
  for (; out.drags < 6; ++out.drags) {
    layCorrections(tracks, raw, placed, spread);
    AnalysisSettings settings;
    settings.lift = truth.lift;
    settings.bar.load_kg = truth.load_kg;
    const auto analysis = analyse(tracks, clip.axis, settings, builtInRuleBook());
    if (!analysis) break;
    const auto next = suggestCorrection(tracks, raw, placed, spread, analysis->reps);
    if (!next) break;
    placeJoint(
        placed, next->frame, next->joint,
        truth.joint_px[indexOf(next->joint)][next->frame] + hand_px * Vec2(normal(draw), normal(draw)));
  }
  out.seen = compare(tracks, raw, spread, placed, truth);
  return out;
}

}  // namespace

int printJoints(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  std::puts(
      "| clip | median error, % of height | hip | knee | ankle | shoulder | shin / thigh / trunk, ° RMS | "
      "within ± 1 sd "
      "| drags | shin / thigh / trunk then | within ± 1 sd then |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    auto clip = trackBar(path);
    if (!clip) {
      std::printf("| %s | %s |\n", path.stem().c_str(), clip.error().text.c_str());
      continue;
    }
    const LoadedBar loaded{450.0, truth->load_kg};
    JointTracks raw;
    FoundSpread spread;
    if (auto found = trackFoundJoints(path, *clip, loaded, {truth->lift}, {}, *network, raw, spread);
        !found) {
      std::printf("| %s | %s |\n", path.stem().c_str(), found.error().text.c_str());
      continue;
    }
    const Facing facing =
        facingFromFeet(raw[indexOf(Joint::kHeel)].front().p_px, raw[indexOf(Joint::kToe)].front().p_px);
    const auto camera = estimateCamera(clip->tracks, clip->axis, loaded, facing);
    const double height_px = 1000.0 * truth->height_m / camera->camera.mmPerPx(0.1);
    const Seen before = compare(clip->tracks, raw, spread, {}, *truth);
    const double hand_px = CorrectionModel{}.hand_of_radius * camera->camera.plate_radius_px;
    const Corrected careful = correctBySix(*clip, raw, spread, *truth, 0.5 * hand_px),
                    usual = correctBySix(*clip, raw, spread, *truth, hand_px);
    auto percent = [&](std::vector<double> v) { return 100.0 * medianOf(std::move(v)) / height_px; };
    std::printf(
        "| %s | %.1f | %.1f | %.1f | %.1f | %.1f | %.1f / %.1f / %.1f | %.0f %% | %zu | %.1f / %.1f / %.1f | "
        "%.0f %% |\n",
        path.stem().c_str(), percent(before.all), percent(before.each[indexOf(Joint::kHip)]),
        percent(before.each[indexOf(Joint::kKnee)]), percent(before.each[indexOf(Joint::kAnkle)]),
        percent(before.each[indexOf(Joint::kShoulder)]), before.rms_deg[0], before.rms_deg[1],
        before.rms_deg[2], before.inside, careful.drags, careful.seen.rms_deg[0], careful.seen.rms_deg[1],
        careful.seen.rms_deg[2], usual.seen.inside);
    std::fflush(stdout);
  }
  return 0;
}

}  // namespace mottix
