// The window of one house: the Queue, the set sheet, the athlete's page, Fit, the House book and the blind
// look; what was said wrong, and the way back.
#pragma once

#include <functional>

#include <QDate>
#include <QMainWindow>
#include <QPointer>
#include <QUndoGroup>
#include <QUndoStack>

#include "desk/ahead_view.h"
#include "desk/analysis_jobs.h"
#include "desk/athlete_view.h"
#include "desk/beside_view.h"
#include "desk/blind_look_view.h"
#include "desk/filming_view.h"
#include "desk/fit_view.h"
#include "desk/folder_watch.h"
#include "desk/hand_out_view.h"
#include "desk/house_book_view.h"
#include "desk/house_menu.h"
#include "desk/import_view.h"
#include "desk/queue_view.h"
#include "desk/set_sheet.h"
#include "desk/story_view.h"
#include "desk/today_view.h"
#include "desk/walk.h"

class QLabel;
class QPushButton;
class QStackedWidget;

namespace mottix {

class HouseWindow : public QMainWindow {
  Q_OBJECT
 public:
  // `today` dates new sets; it comes from outside so that a test can fix it.
  // `models`: folder of the keypoint network; without it joints are placed by hand.
  HouseWindow(HouseFile house, QDate today, std::filesystem::path models = {});

  QueueView& queue() { return *queue_; }
  // With all that was changed judged.
  SetSheet& sheet() {
    sheet_->settle();
    return *sheet_;
  }
  AnalysisJobs& jobs() { return jobs_; }
  HouseFile& house() { return house_; }
  QUndoGroup& undo() { return undo_; }
  AthleteView& athlete() { return *athlete_; }
  FitView& fit() { return *fit_; }
  BesideView& beside() { return *beside_; }
  HandOutView& handOut() { return *hand_out_; }
  HouseBookView& book() { return *book_; }
  BlindLookView& blind() { return *blind_; }
  StoryView& story() { return *story_; }
  AheadView& ahead() { return *ahead_; }
  TodayView& today() {
    today_view_->settle();
    return *today_view_;
  }
  ImportView& import() { return *import_; }
  bool onSheet() const;
  bool onAthlete() const;
  bool onFit() const;
  bool onBeside() const;
  bool onHandOut() const;
  bool onBook() const;
  bool onBlind() const;
  bool onStory() const;
  bool onAhead() const;
  bool onToday() const;
  bool onImport() const;
  bool onFilming() const;
  QString notice() const;

  void addFilms(AthleteId athlete, const QStringList& files);
  AthleteId addAthlete(const QString& name);
  void openSet(SetId set);
  void showQueue();
  void removeSet(SetId set);
  void openAthlete(AthleteId athlete);
  void openFit(AthleteId athlete);
  // The set on the sheet beside another.
  void openBeside();
  void openBook();
  void openHandOut();
  void openBlind();
  void openStory(AthleteId athlete);
  void openAhead(AthleteId athlete);
  void openToday();
  void openImport(const QString& file);
  // How to film.
  void openFilming();
  // The keys of the page that is shown, and those that hold everywhere.
  void showKeys();
  // Round the house in eight stops; null where nothing has been measured yet, which is said.
  Walk* walkRound();
  // Begins the walk where the house offers it (the demo house, the first time).
  void offerWalk();
  HouseMenu& houseMenu() { return *menu_; }
  FolderWatch& folderWatch() { return watch_; }
  // From now on, and when the house is opened again; empty: none. A film goes to the athlete whose name its
  // folder has, or its own name begins with; else to the athlete at hand.
  void watchFolder(const QString& folder, bool all);
  // The house as it was in a backup; what it is now is kept among them. False: it was said why.
  bool goBack(const QString& backup);

 protected:
  void closeEvent(QCloseEvent* event) override;

 private:
  HouseFile house_;
  QDate today_;
  AnalysisJobs jobs_;
  QUndoGroup undo_;
  QUndoStack queue_stack_;
  HouseMenu* menu_ = nullptr;
  FolderWatch watch_;
  void takeWatched(const QString& film);
  void watchAgain();
  QStackedWidget* pages_ = nullptr;
  QueueView* queue_ = nullptr;
  SetSheet* sheet_ = nullptr;
  AthleteDesk desk_;
  AthleteView* athlete_ = nullptr;
  FitView* fit_ = nullptr;
  BesideView* beside_ = nullptr;
  HandOutView* hand_out_ = nullptr;
  HouseBookView* book_ = nullptr;
  BlindLookView* blind_ = nullptr;
  StoryView* story_ = nullptr;
  AheadView* ahead_ = nullptr;
  TodayView* today_view_ = nullptr;
  ImportView* import_ = nullptr;
  FilmingView* filming_ = nullptr;
  QPointer<Walk> walk_;
  bool from_sheet_ = false;           // the athlete's pages were opened from a set
  std::function<void()> sheet_back_;  // where a sheet was opened from, if not from the Queue
  QPushButton *body_button_ = nullptr, *fit_button_ = nullptr;
  QPushButton* queue_crumb_ = nullptr;
  QLabel* crumbs_ = nullptr;
  QWidget* notice_box_ = nullptr;
  QLabel* notice_ = nullptr;

  void buildChrome();
  // A key that holds on every page.
  void everywhere(const QKeySequence& key, const QString& words, const std::function<void()>& go);
  void say(const QString& text);
  void follow(const SetRecord& set);
  void refreshCrumbs();
  void restore();
  void startAnew();
  void showPage(QWidget* page);
  void back();
  QString pageName() const;
  std::optional<AthleteId> athleteAtHand() const;
};

}  // namespace mottix
