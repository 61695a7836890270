// What is measured, through the desk's windows: lines on the film, curves, measures by hand, side by side and
// two films of one set. Real mouse and key events; the house is made once and copied for each test.
#include <sys/resource.h>
#include <unistd.h>

#include <filesystem>
#include <fstream>

#include <gtest/gtest.h>
#include <qcustomplot.h>
#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPointer>
#include <QPushButton>
#include <QTableWidget>
#include <QTest>
#include <nlohmann/json.hpp>

#include "desk/finding_card.h"
#include "desk/house_window.h"
#include "desk/limit_scale.h"
#include "desk/plates_drawing.h"
#include "desk/theme.h"
#include "report/wording.h"
#include "synth/faults.h"
#include "synth/film_maker.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
constexpr int kPatienceMs = 60000;
constexpr double kFrontLater_s = 0.7;  // the front film begins so much later
constexpr double kFps = 30.0;

bool baseHas(const QString& rule, Lift lift) {
  const Rule* found = builtInRuleBook().find(rule.toStdString());
  return found != nullptr && found->isFor(lift);
}

template <typename Done>
bool waitFor(Done&& done) {
  return QTest::qWaitFor(done, kPatienceMs);
}

class MeasuredDesk : public testing::Test {
 protected:
  // A squat of two reps, the second too high, filmed from the side and from the front.
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_measured_" + std::to_string(getpid()));
    fs::create_directories(folder);
    auto house = HouseFile::open(folder / "made.mottix");
    ASSERT_TRUE(house);
    AthleteRecord record;
    record.athlete = {{}, "Runa Tveit", 2.5, 0, ""};
    record.athlete.id = *house->addAthlete(record.athlete);
    record.body = BodyFacts{1.70, 66.0, Sex::kFemale, {}, std::nullopt};
    ASSERT_TRUE(house->saveRecord(record));
    for (const View view : {View::kSide, View::kFront}) {
      FilmPlan plan = planFromSeed(2, Lift::kSquat, view);
      clearFaults(plan);
      plan.width_px = 640;
      plan.height_px = 360;
      plan.from_right = true;
      plan.yaw_deg = 2.0;
      plan.load_kg = 80.0;
      plan.look.someone_passes = false;
      RepPlan high;
      high.depth_m = -0.12;
      plan.squat.reps = {RepPlan{}, high};
      plan.squat.reps[0].depth_m = 0.09;
      plan.begins_s = view == View::kFront ? kFrontLater_s : 0.0;
      const fs::path film = folder / (view == View::kSide ? "side.mp4" : "front.mp4");
      ASSERT_TRUE(makeFilm(plan, film));
      auto clip = trackBar(film);
      ASSERT_TRUE(clip);
      SetRecord set;
      set.athlete = record.athlete.id;
      set.day = "2026-11-24";
      set.edit.asked = {Lift::kSquat, "high bar", 2,
                        80.0,         8.0,        view == View::kSide ? Facing::kRight : Facing::kUnknown,
                        450.0};
      set.edit.asked.view = view;
      TrackRecord tracks;
      tracks.version = std::string(kTrackerVersion);
      tracks.axis = clip->axis;
      tracks.tracks = clip->tracks;
      if (view == View::kSide) {
        std::ifstream in(truthPathFor(film));
        const auto truth = nlohmann::json::parse(in);
        PlacedPoints placed;
        for (Joint j :
             {Joint::kShoulder, Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe}) {
          const auto& px = truth["frames"][0]["joints"]["right_" + std::string(nameOf(j))]["px"];
          placed.joints[indexOf(j)] = Vec2(px[0], px[1]);
        }
        set.edit.placed = {placed};
        ASSERT_TRUE(trackJoints(film, *clip, loadedBar(set.edit.asked), Lift::kSquat, Facing::kRight, placed,
                                nullptr, tracks.carried));
      }
      set.clip.file = house->relativeFilm(film);
      const auto id = house->addSet(set);
      ASSERT_TRUE(id);
      ClipFacts facts = clip->facts;
      facts.file = set.clip.file;
      ASSERT_TRUE(house->saveTracks(*id, facts, tracks));
      (view == View::kSide ? side : front) = *id;
    }
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }

  void SetUp() override {
    house_path =
        folder / (std::string(testing::UnitTest::GetInstance()->current_test_info()->name()) + ".mottix");
    fs::copy_file(folder / "made.mottix", house_path);
    reopen();
    openSide();
  }
  void TearDown() override { window.reset(); }

  void reopen() {
    if (window) window->close();
    window.reset();
    auto house = HouseFile::open(house_path);
    ASSERT_TRUE(house);
    window = std::make_unique<HouseWindow>(std::move(*house), QDate(2026, 11, 24));
    window->show();
    window->activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(window.get()));
  }
  void openSide() {
    window->openSet(side);
    ASSERT_TRUE(window->sheet().data().analysis);
    ASSERT_EQ(window->sheet().data().analysis->reps.size(), 2u);
    showFrame(window->sheet().data().analysis->reps[0].turn_frame);
  }
  FilmView& film() { return window->sheet().film(); }
  const Analysis& analysis() { return *window->sheet().data().analysis; }
  void showFrame(std::size_t frame) {
    film().goTo(frame);
    film().setFocus();
    ASSERT_TRUE(waitFor([&] { return film().hasPicture() && film().shownFrame() == frame; }));
  }
  // From a menu opened by a key: so many steps down, then Return.
  void chooseByKeys(Qt::Key key, int down) {
    QTest::keyClick(&film(), key);
    auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
    ASSERT_NE(menu, nullptr);
    for (int i = 0; i < down; ++i) QTest::keyClick(menu, Qt::Key_Down);
    QTest::keyClick(menu, Qt::Key_Return);
    takeBack();
  }
  // Offscreen a closed menu does not give the keyboard back by itself.
  void takeBack() {
    window->activateWindow();
    EXPECT_TRUE(QTest::qWaitForWindowActive(window.get()));
  }
  void clickFilm(const Vec2& px) {
    QTest::mouseClick(&film(), Qt::LeftButton, {}, film().toWidget(px).toPoint());
  }
  // The film as it looks when nothing comes any more: a draft is shown before the picture itself.
  QImage settled() {
    QImage last = film().grab().toImage();
    for (int quiet = 0; quiet < 3;) {
      QTest::qWait(100);
      const QImage now = film().grab().toImage();
      quiet = now == last ? quiet + 1 : 0;
      last = now;
    }
    return last;
  }
  QPushButton* button(QWidget& in, const char* what) {
    for (QPushButton* b : in.findChildren<QPushButton*>())
      if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) return b;
    return nullptr;
  }
  bool says(const QString& text) {
    return QTest::qWaitFor(
        [&] {
          for (QLabel* l : window->sheet().findChildren<QLabel*>())
            if (l->isVisible() && l->text().contains(text)) return true;
          return false;
        },
        3000);
  }

  static inline fs::path folder;
  static inline SetId side{}, front{};
  fs::path house_path;
  std::unique_ptr<HouseWindow> window;
};

TEST_F(MeasuredDesk, LinesOnTheFilmAreChosenByKeysAndRemembered) {
  // The third of the menu: trunk and shin with their angles; then the fourth, levers; then the path, which is
  // drawn from the beginning, goes. Each changes the picture, and taken back gives it back.
  const QImage before = settled();
  for (const int line : {2, 3, 0}) {
    chooseByKeys(Qt::Key_I, line);
    EXPECT_NE(settled(), before) << line;
    chooseByKeys(Qt::Key_I, line);
    EXPECT_EQ(settled(), before) << line;
  }
  chooseByKeys(Qt::Key_I, 2);
  chooseByKeys(Qt::Key_I, 0);
  const QString chosen = film().shownLines().text();
  EXPECT_TRUE(film().shownLines().has(EvidenceLine::kAngles));
  EXPECT_FALSE(film().shownLines().has(EvidenceLine::kPath));
  reopen();
  openSide();
  EXPECT_EQ(film().shownLines().text(), chosen);
  // None of them is drawn on a film from the front, and nothing breaks.
  window->openSet(front);
  ASSERT_TRUE(waitFor([&] { return film().hasPicture(); }));
  QTest::keyClick(&film(), Qt::Key_I);
  auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
  ASSERT_NE(menu, nullptr);
  EXPECT_TRUE(menu->actions()[0]->isEnabled());
  EXPECT_FALSE(menu->actions()[2]->isEnabled());
  menu->close();
  takeBack();
}

TEST_F(MeasuredDesk, AnAngleIsMeasuredByHandUndoneAndKept) {
  const auto px = [&](Joint j) { return window->sheet().data().tracks.track(j)[film().shownFrame()].p_px; };
  chooseByKeys(Qt::Key_H, 0);
  EXPECT_EQ(film().mode(), FilmView::Mode::kMeasure);
  clickFilm(px(Joint::kAnkle));
  clickFilm(px(Joint::kToe));
  QTest::keyClick(&film(), Qt::Key_Backspace);  // not there
  clickFilm(px(Joint::kKnee));
  clickFilm(px(Joint::kHip));
  EXPECT_EQ(film().mode(), FilmView::Mode::kWatch);
  ASSERT_EQ(window->sheet().data().set.edit.drawn.size(), 1u);
  const auto value = estimateDrawn(window->sheet().data().set.edit.drawn[0], window->sheet().data().tracks,
                                   analysis().camera, analysis().camera_errors);
  ASSERT_TRUE(value);
  const Measure* flexion = findMeasure(analysis().measures, MeasureId::kKneeFlexionTurn, 1);
  EXPECT_NEAR(180.0 - value->value, flexion->value.value, 8.0);  // a straight knee measures 180 by hand
  EXPECT_TRUE(says(QStringLiteral("angle ") + withError(*value, "deg")));
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->sheet().data().set.edit.drawn.empty());
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
  reopen();
  openSide();
  EXPECT_EQ(window->sheet().data().set.edit.drawn.size(), 1u);
  showFrame(0);
  ASSERT_NE(button(window->sheet(), "show drawn"), nullptr);
  QTest::mouseClick(button(window->sheet(), "show drawn"), Qt::LeftButton);
  EXPECT_EQ(film().frame(), analysis().reps[0].turn_frame);
  QTest::mouseClick(button(window->sheet(), "remove drawn"), Qt::LeftButton);
  EXPECT_TRUE(window->sheet().data().set.edit.drawn.empty());
}

TEST_F(MeasuredDesk, ATimeIsMeasuredBetweenTwoPictures) {
  chooseByKeys(Qt::Key_H, 4);
  clickFilm({320, 180});
  for (int i = 0; i < 6; ++i) QTest::keyClick(&film(), Qt::Key_Right);
  ASSERT_TRUE(waitFor([&] { return film().shownFrame() == film().frame(); }));
  clickFilm({320, 180});
  ASSERT_EQ(window->sheet().data().set.edit.drawn.size(), 1u);
  EXPECT_TRUE(says(QStringLiteral("time between 0.20 ± 0.01 s")));
  // Points on each other are no distance, and Esc leaves without one.
  chooseByKeys(Qt::Key_H, 2);
  clickFilm({320, 180});
  clickFilm({320, 180});
  EXPECT_EQ(window->sheet().data().set.edit.drawn.size(), 1u);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("farther apart")));
  chooseByKeys(Qt::Key_H, 2);
  QTest::keyClick(&film(), Qt::Key_Escape);
  EXPECT_EQ(film().mode(), FilmView::Mode::kWatch);
}

TEST_F(MeasuredDesk, CurvesAndFilmMoveEachOther) {
  QTest::keyClick(&film(), Qt::Key_C);
  CurvesView& view = window->sheet().curves();
  ASSERT_TRUE(view.isVisible());
  ASSERT_TRUE(view.choose(QStringLiteral("knee_flexion")));
  QCustomPlot& plot = *view.plot();
  plot.replot(QCustomPlot::rpImmediateRefresh);
  const auto& time = window->sheet().data().tracks.time_s;
  const std::size_t wanted = analysis().reps[1].turn_frame;
  const int x = static_cast<int>(std::lround(plot.xAxis->coordToPixel(time[wanted])));
  QTest::mouseClick(&plot, Qt::LeftButton, {}, QPoint(x, plot.axisRect()->center().y()));
  EXPECT_NEAR(static_cast<double>(film().frame()), static_cast<double>(wanted), 2.0);
  // And the film moves the mark and the words.
  film().goTo(wanted);
  auto* about = view.findChild<QLabel*>(QStringLiteral("about curve"));
  const CurvePoint there = computeCurve(analysis().on->input, CurveId::kKneeBend)[wanted];
  EXPECT_TRUE(about->text().contains(withError(there.value, "deg"))) << about->text().toStdString();
  QTest::keyClick(&plot, Qt::Key_Right);
  EXPECT_EQ(film().frame(), wanted + 1);

  // Against the bar's height a click goes to the nearest place of any rep.
  QPushButton* by_height = nullptr;
  for (QPushButton* b : view.findChildren<QPushButton*>())
    if (b->property("what").toInt() == 1 && b->isCheckable()) by_height = b;
  ASSERT_NE(by_height, nullptr);
  QTest::mouseClick(by_height, Qt::LeftButton);
  EXPECT_EQ(view.against(), CurvesView::Against::kHeight);
  const auto height = computeCurve(analysis().on->input, CurveId::kBarHeight);
  const std::size_t low = analysis().reps[0].turn_frame;
  const auto knee = computeCurve(analysis().on->input, CurveId::kKneeBend);
  QTest::mouseClick(&plot, Qt::LeftButton, {},
                    QPointF(plot.xAxis->coordToPixel(height[low].value.value),
                            plot.yAxis->coordToPixel(knee[low].value.value))
                        .toPoint());
  EXPECT_EQ(window->sheet().data().repAt(film().frame())->number, 1);

  // A measure stands against the rep with its error.
  ASSERT_TRUE(view.choose(QStringLiteral("depth_margin")));
  view.setAgainst(CurvesView::Against::kRep);
  const Measure* second = findMeasure(analysis().measures, MeasureId::kDepthMargin, 2);
  QTest::mouseClick(
      &plot, Qt::LeftButton, {},
      QPointF(plot.xAxis->coordToPixel(2.0), plot.yAxis->coordToPixel(second->value.value)).toPoint());
  EXPECT_EQ(film().frame(), second->frame);
  EXPECT_TRUE(about->text().contains(withError(second->value, "cm")));
  QTest::keyClick(&view, Qt::Key_Escape);
  EXPECT_FALSE(view.isVisible());
}

TEST_F(MeasuredDesk, CurvesOfMomentsNeedTheLiftersWeight) {
  QTest::keyClick(&film(), Qt::Key_C);
  CurvesView& view = window->sheet().curves();
  ASSERT_TRUE(view.choose(QStringLiteral("hip_moment")));
  auto* about = view.findChild<QLabel*>(QStringLiteral("about curve"));
  EXPECT_TRUE(about->text().contains(QStringLiteral("N m"))) << about->text().toStdString();
  // Keys choose another one.
  view.what()->setFocus();
  const int before = view.what()->currentIndex();
  QTest::keyClick(view.what(), Qt::Key_Up);
  EXPECT_EQ(view.what()->currentIndex(), before - 1);
}

TEST_F(MeasuredDesk, TwoRepsSideBySideGoByHeight) {
  QTest::keyClick(&film(), Qt::Key_Y);
  ASSERT_TRUE(window->onBeside());
  BesideView& beside = window->beside();
  EXPECT_EQ(beside.left(), beside.right());
  EXPECT_EQ(beside.rep(0)->currentData().toInt(), 1);
  EXPECT_EQ(beside.rep(1)->currentData().toInt(), 2);
  const Analysis a = analysis();
  beside.film(0).setFocus();
  beside.film(0).goTo(a.reps[0].turn_frame);
  EXPECT_EQ(beside.film(1).frame(), a.reps[1].turn_frame);
  for (int i = 0; i < 12; ++i) QTest::keyClick(&beside.film(0), Qt::Key_Right);
  EXPECT_GT(beside.film(1).frame(), a.reps[1].turn_frame);
  beside.film(1).goTo(a.reps[1].turn_frame);  // and the other way round
  EXPECT_EQ(beside.film(0).frame(), a.reps[0].turn_frame);
  // The second rep is too high by far: the sentence says so, the table has it with its error.
  EXPECT_TRUE(beside.said().contains(QStringLiteral("less"))) << beside.said().toStdString();
  bool depth = false;
  for (int r = 0; r < beside.table()->rowCount(); ++r)
    if (beside.table()->item(r, 0)->data(Qt::UserRole) == QLatin1String("hip_below_knee")) {
      depth = true;
      EXPECT_TRUE(beside.table()->item(r, 3)->text().startsWith(QStringLiteral("›")));
      QTest::mouseClick(beside.table()->viewport(), Qt::LeftButton, {},
                        beside.table()->visualItemRect(beside.table()->item(r, 0)).center());
    }
  EXPECT_TRUE(depth);
  EXPECT_EQ(beside.film(0).frame(), a.reps[0].turn_frame);
  // One rep against itself, and a rep against a set, are asked back.
  beside.rep(1)->setCurrentIndex(beside.rep(1)->findData(1));
  EXPECT_TRUE(beside.said().contains(QStringLiteral("Choose two reps")));
  beside.rep(1)->setCurrentIndex(0);
  EXPECT_TRUE(beside.said().contains(QStringLiteral("both sides")));
  QTest::keyClick(&beside.film(0), Qt::Key_Escape);
  EXPECT_TRUE(window->onSheet());
  // Closed while two films are beside each other, the program comes back to the set.
  QTest::keyClick(&film(), Qt::Key_Y);
  ASSERT_TRUE(window->onBeside());
  reopen();
  EXPECT_TRUE(window->onSheet());
  EXPECT_EQ(window->sheet().current(), side);
}

TEST_F(MeasuredDesk, TwoFilmsOfOneSetAreShownAndJudgedTogether) {
  QTest::keyClick(&film(), Qt::Key_Y);
  BesideView& beside = window->beside();
  beside.rightSet()->setCurrentIndex(beside.rightSet()->findData(static_cast<qlonglong>(front)));
  EXPECT_EQ(beside.right(), front);
  EXPECT_FALSE(beside.ofOneMoment());
  QTest::keyClick(&beside.film(0), Qt::Key_Y);
  ASSERT_TRUE(beside.ofOneMoment()) << window->notice().toStdString();
  auto later = [&] { return window->house().loadSet(side)->edit.other_film->later_s; };
  EXPECT_NEAR(later(), -kFrontLater_s, 1.0 / kFps);
  const std::size_t turn = analysis().reps[1].turn_frame;
  beside.film(0).goTo(turn);
  EXPECT_NEAR(static_cast<double>(beside.film(1).frame()), static_cast<double>(turn) - kFrontLater_s * kFps,
              1.5);
  // By hand, a picture at a time.
  const double before = later();
  QTest::keyClick(&beside.film(0), Qt::Key_Period);
  EXPECT_NEAR(later(), before + 1.0 / kFps, 1e-3);
  EXPECT_TRUE(window->house().loadSet(side)->edit.other_film->by_hand);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_NEAR(later(), before, 1e-9);
  EXPECT_TRUE(beside.ofOneMoment());
  // The sheet of either knows of the other.
  QTest::keyClick(&beside.film(0), Qt::Key_Escape);
  ASSERT_TRUE(window->onSheet());
  ASSERT_TRUE(window->sheet().data().other);
  EXPECT_EQ(window->sheet().data().other->set, front);
  window->openSet(front);
  ASSERT_TRUE(window->sheet().data().other);
  EXPECT_EQ(window->sheet().data().other->set, side);
  // What only the side shows is judged on the front's sheet as well: the second rep is high.
  EXPECT_TRUE(says(QStringLiteral("Also seen from the right")));
  bool high = false;
  for (FindingCard* card : window->sheet().findChildren<FindingCard*>())
    if (card->isVisible() && QString::fromStdString(card->finding().rule).contains(QStringLiteral("high"))) {
      high = true;
      film().goTo(0);
      emit card->opened(card->finding());
      EXPECT_GT(film().frame(), 0u);
    }
  EXPECT_TRUE(high);
  // Taken apart again from this side.
  QTest::keyClick(&film(), Qt::Key_Y);
  ASSERT_TRUE(window->beside().ofOneMoment());
  QTest::keyClick(&window->beside().film(0), Qt::Key_Y);
  EXPECT_FALSE(window->beside().ofOneMoment());
  EXPECT_FALSE(window->house().loadSet(side)->edit.other_film);
  // Undone on the front's sheet: it shows at once what the side's set knows.
  QTest::keyClick(&window->beside().film(0), Qt::Key_Escape);
  EXPECT_FALSE(window->sheet().data().other);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->house().loadSet(side)->edit.other_film);
  EXPECT_TRUE(window->sheet().data().other);
}

template <typename Widget = QPushButton>
Widget* withWhat(QWidget& in, const QString& what) {
  Widget* found = nullptr;
  (void)QTest::qWaitFor(  // what was just added is shown by and by
      [&] {
        found = nullptr;
        for (Widget* w : in.findChildren<Widget*>())
          if (w->property("what").toString() == what && w->isVisibleTo(&in)) found = w;
        // Laid out, too: a piece that was just shown has no height yet.
        return found != nullptr && found->height() >= found->minimumSizeHint().height();
      },
      1000);
  return found;
}

TEST_F(MeasuredDesk, TheHouseBookMovesALimitAndSaysWhatThatChanges) {
  QTest::keyClick(window.get(), Qt::Key_B, Qt::ControlModifier);
  ASSERT_TRUE(window->onBook());
  HouseBookView& book = window->book();
  ASSERT_TRUE(waitFor([&] { return book.ready(); }));
  auto* rules = book.findChild<QListWidget*>(QStringLiteral("rules"));
  ASSERT_NE(rules, nullptr);
  for (int k = 0; k < rules->count(); ++k)
    if (rules->item(k)->data(Qt::UserRole).toString() == QLatin1String("squat.high"))
      QTest::mouseClick(rules->viewport(), Qt::LeftButton, {},
                        rules->visualItemRect(rules->item(k)).center());
  EXPECT_EQ(book.rule(), QStringLiteral("squat.high"));
  EXPECT_TRUE(book.effect().contains(QStringLiteral("on 1 of"))) << book.effect().toStdString();

  // Big first, so that the limit has room; what it would change is said while it is held.
  LimitScale& scale = book.scale();
  const auto at = [&](double v) { return QPoint(static_cast<int>(scale.xOf(v)), 70); };
  QTest::mousePress(&scale, Qt::LeftButton, {}, at(scale.big()));
  const QPoint far_right(scale.width() - 41, 70);  // beyond every set
  QTest::mouseMove(&scale, far_right);
  EXPECT_TRUE(book.effect().contains(QStringLiteral("changes 1 of"))) << book.effect().toStdString();
  EXPECT_FALSE(book.layer()) << "not before it is let go of";
  QTest::mouseRelease(&scale, Qt::LeftButton, {}, far_right);
  ASSERT_TRUE(book.layer());
  EXPECT_GT(*book.layer()->changes[0].big, 10.0);
  EXPECT_FALSE(window->house().houseBook()->rules.empty());

  // The set is judged so on its sheet, and says whose number it is.
  ASSERT_NE(withWhat(book, QStringLiteral("open set")), nullptr);
  QTest::mouseClick(withWhat(book, QStringLiteral("open set")), Qt::LeftButton);
  ASSERT_TRUE(window->onSheet());
  const auto high = [&]() -> const Finding* {
    for (const Finding& f : window->sheet().data().analysis->findings)
      if (f.rule == "squat.high") return &f;
    return nullptr;
  };
  ASSERT_NE(high(), nullptr);
  EXPECT_EQ(high()->severity, Severity::kSmall);

  // Keys do the same, and undo takes it back one by one.
  QTest::keyClick(window.get(), Qt::Key_B, Qt::ControlModifier);
  ASSERT_TRUE(waitFor([&] { return book.ready(); }));
  const double before = book.scale().limit();
  book.scale().setFocus();
  QTest::keyClick(&book.scale(), Qt::Key_Right);
  EXPECT_GT(book.scale().limit(), before);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_DOUBLE_EQ(book.scale().limit(), before);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_FALSE(book.layer());
  EXPECT_TRUE(window->house().houseBook()->rules.empty());
  QTest::keyClick(&book, Qt::Key_Escape);
  ASSERT_TRUE(window->onSheet());
  EXPECT_EQ(high()->severity, Severity::kBig);
}

TEST_F(MeasuredDesk, TheHouseBookIsTakenOutAndBroughtIn) {
  window->openBook();
  HouseBookView& book = window->book();
  ASSERT_TRUE(waitFor([&] { return book.ready(); }));
  book.showRule(QStringLiteral("squat.dive"));
  QTest::mouseClick(withWhat(book, QStringLiteral("force")), Qt::LeftButton);
  ASSERT_TRUE(book.layer());
  EXPECT_TRUE(book.layer()->changes[0].off.value_or(false));
  const QString file = QString::fromStdString((folder / "house.toml").string());
  book.takeOut(file);
  QTest::mouseClick(withWhat(book, QStringLiteral("reset")), Qt::LeftButton);
  EXPECT_FALSE(book.layer());
  book.bringIn(file);
  ASSERT_TRUE(book.layer());
  EXPECT_EQ(book.layer()->changes[0].rule, "squat.dive");
  // A file that is wrong changes nothing and is named, with the line.
  QFile broken(file);
  ASSERT_TRUE(broken.open(QIODevice::WriteOnly));
  broken.write("name = \"x\"\nover = \"moon\"\n");
  broken.close();
  book.bringIn(file);
  EXPECT_EQ(book.layer()->changes.size(), 1u);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("house.toml, line")))
      << window->notice().toStdString();
  QTest::mouseClick(withWhat(book, QStringLiteral("reset all")), Qt::LeftButton);
  EXPECT_FALSE(book.layer());
  for (const Lift lift : {Lift::kBench, Lift::kDeadlift, Lift::kSquat}) {
    QTest::mouseClick(withWhat(book, liftWords(lift)), Qt::LeftButton);
    EXPECT_EQ(book.lift(), lift);
    EXPECT_TRUE(baseHas(book.rule(), lift)) << book.rule().toStdString();
  }
}

TEST_F(MeasuredDesk, OwnCuesAndCausesGoOutAndComeInWithTheBook) {
  window->openBook();
  HouseBookView& book = window->book();
  book.showRule(QStringLiteral("squat.high"));
  QTest::mouseClick(withWhat(book, QStringLiteral("strike cause")), Qt::LeftButton);
  auto* line = book.findChildren<QLineEdit*>(QStringLiteral("own cue")).last();
  QTest::keyClicks(line, QStringLiteral("Down to the box"));
  QTest::keyClick(line, Qt::Key_Return);
  auto* cause = book.findChildren<QLineEdit*>(QStringLiteral("own cause")).last();
  QTest::keyClicks(cause, QStringLiteral("cold: warm up longer"));
  QTest::keyClick(cause, Qt::Key_Return);
  const HouseBook before = *window->house().houseBook();
  const QString file = QString::fromStdString((folder / "all.toml").string());
  book.takeOut(file);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("all.cues.toml, all.causes.toml")))
      << window->notice().toStdString();
  for (int k = 0; k < 3; ++k) QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(*window->house().houseBook(), HouseBook{});
  for (const char* name : {"all.cues.toml", "all.causes.toml"})
    book.bringIn(QString::fromStdString((folder / name).string()));
  EXPECT_EQ(*window->house().houseBook(), before);
  std::ofstream(folder / "bad.toml") << "[[cause]]\nid = \"a\"\n";
  book.bringIn(QString::fromStdString((folder / "bad.toml").string()));
  EXPECT_TRUE(window->notice().contains(QStringLiteral("bad.toml, line"))) << window->notice().toStdString();
  EXPECT_EQ(*window->house().houseBook(), before);
}

TEST_F(MeasuredDesk, ASchoolsNumbersAreChangedForThoseItJudges) {
  window->openBook();
  HouseBookView& book = window->book();
  ASSERT_TRUE(waitFor([&] { return book.ready(); }));
  book.showRule(QStringLiteral("squat.hips_first"));
  const double for_all = book.scale().limit();
  QTest::mouseClick(withWhat(book, QStringLiteral("change school")), Qt::LeftButton);
  const double of_school = book.scale().limit();
  EXPECT_NE(of_school, for_all) << "the school's own number is shown";
  book.scale().setFocus();
  QTest::keyClick(&book.scale(), Qt::Key_Right);
  ASSERT_TRUE(book.layer());
  ASSERT_EQ(book.layer()->changes.size(), 1u);
  EXPECT_FALSE(book.layer()->changes[0].school.empty());
  EXPECT_GT(book.scale().limit(), of_school);
  book.showFor({});
  EXPECT_DOUBLE_EQ(book.scale().limit(), for_all) << "nothing is changed for everybody";
  EXPECT_EQ(withWhat(book, QStringLiteral("reset")), nullptr);
  book.showFor(book.layer()->changes[0].school);
  QTest::mouseClick(withWhat(book, QStringLiteral("reset")), Qt::LeftButton);
  EXPECT_FALSE(book.layer());
  EXPECT_DOUBLE_EQ(book.scale().limit(), of_school);
}

TEST_F(MeasuredDesk, CausesAreStruckPutBackAndAdded) {
  window->openBook();
  HouseBookView& book = window->book();
  book.showRule(QStringLiteral("squat.high"));
  QTest::mouseClick(withWhat(book, QStringLiteral("strike cause")), Qt::LeftButton);
  EXPECT_FALSE(window->house().houseBook()->causes.empty());
  auto* line = book.findChildren<QLineEdit*>(QStringLiteral("own cause")).last();
  QTest::keyClicks(line, QStringLiteral("shoes left at home"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("a colon"))) << window->notice().toStdString();
  QTest::keyClicks(line, QStringLiteral(": plates under the heels"));
  QTest::keyClick(line, Qt::Key_Return);
  const auto causes = parseHouseCauses(window->house().houseBook()->causes, "own");
  ASSERT_TRUE(causes && causes->own.size() == 1u && causes->off.size() == 1u);
  EXPECT_EQ(causes->own[0].title, "shoes left at home");
  EXPECT_EQ(causes->own[0].next_set, "plates under the heels");
  // The sheet offers what the house looks for.
  window->openSet(side);
  QPushButton* open = nullptr;
  ASSERT_TRUE(
      waitFor([&] { return (open = withWhat(window->sheet(), QStringLiteral("causes"))) != nullptr; }));
  QTest::mouseClick(open, Qt::LeftButton);
  bool offered = false;
  for (const QLabel* l : window->sheet().findChildren<QLabel*>())
    offered |= l->text().contains(QStringLiteral("hoes left at home"));
  EXPECT_TRUE(offered);
  window->openBook();
  QTest::mouseClick(withWhat(book, QStringLiteral("remove cause")), Qt::LeftButton);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(parseHouseCauses(window->house().houseBook()->causes, "own")->own.size(), 1u);
}

SetMaterial materialFor(const HouseFile& house, SetId id) {
  const SetRecord set = *house.loadSet(id);
  return {
      set, *house.loadRecord(set.athlete), *house.loadTracks(id), house.path(), {}, {}, builtInCauseBook()};
}

TEST_F(MeasuredDesk, OfASetThatIsJudgedAnewTheLastWishCounts) {
  const int nice = getpriority(PRIO_PROCESS, 0);
  JudgingJobs jobs;
  std::vector<std::pair<SetId, double>> judged;
  QObject::connect(&jobs, &JudgingJobs::judged, [&](const std::shared_ptr<SetSeen>& seen) {
    EXPECT_TRUE(seen->analysis && *seen->analysis);
    ASSERT_TRUE(seen->past);
    EXPECT_EQ(seen->past->size(), window->house().results()->size()) << "read from the house";
    judged.emplace_back(seen->set.id, seen->set.edit.asked.load_kg);
  });
  SetMaterial work = materialFor(window->house(), side);
  for (const double kg : {60.0, 70.0, 90.0}) {
    work.set.edit.asked.load_kg = kg;
    jobs.start(work);
  }
  jobs.start(materialFor(window->house(), front));
  EXPECT_TRUE(jobs.running(side));
  EXPECT_TRUE(jobs.running(front));
  EXPECT_TRUE(judged.empty()) << "nothing comes before the window turns to it";
  jobs.finish();
  EXPECT_FALSE(jobs.running(side));
  EXPECT_FALSE(jobs.running(front));
  EXPECT_EQ(judged, (std::vector<std::pair<SetId, double>>{{side, 90.0}, {front, 80.0}}));
  EXPECT_EQ(getpriority(PRIO_PROCESS, 0), nice) << "only what is behind the window gives way";
  // By itself, too.
  jobs.start(work);
  EXPECT_TRUE(waitFor([&] { return judged.size() == 3; }));
  QTest::qWait(20);
  EXPECT_EQ(judged.size(), 3u) << "each once";
}

TEST_F(MeasuredDesk, WhatIsSaidStandsAtOnceAndWhatFollowsComesAfter) {
  SetSheet& sheet = window->sheet();
  int changes = 0;
  QObject::connect(&sheet, &SetSheet::changed, [&] { ++changes; });
  auto* load = sheet.findChild<Word*>(QStringLiteral("word load"));
  ASSERT_NE(load, nullptr);
  const auto say = [&](const char* kg) {
    QTest::mouseClick(load, Qt::LeftButton);
    auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget());
    ASSERT_NE(line, nullptr);
    line->selectAll();
    QTest::keyClicks(line, QString::fromLatin1(kg));
    QTest::keyClick(line, Qt::Key_Return);
  };
  const std::optional<double> before = analysis().decision.next_load_kg;
  ASSERT_TRUE(before);
  say("100");
  say("120");
  EXPECT_EQ(load->text(), QStringLiteral("120 kg"));
  EXPECT_EQ(changes, 0) << "nobody is told before it has been judged";
  ASSERT_TRUE(waitFor([&] { return changes > 0; }));
  EXPECT_EQ(changes, 1) << "the 100 kg were judged for nothing";
  EXPECT_GT(*analysis().decision.next_load_kg, *before);

  // The sheet is left, or the house closed, meanwhile: it is kept all the same.
  const auto kept = [&] {
    const auto results = window->house().results({});
    for (const StoredResult& r : *results)
      if (r.set.id == side) return r.found;
    return std::vector<std::string>{"no result"};
  };
  ASSERT_FALSE(kept().empty());
  SetEdit edit = window->house().loadSet(side)->edit;
  edit.overruled = {{kept().front(), "seen from too high"}};
  sheet.apply(side, edit);
  QTest::keyClick(&sheet, Qt::Key_Escape);
  ASSERT_FALSE(window->onSheet());
  ASSERT_TRUE(waitFor([&] { return changes > 1; }));
  EXPECT_TRUE(kept().empty());
  edit.overruled.clear();
  sheet.apply(side, edit);
  reopen();
  EXPECT_FALSE(kept().empty());

  // Taken out of the house meanwhile.
  window->openSet(side);
  window->removeSet(side);
  window->sheet().settle();
  EXPECT_FALSE(window->house().loadSet(side));
  EXPECT_EQ(window->notice(), QString());
}

TEST_F(MeasuredDesk, WhatIsKnownOfAnAthleteIsReadBehindTheWindow) {
  // Somebody with a set of which only the numbers were kept.
  HouseFile& house = window->house();
  const AthleteId other = *house.addAthlete({{}, "Somebody else", 2.5, 0, ""});
  SetRecord logged = *house.loadSet(side);
  logged.athlete = other;
  logged.clip = {};
  logged.state = SetState::kReviewed;
  logged.edit = {};
  logged.edit.asked = house.loadSet(side)->edit.asked;
  const SetId id = *house.addSet(logged);
  ASSERT_TRUE(house.saveResults(id, analysis(), builtInRuleBook()));
  const auto says = [&](const QString& words) {  // not asked of the sheet, which would wait
    const auto labels = window->findChildren<QLabel*>();
    return std::any_of(labels.begin(), labels.end(),
                       [&](const QLabel* l) { return l->text().contains(words); });
  };
  window->openSet(id);
  EXPECT_TRUE(says(QStringLiteral("Reading the log")));
  EXPECT_FALSE(says(QStringLiteral("Not measured"))) << "before anybody has looked";
  ASSERT_TRUE(waitFor([&] { return says(QStringLiteral("film of this set was not kept")); }));
  EXPECT_FALSE(says(QStringLiteral("Reading the log")));
  // From then on it is known at once.
  window->showQueue();
  window->openSet(id);
  EXPECT_TRUE(says(QStringLiteral("film of this set was not kept")));
  // And so is what the other one has.
  window->openSet(side);
  EXPECT_TRUE(window->sheet().data().analysis);
  EXPECT_EQ(window->notice(), QString());
}

TEST_F(MeasuredDesk, ASetThatIsRemovedIsNoLongerPartOfWhatIsUsual) {
  HouseFile& house = window->house();
  SetRecord before = *house.loadSet(side);
  before.day = "2026-11-01";
  before.clip = {};
  const int like = window->sheet().data().by.like_sets;
  const SetId id = *house.addSet(before);
  ASSERT_TRUE(house.saveResults(id, analysis(), builtInRuleBook()));
  window->sheet().forgetLog();
  window->openSet(side);
  EXPECT_EQ(window->sheet().data().by.like_sets, like + 1);
  window->showQueue();
  window->removeSet(id);
  window->openSet(side);
  EXPECT_EQ(window->sheet().data().by.like_sets, like);
}

TEST_F(MeasuredDesk, TheQueueIsMadeAnewWhenSomethingWasWritten) {
  window->sheet().settle();
  window->showQueue();
  QPointer<SetTile> tile = window->queue().tileOf(side);
  ASSERT_TRUE(tile);
  tile->setFocus();
  window->openToday();
  QTest::keyClick(&window->today(), Qt::Key_Escape);
  ASSERT_TRUE(window->queue().isVisible());
  EXPECT_EQ(window->queue().tileOf(side), tile);
  EXPECT_TRUE(tile->hasFocus()) << "where the coach was";
  window->openToday();
  // By another program, too.
  auto beside = HouseFile::openAgain(window->house().path());
  ASSERT_TRUE(beside);
  SetRecord set = *beside->loadSet(side);
  set.edit.asked.load_kg = 61.0;
  ASSERT_TRUE(beside->saveEdit(side, set.edit, set.state));
  QTest::keyClick(&window->today(), Qt::Key_Escape);
  ASSERT_TRUE(window->queue().isVisible());
  SetTile* now = window->queue().tileOf(side);
  ASSERT_NE(now, nullptr);
  EXPECT_EQ(now->record().edit.asked.load_kg, 61.0);
  EXPECT_TRUE(now->hasFocus());
}

TEST_F(MeasuredDesk, TheSheetSaysWhatToHangOnTheBar) {
  window->openSet(side);
  SetSheet& sheet = window->sheet();
  auto* plates = sheet.findChild<PlatesDrawing*>();
  auto* words = sheet.findChild<QLabel*>(QStringLiteral("plates words"));
  const auto decide = [&](const char* kg) {
    QTest::keyClick(&sheet.film(), Qt::Key_E);
    auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget());
    ASSERT_NE(line, nullptr);
    line->selectAll();
    QTest::keyClicks(line, QString::fromLatin1(kg));
    QTest::keyClick(line, Qt::Key_Return);
  };
  decide("82.5");
  sheet.settle();
  ASSERT_TRUE(plates->loading());
  EXPECT_EQ(plates->loading()->total, Mass::ofKg(82.5));
  EXPECT_EQ(words->text(), QStringLiteral("25 + 5 + 1.25 a side."));
  // The steps up to it, by a key.
  sheet.film().setFocus();
  QTest::keyClick(&sheet.film(), Qt::Key_Q);
  QMenu* menu = nullptr;
  ASSERT_TRUE(waitFor([&] {
    for (QMenu* m : sheet.findChildren<QMenu*>())
      if (m->isVisible()) menu = m;
    return menu != nullptr;
  }));
  const auto steps = menu->actions();
  EXPECT_EQ(steps.front()->text(), QStringLiteral("5 × 20 kg: The bar alone"));
  EXPECT_EQ(steps.back()->text(), QStringLiteral("then 82.5 kg: 25 + 5 + 1.25 a side"));
  EXPECT_GE(steps.size(), 5);
  menu->close();
  // The house has other plates: the nearest that they make, and by how much it is off.
  HouseBook book;
  book.gear = "[[bar]]\nname = \"bar\"\nkg = 20\n[[plate]]\nkg = 15\ncount = 4\n";
  window->book().put(book);
  sheet.open(side);
  EXPECT_EQ(words->text(), QStringLiteral("15 + 15 a side; 2.5 kg less than that."));
  EXPECT_EQ(plates->accessibleName() + QLatin1Char('.'), words->text());
}

TEST_F(MeasuredDesk, AnOwnCueIsKeptAndOffered) {
  window->openBook();
  HouseBookView& book = window->book();
  book.showRule(QStringLiteral("squat.high"));
  auto* line = book.findChild<QLineEdit*>(QStringLiteral("own cue"));
  ASSERT_NE(line, nullptr);
  QTest::keyClicks(line, QStringLiteral("Down to the fell"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_FALSE(window->house().houseBook()->cues.empty());
  EXPECT_TRUE(window->notice().isEmpty()) << window->notice().toStdString();
  ASSERT_NE(withWhat(book, QStringLiteral("remove cue")), nullptr);
  openSide();
  bool offered = false;
  for (int k = 0; k < 12 && !offered; ++k) {
    for (QLabel* l : window->sheet().findChildren<QLabel*>())
      offered |= l->text().contains(QStringLiteral("Down to the fell"));
    QTest::keyClick(&window->sheet(), Qt::Key_O);
  }
  EXPECT_TRUE(offered);
  window->openBook();
  QTest::mouseClick(withWhat(book, QStringLiteral("remove cue")), Qt::LeftButton);
  EXPECT_TRUE(window->house().houseBook()->cues.empty());
}

TEST_F(MeasuredDesk, ACueIsSaidWhileTheHousesBookIsToBeReadAgain) {
  window->sheet().forgetLog();
  QTest::keyClick(&film(), Qt::Key_O);
  QTest::keyClick(&film(), Qt::Key_S);
  EXPECT_FALSE(window->house().loadSet(side)->edit.cue.empty());
}

TEST_F(MeasuredDesk, ACauseThatIsConfirmedDecidesTheLoad) {
  SetSheet& sheet = window->sheet();
  const auto press = [&](const QString& what) {
    sheet.settle();
    QPushButton* b = withWhat(sheet, what);
    ASSERT_NE(b, nullptr) << what.toStdString();
    QTest::mouseClick(b, Qt::LeftButton);
  };
  press(QStringLiteral("causes"));
  press(QStringLiteral("confirm squat.high.too_heavy"));
  EXPECT_EQ(window->house().loadSet(side)->edit.causes.at("squat.high.too_heavy"), true);
  EXPECT_EQ(sheet.data().analysis->decision.action, LoadAction::kRepair);
  press(QStringLiteral("take back squat.high.too_heavy"));
  EXPECT_TRUE(window->house().loadSet(side)->edit.causes.empty());
  press(QStringLiteral("causes"));
  press(QStringLiteral("strike out squat.high.too_heavy"));
  EXPECT_EQ(window->house().loadSet(side)->edit.causes.at("squat.high.too_heavy"), false);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->house().loadSet(side)->edit.causes.empty());
}

TEST_F(MeasuredDesk, TheSheetSaysByWhomItIsJudged) {
  const auto said = [&] {
    const auto all = window->sheet().findChildren<QLabel*>(QStringLiteral("judged by"));
    return all.isEmpty() ? QString() : all.last()->text();  // those before are about to go
  };
  EXPECT_TRUE(said().startsWith(QStringLiteral("Judged by the base."))) << said().toStdString();
  AthleteRecord who = *window->house().loadRecord(window->sheet().data().athlete.id);
  who.athlete.profile.squat = SquatSchool::kKneeSparing;
  ASSERT_TRUE(window->house().saveRecord(who));
  openSide();
  EXPECT_TRUE(said().contains(QStringLiteral("knee-sparing squat"))) << said().toStdString();
  EXPECT_EQ(window->sheet().data().by.book.find("squat.high")->school, "knee-sparing");
}

TEST_F(MeasuredDesk, TwoSchoolsJudgeOneSetBesideEachOther) {
  window->openSet(side);
  SetSheet& sheet = window->sheet();
  QTest::keyClick(&sheet.film(), Qt::Key_J);
  SchoolsView& view = sheet.schools();
  ASSERT_TRUE(view.isVisible());
  EXPECT_EQ(QApplication::focusWidget(), view.choice(1));
  EXPECT_EQ(view.choice(0)->currentData().toString(), QString()) << "as she is judged: by the base";
  // One that lets depth be limited for a time says nothing of the high rep.
  const int at = view.choice(1)->findData(QStringLiteral("depth-for-a-time"));
  ASSERT_GE(at, 0);
  const auto choose = [&](std::size_t which) {
    view.choice(which)->setFocus();
    QTest::keyClick(view.choice(which), Qt::Key_Home);
    for (int k = 0; k < view.choice(which)->count(); ++k)
      if (view.choice(which)->currentData().toString() != QStringLiteral("depth-for-a-time"))
        QTest::keyClick(view.choice(which), Qt::Key_Down);
  };
  choose(1);
  ASSERT_EQ(view.choice(1)->currentIndex(), at);
  const auto high = std::find_if(view.events().begin(), view.events().end(),
                                 [](const EventByTwo& e) { return e.event == "squat.high"; });
  ASSERT_NE(high, view.events().end());
  EXPECT_TRUE(high->differs());
  EXPECT_TRUE(high->is[0]);
  EXPECT_TRUE(view.text().contains(QStringLiteral("They differ")));
  EXPECT_TRUE(view.text().contains(QStringLiteral("The load")));
  sheet.film().goTo(0);
  QPushButton* show = nullptr;
  ASSERT_TRUE(waitFor([&] {
    return (show = withWhat<QPushButton>(window->sheet(), QStringLiteral("show of school"))) != nullptr;
  }));
  QTest::mouseClick(show, Qt::LeftButton);
  EXPECT_EQ(sheet.film().frame(), high->is[0]->frame);
  // By itself it says the same as itself.
  choose(0);
  EXPECT_TRUE(view.text().contains(QStringLiteral("They say the same of this set.")))
      << view.text().toStdString();
  QTest::keyClick(&view, Qt::Key_Escape);
  EXPECT_FALSE(view.isVisible());
}

}  // namespace
}  // namespace mottix
