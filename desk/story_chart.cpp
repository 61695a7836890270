#include "desk/story_chart.h"

#include <algorithm>
#include <cmath>

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <QWheelEvent>

#include "desk/pieces.h"
#include "desk/theme.h"
#include "report/fit_wording.h"
#include "report/load_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kLeft = 172.0, kRight = 14.0, kAxis = 26.0, kRow = 22.0, kNear = 14.0;
constexpr int kMostRows = 5, kFewestDays = 14;

QString saysOf(const std::string& rule, const RuleBook& book) {
  const Rule* r = book.find(rule);
  return r == nullptr ? QString::fromStdString(rule) : ofBook(r->says);
}

QString markWords(const Mark& m) {
  const QString what = QString::fromStdString(m.what);
  switch (m.kind) {
    case Mark::Kind::kSetup:
      return QObject::tr("Set-up from here: %1").arg(what);
    case Mark::Kind::kComplaint:
      return QObject::tr("Complaint: %1, %2/10").arg(what).arg(m.level);
    case Mark::Kind::kComplaintOver:
      return QObject::tr("Complaint settled: %1").arg(what);
    case Mark::Kind::kCue: {
      const Cue* cue = builtInCueBook().find(m.what);
      return QObject::tr("Said: “%1”").arg(cue == nullptr ? what : ofBook(cue->words));
    }
    case Mark::Kind::kNote:
      return QObject::tr("Note: %1").arg(what);
    case Mark::Kind::kCondition:
      return conditionNamed(m.what) ? conditionWords(*conditionNamed(m.what)) : what;
    case Mark::Kind::kOverride:
      return QObject::tr("Another load was taken than suggested");
  }
  return what;
}

}  // namespace

QString lineWords(const LogLine& line, const RuleBook& book) {
  QString words = dayWords(line.day, "d MMM yyyy") + QStringLiteral(" · ") +
                  QObject::tr("%1 × %2").arg(line.reps_done).arg(kilograms(line.load_kg));
  if (line.reps_done < line.reps_asked) words += QObject::tr(" of %1").arg(line.reps_asked);
  if (line.effort_felt)
    words += QObject::tr(", felt %1").arg(effortNumber(*line.effort_felt));
  else if (line.effort_seen)
    words += QObject::tr(", looked like %1").arg(effortNumber(*line.effort_seen));
  else if (line.effort_asked > 0.0)
    words += QObject::tr(", asked at %1").arg(effortNumber(line.effort_asked));
  QStringList found;
  for (const FoundInSet& f : line.found) {
    const Rule* rule = book.find(f.rule);
    const QString says = ofBookWithin(rule == nullptr ? f.rule : rule->says);
    found << (f.reps == 1 ? QObject::tr("%1 on 1 rep").arg(says)
                          : QObject::tr("%1 on %2 reps").arg(says).arg(f.reps));
  }
  if (!found.isEmpty()) words += QStringLiteral(" · ") + found.join(QStringLiteral(", "));
  if (found.isEmpty() && line.verdict == LoadAction::kAdd)
    words += QStringLiteral(" · ") + QObject::tr("good enough");
  if (!line.note.empty()) words += QStringLiteral(" · ") + QString::fromStdString(line.note);
  return words;
}

StoryChart::StoryChart(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setObjectName(QStringLiteral("story chart"));
  setAccessibleName(tr("The story of the lift: arrows choose a set, Enter opens it"));
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setMinimumSize(480, 340);
}

void StoryChart::show(const Story* story, const Story* beside, Day today, const RuleBook& book) {
  const bool anew = story_ == nullptr || first_ == Day{};
  story_ = story;
  beside_ = beside;
  book_ = book;
  today_ = today;
  const Day before = first_;
  first_ = story->sets.empty() ? today - std::chrono::weeks(12) : story->sets.front()->day;
  if (beside != nullptr && !beside->sets.empty()) first_ = std::min(first_, beside->sets.front()->day);
  if (anew || before != first_) showAll();
  if (std::none_of(story->sets.begin(), story->sets.end(),
                   [&](const LogLine* s) { return s->id == chosen_; }))
    chosen_ = story->sets.empty() ? kNoSet : story->sets.back()->id;
  fitLoads();
  update();
}

void StoryChart::setFound(std::set<SetId> found) {
  found_ = std::move(found);
  update();
}

void StoryChart::showAll() {
  from_ = first_ - std::chrono::days(4);
  to_ = std::max(today_ + std::chrono::days(4), from_ + std::chrono::days(kFewestDays));
  fitLoads();
  update();
}

void StoryChart::fitLoads() {
  double low = 1e9, high = 0.0;
  for (const Story* s : {story_, beside_}) {
    if (s == nullptr) continue;
    for (const LogLine* line : s->sets)
      if (line->day >= from_ && line->day <= to_ && line->load_kg > 0.0) {
        low = std::min(low, line->load_kg);
        high = std::max(high, line->load_kg);
      }
    if (s->strength)
      for (const StrengthAt& at : s->strength->over_time)
        if (at.day >= from_ && at.day <= to_) {
          low = std::min(low, at.low_kg);
          high = std::max(high, at.high_kg);
        }
  }
  if (high <= 0.0) low = 20.0, high = 100.0;
  const double air = std::max(3.0, 0.08 * (high - low));
  low_kg_ = std::max(0.0, low - air);
  high_kg_ = high + air;
}

StoryChart::Rooms StoryChart::rooms() const {
  const int rows = story_ == nullptr ? 0 : std::min<int>(kMostRows, static_cast<int>(story_->found.size()));
  const double marks = 44.0, found = kRow * rows + (rows > 0 ? 12.0 : 0.0), wide = width() - kLeft - kRight;
  const double free = height() - kAxis - marks - found - 12.0;
  const bool speeds = story_ != nullptr && !story_->speeds.empty();
  const double high = speeds ? 0.72 * free : free;
  Rooms r;
  r.loads = {kLeft, 8.0, wide, high - 8.0};
  r.speeds = {kLeft, high + 8.0, wide, speeds ? free - high - 10.0 : 0.0};
  r.found = {kLeft, free + 8.0, wide, found};
  r.marks = {kLeft, free + found + 8.0, wide, marks};
  return r;
}

double StoryChart::xOf(Day day) const {
  return kLeft + daysBetween(from_, day) / std::max(1.0, static_cast<double>(daysBetween(from_, to_))) *
                     (width() - kLeft - kRight);
}

double StoryChart::yOf(double kg) const {
  const QRectF room = rooms().loads;
  return room.bottom() - (kg - low_kg_) / std::max(1e-9, high_kg_ - low_kg_) * room.height();
}

QPointF StoryChart::placeOf(SetId set) const {
  if (story_ != nullptr)
    for (const LogLine* s : story_->sets)
      if (s->id == set) return {xOf(s->day), yOf(s->load_kg)};
  return {};
}

void StoryChart::zoom(double factor, double at_x) {
  const double wide = std::max(1.0, width() - kLeft - kRight);
  const double part = std::clamp((at_x - kLeft) / wide, 0.0, 1.0);
  const int all = daysBetween(from_, to_);
  const int most =
      std::max(kFewestDays, daysBetween(first_ - std::chrono::days(30), today_ + std::chrono::days(60)));
  const int length = std::clamp(static_cast<int>(std::lround(all * factor)), kFewestDays, most);
  from_ += std::chrono::days(static_cast<int>(std::lround(part * (all - length))));
  to_ = from_ + std::chrono::days(length);
  fitLoads();
  update();
}

void StoryChart::move(int days) {
  const Day earliest = first_ - std::chrono::days(30), latest = today_ + std::chrono::days(60);
  const int length = daysBetween(from_, to_);
  Day from = from_ + std::chrono::days(days);
  from = std::max(earliest, std::min(from, std::max(earliest, latest - std::chrono::days(length))));
  from_ = from;
  to_ = from_ + std::chrono::days(length);
  fitLoads();
  update();
}

const LogLine* StoryChart::nearest(const QPointF& at) const {
  const LogLine* best = nullptr;
  double near = kNear;
  if (story_ != nullptr)
    for (const LogLine* s : story_->sets) {
      const double d = std::hypot(xOf(s->day) - at.x(), yOf(s->load_kg) - at.y());
      if (d <= near) {
        near = d;
        best = s;
      }
    }
  return best;
}

void StoryChart::choose(SetId set) {
  chosen_ = set;
  if (story_ != nullptr)
    for (const LogLine* s : story_->sets)
      if (s->id == set) {
        setAccessibleName(lineWords(*s, book_));
        if (s->day < from_ || s->day > to_)
          move(daysBetween(from_ + std::chrono::days(daysBetween(from_, to_) / 2), s->day));
      }
  update();
  emit setChosen();
}

void StoryChart::mousePressEvent(QMouseEvent* event) {
  setFocus();
  pressed_x_ = event->position().x();
  pressed_from_ = from_;
  dragged_ = false;
}

void StoryChart::mouseMoveEvent(QMouseEvent* event) {
  if (!pressed_x_) {
    setCursor(nearest(event->position()) != nullptr ? Qt::PointingHandCursor : Qt::ArrowCursor);
    return;
  }
  constexpr double kDrag = 4.0;
  const double by = event->position().x() - *pressed_x_;
  if (std::abs(by) > kDrag) dragged_ = true;
  if (!dragged_) return;
  const int days =
      static_cast<int>(std::lround(-by / std::max(1.0, width() - kLeft - kRight) * daysBetween(from_, to_)));
  move(daysBetween(from_, pressed_from_ + std::chrono::days(days)));
}

void StoryChart::mouseReleaseEvent(QMouseEvent* event) {
  if (!dragged_)
    if (const LogLine* s = nearest(event->position())) choose(s->id);
  pressed_x_.reset();
}

void StoryChart::mouseDoubleClickEvent(QMouseEvent* event) {
  if (const LogLine* s = nearest(event->position())) emit setWanted(s->id);
}

void StoryChart::wheelEvent(QWheelEvent* event) {
  zoom(std::pow(0.8, event->angleDelta().y() / 120.0), event->position().x());
  event->accept();
}

void StoryChart::keyPressEvent(QKeyEvent* event) {
  const double middle = kLeft + 0.5 * (width() - kLeft - kRight);
  const bool ctrl = event->modifiers() & Qt::ControlModifier;
  const int third = std::max(1, daysBetween(from_, to_) / 3);
  switch (event->key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
      return zoom(0.7, middle);
    case Qt::Key_Minus:
      return zoom(1.0 / 0.7, middle);
    case Qt::Key_0:
      return showAll();
    case Qt::Key_Left:
    case Qt::Key_Right: {
      const int by = event->key() == Qt::Key_Left ? -1 : 1;
      if (ctrl) return move(by * third);
      if (story_ == nullptr || story_->sets.empty()) return;
      const auto at = std::find_if(story_->sets.begin(), story_->sets.end(),
                                   [&](const LogLine* s) { return s->id == chosen_; });
      const long k =
          std::clamp<long>((at - story_->sets.begin()) + by, 0, static_cast<long>(story_->sets.size()) - 1);
      return choose(story_->sets[static_cast<std::size_t>(k)]->id);
    }
    case Qt::Key_Return:
    case Qt::Key_Enter:
      if (chosen_ != kNoSet) emit setWanted(chosen_);
      return;
    default:
      QWidget::keyPressEvent(event);
  }
}

QString StoryChart::tipAt(const QPointF& at) const {
  if (story_ == nullptr) return {};
  if (const LogLine* s = nearest(at)) return lineWords(*s, book_);
  const Rooms r = rooms();
  if (r.marks.contains(at)) {
    QStringList lines;
    for (const Mark& m : story_->marks)
      if (std::abs(xOf(m.day) - at.x()) < 7.0)
        lines << dayWords(m.day, "d MMM") + QStringLiteral(": ") + markWords(m);
    return lines.join(QLatin1Char('\n'));
  }
  if (r.found.contains(at)) {
    const auto row = static_cast<std::size_t>((at.y() - r.found.top()) / kRow);
    if (row < story_->found.size())
      for (const FoundInWeek& w : story_->found[row].weeks)
        if (at.x() >= xOf(w.monday) && at.x() < xOf(w.monday + std::chrono::days(7)))
          return tr("%1, week of %2: on %3 of %4 reps")
              .arg(saysOf(story_->found[row].rule, book_), dayWords(w.monday, "d MMM"))
              .arg(w.reps)
              .arg(w.of);
  }
  return {};
}

bool StoryChart::event(QEvent* event) {
  if (event->type() == QEvent::ToolTip) {
    auto* help = static_cast<QHelpEvent*>(event);
    const QString tip = tipAt(help->pos());
    if (tip.isEmpty())
      QToolTip::hideText();
    else
      QToolTip::showText(help->globalPos(), tip, this);
    return true;
  }
  return QWidget::event(event);
}

void StoryChart::paintLoads(QPainter& p, const QRectF& room) {
  const Theme& t = theme();
  const double range = high_kg_ - low_kg_, every = range > 120.0 ? 25.0 : range > 50.0 ? 10.0 : 5.0;
  p.setFont(type(13));
  for (double kg = std::ceil(low_kg_ / every) * every; kg <= high_kg_; kg += every) {
    p.setPen(QPen(t.line, 1.0, Qt::DotLine));
    p.drawLine(QPointF(room.left(), yOf(kg)), QPointF(room.right(), yOf(kg)));
    p.setPen(t.muted);
    p.drawText(QRectF(kLeft - 60, yOf(kg) - 9, 52, 18), Qt::AlignRight | Qt::AlignVCenter,
               QString::number(kg));
  }
  p.setPen(t.ink);
  p.setFont(type(14, Weight::kSemiBold));
  p.drawText(QRectF(0, room.top(), 120, 20), Qt::AlignLeft | Qt::AlignVCenter, tr("Load, kg"));
  p.setFont(type(13));
  p.setPen(t.muted);
  p.drawText(QRectF(0, room.top() + 20, 124, 60), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
             tr("band: best single\n(8 in 10)"));
  p.save();
  p.setClipRect(room.adjusted(0, -6, 0, 6));
  for (const Story* s : {beside_, story_}) {
    if (s == nullptr) continue;
    const bool own = s == story_;
    if (s->strength && s->strength->over_time.size() > 1) {
      QPainterPath upper, middle, band;
      const auto& over = s->strength->over_time;
      for (std::size_t k = 0; k < over.size(); ++k) {
        const double x = xOf(over[k].day);
        if (k == 0) {
          upper.moveTo(x, yOf(over[k].high_kg));
          middle.moveTo(x, yOf(over[k].best_kg.value));
        } else {
          upper.lineTo(x, yOf(over[k].high_kg));
          middle.lineTo(x, yOf(over[k].best_kg.value));
        }
      }
      band = upper;
      for (std::size_t k = over.size(); k-- > 0;) band.lineTo(xOf(over[k].day), yOf(over[k].low_kg));
      band.closeSubpath();
      if (own) {
        QColor soft = t.green_soft;
        soft.setAlphaF(0.5F);
        p.fillPath(band, soft);
      } else {
        p.fillPath(band, QBrush(t.line, Qt::FDiagPattern));
      }
      p.setBrush(Qt::NoBrush);
      p.setPen(QPen(own ? t.green : t.muted, 1.4, own ? Qt::SolidLine : Qt::DashLine));
      p.drawPath(middle);
    }
    for (const LogLine* line : s->sets) {
      if (line->day < from_ || line->day > to_) continue;
      const QPointF at(xOf(line->day), yOf(line->load_kg));
      const bool found = own && found_.count(line->id) > 0;
      // Long for many reps, short for few: a grain.
      const double half = std::clamp(2.0 + 0.9 * line->reps_done, 3.0, 9.0);
      p.setPen(QPen(own ? t.ink : t.muted, 1.1));
      p.setBrush(own && line->filmed ? QBrush(t.green) : own ? QBrush(t.sheet) : QBrush(Qt::NoBrush));
      p.drawRoundedRect(QRectF(at.x() - 2.6, at.y() - half, 5.2, 2.0 * half), 2.6, 2.6);
      const double effort = line->effort_felt.value_or(line->effort_seen.value_or(0.0));
      if (own && (effort >= 9.0 || line->reps_done < line->reps_asked)) {
        // Hard ones carry a stroke, missed ones two.
        p.setPen(QPen(t.clay, 1.6));
        for (int n = 0; n < (line->reps_done < line->reps_asked ? 2 : 1); ++n)
          p.drawLine(QPointF(at.x() - 4, at.y() - half - 4 - 3 * n),
                     QPointF(at.x() + 4, at.y() - half - 4 - 3 * n));
      }
      if (found) {
        p.setPen(QPen(t.clay, 1.6));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at, half + 4.0, half + 4.0);
      }
      if (own && line->id == chosen_) {
        p.setPen(QPen(t.green, hasFocus() ? 2.4 : 1.4));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(at.x() - 7, at.y() - half - 4, 14, 2.0 * half + 8), 5, 5);
      }
    }
  }
  p.restore();
}

void StoryChart::paintSpeeds(QPainter& p, const QRectF& room) {
  if (room.height() < 20.0 || !story_->at_load_kg) return;
  const Theme& t = theme();
  double low = 1e9, high = -1e9;
  for (const SpeedAtLoad& s : story_->speeds)
    if (s.day >= from_ && s.day <= to_) {
      low = std::min(low, s.ms.value - s.ms.sd);
      high = std::max(high, s.ms.value + s.ms.sd);
    }
  p.setPen(t.ink);
  p.setFont(type(14, Weight::kSemiBold));
  p.drawText(QRectF(0, room.top(), 124, 20), Qt::AlignLeft | Qt::AlignVCenter, tr("Speed, m/s"));
  p.setPen(t.muted);
  p.setFont(type(13));
  p.drawText(QRectF(0, room.top() + 20, 124, 40), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
             tr("as at %1").arg(kilograms(*story_->at_load_kg)));
  if (low > high) return;
  const double air = std::max(0.02, 0.15 * (high - low));
  low -= air;
  high += air;
  const auto y_of = [&](double v) { return room.bottom() - (v - low) / (high - low) * room.height(); };
  for (const double v : {low + air, high - air}) {
    p.setPen(QPen(t.line, 1.0, Qt::DotLine));
    p.drawLine(QPointF(room.left(), y_of(v)), QPointF(room.right(), y_of(v)));
    p.setPen(t.muted);
    p.drawText(QRectF(kLeft - 60, y_of(v) - 9, 52, 18), Qt::AlignRight | Qt::AlignVCenter,
               QString::number(v, 'f', 2));
  }
  p.save();
  p.setClipRect(room);
  QPainterPath path;
  for (const SpeedAtLoad& s : story_->speeds) {
    const QPointF at(xOf(s.day), y_of(s.ms.value));
    path.elementCount() == 0 ? path.moveTo(at) : path.lineTo(at);
    p.setPen(QPen(t.muted, 1.0));
    p.drawLine(QPointF(at.x(), y_of(s.ms.value - s.ms.sd)), QPointF(at.x(), y_of(s.ms.value + s.ms.sd)));
    p.setPen(QPen(t.ink, 1.0));
    p.setBrush(s.set == chosen_ ? t.green : t.sheet);
    p.drawRect(QRectF(at.x() - 3, at.y() - 3, 6, 6));
  }
  p.restore();
}

void StoryChart::paintFound(QPainter& p, const QRectF& room) {
  const Theme& t = theme();
  const auto rows = std::min<std::size_t>(kMostRows, story_->found.size());
  for (std::size_t k = 0; k < rows; ++k) {
    const FoundOverTime& row = story_->found[k];
    const double top = room.top() + kRow * static_cast<double>(k);
    p.setPen(t.ink);
    p.setFont(type(13));
    p.drawText(
        QRectF(0, top, kLeft - 10, kRow), Qt::AlignLeft | Qt::AlignVCenter,
        p.fontMetrics().elidedText(saysOf(row.rule, book_), Qt::ElideRight, static_cast<int>(kLeft - 10)));
    p.save();
    p.setClipRect(QRectF(room.left(), top, room.width(), kRow));
    for (const FoundInWeek& w : row.weeks) {
      const double wide = std::clamp(xOf(w.monday + std::chrono::days(7)) - xOf(w.monday) - 3.0, 3.0, 16.0);
      const QRectF cell(xOf(w.monday) + 1.0, top + 3.0, wide, kRow - 7.0);
      const double part = w.of > 0 ? std::clamp(static_cast<double>(w.reps) / w.of, 0.0, 1.0) : 0.0;
      const QRectF filled(cell.left(), cell.bottom() - part * cell.height(), cell.width(),
                          part * cell.height());
      if (w.big > 0) {
        p.fillRect(filled, t.clay);
      } else if (part > 0.0) {
        QColor pale = t.clay;
        pale.setAlphaF(0.35F);
        p.fillRect(filled, pale);
        p.setPen(QPen(t.clay, 1.0));
        p.drawLine(filled.topLeft(), filled.topRight());
      }
      p.setPen(QPen(t.line, 1.0));
      p.setBrush(Qt::NoBrush);
      p.drawRect(cell);
    }
    p.restore();
  }
}

void StoryChart::paintMarks(QPainter& p, const QRectF& room) {
  const Theme& t = theme();
  p.setPen(t.ink);
  p.setFont(type(14, Weight::kSemiBold));
  p.drawText(QRectF(0, room.top() + 4, kLeft - 10, 20), Qt::AlignLeft | Qt::AlignVCenter,
             tr("What else changed"));
  p.save();
  p.setClipRect(room.adjusted(-4, 0, 4, 0));
  const double base = room.top() + 14.0;
  // Complaints last from one day to another.
  for (const Mark& m : story_->marks) {
    if (m.kind != Mark::Kind::kComplaint) continue;
    Day end = today_;
    for (const Mark& over : story_->marks)
      if (over.kind == Mark::Kind::kComplaintOver && over.what == m.what && over.day >= m.day)
        end = std::min(end, over.day);
    p.fillRect(QRectF(xOf(m.day), base + 12, std::max(3.0, xOf(end) - xOf(m.day)), 7),
               QBrush(t.clay, Qt::BDiagPattern));
    p.setPen(QPen(t.clay, 1.0));
    p.drawRect(QRectF(xOf(m.day), base + 12, std::max(3.0, xOf(end) - xOf(m.day)), 7));
  }
  p.setFont(type(12));
  double free_from = -1e9;
  for (const Mark& m : story_->marks) {
    if (m.day < from_ || m.day > to_) continue;
    const double x = xOf(m.day);
    p.setPen(QPen(t.ink, 1.4));
    switch (m.kind) {
      case Mark::Kind::kSetup: {  // a flag, with its name where there is room
        p.drawLine(QPointF(x, base - 10), QPointF(x, base + 8));
        p.drawLine(QPointF(x, base - 10), QPointF(x + 8, base - 7));
        p.drawLine(QPointF(x + 8, base - 7), QPointF(x, base - 4));
        const QString words = QString::fromStdString(m.what);
        const double wide = p.fontMetrics().horizontalAdvance(words) + 16.0;
        if (x > free_from && x + wide < room.right()) {
          p.drawText(QRectF(x + 11, base - 14, wide, 16), Qt::AlignLeft | Qt::AlignVCenter, words);
          free_from = x + wide;
        }
        break;
      }
      case Mark::Kind::kCue:  // a mouthful of words: a short wave
        p.setPen(QPen(t.green, 1.6));
        p.drawArc(QRectF(x - 4, base - 2, 4, 6), 0, 180 * 16);
        p.drawArc(QRectF(x, base - 2, 4, 6), 180 * 16, 180 * 16);
        break;
      // Beside the words of the same day.
      case Mark::Kind::kNote:
        p.drawLine(QPointF(x + 6, base + 1), QPointF(x + 12, base + 1));
        p.drawLine(QPointF(x + 6, base + 4), QPointF(x + 10, base + 4));
        break;
      case Mark::Kind::kCondition:
        p.setPen(QPen(t.clay, 1.4));
        p.drawEllipse(QPointF(x + 9, base - 5), 2.6, 2.6);
        break;
      case Mark::Kind::kOverride:
        p.setPen(QPen(t.clay, 1.6));
        p.drawLine(QPointF(x - 12, base - 1), QPointF(x - 6, base + 5));
        p.drawLine(QPointF(x - 12, base + 5), QPointF(x - 6, base - 1));
        break;
      case Mark::Kind::kComplaint:
      case Mark::Kind::kComplaintOver:
        break;
    }
  }
  p.restore();
}

void StoryChart::paintEvent(QPaintEvent*) {
  if (story_ == nullptr) return;
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const Rooms r = rooms();
  // Months.
  const QDate first = dateOf(from_), last = dateOf(to_);
  const int months = (last.year() - first.year()) * 12 + last.month() - first.month() + 1;
  const double wide = (width() - kLeft - kRight) / std::max(1, months);
  const int each = std::max(1, static_cast<int>(std::ceil(52.0 / std::max(1.0, wide))));
  p.setFont(type(13));
  for (QDate d(first.year(), first.month(), 1); d <= last; d = d.addMonths(1)) {
    const auto day = dayNamed(d.toString(Qt::ISODate).toStdString());
    if (!day || *day < from_) continue;
    if ((d.year() * 12 + d.month()) % each != 0) continue;
    p.setPen(QPen(t.line, 1.0));
    p.drawLine(QPointF(xOf(*day), r.loads.top()), QPointF(xOf(*day), r.marks.bottom()));
    p.setPen(t.muted);
    p.drawText(QRectF(xOf(*day) + 3, r.marks.bottom(), 90, kAxis), Qt::AlignLeft | Qt::AlignVCenter,
               spoken().toString(
                   d, d.month() == 1 || each >= 12 ? QStringLiteral("MMM yyyy") : QStringLiteral("MMM")));
  }
  paintLoads(p, r.loads);
  paintSpeeds(p, r.speeds);
  paintFound(p, r.found);
  paintMarks(p, r.marks);
}

}  // namespace mottix
