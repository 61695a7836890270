#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <numbers>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

constexpr std::array kFound = {Joint::kHip,  Joint::kKnee, Joint::kAnkle,
                               Joint::kHeel, Joint::kToe,  Joint::kShoulder};
struct Line {
  Joint from, to;
  const char* name;
};
constexpr std::array kLines = {Line{Joint::kAnkle, Joint::kKnee, "shin"},
                               Line{Joint::kKnee, Joint::kHip, "thigh"},
                               Line{Joint::kHip, Joint::kShoulder, "trunk"}};

double lean_deg(const Vec2& from, const Vec2& to) {
  return std::atan2(to.x() - from.x(), from.y() - to.y()) * 180.0 / std::numbers::pi;
}

double medianOf(std::vector<double> v) {
  if (v.empty()) return 0.0;
  std::nth_element(v.begin(), v.begin() + static_cast<long>(v.size() / 2), v.end());
  return v[v.size() / 2];
}

}  // namespace

int printJoints(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  std::puts(
      "| clip | median error, % of height | hip | knee | ankle | shoulder | shin ° RMS | thigh ° RMS | trunk "
      "° RMS | "
      "within ± 1 sd | film s | bar s | joints found s | carried s |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|---|---|---|---|");
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    using Clock = std::chrono::steady_clock;
    auto seconds = [](Clock::time_point from) {
      return std::chrono::duration<double>(Clock::now() - from).count();
    };
    auto at = Clock::now();
    auto clip = trackBar(path);
    const double bar_s = seconds(at);
    at = Clock::now();
    if (!clip) {
      std::printf("| %s | %s |\n", path.stem().c_str(), clip.error().text.c_str());
      continue;
    }
    const auto found = findJoints(path, *clip, 450.0, Facing::kUnknown, std::nullopt, *network);
    const double found_s = seconds(at);
    at = Clock::now();
    if (!found) {
      std::printf("| %s | %s |\n", path.stem().c_str(), found.error().text.c_str());
      continue;
    }
    std::array<JointTrack, kJointCount> raw;
    if (auto ok = trackJoints(path, *clip, 450.0, Lift::kSquat, found->facing, found->joints.points, raw);
        !ok) {
      std::printf("| %s | %s |\n", path.stem().c_str(), ok.error().text.c_str());
      continue;
    }
    const double carried_s = seconds(at);
    const auto camera = estimateCamera(clip->tracks, clip->axis, 450.0, found->facing);
    const double height_px = 1000.0 * truth->height_m / camera->camera.mmPerPx(0.1);
    std::vector<double> all;
    std::array<std::vector<double>, kJointCount> each;
    std::array<double, kLines.size()> square{};
    double inside = 0.0, counted = 0.0;
    const std::size_t frames = std::min(clip->tracks.frameCount(), truth->plate_px.size());
    for (std::size_t f = 0; f < frames; ++f) {
      for (Joint j : kFound) {
        const Vec2 e = raw[indexOf(j)][f].p_px - truth->joint_px[indexOf(j)][f];
        each[indexOf(j)].push_back(e.norm());
        all.push_back(e.norm());
        const double sd = std::hypot(raw[indexOf(j)][f].sd_px, found->joints.sd_px[indexOf(j)]);
        for (double part : {e.x(), e.y()}) {
          counted += 1.0;
          if (std::abs(part) <= sd) inside += 1.0;
        }
      }
      for (std::size_t k = 0; k < kLines.size(); ++k) {
        auto angle = [&](auto&& place) { return lean_deg(place(kLines[k].from), place(kLines[k].to)); };
        const double d = angle([&](Joint j) { return raw[indexOf(j)][f].p_px; }) -
                         angle([&](Joint j) { return truth->joint_px[indexOf(j)][f]; });
        square[k] += d * d / static_cast<double>(frames);
      }
    }
    auto percent = [&](std::vector<double> v) { return 100.0 * medianOf(std::move(v)) / height_px; };
    std::printf(
        "| %s | %.1f | %.1f | %.1f | %.1f | %.1f | %.1f | %.1f | %.1f | %.0f %% | %.1f | %.1f | %.1f | %.1f "
        "|\n",
        path.stem().c_str(), percent(all), percent(each[indexOf(Joint::kHip)]),
        percent(each[indexOf(Joint::kKnee)]), percent(each[indexOf(Joint::kAnkle)]),
        percent(each[indexOf(Joint::kShoulder)]), std::sqrt(square[0]), std::sqrt(square[1]),
        std::sqrt(square[2]), 100.0 * inside / counted, clip->facts.duration_s, bar_s, found_s, carried_s);
    std::fflush(stdout);
  }
  return 0;
}

}  // namespace mottix
