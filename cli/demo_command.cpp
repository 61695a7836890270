#include <cstdio>
#include <filesystem>
#include <fstream>
#include <memory>
#include <sstream>

#include "cli/commands.h"
#include "cli/demo_story.h"
#include "cli/files.h"
#include "core/body/lengths_from_clip.h"
#include "core/cue/cue_book.h"
#include "core/log/judging.h"
#include "core/motion/film_sync.h"
#include "core/motion/joint_corrections.h"
#include "report/analysis_document.h"
#include "report/athlete_document.h"
#include "report/fit_wording.h"
#include "store/house_file.h"
#include "vision/analyse_clip.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

struct DemoSet {
  int athlete;
  const char* day;
  const char* clip;
  Asked asked;
  bool reviewed;  // the coach has said a cue and decided on the load
};

// Skarn Fell mountain-rescue station: its small strength room and the six volunteers who train there, all
// made up. Their bodies, screens and complaints are the athlete files of the demo.
constexpr std::array kAthletes = {"runa_tveit",   "odd_halvard_brekke", "ingeborg_myhre_solbakken",
                                  "torstein_aas", "maren_skogvoll",     "sverre_lindheim"};

const std::array kSets = {
    DemoSet{0,
            "2026-11-17",
            "squat_side_hips_rise.mp4",
            {Lift::kSquat, "high bar", 5, 70.0, 8.0, Facing::kRight, 450.0},
            false},
    DemoSet{5,
            "2026-11-17",
            "squat_side_good.mp4",
            {Lift::kSquat, "high bar", 4, 100.0, 8.0, Facing::kRight, 450.0},
            true},
    DemoSet{1,
            "2026-11-18",
            "skarn_long_thighs.mp4",
            {Lift::kSquat, "high bar", 3, 75.0, 7.5, Facing::kUnknown, 450.0},
            false},
    DemoSet{0,
            "2026-11-19",
            "deadlift_side_good.mp4",
            {Lift::kDeadlift, "conventional", 4, 90.0, 7.0, Facing::kRight, 450.0},
            false},
    DemoSet{5,
            "2026-11-20",
            "bench_foot_end_tilt.mp4",
            {Lift::kBench, "flat", 4, 85.0, 8.0, Facing::kUnknown, 450.0},
            false},
    DemoSet{2,
            "2026-11-19",
            "skarn_knee_back_to_depth.mp4",
            {Lift::kSquat, "high bar", 3, 60.0, 6.0, Facing::kUnknown, 450.0},
            true},
    DemoSet{4,
            "2026-11-20",
            "skarn_knees_from_front.mp4",
            {Lift::kSquat, "high bar", 3, 45.0, 7.0, Facing::kUnknown, 450.0},
            false},
    DemoSet{3,
            "2026-11-24",
            "skarn_first_squats.mp4",
            {Lift::kSquat, "high bar", 3, 60.0, 7.0, Facing::kUnknown, 450.0},
            false},
    DemoSet{4,
            "2026-11-20",
            "skarn_knees_from_side.mp4",
            {Lift::kSquat, "high bar", 3, 45.0, 7.0, Facing::kUnknown, 450.0},
            false},
};
// Two films of one set.
constexpr const char *kFromSide = "skarn_knees_from_side.mp4", *kFromFront = "skarn_knees_from_front.mp4";

// Set-ups under trial: the high bar with which the film was made, and what Fit suggests.
constexpr std::size_t kTriesSetups = 1;  // Odd Halvard Brekke
constexpr std::size_t kFilmedTwice = 4;  // Maren Skogvoll

Expected<void> addSet(HouseFile& house, const DemoSet& plan, AthleteId athlete_id, const Athlete& athlete,
                      const fs::path& footage) {
  const fs::path film = footage / plan.clip;
  if (std::error_code ec; !fs::exists(film, ec)) {
    std::fprintf(stderr, "mottix-cli: note: “%s” is not in “%s”; its set is left out.\n", plan.clip,
                 footage.string().c_str());
    return {};
  }
  std::printf("%s\n", plan.clip);
  std::fflush(stdout);
  SetRecord set;
  set.athlete = athlete_id;
  set.day = plan.day;
  set.edit.asked = plan.asked;
  auto clip = trackBar(film);
  if (!clip) return tl::make_unexpected(clip.error());
  TrackRecord record;
  record.version = std::string(kTrackerVersion);
  record.axis = clip->axis;
  record.two_plates = clip->two_plates;
  record.tracks = clip->tracks;
  // As the desk does it; without the network's files a set of which no joints were placed stays one of the
  // bar alone.
  auto network = BodyPointNetwork::load(modelsFolder(programFolder()));
  const fs::path points = footage / (film.stem().string() + ".points.json");
  if (fs::exists(points)) {
    std::ifstream in(points);
    std::ostringstream text;
    text << in.rdbuf();
    auto placed = parsePlacedPoints(text.str(), points.filename().string());
    if (!placed) return tl::make_unexpected(placed.error());
    set.edit.placed = *placed;
    auto carried = trackPlacedJoints(film, *clip, loadedBar(plan.asked), plan.asked.lift,
                                     {plan.asked.facing, {}, standsWide(plan.asked)}, placed->front(),
                                     network ? &*network : nullptr, record.carried);
    if (!carried) return carried;
    layCorrections(clip->tracks, record.carried, set.edit.placed);
  } else {
    if (network && trackFoundJoints(film, *clip, loadedBar(plan.asked), {plan.asked.lift},
                                    {plan.asked.facing, {}, standsWide(plan.asked)}, *network, record.carried,
                                    record.found))
      layCorrections(clip->tracks, record.carried, {}, record.found);
    else
      record.carried = {};
  }
  const auto record_of = house.loadRecord(athlete.id);
  const auto by = record_of ? judgingOf(*record_of, set.edit, clip->tracks.across(), {}) : Judging{};
  if (!by) return tl::make_unexpected(by.error());
  AnalysisSettings settings = settingsFor(athlete, set.edit);
  settings.judged = by->set;
  auto analysis = analyse(clip->tracks, clip->axis, settings, by->book);
  if (!analysis) return tl::make_unexpected(analysis.error());
  if (plan.reviewed) {
    const auto cues = suggestCues(builtInCueBook(), analysis->findings, by->book);
    if (!cues.empty()) set.edit.cue = cues.front().cue->id;
    set.edit.next_load_kg = analysis->decision.next_load_kg;
  }
  set.clip.file = house.relativeFilm(film);
  auto id = house.addSet(set);
  if (!id) return tl::make_unexpected(id.error());
  ClipFacts facts = clip->facts;
  facts.file = set.clip.file;
  if (auto ok = house.saveTracks(*id, facts, record); !ok) return ok;
  if (plan.reviewed)
    if (auto ok = house.saveEdit(*id, set.edit, SetState::kReviewed); !ok) return ok;
  return house.saveResults(*id, *analysis, by->book);
}

Expected<AthleteRecord> addAthlete(HouseFile& house, const fs::path& file) {
  auto text = readText(file.string());
  if (!text) return tl::make_unexpected(text.error());
  auto parsed = parseAthlete(*text, file.filename().string());
  if (!parsed) return tl::make_unexpected(parsed.error());
  AthleteRecord record = parsed->record;
  auto id = house.addAthlete(record.athlete);
  if (!id) return tl::make_unexpected(id.error());
  record.athlete.id = *id;
  if (auto ok = house.saveRecord(record); !ok) return tl::make_unexpected(ok.error());
  return record;
}

// What the films tell of the lengths that nobody measured by hand.
Expected<void> readLengths(HouseFile& house, AthleteRecord record) {
  auto sets = house.sets();
  if (!sets) return tl::make_unexpected(sets.error());
  const auto who = subjectOf(record);
  if (!who) return {};
  std::vector<ClipLengths> found;
  for (const SetRecord& set : *sets) {
    if (set.athlete != record.athlete.id || set.edit.placed.empty()) continue;
    auto tracks = house.loadTracks(set.id);
    if (!tracks || !*tracks) continue;
    ClipTracks laid = (*tracks)->tracks;
    layCorrections(laid, (*tracks)->carried, set.edit.placed);
    const auto a =
        analyse(laid, (*tracks)->axis, settingsFor(record.athlete, set.edit, who->body), builtInRuleBook());
    if (!a) continue;
    if (const auto lengths = estimateLengths(laid, a->camera, a->camera_errors, a->reps); lengths)
      found.push_back(*lengths);
  }
  takeLengths(found, *record.body);
  return house.saveRecord(record);
}

// As the desk does it when the coach says that both show one set.
Expected<void> layOnEachOther(HouseFile& house, const AthleteRecord& record) {
  const auto sets = house.sets();
  if (!sets) return tl::make_unexpected(sets.error());
  std::optional<SetRecord> films[2];
  std::optional<Analysis> analyses[2];
  for (const SetRecord& set : *sets)
    for (int k = 0; k < 2; ++k) {
      if (fs::path(set.clip.file).filename() != (k == 0 ? kFromSide : kFromFront)) continue;
      const auto tracks = house.loadTracks(set.id);
      if (!tracks || !*tracks) return {};
      auto a = analyse((*tracks)->tracks, (*tracks)->axis, settingsFor(record.athlete, set.edit),
                       builtInRuleBook());
      if (!a) return {};
      films[k] = set;
      analyses[k] = std::move(*a);
    }
  if (!films[0] || !films[1]) return {};
  const auto sync =
      syncFilms(computeBarHeight(analyses[0]->on->input), computeBarHeight(analyses[1]->on->input));
  if (!sync) return tl::make_unexpected(sync.error());
  films[0]->edit.other_film = OtherFilm{films[1]->id, sync->later_s.value, false};
  return house.saveEdit(films[0]->id, films[0]->edit, films[0]->state);
}

Expected<void> keepSetups(HouseFile& house, AthleteId athlete) {
  auto record = house.loadRecord(athlete);
  if (!record) return tl::make_unexpected(record.error());
  auto sets = house.sets();
  if (!sets) return tl::make_unexpected(sets.error());
  const auto who = subjectOf(*record);
  if (!who) return {};
  SquatWishes high;
  high.bar = BarPosition::kHigh;
  for (const SquatWishes& wishes : {high, SquatWishes{}}) {
    auto id = house.newSetupId();
    if (!id) return tl::make_unexpected(id.error());
    const bool in_use = wishes.bar.has_value();
    const auto values = setupValues(suggestSquat(*who, record->athlete.profile.squat, wishes).suggestions);
    record->setups.push_back({*id, athlete, Lift::kSquat, setupName(Lift::kSquat, values).toStdString(),
                              "2026-11-18", values, in_use, in_use ? "what he knows so far" : ""});
    if (auto ok = house.saveRecord(*record); !ok) return ok;
  }
  for (SetRecord& set : *sets)
    if (set.athlete == athlete && set.hasFilm() && set.edit.asked.lift == Lift::kSquat) {
      set.edit.setup = record->setups.front().id;
      set.edit.comfort = 6;
      set.edit.effort_felt = 8.0;
      if (auto ok = house.saveEdit(set.id, set.edit, set.state); !ok) return ok;
    }
  return {};
}

Expected<void> makeDemo(const fs::path& house_path, const fs::path& footage, const fs::path& athletes) {
  std::error_code ec;
  if (fs::exists(house_path, ec))
    return fail(Remedy::kCheckDisk,
                "“" + house_path.string() +
                    "” is there already and was not touched. Remove it first, or name another file.");
  // Made beside and moved at the end: a demo that was interrupted is no demo.
  const fs::path making = house_path.string() + ".making";
  fs::remove(making, ec);
  fs::create_directories(fs::absolute(house_path).parent_path(), ec);
  {
    auto house = HouseFile::open(making);
    if (!house) return tl::make_unexpected(house.error());
    std::vector<AthleteRecord> records;
    for (const char* name : kAthletes) {
      auto record = addAthlete(*house, athletes / (std::string(name) + ".json"));
      if (!record) return tl::make_unexpected(record.error());
      records.push_back(*record);
    }
    for (const DemoSet& set : kSets) {
      const auto who = static_cast<std::size_t>(set.athlete);
      const Athlete& athlete = records[who].athlete;
      if (auto ok = addSet(*house, set, athlete.id, athlete, fs::absolute(footage)); !ok) return ok;
    }
    for (const AthleteRecord& record : records)
      if (auto ok = readLengths(*house, record); !ok) return ok;
    if (auto ok = layOnEachOther(*house, records[kFilmedTwice]); !ok) return ok;
    if (auto ok = keepSetups(*house, records[kTriesSetups].athlete.id); !ok) return ok;
    std::printf("the months before\n");
    std::fflush(stdout);
    if (auto ok = addStory(*house, records); !ok) return ok;
    if (auto ok = addBlindLooks(*house); !ok) return ok;
    if (auto ok = house->saveDeskState("walk", "offer"); !ok) return ok;
  }
  fs::rename(making, house_path, ec);
  if (ec)
    return fail(Remedy::kCheckDisk, "“" + house_path.string() + "” cannot be written: " + ec.message() + ".");
  return {};
}

}  // namespace

void addDemoCommand(CLI::App& app, int& exit_code) {
  struct Options {
    std::string house, footage = "demo/footage", athletes = "demo/athletes";
  };
  auto o = std::make_shared<Options>();
  CLI::App* c = app.add_subcommand(
      "demo", "Make the demo house: a made-up rescue station with real footage files to look at");
  c->add_option("HOUSE", o->house, "House file to make")->required();
  c->add_option("--footage", o->footage, "Folder of the demo's films")->capture_default_str();
  c->add_option("--athletes", o->athletes, "Folder of the demo's athletes")->capture_default_str();
  c->callback([o, &exit_code] {
    if (auto done = makeDemo(o->house, o->footage, o->athletes); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
