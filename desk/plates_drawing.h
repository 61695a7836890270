// What hangs on one side of the bar, drawn as it looks from beside it: the sleeve, the plates from the inside
// out with their mass, the collar's place.
#pragma once

#include <optional>

#include <QWidget>

#include "core/load/plates.h"

namespace mottix {

class PlatesDrawing : public QWidget {
  Q_OBJECT
 public:
  explicit PlatesDrawing(QWidget* parent = nullptr);
  // Nothing: nothing is drawn.
  void show(const std::optional<Loading>& loading);
  const std::optional<Loading>& loading() const { return loading_; }
  QSize sizeHint() const override { return {110, 46}; }
  QSize minimumSizeHint() const override { return {60, 46}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::optional<Loading> loading_;
};

}  // namespace mottix
