#include "vision/lens_finder.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>
#include <opencv2/imgproc.hpp>

#include "vision/luma.h"
#include "vision/peak.h"

namespace mottix {
namespace {

constexpr double kLeastSegment = 0.06;  // of the longer side
constexpr double kLeastEdge = 0.3;      // the same, of an edge that counts
constexpr double kNear = 0.03;          // the same, off the line of a piece that belongs to it
constexpr double kStep_px = 4.0, kAside_px = 2.0;
constexpr int kMostMissed = 6;           // steps: something thin stands before it
constexpr double kFaint = 0.4;           // of the segment's own contrast
constexpr double kLeastContrast = 8.0;   // grey levels over two pixels
constexpr double kMostScatter_px = 0.6;  // of an edge's points about a bowed line
constexpr double kEdge_px = 0.4;         // its own straightness in the room
constexpr double kMostSd = 0.08;         // of k1: an edge that says less says nothing
constexpr double kModelSd = 0.004;       // one radial term for what lenses do; own allowance

// Step across the edge: lighter to the right of `along` is positive.
double stepAcross(const cv::Mat& gray, const Vec2& p, const Vec2& across) {
  const Vec2 a = p + across, b = p - across;
  return static_cast<double>(lumaAt(gray, a.x(), a.y())) - static_cast<double>(lumaAt(gray, b.x(), b.y()));
}

// The edge near `p`, across it to a fraction of a pixel; nothing where it is faint or of the other sign.
std::optional<Vec2> edgeNear(const cv::Mat& gray, const Vec2& p, const Vec2& across, double usual) {
  constexpr int kTried = 2 * static_cast<int>(kAside_px) + 1;
  std::array<double, kTried> step{};
  for (int i = 0; i < kTried; ++i)
    step[static_cast<std::size_t>(i)] =
        stepAcross(gray, p + (i - kAside_px) * across, across) * (usual > 0.0 ? 1.0 : -1.0);
  const auto top = std::max_element(step.begin(), step.end());
  const auto at = top - step.begin();
  if (at == 0 || at + 1 == kTried || *top < std::max(kLeastContrast, kFaint * std::abs(usual)))
    return std::nullopt;
  return Vec2(p + (static_cast<double>(at) - kAside_px + peakBeside(*(top - 1), *top, *(top + 1))) * across);
}

void followOn(const cv::Mat& gray, Vec2 at, Vec2 along, double usual, std::vector<Vec2>& points) {
  const cv::Rect inside(4, 4, gray.cols - 8, gray.rows - 8);
  for (int missed = 0; missed <= kMostMissed;) {
    at += kStep_px * along;
    if (!inside.contains(cv::Point(static_cast<int>(at.x()), static_cast<int>(at.y())))) return;
    const Vec2 across(-along.y(), along.x());
    const auto edge = edgeNear(gray, at, across, usual);
    if (!edge) {
      ++missed;
      continue;
    }
    missed = 0;
    // It turns slowly.
    constexpr double kTurns = 0.03;
    along = (along + kTurns * (*edge - at).dot(across) / kStep_px * across).normalized();
    at = *edge;
    points.push_back(at);
  }
}

std::optional<BowedEdge> readBow(std::vector<Vec2> points, const Vec2& middle, double focal_px,
                                 double least_px) {
  constexpr std::size_t kFewest = 24;
  if (points.size() < kFewest || (points.back() - points.front()).norm() < least_px) return std::nullopt;
  const auto n = static_cast<Eigen::Index>(points.size());
  const Vec2 along = (points.back() - points.front()).normalized(), across(-along.y(), along.x());
  // Off a straight line, and off it for a unit of k1 taken out: both beside what a line explains.
  Eigen::MatrixXd line(n, 2);
  Eigen::VectorXd off(n), bow(n);
  for (Eigen::Index i = 0; i < n; ++i) {
    const Vec2 d = points[static_cast<std::size_t>(i)] - middle;
    line.row(i) << 1.0, along.dot(d) / focal_px;
    off[i] = across.dot(d);
    bow[i] = across.dot(d) * d.squaredNorm() / (focal_px * focal_px);
  }
  const Eigen::ColPivHouseholderQR<Eigen::MatrixXd> straight(line);
  off -= line * straight.solve(off);
  bow -= line * straight.solve(bow);
  const double leverage = bow.squaredNorm();
  if (!(leverage > 0.0)) return std::nullopt;
  const double k1 = off.dot(bow) / leverage;
  const double scatter = std::sqrt((off - k1 * bow).squaredNorm() / static_cast<double>(n));
  if (scatter > kMostScatter_px) return std::nullopt;
  // What is not straight in the room bows as a whole, so that more points do not make it surer.
  const double sd = std::hypot(kEdge_px, scatter) / std::sqrt(leverage / static_cast<double>(n));
  return BowedEdge{std::move(points), {k1, sd}};
}

}  // namespace

std::vector<BowedEdge> findBowedEdges(const cv::Mat& gray, const std::vector<LineInPicture>& lines,
                                      double focal_px) {
  const double side = std::max(gray.cols, gray.rows);
  std::vector<LineInPicture> long_first = lines;
  const auto length = [](const LineInPicture& l) { return (l.to_px - l.from_px).norm(); };
  std::sort(long_first.begin(), long_first.end(),
            [&](const auto& a, const auto& b) { return length(a) > length(b); });
  struct Piece {
    std::vector<Vec2> points_px;
    bool lighter_right;
  };
  std::vector<Piece> pieces;
  cv::Mat known = cv::Mat::zeros(gray.size(), CV_8U);
  for (auto [a, b] : long_first) {
    if ((b - a).norm() < kLeastSegment * side) break;
    if (std::abs(b.x() - a.x()) > std::abs(b.y() - a.y()) ? b.x() < a.x() : b.y() < a.y()) std::swap(a, b);
    const Vec2 middle = 0.5 * (a + b), along = (b - a).normalized(), across(-along.y(), along.x());
    if (known.at<uint8_t>(std::clamp(static_cast<int>(middle.y()), 0, gray.rows - 1),
                          std::clamp(static_cast<int>(middle.x()), 0, gray.cols - 1)) != 0)
      continue;
    double usual = 0.0;
    for (const double part : {0.2, 0.35, 0.5, 0.65, 0.8})
      usual += 0.2 * stepAcross(gray, a + part * (b - a), across);
    if (std::abs(usual) < kLeastContrast) continue;
    std::vector<Vec2> back, points;
    followOn(gray, middle, -along, -usual, back);
    points.assign(back.rbegin(), back.rend());
    followOn(gray, middle, along, usual, points);
    for (std::size_t i = 1; i < points.size(); ++i)
      cv::line(known, {static_cast<int>(points[i - 1].x()), static_cast<int>(points[i - 1].y())},
               {static_cast<int>(points[i].x()), static_cast<int>(points[i].y())}, 255, 7);
    constexpr std::size_t kFewest = 8;
    if (points.size() >= kFewest) pieces.push_back({std::move(points), usual > 0.0});
  }
  // What stands before an edge breaks it: pieces that lie on one bowed line are one.
  const Vec2 middle = 0.5 * Vec2(gray.cols, gray.rows);
  std::vector<BowedEdge> found;
  while (!pieces.empty()) {
    std::vector<Vec2> edge = std::move(pieces.front().points_px);
    const bool lighter_right = pieces.front().lighter_right;
    pieces.erase(pieces.begin());
    for (auto piece = pieces.begin(); piece != pieces.end();) {
      const Vec2 along = (edge.back() - edge.front()).normalized(),
                 next = piece->points_px.front() - edge.front();
      const double aside = std::abs(next.x() * along.y() - next.y() * along.x());
      if (piece->lighter_right != lighter_right || aside > kNear * side) {
        ++piece;
        continue;
      }
      const bool after = along.dot(piece->points_px.front() - edge.back()) > 0.0;
      std::vector<Vec2> both = after ? edge : piece->points_px;
      const auto& rest = after ? piece->points_px : edge;
      both.insert(both.end(), rest.begin(), rest.end());
      if (!readBow(both, middle, focal_px, 0.0)) {
        ++piece;
        continue;
      }
      edge = std::move(both);
      piece = pieces.erase(piece);
    }
    if (auto bowed = readBow(std::move(edge), middle, focal_px, kLeastEdge * side);
        bowed && bowed->k1.sd < kMostSd)
      found.push_back(std::move(*bowed));
  }
  return found;
}

std::optional<Estimate> estimateLens(const std::vector<std::vector<BowedEdge>>& pictures) {
  constexpr double kAgrees = 2.5;  // standard deviations
  std::vector<Estimate> edges;
  std::size_t looked = 0;
  for (const auto& picture : pictures) {
    looked += picture.empty() ? 0 : 1;
    for (const BowedEdge& e : picture) edges.push_back(e.k1);
  }
  // The value with which most of what is known agrees.
  auto agree = [&](const Estimate& e, double k1) {
    return std::abs(e.value - k1) < kAgrees * std::hypot(e.sd, kModelSd);
  };
  double best = 0.0, most = 0.0;
  for (const Estimate& candidate : edges) {
    double weight = 0.0;
    for (const Estimate& e : edges)
      if (agree(e, candidate.value)) weight += 1.0 / (e.sd * e.sd);
    if (weight <= most) continue;
    most = weight;
    best = candidate.value;
  }
  std::erase_if(edges, [&](const Estimate& e) { return !agree(e, best); });
  if (edges.size() < 2 * looked || edges.size() < 2) return std::nullopt;
  double sum = 0.0, square = 0.0;
  for (const Estimate& e : edges) sum += e.value / (e.sd * e.sd) / most;
  for (const Estimate& e : edges) square += std::pow((e.value - sum) / e.sd, 2);
  const double scatter = std::max(1.0, square / static_cast<double>(edges.size() - 1));
  const double sd = std::sqrt(scatter * static_cast<double>(looked) / most);
  // Most phones straighten their pictures themselves.
  constexpr double kUsual = 0.05;
  const double believed = kUsual * kUsual / (kUsual * kUsual + sd * sd);
  return Estimate{believed * sum, std::hypot(std::sqrt(believed) * sd, kModelSd)};
}

}  // namespace mottix
