// Blind look: an exercise for the coach's own eye. A made clip without a number on it; the coach marks what
// is seen, rep by rep; then the measures are laid beside it, and what was planted is said. Over many looks it
// shows from which size on this eye calls a fault, against the limits of the House book.
#pragma once

#include <QDate>
#include <QUndoGroup>
#include <QUndoStack>
#include <QWidget>

#include "desk/blind_clips.h"
#include "report/sheet_data.h"
#include "store/house_file.h"

class QHBoxLayout;
class QLabel;
class QPushButton;
class QScrollArea;
class QStackedWidget;
class QVBoxLayout;

namespace mottix {

class CallSheet;
class EyeChart;
class EyeDays;
class FilmView;
class RepRibbon;
class Sentence;
class Word;

class BlindLookView : public QWidget {
  Q_OBJECT
 public:
  enum class State { kStart, kFilming, kLooking, kCompared };

  BlindLookView(HouseFile& house, QUndoGroup& undo, QDate today, QWidget* parent = nullptr);
  ~BlindLookView() override;
  // Reads the house's rules and earlier looks.
  void open();
  void leave();
  State state() const { return state_; }
  FilmView& film() { return *film_; }
  CallSheet& calls() { return *calls_; }
  EyeChart& chart() { return *chart_; }
  BlindClips& clips() { return clips_; }
  const std::vector<BlindLook>& looks() const { return looks_; }
  const std::vector<Glance>& compared() const { return compared_; }
  const FilmedClip* clip() const { return clip_.get(); }

  // Used by undo.
  void putMarks(const std::vector<EyeMark>& marks);
  void keep(BlindLook& look);
  void takeBack(LookId id);

 public slots:
  // The next clip; or, while one is looked at, that this is all that is seen.
  void goOn();
  void showResults();

 signals:
  void backWanted();
  void trouble(QString text);
  void ruleWanted(QString rule);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  HouseFile& house_;
  QUndoGroup& undo_;
  QUndoStack stack_;
  QDate today_;
  BlindClips clips_;
  State state_ = State::kStart;
  std::optional<Lift> lift_;  // nothing: any
  std::optional<View> view_;
  std::vector<BlindLook> looks_;
  RuleBook book_;
  std::shared_ptr<const FilmedClip> clip_;
  MeasuredClip measured_{{}, tl::make_unexpected(Error{})};
  JudgedSet judged_;
  SheetData data_;  // what the film shows: nothing but the film until it is compared
  std::vector<Glance> compared_;

  Word *lift_word_ = nullptr, *view_word_ = nullptr;
  QStackedWidget* left_ = nullptr;
  EyeDays* days_ = nullptr;
  EyeChart* chart_ = nullptr;
  QLabel* nothing_yet_ = nullptr;
  FilmView* film_ = nullptr;
  RepRibbon* ribbon_ = nullptr;
  QPushButton *play_ = nullptr, *slower_ = nullptr, *go_on_ = nullptr, *results_ = nullptr;
  QLabel *heading_ = nullptr, *what_ = nullptr;
  QVBoxLayout* found_ = nullptr;
  QWidget* found_body_ = nullptr;
  QScrollArea* right_ = nullptr;
  CallSheet* calls_ = nullptr;

  void build();
  Sentence* buildSentence();
  QWidget* buildFilmSide();
  QWidget* buildRightSide();
  ClipWish nextWish() const;
  void take(const std::shared_ptr<const FilmedClip>& clip);
  void compare();
  void addGlance(const Glance& glance);
  void refresh();
  void refreshWords();
  void refreshFound();
  void refreshResults();
};

}  // namespace mottix
