#include "store/house_file.h"

#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <fstream>

#include <SQLiteCpp/SQLiteCpp.h>
#include <gtest/gtest.h>

#include "store/house_file_fixture.h"
#include "store/migrations.h"

namespace mottix {
namespace {

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

TEST_F(HouseFileTest, KeepsEverythingOfAnAthlete) {
  AthleteRecord r;
  {
    HouseFile house = opened();
    r = fullRecord(*house.addAthlete({{}, "New athlete", 2.5, 0, ""}));
    EXPECT_FALSE(house.loadRecord(r.athlete.id)->body) << "nothing was given";
    EXPECT_EQ(*house.newSetupId(), SetupId{1});
    ASSERT_TRUE(house.saveRecord(r));
    EXPECT_EQ(*house.newSetupId(), SetupId{2});
  }
  HouseFile house = opened();
  EXPECT_EQ(*house.loadRecord(r.athlete.id), r);
  EXPECT_EQ(house.athletes()->front(), r.athlete);
  EXPECT_EQ(house.athletes()->front().worstPain(), 5) << "the closed complaint no longer counts";
  EXPECT_FALSE(house.loadRecord(AthleteId{999}));
}

TEST_F(HouseFileTest, ABodyIsKeptAsADraftAndAFaultChangesNothing) {
  HouseFile house = opened();
  AthleteRecord r = fullRecord(*house.addAthlete({{}, "New athlete", 2.5, 0, ""}));
  ASSERT_TRUE(house.saveRecord(r));
  r.body->height_m = 17.4;  // a slip of the pen, said at the field and kept until it is put right
  r.body->measured[indexOf(Segment::kThigh)].reset();
  r.body->knee_to_wall_m = 0.11;
  ASSERT_TRUE(house.saveRecord(r));
  EXPECT_EQ(*house.loadRecord(r.athlete.id), r);
  AthleteRecord wrong = r;
  wrong.athlete.name = "Changed";
  wrong.complaints.push_back({{ComplaintJoint::kKnee, 11}, "", "2026-11-01", ""});
  EXPECT_FALSE(house.saveRecord(wrong));
  wrong = r;
  wrong.complaints.push_back({{ComplaintJoint::kKnee, 4}, "top", "2026-11-01", ""});
  EXPECT_FALSE(house.saveRecord(wrong));
  EXPECT_EQ(*house.loadRecord(r.athlete.id), r) << "all of it is kept, or none";
}

TEST_F(HouseFileTest, ASetRemembersItsSetupWhichThenStays) {
  HouseFile house = opened();
  AthleteRecord r = fullRecord(*house.addAthlete({{}, "New athlete", 2.5, 0, ""}));
  ASSERT_TRUE(house.saveRecord(r));
  SetRecord set = someSet(r.athlete.id);
  set.edit.setup = r.setups[0].id;
  set.edit.comfort = 7;
  set.edit.effort_felt = 8.5;
  const SetId id = *house.addSet(set);
  EXPECT_EQ(house.loadSet(id)->edit, set.edit);
  AthleteRecord without = r;
  without.setups.clear();
  const auto refused = house.saveRecord(without);
  ASSERT_FALSE(refused);
  EXPECT_NE(refused.error().text.find("set-up"), std::string::npos) << refused.error().text;
  EXPECT_EQ(*house.loadRecord(r.athlete.id), r);
  set.edit.setup.reset();
  ASSERT_TRUE(house.saveEdit(id, set.edit, SetState::kTracked));
  EXPECT_TRUE(house.saveRecord(without));
}

// Every earlier version, with data in it.
class EarlierHouse : public HouseFileTest, public testing::WithParamInterface<int> {};
TEST_P(EarlierHouse, KeepsItsAthletesAndTakesWhatIsNew) {
  const int version = GetParam();
  {
    SQLite::Database db(path.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
    for (int k = 0; k < version; ++k) db.exec(std::string(kMigrations[static_cast<std::size_t>(k)]));
    db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
    db.exec("PRAGMA user_version = " + std::to_string(version));
    db.exec("INSERT INTO athlete (name, open_pain) VALUES ('Odd Halvard Brekke', 4)");
    if (version >= 2) {
      db.exec("INSERT INTO body (athlete_id, sex, height_m) VALUES (1, 'male', 1.86)");
      db.exec("INSERT INTO complaint (athlete_id, joint, level, opened) VALUES (1, 'knee', 6, '2026-10-01')");
    }
  }
  HouseFile house = opened();
  const auto athletes = *house.athletes();
  ASSERT_EQ(athletes.size(), 1u);
  EXPECT_EQ(athletes[0].open_pain, 4);
  EXPECT_EQ(athletes[0].worstPain(), version >= 2 ? 6 : 4);
  EXPECT_EQ(house.loadRecord(athletes[0].id)->body.has_value(), version >= 2);
  const AthleteRecord r = fullRecord(athletes[0].id);
  ASSERT_TRUE(house.saveRecord(r));
  EXPECT_EQ(*house.loadRecord(r.athlete.id), r);
}
INSTANTIATE_TEST_SUITE_P(Versions, EarlierHouse, testing::Range(1, static_cast<int>(kMigrations.size())));

TEST_F(HouseFileTest, ResultsComeBackToBeJudgedAgain) {
  HouseFile house = opened();
  const AthleteId runa = *house.addAthlete({{}, "Runa", 2.5, 0, ""}),
                  odd = *house.addAthlete({{}, "Odd", 2.5, 0, ""});
  const SetId id = *house.addSet(someSet(runa));  // on which “squat.high” is overruled
  (void)*house.addSet(someSet(odd));
  EXPECT_TRUE(house.results()->empty()) << "nothing was measured yet";
  Analysis a;
  a.measures = {{MeasureId::kDepthMargin, 1, {4.0, 0.5}, MeasureStatus::kOk, 12},
                {MeasureId::kKneeCaveLeft, 1, {}, MeasureStatus::kNoJoints, 0}};
  for (const char* rule : {"squat.high", "squat.dive"}) {
    Finding f;
    f.rule = f.event = rule;
    f.reps = {1};
    f.certainty = Certainty::kClear;
    a.findings.push_back(f);
  }
  ASSERT_TRUE(house.saveResults(id, a, builtInRuleBook()));
  const auto all = *house.results();
  ASSERT_EQ(all.size(), 1u);
  EXPECT_EQ(all[0].set.id, id);
  EXPECT_TRUE(all[0].across) << "knees cave only from the front";
  ASSERT_EQ(all[0].measures.size(), 2u);
  EXPECT_EQ(all[0].measures[0].frame, 12u);
  EXPECT_DOUBLE_EQ(all[0].measures[0].value.sd, 0.5);
  EXPECT_EQ(all[0].found, std::vector<std::string>{"squat.dive"}) << "what was overruled does not stand";
  EXPECT_EQ(house.results({.athlete = runa})->size(), 1u);
  EXPECT_TRUE(house.results({.athlete = odd})->empty());
}

TEST_F(HouseFileTest, TheHousesOwnBookIsKept) {
  HouseFile house = opened();
  EXPECT_EQ(*house.houseBook(), HouseBook{});
  const HouseBook book{"name = \"house\"", "[[cue]]"};
  ASSERT_TRUE(house.saveHouseBook(book));
  EXPECT_EQ(*house.houseBook(), book);
  ASSERT_TRUE(house.saveHouseBook({"", book.cues}));
  EXPECT_TRUE(house.houseBook()->rules.empty());
  EXPECT_EQ(house.houseBook()->cues, book.cues);
}

TEST_F(HouseFileTest, BlindLooksAreKeptAndTakenBack) {
  BlindLook look;
  look.day = "2026-11-24";
  look.seed = 4000000000U;
  look.lift = Lift::kBench;
  look.view = View::kFront;
  look.seen = {{"bar.uneven", {2.5, 0.25}, 1.5, 3.0, Called::kSmall, Called::kBig, {}, {}},
               {"bench.pause", {0.5, 0.125}, 0.3, 0.2, std::nullopt, Called::kNothing, {}, {}}};
  BlindLook empty;
  empty.day = "2026-11-17";
  LookId id{};
  {
    HouseFile house = opened();
    const auto writes = house.writes();
    id = *house.addBlindLook(look);
    ASSERT_TRUE(house.addBlindLook(empty));
    EXPECT_GT(house.writes(), writes);
  }
  HouseFile house = opened();
  const auto writes = house.writes();
  const auto kept = house.blindLooks();
  ASSERT_TRUE(kept && kept->size() == 2u);
  EXPECT_EQ((*kept)[0].day, "2026-11-17");  // by day
  EXPECT_TRUE((*kept)[0].seen.empty());
  const BlindLook& back = (*kept)[1];
  EXPECT_EQ(back.id, id);
  EXPECT_EQ(back.seed, look.seed);
  EXPECT_EQ(back.lift, look.lift);
  EXPECT_EQ(back.view, look.view);
  ASSERT_EQ(back.seen.size(), 2u);
  EXPECT_EQ(back.seen[0].rule, "bar.uneven");
  EXPECT_EQ(back.seen[0].value.value, 2.5);
  EXPECT_EQ(back.seen[0].value.sd, 0.25);
  EXPECT_EQ(back.seen[0].limit, 1.5);
  EXPECT_EQ(back.seen[0].big, 3.0);
  EXPECT_EQ(back.seen[0].is, Called::kSmall);
  EXPECT_EQ(back.seen[0].called, Called::kBig);
  EXPECT_FALSE(back.seen[1].is.has_value());
  EXPECT_EQ(back.seen[1].called, Called::kNothing);
  EXPECT_EQ(house.writes(), writes);  // reading writes nothing
  ASSERT_TRUE(house.removeBlindLook(id));
  EXPECT_EQ(house.blindLooks()->size(), 1u);
}

TEST_F(HouseFileTest, SetsThatAreReadTogetherAreAsEachIsAlone) {
  HouseFile house = opened();
  const AthleteId runa = *house.addAthlete({{}, "Runa", 2.5, 0, ""});
  std::vector<SetRecord> sets(5, someSet(runa));
  sets[1].edit = sets[3].edit = SetEdit{};  // bare ones between those on which much hangs
  sets[2].edit.placed.pop_back();
  sets[2].edit.drawn.clear();
  sets[2].edit.locked = {Joint::kHip};
  const auto ids = *house.addSets(sets);
  sets[4].edit.other_film = OtherFilm{ids[0], -1.5, true};
  ASSERT_TRUE(house.saveEdit(ids[4], sets[4].edit, SetState::kTracked));
  const auto together = *house.sets();
  ASSERT_EQ(together.size(), sets.size());
  for (std::size_t k = 0; k < sets.size(); ++k) {
    EXPECT_EQ(together[k].id, ids[k]);
    EXPECT_EQ(together[k].edit, sets[k].edit) << k;
    EXPECT_EQ(house.loadSet(ids[k])->edit, sets[k].edit) << k;
  }
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
  for (std::size_t e = 0; e < 2; ++e) {
    ASSERT_EQ(loaded->tracks.ends[e].size(), 5u);
    for (std::size_t i = 0; i < 5; ++i) {
      EXPECT_EQ(loaded->tracks.ends[e][i].p_px, record.tracks.ends[e][i].p_px);
      EXPECT_EQ(loaded->tracks.ends[e][i].state, record.tracks.ends[e][i].state);
    }
  }
  ASSERT_EQ(loaded->tracks.uprights.size(), 2u);
  EXPECT_EQ(loaded->tracks.uprights[1].low_px, Vec2(900, 610));
  EXPECT_EQ(loaded->tracks.uprights[1].high_px, Vec2(903, 80));
  EXPECT_EQ(loaded->tracks.lens_k1, record.tracks.lens_k1);
  EXPECT_EQ(loaded->held, Held::kDumbbells);
  ASSERT_EQ(loaded->tracks.shake.size(), 5u);
  for (std::size_t i = 0; i < 5; ++i) {
    EXPECT_EQ(loaded->tracks.shake[i].shift_px, record.tracks.shake[i].shift_px);
    EXPECT_EQ(loaded->tracks.shake[i].turn_rad, record.tracks.shake[i].turn_rad);
    EXPECT_EQ(loaded->tracks.shake[i].log_scale, record.tracks.shake[i].log_scale);
    EXPECT_EQ(loaded->tracks.shake[i].sd_px, record.tracks.shake[i].sd_px);
    EXPECT_EQ(loaded->tracks.shake[i].known, i != 3);
  }
  EXPECT_FALSE(loaded->carried[indexOf(Joint::kHip)][2].known);
  EXPECT_TRUE(loaded->carried[indexOf(Joint::kKnee)].empty());
  EXPECT_EQ(loaded->found, record.found);
  EXPECT_TRUE(loaded->foundByItself());
  EXPECT_EQ(loaded->axis->vanishing_px, record.axis->vanishing_px);
  ASSERT_TRUE(loaded->axis->far_ratio);
  EXPECT_EQ(loaded->axis->far_ratio->value, 0.32);
  EXPECT_EQ(loaded->axis->far_ratio->sd, 0.005);
  ASSERT_TRUE(loaded->axis->end_ratio);
  EXPECT_EQ(loaded->axis->end_ratio->value, 0.13);
  EXPECT_EQ(loaded->axis->end_ratio->sd, 0.002);
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

TEST_F(HouseFileTest, TwoFilmsOfOneSetKnowEachOtherUntilOneGoes) {
  HouseFile house = opened();
  const AthleteId athlete = *house.addAthlete({{}, "Runa", 2.5, 0, ""});
  const SetId side = *house.addSet(someSet(athlete)), front = *house.addSet(someSet(athlete));
  SetEdit edit = house.loadSet(side)->edit;
  edit.other_film = OtherFilm{front, -1.375, true};
  ASSERT_TRUE(house.saveEdit(side, edit, SetState::kTracked));
  EXPECT_EQ(house.loadSet(side)->edit, edit);
  EXPECT_FALSE(house.loadSet(front)->edit.other_film);
  EXPECT_EQ(**house.setWithOtherFilm(front), side);
  EXPECT_FALSE(*house.setWithOtherFilm(side));
  ASSERT_TRUE(house.removeSet(front));
  EXPECT_FALSE(house.loadSet(side)->edit.other_film);
}

TEST_F(HouseFileTest, RemovingASetTakesEverythingOfItAlong) {
  HouseFile house = opened();
  const SetId id = *house.addSet(someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  ASSERT_TRUE(house.saveTracks(id, {}, someTracks()));
  ASSERT_TRUE(house.removeSet(id));
  EXPECT_FALSE(house.loadSet(id));
  SQLite::Database db(path.string(), SQLite::OPEN_READONLY);
  for (const char* table : {"track", "tracking", "found_spread", "placed_point", "room_line", "drawn_point",
                            "locked_joint", "overrule", "clip"})
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

TEST_F(HouseFileTest, AVersionBelowZeroIsDamage) {
  opened();
  {
    SQLite::Database db(path.string(), SQLite::OPEN_READWRITE);
    db.exec("PRAGMA journal_mode = DELETE");
    db.exec("PRAGMA user_version = -235");
  }
  const auto house = HouseFile::open(path);
  ASSERT_FALSE(house);
  EXPECT_EQ(house.error().remedy, Remedy::kChooseAnotherFile);
  EXPECT_NE(house.error().text.find("damaged"), std::string::npos);
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

TEST_F(HouseFileTest, TheLogIsReadAndSearchedWithoutTheFilms) {
  HouseFile house = opened();
  const AthleteId runa = *house.addAthlete({{}, "Runa", 2.5, 0, ""}),
                  oda = *house.addAthlete({{}, "Oda", 2.5, 0, ""});
  const SetId filmed = *house.addSet(someSet(runa));
  Analysis analysis;
  for (int rep = 1; rep <= 3; ++rep)
    analysis.measures.push_back({MeasureId::kMeanSpeed,
                                 rep,
                                 {0.5 - 0.05 * rep, 0.01},
                                 rep == 2 ? MeasureStatus::kBarLost : MeasureStatus::kOk,
                                 12});
  analysis.findings.resize(3);
  analysis.findings[0].rule = "squat.hips_first";
  analysis.findings[0].certainty = Certainty::kClear;
  analysis.findings[0].severity = Severity::kBig;
  analysis.findings[0].reps = {1, 3};
  analysis.findings[1].rule = "squat.high";  // was overruled
  analysis.findings[1].certainty = Certainty::kClear;
  analysis.findings[2].rule = "squat.bar_forward";
  analysis.findings[2].certainty = Certainty::kBorderline;
  analysis.decision.action = LoadAction::kHold;
  analysis.decision.reason = LoadReason::kOneBig;
  ASSERT_TRUE(house.saveResults(filmed, analysis, builtInRuleBook()));
  std::vector<SetRecord> plain(450, someSet(oda));
  for (std::size_t k = 0; k < plain.size(); ++k) {
    plain[k].clip = {};
    plain[k].edit = {};
    plain[k].edit.asked = {Lift::kBench, "flat", 5, 40.0 + static_cast<double>(k), 7.0};
    plain[k].day = k % 2 == 0 ? "2026-01-05" : "2026-02-05";
  }
  const auto added = *house.addSets(plain);
  EXPECT_EQ(added.size(), 450u);
  const auto log = *house.log(runa);
  ASSERT_EQ(log.size(), 1u);
  const LogLine& line = log.front();
  EXPECT_EQ(line.day, *dayNamed("2026-11-24"));
  EXPECT_EQ(line.variant, "low bar");
  EXPECT_EQ(line.reps_done, 4);  // as counted
  EXPECT_EQ(line.effort_felt, 8.5);
  EXPECT_EQ(line.effort_seen, 9.0);
  EXPECT_TRUE(line.filmed);
  EXPECT_EQ(line.verdict, LoadAction::kHold);
  EXPECT_EQ(line.verdict_reason, LoadReason::kOneBig);
  ASSERT_EQ(line.speeds_ms.size(), 2u);
  EXPECT_DOUBLE_EQ(line.speeds_ms[1].value, 0.35);
  EXPECT_EQ(line.found, (std::vector<FoundInSet>{{"squat.hips_first", Severity::kBig, 2}}));
  EXPECT_TRUE(line.is(Condition::kShortSleep));
  EXPECT_FALSE(line.is(Condition::kIll));
  EXPECT_EQ(line.suggested_kg, 80.0);
  EXPECT_EQ(house.log(oda)->size(), 450u);
  EXPECT_EQ(house.log(oda)->front().reps_done, 5);
  EXPECT_FALSE(house.log(oda)->front().filmed);
  EXPECT_EQ(house.queueSets(5)->size(), 1u);
  EXPECT_EQ(house.setCounts()->at(oda).without_film, 450);
  EXPECT_EQ(house.setCounts()->at(oda).filmed, 0);
  EXPECT_EQ(house.setCounts()->at(runa).filmed, 1);

  const auto count = [&](auto&& set_up) {
    LogQuery q;
    set_up(q);
    return house.search(q)->size();
  };
  EXPECT_EQ(count([](LogQuery&) {}), 451u);
  EXPECT_EQ(count([](LogQuery& q) { q.any_rule = {"squat.hips_first"}; }), 1u);
  EXPECT_EQ(count([](LogQuery& q) { q.any_rule = {"squat.high"}; }), 0u);
  EXPECT_EQ(count([](LogQuery& q) {
              q.any_rule = {"squat.hips_first"};
              q.effort_from = 8.01;
            }),
            1u);
  EXPECT_EQ(count([](LogQuery& q) {
              q.any_rule = {"squat.hips_first"};
              q.effort_from = 8.6;
            }),
            0u);
  EXPECT_EQ(count([](LogQuery& q) {
              q.lift = Lift::kBench;
              q.load_from_kg = 400.0;
            }),
            90u);
  EXPECT_EQ(count([](LogQuery& q) {
              q.since = dayNamed("2026-02-01");
              q.until = dayNamed("2026-03-01");
            }),
            225u);
  EXPECT_EQ(count([](LogQuery& q) { q.missed = true; }), 1u);
  EXPECT_EQ(count([](LogQuery& q) { q.condition = Condition::kOtherShoes; }), 1u);
  EXPECT_EQ(count([](LogQuery& q) { q.words = {"100 %"}; }), 1u);
  EXPECT_EQ(count([](LogQuery& q) { q.words = {"1_0"}; }), 0u);
  EXPECT_EQ(count([](LogQuery& q) {
              q.variant = "LOW";
              q.filmed = true;
            }),
            1u);
  EXPECT_EQ(count([](LogQuery& q) { q.verdict = LoadAction::kHold; }), 1u);
  LogQuery newest;
  newest.athlete = oda;
  newest.most = 2;
  const auto last = *house.search(newest);
  ASSERT_EQ(last.size(), 2u);
  EXPECT_LT(last[0].id, last[1].id);
  EXPECT_EQ(last[1].load_kg, 489.0);

  ASSERT_TRUE(house.removeSets(std::vector(added.begin(), added.begin() + 449)));
  EXPECT_EQ(house.log(oda)->size(), 1u);
}

TEST_F(HouseFileTest, TheQueueHasWhatWaitsAndTheNewest) {
  HouseFile house = opened();
  const AthleteId runa = *house.addAthlete({{}, "Runa", 2.5, 0, ""});
  std::vector<SetRecord> sets(12, someSet(runa));
  for (std::size_t k = 0; k < sets.size(); ++k) {
    sets[k].day = "2026-11-" + std::to_string(10 + k);
    sets[k].state = k == 2 ? SetState::kTracked : SetState::kReviewed;
  }
  const auto ids = *house.addSets(sets);
  const auto queue = *house.queueSets(3);
  ASSERT_EQ(queue.size(), 4u);
  EXPECT_EQ(queue[0].id, ids[2]);  // old, but to be looked at
  EXPECT_EQ(queue[1].id, ids[9]);
  EXPECT_EQ(queue[3].id, ids[11]);
  EXPECT_EQ(house.setCounts()->at(runa).filmed, 12);
  EXPECT_TRUE(house.waitingSets()->empty());
}

TEST_F(HouseFileTest, ASetGetsItsFilmLaterAndLosesItAgain) {
  HouseFile house = opened();
  SetRecord set = someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""}));
  set.clip = {};
  set.state = SetState::kReviewed;
  const SetId id = *house.addSet(set);
  ASSERT_TRUE(house.attachFilm(id, "films/late.mp4"));
  EXPECT_EQ(house.loadSet(id)->clip.file, "films/late.mp4");
  EXPECT_EQ(house.loadSet(id)->state, SetState::kWaiting);
  EXPECT_EQ(house.loadSet(id)->edit, set.edit);
  ASSERT_TRUE(house.saveTracks(id, {"films/late.mp4", "ab", 640, 360, 0, 5, 0.2, false}, someTracks()));
  ASSERT_TRUE(house.attachFilm(id, ""));
  EXPECT_FALSE(house.loadSet(id)->hasFilm());
  EXPECT_EQ(house.loadSet(id)->state, SetState::kReviewed);
  EXPECT_FALSE(*house.loadTracks(id));
}

TEST_F(HouseFileTest, ConfirmedCausesNewestFirstUntilStruckOut) {
  HouseFile house = opened();
  const AthleteId runa = *house.addAthlete({{}, "Runa", 2.5, 0, ""});
  std::vector<SetRecord> sets(3, someSet(runa));
  for (std::size_t k = 0; k < 3; ++k) sets[k].day = "2026-11-1" + std::to_string(k);
  sets[0].edit.causes = {{"squat.hips.brace", true}, {"squat.high.ankle", true}};
  sets[1].edit.causes = {{"squat.tempo", true}};
  sets[2].edit.causes = {{"squat.high.ankle", false}};
  ASSERT_TRUE(house.addSets(sets));
  EXPECT_EQ(*house.confirmedCauses(runa, Lift::kSquat),
            (std::vector<std::string>{"squat.tempo", "squat.hips.brace"}));
  EXPECT_TRUE(house.confirmedCauses(runa, Lift::kBench)->empty());
}

TEST_F(HouseFileTest, SetsAreAddedAllOrNone) {
  HouseFile house = opened();
  std::vector<SetRecord> sets(2, someSet(*house.addAthlete({{}, "Runa", 2.5, 0, ""})));
  sets[1].athlete = AthleteId{77};  // is not there
  EXPECT_FALSE(house.addSets(sets));
  EXPECT_TRUE(house.sets()->empty());
}

TEST_F(HouseFileTest, AimsAndWhatWasDroppedAreKept) {
  HouseFile house = opened();
  AthleteRecord r = fullRecord(*house.addAthlete({{}, "Runa", 2.5, 0, ""}));
  LiftAim squat;
  squat.plan = "top_single";
  squat.goal_kg = 120.0;
  squat.sessions_week = 3;
  squat.begins = "2026-11-23";
  squat.test_day = "2027-03-20";
  squat.gain_factor = 0.5;
  squat.weeks = {{"2026-11-30", true, {}, {}}, {"2026-12-07", false, 97.5, 95.0}};
  LiftAim pull;
  pull.lift = Lift::kDeadlift;
  r.aims = {pull, squat};
  r.places = {{"deadlift", "Raised bar, 38 cm", "2026-11-20"}};
  r.dropped = {{"good morning", "sore back", "2026-10-01"}, {"sumo", "takes too long", "2026-11-01"}};
  ASSERT_TRUE(house.saveRecord(r));
  EXPECT_EQ(house.loadRecord(r.athlete.id)->aims, r.aims);
  EXPECT_EQ(house.loadRecord(r.athlete.id)->dropped, r.dropped);
  EXPECT_EQ(house.loadRecord(r.athlete.id)->places, r.places);
  r.aims.pop_back();
  r.dropped.clear();
  ASSERT_TRUE(house.saveRecord(r));
  EXPECT_EQ(house.loadRecord(r.athlete.id)->aims, r.aims);
}

}  // namespace
}  // namespace mottix
