// Houses going out and coming in: all of a house as one zip file of readable tables, its way back, athletes
// taken from another house, backups.
//
// The zip (docs/exchange.md): manifest.json says format, the version of the tables, and what is in it;
// tables/NAME.jsonl holds a table, its columns in the first line and a row in each other; csv/NAME.csv the
// same for spreadsheets; films/ the films if they were wanted. Everything of the house is in the tables, so
// that the way back loses nothing.
//
// What comes in is not trusted: names are looked up and never used as paths, only tables and columns of that
// version are taken, sizes are bounded, checksums and references are checked; what is refused leaves nothing
// behind.
#pragma once

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

#include "core/base/error.h"
#include "store/house_file.h"

namespace mottix {

// Returns false to stop; `part` runs from 0 to 1.
using ExchangeGoing = std::function<bool(double part)>;

struct HouseInZip {
  int version = 0;  // of the tables
  std::int64_t athletes = 0, sets = 0, rows = 0;
  int films = 0, films_missing = 0;  // missing: named by the house, but not to be found
};

// kChooseAnotherFile for what is no house, kCheckDisk; stopped: kCorrectInput. A zip of that name is replaced
// when the new one is whole. The house is only read.
Expected<HouseInZip> exportHouse(const std::filesystem::path& house, const std::filesystem::path& zip,
                                 bool films, const ExchangeGoing& going = {});

// Makes a new house file; films go into a folder beside it, NAME_films. kCorrectInput when there is a file of
// that name, kChooseAnotherFile for a zip that is none of ours, damaged or unreasonable, kUpdateProgram for
// one of a newer program.
Expected<HouseInZip> importHouse(const std::filesystem::path& zip, const std::filesystem::path& house,
                                 const ExchangeGoing& going = {});

// What becomes of somebody whose name is known here already.
enum class OnSameName {
  kLeaveOut,
  kBeside,  // as another athlete, whose name says so
  kMerge,   // sets that are not there yet are added; what is known of the athlete here stays
};

struct TakenAthletes {
  int athletes = 0, merged = 0, left_out = 0;
  std::int64_t sets = 0, sets_known = 0;
};
// From another house file, or a zip of one. One transaction; the other house is only read. Films stay where
// they are; those in a zip come into a folder beside the house, NAME_films. `whom`: their names; empty:
// everybody. kCorrectInput for a name that is not there.
Expected<TakenAthletes> takeAthletes(HouseFile& into, const std::filesystem::path& from,
                                     const std::vector<std::string>& whom, OnSameName on_same);

// A copy of the house as it is, beside it in NAME_backups, named by the day; of that day there is one, and
// the newest `keep` days are kept. False: there was one of today already.
Expected<bool> keepBackup(const std::filesystem::path& house, const std::string& day, int keep = 14);
struct Backup {
  std::filesystem::path file;
  std::string day;
};
std::vector<Backup> backupsOf(const std::filesystem::path& house);  // newest first
// The house as it was that day; what it is now becomes a backup first, named "before going back". The house
// must not be open. kChooseAnotherFile for a backup that is none.
Expected<void> goBackTo(const std::filesystem::path& backup, const std::filesystem::path& house);

// A text cell of a CSV file for spreadsheets: quoted where needed, and never taken for a formula.
std::string csvCell(std::string_view text);

}  // namespace mottix
