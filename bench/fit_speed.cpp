#include <unistd.h>

#include <algorithm>
#include <chrono>
#include <cstdio>

#include <QApplication>

#include "bench/accuracy.h"
#include "desk/house_window.h"
#include "desk/theme.h"

namespace mottix {

int printFitSpeed(int changes) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  int argc = 1;
  char name[] = "mottix-bench";
  char* argv[] = {name, nullptr};
  QApplication app(argc, argv);
  applyLook(app, Look::kLight);
  const auto path =
      std::filesystem::temp_directory_path() / ("mottix_bench_" + std::to_string(getpid()) + ".mottix");
  std::vector<double> took_ms;
  {
    auto house = HouseFile::open(path);
    if (!house) {
      std::fprintf(stderr, "%s\n", house.error().text.c_str());
      return 1;
    }
    HouseWindow window(std::move(*house), QDate(2026, 11, 24));
    window.show();
    const AthleteId athlete = window.addAthlete(QStringLiteral("Odd Halvard Brekke"));
    AthleteRecord record = *window.house().loadRecord(athlete);
    record.body = BodyFacts{1.86, 84.0, Sex::kMale, {}, 0.11};
    if (!window.house().saveRecord(record)) return 1;
    window.openFit(athlete);
    FitState state = window.fit().state();
    state.ghost.kind = FitGhost::Kind::kBar;
    for (int i = 0; i < changes; ++i) {
      // As a pull at the hip does it: another depth every time, solid and ghost solved, all of it painted.
      state.squat.hip_below_knee_m = 0.001 * (i % 80) - 0.04;
      const auto start = std::chrono::steady_clock::now();
      window.fit().apply(state);
      QCoreApplication::processEvents();
      took_ms.push_back(
          std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
  }
  for (const char* end : {"", "-wal", "-shm"}) std::filesystem::remove(path.string() + end);
  std::sort(took_ms.begin(), took_ms.end());
  std::puts("| what | median ms | 95th percentile ms | worst ms |\n|---|---|---|---|");
  std::printf("| a pull at the figure: solve, ghost, sentence, card, painting | %.1f | %.1f | %.1f |\n",
              took_ms[took_ms.size() / 2], took_ms[took_ms.size() * 95 / 100], took_ms.back());
  return 0;
}

}  // namespace mottix
