#include "store/house_file.h"

#include <sys/stat.h>
#include <unistd.h>

#include <fstream>

#include <SQLiteCpp/SQLiteCpp.h>
#include <gtest/gtest.h>

#include "store/migrations.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class HouseFileTest : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_store_" + std::to_string(getpid()) + "_" +
                                          testing::UnitTest::GetInstance()->current_test_info()->name());
    fs::create_directories(folder);
    path = folder / "house.mottix";
  }
  void TearDown() override { fs::remove_all(folder); }

  HouseFile opened() {
    auto house = HouseFile::open(path);
    EXPECT_TRUE(house) << (house ? "" : house.error().text);
    return std::move(*house);
  }
  static SetRecord someSet(AthleteId athlete) {
    SetRecord set;
    set.athlete = athlete;
    set.day = "2026-11-24";
    set.clip.file = "films/a.mp4";
    set.edit.asked = {Lift::kSquat, "low bar", 5, 82.5, 8.0, Facing::kRight, 450.0};
    set.edit.overruled = {"squat.high"};
    set.edit.placed = {{7, {}}, {3, {}}};
    set.edit.placed[0].joints[indexOf(Joint::kHip)] = Vec2(1.25, 2.5);
    set.edit.placed[1].joints[indexOf(Joint::kKnee)] = Vec2(3, 4);
    set.edit.cue = "high.knees_out";
    set.edit.next_load_kg = 85.0;
    return set;
  }
  static TrackRecord someTracks() {
    TrackRecord record;
    record.version = "tracker/1";
    record.axis = AxisSeen{Vec2(600, 350), Vec2(20, 30), true};
    record.tracks.width_px = 1280;
    record.tracks.height_px = 720;
    for (int i = 0; i < 5; ++i) {
      record.tracks.time_s.push_back(i / 30.0);
      record.tracks.bar.push_back(
          {Vec2(100 + i, 200), 0.4, 80.0, i == 3 ? TrackState::kBridged : TrackState::kSeen});
    }
    record.tracks.bar[4].state = TrackState::kLost;
    record.carried[indexOf(Joint::kHip)].assign(5, {Vec2(10, 20), 1.5, true});
    record.carried[indexOf(Joint::kHip)][2].known = false;
    return record;
  }
  static std::string bytes(const fs::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
  }
  fs::path folder, path;
};

TEST_F(HouseFileTest, KeepsAthletesAndSetsAcrossReopening) {
  SetId id;
  {
    HouseFile house = opened();
    const auto athlete = house.addAthlete({{}, "Åse Brekkemoen-Halvorsrud", 1.25, 4, "left knee"});
    ASSERT_TRUE(athlete);
    id = *house.addSet(someSet(*athlete));
  }
  const HouseFile house = opened();
  const auto athletes = *house.athletes();
  ASSERT_EQ(athletes.size(), 1u);
  EXPECT_EQ(athletes[0].name, "Åse Brekkemoen-Halvorsrud");
  EXPECT_DOUBLE_EQ(athletes[0].step_kg, 1.25);
  EXPECT_EQ(athletes[0].open_pain, 4);
  const auto set = house.loadSet(id);
  ASSERT_TRUE(set);
  EXPECT_EQ(set->edit, someSet(athletes[0].id).edit);
  EXPECT_EQ(set->day, "2026-11-24");
  EXPECT_EQ(set->clip.file, "films/a.mp4");
  EXPECT_EQ(set->state, SetState::kWaiting);
}

TEST_F(HouseFileTest, KeepsTheBodyAsItWasGivenAlsoAsADraft) {
  BodyFacts facts;
  facts.height_m = 1.74;
  facts.mass_kg = 68.0;
  facts.sex = Sex::kFemale;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{0.43, 0.01}, LengthSource::kByHand};
  facts.measured[indexOf(Segment::kTrunk)] = BodyLength{{0.49, 0.02}, LengthSource::kFromClip};
  AthleteId athlete;
  {
    HouseFile house = opened();
    athlete = *house.addAthlete({{}, "Runa Tveit", 2.5, 0, ""});
    EXPECT_FALSE(*house.loadBody(athlete)) << "nothing was given";
    ASSERT_TRUE(house.saveBody(athlete, facts));
  }
  HouseFile house = opened();
  auto body = *house.loadBody(athlete);
  ASSERT_TRUE(body);
  EXPECT_DOUBLE_EQ(body->height_m, 1.74);
  EXPECT_DOUBLE_EQ(*body->mass_kg, 68.0);
  EXPECT_EQ(body->sex, Sex::kFemale);
  EXPECT_FALSE(body->knee_to_wall_m);
  EXPECT_DOUBLE_EQ(body->measured[indexOf(Segment::kTrunk)]->m.sd, 0.02);
  EXPECT_EQ(body->measured[indexOf(Segment::kTrunk)]->source, LengthSource::kFromClip);
  EXPECT_EQ(body->measured[indexOf(Segment::kThigh)]->source, LengthSource::kByHand);
  EXPECT_FALSE(body->measured[indexOf(Segment::kShank)]);

  facts.height_m = 17.4;  // a slip of the pen, said at the field and kept until it is put right
  facts.measured[indexOf(Segment::kThigh)].reset();
  facts.knee_to_wall_m = 0.11;
  ASSERT_TRUE(house.saveBody(athlete, facts));
  body = *house.loadBody(athlete);
  EXPECT_DOUBLE_EQ(body->height_m, 17.4);
  EXPECT_FALSE(body->measured[indexOf(Segment::kThigh)]);
  EXPECT_DOUBLE_EQ(*body->knee_to_wall_m, 0.11);
  EXPECT_FALSE(house.saveBody(AthleteId{999}, facts)) << "there is no such athlete";
}

TEST_F(HouseFileTest, ComplaintsKeepTheirHistory) {
  HouseFile house = opened();
  const AthleteId athlete = *house.addAthlete({{}, "Ingeborg Myhre-Solbakken", 2.5, 0, ""});
  ComplaintRecord knee{{}, {ComplaintJoint::kKnee, 5}, "right", "2026-10-12", ""};
  const auto id = house.addComplaint(athlete, knee);
  ASSERT_TRUE(id);
  ASSERT_TRUE(house.addComplaint(athlete, {{}, {ComplaintJoint::kBack, 2}, "", "2026-09-01", "2026-09-20"}));
  knee.id = *id;
  knee.what.level = 3;
  knee.closed = "2026-11-20";
  ASSERT_TRUE(house.saveComplaint(knee));
  const auto all = *house.complaints(athlete);
  ASSERT_EQ(all.size(), 2u);
  EXPECT_EQ(all[0].what.joint, ComplaintJoint::kBack) << "oldest first";
  EXPECT_EQ(all[1], knee);
  EXPECT_FALSE(house.addComplaint(athlete, {{}, {ComplaintJoint::kKnee, 11}, "", "2026-11-01", ""}));
  EXPECT_FALSE(house.addComplaint(athlete, {{}, {ComplaintJoint::kKnee, 4}, "top", "2026-11-01", ""}));
  EXPECT_EQ(house.complaints(athlete)->size(), 2u);
  EXPECT_TRUE(house.complaints(AthleteId{999})->empty());
}

TEST_F(HouseFileTest, AHouseOfTheFirstVersionKeepsItsAthletesAndGainsBodies) {
  {
    SQLite::Database db(path.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    db.exec(std::string(kMigrations[0]));
    db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
    db.exec("PRAGMA user_version = 1");
    db.exec("INSERT INTO athlete (name, open_pain) VALUES ('Odd Halvard Brekke', 4)");
  }
  HouseFile house = opened();
  const auto athletes = *house.athletes();
  ASSERT_EQ(athletes.size(), 1u);
  EXPECT_EQ(athletes[0].open_pain, 4);
  BodyFacts facts;
  facts.height_m = 1.86;
  EXPECT_TRUE(house.saveBody(athletes[0].id, facts));
  EXPECT_DOUBLE_EQ((*house.loadBody(athletes[0].id))->height_m, 1.86);
}

TEST_F(HouseFileTest, TheFirstPlacedFrameStaysFirst) {
  HouseFile house = opened();
  const SetId id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  EXPECT_EQ(house.loadSet(id)->edit.placed.front().frame, 7u);
}

TEST_F(HouseFileTest, TracksComeBackExactly) {
  HouseFile house = opened();
  const SetId id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  EXPECT_FALSE(*house.loadTracks(id));
  const TrackRecord record = someTracks();
  ASSERT_TRUE(house.saveTracks(id, {"films/a.mp4", "ab12", 1280, 720, 90, 5, 0.1667, true}, record));
  const auto loaded = *house.loadTracks(id);
  ASSERT_TRUE(loaded);
  EXPECT_EQ(loaded->tracks.time_s, record.tracks.time_s);
  ASSERT_EQ(loaded->tracks.bar.size(), 5u);
  for (std::size_t i = 0; i < 5; ++i) {
    EXPECT_EQ(loaded->tracks.bar[i].p_px, record.tracks.bar[i].p_px);
    EXPECT_EQ(loaded->tracks.bar[i].state, record.tracks.bar[i].state);
  }
  EXPECT_FALSE(loaded->carried[indexOf(Joint::kHip)][2].known);
  EXPECT_TRUE(loaded->carried[indexOf(Joint::kKnee)].empty());
  EXPECT_EQ(loaded->axis->vanishing_px, record.axis->vanishing_px);
  const auto set = *house.loadSet(id);
  EXPECT_EQ(set.state, SetState::kTracked);
  EXPECT_EQ(set.clip.rotation_deg, 90);
  EXPECT_TRUE(set.clip.variable_rate);
}

TEST_F(HouseFileTest, TrackingAgainDoesNotUndoAReview) {
  HouseFile house = opened();
  const SetId id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  ASSERT_TRUE(house.saveEdit(id, someSet({}).edit, SetState::kReviewed));
  ASSERT_TRUE(house.saveTracks(id, {}, someTracks()));
  EXPECT_EQ(house.loadSet(id)->state, SetState::kReviewed);
}

TEST_F(HouseFileTest, DamagedTracksAreSaidAndNotInvented) {
  SetId id;
  {
    HouseFile house = opened();
    id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
    ASSERT_TRUE(house.saveTracks(id, {}, someTracks()));
  }
  {
    SQLite::Database db(path.string(), SQLite::OPEN_READWRITE);
    db.exec("UPDATE track SET data = x'0102030405' WHERE kind = 'bar'");
  }
  const auto loaded = opened().loadTracks(id);
  ASSERT_FALSE(loaded);
  EXPECT_NE(loaded.error().text.find("damaged"), std::string::npos);
}

TEST_F(HouseFileTest, ResultsReplaceEarlierOnes) {
  HouseFile house = opened();
  const SetId id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  Analysis analysis;
  analysis.measures = {{MeasureId::kDepthMargin, 1, {0.5, 0.9}, MeasureStatus::kOk, 12}};
  analysis.findings.resize(1);
  analysis.findings[0].rule = "squat.high";
  analysis.findings[0].reps = {1, 3};
  ASSERT_TRUE(house.saveResults(id, analysis, builtInRuleBook()));
  ASSERT_TRUE(house.saveResults(id, analysis, builtInRuleBook()));
  SQLite::Database db(path.string(), SQLite::OPEN_READONLY);
  EXPECT_EQ(db.execAndGet("SELECT count(*) FROM measure").getInt(), 1);
  EXPECT_EQ(db.execAndGet("SELECT reps FROM finding").getString(), "1,3");
}

TEST_F(HouseFileTest, RemovingASetTakesEverythingOfItAlong) {
  HouseFile house = opened();
  const SetId id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  ASSERT_TRUE(house.saveTracks(id, {}, someTracks()));
  ASSERT_TRUE(house.removeSet(id));
  EXPECT_FALSE(house.loadSet(id));
  SQLite::Database db(path.string(), SQLite::OPEN_READONLY);
  for (const char* table : {"track", "tracking", "placed_point", "overrule", "clip"})
    EXPECT_EQ(db.execAndGet(std::string("SELECT count(*) FROM ") + table).getInt(), 0) << table;
}

TEST_F(HouseFileTest, ASetMovesToAnotherAthleteOnTheSameDay) {
  HouseFile house = opened();
  const AthleteId runa = *house.addAthlete({{}, "Runa", 2.5, 0, ""}),
                  odd = *house.addAthlete({{}, "Odd", 2.5, 0, ""});
  const SetId id = *house.addSet(someSet(runa));
  ASSERT_TRUE(house.moveSet(id, odd));
  EXPECT_EQ(house.loadSet(id)->athlete, odd);
  EXPECT_EQ(house.loadSet(id)->day, "2026-11-24");
}

TEST_F(HouseFileTest, ANewerFileIsLeftAlone) {
  opened();
  {
    SQLite::Database db(path.string(), SQLite::OPEN_READWRITE);
    db.exec("PRAGMA journal_mode = DELETE");
    db.exec("PRAGMA user_version = 99");
  }
  const std::string before = bytes(path);
  const auto house = HouseFile::open(path);
  ASSERT_FALSE(house);
  EXPECT_EQ(house.error().remedy, Remedy::kUpdateProgram);
  EXPECT_EQ(bytes(path), before);
}

TEST_F(HouseFileTest, WhatIsNotAHouseFileIsLeftAlone) {
  std::ofstream(path) << "shopping list: chalk, tape, and a lot more text so that it has some length. "
                      << std::string(2000, 'x');
  const std::string before = bytes(path);
  const auto house = HouseFile::open(path);
  ASSERT_FALSE(house);
  EXPECT_EQ(house.error().remedy, Remedy::kChooseAnotherFile);
  EXPECT_NE(house.error().text.find("house.mottix"), std::string::npos);
  EXPECT_EQ(bytes(path), before);
}

TEST_F(HouseFileTest, AnotherProgramsDatabaseIsLeftAlone) {
  {
    SQLite::Database db(path.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    db.exec("CREATE TABLE birds (name TEXT)");
  }
  const auto house = HouseFile::open(path);
  ASSERT_FALSE(house);
  SQLite::Database db(path.string(), SQLite::OPEN_READONLY);
  EXPECT_FALSE(db.tableExists("athlete"));
}

TEST_F(HouseFileTest, ACorruptFileIsSaid) {
  {
    HouseFile house = opened();
    for (int i = 0; i < 200; ++i)
      ASSERT_TRUE(house.addAthlete({{}, "Someone " + std::to_string(i), 2.5, 0, std::string(300, 'n')}));
  }
  fs::resize_file(path, fs::file_size(path) / 2);
  const auto house = HouseFile::open(path);
  ASSERT_FALSE(house);
  EXPECT_EQ(house.error().remedy, Remedy::kChooseAnotherFile);
}

TEST_F(HouseFileTest, AReadOnlyFileIsSaid) {
  opened();
  chmod(path.c_str(), 0444);
  // The superuser may write everywhere, so the file is opened as somebody else.
  const bool superuser = geteuid() == 0;
  if (superuser) {
    ASSERT_EQ(seteuid(65534), 0);
  }
  const auto house = HouseFile::open(path);
  if (superuser) {
    ASSERT_EQ(seteuid(0), 0);
  }
  ASSERT_FALSE(house);
  EXPECT_EQ(house.error().remedy, Remedy::kCheckDisk);
}

TEST_F(HouseFileTest, AFolderAndAMissingFolderAreSaid) {
  EXPECT_FALSE(HouseFile::open(folder));
  const auto house = HouseFile::open(folder / "no such folder" / "h.mottix");
  ASSERT_FALSE(house);
  EXPECT_EQ(house.error().remedy, Remedy::kCheckDisk);
}

TEST_F(HouseFileTest, RemembersWhereTheDeskWasLeft) {
  {
    HouseFile house = opened();
    EXPECT_EQ(*house.deskState("set"), "");
    ASSERT_TRUE(house.saveDeskState("set", "7"));
    ASSERT_TRUE(house.saveDeskState("set", "8"));
  }
  EXPECT_EQ(*opened().deskState("set"), "8");
}

TEST_F(HouseFileTest, FilmsAreReferredToFromTheHouse) {
  const HouseFile house = opened();
  const std::string relative = house.relativeFilm(folder / "films" / "a.mp4");
  EXPECT_EQ(relative, "films/a.mp4");
  ClipFacts clip;
  clip.file = relative;
  EXPECT_EQ(house.filmPath(clip), folder / "films" / "a.mp4");
}

}  // namespace
}  // namespace mottix
