#include "core/body/lengths_from_clip.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <random>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/motion/joint_corrections.h"
#include "vision/analyse_clip.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

struct Tally {
  std::vector<double> error;  // parts of the length
  int within = 0, covered_90 = 0, covered_95 = 0;

  void add(const Estimate& found, double truth) {
    error.push_back(found.value / truth - 1.0);
    if (std::abs(error.back()) <= 0.03) ++within;
    const double off = std::abs(found.value - truth) / found.sd;
    if (off <= 1.645) ++covered_90;
    if (off <= 1.96) ++covered_95;
  }
  void print(const char* name, const char* ruler) const {
    const auto n = static_cast<double>(error.size());
    double mean = 0.0, square = 0.0, worst = 0.0;
    for (double e : error) {
      mean += e / n;
      square += e * e / n;
      worst = std::max(worst, std::abs(e));
    }
    std::printf("| %s | %s | %.1f %% | %+.1f %% | %.1f %% | %d of %zu | %d | %d |\n", name, ruler,
                100.0 * std::sqrt(square), 100.0 * mean, 100.0 * worst, within, error.size(), covered_90,
                covered_95);
  }
};

}  // namespace

int printLengths(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  constexpr std::array kSegments = {Segment::kThigh, Segment::kShank, Segment::kTrunk};
  // With both rulers: placed where the truth says, and with the hand's error; with the plate alone.
  std::array<Tally, 3> exactly, by_hand, plate_only;
  std::mt19937 rng(1);
  std::normal_distribution<> hand(0.0, 1.0);
  int refused = 0, not_followed = 0;
  for (const auto& path : clips) {
    auto truth = loadTruth(path);
    auto clip = trackBar(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    if (!clip) {
      std::fprintf(stderr, "%s\n", clip.error().text.c_str());
      ++not_followed;
      continue;
    }
    const double sd_px = CorrectionModel{}.hand_of_radius * clip->tracks.bar.front().radius_px;
    const std::array exact = {truth->thigh_m, truth->shank_m, truth->trunk_m};
    for (const bool careful : {true, false}) {
      PlacedPoints placed = truth->first;
      if (!careful)
        for (auto& joint : placed.joints)
          if (joint) *joint += sd_px * Vec2(hand(rng), hand(rng));
      ClipTracks tracks = clip->tracks;
      JointTracks raw;
      if (auto ok = trackPlacedJoints(path, *clip, {450.0, truth->load_kg}, Lift::kSquat, {}, placed,
                                      &*network, raw);
          !ok) {
        std::fprintf(stderr, "%s\n", ok.error().text.c_str());
        return 1;
      }
      layCorrections(tracks, raw, {placed});
      AnalysisSettings settings;
      settings.bar.load_kg = truth->load_kg;
      const auto a = analyse(tracks, clip->axis, settings, builtInRuleBook());
      if (!a) {
        std::fprintf(stderr, "%s\n", a.error().text.c_str());
        return 1;
      }
      BodyFacts facts;
      facts.height_m = truth->height_m;
      settings.body = estimateBody(facts);
      const auto known = analyse(tracks, clip->axis, settings, builtInRuleBook());
      const auto plain = estimateLengths(tracks, a->camera, a->camera_errors, a->reps);
      const auto ruled = estimateLengths(tracks, known->camera, known->camera_errors, known->reps);
      if (!plain || !ruled) {
        if (careful) ++refused;
        std::fprintf(stderr, "%s: %s\n", path.stem().c_str(),
                     (plain ? ruled.error() : plain.error()).text.c_str());
        continue;
      }
      std::string line = path.stem().string() + (careful ? " exact" : " hand");
      for (std::size_t k = 0; k < kSegments.size(); ++k) {
        const Estimate with = *(*ruled)[indexOf(kSegments[k])], alone = *(*plain)[indexOf(kSegments[k])];
        (careful ? exactly : by_hand)[k].add(with, exact[k]);
        if (careful) plate_only[k].add(alone, exact[k]);
        line += " " + std::to_string(100.0 * (with.value / exact[k] - 1.0)) + " (" +
                std::to_string(100.0 * (alone.value / exact[k] - 1.0)) + ")";
      }
      line += " scale " + std::to_string(100.0 * (a->plate_scale.value / truth->scale_mm_per_px - 1.0));
      std::fprintf(stderr, "%s\n", line.c_str());
    }
  }
  std::puts(
      "| length | placed, rulers | RMS error | mean error | worst | within 3 % | truth within ± 1.64 sd | ± "
      "1.96 sd |");
  std::puts("|---|---|---|---|---|---|---|---|");
  for (std::size_t k = 0; k < kSegments.size(); ++k) {
    const std::string name(nameOf(kSegments[k]));
    plate_only[k].print(name.c_str(), "where the truth says, plate");
    exactly[k].print(name.c_str(), "where the truth says, plate and height");
    by_hand[k].print(name.c_str(), "with the hand's error, plate and height");
  }
  std::printf("\n%zu clips, %d of them refused as too oblique, in %d no plate found.\n", clips.size(),
              refused, not_followed);
  return 0;
}

}  // namespace mottix
