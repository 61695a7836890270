// The window of one house: the Queue and the set sheet, what was said wrong, and the way back.
#pragma once

#include <QDate>
#include <QMainWindow>
#include <QUndoGroup>
#include <QUndoStack>

#include "desk/analysis_jobs.h"
#include "desk/queue_view.h"
#include "desk/set_sheet.h"

class QLabel;
class QPushButton;
class QStackedWidget;

namespace mottix {

class HouseWindow : public QMainWindow {
  Q_OBJECT
 public:
  // `today` dates new sets; it comes from outside so that a test can fix it.
  HouseWindow(HouseFile house, QDate today, QWidget* parent = nullptr);

  QueueView& queue() { return *queue_; }
  SetSheet& sheet() { return *sheet_; }
  AnalysisJobs& jobs() { return jobs_; }
  HouseFile& house() { return house_; }
  QUndoGroup& undo() { return undo_; }
  bool onSheet() const;
  QString notice() const;

  void addFilms(AthleteId athlete, const QStringList& files);
  AthleteId addAthlete(const QString& name);
  void openSet(SetId set);
  void showQueue();
  void removeSet(SetId set);

 protected:
  void closeEvent(QCloseEvent* event) override;

 private:
  HouseFile house_;
  QDate today_;
  AnalysisJobs jobs_;
  QUndoGroup undo_;
  QUndoStack queue_stack_;
  QStackedWidget* pages_ = nullptr;
  QueueView* queue_ = nullptr;
  SetSheet* sheet_ = nullptr;
  QPushButton* queue_crumb_ = nullptr;
  QLabel* crumbs_ = nullptr;
  QWidget* notice_box_ = nullptr;
  QLabel* notice_ = nullptr;

  void buildChrome();
  void say(const QString& text);
  void follow(const SetRecord& set);
  void refreshCrumbs();
  void restore();
};

}  // namespace mottix
