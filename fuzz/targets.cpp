#include "fuzz/targets.h"

#include <sys/mman.h>
#include <unistd.h>

#include <filesystem>
#include <fstream>
#include <string>

#include <nlohmann/json.hpp>

#include "core/cue/cue_book.h"
#include "core/load/assistance.h"
#include "core/load/lift_plan.h"
#include "core/log/log_import.h"
#include "core/log/log_query.h"
#include "core/log/quick_entry.h"
#include "core/verdict/rule_book.h"
#include "report/analysis_document.h"
#include "report/athlete_document.h"
#include "store/house_exchange.h"
#include "store/house_file.h"
#include "vision/film_decoder.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

std::string_view textOf(const std::uint8_t* data, std::size_t size) {
  return {reinterpret_cast<const char*>(data), size};
}

// A folder of this process in memory, and gone with it.
const fs::path& workFolder() {
  struct Folder {
    fs::path path;
    Folder() : path(fs::path("/dev/shm") / ("mottix_fuzz_" + std::to_string(getpid()))) {
      if (!fs::exists("/dev/shm")) path = fs::temp_directory_path() / path.filename();
      fs::create_directories(path);
    }
    ~Folder() {
      std::error_code ec;
      fs::remove_all(path, ec);
    }
  };
  static const Folder folder;
  return folder.path;
}

void putBytes(const fs::path& file, const std::uint8_t* data, std::size_t size) {
  std::ofstream(file, std::ios::binary)
      .write(reinterpret_cast<const char*>(data), static_cast<std::streamsize>(size));
}

void emptyFolder() {
  for (const auto& entry : fs::directory_iterator(workFolder())) fs::remove_all(entry.path());
}

// Whatever stands in the house comes out as values or as errors.
void readAll(HouseFile& house) {
  const auto athletes = house.athletes();
  for (const Athlete& athlete : athletes.value_or(std::vector<Athlete>())) {
    const auto record = house.loadRecord(athlete.id);
    if (record) (void)toJson(*record).dump(-1, ' ', false, nlohmann::ordered_json::error_handler_t::replace);
    (void)house.log(athlete.id);
  }
  const auto sets = house.sets();
  for (const SetRecord& set : sets.value_or(std::vector<SetRecord>())) (void)house.loadTracks(set.id);
  (void)house.results();
  (void)house.houseBook();
  (void)house.blindLooks();
  (void)house.deskState("window");
}

}  // namespace

void takeFilm(const std::uint8_t* data, std::size_t size) {
  const int fd = memfd_create("film", MFD_CLOEXEC);
  if (fd < 0) return;
  std::size_t written = 0;
  while (written < size) {
    const auto now = write(fd, data + written, size - written);
    if (now <= 0) break;
    written += static_cast<std::size_t>(now);
  }
  lseek(fd, 0, SEEK_SET);
  FilmLimits limits;
  limits.max_side_px = 1024;
  limits.max_frames = 2000;
  limits.decoder_threads = 1;
  if (auto film = FilmDecoder::open(fd, "film", limits)) {
    FramePicture picture;
    constexpr int kSome = 8;
    for (int i = 0; i < kSome; ++i)
      if (!film->readNext(picture, i % 2 == 0 ? Want::kGray : Want::kColour).value_or(false)) break;
    film->shrinkTo(0.5);
    (void)film->readAt(film->times_s().size() / 2, picture, Want::kColour);
    (void)film->readAt(0, picture, Want::kGray);
  }
  close(fd);
}

void takeHouse(const std::uint8_t* data, std::size_t size) {
  emptyFolder();
  const fs::path file = workFolder() / "house.mottix";
  putBytes(file, data, size);
  if (auto house = HouseFile::open(file)) readAll(*house);
}

void takeJson(const std::uint8_t* data, std::size_t size) {
  const std::string text(textOf(data, size));
  (void)parseMeasured(text, "a.json");
  (void)parsePlacedPoints(text, "a.json");
  if (const auto athlete = parseAthlete(text, "a.json"))
    (void)toJson(athlete->record).dump(-1, ' ', false, nlohmann::ordered_json::error_handler_t::replace);
}

void takeTable(const std::uint8_t* data, std::size_t size) {
  const std::string_view text = textOf(data, size);
  const Day today = *dayNamed("2026-11-28");
  if (const auto table = readCsv(text, "log.csv")) {
    ImportOptions options;
    options.columns = guessColumns(*table);
    options.athlete = "Somebody";
    options.today = today;
    for (std::size_t c = 0; c < options.columns.size(); ++c)
      if (options.columns[c] == LogColumn::kDay) options.order = guessDayOrder(*table, c);
    if (const auto lines = readLines(*table, options))
      for (const ImportedLine& line : *lines)
        if (line.problem.empty()) (void)recordsOf(line, AthleteId{1});
  }
  const std::vector<NamedAthlete> known = {{AthleteId{1}, "Runa Fell"}, {AthleteId{2}, "Odd"}};
  constexpr std::size_t kLongLine = 2000;
  const std::string_view line = text.substr(0, kLongLine);
  (void)recordsOf(parseQuickEntry(line, known, {std::nullopt, std::nullopt, "", today, 1.0}), AthleteId{1});
  (void)parseQuery(line, known, builtInRuleBook(), today, 1.0);
}

void takeToml(const std::uint8_t* data, std::size_t size) {
  const std::string_view text = textOf(data, size);
  (void)parseRuleBook(text, "a.toml");
  if (const auto layer = parseRuleLayer(text, "a.toml")) {
    (void)layered(builtInRuleBook(), {*layer});
    (void)withHouse(builtInRuleBook(), *layer);
  }
  (void)parsePlanBook(text, "a.toml");
  (void)parseAssistanceBook(text, "a.toml");
  (void)parseCueBook(text, "a.toml");
}

void takeZip(const std::uint8_t* data, std::size_t size) {
  emptyFolder();
  const fs::path zip = workFolder() / "a.zip", house = workFolder() / "b.mottix";
  putBytes(zip, data, size);
  if (!importHouse(zip, house)) return;
  if (auto made = HouseFile::open(house)) readAll(*made);
  if (auto other = HouseFile::open(workFolder() / "c.mottix"))
    (void)takeAthletes(*other, zip, {}, OnSameName::kMerge);
}

}  // namespace mottix
