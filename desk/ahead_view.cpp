#include "desk/ahead_view.h"

#include <algorithm>
#include <array>
#include <cmath>

#include <QFile>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLocale>
#include <QPdfWriter>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QRegularExpression>
#include <QSaveFile>
#include <QTextDocument>
#include <QVBoxLayout>

#include <nlohmann/json.hpp>

#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/plates_drawing.h"
#include "desk/theme.h"
#include "report/load_document.h"
#include "report/load_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr std::array kLifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};

// A day as people write it, in the language that is spoken or in English: an ISO date, "16 January", "16 Jan
// 2027"; the next one where no year is said.
std::optional<Day> dayIn(const QString& text, Day today) {
  if (const auto day = dayNamed(text.trimmed().toStdString())) return day;
  const QString t = text.simplified().replace(QLatin1String(". "), QLatin1String(" "));
  for (const QLocale& words : {spoken(), QLocale(QLocale::English)}) {
    auto read = [&](const QString& written, const char* format) {
      return words.toDate(written, QString::fromLatin1(format));
    };
    constexpr std::array kFormats = {"d MMMM yyyy", "d MMM yyyy", "d.M.yyyy"};
    for (const char* format : kFormats)
      if (const QDate d = read(t, format); d.isValid())
        return dayNamed(d.toString(Qt::ISODate).toStdString());
    for (const char* format : kFormats)
      for (int year = dateOf(today).year(); year <= dateOf(today).year() + 1; ++year) {
        const QString between =
            QLatin1String(format).contains(QLatin1Char('.')) ? QString() : QStringLiteral(" ");
        const QDate d = read(t + between + QString::number(year), format);
        if (d.isValid() && d >= dateOf(today)) return dayNamed(d.toString(Qt::ISODate).toStdString());
      }
  }
  return std::nullopt;
}

}  // namespace

AheadView::AheadView(AthleteDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  build();
  connect(&desk_, &AthleteDesk::changed, this, [this] {
    if (isVisible()) refresh();
  });
}

void AheadView::build() {
  setFocusPolicy(Qt::ClickFocus);  // Tab goes to what is in it
  setAccessibleName(tr("Ahead"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 14, 20, 14);
  column->setSpacing(6);
  buildSentence();
  column->addWidget(sentence_);
  verdict_ = label(15, Weight::kMedium);
  verdict_->setObjectName(QStringLiteral("ahead verdict"));
  column->addWidget(verdict_);
  auto* row = new QHBoxLayout;
  row->setSpacing(20);
  chart_ = new WeeksChart;
  row->addWidget(chart_, 1);
  row->addWidget(buildSide());
  column->addLayout(row, 1);
  caution_ = label(13, Weight::kRegular, true);
  caution_->setObjectName(QStringLiteral("ahead caution"));
  column->addWidget(caution_);
  connect(chart_, &WeeksChart::weekChosen, this, &AheadView::refreshWeek);
  connect(chart_, &WeeksChart::pulled, this, [this](int week, double kg) {
    // Only looked at, until it is let go.
    LiftAim aim = aimOf(desk_.record(), lift_);
    const std::string monday = nameOf(ahead_->weeks[static_cast<std::size_t>(week)].monday);
    std::erase_if(aim.weeks, [&](const PlanWeekNote& n) { return n.monday == monday && !n.planned_kg; });
    aim.weeks.push_back({monday, false, kg, {}});
    replan(aim);
    refreshWeek();
  });
  connect(chart_, &WeeksChart::moved, this, [this](int week, double kg) { moveTo(week, kg); });
  connect(chart_, &WeeksChart::resetWanted, this, [this](int week) { moveTo(week, std::nullopt); });
  connect(chart_, &WeeksChart::missedToggled, this, &AheadView::toggleMissed);
  addKey(this, QKeySequence(Qt::CTRL | Qt::Key_E), tr("Take the weeks out as a file"), this,
         &AheadView::askWhere);
  addKey(this, QKeySequence::Print, tr("Print the week"), this, &AheadView::askPrinter);
  sayKey(this, tr("S"), tr("To the story"));
  sayKey(chart_, tr("← →"), tr("The week before, or after"));
  sayKey(chart_, tr("↑ ↓"), tr("More or less in this week"));
  sayKey(chart_, tr("M"), tr("This week is missed"));
  sayKey(chart_, tr("Backspace"), tr("This week as planned"));
}

void AheadView::buildSentence() {
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
  sentence_->addText(tr("by"));
  plan_ = sentence_->addWord(tr("plan"), [this](const QString& text) {
    QStringList titles;
    for (const LiftPlan& p : builtInPlanBook().plans) {
      titles << planTitle(p);
      if (text.compare(planTitle(p), Qt::CaseInsensitive) != 0) continue;
      editAim(tr("Change the plan"), [&](LiftAim& aim) { aim.plan = p.id; });
      return QString();
    }
    return tr("The plans are: %1.").arg(titles.join(QStringLiteral(", ")));
  });
  QStringList titles;
  for (const LiftPlan& p : builtInPlanBook().plans) titles << planTitle(p);
  plan_->setChoices(titles);
  const auto day_word = [this](const QString& name, const QString& undo, auto put) {
    return sentence_->addWord(name, [this, undo, put](const QString& text) {
      const auto day = dayIn(text, today());
      if (!day) return tr("Say a day, such as “16 January” or 2027-01-16.");
      LiftAim aim = aimOf(desk_.record(), lift_);
      put(aim, nameOf(*day));
      // What cannot be planned is not kept.
      const AheadWish wish = wishOf(aim, desk_.record().athlete.step_kg, today());
      const auto tried = planAhead(wish, builtInPlanBook().gates, {lift_, {}, 0, false, false}, today());
      if (!tried) return QString::fromStdString(tried.error().text);
      editAim(undo, [&](LiftAim& a) { put(a, nameOf(*day)); });
      return QString();
    });
  };
  sentence_->addText(tr(", from"));
  begins_ = day_word(tr("first day"), tr("Change the first day"),
                     [](LiftAim& a, const std::string& d) { a.begins = d; });
  sentence_->addText(tr("to the test on"));
  test_ = day_word(tr("test day"), tr("Change the test day"), [this](LiftAim& a, const std::string& d) {
    // A new test after one that is past begins a new plan.
    if (const auto old = dayNamed(a.test_day); old && *old < today()) a.begins = nameOf(mondayOf(today()));
    a.test_day = d;
  });
  sentence_->addText(QStringLiteral(","));
  sessions_ = sentence_->addWord(tr("sessions a week"), [this](const QString& text) {
    const auto n = numberIn(text);
    if (!n || *n < 1.0 || *n > 4.0 || *n != std::floor(*n))
      return tr("One to four sessions a week can be planned.");
    editAim(tr("Change the sessions a week"),
            [&](LiftAim& aim) { aim.sessions_week = static_cast<int>(*n); });
    return QString();
  });
  sentence_->addText(tr("a week, goal"));
  goal_ = sentence_->addWord(tr("goal"), [this](const QString& text) {
    if (text.isEmpty() || text.compare(tr("none"), Qt::CaseInsensitive) == 0) {
      editAim(tr("Change the goal"), [](LiftAim& aim) { aim.goal_kg.reset(); });
      return QString();
    }
    const auto kg = numberIn(text);
    if (!kg || *kg < 1.0 || *kg > 1000.0) return tr("A goal is a load between 1 and 1000 kg, or none.");
    editAim(tr("Change the goal"), [&](LiftAim& aim) { aim.goal_kg = *kg; });
    return QString();
  });
  sentence_->addText(tr("; if gains go on"));
  gain_ = sentence_->addWord(tr("gains"), [this](const QString& text) {
    const QString t = text.simplified();
    std::optional<double> factor;
    if (t.startsWith(tr("as they"), Qt::CaseInsensitive)) factor = 1.0;
    if (t.startsWith(tr("half"), Qt::CaseInsensitive)) factor = 0.5;
    if (t.startsWith(tr("not"), Qt::CaseInsensitive)) factor = 0.0;
    if (!factor)
      if (const auto percent = numberIn(t)) factor = *percent / 100.0;
    if (!factor || *factor < 0.0 || *factor > 1.5)
      return tr(
          "“As they have”, “half as fast”, “not at all”, or per cent of what they have been, up to 150.");
    editAim(tr("Change the gains"), [&](LiftAim& aim) { aim.gain_factor = *factor; });
    return QString();
  });
  gain_->setChoices({tr("as they have"), tr("half as fast"), tr("not at all")});
  sentence_->addText(QStringLiteral("."));
}

QWidget* AheadView::buildSide() {
  auto* side = new QWidget;
  side->setFixedWidth(300);
  auto* column = new QVBoxLayout(side);
  column->setContentsMargins(0, 30, 0, 0);
  column->setSpacing(8);
  title_ = label(18, Weight::kSemiBold);
  title_->setObjectName(QStringLiteral("week title"));
  sets_ = label(16, Weight::kMedium);
  sets_->setObjectName(QStringLiteral("week sets"));
  why_ = label(14, Weight::kRegular, true);
  why_->setObjectName(QStringLiteral("week why"));
  band_ = label(14);
  plates_ = new PlatesDrawing;
  plates_words_ = label(14);
  for (QWidget* w : std::initializer_list<QWidget*>{title_, sets_, plates_, plates_words_, why_, band_})
    column->addWidget(w);
  auto* row = new QHBoxLayout;
  missed_ = button(tr("Missed · M"), tr("What if this week is missed?"));
  missed_->setProperty("what", QStringLiteral("missed week"));
  reset_ = button(tr("As planned · Del"), tr("Take back the load set by hand"));
  reset_->setProperty("what", QStringLiteral("week as planned"));
  connect(missed_, &QPushButton::clicked, this, [this] { toggleMissed(chart_->chosen()); });
  connect(reset_, &QPushButton::clicked, this, [this] { moveTo(chart_->chosen(), std::nullopt); });
  row->addWidget(missed_);
  row->addWidget(reset_);
  row->addStretch(1);
  column->addLayout(row);
  beside_ = label(13);
  beside_->setObjectName(QStringLiteral("assistance"));
  column->addWidget(beside_);
  ladder_line_ = new Sentence(13);
  ladder_line_->addText(tr("Stands at"));
  rung_ = ladder_line_->addWord(tr("rung"), [this](const QString& text) { return standOn(text); });
  rung_->setToolTip(tr("Of the ladder down to an easier form of this lift, and up again"));
  column->addWidget(ladder_line_);
  climb_ = button({}, tr("Go where the last set leads"), true);
  climb_->setProperty("what", QStringLiteral("climb"));
  connect(climb_, &QPushButton::clicked, this, [this] {
    if (const auto on = placeOf(desk_.record(), lines_, lift_))
      standOn(ofBook(on->ladder->rungs[on->next].title));
  });
  column->addWidget(climb_, 0, Qt::AlignLeft);
  dropped_line_ = new Sentence(13);
  dropped_line_->addText(tr("Not done any more:"));
  dropped_ = dropped_line_->addWord(tr("dropped"), [this](const QString& text) {
    // "good morning: sore back; sumo: takes too long"; nothing takes all back.
    AthleteRecord after = desk_.record();
    std::vector<DroppedVariant> dropped;
    for (const QString& part : text.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
      const QString what = part.section(QLatin1Char(':'), 0, 0).simplified(),
                    why = part.section(QLatin1Char(':'), 1).simplified();
      if (what.isEmpty() || what.compare(tr("nothing"), Qt::CaseInsensitive) == 0) continue;
      if (why.isEmpty()) return tr("Say why, behind a colon: “good morning: sore back”.");
      std::string day = desk_.today();
      for (const DroppedVariant& d : after.dropped)
        if (d.what == what.toStdString() && d.reason == why.toStdString()) day = d.day;
      dropped.push_back({what.toStdString(), why.toStdString(), day});
    }
    after.dropped = std::move(dropped);
    desk_.edit(tr("Change what is not done any more"), after);
    return QString();
  });
  column->addWidget(dropped_line_);
  column->addStretch(1);
  auto* story = button(tr("Story so far · S"), tr("What the months before show"), true);
  connect(story, &QPushButton::clicked, this, &AheadView::storyWanted);
  out_ = button(tr("Take out… · Ctrl+E"),
                tr("Calendar, CSV or JSON of the weeks, or the chosen week as a page (PDF)"), true);
  out_->setProperty("what", QStringLiteral("take weeks out"));
  connect(out_, &QPushButton::clicked, this, &AheadView::askWhere);
  auto* print = button(tr("Print the week · Ctrl+P"), tr("The chosen week with its plates, on paper"), true);
  connect(print, &QPushButton::clicked, this, &AheadView::askPrinter);
  column->addWidget(story, 0, Qt::AlignLeft);
  column->addWidget(out_, 0, Qt::AlignLeft);
  column->addWidget(print, 0, Qt::AlignLeft);
  return side;
}

Day AheadView::today() const {
  return dayNamed(desk_.today()).value_or(Day{});
}

void AheadView::readLines() {
  const std::int64_t writes = desk_.house().writes();
  if (read_at_ == writes && !lines_.empty() && lines_.front().athlete == desk_.record().athlete.id) return;
  auto lines = desk_.house().log(desk_.record().athlete.id);
  if (!lines) {
    emit trouble(QString::fromStdString(lines.error().text));
    lines_.clear();
    return;
  }
  lines_ = std::move(*lines);
  read_at_ = writes;
  gear_ = usualGear();
  if (const auto book = desk_.house().houseBook(); book && !book->gear.empty())
    if (auto gear = parseGear(book->gear, "gear")) gear_ = std::move(*gear);
}

void AheadView::open(AthleteId athlete, std::optional<Lift> lift) {
  const bool same = desk_.record().athlete.id == athlete;
  if (!desk_.open(athlete)) return;
  readLines();
  if (lift) {
    lift_ = *lift;
    variant_.clear();
  } else if (!same && !lines_.empty()) {
    lift_ = lines_.back().lift;
    variant_.clear();
  }
  chart_->choose(0);
  refresh();
  if (ahead_)
    for (std::size_t k = 0; k < ahead_->weeks.size(); ++k)
      if (!ahead_->weeks[k].past) {
        chart_->choose(static_cast<int>(k));
        break;
      }
}

template <typename Change>
void AheadView::editAim(const QString& text, Change&& change) {
  AthleteRecord after = desk_.record();
  LiftAim aim = aimOf(after, lift_);
  // The plan begins when it is first said, and what it says of weeks to come is kept for when they are past.
  if (aim.begins.empty()) aim.begins = nameOf(mondayOf(today()));
  if (aim.test_day.empty()) aim.test_day = nameOf(wish_.test);
  change(aim);
  const auto planned = planAhead(wishOf(aim, after.athlete.step_kg, today()), builtInPlanBook().gates,
                                 historyOf(after, lines_, lift_, variant_, today()), today());
  if (planned) keepPast(aim, *planned);
  std::erase_if(after.aims, [&](const LiftAim& a) { return a.lift == lift_; });
  after.aims.push_back(std::move(aim));
  std::sort(after.aims.begin(), after.aims.end(),
            [](const LiftAim& a, const LiftAim& b) { return nameOf(a.lift) < nameOf(b.lift); });
  desk_.edit(text, after);
}

void AheadView::replan(const LiftAim& aim) {
  wish_ = wishOf(aim, desk_.record().athlete.step_kg, today());
  const LiftHistory history = historyOf(desk_.record(), lines_, lift_, variant_, today());
  auto ahead = planAhead(wish_, builtInPlanBook().gates, history, today());
  stale_.clear();
  if (!ahead || wish_.test < today()) {
    // A plan made long ago: it is said, and planned anew from today.
    stale_ = tr("The test on %1 is past: say the next one.").arg(dayWords(wish_.test, "d MMMM yyyy"));
    constexpr int kUsualWeeks = 12;
    wish_.begins = mondayOf(today());
    wish_.test = today() + std::chrono::weeks(kUsualWeeks);
    ahead = planAhead(wish_, builtInPlanBook().gates, history, today());
  }
  if (!ahead) {
    ahead_.reset();
    return emit trouble(QString::fromStdString(ahead.error().text));
  }
  ahead_ = std::move(*ahead);
  chart_->show(*ahead_, wish_);
}

void AheadView::refresh() {
  readLines();
  if (variant_.empty()) {
    variant_ = usualVariant(lift_);
    on_ = riggingIn({}, gear_);
    for (const LogLine& line : lines_)
      if (line.lift == lift_) {
        variant_ = line.variant;
        on_ = riggingIn(line.equipment, gear_);
      }
  }
  replan(aimOf(desk_.record(), lift_));
  refreshWords();
  refreshWeek();
  refreshAssistance();
  refreshLadder();
}

void AheadView::refreshAssistance() {
  AssistanceFacts facts;
  facts.lift = lift_;
  if (const auto causes = desk_.house().confirmedCauses(desk_.record().athlete.id, lift_))
    facts.causes = *causes;
  facts.equipment = desk_.record().athlete.profile.equipment;
  QStringList all;
  for (const DroppedVariant& d : desk_.record().dropped) {
    facts.dropped.push_back({d.what, d.reason});
    all << QString::fromStdString(d.what) + QStringLiteral(": ") + QString::fromStdString(d.reason);
  }
  facts.step_kg = desk_.record().athlete.step_kg;
  if (ahead_)
    for (const AheadWeek& w : ahead_->weeks)
      if (!w.past && w.expected) {
        facts.strength = w.expected;
        break;
      }
  if (ahead_ && desk_.record().athlete.worstPain() >= builtInPlanBook().gates.pain_limit)
    facts.cap_kg = ahead_->next.cap_kg;
  const Assistance found = suggestAssistance(builtInAssistanceBook(), facts);
  constexpr std::size_t kShown = 2;
  QStringList lines;
  for (std::size_t k = 0; k < std::min(kShown, found.offers.size()); ++k)
    lines << tr("Beside it: %1").arg(assistanceWords(found.offers[k], builtInCauseBook()));
  for (const DroppedExercise& d : found.left_out)
    lines << tr("Left out: %1 (%2).").arg(ofBook(d.title), QString::fromStdString(d.reason));
  if (lines.isEmpty()) lines << tr("Assistance follows from causes that you confirm on a set's sheet.");
  beside_->setText(lines.join(QLatin1Char('\n')));
  const QString words = all.join(QStringLiteral("; "));
  constexpr int kFits = 34;
  dropped_->setText(words.isEmpty()        ? tr("nothing")
                    : words.size() > kFits ? words.left(kFits) + QStringLiteral("…")
                                           : words);
  dropped_->setEditText(words.isEmpty() ? QStringLiteral(" ") : words);
  dropped_->setToolTip(words);
  dropped_line_->relayout();
}

QString AheadView::standOn(const QString& rung) {
  const auto on = placeOf(desk_.record(), lines_, lift_);
  if (!on) return tr("This lift has no ladder.");
  QStringList titles;
  for (const Rung& r : on->ladder->rungs) titles << ofBook(r.title);
  const qsizetype at =
      titles.indexOf(QRegularExpression(QStringLiteral("^\\s*%1\\s*$").arg(QRegularExpression::escape(rung)),
                                        QRegularExpression::CaseInsensitiveOption));
  if (at < 0) return tr("The rungs are: %1.").arg(titles.join(tr("; ")));
  AthleteRecord after = desk_.record();
  std::erase_if(after.places, [&](const LadderPlace& p) { return p.ladder == on->ladder->id; });
  if (static_cast<std::size_t>(at) != on->ladder->top())
    after.places.push_back(
        {on->ladder->id, on->ladder->rungs[static_cast<std::size_t>(at)].title, desk_.today()});
  desk_.edit(tr("Stand at “%1”").arg(titles[at]), after);
  return {};
}

// An easier form of the lift: where the athlete stands, and where the last set leads.
void AheadView::refreshLadder() {
  const auto on = placeOf(desk_.record(), lines_, lift_);
  ladder_line_->setVisible(on.has_value());
  climb_->setVisible(false);
  if (!on) return;
  QStringList titles;
  for (const Rung& r : on->ladder->rungs) titles << ofBook(r.title);
  rung_->setChoices(titles);
  rung_->setText(titles[static_cast<qsizetype>(on->now)]);
  rung_->setToolTip(ofBook(on->ladder->rungs[on->now].words));
  ladder_line_->relayout();
  if (on->next == on->now) return;
  // From the top nobody goes down for one set that broke down: the plan cuts the load first.
  const bool hurts = desk_.record().athlete.worstPain() >= builtInPlanBook().gates.pain_limit;
  if (on->atTop() && !hurts && !(ahead_ && ahead_->next.reason == PlanReason::kRepair)) return;
  const QString to = titles[static_cast<qsizetype>(on->next)];
  climb_->setText(on->next > on->now ? tr("Good enough: up to “%1”").arg(to)
                  : hurts            ? tr("It hurts: down to “%1”").arg(to)
                  : on->atTop()      ? tr("If it does not hold there either: “%1”").arg(to)
                                     : tr("It broke down: down to “%1”").arg(to));
  climb_->setToolTip(ofBook(on->ladder->rungs[on->next].words));
  climb_->setVisible(true);
}

void AheadView::refreshWords() {
  QString lift = liftWords(lift_);
  lift[0] = lift[0].toUpper();
  lift_word_->setText(lift + QStringLiteral(", ") + QString::fromStdString(variant_));
  lift_word_->setEditText(liftWords(lift_));
  plan_->setText(planTitle(*wish_.plan));
  plan_->setToolTip(planWords(*wish_.plan));
  begins_->setText(dayWords(wish_.begins, "d MMMM"));
  test_->setText(
      dayWords(wish_.test, dateOf(wish_.test).year() == dateOf(today()).year() ? "d MMMM" : "d MMMM yyyy"));
  sessions_->setText(wish_.sessions_week == 1 ? tr("1 session") : tr("%1 sessions").arg(wish_.sessions_week));
  sessions_->setEditText(QString::number(wish_.sessions_week));
  goal_->setText(wish_.goal_kg ? kilograms(*wish_.goal_kg) : tr("none"));
  goal_->setEditText(wish_.goal_kg ? QString::number(*wish_.goal_kg) : QString());
  gain_->setText(wish_.gain_factor == 1.0   ? tr("as they have")
                 : wish_.gain_factor == 0.5 ? tr("half as fast")
                 : wish_.gain_factor == 0.0
                     ? tr("not at all")
                     : tr("at %1 % of that").arg(std::lround(100.0 * wish_.gain_factor)));
  sentence_->relayout();
  if (!ahead_) return;
  QStringList says;
  if (!stale_.isEmpty()) says << stale_;
  if (ahead_->attempts) says << attemptsWords(*ahead_->attempts);
  if (ahead_->goal_chance) says << chanceWords(*ahead_->goal_chance, *wish_.goal_kg);
  if (says.isEmpty())
    says << tr("Nothing is known of this lift yet: log some sets, and the weeks follow what they show.");
  verdict_->setText(says.join(QLatin1Char(' ')));
  QStringList cautions;
  for (const Caution c : ahead_->next.cautions) cautions << cautionWords(c);
  cautions << tr(
      "A plan is a proposal: pain, illness or a bad day go before it. Local and federation rules come "
      "first.");
  caution_->setText(cautions.join(QLatin1Char(' ')));
}

void AheadView::refreshWeek() {
  if (!ahead_ || ahead_->weeks.empty()) return;
  const AheadWeek& w = ahead_->weeks[static_cast<std::size_t>(chart_->chosen())];
  title_->setText(tr("Week of %1").arg(dayWords(w.monday, "d MMMM")));
  QStringList days;
  for (const Day d : w.days) days << dayWords(d, "ddd");
  QString sets;
  std::optional<Loading> loading;
  if (w.missed) {
    sets = tr("Missed.");
  } else if (w.block == BlockKind::kTest) {
    sets = tr("Test on %1.").arg(dayWords(wish_.test, "dddd d MMMM"));
  } else if (w.past) {
    sets = w.done_kg ? tr("%1 done").arg(kilograms(*w.done_kg)) : tr("Nothing in the log.");
    if (w.top_kg > 0.0 && w.done_kg && w.top_kg != *w.done_kg)
      sets += tr(", %1 had been planned").arg(kilograms(w.top_kg));
  } else {
    QStringList lines;
    for (const PlannedSet& s : w.sets) {
      QString words = plannedSetWords(s);
      words[0] = words[0].toUpper();
      lines << words;
    }
    sets = lines.join(QLatin1Char('\n')) +
           (days.isEmpty() ? QString() : QLatin1Char('\n') + days.join(tr(" and ")));
    if (on_) {
      auto found = loadPlates(gear_, on_->bar, {Mass::ofKg(w.top_kg), on_->at_top, false});
      if (found) loading = std::move(*found);
    }
  }
  sets_->setText(sets);
  plates_->show(loading);
  plates_->setVisible(loading.has_value());
  plates_words_->setText(loading ? platesWords(*loading) + QLatin1Char('.') : QString());
  plates_words_->setVisible(loading.has_value());
  QString why = blockWords(w.block);
  why[0] = why[0].toUpper();
  why += QLatin1Char('.');
  const bool first = !w.past && (chart_->chosen() == 0 ||
                                 ahead_->weeks[static_cast<std::size_t>(chart_->chosen() - 1)].past);
  if (first && !w.missed && w.block != BlockKind::kTest)
    why += QLatin1Char(' ') + planReason(ahead_->next, *wish_.plan, builtInPlanBook().gates) +
           QLatin1Char(' ') + planChange(ahead_->next);
  if (w.moved) why += QLatin1Char(' ') + tr("The load was set by hand.");
  why_->setText(why.trimmed());
  QString band;
  if (w.expected)
    band =
        (w.past ? tr("Best single then: %1.") : tr("Best single expected: %1.")).arg(bandWords(*w.expected));
  if (w.effort > 0.0 && !w.past)
    band += QLatin1Char(' ') + (w.effort < kLeastEffort
                                    ? tr("The top set would be easy.")
                                    : tr("The top set would be felt as %1.").arg(w.effort, 0, 'f', 1));
  band_->setText(band);
  const bool future = !w.past && w.block != BlockKind::kTest;
  missed_->setVisible(future);
  missed_->setText(w.missed ? tr("Not missed · M") : tr("Missed · M"));
  reset_->setVisible(future && w.moved);
}

void AheadView::moveTo(int week, std::optional<double> kg) {
  if (!ahead_) return;
  const AheadWeek& w = ahead_->weeks[static_cast<std::size_t>(week)];
  if (w.past || w.block == BlockKind::kTest) return;
  const std::string monday = nameOf(w.monday);
  editAim(kg ? tr("Move a week's load to %1").arg(kilograms(*kg)) : tr("Load as planned"), [&](LiftAim& aim) {
    auto note = std::find_if(aim.weeks.begin(), aim.weeks.end(),
                             [&](const PlanWeekNote& n) { return n.monday == monday; });
    if (note == aim.weeks.end())
      note = aim.weeks.insert(aim.weeks.end(), PlanWeekNote{monday, false, {}, {}});
    note->moved_kg = kg;
  });
  refresh();  // also when nothing had changed: what was pulled falls back
  if (!kg || !ahead_) return;
  const double is = ahead_->weeks[static_cast<std::size_t>(week)].top_kg;
  if (is < *kg - 1e-6)
    emit trouble(tr("%1 is as high as it may go: %2")
                     .arg(kilograms(is), planReason(ahead_->next, *wish_.plan, builtInPlanBook().gates)));
}

void AheadView::toggleMissed(int week) {
  if (!ahead_) return;
  const AheadWeek& w = ahead_->weeks[static_cast<std::size_t>(week)];
  if (w.past || w.block == BlockKind::kTest) return;
  const std::string monday = nameOf(w.monday);
  const bool missed = !w.missed;
  editAim(missed ? tr("A week is missed") : tr("A week is not missed"), [&](LiftAim& aim) {
    auto note = std::find_if(aim.weeks.begin(), aim.weeks.end(),
                             [&](const PlanWeekNote& n) { return n.monday == monday; });
    if (note == aim.weeks.end())
      note = aim.weeks.insert(aim.weeks.end(), PlanWeekNote{monday, false, {}, {}});
    note->missed = missed;
  });
}

void AheadView::askWhere() {
  const QString name =
      QString::fromStdString(desk_.record().athlete.name).replace(QLatin1Char('/'), QLatin1Char('-')) +
      QStringLiteral(" ") + liftWords(lift_) + QStringLiteral(".ics");
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Take the weeks out"), name,
      tr("Calendar (*.ics);;Table (*.csv);;JSON (*.json);;The chosen week as a page (*.pdf)"));
  if (!file.isEmpty()) takeOut(file);
}

QString AheadView::weekPage() const {
  if (!ahead_ || ahead_->weeks.empty()) return {};
  const AheadWeek& w = ahead_->weeks[static_cast<std::size_t>(chart_->chosen())];
  QString html = QStringLiteral("<h1>%1</h1><h2>%2, %3</h2><p>%4</p>")
                     .arg(QString::fromStdString(desk_.record().athlete.name).toHtmlEscaped(),
                          lift_word_->text().toHtmlEscaped(), title_->text().toHtmlEscaped(),
                          why_->text().toHtmlEscaped());
  for (const Day day : w.days) {
    html += QStringLiteral("<h3>%1</h3><table cellpadding='4'>").arg(dayWords(day, "dddd d MMMM"));
    double work = 0.0;
    for (const PlannedSet& s : w.sets) work = std::max(work, s.load_kg);
    const auto row = [&](const QString& what, double kg) {
      QString plates;
      if (on_)
        if (const auto loading = loadPlates(gear_, on_->bar, {Mass::ofKg(kg), on_->at_top, false}))
          plates = platesWords(*loading);
      html +=
          QStringLiteral("<tr><td>%1</td><td>%2</td></tr>").arg(what.toHtmlEscaped(), plates.toHtmlEscaped());
    };
    if (work > 0.0 && on_)
      if (const auto steps = warmUpTo(gear_, on_->bar, Mass::ofKg(work) - on_->at_top))
        for (const WarmUpSet& s : *steps)
          row(tr("%1 × %2, warm-up").arg(s.reps).arg(kilograms(s.loading.total.kg())), s.loading.total.kg());
    for (const PlannedSet& s : w.sets) row(plannedSetWords(s), s.load_kg);
    if (w.block == BlockKind::kTest && ahead_->attempts)
      for (const double kg :
           {ahead_->attempts->opener_kg, ahead_->attempts->second_kg, ahead_->attempts->third_kg})
        row(tr("attempt, %1").arg(kilograms(kg)), kg);
    html += QStringLiteral("</table>");
  }
  return html + QStringLiteral("<p><small>%1</small></p>").arg(caution_->text().toHtmlEscaped());
}

void AheadView::printWeek(QPagedPaintDevice& on) const {
  QTextDocument page;
  page.setDefaultFont(type(14));
  page.setHtml(weekPage());
  page.print(&on);
}

void AheadView::askPrinter() {
  QPrinter printer;
  printer.setDocName(title_->text());
  QPrintDialog dialog(&printer, this);
  if (dialog.exec() == QDialog::Accepted) printWeek(printer);
}

bool AheadView::takeOut(const QString& file) {
  if (!ahead_) return false;
  const AheadDocument doc{*ahead_, wish_, lift_, desk_.record().athlete.name};
  const auto failed = [&] {
    emit trouble(tr("“%1” cannot be written. Check its place and permissions.").arg(file));
    return false;
  };
  if (file.endsWith(QLatin1String(".pdf"), Qt::CaseInsensitive)) {
    QFile out(file);
    if (!out.open(QIODevice::WriteOnly)) return failed();
    QPdfWriter writer(&out);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setTitle(title_->text());
    printWeek(writer);
    return true;
  }
  std::string text;
  if (file.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive))
    text = toCsv(doc);
  else if (file.endsWith(QLatin1String(".json"), Qt::CaseInsensitive))
    text = toJson(doc).dump(1) + "\n";
  else if (file.endsWith(QLatin1String(".ics"), Qt::CaseInsensitive))
    text = toCalendar(doc, today());
  else {
    emit trouble(tr("The weeks go out as .ics (calendar), .csv, .json, or the chosen week as .pdf; “%1” is "
                    "none of these.")
                     .arg(file));
    return false;
  }
  QSaveFile out(file);
  if (!out.open(QIODevice::WriteOnly) || out.write(text.data(), static_cast<qint64>(text.size())) < 0 ||
      !out.commit())
    return failed();
  return true;
}

void AheadView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

void AheadView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit backWanted();
  if (event->key() == Qt::Key_S && !Word::anyEditing(*this)) return emit storyWanted();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
