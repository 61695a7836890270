#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>

#include <QApplication>
#include <QMouseEvent>
#include <QPaintEvent>
#include <QTest>

#include "bench/accuracy.h"
#include "desk/film_view.h"
#include "desk/theme.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

using Clock = std::chrono::steady_clock;

double msSince(Clock::time_point start) {
  return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

// Notes when a picture of which frame had been painted.
class WatchedFilm : public FilmView {
 public:
  struct Wish {
    std::size_t frame;
    Clock::time_point since;
  };
  std::optional<Wish> wish;
  std::vector<double> took_ms;

 protected:
  void paintEvent(QPaintEvent* event) override {
    FilmView::paintEvent(event);
    if (!wish || shownFrame() != wish->frame) return;
    took_ms.push_back(msSince(wish->since));
    wish.reset();
  }
};

// The bar is pulled over the whole film's way and back, 60 moves of the mouse a second. Returns the times
// from a move to the picture it asked for; one overtaken by the next move counts until a later one is there.
std::vector<double> pull(WatchedFilm& view, const SheetData& sheet, double speed) {
  const auto& bar = sheet.tracks.bar;
  auto send = [&](QEvent::Type type, const QPointF& at) {
    QMouseEvent event(type, at, view.mapToGlobal(at), Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
    QCoreApplication::sendEvent(&view, &event);
  };
  view.took_ms.clear();
  view.wish.reset();
  const std::size_t first = view.frame();
  send(QEvent::MouseButtonPress, view.toWidget(bar[first].p_px));
  const auto begin = Clock::now();
  const double rate = static_cast<double>(bar.size()) / sheet.tracks.time_s.back();
  const double frames = 0.8 * static_cast<double>(bar.size() - first);
  const double whole_s = 2.0 * frames / (speed * rate);
  for (double t = 0.0; t < whole_s; t = msSince(begin) / 1000.0) {
    const double along = t < 0.5 * whole_s ? t : whole_s - t;
    const auto at = std::min(bar.size() - 1, first + static_cast<std::size_t>(along * speed * rate));
    const std::size_t before = view.frame();
    const auto moved = Clock::now();
    send(QEvent::MouseMove, view.toWidget(bar[at].p_px));
    if (view.frame() != before) {
      if (view.wish)
        view.wish->frame = view.frame();  // still waited for since the earlier move
      else
        view.wish = WatchedFilm::Wish{view.frame(), moved};
    }
    QTest::qWait(std::max(1, 16 - static_cast<int>(msSince(moved))));
  }
  send(QEvent::MouseButtonRelease, view.toWidget(bar[view.frame()].p_px));
  std::sort(view.took_ms.begin(), view.took_ms.end());
  return view.took_ms;
}

}  // namespace

int printDragSpeed(const std::vector<std::filesystem::path>& clips) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  int argc = 1;
  char name[] = "mottix-bench";
  char* argv[] = {name, nullptr};
  QApplication app(argc, argv);
  applyLook(app, Look::kLight);
  std::puts("| clip | picture | when | moves | median ms | 95th percentile ms | worst ms |");
  std::puts("|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    auto tracked = trackBar(path);
    if (!tracked) {
      std::fprintf(stderr, "%s\n", tracked.error().text.c_str());
      return 1;
    }
    SheetData sheet;
    sheet.set.clip = tracked->facts;
    sheet.tracks = tracked->tracks;
    WatchedFilm view;
    view.resize(860, 484);
    view.show();
    view.setData(&sheet, QString::fromStdString(path.string()));
    const auto first = static_cast<std::size_t>(
        std::find_if(sheet.tracks.bar.begin(), sheet.tracks.bar.end(),
                     [](const BarSample& s) { return s.state != TrackState::kLost; }) -
        sheet.tracks.bar.begin());
    view.goTo(first);
    if (!QTest::qWaitFor([&] { return view.hasPicture(); }, 20000)) return 1;
    QTest::qWait(1000);
    for (const char* when : {"a second after opening", "again"}) {
      const auto took = pull(view, sheet, 1.0);
      if (took.empty()) return 1;
      std::printf("| %s | %d × %d | %s | %zu | %.0f | %.0f | %.0f |\n", path.stem().c_str(),
                  tracked->facts.width_px, tracked->facts.height_px, when, took.size(), took[took.size() / 2],
                  took[took.size() * 95 / 100], took.back());
      view.goTo(first);
      QTest::qWait(300);
    }
  }
  return 0;
}

}  // namespace mottix
