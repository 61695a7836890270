// What tracking a clip yields: for every frame the bar and the near-side joints in picture coordinates.
//
// Pixel coordinates are those of the displayed (rotation applied) frame, origin top-left, pixel centres at
// .5. Times are seconds from the first frame, taken from the presentation times (no constant rate is
// assumed).
#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstddef>
#include <optional>
#include <string_view>
#include <vector>

#include <Eigen/Core>

#include "core/base/estimate.h"

namespace mottix {

using Vec2 = Eigen::Vector2d;

enum class TrackState { kSeen, kBridged, kLost };

// Which way the lifter faces in the picture.
enum class Facing { kUnknown, kLeft, kRight };

// From where the lift was filmed. Of a bench press kFront is the foot end and kRear the head end: the camera
// stands where the lifter looks, or behind the head.
enum class View { kUnknown, kSide, kFront, kRear };

// Joints of the nearer side; filmed across, of the side on the left of the picture. Then two points of the
// back, filmed from the side: low on the pelvis, and half way up to the shoulders. Then the joints of the
// side on the right of the picture, in the order of the first ones.
enum class Joint {
  kHip,
  kKnee,
  kAnkle,
  kHeel,
  kToe,
  kShoulder,
  kElbow,
  kWrist,
  kEar,
  kPelvis,
  kMidBack,
  kRightHip,
  kRightKnee,
  kRightAnkle,
  kRightHeel,
  kRightToe,
  kRightShoulder,
  kRightElbow,
  kRightWrist,
  kRightEar
};
inline constexpr std::size_t kSideJointCount = 9, kJointCount = 20;
inline constexpr std::array<std::string_view, kJointCount> kJointNames = {
    "hip",        "knee",      "ankle",          "heel",        "toe",         "shoulder",   "elbow",
    "wrist",      "ear",       "pelvis",         "mid_back",    "right_hip",   "right_knee", "right_ankle",
    "right_heel", "right_toe", "right_shoulder", "right_elbow", "right_wrist", "right_ear"};

constexpr std::size_t indexOf(Joint joint) {
  return static_cast<std::size_t>(joint);
}
constexpr std::string_view nameOf(Joint joint) {
  return kJointNames[indexOf(joint)];
}
inline constexpr std::array kBackJoints = {Joint::kPelvis, Joint::kMidBack};
constexpr bool isOfBack(Joint joint) {
  return joint == Joint::kPelvis || joint == Joint::kMidBack;
}
constexpr bool isOnRight(Joint joint) {
  return joint >= Joint::kRightHip;
}
// The same joint of the side on the right of the picture, and of a side's joint the one of either side.
constexpr Joint onRight(Joint joint) {
  return static_cast<Joint>(indexOf(joint) + indexOf(Joint::kRightHip));
}
constexpr Joint ofEither(Joint joint) {
  return isOnRight(joint) ? static_cast<Joint>(indexOf(joint) - indexOf(Joint::kRightHip)) : joint;
}
constexpr std::string_view nameOf(TrackState state) {
  return state == TrackState::kSeen ? "seen" : state == TrackState::kBridged ? "bridged" : "lost";
}
constexpr std::string_view nameOf(Facing facing) {
  return facing == Facing::kLeft ? "left" : facing == Facing::kRight ? "right" : "unknown";
}
constexpr std::string_view nameOf(View view) {
  return view == View::kSide    ? "side"
         : view == View::kFront ? "front"
         : view == View::kRear  ? "rear"
                                : "unknown";
}
inline std::optional<View> viewNamed(std::string_view name) {
  for (View v : {View::kUnknown, View::kSide, View::kFront, View::kRear})
    if (nameOf(v) == name) return v;
  return std::nullopt;
}
inline std::optional<Joint> jointNamed(std::string_view name) {
  for (std::size_t i = 0; i < kJointCount; ++i)
    if (kJointNames[i] == name) return static_cast<Joint>(i);
  return std::nullopt;
}

// Centre of the outer face of the near full-size plate.
struct BarSample {
  Vec2 p_px = Vec2::Zero();
  double sd_px = 0.0;      // standard deviation of each coordinate
  double radius_px = 0.0;  // half the long axis of the plate's outline
  TrackState state = TrackState::kLost;
};

struct JointSample {
  Vec2 p_px = Vec2::Zero();
  double sd_px = 0.0;  // standard deviation of each coordinate, placement included
  bool known = false;  // false: nothing is claimed about this joint in this frame
};

using JointTrack = std::vector<JointSample>;
using JointTracks = std::array<JointTrack, kJointCount>;

// How sure the places are at which the program put joints by itself, on the picture from which they are
// carried: covariance in px² of x and y of each joint, in the order of Joint. Zero: the coach placed it.
struct FoundSpread {
  using Matrix = Eigen::Matrix<double, 2 * kJointCount, 2 * kJointCount>;
  Matrix covariance_px2 = Matrix::Zero();

  Eigen::Matrix2d of(Joint a, Joint b) const {
    return covariance_px2.block<2, 2>(2 * static_cast<Eigen::Index>(indexOf(a)),
                                      2 * static_cast<Eigen::Index>(indexOf(b)));
  }
  void set(Joint a, Joint b, const Eigen::Matrix2d& both_px2) {
    const auto row = 2 * static_cast<Eigen::Index>(indexOf(a)),
               column = 2 * static_cast<Eigen::Index>(indexOf(b));
    covariance_px2.block<2, 2>(row, column) = both_px2;
    covariance_px2.block<2, 2>(column, row) = both_px2.transpose();
  }
  bool has(Joint joint) const { return of(joint, joint).trace() > 0.0; }
  double sd_px(Joint joint) const { return std::sqrt(std::max(0.0, 0.5 * of(joint, joint).trace())); }
  bool operator==(const FoundSpread&) const = default;
};

// How far the camera has moved since a reference picture; see camera_shake.h.
struct PictureMove {
  Vec2 shift_px = Vec2::Zero();
  double turn_rad = 0.0;  // clockwise in the picture
  double log_scale = 0.0;
  double sd_px = 0.0;  // of each coordinate of a point brought back
  bool known = true;   // false: the scenery was not recognised, or the camera was swung away
};

// An edge of something that stands upright, in the picture of a camera that stood.
struct Upright {
  Vec2 low_px = Vec2::Zero();
  Vec2 high_px = Vec2::Zero();
};

struct ClipTracks {
  int width_px = 0;
  int height_px = 0;
  std::vector<double> time_s;
  std::vector<BarSample> bar;  // one a frame
  // Of a bar that lies across the picture (filmed from the front or the rear): its plates' middles, left and
  // right in the picture, one a frame each. `bar` is then the middle between them, its radius half a plate's
  // height.
  std::array<std::vector<BarSample>, 2> ends;
  JointTracks joints;              // empty, or one a frame
  std::vector<PictureMove> shake;  // empty: the camera stood; or one a frame
  std::vector<Upright> uprights;
  std::optional<Estimate> lens_k1;  // how the lens bends (lens.h), where the room shows it

  std::size_t frameCount() const { return time_s.size(); }
  const JointTrack& track(Joint joint) const { return joints[indexOf(joint)]; }
  bool across() const { return !ends[0].empty(); }
  bool hasJoints() const {
    return std::any_of(joints.begin(), joints.end(),
                       [&](const JointTrack& t) { return !t.empty() && t.size() == time_s.size(); });
  }
  bool has(Joint joint) const { return joints[indexOf(joint)].size() == time_s.size() && !time_s.empty(); }
};

// The middle of a bar from its two ends.
std::vector<BarSample> middleOf(const std::array<std::vector<BarSample>, 2>& ends);

// Pictures a second, from the usual step between them; zero for fewer than two pictures.
double usualRate(const std::vector<double>& time_s);

// The picture nearest to a time; the first or the last where it lies outside. There must be one.
std::size_t nearestFrame(const std::vector<double>& time_s, double at_s);

// For a film that plays slower than it was recorded: times become those lived, `recorded_fps` pictures a
// second. Nothing changes when the film is as fast already, or the rate is not positive.
void playAsLived(std::vector<double>& time_s, double recorded_fps);

// Points the coach placed on one frame. `joints` holds only those that were placed.
struct PlacedPoints {
  std::size_t frame = 0;
  std::array<std::optional<Vec2>, kJointCount> joints;
  bool operator==(const PlacedPoints&) const = default;
};

}  // namespace mottix
