#include <filesystem>
#include <iostream>
#include <memory>

#include <nlohmann/json.hpp>

#include "cli/commands.h"
#include "cli/files.h"
#include "report/athlete_document.h"
#include "store/house_file.h"

namespace mottix {
namespace {

struct AthleteOptions {
  std::string house, name, json = "-", add;
};

Expected<void> addFrom(HouseFile& house, const std::string& file) {
  auto text = readText(file);
  if (!text) return tl::make_unexpected(text.error());
  auto parsed = parseAthlete(*text, file);
  if (!parsed) return tl::make_unexpected(parsed.error());
  AthleteRecord record = parsed->record;
  if (record.athlete.name.empty())
    return fail(Remedy::kCorrectInput, "“" + file + "” states no “name”; an athlete in a house needs one.");
  auto id = house.addAthlete(record.athlete);
  if (!id) return tl::make_unexpected(id.error());
  record.athlete.id = *id;
  return house.saveRecord(record);
}

Expected<void> run(const AthleteOptions& o) {
  std::error_code ec;
  if (!std::filesystem::exists(o.house, ec))
    return fail(Remedy::kChooseAnotherFile, "“" + o.house + "” is not there. Name a house file that exists.");
  auto house = HouseFile::open(o.house);
  if (!house) return tl::make_unexpected(house.error());
  if (!o.add.empty()) return addFrom(*house, o.add);
  auto athletes = house->athletes();
  if (!athletes) return tl::make_unexpected(athletes.error());
  if (o.name.empty()) {
    for (const Athlete& a : *athletes) std::cout << a.name << '\n';
    return {};
  }
  for (const Athlete& a : *athletes) {
    if (a.name != o.name) continue;
    auto record = house->loadRecord(a.id);
    if (!record) return tl::make_unexpected(record.error());
    return writeText(o.json, toJson(*record).dump(2) + "\n");
  }
  return fail(Remedy::kCorrectInput, "There is no athlete “" + o.name + "” in “" + o.house +
                                         "”. Without --name all names are listed.");
}

}  // namespace

void addAthleteCommand(CLI::App& app, int& exit_code) {
  auto o = std::make_shared<AthleteOptions>();
  CLI::App* c =
      app.add_subcommand("athlete", "Athletes of a house: list them, write one as JSON, add one from JSON");
  c->add_option("HOUSE", o->house, "House file")->required();
  auto* name = c->add_option("--name", o->name, "Athlete to write as JSON");
  c->add_option("--json", o->json, "Where to; - is standard output")->capture_default_str()->needs(name);
  c->add_option("--add", o->add, "Athlete file to add to the house")->excludes(name);
  c->callback([o, &exit_code] {
    if (auto done = run(*o); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
