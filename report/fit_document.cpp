#include "report/fit_document.h"

#include <cmath>

#include <nlohmann/json.hpp>

#include "report/fit_wording.h"

namespace mottix {
namespace {

using Json = nlohmann::ordered_json;

double rounded(double v, double steps_a_unit = 100.0) {
  return std::round(v * steps_a_unit) / steps_a_unit + 0.0;
}

std::string_view nameOf(PostureLimit limit) {
  switch (limit) {
    case PostureLimit::kNone:
      return "none";
    case PostureLimit::kAnkle:
      return "ankle";
    case PostureLimit::kKnee:
      return "knee";
    case PostureLimit::kHip:
      return "hip";
    case PostureLimit::kTrunk:
      return "trunk";
    case PostureLimit::kStance:
      return "stance";
    case PostureLimit::kDepth:
      return "depth";
    case PostureLimit::kBalance:
      return "balance";
  }
  return "none";
}
std::string_view nameOf(DeadliftLimit limit) {
  switch (limit) {
    case DeadliftLimit::kNone:
      return "none";
    case DeadliftLimit::kShin:
      return "shin";
    case DeadliftLimit::kArms:
      return "arms";
    case DeadliftLimit::kReach:
      return "reach";
    case DeadliftLimit::kAnkle:
      return "ankle";
  }
  return "none";
}
std::string_view nameOf(BenchLimit limit) {
  switch (limit) {
    case BenchLimit::kNone:
      return "none";
    case BenchLimit::kTooWide:
      return "grip_too_wide";
    case BenchLimit::kTooNarrow:
      return "grip_too_narrow";
  }
  return "none";
}
Json headOf(const std::string& name, std::string_view lift, const Body& body) {
  Json doc;
  doc["schema"] = kFitSchema;
  if (!name.empty()) doc["name"] = name;
  doc["lift"] = lift;
  Json lengths = Json::object();
  for (std::size_t i = 0; i < kSegmentCount; ++i) {
    const BodyLength& l = body.lengths[i];
    lengths[std::string(mottix::nameOf(static_cast<Segment>(i)))] = {{"cm", rounded(100.0 * l.m.value)},
                                                                     {"sd", rounded(100.0 * l.m.sd)},
                                                                     {"source", mottix::nameOf(l.source)}};
  }
  doc["body"] = {{"height_cm", rounded(100.0 * body.height_m)},
                 {"mass_kg", rounded(body.mass_kg)},
                 {"mass_stated", body.mass_stated},
                 {"lengths", lengths},
                 {"dorsiflexion_deg", rounded(body.dorsiflexion_deg)},
                 {"dorsiflexion_measured", body.dorsiflexion_measured}};
  return doc;
}

Json listOf(const std::vector<Suggestion>& suggestions) {
  Json out = Json::array();
  for (const Suggestion& s : suggestions) {
    Json entry = {{"id", s.id}};
    if (s.value)
      entry["value"] = rounded(*s.value, 10.0);
    else
      entry["value"] = s.choice;
    entry["unit"] = s.unit;
    entry["reason"] = fitReasonWords(s.reason).toStdString();
    entry["school"] = s.school;
    out.push_back(entry);
  }
  return out;
}
Json listOf(const std::vector<FitCaution>& cautions) {
  Json out = Json::array();
  for (FitCaution c : cautions) out.push_back(fitCautionWords(c).toStdString());
  return out;
}

// What the postures of squat and deadlift have in common.
template <typename Posture>
void addPosture(Json& out, const Posture& p) {
  out["trunk_lean_deg"] = rounded(p.trunk_lean_deg);
  out["shin_lean_deg"] = rounded(p.shin_lean_deg);
  out["thigh_deg"] = rounded(p.thigh_deg);
  out["hip_flexion_deg"] = rounded(p.hip_flexion_deg);
  out["knee_flexion_deg"] = rounded(p.knee_flexion_deg);
  out["hip_lever_cm"] = rounded(100.0 * p.hip_lever_m);
  out["knee_lever_cm"] = rounded(100.0 * p.knee_lever_m);
  out["hip_moment_nm"] = rounded(p.hip_moment_nm, 10.0);
  out["knee_moment_nm"] = rounded(p.knee_moment_nm, 10.0);
  out["bar_over_midfoot_cm"] = rounded(100.0 * p.bar.x());
}

Json postureOf(const DeadliftSolution& s) {
  Json out = {{"feasible", s.feasible}, {"limited_by", nameOf(s.limited_by)}};
  if (!s.feasible) return out;
  addPosture(out, s.posture);
  out["arm_deg"] = rounded(s.posture.arm_deg);
  out["hip_height_cm"] = rounded(100.0 * s.posture.hip_height_m);
  out["knee_ahead_of_arm_cm"] = rounded(100.0 * s.posture.knee_ahead_of_arm_m);
  return out;
}

}  // namespace

Json toJson(const std::string& name, const Body& body, SquatSchool school, const SquatFit& fit) {
  Json doc = headOf(name, "squat", body);
  const SquatSetup& s = fit.setup;
  doc["variant"] = nameOf(s.bar);
  doc["school"] = mottix::nameOf(school);
  doc["setup"] = {{"stance_cm", rounded(100.0 * s.heel_distance_m)},
                  {"toe_out_deg", rounded(s.toe_out_deg)},
                  {"heel_mm", rounded(1000.0 * s.heel_raise_m)},
                  {"hip_below_knee_cm", rounded(100.0 * s.hip_below_knee_m)},
                  {"load_kg", s.load_kg}};
  Json posture = {{"feasible", fit.solution.feasible}, {"limited_by", nameOf(fit.solution.limited_by)}};
  if (fit.solution.feasible) {
    addPosture(posture, fit.solution.posture);
    posture["knee_past_toe_cm"] = rounded(100.0 * fit.solution.posture.knee_past_toe_m);
  }
  if (fit.deepest.hip_below_knee_m) {
    posture["deepest_hip_below_knee_cm"] = rounded(100.0 * *fit.deepest.hip_below_knee_m, 10.0);
    posture["deepest_limited_by"] = nameOf(fit.deepest.limited_by);
  }
  doc["posture"] = posture;
  doc["suggestions"] = listOf(fit.suggestions);
  doc["cautions"] = listOf(fit.cautions);
  return doc;
}

Json toJson(const std::string& name, const Body& body, DeadliftSchool school, const DeadliftFit& fit) {
  Json doc = headOf(name, "deadlift", body);
  const DeadliftSetup& s = fit.setup;
  const bool sumo = s.style == DeadliftStyle::kSumo;
  doc["variant"] = sumo ? "sumo" : "conventional";
  doc["school"] = mottix::nameOf(school);
  doc["setup"] = {{"stance_cm", rounded(100.0 * s.heel_distance_m)},
                  {"toe_out_deg", rounded(s.toe_out_deg)},
                  {"grip_cm", rounded(100.0 * s.hand_distance_m)},
                  {"load_kg", s.load_kg}};
  doc["posture"] = postureOf(fit.solution());
  doc["other_style"] = postureOf(sumo ? fit.conventional : fit.sumo);
  doc["suggestions"] = listOf(fit.suggestions);
  doc["cautions"] = listOf(fit.cautions);
  return doc;
}

Json toJson(const std::string& name, const Body& body, BenchSchool school, const BenchFit& fit) {
  Json doc = headOf(name, "bench", body);
  doc["variant"] = "flat";
  doc["school"] = mottix::nameOf(school);
  doc["setup"] = {{"grip_cm", rounded(100.0 * fit.setup.grip_m)},
                  {"chest_over_shoulder_cm", rounded(100.0 * fit.setup.chest_over_shoulder_m)},
                  {"load_kg", fit.setup.load_kg}};
  Json posture = {{"feasible", fit.solution.feasible}, {"limited_by", nameOf(fit.solution.limited_by)}};
  if (fit.solution.feasible) {
    const BenchPosture& p = fit.solution.posture;
    posture["elbow_flexion_deg"] = rounded(p.elbow_flexion_deg);
    posture["upper_arm_deg"] = rounded(p.upper_arm_deg);
    posture["touch_from_shoulder_cm"] = rounded(100.0 * p.touch_from_shoulder_m);
    posture["range_of_motion_cm"] = rounded(100.0 * p.range_of_motion_m);
    posture["shoulder_lever_cm"] = rounded(100.0 * p.shoulder_lever_m);
    posture["shoulder_moment_nm"] = rounded(p.shoulder_moment_nm, 10.0);
  }
  doc["posture"] = posture;
  doc["suggestions"] = listOf(fit.suggestions);
  doc["cautions"] = listOf(fit.cautions);
  return doc;
}

}  // namespace mottix
