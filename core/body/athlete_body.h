// The athlete's lengths: what was measured, what follows from the height, and how sure each is.
//
// Lengths are metres between joint centres (foot: back of the heel to tip of the longest toe; shoulder width:
// biacromial; hip width: over the widest part of the hips). What was not measured is estimated as a share of
// the height (keys drillis1966, gordon1989); between people such a share scatters, which is stated as the
// error. Failure: lengths that no body has, or that contradict each other, are named field by field and never
// changed.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/estimate.h"

namespace mottix {

enum class Sex { kUnstated, kFemale, kMale };

enum class Segment {
  kThigh,
  kShank,
  kTrunk,
  kUpperArm,
  kForearm,
  kHand,
  kFoot,
  kClavicle,  // shoulder point to breast-bone, one side
  kShoulderWidth,
  kHipWidth
};
inline constexpr std::size_t kSegmentCount = 10;
constexpr std::size_t indexOf(Segment s) {
  return static_cast<std::size_t>(s);
}
// As in files: "thigh", "upper_arm", …
std::string_view nameOf(Segment segment);
std::optional<Segment> segmentNamed(std::string_view name);

enum class LengthSource { kByHand, kFromClip, kFromHeight };
std::string_view nameOf(LengthSource source);  // "by_hand", "from_clip", "from_height"
std::string_view nameOf(Sex sex);              // "female", "male" or empty

struct BodyLength {
  Estimate m;
  LengthSource source = LengthSource::kFromHeight;
  bool operator==(const BodyLength&) const = default;
};
// Between two measurements of one length by hand with a tape, metres.
inline constexpr double kTapeError_m = 0.01;

// What the coach knows. Only the height is needed.
struct BodyFacts {
  double height_m = 0.0;
  std::optional<double> mass_kg;
  Sex sex = Sex::kUnstated;
  std::array<std::optional<BodyLength>, kSegmentCount> measured;  // by hand or from a clip
  std::optional<double> knee_to_wall_m;                           // toe to wall, knee just touching
  bool operator==(const BodyFacts&) const = default;
};

struct FieldProblem {
  std::string field;  // "height", "mass", "knee_to_wall" or a segment's name
  std::string text;   // what is wrong and what would be believed
};
// Empty when the facts can be a body's.
std::vector<FieldProblem> findProblems(const BodyFacts& facts);

// Every length of the body, measured or estimated.
struct Body {
  double height_m = 0.0;
  Sex sex = Sex::kUnstated;
  double mass_kg = 0.0;  // when not stated: that of a body mass index of 24
  bool mass_stated = false;
  std::array<BodyLength, kSegmentCount> lengths;
  double dorsiflexion_deg = 0.0;  // shin against the sole, the most the ankle gives
  bool dorsiflexion_measured = false;

  // Where it was not stated, body mass indices scatter by 15 % (own allowance).
  Estimate mass() const { return {mass_kg, mass_stated ? 1.0 : 0.15 * mass_kg}; }
  double length_m(Segment s) const { return lengths[indexOf(s)].m.value; }
};
// Facts without problems only.
Body estimateBody(const BodyFacts& facts);

// Share of the height that is usual, and how much it scatters between people (one standard deviation). Only
// the width of the hips differs clearly between women and men.
Estimate usualShare(Segment segment, Sex sex = Sex::kUnstated);
// How far a measured length lies from the usual one, in standard deviations between people; nothing for a
// length that was not measured.
std::optional<double> computeBuildScore(const Body& body, Segment segment);

// Under a bar the shoulder blades are set down and back and the spine is loaded: the trunk that a film of a
// squat shows is shorter than the one measured by hand by about this part of the height (own allowance).
inline constexpr double kTrunkUnderBar = 0.02;

// Knee-to-wall distance to the lean of the shin: 3.6 degrees a centimetre (key bennell1998).
double dorsiflexionFromWall_deg(double knee_to_wall_m);

}  // namespace mottix
