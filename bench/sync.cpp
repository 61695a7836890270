// Two films of one set laid on each other by the bar's way, against the truth.
#include <cmath>
#include <cstdio>
#include <string>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/motion/film_sync.h"
#include "core/verdict/analysis.h"
#include "vision/analyse_clip.h"

namespace mottix {

int printSync(const std::vector<std::filesystem::path>& clips) {
  std::puts("| pair | later, s | error, frames | stated sd, frames | likeness (next best) | sure |");
  std::puts("|---|---|---|---|---|---|");
  int within = 0, laid = 0, pairs = 0;
  double worst = 0.0;
  for (std::size_t i = 0; i + 1 < clips.size(); i += 2) {
    BarHeight bars[2];
    ClipTruth truths[2];
    std::string refused;
    for (std::size_t k = 0; k < 2; ++k) {
      const auto truth = loadTruth(clips[i + k]);
      if (!truth) {
        std::fprintf(stderr, "%s\n", truth.error().text.c_str());
        return 1;
      }
      truths[k] = *truth;
      // As the desk does it with films that are dropped on it: nobody has said from where they were taken.
      const auto clip = trackBar(clips[i + k]);
      AnalysisSettings settings;
      settings.lift = truth->lift;
      settings.bar = truth->bar();
      const auto a = clip ? analyse(clip->tracks, clip->axis, settings, builtInRuleBook())
                          : tl::make_unexpected(clip.error());
      if (!a)
        refused = a.error().text;
      else
        bars[k] = computeBarHeight(a->on->input);
    }
    ++pairs;
    const auto sync = refused.empty() ? syncFilms(bars[0], bars[1])
                                      : Expected<FilmSync>(fail(Remedy::kMarkByHand, refused));
    if (!sync) {
      std::printf("| %s + %s | not laid: %s |\n", clips[i].stem().c_str(),
                  std::string(nameOf(truths[1].view)).c_str(), sync.error().text.c_str());
      continue;
    }
    ++laid;
    const double truly = truths[0].begins_s - truths[1].begins_s, fps = usualRate(bars[0].time_s);
    const double error = fps * (sync->later_s.value - truly);
    within += std::abs(error) <= 1.0;
    worst = std::max(worst, std::abs(error));
    std::printf("| %s + %s | %+.2f | %+.2f | %.2f | %.3f (%.3f) | %s |\n", clips[i].stem().c_str(),
                std::string(nameOf(truths[1].view)).c_str(), truly, error, fps * sync->later_s.sd,
                sync->likeness, sync->rival, sync->sure() ? "yes" : "no");
    std::fprintf(stderr, "%s\n", clips[i].stem().c_str());
  }
  std::printf("\n%d of %d pairs laid, %d within one frame; the worst is %.2f frames off.\n", laid, pairs,
              within, worst);
  return 0;
}

}  // namespace mottix
