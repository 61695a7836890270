#include "desk/plates_drawing.h"

#include <algorithm>
#include <cmath>

#include <QPainter>

#include "desk/theme.h"
#include "report/wording.h"

namespace mottix {
namespace {

// Of a plate of which nobody has said it: full-size from 10 kg on, smaller ones by their mass.
double diameterOf(const PlateKind& p) {
  if (p.diameter_mm > 0.0) return p.diameter_mm;
  constexpr double kFull_mm = 450.0, kFullFrom_kg = 10.0, kOfFive_mm = 230.0;
  const double kg = p.each.kg();
  return kg >= kFullFrom_kg ? kFull_mm : std::clamp(kOfFive_mm * std::cbrt(kg / 5.0), 90.0, kOfFive_mm);
}

// Thicker with the mass for its size.
double thicknessOf(const PlateKind& p) {
  const double area = diameterOf(p) * diameterOf(p);
  return std::clamp(4.0 + 1.6e5 * p.each.kg() / area, 5.0, 24.0);
}

}  // namespace

PlatesDrawing::PlatesDrawing(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("plates"));
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void PlatesDrawing::show(const std::optional<Loading>& loading) {
  loading_ = loading;
  setAccessibleName(loading_ ? platesWords(*loading_) : QString());
  setToolTip(accessibleName());
  update();
}

void PlatesDrawing::paintEvent(QPaintEvent*) {
  if (!loading_) return;
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  std::vector<PlateKind> plates;
  for (const PlateKind& kind : loading_->side)
    for (int n = 0; n < kind.count; ++n) plates.push_back(kind);
  double wide = 0.0;
  for (const PlateKind& plate : plates) wide += thicknessOf(plate) + 2.0;
  const double room = width() - 26.0, squeeze = std::min(1.0, room / std::max(1.0, wide));
  const double middle = 0.5 * height(), full = height() - 4.0;
  p.setPen(QPen(t.muted, 4.0, Qt::SolidLine, Qt::FlatCap));
  p.drawLine(QPointF(0, middle), QPointF(std::min<double>(width(), 18.0 + squeeze * wide + 12.0), middle));
  p.setPen(QPen(t.muted, 2.4));
  p.drawLine(QPointF(12.0, middle - 8.0), QPointF(12.0, middle + 8.0));  // the shoulder of the sleeve
  double x = 16.0;
  for (const PlateKind& plate : plates) {
    const double thick = squeeze * thicknessOf(plate), high = full * diameterOf(plate) / 450.0;
    p.setPen(QPen(t.ink, 1.2));
    p.setBrush(t.green_soft);
    const QRectF box(x, middle - 0.5 * high, thick, high);
    p.drawRoundedRect(box, 2, 2);
    const QString words = QString::number(plate.in_lb ? plate.each.lb() : plate.each.kg());
    p.setFont(type(11, Weight::kMedium));
    const double room_for = p.fontMetrics().horizontalAdvance(words);
    if (high > room_for + 4.0 && thick >= 10.0) {
      p.save();
      p.translate(box.center());
      p.rotate(-90.0);
      p.setPen(t.ink);
      p.drawText(QRectF(-0.5 * high, -0.5 * thick, high, thick), Qt::AlignCenter, words);
      p.restore();
    }
    x += thick + 2.0 * squeeze;
  }
}

}  // namespace mottix
