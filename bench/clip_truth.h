// What is exactly true in a rendered clip, read from NAME.truth.json (layout: demo/footage/README.md).
#pragma once

#include <filesystem>
#include <vector>

#include "core/base/error.h"
#include "core/log/records.h"

namespace mottix {

struct TrueRep {
  double start_s, turn_s, end_s;
  double depth_m, trunk_gain_deg, bar_forward_m;
  bool high = false, hips_first = false, bar_forward = false;  // planted
};

// One end of a bar across the picture: the middle of the full-size plates on it, and half their height.
struct TrueEnd {
  Vec2 at_px;
  double half_height_px;
};

struct ClipTruth {
  Lift lift = Lift::kSquat;
  View view = View::kSide;
  std::string preset;                    // of the simulated camera; empty: none was taken
  double scale_mm_per_px = 0.0;          // at the near plate's outer face
  double body_scale_mm_per_px = 0.0;     // at the middle of the bar, on the first picture
  double yaw_deg = 0.0, roll_deg = 0.0;  // as SideCamera counts them
  double begins_s = 0.0;                 // after the set's own beginning
  double load_kg = 0.0;
  double dumbbell_mm = 0.0;                                            // of its head; zero: a bar
  double height_m = 0.0, thigh_m = 0.0, shank_m = 0.0, trunk_m = 0.0;  // of the lifter; zero when not told
  std::vector<Vec2> plate_px;
  // Of the near side; filmed across, of both sides as they lie in the picture. Others are empty.
  std::array<std::vector<Vec2>, kJointCount> joint_px;
  // The near side's in metres, forward and up, of a film from the side.
  std::array<std::vector<Vec2>, kSideJointCount> joint_m;
  std::array<std::vector<TrueEnd>, 2> ends;  // of a film from the front or rear, left and right
  std::vector<double> tilt_deg;              // of the bar against the level
  std::vector<TrueRep> reps;
  LoadedBar bar() const;
  PlacedPoints
      first;  // joints as a coach would place them: on the first frame, a deadlift's before the first pull
};

// The joints that the program places, and the lines between them whose leans are compared.
inline constexpr std::array kPlacedJoints = {Joint::kHip,  Joint::kKnee, Joint::kAnkle,
                                             Joint::kHeel, Joint::kToe,  Joint::kShoulder};
inline constexpr std::array<std::pair<Joint, Joint>, 3> kBodyLines = {
    {{Joint::kAnkle, Joint::kKnee}, {Joint::kKnee, Joint::kHip}, {Joint::kHip, Joint::kShoulder}}};
// Against the upright of the picture, clockwise.
double lean_deg(const Vec2& from, const Vec2& to);

Expected<ClipTruth> loadTruth(const std::filesystem::path& clip);

}  // namespace mottix
