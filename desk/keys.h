// Keys, and what they do. Both are said in one place, where the key is made; the sheet of keys (F1) is read
// off the windows, so that it says what is true.
#pragma once

#include <vector>

#include <QKeySequence>
#include <QShortcut>
#include <QString>

class QWidget;

namespace mottix {

struct KeyLine {
  QString keys, words;
  bool operator==(const KeyLine&) const = default;
};

// Holds on `page` and on all that is in it. `words`: what it does, as a line of the sheet of keys; empty for
// a second way to the same.
template <typename Receiver, typename Slot>
QShortcut* addKey(QWidget* page, const QKeySequence& key, const QString& words, Receiver* receiver,
                  Slot slot) {
  auto* shortcut = new QShortcut(key, page);
  shortcut->setContext(Qt::WidgetWithChildrenShortcut);
  shortcut->setWhatsThis(words);
  QObject::connect(shortcut, &QShortcut::activated, receiver, slot);
  return shortcut;
}
// Of a key that a widget takes by itself.
void sayKey(QWidget* page, const QString& keys, const QString& words);

// Every key of a page and of what is in it; those of the page itself first. Not those of a page below that is
// not shown.
std::vector<KeyLine> keysOn(const QWidget& page);

}  // namespace mottix
