#include "core/motion/phase_match.h"

#include <cmath>

#include <gtest/gtest.h>

#include "tests/known_set.h"

namespace mottix {
namespace {

struct Filmed {
  BarHeight bar;
  SplineFit height;
  std::vector<Rep> reps;
  RepOfFilm rep(std::size_t i) const { return {&bar.time_s, &height.at, reps[i]}; }
};

// Two squats, the second slower and held at the bottom.
Filmed film(double fps) {
  known::BarScript script(1.4);
  script.hold(1.0);
  script.go(0.8, 1.0);
  script.go(1.4, 0.9);
  script.hold(1.2);
  script.go(0.78, 2.0);
  script.hold(0.8);
  script.go(1.4, 1.7);
  script.hold(1.0);
  Filmed out;
  for (double t = 0.0; t < script.now_s(); t += 1.0 / fps) {
    out.bar.time_s.push_back(t);
    out.bar.height_m.push_back(script.at(t));
    out.bar.sd_m.push_back(0.001);
  }
  out.height = smoothSpline(out.bar.time_s, out.bar.height_m, out.bar.sd_m);
  out.reps = *findReps(out.bar, Lift::kSquat);
  return out;
}

TEST(MatchedFrame, GoesByHeightAndNotByTheClock) {
  const Filmed a = film(30.0), b = film(60.0);
  ASSERT_EQ(a.reps.size(), 2u);
  ASSERT_EQ(b.reps.size(), 2u);
  const RepOfFilm fast = a.rep(0), slow = b.rep(1);
  auto share = [](const RepOfFilm& r, std::size_t f, bool up) {
    const std::size_t low = r.rep.turn_frame, top = up ? r.rep.end_frame : r.rep.start_frame;
    return ((*r.height)[f].value.value - (*r.height)[low].value.value) /
           ((*r.height)[top].value.value - (*r.height)[low].value.value);
  };
  for (std::size_t f = fast.rep.start_frame + 3; f + 3 < fast.rep.end_frame; ++f) {
    const std::size_t m = matchedFrame(fast, f, slow);
    const bool up = f > fast.rep.leave_frame;
    EXPECT_NEAR(share(slow, m, up), share(fast, f, up), 0.03) << f;
    EXPECT_EQ(m > slow.rep.leave_frame, up) << f;
  }
  EXPECT_EQ(matchedFrame(fast, fast.rep.turn_frame, slow), slow.rep.turn_frame);
}

TEST(MatchedFrame, GoesByTimeInAHoldAndOutsideAndStaysInTheFilm) {
  const Filmed a = film(30.0);
  const RepOfFilm first = a.rep(0), held = a.rep(1);
  const std::size_t middle = (held.rep.turn_frame + held.rep.leave_frame) / 2;
  EXPECT_EQ(matchedFrame(held, middle, first), first.rep.turn_frame);
  EXPECT_NEAR(static_cast<double>(matchedFrame(held, middle, held)), static_cast<double>(middle), 1.0);
  EXPECT_EQ(matchedFrame(first, first.rep.start_frame - 6, held), held.rep.start_frame - 6);
  EXPECT_EQ(matchedFrame(first, a.bar.time_s.size() - 1, held), a.bar.time_s.size() - 1);
  EXPECT_EQ(matchedFrame(held, 0, first), 0u);
}

}  // namespace
}  // namespace mottix
