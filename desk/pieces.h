// Small pieces that every sheet is made of.
#pragma once

#include <optional>

#include <QString>

#include "desk/theme.h"

class QLabel;
class QLayout;
class QPushButton;
class QWidget;

namespace mottix {

QLabel* label(int size_px, Weight weight = Weight::kRegular, bool muted = false);
// `help` is shown when the mouse rests on it and read by screen readers.
QPushButton* button(const QString& text, const QString& help, bool quiet = false);
// A number as people type it: with a comma or a point, a unit behind it.
std::optional<double> numberIn(QString text);
void clearLayout(QLayout* layout);
// The paper a sheet lies on; called from paintEvent.
void paintPaper(QWidget& sheet);

}  // namespace mottix
