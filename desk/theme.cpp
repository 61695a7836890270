#include "desk/theme.h"

#include <QApplication>
#include <QIcon>
#include <QLocale>
#include <QPalette>
#include <QStyleFactory>
#include <QTranslator>

namespace mottix {
namespace {

QString styleSheet(const Theme& t) {
  return QStringLiteral(
             "QToolTip { background: %1; color: %2; border: 1px solid %3; padding: 4px; }"
             "QScrollArea { border: 1px solid transparent; background: transparent; }"
             "QScrollArea:focus { border: 1px solid %5; }"
             "QScrollArea > QWidget > QWidget { background: transparent; }"
             "QLineEdit { background: %4; color: %2; border: none; border-bottom: 2px solid %5; padding: 1px "
             "2px;"
             "  selection-background-color: %5; selection-color: %4; }"
             "QLineEdit[bad=\"true\"] { border-bottom: 2px dashed %6; }"
             "QPushButton { background: transparent; color: %2; border: 1px solid %3; border-radius: 4px; "
             "padding: 4px 12px; }"
             "QPushButton:hover { background: %1; }"
             "QPushButton:focus { border: 2px solid %5; padding: 3px 11px; }"
             "QPushButton:disabled { color: %7; }"
             "QPushButton#quiet { border: none; color: %5; padding: 2px 6px; }"
             "QPushButton#quiet:focus { border: 2px solid %5; padding: 0px 4px; }"
             "QPushButton#quiet:disabled { color: %7; }"
             "QPushButton#quiet:checked { color: %2; border-bottom: 2px solid %5; border-radius: 0; }"
             "QComboBox { background: transparent; color: %2; border: none; border-bottom: 1px dotted %7; "
             "padding: 2px 4px; }"
             "QComboBox:focus { border-bottom: 2px solid %5; }"
             "QComboBox QAbstractItemView { background: %4; color: %2; border: 1px solid %3; "
             "selection-background-color: %5; selection-color: %4; }"
             "QMenu { background: %4; color: %2; border: 1px solid %3; padding: 4px; }"
             "QMenu::item { padding: 5px 18px 5px 24px; }"
             "QMenu::item:selected { background: %5; color: %4; }"
             "QMenu::item:disabled { color: %7; }"
             "QScrollBar { background: transparent; width: 9px; height: 9px; }"
             "QScrollBar::handle { background: %3; border-radius: 4px; min-height: 30px; min-width: 30px; }"
             "QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }")
      .arg(t.raised.name(), t.ink.name(), t.line.name(), t.sheet.name(), t.green.name(), t.clay.name(),
           t.muted.name());
}

QLocale& spokenNow() {
  static QLocale locale(QLocale::English);
  return locale;
}

}  // namespace

const QLocale& spoken() {
  return spokenNow();
}

bool speak(QApplication& app, const QString& language) {
  auto* words = new QTranslator(&app);
  const bool known =
      !language.startsWith(QLatin1String("en")) &&
      words->load(QLocale(language), QStringLiteral("mottix"), QStringLiteral("_"), QStringLiteral(":/i18n"));
  spokenNow() = known ? QLocale(language) : QLocale(QLocale::English);
  if (known) return QApplication::installTranslator(words);
  delete words;
  return false;
}

void applyLook(QApplication& app, Look look) {
  setTheme(look);
  const Theme& t = theme();
  app.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
  QPalette p;
  p.setColor(QPalette::Window, t.desk);
  p.setColor(QPalette::WindowText, t.ink);
  p.setColor(QPalette::Base, t.sheet);
  p.setColor(QPalette::AlternateBase, t.raised);
  p.setColor(QPalette::Text, t.ink);
  p.setColor(QPalette::Button, t.raised);
  p.setColor(QPalette::ButtonText, t.ink);
  p.setColor(QPalette::Highlight, t.green);
  p.setColor(QPalette::HighlightedText, t.sheet);
  p.setColor(QPalette::PlaceholderText, t.muted);
  app.setPalette(p);
  app.setFont(type(14));
  app.setStyleSheet(styleSheet(t));
  app.setWindowIcon(QIcon(QStringLiteral(":/icons/mottix.svg")));
}

}  // namespace mottix
