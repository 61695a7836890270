#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <string>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/verdict/analysis.h"
#include "vision/analyse_clip.h"

namespace mottix {

namespace {

std::string_view endName(const ClipTruth& truth) {
  if (truth.lift == Lift::kBench) return truth.view == View::kFront ? "foot end" : "head end";
  return nameOf(truth.view);
}

}  // namespace

int printAcross(const std::vector<std::filesystem::path>& clips) {
  std::puts(
      "| clip | view | frames not seen | way up and down, px RMS (left / right) | fixed offset, px | plate's "
      "height | "
      "reps | tilt, error ° of each rep (over stated sd) |");
  std::puts("|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    const auto clip = trackBar(path);
    if (!clip || !clip->tracks.across()) {
      std::printf("| %s | %s |\n", path.stem().c_str(),
                  clip ? "not seen to lie across the picture" : clip.error().text.c_str());
      continue;
    }
    std::array<std::vector<double>, 2> down, height;
    std::size_t unseen = 0;
    const std::size_t frames = std::min(clip->tracks.frameCount(), truth->plate_px.size());
    for (std::size_t f = 0; f < frames; ++f) {
      if (clip->tracks.bar[f].state != TrackState::kSeen) ++unseen;
      for (std::size_t e = 0; e < 2; ++e) {
        const BarSample& s = clip->tracks.ends[e][f];
        if (s.state != TrackState::kSeen) continue;
        down[e].push_back(s.p_px.y() - truth->ends[e][f].at_px.y());
        height[e].push_back(s.radius_px / truth->ends[e][f].half_height_px - 1.0);
      }
    }
    auto mean = [](const std::vector<double>& v) {
      double sum = 0.0;
      for (double x : v) sum += x;
      return v.empty() ? 0.0 : sum / static_cast<double>(v.size());
    };
    auto scatter = [&](const std::vector<double>& v) {
      double sum = 0.0;
      for (double x : v) sum += std::pow(x - mean(v), 2);
      return v.empty() ? 0.0 : std::sqrt(sum / static_cast<double>(v.size()));
    };
    AnalysisSettings settings;
    settings.lift = truth->lift;
    const auto a = analyse(clip->tracks, clip->axis, settings, builtInRuleBook());
    std::string tilts;
    for (const Rep& rep : a ? a->reps : std::vector<Rep>()) {
      const auto at = static_cast<std::size_t>(rep.number - 1);
      const Measure* m = findMeasure(a->measures, MeasureId::kBarTilt, rep.number);
      if (m == nullptr || m->status != MeasureStatus::kOk || at >= truth->reps.size()) continue;
      // The greatest tilt of the bar during the rep.
      double truly = 0.0;
      for (std::size_t f = rep.start_frame; f <= rep.end_frame && f < frames; ++f)
        truly = std::max(truly, std::abs(truth->tilt_deg[f]));
      char text[64];
      std::snprintf(text, sizeof text, "%s%+.1f (%.1f)", tilts.empty() ? "" : ", ", m->value.value - truly,
                    std::abs(m->value.value - truly) / m->value.sd);
      tilts += text;
    }
    std::printf("| %s | %s | %zu | %.2f / %.2f | %+.1f / %+.1f | %+.1f %% / %+.1f %% | %zu / %zu | %s |\n",
                path.stem().c_str(), std::string(endName(*truth)).c_str(), unseen, scatter(down[0]),
                scatter(down[1]), mean(down[0]), mean(down[1]), 100.0 * mean(height[0]),
                100.0 * mean(height[1]), a ? a->reps.size() : 0, truth->reps.size(), tilts.c_str());
    std::fprintf(stderr, "%s\n", path.stem().c_str());
  }
  return 0;
}

}  // namespace mottix
