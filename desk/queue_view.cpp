#include "desk/queue_view.h"

#include <algorithm>
#include <cmath>

#include <QApplication>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QTimer>
#include <QUrl>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "desk/pieces.h"
#include "desk/set_analysis.h"
#include "desk/theme.h"
#include "report/wording.h"
#include "vision/analyse_clip.h"

namespace mottix {
namespace {

// Of each athlete so many films that have been decided on; those before are in the Story.
constexpr int kNewest = 8;
constexpr int kLanesAtOnce = 24, kLanesATime = 4;

QStringList filesIn(const QMimeData* data) {
  QStringList files;
  for (const QUrl& url : data->urls())
    if (url.isLocalFile()) files << url.toLocalFile();
  return files;
}

}  // namespace

SetTile::SetTile(const SetRecord& set, QWidget* parent) : QAbstractButton(parent), set_(set) {
  setFixedSize(sizeHint());
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::PointingHandCursor);
  setObjectName(QStringLiteral("tile %1").arg(static_cast<qint64>(set.id)));
  const Asked& a = set.edit.asked;
  setAccessibleName(QStringLiteral("%1, %2 × %3, %4")
                        .arg(liftWords(a.lift))
                        .arg(a.reps)
                        .arg(kilograms(a.load_kg), stateWords()));
  setToolTip(QString::fromStdString(set.problem.empty() ? set.clip.file : set.problem) +
             tr("\nEnter opens, Delete removes"));
  act_ = new QPushButton(this);
  act_->setObjectName(QStringLiteral("quiet"));
  connect(act_, &QPushButton::clicked, this, [this] {
    if (part_)
      emit stopWanted(set_.id);
    else
      emit followWanted(set_.id);
  });
  refreshAct();
}

void SetTile::refreshAct() {
  const bool failed = set_.state == SetState::kFailed;
  act_->setText(part_ ? tr("stop") : failed ? tr("try again") : tr("follow"));
  act_->setAccessibleName(part_ ? tr("Stop following this film") : tr("Follow the bar in this film"));
  act_->setVisible(part_ || failed || set_.state == SetState::kWaiting);
  act_->adjustSize();
  act_->move(width() - act_->width() - 6, 5);
}

void SetTile::resizeEvent(QResizeEvent*) {
  refreshAct();
}

QString SetTile::stateWords() const {
  if (part_ && *part_ <= 0.0) return tr("waiting for its turn");
  if (part_) {
    const auto percent = std::lround(100.0 * *part_);
    if (paused_) return tr("held at %1 %").arg(percent);
    return set_.state == SetState::kWaiting ? tr("following the bar, %1 %").arg(percent)
                                            : tr("looking for the joints, %1 %").arg(percent);
  }
  switch (set_.state) {
    case SetState::kWaiting:
      return tr("not followed yet");
    case SetState::kTracked:
      return tr("to be looked at");
    case SetState::kReviewed:
      return set_.edit.next_load_kg ? tr("next %1").arg(kilograms(*set_.edit.next_load_kg)) : tr("looked at");
    case SetState::kFailed:
      return tr("not measured");
  }
  return {};
}

void SetTile::showPaths(std::vector<RepPath> paths, std::vector<Finding> findings) {
  paths_ = std::move(paths);
  findings_ = std::move(findings);
  update();
}

void SetTile::showProgress(std::optional<double> part, bool paused) {
  part_ = part;
  paused_ = paused;
  refreshAct();
  update();
}

void SetTile::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)
    click();
  else if (event->key() == Qt::Key_Delete)
    emit removeWanted(set_.id);
  else
    QAbstractButton::keyPressEvent(event);
}

void SetTile::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const QRectF box = QRectF(rect()).adjusted(1, 1, -1, -1);
  p.setPen(QPen(hasFocus() ? t.green : t.line, hasFocus() ? 2.0 : 1.0));
  p.setBrush(set_.state == SetState::kReviewed ? t.sheet : t.raised);
  p.drawRoundedRect(box, 3, 3);
  const Asked& a = set_.edit.asked;
  p.setPen(t.ink);
  p.setFont(type(16, Weight::kSemiBold));
  p.drawText(QPointF(12, 24), QStringLiteral("%1 × %2").arg(a.reps).arg(kilograms(a.load_kg)));
  p.setFont(type(13));
  p.setPen(t.muted);
  const QFontMetrics m(p.font());
  p.drawText(QPointF(12, 42),
             m.elidedText(liftWords(a.lift) + QStringLiteral(", ") + QString::fromStdString(a.variant),
                          Qt::ElideRight, width() - 24));
  const bool told = set_.state == SetState::kFailed && !part_;  // the reason says it all
  if (!told) p.drawText(QPointF(12, height() - 12), m.elidedText(stateWords(), Qt::ElideRight, width() - 24));
  const QRectF room(14, 54, width() - 28, height() - (part_ ? 98 : 88));
  if (!paths_.empty()) {
    const double step = std::min(34.0, room.width() / static_cast<double>(paths_.size()));
    for (std::size_t i = 0; i < paths_.size(); ++i) {
      const RepPath& path = paths_[i];
      if (path.frame.size() < 2) continue;
      const QRectF cell(room.left() + step * static_cast<double>(i), room.top(), step, room.height());
      std::vector<PathPoint> points;
      for (std::size_t k = 0; k < path.frame.size(); ++k)
        points.push_back({placeInCell(path, k, cell), path.speed_ms[k],
                          a.lift == Lift::kDeadlift ? k <= path.turn : k > path.turn});
      drawPath(p, points, set_.state == SetState::kReviewed ? t.green_soft : t.green, 0.7);
    }
    double x = width() - 14.0;
    for (const Finding& f : findings_) {
      if (f.overruled || f.certainty == Certainty::kCantTell) continue;
      x -= strokesSize(f).width();
      drawStrokes(p, QPointF(x, 12), f);
      x -= 6.0;
    }
  } else if (!part_) {
    p.setFont(type(13));
    p.setPen(set_.state == SetState::kFailed ? t.clay : t.muted);
    const QString text = set_.state == SetState::kFailed ? QString::fromStdString(set_.problem) : QString();
    const double line = QFontMetricsF(p.font()).lineSpacing();
    QRectF whole_lines = room;
    whole_lines.setHeight(line * std::floor((height() - room.top() - 10.0) / line));
    p.save();
    p.setClipRect(whole_lines.adjusted(0.0, 0.0, 0.0, 3.0));
    p.drawText(whole_lines, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, text);
    p.restore();
  }
  if (part_) {
    // The bar's way down stands for the work done: a dotted line that fills.
    const double y = height() - 34.0;
    p.setPen(QPen(t.line, 3.0, Qt::DotLine));
    p.drawLine(QPointF(14, y), QPointF(width() - 14.0, y));
    p.setPen(QPen(t.green, 4.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(14, y), QPointF(14 + (width() - 28.0) * *part_, y));
  }
}

Lane::Lane(const Athlete& athlete, QWidget* parent) : QWidget(parent), athlete_(athlete) {
  setAcceptDrops(true);
  setObjectName(QStringLiteral("lane %1").arg(static_cast<qint64>(athlete.id)));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(20, 8, 12, 6);
  row->setSpacing(16);
  auto* head = new QWidget(this);
  head->setFixedWidth(244);
  auto* column = new QVBoxLayout(head);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  auto* name = new Sentence(17, head);
  Word* name_word = name->addWord(tr("name"), [this](const QString& text) -> QString {
    if (text.isEmpty() || text.size() > 80) return tr("A name has 1 to 80 letters.");
    Athlete changed = athlete_;
    changed.name = text.toStdString();
    emit athleteChanged(changed);
    return {};
  });
  const QString full = QString::fromStdString(athlete.name);
  name_word->setText(QFontMetrics(name_word->font()).elidedText(full, Qt::ElideRight, 238));
  name_word->setEditText(full);
  name_word->setToolTip(full);
  auto* facts = new Sentence(14, head);
  facts->addText(tr("adds"));
  Word* step = facts->addWord(tr("step"), [this](const QString& text) -> QString {
    QString t = text;
    bool ok = false;
    const double v =
        t.remove(QStringLiteral("kg")).replace(QLatin1Char(','), QLatin1Char('.')).trimmed().toDouble(&ok);
    if (!ok || !(v > 0.0 && v <= 50.0)) return tr("A step lies between 0 and 50 kg.");
    Athlete changed = athlete_;
    changed.step_kg = v;
    emit athleteChanged(changed);
    return {};
  });
  step->setText(kilograms(athlete.step_kg));
  facts->addText(tr(", pain"));
  Word* pain = facts->addWord(tr("open pain note"), [this](const QString& text) -> QString {
    bool ok = false;
    const int v = QString(text).remove(QStringLiteral("/10")).trimmed().toInt(&ok);
    if (!ok || v < 0 || v > 10) return tr("A pain note lies between 0 and 10. From 4 on, nothing is added.");
    Athlete changed = athlete_;
    changed.open_pain = v;
    emit athleteChanged(changed);
    return {};
  });
  pain->setText(QStringLiteral("%1/10").arg(athlete.open_pain));
  if (athlete.worst_complaint > 0) facts->addText(tr(", complaint %1/10").arg(athlete.worst_complaint));
  pain->setEditText(QString::number(athlete.open_pain));
  auto* note = new QLabel(QString::fromStdString(athlete.note), head);
  note->setFont(type(13));
  note->setWordWrap(true);
  QPalette palette = note->palette();
  palette.setColor(QPalette::WindowText, theme().muted);
  note->setPalette(palette);
  auto* row_of_buttons = new QHBoxLayout;
  row_of_buttons->setSpacing(2);
  auto action = [&](const QString& text, const QString& help, void (Lane::*signal)(AthleteId)) {
    auto* b = button(text, help, true);
    connect(b, &QPushButton::clicked, this, [this, signal] { emit(this->*signal)(athlete_.id); });
    row_of_buttons->addWidget(b);
    return b;
  };
  action(tr("add films"), tr("Add films of %1").arg(full), &Lane::addWanted);
  action(tr("body"), tr("The page of %1: body, screens, complaints").arg(full), &Lane::bodyWanted);
  action(tr("fit"), tr("The set-up that fits %1").arg(full), &Lane::fitWanted);
  row_of_buttons->addStretch(1);
  column->addWidget(name);
  column->addWidget(facts);
  column->addWidget(note);
  log_ = new QLabel(head);
  log_->setFont(type(13));
  log_->setPalette(palette);
  log_->hide();
  column->addWidget(log_);
  column->addLayout(row_of_buttons);
  column->addStretch(1);
  row->addWidget(head);

  row_area_ = new QScrollArea(this);
  row_area_->setWidgetResizable(true);
  row_area_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  row_area_->setFixedHeight(152);
  row_area_->setFocusPolicy(Qt::NoFocus);
  row_ = new QWidget;
  auto* tiles = new QHBoxLayout(row_);
  tiles->setContentsMargins(0, 2, 0, 2);
  tiles->setSpacing(12);
  tiles->setAlignment(Qt::AlignLeft | Qt::AlignTop);
  row_area_->setWidget(row_);
  row->addWidget(row_area_, 1);
}

void Lane::takeFocus() {
  if (auto* word = findChild<Word*>(QStringLiteral("word ") + tr("name"))) word->setFocus();
}

void Lane::addTile(SetTile* tile) {
  row_->layout()->addWidget(tile);
  ++tiles_;
}

void Lane::finish(const HouseFile::SetCounts& left_out) {
  const int without_film = left_out.without_film;
  QStringList words;
  if (left_out.filmed > 0)
    words << (left_out.filmed == 1 ? tr("and an earlier film (Story)")
                                   : tr("and %1 earlier films (Story)").arg(left_out.filmed));
  if (without_film > 0)
    words << (without_film == 1 ? tr("and a set in the log without film")
                                : tr("and %1 sets in the log without film").arg(without_film));
  if (!words.isEmpty()) {
    log_->setText(words.join(QLatin1Char(' ')));
    log_->show();
  }
  if (tiles_ == 0) {
    auto* empty =
        new QLabel(tr("No films yet. Drop a film of one set here, filmed from the side with the whole plate "
                      "and both feet in the picture, or from the front with both plates in it."));
    empty->setWordWrap(true);
    empty->setFont(type(14));
    QPalette palette = empty->palette();
    palette.setColor(QPalette::WindowText, theme().muted);
    empty->setPalette(palette);
    row_->layout()->addWidget(empty);
    auto* how = button(tr("How to film"),
                       tr("Distance, height, angle, and what has to be in the picture (Shift+F1)"), true);
    how->setProperty("what", QStringLiteral("how to film"));
    connect(how, &QPushButton::clicked, this, &Lane::filmingWanted);
    row_->layout()->addWidget(how);
  }
  // The newest tile is the one to work on.
  QTimer::singleShot(0, row_area_, [area = row_area_] {
    area->horizontalScrollBar()->setValue(area->horizontalScrollBar()->maximum());
  });
}

void Lane::dragEnterEvent(QDragEnterEvent* event) {
  if (filesIn(event->mimeData()).isEmpty()) return;
  drop_here_ = true;
  update();
  event->acceptProposedAction();
}

void Lane::dragLeaveEvent(QDragLeaveEvent*) {
  drop_here_ = false;
  update();
}

void Lane::dropEvent(QDropEvent* event) {
  drop_here_ = false;
  update();
  event->acceptProposedAction();
  emit filmsDropped(athlete_.id, filesIn(event->mimeData()));
}

void Lane::paintEvent(QPaintEvent*) {
  QPainter p(this);
  const Theme& t = theme();
  if (drop_here_) {
    p.setPen(QPen(t.green, 2.0, Qt::DashLine));
    p.drawRect(QRectF(rect()).adjusted(4, 4, -4, -4));
  }
  p.setPen(QPen(t.line, 1.0));
  p.drawLine(QPointF(20, height() - 0.5), QPointF(width() - 12.0, height() - 0.5));
}

QueueView::QueueView(HouseFile& house, AnalysisJobs& jobs, QWidget* parent)
    : QWidget(parent), house_(house), jobs_(jobs) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 14, 0, 0);
  column->setSpacing(0);
  auto* head = new QHBoxLayout;
  head->setContentsMargins(20, 0, 20, 8);
  auto* words = new QVBoxLayout;
  words->setSpacing(0);
  head_ = new QLabel;
  head_->setFont(type(21, Weight::kSemiBold));
  sub_ = new QLabel;
  sub_->setFont(type(14));
  sub_->setWordWrap(true);
  QPalette palette = sub_->palette();
  palette.setColor(QPalette::WindowText, theme().muted);
  sub_->setPalette(palette);
  words->addWidget(head_);
  words->addWidget(sub_);
  head->addLayout(words, 1);
  auto* athlete = new QPushButton(tr("New athlete · Ctrl+N"));
  athlete->setAutoDefault(true);
  connect(athlete, &QPushButton::clicked, this, &QueueView::newAthleteWanted);
  pause_ = button({}, tr("Hold the work on films, so that the machine is free; or go on with it"), true);
  connect(pause_, &QPushButton::clicked, this, &QueueView::pauseWanted);
  auto* actions = new QHBoxLayout;  // on one line, whatever their heights
  actions->addWidget(pause_);
  actions->addWidget(athlete);
  head->addLayout(actions);
  head->setAlignment(actions, Qt::AlignTop);
  column->addLayout(head);
  area_ = new QScrollArea;
  area_->setWidgetResizable(true);
  area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  area_->setFocusPolicy(Qt::NoFocus);
  auto* body = new QWidget;
  lanes_ = new QVBoxLayout(body);
  lanes_->setContentsMargins(0, 0, 0, 0);
  lanes_->setSpacing(0);
  area_->setWidget(body);
  column->addWidget(area_, 1);
  drawing_timer_ = new QTimer(this);
  drawing_timer_->setInterval(0);
  connect(drawing_timer_, &QTimer::timeout, this, &QueueView::drawNext);
  connect(&drawing_, &QFutureWatcherBase::finished, this, &QueueView::takeDrawing);
  lane_timer_ = new QTimer(this);
  lane_timer_->setInterval(0);
  connect(lane_timer_, &QTimer::timeout, this, [this] {
    addLanes(kLanesATime);
    if (pending_.empty()) lane_timer_->stop();
  });
}

// What can be seen is there at once; in a large house the rest follows between events.
void QueueView::addLanes(int count) {
  for (; count > 0 && !pending_.empty(); --count) {
    const Athlete athlete = std::move(pending_.back());
    pending_.pop_back();
    auto* lane = new Lane(athlete, lanes_->parentWidget());
    connect(lane, &Lane::filmsDropped, this, &QueueView::filmsDropped);
    connect(lane, &Lane::athleteChanged, this, &QueueView::athleteChanged);
    connect(lane, &Lane::addWanted, this, &QueueView::addWanted);
    connect(lane, &Lane::bodyWanted, this, &QueueView::bodyWanted);
    connect(lane, &Lane::filmingWanted, this, &QueueView::filmingWanted);
    connect(lane, &Lane::fitWanted, this, &QueueView::fitWanted);
    for (const SetRecord& set : pending_sets_[athlete.id]) {
      auto* tile = new SetTile(set, lane->row());
      connect(tile, &QAbstractButton::clicked, this, [this, id = set.id] { emit openWanted(id); });
      connect(tile, &SetTile::stopWanted, this, &QueueView::stopWanted);
      connect(tile, &SetTile::followWanted, this, &QueueView::followWanted);
      connect(tile, &SetTile::removeWanted, this, &QueueView::removeWanted);
      if (jobs_.running(set.id)) tile->showProgress(jobs_.partDone(set.id).value_or(0.0), jobs_.paused());
      if (set.state == SetState::kTracked || set.state == SetState::kReviewed) {
        const auto kept = drawings_.find(set.id);
        if (kept != drawings_.end() && kept->second.edit == set.edit && kept->second.athlete == athlete)
          tile->showPaths(kept->second.paths, kept->second.findings);
        else
          to_draw_.insert(to_draw_.begin(), set.id);  // drawn from the back
      }
      lane->addTile(tile);
      tiles_.push_back(tile);
    }
    pending_sets_.erase(athlete.id);
    const auto out = left_out_.find(athlete.id);
    lane->finish(out == left_out_.end() ? HouseFile::SetCounts() : out->second);
    lanes_->insertWidget(lanes_->count() - 1, lane);
    lane_list_.push_back(lane);
  }
  if (!to_draw_.empty()) drawing_timer_->start();
}

void QueueView::refresh() {
  if (shown_at_ != house_.writes()) return reload();
  if (QWidget* last = focusWidget()) last->setFocus();
}

void QueueView::reload() {
  const std::int64_t now = house_.writes();
  auto athletes = house_.athletes();
  auto sets = house_.queueSets(kNewest);
  const auto counts = house_.setCounts();
  if (!athletes || !sets || !counts)
    return emit trouble(QString::fromStdString(!athletes ? athletes.error().text
                                               : !sets   ? sets.error().text
                                                         : counts.error().text));
  shown_at_ = now;
  lane_timer_->stop();
  const QString focused = focusWidget() != nullptr ? focusWidget()->objectName() : QString();
  // A tile that goes while it has the keyboard hands it to the next one, which would scroll there.
  if (isAncestorOf(QApplication::focusWidget())) setFocus();
  while (QLayoutItem* item = lanes_->takeAt(0)) {
    if (item->widget() != nullptr) {
      item->widget()->hide();
      item->widget()->deleteLater();
    }
    delete item;
  }
  lane_list_.clear();
  tiles_.clear();
  to_draw_.clear();
  int open = 0;
  pending_ = *athletes;
  std::reverse(pending_.begin(), pending_.end());
  pending_sets_.clear();
  left_out_ = *counts;
  for (SetRecord& set : *sets) {
    if (set.state != SetState::kReviewed) ++open;
    --left_out_[set.athlete].filmed;
    pending_sets_[set.athlete].push_back(std::move(set));
  }
  lanes_->addStretch(1);
  addLanes(kLanesAtOnce);
  if (!pending_.empty()) lane_timer_->start();
  if (athletes->empty()) {
    head_->setText(tr("An empty house"));
    sub_->setText(
        tr("Begin with an athlete (Ctrl+N); then drop films of squats, one set each, on the lane that "
           "appears."));
  } else {
    head_->setText(
        open == 0 ? tr("Queue: everything looked at")
                  : (open == 1 ? tr("Queue: 1 set to look at") : tr("Queue: %1 sets to look at").arg(open)));
    sub_->setText(
        tr("Oldest left. Drop films of one set each on a lane; Enter opens a set, Delete removes it."));
  }
  refreshPause();
  // Where the coach was, or the first set to look at.
  SetTile* next = nullptr;
  for (SetTile* tile : tiles_)
    if (tile->objectName() == focused || (next == nullptr && focused.isEmpty() && tile->open())) next = tile;
  if (next != nullptr) next->setFocus();
}

const Athlete* QueueView::athleteOf(SetId set) const {
  const SetTile* tile = tileOf(set);
  if (tile != nullptr)
    for (const Lane* lane : lane_list_)
      if (lane->athlete() == tile->record().athlete) return &lane->record();
  return nullptr;
}

QueueView::~QueueView() {
  drawing_.waitForFinished();
}

void QueueView::forgetDrawing(SetId set) {
  drawings_.erase(set);
  if (set == drawn_now_) drawn_in_vain_ = true;
}

void QueueView::forgetDrawings() {
  drawings_.clear();
  drawn_in_vain_ = true;
}

void QueueView::takeDrawing() {
  const std::optional<Drawing> drawing = drawing_.result();
  const SetId id = std::exchange(drawn_now_, kNoSet);
  SetTile* tile = tileOf(id);
  const Athlete* athlete = athleteOf(id);
  if (drawing && tile != nullptr && athlete != nullptr) {
    if (!drawn_in_vain_ && drawing->edit == tile->record().edit && drawing->athlete == *athlete) {
      tile->showPaths(drawing->paths, drawing->findings);
      drawings_[id] = *drawing;
    } else {
      to_draw_.push_back(id);
    }
  }
  if (!to_draw_.empty()) drawing_timer_->start();
}

void QueueView::drawNext() {
  if (drawn_now_ != kNoSet || to_draw_.empty()) return drawing_timer_->stop();
  const SetId id = to_draw_.back();
  to_draw_.pop_back();
  SetTile* tile = tileOf(id);
  const Athlete* athlete = athleteOf(id);
  auto record = house_.loadTracks(id);
  if (tile == nullptr || athlete == nullptr || !record || !*record) return;
  const SetEdit& edit = tile->record().edit;
  const SetJudging by = judgingOf(house_, tile->record(), (*record)->tracks.across(), readRules(house_));
  drawn_now_ = id;
  drawn_in_vain_ = false;
  drawing_.setFuture(
      QtConcurrent::run([id, who = *athlete, edit, seen = std::move(**record),
                         body = bodyOf(house_, athlete->id), by = by.by]() -> std::optional<Drawing> {
        const auto [tracks, analysis] = analyseSet(seen, who, edit, body, by);
        if (!analysis) return std::nullopt;
        Drawing drawing{id, who, edit, {}, analysis->findings};
        for (const Rep& rep : analysis->reps) drawing.paths.push_back(pathOf(rep, tracks, analysis->camera));
        return drawing;
      }));
}

void QueueView::showProgress(SetId set, double part) {
  if (SetTile* tile = tileOf(set)) tile->showProgress(part, jobs_.paused());
}

void QueueView::refreshPause() {
  pause_->setText(jobs_.paused() ? tr("Go on · Ctrl+H") : tr("Hold the work · Ctrl+H"));
  pause_->setVisible(!jobs_.idle() || jobs_.paused());
}

SetTile* QueueView::tileOf(SetId set) const {
  for (SetTile* tile : tiles_)
    if (tile->set() == set) return tile;
  return nullptr;
}

Lane* QueueView::laneOf(AthleteId athlete) {
  while (
      std::none_of(lane_list_.begin(), lane_list_.end(), [&](Lane* l) { return l->athlete() == athlete; }) &&
      !pending_.empty())
    addLanes(1);
  for (Lane* lane : lane_list_)
    if (lane->athlete() == athlete) return lane;
  return nullptr;
}

void QueueView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

}  // namespace mottix
