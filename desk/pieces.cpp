#include "desk/pieces.h"

#include <array>
#include <cmath>

#include <QLabel>
#include <QLayout>
#include <QLocale>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QResizeEvent>

#include "desk/theme.h"
#include "report/tr.h"

namespace mottix {

QLabel* label(int size_px, Weight weight, bool muted) {
  auto* l = new QLabel;
  l->setFont(type(size_px, weight));
  l->setWordWrap(true);
  if (muted) {
    QPalette p = l->palette();
    p.setColor(QPalette::WindowText, theme().muted);
    l->setPalette(p);
  }
  return l;
}

void paintFocus(QPainter& painter, const QRectF& place) {
  painter.setPen(QPen(theme().green, 2.0));
  painter.setBrush(Qt::NoBrush);
  painter.drawRect(place.adjusted(1, 1, -1, -1));
}

QPushButton* button(const QString& text, const QString& help, bool quiet) {
  auto* b = new QPushButton(text);
  if (quiet) b->setObjectName(QStringLiteral("quiet"));
  b->setAutoDefault(true);
  b->setToolTip(help);
  b->setAccessibleName(help);
  b->setCursor(Qt::PointingHandCursor);
  return b;
}

std::optional<double> numberIn(QString text) {
  static const QRegularExpression unit(QStringLiteral("\\s*(kg|cm|mm|°|deg)?\\s*$"));
  text.remove(unit).replace(QLatin1Char(','), QLatin1Char('.')).replace(QChar(0x2212), QLatin1Char('-'));
  bool ok = false;
  const double v = text.trimmed().toDouble(&ok);
  return ok && std::isfinite(v) ? std::optional(v) : std::nullopt;
}

QDate dateOf(Day day) {
  return QDate::fromString(QString::fromStdString(nameOf(day)), Qt::ISODate);
}

// How the parts of a day stand differs from language to language.
[[maybe_unused]] constexpr std::array kDayFormats = {
    QT_TRANSLATE_NOOP("mottix", "d MMM"),       QT_TRANSLATE_NOOP("mottix", "d MMM yyyy"),
    QT_TRANSLATE_NOOP("mottix", "d MMMM"),      QT_TRANSLATE_NOOP("mottix", "d MMMM yyyy"),
    QT_TRANSLATE_NOOP("mottix", "dddd d MMMM"), QT_TRANSLATE_NOOP("mottix", "dddd d MMMM yyyy")};

QString dayWords(const QDate& day, const char* format) {
  return spoken().toString(day, tr(format));
}
QString dayWords(Day day, const char* format) {
  return dayWords(dateOf(day), format);
}
QString dayWords(const std::string& iso, const char* format) {
  return dayWords(QDate::fromString(QString::fromStdString(iso), Qt::ISODate), format);
}

void clearLayout(QLayout* layout) {
  while (QLayoutItem* item = layout->takeAt(0)) {
    if (item->widget() != nullptr) {
      item->widget()->hide();
      item->widget()->deleteLater();
    } else if (item->layout() != nullptr) {
      clearLayout(item->layout());
    }
    delete item;
  }
}

LayoutPause::LayoutPause(const QWidget& page) {
  const auto layouts = page.findChildren<QLayout*>();
  for (QLayout* layout : layouts)
    if (layout->isEnabled()) {
      layout->setEnabled(false);
      paused_.append(layout);
    }
}

LayoutPause::~LayoutPause() {
  for (const QPointer<QLayout>& layout : paused_)
    if (layout) {
      layout->setEnabled(true);
      layout->update();
    }
}

StillBox::StillBox(QWidget* piece) : piece_(piece) {
  piece_->setParent(this);
}

void StillBox::fitHeight() {
  fits_ = true;
  const int wanted = piece_->heightForWidth(width());
  if (wanted > 0 && minimumHeight() != wanted) setFixedHeight(wanted);
}

void StillBox::resizeEvent(QResizeEvent* event) {
  if (fits_ && event->size().width() != event->oldSize().width()) fitHeight();
  piece_->setGeometry(rect());
}

void paintPaper(QWidget& sheet) {
  QPainter p(&sheet);
  p.fillRect(sheet.rect(), theme().sheet);
  p.setPen(QPen(theme().line, 1.0));
  p.drawRect(QRectF(sheet.rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

}  // namespace mottix
