// Under the film: one cell a rep, each the bar's own path with sideways drift magnified, width showing speed,
// strokes showing findings. A click goes to that point of the path; with the keyboard, Left and Right go from
// rep to rep. A long set scrolls: with the wheel, and by itself to the rep of the moment.
#pragma once

#include <QWidget>

#include "report/path_drawing.h"
#include "report/sheet_data.h"

namespace mottix {

class RepRibbon : public QWidget {
  Q_OBJECT
 public:
  explicit RepRibbon(QWidget* parent = nullptr);
  void setData(const SheetData* sheet);
  void setFrame(std::size_t frame);
  QRectF cellRect(std::size_t rep_index) const;  // outside the widget when scrolled out of sight
  std::size_t firstInSight() const { return first_; }
  std::size_t cellsInSight() const;

 signals:
  void frameWanted(std::size_t frame);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  const SheetData* data_ = nullptr;
  std::vector<RepPath> paths_;
  std::size_t frame_ = 0;
  std::size_t first_ = 0;  // rep in the leftmost cell
  double cellWidth() const;
  void showFrom(std::size_t first);
  QRectF pathRect(std::size_t rep_index) const;
  void goToPoint(const QPointF& at);
};

}  // namespace mottix
