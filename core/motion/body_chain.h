// A lifter's shank, thigh and trunk from the side, followed as one chain from picture to picture.
//
// A small state estimate (extended Kalman filter with iterated updates, bell1993) in the lifter's frame
// (metres, see SideCamera), started from joints that were placed on one picture. What a picture shows, limbs
// that have moved, a posture seen before, the hindmost point, joints that a network reads, is told to it; it
// also knows that
//   - shank, thigh and trunk keep their lengths; those of shank and thigh are part of the state, since they
//     hang on how far out the knee is, which shows from the side only when the leg is straight,
//   - on a squat the shoulder rides with the bar and turns with the trunk; on a deadlift it stays an arm's
//     length from the bar while that is held, which goes up along the leg's front,
//   - feet stand still.
// So a point hidden behind the plate is inferred from the others, with a larger stated error; and when the
// film is through, what showed later tells of what was hidden before (rauch1965).
#pragma once

#include <cstddef>
#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/motion/side_camera.h"
#include "core/motion/tracks.h"

namespace mottix {

// How the lifter has the bar; one who lies under it has the shoulder on the bench.
enum class Hold { kOnBack, kInHands, kLying };

struct ChainInput {
  SideCamera camera;
  std::vector<BarSample> bar;  // one a frame of the film
  PlacedPoints placed;         // hip, knee, ankle and shoulder are needed; heel and toe are kept when given
  Hold hold = Hold::kOnBack;
  std::size_t held_from = 0, held_to = 0;  // of kInHands: frames from one to the other
  Stance stance = Stance::kShoulderWide;
};

// How the two joints at the ends of a limb's part have moved since the picture before.
struct LimbMotion {
  Vec2 knee_px = Vec2::Zero(), hip_px = Vec2::Zero();
  double knee_sd_px = 1e3, hip_sd_px = 1e3;
};

// What one picture shows of the body, beside what moves.
struct SeenAgain {  // knee and hip against an earlier picture of the same posture
  Vec2 knee_px = Vec2::Zero(), hip_px = Vec2::Zero();
  double knee_sd_px = 0.0, hip_sd_px = 0.0;
};

class BodyChain {
 public:
  // `input` must outlive the chain.
  explicit BodyChain(const ChainInput& input);
  // Back to the placed picture, with what was known there.
  void restart();

  // The picture before to `frame`. `covered`: somebody walks by, and nothing is known of how leg and trunk
  // move.
  void step(const LimbMotion& leg, const LimbMotion& trunk, std::size_t frame, bool covered);
  void seeAgain(const SeenAgain& seen);
  // The hindmost point of the outline; on the placed picture it is learnt how far the hip is before it.
  void seeHindmost(const Vec2& hindmost_px, std::size_t frame);
  // Two points of the shin's front edge, which leans about as the shin does; on the placed picture it is
  // learnt by how much more.
  void seeShin(const Vec2& upper_px, const Vec2& lower_px, std::size_t frame);
  // Knee, hip or shoulder as a network reads it.
  void read(Joint j, const Vec2& p_px, std::size_t frame);

  // Where knee, hip, shoulder or ankle is in the picture, and its standard deviation in the estimate alone.
  Vec2 px(Joint j) const;
  double sd_px(Joint j) const;
  // The same with all that is known to go wrong.
  JointSample sample(Joint j, std::size_t frame) const;
  // Keeps where the chain is, when all of a picture has been told.
  void keep(std::size_t frame);
  // Smooths what was kept since the placed picture or the last time, from its end backward, and writes
  // `joints` of those pictures.
  void smooth(const std::vector<Joint>& joints, JointTracks& out);
  double shank_m() const { return x_[kShank]; }
  double thigh_m() const { return x_[kThigh]; }
  // Of the lifter, as usual for such lengths.
  double height_m() const;
  double height_px() const;
  // The bar's way over where it was on the placed picture (m), not below zero; and as a part of all of it.
  double risen(const BarSample& bar) const;
  double risenPart(const BarSample& bar) const;

 private:
  // Knee x, y, z; hip x, y; shoulder x, y; lengths of shank and thigh (metres, body frame); how far the knee
  // goes out for each metre forward.
  static constexpr int kN = 10, kShank = 7, kThigh = 8, kOut = 9;
  using State = Eigen::Matrix<double, kN, 1>;
  using Cov = Eigen::Matrix<double, kN, kN>;

  const ChainInput& input_;
  const SideCamera& camera_;
  Hold hold_;
  bool has_bar_ = false, held_ = true;
  Vec2 ankle_ = Vec2::Zero(), shoulder_on_bar_ = Vec2::Zero(), bar0_ = Vec2::Zero();
  double trunk_ = 0.0, lean0_ = 0.0;
  std::optional<Vec2> bar_before_, hip_before_hindmost_;
  Estimate edge_leans_more_;  // the shin's front edge than the shin, radians
  double highest_m_ = 0.0;    // of the bar, over where it was on the placed frame
  struct Kept {
    std::size_t frame;
    State predicted, x;  // from what moves alone, and with all else
    Cov predicted_p, p;
  };
  std::vector<Kept> kept_;
  State predicted_ = State::Zero();
  Cov predicted_p_ = Cov::Identity();
  State x_ = State::Zero(), start_x_ = State::Zero();
  Cov p_ = Cov::Zero(), start_p_ = Cov::Zero();

  double lateral(Joint j) const { return lateralPrior(j, input_.stance).value; }
  static int rowOf(Joint j) { return j == Joint::kKnee ? 0 : j == Joint::kHip ? 3 : 5; }
  static double lean(const State& x) { return std::atan2(x[5] - x[3], x[6] - x[4]); }
  // Kalman update: what is seen (rows of `h`) was `off` from where it was thought to be.
  void update(const Eigen::MatrixXd& h, const Eigen::VectorXd& off, const Eigen::MatrixXd& noise);
  // The same of the joint whose rows begin at `at`.
  void take(int at, const Vec2& off, const Eigen::Matrix2d& noise);
  // The knee along the line of sight: its place in the picture is known, its depth is not.
  State kneeRay() const;
  // What is known of bodies and of the bar, each divided by its standard deviation.
  Eigen::VectorXd residuals(const State& x, const BarSample& bar) const;
  void solve(const BarSample& bar, const State& before);
};

}  // namespace mottix
