// How to film a set so that it can be measured: four drawings and what they say.
#pragma once

#include <QWidget>

#include "report/figure.h"

namespace mottix {

// One of the drawings; painted to fit, nothing in it is measured.
class FilmingDrawing : public QWidget {
  Q_OBJECT
 public:
  enum class Kind { kDistance, kSquare, kInThePicture, kFront };
  FilmingDrawing(Kind kind, QWidget* parent = nullptr);
  QSize sizeHint() const override { return {380, 200}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  Kind kind_;
  Figure figure_;  // somebody at the bottom of a squat
};

class FilmingView : public QWidget {
  Q_OBJECT
 public:
  explicit FilmingView(QWidget* parent = nullptr);

 signals:
  void backWanted();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
};

}  // namespace mottix
