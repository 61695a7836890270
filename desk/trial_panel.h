// Set-ups that were kept, and two of them compared on the athlete's own sets. The comparison is computed
// between events, a set at a time.
#pragma once

#include <map>

#include <QTimer>
#include <QWidget>

#include "core/fit/setup_trial.h"
#include "desk/athlete_desk.h"
#include "desk/sentence.h"

class QGridLayout;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace mottix {

class TrialPanel : public QWidget {
  Q_OBJECT
 public:
  explicit TrialPanel(AthleteDesk& desk, QWidget* parent = nullptr);
  void open(Lift lift);
  bool ready() const { return !timer_.isActive(); }
  const std::vector<TrialLine>& lines() const { return lines_; }

 signals:
  void useWanted(mottix::SetupId setup);  // show it in Fit

 private:
  AthleteDesk& desk_;
  Lift lift_ = Lift::kSquat;
  SetupId a_{}, b_{};
  std::map<SetId, TrialSet> read_;
  std::vector<SetRecord> to_read_;
  QTimer timer_;
  std::vector<TrialLine> lines_;
  Sentence* sentence_ = nullptr;
  QVBoxLayout* kept_ = nullptr;
  QGridLayout* table_ = nullptr;
  QLabel* note_ = nullptr;

  std::vector<const SetupRecord*> setups() const;
  const SetupRecord* setup(SetupId id) const;
  void readNext();
  void refresh();
  void refreshTable();
  void choose(SetupId id, const QString& why);
};

}  // namespace mottix
