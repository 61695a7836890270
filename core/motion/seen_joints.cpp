#include "core/motion/seen_joints.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/motion/seen_body.h"

namespace mottix {
namespace {

constexpr double kDeg = std::numbers::pi / 180.0;
constexpr std::size_t kFewestStanding = 3;
// Own allowances. A standing lifter's knees are bent by 12 ± 6 degrees: hip to ankle 0.993 ± 0.007 of the
// leg.
constexpr Estimate kStraightLeg{0.993, 0.007};
constexpr double kBarOverFoot_m = 0.03;
constexpr double kLengthPlay_m = 0.005;  // a chain of hinges is not quite a body
// The bar's place on the trunk, in parts of it: between high and low, on any back (core/mechanics).
constexpr Estimate kBarAbove{0.04, 0.08}, kBarBehind{0.18, 0.06};
// In a square turned with the trunk of a standing lifter a network is off by so much (forward, up; parts of
// the height, hips put back), and from lifter to lifter by as much more or less: round numbers read off
// squats 301-312 of the simulated camera, in no table of docs/accuracy.md.
struct TurnedOff {
  Vec2 by = Vec2::Zero(), scatter = Vec2::Zero();
};
TurnedOff turnedOff(Joint joint) {
  switch (joint) {
    case Joint::kKnee:
      return {{0.002, 0.010}, {0.006, 0.010}};
    case Joint::kHip:
      return {{0.0, 0.023}, {0.012, 0.024}};
    case Joint::kAnkle:
      return {{0.004, 0.020}, {0.005, 0.008}};
    case Joint::kHeel:
      return {{0.016, 0.021}, {0.005, 0.008}};
    case Joint::kToe:
      return {{-0.008, 0.038}, {0.008, 0.010}};
    default:
      return {};
  }
}
// It sees the trunk lean more than it does there, and follows the square for a part of what that is turned
// too far. Read off the same films.
constexpr double kTrunkSeenAhead = 5.0 * kDeg, kFollowsSquare = 0.6, kTrunkScatter = 2.0 * kDeg;
// What is found is less wrong along the floor than least squares say, and feet more wrong, since all their
// points are off together. Parts of the standard deviation (along, up): round numbers read off eleven films
// in no table of docs/accuracy.md (the simulated camera's squats 301-311).
Vec2 foundShare(Joint joint) {
  switch (joint) {
    case Joint::kKnee:
      return {0.25, 1.3};
    case Joint::kHip:
      return {0.25, 1.0};
    case Joint::kShoulder:
      return {0.6, 1.0};
    default:
      return {1.6, 2.1};
  }
}

// Unknowns: what is the same in all pictures, then knee, hip and shoulder of each.
enum Common { kHeight, kThigh, kShank, kTrunk, kFoot, kAnkleX, kAnkleY, kAbove, kBehind, kCommonCount };
constexpr int kOfPicture = 6;

using Vector = Eigen::VectorXd;

struct Problem {
  const std::vector<SeenJoints>& seen;
  const SideCamera& camera;
  const std::optional<Body>& body;
  std::vector<Vec2> bar_m;
  double standing = 0.0, moving = 0.0, trunks = 0.0;  // how many pictures of each

  int inputs() const { return kCommonCount + kOfPicture * static_cast<int>(seen.size()); }

  Vec2 ankle(const Vector& x) const { return {x[kAnkleX], x[kAnkleY]}; }
  Vec2 heel(const Vector& x) const {
    return {x[kAnkleX] - kAnkleOfFoot * footSeen(x), x[kAnkleY] - kAnkleOfHeight * x[kHeight]};
  }
  Vec2 toe(const Vector& x) const { return heel(x) + Vec2(footSeen(x), 0.0); }
  double footSeen(const Vector& x) const { return x[kFoot] * std::cos(30.0 * kDeg); }
  static Vec2 part(const Vector& x, std::size_t picture, int which) {
    return x.segment<2>(kCommonCount + kOfPicture * static_cast<int>(picture) + 2 * which);
  }
  Vec2 joint(const Vector& x, std::size_t picture, Joint j) const {
    switch (j) {
      case Joint::kKnee:
        return part(x, picture, 0);
      case Joint::kHip:
        return part(x, picture, 1);
      case Joint::kShoulder:
        return part(x, picture, 2);
      case Joint::kHeel:
        return heel(x);
      case Joint::kToe:
        return toe(x);
      default:
        return ankle(x);
    }
  }
  double lateral(const Vector& x, std::size_t picture, Joint j) const {
    if (j != Joint::kKnee) return lateralPrior(j).value;
    return kneeLateral(ankle(x), part(x, picture, 0), part(x, picture, 1)).value;
  }

  double leanOf(const Vec2& hip_px, const Vec2& shoulder_px) const {
    const Vec2 up = camera.toBody(shoulder_px, lateralPrior(Joint::kShoulder).value) -
                    camera.toBody(hip_px, lateralPrior(Joint::kHip).value);
    return std::atan2(up.x(), up.y());
  }

  // An average build that stands under the bar, for the first picture; sunk with the bar in the others.
  Vector start() const {
    Vector x(inputs());
    const double h = body ? body->height_m : kUnknownHeight.value;
    auto usual = [&](Segment s) { return body ? body->length_m(s) : h * usualShare(s).value; };
    x[kHeight] = h;
    x[kThigh] = usual(Segment::kThigh);
    x[kShank] = usual(Segment::kShank);
    x[kTrunk] = usual(Segment::kTrunk) - kTrunkUnderBar * h;
    x[kFoot] = usual(Segment::kFoot);
    x[kAbove] = kBarAbove.value;
    x[kBehind] = kBarBehind.value;
    double top = bar_m.front().y(), over = bar_m.front().x();
    for (std::size_t i = 0; i < seen.size(); ++i)
      if (seen[i].standing && bar_m[i].y() >= top) {
        top = bar_m[i].y();
        over = bar_m[i].x();
      }
    x[kAnkleX] = over - 0.26 * footSeen(x);
    x[kAnkleY] = top - x[kThigh] - x[kShank] - x[kTrunk] * (1.0 + kBarAbove.value);
    for (std::size_t i = 0; i < seen.size(); ++i) {
      const double sunk = std::max(0.0, top - bar_m[i].y());
      const double back = std::sqrt(std::max(0.0, sunk * x[kThigh]));
      const Vec2 knee = ankle(x) + Vec2(0.08 + 0.3 * sunk, x[kShank] - 0.15 * sunk);
      const Vec2 hip(knee.x() - back, knee.y() + std::max(-0.05, x[kThigh] - sunk));
      const Vec2 up = (bar_m[i] - hip).normalized();
      const auto at = kCommonCount + kOfPicture * static_cast<Eigen::Index>(i);
      x.segment<2>(at) = knee;
      x.segment<2>(at + 2) = hip;
      x.segment<2>(at + 4) = hip + x[kTrunk] * up + Vec2(0.06, 0.0);
    }
    return x;
  }

  Vector residuals(const Vector& x) const {
    std::vector<double> r;
    r.reserve(40 + 24 * seen.size());
    const double h = x[kHeight];
    auto say = [&](double value, double sd) { r.push_back(value / sd); };
    const Estimate height = body ? Estimate{body->height_m, 0.01} : kUnknownHeight;
    say(h - height.value, height.sd);
    for (const auto& [which, segment] : {std::pair{kThigh, Segment::kThigh},
                                         {kShank, Segment::kShank},
                                         {kTrunk, Segment::kTrunk},
                                         {kFoot, Segment::kFoot}}) {
      Estimate m = lengthOf(body, segment, h);
      if (segment == Segment::kTrunk) m.value -= kTrunkUnderBar * h;
      say(x[which] - m.value, m.sd);
    }
    say(x[kAbove] - kBarAbove.value, kBarAbove.sd);
    say(x[kBehind] - kBarBehind.value, kBarBehind.sd);
    const Vec2 foot_middle = 0.5 * (heel(x) + toe(x));
    const double ankle_z = lateralPrior(Joint::kAnkle).value, hip_z = lateralPrior(Joint::kHip).value;
    for (std::size_t i = 0; i < seen.size(); ++i) {
      const Vec2 knee = part(x, i, 0), hip = part(x, i, 1), shoulder = part(x, i, 2);
      const double knee_z = lateral(x, i, Joint::kKnee);
      auto length = [](const Vec2& d, double dz) { return std::sqrt(d.squaredNorm() + dz * dz); };
      say(length(knee - ankle(x), knee_z - ankle_z) - x[kShank], kLengthPlay_m);
      say(length(hip - knee, knee_z - hip_z) - x[kThigh], kLengthPlay_m);
      say((shoulder - hip).norm() - x[kTrunk], kLengthPlay_m);
      const Vec2 trunk = shoulder - hip;
      const Vec2 bar = hip + (1.0 + x[kAbove]) * trunk + x[kBehind] * Vec2(-trunk.y(), trunk.x());
      const Vec2 off = bar - bar_m[i];
      say(off.x(), kLengthPlay_m);
      say(off.y(), kLengthPlay_m);
      // All pictures of one posture tell what one tells: the networks' errors are the same in each.
      const double each = std::sqrt(seen[i].standing ? standing : moving);
      if (seen[i].standing) {
        say(length(hip - ankle(x), ankle_z - hip_z) / (x[kThigh] + x[kShank]) - kStraightLeg.value,
            kStraightLeg.sd * each);
        say(bar_m[i].x() - foot_middle.x(), kBarOverFoot_m * each);
      }
      if (const auto& read = seen[i].trunk) {
        const double lean = std::atan2(trunk.x(), trunk.y());
        const double square = leanOf(read->laid_hip_px, read->laid_shoulder_px);
        const double expected = lean + kTrunkSeenAhead + kFollowsSquare * (square - lean);
        say(leanOf(read->hip_px, read->shoulder_px) - expected, kTrunkScatter * std::sqrt(trunks));
      }
      for (std::size_t j = 0; j < kJointCount; ++j) {
        const auto joint_id = static_cast<Joint>(j);
        if (!seen[i].p_px[j] || seenScatter(joint_id) <= 0.0) continue;
        Vec2 d = camera.toBody(*seen[i].p_px[j], lateral(x, i, joint_id)) - joint(x, i, joint_id);
        Vec2 scatter = Vec2::Constant(seenScatter(joint_id));
        if (seen[i].trunk) {
          if (joint_id == Joint::kShoulder) continue;  // the trunk's lean says it
          const TurnedOff usual = turnedOff(joint_id);
          d -= h * usual.by;
          scatter = usual.scatter;
        } else if (joint_id == Joint::kHeel || joint_id == Joint::kToe) {
          d.y() -= kOnShoe_m;
        }
        const Vec2 in_sd = d.cwiseQuotient(scatter * h * each);
        for (const double n : {in_sd.x(), in_sd.y()}) r.push_back(boundedResidual(n));
      }
    }
    return Eigen::Map<Vector>(r.data(), static_cast<Eigen::Index>(r.size()));
  }
};

}  // namespace

double seenScatter(Joint joint) {
  switch (joint) {
    case Joint::kKnee:
      return 0.025;
    case Joint::kAnkle:
    case Joint::kHeel:
    case Joint::kToe:
      return 0.05;
    case Joint::kHip:
      return 0.05;
    case Joint::kShoulder:
      return 0.06;
    default:
      return 0.0;
  }
}

Facing facingFromSeen(const std::vector<SeenJoints>& seen) {
  int right = 0, all = 0;
  for (const SeenJoints& s : seen) {
    const auto &heel = s.p_px[indexOf(Joint::kHeel)], &toe = s.p_px[indexOf(Joint::kToe)];
    if (!heel || !toe) continue;
    ++all;
    if (toe->x() > heel->x()) ++right;
  }
  if (all == 0 || std::abs(2 * right - all) * 2 < all) return Facing::kUnknown;
  return 2 * right > all ? Facing::kRight : Facing::kLeft;
}

Expected<FoundJoints> estimateJoints(const std::vector<SeenJoints>& seen, const SideCamera& camera,
                                     const std::optional<Body>& body) {
  Problem problem{seen, camera, body, {}};
  std::size_t legs = 0;
  std::optional<std::size_t> first;
  for (std::size_t i = 0; i < seen.size(); ++i) {
    problem.bar_m.push_back(camera.barBody(seen[i].bar_px));
    (seen[i].standing ? problem.standing : problem.moving) += 1.0;
    if (seen[i].trunk) problem.trunks += 1.0;
    if (!seen[i].standing) continue;
    if (!first || seen[i].frame < seen[*first].frame) first = i;
    if (seen[i].p_px[indexOf(Joint::kKnee)] && seen[i].p_px[indexOf(Joint::kAnkle)]) ++legs;
  }
  if (legs < kFewestStanding)
    return fail(Remedy::kMarkByHand,
                "The joints were not found by themselves: the legs of the standing lifter are not seen well "
                "enough. Place them on one picture.");
  const auto fit = fitLeastSquares(problem.start(), [&](const Vector& x) { return problem.residuals(x); });
  if (!fit)
    return fail(Remedy::kMarkByHand,
                "What was seen of the body does not fit one body. Place the joints on one picture.");

  FoundJoints out = placeFound(seen[*first].frame, *fit, [&](const Vector& x, Joint j) {
    return camera.toPicture(problem.joint(x, *first, j), problem.lateral(x, *first, j));
  });
  FoundSpread::Matrix asFound = FoundSpread::Matrix::Zero();
  for (std::size_t j = 0; j < kJointCount; ++j) {
    const Vec2 share = foundShare(static_cast<Joint>(j));
    asFound(2 * static_cast<Eigen::Index>(j), 2 * static_cast<Eigen::Index>(j)) = share.x();
    asFound(2 * static_cast<Eigen::Index>(j) + 1, 2 * static_cast<Eigen::Index>(j) + 1) = share.y();
  }
  out.spread.covariance_px2 = asFound * out.spread.covariance_px2 * asFound;
  return out;
}

}  // namespace mottix
