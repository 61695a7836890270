#include "desk/curves_view.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include <qcustomplot.h>
#include <QComboBox>
#include <QCoreApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPushButton>
#include <QVBoxLayout>

#include "desk/pieces.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kNone = std::numeric_limits<double>::quiet_NaN();
constexpr double kReach_px = 60.0;  // how near to a mark a click must be

QString text(std::string_view s) {
  return QString::fromUtf8(s.data(), static_cast<int>(s.size()));
}
QString withUnit(const QString& title, std::string_view unit) {
  const QString u = unitWords(unit).trimmed();
  return u.isEmpty() ? title : QStringLiteral("%1, %2").arg(title, u);
}
QString curveWords(CurveId id) {
  return ofBook(std::string(definitionOf(id).title));
}
QString capital(QString s) {
  if (!s.isEmpty()) s[0] = s[0].toUpper();
  return s;
}

}  // namespace

CurvesView::CurvesView(QWidget* parent) : QWidget(parent) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(6, 0, 0, 0);
  column->setSpacing(8);
  auto* head = new QHBoxLayout;
  what_ = new QComboBox;
  what_->setObjectName(QStringLiteral("what is drawn"));
  what_->setAccessibleName(tr("What is drawn"));
  what_->setFont(type(16, Weight::kSemiBold));
  what_->setMaxVisibleItems(24);
  what_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  what_->setMinimumContentsLength(12);
  what_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  auto* back = button(tr("Findings · C"), tr("Back to findings, cue and load"), true);
  head->addWidget(what_, 1);
  head->addWidget(back);
  column->addLayout(head);
  auto* ways = new QHBoxLayout;
  ways->setSpacing(2);
  auto* against = label(14, Weight::kRegular, true);
  against->setText(tr("against"));
  against->setWordWrap(false);
  ways->addWidget(against);
  const std::array names = {tr("time"), tr("height of the bar"), tr("rep")};
  for (std::size_t k = 0; k < ways_.size(); ++k) {
    ways_[k] = button(names[k], tr("Draw it against this"), true);
    ways_[k]->setCheckable(true);
    ways_[k]->setProperty("what", static_cast<int>(k));
    ways->addWidget(ways_[k]);
    connect(ways_[k], &QPushButton::clicked, this, [this, k] { setAgainst(static_cast<Against>(k)); });
  }
  ways->addStretch(1);
  column->addLayout(ways);
  plot_ = new QCustomPlot;
  plot_->setObjectName(QStringLiteral("curves"));
  plot_->setAccessibleName(
      tr("Plot: click or drag to move the film, arrow keys by the frame, wheel to look "
         "closer"));
  plot_->setFocusPolicy(Qt::StrongFocus);
  plot_->setMinimumHeight(220);
  plot_->installEventFilter(this);
  column->addWidget(plot_, 1);
  about_ = label(14, Weight::kRegular, true);
  about_->setObjectName(QStringLiteral("about curve"));
  about_->setMinimumHeight(58);
  about_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  column->addWidget(about_);
  connect(back, &QPushButton::clicked, this, &CurvesView::closed);
  connect(what_, &QComboBox::currentIndexChanged, this, [this] { draw(); });
  plot_->setInteractions(QCP::iRangeZoom);
  plot_->axisRect()->setRangeZoom(Qt::Horizontal);
  connect(plot_, &QCustomPlot::mouseDoubleClick, this, [this] { draw(); });  // all of it again
  setAgainst(Against::kTime);
}

const Analysis* CurvesView::analysis() const {
  return data_ != nullptr && data_->analysis ? &*data_->analysis : nullptr;
}

void CurvesView::setData(const SheetData* sheet) {
  data_ = sheet;
  curves_.clear();
  shown_of_ = nullptr;
  offer();
  if (isVisible()) draw();
}

void CurvesView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  if (shown_of_ == nullptr) draw();
}

// What this set has, the choice kept where it can be.
void CurvesView::offer() {
  const QString before = what_->currentData().toString();
  QSignalBlocker quiet(what_);
  what_->clear();
  if (analysis() == nullptr) return;
  const Lift lift = data_->set.edit.asked.lift;
  const bool across = data_->tracks.across();
  for (const CurveDefinition& d : curveCatalogue())
    if (d.lifts.has(lift) && d.view != (across ? MeasureView::kSide : MeasureView::kAcross))
      what_->addItem(capital(curveWords(d.id)), text(d.name));
  what_->insertSeparator(what_->count());
  for (const MeasureDefinition* d : measureCatalogue())
    if (std::any_of(analysis()->measures.begin(), analysis()->measures.end(),
                    [&](const Measure& m) { return m.id == d->id && m.status == MeasureStatus::kOk; }))
      what_->addItem(tr("%1, by rep").arg(capital(measureWords(d->id))),
                     QStringLiteral("rep:") + text(d->name));
  const int at = what_->findData(before);
  const int usual = what_->findData(across || lift == Lift::kBench ? QStringLiteral("bar_speed")
                                                                   : QStringLiteral("trunk_lean"));
  what_->setCurrentIndex(at >= 0 ? at : std::max(0, usual));
}

bool CurvesView::choose(const QString& name) {
  int at = what_->findData(name);
  if (at < 0) at = what_->findData(QStringLiteral("rep:") + name);
  if (at < 0) return false;
  what_->setCurrentIndex(at);
  return true;
}

std::optional<CurveId> CurvesView::chosenCurve() const {
  const QString name = what_->currentData().toString();
  for (const CurveDefinition& d : curveCatalogue())
    if (name == text(d.name)) return d.id;
  return std::nullopt;
}
std::optional<MeasureId> CurvesView::chosenMeasure() const {
  const QString name = what_->currentData().toString();
  if (!name.startsWith(QStringLiteral("rep:"))) return std::nullopt;
  const MeasureDefinition* d = findMeasure(name.mid(4).toStdString());
  return d != nullptr ? std::optional(d->id) : std::nullopt;
}

void CurvesView::setAgainst(Against against) {
  against_ = against;
  for (std::size_t k = 0; k < ways_.size(); ++k) {
    const bool on = static_cast<Against>(k) == against;
    ways_[k]->setChecked(on);
    ways_[k]->setFont(type(14, on ? Weight::kSemiBold : Weight::kRegular));
  }
  draw();
}

const std::vector<CurvePoint>& CurvesView::curve(CurveId id) {
  auto& c = curves_[id];
  if (c.empty() && analysis() != nullptr && analysis()->on) c = computeCurve(analysis()->on->input, id);
  return c;
}

void CurvesView::draw() {
  plot_->clearPlottables();
  plot_->clearItems();
  now_ = nullptr;
  spots_.clear();
  const Theme& t = theme();
  plot_->setBackground(t.sheet);
  for (QCPAxis* axis : {plot_->xAxis, plot_->yAxis}) {
    axis->setBasePen(QPen(t.muted));
    axis->setTickPen(QPen(t.muted));
    axis->setSubTickPen(Qt::NoPen);
    axis->setTickLabelColor(t.muted);
    axis->setLabelColor(t.ink);
    axis->setTickLabelFont(type(12));
    axis->setLabelFont(type(13));
    axis->grid()->setPen(QPen(t.line, 1.0, Qt::DotLine));
    axis->grid()->setZeroLinePen(QPen(t.muted, 1.0));
  }
  plot_->xAxis->grid()->setZeroLinePen(QPen(t.line, 1.0, Qt::DotLine));
  plot_->xAxis->setTicker(QSharedPointer<QCPAxisTicker>(new QCPAxisTicker));
  shown_of_ = analysis();
  if (analysis() != nullptr) {
    plot_->xAxis->setLabel(against_ == Against::kTime     ? tr("time, s")
                           : against_ == Against::kHeight ? tr("height of the bar, cm")
                                                          : tr("rep"));
    if (against_ == Against::kRep) {
      QSharedPointer<QCPAxisTickerFixed> whole(new QCPAxisTickerFixed);
      whole->setTickStep(1.0);
      whole->setScaleStrategy(QCPAxisTickerFixed::ssMultiples);
      plot_->xAxis->setTicker(whole);
    }
    if (const auto id = chosenCurve())
      drawCurve(*id);
    else if (const auto measure = chosenMeasure())
      drawMeasure(*measure);
    bool any = false;
    plot_->rescaleAxes();
    for (const Spot& s : spots_) any = any || std::isfinite(s.y);
    if (any) {
      plot_->yAxis->scaleRange(1.12);
      if (against_ == Against::kHeight) plot_->xAxis->scaleRange(1.05);  // room for the mark at either end
      if (against_ == Against::kRep)
        plot_->xAxis->setRange(0.5, static_cast<double>(analysis()->reps.size()) + 0.5);
    }
  }
  now_ = plot_->addGraph();
  now_->setLineStyle(QCPGraph::lsNone);
  now_->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssCircle, QPen(t.clay, 2.2), QBrush(t.sheet), 9.0));
  markReps();
  mark();
}

// Between two lines; both are as good as not there themselves.
void CurvesView::band(const std::vector<double>& x, const std::vector<double>& low,
                      const std::vector<double>& high) {
  QCPGraph* under = plot_->addGraph();
  QCPGraph* over = plot_->addGraph();
  auto list = [](const std::vector<double>& v) { return QVector<double>(v.begin(), v.end()); };
  under->setData(list(x), list(low), true);
  over->setData(list(x), list(high), true);
  QColor soft = theme().green;
  soft.setAlpha(48);
  for (QCPGraph* g : {under, over}) g->setPen(Qt::NoPen);
  over->setBrush(soft);
  over->setChannelFillGraph(under);
}

void CurvesView::drawCurve(CurveId id) {
  const Analysis& a = *analysis();
  const auto& points = curve(id);
  const auto& time = data_->tracks.time_s;
  plot_->yAxis->setLabel(capital(withUnit(curveWords(id), definitionOf(id).unit)));
  if (points.size() != time.size()) return;
  const Theme& t = theme();
  if (against_ == Against::kTime) {
    std::vector<double> x, y, low, high;
    for (std::size_t f = 0; f < points.size(); ++f) {
      const CurvePoint& p = points[f];
      x.push_back(time[f]);
      y.push_back(p.known ? p.value.value : kNone);
      low.push_back(p.known ? p.value.value - p.value.sd : kNone);
      high.push_back(p.known ? p.value.value + p.value.sd : kNone);
      if (p.known) spots_.push_back({time[f], p.value.value, f});
    }
    band(x, low, high);
    QCPGraph* line = plot_->addGraph();
    line->setPen(QPen(t.green, 1.8));
    line->setData(QVector<double>(x.begin(), x.end()), QVector<double>(y.begin(), y.end()), true);
  } else if (against_ == Against::kHeight) {
    const auto& height = curve(CurveId::kBarHeight);
    const bool up_first = data_->set.edit.asked.lift == Lift::kDeadlift;
    for (const Rep& rep : a.reps) {
      const bool now = rep.number == rep_;
      // The way down is dotted, the way up drawn through, as everywhere.
      for (const bool first : {true, false}) {
        const std::size_t from = first ? rep.start_frame : rep.leave_frame,
                          to = first ? rep.turn_frame : rep.end_frame;
        const bool up = first == up_first;
        std::vector<QCPCurveData> line, around;
        std::vector<QCPCurveData> back;
        for (std::size_t f = from; f <= to && f < points.size(); ++f) {
          if (!points[f].known || !height[f].known) continue;
          const double x = height[f].value.value, y = points[f].value.value, sd = points[f].value.sd;
          const double n = static_cast<double>(line.size());
          line.emplace_back(n, x, y);
          around.emplace_back(n, x, y + sd);
          back.emplace_back(n, x, y - sd);
          spots_.push_back({x, y, f});
        }
        if (now) {
          std::reverse(back.begin(), back.end());
          for (QCPCurveData d : back) {
            d.t = static_cast<double>(around.size());
            around.push_back(d);
          }
          auto* area = new QCPCurve(plot_->xAxis, plot_->yAxis);
          area->data()->set(QVector<QCPCurveData>(around.begin(), around.end()), true);
          QColor soft = t.green;
          soft.setAlpha(40);
          area->setPen(Qt::NoPen);
          area->setBrush(soft);
        }
        auto* curve_line = new QCPCurve(plot_->xAxis, plot_->yAxis);
        curve_line->data()->set(QVector<QCPCurveData>(line.begin(), line.end()), true);
        QColor colour = now ? t.green : t.muted;
        if (!now) colour.setAlpha(120);
        curve_line->setPen(QPen(colour, now ? 2.2 : 1.2, up ? Qt::SolidLine : Qt::DotLine));
      }
    }
  } else {
    // Each rep from its least to its greatest value; the mark is what it is at the turn.
    QVector<double> x, y, below, above;
    for (const Rep& rep : a.reps) {
      double least = std::numeric_limits<double>::max(), most = -least;
      for (std::size_t f = rep.start_frame; f <= rep.end_frame && f < points.size(); ++f)
        if (points[f].known) {
          least = std::min(least, points[f].value.value);
          most = std::max(most, points[f].value.value);
        }
      if (least > most || !points[rep.turn_frame].known) continue;
      x.push_back(rep.number);
      y.push_back(points[rep.turn_frame].value.value);
      below.push_back(y.back() - least);
      above.push_back(most - y.back());
      spots_.push_back({1.0 * rep.number, y.back(), rep.turn_frame});
    }
    QCPGraph* dots = plot_->addGraph();
    dots->setLineStyle(QCPGraph::lsNone);
    dots->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, t.green, 8.0));
    dots->setData(x, y, true);
    auto* bars = new QCPErrorBars(plot_->xAxis, plot_->yAxis);
    bars->setDataPlottable(dots);
    bars->setData(below, above);
    bars->setPen(QPen(t.green, 1.4));
    bars->setWhiskerWidth(7.0);
  }
}

void CurvesView::drawMeasure(MeasureId id) {
  plot_->yAxis->setLabel(capital(withUnit(measureWords(id), definitionOf(id).unit)));
  const auto& time = data_->tracks.time_s;
  QVector<double> x, y, sd;
  for (const Measure& m : analysis()->measures) {
    if (m.id != id || m.status != MeasureStatus::kOk || m.frame >= time.size()) continue;
    double at = m.rep;
    if (against_ == Against::kTime) at = time[m.frame];
    if (against_ == Against::kHeight) {
      const CurvePoint& p = curve(CurveId::kBarHeight)[m.frame];
      if (!p.known) continue;
      at = p.value.value;
    }
    x.push_back(at);
    y.push_back(m.value.value);
    sd.push_back(m.value.sd);
    spots_.push_back({at, m.value.value, m.frame});
  }
  QCPGraph* dots = plot_->addGraph();
  dots->setLineStyle(QCPGraph::lsNone);
  dots->setScatterStyle(QCPScatterStyle(QCPScatterStyle::ssDisc, theme().green, 8.0));
  dots->setData(x, y);
  auto* bars = new QCPErrorBars(plot_->xAxis, plot_->yAxis);
  bars->setDataPlottable(dots);
  bars->setData(sd);
  bars->setPen(QPen(theme().green, 1.4));
  bars->setWhiskerWidth(7.0);
}

// In time, the reps stand as numbers on top, the one of the moment on a ground of its own.
void CurvesView::markReps() {
  if (analysis() == nullptr || against_ != Against::kTime || spots_.empty()) return;
  const auto& time = data_->tracks.time_s;
  for (const Rep& rep : analysis()->reps) {
    if (rep.end_frame >= time.size()) continue;
    auto* number = new QCPItemText(plot_);
    number->position->setTypeX(QCPItemPosition::ptPlotCoords);
    number->position->setTypeY(QCPItemPosition::ptAxisRectRatio);
    number->position->setCoords(0.5 * (time[rep.start_frame] + time[rep.end_frame]), 0.0);
    number->setPositionAlignment(Qt::AlignHCenter | Qt::AlignTop);
    number->setText(QString::number(rep.number));
    number->setFont(type(12, rep.number == rep_ ? Weight::kSemiBold : Weight::kRegular));
    number->setColor(rep.number == rep_ ? theme().ink : theme().muted);
    for (const std::size_t f : {rep.start_frame, rep.end_frame}) {
      auto* edge = new QCPItemStraightLine(plot_);
      edge->point1->setCoords(time[f], 0.0);
      edge->point2->setCoords(time[f], 1.0);
      edge->setPen(QPen(theme().line, rep.number == rep_ ? 1.6 : 1.0));
    }
  }
}

// The moment of the film.
void CurvesView::mark() {
  if (now_ == nullptr) return;
  now_->data()->clear();
  const auto nearest = std::min_element(spots_.begin(), spots_.end(), [&](const Spot& a, const Spot& b) {
    auto away = [&](const Spot& s) { return std::max(s.frame, frame_) - std::min(s.frame, frame_); };
    return away(a) < away(b);
  });
  const bool by_rep = against_ == Against::kRep || chosenMeasure().has_value();
  if (nearest != spots_.end()) {
    const Rep* rep = data_ != nullptr ? data_->repAt(frame_) : nullptr;
    const bool here =
        by_rep ? rep != nullptr && nearest->frame >= rep->start_frame && nearest->frame <= rep->end_frame
               : nearest->frame == frame_;
    if (here) now_->addData(nearest->x, nearest->y);
  }
  plot_->replot(QCustomPlot::rpQueuedReplot);
  tell();
}

void CurvesView::setFrame(std::size_t frame) {
  frame_ = frame;
  const Rep* rep = data_ != nullptr ? data_->repAt(frame) : nullptr;
  const int number = rep != nullptr ? rep->number : 0;
  const bool other = number != rep_;
  rep_ = number;
  if (!isVisible()) {
    if (other) shown_of_ = nullptr;
    return;
  }
  // Which rep stands out is part of the drawing; the closer look stays.
  if (other && against_ != Against::kRep) {
    const QCPRange x = plot_->xAxis->range(), y = plot_->yAxis->range();
    draw();
    plot_->xAxis->setRange(x);
    plot_->yAxis->setRange(y);
  }
  mark();
}

void CurvesView::tell() {
  if (analysis() == nullptr) return about_->setText(tr("Nothing is measured yet."));
  const auto id = chosenCurve();
  if (spots_.empty()) {
    const bool moments = id && (definitionOf(*id).unit == "N m");
    return about_->setText(
        moments && !data_->body
            ? tr("There is nothing to draw: enter the athlete's height and weight under Body (B).")
            : tr("There is nothing to draw: what it needs is not placed, or was not seen."));
  }
  QString said;
  if (id) {
    const auto& points = curve(*id);
    if (frame_ < points.size() && points[frame_].known)
      said = tr("%1 s: %2 %3. ")
                 .arg(data_->tracks.time_s[frame_], 0, 'f', 2)
                 .arg(curveWords(*id), withError(points[frame_].value, definitionOf(*id).unit));
    said += text(definitionOf(*id).definition);
  } else if (const auto measure = chosenMeasure()) {
    if (const Measure* m = findMeasure(analysis()->measures, *measure, rep_);
        m != nullptr && m->status == MeasureStatus::kOk)
      said = tr("Rep %1: %2 %3. ")
                 .arg(m->rep)
                 .arg(measureWords(*measure), withError(m->value, definitionOf(*measure).unit));
    said += text(definitionOf(*measure).definition);
  }
  about_->setText(said);
}

void CurvesView::point(const QPointF& at) {
  const Spot* best = nullptr;
  double nearest = std::numeric_limits<double>::max();
  const bool by_time = against_ == Against::kTime && chosenCurve();
  for (const Spot& s : spots_) {
    const double dx = plot_->xAxis->coordToPixel(s.x) - at.x(), dy = plot_->yAxis->coordToPixel(s.y) - at.y();
    const double away = by_time ? std::abs(dx) : std::hypot(dx, dy);
    if (away < nearest) {
      nearest = away;
      best = &s;
    }
  }
  if (best != nullptr && (by_time || nearest < kReach_px)) emit frameWanted(best->frame);
}

bool CurvesView::eventFilter(QObject* object, QEvent* event) {
  if (object == plot_ && event->type() == QEvent::Paint && plot_->hasFocus()) {
    plot_->removeEventFilter(this);
    QCoreApplication::sendEvent(plot_, event);
    plot_->installEventFilter(this);
    QPainter p(plot_);
    paintFocus(p, plot_->rect());
    return true;
  }
  if (object == plot_ && (event->type() == QEvent::FocusIn || event->type() == QEvent::FocusOut))
    plot_->update();
  if (object == plot_) {
    if (event->type() == QEvent::MouseButtonPress || event->type() == QEvent::MouseMove) {
      const auto* mouse = static_cast<QMouseEvent*>(event);
      const bool down = event->type() == QEvent::MouseButtonPress ? mouse->button() == Qt::LeftButton
                                                                  : (mouse->buttons() & Qt::LeftButton) != 0;
      if (down) {
        plot_->setFocus();
        point(mouse->position());
        return true;
      }
    } else if (event->type() == QEvent::KeyPress) {
      const auto* key = static_cast<QKeyEvent*>(event);
      if (key->key() == Qt::Key_Left || key->key() == Qt::Key_Right) {
        if (key->key() == Qt::Key_Right || frame_ > 0)
          emit frameWanted(key->key() == Qt::Key_Right ? frame_ + 1 : frame_ - 1);
        return true;
      }
    }
  }
  return QWidget::eventFilter(object, event);
}

void CurvesView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit closed();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
