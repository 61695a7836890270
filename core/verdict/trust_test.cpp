#include "core/verdict/trust.h"

#include <gtest/gtest.h>

#include "core/motion/rep_finder.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

struct Filmed {
  known::KnownClip clip = known::film({});
  SideCameraErrors errors;
  std::vector<Rep> reps;
  Filmed() {
    errors.roll_deg = errors.plate_radius_rel = errors.plate_lateral_m = 0.0;
    const MeasureInput input{&clip.tracks, Lift::kSquat, clip.camera, errors};
    reps = *findReps(computeBarHeight(input), Lift::kSquat, {});
  }
  Trust trust() const { return *findWeakestLink({&clip.tracks, Lift::kSquat, clip.camera, errors}, reps); }
  void placeJoints(double sd_px) {
    for (JointTrack& track : clip.tracks.joints)
      for (JointSample& s : track) s.sd_px = sd_px;
  }
};

TEST(FindWeakestLink, NamesWhatIsUncertain) {
  Filmed f;
  f.placeJoints(8.0);
  EXPECT_EQ(f.trust().weakest, TrustLink::kJoints);
  f.placeJoints(0.5);
  f.errors.vanishing_px = {5.0, 60.0};
  EXPECT_EQ(f.trust().weakest, TrustLink::kTurn);
  f.errors.vanishing_px = {1.0, 1.0};
  f.errors.roll_deg = 6.0;
  EXPECT_EQ(f.trust().weakest, TrustLink::kTilt);
}

TEST(FindWeakestLink, KnowingItWouldHelpAndNeverHurt) {
  Filmed f;
  f.placeJoints(1.0);
  f.errors.vanishing_px = {40.0, 40.0};
  f.errors.focal_px = 100.0;
  const Trust before = f.trust();
  EXPECT_LT(before.sd_if_known_cm, before.depth_cm.sd);
  EXPECT_GT(before.sd_if_known_cm, 0.0);
  // What is said to come true comes true when the link is mended.
  ASSERT_EQ(before.weakest, TrustLink::kTurn);
  f.errors.vanishing_px = Vec2::Zero();
  EXPECT_NEAR(f.trust().depth_cm.sd, before.sd_if_known_cm, 0.02 * before.sd_if_known_cm);
}

TEST(FindWeakestLink, NothingWithoutDepth) {
  Filmed f;
  EXPECT_FALSE(findWeakestLink({&f.clip.tracks, Lift::kSquat, f.clip.camera, f.errors}, {}));
  f.clip.tracks.joints[indexOf(Joint::kKnee)].clear();
  EXPECT_FALSE(findWeakestLink({&f.clip.tracks, Lift::kSquat, f.clip.camera, f.errors}, f.reps));
}

}  // namespace
}  // namespace mottix
