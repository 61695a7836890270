#include "desk/weeks_chart.h"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include "desk/pieces.h"
#include "desk/theme.h"
#include "report/load_wording.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kLeft = 52.0, kRight = 12.0, kTop = 46.0, kBelow = 132.0, kSums = 54.0;
constexpr double kGrab = 14.0;  // a rung is taken hold of within this

}  // namespace

WeeksChart::WeeksChart(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setObjectName(QStringLiteral("weeks"));
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setMinimumSize(420, 300);
}

void WeeksChart::show(const Ahead& ahead, const AheadWish& wish) {
  ahead_ = ahead;
  step_kg_ = wish.step_kg;
  goal_kg_ = wish.goal_kg;
  at_ = std::clamp(at_, 0, std::max(0, count() - 1));
  // While something is held the scale stays, or it would run away under the hand.
  if (!held_) {
    double low = 1e9, high = 0.0;
    const auto take = [&](double kg) {
      low = std::min(low, kg);
      high = std::max(high, kg);
    };
    most_sum_kg_ = 1.0;
    for (const AheadWeek& w : ahead_.weeks) {
      if (w.expected) take(w.expected->low_kg), take(w.expected->high_kg);
      if (w.top_kg > 0.0) take(w.top_kg);
      if (w.done_kg) take(*w.done_kg);
      most_sum_kg_ = std::max(most_sum_kg_, w.sum_kg);
    }
    if (goal_kg_) take(*goal_kg_);
    if (ahead_.attempts) take(ahead_.attempts->opener_kg), take(ahead_.attempts->third_kg);
    if (high <= 0.0) low = 20.0, high = 100.0;
    const double air = std::max(5.0, 0.12 * (high - low));
    low_kg_ = std::max(0.0, low - air);
    high_kg_ = high + air;
  }
  if (count() > 0) setAccessibleName(words(at_));
  update();
}

double WeeksChart::yOf(double kg) const {
  const double bottom = height() - kBelow;
  return bottom - (kg - low_kg_) / std::max(1e-9, high_kg_ - low_kg_) * (bottom - kTop);
}

double WeeksChart::kgAt(double y) const {
  const double bottom = height() - kBelow;
  return low_kg_ + (bottom - y) / std::max(1.0, bottom - kTop) * (high_kg_ - low_kg_);
}

QRectF WeeksChart::columnRect(int k) const {
  const double wide = (width() - kLeft - kRight) / std::max(1, count());
  return {kLeft + wide * k, kTop, wide, height() - kTop - 4.0};
}

QPointF WeeksChart::rungAt(int k) const {
  const AheadWeek& w = week(k);
  const double kg = w.past && w.done_kg ? *w.done_kg : w.top_kg;
  return {columnRect(k).center().x(), kg > 0.0 ? yOf(kg) : columnRect(k).center().y()};
}

bool WeeksChart::canMove(int k) const {
  return k >= 0 && k < count() && !week(k).past && !week(k).missed && week(k).block != BlockKind::kTest &&
         !week(k).sets.empty();
}

QString WeeksChart::words(int k) const {
  const AheadWeek& w = week(k);
  QString out = tr("Week of %1, %2: ").arg(dayWords(w.monday, "d MMMM"), blockWords(w.block));
  if (w.missed)
    out += tr("missed");
  else if (w.past)
    out += w.done_kg ? tr("%1 done").arg(kilograms(*w.done_kg)) : tr("nothing done");
  else if (w.block == BlockKind::kTest)
    out += ahead_.attempts ? attemptsWords(*ahead_.attempts) : tr("test");
  else
    out += tr("top load %1").arg(kilograms(w.top_kg));
  if (w.expected) out += tr("; best single %1").arg(bandWords(*w.expected));
  return out;
}

void WeeksChart::choose(int k) {
  if (count() == 0) return;
  at_ = std::clamp(k, 0, count() - 1);
  setAccessibleName(words(at_));
  update();
  emit weekChosen(at_);
}

void WeeksChart::mousePressEvent(QMouseEvent* event) {
  setFocus();
  for (int k = 0; k < count(); ++k) {
    if (!columnRect(k).adjusted(0, -kTop, 0, 0).contains(event->position())) continue;
    choose(k);
    if (canMove(k) && std::abs(event->position().y() - rungAt(k).y()) <= kGrab) held_ = k;
  }
}

void WeeksChart::mouseMoveEvent(QMouseEvent* event) {
  if (!held_) {
    bool on = false;
    for (int k = 0; k < count(); ++k)
      on |= canMove(k) && columnRect(k).contains(event->position()) &&
            std::abs(event->position().y() - rungAt(k).y()) <= kGrab;
    setCursor(on ? Qt::SizeVerCursor : Qt::ArrowCursor);
    return;
  }
  const double kg = std::max(step_kg_, std::round(kgAt(event->position().y()) / step_kg_) * step_kg_);
  if (kg != week(*held_).top_kg) emit pulled(*held_, kg);
}

void WeeksChart::mouseReleaseEvent(QMouseEvent* event) {
  if (!held_) return;
  const int k = *held_;
  held_.reset();
  emit moved(k, std::max(step_kg_, std::round(kgAt(event->position().y()) / step_kg_) * step_kg_));
}

void WeeksChart::keyPressEvent(QKeyEvent* event) {
  if (count() == 0) return QWidget::keyPressEvent(event);
  switch (event->key()) {
    case Qt::Key_Left:
      return choose(at_ - 1);
    case Qt::Key_Right:
      return choose(at_ + 1);
    case Qt::Key_Home:
      return choose(0);
    case Qt::Key_End:
      return choose(count() - 1);
    case Qt::Key_Up:
    case Qt::Key_Down:
      if (canMove(at_))
        emit moved(
            at_, std::max(step_kg_, week(at_).top_kg + (event->key() == Qt::Key_Up ? step_kg_ : -step_kg_)));
      return;
    case Qt::Key_M:
      if (!week(at_).past && week(at_).block != BlockKind::kTest) emit missedToggled(at_);
      return;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
      emit resetWanted(at_);
      return;
    default:
      QWidget::keyPressEvent(event);
  }
}

void WeeksChart::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  if (count() == 0) return;
  const double bottom = height() - kBelow, wide = columnRect(0).width();
  // Kilograms.
  const double range = high_kg_ - low_kg_;
  const double every = range > 120.0 ? 25.0 : range > 50.0 ? 10.0 : 5.0;
  p.setFont(type(13));
  for (double kg = std::ceil(low_kg_ / every) * every; kg <= high_kg_; kg += every) {
    p.setPen(QPen(t.line, 1.0, Qt::DotLine));
    p.drawLine(QPointF(kLeft, yOf(kg)), QPointF(width() - kRight, yOf(kg)));
    p.setPen(t.muted);
    p.drawText(QRectF(0, yOf(kg) - 10, kLeft - 8, 20), Qt::AlignRight | Qt::AlignVCenter,
               QString::number(kg));
  }
  p.drawText(QRectF(0, kTop - 34, kLeft - 8, 20), Qt::AlignRight | Qt::AlignVCenter, tr("kg"));
  // The chosen week, and those that are missed.
  if (at_ < count()) {
    p.fillRect(columnRect(at_).adjusted(1, 0, -1, 0), t.raised);
    if (hasFocus()) {
      p.setPen(QPen(t.green, 1.4));
      p.setBrush(Qt::NoBrush);
      p.drawRoundedRect(columnRect(at_).adjusted(1, 0, -1, 0), 4, 4);
    }
  }
  for (int k = 0; k < count(); ++k)
    if (week(k).missed) {
      p.fillRect(QRectF(columnRect(k).left() + 2, kTop, wide - 4, bottom - kTop),
                 QBrush(t.line, Qt::BDiagPattern));
      p.setPen(t.muted);
      p.save();
      p.translate(columnRect(k).center().x(), 0.5 * (kTop + bottom));
      p.rotate(-90);
      p.setFont(type(13));
      p.drawText(QRectF(-60, -10, 120, 20), Qt::AlignCenter, tr("missed"));
      p.restore();
    }
  // The band of strength.
  QPainterPath upper, middle;
  std::vector<QPointF> lower;
  for (int k = 0; k < count(); ++k) {
    if (!week(k).expected) continue;
    const double x = columnRect(k).center().x();
    const StrengthAt& e = *week(k).expected;
    if (lower.empty()) {
      upper.moveTo(x, yOf(e.high_kg));
      middle.moveTo(x, yOf(e.best_kg.value));
    } else {
      upper.lineTo(x, yOf(e.high_kg));
      middle.lineTo(x, yOf(e.best_kg.value));
    }
    lower.emplace_back(x, yOf(e.low_kg));
  }
  if (lower.size() > 1) {
    QPainterPath band = upper;
    for (auto at = lower.rbegin(); at != lower.rend(); ++at) band.lineTo(*at);
    band.closeSubpath();
    QColor soft = t.green_soft;
    soft.setAlphaF(0.5F);
    p.fillPath(band, soft);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.green, 1.3, Qt::DotLine));
    p.drawPath(middle);
    p.setFont(type(13));
    p.setPen(t.green);
    // Above the band, or below it where the goal's own words stand.
    const double above = upper.elementAt(0).y - 24.0;
    const bool taken = goal_kg_ && std::abs(yOf(*goal_kg_) - 20.0 - above) < 26.0;
    p.drawText(QRectF(lower.front().x(), taken ? lower.front().y() + 4.0 : above, 220, 18),
               Qt::AlignLeft | Qt::AlignVCenter, tr("best single, 8 in 10"));
  }
  if (goal_kg_) {
    p.setPen(QPen(t.clay, 1.4, Qt::DashLine));
    p.drawLine(QPointF(kLeft, yOf(*goal_kg_)), QPointF(width() - kRight, yOf(*goal_kg_)));
    p.setPen(t.clay);
    p.setFont(type(13, Weight::kMedium));
    p.drawText(QRectF(kLeft + 6, yOf(*goal_kg_) - 20, 200, 18), Qt::AlignLeft | Qt::AlignBottom,
               tr("goal %1").arg(kilograms(*goal_kg_)));
  }
  // Blocks.
  for (int k = 0; k < count();) {
    int end = k;
    while (end < count() && week(end).block == week(k).block) ++end;
    const double from = columnRect(k).left(), to = columnRect(end - 1).right();
    if (k > 0) {
      p.setPen(QPen(t.line, 1.2));
      p.drawLine(QPointF(from, 8), QPointF(from, bottom));
    }
    p.setPen(t.ink);
    p.setFont(type(14, Weight::kSemiBold));
    p.drawText(QRectF(from + 6, 6, to - from - 8, 22), Qt::AlignLeft | Qt::AlignVCenter,
               p.fontMetrics().elidedText(blockWords(week(k).block), Qt::ElideRight,
                                          static_cast<int>(to - from - 8)));
    k = end;
  }
  // Rungs: what is planned, thick where it was done.
  const double half = std::min(24.0, 0.36 * wide);
  const bool roomy = wide >= 44.0;
  for (int k = 0; k < count(); ++k) {
    const AheadWeek& w = week(k);
    const double x = columnRect(k).center().x();
    const auto rung = [&](double kg, double pen, const QColor& colour, Qt::PenStyle style = Qt::SolidLine) {
      p.setPen(QPen(colour, pen, style, Qt::FlatCap));
      p.drawLine(QPointF(x - half, yOf(kg)), QPointF(x + half, yOf(kg)));
    };
    if (w.block == BlockKind::kTest) {
      if (!ahead_.attempts) continue;
      const double attempts[] = {ahead_.attempts->opener_kg, ahead_.attempts->second_kg,
                                 ahead_.attempts->third_kg};
      for (int n = 0; n < 3; ++n) {
        rung(attempts[n], 2.2, t.ink);
        p.setPen(t.ink);
        p.setFont(type(12, Weight::kMedium));
        if (roomy)
          p.drawText(QRectF(x - 0.5 * wide, yOf(attempts[n]) - 18, wide, 14), Qt::AlignCenter,
                     QString::number(attempts[n]));
      }
      continue;
    }
    if (w.top_kg > 0.0 && !w.missed) {
      const bool faint = w.past || w.done_kg;
      rung(w.top_kg, 2.4, faint ? t.muted : t.ink, faint ? Qt::DotLine : Qt::SolidLine);
      if (!w.past && !w.sets.empty()) {
        p.setPen(QPen(t.ink, 2.0));
        for (const double side : {-half, half})
          p.drawLine(QPointF(x + side, yOf(w.top_kg) - 5), QPointF(x + side, yOf(w.top_kg) + 5));
      }
      if (w.moved) rung(kgAt(yOf(w.top_kg) + 4.5), 1.4, t.ink);
      if (roomy && !w.past) {
        p.setPen(t.ink);
        p.setFont(type(13, Weight::kMedium));
        p.drawText(QRectF(x - 0.5 * wide, yOf(w.top_kg) - 22, wide, 16), Qt::AlignCenter,
                   QString::number(w.top_kg));
        if (w.effort > 0.0) {
          p.setPen(t.muted);
          p.setFont(type(12));
          p.drawText(QRectF(x - 0.5 * wide, yOf(w.top_kg) + 7, wide, 16), Qt::AlignCenter,
                     w.effort < kLeastEffort ? tr("easy") : tr("eff. %1").arg(w.effort, 0, 'f', 1));
        }
      }
    }
    if (w.done_kg) rung(*w.done_kg, 5.0, t.green);
  }
  // How much a week.
  const double floor = height() - 42.0, room = kSums;
  p.setPen(t.muted);
  p.setFont(type(12));
  p.drawText(QRectF(0, floor - room - 4, kLeft - 8, 32), Qt::AlignRight | Qt::AlignTop, tr("tonnes\na week"));
  for (int k = 0; k < count(); ++k) {
    const AheadWeek& w = week(k);
    const double high = w.sum_kg / most_sum_kg_ * (room - 14.0), x = columnRect(k).center().x();
    const QRectF box(x - 0.5 * half, floor - high, half, high);
    p.setPen(QPen(t.muted, 1.0));
    p.setBrush(w.past ? QBrush(t.green_soft) : QBrush(Qt::NoBrush));
    if (high > 0.5) p.drawRect(box);
    if (roomy && w.sum_kg > 0.0) {
      p.setPen(t.muted);
      p.drawText(QRectF(x - 0.5 * wide, box.top() - 15, wide, 14), Qt::AlignCenter,
                 QString::number(w.sum_kg / 1000.0, 'f', 1));
    }
    // Mondays; thinned where they would run into each other.
    const int each = std::max(1, static_cast<int>(std::ceil(52.0 / wide)));
    if (k % each == 0) {
      p.setPen(k == at_ ? t.ink : t.muted);
      p.setFont(type(13, k == at_ ? Weight::kMedium : Weight::kRegular));
      p.drawText(QRectF(x - 40, floor + 6, 80, 18), Qt::AlignCenter, dayWords(w.monday, "d MMM"));
      p.setFont(type(12));
    }
  }
}

}  // namespace mottix
