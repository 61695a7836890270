// Fit: the set-up planner. The athlete's body, the solved figure to be pulled, and the card for the rack.
//
// What is tried is undone like everything else; a set-up that is kept goes into the athlete's record.
#pragma once

#include <functional>

#include <QTimer>
#include <QWidget>

#include "desk/athlete_desk.h"
#include "desk/fit_state.h"
#include "desk/frame_source.h"
#include "desk/sentence.h"
#include "report/setup_card.h"

class QGridLayout;
class QLabel;
class QPushButton;
class QScrollArea;
class QStackedWidget;
class QVBoxLayout;

namespace mottix {

class StillBox;
class TrialPanel;

// The card as it is printed, on paper of its shape.
class CardView : public QWidget {
  Q_OBJECT
 public:
  explicit CardView(QWidget* parent = nullptr);
  void setCard(const SetupCard& card);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  SetupCard card_;
};

// Ink on white paper, whatever the theme.
FigureInk printInk();

class FitView : public QWidget {
  Q_OBJECT
 public:
  explicit FitView(AthleteDesk& desk, QWidget* parent = nullptr);
  ~FitView() override;

  // `set`: the set the coach comes from, on this frame; its film is what the figure is laid over.
  void open(AthleteId athlete, std::optional<SetId> set = std::nullopt, std::size_t frame = 0);
  const FitState& state() const { return state_; }
  const std::optional<FitSolved>& solved() const { return solved_; }
  FigureView& figure() { return *figure_; }
  TrialPanel& trials() { return *trials_; }
  SetupCard card() const;
  void apply(const FitState& state);  // used by the undo steps

  // Asks for a file name or prints; a test puts its own in place.
  std::function<QString()> ask_pdf;
  std::function<void(const SetupCard&)> print;

 public slots:
  void keepSetup();
  void toggleCard();
  void toggleTrials();
  void toggleFilm();
  void savePdf();
  void printCard();

 signals:
  void backWanted();
  void bodyWanted(mottix::AthleteId athlete);
  void trouble(QString text);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  AthleteDesk& desk_;
  FitState state_;
  std::optional<FitSubject> who_;
  std::optional<FitSolved> solved_;
  int drag_ = 0;  // steps of one drag undo together
  bool pulling_ = false;
  QTimer card_timer_;
  std::optional<AthleteId> of_;  // whose set-up is tried
  bool later_ = false;           // the sentence is being written after a word was taken
  // The film to lay over.
  std::optional<SetRecord> film_set_;
  std::size_t film_frame_ = 0;
  std::optional<FilmGround> film_;
  FrameSource source_;

  Sentence* sentence_ = nullptr;
  QString written_;           // what the sentence was made for
  std::vector<Word*> words_;  // in its order
  QLabel *build_ = nullptr, *numbers_ = nullptr, *empty_ = nullptr;
  QGridLayout* body_rows_ = nullptr;
  QVBoxLayout* screens_ = nullptr;
  QWidget *work_ = nullptr, *empty_box_ = nullptr;
  FigureView* figure_ = nullptr;
  CardView* card_view_ = nullptr;
  TrialPanel* trials_ = nullptr;
  QStackedWidget* middle_ = nullptr;
  QWidget* figure_page_ = nullptr;
  QVBoxLayout* lines_ = nullptr;
  QLabel *line_text_ = nullptr, *caution_ = nullptr;
  StillBox *line_box_ = nullptr, *caution_box_ = nullptr;
  QPushButton *keep_ = nullptr, *card_button_ = nullptr, *trial_button_ = nullptr, *film_button_ = nullptr;

  void change(const QString& text, const FitState& after, int drag = 0);
  void takeRecord();  // the athlete's record is another
  void solve();
  void writeSentence();
  void refreshBody();
  void refreshCard();
  void chooseFilm(std::optional<SetId> set, std::size_t frame);
  QString ghostWords() const;
  QString takeGhost(const QString& text);
};

}  // namespace mottix
