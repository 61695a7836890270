// The bar's path as it is drawn everywhere: dotted down, solid up, wider where it is faster; and the strokes
// that stand for a finding.
#pragma once

#include <vector>

#include <QPainter>

#include "core/verdict/analysis.h"
#include "report/look.h"

namespace mottix {

struct PathPoint {
  QPointF at;
  double speed_ms = 0.0;  // of the bar, unsigned
  bool up = false;
};

void drawPath(QPainter& painter, const std::vector<PathPoint>& points, const QColor& colour,
              double scale = 1.0);

// The bar of one rep in body centimetres (x forward, y up), with speeds.
struct RepPath {
  std::vector<std::size_t> frame;
  std::vector<QPointF> at_cm;
  std::vector<double> speed_ms;
  std::size_t turn = 0;  // index into the lists
};
RepPath pathOf(const Rep& rep, const ClipTracks& tracks, const SideCamera& camera);

// Where a path point lies in a cell; sideways is magnified so that drift shows.
QPointF placeInCell(const RepPath& path, std::size_t i, const QRectF& cell);
void drawRepCell(QPainter& painter, const RepPath& path, const QRectF& cell, const Theme& look = theme());

// Severity as one to two strokes, certainty as solid, dashed or hollow.
inline constexpr int kStrokeHeight = 17;
QSizeF strokesSize(const Finding& finding);
void drawStrokes(QPainter& painter, const QPointF& top_left, const Finding& finding,
                 const Theme& look = theme());

}  // namespace mottix
