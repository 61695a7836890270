#include "report/figure.h"

#include <cmath>

#include <QFontMetricsF>

#include "core/mechanics/leg.h"
#include "core/motion/side_camera.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kLimb_m = 0.028, kGhostLimb_m = 0.020, kJoint_m = 0.017;
constexpr double kHeadOfHeight = 0.065, kNeckOfHeight = 0.11;
constexpr double kRingMarkHalf_m = 0.405;

Vec2d headOver(const Body& body, const Vec2d& shoulder, double lean_deg) {
  // The neck stays in line with the trunk, half righted.
  const double lean = 0.6 * toRad(lean_deg);
  return shoulder + kNeckOfHeight * body.height_m * Vec2d(std::sin(lean), std::cos(lean));
}

std::vector<FigurePoint> soleOf(const Vec2d& heel, const Vec2d& toe, const Vec2d& ankle, double raise_m) {
  const double inside = lateralPrior(Joint::kHeel).value, outside = lateralPrior(Joint::kToe).value;
  return {{{heel.x(), heel.y()}, inside},     {{heel.x(), raise_m + 0.02}, inside}, {ankle, inside},
          {{toe.x() - 0.05, 0.035}, outside}, {{toe.x(), 0.02}, outside},           {toe, outside}};
}

template <typename Posture>
void takeSide(Figure& f, const Body& body, const Posture& p) {
  f.hip = p.hip;
  f.knee = p.knee;
  f.shoulder = p.shoulder;
  f.heel = p.heel;
  f.bar = p.bar;
  f.trunk_lean_deg = p.trunk_lean_deg;
  f.shin_lean_deg = p.shin_lean_deg;
  f.hip_lever_m = p.hip_lever_m;
  f.knee_lever_m = p.knee_lever_m;
  f.limbs = {{{p.ankle, lateralPrior(Joint::kAnkle).value},
              {p.knee, kneeLateral(p.ankle, p.knee, p.hip).value},
              {p.hip, lateralPrior(Joint::kHip).value},
              {p.shoulder, lateralPrior(Joint::kShoulder).value}}};
  f.head = headOver(body, p.shoulder, p.trunk_lean_deg);
  f.head_radius_m = kHeadOfHeight * body.height_m;
}

FigurePoint at(double x, double y) {
  return {Vec2d(x, y), 0.0};
}

// The elbow hangs low between shoulder and hand.
Vec2d elbowBetween(const Vec2d& shoulder, const Vec2d& hand, double upper, double lower, double side) {
  const Vec2d d = hand - shoulder;
  const double reach = std::min(d.norm(), 0.999 * (upper + lower));
  if (reach < 1e-6) return shoulder + Vec2d(0.0, -upper);
  const double along = (reach * reach + upper * upper - lower * lower) / (2.0 * reach);
  const double off = std::sqrt(std::max(0.0, upper * upper - along * along));
  const Vec2d axis = d / d.norm(), across(side * axis.y(), -side * axis.x());
  return shoulder + along * axis + off * (across.y() < 0.0 ? across : Vec2d(-across));
}

}  // namespace

Figure figureOf(const Body& body, const SquatSetup& setup, const SquatPosture& p) {
  Figure f;
  takeSide(f, body, p);
  f.knee_past_toe_m = p.knee_past_toe_m;
  f.sole = soleOf(p.heel, p.toe, p.ankle, setup.heel_raise_m);
  // Arms are foreshortened by the grip: a third of their length shows.
  if (setup.bar != BarPosition::kFront) {
    const double upper = 0.62 * body.length_m(Segment::kUpperArm),
                 lower = 0.75 * body.length_m(Segment::kForearm);
    f.limbs.push_back({{p.shoulder}, {elbowBetween(p.shoulder, p.bar, upper, lower, 1.0)}, {p.bar}});
  } else {
    f.limbs.push_back({{p.shoulder}, {p.bar + Vec2d(0.18, -0.02)}, {p.bar}});
  }
  return f;
}

Figure figureOf(const Body& body, const DeadliftSetup& /*setup*/, const DeadliftPosture& p) {
  Figure f;
  takeSide(f, body, p);
  f.sole = soleOf(p.heel, p.toe, p.ankle, 0.0);
  f.limbs.push_back({{p.shoulder}, {p.bar}});
  return f;
}

Figure figureOf(const Body& body, const BenchSetup& setup, const BenchPosture& p) {
  Figure f;
  f.view = Figure::View::kHeadEnd;
  f.plate_radius_m = 0.0;
  const double half = 0.5 * body.length_m(Segment::kShoulderWidth), hand = 0.5 * setup.grip_m;
  const double chest = setup.chest_over_shoulder_m;
  const double lower = body.length_m(Segment::kForearm) + 0.45 * body.length_m(Segment::kHand);
  for (double side : {-1.0, 1.0})
    f.limbs.push_back(
        {at(0.0, 0.0), at(side * half, 0.0), at(side * hand, chest - lower), at(side * hand, chest)});
  const double straight = body.length_m(Segment::kUpperArm) + lower;
  const double top = std::sqrt(std::max(0.0, straight * straight - (hand - half) * (hand - half)));
  for (double side : {-1.0, 1.0}) f.locked_out.push_back({at(side * half, 0.0), at(side * hand, top)});
  f.locked_out.push_back({at(-0.75, top), at(0.75, top)});
  f.head = Vec2d(0.0, 0.06);
  f.head_radius_m = kHeadOfHeight * body.height_m;
  f.bar = Vec2d(0.0, chest);
  f.hip_lever_m = p.shoulder_lever_m;
  const double bench = -0.09;
  f.sole = {at(-0.15, bench), at(0.15, bench), at(0.15, bench - 0.06), at(-0.15, bench - 0.06)};
  return f;
}

void paintFigure(QPainter& painter, const Figure& figure, const FigurePlace& place, double px_per_m,
                 const FigureInk& ink, FigureStyle style) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  const bool ghost = style != FigureStyle::kSolid, on_film = style == FigureStyle::kOnFilm;
  const QColor colour = ghost ? ink.soft : ink.ink;
  const double limb = (ghost ? kGhostLimb_m : kLimb_m) * px_per_m;
  auto polygon = [&](const std::vector<FigurePoint>& points) {
    QPolygonF out;
    for (const FigurePoint& p : points) out << place(p);
    return out;
  };
  // Plate and bar behind the body.
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(ghost ? ink.soft : ink.line, 0.5 * limb, Qt::SolidLine, Qt::RoundCap));
  if (!ghost)
    for (const auto& chain : figure.locked_out) painter.drawPolyline(polygon(chain));
  if (on_film) {
    // The film shows its own plate.
  } else if (figure.plate_radius_m > 0.0) {
    const double r = figure.plate_radius_m * px_per_m;
    painter.setPen(QPen(colour, std::max(1.0, 0.006 * px_per_m), ghost ? Qt::DashLine : Qt::SolidLine));
    painter.drawEllipse(place({figure.bar}), r, r);
  } else {
    painter.setPen(QPen(colour, 0.5 * limb, ghost ? Qt::DashLine : Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(place({figure.bar - Vec2d(0.75, 0.0)}), place({figure.bar + Vec2d(0.75, 0.0)}));
    if (!ghost) {
      painter.setPen(QPen(ink.paper, 1.5));
      for (double side : {-1.0, 1.0}) {
        const QPointF mark = place({figure.bar + Vec2d(side * kRingMarkHalf_m, 0.0)});
        painter.drawLine(mark - QPointF(0, 0.3 * limb), mark + QPointF(0, 0.3 * limb));
      }
    }
  }
  if (!figure.sole.empty()) {
    painter.setPen(QPen(colour, std::max(1.5, 0.009 * px_per_m), ghost ? Qt::DotLine : Qt::SolidLine,
                        Qt::RoundCap, Qt::RoundJoin));
    if (!ghost) painter.setBrush(ink.paper);
    painter.drawPolygon(polygon(figure.sole));
    painter.setBrush(Qt::NoBrush);
  }
  for (std::size_t k = 0; k < figure.limbs.size(); ++k) {
    // Arms are drawn thinner, so that the chain that carries stands out.
    const double width = figure.view == Figure::View::kSide && k > 0 ? 0.55 * limb : limb;
    QPen pen(colour, width, ghost ? Qt::DotLine : Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
    if (ghost) pen.setDashPattern({0.1, 1.6});
    painter.setPen(pen);
    painter.drawPolyline(polygon(figure.limbs[k]));
  }
  if (figure.head && !on_film) {
    const double r = figure.head_radius_m * px_per_m;
    painter.setPen(QPen(colour, std::max(1.5, 0.010 * px_per_m), ghost ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(ghost ? Qt::NoBrush : QBrush(ink.paper));
    painter.drawEllipse(place({*figure.head}), r, r);
  }
  const double joint = kJoint_m * px_per_m;
  painter.setPen(QPen(colour, std::max(1.0, 0.3 * joint)));
  painter.setBrush(ink.paper);
  if (!ghost)
    for (const auto& chain : figure.limbs)
      for (std::size_t i = 0; i < chain.size(); ++i) {
        if (figure.view == Figure::View::kHeadEnd && (i == 0 || i + 1 == chain.size())) continue;
        if (&chain != &figure.limbs.front() && figure.view == Figure::View::kSide) continue;
        painter.drawEllipse(place(chain[i]), joint, joint);
      }
  if (figure.plate_radius_m > 0.0) {
    painter.setBrush(ghost ? QBrush(Qt::NoBrush) : QBrush(ink.accent));
    painter.setPen(QPen(colour, std::max(1.0, 0.3 * joint), ghost ? Qt::DotLine : Qt::SolidLine));
    painter.drawEllipse(place({figure.bar}), 1.2 * joint, 1.2 * joint);
  }
  painter.restore();
}

void paintGround(QPainter& painter, const Figure& figure, const FigurePlace& place, const FigureInk& ink) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(ink.line, 1.5));
  if (figure.view == Figure::View::kSide) {
    painter.drawLine(place(at(-0.75, 0.0)), place(at(0.75, 0.0)));
    painter.setPen(QPen(ink.muted, 1.2, Qt::DotLine));
    const double top = std::max(figure.bar.y() + figure.plate_radius_m,
                                figure.head ? figure.head->y() + figure.head_radius_m : 0.0);
    painter.drawLine(place(at(0.0, -0.03)), place(at(0.0, top + 0.06)));
    painter.setPen(ink.muted);
    painter.setFont(ink.font);
    const QString text = tr("mid-foot");
    const QPointF spot = place(at(0.0, -0.03));
    const QFontMetricsF m(ink.font);
    painter.drawText(spot + QPointF(-0.5 * m.horizontalAdvance(text), m.ascent() + 4.0), text);
  } else {
    painter.setPen(QPen(ink.muted, 1.0, Qt::DotLine));
    const double under = -0.30;
    for (double side : {-1.0, 1.0})
      painter.drawLine(place(at(side * kRingMarkHalf_m, figure.bar.y() + 0.03)),
                       place(at(side * kRingMarkHalf_m, under)));
    painter.setPen(ink.muted);
    painter.setFont(ink.font);
    const QString text = tr("ring marks, 81 cm apart");
    const QFontMetricsF m(ink.font);
    painter.drawText(place(at(0.0, under)) + QPointF(-0.5 * m.horizontalAdvance(text), m.ascent()), text);
    if (!figure.locked_out.empty()) {
      const QString top = tr("locked out");
      painter.drawText(place(at(-0.75, figure.locked_out.back().front().m.y())) + QPointF(0.0, -8.0), top);
      painter.drawText(place(at(-0.75, figure.bar.y())) + QPointF(0.0, -8.0), tr("at the touch"));
    }
  }
  painter.restore();
}

void paintNumbers(QPainter& painter, const Figure& figure, const std::optional<Figure>& ghost,
                  const FigurePlace& place, const FigureInk& ink) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setFont(ink.font);
  const QFontMetricsF m(ink.font);
  // On paper of its own, so that a line behind does not cross it.
  auto write = [&](const QPointF& spot, const QString& text, const QColor& colour) {
    painter.fillRect(
        QRectF(spot.x() - 2.0, spot.y() - m.ascent(), m.horizontalAdvance(text) + 4.0, m.height()),
        ink.paper);
    painter.setPen(colour);
    painter.drawText(spot, text);
  };
  auto degrees = [](double v) { return signedNumber(v, 0) + QStringLiteral("°"); };
  auto centimetres = [](double v) { return signedNumber(100.0 * v, 0) + QStringLiteral(" cm"); };
  if (figure.view == Figure::View::kHeadEnd) {
    painter.restore();
    return;
  }
  // Lean: left of the trunk's middle, where nothing else is.
  const Vec2d trunk = 0.5 * (figure.hip + figure.shoulder);
  const double left = std::min(place({trunk}).x(), place({figure.hip}).x()) - 16.0;
  double y = place({figure.hip + 0.55 * (figure.shoulder - figure.hip)}).y() - 0.3 * m.height();
  auto leftText = [&](const QString& text, const QColor& colour) {
    write(QPointF(left - m.horizontalAdvance(text), y), text, colour);
    y += m.height();
  };
  leftText(tr("lean %1").arg(degrees(figure.trunk_lean_deg)), ink.ink);
  if (ghost) leftText(tr("ghost %1").arg(degrees(ghost->trunk_lean_deg)), ink.muted);
  // Shin: right of the knee, clear of the ghost's too.
  double right = std::max(place({figure.knee}).x(), ghost ? place({ghost->knee}).x() : 0.0) + 18.0;
  if (figure.shoulder.x() > figure.knee.x()) right = std::max(right, place({figure.shoulder}).x() + 18.0);
  QString shin = tr("shin %1").arg(degrees(figure.shin_lean_deg));
  if (figure.knee_past_toe_m > 0.005)
    shin += tr(", knee %1 past the toes").arg(centimetres(figure.knee_past_toe_m));
  y = place({figure.knee}).y() + 0.35 * m.ascent();
  write(QPointF(right, y), shin, ink.ink);
  if (ghost)
    write(QPointF(right, y + m.height()), tr("ghost %1").arg(degrees(ghost->shin_lean_deg)), ink.muted);
  // Levers: horizontal, from the joint to the bar's line, hip above knee.
  auto lever = [&](double from_x, double lever_m, double level_m, const QString& text, bool text_left) {
    const QPointF a = place(at(from_x, level_m)), b = place(at(figure.bar.x(), level_m));
    painter.setPen(QPen(ink.accent, 1.8));
    painter.drawLine(a, b);
    for (const QPointF& end : {a, b}) painter.drawLine(end - QPointF(0, 5), end + QPointF(0, 5));
    const QString words = text.arg(centimetres(lever_m));
    const double x =
        text_left ? std::min(a.x(), b.x()) - 8.0 - m.horizontalAdvance(words) : std::max(a.x(), b.x()) + 8.0;
    write(QPointF(x, a.y() + 0.35 * m.ascent()), words, ink.accent);
  };
  const double hip_y = figure.hip.y() - 0.09;
  double knee_y = figure.knee.y() - 0.17;
  if (std::abs(place(at(0.0, knee_y)).y() - place(at(0.0, hip_y)).y()) < m.height()) knee_y = hip_y - 0.06;
  lever(figure.hip.x(), figure.hip_lever_m, hip_y, tr("hip %1"), true);
  if (std::abs(figure.knee_lever_m) > 0.01)
    lever(figure.knee.x(), figure.knee_lever_m, knee_y, tr("knee %1"), figure.knee.x() < figure.bar.x());
  painter.restore();
}

}  // namespace mottix
