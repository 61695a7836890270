// What an eye called over many looks: a line for each rule, on one scale for all (the rule's limit and its
// big deviation lie under each other), a dot for each clip: full and above the line where it was called,
// hollow and below where it was not; and from where on the eye calls it.
#pragma once

#include <QWidget>

#include "core/eye/blind_look.h"

namespace mottix {

class EyeChart : public QWidget {
  Q_OBJECT
 public:
  explicit EyeChart(QWidget* parent = nullptr);
  // Rules with looks, those at which the eye is farthest from the book first.
  void show(const RuleBook& book, const std::vector<BlindLook>& looks);
  int rows() const { return static_cast<int>(rows_.size()); }
  QRectF rowRect(int row) const;
  QString rowWords(int row) const;  // as it is read out

 signals:
  void ruleWanted(QString rule);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  struct Row {
    Rule rule;
    EyeOfRule eye;
    std::vector<std::pair<double, bool>> dots;      // units beyond the limit, called
    std::optional<std::pair<double, double>> from;  // in such units, with its error
  };
  std::vector<Row> rows_;
  int at_ = 0;
  void choose(int row);
};

}  // namespace mottix
