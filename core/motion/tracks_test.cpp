#include "core/motion/tracks.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(UsualRate, IsNotMovedByADroppedPicture) {
  EXPECT_NEAR(usualRate({0.0, 0.04, 0.08, 0.16, 0.20}), 25.0, 1e-9);
  EXPECT_EQ(usualRate({}), 0.0);
  EXPECT_EQ(usualRate({1.0}), 0.0);
  EXPECT_EQ(usualRate({1.0, 1.0, 1.0}), 0.0);
}

TEST(PlayAsLived, SlowMotionIsQuickenedAndNothingElse) {
  std::vector<double> time_s = {0.0, 1.0 / 30, 2.0 / 30};
  playAsLived(time_s, 240.0);
  EXPECT_NEAR(time_s[2], 2.0 / 240, 1e-12);
  playAsLived(time_s, 240.0);
  EXPECT_NEAR(time_s[2], 2.0 / 240, 1e-12) << "as fast already";
  playAsLived(time_s, 0.0);
  playAsLived(time_s, 30.0);
  EXPECT_NEAR(time_s[2], 2.0 / 240, 1e-12);
}

TEST(NearestFrame, StaysInTheFilm) {
  const std::vector<double> time = {0.0, 0.1, 0.2, 0.5};
  EXPECT_EQ(nearestFrame(time, -3.0), 0u);
  EXPECT_EQ(nearestFrame(time, 0.04), 0u);
  EXPECT_EQ(nearestFrame(time, 0.16), 2u);
  EXPECT_EQ(nearestFrame(time, 0.34), 2u);
  EXPECT_EQ(nearestFrame(time, 0.36), 3u);
  EXPECT_EQ(nearestFrame(time, 9.0), 3u);
}

}  // namespace
}  // namespace mottix
