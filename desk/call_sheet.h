// What the coach calls on a clip: a line for each thing that could be called, a cell for each rep. A click
// on a cell, or Space, goes from nothing to small (one stroke), big (two) and back.
#pragma once

#include <QWidget>

#include "core/eye/blind_look.h"

namespace mottix {

class CallSheet : public QWidget {
  Q_OBJECT
 public:
  explicit CallSheet(QWidget* parent = nullptr);
  void show(const std::vector<const Rule*>& rules, int reps);
  const std::vector<EyeMark>& marks() const { return marks_; }
  void setMarks(const std::vector<EyeMark>& marks);
  // The rep that is on the film now, from 1; 0: none.
  void setRep(int rep);
  QRectF cellRect(int row, int rep) const;
  QRectF headRect(int rep) const;
  std::vector<std::string> rules() const;  // line by line

 signals:
  void marked(std::vector<mottix::EyeMark> marks);
  void repWanted(int rep);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void focusInEvent(QFocusEvent* event) override;

 private:
  struct Line {
    std::string rule;
    QString says;
  };
  std::vector<Line> lines_;
  int reps_ = 0, now_ = 0;
  int at_row_ = 0, at_rep_ = 1;
  std::vector<EyeMark> marks_;
  Called calledAt(int row, int rep) const;
  void turn(int row, int rep);
  void sayWhere();
};

}  // namespace mottix
