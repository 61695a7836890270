#include "desk/trial_panel.h"

#include <algorithm>

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "desk/pieces.h"
#include "desk/set_analysis.h"
#include "report/fit_wording.h"
#include "report/wording.h"

namespace mottix {

TrialPanel::TrialPanel(AthleteDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(8, 0, 8, 0);
  column->setSpacing(10);
  auto* head = label(17, Weight::kSemiBold);
  head->setText(tr("Set-ups tried"));
  column->addWidget(head);
  kept_ = new QVBoxLayout;
  kept_->setSpacing(6);
  column->addLayout(kept_);
  sentence_ = new Sentence(16);
  column->addWidget(sentence_);
  table_ = new QGridLayout;
  table_->setHorizontalSpacing(14);
  table_->setVerticalSpacing(8);
  table_->setColumnStretch(3, 1);
  table_->setColumnMinimumWidth(3, 150);
  column->addLayout(table_);
  note_ = label(13, Weight::kRegular, true);
  column->addWidget(note_);
  column->addStretch(1);
  timer_.setInterval(0);
  connect(&timer_, &QTimer::timeout, this, &TrialPanel::readNext);
  connect(&desk_, &AthleteDesk::changed, this, [this] {
    if (isVisible()) open(lift_);
  });
}

std::vector<const SetupRecord*> TrialPanel::setups() const {
  std::vector<const SetupRecord*> out;
  for (const SetupRecord& s : desk_.record().setups)
    if (s.lift == lift_) out.push_back(&s);
  return out;
}

const SetupRecord* TrialPanel::setup(SetupId id) const {
  for (const SetupRecord* s : setups())
    if (s->id == id) return s;
  return nullptr;
}

void TrialPanel::open(Lift lift) {
  lift_ = lift;
  const auto all = setups();
  if (setup(a_) == nullptr) a_ = all.empty() ? SetupId{} : all.front()->id;
  if (setup(b_) == nullptr || b_ == a_) {
    b_ = {};
    for (const SetupRecord* s : all)
      if (s->id != a_) b_ = s->id;
  }
  read_.clear();
  to_read_.clear();
  for (SetRecord& set : desk_.sets())
    if (set.edit.setup && set.edit.asked.lift == lift_) to_read_.push_back(std::move(set));
  if (!to_read_.empty()) timer_.start();
  refresh();
}

void TrialPanel::readNext() {
  if (to_read_.empty()) {
    timer_.stop();
    return refreshTable();
  }
  const SetRecord set = std::move(to_read_.back());
  to_read_.pop_back();
  const auto record = desk_.house().loadTracks(set.id);
  if (!record || !*record) return;
  const auto found = analyseSet(**record, desk_.record().athlete, set.edit, bodyOf(desk_.record()), {});
  if (!found.analysis) return;
  TrialSet t;
  t.load_kg = set.edit.asked.load_kg;
  t.effort = set.edit.effort_felt;
  if (set.edit.comfort) t.comfort = *set.edit.comfort;
  t.measures = found.analysis->measures;
  read_[set.id] = std::move(t);
}

void TrialPanel::choose(SetupId id, const QString& why) {
  AthleteRecord after = desk_.record();
  for (SetupRecord& s : after.setups)
    if (s.lift == lift_) {
      s.chosen = s.id == id;
      if (s.chosen) s.chosen_why = why.toStdString();
    }
  desk_.edit(tr("Choose a set-up"), after);
}

void TrialPanel::refresh() {
  clearLayout(kept_);
  const auto all = setups();
  std::map<SetupId, int> sets;
  for (const SetRecord& set : desk_.sets())
    if (set.edit.setup) ++sets[*set.edit.setup];
  for (const SetupRecord* s : all) {
    auto* row = new QWidget;
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(6);
    auto* words = new Sentence(15);
    const SetupId id = s->id;
    auto* name = words->addWord(tr("name of a set-up"), [this, id](const QString& text) -> QString {
      if (text.isEmpty() || text.size() > 60) return tr("A name has 1 to 60 letters.");
      AthleteRecord after = desk_.record();
      for (SetupRecord& x : after.setups)
        if (x.id == id) x.name = text.toStdString();
      desk_.edit(tr("Name a set-up"), after);
      return {};
    });
    name->setText(QString::fromStdString(s->name));
    const int n = sets[id];
    words->addText(n == 0 ? tr(", no set with it yet") : n == 1 ? tr(", 1 set") : tr(", %1 sets").arg(n));
    if (s->chosen) {
      words->addText(tr("; in use, because"));
      auto* why = words->addWord(tr("reason of the choice"), [this, id](const QString& text) -> QString {
        choose(id, text);
        return {};
      });
      why->setText(s->chosen_why.empty() ? tr("(say why)") : QString::fromStdString(s->chosen_why));
      why->setEditText(s->chosen_why.empty() ? QStringLiteral(" ") : QString::fromStdString(s->chosen_why));
    }
    line->addWidget(words, 1);
    auto* show = button(tr("show"), tr("Show “%1” as the figure").arg(QString::fromStdString(s->name)), true);
    connect(show, &QPushButton::clicked, this, [this, id] { emit useWanted(id); });
    line->addWidget(show, 0, Qt::AlignTop);
    if (!s->chosen) {
      auto* use =
          button(tr("use this one"), tr("Use “%1” from now on").arg(QString::fromStdString(s->name)), true);
      use->setProperty("setup", static_cast<qint64>(id));
      connect(use, &QPushButton::clicked, this, [this, id] { choose(id, {}); });
      line->addWidget(use, 0, Qt::AlignTop);
    }
    kept_->addWidget(row);
  }
  sentence_->clear();
  sentence_->setVisible(all.size() >= 2);
  if (all.size() >= 2) {
    QStringList names;
    for (const SetupRecord* s : all) names << QString::fromStdString(s->name);
    auto pick = [this](SetupId& which, const QString& text) -> QString {
      for (const SetupRecord* s : setups())
        if (QString::fromStdString(s->name).compare(text, Qt::CaseInsensitive) == 0) {
          which = s->id;
          QTimer::singleShot(0, this, [this] { refresh(); });
          return {};
        }
      return tr("There is no set-up of this name.");
    };
    sentence_->addText(tr("Compare"));
    auto* first =
        sentence_->addWord(tr("first set-up"), [this, pick](const QString& t) { return pick(a_, t); });
    first->setChoices(names);
    first->setText(QString::fromStdString(setup(a_)->name));
    sentence_->addText(tr("with"));
    auto* second =
        sentence_->addWord(tr("second set-up"), [this, pick](const QString& t) { return pick(b_, t); });
    second->setChoices(names);
    second->setText(QString::fromStdString(setup(b_)->name));
    sentence_->addText(QStringLiteral("."));
    sentence_->relayout();
  }
  refreshTable();
}

void TrialPanel::refreshTable() {
  clearLayout(table_);
  lines_.clear();
  const SetupRecord *a = setup(a_), *b = setup(b_);
  if (a == nullptr || b == nullptr) {
    note_->setText(
        a == nullptr
            ? tr("Keep a set-up with K on the figure. On a set's sheet, say in its sentence which one was "
                 "used; from three sets of each on, two can be compared.")
            : tr("Keep a second set-up to compare it with this one."));
    return;
  }
  std::vector<TrialSet> with_a, with_b;
  for (const SetRecord& set : desk_.sets()) {
    const auto at = read_.find(set.id);
    if (at == read_.end()) continue;
    if (set.edit.setup == a_) with_a.push_back(at->second);
    if (set.edit.setup == b_) with_b.push_back(at->second);
  }
  lines_ = compareSetups(with_a, with_b);
  int row = 0;
  auto cell = [&](int column, const QString& text, bool muted, bool strong = false) {
    auto* l = label(14, strong ? Weight::kSemiBold : Weight::kRegular, muted);
    l->setText(text);
    if (column < 3) l->setFixedWidth(column == 0 ? 146 : 86);
    table_->addWidget(l, row, column, Qt::AlignTop);
  };
  const QString name_a = QString::fromStdString(a->name), name_b = QString::fromStdString(b->name);
  cell(1, name_a, true);
  cell(2, name_b, true);
  for (const TrialLine& line : lines_) {
    ++row;
    const QString unit = trialUnit(line.what);
    const int digits = line.what == TrialMeasure::kSpeed ? 2 : 1;
    auto mean = [&](const std::optional<double>& v) {
      if (!v) return tr("none");
      return signedNumber(*v, digits) + (unit == QLatin1String("deg")        ? QStringLiteral("°")
                                         : unit.startsWith(QLatin1Char('/')) ? unit
                                                                             : QStringLiteral(" ") + unit);
    };
    cell(0, trialWords(line.what), true);
    cell(1, mean(line.a), false);
    cell(2, mean(line.b), false);
    cell(3, trialVerdictWords(line, name_a, name_b), line.verdict != TrialVerdict::kDiffers,
         line.verdict == TrialVerdict::kDiffers);
  }
  note_->setText(
      to_read_.empty()
          ? tr("Means over the sets, second minus first. The error comes from how much the sets of one "
               "set-up scatter, never less than the measures' own; “no difference seen” is not “the same”.")
          : tr("Reading the sets…"));
}

}  // namespace mottix
