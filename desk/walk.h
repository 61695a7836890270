// A walk round the house for somebody who opens it for the first time: eight stops, each with a word on what
// is there, a ring round it, and the way on. The windows stay what they are: everything can be tried on the
// way.
#pragma once

#include <functional>
#include <vector>

#include <QPointer>
#include <QWidget>

class QLabel;
class QPushButton;

namespace mottix {

class Walk : public QWidget {
  Q_OBJECT
 public:
  struct Stop {
    QString title, words;
    std::function<QWidget*()> go;  // leads there; what to look at, or nothing
  };
  // Lies on the lower part of `window` until it ends, and is gone then.
  Walk(QWidget* window, std::vector<Stop> stops);
  ~Walk() override;
  int stop() const { return at_; }
  int stops() const { return static_cast<int>(stops_.size()); }

 public slots:
  void next();
  void before();
  void end();

 signals:
  void ended();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool eventFilter(QObject* object, QEvent* event) override;

 private:
  std::vector<Stop> stops_;
  int at_ = -1;
  QPointer<QWidget> ring_, target_;
  QLabel *title_ = nullptr, *words_ = nullptr;
  QPushButton *next_ = nullptr, *before_ = nullptr;
  void show(int stop);
  void place();
};

}  // namespace mottix
