#include "core/motion/joint_corrections.h"

#include <algorithm>
#include <cmath>

namespace mottix {

JointTrack applyCorrections(const JointTrack& carried, Joint joint, const std::vector<PlacedPoints>& placed,
                            const std::vector<double>& time_s, double plate_radius_px, double found_sd_px,
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
  if (anchors.empty()) {
    for (JointSample& s : out) s.sd_px = std::hypot(s.sd_px, found_sd_px);
    return out;
  }
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

std::optional<SuggestedCorrection> suggestCorrection(const ClipTracks& tracks, const std::vector<Rep>& reps,
                                                     const std::vector<PlacedPoints>& placed,
                                                     double plate_radius_px, const PlacementErrors& errors) {
  constexpr double kClearly = 1.5;  // times the hand's error
  constexpr double kInPeace_s = 0.25;
  auto inPeace = [&](std::size_t frame, std::size_t joint) {
    return std::any_of(placed.begin(), placed.end(), [&](const PlacedPoints& p) {
      return p.joints[joint] && p.frame < tracks.frameCount() &&
             std::abs(tracks.time_s[p.frame] - tracks.time_s[frame]) < kInPeace_s;
    });
  };
  std::vector<std::size_t> frames;
  // The middle rep first: its error is nearest to that of all.
  for (std::size_t i = 0; i < reps.size(); ++i) {
    const std::size_t out = (i + 1) / 2, middle = reps.size() / 2;
    frames.push_back(reps[i % 2 == 0 ? middle + out : middle - out].turn_frame);
  }
  for (const Rep& r : reps) frames.push_back(r.start_frame);
  std::optional<SuggestedCorrection> best;
  for (std::size_t frame : frames)
    for (std::size_t j = 0; j < kJointCount; ++j) {
      if (!tracks.has(static_cast<Joint>(j)) || frame >= tracks.frameCount()) continue;
      const JointSample& s = tracks.joints[j][frame];
      const double hand_px = errors.hand_of_radius * plate_radius_px;
      if (!s.known || s.sd_px < kClearly * hand_px || inPeace(frame, j)) continue;
      // A later frame must be clearly worse than an earlier one to come before it.
      if (!best || s.sd_px > 1.05 * best->sd_px)
        best = SuggestedCorrection{frame, static_cast<Joint>(j), s.sd_px};
    }
  return best;
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
