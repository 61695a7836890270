#include "vision/back_carrier.h"

#include <algorithm>
#include <cmath>

#include <opencv2/core.hpp>

#include "core/motion/seen_body.h"
#include "vision/peak.h"

namespace mottix {
namespace {

// Half of an average trunk's depth, from the hip-shoulder line to the skin (as in BackOutline), and how far
// up that line the points lie.
constexpr double kSkinBehind_m = 0.11, kPelvisUp = 0.12, kMiddleUp = 0.5;
// How far from the placed point the outline is looked for, on the picture where it was placed: from inside
// the body to beyond an average back.
constexpr double kInside_m = 0.03, kOutside_m = 0.20;
// How far the outline may go from where the trunk would carry it: a back that rounds by 10 cm is an injury.
constexpr double kPlay_m = 0.10, kUsualPlay_m = 0.04;
// A step is taken over 1 cm, along 4 cm of the outline; one much weaker than on the placed picture is
// another.
constexpr double kStep_m = 0.01, kAlong_m = 0.04, kLeastOfPlaced = 0.35;
constexpr int kLines = 5;
// Stated errors: an outline of cloth over skin; a trunk that carries a point which nobody sees. Own
// allowances.
constexpr double kSeen_m = 0.015, kUnseen_m = 0.035;
// A leap of single pictures is none of a back's.
constexpr std::size_t kMedianHalf = 3;
// The plate, its rim and the shadow beside it.
constexpr double kHiddenOfRadius = 1.15;

// The trunk's own axes in the picture: from hip to shoulder, and toward the back.
struct Trunk {
  Vec2 hip, up, back;

  Trunk(const Vec2& hip_px, const Vec2& shoulder_px, bool faces_left)
      : hip(hip_px), up((shoulder_px - hip_px).normalized()) {
    back = faces_left ? Vec2(-up.y(), up.x()) : Vec2(up.y(), -up.x());
  }
  Vec2 at(const Vec2& own) const { return hip + own.x() * up + own.y() * back; }
  Vec2 own(const Vec2& p) const { return {(p - hip).dot(up), (p - hip).dot(back)}; }
};

// How strongly the picture changes across the outline's direction, at distances `from` to `to` (px, whole
// steps) beyond `p` along `trunk.back`.
std::vector<double> stepsBehind(const cv::Mat& bgr, const Vec2& p, const Trunk& trunk, int from, int to,
                                double px_per_m) {
  const int half = std::max(1, static_cast<int>(std::lround(0.5 * kStep_m * px_per_m)));
  const int first = from - half, count = to - from + 1 + 2 * half;
  std::vector<cv::Vec3d> mean(static_cast<std::size_t>(count), cv::Vec3d());
  std::vector<bool> inside(static_cast<std::size_t>(count), true);
  for (int line = 0; line < kLines; ++line) {
    const double along = kAlong_m * px_per_m * (static_cast<double>(line) / (kLines - 1) - 0.5);
    for (int i = 0; i < count; ++i) {
      const Vec2 q = p + along * trunk.up + static_cast<double>(first + i) * trunk.back;
      const int x = static_cast<int>(std::floor(q.x())), y = static_cast<int>(std::floor(q.y()));
      if (x < 0 || y < 0 || x >= bgr.cols || y >= bgr.rows) {
        inside[static_cast<std::size_t>(i)] = false;
        continue;
      }
      mean[static_cast<std::size_t>(i)] += cv::Vec3d(bgr.at<cv::Vec3b>(y, x)) / static_cast<double>(kLines);
    }
  }
  std::vector<double> out;
  for (int i = half; i + half < count; ++i) {
    const auto a = static_cast<std::size_t>(i - half), b = static_cast<std::size_t>(i + half);
    out.push_back(inside[a] && inside[b] ? cv::norm(mean[b] - mean[a]) : 0.0);
  }
  return out;
}

struct Followed {
  Joint joint;
  Vec2 own;          // in the trunk's axes, where it was placed
  double behind_px;  // the outline beyond it, there
  double strength;   // of the step there
};

// As peakBeside; the ends of the row have no neighbour.
double peakOf(const std::vector<double>& v, std::size_t at) {
  return at == 0 || at + 1 >= v.size() ? 0.0 : peakBeside(v[at - 1], v[at], v[at + 1]);
}

}  // namespace

Vec2 usualBackPoint(Joint joint, const Vec2& hip_px, const Vec2& shoulder_px, double mm_per_px,
                    bool faces_left) {
  const Trunk trunk(hip_px, shoulder_px, faces_left);
  const double up = joint == Joint::kPelvis ? kPelvisUp : kMiddleUp;
  return trunk.at({up * (shoulder_px - hip_px).norm(), 1000.0 * kSkinBehind_m / mm_per_px});
}

Expected<JointTracks> carryBack(Film& film, const BackInput& input, const Progress& progress) {
  const ClipTracks& tracks = *input.tracks;
  const double px_per_m = 1000.0 / input.mm_per_px;
  auto trunkAt = [&](std::size_t f) -> std::optional<Trunk> {
    if (!tracks.has(Joint::kHip) || !tracks.has(Joint::kShoulder)) return std::nullopt;
    const JointSample &hip = tracks.track(Joint::kHip)[f], &shoulder = tracks.track(Joint::kShoulder)[f];
    if (!hip.known || !shoulder.known || (shoulder.p_px - hip.p_px).norm() < 1.0) return std::nullopt;
    return Trunk(hip.p_px, shoulder.p_px, input.faces_left);
  };
  const std::size_t frames = std::min(film.frameCount(), tracks.frameCount()), start = input.placed.frame;
  const bool any = std::any_of(kBackJoints.begin(), kBackJoints.end(),
                               [&](Joint j) { return input.placed.joints[indexOf(j)].has_value(); });
  const auto placed_on = start < frames ? trunkAt(start) : std::nullopt;
  if (!any || !placed_on)
    return fail(
        Remedy::kMarkByHand,
        "The back's points need hip and shoulder on the same picture. Let the joints be found, or place "
        "the figure first.");
  FramePicture picture;
  const auto got = film.readAt(start, picture, Want::kColour);
  if (!got) return tl::make_unexpected(got.error());
  if (!*got || picture.index != start)
    return fail(Remedy::kMarkByHand,
                "The picture on which the back was placed cannot be read. Place it on another.");
  auto hidden = [&](std::size_t f, const Vec2& p) {
    const BarSample& bar = tracks.bar[f];
    return bar.state != TrackState::kLost && (p - bar.p_px).norm() < kHiddenOfRadius * bar.radius_px;
  };
  std::vector<Followed> all;
  for (const Joint joint : kBackJoints) {
    if (!input.placed.joints[indexOf(joint)]) continue;
    Followed f{joint, placed_on->own(*input.placed.joints[indexOf(joint)]), 0.0, 0.0};
    const int from = -static_cast<int>(kInside_m * px_per_m), to = static_cast<int>(kOutside_m * px_per_m);
    const auto steps =
        stepsBehind(picture.bgr, *input.placed.joints[indexOf(joint)], *placed_on, from, to, px_per_m);
    const auto at = static_cast<std::size_t>(std::max_element(steps.begin(), steps.end()) - steps.begin());
    f.behind_px = from + static_cast<double>(at) + peakOf(steps, at);
    f.strength = steps[at];
    all.push_back(f);
  }

  JointTracks out;
  std::vector<std::vector<double>> off_px(all.size(), std::vector<double>(frames, 0.0));
  std::vector<std::vector<bool>> seen(all.size(), std::vector<bool>(frames, false));
  if (auto ok = film.readAt(0, picture, Want::kColour); !ok) return tl::make_unexpected(ok.error());
  while (true) {
    const std::size_t f = picture.index;
    if (f >= frames) break;
    if (progress && f % 8 == 0 && !progress(static_cast<double>(f) / static_cast<double>(frames)))
      return fail(Remedy::kCancelled, "Stopped.");
    const auto trunk = trunkAt(f);
    for (std::size_t i = 0; trunk && i < all.size(); ++i) {
      const Vec2 carried = trunk->at(all[i].own);
      const double play_px = kPlay_m * px_per_m, usual_px = kUsualPlay_m * px_per_m;
      const int from = static_cast<int>(std::floor(all[i].behind_px - play_px)),
                to = static_cast<int>(std::ceil(all[i].behind_px + play_px));
      if (hidden(f, carried + all[i].behind_px * trunk->back)) continue;
      const auto steps = stepsBehind(picture.bgr, carried, *trunk, from, to, px_per_m);
      std::vector<double> likely(steps.size());
      for (std::size_t k = 0; k < steps.size(); ++k) {
        const double away = (from + static_cast<double>(k) - all[i].behind_px) / usual_px;
        const bool rim = hidden(f, carried + (from + static_cast<double>(k)) * trunk->back);
        likely[k] = rim ? 0.0 : steps[k] * std::exp(-0.5 * away * away);
      }
      const auto at =
          static_cast<std::size_t>(std::max_element(likely.begin(), likely.end()) - likely.begin());
      if (steps[at] < kLeastOfPlaced * all[i].strength) continue;
      off_px[i][f] = from + static_cast<double>(at) + peakOf(likely, at) - all[i].behind_px;
      seen[i][f] = true;
    }
    const auto next = film.readNext(picture, Want::kColour);
    if (!next) return tl::make_unexpected(next.error());
    if (!*next) break;
  }

  for (std::size_t i = 0; i < all.size(); ++i) {
    JointTrack track(frames);
    for (std::size_t f = 0; f < frames; ++f) {
      const auto trunk = trunkAt(f);
      if (!trunk) continue;
      std::vector<double> near;
      for (std::size_t k = f < kMedianHalf ? 0 : f - kMedianHalf; k < std::min(frames, f + kMedianHalf + 1);
           ++k)
        if (seen[i][k]) near.push_back(off_px[i][k]);
      const bool is_seen = near.size() > kMedianHalf;
      const double off = is_seen ? medianOf(near) : 0.0;
      // Along the trunk it is known as its ends are.
      const double ends_px =
          0.5 * (tracks.track(Joint::kHip)[f].sd_px + tracks.track(Joint::kShoulder)[f].sd_px);
      track[f] = {trunk->at(all[i].own + Vec2(0.0, off)),
                  std::hypot((is_seen ? kSeen_m : kUnseen_m) * px_per_m, ends_px), true};
    }
    track.resize(tracks.frameCount());
    out[indexOf(all[i].joint)] = std::move(track);
  }
  return out;
}

}  // namespace mottix
