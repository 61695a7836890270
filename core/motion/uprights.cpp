#include "core/motion/uprights.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>

namespace mottix {
namespace {

constexpr double kAgree_deg = 0.5;
constexpr double kMostRoll_deg = 8.0;  // beyond it a leaning thing is as likely as a tilted camera
constexpr double kLeastShare = 0.6;    // of the length of all near-upright edges
constexpr double kLeastLength = 0.8;   // of the picture's height, together
constexpr int kFewestPlaces = 2;       // a tenth of the width apart: both edges of one post are one

double lengthOf(const Upright& u) {
  return (u.high_px - u.low_px).norm();
}

}  // namespace

double leanAgainst(const SideCamera& camera, const Upright& u) {
  const Vec2 up = camera.upAt(0.5 * (u.low_px + u.high_px)), edge = u.high_px - u.low_px;
  return std::atan2(up.x() * edge.y() - up.y() * edge.x(), up.dot(edge)) * 180.0 / std::numbers::pi;
}

bool levelByUprights(SideCamera& camera, SideCameraErrors& errors, const std::vector<Upright>& uprights) {
  std::vector<Upright> near;
  double all_px = 0.0;
  for (const Upright& u : uprights)
    if (std::abs(leanAgainst(camera, u)) < kMostRoll_deg) {
      near.push_back(u);
      all_px += lengthOf(u);
    }
  std::vector<Upright> agreed;
  double agreed_px = 0.0;
  for (const Upright& centre : near) {
    std::vector<Upright> with;
    double with_px = 0.0;
    for (const Upright& u : near)
      if (std::abs(leanAgainst(camera, u) - leanAgainst(camera, centre)) < kAgree_deg) {
        with.push_back(u);
        with_px += lengthOf(u);
      }
    if (with_px <= agreed_px) continue;
    agreed = std::move(with);
    agreed_px = with_px;
  }
  std::set<long> places;
  for (const Upright& u : agreed)
    places.insert(std::lround((u.low_px.x() + u.high_px.x()) / (0.4 * camera.middle_px.x())));
  if (std::ssize(places) < kFewestPlaces || agreed_px < kLeastShare * all_px ||
      agreed_px < kLeastLength * 2.0 * camera.middle_px.y())
    return false;
  observeCamera(
      camera, errors,
      [&](const SideCamera& c) {
        double sum = 0.0;
        for (const Upright& u : agreed) sum += lengthOf(u) * leanAgainst(c, u);
        return sum / agreed_px;
      },
      kPlumbSd_deg);
  return true;
}

}  // namespace mottix
