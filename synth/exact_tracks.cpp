#include "synth/exact_tracks.h"

namespace mottix {
namespace {

// What careful tracking and a careful hand come to at 1280 pixels.
constexpr double kBarSd_px = 0.25, kJointSd_px = 1.0, kUsualWidth_px = 1280.0;

}  // namespace

ExactClip exactTracks(const FilmPlan& plan) {
  const auto motion = motionOf(plan);
  const PinholeCamera camera = cameraOf(plan);
  PlateStack plates = platesFor(plan.load_kg, plan.seed);
  plates.dumbbell_m = 0.001 * plan.dumbbell_mm;
  const double per_width = plan.width_px / kUsualWidth_px;
  const bool across = plan.view != View::kSide;

  ExactClip clip;
  ClipTracks& t = clip.tracks;
  t.width_px = plan.width_px;
  t.height_px = plan.height_px;
  t.time_s = filmTimes(plan, motion->duration_s());
  for (const double at_s : t.time_s) {
    const LiftPose pose = motion->at(at_s);
    const Side& near = plan.from_right ? pose.right : pose.left;
    const double face_m = plates.followedFace_m(std::abs(near.joint[indexOf(Joint::kWrist)].z()));
    const auto plate = [&](double z) {
      const Vec3 middle(pose.bar.x(), pose.bar.y() + pose.bar_slope * z, z);
      return BarSample{camera.toPicture(middle), per_width * kBarSd_px,
                       camera.focal_px * plates.followedRadius_m() / camera.toCamera(middle).z(),
                       TrackState::kSeen};
    };
    const auto put = [&](Joint joint, const Vec3& at_m) {
      t.joints[indexOf(joint)].push_back({camera.toPicture(at_m), per_width * kJointSd_px, true});
    };
    // The picture's left: filmed from the front that is the lifter's right.
    const bool right_first = plan.view == View::kFront;
    for (std::size_t j = 0; j < kSideJointCount; ++j) {
      const auto joint = static_cast<Joint>(j);
      if (!across) {
        put(joint, near.joint[j]);
      } else {
        put(joint, (right_first ? pose.right : pose.left).joint[j]);
        put(onRight(joint), (right_first ? pose.left : pose.right).joint[j]);
      }
    }
    if (across) {
      for (std::size_t e = 0; e < 2; ++e)
        t.ends[e].push_back(plate((e == 0) == right_first ? face_m : -face_m));
    } else {
      put(Joint::kPelvis, pelvisOf(pose));
      put(Joint::kMidBack, backMiddleOf(pose));
      t.bar.push_back(plate(plan.from_right ? face_m : -face_m));
    }
  }
  if (across) {
    t.bar = middleOf(t.ends);
  } else {
    const Vec3 along = camera.world_to_cam * Vec3::UnitZ();
    AxisSeen axis;
    axis.vanishing_px = Vec2(0.5 * plan.width_px + camera.focal_px * along.x() / along.z(),
                             0.5 * plan.height_px + camera.focal_px * along.y() / along.z());
    axis.vanishing_sd_px = Vec2::Constant(per_width);
    clip.axis = axis;
  }
  return clip;
}

}  // namespace mottix
