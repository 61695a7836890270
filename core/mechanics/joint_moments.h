// Levers and joint moments in the plane: what muscles about a joint have to give to carry bar and body.
//
// Inverse dynamics from the bar down (key winter2009): about a joint at rest or in motion, the moment of all
// forces on what lies above it is the sum over its segments of the rate of change of their angular momentum
// about that point. The joint's own force has no lever there, so that no ground force is needed.
//
// Frame: x to one side, y up, metres; moments in N m, counter-clockwise positive, of both sides of the body
// together. Assumption: segments are rigid and move in the plane. Against the energy gained over a way up of
// rigid links the joints' work agrees to 0.5 % (the test).
#pragma once

#include <span>

#include "core/body/segment_masses.h"
#include "core/motion/tracks.h"

namespace mottix {

struct MovingPoint {
  Vec2 at_m = Vec2::Zero();
  Vec2 acceleration_ms2 = Vec2::Zero();
};

struct MovingLink {
  MovingPoint near, far;  // `near` is the joint nearer to the trunk
  SegmentMass segment;
};

inline constexpr double kGravity_ms2 = 9.81;

// Of the load alone, its inertia included.
double computeLoadMoment(const Vec2& about_m, const MovingPoint& load, double load_kg);
// Of the segments above the joint; zero for links of no length but their weight.
double computeLinkMoment(const Vec2& about_m, std::span<const MovingLink> above, double body_kg);

}  // namespace mottix
