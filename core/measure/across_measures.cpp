// From the front or the rear: what shows only there. Left and right are those of the picture.
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/measure/posture_reading.h"

namespace mottix {
namespace {

using namespace posture;

enum SideOfPicture { kLeft, kRight };

template <SideOfPicture kOf>
Vec2 of(const Places& p, Joint joint, std::size_t f) {
  return p.joint(kOf == kLeft ? joint : onRight(joint), f);
}
template <SideOfPicture kOf>
constexpr std::array<Joint, 1> one(Joint joint) {
  return {kOf == kLeft ? joint : onRight(joint)};
}
// Away from the lifter's middle, on the picture.
template <SideOfPicture kOf>
constexpr double kOutward = kOf == kLeft ? -1.0 : 1.0;

double between_cm(const Places& p, Joint joint, std::size_t f) {
  return kCmPerM * (of<kRight>(p, joint, f).x() - of<kLeft>(p, joint, f).x());
}
double middle_m(const Places& p, Joint joint, std::size_t f) {
  return 0.5 * (of<kRight>(p, joint, f).x() + of<kLeft>(p, joint, f).x());
}

template <SideOfPicture kOf>
double cave_cm(const Places& p, std::size_t f) {
  const Vec2 hip = of<kOf>(p, Joint::kHip, f), knee = of<kOf>(p, Joint::kKnee, f),
             toe = of<kOf>(p, Joint::kToe, f);
  const double part = std::clamp((knee.y() - toe.y()) / std::max(0.1, hip.y() - toe.y()), 0.0, 1.0);
  return -kOutward<kOf> * kCmPerM * (knee.x() - (toe.x() + part * (hip.x() - toe.x())));
}
// Of a line from vertical, its upper end outward being positive.
template <SideOfPicture kOf, Joint kLower, Joint kUpper>
double outwardDeg(const Places& p, std::size_t f) {
  return kOutward<kOf> * degOf(of<kOf>(p, kLower, f), of<kOf>(p, kUpper, f));
}
// From the ankle the toe's tip lies about three quarters of the foot's length ahead; how much of that goes
// outward tells the angle. A foot is 27 ± 2 cm long (drillis1966, for 1.5 to 2 m).
constexpr double kAnkleToToe_m = 0.205, kAnkleToToeRel = 0.1;
template <SideOfPicture kOf>
double toeOutDeg(const Places& p, std::size_t f) {
  const double out = kOutward<kOf> * (of<kOf>(p, Joint::kToe, f).x() - of<kOf>(p, Joint::kAnkle, f).x());
  return std::asin(std::clamp(out / kAnkleToToe_m, -1.0, 1.0)) * 180.0 / std::numbers::pi;
}

template <SideOfPicture kOf>
constexpr std::array kHipKneeToe = {one<kOf>(Joint::kHip)[0], one<kOf>(Joint::kKnee)[0],
                                    one<kOf>(Joint::kToe)[0]};
template <SideOfPicture kOf>
Reading readCave(const RepScene& s) {
  // A straight knee lies on the line from hip to ankle, inside of toes that are turned out: only a bent one
  // is asked.
  constexpr double kBent = 0.4;
  if (!s.rep.whole()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  return most(s, kHipKneeToe<kOf>, s.downAt(kBent), s.upAt(1.0 - kBent), cave_cm<kOf>);
}
// The knee on the way up against the way down, with the bar as high: whatever the hips' width and the toes
// make of the line is in both, and so is where the joints were placed.
template <SideOfPicture kOf>
Reading readKneeIn(const RepScene& s) {
  constexpr std::array kUp = {0.1, 0.2, 0.3, 0.4, 0.5, 0.6};  // of the way: there the knee is bent
  if (!s.rep.whole()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  const auto more = [](const Places& p, std::size_t up, std::size_t down) {
    return cave_cm<kOf>(p, up) - cave_cm<kOf>(p, down);
  };
  std::vector<std::pair<std::size_t, std::size_t>> pairs;
  for (const double share : kUp) {
    const std::size_t up = s.upAt(share), down = s.downAt(1.0 - share);
    if (s.allKnown(kHipKneeToe<kOf>, up) && s.allKnown(kHipKneeToe<kOf>, down)) pairs.emplace_back(up, down);
  }
  if (pairs.empty()) return unread(MeasureStatus::kNoJoints, s.rep.turn_frame);
  const auto best = *std::max_element(pairs.begin(), pairs.end(), [&](const auto& a, const auto& b) {
    return more(s.places, a.first, a.second) < more(s.places, b.first, b.second);
  });
  Reading r = formula(s, kHipKneeToe<kOf>, {best.first, best.second}, best.first,
                      [=](const Places& p) { return more(p, best.first, best.second); });
  for (const auto& [up, down] : pairs) {
    r.chosen_from.push_back(more(s.places, up, down));
    r.chosen_from_s.push_back(s.time_s[up]);
  }
  r.chosen_value = r.formula;
  return r;
}
template <SideOfPicture kOf>
Reading readToes(const RepScene& s) {
  const std::array joints = {one<kOf>(Joint::kAnkle)[0], one<kOf>(Joint::kToe)[0]};
  Reading r = at(s, joints, s.rep.start_frame, toeOutDeg<kOf>);
  if (r.status == MeasureStatus::kOk)
    r.own_sd = std::abs(std::tan(r.formula(s.places) * std::numbers::pi / 180.0)) * kAnkleToToeRel * 180.0 /
               std::numbers::pi;
  return r;
}
template <SideOfPicture kOf, Joint kLower, Joint kUpper>
Reading readOutward(const RepScene& s, std::size_t frame) {
  const std::array joints = {one<kOf>(kLower)[0], one<kOf>(kUpper)[0]};
  return at(s, joints, frame, outwardDeg<kOf, kLower, kUpper>);
}
template <SideOfPicture kOf>
Reading readKneeOverFoot(const RepScene& s) {
  const std::array joints = {one<kOf>(Joint::kAnkle)[0], one<kOf>(Joint::kKnee)[0], one<kOf>(Joint::kToe)[0]};
  return at(s, joints, s.rep.start_frame, [](const Places& p, std::size_t f) {
    const double foot = 0.5 * (of<kOf>(p, Joint::kAnkle, f).x() + of<kOf>(p, Joint::kToe, f).x());
    return kOutward<kOf> * kCmPerM * (of<kOf>(p, Joint::kKnee, f).x() - foot);
  });
}

constexpr std::array kAnkles = {Joint::kAnkle, Joint::kRightAnkle};
constexpr std::array kHipsAndAnkles = {Joint::kHip, Joint::kRightHip, Joint::kAnkle, Joint::kRightAnkle};
constexpr std::array kShoulders = {Joint::kShoulder, Joint::kRightShoulder};
constexpr std::array kElbows = {Joint::kElbow, Joint::kRightElbow};
constexpr std::array kWristsAndShoulders = {Joint::kWrist, Joint::kRightWrist, Joint::kShoulder,
                                            Joint::kRightShoulder};

using enum MeasureId;
constexpr auto kAcross = MeasureView::kAcross;
constexpr auto kPlaces = ErrorModel::kPlaces;
constexpr double kAngle = 15.0, kLength = 12.0;
constexpr std::string_view kCaveWords =
    "Greatest distance of the knee's joint centre inside the line from hip to toe, at the knee's height, in "
    "the lower "
    "three fifths of the rep.";
constexpr std::string_view kKneeInWords =
    "Greatest distance by which the knee's joint centre lies further inside the line from hip to toe on the "
    "way "
    "up than on the way down with the bar as high, in the lower three fifths.";
constexpr std::string_view kToeWords =
    "Angle by which the foot points outward, from how far the toe lies outside the ankle on a foot of 27 cm.";
const std::array kTable = {
    MeasureKind{{kKneeCaveLeft, "knee_cave_left", "left knee inside its line", "cm", kSquatOnly, kAcross,
                 "whole rep", kCaveWords, kLength, kPlaces, "practice"},
                readCave<kLeft>},
    MeasureKind{{kKneeCaveRight, "knee_cave_right", "right knee inside its line", "cm", kSquatOnly, kAcross,
                 "whole rep", kCaveWords, kLength, kPlaces, "practice"},
                readCave<kRight>},
    MeasureKind{{kKneeInLeft, "knee_in_left", "left knee further in on the way up", "cm", kSquatOnly, kAcross,
                 "way up", kKneeInWords, kLength, kPlaces, "own"},
                readKneeIn<kLeft>},
    MeasureKind{{kKneeInRight, "knee_in_right", "right knee further in on the way up", "cm", kSquatOnly,
                 kAcross, "way up", kKneeInWords, kLength, kPlaces, "own"},
                readKneeIn<kRight>},
    MeasureKind{{kStanceWidth, "stance_width", "stance", "cm", kOnFeet, kAcross, "start",
                 "Distance between the ankles' joint centres.", kLength, kPlaces, "practice"},
                [](const RepScene& s) {
                  return at(s, kAnkles, s.rep.start_frame,
                            [](const Places& p, std::size_t f) { return between_cm(p, Joint::kAnkle, f); });
                }},
    MeasureKind{{kToeAngleLeft, "toe_angle_left", "left toes out", "deg", kOnFeet, kAcross, "start",
                 kToeWords, kAngle, kPlaces, "drillis1966"},
                readToes<kLeft>},
    MeasureKind{{kToeAngleRight, "toe_angle_right", "right toes out", "deg", kOnFeet, kAcross, "start",
                 kToeWords, kAngle, kPlaces, "drillis1966"},
                readToes<kRight>},
    MeasureKind{
        {kWeightShift, "weight_shift", "hips shifted to the right of the picture", "cm", kSquatOnly, kAcross,
         "turn", "Middle of the hips minus middle of the ankles at the turn, minus the same at the start.",
         kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          if (s.rep.cut_start) return unread(MeasureStatus::kCut, s.rep.turn_frame);
          return between(s, kHipsAndAnkles, s.rep.start_frame, s.rep.turn_frame, s.rep.turn_frame,
                         [](const Places& p, std::size_t f) {
                           return kCmPerM * (middle_m(p, Joint::kHip, f) - middle_m(p, Joint::kAnkle, f));
                         });
        }},
    MeasureKind{
        {kBarCentring, "bar_centring", "bar to the right of the shoulders' middle", "cm", kAllLifts, kAcross,
         "start", "Middle of the bar's ends minus middle of the shoulders.", kLength, kPlaces, "practice"},
        [](const RepScene& s) {
          return at(s, kShoulders, s.rep.start_frame, [](const Places& p, std::size_t f) {
            return kCmPerM *
                   (0.5 * (p.barEnd(0, f).x() + p.barEnd(1, f).x()) - middle_m(p, Joint::kShoulder, f));
          });
        }},
    MeasureKind{{kElbowHeight, "elbow_height", "right elbow above the left", "cm", kAllLifts, kAcross, "turn",
                 "Height of the elbow on the picture's right minus that on its left, at the turn.", kLength,
                 kPlaces, "practice"},
                [](const RepScene& s) {
                  return at(s, kElbows, s.rep.turn_frame, [](const Places& p, std::size_t f) {
                    return kCmPerM *
                           (of<kRight>(p, Joint::kElbow, f).y() - of<kLeft>(p, Joint::kElbow, f).y());
                  });
                }},
    MeasureKind{
        {kGripWidth, "grip_width", "grip against shoulder width", "", kBenchOnly, kAcross, "start",
         "Distance between the wrists divided by that between the shoulders' joint centres, arms straight.",
         0.5, kPlaces, "practice"},
        [](const RepScene& s) {
          return at(s, kWristsAndShoulders, s.rep.start_frame, [](const Places& p, std::size_t f) {
            return between_cm(p, Joint::kWrist, f) / std::max(1.0, between_cm(p, Joint::kShoulder, f));
          });
        }},
    MeasureKind{
        {kForearmLeanLeft, "forearm_lean_left", "left forearm lean at the touch", "deg", kBenchOnly, kAcross,
         "touch",
         "Angle of the line from elbow to wrist from vertical; the wrist outside the elbow is positive.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) {
          return readOutward<kLeft, Joint::kElbow, Joint::kWrist>(s, s.rep.turn_frame);
        }},
    MeasureKind{
        {kForearmLeanRight, "forearm_lean_right", "right forearm lean at the touch", "deg", kBenchOnly,
         kAcross, "touch",
         "Angle of the line from elbow to wrist from vertical; the wrist outside the elbow is positive.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) {
          return readOutward<kRight, Joint::kElbow, Joint::kWrist>(s, s.rep.turn_frame);
        }},
    MeasureKind{{kUnevenLockout, "uneven_lockout", "tilt of the bar at lock-out", "deg", kBenchOnly, kAcross,
                 "lock-out", "Angle of the bar from level as the rep ends, either end higher.", 15.0,
                 ErrorModel::kTilt, "practice"},
                [](const RepScene& s) {
                  const std::size_t f = s.rep.end_frame;
                  if (!s.upSeen()) return unread(MeasureStatus::kCut, f);
                  if (f >= s.tilt_deg.size() || !s.tilt_deg[f]) return unread(MeasureStatus::kBarLost, f);
                  Reading r{MeasureStatus::kOk, f};
                  r.value = Estimate{std::abs(*s.tilt_deg[f]), s.tilt_sd_deg};
                  return r;
                }},
    MeasureKind{
        {kShinLeanLeft, "shin_lean_left", "left shin lean at lift-off", "deg", kDeadliftOnly, kAcross,
         "lift-off",
         "Angle of the line from ankle to knee from vertical; the knee outside the ankle is positive.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) {
          return readOutward<kLeft, Joint::kAnkle, Joint::kKnee>(s, s.rep.start_frame);
        }},
    MeasureKind{
        {kShinLeanRight, "shin_lean_right", "right shin lean at lift-off", "deg", kDeadliftOnly, kAcross,
         "lift-off",
         "Angle of the line from ankle to knee from vertical; the knee outside the ankle is positive.",
         kAngle, kPlaces, "practice"},
        [](const RepScene& s) {
          return readOutward<kRight, Joint::kAnkle, Joint::kKnee>(s, s.rep.start_frame);
        }},
    MeasureKind{{kKneeOverFootLeft, "knee_over_foot_left", "left knee outside the foot", "cm", kDeadliftOnly,
                 kAcross, "lift-off", "Knee's joint centre outside the middle between ankle and toe.",
                 kLength, kPlaces, "practice"},
                readKneeOverFoot<kLeft>},
    MeasureKind{
        {kKneeOverFootRight, "knee_over_foot_right", "right knee outside the foot", "cm", kDeadliftOnly,
         kAcross, "lift-off", "Knee's joint centre outside the middle between ankle and toe.", kLength,
         kPlaces, "practice"},
        readKneeOverFoot<kRight>},
    MeasureKind{{kArmLeanLeft, "arm_lean_left", "left arm lean at lift-off", "deg", kDeadliftOnly, kAcross,
                 "lift-off",
                 "Angle of the line from wrist to shoulder from vertical; the shoulder outside the wrist is "
                 "positive.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return readOutward<kLeft, Joint::kWrist, Joint::kShoulder>(s, s.rep.start_frame);
                }},
    MeasureKind{{kArmLeanRight, "arm_lean_right", "right arm lean at lift-off", "deg", kDeadliftOnly, kAcross,
                 "lift-off",
                 "Angle of the line from wrist to shoulder from vertical; the shoulder outside the wrist is "
                 "positive.",
                 kAngle, kPlaces, "practice"},
                [](const RepScene& s) {
                  return readOutward<kRight, Joint::kWrist, Joint::kShoulder>(s, s.rep.start_frame);
                }},
};

}  // namespace

std::span<const MeasureKind> acrossMeasures() {
  return kTable;
}

}  // namespace mottix
