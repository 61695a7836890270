#include "core/body/lengths_from_clip.h"

#include <gtest/gtest.h>

#include "core/verdict/analysis.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

struct Filmed {
  known::KnownClip clip;
  std::vector<Rep> reps;
};

Filmed filmed(const known::KnownSquat& plan = {}) {
  Filmed f{known::film(plan), {}};
  for (std::size_t r = 0; r < f.clip.start_s.size(); ++r) {
    Rep rep;
    rep.number = static_cast<int>(r) + 1;
    rep.start_s = {f.clip.start_s[r], 0.02};
    f.reps.push_back(rep);
  }
  return f;
}

double cm(const Expected<ClipLengths>& lengths, Segment s) {
  return 100.0 * (*lengths)[indexOf(s)]->value;
}

// Standing, the made-up lifter's joints lie where tests/known_squat.h puts them.
TEST(LengthsFromClip, AreExactOnAnExactClip) {
  const Filmed f = filmed();
  const auto lengths = estimateLengths(f.clip.tracks, f.clip.camera, {}, f.reps);
  ASSERT_TRUE(lengths) << lengths.error().text;
  const Vec2 ankle(-0.05, -1.37), knee(0.0, -0.945), hip(-0.0196, -0.545);
  const double knee_out = kneeLateral(ankle, knee, hip).value - lateralPrior(Joint::kHip).value;
  EXPECT_NEAR(cm(lengths, Segment::kThigh), 100.0 * std::hypot(0.0196, 0.40, knee_out), 0.1);
  EXPECT_NEAR(cm(lengths, Segment::kTrunk), 50.0, 0.05);
  EXPECT_NEAR(cm(lengths, Segment::kFoot), 100.0 * std::hypot(0.26, 0.05), 0.05);
  EXPECT_FALSE((*lengths)[indexOf(Segment::kForearm)]) << "the film does not show it";
}

TEST(LengthsFromClip, ErrorsGrowWithWhatIsUncertain) {
  const Filmed f = filmed();
  SideCameraErrors sure;
  sure.plate_radius_rel = 0.0;
  sure.roll_deg = 0.0;
  sure.plate_lateral_m = 0.0;
  SideCameraErrors scale = sure;
  scale.plate_radius_rel = 0.01;
  auto sd = [&](const SideCameraErrors& e, Segment s) {
    return (*estimateLengths(f.clip.tracks, f.clip.camera, e, f.reps))[indexOf(s)]->sd;
  };
  const double trunk = 0.5, before = sd(sure, Segment::kTrunk), after = sd(scale, Segment::kTrunk);
  // A plate misread by 1 % makes everything about 1 % wrong (a little more: the body is farther away).
  EXPECT_NEAR(std::sqrt(after * after - before * before), 0.01 * trunk, 0.003 * trunk);
  EXPECT_GT(sd(sure, Segment::kThigh), 0.005) << "how far the knees are out is not seen from the side";
  Filmed rough = filmed();
  for (JointTrack& track : rough.clip.tracks.joints)
    for (JointSample& s : track) s.sd_px = 8.0;
  EXPECT_GT(
      (*estimateLengths(rough.clip.tracks, rough.clip.camera, sure, rough.reps))[indexOf(Segment::kTrunk)]
          ->sd,
      2.0 * before);
}

TEST(ReadStature, IsInPartsOfTheStatedBodyAndSaysHowSure) {
  const Filmed f = filmed();
  SideCameraErrors errors;
  errors.plate_radius_rel = 0.03;
  auto bodyOf = [](double height_m) {
    BodyFacts facts;
    facts.height_m = height_m;
    return facts;
  };
  const auto read = [&](const BodyFacts& facts) {
    return readStature(f.clip.tracks, f.clip.camera, errors, f.reps, estimateBody(facts));
  };
  const auto small = read(bodyOf(1.6)), tall = read(bodyOf(1.9));
  ASSERT_TRUE(small && tall);
  EXPECT_NEAR(small->ratio.value / tall->ratio.value, 1.9 / 1.6, 1e-9);
  EXPECT_GT(small->ratio.sd, small->own_sd) << "the plate's size is not certain";
  EXPECT_GT(small->own_sd, 0.01);
  // By another camera it is another size: a plate taken for larger makes the lifter larger.
  SideCamera nearer = f.clip.camera;
  nearer.plate_radius_px /= 1.02;
  EXPECT_NEAR(small->at(nearer) / small->ratio.value, 1.02, 0.005);
  // A tape says more than the usual share of a height does; a film says nothing about a film.
  BodyFacts taped = bodyOf(1.6), filmed_before = taped;
  for (const Segment s : {Segment::kThigh, Segment::kShank, Segment::kTrunk}) {
    taped.measured[indexOf(s)] = BodyLength{{1.6 * usualShare(s).value, kTapeError_m}, LengthSource::kByHand};
    filmed_before.measured[indexOf(s)] =
        BodyLength{{1.5 * usualShare(s).value, kTapeError_m}, LengthSource::kFromClip};
  }
  EXPECT_LT(read(taped)->own_sd, small->own_sd);
  EXPECT_DOUBLE_EQ(read(filmed_before)->ratio.value, small->ratio.value);
  ClipTracks kneeless = f.clip.tracks;
  kneeless.joints[indexOf(Joint::kKnee)].clear();
  EXPECT_FALSE(readStature(kneeless, f.clip.camera, errors, f.reps, estimateBody(taped)));
  EXPECT_FALSE(readStature(f.clip.tracks, f.clip.camera, errors, {}, estimateBody(taped)));
}

TEST(LengthsFromClip, NoiseCostsNoMoreThanIsStated) {
  known::KnownSquat plan;
  plan.noise_px = 2.0;
  const Filmed f = filmed(plan);
  const auto lengths = estimateLengths(f.clip.tracks, f.clip.camera, {}, f.reps);
  ASSERT_TRUE(lengths);
  EXPECT_NEAR(cm(lengths, Segment::kTrunk), 50.0, 200.0 * (*lengths)[indexOf(Segment::kTrunk)]->sd);
}

TEST(LengthsFromClip, SayWhyThereAreNone) {
  Filmed f = filmed();
  EXPECT_EQ(estimateLengths(f.clip.tracks, f.clip.camera, {}, {}).error().remedy, Remedy::kFilmAgain);
  SideCamera oblique = f.clip.camera;
  oblique.vanishing_px.x() += 0.25 * oblique.focal_px;  // 14 degrees
  const auto refused = estimateLengths(f.clip.tracks, oblique, {}, f.reps);
  ASSERT_FALSE(refused);
  EXPECT_NE(refused.error().text.find("14"), std::string::npos) << refused.error().text;
  ClipTracks across = f.clip.tracks;
  across.ends = {across.bar, across.bar};
  EXPECT_EQ(estimateLengths(across, f.clip.camera, {}, f.reps).error().remedy, Remedy::kFilmAgain);
  f.clip.tracks.joints[indexOf(Joint::kKnee)].clear();
  EXPECT_EQ(estimateLengths(f.clip.tracks, f.clip.camera, {}, f.reps).error().remedy, Remedy::kMarkByHand);
}

TEST(CombineLengths, WeighsByErrorAndPromisesNoMoreThanOneClip) {
  const auto both = combineLengths({{0.42, 0.01}, {0.45, 0.02}});
  ASSERT_TRUE(both);
  EXPECT_NEAR(both->value, (4 * 0.42 + 0.45) / 5, 1e-12);
  EXPECT_GE(both->sd, 0.01);
  EXPECT_FALSE(combineLengths({}));
}

TEST(TakeLengths, FillsWhatNobodyMeasuredByHand) {
  ClipLengths clip;
  clip[indexOf(Segment::kThigh)] = Estimate{0.42, 0.01};
  clip[indexOf(Segment::kShank)] = Estimate{0.43, 0.01};
  BodyFacts facts;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{0.45, 0.01}, LengthSource::kByHand};
  facts.measured[indexOf(Segment::kShank)] = BodyLength{{0.40, 0.02}, LengthSource::kFromClip};
  EXPECT_EQ(takeLengths({clip, clip}, facts), std::vector{Segment::kShank});
  EXPECT_DOUBLE_EQ(facts.measured[indexOf(Segment::kThigh)]->m.value, 0.45) << "by hand stays";
  EXPECT_DOUBLE_EQ(facts.measured[indexOf(Segment::kShank)]->m.value, 0.43) << "an older reading is replaced";
  EXPECT_FALSE(facts.measured[indexOf(Segment::kTrunk)]);
}

}  // namespace
}  // namespace mottix
