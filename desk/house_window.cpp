#include "desk/house_window.h"

#include <algorithm>
#include <cstdlib>

#include <QAction>
#include <QCloseEvent>
#include <QDateTime>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QMessageBox>
#include <QPushButton>
#include <QStackedWidget>
#include <QUndoCommand>
#include <QVBoxLayout>

#include "desk/key_sheet.h"
#include "desk/pieces.h"
#include "desk/theme.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

// Pages get all the room there is. Asked how high they are for a width, all would be laid out whenever one
// is.
class Pages : public QStackedWidget {
 public:
  bool hasHeightForWidth() const override { return false; }
};

// Takes a set out of the house; undo puts it back with everything that was known of it.
class RemoveSet : public QUndoCommand {
 public:
  RemoveSet(HouseFile& house, QueueView& queue, SetSheet& sheet, SetId id)
      : QUndoCommand(QObject::tr("Remove a set")), house_(house), queue_(queue), sheet_(sheet), id_(id) {}
  void redo() override {
    auto set = house_.loadSet(id_);
    auto tracks = house_.loadTracks(id_);
    if (!set) return emit queue_.trouble(QString::fromStdString(set.error().text));
    set_ = *set;
    if (tracks) tracks_ = *tracks;
    if (auto ok = house_.removeSet(id_); !ok) emit queue_.trouble(QString::fromStdString(ok.error().text));
    sheet_.forgetLog();
    queue_.reload();
  }
  void undo() override {
    auto id = house_.addSet(set_);
    if (!id) return emit queue_.trouble(QString::fromStdString(id.error().text));
    id_ = *id;
    if (tracks_)
      if (auto ok = house_.saveTracks(id_, set_.clip, *tracks_); !ok)
        emit queue_.trouble(QString::fromStdString(ok.error().text));
    sheet_.forgetLog();
    queue_.reload();
  }

 private:
  HouseFile& house_;
  QueueView& queue_;
  SetSheet& sheet_;
  SetId id_;
  SetRecord set_;
  std::optional<TrackRecord> tracks_;
};

}  // namespace

HouseWindow::HouseWindow(HouseFile house, QDate today, std::filesystem::path models)
    : house_(std::move(house)), today_(today), desk_(house_, undo_, today) {
  jobs_.setModels(std::move(models));
  qRegisterMetaType<mottix::SetId>();
  buildChrome();
  undo_.addStack(&queue_stack_);
  undo_.setActiveStack(&queue_stack_);

  connect(queue_, &QueueView::openWanted, this, &HouseWindow::openSet);
  connect(queue_, &QueueView::filmsDropped, this, &HouseWindow::addFilms);
  connect(queue_, &QueueView::stopWanted, this, [this](SetId set) { jobs_.cancel(set); });
  connect(queue_, &QueueView::followWanted, this, [this](SetId id) {
    const auto set = house_.loadSet(id);
    if (!set) return say(QString::fromStdString(set.error().text));
    follow(*set);
    queue_->reload();
  });
  const auto pause = [this] { jobs_.setPaused(!jobs_.paused()); };
  connect(queue_, &QueueView::pauseWanted, this, pause);
  everywhere(Qt::CTRL | Qt::Key_H, tr("Hold the work on films, and go on"), pause);
  connect(&jobs_, &AnalysisJobs::pausedChanged, queue_, &QueueView::reload);
  connect(queue_, &QueueView::removeWanted, this, &HouseWindow::removeSet);
  connect(queue_, &QueueView::trouble, this, &HouseWindow::say);
  connect(queue_, &QueueView::newAthleteWanted, this, [this] { addAthlete(tr("New athlete")); });
  connect(queue_, &QueueView::addWanted, this, [this](AthleteId athlete) {
    addFilms(athlete, QFileDialog::getOpenFileNames(this, tr("Films of one set each")));
  });
  connect(
      queue_, &QueueView::athleteChanged, this,
      [this](const Athlete& athlete) {
        if (auto ok = house_.saveAthlete(athlete); !ok) say(QString::fromStdString(ok.error().text));
        queue_->reload();
      },
      Qt::QueuedConnection);
  connect(sheet_, &SetSheet::queueWanted, this, [this] {
    if (const auto back = std::exchange(sheet_back_, {}))
      back();
    else
      showQueue();
  });
  connect(sheet_, &SetSheet::trouble, this, &HouseWindow::say);
  connect(sheet_, &SetSheet::besideWanted, this, &HouseWindow::openBeside);
  connect(sheet_, &SetSheet::handOutWanted, this, &HouseWindow::openHandOut);
  connect(hand_out_, &HandOutView::backWanted, this, &HouseWindow::back);
  connect(hand_out_, &HandOutView::trouble, this, &HouseWindow::say);
  connect(hand_out_, &HandOutView::said, this, &HouseWindow::say);
  connect(sheet_, &SetSheet::changed, this, [this] {
    if (onBeside()) beside_->refresh();
  });
  connect(beside_, &BesideView::backWanted, this, &HouseWindow::back);
  connect(beside_, &BesideView::trouble, this, &HouseWindow::say);
  connect(beside_, &BesideView::told, this, &HouseWindow::say);
  connect(beside_, &BesideView::otherFilmSaid, sheet_, &SetSheet::sayOtherFilm);
  connect(sheet_, &SetSheet::changed, this, [this] {
    if (!onSheet() && !onBeside()) queue_->reload();
  });
  connect(book_, &HouseBookView::backWanted, this, &HouseWindow::back);
  connect(book_, &HouseBookView::trouble, this, &HouseWindow::say);
  connect(book_, &HouseBookView::openSetWanted, this, [this](SetId set) {
    openSet(set);
    sheet_back_ = [this] { openBook(); };
  });
  connect(book_, &HouseBookView::changed, sheet_, &SetSheet::forgetLog);
  connect(book_, &HouseBookView::changed, queue_, &QueueView::forgetDrawings);
  connect(blind_, &BlindLookView::backWanted, this, &HouseWindow::back);
  connect(blind_, &BlindLookView::trouble, this, &HouseWindow::say);
  connect(blind_, &BlindLookView::ruleWanted, this, [this](const QString& rule) {
    openBook();
    if (const Rule* r = builtInRuleBook().find(rule.toStdString())) book_->showLift(r->lifts.front());
    book_->showRule(rule);
  });
  connect(queue_, &QueueView::bodyWanted, this, &HouseWindow::openAthlete);
  connect(queue_, &QueueView::fitWanted, this, &HouseWindow::openFit);
  connect(athlete_, &AthleteView::fitWanted, this, &HouseWindow::openFit);
  connect(athlete_, &AthleteView::backWanted, this, &HouseWindow::back);
  connect(athlete_, &AthleteView::trouble, this, &HouseWindow::say);
  connect(fit_, &FitView::bodyWanted, this, &HouseWindow::openAthlete);
  connect(fit_, &FitView::backWanted, this, &HouseWindow::back);
  connect(fit_, &FitView::trouble, this, &HouseWindow::say);
  connect(story_, &StoryView::backWanted, this, &HouseWindow::back);
  connect(story_, &StoryView::trouble, this, &HouseWindow::say);
  connect(story_, &StoryView::setWanted, this, [this](SetId set) {
    const AthleteId who = desk_.record().athlete.id;
    openSet(set);
    sheet_back_ = [this, who] { openStory(who); };
  });
  connect(story_, &StoryView::aheadWanted, this, [this] { openAhead(desk_.record().athlete.id); });
  connect(ahead_, &AheadView::backWanted, this, &HouseWindow::back);
  connect(ahead_, &AheadView::trouble, this, &HouseWindow::say);
  connect(ahead_, &AheadView::storyWanted, this, [this] { openStory(desk_.record().athlete.id); });
  connect(today_view_, &TodayView::backWanted, this, &HouseWindow::back);
  connect(today_view_, &TodayView::trouble, this, &HouseWindow::say);
  connect(today_view_, &TodayView::setWanted, this, [this](SetId set) {
    openSet(set);
    sheet_back_ = [this] { openToday(); };
  });
  connect(today_view_, &TodayView::changed, sheet_, &SetSheet::forgetLog);
  connect(today_view_, &TodayView::importWanted, this, [this] {
    const QString file = QFileDialog::getOpenFileName(this, tr("An old log"), {},
                                                      tr("Tables (*.csv *.tsv *.txt);;All files (*)"));
    if (!file.isEmpty()) openImport(file);
  });
  connect(filming_, &FilmingView::backWanted, this, &HouseWindow::back);
  connect(queue_, &QueueView::filmingWanted, this, &HouseWindow::openFilming);
  connect(import_, &ImportView::backWanted, this, &HouseWindow::openToday);
  connect(import_, &ImportView::trouble, this, &HouseWindow::say);
  connect(import_, &ImportView::taken, this, [this] {
    sheet_->forgetLog();
    if (onImport()) openToday();
    if (onToday()) today_view_->refresh();
  });
  connect(&desk_, &AthleteDesk::trouble, this, &HouseWindow::say);
  connect(&desk_, &AthleteDesk::changed, this, &HouseWindow::refreshCrumbs);
  connect(&jobs_, &AnalysisJobs::progressed, this, [this](SetId set, double part) {
    queue_->showProgress(set, part);
    sheet_->showProgress(set, part);
  });
  const auto take = [this](SetId set, const std::shared_ptr<TrackOutcome>& outcome) {
    queue_->forgetDrawing(set);
    sheet_->takeOutcome(set, *outcome);
  };
  connect(&jobs_, &AnalysisJobs::barFound, this, take);
  connect(&jobs_, &AnalysisJobs::finished, this, take);
  connect(&jobs_, &AnalysisJobs::failed, this,
          [this](SetId set, const QString& reason) { sheet_->takeProblem(set, reason); });
  connect(&jobs_, &AnalysisJobs::cancelled, this, [this](SetId set) {
    queue_->reload();
    if (onSheet() && sheet_->current() == set) sheet_->open(set);
  });

  if (auto sets = house_.waitingSets(); sets)
    for (const SetRecord& set : *sets) follow(set);
  // The house was closed between bar and joints.
  if (const auto halfway = house_.setsTrackedBy(kBarTrackerVersion); halfway && jobs_.findsJoints())
    for (SetId id : *halfway) {
      const auto set = house_.loadSet(id);
      auto record = house_.loadTracks(id);
      if (!set || !record || !*record) continue;
      TrackJob job = jobFor(house_, *set);
      job.known = std::make_shared<TrackRecord>(std::move(**record));
      jobs_.start(std::move(job));
    }
  queue_->reload();
  restore();
}

void HouseWindow::everywhere(const QKeySequence& key, const QString& words, const std::function<void()>& go) {
  addKey(this, key, words, this, go)->setContext(Qt::WindowShortcut);
}

void HouseWindow::buildChrome() {
  setWindowTitle(tr("%1 – Mottix").arg(QString::fromStdString(house_.path().stem().string())));
  auto* body = new QWidget;
  auto* column = new QVBoxLayout(body);
  column->setContentsMargins(12, 4, 12, 12);
  column->setSpacing(4);
  auto* bar = new QHBoxLayout;
  bar->setContentsMargins(4, 0, 4, 0);
  queue_crumb_ = new QPushButton(tr("Queue"));
  queue_crumb_->setObjectName(QStringLiteral("quiet"));
  queue_crumb_->setAutoDefault(true);
  queue_crumb_->setToolTip(tr("Back to the Queue (Esc)"));
  connect(queue_crumb_, &QPushButton::clicked, this, &HouseWindow::showQueue);
  crumbs_ = new QLabel;
  crumbs_->setFont(type(14));
  crumbs_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);  // a long name gives way
  bar->addWidget(queue_crumb_);
  bar->addWidget(crumbs_, 1);
  auto add_action = [&](QAction* action, const QList<QKeySequence>& keys) {
    action->setShortcuts(keys);
    action->setShortcutContext(Qt::WindowShortcut);
    addAction(action);
    auto* b = new QPushButton(action->text());
    b->setObjectName(QStringLiteral("quiet"));
    b->setAutoDefault(true);
    b->setEnabled(action->isEnabled());
    connect(b, &QPushButton::clicked, action, &QAction::trigger);
    connect(action, &QAction::changed, b, [b, action] {
      b->setEnabled(action->isEnabled());
      b->setToolTip(action->text() + QStringLiteral(" (") + action->shortcut().toString() +
                    QStringLiteral(")"));
    });
    return b;
  };
  auto hand_button = [&](const QString& text, const QString& help, const QKeySequence& key,
                         void (HouseWindow::*slot)(AthleteId)) {
    auto* b = button(text, help, true);
    auto open = [this, slot] {
      const auto athlete = athleteAtHand();
      if (!athlete) return say(tr("There is no athlete yet. Make one first (Ctrl+N)."));
      (this->*slot)(*athlete);
    };
    connect(b, &QPushButton::clicked, this, open);
    everywhere(key, help.section(QStringLiteral(" ("), 0, 0), open);
    bar->addWidget(b);
    return b;
  };
  body_button_ = hand_button(tr("Athlete · B"), tr("The athlete's page: body, screens, complaints"),
                             Qt::Key_B, &HouseWindow::openAthlete);
  fit_button_ =
      hand_button(tr("Fit · F"), tr("The set-up that fits this athlete"), Qt::Key_F, &HouseWindow::openFit);
  hand_button(tr("Story"), tr("Months of this athlete's lift (Ctrl+S)"), QKeySequence(Qt::CTRL | Qt::Key_S),
              &HouseWindow::openStory)
      ->setProperty("what", QStringLiteral("story"));
  hand_button(tr("Ahead"), tr("The weeks to this athlete's test (Ctrl+D)"),
              QKeySequence(Qt::CTRL | Qt::Key_D), &HouseWindow::openAhead)
      ->setProperty("what", QStringLiteral("ahead"));
  auto* today_button =
      button(tr("Today"), tr("Who does what, the bar in order, sets written down (Ctrl+T)"), true);
  connect(today_button, &QPushButton::clicked, this, &HouseWindow::openToday);
  everywhere(Qt::CTRL | Qt::Key_T, tr("Today"), [this] { openToday(); });
  today_button->setProperty("what", QStringLiteral("today"));
  bar->addWidget(today_button);
  auto* book_button =
      button(tr("House book"), tr("Rules, schools, limits and cues of this house (Ctrl+B)"), true);
  connect(book_button, &QPushButton::clicked, this, &HouseWindow::openBook);
  everywhere(Qt::CTRL | Qt::Key_B, tr("House book"), [this] { openBook(); });
  bar->addWidget(book_button);
  book_button->setProperty("what", QStringLiteral("house book"));
  auto* blind_button =
      button(tr("Blind look"), tr("Try your own eye on clips without numbers (Ctrl+L)"), true);
  connect(blind_button, &QPushButton::clicked, this, &HouseWindow::openBlind);
  everywhere(Qt::CTRL | Qt::Key_L, tr("Blind look"), [this] { openBlind(); });
  bar->addWidget(blind_button);
  blind_button->setProperty("what", QStringLiteral("blind look"));
  menu_ = new HouseMenu(house_, this);
  auto* house_button = button(tr("House…"), tr("Export, athletes of another house, backups, deleting"), true);
  house_button->setProperty("what", QStringLiteral("house"));
  connect(house_button, &QPushButton::clicked, this, [this, house_button] {
    menu_->popup(house_button->mapToGlobal(QPoint(0, house_button->height())), athleteAtHand(),
                 watch_.folder());
  });
  connect(menu_, &HouseMenu::said, this, &HouseWindow::say);
  connect(menu_, &HouseMenu::changed, this, &HouseWindow::startAnew);
  connect(menu_, &HouseMenu::goBackWanted, this, &HouseWindow::goBack);
  connect(menu_, &HouseMenu::watchWanted, this, &HouseWindow::watchFolder);
  connect(menu_, &HouseMenu::filmingWanted, this, &HouseWindow::openFilming);
  connect(menu_, &HouseMenu::keysWanted, this, &HouseWindow::showKeys);
  connect(menu_, &HouseMenu::walkWanted, this, &HouseWindow::walkRound);
  connect(&watch_, &FolderWatch::came, this, &HouseWindow::takeWatched);
  connect(&watch_, &FolderWatch::lost, this, [this](const QString& folder) {
    say(tr("“%1” is there no more, so it is not watched. It is again when the house is opened and finds it.")
            .arg(folder));
  });
  bar->addWidget(house_button);
  auto* undo_button =
      add_action(undo_.createUndoAction(this, tr("Undo")), {QKeySequence(Qt::CTRL | Qt::Key_Z)});
  undo_button->setText(tr("Undo"));
  auto* redo_button =
      add_action(undo_.createRedoAction(this, tr("Redo")),
                 {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
  redo_button->setText(tr("Redo"));
  bar->addWidget(undo_button);
  bar->addWidget(redo_button);
  column->addLayout(bar);

  pages_ = new Pages;
  queue_ = new QueueView(house_, jobs_);
  sheet_ = new SetSheet(house_, jobs_, undo_);
  pages_->addWidget(queue_);
  athlete_ = new AthleteView(desk_);
  fit_ = new FitView(desk_);
  pages_->addWidget(sheet_);
  pages_->addWidget(athlete_);
  pages_->addWidget(fit_);
  beside_ = new BesideView(house_);
  pages_->addWidget(beside_);
  book_ = new HouseBookView(house_, undo_);
  pages_->addWidget(book_);
  blind_ = new BlindLookView(house_, undo_, today_);
  pages_->addWidget(blind_);
  story_ = new StoryView(desk_);
  pages_->addWidget(story_);
  ahead_ = new AheadView(desk_);
  pages_->addWidget(ahead_);
  today_view_ = new TodayView(house_, undo_, today_);
  pages_->addWidget(today_view_);
  import_ = new ImportView(house_, today_view_->stack(), today_);
  pages_->addWidget(import_);
  filming_ = new FilmingView;
  pages_->addWidget(filming_);
  hand_out_ = new HandOutView;
  pages_->addWidget(hand_out_);
  column->addWidget(pages_, 1);

  notice_box_ = new QWidget;
  notice_box_->setObjectName(QStringLiteral("notice"));
  notice_box_->setAttribute(Qt::WA_StyledBackground);
  notice_box_->setStyleSheet(
      QStringLiteral("QWidget#notice { background: %1; border: 1px solid %2; border-left: 5px double %2; }")
          .arg(theme().sheet.name(), theme().clay.name()));
  auto* notice_row = new QHBoxLayout(notice_box_);
  notice_row->setContentsMargins(12, 4, 8, 4);
  notice_ = new QLabel;
  notice_->setWordWrap(true);
  notice_->setFont(type(14));
  notice_->setTextInteractionFlags(Qt::TextSelectableByMouse);
  auto* close = new QPushButton(tr("close"));
  close->setObjectName(QStringLiteral("quiet"));
  close->setAutoDefault(true);
  connect(close, &QPushButton::clicked, notice_box_, &QWidget::hide);
  notice_row->addWidget(notice_, 1);
  notice_row->addWidget(close);
  notice_box_->hide();
  column->addWidget(notice_box_);
  setCentralWidget(body);

  everywhere(QKeySequence::Open, tr("Add films"), [this] {
    auto athletes = house_.athletes();
    if (!athletes || athletes->empty()) return say(tr("There is no athlete yet. Make one first (Ctrl+N)."));
    const QWidget* at = focusWidget();
    AthleteId athlete = athletes->front().id;
    for (const Athlete& a : *athletes)
      if (Lane* lane = queue_->laneOf(a.id); lane != nullptr && at != nullptr && lane->isAncestorOf(at))
        athlete = a.id;
    addFilms(athlete, QFileDialog::getOpenFileNames(this, tr("Films of one set each")));
  });
  everywhere(QKeySequence::New, tr("A new athlete"), [this] {
    if (!onSheet()) addAthlete(tr("New athlete"));
  });
  everywhere(QKeySequence::HelpContents, tr("This sheet of keys"), [this] { showKeys(); });
  everywhere(Qt::SHIFT | Qt::Key_F1, tr("How to film"), [this] { openFilming(); });
  sayKey(this, tr("Ctrl+Z, Ctrl+Y"), tr("Undo, redo"));
  sayKey(this, tr("Esc"), tr("Back to where you came from"));
  sayKey(this, tr("Tab, Shift+Tab"), tr("To the next thing, or the one before; Enter or Space does it"));
  resize(1280, 800);
}

bool HouseWindow::onSheet() const {
  return pages_->currentWidget() == sheet_;
}
bool HouseWindow::onFilming() const {
  return pages_->currentWidget() == filming_;
}
bool HouseWindow::onAthlete() const {
  return pages_->currentWidget() == athlete_;
}
bool HouseWindow::onFit() const {
  return pages_->currentWidget() == fit_;
}
bool HouseWindow::onHandOut() const {
  return pages_->currentWidget() == hand_out_;
}
bool HouseWindow::onBeside() const {
  return pages_->currentWidget() == beside_;
}
bool HouseWindow::onBook() const {
  return pages_->currentWidget() == book_;
}
bool HouseWindow::onBlind() const {
  return pages_->currentWidget() == blind_;
}
bool HouseWindow::onStory() const {
  return pages_->currentWidget() == story_;
}
bool HouseWindow::onAhead() const {
  return pages_->currentWidget() == ahead_;
}
bool HouseWindow::onToday() const {
  return pages_->currentWidget() == today_view_;
}
bool HouseWindow::onImport() const {
  return pages_->currentWidget() == import_;
}
QString HouseWindow::notice() const {
  return notice_box_->isHidden() ? QString() : notice_->text();
}

void HouseWindow::say(const QString& text) {
  notice_->setText(text);
  notice_box_->setVisible(!text.isEmpty());
}

AthleteId HouseWindow::addAthlete(const QString& name) {
  auto id = house_.addAthlete({{}, name.toStdString(), 2.5, 0, ""});
  if (!id) {
    say(QString::fromStdString(id.error().text));
    return {};
  }
  queue_->reload();
  // The name is the first thing to be changed.
  if (Lane* lane = queue_->laneOf(*id))
    if (auto* word = lane->findChild<Word*>(QStringLiteral("word ") + tr("name"))) word->setFocus();
  return *id;
}

void HouseWindow::addFilms(AthleteId athlete, const QStringList& files) {
  // The set before, whoever saw it.
  LogQuery newest;
  newest.athlete = athlete;
  newest.most = 1;
  const auto last = house_.search(newest);
  if (!last) return say(QString::fromStdString(last.error().text));
  std::optional<SetRecord> before;
  if (!last->empty())
    if (auto set = house_.loadSet(last->back().id)) before = std::move(*set);
  std::vector<SetRecord> added;
  for (const QString& file : files) {
    SetRecord set;
    set.athlete = athlete;
    set.day = today_.toString(Qt::ISODate).toStdString();
    set.clip.file = house_.relativeFilm(file.toStdString());
    // The same was asked as last time, until the coach says otherwise.
    if (before) {
      set.edit.asked = before->edit.asked;
      set.edit.asked.recorded_fps = 0.0;  // belongs to that film, not to the lifter
      if (before->edit.next_load_kg) set.edit.asked.load_kg = *before->edit.next_load_kg;
    }
    set.edit.asked.lift_source = LiftSource::kAssumed;
    auto id = house_.addSet(set);
    if (!id) {
      say(QString::fromStdString(id.error().text));
      break;
    }
    set.id = *id;
    added.push_back(set);
  }
  for (const SetRecord& set : added) follow(set);
  queue_->reload();
}

void HouseWindow::follow(const SetRecord& set) {
  jobs_.start(jobFor(house_, set));
}

std::optional<AthleteId> HouseWindow::athleteAtHand() const {
  if (onSheet() || onBeside() || onHandOut()) return sheet_->athlete().id;
  if (onAthlete() || onFit() || onStory() || onAhead()) return desk_.record().athlete.id;
  auto athletes = house_.athletes();
  if (!athletes || athletes->empty()) return std::nullopt;
  const QWidget* at = focusWidget();
  for (const Athlete& a : *athletes)
    if (Lane* lane = queue_->laneOf(a.id); lane != nullptr && at != nullptr && lane->isAncestorOf(at))
      return a.id;
  return athletes->front().id;
}

void HouseWindow::showPage(QWidget* page) {
  say({});
  if (onBlind()) blind_->leave();
  if (onSheet()) {
    sheet_->leave();
    from_sheet_ = true;
  } else if (pages_->currentWidget() == queue_) {
    from_sheet_ = false;
  }
  pages_->setCurrentWidget(page);
}

void HouseWindow::openAthlete(AthleteId athlete) {
  showPage(athlete_);
  athlete_->open(athlete);
  athlete_->setFocus();
  refreshCrumbs();
}

void HouseWindow::openFit(AthleteId athlete) {
  const bool of_set = onSheet() && sheet_->athlete().id == athlete;
  const SetId set = sheet_->current();
  const std::size_t frame = sheet_->film().frame();
  showPage(fit_);
  if (of_set)
    fit_->open(athlete, set, frame);
  else
    fit_->open(athlete);
  fit_->figure().setFocus();
  refreshCrumbs();
}

void HouseWindow::openBeside() {
  if (!sheet_->data().analysis)
    return say(tr("Sets are laid beside each other when they have been measured."));
  const SetId set = sheet_->current();
  showPage(beside_);
  beside_->open(set);
  refreshCrumbs();
}

void HouseWindow::watchFolder(const QString& folder, bool all) {
  const QString since = all ? QString() : QDateTime::currentDateTime().toString(Qt::ISODate);
  auto ok = house_.saveDeskState("watched folder", folder.toStdString());
  if (ok) ok = house_.saveDeskState("watched since", since.toStdString());
  if (!ok) say(QString::fromStdString(ok.error().text));
  watchAgain();
}

void HouseWindow::watchAgain() {
  const auto folder = house_.deskState("watched folder"), since = house_.deskState("watched since");
  if (!folder || !since) return;
  watch_.watch(QString::fromStdString(*folder),
               QDateTime::fromString(QString::fromStdString(*since), Qt::ISODate));
}

void HouseWindow::takeWatched(const QString& film) {
  if (const auto known = house_.knowsFilm(house_.relativeFilm(film.toStdString())); !known || *known) return;
  const auto athletes = house_.athletes();
  if (!athletes) return say(QString::fromStdString(athletes.error().text));
  const QFileInfo info(film);
  std::optional<AthleteId> whose;
  QString name;
  for (const Athlete& a : *athletes) {
    const QString who = QString::fromStdString(a.name), first = who.section(QLatin1Char(' '), 0, 0);
    const bool by_folder = info.dir().dirName().compare(who, Qt::CaseInsensitive) == 0,
               by_name = info.fileName().startsWith(who, Qt::CaseInsensitive) ||
                         info.fileName().startsWith(first + QLatin1Char(' '), Qt::CaseInsensitive) ||
                         info.fileName().startsWith(first + QLatin1Char('_'), Qt::CaseInsensitive);
    if (by_folder || (by_name && !whose)) {
      whose = a.id;
      name = who;
    }
  }
  if (!whose) whose = athleteAtHand();
  if (!whose)
    return say(
        tr("“%1” has come, but there is no athlete yet. Make one first (Ctrl+N).").arg(info.fileName()));
  for (const Athlete& a : *athletes)
    if (a.id == *whose) name = QString::fromStdString(a.name);
  addFilms(*whose, {film});
  say(tr("“%1” has come, for %2.").arg(info.fileName(), name));
}

// Athletes came or went, or the house is another one: nothing on the desk may show what is no more.
void HouseWindow::startAnew() {
  sheet_->putAway();
  today_view_->settle();
  showQueue();
  for (QUndoStack* stack : undo_.stacks()) stack->clear();
  queue_->reload();
  refreshCrumbs();
}

bool HouseWindow::goBack(const QString& backup) {
  if (!jobs_.idle() || menu_->running()) {
    say(
        tr("Films are being followed, or something is being written; wait for it, or stop it, before going "
           "back."));
    return false;
  }
  sheet_->putAway();
  today_view_->settle();
  showQueue();
  const std::filesystem::path path = house_.path();
  Expected<void> done;
  { const HouseFile closed = std::move(house_); }
  done = goBackTo(backup.toStdString(), path);
  auto again = HouseFile::openAgain(path);
  if (!again) {  // without a house there is nothing to show
    QMessageBox::critical(this, tr("The house cannot be opened"), QString::fromStdString(again.error().text));
    std::exit(EXIT_FAILURE);
  }
  house_ = std::move(*again);
  startAnew();
  watchAgain();
  say(done ? tr("The house is as it was; what it had become is kept among its backups.")
           : QString::fromStdString(done.error().text));
  return done.has_value();
}

void HouseWindow::openHandOut() {
  const SheetData& sheet = sheet_->data();
  const std::filesystem::path film =
      sheet.set.hasFilm() ? house_.filmPath(sheet.set.clip) : std::filesystem::path();
  const HandOutFacts facts = sheet_->handOutFacts();
  showPage(hand_out_);
  hand_out_->open(sheet, facts, film);
  hand_out_->setFocus();
  refreshCrumbs();
}

void HouseWindow::openBook() {
  showPage(book_);
  book_->open();
  book_->focusRules();
  refreshCrumbs();
}

void HouseWindow::openBlind() {
  showPage(blind_);
  blind_->open();
  blind_->setFocus();
  refreshCrumbs();
}

void HouseWindow::openStory(AthleteId athlete) {
  const std::optional<Lift> lift = onSheet()   ? std::optional(sheet_->set().edit.asked.lift)
                                   : onAhead() ? std::optional(ahead_->lift())
                                               : std::nullopt;
  showPage(story_);
  story_->open(athlete, lift);
  story_->chart().setFocus();
  refreshCrumbs();
}

void HouseWindow::openAhead(AthleteId athlete) {
  const std::optional<Lift> lift = onSheet()   ? std::optional(sheet_->set().edit.asked.lift)
                                   : onStory() ? std::optional(story_->lift())
                                               : std::nullopt;
  showPage(ahead_);
  ahead_->open(athlete, lift);
  ahead_->chart().setFocus();
  refreshCrumbs();
}

void HouseWindow::openToday() {
  showPage(today_view_);
  today_view_->open();
  refreshCrumbs();
}

void HouseWindow::openImport(const QString& file) {
  if (!import_->read(file)) return;
  showPage(import_);
  undo_.setActiveStack(&today_view_->stack());
  import_->setFocus();
  refreshCrumbs();
}

void HouseWindow::back() {
  if (onBlind()) blind_->leave();
  if (onBeside()) beside_->leave();
  if (from_sheet_ && house_.loadSet(sheet_->current()))
    openSet(sheet_->current());
  else
    showQueue();
}

void HouseWindow::openSet(SetId set) {
  say({});
  if (set != sheet_->current()) sheet_back_ = {};
  pages_->setCurrentWidget(sheet_);
  sheet_->open(set);
  sheet_->film().setFocus();
  refreshCrumbs();
}

void HouseWindow::showQueue() {
  say({});
  sheet_back_ = {};
  const SetId from = onSheet() ? sheet_->current() : kNoSet;
  const std::optional<AthleteId> athlete = onAthlete() || onFit() || onStory() || onAhead()
                                               ? std::optional(desk_.record().athlete.id)
                                               : std::nullopt;
  sheet_->leave();
  blind_->leave();
  queue_->refresh();  // before it shows, so that it is laid out once
  pages_->setCurrentWidget(queue_);
  undo_.setActiveStack(&queue_stack_);
  if (SetTile* tile = queue_->tileOf(from)) tile->setFocus();
  if (athlete)
    if (Lane* lane = queue_->laneOf(*athlete)) lane->takeFocus();
  refreshCrumbs();
}

void HouseWindow::removeSet(SetId set) {
  jobs_.cancel(set);
  queue_stack_.push(new RemoveSet(house_, *queue_, *sheet_, set));
}

void HouseWindow::refreshCrumbs() {
  body_button_->setVisible(!onAthlete());
  fit_button_->setVisible(!onFit());
  if (onAthlete() || onFit() || onStory() || onAhead()) {
    const QString page = onFit() ? tr("Fit") : onStory() ? tr("Story") : onAhead() ? tr("Ahead") : QString();
    return crumbs_->setText(QStringLiteral("/ &nbsp;<span style='font-weight:600'>%1</span>%2")
                                .arg(QString::fromStdString(desk_.record().athlete.name).toHtmlEscaped(),
                                     page.isEmpty() ? page : QStringLiteral("&nbsp; / &nbsp;") + page));
  }
  if (onToday()) return crumbs_->setText(QStringLiteral("/ &nbsp;<span>%1</span>").arg(tr("Today")));
  if (onFilming()) return crumbs_->setText(QStringLiteral("/ &nbsp;<span>%1</span>").arg(tr("How to film")));
  if (onImport())
    return crumbs_->setText(
        QStringLiteral("/ &nbsp;<span>%1</span>&nbsp; / &nbsp;%2").arg(tr("Today"), tr("an old log")));
  if (onBook()) return crumbs_->setText(QStringLiteral("/ &nbsp;<span>%1</span>").arg(tr("House book")));
  if (onBlind()) return crumbs_->setText(QStringLiteral("/ &nbsp;<span>%1</span>").arg(tr("Blind look")));
  if (!onSheet() && !onBeside() && !onHandOut()) return crumbs_->clear();
  const SetRecord& set = sheet_->set();
  const QDate day = QDate::fromString(QString::fromStdString(set.day), Qt::ISODate);
  int number = 0, of = 0;
  LogQuery that_day;
  that_day.athlete = set.athlete;
  that_day.since = that_day.until = dayNamed(set.day);
  if (const auto lines = house_.search(that_day))
    for (const LogLine& line : *lines) {
      ++of;
      if (line.id == set.id) number = of;
    }
  const QString name = QString::fromStdString(sheet_->athlete().name).toHtmlEscaped();
  crumbs_->setText(
      QStringLiteral("/ &nbsp;<span style='font-weight:600'>%1</span>&nbsp; / &nbsp;%2&nbsp; / &nbsp;%3")
          .arg(name, dayWords(day, "dddd d MMMM"),
               tr("set %1 of %2").arg(number).arg(of) +
                   (onHandOut() ? QStringLiteral("&nbsp; / &nbsp;") + tr("hand-out") : QString()) +
                   (onBeside() ? QStringLiteral("&nbsp; / &nbsp;") + tr("beside") : QString())));
}

void HouseWindow::openFilming() {
  showPage(filming_);
  filming_->setFocus();
  refreshCrumbs();
}

QString HouseWindow::pageName() const {
  return onSheet()     ? tr("The set sheet")
         : onAthlete() ? tr("The athlete's page")
         : onFit()     ? tr("Fit")
         : onBeside()  ? tr("Beside")
         : onHandOut() ? tr("The hand-out")
         : onBook()    ? tr("The House book")
         : onBlind()   ? tr("The blind look")
         : onStory()   ? tr("The story")
         : onAhead()   ? tr("The weeks ahead")
         : onToday()   ? tr("Today")
                       : tr("The Queue");
}

void HouseWindow::showKeys() {
  // Of all keys in the window those that are of no page hold everywhere.
  std::vector<KeyLine> of_pages;
  for (int k = 0; k < pages_->count(); ++k)
    for (const KeyLine& line : keysOn(*pages_->widget(k))) of_pages.push_back(line);
  std::vector<KeyLine> everywhere = keysOn(*this);
  std::erase_if(everywhere, [&](const KeyLine& line) {
    return std::find(of_pages.begin(), of_pages.end(), line) != of_pages.end();
  });
  (new KeySheet(pageName(), keysOn(*pages_->currentWidget()), everywhere, this))->show();
}

Walk* HouseWindow::walkRound() {
  if (walk_) walk_->end();
  SetId set = kNoSet;
  // The newest that shows something; else the newest that was measured.
  LogQuery filmed;
  filmed.filmed = true;
  filmed.most = 40;
  auto lines = house_.search(filmed).value_or(std::vector<LogLine>());
  std::reverse(lines.begin(), lines.end());
  std::stable_partition(lines.begin(), lines.end(), [](const LogLine& line) { return !line.found.empty(); });
  for (const LogLine& line : lines) {
    if (const auto tracks = house_.loadTracks(line.id); !tracks || !*tracks) continue;
    set = line.id;
    break;
  }
  if (set == kNoSet) {
    say(tr(
        "The walk needs a set that has been measured. Drop a film on a lane first, or open the demo house."));
    return nullptr;
  }
  const auto at_sheet = [this, set](const std::function<QWidget*()>& look) {
    return [this, set, look] {
      if (!onSheet() || sheet_->current() != set) openSet(set);
      return look();
    };
  };
  const AthleteId who = house_.loadSet(set)->athlete;
  walk_ = new Walk(
      this,
      {{tr("The Queue"),
        tr("A lane an athlete, a tile a set. Films dropped on a lane are measured by themselves, one after "
           "the other; the "
           "tile shows how far it is, and then the bar's path."),
        [this]() -> QWidget* {
          showQueue();
          return queue_;
        }},
       {tr("A set is a sentence"),
        tr("What was asked stands on top as a sentence. Each dotted word can be clicked and said otherwise; "
           "all that "
           "follows goes by it. Ctrl+Z takes anything back."),
        at_sheet([this] { return sheet_->stationArea(1); })},
       {tr("The film"),
        tr("Take hold of the bar in the picture and pull it along its path: time goes with it. Or use the "
           "arrows, or a "
           "rep's cell below. The line above says how far depth can be trusted."),
        at_sheet([this] { return sheet_->stationArea(2); })},
       {tr("What was judged"),
        tr("Each finding is a sentence with its number ± error; strokes say how grave, a broken line that it "
           "is not "
           "certain. Open one: why, where on the film, what else may cause it. You may overrule any of it."),
        at_sheet([this] { return sheet_->stationArea(3); })},
       {tr("One cue, one load"),
        tr("One cue, chosen by what worked for this athlete before, and the next load with its reasons and "
           "the plates. "
           "Both are suggestions: say another, and it is kept."),
        at_sheet([this] { return sheet_->stationArea(5); })},
       {tr("Fit"),
        tr("The set-up for this body. Pull bar, stance or heel on the figure: the posture that keeps the bar "
           "over mid-foot "
           "is solved as you pull. It ends in a card for the rack."),
        [this, who]() -> QWidget* {
          openFit(who);
          return &fit_->figure();
        }},
       {tr("The story"),
        tr("Months of one lift: loads, strength as a band, what was found, which cue changed it. Any mark "
           "leads to its "
           "set."),
        [this, who]() -> QWidget* {
          openStory(who);
          return story_;
        }},
       {tr("Now yours"),
        tr("Make an athlete (Ctrl+N), film one set as shown here, and drop it on the lane. F1 shows the keys "
           "of every "
           "page. The program measures and suggests; pain, and whoever treats it, come first."),
        [this]() -> QWidget* {
          openFilming();
          return nullptr;
        }}});
  connect(walk_, &Walk::ended, this, [this] {
    if (auto ok = house_.saveDeskState("walk", "walked"); !ok) say(QString::fromStdString(ok.error().text));
  });
  return walk_;
}

void HouseWindow::offerWalk() {
  if (house_.deskState("walk").value_or("") == "offer") walkRound();
}

void HouseWindow::restore() {
  watchAgain();
  auto set = house_.deskState("set");
  auto frame = house_.deskState("frame");
  if (!set || !frame || set->empty()) return refreshCrumbs();
  const SetId id{std::strtoll(set->c_str(), nullptr, 10)};
  if (!house_.loadSet(id)) return refreshCrumbs();
  openSet(id);
  sheet().film().goTo(std::strtoull(frame->c_str(), nullptr, 10));
}

void HouseWindow::closeEvent(QCloseEvent* event) {
  sheet_->settle();
  const std::string set = onSheet() || onBeside() || onHandOut()
                              ? std::to_string(static_cast<std::int64_t>(sheet_->current()))
                              : std::string();
  auto ok = house_.saveDeskState("set", set);
  if (ok) ok = house_.saveDeskState("frame", std::to_string(sheet_->film().frame()));
  if (!ok) say(QString::fromStdString(ok.error().text));
  event->accept();
}

}  // namespace mottix
