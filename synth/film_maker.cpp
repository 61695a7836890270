#include "synth/film_maker.h"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <future>
#include <random>

#include <nlohmann/json.hpp>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "synth/faults.h"
#include "media/film_writer.h"

namespace mottix {
namespace {

using Json = nlohmann::ordered_json;

double rounded(double v, int digits) {
  const double scale = std::pow(10.0, digits);
  return std::round(v * scale) / scale;
}
Json list(const Vec2& p) {
  return {rounded(p.x(), 3), rounded(p.y(), 3)};
}
Json list(const Vec3& p) {
  return {rounded(p.x(), 5), rounded(p.y(), 5), rounded(p.z(), 5)};
}

const Vec3& jointOf(const Side& side, Joint joint) {
  return side.joint[indexOf(joint)];
}

double depthOf(const LiftPose& pose) {
  return jointOf(pose.right, Joint::kKnee).y() - jointOf(pose.right, Joint::kHip).y();
}

constexpr double kSample_s = 1.0 / 240.0;

// What the exact motion does, sampled at 240 Hz.
Json measuredReps(const LiftMotion& motion, Lift lift) {
  Json out = Json::array();
  for (std::size_t r = 0; r < motion.events().size(); ++r) {
    const RepEvents e = motion.seenEvents(r);
    // The way up: from the turn to the end, or to the turn when the bar begins on the floor.
    const double up_from = lift == Lift::kDeadlift ? e.start_s : e.leave_s,
                 up_to = lift == Lift::kDeadlift ? e.turn_s : e.end_s;
    double x_max = -1e9, x_min = 1e9, lean_up = -1e9, peak = 0.0, slope = 0.0, narrow = 1e9;
    for (double t = e.start_s; t <= e.end_s; t += kSample_s) {
      const LiftPose pose = motion.at(t);
      x_max = std::max(x_max, pose.bar.x());
      x_min = std::min(x_min, pose.bar.x());
      if (std::abs(pose.bar_slope) > std::abs(slope)) slope = pose.bar_slope;
      if (t < up_from || t > up_to) continue;
      lean_up = std::max(lean_up, pose.trunk_lean_deg);
      peak = std::max(peak, (motion.at(t + kSample_s).bar.y() - pose.bar.y()) / kSample_s);
      auto apart = [&](Joint j) { return (jointOf(pose.right, j) - jointOf(pose.left, j)).norm(); };
      narrow = std::min(narrow, apart(Joint::kKnee) / apart(Joint::kAnkle));
    }
    const LiftPose turn = motion.at(e.turn_s);
    const double range = motion.at(up_to).bar.y() - motion.at(up_from).bar.y();
    Json rep = {
        {"rep", r + 1},
        {"bar_rom_m", rounded(range, 4)},
        {"bar_x_max_m", rounded(x_max, 4)},
        {"bar_x_min_m", rounded(x_min, 4)},
        {"ascent_s", rounded(up_to - up_from, 4)},
        {"descent_s", rounded(lift == Lift::kDeadlift ? e.end_s - e.leave_s : e.turn_s - e.start_s, 4)},
        {"peak_up_velocity_ms", rounded(peak, 4)},
        {"mean_up_velocity_ms", rounded(range / (up_to - up_from), 4)}};
    if (lift == Lift::kBench) {
      rep["touch_from_shoulder_m"] = rounded(turn.bar.x() - jointOf(turn.right, Joint::kShoulder).x(), 4);
      rep["pause_s"] = rounded(e.leave_s - e.turn_s, 4);
      rep["bar_slope"] = rounded(slope, 5);
    } else {
      rep["trunk_max_ascent_deg"] = rounded(lean_up, 3);
    }
    if (lift == Lift::kSquat) {
      rep["depth_hip_below_knee_m"] = rounded(depthOf(turn), 4);
      rep["trunk_at_bottom_deg"] = rounded(turn.trunk_lean_deg, 3);
      rep["min_knee_ankle_separation_ratio"] = rounded(narrow, 4);
    }
    if (lift == Lift::kDeadlift) {
      constexpr double kBefore_s = 0.5;
      rep["lean_gained_before_liftoff_deg"] =
          rounded(motion.at(e.start_s).trunk_lean_deg - motion.at(e.start_s - kBefore_s).trunk_lean_deg, 3);
    }
    out.push_back(std::move(rep));
  }
  return out;
}

Json plantedFaults(const FilmPlan& plan) {
  Json out = Json::array();
  for (const FaultKind& kind : faultKinds()) {
    if (kind.lift != plan.lift) continue;
    Json which = Json::array(), sizes = Json::array();
    for (std::size_t r = 0; r < repCount(plan); ++r)
      if (const double size = kind.size(plan, r); size > 0.0) {
        which.push_back(r + 1);
        sizes.push_back(rounded(size, 4));
      }
    if (!which.empty())
      out.push_back({{"fault", kind.words},
                     {"name", kind.name},
                     {"reps", which},
                     {"planned_size", sizes},
                     {"unit", kind.unit}});
  }
  return out;
}

Json eventsOf(const LiftMotion& motion, Lift lift, double interval_s) {
  Json out = Json::array();
  for (std::size_t r = 0; r < motion.events().size(); ++r) {
    const RepEvents e = motion.seenEvents(r);
    Json event = {{"rep", r + 1}};
    auto put = [&](const std::string& name, double t) { event[name] = rounded(t, 4); };
    auto frame = [&](const std::string& name, double t) {
      event[name + "_frame"] = std::lround(t / interval_s);
    };
    std::vector<std::pair<std::string, double>> moments = {{"start", e.start_s}};
    if (lift == Lift::kDeadlift)
      moments.insert(moments.end(),
                     {{"liftoff", e.start_s}, {"top", e.turn_s}, {"lowering_start", e.leave_s}});
    else
      moments.insert(moments.end(), {{"bottom", e.turn_s}, {"ascent_start", e.leave_s}, {"top", e.end_s}});
    moments.emplace_back("end", e.end_s);
    for (const auto& [name, t] : moments) put(name, t);
    for (const auto& [name, t] : moments) frame(name, t);
    out.push_back(std::move(event));
  }
  return out;
}

std::string viewWords(const FilmPlan& plan) {
  const bool lying = plan.lift == Lift::kBench;
  if (plan.view == View::kFront) return lying ? "foot end" : "front";
  if (plan.view == View::kRear) return lying ? "head end" : "rear";
  return plan.from_right ? "side (camera on the lifter's right)" : "side (camera on the lifter's left)";
}

const char* liftWord(Lift lift) {
  return lift == Lift::kSquat ? "squat" : lift == Lift::kBench ? "bench" : "deadlift";
}

}  // namespace

LifterBuild& FilmPlan::build() {
  return lift == Lift::kSquat ? squat.build : lift == Lift::kBench ? bench.build : deadlift.build;
}
const LifterBuild& FilmPlan::build() const {
  return lift == Lift::kSquat ? squat.build : lift == Lift::kBench ? bench.build : deadlift.build;
}

bool FilmPlan::standsWide() const {
  constexpr double kWide_m = 0.25;  // from the mid-plane to the ankle
  return lift == Lift::kDeadlift && deadlift.stance_half_m > kWide_m;
}

void FilmPlan::take(std::string_view preset_name) {
  preset = preset_name;
  const double width = width_px / 1280.0;
  phone = {};
  look.someone_passes = preset == "gym" || preset == "hand";
  if (preset == "gym") {
    exposure_part = 0.6;
    phone.noise_grey = 5.0;
  } else if (preset == "hand") {
    phone.shake_px = 4.0 * width;
    phone.noise_grey = 4.0;
  } else if (preset == "phone") {
    phone.noise_grey = 7.0;
    phone.lens_k1 = -0.04;
    phone.flicker = 0.1;
    phone.uneven = 0.3;
    phone.shake_px = 1.5 * width;
  }
}

Expected<void> FilmPlan::validate() const {
  const auto ok = lift == Lift::kSquat   ? squat.validate()
                  : lift == Lift::kBench ? bench.validate()
                                         : deadlift.validate();
  if (!ok) return ok;
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Film plan: " + what); };
  if (width_px < 64 || height_px < 64 || width_px > 4096 || height_px > 4096 || width_px % 2 != 0 ||
      height_px % 2 != 0)
    return bad("the picture's sides must be even and lie between 64 and 4096 pixels.");
  if (view == View::kUnknown) return bad("the view must be stated.");
  if (fps_milli < 5000 || fps_milli > 240000) return bad("5 to 240 pictures a second.");
  if (!(distance_m >= 2.0 && distance_m <= 12.0)) return bad("the distance must lie between 2 and 12 m.");
  if (!(camera_height_m >= 0.2 && camera_height_m <= 2.2))
    return bad("the camera's height must lie between 0.2 and 2.2 m.");
  if (!(std::abs(yaw_deg) <= 30.0)) return bad("the camera may be turned by up to 30 degrees.");
  if (!(std::abs(roll_deg) <= 10.0)) return bad("the camera may be tilted by up to 10 degrees.");
  if (load_kg != 20.0 && !(load_kg >= 40.0 && load_kg <= 400.0))
    return bad(
        "the load must lie between 40 and 400 kg, the bar and a full-size plate a side, or be 20, the bar "
        "alone.");
  if (dumbbell_mm != 0.0 && !(dumbbell_mm >= 80.0 && dumbbell_mm <= 320.0))
    return bad("a dumbbell's head is 80 to 320 mm across.");
  if (dumbbell_mm != 0.0 && lift == Lift::kSquat) return bad("dumbbells are pressed or pulled here.");
  if (!(begins_s >= -20.0 && begins_s <= 20.0))
    return bad("the film may begin up to 20 s before or after the set.");
  if (stored_rotation_deg % 90 != 0 || stored_rotation_deg < 0 || stored_rotation_deg > 270)
    return bad("a picture is stored turned by 0, 90, 180 or 270 degrees.");
  return phone.validate();
}

namespace {

// The same lift by a clock that was started later, or earlier.
class LaterMotion : public LiftMotion {
 public:
  LaterMotion(std::unique_ptr<LiftMotion> motion, double begins_s)
      : motion_(std::move(motion)), begins_s_(begins_s) {
    duration_s_ = motion_->duration_s() - begins_s;
    for (const RepEvents& e : motion_->events()) events_.push_back(shifted(e));
  }
  const LifterBuild& build() const override { return motion_->build(); }
  LiftPose at(double time_s) const override { return motion_->at(std::max(0.0, time_s + begins_s_)); }
  RepEvents seenEvents(std::size_t rep) const override { return shifted(motion_->seenEvents(rep)); }

 private:
  std::unique_ptr<LiftMotion> motion_;
  double begins_s_;
  RepEvents shifted(const RepEvents& e) const {
    return {e.start_s - begins_s_, e.turn_s - begins_s_, e.leave_s - begins_s_, e.end_s - begins_s_};
  }
};

}  // namespace

std::unique_ptr<LiftMotion> motionOf(const FilmPlan& plan) {
  std::unique_ptr<LiftMotion> motion;
  if (plan.lift == Lift::kBench)
    motion = std::make_unique<BenchMotion>(plan.bench);
  else if (plan.lift == Lift::kDeadlift)
    motion = std::make_unique<DeadliftMotion>(plan.deadlift);
  else
    motion = std::make_unique<SquatMotion>(plan.squat);
  if (plan.begins_s == 0.0) return motion;
  return std::make_unique<LaterMotion>(std::move(motion), plan.begins_s);
}

PinholeCamera cameraOf(const FilmPlan& plan) {
  const double height_m = plan.build().height_m;
  // The lifter is in the middle of the picture, feet and plates in it.
  Vec3 target(0.02, 0.83 * height_m / 1.75, 0.0);
  if (plan.lift == Lift::kBench) target = Vec3(0.15, 0.75, 0.0);
  const double pitch =
      std::asin((plan.camera_height_m - target.y()) / plan.distance_m) * 180.0 / std::acos(-1.0);
  // The camera's place seen from above; turned to the same hand whichever side it stands on.
  const double azimuth = plan.view == View::kFront  ? 90.0 - plan.yaw_deg
                         : plan.view == View::kRear ? -90.0 - plan.yaw_deg
                         : plan.from_right          ? -plan.yaw_deg
                                                    : 180.0 + plan.yaw_deg;
  PinholeCamera camera = PinholeCamera::around(azimuth, target, plan.distance_m, pitch, plan.roll_deg);
  camera.width_px = plan.width_px;
  camera.height_px = plan.height_px;
  camera.focal_px = plan.focal_of_side * std::max(plan.width_px, plan.height_px);
  return camera;
}

std::vector<double> filmTimes(const FilmPlan& plan, double duration_s) {
  const double interval_s = 1000.0 / plan.fps_milli;
  return pictureTimes(plan.phone, plan.seed, static_cast<std::size_t>(duration_s / interval_s), interval_s);
}

FilmPlan planFromSeed(std::uint32_t seed, Lift lift, View view) {
  std::mt19937 draw(seed * 2654435761U + 17U);
  auto between = [&](double low, double high) {
    return low + (high - low) * static_cast<double>(draw()) / 4294967295.0;
  };
  auto oneIn = [&](unsigned n) { return draw() % n == 0; };
  FilmPlan plan;
  plan.name = std::string("synth_") + liftWord(lift) + "_" + std::to_string(seed);
  plan.lift = plan.look.lift = lift;
  plan.view = plan.look.view = view;
  plan.seed = seed;
  LifterBuild& b = plan.squat.build;
  b.height_m = between(1.58, 1.94);
  b.thigh_of_height *= between(0.97, 1.03);
  b.shank_of_height *= between(0.97, 1.03);
  b.trunk_of_height *= between(0.97, 1.03);
  b.girth = between(0.9, 1.15);
  plan.squat.lean_deg = between(34.0, 44.0);
  plan.squat.stance_half_m = between(0.16, 0.21);
  plan.squat.toe_out_deg = between(18.0, 32.0);
  plan.load_kg = 40.0 + 2.5 * std::floor(between(0.0, 40.0));
  plan.distance_m = between(3.3, 4.4);
  plan.camera_height_m = between(0.8, 1.15);
  plan.yaw_deg = between(-7.0, 7.0);
  plan.roll_deg = between(-1.2, 1.2);
  plan.focal_of_side = between(0.76, 0.92);
  plan.from_right = !oneIn(3);
  plan.phone.noise_grey = between(2.0, 5.0);
  auto tint = [&](std::array<float, 3>& c, double low, double high) {
    for (float& v : c) v = static_cast<float>(between(low, high));
  };
  tint(plan.look.shirt_bgr, 40, 200);
  tint(plan.look.shorts_bgr, 30, 110);
  tint(plan.look.wall_bgr, 110, 190);
  plan.look.light = static_cast<float>(between(0.8, 1.1));
  const auto reps = static_cast<std::size_t>(between(3.0, 5.999));
  const bool hips_first = oneIn(2), high = oneIn(3);
  plan.squat.reps.clear();
  for (std::size_t r = 0; r < reps; ++r) {
    RepPlan rep;
    rep.depth_m = between(0.025, 0.06);
    rep.descent_s = between(1.3, 1.9);
    rep.ascent_s = between(1.1, 1.5) + 0.1 * static_cast<double>(r);
    if (hips_first && r + 2 >= reps) rep.lean_gain_deg = between(11.0, 15.0);
    if (high && r == 1) rep.depth_m = between(-0.06, -0.03);
    plan.squat.reps.push_back(rep);
  }
  plan.look.someone_passes = oneIn(4);
  plan.look.passes_at_s = between(2.5, 6.0);
  // The other lifts are done by the same lifter, drawn further from the same seed.
  plan.deadlift.build = plan.bench.build = plan.squat.build;
  const bool drifts = oneIn(3), hips_up = oneIn(3), lags = oneIn(3), hurried = oneIn(3);
  if (lift == Lift::kDeadlift && oneIn(3)) {
    plan.deadlift = DeadliftPlan::sumo();
    plan.deadlift.build = plan.squat.build;
  }
  plan.deadlift.shin_lean_deg += between(-3.0, 3.0);
  plan.deadlift.reps.clear();
  plan.bench.grip_half_m = between(0.34, 0.42);
  plan.bench.reps.clear();
  const double touch = between(0.06, 0.12);
  for (std::size_t r = 0; r < reps; ++r) {
    PullPlan pull;
    pull.pull_s = between(1.0, 1.4) + 0.1 * static_cast<double>(r);
    pull.lower_s = between(0.9, 1.3);
    pull.hold_s = between(0.4, 0.7);
    if (drifts) pull.drift_m = between(0.04, 0.07);
    if (hips_up && r > 0) pull.hips_first_deg = between(5.0, 10.0);
    plan.deadlift.reps.push_back(pull);
    PressPlan press;
    press.touch_m = touch + between(-0.01, 0.01);
    press.descent_s = between(1.0, 1.5);
    press.ascent_s = between(0.9, 1.2) + 0.1 * static_cast<double>(r);
    press.pause_s = hurried && r + 1 == reps ? 0.03 : between(0.4, 0.7);
    if (lags && r > 0) press.right_lags_m = between(0.03, 0.06);
    plan.bench.reps.push_back(press);
  }
  if (view != View::kSide) {
    // Caving shows from the front and the rear alone.
    const bool caves = oneIn(2);
    for (std::size_t r = 1; caves && r < plan.squat.reps.size(); ++r)
      plan.squat.reps[r].cave_deg = between(12.0, 24.0);
    if (lift == Lift::kBench) plan.camera_height_m += 0.25;
  }
  return plan;
}

std::filesystem::path truthPathFor(const std::filesystem::path& film) {
  return film.parent_path() / (film.stem().string() + ".truth.json");
}

Expected<void> makeFilm(const FilmPlan& plan, const std::filesystem::path& film,
                        const std::function<bool(double)>& progress) {
  if (auto ok = plan.validate(); !ok) return ok;
  const std::unique_ptr<LiftMotion> lift = motionOf(plan);
  const LiftMotion& motion = *lift;
  const LifterBuild& b = motion.build();
  const PinholeCamera camera = cameraOf(plan);
  PlateStack plates = platesFor(plan.load_kg, plan.seed);
  plates.dumbbell_m = 0.001 * plan.dumbbell_mm;
  const PhonePicture phone(plan.phone, plan.seed, plan.width_px, plan.height_px, camera.focal_px);
  PinholeCamera wide = camera;
  wide.width_px += 2 * phone.margin().width;
  wide.height_px += 2 * phone.margin().height;
  ScenePicture picture(wide, plates, plan.look, b);
  auto writer = FilmWriter::create(film, plan.width_px, plan.height_px, plan.fps_milli,
                                   {plan.codec, plan.stored_rotation_deg});
  if (!writer) return tl::make_unexpected(writer.error());

  const double side = plan.from_right ? 1.0 : -1.0;
  const double followed_m = plates.followedRadius_m();
  double face_z = 0.0;
  const double interval_s = 1000.0 / plan.fps_milli;
  const std::vector<double> times = filmTimes(plan, motion.duration_s());
  const std::size_t frames = times.size();
  Json frame_list = Json::array();
  cv::Mat ideal, bgr;
  // One picture is encoded while the next is drawn; leaving early waits for it before the picture goes.
  cv::Mat written;
  std::future<Expected<void>> writing;
  const char* near = plan.from_right ? "right_" : "left_";
  const char* far = plan.from_right ? "left_" : "right_";
  std::vector<double> scale;
  for (std::size_t i = 0; i < frames; ++i) {
    const double t = times[i];
    picture.render([&](double at) { return motion.at(at); }, t, plan.exposure_part * interval_s, ideal);
    phone.take(ideal, t, interval_s, bgr);
    if (writing.valid())
      if (auto ok = writing.get(); !ok) return ok;
    std::swap(bgr, written);
    writing = std::async(std::launch::async, [&, i, t] {
      phone.addNoise(written, i);
      return writer->write(written, t);
    });

    const LiftPose pose = motion.at(t);
    const Side& holding = plan.from_right ? pose.right : pose.left;
    face_z = side * plates.followedFace_m(std::abs(holding.joint[indexOf(Joint::kWrist)].z()));
    Json entry = {{"i", i}, {"t", rounded(t, 5)}};
    const cv::Matx23d moved = phone.handAt(t);
    if (plan.phone.shake_px > 0.0)
      entry["image_affine"] = {{rounded(moved(0, 0), 7), rounded(moved(0, 1), 7), rounded(moved(0, 2), 4)},
                               {rounded(moved(1, 0), 7), rounded(moved(1, 1), 7), rounded(moved(1, 2), 4)}};
    auto inPicture = [&](const Vec3& p) { return phone.seenAt(camera.toPicture(p), t); };
    auto point = [&](double z) {
      const Vec3 p(pose.bar.x(), pose.bar.y() + pose.bar_slope * z, z);
      return Json{{"px", list(inPicture(p))}, {"m", list(p)}};
    };
    entry["plate_near"] = point(face_z);
    entry["bar_near"] = point(side * 1.1);
    entry["bar_far"] = point(-side * 1.1);
    entry["bar_mid"] = point(0.0);
    Json joints = Json::object();
    for (std::size_t j = 0; j < kSideJointCount; ++j) {
      const Side& near_side = plan.from_right ? pose.right : pose.left;
      const Side& far_side = plan.from_right ? pose.left : pose.right;
      // Behind the plate a joint cannot be seen.
      const Vec2 p = inPicture(near_side.joint[j]);
      const Vec3 face(pose.bar.x(), pose.bar.y(), face_z);
      const double radius_px = camera.focal_px * followed_m / camera.toCamera(face).z();
      joints[near + std::string(kJointNames[j])] = {
          {"px", list(p)},
          {"m", list(near_side.joint[j])},
          {"visible", plan.view != View::kSide || (p - inPicture(face)).norm() > radius_px}};
      joints[far + std::string(kJointNames[j])] = {{"px", list(inPicture(far_side.joint[j]))},
                                                   {"m", list(far_side.joint[j])},
                                                   {"visible", plan.view != View::kSide}};
    }
    for (const auto& [name, p] :
         {std::pair{"back_pelvis", pelvisOf(pose)}, {"back_middle", backMiddleOf(pose)}})
      joints[name] = {{"px", list(inPicture(p))}, {"m", list(p)}, {"visible", false}};
    entry["joints"] = std::move(joints);
    frame_list.push_back(std::move(entry));
    scale.push_back(1000.0 * camera.toCamera(Vec3(pose.bar.x(), pose.bar.y(), face_z)).z() / camera.focal_px);
    if (progress && i % 8 == 0 && !progress(static_cast<double>(i) / static_cast<double>(frames)))
      return fail(Remedy::kCancelled, "Stopped.");
  }
  if (writing.valid())
    if (auto ok = writing.get(); !ok) return ok;
  if (auto ok = writer->finish(); !ok) return ok;

  std::nth_element(scale.begin(), scale.begin() + static_cast<long>(scale.size() / 2), scale.end());
  Json truth;
  truth["name"] = plan.name;
  truth["synthetic"] = true;
  truth["lift"] = liftWord(plan.lift);
  truth["stance"] = plan.lift == Lift::kSquat   ? "high-bar"
                    : plan.lift == Lift::kBench ? "flat"
                    : plan.standsWide()         ? "sumo"
                                                : "conventional";
  truth["view"] = viewWords(plan);
  if (!plan.preset.empty()) truth["preset"] = plan.preset;
  truth["begins_s"] = rounded(plan.begins_s, 5);
  truth["load_kg"] = plan.load_kg;
  truth["note"] = "Rendered from an invented scene; nobody was filmed.";
  truth["video"] = {{"width", plan.width_px},
                    {"height", plan.height_px},
                    {"stored_rotation_deg", plan.stored_rotation_deg},
                    {"fps_nominal", plan.fps_milli / 1000.0},
                    {"variable_frame_rate", plan.phone.uneven > 0.0},
                    {"frames", frames},
                    {"codec", plan.codec},
                    {"shutter_fraction", plan.exposure_part}};
  Json rows = Json::array();
  for (int r = 0; r < 3; ++r) rows.push_back(list(Vec3(camera.world_to_cam.row(r).transpose())));
  truth["camera"] = {{"model", plan.phone.lens_k1 == 0.0 ? "pinhole, no lens distortion"
                                                         : "pinhole, seen = r (1 + k1 r^2) in focal lengths"},
                     {"k1", plan.phone.lens_k1},
                     {"fx", rounded(camera.focal_px, 3)},
                     {"fy", rounded(camera.focal_px, 3)},
                     {"cx", 0.5 * plan.width_px},
                     {"cy", 0.5 * plan.height_px},
                     {"R_world_to_cam", rows},
                     {"t_world_to_cam", list(Vec3(-camera.world_to_cam * camera.position_m))},
                     {"position_m", list(camera.position_m)},
                     {"roll_deg", rounded(-plan.roll_deg, 3)}};
  truth["athlete"] = {{"height_m", rounded(b.height_m, 4)},
                      {"segments_m",
                       {{"thigh", rounded(b.thigh_m(), 4)},
                        {"shank", rounded(b.shank_m(), 4)},
                        {"trunk", rounded(b.trunk_m(), 4)},
                        {"upper_arm", rounded(b.upperArm_m(), 4)},
                        {"forearm", rounded(b.forearm_m(), 4)}}}};
  truth["bar"] = {{"length_m", 2.0 * kSleeveEnd_m},
                  {"sleeve_diameter_m", 2.0 * kSleeveRadius_m},
                  {"biggest_plate_diameter_m", plates.plates.empty() ? 0.0 : 0.45},
                  {"dumbbell_diameter_m", plates.dumbbell_m}};
  truth["events"] = eventsOf(motion, plan.lift, interval_s);
  truth["measured_per_rep"] = measuredReps(motion, plan.lift);
  truth["faults"] = plantedFaults(plan);
  truth["plate_near_radius_m"] = followed_m;
  truth["scale_plate_mm_per_px"] = rounded(scale[scale.size() / 2], 5);
  truth["frames"] = std::move(frame_list);
  std::ofstream out(truthPathFor(film), std::ios::binary | std::ios::trunc);
  out << truth.dump() << '\n';
  out.close();
  if (!out)
    return fail(Remedy::kCheckDisk, "“" + truthPathFor(film).string() +
                                        "” cannot be written. Check the folder and the free space.");
  return {};
}

}  // namespace mottix
