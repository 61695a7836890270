#include "desk/film_view.h"

#include <algorithm>
#include <cmath>

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QWheelEvent>

#include "core/motion/camera_shake.h"
#include "desk/keys.h"
#include "desk/pieces.h"
#include "desk/theme.h"
#include "report/wording.h"

namespace mottix {
namespace {

constexpr double kGripPx = 18.0;     // how near a click must be, in screen pixels
constexpr double kPullReach = 2.0;   // how far along the path one movement of the mouse may go: times its
constexpr double kPullSlack = 20.0;  // own length, and a little
constexpr double kStillPx = 2.0;
constexpr double kRestCost = 6.0;      // px; at most this much is paid for the time that passes
constexpr double kReverseCost = 14.0;  // screen pixels: turning back in time is a little harder than going on

constexpr std::array kFigureJoints = {Joint::kShoulder, Joint::kHip,  Joint::kKnee,
                                      Joint::kAnkle,    Joint::kHeel, Joint::kToe};

// Where the joints of a lifter about to pull lie against the bar on the floor (m; forward, up).
Vec2 pullingOffset(Joint joint) {
  switch (joint) {
    case Joint::kShoulder:
      return {0.04, 0.58};
    case Joint::kHip:
      return {-0.36, 0.41};
    case Joint::kKnee:
      return {0.02, 0.28};
    case Joint::kAnkle:
      return {-0.07, -0.14};
    case Joint::kHeel:
      return {-0.13, -0.21};
    case Joint::kToe:
      return {0.12, -0.21};
    default:
      return {0.0, 0.0};
  }
}
// The same of a standing lifter with the bar on the back: an average build of 1.75 m.
Vec2 standingOffset(Joint joint) {
  switch (joint) {
    case Joint::kShoulder:
      return {0.10, -0.06};
    case Joint::kHip:
      return {0.03, -0.53};
    case Joint::kKnee:
      return {0.02, -0.93};
    case Joint::kAnkle:
      return {-0.05, -1.33};
    case Joint::kHeel:
      return {-0.12, -1.40};
    case Joint::kToe:
      return {0.13, -1.40};
    default:
      return {0.0, 0.0};
  }
}

double distanceToSegment(const QPointF& p, const QPointF& a, const QPointF& b) {
  const QPointF d = b - a;
  const double length2 = QPointF::dotProduct(d, d);
  const double s = length2 > 0 ? std::clamp(QPointF::dotProduct(p - a, d) / length2, 0.0, 1.0) : 0.0;
  return std::hypot(p.x() - a.x() - s * d.x(), p.y() - a.y() - s * d.y());
}

double lengthOf(const QPointF& v) {
  return std::hypot(v.x(), v.y());
}

}  // namespace

FilmView::FilmView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  sayKey(this, tr("Space"), tr("Play, stop"));
  sayKey(this, tr("← →"), tr("A picture back, on; with Shift: a rep"));
  sayKey(this, tr("Home, End"), tr("Begin and end of the film"));
  setMouseTracking(true);
  setAccessibleName(tr("Film: arrow keys move by the frame, Shift with them by the rep"));
  setMinimumSize(320, 180);
  QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
  policy.setHeightForWidth(true);
  setSizePolicy(policy);
  connect(&source_, &FrameSource::ready, this, [this](std::size_t frame, const QImage& picture, QSize film) {
    const bool other_shape = film_size_ != film;
    picture_ = picture;
    film_size_ = film;
    shown_ = frame;
    if (other_shape) updateGeometry();
    update();
  });
  connect(&source_, &FrameSource::failed, this, [this](const QString& reason) {
    trouble_ = reason;
    update();
    emit filmFailed(reason);
  });
  play_.setTimerType(Qt::PreciseTimer);
  play_.setInterval(10);
  connect(&play_, &QTimer::timeout, this, &FilmView::playOn);
}

void FilmView::setData(const SheetData* sheet, const QString& film_path) {
  data_ = sheet;
  if (film_path != path_) {
    path_ = film_path;
    picture_ = {};
    film_size_ = {};
    trouble_.clear();
    frame_ = shown_ = 0;
    asked_.reset();
    open_line_.reset();
    source_.close();
    if (!path_.isEmpty()) {
      source_.open(path_.toStdString(), FrameSource::Use::kPulling);
      source_.want(0);
    }
  }
  update();
}

void FilmView::setEvidence(std::optional<Finding> finding) {
  evidence_ = std::move(finding);
  update();
}

std::size_t FilmView::frameCount() const {
  return data_ == nullptr ? 0 : std::max(data_->tracks.frameCount(), data_->set.clip.frames);
}

void FilmView::goTo(std::size_t frame) {
  const std::size_t count = frameCount();
  frame = count > 0 ? std::min(frame, count - 1) : 0;
  if (frame != frame_) {
    time_way_ = frame > frame_ ? 1 : -1;
    frame_ = frame;
    emit frameChanged(frame_);
  }
  if (grip_ == Grip::kBar)
    source_.wantWhilePulling(frame_);
  else
    source_.want(frame_);
  update();
}

void FilmView::togglePlay() {
  if (play_.isActive()) {
    play_.stop();
  } else if (data_ != nullptr && data_->tracks.frameCount() > 1) {
    playFrom(frame_ + 1 < data_->tracks.frameCount() ? frame_ : 0);
    play_.start();
  }
  update();
}

void FilmView::setSlower(int times) {
  slower_ = std::max(1, times);
  if (play_.isActive()) playFrom(frame_);
}

void FilmView::setLooping(bool looping) {
  looping_ = looping;
  looped_ = std::nullopt;
}

void FilmView::playFrom(std::size_t frame) {
  goTo(frame);
  started_frame_ = played_ = frame_;
  playing_since_.start();
}

// By the film's own times, so that uneven and fast films play as lived; what the machine cannot show is left
// out.
void FilmView::playOn() {
  const auto& time = data_->tracks.time_s;
  if (frame_ != played_) {  // the coach went somewhere else meanwhile
    looped_ = std::nullopt;
    playFrom(frame_);
  }
  if (started_frame_ >= time.size()) return play_.stop();
  const double now =
      time[started_frame_] + 1e-9 * static_cast<double>(playing_since_.nsecsElapsed()) / slower_;
  auto frame = static_cast<std::size_t>(std::upper_bound(time.begin(), time.end(), now) - time.begin());
  frame = std::max<std::size_t>(frame, 1) - 1;
  if (looping_ && !looped_) {
    const Rep* rep = data_->repAt(frame_);
    looped_ = rep != nullptr ? std::pair(rep->start_frame, rep->end_frame)
                             : std::pair(std::size_t{0}, time.size() - 1);
  }
  const std::size_t last = looping_ ? looped_->second : time.size() - 1;
  played_ = std::min(frame, last);
  goTo(played_);
  if (frame < last) return;
  if (looping_)
    playFrom(looped_->first);
  else
    play_.stop();
}

void FilmView::setShownLines(const EvidenceChoice& choice) {
  shown_lines_ = choice;
  update();
}

ShownPicture FilmView::shownPicture() const {
  return {*data_, shown_, [this](const Vec2& px) { return toWidget(px); }, filmRect()};
}

void FilmView::startMeasuring(DrawnKind kind) {
  play_.stop();
  asked_.reset();
  measured_ = {kind, {}};
  mode_ = Mode::kMeasure;
  setFocus();
  update();
  emit modeChanged();
}

QSizeF FilmView::filmSize() const {
  if (!film_size_.isEmpty()) return film_size_;
  if (data_ != nullptr && data_->set.clip.width_px > 0)
    return {1.0 * data_->set.clip.width_px, 1.0 * data_->set.clip.height_px};
  return {16.0, 9.0};
}

int FilmView::heightForWidth(int width) const {
  // An upright film is not let push everything else off the sheet.
  const QSizeF size = filmSize();
  return std::min(static_cast<int>(std::lround(width * size.height() / size.width())),
                  static_cast<int>(0.6 * window()->height()));
}

QRectF FilmView::filmRect() const {
  QSizeF size = filmSize();
  size.scale(QSizeF(width(), height()), Qt::KeepAspectRatio);
  return {QPointF(0.0, 0.0), size};
}

QPointF FilmView::toWidget(const Vec2& p) const {
  const QRectF r = filmRect();
  return r.topLeft() + QPointF(p.x(), p.y()) * (r.width() / filmSize().width());
}

Vec2 FilmView::toFilm(const QPointF& p) const {
  const QRectF r = filmRect();
  const QPointF q = (p - r.topLeft()) * (filmSize().width() / std::max(1.0, r.width()));
  return {q.x(), q.y()};
}

std::array<std::optional<Vec2>, kJointCount> FilmView::jointsAt(std::size_t frame) const {
  if (data_ == nullptr) return {};
  // While they are being followed, the placed points are all there is, on their own frame.
  if (!data_->tracks.hasJoints())
    for (const PlacedPoints& placed : data_->set.edit.placed)
      if (placed.frame == frame) return placed.joints;
  JointPlaces out = jointsOn(*data_, frame);
  // So are the points of the back, until they are followed.
  for (const PlacedPoints& placed : data_->set.edit.placed)
    for (const Joint j : kBackJoints)
      if (placed.frame == frame && !data_->tracks.has(j)) out[indexOf(j)] = placed.joints[indexOf(j)];
  return out;
}

std::optional<Joint> FilmView::jointNear(const QPointF& widget,
                                         const std::array<std::optional<Vec2>, kJointCount>& points) const {
  std::optional<Joint> best;
  double nearest = kGripPx;
  for (std::size_t j = 0; j < kJointCount; ++j) {
    if (!points[j]) continue;
    const QPointF d = toWidget(*points[j]) - widget;
    const double away = lengthOf(d);
    if (away < nearest) {
      nearest = away;
      best = static_cast<Joint>(j);
    }
  }
  return best;
}

std::optional<Joint> FilmView::pointedJoint() const {
  if (asked_ && asked_->frame == shown_) return asked_->joint;
  if (mode_ != Mode::kWatch || !underMouse()) return std::nullopt;
  return jointNear(mouse_, jointsAt(shown_));
}

void FilmView::putJoint(Joint joint, const Vec2& film_px) {
  asked_.reset();
  emit jointMoved(shown_, joint, film_px.x(), film_px.y());
}

bool FilmView::isLocked(Joint joint) const {
  const auto& locked = data_->set.edit.locked;
  return std::find(locked.begin(), locked.end(), joint) != locked.end();
}

// The frame whose bar lies nearest to the hand, not far along the path; going on in time is preferred to
// turning back, so that the bar goes through its lowest point and up again.
void FilmView::pullBarTo(const Vec2& film_px) {
  const auto& bar = data_->tracks.bar;
  const QPointF hand = toWidget(film_px);
  double best = 1e18;
  std::size_t to = frame_;
  auto at = [&](std::ptrdiff_t f) { return toWidget(barOnShown(static_cast<std::size_t>(f))); };
  // As far both ways as the bar goes while the hand came here, however long it rests in between.
  const double farthest = kPullReach * lengthOf(at(static_cast<std::ptrdiff_t>(frame_)) - hand) + kPullSlack;
  for (const int way : {1, -1}) {
    const auto here = static_cast<std::ptrdiff_t>(frame_);
    double gone = 0.0;
    QPointF before = at(here);
    for (std::ptrdiff_t f = here; f >= 0 && f < static_cast<std::ptrdiff_t>(bar.size()); f += way) {
      if (bar[static_cast<std::size_t>(f)].state == TrackState::kLost) continue;
      const double step = lengthOf(at(f) - before);
      if (step > kStillPx) {  // less is the trembling of a bar at rest
        gone += step;
        before = at(f);
      }
      if (gone > farthest) break;
      const double cost = lengthOf(at(f) - hand) + (f != here && way != time_way_ ? kReverseCost : 0.0) +
                          std::min(kRestCost, 0.15 * static_cast<double>(std::abs(f - here)));
      if (cost < best) {
        best = cost;
        to = static_cast<std::size_t>(f);
      }
    }
  }
  goTo(to);
}

// Where the bar's place at another time lies on the picture shown, also when the camera has moved since.
Vec2 FilmView::barOnShown(std::size_t frame) const {
  return toPictureMoved(data_->tracks, shown_,
                        toReference(data_->tracks, frame, data_->tracks.bar[frame].p_px));
}

void FilmView::layFigure() {
  figure_ = {};
  if (data_ == nullptr || !data_->record || frame_ >= data_->tracks.bar.size()) return;
  const ClipTracks steady = steadied(data_->tracks);
  auto camera = estimateCamera(steady, data_->record->axis, loadedBar(data_->set.edit.asked),
                               figure_faces_left_ ? Facing::kLeft : Facing::kRight);
  if (!camera) return;
  const Vec2 bar = camera->camera.barBody(steady.bar[frame_].p_px);
  const bool pulls = data_->set.edit.asked.lift == Lift::kDeadlift;
  for (Joint j : kFigureJoints)
    figure_[indexOf(j)] =
        toPictureMoved(data_->tracks, frame_,
                       camera->camera.toPicture(bar + (pulls ? pullingOffset(j) : standingOffset(j)),
                                                lateralPrior(j).value));
}

void FilmView::startPlacing() {
  if (data_ == nullptr || !data_->record) return;
  play_.stop();
  const auto here = jointsAt(frame_);
  if (!here[indexOf(Joint::kHip)] && data_->analysis && !data_->analysis->reps.empty())
    goTo(data_->analysis->reps.front().start_frame);
  figure_faces_left_ = data_->set.edit.asked.facing == Facing::kLeft;
  mode_ = Mode::kPlaceFigure;
  layFigure();
  if (here[indexOf(Joint::kHip)])
    for (Joint j : kFigureJoints)
      if (here[indexOf(j)]) figure_[indexOf(j)] = here[indexOf(j)];
  setFocus();
  update();
  emit modeChanged();
}

void FilmView::startPointing() {
  play_.stop();
  mode_ = Mode::kPointPlate;
  setFocus();
  update();
  emit modeChanged();
}

void FilmView::startDrawing() {
  play_.stop();
  if (asked_) {
    asked_.reset();
    emit askingEnded();
  }
  mode_ = Mode::kDrawLine;
  setFocus();
  update();
  emit modeChanged();
}

void FilmView::setOpenLine(std::optional<RoomLine> line) {
  open_line_ = std::move(line);
  update();
}

void FilmView::leaveMode() {
  if (mode_ == Mode::kWatch) return;
  mode_ = Mode::kWatch;
  grip_ = Grip::kNone;
  update();
  emit modeChanged();
}

void FilmView::mirrorFigure() {
  figure_faces_left_ = !figure_faces_left_;
  layFigure();
  update();
}

void FilmView::confirmFigure() {
  if (mode_ != Mode::kPlaceFigure || !figure_[indexOf(Joint::kHip)]) return;
  PlacedPoints points;
  points.frame = frame_;
  points.joints = figure_;
  leaveMode();
  emit figurePlaced(points);
}

void FilmView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton || data_ == nullptr) return;
  setFocus();
  play_.stop();
  mouse_ = event->position();
  const Vec2 at = toFilm(mouse_);
  if (mode_ == Mode::kPointPlate) {
    grip_ = Grip::kPlate;
    held_at_px_ = at;
    return;
  }
  if (mode_ == Mode::kDrawLine) {
    grip_ = Grip::kLine;
    held_at_px_ = at;
    return;
  }
  if (mode_ == Mode::kMeasure) {
    grip_ = Grip::kMeasure;
    update();
    return;
  }
  if (mode_ == Mode::kPlaceFigure) {
    if (const auto joint = jointNear(mouse_, figure_)) {
      grip_ = Grip::kFigurePoint;
      held_ = *joint;
    } else {
      for (const auto& [a, b] : kBones)
        if (figure_[indexOf(a)] && figure_[indexOf(b)] &&
            distanceToSegment(mouse_, toWidget(*figure_[indexOf(a)]), toWidget(*figure_[indexOf(b)])) <
                kGripPx)
          grip_ = Grip::kFigure;
      held_at_px_ = at;
    }
    update();
    return;
  }
  const auto joint = look_only_ ? std::nullopt : jointNear(mouse_, jointsAt(shown_));
  if (joint && !isLocked(*joint)) {
    grip_ = Grip::kJoint;
    held_ = *joint;
    held_at_px_ = at;
  } else if (shown_ < data_->tracks.bar.size() && data_->tracks.bar[shown_].state != TrackState::kLost) {
    const QPointF d = toWidget(data_->tracks.bar[shown_].p_px) - mouse_;
    const double reach = std::max(
        kGripPx,
        std::hypot(toWidget(Vec2(data_->tracks.bar[shown_].radius_px, 0)).x() - toWidget(Vec2(0, 0)).x(),
                   0.0));
    if (lengthOf(d) < reach) grip_ = Grip::kBar;
  }
  update();
}

void FilmView::mouseMoveEvent(QMouseEvent* event) {
  mouse_ = event->position();
  const Vec2 at = toFilm(mouse_);
  switch (grip_) {
    case Grip::kBar:
      pullBarTo(at);
      break;
    case Grip::kJoint:
      held_at_px_ = at;
      break;
    case Grip::kFigurePoint:
      figure_[indexOf(held_)] = at;
      break;
    case Grip::kFigure:
      for (auto& p : figure_)
        if (p) *p += at - held_at_px_;
      held_at_px_ = at;
      break;
    case Grip::kPlate:
    case Grip::kLine:
    case Grip::kMeasure:
    case Grip::kNone:
      break;
  }
  update();
}

void FilmView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  mouse_ = event->position();
  const Vec2 at = toFilm(mouse_);
  const Grip was = grip_;
  grip_ = Grip::kNone;
  if (was == Grip::kJoint) {
    asked_.reset();
    emit jointMoved(shown_, held_, at.x(), at.y());
  } else if (was == Grip::kPlate) {
    const double radius = (at - held_at_px_).norm();
    mode_ = Mode::kWatch;
    emit modeChanged();
    emit platePointed(shown_, held_at_px_.x(), held_at_px_.y(), radius > 8.0 ? radius : 0.0);
  } else if (was == Grip::kLine) {
    mode_ = Mode::kWatch;
    emit modeChanged();
    emit lineDrawn(shown_, held_at_px_.x(), held_at_px_.y(), at.x(), at.y());
  } else if (was == Grip::kMeasure) {
    measured_.points.push_back({shown_, at});
    if (measured_.points.size() == pointCountOf(measured_.kind)) {
      mode_ = Mode::kWatch;
      emit modeChanged();
      emit measureDrawn(measured_);
    }
  }
  update();
}

void FilmView::wheelEvent(QWheelEvent* event) {
  const int step = event->angleDelta().y() > 0 ? -1 : 1;
  goTo(step < 0 && frame_ == 0 ? 0 : frame_ + static_cast<std::size_t>(step));
  event->accept();
}

bool FilmView::event(QEvent* event) {
  // While the figure is laid, F is its own and not the window's.
  if (event->type() == QEvent::ShortcutOverride && mode_ == Mode::kPlaceFigure &&
      static_cast<QKeyEvent*>(event)->key() == Qt::Key_F)
    event->accept();
  return QWidget::event(event);
}

void FilmView::keyPressEvent(QKeyEvent* event) {
  const bool by_rep = (event->modifiers() & Qt::ShiftModifier) != 0;
  if (mode_ == Mode::kPlaceFigure) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return confirmFigure();
    if (event->key() == Qt::Key_F) return mirrorFigure();
  }
  if (mode_ == Mode::kMeasure && event->key() == Qt::Key_Backspace && !measured_.points.empty()) {
    measured_.points.pop_back();
    return update();
  }
  if (mode_ != Mode::kWatch && event->key() == Qt::Key_Escape) return leaveMode();
  auto rep_step = [&](int way) {
    if (data_ == nullptr || !data_->analysis || data_->analysis->reps.empty()) return;
    const auto& reps = data_->analysis->reps;
    if (way > 0) {
      for (const Rep& rep : reps)
        if (rep.turn_frame > frame_) return goTo(rep.turn_frame);
    } else {
      for (auto rep = reps.rbegin(); rep != reps.rend(); ++rep)
        if (rep->turn_frame < frame_) return goTo(rep->turn_frame);
    }
  };
  if (asked_ && frame_ == asked_->frame) {
    const bool nudge = event->modifiers().testFlag(Qt::ShiftModifier);
    const Vec2 way = event->key() == Qt::Key_Left    ? Vec2(-1, 0)
                     : event->key() == Qt::Key_Right ? Vec2(1, 0)
                     : event->key() == Qt::Key_Up    ? Vec2(0, -1)
                     : event->key() == Qt::Key_Down  ? Vec2(0, 1)
                                                     : Vec2(0, 0);
    if (nudge && !way.isZero()) {
      asked_->nudged_px += way;
      return update();
    }
    const auto at = jointsAt(asked_->frame)[indexOf(asked_->joint)];
    if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && at) {
      const Asked asked = *asked_;
      asked_.reset();
      const Vec2 here = *at + asked.nudged_px;
      emit jointMoved(asked.frame, asked.joint, here.x(), here.y());
      return;
    }
    if (event->key() == Qt::Key_Escape) {
      asked_.reset();
      emit askingEnded();
      return update();
    }
  }
  switch (event->key()) {
    case Qt::Key_Right:
      by_rep ? rep_step(1) : goTo(frame_ + 1);
      return;
    case Qt::Key_Left:
      by_rep ? rep_step(-1) : goTo(frame_ > 0 ? frame_ - 1 : 0);
      return;
    case Qt::Key_Home:
      goTo(0);
      return;
    case Qt::Key_End:
      goTo(frameCount());
      return;
    case Qt::Key_Space:
      togglePlay();
      return;
    default:
      QWidget::keyPressEvent(event);
  }
}

void FilmView::paintBanner(QPainter& p, const QString& text) const {
  const QRectF r = filmRect();
  p.setFont(type(14, Weight::kMedium));
  const QRectF room(r.left() + 10, r.top() + 8, r.width() - 20, r.height());
  QRectF box = QFontMetricsF(p.font())
                   .boundingRect(room.adjusted(10, 5, -10, 0), Qt::TextWordWrap, text)
                   .adjusted(-10, -5, 10, 5);
  p.setPen(Qt::NoPen);
  p.setBrush(QColor(250, 249, 244, 240));
  p.drawRoundedRect(box, 3, 3);
  p.setPen(QColor("#1c2426"));
  p.drawText(box.adjusted(10, 5, -10, -5), Qt::TextWordWrap, text);
}

void FilmView::paintJoints(QPainter& p, const std::array<std::optional<Vec2>, kJointCount>& points,
                           bool handles) const {
  paintBones(p, points, data_ != nullptr && data_->tracks.across(),
             [this](const Vec2& px) { return toWidget(px); });
  for (std::size_t j = 0; j < kJointCount; ++j) {
    if (!points[j]) continue;
    const QPointF at = toWidget(*points[j]);
    const bool held = (grip_ == Grip::kJoint || grip_ == Grip::kFigurePoint) && indexOf(held_) == j;
    p.setPen(QPen(held ? theme().clay : QColor("#1c2426"), 2.0));
    p.setBrush(kFilmLight);
    const double r = handles || held ? 6.5 : 4.5;
    // A square stays where it is.
    if (mode_ == Mode::kWatch && isLocked(static_cast<Joint>(j)))
      p.drawRect(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r));
    else
      p.drawEllipse(at, r, r);
  }
}

void FilmView::ask(std::size_t frame, Joint joint) {
  play_.stop();
  leaveMode();
  goTo(frame);
  asked_ = Asked{frame, joint, Vec2::Zero()};
  setFocus();
  update();
}

void FilmView::paintAsked(QPainter& p) const {
  const auto at = jointsAt(asked_->frame)[indexOf(asked_->joint)];
  if (!at || grip_ == Grip::kJoint) return;
  const Vec2 here = *at + asked_->nudged_px;
  const double sd_px = data_->tracks.track(asked_->joint)[asked_->frame].sd_px;
  const double scale = filmRect().width() / filmSize().width();
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(kFilmLight, 4.0));
  p.drawEllipse(toWidget(here), sd_px * scale, sd_px * scale);
  p.setPen(QPen(theme().clay, 2.0, Qt::DashLine));
  p.drawEllipse(toWidget(here), sd_px * scale, sd_px * scale);
  p.setPen(QPen(theme().clay, 2.0));
  p.setBrush(kFilmLight);
  p.drawEllipse(toWidget(here), 5, 5);
  paintLoupe(p, here);
}

void FilmView::paintLoupe(QPainter& p, const Vec2& at) const {
  constexpr double kRadius = 70.0, kMagnified = 3.0;
  const QPointF centre = toWidget(at);
  QPointF where = centre + QPointF(centre.x() > 0.5 * width() ? -kRadius - 60 : kRadius + 60, 0);
  where.setY(std::clamp(where.y(), kRadius + 4, std::max(kRadius + 4, filmRect().height() - kRadius - 4)));
  const double film_per_widget = filmSize().width() / std::max(1.0, filmRect().width());
  const double half = kRadius / kMagnified * film_per_widget;
  const double part = picture_.width() / filmSize().width();  // of a draft less than 1
  QPainterPath round;
  round.addEllipse(where, kRadius, kRadius);
  p.save();
  p.setClipPath(round);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  p.drawImage(QRectF(where.x() - kRadius, where.y() - kRadius, 2 * kRadius, 2 * kRadius), picture_,
              QRectF((at.x() - half) * part, (at.y() - half) * part, 2 * half * part, 2 * half * part));
  p.setPen(QPen(kFilmLight, 1.0));
  p.drawLine(where - QPointF(kRadius, 0), where + QPointF(kRadius, 0));
  p.drawLine(where - QPointF(0, kRadius), where + QPointF(0, kRadius));
  p.restore();
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(kFilmLight, 2.0));
  p.drawEllipse(where, kRadius, kRadius);
}

// The room's lines, wherever a camera in a hand has gone since they were drawn.
void FilmView::paintLines(QPainter& p) const {
  if (data_ == nullptr) return;
  auto draw = [&](const RoomLine& line, const QColor& colour, const QColor& under) {
    auto at = [&](const Vec2& px) {
      return toWidget(toPictureMoved(data_->tracks, shown_, toReference(data_->tracks, line.frame, px)));
    };
    const QPointF a = at(line.from_px), b = at(line.to_px);
    // Ends across it, as on a measuring rule.
    const QPointF d = b - a;
    const QPointF end = 7.0 / std::max(1.0, lengthOf(d)) * QPointF(-d.y(), d.x());
    for (const QPen& pen :
         {QPen(under, 5.5, Qt::SolidLine, Qt::RoundCap), QPen(colour, 2.4, Qt::SolidLine, Qt::RoundCap)}) {
      p.setPen(pen);
      p.drawLine(a, b);
      for (const QPointF& q : {a, b}) p.drawLine(q - end, q + end);
    }
  };
  const bool all = mode_ == Mode::kDrawLine || open_line_.has_value();
  for (const RoomLine& line : data_->set.edit.lines)
    if (all) draw(line, kFilmLight, kFilmDark);
  if (open_line_) draw(*open_line_, theme().clay, kFilmLight);
  if (grip_ != Grip::kLine) return;
  RoomLine now;
  now.frame = shown_;
  now.from_px = held_at_px_;
  now.to_px = toFilm(mouse_);
  draw(now, theme().clay, kFilmLight);
  paintLoupe(p, now.to_px);
}

void FilmView::paintEvidence(QPainter& p) const {
  if (data_ == nullptr || !data_->analysis) return;
  const Rep* rep = data_->repAt(shown_);
  const auto joints = jointsAt(shown_);
  const bool here =
      evidence_ && rep != nullptr &&
      std::find(evidence_->reps.begin(), evidence_->reps.end(), rep->number) != evidence_->reps.end();
  // Depth and the trunk's change have lines of their own below.
  const bool own_lines = here && (evidence_->measure == MeasureId::kDepthMargin ||
                                  evidence_->measure == MeasureId::kTrunkChange);
  paintEvidenceLines(
      p, shownPicture(),
      here && !own_lines ? shown_lines_.with(EvidenceChoice::showing(evidence_->measure)) : shown_lines_);
  paintJoints(p, joints, underMouse() && grip_ == Grip::kNone && !look_only_);
  if (!here) return;
  paintFinding(p, shownPicture(), *evidence_);
}

// The measure that is being drawn: its points so far, and a glass over the next one.
void FilmView::paintMeasuring(QPainter& p) const {
  if (data_ == nullptr) return;
  paintJoints(p, jointsAt(shown_), false);
  DrawnMeasure now = measured_;
  const bool pointing = underMouse() || grip_ == Grip::kMeasure;
  if (pointing) now.points.push_back({shown_, toFilm(mouse_)});
  paintDrawn(p, shownPicture(), now, {});
  if (grip_ == Grip::kMeasure) paintLoupe(p, toFilm(mouse_));
  const QString how =
      measured_.kind == DrawnKind::kAngle ? tr("Click three points: the angle is at the second.")
      : measured_.kind == DrawnKind::kLean
          ? tr("Click the lower end and the upper end of a line: its lean from vertical is "
               "measured.")
      : measured_.kind == DrawnKind::kDistance ? tr("Click two points.")
      : measured_.kind == DrawnKind::kHeight
          ? tr("Click two points: how far the second lies above the first.")
          : tr("Click at the first moment, go to the second (arrow keys, wheel) and click again.");
  paintBanner(p, how + QLatin1Char(' ') + tr("Backspace takes the last point back, Esc leaves."));
}

void FilmView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  paintFilm(p);
  if (hasFocus()) paintFocus(p, filmRect());
}

void FilmView::paintFilm(QPainter& p) {
  const QRectF r = filmRect();
  if (picture_.isNull()) {
    p.fillRect(r, theme().raised);
    p.setPen(theme().muted);
    p.setFont(type(15));
    p.drawText(r.adjusted(20, 20, -20, -20), Qt::AlignCenter | Qt::TextWordWrap,
               !trouble_.isEmpty() ? trouble_
               : path_.isEmpty()   ? tr("There is no film of this set.")
                                   : tr("Opening the film …"));
    return;
  }
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  p.drawImage(r, picture_);
  p.setClipRect(r);
  if (mode_ == Mode::kWatch) {
    paintEvidence(p);
    if (data_ != nullptr && shown_ < data_->tracks.bar.size() &&
        data_->tracks.bar[shown_].state != TrackState::kLost) {
      const BarSample& bar = data_->tracks.bar[shown_];
      const QPointF at = toWidget(bar.p_px);
      if (data_->tracks.across())
        lineOnFilm(p, toWidget(data_->tracks.ends[0][shown_].p_px),
                   toWidget(data_->tracks.ends[1][shown_].p_px));
      p.setBrush(Qt::NoBrush);
      p.setPen(QPen(kFilmLight, 5.0));
      p.drawEllipse(at, 11, 11);
      // Bridged: not seen on this frame, so the ring is dashed.
      p.setPen(QPen(QColor("#a34c26"), 2.4, bar.state == TrackState::kSeen ? Qt::SolidLine : Qt::DashLine));
      p.drawEllipse(at, 11, 11);
    }
    if (grip_ == Grip::kJoint) {
      p.setPen(QPen(theme().clay, 2.0));
      p.setBrush(kFilmLight);
      p.drawEllipse(toWidget(held_at_px_), 6, 6);
      paintLoupe(p, held_at_px_);
    }
    if (asked_ && shown_ == asked_->frame) paintAsked(p);
    paintLines(p);
    if (data_ != nullptr) paintDrawnMeasures(p, shownPicture());
  } else if (mode_ == Mode::kMeasure) {
    paintMeasuring(p);
  } else if (mode_ == Mode::kPlaceFigure) {
    paintJoints(p, figure_, true);
    if (grip_ == Grip::kFigurePoint) paintLoupe(p, figure_[indexOf(held_)].value_or(held_at_px_));
    paintBanner(p, tr("Drag the points onto hip, knee, ankle, shoulder, heel and toe of the near side; drag "
                      "a line to move the whole "
                      "figure. F turns it round. Enter follows the joints through the film, Esc leaves."));
  } else if (mode_ == Mode::kDrawLine) {
    paintLines(p);
    paintBanner(p, tr("Drag along something upright (a post, a door), or along something whose length you "
                      "know. Esc leaves."));
  } else {
    if (grip_ == Grip::kPlate) {
      const QPointF c = toWidget(held_at_px_), d = mouse_ - c;
      p.setBrush(Qt::NoBrush);
      p.setPen(QPen(kFilmLight, 2.0));
      p.drawEllipse(c, lengthOf(d), lengthOf(d));
    }
    const Held held = data_ != nullptr ? data_->set.edit.asked.held : Held::kPlates;
    if (held != Held::kPlates) paintLoupe(p, toFilm(mouse_));
    paintBanner(
        p,
        held == Held::kEmptyBar
            ? tr("Click the middle of the bar's near end, or drag from its middle to its edge. Esc leaves.")
        : held == Held::kDumbbells
            ? tr("Click the middle of the near dumbbell's head, or drag from its middle to its rim. "
                 "Esc leaves.")
            : tr("Click the middle of the near plate, or drag from its middle to its rim. Esc leaves."));
  }
}

}  // namespace mottix
