// Where the stored sets lie along one rule: a dot a set, and the rule's limit and big deviation, which are
// taken hold of and moved, by mouse or by keys (left and right; Tab goes to the other one).
#pragma once

#include <vector>

#include <QWidget>

#include "core/verdict/rule_book.h"

namespace mottix {

class LimitScale : public QWidget {
  Q_OBJECT
 public:
  explicit LimitScale(QWidget* parent = nullptr);
  void setRule(const Rule& rule, std::vector<double> values);
  void setLimits(double limit, double big);
  double limit() const { return limit_; }
  double big() const { return big_; }
  // Where a value lies, in pixels from the left; for tests, too.
  double xOf(double value) const;

 signals:
  void moved(double limit, double big);   // while it is held
  void placed(double limit, double big);  // let go of, or moved by a key

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool focusNextPrevChild(bool next) override;

 private:
  enum class Mark { kNone, kLimit, kBig };
  Rule rule_;
  std::vector<double> values_;
  double limit_ = 0.0, big_ = 0.0, low_ = 0.0, high_ = 1.0;
  Mark held_ = Mark::kNone, at_ = Mark::kLimit;
  double stepSize() const;
  void put(Mark mark, double value);
};

}  // namespace mottix
