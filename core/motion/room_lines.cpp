#include "core/motion/room_lines.h"

#include <cmath>
#include <numbers>

#include "core/motion/camera_shake.h"
#include "core/motion/uprights.h"

namespace mottix {
namespace {

constexpr double kHandPx = 1.5, kOfWidth_px = 1280.0;
constexpr double kTape_m = 0.005, kBesideLifter_m = 0.10, kAtPlate_m = 0.02;
constexpr double kContradicts = 3.0;  // standard deviations
constexpr double kShortest_px = 40.0, kShortest_m = 0.1, kLongest_m = 5.0;

double lengthOf(const RoomLine& line) {
  return (line.to_px - line.from_px).norm();
}

double lateralOf(const SideCamera& camera, RoomLineKind kind) {
  return kind == RoomLineKind::kLengthAtPlate ? camera.plate_lateral_m : 0.0;
}

// What should be zero: the lean in degrees, or the part by which the length reads too long.
double residualOf(const SideCamera& camera, const RoomLine& line) {
  if (line.kind == RoomLineKind::kUpright)
    return leanAgainst(camera, line.from_px.y() > line.to_px.y() ? Upright{line.from_px, line.to_px}
                                                                 : Upright{line.to_px, line.from_px});
  const double z = lateralOf(camera, line.kind);
  return (camera.toBody(line.to_px, z) - camera.toBody(line.from_px, z)).norm() / line.length_m - 1.0;
}

double sdOf(const SideCamera& camera, const RoomLine& line) {
  const double hand =
      std::numbers::sqrt2 * kHandPx * 2.0 * camera.middle_px.x() / kOfWidth_px / lengthOf(line);
  if (line.kind == RoomLineKind::kUpright) return std::hypot(kPlumbSd_deg, hand * 180.0 / std::numbers::pi);
  const double depth = line.kind == RoomLineKind::kLengthAtPlate ? kAtPlate_m : kBesideLifter_m;
  return std::hypot(hand, kTape_m / line.length_m, depth / camera.distance_m());
}

}  // namespace

std::string_view nameOf(RoomLineKind kind) {
  switch (kind) {
    case RoomLineKind::kUpright:
      return "upright";
    case RoomLineKind::kLengthAtLifter:
      return "length_at_lifter";
    case RoomLineKind::kLengthAtPlate:
      return "length_at_plate";
  }
  return "";
}

Expected<void> RoomLine::validate() const {
  constexpr double kSteep = 2.0;  // down for each pixel across; less is nothing upright
  const Vec2 d = to_px - from_px;
  if (!d.allFinite() || d.norm() < kShortest_px)
    return fail(Remedy::kCorrectInput,
                "The line is too short to say anything. Draw it along something longer.");
  if (kind == RoomLineKind::kUpright && std::abs(d.y()) < kSteep * std::abs(d.x()))
    return fail(
        Remedy::kCorrectInput,
        "The line is far from upright in the picture. Draw it along a post, a door or a wall's edge.");
  if (kind != RoomLineKind::kUpright && !(length_m >= kShortest_m && length_m <= kLongest_m))
    return fail(Remedy::kCorrectInput, "A known length lies between 10 cm and 5 m.");
  return {};
}

std::vector<LineReading> takeInLines(SideCamera& camera, SideCameraErrors& errors,
                                     const std::vector<RoomLine>& lines) {
  std::vector<LineReading> out;
  for (const RoomLine& line : lines) {
    LineReading reading;
    if (line.validate()) {
      const double sd = sdOf(camera, line);
      reading.off = estimateFrom(camera, errors, [&](const SideCamera& c) { return residualOf(c, line); });
      reading.off.sd = std::hypot(reading.off.sd, sd);
      reading.used = std::abs(reading.off.value) <= kContradicts * reading.off.sd;
      if (reading.used)
        observeCamera(
            camera, errors, [&](const SideCamera& c) { return residualOf(c, line); }, sd);
    }
    out.push_back(reading);
  }
  return out;
}

std::vector<RoomLine> steadied(std::vector<RoomLine> lines, const ClipTracks& tracks) {
  for (RoomLine& line : lines) {
    line.from_px = toReference(tracks, line.frame, line.from_px);
    line.to_px = toReference(tracks, line.frame, line.to_px);
  }
  return lines;
}

}  // namespace mottix
