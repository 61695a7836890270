// The sheet of keys: those of the page that is shown beside those that hold everywhere.
#pragma once

#include <vector>

#include <QDialog>

#include "desk/keys.h"

namespace mottix {

class KeySheet : public QDialog {
  Q_OBJECT
 public:
  KeySheet(const QString& page, const std::vector<KeyLine>& here, const std::vector<KeyLine>& everywhere,
           QWidget* parent);
};

}  // namespace mottix
