#include "core/measure/phases.h"

#include <gtest/gtest.h>

#include "tests/known_squat.h"

namespace mottix {
namespace {

// A bar alone on its way: heights and places along the floor at 30 pictures a second.
class BarWay {
 public:
  BarWay() : camera_(known::knownCamera()) {}
  void hold(double seconds) { go(x_m_, y_m_, seconds); }
  void go(double x_m, double y_m, double seconds) {
    const int steps = static_cast<int>(seconds * 30.0);
    for (int i = 1; i <= steps; ++i) {
      const double u = static_cast<double>(i) / steps, c = u * u * u * (10.0 + u * (-15.0 + 6.0 * u));
      put(x_m_ + c * (x_m - x_m_), y_m_ + c * (y_m - y_m_));
    }
    x_m_ = x_m;
    y_m_ = y_m;
  }
  MeasureInput input(Lift lift) {
    tracks_.width_px = 1280;
    tracks_.height_px = 720;
    return {&tracks_, lift, camera_, {}};
  }

 private:
  SideCamera camera_;
  ClipTracks tracks_;
  double x_m_ = 0.0, y_m_ = 0.0;

  void put(double x_m, double y_m) {
    const Vec2 origin = camera_.barBody(camera_.plate_px);
    BarSample s;
    s.p_px = camera_.toPicture(origin + Vec2(x_m, y_m), camera_.plate_lateral_m);
    s.sd_px = 0.2;
    s.radius_px = camera_.plate_radius_px;
    s.state = TrackState::kSeen;
    tracks_.bar.push_back(s);
    tracks_.time_s.push_back(static_cast<double>(tracks_.time_s.size()) / 30.0);
  }
};

std::vector<PhaseKind> kindsOf(const std::vector<Phase>& phases) {
  std::vector<PhaseKind> kinds;
  for (const Phase& p : phases) kinds.push_back(p.kind);
  return kinds;
}
void expectWhole(const std::vector<Phase>& phases, std::size_t frames) {
  ASSERT_FALSE(phases.empty());
  EXPECT_EQ(phases.front().first, 0u);
  EXPECT_EQ(phases.back().last, frames - 1);
  for (std::size_t i = 1; i < phases.size(); ++i) EXPECT_EQ(phases[i].first, phases[i - 1].last + 1);
}

TEST(Phases, OfASquatWithItsWayFromTheRackAndBack) {
  using enum PhaseKind;
  BarWay way;
  way.hold(0.5);
  way.go(0.0, 0.04, 0.6);  // out of the rack, and two steps back
  way.go(-0.35, 0.04, 1.2);
  way.hold(2.0);
  way.go(-0.35, -0.55, 1.4);
  way.go(-0.35, 0.04, 1.1);
  way.hold(1.5);
  way.go(-0.35, -0.55, 1.4);
  way.hold(0.6);
  way.go(-0.35, 0.04, 1.1);
  way.hold(1.5);
  way.go(0.0, 0.04, 1.2);
  way.go(0.0, 0.0, 0.5);
  const MeasureInput input = way.input(Lift::kSquat);
  const auto reps = *findReps(computeBarHeight(input), Lift::kSquat);
  ASSERT_EQ(reps.size(), 2u);
  const auto phases = findPhases(input, reps);
  expectWhole(phases, input.tracks->frameCount());
  EXPECT_EQ(kindsOf(phases), (std::vector{kTakingOut, kSettling, kDown, kTurn, kUp, kLockout, kDown, kTurn,
                                          kUp, kLockout, kPuttingBack}));
  EXPECT_EQ(phases[2].rep, 1);
  EXPECT_EQ(phases[7].rep, 2);
  EXPECT_NEAR(static_cast<double>(phases[7].last - phases[7].first), 18.0, 4.0);  // held for 0.6 s
}

TEST(Phases, OfAWayUpThatSticks) {
  using enum PhaseKind;
  BarWay way;
  way.hold(1.0);
  way.go(0.0, -0.4, 1.2);
  way.go(0.0, -0.22, 0.7);
  way.go(0.0, -0.18, 0.7);
  way.go(0.0, 0.0, 0.7);
  way.hold(1.0);
  const MeasureInput input = way.input(Lift::kBench);
  const auto phases = findPhases(input, *findReps(computeBarHeight(input), Lift::kBench));
  expectWhole(phases, input.tracks->frameCount());
  EXPECT_EQ(kindsOf(phases), (std::vector{kSettling, kDown, kTurn, kUp, kSticking, kUp, kLockout}));
}

TEST(Phases, OfADeadliftPassTheKnee) {
  using enum PhaseKind;
  BarWay way;
  way.hold(1.0);
  for (int rep = 0; rep < 2; ++rep) {
    way.go(0.0, 0.55, 1.2);
    way.hold(0.6);
    way.go(0.0, 0.0, 1.1);
    way.hold(1.3);
  }
  MeasureInput input = way.input(Lift::kDeadlift);
  ClipTracks tracks = *input.tracks;
  const Vec2 origin = input.camera.barBody(input.camera.plate_px);
  for (std::size_t f = 0; f < tracks.frameCount(); ++f) {
    JointSample knee;
    knee.p_px = input.camera.toPicture(origin + Vec2(0.0, 0.28), lateralPrior(Joint::kKnee).value);
    knee.sd_px = 1.0;
    knee.known = true;
    tracks.joints[indexOf(Joint::kKnee)].push_back(knee);
  }
  input.tracks = &tracks;
  const auto reps = *findReps(computeBarHeight(input), Lift::kDeadlift);
  const auto phases = findPhases(input, reps);
  expectWhole(phases, tracks.frameCount());
  EXPECT_EQ(kindsOf(phases), (std::vector{kSettling, kUp, kUpFromKnee, kLockout, kDown, kDownFromKnee, kReset,
                                          kUp, kUpFromKnee, kLockout, kDown, kDownFromKnee, kReset}));
  EXPECT_EQ(nameOf(kUpFromKnee), "up_from_knee");
}

TEST(Phases, OfAFilmWithoutARepIsOne) {
  BarWay way;
  way.hold(1.0);
  const MeasureInput input = way.input(Lift::kSquat);
  EXPECT_EQ(findPhases(input, {}).size(), 1u);
}

}  // namespace
}  // namespace mottix
