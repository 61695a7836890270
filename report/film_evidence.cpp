#include "report/film_evidence.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include <QObject>
#include <QPainter>

#include "core/measure/curves.h"
#include "core/motion/camera_shake.h"
#include "report/look.h"
#include "report/path_drawing.h"
#include "report/wording.h"

namespace mottix {
namespace {

const QColor kInkOnPaper("#1c2426");

constexpr std::array kBackBones = {Bone{Joint::kPelvis, Joint::kMidBack},
                                   Bone{Joint::kMidBack, Joint::kShoulder}};
// Filmed across both sides show, arms as well, and what lies between the sides.
constexpr std::array kArmBones = {Bone{Joint::kShoulder, Joint::kElbow}, Bone{Joint::kElbow, Joint::kWrist}};
constexpr std::array kBetweenSides = {Joint::kShoulder, Joint::kHip};

bool stands(const SheetData& data) {
  return data.set.edit.asked.lift != Lift::kBench;
}

std::optional<Estimate> valueOf(const ShownPicture& s, CurveId id) {
  const auto& on = s.data.analysis->on;
  if (!on) return std::nullopt;
  const CurvePoint point = computeCurveAt(on->input, id, s.frame);
  return point.known ? std::optional(point.value) : std::nullopt;
}

// The plumb line over mid-foot, in the plane of the plate: there the bar's middle should be.
void paintPlumb(QPainter& p, const ShownPicture& s) {
  const auto heel = s.body(Joint::kHeel), toe = s.body(Joint::kToe);
  if (!heel || !toe) return;
  const double lateral = s.data.analysis->camera.plate_lateral_m;
  const double mid = 0.5 * (heel->x() + toe->x());
  const QPointF low = s.at({mid, heel->y()}, lateral), high = s.at({mid, heel->y() + 1.75}, lateral);
  p.setPen(QPen(kFilmDark, 3.2));
  p.drawLine(low, high);
  p.setPen(QPen(kFilmLight, 1.6, Qt::DotLine));
  p.drawLine(low, high);
}

// A line of the body against the vertical through its lower joint, with the angle between them.
void paintLean(QPainter& p, const ShownPicture& s, std::vector<QRectF>& tags, Joint low, Joint high,
               CurveId id) {
  const auto from = s.body(low), to = s.body(high);
  const auto lean = valueOf(s, id);
  if (!from || !to || !lean) return;
  const double lateral = lateralPrior(low).value, length = (*to - *from).norm();
  const QPointF a = s.at(*from, lateral), up = s.at(*from + Vec2(0.0, 0.85 * length), lateral),
                b = s.at(*to, lateralPrior(high).value);
  lineOnFilm(p, a, up, Qt::DashLine);
  // An arc half way out between the two.
  const double r = 0.55 * std::hypot(up.x() - a.x(), up.y() - a.y());
  auto degrees = [&](const QPointF& q) {
    return std::atan2(-(q.y() - a.y()), q.x() - a.x()) * 180.0 / std::numbers::pi;
  };
  double span = degrees(b) - degrees(up);
  span -= 360.0 * std::round(span / 360.0);
  p.setBrush(Qt::NoBrush);
  for (const QPen& pen : {QPen(kFilmDark, 3.6), QPen(kFilmLight, 1.6)}) {
    p.setPen(pen);
    p.drawArc(QRectF(a.x() - r, a.y() - r, 2 * r, 2 * r), static_cast<int>(std::lround(16 * degrees(up))),
              static_cast<int>(std::lround(16 * span)));
  }
  // The number stands on the free side of the vertical.
  const bool left = b.x() > a.x();
  tagOnFilm(p, s.room, up + QPointF(left ? -8 : 8, -10), withError(*lean, "deg"), left, &tags);
}

// The level distance from a joint to the line of the bar's weight, in the plane of the joint.
void paintLever(QPainter& p, const ShownPicture& s, std::vector<QRectF>& tags, Joint joint, CurveId id,
                const QString& name) {
  const auto from = s.body(joint);
  const auto lever = valueOf(s, id);
  if (!from || !lever || s.frame >= s.data.tracks.bar.size()) return;
  const BarSample& bar = s.data.tracks.bar[s.frame];
  if (bar.state == TrackState::kLost) return;
  const SideCamera& camera = s.data.analysis->camera;
  const double bar_x = camera.barBody(asMeasured(s.data.tracks, s.frame, bar.p_px)).x();
  const double lateral = lateralPrior(joint).value;
  const QPointF a = s.at(*from, lateral), b = s.at({bar_x, from->y()}, lateral);
  const QPointF tick(0, 9);
  for (const QPen& pen : {QPen(kFilmDark, 5.0, Qt::SolidLine, Qt::FlatCap),
                          QPen(QColor("#e8b04a"), 2.4, Qt::SolidLine, Qt::FlatCap)}) {
    p.setPen(pen);
    p.drawLine(a, b);
    p.drawLine(b - tick, b + tick);
  }
  const bool left = b.x() < a.x();
  tagOnFilm(p, s.room, b + QPointF(left ? -8 : 8, -12),
            QObject::tr("%1 %2").arg(name, withError(*lever, "cm")), left, &tags);
}

// A level line through the knee's joint: below it the hip's has to go.
void paintDepth(QPainter& p, const ShownPicture& s, std::vector<QRectF>& tags) {
  const auto hip = s.body(Joint::kHip), knee = s.body(Joint::kKnee);
  const auto below = valueOf(s, CurveId::kHipBelowKnee);
  if (!hip || !knee || !below) return;
  // Higher up it only stands in the way.
  constexpr double kNear_cm = -15.0;
  if (below->value < kNear_cm) return;
  const double lateral = lateralPrior(Joint::kKnee).value, reach = 0.16;
  const QPointF a = s.at({std::min(hip->x(), knee->x()) - reach, knee->y()}, lateral),
                b = s.at({std::max(hip->x(), knee->x()) + reach, knee->y()}, lateral);
  lineOnFilm(p, a, b, Qt::DashLine);
  const QPointF end = a.x() > b.x() ? a : b;
  tagOnFilm(p, s.room, end + QPointF(6, -12),
            below->value >= 0.0
                ? QObject::tr("hip %1 below knee").arg(withError(*below, "cm"))
                : QObject::tr("hip %1 above knee").arg(withError({-below->value, below->sd}, "cm")),
            false, &tags);
}

// Where a level bar would lie, through its middle.
void paintLevel(QPainter& p, const ShownPicture& s, const QString& value) {
  const auto& tilt = s.data.analysis->bar_tilt;
  if (!tilt || s.frame >= tilt->deg.size() || !tilt->deg[s.frame]) return;
  const QPointF l = s.toWidget(s.data.tracks.ends[0][s.frame].p_px),
                r = s.toWidget(s.data.tracks.ends[1][s.frame].p_px);
  QTransform level;
  // In the picture the right end is too high by the tilt; turning it back clockwise makes it level.
  level.rotate(*tilt->deg[s.frame]);
  const QPointF middle = 0.5 * (l + r), half = 0.62 * level.map(r - l);
  p.setPen(QPen(kFilmLight, 1.8, Qt::DashLine));
  p.drawLine(middle - half, middle + half);
  if (!value.isEmpty())
    tagOnFilm(p, s.room, middle + half + QPointF(6, *tilt->deg[s.frame] > 0.0 ? 14 : -34), value, true);
}

void paintPath(QPainter& p, const ShownPicture& s) {
  const Rep* rep = s.data.repAt(s.frame);
  if (rep == nullptr) return;
  const RepPath path = pathOf(*rep, s.data.tracks, s.data.analysis->camera);
  std::vector<PathPoint> points;
  for (std::size_t i = 0; i < path.frame.size(); ++i)
    points.push_back({s.moved({path.frame[i], s.data.tracks.bar[path.frame[i]].p_px}), path.speed_ms[i],
                      s.data.set.edit.asked.lift == Lift::kDeadlift ? i <= path.turn : i > path.turn});
  QPainterPath under;
  for (std::size_t i = 0; i < points.size(); ++i)
    i == 0 ? under.moveTo(points[i].at) : under.lineTo(points[i].at);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(QColor(255, 255, 255, 170), 6.0, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  p.drawPath(under);
  drawPath(p, points, QColor("#1d5c57"));
}

}  // namespace

QString evidenceWords(EvidenceLine line) {
  switch (line) {
    case EvidenceLine::kPath:
      return QObject::tr("Path of the bar");
    case EvidenceLine::kPlumb:
      return QObject::tr("Plumb line over mid-foot");
    case EvidenceLine::kAngles:
      return QObject::tr("Trunk and shin with their angles");
    case EvidenceLine::kLevers:
      return QObject::tr("Levers of the bar");
    case EvidenceLine::kDepth:
      return QObject::tr("Depth line");
  }
  return {};
}

bool evidenceShows(EvidenceLine line, Lift lift, bool across) {
  switch (line) {
    case EvidenceLine::kPath:
      return true;
    case EvidenceLine::kPlumb:
    case EvidenceLine::kAngles:
      return !across && lift != Lift::kBench;
    case EvidenceLine::kLevers:
      return !across;
    case EvidenceLine::kDepth:
      return !across && lift == Lift::kSquat;
  }
  return false;
}

EvidenceChoice EvidenceChoice::showing(MeasureId measure) {
  EvidenceChoice choice;
  choice.bits_ = bit(EvidenceLine::kPath);
  switch (measure) {
    case MeasureId::kTrunkLeanStart:
    case MeasureId::kTrunkLeanTurn:
    case MeasureId::kTrunkLeanMost:
    case MeasureId::kChestLeads:
    case MeasureId::kRiseRatio:
    case MeasureId::kRiseRatioToKnee:
    case MeasureId::kTrunkChangeToKnee:
    case MeasureId::kHipsBeforeBar:
    case MeasureId::kHipsLeadStart:
    case MeasureId::kLeanBack:
    case MeasureId::kLockoutLag:
    case MeasureId::kShinLeanStart:
    case MeasureId::kShinLeanTurn:
    case MeasureId::kShinLeanMost:
    case MeasureId::kKneesEarly:
      choice.set(EvidenceLine::kAngles, true);
      break;
    case MeasureId::kBarForwardMax:
    case MeasureId::kBarBackMax:
    case MeasureId::kBarOffsetTurn:
    case MeasureId::kBarOffsetStart:
    case MeasureId::kBarShinStart:
    case MeasureId::kForwardDrift:
    case MeasureId::kBackDrift:
    case MeasureId::kShoulderAhead:
    case MeasureId::kLandingOffset:
    case MeasureId::kBarRoll:
    case MeasureId::kLegDrift:
      choice.set(EvidenceLine::kPlumb, true);
      break;
    case MeasureId::kHipBelowKnee:
    case MeasureId::kDepthMargin:
      choice.set(EvidenceLine::kDepth, true);
      break;
    case MeasureId::kHipLever:
    case MeasureId::kKneeLever:
    case MeasureId::kLeverShare:
      choice.set(EvidenceLine::kLevers, true);
      break;
    default:
      break;
  }
  return choice;
}

EvidenceChoice EvidenceChoice::of(const QString& text) {
  EvidenceChoice choice;
  bool ok = false;
  const unsigned bits = text.toUInt(&ok);
  if (ok) choice.bits_ = bits;
  return choice;
}

QPointF ShownPicture::at(const Vec2& body_m, double lateral_m) const {
  return toWidget(toPictureMoved(data.tracks, frame, data.analysis->camera.toPicture(body_m, lateral_m)));
}

std::optional<Vec2> ShownPicture::body(Joint joint) const {
  if (!data.tracks.has(joint) || frame >= data.tracks.frameCount()) return std::nullopt;
  const JointSample& s = data.tracks.track(joint)[frame];
  if (!s.known) return std::nullopt;
  return data.analysis->camera.toBody(toReference(data.tracks, frame, s.p_px), lateralPrior(joint).value);
}

QPointF ShownPicture::moved(const DrawnPoint& point) const {
  if (point.frame >= data.tracks.frameCount() || frame >= data.tracks.frameCount())
    return toWidget(point.p_px);
  return toWidget(toPictureMoved(data.tracks, frame, toReference(data.tracks, point.frame, point.p_px)));
}

void paintEvidenceLines(QPainter& p, const ShownPicture& s, const EvidenceChoice& choice) {
  if (!s.data.analysis || s.frame >= s.data.tracks.frameCount()) return;
  const Lift lift = s.data.set.edit.asked.lift;
  std::vector<QRectF> tags;
  auto wanted = [&](EvidenceLine line) {
    return choice.has(line) && evidenceShows(line, lift, s.data.tracks.across());
  };
  if (wanted(EvidenceLine::kPlumb)) paintPlumb(p, s);
  if (wanted(EvidenceLine::kPath)) paintPath(p, s);
  if (wanted(EvidenceLine::kDepth)) paintDepth(p, s, tags);
  if (wanted(EvidenceLine::kAngles)) {
    paintLean(p, s, tags, Joint::kHip, Joint::kShoulder, CurveId::kTrunkLean);
    paintLean(p, s, tags, Joint::kAnkle, Joint::kKnee, CurveId::kShinLean);
  }
  if (wanted(EvidenceLine::kLevers)) {
    if (stands(s.data)) {
      paintLever(p, s, tags, Joint::kHip, CurveId::kHipLever, QObject::tr("hip"));
      paintLever(p, s, tags, Joint::kKnee, CurveId::kKneeLever, QObject::tr("knee"));
    } else {
      paintLever(p, s, tags, Joint::kShoulder, CurveId::kShoulderLever, QObject::tr("shoulder"));
    }
  }
}

void paintReadOff(QPainter& p, const ShownPicture& s, MeasureId measure) {
  if (!s.data.analysis || s.frame >= s.data.tracks.frameCount()) return;
  const auto at = [&](Joint joint) -> std::optional<QPointF> {
    if (!s.data.tracks.has(joint) || !s.data.tracks.track(joint)[s.frame].known) return std::nullopt;
    return s.toWidget(s.data.tracks.track(joint)[s.frame].p_px);
  };
  const auto each = [&](Joint a, Joint b, const auto& paint) {
    for (const bool right : {false, true}) {
      if (right && !s.data.tracks.across()) continue;
      const auto from = at(right ? onRight(a) : a), to = at(right ? onRight(b) : b);
      if (from && to) paint(*from, *to);
    }
  };
  // A limb, and upright above its lower end as far as it is long.
  const auto limb = [&](const QPointF& low, const QPointF& high) {
    lineOnFilm(p, low, high);
    const QPointF d = high - low;
    lineOnFilm(p, low, low - QPointF(0.0, std::hypot(d.x(), d.y())), Qt::DashLine);
  };
  switch (measure) {
    case MeasureId::kForearmLeanTouch:
    case MeasureId::kForearmLeanLeft:
    case MeasureId::kForearmLeanRight:
      return each(Joint::kElbow, Joint::kWrist, limb);
    case MeasureId::kShinLeanLeft:
    case MeasureId::kShinLeanRight:
      return each(Joint::kAnkle, Joint::kKnee, limb);
    case MeasureId::kArmAngleStart:
    case MeasureId::kArmLeanLeft:
    case MeasureId::kArmLeanRight:
      return each(Joint::kWrist, Joint::kShoulder, limb);
    case MeasureId::kKneeCaveLeft:
    case MeasureId::kKneeCaveRight:
    case MeasureId::kKneeInLeft:
    case MeasureId::kKneeInRight:
    case MeasureId::kKneeOverFootLeft:
    case MeasureId::kKneeOverFootRight:
      return each(Joint::kHip, Joint::kToe,
                  [&](const QPointF& hip, const QPointF& toe) { lineOnFilm(p, hip, toe, Qt::DashLine); });
    case MeasureId::kKneePastToe:
      return each(Joint::kToe, Joint::kKnee, [&](const QPointF& toe, const QPointF& knee) {
        lineOnFilm(p, toe, QPointF(toe.x(), knee.y() - 20.0), Qt::DashLine);
      });
    case MeasureId::kHeelRise:
      return each(Joint::kHeel, Joint::kToe, [&](const QPointF& heel, const QPointF& toe) {
        lineOnFilm(p, toe, QPointF(heel.x(), toe.y()), Qt::DashLine);
      });
    case MeasureId::kPelvisTuck:
    case MeasureId::kLumbarChange:
    case MeasureId::kBackChange:
      return each(Joint::kHip, Joint::kShoulder, [&](const QPointF& hip, const QPointF& shoulder) {
        lineOnFilm(p, hip, shoulder, Qt::DashLine);
      });
    default:
      return;
  }
}

JointPlaces jointsOn(const SheetData& data, std::size_t frame) {
  JointPlaces out;
  for (std::size_t j = 0; j < kJointCount; ++j)
    if (data.tracks.has(static_cast<Joint>(j)) && frame < data.tracks.joints[j].size() &&
        data.tracks.joints[j][frame].known)
      out[j] = data.tracks.joints[j][frame].p_px;
  return out;
}

void paintBones(QPainter& p, const JointPlaces& joints, bool across,
                const std::function<QPointF(const Vec2&)>& to) {
  auto bone = [&](Joint a, Joint b) {
    if (joints[indexOf(a)] && joints[indexOf(b)])
      lineOnFilm(p, to(*joints[indexOf(a)]), to(*joints[indexOf(b)]));
  };
  for (const auto& [a, b] : kBones) {
    bone(a, b);
    if (across) bone(onRight(a), onRight(b));
  }
  if (across) {
    for (const auto& [a, b] : kArmBones) {
      bone(a, b);
      bone(onRight(a), onRight(b));
    }
    for (const Joint j : kBetweenSides) bone(j, onRight(j));
  } else {
    for (const auto& [a, b] : kBackBones) bone(a, b);
  }
}

void paintFinding(QPainter& p, const ShownPicture& s, const Finding& finding) {
  const Rep* rep = s.data.repAt(s.frame);
  if (rep == nullptr || s.frame >= s.data.tracks.frameCount()) return;
  const JointPlaces joints = jointsOn(s.data, s.frame);
  paintReadOff(p, s, finding.measure);
  const Measure* m = findMeasure(s.data.analysis->measures, finding.measure, rep->number);
  if (m == nullptr || m->status != MeasureStatus::kOk) return;
  // Numbers belong to the frame on which they were measured; elsewhere only the lines are drawn.
  const bool on_frame = std::max(s.frame, m->frame) - std::min(s.frame, m->frame) <= 2;
  const auto &hip = joints[indexOf(Joint::kHip)], &knee = joints[indexOf(Joint::kKnee)],
             &shoulder = joints[indexOf(Joint::kShoulder)];
  const QString value = withError(m->value, definitionOf(m->id).unit);
  if (m->id == MeasureId::kDepthMargin && hip && knee) {
    const QPointF h = s.toWidget(*hip), k = s.toWidget(*knee);
    const double reach = 0.6 * std::abs(h.x() - k.x()) + 30.0;
    p.setPen(QPen(kFilmLight, 1.8, Qt::DashLine));
    p.drawLine(QPointF(std::min(h.x(), k.x()) - reach, k.y()),
               QPointF(std::max(h.x(), k.x()) + reach, k.y()));
    if (on_frame)
      tagOnFilm(p, s.room, QPointF(std::max(h.x(), k.x()) + reach + 4, k.y() - 12),
                QObject::tr("crease %1").arg(value), false);
  } else if (m->id == MeasureId::kTrunkChange && hip && shoulder) {
    const QPointF h = s.toWidget(*hip);
    lineOnFilm(p, h, h - QPointF(0, 90), Qt::DashLine);
    if (on_frame)
      tagOnFilm(p, s.room, h + QPointF(s.toWidget(*shoulder).x() > h.x() ? -14 : 14, -70),
                QObject::tr("+%1").arg(value), s.toWidget(*shoulder).x() > h.x());
  } else if (m->id == MeasureId::kBarTilt) {
    paintLevel(p, s, on_frame ? QObject::tr("%1 from level").arg(value) : QString());
  } else if (on_frame) {
    tagOnFilm(p, s.room, s.toWidget(s.data.tracks.bar[s.frame].p_px) + QPointF(26, -40),
              QStringLiteral("%1 %2").arg(measureWords(m->id), value), false);
  }
}

void paintDrawn(QPainter& p, const ShownPicture& s, const DrawnMeasure& drawn, const QString& value) {
  std::vector<QPointF> at;
  for (const DrawnPoint& point : drawn.points) at.push_back(s.moved(point));
  const QColor clay("#a34c26");
  for (const QPen& pen : {QPen(kFilmLight, 5.0, Qt::SolidLine, Qt::RoundCap), QPen(clay, 2.2)}) {
    p.setPen(pen);
    if (drawn.kind != DrawnKind::kTime)
      for (std::size_t i = 1; i < at.size(); ++i) p.drawLine(at[i - 1], at[i]);
  }
  for (std::size_t i = 0; i < at.size(); ++i) {
    p.setPen(QPen(clay, 2.0));
    p.setBrush(kFilmLight);
    if (drawn.kind != DrawnKind::kTime || drawn.points[i].frame == s.frame) p.drawEllipse(at[i], 4.5, 4.5);
  }
  if (value.isEmpty() || at.size() < 2) return;
  const QPointF corner = drawn.kind == DrawnKind::kAngle ? at[1] : 0.5 * (at[0] + at[1]);
  tagOnFilm(p, s.room, corner + QPointF(12, 8), value, false);
}

void paintDrawnMeasures(QPainter& p, const ShownPicture& s) {
  if (!s.data.analysis) return;
  for (const DrawnMeasure& drawn : s.data.set.edit.drawn) {
    const bool here = std::any_of(drawn.points.begin(), drawn.points.end(),
                                  [&](const DrawnPoint& point) { return point.frame == s.frame; });
    if (!here) continue;
    const auto value =
        estimateDrawn(drawn, s.data.tracks, s.data.analysis->camera, s.data.analysis->camera_errors);
    paintDrawn(p, s, drawn, value ? withError(*value, unitOf(drawn.kind)) : QString());
  }
}

void lineOnFilm(QPainter& p, const QPointF& a, const QPointF& b, Qt::PenStyle style) {
  p.setPen(QPen(kFilmDark, 4.0, Qt::SolidLine, Qt::RoundCap));
  if (style == Qt::SolidLine) p.drawLine(a, b);
  p.setPen(QPen(kFilmLight, 1.8, style, Qt::RoundCap));
  p.drawLine(a, b);
}

void tagOnFilm(QPainter& p, const QRectF& room, const QPointF& at, const QString& text, bool on_left,
               std::vector<QRectF>* taken) {
  p.setFont(type(14, Weight::kMedium));
  const QFontMetricsF m(p.font());
  QRectF box(at, QSizeF(m.horizontalAdvance(text) + 12, m.height() + 4));
  if (on_left) box.moveRight(at.x());
  box.moveLeft(std::clamp(box.left(), 2.0, std::max(2.0, room.width() - box.width() - 2)));
  const double lowest = std::max(2.0, room.height() - box.height() - 2);
  box.moveTop(std::clamp(box.top(), 2.0, lowest));
  if (taken != nullptr) {
    for (std::size_t tries = 0; tries < taken->size(); ++tries)
      for (const QRectF& other : *taken)
        if (box.intersects(other)) box.moveTop(std::min(other.bottom() + 2.0, lowest));
    taken->push_back(box);
  }
  p.setPen(Qt::NoPen);
  p.setBrush(QColor(250, 249, 244, 235));
  p.drawRoundedRect(box, 2, 2);
  p.setPen(kInkOnPaper);
  p.drawText(box, Qt::AlignCenter, text);
}

}  // namespace mottix
