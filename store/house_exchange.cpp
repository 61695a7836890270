#include "store/house_exchange.h"

#include <unistd.h>

#include <algorithm>
#include <cstring>
#include <fstream>
#include <map>
#include <memory>
#include <regex>
#include <set>

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>
#include <zip.h>
#include <nlohmann/json.hpp>

#include "store/migrations.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
using Json = nlohmann::json;

constexpr const char* kFormat = "mottix.house/1";
// More than any house has; beyond it a zip is made to fill a disk.
constexpr std::uint64_t kMostTableBytes = 8ull << 30, kMostFilmBytes = 64ull << 30,
                        kMostManifestBytes = 64u << 20;
constexpr std::size_t kMostLineBytes = 512u << 20;

std::string quoted(const fs::path& path) {
  return "“" + path.filename().string() + "”";
}

tl::unexpected<Error> noZip(const fs::path& zip, const std::string& why) {
  return fail(Remedy::kChooseAnotherFile,
              quoted(zip) + " is not a house that can be taken in: " + why + " Nothing was taken from it.");
}
tl::unexpected<Error> noDisk(const fs::path& path, const std::string& why) {
  return fail(Remedy::kCheckDisk, quoted(path) + " cannot be written: " + why +
                                      ". Check the folder, its permissions "
                                      "and the free space.");
}
tl::unexpected<Error> stopped() {
  return fail(Remedy::kCorrectInput, "It was stopped; nothing is kept of it.");
}

// A folder of its own beside the target, gone at the end whatever happens.
class Workplace {
 public:
  explicit Workplace(const fs::path& beside) {
    const fs::path parent = fs::absolute(beside).parent_path();
    for (int k = 0; k < 1000; ++k) {
      path_ = parent / (".mottix-" + std::to_string(getpid()) + "-" + std::to_string(k));
      std::error_code ec;
      if (fs::create_directory(path_, ec)) return;
    }
    path_.clear();
  }
  Workplace(const Workplace&) = delete;
  Workplace& operator=(const Workplace&) = delete;
  ~Workplace() {
    std::error_code ec;
    if (!path_.empty()) fs::remove_all(path_, ec);
  }
  bool there() const { return !path_.empty(); }
  fs::path at(const std::string& name) const { return path_ / name; }

 private:
  fs::path path_;
};

struct Table {
  std::string name;
  std::vector<std::string> columns;
  struct Reference {
    std::string column, table;
  };
  std::vector<Reference> references;
  bool numbered = false;  // by an id of its own
};

std::vector<Table> tablesOf(SQLite::Database& db, const std::string& schema = "main") {
  std::vector<Table> out;
  SQLite::Statement names(
      db, "SELECT name FROM " + schema +
              ".sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY rowid");
  while (names.executeStep()) {
    Table t;
    t.name = names.getColumn(0).getString();
    SQLite::Statement columns(
        db, "SELECT name, type, pk FROM pragma_table_info('" + t.name + "', '" + schema + "')");
    int keys = 0;
    bool id = false;
    while (columns.executeStep()) {
      t.columns.push_back(columns.getColumn(0).getString());
      keys += columns.getColumn(2).getInt() > 0 ? 1 : 0;
      id |= columns.getColumn(2).getInt() == 1 && t.columns.back() == "id" &&
            columns.getColumn(1).getString() == "INTEGER";
    }
    t.numbered = id && keys == 1;
    SQLite::Statement refers(
        db, "SELECT \"from\", \"table\" FROM pragma_foreign_key_list('" + t.name + "', '" + schema + "')");
    while (refers.executeStep())
      t.references.push_back({refers.getColumn(0).getString(), refers.getColumn(1).getString()});
    out.push_back(std::move(t));
  }
  return out;
}

// What is referred to comes first.
std::vector<Table> inOrder(std::vector<Table> tables) {
  std::vector<Table> out;
  std::set<std::string> done;
  while (!tables.empty()) {
    const std::size_t before = tables.size();
    for (auto t = tables.begin(); t != tables.end();) {
      const bool ready = std::all_of(
          t->references.begin(), t->references.end(),
          [&](const Table::Reference& r) { return r.table == t->name || done.count(r.table) > 0; });
      if (!ready) {
        ++t;
        continue;
      }
      done.insert(t->name);
      out.push_back(std::move(*t));
      t = tables.erase(t);
    }
    if (tables.size() == before) break;  // a circle: there is none in a house
  }
  return out;
}

std::string list(const std::vector<std::string>& names, const char* before = "\"", const char* after = "\"") {
  std::string out;
  for (const std::string& n : names) out += (out.empty() ? "" : ", ") + (before + n + after);
  return out;
}

std::string toBase64(const unsigned char* data, std::size_t size) {
  static constexpr char kDigits[] = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
  std::string out;
  out.reserve((size + 2) / 3 * 4);
  for (std::size_t k = 0; k < size; k += 3) {
    const unsigned a = data[k], b = k + 1 < size ? data[k + 1] : 0u, c = k + 2 < size ? data[k + 2] : 0u;
    const unsigned v = a << 16 | b << 8 | c;
    out += kDigits[v >> 18 & 63];
    out += kDigits[v >> 12 & 63];
    out += k + 1 < size ? kDigits[v >> 6 & 63] : '=';
    out += k + 2 < size ? kDigits[v & 63] : '=';
  }
  return out;
}

std::optional<std::string> fromBase64(const std::string& text) {
  if (text.size() % 4 != 0) return std::nullopt;
  std::string out;
  out.reserve(text.size() / 4 * 3);
  unsigned v = 0;
  int pad = 0;
  for (std::size_t k = 0; k < text.size(); ++k) {
    const char c = text[k];
    unsigned d = 0;
    if (c >= 'A' && c <= 'Z')
      d = static_cast<unsigned>(c - 'A');
    else if (c >= 'a' && c <= 'z')
      d = static_cast<unsigned>(c - 'a') + 26;
    else if (c >= '0' && c <= '9')
      d = static_cast<unsigned>(c - '0') + 52;
    else if (c == '+')
      d = 62;
    else if (c == '/')
      d = 63;
    else if (c == '=' && k + 2 >= text.size())
      ++pad;
    else
      return std::nullopt;
    if (pad > 0 && c != '=') return std::nullopt;
    v = v << 6 | d;
    if (k % 4 == 3) {
      out += static_cast<char>(v >> 16 & 255);
      if (pad < 2) out += static_cast<char>(v >> 8 & 255);
      if (pad < 1) out += static_cast<char>(v & 255);
      v = 0;
    }
  }
  return out;
}

Json jsonOf(const SQLite::Column& c) {
  switch (c.getType()) {
    case SQLITE_INTEGER:
      return c.getInt64();
    case SQLITE_FLOAT:
      return c.getDouble();
    case SQLITE_TEXT:
      return c.getString();
    case SQLITE_BLOB:
      return {{"base64", toBase64(static_cast<const unsigned char*>(c.getBlob()),
                                  static_cast<std::size_t>(c.getBytes()))}};
    default:
      return nullptr;
  }
}

std::string csvOf(const SQLite::Column& c) {
  switch (c.getType()) {
    case SQLITE_INTEGER:
      return std::to_string(c.getInt64());
    case SQLITE_FLOAT: {
      char text[40];
      std::snprintf(text, sizeof text, "%.17g", c.getDouble());
      return text;
    }
    case SQLITE_TEXT:
      return csvCell(c.getString());
    case SQLITE_BLOB:
      return csvCell("[" + std::to_string(c.getBytes()) + " bytes, see tables]");
    default:
      return {};
  }
}

// Bar and joints of every frame, for who reads tables: what the tracks' bytes hold. All that they are is in
// the table of tracks.
void writeTrackPoints(SQLite::Database& db, const fs::path& file) {
  std::ofstream out(file, std::ios::binary);
  out << "set_id,kind,frame,time_s,x_px,y_px,sd_px,radius_px,state\r\n";
  SQLite::Statement q(db, "SELECT set_id, kind, data FROM track ORDER BY set_id, kind");
  while (q.executeStep()) {
    const std::string kind = q.getColumn(1).getString();
    if (kind == "shake" || kind == "upright") continue;  // of the camera and the room
    const bool plate = kind == "bar" || kind == "left" || kind == "right";
    const std::size_t fields = plate ? 6 : 4,
                      count = static_cast<std::size_t>(q.getColumn(2).getBytes()) / sizeof(double);
    std::vector<double> v(count);
    if (count > 0) std::memcpy(v.data(), q.getColumn(2).getBlob(), count * sizeof(double));
    for (std::size_t k = 0; k + fields <= count; k += fields) {
      const double* f = v.data() + k;
      char line[256];
      if (plate)
        std::snprintf(line, sizeof line, "%zu,%.6f,%.3f,%.3f,%.3f,%.3f,%s", k / fields, f[0], f[1], f[2],
                      f[3], f[4],
                      f[5] == 0.0   ? "seen"
                      : f[5] == 1.0 ? "bridged"
                                    : "lost");
      else
        std::snprintf(line, sizeof line, "%zu,,%.3f,%.3f,%.3f,,%s", k / fields, f[0], f[1], f[2],
                      f[3] != 0.0 ? "known" : "unknown");
      out << q.getColumn(0).getInt64() << ',' << csvCell(kind) << ',' << line << "\r\n";
    }
  }
}

// False: a value of a kind that no table holds.
bool putValue(SQLite::Statement& q, int at, const Json& v) {
  if (v.is_null()) {
    q.bind(at);
  } else if (v.is_number_integer()) {
    q.bind(at, v.get<std::int64_t>());
  } else if (v.is_number()) {
    q.bind(at, v.get<double>());
  } else if (v.is_string()) {
    q.bind(at, v.get<std::string>());
  } else if (v.is_object() && v.size() == 1 && v.contains("base64") && v["base64"].is_string()) {
    const auto bytes = fromBase64(v["base64"].get_ref<const std::string&>());
    if (!bytes) return false;
    q.bind(at, bytes->data(), static_cast<int>(bytes->size()));
  } else {
    return false;
  }
  return true;
}

// Zip files, closed whatever happens; what was not closed well is not there.
class ZipOut {
 public:
  explicit ZipOut(const fs::path& path) {
    int code = 0;
    zip_ = zip_open(path.c_str(), ZIP_CREATE | ZIP_TRUNCATE, &code);
  }
  ZipOut(const ZipOut&) = delete;
  ZipOut& operator=(const ZipOut&) = delete;
  ~ZipOut() {
    if (zip_ != nullptr) zip_discard(zip_);
  }
  bool open() const { return zip_ != nullptr; }
  bool addFile(const std::string& name, const fs::path& file, bool packed) {
    zip_source_t* source = zip_source_file(zip_, file.c_str(), 0, 0);
    if (source == nullptr) return false;
    const zip_int64_t at = zip_file_add(zip_, name.c_str(), source, ZIP_FL_ENC_UTF_8);
    if (at < 0) {
      zip_source_free(source);
      return false;
    }
    if (!packed) zip_set_file_compression(zip_, static_cast<zip_uint64_t>(at), ZIP_CM_STORE, 0);
    return true;
  }
  // Packing happens here: files that were added must still be there.
  bool close(const ExchangeGoing& going) {
    struct State {
      const ExchangeGoing* going;
      bool stop = false;
    } state{&going, false};
    if (going) {
      zip_register_progress_callback_with_state(
          zip_, 0.01,
          [](zip_t*, double part, void* s) {
            auto* st = static_cast<State*>(s);
            st->stop |= !(*st->going)(0.5 + 0.5 * part);
          },
          nullptr, &state);
      zip_register_cancel_callback_with_state(
          zip_, [](zip_t*, void* s) { return static_cast<State*>(s)->stop ? 1 : 0; }, nullptr, &state);
    }
    if (zip_close(zip_) != 0) {
      stopped_ = state.stop;
      why_ = zip_strerror(zip_);
      return false;
    }
    zip_ = nullptr;
    return true;
  }
  bool wasStopped() const { return stopped_; }
  const std::string& why() const { return why_; }

 private:
  zip_t* zip_ = nullptr;
  bool stopped_ = false;
  std::string why_ = "the disk reports an error";
};

class ZipIn {
 public:
  explicit ZipIn(const fs::path& path) {
    int code = 0;
    zip_ = zip_open(path.c_str(), ZIP_RDONLY | ZIP_CHECKCONS, &code);
    zip_error_t error;
    zip_error_init_with_code(&error, code);
    if (zip_ == nullptr) why_ = zip_error_strerror(&error);
    zip_error_fini(&error);
  }
  ZipIn(const ZipIn&) = delete;
  ZipIn& operator=(const ZipIn&) = delete;
  ~ZipIn() {
    if (zip_ != nullptr) zip_discard(zip_);
  }
  bool open() const { return zip_ != nullptr; }
  const std::string& why() const { return why_; }
  std::optional<std::uint64_t> sizeOf(const std::string& name) const {
    zip_stat_t stat;
    if (zip_stat(zip_, name.c_str(), 0, &stat) != 0 || (stat.valid & ZIP_STAT_SIZE) == 0) return std::nullopt;
    return stat.size;
  }
  // In pieces; false where it is not there, damaged, longer than `most`, or `take` says so.
  bool read(const std::string& name, std::uint64_t most,
            const std::function<bool(const char*, std::size_t)>& take) {
    // Closed also when what takes it throws.
    const auto close = [](zip_file_t* f) { zip_fclose(f); };
    std::unique_ptr<zip_file_t, decltype(close)> file(zip_fopen(zip_, name.c_str(), 0), close);
    if (!file) return false;
    std::vector<char> piece(1u << 18);
    std::uint64_t all = 0;
    bool fine = true;
    while (fine) {
      const zip_int64_t got = zip_fread(file.get(), piece.data(), piece.size());
      if (got < 0) fine = false;  // damaged: the checksum is looked at on the way
      if (got <= 0) break;
      all += static_cast<std::uint64_t>(got);
      fine = all <= most && take(piece.data(), static_cast<std::size_t>(got));
    }
    return zip_fclose(file.release()) == 0 && fine;
  }

 private:
  zip_t* zip_ = nullptr;
  std::string why_;
};

// The films' folder in a zip has plain names only.
bool isPlainName(const std::string& name) {
  return !name.empty() && name.size() <= 255 && name.find('/') == std::string::npos &&
         name.find('\\') == std::string::npos && name.find('\0') == std::string::npos && name != "." &&
         name != "..";
}

std::int64_t countOf(SQLite::Database& db, const std::string& table) {
  return db.execAndGet("SELECT count(*) FROM " + table).getInt64();
}

Error errorOf(const SQLite::Exception& e, const fs::path& path) {
  if (e.getErrorCode() == SQLITE_FULL || e.getErrorCode() == SQLITE_IOERR ||
      e.getErrorCode() == SQLITE_CANTOPEN || e.getErrorCode() == SQLITE_READONLY)
    return noDisk(path, e.what()).value();
  return {Remedy::kChooseAnotherFile, quoted(path) + " is damaged or is not a house file: " + e.what() + "."};
}

bool isZip(const fs::path& path) {
  std::ifstream in(path, std::ios::binary);
  char head[4] = {};
  in.read(head, 4);
  return in && head[0] == 'P' && head[1] == 'K';
}

// A copy of a house as it is, whoever has it open.
Expected<void> copyHouse(const fs::path& house, const fs::path& to) {
  try {
    // A reader that may write puts the journal away again when it leaves; on a medium that is read only there
    // is none.
    const bool writable =
        access(house.c_str(), W_OK) == 0 && access(fs::absolute(house).parent_path().c_str(), W_OK) == 0;
    SQLite::Database db(house.string(), writable ? SQLite::OPEN_READWRITE : SQLite::OPEN_READONLY, 3000);
    if (db.execAndGet("PRAGMA application_id").getInt() != kApplicationId)
      return fail(Remedy::kChooseAnotherFile, quoted(house) + " is not a house file of this program.");
    SQLite::Statement q(db, "VACUUM INTO ?");
    q.bind(1, to.string());
    q.exec();
    return {};
  } catch (const SQLite::Exception& e) {
    return tl::make_unexpected(errorOf(e, house));
  }
}

}  // namespace

std::string csvCell(std::string_view text) {
  std::string out(text);
  // Spreadsheets take these for the beginning of a formula.
  if (!out.empty() && std::string_view("=+-@\t\r").find(out.front()) != std::string_view::npos)
    out = "'" + out;
  if (out.find_first_of(",\"\n\r") == std::string::npos) return out;
  std::string quoted_text = "\"";
  for (const char c : out) {
    if (c == '"') quoted_text += '"';
    quoted_text += c;
  }
  return quoted_text + '"';
}

Expected<HouseInZip> exportHouse(const fs::path& house, const fs::path& zip, bool films,
                                 const ExchangeGoing& going) {
  const Workplace work(zip);
  if (!work.there()) return noDisk(zip, "its folder is not there or cannot be written");
  // A copy first: what is written meanwhile does not mix in.
  if (auto ok = copyHouse(house, work.at("house")); !ok) return tl::make_unexpected(ok.error());
  HouseInZip facts;
  try {
    SQLite::Database db(work.at("house").string(), SQLite::OPEN_READONLY);
    facts.version = db.execAndGet("PRAGMA user_version").getInt();
    const std::vector<Table> tables = inOrder(tablesOf(db));
    Json manifest = {{"format", kFormat}, {"house", house.stem().string()}, {"version", facts.version}};
    manifest["tables"] = Json::array();
    ZipOut out(work.at("zip"));
    if (!out.open()) return noDisk(zip, "no zip file can be begun");
    std::int64_t all = 0;
    for (const Table& t : tables) all += countOf(db, t.name);
    for (const Table& t : tables) {
      const fs::path rows_file = work.at(t.name + ".jsonl"), csv_file = work.at(t.name + ".csv");
      std::ofstream rows(rows_file, std::ios::binary), csv(csv_file, std::ios::binary);
      rows << Json(t.columns).dump() << '\n';
      for (std::size_t k = 0; k < t.columns.size(); ++k) csv << (k > 0 ? "," : "") << csvCell(t.columns[k]);
      csv << "\r\n";
      SQLite::Statement q(db, "SELECT " + list(t.columns) + " FROM \"" + t.name + "\" ORDER BY rowid");
      std::int64_t count = 0;
      while (q.executeStep()) {
        Json row = Json::array();
        for (int k = 0; k < q.getColumnCount(); ++k) {
          row.push_back(jsonOf(q.getColumn(k)));
          csv << (k > 0 ? "," : "") << csvOf(q.getColumn(k));
        }
        rows << row.dump(-1, ' ', false, Json::error_handler_t::replace) << '\n';
        csv << "\r\n";
        ++count;
        ++facts.rows;
        if (going && facts.rows % 4096 == 0 &&
            !going(0.5 * static_cast<double>(facts.rows) /
                   static_cast<double>(std::max<std::int64_t>(1, all))))
          return stopped();
      }
      rows.flush();
      csv.flush();
      if (!rows || !csv) return noDisk(zip, "the disk is full");
      manifest["tables"].push_back({{"name", t.name}, {"rows", count}});
      if (!out.addFile("tables/" + t.name + ".jsonl", rows_file, true) ||
          !out.addFile("csv/" + t.name + ".csv", csv_file, true))
        return noDisk(zip, "a table could not be added");
    }
    writeTrackPoints(db, work.at("track_points.csv"));
    if (!out.addFile("csv/track_points.csv", work.at("track_points.csv"), true))
      return noDisk(zip, "the tracks could not be added");
    facts.athletes = countOf(db, "athlete");
    facts.sets = countOf(db, "lift_set");
    manifest["films"] = Json::array();
    if (films) {
      SQLite::Statement clips(db, "SELECT DISTINCT path FROM clip WHERE path != '' ORDER BY path");
      int number = 0;
      while (clips.executeStep()) {
        const std::string stored = clips.getColumn(0).getString();
        const fs::path file =
            fs::path(stored).is_absolute() ? fs::path(stored) : fs::absolute(house).parent_path() / stored;
        std::error_code ec;
        if (!fs::is_regular_file(file, ec)) {
          ++facts.films_missing;
          continue;
        }
        char name[16];
        std::snprintf(name, sizeof name, "%05d", ++number);
        const std::string entry = name + file.extension().string();
        // Films are packed already.
        if (!out.addFile("films/" + entry, file, false)) return noDisk(zip, "a film could not be added");
        manifest["films"].push_back({{"path", stored}, {"entry", entry}});
        ++facts.films;
      }
    }
    {
      std::ofstream m(work.at("manifest.json"), std::ios::binary);
      m << manifest.dump(1, ' ', false, Json::error_handler_t::replace) << '\n';
      if (!m) return noDisk(zip, "the disk is full");
    }
    if (!out.addFile("manifest.json", work.at("manifest.json"), true))
      return noDisk(zip, "its manifest is missing");
    if (!out.close(going)) return out.wasStopped() ? stopped() : noDisk(zip, out.why());
  } catch (const SQLite::Exception& e) {
    return tl::make_unexpected(errorOf(e, house));
  }
  std::error_code ec;
  fs::rename(work.at("zip"), zip, ec);
  if (ec) return noDisk(zip, ec.message());
  return facts;
}

namespace {

// All rows of one table. Empty: taken; else what is wrong.
std::string takeTable(ZipIn& zip, SQLite::Database& db, const Table& table, std::int64_t promised,
                      std::int64_t& rows, const ExchangeGoing& going, std::int64_t all) {
  const std::string entry = "tables/" + table.name + ".jsonl";
  std::string wrong, line;
  std::optional<SQLite::Statement> insert;
  std::size_t width = 0;
  std::int64_t mine = 0;
  const auto takeLine = [&](const std::string& text) {
    Json v = Json::parse(text, nullptr, false);
    if (!v.is_array()) {
      wrong = "a line of its table " + table.name + " is no list.";
      return false;
    }
    if (!insert) {
      std::vector<std::string> columns, marks;
      for (const Json& c : v) {
        const bool known = c.is_string() && std::find(table.columns.begin(), table.columns.end(),
                                                      c.get<std::string>()) != table.columns.end();
        if (!known || std::find(columns.begin(), columns.end(), c.get<std::string>()) != columns.end()) {
          wrong = "its table " + table.name + " has a column that there is not.";
          return false;
        }
        columns.push_back(c.get<std::string>());
        marks.emplace_back("?");
      }
      if (columns.empty()) {
        wrong = "its table " + table.name + " has no columns.";
        return false;
      }
      width = columns.size();
      insert.emplace(db, "INSERT INTO \"" + table.name + "\" (" + list(columns) + ") VALUES (" +
                             list(marks, "", "") + ")");
      return true;
    }
    if (v.size() != width) {
      wrong = "a row of its table " + table.name + " is too short or too long.";
      return false;
    }
    insert->reset();
    insert->clearBindings();
    for (std::size_t k = 0; k < width; ++k)
      if (!putValue(*insert, static_cast<int>(k) + 1, v[k])) {
        wrong = "a row of its table " + table.name + " holds what no table holds.";
        return false;
      }
    insert->exec();
    ++mine;
    ++rows;
    if (going && rows % 4096 == 0 &&
        !going(
            std::min(1.0, static_cast<double>(rows) / static_cast<double>(std::max<std::int64_t>(1, all))))) {
      wrong = "stop";
      return false;
    }
    return true;
  };
  const bool read = zip.read(entry, kMostTableBytes, [&](const char* data, std::size_t size) {
    for (std::size_t k = 0; k < size; ++k) {
      if (data[k] != '\n') {
        line += data[k];
        continue;
      }
      if (!line.empty() && !takeLine(line)) return false;
      line.clear();
    }
    if (line.size() > kMostLineBytes) {
      wrong = "a line of its table " + table.name + " is too long.";
      return false;
    }
    return true;
  });
  if (!wrong.empty()) return wrong;
  if (!read) return "its table " + table.name + " is missing or damaged.";
  if (!line.empty() && !takeLine(line)) return wrong;
  if (mine != promised) return "its table " + table.name + " has another number of rows than it says.";
  return {};
}

}  // namespace

Expected<HouseInZip> importHouse(const fs::path& zip_file, const fs::path& house,
                                 const ExchangeGoing& going) {
  std::error_code ec;
  if (fs::exists(house, ec))
    return fail(Remedy::kCorrectInput,
                "There is a file " + quoted(house) + " already, which stays as it is. Choose another name.");
  ZipIn zip(zip_file);
  if (!zip.open()) return noZip(zip_file, zip.why() + ".");
  std::string text;
  if (!zip.read("manifest.json", kMostManifestBytes, [&](const char* data, std::size_t size) {
        text.append(data, size);
        return true;
      }))
    return noZip(zip_file, "its manifest is missing or damaged.");
  const Json manifest = Json::parse(text, nullptr, false);
  if (!manifest.is_object() || manifest.value("format", Json()) != kFormat)
    return noZip(zip_file, "it is no house of this program.");
  const Json version = manifest.value("version", Json()), tables_said = manifest.value("tables", Json()),
             films_said = manifest.value("films", Json::array());
  if (!version.is_number_integer() || version.get<std::int64_t>() < 1 || !tables_said.is_array() ||
      !films_said.is_array())
    return noZip(zip_file, "its manifest says too little.");
  if (version.get<std::int64_t>() > static_cast<std::int64_t>(kMigrations.size()))
    return fail(Remedy::kUpdateProgram, quoted(zip_file) +
                                            " was written by a newer version of this program. Update "
                                            "the program to take it in.");
  const Workplace work(house);
  if (!work.there()) return noDisk(house, "its folder is not there or cannot be written");
  HouseInZip facts;
  facts.version = version.get<int>();
  const fs::path films_folder = fs::absolute(house).parent_path() / (house.stem().string() + "_films");
  try {
    {
      SQLite::Database db(work.at("house").string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
      db.exec("PRAGMA foreign_keys = OFF");  // looked at as a whole, at the end
      db.exec("PRAGMA synchronous = OFF");   // not a house yet
      for (int k = 0; k < facts.version; ++k) db.exec(std::string(kMigrations[static_cast<std::size_t>(k)]));
      db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
      db.exec("PRAGMA user_version = " + std::to_string(facts.version));
      std::map<std::string, std::int64_t> promised;
      std::int64_t all = 0;
      for (const Json& t : tables_said) {
        if (!t.is_object() || !t.value("name", Json()).is_string() ||
            !t.value("rows", Json()).is_number_integer())
          return noZip(zip_file, "its manifest says too little of a table.");
        promised[t["name"].get<std::string>()] = t["rows"].get<std::int64_t>();
        all += std::max<std::int64_t>(0, t["rows"].get<std::int64_t>());
      }
      const std::vector<Table> tables = inOrder(tablesOf(db));
      if (promised.size() != tables.size())
        return noZip(zip_file, "it has other tables than its version has.");
      SQLite::Transaction transaction(db);
      for (const Table& t : tables) {
        const auto said = promised.find(t.name);
        if (said == promised.end()) return noZip(zip_file, "its table " + t.name + " is missing.");
        const std::string wrong = takeTable(zip, db, t, said->second, facts.rows, going, all);
        if (wrong == "stop") return stopped();
        if (!wrong.empty()) return noZip(zip_file, wrong);
      }
      // Films last: where they lie now is told to the house.
      for (const Json& f : films_said) {
        if (!f.is_object() || !f.value("path", Json()).is_string() || !f.value("entry", Json()).is_string())
          return noZip(zip_file, "its manifest says too little of a film.");
        const std::string entry = f["entry"].get<std::string>();
        if (!isPlainName(entry)) return noZip(zip_file, "a film in it has no plain name.");
        fs::create_directories(work.at("films"), ec);
        std::ofstream out(work.at("films") / entry, std::ios::binary);
        const bool read = zip.read("films/" + entry, kMostFilmBytes, [&](const char* data, std::size_t size) {
          out.write(data, static_cast<std::streamsize>(size));
          return out.good() && (!going || going(1.0));
        });
        out.flush();
        if (!out) return noDisk(house, "the disk is full");
        if (!read) return noZip(zip_file, "a film in it is missing or damaged.");
        SQLite::Statement q(db, "UPDATE clip SET path = ? WHERE path = ?");
        q.bind(1, films_folder.filename().string() + "/" + entry);
        q.bind(2, f["path"].get<std::string>());
        q.exec();
        ++facts.films;
      }
      SQLite::Statement check(db, "PRAGMA foreign_key_check");
      if (check.executeStep()) return noZip(zip_file, "a row of it refers to one that is not there.");
      check.reset();
      transaction.commit();
      facts.athletes = countOf(db, "athlete");
      facts.sets = countOf(db, "lift_set");
    }
    // Brought up to date before it is a house.
    if (auto opened = HouseFile::open(work.at("house")); !opened) return tl::make_unexpected(opened.error());
  } catch (const SQLite::Exception& e) {
    if (e.getErrorCode() == SQLITE_FULL || e.getErrorCode() == SQLITE_IOERR ||
        e.getErrorCode() == SQLITE_CANTOPEN)
      return noDisk(house, e.what());
    return noZip(zip_file, std::string("a row of it does not fit (") + e.what() + ").");
  }
  if (facts.films > 0) {
    if (fs::exists(films_folder, ec))
      return fail(Remedy::kCorrectInput,
                  "There is a folder “" + films_folder.filename().string() +
                      "” already, which stays as it is. Choose another name for the house.");
    fs::rename(work.at("films"), films_folder, ec);
    if (ec) return noDisk(house, ec.message());
  }
  fs::rename(work.at("house"), house, ec);
  if (ec) return noDisk(house, ec.message());
  return facts;
}

namespace {

// A house file as a database of the newest version, whatever it was: a copy in the workplace.
Expected<fs::path> asHouse(const fs::path& from, const Workplace& work) {
  const fs::path copy = work.at("from");
  std::error_code ec;
  if (!fs::exists(from, ec))
    return fail(Remedy::kChooseAnotherFile, "There is no file " + quoted(from) + ".");
  if (isZip(from)) {
    if (auto ok = importHouse(from, copy); !ok) return tl::make_unexpected(ok.error());
  } else {
    if (auto ok = copyHouse(from, copy); !ok) return tl::make_unexpected(ok.error());
    if (auto opened = HouseFile::open(copy); !opened) return tl::make_unexpected(opened.error());
  }
  return copy;
}

// What tells a set from another of the same day.
constexpr const char* kSetKey =
    "s.lift || '|' || s.variant || '|' || s.load_kg || '|' || s.reps || '|' || s.effort || '|' || "
    "coalesce(s.effort_felt, '') || '|' || coalesce(s.reps_done, '') || '|' || c.sha256 || '|' || s.note";

}  // namespace

Expected<TakenAthletes> takeAthletes(HouseFile& into, const fs::path& from,
                                     const std::vector<std::string>& whom, OnSameName on_same) {
  const Workplace work(into.path());
  if (!work.there()) return noDisk(into.path(), "its folder cannot be written");
  auto copy = asHouse(from, work);
  if (!copy) return tl::make_unexpected(copy.error());
  TakenAthletes taken;
  try {
    // A connection of its own, so that the house's open one sees it done or not at all.
    SQLite::Database db(into.path().string(), SQLite::OPEN_READWRITE, 3000);
    db.exec("PRAGMA foreign_keys = ON");
    {
      SQLite::Statement attach(db, "ATTACH ? AS other");
      attach.bind(1, copy->string());
      attach.exec();
    }
    const bool zipped = isZip(from);
    std::map<fs::path, fs::path> moves;         // of films: to where, from where
    std::map<std::string, std::string> placed;  // their old and new places, as a house says them
    const fs::path from_folder =
        zipped ? fs::absolute(into.path()).parent_path() : fs::absolute(from).parent_path();
    const fs::path into_folder = fs::absolute(into.path()).parent_path();
    SQLite::Transaction transaction(db);
    // New ids of numbered tables, by table and old id; a row whose owner is not taken is not taken.
    std::map<std::string, std::map<std::int64_t, std::int64_t>> ids;
    std::set<std::int64_t> merged_from;
    std::map<std::string, std::int64_t> there;
    {
      SQLite::Statement q(db, "SELECT name, id FROM main.athlete");
      while (q.executeStep()) there.emplace(q.getColumn(0).getString(), q.getColumn(1).getInt64());
    }
    for (const std::string& name : whom) {
      SQLite::Statement q(db, "SELECT 1 FROM other.athlete WHERE name = ?");
      q.bind(1, name);
      if (!q.executeStep())
        return fail(Remedy::kCorrectInput, quoted(from) + " knows nobody called “" + name + "”.");
    }
    // Clips of sets that are taken only.
    std::set<std::int64_t> wanted_clips;
    const std::vector<Table> tables = inOrder(tablesOf(db, "main"));
    const std::set<std::string> of_the_house = {"desk_state", "house_book", "blind_look", "glance"};
    // Sessions and sets decide on clips, so clips are copied when a set asks for one.
    const auto copyRow = [&](const Table& t, std::int64_t old_id,
                             const std::map<std::string, std::int64_t>& set,
                             const std::map<std::string, std::string>& say) {
      std::vector<std::string> columns, values;
      for (const std::string& c : t.columns) {
        if (c == "id" && t.numbered) continue;
        columns.push_back(c);
        if (set.count(c) > 0)
          values.push_back(std::to_string(set.at(c)));
        else if (say.count(c) > 0)
          values.emplace_back("?");
        else
          values.push_back("\"" + c + "\"");
      }
      SQLite::Statement q(db, "INSERT INTO main.\"" + t.name + "\" (" + list(columns) + ") SELECT " +
                                  list(values, "", "") + " FROM other.\"" + t.name + "\" WHERE id = ?");
      int at = 0;
      for (const std::string& c : t.columns)
        if (say.count(c) > 0) q.bind(++at, say.at(c));
      q.bind(++at, old_id);
      q.exec();
      return db.getLastInsertRowid();
    };
    const auto tableNamed = [&](const char* name) {
      return *std::find_if(tables.begin(), tables.end(), [&](const Table& t) { return t.name == name; });
    };
    {
      const Table athlete = tableNamed("athlete");
      SQLite::Statement q(db, "SELECT id, name FROM other.athlete ORDER BY id");
      while (q.executeStep()) {
        const std::int64_t old_id = q.getColumn(0).getInt64();
        std::string name = q.getColumn(1).getString();
        if (!whom.empty() && std::find(whom.begin(), whom.end(), name) == whom.end()) continue;
        const auto known = there.find(name);
        if (known != there.end() && on_same == OnSameName::kLeaveOut) {
          ++taken.left_out;
          continue;
        }
        if (known != there.end() && on_same == OnSameName::kMerge) {
          ids["athlete"][old_id] = known->second;
          merged_from.insert(old_id);
          ++taken.merged;
          continue;
        }
        for (int n = 2; there.count(name) > 0; ++n)
          name = q.getColumn(1).getString() + " (" + std::to_string(n) + ")";
        const std::int64_t id = copyRow(athlete, old_id, {}, {{"name", name}});
        ids["athlete"][old_id] = id;
        there.emplace(name, id);
        ++taken.athletes;
      }
    }
    {
      const Table session = tableNamed("session"), lift_set = tableNamed("lift_set"),
                  clip = tableNamed("clip"), setup = tableNamed("setup");
      // Set-ups before the sets that name them; somebody who is known here keeps those of here and gets the
      // others.
      SQLite::Statement setups(db, "SELECT id, athlete_id FROM other.setup ORDER BY id");
      while (setups.executeStep()) {
        const auto owner = ids["athlete"].find(setups.getColumn(1).getInt64());
        if (owner == ids["athlete"].end()) continue;
        const std::int64_t old_id = setups.getColumn(0).getInt64();
        std::map<std::string, std::int64_t> set = {{"athlete_id", owner->second}};
        if (merged_from.count(setups.getColumn(1).getInt64()) > 0) set["chosen"] = 0;
        ids["setup"][old_id] = copyRow(setup, old_id, set, {});
      }
      SQLite::Statement sessions(db, "SELECT id, athlete_id, day FROM other.session ORDER BY id");
      while (sessions.executeStep()) {
        const auto owner = ids["athlete"].find(sessions.getColumn(1).getInt64());
        if (owner == ids["athlete"].end()) continue;
        const std::int64_t old_session = sessions.getColumn(0).getInt64();
        SQLite::Statement same(db, "SELECT id FROM main.session WHERE athlete_id = ? AND day = ?");
        same.bind(1, owner->second);
        same.bind(2, sessions.getColumn(2).getString());
        const std::int64_t session_id =
            same.executeStep() ? same.getColumn(0).getInt64()
                               : copyRow(session, old_session, {{"athlete_id", owner->second}}, {});
        same.reset();
        // As many like it as are there already are known.
        std::map<std::string, int> known;
        SQLite::Statement have(
            db, std::string("SELECT ") + kSetKey +
                    " FROM main.lift_set s JOIN main.clip c ON c.id = s.clip_id WHERE s.session_id = ?");
        have.bind(1, session_id);
        while (have.executeStep()) ++known[have.getColumn(0).getString()];
        SQLite::Statement sets(db, std::string("SELECT s.id, s.clip_id, s.setup_id, c.path, ") + kSetKey +
                                       " FROM other.lift_set s JOIN other.clip c ON c.id = s.clip_id WHERE "
                                       "s.session_id = ? ORDER BY s.id");
        sets.bind(1, old_session);
        while (sets.executeStep()) {
          int& left = known[sets.getColumn(4).getString()];
          if (left > 0) {
            --left;
            ++taken.sets_known;
            continue;
          }
          const std::int64_t old_clip = sets.getColumn(1).getInt64();
          if (ids["clip"].count(old_clip) == 0) {
            const std::string stored = sets.getColumn(3).getString();
            std::string path = stored;
            std::error_code ec;
            if (const auto known_film = placed.find(stored); known_film != placed.end()) {
              path = known_film->second;
            } else if (const fs::path unpacked = copy->parent_path() / stored;
                       zipped && !stored.empty() && fs::is_regular_file(unpacked, ec)) {
              // Out of the zip: it gets a place of its own beside the house.
              const std::string folder = into.path().stem().string() + "_films";
              std::string name = unpacked.filename().string();
              for (int n = 2; fs::exists(into_folder / folder / name, ec) ||
                              moves.count(into_folder / folder / name) > 0;
                   ++n)
                name = unpacked.stem().string() + "-" + std::to_string(n) + unpacked.extension().string();
              path = folder + "/" + name;
              moves[into_folder / path] = unpacked;
              placed[stored] = path;
            } else if (!stored.empty() && !fs::path(stored).is_absolute()) {
              const fs::path relative = fs::relative(from_folder / stored, into_folder, ec);
              path = ec || relative.empty() ? (from_folder / stored).string() : relative.string();
            }
            ids["clip"][old_clip] = copyRow(clip, old_clip, {}, {{"path", path}});
          }
          std::map<std::string, std::int64_t> set = {{"session_id", session_id},
                                                     {"clip_id", ids["clip"][old_clip]}};
          if (!sets.getColumn(2).isNull()) {
            const auto s = ids["setup"].find(sets.getColumn(2).getInt64());
            if (s != ids["setup"].end()) set["setup_id"] = s->second;
          }
          const std::int64_t old_set = sets.getColumn(0).getInt64();
          ids["lift_set"][old_set] = copyRow(lift_set, old_set, set, {});
          ++taken.sets;
        }
      }
    }
    // Everything that hangs on those, table by table.
    const std::set<std::string> done = {"athlete", "session", "clip", "lift_set", "setup"};
    for (const Table& t : tables) {
      if (done.count(t.name) > 0 || of_the_house.count(t.name) > 0 || t.references.empty()) continue;
      const bool of_athlete = std::any_of(t.references.begin(), t.references.end(),
                                          [](const Table::Reference& r) { return r.column == "athlete_id"; });
      SQLite::Statement q(
          db, "SELECT rowid, " + list(t.columns) + " FROM other.\"" + t.name + "\" ORDER BY rowid");
      std::vector<std::string> columns;
      for (const std::string& c : t.columns)
        if (!(c == "id" && t.numbered)) columns.push_back(c);
      SQLite::Statement insert(db, "INSERT INTO main.\"" + t.name + "\" (" + list(columns) + ") VALUES (" +
                                       list(std::vector<std::string>(columns.size(), "?"), "", "") + ")");
      while (q.executeStep()) {
        bool take = true;
        insert.reset();
        insert.clearBindings();
        int at = 0;
        std::int64_t old_id = 0;
        for (std::size_t k = 0; k < t.columns.size() && take; ++k) {
          const SQLite::Column value = q.getColumn(static_cast<int>(k) + 1);
          if (t.columns[k] == "id" && t.numbered) {
            old_id = value.getInt64();
            continue;
          }
          ++at;
          const auto ref = std::find_if(t.references.begin(), t.references.end(),
                                        [&](const Table::Reference& r) { return r.column == t.columns[k]; });
          if (ref != t.references.end() && !value.isNull()) {
            // body_length refers to body by the athlete's number.
            const std::string& owner = ref->column == "athlete_id" ? "athlete" : ref->table;
            if (of_athlete && ref->column == "athlete_id" && merged_from.count(value.getInt64()) > 0)
              take = false;
            const auto id = ids[owner].find(value.getInt64());
            if (id == ids[owner].end())
              take = false;
            else
              insert.bind(at, id->second);
            continue;
          }
          switch (value.getType()) {
            case SQLITE_INTEGER:
              insert.bind(at, value.getInt64());
              break;
            case SQLITE_FLOAT:
              insert.bind(at, value.getDouble());
              break;
            case SQLITE_TEXT:
              insert.bind(at, value.getString());
              break;
            case SQLITE_BLOB:
              insert.bind(at, value.getBlob(), value.getBytes());
              break;
            default:
              insert.bind(at);
          }
        }
        if (!take) continue;
        insert.exec();
        if (t.numbered) ids[t.name][old_id] = db.getLastInsertRowid();
      }
    }
    std::error_code ec;
    std::vector<fs::path> moved;
    for (const auto& [to, unpacked] : moves) {
      fs::create_directories(to.parent_path(), ec);
      fs::rename(unpacked, to, ec);
      if (ec) {
        const std::string why = ec.message();
        for (const fs::path& film : moved) fs::remove(film, ec);
        return noDisk(to, why);
      }
      moved.push_back(to);
    }
    transaction.commit();
    return taken;
  } catch (const SQLite::Exception& e) {
    return tl::make_unexpected(errorOf(e, into.path()));
  }
}

namespace {

fs::path backupFolder(const fs::path& house) {
  return fs::absolute(house).parent_path() / (house.stem().string() + "_backups");
}

}  // namespace

std::vector<Backup> backupsOf(const fs::path& house) {
  std::vector<Backup> out;
  std::error_code ec;
  static const std::regex name(R"(.*-(\d{4}-\d{2}-\d{2})\.mottix)");
  for (const auto& entry : fs::directory_iterator(backupFolder(house), ec)) {
    std::smatch found;
    const std::string file = entry.path().filename().string();
    if (std::regex_match(file, found, name)) out.push_back({entry.path(), found[1]});
  }
  std::sort(out.begin(), out.end(), [](const Backup& a, const Backup& b) { return a.day > b.day; });
  return out;
}

Expected<bool> keepBackup(const fs::path& house, const std::string& day, int keep) {
  const fs::path folder = backupFolder(house),
                 file = folder / (house.stem().string() + "-" + day + ".mottix");
  std::error_code ec;
  if (fs::exists(file, ec)) return false;
  fs::create_directories(folder, ec);
  if (ec) return noDisk(folder, ec.message());
  const fs::path unfinished = folder / ".unfinished";
  fs::remove(unfinished, ec);
  if (auto ok = copyHouse(house, unfinished); !ok) return tl::make_unexpected(ok.error());
  fs::rename(unfinished, file, ec);
  if (ec) return noDisk(file, ec.message());
  const auto all = backupsOf(house);
  for (std::size_t k = static_cast<std::size_t>(std::max(1, keep)); k < all.size(); ++k)
    fs::remove(all[k].file, ec);
  return true;
}

Expected<void> goBackTo(const fs::path& backup, const fs::path& house) {
  const Workplace work(house);
  if (!work.there()) return noDisk(house, "its folder cannot be written");
  // Opened as a copy: a backup that is none is told before anything is moved.
  if (auto ok = copyHouse(backup, work.at("back")); !ok) return ok;
  if (auto opened = HouseFile::open(work.at("back")); !opened) return tl::make_unexpected(opened.error());
  std::error_code ec;
  if (fs::exists(house, ec)) {
    const fs::path folder = backupFolder(house);
    fs::create_directories(folder, ec);
    fs::path before = folder / (house.stem().string() + " before going back.mottix");
    for (int n = 2; fs::exists(before, ec); ++n)
      before = folder / (house.stem().string() + " before going back " + std::to_string(n) + ".mottix");
    // What is damaged cannot be copied as a house, but is kept as it is.
    if (!copyHouse(house, before)) {
      fs::copy_file(house, before, ec);
      if (ec) return noDisk(before, ec.message());
    }
  }
  for (const char* tail : {"-wal", "-shm"}) fs::remove(house.string() + tail, ec);
  fs::rename(work.at("back"), house, ec);
  if (ec) return noDisk(house, ec.message());
  return {};
}

}  // namespace mottix
