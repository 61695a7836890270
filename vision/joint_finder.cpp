#include "vision/joint_finder.h"

#include <algorithm>
#include <cmath>

#include "core/measure/measure_set.h"
#include "core/motion/camera_shake.h"

namespace mottix {
namespace {

constexpr std::size_t kStandingPictures = 9, kMovingPictures = 9;
constexpr double kLeastPresence = 0.5;
// The square in which the body is read: as large for a bent body as for a standing one, with room under the
// feet, since a network draws to the inside what lies near its edge. On the back of a standing lifter the bar
// lies at 0.82 of the height (shoulder height, gordon1989), the top of the head 0.18 above it.
constexpr double kBarOfHeight = 0.82, kUsualHeight_m = 1.72, kUnderFeetOfHeight = 0.12, kRoom = 1.25;
// The rim itself hides what is near it.
constexpr double kHiddenOfRadius = 1.05;

struct Look {
  std::size_t frame;
  bool standing;
};

void keepSpread(std::vector<Look>& looks, std::size_t most) {
  if (looks.size() <= most) return;
  std::vector<Look> kept;
  for (std::size_t i = 0; i < most; ++i) kept.push_back(looks[i * (looks.size() - 1) / (most - 1)]);
  looks = std::move(kept);
}

// Where to look: quiet standing before each rep; turn, half way down and half way up.
std::vector<Look> chooseLooks(const std::vector<Rep>& reps, const std::vector<double>& time_s) {
  auto at = [&](double t) {
    const auto it = std::lower_bound(time_s.begin(), time_s.end(), t);
    return static_cast<std::size_t>(std::min<std::ptrdiff_t>(it - time_s.begin(), std::ssize(time_s) - 1));
  };
  std::vector<Look> standing, moving;
  for (const Rep& r : reps) {
    for (double before : {0.45, 0.25, 0.05})
      standing.push_back({at(std::max(0.0, r.start_s.value - before)), true});
    moving.push_back({at(0.5 * (r.start_s.value + r.turn_s.value)), false});
    moving.push_back({r.turn_frame, false});
    moving.push_back({at(0.5 * (r.turn_s.value + r.end_s.value)), false});
  }
  keepSpread(standing, kStandingPictures);
  keepSpread(moving, kMovingPictures);
  standing.insert(standing.end(), moving.begin(), moving.end());
  std::sort(standing.begin(), standing.end(), [](const Look& a, const Look& b) { return a.frame < b.frame; });
  standing.erase(std::unique(standing.begin(), standing.end(),
                             [](const Look& a, const Look& b) { return a.frame == b.frame; }),
                 standing.end());
  return standing;
}

SeenJoints seenOf(const Look& look, const BodyPoints& body, const BarSample& bar, BodySide near) {
  SeenJoints s;
  s.frame = look.frame;
  s.standing = look.standing;
  s.bar_px = bar.p_px;
  for (std::size_t j = 0; j < kJointCount; ++j) {
    const BodyPoint& p = body.at(static_cast<Joint>(j), near);
    const bool hidden = (p.p_px - bar.p_px).norm() < kHiddenOfRadius * bar.radius_px;
    if (!hidden && p.presence >= kLeastPresence) s.p_px[j] = p.p_px;
  }
  return s;
}

}  // namespace

Expected<FoundOnFilm> findJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                 const LoadedBar& loaded, Facing facing, const std::optional<Body>& body,
                                 BodyPointNetwork& network, const Progress& progress) {
  const ClipTracks tracks = steadied(clip.tracks);
  const auto rough = estimateCamera(tracks, clip.axis, loaded, facing);
  if (!rough) return tl::make_unexpected(rough.error());
  const auto reps =
      findReps(computeBarHeight({&tracks, Lift::kSquat, rough->camera, rough->errors}), Lift::kSquat);
  if (!reps) return tl::make_unexpected(reps.error());
  if (reps->empty())
    return fail(Remedy::kMarkByHand, "The joints were not looked for: there is no rep in this film.");
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  film->steadyBy(clip.tracks.shake);

  const std::vector<Look> looks = chooseLooks(*reps, tracks.time_s);
  const double height_px = (body ? body->height_m : kUsualHeight_m) * 1000.0 / rough->camera.mmPerPx(0.0);
  const double floor_px =
      tracks.bar[reps->front().start_frame].p_px.y() + (kBarOfHeight + kUnderFeetOfHeight) * height_px;
  std::vector<std::pair<Look, BodyPoints>> bodies;
  FramePicture picture;
  for (std::size_t i = 0; i < looks.size(); ++i) {
    if (progress && !progress(static_cast<double>(i) / static_cast<double>(looks.size())))
      return fail(Remedy::kCancelled, "Stopped.");
    const BarSample& bar = tracks.bar[looks[i].frame];
    if (bar.state == TrackState::kLost) continue;
    const auto got = film->readAt(looks[i].frame, picture, Want::kColour);
    if (!got) return tl::make_unexpected(got.error());
    if (!*got || picture.index != looks[i].frame) continue;
    const double top_px = bar.p_px.y() - (1.0 - kBarOfHeight) * height_px;
    BodySquare square;
    square.middle_px = Vec2(bar.p_px.x(), 0.5 * (top_px + floor_px));
    square.side_px = kRoom * (1.0 + kUnderFeetOfHeight) * height_px;
    const BodyPoints read = network.readPoints(picture.bgr, square);
    if (read.presence >= kLeastPresence) bodies.emplace_back(looks[i], read);
  }
  auto seenFrom = [&](BodySide near) {
    std::vector<SeenJoints> seen;
    for (const auto& [look, points] : bodies)
      seen.push_back(seenOf(look, points, tracks.bar[look.frame], near));
    return seen;
  };
  FoundOnFilm out;
  out.facing = facing != Facing::kUnknown ? facing : facingFromSeen(seenFrom(BodySide::kRight));
  if (out.facing == Facing::kUnknown)
    return fail(
        Remedy::kMarkByHand,
        "The joints were not found by themselves: it is not clear which way the lifter faces. Say it in the "
        "sentence, or place the joints on one picture.");
  // Who faces right turns the right side to the camera.
  const auto seen = seenFrom(out.facing == Facing::kRight ? BodySide::kRight : BodySide::kLeft);
  const auto camera = estimateCamera(tracks, clip.axis, loaded, out.facing);
  if (!camera) return tl::make_unexpected(camera.error());
  auto found = estimateJoints(seen, camera->camera, body);
  if (!found) return tl::make_unexpected(found.error());
  out.joints = std::move(*found);
  for (auto& p : out.joints.points.joints)
    if (p) p = toPictureMoved(clip.tracks, out.joints.points.frame, *p);
  return out;
}

Expected<void> trackFoundJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                const LoadedBar& loaded, Facing facing, const std::optional<Body>& body,
                                BodyPointNetwork& network, JointTracks& raw, FoundSpread& spread,
                                const Progress& progress) {
  constexpr double kFinding = 0.3;  // part of the time
  auto part = [&](double from, double to) {
    return Progress([=, &progress](double p) { return !progress || progress(from + (to - from) * p); });
  };
  const auto found = findJoints(path, clip, loaded, facing, body, network, part(0.0, kFinding));
  if (!found) return tl::make_unexpected(found.error());
  if (auto ok = trackJoints(path, clip, loaded, Lift::kSquat, found->facing, found->joints.points, raw,
                            part(kFinding, 1.0));
      !ok)
    return ok;
  spread = found->joints.spread;
  return {};
}

}  // namespace mottix
