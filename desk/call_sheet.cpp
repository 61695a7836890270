#include "desk/call_sheet.h"

#include <algorithm>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include "desk/theme.h"
#include "report/path_drawing.h"
#include "report/tr.h"

namespace mottix {
namespace {

constexpr double kHead = 22.0, kRow = 28.0, kCell = 34.0;

}  // namespace

CallSheet::CallSheet(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setObjectName(QStringLiteral("call sheet"));
  setToolTip(tr("Click: small, big, nothing"));
}

void CallSheet::show(const std::vector<const Rule*>& rules, int reps) {
  lines_.clear();
  for (const Rule* rule : rules) lines_.push_back({rule->id, ofBook(rule->says)});
  std::sort(lines_.begin(), lines_.end(), [](const Line& a, const Line& b) { return a.says < b.says; });
  reps_ = reps;
  at_row_ = 0;
  at_rep_ = 1;
  now_ = 0;
  marks_.clear();
  setFixedHeight(static_cast<int>(kHead + kRow * static_cast<double>(lines_.size())) + 2);
  sayWhere();
  update();
}

void CallSheet::setMarks(const std::vector<EyeMark>& marks) {
  marks_ = marks;
  sayWhere();
  update();
}

void CallSheet::setRep(int rep) {
  if (rep == now_) return;
  now_ = rep;
  update();
}

QRectF CallSheet::cellRect(int row, int rep) const {
  return {width() - kCell * (reps_ - rep + 1), kHead + kRow * row, kCell, kRow};
}

QRectF CallSheet::headRect(int rep) const {
  return {width() - kCell * (reps_ - rep + 1), 0.0, kCell, kHead};
}

std::vector<std::string> CallSheet::rules() const {
  std::vector<std::string> out;
  for (const Line& line : lines_) out.push_back(line.rule);
  return out;
}

Called CallSheet::calledAt(int row, int rep) const {
  for (const EyeMark& m : marks_)
    if (m.rule == lines_[static_cast<std::size_t>(row)].rule && m.rep == rep) return m.size;
  return Called::kNothing;
}

void CallSheet::turn(int row, int rep) {
  const std::string& rule = lines_[static_cast<std::size_t>(row)].rule;
  const Called before = calledAt(row, rep);
  std::vector<EyeMark> after = marks_;
  std::erase_if(after, [&](const EyeMark& m) { return m.rule == rule && m.rep == rep; });
  if (before != Called::kBig)
    after.push_back({rule, rep, before == Called::kSmall ? Called::kBig : Called::kSmall});
  emit marked(after);
}

void CallSheet::mousePressEvent(QMouseEvent* event) {
  setFocus();
  for (int rep = 1; rep <= reps_; ++rep) {
    if (headRect(rep).contains(event->position())) return emit repWanted(rep);
    for (int row = 0; row < static_cast<int>(lines_.size()); ++row)
      if (cellRect(row, rep).contains(event->position())) {
        at_row_ = row;
        at_rep_ = rep;
        return turn(row, rep);
      }
  }
}

void CallSheet::keyPressEvent(QKeyEvent* event) {
  const int rows = static_cast<int>(lines_.size());
  if (rows == 0 || reps_ == 0) return QWidget::keyPressEvent(event);
  switch (event->key()) {
    case Qt::Key_Up:
      at_row_ = std::max(0, at_row_ - 1);
      break;
    case Qt::Key_Down:
      at_row_ = std::min(rows - 1, at_row_ + 1);
      break;
    case Qt::Key_Left:
      at_rep_ = std::max(1, at_rep_ - 1);
      break;
    case Qt::Key_Right:
      at_rep_ = std::min(reps_, at_rep_ + 1);
      break;
    case Qt::Key_Space:
      turn(at_row_, at_rep_);
      break;
    default:
      return QWidget::keyPressEvent(event);
  }
  sayWhere();
  update();
}

void CallSheet::focusInEvent(QFocusEvent* event) {
  sayWhere();
  QWidget::focusInEvent(event);
  update();
}

// For those who hear the screen.
void CallSheet::sayWhere() {
  if (lines_.empty()) return setAccessibleName(tr("Nothing can be called on this clip."));
  const Called called = calledAt(at_row_, at_rep_);
  setAccessibleName(tr("%1, rep %2: %3")
                        .arg(lines_[static_cast<std::size_t>(at_row_)].says)
                        .arg(at_rep_)
                        .arg(called == Called::kBig     ? tr("called big")
                             : called == Called::kSmall ? tr("called small")
                                                        : tr("not called")));
}

void CallSheet::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  for (int rep = 1; rep <= reps_; ++rep) {
    p.setFont(type(13, rep == now_ ? Weight::kSemiBold : Weight::kRegular));
    p.setPen(rep == now_ ? t.ink : t.muted);
    p.drawText(headRect(rep), Qt::AlignCenter, QString::number(rep));
  }
  p.setFont(type(13));
  p.setPen(t.muted);
  p.drawText(QRectF(0, 0, width() - kCell * reps_ - 8, kHead), Qt::AlignRight | Qt::AlignVCenter, tr("rep"));
  p.setFont(type(15));
  for (int row = 0; row < static_cast<int>(lines_.size()); ++row) {
    const QRectF line(0, kHead + kRow * row, width(), kRow);
    p.setPen(QPen(t.line, 1.0, Qt::DotLine));
    p.drawLine(line.topLeft(), line.topRight());
    p.setPen(t.ink);
    const QRectF room = line.adjusted(0, 0, -kCell * reps_ - 6, 0);
    p.drawText(room, Qt::AlignVCenter,
               p.fontMetrics().elidedText(lines_[static_cast<std::size_t>(row)].says, Qt::ElideRight,
                                          static_cast<int>(room.width())));
    for (int rep = 1; rep <= reps_; ++rep) {
      const QRectF cell = cellRect(row, rep);
      const bool here = hasFocus() && row == at_row_ && rep == at_rep_;
      p.setPen(QPen(here ? t.green : t.line, here ? 2.0 : 1.0));
      p.setBrush(rep == now_ ? t.raised : t.sheet);
      p.drawRoundedRect(cell.adjusted(3, 3, -3, -3), 3, 3);
      const Called called = calledAt(row, rep);
      if (called == Called::kNothing) continue;
      Finding f;
      f.certainty = Certainty::kClear;
      f.severity = called == Called::kBig ? Severity::kBig : Severity::kSmall;
      const QSizeF size = strokesSize(f);
      drawStrokes(p, cell.center() - QPointF(0.5 * size.width(), 0.5 * size.height()), f);
    }
  }
}

}  // namespace mottix
