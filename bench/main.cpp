#include <CLI/CLI.hpp>

#include "bench/accuracy.h"
#include "bench/judging.h"
#include "bench/measures.h"

int main(int argc, char** argv) {
  CLI::App app{
      "Measures accuracy against the truth files beside the clips, and speed against plain decoding."};
  app.require_subcommand(1);
  std::vector<std::filesystem::path> clips;
  int rounds = 5, code = 0;
  std::filesystem::path models;
  CLI::App* accuracy = app.add_subcommand("accuracy", "Tables for docs/accuracy.md");
  accuracy->add_option("CLIPS", clips)->required();
  accuracy->add_option("--models", models, "Folder of the keypoint networks")->required();
  accuracy->callback([&] { code = mottix::printAccuracy(clips, models); });
  CLI::App* held = app.add_subcommand("held", "Table of empty bars and dumbbells for docs/accuracy.md");
  held->add_option("CLIPS", clips)->required();
  held->callback([&] { code = mottix::printHeld(clips); });
  CLI::App* across = app.add_subcommand("across", "Table of bars across the picture for docs/accuracy.md");
  across->add_option("CLIPS", clips)->required();
  across->callback([&] { code = mottix::printAcross(clips); });
  CLI::App* sync = app.add_subcommand("sync", "Table of two films of one set for docs/accuracy.md");
  sync->add_option("CLIPS", clips, "Pairs of films, one after the other")->required();
  sync->callback([&] { code = mottix::printSync(clips); });
  CLI::App* angles = app.add_subcommand("angles", "Table of angles of whole sets for docs/accuracy.md");
  angles->add_option("CLIPS", clips)->required();
  angles->add_option("--models", models, "Folder of the keypoint networks")->required();
  angles->callback([&] { code = mottix::printAngles(clips, models); });
  CLI::App* speed = app.add_subcommand("speed", "Table for docs/performance.md");
  speed->add_option("CLIPS", clips)->required();
  speed->add_option("--rounds", rounds)->check(CLI::Range(1, 100))->capture_default_str();
  speed->add_option("--models", models, "Folder of the keypoint networks")->required();
  speed->callback([&] { code = mottix::printSpeed(clips, rounds, models); });
  CLI::App* field = app.add_subcommand("field", "Table of many seeded films for docs/accuracy.md");
  field->add_option("CLIPS", clips)->required();
  field->add_option("--models", models, "Folder of the keypoint networks")->required();
  field->callback([&] { code = mottix::printField(clips, models); });
  CLI::App* lengths = app.add_subcommand("lengths", "Table of the lengths of the body for docs/accuracy.md");
  lengths->add_option("CLIPS", clips)->required();
  lengths->add_option("--models", models, "Folder of the keypoint networks")->required();
  lengths->callback([&] { code = mottix::printLengths(clips, models); });
  CLI::App* joints = app.add_subcommand("joints", "Table of joints found by themselves for docs/accuracy.md");
  joints->add_option("CLIPS", clips)->required();
  joints->add_option("--models", models, "Folder of the keypoint networks")->required();
  joints->callback([&] { code = mottix::printJoints(clips, models); });
  int solves = 20000;
  CLI::App* posture = app.add_subcommand("posture", "Time of one posture solve");
  posture->add_option("--solves", solves)->check(CLI::Range(100, 10000000))->capture_default_str();
  posture->callback([&] { code = mottix::printPostureSpeed(solves); });
  std::uint32_t cases = 800, first_case = 4801;  // the ones before served to set allowances
  CLI::App* measures =
      app.add_subcommand("measures", "Stated against true errors of all measures for docs/accuracy.md");
  measures->add_option("--cases", cases)->check(CLI::Range(20, 10000))->capture_default_str();
  measures->add_option("--first", first_case, "Seed of the first")->capture_default_str();
  measures->callback([&] { mottix::benchMeasures(first_case, cases); });
  std::uint32_t first_judged = 1;
  int judged_sets = 200;
  std::filesystem::path big_house;
  CLI::App* house = app.add_subcommand("house", "A house of 100,000 sets for docs/performance.md");
  house->add_option("FILE", big_house, "House file; made when missing")->required();
  house->callback([&] { code = mottix::printHouse(big_house); });
  int load_runs = 1000;
  CLI::App* load = app.add_subcommand("load", "Simulated lifters for docs/load.md");
  load->add_option("--runs", load_runs, "Of each plan")->check(CLI::Range(3, 100000))->capture_default_str();
  load->callback([&] { mottix::printLoad(load_runs); });
  CLI::App* judging =
      app.add_subcommand("judging", "Judgement against truth for docs/accuracy.md, and its time");
  judging->add_option("--sets", judged_sets)->check(CLI::Range(10, 10000))->capture_default_str();
  judging->add_option("--first", first_judged, "Seed of the first")->capture_default_str();
  judging->callback([&] { mottix::benchJudging(first_judged, judged_sets); });
  int changes = 500;
  CLI::App* fit = app.add_subcommand("fit", "Time of one change in Fit");
  fit->add_option("--changes", changes)->check(CLI::Range(20, 100000))->capture_default_str();
  fit->callback([&] { code = mottix::printFitSpeed(changes); });
  std::filesystem::path clip;
  CLI::App* memory = app.add_subcommand("memory", "Most memory held over the whole analysis of one clip");
  memory->add_option("CLIP", clip)->required();
  memory->add_option("--models", models, "Folder of the keypoint networks")->required();
  memory->callback([&] { code = mottix::printMemory(clip, models); });
  CLI::App* drag = app.add_subcommand("drag", "Time until the picture is there when the bar is pulled");
  drag->add_option("CLIPS", clips)->required();
  drag->callback([&] { code = mottix::printDragSpeed(clips); });
  CLI11_PARSE(app, argc, argv);
  return code;
}
