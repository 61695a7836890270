// The look: paper and ink, one green family for the bar's path, one clay tone for what wants attention; the
// type. Colour never carries meaning alone: strokes, textures and words say the same.
#pragma once

#include <QColor>
#include <QFont>

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

// What is drawn on the screen; light until it is said.
const Theme& theme();
void setTheme(Look look);
// On paper, whatever the screen looks like; told apart in black and white as well.
const Theme& printTheme();

enum class Weight { kRegular, kMedium, kSemiBold };
// Barlow, which ships with the program; loaded when it is first asked for.
QFont type(int size_px, Weight weight = Weight::kRegular);

}  // namespace mottix
