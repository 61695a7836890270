#include "desk/key_sheet.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>

#include "desk/pieces.h"
#include "report/look.h"

namespace mottix {
namespace {

QWidget* columnOf(const QString& heading, const std::vector<KeyLine>& lines) {
  auto* column = new QWidget;
  auto* grid = new QGridLayout(column);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(16);
  grid->setVerticalSpacing(3);
  QLabel* title = label(17, Weight::kSemiBold);
  title->setText(heading);
  grid->addWidget(title, 0, 0, 1, 2);
  int row = 1;
  for (const KeyLine& line : lines) {
    QLabel* keys = label(14, Weight::kSemiBold);
    keys->setText(line.keys);
    keys->setWordWrap(false);
    QLabel* words = label(14);
    words->setText(line.words);
    words->setAccessibleName(QStringLiteral("%1: %2").arg(line.keys, line.words));
    grid->addWidget(keys, row, 0, Qt::AlignTop);
    grid->addWidget(words, row++, 1, Qt::AlignTop);
  }
  grid->setColumnStretch(1, 1);
  grid->setRowStretch(row, 1);
  return column;
}

}  // namespace

KeySheet::KeySheet(const QString& page, const std::vector<KeyLine>& here,
                   const std::vector<KeyLine>& everywhere, QWidget* parent)
    : QDialog(parent) {
  setAttribute(Qt::WA_DeleteOnClose);
  setWindowTitle(tr("Keys"));
  setObjectName(QStringLiteral("key sheet"));
  auto* outer = new QVBoxLayout(this);
  auto* area = new QScrollArea;
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  auto* body = new QWidget;
  auto* row = new QHBoxLayout(body);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(40);
  if (!here.empty()) row->addWidget(columnOf(page, here), 1);
  row->addWidget(columnOf(tr("Everywhere"), everywhere), 1);
  area->setWidget(body);
  outer->addWidget(area, 1);
  resize(here.empty() ? 460 : 860, 720);
}

}  // namespace mottix
