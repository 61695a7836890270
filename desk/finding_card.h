// Station 3, Judged: one finding as a sentence with its numbers, a small plot of all reps against the limit,
// and the coach's word on it. A click on the sentence goes to the frame that shows it.
#pragma once

#include <QWidget>

#include "core/verdict/analysis.h"

class QLabel;
class QPushButton;

namespace mottix {

// Every rep's value with its error (one standard deviation each way) against the rule's limit.
class EvidencePlot : public QWidget {
  Q_OBJECT
 public:
  EvidencePlot(const Rule& rule, const std::vector<Measure>& measures, const QString& book,
               QWidget* parent = nullptr);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  Rule rule_;
  std::vector<Measure> values_;
  QString book_;
};

class FindingCard : public QWidget {
  Q_OBJECT
 public:
  FindingCard(const Finding& finding, const RuleBook& book, const std::vector<Measure>& measures,
              bool with_plot, QWidget* parent = nullptr);
  const Finding& finding() const { return finding_; }

 signals:
  void opened(mottix::Finding finding);
  void overruleWanted(QString rule, bool overruled);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  Finding finding_;
};

}  // namespace mottix
