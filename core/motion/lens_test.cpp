#include "core/motion/lens.h"

#include <cmath>

#include <gtest/gtest.h>

#include "core/motion/side_camera.h"
#include "core/verdict/analysis.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

constexpr double kFocal = 1100.8;  // as assumed of a picture 1280 wide
const Vec2 kMiddle(640.0, 360.0);

Vec2 bent(const Vec2& p, double k1) {
  const Vec2 d = (p - kMiddle) / kFocal;
  return kMiddle + kFocal * (1.0 + k1 * d.squaredNorm()) * d;
}

TEST(Lens, StraightensWhatItBent) {
  for (const double k1 : {-0.12, -0.04, 0.0, 0.05})
    for (const Vec2& p : {Vec2(640.0, 360.0), Vec2(100.0, 80.0), Vec2(1200.0, 300.0), Vec2(645.0, 700.0)})
      EXPECT_LT((straightened(bent(p, k1), k1, kMiddle, kFocal) - p).norm(), 1e-6) << k1;
}

// A circle off the middle comes out about as large as it would have been seen.
TEST(Lens, PlatesGetTheSizeThatAStraightLensShows) {
  ClipTracks tracks;
  tracks.width_px = 1280;
  tracks.height_px = 720;
  tracks.lens_k1 = Estimate{-0.1, 0.01};
  const Vec2 at(1000.0, 200.0);
  const double radius = 60.0;
  double area = 0.0;  // of the bent circle
  constexpr int kCorners = 360;
  for (int i = 0; i < kCorners; ++i) {
    auto corner = [&](int k) {
      const double phi = 2.0 * std::acos(-1.0) * k / kCorners;
      return bent(at + radius * Vec2(std::cos(phi), std::sin(phi)), -0.1);
    };
    const Vec2 a = corner(i), b = corner(i + 1);
    area += 0.5 * (a.x() * b.y() - b.x() * a.y());
  }
  tracks.bar = {{bent(at, -0.1), 0.5, std::sqrt(area / std::acos(-1.0)), TrackState::kSeen}};
  const ClipTracks straight = straightened(tracks);
  EXPECT_LT((straight.bar[0].p_px - at).norm(), 1e-6);
  EXPECT_NEAR(straight.bar[0].radius_px, radius, 0.3);
  EXPECT_GT(lensScaleSd(tracks, at), lensScaleSd(tracks, kMiddle));
  tracks.lens_k1.reset();
  EXPECT_EQ(straightened(tracks).bar[0].p_px, tracks.bar[0].p_px);
  EXPECT_EQ(lensScaleSd(tracks, at), 0.0);
}

TEST(Lens, MeasuresAreThoseOfAStraightLens) {
  known::KnownSquat plan;
  const auto clip = known::film(plan);
  constexpr double kK1 = -0.15;
  ClipTracks seen = clip.tracks;
  for (JointTrack& track : seen.joints)
    for (JointSample& s : track) s.p_px = bent(s.p_px, kK1);
  for (BarSample& s : seen.bar) s.p_px = bent(s.p_px, kK1);
  ClipTracks told = seen;
  told.lens_k1 = Estimate{kK1, 0.01};
  const ClipTracks straight = straightened(told);
  for (std::size_t i = 0; i < seen.bar.size(); ++i)  // a plate as large as that lens shows it
    seen.bar[i].radius_px = told.bar[i].radius_px *= told.bar[i].radius_px / straight.bar[i].radius_px;
  const auto truth = analyse(clip.tracks, std::nullopt, {}, builtInRuleBook()),
             as_seen = analyse(seen, std::nullopt, {}, builtInRuleBook()),
             a = analyse(told, std::nullopt, {}, builtInRuleBook());
  ASSERT_TRUE(truth && as_seen && a);
  auto off = [&](const Analysis& what) {
    double sum = 0.0;
    for (const Measure& m : truth->measures)
      if (const Measure* there = findMeasure(what.measures, m.id, m.rep);
          there != nullptr && m.value.sd > 0.0)
        sum += std::abs(there->value.value - m.value.value) / m.value.sd;
    return sum;
  };
  EXPECT_LT(off(*a), 0.2 * off(*as_seen));
  EXPECT_EQ(a->lens_k1->value, kK1);
  EXPECT_NE(std::find(a->warnings.begin(), a->warnings.end(), Warning::kLensBends), a->warnings.end());
}

}  // namespace
}  // namespace mottix
