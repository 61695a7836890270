// What the coach measures by hand on the picture: an angle, a lean, a distance, a height, a time between.
//
// Points are kept where they were put, on the picture as it was filmed, and turned into metres with the
// film's own camera, so that a better calibration betters them too. They are taken to lie on the lifter's
// near side. Error: that of the camera, of how far from the mid-plane the points lie, and of the hand.
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/base/estimate.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

enum class DrawnKind {
  kAngle,     // between the lines from the second point to the first and the third
  kLean,      // of the line from the first to the second from vertical; forward is positive
  kDistance,  // of two points
  kHeight,    // of the second above the first
  kTime,      // from the first picture to the second
};
inline constexpr DrawnKind kDrawnKinds[] = {DrawnKind::kAngle, DrawnKind::kLean, DrawnKind::kDistance,
                                            DrawnKind::kHeight, DrawnKind::kTime};
std::string_view nameOf(DrawnKind kind);  // "angle", "lean", "distance", "height", "time"
std::optional<DrawnKind> drawnKindNamed(std::string_view name);
std::string_view unitOf(DrawnKind kind);  // as of measures
std::size_t pointCountOf(DrawnKind kind);

struct DrawnPoint {
  std::size_t frame = 0;
  Vec2 p_px = Vec2::Zero();  // in the picture as filmed
  bool operator==(const DrawnPoint&) const = default;
};
struct DrawnMeasure {
  DrawnKind kind = DrawnKind::kAngle;
  std::vector<DrawnPoint> points;
  bool operator==(const DrawnMeasure&) const = default;
};

// `filmed`: tracks in the pictures as filmed; `camera`: the one that measures are taken with. kCorrectInput
// when points are missing, lie on each other, or on pictures that the film does not have.
Expected<Estimate> estimateDrawn(const DrawnMeasure& drawn, const ClipTracks& filmed,
                                 const SideCamera& camera, const SideCameraErrors& errors);

// A place in a picture as filmed, as measures see it: without the camera's motion and the lens's bend.
Vec2 asMeasured(const ClipTracks& filmed, std::size_t frame, const Vec2& p_px);

}  // namespace mottix
