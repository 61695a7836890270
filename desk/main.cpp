#include <algorithm>

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QLocale>
#include <QMessageBox>
#include <QPushButton>
#include <QStandardPaths>
#include <QTableView>
#include <QTimer>
#include <QtConcurrent>

#include "desk/call_sheet.h"
#include "desk/film_view.h"
#include "desk/house_window.h"
#include "desk/theme.h"
#include "desk/trial_panel.h"
#include "vision/body_points.h"

namespace {

// Lets the program run until `done`, at most `seconds`.
template <typename Done>
bool waitUntil(Done&& done, int seconds) {
  QElapsedTimer clock;
  clock.start();
  while (!done()) {
    if (clock.elapsed() > 1000 * seconds) return false;
    QCoreApplication::processEvents(QEventLoop::AllEvents, 20);
  }
  return true;
}

// One picture of each main view, for the README and for looking at.
int takeShots(mottix::HouseWindow& window, const QString& folder, const QString& suffix, qint64 set) {
  QDir().mkpath(folder);
  window.showQueue();
  auto save = [&](const QString& name) {
    for (int i = 0; i < 5; ++i) QCoreApplication::processEvents(QEventLoop::AllEvents, 30);
    const QString file = folder + QLatin1Char('/') + name + suffix + QStringLiteral(".png");
    return window.grab().save(file);
  };
  if (!waitUntil([&] { return window.jobs().idle() && window.queue().drawn(); }, 600)) return 1;
  if (!save(QStringLiteral("queue"))) return 1;
  auto sets = window.house().sets();
  if (!sets || sets->empty()) return 1;
  mottix::SetId id = sets->front().id;
  for (auto s = sets->rbegin(); s != sets->rend(); ++s)
    if (s->hasFilm()) id = s->id;
  for (const auto& s : *sets)
    if (static_cast<qint64>(s.id) == set) id = s.id;
  window.openSet(id);
  if (!waitUntil(
          [&] {
            return window.sheet().film().hasPicture() &&
                   window.sheet().film().shownFrame() == window.sheet().film().frame();
          },
          30))
    return 1;
  if (!save(QStringLiteral("set_sheet"))) return 1;
  // Of a set without joints, the figure that is laid.
  if (window.sheet().data().tracks.has(mottix::Joint::kHip))
    window.sheet().askLeastSure();
  else
    window.sheet().placeFigure();
  waitUntil([&] { return window.sheet().film().shownFrame() == window.sheet().film().frame(); }, 10);
  if (!save(QStringLiteral("least_sure"))) return 1;
  window.sheet().showNumbers();
  window.sheet().numbers().table()->setCurrentIndex(window.sheet().numbers().table()->model()->index(5, 2));
  waitUntil([&] { return window.sheet().film().shownFrame() == window.sheet().film().frame(); }, 10);
  if (!save(QStringLiteral("numbers"))) return 1;
  window.sheet().showNumbers();
  // Curves, with every line drawn on the film.
  mottix::EvidenceChoice lines;
  for (const auto line : mottix::kEvidenceLines) lines.set(line, true);
  window.sheet().film().setShownLines(lines);
  window.sheet().showCurves();
  if (const auto& analysis = window.sheet().data().analysis) {
    const mottix::Rep& rep = analysis->reps.back();
    window.sheet().film().goTo(rep.turn_frame + (rep.end_frame - rep.turn_frame) / 3);
  }
  waitUntil([&] { return window.sheet().film().shownFrame() == window.sheet().film().frame(); }, 10);
  if (!save(QStringLiteral("curves"))) return 1;
  window.sheet().curves().setAgainst(mottix::CurvesView::Against::kHeight);
  if (!save(QStringLiteral("curves_height"))) return 1;
  window.sheet().showCurves();
  window.sheet().film().setShownLines({});
  auto beside = [&](const QString& name) {
    window.openBeside();
    auto& view = window.beside();
    const auto shown = [&] {
      for (std::size_t k = 0; k < 2; ++k)
        if (!view.film(k).hasPicture() || view.film(k).shownFrame() != view.film(k).frame()) return false;
      return true;
    };
    return waitUntil(shown, 30) && save(name);
  };
  if (!beside(QStringLiteral("beside"))) return 1;
  for (const auto& s : *sets)
    if (s.edit.other_film) {
      window.openSet(s.id);
      if (!beside(QStringLiteral("two_films"))) return 1;
      break;
    }
  window.openSet(id);
  waitUntil([&] { return window.sheet().film().shownFrame() == window.sheet().film().frame(); }, 10);
  // The first finding with its causes and its chain opened.
  for (const char* what : {"causes", "chain"})
    for (QPushButton* b : window.sheet().findChildren<QPushButton*>())
      if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) {
        b->click();
        break;
      }
  if (!save(QStringLiteral("causes"))) return 1;
  window.sheet().showSchools();
  if (!save(QStringLiteral("schools"))) return 1;
  window.sheet().showSchools();
  window.openHandOut();
  waitUntil([&] { return window.handOut().hasPicture(); }, 20);
  if (!save(QStringLiteral("hand_out"))) return 1;
  window.openSet(id);
  window.openBook();
  window.book().showRule(QStringLiteral("squat.hips_first"));
  waitUntil([&] { return window.book().ready(); }, 30);
  if (!save(QStringLiteral("house_book"))) return 1;
  window.openBlind();
  if (!save(QStringLiteral("blind_results"))) return 1;
  // A clip with what could be called on it, and the measures beside what was called.
  mottix::BlindLookView& blind = window.blind();
  blind.goOn();
  if (!waitUntil([&] { return blind.state() == mottix::BlindLookView::State::kLooking; }, 120)) return 1;
  if (blind.film().playing()) blind.film().togglePlay();
  const auto cell = blind.calls().rules();
  if (cell.size() > 2)
    blind.putMarks({{cell[2], 2, mottix::Called::kSmall}, {cell[0], 3, mottix::Called::kBig}});
  blind.film().goTo(60);
  waitUntil([&] { return blind.film().shownFrame() == blind.film().frame(); }, 10);
  if (!save(QStringLiteral("blind_looking"))) return 1;
  blind.goOn();
  QCoreApplication::processEvents();
  for (QPushButton* b : blind.findChildren<QPushButton*>())
    if (b->property("what").toString() == QLatin1String("show glance") && b->isVisible()) {
      b->click();
      break;
    }
  waitUntil([&] { return blind.film().shownFrame() == blind.film().frame(); }, 10);
  if (!save(QStringLiteral("blind_compared"))) return 1;
  window.undo().undo();  // the demo's own looks stay as they are
  blind.showResults();
  window.openSet(id);
  waitUntil([&] { return window.sheet().film().shownFrame() == window.sheet().film().frame(); }, 10);
  // A line along a post, of which it has not been said yet what it shows.
  window.sheet().film().startDrawing();
  window.sheet().film().leaveMode();
  if (const auto& uprights = window.sheet().data().tracks.uprights; !uprights.empty()) {
    const auto longest = std::max_element(uprights.begin(), uprights.end(), [](const auto& a, const auto& b) {
      return (a.high_px - a.low_px).norm() < (b.high_px - b.low_px).norm();
    });
    emit window.sheet().film().lineDrawn(0, longest->low_px.x(), longest->low_px.y(), longest->high_px.x(),
                                         longest->high_px.y());
    if (!save(QStringLiteral("room_line"))) return 1;
  }
  window.openFilming();
  if (!save(QStringLiteral("filming"))) return 1;
  // Fit of somebody who tries set-ups.
  mottix::AthleteId athlete = window.sheet().data().athlete.id;
  if (auto all = window.house().athletes(); all)
    for (const auto& a : *all)
      if (auto record = window.house().loadRecord(a.id); record && record->setups.size() >= 2) athlete = a.id;
  window.openStory(athlete);
  if (!save(QStringLiteral("story"))) return 1;
  window.story().search(QStringLiteral("hips rose first above effort 7"));
  if (!save(QStringLiteral("story_found"))) return 1;
  window.story().search({});
  window.openAhead(athlete);
  if (!save(QStringLiteral("ahead"))) return 1;
  window.openToday();
  window.today().settle();
  if (!save(QStringLiteral("today"))) return 1;
  window.openAthlete(athlete);
  if (!save(QStringLiteral("athlete"))) return 1;
  window.openFit(athlete);
  mottix::FitView& fit = window.fit();
  mottix::FitState state = fit.state();
  state.lift = mottix::Lift::kSquat;
  state.ghost.kind = mottix::FitGhost::Kind::kBar;
  fit.apply(state);
  if (fit.solved() && fit.solved()->squat->bar == mottix::BarPosition::kLow) {
    state.ghost.bar = mottix::BarPosition::kHigh;
    fit.apply(state);
  }
  if (!save(QStringLiteral("fit"))) return 1;
  fit.toggleCard();
  if (!save(QStringLiteral("fit_card"))) return 1;
  fit.toggleTrials();
  if (!waitUntil([&] { return fit.trials().ready(); }, 30) || !save(QStringLiteral("fit_tried"))) return 1;
  fit.toggleTrials();
  fit.toggleFilm();
  waitUntil([&] { return fit.figure().onFilm(); }, 10);
  if (!save(QStringLiteral("fit_film"))) return 1;
  fit.toggleFilm();
  state.lift = mottix::Lift::kDeadlift;
  state.ghost = {};
  state.ghost.kind = mottix::FitGhost::Kind::kStyle;
  fit.apply(state);
  if (fit.solved() && fit.solved()->deadlift->style == mottix::DeadliftStyle::kSumo) {
    state.ghost.style = mottix::DeadliftStyle::kConventional;
    fit.apply(state);
  }
  if (!save(QStringLiteral("fit_deadlift"))) return 1;
  state.lift = mottix::Lift::kBench;
  state.ghost = {};
  state.bench.grip_m = 0.66;
  state.ghost.kind = mottix::FitGhost::Kind::kSuggestion;
  fit.apply(state);
  return save(QStringLiteral("fit_bench")) ? 0 : 1;
}

}  // namespace

int main(int argc, char** argv) {
  QApplication app(argc, argv);
  QApplication::setApplicationName(QStringLiteral("Mottix"));
  QApplication::setApplicationVersion(QStringLiteral("0.1.0"));
  QCommandLineParser parser;
  parser.setApplicationDescription(QStringLiteral("A desk for the strength coach."));
  parser.addHelpOption();
  parser.addVersionOption();
  const QCommandLineOption house_option(QStringLiteral("house"),
                                        QStringLiteral("House file to open (made when missing)."),
                                        QStringLiteral("FILE"));
  const QCommandLineOption look_option(QStringLiteral("theme"), QStringLiteral("light or dark."),
                                       QStringLiteral("NAME"), QStringLiteral("light"));
  const QCommandLineOption size_option(
      QStringLiteral("size"), QStringLiteral("Window size, such as 1280x800."), QStringLiteral("WxH"));
  const QCommandLineOption shots_option(
      QStringLiteral("shots"), QStringLiteral("Write a picture of each main view to FOLDER and end."),
      QStringLiteral("FOLDER"));
  const QCommandLineOption suffix_option(
      QStringLiteral("suffix"), QStringLiteral("Added to the pictures' names."), QStringLiteral("TEXT"));
  const QCommandLineOption set_option(QStringLiteral("set"),
                                      QStringLiteral("Set to open for the picture of the sheet."),
                                      QStringLiteral("ID"), QStringLiteral("0"));
  const QCommandLineOption language_option(
      QStringLiteral("language"), QStringLiteral("en, or de as far as it is translated; else the system's."),
      QStringLiteral("NAME"), QLocale::system().name());
  parser.addOptions(
      {house_option, look_option, language_option, size_option, shots_option, suffix_option, set_option});
  parser.addPositionalArgument(QStringLiteral("HOUSE"), QStringLiteral("The same as --house."),
                               QStringLiteral("[HOUSE]"));
  parser.process(app);

  mottix::speak(app, parser.value(language_option));
  mottix::applyLook(
      app, parser.value(look_option) == QLatin1String("dark") ? mottix::Look::kDark : mottix::Look::kLight);
  QString path = parser.value(house_option);
  if (path.isEmpty()) path = parser.positionalArguments().value(0);
  if (path.isEmpty()) {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    QDir().mkpath(folder);
    path = folder + QStringLiteral("/house.mottix");
  }
  auto house = mottix::HouseFile::open(path.toStdString());
  if (!house) {
    QMessageBox::warning(nullptr, QStringLiteral("Mottix"), QString::fromStdString(house.error().text));
    return 1;
  }
  const auto models = mottix::modelsFolder(QCoreApplication::applicationDirPath().toStdString());
  mottix::HouseWindow window(std::move(*house), QDate::currentDate(), models);
  const QStringList size = parser.value(size_option).split(QLatin1Char('x'));
  if (size.size() == 2) window.resize(size[0].toInt(), size[1].toInt());
  window.show();
  if (parser.isSet(shots_option))
    return takeShots(window, parser.value(shots_option), parser.value(suffix_option),
                     parser.value(set_option).toLongLong());
  window.offerWalk();
  // A backup a day, when the window has been there for a while.
  constexpr int kLater_ms = 5000;
  QTimer::singleShot(kLater_ms, &window, [&window] {
    (void)QtConcurrent::run([path = window.house().path()] {
      (void)mottix::keepBackup(path, QDate::currentDate().toString(Qt::ISODate).toStdString());
    });
  });
  return QApplication::exec();
}
