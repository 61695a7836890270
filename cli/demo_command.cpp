#include <cstdio>
#include <filesystem>
#include <fstream>
#include <memory>
#include <sstream>

#include "cli/commands.h"
#include "core/cue/cue_book.h"
#include "report/analysis_document.h"
#include "store/house_file.h"
#include "vision/analyse_clip.h"

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

// Skarn Fell mountain-rescue station: its small strength room and some of its volunteers, all made up.
const std::array kAthletes = {
    Athlete{{}, "Runa Tveit", 2.5, 0, "Stretcher team. Low bar since spring."},
    Athlete{{}, "Odd Halvard Brekke", 5.0, 0, "Rope team. Long thighs."},
    Athlete{
        {}, "Ingeborg Myhre-Solbakken", 2.5, 5, "Dog handler. Right knee sore after the descent in October."},
    Athlete{{}, "Torstein Aas", 2.5, 0, "New this autumn."},
};

const std::array kSets = {
    DemoSet{0,
            "2026-11-17",
            "squat_side_hips_rise.mp4",
            {Lift::kSquat, "high bar", 5, 70.0, 8.0, Facing::kRight, 450.0},
            false},
    DemoSet{1,
            "2026-11-17",
            "squat_side_good.mp4",
            {Lift::kSquat, "high bar", 4, 100.0, 8.0, Facing::kRight, 450.0},
            true},
    DemoSet{1,
            "2026-11-19",
            "deadlift_side_good.mp4",
            {Lift::kDeadlift, "conventional", 4, 90.0, 7.0, Facing::kRight, 450.0},
            false},
    DemoSet{2,
            "2026-11-19",
            "skarn_knee_back_to_depth.mp4",
            {Lift::kSquat, "high bar", 3, 60.0, 6.0, Facing::kUnknown, 450.0},
            true},
    DemoSet{3,
            "2026-11-24",
            "skarn_first_squats.mp4",
            {Lift::kSquat, "high bar", 3, 60.0, 7.0, Facing::kUnknown, 450.0},
            false},
};

Expected<void> addSet(HouseFile& house, const DemoSet& plan, AthleteId athlete_id, const Athlete& athlete,
                      const fs::path& footage) {
  const fs::path film = footage / plan.clip;
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
  const fs::path points = footage / (film.stem().string() + ".points.json");
  if (fs::exists(points)) {
    std::ifstream in(points);
    std::ostringstream text;
    text << in.rdbuf();
    auto placed = parsePlacedPoints(text.str(), points.filename().string());
    if (!placed) return tl::make_unexpected(placed.error());
    set.edit.placed = *placed;
    auto carried = trackJoints(film, *clip, plan.asked.plate_mm, plan.asked.lift, plan.asked.facing,
                               placed->front(), record.carried);
    if (!carried) return carried;
    layCorrections(clip->tracks, record.carried, set.edit.placed);
  }
  auto analysis = analyse(clip->tracks, clip->axis, settingsFor(athlete, set.edit), builtInRuleBook());
  if (!analysis) return tl::make_unexpected(analysis.error());
  if (plan.reviewed) {
    const auto cues = suggestCues(builtInCueBook(), analysis->findings);
    if (!cues.empty()) set.edit.cue = cues.front()->id;
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
  return house.saveResults(*id, *analysis, builtInRuleBook());
}

Expected<void> makeDemo(const fs::path& house_path, const fs::path& footage) {
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
    std::vector<AthleteId> ids;
    for (const Athlete& athlete : kAthletes) {
      auto id = house->addAthlete(athlete);
      if (!id) return tl::make_unexpected(id.error());
      ids.push_back(*id);
    }
    for (const DemoSet& set : kSets) {
      const auto who = static_cast<std::size_t>(set.athlete);
      if (auto ok = addSet(*house, set, ids[who], kAthletes[who], fs::absolute(footage)); !ok) return ok;
    }
  }
  fs::rename(making, house_path, ec);
  if (ec)
    return fail(Remedy::kCheckDisk, "“" + house_path.string() + "” cannot be written: " + ec.message() + ".");
  return {};
}

}  // namespace

void addDemoCommand(CLI::App& app, int& exit_code) {
  struct Options {
    std::string house, footage = "demo/footage";
  };
  auto o = std::make_shared<Options>();
  CLI::App* c = app.add_subcommand(
      "demo", "Make the demo house: a made-up rescue station with real footage files to look at");
  c->add_option("HOUSE", o->house, "House file to make")->required();
  c->add_option("--footage", o->footage, "Folder of the demo's films")->capture_default_str();
  c->callback([o, &exit_code] {
    if (auto done = makeDemo(o->house, o->footage); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
