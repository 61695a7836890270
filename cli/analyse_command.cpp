#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <cstdio>
#include <ctime>
#include <filesystem>
#include <fstream>
#include <iostream>
#include <memory>
#include <optional>
#include <sstream>

#include <nlohmann/json.hpp>

#include "cli/batch.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "cli/findings.h"
#include "core/log/judging.h"
#include "core/motion/joint_corrections.h"
#include "report/analysis_document.h"
#include "report/athlete_document.h"
#include "report/measure_list.h"
#include "report/wording.h"
#include "store/house_file.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

struct AnalyseOptions {
  std::string clip, lift = "auto", variant, view = "auto", facing = "auto", points, athlete, school;
  std::string held = "plates", json, csv, curves, models = modelsFolder(programFolder()).string();
  bool bar_only = false;
  double plate_mm = 450.0;
  std::optional<double> load_kg;
  double recorded_fps = 0.0;
  std::vector<std::vector<double>> uprights, rulers;
  std::vector<double> point;  // picture, x, y and perhaps a radius
  std::optional<double> from_s, to_s;
  std::string batch, out;  // folders
  int jobs = 0;
  std::string set, who;  // a house of this set alone, and whose it is
  bool sets = false;     // of a batch, such a house for each film
};

void printSummary(const Analysis& analysis, const Judging& by, const Asked& asked,
                  const std::vector<RoomLine>& lines, const Athlete& athlete) {
  auto line = [](const QString& text) { std::cout << text.toStdString() << '\n'; };
  line(QStringLiteral("%1 reps, filmed %2; scale at the plate %3, at the body %4 mm a pixel")
           .arg(analysis.reps.size())
           .arg(viewWords(analysis.view, analysis.facing, asked.lift))
           .arg(withError(analysis.plate_scale, ""), withError(analysis.body_scale, "")));
  for (const Rep& rep : analysis.reps) {
    QString text = QStringLiteral("rep %1").arg(rep.number);
    if (const QString note = repNote(rep); !note.isEmpty()) text += QStringLiteral(" (%1)").arg(note);
    for (const MeasureId id : briefMeasures(asked.lift))
      if (const Measure* m = findMeasure(analysis.measures, id, rep.number);
          m != nullptr && m->status == MeasureStatus::kOk)
        text += QStringLiteral("; %1 %2").arg(measureWords(id), withError(m->value, definitionOf(id).unit));
    line(text);
  }
  printFindings(by, asked.lift, analysis.view, analysis.measures, analysis.findings);
  line(decisionHeading(analysis.decision, asked) + QStringLiteral(". ") +
       decisionReason(analysis.decision, athlete));
  for (std::size_t i = 0; i < analysis.lines.size(); ++i) line(lineWords(lines[i], analysis.lines[i]));
  if (analysis.trust) line(trustWords(*analysis.trust));
  if (analysis.sets.size() > 1)
    line(
        QStringLiteral("note: the film shows %1 sets; --from and --to choose one").arg(analysis.sets.size()));
  for (Warning w : analysis.warnings) line(QStringLiteral("note: ") + warningWords(w));
}

// The day on which the film was last written: the nearest to when it was taken that a file tells.
std::string dayOfFile(const fs::path& film) {
  struct stat facts {};
  if (stat(film.c_str(), &facts) != 0) return {};
  std::tm local{};
  localtime_r(&facts.st_mtime, &local);
  std::array<char, 16> text{};
  std::strftime(text.data(), text.size(), "%Y-%m-%d", &local);
  return text.data();
}

Expected<void> saveAsHouse(const AnalyseOptions& o, AthleteRecord who, SetEdit edit, const ClipTracking& clip,
                           TrackRecord record, const Analysis& analysis, const RuleBook& book) {
  const fs::path film = fs::absolute(o.clip), making = o.set + ".making";
  std::error_code ec;
  for (const char* part : {"", "-wal", "-shm"}) fs::remove(making.string() + part, ec);
  {
    auto house = HouseFile::open(making);
    if (!house) return tl::make_unexpected(house.error());
    if (!o.who.empty()) who.athlete.name = o.who;
    if (who.athlete.name.empty()) who.athlete.name = film.parent_path().filename().string();
    auto id = house->addAthlete(who.athlete);
    if (!id) return tl::make_unexpected(id.error());
    who.athlete.id = *id;
    if (auto ok = house->saveRecord(who); !ok) return ok;
    SetRecord set;
    set.athlete = *id;
    set.day = dayOfFile(film);
    if (o.load_kg) edit.asked.load_kg = *o.load_kg;
    set.edit = std::move(edit);
    set.clip.file = film.string();  // wherever the house goes
    auto added = house->addSet(set);
    if (!added) return tl::make_unexpected(added.error());
    ClipFacts facts = clip.facts;
    facts.file = set.clip.file;
    record.axis = clip.axis;
    record.two_plates = clip.two_plates;
    record.tracks = clip.tracks;
    if (auto ok = house->saveTracks(*added, facts, record); !ok) return ok;
    if (auto ok = house->saveResults(*added, analysis, book); !ok) return ok;
  }
  fs::rename(making, o.set, ec);
  if (ec) return fail(Remedy::kCheckDisk, "“" + o.set + "” cannot be written: " + ec.message() + ".");
  return {};
}

Expected<void> analyseClip(const AnalyseOptions& o) {
  AthleteRecord who;
  Athlete athlete;
  std::optional<Body> body;
  // What is asked for is looked at before the film, which takes its time.
  const auto said = liftNamed(o.lift);
  std::optional<Error> unknown_school;
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift}) {
    if (said && lift != *said) continue;
    auto known = bookOfSchools({o.school}, lift);
    unknown_school = known ? std::nullopt : std::optional(known.error());
    if (known) break;
  }
  if (unknown_school) return tl::make_unexpected(*unknown_school);
  for (const std::string* out : {&o.set, &o.json, &o.csv, &o.curves})
    if (auto ok = checkPlaceFor(*out); !ok) return ok;
  SetEdit edit;
  edit.asked.lift = liftNamed(o.lift).value_or(Lift::kSquat);
  edit.asked.variant = o.variant;
  edit.asked.reps = 0;
  edit.asked.plate_mm = o.plate_mm;
  edit.asked.held = heldNamed(o.held).value_or(Held::kPlates);
  edit.asked.view = o.view == "front" || o.view == "foot"  ? View::kFront
                    : o.view == "rear" || o.view == "head" ? View::kRear
                    : o.view == "side"                     ? View::kSide
                                                           : View::kUnknown;
  edit.asked.facing = o.facing == "left"    ? Facing::kLeft
                      : o.facing == "right" ? Facing::kRight
                                            : Facing::kUnknown;
  if (!o.athlete.empty()) {
    auto text = readText(o.athlete);
    if (!text) return tl::make_unexpected(text.error());
    auto parsed = parseAthlete(*text, o.athlete);
    if (!parsed) return tl::make_unexpected(parsed.error());
    who = parsed->record;
    athlete = who.athlete;
    if (const auto subject = subjectOf(who)) body = subject->body;
    edit.asked.reps = parsed->reps_asked;
  }
  for (const auto& v : o.uprights)
    edit.lines.push_back({RoomLineKind::kUpright, 0, Vec2(v[0], v[1]), Vec2(v[2], v[3]), 0.0});
  for (const auto& v : o.rulers)
    edit.lines.push_back({RoomLineKind::kLengthAtLifter, 0, Vec2(v[0], v[1]), Vec2(v[2], v[3]), 0.01 * v[4]});
  AnalysisSettings settings = settingsFor(athlete, edit, body);
  settings.bar.load_kg = o.load_kg;
  if (auto ok = settings.validate(); !ok) return ok;
  if (!o.points.empty()) {
    auto text = readText(o.points);
    if (!text) return tl::make_unexpected(text.error());
    auto placed = parsePlacedPoints(*text, o.points);
    if (!placed) return tl::make_unexpected(placed.error());
    edit.placed = std::move(*placed);
  }

  const bool shows = isatty(STDERR_FILENO) != 0;
  auto progress = [&](const char* what, double from, double to) {
    return Progress([=](double part) {
      if (shows)
        std::fprintf(stderr, "\r%s %3d %%  ", what, static_cast<int>(100.0 * (from + (to - from) * part)));
      return true;
    });
  };
  const auto figure = figureOf(edit);
  if (!edit.placed.empty() && !figure && !backOf(edit))
    return fail(Remedy::kCorrectInput,
                "“" + o.points +
                    "” holds neither a whole figure (hip, knee, ankle, shoulder) nor points of the back.");
  const double half = !figure && o.bar_only ? 1.0 : 0.3;
  TrackSettings track_settings;
  track_settings.bar = settings.bar;
  if (!o.point.empty())
    track_settings.seed = PlateSeed{static_cast<std::size_t>(o.point[0]), Vec2(o.point[1], o.point[2]),
                                    o.point.size() > 3 ? o.point[3] : 0.0};
  track_settings.view = edit.asked.view;
  auto clip = trackBar(o.clip, track_settings, progress("following the bar", 0.0, half));
  if (shows) std::fprintf(stderr, "\r                              \r");
  if (!clip) return tl::make_unexpected(clip.error());
  playAsLived(clip->tracks.time_s, o.recorded_fps);
  bool open = false;  // which lift it is
  auto takenFor = [&](const char* why) {
    std::cerr << "mottix-cli: note: taken for a " << liftWords(settings.lift).toStdString() << why << '\n';
  };
  if (o.lift == "auto") {
    const auto guess = guessLift(clip->tracks, clip->axis, settings.bar);
    if (guess) settings.lift = edit.asked.lift = guess->lift;
    open = !guess || !guess->sure();
    takenFor(open ? ", but not surely; say --lift." : " by the way the bar goes.");
  }
  const bool find = !figure && !o.bar_only;
  settings.joints_know_body = find;
  if (clip->tracks.across() && !edit.placed.empty())
    return fail(Remedy::kCorrectInput, "“" + o.points + "” holds joints of a side view, but in “" +
                                           fs::path(o.clip).filename().string() +
                                           "” the bar lies across the picture.");
  JointTracks raw;
  FoundSpread spread;
  if (figure) {
    auto network = BodyPointNetwork::load(o.models);
    auto carried = trackPlacedJoints(
        o.clip, *clip, settings.bar, settings.lift, {settings.facing, body, standsWide(edit.asked)}, *figure,
        network ? &*network : nullptr, raw, progress("following the joints", half, 1.0));
    if (shows) std::fprintf(stderr, "\r                              \r");
    if (!carried) return carried;
  }
  std::string no_joints;  // why the program found none
  if (find) {
    auto network = BodyPointNetwork::load(o.models);
    const auto found = network
                           ? trackFoundJoints(o.clip, *clip, settings.bar, liftsToTry(settings.lift, open),
                                              {settings.facing, body, standsWide(edit.asked)}, *network, raw,
                                              spread, progress("finding the joints", half, 1.0))
                           : tl::make_unexpected(network.error());
    if (shows) std::fprintf(stderr, "\r                              \r");
    if (found) {
      if (open && !clip->tracks.across()) {
        settings.lift = edit.asked.lift = *found;
        takenFor(" by the lifter's posture.");
      }
    } else {
      no_joints = found.error().text;
    }
  }
  const bool joints = figure || (find && no_joints.empty());
  if (joints && backOf(edit)) {
    auto back = trackBack(o.clip, *clip, settings.bar, settings.facing, edit, spread, raw,
                          progress("following the back", 0.0, 1.0));
    if (shows) std::fprintf(stderr, "\r                              \r");
    if (!back) return back;
  }
  if (joints) layCorrections(clip->tracks, raw, edit.placed, spread);
  if (o.from_s || o.to_s) {
    const auto& t = clip->tracks.time_s;
    auto frameAt = [&](double s) {
      return static_cast<std::size_t>(std::lower_bound(t.begin(), t.end(), s) - t.begin());
    };
    settings.part = FilmPart{frameAt(o.from_s.value_or(0.0)), o.to_s ? frameAt(*o.to_s) : t.size()};
  }
  // By the athlete's schools, or by the one that was asked for.
  auto by = judgingOf(who, edit, clip->tracks.across(), {});
  if (!by) return tl::make_unexpected(by.error());
  by->set.effort.reset();  // nobody said how hard it was
  by->facts.set = by->set;
  if (!o.school.empty()) {
    auto asked = bookOfSchools({o.school}, settings.lift);
    if (!asked) return tl::make_unexpected(asked.error());
    by->book = std::move(*asked);
  }
  settings.judged = by->set;
  auto analysis = analyse(clip->tracks, clip->axis, settings, by->book);
  if (!analysis)
    return fail(analysis.error().remedy,
                "“" + fs::path(o.clip).filename().string() + "”: " + analysis.error().text);
  if (clip->two_plates) analysis->warnings.push_back(Warning::kTwoPlates);
  if (find && no_joints.empty()) analysis->warnings.push_back(Warning::kJointsFound);
  if (!no_joints.empty()) std::cerr << "mottix-cli: note: " << no_joints << '\n';
  if (!o.set.empty()) {
    TrackRecord record;
    record.version = std::string(joints ? kTrackerVersion : kBarTrackerVersion);
    record.held = edit.asked.held;
    record.carried = raw;
    record.found = spread;
    edit.part = settings.part;
    if (auto ok = saveAsHouse(o, who, edit, *clip, std::move(record), *analysis, by->book); !ok) return ok;
  }
  if (!o.json.empty())
    if (auto ok = writeText(o.json, toJson(clip->facts, clip->tracks, *analysis).dump(1) + "\n"); !ok)
      return ok;
  if (!o.csv.empty())
    if (auto ok = writeText(o.csv, toCsv(*analysis)); !ok) return ok;
  if (!o.curves.empty())
    if (auto ok = writeText(o.curves, curvesCsv(*analysis)); !ok) return ok;
  if (o.json != "-" && o.csv != "-" && o.curves != "-")
    printSummary(*analysis, *by, edit.asked, edit.lines, athlete);
  return {};
}

}  // namespace

void addAnalyseCommand(CLI::App& app, int& exit_code) {
  auto o = std::make_shared<AnalyseOptions>();
  CLI::App* c =
      app.add_subcommand("analyse", "Measure one clip: reps, measures with error, findings, next load");
  c->add_option("CLIP", o->clip, "Film of one set, from the side, the front or the rear");
  c->add_option("--batch", o->batch,
                "Folder of films, each measured by a worker of its own, instead of one clip")
      ->excludes("CLIP");
  c->add_option("--out", o->out,
                "Folder for a batch's results (NAME.json); what is there already is not made again");
  c->add_option("--jobs", o->jobs, "Workers at once; as many as there are cores without it")
      ->check(CLI::Range(1, 1024));
  c->add_option("--lift", o->lift, "What is lifted; auto: by the way the bar goes")
      ->check(CLI::IsMember({"squat", "bench", "deadlift", "auto"}))
      ->capture_default_str();
  c->add_option("--variant", o->variant, "Variant, in own words (\"low bar\")");
  c->add_option("--view", o->view, "Where it was filmed from; of a bench press the head or foot end")
      ->check(CLI::IsMember({"side", "front", "rear", "head", "foot", "auto"}))
      ->capture_default_str();
  c->add_option("--facing", o->facing, "Which way the lifter faces in the picture")
      ->check(CLI::IsMember({"left", "right", "auto"}))
      ->capture_default_str();
  c->add_option("--plate-mm", o->plate_mm, "Diameter of the near plate, or of a dumbbell's head")
      ->check(CLI::Range(100.0, 600.0))
      ->capture_default_str();
  c->add_option("--held", o->held,
                "What is lifted; an empty bar's end and a dumbbell's head have to be pointed at (--point)")
      ->check(CLI::IsMember({"plates", "empty_bar", "dumbbells"}))
      ->capture_default_str();
  c->add_option("--point", o->point,
                "What to follow: number of a picture, x and y of the middle in it, and its radius in pixels "
                "where it is known")
      ->expected(3, 4)
      ->type_name("N X Y [R]");
  c->add_option("--load", o->load_kg, "Load of the set in kg")->check(CLI::Range(0.0, 1000.0));
  c->add_option("--recorded-fps", o->recorded_fps,
                "Pictures a second at which slow motion was recorded, when the film plays slower than life")
      ->check(CLI::Range(10.0, 2000.0));
  c->add_option("--points", o->points,
                "Joints placed by hand, JSON; without, a squat's are found by the program");
  c->add_option("--upright", o->uprights,
                "A line along something upright: x y of its two ends, in pixels of the first picture")
      ->expected(4)
      ->type_name("X Y X Y");
  c->add_option("--ruler", o->rulers,
                "A line of known length beside the lifter: x y of its two ends, in pixels of the first "
                "picture, and its length in cm")
      ->expected(5)
      ->type_name("X Y X Y CM");
  c->add_option("--from", o->from_s, "Second of the film at which the set begins");
  c->add_option("--to", o->to_s, "Second of the film at which the set ends");
  c->add_flag("--bar-only", o->bar_only, "Do not look for the joints");
  c->add_option("--models", o->models, "Folder of the keypoint network")->capture_default_str();
  c->add_option("--athlete", o->athlete, "The athlete's step and open pain, JSON");
  c->add_option("--school", o->school, "School to judge by, instead of the athlete's");
  c->add_option(
      "--set", o->set,
      "Write the set with its tracks and results as a house file of its own, to be taken in by `import`");
  c->add_flag("--sets", o->sets, "Of a batch: such a house file (NAME.mottix) beside each result");
  c->add_option("--who", o->who,
                "Whose set it is; else the athlete file's name, or that of the film's folder");
  c->add_option("--json", o->json, "Write the whole analysis as JSON; - is standard output");
  c->add_option("--csv", o->csv, "Write the measures as CSV; - is standard output");
  c->add_option("--curves", o->curves,
                "Write angles, levers and moments of every picture, with their errors, as CSV; - is standard "
                "output");
  c->callback([o, c, &exit_code] {
    if (o->batch.empty() == o->clip.empty() || (!o->batch.empty() && o->out.empty()))
      throw CLI::ValidationError("say a CLIP, or --batch with --out");
    if (o->batch.empty()) {
      if (auto done = analyseClip(*o); !done) exit_code = report(done.error());
      return;
    }
    BatchOptions batch{o->batch, o->out, o->jobs, {}, o->sets};
    // What was said holds for every film.
    for (const char* name : {"--lift", "--variant", "--view", "--facing", "--plate-mm", "--held", "--load",
                             "--recorded-fps", "--models", "--athlete", "--school", "--who"})
      if (const CLI::Option* option = c->get_option(name); option->count() > 0) {
        batch.say.emplace_back(name);
        batch.say.push_back(option->results().front());
      }
    if (o->bar_only) batch.say.emplace_back("--bar-only");
    const auto failed = analyseBatch(batch);
    if (!failed)
      exit_code = report(failed.error());
    else if (*failed > 0)
      exit_code = kExitUnmeasurable;
  });
}

}  // namespace mottix
