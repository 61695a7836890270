#include "desk/athlete_view.h"

#include <algorithm>

#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>

#include "core/body/lengths_from_clip.h"
#include "core/log/judging.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/proportion_bar.h"
#include "desk/set_analysis.h"
#include "report/fit_wording.h"
#include "report/wording.h"

namespace mottix {
namespace {

QString none() {
  return QObject::tr("not stated");
}

// Lists are typed with commas; “nothing” empties them.
template <typename Value, typename Words>
QString listWords(const std::vector<Value>& values, Words&& words) {
  QStringList out;
  for (const Value& v : values) out << words(v);
  return out.isEmpty() ? QObject::tr("nothing") : out.join(QStringLiteral(", "));
}
template <typename Value, typename Words>
QString takeList(const QString& text, std::size_t count, Words&& words, std::vector<Value>& into) {
  into.clear();
  if (text.isEmpty() || text.compare(QObject::tr("nothing"), Qt::CaseInsensitive) == 0) return {};
  for (const QString& part : text.split(QLatin1Char(','))) {
    const QString name = part.trimmed();
    bool found = false;
    for (std::size_t i = 0; i < count; ++i)
      if (name.compare(words(static_cast<Value>(i)), Qt::CaseInsensitive) == 0) {
        if (std::find(into.begin(), into.end(), static_cast<Value>(i)) == into.end())
          into.push_back(static_cast<Value>(i));
        found = true;
      }
    if (!found) {
      QStringList known;
      for (std::size_t i = 0; i < count; ++i) known << words(static_cast<Value>(i));
      return QObject::tr("“%1” is not known. With commas between: %2; or nothing.")
          .arg(name, known.join(QStringLiteral(", ")));
    }
  }
  std::sort(into.begin(), into.end());
  return {};
}

bool isNone(const QString& text) {
  return text.isEmpty() || text.compare(none(), Qt::CaseInsensitive) == 0 || text == QLatin1String("-");
}

}  // namespace

ScreenGuide::ScreenGuide(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("guide"));
  setAttribute(Qt::WA_StyledBackground);
  setStyleSheet(QStringLiteral("QWidget#guide { background: %1; border: 1px solid %2; }")
                    .arg(theme().raised.name(), theme().line.name()));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(14, 10, 14, 10);
  column->setSpacing(5);
  head_ = label(15, Weight::kSemiBold);
  how_ = label(13, Weight::kRegular, true);
  question_ = label(16, Weight::kMedium);
  question_->setObjectName(QStringLiteral("question"));
  column->addWidget(head_);
  column->addWidget(how_);
  column->addWidget(question_);
  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  yes_ = button(tr("Yes · Y"), tr("Yes"));
  no_ = button(tr("No · N"), tr("No"));
  number_ = new TypingLine;
  number_->setObjectName(QStringLiteral("screen number"));
  number_->setMaximumWidth(90);
  skip_ = button(tr("leave open"), tr("Leave this question open"), true);
  row->addWidget(yes_);
  row->addWidget(no_);
  row->addWidget(number_);
  row->addWidget(skip_);
  row->addStretch(1);
  column->addLayout(row);
  wrong_ = label(13);
  QPalette p = wrong_->palette();
  p.setColor(QPalette::WindowText, theme().clay);
  wrong_->setPalette(p);
  column->addWidget(wrong_);
  auto* foot = new QHBoxLayout;
  back_ = button(tr("one back"), tr("Go back one question"), true);
  stop_ = button(tr("stop · Esc"), tr("Leave the screen; nothing is kept"), true);
  foot->addWidget(back_);
  foot->addWidget(stop_);
  foot->addStretch(1);
  column->addLayout(foot);
  connect(yes_, &QPushButton::clicked, this, [this] { answer(1.0); });
  connect(no_, &QPushButton::clicked, this, [this] { answer(0.0); });
  connect(skip_, &QPushButton::clicked, this, [this] { answer(std::nullopt); });
  connect(number_, &QLineEdit::returnPressed, this, &ScreenGuide::takeNumber);
  connect(back_, &QPushButton::clicked, this, [this] {
    if (at_ > 0) --at_;
    ask();
  });
  connect(stop_, &QPushButton::clicked, this, &ScreenGuide::left);
}

void ScreenGuide::start(Screen screen, const std::string& day) {
  result_ = {screen, day, {}};
  result_.answers.resize(questionsOf(screen).size());
  at_ = 0;
  ask();
}

void ScreenGuide::ask() {
  const auto questions = questionsOf(result_.screen);
  const ScreenQuestion& q = questions[at_];
  head_->setText(tr("%1, %2 of %3").arg(screenWords(result_.screen)).arg(at_ + 1).arg(questions.size()));
  how_->setText(screenHowTo(result_.screen));
  question_->setText(questionWords(result_.screen, q.id));
  wrong_->clear();
  wrong_->hide();
  const bool yes_no = q.kind == AnswerKind::kYesNo;
  yes_->setVisible(yes_no);
  no_->setVisible(yes_no);
  number_->setVisible(!yes_no);
  back_->setEnabled(at_ > 0);
  number_->setAccessibleName(question_->text());
  const auto& given = result_.answers[at_];
  number_->setText(given ? signedNumber(*given, 1) : QString());
  (yes_no ? static_cast<QWidget*>(yes_) : number_)->setFocus();
}

void ScreenGuide::takeNumber() {
  if (number_->text().trimmed().isEmpty()) return answer(std::nullopt);
  const auto v = numberIn(number_->text());
  ScreenResult probe = result_;
  probe.answers[at_] = v;
  const auto problems = findProblems(probe);
  const std::string id(questionsOf(result_.screen)[at_].id);
  const auto mine =
      std::find_if(problems.begin(), problems.end(), [&](const FieldProblem& p) { return p.field == id; });
  if (!v || mine != problems.end()) {
    wrong_->setText(!v ? tr("“%1” is no number.").arg(number_->text()) : QString::fromStdString(mine->text));
    wrong_->show();
    number_->selectAll();
    return;
  }
  answer(v);
}

void ScreenGuide::answer(std::optional<double> value) {
  result_.answers[at_] = value;
  if (++at_ < result_.answers.size()) return ask();
  emit done(result_);
}

void ScreenGuide::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Y && yes_->isVisible())
    answer(1.0);
  else if (event->key() == Qt::Key_N && no_->isVisible())
    answer(0.0);
  else if (event->key() == Qt::Key_Escape)
    emit left();
  else
    QWidget::keyPressEvent(event);
}

AthleteView::AthleteView(AthleteDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(28, 14, 22, 12);
  column->setSpacing(6);
  who_ = new Sentence(21);
  how_ = new Sentence(16);
  note_ = new Sentence(16);
  column->addWidget(who_);
  column->addWidget(how_);
  column->addWidget(note_);
  build_ = label(14, Weight::kRegular, true);
  column->addWidget(build_);

  auto* row = new QHBoxLayout;
  row->setContentsMargins(0, 10, 0, 0);
  row->setSpacing(28);
  // Long lists scroll, each column for itself.
  auto scrolled = [&](int stretch) {
    auto* area = new QScrollArea;
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    auto* body = new QWidget;
    auto* inner = new QVBoxLayout(body);
    inner->setContentsMargins(0, 0, 8, 0);
    inner->setSpacing(8);
    area->setWidget(body);
    row->addWidget(area, stretch);
    return inner;
  };
  auto head = [](QVBoxLayout* into, const QString& text) {
    auto* l = label(16, Weight::kSemiBold);
    l->setText(text);
    into->addWidget(l);
  };

  auto* left = scrolled(46);
  head(left, tr("Lengths"));
  lengths_ = new QGridLayout;
  lengths_->setHorizontalSpacing(12);
  lengths_->setVerticalSpacing(4);
  lengths_->setColumnStretch(3, 1);
  left->addLayout(lengths_);
  problems_ = label(14);
  problems_->setObjectName(QStringLiteral("body problems"));
  QPalette clay = problems_->palette();
  clay.setColor(QPalette::WindowText, theme().clay);
  problems_->setPalette(clay);
  left->addWidget(problems_);
  films_ = button(tr("Read lengths from films · R"),
                  tr("Thigh, shank, trunk and foot from this athlete's films with placed joints"));
  connect(films_, &QPushButton::clicked, this, &AthleteView::readFromFilms);
  left->addWidget(films_, 0, Qt::AlignLeft);
  auto* hint = label(13, Weight::kRegular, true);
  hint->setText(
      tr("Between joint centres, in cm; the foot from heel to longest toe, widths between the shoulder "
         "points and over the hips. Band: the middle two thirds of people; filled dot: by hand, open: from "
         "films."));
  left->addWidget(hint);
  left->addStretch(1);

  auto* middle = scrolled(30);
  head(middle, tr("Screens"));
  guide_ = new ScreenGuide;
  guide_->hide();
  middle->addWidget(guide_);
  screens_ = new QVBoxLayout;
  screens_->setSpacing(8);
  middle->addLayout(screens_);
  middle->addStretch(1);

  auto* right = scrolled(28);
  head(right, tr("Complaints"));
  complaints_ = new QVBoxLayout;
  complaints_->setSpacing(8);
  right->addLayout(complaints_);
  auto* caution = label(13, Weight::kRegular, true);
  caution->setText(
      tr("From 4/10 on a complaint shapes the set-up and no load is raised. The program does not "
         "diagnose: pain, numbness, dizziness, a known injury, pregnancy, high blood pressure or heart "
         "trouble belong to a licensed clinician before loading."));
  right->addWidget(caution);
  right->addStretch(1);
  column->addLayout(row, 1);

  auto* foot = new QHBoxLayout;
  auto* fit = button(tr("Set-up that fits · F"), tr("Open Fit for this athlete"));
  connect(fit, &QPushButton::clicked, this, [this] { emit fitWanted(desk_.record().athlete.id); });
  foot->addWidget(fit);
  foot->addStretch(1);
  column->addLayout(foot);

  connect(guide_, &ScreenGuide::done, this, [this](const ScreenResult& result) {
    guide_->hide();
    AthleteRecord after = desk_.record();
    after.screens.push_back(result);
    desk_.edit(tr("Do a screen"), after);
    setFocus();
  });
  connect(guide_, &ScreenGuide::left, this, [this] {
    guide_->hide();
    refreshScreens();
    setFocus();
  });
  connect(&desk_, &AthleteDesk::changed, this, [this] {
    if (shown_ && isVisible()) refresh();
  });
  addKey(this, Qt::Key_R, tr("Read lengths from films"), this, &AthleteView::readFromFilms);
  addKey(this, Qt::Key_Plus, tr("A complaint"), this, &AthleteView::addComplaint);
  for (int k = 0; k < static_cast<int>(kScreenCount); ++k)
    addKey(this, static_cast<Qt::Key>(Qt::Key_1 + k), {}, this, [this, k] { startScreen(k); });
  sayKey(this, QStringLiteral("1 – %1").arg(kScreenCount), tr("A mobility screen, step by step"));
  setFocusPolicy(Qt::ClickFocus);
}

void AthleteView::open(AthleteId athlete) {
  shown_ = true;
  guide_->hide();
  if (!desk_.open(athlete)) return;
  refresh();
}

Word* AthleteView::word(const QString& name) const {
  for (Word* w : findChildren<Word*>(QStringLiteral("word ") + name))
    if (!w->isHidden()) return w;
  return nullptr;
}

template <typename Change>
Word::Accept AthleteView::changing(const QString& text, Change change) {
  return [this, text, change](const QString& typed) -> QString {
    AthleteRecord after = desk_.record();
    const QString wrong = change(after, typed);
    if (wrong.isEmpty()) desk_.edit(text, after);
    return wrong;
  };
}

void AthleteView::refresh() {
  // A word whose text is just being taken is shown anew when it is done, so that the keyboard stays on it.
  if (Word::anyEditing(*this)) {
    if (!later_)
      QTimer::singleShot(0, this, [this] {
        later_ = true;
        refresh();
        later_ = false;
      });
    return;
  }
  const QWidget* focused = window()->focusWidget();
  const QString focus_name =
      focused != nullptr && isAncestorOf(focused) && qobject_cast<const Word*>(focused) != nullptr
          ? focused->objectName()
          : QString();
  refreshWho();
  refreshLengths();
  refreshScreens();
  refreshComplaints();
  if (!focus_name.isEmpty())
    for (Word* w : findChildren<Word*>(focus_name))
      if (!w->isHidden()) w->setFocus();
}

void AthleteView::refreshWho() {
  const AthleteRecord& r = desk_.record();
  const AthleteProfile& p = r.athlete.profile;
  const std::string today = desk_.today();
  who_->clear();
  auto* name =
      who_->addWord(tr("name"), changing(tr("Change the name"), [](AthleteRecord& a, const QString& t) {
                      if (t.isEmpty() || t.size() > 80) return tr("A name has 1 to 80 letters.");
                      a.athlete.name = t.toStdString();
                      return QString();
                    }));
  const QString full = QString::fromStdString(r.athlete.name);
  name->setText(QFontMetrics(name->font()).elidedText(full, Qt::ElideRight, 460));
  name->setEditText(full);
  auto yearWord = [&](const QString& label_text, const std::optional<int>& value,
                      std::optional<int> AthleteProfile::*which, const char* field) {
    auto* w = who_->addWord(
        label_text,
        changing(tr("Change the %1").arg(label_text), [=](AthleteRecord& a, const QString& t) -> QString {
          std::optional<int>& year = a.athlete.profile.*which;
          if (isNone(t)) {
            year.reset();
            return {};
          }
          bool ok = false;
          year = t.toInt(&ok);
          if (!ok) return tr("A year such as 1994, or nothing.");
          for (const FieldProblem& problem : findProblems(a.athlete.profile, today))
            if (problem.field == field) return QString::fromStdString(problem.text);
          return {};
        }));
    w->setText(value ? QString::number(*value) : none());
    w->setEditText(value ? QString::number(*value) : QStringLiteral(" "));
  };
  who_->addText(tr(", born"));
  yearWord(tr("year of birth"), p.birth_year, &AthleteProfile::birth_year, "birth_year");
  who_->addText(QStringLiteral(","));
  auto withBody = [](AthleteRecord& a) -> BodyFacts& {
    if (!a.body) a.body = BodyFacts{};
    return *a.body;
  };
  auto* sex = who_->addWord(
      tr("sex"), changing(tr("Change the sex"), [withBody](AthleteRecord& a, const QString& t) -> QString {
        Sex value = Sex::kUnstated;
        if (t.compare(tr("female"), Qt::CaseInsensitive) == 0)
          value = Sex::kFemale;
        else if (t.compare(tr("male"), Qt::CaseInsensitive) == 0)
          value = Sex::kMale;
        else if (!isNone(t))
          return tr("Female or male, or nothing; it is only used for the usual width of the hips.");
        withBody(a).sex = value;
        return {};
      }));
  const Sex stated = r.body ? r.body->sex : Sex::kUnstated;
  sex->setText(stated == Sex::kFemale ? tr("female")
               : stated == Sex::kMale ? tr("male")
                                      : tr("sex not stated"));
  sex->setEditText(stated == Sex::kUnstated ? QStringLiteral(" ") : sex->text());
  sex->setChoices({tr("female"), tr("male")});
  who_->addText(QStringLiteral(","));
  auto* height = who_->addWord(
      tr("height"),
      changing(tr("Change the height"), [withBody](AthleteRecord& a, const QString& t) -> QString {
        const auto v = numberIn(t);
        if (!v) return tr("A height in cm, such as 174.");
        withBody(a).height_m = *v / 100.0;
        return {};
      }));
  const bool has_height = r.body && r.body->height_m != 0.0;
  height->setText(has_height ? tr("%1 cm").arg(QString::number(100.0 * r.body->height_m))
                             : tr("height not stated"));
  height->setEditText(has_height ? QString::number(100.0 * r.body->height_m) : QStringLiteral(" "));
  who_->addText(QStringLiteral(","));
  auto* mass = who_->addWord(
      tr("mass"), changing(tr("Change the mass"), [withBody](AthleteRecord& a, const QString& t) -> QString {
        if (isNone(t)) {
          withBody(a).mass_kg.reset();
          return {};
        }
        const auto v = numberIn(t);
        if (!v) return tr("A mass in kg, such as 68, or nothing.");
        withBody(a).mass_kg = *v;
        return {};
      }));
  mass->setText(r.body && r.body->mass_kg ? kilograms(*r.body->mass_kg) : tr("mass not stated"));
  mass->setEditText(r.body && r.body->mass_kg ? QString::number(*r.body->mass_kg) : QStringLiteral(" "));
  who_->addText(tr(", lifts since"));
  yearWord(tr("year of the first training"), p.lifts_since, &AthleteProfile::lifts_since, "lifts_since");
  who_->addText(QStringLiteral("."));
  who_->relayout();

  how_->clear();
  auto textWord = [&](Sentence* into, const QString& what, const std::string& value, auto access, int most) {
    auto* w = into->addWord(
        what, changing(tr("Change the %1").arg(what), [=](AthleteRecord& a, const QString& t) -> QString {
          if (t.size() > most) return tr("At most %1 letters.").arg(most);
          access(a) = isNone(t) ? std::string() : t.toStdString();
          return {};
        }));
    const QString shown = QString::fromStdString(value);
    w->setText(value.empty() ? none() : QFontMetrics(w->font()).elidedText(shown, Qt::ElideRight, 560));
    w->setEditText(value.empty() ? QStringLiteral(" ") : shown);
    w->setToolTip(shown);
  };
  how_->addText(tr("Goal:"));
  textWord(
      how_, tr("goal"), p.goal, [](AthleteRecord& a) -> std::string& { return a.athlete.profile.goal; }, 200);
  how_->addText(tr("; next test"));
  auto* test = how_->addWord(
      tr("test day"),
      changing(tr("Change the test day"), [today](AthleteRecord& a, const QString& t) -> QString {
        a.athlete.profile.test_day = isNone(t) ? std::string() : t.toStdString();
        for (const FieldProblem& problem : findProblems(a.athlete.profile, today))
          if (problem.field == "test_day") return QString::fromStdString(problem.text);
        return {};
      }));
  test->setText(p.test_day.empty() ? none() : dayWords(p.test_day, "d MMM yyyy"));
  test->setEditText(p.test_day.empty() ? QStringLiteral(" ") : QString::fromStdString(p.test_day));
  auto schoolWord = [&](const QString& lift, auto current, auto access, std::size_t count) {
    using School = decltype(current);
    QStringList choices;
    for (std::size_t i = 0; i < count; ++i) choices << schoolWords(static_cast<School>(i));
    auto* w =
        how_->addWord(tr("school of the %1").arg(lift),
                      changing(tr("Change a school"), [=](AthleteRecord& a, const QString& t) -> QString {
                        for (std::size_t i = 0; i < count; ++i)
                          if (t.compare(schoolWords(static_cast<School>(i)), Qt::CaseInsensitive) == 0) {
                            access(a.athlete.profile) = static_cast<School>(i);
                            return {};
                          }
                        return tr("One of: %1.").arg(choices.join(QStringLiteral(", ")));
                      }));
    w->setText(schoolWords(current));
    w->setChoices(choices);
  };
  how_->addText(tr(". Squat"));
  schoolWord(
      liftWords(Lift::kSquat), p.squat, [](AthleteProfile& a) -> SquatSchool& { return a.squat; },
      kSquatSchoolCount);
  how_->addText(tr(", bench press"));
  schoolWord(
      liftWords(Lift::kBench), p.bench, [](AthleteProfile& a) -> BenchSchool& { return a.bench; },
      kBenchSchoolCount);
  how_->addText(tr(", deadlift hips"));
  schoolWord(
      liftWords(Lift::kDeadlift), p.deadlift, [](AthleteProfile& a) -> DeadliftSchool& { return a.deadlift; },
      kDeadliftSchoolCount);
  how_->addText(tr(". Besides"));
  const auto titleOf = [](const std::string& id) {
    const RuleLayer* school = findSchool(id);
    return school == nullptr ? QString::fromStdString(id) : QString::fromStdString(school->title);
  };
  QStringList besides;
  for (const std::string& id : p.layers) besides << titleOf(id);
  auto* layers = how_->addWord(
      tr("other schools"),
      changing(tr("Change other schools"), [titleOf](AthleteRecord& a, const QString& t) -> QString {
        std::vector<std::string> names;
        QStringList known;
        for (const RuleLayer& school : builtInSchools()) {
          // Styles have a word of their own.
          if (squatSchoolNamed(school.name) || benchSchoolNamed(school.name) ||
              deadliftSchoolNamed(school.name))
            continue;
          known << titleOf(school.name);
        }
        if (!isNone(t) && t.compare(tr("nothing"), Qt::CaseInsensitive) != 0)
          for (const QString& part : t.split(QLatin1Char(','))) {
            const auto school =
                std::find_if(builtInSchools().begin(), builtInSchools().end(), [&](const RuleLayer& l) {
                  return part.trimmed().compare(titleOf(l.name), Qt::CaseInsensitive) == 0 &&
                         known.contains(titleOf(l.name));
                });
            if (school == builtInSchools().end())
              return tr("“%1” is not known. With commas between: %2; or nothing.")
                  .arg(part.trimmed(), known.join(QStringLiteral(", ")));
            if (std::find(names.begin(), names.end(), school->name) == names.end())
              names.push_back(school->name);
          }
        a.athlete.profile.layers = names;
        // Schools are never mixed silently.
        for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
          if (const auto book = bookOfSchools(schoolsOf(a.athlete.profile, lift), lift); !book)
            return QString::fromStdString(book.error().text);
        return {};
      }));
  layers->setText(besides.isEmpty() ? tr("nothing") : besides.join(QStringLiteral(", ")));
  how_->addText(QStringLiteral("."));
  how_->relayout();

  note_->clear();
  auto listWord = [&](const QString& what, const QString& shown, auto words, std::size_t count, auto access) {
    auto* w =
        note_->addWord(what, changing(tr("Change the %1").arg(what), [=](AthleteRecord& a, const QString& t) {
                         return takeList(t, count, words, access(a.athlete.profile));
                       }));
    QStringList choices;
    for (std::size_t i = 0; i < count; ++i)
      choices << words(static_cast<std::decay_t<decltype(access(std::declval<AthleteProfile&>())[0])>>(i));
    w->setText(QFontMetrics(w->font()).elidedText(shown, Qt::ElideRight, 560));
    w->setEditText(shown);
    w->setToolTip(tr("%1. Known: %2").arg(shown, choices.join(QStringLiteral(", "))));
  };
  note_->addText(tr("Has"));
  listWord(tr("equipment"), listWords(p.equipment, equipmentWords), equipmentWords, kEquipmentCount,
           [](AthleteProfile& a) -> std::vector<Equipment>& { return a.equipment; });
  note_->addText(tr("; the federation asks for"));
  listWord(tr("federation's rules"), listWords(p.constraints, constraintWords), constraintWords,
           kConstraintCount, [](AthleteProfile& a) -> std::vector<Constraint>& { return a.constraints; });
  note_->addText(tr(". Note:"));
  textWord(
      note_, tr("note"), r.athlete.note, [](AthleteRecord& a) -> std::string& { return a.athlete.note; },
      400);
  note_->relayout();
}

void AthleteView::refreshLengths() {
  clearLayout(lengths_);
  const AthleteRecord& r = desk_.record();
  const ScreenLimits limits = limitsFrom(r.screens);
  const auto problems = r.body ? findProblems(withScreens(*r.body, limits)) : std::vector<FieldProblem>();
  const auto who = subjectOf(r);
  int row = 0;
  for (std::size_t i = 0; i < kSegmentCount; ++i) {
    const auto s = static_cast<Segment>(i);
    const BodyLength* measured = r.body && r.body->measured[i] ? &*r.body->measured[i] : nullptr;
    auto* name = label(15);
    name->setText(segmentWords(s));
    name->setWordWrap(false);
    auto* value =
        new Word(segmentWords(s), 15,
                 changing(tr("Change a length"), [i](AthleteRecord& a, const QString& t) -> QString {
                   if (!a.body) a.body = BodyFacts{};
                   if (isNone(t)) {
                     a.body->measured[i].reset();
                     return {};
                   }
                   const auto v = numberIn(t);
                   if (!v) return tr("A length in cm, such as 42.5, or nothing.");
                   a.body->measured[i] = BodyLength{{*v / 100.0, kTapeError_m}, LengthSource::kByHand};
                   return {};
                 }));
    QString source = none();
    if (measured != nullptr) {
      value->setText(tr("%1 cm").arg(signedNumber(100.0 * measured->m.value, 1)));
      value->setEditText(QString::number(100.0 * measured->m.value));
      source = tr("%1 ± %2").arg(sourceWords(measured->source), signedNumber(100.0 * measured->m.sd, 1));
    } else if (who) {
      value->setText(tr("about %1").arg(signedNumber(100.0 * who->body.length_m(s), 0)));
      value->setEditText(QStringLiteral(" "));
      source = sourceWords(who->body.lengths[i].source);
      if (who->body.lengths[i].source == LengthSource::kByHand) source = tr("from its partner");
    } else {
      value->setText(tr("measure"));
      value->setEditText(QStringLiteral(" "));
    }
    auto* bar = new ProportionBar;
    if (who) bar->show(who->body, s);
    auto* words = label(14, Weight::kRegular, true);
    QString text = source;
    if (who && measured != nullptr)
      text += QStringLiteral(", ") + buildWords(who->body, s).remove(tr(" for the height"));
    const auto wrong = std::find_if(problems.begin(), problems.end(),
                                    [&](const FieldProblem& p) { return p.field == nameOf(s); });
    if (wrong != problems.end()) {
      text = QString::fromStdString(wrong->text);
      QPalette clay = words->palette();
      clay.setColor(QPalette::WindowText, theme().clay);
      words->setPalette(clay);
    }
    words->setText(text);
    lengths_->addWidget(name, row, 0);
    lengths_->addWidget(value, row, 1);
    lengths_->addWidget(bar, row, 2);
    lengths_->addWidget(words, row, 3);
    ++row;
  }
  QStringList others;
  for (const FieldProblem& p : problems)
    if (!segmentNamed(p.field)) others << QString::fromStdString(p.text);
  if (!problems.empty()) others << tr("Kept as a draft; Fit waits until it is put right.");
  problems_->setText(others.join(QLatin1Char('\n')));
  problems_->setVisible(!others.isEmpty());
  build_->setText(
      who ? buildSentence(who->body)
          : tr("Give the height first; everything else can be estimated from it and measured later."));
  bool films = false;
  for (const SetRecord& set : desk_.sets()) films = films || !set.edit.placed.empty();
  films_->setEnabled(films && r.body.has_value());
  films_->setToolTip(films_->isEnabled()
                         ? tr("Thigh, shank, trunk and foot from this athlete's films with placed joints")
                         : tr("There is no film of this athlete with placed joints yet"));
}

void AthleteView::refreshScreens() {
  clearLayout(screens_);
  const AthleteRecord& r = desk_.record();
  for (std::size_t i = 0; i < kScreenCount; ++i) {
    const auto screen = static_cast<Screen>(i);
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(1);
    auto* head_row = new QHBoxLayout;
    auto* name = label(15, Weight::kMedium);
    name->setText(screenWords(screen));
    auto* go = button(tr("do · %1").arg(i + 1), tr("Do the screen “%1”").arg(screenWords(screen)), true);
    go->setProperty("screen", static_cast<int>(i));
    connect(go, &QPushButton::clicked, this, [this, i] { startScreen(static_cast<int>(i)); });
    head_row->addWidget(name, 1);
    head_row->addWidget(go);
    column->addLayout(head_row);
    auto say = [&](const QString& text, bool muted) {
      auto* l = label(14, Weight::kRegular, muted);
      l->setText(text);
      column->addWidget(l);
    };
    const ScreenResult* newest = newestOf(r.screens, screen);
    if (newest == nullptr) {
      say(tr("not done yet"), true);
    } else {
      QStringList found, means;
      for (ScreenFinding f : judgeScreen(*newest)) {
        found << screenFindingWords(f);
        if (const QString m = screenFindingMeans(f); !m.isEmpty() && !means.contains(m)) means << m;
      }
      if (screen == Screen::kKneeToWall) {
        QStringList sides;
        for (const char* side : {"left", "right"})
          if (const auto cm = newest->answer(side))
            sides << tr("%1 %2 cm (%3°)")
                         .arg(sideWords(side), signedNumber(*cm, 1),
                              signedNumber(dorsiflexionFromWall_deg(*cm / 100.0), 0));
        found.prepend(sides.join(QStringLiteral(", ")));
      }
      const auto age = daysBetween(newest->day, desk_.today());
      QString text = tr("%1: %2").arg(dayWords(newest->day, "d MMM yyyy"), found.join(QStringLiteral(", ")));
      if (age && *age > kScreenKeepsDays) text += tr("; %1 weeks old, do it again").arg(*age / 7);
      say(text, false);
      if (!means.isEmpty()) say(means.join(QLatin1Char(' ')), true);
      // What it was before, so that change shows.
      const ScreenResult* before = nullptr;
      for (const ScreenResult& x : r.screens)
        if (x.screen == screen && &x != newest && (before == nullptr || x.day >= before->day)) before = &x;
      if (before != nullptr) {
        QStringList was;
        for (ScreenFinding f : judgeScreen(*before)) was << screenFindingWords(f);
        if (screen == Screen::kKneeToWall) {
          QStringList change;
          for (const char* side : {"left", "right"})
            if (const auto now = newest->answer(side), then = before->answer(side); now && then)
              change << tr("%1 %2%3 cm")
                            .arg(sideWords(side), *now >= *then ? QStringLiteral("+") : QString(),
                                 signedNumber(*now - *then, 1));
          if (!change.isEmpty()) was = QStringList{change.join(QStringLiteral(", "))};
        }
        say(tr("since %1: %2").arg(dayWords(before->day, "d MMM yyyy"), was.join(QStringLiteral(", "))),
            true);
      }
    }
    screens_->addWidget(box);
  }
}

void AthleteView::refreshComplaints() {
  clearLayout(complaints_);
  const AthleteRecord& r = desk_.record();
  auto add = button(tr("New complaint · +"), tr("Write down a complaint"));
  add->setObjectName(QStringLiteral("new complaint"));
  connect(add, &QPushButton::clicked, this, &AthleteView::addComplaint);
  complaints_->addWidget(add, 0, Qt::AlignLeft);
  if (r.complaints.empty()) {
    auto* l = label(14, Weight::kRegular, true);
    l->setText(tr("None written down."));
    complaints_->addWidget(l);
  }
  QStringList joints;
  for (std::size_t i = 0; i < kComplaintJointCount; ++i) joints << jointWords(static_cast<ComplaintJoint>(i));
  // Newest first: open ones are at hand.
  for (std::size_t k = r.complaints.size(); k-- > 0;) {
    const ComplaintRecord& c = r.complaints[k];
    auto* words = new Sentence(15);
    auto* side =
        words->addWord(tr("side %1").arg(k + 1),
                       changing(tr("Change a complaint"), [k](AthleteRecord& a, const QString& t) -> QString {
                         for (const char* s : {"left", "right", "both"})
                           if (t.compare(sideWords(s), Qt::CaseInsensitive) == 0) {
                             a.complaints[k].side = s;
                             return {};
                           }
                         if (!isNone(t)) return tr("Left, right, both, or nothing.");
                         a.complaints[k].side.clear();
                         return {};
                       }));
    side->setText(c.side.empty() ? tr("side?") : sideWords(c.side));
    side->setEditText(c.side.empty() ? QStringLiteral(" ") : sideWords(c.side));
    side->setChoices({tr("left"), tr("right"), tr("both")});
    auto* joint = words->addWord(
        tr("joint %1").arg(k + 1),
        changing(tr("Change a complaint"), [k, joints](AthleteRecord& a, const QString& t) -> QString {
          for (std::size_t i = 0; i < kComplaintJointCount; ++i)
            if (t.compare(jointWords(static_cast<ComplaintJoint>(i)), Qt::CaseInsensitive) == 0) {
              a.complaints[k].what.joint = static_cast<ComplaintJoint>(i);
              return {};
            }
          return tr("One of: %1.").arg(joints.join(QStringLiteral(", ")));
        }));
    joint->setText(jointWords(c.what.joint));
    joint->setChoices(joints);
    words->addText(QStringLiteral(","));
    auto* level =
        words->addWord(tr("level %1").arg(k + 1),
                       changing(tr("Change a complaint"), [k](AthleteRecord& a, const QString& t) -> QString {
                         bool ok = false;
                         const int v = QString(t).remove(QStringLiteral("/10")).trimmed().toInt(&ok);
                         if (!ok || v < 0 || v > 10) return tr("A level lies between 0 and 10.");
                         a.complaints[k].what.level = v;
                         return {};
                       }));
    level->setText(tr("%1/10").arg(c.what.level));
    level->setEditText(QString::number(c.what.level));
    if (!c.opened.empty()) words->addText(tr(", since %1").arg(dayWords(c.opened, "d MMM yyyy")));
    words->addText(c.closed.empty() ? tr(", open.")
                                    : tr(", closed %1.").arg(dayWords(c.closed, "d MMM yyyy")));
    complaints_->addWidget(words);
    words->relayout();
    auto* close =
        button(c.closed.empty() ? tr("close it") : tr("open again"),
               c.closed.empty() ? tr("Close the complaint about the %1").arg(jointWords(c.what.joint))
                                : tr("Open the complaint about the %1 again").arg(jointWords(c.what.joint)),
               true);
    close->setProperty("complaint", static_cast<int>(k));
    connect(close, &QPushButton::clicked, this, [this, k] {
      AthleteRecord after = desk_.record();
      ComplaintRecord& x = after.complaints[k];
      x.closed = x.closed.empty() ? desk_.today() : std::string();
      desk_.edit(x.closed.empty() ? tr("Open a complaint again") : tr("Close a complaint"), after);
    });
    complaints_->addWidget(close, 0, Qt::AlignLeft);
  }
}

void AthleteView::addComplaint() {
  AthleteRecord after = desk_.record();
  // Four: from here on it counts, until the coach says otherwise.
  after.complaints.push_back({{ComplaintJoint::kKnee, kComplaintThatCounts}, "", desk_.today(), ""});
  desk_.edit(tr("Write down a complaint"), after);
  if (Word* joint = word(tr("joint %1").arg(after.complaints.size()))) joint->setFocus();
}

void AthleteView::startScreen(int number) {
  guide_->start(static_cast<Screen>(number), desk_.today());
  guide_->show();
  guide_->start(static_cast<Screen>(number), desk_.today());
}

void AthleteView::readFromFilms() {
  AthleteRecord after = desk_.record();
  if (!after.body || !findProblems(BodyFacts{after.body->height_m, {}, Sex::kUnstated, {}, {}}).empty())
    return emit trouble(tr("Give the height first; it is the second ruler beside the plate."));
  std::vector<ClipLengths> found;
  QString refused;
  for (const SetRecord& set : desk_.sets()) {
    if (set.edit.placed.empty() || set.edit.asked.lift != Lift::kSquat) continue;
    const auto tracks = desk_.house().loadTracks(set.id);
    if (!tracks || !*tracks) continue;
    const auto seen = analyseSet(**tracks, after.athlete, set.edit, bodyOf(after), {});
    if (!seen.analysis) continue;
    const auto lengths = estimateLengths(seen.tracks, seen.analysis->camera, seen.analysis->camera_errors,
                                         seen.analysis->reps);
    if (!lengths) {
      refused = QString::fromStdString(set.clip.file) + QStringLiteral(": ") +
                QString::fromStdString(lengths.error().text);
      continue;
    }
    found.push_back(*lengths);
  }
  takeLengths(found, *after.body);
  BodyFacts said;  // what the films say, also where a tape was there first
  takeLengths(found, said);
  QStringList taken, kept;
  for (std::size_t i = 0; i < kSegmentCount; ++i) {
    if (!said.measured[i]) continue;
    const Estimate& m = said.measured[i]->m;
    const bool by_hand = after.body->measured[i]->source == LengthSource::kByHand;
    (by_hand ? kept : taken) << tr("%1 %2").arg(segmentWords(static_cast<Segment>(i)).toLower(),
                                                withError({100.0 * m.value, 100.0 * m.sd}, "cm"));
  }
  if (taken.isEmpty() && kept.isEmpty())
    return emit trouble(
        refused.isEmpty() ? tr("There is no squat film of this athlete with placed joints yet.") : refused);
  desk_.edit(tr("Read lengths from films"), after);
  QString text = tr("From %1: ").arg(found.size() == 1 ? tr("one film") : tr("%1 films").arg(found.size()));
  if (!taken.isEmpty()) text += taken.join(QStringLiteral(", ")) + QStringLiteral(". ");
  if (!kept.isEmpty())
    text += tr("Measured by hand and kept as it is: the films say %1. ").arg(kept.join(QStringLiteral(", ")));
  emit trouble(text + refused);
}

void AthleteView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape)
    emit backWanted();
  else
    QWidget::keyPressEvent(event);
}

void AthleteView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
