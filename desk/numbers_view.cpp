#include "desk/numbers_view.h"

#include <algorithm>

#include <QAbstractTableModel>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableView>
#include <QVBoxLayout>

#include "core/measure/spread.h"
#include "desk/pieces.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr int kTitleWidth = 212;

}  // namespace

class NumbersModel : public QAbstractTableModel {
 public:
  using QAbstractTableModel::QAbstractTableModel;

  void show(const SheetData* sheet, const QString& filter) {
    beginResetModel();
    sheet_ = sheet;
    rows_.clear();
    if (analysis() != nullptr)
      for (const MeasureDefinition* d : measureCatalogue()) {
        const bool there =
            std::any_of(analysis()->measures.begin(), analysis()->measures.end(),
                        [&](const Measure& m) { return m.id == d->id && m.status == MeasureStatus::kOk; });
        if (there && measureWords(d->id).contains(filter, Qt::CaseInsensitive))
          rows_.push_back({d, spreadOver(analysis()->measures, d->id)});
      }
    endResetModel();
  }
  void setRep(int number) {
    if (number == rep_) return;
    rep_ = number;
    if (rowCount() == 0) return;
    emit dataChanged(index(0, 0), index(rowCount() - 1, columnCount() - 1));
    emit headerDataChanged(Qt::Horizontal, 0, columnCount() - 1);
  }

  int rowCount(const QModelIndex& = {}) const override { return static_cast<int>(rows_.size()); }
  int columnCount(const QModelIndex& = {}) const override {
    return analysis() != nullptr ? static_cast<int>(analysis()->reps.size()) + 1 : 0;
  }
  const Measure* at(const QModelIndex& index) const {
    if (!index.isValid() || index.column() == 0) return nullptr;
    return findMeasure(analysis()->measures, rows_[static_cast<std::size_t>(index.row())].definition->id,
                       repOf(index.column()).number);
  }
  const MeasureDefinition* definitionAt(int row) const {
    return row >= 0 && row < rowCount() ? rows_[static_cast<std::size_t>(row)].definition : nullptr;
  }
  // Invalid where it is not there.
  QModelIndex cellOf(const MeasureDefinition* measure, int column) const {
    for (int row = 0; measure != nullptr && row < rowCount(); ++row)
      if (definitionAt(row) == measure) return index(row, column);
    return {};
  }
  bool standsOut(const QModelIndex& index) const {
    const auto& spread = rows_[static_cast<std::size_t>(index.row())].spread;
    const Measure* m = at(index);
    return spread && m != nullptr &&
           std::find(spread->unusual.begin(), spread->unusual.end(), m->rep) != spread->unusual.end();
  }

  QVariant headerData(int section, Qt::Orientation way, int role) const override {
    const bool usual = section == 0;
    if (way == Qt::Horizontal) {
      if (role == Qt::DisplayRole)
        return usual ? NumbersView::tr("usual") : QString::number(repOf(section).number);
      if (role == Qt::FontRole) return type(14, isNow(section) ? Weight::kSemiBold : Weight::kRegular);
      if (role == Qt::ToolTipRole && usual)
        return NumbersView::tr("Median over the reps, and how far single reps scatter about it");
      if (role == Qt::ToolTipRole && !usual) return repNote(repOf(section));
      return {};
    }
    const MeasureDefinition* d = definitionAt(section);
    if (d == nullptr) return {};
    if (role == Qt::DisplayRole)
      return QFontMetrics(type(14)).elidedText(measureWords(d->id), Qt::ElideRight, kTitleWidth - 8);
    if (role == Qt::AccessibleTextRole) return measureWords(d->id);
    if (role == Qt::ToolTipRole)
      return NumbersView::tr("%1: %2").arg(
          measureWords(d->id),
          QString::fromUtf8(d->definition.data(), static_cast<int>(d->definition.size())));
    return {};
  }

  QVariant data(const QModelIndex& index, int role) const override {
    const Row& row = rows_[static_cast<std::size_t>(index.row())];
    if (index.column() == 0) {
      if (role == Qt::DisplayRole && row.spread)
        return QStringLiteral("%1 ± %2%3")
            .arg(number(row.spread->usual, row),
                 numberFor({row.spread->between, row.spread->between}, row.definition->unit),
                 unitWords(row.definition->unit));
      if (role == Qt::TextAlignmentRole) return QVariant(Qt::AlignRight | Qt::AlignVCenter);
      if (role == Qt::ForegroundRole) return theme().muted;
      return {};
    }
    const Measure* m = at(index);
    const bool known = m != nullptr && m->status == MeasureStatus::kOk;
    switch (role) {
      case Qt::DisplayRole: {
        if (!known) return QStringLiteral("–");
        const QString text = number(m->value.value, row);
        return standsOut(index) ? QStringLiteral("› ") + text : text;  // colour alone says nothing
      }
      case Qt::ForegroundRole:
        return standsOut(index) ? theme().clay : known ? theme().ink : theme().muted;
      case Qt::FontRole:
        return type(14, standsOut(index) ? Weight::kSemiBold : Weight::kRegular);
      case Qt::BackgroundRole:
        return isNow(index.column()) ? QVariant(theme().raised) : QVariant();
      case Qt::TextAlignmentRole:
        return QVariant(Qt::AlignRight | Qt::AlignVCenter);
      case Qt::AccessibleTextRole:
      case Qt::ToolTipRole:
        if (known)
          return NumbersView::tr("rep %1: %2").arg(m->rep).arg(withError(m->value, row.definition->unit));
        return m != nullptr ? noteOf(m->status) : QString();
      default:
        return {};
    }
  }

 private:
  struct Row {
    const MeasureDefinition* definition;
    std::optional<Spread> spread;
  };
  const SheetData* sheet_ = nullptr;
  std::vector<Row> rows_;
  int rep_ = 0;

  const Analysis* analysis() const {
    return sheet_ != nullptr && sheet_->analysis ? &*sheet_->analysis : nullptr;
  }
  // The first column says what is usual.
  const Rep& repOf(int column) const { return analysis()->reps[static_cast<std::size_t>(column) - 1]; }
  bool isNow(int column) const { return column > 0 && repOf(column).number == rep_; }
  // As many digits in a row as its errors allow.
  QString number(double value, const Row& row) const {
    double sd = 0.0;
    for (const Measure& m : analysis()->measures)
      if (m.id == row.definition->id && m.status == MeasureStatus::kOk) sd = std::max(sd, m.value.sd);
    return numberFor({value, sd}, row.definition->unit);
  }
};

NumbersView::NumbersView(QWidget* parent) : QWidget(parent) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(6, 0, 0, 0);
  column->setSpacing(8);
  auto* head = new QHBoxLayout;
  auto* title = label(19, Weight::kSemiBold);
  title->setText(tr("All measures of the set"));
  filter_ = new QLineEdit;
  filter_->setPlaceholderText(tr("find a measure"));
  filter_->setAccessibleName(tr("Find a measure"));
  filter_->setClearButtonEnabled(true);
  auto* back = button(tr("Findings · T"), tr("Back to findings, cue and load"), true);
  head->addWidget(title);
  head->addStretch(1);
  head->addWidget(filter_);
  head->addWidget(back);
  column->addLayout(head);
  model_ = new NumbersModel(this);
  table_ = new QTableView;
  table_->setObjectName(QStringLiteral("numbers"));
  table_->setAccessibleName(tr("Measures of each rep"));
  table_->setModel(model_);
  table_->setShowGrid(false);
  table_->setSelectionMode(QAbstractItemView::SingleSelection);
  table_->setFrameShape(QFrame::NoFrame);
  table_->setFont(type(14));
  table_->verticalHeader()->setDefaultSectionSize(26);
  table_->verticalHeader()->setSectionsClickable(false);
  table_->verticalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  table_->verticalHeader()->setFont(type(14));
  table_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
  table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  table_->horizontalHeader()->setHighlightSections(false);
  table_->setTabKeyNavigation(false);
  table_->verticalHeader()->setFixedWidth(kTitleWidth);
  table_->verticalHeader()->setTextElideMode(Qt::ElideRight);
  table_->setCornerButtonEnabled(false);
  table_->setStyleSheet(
      QStringLiteral("QTableView { background: %1; selection-background-color: %2; selection-color: %1; }"
                     "QHeaderView, QHeaderView::section, QTableCornerButton::section"
                     " { background: %1; color: %3; border: none; padding: 0 4px 0 0; }")
          .arg(theme().sheet.name(), theme().green.name(), theme().ink.name()));
  column->addWidget(table_, 1);
  about_ = label(14, Weight::kRegular, true);
  about_->setObjectName(QStringLiteral("about measure"));
  about_->setMinimumHeight(78);
  about_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  column->addWidget(about_);
  connect(back, &QPushButton::clicked, this, &NumbersView::closed);
  connect(filter_, &QLineEdit::textChanged, this, [this] { setData(data_); });
  connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this,
          [this](const QModelIndex& now) {
            if (!put_back_) chosen_ = {model_->definitionAt(now.row()), now.column()};
            tell(now);
          });
}

void NumbersView::setData(const SheetData* sheet) {
  data_ = sheet;
  model_->show(isVisible() ? sheet : nullptr, filter_->text());
  const QModelIndex chosen = model_->cellOf(chosen_.measure, chosen_.column);
  if (!chosen.isValid()) return tell({});
  put_back_ = true;
  table_->setCurrentIndex(chosen);
  put_back_ = false;
}
void NumbersView::showEvent(QShowEvent* event) {
  setData(data_);
  QWidget::showEvent(event);
}

void NumbersView::setFrame(std::size_t frame) {
  const Rep* rep = data_ != nullptr ? data_->repAt(frame) : nullptr;
  model_->setRep(rep != nullptr ? rep->number : 0);
}

void NumbersView::tell(const QModelIndex& index) {
  const MeasureDefinition* d = model_->definitionAt(index.row());
  if (d == nullptr) {
    about_->setText(model_->rowCount() > 0 ? tr("Choose a number: the film goes to the picture it was read "
                                                "from. › marks a rep that stands out from the others.")
                    : filter_->text().isEmpty() ? tr("Nothing is measured yet.")
                                                : tr("No measure is called so."));
    return;
  }
  const QString what = QString::fromUtf8(d->definition.data(), static_cast<int>(d->definition.size()));
  const Measure* m = model_->at(index);
  if (m == nullptr || m->status != MeasureStatus::kOk) {
    about_->setText(m != nullptr ? tr("%1 %2.").arg(what, noteOf(m->status)) : what);
  } else {
    about_->setText(
        tr("Rep %1: %2 %3. %4").arg(m->rep).arg(measureWords(d->id), withError(m->value, d->unit), what));
    if (!put_back_) emit frameWanted(m->frame);
  }
}

void NumbersView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit closed();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
