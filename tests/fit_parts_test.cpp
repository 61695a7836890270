// The parts of Fit, one by one: what is tried and solved, the figure, the guide through a screen, the bars.
#include <cmath>

#include <gtest/gtest.h>
#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>

#include "desk/athlete_view.h"
#include "desk/fit_state.h"
#include "desk/fit_view.h"
#include "desk/pieces.h"
#include "desk/proportion_bar.h"
#include "desk/theme.h"

namespace mottix {
namespace {

FitSubject someone() {
  BodyFacts facts;
  facts.height_m = 1.75;
  facts.mass_kg = 75.0;
  facts.knee_to_wall_m = 0.12;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{0.43, 0.01}, LengthSource::kByHand};
  facts.measured[indexOf(Segment::kTrunk)] = BodyLength{{0.50, 0.02}, LengthSource::kFromClip};
  return {estimateBody(facts), {}, {}, {}, {}};
}

SetupRecord kept(const FitState& state, int id) {
  SetupRecord s;
  s.id = SetupId{id};
  s.lift = state.lift;
  s.values = setupValues(solveFit(someone(), state).suggestions);
  return s;
}

TEST(FitStateTest, AKeptSetupComesBackAsItWas) {
  FitState state;
  state.squat.bar = BarPosition::kLow;
  state.squat.heel_distance_m = 0.46;
  state.squat.toe_out_deg = 33.0;
  state.squat.heel_raise_m = 0.012;
  state.squat.hip_below_knee_m = -0.02;
  const FitState back = withSetup(FitState{}, kept(state, 1));
  EXPECT_EQ(back.squat.bar, BarPosition::kLow);
  EXPECT_NEAR(*back.squat.heel_distance_m, 0.46, 1e-9);
  EXPECT_NEAR(*back.squat.toe_out_deg, 33.0, 1e-9);
  EXPECT_NEAR(*back.squat.heel_raise_m, 0.012, 1e-9);
  EXPECT_NEAR(*back.squat.hip_below_knee_m, -0.02, 1e-9);
  const FitSolved a = solveFit(someone(), state), b = solveFit(someone(), back);
  ASSERT_TRUE(a.figure && b.figure);
  EXPECT_NEAR(a.figure->trunk_lean_deg, b.figure->trunk_lean_deg, 1e-6);

  FitState pull;
  pull.lift = Lift::kDeadlift;
  pull.deadlift.style = DeadliftStyle::kSumo;
  pull.deadlift.hand_distance_m = 0.36;
  const FitState sumo = withSetup(FitState{}, kept(pull, 2));
  EXPECT_EQ(sumo.lift, Lift::kDeadlift);
  EXPECT_EQ(sumo.deadlift.style, DeadliftStyle::kSumo);
  EXPECT_NEAR(*sumo.deadlift.hand_distance_m, 0.36, 1e-9);

  FitState press;
  press.lift = Lift::kBench;
  press.bench.grip_m = 0.70;
  EXPECT_NEAR(*withSetup(FitState{}, kept(press, 3)).bench.grip_m, 0.70, 1e-9);
}

TEST(FitStateTest, EachGhostIsTheOtherSetupItNames) {
  FitState state;
  state.squat.bar = BarPosition::kHigh;
  state.squat.heel_raise_m = 0.02;
  EXPECT_FALSE(ghostState(state, {}));
  state.ghost.kind = FitGhost::Kind::kSuggestion;
  EXPECT_FALSE(ghostState(state, {})->squat.heel_raise_m);
  state.ghost.kind = FitGhost::Kind::kBar;
  state.ghost.bar = BarPosition::kFront;
  EXPECT_EQ(ghostState(state, {})->squat.bar, BarPosition::kFront);
  EXPECT_EQ(ghostState(state, {})->squat.heel_raise_m, 0.02) << "all else stays";
  FitState low = state;
  low.squat.bar = BarPosition::kLow;
  state.ghost.kind = FitGhost::Kind::kKept;
  state.ghost.kept = SetupId{7};
  EXPECT_FALSE(ghostState(state, {})) << "a set-up that is gone";
  EXPECT_EQ(ghostState(state, {kept(low, 7)})->squat.bar, BarPosition::kLow);
  FitState pull;
  pull.lift = Lift::kDeadlift;
  pull.deadlift.heel_distance_m = 0.30;
  pull.ghost.kind = FitGhost::Kind::kStyle;
  pull.ghost.style = DeadliftStyle::kSumo;
  EXPECT_FALSE(ghostState(pull, {})->deadlift.heel_distance_m)
      << "the feet of one style are not those of the other";
}

TEST(FitStateTest, NumbersSayLeversLimitsAndTheOtherStyle) {
  FitState state;
  const FitSolved squat = solveFit(someone(), state);
  EXPECT_TRUE(squat.numbers.contains(QStringLiteral("Hip lever")));
  EXPECT_TRUE(squat.numbers.contains(QStringLiteral("Deepest")));
  FitSubject stiff = someone();
  stiff.body.dorsiflexion_deg = 12.0;
  state.squat.heel_raise_m = 0.0;
  EXPECT_TRUE(solveFit(stiff, state).numbers.contains(QStringLiteral("ankle")));
  state.squat.hip_below_knee_m = 0.40;
  const FitSolved none = solveFit(someone(), state);
  EXPECT_FALSE(none.figure);
  EXPECT_TRUE(none.no_posture.contains(QStringLiteral("because")));
  state.lift = Lift::kDeadlift;
  EXPECT_TRUE(solveFit(someone(), state).numbers.contains(QStringLiteral("would lean")));
  state.lift = Lift::kBench;
  EXPECT_TRUE(solveFit(someone(), state).numbers.contains(QStringLiteral("The bar travels")));
}

class FigureViewTest : public testing::Test {
 protected:
  void SetUp() override {
    view.resize(560, 600);
    show();
    view.show();
  }
  void show() {
    solved = solveFit(someone(), state);
    view.setScene(sceneOf(someone(), solved, std::nullopt));
  }
  FitState state;
  FitSolved solved;
  FigureView view;
};

TEST_F(FigureViewTest, HandlesLieOnTheFigureAndInsideTheView) {
  for (FitHandle h :
       {FitHandle::kBar, FitHandle::kDepth, FitHandle::kHeel, FitHandle::kStance, FitHandle::kToes}) {
    const auto at = view.handleAt(h);
    ASSERT_TRUE(at) << static_cast<int>(h);
    EXPECT_TRUE(QRectF(view.rect()).contains(*at)) << static_cast<int>(h);
  }
  EXPECT_FALSE(view.handleAt(FitHandle::kHands)) << "a squat has none";
  EXPECT_LT(view.handleAt(FitHandle::kBar)->y(), view.handleAt(FitHandle::kDepth)->y());
  for (int width : {340, 900, 1600}) {
    view.resize(width, width > 1000 ? 1000 : 500);
    state.squat.heel_distance_m = 0.9;
    state.squat.hip_below_knee_m = 0.0;
    state.squat.toe_out_deg = 60.0;
    show();
    if (!solved.figure) continue;
    EXPECT_TRUE(QRectF(view.rect()).contains(*view.handleAt(FitHandle::kToes))) << width;
  }
}

TEST_F(FigureViewTest, KeysGoThroughTheHandlesAndMoveThem) {
  QSignalSpy bar(&view, &FigureView::barPulled), value(&view, &FigureView::valuePulled),
      go(&view, &FigureView::letGo);
  view.setFocus();
  QTest::keyClick(&view, Qt::Key_Down);
  ASSERT_EQ(bar.size(), 1);
  EXPECT_EQ(bar[0][0].value<BarPosition>(), BarPosition::kMiddle);
  EXPECT_EQ(go.size(), 1) << "each key is a step of its own";
  const double depth = *view.scene().hip_below_knee_m;
  QTest::keyClick(&view, Qt::Key_Right);
  QTest::keyClick(&view, Qt::Key_Up);
  ASSERT_EQ(value.size(), 1);
  EXPECT_EQ(value[0][0].value<FitHandle>(), FitHandle::kDepth);
  EXPECT_LT(value[0][1].toDouble(), depth) << "up is less deep";
  QTest::keyClick(&view, Qt::Key_Left);
  QTest::keyClick(&view, Qt::Key_Left);  // round to the last
  QTest::keyClick(&view, Qt::Key_Up);
  ASSERT_EQ(value.size(), 2);
  EXPECT_EQ(value[1][0].value<FitHandle>(), FitHandle::kToes);
}

TEST_F(FigureViewTest, PullingBesideEverythingMovesNothing) {
  QSignalSpy bar(&view, &FigureView::barPulled), value(&view, &FigureView::valuePulled);
  QTest::mousePress(&view, Qt::LeftButton, {}, QPoint(5, 300));
  QTest::mouseMove(&view, QPoint(60, 200));
  QTest::mouseRelease(&view, Qt::LeftButton, {}, QPoint(60, 200));
  EXPECT_TRUE(bar.isEmpty() && value.isEmpty());
}

TEST_F(FigureViewTest, ValuesStayInTheirRangeHoweverFarOnePulls) {
  QSignalSpy value(&view, &FigureView::valuePulled);
  auto pull = [&](FitHandle h, QPoint way) {
    const QPoint at = view.handleAt(h)->toPoint();
    QTest::mousePress(&view, Qt::LeftButton, {}, at);
    QTest::mouseMove(&view, at + way);
    QTest::mouseRelease(&view, Qt::LeftButton, {}, at + way);
    return value.isEmpty() ? std::nan("") : value.takeLast()[1].toDouble();
  };
  EXPECT_EQ(pull(FitHandle::kHeel, {0, -4000}), 0.08);
  EXPECT_EQ(pull(FitHandle::kDepth, {0, 4000}), 0.40);
  EXPECT_EQ(pull(FitHandle::kStance, {0, 4000}), 1.0);
  EXPECT_EQ(pull(FitHandle::kToes, {0, 4000}), 60.0);
  EXPECT_EQ(pull(FitHandle::kToes, {0, -4000}), 0.0);
}

TEST_F(FigureViewTest, WithoutAPostureTheLastFigureStaysAsAGhostWithTheReason) {
  state.squat.hip_below_knee_m = 0.40;
  show();
  ASSERT_FALSE(solved.figure);
  EXPECT_TRUE(view.handleAt(FitHandle::kDepth)) << "it can be pulled back";
  EXPECT_EQ(view.accessibleDescription(), solved.no_posture);
  FigureView fresh;
  fresh.resize(400, 400);
  fresh.setScene(sceneOf(someone(), solved, std::nullopt));
  EXPECT_FALSE(fresh.handleAt(FitHandle::kDepth));
  EXPECT_FALSE(fresh.grab().isNull());
}

TEST_F(FigureViewTest, OverAFilmTheFeetFromAboveAreLeftOut) {
  SideCamera camera;
  camera.focal_px = 1024.0;
  camera.middle_px = camera.vanishing_px = {640.0, 360.0};
  camera.plate_radius_px = 80.0;
  camera.plate_px = {640.0, 300.0};
  QImage picture(1280, 720, QImage::Format_RGB32);
  picture.fill(Qt::darkBlue);
  view.layOver(FilmGround{picture, camera, camera.toBody({640.0, 640.0}, 0.0)});
  ASSERT_TRUE(view.onFilm());
  EXPECT_FALSE(view.handleAt(FitHandle::kStance));
  const QPointF bar = *view.handleAt(FitHandle::kBar), hip = *view.handleAt(FitHandle::kDepth);
  EXPECT_LT(bar.y(), hip.y());
  const QImage drawn = view.grab().toImage();
  int film = 0;
  for (int y = 0; y < drawn.height(); y += 4)
    for (int x = 0; x < drawn.width(); x += 4)
      if (drawn.pixelColor(x, y) == QColor(Qt::darkBlue)) ++film;
  EXPECT_GT(film, 2000) << "the film is seen";
  view.layOver(std::nullopt);
  EXPECT_FALSE(view.onFilm());
}

TEST(ScreenGuideTest, GoesThroughItsQuestionsBackAndForth) {
  ScreenGuide guide;
  guide.show();
  QSignalSpy done(&guide, &ScreenGuide::done), left(&guide, &ScreenGuide::left);
  guide.start(Screen::kToeTouch, "2026-11-24");
  auto question = [&] { return guide.findChild<QLabel*>(QStringLiteral("question"))->text(); };
  const QString first = question();
  QTest::keyClick(&guide, Qt::Key_Y);
  EXPECT_NE(question(), first);
  for (QPushButton* b : guide.findChildren<QPushButton*>())
    if (b->text() == QStringLiteral("one back")) QTest::mouseClick(b, Qt::LeftButton);
  EXPECT_EQ(question(), first);
  QTest::keyClick(&guide, Qt::Key_N);
  QTest::keyClick(&guide, Qt::Key_Y);
  for (QPushButton* b : guide.findChildren<QPushButton*>())
    if (b->text() == QStringLiteral("leave open")) QTest::mouseClick(b, Qt::LeftButton);
  auto* number = guide.findChild<QLineEdit*>(QStringLiteral("screen number"));
  ASSERT_TRUE(number->isVisible());
  QTest::keyClicks(number, QStringLiteral("four"));
  QTest::keyClick(number, Qt::Key_Return);
  EXPECT_TRUE(done.isEmpty()) << "a word is no number";
  number->selectAll();
  QTest::keyClicks(number, QStringLiteral("4,5"));
  QTest::keyClick(number, Qt::Key_Return);
  ASSERT_EQ(done.size(), 1);
  EXPECT_EQ(guide.result().answers, (std::vector<std::optional<double>>{0.0, 1.0, std::nullopt, 4.5}));
  guide.start(Screen::kBottomHold, "2026-11-24");
  QTest::keyClick(&guide, Qt::Key_Escape);
  EXPECT_EQ(left.size(), 1);
  EXPECT_EQ(done.size(), 1);
}

TEST(ProportionBarTest, SaysWhatItShowsAndDrawsOnlyWhatWasMeasured) {
  ProportionBar bar;
  bar.resize(120, 18);
  const FitSubject who = someone();
  bar.show(who.body, Segment::kHand);
  EXPECT_TRUE(bar.accessibleName().contains(QStringLiteral("not measured")));
  const QImage without = bar.grab().toImage();
  bar.show(who.body, Segment::kThigh);
  EXPECT_FALSE(bar.accessibleName().contains(QStringLiteral("not measured")));
  const QImage by_hand = bar.grab().toImage();
  EXPECT_NE(by_hand, without);
  BodyFacts facts;
  facts.height_m = 1.75;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{0.43, 0.01}, LengthSource::kFromClip};
  bar.show(estimateBody(facts), Segment::kThigh);
  EXPECT_NE(bar.grab().toImage(), by_hand) << "from films it is an open dot";
}

TEST(CardViewTest, IsPaperInEitherLook) {
  SetupCard card;
  card.athlete = QStringLiteral("Runa Tveit");
  card.lines = cardLines(suggestSquat(someone(), SquatSchool::kBase, {}).suggestions);
  card.cautions = {standingCaution(Lift::kSquat)};
  for (Look look : {Look::kDark, Look::kLight}) {
    applyLook(*qApp, look);
    CardView view;
    view.resize(400, 560);
    view.setCard(card);
    EXPECT_EQ(view.grab().toImage().pixelColor(view.width() / 2, 8), QColor(Qt::white));
  }
}

TEST(Pieces, NumbersAreReadAsPeopleTypeThem) {
  EXPECT_EQ(numberIn(QStringLiteral("42,5 cm")), 42.5);
  EXPECT_EQ(numberIn(QStringLiteral(" 12 mm")), 12.0);
  EXPECT_EQ(numberIn(QStringLiteral("30°")), 30.0);
  EXPECT_EQ(numberIn(QStringLiteral("−3")), -3.0) << "a true minus sign";
  EXPECT_EQ(numberIn(QStringLiteral("82.5kg")), 82.5);
  for (const char* wrong : {"", "tall", "4 5", "nan", "1e999", "5 feet"})
    EXPECT_FALSE(numberIn(QString::fromLatin1(wrong))) << wrong;
}

TEST(SentenceParts, PunctuationStaysWithItsWordAndAClearedSentenceIsEmpty) {
  Sentence s(16);
  s.resize(130, 200);
  auto* word = s.addWord(QStringLiteral("load"), [](const QString&) { return QString(); });
  word->setText(QStringLiteral("eighty kilograms"));
  s.addText(QStringLiteral(", and more"));
  s.relayout();
  const auto labels = s.findChildren<QLabel*>();
  ASSERT_EQ(labels.size(), 2);
  EXPECT_EQ(labels[0]->text(), QStringLiteral(","));
  EXPECT_EQ(labels[0]->y(), word->y()) << "a comma never begins a line";
  EXPECT_GT(labels[1]->y(), word->y());
  s.clear();
  s.relayout();
  EXPECT_TRUE(word->isHidden());
}

}  // namespace
}  // namespace mottix
