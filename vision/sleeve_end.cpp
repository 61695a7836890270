#include "vision/sleeve_end.h"

#include <algorithm>
#include <cmath>

#include <opencv2/core.hpp>

#include "core/motion/side_camera.h"
#include "vision/disc_outline.h"

namespace mottix {
namespace {

constexpr double kSleeveRadius_m = 0.025;
// From several plates on a short bar to one thin plate on a long one; with more the end hardly stands out.
constexpr double kLeastOut_m = 0.20, kMostOut_m = 0.45;
constexpr double kSmallest_px = 7.0;
constexpr double kReachSd = 2.5;  // of where the bar points, as known before
constexpr std::size_t kFewestViews = 8, kSearched = 20;
constexpr double kFurthest = 0.7;     // of the plate's radius; beyond, the rim itself is found
constexpr double kLeastEdges = 0.28;  // of full contrast all round; chance places have about 0.1
constexpr double kNear = 0.35;        // of the circle's radius, from where it is predicted
// The sleeve behind it hides up to half of the end's outline.
constexpr double kLeastSupport = 0.45, kLeastSpread = 0.5;

// How well a circle of one size fits at each place round the plate's middle in one view.
struct Map {
  cv::Mat fit;                   // CV_32FC1, one cell for each step
  Vec2 first_px = Vec2::Zero();  // offset from the plate's middle of cell (0, 0)
  double step_px = 1.0;
  double at(const Vec2& offset_px) const {
    const Vec2 cell = (offset_px - first_px) / step_px;
    const int x = static_cast<int>(std::lround(cell.x())), y = static_cast<int>(std::lround(cell.y()));
    return x < 0 || y < 0 || x >= fit.cols || y >= fit.rows ? 0.0 : fit.at<float>(y, x);
  }
};

struct Bounds {
  double least = 0.0, most = 0.0;  // of e
  Vec2 low_px, high_px;            // of the offset, over all views
};

Map mapOf(const PlateView& view, double circle_of_plate, const Bounds& bounds, double step_px) {
  Map map;
  map.step_px = step_px;
  map.first_px = bounds.low_px;
  const Vec2 cells = (bounds.high_px - bounds.low_px) / step_px;
  map.fit.create(static_cast<int>(cells.y()) + 1, static_cast<int>(cells.x()) + 1, CV_32FC1);
  DiscOutline o;
  o.radius_px = circle_of_plate * view.radius_px;
  for (int y = 0; y < map.fit.rows; ++y)
    for (int x = 0; x < map.fit.cols; ++x) {
      o.centre_px = view.face_px - view.origin_px + map.first_px + step_px * Vec2(x, y);
      map.fit.at<float>(y, x) = static_cast<float>(outlineContrast(view.gray, o, 3));
    }
  return map;
}

}  // namespace

std::optional<SleeveEnd> findSleeveEnd(const std::vector<PlateView>& views, const BarAxis& axis,
                                       double focal_px, double plate_radius_m) {
  if (views.size() < kFewestViews) return std::nullopt;
  const double radius_px = axis.radius_px, face_m = focal_px * plate_radius_m / radius_px;
  // Within two standard deviations of a phone's focal length, as a part of itself.
  const Estimate focal = focalPrior(1000, 1000);
  const double play = 2.0 * focal.sd / focal.value;
  Bounds bounds;
  bounds.least = kLeastOut_m / ((1.0 + play) * face_m - kLeastOut_m);
  bounds.most = kMostOut_m / ((1.0 - play) * face_m - kMostOut_m);
  const double middle = 0.5 * (bounds.least + bounds.most);
  const double circle_of_plate = (1.0 + middle) * kSleeveRadius_m / plate_radius_m;
  if (circle_of_plate * radius_px < kSmallest_px) return std::nullopt;
  const Vec2 reach = kReachSd * axis.vanishing_sd_px;
  bounds.low_px = Vec2::Constant(1e9);
  bounds.high_px = Vec2::Constant(-1e9);
  for (const PlateView& v : views)
    for (const double e : {bounds.least, bounds.most})
      for (const double side : {-1.0, 1.0}) {
        const Vec2 offset = -e * (axis.vanishing_px + side * reach - v.face_px);
        bounds.low_px = bounds.low_px.cwiseMin(offset);
        bounds.high_px = bounds.high_px.cwiseMax(offset);
      }
  bounds.low_px = bounds.low_px.cwiseMax(-kFurthest * radius_px);
  bounds.high_px = bounds.high_px.cwiseMin(kFurthest * radius_px);
  if ((bounds.high_px - bounds.low_px).minCoeff() <= 0.0) return std::nullopt;

  const double step_px = std::max(1.5, 0.15 * circle_of_plate * radius_px);
  const std::size_t every = std::max<std::size_t>(1, views.size() / kSearched);
  std::vector<const PlateView*> some;
  for (std::size_t i = 0; i < views.size(); i += every) some.push_back(&views[i]);
  std::vector<Map> maps(some.size());
  cv::parallel_for_(cv::Range(0, static_cast<int>(some.size())), [&](const cv::Range& part) {
    for (auto i = static_cast<std::size_t>(part.start); i < static_cast<std::size_t>(part.end); ++i)
      maps[i] = mapOf(*some[i], circle_of_plate, bounds, step_px);
  });
  double best = 0.0, best_e = 0.0;
  Vec2 best_v = Vec2::Zero();
  constexpr double kWay_px = 250.0;  // of the bar in a usual film, over which e must tell a step
  const double e_step = std::max(1e-3, step_px / kWay_px);
  for (double e = bounds.least; e <= bounds.most; e += e_step) {
    const Vec2 v_step = Vec2::Constant(step_px / e).cwiseMin(reach);
    for (double dy = -reach.y(); dy <= reach.y(); dy += v_step.y())
      for (double dx = -reach.x(); dx <= reach.x(); dx += v_step.x()) {
        const Vec2 v = axis.vanishing_px + Vec2(dx, dy);
        double score = 0.0;
        for (std::size_t i = 0; i < some.size(); ++i) score += maps[i].at(-e * (v - some[i]->face_px));
        score /= static_cast<double>(some.size());
        if (score <= best) continue;
        best = score;
        best_e = e;
        best_v = v;
      }
  }
  if (best < kLeastEdges) return std::nullopt;

  SleeveEnd end;
  for (std::size_t i = 0; i < views.size(); ++i) {
    const PlateView& view = views[i];
    DiscOutline guess;
    guess.radius_px = (1.0 + best_e) * kSleeveRadius_m / plate_radius_m * view.radius_px;
    const Vec2 predicted = view.face_px - best_e * (best_v - view.face_px);
    guess.centre_px = predicted - view.origin_px;
    const double play_px = std::max(2.0, kNear * guess.radius_px);
    const auto fit = fitDiscOutline(view.gray, guess, play_px, DiscShape::kFree);
    if (!fit || fit->support < kLeastSupport || fit->spread < kLeastSpread) continue;
    const Vec2 at = fit->outline.centre_px + view.origin_px;
    if ((at - predicted).norm() > play_px) continue;
    end.views.push_back(i);
    end.at_px.push_back(at);
  }
  if (end.views.size() < kFewestViews) return std::nullopt;
  return end;
}

std::optional<Parallax> estimateParallax(const SleeveEnd& end, const std::vector<PlateView>& views) {
  std::vector<Vec2> middle, offset;
  for (std::size_t i = 0; i < end.views.size(); ++i) {
    const Vec2& face = views[end.views[i]].face_px;
    middle.push_back(face);
    offset.push_back(end.at_px[i] - face);
  }
  return estimateParallax(middle, offset);
}

}  // namespace mottix
