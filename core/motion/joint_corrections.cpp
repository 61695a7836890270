#include "core/motion/joint_corrections.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Geometry>

namespace mottix {

namespace {

// The segment that a joint's correction turns with, from `from` to the joint itself.
struct TurnsWith {
  Joint joint, from;
  bool rides;  // what was put right at `from` moves the joint, too
};
constexpr std::array kTurnsWith = {TurnsWith{Joint::kKnee, Joint::kAnkle, true},
                                   TurnsWith{Joint::kHip, Joint::kKnee, true},
                                   TurnsWith{Joint::kShoulder, Joint::kHip, false}};
// Each after what it rides on.
constexpr std::array kOrder = {Joint::kAnkle,    Joint::kHeel,  Joint::kToe,   Joint::kKnee, Joint::kHip,
                               Joint::kShoulder, Joint::kElbow, Joint::kWrist, Joint::kEar};

struct Anchor {
  std::size_t frame;
  Vec2 shift_px;
};

}  // namespace

JointTracks applyCorrections(const JointTracks& carried, const std::vector<PlacedPoints>& placed,
                             const std::vector<double>& time_s, double plate_radius_px,
                             const std::array<double, kJointCount>& found_sd_px,
                             const PlacementErrors& errors) {
  const double hand_px = errors.hand_of_radius * plate_radius_px;
  JointTracks out = carried;
  std::array<std::vector<Vec2>, kJointCount> shifts;
  for (Joint joint : kOrder) {
    const std::size_t j = indexOf(joint);
    const JointTrack& track = carried[j];
    const auto turns = std::find_if(kTurnsWith.begin(), kTurnsWith.end(),
                                    [&](const TurnsWith& t) { return t.joint == joint; });
    const JointTrack* from = turns == kTurnsWith.end() ? nullptr : &carried[indexOf(turns->from)];
    if (from != nullptr && from->size() != track.size()) from = nullptr;
    const std::vector<Vec2>* ridden =
        from != nullptr && turns->rides ? &shifts[indexOf(turns->from)] : nullptr;
    if (ridden != nullptr && ridden->empty()) ridden = nullptr;
    auto turnedFrom = [&](std::size_t then, std::size_t now) -> Eigen::Rotation2Dd {
      if (from == nullptr || !(*from)[then].known || !(*from)[now].known) return Eigen::Rotation2Dd(0.0);
      const Vec2 a = track[then].p_px - (*from)[then].p_px, b = track[now].p_px - (*from)[now].p_px;
      return Eigen::Rotation2Dd(std::atan2(a.x() * b.y() - a.y() * b.x(), a.dot(b)));
    };
    std::vector<Anchor> anchors;
    for (const PlacedPoints& points : placed) {
      const auto& p = points.joints[j];
      if (!p || points.frame >= track.size() || !track[points.frame].known) continue;
      Vec2 own = *p - track[points.frame].p_px;
      if (ridden != nullptr) own -= (*ridden)[points.frame];
      anchors.push_back({points.frame, own});
    }
    if (anchors.empty()) {
      for (JointSample& s : out[j]) s.sd_px = std::hypot(s.sd_px, found_sd_px[j]);
      continue;
    }
    std::sort(anchors.begin(), anchors.end(),
              [](const Anchor& a, const Anchor& b) { return a.frame < b.frame; });
    shifts[j].assign(track.size(), Vec2::Zero());
    for (std::size_t i = 0; i < track.size(); ++i) {
      if (!track[i].known) continue;
      const auto next = std::lower_bound(anchors.begin(), anchors.end(), i,
                                         [](const Anchor& a, std::size_t f) { return a.frame < f; });
      auto here = [&](const Anchor& a) { return Vec2(turnedFrom(a.frame, i) * a.shift_px); };
      Vec2 shift;
      double away_s;
      if (next == anchors.begin()) {
        shift = here(*next);
        away_s = time_s[next->frame] - time_s[i];
      } else if (next == anchors.end()) {
        shift = here(anchors.back());
        away_s = time_s[i] - time_s[anchors.back().frame];
      } else {
        const Anchor& a = *(next - 1);
        const double span = time_s[next->frame] - time_s[a.frame];
        const double w = span > 0.0 ? (time_s[i] - time_s[a.frame]) / span : 0.0;
        shift = (1 - w) * here(a) + w * here(*next);
        away_s = std::min(time_s[i] - time_s[a.frame], time_s[next->frame] - time_s[i]);
      }
      if (ridden != nullptr) shift += (*ridden)[i];
      shifts[j][i] = shift;
      JointSample& s = out[j][i];
      s.p_px += shift;
      const double travelled_sd =
          anchors.size() == 1 ? s.sd_px : s.sd_px * std::min(1.0, away_s / errors.settle_s);
      s.sd_px = std::hypot(hand_px, away_s > 0.0 ? travelled_sd : 0.0);
    }
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
