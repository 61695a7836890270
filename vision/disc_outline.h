// The outline of a plate in one picture, located to a fraction of a pixel.
//
// Model: radius as a function of the direction phi from the centre,
//   rho(phi) = radius + h_cos·cos 2phi + h_sin·sin 2phi,
// which is an ellipse to first order; a disc seen within 20 degrees of face on departs from a circle by under
// 3 %. Along each ray the edge is the extremum of the luma gradient, refined by a parabola through three
// samples.
#pragma once

#include <array>
#include <optional>

#include <opencv2/core/mat.hpp>

#include "core/motion/tracks.h"

namespace mottix {

struct DiscOutline {
  Vec2 centre_px = Vec2::Zero();  // pixel centres at .5
  double radius_px = 0.0;
  double h_cos_px = 0.0;
  double h_sin_px = 0.0;
};

// Rays on which the outline is looked for, evenly round the centre.
inline constexpr int kOutlineRays = 72;
Vec2 rayDirection(int ray);
// Distance from the fitted centre to the edge along each ray; NaN where no edge lies near the outline.
using EdgeRadii = std::array<float, kOutlineRays>;

// The strongest edge along one ray, within ±reach_px of the outline: its distance from it, outward positive.
std::optional<double> findEdgeOnRay(const cv::Mat& gray, const DiscOutline& outline, int ray,
                                    double reach_px);

struct DiscFit {
  DiscOutline outline;
  EdgeRadii edge_px{};
  double sd_px = 0.0;    // standard deviation of each centre coordinate, outline model error included
  double support = 0.0;  // part of the rays, 0..1, whose edge lies on the outline
  double spread = 0.0;   // 0: all supporting rays on one side; 1: evenly all round
  bool convincing() const { return support >= 0.34 && spread >= 0.35 && sd_px <= 1.0; }
};

enum class DiscShape {
  kCarried,  // radius and second harmonic may change only a little from the guess
  kFree,     // radius and second harmonic are solved freely
};

// Fits the outline near `guess`; edges are looked for within `reach_px` of it. Nothing when too few edges
// exist.
std::optional<DiscFit> fitDiscOutline(const cv::Mat& gray, const DiscOutline& guess, double reach_px,
                                      DiscShape shape = DiscShape::kCarried);

// Part of the rays, every `stride`-th being read, with an edge right on the outline, weighted by capped
// contrast (0..1); cheap, for searching.
double outlineContrast(const cv::Mat& gray, const DiscOutline& outline, int stride);

// Best place for an outline of the guess's size within ±window_px; nothing when no place stands out.
std::optional<DiscOutline> searchDisc(const cv::Mat& gray, const DiscOutline& guess, double window_px);

// Best disc whose middle is about at `point_px` (within a third of its radius), of any radius between the
// two.
std::optional<DiscOutline> searchDiscAround(const cv::Mat& gray, Vec2 point_px, double min_radius_px,
                                            double max_radius_px);

}  // namespace mottix
