#include "core/motion/joint_corrections.h"

#include <algorithm>
#include <cmath>

namespace mottix {

JointTrack applyCorrections(const JointTrack& carried, Joint joint, const std::vector<PlacedPoints>& placed,
                            const std::vector<double>& time_s, double plate_radius_px,
                            const PlacementErrors& errors) {
  struct Anchor {
    std::size_t frame;
    Vec2 shift_px;
  };
  std::vector<Anchor> anchors;
  for (const PlacedPoints& points : placed) {
    const auto& p = points.joints[indexOf(joint)];
    if (p && points.frame < carried.size() && carried[points.frame].known)
      anchors.push_back({points.frame, *p - carried[points.frame].p_px});
  }
  JointTrack out = carried;
  if (anchors.empty()) return out;
  std::sort(anchors.begin(), anchors.end(),
            [](const Anchor& a, const Anchor& b) { return a.frame < b.frame; });
  const double hand_px = errors.hand_of_radius * plate_radius_px;
  for (std::size_t i = 0; i < out.size(); ++i) {
    if (!out[i].known) continue;
    const auto next = std::lower_bound(anchors.begin(), anchors.end(), i,
                                       [](const Anchor& a, std::size_t f) { return a.frame < f; });
    Vec2 shift;
    double away_s;
    if (next == anchors.begin()) {
      shift = next->shift_px;
      away_s = time_s[next->frame] - time_s[i];
    } else if (next == anchors.end()) {
      shift = anchors.back().shift_px;
      away_s = time_s[i] - time_s[anchors.back().frame];
    } else {
      const Anchor& a = *(next - 1);
      const double span = time_s[next->frame] - time_s[a.frame];
      const double w = span > 0.0 ? (time_s[i] - time_s[a.frame]) / span : 0.0;
      shift = (1 - w) * a.shift_px + w * next->shift_px;
      away_s = std::min(time_s[i] - time_s[a.frame], time_s[next->frame] - time_s[i]);
    }
    out[i].p_px += shift;
    const double travelled_sd =
        anchors.size() == 1 ? out[i].sd_px : out[i].sd_px * std::min(1.0, away_s / errors.settle_s);
    out[i].sd_px = std::hypot(hand_px, away_s > 0.0 ? travelled_sd : 0.0);
  }
  return out;
}

void placeJoint(std::vector<PlacedPoints>& placed, std::size_t frame, Joint joint, const Vec2& p_px) {
  auto at =
      std::find_if(placed.begin(), placed.end(), [&](const PlacedPoints& p) { return p.frame == frame; });
  if (at == placed.end()) {
    // The first entry stays first: the carried track started there.
    const auto from = placed.empty() ? placed.begin() : placed.begin() + 1;
    at = std::find_if(from, placed.end(), [&](const PlacedPoints& p) { return p.frame > frame; });
    at = placed.insert(at, PlacedPoints{frame, {}});
  }
  at->joints[indexOf(joint)] = p_px;
}

}  // namespace mottix
