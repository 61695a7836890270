#include "core/motion/pulled_joints.h"

#include <algorithm>
#include <cmath>

#include "core/motion/seen_body.h"

namespace mottix {
namespace {

using Vector = Eigen::VectorXd;

constexpr std::size_t kFewestPictures = 3;

// In the set-up (practice): shoulder slightly before the bar, shin on it, bar over mid-foot.
constexpr Estimate kShoulderBeforeBar_m{0.04, 0.03};
constexpr double kBarOverFoot_m = 0.025;
// The knee is behind the front of the forearm, which hangs to the bar (practice).
constexpr Estimate kKneeBeforeBar_m{0.02, 0.04};
// Knees that go out more or less than that; own allowances.
constexpr double kSeenLengthPlay_m = 0.012, kArmPlay_m = 0.01;
constexpr double kGripOfHand = 0.45;  // wrist to the middle of a closed hand (core/mechanics)
// Opening of the ear over the sole: 0.926 of the height (gordon1989).
constexpr double kEarOfHeight = 0.926;
// Full-size plates stand on the floor, on which the sole is; a bar that lies more than this higher (blocks,
// pins) tells nothing of the floor.
constexpr double kSole_m = 0.015, kFloorPlay_m = 0.015, kRaised_m = 0.04;
// Scatter of the network's points of a standing lifter, as a part of the height, the bar being in the hands
// or on the floor: round numbers read off four films in no table of docs/accuracy.md (the simulated camera's
// deadlifts 301-304). Bare arms over the chest and the loaded shoulder draw it forward at lock-out.
double standingScatter(Joint joint, bool held) {
  switch (joint) {
    case Joint::kKnee:
      return 0.025;
    case Joint::kAnkle:
      return 0.03;
    case Joint::kHeel:
    case Joint::kToe:
      return 0.05;
    case Joint::kHip:
      return held ? 0.05 : 0.025;
    case Joint::kShoulder:
      return held ? 0.04 : 0.02;
    case Joint::kEar:
      return 0.015;
    default:
      return 0.0;
  }
}

// The same of a lifter folded over the bar, read in a square laid by the body: deadlifts 301-306. The plate
// stands before the knee.
double foldedScatter(Joint joint) {
  return joint == Joint::kKnee ? 0.04 : joint == Joint::kHip ? 0.015 : 0.02;
}

// A network draws a body larger or smaller than it is, alike in all pictures: by so much, in round numbers,
// on the same films and 305-308.
constexpr Estimate kSeenSizeOf{1.0, 0.05};

// A network draws the two feet nearer to each other than they are: by this part, with a scatter as a part of
// the height. Read off those films, too.
constexpr double kApartSeen = 0.4, kApartScatter = 0.012;

enum Part { kKneeAt, kHipAt, kShoulderAt, kPartCount };

enum Common { kHeight, kThigh, kShank, kTrunk, kFoot, kArm, kSeenSize, kAnkleX, kAnkleY, kCommonCount };
enum Posture { kLockOut, kSetUp, kBefore };

// Feet as they stand (side_camera.h), and knees from the mid-plane (m).
struct Feet {
  Stance stance;
  double bent_knee_m;      // follows the toes
  double straight_knee_m;  // on the line from ankle to hip
  double usual;            // how often, when nobody has said; own allowance
  bool wide() const { return stance == Stance::kWide; }
  double footSeen() const { return std::cos(std::atan(toesOut(stance).value)); }
  double lateral(Posture posture, Joint j) const {
    if (j == Joint::kKnee) return posture == kSetUp ? bent_knee_m : straight_knee_m;
    return lateralPrior(j, stance).value;
  }
};
constexpr std::array kStances = {Feet{Stance::kUnderHips, 0.17, 0.12, 0.75},
                                 Feet{Stance::kWide, 0.40, 0.23, 0.25}};

struct Seen {
  std::array<std::optional<Vec2>, kJointCount> p_m;  // in the lifter's frame
};

// Where most pictures show each joint; one that few show is left out.
Seen mostlySeen(const std::vector<SeenJoints>& pictures, Posture posture, const SideCamera& camera,
                const Feet& stance) {
  Seen out;
  for (std::size_t j = 0; j < kJointCount; ++j) {
    std::vector<double> x, y;
    for (const SeenJoints& s : pictures)
      if (s.p_px[j]) {
        const Vec2 p = camera.toBody(*s.p_px[j], stance.lateral(posture, static_cast<Joint>(j)));
        x.push_back(p.x());
        y.push_back(p.y());
      }
    if (2 * x.size() > pictures.size()) out.p_m[j] = Vec2(medianOf(x), medianOf(y));
  }
  return out;
}

class Pull {
 public:
  Pull(const SeenPull& seen, const SideCamera& camera, const std::optional<Body>& body, const Feet& stance)
      : body_(body),
        stance_(stance),
        lock_out_(mostlySeen(seen.lock_out, kLockOut, camera, stance)),
        before_(mostlySeen(seen.before, kBefore, camera, stance)),
        set_up_(mostlySeen(seen.set_up, kSetUp, camera, stance)) {
    std::vector<double> x, y;
    for (const SeenJoints& s : seen.lock_out) {
      const Vec2 bar = camera.barBody(s.bar_px);
      x.push_back(bar.x());
      y.push_back(bar.y());
    }
    bar_high_ = {medianOf(x), medianOf(y)};
    bar_low_ = camera.barBody(seen.set_up_bar_px);
    if (seen.hindmost_px) hindmost_ = camera.toBody(*seen.hindmost_px, lateralPrior(Joint::kHip).value);
    floor_m_ = bar_low_.y() - camera.plate_radius_m;
    if (const auto& ankle_seen = lock_out_.p_m[indexOf(Joint::kAnkle)])
      on_floor_ = ankle_seen->y() > floor_m_ + kAnkleOfHeight * kUnknownHeight.value - kRaised_m;
    has_before_ = before_.p_m[indexOf(Joint::kKnee)].has_value();
  }

  bool enough() const {
    return lock_out_.p_m[indexOf(Joint::kAnkle)] && lock_out_.p_m[indexOf(Joint::kShoulder)];
  }

  static Eigen::Index at(Posture posture, Part which) {
    return kCommonCount + 2 * (kPartCount * static_cast<int>(posture) + static_cast<int>(which));
  }
  static Vec2 part(const Vector& x, Posture posture, Part which) { return x.segment<2>(at(posture, which)); }
  static Vec2 ankle(const Vector& x) { return {x[kAnkleX], x[kAnkleY]}; }
  Vec2 heel(const Vector& x) const {
    return {x[kAnkleX] - kAnkleOfFoot * stance_.footSeen() * x[kFoot],
            x[kAnkleY] - kAnkleOfHeight * x[kHeight]};
  }
  Vec2 toe(const Vector& x) const { return heel(x) + Vec2(stance_.footSeen() * x[kFoot], 0.0); }
  Vec2 joint(const Vector& x, Posture posture, Joint j) const {
    switch (j) {
      case Joint::kKnee:
        return part(x, posture, kKneeAt);
      case Joint::kHip:
        return part(x, posture, kHipAt);
      case Joint::kShoulder:
        return part(x, posture, kShoulderAt);
      case Joint::kHeel:
        return heel(x);
      case Joint::kToe:
        return toe(x);
      case Joint::kEar:
        // Over the shoulder; only its height is known.
        return {part(x, posture, kShoulderAt).x(), x[kAnkleY] + (kEarOfHeight - kAnkleOfHeight) * x[kHeight]};
      default:
        return ankle(x);
    }
  }

  // An average build: upright at lock-out, and folded to where arms and shins allow in the set-up.
  Vector start() const {
    Vector x = Vector::Zero(kCommonCount + 2 * kPartCount * (has_before_ ? 3 : 2));
    x[kHeight] = body_ ? body_->height_m : kUnknownHeight.value;
    x[kThigh] = length(Segment::kThigh, x[kHeight]).value;
    x[kShank] = length(Segment::kShank, x[kHeight]).value;
    x[kTrunk] = length(Segment::kTrunk, x[kHeight]).value;
    x[kFoot] = length(Segment::kFoot, x[kHeight]).value;
    x[kArm] = arm(x[kHeight]).value;
    x[kSeenSize] = 1.0;
    const Vec2 ankle_at = *lock_out_.p_m[indexOf(Joint::kAnkle)];
    x.segment<2>(kAnkleX) = ankle_at;
    auto put = [&](Posture posture, Part which, const Vec2& p) { x.segment<2>(at(posture, which)) = p; };
    for (const Posture upright : {kLockOut, kBefore}) {
      if (upright == kBefore && !has_before_) continue;
      const Vec2 knee = ankle_at + Vec2(0.02, x[kShank]);
      put(upright, kKneeAt, knee);
      put(upright, kHipAt, knee + Vec2(0.0, x[kThigh]));
      put(upright, kShoulderAt, knee + Vec2(0.0, x[kThigh] + x[kTrunk]));
    }
    const Vec2 knee = ankle_at + x[kShank] * Vec2(0.26, 0.966);
    const Vec2 shoulder = bar_low_ + Vec2(kShoulderBeforeBar_m.value, x[kArm]);
    // Behind the line from knee to shoulder, as far as thigh and trunk reach.
    const Vec2 line = shoulder - knee;
    const double out_m = stance_.bent_knee_m - lateralPrior(Joint::kHip).value,
                 thigh = std::sqrt(std::max(0.01, x[kThigh] * x[kThigh] - out_m * out_m));
    const double span = std::clamp(line.norm(), std::abs(x[kTrunk] - thigh) + 0.01, x[kTrunk] + thigh - 0.01);
    const double along = (thigh * thigh - x[kTrunk] * x[kTrunk] + span * span) / (2.0 * span);
    const double aside = std::sqrt(std::max(0.0, thigh * thigh - along * along));
    const Vec2 unit = line.normalized();
    put(kSetUp, kKneeAt, knee);
    put(kSetUp, kHipAt, knee + along * unit + aside * Vec2(-unit.y(), unit.x()));
    put(kSetUp, kShoulderAt, shoulder);
    return x;
  }

  Vector residuals(const Vector& x) const {
    std::vector<double> r;
    auto say = [&](double value, double sd) { r.push_back(value / sd); };
    auto differ = [&](double value, const Estimate& from) { say(value - from.value, from.sd); };
    const double h = x[kHeight];
    differ(h, body_ ? Estimate{body_->height_m, 0.01} : kUnknownHeight);
    for (const auto& [which, segment] : {std::pair{kThigh, Segment::kThigh},
                                         {kShank, Segment::kShank},
                                         {kTrunk, Segment::kTrunk},
                                         {kFoot, Segment::kFoot}}) {
      differ(x[which], length(segment, h));
    }
    differ(x[kArm], arm(h));
    differ(x[kSeenSize], kSeenSizeOf);
    if (on_floor_) say(x[kAnkleY] - kAnkleOfHeight * h - kSole_m - floor_m_, kFloorPlay_m);
    const double foot_middle = 0.5 * (heel(x) + toe(x)).x();
    say(bar_high_.x() - foot_middle, kBarOverFoot_m);
    say(bar_low_.x() - foot_middle, kBarOverFoot_m);
    for (const Posture posture : {kLockOut, kSetUp, kBefore}) {
      if (posture == kBefore && !has_before_) continue;
      const Vec2 knee = part(x, posture, kKneeAt), hip = part(x, posture, kHipAt),
                 shoulder = part(x, posture, kShoulderAt);
      const double knee_z = stance_.lateral(posture, Joint::kKnee);
      auto length3 = [](const Vec2& d, double out_m) { return std::sqrt(d.squaredNorm() + out_m * out_m); };
      say(length3(knee - ankle(x), knee_z - stance_.lateral(posture, Joint::kAnkle)) - x[kShank],
          kSeenLengthPlay_m);
      say(length3(hip - knee, knee_z - lateralPrior(Joint::kHip).value) - x[kThigh], kSeenLengthPlay_m);
      say((shoulder - hip).norm() - x[kTrunk], kSeenLengthPlay_m);
      if (posture == kSetUp) {
        say((shoulder - bar_low_).norm() - x[kArm], kArmPlay_m);
        differ((shoulder - bar_low_).x(), kShoulderBeforeBar_m);
        const Vec2 shin = (knee - ankle(x)).normalized(), to_bar = bar_low_ - ankle(x);
        differ(to_bar.x() * shin.y() - to_bar.y() * shin.x(), kBarBeforeShin_m);
        differ(knee.x() - bar_low_.x(), kKneeBeforeBar_m);
        if (hindmost_) {
          differ(hip.x() - hindmost_->x(), kHipBeforeHindmost_m);
          say(hip.y() - hindmost_->y(), kHipAsHigh_m);
        }
        for (const Joint id : {Joint::kKnee, Joint::kHip, Joint::kShoulder}) {
          if (!set_up_.p_m[indexOf(id)]) continue;
          const Vec2 d = *set_up_.p_m[indexOf(id)] - joint(x, posture, id);
          say(d.x(), foldedScatter(id) * h);
          say(d.y(), foldedScatter(id) * h);
        }
        continue;
      }
      const Vec2 leg = (hip - ankle(x)).normalized(), to_knee = knee - ankle(x);
      differ(to_knee.x() * leg.y() - to_knee.y() * leg.x(), kKneeBeforeLeg_m);
      say((shoulder - hip).x() / x[kTrunk], kUprightLean);
      if (posture == kLockOut) {
        say((shoulder - bar_high_).norm() - x[kArm], kArmPlay_m);
        const double share = (bar_high_.y() - knee.y()) / std::max(0.1, hip.y() - knee.y());
        differ(bar_high_.x() - (knee.x() + share * (hip.x() - knee.x())), kBarBeforeThigh_m);
      }
      const Seen& seen = posture == kLockOut ? lock_out_ : before_;
      for (std::size_t j = 0; j < kJointCount; ++j) {
        const auto id = static_cast<Joint>(j);
        const double sd = standingScatter(id, posture == kLockOut) * h;
        if (!seen.p_m[j] || sd <= 0.0) continue;
        Vec2 d = *seen.p_m[j] - ankle(x) - x[kSeenSize] * (joint(x, posture, id) - ankle(x));
        if (id == Joint::kHeel || id == Joint::kToe) d.y() -= kOnShoe_m;
        if (id != Joint::kEar) say(d.x(), sd);
        say(d.y(), sd);
      }
    }
    return Eigen::Map<Vector>(r.data(), static_cast<Eigen::Index>(r.size()));
  }

 private:
  const std::optional<Body>& body_;
  Feet stance_;
  Seen lock_out_, before_, set_up_;
  bool has_before_ = false, on_floor_ = false;
  double floor_m_ = 0.0;
  Vec2 bar_high_ = Vec2::Zero(), bar_low_ = Vec2::Zero();
  std::optional<Vec2> hindmost_;

  Estimate length(Segment segment, double height_m) const {
    Estimate m = lengthOf(body_, segment, height_m);
    if (segment == Segment::kTrunk) m.value -= kTrunkUnderBar * height_m;
    return m;
  }
  // From the shoulder joint to the middle of the bar in straight arms.
  Estimate arm(double height_m) const {
    const Estimate upper = length(Segment::kUpperArm, height_m), fore = length(Segment::kForearm, height_m),
                   hand = length(Segment::kHand, height_m);
    return {upper.value + fore.value + kGripOfHand * hand.value, std::hypot(upper.sd, fore.sd, 0.02)};
  }
};

// How much higher in the picture the far toes are than the near ones, at lock-out, and how much they would be
// in a stance.
struct Apart {
  double seen_px, there_px;
};
std::optional<Apart> toesApart(const SeenPull& seen, const SideCamera& camera, const Feet& stance) {
  std::vector<double> apart, near_x, near_y;
  for (const SeenJoints& s : seen.lock_out) {
    const auto &near = s.p_px[indexOf(Joint::kToe)], &far = s.far_px[indexOf(Joint::kToe)];
    if (!near || !far) continue;
    apart.push_back(near->y() - far->y());
    near_x.push_back(near->x());
    near_y.push_back(near->y());
  }
  if (apart.size() < kFewestPictures) return std::nullopt;
  const Vec2 near(medianOf(near_x), medianOf(near_y));
  const double toe_m = stance.lateral(kLockOut, Joint::kToe);
  const Vec2 far = camera.toPicture(camera.toBody(near, toe_m), -toe_m);
  return Apart{medianOf(apart), near.y() - far.y()};
}

void widenToward(FoundJoints& joints, const FoundJoints& other, double probability) {
  Vector off = Vector::Zero(2 * kJointCount);
  for (std::size_t j = 0; j < kJointCount; ++j)
    if (joints.points.joints[j] && other.points.joints[j])
      off.segment<2>(2 * static_cast<Eigen::Index>(j)) = *other.points.joints[j] - *joints.points.joints[j];
  joints.spread.covariance_px2 += probability * off * off.transpose();
}

}  // namespace

Expected<FoundPull> estimatePulledJoints(const SeenPull& seen, const SideCamera& camera,
                                         const std::optional<Body>& body) {
  struct Candidate {
    FoundPull found;
    double off = 0.0;  // squared, in standard deviations, with how unusual the stance is
  };
  std::vector<Candidate> candidates;
  for (const Feet& stance : kStances) {
    if (seen.wide_stance && !stance.wide()) continue;
    const Pull pull(seen, camera, body, stance);
    if (seen.lock_out.size() < kFewestPictures || !pull.enough())
      return fail(Remedy::kMarkByHand,
                  "The joints were not found by themselves: the lifter is not seen well enough while "
                  "standing with the bar. Place them on one picture.");
    const auto fit = fitLeastSquares(pull.start(), [&](const Vector& x) { return pull.residuals(x); });
    if (!fit) continue;
    auto placed = [&](std::size_t frame, Posture posture) {
      return placeFound(frame, *fit, [&](const Vector& x, Joint j) {
        return camera.toPicture(pull.joint(x, posture, j), stance.lateral(posture, j));
      });
    };
    double off = pull.residuals(fit->x).squaredNorm();
    if (const auto apart = toesApart(seen, camera, stance))
      off += std::pow((apart->seen_px - kApartSeen * apart->there_px) /
                          (kApartScatter * fit->x[kHeight] * 1000.0 / camera.mmPerPx(0.0)),
                      2);
    candidates.push_back(
        {{placed(seen.set_up_frame, kSetUp), placed(seen.lock_out.front().frame, kLockOut), stance.wide()},
         off - 2.0 * std::log(stance.usual)});
  }
  if (candidates.empty())
    return fail(Remedy::kMarkByHand,
                "What was seen of the body does not fit one body. Place the joints on one picture.");
  std::sort(candidates.begin(), candidates.end(),
            [](const Candidate& a, const Candidate& b) { return a.off < b.off; });
  FoundPull out = candidates.front().found;
  if (candidates.size() > 1) {
    // As far as the other stance may be the true one, the joints may lie where it would have them.
    const double other = 1.0 / (1.0 + std::exp(0.5 * (candidates[1].off - candidates[0].off)));
    widenToward(out.set_up, candidates[1].found.set_up, other);
    widenToward(out.lock_out, candidates[1].found.lock_out, other);
  }
  return out;
}

}  // namespace mottix
