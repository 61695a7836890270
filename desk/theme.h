// The look of the whole program; its colours and type are report/look.h's.
#pragma once

#include "report/look.h"

class QApplication;

namespace mottix {

// Sets palette, type and style.
void applyLook(QApplication& app, Look look);

}  // namespace mottix
