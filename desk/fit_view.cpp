#include "desk/fit_view.h"

#include <algorithm>
#include <cmath>

#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QTimer>
#include <QUndoCommand>
#include <QVBoxLayout>

#include "core/motion/camera_shake.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/proportion_bar.h"
#include "desk/set_analysis.h"
#include "desk/trial_panel.h"
#include "report/fit_wording.h"
#include "report/wording.h"

namespace mottix {
namespace {

class ChangeFit : public QUndoCommand {
 public:
  ChangeFit(FitView& view, const QString& text, FitState before, FitState after, int drag)
      : QUndoCommand(text), view_(view), before_(std::move(before)), after_(std::move(after)), drag_(drag) {}
  void redo() override { view_.apply(after_); }
  void undo() override { view_.apply(before_); }
  int id() const override { return drag_ == 0 ? -1 : 1; }
  bool mergeWith(const QUndoCommand* other) override {
    const auto* next = static_cast<const ChangeFit*>(other);
    if (next->drag_ != drag_) return false;
    after_ = next->after_;
    return true;
  }

 private:
  FitView& view_;
  FitState before_, after_;
  int drag_;
};

constexpr double kPageShape = 148.0 / 210.0;  // A5

}  // namespace

FigureInk printInk() {
  return {QColor("#1c2426"), QColor("#5f6664"), QColor("#b9b6aa"), QColor("#9dbdb8"),
          QColor("#a34c26"), QColor("#ffffff"), type(13)};
}

CardView::CardView(QWidget* parent) : QWidget(parent) {
  setMinimumSize(260, 360);
}

void CardView::setCard(const SetupCard& card) {
  card_ = card;
  setAccessibleName(tr("Card for the rack: %1, %2").arg(card.athlete, card.name));
  update();
}

void CardView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  QSizeF size(kPageShape * height(), height());
  if (size.width() > width()) size = {static_cast<double>(width()), width() / kPageShape};
  const QRectF page(QPointF(0.5 * (width() - size.width()), 0.0), size);
  paintCard(p, page.adjusted(1, 1, -1, -1), card_, printInk());
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(theme().line, 1.0));
  p.drawRect(page.adjusted(0.5, 0.5, -0.5, -0.5));
}

FitView::FitView(AthleteDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(28, 14, 22, 12);
  column->setSpacing(6);
  sentence_ = new Sentence(21);
  column->addWidget(sentence_);
  build_ = label(14, Weight::kRegular, true);
  build_->setObjectName(QStringLiteral("build"));
  column->addWidget(build_);

  work_ = new QWidget;
  auto* row = new QHBoxLayout(work_);
  row->setContentsMargins(0, 6, 0, 0);
  row->setSpacing(18);

  auto* body_area = new QScrollArea;
  body_area->setWidgetResizable(true);
  body_area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  body_area->setFocusPolicy(Qt::NoFocus);
  body_area->setFixedWidth(286);
  auto* body = new QWidget;
  auto* body_column = new QVBoxLayout(body);
  body_column->setContentsMargins(0, 0, 8, 0);
  body_column->setSpacing(8);
  auto* body_head = label(14, Weight::kMedium, true);
  body_head->setText(tr("The body, against people of this height (open dots: from films)"));
  body_column->addWidget(body_head);
  body_rows_ = new QGridLayout;
  body_rows_->setHorizontalSpacing(8);
  body_rows_->setVerticalSpacing(7);
  body_rows_->setColumnStretch(0, 1);
  body_column->addLayout(body_rows_);
  screens_ = new QVBoxLayout;
  screens_->setSpacing(3);
  body_column->addLayout(screens_);
  auto* to_body = button(tr("body, screens, complaints · B"), tr("Open the athlete's page"), true);
  connect(to_body, &QPushButton::clicked, this, [this] { emit bodyWanted(desk_.record().athlete.id); });
  body_column->addWidget(to_body, 0, Qt::AlignLeft);
  body_column->addStretch(1);
  body_area->setWidget(body);
  row->addWidget(body_area);

  middle_ = new QStackedWidget;
  figure_page_ = new QWidget;
  auto* figure_column = new QVBoxLayout(figure_page_);
  figure_column->setContentsMargins(0, 0, 0, 0);
  figure_column->setSpacing(4);
  figure_ = new FigureView;
  figure_->setObjectName(QStringLiteral("figure"));
  numbers_ = label(14);
  numbers_->setObjectName(QStringLiteral("numbers"));
  // Room for three lines, so that the figure does not jump when the words get longer.
  auto* numbers_box = new StillBox(numbers_);
  numbers_box->setFixedHeight(3 * QFontMetrics(numbers_->font()).lineSpacing() + 4);
  numbers_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  figure_column->addWidget(figure_, 1);
  figure_column->addWidget(numbers_box);
  card_view_ = new CardView;
  trials_ = new TrialPanel(desk_);
  auto* trial_area = new QScrollArea;
  trial_area->setWidgetResizable(true);
  trial_area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  trial_area->setFocusPolicy(Qt::NoFocus);
  trial_area->setWidget(trials_);
  middle_->addWidget(figure_page_);
  middle_->addWidget(trial_area);
  middle_->addWidget(card_view_);
  row->addWidget(middle_, 1);

  auto* side = new QWidget;
  side->setObjectName(QStringLiteral("card box"));
  side->setAttribute(Qt::WA_StyledBackground);
  side->setStyleSheet(QStringLiteral("QWidget#card\\ box { background: %1; border: 1px solid %2; }")
                          .arg(theme().raised.name(), theme().line.name()));
  side->setFixedWidth(322);
  auto* side_column = new QVBoxLayout(side);
  side_column->setContentsMargins(16, 12, 8, 10);
  side_column->setSpacing(6);
  auto* side_head = label(17, Weight::kSemiBold);
  side_head->setText(tr("Card for the rack"));
  side_column->addWidget(side_head);
  auto* line_area = new QScrollArea;
  line_area->setWidgetResizable(true);
  line_area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  line_area->setAccessibleName(tr("Suggested set-up with reasons"));
  auto* line_body = new QWidget;
  lines_ = new QVBoxLayout(line_body);
  lines_->setContentsMargins(0, 0, 8, 0);
  line_text_ = label(14);
  line_text_->setObjectName(QStringLiteral("card lines"));
  line_text_->setTextFormat(Qt::RichText);
  line_text_->setAlignment(Qt::AlignTop);
  caution_ = label(13, Weight::kRegular, true);
  caution_->setObjectName(QStringLiteral("cautions"));
  line_box_ = new StillBox(line_text_);
  caution_box_ = new StillBox(caution_);
  lines_->addWidget(line_box_);
  lines_->addWidget(caution_box_);
  lines_->addStretch(1);
  line_area->setWidget(line_body);
  side_column->addWidget(line_area, 1);
  auto* buttons = new QGridLayout;
  buttons->setHorizontalSpacing(4);
  buttons->setVerticalSpacing(2);
  keep_ = button(tr("Keep this set-up · K"), tr("Keep this set-up in the athlete's record, to try it out"));
  card_button_ = button(tr("card · C"), tr("Show the card as it is printed"), true);
  trial_button_ =
      button(tr("tried · T"), tr("Set-ups that were tried, compared on the athlete's own sets"), true);
  film_button_ = button(tr("over film · G"), tr("Lay the figure over a paused film of this athlete"), true);
  auto* pdf = button(tr("PDF"), tr("Write the card as a PDF file"), true);
  auto* paper = button(tr("print"), tr("Print the card (Ctrl+P)"), true);
  connect(keep_, &QPushButton::clicked, this, &FitView::keepSetup);
  connect(card_button_, &QPushButton::clicked, this, &FitView::toggleCard);
  connect(trial_button_, &QPushButton::clicked, this, &FitView::toggleTrials);
  connect(film_button_, &QPushButton::clicked, this, &FitView::toggleFilm);
  connect(pdf, &QPushButton::clicked, this, &FitView::savePdf);
  connect(paper, &QPushButton::clicked, this, &FitView::printCard);
  buttons->addWidget(keep_, 0, 0, 1, 3);
  buttons->addWidget(card_button_, 1, 0);
  buttons->addWidget(paper, 1, 1);
  buttons->addWidget(pdf, 1, 2);
  buttons->addWidget(trial_button_, 2, 0);
  buttons->addWidget(film_button_, 2, 1, 1, 2, Qt::AlignLeft);
  side_column->addLayout(buttons);
  row->addWidget(side);
  column->addWidget(work_, 1);

  empty_box_ = new QWidget;
  auto* empty_column = new QVBoxLayout(empty_box_);
  empty_column->setContentsMargins(0, 30, 0, 0);
  empty_ = label(16);
  auto* give = button(tr("Give the body · B"), tr("Open the athlete's page"));
  connect(give, &QPushButton::clicked, this, [this] { emit bodyWanted(desk_.record().athlete.id); });
  empty_column->addWidget(empty_);
  empty_column->addWidget(give, 0, Qt::AlignLeft);
  empty_column->addStretch(1);
  column->addWidget(empty_box_, 1);

  connect(figure_, &FigureView::barPulled, this, [this](BarPosition p) {
    FitState after = state_;
    after.squat.bar = p;
    change(tr("Pull the bar"), after, drag_ + 1);
  });
  connect(figure_, &FigureView::valuePulled, this, [this](FitHandle handle, double value) {
    FitState after = state_;
    const bool squat = state_.lift == Lift::kSquat;
    switch (handle) {
      case FitHandle::kDepth:
        after.squat.hip_below_knee_m = value;
        break;
      case FitHandle::kHeel:
        after.squat.heel_raise_m = value;
        break;
      case FitHandle::kStance:
        (squat ? after.squat.heel_distance_m : after.deadlift.heel_distance_m) = value;
        break;
      case FitHandle::kToes:
        (squat ? after.squat.toe_out_deg : after.deadlift.toe_out_deg) = value;
        break;
      case FitHandle::kHands:
        after.bench.grip_m = value - 2.0 * kIndexFinger_m;
        break;
      case FitHandle::kBar:
        break;
    }
    change(tr("Pull the figure"), after, drag_ + 1);
  });
  connect(figure_, &FigureView::letGo, this, [this] {
    ++drag_;
    card_timer_.stop();
    if (solved_) refreshCard();
  });
  constexpr int kCardBehind_ms = 300;
  card_timer_.setSingleShot(true);
  card_timer_.setInterval(kCardBehind_ms);
  connect(&card_timer_, &QTimer::timeout, this, [this] {
    if (solved_) refreshCard();
  });
  connect(&desk_, &AthleteDesk::changed, this, [this] {
    if (of_ && isVisible()) takeRecord();
  });
  connect(trials_, &TrialPanel::useWanted, this, [this](SetupId id) {
    for (const SetupRecord& s : desk_.record().setups)
      if (s.id == id) {
        change(tr("Show a kept set-up"), withSetup(state_, s));
        middle_->setCurrentWidget(figure_page_);
      }
  });
  connect(&source_, &FrameSource::ready, this, [this](std::size_t frame, const QImage& picture) {
    if (!film_ || frame != film_frame_) return;
    film_->picture = picture;
    figure_->layOver(film_);
  });
  connect(&source_, &FrameSource::failed, this, [this](const QString& reason) {
    film_.reset();
    figure_->layOver(std::nullopt);
    emit trouble(reason);
  });

  addKey(this, Qt::Key_K, tr("Keep this set-up"), this, &FitView::keepSetup);
  addKey(this, Qt::Key_C, tr("The card for the rack"), this, &FitView::toggleCard);
  addKey(this, Qt::Key_T, tr("Set-ups that were tried"), this, &FitView::toggleTrials);
  addKey(this, Qt::Key_G, tr("The figure over a film"), this, &FitView::toggleFilm);
  addKey(this, QKeySequence::Print, tr("Print the card"), this, &FitView::printCard);
  sayKey(this, tr("Arrows"), tr("On the figure: stance, bar, heel or grip a step"));

  ask_pdf = [this] {
    return QFileDialog::getSaveFileName(
        this, tr("Card as PDF"),
        card().athlete + QStringLiteral(" – ") + card().lift + QStringLiteral(".pdf"), tr("PDF (*.pdf)"));
  };
  print = [this](const SetupCard& card) {
    QPrinter printer;
    printer.setPageSize(QPageSize(QPageSize::A5));
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() != QDialog::Accepted) return;
    QPainter painter;
    if (!painter.begin(&printer))
      return emit trouble(tr("The printer does not answer. Is it on and connected?"));
    paintCard(painter, printer.pageLayout().paintRectPixels(printer.resolution()), card, printInk());
  };
}
FitView::~FitView() = default;

void FitView::open(AthleteId athlete, std::optional<SetId> set, std::size_t frame) {
  const bool same = of_ == athlete;
  of_ = athlete;
  if (!desk_.open(athlete)) return;
  film_.reset();
  figure_->layOver(std::nullopt);
  middle_->setCurrentWidget(figure_page_);
  chooseFilm(set, frame);
  if (!same) {
    state_ = {};
    const AthleteProfile& p = desk_.record().athlete.profile;
    state_.squat_school = p.squat;
    state_.bench_school = p.bench;
    state_.deadlift_school = p.deadlift;
    // The lift and load at hand; the set-up in use when one was chosen.
    const auto sets = desk_.sets();
    const SetRecord* last = sets.empty() ? nullptr : &sets.back();
    for (const SetRecord& s : sets)
      if (set && s.id == *set) last = &s;
    if (last != nullptr) {
      state_.lift = last->edit.asked.lift;
      state_.load_kg = last->edit.next_load_kg.value_or(last->edit.asked.load_kg);
    }
    for (const SetupRecord& s : desk_.record().setups)
      if (s.chosen && s.lift == state_.lift) state_ = withSetup(state_, s);
  }
  takeRecord();
}

void FitView::change(const QString& text, const FitState& after, int drag) {
  if (after == state_) return;
  pulling_ = drag != 0;
  desk_.push(new ChangeFit(*this, text, state_, after, drag));
  pulling_ = false;
}

void FitView::apply(const FitState& state) {
  const bool other_lift = state.lift != state_.lift;
  state_ = state;
  if (other_lift && film_) {
    film_.reset();
    figure_->layOver(std::nullopt);
  }
  solve();
}

void FitView::takeRecord() {
  who_ = subjectOf(desk_.record());
  if (who_) refreshBody();
  solve();
}

void FitView::solve() {
  const AthleteRecord& r = desk_.record();
  const QString name = QString::fromStdString(r.athlete.name);
  work_->setVisible(who_.has_value());
  empty_box_->setVisible(!who_);
  sentence_->setVisible(who_.has_value());
  if (!who_) {
    solved_.reset();
    build_->clear();
    const auto problems =
        r.body ? findProblems(withScreens(*r.body, limitsFrom(r.screens))) : std::vector<FieldProblem>();
    empty_->setText(
        problems.empty()
            ? tr("Nothing is known of %1's body yet. The height alone is enough to begin with; thigh, shank "
                 "and trunk make it worth trusting.")
                  .arg(name)
            : tr("The body of %1 cannot be one yet: %2 Put it right first.")
                  .arg(name, QString::fromStdString(problems.front().text)));
    return;
  }
  solved_ = solveFit(*who_, state_);
  std::optional<FitSolved> ghost;
  if (const auto other = ghostState(state_, r.setups)) ghost = solveFit(*who_, *other);
  figure_->setScene(sceneOf(*who_, *solved_, ghost));
  const QString numbers = solved_->no_posture.isEmpty() ? solved_->numbers : solved_->no_posture;
  if (numbers_->text() != numbers) numbers_->setText(numbers);
  const QString build = tr("%1: %2").arg(name, buildSentence(who_->body));
  if (build_->text() != build) build_->setText(build);
  writeSentence();
  // While the figure is pulled the card follows a little later, so that the figure does not wait for it.
  if (pulling_) {
    if (!card_timer_.isActive()) card_timer_.start();
  } else {
    refreshCard();
  }
  if (middle_->currentIndex() == 1) trials_->open(state_.lift);
}

void FitView::writeSentence() {
  // A word whose text is just being taken is written anew when it is done, so that the keyboard stays on it.
  if (Word::anyEditing(*sentence_)) {
    if (!later_)
      QTimer::singleShot(0, this, [this] {
        later_ = true;
        writeSentence();
        later_ = false;
      });
    return;
  }
  QWidget* focused = window()->focusWidget();
  const QString focus_name =
      focused != nullptr && sentence_->isAncestorOf(focused) ? focused->objectName() : QString();
  if (!solved_) return;
  // While the figure is pulled only the words' texts change; they are made anew for another lift or other
  // set-ups to choose from.
  QStringList ghosts = {tr("nothing"), tr("the suggestion")};
  if (state_.lift == Lift::kSquat)
    for (std::size_t i = 0; i < kBarPositionCount; ++i) ghosts << barWords(static_cast<BarPosition>(i));
  if (state_.lift == Lift::kDeadlift) ghosts << tr("conventional") << tr("sumo");
  for (const SetupRecord& s : desk_.record().setups)
    if (s.lift == state_.lift) ghosts << QString::fromStdString(s.name);
  const QString written = liftWords(state_.lift) + QLatin1Char('|') + ghosts.join(QLatin1Char('|'));
  const bool anew = written != written_;
  written_ = written;
  const auto textOf = [this] {
    QStringList all;
    for (const Word* w : words_) all << w->text();
    return all;
  };
  const QStringList said_before = anew ? QStringList() : textOf();
  std::size_t at = 0;
  if (anew) {
    sentence_->clear();
    words_.clear();
  }
  auto addText = [&](const QString& text) {
    if (anew) sentence_->addText(text);
  };
  auto addWord = [&](const QString& name, const Word::Accept& accept) {
    if (anew) words_.push_back(sentence_->addWord(name, accept));
    return words_[at++];
  };
  const QString suggested = tr("suggested");
  // A word for one number of the set-up; “suggested” gives it back to the planner.
  auto numberWord = [&](const QString& name, const QString& shown, const QString& unit_words, double unit,
                        double low, double high, auto access) {
    auto* w = addWord(name, [=, this](const QString& text) -> QString {
      FitState after = state_;
      std::optional<double>& value = access(after);
      if (text.compare(suggested, Qt::CaseInsensitive) == 0) {
        value.reset();
      } else {
        const auto v =
            numberIn(text.compare(tr("flat"), Qt::CaseInsensitive) == 0 ? QStringLiteral("0") : text);
        if (!v || *v / unit < low - 1e-9 || *v / unit > high + 1e-9)
          return tr("Between %1 and %2 %3, or “suggested”.").arg(low * unit).arg(high * unit).arg(unit_words);
        value = *v / unit;
      }
      change(tr("Change the %1").arg(name), after);
      return {};
    });
    w->setText(shown);
    w->setChoices({suggested});
    return w;
  };
  auto choiceWord = [&](const QString& name, const QString& shown, const QStringList& choices,
                        std::function<bool(FitState&, const QString&)> take) {
    auto* w = addWord(name, [=, this](const QString& text) -> QString {
      FitState after = state_;
      if (!take(after, text)) return tr("One of: %1.").arg(choices.join(QStringLiteral(", ")));
      change(tr("Change the %1").arg(name), after);
      return {};
    });
    w->setText(shown);
    w->setChoices(choices);
    return w;
  };
  auto number = [](double v, int digits = 0) { return signedNumber(v, digits); };

  QStringList lifts;
  for (Lift l : {Lift::kSquat, Lift::kBench, Lift::kDeadlift}) lifts << liftWords(l);
  QString lift = liftWords(state_.lift);
  lift[0] = lift[0].toUpper();
  choiceWord(tr("lift"), lift, lifts, [](FitState& s, const QString& text) {
    for (Lift l : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
      if (text.compare(liftWords(l), Qt::CaseInsensitive) == 0) {
        s.lift = l;
        s.ghost = {};
        return true;
      }
    return false;
  })->setEditText(liftWords(state_.lift));
  if (state_.lift == Lift::kSquat) {
    addText(QStringLiteral(","));
    QStringList bars;
    for (std::size_t i = 0; i < kBarPositionCount; ++i) bars << barWords(static_cast<BarPosition>(i));
    choiceWord(tr("bar position"), barWords(solved_->squat->bar), bars + QStringList{suggested},
               [suggested](FitState& s, const QString& text) {
                 if (text.compare(suggested, Qt::CaseInsensitive) == 0) {
                   s.squat.bar.reset();
                   return true;
                 }
                 for (std::size_t i = 0; i < kBarPositionCount; ++i)
                   if (text.compare(barWords(static_cast<BarPosition>(i)), Qt::CaseInsensitive) == 0) {
                     s.squat.bar = static_cast<BarPosition>(i);
                     return true;
                   }
                 return false;
               });
  } else if (state_.lift == Lift::kDeadlift) {
    addText(QStringLiteral(","));
    choiceWord(tr("style"),
               solved_->deadlift->style == DeadliftStyle::kSumo ? tr("sumo") : tr("conventional"),
               {tr("conventional"), tr("sumo"), suggested}, [suggested](FitState& s, const QString& text) {
                 const auto was = s.deadlift.style;
                 if (text.compare(suggested, Qt::CaseInsensitive) == 0)
                   s.deadlift = {};
                 else if (text.compare(tr("sumo"), Qt::CaseInsensitive) == 0)
                   s.deadlift.style = DeadliftStyle::kSumo;
                 else if (text.compare(tr("conventional"), Qt::CaseInsensitive) == 0)
                   s.deadlift.style = DeadliftStyle::kConventional;
                 else
                   return false;
                 // The feet and hands of one style are not those of the other.
                 if (s.deadlift.style != was) {
                   const auto style = s.deadlift.style;
                   s.deadlift = {};
                   s.deadlift.style = style;
                 }
                 return true;
               });
  }
  addText(tr("for"));
  auto* load = addWord(tr("load"), [this](const QString& text) -> QString {
    const auto v = numberIn(text);
    if (!v || *v < 0.0 || *v > 500.0) return tr("A load lies between 0 and 500 kg.");
    FitState after = state_;
    after.load_kg = *v;
    change(tr("Change the load"), after);
    return {};
  });
  load->setText(kilograms(state_.load_kg));
  if (state_.lift == Lift::kSquat) {
    const SquatSetup& s = *solved_->squat;
    addText(tr(", heels"));
    numberWord(tr("stance"), tr("%1 cm").arg(number(100.0 * s.heel_distance_m)), tr("cm"), 100.0, 0.05, 1.0,
               [](FitState& f) -> std::optional<double>& { return f.squat.heel_distance_m; });
    addText(tr("apart and"));
    numberWord(tr("heel height"),
               s.heel_raise_m < 0.0005 ? tr("flat") : tr("%1 mm high").arg(number(1000.0 * s.heel_raise_m)),
               tr("mm"), 1000.0, 0.0, 0.08,
               [](FitState& f) -> std::optional<double>& { return f.squat.heel_raise_m; })
        ->setEditText(number(1000.0 * s.heel_raise_m));
    addText(tr(", toes"));
    numberWord(tr("toes"), tr("%1° out").arg(number(s.toe_out_deg)), tr("degrees"), 1.0, 0.0, 60.0,
               [](FitState& f) -> std::optional<double>& { return f.squat.toe_out_deg; })
        ->setEditText(number(s.toe_out_deg));
    addText(tr(", hip joint"));
    const double cm = 100.0 * s.hip_below_knee_m;
    numberWord(tr("depth"), (cm >= 0.0 ? tr("%1 cm below") : tr("%1 cm above")).arg(number(std::abs(cm))),
               tr("cm below the knee joint (negative: above)"), 100.0, -0.4, 0.4,
               [](FitState& f) -> std::optional<double>& { return f.squat.hip_below_knee_m; })
        ->setEditText(number(cm));
    addText(tr("the knee's, school"));
    QStringList schools;
    for (std::size_t i = 0; i < kSquatSchoolCount; ++i) schools << schoolWords(static_cast<SquatSchool>(i));
    choiceWord(tr("school"), schoolWords(state_.squat_school), schools, [](FitState& f, const QString& text) {
      for (std::size_t i = 0; i < kSquatSchoolCount; ++i)
        if (text.compare(schoolWords(static_cast<SquatSchool>(i)), Qt::CaseInsensitive) == 0) {
          f.squat_school = static_cast<SquatSchool>(i);
          return true;
        }
      return false;
    });
  } else if (state_.lift == Lift::kDeadlift) {
    const DeadliftSetup& s = *solved_->deadlift;
    addText(tr(", heels"));
    numberWord(tr("stance"), tr("%1 cm").arg(number(100.0 * s.heel_distance_m)), tr("cm"), 100.0, 0.05, 1.0,
               [](FitState& f) -> std::optional<double>& { return f.deadlift.heel_distance_m; });
    addText(tr("apart, toes"));
    numberWord(tr("toes"), tr("%1° out").arg(number(s.toe_out_deg)), tr("degrees"), 1.0, 0.0, 60.0,
               [](FitState& f) -> std::optional<double>& { return f.deadlift.toe_out_deg; })
        ->setEditText(number(s.toe_out_deg));
    addText(tr(", index fingers"));
    numberWord(tr("hands"), tr("%1 cm").arg(number(100.0 * (s.hand_distance_m - 2.0 * kIndexFinger_m))),
               tr("cm"), 100.0, 0.15, 1.2,
               [](FitState& f) -> std::optional<double>& { return f.deadlift.hand_distance_m; });
    addText(tr("apart, hips"));
    choiceWord(tr("school"), schoolWords(state_.deadlift_school),
               {schoolWords(DeadliftSchool::kBase), schoolWords(DeadliftSchool::kFeltTension)},
               [](FitState& f, const QString& text) {
                 for (DeadliftSchool d : {DeadliftSchool::kBase, DeadliftSchool::kFeltTension})
                   if (text.compare(schoolWords(d), Qt::CaseInsensitive) == 0) {
                     f.deadlift_school = d;
                     return true;
                   }
                 return false;
               });
  } else {
    addText(tr(", index fingers"));
    numberWord(tr("hands"),
               tr("%1 cm").arg(number(100.0 * (solved_->bench->grip_m - 2.0 * kIndexFinger_m), 1)), tr("cm"),
               100.0, 0.25, 1.2, [](FitState& f) -> std::optional<double>& { return f.bench.grip_m; });
    addText(tr("apart, school"));
    QStringList schools;
    for (std::size_t i = 0; i < kBenchSchoolCount; ++i) schools << schoolWords(static_cast<BenchSchool>(i));
    choiceWord(tr("school"), schoolWords(state_.bench_school), schools, [](FitState& f, const QString& text) {
      for (std::size_t i = 0; i < kBenchSchoolCount; ++i)
        if (text.compare(schoolWords(static_cast<BenchSchool>(i)), Qt::CaseInsensitive) == 0) {
          f.bench_school = static_cast<BenchSchool>(i);
          return true;
        }
      return false;
    });
  }
  addText(tr(", beside"));
  auto* ghost = addWord(tr("ghost"), [this](const QString& text) { return takeGhost(text); });
  ghost->setText(ghostWords());
  ghost->setChoices(ghosts);
  addText(tr("as a ghost."));
  if (anew || textOf() != said_before) sentence_->relayout();
  if (!focus_name.isEmpty())
    for (Word* w : sentence_->findChildren<Word*>())
      if (w->objectName() == focus_name && !w->isHidden()) w->setFocus();
}

QString FitView::ghostWords() const {
  switch (state_.ghost.kind) {
    case FitGhost::Kind::kNone:
      return tr("nothing");
    case FitGhost::Kind::kSuggestion:
      return tr("the suggestion");
    case FitGhost::Kind::kBar:
      return barWords(state_.ghost.bar);
    case FitGhost::Kind::kStyle:
      return state_.ghost.style == DeadliftStyle::kSumo ? tr("sumo") : tr("conventional");
    case FitGhost::Kind::kKept:
      for (const SetupRecord& s : desk_.record().setups)
        if (s.id == state_.ghost.kept) return QString::fromStdString(s.name);
      return tr("nothing");
  }
  return {};
}

QString FitView::takeGhost(const QString& text) {
  FitState after = state_;
  auto is = [&](const QString& words) { return text.compare(words, Qt::CaseInsensitive) == 0; };
  bool found = true;
  if (is(tr("nothing"))) {
    after.ghost = {};
  } else if (is(tr("the suggestion"))) {
    after.ghost = {};
    after.ghost.kind = FitGhost::Kind::kSuggestion;
  } else {
    found = false;
    for (std::size_t i = 0; i < kBarPositionCount && state_.lift == Lift::kSquat; ++i)
      if (is(barWords(static_cast<BarPosition>(i)))) {
        after.ghost = {};
        after.ghost.kind = FitGhost::Kind::kBar;
        after.ghost.bar = static_cast<BarPosition>(i);
        found = true;
      }
    if (state_.lift == Lift::kDeadlift && (is(tr("sumo")) || is(tr("conventional")))) {
      after.ghost = {};
      after.ghost.kind = FitGhost::Kind::kStyle;
      after.ghost.style = is(tr("sumo")) ? DeadliftStyle::kSumo : DeadliftStyle::kConventional;
      found = true;
    }
    for (const SetupRecord& s : desk_.record().setups)
      if (!found && s.lift == state_.lift && is(QString::fromStdString(s.name))) {
        after.ghost = {};
        after.ghost.kind = FitGhost::Kind::kKept;
        after.ghost.kept = s.id;
        found = true;
      }
  }
  if (!found) return tr("A bar position or style, a kept set-up, the suggestion, or nothing.");
  change(tr("Change the ghost"), after);
  return {};
}

void FitView::refreshBody() {
  clearLayout(body_rows_);
  int row = 0;
  for (Segment s : {Segment::kThigh, Segment::kShank, Segment::kTrunk, Segment::kUpperArm, Segment::kForearm,
                    Segment::kHand, Segment::kFoot, Segment::kShoulderWidth, Segment::kHipWidth}) {
    auto* words = label(14);
    words->setTextFormat(Qt::RichText);
    const BodyLength& l = who_->body.lengths[indexOf(s)];
    const QString how = l.source == LengthSource::kFromHeight
                            ? tr("estimated")
                            : buildWords(who_->body, s).remove(tr(" for the height"));
    words->setText(QStringLiteral("%1 <span style='color:%2'>%3 cm, %4</span>")
                       .arg(segmentWords(s).toHtmlEscaped(), theme().muted.name(),
                            signedNumber(100.0 * l.m.value, 1), how.toHtmlEscaped()));
    words->setToolTip(tr("%1, ± %2 cm").arg(sourceWords(l.source), signedNumber(100.0 * l.m.sd, 1)));
    auto* bar = new ProportionBar;
    bar->show(who_->body, s);
    bar->setFixedWidth(90);
    body_rows_->addWidget(words, row, 0);
    body_rows_->addWidget(bar, row, 1);
    ++row;
  }
  auto* ankle = label(14);
  ankle->setText(
      who_->body.dorsiflexion_measured
          ? tr("Ankle: shin leans up to %1°").arg(signedNumber(who_->body.dorsiflexion_deg, 0))
          : tr("Ankle: not screened, %1° assumed").arg(signedNumber(who_->body.dorsiflexion_deg, 0)));
  body_rows_->addWidget(ankle, row, 0, 1, 2);

  clearLayout(screens_);
  auto add = [&](const QString& text, bool muted) {
    auto* l = label(13, Weight::kRegular, muted);
    l->setText(text);
    screens_->addWidget(l);
  };
  const AthleteRecord& r = desk_.record();
  bool any = false;
  for (std::size_t i = 0; i < kScreenCount; ++i) {
    const auto screen = static_cast<Screen>(i);
    const ScreenResult* newest = newestOf(r.screens, screen);
    if (newest == nullptr) continue;
    any = true;
    QStringList found;
    for (ScreenFinding f : judgeScreen(*newest)) found << screenFindingWords(f);
    const auto age = daysBetween(newest->day, desk_.today());
    QString text = tr("%1: %2").arg(screenWords(screen), found.join(QStringLiteral(", ")));
    if (age && *age > kScreenKeepsDays) text += tr("; %1 weeks old, do it again").arg(*age / 7);
    add(text, true);
  }
  if (!any) add(tr("No screen done yet."), true);
  for (const ComplaintRecord& c : r.complaints)
    if (c.closed.empty()) {
      const QString side = sideWords(c.side);
      QString what =
          side.isEmpty() ? jointWords(c.what.joint) : side + QLatin1Char(' ') + jointWords(c.what.joint);
      what[0] = what[0].toUpper();
      add(tr("%1 %2/10, open").arg(what).arg(c.what.level), false);
    }
}

SetupCard FitView::card() const {
  SetupCard out;
  if (!solved_) return out;
  const AthleteRecord& r = desk_.record();
  out.athlete = QString::fromStdString(r.athlete.name);
  out.lift = liftWords(state_.lift);
  out.lift[0] = out.lift[0].toUpper();
  out.name = setupName(state_.lift, setupValues(solved_->suggestions));
  out.day = tr("%1, for %2").arg(dayWords(desk_.today(), "d MMMM yyyy"), kilograms(state_.load_kg));
  out.lines = cardLines(solved_->suggestions);
  // What a kept set-up fixes keeps the reason it had.
  for (const SetupRecord& s : r.setups) {
    if (s.lift != state_.lift) continue;
    const auto kept = cardLines(s.values);
    for (CardLine& line : out.lines)
      for (const CardLine& k : kept)
        if (line.reason == fitReasonWords(FitReason::kCoachFixed) && k.label == line.label &&
            k.value == line.value) {
          line.reason = k.reason;
          line.plain = k.plain;
        }
  }
  for (FitCaution c : solved_->cautions) out.cautions.push_back(fitCautionWords(c));
  if (mayBeMinor(r.athlete.profile, desk_.today()))
    out.cautions.push_back(
        tr("A minor: a qualified person is present; range and load are scaled down first."));
  out.cautions.push_back(standingCaution(state_.lift));
  out.figure = solved_->figure;
  return out;
}

void FitView::refreshCard() {
  const SetupCard c = card();
  QString html = QStringLiteral("<table cellspacing='0' cellpadding='0' width='100%'>");
  for (const CardLine& line : c.lines)
    html += QStringLiteral(
                "<tr><td width='80' style='color:%1; padding-bottom:7px'>%2</td><td "
                "style='padding-bottom:7px'><span style='font-weight:600'>%3</span><br><span "
                "style='color:%1; font-size:12px'>%4%5</span></td></tr>")
                .arg(theme().muted.name(), line.label.toHtmlEscaped(), line.value.toHtmlEscaped(),
                     line.reason.toHtmlEscaped(),
                     line.school.isEmpty() ? QString() : tr(" School: %1.").arg(line.school.toHtmlEscaped()));
  html += QStringLiteral("</table>");
  if (line_text_->text() != html) {
    line_text_->setText(html);
    line_box_->fitHeight();
  }
  QStringList cautions;
  for (const QString& text : c.cautions) cautions << text;
  const QString caution = cautions.join(QStringLiteral("\n\n"));
  if (caution_->text() != caution) {
    caution_->setText(caution);
    caution_box_->fitHeight();
  }
  card_view_->setCard(c);
  keep_->setEnabled(solved_->figure.has_value());
}

void FitView::keepSetup() {
  if (!solved_ || !solved_->figure)
    return emit trouble(tr("There is no posture to keep. Change the set-up first."));
  auto id = desk_.house().newSetupId();
  if (!id) return emit trouble(QString::fromStdString(id.error().text));
  AthleteRecord after = desk_.record();
  SetupRecord s;
  s.id = *id;
  s.athlete = after.athlete.id;
  s.lift = state_.lift;
  s.day = desk_.today();
  s.values = setupValues(solved_->suggestions);
  QString name = setupName(state_.lift, s.values);
  const QString base = name;
  auto taken = [&] {
    return std::any_of(after.setups.begin(), after.setups.end(), [&](const SetupRecord& x) {
      return x.lift == s.lift && QString::fromStdString(x.name) == name;
    });
  };
  for (int n = 2; taken(); ++n) name = tr("%1 (%2)").arg(base).arg(n);
  s.name = name.toStdString();
  s.chosen = std::none_of(after.setups.begin(), after.setups.end(),
                          [&](const SetupRecord& x) { return x.lift == s.lift && x.chosen; });
  if (s.chosen) s.chosen_why = tr("the first").toStdString();
  after.setups.push_back(s);
  desk_.edit(tr("Keep a set-up"), after);
  trials_->open(state_.lift);
  middle_->setCurrentIndex(1);
}

void FitView::toggleCard() {
  if (!solved_) return;
  middle_->setCurrentIndex(middle_->currentIndex() == 2 ? 0 : 2);
}

void FitView::toggleTrials() {
  if (!solved_) return;
  if (middle_->currentIndex() == 1) return middle_->setCurrentIndex(0);
  trials_->open(state_.lift);
  middle_->setCurrentIndex(1);
}

void FitView::chooseFilm(std::optional<SetId> set, std::size_t frame) {
  film_set_.reset();
  film_frame_ = frame;
  const auto sets = desk_.sets();
  for (const SetRecord& s : sets)
    if (set ? s.id == *set : !s.edit.placed.empty()) film_set_ = s;
  film_button_->setEnabled(film_set_.has_value());
  film_button_->setToolTip(film_set_ ? tr("Lay the figure over a paused film of this athlete")
                                     : tr("No film of this athlete has its joints placed yet"));
}

void FitView::toggleFilm() {
  if (film_) {
    film_.reset();
    return figure_->layOver(std::nullopt);
  }
  if (!film_set_) return emit trouble(tr("No film of this athlete has its joints placed yet."));
  auto tracks = desk_.house().loadTracks(film_set_->id);
  if (!tracks || !*tracks) return emit trouble(tr("The film has not been followed yet."));
  const auto found =
      analyseSet(**tracks, desk_.record().athlete, film_set_->edit, bodyOf(desk_.record()), {});
  if (!found.analysis) return emit trouble(QString::fromStdString(found.analysis.error().text));
  if (found.tracks.across())
    return emit trouble(
        tr("The figure is laid over a film from the side; this one is from the front or the rear."));
  if (film_frame_ == 0) film_frame_ = found.analysis->reps.front().turn_frame;
  const SideCamera& camera = found.analysis->camera;
  auto at = [&](Joint j) -> std::optional<Vec2> {
    if (!found.tracks.has(j) || !found.tracks.track(j)[film_frame_].known) return std::nullopt;
    return camera.toBody(toReference(found.tracks, film_frame_, found.tracks.track(j)[film_frame_].p_px),
                         lateralPrior(j).value);
  };
  const auto heel = at(Joint::kHeel), toe = at(Joint::kToe);
  if (!heel || !toe)
    return emit trouble(
        tr("Heel and toe are not placed in this film, so the figure has no floor to stand on."));
  middle_->setCurrentIndex(0);
  film_ = FilmGround{{}, camera, Vec2(0.5 * (heel->x() + toe->x()), std::min(heel->y(), toe->y()))};
  source_.open(desk_.house().filmPath(film_set_->clip), FrameSource::Use::kSinglePictures,
               found.tracks.shake);
  source_.want(film_frame_);
}

void FitView::savePdf() {
  if (!solved_) return;
  const QString file = ask_pdf();
  if (file.isEmpty()) return;
  if (auto ok = saveCardPdf(card(), printInk(), file.toStdString()); !ok)
    emit trouble(QString::fromStdString(ok.error().text));
}

void FitView::printCard() {
  if (solved_) print(card());
}

void FitView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) {
    if (middle_->currentIndex() != 0)
      middle_->setCurrentIndex(0);
    else if (film_)
      toggleFilm();
    else
      emit backWanted();
  } else {
    QWidget::keyPressEvent(event);
  }
}

void FitView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
