#include <algorithm>
#include <chrono>
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

Seen compare(ClipTracks tracks, const std::array<JointTrack, kJointCount>& raw,
             const std::array<double, kJointCount>& found_sd_px, const std::vector<PlacedPoints>& placed,
             const ClipTruth& truth) {
  layCorrections(tracks, raw, placed, found_sd_px);
  Seen out;
  double counted = 0.0;
  const std::size_t frames = std::min(tracks.frameCount(), truth.plate_px.size());
  for (std::size_t f = 0; f < frames; ++f) {
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
      out.rms_deg[k] += d * d / static_cast<double>(frames);
    }
  }
  for (double& d : out.rms_deg) d = std::sqrt(d);
  out.inside /= counted;
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
      "| drags | shin / thigh / trunk then | within ± 1 sd then | film s | bar and joints s |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    using Clock = std::chrono::steady_clock;
    auto seconds = [](Clock::time_point from) {
      return std::chrono::duration<double>(Clock::now() - from).count();
    };
    auto at = Clock::now();
    auto clip = trackBar(path);
    const double bar_s = seconds(at);
    at = Clock::now();
    if (!clip) {
      std::printf("| %s | %s |\n", path.stem().c_str(), clip.error().text.c_str());
      continue;
    }
    const auto found =
        findJoints(path, *clip, {450.0, truth->load_kg}, Facing::kUnknown, std::nullopt, *network);
    const double found_s = seconds(at);
    at = Clock::now();
    if (!found) {
      std::printf("| %s | %s |\n", path.stem().c_str(), found.error().text.c_str());
      continue;
    }
    std::array<JointTrack, kJointCount> raw;
    if (auto ok = trackJoints(path, *clip, {450.0, truth->load_kg}, Lift::kSquat, found->facing,
                              found->joints.points, raw);
        !ok) {
      std::printf("| %s | %s |\n", path.stem().c_str(), ok.error().text.c_str());
      continue;
    }
    const double carried_s = seconds(at);
    const auto camera = estimateCamera(clip->tracks, clip->axis, {450.0, truth->load_kg}, found->facing);
    const double height_px = 1000.0 * truth->height_m / camera->camera.mmPerPx(0.1);
    const Seen before = compare(clip->tracks, raw, found->joints.sd_px, {}, *truth);
    // The coach takes six joints that the program offers and puts them where they are, as well as a hand can.
    std::vector<PlacedPoints> placed;
    std::mt19937 draw(3);
    std::normal_distribution<> normal;
    const double radius_px = camera->camera.plate_radius_px;
    for (int drag = 0; drag < 6; ++drag) {
      layCorrections(clip->tracks, raw, placed, found->joints.sd_px);
      const auto analysis = analyse(clip->tracks, clip->axis, {}, builtInRuleBook());
      if (!analysis) break;
      const auto next = suggestCorrection(clip->tracks, analysis->reps, placed, radius_px);
      if (!next) break;
      const double hand_px = 0.5 * PlacementErrors{}.hand_of_radius * radius_px;
      placeJoint(
          placed, next->frame, next->joint,
          truth->joint_px[indexOf(next->joint)][next->frame] + hand_px * Vec2(normal(draw), normal(draw)));
    }
    std::size_t drags = 0;
    for (const PlacedPoints& p : placed)
      drags += static_cast<std::size_t>(
          std::count_if(p.joints.begin(), p.joints.end(), [](const auto& j) { return j.has_value(); }));
    const Seen after = compare(clip->tracks, raw, found->joints.sd_px, placed, *truth);
    auto percent = [&](std::vector<double> v) { return 100.0 * medianOf(std::move(v)) / height_px; };
    std::printf(
        "| %s | %.1f | %.1f | %.1f | %.1f | %.1f | %.1f / %.1f / %.1f | %.0f %% | %zu | %.1f / %.1f / %.1f | "
        "%.0f %% | %.1f | %.1f |\n",
        path.stem().c_str(), percent(before.all), percent(before.each[indexOf(Joint::kHip)]),
        percent(before.each[indexOf(Joint::kKnee)]), percent(before.each[indexOf(Joint::kAnkle)]),
        percent(before.each[indexOf(Joint::kShoulder)]), before.rms_deg[0], before.rms_deg[1],
        before.rms_deg[2], before.inside, drags, after.rms_deg[0], after.rms_deg[1], after.rms_deg[2],
        after.inside, clip->facts.duration_s, bar_s + found_s + carried_s);
    std::fflush(stdout);
  }
  return 0;
}

}  // namespace mottix
