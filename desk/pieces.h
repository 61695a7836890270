// Small pieces that every sheet is made of.
#pragma once

#include <optional>

#include <QDate>
#include <QList>
#include <QPointer>
#include <QString>
#include <QWidget>

#include "core/base/day.h"
#include "desk/theme.h"

class QLabel;
class QPainter;
class QLayout;
class QPushButton;

namespace mottix {

QLabel* label(int size_px, Weight weight = Weight::kRegular, bool muted = false);
// Shows that what is in `place` has the focus.
void paintFocus(QPainter& painter, const QRectF& place);

// `help` is shown when the mouse rests on it and read by screen readers.
QPushButton* button(const QString& text, const QString& help, bool quiet = false);
// A number as people type it: with a comma or a point, a unit behind it.
std::optional<double> numberIn(QString text);
QDate dateOf(Day day);
// In the language that is spoken; as QLocale formats: "d MMMM". ISO days as they are stored.
QString dayWords(const QDate& day, const char* format);
QString dayWords(Day day, const char* format);
QString dayWords(const std::string& iso, const char* format);
void clearLayout(QLayout* layout);
// While it lives nothing on the page is laid out; then all of it once, in an event of its own. Otherwise each
// piece that is shown or hidden lays out the whole page.
class LayoutPause {
 public:
  explicit LayoutPause(const QWidget& page);
  ~LayoutPause();
  LayoutPause(const LayoutPause&) = delete;
  LayoutPause& operator=(const LayoutPause&) = delete;

 private:
  QList<QPointer<QLayout>> paused_;
};

// Gives one piece all its room and keeps what changes in it from laying the page out anew, which takes longer
// than a picture while something is pulled.
class StillBox : public QWidget {
 public:
  explicit StillBox(QWidget* piece);
  // As high as the piece wants to be at this width; called again when its words have changed.
  void fitHeight();

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  QWidget* piece_;
  bool fits_ = false;
};
// The paper a sheet lies on; called from paintEvent.
void paintPaper(QWidget& sheet);

}  // namespace mottix
