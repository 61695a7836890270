// Many seeded films at once, by lift, view and how hard they are to read.
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <map>
#include <string>

#include "bench/accuracy.h"
#include "bench/clip_truth.h"
#include "core/motion/joint_corrections.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

using Errors = std::vector<double>;

struct Group {
  int clips = 0, view_right = 0, end_right = 0, reps_right = 0, lift_right = 0, lift_wrong = 0;
  Errors bar_px, plate, body, yaw_deg, forward_cm, joint, angle_deg, tilt_deg;
};

double quantile(Errors v, double part) {
  if (v.empty()) return 0.0;
  const auto at = static_cast<std::size_t>(part * static_cast<double>(v.size() - 1));
  std::nth_element(v.begin(), v.begin() + static_cast<long>(at), v.end());
  return v[at];
}
double worst(const Errors& v) {
  return v.empty() ? 0.0 : *std::max_element(v.begin(), v.end());
}
double rms(const Errors& v) {
  double sum = 0.0;
  for (double e : v) sum += e * e;
  return v.empty() ? 0.0 : std::sqrt(sum / static_cast<double>(v.size()));
}
std::string cell(const char* format, const Errors& v, double value) {
  if (v.empty()) return "-";
  char text[64];
  std::snprintf(text, sizeof text, format, value);
  return text;
}

// Error of the bar in a picture: the near plate's middle, or up and down of both ends.
Errors barErrors(const ClipTracks& tracks, const ClipTruth& truth) {
  Errors out;
  for (std::size_t f = 0; f < std::min(tracks.frameCount(), truth.plate_px.size()); ++f) {
    if (!tracks.across()) {
      if (tracks.bar[f].state == TrackState::kSeen)
        out.push_back((tracks.bar[f].p_px - truth.plate_px[f]).norm());
      continue;
    }
    for (std::size_t e = 0; e < 2 && f < truth.ends[e].size(); ++e)
      if (tracks.ends[e][f].state == TrackState::kSeen)
        out.push_back(std::abs(tracks.ends[e][f].p_px.y() - truth.ends[e][f].at_px.y()));
  }
  return out;
}

// Joints that the program found, over the whole clip: parts of the height; and the leans of shin, thigh,
// trunk.
void addJoints(const ClipTracks& tracks, const ClipTruth& truth, const Analysis& a, Group& g) {
  const double height_px = 1000.0 * truth.height_m / a.body_scale.value;
  Errors away, turned;
  // Only reps are judged, not how the lifter comes to the bar and leaves it.
  for (std::size_t f = 0; f < std::min(tracks.frameCount(), truth.plate_px.size()); ++f) {
    if (tracks.time_s[f] < truth.reps.front().start_s || tracks.time_s[f] > truth.reps.back().end_s) continue;
    auto known = [&](Joint j) { return tracks.has(j) && tracks.track(j)[f].known; };
    auto seen = [&](Joint j) { return tracks.track(j)[f].p_px; };
    auto truly = [&](Joint j) { return truth.joint_px[indexOf(j)][f]; };
    auto compare = [&](Joint j) {
      if (known(j)) away.push_back((seen(j) - truly(j)).norm() / height_px);
    };
    auto compareLean = [&](Joint from, Joint to) {
      if (known(from) && known(to))
        turned.push_back(lean_deg(seen(from), seen(to)) - lean_deg(truly(from), truly(to)));
    };
    for (Joint j : kPlacedJoints) {
      compare(j);
      if (tracks.across()) compare(onRight(j));
    }
    for (const auto& [from, to] : kBodyLines) {
      // Thigh and trunk point at a camera in front.
      if (tracks.across() && from != Joint::kAnkle) continue;
      compareLean(from, to);
      if (tracks.across()) compareLean(onRight(from), onRight(to));
    }
  }
  g.joint.push_back(quantile(away, 0.5));
  g.angle_deg.push_back(rms(turned));
}

void addClip(const std::filesystem::path& path, const ClipTruth& truth, BodyPointNetwork& network, Group& g) {
  ++g.clips;
  auto clip = trackBar(path);
  if (!clip) return;
  const bool side = truth.view == View::kSide;
  if (clip->tracks.across() == side) return;
  ++g.view_right;
  const auto guess = guessLift(clip->tracks, clip->axis, {450.0, truth.load_kg});
  if (guess && guess->sure()) ++(guess->lift == truth.lift ? g.lift_right : g.lift_wrong);
  AnalysisSettings settings;
  settings.lift = truth.lift;
  settings.bar.load_kg = truth.load_kg;
  bool joints = false;
  JointTracks raw;
  FoundSpread spread;
  joints = trackFoundJoints(path, *clip, {450.0, truth.load_kg}, {truth.lift}, {}, network, raw, spread)
               .has_value();
  if (joints) layCorrections(clip->tracks, raw, {}, spread);
  const auto a = analyse(clip->tracks, clip->axis, settings, builtInRuleBook());
  if (!a) return;
  if (a->view == truth.view) ++g.end_right;
  if (a->reps.size() == truth.reps.size()) ++g.reps_right;
  const Errors bar = barErrors(clip->tracks, truth);
  g.bar_px.push_back(rms(bar));
  g.plate.push_back(side ? std::abs(a->plate_scale.value / truth.scale_mm_per_px - 1.0) : [&] {
    Errors height;
    for (std::size_t e = 0; e < 2; ++e)
      for (std::size_t f = 0; f < truth.ends[e].size() && f < clip->tracks.frameCount(); ++f)
        if (clip->tracks.ends[e][f].state == TrackState::kSeen)
          height.push_back(
              std::abs(clip->tracks.ends[e][f].radius_px / truth.ends[e][f].half_height_px - 1.0));
    return quantile(height, 0.5);
  }());
  for (const Rep& rep : a->reps) {
    const auto at = static_cast<std::size_t>(rep.number - 1);
    if (at >= truth.reps.size()) continue;
    const Measure* tilt = findMeasure(a->measures, MeasureId::kBarTilt, rep.number);
    if (!side && tilt != nullptr && tilt->status == MeasureStatus::kOk) {
      double truly = 0.0;
      for (std::size_t f = rep.start_frame; f <= rep.end_frame && f < truth.tilt_deg.size(); ++f)
        truly = std::max(truly, std::abs(truth.tilt_deg[f]));
      g.tilt_deg.push_back(std::abs(tilt->value.value - truly));
    }
    const Measure* forward = findMeasure(a->measures, MeasureId::kBarForwardMax, rep.number);
    if (joints && forward != nullptr && forward->status == MeasureStatus::kOk)
      g.forward_cm.push_back(std::abs(forward->value.value - 100.0 * truth.reps[at].bar_forward_m));
  }
  if (joints) addJoints(clip->tracks, truth, *a, g);
  if (!side) return;
  g.body.push_back(std::abs(a->body_scale.value / truth.body_scale_mm_per_px - 1.0));
  g.yaw_deg.push_back(std::abs(a->yaw_deg.value - truth.yaw_deg));
}

void printGroup(const std::string& name, const Group& g) {
  std::printf(
      "| %s | %d | %d | %d | %d / %d | %d | %zu | %s | %s | %s | %s | %s | %s | %s | %s |\n", name.c_str(),
      g.clips, g.view_right, g.end_right, g.lift_right, g.lift_wrong, g.reps_right, g.joint.size(),
      (cell("%.2f", g.bar_px, quantile(g.bar_px, 0.5)) + " (" + cell("%.2f", g.bar_px, worst(g.bar_px)) + ")")
          .c_str(),
      (cell("%.1f", g.plate, 100.0 * quantile(g.plate, 0.5)) + " (" +
       cell("%.1f", g.plate, 100.0 * worst(g.plate)) + ")")
          .c_str(),
      cell("%.1f", g.body, 100.0 * worst(g.body)).c_str(), cell("%.1f", g.yaw_deg, worst(g.yaw_deg)).c_str(),
      cell("%.1f", g.forward_cm, worst(g.forward_cm)).c_str(),
      cell("%.1f", g.joint, 100.0 * quantile(g.joint, 0.5)).c_str(),
      cell("%.1f", g.angle_deg, quantile(g.angle_deg, 0.5)).c_str(),
      cell("%.1f", g.tilt_deg, worst(g.tilt_deg)).c_str());
}

}  // namespace

int printField(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  std::map<std::string, Group> by_lift, by_preset;
  for (const auto& path : clips) {
    const auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    const std::string view = truth->view == View::kSide ? "side" : "across";
    Group one;
    addClip(path, *truth, *network, one);
    // What stands out can be looked at.
    std::fprintf(stderr, "%s: view %d, reps %d, bar %.2f px, plate %.1f %%, angles %.1f\n",
                 path.stem().c_str(), one.view_right, one.reps_right, worst(one.bar_px),
                 100.0 * worst(one.plate), worst(one.angle_deg));
    for (Group* g : {&by_lift[std::string(nameOf(truth->lift)) + ", " + view],
                     &by_preset[view + ", " + truth->preset]}) {
      g->clips += one.clips;
      g->view_right += one.view_right;
      g->end_right += one.end_right;
      g->reps_right += one.reps_right;
      g->lift_right += one.lift_right;
      g->lift_wrong += one.lift_wrong;
      auto append = [](Errors& to, const Errors& from) { to.insert(to.end(), from.begin(), from.end()); };
      append(g->bar_px, one.bar_px);
      append(g->plate, one.plate);
      append(g->body, one.body);
      append(g->yaw_deg, one.yaw_deg);
      append(g->forward_cm, one.forward_cm);
      append(g->joint, one.joint);
      append(g->angle_deg, one.angle_deg);
      append(g->tilt_deg, one.tilt_deg);
    }
  }
  std::puts(
      "| films | number | side or across right | front or rear guessed right | lift surely right / wrong | "
      "reps exact | joints found | bar px RMS, "
      "median clip (worst) | scale at the plate %, "
      "median (worst) | at the body %, worst | yaw °, worst | bar forward cm, worst rep | joints, % of "
      "height, "
      "median | leans °, RMS, median clip | tilt °, worst rep |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|");
  for (const auto& [name, group] : by_lift) printGroup(name, group);
  for (const auto& [name, group] : by_preset) printGroup(name, group);
  return 0;
}

}  // namespace mottix
