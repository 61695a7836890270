// Every measure of every rep of a set: a row a measure, a column a rep, then what is usual over the set and
// how far single reps scatter. Reps that stand out are marked. A cell leads to the picture it was read from.
#pragma once

#include <QWidget>

#include "report/sheet_data.h"

class QLabel;
class QLineEdit;
class QTableView;

namespace mottix {

class NumbersModel;

class NumbersView : public QWidget {
  Q_OBJECT
 public:
  explicit NumbersView(QWidget* parent = nullptr);
  void setData(const SheetData* sheet);
  void setFrame(std::size_t frame);  // the rep of the moment is marked
  QTableView* table() { return table_; }

 signals:
  void frameWanted(std::size_t frame);
  void closed();

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void showEvent(QShowEvent* event) override;  // a table that nobody sees is not filled

 private:
  const SheetData* data_ = nullptr;
  NumbersModel* model_ = nullptr;
  QTableView* table_ = nullptr;
  QLineEdit* filter_ = nullptr;
  QLabel* about_ = nullptr;
  struct Cell {
    const MeasureDefinition* measure = nullptr;
    int column = 0;
  };
  Cell chosen_;            // stays through whatever is measured anew
  bool put_back_ = false;  // it is being chosen again: the film stays where it is
  void tell(const QModelIndex& index);
};

}  // namespace mottix
