#include "core/motion/joint_corrections.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include <Eigen/Cholesky>
#include <Eigen/LU>

#include "core/motion/camera_shake.h"

namespace mottix {

namespace {

using Eigen::Index;
using Eigen::Matrix2d;
using Eigen::MatrixXd;
using Eigen::VectorXd;

// How a joint's error on a frame comes from what is wrong with the segments: the sum of a few segments'
// errors, each on its own axes.
struct Design {
  struct Part {
    Index at = 0;  // first of the segment's two rows
    Matrix2d axes;
  };
  std::array<Part, 3> part;
  std::size_t count = 0;

  void add(Joint joint, const Matrix2d& axes) {
    assert(count < part.size());
    part[count++] = {2 * static_cast<Index>(indexOf(joint)), axes};
  }
  const Part* begin() const { return part.data(); }
  const Part* end() const { return part.data() + count; }
};

// The segment that a joint's error turns with, from `from` to the joint itself.
struct TurnsWith {
  Joint joint, from;
  bool rides;  // what was wrong at `from` moves the joint, too
};
constexpr std::array kTurnsWith = {TurnsWith{Joint::kKnee, Joint::kAnkle, true},
                                   TurnsWith{Joint::kHip, Joint::kKnee, true},
                                   TurnsWith{Joint::kShoulder, Joint::kHip, false}};

double usualRadius_px(const std::vector<BarSample>& bar) {
  constexpr double kUnseen_px = 60.0;
  std::vector<double> radius;
  for (const BarSample& s : bar)
    if (s.state == TrackState::kSeen) radius.push_back(s.radius_px);
  if (radius.empty()) return kUnseen_px;
  const auto mid = radius.begin() + static_cast<long>(radius.size() / 2);
  std::nth_element(radius.begin(), mid, radius.end());
  return *mid;
}

// A joint on a frame.
struct Spot {
  std::size_t frame;
  Joint joint;
};

// Joints between which lengths stay, and what carrying does wrong to them on a frame: a matrix that makes the
// errors from as many independent ones.
constexpr std::array kChain = {Joint::kKnee, Joint::kHip, Joint::kShoulder};
constexpr Index kChainRows = 2 * static_cast<Index>(kChain.size());
using Chained = Eigen::Matrix<double, kChainRows, kChainRows>;
std::optional<Index> rowInChain(Joint joint) {
  const auto at = std::find(kChain.begin(), kChain.end(), joint);
  if (at == kChain.end()) return std::nullopt;
  return 2 * std::distance(kChain.begin(), at);
}

// The error model of one film's carried joints, and what the placed points say in it.
class Errors {
 public:
  Errors(const ClipTracks& tracks, const JointTracks& carried, const std::vector<PlacedPoints>& placed,
         const FoundSpread& found, const CorrectionModel& model)
      : tracks_(tracks), carried_(carried), model_(model), radius_px_(usualRadius_px(tracks.bar)) {
    hand_px_ = model.hand_of_radius * radius_px_;
    for (std::size_t f = 0; f < tracks.frameCount(); ++f) {
      const Spot ankle{f, Joint::kAnkle};
      const double from = known(ankle) ? sample(ankle).p_px.y() : 0.0;
      height_.push_back(f < tracks.bar.size() ? (from - tracks.bar[f].p_px.y()) / radius_px_ : 0.0);
      const Spot hip{f, Joint::kHip};
      if (!start_ && known(hip) && sample(hip).sd_px == 0.0) start_ = f;
    }
    hangs_ = hangsFromArms();
    for (std::size_t f = 0; f < tracks.frameCount(); ++f) chained_.push_back(chainedAt(f));
    std::array<bool, kJointCount> by_hand{};
    std::vector<Vec2> wrong;
    for (const PlacedPoints& points : placed)
      for (std::size_t j = 0; j < kJointCount; ++j) {
        const Spot at{points.frame, static_cast<Joint>(j)};
        if (!points.joints[j] || !known(at)) continue;
        by_hand[j] = true;
        spots_.push_back(at);
        wrong.push_back(*points.joints[j] - sample(at).p_px);
      }
    prior_ = own(found);
    for (std::size_t j = 0; j < kJointCount; ++j)
      if (by_hand[j] && !found.has(static_cast<Joint>(j)))
        prior_.block<2, 2>(2 * static_cast<Index>(j), 2 * static_cast<Index>(j)) =
            std::pow(model.placed_of_radius * radius_px_, 2) * Matrix2d::Identity();
    const auto n = static_cast<Index>(2 * spots_.size());
    toward_ = MatrixXd::Zero(prior_.rows(), n);
    for (std::size_t a = 0; a < spots_.size(); ++a)
      for (const Design::Part& p : design(spots_[a]))
        toward_.middleCols<2>(2 * static_cast<Index>(a)) += prior_.middleCols<2>(p.at) * p.axes.transpose();
    MatrixXd k(n, n);
    for (std::size_t a = 0; a < spots_.size(); ++a) {
      const auto [error, hand] = withSpots(spots_[a], design(spots_[a]));
      k.middleRows<2>(2 * static_cast<Index>(a)) = error + hand;
    }
    constexpr double kExactly_px2 = 1e-6;
    k.diagonal().array() += kExactly_px2;
    solver_.compute(k);
    VectorXd said(n);
    for (std::size_t a = 0; a < wrong.size(); ++a) said.segment<2>(2 * static_cast<Index>(a)) = wrong[a];
    weights_ = n > 0 ? VectorXd(solver_.solve(said)) : said;
  }

  double hand_px() const { return hand_px_; }
  bool known(const Spot& at) const {
    const JointTrack& track = carried_[indexOf(at.joint)];
    return at.frame < track.size() && at.frame < tracks_.frameCount() && track[at.frame].known;
  }

  // A carried joint put right, on all frames. Errors change slowly, so away from placed frames only some are
  // computed and the others taken between them.
  JointTrack putRight(Joint joint) const {
    constexpr std::size_t kEvery = 4;
    JointTrack out = carried_[indexOf(joint)];
    std::vector<std::size_t> computed;
    MatrixXd cross(static_cast<Index>(2 * spots_.size()), static_cast<Index>(2 * out.size()));
    std::vector<double> variance;  // of both coordinates together
    const auto lower = solver_.matrixL();
    for (std::size_t f = 0; f < out.size(); ++f) {
      const Spot at{f, joint};
      if (!known(at)) continue;
      const Design d = design(at);
      const bool near = std::any_of(spots_.begin(), spots_.end(), [&](const Spot& s) {
        return s.joint == joint && s.frame + 1 >= f && f + 1 >= s.frame;
      });
      const bool follows = !computed.empty() && f > 0 && known({f - 1, joint}) && known({f + 1, joint});
      const bool compute =
          near || !follows || f - computed.back() >= kEvery || carried_[indexOf(joint)][f].sd_px == 0.0;
      const auto [error, hand] = withSpots(at, d);
      out[f].p_px += (error + hand) * weights_;
      if (!compute) continue;
      cross.middleCols<2>(static_cast<Index>(2 * computed.size())) = error.transpose();
      computed.push_back(f);
      variance.push_back(covariance(at, d, at, d).trace());
      if (!hand.isZero()) variance.back() += MatrixXd(lower.solve(hand.transpose())).squaredNorm();
    }
    cross.conservativeResize(Eigen::NoChange, static_cast<Index>(2 * computed.size()));
    if (cross.size() > 0) lower.solveInPlace(cross);
    for (std::size_t i = 0; i < computed.size(); ++i) {
      variance[i] -= cross.middleCols<2>(static_cast<Index>(2 * i)).squaredNorm();
      out[computed[i]].sd_px = std::sqrt(std::max(0.0, 0.5 * variance[i]));
      if (i == 0 || computed[i] - computed[i - 1] > kEvery) continue;
      const std::size_t from = computed[i - 1], to = computed[i];
      for (std::size_t f = from + 1; f < to; ++f) {
        const double w = static_cast<double>(f - from) / static_cast<double>(to - from);
        out[f].sd_px = (1.0 - w) * out[from].sd_px + w * out[to].sd_px;
      }
    }
    return out;
  }

  // Covariance of several joints' errors, the placed points being known.
  MatrixXd covarianceOf(const std::vector<Spot>& spots) const {
    const auto n = static_cast<Index>(2 * spots.size()), said = static_cast<Index>(2 * spots_.size());
    std::vector<Design> designs;
    for (const Spot& s : spots) designs.push_back(design(s));
    MatrixXd out(n, n), cross(n, said);
    for (std::size_t a = 0; a < spots.size(); ++a) {
      for (std::size_t b = 0; b < spots.size(); ++b)
        out.block<2, 2>(2 * static_cast<Index>(a), 2 * static_cast<Index>(b)) =
            covariance(spots[a], designs[a], spots[b], designs[b]);
      if (said > 0) cross.middleRows<2>(2 * static_cast<Index>(a)) = withSpots(spots[a], designs[a]).first;
    }
    if (said > 0) out -= cross * solver_.solve(cross.transpose());
    return out;
  }

 private:
  const ClipTracks& tracks_;
  const JointTracks& carried_;
  CorrectionModel model_;
  double radius_px_, hand_px_ = 0.0;
  std::vector<double> height_;        // of the bar, plate radii over the ankle
  std::optional<std::size_t> start_;  // of carrying, where it has no error
  bool hangs_ = false;                // the bar, from the arms
  std::vector<Chained> chained_;      // what carrying did wrong, one a frame
  std::vector<Spot> spots_;           // that were placed, those by hand first
  MatrixXd toward_;                   // the prior times their designs, transposed: two columns each
  FoundSpread::Matrix prior_;
  Eigen::LLT<MatrixXd> solver_;
  VectorXd weights_;

  const JointSample& sample(const Spot& at) const { return carried_[indexOf(at.joint)][at.frame]; }

  // Filmed across, joints were read one by one and no segment turns in the picture.
  const TurnsWith* turnOf(Joint joint) const {
    if (tracks_.across() || (hangs_ && joint == Joint::kShoulder)) return nullptr;
    const auto at = std::find_if(kTurnsWith.begin(), kTurnsWith.end(),
                                 [&](const TurnsWith& t) { return t.joint == joint; });
    return at == kTurnsWith.end() ? nullptr : &*at;
  }

  // From a segment's own axes to the picture's; feet and hands keep the picture's.
  Matrix2d axes(const Spot& at) const {
    const TurnsWith* turns = turnOf(at.joint);
    if (turns == nullptr || !known({at.frame, turns->from})) return Matrix2d::Identity();
    const Vec2 along = sample(at).p_px - sample({at.frame, turns->from}).p_px;
    if (along.norm() < 1.0) return Matrix2d::Identity();
    const Vec2 a = along.normalized();
    Matrix2d out;
    out << a.x(), -a.y(), a.y(), a.x();
    return out;
  }

  Design design(const Spot& at) const {
    Design out;
    Spot s = at;
    while (true) {
      out.add(s.joint, axes(s));
      const TurnsWith* turns = turnOf(s.joint);
      if (turns == nullptr || !turns->rides || !known({s.frame, turns->from})) return out;
      s.joint = turns->from;
    }
  }

  // The found joints' spread, on the picture where carrying starts, as one of what is wrong with the
  // segments.
  FoundSpread::Matrix own(const FoundSpread& found) const {
    if (!start_) return found.covariance_px2;
    FoundSpread::Matrix to_own = FoundSpread::Matrix::Identity();
    for (std::size_t j = 0; j < kJointCount; ++j) {
      const Spot at{*start_, static_cast<Joint>(j)};
      if (!known(at)) continue;
      const auto row = 2 * static_cast<Index>(j);
      const Matrix2d back = axes(at).transpose();
      to_own.block<2, 2>(row, row) = back;
      const TurnsWith* turns = turnOf(at.joint);
      if (turns != nullptr && turns->rides && known({*start_, turns->from}))
        to_own.block<2, 2>(row, 2 * static_cast<Index>(indexOf(turns->from))) = -back;
    }
    return to_own * found.covariance_px2 * to_own.transpose();
  }

  Matrix2d covariance(const Spot& a, const Design& da, const Spot& b, const Design& db) const {
    Matrix2d out = Matrix2d::Zero();
    for (const Design::Part& p : da)
      for (const Design::Part& q : db) out += p.axes * prior_.block<2, 2>(p.at, q.at) * q.axes.transpose();
    return out + carrying(a, b);
  }

  // Covariance of what carrying did wrong to two joints on two frames.
  Matrix2d carrying(const Spot& a, const Spot& b) const {
    const auto row_a = rowInChain(a.joint), row_b = rowInChain(b.joint);
    if (row_a && row_b)
      return carriedAlike(a.frame, b.frame) * chained_[a.frame].middleRows<2>(*row_a) *
             chained_[b.frame].middleRows<2>(*row_b).transpose();
    if (a.joint != b.joint) return Matrix2d::Zero();
    return sample(a).sd_px * sample(b).sd_px * carriedAlike(a.frame, b.frame) * Matrix2d::Identity();
  }

  bool hangsFromArms() const {
    std::size_t below = 0, seen = 0;
    for (std::size_t f = 0; f < tracks_.bar.size(); ++f) {
      const Spot shoulder{f, Joint::kShoulder};
      if (tracks_.across() || !known(shoulder) || tracks_.bar[f].state == TrackState::kLost) continue;
      ++seen;
      if (tracks_.bar[f].p_px.y() - sample(shoulder).p_px.y() > radius_px_) ++below;
    }
    return 2 * below > seen;
  }

  // Each joint errs by itself as far as shank, thigh, trunk (and arms by which the bar hangs) keep their
  // lengths.
  Chained chainedAt(std::size_t f) const {
    Chained own = Chained::Zero();
    for (const Joint joint : kChain)
      if (known({f, joint}))
        own.block<2, 2>(*rowInChain(joint), *rowInChain(joint)) =
            sample({f, joint}).sd_px * Matrix2d::Identity();
    if (tracks_.across()) return own;
    Eigen::Matrix<double, 4, kChainRows> lengths = Eigen::Matrix<double, 4, kChainRows>::Zero();
    auto keep = [&](Index row, std::optional<Joint> from, const Vec2& from_px, Joint to) {
      const Vec2 along = sample({f, to}).p_px - from_px;
      if (along.norm() < 1.0) return;
      lengths.block<1, 2>(row, *rowInChain(to)) = along.normalized().transpose();
      if (from) lengths.block<1, 2>(row, *rowInChain(*from)) = -along.normalized().transpose();
    };
    auto both = [&](Joint a, Joint b) { return known({f, a}) && known({f, b}); };
    if (both(Joint::kAnkle, Joint::kKnee))
      keep(0, std::nullopt, sample({f, Joint::kAnkle}).p_px, Joint::kKnee);
    if (both(Joint::kKnee, Joint::kHip)) keep(1, Joint::kKnee, sample({f, Joint::kKnee}).p_px, Joint::kHip);
    if (both(Joint::kHip, Joint::kShoulder))
      keep(2, Joint::kHip, sample({f, Joint::kHip}).p_px, Joint::kShoulder);
    if (hangs_ && f < tracks_.bar.size() && tracks_.bar[f].state != TrackState::kLost &&
        known({f, Joint::kShoulder}))
      keep(3, std::nullopt, tracks_.bar[f].p_px, Joint::kShoulder);
    const double play_px = model_.length_play_of_radius * radius_px_;
    const Chained variance = own * own;
    const Eigen::Matrix4d off =
        lengths * variance * lengths.transpose() + play_px * play_px * Eigen::Matrix4d::Identity();
    return (Chained::Identity() - variance * lengths.transpose() * off.inverse() * lengths) * own;
  }

  // Correlation of what carrying did wrong on two frames. It did nothing wrong where it started.
  double carriedAlike(std::size_t a, std::size_t b) const {
    auto posture = [&](std::size_t f, std::size_t g) {
      const double rise = (height_[f] - height_[g]) / model_.alike_of_radius;
      return std::exp(-0.5 * rise * rise);
    };
    auto moment = [&](std::size_t f, std::size_t g) {
      return std::exp(-std::abs(tracks_.time_s[f] - tracks_.time_s[g]) / model_.alike_s);
    };
    auto started = [&](auto&& alike) {
      return alike(a, b) - (start_ ? alike(a, *start_) * alike(*start_, b) : 0.0);
    };
    return model_.by_posture * started(posture) + (1.0 - model_.by_posture) * started(moment);
  }

  // The hand's miss draws the track along for a moment.
  double hand(const Spot& a, const Spot& b) const {
    constexpr double kMoment_s = 0.1;
    const double wait = (tracks_.time_s[a.frame] - tracks_.time_s[b.frame]) / kMoment_s;
    return wait * wait > 50.0 ? 0.0 : hand_px_ * hand_px_ * std::exp(-0.5 * wait * wait);
  }

  // Covariance of a joint's error, and of the hand's miss, with what was said at the placed points.
  std::pair<MatrixXd, MatrixXd> withSpots(const Spot& at, const Design& d) const {
    MatrixXd error = MatrixXd::Zero(2, toward_.cols()), miss = error;
    for (const Design::Part& p : d) error += p.axes * toward_.middleRows<2>(p.at);
    for (std::size_t b = 0; b < spots_.size(); ++b) {
      const auto column = 2 * static_cast<Index>(b);
      error.middleCols<2>(column) += carrying(at, spots_[b]);
      if (spots_[b].joint == at.joint)
        miss.middleCols<2>(column) = hand(at, spots_[b]) * Matrix2d::Identity();
    }
    return {std::move(error), std::move(miss)};
  }
};

}  // namespace

void layCorrections(ClipTracks& tracks, const JointTracks& carried, const std::vector<PlacedPoints>& placed,
                    const FoundSpread& found, const CorrectionModel& model) {
  const Errors errors(tracks, carried, placed, found, model);
  JointTracks out;
  for (std::size_t j = 0; j < kJointCount; ++j) out[j] = errors.putRight(static_cast<Joint>(j));
  tracks.joints = std::move(out);
}

std::optional<SuggestedCorrection> suggestCorrection(const ClipTracks& tracks, const JointTracks& carried,
                                                     const std::vector<PlacedPoints>& placed,
                                                     const FoundSpread& found, const std::vector<Rep>& reps,
                                                     const std::vector<Joint>& locked,
                                                     const CorrectionModel& model) {
  constexpr double kClearly = 1.25;  // times the hand's error
  constexpr double kInPeace_s = 0.25;
  const Errors errors(tracks, carried, placed, found, model);
  auto inPeace = [&](const Spot& at) {
    return std::find(locked.begin(), locked.end(), at.joint) != locked.end() ||
           std::any_of(placed.begin(), placed.end(), [&](const PlacedPoints& p) {
             return p.joints[indexOf(at.joint)] && p.frame < tracks.frameCount() &&
                    std::abs(tracks.time_s[p.frame] - tracks.time_s[at.frame]) < kInPeace_s;
           });
  };
  // The middle rep first: its error is nearest to that of all.
  std::vector<Spot> spots;
  auto add = [&](std::size_t frame) {
    for (std::size_t j = 0; j < kJointCount; ++j)
      if (const Spot at{frame, static_cast<Joint>(j)}; errors.known(at) && !isOfBack(at.joint))
        spots.push_back(at);
  };
  std::vector<const Rep*> middle_first;
  for (std::size_t i = 0; i < reps.size(); ++i) {
    const std::size_t out = (i + 1) / 2, middle = reps.size() / 2;
    middle_first.push_back(&reps[i % 2 == 0 ? middle + out : middle - out]);
  }
  for (const Rep* r : middle_first) add(r->turn_frame);
  for (const Rep* r : middle_first) {
    add(r->start_frame);
    add((r->start_frame + r->turn_frame) / 2);
    add((r->turn_frame + r->end_frame) / 2);
  }

  const MatrixXd spread = errors.covarianceOf(spots);
  const double hand_px2 = errors.hand_px() * errors.hand_px();
  std::optional<SuggestedCorrection> best;
  double most = 0.0;
  for (std::size_t s = 0; s < spots.size(); ++s) {
    const auto at = 2 * static_cast<Index>(s);
    const Matrix2d now = spread.block<2, 2>(at, at);
    const double sd_px = std::sqrt(std::max(0.0, 0.5 * now.trace()));
    if (sd_px < kClearly * errors.hand_px() || inPeace(spots[s])) continue;
    const MatrixXd shared = spread.middleCols<2>(at);
    const Matrix2d known = (now + hand_px2 * Matrix2d::Identity()).inverse();
    const double helps = (shared.transpose() * shared * known).trace();
    // Turns come first in the list and are the sharpest pictures: another must help clearly more.
    constexpr double kClearlyMore = 1.25;
    if (best && helps <= kClearlyMore * most) continue;
    most = helps;
    best = SuggestedCorrection{spots[s].frame, spots[s].joint, sd_px};
  }
  return best;
}

void keepJoint(std::vector<PlacedPoints>& placed, const ClipTracks& tracks, const std::vector<Rep>& reps,
               Joint joint) {
  if (!tracks.has(joint)) return;
  for (const Rep& rep : reps)
    for (const std::size_t frame : {rep.start_frame, rep.turn_frame}) {
      const bool already = std::any_of(placed.begin(), placed.end(), [&](const PlacedPoints& p) {
        return p.frame == frame && p.joints[indexOf(joint)];
      });
      if (frame < tracks.frameCount() && tracks.track(joint)[frame].known && !already)
        placeJoint(placed, frame, joint, tracks.track(joint)[frame].p_px);
    }
}

std::optional<Vec2> sameAsNeighbour(const ClipTracks& tracks, const std::vector<PlacedPoints>& placed,
                                    std::size_t frame, Joint joint) {
  if (frame >= tracks.frameCount()) return std::nullopt;
  auto away = [&](std::size_t f) { return std::abs(tracks.time_s[f] - tracks.time_s[frame]); };
  const PlacedPoints* nearest = nullptr;
  for (const PlacedPoints& p : placed)
    if (p.joints[indexOf(joint)] && p.frame != frame && p.frame < tracks.frameCount() &&
        (nearest == nullptr || away(p.frame) < away(nearest->frame)))
      nearest = &p;
  auto moved = [&](std::size_t from, const Vec2& p_px) {
    return toPictureMoved(tracks, frame, toReference(tracks, from, p_px));
  };
  if (nearest != nullptr) return moved(nearest->frame, *nearest->joints[indexOf(joint)]);
  if (frame == 0 || !tracks.has(joint) || !tracks.track(joint)[frame - 1].known) return std::nullopt;
  return moved(frame - 1, tracks.track(joint)[frame - 1].p_px);
}

void placeJoint(std::vector<PlacedPoints>& placed, std::size_t frame, Joint joint, const Vec2& p_px) {
  auto at =
      std::find_if(placed.begin(), placed.end(), [&](const PlacedPoints& p) { return p.frame == frame; });
  if (at == placed.end()) {
    // The first entry stays first: the carried track started there.
    const auto from = placed.empty() ? placed.begin() : placed.begin() + 1;
    at = std::find_if(from, placed.end(), [&](const PlacedPoints& p) { return p.frame > frame; });
    at = placed.insert(at, PlacedPoints{frame, {}});
  }
  at->joints[indexOf(joint)] = p_px;
}

}  // namespace mottix
