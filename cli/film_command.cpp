#include <unistd.h>

#include <algorithm>
#include <cstdio>
#include <map>
#include <memory>

#include "cli/commands.h"
#include "cli/files.h"
#include "core/verdict/rule_book.h"
#include "report/athlete_document.h"
#include "synth/faults.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

struct FilmOptions {
  std::string out;
  std::uint32_t seed = 1;
  std::optional<int> reps, width, height;
  std::optional<double> fps, yaw, distance, noise, load, shake, lens, flicker, uneven, roll, camera_height,
      begins;
  int rotation = 0;
  double dumbbells = 0.0;
  std::map<std::string, std::vector<int>> faults;  // name of the fault → reps, from 1
  std::vector<std::string> sizes;                  // NAME=SIZE
  std::string side, athlete, preset, lift = "squat", view = "side", codec = "h264";
  bool passer_by = false, clean = false, sumo = false;
};

Expected<std::map<std::string, double>> sizesOf(const std::vector<std::string>& asked) {
  std::map<std::string, double> out;
  for (const std::string& text : asked) {
    const auto at = text.find('=');
    char* end = nullptr;
    const double size = at == std::string::npos ? 0.0 : std::strtod(text.c_str() + at + 1, &end);
    if (end == nullptr || *end != '\0' || end == text.c_str() + at + 1)
      return fail(Remedy::kCorrectInput,
                  "--size takes a fault and its size, as in --size high=4, not “" + text + "”.");
    out[text.substr(0, at)] = size;
  }
  return out;
}

Expected<void> plantFaults(const FilmOptions& o, FilmPlan& plan) {
  auto resize = [&](auto& reps) {
    if (o.reps) reps.resize(static_cast<std::size_t>(std::max(0, *o.reps)), reps.front());
  };
  resize(plan.squat.reps);
  resize(plan.deadlift.reps);
  resize(plan.bench.reps);
  auto sizes = sizesOf(o.sizes);
  if (!sizes) return tl::make_unexpected(sizes.error());
  const bool any =
      std::any_of(o.faults.begin(), o.faults.end(), [](const auto& f) { return !f.second.empty(); });
  if (o.clean || any) clearFaults(plan);
  for (const auto& [name, reps] : o.faults) {
    if (reps.empty()) continue;
    const FaultKind* kind = faultNamed(name, plan.lift);
    if (kind == nullptr) return fail(Remedy::kCorrectInput, "--" + name + " is no fault of this lift.");
    const auto size = sizes->find(name);
    for (const int rep : reps)
      if (auto ok = plantFault(plan, *kind, static_cast<std::size_t>(rep) - 1,
                               size != sizes->end() ? size->second : kind->usual);
          !ok)
        return ok;
  }
  for (const auto& [name, size] : *sizes)
    if (const auto asked = o.faults.find(name); asked == o.faults.end() || asked->second.empty())
      return fail(Remedy::kCorrectInput,
                  "--size " + name + " needs --" + name + " and the reps that have it.");
  return {};
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
  if (o.begins) plan.begins_s = *o.begins;
  plan.dumbbell_mm = o.dumbbells;
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
  c->add_option("--load", o->load, "Load in kg; with 20 the bar is empty");
  c->add_option("--dumbbells", o->dumbbells,
                "Two dumbbells instead of a bar, with heads of so many mm (a bench press or a deadlift)");
  std::map<std::string, std::string> help;  // a fault may belong to two lifts
  for (const FaultKind& kind : faultKinds()) {
    std::string& text = help[std::string(kind.name)];
    char size[64];
    std::snprintf(size, sizeof size, " (%g %s; at most %g)", kind.usual, std::string(kind.unit).c_str(),
                  kind.most);
    text += (text.empty() ? "Reps on which, in a " : "; in a ") + std::string(nameOf(kind.lift)) + ", " +
            std::string(kind.words) + size;
  }
  for (const auto& [name, text] : help)
    c->add_option("--" + name, o->faults[name], text)
        ->delimiter(',')
        ->group("Faults of the reps, counted from 1");
  c->add_option("--size", o->sizes, "Another size of a fault, as in high=4; may be repeated")
      ->group("Faults of the reps, counted from 1");
  c->add_flag("--clean", o->clean, "No planted fault");
  c->add_option("--side", o->side, "The camera's side of the lifter")
      ->check(CLI::IsMember({"left", "right"}));
  c->add_option("--yaw", o->yaw, "Turn of the camera in degrees");
  c->add_option("--distance", o->distance, "Distance of the camera in m");
  c->add_option("--width", o->width, "Picture width in pixels");
  c->add_option("--height", o->height, "Picture height in pixels");
  c->add_option("--fps", o->fps, "Pictures a second");
  c->add_option("--begins", o->begins,
                "Seconds after the set's own beginning at which the film begins; negative: before it. Two "
                "films of one seed from two views show one set");
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
