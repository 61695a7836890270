#include "core/motion/lying_joints.h"

#include <cmath>
#include <functional>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

#include "core/motion/seen_body.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

constexpr std::array kLimbJoints = {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder};

// A lifter of usual lengths on a bench of 43 cm, feet flat beside it, filmed from the side.
struct Lier {
  double height_m = 1.78, foot_out_m = 0.27, knee_out_m = 0.34;
  SideCamera camera = known::knownCamera();
  double floor_m = -0.9;

  double length(Segment s) const { return usualShare(s).value * height_m; }
  double outOf(Joint j) const {
    return j == Joint::kKnee                                             ? knee_out_m
           : j == Joint::kAnkle || j == Joint::kHeel || j == Joint::kToe ? foot_out_m
                                                                         : lateralPrior(j).value;
  }
  Vec2 at(Joint j) const {
    const Vec2 hip(0.0, floor_m + 0.53);
    const double thigh =
        std::sqrt(std::pow(length(Segment::kThigh), 2) - std::pow(outOf(Joint::kKnee) - 0.09, 2));
    const Vec2 ankle(0.0, floor_m + 0.015 + kAnkleOfHeight * height_m);
    // The knee where thigh and shank meet, over a foot that stands a little before it.
    const double shank =
        std::sqrt(std::pow(length(Segment::kShank), 2) - std::pow(knee_out_m - foot_out_m, 2));
    const double up = ankle.y() + shank * std::cos(0.05) - hip.y();
    const Vec2 knee = hip + Vec2(std::sqrt(thigh * thigh - up * up), up);
    const Vec2 foot(knee.x() + shank * std::sin(0.05), ankle.y());
    const double sole = 0.152 * height_m * std::cos(20.0 * std::numbers::pi / 180.0);
    const Vec2 heel = foot + Vec2(-kAnkleOfFoot * sole, -kAnkleOfHeight * height_m);
    const double lift = 0.02;
    switch (j) {
      case Joint::kHip:
        return hip;
      case Joint::kKnee:
        return knee;
      case Joint::kHeel:
        return heel;
      case Joint::kToe:
        return heel + Vec2(sole, 0.0);
      case Joint::kShoulder:
        return hip + Vec2(-std::sqrt(std::pow(length(Segment::kTrunk), 2) - lift * lift), lift);
      default:
        return foot;
    }
  }
  Vec2 px(Joint j) const { return camera.toPicture(at(j), outOf(j)); }

  // As a network reads it: what it is usually off by (parts of the height), and `more_m`.
  using More = std::function<Vec2(Joint)>;
  std::vector<SeenJoints> seen(const More& more_m = [](Joint) { return Vec2(0.0, 0.0); }) const {
    std::vector<SeenJoints> out;
    for (std::size_t i = 0; i < 6; ++i) {
      SeenJoints s;
      s.frame = 20 + 9 * i;
      s.standing = true;
      for (const Joint j : kLimbJoints) {
        const Vec2 usual = j == Joint::kHip        ? Vec2(0.013, 0.0)
                           : j == Joint::kShoulder ? Vec2(-0.014, 0.016)
                                                   : Vec2(0.0, 0.0);
        s.p_px[indexOf(j)] = camera.toPicture(at(j) + height_m * usual + more_m(j), outOf(j));
      }
      out.push_back(s);
    }
    return out;
  }
  // Where the outline of usual limbs is met, and by how much `thicker_m` each is.
  SeenOutline outline(const std::array<double, kOutlineCount>& thicker_m = {}) const {
    const Vec2 hip = at(Joint::kHip), knee = at(Joint::kKnee), foot = at(Joint::kAnkle);
    const Vec2 thigh = (knee - hip).normalized(), shin = (foot - knee).normalized();
    const Vec2 under(thigh.y(), -thigh.x()), before(-shin.y(), shin.x()), down(0.0, -1.0);
    auto part = [](double a, double b, double share) { return a + share * (b - a); };
    struct Edge {
      Vec2 on, way;
      double away, out;
    };
    const double hip_out = outOf(Joint::kHip);
    const std::array<Edge, kOutlineCount> edges = {
        Edge{hip, down, 0.052, hip_out},
        {hip + 0.3 * (knee - hip), under, 0.050, part(hip_out, knee_out_m, 0.3)},
        {hip + 0.65 * (knee - hip), under, 0.041, part(hip_out, knee_out_m, 0.65)},
        {knee + 0.25 * (foot - knee), before, 0.026, part(knee_out_m, foot_out_m, 0.25)},
        {knee + 0.75 * (foot - knee), before, 0.022, part(knee_out_m, foot_out_m, 0.75)},
        {foot, down, kAnkleOfHeight + 0.009, foot_out_m}};
    SeenOutline seen;
    for (std::size_t i = 0; i < kOutlineCount; ++i) {
      const Edge& e = edges[i];
      seen[i] = camera.toPicture(e.on + (e.away * height_m + thicker_m[i]) * e.way, e.out);
    }
    return seen;
  }
  PlacedPoints points() const {
    PlacedPoints out;
    for (const Joint j : kLimbJoints) out.joints[indexOf(j)] = px(j);
    return out;
  }
  double cmOff(const FoundJoints& found, Joint j) const {
    return (*found.points.joints[indexOf(j)] - px(j)).norm() * camera.mmPerPx(outOf(j)) / 10.0;
  }
};

TEST(EstimateLyingJoints, ABodyNobodyHasMeasuredIsFoundWhereItLies) {
  const Lier lifter;
  const auto found = estimateLyingJoints(lifter.seen(), {}, lifter.camera, std::nullopt);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_EQ(found->points.frame, 20u);
  for (const Joint j : kLimbJoints) EXPECT_LT(lifter.cmOff(*found, j), 1.5) << nameOf(j);
  // Feet that nobody reads are where a foot must be.
  EXPECT_LT(lifter.cmOff(*found, Joint::kHeel), 4.0);
}

// Hips read too high and knees too low make a thigh that is too short and hips that float over the bench.
TEST(EstimateLyingJoints, LengthsBenchAndFloorPutRightWhatIsReadWrong) {
  const Lier lifter;
  const auto wrong = [](Joint j) {
    return j == Joint::kHip ? Vec2(0.01, 0.04) : j == Joint::kKnee ? Vec2(-0.03, -0.02) : Vec2(0.0, 0.0);
  };
  const auto seen = lifter.seen(wrong);
  const auto read = mostlyLyingJoints(seen, 600.0);
  const auto solved = estimateLyingJoints(seen, {}, lifter.camera, std::nullopt);
  ASSERT_TRUE(read && solved);
  auto bendOff = [&](const FoundJoints& found) {
    auto bend = [&](const std::function<Vec2(Joint)>& p) {
      const Vec2 shank = p(Joint::kAnkle) - p(Joint::kKnee), thigh = p(Joint::kHip) - p(Joint::kKnee);
      return std::atan2(shank.x() * thigh.y() - shank.y() * thigh.x(), shank.dot(thigh)) * 180.0 /
             std::numbers::pi;
    };
    return std::abs(bend([&](Joint j) { return *found.points.joints[indexOf(j)]; }) -
                    bend([&](Joint j) { return lifter.px(j); }));
  };
  EXPECT_GT(bendOff(*read), 8.0);
  EXPECT_LT(bendOff(*solved), 0.7 * bendOff(*read));
}

// The outline shows which way a thigh goes whose ends are read wrong.
TEST(EstimateLyingJoints, TheOutlinePutsRightWhatIsReadWrong) {
  const Lier lifter;
  const auto wrong = [](Joint j) {
    return j == Joint::kHip ? Vec2(0.0, 0.035) : j == Joint::kKnee ? Vec2(0.0, -0.025) : Vec2(0.0, 0.0);
  };
  auto thighOff = [&](const SeenOutline& outline) {
    const auto found = estimateLyingJoints(lifter.seen(wrong), outline, lifter.camera, std::nullopt);
    auto slope = [](const Vec2& hip, const Vec2& knee) {
      return std::atan2(knee.y() - hip.y(), knee.x() - hip.x());
    };
    return std::abs(slope(*found->points.joints[indexOf(Joint::kHip)],
                          *found->points.joints[indexOf(Joint::kKnee)]) -
                    slope(lifter.px(Joint::kHip), lifter.px(Joint::kKnee))) *
           180.0 / std::numbers::pi;
  };
  EXPECT_GT(thighOff({}), 4.0);
  EXPECT_LT(thighOff(lifter.outline()), 0.7 * thighOff({}));
}

// Another leg before the shin, or a thing under the thigh, is no limb of twice the thickness.
TEST(EstimateLyingJoints, AnOutlineOfSomethingElseDoesNotCarryThemAway) {
  const Lier lifter;
  const auto found = estimateLyingJoints(lifter.seen(), lifter.outline({0.0, 0.0, 0.0, 0.09, 0.12, 0.0}),
                                         lifter.camera, std::nullopt);
  ASSERT_TRUE(found);
  for (const Joint j : kLimbJoints) EXPECT_LT(lifter.cmOff(*found, j), 2.0) << nameOf(j);
}

// Down from hip, thigh and foot, and out before the shin, whichever way the lifter lies.
TEST(OutlineRay, GoesOutOfTheLimb) {
  const Lier lifter;
  PlacedPoints points = lifter.points();
  for (const double way : {1.0, -1.0}) {
    for (std::size_t i = 0; i < kOutlineCount; ++i) {
      const auto which = static_cast<Outline>(i);
      const OutlineRay ray = outlineRay(which, points);
      EXPECT_NEAR(ray.way_px.norm(), 1.0, 1e-12);
      const bool shin = which == Outline::kBeforeShin || which == Outline::kBeforeShinFurther;
      EXPECT_GT(shin ? way * ray.way_px.x() : ray.way_px.y(), 0.9) << i;
    }
    const Vec2 hip = *points.joints[indexOf(Joint::kHip)], knee = *points.joints[indexOf(Joint::kKnee)];
    EXPECT_NEAR((outlineRay(Outline::kUnderHip, points).from_px - hip).norm(), 0.0, 1e-9);
    EXPECT_NEAR((outlineRay(Outline::kUnderThighFurther, points).from_px - hip).norm(),
                0.65 * (knee - hip).norm(), 1e-9);
    for (auto& p : points.joints)
      if (p) p->x() = 1280.0 - p->x();
  }
}

TEST(EstimateLyingJoints, StateTheErrorThatTheyHave) {
  int inside = 0, all = 0;
  for (unsigned seed = 1; seed <= 40; ++seed) {
    std::mt19937 draw(seed);
    std::normal_distribution<double> one;
    Lier lifter;
    lifter.height_m = 1.72 + 0.1 * one(draw);
    lifter.foot_out_m = 0.26 + 0.04 * one(draw);
    lifter.knee_out_m = lifter.foot_out_m + 0.07 + 0.03 * one(draw);
    std::array<Vec2, kJointCount> off;
    for (Vec2& v : off) v = 0.013 * lifter.height_m * Vec2(one(draw), one(draw));
    const auto seen = lifter.seen([&](Joint j) { return off[indexOf(j)]; });
    std::array<double, kOutlineCount> thicker{};
    if (seed % 2 == 0)
      for (double& m : thicker) m = 0.012 * one(draw);
    const SeenOutline outline = seed % 2 == 0 ? lifter.outline(thicker) : SeenOutline{};
    const auto found = estimateLyingJoints(seen, outline, lifter.camera, std::nullopt);
    ASSERT_TRUE(found);
    for (const Joint j : kLimbJoints) {
      const Vec2 e = *found->points.joints[indexOf(j)] - lifter.px(j);
      for (const double part : {e.x(), e.y()}) {
        ++all;
        if (std::abs(part) <= found->spread.sd_px(j)) ++inside;
      }
    }
  }
  EXPECT_GE(inside, all * 60 / 100) << inside << " of " << all;
  EXPECT_LE(inside, all * 80 / 100) << inside << " of " << all;
}

TEST(EstimateLyingJoints, AJointThatIsSeldomSeenIsNamed) {
  const Lier lifter;
  auto seen = lifter.seen();
  for (std::size_t i = 0; i < 4; ++i) seen[i].p_px[indexOf(Joint::kAnkle)].reset();
  const auto found = estimateLyingJoints(seen, {}, lifter.camera, std::nullopt);
  ASSERT_FALSE(found);
  EXPECT_EQ(found.error().remedy, Remedy::kMarkByHand);
  EXPECT_NE(found.error().text.find("ankle"), std::string::npos);
  EXPECT_FALSE(estimateLyingJoints({}, {}, lifter.camera, std::nullopt));
}

}  // namespace
}  // namespace mottix
