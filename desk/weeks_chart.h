// The weeks to a test: a rung for the top load of each, to be pulled up and down; the band of strength that
// is expected; what was done; how much is lifted in a week.
#pragma once

#include <optional>

#include <QWidget>

#include "core/load/ahead.h"

namespace mottix {

class WeeksChart : public QWidget {
  Q_OBJECT
 public:
  explicit WeeksChart(QWidget* parent = nullptr);
  void show(const Ahead& ahead, const AheadWish& wish);
  void choose(int week);
  int chosen() const { return at_; }
  QRectF columnRect(int week) const;
  QPointF rungAt(int week) const;  // its middle; of a week with none, the column's
  double kgAt(double y) const;
  QSize sizeHint() const override { return {860, 460}; }

 signals:
  void weekChosen(int week);
  // While a rung is held, and when it is let go.
  void pulled(int week, double kg);
  void moved(int week, double kg);
  void missedToggled(int week);
  void resetWanted(int week);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  Ahead ahead_;
  double step_kg_ = 2.5;
  std::optional<double> goal_kg_;
  int at_ = 0;
  std::optional<int> held_;
  double low_kg_ = 0.0, high_kg_ = 100.0, most_sum_kg_ = 1.0;
  double yOf(double kg) const;
  const AheadWeek& week(int k) const { return ahead_.weeks[static_cast<std::size_t>(k)]; }
  int count() const { return static_cast<int>(ahead_.weeks.size()); }
  bool canMove(int k) const;
  QString words(int k) const;
};

}  // namespace mottix
