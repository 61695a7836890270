#include "report/look.h"

#include <QFontDatabase>
#include <QString>

namespace mottix {
namespace {

Theme paper() {
  return {false,
          QColor("#ebeae4"),
          QColor("#faf9f4"),
          QColor("#efede4"),
          QColor("#1c2426"),
          QColor("#5f6664"),
          QColor("#d6d3c8"),
          QColor("#1d5c57"),
          QColor("#9dbdb8"),
          QColor("#a34c26")};
}

Theme night() {
  return {true,
          QColor("#14191a"),
          QColor("#1d2425"),
          QColor("#283031"),
          QColor("#ece9df"),
          QColor("#a5aaa5"),
          QColor("#3c4646"),
          QColor("#7fc4b8"),
          QColor("#3f6a64"),
          QColor("#e58f62")};
}

Theme& shown() {
  static Theme now = paper();
  return now;
}

}  // namespace

const Theme& theme() {
  return shown();
}

void setTheme(Look look) {
  shown() = look == Look::kDark ? night() : paper();
}

const Theme& printTheme() {
  static const Theme printed = [] {
    Theme t = paper();
    t.desk = t.sheet = t.raised = Qt::white;
    t.ink = QColor("#111515");
    t.muted = QColor("#4a504f");
    t.line = QColor("#b9b7ae");
    return t;
  }();
  return printed;
}

QFont type(int size_px, Weight weight) {
  static const bool loaded = [] {
    for (const char* file :
         {":/fonts/Barlow-Regular.ttf", ":/fonts/Barlow-Medium.ttf", ":/fonts/Barlow-SemiBold.ttf"})
      QFontDatabase::addApplicationFont(QString::fromLatin1(file));
    return true;
  }();
  (void)loaded;
  QFont font(QStringLiteral("Barlow"));
  font.setPixelSize(size_px);
  font.setWeight(weight == Weight::kSemiBold ? QFont::DemiBold
                 : weight == Weight::kMedium ? QFont::Medium
                                             : QFont::Normal);
  return font;
}

}  // namespace mottix
