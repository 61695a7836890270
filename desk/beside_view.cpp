#include "desk/beside_view.h"

#include <algorithm>
#include <cmath>

#include <QComboBox>
#include <QDate>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "core/measure/curves.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/set_analysis.h"
#include "desk/theme.h"
#include "report/path_drawing.h"
#include "report/wording.h"

namespace mottix {

// Of each athlete so many films are offered.
static constexpr int kNewestBeside = 100;

// The bar's paths of two reps over each other: against mid-foot where both have feet, else from where each
// began. The first is drawn as everywhere, the second as a hollow line, so that colour is not needed.
class PathOverPath : public QWidget {
 public:
  struct Path {
    std::vector<QPointF> at_cm;
    std::vector<std::size_t> frame;
    std::size_t turn = 0;
  };
  using QWidget::QWidget;
  void show(std::array<Path, 2> paths, bool over_foot, bool up_first) {
    paths_ = std::move(paths);
    over_foot_ = over_foot;
    up_first_ = up_first;
    update();
  }
  void setFrames(std::size_t first, std::size_t second) {
    now_ = {first, second};
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    double low = 1e9, high = -1e9, wide = 6.0;
    for (const Path& path : paths_)
      for (const QPointF& q : path.at_cm) {
        low = std::min(low, q.y());
        high = std::max(high, q.y());
        wide = std::max(wide, std::abs(q.x()));
      }
    if (low > high) return;
    const QRectF cell = QRectF(rect()).adjusted(10, 26, -10, -30);
    const double per_cm = cell.height() / std::max(20.0, high - low);
    const double sideways = std::min(3.0 * per_cm, 0.5 * cell.width() / wide);
    auto at = [&](const QPointF& q) {
      return QPointF(cell.center().x() + q.x() * sideways, cell.bottom() - (q.y() - low) * per_cm);
    };
    const Theme& t = theme();
    p.setPen(QPen(t.muted, 1.0, Qt::DotLine));
    p.drawLine(QPointF(cell.center().x(), cell.top()), QPointF(cell.center().x(), cell.bottom()));
    for (std::size_t k = 2; k-- > 0;) {
      const Path& path = paths_[k];
      if (path.at_cm.size() < 2) continue;
      if (k == 0) {
        std::vector<PathPoint> points;
        for (std::size_t i = 0; i < path.at_cm.size(); ++i)
          points.push_back({at(path.at_cm[i]), 0.3, up_first_ ? i <= path.turn : i > path.turn});
        drawPath(p, points, t.green);
        continue;
      }
      for (const bool first_way : {true, false}) {
        QPainterPath line;
        const std::size_t from = first_way ? 0 : path.turn,
                          to = first_way ? path.turn : path.at_cm.size() - 1;
        for (std::size_t i = from; i <= to; ++i)
          i == from ? line.moveTo(at(path.at_cm[i])) : line.lineTo(at(path.at_cm[i]));
        const bool up = first_way == up_first_;
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.muted, up ? 4.4 : 1.4, up ? Qt::SolidLine : Qt::DashLine, Qt::RoundCap));
        p.drawPath(line);
        if (!up) continue;
        p.setPen(QPen(t.sheet, 1.8, Qt::SolidLine, Qt::RoundCap));
        p.drawPath(line);
      }
    }
    for (std::size_t k = 0; k < 2; ++k)
      for (std::size_t i = 0; i < paths_[k].frame.size(); ++i)
        if (paths_[k].frame[i] == now_[k]) {
          p.setPen(QPen(t.clay, 2.0));
          p.setBrush(t.sheet);
          if (k == 0)
            p.drawEllipse(at(paths_[k].at_cm[i]), 5.0, 5.0);
          else
            p.drawRect(QRectF(at(paths_[k].at_cm[i]) - QPointF(4.5, 4.5), QSizeF(9, 9)));
        }
    p.setPen(t.muted);
    p.setFont(type(12));
    p.drawText(QRectF(0, 4, width(), 18), Qt::AlignHCenter,
               over_foot_ ? QObject::tr("○ left  □ right, over mid-foot")
                          : QObject::tr("○ left  □ right, from where each began"));
    // A rule of 10 cm along the floor, as much magnified as the paths are.
    const double rule = std::min(10.0, std::floor(cell.width() / sideways));
    const QPointF mid(cell.center().x(), cell.bottom() + 12);
    p.setPen(QPen(t.muted, 1.2));
    p.drawLine(mid - QPointF(0.5 * rule * sideways, 0), mid + QPointF(0.5 * rule * sideways, 0));
    p.drawText(QRectF(0, mid.y() + 2, width(), 16), Qt::AlignHCenter,
               QObject::tr("%1 cm sideways").arg(rule, 0, 'f', 0));
  }

 private:
  std::array<Path, 2> paths_;
  std::array<std::size_t, 2> now_{};
  bool over_foot_ = false, up_first_ = false;
};

BesideView::BesideView(HouseFile& house, QWidget* parent) : QWidget(parent), house_(house) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(22, 14, 22, 14);
  grid->setHorizontalSpacing(16);
  grid->setVerticalSpacing(6);
  auto chooser = [&](const QString& name) {
    auto* box = new QComboBox;
    box->setAccessibleName(name);
    box->setToolTip(name);
    box->setFont(type(16, Weight::kSemiBold));
    box->setMaxVisibleItems(20);
    return box;
  };
  for (std::size_t k = 0; k < 2; ++k) {
    Side& s = side_[k];
    auto* head = new QHBoxLayout;
    head->setSpacing(8);
    s.caption = label(16, Weight::kSemiBold);
    s.rep = chooser(k == 0 ? tr("Rep on the left") : tr("Rep on the right"));
    s.rep->setObjectName(k == 0 ? QStringLiteral("left rep") : QStringLiteral("right rep"));
    if (k == 0) {
      head->addWidget(s.caption, 1);
    } else {
      s.caption->setParent(this);  // its set is named by the chooser
      s.caption->hide();
      set_ = chooser(tr("Set on the right"));
      set_->setObjectName(QStringLiteral("right set"));
      set_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
      set_->setMinimumContentsLength(16);
      set_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
      head->addWidget(set_, 1);
    }
    head->addWidget(s.rep);
    grid->addLayout(head, 0, static_cast<int>(k));
    s.film = new FilmView;
    s.film->setObjectName(k == 0 ? QStringLiteral("left film") : QStringLiteral("right film"));
    s.film->setLookOnly(true);
    grid->addWidget(s.film, 1, static_cast<int>(k), Qt::AlignTop);
    connect(s.film, &FilmView::frameChanged, this, [this, k] { follow(k); });
    connect(s.film, &FilmView::filmFailed, this, &BesideView::trouble);
    connect(s.rep, &QComboBox::currentIndexChanged, this, [this, k] {
      goToRep(k);
      compare();
    });
  }
  connect(set_, &QComboBox::currentIndexChanged, this, [this] {
    if (set_->currentIndex() >= 0) chooseRight(static_cast<SetId>(set_->currentData().toLongLong()));
  });
  auto* low = new QHBoxLayout;
  low->setSpacing(18);
  paths_ = new PathOverPath;
  paths_->setMinimumWidth(220);
  paths_->setAccessibleName(tr("Both paths of the bar over each other"));
  low->addWidget(paths_, 2);
  auto* words = new QVBoxLayout;
  words->setSpacing(6);
  said_ = label(18, Weight::kMedium);
  said_->setObjectName(QStringLiteral("what changed"));
  words->addWidget(said_);
  auto* row = new QHBoxLayout;
  pair_ = button({}, tr("The two films show one set: they are laid on each other by the bar's way"), true);
  connect(pair_, &QPushButton::clicked, this, &BesideView::togglePair);
  auto* back = button(tr("Set · Esc"), tr("Back to the set"), true);
  back->setProperty("what", QStringLiteral("back"));
  connect(back, &QPushButton::clicked, this, &BesideView::backWanted);
  film_ = button({}, tr("One film of both, with what was seen drawn on them (MP4 or WebM)"), true);
  film_->setProperty("what", QStringLiteral("film of both"));
  const auto rest = [this] { film_->setText(tr("Film of both… · Ctrl+M")); };
  rest();
  connect(film_, &QPushButton::clicked, this, &BesideView::askFilm);
  addKey(this, QKeySequence(Qt::CTRL | Qt::Key_M), tr("A film of both"), this, &BesideView::askFilm);
  sayKey(this, tr("Y"), tr("Both films show the same set, or do not"));
  sayKey(this, tr(", ."), tr("Two films of one set: this one earlier, later"));
  job_ = new FilmExportJob(this);
  connect(job_, &FilmExportJob::progressed, this, [this](double part) {
    film_->setText(tr("Stop the film (%1 %)").arg(static_cast<int>(100.0 * part)));
  });
  connect(job_, &FilmExportJob::finished, this,
          [this, rest](const QString& file, const QString& wrong, bool stopped) {
            rest();
            if (stopped)
              emit told(tr("Stopped; nothing is kept of the film."));
            else if (!wrong.isEmpty())
              emit trouble(wrong);
            else
              emit told(tr("“%1” is written, its captions beside it.").arg(file));
          });
  row->addWidget(pair_);
  row->addWidget(film_);
  row->addStretch(1);
  row->addWidget(back);
  words->addLayout(row);
  table_ = new QTableWidget;
  table_->setObjectName(QStringLiteral("differences"));
  table_->setAccessibleName(tr("Every measure of both, and how they differ"));
  table_->setColumnCount(4);
  table_->setHorizontalHeaderLabels({tr("measure"), tr("left"), tr("right"), tr("right less left")});
  table_->setShowGrid(false);
  table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table_->setSelectionBehavior(QAbstractItemView::SelectRows);
  table_->setSelectionMode(QAbstractItemView::SingleSelection);
  table_->setFrameShape(QFrame::NoFrame);
  table_->setFont(type(14));
  table_->verticalHeader()->hide();
  table_->verticalHeader()->setDefaultSectionSize(24);
  table_->horizontalHeader()->setFont(type(13));
  table_->horizontalHeader()->setHighlightSections(false);
  table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  table_->setTabKeyNavigation(false);
  table_->horizontalHeaderItem(0)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  for (int c = 1; c < 4; ++c)
    table_->horizontalHeaderItem(c)->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
  table_->setStyleSheet(
      QStringLiteral(
          "QTableView { background: %1; selection-background-color: %2; selection-color: %1; }"
          "QHeaderView, QHeaderView::section { background: %1; color: %3; border: none; padding: 0 "
          "6px 0 0; }")
          .arg(theme().sheet.name(), theme().green.name(), theme().muted.name()));
  connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
    const QTableWidgetItem* item = table_->item(table_->currentRow(), 0);
    if (item == nullptr || !side_[0].data.analysis) return;
    const auto* d = findMeasure(item->data(Qt::UserRole).toString().toStdString());
    if (d == nullptr) return;
    for (Side& s : side_) {  // the left film's picture, or the right one's where only that shows it
      if (!s.data.analysis) continue;
      const Measure* m = findMeasure(s.data.analysis->measures, d->id, repOf(s).value_or(1));
      if (m != nullptr && m->status == MeasureStatus::kOk) return s.film->goTo(m->frame);
    }
  });
  words->addWidget(table_, 1);
  low->addLayout(words, 5);
  grid->addLayout(low, 2, 0, 1, 2);
  grid->setRowStretch(2, 1);
  grid->setColumnStretch(0, 1);
  grid->setColumnStretch(1, 1);
}
BesideView::~BesideView() = default;

QString BesideView::said() const {
  return said_->text();
}

bool BesideView::load(Side& side, SetId id) {
  auto set = house_.loadSet(id);
  auto tracks = house_.loadTracks(id);
  const auto athletes = house_.athletes();
  if (!set || !tracks || !athletes) {
    emit trouble(QString::fromStdString(!set      ? set.error().text
                                        : !tracks ? tracks.error().text
                                                  : athletes.error().text));
    return false;
  }
  side.data = {};
  side.height.clear();
  side.data.set = std::move(*set);
  for (const Athlete& a : *athletes)
    if (a.id == side.data.set.athlete) side.data.athlete = a;
  side.data.body = bodyOf(house_, side.data.set.athlete);
  side.data.record = std::move(*tracks);
  if (side.data.record) {
    side.data.by = judgingOf(house_, side.data.set, side.data.record->tracks.across(), readRules(house_)).by;
    SetAnalysis found =
        analyseSet(*side.data.record, side.data.athlete, side.data.set.edit, side.data.body, side.data.by);
    side.data.tracks = std::move(found.tracks);
    if (found.analysis)
      side.data.analysis = std::move(*found.analysis);
    else
      side.data.problem = QString::fromStdString(found.analysis.error().text);
  }
  if (side.data.analysis) {
    const BarHeight bar = computeBarHeight(side.data.analysis->on->input);
    side.height = smoothSpline(bar.time_s, bar.height_m, bar.sd_m).at;
  }
  return true;
}

void BesideView::show(Side& side) {
  side.film->setData(&side.data, QString::fromStdString(house_.filmPath(side.data.set.clip).string()));
}

QString BesideView::captionOf(const Side& side) const {
  const Asked& a = side.data.set.edit.asked;
  const QDate day = QDate::fromString(QString::fromStdString(side.data.set.day), Qt::ISODate);
  const View view = a.view != View::kUnknown ? a.view
                    : side.data.analysis     ? side.data.analysis->view
                                             : View::kUnknown;
  const Facing facing = a.facing != Facing::kUnknown ? a.facing
                        : side.data.analysis         ? side.data.analysis->facing
                                                     : Facing::kUnknown;
  return tr("%1 · %2 · %3 × %4 · %5")
      .arg(QString::fromStdString(side.data.athlete.name), dayWords(day, "d MMM"))
      .arg(a.reps)
      .arg(kilograms(a.load_kg), viewWords(view, facing, a.lift));
}

// Every measured set of this lift, the athlete's own first.
void BesideView::offerSets() {
  QSignalBlocker quiet(set_);
  set_->clear();
  const auto sets = house_.queueSets(kNewestBeside);
  const auto athletes = house_.athletes();
  if (!sets || !athletes) return;
  const SetRecord& mine = side_[0].data.set;
  auto add = [&](const SetRecord& s) {
    // Of the athlete at hand the name is said on the left.
    QString name;
    for (const Athlete& a : *athletes)
      if (a.id == s.athlete && s.athlete != mine.athlete) name = QString::fromStdString(a.name) + tr(" · ");
    const QDate day = QDate::fromString(QString::fromStdString(s.day), Qt::ISODate);
    const Asked& asked = s.edit.asked;
    const QString file = QString::fromStdString(s.clip.file).section(QLatin1Char('/'), -1);
    set_->addItem(name + tr("%1 · %2 × %3 · %4")
                             .arg(dayWords(day, "d MMM"))
                             .arg(asked.reps)
                             .arg(kilograms(asked.load_kg), s.id == mine.id ? tr("this set") : file),
                  static_cast<qlonglong>(s.id));
  };
  auto usable = [&](const SetRecord& s) {
    return s.hasFilm() && s.edit.asked.lift == mine.edit.asked.lift &&
           (s.state == SetState::kTracked || s.state == SetState::kReviewed);
  };
  for (const bool own : {true, false})
    for (const SetRecord& s : *sets)
      if (usable(s) && (s.athlete == mine.athlete) == own) add(s);
}

void BesideView::offerReps(Side& side, int choose) {
  QSignalBlocker quiet(side.rep);
  side.rep->clear();
  if (!side.data.analysis) return;
  side.rep->addItem(tr("all reps"), 0);
  for (const Rep& rep : side.data.analysis->reps) side.rep->addItem(tr("rep %1").arg(rep.number), rep.number);
  side.rep->setCurrentIndex(std::max(0, side.rep->findData(choose)));
}

std::optional<int> BesideView::repOf(const Side& side) const {
  const int number = side.rep->currentData().toInt();
  return number > 0 ? std::optional(number) : std::nullopt;
}

void BesideView::open(SetId id) {
  if (!load(side_[0], id)) return;
  show(side_[0]);
  side_[0].caption->setText(captionOf(side_[0]));
  offerSets();
  SetId other = id;
  link_ = linkedFilm(house_, side_[0].data.set);
  if (link_) other = link_->other.set;
  {
    QSignalBlocker quiet(set_);
    set_->setCurrentIndex(std::max(0, set_->findData(static_cast<qlonglong>(other))));
  }
  offerReps(side_[0], 1);
  chooseRight(other);
  side_[0].film->setFocus();
}

void BesideView::leave() {
  for (Side& s : side_)
    if (s.film->playing()) s.film->togglePlay();
}

void BesideView::chooseRight(SetId id) {
  if (!load(side_[1], id)) return;
  show(side_[1]);
  {
    QSignalBlocker quiet(set_);
    set_->setCurrentIndex(set_->findData(static_cast<qlonglong>(id)));
  }
  moment_ = link_ && link_->other.set == id ? std::optional(link_->other) : std::nullopt;
  const auto& reps = side_[1].data.analysis ? side_[1].data.analysis->reps : std::vector<Rep>();
  // One set in one film: its first rep beside its last.
  const int choose = id == left() && !reps.empty() ? reps.back().number : repOf(side_[0]).value_or(0);
  offerReps(side_[1], choose);
  goToRep(0);
  compare();
}

const Rep* BesideView::repAt(const Side& side, std::size_t frame) const {
  const auto& reps = side.data.analysis->reps;
  if (const auto chosen = repOf(side))
    for (const Rep& r : reps)
      if (r.number == *chosen) return &r;
  // Of the whole set, the rep that is nearest.
  const Rep* best = nullptr;
  auto away = [&](const Rep& r) {
    return frame < r.start_frame ? r.start_frame - frame : frame > r.end_frame ? frame - r.end_frame : 0;
  };
  for (const Rep& r : reps)
    if (best == nullptr || away(r) < away(*best)) best = &r;
  return best;
}

// The picture of the other film that belongs to one of this.
std::size_t BesideView::belonging(std::size_t from, std::size_t frame) const {
  const Side &a = side_[from], &b = side_[1 - from];
  frame =
      std::min(frame, a.data.tracks.frameCount() - 1);  // a film may have more pictures than were followed
  if (moment_) {
    const double later = from == 0 ? moment_->later_s : -moment_->later_s;
    return nearestFrame(b.data.tracks.time_s, a.data.tracks.time_s[frame] + later);
  }
  const Rep* rep = repAt(a, frame);
  if (rep == nullptr) return 0;
  const auto& others = b.data.analysis->reps;
  const Rep* other = nullptr;
  if (const auto chosen = repOf(b)) {
    for (const Rep& r : others)
      if (r.number == *chosen) other = &r;
  } else if (!others.empty()) {
    other = &others[std::min(static_cast<std::size_t>(rep->number), others.size()) - 1];
  }
  if (other == nullptr) return 0;
  return matchedFrame({&a.data.tracks.time_s, &a.height, *rep}, frame,
                      {&b.data.tracks.time_s, &b.height, *other});
}

void BesideView::follow(std::size_t moved) {
  if (following_ || !side_[0].data.analysis || !side_[1].data.analysis) return;
  following_ = true;
  side_[1 - moved].film->goTo(belonging(moved, side_[moved].film->frame()));
  following_ = false;
  paths_->setFrames(side_[0].film->frame(), side_[1].film->frame());
}

void BesideView::goToRep(std::size_t side) {
  Side& s = side_[side];
  if (!s.data.analysis || s.data.analysis->reps.empty()) return;
  const Rep* rep = repAt(s, 0);
  s.film->goTo(rep->turn_frame);
  follow(side);
}

void BesideView::compare() {
  table_->setRowCount(0);
  choosePair();
  const Side &a = side_[0], &b = side_[1];
  if (!a.data.analysis || !b.data.analysis) {
    said_->setText(tr("Not measured: %1").arg(!a.data.analysis ? a.data.problem : b.data.problem));
    paths_->show({}, false, false);
    return;
  }
  const auto ra = repOf(a), rb = repOf(b);
  const auto &ma = a.data.analysis->measures, &mb = b.data.analysis->measures;
  std::vector<Difference> all;
  const bool one_film = a.data.set.id == b.data.set.id;
  if (ra && rb && one_film)
    all = differencesInFilm(a.data.analysis->on->input, a.data.analysis->reps, ma, *ra, *rb);
  else if (ra && rb)
    all = differencesOfReps(ma, *ra, mb, *rb);
  else if (!ra && !rb && !one_film)
    all = differencesOfSets(ma, mb);
  if (moment_) {
    const double later = moment_->later_s;
    said_->setText((later >= 0.0 ? tr("Two films of one set: the right one began %1 s earlier.")
                                 : tr("Two films of one set: the right one began %1 s later."))
                       .arg(std::abs(later), 0, 'f', 2) +
                   QLatin1Char(' ') +
                   (moment_->by_hand
                        ? tr("Laid on each other by hand (keys , and . move the right one).")
                        : tr("Laid on each other by the bar's way; the keys , and . move the right one.")));
  } else if (one_film && ra == rb) {
    said_->setText(tr("Choose two reps, or another set on the right."));
  } else if (ra.has_value() != rb.has_value()) {
    said_->setText(tr("Choose a rep on both sides, or all reps on both."));
  } else {
    said_->setText(differenceWords(all));
  }
  // What surely differs first, the largest on top.
  std::stable_sort(all.begin(), all.end(), [](const Difference& x, const Difference& y) {
    return std::pair(x.clear(), x.size()) > std::pair(y.clear(), y.size());
  });
  // Of two films of one set, what only one of them shows comes first: that is what they are for.
  struct Line {
    MeasureId id;
    std::optional<Estimate> first, second, by;
    bool clear = false;
  };
  std::vector<Line> lines;
  if (moment_ && ra && rb)
    for (const MeasureDefinition* d : measureCatalogue()) {
      auto of = [&](const std::vector<Measure>& m, int rep) -> std::optional<Estimate> {
        const Measure* found = findMeasure(m, d->id, rep);
        return found != nullptr && found->status == MeasureStatus::kOk ? std::optional(found->value)
                                                                       : std::nullopt;
      };
      const auto first = of(ma, *ra), second = of(mb, *rb);
      if (first.has_value() != second.has_value()) lines.push_back({d->id, first, second, std::nullopt});
    }
  std::stable_partition(lines.begin(), lines.end(), [](const Line& l) { return l.second.has_value(); });
  for (const Difference& d : all) lines.push_back({d.id, d.first, d.second, d.by, d.clear()});
  table_->setRowCount(static_cast<int>(lines.size()));
  for (std::size_t i = 0; i < lines.size(); ++i) {
    const Line& line = lines[i];
    const MeasureDefinition& m = definitionOf(line.id);
    auto words = [&](const std::optional<Estimate>& e) {
      return e ? withError(*e, m.unit) : QStringLiteral("–");
    };
    const QString by = !line.by
                           ? QString()
                           : (line.clear ? QStringLiteral("› ") : QString()) +
                                 (line.by->value > 0.0 ? QStringLiteral("+") : QString()) + words(line.by);
    const std::array texts = {measureWords(line.id), words(line.first), words(line.second), by};
    for (int c = 0; c < 4; ++c) {
      auto* item = new QTableWidgetItem(texts[static_cast<std::size_t>(c)]);
      if (c > 0) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
      const bool only = !line.by && c > 0;  // the one film that shows it
      item->setForeground(line.clear && c == 3       ? theme().clay
                          : c == 0 || c == 3 || only ? theme().ink
                                                     : theme().muted);
      if (line.clear && c == 3) item->setFont(type(14, Weight::kSemiBold));
      item->setData(Qt::UserRole, QString::fromUtf8(m.name.data(), static_cast<int>(m.name.size())));
      item->setToolTip(QString::fromUtf8(m.definition.data(), static_cast<int>(m.definition.size())));
      table_->setItem(static_cast<int>(i), c, item);
    }
  }
  // The paths of the two reps, or of the first ones.
  std::array<PathOverPath::Path, 2> paths;
  auto curvesOf = [](const Side& s) {
    return std::pair(computeCurve(s.data.analysis->on->input, CurveId::kBarForward),
                     computeCurve(s.data.analysis->on->input, CurveId::kBarHeight));
  };
  auto feet = [](const Side& s) { return s.data.tracks.has(Joint::kHeel) && s.data.tracks.has(Joint::kToe); };
  const bool over_foot = feet(a) && feet(b) && !a.data.tracks.across() && !b.data.tracks.across() &&
                         a.data.set.edit.asked.lift != Lift::kBench;
  const bool forward = !a.data.tracks.across() && !b.data.tracks.across();
  for (std::size_t k = 0; k < 2 && forward; ++k) {
    const Side& s = side_[k];
    const auto [x, y] = curvesOf(s);
    const Rep* rep = repAt(s, s.film->frame());
    if (rep == nullptr) continue;
    double x0 = 0.0, y0 = 0.0;
    for (std::size_t f = rep->start_frame; f <= rep->end_frame && f < x.size(); ++f) {
      if (!x[f].known || !y[f].known) continue;
      if (paths[k].frame.empty()) {
        x0 = over_foot ? 0.0 : x[f].value.value;
        y0 = y[f].value.value;
      }
      if (f <= rep->turn_frame) paths[k].turn = paths[k].frame.size();
      paths[k].frame.push_back(f);
      paths[k].at_cm.emplace_back(x[f].value.value - x0, y[f].value.value - y0);
    }
  }
  paths_->setVisible(forward);
  paths_->show(std::move(paths), over_foot, a.data.set.edit.asked.lift == Lift::kDeadlift);
  paths_->setFrames(a.film->frame(), b.film->frame());
}

void BesideView::choosePair() {
  const bool could = left() != right() && side_[0].data.set.athlete == side_[1].data.set.athlete &&
                     side_[0].data.set.day == side_[1].data.set.day;
  pair_->setVisible(could || moment_.has_value());
  pair_->setText(moment_ ? tr("Not one set · Y") : tr("Both films show one set · Y"));
}

// Tells the set that knows of the other film.
void BesideView::tellLink() {
  if (!moment_) return emit otherFilmSaid(link_ ? link_->owner : left(), std::nullopt);
  if (!link_) link_ = LinkedFilm{left(), *moment_};
  link_->other = *moment_;
  OtherFilm said = *moment_;
  if (link_->owner != left()) said = {left(), -said.later_s, said.by_hand};
  emit otherFilmSaid(link_->owner, said);
}

void BesideView::togglePair() {
  if (moment_) {
    moment_.reset();
    tellLink();
    link_.reset();
    goToRep(0);
    return compare();
  }
  if (pair_->isHidden() || !side_[0].data.analysis || !side_[1].data.analysis)
    return emit trouble(tr("Choose another film of the same athlete and day on the right."));
  const auto sync = syncFilms(computeBarHeight(side_[0].data.analysis->on->input),
                              computeBarHeight(side_[1].data.analysis->on->input));
  if (!sync) return emit trouble(QString::fromStdString(sync.error().text));
  moment_ = OtherFilm{right(), sync->later_s.value, false};
  if (link_ && link_->other.set != right()) {  // another film was said before
    emit otherFilmSaid(link_->owner, std::nullopt);
    link_.reset();
  }
  tellLink();
  emit trouble(sync->sure() ? QString()
                            : tr("A rep earlier or later fits nearly as well: look whether both films show "
                                 "the same moment; , and . move the right one."));
  goToRep(0);
  compare();
}

void BesideView::shiftRight(int frames) {
  if (!moment_) return;
  const double rate = usualRate(side_[1].data.tracks.time_s);
  moment_->later_s += frames / std::max(1.0, rate);
  moment_->by_hand = true;
  tellLink();
  follow(0);
  compare();
}

// After an undo, say: the films as the house knows them.
void BesideView::refresh() {
  const auto set = house_.loadSet(left());
  if (!set) return;
  const auto link = linkedFilm(house_, *set);
  const std::optional<OtherFilm> there =
      link && link->other.set == right() ? std::optional(link->other) : std::nullopt;
  if (there == moment_) return;
  link_ = link;
  moment_ = there;
  goToRep(0);
  compare();
}

void BesideView::askFilm() {
  if (job_->running()) return job_->stop();
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Write one film of both"),
      QString::fromStdString(side_[0].data.athlete.name).replace(QLatin1Char('/'), QLatin1Char('-')) +
          tr(" beside.mp4"),
      tr("MP4 (*.mp4);;WebM (*.webm)"));
  if (!file.isEmpty()) writeFilm(file);
}

void BesideView::writeFilm(const QString& file) {
  std::vector<FilmSide> sides;
  for (const Side& side : side_) {
    if (!side.data.analysis || !side.data.set.hasFilm())
      return emit trouble(tr("Both sets need a film that has been measured."));
    sides.push_back({side.data, house_.filmPath(side.data.set.clip), repOf(side), {}, {}});
  }
  FilmExport how;
  how.stop_at_finding = false;
  job_->start(std::move(sides), how, file.toStdString(),
              moment_ ? std::optional(moment_->later_s) : std::nullopt);
}

void BesideView::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
    case Qt::Key_Escape:
      return emit backWanted();
    case Qt::Key_Comma:
      return shiftRight(-1);
    case Qt::Key_Period:
      return shiftRight(1);
    case Qt::Key_Y:
      return togglePair();
    default:
      QWidget::keyPressEvent(event);
  }
}

void BesideView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
