#include "vision/bar_axis.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include <Eigen/Dense>

namespace mottix {
namespace {

constexpr double kYawPriorDeg = 8.0;
constexpr double kPitchPriorDeg = 4.0;
constexpr double kEdgeNoisePx = 0.3;
constexpr double kMaxDepthRatio = 0.08;  // 25 cm of plates at 3 m
constexpr double kRimFrontM = 0.01;      // outer face to the rim's widest part
constexpr double kRimWidthM = 0.01;      // of this part
constexpr double kCircleBiasPx = 0.3;  // bevels and their shadows move an inner circle's middle by about this
constexpr double kVotesAgreeSd = 3.0;
constexpr double kTrustDeg = 1.0;  // bars bend and plates sit askew on the sleeve by about this

using Vec3 = Eigen::Vector3d;
using Mat3 = Eigen::Matrix3d;

double wallReach(Vec2 to_vanishing, double radius, const Vec2& u) {
  return std::max(0.0, to_vanishing.dot(u) - radius);
}

// Step 5: the outline's radius along `u` over f·R/Z, for a disc seen at `at_px`.
class DiscInPerspective {
 public:
  DiscInPerspective(const BarAxis& axis, const Vec2& at_px) {
    const Vec2 v = (axis.vanishing_px - axis.middle_px) / axis.focal_px,
               x = (at_px - axis.middle_px) / axis.focal_px;
    const Mat2 from_disc = Mat2::Identity() + x * v.transpose(), to_disc = from_disc.inverse();
    size_ = to_disc.transpose() * (Mat2::Identity() + v * v.transpose()) * to_disc;
  }
  double along(const Vec2& u) const { return 1.0 / std::sqrt(u.dot(size_ * u)); }

 private:
  using Mat2 = Eigen::Matrix2d;
  Mat2 size_;
};

// Robust weight (Cauchy): edges of other things are many and one-sided.
double edgeWeight(double residual) {
  const double q = residual / (2.5 * kEdgeNoisePx);
  return 1.0 / (1.0 + q * q);
}

struct Solved {
  double ratio = 0.0;
  std::vector<double> radius;
};

// For a given vanishing point: the shared depth ratio and each frame's shift and radius, by reweighted least
// squares with the frames eliminated (Schur complement).
Solved solveFor(const std::vector<OutlineInFrame>& frames, const BarAxis& axis) {
  Solved out;
  std::vector<Vec3> state(frames.size());
  for (std::size_t k = 0; k < frames.size(); ++k) state[k] = Vec3(0, 0, frames[k].radius_px);
  double ratio = 0.01;
  for (int round = 0; round < 4; ++round) {
    double s_rr = 1e-9, s_rb = 0.0;
    std::vector<Mat3> inverse(frames.size());
    std::vector<Vec3> cross(frames.size()), right(frames.size());
    for (std::size_t k = 0; k < frames.size(); ++k) {
      Mat3 a = Mat3::Identity() * 1e-9;
      Vec3 b = Vec3::Zero(), c = Vec3::Zero();
      double rr = 0.0, rb = 0.0;
      const Vec2 middle = frames[k].centre_px + state[k].head<2>(), to_v = axis.vanishing_px - middle;
      const DiscInPerspective disc(axis, middle);
      for (int i = 0; i < kOutlineRays; ++i) {
        const double r = frames[k].edge_px[static_cast<std::size_t>(i)];
        if (std::isnan(r)) continue;
        const Vec2 u = rayDirection(i);
        const Vec3 row(u.x(), u.y(), disc.along(u));
        const double g = wallReach(to_v, state[k][2] * row.z(), u);
        const double w = edgeWeight(r - row.dot(state[k]) - ratio * g);
        a += w * row * row.transpose();
        b += w * row * r;
        c += w * row * g;
        rr += w * g * g;
        rb += w * g * r;
      }
      inverse[k] = a.inverse();
      cross[k] = c;
      right[k] = b;
      s_rr += rr - c.dot(inverse[k] * c);
      s_rb += rb - c.dot(inverse[k] * b);
    }
    ratio = std::clamp(s_rb / s_rr, 0.0, kMaxDepthRatio);
    for (std::size_t k = 0; k < frames.size(); ++k) state[k] = inverse[k] * (right[k] - ratio * cross[k]);
  }
  out.ratio = ratio;
  for (const Vec3& x : state) out.radius.push_back(x[2]);
  return out;
}

}  // namespace

std::optional<Parallax> estimateParallax(const std::vector<Vec2>& centre, const std::vector<Vec2>& offset) {
  constexpr std::size_t kFewest = 8;
  const std::size_t n = centre.size();
  if (n < kFewest) return std::nullopt;
  std::vector<double> weight(n, 1.0);
  double e = 0.0, e_sd = 0.0, noise = 0.0, used = 0.0;
  Vec2 mean_c, mean_o;
  for (int round = 0; round < 5; ++round) {
    mean_c = mean_o = Vec2::Zero();
    used = 0.0;
    for (std::size_t i = 0; i < n; ++i) {
      mean_c += weight[i] * centre[i];
      mean_o += weight[i] * offset[i];
      used += weight[i];
    }
    mean_c /= used;
    mean_o /= used;
    double cc = 0.0, co = 0.0, rr = 0.0;
    for (std::size_t i = 0; i < n; ++i) {
      const Vec2 c = centre[i] - mean_c, o = offset[i] - mean_o;
      cc += weight[i] * c.squaredNorm();
      co += weight[i] * c.dot(o);
    }
    if (cc < 1.0) return std::nullopt;
    e = -co / cc;
    for (std::size_t i = 0; i < n; ++i)
      rr += weight[i] * (offset[i] - mean_o + e * (centre[i] - mean_c)).squaredNorm();
    noise = std::max(0.05, std::sqrt(rr / (2.0 * used)));
    for (std::size_t i = 0; i < n; ++i) {
      const double q = (offset[i] - mean_o + e * (centre[i] - mean_c)).norm() / (3.0 * noise);
      weight[i] = 1.0 / (1.0 + q * q);
    }
    e_sd = noise / std::sqrt(cc);
  }
  // Inner circles lie nearer than the outline (e below zero), and the slope must stand out from its error.
  if (used < kFewest / 2.0 || e > 0.0 || -e < 6.0 * e_sd) return std::nullopt;
  const VanishingPoint vanishing{mean_c + mean_o / e,
                                 ((mean_o / e) * (e_sd / e)).cwiseAbs() +
                                     Vec2::Constant(std::hypot(noise / std::sqrt(used), kCircleBiasPx) / -e)};
  return Parallax{vanishing, {-e, e_sd}};
}

namespace {

// The vanishing point from the inner circles of one relative size.
struct ParallaxVote {
  VanishingPoint from;
  std::size_t circles = 0;
};

std::vector<ParallaxVote> findParallaxVotes(const std::vector<OutlineInFrame>& outlines) {
  constexpr double kBin = 0.03;  // circles of one kind keep their size against the outline to 1.5 %
  std::vector<ParallaxVote> votes;
  for (double q = 0.12; q < 0.75; q += kBin) {
    std::vector<Vec2> centre, offset;
    for (const OutlineInFrame& o : outlines)
      for (const InnerCircle& c : o.inner)
        if (c.radius_px >= q * o.radius_px && c.radius_px < (q + kBin) * o.radius_px) {
          centre.push_back(o.centre_px);
          offset.push_back(c.centre_px - o.centre_px);
        }
    if (const auto v = estimateParallax(centre, offset)) votes.push_back({v->vanishing, centre.size()});
  }
  // Spokes, prints and shadows make chance circles. A real ring is seen nearly every time, so the ring seen
  // most often is believed and votes that contradict it are not heard.
  const auto most =
      std::max_element(votes.begin(), votes.end(),
                       [](const ParallaxVote& a, const ParallaxVote& b) { return a.circles < b.circles; });
  if (most == votes.end()) return votes;
  const ParallaxVote believed = *most;
  std::erase_if(votes, [&](const ParallaxVote& v) {
    const Vec2 apart = (v.from.p_px - believed.from.p_px).cwiseAbs();
    const Vec2 allowed =
        kVotesAgreeSd * (v.from.sd_px.cwiseAbs2() + believed.from.sd_px.cwiseAbs2()).cwiseSqrt();
    return apart.x() > allowed.x() || apart.y() > allowed.y();
  });
  return votes;
}

VanishingPoint fromVotes(const std::vector<OutlineInFrame>& frames, Vec2 usual_px, Vec2 usual_sd_px,
                         double floor_px, bool& any) {
  Vec2 weight = usual_sd_px.cwiseAbs2().cwiseInverse();
  Vec2 sum = weight.cwiseProduct(usual_px);
  // Votes share the outline, so together they are trusted as far as the best one alone.
  Vec2 best_sd = usual_sd_px;
  any = false;
  for (const ParallaxVote& vote : findParallaxVotes(frames)) {
    const Vec2 sd = (vote.from.sd_px.cwiseAbs2() + Vec2::Constant(floor_px * floor_px)).cwiseSqrt();
    weight += sd.cwiseAbs2().cwiseInverse();
    sum += sd.cwiseAbs2().cwiseInverse().cwiseProduct(vote.from.p_px);
    best_sd = best_sd.cwiseMin(sd);
    any = true;
  }
  return {sum.cwiseQuotient(weight), best_sd};
}

}  // namespace

std::optional<BarAxis> estimateBarAxis(const std::vector<OutlineInFrame>& outlines, Vec2 picture_middle_px,
                                       double focal_px, double plate_radius_m,
                                       const std::optional<VanishingPoint>& known) {
  if (outlines.size() < 8) return std::nullopt;
  const double rad = std::numbers::pi / 180.0;
  const Vec2 prior_sd(focal_px * std::tan(kYawPriorDeg * rad), focal_px * std::tan(kPitchPriorDeg * rad));
  const double floor_px = focal_px * std::tan(kTrustDeg * rad);
  std::vector<OutlineInFrame> frames = outlines;
  BarAxis axis;
  axis.middle_px = picture_middle_px;
  axis.focal_px = focal_px;
  // Twice: the wall of the plates bends the first outline centres a little.
  for (int round = 0; round < 2; ++round) {
    const VanishingPoint v =
        known ? *known : fromVotes(frames, picture_middle_px, prior_sd, floor_px, axis.from_parallax);
    axis.vanishing_px = v.p_px;
    axis.vanishing_sd_px = v.sd_px;
    axis.tilt = (v.p_px - picture_middle_px) / (focal_px * focal_px);
    if (known) axis.from_parallax = true;
    const Solved solved = solveFor(outlines, axis);
    axis.depth_ratio = axis.from_parallax ? solved.ratio : 0.0;
    auto radius = solved.radius;
    auto mid = radius.begin() + static_cast<long>(radius.size() / 2);
    std::nth_element(radius.begin(), mid, radius.end());
    axis.radius_px = *mid;
    const double per_m = axis.radius_px / (plate_radius_m * focal_px);
    axis.rim_half = std::max(0.0, 0.5 * (kRimWidthM * per_m - axis.depth_ratio));
    axis.rim_ratio = kRimFrontM * per_m + axis.rim_half;
    const double rim = axis.rim_ratio;
    axis.rim_ratio = 0.0;
    for (std::size_t k = 0; k < frames.size(); ++k) {
      frames[k] = outlines[k];
      frames[k].centre_px = estimateFaceCentre(outlines[k], axis).centre_px;
      for (InnerCircle& c : frames[k].inner) c.centre_px -= c.radius_px * c.radius_px * axis.tilt;
    }
    axis.rim_ratio = rim;
  }
  return axis;
}

FaceCentre estimateFaceCentre(const OutlineInFrame& outline, const BarAxis& axis) {
  // The radius hardly changes over a clip (the bar stays at one distance): ±1 %.
  const double radius_sd = 0.01 * axis.radius_px;
  Vec3 state(0, 0, axis.radius_px);
  Mat3 a = Mat3::Identity();
  double sum = 0.0, weight = 0.0;
  for (int round = 0; round < 6; ++round) {
    a = Mat3::Identity() * 1e-6;
    Vec3 b = Vec3::Zero();
    const double prior = kEdgeNoisePx * kEdgeNoisePx / (radius_sd * radius_sd);
    a(2, 2) += prior;
    b[2] += prior * axis.radius_px;
    const Vec2 middle = outline.centre_px + state.head<2>(), to_v = axis.vanishing_px - middle;
    const DiscInPerspective disc(axis, middle);
    sum = weight = 0.0;
    for (int i = 0; i < kOutlineRays; ++i) {
      const double r = outline.edge_px[static_cast<std::size_t>(i)];
      if (std::isnan(r)) continue;
      const Vec2 u = rayDirection(i);
      const Vec3 row(u.x(), u.y(), disc.along(u));
      const double wall = axis.depth_ratio * wallReach(to_v, state[2] * row.z(), u);
      const double e = r - row.dot(state) - wall;
      const double w = edgeWeight(e);
      a += w * row * row.transpose();
      b += w * row * (r - wall);
      sum += w * e * e;
      weight += w;
    }
    state = a.inverse() * b;
  }
  FaceCentre face;
  const Vec2 widest = outline.centre_px + state.head<2>();
  const Vec2 shift = axis.rim_ratio * (axis.vanishing_px - widest);
  face.centre_px = widest - shift - state[2] * state[2] * axis.tilt;
  const double to_vanishing = (axis.vanishing_px - widest).norm();
  face.radius_px = state[2] + std::max(0.0, axis.rim_ratio * state[2] - axis.rim_half * to_vanishing);
  const Mat3 covariance = a.inverse();
  const double noise = std::max(0.15, std::sqrt(sum / std::max(1.0, weight - 3.0)));
  // What the thickness leaves open: half of the rim's shift (1-1.5 ± 0.8 cm), and the vanishing point's
  // own error.
  const double rim = 0.5 * shift.norm() + axis.rim_ratio * axis.vanishing_sd_px.maxCoeff();
  face.sd_px = std::sqrt(noise * noise * std::max(covariance(0, 0), covariance(1, 1)) + rim * rim +
                         std::pow(0.002 * face.radius_px, 2));
  return face;
}

}  // namespace mottix
