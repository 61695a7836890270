// Months of one lift on one time line: loads and the band of strength, speed at equal load, what was found
// how often, what else changed. The wheel, + and - zoom; dragging and Ctrl with the arrows move; a click or
// the arrows choose a set.
#pragma once

#include <set>

#include <QWidget>

#include "core/log/story.h"

namespace mottix {

class StoryChart : public QWidget {
  Q_OBJECT
 public:
  explicit StoryChart(QWidget* parent = nullptr);
  // Both must outlive what is shown. `beside`: another athlete's or lift's, drawn hollow; may be nothing.
  void show(const Story* story, const Story* beside, Day today, const RuleBook& book);
  // Sets that were found stand out.
  void setFound(std::set<SetId> found);
  void choose(SetId set);
  SetId chosen() const { return chosen_; }
  QPointF placeOf(SetId set) const;
  Day from() const { return from_; }
  Day to() const { return to_; }
  void zoom(double factor, double at_x);
  void showAll();
  QSize sizeHint() const override { return {900, 560}; }

 signals:
  void setChosen();
  void setWanted(mottix::SetId set);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

 private:
  const Story* story_ = nullptr;
  const Story* beside_ = nullptr;
  RuleBook book_;
  Day today_{}, from_{}, to_{}, first_{};
  SetId chosen_ = kNoSet;
  std::set<SetId> found_;
  double low_kg_ = 0.0, high_kg_ = 100.0;
  std::optional<double> pressed_x_;
  Day pressed_from_{};
  bool dragged_ = false;

  struct Rooms {
    QRectF loads, speeds, found, marks;
  };
  Rooms rooms() const;
  double xOf(Day day) const;
  double yOf(double kg) const;
  void move(int days);
  void fitLoads();
  const LogLine* nearest(const QPointF& at) const;
  void paintLoads(QPainter& p, const QRectF& room);
  void paintSpeeds(QPainter& p, const QRectF& room);
  void paintFound(QPainter& p, const QRectF& room);
  void paintMarks(QPainter& p, const QRectF& room);
  QString tipAt(const QPointF& at) const;
};

// One set of the log in one sentence: "12 March · 5 × 82.5 kg, felt 8.5 · hips rise first on 3 reps".
QString lineWords(const LogLine& line, const RuleBook& book);

}  // namespace mottix
