#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QMessageBox>
#include <QStandardPaths>

#include "desk/house_window.h"
#include "desk/theme.h"

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
  return save(QStringLiteral("set_sheet")) ? 0 : 1;
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
  parser.addOptions({house_option, look_option, size_option, shots_option, suffix_option, set_option});
  parser.process(app);

  mottix::applyLook(
      app, parser.value(look_option) == QLatin1String("dark") ? mottix::Look::kDark : mottix::Look::kLight);
  QString path = parser.value(house_option);
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
  mottix::HouseWindow window(std::move(*house), QDate::currentDate());
  const QStringList size = parser.value(size_option).split(QLatin1Char('x'));
  if (size.size() == 2) window.resize(size[0].toInt(), size[1].toInt());
  window.show();
  if (parser.isSet(shots_option))
    return takeShots(window, parser.value(shots_option), parser.value(suffix_option),
                     parser.value(set_option).toLongLong());
  return QApplication::exec();
}
