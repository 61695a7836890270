#include "report/path_drawing.h"

#include <algorithm>
#include <cmath>

#include "core/motion/camera_shake.h"
#include "report/look.h"

namespace mottix {
namespace {

constexpr double kSidewaysMagnified = 3.0;

}  // namespace

void drawPath(QPainter& painter, const std::vector<PathPoint>& points, const QColor& colour, double scale) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  double walked = 0.0;
  for (std::size_t i = 1; i < points.size(); ++i) {
    const QPointF a = points[i - 1].at, b = points[i].at;
    if (points[i].up) {
      QPen pen(colour, scale * std::clamp(1.6 + 3.4 * points[i].speed_ms, 1.6, 6.0), Qt::SolidLine,
               Qt::RoundCap);
      painter.setPen(pen);
      painter.drawLine(a, b);
      continue;
    }
    // Dots at even distances, whatever the frame rate.
    const double length = std::hypot(b.x() - a.x(), b.y() - a.y());
    const double gap = 5.0 * scale;
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    for (double d = gap - std::fmod(walked, gap); d <= length; d += gap)
      painter.drawEllipse(a + (b - a) * (d / length), 1.1 * scale, 1.1 * scale);
    walked += length;
  }
  painter.restore();
}

RepPath pathOf(const Rep& rep, const ClipTracks& tracks, const SideCamera& camera) {
  RepPath path;
  for (std::size_t f = rep.start_frame; f <= rep.end_frame && f < tracks.frameCount(); ++f) {
    if (tracks.bar[f].state == TrackState::kLost) continue;
    if (f <= rep.turn_frame) path.turn = path.frame.size();
    const Vec2 p = 100.0 * camera.barBody(toReference(tracks, f, tracks.bar[f].p_px));
    path.frame.push_back(f);
    path.at_cm.emplace_back(p.x(), p.y());
  }
  for (std::size_t i = 0; i < path.frame.size(); ++i) {
    const std::size_t a = i >= 2 ? i - 2 : 0, b = std::min(i + 2, path.frame.size() - 1);
    const double dt = tracks.time_s[path.frame[b]] - tracks.time_s[path.frame[a]];
    path.speed_ms.push_back(dt > 0.0 ? std::abs(path.at_cm[b].y() - path.at_cm[a].y()) / 100.0 / dt : 0.0);
  }
  return path;
}

QPointF placeInCell(const RepPath& path, std::size_t i, const QRectF& cell) {
  double low = 1e9, high = -1e9;
  for (const QPointF& p : path.at_cm) {
    low = std::min(low, p.y());
    high = std::max(high, p.y());
  }
  const double per_cm = cell.height() / std::max(20.0, high - low);
  const QPointF& p = path.at_cm[i];
  const double side = (p.x() - path.at_cm.front().x()) * per_cm * kSidewaysMagnified;
  return {cell.center().x() + std::clamp(side, -0.5 * cell.width(), 0.5 * cell.width()),
          cell.bottom() - (p.y() - low) * per_cm};
}

void drawRepCell(QPainter& painter, const RepPath& path, const QRectF& cell, const Theme& look) {
  if (path.frame.size() < 2) return;
  painter.save();
  painter.setPen(QPen(look.line, 1.0, Qt::DotLine));
  painter.drawLine(QPointF(cell.center().x(), cell.top() - 3), QPointF(cell.center().x(), cell.bottom() + 3));
  painter.restore();
  std::vector<PathPoint> points;
  const bool up_first = path.at_cm[path.turn].y() > path.at_cm.front().y() + 1.0;
  for (std::size_t i = 0; i < path.frame.size(); ++i)
    points.push_back(
        {placeInCell(path, i, cell), path.speed_ms[i], up_first ? i <= path.turn : i > path.turn});
  drawPath(painter, points, look.green);
}

QSizeF strokesSize(const Finding& finding) {
  return {finding.certainty != Certainty::kCantTell && finding.severity == Severity::kBig ? 10.0 : 4.0,
          kStrokeHeight};
}

void drawStrokes(QPainter& painter, const QPointF& top_left, const Finding& finding, const Theme& t) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  const QColor colour = finding.overruled ? t.line : t.clay;
  if (finding.certainty == Certainty::kCantTell) {
    painter.setPen(QPen(finding.overruled ? t.line : t.muted, 1.2));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(top_left + QPointF(0.6, 0.6), QSizeF(2.8, kStrokeHeight - 1.2)));
  } else {
    QPen pen(colour, 2.8, Qt::SolidLine, Qt::FlatCap);
    if (finding.certainty == Certainty::kBorderline) pen.setDashPattern({1.1, 0.9});
    painter.setPen(pen);
    const int strokes = finding.severity == Severity::kBig ? 2 : 1;
    for (int k = 0; k < strokes; ++k) {
      const double x = top_left.x() + 2.0 + 6.0 * k;
      painter.drawLine(QPointF(x, top_left.y()), QPointF(x, top_left.y() + kStrokeHeight));
    }
  }
  painter.restore();
}

}  // namespace mottix
