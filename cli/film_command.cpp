#include <unistd.h>

#include <cstdio>
#include <memory>

#include "cli/commands.h"
#include "cli/files.h"
#include "report/athlete_document.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

struct FilmOptions {
  std::string out;
  std::uint32_t seed = 1;
  std::optional<int> reps, width, height;
  std::optional<double> fps, yaw, distance, noise, load, shake;
  std::vector<int> high, hips_first, bar_forward;
  std::string side, athlete;
  bool passer_by = false, clean = false;
};

Expected<void> film(const FilmOptions& o) {
  FilmPlan plan = planFromSeed(o.seed);
  if (!o.athlete.empty()) {
    auto text = readText(o.athlete);
    if (!text) return tl::make_unexpected(text.error());
    auto file = parseAthlete(*text, o.athlete);
    if (!file) return tl::make_unexpected(file.error());
    if (!file->record.body)
      return fail(Remedy::kCorrectInput, "“" + o.athlete + "” states no “height_cm”; the lifter needs it.");
    const double girth = plan.squat.build.girth;
    plan.squat.build = buildOf(estimateBody(*file->record.body));
    plan.squat.build.girth = girth;
  }
  auto& reps = plan.squat.reps;
  if (o.reps) reps.resize(static_cast<std::size_t>(std::max(0, *o.reps)), reps.front());
  if (o.clean || !o.high.empty() || !o.hips_first.empty() || !o.bar_forward.empty())
    for (RepPlan& r : reps) {
      r.lean_gain_deg = r.bar_forward_m = 0.0;
      r.depth_m = std::max(r.depth_m, 0.03);
    }
  auto plant = [&](const std::vector<int>& which, const auto& change) -> Expected<void> {
    for (int rep : which) {
      if (rep < 1 || static_cast<std::size_t>(rep) > reps.size())
        return fail(Remedy::kCorrectInput, "A fault is asked for on rep " + std::to_string(rep) +
                                               ", but there are " + std::to_string(reps.size()) + " reps.");
      change(reps[static_cast<std::size_t>(rep - 1)]);
    }
    return {};
  };
  if (auto ok = plant(o.high, [](RepPlan& r) { r.depth_m = -0.06; }); !ok) return ok;
  if (auto ok = plant(o.hips_first, [](RepPlan& r) { r.lean_gain_deg = 14.0; }); !ok) return ok;
  if (auto ok = plant(o.bar_forward, [](RepPlan& r) { r.bar_forward_m = 0.08; }); !ok) return ok;
  if (o.width) plan.width_px = *o.width;
  if (o.height) plan.height_px = *o.height;
  if (o.fps) plan.fps_milli = static_cast<int>(1000.0 * *o.fps);
  if (o.yaw) plan.yaw_deg = *o.yaw;
  if (o.distance) plan.distance_m = *o.distance;
  if (o.noise) plan.noise_grey = *o.noise;
  if (o.shake) plan.shake_px = *o.shake;
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
      "film", "Film a made-up squat with the simulated camera; writes MP4 and exact truth");
  c->add_option("OUT", o->out, "Film to write (.mp4); the truth goes beside it as NAME.truth.json")
      ->required();
  c->add_option("--seed", o->seed, "Draws lifter, camera, room and faults; the same seed gives the same film")
      ->capture_default_str();
  c->add_option("--athlete", o->athlete, "A lifter of this athlete's body (JSON) instead of a drawn one");
  c->add_option("--reps", o->reps, "Number of reps")->check(CLI::Range(1, 20));
  c->add_option("--load", o->load, "Load in kg");
  c->add_option("--high", o->high, "Reps that stop 6 cm too high");
  c->add_option("--hips-first", o->hips_first,
                "Reps on which the hips rise first (14 degrees of lean gained)");
  c->add_option("--bar-forward", o->bar_forward, "Reps on which the bar drifts 8 cm forward");
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
  c->add_flag("--passer-by", o->passer_by, "Someone walks through the picture in front of the lifter");
  c->callback([o, &exit_code] {
    if (auto done = film(*o); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
