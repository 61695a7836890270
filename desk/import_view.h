// An old log brought in: the table as it is, what each column holds, what would become of every line, and the
// sets of it as one step that can be taken back.
#pragma once

#include <QDate>
#include <QUndoStack>
#include <QWidget>

#include "core/log/log_import.h"
#include "desk/sentence.h"
#include "store/house_file.h"

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace mottix {

class ImportView : public QWidget {
  Q_OBJECT
 public:
  ImportView(HouseFile& house, QUndoStack& stack, QDate today, QWidget* parent = nullptr);
  // False: it was said why the file cannot be read.
  bool read(const QString& file);
  void setColumn(int column, LogColumn holds);
  bool take();  // the sets go into the log
  int takeable() const;

 signals:
  void backWanted();
  void taken();
  void trouble(QString text);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  HouseFile& house_;
  QUndoStack& stack_;
  QDate today_;
  QString file_;
  CsvTable table_;
  ImportOptions options_;
  std::vector<ImportedLine> lines_;
  Sentence* sentence_ = nullptr;
  Word *unit_ = nullptr, *order_ = nullptr, *whose_ = nullptr;
  QTableWidget* view_ = nullptr;
  QLabel *head_ = nullptr, *says_ = nullptr;
  QPushButton* take_ = nullptr;

  void build();
  void showTable();
  void refresh();
};

}  // namespace mottix
