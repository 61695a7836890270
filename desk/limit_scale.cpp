#include "desk/limit_scale.h"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include "desk/theme.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kMargin = 40.0, kAxis = 62.0, kGrip = 9.0;

}  // namespace

LimitScale::LimitScale(QWidget* parent) : QWidget(parent) {
  setFixedHeight(104);
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
}

void LimitScale::setRule(const Rule& rule, std::vector<double> values) {
  rule_ = rule;
  values_ = std::move(values);
  if (rule.fault == FaultSide::kEither)
    for (double& v : values_) v = std::abs(v);
  limit_ = rule.limit;
  big_ = rule.big;
  const double way = std::max(1e-6, std::abs(big_ - limit_));
  low_ = std::min(limit_, big_) - 1.5 * way;
  high_ = std::max(limit_, big_) + 1.5 * way;
  if (!values_.empty()) {
    // Past the last one on either side, so that a limit can be moved beyond all of them.
    low_ = std::min(low_, *std::min_element(values_.begin(), values_.end()) - way);
    high_ = std::max(high_, *std::max_element(values_.begin(), values_.end()) + way);
  }
  if (rule.fault == FaultSide::kEither) low_ = 0.0;
  at_ = Mark::kLimit;
  setAccessibleName(tr("Limit %1 and big deviation %2 of %3")
                        .arg(limit_)
                        .arg(big_)
                        .arg(measureWords(rule.measures.front())));
  update();
}

void LimitScale::setLimits(double limit, double big) {
  limit_ = limit;
  big_ = big;
  update();
}

double LimitScale::xOf(double value) const {
  return kMargin + (value - low_) / (high_ - low_) * (width() - 2.0 * kMargin);
}

// About a twelfth of what lies between limit and big, made round: fine enough to choose, coarse enough to
// meet again.
double LimitScale::stepSize() const {
  const double raw = std::max(1e-6, std::abs(rule_.big - rule_.limit)) / 12.0;
  const double ten = std::pow(10.0, std::floor(std::log10(raw)));
  return raw / ten < 2.0 ? ten : raw / ten < 5.0 ? 2.0 * ten : 5.0 * ten;
}

void LimitScale::put(Mark mark, double value) {
  const double step = stepSize();
  value = step * std::round(std::clamp(value, low_, high_) / step);
  const bool up = rule_.fault != FaultSide::kBelow;
  // Big stays beyond the limit.
  if (mark == Mark::kLimit)
    limit_ = up ? std::min(value, big_) : std::max(value, big_);
  else
    big_ = up ? std::max(value, limit_) : std::min(value, limit_);
  update();
}

void LimitScale::mousePressEvent(QMouseEvent* event) {
  const double to_limit = std::abs(event->position().x() - xOf(limit_)),
               to_big = std::abs(event->position().x() - xOf(big_));
  if (std::min(to_limit, to_big) > 2.0 * kGrip) return;
  held_ = at_ = to_limit <= to_big ? Mark::kLimit : Mark::kBig;
  update();
}

void LimitScale::mouseMoveEvent(QMouseEvent* event) {
  const double x = event->position().x();
  const bool near = std::min(std::abs(x - xOf(limit_)), std::abs(x - xOf(big_))) <= 2.0 * kGrip;
  setCursor(near || held_ != Mark::kNone ? Qt::SizeHorCursor : Qt::ArrowCursor);
  if (held_ == Mark::kNone) return;
  put(held_, low_ + (x - kMargin) / (width() - 2.0 * kMargin) * (high_ - low_));
  emit moved(limit_, big_);
}

void LimitScale::mouseReleaseEvent(QMouseEvent*) {
  if (held_ == Mark::kNone) return;
  held_ = Mark::kNone;
  emit placed(limit_, big_);
}

void LimitScale::keyPressEvent(QKeyEvent* event) {
  const int by = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
  if (by == 0) return QWidget::keyPressEvent(event);
  put(at_, (at_ == Mark::kLimit ? limit_ : big_) + by * stepSize());
  emit moved(limit_, big_);
  emit placed(limit_, big_);
}

bool LimitScale::focusNextPrevChild(bool next) {
  if (hasFocus() && next == (at_ == Mark::kLimit)) {
    at_ = next ? Mark::kBig : Mark::kLimit;
    update();
    return true;
  }
  return QWidget::focusNextPrevChild(next);
}

void LimitScale::paintEvent(QPaintEvent*) {
  if (rule_.measures.empty()) return;
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  p.setPen(QPen(t.line, 1.2));
  p.drawLine(QPointF(kMargin, kAxis), QPointF(width() - kMargin, kAxis));
  // Dots of like values stand on each other.
  std::vector<double> sorted = values_;
  std::sort(sorted.begin(), sorted.end());
  p.setPen(Qt::NoPen);
  p.setBrush(t.green);
  double last = -1e9;
  int stack = 0;
  for (const double v : sorted) {
    const double x = xOf(v);
    stack = x - last < 5.0 ? stack + 1 : 0;
    if (stack == 0) last = x;
    if (stack < 7) p.drawEllipse(QPointF(last, kAxis - 6.0 - 6.0 * stack), 2.6, 2.6);
  }
  const QString unit = unitWords(definitionOf(rule_.measures.front()).unit);
  const auto mark = [&](double value, const QString& name, bool double_line, bool chosen) {
    const double x = xOf(value);
    p.setPen(QPen(t.clay, chosen && hasFocus() ? 2.6 : 1.6, Qt::DashLine));
    p.drawLine(QPointF(x, 14), QPointF(x, kAxis + 8));
    if (double_line) p.drawLine(QPointF(x + 4, 14), QPointF(x + 4, kAxis + 8));
    p.setPen(QPen(t.clay, 1.6));
    p.setBrush(t.sheet);
    p.drawEllipse(QPointF(x + (double_line ? 2.0 : 0.0), kAxis + kGrip + 6), kGrip - 3, kGrip - 3);
    p.setPen(t.ink);
    p.setFont(type(13, Weight::kMedium));
    p.drawText(QRectF(x - 80, kAxis + 22, 160, 20), Qt::AlignHCenter,
               QStringLiteral("%1 %2%3").arg(name).arg(value, 0, 'g', 4).arg(unit));
  };
  mark(limit_, tr("limit"), false, at_ == Mark::kLimit);
  // Where both names would lie on each other, the second is left to its place in the sentence.
  const bool close = std::abs(xOf(limit_) - xOf(big_)) < 96.0;
  if (!close) {
    mark(big_, tr("big"), true, at_ == Mark::kBig);
  } else {
    const double x = xOf(big_);
    p.setPen(QPen(t.clay, at_ == Mark::kBig && hasFocus() ? 2.6 : 1.6, Qt::DashLine));
    p.drawLine(QPointF(x, 14), QPointF(x, kAxis + 8));
    p.drawLine(QPointF(x + 4, 14), QPointF(x + 4, kAxis + 8));
    p.setPen(t.ink);
    p.setFont(type(13, Weight::kMedium));
    p.drawText(QRectF(x - 80, 0, 160, 16), Qt::AlignHCenter, tr("big %1%2").arg(big_, 0, 'g', 4).arg(unit));
    p.setPen(QPen(t.clay, 1.6));
    p.setBrush(t.sheet);
    p.drawEllipse(QPointF(x + 2.0, kAxis + kGrip + 6), kGrip - 3, kGrip - 3);
  }
}

}  // namespace mottix
