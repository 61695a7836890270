// Load through the desk's windows: the weeks ahead, the story, today's session, sets written down, an old log
// brought in, the sheet by a plan. Real mouse and key events.
#include <unistd.h>

#include <filesystem>
#include <fstream>

#include <gtest/gtest.h>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTableWidget>
#include <QTest>
#include <QWheelEvent>

#include "desk/house_window.h"
#include "desk/plates_drawing.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
constexpr int kPatienceMs = 30000;
const QDate kToday(2026, 11, 24);  // a Tuesday

class LoadDesk : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_load_" + std::to_string(getpid()));
    fs::create_directories(folder);
    auto house = HouseFile::open(folder / "house.mottix");
    ASSERT_TRUE(house);
    runa = *house->addAthlete({{}, "Runa Vik", 2.5, 0, ""});
    oda = *house->addAthlete({{}, "Oda", 2.5, 0, ""});
    // Ten weeks of singles and fives, measured; hips first in the early ones.
    for (int week = 10; week >= 1; --week)
      for (const int reps : {1, 5}) {
        SetRecord set =
            setOf(runa, kToday.addDays(-1 - 7 * week), reps == 1 ? 110.0 - week : 90.0 - week, reps, 8.0);
        set.clip.file = "films/" + std::to_string(week) + ".mp4";
        const SetId id = *house->addSet(set);
        Analysis a;
        for (int r = 1; r <= reps; ++r)
          a.measures.push_back({MeasureId::kMeanSpeed,
                                r,
                                {(reps == 1 ? 0.30 : 0.45) - 0.02 * r, 0.01},
                                MeasureStatus::kOk,
                                1});
        a.decision.action = LoadAction::kAdd;
        a.decision.reason = LoadReason::kGoodEnough;
        if (week > 5 && reps == 5) {
          a.findings.resize(1);
          a.findings[0].rule = "squat.hips_first";
          a.findings[0].certainty = Certainty::kClear;
          a.findings[0].severity = Severity::kSmall;
          a.findings[0].reps = {4, 5};
        }
        ASSERT_TRUE(house->saveResults(id, a, builtInRuleBook()));
      }
    window = std::make_unique<HouseWindow>(std::move(*house), kToday);
    window->show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
  }
  void TearDown() override {
    window.reset();
    std::error_code ec;
    fs::remove_all(folder, ec);
  }
  static SetRecord setOf(AthleteId who, const QDate& day, double load_kg, int reps,
                         std::optional<double> felt = {}) {
    SetRecord set;
    set.athlete = who;
    set.day = day.toString(Qt::ISODate).toStdString();
    set.state = SetState::kReviewed;
    set.edit.asked.variant = "high bar";
    set.edit.asked.reps = reps;
    set.edit.asked.load_kg = load_kg;
    set.edit.effort_felt = felt;
    return set;
  }
  void aimFor(AthleteId who, Lift lift, const char* plan) {
    auto record = *window->house().loadRecord(who);
    LiftAim aim;
    aim.lift = lift;
    aim.plan = plan;
    aim.begins = "2026-11-23";
    aim.test_day = "2027-02-20";
    record.aims.push_back(aim);
    ASSERT_TRUE(window->house().saveRecord(record));
  }
  QPushButton* withWhat(const char* what) {
    QPushButton* found = nullptr;
    (void)QTest::qWaitFor(
        [&] {
          found = nullptr;
          for (QPushButton* b : window->findChildren<QPushButton*>())
            if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) found = b;
          return found != nullptr;
        },
        kPatienceMs);
    return found;
  }
  static void say(QWidget& view, const QString& name, const QString& text) {
    auto* word = view.findChild<Word*>(QStringLiteral("word ") + name);
    ASSERT_NE(word, nullptr) << name.toStdString();
    QTest::mouseClick(word, Qt::LeftButton);
    QLineEdit* line = nullptr;  // one that was left is deleted later
    for (QLineEdit* l : view.findChildren<QLineEdit*>(QStringLiteral("word %1 line").arg(name)))
      if (l->isVisible()) line = l;
    ASSERT_NE(line, nullptr) << name.toStdString();
    line->selectAll();
    QTest::keyClicks(line, text);
    QTest::keyClick(line, Qt::Key_Return);
  }
  static QString words(QWidget& view, const char* name) {
    return view.findChild<QLabel*>(QLatin1String(name))->text();
  }
  LiftAim aim() { return aimOf(*window->house().loadRecord(runa), Lift::kSquat); }

  fs::path folder;
  AthleteId runa{}, oda{};
  std::unique_ptr<HouseWindow> window;
};

TEST_F(LoadDesk, WeeksAheadArePlannedPulledMissedAndUndone) {
  window->queue().laneOf(runa)->takeFocus();
  QTest::keyClick(window.get(), Qt::Key_D, Qt::ControlModifier);
  ASSERT_TRUE(window->onAhead());
  AheadView& view = window->ahead();
  say(view, QStringLiteral("plan"), QStringLiteral("Top single and back-offs"));
  say(view, QStringLiteral("test day"), QStringLiteral("20 February"));
  say(view, QStringLiteral("goal"), QStringLiteral("125"));
  ASSERT_TRUE(view.ahead());
  EXPECT_EQ(aim().plan, "top_single");
  EXPECT_EQ(aim().test_day, "2027-02-20");
  EXPECT_EQ(aim().goal_kg, 125.0);
  EXPECT_EQ(view.ahead()->weeks.size(), 13u);
  EXPECT_TRUE(words(view, "ahead verdict").contains(QStringLiteral("Open with")));
  EXPECT_TRUE(words(view, "ahead verdict").contains(QStringLiteral("125 kg")));
  EXPECT_TRUE(words(view, "ahead caution").contains(QStringLiteral("Local")));
  EXPECT_TRUE(words(view, "week sets").contains(QStringLiteral("single of")));
  ASSERT_NE(view.findChild<PlatesDrawing*>(), nullptr);
  EXPECT_TRUE(view.findChild<PlatesDrawing*>()->loading());

  // A rung is pulled down by the mouse; the weeks after follow while it moves.
  WeeksChart& chart = view.chart();
  const double before = view.ahead()->weeks[3].top_kg, later = view.ahead()->weeks[5].top_kg;
  const QPoint rung = chart.rungAt(3).toPoint();
  const QPoint down(rung.x(), rung.y() + 60);
  QTest::mousePress(&chart, Qt::LeftButton, {}, rung);
  QTest::mouseMove(&chart, down);
  EXPECT_LT(view.ahead()->weeks[3].top_kg, before);
  EXPECT_TRUE(aim().weeks.empty() || !aim().weeks[3].moved_kg);  // not kept while it is held
  QTest::mouseRelease(&chart, Qt::LeftButton, {}, down);
  const double moved = view.ahead()->weeks[3].top_kg;
  EXPECT_LT(moved, before);
  EXPECT_TRUE(view.ahead()->weeks[3].moved);
  EXPECT_LT(view.ahead()->weeks[5].top_kg, later);
  // By the keyboard, a step.
  QTest::keyClick(&chart, Qt::Key_Up);
  EXPECT_EQ(view.ahead()->weeks[3].top_kg, moved + 2.5);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(view.ahead()->weeks[3].top_kg, before);
  QTest::keyClick(window.get(), Qt::Key_Y, Qt::ControlModifier);
  EXPECT_EQ(view.ahead()->weeks[3].top_kg, moved);
  QTest::keyClick(&chart, Qt::Key_Delete);
  EXPECT_EQ(view.ahead()->weeks[3].top_kg, before);
  // What if it is missed; and if gains were none?
  const double expected = view.ahead()->weeks.back().expected->best_kg.value;
  QTest::mouseClick(withWhat("missed week"), Qt::LeftButton);
  EXPECT_TRUE(view.ahead()->weeks[3].missed);
  EXPECT_LT(view.ahead()->weeks.back().expected->best_kg.value, expected);
  chart.setFocus();
  QTest::keyClick(&chart, Qt::Key_M);
  EXPECT_FALSE(view.ahead()->weeks[3].missed);
  say(view, QStringLiteral("gains"), QStringLiteral("not at all"));
  EXPECT_EQ(aim().gain_factor, 0.0);
  EXPECT_LT(view.ahead()->weeks.back().expected->best_kg.value, expected);
  // A test that is past is refused, and said so.
  say(view, QStringLiteral("test day"), QStringLiteral("2020-01-01"));
  EXPECT_EQ(aim().test_day, "2027-02-20");
}

TEST_F(LoadDesk, ATestThatIsPastIsSaidAndPlannedAnew) {
  auto record = *window->house().loadRecord(runa);
  LiftAim old;
  old.plan = "top_single";
  old.begins = "2026-01-05";
  old.test_day = "2026-03-28";
  record.aims = {old};
  ASSERT_TRUE(window->house().saveRecord(record));
  window->openAhead(runa);
  EXPECT_TRUE(
      words(window->ahead(), "ahead verdict").startsWith(QStringLiteral("The test on 28 March 2026 is past")))
      << words(window->ahead(), "ahead verdict").toStdString();
  ASSERT_TRUE(window->ahead().ahead());
  EXPECT_FALSE(window->ahead().ahead()->weeks.front().past);
}

TEST_F(LoadDesk, AComplaintHoldsTheFirstWeekWhateverIsPulled) {
  auto record = *window->house().loadRecord(runa);
  record.athlete.open_pain = 5;
  ASSERT_TRUE(window->house().saveRecord(record));
  aimFor(runa, Lift::kSquat, "top_single");
  window->openAhead(runa);
  AheadView& view = window->ahead();
  const double last = 109.0;
  EXPECT_LE(view.ahead()->weeks[0].top_kg, last);
  QTest::keyClick(&view.chart(), Qt::Key_Up);
  EXPECT_LE(view.ahead()->weeks[0].top_kg, last);
  EXPECT_TRUE(window->notice().contains(QStringLiteral("pain note"))) << window->notice().toStdString();
  EXPECT_TRUE(words(view, "ahead caution").contains(QStringLiteral("licensed clinician")));
}

TEST_F(LoadDesk, AssistanceFollowsTheConfirmedCauseAndWhatWasDroppedIsLeftOut) {
  aimFor(runa, Lift::kSquat, "top_single");
  window->openAhead(runa);
  AheadView& view = window->ahead();
  EXPECT_TRUE(words(view, "assistance").contains(QStringLiteral("confirm")));
  SetRecord set = setOf(runa, kToday.addDays(-1), 100.0, 5, 8.0);
  set.edit.causes = {{"squat.hips.weak_legs", true}};
  ASSERT_TRUE(window->house().addSet(set));
  window->openAhead(runa);
  EXPECT_TRUE(words(view, "assistance").contains(QStringLiteral("Safety-bar squat: 3 × 5 to 8, from ")))
      << words(view, "assistance").toStdString();
  say(view, QStringLiteral("dropped"), QStringLiteral("Safety-bar squat: sore neck"));
  ASSERT_EQ(window->house().loadRecord(runa)->dropped.size(), 1u);
  EXPECT_EQ(window->house().loadRecord(runa)->dropped[0].day, "2026-11-24");
  EXPECT_TRUE(words(view, "assistance").contains(QStringLiteral("Left out: Safety-bar squat (sore neck)")))
      << words(view, "assistance").toStdString();
  EXPECT_TRUE(words(view, "assistance").contains(QStringLiteral("High-bar squat")));
  say(view, QStringLiteral("dropped"), QStringLiteral("sumo"));
  EXPECT_EQ(window->house().loadRecord(runa)->dropped.size(), 1u);  // without a reason it is not taken
  window->setFocus();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->house().loadRecord(runa)->dropped.empty());
}

TEST_F(LoadDesk, TheWeeksGoOutAsFilesAndOnPaper) {
  aimFor(runa, Lift::kSquat, "top_single");
  window->openAhead(runa);
  const auto file = [&](const char* name) { return QString::fromStdString((folder / name).string()); };
  for (const char* name : {"weeks.ics", "weeks.csv", "weeks.json", "week.pdf"}) {
    ASSERT_TRUE(window->ahead().takeOut(file(name))) << name;
    EXPECT_GT(fs::file_size(folder / name), 300u) << name;
  }
  std::ifstream pdf(folder / "week.pdf", std::ios::binary);
  std::string head(5, ' ');
  pdf.read(head.data(), 5);
  EXPECT_EQ(head, "%PDF-");
  EXPECT_TRUE(window->ahead().weekPage().contains(QStringLiteral("warm-up")));
  EXPECT_FALSE(window->ahead().takeOut(file("weeks.doc")));
  EXPECT_TRUE(window->notice().contains(QStringLiteral(".ics")));
  EXPECT_FALSE(window->ahead().takeOut(file("no/such/folder/weeks.csv")));
  EXPECT_TRUE(window->notice().contains(QStringLiteral("cannot be written")));
}

TEST_F(LoadDesk, TheStoryIsZoomedSearchedAndOpened) {
  window->queue().laneOf(runa)->takeFocus();
  QTest::keyClick(window.get(), Qt::Key_S, Qt::ControlModifier);
  ASSERT_TRUE(window->onStory());
  StoryView& view = window->story();
  EXPECT_EQ(view.story().sets.size(), 20u);
  ASSERT_TRUE(view.story().strength);
  EXPECT_TRUE(words(view, "strength words").contains(QStringLiteral("Best single now")));
  StoryChart& chart = view.chart();
  // By wheel and keys.
  const int all = daysBetween(chart.from(), chart.to());
  QWheelEvent wheel(QPointF(600, 200), chart.mapToGlobal(QPointF(600, 200)), {}, QPoint(0, 240), Qt::NoButton,
                    {}, Qt::NoScrollPhase, false);
  QApplication::sendEvent(&chart, &wheel);
  EXPECT_LT(daysBetween(chart.from(), chart.to()), all);
  chart.setFocus();
  QTest::keyClick(&chart, Qt::Key_0);
  EXPECT_EQ(daysBetween(chart.from(), chart.to()), all);
  QTest::keyClick(&chart, Qt::Key_Plus);
  const Day from = chart.from();
  QTest::mousePress(&chart, Qt::LeftButton, {}, QPoint(500, 150));
  QTest::mouseMove(&chart, QPoint(700, 150));
  QTest::mouseRelease(&chart, Qt::LeftButton, {}, QPoint(700, 150));
  EXPECT_LT(chart.from(), from);
  QTest::keyClick(&chart, Qt::Key_0);
  // A set is chosen by the mouse and by the arrows, and said.
  const SetId first = view.story().sets.front()->id;
  QTest::mouseClick(&chart, Qt::LeftButton, {}, chart.placeOf(first).toPoint());
  EXPECT_EQ(chart.chosen(), first);
  EXPECT_TRUE(words(view, "set words").contains(QStringLiteral("felt 8")));
  QTest::keyClick(&chart, Qt::Key_Right);
  EXPECT_EQ(chart.chosen(), view.story().sets[1]->id);
  EXPECT_TRUE(words(view, "set words").contains(QStringLiteral("on 2 reps")))
      << words(view, "set words").toStdString();

  QTest::keyClick(&view, Qt::Key_F, Qt::ControlModifier);
  auto* find = view.findChild<QLineEdit*>(QStringLiteral("find sets"));
  ASSERT_TRUE(find->hasFocus());
  QTest::keyClicks(find, QStringLiteral("hips rose first above effort 7"));
  QTest::keyClick(find, Qt::Key_Return);
  EXPECT_EQ(view.results().count(), 5);
  EXPECT_TRUE(words(view, "found words").startsWith(QStringLiteral("5 sets")))
      << words(view, "found words").toStdString();
  view.results().setFocus();
  QTest::keyClick(&view.results(), Qt::Key_Down);
  const SetId wanted = chart.chosen();
  QTest::keyClick(&view.results(), Qt::Key_Return);
  ASSERT_TRUE(window->onSheet());
  EXPECT_EQ(window->sheet().current(), wanted);
  QTest::keyClick(&window->sheet(), Qt::Key_Escape);
  EXPECT_TRUE(window->onStory()) << "back where it was opened from";
}

TEST_F(LoadDesk, TwoAreLaidBesideEachOther) {
  ASSERT_TRUE(window->house().addSet(setOf(oda, kToday.addDays(-20), 60.0, 5, 8.0)));
  window->openStory(runa);
  StoryView& view = window->story();
  say(view, QStringLiteral("beside"), QStringLiteral("Oda squat"));
  EXPECT_EQ(view.findChild<Word*>(QStringLiteral("word beside"))->text(), QStringLiteral("Oda squat"));
  say(view, QStringLiteral("beside"), QStringLiteral("the moon"));
  EXPECT_EQ(view.findChild<Word*>(QStringLiteral("word beside"))->text(), QStringLiteral("Oda squat"));
  say(view, QStringLiteral("beside"), QStringLiteral("nobody"));
  // Of somebody without a set it says what to do.
  window->openStory(oda);
  say(view, QStringLiteral("lift"), QStringLiteral("deadlift"));
  EXPECT_TRUE(words(view, "strength words").contains(QStringLiteral("No set")));
}

TEST_F(LoadDesk, SetsAreWrittenDownTakenOutAndUndone) {
  QTest::keyClick(window.get(), Qt::Key_T, Qt::ControlModifier);
  ASSERT_TRUE(window->onToday());
  TodayView& view = window->today();
  auto* line = view.findChild<QLineEdit*>(QStringLiteral("quick entry"));
  ASSERT_TRUE(line->hasFocus());
  QTest::keyClicks(line, QStringLiteral("Oda squat 3x5 60 @8"));
  EXPECT_TRUE(words(view, "understood").contains(QStringLiteral("3 × 5 × 60 kg, felt 8")))
      << words(view, "understood").toStdString();
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_EQ(window->house().log(oda)->size(), 3u);
  EXPECT_EQ(window->house().log(oda)->back().effort_felt, 8.0);
  auto* done = view.findChild<QListWidget*>(QStringLiteral("written today"));
  EXPECT_EQ(done->count(), 3);
  // The next one is hers, in the same lift, without saying so.
  QTest::keyClicks(line, QStringLiteral("62.5x4/5"));
  QTest::keyClick(line, Qt::Key_Return);
  ASSERT_EQ(window->house().log(oda)->size(), 4u);
  EXPECT_EQ(window->house().log(oda)->back().reps_done, 4);
  // What is wrong is said and stays to be mended.
  QTest::keyClicks(line, QStringLiteral("62.5 wobbly"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_EQ(window->house().log(oda)->size(), 4u);
  EXPECT_TRUE(words(view, "understood").contains(QStringLiteral("wobbly")));
  EXPECT_EQ(line->text(), QStringLiteral("62.5 wobbly"));
  line->clear();
  done->setFocus();
  done->setCurrentRow(0);
  QTest::mouseClick(withWhat("take set out"), Qt::LeftButton);
  EXPECT_EQ(window->house().log(oda)->size(), 3u);
  window->setFocus();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(window->house().log(oda)->size(), 4u);
  for (int k = 0; k < 2; ++k) QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->house().log(oda)->empty());
  QTest::keyClick(window.get(), Qt::Key_Y, Qt::ControlModifier);
  EXPECT_EQ(window->house().log(oda)->size(), 3u);
}

TEST_F(LoadDesk, TodaySaysWhoDoesWhatAndInWhichOrderTheBarIsLoaded) {
  window->openToday();
  TodayView& view = window->today();
  EXPECT_TRUE(view.order().empty());
  aimFor(runa, Lift::kSquat, "top_single");
  aimFor(oda, Lift::kSquat, "even_steps");
  ASSERT_TRUE(window->house().addSet(setOf(oda, kToday.addDays(-4), 60.0, 5, 7.5)));
  view.open();
  auto* turns = view.findChild<QListWidget*>(QStringLiteral("bar order"));
  ASSERT_GT(view.order().size(), 8u);
  EXPECT_EQ(turns->count(), static_cast<int>(view.order().size()));
  QStringList all;
  for (int k = 0; k < turns->count(); ++k) all << turns->item(k)->text();
  EXPECT_TRUE(all.join(QLatin1Char('\n')).contains(QStringLiteral("Oda   5 × 62.5 kg")));
  EXPECT_TRUE(all.join(QLatin1Char('\n')).contains(QStringLiteral("warm-up")));
  // Who is not there is not on the bar.
  for (QCheckBox* check : view.findChildren<QCheckBox*>())
    if (check->text().startsWith(QStringLiteral("Oda"))) {
      check->setFocus();
      QTest::keyClick(check, Qt::Key_Space);
    }
  for (int k = 0; k < turns->count(); ++k)
    EXPECT_FALSE(turns->item(k)->text().startsWith(QStringLiteral("Oda")));
  say(view, QStringLiteral("lift on the bar"), QStringLiteral("deadlift"));
  EXPECT_TRUE(view.order().empty());
}

TEST_F(LoadDesk, WhatIsWrittenWhileTheDayIsPlannedCounts) {
  aimFor(oda, Lift::kSquat, "even_steps");
  ASSERT_TRUE(window->house().addSet(setOf(oda, kToday.addDays(-4), 60.0, 5, 7.5)));
  const auto says = [&](const char* words) {
    const auto labels = window->findChildren<QLabel*>();
    return std::any_of(labels.begin(), labels.end(),
                       [&](const QLabel* l) { return l->text().contains(QString::fromUtf8(words)); });
  };
  window->openToday();
  EXPECT_TRUE(says("The day is being planned"));
  EXPECT_FALSE(says("Nobody has a plan"));
  EXPECT_EQ(window->findChild<Word*>(QStringLiteral("word lift on the bar"))->text(),
            QStringLiteral("squat"));
  // No waiting: the line takes what is typed at once.
  auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget());
  ASSERT_NE(line, nullptr);
  QTest::keyClicks(line, QStringLiteral("Oda squat 62.5x5 @8"));
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_EQ(window->house().log(oda)->size(), 2u);
  EXPECT_FALSE(says("1 set done"));
  ASSERT_TRUE(QTest::qWaitFor([&] { return says("1 set done"); }, 20000)) << "by itself";
  EXPECT_FALSE(says("The day is being planned"));
  // Taken back, and asked at once: it waits for what holds then.
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  QTest::keyClick(window.get(), Qt::Key_Y, Qt::ControlModifier);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_FALSE(window->today().order().empty());
  QTest::qWait(0);
  EXPECT_FALSE(says("1 set done"));
}

TEST_F(LoadDesk, AHouseThatCannotBeReadIsNotTakenForNobodyHavingAPlan) {
  aimFor(runa, Lift::kSquat, "even_steps");
  const fs::path file = window->house().path(), away = folder / "away.mottix";
  fs::rename(file, away);
  window->openToday();
  window->today().settle();
  EXPECT_TRUE(window->notice().contains(QStringLiteral("is not there any more")))
      << window->notice().toStdString();
  for (const QLabel* l : window->today().findChildren<QLabel*>())
    EXPECT_TRUE(!l->text().contains(QStringLiteral("Nobody has a plan")) || l->isHidden());
  EXPECT_FALSE(fs::exists(file)) << "and no new one stands in its place";
  fs::rename(away, file);
}

TEST_F(LoadDesk, AnOldLogIsBroughtInAndTakenBack) {
  const fs::path csv = folder / "old.csv";
  std::ofstream(csv) << "Date,What,Weight,Reps,Sets,RPE\n2.3.2026,Back "
                        "squat,60,5,3,7\n2.3.2026,Curls,20,10,3,\n9.3.2026,Back squat,62.5,5,3,7.5\n";
  window->openImport(QString::fromStdString(csv.string()));
  ASSERT_TRUE(window->onImport());
  ImportView& view = window->import();
  EXPECT_EQ(view.takeable(), 0);
  EXPECT_TRUE(words(view, "import says").contains(QStringLiteral("Whose")));
  say(view, QStringLiteral("whose"), QStringLiteral("Sverre"));
  EXPECT_EQ(view.takeable(), 6);
  EXPECT_TRUE(words(view, "import says").contains(QStringLiteral("1 of them new")))
      << words(view, "import says").toStdString();
  EXPECT_TRUE(words(view, "import says").contains(QStringLiteral("1 line is left out")));
  auto* table = view.findChild<QTableWidget*>(QStringLiteral("import table"));
  EXPECT_TRUE(table->item(2, 6)->text().contains(QStringLiteral("none of the three")));
  // Reps are left out by hand, and put back.
  auto* reps = qobject_cast<QComboBox*>(table->cellWidget(0, 3));
  reps->setFocus();
  QTest::keyClick(reps, Qt::Key_Home);
  EXPECT_EQ(view.takeable(), 0);
  view.setColumn(3, LogColumn::kReps);
  EXPECT_EQ(view.takeable(), 6);
  QTest::mouseClick(withWhat("take log in"), Qt::LeftButton);
  ASSERT_TRUE(window->onToday());
  const auto athletes = *window->house().athletes();
  const auto sverre =
      std::find_if(athletes.begin(), athletes.end(), [](const Athlete& a) { return a.name == "Sverre"; });
  ASSERT_NE(sverre, athletes.end());
  EXPECT_EQ(window->house().log(sverre->id)->size(), 6u);
  EXPECT_EQ(window->house().log(sverre->id)->front().day, *dayNamed("2026-03-02"));
  window->setFocus();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->house().log(sverre->id)->empty());
  // A file that is no table is refused by name.
  std::ofstream(folder / "song.csv") << "la la la\n";
  window->openImport(QString::fromStdString((folder / "song.csv").string()));
  EXPECT_TRUE(window->notice().contains(QStringLiteral("song.csv")));
  EXPECT_TRUE(window->onToday());
}

TEST_F(LoadDesk, TheSheetAsksAndGoesOnByThePlan) {
  aimFor(runa, Lift::kSquat, "top_single");
  const SetId id = *window->house().addSet(setOf(runa, kToday, 60.0, 5));
  window->openSet(id);
  SetSheet& sheet = window->sheet();
  EXPECT_TRUE(words(sheet, "since last").startsWith(QStringLiteral("Last time, 16 November")))
      << words(sheet, "since last").toStdString();
  // Asked as planned: the single.
  sheet.film().setFocus();
  QTest::keyClick(&sheet, Qt::Key_A);
  EXPECT_EQ(sheet.data().set.edit.asked.reps, 1);
  EXPECT_EQ(sheet.data().set.edit.asked.load_kg, 110.0);  // 109 · 1.015 = 110.6
  EXPECT_EQ(sheet.data().set.edit.asked.effort, 8.0);
  EXPECT_TRUE(words(sheet, "next heading").contains(QStringLiteral("5 × 5 × 87.5 kg")))
      << words(sheet, "next heading").toStdString();
  EXPECT_TRUE(words(sheet, "next reason").contains(QStringLiteral("80 %")));
  // The word on effort against the plan; then another load than suggested.
  say(sheet, QStringLiteral("effort felt"), QStringLiteral("9.5"));
  EXPECT_EQ(sheet.data().set.edit.effort_felt, 9.5);
  EXPECT_TRUE(words(sheet, "reserve").contains(QStringLiteral("reps left")))
      << words(sheet, "reserve").toStdString();
  EXPECT_FALSE(words(sheet, "next heading").contains(QStringLiteral("87.5 kg")));
  say(sheet, QStringLiteral("effort seen"), QStringLiteral("6"));
  EXPECT_TRUE(words(sheet, "reserve").contains(QStringLiteral("do not agree")))
      << words(sheet, "reserve").toStdString();
  say(sheet, QStringLiteral("notes"), QStringLiteral("short sleep, left knee warm"));
  EXPECT_EQ(sheet.data().set.edit.conditions, std::vector{Condition::kShortSleep});
  EXPECT_EQ(sheet.data().set.edit.note, "left knee warm");
  say(sheet, QStringLiteral("tempo"), QStringLiteral("3-1-1"));
  say(sheet, QStringLiteral("sets"), QStringLiteral("2"));
  say(sheet, QStringLiteral("equipment"), QStringLiteral("belt"));
  EXPECT_EQ(sheet.data().set.edit.asked.tempo, "3-1-1");
  EXPECT_EQ(sheet.data().set.edit.asked.sets, 2);
  EXPECT_EQ(sheet.data().set.edit.asked.equipment, "belt");
  sheet.film().setFocus();
  QTest::keyClick(&sheet, Qt::Key_E);
  auto* line = sheet.findChild<QLineEdit*>(QStringLiteral("change load"));
  ASSERT_NE(line, nullptr);
  line->selectAll();
  QTest::keyClicks(line, QStringLiteral("95"));
  QTest::keyClick(line, Qt::Key_Return);
  const auto kept = window->house().log(runa)->back();
  EXPECT_EQ(kept.next_kg, 95.0);
  ASSERT_TRUE(kept.suggested_kg);
  EXPECT_NE(*kept.suggested_kg, 95.0);
  EXPECT_TRUE(words(sheet, "next reason").contains(QStringLiteral("Decided by the coach")));
}

TEST_F(LoadDesk, ASetWrittenDownGetsItsFilmLater) {
  FilmPlan plan = planFromSeed(2);
  plan.width_px = 320;
  plan.height_px = 180;
  plan.squat.reps.resize(1);
  plan.phone = {};
  const fs::path film = folder / "late.mp4";
  ASSERT_TRUE(makeFilm(plan, film));
  const SetId id = *window->house().addSet(setOf(oda, kToday, 60.0, 1, 8.0));
  window->openSet(id);
  ASSERT_NE(withWhat("add its film"), nullptr);
  window->sheet().addFilm(QString::fromStdString(film.string()));
  EXPECT_TRUE(window->house().loadSet(id)->hasFilm());
  EXPECT_TRUE(window->jobs().running(id));
  ASSERT_TRUE(QTest::qWaitFor([&] { return !window->jobs().running(id); }, 60000));
  EXPECT_EQ(window->house().loadSet(id)->edit.effort_felt, 8.0);
  window->sheet().film().setFocus();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_FALSE(window->house().loadSet(id)->hasFilm());
  EXPECT_EQ(window->house().loadSet(id)->state, SetState::kReviewed);
}

TEST_F(LoadDesk, TheSheetLoadsTheBarThatIsSaid) {
  const SetId id = *window->house().addSet(setOf(runa, kToday, 60.0, 5, 8.0));
  window->openSet(id);
  SetSheet& sheet = window->sheet();
  SetEdit edit = sheet.data().set.edit;
  edit.next_load_kg = 60.0;
  sheet.apply(id, edit);
  auto* plates = sheet.findChild<PlatesDrawing*>();
  ASSERT_NE(plates, nullptr);
  EXPECT_EQ(plates->accessibleName(), QStringLiteral("20 a side")) << plates->accessibleName().toStdString();
  say(sheet, QStringLiteral("equipment"), QStringLiteral("belt, training bar"));
  EXPECT_EQ(plates->accessibleName(), QStringLiteral("20 + 2.5 a side on the training bar"))
      << plates->accessibleName().toStdString();
  say(sheet, QStringLiteral("equipment"), QStringLiteral("chains 20 kg"));
  EXPECT_EQ(plates->accessibleName(), QStringLiteral("10 a side; 20 kg of it hang on it at the top"))
      << plates->accessibleName().toStdString();
  // The weeks ahead and the day go on from what the newest set was on.
  aimFor(runa, Lift::kSquat, "even_steps");
  window->openToday();
  ASSERT_FALSE(window->today().order().empty());
  EXPECT_EQ(window->today().order().back().step.loading.at_top, Mass::ofKg(20.0));
}

TEST_F(LoadDesk, ALadderIsClimbedByWhatTheLastSetSaid) {
  aimFor(runa, Lift::kSquat, "even_steps");
  window->openAhead(runa);
  AheadView& view = window->ahead();
  const auto climbs = [&] {
    const auto all = view.findChildren<QPushButton*>();
    return std::any_of(all.begin(), all.end(),
                       [](QPushButton* b) { return b->property("what") == "climb" && b->isVisible(); });
  };
  EXPECT_FALSE(climbs()) << "at the top, and in order";
  say(view, QStringLiteral("rung"), QStringLiteral("somewhere"));
  EXPECT_TRUE(window->house().loadRecord(runa)->places.empty()) << "no such rung";
  say(view, QStringLiteral("rung"), QStringLiteral("goblet squat"));
  ASSERT_EQ(window->house().loadRecord(runa)->places.size(), 1u);
  EXPECT_EQ(window->house().loadRecord(runa)->places[0].rung, "Goblet squat");
  EXPECT_FALSE(climbs()) << "no set since";
  // Today does not put them on the bar of the plan.
  window->openToday();
  QStringList said;
  for (const QLabel* l : window->today().findChildren<QLabel*>()) said << l->text();
  EXPECT_TRUE(said.join(QLatin1Char(' ')).contains(QStringLiteral("On the ladder at “Goblet squat”")));
  EXPECT_TRUE(window->today().order().empty());
  // A good set of the next day leads up.
  const SetId id = *window->house().addSet(setOf(runa, kToday.addDays(1), 20.0, 5, 6.0));
  Analysis good;
  good.measures.push_back({MeasureId::kMeanSpeed, 1, {0.6, 0.01}, MeasureStatus::kOk, 1});
  good.decision.action = LoadAction::kAdd;
  ASSERT_TRUE(window->house().saveResults(id, good, builtInRuleBook()));
  window->openAhead(runa);
  ASSERT_NE(withWhat("climb"), nullptr);
  EXPECT_TRUE(withWhat("climb")->text().contains(QStringLiteral("Empty bar")));
  QTest::mouseClick(withWhat("climb"), Qt::LeftButton);
  EXPECT_EQ(window->house().loadRecord(runa)->places[0].rung, "Empty bar, sets of five");
  view.setFocus();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(window->house().loadRecord(runa)->places[0].rung, "Goblet squat");
  say(view, QStringLiteral("rung"), QStringLiteral("The whole lift"));
  EXPECT_TRUE(window->house().loadRecord(runa)->places.empty());
}

TEST_F(LoadDesk, TheStoryOfSomeSetsOnly) {
  window->openStory(runa);
  StoryView& view = window->story();
  const double best = view.story().strength->over_time.back().best_kg.value;
  say(view, QStringLiteral("which sets"), QStringLiteral("reps at most 3"));
  EXPECT_EQ(view.story().sets.size(), 10u);
  for (const LogLine* s : view.story().sets) EXPECT_EQ(s->reps_done, 1);
  EXPECT_EQ(view.story().strength->over_time.back().best_kg.value, best) << "follows from all";
  say(view, QStringLiteral("which sets"), QStringLiteral("missed"));
  EXPECT_EQ(view.story().sets.size(), 10u) << "there is none: it stays";
  say(view, QStringLiteral("which sets"), QStringLiteral("all sets"));
  EXPECT_EQ(view.story().sets.size(), 20u);
}

}  // namespace
}  // namespace mottix
