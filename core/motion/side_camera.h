// The camera of a side view: from picture coordinates to centimetres in the lifter's own frame.
//
// Body frame (metres): x forward (where the lifter faces), y up, z toward the camera; z = 0 is the lifter's
// mid-plane, in which the bar's middle lies. The origin of x and y is arbitrary but fixed over the clip: only
// differences mean something.
//
// Model: pinhole without lens distortion, u = f·X/Z + u0. The bar's axis (z) points at the vanishing point V
// in the picture; picture verticals are vertical up to the roll. The camera's distance follows from the
// plate: a disc of radius R at depth Z along the optical axis has the half axis f·R/Z. f itself is a prior
// for phones, with its error; see focalPrior.
//
// The near plate hangs about 0.75 m nearer to the camera than the mid-plane, so at 3-4 m it is 24-34 %
// larger; every point is therefore mapped on the plane in which it lies.
#pragma once

#include <array>
#include <functional>
#include <optional>

#include <Eigen/Core>

#include "core/base/error.h"
#include "core/base/estimate.h"
#include "core/motion/rep_finder.h"
#include "core/motion/tracks.h"

namespace mottix {

// Phones film with a main camera of 24-28 mm, stated as 35 mm equivalent, that is for the same picture
// diagonal (43.3 mm). On their 4:3 sensors the width is 0.8 of the diagonal, so the focal length is 0.69-0.81
// of the width; video steadying crops it by 1.0-1.3. Both taken as even: 0.86 ± 0.08 of the longer side,
// rounded up to ± 0.09 for the rest of the phones.
Estimate focalPrior(int width_px, int height_px);

// Where the feet stand, on which hangs how far from the mid-plane the legs lie. Heels apart and toes out, as
// practice has it: at shoulder width, 0.36 m and 30 degrees (a squat); as for a jump, 0.28 m and 20 degrees
// (a deadlift); wide, 0.72 m and 42 degrees (sumo); on either side of a bench, 0.52 m and 20 degrees.
enum class Stance { kShoulderWide, kUnderHips, kWide, kBesideBench };
// `wide`: of a deadlift, sumo.
Stance usualStance(Lift lift, bool wide = false);

// How far from the mid-plane a joint lies toward the camera (m). Sources: hip joint centres about 0.18 m
// apart; feet as above; shoulders about 0.36 m between joint centres. Standard deviations cover stance and
// build. For the knee this is a rough place, for when ankle and hip are not known; see kneeLateral.
Estimate lateralPrior(Joint joint, Stance stance = Stance::kShoulderWide);

// The knee is a hinge: a straight knee lies on the line from ankle to hip, a bent one leaves that line toward
// the toes. Side-view places in the body frame (m).
struct KneeOnLeg {
  double share = 0.0;    // of the way from ankle to hip, at the knee's height on the leg
  double ahead_m = 0.0;  // in front of that line
};
KneeOnLeg kneeOnLeg(const Vec2& ankle_m, const Vec2& knee_m, const Vec2& hip_m);

// How far the knee goes out for each metre that it goes forward: as the toes, ± 8 degrees.
Estimate toesOut(Stance stance = Stance::kShoulderWide);

// By how much a knee leaves that, bowed or knocked (m); own allowance.
inline constexpr double kKneeHingePlay_m = 0.025;

// How far from the mid-plane the knee then lies (m): between ankle and hip, and out by the toes' angle.
Estimate kneeLateral(const Vec2& ankle_m, const Vec2& knee_m, const Vec2& hip_m,
                     Stance stance = Stance::kShoulderWide);

// What is lifted, and so what round thing of it is followed from the side: the near full-size plate, the end
// of an empty bar's sleeve, the head of the near dumbbell.
enum class Held { kPlates, kEmptyBar, kDumbbells };
std::string_view nameOf(Held held);  // "plates", "empty_bar", "dumbbells"
std::optional<Held> heldNamed(std::string_view name);

// The weight, as far as it is known.
struct LoadedBar {
  double plate_mm = 450.0;  // diameter of the largest plate, or of a dumbbell's head
  std::optional<double> load_kg;
  Held held = Held::kPlates;

  // Of the round end that is followed. A sleeve is 50 mm thick (practice).
  double radius_m() const { return held == Held::kEmptyBar ? 0.025 : plate_mm / 2000.0; }
};
// Half the length of a bar of 2.2 m (practice), give or take what makers differ by: where its sleeve ends.
inline constexpr Estimate kSleeveEndLateral{1.10, 0.02};

// How far the outer face of the outermost full-size plate lies from the mid-plane (m). The bar's collars
// stand 1.31 m apart (practice) and are up to 3 cm thick; a plate of 20 kg is 2.7 cm (steel) to 6.3 cm
// (rubber) thick. A bar of 20 kg carries as many of these as go into the load, and at least one; without a
// load one to three.
Estimate plateLateralPrior(std::optional<double> load_kg);
// The same of the end that is followed. A dumbbell is held by an arm that hangs or stands off, with its outer
// face up to 15 cm outside the wrist (own allowance).
Estimate followedLateralPrior(const LoadedBar& bar);

// The widest circle of the far plate's inner side from the mid-plane (m): at the collar, the plate's edge
// being rounded by about 1 cm.
inline constexpr Estimate kFarPlateLateral{0.678, 0.015};

struct SideCamera {
  double focal_px = 0.0;
  Vec2 middle_px = Vec2::Zero();
  Vec2 vanishing_px = Vec2::Zero();  // of the bar's axis
  double roll_deg = 0.0;             // clockwise turn of the picture's vertical against the true one
  double plate_radius_px = 0.0;      // half axis of the outer face
  Vec2 plate_px = Vec2::Zero();      // where it was measured
  double plate_radius_m = 0.225;
  double plate_lateral_m = 0.75;  // outer face of the near plate from the mid-plane
  bool faces_left = false;

  Vec2 toBody(const Vec2& p_px, double lateral_m) const;
  Vec2 toPicture(const Vec2& body_m, double lateral_m) const;
  // Distance of the camera from the lifter's mid-plane, measured along the bar.
  double distance_m() const;
  double yaw_deg()
      const;  // of the optical axis against the bar, seen from above; positive: V right of the middle
  double pitch_deg() const;                // positive: V below the middle
  double mmPerPx(double lateral_m) const;  // at the plate's place in the picture
  // How much smaller than the near plate a disc of its size appears at `lateral_m`: 1 - (its radius / the
  // near one's), in pixels. See vision/far_plate.h.
  double shrinkAt(double lateral_m) const;
  // Direction in the picture, not of unit length, in which something upright runs through `p_px`, upward.
  Vec2 upAt(const Vec2& p_px) const;
  Vec2 barBody(const Vec2& plate_centre_px) const { return toBody(plate_centre_px, plate_lateral_m); }
};

// SideCamera::toBody of many points: what is the same for all of them is worked out once.
class BodySight {
 public:
  explicit BodySight(const SideCamera& camera);
  Vec2 toBody(const Vec2& p_px, double lateral_m) const;
  Vec2 barBody(const Vec2& plate_centre_px) const { return toBody(plate_centre_px, plate_lateral_m_); }

 private:
  Eigen::Vector3d x_, y_, z_;  // the body's axes as the camera sees them
  Vec2 middle_px_;
  double focal_px_, distance_m_, plate_lateral_m_;
};

// The camera's uncertain values in one vector: focal length (px), vanishing point x and y (px), roll
// (degrees), plate radius (as a part of itself), the plate's distance from the mid-plane (m).
inline constexpr int kSideCameraErrorCount = 6;
using CameraStep = Eigen::Matrix<double, kSideCameraErrorCount, 1>;

// Errors of a SideCamera that stay the same over a clip, one standard deviation each.
struct SideCameraErrors {
  double focal_px = 0.0;
  Vec2 vanishing_px = Vec2::Zero();
  double roll_deg = 1.5;            // hand-held or leaned against something
  double plate_radius_rel = 0.005;  // edge position against the plate's true rim
  double plate_lateral_m = 0.05;    // one to three plates a side
  bool yaw_known = false;           // false: only the prior of about ±8 degrees
  // Independent directions of error, one a column, when something is known about several values at once.
  std::optional<Eigen::Matrix<double, kSideCameraErrorCount, kSideCameraErrorCount>> directions;
};

// The same camera for pictures whose sides are `by` times as long.
SideCamera shrunk(SideCamera camera, double by);
SideCamera moved(const SideCamera& camera, const CameraStep& step);
// The camera with error `k` (0..5) at `sigma` standard deviations; the building block of error propagation.
SideCamera withError(const SideCamera& camera, const SideCameraErrors& errors, int k, double sigma);

// Takes in an observation of the camera as a whole: something that should be zero (± sd) was found to be
// `found`, and changes by `slope` for each uncertain value. Camera and errors become those that fit both
// (linear, Gaussian).
void updateCamera(SideCamera& camera, SideCameraErrors& errors, const CameraStep& slope,
                  const Estimate& found);

// Takes in one observation that is not linear in the camera's values: `residual` should be zero (± sd).
// Iterated, so that it is linear where it ends (Gauss-Newton, bell1993).
void observeCamera(SideCamera& camera, SideCameraErrors& errors,
                   const std::function<double(const SideCamera&)>& residual, double sd);

// Anything that follows from the camera, with its propagated standard deviation.
Estimate estimateFrom(const SideCamera& camera, const SideCameraErrors& errors,
                      const std::function<double(const SideCamera&)>& value);

// Scale with its propagated standard deviation, millimetres a pixel.
Estimate estimateScale(const SideCamera& camera, const SideCameraErrors& errors, double lateral_m);

}  // namespace mottix
