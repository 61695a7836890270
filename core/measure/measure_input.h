// What measures are computed from: tracks, the camera that took them with its errors, and what was lifted.
#pragma once

#include <array>
#include <memory>
#include <optional>
#include <vector>

#include "core/motion/rep_finder.h"
#include "core/motion/side_camera.h"
#include "core/motion/smooth.h"
#include "core/motion/tracks.h"

namespace mottix {

// Places in pixels with the noise taken out, each coordinate by a smoothing spline.
struct SmoothPlace {
  Vec2 at_px = Vec2::Zero();
  Vec2 bend_px_s2 = Vec2::Zero();  // second derivative
  double sd_px = 0.0;              // of each coordinate, what is left of the noise of single pictures
  double bend_sd_px_s2 = 0.0;
};
struct SmoothTracks {
  std::array<std::vector<SmoothPlace>, kJointCount> joints;  // empty, or one a frame
  std::vector<SmoothPlace> bar;
  std::array<std::vector<SmoothPlace>, 2> ends;
};
SmoothTracks smoothTracks(const ClipTracks& tracks);

struct MeasureInput {
  const ClipTracks* tracks = nullptr;
  Lift lift = Lift::kSquat;
  SideCamera camera;
  SideCameraErrors camera_errors;
  View view = View::kSide;
  std::optional<double> load_kg = std::nullopt;
  std::optional<Estimate> body_kg = std::nullopt;        // the lifter's mass
  std::shared_ptr<const SmoothTracks> smooth = nullptr;  // of `tracks`; made anew when there is none
  std::shared_ptr<const SplineFit> height = nullptr;     // smoothHeight by this camera; made anew likewise
  Stance stance = usualStance(lift);
};

}  // namespace mottix
