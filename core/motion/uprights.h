// The camera's roll, from what stands upright in the room: posts of a rack, edges of doors and walls.
//
// Where an upright would run in the picture follows from the camera (its roll, and its pitch for what stands
// beside the middle). Edges near that direction are taken; those that agree with one another within half a
// degree, and make up most of the length of all, say how the camera is rolled. Racks and walls stand plumb
// within 1 : 200 (own allowance), so this is four times as good as a hand or a leaned phone.
#pragma once

#include <vector>

#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

inline constexpr double kPlumbSd_deg = 0.3;

// Clockwise turn of the edge against where an upright would run, degrees.
double leanAgainst(const SideCamera& camera, const Upright& upright);

// Takes in what the uprights say; false, and nothing changes, when too few agree.
bool levelByUprights(SideCamera& camera, SideCameraErrors& errors, const std::vector<Upright>& uprights);

}  // namespace mottix
