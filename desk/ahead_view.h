// Ahead: the weeks to the test or meet of one athlete in one lift. What is asked for is a sentence; the loads
// are pulled in the chart; everything is a step of the athlete's undo.
#pragma once

#include <QWidget>

#include "desk/athlete_desk.h"
#include "desk/sentence.h"
#include "desk/weeks_chart.h"

class QLabel;
class QPagedPaintDevice;
class QPushButton;

namespace mottix {

class PlatesDrawing;

class AheadView : public QWidget {
  Q_OBJECT
 public:
  explicit AheadView(AthleteDesk& desk, QWidget* parent = nullptr);
  // The lift shown last, or the one with the newest set, where none is named.
  void open(AthleteId athlete, std::optional<Lift> lift = std::nullopt);
  WeeksChart& chart() { return *chart_; }
  const std::optional<Ahead>& ahead() const { return ahead_; }
  Lift lift() const { return lift_; }
  // By the ending of the name: .ics, .csv, .json, or .pdf for the chosen week's page. False: it was said why.
  bool takeOut(const QString& file);
  QString weekPage() const;  // HTML, of the chosen week
  void printWeek(QPagedPaintDevice& on) const;

 signals:
  void backWanted();
  void storyWanted();
  void trouble(QString text);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  AthleteDesk& desk_;
  Lift lift_ = Lift::kSquat;
  std::string variant_;
  std::vector<LogLine> lines_;
  std::int64_t read_at_ = -1;  // writes of the house when the lines were read
  std::optional<Ahead> ahead_;
  QString stale_;  // why it is not the plan that was made
  AheadWish wish_;
  Gear gear_;
  std::optional<Rigging> on_;  // what the newest set was on; nothing: the house has no bar
  Sentence* sentence_ = nullptr;
  Word *lift_word_ = nullptr, *plan_ = nullptr, *begins_ = nullptr, *test_ = nullptr, *sessions_ = nullptr,
       *goal_ = nullptr, *gain_ = nullptr;
  WeeksChart* chart_ = nullptr;
  QLabel *title_ = nullptr, *sets_ = nullptr, *why_ = nullptr, *band_ = nullptr, *plates_words_ = nullptr,
         *verdict_ = nullptr, *caution_ = nullptr;
  PlatesDrawing* plates_ = nullptr;
  QLabel* beside_ = nullptr;
  Sentence *dropped_line_ = nullptr, *ladder_line_ = nullptr;
  Word *dropped_ = nullptr, *rung_ = nullptr;
  QPushButton* climb_ = nullptr;
  void refreshAssistance();
  void refreshLadder();
  // By the title of a rung; one undo step. Says what is wrong.
  QString standOn(const QString& rung);
  QPushButton *missed_ = nullptr, *reset_ = nullptr, *out_ = nullptr;

  void build();
  void buildSentence();
  QWidget* buildSide();
  void readLines();
  Day today() const;
  template <typename Change>
  void editAim(const QString& text, Change&& change);
  void replan(const LiftAim& aim);
  void refresh();
  void refreshWords();
  void refreshWeek();
  void moveTo(int week, std::optional<double> kg);
  void toggleMissed(int week);
  void askWhere();
  void askPrinter();
};

}  // namespace mottix
