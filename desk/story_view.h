// Story: months of one athlete and lift; beside another if wanted; the log searched by a sentence.
#pragma once

#include <set>

#include <QWidget>

#include "desk/athlete_desk.h"
#include "desk/sentence.h"
#include "desk/story_chart.h"

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace mottix {

class StoryView : public QWidget {
  Q_OBJECT
 public:
  explicit StoryView(AthleteDesk& desk, QWidget* parent = nullptr);
  void open(AthleteId athlete, std::optional<Lift> lift = std::nullopt);
  StoryChart& chart() { return *chart_; }
  const Story& story() const { return story_; }
  Lift lift() const { return lift_; }
  void search(const QString& text);
  QListWidget& results() { return *results_; }

 signals:
  void backWanted();
  void aheadWanted();
  void setWanted(mottix::SetId set);
  void trouble(QString text);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  AthleteDesk& desk_;
  Lift lift_ = Lift::kSquat;
  std::string variant_;
  std::vector<LogLine> lines_, other_lines_;
  std::int64_t read_at_ = -1;
  Story story_;
  std::optional<Story> other_;
  std::optional<std::pair<AthleteId, Lift>> beside_;  // whom and what it is laid beside
  Sentence* sentence_ = nullptr;
  Word *lift_word_ = nullptr, *variant_word_ = nullptr, *beside_word_ = nullptr, *of_word_ = nullptr;
  QString of_;  // a sentence as of the search; empty: all sets
  StoryChart* chart_ = nullptr;
  QLineEdit* find_ = nullptr;
  QLabel *found_words_ = nullptr, *set_words_ = nullptr, *strength_words_ = nullptr, *cues_ = nullptr;
  QListWidget* results_ = nullptr;
  QPushButton* open_ = nullptr;

  void build();
  void refresh();
  bool readLines();  // of the log, when something has been written since
  void refreshSet();
  LogQuery queryOf(const QString& text, std::optional<AthleteId> who) const;
  // Sets of an athlete that the filter leaves; nothing: there is none.
  std::optional<std::set<SetId>> left(AthleteId who) const;
  Day today() const;
};

}  // namespace mottix
