// Station 2, Seen: the film with the evidence drawn on it.
//
// Time is moved by taking hold of the bar and pulling it along its path; the wheel and the arrow keys do it
// by the frame. Joints are put right by dragging them. Four further modes: laying the figure on the lifter
// (its points, or the whole by one of its lines), pointing at the plate (a click, or a drag from its middle
// to its rim), drawing a line along something upright or of known length, and measuring by hand.
#pragma once

#include <optional>

#include <QElapsedTimer>
#include <QImage>
#include <QTimer>
#include <QWidget>

#include "desk/frame_source.h"
#include "report/film_evidence.h"
#include "report/sheet_data.h"

namespace mottix {

class FilmView : public QWidget {
  Q_OBJECT
 public:
  enum class Mode { kWatch, kPlaceFigure, kPointPlate, kDrawLine, kMeasure };

  explicit FilmView(QWidget* parent = nullptr);
  // `sheet` must outlive the view or be replaced; call after every change of it.
  void setData(const SheetData* sheet, const QString& film_path);
  void setEvidence(std::optional<Finding> finding);

  bool hasHeightForWidth() const override { return true; }
  int heightForWidth(int width) const override;
  std::size_t frame() const { return frame_; }
  std::size_t shownFrame() const { return shown_; }
  bool hasPicture() const { return !picture_.isNull(); }
  Mode mode() const { return mode_; }
  void goTo(std::size_t frame);
  void startPlacing();
  void startPointing();
  // A line along something upright or of known length, drawn by a drag.
  void startDrawing();
  // One that was drawn but of which the coach has not said yet what it shows.
  void setOpenLine(std::optional<RoomLine> line);
  // A measure by hand, point by point.
  void startMeasuring(DrawnKind kind);
  // Which lines are drawn on the film.
  void setShownLines(const EvidenceChoice& choice);
  const EvidenceChoice& shownLines() const { return shown_lines_; }
  // Time can be moved, but nothing put right.
  void setLookOnly(bool only) { look_only_ = only; }
  void leaveMode();
  void confirmFigure();
  void mirrorFigure();
  void togglePlay();
  // Slow motion: a second of the film takes `times` seconds. 1 is as lived.
  void setSlower(int times);
  int slower() const { return slower_; }
  // Plays the rep of the moment over and over; outside of any rep the whole film.
  void setLooping(bool looping);
  bool looping() const { return looping_; }
  // Asks for one joint on one frame: it is ringed by its error, moved by dragging or with Shift and the
  // arrows, and Enter says that it is right.
  void ask(std::size_t frame, Joint joint);
  bool asking() const { return asked_.has_value(); }
  // Puts a joint right on the frame shown, as a drag does.
  void putJoint(Joint joint, const Vec2& film_px);
  // The joint asked for, or the one under the mouse.
  std::optional<Joint> pointedJoint() const;
  bool playing() const { return play_.isActive(); }

  QPointF toWidget(const Vec2& film_px) const;
  Vec2 toFilm(const QPointF& widget) const;
  const std::array<std::optional<Vec2>, kJointCount>& figure() const { return figure_; }

 signals:
  void frameChanged(std::size_t frame);
  void jointMoved(std::size_t frame, mottix::Joint joint, double x_px, double y_px);
  void figurePlaced(mottix::PlacedPoints points);
  void platePointed(std::size_t frame, double x_px, double y_px, double radius_px);
  void lineDrawn(std::size_t frame, double from_x, double from_y, double to_x, double to_y);
  void measureDrawn(mottix::DrawnMeasure drawn);
  void modeChanged();
  void askingEnded();  // by Esc
  void filmFailed(QString reason);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  bool event(QEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  void paintFilm(QPainter& p);
  enum class Grip { kNone, kBar, kJoint, kFigurePoint, kFigure, kPlate, kLine, kMeasure };

  const SheetData* data_ = nullptr;
  FrameSource source_;
  QString path_;
  QImage picture_;
  QSize film_size_;        // picture_ may be a smaller draft
  std::size_t frame_ = 0;  // wanted
  std::size_t shown_ = 0;  // whose picture is on screen
  Mode mode_ = Mode::kWatch;
  std::optional<Finding> evidence_;
  std::optional<RoomLine> open_line_;
  std::array<std::optional<Vec2>, kJointCount> figure_;
  bool figure_faces_left_ = false;
  Grip grip_ = Grip::kNone;
  Joint held_ = Joint::kHip;
  Vec2 held_at_px_ = Vec2::Zero();  // film coordinates of what is held, or where a drag began
  int time_way_ = 1;                // the direction in which the bar was pulled last
  struct Asked {
    std::size_t frame;
    Joint joint;
    Vec2 nudged_px = Vec2::Zero();
  };
  std::optional<Asked> asked_;
  QTimer play_;
  QElapsedTimer playing_since_;
  std::size_t started_frame_ = 0, played_ = 0;
  int slower_ = 1;
  bool looping_ = false;
  std::optional<std::pair<std::size_t, std::size_t>> looped_;  // first and last frame
  void playFrom(std::size_t frame);
  void playOn();
  QPointF mouse_;
  QString trouble_;
  EvidenceChoice shown_lines_;
  bool look_only_ = false;
  DrawnMeasure measured_;  // that is being drawn

  QSizeF filmSize() const;
  QRectF filmRect() const;
  std::size_t frameCount() const;
  bool isLocked(Joint joint) const;
  std::optional<Joint> jointNear(const QPointF& widget,
                                 const std::array<std::optional<Vec2>, kJointCount>& points) const;
  std::array<std::optional<Vec2>, kJointCount> jointsAt(std::size_t frame) const;
  void pullBarTo(const Vec2& film_px);
  Vec2 barOnShown(std::size_t frame) const;
  void layFigure();
  void paintEvidence(QPainter& painter) const;
  void paintJoints(QPainter& painter, const std::array<std::optional<Vec2>, kJointCount>& points,
                   bool handles) const;
  void paintMeasuring(QPainter& painter) const;
  ShownPicture shownPicture() const;
  void paintLoupe(QPainter& painter, const Vec2& at_px) const;
  void paintAsked(QPainter& painter) const;
  void paintLines(QPainter& painter) const;
  void paintBanner(QPainter& painter, const QString& text) const;
};

}  // namespace mottix
