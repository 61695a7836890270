#include "core/motion/across_joints.h"

#include <gtest/gtest.h>

#include <random>

namespace mottix {
namespace {

constexpr double kHeight_px = 500.0, kFps = 30.0;
constexpr std::size_t kFrames = 120, kEvery = 5;

// A lifter seen from the front, whose knees come in and go out again within the rep.
struct Watched {
  std::vector<double> time_s;
  std::vector<SeenSides> seen;

  static Vec2 truth(Joint joint, bool on_right, std::size_t frame) {
    const double t = static_cast<double>(frame) / kFps, in = 12.0 * std::sin(2.0 * t);
    const double out_px = joint == Joint::kKnee ? 60.0 - in : joint == Joint::kToe ? 70.0 : 50.0;
    const double y = joint == Joint::kKnee ? 380.0 : joint == Joint::kToe ? 515.0 : 500.0;
    return {300.0 + (on_right ? out_px : -out_px), y};
  }

  explicit Watched(double noise_px) {
    std::mt19937 random(7);
    std::normal_distribution<double> noise(0.0, noise_px);
    for (std::size_t f = 0; f < kFrames; ++f) time_s.push_back(static_cast<double>(f) / kFps);
    for (std::size_t f = 0; f < kFrames; f += kEvery) {
      SeenSides s;
      s.frame = f;
      for (const Joint j : {Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe})
        for (std::size_t side = 0; side < 2; ++side)
          s.p_px[side][indexOf(j)] =
              truth(j, side == 1, f) + (noise_px > 0.0 ? Vec2(noise(random), noise(random)) : Vec2(0.0, 0.0));
      seen.push_back(s);
    }
  }

  ClipTracks tracksOf(const AcrossJoints& found) const {
    ClipTracks t;
    t.time_s = time_s;
    t.bar.resize(kFrames);
    t.joints = found.tracks;
    return t;
  }
};

double worst_px(const AcrossJoints& found, Joint joint) {
  double worst = 0.0;
  for (const bool on_right : {false, true}) {
    const JointTrack& track = found.tracks[indexOf(on_right ? onRight(joint) : joint)];
    EXPECT_EQ(track.size(), kFrames);
    for (std::size_t f = 0; f < track.size(); ++f)
      if (track[f].known)
        worst = std::max(worst, (track[f].p_px - Watched::truth(joint, on_right, f)).norm());
  }
  return worst;
}

TEST(AcrossJoints, BothSidesAreFollowedBetweenThePicturesLookedAt) {
  const Watched w(0.0);
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_LT(worst_px(*found, Joint::kKnee), 0.5);
  EXPECT_LT(worst_px(*found, Joint::kAnkle), 1e-6);
  for (std::size_t f = 2 * kEvery; f + 3 * kEvery <= kFrames; ++f)
    EXPECT_TRUE(found->tracks[indexOf(Joint::kRightKnee)][f].known) << f;
  EXPECT_TRUE(found->tracks[indexOf(Joint::kHip)].empty());
}

TEST(AcrossJoints, ANetworkThatTakesLeftForRightChangesNothing) {
  Watched w(1.0);
  const auto as_named = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  for (std::size_t i = 0; i < w.seen.size(); ++i) {
    if (i % 3 == 0) std::swap(w.seen[i].p_px[0], w.seen[i].p_px[1]);
    if (i % 4 == 0)
      std::swap(w.seen[i].p_px[0][indexOf(Joint::kKnee)], w.seen[i].p_px[1][indexOf(Joint::kKnee)]);
  }
  const auto mixed_up = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_TRUE(as_named && mixed_up);
  for (const Joint j : {Joint::kKnee, Joint::kRightKnee, Joint::kToe, Joint::kRightToe})
    for (std::size_t f = 0; f < kFrames; ++f)
      EXPECT_EQ(as_named->tracks[indexOf(j)][f].p_px, mixed_up->tracks[indexOf(j)][f].p_px);
}

TEST(AcrossJoints, StraysAreLeftOutAndNoiseIsSmoothed) {
  Watched w(2.0);
  const auto quiet = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  w.seen[10].p_px[1][indexOf(Joint::kKnee)] = Vec2(420.0, 300.0);
  w.seen[17].p_px[0][indexOf(Joint::kAnkle)] = Vec2(100.0, 420.0);
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_TRUE(quiet && found);
  EXPECT_LT(worst_px(*found, Joint::kKnee), 8.0);
  EXPECT_LT(worst_px(*found, Joint::kAnkle), 8.0);
  EXPECT_LT(worst_px(*quiet, Joint::kAnkle), 8.0);
}

TEST(AcrossJoints, OneOfAPairIsKnownByItsPlace) {
  Watched w(0.0);
  for (std::size_t i = 0; i < w.seen.size(); ++i) w.seen[i].p_px[i % 2][indexOf(Joint::kKnee)].reset();
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_LT(worst_px(*found, Joint::kKnee), 2.0);
}

TEST(AcrossJoints, LegsThatAreNotSeenAreSaid) {
  Watched w(0.0);
  for (SeenSides& s : w.seen)
    for (auto& side : s.p_px) side[indexOf(Joint::kAnkle)].reset();
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_FALSE(found);
  EXPECT_EQ(found.error().remedy, Remedy::kMarkByHand);
  EXPECT_FALSE(estimateAcrossJoints({}, w.time_s, kHeight_px, Lift::kSquat));
}

TEST(AcrossJoints, OfAPressFromItsHeadEndTheShouldersAloneAreBelieved) {
  Watched w(0.0);
  for (SeenSides& s : w.seen) {
    const double made_up = 40.0 * (static_cast<double>(s.frame / kEvery % 5) - 2.0);
    for (std::size_t side = 0; side < 2; ++side) {
      // The network's legs are another's in every picture.
      s.p_px[side][indexOf(Joint::kAnkle)]->y() += made_up;
      s.p_px[side][indexOf(Joint::kShoulder)] = Vec2(side == 1 ? 340.0 : 260.0, 200.0);
    }
  }
  EXPECT_FALSE(estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat));
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kBench);
  ASSERT_TRUE(found) << found.error().text;
  const ClipTracks tracks = w.tracksOf(*found);
  EXPECT_TRUE(tracks.has(Joint::kShoulder));
  EXPECT_TRUE(tracks.has(Joint::kRightShoulder));
  EXPECT_FALSE(tracks.has(Joint::kKnee));
  EXPECT_EQ(viewFromJoints(tracks, Lift::kBench, kHeight_px), View::kRear);
  EXPECT_EQ(viewFromJoints(tracks, Lift::kSquat, kHeight_px), View::kUnknown);
  EXPECT_EQ(viewFromJoints(ClipTracks(), Lift::kBench, kHeight_px), View::kUnknown);
}

TEST(AcrossJoints, ToesTellFrontFromRear) {
  const Watched w(0.0);
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_TRUE(found);
  ClipTracks front = w.tracksOf(*found), rear = front;
  for (const Joint j : {Joint::kToe, Joint::kRightToe})
    for (JointSample& s : rear.joints[indexOf(j)]) s.p_px.y() -= 45.0;
  EXPECT_EQ(viewFromJoints(front, Lift::kSquat, kHeight_px), View::kFront);
  EXPECT_EQ(viewFromJoints(rear, Lift::kSquat, kHeight_px), View::kRear);
  EXPECT_EQ(viewFromJoints(ClipTracks(), Lift::kSquat, kHeight_px), View::kUnknown);
}

TEST(AcrossJoints, APictureThatShowsTheFeetElsewhereIsNotBelievedAboutTheLegs) {
  Watched w(0.0);
  for (std::size_t i = 8; i < 14; ++i)  // for longer than a median of neighbours bears
    for (std::size_t side = 0; side < 2; ++side)
      for (auto& p : w.seen[i].p_px[side])
        if (p) p->x() += side == 1 ? -35.0 : 35.0;
  const auto found = estimateAcrossJoints(w.seen, w.time_s, kHeight_px, Lift::kSquat);
  ASSERT_TRUE(found) << found.error().text;
  EXPECT_LT(worst_px(*found, Joint::kAnkle), 1e-6);
  EXPECT_LT(worst_px(*found, Joint::kKnee), 2.0);
}

}  // namespace
}  // namespace mottix
