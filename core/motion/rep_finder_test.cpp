#include "core/motion/rep_finder.h"

#include <algorithm>
#include <limits>

#include <gtest/gtest.h>
#include <random>

#include "core/measure/measure_set.h"
#include "tests/known_set.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

BarHeight heightOf(const known::KnownClip& clip) {
  return computeBarHeight({&clip.tracks, Lift::kSquat, clip.camera, {}});
}

TEST(FindReps, CountsAndTimesAKnownSet) {
  known::KnownSquat plan;
  plan.reps = 5;
  plan.noise_px = 0.5;
  const auto clip = known::film(plan);
  const auto reps = findReps(heightOf(clip), Lift::kSquat);
  ASSERT_TRUE(reps);
  ASSERT_EQ(reps->size(), 5u);
  for (std::size_t r = 0; r < 5; ++r) {
    EXPECT_EQ((*reps)[r].number, static_cast<int>(r) + 1);
    EXPECT_NEAR((*reps)[r].turn_s.value, clip.turn_s[r], 1.0 / 30.0);
    EXPECT_NEAR((*reps)[r].start_s.value, clip.start_s[r], 5.0 / 30.0);
    EXPECT_NEAR((*reps)[r].end_s.value, clip.end_s[r], 5.0 / 30.0);
    EXPECT_GT((*reps)[r].turn_s.sd, 0.0);
  }
}

TEST(FindReps, WorksOnUnevenFrameTimes) {
  auto clip = known::film({});
  // Every fourth frame was dropped by the phone.
  BarHeight all = heightOf(clip), kept;
  for (std::size_t i = 0; i < all.time_s.size(); ++i) {
    if (i % 4 == 2) continue;
    kept.time_s.push_back(all.time_s[i]);
    kept.height_m.push_back(all.height_m[i]);
    kept.sd_m.push_back(all.sd_m[i]);
  }
  const auto reps = findReps(kept, Lift::kSquat);
  ASSERT_EQ(reps->size(), 3u);
  for (std::size_t r = 0; r < 3; ++r) EXPECT_NEAR((*reps)[r].turn_s.value, clip.turn_s[r], 0.04);
}

TEST(FindReps, ADeadliftTurnsAtTheTop) {
  const auto clip = known::film({});
  BarHeight h = heightOf(clip);
  for (double& y : h.height_m) y = -y;
  const auto reps = findReps(h, Lift::kDeadlift);
  ASSERT_EQ(reps->size(), 3u);
  EXPECT_NEAR((*reps)[1].turn_s.value, clip.turn_s[1], 0.04);
  // Upside down only the swings between are whole.
  const auto wrong = findReps(h, Lift::kSquat);
  EXPECT_EQ(std::count_if(wrong->begin(), wrong->end(), [](const Rep& r) { return r.whole(); }), 2);
}

TEST(PartsOfSets, ALongRestPartsTwoSetsAndAShortOneDoesNot) {
  std::vector<double> time_s;
  for (int i = 0; i < 2000; ++i) time_s.push_back(0.1 * i);
  auto rep = [](double from) {
    Rep r;
    r.start_s.value = from;
    r.end_s.value = from + 3.0;
    return r;
  };
  const std::vector<Rep> cluster = {rep(5), rep(33), rep(61)};
  EXPECT_EQ(partsOfSets(cluster, time_s), (std::vector<FilmPart>{{0, 1999}}));
  const std::vector<Rep> two = {rep(5), rep(9), rep(112), rep(116), rep(120)};
  EXPECT_EQ(partsOfSets(two, time_s), (std::vector<FilmPart>{{0, 619}, {620, 1999}}));
  EXPECT_EQ(partsOfSets({}, time_s).size(), 1u);
  EXPECT_TRUE(partsOfSets(two, {}).empty());
}

TEST(FindReps, FidgetingIsNoRep) {
  known::KnownSquat small;
  small.travel_m = 0.06;
  EXPECT_TRUE(findReps(heightOf(known::film(small)), Lift::kSquat)->empty());
}

TEST(FindReps, AShortSwingBesideFullOnesIsNoRep) {
  const auto clip = known::film({});
  BarHeight h = heightOf(clip);
  // A re-rack after the set: down by 15 cm and up again.
  const double top = h.height_m.back();
  for (int i = 1; i <= 60; ++i) {
    h.time_s.push_back(h.time_s.back() + 1.0 / 30.0);
    h.height_m.push_back(top - 0.15 * std::sin(std::numbers::pi * i / 60.0));
    h.sd_m.push_back(0.001);
  }
  EXPECT_EQ(findReps(h, Lift::kSquat)->size(), 3u);
}

// Over three hundred made-up sets: pauses, grinding, failed reps, walk-outs, re-racks, touch and go, films
// that begin or end in a rep, noise, uneven times and gaps.
TEST(FindReps, CountsThreeHundredMadeUpSets) {
  int wrong = 0, cut_wrong = 0, failed = 0, failed_right = 0, failed_falsely = 0;
  std::array<std::vector<double>, 2> off_frames;  // of sharp events and of soft ones, at 30 pictures a second
  std::array<int, 2> within = {};
  for (std::uint32_t seed = 1; seed <= 300; ++seed) {
    const known::KnownSet set = known::knownSet(seed);
    const auto reps = findReps(set.bar, set.lift);
    ASSERT_TRUE(reps);
    if (reps->size() != set.reps.size()) {
      ++wrong;
      continue;
    }
    for (std::size_t r = 0; r < reps->size(); ++r) {
      const Rep& found = (*reps)[r];
      const known::KnownRep& truth = set.reps[r];
      const bool cut_start = set.cut_start && r == 0, cut_end = set.cut_end && r + 1 == reps->size();
      cut_wrong += found.cut_start != cut_start || found.cut_end != cut_end;
      failed += truth.failed;
      (truth.failed ? failed_right : failed_falsely) += found.failed;
      if (truth.failed || !found.whole() || cut_start || cut_end) continue;
      auto compare = [&](const Estimate& event, double truth_s, bool sharp) {
        off_frames[sharp].push_back(std::abs(event.value - truth_s) * 30.0);
        within[sharp] += std::abs(event.value - truth_s) < event.sd;
      };
      compare(found.start_s, truth.start_s, truth.sharp_start);
      compare(found.turn_s, truth.turn_s, set.lift != Lift::kDeadlift);
      compare(found.leave_s, truth.leave_s, false);
      compare(found.end_s, truth.end_s, truth.sharp_end);
    }
  }
  EXPECT_LE(wrong, 3);
  EXPECT_LE(cut_wrong, 6);
  EXPECT_GE(failed_right, failed * 9 / 10);
  EXPECT_EQ(failed_falsely, 0);
  for (int sharp : {0, 1}) {
    std::vector<double>& off = off_frames[sharp];
    const double most = sharp ? 2.0 : 5.0;
    const auto near = std::count_if(off.begin(), off.end(), [&](double o) { return o <= most; });
    EXPECT_GE(static_cast<double>(near), 0.985 * static_cast<double>(off.size())) << sharp;
    EXPECT_NEAR(within[sharp], 0.68 * static_cast<double>(off.size()),
                0.12 * static_cast<double>(off.size()));
  }
}

TEST(FindReps, HoweverSlowlyTheBarGoesEventsAreInOrder) {
  known::KnownSquat plan;
  plan.travel_m = 0.25;
  plan.descent_s = 12.0;  // never faster than 4 cm/s
  plan.ascent_s = 14.0;
  plan.noise_px = 0.3;
  const auto clip = known::film(plan);
  const auto reps = findReps(heightOf(clip), Lift::kSquat);
  ASSERT_EQ(reps->size(), 3u);
  for (const Rep& r : *reps) {
    EXPECT_LT(r.start_frame, r.turn_frame);
    EXPECT_LE(r.turn_frame, r.leave_frame);
    EXPECT_LT(r.leave_frame, r.end_frame);
    EXPECT_NEAR(r.turn_s.value, clip.turn_s[static_cast<std::size_t>(r.number) - 1], 1.5);
  }
}

TEST(FindReps, AGapInTheTrackDoesNotMakeAnExtraRep) {
  const auto clip = known::film({});
  BarHeight h = heightOf(clip);
  for (std::size_t i = 60; i < 75; ++i) h.sd_m[i] = std::numeric_limits<double>::quiet_NaN();
  EXPECT_EQ(findReps(h, Lift::kSquat)->size(), 3u);
}

TEST(FindReps, NothingIsFoundInNothing) {
  EXPECT_TRUE(findReps({}, Lift::kSquat)->empty());
  BarHeight lost;
  for (int i = 0; i < 100; ++i) {
    lost.time_s.push_back(i / 30.0);
    lost.height_m.push_back(0.0);
    lost.sd_m.push_back(std::numeric_limits<double>::quiet_NaN());
  }
  EXPECT_TRUE(findReps(lost, Lift::kSquat)->empty());
}

TEST(RepFinderOptions, SaysWhichFieldIsWrong) {
  RepFinderOptions options;
  options.min_swing_of_largest = 1.5;
  const auto found = findReps({}, Lift::kSquat, options);
  ASSERT_FALSE(found);
  EXPECT_NE(found.error().text.find("min_swing_of_largest"), std::string::npos);
}

}  // namespace
}  // namespace mottix
