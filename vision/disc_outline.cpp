#include "vision/disc_outline.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>
#include <vector>

#include <Eigen/Dense>
#include <opencv2/core/utility.hpp>

#include <opencv2/imgproc.hpp>

#include "vision/luma.h"

namespace mottix {
namespace {

constexpr std::size_t kRays = kOutlineRays;
constexpr float kMinContrast = 7.0F;  // grey levels over 3 px; about twice the noise of an indoor phone film

struct Direction {
  double c, s, c2, s2;
  std::array<double, 5> row() const { return {c, s, 1.0, c2, s2}; }  // d rho / d (x, y, radius, h_cos, h_sin)
};
const std::array<Direction, kRays>& directions() {
  static const auto table = [] {
    std::array<Direction, kRays> t{};
    for (std::size_t i = 0; i < kRays; ++i) {
      const double phi = 2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) / kRays;
      t[i] = {std::cos(phi), std::sin(phi), std::cos(2 * phi), std::sin(2 * phi)};
    }
    return t;
  }();
  return table;
}

bool inside(const cv::Mat& gray, double x, double y) {
  return x > 1.0 && y > 1.0 && x < gray.cols - 1.0 && y < gray.rows - 1.0;
}

double modelRadius(const DiscOutline& o, const Direction& d) {
  return o.radius_px + o.h_cos_px * d.c2 + o.h_sin_px * d.s2;
}

struct Edge {
  bool found = false;
  double offset_px = 0.0;  // from the model radius, positive outward
};

// Luma every pixel along a ray from `from` (half-pixel convention). Where the whole ray lies inside the
// picture positions are kept in 1/65536 px and weights rounded to 1/256, far below the noise of an edge.
void readRay(const cv::Mat& gray, Vec2 from_px, const Direction& d, int count, float* luma) {
  const Vec2 to_px = from_px + (count - 1) * Vec2(d.c, d.s);
  if (!inside(gray, from_px.x(), from_px.y()) || !inside(gray, to_px.x(), to_px.y())) {
    for (int i = 0; i < count; ++i) luma[i] = lumaAt(gray, from_px.x() + i * d.c, from_px.y() + i * d.s);
    return;
  }
  constexpr double kOne = 65536.0;
  auto fixed = [](double px) {
    return static_cast<int32_t>(std::lround((px - 0.5) * kOne)) + 128;
  };  // 1/512 px
  int32_t x = fixed(from_px.x()), y = fixed(from_px.y());
  const auto dx = static_cast<int32_t>(std::lround(d.c * kOne)),
             dy = static_cast<int32_t>(std::lround(d.s * kOne));
  for (int i = 0; i < count; ++i, x += dx, y += dy) {
    const uint8_t* a = gray.data + static_cast<std::size_t>(y >> 16) * gray.step + (x >> 16);
    const uint8_t* b = a + gray.step;
    const int32_t fx = (x >> 8) & 255, fy = (y >> 8) & 255;
    const int32_t top = (a[0] << 8) + fx * (a[1] - a[0]), low = (b[0] << 8) + fx * (b[1] - b[0]);
    luma[i] = static_cast<float>((top << 8) + fy * (low - top)) * static_cast<float>(1.0 / kOne);
  }
}

// Strongest edge along one ray within ±reach of the model radius; nearer edges are preferred a little.
Edge findEdge(const cv::Mat& gray, const DiscOutline& o, const Direction& d, double reach_px) {
  const int n = static_cast<int>(std::ceil(reach_px));
  const double base = modelRadius(o, d);
  Edge edge;
  if (!inside(gray, o.centre_px.x() + d.c * base, o.centre_px.y() + d.s * base)) return edge;
  const int count = 2 * (n + 2) + 1;
  cv::AutoBuffer<float, 512> buffer(static_cast<std::size_t>(2 * count));
  float* luma = buffer.data();
  float* slope = luma + count;  // over two pixels; the outermost samples have none
  readRay(gray, o.centre_px + (base - n - 2) * Vec2(d.c, d.s), d, count, luma);
  for (int i = 1; i + 1 < count; ++i) slope[i] = std::abs(luma[i + 1] - luma[i - 1]);
  const auto loss = static_cast<float>(0.5 / (reach_px + 1.0));
  float best = 0.0F;
  int at = -1;
  for (int i = 2; i + 2 < count; ++i) {
    const float g = slope[i];
    if (g < kMinContrast || g < slope[i - 1] || g < slope[i + 1]) continue;
    const float weighted = std::min(g, 60.0F) * (1.0F - loss * static_cast<float>(std::abs(i - n - 2)));
    if (weighted > best) {
      best = weighted;
      at = i;
    }
  }
  if (at < 0) return edge;
  const double a = slope[at - 1], b = slope[at], c = slope[at + 1];
  const double bend = a - 2.0 * b + c;
  const double shift = bend < -1e-6 ? std::clamp(0.5 * (a - c) / bend, -0.5, 0.5) : 0.0;
  edge.found = true;
  edge.offset_px = at - n - 2 + shift;
  return edge;
}

double medianOf(std::vector<double> v) {
  if (v.empty()) return 0.0;
  auto mid = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), mid, v.end());
  return *mid;
}

using Vec5 = Eigen::Matrix<double, 5, 1>;
using Mat5 = Eigen::Matrix<double, 5, 5>;

}  // namespace

Vec2 rayDirection(int ray) {
  const Direction& d = directions()[static_cast<std::size_t>(ray)];
  return {d.c, d.s};
}

std::optional<double> findEdgeOnRay(const cv::Mat& gray, const DiscOutline& outline, int ray,
                                    double reach_px) {
  const Edge edge = findEdge(gray, outline, directions()[static_cast<std::size_t>(ray)], reach_px);
  return edge.found ? std::optional(edge.offset_px) : std::nullopt;
}

std::optional<DiscFit> fitDiscOutline(const cv::Mat& gray, const DiscOutline& guess, double reach_px,
                                      DiscShape shape) {
  DiscFit fit;
  fit.outline = guess;
  if (!(guess.radius_px >= 6.0) || !std::isfinite(guess.centre_px.sum())) return std::nullopt;
  const double radius_prior_px =
      shape == DiscShape::kFree ? 0.2 * guess.radius_px : 0.006 * guess.radius_px + 0.1;
  const double harmonic_prior_px = shape == DiscShape::kFree ? 0.03 * guess.radius_px : 0.05;
  // The wall of a thick disc stands out by more than the outline's own scatter; its edges are kept for later.
  const double wall_px = std::max(3.0, 0.05 * guess.radius_px);
  std::array<Edge, kRays> edges;
  std::array<double, kRays> left_px{};  // edges against the fitted outline
  double reach = reach_px;
  double scale = 1.0;
  Mat5 normal = Mat5::Identity();
  std::vector<double> magnitude;
  magnitude.reserve(kRays);
  for (int pass = 0; pass < 4; ++pass) {
    std::size_t found = 0;
    for (std::size_t i = 0; i < kRays; ++i) {
      edges[i] = findEdge(gray, fit.outline, directions()[i], reach);
      if (edges[i].found) ++found;
    }
    if (found < kRays / 4) return std::nullopt;
    // Reweighted least squares from a wide cut to a narrow one, until nothing changes.
    Vec5 x = Vec5::Zero();
    double cut = std::max(1.5, 0.5 * reach);
    for (int round = 0; round < 6; ++round) {
      Mat5 a = Mat5::Zero();  // lower half
      Vec5 b = Vec5::Zero();
      magnitude.clear();
      for (std::size_t i = 0; i < kRays; ++i) {
        if (!edges[i].found) continue;
        const std::array<double, 5> row = directions()[i].row();
        double e = edges[i].offset_px;
        for (std::size_t k = 0; k < 5; ++k) e -= x[static_cast<int>(k)] * row[k];
        const double q = e / cut;
        if (std::abs(q) >= 1.0) continue;
        const double w = (1 - q * q) * (1 - q * q);
        for (int k = 0; k < 5; ++k) {
          const double wk = w * row[static_cast<std::size_t>(k)];
          b[k] += wk * edges[i].offset_px;
          for (int l = 0; l <= k; ++l) a(k, l) += wk * row[static_cast<std::size_t>(l)];
        }
        magnitude.push_back(std::abs(e));
      }
      if (magnitude.size() < kRays / 5) return std::nullopt;
      const double unit = std::max(0.25, scale);
      const double wr = unit * unit / (radius_prior_px * radius_prior_px);
      const double wh = unit * unit / (harmonic_prior_px * harmonic_prior_px);
      a(2, 2) += wr;
      b[2] += wr * (guess.radius_px - fit.outline.radius_px);
      a(3, 3) += wh;
      b[3] += wh * (guess.h_cos_px - fit.outline.h_cos_px);
      a(4, 4) += wh;
      b[4] += wh * (guess.h_sin_px - fit.outline.h_sin_px);
      a(0, 0) += 1e-6;
      a(1, 1) += 1e-6;
      const Vec5 before = x;
      x = a.ldlt().solve(b);
      normal = a.selfadjointView<Eigen::Lower>();
      scale = std::max(0.12, 1.4826 * medianOf(magnitude));
      const double next_cut = std::clamp(4.0 * scale, 1.2, std::max(1.5, 0.5 * reach));
      const bool settled = (x - before).cwiseAbs().maxCoeff() < 2e-3 && std::abs(next_cut - cut) < 0.02 * cut;
      cut = next_cut;
      if (settled) break;
    }
    fit.outline.centre_px += Vec2(x[0], x[1]);
    fit.outline.radius_px += x[2];
    fit.outline.h_cos_px += x[3];
    fit.outline.h_sin_px += x[4];
    if (!(fit.outline.radius_px > 5.0)) return std::nullopt;
    for (std::size_t i = 0; i < kRays; ++i) {
      left_px[i] = edges[i].offset_px;
      const std::array<double, 5> row = directions()[i].row();
      for (std::size_t k = 0; k < 5; ++k) left_px[i] -= x[static_cast<int>(k)] * row[k];
    }
    const double moved = std::hypot(x[0], x[1]);
    if (pass > 0 && moved < 0.05) break;
    reach = std::min(reach, std::max(wall_px, 0.5 * reach + moved));
  }
  if (reach > wall_px)  // a stronger edge further out may have hidden the outline's own
    for (std::size_t i = 0; i < kRays; ++i) {
      edges[i] = findEdge(gray, fit.outline, directions()[i], wall_px);
      left_px[i] = edges[i].offset_px;
    }
  double on_c = 0.0, on_s = 0.0;
  std::size_t on = 0;
  const double tolerance = std::max(1.2, 3.0 * scale);
  for (std::size_t i = 0; i < kRays; ++i) {
    const Direction& d = directions()[i];
    fit.edge_px[i] = std::numeric_limits<float>::quiet_NaN();
    if (!edges[i].found || std::abs(left_px[i]) > wall_px) continue;
    fit.edge_px[i] = static_cast<float>(modelRadius(fit.outline, d) + left_px[i]);
    if (std::abs(left_px[i]) > tolerance) continue;
    ++on;
    on_c += d.c;
    on_s += d.s;
  }
  if (on < kRays / 6) return std::nullopt;
  fit.support = static_cast<double>(on) / kRays;
  fit.spread = 1.0 - std::hypot(on_c, on_s) / static_cast<double>(on);
  const Mat5 covariance = normal.inverse() * scale * scale;
  // The disc's thickness shifts its outline against its face by a few tenths of a pixel in a hundred of
  // radius.
  const double model_px = 0.006 * fit.outline.radius_px;
  fit.sd_px = std::sqrt(std::max(covariance(0, 0), covariance(1, 1)) + model_px * model_px);
  return fit;
}

double outlineContrast(const cv::Mat& gray, const DiscOutline& o, int stride) {
  double sum = 0.0;
  int count = 0;
  for (std::size_t i = 0; i < kRays; i += static_cast<std::size_t>(stride)) {
    const Direction& d = directions()[i];
    const double r = modelRadius(o, d);
    const double x = o.centre_px.x(), y = o.centre_px.y();
    ++count;
    if (!inside(gray, x + d.c * r, y + d.s * r)) continue;
    const double g = std::abs(lumaAt(gray, x + d.c * (r + 2), y + d.s * (r + 2)) -
                              lumaAt(gray, x + d.c * (r - 2), y + d.s * (r - 2)));
    sum += std::min(g, 50.0) / 50.0;
  }
  return sum / count;
}

namespace {

// The place of most contrast on a grid of `step` within ±window_px.
DiscOutline searchGrid(const cv::Mat& gray, const DiscOutline& guess, double window_px, double step) {
  DiscOutline best = guess;
  double best_score = 0.0;
  for (double dy = -window_px; dy <= window_px; dy += step)
    for (double dx = -window_px; dx <= window_px; dx += step) {
      DiscOutline o = guess;
      o.centre_px += Vec2(dx, dy);
      const double score = outlineContrast(gray, o, 3);
      if (score > best_score) {
        best_score = score;
        best = o;
      }
    }
  return best;
}

// The same in half the picture's size, for a quarter of the time: `step` there is two here.
DiscOutline searchSmall(const cv::Mat& gray, const DiscOutline& guess, double window_px, double step) {
  const double reach =
      guess.radius_px + std::abs(guess.h_cos_px) + std::abs(guess.h_sin_px) + window_px + 8.0;
  cv::Rect around = cv::Rect(cv::Point(static_cast<int>(std::floor(guess.centre_px.x() - reach)),
                                       static_cast<int>(std::floor(guess.centre_px.y() - reach))),
                             cv::Point(static_cast<int>(std::ceil(guess.centre_px.x() + reach)),
                                       static_cast<int>(std::ceil(guess.centre_px.y() + reach)))) &
                    cv::Rect(0, 0, gray.cols, gray.rows);
  around.width &= ~1;  // halves of odd sizes take many times as long
  around.height &= ~1;
  if (around.width < 8 || around.height < 8) return guess;
  cv::Mat small;
  cv::resize(gray(around), small, {around.width / 2, around.height / 2}, 0.0, 0.0, cv::INTER_AREA);
  const Vec2 corner(around.x, around.y);
  DiscOutline half{0.5 * (guess.centre_px - corner), 0.5 * guess.radius_px, 0.5 * guess.h_cos_px,
                   0.5 * guess.h_sin_px};
  DiscOutline found = guess;
  found.centre_px = corner + 2.0 * searchGrid(small, half, 0.5 * window_px, step).centre_px;
  return found;
}

}  // namespace

std::optional<DiscOutline> searchDisc(const cv::Mat& gray, const DiscOutline& guess, double window_px) {
  constexpr double kLarge_px = 50.0;  // of half its size a disc is still more than its edge's blur
  const double step = std::max(2.0, window_px / 14.0);
  const bool large = guess.radius_px > kLarge_px;
  DiscOutline best =
      large ? searchSmall(gray, guess, window_px, step) : searchGrid(gray, guess, window_px, step);
  double best_score = outlineContrast(gray, best, 3);
  for (double fine = large ? step : step / 2; fine >= 0.9; fine /= 2) {
    const Vec2 middle = best.centre_px;
    for (int k = 0; k < 9; ++k) {
      DiscOutline o = best;
      o.centre_px =
          middle + Vec2((k % 3 - 1) * fine, (k / 3 - 1) * fine);  // NOLINT(bugprone-integer-division)
      const double score = outlineContrast(gray, o, 2);
      if (score > best_score) {
        best_score = score;
        best = o;
      }
    }
  }
  if (best_score < 0.25) return std::nullopt;
  return best;
}

std::optional<DiscOutline> searchDiscAround(const cv::Mat& gray, Vec2 point_px, double min_radius_px,
                                            double max_radius_px) {
  // A hand that points at the middle of a plate is within a third of its radius; own allowance.
  constexpr double kBesideOfRadius = 0.33;
  std::optional<DiscOutline> best;
  double best_score = 0.3;
  for (double r = min_radius_px; r <= max_radius_px; r *= 1.04) {
    DiscOutline guess;
    guess.centre_px = point_px;
    guess.radius_px = r;
    const auto found = searchDisc(gray, guess, std::min(0.5 * r, 40.0));
    if (!found) continue;
    const auto fit = fitDiscOutline(gray, *found, 0.06 * r + 2.0, DiscShape::kFree);
    if (!fit || !fit->convincing()) continue;
    if ((fit->outline.centre_px - point_px).norm() > kBesideOfRadius * fit->outline.radius_px) continue;
    // Of concentric circles the outer one is the plate: a larger radius wins at like support.
    const double score = fit->support * std::sqrt(fit->outline.radius_px / max_radius_px);
    if (score > best_score) {
      best_score = score;
      best = fit->outline;
    }
  }
  return best;
}

}  // namespace mottix
