// A lens that bends straight lines: what is seen r focal lengths from the picture's middle lies at
// r·(1 + k1·r²) there instead of at r (one radial term; negative k1 bends lines outward, like a barrel).
//
// Measures are taken in the picture of a lens that does not bend. What is drawn on a picture stays where it
// is seen: the difference is a few pixels near the border and nothing in the middle.
#pragma once

#include "core/base/estimate.h"
#include "core/motion/tracks.h"

namespace mottix {

// Where a lens that does not bend would have shown what is seen at `p_px`.
Vec2 straightened(const Vec2& p_px, double k1, const Vec2& middle_px, double focal_px);

// The same for all that was tracked. Nothing changes where `tracks` says nothing of the lens. Plates keep
// their size against the scale round about them: radii and errors grow or shrink with it.
ClipTracks straightened(ClipTracks tracks);

// How much the scale of the picture at `p_px` errs for the lens's standard deviation, a part of itself.
double lensScaleSd(const ClipTracks& tracks, const Vec2& p_px);

}  // namespace mottix
