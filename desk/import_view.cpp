#include "desk/import_view.h"

#include <algorithm>
#include <map>
#include <set>

#include <QComboBox>
#include <QFile>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "desk/pieces.h"
#include "desk/theme.h"
#include "desk/written_sets.h"
#include "report/wording.h"

namespace mottix {
namespace {

// More lines are read all the same; these are looked at.
constexpr int kShown = 200;

QString columnWords(LogColumn column) {
  switch (column) {
    case LogColumn::kLeftOut:
      return QObject::tr("left out");
    case LogColumn::kDay:
      return QObject::tr("day");
    case LogColumn::kAthlete:
      return QObject::tr("athlete");
    case LogColumn::kLift:
      return QObject::tr("lift");
    case LogColumn::kVariant:
      return QObject::tr("variant");
    case LogColumn::kLoad:
      return QObject::tr("load");
    case LogColumn::kReps:
      return QObject::tr("reps");
    case LogColumn::kSets:
      return QObject::tr("sets");
    case LogColumn::kEffort:
      return QObject::tr("effort felt");
    case LogColumn::kReserve:
      return QObject::tr("reps in reserve");
    case LogColumn::kNote:
      return QObject::tr("note");
  }
  return {};
}

}  // namespace

ImportView::ImportView(HouseFile& house, QUndoStack& stack, QDate today, QWidget* parent)
    : QWidget(parent), house_(house), stack_(stack), today_(today) {
  build();
}

void ImportView::build() {
  setFocusPolicy(Qt::ClickFocus);  // Tab goes to what is in it
  setAccessibleName(tr("An old log"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 14, 20, 14);
  column->setSpacing(8);
  head_ = label(21, Weight::kSemiBold);
  head_->setObjectName(QStringLiteral("import heading"));
  column->addWidget(head_);
  sentence_ = new Sentence(18);
  sentence_->addText(tr("Loads are in"));
  unit_ = sentence_->addWord(tr("unit"), [this](const QString& text) {
    if (text != QStringLiteral("kg") && text != QStringLiteral("lb")) return tr("Loads are in kg or lb.");
    options_.pounds = text == QStringLiteral("lb");
    refresh();
    return QString();
  });
  unit_->setChoices({QStringLiteral("kg"), QStringLiteral("lb")});
  sentence_->addText(tr("where no unit stands, days are written"));
  order_ = sentence_->addWord(tr("order of the day"), [this](const QString& text) {
    if (text.compare(tr("day first"), Qt::CaseInsensitive) == 0)
      options_.order = DayOrder::kDayFirst;
    else if (text.compare(tr("month first"), Qt::CaseInsensitive) == 0)
      options_.order = DayOrder::kMonthFirst;
    else
      return tr("Day first or month first.");
    refresh();
    return QString();
  });
  order_->setChoices({tr("day first"), tr("month first")});
  sentence_->addText(tr(", and lines without a name are"));
  whose_ = sentence_->addWord(tr("whose"), [this](const QString& text) {
    if (text.size() > 100) return tr("A name is 100 letters at most.");
    options_.athlete = text.compare(tr("nobody's"), Qt::CaseInsensitive) == 0
                           ? std::string()
                           : text.simplified().toStdString();
    refresh();
    return QString();
  });
  sentence_->addText(QStringLiteral("."));
  column->addWidget(sentence_);
  says_ = label(15, Weight::kMedium);
  says_->setObjectName(QStringLiteral("import says"));
  column->addWidget(says_);
  view_ = new QTableWidget;
  view_->setObjectName(QStringLiteral("import table"));
  view_->setFont(type(14));
  view_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  view_->setSelectionBehavior(QAbstractItemView::SelectRows);
  column->addWidget(view_, 1);
  auto* row = new QHBoxLayout;
  take_ = button(tr("Take in"), tr("Put these sets into the log; undo takes them back"));
  take_->setProperty("what", QStringLiteral("take log in"));
  auto* leave = button(tr("Leave · Esc"), tr("Back without taking anything"), true);
  connect(take_, &QPushButton::clicked, this, &ImportView::take);
  connect(leave, &QPushButton::clicked, this, &ImportView::backWanted);
  row->addWidget(take_);
  row->addWidget(leave);
  row->addStretch(1);
  column->addLayout(row);
}

bool ImportView::read(const QString& file) {
  QFile in(file);
  if (!in.open(QIODevice::ReadOnly)) {
    emit trouble(tr("“%1” cannot be read. Check its place and permissions.").arg(QFileInfo(file).fileName()));
    return false;
  }
  if (in.size() > static_cast<qint64>(kMostCsvBytes)) {
    emit trouble(tr("“%1” is larger than 64 MB; split it.").arg(QFileInfo(file).fileName()));
    return false;
  }
  const QByteArray bytes = in.readAll();
  auto table = readCsv({bytes.constData(), static_cast<std::size_t>(bytes.size())},
                       QFileInfo(file).fileName().toStdString());
  if (!table) {
    emit trouble(QString::fromStdString(table.error().text));
    return false;
  }
  file_ = QFileInfo(file).fileName();
  table_ = std::move(*table);
  options_ = {};
  options_.columns = guessColumns(table_);
  options_.today = dayNamed(today_.toString(Qt::ISODate).toStdString()).value_or(Day{});
  for (std::size_t k = 0; k < options_.columns.size(); ++k) {
    if (options_.columns[k] == LogColumn::kDay) options_.order = guessDayOrder(table_, k);
    if (options_.columns[k] == LogColumn::kLoad)
      options_.pounds =
          QString::fromStdString(table_.header[k]).contains(QStringLiteral("lb"), Qt::CaseInsensitive);
  }
  showTable();
  refresh();
  return true;
}

void ImportView::showTable() {
  const int columns = static_cast<int>(table_.header.size());
  view_->clear();
  view_->setColumnCount(columns + 1);
  view_->setRowCount(1 + static_cast<int>(std::min<std::size_t>(kShown, table_.rows.size())));
  QStringList heads;
  for (const std::string& h : table_.header) heads << QString::fromStdString(h);
  heads << tr("what becomes of it");
  view_->setHorizontalHeaderLabels(heads);
  QStringList lines = {QString()};
  for (int r = 1; r < view_->rowCount(); ++r)
    lines << QString::number(table_.lines[static_cast<std::size_t>(r - 1)]);
  view_->setVerticalHeaderLabels(lines);
  for (int c = 0; c < columns; ++c) {
    auto* choice = new QComboBox;
    choice->setAccessibleName(tr("Column “%1” holds").arg(heads[c]));
    for (const LogColumn column : kLogColumns) choice->addItem(columnWords(column), static_cast<int>(column));
    choice->setCurrentIndex(static_cast<int>(options_.columns[static_cast<std::size_t>(c)]));
    connect(choice, &QComboBox::activated, this,
            [this, c](int index) { setColumn(c, kLogColumns[static_cast<std::size_t>(index)]); });
    view_->setCellWidget(0, c, choice);
    for (int r = 1; r < view_->rowCount(); ++r)
      view_->setItem(r, c,
                     new QTableWidgetItem(QString::fromStdString(
                         table_.rows[static_cast<std::size_t>(r - 1)][static_cast<std::size_t>(c)])));
  }
  for (int r = 0; r < view_->rowCount(); ++r) view_->setItem(r, columns, new QTableWidgetItem);
  view_->resizeColumnsToContents();
  view_->horizontalHeader()->setStretchLastSection(true);
  for (int c = 0; c < columns; ++c) view_->setColumnWidth(c, std::clamp(view_->columnWidth(c), 110, 260));
}

void ImportView::setColumn(int column, LogColumn holds) {
  // What another column held goes over to this one.
  for (std::size_t k = 0; k < options_.columns.size(); ++k)
    if (holds != LogColumn::kLeftOut && options_.columns[k] == holds && static_cast<int>(k) != column) {
      options_.columns[k] = LogColumn::kLeftOut;
      if (auto* choice = qobject_cast<QComboBox*>(view_->cellWidget(0, static_cast<int>(k))))
        choice->setCurrentIndex(0);
    }
  options_.columns[static_cast<std::size_t>(column)] = holds;
  if (auto* choice = qobject_cast<QComboBox*>(view_->cellWidget(0, column)))
    choice->setCurrentIndex(static_cast<int>(holds));
  refresh();
}

int ImportView::takeable() const {
  int sets = 0;
  for (const ImportedLine& l : lines_) sets += l.problem.empty() ? l.sets : 0;
  return sets;
}

void ImportView::refresh() {
  head_->setText(tr("An old log: %1").arg(file_));
  unit_->setText(options_.pounds ? QStringLiteral("lb") : QStringLiteral("kg"));
  order_->setText(options_.order == DayOrder::kDayFirst ? tr("day first") : tr("month first"));
  whose_->setText(options_.athlete.empty() ? tr("nobody's") : QString::fromStdString(options_.athlete));
  QStringList names;
  if (const auto athletes = house_.athletes())
    for (const Athlete& a : *athletes) names << QString::fromStdString(a.name);
  whose_->setChoices(names);
  sentence_->relayout();
  auto lines = readLines(table_, options_);
  const int last = view_->columnCount() - 1;
  if (!lines) {
    lines_.clear();
    says_->setText(QString::fromStdString(lines.error().text));
    take_->setEnabled(false);
    for (int r = 1; r < view_->rowCount(); ++r) view_->item(r, last)->setText({});
    return;
  }
  lines_ = std::move(*lines);
  int left_out = 0;
  std::set<std::string> who;
  for (std::size_t k = 0; k < lines_.size(); ++k) {
    const ImportedLine& l = lines_[k];
    if (l.problem.empty())
      who.insert(l.athlete);
    else
      ++left_out;
    if (static_cast<int>(k) + 1 >= view_->rowCount()) continue;
    QTableWidgetItem* item = view_->item(static_cast<int>(k) + 1, last);
    item->setText(l.problem.empty() ? tr("%1, %2: %3 × %4 × %5, %6")
                                          .arg(QString::fromStdString(l.athlete), liftWords(l.lift))
                                          .arg(l.sets)
                                          .arg(l.reps)
                                          .arg(kilograms(l.load_kg), QString::fromStdString(nameOf(l.day)))
                                    : tr("left out: %1").arg(QString::fromStdString(l.problem)));
    item->setForeground(l.problem.empty() ? theme().ink : theme().clay);
  }
  int strangers = 0;
  for (const std::string& name : who)
    strangers += names.contains(QString::fromStdString(name), Qt::CaseInsensitive) ? 0 : 1;
  const int sets = takeable();
  QString words = sets == 1 ? tr("1 set") : tr("%1 sets").arg(sets);
  words += who.size() == 1 ? tr(" of 1 athlete") : tr(" of %1 athletes").arg(who.size());
  if (strangers > 0)
    words += strangers == 1 ? tr(", 1 of them new to this house")
                            : tr(", %1 of them new to this house").arg(strangers);
  words += QLatin1Char('.');
  if (left_out > 0)
    words += QLatin1Char(' ') + (left_out == 1 ? tr("1 line is left out; it says why.")
                                               : tr("%1 lines are left out; each says why.").arg(left_out));
  if (static_cast<int>(lines_.size()) > kShown)
    words += QLatin1Char(' ') + tr("The first %1 lines are shown.").arg(kShown);
  says_->setText(words);
  take_->setEnabled(sets > 0);
  take_->setText(sets == 1 ? tr("Take in 1 set") : tr("Take in %1 sets").arg(sets));
}

bool ImportView::take() {
  if (takeable() == 0) return false;
  std::map<QString, AthleteId> known;
  if (const auto athletes = house_.athletes())
    for (const Athlete& a : *athletes) known.emplace(QString::fromStdString(a.name).toLower(), a.id);
  std::vector<SetRecord> sets;
  for (const ImportedLine& l : lines_) {
    if (!l.problem.empty()) continue;
    const QString name = QString::fromStdString(l.athlete);
    auto at = known.find(name.toLower());
    if (at == known.end()) {
      const auto id = house_.addAthlete({{}, l.athlete, 2.5, 0, ""});
      if (!id) {
        emit trouble(QString::fromStdString(id.error().text));
        return false;
      }
      at = known.emplace(name.toLower(), *id).first;
    }
    for (SetRecord& r : recordsOf(l, at->second)) sets.push_back(std::move(r));
  }
  stack_.push(new WriteSets(house_, std::move(sets), tr("Take in an old log"), [this](const QString& wrong) {
    if (!wrong.isEmpty()) emit trouble(wrong);
    emit taken();
  }));
  return true;
}

void ImportView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

void ImportView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit backWanted();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
