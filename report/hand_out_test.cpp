#include "report/hand_out.h"

#include <unistd.h>

#include <fstream>
#include <sstream>

#include <gtest/gtest.h>

#include "core/load/lift_plan.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class HandOuts : public testing::Test {
 protected:
  HandOuts() {
    sheet.athlete.name = "Runa <b>Vik</b>";
    sheet.set.day = "2026-11-24";
    sheet.set.edit.asked = {};
    sheet.set.edit.asked.load_kg = 82.5;
    sheet.set.edit.asked.reps = 5;
    Analysis a;
    a.reps.resize(5);
    for (int k = 0; k < 5; ++k) {
      a.reps[static_cast<std::size_t>(k)].number = k + 1;
      a.measures.push_back({MeasureId::kTrunkChange, k + 1, {14.0, 2.0}, MeasureStatus::kOk, 3});
      a.measures.push_back({MeasureId::kDepthMargin, k + 1, {-4.0, 0.5}, MeasureStatus::kOk, 3});
    }
    a.findings = {found("squat.hips_first", Certainty::kClear, {4, 5}),
                  found("squat.bar_forward", Certainty::kBorderline, {2})};
    a.decision.action = LoadAction::kHold;
    a.decision.next_load_kg = 80.0;
    sheet.analysis = std::move(a);
    facts.day = "24 November 2026";
    folder = fs::temp_directory_path() / ("mottix_hand_out_" + std::to_string(getpid()));
    fs::create_directories(folder);
  }
  ~HandOuts() override {
    std::error_code ec;
    fs::remove_all(folder, ec);
  }
  static Finding found(const char* rule, Certainty certainty, std::vector<int> reps) {
    Finding f;
    f.rule = f.event = rule;
    f.certainty = certainty;
    f.reps = std::move(reps);
    f.measure = MeasureId::kTrunkChange;
    f.value = {14.0, 2.0};
    f.limit = 10.0;
    f.big = 20.0;
    return f;
  }
  static std::string read(const fs::path& path) {
    std::stringstream all;
    all << std::ifstream(path, std::ios::binary).rdbuf();
    return all.str();
  }
  SheetData sheet;
  HandOutFacts facts;
  fs::path folder;
};

TEST_F(HandOuts, TellsTheOneThingThatIsClearWithItsCue) {
  facts.offered_cue = suggestCues(builtInCueBook(), sheet.analysis->findings, builtInRuleBook())[0].cue->id;
  facts.offered_for = "squat.hips_first";
  const HandOut h = makeHandOut(sheet, facts, {});
  ASSERT_TRUE(h.finding);
  EXPECT_EQ(h.finding->rule, "squat.hips_first");
  EXPECT_TRUE(h.change.contains(QStringLiteral("reps 4 and 5"))) << h.change.toStdString();
  EXPECT_TRUE(h.change_why.isEmpty()) << "plain words have no numbers";
  EXPECT_FALSE(h.cue.isEmpty());
  EXPECT_EQ(h.next, QStringList{QStringLiteral("5 × 80 kg")}) << h.next.join(u'|').toStdString();
  EXPECT_TRUE(h.cautions.first().contains(QStringLiteral("clinician")));
  EXPECT_TRUE(h.good.join(u' ').contains(QStringLiteral("In order"))) << h.good.join(u' ').toStdString();
  const HandOut numbers = makeHandOut(sheet, facts, {HandOutLevel::kNumbers, true});
  EXPECT_TRUE(numbers.change_why.contains(QStringLiteral("±"))) << numbers.change_why.toStdString();
  EXPECT_EQ(numbers.next.first(), QStringLiteral("5 × 176.5 lb (80 kg)"));
  EXPECT_TRUE(numbers.set.contains(QStringLiteral("182 lb (82.5 kg)"))) << numbers.set.toStdString();
}

TEST_F(HandOuts, WhatIsNotClearOrOverruledIsNotTold) {
  sheet.analysis->findings[0].overruled = true;
  HandOut h = makeHandOut(sheet, facts, {});
  EXPECT_FALSE(h.finding) << "the other one is borderline";
  EXPECT_EQ(h.change, QStringLiteral("Nothing to change: do the same again."));
  sheet.analysis->decision.action = LoadAction::kCantTell;
  EXPECT_EQ(makeHandOut(sheet, facts, {}).change, QStringLiteral("This set was not judged on film."));
  sheet.analysis.reset();
  h = makeHandOut(sheet, facts, {});
  EXPECT_EQ(h.change, QStringLiteral("This set was not judged on film."));
  EXPECT_TRUE(h.next.isEmpty());
}

TEST_F(HandOuts, ACueForSomethingElseDoesNotStandBesideTheFinding) {
  for (const Cue& cue : builtInCueBook().cues)
    if (!cue.isFor("squat.hips_first") && cue.isFor("squat.high")) sheet.set.edit.cue = cue.id;
  ASSERT_FALSE(sheet.set.edit.cue.empty());
  EXPECT_TRUE(makeHandOut(sheet, facts, {}).cue.isEmpty());
}

TEST_F(HandOuts, WhatTheLastCueMendedIsPraised) {
  SinceLast since;
  for (const Cue& cue : builtInCueBook().cues)
    if (cue.isFor("squat.high")) since.cue = cue.id;
  since.found = {"squat.high"};
  facts.since = since;
  EXPECT_TRUE(makeHandOut(sheet, facts, {}).good.join(u' ').contains(QStringLiteral("has worked")));
  sheet.analysis->findings.push_back(found("squat.high", Certainty::kCantTell, {1}));
  EXPECT_FALSE(makeHandOut(sheet, facts, {}).good.join(u' ').contains(QStringLiteral("has worked")))
      << "nobody could tell";
}

TEST_F(HandOuts, ThePlanTheSetupAndTheCoachsWordStandOnIt) {
  NextSession next;
  next.sets = {{SetRole::kTopSingle, 100.0, 1, 1, 8.0, {}}, {SetRole::kBackOff, 80.0, 3, 5, 7.0, {}}};
  next.cautions = {Caution::kPainOpen};
  facts.next = next;
  SetupRecord setup;
  setup.name = "low bar, 46 cm";
  setup.values = {{"stance", 46.0, "", "cm", "hips"}};
  facts.setup = setup;
  HandOut h = makeHandOut(sheet, facts, {HandOutLevel::kPlain, false, {}, QStringLiteral("Thursday")});
  ASSERT_EQ(h.next.size(), 2);
  EXPECT_TRUE(h.next[0].startsWith(QStringLiteral("A single of 100 kg")));
  // The plates are those of the single, and stand by it.
  Loading loading;
  loading.side = {{Mass::ofKg(20.0), 2}};
  facts.loading = loading;
  const HandOut with_plates = makeHandOut(sheet, facts, {});
  ASSERT_EQ(with_plates.next.size(), 3);
  EXPECT_TRUE(with_plates.next[1].contains(QStringLiteral("a side"))) << with_plates.next[1].toStdString();
  facts.loading.reset();
  EXPECT_EQ(h.setup_lines.size(), 1u);
  EXPECT_TRUE(h.cautions.join(u' ').contains(QStringLiteral("Pain is open")));
  facts.next_kg = 77.5;
  EXPECT_EQ(makeHandOut(sheet, facts, {}).next.first(), QStringLiteral("5 × 77.5 kg"))
      << "decided by the coach";
}

TEST_F(HandOuts, GoesIntoFilesThatNeedNothingBeside) {
  facts.offered_for = "squat.hips_first";
  HandOut h =
      makeHandOut(sheet, facts, {HandOutLevel::kNumbers, false, {}, QStringLiteral("a & b <script>")});
  QImage picture(64, 80, QImage::Format_RGB32);
  picture.fill(Qt::gray);
  h.picture = picture;
  ASSERT_TRUE(saveHandOut(h, folder / "page.html"));
  const std::string html = read(folder / "page.html");
  EXPECT_EQ(html.find("<script"), std::string::npos) << "hostile words stay words";
  EXPECT_EQ(html.find("<b>"), std::string::npos);
  EXPECT_NE(html.find("&lt;b&gt;Vik"), std::string::npos);
  EXPECT_EQ(html.find("src='http"), std::string::npos);
  EXPECT_EQ(html.find("url(http"), std::string::npos);
  EXPECT_NE(html.find("data:font/ttf;base64,"), std::string::npos);
  EXPECT_NE(html.find("data:image/png;base64,"), std::string::npos);
  ASSERT_TRUE(saveHandOut(h, folder / "page.pdf"));
  const std::string pdf = read(folder / "page.pdf");
  EXPECT_EQ(pdf.substr(0, 5), "%PDF-");
  EXPECT_NE(pdf.find("/FontFile2"), std::string::npos) << "type is embedded";
  EXPECT_NE(pdf.find("Barlow"), std::string::npos);
  ASSERT_TRUE(saveHandOut(h, folder / "page.PNG"));
  EXPECT_EQ(QImage(QString::fromStdString((folder / "page.PNG").string())).size(), QSize(1240, 1754));
  const auto odd = saveHandOut(h, folder / "page.doc");
  ASSERT_FALSE(odd);
  EXPECT_EQ(odd.error().remedy, Remedy::kCorrectInput);
  const auto nowhere = saveHandOut(h, folder / "none" / "page.pdf");
  ASSERT_FALSE(nowhere);
  EXPECT_EQ(nowhere.error().remedy, Remedy::kCheckDisk);
}

TEST_F(HandOuts, NothingRunsOffThePage) {
  // Long names and many words: the last caution still stands on the page, whole.
  sheet.athlete.name = "Ingeborg Alexandra Myhre-Solbakken von der Hohen Lichtung zu Nebelstein";
  facts.offered_for = "squat.hips_first";
  SetupRecord setup;
  for (int k = 0; k < 12; ++k) setup.values.push_back({"stance", 40.0 + k, "", "cm", "hips"});
  facts.setup = setup;
  QString note;
  for (int k = 0; k < 60; ++k) note += QStringLiteral("many words ");
  HandOut h = makeHandOut(sheet, facts, {HandOutLevel::kNumbers, true, {}, note});
  QImage tall(400, 640, QImage::Format_RGB32);
  tall.fill(Qt::gray);
  h.picture = tall;
  const auto painted = [&](const HandOut& what) {
    QImage canvas(620, 1000, QImage::Format_RGB32);
    canvas.fill(Qt::red);
    QPainter p(&canvas);
    paintHandOut(p, QRectF(10, 10, 600, 848), what);
    p.end();
    return canvas;
  };
  const QImage with = painted(h);
  for (int x = 0; x < with.width(); ++x) {
    EXPECT_EQ(with.pixelColor(x, 5), QColor(Qt::red));
    for (int y = 859; y < with.height(); y += 3)
      ASSERT_EQ(with.pixelColor(x, y), QColor(Qt::red)) << x << ", " << y;
  }
  // A last caution of one black bar's worth of ink is seen whole: the page differs from one without it.
  h.cautions << QStringLiteral("WWWWWWWWWWWWWWWWWWWW");
  const QImage one_more = painted(h);
  int ink = 0;
  for (int y = 800; y < 858; ++y)
    for (int x = 10; x < 610; ++x) ink += one_more.pixelColor(x, y).lightness() < 128 ? 1 : 0;
  EXPECT_GT(ink, 100) << "the foot is on the page";
}

}  // namespace
}  // namespace mottix
