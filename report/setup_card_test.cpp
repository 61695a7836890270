#include "report/setup_card.h"

#include <unistd.h>

#include <fstream>

#include <gtest/gtest.h>
#include <QGuiApplication>
#include <QImage>

namespace mottix {
namespace {

namespace fs = std::filesystem;

FigureInk ink() {
  return {Qt::black, Qt::darkGray, Qt::lightGray, Qt::green, Qt::red, Qt::white, QFont()};
}

FitSubject someone() {
  BodyFacts facts;
  facts.height_m = 1.75;
  return {estimateBody(facts), {}, {}, {}, {}};
}

SetupCard cardOf(Lift lift) {
  const FitSubject who = someone();
  SetupCard card;
  card.athlete = QStringLiteral("Runa Tveit");
  card.lift = QStringLiteral("Squat");
  if (lift == Lift::kSquat) {
    const SquatFit fit = suggestSquat(who, SquatSchool::kBase, {});
    card.lines = cardLines(fit.suggestions);
    card.figure = figureOf(who.body, fit.setup, fit.solution.posture);
  } else if (lift == Lift::kDeadlift) {
    const DeadliftFit fit = suggestDeadlift(who, DeadliftSchool::kBase, {});
    card.lines = cardLines(fit.suggestions);
    card.figure = figureOf(who.body, fit.setup, fit.solution().posture);
  } else {
    const BenchFit fit = suggestBench(who, BenchSchool::kBase, {});
    card.lines = cardLines(fit.suggestions);
    card.figure = figureOf(who.body, fit.setup, fit.solution.posture);
  }
  card.cautions = {standingCaution(lift)};
  return card;
}

int inked(const QImage& picture, const QRect& where, const QColor& not_this) {
  int n = 0;
  for (int y = where.top(); y <= where.bottom(); ++y)
    for (int x = where.left(); x <= where.right(); ++x)
      if (picture.pixelColor(x, y) != not_this) ++n;
  return n;
}

TEST(Figure, KeepsTheBodysLengthsAndTheBarOverTheFoot) {
  const FitSubject who = someone();
  const SquatFit fit = suggestSquat(who, SquatSchool::kBase, {});
  const Figure f = figureOf(who.body, fit.setup, fit.solution.posture);
  ASSERT_EQ(f.limbs.front().size(), 4u);
  EXPECT_NEAR((f.shoulder - f.hip).norm(), who.body.length_m(Segment::kTrunk), 1e-9);
  EXPECT_NEAR(f.bar.x(), 0.0, 1e-3);
  EXPECT_GT(f.limbs.front()[1].lateral_m, f.limbs.front()[2].lateral_m) << "knees stand wider than hips";
  const BenchFit bench = suggestBench(who, BenchSchool::kBase, {});
  const Figure b = figureOf(who.body, bench.setup, bench.solution.posture);
  EXPECT_EQ(b.view, Figure::View::kHeadEnd);
  EXPECT_NEAR(b.limbs[1].back().m.x(), 0.5 * bench.setup.grip_m, 1e-9);
  EXPECT_NEAR(b.limbs[1][2].m.x(), b.limbs[1][3].m.x(), 1e-12) << "the forearm stands upright";
}

TEST(SetupCard, FillsItsPageAtAnySizeWithTextAndDrawing) {
  for (Lift lift : {Lift::kSquat, Lift::kDeadlift, Lift::kBench}) {
    const SetupCard card = cardOf(lift);
    for (int width : {300, 600}) {
      QImage page(width, width * 210 / 148, QImage::Format_RGB32);
      page.fill(Qt::blue);
      QPainter painter(&page);
      paintCard(painter, QRectF(page.rect()), card, ink());
      painter.end();
      EXPECT_EQ(inked(page, page.rect(), Qt::blue), page.width() * page.height()) << "all of it is paper";
      SetupCard without = card;
      without.figure.reset();
      QImage bare = page;
      QPainter second(&bare);
      paintCard(second, QRectF(bare.rect()), without, ink());
      second.end();
      EXPECT_NE(page, bare) << "there is room for the drawing";
      const int margin = width / 25;
      EXPECT_EQ(inked(page, QRect(0, page.height() - margin / 2, width, margin / 2), Qt::white), 0)
          << "nothing runs over the edge";
    }
  }
}

TEST(SetupCard, IsWrittenAsPdfOrSaysWhyNot) {
  const fs::path folder = fs::temp_directory_path() / ("mottix_card_" + std::to_string(getpid()));
  fs::create_directories(folder);
  const fs::path file = folder / "card.pdf";
  ASSERT_TRUE(saveCardPdf(cardOf(Lift::kSquat), ink(), file));
  std::ifstream in(file, std::ios::binary);
  std::string head(5, ' ');
  in.read(head.data(), 5);
  EXPECT_EQ(head, "%PDF-");
  const auto refused = saveCardPdf(cardOf(Lift::kSquat), ink(), folder / "no" / "card.pdf");
  ASSERT_FALSE(refused);
  EXPECT_NE(refused.error().text.find("card.pdf"), std::string::npos);
  fs::remove_all(folder);
}

}  // namespace
}  // namespace mottix

// Drawing needs fonts, and fonts an application.
int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  QGuiApplication app(argc, argv);
  return RUN_ALL_TESTS();
}
