// The start screen: today's films in lanes, one lane an athlete, oldest left. Films are dropped on a lane or
// added with Ctrl+O; what is being followed shows its progress on the tile itself.
#pragma once

#include <map>
#include <optional>
#include <vector>

#include <QAbstractButton>
#include <QFutureWatcher>
#include <QWidget>

#include "desk/analysis_jobs.h"
#include "desk/sentence.h"
#include "report/path_drawing.h"
#include "store/house_file.h"

class QLabel;
class QPushButton;
class QScrollArea;
class QTimer;
class QVBoxLayout;

namespace mottix {

// One set: the bar's path as its emblem, what was asked, and how far it is.
class SetTile : public QAbstractButton {
  Q_OBJECT
 public:
  SetTile(const SetRecord& set, QWidget* parent = nullptr);
  SetId set() const { return set_.id; }
  const SetRecord& record() const { return set_; }
  bool open() const { return set_.state != SetState::kReviewed; }
  void showPaths(std::vector<RepPath> paths, std::vector<Finding> findings);
  void showProgress(std::optional<double> part, bool paused = false);
  QSize sizeHint() const override { return {208, 140}; }

 signals:
  void stopWanted(mottix::SetId set);
  void followWanted(mottix::SetId set);
  void removeWanted(mottix::SetId set);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  SetRecord set_;
  std::vector<RepPath> paths_;
  std::vector<Finding> findings_;
  std::optional<double> part_;
  bool paused_ = false;
  QPushButton* act_;  // stop, or follow (again)
  void refreshAct();
  QString stateWords() const;
};

class Lane : public QWidget {
  Q_OBJECT
 public:
  Lane(const Athlete& athlete, QWidget* parent = nullptr);
  AthleteId athlete() const { return athlete_.id; }
  const Athlete& record() const { return athlete_; }
  QWidget* row() { return row_; }  // of tiles
  void addTile(SetTile* tile);
  void finish(const HouseFile::SetCounts& left_out);  // after the last tile
  void takeFocus();

 signals:
  void filmsDropped(mottix::AthleteId athlete, QStringList files);
  void athleteChanged(mottix::Athlete athlete);
  void addWanted(mottix::AthleteId athlete);
  void bodyWanted(mottix::AthleteId athlete);
  void fitWanted(mottix::AthleteId athlete);
  void filmingWanted();

 protected:
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dragLeaveEvent(QDragLeaveEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  Athlete athlete_;
  QLabel* log_ = nullptr;
  QScrollArea* row_area_;
  QWidget* row_;
  bool drop_here_ = false;
  int tiles_ = 0;
};

class QueueView : public QWidget {
  Q_OBJECT
 public:
  QueueView(HouseFile& house, AnalysisJobs& jobs, QWidget* parent = nullptr);
  void reload();
  void refresh();  // reload, when something has been written since
  void showProgress(SetId set, double part);
  ~QueueView() override;
  bool drawn() const { return to_draw_.empty() && drawn_now_ == kNoSet; }  // every tile shows its paths
  // The film was followed anew: what was drawn of it is old.
  void forgetDrawing(SetId set);
  void forgetDrawings();
  SetTile* tileOf(SetId set) const;
  Lane* laneOf(AthleteId athlete);

 signals:
  void openWanted(mottix::SetId set);
  void filmsDropped(mottix::AthleteId athlete, QStringList files);
  void addWanted(mottix::AthleteId athlete);
  void newAthleteWanted();
  void bodyWanted(mottix::AthleteId athlete);
  void fitWanted(mottix::AthleteId athlete);
  void filmingWanted();
  void athleteChanged(mottix::Athlete athlete);
  void stopWanted(mottix::SetId set);
  void followWanted(mottix::SetId set);
  void removeWanted(mottix::SetId set);
  void pauseWanted();
  void trouble(QString text);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  HouseFile& house_;
  AnalysisJobs& jobs_;
  QLabel *head_ = nullptr, *sub_ = nullptr;
  QPushButton* pause_ = nullptr;
  QScrollArea* area_ = nullptr;
  void refreshPause();
  std::int64_t shown_at_ = -1;  // writes of the house by then
  QVBoxLayout* lanes_ = nullptr;
  std::vector<Lane*> lane_list_;
  std::vector<SetTile*> tiles_;

  // Paths and findings are computed on a thread, one set at a time, and kept while nothing changes.
  struct Drawing {
    SetId set{};
    Athlete athlete;
    SetEdit edit;
    std::vector<RepPath> paths;
    std::vector<Finding> findings;
  };
  std::map<SetId, Drawing> drawings_;
  // Lanes that are still to be made, the last one first, and what is in them.
  std::vector<Athlete> pending_;
  std::map<AthleteId, std::vector<SetRecord>> pending_sets_;
  std::map<AthleteId, HouseFile::SetCounts> left_out_;
  QTimer* lane_timer_ = nullptr;
  void addLanes(int count);
  std::vector<SetId> to_draw_;  // last one first
  QFutureWatcher<std::optional<Drawing>> drawing_;
  SetId drawn_now_ = kNoSet;
  bool drawn_in_vain_ = false;  // what is drawn now is old already
  void takeDrawing();
  QTimer* drawing_timer_ = nullptr;
  void drawNext();
  const Athlete* athleteOf(SetId set) const;
};

}  // namespace mottix
