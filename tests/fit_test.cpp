// Fit through its windows: a body typed in, a screen done, the figure pulled, set-ups kept and compared, the
// card written. Real key and mouse events on a real house file.
#include <unistd.h>

#include <filesystem>
#include <fstream>

#include <gtest/gtest.h>
#include <QAbstractButton>
#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>

#include "desk/house_window.h"
#include "desk/theme.h"
#include "desk/trial_panel.h"
#include "tests/known_squat.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class FitDesk : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_fit_" + std::to_string(getpid()) + "_" +
                                          testing::UnitTest::GetInstance()->current_test_info()->name());
    fs::create_directories(folder);
    reopen();
    athlete = window->addAthlete(QStringLiteral("Runa Tveit"));
  }
  void TearDown() override {
    window.reset();
    fs::remove_all(folder);
  }
  void reopen() {
    if (window) window->close();
    window.reset();
    auto house = HouseFile::open(folder / "house.mottix");
    ASSERT_TRUE(house);
    window = std::make_unique<HouseWindow>(std::move(*house), QDate(2026, 11, 24));
    window->show();
    window->activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(window.get()));
  }
  static void settle() {
    QCoreApplication::processEvents();
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    QCoreApplication::processEvents();
  }

  // Types into a word as a coach does: opened by key, the text, Enter. Returns what was said wrong.
  QString type(QWidget& page, const QString& name, const QString& text) {
    settle();
    Word* word = nullptr;
    for (Word* w : page.findChildren<Word*>(QStringLiteral("word ") + name))
      if (w->isVisible()) word = w;
    if (word == nullptr) return QStringLiteral("no such word: ") + name;
    word->setFocus();
    QTest::keyClick(word, Qt::Key_Return);
    auto* line = page.findChild<QLineEdit*>(QStringLiteral("word ") + name + QStringLiteral(" line"));
    if (line == nullptr) return QStringLiteral("no line");
    line->selectAll();
    QTest::keyClicks(line, text);
    QTest::keyClick(line, Qt::Key_Return);
    if (word->editing()) {
      const QString wrong = line->toolTip();
      QTest::keyClick(line, Qt::Key_Escape);
      return wrong;
    }
    settle();
    return {};
  }
  AthleteView& page() { return window->athlete(); }
  FitView& fit() { return window->fit(); }
  AthleteRecord record() { return *window->house().loadRecord(athlete); }
  void givenBody() {
    AthleteRecord r = record();
    r.body = BodyFacts{1.74, 68.0, Sex::kFemale, {}, 0.12};
    r.body->measured[indexOf(Segment::kThigh)] = BodyLength{{0.43, 0.01}, LengthSource::kByHand};
    r.body->measured[indexOf(Segment::kTrunk)] = BodyLength{{0.50, 0.01}, LengthSource::kByHand};
    ASSERT_TRUE(window->house().saveRecord(r));
  }
  void openFitByKey() {
    window->queue().laneOf(athlete)->takeFocus();
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_F);
    settle();
    ASSERT_TRUE(window->onFit());
  }
  QString textOf(QWidget& in, const char* name) {
    return in.findChild<QLabel*>(QString::fromLatin1(name))->text();
  }
  QPushButton* buttonWith(QWidget& in, const QString& text) {
    settle();
    for (QPushButton* b : in.findChildren<QPushButton*>())
      if (b->isVisible() && b->text().startsWith(text)) return b;
    return nullptr;
  }
  static void drag(QWidget& widget, QPointF from, QPointF to) {
    QTest::mousePress(&widget, Qt::LeftButton, {}, from.toPoint());
    for (int i = 1; i <= 8; ++i) QTest::mouseMove(&widget, (from + (to - from) * (i / 8.0)).toPoint());
    QTest::mouseRelease(&widget, Qt::LeftButton, {}, to.toPoint());
  }

  fs::path folder;
  std::unique_ptr<HouseWindow> window;
  AthleteId athlete{};
};

TEST_F(FitDesk, ABodyIsTypedInAndEachLengthSaysWhereItComesFrom) {
  window->queue().laneOf(athlete)->takeFocus();
  QTest::keyClick(QApplication::focusWidget(), Qt::Key_B);
  ASSERT_TRUE(window->onAthlete());
  EXPECT_EQ(type(page(), QStringLiteral("height"), QStringLiteral("174 cm")), QString());
  EXPECT_EQ(QApplication::focusWidget()->objectName(), QStringLiteral("word height")) << "the keyboard stays";
  EXPECT_EQ(type(page(), QStringLiteral("Thigh"), QStringLiteral("42,5")), QString());
  EXPECT_EQ(type(page(), QStringLiteral("year of birth"), QStringLiteral("1994")), QString());
  EXPECT_EQ(type(page(), QStringLiteral("equipment"), QStringLiteral("belt, safety bar")), QString());
  EXPECT_EQ(type(page(), QStringLiteral("test day"), QStringLiteral("2027-03-20")), QString());
  const AthleteRecord r = record();
  EXPECT_DOUBLE_EQ(r.body->height_m, 1.74);
  EXPECT_NEAR(r.body->measured[indexOf(Segment::kThigh)]->m.value, 0.425, 1e-12);
  EXPECT_EQ(r.athlete.profile.birth_year, 1994);
  EXPECT_EQ(r.athlete.profile.equipment, (std::vector{Equipment::kBelt, Equipment::kSafetyBar}));
  bool by_hand = false, estimated = false;
  for (QLabel* l : page().findChildren<QLabel*>()) {
    if (!l->isVisible()) continue;
    by_hand = by_hand || l->text().startsWith(QStringLiteral("by hand ± 1.0"));
    estimated = estimated || l->text() == QStringLiteral("estimated from the height");
  }
  EXPECT_TRUE(by_hand);
  EXPECT_TRUE(estimated);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(record().athlete.profile.test_day.empty()) << "every word is one undo step";
}

TEST_F(FitDesk, WhatCannotBeABodyIsSaidAtTheFieldAndKeptAsADraft) {
  window->openAthlete(athlete);
  EXPECT_EQ(type(page(), QStringLiteral("height"), QStringLiteral("1.74")), QString());
  EXPECT_TRUE(textOf(page(), "body problems").contains(QStringLiteral("metres")));
  EXPECT_TRUE(textOf(page(), "body problems").contains(QStringLiteral("draft")));
  EXPECT_NEAR(record().body->height_m, 0.0174, 1e-12) << "kept as typed, never clamped";
  EXPECT_FALSE(type(page(), QStringLiteral("height"), QStringLiteral("tall")).isEmpty());
  window->openFit(athlete);
  EXPECT_FALSE(fit().solved()) << "Fit waits until it is put right";
  window->openAthlete(athlete);
  EXPECT_EQ(type(page(), QStringLiteral("height"), QStringLiteral("174")), QString());
  EXPECT_EQ(type(page(), QStringLiteral("Thigh"), QStringLiteral("90")), QString());
  bool said = false;
  for (QLabel* l : page().findChildren<QLabel*>())
    said = said || (l->isVisible() && l->text().contains(QStringLiteral("not believed at this height")));
  EXPECT_TRUE(said);
  EXPECT_FALSE(type(page(), QStringLiteral("year of birth"), QStringLiteral("94")).isEmpty());
}

TEST_F(FitDesk, AScreenIsDoneByKeysAndLimitsTheSetup) {
  givenBody();
  window->openFit(athlete);
  const double before = fit().solved()->squat->heel_raise_m;
  window->openAthlete(athlete);
  QTest::keyClick(&page(), Qt::Key_2);
  ASSERT_TRUE(page().guide().isVisible());
  auto* number = page().findChild<QLineEdit*>(QStringLiteral("screen number"));
  QTest::keyClicks(number, QStringLiteral("90"));
  QTest::keyClick(number, Qt::Key_Return);
  EXPECT_TRUE(page().guide().isVisible()) << "90 cm is no distance to a wall";
  number->selectAll();
  QTest::keyClicks(number, QStringLiteral("5"));
  QTest::keyClick(number, Qt::Key_Return);
  QTest::keyClicks(number, QStringLiteral("6.5"));
  QTest::keyClick(number, Qt::Key_Return);
  EXPECT_FALSE(page().guide().isVisible());
  ASSERT_EQ(record().screens.size(), 1u);
  EXPECT_EQ(record().screens[0].day, "2026-11-24");
  EXPECT_EQ(record().screens[0].answers, (std::vector<std::optional<double>>{5.0, 6.5}));
  window->openFit(athlete);
  EXPECT_GT(fit().solved()->squat->heel_raise_m, before) << "the stiffer ankle asks for a heel";
  window->openAthlete(athlete);
  QTest::keyClick(&page(), Qt::Key_4);
  for (const Qt::Key k : {Qt::Key_Y, Qt::Key_Y, Qt::Key_Y, Qt::Key_N})
    QTest::keyClick(QApplication::focusWidget(), k);
  ASSERT_EQ(record().screens.size(), 2u);
  EXPECT_EQ(judgeScreen(record().screens[1]), std::vector{ScreenFinding::kBackGivesWay});
  QTest::keyClick(&page(), Qt::Key_1);
  QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
  EXPECT_FALSE(page().guide().isVisible());
  EXPECT_EQ(record().screens.size(), 2u) << "a screen that was left is not kept";
}

TEST_F(FitDesk, AComplaintIsWrittenDownChangesTheSetupAndIsClosed) {
  givenBody();
  window->openAthlete(athlete);
  QTest::mouseClick(buttonWith(page(), QStringLiteral("New complaint")), Qt::LeftButton);
  EXPECT_EQ(type(page(), QStringLiteral("level 1"), QStringLiteral("6")), QString());
  EXPECT_EQ(type(page(), QStringLiteral("side 1"), QStringLiteral("right")), QString());
  ASSERT_EQ(record().complaints.size(), 1u);
  EXPECT_EQ(record().complaints[0].what, (Complaint{ComplaintJoint::kKnee, 6}));
  EXPECT_EQ(record().athlete.worstPain(), 6) << "no load is raised";
  window->openFit(athlete);
  EXPECT_TRUE(textOf(fit(), "cautions").contains(QStringLiteral("licensed clinician")));
  EXPECT_TRUE(textOf(fit(), "card lines").contains(QStringLiteral("sore knee")));
  window->openAthlete(athlete);
  QTest::mouseClick(buttonWith(page(), QStringLiteral("close it")), Qt::LeftButton);
  EXPECT_EQ(record().complaints[0].closed, "2026-11-24");
  EXPECT_EQ(record().athlete.worstPain(), 0);
}

TEST_F(FitDesk, TheBarIsPulledAlongTheTrunkAndTheFigureFollows) {
  givenBody();
  openFitByKey();
  FigureView& figure = fit().figure();
  ASSERT_EQ(fit().solved()->squat->bar, BarPosition::kHigh);
  const double lean = fit().solved()->figure->trunk_lean_deg;
  const Figure high = *fit().solved()->figure;
  const QPointF from = *figure.handleAt(FitHandle::kBar);
  // Down the back, where the low bar lies on this trunk.
  const double px_per_m =
      (figure.handleAt(FitHandle::kDepth)->y() - from.y()) / (high.bar.y() - high.hip.y());
  const Vec2d low = barOnTrunk(BarPosition::kLow, high.hip, high.shoulder) - high.bar;
  drag(figure, from, from + px_per_m * QPointF(low.x(), -low.y()));
  EXPECT_EQ(fit().solved()->squat->bar, BarPosition::kLow);
  EXPECT_GT(fit().solved()->figure->trunk_lean_deg, lean + 5.0);
  EXPECT_NEAR(fit().solved()->figure->bar.x(), 0.0, 1e-3) << "the bar stays over mid-foot";
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(fit().solved()->squat->bar, BarPosition::kHigh) << "the whole drag is one undo step";
  QTest::keyClick(&figure, Qt::Key_Down);
  EXPECT_EQ(fit().solved()->squat->bar, BarPosition::kMiddle) << "and the same by key";
}

TEST_F(FitDesk, DepthHeelStanceAndToesArePulledToo) {
  givenBody();
  openFitByKey();
  FigureView& figure = fit().figure();
  const SquatSetup before = *fit().solved()->squat;
  auto pull = [&](FitHandle h, QPointF way) {
    const QPointF at = *figure.handleAt(h);
    drag(figure, at, at + way);
  };
  pull(FitHandle::kDepth, {0.0, -20.0});
  EXPECT_LT(fit().solved()->squat->hip_below_knee_m, before.hip_below_knee_m - 0.02);
  pull(FitHandle::kHeel, {0.0, -20.0});
  EXPECT_NEAR(fit().solved()->squat->heel_raise_m, before.heel_raise_m + 0.010, 0.0021);
  pull(FitHandle::kStance, {0.0, 10.0});
  EXPECT_GT(fit().solved()->squat->heel_distance_m, before.heel_distance_m + 0.05);
  pull(FitHandle::kToes, {0.0, -8.0});
  EXPECT_LT(fit().solved()->squat->toe_out_deg, before.toe_out_deg - 3.0);
  EXPECT_TRUE(textOf(fit(), "card lines").contains(QStringLiteral("As the coach set it")));
  // A word gives a value back to the planner.
  EXPECT_EQ(type(fit(), QStringLiteral("stance"), QStringLiteral("suggested")), QString());
  EXPECT_NEAR(fit().solved()->squat->heel_distance_m, before.heel_distance_m, 1e-9);
  EXPECT_FALSE(type(fit(), QStringLiteral("stance"), QStringLiteral("4 m")).isEmpty());
}

TEST_F(FitDesk, ASetupWithoutAPostureSaysWhy) {
  givenBody();
  openFitByKey();
  EXPECT_EQ(type(fit(), QStringLiteral("depth"), QStringLiteral("40")), QString());
  EXPECT_FALSE(fit().solved()->figure);
  EXPECT_TRUE(textOf(fit(), "numbers").contains(QStringLiteral("No posture exists")))
      << textOf(fit(), "numbers").toStdString();
  EXPECT_FALSE(buttonWith(fit(), QStringLiteral("Keep this set-up"))->isEnabled());
}

TEST_F(FitDesk, OtherLiftsAndGhostsAreSolvedFromTheSentence) {
  givenBody();
  openFitByKey();
  EXPECT_EQ(type(fit(), QStringLiteral("ghost"), QStringLiteral("low bar")), QString());
  ASSERT_TRUE(fit().figure().scene().ghost);
  EXPECT_GT(fit().figure().scene().ghost->trunk_lean_deg, fit().figure().scene().solid->trunk_lean_deg);
  EXPECT_EQ(type(fit(), QStringLiteral("lift"), QStringLiteral("deadlift")), QString());
  EXPECT_FALSE(fit().figure().scene().ghost);
  EXPECT_EQ(type(fit(), QStringLiteral("ghost"), QStringLiteral("sumo")), QString());
  ASSERT_TRUE(fit().figure().scene().ghost);
  EXPECT_LT(fit().figure().scene().ghost->trunk_lean_deg, fit().figure().scene().solid->trunk_lean_deg);
  EXPECT_EQ(type(fit(), QStringLiteral("lift"), QStringLiteral("bench press")), QString());
  EXPECT_EQ(type(fit(), QStringLiteral("hands"), QStringLiteral("66")), QString());
  EXPECT_NEAR(fit().solved()->bench->grip_m, 0.66 + 2 * kIndexFinger_m, 1e-9);
  const QPointF hand = *fit().figure().handleAt(FitHandle::kHands);
  drag(fit().figure(), hand, hand + QPointF(20.0, 0.0));
  EXPECT_GT(fit().solved()->bench->grip_m, 0.76);
  EXPECT_FALSE(type(fit(), QStringLiteral("school"), QStringLiteral("own")).isEmpty());
}

TEST_F(FitDesk, TheCardIsShownWrittenAndPrinted) {
  givenBody();
  openFitByKey();
  QTest::keyClick(&fit().figure(), Qt::Key_C);
  settle();
  const fs::path pdf = folder / "card.pdf";
  fit().ask_pdf = [&] { return QString::fromStdString(pdf.string()); };
  QTest::mouseClick(buttonWith(fit(), QStringLiteral("PDF")), Qt::LeftButton);
  ASSERT_TRUE(fs::exists(pdf));
  EXPECT_GT(fs::file_size(pdf), 5000u);
  std::ifstream in(pdf, std::ios::binary);
  std::string head(5, ' ');
  in.read(head.data(), 5);
  EXPECT_EQ(head, "%PDF-");
  fit().ask_pdf = [&] { return QString::fromStdString((folder / "no" / "card.pdf").string()); };
  QTest::mouseClick(buttonWith(fit(), QStringLiteral("PDF")), Qt::LeftButton);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("card.pdf"))) << "what cannot be written is named";
  std::optional<SetupCard> printed;
  fit().print = [&](const SetupCard& card) { printed = card; };
  QTest::keyClick(window.get(), Qt::Key_P, Qt::ControlModifier);
  ASSERT_TRUE(printed);
  EXPECT_EQ(printed->athlete, QStringLiteral("Runa Tveit"));
  EXPECT_TRUE(printed->figure);
  EXPECT_GT(printed->lines.size(), 8u);
  EXPECT_TRUE(printed->cautions.back().contains(QStringLiteral("licensed clinician")));
}

// Sets without a film: the tracks are those of a made-up squat.
SetId addKnownSet(HouseFile& house, AthleteId athlete, SetupId setup, double depth_m, int comfort) {
  known::KnownSquat plan;
  plan.reps = 2;
  plan.depth_m = depth_m;
  const auto clip = known::film(plan);
  SetRecord set;
  set.athlete = athlete;
  set.day = "2026-11-20";
  set.clip.file = "films/none.mp4";
  set.edit.asked.load_kg = 80.0;
  set.edit.setup = setup;
  set.edit.comfort = comfort;
  set.edit.placed.push_back({0, {}});
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kHeel, Joint::kToe, Joint::kShoulder})
    set.edit.placed[0].joints[indexOf(j)] = clip.tracks.joints[indexOf(j)][0].p_px;
  const SetId id = *house.addSet(set);
  TrackRecord record;
  record.version = "test/1";
  record.tracks = clip.tracks;
  record.carried = clip.tracks.joints;
  ClipFacts facts;
  facts.file = set.clip.file;
  facts.width_px = 1280;
  facts.height_px = 720;
  EXPECT_TRUE(house.saveTracks(id, facts, record));
  return id;
}

TEST_F(FitDesk, SetupsAreKeptTriedAndChosen) {
  givenBody();
  openFitByKey();
  QTest::keyClick(&fit().figure(), Qt::Key_K);
  ASSERT_EQ(record().setups.size(), 1u);
  EXPECT_TRUE(record().setups[0].chosen) << "the first is in use";
  QTest::keyClick(&fit(), Qt::Key_Escape);
  fit().figure().setFocus();
  QTest::keyClick(&fit().figure(), Qt::Key_Down);
  QTest::keyClick(&fit().figure(), Qt::Key_K);
  ASSERT_EQ(record().setups.size(), 2u);
  EXPECT_NE(record().setups[0].name, record().setups[1].name);
  const SetupId a = record().setups[0].id, b = record().setups[1].id;
  for (int i = 0; i < 3; ++i) {
    addKnownSet(window->house(), athlete, a, -0.06 + 0.002 * i, 5);
    if (i < 2) addKnownSet(window->house(), athlete, b, 0.06 + 0.002 * i, 8);
  }
  auto compared = [&] {
    fit().trials().open(Lift::kSquat);
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return fit().trials().ready() && !fit().trials().lines().empty(); }, 60000));
    return fit().trials().lines();
  };
  EXPECT_EQ(compared()[0].verdict, TrialVerdict::kNotEnoughSets);
  addKnownSet(window->house(), athlete, b, 0.064, 8);
  const auto lines = compared();
  const TrialLine& depth = lines[static_cast<std::size_t>(TrialMeasure::kDepthMargin)];
  EXPECT_EQ(depth.sets_a, 3);
  EXPECT_EQ(depth.verdict, TrialVerdict::kDiffers);
  EXPECT_LT(depth.difference->value, -8.0) << "12 cm deeper with the second";
  EXPECT_EQ(lines[static_cast<std::size_t>(TrialMeasure::kComfort)].verdict, TrialVerdict::kDiffers);
  QTest::mouseClick(buttonWith(fit().trials(), QStringLiteral("use this one")), Qt::LeftButton);
  EXPECT_TRUE(record().setups[1].chosen);
  EXPECT_FALSE(record().setups[0].chosen);
  EXPECT_EQ(
      type(fit().trials(), QStringLiteral("reason of the choice"), QStringLiteral("deeper without pain")),
      QString());
  EXPECT_EQ(record().setups[1].chosen_why, "deeper without pain");
  reopen();
  window->openFit(athlete);
  EXPECT_EQ(fit().solved()->squat->bar, BarPosition::kMiddle) << "the one in use is what Fit opens with";
}

TEST_F(FitDesk, ASetIsMarkedWithTheSetupUsedAndComfort) {
  givenBody();
  openFitByKey();
  QTest::keyClick(&fit().figure(), Qt::Key_K);
  const SetupRecord setup = record().setups[0];
  const SetId id = addKnownSet(window->house(), athlete, setup.id, 0.04, 5);
  SetRecord set = *window->house().loadSet(id);
  set.edit.setup.reset();
  set.edit.comfort.reset();
  ASSERT_TRUE(window->house().saveEdit(id, set.edit, set.state));
  window->showQueue();
  window->openSet(id);
  EXPECT_EQ(type(window->sheet(), QStringLiteral("set-up"), QString::fromStdString(setup.name)), QString());
  EXPECT_EQ(window->house().loadSet(id)->edit.setup, setup.id);
  EXPECT_EQ(type(window->sheet(), QStringLiteral("comfort"), QStringLiteral("8")), QString());
  EXPECT_EQ(window->house().loadSet(id)->edit.comfort, 8);
  EXPECT_EQ(type(window->sheet(), QStringLiteral("effort felt"), QStringLiteral("8,5")), QString());
  EXPECT_EQ(window->house().loadSet(id)->edit.effort_felt, 8.5);
  EXPECT_FALSE(type(window->sheet(), QStringLiteral("comfort"), QStringLiteral("80")).isEmpty());
  EXPECT_FALSE(type(window->sheet(), QStringLiteral("set-up"), QStringLiteral("another")).isEmpty());
}

TEST_F(FitDesk, LengthsAreReadFromFilmsAndWhatWasMeasuredByHandStays) {
  givenBody();
  addKnownSet(
      window->house(), athlete,
      [&] {
        window->openFit(athlete);
        fit().keepSetup();
        return record().setups[0].id;
      }(),
      0.04, 5);
  window->openAthlete(athlete);
  QTest::mouseClick(buttonWith(page(), QStringLiteral("Read lengths")), Qt::LeftButton);
  const AthleteRecord r = record();
  ASSERT_TRUE(r.body->measured[indexOf(Segment::kShank)]);
  EXPECT_EQ(r.body->measured[indexOf(Segment::kShank)]->source, LengthSource::kFromClip);
  EXPECT_NEAR(r.body->measured[indexOf(Segment::kShank)]->m.value, 0.43, 0.03);
  EXPECT_EQ(r.body->measured[indexOf(Segment::kThigh)]->source, LengthSource::kByHand);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("kept as it is")));
}

TEST_F(FitDesk, WhatIsTriedForOneAthleteIsNotTriedForTheNext) {
  givenBody();
  openFitByKey();
  EXPECT_EQ(type(fit(), QStringLiteral("stance"), QStringLiteral("55")), QString());
  const AthleteId other = window->addAthlete(QStringLiteral("Odd Halvard Brekke"));
  AthleteRecord r = *window->house().loadRecord(other);
  r.body = BodyFacts{1.86, 84.0, Sex::kMale, {}, 0.11};
  ASSERT_TRUE(window->house().saveRecord(r));
  window->openAthlete(other);
  window->openFit(other);
  EXPECT_FALSE(fit().state().squat.heel_distance_m);
  window->openAthlete(other);
  window->openFit(other);
  EXPECT_EQ(fit().card().athlete, QStringLiteral("Odd Halvard Brekke"));
}

TEST_F(FitDesk, BothLooksLongNamesAndAnEmptyBodyAreDrawn) {
  AthleteRecord r = record();
  r.athlete.name = std::string(80, 'W');
  ASSERT_TRUE(window->house().saveRecord(r));
  window->openFit(athlete);
  EXPECT_FALSE(fit().solved());
  QPushButton* give = buttonWith(fit(), QStringLiteral("Give the body"));
  ASSERT_NE(give, nullptr);
  QTest::mouseClick(give, Qt::LeftButton);
  EXPECT_TRUE(window->onAthlete());
  EXPECT_LE(window->width(), 1300) << "a long name does not push the window apart";
  givenBody();
  for (Look look : {Look::kDark, Look::kLight}) {
    applyLook(*qApp, look);
    window->openFit(athlete);
    const QImage picture = window->grab().toImage();
    EXPECT_EQ(picture.pixelColor(20, picture.height() - 20), theme().sheet);
  }
}

}  // namespace
}  // namespace mottix
