#include "core/motion/joint_corrections.h"

#include <cmath>

#include <gtest/gtest.h>

namespace mottix {
namespace {

struct Carried {
  JointTrack track;
  std::vector<double> time_s;
};

Carried carried() {
  Carried c;
  for (int i = 0; i < 101; ++i) {
    c.track.push_back({Vec2(100.0 + i, 200.0), 5.0, true});
    c.time_s.push_back(i / 30.0);
  }
  return c;
}

JointTrack corrected(const Carried& c, Joint joint, const std::vector<PlacedPoints>& placed, double radius_px,
                     double found_sd_px = 0.0) {
  JointTracks tracks;
  tracks[indexOf(joint)] = c.track;
  std::array<double, kJointCount> found{};
  found[indexOf(joint)] = found_sd_px;
  return applyCorrections(tracks, placed, c.time_s, radius_px, found)[indexOf(joint)];
}

TEST(ApplyCorrections, RunsExactlyThroughThePlacedPoints) {
  const Carried c = carried();
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 10, Joint::kHip, {115, 200});
  placeJoint(placed, 50, Joint::kHip, {150, 190});
  const auto out = corrected(c, Joint::kHip, placed, 80.0);
  EXPECT_EQ(out[10].p_px, Vec2(115, 200));
  EXPECT_EQ(out[50].p_px, Vec2(150, 190));
}

TEST(ApplyCorrections, BlendsBetweenAndHoldsOutside) {
  const Carried c = carried();
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 10, Joint::kHip, {120, 200});  // +10 in x
  placeJoint(placed, 50, Joint::kHip, {150, 220});  // +20 in y
  const auto out = corrected(c, Joint::kHip, placed, 80.0);
  EXPECT_LT((out[30].p_px - Vec2(130 + 5, 200 + 10)).norm(), 1e-9);
  EXPECT_LT((out[0].p_px - Vec2(110, 200)).norm(), 1e-9);
  EXPECT_LT((out[100].p_px - Vec2(200, 220)).norm(), 1e-9);
}

TEST(ApplyCorrections, TheErrorGrowsAwayFromTheHand) {
  const Carried c = carried();
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 0, Joint::kHip, {100, 200});
  placeJoint(placed, 100, Joint::kHip, {200, 200});
  const auto out = corrected(c, Joint::kHip, placed, 80.0);
  EXPECT_NEAR(out[0].sd_px, 0.04 * 80.0, 1e-9);
  EXPECT_GT(out[50].sd_px, out[10].sd_px);
  EXPECT_GT(out[10].sd_px, out[0].sd_px);
}

TEST(ApplyCorrections, OtherJointsAndUnknownFramesStayAsTheyAre) {
  Carried c = carried();
  c.track[20].known = false;
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 10, Joint::kKnee, {0, 0});
  const auto out = corrected(c, Joint::kHip, placed, 80.0);
  EXPECT_EQ(out[10].p_px, c.track[10].p_px);
  EXPECT_FALSE(out[20].known);
}

TEST(PlaceJoint, TheFirstEntryStaysFirstAndFramesAreNotDoubled) {
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 40, Joint::kHip, {1, 1});
  placeJoint(placed, 10, Joint::kHip, {2, 2});
  placeJoint(placed, 30, Joint::kHip, {3, 3});
  placeJoint(placed, 10, Joint::kKnee, {4, 4});
  placeJoint(placed, 10, Joint::kHip, {5, 5});
  ASSERT_EQ(placed.size(), 3u);
  EXPECT_EQ(placed[0].frame, 40u);
  EXPECT_EQ(placed[1].frame, 10u);
  EXPECT_EQ(placed[2].frame, 30u);
  EXPECT_EQ(*placed[1].joints[indexOf(Joint::kHip)], Vec2(5, 5));
  EXPECT_EQ(*placed[1].joints[indexOf(Joint::kKnee)], Vec2(4, 4));
}

TEST(ApplyCorrections, WhatTheProgramFoundIsUnsureUntilTheCoachPutsItRight) {
  const Carried c = carried();
  const auto found = corrected(c, Joint::kHip, {}, 80.0, 12.0);
  EXPECT_EQ(found[10].p_px, c.track[10].p_px);
  EXPECT_NEAR(found[10].sd_px, 13.0, 1e-9) << "hypot of 5 and 12";
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 10, Joint::kHip, {120, 200});
  const auto right = corrected(c, Joint::kHip, placed, 80.0, 12.0);
  EXPECT_NEAR(right[10].sd_px, 3.2, 1e-9) << "the hand's own error";
  EXPECT_LT(right[40].sd_px, 7.0);
  // Another joint's correction changes nothing here.
  EXPECT_NEAR(corrected(c, Joint::kKnee, placed, 80.0, 12.0)[10].sd_px, 13.0, 1e-9);
}

// A leg that swings: the hip was carried from a place 10 px too far up the thigh and 5 px in front of it, the
// knee from one 6 px too high. Put right on one frame, both are right on all.
TEST(ApplyCorrections, WhatWasWrongWithASegmentTurnsWithIt) {
  JointTracks wrong, right;
  std::vector<double> time_s;
  for (int i = 0; i < 61; ++i) {
    time_s.push_back(i / 30.0);
    const double shin = 0.01 * i, thigh = 0.025 * i;
    const Vec2 ankle(200, 400);
    auto along = [](double angle) { return Vec2(std::sin(angle), -std::cos(angle)); };
    const Vec2 knee = ankle + 120.0 * along(shin), hip = knee + 125.0 * along(-thigh);
    const Vec2 knee_off = 6.0 * along(shin), across(std::cos(thigh), std::sin(-thigh));
    auto put = [](JointTracks& t, Joint j, const Vec2& p) { t[indexOf(j)].push_back({p, 2.0, true}); };
    put(right, Joint::kAnkle, ankle);
    put(right, Joint::kKnee, knee);
    put(right, Joint::kHip, hip);
    put(wrong, Joint::kAnkle, ankle);
    put(wrong, Joint::kKnee, knee + knee_off);
    put(wrong, Joint::kHip, hip + knee_off + 10.0 * along(-thigh) + 5.0 * across);
  }
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 55, Joint::kKnee, right[indexOf(Joint::kKnee)][55].p_px);
  placeJoint(placed, 55, Joint::kHip, right[indexOf(Joint::kHip)][55].p_px);
  const JointTracks out = applyCorrections(wrong, placed, time_s, 80.0);
  for (Joint j : {Joint::kAnkle, Joint::kKnee, Joint::kHip})
    for (std::size_t f = 0; f < 61; ++f)
      EXPECT_LT((out[indexOf(j)][f].p_px - right[indexOf(j)][f].p_px).norm(), 0.3) << nameOf(j) << f;
}

TEST(SuggestCorrection, OffersTheLeastSureJointAtATurnAndEndsWhenAllAreSure) {
  ClipTracks tracks;
  for (int i = 0; i < 301; ++i) tracks.time_s.push_back(i / 30.0);
  auto track = [&](double sd_px) { return JointTrack(301, JointSample{Vec2(100, 100), sd_px, true}); };
  tracks.joints[indexOf(Joint::kHip)] = track(20.0);
  tracks.joints[indexOf(Joint::kKnee)] = track(9.0);
  tracks.joints[indexOf(Joint::kAnkle)] = track(3.0);
  std::vector<Rep> reps(3);
  for (std::size_t r = 0; r < 3; ++r) {
    reps[r].start_frame = 100 * r;
    reps[r].turn_frame = 100 * r + 50;
  }
  std::vector<PlacedPoints> placed;
  auto next = [&] { return suggestCorrection(tracks, reps, placed, 80.0); };
  ASSERT_TRUE(next());
  EXPECT_EQ(next()->joint, Joint::kHip);
  EXPECT_EQ(next()->frame, 150u) << "the middle turn comes first";
  EXPECT_DOUBLE_EQ(next()->sd_px, 20.0);
  // Placed there, the hip is asked for elsewhere as long as it stays unsure.
  placeJoint(placed, 150, Joint::kHip, {100, 100});
  EXPECT_EQ(next()->joint, Joint::kHip);
  EXPECT_NE(next()->frame, 150u);
  tracks.joints[indexOf(Joint::kHip)] = track(3.5);
  EXPECT_EQ(next()->joint, Joint::kKnee);
  tracks.joints[indexOf(Joint::kKnee)] = track(4.0);
  EXPECT_FALSE(next()) << "the hand's own error is 3.2 px";
  EXPECT_FALSE(suggestCorrection({}, reps, {}, 80.0));
  EXPECT_FALSE(suggestCorrection(tracks, {}, {}, 80.0));
}

}  // namespace
}  // namespace mottix
