// The solved posture as a drawing: the same on the screen, over a film and on the card for the rack.
//
// A figure is in metres: from the side x forward, y up, origin on the floor at mid-foot; a bench press is
// seen from the head end, x to the lifter's right, y up from the shoulder joints. Where a point lies on the
// paper is told by a function, so that a figure can be laid over a film through its camera.
#pragma once

#include <functional>
#include <optional>
#include <vector>

#include <QColor>
#include <QFont>
#include <QPainter>

#include "core/fit/suggest_setup.h"

namespace mottix {

// A point of the figure, and how far it lies from the mid-plane toward the camera; only a film's perspective
// needs that.
struct FigurePoint {
  Vec2d m = Vec2d::Zero();
  double lateral_m = 0.0;
};

struct Figure {
  enum class View { kSide, kHeadEnd };
  View view = View::kSide;
  std::vector<std::vector<FigurePoint>> limbs;       // chains of joints; the first carries
  std::vector<std::vector<FigurePoint>> locked_out;  // bench: the arms at the top of the press
  std::vector<FigurePoint> sole;                     // closed outline of the foot, and of the bench
  std::optional<Vec2d> head;                         // its middle
  double head_radius_m = 0.11;
  Vec2d bar = Vec2d::Zero();
  double plate_radius_m = 0.225;  // 0: the bar is seen from its side
  // From the side: what the numbers stand beside.
  Vec2d hip = Vec2d::Zero(), knee = Vec2d::Zero(), shoulder = Vec2d::Zero(), heel = Vec2d::Zero();
  double trunk_lean_deg = 0.0, shin_lean_deg = 0.0;
  double hip_lever_m = 0.0, knee_lever_m = 0.0;
  double knee_past_toe_m = 0.0;
};

Figure figureOf(const Body& body, const SquatSetup& setup, const SquatPosture& posture);
Figure figureOf(const Body& body, const DeadliftSetup& setup, const DeadliftPosture& posture);
Figure figureOf(const Body& body, const BenchSetup& setup, const BenchPosture& posture);

struct FigureInk {
  QColor ink, muted, line, soft, accent, paper;
  QFont font;
};
using FigurePlace = std::function<QPointF(const FigurePoint&)>;

// On a film only what a joint shows is drawn: no head, no plate.
enum class FigureStyle { kSolid, kGhost, kOnFilm };
// `px_per_m` gives the widths of the limbs.
void paintFigure(QPainter& painter, const Figure& figure, const FigurePlace& place, double px_per_m,
                 const FigureInk& ink, FigureStyle style);
// Floor, line over mid-foot; for a bench press the bench and the ring marks.
void paintGround(QPainter& painter, const Figure& figure, const FigurePlace& place, const FigureInk& ink);
// Lean, shin and levers with their numbers; the ghost's lean beside that of the figure.
void paintNumbers(QPainter& painter, const Figure& figure, const std::optional<Figure>& ghost,
                  const FigurePlace& place, const FigureInk& ink);

}  // namespace mottix
