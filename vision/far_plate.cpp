#include "vision/far_plate.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include <Eigen/Dense>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>

#include "vision/luma.h"

namespace mottix {
namespace {

// From 2 to 9 m between camera and plate, with 1.4 m of bar behind it.
constexpr double kLeastRatio = 0.13, kMostRatio = 0.45;
constexpr std::size_t kFewestViews = 8;
constexpr std::size_t kRoughViews = 16;  // enough to tell where; all are used to refine
constexpr double kRoughRadiusPx = 40.0;  // of the near plate in the pictures searched roughly
constexpr double kRoughVanishingStepPx = 7.0;
constexpr int kArc = 4;              // rays of 5 degrees summed as one: finer detail is not the rim
constexpr float kMostSlope = 40.0F;  // one strong edge of something else must not outvote an arc
constexpr double kFlankPx = 4.0;
constexpr double kSlopePx = 1.5;
// Discs of one size differ by half a percent, and all edges of the far rim may be placed half a pixel in or
// out, 1 % of its usual radius. Where the rim shows on one side only, this is what its error comes from.
constexpr double kRadiusSd = 0.011;
constexpr double kSameSize = 0.05;   // half of the way to the next usual size, which is 11 % smaller
constexpr double kLeastOnRim = 0.5;  // most of what should show of the rim does
// What all pictures share. The middle of a plate against its outline, half a pixel each; e from an outline
// that is blurred or rounded by half a pixel in some 70, which is 1.5 % of a usual e.
// Over the heights of the bar the edges may drift by another half pixel or so: e is told by how much less the
// far plate moves than the near one, so that this counts the more the smaller the part of the way is on which
// it shows.
constexpr double kMiddleSdPx = 0.5;
constexpr double kDriftPx = 0.7;
constexpr double kRatioModelSd = 0.015;

using Mat4 = Eigen::Matrix4d;
using Vec4 = Eigen::Vector4d;

struct Stand {
  double ratio = 0.0;
  Vec2 vanishing_px = Vec2::Zero();
  double size = 1.0;  // the far plate's radius over the near one's, both in metres
};

DiscOutline rimOf(const PlateView& view, const Stand& s, const Vec2& tilt) {
  DiscOutline o;
  o.radius_px = (1.0 - s.ratio) * s.size * view.radius_px;
  o.centre_px = view.face_px + s.ratio * (s.vanishing_px - view.face_px) - view.origin_px +
                o.radius_px * o.radius_px * tilt;
  return o;
}

// Whether the far rim shows past the near plate, its thickness (up to `wall` of depth) and a little more.
bool shows(const PlateView& view, const Stand& s, double wall, const Vec2& p_px) {
  const Vec2 from_face = p_px + view.origin_px - view.face_px;
  const double far = from_face.norm();
  const Vec2 out = from_face / std::max(far, 1.0);
  const double behind = std::max(0.0, (s.vanishing_px - view.face_px).dot(out) - view.radius_px);
  return far > 1.02 * view.radius_px + wall * behind + kFlankPx + kSlopePx + 1.0 && p_px.x() > 8.0 &&
         p_px.y() > 8.0 && p_px.x() < view.gray.cols - 8.0 && p_px.y() < view.gray.rows - 8.0;
}

// How much better the rim fits here than a few pixels further in and out, summed over all pictures.
double score(const std::vector<const PlateView*>& views, const Stand& s, const BarAxis& axis, int stride) {
  double sum = 0.0;
  for (const PlateView* view : views) {
    const DiscOutline o = rimOf(*view, s, axis.tilt);
    std::array<float, 3> arc{};
    int in_arc = 0;
    auto close = [&] {
      sum += std::abs(arc[1]) - 0.5F * (std::abs(arc[0]) + std::abs(arc[2]));
      arc = {};
      in_arc = 0;
    };
    for (int i = 0; i < kOutlineRays; i += stride) {
      const Vec2 u = rayDirection(i);
      if (!shows(*view, s, axis.depth_ratio, o.centre_px + o.radius_px * u)) {
        if (in_arc > 0) close();
        continue;
      }
      for (int k = 0; k < 3; ++k) {
        const double r = o.radius_px + (k - 1) * kFlankPx;
        const Vec2 in = o.centre_px + (r - kSlopePx) * u, out = o.centre_px + (r + kSlopePx) * u;
        arc[static_cast<std::size_t>(k)] +=
            std::clamp(lumaAt(view->gray, out.x(), out.y()) - lumaAt(view->gray, in.x(), in.y()), -kMostSlope,
                       kMostSlope);
      }
      if (++in_arc == kArc) close();
    }
    if (in_arc > 0) close();
  }
  return sum * stride;
}

struct Solved {
  Stand stand;
  Mat4 covariance = Mat4::Zero();  // of ratio, vanishing point x and y, size
  std::size_t views = 0;
  double lowest_px = 0.0, highest_px = 0.0;  // places of the near plate in these views
  double on_rim = 0.0;                       // part of the showing rays with an edge on the rim
};

Solved solve(const std::vector<const PlateView*>& views, Stand s, const BarAxis& axis) {
  Solved out;
  for (int round = 0; round < 8; ++round) {
    const double reach = round < 2 ? 5.0 : 3.0;
    const double cauchy = round < 2 ? 2.0 : 0.8;
    Mat4 a = Mat4::Zero();
    Vec4 b = Vec4::Zero();
    Mat4 meat = Mat4::Zero();
    const Vec2 prior = axis.vanishing_sd_px.cwiseAbs2().cwiseInverse();
    a(1, 1) += prior.x();
    a(2, 2) += prior.y();
    a(3, 3) += 1.0 / (kRadiusSd * kRadiusSd);
    b.segment<2>(1) += prior.cwiseProduct(axis.vanishing_px - s.vanishing_px);
    b[3] += (1.0 - s.size) / (kRadiusSd * kRadiusSd);
    const Mat4 prior_only = a;
    out.views = 0;
    double showing = 0.0, on_rim = 0.0;
    for (const PlateView* view : views) {
      const DiscOutline o = rimOf(*view, s, axis.tilt);
      const Vec2 to_v = s.vanishing_px - view->face_px;
      Vec4 sum = Vec4::Zero();
      int on = 0;
      for (int i = 0; i < kOutlineRays; ++i) {
        const Vec2 u = rayDirection(i);
        if (!shows(*view, s, axis.depth_ratio, o.centre_px + o.radius_px * u)) continue;
        showing += 1.0;
        const auto edge = findEdgeOnRay(view->gray, o, i, reach);
        if (!edge) continue;
        const Vec4 row(u.dot(to_v) - s.size * view->radius_px, s.ratio * u.x(), s.ratio * u.y(),
                       (1.0 - s.ratio) * view->radius_px);
        const double q = *edge / cauchy;
        const double w = 1.0 / (1.0 + q * q);
        a += w * row * row.transpose();
        sum += w * *edge * row;
        if (std::abs(*edge) < 1.5) ++on;
      }
      b += sum;
      meat += sum * sum.transpose();
      if (on >= 5) {
        const double y = view->face_px.y();
        out.lowest_px = out.views == 0 ? y : std::max(out.lowest_px, y);
        out.highest_px = out.views == 0 ? y : std::min(out.highest_px, y);
        ++out.views;
      }
      on_rim += on;
    }
    const Mat4 inverse = a.ldlt().solve(Mat4::Identity());
    const Vec4 x = inverse * b;
    s.ratio = std::clamp(s.ratio + x[0], 0.5 * kLeastRatio, 0.6);
    s.vanishing_px += x.segment<2>(1);
    s.size += x[3];
    out.on_rim = showing > 0.0 ? on_rim / showing : 0.0;
    out.covariance = inverse * (meat + prior_only) * inverse;
  }
  out.stand = s;
  return out;
}

// The search over everything that is possible is done in small pictures: in full ones it takes as long as
// following the bar through the film.
std::vector<PlateView> shrunk(const std::vector<const PlateView*>& views, double by) {
  std::vector<PlateView> out;
  for (const PlateView* v : views) {
    PlateView s{{}, by * v->origin_px, by * v->face_px, by * v->radius_px};
    cv::resize(v->gray, s.gray, {}, by, by, cv::INTER_AREA);
    out.push_back(std::move(s));
  }
  return out;
}
BarAxis shrunk(BarAxis axis, double by) {
  axis.vanishing_px *= by;
  axis.vanishing_sd_px *= by;
  axis.radius_px *= by;
  axis.tilt /= by;
  return axis;
}

struct Placed {
  Stand stand;
  double score = 0.0;
};

// The best of `ratios` × (2·nx + 1) × (2·ny + 1) stands round about `middle`, on all cores.
struct Steps {
  double first_ratio = 0.0, ratio = 0.0;
  int ratios = 0;
  Vec2 vanishing_px = Vec2::Zero();
  int nx = 0, ny = 0;
};
Placed searchStands(const std::vector<const PlateView*>& views, const BarAxis& axis, const Vec2& middle_px,
                    const Steps& steps) {
  std::vector<Placed> rows(static_cast<std::size_t>(steps.ratios));
  cv::parallel_for_(cv::Range(0, steps.ratios), [&](const cv::Range& part) {
    for (int k = part.start; k < part.end; ++k)
      for (int iy = -steps.ny; iy <= steps.ny; ++iy)
        for (int ix = -steps.nx; ix <= steps.nx; ++ix) {
          Stand s;
          s.ratio = steps.first_ratio + k * steps.ratio;
          s.vanishing_px = middle_px + steps.vanishing_px.cwiseProduct(Vec2(ix, iy));
          const double value = score(views, s, axis, 2);
          Placed& at = rows[static_cast<std::size_t>(k)];
          if (value > at.score) at = {s, value};
        }
  });
  return *std::max_element(rows.begin(), rows.end(),
                           [](const Placed& a, const Placed& b) { return a.score < b.score; });
}

double roughRatioStep(const BarAxis& axis) {
  return std::clamp(1.0 / axis.radius_px, 0.004, 0.03);
}

// Everywhere that is possible, in steps that move the rim by about two pixels.
Placed searchRoughly(const std::vector<PlateView>& views, const BarAxis& axis) {
  std::vector<const PlateView*> all;
  for (const PlateView& v : views) all.push_back(&v);
  const Vec2 reach = 2.0 * axis.vanishing_sd_px;
  Steps steps;
  steps.first_ratio = kLeastRatio;
  steps.ratio = roughRatioStep(axis);
  steps.ratios = static_cast<int>((kMostRatio - kLeastRatio) / steps.ratio) + 1;
  steps.nx = std::clamp(static_cast<int>(std::ceil(reach.x() / kRoughVanishingStepPx)), 1, 12);
  steps.ny = std::clamp(static_cast<int>(std::ceil(reach.y() / kRoughVanishingStepPx)), 1, 12);
  steps.vanishing_px = Vec2(reach.x() / steps.nx, reach.y() / steps.ny);
  return searchStands(all, axis, axis.vanishing_px, steps);
}

}  // namespace

std::optional<FarPlate> findFarPlate(const std::vector<PlateView>& views, const BarAxis& axis) {
  if (views.size() < kFewestViews) return std::nullopt;
  std::vector<const PlateView*> all, some;
  for (const PlateView& v : views) all.push_back(&v);
  const std::size_t every = std::max<std::size_t>(1, views.size() / kRoughViews);
  for (std::size_t i = 0; i < views.size(); i += every) some.push_back(all[i]);
  const double small = std::min(1.0, kRoughRadiusPx / axis.radius_px);
  const BarAxis small_axis = shrunk(axis, small);
  const Placed rough = searchRoughly(shrunk(some, small), small_axis);
  if (rough.score <= 0.0) return std::nullopt;
  // The rough place may lie on an edge beside the rim: the best one round about is refined.
  Steps steps;
  steps.ratio = 0.5 / axis.radius_px;
  steps.vanishing_px = Vec2(3.0, 3.0);
  const int ratio_reach = static_cast<int>(std::ceil(roughRatioStep(small_axis) / steps.ratio));
  steps.first_ratio = rough.stand.ratio - ratio_reach * steps.ratio;
  steps.ratios = 2 * ratio_reach + 1;
  steps.nx = steps.ny =
      static_cast<int>(std::ceil(0.5 * kRoughVanishingStepPx / small / steps.vanishing_px.x()));
  const Placed finer = searchStands(some, axis, rough.stand.vanishing_px / small, steps);
  if (finer.score <= 0.0) return std::nullopt;
  const Solved solved = solve(all, finer.stand, axis);
  if (solved.views < kFewestViews || solved.on_rim < kLeastOnRim ||
      std::abs(solved.stand.size - 1.0) > kSameSize || solved.stand.ratio < kLeastRatio ||
      solved.stand.ratio > kMostRatio)
    return std::nullopt;
  FarPlate far;
  const double way_px = std::max(1.0, solved.lowest_px - solved.highest_px);
  far.ratio = {solved.stand.ratio, std::hypot(std::sqrt(solved.covariance(0, 0)),
                                              kRatioModelSd * solved.stand.ratio, kDriftPx / way_px)};
  far.vanishing.p_px = solved.stand.vanishing_px;
  const double middles_px = std::numbers::sqrt2 * kMiddleSdPx / solved.stand.ratio;
  far.vanishing.sd_px = {std::hypot(std::sqrt(solved.covariance(1, 1)), middles_px),
                         std::hypot(std::sqrt(solved.covariance(2, 2)), middles_px)};
  far.views = solved.views;
  return far;
}

}  // namespace mottix
