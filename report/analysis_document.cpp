#include "report/analysis_document.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include <nlohmann/json.hpp>

#include "core/measure/curves.h"
#include "core/measure/phases.h"
#include "core/motion/camera_shake.h"
#include "report/wording.h"

namespace mottix {
namespace {

using Json = nlohmann::ordered_json;

// Documents carry what is meaningful, not sixteen digits of it.
double rounded(double value, int digits) {
  const double scale = std::pow(10.0, digits);
  return std::round(value * scale) / scale;
}

Json numberOrNull(double value, int digits) {
  return std::isfinite(value) ? Json(rounded(value, digits)) : Json(nullptr);
}

}  // namespace

Json toJson(const ClipFacts& clip, const ClipTracks& tracks, const Analysis& analysis) {
  Json doc;
  doc["schema"] = kAnalysisSchema;
  doc["made_by"] = kAnalysisVersion;
  doc["clip"] = {{"file", clip.file},
                 {"sha256", clip.sha256},
                 {"width", clip.width_px},
                 {"height", clip.height_px},
                 {"rotation_deg", clip.rotation_deg},
                 {"frames", clip.frames},
                 {"duration_s", rounded(clip.duration_s, 4)},
                 {"variable_rate", clip.variable_rate}};
  if (analysis.on) {
    doc["lift"] = nameOf(analysis.on->input.lift);
    doc["load_kg"] = analysis.on->input.load_kg ? Json(*analysis.on->input.load_kg) : Json(nullptr);
  }
  doc["view"] = {{"kind", nameOf(analysis.view)},
                 {"facing", nameOf(analysis.facing)},
                 {"yaw_deg", rounded(analysis.yaw_deg.value, 2)},
                 {"yaw_sd_deg", rounded(analysis.yaw_deg.sd, 2)},
                 {"pitch_deg", rounded(analysis.camera.pitch_deg(), 2)},
                 {"roll_deg", rounded(analysis.camera.roll_deg, 2)},
                 {"camera_moved_px", rounded(greatestShake_px(tracks), 1)},
                 {"distance_m", rounded(analysis.distance_m.value, 3)},
                 {"distance_sd_m", rounded(analysis.distance_m.sd, 3)}};
  if (analysis.bar_m) {
    doc["view"]["bar_length_m"] = rounded(analysis.bar_m->value, 3);
    doc["view"]["bar_length_sd_m"] = rounded(analysis.bar_m->sd, 3);
  }
  if (analysis.lens_k1) {
    doc["view"]["lens_k1"] = rounded(analysis.lens_k1->value, 4);
    doc["view"]["lens_k1_sd"] = rounded(analysis.lens_k1->sd, 4);
  }
  if (analysis.stature) {
    doc["view"]["stature"] = rounded(analysis.stature->value, 4);
    doc["view"]["stature_sd"] = rounded(analysis.stature->sd, 4);
  }
  doc["scale"] = {{"mm_per_px", rounded(analysis.plate_scale.value, 5)},
                  {"sd", rounded(analysis.plate_scale.sd, 5)},
                  {"body_mm_per_px", rounded(analysis.body_scale.value, 5)},
                  {"body_sd", rounded(analysis.body_scale.sd, 5)}};
  if (!analysis.lines.empty()) {
    Json lines = Json::array();
    for (const LineReading& line : analysis.lines)
      lines.push_back(
          {{"off", rounded(line.off.value, 4)}, {"sd", rounded(line.off.sd, 4)}, {"used", line.used}});
    doc["lines"] = std::move(lines);
  }
  if (analysis.trust)
    doc["trust"] = {{"measure", definitionOf(MeasureId::kHipBelowKnee).name},
                    {"sd_cm", rounded(analysis.trust->depth_cm.sd, 2)},
                    {"weakest", nameOf(analysis.trust->weakest)},
                    {"sd_cm_if_known", rounded(analysis.trust->sd_if_known_cm, 2)}};
  Json frames = Json::array();
  for (std::size_t i = 0; i < tracks.frameCount(); ++i) {
    Json frame = {{"index", i}, {"time_s", rounded(tracks.time_s[i], 5)}};
    const BarSample& bar = tracks.bar[i];
    if (bar.state == TrackState::kLost)
      frame["bar"] = {{"state", nameOf(bar.state)}};
    else
      frame["bar"] = {{"x_px", rounded(bar.p_px.x(), 3)},
                      {"y_px", rounded(bar.p_px.y(), 3)},
                      {"sd_px", rounded(bar.sd_px, 3)},
                      {"state", nameOf(bar.state)}};
    if (tracks.across()) {
      Json ends = Json::array();
      for (const auto& end : tracks.ends) {
        const BarSample& s = end[i];
        if (s.state == TrackState::kLost)
          ends.push_back({{"state", nameOf(s.state)}});
        else
          ends.push_back({{"x_px", rounded(s.p_px.x(), 3)},
                          {"y_px", rounded(s.p_px.y(), 3)},
                          {"sd_px", rounded(s.sd_px, 3)},
                          {"state", nameOf(s.state)}});
      }
      frame["ends"] = std::move(ends);
    }
    Json joints = Json::object();
    for (std::size_t j = 0; j < kJointCount; ++j) {
      if (!tracks.has(static_cast<Joint>(j)) || !tracks.joints[j][i].known) continue;
      const JointSample& s = tracks.joints[j][i];
      joints[std::string(kJointNames[j])] = {
          {"x_px", rounded(s.p_px.x(), 3)}, {"y_px", rounded(s.p_px.y(), 3)}, {"sd_px", rounded(s.sd_px, 3)}};
    }
    frame["joints"] = std::move(joints);
    frames.push_back(std::move(frame));
  }
  doc["frames"] = std::move(frames);
  doc["reps"] = Json::array();
  for (const Rep& rep : analysis.reps)
    doc["reps"].push_back({{"number", rep.number},
                           {"start_s", rounded(rep.start_s.value, 4)},
                           {"turn_s", rounded(rep.turn_s.value, 4)},
                           {"leave_s", rounded(rep.leave_s.value, 4)},
                           {"end_s", rounded(rep.end_s.value, 4)},
                           {"cut_start", rep.cut_start},
                           {"cut_end", rep.cut_end},
                           {"failed", rep.failed},
                           {"short", rep.is_short}});
  doc["phases"] = Json::array();
  if (analysis.on)
    for (const Phase& phase : findPhases(analysis.on->input, analysis.reps))
      doc["phases"].push_back({{"kind", nameOf(phase.kind)},
                               {"rep", phase.rep},
                               {"first_frame", phase.first},
                               {"last_frame", phase.last}});
  doc["measures"] = Json::array();
  for (const Measure& m : analysis.measures) {
    const auto& definition = definitionOf(m.id);
    const bool known = m.status == MeasureStatus::kOk || m.status == MeasureStatus::kImprecise;
    doc["measures"].push_back({{"id", definition.name},
                               {"rep", m.rep},
                               {"value", known ? numberOrNull(m.value.value, 4) : Json(nullptr)},
                               {"unit", definition.unit},
                               {"sd", known ? numberOrNull(m.value.sd, 4) : Json(nullptr)},
                               {"status", nameOf(m.status)},
                               {"note", noteOf(m.status).toStdString()},
                               {"frame", m.frame}});
  }
  doc["findings"] = Json::array();
  const auto known = [](const Finding& f) { return f.certainty != Certainty::kCantTell; };
  for (const Finding& f : analysis.findings)
    doc["findings"].push_back({{"rule", f.rule},
                               {"reps", f.reps},
                               {"severity", nameOf(f.severity)},
                               {"certainty", nameOf(f.certainty)},
                               {"reason", nameOf(f.reason)},
                               {"event", f.event},
                               {"measure", definitionOf(f.measure).name},
                               {"value", known(f) ? numberOrNull(f.value.value, 4) : Json(nullptr)},
                               {"sd", known(f) ? numberOrNull(f.value.sd, 4) : Json(nullptr)},
                               {"limit", f.limit},
                               {"big", f.big},
                               {"exception", f.exception},
                               {"overruled", f.overruled},
                               {"frame", f.frame}});
  doc["decision"] = {{"action", nameOf(analysis.decision.action)},
                     {"reason", nameOf(analysis.decision.reason)},
                     {"next_load_kg", analysis.decision.next_load_kg ? Json(*analysis.decision.next_load_kg)
                                                                     : Json(nullptr)}};
  doc["warnings"] = Json::array();
  for (Warning w : analysis.warnings) doc["warnings"].push_back(nameOf(w));
  return doc;
}

Expected<MeasuredDocument> parseMeasured(const std::string& text, const std::string& file_name) {
  const auto bad = [&](const std::string& what) {
    return fail(Remedy::kCorrectInput, "“" + file_name + "”: " + what);
  };
  const Json doc = Json::parse(text, nullptr, false);
  if (doc.is_discarded()) return bad("this is not JSON.");
  const auto text_of = [](const Json& from, const char* key) {
    const auto at = from.find(key);
    return at != from.end() && at->is_string() ? at->get<std::string>() : std::string();
  };
  if (!doc.is_object() || text_of(doc, "schema") != kAnalysisSchema)
    return bad("this is no analysis (“" + std::string(kAnalysisSchema) +
               "”); write one with analyse --json.");
  MeasuredDocument out;
  if (const auto lift = doc.find("lift"); lift != doc.end() && lift->is_string())
    out.lift = liftNamed(lift->get<std::string>());
  if (const auto load = doc.find("load_kg"); load != doc.end() && load->is_number())
    out.load_kg = load->get<double>();
  if (const auto view = doc.find("view"); view != doc.end() && view->is_object())
    out.view = viewNamed(text_of(*view, "kind")).value_or(View::kSide);
  const auto reps = doc.find("reps"), measures = doc.find("measures");
  if (reps == doc.end() || !reps->is_array() || measures == doc.end() || !measures->is_array())
    return bad("it holds no reps or no measures.");
  out.reps = static_cast<int>(reps->size());
  const auto number = [](const Json& entry, const char* key) {
    const auto at = entry.find(key);
    return at != entry.end() && at->is_number() ? at->get<double>() : 0.0;
  };
  for (const Json& entry : *measures) {
    if (!entry.is_object() || !entry.contains("id") || !entry["id"].is_string() ||
        !entry.contains("status") || !entry["status"].is_string())
      return bad("a measure needs an id and a status.");
    const MeasureDefinition* d = findMeasure(entry["id"].get<std::string>());
    const auto status = measureStatusNamed(entry["status"].get<std::string>());
    if (d == nullptr)
      return bad("the measure “" + entry["id"].get<std::string>() + "” is not in the catalogue.");
    if (!status) return bad("the status “" + entry["status"].get<std::string>() + "” is not known.");
    const Estimate value{number(entry, "value"), number(entry, "sd")};
    if (!std::isfinite(value.value) || !(value.sd >= 0.0)) return bad("a standard deviation is negative.");
    out.measures.push_back({d->id, static_cast<int>(std::clamp(number(entry, "rep"), 0.0, 1e4)), value,
                            *status, static_cast<std::size_t>(std::clamp(number(entry, "frame"), 0.0, 1e9))});
  }
  return out;
}

std::string toCsv(const Analysis& analysis) {
  std::string out = "measure,rep,value,unit,sd,status,note\r\n";
  for (const Measure& m : analysis.measures) {
    const auto& definition = definitionOf(m.id);
    const bool known = m.status == MeasureStatus::kOk || m.status == MeasureStatus::kImprecise;
    auto number = [&](double v) {
      if (!known || !std::isfinite(v)) return std::string();
      char text[32];
      std::snprintf(text, sizeof text, "%.4f", v);
      return std::string(text);
    };
    // The notes are ours and hold commas; quotes never.
    out += std::string(definition.name) + ',' + std::to_string(m.rep) + ',' + number(m.value.value) + ',' +
           std::string(definition.unit) + ',' + number(m.value.sd) + ',' + std::string(nameOf(m.status)) +
           ",\"" + noteOf(m.status).toStdString() + "\"\r\n";
  }
  return out;
}

Expected<std::vector<PlacedPoints>> parsePlacedPoints(const std::string& text, const std::string& file_name) {
  auto bad = [&](const std::string& what) {
    return fail(Remedy::kCorrectInput,
                "“" + file_name + "”: " + what +
                    " Expected is {\"frame\": 0, \"points\": {\"hip\": [x, y], …}} or a list.");
  };
  const Json doc = Json::parse(text, nullptr, false);
  if (doc.is_discarded()) return bad("this is not JSON.");
  const Json list = doc.is_array() ? doc : Json::array({doc});
  std::vector<PlacedPoints> out;
  for (const Json& entry : list) {
    if (!entry.is_object() || !entry.contains("frame") || !entry["frame"].is_number_integer() ||
        entry["frame"].get<std::int64_t>() < 0)
      return bad("an entry has no frame number.");
    if (!entry.contains("points") || !entry["points"].is_object()) return bad("an entry has no points.");
    PlacedPoints points;
    points.frame = entry["frame"].get<std::size_t>();
    for (const auto& [name, p] : entry["points"].items()) {
      const auto joint = jointNamed(name);
      if (!joint) return bad("“" + name + "” is not a joint.");
      const bool pair = p.is_array() && p.size() == 2 && p[0].is_number() && p[1].is_number();
      const Vec2 at = pair ? Vec2(p[0].get<double>(), p[1].get<double>()) : Vec2(NAN, NAN);
      if (!at.allFinite() || at.cwiseAbs().maxCoeff() > 1e5)
        return bad("the place of “" + name + "” is not [x, y].");
      points.joints[indexOf(*joint)] = at;
    }
    out.push_back(points);
  }
  if (out.empty()) return bad("there is no point in it.");
  return out;
}

std::string curvesCsv(const Analysis& analysis) {
  std::string out = "frame,time_s";
  if (!analysis.on) return out + "\r\n";
  const MeasureInput& input = analysis.on->input;
  std::vector<std::vector<CurvePoint>> curves;
  for (const CurveDefinition& d : curveCatalogue()) {
    auto curve = computeCurve(input, d.id);
    if (std::none_of(curve.begin(), curve.end(), [](const CurvePoint& p) { return p.known; })) continue;
    out += ',' + std::string(d.name) + ',' + std::string(d.name) + "_sd";
    curves.push_back(std::move(curve));
  }
  out += "\r\n";
  auto number = [](double v) {
    char text[32];
    std::snprintf(text, sizeof text, ",%.4f", v);
    return std::string(text);
  };
  for (std::size_t f = 0; f < input.tracks->frameCount(); ++f) {
    out += std::to_string(f) + number(input.tracks->time_s[f]);
    for (const auto& curve : curves)
      out += curve[f].known ? number(curve[f].value.value) + number(curve[f].value.sd) : std::string(",,");
    out += "\r\n";
  }
  return out;
}

}  // namespace mottix
