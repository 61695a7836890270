#include "desk/house_book_view.h"

#include <algorithm>

#include <QComboBox>
#include <QDate>
#include <QDir>
#include <QFile>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QSaveFile>
#include <QScrollArea>
#include <QTimer>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "desk/limit_scale.h"
#include "desk/pieces.h"
#include "desk/sentence.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

class EditBook : public QUndoCommand {
 public:
  EditBook(HouseBookView& view, const QString& text, HouseBook before, HouseBook after)
      : QUndoCommand(text), view_(view), before_(std::move(before)), after_(std::move(after)) {}
  void redo() override { view_.put(after_); }
  void undo() override { view_.put(before_); }

 private:
  HouseBookView& view_;
  HouseBook before_, after_;
};

RuleLayer emptyLayer() {
  RuleLayer layer;
  layer.name = "house";
  layer.title = "the house's own";
  layer.question = "house";
  layer.about = "What this house changes of the base and the schools.";
  layer.version = "1";
  layer.lifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};
  return layer;
}

// For a cue or a cause of the house's own.
template <typename All>
std::string freeId(const All& all) {
  const auto taken = [&](const std::string& id) {
    return std::any_of(all.begin(), all.end(), [&](const auto& one) { return one.id == id; });
  };
  int number = 1;
  while (taken("house." + std::to_string(number))) ++number;
  return "house." + std::to_string(number);
}

QString words(const std::optional<Finding>& f) {
  if (!f) return QObject::tr("in order");
  return severityWords(*f);
}

QString numberWords(double v) {
  return signedNumber(v, v == std::floor(v) ? 0 : std::abs(v) < 1.0 ? 2 : 1);
}

}  // namespace

HouseBookView::HouseBookView(HouseFile& house, QUndoGroup& undo, QWidget* parent)
    : QWidget(parent), house_(house), undo_(undo) {
  undo_.addStack(&stack_);
  build();
  auto* progress = new QTimer(this);  // runs while the log is read
  progress->setInterval(100);
  connect(&reading_, &QFutureWatcherBase::started, progress, qOverload<>(&QTimer::start));
  connect(&reading_, &QFutureWatcherBase::finished, progress, &QTimer::stop);
  connect(&reading_, &QFutureWatcherBase::finished, this, [this] {
    if (reading_.isCanceled()) return;
    log_ = reading_.result();
    refreshRule();
  });
  connect(progress, &QTimer::timeout, this, [this] {
    if (!log_ && progress_)
      effect_->setText(tr("Reading the log … %1 %").arg(static_cast<int>(100.0 * progress_->part)));
  });
}

HouseBookView::~HouseBookView() {
  if (progress_) progress_->stop = true;
}

void HouseBookView::build() {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(20, 14, 20, 14);
  row->setSpacing(24);
  auto* left = new QVBoxLayout;
  left->setSpacing(6);
  QLabel* title = label(20, Weight::kSemiBold);
  title->setText(tr("House book"));
  left->addWidget(title);
  auto* lifts = new QHBoxLayout;
  lifts->setSpacing(4);
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift}) {
    QString name = liftWords(lift);
    name[0] = name[0].toUpper();
    QPushButton* b = button(name, tr("Rules of the %1").arg(liftWords(lift)), true);
    b->setCheckable(true);
    b->setProperty("what", liftWords(lift));
    connect(b, &QPushButton::clicked, this, [this, lift] { showLift(lift); });
    lifts->addWidget(b);
    lifts_.push_back(b);
  }
  lifts->addStretch(1);
  left->addLayout(lifts);
  rules_ = new QListWidget;
  rules_->setObjectName(QStringLiteral("rules"));
  rules_->setAccessibleName(tr("Rules"));
  rules_->setFont(type(14));
  rules_->setFrameShape(QFrame::NoFrame);
  rules_->setFixedWidth(330);
  rules_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  connect(rules_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
    if (item != nullptr) showRule(item->data(Qt::UserRole).toString());
  });
  rules_->setSpacing(1);
  QPalette palette = rules_->palette();
  palette.setColor(QPalette::Highlight, theme().raised);
  palette.setColor(QPalette::HighlightedText, theme().ink);
  palette.setColor(QPalette::Base, theme().sheet);
  rules_->setPalette(palette);
  left->addWidget(rules_, 1);
  gear_sentence_ = new Sentence(14);
  gear_sentence_->setFixedWidth(330);
  gear_sentence_->addText(tr("In this room:"));
  bars_word_ = gear_sentence_->addWord(tr("bars"), [this](const QString& text) { return takeBars(text); });
  gear_sentence_->addText(tr("; plates"));
  plates_word_ = gear_sentence_->addWord(tr("plates"), [this](const QString& text) {
    const auto plates = platesIn(text.toStdString());
    if (!plates) return QString::fromStdString(plates.error().text);
    Gear after = gear_;
    after.plates = *plates;
    for (PlateKind& p : after.plates)  // as large as they were
      for (const Gear& known : {gear_, usualGear()})
        for (const PlateKind& k : known.plates)
          if (p.diameter_mm == 0.0 && k.each == p.each) p.diameter_mm = k.diameter_mm;
    putGear(tr("Say which plates there are"), after);
    return QString();
  });
  gear_sentence_->addText(tr("; a collar weighs"));
  collar_word_ = gear_sentence_->addWord(tr("collar"), [this](const QString& text) {
    const auto kg = numberIn(text);
    if (!kg || *kg < 0.0 || *kg > 10.0) return tr("A collar weighs 0 to 10 kg.");
    Gear after = gear_;
    after.collar = Mass::ofKg(*kg);
    putGear(tr("Say what a collar weighs"), after);
    return QString();
  });
  left->addWidget(gear_sentence_);
  auto* files = new QHBoxLayout;
  const auto action = [&](const QString& text, const QString& help, const char* what, auto slot) {
    QPushButton* b = button(text, help, true);
    b->setProperty("what", QString::fromLatin1(what));
    connect(b, &QPushButton::clicked, this, slot);
    files->addWidget(b);
  };
  action(tr("take out …"), tr("Write the house's own rules and limits as TOML"), "export", [this] {
    const QString file =
        QFileDialog::getSaveFileName(this, tr("The house's own layer"), QStringLiteral("house.toml"));
    if (!file.isEmpty()) takeOut(file);
  });
  action(tr("bring in …"), tr("Put a layer from a TOML file in the place of the house's own"), "import",
         [this] {
           const QString file =
               QFileDialog::getOpenFileName(this, tr("A layer as TOML"), {}, tr("Layers (*.toml)"));
           if (!file.isEmpty()) bringIn(file);
         });
  action(tr("all as shipped"), tr("No rule or limit of the house's own any more; undo brings them back"),
         "reset all", [this] {
           push(tr("Put all rules back as shipped"), {{}, book_.cues, book_.causes, book_.gear});
         });
  files->addStretch(1);
  left->addLayout(files);
  row->addLayout(left);

  auto* body = new QWidget;
  auto* column = new QVBoxLayout(body);
  column->setContentsMargins(0, 0, 12, 0);
  column->setSpacing(6);
  auto* top = new QHBoxLayout;
  heading_ = label(22, Weight::kSemiBold);
  heading_->setObjectName(QStringLiteral("rule heading"));
  top->addWidget(heading_, 1);
  force_ = button({}, tr("Whether this rule is in force in this house"), true);
  force_->setProperty("what", QStringLiteral("force"));
  connect(force_, &QPushButton::clicked, this, [this] {
    if (const auto rule = ruleNow(rule_))
      change(rule->off ? tr("Put a rule in force") : tr("Put a rule out of force"), rule->limit, rule->big,
             !rule->off);
  });
  reset_ = button(tr("as shipped"), tr("Take back what the house changed of this rule"), true);
  reset_->setProperty("what", QStringLiteral("reset"));
  connect(reset_, &QPushButton::clicked, this, [this] {
    if (!layer_) return;
    RuleLayer after = *layer_;
    std::erase_if(after.changes, [&](const RuleChange& c) { return c.rule == rule_ && c.school == school_; });
    push(tr("Put a rule back as shipped"),
         {after.changes.empty() && after.rules.empty() ? std::string() : toToml(after), book_.cues,
          book_.causes, book_.gear});
  });
  top->addWidget(force_, 0, Qt::AlignTop);
  top->addWidget(reset_, 0, Qt::AlignTop);
  column->addLayout(top);
  meaning_ = label(14, Weight::kRegular, true);
  column->addWidget(meaning_);
  whose_ = new QComboBox;
  whose_->setFont(type(14, Weight::kMedium));
  whose_->setAccessibleName(tr("For whom a change holds"));
  connect(whose_, &QComboBox::activated, this,
          [this] { showFor(whose_->currentData().toString().toStdString()); });
  column->addWidget(whose_, 0, Qt::AlignLeft);
  scale_ = new LimitScale;
  connect(scale_, &LimitScale::moved, this, [this](double limit, double big) {
    if (const auto rule = ruleNow(rule_)) showEffect(limit, big, rule->off);
  });
  connect(scale_, &LimitScale::placed, this, [this](double limit, double big) {
    if (const auto rule = ruleNow(rule_)) change(tr("Move a limit"), limit, big, rule->off);
  });
  column->addWidget(scale_);
  effect_ = label(15, Weight::kMedium);
  effect_->setObjectName(QStringLiteral("effect"));
  column->addWidget(effect_);
  changes_ = new QVBoxLayout;
  changes_->setSpacing(0);
  column->addLayout(changes_);
  source_ = label(14, Weight::kRegular, true);
  column->addWidget(source_);
  const auto section = [&](const QString& text) {
    QLabel* l = label(16, Weight::kSemiBold);
    l->setText(text);
    l->setContentsMargins(0, 10, 0, 0);
    column->addWidget(l);
    auto* list = new QVBoxLayout;
    list->setSpacing(3);
    column->addLayout(list);
    return list;
  };
  schools_ = section(tr("Schools"));
  causes_ = section(tr("Causes, in the order in which they are checked"));
  cues_ = section(tr("Said"));
  column->addStretch(1);
  page_ = new QScrollArea;
  page_->setAccessibleName(tr("The rule"));
  page_->setWidgetResizable(true);
  page_->setFrameShape(QFrame::NoFrame);
  page_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  page_->setWidget(body);
  row->addWidget(page_, 1);
}

void HouseBookView::focusRules() {
  rules_->setFocus();
}

void HouseBookView::open() {
  undo_.setActiveStack(&stack_);
  const auto book = house_.houseBook();
  if (!book) {
    emit trouble(QString::fromStdString(book.error().text));
    return;
  }
  book_ = *book;
  log_rule_.clear();
  refreshRules();
}

// Of the rule shown: what it measures on every set, by a connection of its own, since a house file is used
// by one thread.
void HouseBookView::readLog(const Rule& rule) {
  log_.reset();
  now_.clear();
  log_rule_ = rule.id;
  if (progress_) progress_->stop = true;
  progress_ = std::make_shared<Progress>();
  std::vector<MeasureId> measures = rule.measures;
  if (rule.where) measures.push_back(rule.where->measure);
  reading_.setFuture(QtConcurrent::run(
      [path = house_.path(), measures, progress = progress_]() -> std::shared_ptr<const BookLog> {
        auto out = std::make_shared<BookLog>();
        auto house = HouseFile::openAgain(path);
        if (!house) return out;
        std::vector<AthleteRecord> athletes;
        if (const auto all = house->athletes())
          for (const Athlete& a : *all)
            if (auto record = house->loadRecord(a.id)) {
              out->names[a.id] = QString::fromStdString(a.name);
              athletes.push_back(std::move(*record));
            }
        std::vector<LoggedSet> sets;
        if (auto results = house->results({.measures = measures}))
          for (StoredResult& r : *results) {
            out->days[r.set.id] = r.set.day;
            sets.push_back({r.set.id, r.set.athlete, std::move(r.set.edit), r.across, std::move(r.measures),
                            std::move(r.found)});
          }
        if (auto log = prepareLog(athletes, std::move(sets), [&](double done) {
              progress->part = done;
              return !progress->stop;
            }))
          out->log = std::move(*log);
        return out;
      }));
}

QString HouseBookView::setWords(const VerdictChange& c) const {
  const auto name = log_->names.find(c.athlete);
  const auto day = log_->days.find(c.set);
  return tr("%1, %2: %3 → %4")
      .arg(name == log_->names.end() ? QString() : name->second,
           day == log_->days.end() ? QString() : dayWords(day->second, "d MMM"), words(c.before),
           words(c.after));
}

RuleBook HouseBookView::bookUnder() const {
  auto book = bookOfSchools({school_}, lift_);
  return book ? std::move(*book) : builtInRuleBook();
}

std::optional<Rule> HouseBookView::ruleWith(const std::string& id,
                                            const std::optional<RuleLayer>& house) const {
  RuleBook book = bookUnder();
  if (house)
    if (auto with = withHouse(book, *house)) book = std::move(*with);
  const Rule* rule = book.find(id);
  return rule != nullptr ? std::optional(*rule) : std::nullopt;
}

bool HouseBookView::changedByHouse(const std::string& rule) const {
  return layer_ && std::any_of(layer_->changes.begin(), layer_->changes.end(),
                               [&](const RuleChange& c) { return c.rule == rule && c.school == school_; });
}

void HouseBookView::showFor(const std::string& school) {
  school_ = school;
  refreshRules();
}

void HouseBookView::refreshWhose() {
  const QSignalBlocker quiet(whose_);
  whose_->clear();
  whose_->addItem(tr("Changes hold for everybody"), QString());
  for (const RuleLayer& school : builtInSchools())
    if (school.isFor(lift_))
      whose_->addItem(tr("Changes hold where “%1” judges").arg(ofBook(school.title)),
                      QString::fromStdString(school.name));
  int at = whose_->findData(QString::fromStdString(school_));
  if (at < 0) {
    school_.clear();
    at = 0;
  }
  whose_->setCurrentIndex(at);
}

void HouseBookView::refreshRules() {
  layer_.reset();
  own_cues_.clear();
  own_causes_ = {};
  refreshGear();
  refreshWhose();
  if (!book_.rules.empty()) {
    auto layer = parseRuleLayer(book_.rules, "house");
    if (layer)
      layer_ = std::move(*layer);
    else
      emit trouble(QString::fromStdString(layer.error().text));
  }
  if (!book_.cues.empty())
    if (auto cues = parseCueBook(book_.cues, "own cues")) own_cues_ = std::move(cues->cues);
  if (auto causes = parseHouseCauses(book_.causes, "own causes")) own_causes_ = std::move(*causes);
  for (std::size_t k = 0; k < lifts_.size(); ++k) lifts_[k]->setChecked(static_cast<Lift>(k) == lift_);
  const QSignalBlocker quiet(rules_);
  rules_->clear();
  RuleBook now = bookUnder();
  if (layer_)
    if (auto with = withHouse(now, *layer_)) now = std::move(*with);
  for (const Rule& rule : now.rules) {
    if (!rule.isFor(lift_)) continue;
    QString text = ofBook(rule.says);
    if (rule.off) text += tr(" · off");
    if (changedByHouse(rule.id)) text += tr(" · own");
    auto* item = new QListWidgetItem(text, rules_);
    item->setData(Qt::UserRole, QString::fromStdString(rule.id));
    item->setToolTip(QString::fromStdString(rule.id));
    if (rule.id == rule_) rules_->setCurrentItem(item);
  }
  if (rules_->currentItem() == nullptr && rules_->count() > 0) {
    rules_->setCurrentRow(0);
    rule_ = rules_->item(0)->data(Qt::UserRole).toString().toStdString();
  }
  refreshRule();
}

void HouseBookView::showLift(Lift lift) {
  lift_ = lift;
  rule_.clear();
  refreshRules();
}

void HouseBookView::showRule(const QString& id) {
  rule_ = id.toStdString();
  for (int k = 0; k < rules_->count(); ++k)
    if (rules_->item(k)->data(Qt::UserRole).toString() == id) {
      const QSignalBlocker quiet(rules_);
      rules_->setCurrentRow(k);
    }
  refreshRule();
  page_->ensureVisible(0, 0);
}

void HouseBookView::refreshRule() {
  const auto rule = ruleNow(rule_);
  clearLayout(changes_);
  if (!rule) return;
  heading_->setText(ofBook(rule->says));
  const MeasureDefinition& d = definitionOf(rule->measures.front());
  const QString unit = unitWords(d.unit), limit = numberWords(rule->limit), big = numberWords(rule->big);
  const QString side = rule->fault == FaultSide::kAbove ? tr("above %1%3; big from %2%3")
                       : rule->fault == FaultSide::kBelow
                           ? tr("below %1%3; big from %2%3")
                           : tr("more than %1%3 to either side; big from %2%3");
  QString meaning = tr("%1 %2.").arg(measureWords(d.id)).arg(side.arg(limit, big, unit));
  if (!meaning.isEmpty()) meaning[0] = meaning[0].toUpper();
  if (rule->of == RuleOf::kUsual) meaning += QLatin1Char(' ') + tr("Against what is usual for the athlete.");
  meaning += QLatin1Char(' ') + (rule->reps > 1 ? tr("On %1 reps at least.").arg(rule->reps) : QString()) +
             tr(" Not judged with an error beyond ± %1%2.").arg(numberWords(rule->max_sd), unit);
  for (const RuleException& e : rule->exceptions)
    meaning += QLatin1Char(' ') + (e.off.value_or(false)
                                       ? tr("Not where %1.").arg(ofBook(e.why))
                                       : tr("Where %1: from %2%4, big from %3%4.")
                                             .arg(ofBook(e.why), numberWords(e.limit.value_or(rule->limit)),
                                                  numberWords(e.big.value_or(rule->big)), unit));
  meaning_->setText(meaning.simplified());
  source_->setText(tr("Why these numbers: %1").arg(ofBook(rule->source)));
  force_->setText(rule->off ? tr("put in force") : tr("put out of force"));
  reset_->setVisible(changedByHouse(rule_));
  if (rule->id != log_rule_) readLog(*rule);
  std::vector<double> values;
  if (log_) {
    now_ = judgeRule(log_->log, rule_, layer_);
    for (const RuleVerdict& v : now_)
      if (v.value) values.push_back(*v.value);
  }
  scale_->setRule(*rule, values);
  if (log_) showEffect(rule->limit, rule->big, rule->off);
  refreshSchools(*rule);
  refreshCauses();
  refreshCues();
}

void HouseBookView::refreshSchools(const Rule& rule) {
  clearLayout(schools_);
  const QString unit = unitWords(definitionOf(rule.measures.front()).unit);
  bool any = false;
  for (const RuleLayer& school : builtInSchools())
    for (const RuleChange& c : school.changes) {
      if (c.rule != rule.id) continue;
      any = true;
      QString what;
      if (c.off) what = *c.off ? tr("not judged") : tr("judged");
      if (c.limit || c.big)
        what =
            tr("from %1%3, big from %2%3")
                .arg(numberWords(c.limit.value_or(rule.limit)), numberWords(c.big.value_or(rule.big)), unit);
      for (const RuleChange& own : layer_ ? layer_->changes : std::vector<RuleChange>{})
        if (own.rule == c.rule && own.school == school.name)
          what +=
              own.limit || own.big
                  ? tr("; in this house from %1%3, big from %2%3")
                        .arg(numberWords(own.limit.value_or(rule.limit)),
                             numberWords(own.big.value_or(rule.big)), unit)
                  : tr("; in this house %1").arg(own.off.value_or(false) ? tr("not judged") : tr("judged"));
      auto* row = new QHBoxLayout;
      QLabel* l = label(14, Weight::kRegular);
      l->setText(tr("%1: %2. %3").arg(ofBook(school.title), what, ofBook(c.why)));
      row->addWidget(l, 1);
      if (school.isFor(lift_)) {
        QPushButton* b = button(tr("change"), tr("Move what this school says, in this house"), true);
        b->setProperty("what", QStringLiteral("change school"));
        connect(b, &QPushButton::clicked, this, [this, name = school.name] { showFor(name); });
        row->addWidget(b, 0, Qt::AlignTop);
      }
      schools_->addLayout(row);
    }
  if (!any) {
    QLabel* l = label(14, Weight::kRegular, true);
    l->setText(tr("All schools take this as it is."));
    schools_->addWidget(l);
  }
}

// "bar 20, axle 25 lb": a name and what it weighs, the one that is usually taken first.
QString HouseBookView::takeBars(const QString& text) {
  Gear after = gear_;
  after.bars.clear();
  for (const QString& entry : text.split(QLatin1Char(','), Qt::SkipEmptyParts)) {
    static const QRegularExpression form(QStringLiteral("^\\s*(\\D*?)\\s*([\\d.]+)\\s*(kg|lb)?\\s*$"));
    const auto match = form.match(entry);
    const double v = match.captured(2).toDouble();
    if (!match.hasMatch() || !(v > 0.0 && v <= 100.0))
      return tr("“%1” is no bar: say a name and what it weighs, as in “bar 20, axle 25 lb”.")
          .arg(entry.trimmed());
    BarKind bar;
    bar.name = match.captured(1).isEmpty() ? tr("bar").toStdString() : match.captured(1).toStdString();
    bar.in_lb = match.captured(3) == QLatin1String("lb");
    bar.mass = bar.in_lb ? Mass::ofLb(v) : Mass::ofKg(v);
    if (after.bar(bar.name) != nullptr)
      return tr("“%1” is said twice.").arg(QString::fromStdString(bar.name));
    after.bars.push_back(std::move(bar));
  }
  if (after.bars.empty()) return tr("A room has a bar: say its name and what it weighs.");
  putGear(tr("Say which bars there are"), after);
  return {};
}

void HouseBookView::putGear(const QString& text, const Gear& gear) {
  push(text, {book_.rules, book_.cues, book_.causes, toToml(gear)});
}

void HouseBookView::refreshGear() {
  gear_ = usualGear();
  if (!book_.gear.empty())
    if (auto gear = parseGear(book_.gear, "gear")) gear_ = std::move(*gear);
  QStringList bars;
  for (const BarKind& b : gear_.bars)
    bars << QStringLiteral("%1 %2%3")
                .arg(QString::fromStdString(b.name))
                .arg(b.in_lb ? b.mass.lb() : b.mass.kg())
                .arg(b.in_lb ? QStringLiteral(" lb") : QString());
  QStringList plates;
  for (const PlateKind& p : gear_.plates)
    plates << QStringLiteral("%1%2x%3")
                  .arg(p.in_lb ? p.each.lb() : p.each.kg())
                  .arg(p.in_lb ? QStringLiteral("lb") : QString())
                  .arg(p.count);
  const auto put = [](Word* word, const QString& text) {
    word->setText(QFontMetrics(word->font()).elidedText(text, Qt::ElideRight, 310));
    word->setEditText(text);
    word->setToolTip(text);
  };
  put(bars_word_, bars.join(QStringLiteral(", ")));
  put(plates_word_, plates.join(QStringLiteral(", ")));
  put(collar_word_, kilograms(gear_.collar.kg()));
  gear_sentence_->relayout();
}

void HouseBookView::refreshCauses() {
  clearLayout(causes_);
  const auto add = [&](const Cause& cause, bool off, const QString& text, const QString& help, auto act) {
    auto* row = new QHBoxLayout;
    QLabel* l = label(14, Weight::kRegular, off);
    QString words = tr("%1: %2").arg(ofBook(cause.title), ofBook(cause.next_set));
    if (cause.own) words += QLatin1Char(' ') + tr("Own.");
    if (off) words += QLatin1Char(' ') + tr("Not looked for.");
    l->setText(words);
    row->addWidget(l, 1);
    QPushButton* b = button(text, help, true);
    b->setProperty("what", cause.own ? QStringLiteral("remove cause") : QStringLiteral("strike cause"));
    connect(b, &QPushButton::clicked, this, act);
    row->addWidget(b, 0, Qt::AlignTop);
    causes_->addLayout(row);
  };
  for (const Cause& cause : builtInCauseBook().causes) {
    if (!cause.isOf(rule_)) continue;
    const bool off =
        std::find(own_causes_.off.begin(), own_causes_.off.end(), cause.id) != own_causes_.off.end();
    add(cause, off, off ? tr("put back") : tr("strike"),
        off ? tr("Look for this cause again") : tr("This house does not look for this cause"),
        [this, off, id = cause.id] {
          HouseCauses after = own_causes_;
          std::erase(after.off, id);
          if (!off) after.off.push_back(id);
          putCauses(off ? tr("Put a cause back") : tr("Strike a cause"), after);
        });
  }
  for (const Cause& cause : own_causes_.own)
    if (cause.isOf(rule_))
      add(cause, false, tr("remove"), tr("Take the cause out of the book"), [this, id = cause.id] {
        HouseCauses after = own_causes_;
        std::erase_if(after.own, [&](const Cause& c) { return c.id == id; });
        putCauses(tr("Remove a cause"), after);
      });
  auto* line = new TypingLine;
  line->setObjectName(QStringLiteral("own cause"));
  line->setPlaceholderText(tr("Own cause: what is done on the next set; Enter keeps it"));
  line->setAccessibleName(tr("Own cause, a colon, and what is done"));
  connect(line, &QLineEdit::returnPressed, this, [this, line] { addCause(line->text().simplified()); });
  causes_->addWidget(line);
}

void HouseBookView::addCause(const QString& words) {
  if (words.isEmpty()) return;
  const QString title = words.section(QLatin1Char(':'), 0, 0).trimmed(),
                next = words.section(QLatin1Char(':'), 1).trimmed();
  if (title.isEmpty() || next.isEmpty()) {
    emit trouble(
        tr("Say the cause, a colon, and what is done on the next set: “tired from a call-out: take "
           "some off”."));
    return;
  }
  HouseCauses after = own_causes_;
  Cause cause;
  cause.id = freeId(after.own);
  cause.rules = {rule_};
  cause.title = title.toStdString();
  cause.next_set = next.toStdString();
  cause.own = true;
  after.own.push_back(std::move(cause));
  putCauses(tr("Add a cause"), after);
}

void HouseBookView::putCauses(const QString& text, const HouseCauses& causes) {
  push(text, {book_.rules, book_.cues, toToml(causes), book_.gear});
}

void HouseBookView::refreshCues() {
  clearLayout(cues_);
  const auto book = withOwnCues(book_.cues);
  const CueBook& all = book ? *book : builtInCueBook();
  for (const Cue* cue : all.forRule(rule_)) {
    auto* row = new QHBoxLayout;
    QLabel* l = label(14, Weight::kRegular);
    l->setText(tr("“%1” %2").arg(ofBook(cue->words), cue->own ? tr("Own.") : cueWayWords(cue->way)));
    row->addWidget(l, 1);
    if (cue->own) {
      QPushButton* b = button(tr("remove"), tr("Take the cue out of the book"), true);
      b->setProperty("what", QStringLiteral("remove cue"));
      connect(b, &QPushButton::clicked, this, [this, id = cue->id] {
        std::vector<Cue> after = own_cues_;
        std::erase_if(after, [&](const Cue& c) { return c.id == id; });
        push(tr("Remove a cue"), {book_.rules, toToml(after), book_.causes, book_.gear});
      });
      row->addWidget(b);
    }
    cues_->addLayout(row);
  }
  auto* line = new TypingLine;
  line->setObjectName(QStringLiteral("own cue"));
  line->setPlaceholderText(tr("Own words for this; Enter keeps them"));
  line->setAccessibleName(tr("Own cue"));
  connect(line, &QLineEdit::returnPressed, this, [this, line] { addCue(line->text().simplified()); });
  cues_->addWidget(line);
}

void HouseBookView::addCue(const QString& words) {
  if (words.isEmpty()) return;
  std::vector<Cue> after = own_cues_;
  after.push_back({freeId(after), {rule_}, CueWay::kBody, words.toStdString(), {}, true});
  push(tr("Add a cue"), {book_.rules, toToml(after), book_.causes, book_.gear});
}

QString HouseBookView::effect() const {
  return effect_->text();
}

// What a limit would change, in one sentence with the sets behind it.
void HouseBookView::showEffect(double limit, double big, bool off) {
  if (!log_) return;
  const auto after = judgeRule(log_->log, rule_, withChange(limit, big, off));
  const auto changes = changesBetween(now_, after);
  const auto clear = std::count_if(after.begin(), after.end(), [](const RuleVerdict& v) {
    return v.is && v.is->certainty == Certainty::kClear;
  });
  if (changes.empty()) {
    effect_->setText(now_.empty()
                         ? tr("No stored set is judged by this rule yet.")
                         : tr("Found clearly on %1 of %2 stored sets.").arg(clear).arg(after.size()));
    return;
  }
  QStringList lines;
  constexpr std::size_t kShown = 6;
  for (std::size_t k = 0; k < std::min(kShown, changes.size()); ++k) {
    const VerdictChange& c = changes[k];
    lines << setWords(c);
  }
  if (changes.size() > kShown) lines << tr("and %1 more").arg(changes.size() - kShown);
  effect_->setText(tr("Moving this changes %1 of %2 verdicts:").arg(changes.size()).arg(after.size()) +
                   QLatin1Char('\n') + lines.join(QLatin1Char('\n')));
}

std::optional<RuleLayer> HouseBookView::withChange(double limit, double big, bool off) const {
  RuleLayer layer = layer_.value_or(emptyLayer());
  std::erase_if(layer.changes, [&](const RuleChange& c) { return c.rule == rule_ && c.school == school_; });
  const auto before = ruleWith(rule_, layer);
  if (before && (before->limit != limit || before->big != big || before->off != off)) {
    RuleChange c;
    c.rule = rule_;
    c.school = school_;
    c.limit = limit;
    c.big = big;
    if (before->off != off) c.off = off;
    c.why = "Set by the coach of this house.";
    layer.changes.push_back(std::move(c));
  }
  if (layer.changes.empty() && layer.rules.empty()) return std::nullopt;
  return layer;
}

void HouseBookView::change(const QString& text, double limit, double big, bool off) {
  const auto before = now_;
  const auto layer = withChange(limit, big, off);
  push(text, {layer ? toToml(*layer) : std::string(), book_.cues, book_.causes, book_.gear});
  // The sets whose verdict is another now, to be looked at.
  const auto changes = changesBetween(before, now_);
  clearLayout(changes_);
  constexpr std::size_t kShown = 6;
  for (std::size_t k = 0; k < std::min(kShown, changes.size()); ++k) {
    const VerdictChange& c = changes[k];
    QPushButton* b = button(setWords(c), tr("Open this set"), true);
    b->setProperty("what", QStringLiteral("open set"));
    connect(b, &QPushButton::clicked, this, [this, id = c.set] { emit openSetWanted(id); });
    changes_->addWidget(b, 0, Qt::AlignLeft);
  }
  if (!changes.empty())
    effect_->setText(tr("%1 of %2 verdicts are others now:").arg(changes.size()).arg(now_.size()));
}

void HouseBookView::push(const QString& text, const HouseBook& after) {
  if (after == book_) return;
  stack_.push(new EditBook(*this, text, book_, after));
}

void HouseBookView::put(const HouseBook& book) {
  if (auto ok = house_.saveHouseBook(book); !ok) {
    emit trouble(QString::fromStdString(ok.error().text));
    return;
  }
  book_ = book;
  refreshRules();
  emit changed();
}

// A layer of rules, own cues, own causes, or bars and plates: told apart by what is in it.
void HouseBookView::bringIn(const QString& file) {
  QFile in(file);
  if (!in.open(QIODevice::ReadOnly)) {
    emit trouble(tr("“%1” cannot be read: %2.").arg(file, in.errorString()));
    return;
  }
  const std::string name = QFileInfo(file).fileName().toStdString(), text = in.readAll().toStdString();
  if (!isRuleLayer(text) && text.find("[[cue]]") != std::string::npos) {
    const auto cues = parseCueBook(text, name);
    const auto with = cues ? withOwnCues(text) : cues;
    if (!with) {
      emit trouble(QString::fromStdString(with.error().text));
      return;
    }
    return push(tr("Bring in cues"), {book_.rules, toToml(cues->cues), book_.causes, book_.gear});
  }
  if (!isRuleLayer(text) && text.find("[[cause]]") != std::string::npos) {
    const auto causes = parseHouseCauses(text, name);
    if (!causes) {
      emit trouble(QString::fromStdString(causes.error().text));
      return;
    }
    return putCauses(tr("Bring in causes"), *causes);
  }
  if (!isRuleLayer(text) && text.find("[[bar]]") != std::string::npos) {
    const auto gear = parseGear(text, name);
    if (!gear) {
      emit trouble(QString::fromStdString(gear.error().text));
      return;
    }
    return putGear(tr("Bring in bars and plates"), *gear);
  }
  auto layer = parseRuleLayer(text, name);
  if (layer) {
    layer->name = "house";
    if (auto laid = withHouse(builtInRuleBook(), *layer); !laid) layer = tl::make_unexpected(laid.error());
  }
  if (!layer) {
    emit trouble(QString::fromStdString(layer.error().text));
    return;
  }
  for (Rule& rule : layer->rules) rule.school = "house";
  push(tr("Bring in a layer"), {toToml(*layer), book_.cues, book_.causes, book_.gear});
}

// The rules; what else is the house's own in files beside it.
void HouseBookView::takeOut(const QString& file) {
  const auto write = [&](const QString& to, const std::string& text) {
    QSaveFile out(to);
    const bool ok = out.open(QIODevice::WriteOnly) &&
                    out.write(text.data(), static_cast<qint64>(text.size())) >= 0 && out.commit();
    if (!ok) emit trouble(tr("“%1” cannot be written: %2.").arg(to, out.errorString()));
    return ok;
  };
  if (!write(file, toToml(layer_.value_or(emptyLayer())))) return;
  const QFileInfo info(file);
  QStringList beside;
  for (const auto& [kind, text] :
       {std::pair{"cues", &book_.cues}, {"causes", &book_.causes}, {"gear", &book_.gear}}) {
    if (text->empty()) continue;
    const QString name =
        info.completeBaseName() + QLatin1Char('.') + QLatin1String(kind) + QStringLiteral(".toml");
    if (!write(info.dir().filePath(name), *text)) return;
    beside << name;
  }
  if (!beside.isEmpty())
    emit trouble(tr("What else is the house's own was written beside it: %1.").arg(beside.join(tr(", "))));
}

void HouseBookView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) {
    emit backWanted();
    return;
  }
  QWidget::keyPressEvent(event);
}

void HouseBookView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
