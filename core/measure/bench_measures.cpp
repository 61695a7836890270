// The bench press from the side. x runs from the head toward the feet.
#include <array>
#include <cmath>

#include "core/measure/posture_reading.h"

namespace mottix {
namespace {

using namespace posture;

double touch_cm(const Places& p, std::size_t f) {
  const Vec2 shoulder = p.joint(Joint::kShoulder, f);
  return kCmPerM * (p.bar(f) - shoulder).dot((p.joint(Joint::kHip, f) - shoulder).normalized());
}
double forearmDeg(const Places& p, std::size_t f) {
  return degOf(p.joint(Joint::kElbow, f), p.joint(Joint::kWrist, f));
}
double wristDeg(const Places& p, std::size_t f) {
  return forearmDeg(p, f) - degOf(p.joint(Joint::kWrist, f), p.bar(f));
}
template <Joint kJoint>
double height_cm(const Places& p, std::size_t f) {
  return kCmPerM * p.joint(kJoint, f).y();
}

// Greatest rise of a joint over the rep, above where it was as the rep began.
template <Joint kJoint>
Reading readRise(const RepScene& s) {
  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
  constexpr std::array kOne = {kJoint};
  return gained(s, kOne, s.rep.start_frame, s.rep.start_frame, s.rep.end_frame, height_cm<kJoint>);
}

// Of the bar alone: a bench stands still, and what joints would add of error tells nothing.
Reading readTouchWander(const RepScene& s) {
  std::vector<std::size_t> others;
  for (const Rep& rep : s.reps)
    if (rep.number != s.rep.number && !rep.cut_start && !rep.cut_end) others.push_back(rep.turn_frame);
  if (others.size() < 2) return unread(MeasureStatus::kNone, s.rep.turn_frame);
  std::vector<std::size_t> frames = others;
  frames.push_back(s.rep.turn_frame);
  return formula(s, {}, frames, s.rep.turn_frame, [here = s.rep.turn_frame, others](const Places& p) {
    double sum = 0.0;
    for (const std::size_t f : others) sum += p.bar(f).x();
    return kCmPerM * (p.bar(here).x() - sum / static_cast<double>(others.size()));
  });
}

using enum MeasureId;
constexpr auto kSide = MeasureView::kSide;
constexpr auto kPlaces = ErrorModel::kPlaces;
constexpr double kAngle = 20.0, kLength = 12.0;
const std::array kTable = {
    MeasureKind{{kTouchPoint, "touch_point", "touch below the shoulder", "cm", kBenchOnly, kSide, "touch",
                 "Distance of the bar from the shoulder's joint centre along the line from shoulder to hip; "
                 "toward the feet is "
                 "positive.",
                 kLength, kPlaces, "practice"},
                [](const RepScene& s) {
                  return at(s, std::array{Joint::kShoulder, Joint::kHip}, s.rep.turn_frame, touch_cm);
                }},
    MeasureKind{
        {kTouchWander, "touch_wander", "touch against the other reps", "cm", kBenchOnly, kSide, "touch",
         "Touch point of this rep minus the mean of the other whole reps of the film; toward the feet is "
         "positive. None with fewer than three reps.",
         kLength, kPlaces, "practice"},
        readTouchWander},
    MeasureKind{
        {kPathBack, "path_back", "path back toward the head", "cm", kBenchOnly, kSide, "way up",
         "Place of the bar along the floor at the touch minus that at lock-out; toward the head is positive.",
         kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
          const std::size_t low = s.upFrom(), top = s.upTo();
          return formula(s, {}, {low, top}, top,
                         [=](const Places& p) { return kCmPerM * (p.bar(low).x() - p.bar(top).x()); });
        }},
    MeasureKind{
        {kForearmLeanTouch, "forearm_lean_touch", "forearm lean at the touch", "deg", kBenchOnly, kSide,
         "touch",
         "Angle of the line from elbow to wrist from vertical; the wrist toward the feet is positive.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) {
          return at(s, std::array{Joint::kElbow, Joint::kWrist}, s.rep.turn_frame, forearmDeg);
        }},
    MeasureKind{
        {kWristBendTouch, "wrist_bend_touch", "wrist bent back at the touch", "deg", kBenchOnly, kSide,
         "touch", "Angle by which the line from wrist to bar turns toward the head against the forearm.",
         12.0, kPlaces, "practice"},
        [](const RepScene& s) {
          return at(s, std::array{Joint::kElbow, Joint::kWrist}, s.rep.turn_frame, wristDeg);
        }},
    MeasureKind{
        {kElbowFlexionLockout, "elbow_flexion_lockout", "elbow flexion at lock-out", "deg", kBenchOnly, kSide,
         "lock-out", "Angle by which the elbow is bent as the rep ends; 0 is straight.", kAngle, kPlaces,
         "practice"},
        [](const RepScene& s) {
          if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
          return at(s, std::array{Joint::kShoulder, Joint::kElbow, Joint::kWrist}, s.rep.end_frame,
                    elbowBend);
        }},
    MeasureKind{
        {kSinkAfterTouch, "sink_after_touch", "sink after the touch", "cm", kBenchOnly, MeasureView::kAny,
         "pause", "Height of the bar at the touch minus the least before it leaves the chest.", 5.0, kPlaces,
         "practice", true},
        [](const RepScene& s) {
          const std::size_t from = s.rep.turn_frame;
          const std::size_t low =
              s.greatest(from, s.rep.leave_frame, {}, [&](std::size_t f) { return -s.barHeight(f); });
          Reading r = formula(s, {}, {from, low}, low,
                              [=](const Places& p) { return kCmPerM * (p.bar(from).y() - p.bar(low).y()); });
          // The bar still moves about the moment at which it is said to touch.
          const double early = s.barHeight(s.frameAt(s.rep.turn_s.value - 2.0 * s.rep.turn_s.sd));
          r.own_sd = kCmPerM * std::abs(early - s.barHeight(from));
          return r;
        }},
    MeasureKind{
        {kSeatRise, "seat_rise", "seat off the bench", "cm", kBenchOnly, kSide, "whole rep",
         "Greatest rise of the hip above where it was as the rep began.", kLength, kPlaces, "practice", true},
        readRise<Joint::kHip>},
    MeasureKind{
        {kHeadRise, "head_rise", "head off the bench", "cm", kBenchOnly, kSide, "whole rep",
         "Greatest rise of the ear above where it was as the rep began.", kLength, kPlaces, "practice", true},
        readRise<Joint::kEar>},
    MeasureKind{{kShoulderRise, "shoulder_rise", "shoulders off the bench", "cm", kBenchOnly, kSide,
                 "whole rep", "Greatest rise of the shoulder above where it was as the rep began.", kLength,
                 kPlaces, "practice", true},
                readRise<Joint::kShoulder>},
    MeasureKind{{kFootMove, "foot_move", "foot moved toward the head", "cm", kBenchOnly, kSide, "whole rep",
                 "Greatest distance of the toe toward the head from where it was as the rep began.", kLength,
                 kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
                  return gained(
                      s, std::array{Joint::kToe}, s.rep.start_frame, s.rep.start_frame, s.rep.end_frame,
                      [](const Places& p, std::size_t f) { return -kCmPerM * p.joint(Joint::kToe, f).x(); });
                }},
};

}  // namespace

std::span<const MeasureKind> benchMeasures() {
  return kTable;
}

}  // namespace mottix
