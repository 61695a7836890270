// The lines a coach would draw on a picture of the film, each of which can be switched: the plumb line over
// mid-foot, trunk and shin with their angles, levers, the depth line and the bar's path; and what was
// measured by hand.
#pragma once

#include <array>
#include <functional>

#include <QColor>
#include <QPointF>
#include <QRectF>
#include <QString>

#include "report/sheet_data.h"

class QPainter;

namespace mottix {

enum class EvidenceLine { kPath, kPlumb, kAngles, kLevers, kDepth };
inline constexpr EvidenceLine kEvidenceLines[] = {EvidenceLine::kPath, EvidenceLine::kPlumb,
                                                  EvidenceLine::kAngles, EvidenceLine::kLevers,
                                                  EvidenceLine::kDepth};
QString evidenceWords(EvidenceLine line);
// Whether there is anything of the kind in this lift, from this side.
bool evidenceShows(EvidenceLine line, Lift lift, bool across);

class EvidenceChoice {
 public:
  // Those that show what a measure is read off, beside the path.
  static EvidenceChoice showing(MeasureId measure);
  EvidenceChoice with(const EvidenceChoice& other) const {
    EvidenceChoice both;
    both.bits_ = bits_ | other.bits_;
    return both;
  }
  bool has(EvidenceLine line) const { return (bits_ & bit(line)) != 0; }
  void set(EvidenceLine line, bool on) { bits_ = on ? bits_ | bit(line) : bits_ & ~bit(line); }
  // As it is remembered.
  QString text() const { return QString::number(bits_); }
  static EvidenceChoice of(const QString& text);

 private:
  static unsigned bit(EvidenceLine line) { return 1U << static_cast<unsigned>(line); }
  unsigned bits_ = (1U << static_cast<unsigned>(EvidenceLine::kPath)) |
                   (1U << static_cast<unsigned>(EvidenceLine::kPlumb));
};

// One picture of the film as it is shown.
struct ShownPicture {
  const SheetData& data;
  std::size_t frame;
  std::function<QPointF(const Vec2&)> toWidget;  // from pixels of the film
  QRectF room;                                   // of the picture in the widget

  // A place in the body frame (m) at a distance from the mid-plane.
  QPointF at(const Vec2& body_m, double lateral_m) const;
  // A joint's place in the body frame, where it is known.
  std::optional<Vec2> body(Joint joint) const;
  // A point put on another picture, wherever a camera in a hand has gone since.
  QPointF moved(const DrawnPoint& point) const;
};

void paintEvidenceLines(QPainter& p, const ShownPicture& picture, const EvidenceChoice& choice);
// What a measure is read off and none of those lines shows: a limb against the plumb line, a knee against the
// line from hip to toe, a foot's tip against what is above it.
void paintReadOff(QPainter& p, const ShownPicture& picture, MeasureId measure);
// All of a finding on a picture of a rep that shows it: what it is read off, and the number where it was
// measured.
void paintFinding(QPainter& p, const ShownPicture& picture, const Finding& finding);

using Bone = std::pair<Joint, Joint>;
inline constexpr std::array kBones = {Bone{Joint::kShoulder, Joint::kHip}, Bone{Joint::kHip, Joint::kKnee},
                                      Bone{Joint::kKnee, Joint::kAnkle}, Bone{Joint::kAnkle, Joint::kHeel},
                                      Bone{Joint::kHeel, Joint::kToe}};
using JointPlaces = std::array<std::optional<Vec2>, kJointCount>;  // px of the film
JointPlaces jointsOn(const SheetData& data, std::size_t frame);
// The lines between them.
void paintBones(QPainter& p, const JointPlaces& joints, bool across,
                const std::function<QPointF(const Vec2&)>& to);
// What was measured by hand with a point on this picture.
void paintDrawnMeasures(QPainter& p, const ShownPicture& picture);
// One that is being drawn, as far as it has got; `value` empty as long as it has none.
void paintDrawn(QPainter& p, const ShownPicture& picture, const DrawnMeasure& drawn, const QString& value);

// Building blocks of what is drawn on a film: light lines with something dark under them, readable on any
// room.
inline const QColor kFilmLight(255, 255, 255), kFilmDark(20, 24, 24, 190);
void lineOnFilm(QPainter& p, const QPointF& a, const QPointF& b, Qt::PenStyle style = Qt::SolidLine);
// `taken`: where tags are already; this one goes below them.
void tagOnFilm(QPainter& p, const QRectF& room, const QPointF& at, const QString& text, bool on_left,
               std::vector<QRectF>* taken = nullptr);

}  // namespace mottix
