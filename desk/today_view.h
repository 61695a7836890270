// Today: who is there and does what, in which order the bar is loaded, and sets written down in seconds
// without a film.
#pragma once

#include <filesystem>
#include <set>

#include <QDate>
#include <QFutureWatcher>
#include <QUndoGroup>
#include <QUndoStack>
#include <QWidget>

#include "core/load/assistance.h"
#include "core/load/session_order.h"
#include "core/log/quick_entry.h"
#include "desk/sentence.h"
#include "store/house_file.h"

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QVBoxLayout;

namespace mottix {

class TodayView : public QWidget {
  Q_OBJECT
 public:
  TodayView(HouseFile& house, QUndoGroup& undo, QDate today, QWidget* parent = nullptr);
  ~TodayView() override;
  void open();
  // Writes down what is in the line; false: what is wrong stands below it.
  bool writeDown();
  // Shows what the house holds now; who does what is planned behind the window.
  void refresh();
  // Waits until what is shown is planned by what the house holds now.
  void settle();
  const std::vector<BarTurn>& order() {
    settle();
    return order_;
  }
  QUndoStack& stack() { return stack_; }

 signals:
  void backWanted();
  void importWanted();
  void setWanted(mottix::SetId set);
  void changed();
  void trouble(QString text);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  struct Row {
    AthleteRecord who;
    Lift lift;
    const LiftPlan* plan;
    NextSession next;
    int done = 0;                    // sets of today
    std::optional<Rigging> on = {};  // as the newest set was; nothing: the house has no bar
    const Rung* rung = nullptr;      // of a ladder, below its top: not on the bar of the plan
  };
  struct PlannedDay {
    std::vector<Row> rows;
    QStringList problems;
  };
  static PlannedDay planDay(const std::filesystem::path& house, const Gear& gear, Day day);
  QFutureWatcher<PlannedDay> planning_;
  bool being_planned_ = false, plan_anew_ = false;  // since something was written meanwhile
  void plan();
  void takePlanned();
  HouseFile& house_;
  QUndoGroup& undo_;
  QUndoStack stack_;
  QDate today_;
  Lift lift_ = Lift::kSquat;
  std::set<std::pair<AthleteId, Lift>> away_;  // not there, or not doing it today
  std::vector<Row> rows_;
  std::vector<BarTurn> order_;
  std::optional<AthleteId> last_who_;
  std::optional<Lift> last_lift_;
  Gear gear_;
  QLineEdit* line_ = nullptr;
  QLabel *understood_ = nullptr, *caution_ = nullptr, *nobody_ = nullptr;
  QVBoxLayout* who_ = nullptr;
  QWidget* who_body_ = nullptr;
  Sentence* bar_ = nullptr;
  Word* bar_lift_ = nullptr;
  QListWidget *turns_ = nullptr, *done_ = nullptr;
  QPushButton *write_ = nullptr, *take_out_ = nullptr;

  void build();
  void understand();
  void refreshNobody();  // where rows would stand
  void refreshWho();
  void refreshOrder();
  void refreshDone();
  Day day() const;
  std::vector<NamedAthlete> people() const;
  QuickEntry entry() const;
  void takeOut();
};

}  // namespace mottix
