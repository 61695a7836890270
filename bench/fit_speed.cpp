#include <unistd.h>

#include <algorithm>
#include <chrono>
#include <cstdio>

#include <QApplication>
#include <QMouseEvent>

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
    window.fit().apply(state);
    // The hip is taken and pulled up and down, a pixel at a time.
    FigureView& figure = window.fit().figure();
    const QPointF hip = *figure.handleAt(FitHandle::kDepth);
    auto send = [&](QEvent::Type type, const QPointF& at) {
      QMouseEvent event(type, at, figure.mapToGlobal(at), Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
      QCoreApplication::sendEvent(&figure, &event);
    };
    send(QEvent::MouseButtonPress, hip);
    for (int i = 0; i < changes; ++i) {
      const int way = i % 48 < 24 ? i % 24 : 24 - i % 24;
      const auto start = std::chrono::steady_clock::now();
      send(QEvent::MouseMove, hip - QPointF(0.0, 3.0 * way));
      QCoreApplication::processEvents();
      took_ms.push_back(
          std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
    send(QEvent::MouseButtonRelease, hip);
  }
  for (const char* end : {"", "-wal", "-shm"}) std::filesystem::remove(path.string() + end);
  std::sort(took_ms.begin(), took_ms.end());
  std::puts("| what | median ms | 95th percentile ms | worst ms |\n|---|---|---|---|");
  std::printf("| a pull at the figure: solve, ghost, sentence, painting | %.1f | %.1f | %.1f |\n",
              took_ms[took_ms.size() / 2], took_ms[took_ms.size() * 95 / 100], took_ms.back());
  return 0;
}

}  // namespace mottix
