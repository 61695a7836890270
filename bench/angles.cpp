// Angles of the body over whole sets against the truth: from joints that were placed exactly on one picture,
// and found by the program itself.
#include <cmath>
#include <cstdio>
#include <string>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/measure/posture_reading.h"
#include "core/measure/seen_places.h"
#include "core/motion/joint_corrections.h"
#include "core/motion/side_camera.h"
#include "core/verdict/analysis.h"
#include "vision/analyse_clip.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

// The truth as places; only joints are asked for.
class TruePlaces : public Places {
 public:
  explicit TruePlaces(const ClipTruth& truth) : truth_(truth) {}
  bool known(Joint, std::size_t frame) const override { return frame < truth_.joint_m[0].size(); }
  Vec2 joint(Joint joint, std::size_t frame) const override { return truth_.joint_m[indexOf(joint)][frame]; }
  bool barKnown(std::size_t) const override { return false; }
  Vec2 bar(std::size_t) const override { return Vec2::Zero(); }
  Acceleration jointAcceleration(Joint, std::size_t) const override { return {}; }
  Acceleration barAcceleration(std::size_t) const override { return {}; }
  Vec2 barEnd(std::size_t, std::size_t) const override { return Vec2::Zero(); }
  bool stands(Joint) const override { return false; }
  Vec2 standing(Joint) const override { return Vec2::Zero(); }

 private:
  const ClipTruth& truth_;
};

struct Angle {
  const char* name;
  std::vector<Joint> joints;
  posture::Value value;
};
const std::vector<Angle>& angles() {
  using enum Joint;
  static const std::vector<Angle> all = {
      {"shin lean", {kAnkle, kKnee}, posture::shinLean},
      {"knee", {kAnkle, kKnee, kHip}, posture::kneeBend},
      {"hip", {kKnee, kHip, kShoulder}, posture::hipBend},
      {"trunk lean", {kHip, kShoulder}, posture::trunkLean},
      {"elbow", {kShoulder, kElbow, kWrist}, posture::elbowBend},
  };
  return all;
}

struct Sum {
  double squares = 0.0;
  std::size_t count = 0;
  void add(double error) {
    squares += error * error;
    ++count;
  }
  std::string text() const {
    char out[16];
    std::snprintf(out, sizeof out, count > 0 ? "%.1f" : "–",
                  std::sqrt(squares / std::max<double>(1, static_cast<double>(count))));
    return out;
  }
};

// How far shank, thigh and trunk are from one length each over the set: standard deviation, cm. In space: the
// knee leaves the leg's plane.
std::string lengthsOf(const SeenPlaces& seen, std::size_t from, std::size_t to) {
  constexpr std::array kChain = {Joint::kAnkle, Joint::kKnee, Joint::kHip, Joint::kShoulder};
  std::array<std::vector<double>, 3> lengths;
  for (std::size_t f = from; f <= to; ++f) {
    std::array<Vec2, 4> p;
    bool known = true;
    for (std::size_t k = 0; k < 4; ++k) {
      known = known && seen.known(kChain[k], f);
      if (known) p[k] = seen.joint(kChain[k], f);
    }
    if (!known) continue;
    const std::array<double, 4> out = {lateralPrior(Joint::kAnkle).value, kneeLateral(p[0], p[1], p[2]).value,
                                       lateralPrior(Joint::kHip).value, lateralPrior(Joint::kShoulder).value};
    for (std::size_t k = 0; k < 3; ++k)
      lengths[k].push_back(std::hypot((p[k + 1] - p[k]).norm(), out[k + 1] - out[k]));
  }
  std::string text;
  for (const auto& v : lengths) {
    double sum = 0.0, squares = 0.0;
    for (const double x : v) sum += x;
    const double mean = sum / std::max<double>(1.0, static_cast<double>(v.size()));
    for (const double x : v) squares += (x - mean) * (x - mean);
    char out[16];
    std::snprintf(out, sizeof out, "%s%.1f", text.empty() ? "" : " / ",
                  100.0 * std::sqrt(squares / std::max<double>(1.0, static_cast<double>(v.size()))));
    text += out;
  }
  return text;
}

// One row: RMS of each angle from the first rep's beginning to the last one's end.
void printRow(const std::string& name, const char* how, const ClipTracks& tracks,
              const std::optional<AxisSeen>& axis, const ClipTruth& truth, std::vector<Sum>& total) {
  AnalysisSettings settings;
  settings.lift = truth.lift;
  settings.bar = truth.bar();
  const auto a = analyse(tracks, axis, settings, builtInRuleBook());
  if (!a) {
    std::printf("| %s | %s | %s |\n", name.c_str(), how, a.error().text.c_str());
    return;
  }
  const FilmedScene scene(a->on->input);
  const SeenPlaces seen(scene, {});
  const TruePlaces truly(truth);
  std::string cells;
  Sum all;
  for (std::size_t k = 0; k < angles().size(); ++k) {
    Sum one;
    for (std::size_t f = a->reps.front().start_frame; f <= a->reps.back().end_frame; ++f) {
      bool known = truly.known(Joint::kHip, f);
      for (const Joint j : angles()[k].joints) known = known && seen.known(j, f);
      if (!known) continue;
      const double error = angles()[k].value(seen, f) - angles()[k].value(truly, f);
      one.add(error);
      all.add(error);
      total[k].add(error);
      total.back().add(error);
    }
    cells += " | " + one.text();
  }
  std::printf("| %s | %s%s | %s | %s |\n", name.c_str(), how, cells.c_str(), all.text().c_str(),
              lengthsOf(seen, a->reps.front().start_frame, a->reps.back().end_frame).c_str());
}

}  // namespace

int printAngles(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  std::printf("| clip | joints");
  for (const Angle& angle : angles()) std::printf(" | %s", angle.name);
  std::puts(" | all | shank / thigh / trunk, cm |\n|---|---|---|---|---|---|---|---|---|");
  std::vector<Sum> placed_total(angles().size() + 1), found_total(angles().size() + 1);
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    const auto clip = truth ? trackBar(path) : tl::make_unexpected(truth.error());
    if (!clip) {
      std::fprintf(stderr, "%s\n", clip.error().text.c_str());
      return 1;
    }
    const std::string name = path.stem().string();
    PlacedPoints first = truth->first;
    if (truth->lift == Lift::kBench)
      for (const Joint j : {Joint::kElbow, Joint::kWrist})
        first.joints[indexOf(j)] = truth->joint_px[indexOf(j)][first.frame];
    JointTracks carried;
    if (trackPlacedJoints(path, *clip, truth->bar(), truth->lift, {}, first, &*network, carried)) {
      ClipTracks tracks = clip->tracks;
      layCorrections(tracks, carried, {first});
      printRow(name, "placed", tracks, clip->axis, *truth, placed_total);
    }
    JointTracks found;
    FoundSpread spread;
    if (trackFoundJoints(path, *clip, truth->bar(), {truth->lift}, {}, *network, found, spread)) {
      ClipTracks tracks = clip->tracks;
      layCorrections(tracks, found, {}, spread);
      printRow(name, "found", tracks, clip->axis, *truth, found_total);
    } else {
      std::printf("| %s | found | not found |\n", name.c_str());
    }
    std::fprintf(stderr, "%s\n", name.c_str());
  }
  for (const auto& [how, total] : {std::pair{"placed", &placed_total}, {"found", &found_total}}) {
    std::printf("| all | %s", how);
    for (const Sum& s : *total) std::printf(" | %s", s.text().c_str());
    std::puts(" | |");
  }
  return 0;
}

}  // namespace mottix
