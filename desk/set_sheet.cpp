#include "desk/set_sheet.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <set>

#include <QApplication>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QStackedWidget>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "core/cue/cue_book.h"
#include "core/motion/joint_corrections.h"
#include "desk/finding_card.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/plates_drawing.h"
#include "desk/set_analysis.h"
#include "desk/theme.h"
#include "report/load_wording.h"
#include "report/tr.h"
#include "report/wording.h"
#include "vision/analyse_clip.h"
#include "vision/back_carrier.h"

namespace mottix {
namespace {

// From where a lift can be filmed, as the sentence offers it.
// A word that nobody has said yet.
const QLatin1String kOpen("?");
bool isOpen(const QString& text) {
  return text.isEmpty() || text == kOpen || text.compare(QObject::tr("not stated"), Qt::CaseInsensitive) == 0;
}

constexpr std::array<std::pair<View, Facing>, 5> kPlaces = {{{View::kSide, Facing::kRight},
                                                             {View::kSide, Facing::kLeft},
                                                             {View::kSide, Facing::kUnknown},
                                                             {View::kFront, Facing::kUnknown},
                                                             {View::kRear, Facing::kUnknown}}};

// The numeral in the margin that names a station.
class StationMark : public QWidget {
 public:
  StationMark(int number, const QString& name, QWidget* parent = nullptr) : QWidget(parent), number_(number) {
    setFixedSize(24, 24);
    setToolTip(QObject::tr("%1: %2 (key %1)").arg(number).arg(name));
    setAccessibleName(name);
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme().muted, 1.2));
    p.drawEllipse(QRectF(2, 2, 20, 20));
    p.setFont(type(12, Weight::kMedium));
    p.drawText(rect(), Qt::AlignCenter, QString::number(number_));
  }

 private:
  int number_;
};

// Gives a set its film, and takes it away again.
class AttachFilm : public QUndoCommand {
 public:
  AttachFilm(SetSheet& sheet, SetId id, std::string file)
      : QUndoCommand(QObject::tr("Add a film")), sheet_(sheet), id_(id), file_(std::move(file)) {}
  void redo() override { sheet_.putFilm(id_, file_); }
  void undo() override { sheet_.putFilm(id_, {}); }

 private:
  SetSheet& sheet_;
  SetId id_;
  std::string file_;
};

class EditSet : public QUndoCommand {
 public:
  EditSet(SetSheet& sheet, const QString& text, SetId id, SetEdit before, SetEdit after)
      : QUndoCommand(text), sheet_(sheet), id_(id), before_(std::move(before)), after_(std::move(after)) {}
  void redo() override { sheet_.apply(id_, after_); }
  void undo() override { sheet_.apply(id_, before_); }

 private:
  SetSheet& sheet_;
  SetId id_;
  SetEdit before_, after_;
};

}  // namespace

SetSheet::SetSheet(HouseFile& house, AnalysisJobs& jobs, QUndoGroup& undo, QWidget* parent)
    : QWidget(parent), house_(house), jobs_(jobs), undo_(undo) {
  build();
  connect(&judging_, &JudgingJobs::judged, this,
          [this](const std::shared_ptr<SetSeen>& seen) { takeJudged(*seen); });
  if (const auto lines = house_.deskState("lines"); lines && !lines->empty())
    lines_ = EvidenceChoice::of(QString::fromStdString(*lines));
  film_->setShownLines(lines_);
  connect(&trials_, &QFutureWatcherBase::finished, this, [this] {
    takeTrials();
    if (!log_ || !trials_read_ || !data_.analysis) return;
    data_.cues = cueHistory(*log_, data_.set);
    refreshSaid();
  });
}
SetSheet::~SetSheet() {
  if (stop_reading_) *stop_reading_ = true;
  trials_.waitForFinished();
}

// What cues did in the whole house, by a connection of its own; told when it is there.
void SetSheet::readTrials() {
  if (stop_reading_) *stop_reading_ = true;
  stop_reading_ = std::make_shared<std::atomic<bool>>(false);
  trials_.setFuture(QtConcurrent::run([path = house_.path(), stop = stop_reading_] {
    giveWay();
    const auto house = HouseFile::openAgain(path);
    return house ? mottix::readTrials(*house, readRules(*house).cues, [&] { return stop->load(); })
                 : std::map<AthleteId, CueHistory>();
  }));
}

// Of athletes that were on the sheet meanwhile, what is known already is newer.
void SetSheet::takeTrials() {
  if (!log_ || trials_read_ || !trials_.isFinished() || trials_.isCanceled()) return;
  log_->trials.merge(trials_.result());
  trials_read_ = true;
}

HouseLog& SetSheet::log() {
  if (!log_) {
    log_ = readRules(house_);
    trials_read_ = false;
    readTrials();
  }
  takeTrials();
  turnTo(*log_, data_.set.athlete);
  return *log_;
}

void SetSheet::forgetLog() {
  log_.reset();
  if (stop_reading_) *stop_reading_ = true;
}

void SetSheet::build() {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(14, 14, 22, 14);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(8);
  const std::array names = {tr("Asked"), tr("Seen"), tr("Judged"), tr("Said"), tr("Next")};
  for (std::size_t k = 0; k < marks_.size(); ++k)
    marks_[k] = new StationMark(static_cast<int>(k) + 1, names[k]);

  auto* head = new QWidget;
  auto* head_column = new QVBoxLayout(head);
  head_column->setContentsMargins(0, 0, 0, 0);
  head_column->setSpacing(0);
  sentence_ = new Sentence(21);
  buildSentence();
  trust_ = label(14, Weight::kRegular, true);
  since_ = label(14);
  since_->setObjectName(QStringLiteral("since last"));
  head_column->addWidget(since_);
  head_column->addWidget(sentence_);
  head_column->addWidget(trust_);

  grid->addWidget(marks_[0], 0, 0, Qt::AlignTop);
  grid->addWidget(head, 0, 1, 1, 3);
  grid->addWidget(marks_[1], 1, 0, Qt::AlignTop);
  grid->addWidget(buildFilmSide(), 1, 1);
  decisions_ = new QStackedWidget;
  decisions_->addWidget(buildDecisionSide());
  numbers_ = new NumbersView;
  decisions_->addWidget(numbers_);
  curves_ = new CurvesView;
  decisions_->addWidget(curves_);
  schools_ = new SchoolsView([this](const std::vector<std::string>& by) {
    return judgingBy(house_, by, data_.set, data_.tracks.across(), log());
  });
  decisions_->addWidget(schools_);
  connect(schools_, &SchoolsView::closed, this, &SetSheet::showSchools);
  connect(schools_, &SchoolsView::opened, this, [this](const Finding& finding) {
    film_->setEvidence(finding);
    film_->goTo(finding.frame);
  });
  grid->addWidget(decisions_, 1, 2);
  connect(numbers_, &NumbersView::closed, this, &SetSheet::showNumbers);
  connect(numbers_, &NumbersView::frameWanted, film_, &FilmView::goTo);
  connect(curves_, &CurvesView::closed, this, &SetSheet::showCurves);
  connect(curves_, &CurvesView::frameWanted, film_, &FilmView::goTo);
  grid->setColumnStretch(1, 63);
  grid->setColumnStretch(2, 37);
  grid->setRowStretch(1, 1);

  for (int k = 1; k <= 5; ++k)
    addKey(this, QKeySequence(Qt::Key_0 + k), {}, this, [this, k] { focusStation(k); });
  sayKey(this, QStringLiteral("1 – 5"), tr("Asked, seen, judged, said, next"));
  auto key = [&](const QKeySequence& k, void (SetSheet::*slot)(), const QString& words) {
    addKey(this, k, words, this, slot);
  };
  key(Qt::Key_P, &SetSheet::placeFigure, tr("Place the figure by hand"));
  key(Qt::Key_L, &SetSheet::pointAtPlate, tr("Point at the plate"));
  key(Qt::Key_T, &SetSheet::showNumbers, tr("All measures in a table"));
  key(Qt::Key_C, &SetSheet::showCurves, tr("Curves"));
  key(Qt::Key_J, &SetSheet::showSchools, tr("Judged by two schools"));
  key(Qt::Key_Y, &SetSheet::besideWanted, tr("Beside another rep or set"));
  key(Qt::Key_I, &SetSheet::chooseLines, tr("Lines on the film"));
  key(Qt::Key_H, &SetSheet::chooseMeasure, tr("Measure by hand"));
  key(Qt::Key_M, &SetSheet::drawLine, tr("Draw along something upright or level"));
  key(Qt::Key_U, &SetSheet::placeBack, tr("Two points of the back; once more follows them"));
  key(Qt::Key_BracketLeft, &SetSheet::beginHere, tr("The set begins here"));
  key(Qt::Key_BracketRight, &SetSheet::endHere, tr("The set ends here"));
  key(Qt::Key_X, &SetSheet::splitSets, tr("Take a film of several sets apart"));
  key(Qt::Key_N, &SetSheet::askLeastSure, tr("The least sure joints, one after another"));
  key(Qt::Key_K, &SetSheet::keepPointed, tr("Keep the joint as it is"));
  key(Qt::SHIFT | Qt::Key_K, &SetSheet::keepFigure, tr("Keep all joints as they are"));
  key(Qt::Key_D, &SetSheet::putAsNeighbour, tr("Put the joint where it was placed last"));
  key(Qt::Key_W, &SetSheet::confirmView, tr("Filmed from there; again: the other way round"));
  key(Qt::Key_G, &SetSheet::confirmLift, tr("The lift is the one seen"));
  key(Qt::Key_V, &SetSheet::playSlower, tr("Play slower"));
  key(Qt::Key_R, &SetSheet::loopRep, tr("This rep over and over"));
  key(Qt::Key_S, &SetSheet::sayCue, tr("This cue is said"));
  key(Qt::Key_O, &SetSheet::otherCue, tr("Another cue"));
  key(Qt::Key_E, &SetSheet::changeLoad, tr("Another load"));
  key(Qt::Key_Q, &SetSheet::showWarmUp, tr("Steps up to the load, with plates"));
  key(Qt::Key_A, &SetSheet::askAsPlanned, tr("Ask as the plan does"));
}

QWidget* SetSheet::buildFilmSide() {
  auto* side = new QWidget;
  auto* column = new QVBoxLayout(side);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  film_ = new FilmView;
  film_->setObjectName(QStringLiteral("film"));
  column->addWidget(film_);
  film_tools_ = new QWidget;
  auto* tool_rows = new QVBoxLayout(film_tools_);
  tool_rows->setContentsMargins(0, 0, 0, 0);
  tool_rows->setSpacing(0);
  auto* tools = new QHBoxLayout;
  auto* hand_tools = new QHBoxLayout;
  for (QHBoxLayout* row : {tools, hand_tools}) {
    row->setSpacing(4);
    tool_rows->addLayout(row);
  }
  place_ = button(tr("Figure · P"),
                  tr("Lay the figure on the lifter, so that depth and trunk can be measured"), true);
  point_ = button(tr("Plate · L"), tr("Show where the near plate is, when another one was followed"), true);
  play_ = button(tr("Play · Space"), tr("Play or stop the film"), true);
  moment_ = label(14, Weight::kRegular, true);
  moment_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
  moment_->setWordWrap(false);
  tools->addWidget(play_);
  slower_ = button(
      {}, tr("Play at half, a quarter, an eighth, a sixteenth of the speed, then as lived again"), true);
  connect(slower_, &QPushButton::clicked, this, &SetSheet::playSlower);
  tools->addWidget(slower_);
  loop_ = button({}, tr("Play the rep of the moment over and over, or the film to its end"), true);
  connect(loop_, &QPushButton::clicked, this, &SetSheet::loopRep);
  tools->addWidget(loop_);
  refreshPlaying();
  evidence_ = button(tr("Lines · I"),
                     tr("Which lines are drawn on the film: path, plumb line, angles, levers"), true);
  connect(evidence_, &QPushButton::clicked, this, &SetSheet::chooseLines);
  tools->addWidget(evidence_);
  tools->addWidget(moment_, 1);
  hand_tools->addWidget(place_);
  hand_tools->addWidget(point_);
  line_ = button(tr("Line · M"),
                 tr("Draw along something upright, or of known length, so that the camera is known better"),
                 true);
  hand_tools->addWidget(line_);
  connect(line_, &QPushButton::clicked, this, &SetSheet::drawLine);
  back_ = button(tr("Back · U"), tr("Put two points on the lifter's back, then follow them"), true);
  hand_tools->addWidget(back_);
  connect(back_, &QPushButton::clicked, this, &SetSheet::placeBack);
  unsure_ = button(tr("Least sure · N"), tr("Go to the joint and frame where a hand would help most"), true);
  hand_tools->addWidget(unsure_);
  connect(unsure_, &QPushButton::clicked, this, &SetSheet::askLeastSure);
  by_hand_ = button(tr("Measure · H"), tr("Measure an angle, a distance, a height or a time by hand"), true);
  connect(by_hand_, &QPushButton::clicked, this, &SetSheet::chooseMeasure);
  hand_tools->addWidget(by_hand_);
  hand_tools->addStretch(1);
  column->addWidget(film_tools_);
  ribbon_ = new RepRibbon;
  column->addWidget(ribbon_, 1);

  connect(place_, &QPushButton::clicked, this, &SetSheet::placeFigure);
  connect(point_, &QPushButton::clicked, this, &SetSheet::pointAtPlate);
  connect(play_, &QPushButton::clicked, film_, [this] { film_->togglePlay(); });
  connect(film_, &FilmView::frameChanged, this, [this](std::size_t frame) {
    ribbon_->setFrame(frame);
    numbers_->setFrame(frame);
    curves_->setFrame(frame);
    refreshMoment();
  });
  connect(film_, &FilmView::measureDrawn, this, [this](const DrawnMeasure& drawn) {
    if (!data_.analysis) return;
    const auto value =
        estimateDrawn(drawn, data_.tracks, data_.analysis->camera, data_.analysis->camera_errors);
    if (!value) return emit trouble(QString::fromStdString(value.error().text));
    SetEdit after = data_.set.edit;
    after.drawn.push_back(drawn);
    push(tr("Measure by hand"), after);
  });
  connect(film_, &FilmView::filmFailed, this, &SetSheet::trouble);
  connect(film_, &FilmView::askingEnded, this, [this] {
    asks_ = false;
    emit trouble({});
  });
  connect(ribbon_, &RepRibbon::frameWanted, film_, &FilmView::goTo);
  connect(film_, &FilmView::jointMoved, this, [this](std::size_t frame, Joint joint, double x, double y) {
    SetEdit after = data_.set.edit;
    placeJoint(after.placed, frame, joint, Vec2(x, y));
    push(tr("Put the %1 right on frame %2").arg(jointName(joint)).arg(frame), after);
    // One after another, as long as the coach goes on.
    afterJudging([this] {
      if (asks_) askLeastSure();
    });
  });
  connect(film_, &FilmView::figurePlaced, this, [this](const PlacedPoints& points) {
    SetEdit after = data_.set.edit;
    after.placed = {points};
    after.locked.clear();
    if (data_.record) data_.record->carried = {};
    push(tr("Place the figure"), after);
  });
  connect(film_, &FilmView::lineDrawn, this,
          [this](std::size_t frame, double from_x, double from_y, double to_x, double to_y) {
            RoomLine line;
            line.frame = frame;
            line.from_px = Vec2(from_x, from_y);
            line.to_px = Vec2(to_x, to_y);
            line.kind = RoomLineKind::kLengthAtLifter;
            line.length_m = 1.0;  // until it is said; only too short a line is refused here
            if (const auto ok = line.validate(); !ok)
              return emit trouble(QString::fromStdString(ok.error().text));
            open_line_ = line;
            film_->setOpenLine(line);
            refreshJudged();
          });
  connect(film_, &FilmView::platePointed, this, [this](std::size_t frame, double x, double y, double radius) {
    startTracking(PlateSeed{frame, Vec2(x, y), radius});
    refresh();
  });
  return side;
}

QWidget* SetSheet::buildDecisionSide() {
  auto* side = new QWidget;
  auto* grid = new QGridLayout(side);
  grid->setContentsMargins(6, 0, 0, 0);
  grid->setHorizontalSpacing(8);
  grid->setVerticalSpacing(10);

  judged_area_ = new QScrollArea;
  judged_area_->setWidgetResizable(true);
  judged_area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  judged_area_->setFocusPolicy(Qt::StrongFocus);
  judged_area_->setAccessibleName(tr("Findings"));
  judged_body_ = new QWidget;
  judged_ = new QVBoxLayout(judged_body_);
  judged_->setContentsMargins(0, 0, 8, 0);
  judged_->setSpacing(0);
  judged_area_->setWidget(judged_body_);
  grid->addWidget(marks_[2], 0, 0, Qt::AlignTop);
  auto* judged_side = new QWidget;
  auto* judged_column = new QVBoxLayout(judged_side);
  judged_column->setContentsMargins(0, 0, 0, 0);
  judged_column->setSpacing(4);
  judged_column->addWidget(judged_area_, 1);
  auto* all = button(tr("All measures · T"), tr("Every measure of every rep in a table"), true);
  all->setProperty("what", QStringLiteral("numbers"));
  connect(all, &QPushButton::clicked, this, &SetSheet::showNumbers);
  auto* all_row = new QHBoxLayout;
  all_row->setContentsMargins(18, 0, 0, 0);
  all_row->addWidget(all);
  auto* curves =
      button(tr("Curves · C"), tr("Angles, levers and measures drawn against time, height or rep"), true);
  curves->setProperty("what", QStringLiteral("curves"));
  connect(curves, &QPushButton::clicked, this, &SetSheet::showCurves);
  all_row->addWidget(curves);
  auto* beside =
      button(tr("Beside · Y"), tr("Two reps, sets or weeks side by side, or two films of one set"), true);
  beside->setProperty("what", QStringLiteral("beside"));
  connect(beside, &QPushButton::clicked, this, &SetSheet::besideWanted);
  all_row->addWidget(beside);
  auto* schools =
      button(tr("Two schools · J"), tr("This set judged by two schools, beside each other"), true);
  schools->setProperty("what", QStringLiteral("schools"));
  connect(schools, &QPushButton::clicked, this, &SetSheet::showSchools);
  all_row->addWidget(schools);
  all_row->addStretch(1);
  judged_column->addLayout(all_row);
  grid->addWidget(judged_side, 0, 1);

  auto* said = new QWidget;
  auto* said_column = new QVBoxLayout(said);
  said_column->setContentsMargins(24, 0, 0, 0);
  said_column->setSpacing(2);
  cue_ = label(20, Weight::kMedium);
  cue_->setObjectName(QStringLiteral("cue"));
  cue_note_ = label(14, Weight::kRegular, true);
  auto* said_row = new QHBoxLayout;
  said_row->setSpacing(4);
  say_ = button(tr("Say this · S"), tr("This cue was said to the lifter; it is remembered with the set"));
  say_->setProperty("what", QStringLiteral("say"));
  other_ = button(tr("other words · O"), tr("Show the next cue that answers the findings"), true);
  said_row->addWidget(say_);
  said_row->addWidget(other_);
  said_row->addStretch(1);
  said_column->addWidget(cue_);
  said_column->addWidget(cue_note_);
  said_column->addLayout(said_row);
  connect(say_, &QPushButton::clicked, this, &SetSheet::sayCue);
  connect(other_, &QPushButton::clicked, this, &SetSheet::otherCue);
  grid->addWidget(marks_[3], 1, 0, Qt::AlignTop);
  grid->addWidget(said, 1, 1);

  auto* next = next_box_ = new QWidget;
  next->setObjectName(QStringLiteral("next box"));
  next->setStyleSheet(QStringLiteral("QWidget#next\\ box { background: %1; border: 1px solid %2; }")
                          .arg(theme().raised.name(), theme().line.name()));
  next->setAttribute(Qt::WA_StyledBackground);
  auto* next_column = new QVBoxLayout(next);
  next_column->setContentsMargins(24, 12, 16, 12);
  next_column->setSpacing(5);
  next_ = label(19, Weight::kSemiBold);
  next_->setObjectName(QStringLiteral("next heading"));
  next_reason_ = label(14, Weight::kRegular, true);
  next_reason_->setObjectName(QStringLiteral("next reason"));
  reserve_ = label(14);
  reserve_->setObjectName(QStringLiteral("reserve"));
  caution_ = label(12, Weight::kRegular, true);
  auto* next_row = new QHBoxLayout;
  accept_ = button(tr("Accept · Enter"), tr("Take this load for the next set"));
  accept_->setProperty("what", QStringLiteral("accept"));
  change_ = button(tr("change · E"), tr("Decide on another load"), true);
  change_line_ = new TypingLine;
  change_line_->setObjectName(QStringLiteral("change load"));
  change_line_->setAccessibleName(tr("Load for the next set, in kg"));
  change_line_->setMaximumWidth(110);
  change_line_->hide();
  next_row->addWidget(accept_);
  next_row->addWidget(change_);
  warm_up_ = button(tr("warm-up · Q"), tr("The steps from the empty bar to this load"), true);
  warm_up_->setProperty("what", QStringLiteral("warm-up"));
  connect(warm_up_, &QPushButton::clicked, this, &SetSheet::showWarmUp);
  next_row->addWidget(warm_up_);
  auto* home = button(tr("hand-out · Ctrl+P"), tr("A page for the athlete to take home"), true);
  home->setProperty("what", QStringLiteral("hand-out"));
  connect(home, &QPushButton::clicked, this, &SetSheet::handOutWanted);
  addKey(this, QKeySequence::Print, tr("A page to take home, and the film"), this, &SetSheet::handOutWanted);
  next_row->addWidget(home);
  next_row->addWidget(change_line_);
  next_row->addStretch(1);
  plates_ = new PlatesDrawing;
  plates_->setMaximumWidth(150);
  plates_words_ = label(14);
  plates_words_->setObjectName(QStringLiteral("plates words"));
  auto* next_head = new QHBoxLayout;
  auto* head_words = new QVBoxLayout;
  head_words->setSpacing(1);
  head_words->addWidget(next_);
  head_words->addWidget(plates_words_);
  next_head->addLayout(head_words, 3);
  next_head->addWidget(plates_, 1);
  next_column->addLayout(next_head);
  next_column->addWidget(next_reason_);
  next_column->addWidget(reserve_);
  next_column->addLayout(next_row);
  next_column->addWidget(caution_);
  connect(accept_, &QPushButton::clicked, this, &SetSheet::acceptLoad);
  connect(change_, &QPushButton::clicked, this, &SetSheet::changeLoad);
  connect(change_line_, &QLineEdit::returnPressed, this, [this] {
    const auto load = numberIn(change_line_->text());
    const bool fine = load && *load >= 0.0 && *load <= 1000.0;
    if (!fine) {
      emit trouble(tr("“%1” is not a load between 0 and 1000 kg.").arg(change_line_->text()));
      return;
    }
    change_line_->hide();
    SetEdit after = data_.set.edit;
    after.next_load_kg = *load;
    after.suggested_kg = suggestedLoad();
    push(tr("Decide on %1").arg(kilograms(*load)), after);
    accept_->setFocus();
  });
  grid->addWidget(marks_[4], 2, 0, Qt::AlignTop);
  grid->addWidget(next, 2, 1);
  grid->setRowStretch(0, 1);
  grid->setColumnStretch(1, 1);
  return side;
}

template <typename Change>
QString SetSheet::editAsked(const QString& text, Change&& change) {
  SetEdit after = data_.set.edit;
  const QString wrong = change(after.asked);
  if (!wrong.isEmpty()) return wrong;
  if (after.asked.load_kg != data_.set.edit.asked.load_kg || after.asked.lift != data_.set.edit.asked.lift)
    after.next_load_kg.reset();
  // What was put right in a picture of the one kind means nothing in the other.
  const View view = after.asked.view;
  if (view != View::kUnknown && (view == View::kSide) == data_.tracks.across()) {
    after.placed.clear();
    after.locked.clear();
  }
  push(text, after);
  return {};
}

void SetSheet::buildSentence() {
  auto word = [&](const QString& name, const QString& undo_text, auto change) {
    return sentence_->addWord(name, [this, undo_text, change](const QString& text) {
      return editAsked(undo_text, [&](Asked& asked) { return change(asked, text); });
    });
  };
  lift_ = word(tr("lift"), tr("Change the lift"), [](Asked& asked, const QString& text) -> QString {
    for (Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
      if (text.compare(liftWords(lift), Qt::CaseInsensitive) == 0) {
        asked.lift = lift;
        asked.lift_source = LiftSource::kSaid;
        return {};
      }
    return tr("The lift is squat, bench press or deadlift.");
  });
  lift_->setChoices({liftWords(Lift::kSquat), liftWords(Lift::kBench), liftWords(Lift::kDeadlift)});
  sentence_->addText(QStringLiteral(","));
  variant_ = word(tr("variant"), tr("Change the variant"), [](Asked& asked, const QString& text) -> QString {
    if (text.isEmpty() || text.size() > 60) return tr("Say the variant in a few words, such as “low bar”.");
    asked.variant = text.toStdString();
    return {};
  });
  variant_->setChoices({tr("high bar"), tr("low bar"), tr("middle bar"), tr("paused"), tr("conventional"),
                        tr("sumo"), tr("flat")});
  sentence_->addText(tr(", with"));
  equipment_ =
      word(tr("equipment"), tr("Change the equipment"), [](Asked& asked, const QString& text) -> QString {
        if (text.size() > 60)
          return tr("Say in a few words what is worn or used, such as “belt, axle, chains 20 kg”.");
        asked.equipment = text.compare(tr("nothing worn"), Qt::CaseInsensitive) == 0
                              ? std::string()
                              : text.simplified().toStdString();
        return {};
      });
  sentence_->addText(tr(", asked for"));
  sets_ = word(tr("sets"), tr("Change the sets asked"), [](Asked& asked, const QString& text) -> QString {
    bool ok = false;
    const int sets = text.toInt(&ok);
    if (!ok || sets < 1 || sets > 30) return tr("Sets are a number from 1 to 30.");
    asked.sets = sets;
    return {};
  });
  sentence_->addText(QStringLiteral("×"));
  reps_ = word(tr("reps"), tr("Change the reps asked"), [](Asked& asked, const QString& text) -> QString {
    bool ok = false;
    const int reps = text.toInt(&ok);
    if (!ok || reps < 1 || reps > 50) return tr("Reps are a number from 1 to 50.");
    asked.reps = reps;
    return {};
  });
  sentence_->addText(QStringLiteral("×"));
  load_ = word(tr("load"), tr("Change the load"), [](Asked& asked, const QString& text) -> QString {
    const auto load = numberIn(text);
    if (!load || *load < 0.0 || *load > 1000.0) return tr("A load lies between 0 and 1000 kg.");
    asked.load_kg = *load;
    return {};
  });
  sentence_->addText(tr("at effort"));
  effort_ =
      word(tr("effort"), tr("Change the effort asked"), [](Asked& asked, const QString& text) -> QString {
        const auto effort = numberIn(text);
        if (!effort || *effort < 1.0 || *effort > 10.0)
          return tr("Effort lies between 1 and 10 (nothing left).");
        asked.effort = *effort;
        return {};
      });
  sentence_->addText(tr("and tempo"));
  tempo_ = word(tr("tempo"), tr("Change the tempo"), [](Asked& asked, const QString& text) -> QString {
    const QString t = text.simplified();
    if (t.isEmpty() || t.compare(tr("free"), Qt::CaseInsensitive) == 0) {
      asked.tempo.clear();
      return {};
    }
    static const QRegularExpression kTempo(QStringLiteral("^\\d{1,2}(\\.\\d)?(-\\d{1,2}(\\.\\d)?){1,2}$"));
    if (!kTempo.match(t).hasMatch())
      return tr("Tempo is seconds down, held and up, such as “3-1-1” or “3-1”; or “free”.");
    asked.tempo = t.toStdString();
    return {};
  });
  tempo_->setChoices({tr("free"), QStringLiteral("3-0-1"), QStringLiteral("3-1-1"), QStringLiteral("2-2-1")});
  sentence_->addText(tr(", filmed"));
  side_ =
      word(tr("side of the camera"), tr("Change the side of the camera"),
           [](Asked& asked, const QString& text) -> QString {
             for (const auto& [view, facing] : kPlaces)
               if (text.compare(viewWords(view, facing, asked.lift), Qt::CaseInsensitive) == 0) {
                 asked.view = view;
                 asked.facing = facing;
                 return {};
               }
             return asked.lift == Lift::kBench
                        ? tr("Filmed from the right, the left, the side (read from the feet), the foot end "
                             "or the head end.")
                        : tr("Filmed from the right, the left, the side (read from the feet), the front or "
                             "the rear.");
           });
  sentence_->addText(tr("at"));
  rate_ = word(tr("pictures a second"), tr("Change how fast the film was recorded"),
               [](Asked& asked, const QString& text) -> QString {
                 if (text.isEmpty()) {
                   asked.recorded_fps = 0.0;
                   return {};
                 }
                 const auto fps = numberIn(text);
                 if (!fps || *fps < 10.0 || *fps > 2000.0)
                   return tr(
                       "Slow motion is recorded with 10 to 2000 pictures a second; leave it empty when the "
                       "film plays as fast as life.");
                 asked.recorded_fps = *fps;
                 return {};
               });
  sentence_->addText(tr("pictures a second, with"));
  plate_ = word(tr("plate diameter"), tr("Change what is lifted"),
                [](Asked& asked, const QString& text) -> QString {
                  const auto held = heldIn(text);
                  if (!held)
                    return tr(
                        "Say how large the plates are (“450 mm”; 100 to 600 mm), or “an empty bar”, or "
                        "“dumbbells of 180 mm”.");
                  asked.held = held->first;
                  if (held->second) asked.plate_mm = *held->second;
                  return {};
                });
  plate_->setChoices(
      {heldWords(Held::kPlates, 450.0), heldWords(Held::kEmptyBar, 0.0), heldWords(Held::kDumbbells, 180.0)});
  sentence_->addText(tr(", set-up"));
  setup_ = sentence_->addWord(tr("set-up"), [this](const QString& text) -> QString {
    SetEdit after = data_.set.edit;
    if (isOpen(text)) {
      after.setup.reset();
      push(tr("Change the set-up"), after);
      return {};
    }
    for (const SetupRecord& s : setups_)
      if (text.compare(QString::fromStdString(s.name), Qt::CaseInsensitive) == 0) {
        after.setup = s.id;
        push(tr("Change the set-up"), after);
        return {};
      }
    return setups_.empty() ? tr("No set-up is kept for this athlete and lift yet: open Fit (F) and keep one.")
                           : tr("Name a kept set-up, or say “not stated”.");
  });
  sentence_->addText(tr(", felt"));
  felt_ = sentence_->addWord(tr("effort felt"), [this](const QString& text) -> QString {
    SetEdit after = data_.set.edit;
    if (isOpen(text)) {
      after.effort_felt.reset();
    } else {
      const auto felt = numberIn(text);
      if (!felt || *felt < 1.0 || *felt > 10.0) return tr("Effort lies between 1 and 10 (nothing left).");
      after.effort_felt = *felt;
    }
    push(tr("Change the effort felt"), after);
    return {};
  });
  sentence_->addText(tr(", looked"));
  seen_ = sentence_->addWord(tr("effort seen"), [this](const QString& text) -> QString {
    SetEdit after = data_.set.edit;
    if (isOpen(text)) {
      after.effort_seen.reset();
    } else {
      const auto seen = numberIn(text);
      if (!seen || *seen < 1.0 || *seen > 10.0) return tr("Effort lies between 1 and 10 (nothing left).");
      after.effort_seen = *seen;
    }
    push(tr("Change the effort seen"), after);
    return {};
  });
  sentence_->addText(tr(", comfort"));
  comfort_ = sentence_->addWord(tr("comfort"), [this](const QString& text) -> QString {
    SetEdit after = data_.set.edit;
    if (isOpen(text)) {
      after.comfort.reset();
    } else {
      bool ok = false;
      const int v = QString(text).remove(QStringLiteral("/10")).trimmed().toInt(&ok);
      if (!ok || v < 0 || v > 10) return tr("Comfort lies between 0 and 10; 10: nothing hurts or hinders.");
      after.comfort = v;
    }
    push(tr("Change the comfort"), after);
    return {};
  });
  sentence_->addText(tr(", noted"));
  // What explains numbers goes by its own words; the rest is a note.
  noted_ = sentence_->addWord(tr("notes"), [this](const QString& text) -> QString {
    SetEdit after = data_.set.edit;
    after.conditions.clear();
    after.note.clear();
    QStringList rest;
    for (const QString& part : text.split(QLatin1Char(','), Qt::SkipEmptyParts)) {
      const QString t = part.simplified();
      if (t.isEmpty() || t.compare(tr("nothing"), Qt::CaseInsensitive) == 0) continue;
      const auto known = std::find_if(kConditions.begin(), kConditions.end(), [&](Condition c) {
        return t.compare(conditionWords(c), Qt::CaseInsensitive) == 0;
      });
      if (known == kConditions.end())
        rest << t;
      else if (std::find(after.conditions.begin(), after.conditions.end(), *known) == after.conditions.end())
        after.conditions.push_back(*known);
    }
    std::sort(after.conditions.begin(), after.conditions.end());
    after.note = rest.join(QStringLiteral(", ")).toStdString();
    if (after.note.size() > 500) return tr("A note is 500 letters at most.");
    push(tr("Change what was noted"), after);
    return {};
  });
  QStringList conditions;
  for (const Condition condition : kConditions) conditions << conditionWords(condition);
  noted_->setChoices(conditions);
  sentence_->addText(QStringLiteral("."));
}

void SetSheet::open(SetId id) {
  auto set = house_.loadSet(id);
  if (!set) return emit trouble(QString::fromStdString(set.error().text));
  auto tracks = house_.loadTracks(id);
  auto athletes = house_.athletes();
  if (!athletes) return emit trouble(QString::fromStdString(athletes.error().text));
  const bool same = data_.set.id == id;
  SheetData before;
  std::swap(before, data_);
  data_.set = std::move(*set);
  for (const Athlete& a : *athletes)
    if (a.id == data_.set.athlete) data_.athlete = a;
  data_.body = bodyOf(house_, data_.set.athlete);
  if (tracks)
    data_.record = std::move(*tracks);
  else
    emit trouble(QString::fromStdString(tracks.error().text));
  if (same && data_.record) {  // stays until it has been judged anew
    data_.by = std::move(before.by);
    data_.cues = std::move(before.cues);
    data_.tracks = std::move(before.tracks);
    data_.analysis = std::move(before.analysis);
    data_.phases = std::move(before.phases);
    data_.late = std::move(before.late);
  }
  auto& stack = stacks_[id];
  if (!stack) {
    stack = std::make_unique<QUndoStack>();
    undo_.addStack(stack.get());
  }
  undo_.setActiveStack(stack.get());
  if (!same) when_judged_ = [this] { lookAtWorst(); };
  judgeAnew();
  if (!same) {
    cue_choice_ = 0;
    film_->leaveMode();
    open_line_.reset();
    film_->setOpenLine({});
    film_->setEvidence(std::nullopt);
  }
  refresh();
}

// Where to look first: the worst finding, or the first rep's lowest point.
void SetSheet::lookAtWorst() {
  if (!data_.analysis) return;
  const auto& findings = data_.analysis->findings;
  if (!findings.empty() && findings.front().certainty != Certainty::kCantTell) {
    film_->setEvidence(findings.front());
    film_->goTo(findings.front().frame);
  } else {
    film_->goTo(data_.analysis->reps.front().turn_frame);
  }
}

void SetSheet::leave() {
  if (film_->playing()) film_->togglePlay();
  film_->leaveMode();
}

void SetSheet::putAway() {
  leave();
  settle();
  forgetLog();
  trials_.waitForFinished();
  data_ = {};
  film_->setData(nullptr, {});
  for (auto& [id, stack] : stacks_) undo_.removeStack(stack.get());
  stacks_.clear();
}

void SetSheet::push(const QString& text, const SetEdit& after) {
  if (after == data_.set.edit) return;
  undo_.activeStack()->push(new EditSet(*this, text, data_.set.id, data_.set.edit, after));
}

void SetSheet::apply(SetId id, const SetEdit& edit) {
  auto set = house_.loadSet(id);
  if (!set) return emit trouble(QString::fromStdString(set.error().text));
  const bool tracked = set->state == SetState::kTracked || set->state == SetState::kReviewed;
  const SetState state = edit.next_load_kg ? SetState::kReviewed : tracked ? SetState::kTracked : set->state;
  if (auto ok = house_.saveEdit(id, edit, state); !ok)
    return emit trouble(QString::fromStdString(ok.error().text));
  if (id == data_.set.id) {
    const bool other_view = edit.asked.view != data_.set.edit.asked.view;
    const bool other_held = edit.asked.held != data_.set.edit.asked.held;
    data_.set.edit = edit;
    data_.set.state = state;
    judgeAnew();
    if (judging_.running(id)) {  // what is said is there at once
      refreshSentence();
      film_->update();
    } else {
      refresh();
    }
    // A figure that was laid is carried; one that was taken back makes room for what the program finds
    // itself.
    const bool carry = figureOf(edit) && data_.record && !data_.record->hasJoints();
    const bool find = edit.placed.empty() && data_.record && data_.record->hasJoints() &&
                      !data_.record->foundByItself() && jobs_.findsJoints();
    // Said to be filmed from elsewhere than it was followed: the bar is looked for again.
    const View view = edit.asked.view;
    const bool elsewhere = other_view && data_.record && view != View::kUnknown &&
                           (view == View::kSide) == data_.record->tracks.across();
    const bool plates = edit.asked.held == Held::kPlates;
    if ((carry || find || elsewhere || (other_held && plates)) && !jobs_.running(id)) {
      startTracking(std::nullopt, elsewhere || other_held);
      refresh();
    } else if (other_held && !jobs_.running(id)) {
      pointAtPlate();
    }
  } else if ((data_.other && data_.other->set == id) ||
             (edit.other_film && edit.other_film->set == data_.set.id)) {
    data_.other.reset();  // the other film of the set at hand was edited, or is one no longer
    judgeAnew();
  }
  if (!judging_.running(id)) emit changed(id);  // else when it has been judged
}

SetMaterial SetSheet::materialOf(const SetRecord& set, AthleteRecord who, std::optional<TrackRecord> record) {
  const HouseLog& known = log();
  return {set,
          std::move(who),
          std::move(record),
          house_.path(),
          known.whose == set.athlete ? known.past : std::nullopt,
          known.layer,
          known.causes};
}

// Takes the other film of the set along, as it was judged before when that still holds.
void SetSheet::startJudging(SetMaterial material, std::optional<OtherSeen> known) {
  if (const auto link = linkedFilm(house_, material.set); link && material.record) {
    material.later_s = link->other.later_s;
    if (known && known->set == link->other.set) {
      material.other = std::move(known);
    } else {
      auto set = house_.loadSet(link->other.set);
      auto record = house_.loadTracks(link->other.set);
      if (set && record && *record) material.other_from = {std::move(*set), std::move(**record)};
    }
  }
  judging_.start(std::move(material));
}

// Asks what the set at hand shows; takeJudged puts it on the sheet.
void SetSheet::judgeAnew() {
  auto who = house_.loadRecord(data_.set.athlete);
  if (!who) return emit trouble(QString::fromStdString(who.error().text));
  if (!data_.record) {
    data_.analysis.reset();
    data_.phases.clear();
    data_.late.clear();
    data_.other.reset();
    data_.tracks = {};
    data_.problem = QString::fromStdString(data_.set.problem);
    if (log().past) return;  // what is in the log of it
  }
  startJudging(materialOf(data_.set, std::move(*who), data_.record), data_.other);
}

void SetSheet::takeJudged(SetSeen& seen) {
  const SetId id = seen.set.id;
  if (!house_.loadSet(id)) return;  // taken out of the house meanwhile
  if (!seen.problem.empty()) emit trouble(QString::fromStdString(seen.problem));
  const bool of_whom = log_ && log_->whose == seen.set.athlete;
  if (of_whom && !log_->past) log_->past = std::move(seen.past);
  if (seen.analysis && *seen.analysis) {
    if (of_whom) log_->put(seen.set, **seen.analysis);
    if (auto ok = house_.saveResults(id, **seen.analysis, seen.by.book); !ok)
      emit trouble(QString::fromStdString(ok.error().text));
  }
  if (id == data_.set.id) {
    if (seen.analysis) {
      data_.cues = cueHistory(log(), data_.set);
      data_.by = std::move(seen.by);
      data_.tracks = std::move(seen.tracks);
      data_.phases = std::move(seen.phases);
      data_.late = std::move(seen.late);
      data_.other = std::move(seen.other);
      if (*seen.analysis) {
        data_.analysis = std::move(**seen.analysis);
        data_.problem.clear();
      } else {
        data_.analysis.reset();
        data_.problem = QString::fromStdString(seen.analysis->error().text);
      }
    }
    refresh();
    if (const auto then = std::exchange(when_judged_, nullptr)) then();
  }
  if (seen.analysis) emit changed(id);
}

bool SetSheet::beingJudged() const {
  return data_.record && !data_.analysis && judging_.running(data_.set.id);
}

void SetSheet::afterJudging(std::function<void()> then) {
  if (!judging_.running(data_.set.id)) return then();
  when_judged_ = std::move(then);
}

void SetSheet::sayOtherFilm(SetId id, const std::optional<OtherFilm>& other) {
  const auto set = house_.loadSet(id);
  if (!set) return emit trouble(QString::fromStdString(set.error().text));
  SetEdit after = set->edit;
  after.other_film = other;
  if (after == set->edit) return;
  undo_.activeStack()->push(new EditSet(
      *this, other ? tr("Lay two films on each other") : tr("Take two films apart"), id, set->edit, after));
}

void SetSheet::putFilm(SetId id, const std::string& file) {
  jobs_.cancel(id);
  if (auto ok = house_.attachFilm(id, file); !ok)
    return emit trouble(QString::fromStdString(ok.error().text));
  forgetLog();
  if (!file.empty())
    if (const auto set = house_.loadSet(id)) jobs_.start(jobFor(house_, *set));
  if (id == data_.set.id) open(id);
  emit changed(id);
}

void SetSheet::addFilm(const QString& file) {
  if (data_.set.hasFilm()) return emit trouble(tr("This set has its film already."));
  undo_.activeStack()->push(new AttachFilm(*this, data_.set.id, house_.relativeFilm(file.toStdString())));
}

void SetSheet::startTracking(std::optional<PlateSeed> seed, bool anew) {
  TrackJob job = jobFor(house_, data_.set);
  job.seed = seed;
  if (!seed && !anew && data_.record) job.known = std::make_shared<TrackRecord>(*data_.record);
  jobs_.start(std::move(job));
}

void SetSheet::takeOutcome(SetId id, const TrackOutcome& outcome) {
  if (auto ok = house_.saveTracks(id, outcome.facts, outcome.record); !ok)
    return emit trouble(QString::fromStdString(ok.error().text));
  if (outcome.lift) takeLift(id, *outcome.lift);
  if (id == data_.set.id) {
    if (!outcome.joints_problem.isEmpty()) emit trouble(outcome.joints_problem);
    const bool first = !data_.record.has_value();
    open(id);
    when_judged_ = [this, first] {
      if (!data_.analysis) return;
      if (first) film_->goTo(data_.analysis->reps.front().turn_frame);
      if (!data_.analysis->findings.empty()) film_->setEvidence(data_.analysis->findings.front());
    };
  } else if (const auto set = house_.loadSet(id)) {  // the tile wants its findings too
    if (const auto who = house_.loadRecord(set->athlete))
      startJudging(materialOf(*set, *who, outcome.record));
  }
  emit changed(id);
}

void SetSheet::takeProblem(SetId id, const QString& reason) {
  if (id == data_.set.id && data_.record) {
    // The bar is known; only this attempt failed.
    emit trouble(reason);
    refresh();
    return;
  }
  if (auto ok = house_.saveProblem(id, reason.toStdString()); !ok)
    emit trouble(QString::fromStdString(ok.error().text));
  if (id == data_.set.id) open(id);
  emit changed(id);
}

void SetSheet::showProgress(SetId id, double part) {
  if (id != data_.set.id || progress_ == nullptr) return;
  progress_->setText(tr("Following %1: %2 %")
                         .arg(data_.record ? tr("the joints") : tr("the bar"))
                         .arg(std::lround(100.0 * part)));
}

void SetSheet::readPlan() {
  auto plan = planAround(house_, data_.set, log_ ? log_->gear : usualGear(), data_.analysis);
  if (!plan) {
    plan_ = {};
    return emit trouble(QString::fromStdString(plan.error().text));
  }
  plan_ = std::move(*plan);
  since_->setText(plan_.since ? sinceWords(*plan_.since, data_.by.book, cueBook()) : QString());
  since_->setVisible(plan_.since.has_value());
}

void SetSheet::askAsPlanned() {
  const auto planned = plannedAs(house_, data_.set, log_ ? log_->gear : usualGear());
  if (!planned) return emit trouble(QString::fromStdString(planned.error().text));
  if (!*planned)
    return emit trouble(plan_.plan == nullptr
                            ? tr("%1 has no plan in this lift yet: make one in Ahead (Ctrl+D).")
                                  .arg(QString::fromStdString(data_.athlete.name))
                            : tr("What the plan asks for on that day is done."));
  const PlannedSet& set = **planned;
  editAsked(tr("Ask as planned"), [&](Asked& asked) {
    asked.load_kg = set.load_kg;
    asked.sets = set.sets;
    asked.reps = set.reps;
    asked.effort = set.effort;
    return QString();
  });
}

void SetSheet::refresh() {
  const LayoutPause pause(*this);
  readPlan();
  refreshSentence();
  film_->setData(&data_, data_.set.hasFilm()
                             ? QString::fromStdString(house_.filmPath(data_.set.clip).string())
                             : QString());
  ribbon_->setData(&data_);
  ribbon_->setFrame(film_->frame());
  numbers_->setData(&data_);
  numbers_->setFrame(film_->frame());
  curves_->setData(&data_);
  curves_->setFrame(film_->frame());
  if (decisions_->currentWidget() == schools_)
    schools_->setData(&data_, schoolsOf(data_.athlete.profile, data_.set.edit.asked.lift));
  evidence_->setEnabled(data_.analysis.has_value());
  by_hand_->setEnabled(data_.analysis.has_value());
  place_->setEnabled(data_.record.has_value() && !data_.tracks.across() && !jobs_.running(data_.set.id));
  point_->setEnabled(data_.set.hasFilm() && !jobs_.running(data_.set.id));
  const Held held = data_.set.edit.asked.held;
  point_->setText(held == Held::kPlates     ? tr("Plate · L")
                  : held == Held::kEmptyBar ? tr("Bar's end · L")
                                            : tr("Dumbbell · L"));
  unsure_->setVisible(data_.tracks.hasJoints());
  const bool side = data_.tracks.hasJoints() && !data_.tracks.across(),
             put = backOf(data_.set.edit).has_value();
  const bool followed = data_.tracks.has(Joint::kPelvis) || data_.tracks.has(Joint::kMidBack);
  back_->setVisible(side && !followed);
  back_->setEnabled(!jobs_.running(data_.set.id));
  back_->setText(put ? tr("Follow · U") : tr("Back · U"));
  refreshJudged();
  refreshSaid();
  refreshNext();
  refreshMoment();
}

void SetSheet::refreshSentence() {
  const Asked& a = data_.set.edit.asked;
  QString lift = liftWords(a.lift);
  lift[0] = lift[0].toUpper();
  lift_->setText(lift);
  lift_->setEditText(liftWords(a.lift));
  variant_->setText(QString::fromStdString(a.variant));
  reps_->setText(QString::number(a.reps));
  load_->setText(kilograms(a.load_kg));
  effort_->setText(QString::number(a.effort, 'g', 3));
  QStringList places;
  for (const auto& [view, facing] : kPlaces) places << viewWords(view, facing, a.lift);
  side_->setChoices(places);
  side_->setText(viewWords(a.view != View::kUnknown ? a.view
                           : data_.analysis         ? data_.analysis->view
                                                    : View::kUnknown,
                           a.facing != Facing::kUnknown ? a.facing
                           : data_.analysis             ? data_.analysis->facing
                                                        : Facing::kUnknown,
                           a.lift));
  const double rate = usualRate(data_.tracks.time_s);
  rate_->setText(a.recorded_fps > 0.0 ? QString::number(a.recorded_fps)
                 : rate > 0.0         ? QString::number(std::round(rate))
                                      : tr("30"));
  rate_->setEditText(a.recorded_fps > 0.0 ? rate_->text() : QStringLiteral(" "));
  plate_->setText(heldWords(a.held, a.plate_mm));
  setups_.clear();
  QStringList names;
  setup_->setText(kOpen);
  if (auto record = house_.loadRecord(data_.set.athlete); record)
    for (const SetupRecord& s : record->setups) {
      if (data_.set.edit.setup == s.id) setup_->setText(QString::fromStdString(s.name));
      if (s.lift != a.lift) continue;
      setups_.push_back(s);
      names << QString::fromStdString(s.name);
    }
  setup_->setChoices(names);
  setup_->setEditText(data_.set.edit.setup ? setup_->text() : QStringLiteral(" "));
  felt_->setText(data_.set.edit.effort_felt ? QString::number(*data_.set.edit.effort_felt) : QString(kOpen));
  felt_->setEditText(data_.set.edit.effort_felt ? felt_->text() : QStringLiteral(" "));
  sets_->setText(QString::number(a.sets));
  tempo_->setText(a.tempo.empty() ? tr("free") : QString::fromStdString(a.tempo));
  QStringList worn = {tr("nothing worn"), tr("belt"),         tr("belt, wraps"),
                      tr("straps"),       tr("chains 20 kg"), tr("bands 20 kg")};
  for (const BarKind& bar : log().gear.bars) worn << QString::fromStdString(bar.name);
  equipment_->setChoices(worn);
  equipment_->setText(a.equipment.empty() ? tr("nothing worn") : QString::fromStdString(a.equipment));
  equipment_->setEditText(a.equipment.empty() ? QStringLiteral(" ") : equipment_->text());
  seen_->setText(data_.set.edit.effort_seen ? effortNumber(*data_.set.edit.effort_seen)
                                            : QStringLiteral("?"));
  seen_->setEditText(data_.set.edit.effort_seen ? seen_->text() : QStringLiteral(" "));
  QStringList noted;
  for (const Condition condition : data_.set.edit.conditions) noted << conditionWords(condition);
  if (!data_.set.edit.note.empty()) noted << QString::fromStdString(data_.set.edit.note);
  const QString all = noted.join(QStringLiteral(", "));
  constexpr int kShown = 40;
  noted_->setText(all.isEmpty()         ? tr("nothing")
                  : all.size() > kShown ? all.left(kShown) + QStringLiteral("…")
                                        : all);
  noted_->setEditText(all.isEmpty() ? QStringLiteral(" ") : all);
  noted_->setToolTip(all);
  comfort_->setText(data_.set.edit.comfort ? tr("%1/10").arg(*data_.set.edit.comfort) : QString(kOpen));
  comfort_->setEditText(data_.set.edit.comfort ? QString::number(*data_.set.edit.comfort)
                                               : QStringLiteral(" "));
  sentence_->relayout();
  QString trust;
  if (beingJudged()) trust = QLatin1Char(' ');  // keeps a line, so that the film does not move much
  if (data_.analysis) {
    const Analysis& found = *data_.analysis;
    trust = found.reps.size() == 1 ? tr("1 rep seen.") : tr("%1 reps seen.").arg(found.reps.size());
    trust += QLatin1Char(' ') + tr("The camera stands %1 m away").arg(withError(found.distance_m, ""));
    trust +=
        found.camera_errors.yaw_known
            ? tr(", turned by %1.").arg(withError({std::abs(found.yaw_deg.value), found.yaw_deg.sd}, "deg"))
            : QStringLiteral(".");
    if (found.trust) trust += QLatin1Char(' ') + trustWords(*found.trust);
    for (Warning w : data_.analysis->warnings)
      if (w != Warning::kViewAssumed) trust += QLatin1Char(' ') + warningWords(w);  // asked beside the film
  }
  trust_->setText(trust);
  trust_->setVisible(!trust.isEmpty());
}

void SetSheet::playSlower() {
  constexpr int kSlowest = 16;
  film_->setSlower(film_->slower() < kSlowest ? 2 * film_->slower() : 1);
  refreshPlaying();
}

void SetSheet::loopRep() {
  film_->setLooping(!film_->looping());
  refreshPlaying();
}

void SetSheet::refreshPlaying() {
  slower_->setText(film_->slower() == 1 ? tr("Slow · V") : tr("1/%1 speed · V").arg(film_->slower()));
  loop_->setText(film_->looping() ? tr("Looping · R") : tr("Loop · R"));
}

void SetSheet::refreshMoment() {
  const std::size_t frame = film_->frame();
  if (frame >= data_.tracks.frameCount()) return moment_->clear();
  const Rep* rep = data_.repAt(frame);
  const QString where = rep != nullptr ? tr("rep %1, ").arg(rep->number) : QString();
  const TrackState state = data_.tracks.bar[frame].state;
  const QString seen = state == TrackState::kSeen      ? QString()
                       : state == TrackState::kBridged ? tr(" · bar hidden, bridged")
                                                       : tr(" · bar lost");
  QString doing;
  for (const Phase& phase : data_.phases)
    if (frame >= phase.first && frame <= phase.last)
      doing = phaseWords(phase.kind, data_.set.edit.asked.lift) + QStringLiteral(" · ");
  moment_->setText(where + doing +
                   tr("%1 s, frame %2").arg(data_.tracks.time_s[frame], 0, 'f', 2).arg(frame) + seen);
}

void SetSheet::refreshJudged() {
  progress_ = nullptr;
  stop_ = nullptr;
  // A button that is about to go must not take the keyboard with it.
  if (judged_body_->isAncestorOf(QApplication::focusWidget())) film_->setFocus();
  clearLayout(judged_);
  auto paragraph = [&](const QString& text, int size, bool muted) {
    QLabel* l = label(size, muted ? Weight::kRegular : Weight::kSemiBold, muted);
    l->setContentsMargins(24, 8, 0, 4);
    l->setText(text);
    judged_->addWidget(l);
    return l;
  };
  QHBoxLayout* layout = nullptr;
  auto action = [&](const QString& text, const QString& help, auto slot, bool beside = false) {
    if (!beside) {
      auto* row = new QWidget;
      layout = new QHBoxLayout(row);
      layout->setContentsMargins(24, 4, 0, 6);
      layout->addStretch(1);
      judged_->addWidget(row);
    }
    QPushButton* b = button(text, help);
    layout->insertWidget(layout->count() - 1, b);
    connect(b, &QPushButton::clicked, this, slot);
    return b;
  };
  if (jobs_.running(data_.set.id)) {
    progress_ = paragraph(tr("Waiting for its turn"), 16, false);
    showProgress(data_.set.id, jobs_.partDone(data_.set.id).value_or(0.0));
    paragraph(tr("You can look at the film meanwhile."), 14, true);
    stop_ = action(tr("Stop"), tr("Stop following; nothing is lost"), [this] { jobs_.cancel(data_.set.id); });
    stop_->setProperty("what", QStringLiteral("stop"));
  }
  offerParts();
  offerLines();
  if (data_.analysis) {
    const Lift lift = data_.set.edit.asked.lift;
    const bool across = data_.tracks.across();
    const LiftSource source = data_.set.edit.asked.lift_source;
    // Taken over from the set before, and the bar's way does not surely say the same.
    const auto& guess = data_.analysis->lift_seen;
    const bool open = source == LiftSource::kAssumed && guess && !(guess->sure() && guess->lift == lift);
    if (source == LiftSource::kSeen || open) {
      paragraph((open ? tr("A %1, as nobody has said otherwise?") : tr("A %1, by what is seen?"))
                    .arg(liftWords(lift)),
                16, false);
      action(tr("Yes · G"), tr("It is this lift"), &SetSheet::confirmLift)
          ->setProperty("what", QStringLiteral("lift"));
      for (const Lift other : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
        if (other != lift)
          action(
              tr("No, a %1").arg(liftWords(other)), tr("It is another lift"),
              [this, other] { sayLift(other); }, true)
              ->setProperty("what", liftWords(other));
    }
    if (across && data_.set.edit.asked.view == View::kUnknown) {
      const View likelier = data_.analysis->view;
      paragraph(tr("Filmed %1%2?")
                    .arg(viewWords(likelier, Facing::kUnknown, lift),
                         data_.tracks.has(Joint::kToe)        ? tr(", by the feet")
                         : data_.tracks.has(Joint::kShoulder) ? tr(", the legs being hidden")
                                                              : QString()),
                16, false);
      auto say = [this](View view) {
        SetEdit after = data_.set.edit;
        after.asked.view = view;
        push(tr("Say from where it was filmed"), after);
      };
      const View other = likelier == View::kFront ? View::kRear : View::kFront;
      action(tr("Yes · W"), tr("It was filmed from there"), [say, likelier] {
        say(likelier);
      })->setProperty("what", QString::fromUtf8(nameOf(likelier).data()));
      action(
          tr("No, %1").arg(viewWords(other, Facing::kUnknown, lift)), tr("It was filmed from the other end"),
          [say, other] { say(other); }, true)
          ->setProperty("what", QString::fromUtf8(nameOf(other).data()));
    }
    const bool unplaced = !across && !data_.tracks.has(Joint::kHip) && lift == Lift::kSquat;
    if (unplaced && !jobs_.running(data_.set.id)) {
      paragraph(tr("Not judged yet"), 16, false);
      paragraph(tr("Depth, trunk and balance need the lifter's joints. Lay the figure on the lifter on one "
                   "frame; it is followed "
                   "through the film by itself."),
                14, true);
      action(tr("Place figure · P"), tr("Lay the figure on the lifter"), &SetSheet::placeFigure);
      if (jobs_.findsJoints()) {
        QPushButton* b =
            action(tr("Look for the joints"), tr("Let the program look for the joints itself"), [this] {
              startTracking();
              refresh();
            });
        b->setProperty("what", QStringLiteral("find"));
      }
    }
    if (!unplaced) addFindings();
    offerDrawn();
    const auto& a = *data_.analysis;
    for (const ChangeFromUsual& change : findChanges(data_.by.book, lift, a.measures, data_.by.set))
      paragraph(changeWords(change) + QLatin1Char('.'), 14, false);
    if (const QString late = lateWords(data_.late); !late.isEmpty())
      paragraph(late, 14, false)->setObjectName(QStringLiteral("late reps"));
    if (!unplaced)
      for (const QString& line :
           {cantTellWords(data_.by.book, a.findings), inOrderWords(data_.by.book, lift, a, data_.by.set),
            unseenWords(data_.by.book, lift, a, data_.by.set)})
        if (!line.isEmpty()) paragraph(line, 14, true);
    QString by = judgedByWords(data_.by.book);
    if (data_.by.like_sets < kSetsForUsual)
      by += QLatin1Char(' ') + tr("What is usual for %1 is told from %2 like sets on; there are %3.")
                                   .arg(QString::fromStdString(data_.athlete.name))
                                   .arg(kSetsForUsual)
                                   .arg(data_.by.like_sets);
    paragraph(by, 14, true)->setObjectName(QStringLiteral("judged by"));
  } else if (!data_.set.hasFilm()) {
    addLogged(paragraph);
    action(tr("Add its film…"), tr("The film of this set: it is followed and measured like any other"),
           [this] {
             const QString file = QFileDialog::getOpenFileName(this, tr("The film of this set"));
             if (!file.isEmpty()) addFilm(file);
           })
        ->setProperty("what", QStringLiteral("add its film"));
  } else if (beingJudged()) {
    paragraph(tr("Being judged"), 14, true);
  } else if (!jobs_.running(data_.set.id)) {
    paragraph(data_.record || !data_.problem.isEmpty() ? tr("Not measured") : tr("Not followed yet"), 16,
              false);
    paragraph(data_.problem.isEmpty() ? tr("The bar has not been followed in this film.") : data_.problem, 14,
              true);
    const Held held = data_.set.edit.asked.held;
    if (held == Held::kPlates) {
      QPushButton* b =
          action(tr("Follow the bar"), tr("Look for the plate and follow it through the film"), [this] {
            startTracking();
            refresh();
          });
      b->setProperty("what", QStringLiteral("follow"));
    }
    action(held == Held::kPlates     ? tr("Point at plate · L")
           : held == Held::kEmptyBar ? tr("Point at the bar's end · L")
                                     : tr("Point at the dumbbell · L"),
           tr("Show what is to be followed"), &SetSheet::pointAtPlate);
  }
  judged_->addStretch(1);
}

// What was measured of a set whose film nobody kept, judged by the book as it is now.
void SetSheet::addLogged(const std::function<QLabel*(const QString&, int, bool)>& paragraph) {
  const auto& past = log().past;
  if (!past) return (void)paragraph(tr("Reading the log…"), 14, true);
  const auto found =
      std::find_if(past->begin(), past->end(), [&](const auto& r) { return r->set.id == data_.set.id; });
  if (found == past->end()) {
    paragraph(tr("Not measured"), 16, false);
    paragraph(tr("There is no film of this set, so nothing is judged in it."), 14, true);
    return;
  }
  const std::shared_ptr<const StoredResult> logged = *found;
  const SetJudging judging = judgingOf(house_, data_.set, logged->across, log());
  const RuleBook& book = judging.by.book;
  const auto findings = judge(book, data_.set.edit.asked.lift, logged->measures, judging.by.set);
  bool any = false;
  for (const Finding& f : findings) {
    if (f.certainty == Certainty::kCantTell || f.rule != f.event) continue;
    any = true;
    paragraph(findingHeading(f, book), 16, false);
    paragraph(findingDetail(f, book, logged->measures), 14, true);
  }
  if (!any) paragraph(tr("In order"), 16, false);
  paragraph(tr("The film of this set was not kept; these are the numbers in the log."), 14, true);
  paragraph(judgedByWords(book), 14, true);
}

// One card an event: what shows it in another way is said on the same card.
void SetSheet::addFindings() {
  const auto shown = [](const Finding& f, const std::vector<Finding>& all) {
    if (f.certainty == Certainty::kCantTell) return f.must;  // the others are gathered in one sentence
    return f.rule == f.event || std::none_of(all.begin(), all.end(), [&](const Finding& o) {
             return o.rule == f.event && o.certainty != Certainty::kCantTell;
           });
  };
  std::set<std::string> plotted;  // one plot a rule
  const auto& findings = data_.analysis->findings;
  for (const Finding& f : findings) {
    if (!shown(f, findings)) continue;
    CardContext context = cardFor(f, findings, data_.by, data_.analysis->measures, data_.tracks.time_s);
    context.with_plot = plotted.insert(f.rule).second;
    auto* card = new FindingCard(f, context);
    connect(card, &FindingCard::opened, this, [this](const Finding& finding) {
      film_->setEvidence(finding);
      film_->goTo(finding.frame);
      film_->setFocus();
    });
    connect(card, &FindingCard::overruleWanted, this,
            [this](const QString& rule, bool overruled, const QString& why) {
              SetEdit after = data_.set.edit;
              std::erase_if(after.overruled,
                            [&](const Overruling& o) { return o.rule == rule.toStdString(); });
              if (overruled) after.overruled.push_back({rule.toStdString(), why.toStdString()});
              std::sort(after.overruled.begin(), after.overruled.end(),
                        [](const Overruling& a, const Overruling& b) { return a.rule < b.rule; });
              push(overruled ? tr("Overrule a finding") : tr("Let a finding stand"), after);
            });
    connect(card, &FindingCard::causeSaid, this, [this](const QString& cause, int word) {
      SetEdit after = data_.set.edit;
      if (word < 0)
        after.causes.erase(cause.toStdString());
      else
        after.causes[cause.toStdString()] = word > 0;
      push(word > 0    ? tr("Confirm a cause")
           : word == 0 ? tr("Strike out a cause")
                       : tr("Take back what was said of a cause"),
           after);
    });
    judged_->addWidget(card);
  }
  if (!data_.other || data_.other->findings.empty()) return;
  const OtherSeen& other = *data_.other;
  QLabel* heading = label(16, Weight::kSemiBold);
  heading->setContentsMargins(24, 8, 0, 4);
  heading->setText(
      tr("Also seen %1")
          .arg(viewWords(other.analysis.view, other.analysis.facing, data_.set.edit.asked.lift)));
  judged_->addWidget(heading);
  for (const Finding& f : other.findings) {
    if (!shown(f, other.findings)) continue;
    auto* card =
        new FindingCard(f, cardFor(f, other.findings, data_.by, other.analysis.measures, other.time_s));
    connect(card, &FindingCard::opened, this, [this](const Finding& finding) {
      if (!data_.other || finding.frame >= data_.other->time_s.size()) return;
      const double at = data_.other->time_s[finding.frame] - data_.other->later_s;
      film_->setEvidence(std::nullopt);
      film_->goTo(nearestFrame(data_.tracks.time_s, at));
      film_->setFocus();
    });
    connect(card, &FindingCard::overruleWanted, this, [this] {
      emit trouble(tr("This was seen in the other film: overrule it there (Y shows both)."));
    });
    connect(card, &FindingCard::causeSaid, this, [this] {
      emit trouble(tr("This was seen in the other film: say its cause there (Y shows both)."));
    });
    judged_->addWidget(card);
  }
}

CardContext SetSheet::cardFor(const Finding& finding, const std::vector<Finding>& all, const Judging& by,
                              const std::vector<Measure>& measures, const std::vector<double>& time_s) const {
  CardContext c;
  c.book = &by.book;
  c.measures = &measures;
  CauseFacts facts = by.facts;
  facts.measures = &measures;
  facts.findings = &all;
  if (finding.certainty == Certainty::kClear && !finding.overruled)
    c.causes = findCauses(log_ ? log_->causes : builtInCauseBook(), finding, facts, data_.set.edit.causes);
  for (const Finding& other : all)
    if (other.rule != finding.rule && other.event == finding.rule &&
        other.certainty != Certainty::kCantTell && !other.overruled)
      c.seen_as_well.push_back(other);
  c.chain = chainWords(finding, by.book, finding.frame < time_s.size() ? time_s[finding.frame] : 0.0);
  for (const Overruling& o : data_.set.edit.overruled)
    if (o.rule == finding.rule) c.overruled_why = QString::fromStdString(o.why);
  if (log_ && log_->past)
    for (const auto& r : *log_->past)
      if (r->set.id != data_.set.id)
        c.overruled_before +=
            static_cast<int>(std::count_if(r->set.edit.overruled.begin(), r->set.edit.overruled.end(),
                                           [&](const Overruling& o) { return o.rule == finding.rule; }));
  return c;
}

// The part of the film that counts, or the sets into which it can be taken apart.
void SetSheet::offerParts() {
  const auto& part = data_.set.edit.part;
  const bool several = !part && data_.analysis && data_.analysis->sets.size() > 1;
  if (!part && !several) return;
  auto* row = new QWidget;
  auto* layout = new QHBoxLayout(row);
  layout->setContentsMargins(24, 4, 0, 6);
  QLabel* words = label(14, Weight::kRegular, true);
  layout->addWidget(words, 1);
  QPushButton* act = nullptr;
  if (part) {
    auto at = [&](std::size_t frame) {
      return frame < data_.tracks.frameCount() ? data_.tracks.time_s[frame] : 0.0;
    };
    words->setText(tr("From %1 s to %2 s of the film counts.")
                       .arg(at(part->first), 0, 'f', 1)
                       .arg(at(part->last), 0, 'f', 1));
    act = button(tr("whole film"), tr("All of the film counts again"), true);
    act->setProperty("what", QStringLiteral("whole film"));
    connect(act, &QPushButton::clicked, this, [this] {
      SetEdit after = data_.set.edit;
      after.part.reset();
      push(tr("Let the whole film count"), after);
    });
  } else {
    QStringList reps;
    for (const FilmPart& p : data_.analysis->sets) {
      std::vector<int> numbers;
      for (const Rep& r : data_.analysis->reps)
        if (r.turn_frame >= p.first && r.turn_frame <= p.last) numbers.push_back(r.number);
      reps << repList(numbers);
    }
    words->setText(tr("This film shows %1 sets: %2.").arg(reps.size()).arg(reps.join(tr("; "))));
    act = button(tr("Take apart · X"), tr("This set keeps the first; the others come into the Queue"));
    act->setProperty("what", QStringLiteral("take apart"));
    connect(act, &QPushButton::clicked, this, &SetSheet::splitSets);
  }
  layout->addWidget(act);
  judged_->addWidget(row);
}

void SetSheet::choosePart(const FilmPart& part) {
  SetEdit after = data_.set.edit;
  after.part = part;
  push(tr("Say which part of the film counts"), after);
}

void SetSheet::beginHere() {
  settle();
  const std::size_t here = film_->frame(), end = data_.tracks.frameCount();
  if (end < 2) return emit trouble(tr("A part is chosen when the bar has been followed."));
  const std::size_t last = data_.set.edit.part ? data_.set.edit.part->last : end - 1;
  if (here >= last)
    return emit trouble(tr("The set would begin after its end. Go further back and press [."));
  choosePart({here, last});
}

void SetSheet::endHere() {
  settle();
  const std::size_t here = film_->frame(), end = data_.tracks.frameCount();
  if (end < 2) return emit trouble(tr("A part is chosen when the bar has been followed."));
  const std::size_t first = data_.set.edit.part ? data_.set.edit.part->first : 0;
  if (here <= first)
    return emit trouble(tr("The set would end before it begins. Go further on and press ]."));
  choosePart({first, here});
}

void SetSheet::splitSets() {
  settle();
  if (data_.set.edit.part || !data_.analysis || data_.analysis->sets.size() < 2 || !data_.record)
    return emit trouble(tr("This film shows one set."));
  if (jobs_.running(data_.set.id))
    return emit trouble(tr("The film is being followed; take it apart when that is done."));
  const std::vector<FilmPart> parts = data_.analysis->sets;
  for (std::size_t k = 1; k < parts.size(); ++k) {
    SetRecord other = data_.set;
    other.state = SetState::kTracked;
    other.edit.part = parts[k];
    other.edit.overruled.clear();
    other.edit.cue.clear();
    other.edit.next_load_kg.reset();
    other.edit.comfort.reset();
    other.edit.effort_felt.reset();
    const auto id = house_.addSet(other);
    if (!id) return emit trouble(QString::fromStdString(id.error().text));
    if (auto ok = house_.saveTracks(*id, other.clip, *data_.record); !ok)
      return emit trouble(QString::fromStdString(ok.error().text));
  }
  choosePart(parts.front());
  emit trouble(
      tr("Taken apart: this is the first of %1 sets, the others are in the Queue.").arg(parts.size()));
}

// What was measured by hand, each with the way to its picture and away.
void SetSheet::offerDrawn() {
  if (!data_.analysis) return;
  const auto& drawn = data_.set.edit.drawn;
  for (std::size_t i = 0; i < drawn.size(); ++i) {
    auto* widget = new QWidget;
    auto* row = new QHBoxLayout(widget);
    row->setContentsMargins(24, 2, 0, 4);
    const auto value =
        estimateDrawn(drawn[i], data_.tracks, data_.analysis->camera, data_.analysis->camera_errors);
    QLabel* words = label(14, Weight::kRegular, true);
    words->setText(
        value ? tr("By hand, frame %1: %2 %3")
                    .arg(drawn[i].points.front().frame)
                    .arg(drawnWords(drawn[i].kind).toLower(), withError(*value, unitOf(drawn[i].kind)))
              : QString::fromStdString(value.error().text));
    row->addWidget(words, 1);
    QPushButton* show = button(tr("show"), tr("Show it on the film"), true);
    show->setProperty("what", QStringLiteral("show drawn"));
    connect(show, &QPushButton::clicked, this, [this, frame = drawn[i].points.front().frame] {
      film_->goTo(frame);
      film_->setFocus();
    });
    row->addWidget(show);
    QPushButton* remove = button(tr("remove"), tr("Take the measure away"), true);
    remove->setProperty("what", QStringLiteral("remove drawn"));
    connect(remove, &QPushButton::clicked, this, [this, i] {
      SetEdit after = data_.set.edit;
      after.drawn.erase(after.drawn.begin() + static_cast<long>(i));
      push(tr("Take a measure away"), after);
    });
    row->addWidget(remove);
    judged_->addWidget(widget);
  }
}

// What the line just drawn shows, and those that were drawn before.
void SetSheet::offerLines() {
  if (!data_.analysis) return;
  auto row = [&] {
    auto* widget = new QWidget;
    auto* layout = new QHBoxLayout(widget);
    layout->setContentsMargins(24, 2, 0, 4);
    judged_->addWidget(widget);
    return layout;
  };
  auto add = [&](QHBoxLayout* to, const QString& text, const QString& help, const char* what, bool flat,
                 auto act) {
    QPushButton* b = button(text, help, flat);
    b->setProperty("what", QString::fromLatin1(what));
    to->addWidget(b);
    connect(b, &QPushButton::clicked, this, act);
  };
  if (open_line_) {
    QLabel* heading = label(16, Weight::kSemiBold, false);
    heading->setContentsMargins(24, 8, 0, 4);
    heading->setText(tr("What does the line show?"));
    judged_->addWidget(heading);
    auto* upright = row();
    add(upright, tr("Something upright"), tr("A post, a door, the edge of a wall"), "upright", false,
        [this] { sayLine(RoomLineKind::kUpright, {}); });
    add(upright, tr("nothing"), tr("Forget the line"), "forget line", true, [this] {
      open_line_.reset();
      film_->setOpenLine({});
      refreshJudged();
    });
    upright->addStretch(1);
    auto* length = row();
    auto* cm = new TypingLine;
    cm->setObjectName(QStringLiteral("line length"));
    cm->setAccessibleName(tr("Length of the line in cm"));
    cm->setPlaceholderText(tr("cm"));
    cm->setMaximumWidth(70);
    length->addWidget(cm);
    add(length, tr("long, beside the lifter"), tr("Not nearer to the camera than the lifter, nor farther"),
        "length at lifter", false, [this, cm] { sayLine(RoomLineKind::kLengthAtLifter, cm->text()); });
    if (!data_.tracks.across())
      add(length, tr("at the near plate"), tr("As near to the camera as the plate's face"), "length at plate",
          true, [this, cm] { sayLine(RoomLineKind::kLengthAtPlate, cm->text()); });
    length->addStretch(1);
    connect(cm, &QLineEdit::returnPressed, this,
            [this, cm] { sayLine(RoomLineKind::kLengthAtLifter, cm->text()); });
  }
  const auto& lines = data_.set.edit.lines;
  for (std::size_t i = 0; i < std::min(lines.size(), data_.analysis->lines.size()); ++i) {
    auto* said = row();
    QLabel* words = label(14, Weight::kRegular, true);
    words->setText(lineWords(lines[i], data_.analysis->lines[i]));
    said->addWidget(words, 1);
    add(said, tr("remove"), tr("Take the line away"), "remove line", true, [this, i] {
      SetEdit after = data_.set.edit;
      after.lines.erase(after.lines.begin() + static_cast<long>(i));
      push(tr("Take a line away"), after);
    });
  }
}

std::vector<CueOffer> SetSheet::cuesOffered() const {
  if (!data_.analysis) return {};
  return suggestCues(cueBook(), data_.analysis->findings, data_.by.book, data_.cues);
}

void SetSheet::refreshSaid() {
  if (beingJudged()) {
    cue_->clear();
    cue_note_->clear();
    say_->hide();
    other_->hide();
    return;
  }
  const auto offered = cuesOffered();
  const Cue* said = cueBook().find(data_.set.edit.cue);
  const QString name = QString::fromStdString(data_.athlete.name).section(QLatin1Char(' '), 0, 0);
  say_->setVisible(!offered.empty());
  other_->setVisible(offered.size() > 1 && said == nullptr);
  if (said != nullptr) {
    cue_->setText(tr("“%1”").arg(ofBook(said->words)));
    QString rule;
    for (const CueOffer& o : offered)
      if (o.cue == said) rule = QString::fromStdString(o.rule);
    cue_note_->setText(
        tr("Said after this set. The next one tells whether it moved the measure.") +
        (rule.isEmpty()
             ? QString()
             : QLatin1Char(' ') + cueWords(estimateCue(data_.cues, said->id, rule.toStdString()), name)));
    say_->setText(tr("Take back · S"));
    return;
  }
  say_->setText(tr("Say this · S"));
  if (offered.empty()) {
    const bool judged = data_.analysis && data_.analysis->decision.action != LoadAction::kCantTell;
    cue_->setText(judged ? tr("Nothing to mend: say what was good.") : tr("No cue yet"));
    cue_note_->setText(judged ? QString() : tr("A cue is offered when something has been judged."));
    return;
  }
  const CueOffer& offer = offered[cue_choice_ % offered.size()];
  cue_->setText(tr("“%1”").arg(ofBook(offer.cue->words)));
  QString why;
  for (const Finding& f : data_.analysis->findings)
    if (f.rule == offer.rule && !f.overruled && f.certainty != Certainty::kCantTell) {
      why = tr("Answers: %1.").arg(findingHeading(f, data_.by.book));
      break;
    }
  cue_note_->setText(tr("%1 %2 %3").arg(why, cueWayWords(offer.cue->way), cueWords(offer.estimate, name)));
}

// What to hang on the bar for the load at hand: the one decided, else the one suggested.
std::optional<Loading> SetSheet::loadingAtHand() const {
  const auto& decided = data_.set.edit.next_load_kg;
  const auto load_kg = decided ? decided : suggestedLoad();
  const Gear& gear = log_ ? log_->gear : usualGear();
  const auto on = riggingIn(data_.set.edit.asked.equipment, gear);
  if (!load_kg || data_.set.edit.asked.held == Held::kDumbbells || !on) return std::nullopt;
  auto found = loadPlates(gear, on->bar, {Mass::ofKg(*load_kg), on->at_top, false});
  return found ? std::optional(std::move(*found)) : std::nullopt;
}

void SetSheet::showWarmUp() {
  settle();
  const auto loading = loadingAtHand();
  if (!loading) return emit trouble(tr("Steps lead to a load on a bar; none is decided or suggested yet."));
  const auto steps =
      warmUpTo(log_ ? log_->gear : usualGear(), loading->bar, loading->total - loading->at_top);
  if (!steps) return emit trouble(QString::fromStdString(steps.error().text));
  QMenu& menu = *new QMenu(this);  // it goes when it is closed
  menu.setAttribute(Qt::WA_DeleteOnClose);
  if (steps->empty()) menu.addAction(tr("The bar alone is the work"));
  for (const WarmUpSet& s : *steps)
    menu.addAction(tr("%1 × %2: %3").arg(s.reps).arg(kilograms(s.loading.total.kg()), plateList(s.loading)));
  menu.addAction(tr("then %1: %2").arg(kilograms(loading->total.kg()), plateList(*loading)));
  menu.popup(warm_up_->mapToGlobal(QPoint(0, -menu.sizeHint().height())));
  menu.setActiveAction(menu.actions().front());
}

void SetSheet::refreshPlates() {
  const auto loading = loadingAtHand();
  warm_up_->setVisible(loading.has_value());
  plates_->show(loading);
  plates_->setVisible(loading.has_value());
  plates_words_->setText(loading ? platesWords(*loading) + QLatin1Char('.') : QString());
  plates_words_->setVisible(loading.has_value());
}

void SetSheet::refreshNext() {
  refreshPlates();
  QString caution =
      tr("Safeties, collars and spotters first. Pain, numbness or dizziness: stop, and see a licensed "
         "clinician. "
         "Local rules come first.");
  if (data_.athlete.worstPain() >= LoadOptions{}.pain_limit)
    caution =
        tr("A pain note of %1/10 is open: no load is raised until it is settled. See a licensed clinician.")
            .arg(data_.athlete.worstPain()) +
        QLatin1Char(' ') + tr("Safeties, collars and spotters first.");
  caution_->setText(caution);
  if (beingJudged()) {
    for (QLabel* words : {next_, next_reason_, reserve_}) words->clear();
    accept_->hide();
    return;
  }
  const Reserve& left = plan_.reserve;
  QString reserve = apartWords(left);
  if (reserve.isEmpty() && left.together) reserve = reserveWords(*left.together);
  if (!reserve.isEmpty() && !left.apart) reserve = tr("%1.").arg(reserve);
  if (left.apart) reserve += QLatin1Char(' ') + tr("They do not agree: ask once more, or look again.");
  reserve_->setText(reserve);
  reserve_->setVisible(!reserve.isEmpty());
  const bool planned = plan_.plan != nullptr && plan_.load_kg() > 0.0;
  if (!data_.analysis && !planned) {
    next_->setText(tr("Next: not decided"));
    next_reason_->setText(tr("The load is decided when the set has been measured."));
    accept_->setVisible(false);
    change_->setVisible(true);
    return;
  }
  QString heading, reason, change;
  if (planned) {
    heading = (plan_.another_day ? tr("Next session: %1") : tr("Next: %1"))
                  .arg(plannedSetWords(plan_.next.sets.front()));
    reason = planReason(plan_.next, *plan_.plan, builtInPlanBook().gates);
    change = planChange(plan_.next);
    QStringList cautions;
    for (const Caution c : plan_.next.cautions)
      if (c != Caution::kSpotters && c != Caution::kPainOpen) cautions << cautionWords(c);
    if (!cautions.isEmpty()) caution_->setText(cautions.join(QLatin1Char(' ')) + QLatin1Char(' ') + caution);
  } else {
    const LoadDecision& d = data_.analysis->decision;
    heading = decisionHeading(d, data_.set.edit.asked);
    reason = decisionReason(d, data_.athlete);
    change = decisionChange(d, data_.athlete, data_.analysis->view);
  }
  if (data_.set.edit.next_load_kg) {
    next_->setText(tr("Next set: %1 × %2, decided")
                       .arg(data_.set.edit.asked.reps)
                       .arg(kilograms(*data_.set.edit.next_load_kg)));
    const double suggested = data_.set.edit.suggested_kg.value_or(suggestedLoad().value_or(0.0));
    next_reason_->setText(
        std::abs(suggested - *data_.set.edit.next_load_kg) < 1e-6
            ? reason
            : tr("Decided by the coach; suggested was %1. %2").arg(kilograms(suggested), reason));
    accept_->setVisible(false);
    return;
  }
  next_->setText(heading);
  next_reason_->setText(reason + QLatin1Char(' ') + change);
  accept_->setVisible(suggestedLoad().has_value());
}

QString SetSheet::jointName(Joint joint) const {
  return jointWords(joint, data_.analysis ? data_.analysis->view : View::kSide);
}

void SetSheet::placeFigure() {
  settle();
  if (data_.tracks.across()) return emit trouble(tr("The figure is laid on a lifter filmed from the side."));
  if (film_->mode() == FilmView::Mode::kPlaceFigure) return film_->leaveMode();
  if (!data_.record) return emit trouble(tr("The figure can be placed when the bar has been followed."));
  if (jobs_.running(data_.set.id))
    return emit trouble(tr("The film is being followed; stop it first to place the figure anew."));
  film_->startPlacing();
}

void SetSheet::placeBack() {
  settle();
  if (!data_.record || !data_.analysis || !data_.tracks.hasJoints() || data_.tracks.across())
    return emit trouble(
        tr("The back's points go on a lifter filmed from the side whose joints are known. Place the figure "
           "first (P)."));
  if (jobs_.running(data_.set.id))
    return emit trouble(tr("The film is being followed; the back's points can be placed after that."));
  if (data_.tracks.has(Joint::kPelvis) || data_.tracks.has(Joint::kMidBack))
    return emit trouble(tr("The back's points are followed; drag them where they are off."));
  if (backOf(data_.set.edit)) {
    startTracking();
    return refresh();
  }
  const std::size_t frame = film_->shownFrame();
  const JointSample *hip = data_.tracks.has(Joint::kHip) ? &data_.tracks.track(Joint::kHip)[frame] : nullptr,
                    *shoulder = data_.tracks.has(Joint::kShoulder)
                                    ? &data_.tracks.track(Joint::kShoulder)[frame]
                                    : nullptr;
  if (hip == nullptr || shoulder == nullptr || !hip->known || !shoulder->known)
    return emit trouble(
        tr("Hip and shoulder are not known on this frame; go to one on which the figure is drawn."));
  SetEdit after = data_.set.edit;
  for (const Joint j : kBackJoints)
    placeJoint(after.placed, frame, j,
               usualBackPoint(j, hip->p_px, shoulder->p_px, data_.analysis->body_scale.value,
                              data_.analysis->facing == Facing::kLeft));
  push(tr("Put two points on the back"), after);
  emit trouble(
      tr("Drag the two points onto the skin of the low back and of the middle of the back; then U follows "
         "them through the film."));
}

void SetSheet::askLeastSure() {
  settle();
  asks_ = false;
  if (!data_.record || !data_.analysis || !data_.tracks.hasJoints())
    return emit trouble(data_.tracks.across()
                            ? tr("There are no joints to put right: none were found from there.")
                            : tr("There are no joints to put right yet. Place the figure first (P)."));
  const auto next = suggestCorrection(data_.tracks, data_.record->carried, data_.set.edit.placed,
                                      data_.record->found, data_.analysis->reps, data_.set.edit.locked);
  if (!next) {
    film_->update();
    return emit trouble(
        tr("No joint is clearly less sure than a careful hand. Nothing is left to put right."));
  }
  asks_ = true;
  film_->ask(next->frame, next->joint);
  const double cm = 0.1 * next->sd_px * data_.analysis->body_scale.value;
  emit trouble(
      tr("Least sure: the %1, ± %2 cm. Drag it, or move it with Shift and the arrows; Enter when it is "
         "right, D where you placed it last, K to keep it in all reps, Esc to stop.")
          .arg(jointName(next->joint))
          .arg(cm, 0, 'f', 0));
}

// Right as it is: no hand and no other joint moves it until K lets it go again.
void SetSheet::keepPointed() {
  settle();
  const auto joint = film_->pointedJoint();
  if (!joint || !data_.analysis)
    return emit trouble(tr("Point at a joint, or let one be asked for (N); then K keeps it as it is."));
  const QString name = jointName(*joint);
  SetEdit after = data_.set.edit;
  if (std::erase(after.locked, *joint) > 0) {
    push(tr("Let the %1 go").arg(name), after);
    return emit trouble(tr("The %1 can be moved again.").arg(name));
  }
  keepJoint(after.placed, data_.tracks, data_.analysis->reps, *joint);
  after.locked.push_back(*joint);
  std::sort(after.locked.begin(), after.locked.end());
  push(tr("Keep the %1").arg(name), after);
  emit trouble(tr("The %1 is right in all reps and stays as it is; K lets it go.").arg(name));
  afterJudging([this] {
    if (asks_) askLeastSure();
  });
}

void SetSheet::keepFigure() {
  settle();
  if (!data_.analysis || !data_.tracks.hasJoints())
    return emit trouble(tr("There are no joints to keep yet. Place the figure first (P)."));
  SetEdit after = data_.set.edit;
  after.locked.clear();
  if (!data_.set.edit.locked.empty()) {
    push(tr("Let all joints go"), after);
    return emit trouble(tr("All joints can be moved again."));
  }
  for (std::size_t j = 0; j < kJointCount; ++j) {
    const auto joint = static_cast<Joint>(j);
    if (!data_.tracks.has(joint)) continue;
    keepJoint(after.placed, data_.tracks, data_.analysis->reps, joint);
    after.locked.push_back(joint);
  }
  push(tr("Keep all joints"), after);
  emit trouble(tr("All joints are right in all reps and stay as they are; Shift and K lets them go."));
}

void SetSheet::putAsNeighbour() {
  settle();
  const auto joint = film_->pointedJoint();
  const std::size_t frame = film_->shownFrame();
  const auto at = joint ? sameAsNeighbour(data_.tracks, data_.set.edit.placed, frame, *joint) : std::nullopt;
  if (!at)
    return emit trouble(
        tr("Point at a joint, or let one be asked for (N); then D puts it where you placed it last."));
  const auto& locked = data_.set.edit.locked;
  if (std::find(locked.begin(), locked.end(), *joint) != locked.end())
    return emit trouble(tr("The %1 is kept as it is; K lets it go.").arg(jointName(*joint)));
  film_->putJoint(*joint, *at);
}

void SetSheet::confirmView() {
  settle();
  if (!data_.analysis)
    return emit trouble(tr("From where it was filmed shows when the bar has been followed."));
  SetEdit after = data_.set.edit;
  Asked& asked = after.asked;
  if (data_.tracks.across()) {
    asked.view = asked.view == View::kUnknown ? data_.analysis->view
                 : asked.view == View::kFront ? View::kRear
                                              : View::kFront;
  } else if (asked.view == View::kUnknown && data_.analysis->facing != Facing::kUnknown) {
    asked.view = View::kSide;
    asked.facing = data_.analysis->facing;
  } else {
    asked.view = View::kSide;
    asked.facing = data_.analysis->facing == Facing::kRight ? Facing::kLeft : Facing::kRight;
  }
  push(tr("Say from where it was filmed"), after);
  emit trouble(tr("Filmed %1.").arg(viewWords(asked.view, asked.facing, asked.lift)));
}

void SetSheet::confirmLift() {
  if (data_.set.edit.asked.lift_source == LiftSource::kSaid)
    return emit trouble(tr("The lift is said already; change it in the sentence."));
  sayLift(data_.set.edit.asked.lift);
}

void SetSheet::sayLift(Lift lift) {
  SetEdit after = data_.set.edit;
  if (after.asked.lift != lift) {
    after.asked.lift = lift;
    after.asked.variant = usualVariant(lift);
    after.next_load_kg.reset();
  }
  after.asked.lift_source = LiftSource::kSaid;
  push(tr("Say which lift it is"), after);
}

// Nobody has said the lift, and the bar's way shows another one than was taken over from the set before: what
// is asked of it is taken over from the last set of that lift.
void SetSheet::takeLift(SetId id, Lift lift) {
  const auto set = house_.loadSet(id);
  if (!set || set->edit.asked.lift_source != LiftSource::kAssumed || set->edit.asked.lift == lift) return;
  SetEdit edit = set->edit;
  edit.asked.lift = lift;
  edit.asked.variant = usualVariant(lift);
  LogQuery of_lift;
  of_lift.athlete = set->athlete;
  of_lift.lift = lift;
  of_lift.most = 2;  // the newest, or the one before when that is this one
  if (const auto lines = house_.search(of_lift))
    for (const LogLine& before : *lines)
      if (before.id != id) {
        edit.asked.variant = before.variant;
        edit.asked.reps = before.reps_asked;
        edit.asked.load_kg = before.next_kg.value_or(before.load_kg);
        edit.asked.effort = before.effort_asked;
      }
  edit.asked.lift_source = LiftSource::kSeen;
  if (auto ok = house_.saveEdit(id, edit, set->state); !ok)
    return emit trouble(QString::fromStdString(ok.error().text));
  if (id == data_.set.id) data_.set.edit = edit;
}

void SetSheet::pointAtPlate() {
  if (!data_.set.hasFilm()) return emit trouble(tr("There is no film of this set."));
  if (jobs_.running(data_.set.id))
    return emit trouble(tr("The film is being followed; stop it first to point at the plate."));
  film_->startPointing();
}

void SetSheet::showInstead(QWidget* view, QWidget* focus) {
  const bool show = decisions_->currentWidget() != view;
  if (show)
    decisions_->setCurrentWidget(view);
  else
    decisions_->setCurrentIndex(0);
  (show ? focus : film_)->setFocus();
}

void SetSheet::showNumbers() {
  showInstead(numbers_, numbers_->table());
}

void SetSheet::showCurves() {
  showInstead(curves_, curves_->what());
}

void SetSheet::showSchools() {
  settle();
  if (decisions_->currentWidget() != schools_)
    schools_->setData(&data_, schoolsOf(data_.athlete.profile, data_.set.edit.asked.lift));
  showInstead(schools_, schools_->choice(1));
}

void SetSheet::chooseLines() {
  settle();
  if (!data_.analysis) return emit trouble(tr("Lines are drawn when the bar has been followed."));
  QMenu& menu = *new QMenu(this);  // it goes when it is closed
  menu.setAttribute(Qt::WA_DeleteOnClose);
  for (const EvidenceLine line : kEvidenceLines) {
    QAction* a = menu.addAction(evidenceWords(line));
    a->setCheckable(true);
    a->setChecked(lines_.has(line));
    a->setEnabled(evidenceShows(line, data_.set.edit.asked.lift, data_.tracks.across()));
    connect(a, &QAction::toggled, this, [this, line](bool on) {
      lines_.set(line, on);
      film_->setShownLines(lines_);
      if (auto ok = house_.saveDeskState("lines", lines_.text().toStdString()); !ok)
        emit trouble(QString::fromStdString(ok.error().text));
    });
  }
  menu.popup(evidence_->mapToGlobal(QPoint(0, evidence_->height())));
  menu.setActiveAction(menu.actions().front());
}

void SetSheet::chooseMeasure() {
  settle();
  if (film_->mode() == FilmView::Mode::kMeasure) return film_->leaveMode();
  if (!data_.analysis)
    return emit trouble(tr("Measuring by hand needs the bar's scale: follow the bar first."));
  QMenu& menu = *new QMenu(this);
  menu.setAttribute(Qt::WA_DeleteOnClose);
  for (const DrawnKind kind : kDrawnKinds) {
    QAction* a = menu.addAction(drawnWords(kind));
    connect(a, &QAction::triggered, film_, [this, kind] { film_->startMeasuring(kind); });
  }
  menu.popup(by_hand_->mapToGlobal(QPoint(0, by_hand_->height())));
  menu.setActiveAction(menu.actions().front());
}

void SetSheet::drawLine() {
  if (film_->mode() == FilmView::Mode::kDrawLine) return film_->leaveMode();
  if (!data_.analysis)
    return emit trouble(tr("A line can be drawn when the bar has been followed and a rep was found."));
  film_->startDrawing();
}

void SetSheet::sayLine(RoomLineKind kind, const QString& length_cm) {
  if (!open_line_) return;
  RoomLine line = *open_line_;
  line.kind = kind;
  line.length_m = kind == RoomLineKind::kUpright ? 0.0 : 0.01 * numberIn(length_cm).value_or(0.0);
  if (const auto ok = line.validate(); !ok) return emit trouble(QString::fromStdString(ok.error().text));
  open_line_.reset();
  film_->setOpenLine({});
  SetEdit after = data_.set.edit;
  after.lines.push_back(line);
  push(kind == RoomLineKind::kUpright ? tr("Draw an upright") : tr("Draw a known length"), after);
  film_->setFocus();
  if (data_.analysis && !data_.analysis->lines.empty())
    emit trouble(lineWords(line, data_.analysis->lines.back()));
}

void SetSheet::sayCue() {
  settle();
  const auto offered = cuesOffered();
  SetEdit after = data_.set.edit;
  if (!after.cue.empty()) {
    after.cue.clear();
    return push(tr("Take the cue back"), after);
  }
  if (offered.empty()) return;
  after.cue = offered[cue_choice_ % offered.size()].cue->id;
  push(tr("Say a cue"), after);
}

void SetSheet::otherCue() {
  settle();
  ++cue_choice_;
  refreshSaid();
}

HandOutFacts SetSheet::handOutFacts() {
  settle();
  HandOutFacts facts;
  facts.day = dayWords(data_.set.day, "d MMMM yyyy");
  if (log_) facts.cues = log_->cues;
  if (const auto who = house_.loadRecord(data_.set.athlete))
    for (const SetupRecord& s : who->setups)
      if (s.lift == data_.set.edit.asked.lift &&
          (data_.set.edit.setup ? s.id == *data_.set.edit.setup : s.chosen))
        facts.setup = s;
  if (const auto offered = cuesOffered(); !offered.empty()) {
    const CueOffer& offer = offered[cue_choice_ % offered.size()];
    facts.offered_cue = offer.cue->id;
    facts.offered_for = offer.rule;
  }
  if (plan_.plan != nullptr) facts.next = plan_.next;
  facts.next_kg = data_.set.edit.next_load_kg;
  facts.loading = loadingAtHand();
  facts.since = plan_.since;
  return facts;
}

// By the plan where there is one; else by what was seen.
std::optional<double> SetSheet::suggestedLoad() const {
  if (plan_.plan != nullptr && plan_.load_kg() > 0.0) return plan_.load_kg();
  return data_.analysis ? data_.analysis->decision.next_load_kg : std::nullopt;
}

void SetSheet::acceptLoad() {
  settle();
  const auto suggested = suggestedLoad();
  if (!suggested || data_.set.edit.next_load_kg) return;
  SetEdit after = data_.set.edit;
  after.next_load_kg = after.suggested_kg = suggested;
  push(tr("Accept %1").arg(kilograms(*suggested)), after);
}

void SetSheet::changeLoad() {
  settle();
  const double now =
      data_.set.edit.next_load_kg.value_or(suggestedLoad().value_or(data_.set.edit.asked.load_kg));
  change_line_->setText(QString::number(now));
  change_line_->show();
  change_line_->selectAll();
  change_line_->setFocus();
}

QWidget* SetSheet::stationArea(int number) const {
  return number == 1   ? static_cast<QWidget*>(sentence_)
         : number == 2 ? film_
         : number == 3 ? judged_area_
         : number == 4 ? static_cast<QWidget*>(cue_)
                       : next_box_;
}

void SetSheet::focusStation(int number) {
  settle();
  if (number >= 3) decisions_->setCurrentIndex(0);
  switch (number) {
    case 1:
      lift_->setFocus(Qt::TabFocusReason);
      break;
    case 2:
      film_->setFocus(Qt::TabFocusReason);
      break;
    case 3: {
      const auto cards = judged_body_->findChildren<QPushButton*>();
      for (QPushButton* b : cards)
        if (b->isVisible()) return b->setFocus(Qt::TabFocusReason);
      judged_area_->setFocus(Qt::TabFocusReason);
      break;
    }
    case 4:
      (say_->isVisible() ? static_cast<QWidget*>(say_) : cue_)->setFocus(Qt::TabFocusReason);
      break;
    default:
      (accept_->isVisible() ? accept_ : change_)->setFocus(Qt::TabFocusReason);
      break;
  }
}

void SetSheet::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) {
    if (change_line_->isVisible()) {
      change_line_->hide();
      change_->setFocus();
    } else {
      emit queueWanted();
    }
  } else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
    // Pressed for a joint that is about to be asked for, it is not meant for the load.
    if (!(asks_ && judging_.running(data_.set.id))) acceptLoad();
  } else {
    QWidget::keyPressEvent(event);
  }
}

void SetSheet::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
