// Help where it is needed: the walk round, the page on filming, the sheet of keys.
#include <unistd.h>

#include <filesystem>

#include <gtest/gtest.h>
#include <QApplication>
#include <QDialog>
#include <QFile>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QShortcut>
#include <QTest>
#include <QTranslator>
#include <QXmlStreamReader>

#include "core/cue/cue_book.h"
#include "core/verdict/causes.h"
#include "core/verdict/rule_book.h"
#include "desk/house_window.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/theme.h"
#include "report/tr.h"
#include "report/wording.h"
#include "synth/faults.h"
#include "synth/film_maker.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
const QDate kToday(2026, 11, 28);
constexpr int kPatienceMs = 30000;

class Help : public testing::Test {
 protected:
  void SetUp() override {
    folder = fs::temp_directory_path() / ("mottix_help_" + std::to_string(getpid()));
    fs::create_directories(folder);
    auto house = HouseFile::open(folder / "house.mottix");
    ASSERT_TRUE(house);
    runa = *house->addAthlete({{}, "Runa Vik", 2.5, 0, ""});
    open(std::move(*house));
  }
  void TearDown() override {
    window.reset();
    std::error_code ec;
    fs::remove_all(folder, ec);
  }
  void open(HouseFile house) {
    window = std::make_unique<HouseWindow>(std::move(house), kToday);
    window->show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
  }
  // A set that has been measured; its film is short.
  SetId measuredSet() {
    FilmPlan plan = planFromSeed(3, Lift::kSquat, View::kSide);
    plan.width_px = 480;
    plan.height_px = 270;
    plan.squat.reps.resize(1);
    EXPECT_TRUE(makeFilm(plan, folder / "rep.mp4"));
    window->addFilms(runa, {QString::fromStdString((folder / "rep.mp4").string())});
    EXPECT_TRUE(QTest::qWaitFor([&] { return window->jobs().idle(); }, 2 * kPatienceMs));
    return window->house().sets()->front().id;
  }
  QPushButton* withWhat(const char* what) {
    for (QPushButton* b : window->findChildren<QPushButton*>())
      if (b->property("what").toString() == QLatin1String(what) && b->isVisible()) return b;
    return nullptr;
  }
  QDialog* keySheet() {
    for (QWidget* w : QApplication::topLevelWidgets())
      if (w->objectName() == QLatin1String("key sheet") && w->isVisible()) return qobject_cast<QDialog*>(w);
    return nullptr;
  }

  fs::path folder;
  AthleteId runa{};
  std::unique_ptr<HouseWindow> window;
};

TEST_F(Help, HowToFilmIsReachedFromAnEmptyLaneAndByKeyAndLeadsBack) {
  ASSERT_NE(withWhat("how to film"), nullptr);
  QTest::mouseClick(withWhat("how to film"), Qt::LeftButton);
  EXPECT_TRUE(window->onFilming());
  QString all;
  for (const QLabel* l : window->findChildren<QLabel*>())
    if (l->isVisible()) all += l->text() + QLatin1Char('\n');
  for (const char* word :
       {"Three to four metres", "hip", "Square to the bar", "both feet", "front", "may fall"})
    EXPECT_TRUE(all.contains(QLatin1String(word))) << word;
  // Four drawings, each with something on it.
  const auto drawings = window->findChildren<FilmingDrawing*>();
  ASSERT_EQ(drawings.size(), 4);
  for (FilmingDrawing* d : drawings) {
    const QImage picture = d->grab().toImage();
    int inked = 0;
    for (int y = 0; y < picture.height(); ++y)
      for (int x = 0; x < picture.width(); ++x) inked += picture.pixelColor(x, y).lightness() < 120 ? 1 : 0;
    EXPECT_GT(inked, 300) << d->accessibleName().toStdString();
    EXPECT_FALSE(d->accessibleDescription().isEmpty());
  }
  QTest::keyClick(window->focusWidget(), Qt::Key_Escape);
  EXPECT_FALSE(window->onFilming());
  window->openToday();
  QTest::keyClick(window.get(), Qt::Key_F1, Qt::ShiftModifier);
  EXPECT_TRUE(window->onFilming());
}

TEST_F(Help, TheSheetOfKeysSaysTheKeysOfThePageAndThoseOfEveryPage) {
  window->openToday();
  QTest::keyClick(window.get(), Qt::Key_F1);
  QDialog* sheet = keySheet();
  ASSERT_NE(sheet, nullptr);
  QStringList words;
  for (const QLabel* l : sheet->findChildren<QLabel*>()) words << l->text();
  EXPECT_TRUE(words.contains(QStringLiteral("Today")));
  EXPECT_TRUE(words.contains(QStringLiteral("An old log (CSV)")));
  EXPECT_TRUE(words.contains(QStringLiteral("Ctrl+Z, Ctrl+Y")));
  EXPECT_FALSE(words.contains(QStringLiteral("Place the figure by hand"))) << "of another page";
  QTest::keyClick(sheet, Qt::Key_Escape);
  (void)QTest::qWaitFor([&] { return keySheet() == nullptr; }, kPatienceMs);
  EXPECT_EQ(keySheet(), nullptr);
}

TEST_F(Help, EveryKeyHasItsWordsAndNoneIsTakenTwice) {
  std::map<QWidget*, QStringList> taken;
  for (const QShortcut* s : window->findChildren<QShortcut*>()) {
    auto* page = qobject_cast<QWidget*>(s->parent());
    ASSERT_NE(page, nullptr);
    const QString keys = s->key().toString();
    EXPECT_FALSE(taken[page].contains(keys)) << page->metaObject()->className() << ' ' << keys.toStdString();
    taken[page] << keys;
    // Numbers are said together: "1 – 5".
    const bool a_number = keys.size() == 1 && keys[0].isDigit();
    EXPECT_TRUE(a_number || !s->whatsThis().isEmpty())
        << page->metaObject()->className() << ' ' << keys.toStdString();
  }
  EXPECT_GT(taken[window.get()].size(), 8);
  EXPECT_GT(taken[&window->sheet()].size(), 25);
  // A page's key is not one of those that hold everywhere, which would leave both without effect.
  for (const auto& [page, keys] : taken)
    for (const QString& k : page != window.get() ? keys : QStringList())
      EXPECT_FALSE(taken[window.get()].contains(k))
          << page->metaObject()->className() << ' ' << k.toStdString();
}

TEST_F(Help, TheWalkGoesRoundForwardAndBackAndIsOfferedOnce) {
  EXPECT_EQ(window->walkRound(), nullptr) << "nothing has been measured";
  EXPECT_TRUE(window->notice().contains(QStringLiteral("measured")));
  window->offerWalk();
  EXPECT_EQ(window->findChild<Walk*>(), nullptr) << "this house does not offer it";
  const SetId set = measuredSet();
  ASSERT_TRUE(window->house().saveDeskState("walk", "offer"));
  window->offerWalk();
  auto* walk = window->findChild<Walk*>();
  ASSERT_NE(walk, nullptr);
  EXPECT_EQ(walk->stop(), 0);
  int words = 0;
  for (int stop = 0; stop < walk->stops(); ++stop) {
    EXPECT_EQ(walk->stop(), stop);
    EXPECT_TRUE(walk->isVisible());
    EXPECT_TRUE(window->rect().contains(walk->geometry())) << stop;
    EXPECT_GE(walk->height(), walk->heightForWidth(walk->width())) << "no word is cut off at stop " << stop;
    words += static_cast<int>(walk->accessibleDescription().split(QLatin1Char(' ')).size());
    if (stop >= 1 && stop <= 4) {
      EXPECT_TRUE(window->onSheet() && window->sheet().current() == set) << stop;
    }
    EXPECT_EQ(window->onFit(), stop == 5);
    EXPECT_EQ(window->onStory(), stop == 6);
    if (stop == 3) {
      QTest::keyClick(walk->focusWidget(), Qt::Key_Left);
      EXPECT_EQ(walk->stop(), 2);
      QTest::keyClick(walk->focusWidget(), Qt::Key_Right);
    }
    QTest::mouseClick(withWhat("walk on"), Qt::LeftButton);
  }
  EXPECT_TRUE(window->onFilming());
  // Within two minutes, read at 200 words a minute, with five seconds to look at each stop.
  EXPECT_LE(words / 200.0 * 60.0 + 5.0 * walk->stops(), 120.0);
  EXPECT_EQ(window->house().deskState("walk").value_or(""), "walked");
  (void)QTest::qWaitFor([&] { return window->findChild<Walk*>() == nullptr; }, kPatienceMs);
  window->offerWalk();
  EXPECT_EQ(window->findChild<Walk*>(), nullptr);
  // Esc leaves it on the way.
  walk = window->walkRound();
  ASSERT_NE(walk, nullptr);
  QTest::keyClick(walk, Qt::Key_Escape);
  (void)QTest::qWaitFor([&] { return window->findChild<Walk*>() == nullptr; }, kPatienceMs);
  EXPECT_EQ(window->findChild<Walk*>(), nullptr);
}

TEST_F(Help, AnotherLanguageIsSpokenAsFarAsItsWordsGo) {
  auto& app = *qobject_cast<QApplication*>(QCoreApplication::instance());
  EXPECT_FALSE(speak(app, QStringLiteral("en_GB"))) << "that is spoken without";
  EXPECT_FALSE(speak(app, QStringLiteral("fi")));
  window.reset();
  ASSERT_TRUE(speak(app, QStringLiteral("de_AT")));
  auto house = HouseFile::open(folder / "house.mottix");
  ASSERT_TRUE(house);
  open(std::move(*house));
  QStringList words;
  for (const QPushButton* b : window->findChildren<QPushButton*>()) words << b->text();
  for (const QLabel* l : window->findChildren<QLabel*>()) words << l->text();
  EXPECT_TRUE(words.contains(QStringLiteral("Hausbuch")));
  EXPECT_TRUE(words.contains(QStringLiteral("So wird gefilmt")));
  EXPECT_TRUE(words.contains(QStringLiteral("Eingang: alles angesehen")));
  EXPECT_FALSE(words.contains(QStringLiteral("House book")));
  // What is judged, and by whom it is said, too; what a house wrote itself stays.
  EXPECT_EQ(ofBook("Hips rise first"), QStringLiteral("Hüfte steigt zuerst"));
  EXPECT_EQ(ofBook("Eyes on the red door."), QStringLiteral("Eyes on the red door."));
  for (const Rule& rule : builtInRuleBook().rules)
    for (const std::string& said : {rule.says, rule.maybe, rule.asks, rule.source})
      EXPECT_NE(ofBook(said).toStdString(), said) << rule.id << ": run scripts/translate.sh";
  for (const Cue& cue : builtInCueBook().cues) EXPECT_NE(ofBook(cue.words).toStdString(), cue.words);
  for (const Cause& cause : builtInCauseBook().causes)
    EXPECT_NE(ofBook(cause.title).toStdString() + ofBook(cause.next_set).toStdString(),
              cause.title + cause.next_set);
  for (const FaultKind& kind : faultKinds())
    EXPECT_NE(ofBook(std::string(kind.words)).toStdString(), kind.words) << kind.name;
  EXPECT_EQ(measureWords(MeasureId::kHipBelowKnee), QStringLiteral("Hüfte unter Knie"));
  EXPECT_EQ(dayWords("2026-12-03", "d MMMM yyyy"), QStringLiteral("3. Dezember 2026"));
  window.reset();
  for (QTranslator* t : app.findChildren<QTranslator*>()) {
    QApplication::removeTranslator(t);
    delete t;
  }
  speak(app, QStringLiteral("en"));
}

TEST(Languages, TranslationsKeepThePlacesOfNumbersAndNames) {
  QFile file(QStringLiteral(MOTTIX_SOURCE_DIR "/resources/i18n/mottix_de.ts"));
  ASSERT_TRUE(file.open(QIODevice::ReadOnly));
  QXmlStreamReader xml(&file);
  static const QRegularExpression place(QStringLiteral("%\\d|\\{\\}"));
  const auto placesIn = [](const QString& text) {
    QStringList out;
    for (auto m = place.globalMatch(text); m.hasNext();) out << m.next().captured();
    out.sort();
    return out;
  };
  QString source;
  int translated = 0;
  while (!xml.atEnd()) {
    if (xml.readNext() != QXmlStreamReader::StartElement) continue;
    if (xml.name() == QLatin1String("source")) source = xml.readElementText();
    if (xml.name() != QLatin1String("translation")) continue;
    const QString text = xml.readElementText();
    EXPECT_FALSE(text.isEmpty()) << source.toStdString();
    ++translated;
    EXPECT_EQ(placesIn(text), placesIn(source)) << source.toStdString();
  }
  EXPECT_FALSE(xml.hasError()) << xml.errorString().toStdString();
  EXPECT_GE(translated, 2500) << "every word of the desk and of the books";
}

}  // namespace
}  // namespace mottix
