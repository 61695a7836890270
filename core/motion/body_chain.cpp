#include "core/motion/body_chain.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/body/athlete_body.h"
#include "core/motion/pulled_joints.h"

namespace mottix {
namespace {

// What the constraints are trusted to.
constexpr double kShankRel = 0.01, kThighRel = 0.01, kTrunkRel = 0.02;
constexpr double kShoulderOnBarM = 0.015;  // the bar rolls and the shoulder girdle gives by about this
// The bar lies before the hips: half a thigh between them. It goes up along the leg, its middle before the
// joints' line by half the leg's depth and its own radius (practice; depths of shank, knee and thigh:
// gordon1989); nearer it cannot be, and it drifts away now and then. Own allowances.
constexpr double kBarBeforeHipM = 0.05, kBarBeforeKneeM = 0.075, kShoulderAboveBarM = 0.35,
                 kInFrontSdM = 0.02, kDriftsSdM = 0.06;
// The shoulder joint is slightly before the bar from the floor to the knee, where arms hang from it
// (practice); at lock-out the bar lies before the thigh and the trunk is upright, so that it is behind the
// bar by about the thigh's half depth. Own allowances.
constexpr double kOverBarSdM = 0.03, kShoulderBehindAtTopM = 0.08, kKneePassedM = 0.25;
constexpr double kOnBenchM = 0.02;       // shoulder blades that shift; own allowance
constexpr double kSeatM = 0.10;          // a seat that leaves the bench, in one frame; own allowance
constexpr double kScaleRel = 0.02;       // of the body's scale: focal length ±10 % at 3 m
constexpr double kFarthestStepM = 0.15;  // from frame to frame: 4.5 m/s at 30 frames a second
constexpr double kLostStepM = 0.03;
constexpr double kOverstraightM = 0.015;  // behind the leg's line; own allowance
constexpr double kKneeSideStepM = 0.012;  // sideways motion of the knee in one frame
constexpr double kFlowOfMotion = 0.25;    // skin and cloth slide over the joint by about 8 % of a long
                                          // movement, which over some 40 frames is this part of each step
// Of the bar's own motion, what flow may leave out of a leg that passes behind the plate. Own allowances.
constexpr double kKneeUnseenOfBar = 0.15, kHipUnseenOfBar = 0.15;
// Somebody walks by before the body: a joint moves unseen, by so much from frame to frame. Own allowance.
constexpr double kCoveredStepM = 0.02;
constexpr double kLockedOut = 0.97;  // part of the bar's way
// What stays wrong when everything fits: joint centres against skin, as a part of the plate's radius.
constexpr double kModelOfRadius = 0.03, kHiddenOfRadius = 0.06;
// From the floor up the plate comes before the thigh and at lock-out hides the hip, so that hip and trunk are
// known worse and worse, in every rep anew: by so much a plate's radius of the way. Own allowance.
constexpr double kPulledOfRadius = 0.12, kWholePull_m = 0.55;
// The hip against the hindmost point of the outline: by so much less sure the more the bar has risen, since a
// turning pelvis shows another point. Seen anew in every third frame, but wrong alike, so that each counts
// for little. Somebody who walks by is elsewhere. Own allowances.
const Vec2 kHipOfHindmostM{0.02, 0.03};
constexpr double kFarFromUsual = 3.0;  // standard deviations
constexpr double kHindmostTurns_m = 0.3, kHindmostShows = 0.8, kOutlineElsewhereM = 0.25;
// How much more or less a joint goes astray than all this says, on the films of
// core/motion/joint_corrections.h and presses 301-304.
constexpr double kKneeStated = 1.5, kShoulderOnBackStated = 0.3, kHipHeldStated = 1.0,
                 kShoulderHeldStated = 0.6, kKneeHeldStated = 1.5, kLyingStated = 0.4;

// The front edge of a shin leans more than the line from ankle to knee, since a leg grows toward the knee: so
// much (radians) on squats and deadlifts 301-307 of the simulated camera; and what is left once that is
// learnt from joints placed by hand. Seen anew five times a second, but wrong alike, so that each counts for
// less.
constexpr Estimate kEdgeLeansMore{0.045, 0.05};
constexpr double kEdgeLearnt = 0.04;

// A network reads the body along the way, in the square laid by where it was carried to. How far off it reads
// a joint on each axis, as a part of the height (squats and deadlifts 301-306 of the simulated camera, in no
// table of docs/accuracy.md; `risen`: part of a pull): the plate stands before a folded lifter's knee, and
// bare arms draw the shoulder forward at lock-out. It counts more than that beside what moves, whose own
// errors are stated wide; that, too, was read off those films. Beyond so many standard deviations it is
// somebody else's.
constexpr double kReadElsewhere = 4.0, kReadCounts = 0.7;
double readScatter(Hold hold, Joint joint, double risen) {
  const bool on_back = hold == Hold::kOnBack;
  switch (joint) {
    case Joint::kKnee:
      return on_back ? 0.015 : 0.045 - 0.02 * risen;
    case Joint::kHip:
      return on_back ? 0.02 : 0.015 + 0.01 * risen;
    default:
      return on_back ? 0.05 : 0.02 + 0.035 * risen;
  }
}

double length3(const Vec2& d, double dz) {
  return std::sqrt(d.squaredNorm() + dz * dz);
}

}  // namespace

BodyChain::BodyChain(const ChainInput& input) : input_(input), camera_(input.camera), hold_(input.hold) {
  const auto& p = input.placed.joints;
  auto body = [&](Joint j) { return camera_.toBody(*p[indexOf(j)], lateral(j)); };
  ankle_ = body(Joint::kAnkle);
  const Vec2 hip = body(Joint::kHip), shoulder = body(Joint::kShoulder);
  Vec2 knee = body(Joint::kKnee);
  double knee_z = lateral(Joint::kKnee);
  if (hold_ != Hold::kLying)
    for (int round = 0; round < 3; ++round) {
      knee_z = kneeLateral(ankle_, knee, hip, input.stance).value;
      knee = camera_.toBody(*p[indexOf(Joint::kKnee)], knee_z);
    }
  const double shank = length3(knee - ankle_, knee_z - lateral(Joint::kAnkle)),
               thigh = length3(hip - knee, lateral(Joint::kHip) - knee_z);
  x_ << knee.x(), knee.y(), knee_z, hip.x(), hip.y(), shoulder.x(), shoulder.y(), shank, thigh,
      toesOut(input.stance).value;
  trunk_ = (shoulder - hip).norm();
  const BarSample& bar = input.bar[input.placed.frame];
  if (bar.state != TrackState::kLost) {
    bar0_ = camera_.barBody(bar.p_px);
    shoulder_on_bar_ = shoulder - bar0_;
    has_bar_ = hold_ == Hold::kOnBack || (hold_ == Hold::kInHands && input.placed.frame >= input.held_from &&
                                          input.placed.frame <= input.held_to);
  }
  if (hold_ == Hold::kInHands)
    for (const BarSample& b : input.bar)
      if (b.state != TrackState::kLost) highest_m_ = std::max(highest_m_, risen(b));
  lean0_ = lean(x_);
  edge_leans_more_ = kEdgeLeansMore;
  // The placed picture is known to a millimetre; how far out the knee is in it is not, by a hinge's play and
  // by the toes' angle, and with it neither shank nor thigh are.
  p_ = 1e-6 * Cov::Identity();
  State v = kneeRay();
  v[kShank] = ((knee - ankle_).dot(v.head<2>()) + knee_z - lateral(Joint::kAnkle)) / shank;
  v[kThigh] = ((knee - hip).dot(v.head<2>()) + knee_z - lateral(Joint::kHip)) / thigh;
  p_ += kKneeHingePlay_m * kKneeHingePlay_m * v * v.transpose();
  v *= kneeOnLeg(ankle_, knee, hip).ahead_m;
  v[kOut] = 1.0;
  p_ += toesOut(input.stance).sd * toesOut(input.stance).sd * v * v.transpose();
  // But they are of one body (not of a lying one, whose legs go out to either side of the bench).
  if (hold_ != Hold::kLying) {
    const Estimate t = usualShare(Segment::kThigh), s = usualShare(Segment::kShank);
    const double ratio = t.value / s.value, rel = std::hypot(t.sd / t.value, s.sd / s.value);
    Eigen::Matrix<double, 1, kN> h = Eigen::Matrix<double, 1, kN>::Zero();
    h[kThigh] = 1.0;
    h[kShank] = -ratio;
    const double var = (h * p_ * h.transpose())(0) + std::pow(rel * thigh, 2);
    const State gain = p_ * h.transpose() / var;
    x_ -= gain * (h * x_)(0);
    p_ -= gain * h * p_;
  }
  start_x_ = x_;
  start_p_ = p_;
}

void BodyChain::restart() {
  bar_before_.reset();
  x_ = start_x_;
  p_ = start_p_;
}

Vec2 BodyChain::px(Joint j) const {
  switch (j) {
    case Joint::kKnee:
      return camera_.toPicture(x_.head<2>(), x_[2]);
    case Joint::kHip:
      return camera_.toPicture(x_.segment<2>(3), lateral(Joint::kHip));
    case Joint::kShoulder:
      return camera_.toPicture(x_.segment<2>(5), lateral(Joint::kShoulder));
    default:
      return *input_.placed.joints[indexOf(Joint::kAnkle)];
  }
}
double BodyChain::sd_px(Joint j) const {
  const int at = rowOf(j);
  const double sd_m = std::sqrt(std::max({0.0, p_(at, at), p_(at + 1, at + 1)}));
  return sd_m * 1000.0 / camera_.mmPerPx(lateral(Joint::kHip));
}

JointSample BodyChain::sample(Joint j, std::size_t frame) const {
  const BarSample& bar = input_.bar[frame];
  const double radius_px = camera_.plate_radius_px;
  JointSample s;
  s.known = true;
  const bool foot = j == Joint::kAnkle || j == Joint::kHeel || j == Joint::kToe;
  const bool placed = frame == input_.placed.frame;
  s.p_px = foot || placed ? *input_.placed.joints[indexOf(j)] : px(j);
  if (placed) return s;
  const bool hidden = bar.state != TrackState::kLost && (s.p_px - bar.p_px).norm() < bar.radius_px;
  double model = foot ? 0.02 : hidden ? kHiddenOfRadius : kModelOfRadius;
  if (hold_ == Hold::kInHands && (j == Joint::kHip || j == Joint::kShoulder))
    model = std::hypot(model, kPulledOfRadius * risen(bar) / kWholePull_m);
  const double times = foot                      ? 1.0
                       : hold_ == Hold::kLying   ? kLyingStated
                       : j == Joint::kKnee       ? (hold_ == Hold::kInHands ? kKneeHeldStated : kKneeStated)
                       : hold_ == Hold::kInHands ? (j == Joint::kHip ? kHipHeldStated : kShoulderHeldStated)
                       : j == Joint::kShoulder && hold_ == Hold::kOnBack ? kShoulderOnBackStated
                                                                         : 1.0;
  s.sd_px = times * std::hypot(model * radius_px, foot ? 0.0 : sd_px(j));
  return s;
}

void BodyChain::keep(std::size_t frame) {
  kept_.push_back({frame, predicted_, x_, predicted_p_, p_});
}

void BodyChain::smooth(const std::vector<Joint>& joints, JointTracks& out) {
  const State x_end = x_;
  const Cov p_end = p_;
  for (std::size_t i = kept_.size(); i-- > 0;) {
    if (i + 1 < kept_.size()) {
      const Kept& next = kept_[i + 1];
      const Cov gain = kept_[i].p * next.predicted_p.inverse();
      x_ = kept_[i].x + gain * (x_ - next.predicted);
      p_ = kept_[i].p + gain * (p_ - next.predicted_p) * gain.transpose();
    } else {
      x_ = kept_[i].x;
      p_ = kept_[i].p;
    }
    for (const Joint j : joints) out[indexOf(j)][kept_[i].frame] = sample(j, kept_[i].frame);
  }
  x_ = x_end;
  p_ = p_end;
  kept_.clear();
}

double BodyChain::risen(const BarSample& bar) const {
  return bar.state == TrackState::kLost ? kWholePull_m
                                        : std::max(0.0, (camera_.barBody(bar.p_px) - bar0_).y());
}

double BodyChain::risenPart(const BarSample& bar) const {
  return highest_m_ > 0.0 ? risen(bar) / highest_m_ : 1.0;
}

double BodyChain::height_px() const {
  return height_m() * 1000.0 / camera_.mmPerPx(lateral(Joint::kHip));
}

double BodyChain::height_m() const {
  return (x_[kShank] + x_[kThigh] + trunk_) /
         (usualShare(Segment::kShank).value + usualShare(Segment::kThigh).value +
          usualShare(Segment::kTrunk).value);
}

void BodyChain::seeAgain(const SeenAgain& seen) {
  const double m_per_px = camera_.mmPerPx(lateral(Joint::kHip)) / 1000.0;
  Eigen::Matrix<double, 4, kN> h = Eigen::Matrix<double, 4, kN>::Zero();
  h(0, 0) = h(1, 1) = h(2, 3) = h(3, 4) = 1.0;
  Eigen::Vector4d z;
  z << camera_.toBody(seen.knee_px, x_[2]), camera_.toBody(seen.hip_px, lateral(Joint::kHip));
  Eigen::Vector4d var;
  var << Eigen::Vector2d::Constant(seen.knee_sd_px), Eigen::Vector2d::Constant(seen.hip_sd_px);
  var = (var * m_per_px).cwiseAbs2();
  update(h, z - h * x_, var.asDiagonal().toDenseMatrix());
}

void BodyChain::seeHindmost(const Vec2& hindmost_px, std::size_t frame) {
  const BarSample& bar = input_.bar[frame];
  const bool placed = frame == input_.placed.frame;
  if (risenPart(bar) > kHindmostShows) return;
  const Vec2 at_m = camera_.toBody(hindmost_px, lateral(Joint::kHip)), hip = x_.segment<2>(3);
  if (placed) {
    hip_before_hindmost_ = hip - at_m;
    // Somebody who walked by, or a tip that is not the hip's.
    const Vec2 usual(kHipBeforeHindmost_m.value, 0.0), off = *hip_before_hindmost_ - usual;
    if (std::abs(off.x()) > kFarFromUsual * kHipBeforeHindmost_m.sd ||
        std::abs(off.y()) > kFarFromUsual * kHipAsHigh_m)
      hip_before_hindmost_ = usual;
  } else if (hip_before_hindmost_) {
    const Vec2 off = at_m + *hip_before_hindmost_ - hip;
    if (off.norm() > kOutlineElsewhereM) return;
    const Vec2 sd_m = (1.0 + risen(bar) / kHindmostTurns_m) * kHipOfHindmostM;
    take(rowOf(Joint::kHip), off, sd_m.cwiseAbs2().asDiagonal());
  }
}

void BodyChain::seeShin(const Vec2& upper_px, const Vec2& lower_px, std::size_t frame) {
  const double out = 0.5 * (x_[2] + lateral(Joint::kAnkle));
  const Vec2 edge = camera_.toBody(upper_px, out) - camera_.toBody(lower_px, out);
  const Vec2 shin = x_.head<2>() - ankle_;
  const double off = std::atan2(edge.x(), edge.y()) - std::atan2(shin.x(), shin.y()) - edge_leans_more_.value;
  if (frame == input_.placed.frame) {
    // Partly the hand's own error. In a set-up little of the shin shows.
    if (hold_ == Hold::kOnBack && std::abs(off) < kFarFromUsual * kEdgeLeansMore.sd)
      edge_leans_more_ = {edge_leans_more_.value + off, kEdgeLearnt};
    return;
  }
  Eigen::MatrixXd h = Eigen::MatrixXd::Zero(1, kN);
  h.leftCols<2>() = Vec2(shin.y(), -shin.x()).transpose() / shin.squaredNorm();
  const double var = edge_leans_more_.sd * edge_leans_more_.sd;
  if (off * off > kReadElsewhere * kReadElsewhere * ((h * p_ * h.transpose())(0, 0) + var)) return;
  update(h, Eigen::VectorXd::Constant(1, off), Eigen::MatrixXd::Constant(1, 1, var));
}

void BodyChain::read(Joint j, const Vec2& p_px, std::size_t frame) {
  const double sd_m = kReadCounts * height_m() * readScatter(hold_, j, risenPart(input_.bar[frame]));
  const int at = rowOf(j);
  const Vec2 off = camera_.toBody(p_px, j == Joint::kKnee ? x_[2] : lateral(j)) - x_.segment<2>(at);
  const Eigen::Matrix2d noise = sd_m * sd_m * Eigen::Matrix2d::Identity();
  const Eigen::Matrix2d stated = p_.block<2, 2>(at, at) + noise;
  if (off.dot(stated.inverse() * off) > kReadElsewhere * kReadElsewhere) return;
  take(at, off, noise);
}

void BodyChain::step(const LimbMotion& leg, const LimbMotion& trunk, std::size_t frame, bool covered) {
  const BarSample& bar = input_.bar[frame];
  const bool held = hold_ == Hold::kOnBack || (frame >= input_.held_from && frame <= input_.held_to);
  held_ = held;
  LimbMotion motion = leg;
  const double m_per_px = camera_.mmPerPx(lateral(Joint::kHip)) / 1000.0;
  const State before = x_;
  if (trunk.knee_sd_px < 1e3) {
    // Leg and trunk both tell how the hip goes.
    const double leg_w = 1.0 / (motion.hip_sd_px * motion.hip_sd_px),
                 trunk_w = 1.0 / (trunk.knee_sd_px * trunk.knee_sd_px);
    motion.hip_px = (leg_w * motion.hip_px + trunk_w * trunk.knee_px) / (leg_w + trunk_w);
    motion.hip_sd_px = 1.0 / std::sqrt(leg_w + trunk_w);
  }
  // The picture's motion moves knee and hip; the shoulder follows the hip until the bar says better.
  const Vec2 knee = camera_.toBody(px(Joint::kKnee) + motion.knee_px, x_[2]);
  const Vec2 hip = camera_.toBody(px(Joint::kHip) + motion.hip_px, lateral(Joint::kHip));
  const Vec2 moved = hip - x_.segment<2>(3);
  x_.head<2>() = knee;
  x_.segment<2>(3) = hip;
  double shoulder_q = 0.05;
  if (trunk.hip_sd_px < 1e3) {
    x_.segment<2>(5) = camera_.toBody(px(Joint::kShoulder) + trunk.hip_px, lateral(Joint::kShoulder));
    shoulder_q = std::min(0.1, std::hypot(trunk.hip_sd_px, kFlowOfMotion * trunk.hip_px.norm()) * m_per_px);
  } else {
    x_.segment<2>(5) += moved;
  }
  auto step_sd = [&](double sd_px, const Vec2& d) {
    return std::min(0.1, std::hypot(sd_px, kFlowOfMotion * d.norm()) * m_per_px);
  };
  double knee_q = step_sd(motion.knee_sd_px, motion.knee_px),
         hip_q = step_sd(motion.hip_sd_px, motion.hip_px);
  if (covered) knee_q = hip_q = shoulder_q = kCoveredStepM;
  if (hold_ == Hold::kInHands && held && bar.state != TrackState::kLost && bar_before_) {
    // Behind the plate flow does not tell all of how the legs move.
    const double step_m = (camera_.barBody(bar.p_px) - *bar_before_).norm();
    knee_q = std::hypot(knee_q, kKneeUnseenOfBar * step_m);
    hip_q = std::hypot(hip_q, kHipUnseenOfBar * step_m);
  }
  bar_before_.reset();
  if (bar.state != TrackState::kLost) bar_before_ = camera_.barBody(bar.p_px);
  State q;
  q << knee_q, knee_q, 0.001, hip_q, hip_q, shoulder_q, shoulder_q, 0.0, 0.0, 0.0;
  p_ += State(q.cwiseAbs2()).asDiagonal();
  p_ += kKneeSideStepM * kKneeSideStepM * kneeRay() * kneeRay().transpose();
  predicted_ = x_;
  predicted_p_ = p_;
  solve(bar, before);
  // A jump is somebody else's leg, or the other one: the pose stays and is less sure.
  const double knee_step = (x_ - before).head<2>().norm(), hip_step = (x_ - before).segment<2>(3).norm();
  if (std::max(knee_step, hip_step) > kFarthestStepM) {
    const Vec2 shoulder_moved = (x_ - before).segment<2>(5);
    x_ = before;
    x_.segment<2>(5) += shoulder_moved;
    p_ += Cov::Identity() * (kLostStepM * kLostStepM);
    // Nothing of the jump is left to be smoothed into the pictures before.
    predicted_ = x_;
    predicted_p_ = p_;
  }
}

void BodyChain::update(const Eigen::MatrixXd& h, const Eigen::VectorXd& off, const Eigen::MatrixXd& noise) {
  const Eigen::MatrixXd gain = p_ * h.transpose() * (h * p_ * h.transpose() + noise).inverse();
  x_ += gain * off;
  const Cov i_kh = Cov::Identity() - gain * h;
  p_ = i_kh * p_ * i_kh.transpose() + gain * noise * gain.transpose();
}

void BodyChain::take(int at, const Vec2& off, const Eigen::Matrix2d& noise) {
  Eigen::MatrixXd h = Eigen::MatrixXd::Zero(2, kN);
  h(0, at) = h(1, at + 1) = 1.0;
  update(h, off, noise);
}

BodyChain::State BodyChain::kneeRay() const {
  const Vec2 p = camera_.toPicture(x_.head<2>(), x_[2]);
  const Vec2 slope = (camera_.toBody(p, x_[2] + 0.01) - camera_.toBody(p, x_[2])) / 0.01;
  State v = State::Zero();
  v.head<3>() << slope.x(), slope.y(), 1.0;
  return v;
}

Eigen::VectorXd BodyChain::residuals(const State& x, const BarSample& bar) const {
  Eigen::VectorXd r(11);
  r.setZero();
  r[0] = (length3(x.head<2>() - ankle_, x[2] - lateral(Joint::kAnkle)) - x[kShank]) / (kShankRel * x[kShank]);
  r[1] = (length3(x.segment<2>(3) - x.head<2>(), lateral(Joint::kHip) - x[2]) - x[kThigh]) /
         (kThighRel * x[kThigh]);
  r[2] = ((x.segment<2>(5) - x.segment<2>(3)).norm() - trunk_) / (kTrunkRel * trunk_);
  if (hold_ == Hold::kLying) {
    const Vec2 e = (x.segment<2>(5) - start_x_.segment<2>(5)) / kOnBenchM;
    r[4] = e.x();
    r[5] = e.y();
    // Seat and legs stay, or come back after they have moved.
    r[7] = (x[3] - start_x_[3]) / kSeatM;
    r[8] = (x[4] - start_x_[4]) / kSeatM;
    r[3] = (x[2] - lateral(Joint::kKnee)) / kKneeHingePlay_m;
  } else {
    const KneeOnLeg on = kneeOnLeg(ankle_, x.head<2>(), x.segment<2>(3));
    const double straight =
        lateral(Joint::kAnkle) + on.share * (lateral(Joint::kHip) - lateral(Joint::kAnkle));
    r[3] = (x[2] - straight - x[kOut] * on.ahead_m) / kKneeHingePlay_m;
  }
  // Knees do not bend backward.
  const Vec2 ankle_to_hip = x.segment<2>(3) - ankle_;
  const double share = ankle_to_hip.dot(x.head<2>() - ankle_) / ankle_to_hip.squaredNorm();
  const double ahead = (x.head<2>() - ankle_ - share * ankle_to_hip).x();
  r[6] = std::min(0.0, ahead + kOverstraightM) / kOverstraightM;
  if (hold_ != Hold::kLying && has_bar_ && held_ && bar.state != TrackState::kLost) {
    const double bar_sd =
        bar.state == TrackState::kSeen ? 0.0 : bar.sd_px * camera_.mmPerPx(camera_.plate_lateral_m) / 1000.0;
    const Vec2 now = camera_.barBody(bar.p_px);
    // The scale at the body is known to about 2 %, so the way travelled since the placed frame is, too.
    const double scale_sd = kScaleRel * (now - bar0_).norm();
    const double sd = std::sqrt(kShoulderOnBarM * kShoulderOnBarM + bar_sd * bar_sd + scale_sd * scale_sd);
    if (hold_ == Hold::kInHands) {
      r[4] = ((x.segment<2>(5) - now).norm() - shoulder_on_bar_.norm()) / sd;
      const double over = x[5] - now.x();
      const double up =
          std::clamp(((now - bar0_).y() - kKneePassedM) / std::max(0.1, highest_m_ - kKneePassedM), 0.0, 1.0);
      r[5] = (over - (1.0 - up) * shoulder_on_bar_.x() + up * kShoulderBehindAtTopM) / kOverBarSdM;
      // The bar passes in front of knee and hip.
      r[7] = std::min(0.0, now.x() - x[3] - kBarBeforeHipM) / kInFrontSdM;
      // Shoulders stay above the hands and no lower than the hips.
      r[6] += std::min(0.0, x[6] - std::max(now.y() + kShoulderAboveBarM, x[4])) / kInFrontSdM;
      // The bar goes up along the leg's front.
      const bool below = now.y() < x[1];
      const Vec2 from = below ? ankle_ : Vec2(x.head<2>()), to = below ? x.head<2>() : x.segment<2>(3);
      const Vec2 along = (to - from).normalized(), to_bar = now - from;
      const double part = std::clamp(to_bar.dot(along) / std::max(0.1, (to - from).norm()), 0.0, 1.0);
      const double usual = below ? kBarBeforeShin_m.value + part * (kBarBeforeKneeM - kBarBeforeShin_m.value)
                                 : kBarBeforeKneeM + part * (kBarBeforeThigh_m.value - kBarBeforeKneeM);
      const double apart = to_bar.x() * along.y() - to_bar.y() * along.x() - usual;
      r[8] = apart / (apart < 0.0 ? kInFrontSdM : kDriftsSdM);
      // At lock-out the knees are straight and the trunk is upright.
      if (risenPart(bar) > kLockedOut) {
        r[9] = (ahead - kKneeBeforeLeg_m.value) / kKneeBeforeLeg_m.sd;
        r[10] = (x[5] - x[3]) / (kUprightLean * trunk_);
      }
      return r;
    }
    const double turn = lean(x) - lean0_;  // leaning forward turns the offset clockwise seen from the right
    const Vec2 o(std::cos(turn) * shoulder_on_bar_.x() + std::sin(turn) * shoulder_on_bar_.y(),
                 -std::sin(turn) * shoulder_on_bar_.x() + std::cos(turn) * shoulder_on_bar_.y());
    const Vec2 e = (x.segment<2>(5) - now - o) / sd;
    r[4] = e.x();
    r[5] = e.y();
  }
  return r;
}

void BodyChain::solve(const BarSample& bar, const State& before) {
  const State predicted = x_;
  const Cov information = p_.inverse();
  Cov h = information;
  for (int round = 0; round < 4; ++round) {
    const Eigen::VectorXd r = residuals(x_, bar);
    Eigen::Matrix<double, Eigen::Dynamic, kN> j(r.size(), kN);
    for (int k = 0; k < kN; ++k) {
      State moved = x_;
      moved[k] += 1e-5;
      j.col(k) = (residuals(moved, bar) - r) / 1e-5;
    }
    h = information + j.transpose() * j;
    const State g = j.transpose() * r + information * (x_ - predicted);
    const State d = h.ldlt().solve(-g);
    if (!d.allFinite()) {
      x_ = before;
      return;
    }
    x_ += d;
    if (d.norm() < 1e-6) break;
  }
  p_ = h.inverse();
}

}  // namespace mottix
