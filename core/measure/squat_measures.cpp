// Postures of the squat, from the side. Angles and ranges of hip and knee hold for the deadlift as well.
#include <array>
#include <cmath>
#include <limits>

#include "core/measure/posture_reading.h"

namespace mottix {
namespace {

using namespace posture;

// Crease and kneecap against the joint centres: each lies about 5 cm above its centre when the thigh is
// level; how far differs between people.
constexpr double kDepthOffsetSd_cm = 1.5;
// A pelvis point is placed to about a centimetre on a line of some 15 cm.
constexpr double kNoAnswer = std::numeric_limits<double>::quiet_NaN();

double hipBelowKnee_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kKnee, f).y() - p.joint(Joint::kHip, f).y());
}
double kneePastToe_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kKnee, f).x() - p.standing(Joint::kToe).x());
}
double heelUp_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kHeel, f).y() - p.standing(Joint::kHeel).y());
}
// Of the lowest part of the back against the trunk's middle, and at the middle itself: how far pelvis and
// mid-back lie behind the line from hip to shoulder, as angles.
double pelvisDeg(const Places& p, std::size_t f) {
  const Vec2 hip = p.joint(Joint::kHip, f);
  return degOf(hip, p.joint(Joint::kPelvis, f)) - degOf(hip, p.joint(Joint::kShoulder, f));
}
double lumbarDeg(const Places& p, std::size_t f) {
  const Vec2 pelvis = p.joint(Joint::kPelvis, f), middle = p.joint(Joint::kMidBack, f);
  return degOf(middle, p.joint(Joint::kShoulder, f)) - degOf(pelvis, middle);
}
double headDeg(const Places& p, std::size_t f) {
  const Vec2 shoulder = p.joint(Joint::kShoulder, f);
  return degOf(shoulder, p.joint(Joint::kEar, f)) - degOf(p.joint(Joint::kHip, f), shoulder);
}

constexpr std::array kTrunk = {Joint::kHip, Joint::kShoulder};
constexpr std::array kShin = {Joint::kAnkle, Joint::kKnee};
constexpr std::array kThigh = {Joint::kKnee, Joint::kHip};
constexpr std::array kKneeLine = {Joint::kAnkle, Joint::kKnee, Joint::kHip};
constexpr std::array kHipLine = {Joint::kKnee, Joint::kHip, Joint::kShoulder};
constexpr std::array kBody = {Joint::kAnkle, Joint::kKnee, Joint::kHip, Joint::kShoulder};

Reading readRange(const RepScene& s, std::span<const Joint> joints,
                  double (*bend)(const Places&, std::size_t)) {
  const std::size_t top = s.upFirst() ? s.rep.turn_frame : s.rep.start_frame,
                    low = s.upFirst() ? s.rep.start_frame : s.rep.turn_frame;
  return between(s, joints, top, low, low, bend);
}

using enum MeasureId;
constexpr auto kSide = MeasureView::kSide;
constexpr auto kPlaces = ErrorModel::kPlaces;
constexpr double kAngle = 15.0, kLength = 12.0;  // errors beyond which a value tells nothing
const std::array kTable = {
    MeasureKind{{kHipBelowKnee, "hip_below_knee", "hip below knee", "cm", kSquatOnly, kSide, "turn",
                 "Height of the knee's joint centre minus height of the hip's; positive is deeper.", kLength,
                 kPlaces, "practice", true},
                [](const RepScene& s) { return at(s, kThigh, s.rep.turn_frame, hipBelowKnee_cm); }},
    MeasureKind{{kDepthMargin, "depth_margin", "crease above kneecap", "cm", kSquatOnly, kSide, "turn",
                 "Height of the hip crease minus height of the top of the kneecap; negative is below "
                 "parallel. Both lie about "
                 "5 cm above their joint centres when the thigh is level, so that the offsets cancel to "
                 "within 1.5 cm.",
                 kLength, kPlaces, "practice", true},
                [](const RepScene& s) {
                  Reading r = at(s, kThigh, s.rep.turn_frame,
                                 [](const Places& p, std::size_t f) { return -hipBelowKnee_cm(p, f); });
                  r.own_sd = kDepthOffsetSd_cm;
                  return r;
                }},
    MeasureKind{
        {kTrunkLeanStart, "trunk_lean_start", "trunk lean at the start", "deg", kOnFeet, kSide, "start",
         "Angle of the line from hip to shoulder from vertical as the rep starts; forward is positive.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) {
          return s.rep.cut_start ? unread(MeasureStatus::kCut, s.rep.start_frame)
                                 : at(s, kTrunk, s.rep.start_frame, trunkLean);
        }},
    MeasureKind{
        {kTrunkLeanTurn, "trunk_lean_turn", "trunk lean at the turn", "deg", kOnFeet, kSide, "turn",
         "Angle of the line from hip to shoulder from vertical at the bottom; on a deadlift at lock-out.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) { return at(s, kTrunk, s.rep.turn_frame, trunkLean); }},
    MeasureKind{
        {kTrunkLeanMost, "trunk_lean_most", "greatest trunk lean", "deg", kOnFeet, kSide, "whole rep",
         "Greatest angle of the line from hip to shoulder from vertical.", kAngle, kPlaces, "practice"},
        [](const RepScene& s) { return most(s, kTrunk, s.rep.start_frame, s.rep.end_frame, trunkLean); }},
    MeasureKind{{kTrunkChange, "trunk_change", "trunk change on the way up", "deg", kSquatOnly, kSide,
                 "first third of the way up",
                 "Greatest trunk lean from a twelfth to a third of the way up, minus that at the turn; a "
                 "loss is negative.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return s.upSeen() ? gained(s, kTrunk, s.rep.turn_frame, s.upAt(1.0 / 12.0),
                                             s.upAt(1.0 / 3.0), trunkLean)
                                    : unread(MeasureStatus::kCut, s.rep.turn_frame);
                }},
    MeasureKind{{kChestLeads, "chest_leads", "trunk lean lost out of the bottom", "deg", kSquatOnly, kSide,
                 "first third of the way up",
                 "Trunk lean at the turn minus the least over the first third of the way up: the chest "
                 "leads, knees go "
                 "forward.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return s.upSeen()
                             ? lost(s, kTrunk, s.rep.turn_frame, s.upFrom(), s.upAt(1.0 / 3.0), trunkLean)
                             : unread(MeasureStatus::kCut, s.rep.turn_frame);
                }},
    MeasureKind{{kRiseRatio, "rise_ratio", "hip rise to shoulder rise", "", kSquatOnly, kSide,
                 "first third of the way up",
                 "Rise of the hip divided by rise of the shoulder over the first third of the bar's way up.",
                 2.0, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return rises(s, s.upFrom(), s.upAt(1.0 / 3.0));
                }},
    MeasureKind{{kShinLeanStart, "shin_lean_start", "shin lean at the start", "deg", kOnFeet, kSide, "start",
                 "Angle of the line from ankle to knee from vertical as the rep starts.", kAngle, kPlaces,
                 "practice"},
                [](const RepScene& s) {
                  return s.rep.cut_start ? unread(MeasureStatus::kCut, s.rep.start_frame)
                                         : at(s, kShin, s.rep.start_frame, shinLean);
                }},
    MeasureKind{{kShinLeanTurn, "shin_lean_turn", "shin lean at the bottom", "deg", kSquatOnly, kSide, "turn",
                 "Angle of the line from ankle to knee from vertical. With the sole flat it is the ankle's "
                 "dorsiflexion; a "
                 "raised heel takes off its own angle.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) { return at(s, kShin, s.rep.turn_frame, shinLean); }},
    MeasureKind{
        {kShinLeanMost, "shin_lean_most", "greatest shin lean", "deg", kSquatOnly, kSide, "whole rep",
         "Greatest angle of the line from ankle to knee from vertical.", kAngle, kPlaces, "practice"},
        [](const RepScene& s) { return most(s, kShin, s.rep.start_frame, s.rep.end_frame, shinLean); }},
    MeasureKind{
        {kThighAngleTurn, "thigh_angle_turn", "thigh angle at the bottom", "deg", kSquatOnly, kSide, "turn",
         "Angle of the line from knee to hip from level; negative when the hip is below the knee.", kAngle,
         kPlaces, "practice"},
        [](const RepScene& s) {
          return at(s, kThigh, s.rep.turn_frame, [](const Places& p, std::size_t f) {
            const Vec2 d = p.joint(Joint::kHip, f) - p.joint(Joint::kKnee, f);
            return 90.0 - std::abs(degOf(Vec2::Zero(), Vec2(std::abs(d.x()), d.y())));
          });
        }},
    MeasureKind{{kKneeFlexionTurn, "knee_flexion_turn", "knee flexion at the turn", "deg", kOnFeet, kSide,
                 "turn", "Angle by which the knee is bent; 0 is straight, negative past straight.", kAngle,
                 kPlaces, "practice"},
                [](const RepScene& s) { return at(s, kKneeLine, s.rep.turn_frame, kneeBend); }},
    MeasureKind{
        {kHipFlexionTurn, "hip_flexion_turn", "hip flexion at the turn", "deg", kOnFeet, kSide, "turn",
         "Angle by which thigh and trunk are bent against each other; 0 is straight, negative leant back.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) { return at(s, kHipLine, s.rep.turn_frame, hipBend); }},
    MeasureKind{{kHipRange, "hip_range", "range of the hip", "deg", kOnFeet, kSide, "whole rep",
                 "Hip flexion at the bottom minus that at the top.", kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return s.rep.cut_start ? unread(MeasureStatus::kCut, s.rep.turn_frame)
                                         : readRange(s, kHipLine, hipBend);
                }},
    MeasureKind{{kKneeRange, "knee_range", "range of the knee", "deg", kOnFeet, kSide, "whole rep",
                 "Knee flexion at the bottom minus that at the top.", kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return s.rep.cut_start ? unread(MeasureStatus::kCut, s.rep.turn_frame)
                                         : readRange(s, kKneeLine, kneeBend);
                }},
    MeasureKind{{kHipKneeRatio, "hip_knee_ratio", "hip range to knee range", "", kOnFeet, kSide, "whole rep",
                 "Range of the hip divided by range of the knee: the joint that moves further carries more.",
                 1.0, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  const std::size_t top = s.upFirst() ? s.rep.turn_frame : s.rep.start_frame,
                                    low = s.upFirst() ? s.rep.start_frame : s.rep.turn_frame;
                  return formula(s, kBody, {top, low}, low, [=](const Places& p) {
                    const double knee = kneeBend(p, low) - kneeBend(p, top);
                    return knee > 5.0 ? (hipBend(p, low) - hipBend(p, top)) / knee : kNoAnswer;
                  });
                }},
    MeasureKind{{kKneePastToe, "knee_past_toe", "knee in front of the toe", "cm", kSquatOnly, kSide,
                 "whole rep", "Greatest distance of the knee's joint centre in front of the tip of the toe.",
                 kLength, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (!s.places.feetKnown()) return unread(MeasureStatus::kNoFeet, s.rep.turn_frame);
                  return onFeet(most(s, kShin, s.rep.start_frame, s.rep.end_frame, kneePastToe_cm));
                }},
    MeasureKind{
        {kBarForwardMax, "bar_forward_max", "bar in front of mid-foot", "cm", kOnFeet, kSide, "whole rep",
         "Greatest distance of the bar's centre in front of mid-foot.", kLength, kPlaces, "practice"},
        [](const RepScene& s) { return barOverFoot(s, s.rep.start_frame, s.rep.end_frame, 1.0); }},
    MeasureKind{{kBarBackMax, "bar_back_max", "bar behind mid-foot", "cm", kOnFeet, kSide, "whole rep",
                 "Greatest distance of the bar's centre behind mid-foot.", kLength, kPlaces, "practice"},
                [](const RepScene& s) { return barOverFoot(s, s.rep.start_frame, s.rep.end_frame, -1.0); }},
    MeasureKind{{kBarOffsetTurn, "bar_offset_turn", "bar against mid-foot at the turn", "cm", kOnFeet, kSide,
                 "turn", "Bar centre minus mid-foot; forward is positive.", kLength, kPlaces, "practice"},
                [](const RepScene& s) { return barOverFoot(s, s.rep.turn_frame, s.rep.turn_frame, 1.0); }},
    MeasureKind{{kHeelRise, "heel_rise", "heel off the floor", "cm", kSquatOnly, kSide, "whole rep",
                 "Greatest height of the heel above where it stands over the film.", kLength, kPlaces,
                 "practice", true},
                [](const RepScene& s) {
                  if (!s.places.feetKnown()) return unread(MeasureStatus::kNoFeet, s.rep.turn_frame);
                  return onFeet(
                      most(s, std::array{Joint::kHeel}, s.rep.start_frame, s.rep.end_frame, heelUp_cm));
                }},
    MeasureKind{
        {kHipsLeadStart, "hips_lead_start", "hips before knees at the start", "s", kSquatOnly, kSide, "start",
         "By how much sooner the hip has bent by a tenth of its range than the knee by a tenth of its own; "
         "negative: "
         "knees first.",
         0.5, ErrorModel::kTimes, "practice"},
        [](const RepScene& s) {
          if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.start_frame);
          return lag(s, s.rep.start_frame, s.rep.turn_frame, 0.1);
        }},
    MeasureKind{{kLockoutLag, "lockout_lag", "hips after knees at lock-out", "s", kOnFeet, kSide, "lock-out",
                 "By how much later the hip has made nine tenths of its way to straight than the knee of its "
                 "own; negative: "
                 "knees last.",
                 0.5, ErrorModel::kTimes, "practice"},
                [](const RepScene& s) {
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  Reading r = lag(s, s.upFrom(), s.upTo(), 0.9);
                  if (r.value) r.value->value = -r.value->value;
                  return r;
                }},
    MeasureKind{{kPelvisTuck, "pelvis_tuck", "pelvis tucked under", "deg", kSquatOnly, kSide, "turn",
                 "By how much the line from hip to the pelvis point has turned back against the trunk from "
                 "the start to the "
                 "turn.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return between(s, std::array{Joint::kHip, Joint::kPelvis, Joint::kShoulder},
                                 s.rep.turn_frame, s.rep.start_frame, s.rep.turn_frame, pelvisDeg);
                }},
    MeasureKind{{kLumbarChange, "lumbar_change", "back rounded", "deg", kSquatOnly, kSide, "turn",
                 "By how much the back has rounded at its middle (pelvis point, mid-back, shoulder) from the "
                 "start to the "
                 "turn.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.turn_frame);
                  return between(s, std::array{Joint::kPelvis, Joint::kMidBack, Joint::kShoulder},
                                 s.rep.start_frame, s.rep.turn_frame, s.rep.turn_frame, lumbarDeg);
                }},
    MeasureKind{{kHeadChange, "head_change", "head moved against the trunk", "deg", kOnFeet, kSide, "way up",
                 "Greatest turn of the line from shoulder to ear against the trunk on the way up, from where "
                 "it was as the "
                 "way up began; back is negative, forward positive.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  constexpr std::array kHead = {Joint::kHip, Joint::kShoulder, Joint::kEar};
                  const std::size_t from = s.upFrom();
                  const std::size_t far = s.greatest(from, s.upTo(), kHead, [&](std::size_t f) {
                    return std::abs(headDeg(s.places, f) - headDeg(s.places, from));
                  });
                  return between(s, kHead, from, far, far, headDeg);
                }},
};

}  // namespace

std::span<const MeasureKind> squatMeasures() {
  return kTable;
}

}  // namespace mottix
