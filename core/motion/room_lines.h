// Lines that the coach draws in the picture: along something upright, or along something of known length.
//
// An upright line says how the camera is rolled; it is believed instead of the edges that the program found
// by itself. A known length is a second ruler beside the plate: it says how many millimetres a pixel has at
// the lifter, and with it how far away the camera stands. A line that contradicts what is known otherwise by
// more than chance allows is not taken in, and said: the length, the plate's size or the line is wrong.
//
// Errors, one standard deviation each: a hand puts a line's end within 1.5 pixels of a picture 1280 wide;
// uprights stand plumb within 0.3 degrees (as uprights.h); a length is stated within 5 mm; what lies beside
// the lifter is within 10 cm of the mid-plane, and at the plate within 2 cm of its face (own allowances).
#pragma once

#include <string_view>
#include <vector>

#include "core/base/error.h"
#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

enum class RoomLineKind { kUpright, kLengthAtLifter, kLengthAtPlate };
inline constexpr std::array kRoomLineKinds = {RoomLineKind::kUpright, RoomLineKind::kLengthAtLifter,
                                              RoomLineKind::kLengthAtPlate};
std::string_view nameOf(RoomLineKind kind);

struct RoomLine {
  RoomLineKind kind = RoomLineKind::kUpright;
  std::size_t frame = 0;  // on whose picture it was drawn
  Vec2 from_px = Vec2::Zero(), to_px = Vec2::Zero();
  double length_m = 0.0;  // of an upright nothing
  bool operator==(const RoomLine&) const = default;
  // kCorrectInput, in the coach's words, for a line that can say nothing.
  Expected<void> validate() const;
};

// What a line said of the camera as it was known before it.
struct LineReading {
  // Of an upright: degrees by which it leans, clockwise. Of a length: the part by which it reads too long.
  Estimate off;
  bool used = false;  // false: it contradicts
};

// Takes them in, one after another; one reading each. Lines of a standing camera's picture.
std::vector<LineReading> takeInLines(SideCamera& camera, SideCameraErrors& errors,
                                     const std::vector<RoomLine>& lines);

// The same lines in the picture of the standing camera (see camera_shake.h).
std::vector<RoomLine> steadied(std::vector<RoomLine> lines, const ClipTracks& tracks);

}  // namespace mottix
