#include "desk/today_view.h"

#include <algorithm>

#include <QCheckBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "core/log/lift_history.h"
#include "desk/judging_jobs.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/story_chart.h"
#include "desk/theme.h"
#include "desk/written_sets.h"
#include "report/load_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr std::array kLifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};

// "on 20 + 2.5, off 10"
QString changeOf(const BarTurn& turn) {
  const auto list = [](const std::vector<PlateKind>& plates) {
    QStringList out;
    for (const PlateKind& p : plates)
      for (int n = 0; n < p.count; ++n)
        out << (p.in_lb ? QObject::tr("%1 lb").arg(p.each.lb()) : QString::number(p.each.kg()));
    return out.join(QStringLiteral(" + "));
  };
  QStringList parts;
  if (turn.other_bar) parts << QObject::tr("the %1").arg(QString::fromStdString(turn.step.loading.bar.name));
  if (!turn.off.empty()) parts << QObject::tr("off %1").arg(list(turn.off));
  if (!turn.on.empty()) parts << QObject::tr("on %1").arg(list(turn.on));
  return parts.isEmpty() ? QObject::tr("as it is") : parts.join(QStringLiteral(", "));
}

}  // namespace

TodayView::TodayView(HouseFile& house, QUndoGroup& undo, QDate today, QWidget* parent)
    : QWidget(parent), house_(house), undo_(undo), today_(today) {
  undo_.addStack(&stack_);
  build();
  connect(&planning_, &QFutureWatcherBase::finished, this, [this] {
    if (planning_.isFinished()) takePlanned();  // not when it has been begun anew meanwhile
  });
}

TodayView::~TodayView() {
  planning_.disconnect();
  planning_.waitForFinished();
}

void TodayView::build() {
  setFocusPolicy(Qt::ClickFocus);  // Tab goes to what is in it
  setAccessibleName(tr("Today"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 14, 20, 14);
  column->setSpacing(6);
  QLabel* title = label(21, Weight::kSemiBold);
  title->setText(dayWords(today_, "dddd d MMMM"));
  column->addWidget(title);

  auto* entry_row = new QHBoxLayout;
  line_ = new TypingLine;
  line_->setObjectName(QStringLiteral("quick entry"));
  line_->setFont(type(18));
  line_->setAccessibleName(tr("Write sets down"));
  line_->setPlaceholderText(
      tr("Write sets down: “Runa squat 3x5 82.5 @8”, “60x5, 70x5, 75x4/5 @9.5 “left knee””"));
  write_ =
      button(tr("Write down · Enter"), tr("Keep these sets in the log; a film can be added to one later"));
  write_->setProperty("what", QStringLiteral("write down"));
  auto* old_log = button(tr("An old log (CSV)… · Ctrl+I"), tr("Bring in sets from a table"), true);
  old_log->setProperty("what", QStringLiteral("old log"));
  entry_row->addWidget(line_, 1);
  entry_row->addWidget(write_);
  entry_row->addWidget(old_log);
  column->addLayout(entry_row);
  understood_ = label(14, Weight::kRegular, true);
  understood_->setObjectName(QStringLiteral("understood"));
  column->addWidget(understood_);
  connect(line_, &QLineEdit::textChanged, this, &TodayView::understand);
  connect(line_, &QLineEdit::returnPressed, this, &TodayView::writeDown);
  connect(write_, &QPushButton::clicked, this, &TodayView::writeDown);
  connect(old_log, &QPushButton::clicked, this, &TodayView::importWanted);
  addKey(this, QKeySequence(Qt::CTRL | Qt::Key_I), tr("An old log (CSV)"), this, &TodayView::importWanted);
  sayKey(this, tr("Enter"), tr("Write down what the line says"));
  sayKey(this, tr("Delete"), tr("On a set of today: take it out"));

  auto* row = new QHBoxLayout;
  row->setSpacing(26);
  auto* left = new QVBoxLayout;
  left->setSpacing(4);
  QLabel* who = label(18, Weight::kSemiBold);
  who->setText(tr("Who does what"));
  left->addWidget(who);
  nobody_ = label(15, Weight::kRegular, true);
  left->addWidget(nobody_);
  who_body_ = new QWidget;
  who_ = new QVBoxLayout(who_body_);
  who_->setContentsMargins(0, 0, 8, 0);
  who_->setSpacing(2);
  auto* scroll = new QScrollArea;
  scroll->setAccessibleName(tr("Who does what"));
  scroll->setWidgetResizable(true);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setWidget(who_body_);
  left->addWidget(scroll, 3);
  QLabel* written = label(18, Weight::kSemiBold);
  written->setText(tr("Written down today"));
  left->addWidget(written);
  done_ = new QListWidget;
  done_->setObjectName(QStringLiteral("written today"));
  done_->setAccessibleName(tr("Sets written down today"));
  done_->setFont(type(14));
  done_->setWordWrap(true);
  connect(done_, &QListWidget::itemActivated, this,
          [this](QListWidgetItem* item) { emit setWanted(SetId{item->data(Qt::UserRole).toLongLong()}); });
  left->addWidget(done_, 2);
  auto* done_row = new QHBoxLayout;
  auto* open_set =
      button(tr("Open · Enter"), tr("Open the sheet of the chosen set; a film can be added there"), true);
  connect(open_set, &QPushButton::clicked, this, [this] {
    if (done_->currentItem() != nullptr)
      emit setWanted(SetId{done_->currentItem()->data(Qt::UserRole).toLongLong()});
  });
  take_out_ = button(tr("Take out · Del"), tr("Take the chosen set out of the log; undo puts it back"), true);
  take_out_->setProperty("what", QStringLiteral("take set out"));
  connect(take_out_, &QPushButton::clicked, this, &TodayView::takeOut);
  done_row->addWidget(open_set);
  done_row->addWidget(take_out_);
  done_row->addStretch(1);
  left->addLayout(done_row);
  row->addLayout(left, 58);

  auto* right = new QVBoxLayout;
  right->setSpacing(4);
  bar_ = new Sentence(18);
  bar_->addText(tr("One bar for"));
  bar_lift_ = bar_->addWord(tr("lift on the bar"), [this](const QString& text) {
    for (const Lift lift : kLifts)
      if (text.compare(liftWords(lift), Qt::CaseInsensitive) == 0) {
        lift_ = lift;
        refreshOrder();
        return QString();
      }
    return tr("The lift is squat, bench press or deadlift.");
  });
  bar_lift_->setText(liftWords(lift_));
  bar_lift_->setChoices({liftWords(Lift::kSquat), liftWords(Lift::kBench), liftWords(Lift::kDeadlift)});
  bar_->addText(tr(", in this order:"));
  right->addWidget(bar_);
  turns_ = new QListWidget;
  turns_->setObjectName(QStringLiteral("bar order"));
  turns_->setAccessibleName(tr("The bar, in order"));
  turns_->setFont(type(14));
  turns_->setWordWrap(true);
  right->addWidget(turns_, 1);
  row->addLayout(right, 42);
  column->addLayout(row, 1);
  for (QListWidget* list : {turns_, done_}) {
    list->setFrameShape(QFrame::NoFrame);
    list->setSpacing(2);
  }
  caution_ = label(13, Weight::kRegular, true);
  caution_->setText(
      tr("Safeties, collars and spotters first; nobody presses alone without them. Pain, numbness or "
         "dizziness: stop, and see a "
         "licensed clinician. Local rules come first."));
  column->addWidget(caution_);
}

Day TodayView::day() const {
  return dayNamed(today_.toString(Qt::ISODate).toStdString()).value_or(Day{});
}

std::vector<NamedAthlete> TodayView::people() const {
  std::vector<NamedAthlete> out;
  if (const auto athletes = house_.athletes())
    for (const Athlete& a : *athletes) out.push_back({a.id, a.name});
  return out;
}

void TodayView::open() {
  undo_.setActiveStack(&stack_);
  gear_ = usualGear();
  if (const auto book = house_.houseBook(); book && !book->gear.empty())
    if (auto gear = parseGear(book->gear, "gear")) gear_ = std::move(*gear);
  refresh();
  line_->setFocus();
}

QuickEntry TodayView::entry() const {
  QuickDefaults defaults;
  defaults.athlete = last_who_;
  defaults.lift = last_lift_;
  defaults.today = day();
  return parseQuickEntry(line_->text().toStdString(), people(), defaults);
}

void TodayView::understand() {
  if (line_->text().trimmed().isEmpty()) {
    understood_->setText(
        tr("Load × reps, or sets × reps × load; @8 how hard it was felt, ~9 how hard it looked; 4/5 four of "
           "five; notes in quotes."));
    write_->setEnabled(false);
    return;
  }
  const QuickEntry e = entry();
  write_->setEnabled(e.wrong.empty());
  if (!e.wrong.empty()) return understood_->setText(QString::fromStdString(e.wrong));
  QStringList parts;
  for (std::size_t k = 0; k < e.sets.size();) {
    const QuickSet& s = e.sets[k];
    std::size_t same = 1;
    while (k + same < e.sets.size() && e.sets[k + same].load_kg == s.load_kg &&
           e.sets[k + same].reps_done == s.reps_done && e.sets[k + same].athlete == s.athlete &&
           e.sets[k + same].lift == s.lift)
      ++same;
    const QuickSet& last = e.sets[k + same - 1];
    QString name;
    for (const NamedAthlete& who : people())
      if (who.id == s.athlete) name = QString::fromStdString(who.name);
    QString words = tr("%1, %2 %3: %4 × %5 × %6")
                        .arg(name, liftWords(s.lift), QString::fromStdString(s.variant))
                        .arg(same)
                        .arg(s.reps_done)
                        .arg(kilograms(s.load_kg));
    if (s.reps_asked != s.reps_done) words += tr(" of %1").arg(s.reps_asked);
    if (last.effort_felt) words += tr(", felt %1").arg(effortNumber(*last.effort_felt));
    if (last.effort_seen) words += tr(", looked like %1").arg(effortNumber(*last.effort_seen));
    for (const Condition c : last.conditions) words += QStringLiteral(", ") + conditionWords(c);
    if (!last.note.empty())
      words += QStringLiteral(", “") + QString::fromStdString(last.note) + QStringLiteral("”");
    if (s.day != day()) words += tr(", on %1").arg(QString::fromStdString(nameOf(s.day)));
    parts << words;
    k += same;
  }
  understood_->setText(parts.join(QStringLiteral(" · ")));
}

bool TodayView::writeDown() {
  const QuickEntry e = entry();
  if (!e.wrong.empty()) {
    understood_->setText(QString::fromStdString(e.wrong));
    return false;
  }
  std::vector<SetRecord> sets;
  std::set<AthleteId> who;
  for (const QuickSet& s : e.sets)
    if (who.insert(*s.athlete).second)
      for (SetRecord& r : recordsOf(e, *s.athlete)) sets.push_back(std::move(r));
  last_who_ = e.sets.back().athlete;
  last_lift_ = e.sets.back().lift;
  stack_.push(new WriteSets(
      house_, sets, sets.size() == 1 ? tr("Write down a set") : tr("Write down %1 sets").arg(sets.size()),
      [this](const QString& wrong) {
        if (!wrong.isEmpty()) emit trouble(wrong);
        refresh();
        emit changed();
      }));
  line_->clear();
  return true;
}

void TodayView::takeOut() {
  if (done_->currentItem() == nullptr) return;
  const SetId id{done_->currentItem()->data(Qt::UserRole).toLongLong()};
  stack_.push(new TakeSetOut(house_, id, [this](const QString& wrong) {
    if (!wrong.isEmpty()) emit trouble(wrong);
    refresh();
    emit changed();
  }));
}

void TodayView::refresh() {
  const LayoutPause pause(*this);
  plan();
  refreshDone();
  understand();
}

void TodayView::plan() {
  plan_anew_ = being_planned_;
  if (being_planned_) return;
  being_planned_ = true;
  refreshNobody();
  planning_.setFuture(QtConcurrent::run([path = house_.path(), gear = gear_, day = day()] {
    giveWay();
    return planDay(path, gear, day);
  }));
}

void TodayView::takePlanned() {
  if (!being_planned_) return;  // taken already
  being_planned_ = false;
  if (plan_anew_) return plan();
  const LayoutPause pause(*this);
  PlannedDay planned = planning_.result();
  for (const QString& problem : planned.problems) emit trouble(problem);
  // What could not be read is said, and not taken for nobody having a plan.
  if (planned.rows.empty() && !planned.problems.isEmpty()) return nobody_->hide();
  rows_ = std::move(planned.rows);
  refreshWho();
  refreshOrder();
}

void TodayView::settle() {
  while (being_planned_) {
    planning_.waitForFinished();
    takePlanned();
  }
}

TodayView::PlannedDay TodayView::planDay(const std::filesystem::path& path, const Gear& gear, Day day) {
  PlannedDay out;
  const auto house = HouseFile::openAgain(path);
  const auto athletes = house ? house->athletes() : tl::make_unexpected(house.error());
  if (!athletes) {
    out.problems << QString::fromStdString(athletes.error().text);
    return out;
  }
  struct Wanted {
    Row row;
    LiftHistory history;
    Expected<NextSession> next;
  };
  std::vector<Wanted> wanted;
  const PlanBook& book = builtInPlanBook();
  for (const Athlete& a : *athletes) {
    const auto who = house->loadRecord(a.id);
    if (!who) continue;
    for (const LiftAim& aim : who->aims) {
      const LiftPlan* plan = book.find(aim.plan);
      if (plan == nullptr) continue;
      LogQuery of_lift;
      of_lift.athlete = a.id;
      of_lift.lift = aim.lift;
      const auto lines = house->search(of_lift);
      if (!lines) {
        out.problems << QString::fromStdString(lines.error().text);
        continue;
      }
      std::string variant(usualVariant(aim.lift)), equipment;
      int done = 0;
      for (const LogLine& l : *lines) {
        variant = l.variant;
        equipment = l.equipment;
        done += l.day == day ? 1 : 0;
      }
      const auto place = placeOf(*who, *lines, aim.lift);
      wanted.push_back({{*who,
                         aim.lift,
                         plan,
                         {},
                         done,
                         riggingIn(equipment, gear),
                         place && !place->atTop() ? &place->ladder->rungs[place->now] : nullptr},
                        historyOf(*who, *lines, aim.lift, variant, day),
                        {}});
    }
  }
  QtConcurrent::blockingMap(wanted, [&](Wanted& one) {
    const Row& row = one.row;
    one.next = planNext(*row.plan, book.gates, one.history, day, {row.who.athlete.step_kg});
    if (!one.next || !row.on) return;
    NextSession on_plates = *one.next;
    if (putOnPlates(on_plates, gear, *row.on)) one.next = std::move(on_plates);
  });
  for (Wanted& one : wanted) {
    if (!one.next) {
      out.problems << QString::fromStdString(one.next.error().text);
      continue;
    }
    one.row.next = std::move(*one.next);
    out.rows.push_back(std::move(one.row));
  }
  return out;
}

void TodayView::refreshNobody() {
  nobody_->setText(being_planned_
                       ? tr("The day is being planned…")
                       : tr("Nobody has a plan yet: open Ahead (Ctrl+D) for an athlete, and choose one. Sets "
                            "can be written down all the same."));
  nobody_->setVisible(rows_.empty());
}

void TodayView::refreshWho() {
  if (who_body_->isAncestorOf(focusWidget())) setFocus();
  clearLayout(who_);
  refreshNobody();
  for (std::size_t k = 0; k < rows_.size(); ++k) {
    const Row& row = rows_[k];
    auto* check = new QCheckBox(
        QStringLiteral("%1, %2").arg(QString::fromStdString(row.who.athlete.name), liftWords(row.lift)));
    check->setFont(type(16, Weight::kMedium));
    check->setChecked(away_.count({row.who.athlete.id, row.lift}) == 0);
    check->setToolTip(tr("On today, and on the bar"));
    connect(check, &QCheckBox::toggled, this,
            [this, key = std::pair(row.who.athlete.id, row.lift)](bool there) {
              if (there)
                away_.erase(key);
              else
                away_.insert(key);
              refreshOrder();
            });
    who_->addWidget(check);
    QString words = sessionWords(row.next) + QStringLiteral(". ") +
                    planReason(row.next, *row.plan, builtInPlanBook().gates);
    if (row.done > 0)
      words = tr("%1 done; ").arg(row.done == 1 ? tr("1 set") : tr("%1 sets").arg(row.done)) + words;
    if (row.rung)
      words = tr("On the ladder at “%1”: %2 The plan goes on from its top.")
                  .arg(ofBook(row.rung->title), ofBook(row.rung->words));
    for (const Caution c : row.next.cautions)
      if (c == Caution::kPainOpen || c == Caution::kAfterIllness || c == Caution::kQualifiedPerson)
        words += QLatin1Char(' ') + cautionWords(c);
    QLabel* says = label(14, Weight::kRegular, true);
    says->setText(words);
    says->setContentsMargins(26, 0, 0, 6);
    who_->addWidget(says);
  }
  who_->addStretch(1);
}

void TodayView::refreshOrder() {
  bar_lift_->setText(liftWords(lift_));
  bar_->relayout();
  turns_->clear();
  order_.clear();
  std::vector<std::vector<BarStep>> steps;
  std::vector<QString> names;
  for (const Row& row : rows_) {
    if (!row.on || row.rung || row.lift != lift_ || row.next.sets.empty() ||
        away_.count({row.who.athlete.id, row.lift}) > 0)
      continue;
    auto own = stepsOf(steps.size(), row.next.sets, gear_, *row.on);
    if (!own) {
      emit trouble(QString::fromStdString(own.error().text));
      continue;
    }
    // Who has begun is warm.
    if (row.done > 0) std::erase_if(*own, [](const BarStep& s) { return s.warm_up; });
    steps.push_back(std::move(*own));
    names.push_back(QString::fromStdString(row.who.athlete.name));
  }
  order_ = loadingOrder(steps);
  for (const BarTurn& turn : order_)
    new QListWidgetItem(tr("%1   %2 × %3%4   %5")
                            .arg(names[turn.step.lifter])
                            .arg(turn.step.reps)
                            .arg(kilograms(turn.step.loading.total.kg()),
                                 turn.step.warm_up ? tr(", warm-up") : QString(), changeOf(turn)),
                        turns_);
  if (order_.empty()) {
    auto* none = new QListWidgetItem(tr("Nobody is on the bar for this lift."), turns_);
    none->setFlags(Qt::NoItemFlags);
  }
}

void TodayView::refreshDone() {
  const qlonglong at =
      done_->currentItem() != nullptr ? done_->currentItem()->data(Qt::UserRole).toLongLong() : 0;
  done_->clear();
  LogQuery query;
  query.since = query.until = day();
  const auto lines = house_.search(query);
  if (!lines) return emit trouble(QString::fromStdString(lines.error().text));
  const auto names = people();
  for (auto line = lines->rbegin(); line != lines->rend(); ++line) {
    if (line->filmed) continue;
    QString name;
    for (const NamedAthlete& who : names)
      if (who.id == line->athlete) name = QString::fromStdString(who.name);
    auto* item =
        new QListWidgetItem(QStringLiteral("%1, %2 · %3")
                                .arg(name, liftWords(line->lift),
                                     lineWords(*line, builtInRuleBook()).section(QStringLiteral(" · "), 1)),
                            done_);
    item->setData(Qt::UserRole, QVariant::fromValue(static_cast<qlonglong>(line->id)));
    if (static_cast<qlonglong>(line->id) == at) done_->setCurrentItem(item);
  }
  if (done_->currentItem() == nullptr && done_->count() > 0) done_->setCurrentRow(0);
  if (done_->count() == 0) {
    auto* none = new QListWidgetItem(tr("Nothing yet."), done_);
    none->setFlags(Qt::NoItemFlags);
  }
  take_out_->setEnabled(done_->currentItem() != nullptr);
}

void TodayView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

void TodayView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit backWanted();
  if (event->key() == Qt::Key_Delete && done_->hasFocus()) return takeOut();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
