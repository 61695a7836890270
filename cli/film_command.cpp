#include <unistd.h>

#include <algorithm>
#include <cstdio>
#include <memory>

#include "cli/commands.h"
#include "cli/files.h"
#include "core/verdict/rule_book.h"
#include "report/athlete_document.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

struct FilmOptions {
  std::string out;
  std::uint32_t seed = 1;
  std::optional<int> reps, width, height;
  std::optional<double> fps, yaw, distance, noise, load, shake, lens, flicker, uneven, roll, camera_height;
  int rotation = 0;
  std::vector<int> high, hips_first, bar_forward, knees_cave, right_lags, no_pause;
  std::string side, athlete, preset, lift = "squat", view = "side", codec = "h264";
  bool passer_by = false, clean = false, sumo = false;
};

// Plants a fault on the named reps, from 1.
template <typename Reps, typename Change>
Expected<void> plant(Reps& reps, const std::vector<int>& which, const Change& change) {
  for (int rep : which) {
    if (rep < 1 || static_cast<std::size_t>(rep) > reps.size())
      return fail(Remedy::kCorrectInput, "A fault is asked for on rep " + std::to_string(rep) +
                                             ", but there are " + std::to_string(reps.size()) + " reps.");
    change(reps[static_cast<std::size_t>(rep - 1)]);
  }
  return {};
}

Expected<void> plantFaults(const FilmOptions& o, FilmPlan& plan) {
  auto resize = [&](auto& reps) {
    if (o.reps) reps.resize(static_cast<std::size_t>(std::max(0, *o.reps)), reps.front());
  };
  resize(plan.squat.reps);
  resize(plan.deadlift.reps);
  resize(plan.bench.reps);
  const bool any = !o.high.empty() || !o.hips_first.empty() || !o.bar_forward.empty() ||
                   !o.knees_cave.empty() || !o.right_lags.empty() || !o.no_pause.empty();
  if (o.clean || any) {
    for (RepPlan& r : plan.squat.reps) {
      r.lean_gain_deg = r.bar_forward_m = r.cave_deg = 0.0;
      r.depth_m = std::max(r.depth_m, 0.03);
    }
    for (PullPlan& r : plan.deadlift.reps) r.drift_m = r.hips_first_deg = 0.0;
    for (PressPlan& r : plan.bench.reps) {
      r.right_lags_m = 0.0;
      r.pause_s = std::max(r.pause_s, 0.4);
    }
  }
  auto onlyFor = [&](const std::vector<int>& which, const char* option,
                     std::initializer_list<Lift> lifts) -> Expected<void> {
    if (which.empty() || std::find(lifts.begin(), lifts.end(), plan.lift) != lifts.end()) return {};
    return fail(Remedy::kCorrectInput, std::string(option) + " is no fault of this lift.");
  };
  for (const auto& ok : {onlyFor(o.high, "--high", {Lift::kSquat}),
                         onlyFor(o.hips_first, "--hips-first", {Lift::kSquat, Lift::kDeadlift}),
                         onlyFor(o.bar_forward, "--bar-forward", {Lift::kSquat, Lift::kDeadlift}),
                         onlyFor(o.knees_cave, "--knees-cave", {Lift::kSquat}),
                         onlyFor(o.right_lags, "--right-lags", {Lift::kBench}),
                         onlyFor(o.no_pause, "--no-pause", {Lift::kBench})})
    if (!ok) return ok;
  Expected<void> done;
  auto next = [&](auto& reps, const std::vector<int>& which, const auto& change) {
    if (done) done = plant(reps, which, change);
  };
  if (plan.lift == Lift::kSquat) {
    next(plan.squat.reps, o.high, [](RepPlan& r) { r.depth_m = -0.06; });
    next(plan.squat.reps, o.hips_first, [](RepPlan& r) { r.lean_gain_deg = 14.0; });
    next(plan.squat.reps, o.bar_forward, [](RepPlan& r) { r.bar_forward_m = 0.08; });
    next(plan.squat.reps, o.knees_cave, [](RepPlan& r) { r.cave_deg = 20.0; });
  } else if (plan.lift == Lift::kDeadlift) {
    next(plan.deadlift.reps, o.hips_first, [](PullPlan& r) { r.hips_first_deg = 8.0; });
    next(plan.deadlift.reps, o.bar_forward, [](PullPlan& r) { r.drift_m = 0.06; });
  } else {
    next(plan.bench.reps, o.right_lags, [](PressPlan& r) { r.right_lags_m = 0.05; });
    next(plan.bench.reps, o.no_pause, [](PressPlan& r) { r.pause_s = 0.03; });
  }
  return done;
}

Expected<void> film(const FilmOptions& o) {
  const Lift lift = liftNamed(o.lift).value_or(Lift::kSquat);
  FilmPlan plan = planFromSeed(o.seed, lift, viewNamed(o.view).value_or(View::kSide));
  if (o.sumo) {
    if (lift != Lift::kDeadlift) return fail(Remedy::kCorrectInput, "--sumo is a way to deadlift.");
    DeadliftPlan sumo = DeadliftPlan::sumo();
    sumo.build = plan.deadlift.build;
    sumo.reps = plan.deadlift.reps;
    plan.deadlift = sumo;
  }
  if (!o.athlete.empty()) {
    auto text = readText(o.athlete);
    if (!text) return tl::make_unexpected(text.error());
    auto file = parseAthlete(*text, o.athlete);
    if (!file) return tl::make_unexpected(file.error());
    if (!file->record.body)
      return fail(Remedy::kCorrectInput, "“" + o.athlete + "” states no “height_cm”; the lifter needs it.");
    const double girth = plan.build().girth;
    plan.build() = buildOf(estimateBody(*file->record.body));
    plan.build().girth = girth;
  }
  if (auto ok = plantFaults(o, plan); !ok) return ok;
  if (o.width) plan.width_px = *o.width;
  if (o.height) plan.height_px = *o.height;
  if (!o.preset.empty()) plan.take(o.preset);
  if (o.fps) plan.fps_milli = static_cast<int>(1000.0 * *o.fps);
  if (o.yaw) plan.yaw_deg = *o.yaw;
  if (o.distance) plan.distance_m = *o.distance;
  if (o.noise) plan.phone.noise_grey = *o.noise;
  if (o.shake) plan.phone.shake_px = *o.shake;
  if (o.lens) plan.phone.lens_k1 = *o.lens;
  if (o.flicker) plan.phone.flicker = *o.flicker;
  if (o.uneven) plan.phone.uneven = *o.uneven;
  if (o.roll) plan.roll_deg = *o.roll;
  if (o.camera_height) plan.camera_height_m = *o.camera_height;
  plan.codec = o.codec;
  plan.stored_rotation_deg = o.rotation;
  if (o.load) plan.load_kg = *o.load;
  if (!o.side.empty()) plan.from_right = o.side == "right";
  if (o.passer_by) plan.look.someone_passes = true;
  const bool shows = isatty(STDERR_FILENO) != 0;
  auto done = makeFilm(plan, o.out, [&](double part) {
    if (shows) std::fprintf(stderr, "\rfilming %3d %%", static_cast<int>(100.0 * part));
    return true;
  });
  if (shows) std::fprintf(stderr, "\r             \r");
  return done;
}

}  // namespace

void addFilmCommand(CLI::App& app, int& exit_code) {
  auto o = std::make_shared<FilmOptions>();
  CLI::App* c = app.add_subcommand(
      "film", "Film a made-up lift with the simulated camera; writes film and exact truth");
  c->add_option("OUT", o->out,
                "Film to write (.mp4, .mov, .mkv, .webm, .avi); the truth goes beside it as NAME.truth.json")
      ->required();
  c->add_option("--seed", o->seed, "Draws lifter, camera, room and faults; the same seed gives the same film")
      ->capture_default_str();
  c->add_option("--lift", o->lift, "What is lifted")
      ->check(CLI::IsMember({"squat", "bench", "deadlift"}))
      ->capture_default_str();
  c->add_option("--view", o->view,
                "From where; of a bench press the front is the foot end, the rear the head end")
      ->check(CLI::IsMember({"side", "front", "rear"}))
      ->capture_default_str();
  c->add_option("--preset", o->preset,
                "How hard it is to read: plain (a stand, a quiet room), gym (blur, noise, a passer-by), hand "
                "(held, a passer-by), phone (a bent picture, flicker, uneven times, noise, a light hand); "
                "options after it in this list still count")
      ->check(CLI::IsMember({"plain", "gym", "hand", "phone"}));
  c->add_flag("--sumo", o->sumo, "A deadlift with wide feet");
  c->add_option("--athlete", o->athlete, "A lifter of this athlete's body (JSON) instead of a drawn one");
  c->add_option("--reps", o->reps, "Number of reps")->check(CLI::Range(1, 20));
  c->add_option("--load", o->load, "Load in kg");
  c->add_option("--high", o->high, "Squats that stop 6 cm too high");
  c->add_option(
      "--hips-first", o->hips_first,
      "Reps on which the hips rise first: squats gain 14 degrees of lean on the way up, deadlifts 8 "
      "before lift-off");
  c->add_option("--bar-forward", o->bar_forward, "Reps on which the bar drifts forward: 8 cm, deadlifts 6");
  c->add_option("--knees-cave", o->knees_cave,
                "Squats on which the knees turn in by 20 degrees on the way up");
  c->add_option("--right-lags", o->right_lags, "Presses on which the right hand stays 5 cm behind");
  c->add_option("--no-pause", o->no_pause, "Presses without a pause on the chest");
  c->add_flag("--clean", o->clean, "No planted fault");
  c->add_option("--side", o->side, "The camera's side of the lifter")
      ->check(CLI::IsMember({"left", "right"}));
  c->add_option("--yaw", o->yaw, "Turn of the camera in degrees");
  c->add_option("--distance", o->distance, "Distance of the camera in m");
  c->add_option("--width", o->width, "Picture width in pixels");
  c->add_option("--height", o->height, "Picture height in pixels");
  c->add_option("--fps", o->fps, "Pictures a second");
  c->add_option("--noise", o->noise, "Sensor noise, grey levels");
  c->add_option("--shake", o->shake,
                "Camera held by hand: pixels by which it strays (one standard deviation)");
  c->add_option("--lens", o->lens, "How the lens bends the picture (k1, e.g. -0.05)");
  c->add_option("--flicker", o->flicker, "Part by which lamps make rows brighter and darker");
  c->add_option("--uneven", o->uneven,
                "Part of the time between two pictures by which each strays; some are missing then");
  c->add_option("--roll", o->roll, "Tilt of the camera in degrees, clockwise");
  c->add_option("--camera-height", o->camera_height, "Height of the camera in m");
  c->add_option("--codec", o->codec, "How the film is encoded; the file's name says in which container")
      ->check(CLI::IsMember({"h264", "hevc", "vp9", "av1", "mpeg4", "mjpeg"}))
      ->capture_default_str();
  c->add_option("--rotation", o->rotation, "Stored turned, so that a player turns it by this, clockwise")
      ->check(CLI::IsMember({0, 90, 180, 270}))
      ->capture_default_str();
  c->add_flag("--passer-by", o->passer_by, "Someone walks through the picture in front of the lifter");
  c->callback([o, &exit_code] {
    if (auto done = film(*o); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
