#include "vision/bar_axis.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

#include <gtest/gtest.h>
#include <Eigen/Geometry>

namespace mottix {
namespace {

using Vec3 = Eigen::Vector3d;

constexpr double kFocal_px = 1060.0, kPlate_m = 0.225;
const Vec2 kMiddle(640, 360);

Vec2 seen(const Vec3& p) {
  return kMiddle + kFocal_px * p.head<2>() / p.z();
}

struct Bar {
  double yaw_deg = 9.0, pitch_deg = 2.0, thick_m = 0.0;
  Vec3 away() const {
    constexpr double kDeg = std::numbers::pi / 180.0;
    return Vec3(std::tan(yaw_deg * kDeg), std::tan(pitch_deg * kDeg), 1.0).normalized();
  }
  Vec2 vanishing() const { return seen(away()); }
  // The outline of a stack of discs whose face has its middle at `face`: projected point by point.
  OutlineInFrame outlineAt(const Vec3& face) const {
    const Vec3 e1 = away().cross(Vec3(0, 1, 0)).normalized(), e2 = away().cross(e1);
    OutlineInFrame o;
    o.centre_px = seen(face) + Vec2(0.8, -0.6);  // as good as a first fit
    std::vector<Vec2> rims;
    for (const double depth : {0.0, thick_m})
      for (int k = 0; k < 2880; ++k) {
        const double a = 2.0 * std::numbers::pi * k / 2880.0;
        rims.push_back(seen(face + depth * away() + kPlate_m * (std::cos(a) * e1 + std::sin(a) * e2)) -
                       o.centre_px);
      }
    double sum = 0.0;
    for (int i = 0; i < kOutlineRays; ++i) {
      const Vec2 u = rayDirection(i), across(-u.y(), u.x());
      double reach = 0.0;
      for (const Vec2& p : rims)
        if (std::abs(p.dot(across)) < 0.15) reach = std::max(reach, p.dot(u));
      o.edge_px[static_cast<std::size_t>(i)] = static_cast<float>(reach);
      sum += reach;
    }
    o.radius_px = sum / kOutlineRays;
    return o;
  }
};

class DiscsInPerspective : public testing::TestWithParam<double> {};
INSTANTIATE_TEST_SUITE_P(ThinAndThick, DiscsInPerspective, testing::Values(0.0, 0.09));

// Far from where the bar points, a disc's outline is an ellipse and a stack's shows its wall; the face's
// middle and size come back all the same, on the floor as overhead.
TEST_P(DiscsInPerspective, GiveTheFacesMiddleAndSizeBackAtEveryHeight) {
  Bar bar;
  bar.thick_m = GetParam();
  std::vector<OutlineInFrame> outlines;
  std::vector<Vec3> faces;
  for (int i = 0; i < 24; ++i) {
    faces.emplace_back(-0.1, 0.75 - 0.05 * i, 3.3);
    outlines.push_back(bar.outlineAt(faces.back()));
  }
  const auto axis =
      estimateBarAxis(outlines, kMiddle, kFocal_px, kPlate_m, VanishingPoint{bar.vanishing(), {3, 3}});
  ASSERT_TRUE(axis);
  EXPECT_NEAR(axis->depth_ratio, bar.thick_m / (3.3 + bar.thick_m), 0.002);
  BarAxis unrounded = *axis;  // these rims have no rounded edge, for which the estimate allows a centimetre
  unrounded.rim_ratio = unrounded.rim_half = 0.0;
  for (std::size_t i = 0; i < faces.size(); ++i) {
    const FaceCentre face = estimateFaceCentre(outlines[i], unrounded);
    EXPECT_LT((face.centre_px - seen(faces[i])).norm(), 0.15) << i;
    EXPECT_NEAR(face.radius_px / (kFocal_px * kPlate_m / faces[i].z()), 1.0, 0.004) << i;
  }
}

TEST(EstimateParallax, GivesBackWhatItWasMadeFromAndNothingForAStandingBar) {
  const Vec2 vanishing(590, 340);
  std::vector<Vec2> middle, offset;
  for (int i = 0; i < 12; ++i) {
    middle.emplace_back(640, 200 + 20 * i);
    offset.push_back(-0.13 * (vanishing - middle.back()) +
                     (i == 5 ? Vec2(9, -7) : Vec2(0, 0)));  // one is wrong
  }
  const auto found = estimateParallax(middle, offset);
  ASSERT_TRUE(found);
  EXPECT_NEAR(found->nearer.value, 0.13, 0.002);
  EXPECT_LT((found->vanishing.p_px - vanishing).norm(), 6.0);
  const std::vector<Vec2> still(12, Vec2(640, 400)), same(12, Vec2(8, 4));
  EXPECT_FALSE(estimateParallax(still, same));
  EXPECT_FALSE(estimateParallax({middle.begin(), middle.begin() + 7}, {offset.begin(), offset.begin() + 7}));
}

}  // namespace
}  // namespace mottix
