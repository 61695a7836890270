#include "core/motion/seen_joints.h"

#include <cmath>
#include <functional>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

#include "tests/known_squat.h"

namespace mottix {
namespace {

constexpr std::array kJoints = {Joint::kHip,  Joint::kKnee, Joint::kAnkle,
                                Joint::kHeel, Joint::kToe,  Joint::kShoulder};

// A lifter of known lengths in some pictures, standing and bent: angles of shin, thigh and trunk from
// vertical.
struct Lifter {
  double thigh_m = 0.44, shank_m = 0.43, trunk_m = 0.47, foot_m = 0.26, height_m = 1.75;
  double bar_behind = 0.18;  // of the trunk
  SideCamera camera = known::knownCamera();

  std::array<Vec2, kJointCount> joints(double shin, double thigh, double lean) const {
    std::array<Vec2, kJointCount> at{};
    auto up = [](double angle, double length) {
      return Vec2(length * std::sin(angle), length * std::cos(angle));
    };
    const Vec2 ankle(-0.06, -1.30);
    // Seen from the side a segment is shorter by its way outward.
    auto seen = [](double length, double dz) { return std::sqrt(length * length - dz * dz); };
    const double ankle_z = lateralPrior(Joint::kAnkle).value, hip_z = lateralPrior(Joint::kHip).value;
    Vec2 knee = ankle + up(shin, shank_m), hip = knee + up(-thigh, thigh_m);
    for (int round = 0; round < 20; ++round) {
      const double knee_z = kneeLateral(ankle, knee, hip).value;
      knee = ankle + up(shin, seen(shank_m, knee_z - ankle_z));
      hip = knee + up(-thigh, seen(thigh_m, knee_z - hip_z));
    }
    at[indexOf(Joint::kAnkle)] = ankle;
    at[indexOf(Joint::kKnee)] = knee;
    at[indexOf(Joint::kHip)] = hip;
    at[indexOf(Joint::kShoulder)] = hip + up(lean, trunk_m);
    const double foot = foot_m * std::cos(std::numbers::pi / 6.0);
    at[indexOf(Joint::kHeel)] = ankle + Vec2(-0.24 * foot, -0.039 * height_m);
    at[indexOf(Joint::kToe)] = at[indexOf(Joint::kHeel)] + Vec2(foot, 0.0);
    return at;
  }

  // What a network would say, `off` added to every point.
  SeenJoints seen(std::size_t frame, bool standing, double shin, double thigh, double lean,
                  const std::function<Vec2(Joint)>& off) const {
    const auto at = joints(shin, thigh, lean);
    SeenJoints s;
    s.frame = frame;
    s.standing = standing;
    const Vec2 trunk = at[indexOf(Joint::kShoulder)] - at[indexOf(Joint::kHip)];
    const Vec2 bar = at[indexOf(Joint::kHip)] + 1.04 * trunk + bar_behind * Vec2(-trunk.y(), trunk.x());
    s.bar_px = camera.toPicture(bar, camera.plate_lateral_m);
    for (Joint j : kJoints) {
      if (j == Joint::kShoulder) continue;  // behind the plate
      const bool on_shoe = j == Joint::kHeel || j == Joint::kToe;
      s.p_px[indexOf(j)] = pictureOf(at, j, on_shoe ? 0.03 : 0.0) + off(j);
    }
    return s;
  }

  Vec2 pictureOf(const std::array<Vec2, kJointCount>& at, Joint j, double up_m = 0.0) const {
    const double z = j == Joint::kKnee ? kneeLateral(at[indexOf(Joint::kAnkle)], at[indexOf(Joint::kKnee)],
                                                     at[indexOf(Joint::kHip)])
                                             .value
                                       : lateralPrior(j).value;
    return camera.toPicture(at[indexOf(j)] + Vec2(0.0, up_m), z);
  }

  std::vector<SeenJoints> film(const std::function<Vec2(Joint)>& off) const {
    std::vector<SeenJoints> all;
    for (std::size_t i = 0; i < 6; ++i) all.push_back(seen(40 + 100 * i, true, 0.13, 0.02, 0.1, off));
    for (std::size_t i = 0; i < 4; ++i) all.push_back(seen(90 + 100 * i, false, 0.5, 1.5, 0.7, off));
    for (std::size_t i = 0; i < 4; ++i) all.push_back(seen(75 + 100 * i, false, 0.35, 0.9, 0.5, off));
    return all;
  }

  // The standing pictures read in squares that are turned by `wrong` more than the trunk: joints as they are
  // usually off there, the trunk as a network sees it.
  std::vector<SeenJoints> turned(double wrong) const {
    std::vector<SeenJoints> all = film([](Joint) { return Vec2(0.0, 0.0); });
    const auto at = joints(0.13, 0.02, 0.1);
    const Vec2 hip = at[indexOf(Joint::kHip)];
    auto px = [&](Joint j, const Vec2& m) { return camera.toPicture(m, lateralPrior(j).value); };
    auto shoulder = [&](double lean) {
      return px(Joint::kShoulder, hip + trunk_m * Vec2(std::sin(lean), std::cos(lean)));
    };
    const double read = 0.1 + 5.0 * std::numbers::pi / 180.0 + 0.6 * wrong;
    for (SeenJoints& s : all) {
      if (!s.standing) continue;
      for (const auto& [j, usual] : {std::pair{Joint::kKnee, Vec2(0.002, 0.010)},
                                     {Joint::kHip, Vec2(0.0, 0.023)},
                                     {Joint::kAnkle, Vec2(0.004, 0.020)},
                                     {Joint::kHeel, Vec2(0.016, 0.021)},
                                     {Joint::kToe, Vec2(-0.008, 0.038)}}) {
        std::array<Vec2, kJointCount> moved = at;
        moved[indexOf(j)] += height_m * usual;
        // Each on its own plane, which a knee that is read elsewhere does not change.
        const Vec2 on = pictureOf(at, j);
        s.p_px[indexOf(j)] = on + (px(j, moved[indexOf(j)]) - px(j, at[indexOf(j)]));
      }
      s.trunk = SeenTrunk{px(Joint::kHip, hip), shoulder(read), px(Joint::kHip, hip), shoulder(0.1 + wrong)};
    }
    return all;
  }

  std::optional<Body> body() const {
    BodyFacts facts;
    facts.height_m = height_m;
    for (auto [s, m] : {std::pair{Segment::kThigh, thigh_m},
                        {Segment::kShank, shank_m},
                        {Segment::kTrunk, trunk_m + kTrunkUnderBar * height_m},
                        {Segment::kFoot, foot_m}})
      facts.measured[indexOf(s)] = BodyLength{{m, 0.008}, LengthSource::kByHand};
    return estimateBody(facts);
  }
};

const auto kExact = [](Joint) { return Vec2(0.0, 0.0); };

TEST(EstimateJoints, OfAKnownBodySeenExactlyAreWhereTheyAre) {
  const Lifter lifter;
  const auto found = estimateJoints(lifter.film(kExact), lifter.camera, lifter.body());
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_EQ(found->points.frame, 40u) << "the first standing picture";
  const auto truth = lifter.joints(0.13, 0.02, 0.1);
  for (Joint j : kJoints)
    EXPECT_LT((*found->points.joints[indexOf(j)] - lifter.pictureOf(truth, j)).norm(), 10.0)
        << nameOf(j) << ": 2 % of the height, for a bar that is not quite over mid-foot";
}

// Networks err alike in all pictures, so one clip is one draw: over many clips the stated error must hold.
TEST(EstimateJoints, StateTheErrorThatTheyHave) {
  const Lifter lifter;
  const auto truth = lifter.joints(0.13, 0.02, 0.1);
  const double px_per_m = 1000.0 / lifter.camera.mmPerPx(0.0);
  std::mt19937 draw(5);
  std::normal_distribution<> normal;
  int inside = 0, all = 0;
  for (int clip = 0; clip < 24; ++clip) {
    std::array<Vec2, kJointCount> bias{};
    for (Joint j : kJoints)
      bias[indexOf(j)] = 0.7 * seenScatter(j) * lifter.height_m * px_per_m * Vec2(normal(draw), normal(draw));
    const auto found =
        estimateJoints(lifter.film([&](Joint j) { return bias[indexOf(j)]; }), lifter.camera, lifter.body());
    ASSERT_TRUE(found);
    for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle}) {
      const Vec2 e = *found->points.joints[indexOf(j)] - lifter.pictureOf(truth, j);
      for (double part : {e.x(), e.y()}) {
        ++all;
        if (std::abs(part) <= 1.645 * found->spread.sd_px(j)) ++inside;
      }
    }
  }
  EXPECT_GE(inside, all * 8 / 10) << inside << " of " << all;
}

TEST(EstimateJoints, ABadPictureOrTwoDoesNotCarryThemAway) {
  const Lifter lifter;
  auto film = lifter.film(kExact);
  // The other leg in one picture, nonsense in another.
  for (Joint j : {Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe})
    *film[7].p_px[indexOf(j)] += Vec2(-70.0, -40.0);
  *film[1].p_px[indexOf(Joint::kKnee)] += Vec2(90.0, 60.0);
  const auto good = estimateJoints(lifter.film(kExact), lifter.camera, lifter.body());
  const auto with = estimateJoints(film, lifter.camera, lifter.body());
  ASSERT_TRUE(good && with);
  for (Joint j : kJoints)
    EXPECT_LT((*with->points.joints[indexOf(j)] - *good->points.joints[indexOf(j)]).norm(),
              1.5 * with->spread.sd_px(j))
        << nameOf(j);
}

// A bar that lies farther back than bars usually do puts the shoulder, which it hides, too far back; how the
// trunk is seen to lean tells better, however the square was laid.
TEST(EstimateJoints, ATrunkSeenToLeanSaysWhereTheHiddenShoulderIs) {
  Lifter lifter;
  lifter.bar_behind = 0.27;
  const auto truth = lifter.joints(0.13, 0.02, 0.1);
  auto leanOff = [&](const std::vector<SeenJoints>& film) {
    const auto found = estimateJoints(film, lifter.camera, lifter.body());
    auto lean = [](const Vec2& hip, const Vec2& shoulder) {
      return std::atan2(shoulder.x() - hip.x(), hip.y() - shoulder.y());
    };
    const auto& p = found->points.joints;
    return std::abs(lean(*p[indexOf(Joint::kHip)], *p[indexOf(Joint::kShoulder)]) -
                    lean(lifter.pictureOf(truth, Joint::kHip), lifter.pictureOf(truth, Joint::kShoulder))) *
           180.0 / std::numbers::pi;
  };
  const double usual = leanOff(lifter.film(kExact));
  EXPECT_GT(usual, 3.0);
  for (const double wrong_deg : {-8.0, 0.0, 6.0})
    EXPECT_LT(leanOff(lifter.turned(wrong_deg * std::numbers::pi / 180.0)), 0.8 * usual) << wrong_deg;
}

// There the legs are read well enough to be taken almost as they are.
TEST(EstimateJoints, LegsReadInTurnedSquaresAreWhereTheyAre) {
  const Lifter lifter;
  const auto truth = lifter.joints(0.13, 0.02, 0.1);
  const auto found = estimateJoints(lifter.turned(0.0), lifter.camera, std::nullopt);
  ASSERT_TRUE(found);
  for (const Joint j : {Joint::kKnee, Joint::kAnkle, Joint::kHeel})
    EXPECT_LT((*found->points.joints[indexOf(j)] - lifter.pictureOf(truth, j)).norm(), 5.0) << nameOf(j);
}

TEST(EstimateJoints, WithoutABodyTheErrorIsLarger) {
  const Lifter lifter;
  const auto with = estimateJoints(lifter.film(kExact), lifter.camera, lifter.body());
  const auto without = estimateJoints(lifter.film(kExact), lifter.camera, std::nullopt);
  ASSERT_TRUE(with && without);
  EXPECT_GT(without->spread.sd_px(Joint::kHip), with->spread.sd_px(Joint::kHip));
}

TEST(EstimateJoints, TooFewPicturesOfTheLegsAreSaid) {
  const Lifter lifter;
  auto film = lifter.film(kExact);
  for (std::size_t i = 2; i < 6; ++i) film[i].p_px[indexOf(Joint::kAnkle)].reset();
  const auto found = estimateJoints(film, lifter.camera, std::nullopt);
  ASSERT_FALSE(found);
  EXPECT_EQ(found.error().remedy, Remedy::kMarkByHand);
  EXPECT_FALSE(estimateJoints({}, lifter.camera, std::nullopt));
}

TEST(FacingFromSeen, NeedsMostFeetToAgree) {
  const Lifter lifter;
  auto film = lifter.film(kExact);
  EXPECT_EQ(facingFromSeen(film), Facing::kRight);
  for (SeenJoints& s : film) std::swap(s.p_px[indexOf(Joint::kHeel)], s.p_px[indexOf(Joint::kToe)]);
  EXPECT_EQ(facingFromSeen(film), Facing::kLeft);
  for (std::size_t i = 0; i < film.size(); i += 2)
    std::swap(film[i].p_px[indexOf(Joint::kHeel)], film[i].p_px[indexOf(Joint::kToe)]);
  EXPECT_EQ(facingFromSeen(film), Facing::kUnknown);
  EXPECT_EQ(facingFromSeen({}), Facing::kUnknown);
}

}  // namespace
}  // namespace mottix
