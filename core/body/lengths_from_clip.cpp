#include "core/body/lengths_from_clip.h"

#include <algorithm>
#include <cmath>
#include <memory>
#include <span>

#include <Eigen/Core>

namespace mottix {
namespace {

using Vec3 = Eigen::Vector3d;

// Seen more obliquely than this, lengths along the floor are not to be trusted to 3 %.
constexpr double kMostYaw_deg = 10.0;
// Before a rep's start the lifter stands still (the rep finder's start is where the bar begins to sink).
constexpr double kStillBefore_s = 0.5;
constexpr std::size_t kFewestFrames = 5;

struct SeenSegment {
  Segment segment;
  Joint from, to;
};
// The first three stand on one another.
constexpr std::array kSeenSegments = {SeenSegment{Segment::kThigh, Joint::kHip, Joint::kKnee},
                                      SeenSegment{Segment::kShank, Joint::kKnee, Joint::kAnkle},
                                      SeenSegment{Segment::kTrunk, Joint::kShoulder, Joint::kHip},
                                      SeenSegment{Segment::kFoot, Joint::kHeel, Joint::kToe}};
constexpr std::size_t kStanding = 3;

struct Moves {  // what is moved for the error, metres and pixels
  double stance_m = 0.0, toes = 0.0, hip_m = 0.0, shoulder_m = 0.0;
  std::array<double, kJointCount> along_px{}, across_px{};
};

struct Reader {
  const ClipTracks& tracks;
  const std::vector<std::size_t>& frames;

  double lateral(Joint j, const KneeOnLeg& knee, const Moves& m) const {
    switch (j) {
      case Joint::kKnee:
        return (1.0 - knee.share) * lateral(Joint::kAnkle, knee, m) +
               knee.share * lateral(Joint::kHip, knee, m) + (toesOut().value + m.toes) * knee.ahead_m;
      case Joint::kAnkle:
      case Joint::kHeel:
        return lateralPrior(j).value + m.stance_m;
      case Joint::kToe:
        return lateralPrior(j).value + m.stance_m + 0.2 * m.toes;  // a foot of 20 cm in front of the ankle
      case Joint::kHip:
        return lateralPrior(j).value + m.hip_m;
      default:
        return lateralPrior(j).value + m.shoulder_m;
    }
  }

  Vec3 place(const BodySight& camera, Joint j, std::size_t frame, const KneeOnLeg& knee,
             const Moves& m) const {
    const Vec2 p = tracks.track(j)[frame].p_px + Vec2(m.along_px[indexOf(j)], m.across_px[indexOf(j)]);
    const double z = lateral(j, knee, m);
    const Vec2 body = camera.toBody(p, z);
    return {body.x(), body.y(), z};
  }

  double median(const SideCamera& from, Joint a, Joint b, const Moves& m) const {
    const BodySight camera(from);
    std::vector<double> lengths;
    for (std::size_t f : frames) {
      if (!tracks.track(a)[f].known || !tracks.track(b)[f].known) continue;
      KneeOnLeg knee;
      if (a == Joint::kKnee || b == Joint::kKnee) {
        if (!tracks.track(Joint::kAnkle)[f].known || !tracks.track(Joint::kHip)[f].known) continue;
        const auto at = [&](Joint j) { return place(camera, j, f, knee, m).head<2>().eval(); };
        for (int round = 0; round < 2; ++round)
          knee = kneeOnLeg(at(Joint::kAnkle), at(Joint::kKnee), at(Joint::kHip));
      }
      const Vec3 d = place(camera, a, f, knee, m) - place(camera, b, f, knee, m);
      // The trunk runs along the mid-plane: hips and shoulders differ in width, not in place.
      lengths.push_back(a == Joint::kShoulder ? d.head<2>().norm() : d.norm());
    }
    if (lengths.size() < kFewestFrames) return 0.0;
    const auto middle = lengths.begin() + static_cast<long>(lengths.size() / 2);
    std::nth_element(lengths.begin(), middle, lengths.end());
    return *middle;
  }
};

double placement_px(const ClipTracks& tracks, Joint j, const std::vector<std::size_t>& frames) {
  double sum = 0.0;
  std::size_t n = 0;
  for (std::size_t f : frames)
    if (tracks.track(j)[f].known) {
      sum += tracks.track(j)[f].sd_px;
      ++n;
    }
  return n == 0 ? 0.0 : sum / static_cast<double>(n);
}

}  // namespace

namespace {

// Moments of quiet standing before a rep.
std::vector<std::size_t> standingFrames(const ClipTracks& tracks, const std::vector<Rep>& reps) {
  std::vector<std::size_t> frames;
  for (std::size_t f = 0; f < tracks.frameCount(); ++f) {
    const double t = tracks.time_s[f];
    const bool still = std::any_of(reps.begin(), reps.end(), [&](const Rep& r) {
      return !r.cut_start && t <= r.start_s.value && t >= r.start_s.value - kStillBefore_s;
    });
    if (still) frames.push_back(f);
  }
  return frames;
}

// Calls `changed(up, down)` for each thing that shifts joints by itself, one standard deviation either way.
template <typename Changed>
void moveJoints(const ClipTracks& tracks, const std::vector<std::size_t>& frames, Changed changed) {
  auto move = [&](double Moves::*what, double sd) {
    Moves up, down;
    up.*what = sd;
    down.*what = -sd;
    changed(up, down);
  };
  move(&Moves::stance_m, lateralPrior(Joint::kAnkle).sd);
  move(&Moves::toes, toesOut().sd);
  move(&Moves::hip_m, lateralPrior(Joint::kHip).sd);
  move(&Moves::shoulder_m, lateralPrior(Joint::kShoulder).sd);
  for (Joint j : {Joint::kShoulder, Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe}) {
    if (!tracks.has(j)) continue;
    for (auto direction : {&Moves::along_px, &Moves::across_px}) {
      const double sd = placement_px(tracks, j, frames);
      Moves up, down;
      (up.*direction)[indexOf(j)] = sd;
      (down.*direction)[indexOf(j)] = -sd;
      changed(up, down);
    }
  }
}

}  // namespace

Expected<ClipLengths> estimateLengths(const ClipTracks& tracks, const SideCamera& camera,
                                      const SideCameraErrors& errors, const std::vector<Rep>& reps) {
  if (tracks.across())
    return fail(Remedy::kFilmAgain, "Lengths do not show from the front or the rear. Film from the side.");
  if (!tracks.has(Joint::kHip) || !tracks.has(Joint::kKnee) || !tracks.has(Joint::kAnkle) ||
      !tracks.has(Joint::kShoulder))
    return fail(Remedy::kMarkByHand, "Place ankle, knee, hip and shoulder on this film first.");
  if (std::abs(camera.yaw_deg()) > kMostYaw_deg)
    return fail(Remedy::kFilmAgain, "The camera looks too obliquely to read lengths (" +
                                        std::to_string(std::lround(std::abs(camera.yaw_deg()))) +
                                        "°, at most 10°). Film more squarely from the side.");
  const std::vector<std::size_t> frames = standingFrames(tracks, reps);
  if (frames.size() < kFewestFrames)
    return fail(Remedy::kFilmAgain,
                "There is no quiet standing before a rep to read lengths from. Let the film begin earlier.");

  const Reader reader{tracks, frames};
  std::vector<SeenSegment> wanted;
  std::vector<double> read;
  for (const SeenSegment& w : kSeenSegments) {
    if (!tracks.has(w.from) || !tracks.has(w.to)) continue;
    const double length = reader.median(camera, w.from, w.to, {});
    if (!(length > 0.0)) continue;
    wanted.push_back(w);
    read.push_back(length);
  }
  const auto n = static_cast<Eigen::Index>(wanted.size());
  Eigen::VectorXd value = Eigen::Map<const Eigen::VectorXd>(read.data(), n);
  Eigen::MatrixXd covariance = Eigen::MatrixXd::Zero(n, n);
  auto addPair = [&](const SideCamera& more, const Moves& up, const SideCamera& less, const Moves& down) {
    Eigen::VectorXd d(n);
    for (Eigen::Index i = 0; i < n; ++i) {
      const SeenSegment& w = wanted[static_cast<std::size_t>(i)];
      d[i] = 0.5 * (reader.median(more, w.from, w.to, up) - reader.median(less, w.from, w.to, down));
    }
    covariance += d * d.transpose();
  };
  for (int k = 0; k < kSideCameraErrorCount; ++k)
    addPair(withError(camera, errors, k, 1.0), {}, withError(camera, errors, k, -1.0), {});
  moveJoints(tracks, frames, [&](const Moves& up, const Moves& down) { addPair(camera, up, camera, down); });
  ClipLengths out;
  for (Eigen::Index i = 0; i < n; ++i)
    out[indexOf(wanted[static_cast<std::size_t>(i)].segment)] =
        Estimate{value[i], std::sqrt(std::max(0.0, covariance(i, i)))};
  return out;
}

std::optional<Stature> readStature(const ClipTracks& tracks, const SideCamera& camera,
                                   const SideCameraErrors& errors, const std::vector<Rep>& reps,
                                   const Body& body) {
  if (tracks.across() || std::abs(camera.yaw_deg()) > kMostYaw_deg) return std::nullopt;
  double body_m = 0.0, body_variance = 0.0;
  for (const auto& [segment, from, to] : std::span(kSeenSegments).first<kStanding>()) {
    if (!tracks.has(from) || !tracks.has(to)) return std::nullopt;
    // What a film told before is no ruler for a film.
    const BodyLength& known = body.lengths[indexOf(segment)];
    const Estimate share = usualShare(segment, body.sex);
    const Estimate length = known.source == LengthSource::kByHand
                                ? known.m
                                : Estimate{body.height_m * share.value, body.height_m * share.sd};
    body_m += length.value - (segment == Segment::kTrunk ? kTrunkUnderBar * body.height_m : 0.0);
    body_variance += length.sd * length.sd;
  }
  const auto frames = std::make_shared<const std::vector<std::size_t>>(standingFrames(tracks, reps));
  const auto read = [&tracks, frames, body_m](const SideCamera& c, const Moves& moves) {
    double sum = 0.0;
    for (const auto& [segment, from, to] : std::span(kSeenSegments).first<kStanding>()) {
      const double length = Reader{tracks, *frames}.median(c, from, to, moves);
      if (!(length > 0.0)) return 0.0;
      sum += length / body_m;
    }
    return sum;
  };
  Stature out;
  out.at = [read](const SideCamera& c) { return read(c, {}); };
  const double ratio = out.at(camera);
  if (!(ratio > 0.0)) return std::nullopt;
  double own = body_variance / (body_m * body_m);
  moveJoints(tracks, *frames, [&](const Moves& up, const Moves& down) {
    const double d = 0.5 * (read(camera, up) - read(camera, down));
    own += d * d;
  });
  out.own_sd = std::sqrt(own);
  out.ratio = {ratio, std::hypot(out.own_sd, estimateFrom(camera, errors, out.at).sd)};
  return out;
}

std::optional<Estimate> combineLengths(const std::vector<Estimate>& lengths) {
  double weights = 0.0, sum = 0.0, sd = 0.0;
  for (const Estimate& e : lengths) {
    if (!(e.sd > 0.0)) continue;
    const double w = 1.0 / (e.sd * e.sd);
    weights += w;
    sum += w * e.value;
    sd += w * e.sd;
  }
  if (!(weights > 0.0)) return std::nullopt;
  return Estimate{sum / weights, sd / weights};
}

std::vector<Segment> takeLengths(const std::vector<ClipLengths>& clips, BodyFacts& facts) {
  std::vector<Segment> taken;
  for (std::size_t i = 0; i < kSegmentCount; ++i) {
    std::vector<Estimate> found;
    for (const ClipLengths& clip : clips)
      if (clip[i]) found.push_back(*clip[i]);
    const auto length = combineLengths(found);
    auto& known = facts.measured[i];
    if (!length || (known && known->source == LengthSource::kByHand)) continue;
    known = BodyLength{*length, LengthSource::kFromClip};
    taken.push_back(static_cast<Segment>(i));
  }
  return taken;
}

}  // namespace mottix
