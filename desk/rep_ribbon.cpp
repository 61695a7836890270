#include "desk/rep_ribbon.h"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>

#include "desk/theme.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kWidestCell = 158.0;
constexpr double kNarrowestCell = 74.0;  // more reps than fit scroll
constexpr double kRoomForError = 120.0;  // narrower cells state the speed alone

}  // namespace

RepRibbon::RepRibbon(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setMinimumHeight(150);
  setMaximumHeight(300);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setToolTip(tr(
      "The bar's path in each rep: dotted down, solid up, wider is faster; sideways three times as large"));
  setObjectName(QStringLiteral("rep ribbon"));
}

void RepRibbon::setData(const SheetData* sheet) {
  data_ = sheet;
  paths_.clear();
  if (data_ != nullptr && data_->analysis)
    for (const Rep& rep : data_->analysis->reps)
      paths_.push_back(pathOf(rep, data_->tracks, data_->analysis->camera));
  setAccessibleName(tr("Reps: %1; arrow keys go from one to the next").arg(paths_.size()));
  showFrom(first_);
  setFrame(frame_);
}

void RepRibbon::setFrame(std::size_t frame) {
  frame_ = frame;
  // The rep of the frame stays in sight.
  if (data_ != nullptr)
    if (const Rep* rep = data_->repAt(frame)) {
      const auto at = static_cast<std::size_t>(rep - data_->analysis->reps.data());
      if (at < first_) showFrom(at);
      if (at >= first_ + cellsInSight()) showFrom(at + 1 - cellsInSight());
    }
  update();
}

double RepRibbon::cellWidth() const {
  const double count = std::max<double>(1.0, static_cast<double>(paths_.size()));
  const double wide = std::clamp(width() / count, kNarrowestCell, kWidestCell);
  return wide * count <= width() + 0.5 ? wide : width() / std::max(1.0, std::floor(width() / kNarrowestCell));
}

std::size_t RepRibbon::cellsInSight() const {
  return static_cast<std::size_t>(std::max(1.0, std::floor(width() / cellWidth() + 0.01)));
}

void RepRibbon::showFrom(std::size_t first) {
  const std::size_t last = paths_.size() > cellsInSight() ? paths_.size() - cellsInSight() : 0;
  first_ = std::min(first, last);
  update();
}

QRectF RepRibbon::cellRect(std::size_t i) const {
  const double wide = cellWidth();
  return {wide * (static_cast<double>(i) - static_cast<double>(first_)), 0.0, wide,
          static_cast<double>(height())};
}

QRectF RepRibbon::pathRect(std::size_t i) const {
  const QRectF cell = cellRect(i);
  return QRectF(cell.left() + 0.36 * cell.width(), cell.top() + 12, 0.56 * cell.width(), cell.height() - 64);
}

void RepRibbon::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  if (paths_.empty()) {
    if (data_ != nullptr && data_->record) return;  // followed: what comes of it is said beside the film
    p.setPen(t.muted);
    p.setFont(type(14));
    p.drawText(rect(), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
               tr("The reps appear here, one cell each, when the bar has been followed."));
    return;
  }
  const auto& reps = data_->analysis->reps;
  const std::size_t end = std::min(paths_.size(), first_ + cellsInSight());
  for (std::size_t i = first_; i < end; ++i) {
    const QRectF cell = cellRect(i);
    const Rep& rep = reps[i];
    const bool current = frame_ >= rep.start_frame && frame_ <= rep.end_frame;
    if (current) {
      p.setPen(QPen(hasFocus() ? t.green : t.line, hasFocus() ? 2.0 : 1.0));
      p.setBrush(t.raised);
      p.drawRect(cell.adjusted(1, 1, -1, -1));
    }
    const QRectF room = pathRect(i);
    drawRepCell(p, paths_[i], room);
    if (current) {
      const auto& frames = paths_[i].frame;
      const auto at = std::lower_bound(frames.begin(), frames.end(), frame_);
      if (at != frames.end()) {
        p.setPen(QPen(t.clay, 2.2));
        p.setBrush(t.raised);
        p.drawEllipse(placeInCell(paths_[i], static_cast<std::size_t>(at - frames.begin()), room), 5, 5);
      }
    }
    double y = cell.top() + 14;
    for (const Finding& f : data_->analysis->findings) {
      if (f.certainty == Certainty::kCantTell ||
          std::find(f.reps.begin(), f.reps.end(), rep.number) == f.reps.end())
        continue;
      drawStrokes(p, QPointF(cell.left() + 12, y), f);
      y += kStrokeHeight + 6;
    }
    p.setPen(t.ink);
    p.setFont(type(14, Weight::kSemiBold));
    const QString note = repNote(rep);
    const QString name =
        note.isEmpty() ? tr("rep %1").arg(rep.number) : tr("rep %1, %2").arg(rep.number).arg(note);
    p.drawText(QPointF(cell.left() + 10, cell.bottom() - 28),
               QFontMetrics(p.font()).elidedText(name, Qt::ElideRight, static_cast<int>(cell.width()) - 12));
    p.setFont(type(13));
    p.setPen(t.muted);
    const Measure* speed = findMeasure(data_->analysis->measures, MeasureId::kMeanSpeed, rep.number);
    QString text;
    if (speed != nullptr && speed->status == MeasureStatus::kOk)
      text = cell.width() >= kRoomForError ? withError(speed->value, "m/s")
                                           : tr("%1 m/s").arg(speed->value.value, 0, 'f', 2);
    text = QFontMetrics(p.font()).elidedText(text, Qt::ElideRight, static_cast<int>(cell.width()) - 12);
    p.drawText(QPointF(cell.left() + 10, cell.bottom() - 10), text);
  }
  if (paths_.size() <= cellsInSight()) return;
  // Where in the set this stretch lies: a line for all reps, a bar on it for those in sight.
  const double all = static_cast<double>(paths_.size());
  p.setPen(QPen(t.line, 1.0));
  p.drawLine(QPointF(0, 3), QPointF(width(), 3));
  p.setPen(QPen(t.muted, 3.0));
  p.drawLine(QPointF(width() * static_cast<double>(first_) / all, 3),
             QPointF(width() * static_cast<double>(end) / all, 3));
}

void RepRibbon::goToPoint(const QPointF& at) {
  const std::size_t end = std::min(paths_.size(), first_ + cellsInSight());
  for (std::size_t i = first_; i < end; ++i) {
    if (!cellRect(i).contains(at)) continue;
    double nearest = 1e18;
    std::size_t frame = paths_[i].frame.empty() ? 0 : paths_[i].frame.front();
    for (std::size_t k = 0; k < paths_[i].frame.size(); ++k) {
      const QPointF d = placeInCell(paths_[i], k, pathRect(i)) - at;
      const double away = std::hypot(d.x(), d.y());
      if (away < nearest) {
        nearest = away;
        frame = paths_[i].frame[k];
      }
    }
    // Off the path, a click means the rep: its turning point.
    if (nearest > 40.0 && data_->analysis) frame = data_->analysis->reps[i].turn_frame;
    emit frameWanted(frame);
    return;
  }
}

void RepRibbon::resizeEvent(QResizeEvent*) {
  showFrom(first_);
  setFrame(frame_);
}

void RepRibbon::wheelEvent(QWheelEvent* event) {
  if (paths_.size() <= cellsInSight()) return event->ignore();
  const QPoint turn = event->angleDelta();
  const int way = std::abs(turn.x()) > std::abs(turn.y()) ? turn.x() : turn.y();
  if (way > 0 && first_ > 0) showFrom(first_ - 1);
  if (way < 0) showFrom(first_ + 1);
}

void RepRibbon::mousePressEvent(QMouseEvent* event) {
  setFocus();
  goToPoint(event->position());
}

void RepRibbon::mouseMoveEvent(QMouseEvent* event) {
  if ((event->buttons() & Qt::LeftButton) != 0) goToPoint(event->position());
}

void RepRibbon::keyPressEvent(QKeyEvent* event) {
  if (data_ == nullptr || !data_->analysis) return QWidget::keyPressEvent(event);
  const auto& reps = data_->analysis->reps;
  if (event->key() == Qt::Key_Right) {
    for (const Rep& rep : reps)
      if (rep.turn_frame > frame_) return emit frameWanted(rep.turn_frame);
  } else if (event->key() == Qt::Key_Left) {
    for (auto rep = reps.rbegin(); rep != reps.rend(); ++rep)
      if (rep->turn_frame < frame_) return emit frameWanted(rep->turn_frame);
  } else {
    QWidget::keyPressEvent(event);
  }
}

}  // namespace mottix
