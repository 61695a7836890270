// The desk without a mouse, with a screen reader, in large letters, and for eyes that see few colours: every
// view is opened and its widgets walked.
#include <unistd.h>

#include <array>
#include <cmath>
#include <filesystem>
#include <functional>
#include <set>

#include <gtest/gtest.h>
#include <QAbstractAnimation>
#include <QAbstractButton>
#include <QAccessible>
#include <QApplication>
#include <QButtonGroup>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>
#include <QTranslator>

#include "desk/house_window.h"
#include "desk/theme.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
const QDate kToday(2026, 11, 28);
constexpr int kPatienceMs = 60000;

// Relative luminance and contrast as in the Web Content Accessibility Guidelines 2.1.
double luminance(const QColor& c) {
  const auto part = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
  return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
}
double contrast(const QColor& a, const QColor& b) {
  const double x = luminance(a), y = luminance(b);
  return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
}

class Access : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_access_" + std::to_string(getpid()));
    fs::create_directories(folder);
    FilmPlan plan = planFromSeed(3, Lift::kSquat, View::kSide);
    plan.width_px = 480;
    plan.height_px = 270;
    plan.squat.reps.resize(2);
    ASSERT_TRUE(makeFilm(plan, folder / "set.mp4"));
    auto house = HouseFile::open(folder / "house.mottix");
    ASSERT_TRUE(house);
    runa = *house->addAthlete({{}, "Runa Marie Tveit-Solbakken of the Upper Fell", 2.5, 0, ""});
    auto record = *house->loadRecord(runa);
    record.body = BodyFacts{1.74, 68.0, Sex::kFemale, {}, std::nullopt};
    LiftAim aim;
    aim.lift = Lift::kSquat;
    aim.plan = "top_single";
    aim.begins = "2026-11-23";
    aim.test_day = "2027-02-20";
    record.aims.push_back(aim);
    ASSERT_TRUE(house->saveRecord(record));
    for (int week = 8; week >= 1; --week) {
      SetRecord set;
      set.athlete = runa;
      set.day = kToday.addDays(-7 * week).toString(Qt::ISODate).toStdString();
      set.state = SetState::kReviewed;
      set.edit.asked.variant = "high bar";
      set.edit.asked.reps = 3;
      set.edit.asked.load_kg = 80.0 - week;
      set.edit.effort_felt = 8.0;
      ASSERT_TRUE(house->addSet(set));
    }
    window = new HouseWindow(std::move(*house), kToday);
    window->show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(window));
    window->addFilms(runa, {QString::fromStdString((folder / "set.mp4").string())});
    ASSERT_TRUE(QTest::qWaitFor([&] { return window->jobs().idle(); }, kPatienceMs));
    filmed = window->house().sets()->back().id;
  }
  static void TearDownTestSuite() {
    delete window;
    std::error_code ec;
    fs::remove_all(folder, ec);
  }

  struct Page {
    const char* name;
    std::function<void()> open;
  };
  static std::vector<Page> pages() {
    const auto sheet = [] {
      window->openSet(filmed);
      (void)QTest::qWaitFor([&] { return window->sheet().film().hasPicture(); }, kPatienceMs);
    };
    return {{"queue", [] { window->showQueue(); }},
            {"sheet", sheet},
            {"numbers",
             [=] {
               sheet();
               window->sheet().showNumbers();
             }},
            {"curves",
             [=] {
               sheet();
               window->sheet().showCurves();
             }},
            {"schools",
             [=] {
               sheet();
               window->sheet().showSchools();
             }},
            {"beside",
             [=] {
               sheet();
               window->openBeside();
             }},
            {"hand-out",
             [=] {
               sheet();
               window->openHandOut();
             }},
            {"athlete", [] { window->openAthlete(runa); }},
            {"fit", [] { window->openFit(runa); }},
            {"house book", [] { window->openBook(); }},
            {"blind look", [] { window->openBlind(); }},
            {"story", [] { window->openStory(runa); }},
            {"ahead", [] { window->openAhead(runa); }},
            {"today",
             [] {
               window->openToday();
               window->today().settle();
             }},
            {"how to film", [] { window->openFilming(); }}};
  }
  // What can be reached by Tab and is shown.
  static std::vector<QWidget*> reachable() {
    std::vector<QWidget*> out;
    for (QWidget* w : window->findChildren<QWidget*>())
      if (w->isVisible() && w->isEnabled() && (w->focusPolicy() & Qt::TabFocus) != 0 &&
          w->focusProxy() == nullptr)
        out.push_back(w);
    return out;
  }
  // The first word on the page that has not the room it needs; empty: none.
  static std::string firstCutOff() {
    for (const QLabel* l : window->findChildren<QLabel*>()) {
      if (!l->isVisible() || l->text().isEmpty() ||
          l->sizePolicy().horizontalPolicy() == QSizePolicy::Ignored)
        continue;
      const int needs = l->wordWrap() ? l->heightForWidth(l->width()) : l->sizeHint().height();
      if (needs > l->height() + 1 || (!l->wordWrap() && l->sizeHint().width() > l->width() + 1))
        return l->text().left(60).toStdString();
    }
    for (const QPushButton* b : window->findChildren<QPushButton*>())
      if (b->isVisible() && b->fontMetrics().horizontalAdvance(b->text()) > b->width())
        return b->text().toStdString();
    return {};
  }
  // On any page of a window of that size.
  static void noWordIsCutOff(const QSize& size) {
    window->resize(size);
    for (const Page& page : pages()) {
      page.open();
      SCOPED_TRACE(page.name);
      // What is long is laid out in more than one go.
      EXPECT_TRUE(QTest::qWaitFor([] { return firstCutOff().empty(); }, 2000)) << firstCutOff();
      EXPECT_LE(window->minimumSizeHint().width(), 1280);
      EXPECT_LE(window->minimumSizeHint().height(), 800);
    }
  }
  static std::string describe(const QWidget* w) {
    return std::string(w->metaObject()->className()) + " “" + w->objectName().toStdString() + "” " +
           w->property("what").toString().toStdString();
  }

  static fs::path folder;
  static AthleteId runa;
  static SetId filmed;
  static HouseWindow* window;
};
fs::path Access::folder;
AthleteId Access::runa{};
SetId Access::filmed{};
HouseWindow* Access::window = nullptr;

TEST_F(Access, WhateverTakesTheFocusHasANameAndARoleForAScreenReader) {
  for (const Page& page : pages()) {
    page.open();
    SCOPED_TRACE(page.name);
    for (QWidget* w : reachable()) {
      QAccessibleInterface* face = QAccessible::queryAccessibleInterface(w);
      ASSERT_NE(face, nullptr) << describe(w);
      EXPECT_FALSE(face->text(QAccessible::Name).trimmed().isEmpty()) << describe(w) << " has no name";
      EXPECT_NE(face->role(), QAccessible::NoRole) << describe(w);
    }
    // A picture that says something says it in words as well.
    for (const QLabel* l : window->findChildren<QLabel*>())
      EXPECT_TRUE(!l->isVisible() || l->pixmap().isNull() || !l->accessibleName().isEmpty()) << describe(l);
  }
}

TEST_F(Access, TabReachesEverythingOnEveryPageAndComesRound) {
  for (const Page& page : pages()) {
    page.open();
    SCOPED_TRACE(page.name);
    QApplication::setActiveWindow(window);
    const auto all = reachable();
    ASSERT_FALSE(all.empty());
    std::set<QWidget*> reached;
    const std::size_t most = 2 * all.size() + 20;
    for (std::size_t i = 0; i < most; ++i) {
      QWidget* at = QApplication::focusWidget();
      if (at == nullptr) at = window;
      reached.insert(at);
      QTest::keyClick(at, Qt::Key_Tab);
    }
    for (QWidget* w : all) {
      // Of buttons of which one holds, Tab goes to that one; arrows to the others.
      const auto* b = qobject_cast<const QAbstractButton*>(w);
      const bool by_arrow =
          b != nullptr && b->group() != nullptr && b->group()->exclusive() && !b->isChecked();
      EXPECT_TRUE(reached.contains(w) || !w->isVisible() || by_arrow) << describe(w) << " is not reached";
    }
    // And back.
    QWidget* at = QApplication::focusWidget();
    ASSERT_NE(at, nullptr);
    QTest::keyClick(at, Qt::Key_Tab);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Backtab);
    EXPECT_EQ(QApplication::focusWidget(), at) << describe(QApplication::focusWidget());
  }
}

TEST_F(Access, WhereTheFocusIsCanBeSeen) {
  int looked_at = 0;
  for (const Page& page : pages()) {
    page.open();
    SCOPED_TRACE(page.name);
    QApplication::setActiveWindow(window);
    for (QWidget* w : reachable()) {
      if (w->visibleRegion().isEmpty()) continue;
      QWidget* elsewhere = nullptr;
      for (QWidget* other : reachable())
        if (other != w && !other->isAncestorOf(w) && !w->isAncestorOf(other)) elsewhere = other;
      if (elsewhere == nullptr) continue;
      const auto picture = [&] {
        QCoreApplication::processEvents();
        const QPoint at = w->mapTo(window, QPoint(0, 0));
        return window->grab(QRect(at, w->size()).adjusted(-3, -3, 3, 3) & window->rect()).toImage();
      };
      elsewhere->setFocus(Qt::TabFocusReason);
      const QImage without = picture();
      w->setFocus(Qt::TabFocusReason);
      if (!w->hasFocus()) continue;
      ++looked_at;
      EXPECT_NE(picture(), without) << describe(w) << " looks the same with and without the focus";
    }
  }
  EXPECT_GT(looked_at, 150);
}

TEST_F(Access, EveryPageIsLeftByOneKey) {
  for (const Page& page : pages()) {
    if (std::string(page.name) == "queue") continue;
    page.open();
    SCOPED_TRACE(page.name);
    QWidget* at = QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : window;
    for (int i = 0; i < 4; ++i) {
      at = QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : window;
      QTest::keyClick(at, Qt::Key_Escape);
      QCoreApplication::processEvents();
    }
    EXPECT_TRUE(window->queue().isVisible()) << "Esc, from what it was opened from back to the Queue";
  }
}

TEST_F(Access, LettersStandOutFromWhatIsBehindThem) {
  for (const Look look : {Look::kLight, Look::kDark}) {
    setTheme(look);
    const Theme& t = theme();
    for (const QColor& behind : {t.sheet, t.raised, t.desk})
      for (const QColor& letter : {t.ink, t.muted, t.green, t.clay})
        EXPECT_GE(contrast(letter, behind), 4.5)
            << letter.name().toStdString() << " on " << behind.name().toStdString();
    // Chosen text and menu lines: the sheet's colour on green.
    EXPECT_GE(contrast(t.sheet, t.green), 4.5);
  }
  setTheme(Look::kLight);
  const Theme& p = printTheme();
  for (const QColor& letter : {p.ink, p.muted, p.green, p.clay}) EXPECT_GE(contrast(letter, p.sheet), 4.5);
}

TEST_F(Access, GreenAndClayAreToldApartByEyesThatSeeFewColours) {
  // Machado, Oliveira and Fernandes 2009, severity 1: protan, deutan, tritan; in linear light.
  constexpr std::array<std::array<double, 9>, 3> kEyes = {
      {{0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998},
       {0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881},
       {1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900}}};
  const auto seen = [](const QColor& c, const std::array<double, 9>& eye) {
    const auto linear = [](double v) {
      return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    const std::array<double, 3> v = {linear(c.redF()), linear(c.greenF()), linear(c.blueF())};
    std::array<double, 3> out{};
    for (std::size_t r = 0; r < 3; ++r)
      for (std::size_t k = 0; k < 3; ++k) out[r] += eye[3 * r + k] * v[k];
    return out;
  };
  // CIE 1976 L*a*b* under D65, from linear light.
  const auto lab = [](const std::array<double, 3>& c) {
    const auto root = [](double v) { return v > 0.008856 ? std::cbrt(v) : 7.787 * v + 16.0 / 116.0; };
    const double x = root((0.4124 * c[0] + 0.3576 * c[1] + 0.1805 * c[2]) / 0.9505),
                 y = root(0.2126 * c[0] + 0.7152 * c[1] + 0.0722 * c[2]),
                 z = root((0.0193 * c[0] + 0.1192 * c[1] + 0.9505 * c[2]) / 1.089);
    return std::array<double, 3>{116.0 * y - 16.0, 500.0 * (x - y), 200.0 * (y - z)};
  };
  // A difference that is just noticed is 2.3 (mahy1994); lines of a millimetre ask for several of them.
  constexpr double kNoticed = 2.3;
  for (const Look look : {Look::kLight, Look::kDark}) {
    setTheme(look);
    for (const auto& eye : kEyes) {
      const auto a = lab(seen(theme().green, eye)), b = lab(seen(theme().clay, eye));
      double apart = 0.0;
      for (std::size_t k = 0; k < 3; ++k) apart += (a[k] - b[k]) * (a[k] - b[k]);
      EXPECT_GT(std::sqrt(apart), 5.0 * kNoticed);
    }
  }
  setTheme(Look::kLight);
}

TEST_F(Access, NoWordsAreCutOffAtAnySize) {
  for (const QSize size : {QSize(1280, 800), QSize(1600, 1000), QSize(2560, 1440)}) noWordIsCutOff(size);
  window->resize(1280, 800);
}

// Its words are longer.
TEST_F(Access, NorInAnotherLanguage) {
  auto& app = *qobject_cast<QApplication*>(QCoreApplication::instance());
  ASSERT_TRUE(speak(app, QStringLiteral("de")));
  auto house = HouseFile::openAgain(window->house().path());
  ASSERT_TRUE(house);
  HouseWindow german(std::move(*house), kToday);
  HouseWindow* english = std::exchange(window, &german);
  german.show();
  ASSERT_TRUE(QTest::qWaitForWindowExposed(&german));
  noWordIsCutOff(QSize(1280, 800));
  window = english;
  for (QTranslator* t : app.findChildren<QTranslator*>()) {
    QApplication::removeTranslator(t);
    delete t;
  }
  speak(app, QStringLiteral("en"));
}

TEST_F(Access, NothingMovesByItself) {
  for (const Page& page : pages()) {
    page.open();
    SCOPED_TRACE(page.name);
    for (const QAbstractAnimation* a : window->findChildren<QAbstractAnimation*>())
      EXPECT_NE(a->state(), QAbstractAnimation::Running);
    if (!window->onSheet()) continue;
    EXPECT_FALSE(window->sheet().film().playing()) << "a film plays only when it is asked to";
  }
}

}  // namespace
}  // namespace mottix
