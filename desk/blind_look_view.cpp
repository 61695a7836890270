#include "desk/blind_look_view.h"

#include <algorithm>

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QUndoCommand>
#include <QVBoxLayout>

#include "desk/call_sheet.h"
#include "desk/eye_chart.h"
#include "desk/film_view.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/rep_ribbon.h"
#include "desk/sentence.h"
#include "desk/set_analysis.h"
#include "report/eye_wording.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

class MarkCalls : public QUndoCommand {
 public:
  MarkCalls(BlindLookView& view, std::vector<EyeMark> before, std::vector<EyeMark> after)
      : QUndoCommand(QObject::tr("Call a fault")),
        view_(view),
        before_(std::move(before)),
        after_(std::move(after)) {}
  void redo() override { view_.putMarks(after_); }
  void undo() override { view_.putMarks(before_); }

 private:
  BlindLookView& view_;
  std::vector<EyeMark> before_, after_;
};

class KeepLook : public QUndoCommand {
 public:
  KeepLook(BlindLookView& view, BlindLook look)
      : QUndoCommand(QObject::tr("Compare with the measures")), view_(view), look_(std::move(look)) {}
  void redo() override { view_.keep(look_); }
  void undo() override { view_.takeBack(look_.id); }

 private:
  BlindLookView& view_;
  BlindLook look_;
};

// As the sentence offers them; the first is any.
QStringList liftChoices() {
  return {QObject::tr("any lift"), QObject::tr("a squat"), QObject::tr("a bench press"),
          QObject::tr("a deadlift")};
}
QStringList viewChoices() {
  return {QObject::tr("from anywhere"), QObject::tr("from the side"), QObject::tr("from the front")};
}
constexpr std::array kLifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};
constexpr std::array kViews = {View::kSide, View::kFront};

}  // namespace

// Days of looking: how much of what was there was seen, filled, and a ring for each call of what was not.
class EyeDays : public QWidget {
 public:
  using QWidget::QWidget;
  void show(std::vector<EyeDay> days) {
    constexpr std::size_t kShown = 16;
    if (days.size() > kShown) days.erase(days.begin(), days.end() - kShown);
    days_ = std::move(days);
    setFixedHeight(days_.empty() ? 0 : 112);
    QStringList words;
    for (const EyeDay& d : days_)
      words << QObject::tr("%1: %2 of %3 seen, %4 called that were not there")
                   .arg(dayWords(d.day, "d MMM"))
                   .arg(d.seen)
                   .arg(d.there)
                   .arg(d.invented);
    setAccessibleName(words.join(QStringLiteral("; ")));
    setToolTip(words.join(QLatin1Char('\n')));
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    constexpr double kWide = 52.0, kTop = 20.0, kHigh = 62.0, kBar = 22.0;
    for (std::size_t k = 0; k < days_.size(); ++k) {
      const EyeDay& d = days_[k];
      const double x = 6.0 + kWide * static_cast<double>(k);
      const QRectF bar(x + 6.0, kTop, kBar, kHigh);
      const double part = d.there > 0 ? static_cast<double>(d.seen) / d.there : 0.0;
      p.fillRect(QRectF(bar.left(), bar.bottom() - part * kHigh, kBar, part * kHigh), t.green_soft);
      p.setPen(QPen(t.green, 1.4));
      p.setBrush(Qt::NoBrush);
      p.drawRect(bar);
      p.drawLine(QPointF(bar.left(), bar.bottom() - part * kHigh),
                 QPointF(bar.right(), bar.bottom() - part * kHigh));
      p.setPen(QPen(t.clay, 1.4));
      for (int n = 0; n < std::min(5, d.invented); ++n)
        p.drawEllipse(QPointF(bar.right() + 7.0, bar.bottom() - 5.0 - 11.0 * n), 3.4, 3.4);
      p.setFont(type(13));
      p.setPen(t.ink);
      p.drawText(QRectF(x - 8, 0, kWide, kTop - 2), Qt::AlignCenter,
                 QStringLiteral("%1/%2").arg(d.seen).arg(d.there));
      p.setPen(t.muted);
      p.drawText(QRectF(x - 8, kTop + kHigh + 4, kWide, 20), Qt::AlignCenter, dayWords(d.day, "d MMM"));
    }
  }

 private:
  std::vector<EyeDay> days_;
};

BlindLookView::BlindLookView(HouseFile& house, QUndoGroup& undo, QDate today, QWidget* parent)
    : QWidget(parent), house_(house), undo_(undo), today_(today) {
  undo_.addStack(&stack_);
  build();
  connect(&clips_, &BlindClips::ready, this, &BlindLookView::take);
  connect(&clips_, &BlindClips::progressed, this, [this](double part) {
    if (state_ == State::kFilming)
      what_->setText(tr("The clip is being filmed … %1 %").arg(static_cast<int>(100.0 * part)));
  });
  connect(&clips_, &BlindClips::failed, this, [this](const QString& reason) {
    state_ = State::kStart;
    refresh();
    emit trouble(reason);
  });
}

BlindLookView::~BlindLookView() = default;

void BlindLookView::build() {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 14, 20, 14);
  column->setSpacing(8);
  column->addWidget(buildSentence());
  auto* row = new QHBoxLayout;
  row->setSpacing(22);
  left_ = new QStackedWidget;
  auto* results = new QWidget;
  auto* results_column = new QVBoxLayout(results);
  results_column->setContentsMargins(0, 0, 8, 0);
  results_column->setSpacing(6);
  QLabel* title = label(18, Weight::kSemiBold);
  title->setText(tr("Your eye so far"));
  results_column->addWidget(title);
  nothing_yet_ = label(15, Weight::kRegular, true);
  results_column->addWidget(nothing_yet_);
  days_ = new EyeDays;
  results_column->addWidget(days_);
  chart_ = new EyeChart;
  connect(chart_, &EyeChart::ruleWanted, this, &BlindLookView::ruleWanted);
  results_column->addWidget(chart_);
  results_column->addStretch(1);
  auto* scroll = new QScrollArea;
  scroll->setAccessibleName(tr("Your eye so far"));
  scroll->setWidgetResizable(true);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setWidget(results);
  left_->addWidget(scroll);
  left_->addWidget(buildFilmSide());
  row->addWidget(left_, 63);
  row->addWidget(buildRightSide(), 37);
  column->addLayout(row, 1);
}

Sentence* BlindLookView::buildSentence() {
  auto* sentence = new Sentence(21);
  sentence->addText(tr("Show me"));
  lift_word_ = sentence->addWord(tr("lift"), [this](const QString& text) {
    const auto at = liftChoices().indexOf(text.simplified());
    if (at < 0) return tr("Say “%1”.").arg(liftChoices().join(tr("”, “")));
    lift_ = at == 0 ? std::nullopt : std::optional(kLifts[static_cast<std::size_t>(at) - 1]);
    if (lift_ == Lift::kDeadlift && view_ == View::kFront) view_ = View::kSide;
    refreshWords();
    return QString();
  });
  view_word_ = sentence->addWord(tr("from where"), [this](const QString& text) {
    const auto at = viewChoices().indexOf(text.simplified());
    if (at < 0) return tr("Say “%1”.").arg(viewChoices().join(tr("”, “")));
    const auto view = at == 0 ? std::nullopt : std::optional(kViews[static_cast<std::size_t>(at) - 1]);
    if (lift_ == Lift::kDeadlift && view == View::kFront)
      return tr("What is planted in a deadlift shows from the side alone.");
    view_ = view;
    refreshWords();
    return QString();
  });
  sentence->addText(tr("without a number on it."));
  refreshWords();
  return sentence;
}

QWidget* BlindLookView::buildFilmSide() {
  auto* side = new QWidget;
  auto* column = new QVBoxLayout(side);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  film_ = new FilmView;
  film_->setLookOnly(true);
  column->addWidget(film_);
  auto* tools = new QHBoxLayout;
  play_ = button(tr("Play · Space"), tr("Play or stop the clip"), true);
  connect(play_, &QPushButton::clicked, this, [this] { film_->togglePlay(); });
  slower_ = button(tr("Half speed · V"), tr("Play at half the speed, or as lived"), true);
  const auto slow = [this] {
    film_->setSlower(film_->slower() == 1 ? 2 : 1);
    slower_->setText(film_->slower() == 1 ? tr("Half speed · V") : tr("Full speed · V"));
  };
  connect(slower_, &QPushButton::clicked, this, slow);
  addKey(this, Qt::Key_V, tr("Half speed, full speed"), this, slow);
  sayKey(this, tr("Enter"), tr("Look at a clip; done looking; the next"));
  sayKey(this, tr("Arrows, Space"), tr("On what can be called: choose a rep; nothing, small, big"));
  tools->addWidget(play_);
  tools->addWidget(slower_);
  tools->addStretch(1);
  column->addLayout(tools);
  ribbon_ = new RepRibbon;
  connect(ribbon_, &RepRibbon::frameWanted, film_, &FilmView::goTo);
  column->addWidget(ribbon_, 1);
  column->addStretch(0);
  connect(film_, &FilmView::frameChanged, this, [this](std::size_t frame) {
    ribbon_->setFrame(frame);
    int rep = 0;
    if (measured_.analysis)
      for (const Rep& r : measured_.analysis->reps)
        if (frame >= r.start_frame && frame <= r.end_frame) rep = r.number;
    calls_->setRep(rep);
  });
  connect(film_, &FilmView::filmFailed, this, &BlindLookView::trouble);
  return side;
}

QWidget* BlindLookView::buildRightSide() {
  auto* body = new QWidget;
  auto* column = new QVBoxLayout(body);
  column->setContentsMargins(0, 0, 10, 0);
  column->setSpacing(8);
  heading_ = label(20, Weight::kSemiBold);
  heading_->setObjectName(QStringLiteral("blind heading"));
  column->addWidget(heading_);
  what_ = label(15);
  what_->setObjectName(QStringLiteral("blind words"));
  column->addWidget(what_);
  calls_ = new CallSheet;
  connect(calls_, &CallSheet::marked, this, [this](const std::vector<EyeMark>& marks) {
    stack_.push(new MarkCalls(*this, calls_->marks(), marks));
  });
  connect(calls_, &CallSheet::repWanted, this, [this](int rep) {
    if (measured_.analysis)
      for (const Rep& r : measured_.analysis->reps)
        if (r.number == rep) film_->goTo(r.start_frame);
  });
  column->addWidget(calls_);
  found_body_ = new QWidget;
  found_ = new QVBoxLayout(found_body_);
  found_->setContentsMargins(0, 0, 0, 0);
  found_->setSpacing(8);
  column->addWidget(found_body_);
  auto* acts = new QHBoxLayout;
  go_on_ = button({}, {});
  go_on_->setProperty("what", QStringLiteral("go on"));
  connect(go_on_, &QPushButton::clicked, this, &BlindLookView::goOn);
  results_ = button(tr("Results"), tr("Leave this clip and see how your eye does"), true);
  results_->setProperty("what", QStringLiteral("results"));
  connect(results_, &QPushButton::clicked, this, &BlindLookView::showResults);
  acts->addWidget(go_on_);
  acts->addWidget(results_);
  acts->addStretch(1);
  column->addLayout(acts);
  column->addStretch(1);
  right_ = new QScrollArea;
  right_->setAccessibleName(tr("What was called, and what was measured"));
  right_->setWidgetResizable(true);
  right_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  right_->setWidget(body);
  return right_;
}

void BlindLookView::open() {
  undo_.setActiveStack(&stack_);
  auto looks = house_.blindLooks();
  if (!looks) {
    emit trouble(QString::fromStdString(looks.error().text));
    return;
  }
  looks_ = std::move(*looks);
  book_ = builtInRuleBook();
  if (const auto layer = readRules(house_).layer)
    if (auto own = withHouse(book_, *layer)) book_ = std::move(*own);
  refresh();
}

void BlindLookView::leave() {
  if (film_->playing()) film_->togglePlay();
  if (state_ == State::kFilming) {
    clips_.stop();
    state_ = State::kStart;
  }
}

ClipWish BlindLookView::nextWish() const {
  std::uint32_t seed = 1;
  for (const BlindLook& look : looks_) seed = std::max(seed, look.seed + 1);
  if (clip_) seed = std::max(seed, clip_->wish.seed + 1);
  ClipWish wish{seed, lift_.value_or(kLifts[seed % kLifts.size()]), View::kSide};
  // From the front one in three where either will do.
  wish.view = view_.value_or((seed / kLifts.size()) % 3 == 0 ? View::kFront : View::kSide);
  if (wish.lift == Lift::kDeadlift) wish.view = View::kSide;
  return wish;
}

void BlindLookView::goOn() {
  switch (state_) {
    case State::kFilming:
      return;
    case State::kLooking:
      return compare();
    case State::kStart:
    case State::kCompared:
      state_ = State::kFilming;
      stack_.clear();
      refresh();
      clips_.want(nextWish());
      return;
  }
}

void BlindLookView::take(const std::shared_ptr<const FilmedClip>& clip) {
  clip_ = clip;
  measured_ = clip->measured;
  if (!measured_.analysis) {
    state_ = State::kStart;
    refresh();
    emit trouble(QString::fromStdString(measured_.analysis.error().text));
    return;
  }
  const FilmPlan& plan = clip->clip.plan;
  judged_ = {};
  judged_.variants = clip->clip.variants;
  // The house's book may have been changed since it was measured.
  measured_.analysis->findings = judge(book_, plan.lift, measured_.analysis->measures, judged_);
  compared_.clear();
  data_ = {};
  data_.set.clip.file = clip->film.toStdString();
  data_.set.clip.width_px = plan.width_px;
  data_.set.clip.height_px = plan.height_px;
  data_.set.clip.frames = measured_.tracks.frameCount();
  data_.set.edit.asked.lift = plan.lift;
  data_.set.edit.asked.load_kg = plan.load_kg;
  data_.tracks.width_px = plan.width_px;
  data_.tracks.height_px = plan.height_px;
  data_.tracks.time_s = measured_.tracks.time_s;
  film_->setEvidence(std::nullopt);
  film_->setData(&data_, clip->film);
  ribbon_->setData(&data_);
  calls_->show(callableRules(book_, plan.lift, measured_.analysis->measures, judged_),
               static_cast<int>(measured_.analysis->reps.size()));
  state_ = State::kLooking;
  refresh();
  film_->goTo(0);
  film_->setFocus();
  film_->togglePlay();
  clips_.prepare(nextWish());
}

void BlindLookView::putMarks(const std::vector<EyeMark>& marks) {
  calls_->setMarks(marks);
}

void BlindLookView::compare() {
  const FilmPlan& plan = clip_->clip.plan;
  BlindLook look;
  look.day = today_.toString(Qt::ISODate).toStdString();
  look.seed = clip_->wish.seed;
  look.lift = plan.lift;
  look.view = plan.view;
  look.seen = compareCalls(book_, plan.lift, measured_.analysis->measures, judged_, calls_->marks());
  stack_.push(new KeepLook(*this, look));
}

void BlindLookView::keep(BlindLook& look) {
  const auto id = house_.addBlindLook(look);
  if (!id) {
    emit trouble(QString::fromStdString(id.error().text));
    return;
  }
  look.id = *id;
  looks_.push_back(look);
  compared_ = look.seen;
  data_.tracks = measured_.tracks;
  data_.analysis = *measured_.analysis;
  state_ = State::kCompared;
  if (film_->playing()) film_->togglePlay();
  film_->setData(&data_, clip_->film);
  ribbon_->setData(&data_);
  refresh();
  go_on_->setFocus();
}

void BlindLookView::takeBack(LookId id) {
  if (const auto ok = house_.removeBlindLook(id); !ok) {
    emit trouble(QString::fromStdString(ok.error().text));
    return;
  }
  std::erase_if(looks_, [&](const BlindLook& look) { return look.id == id; });
  compared_.clear();
  data_.analysis.reset();
  data_.tracks.bar.clear();
  data_.tracks.ends = {};
  data_.tracks.joints = {};
  film_->setEvidence(std::nullopt);
  film_->setData(&data_, clip_->film);
  ribbon_->setData(&data_);
  state_ = State::kLooking;
  refresh();
}

void BlindLookView::showResults() {
  if (film_->playing()) film_->togglePlay();
  clips_.stop();
  state_ = State::kStart;
  stack_.clear();
  refresh();
  go_on_->setFocus();
}

void BlindLookView::refreshWords() {
  const auto lift_at = lift_ ? std::find(kLifts.begin(), kLifts.end(), *lift_) - kLifts.begin() + 1 : 0;
  const auto view_at = view_ ? std::find(kViews.begin(), kViews.end(), *view_) - kViews.begin() + 1 : 0;
  const auto put = [](Word* word, const QStringList& choices, std::ptrdiff_t at) {
    if (word == nullptr) return;
    word->setChoices(choices);
    word->setText(choices[at]);
    word->setEditText(choices[at]);
    if (auto* sentence = qobject_cast<Sentence*>(word->parentWidget())) sentence->relayout();
  };
  put(lift_word_, liftChoices(), lift_at);
  put(view_word_, viewChoices(), view_at);
}

void BlindLookView::refresh() {
  const bool on_film = state_ == State::kLooking || state_ == State::kCompared;
  left_->setCurrentIndex(on_film ? 1 : 0);
  calls_->setVisible(state_ == State::kLooking);
  found_body_->setVisible(state_ == State::kCompared);
  ribbon_->setVisible(state_ == State::kCompared);
  results_->setVisible(on_film || state_ == State::kFilming);
  go_on_->setEnabled(state_ != State::kFilming);
  if (!on_film) refreshResults();
  switch (state_) {
    case State::kStart:
      heading_->setText(tr("What does your eye see?"));
      what_->setText(tr(
          "A made-up lifter is filmed with no fault, one or two, small or large. Look at the clip as "
          "you would on the floor, mark what you see on which rep, then hold it against the measures. Over "
          "many clips it shows from which size on you call a fault, so that limits and eyes agree."));
      go_on_->setText(tr("Look at a clip · Enter"));
      break;
    case State::kFilming:
      heading_->setText(tr("What does your eye see?"));
      what_->setText(tr("The clip is being filmed …"));
      go_on_->setText(tr("Look at a clip · Enter"));
      results_->setText(tr("Stop"));
      break;
    case State::kLooking: {
      const FilmPlan& plan = clip_->clip.plan;
      heading_->setText(tr("What do you see?"));
      QString lift = liftWords(plan.lift);
      if (!clip_->clip.variants.empty())
        lift = QString::fromStdString(clip_->clip.variants.front()) + QLatin1Char(' ') + lift;
      const QString from =
          plan.view == View::kSide ? tr("from the side") : viewWords(plan.view, Facing::kUnknown, plan.lift);
      what_->setText(
          tr("A %1 of %2 reps, %3. Click a rep's cell: one stroke is a small fault, two a big one. "
             "Nothing to call is an answer, too.")
              .arg(lift)
              .arg(measured_.analysis->reps.size())
              .arg(from));
      go_on_->setText(tr("That is all I see · Enter"));
      results_->setText(tr("Results"));
      break;
    }
    case State::kCompared:
      go_on_->setText(tr("Next clip · Enter"));
      results_->setText(tr("Results"));
      refreshFound();
      break;
  }
  go_on_->setToolTip(go_on_->text());
  go_on_->setAccessibleName(go_on_->text());
}

void BlindLookView::refreshFound() {
  clearLayout(found_);
  int there = 0, seen = 0, invented = 0;
  for (const Glance& g : compared_) {
    if (!g.is) continue;
    const bool called = g.called != Called::kNothing;
    there += *g.is != Called::kNothing;
    seen += *g.is != Called::kNothing && called;
    invented += *g.is == Called::kNothing && called;
  }
  heading_->setText(there == 0 && invented == 0 ? tr("Nothing was beyond the limits, and you called nothing.")
                    : there == 0                ? tr("Nothing was beyond the limits.")
                                                : tr("You saw %1 of %2.").arg(seen).arg(there));
  QStringList planted;
  for (const PlantedFault& p : clip_->clip.planted) {
    const QString unit =
        p.kind->unit == "deg"
            ? QStringLiteral("°")
            : QLatin1Char(' ') +
                  QString::fromUtf8(p.kind->unit.data(), static_cast<qsizetype>(p.kind->unit.size()));
    planted << tr("%1, %2%3 on %4")
                   .arg(ofBook(std::string(p.kind->words)))
                   .arg(p.size, 0, 'f', p.size < 10.0 ? 1 : 0)
                   .arg(unit, repList(p.reps));
  }
  what_->setText(planted.isEmpty() ? tr("No fault was planted in this clip.")
                                   : tr("Planted: %1.").arg(planted.join(QStringLiteral("; "))));
  // What is to be learnt from first.
  const auto rank = [](const Glance& g) {
    const bool called = g.called != Called::kNothing;
    return !g.is ? 2 : *g.is != Called::kNothing ? (called ? 3 : 0) : 1;
  };
  std::vector<Glance> ordered = compared_;
  std::stable_sort(ordered.begin(), ordered.end(),
                   [&](const Glance& a, const Glance& b) { return rank(a) < rank(b); });
  for (const Glance& g : ordered) addGlance(g);
}

void BlindLookView::addGlance(const Glance& g) {
  const QString words = glanceHeading(g, book_);
  if (words.isEmpty()) return;
  QLabel* heading = label(16, Weight::kMedium);
  heading->setText(words);
  QLabel* detail = label(14, Weight::kRegular, true);
  detail->setText(glanceDetail(g, book_));
  found_->addWidget(heading);
  found_->addWidget(detail);
  // Where it shows, or would show: the rep that goes furthest, or the one that was marked.
  std::optional<Finding> finding;
  for (const Finding& f : data_.analysis->findings)
    if (f.event == g.rule && f.certainty == Certainty::kClear && (!finding || f.rule == g.rule)) finding = f;
  std::size_t frame = 0;
  if (finding) {
    frame = finding->frame;
  } else {
    const Rule* rule = book_.find(g.rule);
    for (const Measure& m : data_.analysis->measures)
      if (m.status == MeasureStatus::kOk &&
          std::find(rule->measures.begin(), rule->measures.end(), m.id) != rule->measures.end() &&
          (g.called_on.empty() || m.rep == g.called_on.front()))
        frame = m.frame;
  }
  QPushButton* show = button(tr("show on the film"), tr("Go to the picture that shows it"), true);
  show->setProperty("what", QStringLiteral("show glance"));
  connect(show, &QPushButton::clicked, this, [this, finding, frame] {
    film_->setEvidence(finding);
    film_->goTo(frame);
    film_->setFocus();
  });
  found_->addWidget(show, 0, Qt::AlignLeft);
}

void BlindLookView::refreshResults() {
  nothing_yet_->setVisible(looks_.empty());
  nothing_yet_->setText(
      tr("Nothing yet. After some clips this page shows, for every rule, which sizes you called and which "
         "you passed over, and from where on your eye calls a fault, beside the limit of the House book."));
  days_->show(eyeByDay(looks_));
  days_->setVisible(!looks_.empty());
  chart_->show(book_, looks_);
  chart_->setVisible(chart_->rows() > 0);
}

void BlindLookView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) {
    if (state_ == State::kStart)
      emit backWanted();
    else
      showResults();
  } else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
    goOn();
  } else {
    QWidget::keyPressEvent(event);
  }
}

void BlindLookView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
