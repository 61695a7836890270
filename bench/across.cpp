#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <numbers>

#include <nlohmann/json.hpp>

#include "bench/accuracy.h"
#include "core/verdict/analysis.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

using Json = nlohmann::json;

// What is true of one end: the middle of the plates on it, and half a plate's height, in the picture.
struct TrueEnd {
  Vec2 at_px;
  double half_height_px;
};

class Camera {
 public:
  explicit Camera(const Json& doc) : doc_(doc) {}
  Vec2 toPicture(const Eigen::Vector3d& m) const {
    Eigen::Vector3d p;
    for (std::size_t row = 0; row < 3; ++row) {
      const auto r = static_cast<Eigen::Index>(row);
      p[r] = doc_.at("t_world_to_cam").at(row);
      for (std::size_t k = 0; k < 3; ++k)
        p[r] += doc_.at("R_world_to_cam").at(row).at(k).get<double>() * m[static_cast<Eigen::Index>(k)];
    }
    return {doc_.at("fx").get<double>() * p.x() / p.z() + doc_.at("cx").get<double>(),
            doc_.at("fy").get<double>() * p.y() / p.z() + doc_.at("cy").get<double>()};
  }

 private:
  const Json& doc_;
};

Eigen::Vector3d vectorOf(const Json& m) {
  return {m.at(0).get<double>(), m.at(1).get<double>(), m.at(2).get<double>()};
}

std::array<TrueEnd, 2> trueEnds(const Camera& camera, const Json& frame) {
  // The full-size plates reach from the collar, 0.655 m from the bar's middle, to their outer face.
  constexpr double kCollar_m = 0.655, kRadius_m = 0.225;
  const Eigen::Vector3d near = vectorOf(frame.at("bar_near").at("m")),
                        far = vectorOf(frame.at("bar_far").at("m"));
  const double face_m = std::abs(frame.at("plate_near").at("m").at(2).get<double>());
  const double part = 0.5 * (kCollar_m + face_m) / std::abs(near.z());
  std::array<TrueEnd, 2> out;
  const Eigen::Vector3d middle = 0.5 * (near + far), up(0.0, kRadius_m, 0.0);
  std::size_t e = 0;
  for (const Eigen::Vector3d& end : {near, far}) {
    const Eigen::Vector3d at = middle + part * (end - middle);
    out[e++] = {camera.toPicture(at), 0.5 * (camera.toPicture(at - up) - camera.toPicture(at + up)).norm()};
  }
  if (out[0].at_px.x() > out[1].at_px.x()) std::swap(out[0], out[1]);
  return out;
}

}  // namespace

int printAcross(const std::vector<std::filesystem::path>& clips) {
  std::puts(
      "| clip | view | frames not seen | way up and down, px RMS (left / right) | fixed offset, px | plate's "
      "height | "
      "reps | tilt, error ° of each rep (over stated sd) |");
  std::puts("|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    std::ifstream in(path.parent_path() / (path.stem().string() + ".truth.json"));
    const Json truth = Json::parse(in, nullptr, false);
    if (truth.is_discarded()) {
      std::fprintf(stderr, "%s has no truth beside it\n", path.c_str());
      return 1;
    }
    const auto clip = trackBar(path);
    if (!clip || !clip->tracks.across()) {
      std::printf("| %s | %s |\n", path.stem().c_str(),
                  clip ? "not seen to lie across the picture" : clip.error().text.c_str());
      continue;
    }
    const Camera camera(truth.at("camera"));
    std::array<std::vector<double>, 2> down, height;
    std::size_t unseen = 0;
    const std::size_t frames = std::min(clip->tracks.frameCount(), truth.at("frames").size());
    for (std::size_t f = 0; f < frames; ++f) {
      const auto ends = trueEnds(camera, truth.at("frames").at(f));
      if (clip->tracks.bar[f].state != TrackState::kSeen) ++unseen;
      for (std::size_t e = 0; e < 2; ++e) {
        const BarSample& s = clip->tracks.ends[e][f];
        if (s.state != TrackState::kSeen) continue;
        down[e].push_back(s.p_px.y() - ends[e].at_px.y());
        height[e].push_back(s.radius_px / ends[e].half_height_px - 1.0);
      }
    }
    auto mean = [](const std::vector<double>& v) {
      double sum = 0.0;
      for (double x : v) sum += x;
      return v.empty() ? 0.0 : sum / static_cast<double>(v.size());
    };
    auto scatter = [&](const std::vector<double>& v) {
      double sum = 0.0;
      for (double x : v) sum += std::pow(x - mean(v), 2);
      return v.empty() ? 0.0 : std::sqrt(sum / static_cast<double>(v.size()));
    };
    AnalysisSettings settings;
    settings.lift = liftNamed(truth.at("lift").get<std::string>()).value_or(Lift::kSquat);
    const auto a = analyse(clip->tracks, clip->axis, settings, builtInRuleBook());
    std::string tilts;
    for (const Rep& rep : a ? a->reps : std::vector<Rep>()) {
      const auto at = static_cast<std::size_t>(rep.number - 1);
      const Measure* m = findMeasure(a->measures, MeasureId::kBarTilt, rep.number);
      if (m == nullptr || m->status != MeasureStatus::kOk || at >= truth.at("events").size()) continue;
      // The greatest tilt of the bar during the rep.
      double truly = 0.0;
      for (std::size_t f = rep.start_frame; f <= rep.end_frame && f < frames; ++f) {
        const Json& frame = truth.at("frames").at(f);
        const Eigen::Vector3d bar =
            vectorOf(frame.at("bar_near").at("m")) - vectorOf(frame.at("bar_far").at("m"));
        truly = std::max(truly, std::abs(std::atan(bar.y() / bar.z())) * 180.0 / std::numbers::pi);
      }
      char text[64];
      std::snprintf(text, sizeof text, "%s%+.1f (%.1f)", tilts.empty() ? "" : ", ", m->value.value - truly,
                    std::abs(m->value.value - truly) / m->value.sd);
      tilts += text;
    }
    std::printf("| %s | %s | %zu | %.2f / %.2f | %+.1f / %+.1f | %+.1f %% / %+.1f %% | %zu / %zu | %s |\n",
                path.stem().c_str(), truth.at("view").get<std::string>().c_str(), unseen, scatter(down[0]),
                scatter(down[1]), mean(down[0]), mean(down[1]), 100.0 * mean(height[0]),
                100.0 * mean(height[1]), a ? a->reps.size() : 0, truth.at("events").size(), tilts.c_str());
    std::fprintf(stderr, "%s\n", path.stem().c_str());
  }
  return 0;
}

}  // namespace mottix
