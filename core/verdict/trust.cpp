#include "core/verdict/trust.h"

#include <algorithm>
#include <array>
#include <execution>

namespace mottix {
namespace {

std::optional<Estimate> depthOf(const MeasureInput& input, const Rep& rep) {
  for (const Measure& m : computeMeasures(input, {rep}, MeasureId::kHipBelowKnee))
    if (m.status == MeasureStatus::kOk || m.status == MeasureStatus::kImprecise) return m.value;
  return std::nullopt;
}

// The camera's values that belong to a link, as places in CameraStep.
std::span<const int> valuesOf(TrustLink link) {
  static constexpr std::array kDistance = {0, 5}, kTurn = {1, 2};
  static constexpr std::array kTilt = {3}, kPlateEdge = {4};
  switch (link) {
    case TrustLink::kJoints:
      return {};
    case TrustLink::kDistance:
      return kDistance;
    case TrustLink::kTurn:
      return kTurn;
    case TrustLink::kTilt:
      return kTilt;
    case TrustLink::kPlateEdge:
      return kPlateEdge;
  }
  return {};
}

}  // namespace

std::string_view nameOf(TrustLink link) {
  switch (link) {
    case TrustLink::kJoints:
      return "joints";
    case TrustLink::kDistance:
      return "distance";
    case TrustLink::kTurn:
      return "turn";
    case TrustLink::kTilt:
      return "tilt";
    case TrustLink::kPlateEdge:
      return "plate_edge";
  }
  return "";
}

std::optional<Trust> findWeakestLink(const MeasureInput& input, const std::vector<Rep>& all) {
  const std::vector<Rep> reps = wholeReps(all);
  if (reps.empty()) return std::nullopt;
  const Rep& rep = reps[reps.size() / 2];
  const auto depth = depthOf(input, rep);
  if (!depth) return std::nullopt;
  constexpr std::array kLinks = {TrustLink::kJoints, TrustLink::kDistance, TrustLink::kTurn, TrustLink::kTilt,
                                 TrustLink::kPlateEdge};
  auto depthKnowing = [&](TrustLink link) {
    MeasureInput known = input;
    ClipTracks tracks;
    if (link == TrustLink::kJoints) {
      tracks = *input.tracks;
      for (JointTrack& track : tracks.joints)
        for (JointSample& sample : track) sample.sd_px = 0.0;
      known.tracks = &tracks;
    }
    for (int k : valuesOf(link)) {
      CameraStep slope = CameraStep::Zero();
      slope[k] = 1.0;
      updateCamera(known.camera, known.camera_errors, slope, {0.0, 1e-9});
    }
    return depthOf(known, rep);
  };
  std::array<std::optional<Estimate>, kLinks.size()> surer;
  std::transform(std::execution::par, kLinks.begin(), kLinks.end(), surer.begin(), depthKnowing);
  Trust trust{depth.value(), TrustLink::kJoints, depth->sd};
  for (std::size_t k = 0; k < kLinks.size(); ++k) {
    if (!surer[k] || surer[k]->sd >= trust.sd_if_known_cm) continue;
    trust.weakest = kLinks[k];
    trust.sd_if_known_cm = surer[k]->sd;
  }
  return trust;
}

}  // namespace mottix
