#include "desk/keys.h"

#include <algorithm>

#include <QStringList>
#include <QVariant>
#include <QWidget>

namespace mottix {
namespace {

constexpr char kSaid[] = "keys said";

void linesOf(const QWidget& widget, std::vector<KeyLine>& out) {
  const auto add = [&](const KeyLine& line) {
    if (std::find(out.begin(), out.end(), line) == out.end()) out.push_back(line);
  };
  for (const QObject* child : widget.children())
    if (const auto* s = qobject_cast<const QShortcut*>(child); s != nullptr && !s->whatsThis().isEmpty())
      add({s->key().toString(QKeySequence::NativeText), s->whatsThis()});
  const QStringList said = widget.property(kSaid).toStringList();
  for (qsizetype i = 0; i + 1 < said.size(); i += 2) add({said[i], said[i + 1]});
  for (const QObject* child : widget.children())
    if (const auto* w = qobject_cast<const QWidget*>(child); w != nullptr && !w->isWindow()) linesOf(*w, out);
}

}  // namespace

void sayKey(QWidget* page, const QString& keys, const QString& words) {
  QStringList said = page->property(kSaid).toStringList();
  said << keys << words;
  page->setProperty(kSaid, said);
}

std::vector<KeyLine> keysOn(const QWidget& page) {
  std::vector<KeyLine> out;
  linesOf(page, out);
  return out;
}

}  // namespace mottix
