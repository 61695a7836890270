// The House book: every rule of a lift with its limits, where the stored sets lie along it, which verdicts a
// moved limit would change, what the schools change of it, its causes and its cues. What the coach changes,
// for everybody or only where one school judges, is the house's own layer: one undo step, kept in the house
// file as TOML, and taken out of it or brought in.
#pragma once

#include <atomic>
#include <map>
#include <memory>

#include <QFutureWatcher>
#include <QUndoGroup>
#include <QUndoStack>
#include <QWidget>

#include "core/cue/cue_book.h"
#include "core/load/plates.h"
#include "core/log/rejudge.h"
#include "store/house_file.h"

class QComboBox;
class QLabel;
class QListWidget;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace mottix {

class LimitScale;
class Sentence;
class Word;

// What the House book shows of the log for one rule, read in the background.
struct BookLog {
  PreparedLog log;
  std::map<AthleteId, QString> names;
  std::map<SetId, std::string> days;
};

class HouseBookView : public QWidget {
  Q_OBJECT
 public:
  HouseBookView(HouseFile& house, QUndoGroup& undo, QWidget* parent = nullptr);
  ~HouseBookView() override;
  // Reads the house anew; what the log says of the rule shown is made ready in the background.
  void open();
  void focusRules();
  void showLift(Lift lift);
  void showRule(const QString& id);
  // What is changed from now on holds where this school judges; empty: for everybody.
  void showFor(const std::string& school);
  Lift lift() const { return lift_; }
  QString rule() const { return QString::fromStdString(rule_); }
  bool ready() const { return log_ != nullptr; }
  const std::optional<RuleLayer>& layer() const { return layer_; }
  LimitScale& scale() { return *scale_; }
  QString effect() const;
  void bringIn(const QString& file);
  void takeOut(const QString& file);
  // Used by undo.
  void put(const HouseBook& book);

 signals:
  void backWanted();
  void trouble(QString text);
  void changed();  // of the rules or cues: sets are judged otherwise
  void openSetWanted(mottix::SetId set);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  HouseFile& house_;
  QUndoGroup& undo_;
  QUndoStack stack_;
  Lift lift_ = Lift::kSquat;
  std::string rule_, school_;
  HouseBook book_;
  std::optional<RuleLayer> layer_;
  std::vector<Cue> own_cues_;
  HouseCauses own_causes_;
  Gear gear_ = usualGear();
  std::shared_ptr<const BookLog> log_;
  std::vector<RuleVerdict> now_;  // of the rule shown, as the house stands
  QFutureWatcher<std::shared_ptr<const BookLog>> reading_;
  std::string log_rule_;  // the rule that the log was read for, or is being read for
  struct Progress {
    std::atomic<double> part = 0.0;
    std::atomic<bool> stop = false;
  };
  std::shared_ptr<Progress> progress_;

  std::vector<QPushButton*> lifts_;
  QListWidget* rules_ = nullptr;
  QLabel *heading_ = nullptr, *meaning_ = nullptr, *effect_ = nullptr, *source_ = nullptr;
  LimitScale* scale_ = nullptr;
  QComboBox* whose_ = nullptr;
  QVBoxLayout *changes_ = nullptr, *schools_ = nullptr, *causes_ = nullptr, *cues_ = nullptr;
  QPushButton *reset_ = nullptr, *force_ = nullptr;
  QScrollArea* page_ = nullptr;
  Sentence* gear_sentence_ = nullptr;
  Word *bars_word_ = nullptr, *plates_word_ = nullptr, *collar_word_ = nullptr;

  void build();
  void readLog(const Rule& rule);
  QString setWords(const VerdictChange& change) const;
  void refreshRules();
  void refreshRule();
  void refreshSchools(const Rule& rule);
  void refreshCauses();
  void refreshCues();
  void refreshWhose();
  void showEffect(double limit, double big, bool off);
  void push(const QString& text, const HouseBook& after);
  void change(const QString& text, double limit, double big, bool off);
  std::optional<RuleLayer> withChange(double limit, double big, bool off) const;
  RuleBook bookUnder() const;  // of the base, or of the school at hand
  std::optional<Rule> ruleWith(const std::string& id, const std::optional<RuleLayer>& house) const;
  std::optional<Rule> ruleNow(const std::string& id) const { return ruleWith(id, layer_); }
  bool changedByHouse(const std::string& rule) const;  // by the house, for whom it is shown
  void addCause(const QString& words);
  void refreshGear();
  QString takeBars(const QString& text);
  void putGear(const QString& text, const Gear& gear);
  void putCauses(const QString& text, const HouseCauses& causes);
  void addCue(const QString& words);
};

}  // namespace mottix
