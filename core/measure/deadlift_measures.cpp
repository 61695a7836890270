// The deadlift from the side, conventional and sumo.
#include <algorithm>
#include <array>
#include <cmath>

#include "core/measure/posture_reading.h"

namespace mottix {
namespace {

using namespace posture;

// How far the bar lies in front of the leg's line of joint centres, at its own height: of the shin below the
// knee, of the thigh above.
double legGap_cm(const Places& p, std::size_t f) {
  const Vec2 bar = p.bar(f), knee = p.joint(Joint::kKnee, f);
  const Vec2 end = p.joint(bar.y() < knee.y() ? Joint::kAnkle : Joint::kHip, f);
  const double rise = knee.y() - end.y();
  const double part = std::abs(rise) > 0.05 ? std::clamp((bar.y() - end.y()) / rise, 0.0, 1.0) : 0.0;
  return kCmPerM * (bar.x() - (end.x() + part * (knee.x() - end.x())));
}
double shoulderAhead_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kShoulder, f).x() - p.bar(f).x());
}
double armDeg(const Places& p, std::size_t f) {
  return degOf(p.bar(f), p.joint(Joint::kShoulder, f));
}
double kneeAheadOfArm_cm(const Places& p, std::size_t f) {
  const Vec2 bar = p.bar(f), d = p.joint(Joint::kShoulder, f) - bar, knee = p.joint(Joint::kKnee, f);
  return kCmPerM * (knee.x() - (bar.x() + (knee.y() - bar.y()) / std::max(0.1, d.y()) * d.x()));
}
double arm_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kShoulder, f) - p.bar(f)).norm();
}
double backDeg(const Places& p, std::size_t f) {
  const Vec2 middle = p.joint(Joint::kMidBack, f);
  return degOf(middle, p.joint(Joint::kShoulder, f)) - degOf(p.joint(Joint::kPelvis, f), middle);
}

constexpr std::array kTrunk = {Joint::kHip, Joint::kShoulder};
constexpr std::array kLeg = {Joint::kAnkle, Joint::kKnee, Joint::kHip};
constexpr std::array kShoulderOnly = {Joint::kShoulder};
constexpr std::array kBack = {Joint::kPelvis, Joint::kMidBack, Joint::kShoulder};

// Pictures just before lift-off, back to the rep before.
std::size_t before(const RepScene& s, double seconds) {
  const double floor_s = s.before() != nullptr ? s.before()->end_s.value : s.time_s.front();
  return s.frameAt(std::max(floor_s, s.rep.start_s.value - seconds));
}

// What is left of an outline's noise between the farthest of many pictures.
constexpr double kTrembles_cm = 0.04;

Reading atStart(const RepScene& s, std::span<const Joint> joints, Value value) {
  return s.rep.cut_start ? unread(MeasureStatus::kCut, s.rep.start_frame)
                         : at(s, joints, s.rep.start_frame, value);
}

using enum MeasureId;
constexpr auto kSide = MeasureView::kSide;
constexpr auto kPlaces = ErrorModel::kPlaces;
constexpr double kAngle = 15.0, kLength = 12.0;
const std::array kTable = {
    MeasureKind{{kBarShinStart, "bar_shin_start", "bar in front of the shin at lift-off", "cm", kDeadliftOnly,
                 kSide, "lift-off",
                 "Distance of the bar's centre in front of the line from ankle to knee, at the bar's height. "
                 "The shin's skin lies "
                 "some 4-5 cm before that line, the bar's own radius is 1.5 cm.",
                 kLength, kPlaces, "practice"},
                [](const RepScene& s) { return atStart(s, kLeg, legGap_cm); }},
    MeasureKind{
        {kBarOffsetStart, "bar_offset_start", "bar against mid-foot at lift-off", "cm", kDeadliftOnly, kSide,
         "lift-off", "Bar centre minus mid-foot; forward is positive.", kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
          return barOverFoot(s, s.rep.start_frame, s.rep.start_frame, 1.0);
        }},
    MeasureKind{
        {kBarRoll, "bar_roll", "bar rolled before the pull", "cm", kDeadliftOnly, kSide, "before lift-off",
         "Greatest distance between two places of the bar on the floor in the last two seconds before "
         "lift-off.",
         kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
          const std::size_t from = before(s, 2.0), to = s.rep.start_frame;
          const std::size_t front =
              s.greatest(from, to, {}, [&](std::size_t f) { return s.places.bar(f).x(); });
          const std::size_t back =
              s.greatest(from, to, {}, [&](std::size_t f) { return -s.places.bar(f).x(); });
          Reading r = formula(s, {}, {front, back}, front, [=](const Places& p) {
            return kCmPerM * (p.bar(front).x() - p.bar(back).x());
          });
          r.own_sd = kTrembles_cm;
          return r;
        }},
    MeasureKind{{kHipsBeforeBar, "hips_before_bar", "hips rise before the bar", "cm", kDeadliftOnly, kSide,
                 "before lift-off",
                 "Rise of the hip from its lowest in the last second before lift-off to lift-off: the body "
                 "goes to where it can "
                 "pull from.",
                 kLength, kPlaces, "practice", true},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
                  return lost(
                      s, std::array{Joint::kHip}, s.rep.start_frame, before(s, 1.0), s.rep.start_frame,
                      [](const Places& p, std::size_t f) { return kCmPerM * p.joint(Joint::kHip, f).y(); });
                }},
    MeasureKind{
        {kShoulderAhead, "shoulder_ahead", "shoulder in front of the bar at lift-off", "cm", kDeadliftOnly,
         kSide, "lift-off", "Distance of the shoulder's joint centre in front of the bar's centre.", kLength,
         kPlaces, "practice"},
        [](const RepScene& s) { return atStart(s, kShoulderOnly, shoulderAhead_cm); }},
    MeasureKind{
        {kArmAngleStart, "arm_angle_start", "arm angle at lift-off", "deg", kDeadliftOnly, kSide, "lift-off",
         "Angle of the line from shoulder to bar from vertical; positive when the hand is behind the "
         "shoulder.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) { return atStart(s, kShoulderOnly, armDeg); }},
    MeasureKind{{kKneeAheadOfArm, "knee_ahead_of_arm", "knee in front of the arm at lift-off", "cm",
                 kDeadliftOnly, kSide, "lift-off",
                 "Distance of the knee's joint centre in front of the line from bar to shoulder, at the "
                 "knee's height. In front: "
                 "hips too low.",
                 kLength, kPlaces, "practice"},
                [](const RepScene& s) {
                  return atStart(s, std::array{Joint::kShoulder, Joint::kKnee}, kneeAheadOfArm_cm);
                }},
    MeasureKind{
        {kArmShortening, "arm_shortening", "arms bent in the pull", "cm", kDeadliftOnly, kSide, "way up",
         "Distance from shoulder to bar at lock-out, where the arms hang, minus the least from lift-off on: "
         "bent elbows.",
         kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
          return lost(s, kShoulderOnly, s.rep.turn_frame, s.rep.start_frame, s.rep.turn_frame, arm_cm);
        }},
    MeasureKind{{kTrunkChangeToKnee, "trunk_change_to_knee", "trunk change from the floor to the knee", "deg",
                 kDeadliftOnly, kSide, "lift-off to knee",
                 "Greatest trunk lean from lift-off until the bar passes the knee, minus that at lift-off.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
                  // Not at lift-off itself, so that a loss is a value too.
                  const std::size_t from = s.rep.start_frame, knee = kneePassed(s);
                  return gained(s, kTrunk, from, from + (knee - from) / 4, knee, trunkLean);
                }},
    MeasureKind{{kRiseRatioToKnee, "rise_ratio_to_knee", "hip rise to shoulder rise, floor to knee", "",
                 kDeadliftOnly, kSide, "lift-off to knee",
                 "Rise of the hip divided by rise of the shoulder until the bar passes the knee.", 2.0,
                 kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
                  const std::size_t knee = kneePassed(s);
                  Reading r = rises(s, s.rep.start_frame, knee);
                  if (r.status != MeasureStatus::kOk) return r;
                  // The bar may pass the knee a picture sooner or later.
                  const auto off = [&](std::size_t to) {
                    const Reading moved = rises(s, s.rep.start_frame, to);
                    return moved.formula ? moved.formula(s.places) - r.formula(s.places) : 0.0;
                  };
                  const double sooner = off(std::max(knee, s.rep.start_frame + 1) - 1),
                               later = off(std::min(knee + 1, s.rep.turn_frame));
                  r.own_sd = std::max(std::isfinite(sooner) ? std::abs(sooner) : 0.0,
                                      std::isfinite(later) ? std::abs(later) : 0.0);
                  return r;
                }},
    MeasureKind{{kLegDrift, "leg_drift", "drift from the leg", "cm", kDeadliftOnly, kSide, "way up",
                 "Greatest distance of the bar in front of the leg's line of joint centres on the way up, "
                 "minus that at "
                 "lift-off.",
                 kLength, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
                  return gained(s, kLeg, s.rep.start_frame, s.rep.start_frame, s.rep.turn_frame, legGap_cm);
                }},
    MeasureKind{{kLeanBack, "lean_back", "lean back at lock-out", "deg", kDeadliftOnly, kSide, "lock-out",
                 "Angle of the line from hip to shoulder behind vertical at lock-out, greatest while the bar "
                 "is held.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return most(s, kTrunk, s.rep.turn_frame, s.rep.leave_frame,
                              [](const Places& p, std::size_t f) { return -trunkLean(p, f); });
                }},
    MeasureKind{{kBackChange, "back_change", "back rounded in the pull", "deg", kDeadliftOnly, kSide,
                 "lift-off to knee",
                 "By how much the back has rounded at its middle (pelvis point, mid-back, shoulder) from a "
                 "second before lift-off "
                 "to its roundest up to the knee.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
                  const std::size_t from = before(s, 1.0);
                  return gained(s, kBack, from, from, kneePassed(s), backDeg);
                }},
    MeasureKind{{kKneesEarly, "knees_early", "knee flexion as the bar comes down past it", "deg",
                 kDeadliftOnly, kSide, "way down",
                 "Angle by which the knee is bent when the bar is as low as the knee on the way down.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (!s.downSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  if (!s.places.known(Joint::kKnee, s.rep.turn_frame))
                    return unread(MeasureStatus::kNoJoints, s.rep.turn_frame);
                  return at(s, kLeg, kneePassedDown(s), kneeBend);
                }},
    MeasureKind{
        {kLandingOffset, "landing_offset", "landing in front of the start", "cm", kDeadliftOnly, kSide,
         "landing", "Place of the bar as it lands minus where it left the floor; forward is positive.",
         kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          if (!s.rep.whole()) return unread(MeasureStatus::kCut, s.rep.end_frame);
          const std::size_t from = s.rep.start_frame, to = s.rep.end_frame;
          return formula(s, {}, {from, to}, to,
                         [=](const Places& p) { return kCmPerM * (p.bar(to).x() - p.bar(from).x()); });
        }},
};

}  // namespace

std::span<const MeasureKind> deadliftMeasures() {
  return kTable;
}

}  // namespace mottix
