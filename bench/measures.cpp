#include "bench/measures.h"

#include <cstdio>

#include "tests/measured_lifts.h"

namespace mottix {

void benchMeasures(std::uint32_t cases) {
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
    const auto all = known::calibrate(seen.lift, seen.view, 1, cases);
    for (const MeasureDefinition* d : measureCatalogue()) {
      const auto found = all.find(d->id);
      // What every view gives is listed once, from the side.
      if (found == all.end() || (seen.view != View::kSide && d->view != MeasureView::kAcross)) continue;
      const known::Calibration& c = found->second;
      if (c.cases < 20) continue;
      const double percent = 100.0 * c.share();
      ++(percent < 60.0 ? below : percent > 76.0 ? above : in_band);
      std::printf("| %s | %s | %s | %d | %+.2f | %.2f | %.2f | %.0f %% |\n", std::string(d->name).c_str(),
                  std::string(d->unit).c_str(), seen.words, c.cases, c.bias(), c.rms(), c.sd(), percent);
    }
  }
  std::printf("\nOf %d: %d within 60-76 %%, %d wider than need be, %d too narrow.\n", in_band + above + below,
              in_band, above, below);
}

}  // namespace mottix
