// The desk's parts, one by one.
#include <unistd.h>

#include <cmath>
#include <filesystem>
#include <fstream>
#include <map>

#include <gtest/gtest.h>
#include <QApplication>
#include <QDropEvent>
#include <QFontInfo>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>

#include "desk/analysis_jobs.h"
#include "desk/film_view.h"
#include "desk/finding_card.h"
#include "desk/frame_source.h"
#include "desk/queue_view.h"
#include "desk/rep_ribbon.h"
#include "desk/sentence.h"
#include "desk/theme.h"
#include "report/path_drawing.h"
#include "report/wording.h"
#include "synth/film_maker.h"
#include "tests/known_squat.h"
#include "vision/analyse_clip.h"
#include "vision/film.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

double luminance(const QColor& c) {
  auto linear = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
  return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}

double contrast(const QColor& a, const QColor& b) {
  const double la = luminance(a) + 0.05, lb = luminance(b) + 0.05;
  return std::max(la, lb) / std::min(la, lb);
}

TEST(Theme, TextIsReadableInBothLooks) {
  for (Look look : {Look::kDark, Look::kLight}) {
    applyLook(*qApp, look);
    const Theme& t = theme();
    for (const QColor& paper : {t.sheet, t.raised, t.desk}) {
      EXPECT_GE(contrast(t.ink, paper), 7.0);
      EXPECT_GE(contrast(t.muted, paper), 4.5);
      EXPECT_GE(contrast(t.green, paper), 4.5);
      EXPECT_GE(contrast(t.clay, paper), 4.5);
    }
  }
}

TEST(Theme, TheTypeIsItsOwnAndItsFiguresAreEquallyWide) {
  for (Weight weight : {Weight::kRegular, Weight::kMedium, Weight::kSemiBold}) {
    const QFont font = type(20, weight);
    EXPECT_EQ(QFontInfo(font).family(), QStringLiteral("Barlow"));
    const QFontMetricsF m(font);
    for (int digit = 1; digit <= 9; ++digit)
      EXPECT_NEAR(m.horizontalAdvance(QString::number(digit)), m.horizontalAdvance(QStringLiteral("0")), 0.01)
          << digit;
  }
}

class SentenceTest : public testing::Test {
 protected:
  void SetUp() override {
    word = sentence.addWord(QStringLiteral("load"), [this](const QString& text) {
      taken = text;
      return text == QLatin1String("bad") ? QStringLiteral("not this") : QString();
    });
    word->setText(QStringLiteral("80 kg"));
    sentence.addText(QStringLiteral(", and a good deal of text behind it"));
    other = sentence.addWord(QStringLiteral("other"), [](const QString&) { return QString(); });
    other->setText(QStringLiteral("word"));
    sentence.resize(700, 40);
    sentence.show();
    sentence.activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&sentence));
  }
  QLineEdit* line() { return sentence.findChild<QLineEdit*>(QStringLiteral("word load line")); }
  Sentence sentence{20};
  Word *word = nullptr, *other = nullptr;
  QString taken;
};

TEST_F(SentenceTest, WrapsWhenItIsNarrowAndGrowsInHeight) {
  const int one_line = sentence.heightForWidth(700);
  EXPECT_GT(sentence.heightForWidth(250), one_line);
  EXPECT_EQ(other->y(), word->y());
  sentence.resize(250, 40);
  QTest::qWait(20);
  EXPECT_GT(other->y(), word->y());
  EXPECT_LE(other->x() + other->width(), 250);
}

TEST_F(SentenceTest, PunctuationClingsToTheWordBeforeIt) {
  auto* text = sentence.findChild<QLabel*>();
  EXPECT_EQ(text->x(), word->x() + word->width());
}

TEST_F(SentenceTest, SpaceAndClickOpenTheLineAndEnterTakesIt) {
  word->setFocus();
  QTest::keyClick(word, Qt::Key_Space);
  ASSERT_TRUE(word->editing());
  EXPECT_EQ(line()->selectedText(), QStringLiteral("80 kg"));
  QTest::keyClicks(line(), QStringLiteral(" 85 "));
  QTest::keyClick(line(), Qt::Key_Return);
  EXPECT_EQ(taken, QStringLiteral("85"));
  EXPECT_FALSE(word->editing());
  EXPECT_TRUE(word->hasFocus());
  QTest::mouseClick(word, Qt::LeftButton);
  EXPECT_TRUE(word->editing());
}

TEST_F(SentenceTest, NonsenseStaysOpenWithTheReason) {
  QTest::mouseClick(word, Qt::LeftButton);
  line()->selectAll();
  QTest::keyClicks(line(), QStringLiteral("bad"));
  QTest::keyClick(line(), Qt::Key_Return);
  EXPECT_TRUE(word->editing());
  EXPECT_TRUE(line()->property("bad").toBool());
  EXPECT_EQ(line()->toolTip(), QStringLiteral("not this"));
}

TEST_F(SentenceTest, EscapeAndLeavingChangeNothing) {
  QTest::mouseClick(word, Qt::LeftButton);
  QTest::keyClicks(line(), QStringLiteral("99"));
  QTest::keyClick(line(), Qt::Key_Escape);
  EXPECT_FALSE(word->editing());
  QTest::mouseClick(word, Qt::LeftButton);
  QTest::keyClicks(line(), QStringLiteral("99"));
  other->setFocus();
  EXPECT_FALSE(word->editing());
  EXPECT_TRUE(taken.isEmpty());
}

TEST_F(SentenceTest, EnterInTheLineIsNotHandedOn) {
  QWidget behind;
  auto* typing = new TypingLine(&behind);
  behind.show();
  typing->setFocus();
  QKeyEvent enter(QEvent::KeyPress, Qt::Key_Return, Qt::NoModifier);
  QApplication::sendEvent(typing, &enter);
  EXPECT_TRUE(enter.isAccepted());
}

Finding someFinding(Certainty certainty, Severity severity) {
  Finding f;
  f.rule = "squat.hips_first";
  f.certainty = certainty;
  f.severity = severity;
  f.reps = {2};
  f.frame = 33;
  return f;
}

int inkOf(const Finding& finding) {
  QImage picture(24, 24, QImage::Format_RGB32);
  picture.fill(theme().sheet);
  QPainter p(&picture);
  drawStrokes(p, {4, 3}, finding);
  p.end();
  int marked = 0;
  for (int y = 0; y < 24; ++y)
    for (int x = 0; x < 24; ++x) marked += picture.pixelColor(x, y) != theme().sheet ? 1 : 0;
  return marked;
}

TEST(Strokes, TellSizeAndCertaintyWithoutColour) {
  const int small = inkOf(someFinding(Certainty::kClear, Severity::kSmall)),
            big = inkOf(someFinding(Certainty::kClear, Severity::kBig));
  const int dashed = inkOf(someFinding(Certainty::kBorderline, Severity::kSmall));
  EXPECT_GT(big, 1.7 * small);
  EXPECT_LT(dashed, 0.8 * small);
  EXPECT_GT(dashed, 0);
  EXPECT_GT(inkOf(someFinding(Certainty::kCantTell, Severity::kSmall)), 0);
  EXPECT_GT(strokesSize(someFinding(Certainty::kClear, Severity::kBig)).width(),
            strokesSize(someFinding(Certainty::kClear, Severity::kSmall)).width());
}

// A sheet's data from a known squat, without a film behind it.
SheetData knownSheet() {
  SheetData d;
  known::KnownSquat plan;
  plan.depth_m = -0.10;
  const auto clip = known::film(plan);
  d.set.id = SetId{1};
  d.set.clip.width_px = 1280;
  d.set.clip.height_px = 720;
  d.set.clip.frames = clip.tracks.frameCount();
  d.tracks = clip.tracks;
  d.record = TrackRecord{};
  d.record->tracks = clip.tracks;
  d.record->axis = AxisSeen{clip.camera.vanishing_px, {25, 25}, true};
  d.analysis = *analyse(clip.tracks, d.record->axis, {}, builtInRuleBook());
  return d;
}

TEST(RepPath, HoldsTheWholeRepAndStaysInItsCell) {
  const SheetData d = knownSheet();
  for (const Rep& rep : d.analysis->reps) {
    const RepPath path = pathOf(rep, d.tracks, d.analysis->camera);
    EXPECT_EQ(path.frame.front(), rep.start_frame);
    EXPECT_EQ(path.frame.back(), rep.end_frame);
    EXPECT_EQ(path.frame[path.turn], rep.turn_frame);
    const QRectF cell(10, 20, 60, 120);
    for (std::size_t i = 0; i < path.frame.size(); ++i) {
      const QPointF p = placeInCell(path, i, cell);
      EXPECT_GE(p.x(), cell.left() - 0.01);
      EXPECT_LE(p.x(), cell.right() + 0.01);
      EXPECT_GE(p.y(), cell.top() - 0.01);
      EXPECT_LE(p.y(), cell.bottom() + 0.01);
    }
    EXPECT_NEAR(placeInCell(path, path.turn, cell).y(), cell.bottom(), 0.5);
  }
}

TEST(RepPath, LeavesOutWhereTheBarIsLost) {
  SheetData d = knownSheet();
  const Rep rep = d.analysis->reps[0];
  d.tracks.bar[rep.turn_frame].state = TrackState::kLost;
  const RepPath path = pathOf(rep, d.tracks, d.analysis->camera);
  EXPECT_EQ(path.frame.size(), rep.end_frame - rep.start_frame);
}

TEST(RepRibbon, ClicksAndKeysAskForFrames) {
  const SheetData d = knownSheet();
  RepRibbon ribbon;
  ribbon.resize(600, 200);
  ribbon.setData(&d);
  ribbon.show();
  QSignalSpy wanted(&ribbon, &RepRibbon::frameWanted);
  QTest::mouseClick(&ribbon, Qt::LeftButton, {}, ribbon.cellRect(2).center().toPoint());
  ASSERT_EQ(wanted.size(), 1);
  auto frame = wanted.takeFirst()[0].value<std::size_t>();
  EXPECT_GE(frame, d.analysis->reps[2].start_frame);
  EXPECT_LE(frame, d.analysis->reps[2].end_frame);
  ribbon.setFrame(0);
  QTest::keyClick(&ribbon, Qt::Key_Right);
  EXPECT_EQ(wanted.takeFirst()[0].value<std::size_t>(), d.analysis->reps[0].turn_frame);
  ribbon.setFrame(d.analysis->reps[1].turn_frame);
  QTest::keyClick(&ribbon, Qt::Key_Left);
  EXPECT_EQ(wanted.takeFirst()[0].value<std::size_t>(), d.analysis->reps[0].turn_frame);
  QTest::mouseClick(&ribbon, Qt::LeftButton, {}, QPoint(595, 100));
  EXPECT_TRUE(wanted.isEmpty()) << "beyond the last cell there is nothing";
}

TEST(RepRibbon, ALongSetScrollsToTheRepOfTheMomentAndWithTheWheel) {
  const SheetData d = knownSheet();
  const auto& reps = d.analysis->reps;
  ASSERT_EQ(reps.size(), 3u);
  RepRibbon ribbon;
  ribbon.resize(160, 200);  // room for two
  ribbon.setData(&d);
  ribbon.show();
  ASSERT_EQ(ribbon.cellsInSight(), 2u);
  EXPECT_EQ(ribbon.firstInSight(), 0u);
  ribbon.setFrame(reps[2].turn_frame);
  EXPECT_EQ(ribbon.firstInSight(), 1u);
  EXPECT_TRUE(ribbon.rect().contains(ribbon.cellRect(2).center().toPoint()));

  auto wheel = [&](int way) {
    QWheelEvent turn(QPointF(80, 100), ribbon.mapToGlobal(QPointF(80, 100)), {}, {0, way}, Qt::NoButton,
                     Qt::NoModifier, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&ribbon, &turn);
  };
  wheel(120);
  EXPECT_EQ(ribbon.firstInSight(), 0u);
  wheel(120);
  EXPECT_EQ(ribbon.firstInSight(), 0u) << "nothing before the first rep";
  QSignalSpy wanted(&ribbon, &RepRibbon::frameWanted);
  QTest::mouseClick(&ribbon, Qt::LeftButton, {}, QPoint(20, 100));
  ASSERT_EQ(wanted.size(), 1);
  const auto frame = wanted.takeFirst()[0].value<std::size_t>();
  EXPECT_GE(frame, reps[0].start_frame);
  EXPECT_LE(frame, reps[0].end_frame);
  wheel(-120);
  wheel(-120);
  EXPECT_EQ(ribbon.firstInSight(), 1u) << "nothing after the last rep";
  ribbon.resize(600, 200);
  EXPECT_EQ(ribbon.firstInSight(), 0u) << "all fit again";
}

TEST(RepRibbon, SaysWhatWillComeWhenItIsEmpty) {
  RepRibbon ribbon;
  ribbon.resize(600, 200);
  ribbon.setData(nullptr);
  QTest::keyClick(&ribbon, Qt::Key_Right);
  const QImage picture = ribbon.grab().toImage();
  bool written = false;
  for (int x = 0; x < 300 && !written; ++x)
    for (int y = 60; y < 140; ++y)
      written = written || picture.pixelColor(x, y) != picture.pixelColor(599, 0);
  EXPECT_TRUE(written);
}

class FindingCards : public testing::Test {
 protected:
  SheetData d = knownSheet();
  Finding finding = d.analysis->findings.front();
  CardContext context;
  FindingCards() {
    context.book = &builtInRuleBook();
    context.measures = &d.analysis->measures;
    CauseFacts facts;
    facts.measures = context.measures;
    facts.findings = &d.analysis->findings;
    context.causes = findCauses(builtInCauseBook(), finding, facts);
    context.chain = chainWords(finding, builtInRuleBook(), 1.0);
  }
  static QPushButton* find(const FindingCard& card, const QString& what) {
    for (QPushButton* b : card.findChildren<QPushButton*>())
      if (b->property("what").toString() == what) return b;
    return nullptr;
  }
  static void press(const FindingCard& card, const QString& what) {
    ASSERT_NE(find(card, what), nullptr) << what.toStdString();
    QTest::mouseClick(find(card, what), Qt::LeftButton);
  }
};

TEST_F(FindingCards, ShowOverruleWithAReasonAndKeep) {
  FindingCard card(finding, context);
  card.show();
  QSignalSpy opened(&card, &FindingCard::opened), overruled(&card, &FindingCard::overruleWanted);
  press(card, QStringLiteral("show"));
  EXPECT_EQ(opened.size(), 1);
  press(card, QStringLiteral("overrule"));
  auto* why = card.findChild<QLineEdit*>(QStringLiteral("why"));
  ASSERT_NE(why, nullptr);
  EXPECT_EQ(overruled.size(), 0) << "not before Enter";
  QTest::keyClicks(why, QStringLiteral("a box"));
  QTest::keyClick(why, Qt::Key_Return);
  ASSERT_EQ(overruled.size(), 1);
  EXPECT_EQ(overruled[0][0].toString(), QString::fromStdString(finding.rule));
  EXPECT_TRUE(overruled[0][1].toBool());
  EXPECT_EQ(overruled[0][2].toString(), QStringLiteral("a box"));
  EXPECT_EQ(card.findChildren<EvidencePlot*>().size(), 1);
  EXPECT_TRUE(card.accessibleName().contains(QStringLiteral("rep")));
  finding.overruled = true;
  context.overruled_why = QStringLiteral("a box");
  FindingCard struck(finding, context);
  struck.show();
  QSignalSpy kept(&struck, &FindingCard::overruleWanted);
  press(struck, QStringLiteral("keep"));
  ASSERT_EQ(kept.size(), 1);
  EXPECT_FALSE(kept[0][1].toBool());
  EXPECT_TRUE(struck.findChildren<EvidencePlot*>().isEmpty());
  bool said = false;
  for (QLabel* l : struck.findChildren<QLabel*>()) said |= l->text().contains(QStringLiteral("a box"));
  EXPECT_TRUE(said);
}

TEST_F(FindingCards, EscapeLeavesAFindingStanding) {
  FindingCard card(finding, context);
  card.show();
  QSignalSpy overruled(&card, &FindingCard::overruleWanted);
  press(card, QStringLiteral("overrule"));
  QTest::keyClick(card.findChild<QLineEdit*>(QStringLiteral("why")), Qt::Key_Escape);
  QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  EXPECT_EQ(card.findChild<QLineEdit*>(QStringLiteral("why")), nullptr);
  EXPECT_EQ(overruled.size(), 0);
}

TEST_F(FindingCards, CausesOpenAndAreConfirmedOrStruckOut) {
  FindingCard card(finding, context);
  card.show();
  QSignalSpy said(&card, &FindingCard::causeSaid);
  auto* all = card.findChild<QWidget*>(QStringLiteral("causes"));
  ASSERT_NE(all, nullptr);
  EXPECT_FALSE(all->isVisible());
  press(card, QStringLiteral("causes"));
  EXPECT_TRUE(all->isVisible());
  const QString first = QString::fromStdString(context.causes.front().cause->id);
  press(card, QStringLiteral("confirm ") + first);
  press(card, QStringLiteral("strike out ") + first);
  ASSERT_EQ(said.size(), 2);
  EXPECT_EQ(said[0][0].toString(), first);
  EXPECT_EQ(said[0][1].toInt(), 1);
  EXPECT_EQ(said[1][1].toInt(), 0);
  context.causes.front().state = CauseState::kStruck;
  FindingCard after(finding, context);
  after.show();
  EXPECT_TRUE(after.findChild<QWidget*>(QStringLiteral("causes"))->isVisible())
      << "what was said is in sight";
  QSignalSpy back(&after, &FindingCard::causeSaid);
  press(after, QStringLiteral("take back ") + first);
  ASSERT_EQ(back.size(), 1);
  EXPECT_EQ(back[0][1].toInt(), -1);
}

TEST_F(FindingCards, TheChainOpensDownToTheFormula) {
  FindingCard card(finding, context);
  card.show();
  auto* chain = card.findChild<QLabel*>(QStringLiteral("chain"));
  ASSERT_NE(chain, nullptr);
  EXPECT_FALSE(chain->isVisible());
  press(card, QStringLiteral("chain"));
  EXPECT_TRUE(chain->isVisible());
  EXPECT_TRUE(chain->text().contains(QString::fromStdString(finding.rule)));
  EXPECT_TRUE(chain->text().contains(QStringLiteral("Picture %1").arg(finding.frame)));
}

class OnScreen : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = fs::temp_directory_path() / ("mottix_parts_" + std::to_string(getpid()));
    fs::create_directories(folder);
    FilmPlan plan = planFromSeed(3);
    plan.width_px = 320;
    plan.height_px = 180;
    plan.load_kg = 60.0;
    plan.look.someone_passes = false;
    plan.squat.reps.resize(1);
    film = folder / "one.mp4";
    ASSERT_TRUE(makeFilm(plan, film));
  }
  static void TearDownTestSuite() { fs::remove_all(folder); }
  static QString filmName() { return QString::fromStdString(film.string()); }
  static fs::path folder, film;
};
fs::path OnScreen::folder, OnScreen::film;

TEST_F(OnScreen, FramesComeAsTheyAreInTheFilmForwardAndBackward) {
  FrameSource source;
  std::size_t got = 999999;
  QImage picture;
  QObject::connect(&source, &FrameSource::ready, [&](std::size_t frame, const QImage& p) {
    got = frame;
    picture = p;
  });
  source.open(film, FrameSource::Use::kSinglePictures);
  auto reference = Film::open(film);
  FramePicture truth;
  for (std::size_t frame : {0u, 40u, 41u, 12u, 11u, 60u, 0u}) {
    source.want(frame);
    ASSERT_TRUE(QTest::qWaitFor([&] { return got == frame; }, 20000)) << frame;
    ASSERT_TRUE(reference->readAt(frame, truth, Want::kColour));
    const QImage expected(truth.bgr.data, truth.bgr.cols, truth.bgr.rows,
                          static_cast<qsizetype>(truth.bgr.step), QImage::Format_BGR888);
    EXPECT_EQ(picture.convertToFormat(QImage::Format_RGB32), expected.convertToFormat(QImage::Format_RGB32))
        << frame;
    got = 999999;
  }
}

TEST_F(OnScreen, TheLatestWishWins) {
  FrameSource source;
  std::vector<std::size_t> seen;
  QObject::connect(&source, &FrameSource::ready,
                   [&](std::size_t frame, const QImage&) { seen.push_back(frame); });
  source.open(film, FrameSource::Use::kSinglePictures);
  for (std::size_t frame = 0; frame < 60; ++frame) source.want(frame);
  ASSERT_TRUE(QTest::qWaitFor([&] { return !seen.empty() && seen.back() == 59; }, 20000));
  EXPECT_LT(seen.size(), 60u);
}

TEST_F(OnScreen, DraftsOfTheWholeFilmAreMadeAndStandInWhilePulling) {
  FrameSource source;
  std::map<std::size_t, int> shown;
  QImage last;
  QObject::connect(&source, &FrameSource::ready, [&](std::size_t frame, const QImage& p, QSize film_size) {
    ++shown[frame];
    last = p;
    EXPECT_EQ(film_size, QSize(1200, 400));
  });
  // Few whole pictures and wider than a draft: what a phone's film is like.
  const fs::path wide = folder / "wide.mp4";
  ASSERT_EQ(std::system(("ffmpeg -v error -y -i '" + film.string() + "' -vf scale=1200:400 -g 1000 -bf 0 '" +
                         wide.string() + "'")
                            .c_str()),
            0);
  const std::size_t frames = Film::open(wide)->frameCount();
  source.open(wide, FrameSource::Use::kPulling);
  source.want(0);
  ASSERT_TRUE(QTest::qWaitFor([&] { return source.draftsMade() == frames; }, 30000));
  // The far end and back: a draft first, the picture itself in the end.
  shown.clear();
  source.want(frames - 1);
  ASSERT_TRUE(QTest::qWaitFor([&] { return shown[frames - 1] > 0 && last.width() == 1200; }, 20000));
  EXPECT_EQ(shown[frames - 1], 2);
  // While the hand goes on there are drafts alone, at once; where it rests the picture itself follows.
  shown.clear();
  for (std::size_t frame = 0; frame < frames; ++frame) {
    source.wantWhilePulling(frame);
    ASSERT_EQ(shown[frame], 1);
    ASSERT_EQ(last.width(), kDraftSide);
  }
  ASSERT_TRUE(QTest::qWaitFor([&] { return last.width() == 1200; }, 20000));
  EXPECT_EQ(shown[frames - 1], 2);
  FramePicture truth;
  auto reference = Film::open(wide);
  ASSERT_TRUE(reference->readAt(frames - 1, truth, Want::kColour));
  EXPECT_EQ(last.convertToFormat(QImage::Format_RGB32),
            QImage(truth.bgr.data, truth.bgr.cols, truth.bgr.rows, static_cast<qsizetype>(truth.bgr.step),
                   QImage::Format_BGR888)
                .convertToFormat(QImage::Format_RGB32));
}

TEST_F(OnScreen, AFilmThatCannotBeOpenedIsSaid) {
  FrameSource source;
  QString reason;
  QObject::connect(&source, &FrameSource::failed, [&](const QString& r) { reason = r; });
  source.open(folder / "gone.mp4", FrameSource::Use::kSinglePictures);
  ASSERT_TRUE(QTest::qWaitFor([&] { return !reason.isEmpty(); }, 5000));
  EXPECT_TRUE(reason.contains(QStringLiteral("gone.mp4")));
}

class JobsTest : public OnScreen {
 protected:
  void SetUp() override {
    QObject::connect(&jobs, &AnalysisJobs::progressed, [this](SetId, double part) { parts.push_back(part); });
    QObject::connect(&jobs, &AnalysisJobs::finished,
                     [this](SetId set, const std::shared_ptr<TrackOutcome>& o) { done[set] = o; });
    QObject::connect(&jobs, &AnalysisJobs::failed, [this](SetId, const QString& r) { reason = r; });
    QObject::connect(&jobs, &AnalysisJobs::cancelled, [this](SetId) { ++cancelled; });
  }
  TrackJob job(long long id, const fs::path& path) {
    TrackJob j;
    j.set = SetId{id};
    j.film = path;
    j.facts.file = "films/kept.mp4";
    return j;
  }
  bool wait() {
    return QTest::qWaitFor([this] { return jobs.idle(); }, 240000);
  }
  AnalysisJobs jobs;
  std::vector<double> parts;
  std::map<SetId, std::shared_ptr<TrackOutcome>> done;
  QString reason;
  int cancelled = 0;
};

TEST_F(JobsTest, FollowTheBarAndKeepTheFilmsPlace) {
  jobs.start(job(1, film));
  jobs.start(job(1, film));  // a set has one job at a time
  EXPECT_TRUE(jobs.running(SetId{1}));
  EXPECT_DOUBLE_EQ(*jobs.partDone(SetId{1}), 0.0);
  ASSERT_TRUE(wait());
  ASSERT_EQ(done.size(), 1u);
  const TrackOutcome& o = *done[SetId{1}];
  EXPECT_EQ(o.facts.file, "films/kept.mp4");
  EXPECT_EQ(o.facts.width_px, 320);
  EXPECT_EQ(o.record.tracks.bar.size(), o.facts.frames);
  EXPECT_FALSE(o.record.hasJoints());
  EXPECT_TRUE(std::is_sorted(parts.begin(), parts.end()));
  EXPECT_FALSE(jobs.partDone(SetId{1}));
}

TEST_F(JobsTest, WaitInLineAndAreStoppedOneByOne) {
  jobs.start(job(1, film));
  jobs.start(job(2, film));
  jobs.cancel(SetId{2});
  jobs.cancel(SetId{77});  // not there: nothing happens
  ASSERT_TRUE(wait());
  EXPECT_EQ(done.count(SetId{1}), 1u);
  EXPECT_EQ(done.count(SetId{2}), 0u);
  EXPECT_EQ(cancelled, 1);
}

TEST_F(JobsTest, ArePausedAndGoOnWithNothingLost) {
  std::vector<bool> said;
  QObject::connect(&jobs, &AnalysisJobs::pausedChanged, [&](bool paused) { said.push_back(paused); });
  jobs.setPaused(true);
  jobs.setPaused(true);
  jobs.start(job(1, film));
  jobs.start(job(2, film));
  EXPECT_FALSE(QTest::qWaitFor([this] { return !done.empty() || jobs.idle(); }, 400));
  // What is stopped while all is held goes at once.
  jobs.cancel(SetId{2});
  jobs.setPaused(false);
  ASSERT_TRUE(wait());
  EXPECT_EQ(done.count(SetId{1}), 1u);
  EXPECT_EQ(done.count(SetId{2}), 0u);
  EXPECT_EQ(cancelled, 1);
  EXPECT_EQ(said, (std::vector{true, false}));
}

TEST_F(JobsTest, AllBarsComeBeforeTheFirstJoints) {
  std::vector<std::pair<char, SetId>> order;
  QObject::connect(&jobs, &AnalysisJobs::barFound, [&](SetId set, const std::shared_ptr<TrackOutcome>& o) {
    order.emplace_back('b', set);
    EXPECT_FALSE(o->record.hasJoints());
    EXPECT_EQ(o->record.version, kBarTrackerVersion);
    EXPECT_FALSE(o->record.tracks.bar.empty());
  });
  QObject::connect(&jobs, &AnalysisJobs::finished,
                   [&](SetId set, const std::shared_ptr<TrackOutcome>&) { order.emplace_back('j', set); });
  jobs.setModels(MOTTIX_MODELS);
  for (long long id : {1, 2}) jobs.start(job(id, film));
  ASSERT_TRUE(wait());
  EXPECT_EQ(order, (std::vector<std::pair<char, SetId>>{
                       {'b', SetId{1}}, {'b', SetId{2}}, {'j', SetId{1}}, {'j', SetId{2}}}));
  EXPECT_EQ(done[SetId{1}]->record.version, kTrackerVersion);
}

TEST_F(JobsTest, SayWhyAFilmCannotBeFollowed) {
  std::ofstream(folder / "no_film.mp4") << "hello";
  jobs.start(job(1, folder / "no_film.mp4"));
  ASSERT_TRUE(wait());
  EXPECT_TRUE(reason.contains(QStringLiteral("no_film.mp4")));
}

TEST_F(JobsTest, GoingAwayStopsTheWork) {
  auto leaving = std::make_unique<AnalysisJobs>();
  leaving->start(job(1, film));
  leaving.reset();
  SUCCEED();
}

class FilmViewTest : public OnScreen {
 protected:
  void SetUp() override {
    data = knownSheet();
    data.set.clip.width_px = 320;
    data.set.clip.height_px = 180;
    view.resize(640, 360);
    view.show();
    view.activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&view));
    view.setData(&data, filmName());
    ASSERT_TRUE(QTest::qWaitFor([this] { return view.hasPicture(); }, 20000));
  }
  SheetData data;
  FilmView view;
};

TEST_F(FilmViewTest, ScreenAndFilmCoordinatesAgree) {
  for (const Vec2& p : {Vec2(0, 0), Vec2(100, 50), Vec2(320, 180)})
    EXPECT_LT((view.toFilm(view.toWidget(p)) - p).norm(), 1e-9);
  EXPECT_EQ(view.toWidget(Vec2(320, 180)), QPointF(640, 360));
  EXPECT_EQ(view.heightForWidth(160), 90);
}

TEST_F(FilmViewTest, KeysGoToTheEndsAndNotBeyond) {
  QTest::keyClick(&view, Qt::Key_Left);
  EXPECT_EQ(view.frame(), 0u);
  QTest::keyClick(&view, Qt::Key_End);
  EXPECT_EQ(view.frame(), data.tracks.frameCount() - 1);
  QTest::keyClick(&view, Qt::Key_Right);
  EXPECT_EQ(view.frame(), data.tracks.frameCount() - 1);
  QTest::keyClick(&view, Qt::Key_Left, Qt::ShiftModifier);
  EXPECT_EQ(view.frame(), data.analysis->reps.back().turn_frame);
  QTest::keyClick(&view, Qt::Key_Home);
  EXPECT_EQ(view.frame(), 0u);
}

TEST_F(FilmViewTest, TheFigureIsMovedAsAWholeTurnedRoundAndConfirmed) {
  QSignalSpy placed(&view, &FilmView::figurePlaced);
  view.startPlacing();
  ASSERT_EQ(view.mode(), FilmView::Mode::kPlaceFigure);
  const auto before = view.figure();
  const double forward = before[indexOf(Joint::kToe)]->x() - before[indexOf(Joint::kHeel)]->x();
  EXPECT_GT(forward, 0.0);
  const QPointF a = view.toWidget(*before[indexOf(Joint::kHip)]),
                b = view.toWidget(*before[indexOf(Joint::kShoulder)]);
  const QPointF middle = 0.5 * (a + b);
  QTest::mousePress(&view, Qt::LeftButton, {}, middle.toPoint());
  QTest::mouseMove(&view, (middle + QPointF(30, 10)).toPoint());
  QTest::mouseRelease(&view, Qt::LeftButton, {}, (middle + QPointF(30, 10)).toPoint());
  for (Joint j : {Joint::kHip, Joint::kToe, Joint::kShoulder})
    EXPECT_LT((*view.figure()[indexOf(j)] - *before[indexOf(j)] - Vec2(15, 5)).norm(), 1.0);
  QTest::keyClick(&view, Qt::Key_F);
  EXPECT_LT(view.figure()[indexOf(Joint::kToe)]->x(), view.figure()[indexOf(Joint::kHeel)]->x());
  QTest::keyClick(&view, Qt::Key_Return);
  ASSERT_EQ(placed.size(), 1);
  EXPECT_EQ(view.mode(), FilmView::Mode::kWatch);
}

TEST_F(FilmViewTest, EscapeLeavesAModeWithoutAnything) {
  QSignalSpy placed(&view, &FilmView::figurePlaced), pointed(&view, &FilmView::platePointed);
  view.startPlacing();
  QTest::keyClick(&view, Qt::Key_Escape);
  view.startPointing();
  QTest::keyClick(&view, Qt::Key_Escape);
  EXPECT_EQ(view.mode(), FilmView::Mode::kWatch);
  EXPECT_TRUE(placed.isEmpty());
  EXPECT_TRUE(pointed.isEmpty());
}

TEST_F(FilmViewTest, AClickOnThePlateHasNoRadiusAndADragHas) {
  QSignalSpy pointed(&view, &FilmView::platePointed);
  view.startPointing();
  QTest::mouseClick(&view, Qt::LeftButton, {}, QPoint(200, 100));
  ASSERT_EQ(pointed.size(), 1);
  EXPECT_DOUBLE_EQ(pointed[0][1].toDouble(), 100.0);
  EXPECT_DOUBLE_EQ(pointed[0][3].toDouble(), 0.0);
  view.startPointing();
  QTest::mousePress(&view, Qt::LeftButton, {}, QPoint(200, 100));
  QTest::mouseMove(&view, QPoint(260, 100));
  QTest::mouseRelease(&view, Qt::LeftButton, {}, QPoint(260, 100));
  ASSERT_EQ(pointed.size(), 2);
  EXPECT_NEAR(pointed[1][3].toDouble(), 30.0, 0.01);
}

TEST_F(FilmViewTest, WithoutABarThereIsNoFigureToPlace) {
  data.record.reset();
  view.startPlacing();
  EXPECT_EQ(view.mode(), FilmView::Mode::kWatch);
}

TEST_F(FilmViewTest, EvidenceIsDrawnOnItsRep) {
  Finding finding = data.analysis->findings.front();
  finding.frame = data.analysis->reps[0].turn_frame;
  finding.reps = {1};
  view.goTo(finding.frame);
  ASSERT_TRUE(QTest::qWaitFor([&] { return view.shownFrame() == finding.frame; }, 20000));
  view.setEvidence(std::nullopt);
  const QImage plain = view.grab().toImage();
  view.setEvidence(finding);
  EXPECT_NE(view.grab().toImage(), plain);
}

SetRecord someSet(SetState state) {
  SetRecord set;
  set.id = SetId{4};
  set.state = state;
  set.clip.file = "films/a.mp4";
  set.problem = state == SetState::kFailed ? "“a.mp4” is no film." : "";
  return set;
}

TEST(SetTile, SaysItsStateAndKnowsTheKeyboard) {
  SetTile tile(someSet(SetState::kTracked));
  tile.show();
  QSignalSpy clicked(&tile, &QAbstractButton::clicked), removed(&tile, &SetTile::removeWanted),
      stopped(&tile, &SetTile::stopWanted);
  EXPECT_TRUE(tile.accessibleName().contains(QStringLiteral("to be looked at")));
  QTest::keyClick(&tile, Qt::Key_Return);
  QTest::keyClick(&tile, Qt::Key_Delete);
  EXPECT_EQ(clicked.size(), 1);
  EXPECT_EQ(removed.size(), 1);
  auto* stop = tile.findChild<QPushButton*>();
  EXPECT_FALSE(stop->isVisible());
  tile.showProgress(0.4);
  EXPECT_TRUE(stop->isVisible());
  EXPECT_TRUE(tile.rect().contains(stop->geometry()));
  QTest::mouseClick(stop, Qt::LeftButton);
  EXPECT_EQ(stopped.size(), 1);
  tile.showProgress(std::nullopt);
  EXPECT_FALSE(stop->isVisible());
}

TEST(SetTile, EveryStateIsDrawn) {
  std::vector<QImage> pictures;
  for (SetState state : {SetState::kWaiting, SetState::kTracked, SetState::kReviewed, SetState::kFailed}) {
    SetTile tile(someSet(state));
    pictures.push_back(tile.grab().toImage());
  }
  for (std::size_t i = 0; i < pictures.size(); ++i)
    for (std::size_t k = i + 1; k < pictures.size(); ++k) EXPECT_NE(pictures[i], pictures[k]) << i << k;
}

TEST(Lane, TakesFilesAndNothingElse) {
  Lane lane({AthleteId{3}, "Runa", 2.5, 0, ""});
  lane.finish({});
  lane.resize(800, 160);
  lane.show();
  QSignalSpy dropped(&lane, &Lane::filmsDropped);
  QMimeData text;
  text.setText(QStringLiteral("squat"));
  QDragEnterEvent enter(QPoint(10, 10), Qt::CopyAction, &text, Qt::LeftButton, Qt::NoModifier);
  enter.ignore();
  QApplication::sendEvent(&lane, &enter);
  EXPECT_FALSE(enter.isAccepted());
  QMimeData files;
  files.setUrls({QUrl::fromLocalFile(QStringLiteral("/tmp/a.mp4")),
                 QUrl(QStringLiteral("https://example.org/b.mp4")),
                 QUrl::fromLocalFile(QStringLiteral("/tmp/c.mp4"))});
  QDragEnterEvent enter_files(QPoint(10, 10), Qt::CopyAction, &files, Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(&lane, &enter_files);
  QDropEvent drop(QPointF(10, 10), Qt::CopyAction, &files, Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(&lane, &drop);
  ASSERT_EQ(dropped.size(), 1);
  EXPECT_EQ(dropped[0][1].toStringList(),
            (QStringList{QStringLiteral("/tmp/a.mp4"), QStringLiteral("/tmp/c.mp4")}));
}

TEST(Lane, ALongNameIsCutButReadable) {
  const std::string name = "Ingebjørg Aurora Myhre-Solbakken av Skarn og Nedre Fjellgard";
  Lane lane({AthleteId{3}, name, 2.5, 0, std::string(300, 'n')});
  lane.finish({});
  lane.resize(900, 160);
  lane.show();
  auto* word = lane.findChild<Word*>(QStringLiteral("word name"));
  EXPECT_LT(word->width(), 250);
  EXPECT_EQ(word->toolTip().toStdString(), name);
  QSignalSpy changed(&lane, &Lane::athleteChanged);
  QTest::mouseClick(word, Qt::LeftButton);
  auto* line = lane.findChild<QLineEdit*>(QStringLiteral("word name line"));
  ASSERT_NE(line, nullptr);
  EXPECT_EQ(line->text().toStdString(), name) << "the whole name is edited, not the cut one";
  line->clear();
  QTest::keyClick(line, Qt::Key_Return);
  EXPECT_TRUE(changed.isEmpty());
}

}  // namespace
}  // namespace mottix
