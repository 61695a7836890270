#include "core/motion/across_joints.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/motion/seen_body.h"
#include "core/motion/smooth.h"

namespace mottix {
namespace {

constexpr std::size_t kFewest = 8;  // half a rep of two seconds, at six looks a second
constexpr double kNaN = std::numeric_limits<double>::quiet_NaN();
// From picture to picture, beside what stays: half a per cent of the height, read off the same films.
constexpr double kPictureScatter = 0.005;
// Part of the scatter's variance that is alike in all pictures; the rest goes with the posture.
constexpr double kAlways = 0.5;
// Beside the median of two neighbours on either hand by more than so much of the height is no joint's way: at
// six pictures a second a hand at 1.5 m/s goes 0.15 of it, of which the median takes the even part.
constexpr double kBeside = 0.06;
constexpr std::size_t kNeighbours = 2;
// Feet stand still while the bar moves: a picture that shows an ankle elsewhere than most pictures of about
// eight seconds (25 looks on either hand) is not believed about the legs. Own allowance: 7 cm.
constexpr double kFeetPlay = 0.04;
constexpr std::size_t kSameStance = 25;
// Shoulders from the head end, read off films 331-334 at gym and hand: 3 % of the height, most of it too low.
constexpr double kHeadEndScatter = 0.03;
// A parabola with an error needs four looks on each frame; a rep's turn takes about half a second.
constexpr double kHalfWindow_s = 0.4, kLooksInHalf = 2.7;

double usualStep_s(const std::vector<SeenSides>& seen, const std::vector<double>& time_s) {
  std::vector<double> step;
  for (std::size_t i = 1; i < seen.size(); ++i)
    if (seen[i].frame < time_s.size()) step.push_back(time_s[seen[i].frame] - time_s[seen[i - 1].frame]);
  return step.empty() ? 0.0 : medianOf(step);
}

// Left and right in the picture, from the lifter's own.
std::array<std::optional<Vec2>, 2> byPlace(const SeenSides& s, std::size_t joint) {
  std::array<std::optional<Vec2>, 2> pair = {s.p_px[0][joint], s.p_px[1][joint]};
  if (pair[0] && pair[1]) {
    if (pair[0]->x() > pair[1]->x()) std::swap(pair[0], pair[1]);
    return pair;
  }
  if (!pair[0] && !pair[1]) return pair;
  // One alone: on the side of the middle between all pairs.
  double middle = 0.0;
  int pairs = 0;
  for (std::size_t j = 0; j < kSideJointCount; ++j)
    if (s.p_px[0][j] && s.p_px[1][j]) {
      middle += 0.5 * (s.p_px[0][j]->x() + s.p_px[1][j]->x());
      ++pairs;
    }
  if (pairs == 0) return {};
  const Vec2 p = pair[0] ? *pair[0] : *pair[1];
  pair = {};
  pair[p.x() < middle / pairs ? 0 : 1] = p;
  return pair;
}

// The points that can be believed, left and right in the picture.
std::vector<SeenSides> believed(const std::vector<SeenSides>& seen, double height_px) {
  std::vector<SeenSides> out = seen;
  for (std::size_t i = 0; i < seen.size(); ++i)
    for (std::size_t j = 0; j < kSideJointCount; ++j) {
      const auto pair = byPlace(seen[i], j);
      for (std::size_t side = 0; side < 2; ++side) out[i].p_px[side][j] = pair[side];
    }
  const std::vector<SeenSides> all = out;
  for (std::size_t i = 0; i < all.size(); ++i) {
    bool stands = true;
    for (std::size_t side = 0; side < 2; ++side) {
      const auto& ankle = all[i].p_px[side][indexOf(Joint::kAnkle)];
      if (!ankle) continue;
      std::vector<double> x, y;
      for (std::size_t k = i < kSameStance ? 0 : i - kSameStance;
           k < std::min(all.size(), i + kSameStance + 1); ++k)
        if (const auto& p = all[k].p_px[side][indexOf(Joint::kAnkle)]) {
          x.push_back(p->x());
          y.push_back(p->y());
        }
      stands = stands && (*ankle - Vec2(medianOf(x), medianOf(y))).norm() <= kFeetPlay * height_px;
    }
    if (stands) continue;
    for (auto& side : out[i].p_px)
      for (const Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe})
        side[indexOf(j)].reset();
  }
  return out;
}

// What lies far from the median of itself and its neighbours is left out.
void leaveOutStrays(std::vector<std::pair<std::size_t, Vec2>>& way, double height_px) {
  std::vector<std::pair<std::size_t, Vec2>> kept;
  for (std::size_t i = 0; i < way.size(); ++i) {
    const std::size_t from = i < kNeighbours ? 0 : i - kNeighbours,
                      to = std::min(way.size(), i + kNeighbours + 1);
    std::vector<double> x, y;
    for (std::size_t k = from; k < to; ++k) {
      x.push_back(way[k].second.x());
      y.push_back(way[k].second.y());
    }
    if ((way[i].second - Vec2(medianOf(x), medianOf(y))).norm() <= kBeside * height_px)
      kept.push_back(way[i]);
  }
  way = std::move(kept);
}

}  // namespace

double acrossScatter(Joint joint) {
  switch (ofEither(joint)) {
    case Joint::kAnkle:
      return 0.01;
    case Joint::kHip:
    case Joint::kShoulder:
      return 0.02;
    case Joint::kToe:
    case Joint::kElbow:
      return 0.025;
    case Joint::kWrist:
      return 0.035;
    default:
      return 0.015;
  }
}

Expected<AcrossJoints> estimateAcrossJoints(const std::vector<SeenSides>& seen,
                                            const std::vector<double>& time_s, double height_px, Lift lift) {
  AcrossJoints out;
  const std::size_t frames = time_s.size();
  const double half_window_s = std::max(kHalfWindow_s, kLooksInHalf * usualStep_s(seen, time_s));
  const std::vector<SeenSides> sides = believed(seen, height_px);
  using Way = std::vector<std::pair<std::size_t, Vec2>>;
  std::array<std::array<Way, kSideJointCount>, 2> ways;
  auto seenEnough = [&](Joint joint) {
    return std::all_of(ways.begin(), ways.end(),
                       [&](const auto& side) { return side[indexOf(joint)].size() >= kFewest; });
  };
  for (std::size_t side = 0; side < 2; ++side)
    for (std::size_t j = 0; j < kSideJointCount; ++j) {
      Way& way = ways[side][j];
      for (const SeenSides& s : sides)
        if (const auto& p = s.p_px[side][j]; p && s.frame < frames) way.emplace_back(s.frame, *p);
      leaveOutStrays(way, height_px);
    }
  const bool legs = seenEnough(Joint::kKnee) && seenEnough(Joint::kAnkle);
  const bool head_end = !legs && lift == Lift::kBench && seenEnough(Joint::kShoulder);
  if (!legs && !head_end)
    return fail(Remedy::kMarkByHand,
                "The joints were not found by themselves: the legs are not seen well enough from there.");
  for (std::size_t j = 0; j < kSideJointCount; ++j) {
    if (static_cast<Joint>(j) == Joint::kEar) continue;  // a head turns
    if (head_end && static_cast<Joint>(j) != Joint::kShoulder) continue;
    for (std::size_t side = 0; side < 2; ++side) {
      const Joint joint = side == 0 ? static_cast<Joint>(j) : onRight(static_cast<Joint>(j));
      const Way& way = ways[side][j];
      if (way.size() < kFewest) continue;
      const double scatter_px = (head_end ? kHeadEndScatter : acrossScatter(joint)) * height_px;
      std::vector<double> x(frames, kNaN), y(frames, kNaN), sd(frames, kNaN);
      for (const auto& [frame, p] : way) {
        x[frame] = p.x();
        y[frame] = p.y();
        sd[frame] = kPictureScatter * height_px;
      }
      const auto sx = smoothLocal(time_s, x, sd, half_window_s),
                 sy = smoothLocal(time_s, y, sd, half_window_s);
      JointTrack track(frames);
      for (std::size_t f = way.front().first; f <= way.back().first; ++f) {
        if (!sx[f].known || !sy[f].known) continue;
        const double noise_px = std::max(sx[f].value.sd, sy[f].value.sd);
        track[f] = {Vec2(sx[f].value.value, sy[f].value.value),
                    std::hypot(std::sqrt(1.0 - kAlways) * scatter_px, noise_px), true};
      }
      out.tracks[indexOf(joint)] = std::move(track);
      out.spread.set(joint, joint, kAlways * scatter_px * scatter_px * Eigen::Matrix2d::Identity());
    }
  }
  return out;
}

View viewFromJoints(const ClipTracks& tracks, Lift lift, double height_px) {
  // A network sees toes higher, against heels, than they lie: by 1.8 % of the height on the films of
  // acrossScatter.
  constexpr double kToesSeenHigher = 0.018;
  std::vector<double> lower_px;
  for (const bool right : {false, true}) {
    const Joint heel = right ? Joint::kRightHeel : Joint::kHeel, toe = right ? Joint::kRightToe : Joint::kToe;
    if (!tracks.has(heel) || !tracks.has(toe)) continue;
    for (std::size_t f = 0; f < tracks.frameCount(); ++f)
      if (const JointSample& h = tracks.track(heel)[f], &t = tracks.track(toe)[f]; h.known && t.known)
        lower_px.push_back(t.p_px.y() - h.p_px.y());
  }
  if (lower_px.empty())
    return lift == Lift::kBench && tracks.has(Joint::kShoulder) && tracks.has(Joint::kRightShoulder)
               ? View::kRear
               : View::kUnknown;
  return medianOf(lower_px) + kToesSeenHigher * height_px > 0.0 ? View::kFront : View::kRear;
}

}  // namespace mottix
