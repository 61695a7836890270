#include <algorithm>
#include <cmath>
#include <cstdio>
#include <string>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/verdict/analysis.h"
#include "vision/analyse_clip.h"

namespace mottix {

int printHeld(const std::vector<std::filesystem::path>& clips) {
  std::puts(
      "| clip | held | radius px | bar RMS px | worst px | over stated sd | frames not seen | scale (over "
      "stated sd) | "
      "height of the bar's way | reps |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    TrackSettings settings;
    settings.bar = truth->bar();
    // Drawn round from beside the middle, as a hand does it; as the guide says where it stands out: what is
    // lifted from the floor in the highest picture.
    const double radius_px = 1000.0 * settings.bar.radius_m() / truth->scale_mm_per_px;
    const auto& way = truth->plate_px;
    const auto shown = truth->lift == Lift::kDeadlift
                           ? std::min_element(way.begin(), way.end(),
                                              [](const Vec2& a, const Vec2& b) { return a.y() < b.y(); })
                           : way.begin();
    settings.seed = PlateSeed{static_cast<std::size_t>(shown - way.begin()),
                              *shown + 0.1 * radius_px * Vec2(0.8, -0.6), 1.06 * radius_px};
    const auto clip = trackBar(path, settings);
    const std::string held(nameOf(settings.bar.held));
    if (!clip) {
      std::printf("| %s | %s | %.1f | %s |\n", path.stem().c_str(), held.c_str(), radius_px,
                  clip.error().text.c_str());
      continue;
    }
    double square = 0.0, stated = 0.0, worst = 0.0;
    std::size_t seen = 0, unseen = 0;
    double low = -1e9, high = 1e9, true_low = -1e9, true_high = 1e9;
    for (std::size_t f = 0; f < std::min(clip->tracks.frameCount(), truth->plate_px.size()); ++f) {
      const BarSample& s = clip->tracks.bar[f];
      if (s.state != TrackState::kSeen) {
        ++unseen;
        continue;
      }
      const double e = (s.p_px - truth->plate_px[f]).norm();
      ++seen;
      square += e * e;
      stated += e * e / (2.0 * s.sd_px * s.sd_px);
      worst = std::max(worst, e);
      low = std::max(low, s.p_px.y());
      high = std::min(high, s.p_px.y());
      true_low = std::max(true_low, truth->plate_px[f].y());
      true_high = std::min(true_high, truth->plate_px[f].y());
    }
    AnalysisSettings how;
    how.lift = truth->lift;
    how.bar = settings.bar;
    const auto a = analyse(clip->tracks, clip->axis, how, builtInRuleBook());
    const double off = a ? a->plate_scale.value / truth->scale_mm_per_px - 1.0 : 0.0;
    const double n = static_cast<double>(std::max<std::size_t>(1, seen));
    std::printf(
        "| %s | %s | %.1f | %.2f | %.2f | %.1f | %zu | %+.1f %% (%.1f) | %+.1f %% | %zu / %zu |\n",
        path.stem().c_str(), held.c_str(), radius_px, std::sqrt(square / n), worst, std::sqrt(stated / n),
        unseen, 100.0 * off, a ? std::abs(off) * truth->scale_mm_per_px / a->plate_scale.sd : 0.0,
        100.0 * ((low - high) / (true_low - true_high) - 1.0), a ? a->reps.size() : 0, truth->reps.size());
    std::fprintf(stderr, "%s\n", path.stem().c_str());
  }
  return 0;
}

}  // namespace mottix
