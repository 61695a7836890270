// An editable sentence: plain words and words that can be changed in place. A changeable word is underlined
// with dots; Enter, Space or a click turns it into a line to type in, with completion; Enter keeps, Esc
// leaves it as it was.
#pragma once

#include <functional>

#include <QAbstractButton>
#include <QLineEdit>
#include <QStringList>
#include <QWidget>

namespace mottix {

// A line to type in whose Enter stays its own: it is not handed on to what lies behind.
class TypingLine : public QLineEdit {
  Q_OBJECT
 public:
  using QLineEdit::QLineEdit;

 protected:
  void keyPressEvent(QKeyEvent* event) override;
};

class Word : public QAbstractButton {
  Q_OBJECT
 public:
  // `accept` checks and takes the typed text; it returns what is wrong, or an empty string.
  using Accept = std::function<QString(const QString&)>;
  Word(const QString& name, int size_px, Accept accept, QWidget* parent = nullptr);
  void setChoices(const QStringList& choices) { choices_ = choices; }
  void setEditText(const QString& text) { edit_text_ = text; }
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return sizeHint(); }
  void edit();
  bool editing() const { return line_ != nullptr; }
  // Whether a word somewhere in `page` is being typed in.
  static bool anyEditing(const QWidget& page);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool eventFilter(QObject* object, QEvent* event) override;

 private:
  Accept accept_;
  QStringList choices_;
  QString edit_text_;
  QLineEdit* line_ = nullptr;
  void commit();
  void leave(bool keep_focus);
};

// Lays its children out like the words of a paragraph.
class Sentence : public QWidget {
  Q_OBJECT
 public:
  explicit Sentence(int size_px, QWidget* parent = nullptr);
  void clear();
  // Plain text, or a word to change. Words stay in the order in which they were added.
  void addText(const QString& text);
  Word* addWord(const QString& name, Word::Accept accept);
  bool hasHeightForWidth() const override { return true; }
  int heightForWidth(int width) const override { return arrange(width, false); }
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override;
  void relayout();

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  int size_px_;
  std::vector<QWidget*> pieces_;
  int arrange(int width, bool move) const;
};

}  // namespace mottix
