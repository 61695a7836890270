// A hand-held camera: pictures brought back to where a standing camera would have seen them.
//
// Each picture has moved against a reference by a similarity about the picture's middle m:
//   p in this picture = m + shift + e^log_scale · R(turn) · (p in the reference - m).
// This holds for what the camera's turning does, at any depth, and for the scenery behind the lifter. Where
// the camera itself travels by d sideways, what stands nearer than the scenery moves by more than it: by
// f·d·(1/Z - 1/Z_behind), about 0.6 px for 5 mm at 3.7 m in a picture of 1280 (wall at 6 m); that part stays
// in. All measures are taken in reference coordinates; what is drawn on a picture is moved with it.
#pragma once

#include "core/motion/tracks.h"

namespace mottix {

Vec2 toPictureMoved(const PictureMove& move, const Vec2& middle_px, const Vec2& reference_px);
Vec2 toReference(const PictureMove& move, const Vec2& middle_px, const Vec2& p_px);

// The same for a frame of a clip; nothing changes where the camera stood.
Vec2 toPictureMoved(const ClipTracks& tracks, std::size_t frame, const Vec2& reference_px);
Vec2 toReference(const ClipTracks& tracks, std::size_t frame, const Vec2& p_px);

// The tracks as a standing camera would have given them; the error of the moves is added to each point's.
ClipTracks steadied(const ClipTracks& tracks);

// Moves that are not known for at most `bridge_s` are laid between their neighbours, with a larger error.
// Then the reference is put where the camera mostly was: the moves' median becomes no shift.
void settleMoves(std::vector<PictureMove>& moves, const std::vector<double>& time_s, double bridge_s);

// Greatest shift of a known move against the reference (px); zero for a camera that stood.
double greatestShake_px(const ClipTracks& tracks);

}  // namespace mottix
