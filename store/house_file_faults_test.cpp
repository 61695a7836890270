// The house file when the disk, another program or a kill gets in the way.
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>
#include <csignal>

#include <filesystem>
#include <fstream>

#include <SQLiteCpp/SQLiteCpp.h>
#include <gtest/gtest.h>

#include "store/house_file.h"
#include "store/migrations.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class HouseFileFaults : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_faults_" + std::to_string(getpid()));
    fs::create_directories(folder);
    path = folder / "house.mottix";
    auto house = HouseFile::open(path);
    ASSERT_TRUE(house);
    athlete = *house->addAthlete({{}, "Runa", 2.5, 0, ""});
    SetRecord set;
    set.athlete = athlete;
    set.day = "2026-11-24";
    set.clip.file = "a.mp4";
    id = *house->addSet(set);
  }
  void TearDown() override { fs::remove_all(folder); }
  static TrackRecord longTracks(std::size_t frames) {
    TrackRecord record;
    record.version = "t/1";
    record.tracks.time_s.resize(frames);
    record.tracks.bar.resize(frames);
    for (std::size_t i = 0; i < frames; ++i) record.tracks.time_s[i] = static_cast<double>(i);
    record.carried[0].assign(frames, {Vec2(1, 2), 3.0, true});
    return record;
  }
  bool sound() const {
    SQLite::Database db(path.string(), SQLite::OPEN_READONLY);
    return db.execAndGet("PRAGMA integrity_check").getString() == "ok";
  }
  fs::path folder, path;
  AthleteId athlete{};
  SetId id{};
};

TEST_F(HouseFileFaults, AFullDiskLosesOnlyTheActionInHand) {
  {
    auto house = HouseFile::open(path);
    ASSERT_TRUE(house->saveTracks(id, {}, longTracks(50)));
    // No file may grow beyond this, as on a full disk.
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit before{};
    ASSERT_EQ(getrlimit(RLIMIT_FSIZE, &before), 0);
    rlimit tight = before;
    tight.rlim_cur = 400 * 1024;
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &tight), 0);
    const auto saved = house->saveTracks(id, {}, longTracks(40000));
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &before), 0);
    ASSERT_FALSE(saved);
    EXPECT_EQ(saved.error().remedy, Remedy::kCheckDisk);
    EXPECT_NE(saved.error().text.find("house.mottix"), std::string::npos);
    // What was there before is there still, and the next action works.
    EXPECT_EQ((*house->loadTracks(id))->tracks.bar.size(), 50u);
    EXPECT_TRUE(house->saveTracks(id, {}, longTracks(60)));
  }
  EXPECT_TRUE(sound());
  EXPECT_EQ((*HouseFile::open(path)->loadTracks(id))->tracks.bar.size(), 60u);
}

// Whoever goes on writing into a file without a name loses it without a word.
TEST_F(HouseFileFaults, AHouseThatIsTakenAwayIsSaidAndTakesUpAgainWhenItIsBack) {
  const fs::path away = folder / "elsewhere.mottix";
  auto house = HouseFile::open(path);
  ASSERT_TRUE(house);
  SetEdit edit;
  edit.cue = "before";
  ASSERT_TRUE(house->saveEdit(id, edit, SetState::kTracked));
  const auto refused = [&] {
    edit.cue = "while it was away";
    const auto saved = house->saveEdit(id, edit, SetState::kTracked);
    ASSERT_FALSE(saved);
    EXPECT_EQ(saved.error().remedy, Remedy::kCheckDisk);
    EXPECT_NE(saved.error().text.find("“house.mottix” is not where it was"), std::string::npos)
        << saved.error().text;
  };
  fs::rename(path, away);
  refused();
  EXPECT_FALSE(house->addAthlete({{}, "Nobody", 2.5, 0, ""}));
  // Who reads beside it makes no new one, whose log would take the place of what was left behind.
  EXPECT_FALSE(HouseFile::openAgain(path));
  EXPECT_FALSE(fs::exists(path));
  // Another file in its place is not the house that is open.
  fs::copy_file(away, path);
  refused();
  fs::remove(path);
  fs::rename(away, path);
  EXPECT_EQ(house->loadSet(id)->edit.cue, "before");
  edit.cue = "back";
  EXPECT_TRUE(house->saveEdit(id, edit, SetState::kTracked));
  EXPECT_EQ(HouseFile::open(path)->loadSet(id)->edit.cue, "back");
  EXPECT_TRUE(sound());
}

TEST_F(HouseFileFaults, AFileHeldByAnotherProgramIsSaid) {
  auto house = HouseFile::open(path);
  ASSERT_TRUE(house);
  SQLite::Database other(path.string(), SQLite::OPEN_READWRITE);
  other.exec("BEGIN IMMEDIATE");
  SetEdit edit;
  edit.cue = "x";
  const auto saved = house->saveEdit(id, edit, SetState::kTracked);
  ASSERT_FALSE(saved);
  EXPECT_NE(saved.error().text.find("in use"), std::string::npos);
  other.exec("ROLLBACK");
  EXPECT_TRUE(house->saveEdit(id, edit, SetState::kTracked));
  EXPECT_EQ(house->loadSet(id)->edit.cue, "x");
}

TEST_F(HouseFileFaults, AKillInTheMiddleLosesAtMostTheActionInHand) {
  for (int round = 0; round < 12; ++round) {
    const pid_t child = fork();
    ASSERT_GE(child, 0);
    if (child == 0) {
      auto house = HouseFile::open(path);
      if (!house) _exit(1);
      for (int i = 0; i < 100000; ++i) {
        SetEdit edit;
        edit.cue = "cue " + std::to_string(i);
        edit.asked.variant = edit.cue;
        edit.overruled = {{edit.cue, ""}};
        if (!house->saveEdit(id, edit, SetState::kTracked)) _exit(2);
      }
      _exit(0);
    }
    usleep(15000 + 9000 * static_cast<useconds_t>(round));
    kill(child, SIGKILL);
    int status = 0;
    waitpid(child, &status, 0);
    ASSERT_TRUE(WIFSIGNALED(status)) << "the child ended by itself";
    ASSERT_TRUE(sound());
    auto house = HouseFile::open(path);
    ASSERT_TRUE(house);
    const SetEdit edit = house->loadSet(id)->edit;
    if (edit.cue.empty()) continue;  // killed before the first action
    // All of one action, never half of it.
    EXPECT_EQ(edit.asked.variant, edit.cue);
    EXPECT_EQ(edit.overruled, (std::vector<Overruling>{{edit.cue, ""}}));
  }
}

TEST_F(HouseFileFaults, AHouseThatIsMovedWithItsFilmsStillFindsThem) {
  fs::create_directories(folder / "films");
  std::ofstream(folder / "films" / "a.mp4") << "film";
  ClipFacts clip;
  {
    auto house = HouseFile::open(path);
    clip.file = house->relativeFilm(folder / "films" / "a.mp4");
  }
  const fs::path elsewhere = folder.string() + "_moved";
  fs::rename(folder, elsewhere);
  {
    auto house = HouseFile::open(elsewhere / "house.mottix");
    ASSERT_TRUE(house);
    EXPECT_TRUE(fs::exists(house->filmPath(clip)));
  }
  fs::rename(elsewhere, folder);
}

TEST_F(HouseFileFaults, ABatchOfActionsOnOneDayIsOneSession) {
  auto house = HouseFile::open(path);
  SetRecord set;
  set.athlete = athlete;
  set.day = "2026-11-24";
  set.clip.file = "b.mp4";
  ASSERT_TRUE(house->addSet(set));
  set.day = "2026-11-20";
  ASSERT_TRUE(house->addSet(set));
  SQLite::Database db(path.string(), SQLite::OPEN_READONLY);
  EXPECT_EQ(db.execAndGet("SELECT count(*) FROM session").getInt(), 2);
  const auto sets = *house->sets();
  ASSERT_EQ(sets.size(), 3u);
  EXPECT_EQ(sets.front().day, "2026-11-20") << "oldest first";
}

TEST_F(HouseFileFaults, AnUnknownAthleteOrASpoiltValueIsRefusedWhole) {
  auto house = HouseFile::open(path);
  SetRecord set;
  set.athlete = AthleteId{999};
  set.day = "2026-11-24";
  EXPECT_FALSE(house->addSet(set));
  EXPECT_EQ(house->sets()->size(), 1u);
  EXPECT_FALSE(house->addAthlete({{}, "", 2.5, 0, ""}));
  EXPECT_FALSE(house->addAthlete({{}, "Odd", 2.5, 11, ""}));
  EXPECT_EQ(house->athletes()->size(), 1u);
  EXPECT_FALSE(house->loadSet(SetId{12345}));
}

TEST_F(HouseFileFaults, EveryReleasedVersionIsBroughtUpToDate) {
  for (std::size_t version = 0; version < kMigrations.size(); ++version) {
    const fs::path old = folder / ("v" + std::to_string(version) + ".mottix");
    {
      SQLite::Database db(old.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE);
      for (std::size_t step = 0; step < version; ++step) db.exec(std::string(kMigrations[step]));
      db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
      db.exec("PRAGMA user_version = " + std::to_string(version));
    }
    auto house = HouseFile::open(old);
    ASSERT_TRUE(house) << version;
    EXPECT_TRUE(house->addAthlete({{}, "Runa", 2.5, 0, ""}));
  }
}

}  // namespace
}  // namespace mottix
