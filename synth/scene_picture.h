// Pictures of a lifter in a small strength room, as a pinhole camera sees them.
//
// Every solid (rounded limb, disc, box) is intersected with the rays of its own patch of the picture against
// a depth buffer, and what is nearest is shaded; four rays a pixel, each at its own moment of the exposure,
// give smooth edges and motion blur.
#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/motion/rep_finder.h"
#include "synth/lift_motion.h"

namespace mottix {

// x right, y down, z forward; u = f·x/z + width/2, v = f·y/z + height/2.
struct PinholeCamera {
  int width_px = 1280;
  int height_px = 720;
  double focal_px = 1150.0;
  Eigen::Matrix3d world_to_cam = Eigen::Matrix3d::Identity();
  Vec3 position_m = Vec3::Zero();

  Vec3 toCamera(const Vec3& world) const { return world_to_cam * (world - position_m); }
  Vec2 toPicture(const Vec3& world) const;
  // Looks at `target_m` from `distance_m` away. `azimuth_deg` is the camera's place seen from above: 0 to the
  // lifter's right, 90 in front, 180 to the left, -90 behind.
  static PinholeCamera around(double azimuth_deg, const Vec3& target_m, double distance_m, double pitch_deg,
                              double roll_deg);
};

struct PlateStack {  // on each side, from the inside out
  struct Plate {
    double diameter_m, thickness_m;
    std::array<float, 3> bgr;
  };
  std::vector<Plate> plates;
  double dumbbell_m = 0.0;  // not zero: instead of a bar each hand holds a dumbbell with such heads
  double innerFace_m() const { return 0.655; }  // half of 131 cm between the collars
  double outerFaceOfFullSize_m() const;         // of the outermost 450 mm plate, from the bar's middle

  // What can be followed from the side: the outermost full-size plate, the head of the dumbbell in a hand
  // `hand_m` from the mid-plane, the end of an empty bar. Its outer face's distance from the mid-plane, and
  // its radius.
  double followedFace_m(double hand_m) const;
  double followedRadius_m() const;
};
inline constexpr double kSleeveEnd_m = 1.10, kSleeveRadius_m = 0.025;  // of a bar, from its middle
// A bar of 20 kg; nothing hangs on it at that load.
PlateStack platesFor(double load_kg, std::uint32_t seed);

struct RoomLook {
  Lift lift = Lift::kSquat;  // a rack, a bench or an empty floor
  View view = View::kSide;   // the wall stands opposite the camera
  std::array<float, 3> wall_bgr{150, 150, 145}, floor_bgr{58, 58, 60}, shirt_bgr{70, 60, 120},
      shorts_bgr{60, 50, 45}, skin_bgr{110, 140, 190}, shoe_bgr{200, 200, 205};
  float light = 1.0F;
  bool someone_passes = false;  // a person crosses between camera and lifter
  double passes_at_s = 4.0;
};

class ScenePicture {
 public:
  struct Patch {  // of the picture, in pixels
    int x0, x1, y0, y1;
  };
  ScenePicture(PinholeCamera camera, PlateStack plates, const RoomLook& look, const LifterBuild& build);
  ~ScenePicture();
  // `pose` gives the lifter at a time; the exposure lasts `exposure_s` round `time_s`.
  void render(const std::function<LiftPose(double)>& pose, double time_s, double exposure_s, cv::Mat& bgr);

 private:
  struct Layer;
  struct Solids;  // of one moment; one a sub-ray
  PinholeCamera camera_;
  PlateStack plates_;
  RoomLook look_;
  LifterBuild build_;
  std::vector<std::unique_ptr<Layer>> room_;  // one a sub-ray: colour and depth of what stands still
  cv::Mat still_;

  void renderBand(const Solids* solids, const Patch& band, cv::Mat& bgr) const;
  void addPasserBy(Solids& solids, double time_s) const;
  Vec3 towardCamera() const;  // level, along the room
};

}  // namespace mottix
