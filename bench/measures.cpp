#include "bench/measures.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <vector>

#include "core/verdict/analysis.h"
#include "tests/known_squat.h"
#include "tests/measured_lifts.h"

namespace mottix {
namespace {

// Median times over some runs, given tracks: all measures, and the whole of analyse.
void printTime() {
  known::KnownSquat plan;
  plan.reps = 16;
  plan.noise_px = 0.5;
  const auto clip = known::film(plan);
  std::vector<double> measures_ms, all_ms;
  for (int run = 0; run < 15; ++run) {
    using Clock = std::chrono::steady_clock;
    const auto start = Clock::now();
    const auto a = analyse(clip.tracks, std::nullopt, {}, builtInRuleBook());
    const auto analysed = Clock::now();
    (void)computeMeasures({&clip.tracks, Lift::kSquat, a->camera, a->camera_errors}, a->reps);
    const auto measured = Clock::now();
    all_ms.push_back(std::chrono::duration<double, std::milli>(analysed - start).count());
    measures_ms.push_back(std::chrono::duration<double, std::milli>(measured - analysed).count());
  }
  auto median = [](std::vector<double>& v) {
    std::nth_element(v.begin(), v.begin() + 7, v.end());
    return v[7];
  };
  std::printf(
      "\n%d squats in a film of %.0f s, given tracks: all measures in %.0f ms, the whole analysis in %.0f "
      "ms.\n",
      plan.reps, clip.tracks.time_s.back(), median(measures_ms), median(all_ms));
}

}  // namespace

void benchMeasures(std::uint32_t first, std::uint32_t cases) {
  struct Seen {
    Lift lift;
    View view;
    const char* words;
  };
  std::printf(
      "| measure | unit | lift | cases | mean error | RMS error | mean stated sd | within ± 1 sd |\n"
      "|---|---|---|---|---|---|---|---|\n");
  int in_band = 0, above = 0, below = 0;
  for (const Seen& seen :
       {Seen{Lift::kSquat, View::kSide, "squat, side"}, Seen{Lift::kBench, View::kSide, "bench press, side"},
        Seen{Lift::kDeadlift, View::kSide, "deadlift, side"},
        Seen{Lift::kSquat, View::kFront, "squat, front"},
        Seen{Lift::kBench, View::kFront, "bench press, foot end"},
        Seen{Lift::kDeadlift, View::kFront, "deadlift, front"}}) {
    const auto all = known::calibrate(seen.lift, seen.view, first, first + cases - 1);
    for (const MeasureDefinition* d : measureCatalogue()) {
      const auto found = all.find(d->id);
      // What every view gives is listed once, from the side.
      if (found == all.end() || (seen.view != View::kSide && d->view != MeasureView::kAcross)) continue;
      const known::Calibration& c = found->second;
      if (c.cases < 40) continue;  // too few to tell 60 from 76 %
      const double percent = 100.0 * c.share();
      ++(percent < 60.0 ? below : percent > 76.0 ? above : in_band);
      const int digits = c.rms() < 0.1 ? 3 : 2;
      std::printf("| %s | %s | %s | %d | %+.*f | %.*f | %.*f | %.0f %% |\n", std::string(d->name).c_str(),
                  std::string(d->unit).c_str(), seen.words, c.cases, digits, c.bias(), digits, c.rms(),
                  digits, c.sd(), percent);
    }
  }
  std::printf("\nOf %d: %d within 60-76 %%, %d wider than need be, %d too narrow.\n", in_band + above + below,
              in_band, above, below);
  printTime();
}

}  // namespace mottix
