// Levers and joint moments, from the side (core/mechanics/joint_moments.h). Positive is what the joint's
// extensors have to give (ankle: what pushes the toes down); both sides of the body together.
#include <array>
#include <cmath>

#include "core/measure/levers.h"

namespace mottix {
namespace {

using namespace posture;

double leverShare(const Places& p, std::size_t f) {
  const double hip = hipLever_cm(p, f), knee = kneeLever_cm(p, f);
  return 100.0 * hip / (hip + knee);
}

// The greatest lever on the way up.
Reading readLever(const RepScene& s, std::span<const Joint> joints, Value lever) {
  return s.upSeen() ? most(s, joints, s.upFrom(), s.upTo(), std::move(lever))
                    : unread(MeasureStatus::kCut, s.rep.turn_frame);
}

// What a moment is to be made of, or why it cannot be.
template <Joint kAbout, bool kFull, typename Read>
Reading withMoment(const RepScene& s, const Read& read) {
  if (!s.load_kg || *s.load_kg <= 0.0) return unread(MeasureStatus::kNoLoad, s.rep.turn_frame);
  if (kFull && !s.body_kg) return unread(MeasureStatus::kNoBody, s.rep.turn_frame);
  if (!s.upSeen()) return unread(MeasureStatus::kCut, s.rep.turn_frame);
  return read(JointMoment{kAbout, s.lift, *s.load_kg, kFull ? s.body_kg : std::nullopt});
}

// The greatest moment on the way up: of the bar alone, or in full.
template <Joint kAbout, bool kFull>
Reading readMoment(const RepScene& s) {
  return withMoment<kAbout, kFull>(s, [&](const JointMoment& moment) {
    Reading r = most(s, moment.joints(), s.upFrom(), s.upTo(),
                     [=](const Places& p, std::size_t f) { return moment.at(p, f); });
    if (r.status == MeasureStatus::kOk) r.own_sd = moment.ownError(s.places, r.frame);
    return r;
  });
}

// What the ankles give on the way up on average: picture by picture it hangs on how the bar is pushed to and
// fro, which is known less well than where it is.
Reading readAnkleMoment(const RepScene& s) {
  return withMoment<Joint::kAnkle, true>(s, [&](const JointMoment& moment) {
    // Not the ends, where the bar is set off and stopped.
    std::vector<std::size_t> frames = evenly(s.upFrom(), s.upTo());
    frames.erase(frames.begin());
    frames.pop_back();
    const double count = static_cast<double>(frames.size());
    Reading r = formula(s, moment.joints(), frames, s.upAt(0.5), [=](const Places& p) {
      double sum = 0.0;
      for (const std::size_t f : frames) sum += moment.at(p, f);
      return sum / count;
    });
    if (r.status != MeasureStatus::kOk) return r;
    // Of seven pictures about three are far enough apart for their accelerations to err each by itself.
    double speeding = 0.0, mass = 0.0;
    for (const std::size_t f : frames) {
      speeding += moment.speedingError(s.places, f) / count;
      mass += moment.massError(s.places, f) / count;
    }
    r.own_sd = std::hypot(speeding / std::sqrt(3.0), mass);
    return r;
  });
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
