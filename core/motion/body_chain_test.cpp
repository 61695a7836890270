#include "core/motion/body_chain.h"

#include <cmath>
#include <numbers>
#include <optional>
#include <utility>

#include <Eigen/Geometry>

#include <gtest/gtest.h>

#include "tests/known_squat.h"

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;

// A lifter who pulls a bar once and puts it down again, knees going out less than is usual: exact places of
// joints and bar in every picture.
struct KnownPull {
  double shank_m = 0.42, thigh_m = 0.41, trunk_m = 0.48, arm_m = 0.62, knee_goes_out = 0.10;
  std::size_t stands = 10, moves = 30, holds = 20;
  SideCamera camera = known::knownCamera();
  Vec2 ankle{-0.08, -0.75};

  struct Pose {
    Vec2 knee, hip, shoulder, bar;
    double knee_z;
  };
  double ankleZ() const { return lateralPrior(Joint::kAnkle, Stance::kUnderHips).value; }
  std::size_t frames() const { return 2 * (stands + moves) + holds; }
  // 0 in the set-up, 1 at lock-out.
  double risen(std::size_t frame) const {
    const auto f = static_cast<double>(frame);
    const double up = (f - static_cast<double>(stands)) / static_cast<double>(moves),
                 down = (static_cast<double>(stands + 2 * moves + holds) - f) / static_cast<double>(moves);
    const double p = std::clamp(std::min(up, down), 0.0, 1.0);
    return p * p * p * (10.0 + p * (-15.0 + 6.0 * p));
  }
  Pose at(std::size_t frame) const {
    const double left = 1.0 - risen(frame), hip_z = lateralPrior(Joint::kHip).value;
    const double shin = 13.0 * kDeg * left, thigh = 66.0 * kDeg * left, trunk = 58.0 * kDeg * left;
    Pose p;
    p.knee_z = 0.5 * (ankleZ() + hip_z) + knee_goes_out * 0.25 * left;
    auto across = [](double length, double dz) { return std::sqrt(length * length - dz * dz); };
    p.knee = ankle + across(shank_m, p.knee_z - ankleZ()) * Vec2(std::sin(shin), std::cos(shin));
    p.hip = p.knee + across(thigh_m, p.knee_z - hip_z) * Vec2(-std::sin(thigh), std::cos(thigh));
    p.shoulder = p.hip + trunk_m * Vec2(std::sin(trunk), std::cos(trunk));
    const double ahead = p.shoulder.x() - 0.04 * left + 0.08 * (1.0 - left);
    p.bar = {ahead, p.shoulder.y() - std::sqrt(arm_m * arm_m - std::pow(p.shoulder.x() - ahead, 2))};
    return p;
  }
  double z(Joint j, const Pose& p) const {
    return j == Joint::kKnee ? p.knee_z : lateralPrior(j, Stance::kUnderHips).value;
  }
  Vec2 px(Joint j, std::size_t frame) const {
    const Pose p = at(frame);
    const Vec2 m = j == Joint::kKnee ? p.knee : j == Joint::kHip ? p.hip : p.shoulder;
    return camera.toPicture(m, z(j, p));
  }
  Vec2 barPx(std::size_t frame) const { return camera.toPicture(at(frame).bar, camera.plate_lateral_m); }

  ChainInput input() const {
    ChainInput in;
    in.camera = camera;
    for (std::size_t f = 0; f < frames(); ++f) in.bar.push_back({barPx(f), 0.2, 80.0, TrackState::kSeen});
    in.placed.joints[indexOf(Joint::kAnkle)] = camera.toPicture(ankle, ankleZ());
    for (const Joint j : {Joint::kKnee, Joint::kHip, Joint::kShoulder})
      in.placed.joints[indexOf(j)] = px(j, 0);
    in.hold = Hold::kInHands;
    in.held_to = frames();
    in.stance = Stance::kUnderHips;
    return in;
  }
  // What a picture shows of how limbs have moved: nothing of a joint behind the plate.
  LimbMotion moved(Joint lower, Joint upper, std::size_t frame) const {
    LimbMotion m;
    auto shown = [&](Joint j) { return (px(j, frame) - barPx(frame)).norm() > 85.0; };
    if (!shown(lower) || !shown(upper)) return m;
    m.knee_px = px(lower, frame) - px(lower, frame - 1);
    m.hip_px = px(upper, frame) - px(upper, frame - 1);
    m.knee_sd_px = m.hip_sd_px = 0.3;
    return m;
  }
  // Two points of a shin's front edge that leans by `more` (radians) more than the shin.
  std::pair<Vec2, Vec2> shinEdge(std::size_t frame, double more) const {
    const Pose p = at(frame);
    const Vec2 shin = p.knee - ankle, edge = Eigen::Rotation2Dd(-more) * shin;
    auto px = [&](double part) {
      return camera.toPicture(ankle + Vec2(0.05, 0.0) + part * edge, 0.5 * (p.knee_z + ankleZ()));
    };
    return {px(0.8), px(0.3)};
  }
  // The whole film, followed, with what a network reads now and then of joints that show, and the shin's edge
  // where its lean is given.
  // `blind`: nothing else of the legs is seen.
  JointTracks follow(const ChainInput& in, std::optional<double> edge = std::nullopt,
                     bool blind = false) const {
    JointTracks out;
    const std::vector<Joint> joints = {Joint::kKnee, Joint::kHip, Joint::kShoulder, Joint::kAnkle};
    for (const Joint j : joints) out[indexOf(j)].resize(frames());
    BodyChain chain(in);
    auto seeShin = [&](std::size_t f) {
      if (!edge) return;
      const auto [upper, lower] = shinEdge(f, *edge);
      chain.seeShin(upper, lower, f);
    };
    seeShin(0);
    chain.keep(0);
    for (std::size_t f = 1; f < frames(); ++f) {
      chain.step(blind ? LimbMotion{} : moved(Joint::kKnee, Joint::kHip, f),
                 moved(Joint::kHip, Joint::kShoulder, f), f, false);
      if (f % 6 == 0 && !blind)
        for (const Joint j : {Joint::kKnee, Joint::kHip, Joint::kShoulder})
          if ((px(j, f) - barPx(f)).norm() > 85.0) chain.read(j, px(j, f), f);
      if (f % 6 == 0) seeShin(f);
      chain.keep(f);
    }
    chain.smooth(joints, out);
    return out;
  }
  double cmOff(const JointTracks& tracks, Joint j, std::size_t frame) const {
    return (tracks[indexOf(j)][frame].p_px - px(j, frame)).norm() * camera.mmPerPx(z(j, at(frame))) / 10.0;
  }
};

TEST(BodyChain, FollowsAPullAndComesBackToWhereItBegan) {
  const KnownPull pull;
  const ChainInput in = pull.input();
  const JointTracks tracks = pull.follow(in);
  for (const Joint j : {Joint::kKnee, Joint::kHip, Joint::kShoulder}) {
    EXPECT_EQ(tracks[indexOf(j)][0].p_px, *in.placed.joints[indexOf(j)]) << "where it was placed";
    EXPECT_DOUBLE_EQ(tracks[indexOf(j)][0].sd_px, 0.0);
    for (std::size_t f = 0; f < pull.frames(); f += 5)
      EXPECT_LT(pull.cmOff(tracks, j, f), 5.5) << nameOf(j) << " on " << f;
    EXPECT_LT(pull.cmOff(tracks, j, pull.frames() - 1), 3.5) << nameOf(j) << ", at the end";
  }
  EXPECT_EQ(tracks[indexOf(Joint::kAnkle)][50].p_px, *in.placed.joints[indexOf(Joint::kAnkle)]);
}

// The edge of the shin shows how it leans where the plate is before the knee.
TEST(BodyChain, TheShinsEdgeTellsHowItLeans) {
  const KnownPull pull;
  const ChainInput in = pull.input();
  auto kneeOff = [&](const JointTracks& tracks) {
    double sum = 0.0;
    for (std::size_t f = 0; f < pull.frames(); ++f) sum += pull.cmOff(tracks, Joint::kKnee, f);
    return sum / static_cast<double>(pull.frames());
  };
  auto follow = [&](std::optional<double> edge) { return kneeOff(pull.follow(in, edge, true)); };
  const double without = follow(std::nullopt);
  EXPECT_LT(follow(0.045), 0.8 * without);
  // An edge that leans far more is somebody else's.
  EXPECT_NEAR(follow(0.9), without, 0.05);
}

// Under a bar on the back, where the whole shin shows, it is learnt from the placed joints how much more this
// leg's edge leans than the leg.
TEST(BodyChain, HowMuchAShinsEdgeLeansIsLearntWhereJointsWerePlaced) {
  const KnownPull stands;  // as it does in its first pictures
  ChainInput in = stands.input();
  in.hold = Hold::kOnBack;
  auto kneeMoves = [&](bool learns) {
    BodyChain chain(in);
    const Vec2 before = chain.px(Joint::kKnee);
    const auto [upper, lower] = stands.shinEdge(0, 0.10);
    if (learns) chain.seeShin(upper, lower, 0);
    for (std::size_t f = 1; f < 6; ++f) {
      chain.step({}, {}, f, false);
      chain.seeShin(upper, lower, f);
    }
    return (chain.px(Joint::kKnee) - before).norm();
  };
  EXPECT_GT(kneeMoves(false), 3.0);
  EXPECT_LT(kneeMoves(true), 0.5 * kneeMoves(false));
}

// Thigh and shank look longer where the knee is thought to go out far; at lock-out straight legs tell.
TEST(BodyChain, LearnsFromLockOutHowFarTheKneesGoOut) {
  const KnownPull pull;
  const ChainInput in = pull.input();
  BodyChain chain(in);
  const double thought = chain.shank_m() + chain.thigh_m(), truly = pull.shank_m + pull.thigh_m;
  EXPECT_GT(thought - truly, 0.012);
  for (std::size_t f = 1; f < pull.stands + pull.moves + pull.holds; ++f)
    chain.step(pull.moved(Joint::kKnee, Joint::kHip, f), pull.moved(Joint::kHip, Joint::kShoulder, f), f,
               false);
  EXPECT_LT(std::abs(chain.shank_m() + chain.thigh_m() - truly), 0.5 * (thought - truly));
}

// What a picture shows later tells of what was hidden before.
TEST(BodyChain, AHiddenJointIsSmoothedTowardWhereItShowsAgain) {
  const KnownPull pull;
  const ChainInput in = pull.input();
  JointTracks with, without;
  const std::vector<Joint> joints = {Joint::kKnee, Joint::kHip, Joint::kShoulder};
  double forward = 0.0, smoothed = 0.0;
  BodyChain chain(in);
  for (const Joint j : joints) with[indexOf(j)].resize(pull.frames());
  without = with;
  chain.keep(0);
  for (std::size_t f = 1; f < pull.frames(); ++f) {
    // Somebody walks by while the bar goes up.
    const bool covered = f > pull.stands + 4 && f < pull.stands + pull.moves - 4;
    chain.step(covered ? LimbMotion{} : pull.moved(Joint::kKnee, Joint::kHip, f), {}, f, covered);
    if (f % 6 == 0 && !covered)
      for (const Joint j : joints) chain.read(j, pull.px(j, f), f);
    chain.keep(f);
    for (const Joint j : joints) without[indexOf(j)][f] = chain.sample(j, f);
  }
  chain.smooth(joints, with);
  for (std::size_t f = pull.stands; f < pull.stands + pull.moves; ++f) {
    forward += pull.cmOff(without, Joint::kHip, f);
    smoothed += pull.cmOff(with, Joint::kHip, f);
    EXPECT_LE(with[indexOf(Joint::kHip)][f].sd_px, 1.001 * without[indexOf(Joint::kHip)][f].sd_px) << f;
  }
  EXPECT_LT(smoothed, 0.8 * forward);
}

// Somebody else's leg, followed over a picture, is left where it was and taken into none before.
TEST(BodyChain, AJumpIsNotSmoothedIntoThePicturesBefore) {
  const KnownPull pull;
  const ChainInput in = pull.input();
  const std::size_t last =
      pull.stands + pull.moves + pull.holds / 2;  // the plate has hidden the hip for long
  std::array<JointTracks, 2> tracks;              // without and with the jump
  for (const bool jumps : {false, true}) {
    JointTracks& out = tracks[jumps ? 1 : 0];
    out[indexOf(Joint::kHip)].resize(pull.frames());
    BodyChain chain(in);
    chain.keep(0);
    for (std::size_t f = 1; f <= last; ++f) {
      LimbMotion leg;
      if (f < last) leg = pull.moved(Joint::kKnee, Joint::kHip, f);
      if (f == last && jumps) leg = {Vec2(-170.0, 40.0), Vec2(-170.0, 40.0), 0.3, 0.3};
      chain.step(leg, {}, f, false);
      chain.keep(f);
    }
    chain.smooth({Joint::kHip}, out);
  }
  for (std::size_t f = 0; f < last; ++f)
    EXPECT_LT((tracks[0][indexOf(Joint::kHip)][f].p_px - tracks[1][indexOf(Joint::kHip)][f].p_px).norm(), 0.5)
        << f;
}

TEST(BodyChain, AReadingThatIsElsewhereIsNotBelieved) {
  const KnownPull pull;
  const ChainInput in = pull.input();
  BodyChain chain(in);
  chain.step(pull.moved(Joint::kKnee, Joint::kHip, 1), pull.moved(Joint::kHip, Joint::kShoulder, 1), 1,
             false);
  const Vec2 before = chain.px(Joint::kHip);
  chain.read(Joint::kHip, before + Vec2(200.0, 0.0), 1);
  EXPECT_EQ(chain.px(Joint::kHip), before);
  chain.read(Joint::kHip, before + Vec2(3.0, 0.0), 1);
  EXPECT_GT(chain.px(Joint::kHip).x(), before.x());
  chain.restart();
  EXPECT_LT((chain.px(Joint::kHip) - pull.px(Joint::kHip, 0)).norm(), 0.1);
}

}  // namespace
}  // namespace mottix
