#include "store/house_exchange.h"

#include <functional>
#include <set>

#include <SQLiteCpp/SQLiteCpp.h>
#include <zip.h>
#include <nlohmann/json.hpp>

#include "store/house_file_fixture.h"
#include "store/migrations.h"

namespace mottix {
namespace {

class HouseExchange : public HouseFileTest {
 protected:
  static AthleteId named(const HouseFile& house, const char* name) {
    const auto all = *house.athletes();
    const auto at = std::find_if(all.begin(), all.end(), [&](const Athlete& a) { return a.name == name; });
    EXPECT_NE(at, all.end()) << name;
    return at == all.end() ? AthleteId{} : at->id;
  }
  // Everything that a house can hold, of two athletes.
  void fill() {
    HouseFile house = opened();
    AthleteRecord r = fullRecord(*house.addAthlete({{}, "Runa", 2.5, 0, ""}));
    r.athlete.name = "Runa Tveit";
    LiftAim aim;
    aim.goal_kg = 120.0;
    aim.weeks = {{"2026-11-30", true, {}, 95.0}};
    r.aims = {aim};
    r.dropped = {{"good morning", "sore back", "2026-10-01"}};
    r.places = {{"deadlift", "Raised bar, 38 cm", "2026-11-20"}};
    ASSERT_TRUE(house.saveRecord(r));
    SetRecord set = someSet(r.athlete.id);
    set.edit.setup = r.setups[0].id;
    const SetId id = *house.addSet(set);
    fs::create_directories(folder / "films");
    std::ofstream(folder / "films" / "a.mp4") << "a film's bytes";
    ASSERT_TRUE(house.saveTracks(id, set.clip, someTracks()));
    Analysis a;
    a.measures = {{MeasureId::kDepthMargin, 1, {4.0 / 3.0, 0.5}, MeasureStatus::kOk, 12},
                  {MeasureId::kKneeCaveLeft, 1, {}, MeasureStatus::kNoJoints, 0}};
    ASSERT_TRUE(house.saveResults(id, a, builtInRuleBook()));
    SetRecord hostile =
        someSet(*house.addAthlete({{}, "=HYPERLINK(\"x\")", 2.5, 0, "line\nbreak, \"quoted\""}));
    hostile.clip.file = "films/gone.mp4";
    hostile.edit.placed.clear();
    ASSERT_TRUE(house.addSet(hostile));
    ASSERT_TRUE(house.saveHouseBook({"[over]\n", "", "", ""}));
  }
  // All tables as text.
  static std::string all(const fs::path& house) {
    SQLite::Database db(house.string(), SQLite::OPEN_READWRITE);
    std::vector<std::string> names;
    SQLite::Statement q(db, "SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name");
    while (q.executeStep()) names.push_back(q.getColumn(0).getString());
    std::string out;
    for (const std::string& name : names) {
      SQLite::Statement rows(db, "SELECT * FROM " + name + " ORDER BY rowid");
      while (rows.executeStep()) {
        out += name;
        for (int k = 0; k < rows.getColumnCount(); ++k) {
          SQLite::Statement text(db, "SELECT typeof(?1) || quote(?1)");
          out += '|';
          const SQLite::Column c = rows.getColumn(k);
          if (c.isBlob())
            out += "blob" + c.getString();
          else if (c.isNull())
            out += "null";
          else if (c.isFloat())
            out += std::to_string(std::hash<double>{}(c.getDouble()));
          else
            out += c.getString();
        }
        out += '\n';
      }
    }
    return out;
  }
  std::vector<std::string> listed() const {
    std::vector<std::string> names;
    for (const auto& e : fs::recursive_directory_iterator(folder)) names.push_back(e.path().string());
    std::sort(names.begin(), names.end());
    return names;
  }
  // A zip made anew from another, each entry as `change` says; nothing: left out.
  void rewrite(
      const fs::path& from, const fs::path& to,
      const std::function<std::optional<std::string>(const std::string& name, std::string text)>& change) {
    int code = 0;
    zip_t* in = zip_open(from.c_str(), ZIP_RDONLY, &code);
    zip_t* out = zip_open(to.c_str(), ZIP_CREATE | ZIP_TRUNCATE, &code);
    ASSERT_TRUE(in != nullptr && out != nullptr);
    std::vector<std::unique_ptr<std::string>> kept;
    for (zip_int64_t k = 0; k < zip_get_num_entries(in, 0); ++k) {
      const std::string name = zip_get_name(in, static_cast<zip_uint64_t>(k), 0);
      zip_stat_t stat;
      zip_stat_index(in, static_cast<zip_uint64_t>(k), 0, &stat);
      std::string text(stat.size, ' ');
      zip_file_t* f = zip_fopen_index(in, static_cast<zip_uint64_t>(k), 0);
      zip_fread(f, text.data(), text.size());
      zip_fclose(f);
      auto changed = change(name, std::move(text));
      if (!changed) continue;
      kept.push_back(std::make_unique<std::string>(std::move(*changed)));
      zip_file_add(out, name.c_str(), zip_source_buffer(out, kept.back()->data(), kept.back()->size(), 0), 0);
    }
    ASSERT_EQ(zip_close(out), 0);
    zip_discard(in);
  }
};

TEST_F(HouseExchange, ThereAndBackNothingIsLost) {
  fill();
  const std::string before = all(path);
  double last = 0.0;
  const auto out = exportHouse(path, folder / "out.zip", false, [&](double part) {
    EXPECT_GE(part, last);
    last = part;
    return true;
  });
  ASSERT_TRUE(out) << out.error().text;
  EXPECT_EQ(out->athletes, 2);
  EXPECT_EQ(out->sets, 2);
  EXPECT_EQ(out->version, static_cast<int>(kMigrations.size()));
  EXPECT_EQ(all(path), before) << "the house itself is only read";
  const auto back = importHouse(folder / "out.zip", folder / "back.mottix");
  ASSERT_TRUE(back) << back.error().text;
  EXPECT_EQ(back->rows, out->rows);
  EXPECT_EQ(all(folder / "back.mottix"), before);
  EXPECT_EQ(listed().size(), 5u) << "house, films, the film, zip, house: nothing beside them";
  const auto house = HouseFile::open(folder / "back.mottix");
  ASSERT_TRUE(house);
  EXPECT_EQ(house->athletes()->size(), 2u);
}

TEST_F(HouseExchange, FilmsGoAlongWhenTheyAreWanted) {
  fill();
  const auto out = exportHouse(path, folder / "out.zip", true);
  ASSERT_TRUE(out) << out.error().text;
  EXPECT_EQ(out->films, 1);
  EXPECT_EQ(out->films_missing, 1);
  fs::create_directories(folder / "elsewhere");
  ASSERT_TRUE(importHouse(folder / "out.zip", folder / "elsewhere" / "new.mottix"));
  const auto house = HouseFile::open(folder / "elsewhere" / "new.mottix");
  const auto sets = house->sets();
  ASSERT_TRUE(sets);
  const fs::path film = house->filmPath(sets->front().clip);
  EXPECT_EQ(film.parent_path().filename(), "new_films");
  EXPECT_EQ(bytes(film), "a film's bytes");
}

TEST_F(HouseExchange, AnEarlierVersionIsBroughtUpToDate) {
  fs::create_directories(folder / "old");
  const fs::path old = folder / "old" / "house.mottix";
  {
    SQLite::Database db(old.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    for (int k = 0; k < 9; ++k) db.exec(std::string(kMigrations[static_cast<std::size_t>(k)]));
    db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
    db.exec("PRAGMA user_version = 9");
    db.exec("INSERT INTO athlete (name, open_pain) VALUES ('Odd', 4)");
  }
  ASSERT_TRUE(exportHouse(old, folder / "old.zip", false));
  const auto back = importHouse(folder / "old.zip", folder / "new.mottix");
  ASSERT_TRUE(back) << back.error().text;
  EXPECT_EQ(back->version, 9);
  EXPECT_EQ(HouseFile::open(folder / "new.mottix")->athletes()->front().name, "Odd");
}

TEST_F(HouseExchange, TablesForSpreadsheetsHoldNoFormula) {
  fill();
  ASSERT_TRUE(exportHouse(path, folder / "out.zip", false));
  std::string csv, points;
  rewrite(folder / "out.zip", folder / "copy.zip", [&](const std::string& name, std::string text) {
    if (name == "csv/athlete.csv") csv = text;
    if (name == "csv/track_points.csv") points = text;
    return std::optional(std::move(text));
  });
  EXPECT_NE(csv.find("\"'=HYPERLINK(\"\"x\"\")\""), std::string::npos) << csv;
  EXPECT_NE(csv.find("\"line\nbreak, \"\"quoted\"\"\""), std::string::npos) << csv;
  EXPECT_NE(points.find("1,bar,3,0.100000,103.000,200.000,0.400,80.000,bridged\r\n"), std::string::npos)
      << points;
  EXPECT_NE(points.find("1,hip,2,,10.000,20.000,1.500,,unknown\r\n"), std::string::npos);
  EXPECT_EQ(csvCell("plain"), "plain");
  EXPECT_EQ(csvCell("@a"), "'@a");
  EXPECT_EQ(csvCell("-1"), "'-1");
  EXPECT_EQ(csvCell("a,b"), "\"a,b\"");
  EXPECT_EQ(csvCell(""), "");
}

TEST_F(HouseExchange, WhatIsNotTrustedLeavesNothingBehind) {
  fill();
  ASSERT_TRUE(exportHouse(path, folder / "good.zip", true));
  using Json = nlohmann::json;
  const auto refused = [&](const fs::path& zip, const char* why, Remedy remedy = Remedy::kChooseAnotherFile) {
    const auto before = listed();
    const auto r = importHouse(zip, folder / "x.mottix");
    ASSERT_FALSE(r) << why;
    EXPECT_EQ(r.error().remedy, remedy) << why << ": " << r.error().text;
    EXPECT_NE(r.error().text.find(zip.filename().string()), std::string::npos) << r.error().text;
    EXPECT_EQ(listed(), before) << why;
  };
  const auto with = [&](const char* entry,
                        const std::function<std::optional<std::string>(std::string)>& change) {
    rewrite(folder / "good.zip", folder / "bad.zip", [&](const std::string& name, std::string text) {
      return name == entry ? change(std::move(text)) : std::optional(std::move(text));
    });
  };
  const auto manifest = [&](const std::function<void(Json&)>& change) {
    with("manifest.json", [&](const std::string& text) {
      Json m = Json::parse(text);
      change(m);
      return std::optional(m.dump());
    });
  };
  std::ofstream(folder / "no.zip") << "no zip at all";
  refused(folder / "no.zip", "not a zip");
  std::ofstream(folder / "cut.zip", std::ios::binary) << bytes(folder / "good.zip").substr(0, 900);
  refused(folder / "cut.zip", "cut off");
  std::string flipped = bytes(folder / "good.zip");
  for (std::size_t k = 200; k < 260; ++k) flipped[k] = static_cast<char>(flipped[k] ^ 0x55);
  std::ofstream(folder / "flipped.zip", std::ios::binary) << flipped;
  refused(folder / "flipped.zip", "damaged");
  refused(folder / "none.zip", "not there");
  with("manifest.json", [](const std::string&) { return std::optional<std::string>(); });
  refused(folder / "bad.zip", "no manifest");
  with("manifest.json", [](const std::string&) { return std::optional<std::string>("[1, 2"); });
  refused(folder / "bad.zip", "no JSON");
  manifest([](Json& m) { m["format"] = "other/1"; });
  refused(folder / "bad.zip", "another format");
  manifest([](Json& m) { m["version"] = 999; });
  refused(folder / "bad.zip", "newer", Remedy::kUpdateProgram);
  manifest([](Json& m) { m["version"] = -3; });
  refused(folder / "bad.zip", "no version");
  manifest([](Json& m) { m["version"] = 4; });
  refused(folder / "bad.zip", "tables of another version");
  manifest([](Json& m) { m["tables"][0]["rows"] = 1000000; });
  refused(folder / "bad.zip", "promises more rows");
  manifest([](Json& m) { m["tables"].push_back({{"name", "sqlite_master"}, {"rows", 1}}); });
  refused(folder / "bad.zip", "a table that there is not");
  for (const char* evil : {"../evil.mp4", "/tmp/evil.mp4", "a\\b.mp4", "..", ""}) {
    manifest([&](Json& m) { m["films"][0]["entry"] = evil; });
    refused(folder / "bad.zip", evil);
  }
  for (const char* rows :
       {"{}", "[\"id\", \"name\"]\n[1]\n", "[\"id\", \"id\"]\n", "[\"id\", \"x; DROP TABLE athlete\"]\n",
        "[\"id\", \"name\"]\n[1, {\"a\": 2}]\n", "[\"id\", \"name\"]\n[1, [2]]\n", "[]\n",
        "[\"id\", \"name\"]\n[1, \"a\"]\n[1, \"b\"]\n", "\xff\xfe"}) {
    with("tables/athlete.jsonl", [&](const std::string&) { return std::optional<std::string>(rows); });
    refused(folder / "bad.zip", rows);
  }
  // Rows that refer to nobody.
  with("tables/athlete.jsonl",
       [](const std::string& text) { return std::optional(text.substr(0, text.find('\n') + 1)); });
  manifest([](Json&) {});
  rewrite(folder / "good.zip", folder / "bad.zip", [&](const std::string& name, std::string text) {
    if (name == "tables/athlete.jsonl") text = text.substr(0, text.find('\n') + 1);
    if (name == "manifest.json") {
      Json m = Json::parse(text);
      for (Json& t : m["tables"])
        if (t["name"] == "athlete") t["rows"] = 0;
      text = m.dump();
    }
    return std::optional(std::move(text));
  });
  refused(folder / "bad.zip", "rows of nobody");
  const auto exists = importHouse(folder / "good.zip", path);
  ASSERT_FALSE(exists);
  EXPECT_EQ(exists.error().remedy, Remedy::kCorrectInput);
  EXPECT_EQ(importHouse(folder / "good.zip", folder / "no" / "x.mottix").error().remedy, Remedy::kCheckDisk);
  EXPECT_EQ(exportHouse(path, folder / "no" / "x.zip", false).error().remedy, Remedy::kCheckDisk);
  EXPECT_EQ(exportHouse(folder / "no.zip", folder / "x.zip", false).error().remedy,
            Remedy::kChooseAnotherFile);
}

TEST_F(HouseExchange, AthletesOfAnotherHouseAreTakenInThreeWays) {
  fill();
  const fs::path here = folder / "here" / "mine.mottix";
  fs::create_directories(here.parent_path());
  auto mine = HouseFile::open(here);
  ASSERT_TRUE(mine);
  ASSERT_TRUE(mine->addAthlete({{}, "Oda", 2.5, 0, ""}));
  // New here: all of it comes.
  auto taken = takeAthletes(*mine, path, {"Runa Tveit"}, OnSameName::kLeaveOut);
  ASSERT_TRUE(taken) << taken.error().text;
  EXPECT_EQ(taken->athletes, 1);
  EXPECT_EQ(taken->sets, 1);
  const AthleteId runa = named(*mine, "Runa Tveit");
  HouseFile theirs = opened();
  AthleteRecord was = *theirs.loadRecord(named(theirs, "Runa Tveit")), is = *mine->loadRecord(runa);
  is.athlete.id = was.athlete.id;
  ASSERT_EQ(is.setups.size(), was.setups.size());
  for (std::size_t k = 0; k < is.setups.size(); ++k) {
    is.setups[k].id = was.setups[k].id;
    is.setups[k].athlete = was.athlete.id;
  }
  EXPECT_EQ(is, was);
  auto sets = *mine->trackedSets(runa);
  ASSERT_EQ(sets.size(), 1u);
  EXPECT_EQ(fs::weakly_canonical(mine->filmPath(sets[0].clip)),
            fs::weakly_canonical(folder / "films" / "a.mp4"));
  EXPECT_EQ(sets[0].edit.setup, mine->loadRecord(runa)->setups[0].id);
  EXPECT_EQ(mine->loadTracks(sets[0].id)->value().version, "tracker/1");
  EXPECT_EQ(mine->results({.athlete = runa})->front().measures.size(), 2u);
  // Known by now.
  taken = takeAthletes(*mine, path, {"Runa Tveit"}, OnSameName::kLeaveOut);
  EXPECT_EQ(taken->left_out, 1);
  EXPECT_EQ(taken->athletes + taken->sets, 0);
  // Merged: one more set there, one known here.
  SetRecord more = someSet(named(theirs, "Runa Tveit"));
  more.edit.asked.load_kg = 90.0;
  ASSERT_TRUE(theirs.addSet(more));
  taken = takeAthletes(*mine, path, {"Runa Tveit"}, OnSameName::kMerge);
  ASSERT_TRUE(taken) << taken.error().text;
  EXPECT_EQ(taken->merged, 1);
  EXPECT_EQ(taken->sets, 1);
  EXPECT_EQ(taken->sets_known, 1);
  EXPECT_EQ(mine->log(runa)->size(), 2u);
  EXPECT_EQ(takeAthletes(*mine, path, {"Runa Tveit"}, OnSameName::kMerge)->sets, 0) << "once is enough";
  // Beside, out of a zip.
  ASSERT_TRUE(exportHouse(path, folder / "out.zip", false));
  taken = takeAthletes(*mine, folder / "out.zip", {}, OnSameName::kBeside);
  ASSERT_TRUE(taken) << taken.error().text;
  EXPECT_EQ(taken->athletes, 2);
  std::set<std::string> names;
  const auto everybody = *mine->athletes();
  for (const Athlete& a : everybody) names.insert(a.name);
  EXPECT_EQ(names, (std::set<std::string>{"Oda", "Runa Tveit", "Runa Tveit (2)", "=HYPERLINK(\"x\")"}));
  // With films in the zip each athlete gets their own.
  ASSERT_TRUE(exportHouse(path, folder / "films.zip", true));
  for (const char* name : {"00001.mp4", "00001-2.mp4"}) {
    taken = takeAthletes(*mine, folder / "films.zip", {"Runa Tveit"}, OnSameName::kBeside);
    ASSERT_TRUE(taken) << taken.error().text;
    EXPECT_EQ(bytes(folder / "here" / "mine_films" / name), "a film's bytes");
  }
  const AthleteId fourth = named(*mine, "Runa Tveit (4)");
  EXPECT_EQ(mine->filmPath(mine->trackedSets(fourth)->front().clip).filename(), "00001-2.mp4");
  // Nobody of that name; not a house.
  const std::string before = all(here);
  EXPECT_EQ(takeAthletes(*mine, path, {"Nobody"}, OnSameName::kMerge).error().remedy, Remedy::kCorrectInput);
  std::ofstream(folder / "text.mottix") << "no house";
  EXPECT_FALSE(takeAthletes(*mine, folder / "text.mottix", {}, OnSameName::kMerge));
  EXPECT_EQ(all(here), before);
}

TEST_F(HouseExchange, WhoIsDeletedIsReallyGone) {
  fill();
  {
    HouseFile house = opened();
    const AthleteId runa = named(house, "Runa Tveit"), other = named(house, "=HYPERLINK(\"x\")");
    // A film that both show stays in nobody's list.
    SetRecord shared = someSet(other);
    shared.edit.placed.clear();
    shared.clip.file = "films/shared.mp4";
    ASSERT_TRUE(house.addSet(shared));
    shared.athlete = runa;
    ASSERT_TRUE(house.addSet(shared));
    const auto films = house.removeAthlete(runa);
    ASSERT_TRUE(films) << films.error().text;
    ASSERT_EQ(films->size(), 1u) << "the one that only Runa is on";
    EXPECT_EQ(films->front().filename(), "a.mp4");
    EXPECT_TRUE(fs::exists(films->front())) << "films are not touched";
    EXPECT_EQ(house.athletes()->size(), 1u);
    EXPECT_EQ(house.sets()->size(), 2u);
  }
  for (const auto& e : fs::directory_iterator(folder))
    if (e.path().filename().string().starts_with("house.mottix")) {
      const std::string raw = bytes(e.path());
      for (const char* word :
           {"Runa", "carry a stretcher", "sore back", "Low bar since spring", "Raised bar"})
        EXPECT_EQ(raw.find(word), std::string::npos) << word << " in " << e.path();
    }
}

TEST_F(HouseExchange, BackupsAreKeptTurnedOverAndGoneBackTo) {
  fill();
  const std::string before = all(path);
  EXPECT_TRUE(*keepBackup(path, "2026-11-01", 3));
  EXPECT_FALSE(*keepBackup(path, "2026-11-01", 3)) << "one a day";
  {
    HouseFile house = opened();
    ASSERT_TRUE(house.removeAthlete(house.athletes()->front().id));
  }
  const std::string after = all(path);
  for (const char* day : {"2026-11-02", "2026-11-03"}) EXPECT_TRUE(*keepBackup(path, day, 3));
  ASSERT_EQ(backupsOf(path).size(), 3u);
  ASSERT_TRUE(goBackTo(backupsOf(path).back().file, path));
  EXPECT_EQ(all(path), before);
  const fs::path kept = folder / "house_backups" / "house before going back.mottix";
  EXPECT_EQ(all(kept), after) << "what was is not lost";
  EXPECT_TRUE(*keepBackup(path, "2026-11-04", 3));
  ASSERT_EQ(backupsOf(path).size(), 3u);
  EXPECT_EQ(backupsOf(path).front().day, "2026-11-04");
  EXPECT_EQ(backupsOf(path).back().day, "2026-11-02");
  EXPECT_TRUE(fs::exists(kept));
  // A house that is damaged is gone back from as well; a backup that is none changes nothing.
  std::ofstream(path, std::ios::binary) << "damaged";
  ASSERT_TRUE(goBackTo(backupsOf(path).front().file, path));
  EXPECT_EQ(all(path), before);
  EXPECT_EQ(bytes(folder / "house_backups" / "house before going back 2.mottix"), "damaged");
  std::ofstream(folder / "none.mottix") << "none";
  EXPECT_FALSE(goBackTo(folder / "none.mottix", path));
  EXPECT_EQ(all(path), before);
}

TEST_F(HouseExchange, CanBeStopped) {
  fill();
  {
    HouseFile house = opened();
    std::vector<SetRecord> sets(6000);
    for (SetRecord& s : sets) {
      s.athlete = house.athletes()->front().id;
      s.day = "2026-10-01";
    }
    ASSERT_TRUE(house.addSets(sets));
  }
  const auto before = listed();
  EXPECT_FALSE(exportHouse(path, folder / "out.zip", false, [](double) { return false; }));
  EXPECT_EQ(listed(), before);
  EXPECT_FALSE(exportHouse(path, folder / "out.zip", false, [](double part) { return part < 0.55; }));
  EXPECT_EQ(listed(), before);
  ASSERT_TRUE(exportHouse(path, folder / "out.zip", false));
  EXPECT_FALSE(importHouse(folder / "out.zip", folder / "x.mottix", [](double) { return false; }));
  EXPECT_FALSE(fs::exists(folder / "x.mottix"));
}

}  // namespace
}  // namespace mottix
