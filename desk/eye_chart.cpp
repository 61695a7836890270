#include "desk/eye_chart.h"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include "desk/theme.h"
#include "report/eye_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kRow = 66.0, kHead = 22.0, kWords = 28.0;
constexpr double kFrom = -2.0, kTo = 3.0;  // units beyond the limit; one lies between limit and big
constexpr double kScaleLeft = 0.0, kScaleRight = 16.0;

double badness(const Rule& rule, double v) {
  return rule.fault == FaultSide::kAbove ? v : rule.fault == FaultSide::kBelow ? -v : std::abs(v);
}

// The same may be said of several lifts, by different rules.
QString nameOfRule(const Rule& rule) {
  const QString says = ofBook(rule.says);
  return rule.lifts.size() == 1 ? QStringLiteral("%1 · %2").arg(says, liftWords(rule.lifts.front())) : says;
}

}  // namespace

EyeChart::EyeChart(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setObjectName(QStringLiteral("eye chart"));
}

void EyeChart::show(const RuleBook& book, const std::vector<BlindLook>& looks) {
  rows_.clear();
  for (const Rule& rule : book.rules) {
    Row row{rule, estimateEye(rule, looks), {}, {}};
    if (row.eye.looks == 0) continue;
    const double limit = badness(rule, rule.limit), unit = std::max(1e-9, std::abs(rule.big - rule.limit));
    for (const BlindLook& look : looks)
      for (const Glance& g : look.seen)
        if (g.rule == rule.id)
          row.dots.emplace_back((badness(rule, g.value.value) - limit) / unit, g.called != Called::kNothing);
    if (row.eye.from)
      row.from = {(badness(rule, row.eye.from->value) - limit) / unit, row.eye.from->sd / unit};
    // What was never there and never called says nothing.
    if (row.eye.there + row.eye.seen + row.eye.invented == 0) continue;
    rows_.push_back(std::move(row));
  }
  std::stable_sort(rows_.begin(), rows_.end(), [](const Row& a, const Row& b) {
    const auto apart = [](const Row& r) { return r.from ? std::abs(r.from->first) : -1.0; };
    return apart(a) > apart(b);
  });
  at_ = 0;
  setFixedHeight(static_cast<int>(kHead + kRow * static_cast<double>(rows_.size())) + 4);
  if (!rows_.empty()) setAccessibleName(rowWords(0));
  update();
}

QRectF EyeChart::rowRect(int row) const {
  return {0.0, kHead + kRow * row, static_cast<double>(width()), kRow};
}

QString EyeChart::rowWords(int row) const {
  const Row& r = rows_[static_cast<std::size_t>(row)];
  return QStringLiteral("%1: %2. %3").arg(nameOfRule(r.rule), eyeCounts(r.eye), eyeWords(r.eye, r.rule));
}

void EyeChart::choose(int row) {
  at_ = std::clamp(row, 0, rows() - 1);
  setAccessibleName(rowWords(at_));
  update();
}

void EyeChart::mousePressEvent(QMouseEvent* event) {
  setFocus();
  for (int row = 0; row < rows(); ++row)
    if (rowRect(row).contains(event->position())) {
      choose(row);
      emit ruleWanted(QString::fromStdString(rows_[static_cast<std::size_t>(row)].rule.id));
    }
}

void EyeChart::mouseMoveEvent(QMouseEvent* event) {
  bool on = false;
  for (int row = 0; row < rows(); ++row) on |= rowRect(row).contains(event->position());
  setCursor(on ? Qt::PointingHandCursor : Qt::ArrowCursor);
  setToolTip(on ? tr("Open this rule in the House book") : QString());
}

void EyeChart::keyPressEvent(QKeyEvent* event) {
  if (rows_.empty()) return QWidget::keyPressEvent(event);
  if (event->key() == Qt::Key_Up)
    choose(at_ - 1);
  else if (event->key() == Qt::Key_Down)
    choose(at_ + 1);
  else if (event->key() == Qt::Key_Space)
    emit ruleWanted(QString::fromStdString(rows_[static_cast<std::size_t>(at_)].rule.id));
  else
    QWidget::keyPressEvent(event);
}

void EyeChart::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  if (rows_.empty()) return;
  const double left = kScaleLeft + 6.0, right = width() - kScaleRight;
  const auto x_of = [&](double units) {
    return left + (std::clamp(units, kFrom, kTo) - kFrom) / (kTo - kFrom) * (right - left);
  };
  p.setFont(type(13));
  // What dots and marks are.
  double x = left;
  const double middle = 0.5 * kHead;
  const auto said = [&](const QString& words) {
    p.setPen(t.muted);
    p.drawText(QRectF(x + 10.0, 0, 200, kHead), Qt::AlignVCenter, words);
    x += 26.0 + p.fontMetrics().horizontalAdvance(words);
  };
  for (const bool called : {true, false}) {
    p.setPen(QPen(t.green, 1.4));
    p.setBrush(called ? QBrush(t.green) : QBrush(t.sheet));
    p.drawEllipse(QPointF(x + 4.0, middle), 3.4, 3.4);
    said(called ? tr("called") : tr("not called"));
  }
  p.setPen(QPen(t.green, 2.4));
  p.drawLine(QPointF(x + 4.0, middle - 7.0), QPointF(x + 4.0, middle + 7.0));
  said(tr("your eye"));
  for (const auto& [units, name] : {std::pair{0.0, tr("limit")}, {1.0, tr("big")}}) {
    p.setPen(QPen(t.clay, 1.3, Qt::DashLine));
    for (int row = 0; row < rows(); ++row)  // the words stay free
      for (int k = 0; k < (units > 0.0 ? 2 : 1); ++k)
        p.drawLine(QPointF(x_of(units) + 4.0 * k, rowRect(row).top() + kWords),
                   QPointF(x_of(units) + 4.0 * k, rowRect(row).bottom() - 2.0));
    p.setPen(t.muted);
    p.drawText(QRectF(x_of(units) - 60, 2, 120, kHead - 4), Qt::AlignCenter, name);
  }
  for (int k = 0; k < rows(); ++k) {
    const Row& row = rows_[static_cast<std::size_t>(k)];
    const QRectF room = rowRect(k);
    const double axis = room.top() + 44.0;
    if (hasFocus() && k == at_) {
      p.setPen(QPen(t.green, 1.6));
      p.setBrush(Qt::NoBrush);
      p.drawRoundedRect(room.adjusted(1, 2, -2, -1), 4, 4);
    }
    p.setFont(type(15, Weight::kMedium));
    p.setPen(t.ink);
    const QString says = nameOfRule(row.rule);
    p.drawText(QRectF(left, room.top() + 5, right - left, 20), Qt::AlignVCenter, says);
    const double used = p.fontMetrics().horizontalAdvance(says) + 14.0;
    p.setFont(type(13));
    p.setPen(t.muted);
    const QString words = eyeCounts(row.eye) + QStringLiteral(". ") + eyeWords(row.eye, row.rule);
    p.drawText(QRectF(left + used, room.top() + 5, right - left - used, 20), Qt::AlignVCenter,
               p.fontMetrics().elidedText(words, Qt::ElideRight, static_cast<int>(right - left - used)));
    p.setPen(QPen(t.line, 1.0));
    p.drawLine(QPointF(left, axis), QPointF(right, axis));
    if (row.from) {
      const double a = x_of(row.from->first - row.from->second), b = x_of(row.from->first + row.from->second);
      p.setPen(Qt::NoPen);
      p.setBrush(QBrush(t.green_soft, Qt::SolidPattern));
      p.drawRoundedRect(QRectF(a, axis - 3, std::max(3.0, b - a), 6), 3, 3);
      p.setPen(QPen(t.green, 2.4));
      p.drawLine(QPointF(x_of(row.from->first), axis - 13), QPointF(x_of(row.from->first), axis + 13));
    }
    for (const auto& [units, called] : row.dots) {
      const QPointF at(x_of(units), axis + (called ? -7.0 : 7.0));
      p.setPen(QPen(t.green, 1.4));
      p.setBrush(called ? QBrush(t.green) : QBrush(t.sheet));
      p.drawEllipse(at, 3.4, 3.4);
    }
  }
}

}  // namespace mottix
