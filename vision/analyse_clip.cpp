#include "vision/analyse_clip.h"

#include <algorithm>
#include <cmath>
#include <future>
#include <map>

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "core/motion/camera_shake.h"
#include "core/motion/joint_corrections.h"
#include "vision/back_carrier.h"
#include "vision/bar_ends.h"
#include "vision/camera_follower.h"
#include "vision/lens_finder.h"
#include "vision/read_ahead.h"
#include "vision/spot_follower.h"
#include "vision/upright_finder.h"

namespace mottix {

namespace {

// Whether a film of which nobody has said so is one from the front or the rear after all, so that the search
// for a plate from the side can end before the film does.
class AcrossWatch {
 public:
  bool surely(const EndsWatch& ends, const PlateTracker& side, double time_s) {
    constexpr double kEvery_s = 1.0;
    if (time_s < next_s_) return false;
    next_s_ = time_s + kEvery_s;
    times_ = ends.find() ? times_ + 1 : 0;
    // A lifter's round head goes up and down as well; two round plates are two bars from the side.
    constexpr int kAlone = 2, kBesideAHead = 4;
    const std::size_t round = side.roundMovers();
    return times_ >= (round == 0 ? kAlone : kBesideAHead) && round < 2;
  }

 private:
  double next_s_ = 0.0;
  int times_ = 0;  // in a row
};

// The reference is a picture from the middle of those in which the bar was seen, so that a film whose camera
// was picked up or put down at either end loses these ends alone.
Expected<void> takeOutShake(const std::filesystem::path& path, ClipTracks& tracks,
                            const std::function<bool(double)>& progress) {
  constexpr double kBridge_s = 0.3;  // hidden by somebody who walks by close to the camera
  std::vector<std::size_t> seen;
  for (std::size_t i = 0; i < tracks.bar.size(); ++i)
    if (tracks.bar[i].state == TrackState::kSeen) seen.push_back(i);
  if (seen.empty()) return {};
  auto moves = followCamera(path, seen[seen.size() / 2], progress);
  if (!moves) return tl::make_unexpected(moves.error());
  tracks.shake = std::move(*moves);
  settleMoves(tracks.shake, tracks.time_s, kBridge_s);
  const auto known =
      std::count_if(seen.begin(), seen.end(), [&](std::size_t i) { return tracks.shake[i].known; });
  if (2 * known < std::ssize(seen)) {
    // Too little of the scenery is recognised: what the hand does is left in, and counted as error.
    constexpr double kHandSdPx = 5.0, kOfWidth_px = 1280.0;
    PictureMove unsteady;
    unsteady.sd_px = kHandSdPx * tracks.width_px / kOfWidth_px;
    tracks.shake.assign(tracks.frameCount(), unsteady);
  }
  return {};
}

// What one picture shows of the room.
struct RoomLook {
  std::vector<Upright> uprights;
  std::vector<BowedEdge> bowed;
};
RoomLook lookAtRoom(const cv::Mat& gray, double focal_px) {
  const auto lines = findLines(gray);
  return {findUprights(lines, gray.rows), findBowedEdges(gray, lines, focal_px)};
}

// The same without the lifter, as a standing camera would have seen it.
void keepRoom(const std::map<std::size_t, RoomLook>& room, ClipTracks& tracks) {
  constexpr double kBeside = 1.8;  // plate radii, 40 cm: the lifter's body
  for (const auto& [frame, seen] : room) {
    if (frame >= tracks.bar.size()) continue;
    const BarSample& bar = tracks.bar[frame];
    if (bar.state == TrackState::kLost || (!tracks.shake.empty() && !tracks.shake[frame].known)) continue;
    for (const Upright& u : withoutLifter(seen.uprights, bar.p_px.x(), kBeside * bar.radius_px))
      tracks.uprights.push_back(
          {toReference(tracks, frame, u.low_px), toReference(tracks, frame, u.high_px)});
  }
  std::vector<std::vector<BowedEdge>> bowed;
  for (const auto& [frame, seen] : room) bowed.push_back(seen.bowed);
  tracks.lens_k1 = estimateLens(bowed);
}

}  // namespace

Expected<ClipTracking> trackBar(const std::filesystem::path& path, const TrackSettings& settings,
                                const Progress& progress) {
  if (auto ok = settings.plate.validate(); !ok) return tl::make_unexpected(ok.error());
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  ClipTracking out;
  const FilmInfo& info = film->info();
  out.facts = {path.string(),     {},
               info.width_px,     info.height_px,
               info.rotation_deg, film->frameCount(),
               info.duration_s,   info.variable_rate};
  if (settings.seed && settings.seed->frame >= film->frameCount())
    return fail(Remedy::kCorrectInput, "The plate was pointed at on a frame that the film does not have.");

  constexpr std::size_t kFewestPictures = 10;  // a third of a second
  if (film->frameCount() < kFewestPictures)
    return fail(Remedy::kChooseAnotherFile, "“" + path.filename().string() + "” has only " +
                                                std::to_string(film->frameCount()) +
                                                (film->frameCount() == 1 ? " picture." : " pictures.") +
                                                " A rep needs film: choose another clip.");

  constexpr double kFollowed = 0.6;  // part of the work when the camera has to be followed as well
  // A plate that was pointed at is round, so it is seen from the side.
  const bool maybe_side = settings.view == View::kUnknown || settings.view == View::kSide || settings.seed,
             maybe_across = settings.view != View::kSide && !settings.seed;
  const bool plates = settings.bar.held == Held::kPlates;
  if (!plates && !settings.seed)
    return maybe_side ? tl::make_unexpected(pointFirst(settings.bar.held))
                      : fail(Remedy::kFilmAgain,
                             "From the front or the rear only a bar with plates can be followed. Film from "
                             "the side.");
  EndsWatch ends(maybe_across ? film->times_s() : std::vector<double>());
  PlateTracker tracker(settings.plate, settings.seed);
  const double focal_px = focalPrior(info.width_px, info.height_px).value;
  std::optional<SpotFollower> spot;
  constexpr double kUsual_m = 3.5;  // of the camera from the lifter: 3-4 m is what coaches are told
  if (!plates)
    spot.emplace(*settings.seed, settings.bar.radius_m(),
                 focal_px * settings.bar.radius_m() / (kUsual_m - followedLateralPrior(settings.bar).value));
  AcrossWatch across_watch;
  bool side_ended = false;
  FramePicture picture;
  std::size_t decoded = 0, looked = 0;
  double luma_sum = 0.0;  // of pictures now and then
  CameraWatch watch;
  // The room is looked at twice, a good way from either end.
  std::map<std::size_t, cv::Mat> rooms = {{film->frameCount() / 4, {}}, {film->frameCount() * 3 / 4, {}}};
  auto report = [&](double part) { return !progress || progress(part); };
  const Want want = spot ? Want::kColour : Want::kGray;
  auto got = settings.seed && settings.seed->frame > 0 ? film->readAt(settings.seed->frame, picture, want)
                                                       : film->readNext(picture, want);
  std::optional<ReadAhead> ahead;
  if (got && *got) ahead.emplace(*film, want);
  while (got && *got) {
    if (spot) cv::cvtColor(picture.bgr, picture.gray, cv::COLOR_BGR2GRAY);
    if (spot)
      spot->push(picture.gray, picture.bgr, picture.index, picture.time_s);
    else if (maybe_side && !side_ended)
      tracker.push(picture.gray, picture.index, picture.time_s);
    if (maybe_across) ends.look(picture.gray, picture.index);
    side_ended =
        side_ended || (maybe_side && maybe_across && across_watch.surely(ends, tracker, picture.time_s));
    if (const auto look = rooms.find(picture.index); look != rooms.end()) look->second = picture.gray.clone();
    if (decoded % 16 == 0) {
      luma_sum += cv::mean(picture.gray)[0];
      watch.look(picture.gray);
      ++looked;
    }
    if (++decoded % 16 == 0 &&
        !report(kFollowed * static_cast<double>(picture.index) / static_cast<double>(film->frameCount())))
      return fail(Remedy::kCancelled, "Stopped.");
    got = ahead->next(picture);
  }
  ahead.reset();
  // Beside the work that is left, which is one thing after the other.
  auto hashing = std::async(std::launch::async, [&] { return computeSha256(path); });
  auto looking = std::async(std::launch::async, [&] {
    std::map<std::size_t, RoomLook> seen;
    for (const auto& [frame, gray] : rooms)
      if (!gray.empty()) seen[frame] = lookAtRoom(gray, focal_px);
    return seen;
  });
  if (!got) return tl::make_unexpected(got.error());
  if (decoded == 0)
    return fail(Remedy::kChooseAnotherFile,
                "“" + path.filename().string() +
                    "” holds no picture that can be decoded. It may be cut off; copy it "
                    "from the phone again.");
  auto across = maybe_across ? ends.find() : std::nullopt;
  const auto turned = spot ? spot->turnBack() : maybe_side ? tracker.turnBack() : std::nullopt;
  // Two lifters side by side have two plates as well, but round ones.
  if (across && maybe_side && tracker.twoRoundPlates()) across.reset();
  double done = kFollowed;
  if (across) {
    constexpr double kEndsFollowed = 0.8;
    auto followed = followEnds(
        path, *across, [&](double part) { return report(kFollowed + (kEndsFollowed - kFollowed) * part); });
    // What moved like a bar's ends may be something else in a film from the side.
    if (!followed && (!maybe_side || followed.error().remedy == Remedy::kCancelled))
      return tl::make_unexpected(followed.error());
    if (followed) {
      out.tracks.ends = std::move(*followed);
      out.tracks.bar = middleOf(out.tracks.ends);
      done = kEndsFollowed;
    }
  }
  if (side_ended && !out.tracks.across()) {  // it only seemed so
    TrackSettings from_side = settings;
    from_side.view = View::kSide;
    return trackBar(path, from_side, [&](double part) { return report(done + (1.0 - done) * part); });
  }
  if (!across && !maybe_side)
    return fail(Remedy::kFilmAgain, "“" + path.filename().string() +
                                        "”: no bar was found that lies across the picture. Both plates must "
                                        "be in it and move; or say that "
                                        "it was filmed from the side.");
  if (const auto first = out.tracks.across() ? std::nullopt : turned) {
    auto back = readBackward(*film, *first, want, [&](const FramePicture& p) {
      if (p.index < *first && spot) {
        cv::Mat gray;
        cv::cvtColor(p.bgr, gray, cv::COLOR_BGR2GRAY);
        spot->push(gray, p.bgr, p.index, p.time_s);
      } else if (p.index < *first) {
        tracker.push(p.gray, p.index, p.time_s);
      }
      return report(kFollowed);
    });
    if (!back) return tl::make_unexpected(back.error());
  }
  auto hash = hashing.get();
  if (!hash) return tl::make_unexpected(hash.error());
  out.facts.sha256 = *hash;
  out.tracks.width_px = film->info().width_px;
  out.tracks.height_px = film->info().height_px;
  out.tracks.time_s = film->times_s();
  if (spot) {
    auto samples = spot->finish(film->frameCount());
    if (!samples)
      return tl::make_unexpected(
          Error{samples.error().remedy, "“" + path.filename().string() + "”: " + samples.error().text});
    out.tracks.bar = std::move(*samples);
  } else if (!out.tracks.across()) {
    auto result = tracker.finish(film->times_s(), focal_px, settings.bar.radius_m());
    if (!result) {
      constexpr double kDark = 40.0;  // of 255; with so little light edges drown in the camera's noise
      const double luma = luma_sum / static_cast<double>(std::max<std::size_t>(1, looked));
      if (luma < kDark)
        return fail(Remedy::kFilmAgain,
                    "“" + path.filename().string() + "” is too dark to see a plate (brightness " +
                        std::to_string(std::lround(luma)) + " of 255). Film with more light.");
      return tl::make_unexpected(
          Error{result.error().remedy, "“" + path.filename().string() + "”: " + result.error().text});
    }
    out.tracks.bar = std::move(result->samples);
    out.two_plates = result->two_plates;
    if (result->axis)
      out.axis = AxisSeen{
          result->axis->vanishing_px, result->axis->vanishing_sd_px, result->axis->from_parallax,
          result->far_plate ? std::optional(result->far_plate->ratio) : std::nullopt, result->end_ratio};
  }
  if (watch.moved()) {
    if (auto ok =
            takeOutShake(path, out.tracks, [&](double part) { return report(done + (1.0 - done) * part); });
        !ok)
      return tl::make_unexpected(ok.error());
  }
  keepRoom(looking.get(), out.tracks);
  report(1.0);
  return out;
}

Expected<void> trackJoints(const std::filesystem::path& path, const ClipTracking& clip,
                           const LoadedBar& loaded, Lift lift, Facing facing, const PlacedPoints& first,
                           BodyPointNetwork* network, JointTracks& raw, const Progress& progress,
                           bool wide_stance) {
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  const auto &heel = first.joints[indexOf(Joint::kHeel)], &toe = first.joints[indexOf(Joint::kToe)];
  if (facing == Facing::kUnknown && heel && toe) facing = facingFromFeet(*heel, *toe);
  const ClipTracks steady = steadied(clip.tracks);
  auto camera = estimateCamera(steady, clip.axis, loaded, facing);
  if (!camera) return tl::make_unexpected(camera.error());
  // Skin and cloth give no more in a finer picture, and a joint's place is not known to a pixel of it.
  constexpr int kFineEnoughPx = 540;
  const double part =
      1.0 / std::max(1, std::min(clip.tracks.width_px, clip.tracks.height_px) / kFineEnoughPx);
  film->shrinkTo(part);
  film->steadyBy(clip.tracks.shake);
  CarryInput input;
  static_cast<ChainInput&>(input) = {shrunk(camera->camera, part), steady.bar, first};
  input.network = network;
  input.stance = usualStance(lift, wide_stance);
  if (lift == Lift::kBench) input.hold = Hold::kLying;
  if (lift == Lift::kDeadlift) {
    input.hold = Hold::kInHands;
    // Hands are on the bar for a moment before the first pull and after the last.
    constexpr double kHandsOn_s = 0.6;
    const auto reps = findReps(computeBarHeight({&steady, lift, camera->camera, camera->errors}), lift);
    if (!reps) return tl::make_unexpected(reps.error());
    if (!reps->empty()) {
      const auto& t = steady.time_s;
      auto frameAt = [&](double time) {
        return static_cast<std::size_t>(std::lower_bound(t.begin(), t.end(), time) - t.begin());
      };
      input.held_from = frameAt(reps->front().start_s.value - kHandsOn_s);
      input.held_to = frameAt(reps->back().end_s.value + kHandsOn_s);
    }
  }
  for (BarSample& s : input.bar) {
    s.p_px *= part;
    s.sd_px *= part;
    s.radius_px *= part;
  }
  for (auto& p : input.placed.joints)
    if (p) *p = part * toReference(clip.tracks, first.frame, *p);
  auto carried = carryJoints(*film, input, progress);
  if (!carried) return tl::make_unexpected(carried.error());
  raw = std::move(*carried);
  for (JointTrack& track : raw)
    for (std::size_t i = 0; i < track.size(); ++i) {
      track[i].p_px = toPictureMoved(clip.tracks, i, track[i].p_px / part);
      track[i].sd_px /= part;
    }
  return {};
}

Expected<void> trackBack(const std::filesystem::path& path, const ClipTracking& clip, const LoadedBar& loaded,
                         Facing facing, const SetEdit& edit, const FoundSpread& found, JointTracks& raw,
                         const Progress& progress) {
  auto back = backOf(edit);
  if (!back) return {};
  ClipTracks laid = clip.tracks;
  layCorrections(laid, raw, edit.placed, found);
  laid = steadied(laid);
  facing = facingOf(laid, facing);
  const auto camera = estimateCamera(laid, clip.axis, loaded, facing);
  if (!camera) return tl::make_unexpected(camera.error());
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  film->steadyBy(clip.tracks.shake);
  for (auto& p : back->joints)
    if (p) p = toReference(clip.tracks, back->frame, *p);
  const BackInput input{&laid, *back, camera->camera.mmPerPx(0.0), facing == Facing::kLeft};
  auto carried = carryBack(*film, input, progress);
  if (!carried) return tl::make_unexpected(carried.error());
  for (const Joint j : kBackJoints) {
    JointTrack& track = (*carried)[indexOf(j)];
    for (std::size_t f = 0; f < track.size(); ++f)
      if (track[f].known) track[f].p_px = toPictureMoved(clip.tracks, f, track[f].p_px);
    raw[indexOf(j)] = std::move(track);
  }
  return {};
}

}  // namespace mottix
