#include "vision/joint_finder.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <numbers>
#include <utility>

#include "core/measure/measure_set.h"
#include "core/motion/across_joints.h"
#include "core/motion/camera_shake.h"
#include "core/motion/joint_corrections.h"
#include "core/motion/lying_joints.h"
#include "core/motion/seen_body.h"
#include "vision/back_outline.h"

namespace mottix {
namespace {

constexpr std::size_t kStandingPictures = 9, kMovingPictures = 9, kFoldedPictures = 5;
constexpr double kLeastPresence = 0.5;
// Of somebody half behind a plate it must be surer for its points to be worth something.
constexpr double kBehindPlate = 0.9;
// The square in which the body is read: as large for a bent body as for a standing one, with room under the
// feet, since a network draws to the inside what lies near its edge. On the back of a standing lifter the bar
// lies at 0.82 of the height (shoulder height, gordon1989), the top of the head 0.18 above it.
constexpr double kBarOfHeight = 0.82, kUsualHeight_m = 1.72, kUnderFeetOfHeight = 0.12, kRoom = 1.25;

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
  const BodySide far = near == BodySide::kLeft ? BodySide::kRight : BodySide::kLeft;
  for (std::size_t j = 0; j < kSideJointCount; ++j)
    for (const auto& [side, points] : {std::pair{near, &s.p_px}, {far, &s.far_px}}) {
      const BodyPoint& p = body.at(static_cast<Joint>(j), side);
      const bool hidden = (p.p_px - bar.p_px).norm() < kGuessedOfRadius * bar.radius_px;
      if (!hidden && p.presence >= kLeastPresence) (*points)[j] = p.p_px;
    }
  return s;
}

// What the network reads in the chosen pictures, each in the square that belongs to its bar.
Expected<std::vector<std::pair<Look, BodyPoints>>> readBodies(
    Film& film, const ClipTracks& tracks, const std::vector<Look>& looks,
    const std::function<BodySquare(const BarSample&)>& square, BodyPointNetwork& network,
    const Progress& progress, std::vector<BodyMask>* masks = nullptr) {
  std::vector<std::pair<Look, BodyPoints>> bodies;
  FramePicture picture;
  for (std::size_t i = 0; i < looks.size(); ++i) {
    if (progress && !progress(static_cast<double>(i) / static_cast<double>(looks.size())))
      return fail(Remedy::kCancelled, "Stopped.");
    const BarSample& bar = tracks.bar[looks[i].frame];
    if (bar.state == TrackState::kLost) continue;
    const auto got = film.readAt(looks[i].frame, picture, Want::kColour);
    if (!got) return tl::make_unexpected(got.error());
    if (!*got || picture.index != looks[i].frame) continue;
    BodyMask mask;
    const BodyPoints read = network.readPoints(picture.bgr, square(bar), masks != nullptr ? &mask : nullptr);
    if (read.presence < kLeastPresence) continue;
    bodies.emplace_back(looks[i], read);
    if (masks != nullptr) masks->push_back(std::move(mask));
  }
  return bodies;
}

// What most of the pictures show of a lying body's outline.
SeenOutline mostlyOutline(const std::vector<BodyMask>& masks, const PlacedPoints& lies, double height_px) {
  constexpr double kReach = 0.12;  // of the height: what lies farther is another part of the body
  SeenOutline out;
  for (std::size_t i = 0; i < kOutlineCount; ++i) {
    const OutlineRay ray = outlineRay(static_cast<Outline>(i), lies);
    std::vector<double> x, y;
    for (const BodyMask& mask : masks)
      if (const auto end = mask.findEnd(ray.from_px, ray.way_px, kReach * height_px)) {
        x.push_back(end->x());
        y.push_back(end->y());
      }
    if (2 * x.size() > masks.size()) out[i] = Vec2(medianOf(x), medianOf(y));
  }
  return out;
}

// The same in the square that is laid by how the body lies, in which it is read much better.
Expected<std::vector<std::pair<Look, BodyPoints>>> readRound(Film& film, const ClipTracks& tracks,
                                                             const std::vector<Look>& looks,
                                                             const PlacedPoints& lies, double height_px,
                                                             BodyPointNetwork& network,
                                                             const Progress& progress,
                                                             std::vector<BodyMask>* masks = nullptr) {
  const BodySquare square =
      squareRound(*lies.joints[indexOf(Joint::kHip)], *lies.joints[indexOf(Joint::kShoulder)], height_px);
  return readBodies(
      film, tracks, looks, [&](const BarSample&) { return square; }, network, progress, masks);
}

using SquareAt = std::function<BodySquare(const BarSample&)>;

// A network that does not see somebody half behind a plate in one square may in another: side and height of
// the middle against the first one's.
struct Framing {
  double side = 1.0, up = 0.0;
};
constexpr std::array kFramings = {Framing{1.0, 0.0},  Framing{1.24, 0.0},   Framing{1.12, 0.04},
                                  Framing{1.4, 0.04}, Framing{0.88, -0.04}, Framing{1.0, 0.08}};
constexpr double kChoosing = 0.4;  // part of the work, at most

SquareAt framed(const SquareAt& square, const Framing& framing) {
  return [=](const BarSample& bar) {
    BodySquare s = square(bar);
    s.middle_px.y() -= framing.up * s.side_px;
    s.side_px *= framing.side;
    return s;
  };
}

// How likely a body as it was read is, from what is known of it otherwise: 0..1.
using LikelyBody = std::function<double(const BodyPoints&)>;

// The first in which the network is `sure_enough` of somebody, or the one in which it is surest.
Expected<Framing> chooseFraming(Film& film, const ClipTracks& tracks, std::vector<Look> looks,
                                const SquareAt& square, double sure_enough, const LikelyBody& likely,
                                BodyPointNetwork& network, const Progress& progress) {
  constexpr std::size_t kTried = 3;
  keepSpread(looks, kTried);
  Framing best;
  double surest = 0.0;
  for (std::size_t i = 0; i < kFramings.size() && surest < sure_enough; ++i) {
    const double from = static_cast<double>(i) / kFramings.size();
    const auto bodies = readBodies(film, tracks, looks, framed(square, kFramings[i]), network,
                                   partOf(progress, from, from + 1.0 / kFramings.size()));
    if (!bodies) return tl::make_unexpected(bodies.error());
    double sure = 0.0;
    for (const auto& [look, points] : *bodies)
      sure += points.presence * likely(points) / static_cast<double>(looks.size());
    if (sure <= surest) continue;
    surest = sure;
    best = kFramings[i];
  }
  return best;
}

std::vector<SeenJoints> seenFrom(const std::vector<std::pair<Look, BodyPoints>>& bodies,
                                 const ClipTracks& tracks, BodySide near) {
  std::vector<SeenJoints> seen;
  for (const auto& [look, points] : bodies)
    seen.push_back(seenOf(look, points, tracks.bar[look.frame], near));
  return seen;
}

// Near hips where they are, in squares laid by the body.
std::vector<SeenJoints> hipsPutBack(std::vector<SeenJoints> seen, Facing facing, double height_px) {
  for (SeenJoints& s : seen)
    if (auto& hip = s.p_px[indexOf(Joint::kHip)]) hip = putHipBack(*hip, facing == Facing::kLeft, height_px);
  return seen;
}

// Who faces right turns the right side to the camera; so does who lies with the feet to the right.
BodySide nearSide(Facing facing) {
  return facing == Facing::kRight ? BodySide::kRight : BodySide::kLeft;
}

// Pictures of the standing lifter read again, in squares that are turned with the trunk.
Expected<void> readTurned(Film& film, const ClipTracks& tracks, const std::vector<Look>& standing,
                          const PlacedPoints& lies, Facing facing, double height_px,
                          BodyPointNetwork& network, std::vector<SeenJoints>& seen,
                          const Progress& progress) {
  const Vec2 laid_by_px = tracks.bar[lies.frame].p_px;
  auto laid = [&](Joint joint, const BarSample& bar) {
    return Vec2(*lies.joints[indexOf(joint)] + bar.p_px - laid_by_px);
  };
  const auto bodies = readBodies(
      film, tracks, standing,
      [&](const BarSample& bar) {
        return squareRound(laid(Joint::kHip, bar), laid(Joint::kShoulder, bar), height_px);
      },
      network, progress);
  if (!bodies) return tl::make_unexpected(bodies.error());
  const BodySide near = nearSide(facing);
  for (const auto& [look, points] : *bodies)
    for (SeenJoints& s : seen) {
      if (s.frame != look.frame || !s.standing) continue;
      const BarSample& bar = tracks.bar[look.frame];
      const SeenJoints again = hipsPutBack({seenOf(look, points, bar, near)}, facing, height_px).front();
      if (!again.p_px[indexOf(Joint::kKnee)] || !again.p_px[indexOf(Joint::kAnkle)]) continue;
      s = again;
      s.trunk = SeenTrunk{putHipBack(points.at(Joint::kHip, near).p_px, facing == Facing::kLeft, height_px),
                          points.at(Joint::kShoulder, near).p_px, laid(Joint::kHip, bar),
                          laid(Joint::kShoulder, bar)};
    }
  return {};
}

Expected<FoundOnFilm> findStanding(Film& film, const ClipTracks& tracks, const ClipTracking& clip,
                                   const LoadedBar& loaded, const std::vector<Rep>& reps, double height_px,
                                   const KnownOfLifter& lifter, BodyPointNetwork& network,
                                   const Progress& progress) {
  const double floor_px =
      tracks.bar[reps.front().start_frame].p_px.y() + (kBarOfHeight + kUnderFeetOfHeight) * height_px;
  const auto square = [&](const BarSample& bar) {
    const double top_px = bar.p_px.y() - (1.0 - kBarOfHeight) * height_px;
    return BodySquare{Vec2(bar.p_px.x(), 0.5 * (top_px + floor_px)),
                      kRoom * (1.0 + kUnderFeetOfHeight) * height_px, 0.0};
  };
  constexpr double kAllRead = 0.8;  // part of the work
  const std::vector<Look> looks = chooseLooks(reps, tracks.time_s);
  std::vector<Look> standing;
  std::copy_if(looks.begin(), looks.end(), std::back_inserter(standing),
               [](const Look& look) { return look.standing; });
  const auto framing = chooseFraming(
      film, tracks, standing, square, kLeastPresence, [](const BodyPoints&) { return 1.0; }, network,
      partOf(progress, 0.0, kChoosing));
  if (!framing) return tl::make_unexpected(framing.error());
  const auto bodies = readBodies(film, tracks, looks, framed(square, *framing), network,
                                 partOf(progress, kChoosing, kAllRead));
  if (!bodies) return tl::make_unexpected(bodies.error());
  FoundOnFilm out;
  out.facing = lifter.facing != Facing::kUnknown
                   ? lifter.facing
                   : facingFromSeen(seenFrom(*bodies, tracks, BodySide::kRight));
  if (out.facing == Facing::kUnknown)
    return fail(
        Remedy::kMarkByHand,
        "The joints were not found by themselves: it is not clear which way the lifter faces. Say it in the "
        "sentence, or place the joints on one picture.");
  const auto camera = estimateCamera(tracks, clip.axis, loaded, out.facing);
  if (!camera) return tl::make_unexpected(camera.error());
  auto seen = seenFrom(*bodies, tracks, nearSide(out.facing));
  const auto rough = estimateJoints(seen, camera->camera, lifter.body);
  if (!rough) return tl::make_unexpected(rough.error());
  if (auto ok = readTurned(film, tracks, standing, rough->points, out.facing, height_px, network, seen,
                           partOf(progress, kAllRead, 1.0));
      !ok)
    return tl::make_unexpected(ok.error());
  auto found = estimateJoints(seen, camera->camera, lifter.body);
  if (!found) return tl::make_unexpected(found.error());
  out.joints = std::move(*found);
  return out;
}

// A lying lifter's pictures read one way round, then in the square laid by what was read.
struct LyingRead {
  std::vector<SeenJoints> seen;
  PlacedPoints mostly;
  std::vector<BodyMask> masks;
  double agrees = 0.0;  // how sure the network stays, and how well the second reading agrees with the first
};

Expected<LyingRead> readLying(Film& film, const ClipTracks& tracks, const std::vector<Look>& looks,
                              const SquareAt& square, Facing way, double height_px, BodyPointNetwork& network,
                              const Progress& progress) {
  // A body that the network makes up moves by tens of percent, one that is there by two or three. Own
  // allowance.
  constexpr double kShift = 0.08;
  const auto bodies = readBodies(film, tracks, looks, square, network, partOf(progress, 0.0, 0.5));
  if (!bodies) return tl::make_unexpected(bodies.error());
  const auto rough = mostlyLyingJoints(seenFrom(*bodies, tracks, nearSide(way)), height_px);
  if (!rough) return tl::make_unexpected(rough.error());
  LyingRead out;
  const auto closer = readRound(film, tracks, looks, rough->points, height_px, network,
                                partOf(progress, 0.5, 1.0), &out.masks);
  if (!closer) return tl::make_unexpected(closer.error());
  out.seen = seenFrom(*closer, tracks, nearSide(way));
  const auto mostly = mostlyLyingJoints(out.seen, height_px);
  if (!mostly) return tl::make_unexpected(mostly.error());
  out.mostly = mostly->points;
  double shift = 0.0;
  constexpr std::array kTold = {Joint::kHip, Joint::kKnee, Joint::kShoulder};
  for (const Joint j : kTold)
    shift += (*out.mostly.joints[indexOf(j)] - *rough->points.joints[indexOf(j)]).norm() / height_px /
             kTold.size();
  for (const auto& [look, points] : *closer)
    out.agrees +=
        points.presence * std::exp(-0.5 * std::pow(shift / kShift, 2)) / static_cast<double>(looks.size());
  return out;
}

// A lifter on a bench, looked at while the bar is held with straight arms. The network was trained on people
// mostly upright, so the picture is turned until the head is up. Which of the two ways that is shows in how
// surely it sees a person, and in whether it sees the same one again from nearer: it may be quite sure of a
// body the wrong way round.
Expected<FoundOnFilm> findLying(Film& film, const ClipTracks& tracks, const ClipTracking& clip,
                                const LoadedBar& loaded, const std::vector<Rep>& reps, double height_px,
                                const KnownOfLifter& lifter, BodyPointNetwork& network,
                                const Progress& progress) {
  // The bar is held over the shoulder: an arm to the grip is 0.37 of the height (winter2009, and a fist), of
  // which a grip as wide as elbows need leaves about 0.3; the middle of a body with bent knees lies a quarter
  // of the height further on. How far off the shoulder may be read before it counts for little is an own
  // allowance.
  constexpr double kBarOverShoulder = 0.29, kMiddleFromShoulder = 0.25, kShoulderPlay = 0.1;
  constexpr std::size_t kTried = 3;
  constexpr double kEach = 0.1, kWay = 0.3;  // parts of the work
  constexpr double kAgreesWell = 0.6;        // own allowance
  std::vector<Look> looks;
  for (const Look& look : chooseLooks(reps, tracks.time_s))
    if (look.standing) looks.push_back(look);
  auto squareOf = [&](Facing way, double side) -> SquareAt {
    const double feet = way == Facing::kRight ? 1.0 : -1.0;
    return [=](const BarSample& bar) {
      return BodySquare{bar.p_px + height_px * Vec2(feet * kMiddleFromShoulder, kBarOverShoulder),
                        side * height_px, -feet * 0.5 * std::numbers::pi};
    };
  };
  std::vector<Look> few = looks;
  keepSpread(few, kTried);
  struct Way {
    Facing facing;
    double side = 1.0, sure = 0.0;
  };
  std::vector<Way> ways;
  double done = 0.0;
  for (const Facing facing : {Facing::kRight, Facing::kLeft}) {
    if (lifter.facing != Facing::kUnknown && lifter.facing != facing) continue;
    Way way{facing};
    for (const double side : {1.0, 1.25}) {
      const auto bodies = readBodies(film, tracks, few, squareOf(facing, side), network,
                                     partOf(progress, done, done + kEach));
      if (!bodies) return tl::make_unexpected(bodies.error());
      done += kEach;
      // A body read the wrong way round has its shoulder where the feet are.
      double sure = 0.0;
      for (const auto& [look, points] : *bodies) {
        const Vec2 shoulder = points.at(Joint::kShoulder, nearSide(facing)).p_px,
                   expected = tracks.bar[look.frame].p_px + Vec2(0.0, kBarOverShoulder * height_px);
        const double off = (shoulder - expected).norm() / (kShoulderPlay * height_px);
        sure += points.presence * std::exp(-0.5 * off * off);
      }
      if (sure > way.sure) way = {facing, side, sure};
    }
    if (way.sure > 0.0) ways.push_back(way);
  }
  std::sort(ways.begin(), ways.end(), [](const Way& a, const Way& b) { return a.sure > b.sure; });
  Expected<LyingRead> best =
      fail(Remedy::kMarkByHand,
           "The joints were not found by themselves: nobody is seen lying under the bar. Place them on one "
           "picture.");
  FoundOnFilm out;
  for (std::size_t i = 0; i < ways.size() && (!best || best->agrees < kAgreesWell); ++i) {
    auto read = readLying(film, tracks, looks, squareOf(ways[i].facing, ways[i].side), ways[i].facing,
                          height_px, network, partOf(progress, done, done + kWay));
    if (!read && read.error().remedy == Remedy::kCancelled) return tl::make_unexpected(read.error());
    done += kWay;
    // Of several failures the likeliest way's is told.
    if (i > 0 && (!read || (best && read->agrees <= best->agrees))) continue;
    best = std::move(read);
    out.facing = ways[i].facing;
  }
  if (!best) return tl::make_unexpected(best.error());
  const auto camera = estimateCamera(tracks, clip.axis, loaded, out.facing);
  if (!camera) return tl::make_unexpected(camera.error());
  auto found = estimateLyingJoints(best->seen, mostlyOutline(best->masks, best->mostly, height_px),
                                   camera->camera, lifter.body);
  if (!found) return tl::make_unexpected(found.error());
  out.joints = std::move(*found);
  return out;
}

// The hindmost point in most of the set-ups, so that somebody who walks by in one of them does not count.
Expected<std::optional<Vec2>> seeHindmost(Film& film, const ClipTracks& tracks, const std::vector<Rep>& reps,
                                          const std::function<std::size_t(double)>& frameAt, double before_s,
                                          const SideCamera& camera) {
  constexpr std::size_t kMostReps = 5;
  auto outline =
      BackOutline::learnRoom(film, tracks.bar, reps.front().start_frame, reps.back().end_frame,
                             tracks.bar[frameAt(reps.front().start_s.value - before_s)].p_px, camera);
  if (!outline) return tl::make_unexpected(outline.error());
  std::vector<double> x, y;
  for (const Rep& rep : reps) {
    if (x.size() == kMostReps) break;
    const std::size_t frame = frameAt(rep.start_s.value - before_s);
    FramePicture picture;
    const auto got = film.readAt(frame, picture, Want::kColour);
    if (!got) return tl::make_unexpected(got.error());
    if (!*got || tracks.bar[frame].state == TrackState::kLost) continue;
    outline->look(picture.bgr, tracks.bar[frame].p_px);
    if (const auto p = outline->findHindmost()) {
      x.push_back(p->x());
      y.push_back(p->y());
    }
  }
  if (x.empty()) return std::nullopt;
  for (std::vector<double>* v : {&x, &y})
    std::nth_element(v->begin(), v->begin() + static_cast<long>(v->size() / 2), v->end());
  return Vec2(x[x.size() / 2], y[y.size() / 2]);
}

// A deadlift: read at lock-out and, where it is filmed, before the lifter bends down.
Expected<FoundOnFilm> findPulling(Film& film, const ClipTracks& tracks, const ClipTracking& clip,
                                  const LoadedBar& loaded, const std::vector<Rep>& reps, double height_px,
                                  const KnownOfLifter& lifter, BodyPointNetwork& network,
                                  const Progress& progress) {
  // Before the first pull, by how much (s); hands on the bar, just before it leaves the floor.
  constexpr std::array kBefore_s = {4.0, 3.5, 3.0, 2.6, 2.3, 2.0};
  constexpr double kSetUp_s = 0.12, kHold_s = 0.15;
  constexpr double kHeldPlay = 0.06;  // of the plate's radius: 1.4 cm, still at lock-out
  constexpr double kSameHeight = 0.05, kSamePlace = 0.08;
  constexpr double kHeldRead = 0.6, kBeforeRead = 0.8;  // parts of the work
  constexpr double kAnklePlay = 0.08;    // of the height: the far foot lies 4 % higher in the picture
  constexpr double kHipsBehind_m = 0.4;  // a head in front of the bar is not so far from it
  auto at = [&](double t) {
    const auto it = std::lower_bound(tracks.time_s.begin(), tracks.time_s.end(), t);
    return static_cast<std::size_t>(
        std::min<std::ptrdiff_t>(it - tracks.time_s.begin(), std::ssize(tracks.time_s) - 1));
  };
  const std::size_t set_up = at(reps.front().start_s.value - kSetUp_s);
  const BarSample& low = tracks.bar[set_up];
  if (low.state == TrackState::kLost)
    return fail(Remedy::kMarkByHand,
                "The joints were not found by themselves: the bar is not seen before the first pull. Place "
                "them on one picture.");
  std::vector<Look> held, before;
  for (const Rep& rep : reps)
    for (const double later : {-2.0 * kHold_s, -kHold_s, 0.0, kHold_s}) {
      const std::size_t frame = at(rep.turn_s.value + later);
      const double off_px = (tracks.bar[frame].p_px - tracks.bar[rep.turn_frame].p_px).norm();
      if (off_px <= kHeldPlay * low.radius_px) held.push_back({frame, true});
    }
  keepSpread(held, kStandingPictures);
  for (const double earlier : kBefore_s)
    if (const double t = reps.front().start_s.value - earlier; t >= 0.0) before.push_back({at(t), true});
  const double tall_px = (1.0 + kUnderFeetOfHeight) * height_px;
  const BodySquare at_bar{Vec2(low.p_px.x(), low.p_px.y() + low.radius_px - 0.5 * tall_px), kRoom * tall_px,
                          0.0};
  const auto square = [=](const BarSample&) { return at_bar; };
  // Plates stand on the floor before the pull, so the ankles' height is known: in too large a square a
  // network is sure of a dwarf.
  const double ankle_px = low.p_px.y() + low.radius_px - kAnkleOfHeight * height_px;
  const LikelyBody onFloor = [&](const BodyPoints& body) {
    const double y = 0.5 * (body.at(Joint::kAnkle, BodySide::kLeft).p_px.y() +
                            body.at(Joint::kAnkle, BodySide::kRight).p_px.y());
    const double off = (y - ankle_px) / (kAnklePlay * height_px);
    return std::exp(-0.5 * off * off);
  };
  const auto framing = chooseFraming(film, tracks, held, square, kBehindPlate, onFloor, network,
                                     partOf(progress, 0.0, kChoosing));
  if (!framing) return tl::make_unexpected(framing.error());
  const auto high = readBodies(film, tracks, held, framed(square, *framing), network,
                               partOf(progress, kChoosing, kHeldRead));
  if (!high) return tl::make_unexpected(high.error());
  const auto standing = readBodies(film, tracks, before, framed(square, *framing), network,
                                   partOf(progress, kHeldRead, kBeforeRead));
  if (!standing) return tl::make_unexpected(standing.error());
  FoundOnFilm out;
  out.facing = lifter.facing != Facing::kUnknown ? lifter.facing
                                                 : facingFromSeen(seenFrom(*high, tracks, BodySide::kRight));
  SeenPull seen;
  seen.set_up_frame = set_up;
  seen.set_up_bar_px = low.p_px;
  seen.wide_stance = lifter.wide_stance;
  // A folded lifter reaches much further back from the bar than forward, which tells the way when the feet do
  // not. Where the two contradict each other the feet were misread, and nothing else of them is believed.
  std::optional<SideCamera> camera;
  Facing by_outline = Facing::kUnknown;
  double farthest_m = kHipsBehind_m;
  for (const Facing way : {Facing::kRight, Facing::kLeft}) {
    if (lifter.facing != Facing::kUnknown && lifter.facing != way) continue;
    const auto tried = estimateCamera(tracks, clip.axis, loaded, way);
    if (!tried) return tl::make_unexpected(tried.error());
    const auto hindmost = seeHindmost(film, tracks, reps, at, kSetUp_s, tried->camera);
    if (!hindmost) return tl::make_unexpected(hindmost.error());
    const double behind_m = *hindmost ? (tried->camera.barBody(low.p_px) -
                                         tried->camera.toBody(**hindmost, lateralPrior(Joint::kHip).value))
                                            .x()
                                      : 0.0;
    const bool farthest = behind_m >= farthest_m;
    if (farthest) {
      farthest_m = behind_m;
      by_outline = way;
    }
    if (out.facing == way || (out.facing == Facing::kUnknown && farthest)) {
      camera = tried->camera;
      seen.hindmost_px = *hindmost;
    }
  }
  if (lifter.facing == Facing::kUnknown && out.facing != Facing::kUnknown && by_outline != Facing::kUnknown &&
      by_outline != out.facing)
    camera.reset();
  if (!camera)
    return fail(
        Remedy::kMarkByHand,
        "The joints were not found by themselves: it is not clear which way the lifter faces. Say it in the "
        "sentence, or place the joints on one picture.");
  out.facing = camera->faces_left ? Facing::kLeft : Facing::kRight;
  seen.lock_out = seenFrom(*high, tracks, nearSide(out.facing));
  // Who walks up to the bar or bends down already does not stand as at lock-out.
  for (const SeenJoints& s : seenFrom(*standing, tracks, nearSide(out.facing))) {
    const bool stands = std::any_of(seen.lock_out.begin(), seen.lock_out.end(), [&](const SeenJoints& tall) {
      auto off = [&](Joint j) -> Vec2 {
        const auto &a = s.p_px[indexOf(j)], &b = tall.p_px[indexOf(j)];
        return a && b ? Vec2(*a - *b) : Vec2(height_px, height_px);
      };
      const Vec2 ear = off(Joint::kEar), shoulder = off(Joint::kShoulder), knee = off(Joint::kKnee);
      return std::abs(ear.y()) < kSameHeight * height_px &&
             std::abs(shoulder.y()) < kSameHeight * height_px &&
             std::abs(knee.x()) < kSamePlace * height_px && std::abs(shoulder.x()) < kSamePlace * height_px;
    });
    if (stands) seen.before.push_back(s);
  }
  auto found = estimatePulledJoints(seen, *camera, lifter.body);
  if (!found) return tl::make_unexpected(found.error());
  // Where the folded lifter lies is known well enough now to be read, too.
  std::vector<Look> folded;
  for (const Rep& rep : reps) folded.push_back({at(rep.start_s.value - kSetUp_s), false});
  keepSpread(folded, kFoldedPictures);
  const auto low_read = readRound(film, tracks, folded, found->set_up.points, height_px, network,
                                  partOf(progress, kBeforeRead, 1.0));
  if (!low_read) return tl::make_unexpected(low_read.error());
  for (const SeenJoints& s :
       hipsPutBack(seenFrom(*low_read, tracks, nearSide(out.facing)), out.facing, height_px))
    seen.set_up.push_back(s);
  if (auto again = estimatePulledJoints(seen, *camera, lifter.body)) found = std::move(again);
  out.joints = std::move(found->set_up);
  out.wide_stance = found->wide_stance;
  return out;
}

// A film from the front or the rear: both sides, in all reps.
Expected<AcrossJoints> findAcross(Film& film, const ClipTracks& tracks, const std::vector<Rep>& reps,
                                  Lift lift, double height_px, BodyPointNetwork& network,
                                  const Progress& progress) {
  constexpr double kStep_s = 0.15, kRound_s = 0.6;
  constexpr std::size_t kMostPictures = 400;
  // A press filmed from its foot end fits the square of a lifter who stands under the bar held up.
  double low_px = 0.0, high_px = std::numeric_limits<double>::max(), radius_px = 0.0;
  for (const Rep& rep : reps)
    for (std::size_t f = rep.start_frame; f <= rep.end_frame; ++f) {
      if (tracks.bar[f].state == TrackState::kLost) continue;
      low_px = std::max(low_px, tracks.bar[f].p_px.y());
      high_px = std::min(high_px, tracks.bar[f].p_px.y());
      radius_px = std::max(radius_px, tracks.bar[f].radius_px);
    }
  const double under_px = kUnderFeetOfHeight * height_px, side_px = kRoom * (height_px + under_px);
  const auto square = [&](const BarSample& bar) {
    if (lift == Lift::kDeadlift)  // plates stand on the floor before the pull
      return BodySquare{Vec2(bar.p_px.x(), low_px + radius_px + 0.5 * (under_px - height_px)), side_px, 0.0};
    const double floor_px = high_px + kBarOfHeight * height_px + under_px;
    return BodySquare{Vec2(bar.p_px.x(), 0.5 * (floor_px + bar.p_px.y() - (1.0 - kBarOfHeight) * height_px)),
                      side_px, 0.0};
  };
  double all_s = 0.0;
  for (const Rep& rep : reps) all_s += rep.end_s.value - rep.start_s.value + 2.0 * kRound_s;
  const double step_s = std::max(kStep_s, all_s / static_cast<double>(kMostPictures));
  std::vector<Look> looks;
  double next_s = 0.0;
  for (std::size_t f = 0; f < tracks.frameCount(); ++f) {
    const double t = tracks.time_s[f];
    const bool in_rep = std::any_of(reps.begin(), reps.end(), [&](const Rep& rep) {
      return t >= rep.start_s.value - kRound_s && t <= rep.end_s.value + kRound_s;
    });
    if (!in_rep || t < next_s) continue;
    looks.push_back({f, false});
    next_s = t + step_s;
  }
  const auto bodies = readBodies(film, tracks, looks, square, network, progress);
  if (!bodies) return tl::make_unexpected(bodies.error());
  std::vector<SeenSides> seen;
  for (const auto& [look, points] : *bodies) {
    SeenSides s;
    s.frame = look.frame;
    for (const BodySide side : {BodySide::kLeft, BodySide::kRight})
      for (std::size_t j = 0; j < kSideJointCount; ++j) {
        const BodyPoint& p = points.at(static_cast<Joint>(j), side);
        const bool inside = p.p_px.x() > 0.0 && p.p_px.y() > 0.0 && p.p_px.x() < tracks.width_px &&
                            p.p_px.y() < tracks.height_px;
        if (inside && p.presence >= kLeastPresence) s.p_px[side == BodySide::kLeft ? 0 : 1][j] = p.p_px;
      }
    seen.push_back(s);
  }
  return estimateAcrossJoints(seen, tracks.time_s, height_px, lift);
}

// What is asked of a film before its joints are looked for.
struct Ready {
  ClipTracks tracks;  // as from a standing camera
  std::vector<Rep> reps;
  Film film;
  double height_px;  // of the lifter
};

Expected<Ready> prepare(const std::filesystem::path& path, const ClipTracking& clip, const LoadedBar& loaded,
                        Lift lift, const KnownOfLifter& lifter) {
  ClipTracks tracks = steadied(clip.tracks);
  const auto rough = estimateCamera(tracks, clip.axis, loaded, lifter.facing);
  if (!rough) return tl::make_unexpected(rough.error());
  auto reps = findReps(computeBarHeight({&tracks, lift, rough->camera, rough->errors}), lift);
  if (!reps) return tl::make_unexpected(reps.error());
  // Where a rep is cut nobody stands before it or after it.
  if (auto whole = wholeReps(*reps); !whole.empty()) reps = std::move(whole);
  if (reps->empty())
    return fail(Remedy::kMarkByHand, "The joints were not looked for: there is no rep in this film.");
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  film->steadyBy(clip.tracks.shake);
  const double height_px =
      (lifter.body ? lifter.body->height_m : kUsualHeight_m) * 1000.0 / rough->camera.mmPerPx(0.0);
  return Ready{std::move(tracks), std::move(*reps), std::move(*film), height_px};
}

// Whether most of some pictures show a lifter who stands straight, the head at least half a body above the
// feet; `on_head`: below them. Looked for with the bar on the back and in the hands.
bool standsStraight(Film& film, const ClipTracks& tracks, const std::vector<Look>& looks, bool on_head,
                    const Framing& framing, double height_px, BodyPointNetwork& network) {
  constexpr double kInHandsOfHeight = 0.47;  // bar at lock-out
  // Between ear and ankle of somebody who stands lie 0.88 of the height (drillis1966).
  constexpr double kApartOfHeight = 0.75;
  const double down = on_head ? -1.0 : 1.0;
  std::size_t straight = 0;
  for (std::size_t i = 0; i < looks.size() && (2 * i < looks.size() || straight > 0); ++i)
    for (const double bar_of_height : {kBarOfHeight, kInHandsOfHeight}) {
      const auto square = [&](const BarSample& bar) {
        return BodySquare{Vec2(bar.p_px.x(), bar.p_px.y() + down * (bar_of_height - 0.5) * height_px),
                          kRoom * (1.0 + kUnderFeetOfHeight) * height_px, on_head ? std::numbers::pi : 0.0};
      };
      const auto bodies = readBodies(film, tracks, {looks[i]}, framed(square, framing), network, {});
      if (!bodies) return false;
      if (bodies->empty()) continue;
      const BodyPoints& points = bodies->front().second;
      auto y = [&](Joint j) {
        return 0.5 * (points.at(j, BodySide::kLeft).p_px.y() + points.at(j, BodySide::kRight).p_px.y());
      };
      if (down * (y(Joint::kAnkle) - y(Joint::kEar)) < kApartOfHeight * height_px) continue;
      ++straight;
      break;
    }
  return straight >= 2;
}

// Whether the lifter stands straight with the head down where the bar is lowest in the picture, and nowhere
// as people do where it is highest: somebody who bends down to a bar can be read as either.
bool standsOnItsHead(const std::filesystem::path& path, const ClipTracking& clip, const LoadedBar& loaded,
                     const KnownOfLifter& lifter, BodyPointNetwork& network) {
  constexpr std::size_t kLooks = 6;
  constexpr double kNear = 0.05;  // of the bar's way
  const ClipTracks tracks = steadied(clip.tracks);
  const auto rough = estimateCamera(tracks, clip.axis, loaded, lifter.facing);
  auto film = Film::open(path);
  if (!rough || !film) return false;
  film->steadyBy(clip.tracks.shake);
  const double height_px =
      (lifter.body ? lifter.body->height_m : kUsualHeight_m) * 1000.0 / rough->camera.mmPerPx(0.0);
  double lowest_px = 0.0, highest_px = 1e9;
  for (const BarSample& s : tracks.bar) {
    if (s.state != TrackState::kSeen) continue;
    lowest_px = std::max(lowest_px, s.p_px.y());
    highest_px = std::min(highest_px, s.p_px.y());
  }
  auto looksNear = [&](double y_px) {
    std::vector<Look> looks;
    for (std::size_t f = 0; f < tracks.frameCount(); ++f)
      if (tracks.bar[f].state == TrackState::kSeen &&
          std::abs(y_px - tracks.bar[f].p_px.y()) < kNear * (lowest_px - highest_px))
        looks.push_back({f, true});
    keepSpread(looks, kLooks);
    return looks;
  };
  return standsStraight(*film, tracks, looksNear(lowest_px), true, {}, height_px, network) &&
         std::none_of(kFramings.begin(), kFramings.end(), [&](const Framing& framing) {
           return standsStraight(*film, tracks, looksNear(highest_px), false, framing, height_px, network);
         });
}

// Both sides' joints of a film from the front or the rear, as they lie in its pictures.
Expected<void> trackAcross(const std::filesystem::path& path, const ClipTracking& clip,
                           const LoadedBar& loaded, Lift lift, const KnownOfLifter& lifter,
                           BodyPointNetwork& network, JointTracks& raw, FoundSpread& spread,
                           const Progress& progress) {
  auto ready = prepare(path, clip, loaded, lift, lifter);
  if (!ready) return tl::make_unexpected(ready.error());
  auto found = findAcross(ready->film, ready->tracks, ready->reps, lift, ready->height_px, network, progress);
  if (!found) return tl::make_unexpected(found.error());
  for (JointTrack& track : found->tracks)
    for (std::size_t f = 0; f < track.size(); ++f)
      if (track[f].known) track[f].p_px = toPictureMoved(clip.tracks, f, track[f].p_px);
  raw = std::move(found->tracks);
  spread = found->spread;
  return {};
}

}  // namespace

Expected<FoundOnFilm> findJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                 const LoadedBar& loaded, Lift lift, const KnownOfLifter& lifter,
                                 BodyPointNetwork& network, const Progress& progress) {
  auto ready = prepare(path, clip, loaded, lift, lifter);
  if (!ready) return tl::make_unexpected(ready.error());
  auto& [tracks, reps, film, height_px] = *ready;
  auto out = lift == Lift::kBench
                 ? findLying(film, tracks, clip, loaded, reps, height_px, lifter, network, progress)
             : lift == Lift::kDeadlift
                 ? findPulling(film, tracks, clip, loaded, reps, height_px, lifter, network, progress)
                 : findStanding(film, tracks, clip, loaded, reps, height_px, lifter, network, progress);
  if (!out) return out;
  auto asFilmed = [&](PlacedPoints& points) {
    for (auto& p : points.joints)
      if (p) p = toPictureMoved(clip.tracks, points.frame, *p);
  };
  asFilmed(out->joints.points);
  return out;
}

Expected<void> trackPlacedJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                 const LoadedBar& loaded, Lift lift, const KnownOfLifter& lifter,
                                 const PlacedPoints& first, BodyPointNetwork* network, JointTracks& raw,
                                 const Progress& progress) {
  constexpr double kFinding = 0.2;  // part of the time
  if (network == nullptr || lift != Lift::kDeadlift)
    return trackJoints(path, clip, loaded, lift, lifter.facing, first, network, raw, progress,
                       lifter.wide_stance);
  KnownOfLifter known = lifter;
  const auto &heel = first.joints[indexOf(Joint::kHeel)], &toe = first.joints[indexOf(Joint::kToe)];
  if (known.facing == Facing::kUnknown && heel && toe) known.facing = facingFromFeet(*heel, *toe);
  const auto found = findJoints(path, clip, loaded, lift, known, *network, partOf(progress, 0.0, kFinding));
  // Who is not found is carried all the same.
  if (!found && found.error().remedy == Remedy::kCancelled) return tl::make_unexpected(found.error());
  return trackJoints(path, clip, loaded, lift, lifter.facing, first, network, raw,
                     partOf(progress, kFinding, 1.0), found ? found->wide_stance : lifter.wide_stance);
}

std::vector<Lift> liftsToTry(Lift likeliest, bool open) {
  std::vector<Lift> out = {likeliest};
  if (open && likeliest != Lift::kDeadlift)
    out.push_back(likeliest == Lift::kSquat ? Lift::kBench : Lift::kSquat);
  return out;
}

Expected<Lift> trackFoundJoints(const std::filesystem::path& path, const ClipTracking& clip,
                                const LoadedBar& loaded, const std::vector<Lift>& maybe,
                                const KnownOfLifter& lifter, BodyPointNetwork& network, JointTracks& raw,
                                FoundSpread& spread, const Progress& progress) {
  constexpr double kFinding = 0.3;  // part of the time
  if (clip.tracks.across()) {
    const Lift lift = maybe.empty() ? Lift::kSquat : maybe.front();
    if (auto ok = trackAcross(path, clip, loaded, lift, lifter, network, raw, spread, progress); !ok)
      return tl::make_unexpected(ok.error());
    return lift;
  }
  if (standsOnItsHead(path, clip, loaded, lifter, network))
    return fail(Remedy::kCorrectInput,
                "This film stands on its head: the lifter's head is below the feet. Turn it by half on the "
                "phone and add it again; what is measured here is not to be trusted.");
  Expected<FoundOnFilm> found =
      fail(Remedy::kCorrectInput, "The joints were not looked for: no lift was named.");
  for (std::size_t i = 0; i < maybe.size(); ++i) {
    const double each = kFinding / static_cast<double>(maybe.size()), from = each * static_cast<double>(i);
    auto tried =
        findJoints(path, clip, loaded, maybe[i], lifter, network, partOf(progress, from, from + each));
    // Of several failures the likeliest lift's is told.
    if (tried || i == 0 || tried.error().remedy == Remedy::kCancelled) found = std::move(tried);
    if (!found && found.error().remedy == Remedy::kCancelled) break;
    if (!found) continue;
    if (auto ok = trackJoints(path, clip, loaded, maybe[i], found->facing, found->joints.points, &network,
                              raw, partOf(progress, kFinding, 1.0), found->wide_stance);
        !ok)
      return tl::make_unexpected(ok.error());
    spread = found->joints.spread;
    return maybe[i];
  }
  return tl::make_unexpected(found.error());
}

}  // namespace mottix
