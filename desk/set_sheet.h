// The main screen: a set is a sentence, a film and a decision. Five stations in one sheet, reached by the
// keys 1 to 5: Asked, Seen, Judged, Said, Next.
//
// Everything the coach decides is an edit of the set's record: one undo step, one transaction in the house
// file. It is judged behind the window: until that is done, what was judged before stays on the sheet.
#pragma once

#include <atomic>
#include <functional>
#include <map>
#include <memory>

#include <QFutureWatcher>
#include <QUndoGroup>
#include <QUndoStack>
#include <QWidget>

#include "core/cue/cue_book.h"
#include "desk/analysis_jobs.h"
#include "desk/curves_view.h"
#include "desk/film_view.h"
#include "desk/finding_card.h"
#include "desk/judging_jobs.h"
#include "desk/numbers_view.h"
#include "desk/rep_ribbon.h"
#include "desk/schools_view.h"
#include "desk/sentence.h"
#include "desk/set_analysis.h"
#include "desk/set_plan.h"
#include "report/hand_out.h"
#include "store/house_file.h"

class QLabel;
class QLineEdit;
class QPushButton;
class QScrollArea;
class QStackedWidget;
class QVBoxLayout;

namespace mottix {

class PlatesDrawing;

class SetSheet : public QWidget {
  Q_OBJECT
 public:
  SetSheet(HouseFile& house, AnalysisJobs& jobs, QUndoGroup& undo, QWidget* parent = nullptr);
  ~SetSheet() override;

  void open(SetId id);
  void leave();
  // Nothing is on the sheet any more, and nothing of the house is being read.
  void putAway();
  SetId current() const { return data_.set.id; }
  const SetRecord& set() const { return data_.set; }
  const Athlete& athlete() const { return data_.athlete; }
  // With all that was changed judged: waits for it.
  const SheetData& data() {
    settle();
    return data_;
  }
  // What was changed has been judged and stands on the sheet when it returns.
  void settle() { judging_.finish(); }
  // What a hand-out says beside the set itself.
  HandOutFacts handOutFacts();
  bool knowsCues() const { return trials_read_; }  // what they did in the whole house has been read
  FilmView& film() { return *film_; }
  // Where the five stations are, 1 to 5.
  QWidget* stationArea(int number) const;
  NumbersView& numbers() { return *numbers_; }
  CurvesView& curves() { return *curves_; }
  SchoolsView& schools() { return *schools_; }

  // Takes what a job found for this set, whether it is on the sheet or not.
  void takeOutcome(SetId id, const TrackOutcome& outcome);
  void takeProblem(SetId id, const QString& reason);
  void showProgress(SetId id, double part);

  // Replaces what the coach decided; used by the undo commands.
  void apply(SetId id, const SetEdit& edit);
  // Whether another film shows the same set; one undo step.
  void sayOtherFilm(SetId id, const std::optional<OtherFilm>& other);

 public slots:
  void placeFigure();
  // Two points of the back (U): put on the shown frame; once more follows them.
  void placeBack();
  void askLeastSure();
  void keepPointed();
  void keepFigure();
  void putAsNeighbour();
  // One key says from where it was filmed: what the program found, then the other way round.
  void confirmView();
  // The set begins, or ends, on the frame shown; what lies outside does not count.
  void beginHere();
  void endHere();
  // One set each of a film that shows several.
  void splitSets();
  // One key says that the lift is the one that the program saw.
  void confirmLift();
  void playSlower();
  void loopRep();
  void pointAtPlate();
  // Every measure of every rep, in the place of findings, cue and load; and back.
  void showNumbers();
  // Curves in the same place; and back.
  void showCurves();
  // The set judged by two schools, in the same place; and back.
  void showSchools();
  // Which lines are drawn on the film, and which measure is drawn by hand: each a short menu.
  void chooseLines();
  void chooseMeasure();
  void drawLine();
  void sayCue();
  void otherCue();
  // The house's rules or cues are others now: what was read of it is read again.
  void forgetLog();
  void acceptLoad();
  // The steps from the empty bar to the load at hand, with the plates of each.
  void showWarmUp();
  void changeLoad();
  // Load, reps and effort as the athlete's plan asks for them.
  void askAsPlanned();
  // A film for a set that was written down without one; one undo step.
  void addFilm(const QString& file);
  void putFilm(SetId id, const std::string& file);  // used by the undo command
  void focusStation(int number);

 signals:
  void queueWanted();
  void besideWanted();
  void handOutWanted();
  void changed(mottix::SetId set);
  void trouble(QString text);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  QString jointName(Joint joint) const;
  HouseFile& house_;
  AnalysisJobs& jobs_;
  QUndoGroup& undo_;
  std::map<SetId, std::unique_ptr<QUndoStack>> stacks_;
  bool asks_ = false;  // joints are being put right one after another
  SheetData data_;
  std::optional<HouseLog> log_;  // taken when it is first needed
  QFutureWatcher<std::map<AthleteId, CueHistory>> trials_;
  bool trials_read_ = false;  // they are in the log
  std::shared_ptr<std::atomic<bool>> stop_reading_;
  JudgingJobs judging_;
  std::function<void()> when_judged_;  // done once what was asked of the set at hand has been judged
  std::vector<SetupRecord> setups_;    // of the athlete and lift at hand
  std::size_t cue_choice_ = 0;
  std::optional<RoomLine> open_line_;  // drawn, but not said yet what it shows

  Sentence* sentence_ = nullptr;
  Word *variant_ = nullptr, *lift_ = nullptr, *reps_ = nullptr, *load_ = nullptr, *effort_ = nullptr,
       *side_ = nullptr, *rate_ = nullptr, *plate_ = nullptr, *setup_ = nullptr, *comfort_ = nullptr,
       *felt_ = nullptr, *sets_ = nullptr, *tempo_ = nullptr, *equipment_ = nullptr, *seen_ = nullptr,
       *noted_ = nullptr;
  QLabel *trust_ = nullptr, *since_ = nullptr, *reserve_ = nullptr;
  SetPlan plan_;
  std::optional<double> suggestedLoad() const;
  void readPlan();
  FilmView* film_ = nullptr;
  QWidget* film_tools_ = nullptr;
  QPushButton *place_ = nullptr, *point_ = nullptr, *line_ = nullptr, *back_ = nullptr, *unsure_ = nullptr,
              *play_ = nullptr, *slower_ = nullptr, *loop_ = nullptr, *evidence_ = nullptr,
              *by_hand_ = nullptr;
  void refreshPlaying();
  QLabel* moment_ = nullptr;
  RepRibbon* ribbon_ = nullptr;
  QStackedWidget* decisions_ = nullptr;
  NumbersView* numbers_ = nullptr;
  CurvesView* curves_ = nullptr;
  SchoolsView* schools_ = nullptr;
  EvidenceChoice lines_;
  QScrollArea* judged_area_ = nullptr;
  QVBoxLayout* judged_ = nullptr;
  QWidget* judged_body_ = nullptr;
  QWidget* next_box_ = nullptr;
  QLabel *progress_ = nullptr, *cue_ = nullptr, *cue_note_ = nullptr;
  QPushButton *say_ = nullptr, *other_ = nullptr, *stop_ = nullptr;
  QLabel *next_ = nullptr, *next_reason_ = nullptr, *caution_ = nullptr, *plates_words_ = nullptr;
  PlatesDrawing* plates_ = nullptr;
  QPushButton *accept_ = nullptr, *change_ = nullptr, *warm_up_ = nullptr;
  QLineEdit* change_line_ = nullptr;
  std::array<QWidget*, 5> marks_{};

  void build();
  QWidget* buildFilmSide();
  QWidget* buildDecisionSide();
  void buildSentence();
  void push(const QString& text, const SetEdit& after);
  template <typename Change>
  QString editAsked(const QString& text, Change&& change);
  SetMaterial materialOf(const SetRecord& set, AthleteRecord who, std::optional<TrackRecord> record);
  void startJudging(SetMaterial material, std::optional<OtherSeen> known = std::nullopt);
  void judgeAnew();
  void takeJudged(SetSeen& seen);
  bool beingJudged() const;  // for the first time: nothing is known yet
  void afterJudging(std::function<void()> then);
  void lookAtWorst();
  void readTrials();
  void takeTrials();
  HouseLog& log();  // of the athlete on the sheet
  void refresh();
  void refreshSentence();
  void refreshJudged();
  void offerLines();
  void offerDrawn();
  void showInstead(QWidget* view, QWidget* focus);
  void offerParts();
  void choosePart(const FilmPart& part);
  void takeLift(SetId id, Lift lift);
  void sayLift(Lift lift);
  void sayLine(RoomLineKind kind, const QString& length_cm);
  void refreshSaid();
  void refreshNext();
  void refreshPlates();
  std::optional<Loading> loadingAtHand() const;
  void refreshMoment();
  // With what the set says now: its figure when one is laid, else what the program finds.
  // `anew`: the bar is followed again too, though it was before.
  void startTracking(std::optional<PlateSeed> seed = std::nullopt, bool anew = false);
  std::vector<CueOffer> cuesOffered() const;
  const CueBook& cueBook() const { return log_ ? log_->cues : builtInCueBook(); }
  void addFindings();
  void addLogged(const std::function<QLabel*(const QString&, int, bool)>& paragraph);
  CardContext cardFor(const Finding& finding, const std::vector<Finding>& all, const Judging& by,
                      const std::vector<Measure>& measures, const std::vector<double>& time_s) const;
};

}  // namespace mottix
