#include "core/motion/lens.h"

#include <cmath>

#include "core/motion/side_camera.h"

namespace mottix {
namespace {

struct Lens {
  double k1, focal_px;
  Vec2 middle_px;

  // r of the straight picture for r as seen, in focal lengths (Newton; the bend is mild).
  double unbent(double seen) const {
    double r = seen;
    for (int round = 0; round < 6; ++round) r -= (r * (1.0 + k1 * r * r) - seen) / (1.0 + 3.0 * k1 * r * r);
    return r;
  }
  // Times as large across the line to the middle; along it, where the bend changes, by the slope.
  double growth(const Vec2& p_px) const {
    const double r = unbent((p_px - middle_px).norm() / focal_px), k = k1 * r * r;
    return 1.0 / std::sqrt((1.0 + k) * (1.0 + 3.0 * k));
  }
};

Lens lensOf(const ClipTracks& tracks) {
  return {tracks.lens_k1->value, focalPrior(tracks.width_px, tracks.height_px).value,
          0.5 * Vec2(tracks.width_px, tracks.height_px)};
}

}  // namespace

Vec2 straightened(const Vec2& p_px, double k1, const Vec2& middle_px, double focal_px) {
  const Vec2 off = p_px - middle_px;
  const double seen = off.norm() / focal_px;
  if (seen < 1e-9 || k1 == 0.0) return p_px;
  return middle_px + Lens{k1, focal_px, middle_px}.unbent(seen) / seen * off;
}

ClipTracks straightened(ClipTracks tracks) {
  if (!tracks.lens_k1) return tracks;
  const Lens lens = lensOf(tracks);
  const auto straight = [&](Vec2& p) { p = straightened(p, lens.k1, lens.middle_px, lens.focal_px); };
  const auto straightenBar = [&](std::vector<BarSample>& bar) {
    for (BarSample& s : bar) {
      const double growth = lens.growth(s.p_px);
      s.radius_px *= growth;
      s.sd_px *= growth;
      straight(s.p_px);
    }
  };
  straightenBar(tracks.bar);
  for (auto& end : tracks.ends) straightenBar(end);
  for (JointTrack& track : tracks.joints)
    for (JointSample& s : track) {
      if (!s.known) continue;
      s.sd_px *= lens.growth(s.p_px);
      straight(s.p_px);
    }
  for (Upright& u : tracks.uprights) {
    straight(u.low_px);
    straight(u.high_px);
  }
  return tracks;
}

double lensScaleSd(const ClipTracks& tracks, const Vec2& p_px) {
  if (!tracks.lens_k1) return 0.0;
  const Lens lens = lensOf(tracks);
  const double r = (p_px - lens.middle_px).norm() / lens.focal_px;
  return 2.0 * r * r * tracks.lens_k1->sd;
}

}  // namespace mottix
