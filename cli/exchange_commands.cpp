// `export`, `import`, `take`, `delete-athlete`, `backup`, `go-back`: houses going out and coming in.
#include <algorithm>
#include <chrono>
#include <filesystem>
#include <iostream>
#include <memory>
#include <optional>

#include "cli/commands.h"
#include "cli/files.h"
#include "core/base/day.h"
#include "store/house_exchange.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

struct Options {
  std::string house, file, same = "leave-out", name;
  std::vector<std::string> who, files;
  bool films = false, yes = false;
};

std::string today() {
  return nameOf(std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now()));
}

Expected<HouseFile> existing(const std::string& house) {
  if (std::error_code ec; !fs::exists(house, ec))
    return fail(Remedy::kChooseAnotherFile, "There is no house file “" + house + "”.");
  return HouseFile::open(house);
}

Expected<void> exportOne(const Options& o) {
  if (auto house = existing(o.house); !house) return tl::make_unexpected(house.error());
  const auto done = exportHouse(o.house, o.file, o.films);
  if (!done) return tl::make_unexpected(done.error());
  std::cout << o.file << ": " << done->athletes << " athletes, " << done->sets << " sets";
  if (o.films) std::cout << ", " << done->films << " films";
  if (done->films_missing > 0)
    std::cout << " (" << done->films_missing << " films are not where the house says)";
  std::cout << '\n';
  return {};
}

// Sets of films that were measured elsewhere, and houses: all of them into one, each as one transaction. What
// is in it already is known again, so that it may be repeated.
Expected<void> importInto(const Options& o) {
  auto house = HouseFile::open(o.house);
  if (!house) return tl::make_unexpected(house.error());
  TakenAthletes all;
  std::optional<Error> wrong;
  for (const std::string& file : o.files) {
    const auto done = takeAthletes(*house, file, {}, OnSameName::kMerge);
    if (!done) {  // said, and the others go in
      std::cerr << "mottix-cli: " << done.error().text << '\n';
      wrong = done.error();
      continue;
    }
    all.athletes += done->athletes;
    all.sets += done->sets;
    all.sets_known += done->sets_known;
  }
  std::cout << o.house << ": " << all.sets << " sets taken in, " << all.sets_known << " known already, "
            << all.athletes << " new athletes\n";
  if (wrong)
    return fail(wrong->remedy, "Not everything could be taken in; mend what is said above and repeat it.");
  return {};
}

Expected<void> importOne(const Options& all) {
  if (!all.house.empty()) return importInto(all);
  if (all.files.size() != 2)
    return fail(Remedy::kCorrectInput, "Say a ZIP and the new HOUSE, or --into HOUSE and what to take in.");
  Options o = all;
  o.file = all.files[0];
  o.house = all.files[1];
  const auto done = importHouse(o.file, o.house);
  if (!done) return tl::make_unexpected(done.error());
  std::cout << o.house << ": " << done->athletes << " athletes, " << done->sets << " sets, " << done->films
            << " films\n";
  return {};
}

Expected<void> take(const Options& o) {
  auto house = existing(o.house);
  if (!house) return tl::make_unexpected(house.error());
  const auto done = takeAthletes(*house, o.file, o.who,
                                 o.same == "merge"    ? OnSameName::kMerge
                                 : o.same == "beside" ? OnSameName::kBeside
                                                      : OnSameName::kLeaveOut);
  if (!done) return tl::make_unexpected(done.error());
  std::cout << done->athletes << " athletes and " << done->sets << " sets taken in; " << done->merged
            << " merged (" << done->sets_known << " sets known already), " << done->left_out << " left out\n";
  return {};
}

Expected<void> deleteOne(const Options& o) {
  auto house = existing(o.house);
  if (!house) return tl::make_unexpected(house.error());
  const auto athletes = house->athletes();
  if (!athletes) return tl::make_unexpected(athletes.error());
  const auto who =
      std::find_if(athletes->begin(), athletes->end(), [&](const Athlete& a) { return a.name == o.name; });
  if (who == athletes->end())
    return fail(Remedy::kCorrectInput, "“" + o.house + "” knows nobody called “" + o.name + "”.");
  if (!o.yes)
    return fail(Remedy::kCorrectInput, "Everything of " + o.name +
                                           " would go for good. Export the house first, if it is "
                                           "to be kept anywhere, and say --yes.");
  const auto films = house->removeAthlete(who->id);
  if (!films) return tl::make_unexpected(films.error());
  std::cout << o.name << " is deleted. Backups and exports made before still hold it";
  std::cout << (films->empty() ? ".\n" : "; so do these films, which are nobody else's:\n");
  for (const fs::path& film : *films) std::cout << "  " << film.string() << '\n';
  return {};
}

Expected<void> backup(const Options& o) {
  if (auto house = existing(o.house); !house) return tl::make_unexpected(house.error());
  const auto made = keepBackup(o.house, today());
  if (!made) return tl::make_unexpected(made.error());
  if (!*made) std::cout << "There is one of today already.\n";
  for (const Backup& b : backupsOf(o.house)) std::cout << b.day << "  " << b.file.string() << '\n';
  return {};
}

Expected<void> goBack(const Options& o) {
  if (auto done = goBackTo(o.file, o.house); !done) return done;
  std::cout << o.house << " is as it was in " << o.file << "; what it was is kept among its backups.\n";
  return {};
}

}  // namespace

void addExchangeCommands(CLI::App& app, int& exit_code) {
  const auto command = [&](const char* name, const char* help, Expected<void> (*run)(const Options&)) {
    auto o = std::make_shared<Options>();
    CLI::App* c = app.add_subcommand(name, help);
    c->callback([o, run, &exit_code] {
      if (auto done = run(*o); !done) exit_code = report(done.error());
    });
    return std::pair(c, o);
  };
  {
    auto [c, o] =
        command("export", "All of a house as one zip of readable tables (docs/exchange.md)", exportOne);
    c->add_option("HOUSE", o->house, "House file")->required();
    c->add_option("ZIP", o->file, "Where to")->required();
    c->add_flag("--films", o->films, "The films, too");
  }
  {
    auto [c, o] = command(
        "import", "A new house file from such a zip (ZIP HOUSE); or sets and houses into one (--into)",
        importOne);
    c->add_option("FILES", o->files,
                  "ZIP and the new HOUSE; with --into house files, sets of `analyse --set`, zips")
        ->required();
    c->add_option("--into", o->house, "House file that takes them in; made where there is none");
  }
  {
    auto [c, o] = command("take", "Athletes of another house, or of a zip of one, into a house", take);
    c->add_option("FROM", o->file, "House file or zip")->required();
    c->add_option("--into", o->house, "House file")->required();
    c->add_option("--who", o->who, "Their names; everybody without it");
    c->add_option("--same", o->same, "What becomes of somebody known here already")
        ->check(CLI::IsMember({"leave-out", "beside", "merge"}))
        ->capture_default_str();
  }
  {
    auto [c, o] = command("delete-athlete", "Everything of an athlete, for good", deleteOne);
    c->add_option("HOUSE", o->house, "House file")->required();
    c->add_option("NAME", o->name, "Whom")->required();
    c->add_flag("--yes", o->yes, "It is meant");
  }
  {
    auto [c, o] = command("backup", "A backup of a house, one a day, and which there are", backup);
    c->add_option("HOUSE", o->house, "House file")->required();
  }
  {
    auto [c, o] = command("go-back", "A house as it was in a backup; close it first", goBack);
    c->add_option("BACKUP", o->file, "Backup file")->required();
    c->add_option("HOUSE", o->house, "House file")->required();
  }
}

}  // namespace mottix
