// The look of the whole program; its colours and type are report/look.h's.
#pragma once

#include <QLocale>

#include "report/look.h"

class QApplication;

namespace mottix {

// Sets palette, type and style.
// Speaks another language than English from now on, as far as resources/i18n has its words; "de" or "de_AT",
// say. False where it has none of them.
bool speak(QApplication& app, const QString& language);
// For the names of days and months; English until another language is spoken.
const QLocale& spoken();

void applyLook(QApplication& app, Look look);

}  // namespace mottix
