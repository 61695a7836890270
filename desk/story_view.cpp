#include "desk/story_view.h"

#include <algorithm>

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/theme.h"
#include "report/load_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr std::array kLifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};
// More lines than anybody reads; how many there are is said.
constexpr int kMostResults = 300;

std::vector<NamedAthlete> peopleOf(const HouseFile& house) {
  std::vector<NamedAthlete> people;
  if (const auto athletes = house.athletes())
    for (const Athlete& a : *athletes) people.push_back({a.id, a.name});
  return people;
}

}  // namespace

StoryView::StoryView(AthleteDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  build();
  connect(&desk_, &AthleteDesk::changed, this, [this] {
    if (isVisible()) refresh();
  });
}

void StoryView::build() {
  setFocusPolicy(Qt::ClickFocus);  // Tab goes to what is in it
  setAccessibleName(tr("Story"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 14, 20, 14);
  column->setSpacing(6);
  sentence_ = new Sentence(20);
  lift_word_ = sentence_->addWord(tr("lift"), [this](const QString& text) {
    for (const Lift lift : kLifts)
      if (text.compare(liftWords(lift), Qt::CaseInsensitive) == 0) {
        lift_ = lift;
        variant_.clear();
        refresh();
        return QString();
      }
    return tr("The lift is squat, bench press or deadlift.");
  });
  lift_word_->setChoices({liftWords(Lift::kSquat), liftWords(Lift::kBench), liftWords(Lift::kDeadlift)});
  sentence_->addText(QStringLiteral(","));
  variant_word_ = sentence_->addWord(tr("variant"), [this](const QString& text) {
    if (linesLike(lines_, lift_, text.toStdString()).empty())
      return tr("There is no set of “%1” in the log.").arg(text);
    variant_ = text.toStdString();
    refresh();
    return QString();
  });
  sentence_->addText(tr(", of"));
  of_word_ = sentence_->addWord(tr("which sets"), [this](const QString& text) {
    const QString t = text.simplified(), before = of_;
    of_ = t.compare(tr("all sets"), Qt::CaseInsensitive) == 0 ? QString() : t;
    const auto some = left(desk_.record().athlete.id);
    if (some && std::none_of(lines_.begin(), lines_.end(),
                             [&](const LogLine& l) { return l.lift == lift_ && some->count(l.id) > 0; })) {
      of_ = before;
      return tr("No set of this lift is “%1”. Say it as in the search: “above effort 8”, “with film”.")
          .arg(t);
    }
    refresh();
    return QString();
  });
  of_word_->setChoices({tr("all sets"), tr("with film"), tr("effort at least 8"), tr("last 12 weeks"),
                        tr("reps at most 3"), tr("missed")});
  sentence_->addText(tr(", beside"));
  beside_word_ = sentence_->addWord(tr("beside"), [this](const QString& text) {
    const QString t = text.simplified();
    if (t.isEmpty() || t.compare(tr("nobody"), Qt::CaseInsensitive) == 0) {
      beside_.reset();
      refresh();
      return QString();
    }
    auto who = desk_.record().athlete.id;
    auto what = lift_;
    bool understood = false;
    for (const Lift lift : kLifts)
      if (t.endsWith(liftWords(lift), Qt::CaseInsensitive)) what = lift, understood = true;
    if (const auto athletes = desk_.house().athletes())
      for (const Athlete& a : *athletes)
        if (!a.name.empty() && t.startsWith(QString::fromStdString(a.name), Qt::CaseInsensitive))
          who = a.id, understood = true;
    if (!understood)
      return tr("Name another athlete, another lift, or both (“Oda deadlift”); or say “nobody”.");
    if (who == desk_.record().athlete.id && what == lift_) return tr("That is the one already shown.");
    beside_ = {who, what};
    refresh();
    return QString();
  });
  sentence_->addText(QStringLiteral("."));
  column->addWidget(sentence_);

  auto* find_row = new QHBoxLayout;
  find_ = new TypingLine;
  find_->setObjectName(QStringLiteral("find sets"));
  find_->setFont(type(15));
  find_->setPlaceholderText(
      tr("Find sets: “hips rose first above effort 8”, “missed last 6 weeks”, “everyone over 100 kg”"));
  find_->setAccessibleName(tr("Find sets"));
  find_->setClearButtonEnabled(true);
  connect(find_, &QLineEdit::returnPressed, this, [this] { search(find_->text()); });
  connect(find_, &QLineEdit::textChanged, this, [this](const QString& text) {
    if (text.isEmpty()) search({});
  });
  find_row->addWidget(find_, 1);
  found_words_ = label(14, Weight::kRegular, true);
  found_words_->setObjectName(QStringLiteral("found words"));
  found_words_->setWordWrap(true);
  find_row->addWidget(found_words_, 1);
  column->addLayout(find_row);
  addKey(this, QKeySequence::Find, tr("Find sets by a sentence"), this, [this] {
    find_->setFocus();
    find_->selectAll();
  });
  sayKey(this, tr("A"), tr("To the weeks ahead"));
  sayKey(this, tr("+ −"), tr("Zoom"));
  sayKey(this, tr("← →"), tr("The set before, or after; with Ctrl: move"));
  sayKey(this, tr("Enter"), tr("Open the set"));

  auto* row = new QHBoxLayout;
  row->setSpacing(16);
  chart_ = new StoryChart;
  row->addWidget(chart_, 1);
  results_ = new QListWidget;
  results_->setObjectName(QStringLiteral("found sets"));
  results_->setFont(type(14));
  results_->setWordWrap(true);
  results_->setFixedWidth(300);
  results_->setAccessibleName(tr("Sets found"));
  results_->hide();
  results_->setFrameShape(QFrame::NoFrame);
  results_->setSpacing(2);
  connect(results_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
    if (item != nullptr) chart_->choose(SetId{item->data(Qt::UserRole).toLongLong()});
  });
  connect(results_, &QListWidget::itemActivated, this,
          [this](QListWidgetItem* item) { emit setWanted(SetId{item->data(Qt::UserRole).toLongLong()}); });
  row->addWidget(results_);
  column->addLayout(row, 1);

  auto* below = new QHBoxLayout;
  set_words_ = label(15, Weight::kMedium);
  set_words_->setObjectName(QStringLiteral("set words"));
  open_ = button(tr("Open · Enter"), tr("Open the sheet of the chosen set"));
  open_->setProperty("what", QStringLiteral("open chosen set"));
  connect(open_, &QPushButton::clicked, this, [this] { emit setWanted(chart_->chosen()); });
  below->addWidget(set_words_, 1);
  below->addWidget(open_);
  auto* ahead = button(tr("Ahead · A"), tr("The weeks to the test"), true);
  connect(ahead, &QPushButton::clicked, this, &StoryView::aheadWanted);
  below->addWidget(ahead);
  column->addLayout(below);
  strength_words_ = label(14);
  strength_words_->setObjectName(QStringLiteral("strength words"));
  column->addWidget(strength_words_);
  cues_ = label(13, Weight::kRegular, true);
  cues_->setObjectName(QStringLiteral("cue words"));
  column->addWidget(cues_);
  connect(chart_, &StoryChart::setChosen, this, &StoryView::refreshSet);
  connect(chart_, &StoryChart::setWanted, this, &StoryView::setWanted);
}

Day StoryView::today() const {
  return dayNamed(desk_.today()).value_or(Day{});
}

void StoryView::open(AthleteId athlete, std::optional<Lift> lift) {
  const bool same = desk_.record().athlete.id == athlete && read_at_ >= 0;
  if (!desk_.open(athlete)) return;
  if (!same) {
    beside_.reset();
    read_at_ = -1;
  }
  if (!readLines()) return;
  if (lift) {
    if (*lift != lift_ || !same) variant_.clear();
    lift_ = *lift;
  } else if (!same) {
    if (!lines_.empty()) lift_ = lines_.back().lift;
    variant_.clear();
  }
  refresh();
}

bool StoryView::readLines() {
  HouseFile& house = desk_.house();
  if (read_at_ == house.writes()) return true;
  auto lines = house.log(desk_.record().athlete.id);
  if (!lines) {
    emit trouble(QString::fromStdString(lines.error().text));
    return false;
  }
  lines_ = std::move(*lines);
  read_at_ = house.writes();
  return true;
}

void StoryView::refresh() {
  if (!readLines()) return;
  HouseFile& house = desk_.house();
  std::vector<std::string> variants;
  for (const LogLine& line : lines_)
    if (line.lift == lift_ && std::find(variants.begin(), variants.end(), line.variant) == variants.end())
      variants.push_back(line.variant);
  if (variant_.empty()) {
    variant_ = usualVariant(lift_);
    for (const LogLine& line : lines_)
      if (line.lift == lift_) variant_ = line.variant;
  }
  const auto mine = left(desk_.record().athlete.id);
  story_ = tellStory(desk_.record(), lines_, lift_, variant_, builtInCueBook(), mine ? &*mine : nullptr);
  other_.reset();
  QString beside = tr("nobody");
  if (beside_) {
    auto who = house.loadRecord(beside_->first);
    auto lines = house.log(beside_->first);
    if (who && lines) {
      other_lines_ = std::move(*lines);
      std::string variant(usualVariant(beside_->second));
      for (const LogLine& line : other_lines_)
        if (line.lift == beside_->second) variant = line.variant;
      const auto theirs = left(beside_->first);
      other_ = tellStory(*who, other_lines_, beside_->second, variant, builtInCueBook(),
                         theirs ? &*theirs : nullptr);
      beside = (beside_->first == desk_.record().athlete.id
                    ? QString()
                    : QString::fromStdString(who->athlete.name) + QLatin1Char(' ')) +
               liftWords(beside_->second);
    }
  }
  chart_->show(&story_, other_ ? &*other_ : nullptr, today(), builtInRuleBook());
  QString lift = liftWords(lift_);
  lift[0] = lift[0].toUpper();
  lift_word_->setText(lift);
  lift_word_->setEditText(liftWords(lift_));
  variant_word_->setText(QString::fromStdString(variant_));
  QStringList choices;
  for (const std::string& v : variants) choices << QString::fromStdString(v);
  variant_word_->setChoices(choices);
  of_word_->setText(of_.isEmpty() ? tr("all sets") : of_);
  beside_word_->setText(beside);
  QStringList others = {tr("nobody")};
  for (const Lift l : kLifts)
    if (l != lift_) others << liftWords(l);
  if (const auto athletes = house.athletes())
    for (const Athlete& a : *athletes)
      if (a.id != desk_.record().athlete.id)
        others << QString::fromStdString(a.name) + QLatin1Char(' ') + liftWords(lift_);
  beside_word_->setChoices(others);
  sentence_->relayout();

  QStringList says;
  if (story_.strength) {
    says << tr("Best single now %1.")
                .arg(bandWords(story_.strength->at(std::max(today(), story_.sets.back()->day))));
    const Estimate& g = story_.strength->gain_week;
    says << tr("Gain %1 ± %2 % a week.").arg(signedNumber(100.0 * g.value, 1)).arg(100.0 * g.sd, 0, 'f', 1);
    says << relationWords(*story_.strength);
  } else if (story_.sets.empty()) {
    says << tr("No set of this lift is in the log yet: film one, or write one down.");
  } else {
    says << tr("Say how hard sets were felt, or film them: then the best single can be told.");
  }
  int held = 0, against = 0;
  for (const Override& o : story_.overrides) {
    held += o.outcome == Override::Outcome::kHeld ? 1 : 0;
    against += o.outcome != Override::Outcome::kOpen ? 1 : 0;
  }
  if (against > 0) says << tr("Loads taken against the suggestion: %1 of %2 held.").arg(held).arg(against);
  strength_words_->setText(says.join(QLatin1Char(' ')));
  QStringList cues;
  for (const CueOutcome& c : story_.cues) {
    const Cue* cue = builtInCueBook().find(c.cue);
    if (cue == nullptr || cues.size() >= 3) continue;
    cues << tr("“%1”: gone in the next set %2 of %3 times").arg(ofBook(cue->words)).arg(c.gone).arg(c.told);
  }
  cues_->setText(cues.isEmpty() ? QString() : cues.join(QStringLiteral(" · ")) + QLatin1Char('.'));
  cues_->setVisible(!cues.isEmpty());
  refreshSet();
}

void StoryView::refreshSet() {
  const SetId id = chart_->chosen();
  const LogLine* line = nullptr;
  for (const LogLine* s : story_.sets)
    if (s->id == id) line = s;
  set_words_->setText(line != nullptr ? lineWords(*line, builtInRuleBook()) + QLatin1Char('.') : QString());
  open_->setEnabled(id != kNoSet);
}

// Of this athlete, unless the sentence names one.
LogQuery StoryView::queryOf(const QString& text, std::optional<AthleteId> who) const {
  LogQuery query = parseQuery(text.toStdString(), peopleOf(desk_.house()), builtInRuleBook(), today());
  if (!query.athlete) query.athlete = who;
  return query;
}

std::optional<std::set<SetId>> StoryView::left(AthleteId who) const {
  if (of_.isEmpty()) return std::nullopt;
  LogQuery query = queryOf(of_, who);
  query.athlete = who;
  std::set<SetId> ids;
  if (const auto found = desk_.house().search(query))
    for (const LogLine& line : *found) ids.insert(line.id);
  return ids;
}

void StoryView::search(const QString& text) {
  if (find_->text() != text) find_->setText(text);
  results_->clear();
  if (text.trimmed().isEmpty()) {
    results_->hide();
    found_words_->clear();
    chart_->setFound({});
    return;
  }
  QString words = text;
  const bool everyone = words.contains(tr("everyone"), Qt::CaseInsensitive);
  words.remove(tr("everyone"), Qt::CaseInsensitive);
  const LogQuery query = queryOf(words, everyone ? std::nullopt : std::optional(desk_.record().athlete.id));
  const std::vector<NamedAthlete> people = peopleOf(desk_.house());
  const auto found = desk_.house().search(query);
  if (!found) return emit trouble(QString::fromStdString(found.error().text));
  std::set<SetId> ids;
  const auto first = found->size() > kMostResults ? found->end() - kMostResults : found->begin();
  for (auto line = found->end(); line != first;) {
    --line;
    ids.insert(line->id);
    QString says = lineWords(*line, builtInRuleBook());
    if (line->athlete != desk_.record().athlete.id || everyone)
      for (const NamedAthlete& who : people)
        if (who.id == line->athlete) says = QString::fromStdString(who.name) + QStringLiteral(" · ") + says;
    if (!query.lift) says += QStringLiteral(" · ") + liftWords(line->lift);
    auto* item = new QListWidgetItem(says, results_);
    item->setData(Qt::UserRole, QVariant::fromValue(static_cast<qlonglong>(line->id)));
  }
  for (const LogLine& line : *found) ids.insert(line.id);
  results_->setVisible(!found->empty());
  chart_->setFound(std::move(ids));
  QStringList said;
  for (const std::string& s : query.said) said << QString::fromStdString(s);
  const QString count = found->size() == 1 ? tr("1 set") : tr("%1 sets").arg(found->size());
  found_words_->setText(
      tr("%1: %2.").arg(count, said.isEmpty() ? tr("all") : said.join(QStringLiteral(", "))) +
      (found->size() > static_cast<std::size_t>(kMostResults)
           ? QLatin1Char(' ') + tr("The newest %1 are listed.").arg(kMostResults)
           : QString()));
}

void StoryView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

void StoryView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit backWanted();
  if (event->key() == Qt::Key_A && !find_->hasFocus() && !Word::anyEditing(*this)) return emit aheadWanted();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
