// Masses of the body's segments as parts of the body's mass, where their centres lie as a part of the length
// from the joint nearer to the trunk, and their radii of gyration about the centre as parts of the length
// (key winter2009, table 4.1). Both sides together.
#pragma once

namespace mottix {

struct SegmentMass {
  double mass = 0.0;
  double centre = 0.0;
  double gyration = 0.0;
};

inline constexpr SegmentMass kFootMass{2 * 0.0145, 0.5, 0.475};       // heel to toe
inline constexpr SegmentMass kShankMass{2 * 0.0465, 0.433, 0.302};    // knee to ankle
inline constexpr SegmentMass kThighMass{2 * 0.100, 0.433, 0.323};     // hip to knee
inline constexpr SegmentMass kUpperBodyMass{0.678, 0.626, 0.496};     // head, arms, trunk: hip to shoulder
inline constexpr SegmentMass kTrunkHeadMass{0.578, 0.66, 0.503};      // without arms: hip to shoulder
inline constexpr SegmentMass kArmMass{2 * 0.050, 0.530, 0.368};       // shoulder to wrist
inline constexpr SegmentMass kUpperArmMass{2 * 0.028, 0.436, 0.322};  // shoulder to elbow
inline constexpr SegmentMass kForearmMass{2 * 0.022, 0.682, 0.468};   // with the hand: elbow to wrist

// Between people, and between published tables, a segment's mass differs by about this part of it (one
// standard deviation; key winter2009 against the tables it compares).
inline constexpr double kSegmentMassSpread = 0.08;

}  // namespace mottix
