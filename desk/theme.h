// The look: paper and ink, one green family for the bar's path, one clay tone for what wants attention.
// Colour never carries meaning alone: strokes, textures and words say the same.
#pragma once

#include <QColor>
#include <QFont>

class QApplication;

namespace mottix {

struct Theme {
  bool dark = false;
  QColor desk;    // behind the sheet
  QColor sheet;   // the paper
  QColor raised;  // a region that stands out a little
  QColor ink;
  QColor muted;
  QColor line;
  QColor green;
  QColor green_soft;
  QColor clay;
};

enum class Look { kLight, kDark };

const Theme& theme();
// Loads the fonts, sets palette and style of the whole program.
void applyLook(QApplication& app, Look look);

enum class Weight { kRegular, kMedium, kSemiBold };
QFont type(int size_px, Weight weight = Weight::kRegular);

}  // namespace mottix
