#include "report/setup_card.h"

#include <algorithm>

#include "report/page.h"
#include "report/tr.h"

namespace mottix {
namespace {}  // namespace

QString standingCaution(Lift lift) {
  switch (lift) {
    case Lift::kSquat:
      return tr(
          "Safeties and collars always, spotters for heavy sets. A start to try out, no verdict: pain, "
          "numbness or dizziness means stop and see a licensed clinician. The gym's own rules come first.");
    case Lift::kBench:
      return tr(
          "Nobody benches alone without safeties. A start to try out, no verdict: pain, numbness or "
          "dizziness means stop and see a licensed clinician. The gym's own rules come first.");
    case Lift::kDeadlift:
      return tr(
          "Collars on. A start to try out, no verdict: pain, numbness or dizziness means stop and see a "
          "licensed clinician. The gym's own rules come first.");
  }
  return {};
}

void paintCard(QPainter& painter, const QRectF& page, const SetupCard& card, const FigureInk& ink) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  const double unit = page.width() / 420.0;  // the card is laid out 420 units wide
  auto font = [&](double size, QFont::Weight weight) {
    QFont f = ink.font;
    f.setPixelSize(std::max(1, static_cast<int>(std::lround(size * unit))));
    f.setWeight(weight);
    return f;
  };
  painter.fillRect(page, ink.paper);
  const double margin = 22.0 * unit;
  const double left = page.left() + margin, width = page.width() - 2.0 * margin;
  double y = page.top() + margin;
  auto text = [&](double x, double w, const QString& words, double size, QFont::Weight weight,
                  const QColor& colour) {
    return paintParagraph(painter, QRectF(x, y, w, page.bottom() - y), words, font(size, weight), colour);
  };
  y += text(left, width, card.athlete, 21, QFont::DemiBold, ink.ink);
  y += text(left, width, card.lift + QStringLiteral(", ") + card.name, 14, QFont::Medium, ink.ink) +
       2.0 * unit;
  y += text(left, width, card.day, 11, QFont::Normal, ink.muted) + 8.0 * unit;
  painter.setPen(QPen(ink.line, 1.2 * unit));
  painter.drawLine(QPointF(left, y), QPointF(left + width, y));
  y += 10.0 * unit;

  // What stands at the foot is measured first; the drawing takes what is left.
  double foot = 0.0;
  for (const QString& c : card.cautions)
    foot +=
        paintParagraph(painter, QRectF(left, 0, width, 1e5), c, font(10.5, QFont::Normal), ink.muted, false) +
        4.0 * unit;
  const double label_width = 76.0 * unit, value_width = width - label_width;
  for (const CardLine& line : card.lines) {
    text(left, label_width, line.label, 12.5, QFont::Normal, ink.muted);
    y += text(left + label_width, value_width, line.value, 13, QFont::DemiBold, ink.ink);
    QString why = line.plain ? QString() : line.reason;
    if (!line.school.isEmpty()) why += QStringLiteral(" (") + line.school + QStringLiteral(")");
    if (!why.isEmpty())
      y += text(left + label_width, value_width, why.trimmed(), 10.5, QFont::Normal, ink.muted);
    y += 3.5 * unit;
  }
  const QRectF room(left, y + 4.0 * unit, width, page.bottom() - margin - foot - y - 8.0 * unit);
  if (card.figure && room.height() > 60.0 * unit) {
    const Figure& f = *card.figure;
    const bool side = f.view == Figure::View::kSide;
    const double across = side ? 1.7 : 1.6, up = side ? 1.25 : 0.80, below = side ? 0.03 : 0.32;
    const double words = 16.0 * unit;  // for the line under the floor
    const double px_per_m = std::min(room.width() / across, (room.height() - words) / (up + below));
    const QPointF origin(room.center().x(), room.bottom() - words - below * px_per_m);
    const FigurePlace place = [=](const FigurePoint& p) {
      return origin + px_per_m * QPointF(p.m.x(), -p.m.y());
    };
    FigureInk small = ink;
    small.font = font(10.5, QFont::Normal);
    paintGround(painter, f, place, small);
    paintFigure(painter, f, place, px_per_m, small, FigureStyle::kSolid);
    paintNumbers(painter, f, std::nullopt, place, small);
  }
  y = page.bottom() - margin - foot;
  for (const QString& c : card.cautions)
    y += text(left, width, c, 10.5, QFont::Normal, ink.muted) + 4.0 * unit;
  painter.restore();
}

Expected<void> saveCardPdf(const SetupCard& card, const FigureInk& ink, const std::filesystem::path& path) {
  return savePdf(path, QPageSize::A5, card.athlete + QStringLiteral(": ") + card.lift,
                 [&](QPainter& p, const QRectF& page) { paintCard(p, page, card, ink); });
}

}  // namespace mottix
