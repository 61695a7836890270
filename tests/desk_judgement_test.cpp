// Judgement through the desk's windows, beside the set sheet's own stations: the blind look, two schools
// beside each other, sets that are in the log without a film. Real mouse and key events.
#include <unistd.h>

#include <filesystem>

#include <gtest/gtest.h>
#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>

#include "desk/call_sheet.h"
#include "desk/eye_chart.h"
#include "desk/film_view.h"
#include "desk/house_window.h"
#include "desk/sentence.h"
#include "synth/blind_look.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
constexpr int kPatienceMs = 60000;

template <typename Done>
bool waitFor(Done&& done) {
  return QTest::qWaitFor(done, kPatienceMs);
}

class JudgementDesk : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_judgement_" + std::to_string(getpid()));
    fs::create_directories(folder);
    open();
  }
  void TearDown() override {
    window.reset();
    std::error_code ec;
    fs::remove_all(folder, ec);
  }
  void open() {
    window.reset();
    auto house = HouseFile::open(folder / "house.mottix");
    ASSERT_TRUE(house);
    window = std::make_unique<HouseWindow>(std::move(*house), QDate(2026, 11, 24));
    window->show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
  }
  QPushButton* withWhat(const char* what) {
    QPushButton* found = nullptr;
    (void)waitFor([&] {
      for (QPushButton* b : window->findChildren<QPushButton*>())
        if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) found = b;
      return found != nullptr;
    });
    return found;
  }
  QString heading() { return window->blind().findChild<QLabel*>(QStringLiteral("blind heading"))->text(); }
  QString words() { return window->blind().findChild<QLabel*>(QStringLiteral("blind words"))->text(); }
  QLineEdit* lineOf(const QString& name) {
    return window->blind().findChild<QLineEdit*>(QStringLiteral("word %1 line").arg(name));
  }
  void say(const QString& name, const QString& text) {
    auto* word = window->blind().findChild<Word*>(QStringLiteral("word ") + name);
    ASSERT_NE(word, nullptr);
    QTest::mouseClick(word, Qt::LeftButton);
    QLineEdit* line = lineOf(name);
    ASSERT_NE(line, nullptr);
    line->selectAll();
    QTest::keyClicks(line, text);
    QTest::keyClick(line, Qt::Key_Return);
  }
  // A clip of which something is there, on the film.
  bool look() {
    window->blind().clips().setWidth(256);
    QTest::keyClick(&window->blind(), Qt::Key_Return);
    return waitFor([&] { return window->blind().state() == BlindLookView::State::kLooking; });
  }

  fs::path folder;
  std::unique_ptr<HouseWindow> window;
};

TEST_F(JudgementDesk, AClipIsLookedAtMarkedAndHeldAgainstTheMeasures) {
  QTest::keyClick(window.get(), Qt::Key_L, Qt::ControlModifier);
  ASSERT_TRUE(window->onBlind());
  BlindLookView& blind = window->blind();
  say(QStringLiteral("lift"), QStringLiteral("a squat"));
  say(QStringLiteral("from where"), QStringLiteral("from the side"));
  blind.setFocus();
  ASSERT_TRUE(look());
  ASSERT_TRUE(waitFor([&] { return blind.film().hasPicture(); }));
  EXPECT_EQ(blind.clip()->clip.plan.lift, Lift::kSquat);
  // Nothing but the film: no bar, no joints, no path.
  EXPECT_TRUE(blind.film().playing());
  EXPECT_TRUE(words().contains(QStringLiteral("squat")));
  const auto rules = blind.calls().rules();
  ASSERT_GT(rules.size(), 5u);

  // By mouse: once is small, twice is big, three times nothing.
  CallSheet& calls = blind.calls();
  QTest::mouseClick(&calls, Qt::LeftButton, {}, calls.cellRect(1, 2).center().toPoint());
  ASSERT_EQ(calls.marks().size(), 1u);
  EXPECT_EQ(calls.marks()[0], (EyeMark{rules[1], 2, Called::kSmall}));
  QTest::mouseClick(&calls, Qt::LeftButton, {}, calls.cellRect(1, 2).center().toPoint());
  EXPECT_EQ(calls.marks()[0].size, Called::kBig);
  QTest::mouseClick(&calls, Qt::LeftButton, {}, calls.cellRect(1, 2).center().toPoint());
  EXPECT_TRUE(calls.marks().empty());
  // By keys, and said to who cannot see it.
  QTest::keyClick(&calls, Qt::Key_Down);
  QTest::keyClick(&calls, Qt::Key_Space);
  ASSERT_EQ(calls.marks().size(), 1u);
  EXPECT_EQ(calls.marks()[0], (EyeMark{rules[2], 2, Called::kSmall}));
  EXPECT_TRUE(calls.accessibleName().contains(QStringLiteral("rep 2: called small")))
      << calls.accessibleName().toStdString();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(calls.marks().empty());
  QTest::keyClick(window.get(), Qt::Key_Y, Qt::ControlModifier);
  EXPECT_EQ(calls.marks().size(), 1u);

  QTest::keyClick(&calls, Qt::Key_Return);
  ASSERT_EQ(blind.state(), BlindLookView::State::kCompared);
  EXPECT_TRUE(words().startsWith(blind.clip()->clip.planted.empty() ? QStringLiteral("No fault was planted")
                                                                    : QStringLiteral("Planted:")));
  const auto kept = window->house().blindLooks();
  ASSERT_TRUE(kept && kept->size() == 1u);
  EXPECT_EQ((*kept)[0].day, "2026-11-24");
  EXPECT_EQ((*kept)[0].seen.size(), rules.size());
  for (const Glance& g : (*kept)[0].seen)
    EXPECT_EQ(g.called, g.rule == rules[2] ? Called::kSmall : Called::kNothing) << g.rule;
  // What was called and is there or not is said, and shown on the film.
  QPushButton* show = withWhat("show glance");
  ASSERT_NE(show, nullptr);
  blind.film().goTo(0);
  QTest::mouseClick(show, Qt::LeftButton);
  EXPECT_GT(blind.film().frame(), 0u);

  // Undo takes the look back; the marks are still there.
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(blind.state(), BlindLookView::State::kLooking);
  EXPECT_TRUE(window->house().blindLooks()->empty());
  EXPECT_EQ(calls.marks().size(), 1u);
  QTest::keyClick(window.get(), Qt::Key_Y, Qt::ControlModifier);
  EXPECT_EQ(window->house().blindLooks()->size(), 1u);

  // The next clip is another one; results stay over a restart.
  const std::uint32_t seed = blind.clip()->wish.seed;
  QTest::keyClick(withWhat("go on"), Qt::Key_Return);
  ASSERT_TRUE(waitFor([&] { return blind.state() == BlindLookView::State::kLooking; }));
  EXPECT_GT(blind.clip()->wish.seed, seed);
  EXPECT_TRUE(calls.marks().empty());
  QTest::keyClick(&blind, Qt::Key_Escape);
  EXPECT_EQ(blind.state(), BlindLookView::State::kStart);
  QTest::keyClick(&blind, Qt::Key_Escape);
  EXPECT_FALSE(window->onBlind());
  open();
  window->openBlind();
  EXPECT_EQ(window->blind().looks().size(), 1u);
}

TEST_F(JudgementDesk, NothingToCallIsAnAnswerAndWaitingCanBeStopped) {
  window->openBlind();
  BlindLookView& blind = window->blind();
  blind.clips().setWidth(256);
  QTest::keyClick(&blind, Qt::Key_Return);
  EXPECT_EQ(blind.state(), BlindLookView::State::kFilming);
  QPushButton* stop = withWhat("results");
  ASSERT_NE(stop, nullptr);
  EXPECT_EQ(stop->text(), QStringLiteral("Stop"));
  QTest::mouseClick(stop, Qt::LeftButton);
  EXPECT_EQ(blind.state(), BlindLookView::State::kStart);
  blind.setFocus();
  ASSERT_TRUE(look());
  QTest::mouseClick(withWhat("go on"), Qt::LeftButton);
  ASSERT_EQ(blind.state(), BlindLookView::State::kCompared);
  for (const Glance& g : blind.compared()) EXPECT_EQ(g.called, Called::kNothing);
  int there = 0;
  for (const Glance& g : blind.compared()) there += g.is && *g.is != Called::kNothing;
  EXPECT_EQ(heading(), there > 0 ? QStringLiteral("You saw 0 of %1.").arg(there)
                                 : QStringLiteral("Nothing was beyond the limits, and you called nothing."));
}

TEST_F(JudgementDesk, ADeadliftIsLookedAtFromTheSide) {
  window->openBlind();
  say(QStringLiteral("lift"), QStringLiteral("a deadlift"));
  say(QStringLiteral("from where"), QStringLiteral("from the front"));
  QLineEdit* line = lineOf(QStringLiteral("from where"));
  ASSERT_NE(line, nullptr);  // what cannot be is not taken
  EXPECT_TRUE(line->toolTip().contains(QStringLiteral("from the side alone")))
      << line->toolTip().toStdString();
  QTest::keyClick(line, Qt::Key_Escape);
}

TEST_F(JudgementDesk, ResultsShowWhereAnEyeCallsAndLeadToTheRule) {
  // An eye that calls depth late.
  const Rule& rule = *builtInRuleBook().find("squat.high");
  for (int k = 0; k < 30; ++k) {
    const double cm = -4.0 + 0.5 * k;
    BlindLook look;
    look.day = k < 15 ? "2026-11-09" : "2026-11-16";
    look.seed = static_cast<std::uint32_t>(k + 1);
    Glance g;
    g.rule = rule.id;
    g.value = {cm, 0.3};
    g.limit = rule.limit;
    g.big = rule.big;
    g.is = cm > rule.big ? Called::kBig : cm > rule.limit ? Called::kSmall : Called::kNothing;
    g.called = cm > 4.0 ? Called::kBig : Called::kNothing;
    look.seen = {g};
    ASSERT_TRUE(window->house().addBlindLook(look));
  }
  window->openBlind();
  EyeChart& chart = window->blind().chart();
  ASSERT_EQ(chart.rows(), 1);
  EXPECT_TRUE(chart.rowWords(0).contains(QStringLiteral("Your eye calls it from")))
      << chart.rowWords(0).toStdString();
  EXPECT_TRUE(chart.rowWords(0).contains(QStringLiteral("only; the book from")));
  QTest::mouseClick(&chart, Qt::LeftButton, {}, chart.rowRect(0).center().toPoint());
  EXPECT_TRUE(window->onBook());
  EXPECT_EQ(window->book().rule(), QStringLiteral("squat.high"));
}

TEST_F(JudgementDesk, TheRoomsPlatesAreSaidAndUndone) {
  window->openBook();
  HouseBookView& book = window->book();
  const auto say_in_book = [&](const QString& name, const QString& text) {
    QTest::mouseClick(book.findChild<Word*>(QStringLiteral("word ") + name), Qt::LeftButton);
    const auto lines = book.findChildren<QLineEdit*>(QStringLiteral("word %1 line").arg(name));
    ASSERT_FALSE(lines.isEmpty());
    QLineEdit* line = lines.last();  // those before are about to go
    line->selectAll();
    QTest::keyClicks(line, text);
    QTest::keyClick(line, Qt::Key_Return);
  };
  say_in_book(QStringLiteral("plates"), QStringLiteral("20x2, 2.5x2"));
  say_in_book(QStringLiteral("bars"), QStringLiteral("axle 10, bar 20"));
  say_in_book(QStringLiteral("collar"), QStringLiteral("2.5"));
  const auto gear = parseGear(window->house().houseBook()->gear, "gear");
  ASSERT_TRUE(gear);
  EXPECT_EQ(nameOf(gear->plates), "20 × 2, 2.5 × 2");
  EXPECT_EQ(gear->plates[0].diameter_mm, 450.0) << "as the usual ones";
  ASSERT_EQ(gear->bars.size(), 2u);
  EXPECT_EQ(gear->bars[0].name, "axle");
  EXPECT_EQ(gear->collar, Mass::ofKg(2.5));
  // What is no plate is not taken.
  say_in_book(QStringLiteral("plates"), QStringLiteral("many"));
  QTest::keyClick(book.findChildren<QLineEdit*>(QStringLiteral("word plates line")).last(), Qt::Key_Escape);
  EXPECT_EQ(parseGear(window->house().houseBook()->gear, "gear")->plates.size(), 2u);
  for (int k = 0; k < 3; ++k) QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_TRUE(window->house().houseBook()->gear.empty());
}

}  // namespace
}  // namespace mottix
