// Station 3, Judged: one finding as a sentence with its numbers, a small plot of all reps against the limit,
// its causes, the chain of evidence behind it, and the coach's word on it. A click on the sentence goes to
// the frame that shows it.
#pragma once

#include <QStringList>
#include <QWidget>

#include "core/verdict/analysis.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace mottix {

// Every rep's value with its error (one standard deviation each way) against the rule's limit.
class EvidencePlot : public QWidget {
  Q_OBJECT
 public:
  EvidencePlot(const Rule& rule, const Finding& finding, const std::vector<Measure>& measures,
               QWidget* parent = nullptr);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  Rule rule_;
  MeasureId measure_;
  double limit_;
  std::vector<Measure> values_;
};

// What a card says beside the finding itself.
struct CardContext {
  const RuleBook* book = nullptr;
  const std::vector<Measure>* measures = nullptr;
  std::vector<CauseCandidate> causes;  // in the book's order
  std::vector<Finding> seen_as_well;   // of the same event, seen another way
  QStringList chain;                   // chainWords
  QString overruled_why;               // of one that does not stand
  int overruled_before = 0;            // times the coach overruled this rule for this athlete
  bool with_plot = true;
};

class FindingCard : public QWidget {
  Q_OBJECT
 public:
  FindingCard(const Finding& finding, const CardContext& context, QWidget* parent = nullptr);
  const Finding& finding() const { return finding_; }

 signals:
  void opened(mottix::Finding finding);
  // `why` in the coach's words, perhaps empty.
  void overruleWanted(QString rule, bool overruled, QString why);
  // What the coach says of a cause: 1 confirmed, 0 struck out, -1 nothing any more.
  void causeSaid(QString cause, int word);

 protected:
  void paintEvent(QPaintEvent* event) override;
  bool eventFilter(QObject* object, QEvent* event) override;

 private:
  Finding finding_;
  QVBoxLayout* column_ = nullptr;
  void addCauses(const CardContext& context);
  void addChain(const QStringList& links, QPushButton* open);
  void askWhy();
};

}  // namespace mottix
