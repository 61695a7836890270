// Levers and joint moments, from the side (core/mechanics/joint_moments.h). Positive is what the joint's
// extensors have to give (ankle: what pushes the toes down); both sides of the body together.
#include <algorithm>
#include <array>
#include <cmath>

#include "core/measure/posture_reading.h"
#include "core/mechanics/joint_moments.h"

namespace mottix {
namespace {

using namespace posture;

double hipLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.bar(f).x() - p.joint(Joint::kHip, f).x());
}
double kneeLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.joint(Joint::kKnee, f).x() - p.bar(f).x());
}
double shoulderLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.bar(f).x() - p.joint(Joint::kShoulder, f).x());
}
double elbowLever_cm(const Places& p, std::size_t f) {
  return kCmPerM * (p.bar(f).x() - p.joint(Joint::kElbow, f).x());
}
double leverShare(const Places& p, std::size_t f) {
  const double hip = hipLever_cm(p, f), knee = kneeLever_cm(p, f);
  return 100.0 * hip / (hip + knee);
}

// A segment above a joint; without `far` its far end is the bar that the hands hold.
struct Link {
  Joint near;
  std::optional<Joint> far;
  SegmentMass segment;
};
// What a joint carries. `sign`: a moment counter-clockwise is given by the extensors (1) or against them
// (-1).
struct Carried {
  Joint about;
  double sign;
  std::vector<Link> above;
};

const std::vector<Link>& upperBody(Lift lift) {
  static const std::vector<Link> under_bar = {{Joint::kHip, Joint::kShoulder, kUpperBodyMass}};
  static const std::vector<Link> over_bar = {{Joint::kHip, Joint::kShoulder, kTrunkHeadMass},
                                             {Joint::kShoulder, std::nullopt, kArmMass}};
  return lift == Lift::kDeadlift ? over_bar : under_bar;
}
Carried carriedBy(Joint joint, Lift lift) {
  Carried c{joint, joint == Joint::kKnee ? -1.0 : 1.0, {}};
  if (joint == Joint::kShoulder)
    c.above = {{Joint::kShoulder, Joint::kElbow, kUpperArmMass},
               {Joint::kElbow, Joint::kWrist, kForearmMass}};
  else if (joint == Joint::kElbow)
    c.above = {{Joint::kElbow, Joint::kWrist, kForearmMass}};
  else
    c.above = upperBody(lift);
  if (joint == Joint::kKnee || joint == Joint::kAnkle)
    c.above.push_back({Joint::kHip, Joint::kKnee, kThighMass});
  if (joint == Joint::kAnkle) c.above.push_back({Joint::kKnee, Joint::kAnkle, kShankMass});
  return c;
}
std::vector<Joint> jointsOf(const Carried& c) {
  std::vector<Joint> joints = {c.about};
  auto add = [&](Joint j) {
    if (std::find(joints.begin(), joints.end(), j) == joints.end()) joints.push_back(j);
  };
  for (const Link& link : c.above) {
    add(link.near);
    if (link.far) add(*link.far);
  }
  return joints;
}

MovingPoint moving(const Places& p, std::optional<Joint> joint, std::size_t f) {
  if (!joint) return {p.bar(f), p.barAcceleration(f).ms2};
  return {p.joint(*joint, f), p.jointAcceleration(*joint, f).ms2};
}
std::vector<MovingLink> linksOf(const Places& p, const Carried& c, std::size_t f) {
  std::vector<MovingLink> links;
  for (const Link& l : c.above) links.push_back({moving(p, l.near, f), moving(p, l.far, f), l.segment});
  return links;
}
double loadMoment(const Places& p, const Carried& c, std::size_t f, double load_kg) {
  return c.sign * computeLoadMoment(p.joint(c.about, f), moving(p, std::nullopt, f), load_kg);
}
double fullMoment(const Places& p, const Carried& c, std::size_t f, double load_kg, double body_kg) {
  return loadMoment(p, c, f, load_kg) +
         c.sign * computeLinkMoment(p.joint(c.about, f), linksOf(p, c, f), body_kg);
}

// Of what is not known of a moment beside where joints and bar are: how they speed up, the body's mass and
// how it is spread over the segments.
double ownErrorOf(const RepScene& s, const Carried& c, std::size_t f, double load_kg,
                  const std::optional<Estimate>& body_kg) {
  const Vec2 about = s.places.joint(c.about, f);
  double variance =
      std::pow(load_kg * (s.places.bar(f) - about).norm() * s.places.barAcceleration(f).sd_ms2, 2);
  if (body_kg) {
    double all = 0.0;
    for (const MovingLink& link : linksOf(s.places, c, f)) {
      const double one = computeLinkMoment(about, std::span(&link, 1), body_kg->value);
      all += one;
      variance += std::pow(kSegmentMassSpread * one, 2);
    }
    variance += std::pow(all * body_kg->sd / body_kg->value, 2);
    for (const Link& link : c.above) {
      const double part = link.segment.centre;
      const auto sd = [&](std::optional<Joint> j) {
        return j ? s.places.jointAcceleration(*j, f).sd_ms2 : s.places.barAcceleration(f).sd_ms2;
      };
      const double mass = link.segment.mass * body_kg->value;
      const Vec2 far = link.far ? s.places.joint(*link.far, f) : s.places.bar(f);
      const Vec2 centre = (1.0 - part) * s.places.joint(link.near, f) + part * far;
      variance += std::pow(mass * (centre - about).norm(), 2) *
                  (std::pow((1.0 - part) * sd(link.near), 2) + std::pow(part * sd(link.far), 2));
    }
  }
  return std::sqrt(variance);
}

// The greatest lever on the way up.
Reading readLever(const RepScene& s, std::span<const Joint> joints, Value lever) {
  return s.upSeen() ? most(s, joints, s.upFrom(), s.upTo(), std::move(lever))
                    : unread(MeasureStatus::kCut, s.rep.turn_frame);
}

// The greatest moment on the way up: of the bar alone, or in full.
template <Joint kAbout, bool kFull>
Reading readMoment(const RepScene& s) {
  if (!s.load_kg || *s.load_kg <= 0.0) return unread(MeasureStatus::kNoLoad, s.rep.turn_frame);
  if (kFull && !s.body_kg) return unread(MeasureStatus::kNoBody, s.rep.turn_frame);
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  const Carried carried = carriedBy(kAbout, s.lift);
  const double load = *s.load_kg, body = kFull ? s.body_kg->value : 0.0;
  const std::vector<Joint> joints = kFull ? jointsOf(carried) : std::vector{kAbout};
  Reading r = most(s, joints, s.upFrom(), s.upTo(), [=](const Places& p, std::size_t f) {
    return kFull ? fullMoment(p, carried, f, load, body) : loadMoment(p, carried, f, load);
  });
  if (r.status == MeasureStatus::kOk)
    r.own_sd = ownErrorOf(s, carried, r.frame, load, kFull ? s.body_kg : std::nullopt);
  return r;
}

// What the ankles give on the way up on average: picture by picture it hangs on how the bar is pushed to and
// fro, which is known less well than where it is.
Reading readAnkleMoment(const RepScene& s) {
  if (!s.load_kg || *s.load_kg <= 0.0) return unread(MeasureStatus::kNoLoad, s.rep.turn_frame);
  if (!s.body_kg) return unread(MeasureStatus::kNoBody, s.rep.turn_frame);
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  const Carried carried = carriedBy(Joint::kAnkle, s.lift);
  const std::vector<std::size_t> frames = evenly(s.upFrom(), s.upTo());
  const double load = *s.load_kg, body = s.body_kg->value, count = static_cast<double>(frames.size());
  Reading r = formula(s, jointsOf(carried), frames, s.upAt(0.5), [=](const Places& p) {
    double sum = 0.0;
    for (const std::size_t f : frames) sum += fullMoment(p, carried, f, load, body);
    return sum / count;
  });
  if (r.status != MeasureStatus::kOk) return r;
  // Of nine pictures about three are far enough apart for their accelerations to err each by itself.
  for (const std::size_t f : frames) r.own_sd += ownErrorOf(s, carried, f, load, s.body_kg) / count;
  r.own_sd /= std::sqrt(3.0);
  return r;
}

using enum MeasureId;
constexpr auto kSide = MeasureView::kSide;
constexpr auto kPlaces = ErrorModel::kPlaces;
constexpr double kLength = 12.0, kMoment = 150.0;
const std::array kTable = {
    MeasureKind{{kHipLever, "hip_lever", "lever at the hip", "cm", kOnFeet, kSide, "way up",
                 "Greatest level distance of the bar in front of the hip's joint centre.", kLength, kPlaces,
                 "practice"},
                [](const RepScene& s) { return readLever(s, std::array{Joint::kHip}, hipLever_cm); }},
    MeasureKind{{kKneeLever, "knee_lever", "lever at the knee", "cm", kOnFeet, kSide, "way up",
                 "Greatest level distance of the knee's joint centre in front of the bar; negative: the knee "
                 "stays behind it.",
                 kLength, kPlaces, "practice"},
                [](const RepScene& s) { return readLever(s, std::array{Joint::kKnee}, kneeLever_cm); }},
    MeasureKind{{kLeverShare, "lever_share", "share of the hip in the levers", "%", kSquatOnly, kSide, "turn",
                 "Lever at the hip divided by the sum of the levers at hip and knee, at the turn.", 30.0,
                 kPlaces, "practice"},
                [](const RepScene& s) {
                  return at(s, std::array{Joint::kKnee, Joint::kHip}, s.rep.turn_frame, leverShare);
                }},
    MeasureKind{
        {kShoulderLever, "shoulder_lever", "lever at the shoulder", "cm", kBenchOnly, kSide, "way up",
         "Greatest level distance of the bar from the shoulder's joint centre toward the feet.", kLength,
         kPlaces, "practice"},
        [](const RepScene& s) { return readLever(s, std::array{Joint::kShoulder}, shoulderLever_cm); }},
    MeasureKind{
        {kElbowLever, "elbow_lever", "lever at the elbow", "cm", kBenchOnly, kSide, "touch",
         "Level distance of the bar from the elbow's joint centre at the touch; toward the feet is "
         "positive. None when the forearm is vertical.",
         kLength, kPlaces, "practice"},
        [](const RepScene& s) { return at(s, std::array{Joint::kElbow}, s.rep.turn_frame, elbowLever_cm); }},
    MeasureKind{
        {kBarHipMoment, "bar_hip_moment", "moment of the bar about the hips", "N m", kOnFeet, kSide, "way up",
         "Greatest moment of the load, its inertia included, about the hip's joint centre; both sides "
         "together.",
         kMoment, kPlaces, "winter2009"},
        readMoment<Joint::kHip, false>},
    MeasureKind{{kBarKneeMoment, "bar_knee_moment", "moment of the bar about the knees", "N m", kOnFeet,
                 kSide, "way up",
                 "Greatest moment of the load, its inertia included, about the knee's joint centre; both "
                 "sides together. Negative: the bar passes in front of the knee.",
                 kMoment, kPlaces, "winter2009"},
                readMoment<Joint::kKnee, false>},
    MeasureKind{{kBarShoulderMoment, "bar_shoulder_moment", "moment of the bar about the shoulders", "N m",
                 kBenchOnly, kSide, "way up",
                 "Greatest moment of the load, its inertia included, about the shoulder's joint centre; both "
                 "sides together.",
                 kMoment, kPlaces, "winter2009"},
                readMoment<Joint::kShoulder, false>},
    MeasureKind{
        {kHipMoment, "hip_moment", "moment of the hips", "N m", kOnFeet, kSide, "way up",
         "Greatest moment that the hip extensors give: load, trunk, head and arms with their inertia; "
         "both sides together.",
         kMoment, kPlaces, "winter2009"},
        readMoment<Joint::kHip, true>},
    MeasureKind{{kKneeMoment, "knee_moment", "moment of the knees", "N m", kOnFeet, kSide, "way up",
                 "Greatest moment that the knee extensors give: load and all above the knees with their "
                 "inertia; both sides together. Negative: the flexors give it.",
                 kMoment, kPlaces, "winter2009"},
                readMoment<Joint::kKnee, true>},
    MeasureKind{{kAnkleMoment, "ankle_moment", "moment of the ankles", "N m", kOnFeet, kSide, "way up",
                 "Mean moment that the calves give on the way up: load and all above the ankles with their "
                 "inertia; both sides together.",
                 kMoment, kPlaces, "winter2009"},
                readAnkleMoment},
    MeasureKind{
        {kShoulderMoment, "shoulder_moment", "moment of the shoulders", "N m", kBenchOnly, kSide, "way up",
         "Greatest moment that the muscles in front of the shoulder give: load and arms with their "
         "inertia; both sides together.",
         kMoment, kPlaces, "winter2009"},
        readMoment<Joint::kShoulder, true>},
    MeasureKind{{kElbowMoment, "elbow_moment", "moment of the elbows", "N m", kBenchOnly, kSide, "way up",
                 "Greatest moment about the elbow of load, forearm and hand with their inertia; both sides "
                 "together. Positive: the load lies toward the feet of the elbow.",
                 kMoment, kPlaces, "winter2009"},
                readMoment<Joint::kElbow, true>},
};

}  // namespace

std::span<const MeasureKind> leverMeasures() {
  return kTable;
}

}  // namespace mottix
