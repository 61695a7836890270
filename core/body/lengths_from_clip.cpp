#include "core/body/lengths_from_clip.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Cholesky>

namespace mottix {
namespace {

using Vec3 = Eigen::Vector3d;

// Seen more obliquely than this, lengths along the floor are not to be trusted to 3 %.
constexpr double kMostYaw_deg = 10.0;
// Before a rep's start the lifter stands still (the rep finder's start is where the bar begins to sink).
constexpr double kStillBefore_s = 0.5;
constexpr std::size_t kFewestFrames = 5;

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

  Vec3 place(const SideCamera& camera, Joint j, std::size_t frame, const KneeOnLeg& knee,
             const Moves& m) const {
    const Vec2 p = tracks.track(j)[frame].p_px + Vec2(m.along_px[indexOf(j)], m.across_px[indexOf(j)]);
    const double z = lateral(j, knee, m);
    const Vec2 body = camera.toBody(p, z);
    return {body.x(), body.y(), z};
  }

  double median(const SideCamera& camera, Joint a, Joint b, const Moves& m) const {
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

Expected<ClipLengths> estimateLengths(const ClipTracks& tracks, const SideCamera& camera,
                                      const SideCameraErrors& errors, const std::vector<Rep>& reps,
                                      std::optional<double> height_m, Sex sex) {
  if (tracks.across())
    return fail(Remedy::kFilmAgain, "Lengths do not show from the front or the rear. Film from the side.");
  if (!tracks.has(Joint::kHip) || !tracks.has(Joint::kKnee) || !tracks.has(Joint::kAnkle) ||
      !tracks.has(Joint::kShoulder))
    return fail(Remedy::kMarkByHand, "Place ankle, knee, hip and shoulder on this film first.");
  if (std::abs(camera.yaw_deg()) > kMostYaw_deg)
    return fail(Remedy::kFilmAgain, "The camera looks too obliquely to read lengths (" +
                                        std::to_string(std::lround(std::abs(camera.yaw_deg()))) +
                                        "°, at most 10°). Film more squarely from the side.");
  std::vector<std::size_t> frames;
  for (std::size_t f = 0; f < tracks.frameCount(); ++f) {
    const double t = tracks.time_s[f];
    const bool still = std::any_of(reps.begin(), reps.end(), [&](const Rep& r) {
      return t <= r.start_s.value && t >= r.start_s.value - kStillBefore_s;
    });
    if (still) frames.push_back(f);
  }
  if (frames.size() < kFewestFrames)
    return fail(Remedy::kFilmAgain,
                "There is no quiet standing before a rep to read lengths from. Let the film begin earlier.");

  struct Wanted {
    Segment segment;
    Joint from, to;
  };
  const Reader reader{tracks, frames};
  std::vector<Wanted> wanted;
  std::vector<double> read;
  for (const Wanted& w : {Wanted{Segment::kThigh, Joint::kHip, Joint::kKnee},
                          Wanted{Segment::kShank, Joint::kKnee, Joint::kAnkle},
                          Wanted{Segment::kTrunk, Joint::kShoulder, Joint::kHip},
                          Wanted{Segment::kFoot, Joint::kHeel, Joint::kToe}}) {
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
      const Wanted& w = wanted[static_cast<std::size_t>(i)];
      d[i] = 0.5 * (reader.median(more, w.from, w.to, up) - reader.median(less, w.from, w.to, down));
    }
    covariance += d * d.transpose();
  };
  for (int k = 0; k < kSideCameraErrorCount; ++k)
    addPair(withError(camera, errors, k, 1.0), {}, withError(camera, errors, k, -1.0), {});
  const Eigen::MatrixXd from_camera = covariance;
  auto addMove = [&](double Moves::*what, double sd) {
    Moves up, down;
    up.*what = sd;
    down.*what = -sd;
    addPair(camera, up, camera, down);
  };
  addMove(&Moves::stance_m, lateralPrior(Joint::kAnkle).sd);
  addMove(&Moves::toes, toesOut().sd);
  addMove(&Moves::hip_m, lateralPrior(Joint::kHip).sd);
  addMove(&Moves::shoulder_m, lateralPrior(Joint::kShoulder).sd);
  for (Joint j : {Joint::kShoulder, Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe}) {
    if (!tracks.has(j)) continue;
    for (auto direction : {&Moves::along_px, &Moves::across_px}) {
      const double sd = placement_px(tracks, j, frames);
      Moves up, down;
      (up.*direction)[indexOf(j)] = sd;
      (down.*direction)[indexOf(j)] = -sd;
      addPair(camera, up, camera, down);
    }
  }
  if (height_m) {
    Eigen::VectorXd usual(n), scatter(n);
    for (Eigen::Index i = 0; i < n; ++i) {
      const Segment s = wanted[static_cast<std::size_t>(i)].segment;
      const Estimate share = usualShare(s, sex);
      usual[i] = *height_m * (share.value - (s == Segment::kTrunk ? kTrunkUnderBar : 0.0));
      scatter[i] = *height_m * share.sd;
    }
    // In parts of each length. What the height may mend is the error that all lengths share through the
    // camera; gain = S·1'(S·1·1' + R + P)^-1 with its variance S, the rest R of what was read and the
    // people's scatter P.
    const Eigen::VectorXd one = Eigen::VectorXd::Ones(n);
    const Eigen::MatrixXd per = value.cwiseInverse().asDiagonal();
    const double shared = (per * from_camera * per).mean();
    const Eigen::MatrixXd read_alone = per * covariance * per;
    const Eigen::VectorXd people = scatter.cwiseQuotient(usual).cwiseAbs2();
    const Eigen::MatrixXd all = read_alone + Eigen::MatrixXd(people.asDiagonal());
    const Eigen::VectorXd gain = all.ldlt().solve(shared * one);
    const double mended = gain.dot(usual.cwiseQuotient(value) - one);
    const Eigen::MatrixXd left = Eigen::MatrixXd::Identity(n, n) - one * gain.transpose();
    const Eigen::MatrixXd error =
        left * read_alone * left.transpose() + gain.cwiseAbs2().dot(people) * Eigen::MatrixXd::Ones(n, n);
    value *= 1.0 + mended;
    covariance = value.asDiagonal() * error * value.asDiagonal();
  }
  ClipLengths out;
  for (Eigen::Index i = 0; i < n; ++i)
    out[indexOf(wanted[static_cast<std::size_t>(i)].segment)] =
        Estimate{value[i], std::sqrt(std::max(0.0, covariance(i, i)))};
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
