#include "desk/sentence.h"

#include <algorithm>

#include <QCompleter>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QStyle>
#include <QToolTip>

#include "desk/theme.h"

namespace mottix {

void TypingLine::keyPressEvent(QKeyEvent* event) {
  const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
  QLineEdit::keyPressEvent(event);
  if (enter) event->accept();
}

Word::Word(const QString& name, int size_px, Accept accept, QWidget* parent)
    : QAbstractButton(parent), accept_(std::move(accept)) {
  setAccessibleName(name);
  setToolTip(tr("%1: press Enter or click to change").arg(name));
  setObjectName(QStringLiteral("word ") + name);
  setFont(type(size_px, Weight::kSemiBold));
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::PointingHandCursor);
  connect(this, &QAbstractButton::clicked, this, &Word::edit);
}

QSize Word::sizeHint() const {
  const QFontMetrics m(font());
  return {m.horizontalAdvance(text()) + 2, m.height() + 4};
}

void Word::paintEvent(QPaintEvent*) {
  if (line_ != nullptr) return;
  QPainter p(this);
  const Theme& t = theme();
  const QFontMetrics m(font());
  p.setFont(font());
  p.setPen(t.ink);
  p.drawText(QPoint(1, m.ascent() + 1), text());
  QPen pen(hasFocus() ? t.green : t.muted, hasFocus() ? 2.0 : 1.0, hasFocus() ? Qt::SolidLine : Qt::DotLine);
  p.setPen(pen);
  const int y = m.ascent() + 4;
  p.drawLine(1, y, width() - 2, y);
}

void Word::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
    edit();
    return;
  }
  QAbstractButton::keyPressEvent(event);
}

void Word::edit() {
  if (line_ != nullptr) return;
  line_ = new TypingLine(edit_text_.isEmpty() ? text() : edit_text_, parentWidget());
  line_->setObjectName(objectName() + QStringLiteral(" line"));
  line_->setAccessibleName(accessibleName());
  line_->setFont(font());
  if (!choices_.isEmpty()) {
    auto* completer = new QCompleter(choices_, line_);
    completer->setCaseSensitivity(Qt::CaseInsensitive);
    completer->setFilterMode(Qt::MatchContains);
    completer->setCompletionMode(QCompleter::PopupCompletion);
    line_->setCompleter(completer);
    line_->setToolTip(choices_.join(QStringLiteral(" · ")));
  }
  int width = QFontMetrics(font()).horizontalAdvance(line_->text()) + 40;
  for (const QString& c : choices_) width = std::max(width, QFontMetrics(font()).horizontalAdvance(c) + 40);
  width = std::min(width, parentWidget()->width() - x());
  line_->setGeometry(x() - 2, y() - 2, std::max(70, width), height() + 4);
  line_->selectAll();
  line_->installEventFilter(this);
  line_->show();
  line_->raise();
  line_->setFocus();
  connect(line_, &QLineEdit::returnPressed, this, &Word::commit);
  update();
}

bool Word::anyEditing(const QWidget& page) {
  const auto words = page.findChildren<Word*>();
  return std::any_of(words.begin(), words.end(), [](const Word* w) { return w->editing(); });
}

void Word::commit() {
  if (line_ == nullptr) return;
  const QString wrong = accept_(line_->text().trimmed());
  if (line_ == nullptr) return;
  if (wrong.isEmpty()) {
    leave(true);
    return;
  }
  line_->setProperty("bad", true);
  line_->style()->unpolish(line_);
  line_->style()->polish(line_);
  line_->setToolTip(wrong);
  QToolTip::showText(line_->mapToGlobal(QPoint(0, line_->height())), wrong, line_);
}

void Word::leave(bool keep_focus) {
  QLineEdit* line = line_;
  line_ = nullptr;
  line->removeEventFilter(this);
  line->hide();
  line->deleteLater();
  if (keep_focus) setFocus();
  update();
}

bool Word::eventFilter(QObject* object, QEvent* event) {
  if (object == line_ && event->type() == QEvent::KeyPress &&
      static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
    leave(true);
    return true;
  }
  // The completion's own window takes the focus for a moment; that is not leaving.
  if (object == line_ && event->type() == QEvent::FocusOut &&
      static_cast<QFocusEvent*>(event)->reason() != Qt::PopupFocusReason &&
      static_cast<QFocusEvent*>(event)->reason() != Qt::ActiveWindowFocusReason)
    leave(false);
  return QAbstractButton::eventFilter(object, event);
}

Sentence::Sentence(int size_px, QWidget* parent) : QWidget(parent), size_px_(size_px) {
  QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Fixed);
  policy.setHeightForWidth(true);
  setSizePolicy(policy);
}

void Sentence::clear() {
  for (QWidget* piece : pieces_) {
    piece->hide();
    piece->deleteLater();
  }
  pieces_.clear();
}

void Sentence::addText(const QString& text) {
  // Punctuation goes with the word before it; what follows may begin a line.
  if (text.size() > 1 && text.at(0).isPunct() && text.at(1).isSpace()) {
    addText(text.left(1));
    return addText(text.mid(2));
  }
  auto* label = new QLabel(text, this);
  label->setFont(type(size_px_));
  label->setMargin(1);
  label->show();
  pieces_.push_back(label);
}

Word* Sentence::addWord(const QString& name, Word::Accept accept) {
  auto* word = new Word(name, size_px_, std::move(accept), this);
  word->show();
  pieces_.push_back(word);
  return word;
}

int Sentence::arrange(int width, bool move) const {
  const QFontMetrics metrics(type(size_px_));
  const int space = metrics.horizontalAdvance(QLatin1Char(' '));
  const int line_height = metrics.height() + 5;
  int x = 0, y = 0;
  for (std::size_t i = 0; i < pieces_.size(); ++i) {
    QWidget* piece = pieces_[i];
    const auto* label = qobject_cast<QLabel*>(piece);
    // Punctuation clings to the word before it.
    const bool clings = label != nullptr && !label->text().isEmpty() && label->text().at(0).isPunct();
    const QSize size = piece->sizeHint();
    if (i > 0 && !clings) x += space;
    if (x > 0 && !clings && x + size.width() > width) {
      x = 0;
      y += line_height;
    }
    if (move) piece->setGeometry(x, y, std::min(size.width(), std::max(20, width)), size.height());
    x += size.width();
  }
  return y + line_height;
}

void Sentence::relayout() {
  arrange(width(), true);
  const int wanted = arrange(width(), false);
  if (minimumHeight() != wanted) setFixedHeight(wanted);
  update();
}

void Sentence::resizeEvent(QResizeEvent*) {
  arrange(width(), true);
  const int wanted = arrange(width(), false);
  if (minimumHeight() != wanted) setFixedHeight(wanted);
}

QSize Sentence::sizeHint() const {
  return {600, arrange(std::max(200, width()), false)};
}
QSize Sentence::minimumSizeHint() const {
  return {200, arrange(std::max(200, width()), false)};
}

}  // namespace mottix
