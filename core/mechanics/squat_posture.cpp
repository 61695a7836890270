#include "core/mechanics/squat_posture.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/mechanics/joint_moments.h"
#include "core/mechanics/leg.h"

namespace mottix {
namespace {

struct BarFacts {
  double above_shoulder;   // along the trunk, parts of its length
  double behind_shoulder;  // square to it
  double hip_to_knee;      // ratio of lever arms
};
// Where the bar lies on a trunk of 50 cm: 5 cm above and 8 cm behind the shoulder joint on the upper traps,
// under the ridge of the blade some 8 cm lower; in front on the shoulders; the bent bar drops the load
// forward.
constexpr BarFacts factsOf(BarPosition p) {
  switch (p) {
    case BarPosition::kHigh:
      return {0.10, 0.16, 1.2};
    case BarPosition::kMiddle:
      return {0.03, 0.18, 1.7};
    case BarPosition::kLow:
      return {-0.06, 0.19, 2.3};
    case BarPosition::kFront:
      return {0.04, -0.16, 0.9};
    case BarPosition::kSafety:
      return {0.02, 0.02, 1.1};
  }
  return {0.10, 0.16, 1.2};
}

// Everything of one solve that does not change with the lean of the shin.
class Solver {
 public:
  Solver(const Body& body, const JointLimits& limits, const SquatSetup& setup)
      : body_(body),
        limits_(limits),
        setup_(setup),
        leg_(body, setup.heel_distance_m, setup.toe_out_deg, setup.heel_raise_m),
        bar_(factsOf(setup.bar)) {
    const double trunk = body.length_m(Segment::kTrunk);
    bar_along_m_ = trunk * (1.0 + bar_.above_shoulder);
    bar_behind_m_ = trunk * bar_.behind_shoulder;
  }

  SquatSolution solve() const {
    const double lowest = -10.0, highest = std::min(89.0, limits_.dorsiflexion_deg + leg_.pitch_deg());
    SquatSolution out;
    if (highest <= lowest) {
      out.limited_by = PostureLimit::kAnkle;
      return out;
    }
    // From the most lean the ankle allows back to where the shares are as asked; every bound is monotone in
    // the lean of the shin: more of it brings the hip nearer to the balance line and bends the knee more.
    const Tried furthest = at(highest);
    double hi = highest;
    PostureLimit hi_limit = PostureLimit::kAnkle;
    if (tooFar(furthest)) {
      if (tooFar(at(lowest))) {
        out.limited_by = furthest.block != PostureLimit::kNone ? furthest.block : PostureLimit::kKnee;
        return out;
      }
      hi = bisect(lowest, highest, [&](double lean) { return tooFar(at(lean)); });
      hi_limit = furthest.block != PostureLimit::kNone ? furthest.block : PostureLimit::kKnee;
    }
    const PostureLimit back = tooFarBack(at(hi));
    if (back != PostureLimit::kNone) {
      // Even so the hip is too far back: the load cannot be brought over mid-foot.
      out.limited_by = hi_limit == PostureLimit::kAnkle ? PostureLimit::kAnkle : back;
      return out;
    }
    double lo = lowest;
    PostureLimit lo_limit = PostureLimit::kNone;
    if (const PostureLimit far = tooFarBack(at(lowest)); far != PostureLimit::kNone) {
      lo_limit = far;
      lo = hi - (bisect(0.0, hi - lowest,
                        [&](double less) { return tooFarBack(at(hi - less)) != PostureLimit::kNone; }));
    }
    const double ratio = setup_.hip_to_knee.value_or(bar_.hip_to_knee);
    auto hipHeavy = [&](double lean) {
      const Tried t = at(lean);
      return t.posture.hip_lever_m - ratio * t.posture.knee_lever_m;
    };
    double lean = 0.0;
    if (hipHeavy(hi) >= 0.0) {
      lean = hi;
      out.limited_by = hi_limit;
    } else if (hipHeavy(lo) <= 0.0) {
      lean = lo;
      out.limited_by = lo_limit;
    } else {
      lean = bisect(lo, hi, [&](double l) { return hipHeavy(l) < 0.0; });
    }
    out.posture = at(lean).posture;
    out.feasible = true;
    return out;
  }

 private:
  struct Tried {
    SquatPosture posture;
    PostureLimit block = PostureLimit::kNone;  // there is no such posture
  };

  const Body& body_;
  const JointLimits& limits_;
  const SquatSetup& setup_;
  LegGeometry leg_;
  BarFacts bar_;
  double bar_along_m_ = 0.0, bar_behind_m_ = 0.0;  // from the hip, along the trunk and behind it

  // Largest x in [low, high] before `ends` becomes true; it is false at low and true at high.
  template <typename Ends>
  static double bisect(double low, double high, Ends&& ends) {
    for (int i = 0; i < 60; ++i) {
      const double middle = 0.5 * (low + high);
      (ends(middle) ? high : low) = middle;
    }
    return low;
  }

  bool tooFar(const Tried& t) const {
    return t.block == PostureLimit::kDepth || t.block == PostureLimit::kStance ||
           (t.block == PostureLimit::kNone && t.posture.knee_flexion_deg > limits_.knee_flexion_deg);
  }
  PostureLimit tooFarBack(const Tried& t) const {
    if (t.block == PostureLimit::kBalance) return PostureLimit::kBalance;
    if (t.block != PostureLimit::kNone) return PostureLimit::kNone;
    if (t.posture.trunk_lean_deg > limits_.trunk_lean_deg) return PostureLimit::kTrunk;
    if (t.posture.hip_flexion_deg > limits_.hip_flexion_deg + hipRoom_deg(setup_.toe_out_deg))
      return PostureLimit::kHip;
    return PostureLimit::kNone;
  }

  Tried at(double shin_deg) const {
    Tried out;
    SquatPosture& p = out.posture;
    const auto leg = leg_.bend(shin_deg, setup_.hip_below_knee_m);
    if (!leg.possible) {
      out.block = leg.too_wide ? PostureLimit::kStance : PostureLimit::kDepth;
      return out;
    }
    p.heel = leg_.heel();
    p.toe = leg_.toe();
    p.ankle = leg.ankle;
    p.knee = leg.knee;
    p.hip = leg.hip;
    // Balance: moments about mid-foot of everything that turns with the trunk, and of the legs.
    double upper = 0.0, bar_mass = 1.0, legs = 0.0;
    const double m = body_.mass_kg;
    if (setup_.balance == Balance::kSystem) {
      bar_mass = setup_.load_kg;
      upper = kUpperBodyMass.mass * m;
      legs = kThighMass.mass * m * (p.hip.x() + kThighMass.centre * (p.knee.x() - p.hip.x())) +
             kShankMass.mass * m * (p.knee.x() + kShankMass.centre * (p.ankle.x() - p.knee.x())) +
             kFootMass.mass * m * 0.5 * (p.heel.x() + p.toe.x());
    }
    const double trunk = body_.length_m(Segment::kTrunk);
    const double a = bar_mass * bar_along_m_ + upper * kUpperBodyMass.centre * trunk;
    const double b = bar_mass * bar_behind_m_;
    const double c = -((bar_mass + upper) * p.hip.x() + legs);
    const double reach = std::hypot(a, b);
    if (std::abs(c) >= reach) {  // the hip too far back, or (deep under the knees) in front of the feet
      out.block = c > 0.0 ? PostureLimit::kBalance : PostureLimit::kDepth;
      return out;
    }
    const double lean = std::asin(c / reach) + std::atan2(b, a);
    const Vec2d along(std::sin(lean), std::cos(lean)), behind(-along.y(), along.x());
    p.shoulder = p.hip + trunk * along;
    p.bar = p.hip + bar_along_m_ * along + bar_behind_m_ * behind;
    p.trunk_lean_deg = toDeg(lean);
    const Vec2d shin = p.knee - p.ankle;
    p.shin_lean_deg = toDeg(std::atan2(shin.x(), shin.y()));
    p.dorsiflexion_deg = shin_deg - leg_.pitch_deg();
    p.thigh_deg = toDeg(std::atan2(p.hip.y() - p.knee.y(), p.knee.x() - p.hip.x()));
    p.knee_flexion_deg = leg.knee_flexion_deg;
    p.hip_flexion_deg = 180.0 - angleBetween_deg(Vec3d(along.x(), along.y(), 0.0), leg.thigh_down);
    p.hip_lever_m = p.bar.x() - p.hip.x();
    p.knee_lever_m = p.knee.x() - p.bar.x();
    const double weight = setup_.load_kg * kGravity_ms2;
    p.hip_moment_nm = weight * p.hip_lever_m;
    p.knee_moment_nm = weight * p.knee_lever_m;
    p.knee_past_toe_m = p.knee.x() - p.toe.x();
    return out;
  }
};

}  // namespace

double usualHipToKnee(BarPosition position) {
  return factsOf(position).hip_to_knee;
}

Vec2d barOnTrunk(BarPosition position, const Vec2d& hip, const Vec2d& shoulder) {
  const BarFacts facts = factsOf(position);
  const Vec2d trunk = shoulder - hip;
  return hip + (1.0 + facts.above_shoulder) * trunk + facts.behind_shoulder * Vec2d(-trunk.y(), trunk.x());
}

double hipRoom_deg(double toe_out_deg) {
  return 10.0 * std::clamp(toe_out_deg / 35.0, 0.0, 1.0);
}

JointLimits limitsOf(const Body& body) {
  JointLimits limits;
  limits.dorsiflexion_deg = body.dorsiflexion_deg;
  return limits;
}

Expected<void> SquatSetup::validate() const {
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Squat set-up: " + what); };
  if (!(heel_distance_m >= 0.0 && heel_distance_m <= 1.2))
    return bad("the stance must lie between 0 and 120 cm.");
  if (!(toe_out_deg >= 0.0 && toe_out_deg <= 60.0)) return bad("the toes must point out by 0 to 60 degrees.");
  if (!(heel_raise_m >= 0.0 && heel_raise_m <= 0.08)) return bad("the heel must be raised by 0 to 80 mm.");
  if (!(std::abs(hip_below_knee_m) <= 0.4))
    return bad("the depth must lie within 40 cm of the knee's height.");
  if (hip_to_knee && !(*hip_to_knee > 0.0 && *hip_to_knee <= 20.0))
    return bad("the ratio of hip to knee must lie between 0 and 20.");
  if (!(load_kg >= 0.0 && load_kg <= 600.0)) return bad("the load must lie between 0 and 600 kg.");
  return {};
}

SquatSolution solveSquat(const Body& body, const JointLimits& limits, const SquatSetup& setup) {
  return Solver(body, limits, setup).solve();
}

DeepestSquat findDeepestSquat(const Body& body, const JointLimits& limits, SquatSetup setup) {
  constexpr double kStep = 0.02;
  constexpr int kSteps = 15;  // either way
  DeepestSquat out;
  auto solved = [&](double depth) {
    setup.hip_below_knee_m = depth;
    return solveSquat(body, limits, setup);
  };
  for (int step = -kSteps; step <= kSteps; ++step) {
    const double depth = kStep * step;
    const SquatSolution s = solved(depth);
    if (s.feasible) {
      out.hip_below_knee_m = depth;
      continue;
    }
    out.limited_by = s.limited_by;
    if (!out.hip_below_knee_m) continue;
    double low = *out.hip_below_knee_m, high = depth;
    while (high - low > 1e-3) {
      const double middle = 0.5 * (low + high);
      const SquatSolution half = solved(middle);
      if (!half.feasible) out.limited_by = half.limited_by;
      (half.feasible ? low : high) = middle;
    }
    out.hip_below_knee_m = low;
    break;
  }
  return out;
}

}  // namespace mottix
