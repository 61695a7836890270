// Where the bar points, and the outer face's middle.
//
// A plate is a disc with a thick, rounded rim, and a loaded bar a row of them: seen a little from the side,
// the outline's middle lies up to 3 px off the outer face's middle. In a picture with perspective all points
// of the bar's axis run toward one vanishing point V. A circle round the axis that lies deeper than the outer
// face by t (at distance Z) is shrunk by e = t/(Z+t) about V.
//
// 1. V from parallax: inner circles (collar, hub, a smaller plate) lie nearer than the outline, so that as
// the bar
//    goes up and down at height c they move by (1 - e)·c: the slope of their offset against the bar's height
//    is -e, and the offset itself is e·(V - c).
// 2. Thickness: the outline reaches a + max(0, e·((V - c)·u - a)) in direction u; e is shared by all frames
// and
//    solved by robust least squares with each frame's centre and radius eliminated.
// 3. The rim is rounded, by 1-2 cm on rubber plates and less on steel ones: its widest part lies from about 1
// to
//    2 cm behind the outer face (each ± 0.8 cm). On V's side the back of this part is seen, on the other its
//    front. Where step 2 found no thickness both are in the outline, whose middle then belongs to the middle
//    of the part and whose radius is the less shrunk; where it did, only the front is left to be taken out.
// 4. A disc of a pixels' radius whose axis is turned away from the line of sight has its nearer half
// enlarged: the
//    middle of its outline lies a²·(V - m)/f² off the projection of its own middle (m: the picture's middle,
//    f: focal length; first order in a/f).
// 5. The outline itself is an ellipse. With v = (V - m)/f and x = (c - m)/f, a step d on the disc (seen along
// the line of
//    sight, so that |d|² + (v·d)² = R²) shifts its picture by f/Z·(I + x·v')·d; Z is the middle's depth along
//    the optical axis. Seen 15 degrees from its axis a disc looks 3 % narrower one way than the other.
#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <vector>

#include "core/base/estimate.h"
#include "core/motion/tracks.h"
#include "vision/disc_outline.h"

namespace mottix {

struct VanishingPoint {
  Vec2 p_px = Vec2::Zero();
  Vec2 sd_px = Vec2::Zero();
};

// From one thing on the bar's axis that lies nearer than the plate's face: where the face's middle was and
// how far from it the thing was seen, at several heights of the bar. The slope of the offset against the
// height gives e, the offset itself V (step 1). Robust (Cauchy weights); nothing for fewer than 8 or where
// the slope does not stand out from its error.
struct Parallax {
  VanishingPoint vanishing;
  Estimate nearer;  // e as it is of what lies nearer by t: t/(Z - t), above zero
};
std::optional<Parallax> estimateParallax(const std::vector<Vec2>& middle_px,
                                         const std::vector<Vec2>& offset_px);

struct BarAxis {
  Vec2 vanishing_px = Vec2::Zero();
  Vec2 vanishing_sd_px = Vec2::Zero();
  Vec2 middle_px = Vec2::Zero();  // of the picture
  double focal_px = 1.0;
  bool from_parallax = false;  // of inner circles or the far plate; false: nothing but the prior is known
  double depth_ratio = 0.0;    // e of step 2, 0..0.08
  double rim_ratio = 0.0;      // e of step 3, of the middle of what is seen
  double rim_half = 0.0;       // half the width of what is seen, as a depth ratio
  Vec2 tilt = Vec2::Zero();    // (V - m)/f² of step 4, per pixel
  double radius_px = 0.0;      // of the outer face, median over the frames used
};

// An inner circle seen in one frame, against the outline of the same frame.
struct InnerCircle {
  Vec2 centre_px = Vec2::Zero();
  double radius_px = 0.0;
};

struct OutlineInFrame {
  Vec2 centre_px = Vec2::Zero();
  double radius_px = 0.0;
  EdgeRadii edge_px{};  // along the rays; NaN where no edge was found
  std::vector<InnerCircle> inner;
};

// `focal_px` and the picture's middle give the prior: the bar points within about 8 degrees (sideways) and
// 4 degrees (up or down) of the camera. `plate_radius_m` turns centimetres into depth ratios. Where the
// vanishing point is known otherwise (far_plate.h) it is taken as it is. Nothing when fewer than 8 outlines
// are given.
std::optional<BarAxis> estimateBarAxis(const std::vector<OutlineInFrame>& outlines, Vec2 picture_middle_px,
                                       double focal_px, double plate_radius_m,
                                       const std::optional<VanishingPoint>& known = std::nullopt);

// Centre of the outer face in one frame, given the axis; the sd is of each coordinate.
struct FaceCentre {
  Vec2 centre_px = Vec2::Zero();
  double radius_px = 0.0;
  double sd_px = 0.0;
};
FaceCentre estimateFaceCentre(const OutlineInFrame& outline, const BarAxis& axis);

}  // namespace mottix
