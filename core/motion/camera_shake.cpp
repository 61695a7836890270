#include "core/motion/camera_shake.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Geometry>

namespace mottix {
namespace {

Eigen::Matrix2d turnOf(const PictureMove& move) {
  return std::exp(move.log_scale) * Eigen::Rotation2Dd(move.turn_rad).toRotationMatrix();
}

Vec2 middleOf(const ClipTracks& tracks) {
  return 0.5 * Vec2(tracks.width_px, tracks.height_px);
}

double medianOf(std::vector<double> v) {
  const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  return *middle;
}

}  // namespace

Vec2 toPictureMoved(const PictureMove& move, const Vec2& middle_px, const Vec2& reference_px) {
  return middle_px + move.shift_px + turnOf(move) * (reference_px - middle_px);
}

Vec2 toReference(const PictureMove& move, const Vec2& middle_px, const Vec2& p_px) {
  return middle_px + turnOf(move).inverse() * (p_px - middle_px - move.shift_px);
}

Vec2 toPictureMoved(const ClipTracks& tracks, std::size_t frame, const Vec2& reference_px) {
  return frame < tracks.shake.size() ? toPictureMoved(tracks.shake[frame], middleOf(tracks), reference_px)
                                     : reference_px;
}

Vec2 toReference(const ClipTracks& tracks, std::size_t frame, const Vec2& p_px) {
  return frame < tracks.shake.size() ? toReference(tracks.shake[frame], middleOf(tracks), p_px) : p_px;
}

ClipTracks steadied(const ClipTracks& tracks) {
  ClipTracks out = tracks;
  out.shake.clear();
  for (std::size_t i = 0; i < std::min(tracks.shake.size(), tracks.frameCount()); ++i) {
    const PictureMove& move = tracks.shake[i];
    for (std::vector<BarSample>* plates : {&out.bar, &out.ends[0], &out.ends[1]}) {
      if (i >= plates->size()) continue;
      BarSample& bar = (*plates)[i];
      bar.p_px = toReference(tracks, i, bar.p_px);
      bar.radius_px *= std::exp(-move.log_scale);
      bar.sd_px = std::hypot(bar.sd_px, move.sd_px);
      if (!move.known) bar.state = TrackState::kLost;
    }
    for (JointTrack& track : out.joints) {
      if (i >= track.size()) continue;
      track[i].p_px = toReference(tracks, i, track[i].p_px);
      track[i].sd_px = std::hypot(track[i].sd_px, move.sd_px);
      track[i].known = track[i].known && move.known;
    }
  }
  return out;
}

void settleMoves(std::vector<PictureMove>& moves, const std::vector<double>& time_s, double bridge_s) {
  // What the hand may do between the two pictures beside the line from one to the other; own allowance.
  constexpr double kUnseenSdPx = 1.0;
  std::vector<double> x, y;
  std::size_t last = moves.size();
  for (std::size_t i = 0; i < std::min(moves.size(), time_s.size()); ++i) {
    if (!moves[i].known) continue;
    if (last < i && i - last > 1 && time_s[i] - time_s[last] <= bridge_s) {
      const PictureMove a = moves[last], b = moves[i];
      for (std::size_t k = last + 1; k < i; ++k) {
        const double t = (time_s[k] - time_s[last]) / (time_s[i] - time_s[last]);
        moves[k] = {a.shift_px + t * (b.shift_px - a.shift_px), a.turn_rad + t * (b.turn_rad - a.turn_rad),
                    a.log_scale + t * (b.log_scale - a.log_scale),
                    std::hypot(std::max(a.sd_px, b.sd_px), kUnseenSdPx), true};
      }
    }
    last = i;
    x.push_back(moves[i].shift_px.x());
    y.push_back(moves[i].shift_px.y());
  }
  if (x.empty()) return;
  const Vec2 usual(medianOf(x), medianOf(y));
  for (PictureMove& move : moves) move.shift_px -= turnOf(move) * usual;
}

double greatestShake_px(const ClipTracks& tracks) {
  double most = 0.0;
  for (const PictureMove& move : tracks.shake)
    if (move.known) most = std::max(most, move.shift_px.norm());
  return most;
}

}  // namespace mottix
