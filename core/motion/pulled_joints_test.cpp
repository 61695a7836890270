#include "core/motion/pulled_joints.h"

#include <cmath>
#include <numbers>

#include <gtest/gtest.h>

#include "tests/known_squat.h"

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;

// A lifter of known lengths who pulls with the feet under the hips: the set-up from its angles, the bar where
// arms and shins have it.
struct Puller {
  double height_m = 1.75, thigh_m = 0.43, shank_m = 0.43, trunk_m = 0.47, arm_m = 0.64;
  double shin_deg = 12.0, shoulder_ahead_m = 0.04;
  SideCamera camera = known::knownCamera();
  Vec2 ankle{-0.06, -0.80};
  Vec2 bar_low{0.02, -0.80 - 0.039 * 1.75 - 0.015 + 0.225};

  std::array<Vec2, kJointCount> feet() const {
    std::array<Vec2, kJointCount> at{};
    const double foot = 0.152 * height_m * std::cos(20.0 * kDeg);
    at[indexOf(Joint::kAnkle)] = ankle;
    at[indexOf(Joint::kHeel)] = ankle + Vec2(-0.24 * foot, -0.039 * height_m);
    at[indexOf(Joint::kToe)] = at[indexOf(Joint::kHeel)] + Vec2(foot, 0.0);
    return at;
  }
  std::array<Vec2, kJointCount> setUp() const {
    auto at = feet();
    const Vec2 knee = ankle + shank_m * Vec2(std::sin(shin_deg * kDeg), std::cos(shin_deg * kDeg));
    const Vec2 shoulder =
        bar_low + Vec2(shoulder_ahead_m, std::sqrt(arm_m * arm_m - shoulder_ahead_m * shoulder_ahead_m));
    const Vec2 line = shoulder - knee;
    const double span = line.norm();
    const double along = (thigh_m * thigh_m - trunk_m * trunk_m + span * span) / (2.0 * span),
                 aside = std::sqrt(thigh_m * thigh_m - along * along);
    at[indexOf(Joint::kKnee)] = knee;
    at[indexOf(Joint::kShoulder)] = shoulder;
    at[indexOf(Joint::kHip)] = knee + along * line / span + aside * Vec2(-line.y(), line.x()) / span;
    return at;
  }
  std::array<Vec2, kJointCount> lockOut() const {
    auto at = feet();
    at[indexOf(Joint::kKnee)] = ankle + Vec2(0.015, shank_m);
    at[indexOf(Joint::kHip)] = ankle + Vec2(0.0, shank_m + thigh_m);
    at[indexOf(Joint::kShoulder)] = at[indexOf(Joint::kHip)] + Vec2(0.0, trunk_m);
    at[indexOf(Joint::kEar)] = {ankle.x(), ankle.y() + (0.926 - 0.039) * height_m};
    return at;
  }
  Vec2 pictureOf(const std::array<Vec2, kJointCount>& at, Joint j, double z) const {
    return camera.toPicture(at[indexOf(j)], z);
  }

  // `feet_m`: how far from the mid-plane they stand. `size`: a network draws the body larger or smaller.
  SeenPull seen(double feet_m = 0.14, double size = 1.0) const {
    SeenPull out;
    const auto high = lockOut();
    const Vec2 shoulder = high[indexOf(Joint::kShoulder)];
    const double across = shoulder.x() - bar_low.x();
    const Vec2 bar_high(bar_low.x(), shoulder.y() - std::sqrt(arm_m * arm_m - across * across));
    for (std::size_t i = 0; i < 5; ++i) {
      SeenJoints s;
      s.frame = 140 + 4 * i;
      s.standing = true;
      s.bar_px = camera.toPicture(bar_high, camera.plate_lateral_m);
      for (const auto& [j, z] : {std::pair{Joint::kAnkle, feet_m},
                                 {Joint::kHeel, feet_m},
                                 {Joint::kToe, feet_m + 0.06},
                                 {Joint::kKnee, 0.12},
                                 {Joint::kShoulder, lateralPrior(Joint::kShoulder).value},
                                 {Joint::kEar, lateralPrior(Joint::kEar).value}}) {
        const bool on_shoe = j == Joint::kHeel || j == Joint::kToe;
        const Vec2 drawn = ankle + size * (high[indexOf(j)] - ankle);
        s.p_px[indexOf(j)] = camera.toPicture(drawn + Vec2(0.0, on_shoe ? 0.03 : 0.0), z);
      }
      out.lock_out.push_back(s);
    }
    out.set_up_frame = 88;
    out.set_up_bar_px = camera.toPicture(bar_low, camera.plate_lateral_m);
    return out;
  }
  // Of whom the outline of the set-up shows the hips.
  Vec2 hindmost(const Vec2& hip) const {
    return camera.toPicture(hip - Vec2(0.12, 0.0), lateralPrior(Joint::kHip).value);
  }
  double cmOff(const FoundJoints& found, const std::array<Vec2, kJointCount>& truth, Joint j,
               double z) const {
    return (*found.points.joints[indexOf(j)] - pictureOf(truth, j, z)).norm() * camera.mmPerPx(z) / 10.0;
  }
};

TEST(EstimatePulledJoints, TheSetUpFollowsFromLockOutAndTheBar) {
  const Puller lifter;
  SeenPull seen = lifter.seen();
  const auto low = lifter.setUp();
  seen.hindmost_px = lifter.hindmost(low[indexOf(Joint::kHip)]);
  const auto found = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_EQ(found->set_up.points.frame, 88u);
  EXPECT_EQ(found->lock_out.points.frame, 140u);
  for (const auto& [j, z] : {std::pair{Joint::kAnkle, 0.14},
                             {Joint::kKnee, 0.17},
                             {Joint::kHip, lateralPrior(Joint::kHip).value},
                             {Joint::kShoulder, lateralPrior(Joint::kShoulder).value}})
    EXPECT_LT(lifter.cmOff(found->set_up, low, j, z), 3.0) << nameOf(j) << ", of a body nobody has measured";
  for (const auto& [j, z] : {std::pair{Joint::kKnee, 0.12}, {Joint::kHip, lateralPrior(Joint::kHip).value}})
    EXPECT_LT(lifter.cmOff(found->lock_out, lifter.lockOut(), j, z), 4.0) << nameOf(j);
}

TEST(EstimatePulledJoints, TheOutlineTellsOfHipsThatAreElsewhere) {
  Puller lifter;
  lifter.shoulder_ahead_m = 0.10;  // leans far over the bar, hips high
  const auto low = lifter.setUp();
  SeenPull seen = lifter.seen();
  const double z = lateralPrior(Joint::kHip).value;
  const auto without = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  seen.hindmost_px = lifter.hindmost(low[indexOf(Joint::kHip)]);
  const auto with = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  ASSERT_TRUE(without && with);
  EXPECT_LT(lifter.cmOff(with->set_up, low, Joint::kHip, z),
            0.7 * lifter.cmOff(without->set_up, low, Joint::kHip, z));
  EXPECT_LT(with->set_up.spread.sd_px(Joint::kHip), without->set_up.spread.sd_px(Joint::kHip));
}

// The same from what a network reads of the folded lifter; what it reads of a single joint far off counts
// little.
TEST(EstimatePulledJoints, ReadingsOfTheFoldedLifterTellOfHips) {
  Puller lifter;
  lifter.shoulder_ahead_m = 0.10;
  const auto low = lifter.setUp();
  SeenPull seen = lifter.seen();
  const double z = lateralPrior(Joint::kHip).value;
  const auto without = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  for (std::size_t i = 0; i < 3; ++i) {
    SeenJoints s;
    s.frame = 88 + i;
    for (const Joint j : {Joint::kHip, Joint::kShoulder})
      s.p_px[indexOf(j)] = lifter.pictureOf(low, j, lateralPrior(j).value);
    seen.set_up.push_back(s);
  }
  const auto with = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  ASSERT_TRUE(without && with);
  for (const Joint j : {Joint::kHip, Joint::kShoulder})
    EXPECT_LT(lifter.cmOff(with->set_up, low, j, z), 3.0) << nameOf(j);
  EXPECT_LT(lifter.cmOff(with->set_up, low, Joint::kHip, z),
            0.7 * lifter.cmOff(without->set_up, low, Joint::kHip, z));
  EXPECT_LT(with->set_up.spread.sd_px(Joint::kHip), without->set_up.spread.sd_px(Joint::kHip));
  // Somebody else in one of the three pictures.
  *seen.set_up[1].p_px[indexOf(Joint::kHip)] += Vec2(300.0, 0.0);
  const auto passed = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  ASSERT_TRUE(passed);
  EXPECT_LT((*passed->set_up.points.joints[0] - *with->set_up.points.joints[0]).norm(), 1.0);
}

// A wide stance that nobody has named: as far as it may be one, the hips may be where it would have them.
TEST(EstimatePulledJoints, AnUnnamedStanceWidensTheStatedError) {
  const Puller lifter;
  SeenPull seen = lifter.seen(0.26);
  const auto unnamed = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  seen.wide_stance = true;
  const auto wide = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  ASSERT_TRUE(unnamed && wide);
  const Vec2 apart = *wide->set_up.points.joints[indexOf(Joint::kHip)] -
                     *unnamed->set_up.points.joints[indexOf(Joint::kHip)];
  const double px_per_m = 1000.0 / lifter.camera.mmPerPx(0.1);
  EXPECT_GT(apart.y(), 0.05 * px_per_m) << "hips lower, the trunk more upright";
  // Without the doubt the error would be that of the stated stance.
  EXPECT_GT(unnamed->set_up.spread.sd_px(Joint::kHip), wide->set_up.spread.sd_px(Joint::kHip));
}

// How far apart the two feet are seen tells the stance, though a network draws them nearer to each other.
TEST(EstimatePulledJoints, TheFarFootTellsAWideStance) {
  const Puller lifter;
  for (const bool wide : {false, true}) {
    const double feet_m = wide ? 0.36 : 0.14, toe_m = wide ? 0.47 : 0.20;
    SeenPull seen = lifter.seen(0.26);  // the near foot alone leaves it open
    const auto open = estimatePulledJoints(seen, lifter.camera, std::nullopt);
    for (SeenJoints& s : seen.lock_out) {
      const Vec2 near = lifter.pictureOf(lifter.feet(), Joint::kToe, toe_m),
                 far = lifter.pictureOf(lifter.feet(), Joint::kToe, -toe_m);
      s.far_px[indexOf(Joint::kToe)] = Vec2(*s.p_px[indexOf(Joint::kToe)] + 0.4 * (far - near));
    }
    const auto told = estimatePulledJoints(seen, lifter.camera, std::nullopt);
    seen.wide_stance = true;
    const auto said = estimatePulledJoints(seen, lifter.camera, std::nullopt);
    ASSERT_TRUE(open && told && said) << feet_m;
    const Vec2 apart =
        *told->set_up.points.joints[indexOf(Joint::kHip)] - *said->set_up.points.joints[indexOf(Joint::kHip)];
    EXPECT_EQ(apart.norm() < 1.0, wide);
    EXPECT_TRUE(wide || told->set_up.spread.sd_px(Joint::kHip) < open->set_up.spread.sd_px(Joint::kHip));
  }
}

// A network that draws a dwarf: arms, lengths and the bar's height at lock-out know better.
TEST(EstimatePulledJoints, ABodyDrawnTooSmallIsNotBelievedWhole) {
  const Puller lifter;
  const double z = lateralPrior(Joint::kShoulder).value;
  const auto found = estimatePulledJoints(lifter.seen(0.14, 0.9), lifter.camera, std::nullopt);
  ASSERT_TRUE(found);
  const double drawn_off_cm = 0.1 * 100.0 * (lifter.lockOut()[indexOf(Joint::kShoulder)] - lifter.ankle).y();
  EXPECT_LT(lifter.cmOff(found->lock_out, lifter.lockOut(), Joint::kShoulder, z), 0.6 * drawn_off_cm);
}

TEST(EstimatePulledJoints, ABarOnBlocksTellsNothingOfTheFloor) {
  Puller lifter;
  lifter.bar_low.y() += 0.15;
  const auto found = estimatePulledJoints(lifter.seen(), lifter.camera, std::nullopt);
  ASSERT_TRUE(found);
  EXPECT_LT(lifter.cmOff(found->lock_out, lifter.lockOut(), Joint::kAnkle, 0.14), 3.0);
}

TEST(EstimatePulledJoints, TooFewPicturesAreSaid) {
  const Puller lifter;
  SeenPull seen = lifter.seen();
  for (SeenJoints& s : seen.lock_out) s.p_px[indexOf(Joint::kAnkle)].reset();
  auto found = estimatePulledJoints(seen, lifter.camera, std::nullopt);
  ASSERT_FALSE(found);
  EXPECT_EQ(found.error().remedy, Remedy::kMarkByHand);
  seen = lifter.seen();
  seen.lock_out.resize(2);
  EXPECT_FALSE(estimatePulledJoints(seen, lifter.camera, std::nullopt));
}

}  // namespace
}  // namespace mottix
