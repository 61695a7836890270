#include "core/motion/lying_joints.h"

#include <algorithm>
#include <cmath>

#include "core/motion/seen_body.h"

namespace mottix {
namespace {

using Vector = Eigen::VectorXd;

constexpr std::size_t kFewestPictures = 3;
constexpr std::array kJoints = {Joint::kHip,  Joint::kKnee, Joint::kAnkle,
                                Joint::kHeel, Joint::kToe,  Joint::kShoulder};

// How a network is off on each axis (toward the feet, up), and its scatter, as parts of the height: round
// numbers read off presses 301-310 of the simulated camera, in no table of docs/accuracy.md. Arms held up
// take the shoulder along; heel and toe lie on the shoe.
struct Off {
  Vec2 by = Vec2::Zero();
  double scatter = 0.0;
};
Off offOf(Joint joint) {
  switch (joint) {
    case Joint::kHip:
      return {{0.013, 0.0}, 0.014};
    case Joint::kShoulder:
      return {{-0.014, 0.016}, 0.012};
    case Joint::kHeel:
      return {{0.016, 0.007}, 0.02};
    case Joint::kToe:
      return {{-0.02, 0.017}, 0.03};
    default:
      return {Vec2::Zero(), 0.012};
  }
}

// The pad's top is 42-45 cm over the floor and 29-32 cm wide (rules of powerlifting); benches elsewhere
// differ by a few more. A hip joint lies half a pelvis over the pad, and blades that are drawn together hold
// the shoulder joint a little higher. Own allowances.
constexpr Estimate kHipOverFloor_m{0.435 + 0.09, 0.035}, kShoulderOverHip_m{0.02, 0.03};
// A knee from where the foot stands; own allowance.
constexpr Estimate kKneeFurtherOut_m{0.07, 0.05};
constexpr double kSole_m = 0.015;
const double kToesOut = std::atan(toesOut(Stance::kBesideBench).value);  // radians
constexpr double kLengthPlay_m = 0.005;  // a chain of hinges is not quite a body

// Where the outline is looked for: so far along from one joint to the other, and at what distance from the
// line between the joints it lies (part of the height). Half of what a limb is thick there (gordon1989:
// girths of thigh, knee and calf), a thigh pressed flat by a bench and the shin's bone near its skin left to
// an own allowance.
struct OutlineFacts {
  Joint from, to;
  double along = 0.0;
  Estimate away;
};
const OutlineFacts& factsOf(Outline which) {
  static constexpr std::array<OutlineFacts, kOutlineCount> kFacts = {
      OutlineFacts{Joint::kHip, Joint::kKnee, 0.0, {0.052, 0.009}},
      OutlineFacts{Joint::kHip, Joint::kKnee, 0.3, {0.050, 0.009}},
      OutlineFacts{Joint::kHip, Joint::kKnee, 0.65, {0.041, 0.007}},
      OutlineFacts{Joint::kKnee, Joint::kAnkle, 0.25, {0.026, 0.006}},
      OutlineFacts{Joint::kKnee, Joint::kAnkle, 0.75, {0.022, 0.005}},
      OutlineFacts{Joint::kAnkle, Joint::kAnkle, 0.0, {kAnkleOfHeight + 0.009, 0.009}}};
  return kFacts[static_cast<std::size_t>(which)];
}

enum Unknown {
  kHeight,
  kThigh,
  kShank,
  kTrunk,
  kFoot,
  kFootOut,
  kKneeOut,
  kAnkleX,
  kAnkleY,
  kKneeX,
  kKneeY,
  kHipX,
  kHipY,
  kShoulderX,
  kShoulderY,
  kCount
};

class Lying {
 public:
  Lying(const PlacedPoints& seen, const SeenOutline& outline, const SideCamera& camera,
        const std::optional<Body>& body)
      : seen_(seen), outline_(outline), camera_(camera), body_(body) {}

  double lateral(const Vector& x, Joint j) const {
    switch (j) {
      case Joint::kKnee:
        return x[kFootOut] + x[kKneeOut];
      case Joint::kAnkle:
      case Joint::kHeel:
        return x[kFootOut];
      case Joint::kToe:
        return x[kFootOut] + std::sin(kToesOut) * x[kFoot];
      default:
        return lateralPrior(j).value;
    }
  }
  Vec2 joint(const Vector& x, Joint j) const {
    const Vec2 heel(x[kAnkleX] - kAnkleOfFoot * footSeen(x), x[kAnkleY] - kAnkleOfHeight * x[kHeight]);
    switch (j) {
      case Joint::kKnee:
        return x.segment<2>(kKneeX);
      case Joint::kHip:
        return x.segment<2>(kHipX);
      case Joint::kShoulder:
        return x.segment<2>(kShoulderX);
      case Joint::kHeel:
        return heel;
      case Joint::kToe:
        return heel + Vec2(footSeen(x), 0.0);
      default:
        return x.segment<2>(kAnkleX);
    }
  }

  Vector start() const {
    Vector x(kCount);
    x[kHeight] = body_ ? body_->height_m : kUnknownHeight.value;
    for (const auto& [which, segment] : kLengths) x[which] = length(segment, x[kHeight]).value;
    x[kFootOut] = footOut().value;
    x[kKneeOut] = kKneeFurtherOut_m.value;
    for (const auto& [at, j] : {std::pair{kAnkleX, Joint::kAnkle},
                                {kKneeX, Joint::kKnee},
                                {kHipX, Joint::kHip},
                                {kShoulderX, Joint::kShoulder}})
      x.segment<2>(at) = camera_.toBody(*seen_.joints[indexOf(j)], lateral(x, j));
    return x;
  }

  Vector residuals(const Vector& x) const {
    std::vector<double> r;
    auto say = [&](double value, double sd) { r.push_back(value / sd); };
    auto differ = [&](double value, const Estimate& from) { say(value - from.value, from.sd); };
    const double h = x[kHeight];
    differ(h, body_ ? Estimate{body_->height_m, 0.01} : kUnknownHeight);
    for (const auto& [which, segment] : kLengths) differ(x[which], length(segment, h));
    differ(x[kFootOut], footOut());
    differ(x[kKneeOut], kKneeFurtherOut_m);
    auto apart = [&](Joint a, Joint b) {
      const double out = lateral(x, a) - lateral(x, b);
      return std::sqrt((joint(x, a) - joint(x, b)).squaredNorm() + out * out);
    };
    say(apart(Joint::kAnkle, Joint::kKnee) - x[kShank], kLengthPlay_m);
    say(apart(Joint::kKnee, Joint::kHip) - x[kThigh], kLengthPlay_m);
    say((joint(x, Joint::kHip) - joint(x, Joint::kShoulder)).norm() - x[kTrunk], kLengthPlay_m);
    const double floor = x[kAnkleY] - kAnkleOfHeight * h - kSole_m;
    differ(x[kHipY] - floor, kHipOverFloor_m);
    differ(x[kShoulderY] - x[kHipY], kShoulderOverHip_m);
    for (const Joint j : kJoints) {
      const auto& p = seen_.joints[indexOf(j)];
      if (!p) continue;
      const Off off = offOf(j);
      const Vec2 d = camera_.toBody(*p, lateral(x, j)) - joint(x, j) - h * off.by;
      say(d.x(), off.scatter * h);
      say(d.y(), off.scatter * h);
    }
    for (std::size_t i = 0; i < kOutlineCount; ++i) {
      if (!outline_[i]) continue;
      const OutlineFacts& facts = factsOf(static_cast<Outline>(i));
      const Vec2 from = joint(x, facts.from), to = joint(x, facts.to);
      const double out = (1.0 - facts.along) * lateral(x, facts.from) + facts.along * lateral(x, facts.to);
      const Vec2 p = camera_.toBody(*outline_[i], out) - from;
      const Vec2 way = facts.along > 0.0 ? Vec2((to - from).normalized()) : Vec2(1.0, 0.0);
      const Vec2 under(way.y(), -way.x());  // of a line toward the feet; of one downward it is behind
      const double away = p.dot(facts.from == Joint::kKnee ? Vec2(-under) : under);
      // Farther off it is another leg's, or a thing's.
      r.push_back(boundedResidual((away - facts.away.value * h) / (facts.away.sd * h)));
    }
    return Eigen::Map<Vector>(r.data(), static_cast<Eigen::Index>(r.size()));
  }

 private:
  static constexpr std::array kLengths = {
      std::pair{kThigh, Segment::kThigh}, std::pair{kShank, Segment::kShank},
      std::pair{kTrunk, Segment::kTrunk}, std::pair{kFoot, Segment::kFoot}};
  const PlacedPoints& seen_;
  const SeenOutline& outline_;
  const SideCamera& camera_;
  const std::optional<Body>& body_;

  static Estimate footOut() { return lateralPrior(Joint::kAnkle, Stance::kBesideBench); }
  static double footSeen(const Vector& x) { return x[kFoot] * std::cos(kToesOut); }
  Estimate length(Segment segment, double height_m) const { return lengthOf(body_, segment, height_m); }
};

}  // namespace

OutlineRay outlineRay(Outline which, const PlacedPoints& lies) {
  const OutlineFacts& facts = factsOf(which);
  const Vec2 from = *lies.joints[indexOf(facts.from)], to = *lies.joints[indexOf(facts.to)];
  const Vec2 at = from + facts.along * (to - from);
  if (facts.along == 0.0) return {at, Vec2(0.0, 1.0)};
  const Vec2 across = Vec2(from.y() - to.y(), to.x() - from.x()).normalized();
  const Vec2 down_or_forward =
      facts.from == Joint::kHip
          ? Vec2(0.0, 1.0)
          : Vec2(*lies.joints[indexOf(Joint::kKnee)] - *lies.joints[indexOf(Joint::kHip)]);
  return {at, across.dot(down_or_forward) < 0.0 ? Vec2(-across) : across};
}

Expected<FoundJoints> mostlyLyingJoints(const std::vector<SeenJoints>& seen, double height_px) {
  FoundJoints out;
  if (!seen.empty()) out.points.frame = seen.front().frame;
  for (const SeenJoints& s : seen) out.points.frame = std::min(out.points.frame, s.frame);
  for (const Joint joint : kJoints) {
    std::vector<double> x, y;
    for (const SeenJoints& s : seen)
      if (const auto& p = s.p_px[indexOf(joint)]) {
        x.push_back(p->x());
        y.push_back(p->y());
      }
    if (x.size() < kFewestPictures) {
      if (joint == Joint::kHeel || joint == Joint::kToe) continue;
      return fail(Remedy::kMarkByHand,
                  "The joints were not found by themselves: the " + std::string(nameOf(joint)) +
                      " of the lying lifter is not seen well enough. Place them on one picture.");
    }
    out.points.joints[indexOf(joint)] = Vec2(medianOf(x), medianOf(y));
    out.spread.set(joint, joint, std::pow(offOf(joint).scatter * height_px, 2) * Eigen::Matrix2d::Identity());
  }
  return out;
}

Expected<FoundJoints> estimateLyingJoints(const std::vector<SeenJoints>& seen, const SeenOutline& outline,
                                          const SideCamera& camera, const std::optional<Body>& body) {
  const auto mostly = mostlyLyingJoints(seen, 0.0);
  if (!mostly) return mostly;
  const Lying lying(mostly->points, outline, camera, body);
  const auto fit = fitLeastSquares(lying.start(), [&](const Vector& x) { return lying.residuals(x); });
  if (!fit)
    return fail(Remedy::kMarkByHand,
                "What was seen of the body does not fit one body. Place the joints on one picture.");
  return placeFound(mostly->points.frame, *fit, [&](const Vector& x, Joint j) {
    return camera.toPicture(lying.joint(x, j), lying.lateral(x, j));
  });
}

}  // namespace mottix
