#include "desk/schools_view.h"

#include <algorithm>

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "desk/pieces.h"
#include "report/path_drawing.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

// A finding's strokes; nothing where there is none.
class Strokes : public QWidget {
 public:
  explicit Strokes(std::optional<Finding> finding) : finding_(std::move(finding)) {
    setFixedWidth(16);
    setMinimumHeight(kStrokeHeight + 2);
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    if (!finding_) return;
    QPainter p(this);
    drawStrokes(p, QPointF(1, 1), *finding_);
  }

 private:
  std::optional<Finding> finding_;
};

QString titleOf(const std::vector<std::string>& schools) {
  if (schools.empty()) return QObject::tr("base alone");
  QStringList names;
  for (const std::string& name : schools) {
    const RuleLayer* school = findSchool(name);
    names << QString::fromStdString(school != nullptr ? school->title : name);
  }
  return names.join(QStringLiteral(" + "));
}

std::vector<std::string> namesIn(const QString& text) {
  std::vector<std::string> out;
  for (const QString& name : text.split(QLatin1Char('+'), Qt::SkipEmptyParts))
    out.push_back(name.toStdString());
  return out;
}

QString joined(const std::vector<std::string>& names) {
  QStringList list;
  for (const std::string& name : names) list << QString::fromStdString(name);
  return list.join(QLatin1Char('+'));
}

}  // namespace

SchoolsView::SchoolsView(JudgingBy judging_by, QWidget* parent)
    : QWidget(parent), judging_by_(std::move(judging_by)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 0, 0, 0);
  column->setSpacing(6);
  auto* head = new QHBoxLayout;
  QLabel* title = label(18, Weight::kSemiBold);
  title->setText(tr("Judged by two"));
  head->addWidget(title, 1);
  QPushButton* close = button(tr("back to the findings · J"), tr("Back to findings, cue and load"), true);
  close->setProperty("what", QStringLiteral("close schools"));
  connect(close, &QPushButton::clicked, this, &SchoolsView::closed);
  head->addWidget(close, 0, Qt::AlignTop);
  column->addLayout(head);
  for (std::size_t k = 0; k < 2; ++k) {
    auto* row = new QHBoxLayout;
    QLabel* name = label(14, Weight::kRegular, true);
    name->setText(k == 0 ? tr("by") : tr("and by"));
    name->setFixedWidth(44);
    choice_[k] = new QComboBox;
    choice_[k]->setFont(type(15, Weight::kMedium));
    choice_[k]->setAccessibleName(k == 0 ? tr("First school") : tr("Second school"));
    choice_[k]->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    connect(choice_[k], &QComboBox::currentIndexChanged, this, &SchoolsView::refresh);
    row->addWidget(name);
    row->addWidget(choice_[k], 1);
    column->addLayout(row);
  }
  auto* body = new QWidget;
  body_ = new QVBoxLayout(body);
  body_->setContentsMargins(0, 6, 10, 0);
  body_->setSpacing(4);
  area_ = new QScrollArea;
  area_->setAccessibleName(tr("The set by two schools"));
  area_->setWidgetResizable(true);
  area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  area_->setWidget(body);
  column->addWidget(area_, 1);
}

void SchoolsView::setData(const SheetData* sheet, const std::vector<std::string>& own) {
  data_ = sheet;
  const Lift lift = sheet->set.edit.asked.lift;
  for (std::size_t k = 0; k < 2; ++k) {
    const QSignalBlocker quiet(choice_[k]);
    const QString chosen = choice_[k]->currentData().toString();
    const bool had = choice_[k]->count() > 0;
    choice_[k]->clear();
    if (own.size() != 1)  // one school alone is in the list anyway
      choice_[k]->addItem(own.empty() ? titleOf({}) : titleOf(own), joined(own));
    if (!own.empty()) choice_[k]->addItem(titleOf({}), QString());
    for (const RuleLayer& school : builtInSchools())
      if (school.isFor(lift)) choice_[k]->addItem(ofBook(school.title), QString::fromStdString(school.name));
    int at = had ? choice_[k]->findData(chosen) : -1;
    if (at < 0) at = k == 0 ? choice_[k]->findData(joined(own)) : -1;
    // At first the other one is a school that answers the same question, or else the base.
    if (at < 0 && k == 1) {
      const RuleLayer* mine = own.empty() ? nullptr : findSchool(own.front());
      for (const RuleLayer& school : builtInSchools())
        if (at < 0 && school.isFor(lift) && (mine == nullptr || school.question == mine->question) &&
            (own.empty() || school.name != own.front()))
          at = choice_[k]->findData(QString::fromStdString(school.name));
    }
    choice_[k]->setCurrentIndex(std::max(0, at));
  }
  refresh();
}

QLabel* SchoolsView::addWords(const QString& text, int size, bool strong, bool muted) {
  QLabel* l = label(size, strong ? Weight::kSemiBold : Weight::kRegular, muted);
  l->setText(text);
  said_ << text;
  body_->addWidget(l);
  return l;
}

void SchoolsView::refresh() {
  clearLayout(body_);
  said_.clear();
  events_.clear();
  if (data_ == nullptr || !data_->analysis) {
    addWords(tr("A set is judged by schools when it has been measured."), 14, false, true);
    body_->addStretch(1);
    return;
  }
  std::array<Side, 2> sides;
  for (std::size_t k = 0; k < 2; ++k) {
    sides[k].name = choice_[k]->currentText();
    auto by = judging_by_(namesIn(choice_[k]->currentData().toString()));
    if (by) {
      AnalysisSettings settings = settingsFor(data_->athlete, data_->set.edit, data_->body);
      settings.judged = by->set;
      auto judged = judgeAgain(*data_->analysis, settings, by->book);
      if (judged) {
        sides[k].judged = std::move(*judged);
        sides[k].by = std::move(*by);
        continue;
      }
      by = tl::make_unexpected(judged.error());
    }
    addWords(tr("%1: %2").arg(sides[k].name, QString::fromStdString(by.error().text)), 14, false);
    body_->addStretch(1);
    return;
  }
  events_ = compareJudgements(sides[0].judged.findings, sides[1].judged.findings);
  const auto differing =
      std::count_if(events_.begin(), events_.end(), [](const EventByTwo& e) { return e.differs(); });
  addWords(differing == 0 ? tr("They say the same of this set.") : tr("They differ"), 16, true);
  for (auto e = events_.begin(); e != events_.begin() + differing; ++e) addEvent(*e, sides);
  if (differing < static_cast<std::ptrdiff_t>(events_.size())) {
    addWords(tr("Both say"), 16, true)->setContentsMargins(0, 8, 0, 0);
    for (auto e = events_.begin() + differing; e != events_.end(); ++e) addEvent(*e, sides);
  }
  addWords(tr("The load"), 16, true)->setContentsMargins(0, 8, 0, 0);
  for (const Side& side : sides)
    addWords(QStringLiteral("<b style='font-weight:500'>%1.</b> %2. %3")
                 .arg(side.name.toHtmlEscaped(),
                      decisionHeading(side.judged.decision, data_->set.edit.asked).toHtmlEscaped(),
                      decisionReason(side.judged.decision, data_->athlete).toHtmlEscaped()),
             14, false);
  body_->addStretch(1);
}

void SchoolsView::addEvent(const EventByTwo& event, const std::array<Side, 2>& sides) {
  for (std::size_t k = 0; k < 2; ++k) {
    if (!event.differs() && k == 1) return;  // said once
    const RuleBook& book = sides[k].by.book;
    const Rule* rule = book.find(event.is[k] ? event.is[k]->rule : event.event);
    auto* line = new QWidget;
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(0, 2, 0, 2);
    row->setSpacing(6);
    row->addWidget(new Strokes(event.is[k]), 0, Qt::AlignTop);
    QString words;
    if (event.is[k]) {
      words = findingHeading(*event.is[k], book) + QStringLiteral(". ") +
              findingDetail(*event.is[k], book, data_->analysis->measures);
    } else if (rule == nullptr || !inForce(*rule, data_->set.edit.asked.lift, sides[k].by.set)) {
      const Rule* other = sides[1 - k].by.book.find(event.event);
      words = tr("%1: not judged here.")
                  .arg(QString::fromStdString(other != nullptr ? other->says : event.event));
    } else {
      words = tr("%1: in order. Limit %2.")
                  .arg(ofBook(rule->says),
                       limitWords(*rule, inForce(*rule, data_->set.edit.asked.lift, sides[k].by.set)->limit));
    }
    if (rule != nullptr && rule->school != "base" && !rule->why.empty())
      words += QLatin1Char(' ') + ofBook(rule->why);
    QLabel* text = label(14);
    text->setText(
        QStringLiteral("<b style='font-weight:500'>%1:</b> %2")
            .arg((event.differs() ? sides[k].name : tr("both")).toHtmlEscaped(), words.toHtmlEscaped()));
    said_ << text->text();
    row->addWidget(text, 1);
    if (event.is[k] && event.is[k]->certainty != Certainty::kCantTell) {
      QPushButton* show = button(tr("show"), tr("Show it on the film"), true);
      show->setProperty("what", QStringLiteral("show of school"));
      connect(show, &QPushButton::clicked, this, [this, f = *event.is[k]] { emit opened(f); });
      row->addWidget(show, 0, Qt::AlignTop);
    }
    body_->addWidget(line);
  }
}

void SchoolsView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape)
    emit closed();
  else
    QWidget::keyPressEvent(event);
}

}  // namespace mottix
