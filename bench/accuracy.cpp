#include "bench/accuracy.h"
#include "core/motion/joint_corrections.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <string>

#include "bench/clip_truth.h"
#include "vision/analyse_clip.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

struct Row {
  std::string name, bar, reps, joints, measures, findings;
};

double rms(const std::vector<double>& e) {
  double sum = 0.0;
  for (double v : e) sum += v * v;
  return e.empty() ? 0.0 : std::sqrt(sum / static_cast<double>(e.size()));
}

template <typename... Args>
std::string text(const char* format, Args... args) {
  char buffer[512];
  std::snprintf(buffer, sizeof buffer, format, args...);
  return buffer;
}

std::string barCells(const ClipTracking& clip, const ClipTruth& truth, const Analysis& a) {
  std::vector<double> error;
  std::size_t unseen = 0;
  for (std::size_t i = 0; i < std::min(clip.tracks.bar.size(), truth.plate_px.size()); ++i) {
    const BarSample& s = clip.tracks.bar[i];
    if (s.state == TrackState::kSeen)
      error.push_back((s.p_px - truth.plate_px[i]).norm());
    else
      ++unseen;
  }
  const double worst = error.empty() ? 0.0 : *std::max_element(error.begin(), error.end());
  // Camera in the table: the error, and in brackets over the stated standard deviation.
  const Estimate roll =
      estimateFrom(a.camera, a.camera_errors, [](const SideCamera& c) { return c.roll_deg; });
  auto against = [](const Estimate& e, double truly) {
    return text("%+.1f (%.1f)", e.value - truly, std::abs(e.value - truly) / std::max(1e-9, e.sd));
  };
  return text("%.2f | %.2f | %zu | %+.2f %% | %+.1f %% | %s | %s", rms(error), worst, unseen,
              100.0 * (a.plate_scale.value / truth.scale_mm_per_px - 1.0),
              100.0 * (a.body_scale.value / truth.body_scale_mm_per_px - 1.0),
              against(a.yaw_deg, truth.yaw_deg).c_str(), against(roll, truth.roll_deg).c_str());
}

std::string repCells(const Analysis& a, const ClipTruth& truth, const std::vector<double>& time_s) {
  const double frame_s = (time_s.back() - time_s.front()) / static_cast<double>(time_s.size() - 1);
  double start = 0.0, turn = 0.0, end = 0.0;
  for (std::size_t r = 0; r < std::min(a.reps.size(), truth.reps.size()); ++r) {
    start = std::max(start, std::abs(a.reps[r].start_s.value - truth.reps[r].start_s) / frame_s);
    turn = std::max(turn, std::abs(a.reps[r].turn_s.value - truth.reps[r].turn_s) / frame_s);
    end = std::max(end, std::abs(a.reps[r].end_s.value - truth.reps[r].end_s) / frame_s);
  }
  return text("%zu / %zu | %.1f | %.1f | %.1f", a.reps.size(), truth.reps.size(), turn, start, end);
}

std::string jointCells(const ClipTracks& tracks, const ClipTruth& truth) {
  std::string out;
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kShoulder}) {
    std::vector<double> error, ratio;
    for (std::size_t i = 0; i < tracks.frameCount(); ++i) {
      const JointSample& s = tracks.track(j)[i];
      if (!s.known) continue;
      error.push_back((s.p_px - truth.joint_px[indexOf(j)][i]).norm());
      ratio.push_back(error.back() / std::sqrt(2.0) / std::max(0.5, s.sd_px));
    }
    out += text("%s%.1f (%.1f)", out.empty() ? "" : " | ", rms(error), rms(ratio));
  }
  return out;
}

// Error of a measure over the reps, and error over stated standard deviation (should be about 1 or less).
std::string measureCell(const Analysis& a, const ClipTruth& truth, MeasureId id, double to_unit,
                        double TrueRep::*exact) {
  std::vector<double> error, ratio;
  for (const Rep& rep : a.reps) {
    const Measure* m = findMeasure(a.measures, id, rep.number);
    const auto at = static_cast<std::size_t>(rep.number - 1);
    if (m == nullptr || m->status != MeasureStatus::kOk || at >= truth.reps.size()) continue;
    error.push_back(m->value.value - to_unit * truth.reps[at].*exact);
    ratio.push_back(error.back() / m->value.sd);
  }
  return text("%.1f (%.1f)", rms(error), rms(ratio));
}

std::string findingCells(const Analysis& a, const ClipTruth& truth) {
  std::string found, wrong;
  for (const auto& [rule, planted] : {std::pair{"squat.high", &TrueRep::high},
                                      {"squat.hips_first", &TrueRep::hips_first},
                                      {"squat.bar_forward", &TrueRep::bar_forward}}) {
    for (std::size_t r = 0; r < truth.reps.size(); ++r) {
      const Finding* hit = nullptr;
      for (const Finding& f : a.findings)
        if (f.rule == rule &&
            std::find(f.reps.begin(), f.reps.end(), static_cast<int>(r + 1)) != f.reps.end())
          hit = &f;
      const bool real = truth.reps[r].*planted;
      if (real)
        found += text("%s%s rep %zu: %s", found.empty() ? "" : ", ", rule + 6, r + 1,
                      hit == nullptr ? "MISSED" : std::string(nameOf(hit->certainty)).c_str());
      else if (hit != nullptr && hit->certainty == Certainty::kClear)
        wrong += text("%s%s rep %zu", wrong.empty() ? "" : ", ", rule + 6, r + 1);
    }
  }
  return (found.empty() ? "none planted" : found) + " | " + (wrong.empty() ? "none" : wrong);
}

}  // namespace

int printAccuracy(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models) {
  auto network = BodyPointNetwork::load(models);
  if (!network) {
    std::fprintf(stderr, "%s\n", network.error().text.c_str());
    return 1;
  }
  std::vector<Row> rows;
  for (const auto& path : clips) {
    auto truth = loadTruth(path);
    if (!truth) {
      std::fprintf(stderr, "%s\n", truth.error().text.c_str());
      return 1;
    }
    Row row;
    row.name = path.stem().string();
    auto clip = trackBar(path);
    AnalysisSettings settings;
    settings.bar.load_kg = truth->load_kg;
    settings.lift = truth->lift;
    JointTracks raw;
    Expected<void> carried;
    if (clip)
      carried = trackPlacedJoints(path, *clip, {450.0, truth->load_kg}, truth->lift, {}, truth->first,
                                  &*network, raw);
    if (!clip || !carried) {
      row.bar = (clip ? carried.error() : clip.error()).text;
      rows.push_back(row);
      continue;
    }
    layCorrections(clip->tracks, raw, {truth->first});
    auto a = analyse(clip->tracks, clip->axis, settings, builtInRuleBook());
    if (!a) {
      row.bar = a.error().text;
      rows.push_back(row);
      continue;
    }
    row.bar = barCells(*clip, *truth, *a);
    row.reps = repCells(*a, *truth, clip->tracks.time_s);
    row.joints = jointCells(clip->tracks, *truth);
    row.measures = measureCell(*a, *truth, MeasureId::kHipBelowKnee, 100.0, &TrueRep::depth_m) + " | " +
                   measureCell(*a, *truth, MeasureId::kTrunkChange, 1.0, &TrueRep::trunk_gain_deg) + " | " +
                   measureCell(*a, *truth, MeasureId::kBarForwardMax, 100.0, &TrueRep::bar_forward_m);
    row.findings = findingCells(*a, *truth);
    rows.push_back(row);
    std::fprintf(stderr, "%s\n", row.name.c_str());
  }
  std::puts("### Bar and reps\n");
  std::puts(
      "| clip | bar RMS px | bar worst px | frames not seen | scale at the plate | at the body | yaw ° | "
      "roll ° | "
      "reps | turn, frames | start | end |");
  std::puts("|---|---|---|---|---|---|---|---|---|---|---|---|");
  for (const Row& r : rows) std::printf("| %s | %s | %s |\n", r.name.c_str(), r.bar.c_str(), r.reps.c_str());
  std::puts("\n### Joints and measures: RMS error (and error over stated standard deviation)\n");
  std::puts(
      "| clip | hip px | knee px | shoulder px | hip below knee cm | trunk change deg | bar forward cm |");
  std::puts("|---|---|---|---|---|---|---|");
  for (const Row& r : rows)
    std::printf("| %s | %s | %s |\n", r.name.c_str(), r.joints.c_str(), r.measures.c_str());
  std::puts("\n### Findings\n");
  std::puts("| clip | planted, and how certain it was found | clear findings without a planted fault |");
  std::puts("|---|---|---|");
  for (const Row& r : rows) std::printf("| %s | %s |\n", r.name.c_str(), r.findings.c_str());
  return 0;
}

}  // namespace mottix
