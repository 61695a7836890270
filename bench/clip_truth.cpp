#include "bench/clip_truth.h"

#include <cmath>
#include <fstream>
#include <numbers>

#include <nlohmann/json.hpp>

#include "core/verdict/rule_book.h"

namespace mottix {

namespace {

using Json = nlohmann::json;

Eigen::Vector3d vectorOf(const Json& m) {
  return {m.at(0).get<double>(), m.at(1).get<double>(), m.at(2).get<double>()};
}

// A point of the room in the picture: camera, lens and hand.
Vec2 seenOn(const Json& camera, const Json& frame, const Eigen::Vector3d& m) {
  Eigen::Vector3d p = vectorOf(camera.at("t_world_to_cam"));
  for (std::size_t row = 0; row < 3; ++row)
    p[static_cast<Eigen::Index>(row)] += vectorOf(camera.at("R_world_to_cam").at(row)).dot(m);
  const Vec2 d = p.head<2>() / p.z();
  const Vec2 bent = (1.0 + camera.value("k1", 0.0) * d.squaredNorm()) * camera.at("fx").get<double>() * d +
                    Vec2(camera.at("cx"), camera.at("cy"));
  if (!frame.contains("image_affine")) return bent;
  const Json& hand = frame.at("image_affine");
  const Eigen::Vector3d seen(bent.x(), bent.y(), 1.0);
  return {vectorOf(hand.at(0)).dot(seen), vectorOf(hand.at(1)).dot(seen)};
}

std::array<TrueEnd, 2> endsOn(const Json& camera, const Json& frame) {
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
    out[e++] = {seenOn(camera, frame, at),
                0.5 * (seenOn(camera, frame, at - up) - seenOn(camera, frame, at + up)).norm()};
  }
  if (out[0].at_px.x() > out[1].at_px.x()) std::swap(out[0], out[1]);
  return out;
}

View viewIn(const std::string& words) {
  if (words.starts_with("front") || words.starts_with("foot")) return View::kFront;
  return words.starts_with("rear") || words.starts_with("head") ? View::kRear : View::kSide;
}

}  // namespace

double lean_deg(const Vec2& from, const Vec2& to) {
  return std::atan2(to.x() - from.x(), from.y() - to.y()) * 180.0 / std::numbers::pi;
}

LoadedBar ClipTruth::bar() const {
  constexpr double kBar_kg = 20.0;
  if (dumbbell_mm > 0.0) return {dumbbell_mm, load_kg, Held::kDumbbells};
  return {450.0, load_kg, load_kg <= kBar_kg ? Held::kEmptyBar : Held::kPlates};
}

Expected<ClipTruth> loadTruth(const std::filesystem::path& clip) {
  const auto path = clip.parent_path() / (clip.stem().string() + ".truth.json");
  std::ifstream in(path);
  if (!in) return fail(Remedy::kChooseAnotherFile, "“" + path.string() + "” cannot be read.");
  const nlohmann::json doc = nlohmann::json::parse(in, nullptr, false);
  if (doc.is_discarded()) return fail(Remedy::kChooseAnotherFile, "“" + path.string() + "” is not JSON.");
  ClipTruth out;
  out.lift = liftNamed(doc.at("lift").get<std::string>()).value_or(Lift::kSquat);
  out.view = viewIn(doc.at("view"));
  out.preset = doc.value("preset", "");
  out.load_kg = doc.at("load_kg");
  out.begins_s = doc.value("begins_s", 0.0);
  if (doc.contains("bar")) out.dumbbell_mm = 1000.0 * doc["bar"].value("dumbbell_diameter_m", 0.0);
  out.scale_mm_per_px = doc.at("scale_plate_mm_per_px");
  if (doc.contains("athlete")) {
    const nlohmann::json& athlete = doc["athlete"];
    const nlohmann::json& segments = athlete.at("segments_m");
    const nlohmann::json& leg = segments.contains("right") ? segments["right"] : segments;
    out.height_m = athlete.at("height_m");
    out.thigh_m = leg.at("thigh");
    out.shank_m = leg.at("shank");
  }
  const std::string near = std::string(doc.at("view")).find("left") != std::string::npos ? "left_" : "right_";
  const nlohmann::json& camera = doc.at("camera");
  auto intoCamera = [&](const nlohmann::json& v) {
    Eigen::Vector3d seen = Eigen::Vector3d::Zero();
    for (int row = 0; row < 3; ++row)
      for (int k = 0; k < 3; ++k)
        seen[row] += camera.at("R_world_to_cam").at(row).at(k).get<double>() * v.at(k).get<double>();
    return seen;
  };
  const Eigen::Vector3d bar = intoCamera({0.0, 0.0, near == "right_" ? -1.0 : 1.0}),
                        up = intoCamera({0.0, 1.0, 0.0});
  constexpr double kDeg = std::numbers::pi / 180.0;
  out.yaw_deg = std::atan2(bar.x(), bar.z()) / kDeg;
  // The upright of the picture that turns into the true one by leaning along the bar.
  const Eigen::Vector3d level = up - bar * (up.z() / bar.z());
  out.roll_deg = std::atan2(level.x(), -level.y()) / kDeg;
  const nlohmann::json& middle = doc.at("frames").at(0).at("bar_mid").at("m");
  out.body_scale_mm_per_px = 1000.0 *
                             (intoCamera(middle).z() + camera.at("t_world_to_cam").at(2).get<double>()) /
                             camera.at("fx").get<double>();
  auto point = [](const nlohmann::json& p) { return Vec2(p.at("px").at(0), p.at("px").at(1)); };
  for (const auto& frame : doc.at("frames")) {
    out.plate_px.push_back(point(frame.at("plate_near")));
    auto jointOn = [&](const std::string& side, std::size_t j) {
      return point(frame.at("joints").at(side + std::string(kJointNames[j])));
    };
    for (std::size_t j = 0; j < kSideJointCount; ++j) {
      const Joint joint = static_cast<Joint>(j);
      if (out.view == View::kSide) {
        out.joint_px[j].push_back(jointOn(near, j));
        const auto& m = frame.at("joints").at(near + std::string(kJointNames[j])).at("m");
        out.joint_m[j].push_back(Vec2(m.at(0), m.at(1)));
        continue;
      }
      Vec2 left = jointOn("left_", j), right = jointOn("right_", j);
      if (left.x() > right.x()) std::swap(left, right);
      out.joint_px[j].push_back(left);
      out.joint_px[indexOf(onRight(joint))].push_back(right);
    }
    if (out.view == View::kSide) continue;
    const auto ends = endsOn(camera, frame);
    for (std::size_t e = 0; e < 2; ++e) out.ends[e].push_back(ends[e]);
    const Eigen::Vector3d along =
        vectorOf(frame.at("bar_near").at("m")) - vectorOf(frame.at("bar_far").at("m"));
    out.tilt_deg.push_back(std::atan(along.y() / along.z()) / kDeg);
  }
  // The trunk as it stands under the bar: raised shoulders make it longer than at rest.
  const nlohmann::json& standing = doc.at("frames").at(0).at("joints");
  auto metres = [&](const char* joint, int axis) -> double {
    return standing.at(near + joint).at("m").at(axis);
  };
  out.trunk_m =
      std::hypot(metres("shoulder", 0) - metres("hip", 0), metres("shoulder", 1) - metres("hip", 1));
  for (const auto& event : doc.at("events")) {
    TrueRep rep{};
    rep.start_s = event.at("start");
    const bool pulled = out.lift == Lift::kDeadlift;
    rep.turn_s = 0.5 * (event.at(pulled ? "top" : "bottom").get<double>() +
                        event.at(pulled ? "lowering_start" : "ascent_start").get<double>());
    rep.end_s = event.at("end");
    out.reps.push_back(rep);
  }
  if (out.lift == Lift::kDeadlift) {
    constexpr std::size_t kBeforeFrames = 4;
    out.first.frame = doc.at("events").at(0).at("start_frame").get<std::size_t>() - kBeforeFrames;
  }
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder})
    out.first.joints[indexOf(j)] = out.joint_px[indexOf(j)][out.first.frame];
  for (const auto& m : doc.at("measured_per_rep")) {
    TrueRep& rep = out.reps.at(m.at("rep").get<std::size_t>() - 1);
    if (out.lift != Lift::kSquat) continue;
    rep.depth_m = m.at("depth_hip_below_knee_m");
    rep.trunk_gain_deg =
        m.at("trunk_max_ascent_deg").get<double>() - m.at("trunk_at_bottom_deg").get<double>();
    rep.bar_forward_m = m.at("bar_x_max_m");
  }
  for (const auto& fault : doc.at("faults")) {
    const std::string name = fault.at("fault");
    for (std::size_t r : fault.at("reps")) {
      TrueRep& rep = out.reps.at(r - 1);
      rep.high = rep.high || name == "insufficient depth";
      rep.hips_first = rep.hips_first || name.starts_with("hips rise");
      rep.bar_forward = rep.bar_forward || name.starts_with("bar drifts");
    }
  }
  return out;
}

}  // namespace mottix
