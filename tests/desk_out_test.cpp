// What leaves the desk, through its windows: the hand-out and the film for the athlete. Real mouse and key
// events.
#include <unistd.h>

#include <filesystem>
#include <fstream>
#include <sstream>

#include <gtest/gtest.h>
#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPdfWriter>
#include <QPushButton>
#include <QTest>

#include "desk/house_window.h"
#include "synth/exact_tracks.h"
#include "synth/faults.h"
#include "synth/film_maker.h"
#include "vision/film.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
constexpr int kPatienceMs = 90000;

// A house with one measured film: two reps, of the second the hips rise first.
class OutDesk : public testing::Test {
 protected:
  static fs::path folder() { return fs::temp_directory_path() / ("mottix_out_" + std::to_string(getpid())); }
  static void SetUpTestSuite() {
    fs::create_directories(folder());
    FilmPlan plan = planFromSeed(3);
    plan.take("plain");
    clearFaults(plan);
    plan.width_px = 480;
    plan.height_px = 270;
    plan.squat.reps.resize(2);
    ASSERT_TRUE(plantFault(plan, *faultNamed("hips-first", Lift::kSquat), 1, 22.0));
    ASSERT_TRUE(makeFilm(plan, folder() / "set.mp4"));
    auto house = HouseFile::open(folder() / "house.mottix");
    ASSERT_TRUE(house);
    const AthleteId runa = *house->addAthlete({{}, "Runa Vik", 2.5, 0, ""});
    SetRecord set;
    set.athlete = runa;
    set.day = "2026-11-24";
    set.clip.file = "set.mp4";
    set.edit.asked.load_kg = 80.0;
    set.edit.asked.reps = 2;
    const auto id = house->addSet(set);
    ASSERT_TRUE(id);
    // Followed exactly, so that no time is spent on following here.
    ExactClip exact = exactTracks(plan);
    TrackRecord record;
    record.version = kAnalysisVersion;
    record.carried = exact.tracks.joints;
    record.axis = exact.axis;
    record.found.covariance_px2 = decltype(record.found.covariance_px2)::Identity();
    record.tracks = std::move(exact.tracks);
    for (JointTrack& track : record.tracks.joints) track.clear();
    ClipFacts facts;
    facts.file = "set.mp4";
    facts.width_px = plan.width_px;
    facts.height_px = plan.height_px;
    facts.frames = record.tracks.frameCount();
    ASSERT_TRUE(house->saveTracks(*id, facts, record));
  }
  static void TearDownTestSuite() {
    std::error_code ec;
    fs::remove_all(folder(), ec);
  }
  void SetUp() override {
    auto house = HouseFile::open(folder() / "house.mottix");
    ASSERT_TRUE(house);
    window = std::make_unique<HouseWindow>(std::move(*house), QDate(2026, 11, 24));
    window->show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
    window->openSet(SetId{1});
    ASSERT_TRUE(QTest::qWaitFor(
        [&] {
          const SheetData& d = window->sheet().data();
          return d.analysis && d.tracks.hasJoints() && !window->jobs().running(SetId{1});
        },
        kPatienceMs));
  }
  void TearDown() override { window.reset(); }
  QPushButton* withWhat(const char* what) {
    QPushButton* found = nullptr;
    (void)QTest::qWaitFor(
        [&] {
          for (QPushButton* b : window->findChildren<QPushButton*>())
            if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) found = b;
          return found != nullptr;
        },
        5000);
    return found;
  }
  static void say(QWidget& view, const QString& name, const QString& text) {
    auto* word = view.findChild<Word*>(QStringLiteral("word ") + name);
    ASSERT_NE(word, nullptr) << name.toStdString();
    QTest::mouseClick(word, Qt::LeftButton);
    QLineEdit* line = nullptr;
    for (QLineEdit* l : view.findChildren<QLineEdit*>(QStringLiteral("word %1 line").arg(name)))
      if (l->isVisible()) line = l;
    ASSERT_NE(line, nullptr) << name.toStdString();
    line->selectAll();
    QTest::keyClicks(line, text);
    QTest::keyClick(line, Qt::Key_Return);
  }
  static std::string read(const fs::path& path) {
    std::stringstream all;
    all << std::ifstream(path, std::ios::binary).rdbuf();
    return all.str();
  }
  static QString at(const char* name) { return QString::fromStdString((folder() / name).string()); }
  std::unique_ptr<HouseWindow> window;
};

TEST_F(OutDesk, TheHandOutIsMadeSaidOtherwiseAndTakenOut) {
  window->sheet().film().setFocus();
  QTest::keyClick(&window->sheet(), Qt::Key_P, Qt::ControlModifier);
  ASSERT_TRUE(window->onHandOut());
  HandOutView& view = window->handOut();
  const HandOut& page = view.handOut();
  EXPECT_EQ(page.athlete, QStringLiteral("Runa Vik"));
  EXPECT_EQ(page.day, QStringLiteral("24 November 2026"));
  ASSERT_TRUE(page.finding) << "what was planted is clear";
  EXPECT_TRUE(page.change.contains(QStringLiteral("rep 2"))) << page.change.toStdString();
  EXPECT_FALSE(page.cue.isEmpty());
  ASSERT_TRUE(QTest::qWaitFor([&] { return view.hasPicture(); }, 20000));
  EXPECT_TRUE(page.change_why.isEmpty());
  say(view, QStringLiteral("how much"), QStringLiteral("with numbers"));
  EXPECT_TRUE(page.change_why.contains(QStringLiteral("±")));
  say(view, QStringLiteral("unit"), QStringLiteral("lb"));
  EXPECT_TRUE(page.set.contains(QStringLiteral("lb (80 kg)")));
  say(view, QStringLiteral("the one thing"), QStringLiteral("something else"));
  QTest::keyClick(view.findChild<QLineEdit*>(QStringLiteral("word the one thing line")), Qt::Key_Escape);
  EXPECT_TRUE(page.finding);
  auto* note = view.findChild<QLineEdit*>(QStringLiteral("hand-out note"));
  note->setFocus();
  QTest::keyClicks(note, QStringLiteral("Thursday at six"));
  EXPECT_EQ(page.note, QStringLiteral("Thursday at six"));
  ASSERT_TRUE(view.takeOut(at("page.pdf")));
  ASSERT_TRUE(view.takeOut(at("page.html")));
  ASSERT_TRUE(view.takeOut(at("page.png")));
  EXPECT_EQ(read(folder() / "page.pdf").substr(0, 5), "%PDF-");
  EXPECT_NE(read(folder() / "page.html").find("Thursday at six"), std::string::npos);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("is written")));
  EXPECT_FALSE(view.takeOut(at("page.doc")));
  EXPECT_TRUE(window->notice().contains(QStringLiteral(".pdf"))) << window->notice().toStdString();
  QPdfWriter paper(at("printed.pdf"));
  view.print(paper);
  EXPECT_GT(fs::file_size(folder() / "printed.pdf"), 5000u);
  view.setFocus();
  QTest::keyClick(&view, Qt::Key_Escape);
  EXPECT_TRUE(window->onSheet());
}

TEST_F(OutDesk, TheFilmIsWrittenAndCanBeStopped) {
  window->openHandOut();
  HandOutView& view = window->handOut();
  say(view, QStringLiteral("which reps"), QStringLiteral("rep 2"));
  say(view, QStringLiteral("how fast"), QStringLiteral("at half speed"));
  say(view, QStringLiteral("how large"), QStringLiteral("240"));
  say(view, QStringLiteral("faces"), QStringLiteral("the face hidden"));
  view.writeFilm(at("rep.mp4"));
  ASSERT_TRUE(QTest::qWaitFor([&] { return !view.writing(); }, kPatienceMs));
  ASSERT_TRUE(QTest::qWaitFor([&] { return window->notice().contains(QStringLiteral("is written")); }, 5000))
      << window->notice().toStdString();
  const auto film = Film::open(folder() / "rep.mp4");
  ASSERT_TRUE(film) << film.error().text;
  EXPECT_EQ(film->info().height_px, 240);
  EXPECT_GT(film->info().duration_s, 5.0);
  const std::string vtt = read(folder() / "rep.vtt");
  EXPECT_EQ(vtt.substr(0, 6), "WEBVTT");
  EXPECT_NE(vtt.find("Rep 2 of 2"), std::string::npos);
  // Esc stops the film before it leaves the page.
  say(view, QStringLiteral("how fast"), QStringLiteral("at a quarter of the speed"));
  say(view, QStringLiteral("which reps"), QStringLiteral("all reps"));
  view.writeFilm(at("stopped.mp4"));
  ASSERT_NE(withWhat("stop film"), nullptr);
  view.setFocus();
  QTest::keyClick(&view, Qt::Key_Escape);
  ASSERT_TRUE(QTest::qWaitFor([&] { return !view.writing(); }, kPatienceMs));
  ASSERT_TRUE(QTest::qWaitFor([&] { return window->notice().contains(QStringLiteral("Stopped")); }, 5000))
      << window->notice().toStdString();
  EXPECT_TRUE(window->onHandOut());
  EXPECT_FALSE(fs::exists(folder() / "stopped.mp4"));
  view.writeFilm(at("odd.avi"));
  ASSERT_TRUE(QTest::qWaitFor([&] { return window->notice().contains(QStringLiteral(".webm")); }, 5000))
      << window->notice().toStdString();
}

TEST_F(OutDesk, TwoRepsGoIntoOneFilm) {
  window->openBeside();
  BesideView& view = window->beside();
  view.writeFilm(at("both.mp4"));
  ASSERT_TRUE(QTest::qWaitFor([&] { return !view.writing(); }, kPatienceMs));
  ASSERT_TRUE(QTest::qWaitFor([&] { return window->notice().contains(QStringLiteral("is written")); }, 5000))
      << window->notice().toStdString();
  const auto film = Film::open(folder() / "both.mp4");
  ASSERT_TRUE(film) << film.error().text;
  EXPECT_EQ(film->info().width_px, 960);
}

TEST_F(OutDesk, TheHouseGoesOutAndAthletesComeInAndGo) {
  HouseMenu& menu = window->houseMenu();
  const auto waited = [&](const char* words) {
    return QTest::qWaitFor(
        [&] { return !menu.running() && window->notice().contains(QString::fromUtf8(words)); }, 20000);
  };
  menu.exportTo(at("all.zip"), true);
  ASSERT_TRUE(waited("1 athletes, 1 sets, 1 films")) << window->notice().toStdString();
  EXPECT_GT(fs::file_size(folder() / "all.zip"), fs::file_size(folder() / "set.mp4"));
  menu.exportTo(at("no/such/all.zip"), false);
  ASSERT_TRUE(waited("cannot be written")) << window->notice().toStdString();
  // The same house beside itself: as another athlete.
  menu.takeFrom(at("all.zip"), OnSameName::kBeside);
  ASSERT_TRUE(waited("Taken in: 1 athletes, 1 sets")) << window->notice().toStdString();
  EXPECT_FALSE(window->onSheet()) << "what was open may be another now";
  auto athletes = *window->house().athletes();
  ASSERT_EQ(athletes.size(), 2u);
  const Athlete second = athletes[1];
  EXPECT_EQ(second.name, "Runa Vik (2)");
  ASSERT_NE(window->queue().laneOf(second.id), nullptr) << "the lane is there";
  menu.takeFrom(at("all.zip"), OnSameName::kMerge);
  ASSERT_TRUE(waited("1 were known here; of theirs 1 sets were, too")) << window->notice().toStdString();
  menu.takeFrom(at("set.mp4"), OnSameName::kMerge);
  ASSERT_TRUE(waited("set.mp4")) << window->notice().toStdString();
  EXPECT_EQ(window->house().athletes()->size(), 2u);
  // A backup, somebody deleted for good, and back.
  ASSERT_TRUE(*keepBackup(window->house().path(), "2026-11-24"));
  window->openStory(second.id);
  menu.remove(second.id, false);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("is being deleted"))) << window->notice().toStdString();
  ASSERT_TRUE(waited("is deleted")) << window->notice().toStdString();
  EXPECT_EQ(window->house().athletes()->size(), 1u);
  EXPECT_EQ(window->queue().laneOf(second.id), nullptr);
  EXPECT_FALSE(window->goBack(at("set.mp4"))) << "no backup: nothing changes";
  EXPECT_EQ(window->house().athletes()->size(), 1u);
  ASSERT_TRUE(window->goBack(QString::fromStdString(backupsOf(window->house().path()).front().file.string())))
      << window->notice().toStdString();
  EXPECT_EQ(window->house().athletes()->size(), 2u);
  window->openSet(SetId{1});
  EXPECT_TRUE(window->sheet().data().analysis) << "and the desk goes on";
  // With the films, by the menu's own words.
  menu.remove(second.id, true);
  ASSERT_TRUE(waited("1 of 1 films")) << window->notice().toStdString();
  EXPECT_TRUE(fs::exists(folder() / "set.mp4"));
}

TEST_F(OutDesk, NewFilmsOfAWatchedFolderComeByThemselves) {
  const fs::path inbox = folder() / "inbox";
  fs::create_directories(inbox);
  fs::copy_file(folder() / "set.mp4", inbox / "old.mp4");
  fs::last_write_time(inbox / "old.mp4", fs::file_time_type::clock::now() - std::chrono::hours(2));
  const AthleteId oda = *window->house().addAthlete({{}, "Oda Berg", 2.5, 0, ""});
  window->queue().reload();
  const auto count = [&] { return window->house().sets()->size(); };
  const std::size_t before = count();
  window->folderWatch().setPatience(100);
  window->watchFolder(QString::fromStdString(inbox.string()), false);
  QTest::qWait(500);
  EXPECT_EQ(count(), before) << "what was there is not taken";
  // One in a folder of its own name, one by its own, one by nobody's; copied in pieces.
  fs::create_directories(inbox / "Oda Berg");
  QTest::qWait(400);
  fs::copy_file(folder() / "set.mp4", inbox / "Oda Berg" / "clip.mp4");
  {
    std::ofstream grows(inbox / "oda_2.mp4", std::ios::binary);
    const std::string all = read(folder() / "set.mp4");
    for (std::size_t k = 0; k < all.size(); k += all.size() / 4 + 1) {
      grows << all.substr(k, all.size() / 4 + 1) << std::flush;
      QTest::qWait(60);
    }
  }
  ASSERT_TRUE(QTest::qWaitFor([&] { return count() == before + 2; }, 10000)) << count();
  EXPECT_EQ(window->house().log(oda)->size(), 2u);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("for Oda Berg"))) << window->notice().toStdString();
  std::ofstream(inbox / "notes.txt") << "no film";
  // The house remembers it, and does not take a film twice.
  const auto growing = *window->house().sets();
  for (const SetRecord& s : growing) window->jobs().cancel(s.id);
  window.reset();
  fs::copy_file(folder() / "set.mp4", inbox / "late.mp4");
  auto house = HouseFile::open(folder() / "house.mottix");
  ASSERT_TRUE(house);
  window = std::make_unique<HouseWindow>(std::move(*house), QDate(2026, 11, 24));
  window->folderWatch().setPatience(100);
  window->show();
  ASSERT_TRUE(QTest::qWaitFor([&] { return count() == before + 3; }, 10000)) << "came while nobody watched";
  QTest::qWait(600);
  EXPECT_EQ(count(), before + 3);
  window->watchFolder({}, false);
  fs::copy_file(folder() / "set.mp4", inbox / "ignored.mp4");
  QTest::qWait(600);
  EXPECT_EQ(count(), before + 3);
  const auto still = *window->house().sets();
  for (const SetRecord& s : still) window->jobs().cancel(s.id);
  ASSERT_TRUE(window->house().removeAthlete(oda));
}

TEST_F(OutDesk, TheMenuOffersWhatCanBeDone) {
  QTest::mouseClick(withWhat("house"), Qt::LeftButton);
  QMenu* menu = nullptr;
  ASSERT_TRUE(QTest::qWaitFor(
      [&] {
        for (QMenu* m : window->findChildren<QMenu*>())
          if (m->isVisible()) menu = m;
        return menu != nullptr;
      },
      5000));
  QStringList words;
  for (const QAction* a : menu->actions()) words << a->text();
  EXPECT_TRUE(words.join(u'|').contains(QStringLiteral("Delete Runa Vik for good")))
      << words.join(u'|').toStdString();
  EXPECT_TRUE(words.join(u'|').contains(QStringLiteral("as one zip")));
  QTest::keyClick(menu, Qt::Key_Escape);
}

}  // namespace
}  // namespace mottix
