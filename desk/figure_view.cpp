#include "desk/figure_view.h"

#include <algorithm>
#include <array>
#include <cmath>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include "core/mechanics/leg.h"
#include "desk/theme.h"

namespace mottix {
namespace {

constexpr double kStrip_px = 124.0;  // for the feet from above
constexpr double kBelow_m = 0.12;    // under the floor, for its words
constexpr double kSideUp_m = 1.42, kSideAcross_m = 1.7;
constexpr double kBenchUp_m = 0.85, kBenchDown_m = 0.42, kBenchAcross_m = 1.75;
constexpr double kReach_px = 16.0;  // how near a handle the mouse must be

struct Range {
  double low, high, step;
};
Range rangeOf(FitHandle handle) {
  switch (handle) {
    case FitHandle::kDepth:
      return {-0.40, 0.40, 0.01};
    case FitHandle::kHeel:
      return {0.0, 0.08, 0.002};
    case FitHandle::kStance:
      return {0.05, 1.0, 0.01};
    case FitHandle::kToes:
      return {0.0, 60.0, 1.0};
    case FitHandle::kHands:
      return {0.30, 1.2, 0.005};
    case FitHandle::kBar:
      break;
  }
  return {0.0, 0.0, 0.0};
}

FigureInk inkOf(const Theme& t) {
  return {t.ink, t.muted, t.line, t.green_soft, t.clay, t.sheet, type(13)};
}

// From low on the back upward and over to the front; the order of the keys.
constexpr std::array kBarWay = {BarPosition::kLow, BarPosition::kMiddle, BarPosition::kHigh,
                                BarPosition::kSafety, BarPosition::kFront};

}  // namespace

FigureView::FigureView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setAccessibleName(tr("Solved figure"));
}

void FigureView::setScene(const FitScene& scene) {
  const bool other_lift = scene.lift != scene_.lift;
  if (other_lift) last_.reset();
  scene_ = scene;
  if (scene_.solid) last_ = scene_.solid;
  const auto all = handles();
  if (!all.empty() && (other_lift || std::find(all.begin(), all.end(), handle_) == all.end()))
    handle_ = all.front();
  setAccessibleDescription(scene_.solid ? tr("Trunk %1 degrees, shin %2 degrees from upright")
                                              .arg(scene_.solid->trunk_lean_deg, 0, 'f', 0)
                                              .arg(scene_.solid->shin_lean_deg, 0, 'f', 0)
                                        : scene_.no_posture);
  update();
}

void FigureView::layOver(std::optional<FilmGround> film) {
  // Without its picture there is nothing to lay anything over yet.
  film_ = film && !film->picture.isNull() ? std::move(film) : std::nullopt;
  update();
}

const Figure* FigureView::shown() const {
  return scene_.solid ? &*scene_.solid : last_ ? &*last_ : nullptr;
}

std::vector<FitHandle> FigureView::handles() const {
  std::vector<FitHandle> out;
  if (scene_.bar) out.push_back(FitHandle::kBar);
  for (FitHandle h :
       {FitHandle::kDepth, FitHandle::kHeel, FitHandle::kStance, FitHandle::kToes, FitHandle::kHands})
    if (valueOf(h)) out.push_back(h);
  return out;
}

std::optional<double> FigureView::valueOf(FitHandle handle) const {
  switch (handle) {
    case FitHandle::kDepth:
      return scene_.hip_below_knee_m;
    case FitHandle::kHeel:
      return scene_.heel_raise_m;
    case FitHandle::kStance:
      return scene_.heel_distance_m;
    case FitHandle::kToes:
      return scene_.toe_out_deg;
    case FitHandle::kHands:
      return scene_.hands_m;
    case FitHandle::kBar:
      break;
  }
  return std::nullopt;
}

QString FigureView::handleWords(FitHandle handle) const {
  switch (handle) {
    case FitHandle::kBar:
      return tr("bar position");
    case FitHandle::kDepth:
      return tr("depth");
    case FitHandle::kHeel:
      return tr("heel height");
    case FitHandle::kStance:
      return tr("stance");
    case FitHandle::kToes:
      return tr("toes");
    case FitHandle::kHands:
      return tr("hands");
  }
  return {};
}

QRectF FigureView::filmCrop() const {
  // The lifter with a little room, not the whole hall.
  QRectF box;
  for (const Vec2d& m : {Vec2d(-0.95, -0.2), Vec2d(0.95, -0.2), Vec2d(-0.95, 1.75), Vec2d(0.95, 1.75)}) {
    const Vec2 px = film_->camera.toPicture(film_->origin_m + m, 0.0);
    box = box.isNull() ? QRectF(px.x(), px.y(), 1e-6, 1e-6) : box.united(QRectF(px.x(), px.y(), 1e-6, 1e-6));
  }
  return box.intersected(QRectF(film_->picture.rect()));
}

QRectF FigureView::filmRect() const {
  const QSizeF shown = filmCrop().size().scaled(QSizeF(size()), Qt::KeepAspectRatio);
  return {QPointF(0.5 * (width() - shown.width()), 0.5 * (height() - shown.height())), shown};
}

double FigureView::pxPerM() const {
  if (film_) {
    const QPointF a = place({0.0, 0.5}), b = place({0.0, 1.0});
    return 2.0 * std::hypot(b.x() - a.x(), b.y() - a.y());
  }
  const bool bench = scene_.lift == Lift::kBench;
  const double strip = scene_.heel_distance_m ? kStrip_px : 24.0;
  return std::min((height() - strip) / (bench ? kBenchUp_m + kBenchDown_m : kSideUp_m + kBelow_m),
                  width() / (bench ? kBenchAcross_m : kSideAcross_m));
}

QPointF FigureView::place(const Vec2d& m, double lateral_m) const {
  if (film_) {
    const QRectF room = filmRect();
    const QRectF crop = filmCrop();
    const Vec2 px = film_->camera.toPicture(film_->origin_m + m, lateral_m);
    return room.topLeft() + room.width() / crop.width() * (QPointF(px.x(), px.y()) - crop.topLeft());
  }
  const bool bench = scene_.lift == Lift::kBench;
  const double scale = pxPerM();
  const double strip = scene_.heel_distance_m ? kStrip_px : 24.0;
  const QPointF origin(0.5 * width(), height() - strip - scale * (bench ? kBenchDown_m : kBelow_m));
  return origin + scale * QPointF(m.x(), -m.y());
}

QPointF FigureView::feetMiddle() const {
  return {0.5 * width(), height() - 0.5 * kStrip_px + 6.0};
}
double FigureView::feetScale() const {
  const double reach = scene_.foot_m * std::sin(toRad(scene_.toe_out_deg.value_or(0.0)));
  return std::min(150.0, (kStrip_px - 22.0) / (scene_.heel_distance_m.value_or(0.4) + 2.0 * reach + 0.10));
}

std::optional<QPointF> FigureView::handleAt(FitHandle handle) const {
  const Figure* f = shown();
  if (f == nullptr) return std::nullopt;
  if (handle == FitHandle::kBar) return scene_.bar ? std::optional(place(f->bar)) : std::nullopt;
  if (!valueOf(handle)) return std::nullopt;
  switch (handle) {
    case FitHandle::kDepth:
      return place(f->hip, lateralPrior(Joint::kHip).value);
    case FitHandle::kHeel:
      return place(f->heel + Vec2d(0.0, *scene_.heel_raise_m + 0.02), lateralPrior(Joint::kHeel).value);
    case FitHandle::kHands:
      return place({0.5 * *scene_.hands_m, f->bar.y()});
    default:
      break;
  }
  if (film_) return std::nullopt;  // the feet are not shown from above
  // Forward is to the right; the lifter's right foot lies nearer to the viewer.
  const double angle = toRad(*scene_.toe_out_deg), scale = feetScale();
  const QPointF heel = feetMiddle() + scale * QPointF(-0.5 * scene_.foot_m, 0.5 * *scene_.heel_distance_m);
  if (handle == FitHandle::kStance) return heel;
  return heel + scale * scene_.foot_m * QPointF(std::cos(angle), std::sin(angle));
}

void FigureView::pullTo(const QPointF& at) {
  const QPointF moved = at - held_from_;
  if (handle_ == FitHandle::kBar) {
    const Figure* f = shown();
    if (f == nullptr) return;
    BarPosition nearest = *scene_.bar;
    double least = 1e9;
    for (BarPosition p : kBarWay) {
      const QPointF d = place(barOnTrunk(p, f->hip, f->shoulder)) - at;
      const double distance = std::hypot(d.x(), d.y());
      if (distance < least) {
        least = distance;
        nearest = p;
      }
    }
    if (nearest != *scene_.bar) emit barPulled(nearest);
    return;
  }
  const Range r = rangeOf(handle_);
  double value = held_value_;
  switch (handle_) {
    case FitHandle::kDepth:
      value += moved.y() / pxPerM();
      break;
    case FitHandle::kHeel:
      value -= 0.0005 * moved.y();  // finer than it looks: two pixels a millimetre
      break;
    case FitHandle::kStance:
      value += 2.0 * moved.y() / feetScale();
      break;
    case FitHandle::kToes: {
      const QPointF heel = *handleAt(FitHandle::kStance), d = held_at_ + moved - heel;
      value = toDeg(std::atan2(d.y(), std::max(1.0, d.x())));
      break;
    }
    case FitHandle::kHands:
      value += 2.0 * moved.x() / pxPerM();
      break;
    case FitHandle::kBar:
      break;
  }
  value = std::clamp(std::round(value / r.step) * r.step, r.low, r.high);
  if (std::abs(value - *valueOf(handle_)) > 1e-9) emit valuePulled(handle_, value);
}

void FigureView::step(int up) {
  if (handle_ == FitHandle::kBar) {
    const auto at = std::find(kBarWay.begin(), kBarWay.end(), *scene_.bar) - kBarWay.begin();
    const auto next = std::clamp<long>(at + up, 0, static_cast<long>(kBarWay.size()) - 1);
    if (next != at) emit barPulled(kBarWay[static_cast<std::size_t>(next)]);
  } else {
    const Range r = rangeOf(handle_);
    // Up on the keyboard is what goes up in the picture: a higher hip is less deep.
    const double way = handle_ == FitHandle::kDepth ? -up : up;
    const double value =
        std::clamp(std::round((*valueOf(handle_) + way * r.step) / r.step) * r.step, r.low, r.high);
    if (std::abs(value - *valueOf(handle_)) > 1e-9) emit valuePulled(handle_, value);
  }
  emit letGo();
}

void FigureView::mousePressEvent(QMouseEvent* event) {
  double least = kReach_px;
  for (FitHandle h : handles()) {
    const auto at = handleAt(h);
    if (!at) continue;
    const QPointF d = *at - event->position();
    const double distance = std::hypot(d.x(), d.y());
    if (distance > least) continue;
    least = distance;
    handle_ = h;
    held_ = true;
    held_from_ = event->position();
    held_at_ = *at;
    held_value_ = valueOf(h).value_or(0.0);
  }
  update();
}

void FigureView::mouseMoveEvent(QMouseEvent* event) {
  if (held_) return pullTo(event->position());
  bool near = false;
  for (FitHandle h : handles())
    if (const auto at = handleAt(h)) {
      const QPointF d = *at - event->position();
      near = near || std::hypot(d.x(), d.y()) <= kReach_px;
    }
  setCursor(near ? Qt::OpenHandCursor : Qt::ArrowCursor);
}

void FigureView::mouseReleaseEvent(QMouseEvent*) {
  if (!held_) return;
  held_ = false;
  emit letGo();
  update();
}

void FigureView::keyPressEvent(QKeyEvent* event) {
  const auto all = handles();
  const auto at = std::find(all.begin(), all.end(), handle_);
  if (all.empty() || at == all.end()) return QWidget::keyPressEvent(event);
  switch (event->key()) {
    case Qt::Key_Right:
      handle_ = at + 1 == all.end() ? all.front() : *(at + 1);
      return update();
    case Qt::Key_Left:
      handle_ = at == all.begin() ? all.back() : *(at - 1);
      return update();
    case Qt::Key_Up:
      return step(1);
    case Qt::Key_Down:
      return step(-1);
    default:
      QWidget::keyPressEvent(event);
  }
}

void FigureView::paintFeet(QPainter& painter, double heel_distance_m, double toe_out_deg, bool ghost) const {
  const Theme& t = theme();
  const double scale = feetScale(), angle = toe_out_deg, foot = scale * scene_.foot_m;
  painter.setPen(QPen(ghost ? t.green_soft : t.ink, ghost ? 1.5 : 2.0, ghost ? Qt::DotLine : Qt::SolidLine));
  painter.setBrush(ghost ? QBrush(Qt::NoBrush) : QBrush(t.raised));
  for (double side : {-1.0, 1.0}) {
    painter.save();
    painter.translate(feetMiddle() + scale * QPointF(-0.5 * scene_.foot_m, side * 0.5 * heel_distance_m));
    painter.rotate(side * angle);
    QPainterPath sole;
    sole.moveTo(-0.02 * foot, 0.0);
    sole.cubicTo(-0.06 * foot, -0.17 * foot, 0.25 * foot, -0.14 * foot, 0.55 * foot, -0.17 * foot);
    sole.cubicTo(0.85 * foot, -0.22 * foot, 1.02 * foot, -0.10 * foot, 1.0 * foot, 0.0);
    sole.cubicTo(1.02 * foot, 0.14 * foot, 0.80 * foot, 0.20 * foot, 0.55 * foot, 0.15 * foot);
    sole.cubicTo(0.25 * foot, 0.11 * foot, -0.06 * foot, 0.15 * foot, -0.02 * foot, 0.0);
    painter.drawPath(sole);
    painter.restore();
  }
}

void FigureView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  FigureInk ink = inkOf(t);
  const FigurePlace at = [this](const FigurePoint& point) { return place(point.m, point.lateral_m); };
  const Figure* f = shown();
  if (film_) {
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.drawImage(filmRect(), film_->picture, filmCrop());
    if (f != nullptr) {
      // Dark film or light: a line of paper round the figure keeps it readable.
      ink.soft = t.sheet;
      paintFigure(p, *f, at, 1.5 * pxPerM(), ink, FigureStyle::kOnFilm);
      ink.soft = t.green;
      paintFigure(p, *f, at, pxPerM(), ink, FigureStyle::kOnFilm);
    }
  } else if (f == nullptr) {
    p.setPen(t.muted);
    p.setFont(type(15));
    p.drawText(QRectF(rect()).adjusted(40, 40, -40, -40), Qt::AlignCenter | Qt::TextWordWrap,
               scene_.no_posture);
  } else {
    paintGround(p, *f, at, ink);
    if (scene_.ghost) paintFigure(p, *scene_.ghost, at, pxPerM(), ink, FigureStyle::kGhost);
    paintFigure(p, *f, at, pxPerM(), ink, scene_.solid ? FigureStyle::kSolid : FigureStyle::kGhost);
    if (scene_.solid) paintNumbers(p, *f, scene_.ghost, at, ink);
    if (scene_.heel_distance_m) {
      if (scene_.ghost_heel_distance_m)
        paintFeet(p, *scene_.ghost_heel_distance_m, scene_.ghost_toe_out_deg.value_or(0.0), true);
      paintFeet(p, *scene_.heel_distance_m, scene_.toe_out_deg.value_or(0.0), false);
      p.setPen(t.muted);
      p.setFont(type(13));
      const QFontMetricsF m(p.font());
      const double x = feetMiddle().x() + feetScale() * 0.75 * scene_.foot_m + 18.0;
      p.drawText(QPointF(x, feetMiddle().y() - 0.3 * m.height()),
                 tr("heels %1 cm apart").arg(100.0 * *scene_.heel_distance_m, 0, 'f', 0));
      if (scene_.toe_out_deg)
        p.drawText(QPointF(x, feetMiddle().y() + 0.8 * m.height()),
                   tr("toes %1° out").arg(*scene_.toe_out_deg, 0, 'f', 0));
    }
  }
  // Handles.
  for (FitHandle h : handles()) {
    const auto spot = handleAt(h);
    if (!spot) continue;
    const bool current = h == handle_ && (hasFocus() || held_);
    p.setBrush(h == FitHandle::kBar || current ? QBrush(t.clay) : QBrush(t.sheet));
    p.setPen(QPen(t.clay, current ? 2.5 : 1.8));
    p.drawEllipse(*spot, 6.0, 6.0);
    if (current) {
      p.setBrush(Qt::NoBrush);
      p.drawEllipse(*spot, 10.0, 10.0);
    }
  }
  // What the keys do, or why nothing can be solved.
  p.setFont(type(13));
  const QFontMetricsF m(p.font());
  QString words;
  if (!scene_.solid && f != nullptr)
    words = scene_.no_posture;
  else if (hasFocus() && !handles().empty())
    words = tr("%1: up and down to move, left and right for the next handle").arg(handleWords(handle_));
  else if (!handles().empty() && !film_)
    words = tr("pull a handle");
  if (words.isEmpty()) return;
  const QRectF room(8.0, 6.0, width() - 16.0, 4.0 * m.height());
  QRectF used = p.boundingRect(room, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
  p.fillRect(used.adjusted(-4, -2, 4, 2), t.sheet);
  p.setPen(t.clay);
  p.drawText(room, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
}

}  // namespace mottix
