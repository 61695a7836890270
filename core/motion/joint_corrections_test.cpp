#include "core/motion/joint_corrections.h"

#include <cmath>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

constexpr double kRadius_px = 80.0, kHand_px = 0.04 * kRadius_px;

// Five reps of a bar that goes down and up, with joints at rest wherever it is; of each joint the same stated
// error, but for the first frame.
struct Scene {
  ClipTracks tracks;
  JointTracks carried;
  std::vector<Rep> reps;

  explicit Scene(double sd_px = 5.0) {
    for (int i = 0; i < 301; ++i) {
      const double phase = i / 60.0;
      tracks.time_s.push_back(i / 20.0);
      tracks.bar.push_back({Vec2(400.0, 250.0 - 120.0 * std::cos(2.0 * std::numbers::pi * phase)), 0.3,
                            kRadius_px, TrackState::kSeen});
    }
    put(Joint::kAnkle, {400, 600}, sd_px);
    put(Joint::kKnee, {430, 470}, sd_px);
    put(Joint::kHip, {370, 350}, sd_px);
    put(Joint::kShoulder, {410, 200}, sd_px);
    for (std::size_t r = 0; r < 5; ++r) {
      Rep rep;
      rep.start_frame = 60 * r;
      rep.turn_frame = 60 * r + 30;
      rep.end_frame = 60 * r + 60;
      reps.push_back(rep);
    }
  }
  void put(Joint joint, const Vec2& p_px, double sd_px) {
    JointTrack& track = carried[indexOf(joint)];
    track.assign(tracks.frameCount(), {p_px, sd_px, true});
    track[0].sd_px = 0.0;
  }
  const JointTrack& laid(Joint joint, const std::vector<PlacedPoints>& placed,
                         const FoundSpread& found = {}) {
    layCorrections(tracks, carried, placed, found);
    return tracks.track(joint);
  }
  // A figure that was laid by hand on the first frame, as it was carried from there.
  std::vector<PlacedPoints> figure() const {
    std::vector<PlacedPoints> out;
    for (Joint j : {Joint::kAnkle, Joint::kKnee, Joint::kHip, Joint::kShoulder})
      placeJoint(out, 0, j, carried[indexOf(j)][0].p_px);
    return out;
  }
};

FoundSpread foundTogether(double sd_px, double together) {
  FoundSpread out;
  const Eigen::Matrix2d each = sd_px * sd_px * Eigen::Matrix2d::Identity();
  for (Joint a : {Joint::kAnkle, Joint::kKnee, Joint::kHip, Joint::kShoulder})
    for (Joint b : {Joint::kAnkle, Joint::kKnee, Joint::kHip, Joint::kShoulder})
      out.set(a, b, (a == b ? 1.0 : together) * each);
  return out;
}

TEST(LayCorrections, RunsExactlyThroughThePlacedPoints) {
  Scene s;
  auto placed = s.figure();
  placeJoint(placed, 70, Joint::kHip, {385, 350});
  placeJoint(placed, 150, Joint::kHip, {370, 341});
  const JointTrack& hip = s.laid(Joint::kHip, placed);
  EXPECT_LT((hip[70].p_px - Vec2(385, 350)).norm(), 1e-3);
  EXPECT_LT((hip[150].p_px - Vec2(370, 341)).norm(), 1e-3);
  EXPECT_NEAR(hip[70].sd_px, kHand_px, 0.01);
  EXPECT_NEAR(hip[0].sd_px, kHand_px, 0.01);
}

TEST(LayCorrections, WithoutAPlacedPointNothingMoves) {
  Scene s;
  const JointTrack& hip = s.laid(Joint::kHip, {});
  EXPECT_EQ(hip[100].p_px, s.carried[indexOf(Joint::kHip)][100].p_px);
  EXPECT_NEAR(hip[150].sd_px, 4.5, 0.5) << "the neighbours' lengths tell a little";
  EXPECT_NEAR(hip[120].sd_px, 0.5 * hip[150].sd_px, 0.3) << "the posture from which it was carried";
}

// What a figure was laid beside is wrong on all frames; the carrying's error is left to each.
TEST(LayCorrections, OnePlacedPointCountsEverywhere) {
  Scene s(0.5);
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 0, Joint::kAnkle, {412, 594});
  const JointTrack& ankle = s.laid(Joint::kAnkle, placed);
  for (std::size_t f : {1u, 30u, 300u}) EXPECT_LT((ankle[f].p_px - Vec2(412, 594)).norm(), 0.1) << f;
  EXPECT_GT(ankle[300].sd_px, kHand_px);
  EXPECT_LT(ankle[300].sd_px, kHand_px + 0.5);
}

TEST(LayCorrections, PutRightAtOneTurnAJointIsSurerAtAllOfThem) {
  Scene s(10.0);
  auto placed = s.figure();
  placeJoint(placed, 150, Joint::kHip, {390, 350});
  const JointTrack& hip = s.laid(Joint::kHip, placed);
  EXPECT_LT(hip[30].sd_px, 9.2) << "a turn, six seconds away";
  EXPECT_GT(hip[30].p_px.x(), 375.0);
  EXPECT_LT(hip[180].p_px.x(), hip[210].p_px.x()) << "standing, though nearer in time";
  EXPECT_LT(hip[152].sd_px, hip[210].sd_px);
  EXPECT_LT(hip[180].sd_px, hip[210].sd_px) << "the posture from which it was carried";
}

TEST(LayCorrections, UnknownFramesStayUnknown) {
  Scene s;
  s.carried[indexOf(Joint::kHip)][20].known = false;
  const auto placed = s.figure();
  EXPECT_FALSE(s.laid(Joint::kHip, placed)[20].known);
}

TEST(LayCorrections, WhatTheProgramFoundIsUnsureUntilTheCoachPutsItRight) {
  Scene s;
  const FoundSpread found = foundTogether(12.0, 0.0);
  EXPECT_NEAR(s.laid(Joint::kHip, {}, found)[30].sd_px, 13.0, 0.3) << "hypot of 5 and 12";
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 30, Joint::kHip, {380, 350});
  EXPECT_NEAR(s.laid(Joint::kHip, placed, found)[30].sd_px, kHand_px, 0.01);
  EXPECT_LT(s.laid(Joint::kHip, placed, found)[60].sd_px, 8.0);
  // The shoulder does not hang on the hip and was found apart from it.
  EXPECT_NEAR(s.laid(Joint::kShoulder, placed, found)[30].sd_px, 13.0, 0.3);
}

TEST(LayCorrections, WhatWasFoundTogetherIsWrongTogether) {
  Scene s(0.5);
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 0, Joint::kHip, {390, 350});  // 20 px in front of where it was found
  const Vec2 apart = s.laid(Joint::kShoulder, placed, foundTogether(20.0, 0.0))[0].p_px,
             together = s.laid(Joint::kShoulder, placed, foundTogether(20.0, 0.9))[0].p_px;
  EXPECT_LT((apart - Vec2(410, 200)).norm(), 0.01);
  EXPECT_LT((together - Vec2(428, 200)).norm(), 1.0);
  EXPECT_LT(s.laid(Joint::kShoulder, placed, foundTogether(20.0, 0.9))[0].sd_px, 10.0);
}

// Errors drawn as the model says, put right at a few places by a hand that misses as much as it says: about
// 68 % of all coordinates lie within one stated standard deviation.
TEST(LayCorrections, FilmedAcrossAJointIsPutRightByItself) {
  Scene s;
  s.tracks.ends = {s.tracks.bar, s.tracks.bar};
  s.put(Joint::kRightKnee, {520, 470}, 5.0);
  FoundSpread found = foundTogether(8.0, 0.0);
  found.set(Joint::kRightKnee, Joint::kRightKnee, 64.0 * Eigen::Matrix2d::Identity());
  std::vector<PlacedPoints> placed;
  placeJoint(placed, 90, Joint::kAnkle, {412, 600});
  placeJoint(placed, 90, Joint::kRightKnee, {512, 474});
  s.laid(Joint::kAnkle, placed, found);
  EXPECT_LT((s.tracks.track(Joint::kRightKnee)[90].p_px - Vec2(512, 474)).norm(), 1e-3);
  EXPECT_GT((s.tracks.track(Joint::kRightKnee)[150].p_px - Vec2(520, 470)).norm(), 4.0)
      << "the next turn, too";
  EXPECT_LT(s.tracks.track(Joint::kRightKnee)[150].sd_px, s.tracks.track(Joint::kKnee)[150].sd_px);
  for (std::size_t f = 0; f < s.tracks.frameCount(); ++f)
    EXPECT_EQ(s.tracks.track(Joint::kKnee)[f].p_px, Vec2(430, 470)) << "no shank turns in the picture";
}

TEST(LayCorrections, TheStatedErrorIsTheTrueOne) {
  std::mt19937 random(5);
  std::normal_distribution<> normal;
  const CorrectionModel model;
  double inside = 0.0, all = 0.0;
  for (int film = 0; film < 60; ++film) {
    Scene s(9.0);
    const Vec2 laid_off(15.0 * normal(random), 15.0 * normal(random));
    // What comes back with the posture, and what lasts for a while: both with the model's own correlations.
    const Vec2 low(normal(random), normal(random));
    std::vector<Vec2> truth;
    Vec2 lasts(normal(random), normal(random));
    for (std::size_t f = 0; f < s.tracks.frameCount(); ++f) {
      const double keep = std::exp(-0.05 / model.alike_s);
      lasts = keep * lasts + std::sqrt(1.0 - keep * keep) * Vec2(normal(random), normal(random));
      // At the turns alone, where `low` is all of it.
      truth.push_back(Vec2(400, 600) + laid_off +
                      s.carried[indexOf(Joint::kAnkle)][f].sd_px *
                          (std::sqrt(model.by_posture) * low + std::sqrt(1.0 - model.by_posture) * lasts));
    }
    FoundSpread found;
    for (Joint j : {Joint::kHip, Joint::kAnkle}) found.set(j, j, 225.0 * Eigen::Matrix2d::Identity());
    std::vector<PlacedPoints> placed;
    for (std::size_t f : {30u, 210u})
      placeJoint(placed, f, Joint::kAnkle, truth[f] + kHand_px * Vec2(normal(random), normal(random)));
    const JointTrack& ankle = s.laid(Joint::kAnkle, placed, found);
    for (const Rep& rep : s.reps)
      for (int axis = 0; axis < 2; ++axis) {
        const Vec2 off = ankle[rep.turn_frame].p_px - truth[rep.turn_frame];
        if (std::abs(off[axis]) <= ankle[rep.turn_frame].sd_px) inside += 1.0;
        all += 1.0;
      }
  }
  EXPECT_NEAR(inside / all, 0.68, 0.06);
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

// A leg that swings: the hip was carried from a place 10 px too far up the thigh and 5 px in front of it, the
// knee from one 6 px too high. Put right on one frame, both are right on all.
TEST(LayCorrections, WhatWasWrongWithASegmentTurnsWithIt) {
  JointTracks wrong, right;
  ClipTracks film;
  for (int i = 0; i < 61; ++i) {
    film.time_s.push_back(i / 30.0);
    film.bar.push_back({Vec2(200, 100), 0.3, kRadius_px, TrackState::kSeen});
    const double shin = 0.01 * i, thigh = 0.025 * i;
    const Vec2 ankle(200, 400);
    auto along = [](double angle) { return Vec2(std::sin(angle), -std::cos(angle)); };
    const Vec2 knee = ankle + 120.0 * along(shin), hip = knee + 125.0 * along(-thigh);
    const Vec2 knee_off = 6.0 * along(shin), across(std::cos(thigh), std::sin(-thigh));
    auto put = [](JointTracks& t, Joint j, const Vec2& p) { t[indexOf(j)].push_back({p, 0.5, true}); };
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
  placeJoint(placed, 55, Joint::kAnkle, right[indexOf(Joint::kAnkle)][55].p_px);
  layCorrections(film, wrong, placed);
  for (Joint j : {Joint::kAnkle, Joint::kKnee, Joint::kHip})
    for (std::size_t f = 0; f < 61; ++f)
      EXPECT_LT((film.track(j)[f].p_px - right[indexOf(j)][f].p_px).norm(), 0.3) << nameOf(j) << f;
}

TEST(SuggestCorrection, OffersWhatHelpsMostAndEndsWhenAllIsSure) {
  Scene s(4.0);
  s.put(Joint::kHip, {370, 350}, 20.0);
  s.put(Joint::kKnee, {430, 470}, 9.0);
  auto placed = s.figure();
  auto next = [&] { return suggestCorrection(s.tracks, s.carried, placed, {}, s.reps); };
  ASSERT_TRUE(next());
  EXPECT_EQ(next()->joint, Joint::kHip);
  const std::size_t first = next()->frame;
  EXPECT_GE(first, 120u) << "the middle rep comes first";
  EXPECT_LE(first, 180u);
  EXPECT_GT(next()->sd_px, 2.0 * kHand_px);
  // Placed there, it is known better in all reps, and elsewhere it or another is asked for.
  placeJoint(placed, first, Joint::kHip, {370, 350});
  EXPECT_NE(next()->frame, first);
  std::vector<Joint> asked;
  for (int i = 0; i < 12 && next(); ++i) {
    const SuggestedCorrection drag = *next();
    asked.push_back(drag.joint);
    placeJoint(placed, drag.frame, drag.joint, s.carried[indexOf(drag.joint)][0].p_px);
  }
  EXPECT_NE(std::find(asked.begin(), asked.end(), Joint::kKnee), asked.end());
  Scene sure(1.0);
  EXPECT_FALSE(suggestCorrection(sure.tracks, sure.carried, sure.figure(), {}, sure.reps))
      << "nothing is clearly less sure than the hand";
  EXPECT_FALSE(suggestCorrection({}, {}, {}, {}, s.reps));
  EXPECT_FALSE(suggestCorrection(s.tracks, s.carried, placed, {}, {}));
}

// The knee's place is as unsure as the hip's, but the hip hangs on it: put right, it makes both surer.
TEST(SuggestCorrection, AJointOnWhichOthersHangComesFirst) {
  Scene s(0.5);
  FoundSpread found = foundTogether(1.0, 0.0);
  const Eigen::Matrix2d knee = 400.0 * Eigen::Matrix2d::Identity();
  found.set(Joint::kKnee, Joint::kKnee, knee);
  found.set(Joint::kHip, Joint::kHip, knee + Eigen::Matrix2d::Identity());
  found.set(Joint::kKnee, Joint::kHip, 0.97 * knee);
  found.set(Joint::kShoulder, Joint::kShoulder, 410.0 * Eigen::Matrix2d::Identity());
  const auto next = suggestCorrection(s.tracks, s.carried, {}, found, s.reps);
  ASSERT_TRUE(next);
  EXPECT_TRUE(next->joint == Joint::kKnee || next->joint == Joint::kHip)
      << "though the shoulder is the least sure: " << nameOf(next->joint);
}

TEST(KeepJoint, StaysWhenAnotherIsPutRightAndIsNotAskedForAgain) {
  Scene s(4.0);
  const FoundSpread found = foundTogether(20.0, 0.9);
  s.laid(Joint::kHip, {}, found);
  std::vector<PlacedPoints> placed;
  keepJoint(placed, s.tracks, s.reps, Joint::kHip);
  const Vec2 kept = s.tracks.track(Joint::kHip)[150].p_px;
  placeJoint(placed, 150, Joint::kKnee, {460, 470});
  EXPECT_LT((s.laid(Joint::kHip, placed, found)[150].p_px - kept).norm(), 0.1);
  EXPECT_LT((s.laid(Joint::kHip, placed, found)[140].p_px - kept).norm(), 1.5) << "between the kept frames";
  EXPECT_GT((s.laid(Joint::kShoulder, placed, found)[150].p_px - Vec2(410, 200)).norm(), 3.0);
  ASSERT_TRUE(suggestCorrection(s.tracks, s.carried, placed, found, s.reps, {Joint::kShoulder}));
  for (int drag = 0; drag < 10; ++drag) {
    const auto next = suggestCorrection(s.tracks, s.carried, placed, found, s.reps, {Joint::kShoulder});
    if (!next) break;
    EXPECT_NE(next->joint, Joint::kShoulder);
    placeJoint(placed, next->frame, next->joint, s.tracks.track(next->joint)[next->frame].p_px);
  }
}

TEST(SameAsNeighbour, IsWhereTheJointWasPlacedNearestInTime) {
  Scene s;
  s.laid(Joint::kHip, {});
  std::vector<PlacedPoints> placed;
  EXPECT_EQ(sameAsNeighbour(s.tracks, placed, 100, Joint::kHip), Vec2(370, 350)) << "as on the frame before";
  placeJoint(placed, 40, Joint::kHip, {380, 340});
  placeJoint(placed, 130, Joint::kHip, {390, 330});
  EXPECT_EQ(sameAsNeighbour(s.tracks, placed, 100, Joint::kHip), Vec2(390, 330));
  EXPECT_EQ(sameAsNeighbour(s.tracks, placed, 130, Joint::kHip), Vec2(380, 340)) << "not the frame itself";
  EXPECT_FALSE(sameAsNeighbour(s.tracks, {}, 0, Joint::kHip));
  EXPECT_FALSE(sameAsNeighbour(s.tracks, {}, 5, Joint::kEar));
  // A camera in a hand has moved meanwhile.
  PictureMove moved;
  moved.shift_px = Vec2(7, -3);
  s.tracks.shake.assign(s.tracks.frameCount(), {});
  s.tracks.shake[100] = moved;
  EXPECT_LT((*sameAsNeighbour(s.tracks, placed, 100, Joint::kHip) - Vec2(397, 327)).norm(), 1e-9);
}

// A bar that hangs from straight arms: a shoulder that was laid too high is too high in every posture,
// however the trunk has turned.
TEST(LayCorrections, ShouldersFromWhichABarHangsStayWrongAlike) {
  Scene s(2.0);
  for (BarSample& bar : s.tracks.bar) bar.p_px.y() += 2.0 * kRadius_px;
  JointTrack& shoulder = s.carried[indexOf(Joint::kShoulder)];
  for (std::size_t f = 15; f < 46; ++f) shoulder[f].p_px = Vec2(540.0, 330.0);  // folded
  std::vector<PlacedPoints> placed = s.figure();
  placed[0].joints[indexOf(Joint::kShoulder)] = Vec2(410.0, 180.0);
  const JointTrack& laid = s.laid(Joint::kShoulder, placed);
  EXPECT_NEAR(laid[30].p_px.y(), 310.0, 5.0);
  EXPECT_NEAR(laid[30].p_px.x(), 540.0, 5.0);
}

}  // namespace
}  // namespace mottix
