#include "desk/house_menu.h"

#include <algorithm>

#include <QCheckBox>
#include <QDate>
#include <QFileDialog>
#include <QFileInfo>
#include <QMenu>
#include <QMessageBox>
#include <QPushButton>
#include <QtConcurrent>

#include "desk/folder_watch.h"
#include "desk/pieces.h"

namespace mottix {

HouseMenu::HouseMenu(HouseFile& house, QWidget* window) : QObject(window), house_(house), window_(window) {
  connect(&working_, &QFutureWatcherBase::finished, this, [this] {
    const Done done = working_.result();
    if (done.changed) emit changed();
    emit said(done.words);
  });
}

HouseMenu::~HouseMenu() {
  stop();
  working_.waitForFinished();
}

void HouseMenu::stop() {
  if (stop_) *stop_ = true;
}

void HouseMenu::popup(const QPoint& at, std::optional<AthleteId> who, const QString& watched) {
  auto* menu = new QMenu(window_);
  menu->setAttribute(Qt::WA_DeleteOnClose);
  if (running()) {
    menu->addAction(tr("Stop what is being written"), this, &HouseMenu::stop);
  } else {
    menu->addAction(tr("All of the house as one zip…"), this, &HouseMenu::askExport);
    menu->addAction(tr("Athletes of another house…"), this, &HouseMenu::askTake);
    if (watched.isEmpty())
      menu->addAction(tr("Watch a folder for new films…"), this, &HouseMenu::askWatch);
    else
      menu->addAction(tr("Watch “%1” no more").arg(QFileInfo(watched).fileName()), this,
                      [this] { emit watchWanted({}, false); });
    QString name;
    if (const auto athletes = house_.athletes(); athletes && who)
      for (const Athlete& a : *athletes)
        if (a.id == *who) name = QString::fromStdString(a.name);
    if (!name.isEmpty())
      menu->addAction(tr("Delete %1 for good…").arg(name), this, [this, who] { askRemove(*who); });
    QMenu* back = menu->addMenu(tr("Back to a backup of"));
    const auto backups = backupsOf(house_.path());
    for (const Backup& b : backups)
      back->addAction(dayWords(b.day, "dddd d MMMM yyyy"), this,
                      [this, file = QString::fromStdString(b.file.string())] { emit goBackWanted(file); });
    if (backups.empty()) back->addAction(tr("There is none yet: one is made each day"))->setEnabled(false);
  }
  menu->addSeparator();
  menu->addAction(tr("How to film (Shift+F1)"), this, &HouseMenu::filmingWanted);
  menu->addAction(tr("Keys (F1)"), this, &HouseMenu::keysWanted);
  menu->addAction(tr("A walk round, two minutes"), this, &HouseMenu::walkWanted);
  menu->popup(at);
}

void HouseMenu::run(const QString& doing, std::function<Done(const ExchangeGoing&)> work) {
  if (running()) return emit said(tr("Something is being written already; wait for it, or stop it."));
  stop_ = std::make_shared<std::atomic<bool>>(false);
  emit said(doing);
  working_.setFuture(QtConcurrent::run([this, doing, work = std::move(work), stop = stop_] {
    int told = 0;
    return work([&](double part) {
      const int percent = static_cast<int>(100.0 * part);
      if (percent >= told + 5) {
        told = percent;
        emit said(QStringLiteral("%1 %2 %").arg(doing).arg(percent));
      }
      return !*stop;
    });
  }));
}

void HouseMenu::exportTo(const QString& file, bool films) {
  run(tr("The house is written into a zip …"),
      [=, house = house_.path()](const ExchangeGoing& going) -> Done {
        const auto done = exportHouse(house, file.toStdString(), films, going);
        if (!done) return {QString::fromStdString(done.error().text), false};
        QString words =
            tr("“%1” is written: %2 athletes, %3 sets").arg(file).arg(done->athletes).arg(done->sets);
        if (films) words += tr(", %1 films").arg(done->films);
        if (done->films_missing > 0)
          words += tr("; %1 films are not where the house says").arg(done->films_missing);
        return {words + QLatin1Char('.'), false};
      });
}

void HouseMenu::takeFrom(const QString& file, OnSameName on_same) {
  // A house file is used by one thread: the work has one of its own.
  run(tr("Athletes are taken in …"), [=, path = house_.path()](const ExchangeGoing&) -> Done {
    auto house = HouseFile::openAgain(path);
    if (!house) return {QString::fromStdString(house.error().text), false};
    const auto done = takeAthletes(*house, file.toStdString(), {}, on_same);
    if (!done) return {QString::fromStdString(done.error().text), false};
    QString words = tr("Taken in: %1 athletes, %2 sets.").arg(done->athletes).arg(done->sets);
    if (done->merged > 0)
      words += QLatin1Char(' ') +
               tr("%1 were known here; of theirs %2 sets were, too.").arg(done->merged).arg(done->sets_known);
    if (done->left_out > 0)
      words += QLatin1Char(' ') + tr("%1 were known here and left out.").arg(done->left_out);
    return {words, done->athletes + done->merged > 0};
  });
}

void HouseMenu::remove(AthleteId who, bool films) {
  QString name;
  if (const auto athletes = house_.athletes())
    for (const Athlete& a : *athletes)
      if (a.id == who) name = QString::fromStdString(a.name);
  // Thousands of sets are overwritten page by page: by a house file of its own, behind the window.
  run(tr("%1 is being deleted …").arg(name), [=, path = house_.path()](const ExchangeGoing&) -> Done {
    auto house = HouseFile::openAgain(path);
    if (!house) return {QString::fromStdString(house.error().text), false};
    const auto gone = house->removeAthlete(who);
    if (!gone) return {QString::fromStdString(gone.error().text), false};
    int deleted = 0;
    if (films)
      for (const std::filesystem::path& film : *gone) {
        std::error_code ec;
        deleted += std::filesystem::remove(film, ec) ? 1 : 0;
      }
    QString words = tr("%1 is deleted. Backups and exports made before still hold them.").arg(name);
    if (films)
      words += QLatin1Char(' ') + tr("%1 of %2 films are deleted, too.").arg(deleted).arg(gone->size());
    else if (!gone->empty())
      words += QLatin1Char(' ') + tr("%1 films stay where they are.").arg(gone->size());
    return {words, true};
  });
}

void HouseMenu::askExport() {
  QMessageBox ask(QMessageBox::Question, tr("All of the house"),
                  tr("Everything of the house goes into one zip of readable tables. The films, too?"),
                  QMessageBox::NoButton, window_);
  QPushButton* with = ask.addButton(tr("With films"), QMessageBox::AcceptRole);
  QPushButton* without = ask.addButton(tr("Without"), QMessageBox::AcceptRole);
  ask.addButton(QMessageBox::Cancel);
  ask.exec();
  if (ask.clickedButton() != with && ask.clickedButton() != without) return;
  const QString file = QFileDialog::getSaveFileName(
      window_, tr("All of the house"),
      QString::fromStdString(house_.path().stem().string()) + QStringLiteral(".zip"), tr("Zip (*.zip)"));
  if (!file.isEmpty()) exportTo(file, ask.clickedButton() == with);
}

void HouseMenu::askWatch() {
  const QString folder = QFileDialog::getExistingDirectory(window_, tr("Watch a folder for new films"));
  if (folder.isEmpty()) return;
  bool all = false;
  if (const auto there = FolderWatch::filmsIn(folder); !there.isEmpty())
    all = QMessageBox::question(
              window_, tr("Watch a folder for new films"),
              tr("%1 films lie there already. Take those in as well that the house does not know?")
                  .arg(there.size())) == QMessageBox::Yes;
  emit watchWanted(folder, all);
}

void HouseMenu::askTake() {
  const QString file = QFileDialog::getOpenFileName(window_, tr("Athletes of another house"), {},
                                                    tr("Houses (*.mottix *.zip);;All files (*)"));
  if (file.isEmpty()) return;
  QMessageBox ask(QMessageBox::Question, tr("Athletes of another house"),
                  tr("What becomes of somebody whose name is known here already?"), QMessageBox::NoButton,
                  window_);
  QPushButton* merge = ask.addButton(tr("Add the sets that are missing"), QMessageBox::AcceptRole);
  QPushButton* beside = ask.addButton(tr("Take them in beside"), QMessageBox::AcceptRole);
  QPushButton* leave = ask.addButton(tr("Leave them out"), QMessageBox::AcceptRole);
  ask.addButton(QMessageBox::Cancel);
  ask.exec();
  const auto* said_button = ask.clickedButton();
  if (said_button == merge) return takeFrom(file, OnSameName::kMerge);
  if (said_button == beside) return takeFrom(file, OnSameName::kBeside);
  if (said_button == leave) return takeFrom(file, OnSameName::kLeaveOut);
}

void HouseMenu::askRemove(AthleteId who) {
  QString name;
  if (const auto athletes = house_.athletes())
    for (const Athlete& a : *athletes)
      if (a.id == who) name = QString::fromStdString(a.name);
  const auto log = house_.log(who);
  QMessageBox ask(
      QMessageBox::Warning, tr("Delete %1").arg(name),
      tr("Everything of %1 goes for good: body, complaints, plans and %2 sets. This cannot be undone. "
         "To keep it somewhere, export the house first.")
          .arg(name)
          .arg(log ? log->size() : 0),
      QMessageBox::NoButton, window_);
  auto* films = new QCheckBox(tr("Their films as well, where nobody else is on them"));
  ask.setCheckBox(films);
  QPushButton* first = ask.addButton(tr("Export first…"), QMessageBox::ActionRole);
  QPushButton* gone = ask.addButton(tr("Delete"), QMessageBox::DestructiveRole);
  ask.setDefaultButton(ask.addButton(QMessageBox::Cancel));
  ask.exec();
  if (ask.clickedButton() == first) return askExport();
  if (ask.clickedButton() == gone) remove(who, films->isChecked());
}

}  // namespace mottix
