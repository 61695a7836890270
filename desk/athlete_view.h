// The athlete's page: who it is in sentences, the lengths of the body, short screens, complaints.
//
// Every word can be changed in place; what cannot be believed is said at the field and kept as a draft.
#pragma once

#include <QWidget>

#include "desk/athlete_desk.h"
#include "desk/sentence.h"

class QGridLayout;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace mottix {

// One screen, a question at a time: yes and no by key, numbers typed.
class ScreenGuide : public QWidget {
  Q_OBJECT
 public:
  explicit ScreenGuide(QWidget* parent = nullptr);
  void start(Screen screen, const std::string& day);
  const ScreenResult& result() const { return result_; }

 signals:
  void done(mottix::ScreenResult result);
  void left();

 protected:
  void keyPressEvent(QKeyEvent* event) override;

 private:
  ScreenResult result_;
  std::size_t at_ = 0;
  QLabel *head_ = nullptr, *how_ = nullptr, *question_ = nullptr, *wrong_ = nullptr;
  QPushButton *yes_ = nullptr, *no_ = nullptr, *skip_ = nullptr, *back_ = nullptr, *stop_ = nullptr;
  TypingLine* number_ = nullptr;
  void ask();
  void answer(std::optional<double> value);
  void takeNumber();
};

class AthleteView : public QWidget {
  Q_OBJECT
 public:
  explicit AthleteView(AthleteDesk& desk, QWidget* parent = nullptr);
  void open(AthleteId athlete);
  Word* word(const QString& name) const;  // nullptr when there is none
  ScreenGuide& guide() { return *guide_; }

 public slots:
  void readFromFilms();
  void addComplaint();
  void startScreen(int number);  // 0..4

 signals:
  void backWanted();
  void fitWanted(mottix::AthleteId athlete);
  void trouble(QString text);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  AthleteDesk& desk_;
  bool shown_ = false;
  bool later_ = false;  // shown anew after a word was taken
  Sentence *who_ = nullptr, *how_ = nullptr, *note_ = nullptr;
  QLabel* build_ = nullptr;
  QGridLayout* lengths_ = nullptr;
  QLabel* problems_ = nullptr;
  QPushButton* films_ = nullptr;
  QVBoxLayout *screens_ = nullptr, *complaints_ = nullptr;
  ScreenGuide* guide_ = nullptr;

  template <typename Change>
  Word::Accept changing(const QString& text, Change change);
  void refresh();
  void refreshWho();
  void refreshLengths();
  void refreshScreens();
  void refreshComplaints();
};

}  // namespace mottix
