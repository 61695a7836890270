// The desk through its windows: real mouse and key events, a real house file, a real film.
#include <unistd.h>

#include <filesystem>
#include <fstream>

#include <gtest/gtest.h>
#include <QApplication>
#include <QDragEnterEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPushButton>
#include <QTableView>
#include <QTest>
#include <QUrl>
#include <nlohmann/json.hpp>

#include "core/motion/camera_shake.h"
#include "desk/finding_card.h"
#include "desk/house_window.h"
#include "desk/theme.h"
#include "synth/film_maker.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
constexpr int kPatienceMs = 120000;

template <typename Done>
bool waitFor(Done&& done, int ms = kPatienceMs) {
  return QTest::qWaitFor(done, ms);
}

class Desk : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_desk_" + std::to_string(getpid()));
    fs::create_directories(folder / "films");
    FilmPlan plan = planFromSeed(2);
    plan.width_px = 640;
    plan.height_px = 360;
    plan.from_right = true;
    plan.yaw_deg = 2.0;
    plan.look.someone_passes = false;
    RepPlan high;
    high.depth_m = -0.12;
    plan.squat.reps = {RepPlan{}, high};
    plan.squat.reps[0].depth_m = 0.09;
    film = folder / "films" / "squat.mp4";
    ASSERT_TRUE(makeFilm(plan, film));
    std::ifstream in(truthPathFor(film));
    truth = nlohmann::json::parse(in);
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }

  void SetUp() override {
    house_path =
        folder / (std::string(testing::UnitTest::GetInstance()->current_test_info()->name()) + ".mottix");
    reopen();
  }
  void TearDown() override { window.reset(); }

  // With `models` the desk looks for the joints itself; most tests lay the figure.
  void reopen(const fs::path& models = {}) {
    if (window) window->close();
    window.reset();
    auto house = HouseFile::open(house_path);
    ASSERT_TRUE(house);
    window = std::make_unique<HouseWindow>(std::move(*house), QDate(2026, 11, 24), models);
    window->show();
    window->activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(window.get()));
  }

  // As a file manager does it: the file is carried over the lane and let go.
  void dropOn(QWidget* lane, const fs::path& file) {
    QMimeData mime;
    mime.setUrls({QUrl::fromLocalFile(QString::fromStdString(file.string()))});
    const QPoint at = lane->rect().center();
    QDragEnterEvent enter(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(lane, &enter);
    EXPECT_TRUE(enter.isAccepted());
    QDropEvent drop(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(lane, &drop);
  }

  // The sheet's button that does `what`; nothing while there is none to be pressed.
  QPushButton* button(const char* what) {
    for (QPushButton* b : window->sheet().findChildren<QPushButton*>())
      if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) return b;
    return nullptr;
  }

  SetId droppedAndFollowed() {
    const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
    dropOn(window->queue().laneOf(athlete), film);
    auto sets = window->house().sets();
    EXPECT_EQ(sets->size(), 1u);
    const SetId id = sets->front().id;
    EXPECT_TRUE(waitFor([&] { return window->jobs().idle(); }));
    return id;
  }

  // The set whose bar and joints the desk found by itself. That is looked for in the film once; the tests
  // after the first go on from the house it left.
  SetId foundByItself() {
    const fs::path found = folder / "found.mottix";
    if (!fs::exists(found)) {
      reopen(MOTTIX_MODELS);
      droppedAndFollowed();
      window.reset();
      fs::copy_file(house_path, found);
    }
    window.reset();
    fs::copy_file(found, house_path, fs::copy_options::overwrite_existing);
    reopen(MOTTIX_MODELS);
    EXPECT_TRUE(window->jobs().idle()) << "nothing is computed from the film again";
    return window->house().sets()->front().id;
  }

  // The sheet of a set whose joints are placed where the truth says.
  SetId placedSheet() {
    const SetId id = droppedAndFollowed();
    openByKey(id);
    FilmView& view = window->sheet().film();
    QTest::keyClick(&view, Qt::Key_Home);
    EXPECT_TRUE(waitFor([&] { return view.hasPicture() && view.shownFrame() == 0; }));
    QTest::keyClick(&view, Qt::Key_P);
    EXPECT_EQ(view.mode(), FilmView::Mode::kPlaceFigure);
    EXPECT_TRUE(waitFor([&] { return view.shownFrame() == view.frame(); }));
    for (Joint j : {Joint::kShoulder, Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe}) {
      const auto& px = truth["frames"][view.frame()]["joints"]["right_" + std::string(nameOf(j))]["px"];
      drag(view, view.toWidget(*view.figure()[indexOf(j)]), view.toWidget(Vec2(px[0], px[1])));
    }
    QTest::keyClick(&view, Qt::Key_Return);
    EXPECT_TRUE(window->jobs().running(id));
    EXPECT_TRUE(waitFor([&] { return window->jobs().idle(); }));
    EXPECT_TRUE(window->sheet().data().tracks.has(Joint::kHip));
    return id;
  }

  void openByKey(SetId id) {
    SetTile* tile = window->queue().tileOf(id);
    ASSERT_NE(tile, nullptr);
    tile->setFocus();
    QTest::keyClick(tile, Qt::Key_Return);
    ASSERT_TRUE(window->onSheet());
    ASSERT_TRUE(waitFor([&] { return window->sheet().film().hasPicture(); }));
  }

  static void drag(QWidget& widget, QPointF from, QPointF to) {
    QTest::mousePress(&widget, Qt::LeftButton, {}, from.toPoint());
    for (int i = 1; i <= 8; ++i) QTest::mouseMove(&widget, (from + (to - from) * (i / 8.0)).toPoint());
    QTest::mouseRelease(&widget, Qt::LeftButton, {}, to.toPoint());
  }

  // What was replaced is deleted, and what is new is shown, with the next events.
  static void settle() {
    QCoreApplication::processEvents();
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    QCoreApplication::processEvents();
  }

  QPushButton* buttonNamed(const char* what) {
    window->sheet().settle();
    settle();
    for (QPushButton* b : window->sheet().findChildren<QPushButton*>())
      if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) return b;
    return nullptr;
  }

  template <typename Type = QLabel>
  QString textOf(const char* name) {
    return window->sheet().findChild<Type*>(QString::fromLatin1(name))->text();
  }

  static fs::path folder, film;
  static nlohmann::json truth;
  fs::path house_path;
  std::unique_ptr<HouseWindow> window;
};
fs::path Desk::folder, Desk::film;
nlohmann::json Desk::truth;

TEST_F(Desk, AnEmptyHouseSaysHowToBegin) {
  bool said = false;
  for (QLabel* l : window->queue().findChildren<QLabel*>())
    said = said || l->text().contains(QStringLiteral("Ctrl+N"));
  EXPECT_TRUE(said);
  QTest::keyClick(window.get(), Qt::Key_N, Qt::ControlModifier);
  EXPECT_EQ(window->house().athletes()->size(), 1u);
}

TEST_F(Desk, ADroppedFilmIsFollowedOnItsTileAndOpensAsASheet) {
  const SetId id = droppedAndFollowed();
  const auto set = window->house().loadSet(id);
  EXPECT_EQ(set->state, SetState::kTracked);
  EXPECT_EQ(set->day, "2026-11-24");
  EXPECT_EQ(set->clip.file, "films/squat.mp4");
  openByKey(id);
  ASSERT_TRUE(window->sheet().data().analysis);
  EXPECT_EQ(window->sheet().data().analysis->reps.size(), 2u);
  EXPECT_TRUE(textOf("next heading").contains(QStringLiteral("not judged")));
  QTest::keyClick(&window->sheet(), Qt::Key_Escape);
  EXPECT_FALSE(window->onSheet());
}

TEST_F(Desk, FollowingCanBeStoppedOnTheTileAndTakenUpAgain) {
  const AthleteId athlete = window->addAthlete(QStringLiteral("Odd"));
  dropOn(window->queue().laneOf(athlete), film);
  const SetId id = window->house().sets()->front().id;
  ASSERT_TRUE(window->jobs().running(id));
  QPushButton* stop = nullptr;
  ASSERT_TRUE(waitFor([&] {
    SetTile* tile = window->queue().tileOf(id);
    stop = tile == nullptr ? nullptr : tile->findChild<QPushButton*>();
    return stop != nullptr && stop->isVisible();
  }));
  QTest::mouseClick(stop, Qt::LeftButton);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_EQ(window->house().loadSet(id)->state, SetState::kWaiting);
  openByKey(id);
  QTest::mouseClick(buttonNamed("follow"), Qt::LeftButton);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_TRUE(window->sheet().data().analysis);
}

TEST_F(Desk, WorkIsHeldByKeyAndGoesOn) {
  const AthleteId athlete = window->addAthlete(QStringLiteral("Odd"));
  QTest::keyClick(window.get(), Qt::Key_H, Qt::ControlModifier);
  EXPECT_TRUE(window->jobs().paused());
  dropOn(window->queue().laneOf(athlete), film);
  const SetId id = window->house().sets()->front().id;
  EXPECT_FALSE(QTest::qWaitFor([&] { return window->jobs().idle(); }, 300));
  QPushButton* go_on = nullptr;
  for (QPushButton* b : window->queue().findChildren<QPushButton*>())
    if (b->text().startsWith(QStringLiteral("Go on"))) go_on = b;
  ASSERT_NE(go_on, nullptr);
  ASSERT_TRUE(go_on->isVisible());
  QTest::mouseClick(go_on, Qt::LeftButton);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_EQ(window->house().loadSet(id)->state, SetState::kTracked);
}

TEST_F(Desk, AFilmThatFailedIsTriedAgainFromItsTile) {
  const fs::path late = folder / "late.mp4";
  std::ofstream(late) << "still being copied";
  const AthleteId athlete = window->addAthlete(QStringLiteral("Odd"));
  dropOn(window->queue().laneOf(athlete), late);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  ASSERT_EQ(window->house().loadSet(id)->state, SetState::kFailed);
  fs::copy_file(film, late, fs::copy_options::overwrite_existing);
  settle();
  auto* again = window->queue().tileOf(id)->findChild<QPushButton*>();
  ASSERT_TRUE(again != nullptr && again->isVisible());
  EXPECT_EQ(again->text(), QStringLiteral("try again"));
  QTest::mouseClick(again, Qt::LeftButton);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_EQ(window->house().loadSet(id)->state, SetState::kTracked);
  EXPECT_TRUE(window->house().loadSet(id)->problem.empty());
}

TEST_F(Desk, JointsAreTakenUpWhenTheHouseWasClosedAfterTheBar) {
  const SetId id = droppedAndFollowed();
  auto set = *window->house().loadSet(id);
  auto record = **window->house().loadTracks(id);
  record.version = std::string(kBarTrackerVersion);
  ASSERT_TRUE(window->house().saveTracks(id, set.clip, record));
  reopen(MOTTIX_MODELS);
  EXPECT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_EQ((**window->house().loadTracks(id)).version, kTrackerVersion);
  reopen(MOTTIX_MODELS);
  EXPECT_TRUE(window->jobs().idle()) << "once is enough";
}

TEST_F(Desk, SlowMotionIsStatedInTheSentence) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  const double before = window->sheet().data().analysis->reps.front().end_s.value;
  auto* word = window->sheet().findChild<Word*>(QStringLiteral("word pictures a second"));
  EXPECT_EQ(word->text(), QStringLiteral("30"));
  word->setFocus();
  QTest::keyClick(word, Qt::Key_Return);
  auto* line = window->sheet().findChild<QLineEdit*>(QStringLiteral("word pictures a second line"));
  ASSERT_NE(line, nullptr);
  QTest::keyClicks(line, QStringLiteral("3"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_TRUE(word->editing()) << "3 a second is no slow motion";
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("240"));
  QTest::keyClick(line, Qt::Key_Return);
  const double rate = usualRate(window->sheet().data().tracks.time_s);
  EXPECT_NEAR(rate, 240.0, 1.0);
  EXPECT_EQ(window->house().loadSet(id)->edit.asked.recorded_fps, 240.0);
  // The next film of this athlete plays as it was recorded.
  window->addFilms(window->house().loadSet(id)->athlete, {QString::fromStdString(film.string())});
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const auto sets = window->house().sets();
  ASSERT_EQ(sets->size(), 2u);
  const SetRecord& next = sets->front().id == id ? sets->back() : sets->front();
  EXPECT_EQ(next.edit.asked.recorded_fps, 0.0);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_NEAR(window->sheet().data().analysis->reps.front().end_s.value, before, 1e-9);
}

TEST_F(Desk, AFileThatIsNoFilmSaysSoOnItsTileAndNothingElseIsLost) {
  std::ofstream(folder / "letter.mp4") << "not a film";
  const AthleteId athlete = window->addAthlete(QStringLiteral("Odd"));
  dropOn(window->queue().laneOf(athlete), folder / "letter.mp4");
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const auto set = window->house().sets()->front();
  EXPECT_EQ(set.state, SetState::kFailed);
  EXPECT_NE(set.problem.find("letter.mp4"), std::string::npos);
  SetTile* tile = window->queue().tileOf(set.id);
  QTest::mouseClick(tile, Qt::LeftButton);
  ASSERT_TRUE(window->onSheet());
  EXPECT_NE(buttonNamed("follow"), nullptr);
}

TEST_F(Desk, PullingTheBarMovesTimeDownAndThroughTheTurnUpAgain) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  FilmView& view = window->sheet().film();
  const Rep rep = window->sheet().data().analysis->reps[0];
  view.goTo(rep.start_frame);
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == rep.start_frame; }));
  const auto& bar = window->sheet().data().tracks.bar;
  const auto at = [&](std::size_t f) { return view.toWidget(bar[f].p_px).toPoint(); };
  QTest::mousePress(&view, Qt::LeftButton, {}, at(rep.start_frame));
  std::size_t last = view.frame();
  for (std::size_t f = rep.start_frame; f <= rep.turn_frame; f += 4) {
    QTest::mouseMove(&view, at(f));
    EXPECT_GE(view.frame() + 2, last);
    last = view.frame();
  }
  QTest::mouseMove(&view, at(rep.turn_frame));
  EXPECT_NEAR(static_cast<double>(view.frame()), static_cast<double>(rep.turn_frame), 6.0);
  for (std::size_t f = rep.turn_frame; f <= rep.end_frame; f += 4) QTest::mouseMove(&view, at(f));
  QTest::mouseRelease(&view, Qt::LeftButton, {}, at(rep.end_frame));
  EXPECT_GT(view.frame(), rep.turn_frame + 10);
  EXPECT_TRUE(waitFor([&] { return view.shownFrame() == view.frame(); }));
}

// Before the first rep the lifter stands for longer than a pull goes in one movement; the bar leaves at once.
TEST_F(Desk, PullingTheBarOutOfALongRestTakesTheFilmAlong) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  FilmView& view = window->sheet().film();
  const Rep rep = window->sheet().data().analysis->reps[0];
  ASSERT_GT(rep.start_frame, 30u);
  view.goTo(0);
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == 0; }));
  const auto& bar = window->sheet().data().tracks.bar;
  QTest::mousePress(&view, Qt::LeftButton, {}, view.toWidget(bar[0].p_px).toPoint());
  const std::size_t half = (rep.start_frame + rep.turn_frame) / 2;
  QTest::mouseMove(&view, view.toWidget(bar[half].p_px).toPoint());
  EXPECT_NEAR(static_cast<double>(view.frame()), static_cast<double>(half), 4.0);
  QTest::mouseMove(&view, view.toWidget(bar[rep.turn_frame].p_px).toPoint());
  EXPECT_NEAR(static_cast<double>(view.frame()), static_cast<double>(rep.turn_frame), 6.0);
  QTest::mouseRelease(&view, Qt::LeftButton, {}, view.toWidget(bar[rep.turn_frame].p_px).toPoint());
}

// A press filmed from the foot end: the bar's level is judged, one key says from where it was filmed, undo
// takes it back, and the house remembers it. Said to be from the side, the film is followed again and says
// why it cannot be.
TEST_F(Desk, AFilmFromTheFootEndIsMeasuredAndItsViewConfirmedByOneKey) {
  reopen(MOTTIX_MODELS);
  FilmPlan plan = planFromSeed(9, Lift::kBench, View::kFront);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.look.someone_passes = false;
  plan.bench.reps = {PressPlan{}, PressPlan{}};
  plan.bench.reps[1].right_lags_m = 0.06;
  const fs::path foot_end = folder / "films" / "foot_end.mp4";
  ASSERT_TRUE(makeFilm(plan, foot_end));
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), foot_end);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  openByKey(id);
  SetSheet& sheet = window->sheet();
  ASSERT_TRUE(sheet.data().tracks.across());

  // Both sides' joints were found; a drag of one puts it right and leaves the other where it is.
  ASSERT_TRUE(sheet.data().tracks.has(Joint::kRightKnee)) << window->notice().toStdString();
  FilmView& view = sheet.film();
  const std::size_t turn = sheet.data().analysis->reps.front().turn_frame;
  view.goTo(turn);
  ASSERT_TRUE(waitFor([&] { return view.hasPicture() && view.shownFrame() == turn; }));
  auto knee = [&](bool right) {
    return sheet.data().tracks.track(right ? Joint::kRightKnee : Joint::kKnee)[turn];
  };
  const JointSample right = knee(true), left = knee(false);
  const Vec2 to = right.p_px + Vec2(9.0, -4.0);
  drag(view, view.toWidget(right.p_px), view.toWidget(to));
  ASSERT_EQ(sheet.data().set.edit.placed.size(), 1u);
  EXPECT_LT((knee(true).p_px - to).norm(), 2.0);
  EXPECT_LT(knee(true).sd_px, right.sd_px);
  EXPECT_LT((knee(false).p_px - left.p_px).norm(), 1e-9);
  EXPECT_TRUE(window->undo().undoText().contains(QStringLiteral("left knee"))) << "who looks at the camera";
  EXPECT_FALSE(window->jobs().running(id)) << "a drag follows nothing anew";
  QTest::keySequence(window.get(), QKeySequence::Undo);
  EXPECT_LT((knee(true).p_px - right.p_px).norm(), 1e-9);
  QTest::keyClick(&view, Qt::Key_N);
  EXPECT_TRUE(view.asking());
  QTest::keyClick(&view, Qt::Key_Escape);

  EXPECT_TRUE(waitFor([&] { return button("front") != nullptr; }));
  EXPECT_EQ(sheet.data().set.edit.asked.view, View::kUnknown);
  QTest::keyClick(&sheet.film(), Qt::Key_W);
  EXPECT_EQ(sheet.data().set.edit.asked.view, View::kFront);
  EXPECT_EQ(button("front"), nullptr) << "nothing is left to ask";
  QTest::keyClick(&sheet.film(), Qt::Key_W);
  EXPECT_EQ(sheet.data().set.edit.asked.view, View::kRear);
  EXPECT_EQ(sheet.data().analysis->view, View::kRear);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(sheet.data().set.edit.asked.view, View::kUnknown);
  ASSERT_TRUE(waitFor([&] { return button("rear") != nullptr; }));
  QTest::mouseClick(button("rear"), Qt::LeftButton);
  EXPECT_EQ(window->house().loadSet(id)->edit.asked.view, View::kRear);
  // Said to be from the side, the film is followed anew; whatever comes of it, other words of the sentence do
  // not ask for it again.
  SetEdit said = sheet.data().set.edit;
  said.asked.view = View::kSide;
  sheet.apply(id, said);
  EXPECT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  said.asked.reps = 3;
  sheet.apply(id, said);
  EXPECT_FALSE(window->jobs().running(id));
  said.asked.view = View::kRear;
  sheet.apply(id, said);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  ASSERT_TRUE(sheet.data().tracks.across());
  // There is no figure to lay here.
  QTest::keyClick(&sheet.film(), Qt::Key_P);
  EXPECT_EQ(sheet.film().mode(), FilmView::Mode::kWatch);
  reopen();
  openByKey(id);
  const SheetData& data = window->sheet().data();
  EXPECT_TRUE(data.tracks.across());
  ASSERT_TRUE(data.analysis) << data.problem.toStdString();
  EXPECT_EQ(data.analysis->view, View::kRear);
}

// A film that was left running between two sets is taken apart by one key; a part is chosen by hand, taken
// back, and kept by the house.
TEST_F(Desk, AFilmOfTwoSetsIsTakenApartAndAPartIsChosenByHand) {
  const fs::path running = folder / "films" / "running.mp4";
  const std::string join =
      "ffmpeg -v error -y -i " + film.string() + " -i " + film.string() +
      " -filter_complex '[0:v]tpad=stop_mode=clone:stop_duration=50[a];[a][1:v]concat' " + running.string();
  ASSERT_EQ(std::system(join.c_str()), 0);
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), running);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  openByKey(id);
  SetSheet& sheet = window->sheet();
  ASSERT_TRUE(sheet.data().analysis) << sheet.data().problem.toStdString();
  ASSERT_EQ(sheet.data().analysis->reps.size(), 4u);
  ASSERT_EQ(sheet.data().analysis->sets.size(), 2u);
  ASSERT_TRUE(waitFor([&] { return button("take apart") != nullptr; }));
  // By hand: only the second rep.
  const std::vector<Rep> reps = sheet.data().analysis->reps;
  sheet.film().goTo(reps[0].end_frame + 2);
  QTest::keyClick(&sheet.film(), Qt::Key_BracketLeft);
  sheet.film().goTo(reps[1].end_frame + 2);
  QTest::keyClick(&sheet.film(), Qt::Key_BracketRight);
  ASSERT_TRUE(sheet.data().set.edit.part);
  ASSERT_EQ(sheet.data().analysis->reps.size(), 1u);
  EXPECT_EQ(sheet.data().analysis->reps[0].number, 1);
  EXPECT_EQ(sheet.data().analysis->reps[0].turn_frame, reps[1].turn_frame);
  // An end before the beginning is refused.
  sheet.film().goTo(3);
  QTest::keyClick(&sheet.film(), Qt::Key_BracketRight);
  EXPECT_EQ(sheet.data().set.edit.part->last, reps[1].end_frame + 2);
  ASSERT_TRUE(waitFor([&] { return button("whole film") != nullptr; }));
  QTest::mouseClick(button("whole film"), Qt::LeftButton);
  EXPECT_FALSE(sheet.data().set.edit.part);
  EXPECT_EQ(sheet.data().analysis->reps.size(), 4u);

  QTest::keyClick(&sheet.film(), Qt::Key_X);
  EXPECT_EQ(sheet.data().analysis->reps.size(), 2u);
  const auto sets = *window->house().sets();
  ASSERT_EQ(sets.size(), 2u);
  const SetId second = sets[0].id == id ? sets[1].id : sets[0].id;
  reopen();
  openByKey(second);
  const SheetData& data = window->sheet().data();
  ASSERT_TRUE(data.analysis) << data.problem.toStdString();
  ASSERT_EQ(data.analysis->reps.size(), 2u);
  EXPECT_EQ(data.analysis->reps[0].turn_frame, reps[2].turn_frame);
  EXPECT_TRUE(window->jobs().idle()) << "nothing is followed twice";
  EXPECT_EQ(window->house().loadSet(id)->edit.part->first, 0u);
}

// Two lifts of an athlete of whom nothing is known: which they are is seen from the bar, and confirmed or put
// right by one key or button.
TEST_F(Desk, TheLiftIsSeenFromTheBarAndConfirmedByOneKey) {
  FilmPlan plan = planFromSeed(12, Lift::kDeadlift);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.look.someone_passes = false;
  plan.deadlift.reps.resize(1);
  const fs::path pull = folder / "films" / "pull.mp4";
  ASSERT_TRUE(makeFilm(plan, pull));
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), pull);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  EXPECT_EQ(window->house().loadSet(id)->edit.asked.lift_source, LiftSource::kSeen);
  openByKey(id);
  SetSheet& sheet = window->sheet();
  EXPECT_EQ(sheet.data().set.edit.asked.lift, Lift::kDeadlift);
  EXPECT_EQ(sheet.data().set.edit.asked.variant, "conventional");
  ASSERT_TRUE(sheet.data().analysis) << sheet.data().problem.toStdString();
  ASSERT_TRUE(waitFor([&] { return button("lift") != nullptr; }));
  QTest::keyClick(&sheet.film(), Qt::Key_G);
  EXPECT_EQ(sheet.data().set.edit.asked.lift_source, LiftSource::kSaid);
  EXPECT_EQ(button("lift"), nullptr) << "nothing is left to ask";
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(sheet.data().set.edit.asked.lift_source, LiftSource::kSeen);
  ASSERT_TRUE(waitFor([&] { return button("bench press") != nullptr; }));
  QTest::mouseClick(button("bench press"), Qt::LeftButton);
  EXPECT_EQ(sheet.data().set.edit.asked.lift, Lift::kBench);
  EXPECT_EQ(window->house().loadSet(id)->edit.asked.variant, "flat");
  // What the coach has said stays, also when the film is followed again.
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  QTest::keyClick(&sheet.film(), Qt::Key_G);
  SetEdit said = sheet.data().set.edit;
  said.asked.lift = Lift::kBench;
  sheet.apply(id, said);
  TrackOutcome outcome;
  outcome.facts = sheet.data().set.clip;
  outcome.record = *sheet.data().record;
  outcome.lift = Lift::kSquat;
  sheet.takeOutcome(id, outcome);
  EXPECT_EQ(sheet.data().set.edit.asked.lift, Lift::kBench);
}

// A long press goes as far as a short squat; that somebody lies under the bar tells them apart.
TEST_F(Desk, WhereTheBarLeavesItOpenThePostureTellsTheLift) {
  FilmPlan plan = planFromSeed(302, Lift::kBench);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.look.someone_passes = false;
  plan.bench.reps.resize(2);
  const fs::path press = folder / "films" / "press.mp4";
  ASSERT_TRUE(makeFilm(plan, press));
  const auto clip = trackBar(press);
  ASSERT_TRUE(clip);
  const auto guess = guessLift(clip->tracks, clip->axis, {450.0, plan.load_kg});
  ASSERT_FALSE(guess && guess->sure()) << "another film is needed for this test";
  // Without the models the coach is asked.
  dropOn(window->queue().laneOf(window->addAthlete(QStringLiteral("Odd Fjellheim"))), press);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  openByKey(window->house().sets()->front().id);
  ASSERT_TRUE(waitFor([&] { return button("bench press") != nullptr; }));
  QTest::mouseClick(button("bench press"), Qt::LeftButton);
  EXPECT_EQ(window->sheet().data().set.edit.asked.lift_source, LiftSource::kSaid);
  house_path.replace_filename("posture_by_itself.mottix");
  reopen(MOTTIX_MODELS);
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), press);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  openByKey(window->house().sets()->front().id);
  const SheetData& data = window->sheet().data();
  EXPECT_EQ(data.set.edit.asked.lift, Lift::kBench);
  EXPECT_EQ(data.set.edit.asked.lift_source, LiftSource::kSeen);
  EXPECT_TRUE(data.tracks.has(Joint::kHip));
  ASSERT_TRUE(waitFor([&] { return button("lift") != nullptr; })) << "the coach is asked";
}

// A camera tilted by hand. A line drawn along a post levels it, a known length on the floor says how far away
// it stands, a wrong one is left out and said; undo and the house know them all.
TEST_F(Desk, LinesDrawnInTheRoomSayHowTheCameraStands) {
  FilmPlan plan = planFromSeed(4);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.roll_deg = 2.0;
  plan.look.someone_passes = false;
  plan.squat.reps = {RepPlan{}};
  const fs::path tilted = folder / "films" / "tilted.mp4";
  ASSERT_TRUE(makeFilm(plan, tilted));
  std::ifstream in(truthPathFor(tilted));
  const auto camera = nlohmann::json::parse(in)["camera"];
  auto seen = [&](double x, double y, double z) {
    std::array<double, 3> c{};
    for (std::size_t r = 0; r < 3; ++r) {
      const auto& row = camera["R_world_to_cam"][r];
      c[r] = row[0].get<double>() * x + row[1].get<double>() * y + row[2].get<double>() * z +
             camera["t_world_to_cam"][r].get<double>();
    }
    const double f = camera["fx"].get<double>();
    return Vec2(f * c[0] / c[2] + 320.0, f * c[1] / c[2] + 180.0);
  };
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), tilted);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  openByKey(id);
  SetSheet& sheet = window->sheet();
  FilmView& view = sheet.film();
  ASSERT_TRUE(waitFor([&] { return view.hasPicture(); }));
  auto draw = [&](const Vec2& from, const Vec2& to) {
    QTest::keyClick(&view, Qt::Key_M);
    ASSERT_EQ(view.mode(), FilmView::Mode::kDrawLine);
    QTest::mousePress(&view, Qt::LeftButton, {}, view.toWidget(from).toPoint());
    QTest::mouseMove(&view, view.toWidget(to).toPoint());
    QTest::mouseRelease(&view, Qt::LeftButton, {}, view.toWidget(to).toPoint());
    ASSERT_EQ(view.mode(), FilmView::Mode::kWatch);
  };
  // Too short a drag is no line, and Esc leaves.
  draw(Vec2(100, 100), Vec2(105, 103));
  EXPECT_EQ(button("upright"), nullptr);
  QTest::keyClick(&view, Qt::Key_M);
  QTest::keyClick(&view, Qt::Key_Escape);
  EXPECT_EQ(view.mode(), FilmView::Mode::kWatch);

  draw(seen(-0.9, 0.1, 0.0), seen(-0.9, 1.8, 0.0));
  ASSERT_TRUE(waitFor([&] { return button("upright") != nullptr; }));
  EXPECT_TRUE(sheet.data().set.edit.lines.empty()) << "nothing is decided yet";
  QTest::mouseClick(button("upright"), Qt::LeftButton);
  ASSERT_EQ(sheet.data().analysis->lines.size(), 1u);
  EXPECT_TRUE(sheet.data().analysis->lines[0].used);
  EXPECT_NEAR(sheet.data().analysis->camera.roll_deg, camera["roll_deg"].get<double>(), 0.6);

  const double sd_before = sheet.data().analysis->body_scale.sd;
  auto type = [&](const char* cm) {
    ASSERT_TRUE(waitFor([&] { return button("length at lifter") != nullptr; }));
    auto* field = sheet.findChild<QLineEdit*>(QStringLiteral("line length"));
    ASSERT_NE(field, nullptr);
    field->setFocus();
    QTest::keyClicks(field, QString::fromLatin1(cm));
  };
  draw(seen(-0.6, 0.0, 0.0), seen(0.6, 0.0, 0.0));
  type("much");
  QTest::mouseClick(button("length at lifter"), Qt::LeftButton);
  EXPECT_EQ(sheet.data().set.edit.lines.size(), 1u) << "words are no length";
  sheet.findChild<QLineEdit*>(QStringLiteral("line length"))->clear();
  type("120");
  QTest::keyClick(sheet.findChild<QLineEdit*>(QStringLiteral("line length")), Qt::Key_Return);
  ASSERT_EQ(sheet.data().analysis->lines.size(), 2u);
  EXPECT_TRUE(sheet.data().analysis->lines[1].used);
  EXPECT_LT(std::abs(sheet.data().analysis->lines[1].off.value), 0.05);
  EXPECT_LT(sheet.data().analysis->body_scale.sd, sd_before);
  const double scale = sheet.data().analysis->body_scale.value;

  // A tape read wrongly by 40 cm.
  draw(seen(-0.6, 0.0, 0.0), seen(0.6, 0.0, 0.0));
  type("160");
  QTest::mouseClick(button("length at lifter"), Qt::LeftButton);
  ASSERT_EQ(sheet.data().analysis->lines.size(), 3u);
  EXPECT_FALSE(sheet.data().analysis->lines[2].used);
  EXPECT_NEAR(sheet.data().analysis->body_scale.value, scale, 1e-9);
  const auto& warnings = sheet.data().analysis->warnings;
  EXPECT_EQ(std::count(warnings.begin(), warnings.end(), Warning::kLineContradicts), 1);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(sheet.data().set.edit.lines.size(), 2u);
  ASSERT_TRUE(waitFor([&] { return button("remove line") != nullptr; }));
  QTest::mouseClick(button("remove line"), Qt::LeftButton);
  ASSERT_EQ(sheet.data().set.edit.lines.size(), 1u);
  EXPECT_EQ(sheet.data().set.edit.lines[0].kind, RoomLineKind::kLengthAtLifter);
  reopen();
  ASSERT_EQ(window->house().loadSet(id)->edit.lines.size(), 1u);
  EXPECT_DOUBLE_EQ(window->house().loadSet(id)->edit.lines[0].length_m, 1.2);
}

// The camera strays by several pixels; the bar is pulled where it is in the picture shown, all is measured as
// from a stand, the sheet says so, and so does the house when it is opened again.
TEST_F(Desk, AFilmHeldByHandIsMeasuredAsFromAStand) {
  FilmPlan plan = planFromSeed(2);
  plan.width_px = 640;
  plan.height_px = 360;
  plan.from_right = true;
  plan.look.someone_passes = false;
  plan.squat.reps = {RepPlan{}};
  plan.phone.shake_px = 4.0;
  const fs::path held = folder / "films" / "held.mp4";
  ASSERT_TRUE(makeFilm(plan, held));
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), held);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  for (bool again : {false, true}) {
    if (again) reopen();
    openByKey(id);
    const SheetData& data = window->sheet().data();
    ASSERT_TRUE(data.analysis) << data.problem.toStdString();
    ASSERT_EQ(data.tracks.shake.size(), data.tracks.frameCount());
    EXPECT_GT(greatestShake_px(data.tracks), 3.0);
    const auto lines = window->sheet().findChildren<QLabel*>();
    EXPECT_TRUE(std::any_of(lines.begin(), lines.end(), [](const QLabel* line) {
      return line->text().contains(QStringLiteral("held by hand"));
    }));
  }
  FilmView& view = window->sheet().film();
  const SheetData& data = window->sheet().data();
  const Rep rep = data.analysis->reps.at(0);
  view.goTo(rep.start_frame);
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == rep.start_frame; }));
  auto asShown = [&](std::size_t f) {
    return view
        .toWidget(toPictureMoved(data.tracks, view.shownFrame(),
                                 toReference(data.tracks, f, data.tracks.bar[f].p_px)))
        .toPoint();
  };
  QTest::mousePress(&view, Qt::LeftButton, {}, asShown(rep.start_frame));
  for (std::size_t f = rep.start_frame; f <= rep.turn_frame; f += 4) QTest::mouseMove(&view, asShown(f));
  QTest::mouseMove(&view, asShown(rep.turn_frame));
  EXPECT_NEAR(static_cast<double>(view.frame()), static_cast<double>(rep.turn_frame), 6.0);
  QTest::mouseRelease(&view, Qt::LeftButton, {}, asShown(rep.turn_frame));
  // Along the path the bar goes straight, whatever the hand does.
  double left = 1e9, right = -1e9;
  for (std::size_t f = rep.start_frame; f <= rep.end_frame; ++f) {
    const double x = toReference(data.tracks, f, data.tracks.bar[f].p_px).x();
    left = std::min(left, x);
    right = std::max(right, x);
  }
  double raw_left = 1e9, raw_right = -1e9;
  for (std::size_t f = rep.start_frame; f <= rep.end_frame; ++f) {
    raw_left = std::min(raw_left, data.tracks.bar[f].p_px.x());
    raw_right = std::max(raw_right, data.tracks.bar[f].p_px.x());
  }
  EXPECT_LT(right - left, 0.6 * (raw_right - raw_left));
}

// A phone held upright stores its pictures lying down and says so in a flag.
TEST_F(Desk, APortraitFilmStandsUprightAndIsPulledLikeAnyOther) {
  const fs::path lying = folder / "films" / "lying.mp4", portrait = folder / "films" / "portrait.mp4";
  const std::string crop = "ffmpeg -v error -y -i " + film.string() + " -vf crop=260:360:190:0,transpose=1 " +
                           lying.string() + " && ffmpeg -v error -y -i " + lying.string() +
                           " -c copy -metadata:s:v:0 rotate=90 " + portrait.string();
  ASSERT_EQ(std::system(crop.c_str()), 0);
  const AthleteId athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  dropOn(window->queue().laneOf(athlete), portrait);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  const SetId id = window->house().sets()->front().id;
  openByKey(id);
  const SheetData& data = window->sheet().data();
  ASSERT_TRUE(data.analysis) << data.problem.toStdString();
  EXPECT_EQ(data.set.clip.width_px, 260);
  EXPECT_EQ(data.set.clip.height_px, 360);
  EXPECT_NE(data.set.clip.rotation_deg % 180, 0);
  const Rep rep = data.analysis->reps.at(0);
  // The plate is where it was in the uncut picture, 190 px further left.
  const auto& near = truth["frames"][rep.turn_frame]["plate_near"]["px"];
  const Vec2 expected(near[0].get<double>() - 190.0, near[1].get<double>());
  EXPECT_LT((data.tracks.bar[rep.turn_frame].p_px - expected).norm(), 2.0);

  FilmView& view = window->sheet().film();
  view.goTo(rep.start_frame);
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == rep.start_frame; }));
  const auto at = [&](std::size_t f) { return view.toWidget(data.tracks.bar[f].p_px); };
  EXPECT_TRUE(QRectF(view.rect()).contains(at(rep.start_frame)));
  EXPECT_GT(at(rep.turn_frame).y(), at(rep.start_frame).y() + 20.0) << "down is down";
  drag(view, at(rep.start_frame), at((rep.start_frame + rep.turn_frame) / 2));
  EXPECT_GT(view.frame(), rep.start_frame);
  EXPECT_LT(view.frame(), rep.turn_frame);
}

TEST_F(Desk, WheelKeysAndRibbonMoveTime) {
  openByKey(droppedAndFollowed());
  FilmView& view = window->sheet().film();
  const auto& reps = window->sheet().data().analysis->reps;
  view.goTo(20);
  QTest::keyClick(&view, Qt::Key_Right);
  EXPECT_EQ(view.frame(), 21u);
  QTest::keyClick(&view, Qt::Key_Left);
  QTest::keyClick(&view, Qt::Key_Left);
  EXPECT_EQ(view.frame(), 19u);
  QTest::keyClick(&view, Qt::Key_Right, Qt::ShiftModifier);
  EXPECT_EQ(view.frame(), reps[0].turn_frame);
  QWheelEvent wheel(QPointF(50, 50), view.mapToGlobal(QPointF(50, 50)), {}, QPoint(0, -120), Qt::NoButton,
                    Qt::NoModifier, Qt::NoScrollPhase, false);
  QApplication::sendEvent(&view, &wheel);
  EXPECT_EQ(view.frame(), reps[0].turn_frame + 1);
  auto* ribbon = window->sheet().findChild<RepRibbon*>();
  const QRectF cell = ribbon->cellRect(1);
  QTest::mouseClick(ribbon, Qt::LeftButton, {}, QPointF(cell.left() + 20, cell.center().y()).toPoint());
  EXPECT_GE(view.frame(), reps[1].start_frame);
  EXPECT_LE(view.frame(), reps[1].end_frame);
  QTest::keyClick(&view, Qt::Key_Space);
  EXPECT_TRUE(view.playing());
  QTest::keyClick(&view, Qt::Key_Space);
  EXPECT_FALSE(view.playing());
}

TEST_F(Desk, ARepIsLoopedInSlowMotionByKeys) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  FilmView& view = window->sheet().film();
  const Rep rep = window->sheet().data().analysis->reps.at(0);
  view.goTo(rep.end_frame - 2);
  QTest::keyClick(&view, Qt::Key_R);
  EXPECT_TRUE(view.looping());
  QTest::keyClick(&view, Qt::Key_Space);
  // Round the end and on from the beginning of the same rep.
  EXPECT_TRUE(waitFor([&] { return view.frame() > rep.start_frame && view.frame() < rep.turn_frame; }));
  for (int press = 0; press < 4; ++press) QTest::keyClick(&view, Qt::Key_V);
  EXPECT_EQ(view.slower(), 16);
  const std::size_t at = view.frame();
  QTest::qWait(400);  // less than one picture of this film at a sixteenth
  EXPECT_LE(view.frame(), at + 2);
  QTest::keyClick(&view, Qt::Key_V);
  EXPECT_EQ(view.slower(), 1);
  QTest::keyClick(&view, Qt::Key_R);
  EXPECT_TRUE(waitFor([&] { return !view.playing(); })) << "without a loop it ends with the film";
  EXPECT_EQ(view.frame() + 1, window->sheet().data().tracks.frameCount());
}

TEST_F(Desk, TheSentenceIsEditedInPlaceAndUndone) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  auto* load = window->sheet().findChild<Word*>(QStringLiteral("word load"));
  load->setFocus();
  QTest::keyClick(load, Qt::Key_Return);
  auto* line = window->sheet().findChild<QLineEdit*>(QStringLiteral("word load line"));
  ASSERT_NE(line, nullptr);
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("heavy"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_TRUE(load->editing()) << "nonsense is not taken";
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("82,5"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_FALSE(load->editing());
  EXPECT_DOUBLE_EQ(window->house().loadSet(id)->edit.asked.load_kg, 82.5);
  EXPECT_EQ(load->text(), QStringLiteral("82.5 kg"));
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_DOUBLE_EQ(window->house().loadSet(id)->edit.asked.load_kg, 60.0);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
  EXPECT_DOUBLE_EQ(window->house().loadSet(id)->edit.asked.load_kg, 82.5);
  QTest::mouseClick(load, Qt::LeftButton);
  line = window->sheet().findChild<QLineEdit*>(QStringLiteral("word load line"));
  ASSERT_NE(line, nullptr);
  QTest::keyClicks(line, QStringLiteral("99"));
  QTest::keyClick(line, Qt::Key_Escape);
  EXPECT_DOUBLE_EQ(window->house().loadSet(id)->edit.asked.load_kg, 82.5);
}

TEST_F(Desk, TheWholeRoundFromFigureToNextLoadSurvivesClosing) {
  const SetId id = placedSheet();
  SetSheet& sheet = window->sheet();
  ASSERT_TRUE(sheet.data().analysis);

  // Judged: the planted high rep is found, the good one is not.
  settle();
  const auto cards = sheet.findChildren<FindingCard*>();
  ASSERT_FALSE(cards.isEmpty());
  const auto card_count = cards.size();
  const Finding finding = cards.front()->finding();
  EXPECT_EQ(finding.rule, "squat.high");
  EXPECT_EQ(finding.certainty, Certainty::kClear);
  EXPECT_EQ(finding.reps, (std::vector<int>{2}));
  QTest::mouseClick(buttonNamed("show"), Qt::LeftButton);
  EXPECT_EQ(sheet.film().frame(), finding.frame);

  // Correct a joint by dragging it on another frame, and take it back.
  FilmView& view = sheet.film();
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == view.frame(); }));
  const std::size_t frame = view.shownFrame();
  const Vec2 knee = sheet.data().tracks.track(Joint::kKnee)[frame].p_px;
  drag(view, view.toWidget(knee), view.toWidget(knee + Vec2(24, 6)));
  EXPECT_LT((sheet.data().tracks.track(Joint::kKnee)[frame].p_px - knee - Vec2(24, 6)).norm(), 2.0);
  EXPECT_EQ(window->house().loadSet(id)->edit.placed.size(), 2u);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_LT((sheet.data().tracks.track(Joint::kKnee)[frame].p_px - knee).norm(), 1e-6);

  // Overrule and let stand again.
  QTest::mouseClick(buttonNamed("overrule"), Qt::LeftButton);
  auto* why = window->findChild<QLineEdit*>(QStringLiteral("why"));
  ASSERT_NE(why, nullptr);
  QTest::keyClicks(why, QStringLiteral("the crease is hidden"));
  QTest::keyClick(why, Qt::Key_Return);
  EXPECT_EQ(window->house().loadSet(id)->edit.overruled,
            (std::vector<Overruling>{{"squat.high", "the crease is hidden"}}));
  ASSERT_NE(buttonNamed("keep"), nullptr);
  QTest::mouseClick(buttonNamed("keep"), Qt::LeftButton);
  EXPECT_TRUE(window->house().loadSet(id)->edit.overruled.empty());

  // Said: the second wording, then it is kept.
  const QString first = textOf("cue");
  QTest::keyClick(&sheet, Qt::Key_O);
  EXPECT_NE(textOf("cue"), first);
  QTest::keyClick(&sheet, Qt::Key_S);
  EXPECT_EQ(window->house().loadSet(id)->edit.cue, "high.one_more_inch");

  // Next: accept by Enter on the film.
  view.setFocus();
  QTest::keyClick(&view, Qt::Key_Return);
  const auto decided = window->house().loadSet(id);
  ASSERT_TRUE(decided->edit.next_load_kg);
  EXPECT_DOUBLE_EQ(*decided->edit.next_load_kg, *sheet.data().analysis->decision.next_load_kg);
  EXPECT_EQ(decided->state, SetState::kReviewed);

  // Closed and opened again: the same sheet, the same frame, the same words.
  view.goTo(finding.frame);
  const QString cue = textOf("cue"), next = textOf("next heading");
  reopen();
  ASSERT_TRUE(window->onSheet());
  EXPECT_EQ(window->sheet().current(), id);
  EXPECT_EQ(window->sheet().film().frame(), finding.frame);
  EXPECT_EQ(textOf("cue"), cue);
  EXPECT_EQ(textOf("next heading"), next);
  settle();
  EXPECT_EQ(window->sheet().findChildren<FindingCard*>().size(), card_count);
  EXPECT_TRUE(window->jobs().idle()) << "nothing is computed from the film again";
}

TEST_F(Desk, AFilmIsMeasuredWithoutAHandAndADragMakesItSurer) {
  const SetId id = foundByItself();
  openByKey(id);
  SetSheet& sheet = window->sheet();
  FilmView& view = sheet.film();
  ASSERT_TRUE(sheet.data().tracks.has(Joint::kHip)) << window->notice().toStdString();
  EXPECT_TRUE(sheet.data().set.edit.placed.empty());
  ASSERT_TRUE(sheet.data().analysis);
  auto warned = [&] {
    const auto& w = sheet.data().analysis->warnings;
    return std::find(w.begin(), w.end(), Warning::kJointsFound) != w.end();
  };
  EXPECT_TRUE(warned());

  // The hip is put right where the truth says.
  QTest::keyClick(&view, Qt::Key_Home);
  ASSERT_TRUE(waitFor([&] { return view.hasPicture() && view.shownFrame() == 0; }));
  auto hip = [&] { return window->sheet().data().tracks.track(Joint::kHip)[0]; };
  const JointSample found = hip();
  const auto& px = truth["frames"][0]["joints"]["right_hip"]["px"];
  drag(view, view.toWidget(found.p_px), view.toWidget(Vec2(px[0], px[1])));
  ASSERT_EQ(sheet.data().set.edit.placed.size(), 1u);
  EXPECT_LT((hip().p_px - Vec2(px[0], px[1])).norm(), 2.0);
  EXPECT_LT(hip().sd_px, 0.8 * found.sd_px);
  EXPECT_FALSE(warned());
  EXPECT_FALSE(window->jobs().running(id)) << "a drag follows nothing anew";

  // Everything found is there again after undo, and after closing.
  QTest::keySequence(window.get(), QKeySequence::Undo);
  EXPECT_TRUE(sheet.data().set.edit.placed.empty());
  EXPECT_LT((hip().p_px - found.p_px).norm(), 1e-6);
  reopen(MOTTIX_MODELS);
  openByKey(id);
  EXPECT_LT((hip().p_px - found.p_px).norm(), 1e-6);
  EXPECT_NEAR(hip().sd_px, found.sd_px, 1e-6);
}

// Two points are put on the back by a key, dragged onto the skin, and followed by the same key; undo takes
// them back and the house keeps them.
TEST_F(Desk, TwoPointsOfTheBackArePlacedFollowedAndKept) {
  const SetId id = placedSheet();
  SetSheet& sheet = window->sheet();
  FilmView& view = sheet.film();
  ASSERT_TRUE(sheet.data().tracks.has(Joint::kHip));
  QTest::keyClick(&view, Qt::Key_U);
  const auto put = backOf(sheet.data().set.edit);
  ASSERT_TRUE(put) << window->notice().toStdString();
  EXPECT_EQ(put->frame, view.shownFrame());
  EXPECT_FALSE(window->jobs().running(id)) << "the coach puts them right first";
  const auto& px = truth["frames"][put->frame]["joints"]["back_middle"]["px"];
  drag(view, view.toWidget(*put->joints[indexOf(Joint::kMidBack)]), view.toWidget(Vec2(px[0], px[1])));
  EXPECT_LT((*backOf(sheet.data().set.edit)->joints[indexOf(Joint::kMidBack)] - Vec2(px[0], px[1])).norm(),
            2.0);
  EXPECT_FALSE(sheet.data().tracks.has(Joint::kMidBack));

  QTest::keyClick(&view, Qt::Key_U);
  EXPECT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  ASSERT_TRUE(sheet.data().tracks.has(Joint::kPelvis)) << window->notice().toStdString();
  const std::size_t turn = sheet.data().analysis->reps.front().turn_frame;
  const JointSample middle = sheet.data().tracks.track(Joint::kMidBack)[turn];
  const auto& there = truth["frames"][turn]["joints"]["back_middle"]["px"];
  EXPECT_LT((middle.p_px - Vec2(there[0], there[1])).norm(), 3.0 * middle.sd_px);
  QTest::keyClick(&view, Qt::Key_U);
  EXPECT_FALSE(window->jobs().running(id));
  EXPECT_TRUE(window->notice().contains(QStringLiteral("drag them")));
  QTest::keySequence(window.get(), QKeySequence::Undo);
  QTest::keySequence(window.get(), QKeySequence::Undo);
  EXPECT_FALSE(backOf(sheet.data().set.edit));
  EXPECT_FALSE(sheet.data().tracks.has(Joint::kMidBack));
  QTest::keySequence(window.get(), QKeySequence::Redo);
  QTest::keySequence(window.get(), QKeySequence::Redo);
  EXPECT_TRUE(sheet.data().tracks.has(Joint::kMidBack)) << "without being followed again";

  reopen();
  openByKey(id);
  EXPECT_TRUE(window->sheet().data().tracks.has(Joint::kMidBack));
}

TEST_F(Desk, TheLeastSureJointsAreOfferedOneAfterAnotherByKeyboard) {
  openByKey(foundByItself());
  SetSheet& sheet = window->sheet();
  FilmView& view = sheet.film();
  QTest::keyClick(&view, Qt::Key_N);
  ASSERT_TRUE(view.asking());
  EXPECT_TRUE(window->notice().contains(QStringLiteral("Least sure")));
  const std::size_t frame = view.frame();
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == frame; }));
  for (int i = 0; i < 3; ++i) QTest::keyClick(&view, Qt::Key_Up, Qt::ShiftModifier);
  QTest::keyClick(&view, Qt::Key_Left, Qt::ShiftModifier);
  EXPECT_TRUE(sheet.data().set.edit.placed.empty()) << "not yet";
  const ClipTracks before = sheet.data().tracks;
  QTest::keyClick(&view, Qt::Key_Return);
  const auto& placed = sheet.data().set.edit.placed;
  ASSERT_EQ(placed.size(), 1u);
  EXPECT_EQ(placed[0].frame, frame);
  std::size_t moved = 0;
  for (std::size_t j = 0; j < kJointCount; ++j)
    if (placed[0].joints[j]) {
      ++moved;
      EXPECT_LT((*placed[0].joints[j] - before.joints[j][frame].p_px - Vec2(-1.0, -3.0)).norm(), 1e-9);
      EXPECT_LT(sheet.data().tracks.joints[j][frame].sd_px, before.joints[j][frame].sd_px);
    }
  EXPECT_EQ(moved, 1u);
  EXPECT_TRUE(view.asking()) << "the next one is offered";
  QTest::keyClick(&view, Qt::Key_Escape);
  EXPECT_FALSE(view.asking());
  EXPECT_TRUE(window->onSheet()) << "the first Esc ends the asking only";
  // Said to be right one after another, the offers come to an end.
  QTest::keyClick(&view, Qt::Key_N);
  int asked = 1;
  for (; window->sheet().film().asking() && asked < 20; ++asked) {
    QTest::keyClick(&view, Qt::Key_Return);
    QTest::keyClick(&view, Qt::Key_Return);  // too soon for the next: it decides nothing
  }
  EXPECT_FALSE(sheet.data().set.edit.next_load_kg);

  EXPECT_TRUE(window->notice().contains(QStringLiteral("Nothing is left"))) << asked;
}

TEST_F(Desk, AllMeasuresStandInATableThatLeadsToTheFilm) {
  openByKey(foundByItself());
  SetSheet& sheet = window->sheet();
  FilmView& view = sheet.film();
  QTest::keyClick(&view, Qt::Key_T);
  NumbersView& numbers = sheet.numbers();
  ASSERT_TRUE(waitFor([&] { return numbers.isVisible(); }));
  QTableView* table = numbers.table();
  const QAbstractItemModel* model = table->model();
  EXPECT_EQ(model->columnCount(), 3) << "two reps, and what is usual";
  EXPECT_GT(model->rowCount(), 25);
  auto rowOf = [&](const QString& title) {
    for (int r = 0; r < model->rowCount(); ++r)
      if (model->headerData(r, Qt::Vertical).toString().startsWith(title)) return r;
    return -1;
  };
  const int depth = rowOf(QStringLiteral("crease above kneecap"));
  ASSERT_GE(depth, 0);
  // A click on the second rep's depth goes to its turn, and says what it is and how sure.
  table->scrollTo(model->index(depth, 2));
  QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                    table->visualRect(model->index(depth, 2)).center());
  EXPECT_EQ(view.frame(), sheet.data().analysis->reps[1].turn_frame);
  const auto* about = numbers.findChild<QLabel*>(QStringLiteral("about measure"));
  EXPECT_TRUE(about->text().contains(QStringLiteral("±"))) << about->text().toStdString();
  EXPECT_TRUE(about->text().contains(QStringLiteral("kneecap")));
  // By keyboard to the first rep.
  QTest::keyClick(table, Qt::Key_Left);
  EXPECT_EQ(view.frame(), sheet.data().analysis->reps[0].turn_frame);
  // The film leads back: the rep of the moment is marked.
  EXPECT_TRUE(model->index(depth, 1).data(Qt::BackgroundRole).isValid());
  EXPECT_FALSE(model->index(depth, 2).data(Qt::BackgroundRole).isValid());
  // Shown again, the same number is chosen, and the film stays where it was led since.
  QTest::keyClick(table, Qt::Key_T);
  ASSERT_FALSE(numbers.isVisible());
  QTest::keyClick(&view, Qt::Key_Home);
  QTest::keyClick(&view, Qt::Key_T);
  ASSERT_TRUE(waitFor([&] { return numbers.isVisible(); }));
  EXPECT_EQ(table->currentIndex(), model->index(depth, 1));
  EXPECT_TRUE(about->text().contains(QStringLiteral("kneecap")));
  EXPECT_EQ(view.frame(), 0u);
  // Typing finds; letters typed are no keys of the sheet.
  auto* filter = numbers.findChild<QLineEdit*>();
  QTest::mouseClick(filter, Qt::LeftButton);
  QTest::keyClicks(filter, QStringLiteral("shin"));
  EXPECT_EQ(filter->text(), QStringLiteral("shin"));
  EXPECT_EQ(model->rowCount(), 3);
  QTest::keyClicks(filter, QStringLiteral("zzz"));
  EXPECT_EQ(model->rowCount(), 0);
  EXPECT_TRUE(about->text().contains(QStringLiteral("No measure")));
  QTest::keyClick(filter, Qt::Key_Escape);
  EXPECT_TRUE(window->onSheet());
  EXPECT_FALSE(numbers.isVisible()) << "the first Esc ends the table only";
}

TEST_F(Desk, AJointIsKeptAndPutWhereItWasByOneKeyEach) {
  openByKey(foundByItself());
  SetSheet& sheet = window->sheet();
  FilmView& view = sheet.film();
  auto pointAt = [&](Joint joint) {
    QTest::mouseMove(&view,
                     view.toWidget(sheet.data().tracks.track(joint)[view.shownFrame()].p_px).toPoint());
    QCoreApplication::processEvents();
  };
  auto goTo = [&](std::size_t frame) {
    view.goTo(frame);
    ASSERT_TRUE(waitFor([&] { return view.shownFrame() == frame; }));
  };
  // The heel, put right on one frame, is put there on another as well.
  goTo(10);
  const Vec2 heel = sheet.data().tracks.track(Joint::kHeel)[10].p_px + Vec2(12, 0);
  drag(view, view.toWidget(sheet.data().tracks.track(Joint::kHeel)[10].p_px), view.toWidget(heel));
  ASSERT_EQ(sheet.data().set.edit.placed.size(), 1u);
  const Vec2 placed = *sheet.data().set.edit.placed[0].joints[indexOf(Joint::kHeel)];
  goTo(90);
  pointAt(Joint::kHeel);
  QTest::keyClick(&view, Qt::Key_D);
  ASSERT_EQ(sheet.data().set.edit.placed.size(), 2u) << window->notice().toStdString();
  EXPECT_LT((*sheet.data().set.edit.placed[1].joints[indexOf(Joint::kHeel)] - placed).norm(), 1e-6);

  // The shoulder is right: neither a drag nor the hip moves it, also after closing; K lets it go.
  pointAt(Joint::kShoulder);
  const Vec2 shoulder = sheet.data().tracks.track(Joint::kShoulder)[90].p_px;
  QTest::keyClick(&view, Qt::Key_K);
  EXPECT_EQ(sheet.data().set.edit.locked, std::vector<Joint>{Joint::kShoulder});
  EXPECT_GE(sheet.data().set.edit.placed.size(), sheet.data().analysis->reps.size());
  auto shoulderNow = [&] { return window->sheet().data().tracks.track(Joint::kShoulder)[90].p_px; };
  drag(view, view.toWidget(shoulderNow()), view.toWidget(shoulderNow() + Vec2(0, 40)));
  EXPECT_LT((shoulderNow() - shoulder).norm(), 2.0);
  const Vec2 hip = sheet.data().tracks.track(Joint::kHip)[90].p_px;
  drag(view, view.toWidget(hip), view.toWidget(hip + Vec2(-25, 10)));
  EXPECT_LT((shoulderNow() - shoulder).norm(), 3.0);
  const SetId id = sheet.data().set.id;
  reopen(MOTTIX_MODELS);
  openByKey(id);
  EXPECT_EQ(window->sheet().data().set.edit.locked, std::vector<Joint>{Joint::kShoulder});
  FilmView& again = window->sheet().film();
  ASSERT_TRUE(waitFor([&] { return again.hasPicture(); }));
  QTest::keyClick(&again, Qt::Key_K, Qt::ShiftModifier);
  EXPECT_TRUE(window->sheet().data().set.edit.locked.empty());
  QTest::keyClick(&again, Qt::Key_K, Qt::ShiftModifier);
  EXPECT_GE(window->sheet().data().set.edit.locked.size(), 6u) << "all of them";
  QTest::keySequence(window.get(), QKeySequence::Undo);
  EXPECT_TRUE(window->sheet().data().set.edit.locked.empty());
}

TEST_F(Desk, AFigureThatIsTakenBackMakesRoomForWhatIsFound) {
  const SetId id = placedSheet();
  window->close();
  reopen(MOTTIX_MODELS);
  openByKey(id);
  SetSheet& sheet = window->sheet();
  SetEdit edit = sheet.data().set.edit;
  edit.placed.clear();
  sheet.apply(id, edit);
  ASSERT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_TRUE(sheet.data().record->foundByItself());
  EXPECT_TRUE(sheet.data().tracks.has(Joint::kHip));
}

TEST_F(Desk, EveryWordOfTheSentenceIsTakenOrRefused) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  auto type = [&](const char* name, const QString& text) {
    auto* word = window->sheet().findChild<Word*>(QStringLiteral("word ") + QString::fromLatin1(name));
    word->edit();
    auto* line = window->sheet().findChild<QLineEdit*>(QStringLiteral("word ") + QString::fromLatin1(name) +
                                                       QStringLiteral(" line"));
    line->setText(text);
    QTest::keyClick(line, Qt::Key_Return);
    const bool taken = !word->editing();
    if (!taken) QTest::keyClick(line, Qt::Key_Escape);
    settle();
    return taken;
  };
  struct Case {
    const char* word;
    QString good, bad;
  };
  for (const Case& c :
       {Case{"variant", QStringLiteral("low bar"), QString()},
        Case{"reps", QStringLiteral("3"), QStringLiteral("0")},
        Case{"load", QStringLiteral("70 kg"), QStringLiteral("-1")},
        Case{"effort", QStringLiteral("7.5"), QStringLiteral("11")},
        Case{"side of the camera", QStringLiteral("from the left"), QStringLiteral("from above")},
        Case{"plate diameter", QStringLiteral("400 mm"), QStringLiteral("40")},
        Case{"lift", QStringLiteral("deadlift"), QStringLiteral("juggling")}}) {
    EXPECT_FALSE(type(c.word, c.bad)) << c.word;
    EXPECT_TRUE(type(c.word, c.good)) << c.word;
  }
  const Asked asked = window->house().loadSet(id)->edit.asked;
  EXPECT_EQ(asked, (Asked{Lift::kDeadlift, "low bar", 3, 70.0, 7.5, Facing::kLeft, 400.0, Held::kPlates, 0.0,
                          View::kSide}));
  EXPECT_TRUE(window->sheet().data().by.set.is("low_bar")) << "rules know the variant";
  for (int i = 0; i < 7; ++i) QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  Asked fresh;
  fresh.lift_source = LiftSource::kAssumed;
  EXPECT_EQ(window->house().loadSet(id)->edit.asked, fresh);
}

TEST_F(Desk, AFilmThatWaitedIsFollowedWhenTheHouseIsOpenedAgain) {
  const AthleteId athlete = window->addAthlete(QStringLiteral("Odd"));
  dropOn(window->queue().laneOf(athlete), film);
  const SetId id = window->house().sets()->front().id;
  window.reset();  // closed before it was done
  reopen();
  EXPECT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  EXPECT_EQ(window->house().loadSet(id)->state, SetState::kTracked);
}

TEST_F(Desk, TheNextFilmAsksForWhatWasDecidedLastTime) {
  const SetId id = droppedAndFollowed();
  SetEdit edit = window->house().loadSet(id)->edit;
  edit.asked.load_kg = 80.0;
  edit.asked.variant = "low bar";
  edit.next_load_kg = 82.5;
  ASSERT_TRUE(window->house().saveEdit(id, edit, SetState::kReviewed));
  dropOn(window->queue().laneOf(window->house().athletes()->front().id), film);
  const Asked asked = window->house().sets()->back().edit.asked;
  EXPECT_DOUBLE_EQ(asked.load_kg, 82.5);
  EXPECT_EQ(asked.variant, "low bar");
}

TEST_F(Desk, ADifferentLoadIsDecidedByHandAndNonsenseRefused) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  QTest::keyClick(&window->sheet(), Qt::Key_E);
  QLineEdit* line = nullptr;
  for (QLineEdit* l : window->sheet().findChildren<QLineEdit*>())
    if (l->isVisible()) line = l;
  ASSERT_NE(line, nullptr);
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("5000"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("5000")));
  EXPECT_FALSE(window->house().loadSet(id)->edit.next_load_kg);
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("57.5"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_DOUBLE_EQ(*window->house().loadSet(id)->edit.next_load_kg, 57.5);
}

TEST_F(Desk, StationsAreReachedByNumber) {
  openByKey(droppedAndFollowed());
  SetSheet& sheet = window->sheet();
  QTest::keyClick(&sheet, Qt::Key_1);
  EXPECT_EQ(QApplication::focusWidget()->objectName(), QStringLiteral("word lift"));
  QTest::keyClick(&sheet, Qt::Key_2);
  EXPECT_EQ(QApplication::focusWidget(), &sheet.film());
  QTest::keyClick(&sheet, Qt::Key_5);
  EXPECT_EQ(QApplication::focusWidget(), buttonNamed("accept"));
}

TEST_F(Desk, PointingAtThePlateFollowsTheBarAnew) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  FilmView& view = window->sheet().film();
  view.goTo(10);
  ASSERT_TRUE(waitFor([&] { return view.shownFrame() == 10; }));
  QTest::keyClick(&view, Qt::Key_L);
  ASSERT_EQ(view.mode(), FilmView::Mode::kPointPlate);
  const Vec2 plate = window->sheet().data().tracks.bar[10].p_px;
  const double radius = window->sheet().data().tracks.bar[10].radius_px;
  drag(view, view.toWidget(plate), view.toWidget(plate + Vec2(radius, 0)));
  EXPECT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  ASSERT_TRUE(window->sheet().data().analysis);
  EXPECT_LT((window->sheet().data().tracks.bar[10].p_px - plate).norm(), 1.5);
}

TEST_F(Desk, AnEmptyBarIsSaidInTheSentenceAndPointedAt) {
  FilmPlan plan = planFromSeed(3);
  plan.width_px = 960;
  plan.height_px = 540;
  plan.load_kg = 20.0;
  plan.look.someone_passes = false;
  plan.squat.reps.resize(1);
  const fs::path empty = folder / "films" / "empty.mp4";
  ASSERT_TRUE(makeFilm(plan, empty));
  std::ifstream in(truthPathFor(empty));
  const auto told = nlohmann::json::parse(in);
  const AthleteId athlete = window->addAthlete(QStringLiteral("Ylva Brekke"));
  dropOn(window->queue().laneOf(athlete), empty);
  const SetId id = window->house().sets()->front().id;
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  openByKey(id);
  auto* word = window->sheet().findChild<Word*>(QStringLiteral("word plate diameter"));
  ASSERT_NE(word, nullptr);
  word->setFocus();
  QTest::keyClick(word, Qt::Key_Return);
  auto* line = window->sheet().findChild<QLineEdit*>(QStringLiteral("word plate diameter line"));
  line->setText(QStringLiteral("an empty bar"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_EQ(window->house().loadSet(id)->edit.asked.held, Held::kEmptyBar);
  // The next thing is to point at it, and the film waits for that.
  FilmView& view = window->sheet().film();
  ASSERT_EQ(view.mode(), FilmView::Mode::kPointPlate);
  EXPECT_FALSE(window->sheet().data().analysis) << "what was taken for a plate is no bar's end";
  const auto& p = told["frames"][view.frame()]["plate_near"]["px"];
  const Vec2 end(p[0], p[1]);
  drag(view, view.toWidget(end), view.toWidget(end + Vec2(7.0, 0.0)));
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  ASSERT_TRUE(window->sheet().data().analysis) << window->sheet().data().problem.toStdString();
  EXPECT_EQ(window->sheet().data().analysis->reps.size(), 1u);
  // Taken back, the film is searched for a plate again.
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(window->house().loadSet(id)->edit.asked.held, Held::kPlates);
  EXPECT_FALSE(window->sheet().data().analysis) << "a bar's end is no plate";
  EXPECT_TRUE(window->jobs().running(id));
}

TEST_F(Desk, FTurnsTheFigureWhileItIsLaidAndElseOpensFit) {
  const SetId id = droppedAndFollowed();
  openByKey(id);
  FilmView& view = window->sheet().film();
  QTest::keyClick(&view, Qt::Key_P);
  ASSERT_EQ(view.mode(), FilmView::Mode::kPlaceFigure);
  const double toe_ahead =
      view.figure()[indexOf(Joint::kToe)]->x() - view.figure()[indexOf(Joint::kHeel)]->x();
  QTest::keyClick(&view, Qt::Key_F);
  ASSERT_TRUE(window->onSheet());
  EXPECT_LT(
      toe_ahead * (view.figure()[indexOf(Joint::kToe)]->x() - view.figure()[indexOf(Joint::kHeel)]->x()),
      0.0);
  QTest::keyClick(&view, Qt::Key_Escape);
  QTest::keyClick(&view, Qt::Key_F);
  EXPECT_TRUE(window->onFit());
  QTest::keyClick(&window->fit(), Qt::Key_Escape);
  EXPECT_TRUE(window->onSheet()) << "back to where the coach came from";
}

TEST_F(Desk, RemovingASetCanBeUndone) {
  const SetId id = droppedAndFollowed();
  SetTile* tile = window->queue().tileOf(id);
  tile->setFocus();
  QTest::keyClick(tile, Qt::Key_Delete);
  EXPECT_TRUE(window->house().sets()->empty());
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  const auto sets = window->house().sets();
  ASSERT_EQ(sets->size(), 1u);
  EXPECT_EQ(sets->front().state, SetState::kTracked);
  EXPECT_TRUE(*window->house().loadTracks(sets->front().id));
}

TEST_F(Desk, APainNoteOfFourHoldsTheLoad) {
  const SetId id = placedSheet();
  window->showQueue();
  Lane* lane = window->queue().laneOf(window->house().athletes()->front().id);
  auto* pain = lane->findChild<Word*>(QStringLiteral("word open pain note"));
  QTest::mouseClick(pain, Qt::LeftButton);
  auto* line = lane->findChild<QLineEdit*>(QStringLiteral("word open pain note line"));
  ASSERT_NE(line, nullptr);
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("5"));
  QTest::keyClick(line, Qt::Key_Return);
  ASSERT_TRUE(waitFor([&] { return window->house().athletes()->front().open_pain == 5; }, 2000));
  openByKey(id);
  EXPECT_LE(*window->sheet().data().analysis->decision.next_load_kg,
            window->sheet().data().set.edit.asked.load_kg);
  bool said = false;
  for (QLabel* l : window->sheet().findChildren<QLabel*>())
    said = said || l->text().contains(QStringLiteral("5/10"));
  EXPECT_TRUE(said);
}

TEST_F(Desk, AVanishedFilmIsSaidAndTheNumbersStay) {
  const fs::path moved = folder / "films" / "moved.mp4";
  fs::copy_file(film, moved);
  const AthleteId athlete = window->addAthlete(QStringLiteral("Odd"));
  dropOn(window->queue().laneOf(athlete), moved);
  ASSERT_TRUE(waitFor([&] { return window->jobs().idle(); }));
  fs::remove(moved);
  SetTile* tile = window->queue().tileOf(window->house().sets()->front().id);
  QTest::mouseClick(tile, Qt::LeftButton);
  ASSERT_TRUE(waitFor([&] { return window->notice().contains(QStringLiteral("moved.mp4")); }));
  EXPECT_TRUE(window->sheet().data().analysis);
}

TEST_F(Desk, BothLooksAndALargeScaleAreDrawn) {
  const SetId id = droppedAndFollowed();
  for (Look look : {Look::kDark, Look::kLight}) {
    applyLook(*qApp, look);
    openByKey(id);
    const QImage picture = window->grab().toImage();
    EXPECT_EQ(picture.pixelColor(20, picture.height() - 20), theme().sheet);
    window->showQueue();
  }
}

}  // namespace
}  // namespace mottix
