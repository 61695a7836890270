// The solved figure and its ghost, to be pulled: bar position, depth and heel on the figure, stance and toes
// on the feet seen from above, the hands of a bench press. Also laid over a paused film of the athlete.
//
// A handle is taken with the mouse, or chosen with the left and right arrow keys and moved with up and down.
// The view solves nothing: it says what is wanted and is given the next figure.
#pragma once

#include <optional>
#include <vector>

#include <QImage>
#include <QWidget>

#include "core/load/decide_load.h"
#include "core/motion/side_camera.h"
#include "report/figure.h"

namespace mottix {

enum class FitHandle { kBar, kDepth, kHeel, kStance, kToes, kHands };

struct FitScene {
  Lift lift = Lift::kSquat;
  std::optional<Figure> solid, ghost;
  QString no_posture;  // why there is no solid figure
  // What can be pulled, as it stands now (metres, degrees); nothing: not on this lift.
  std::optional<BarPosition> bar;
  std::optional<double> hip_below_knee_m, heel_raise_m, heel_distance_m, toe_out_deg, hands_m;
  double foot_m = 0.26;
  std::optional<double> ghost_heel_distance_m, ghost_toe_out_deg;
};

// A paused frame, and where the figure's origin lies in the camera's body frame.
struct FilmGround {
  QImage picture;
  SideCamera camera;
  Vec2 origin_m = Vec2::Zero();
};

class FigureView : public QWidget {
  Q_OBJECT
 public:
  explicit FigureView(QWidget* parent = nullptr);
  void setScene(const FitScene& scene);
  void layOver(std::optional<FilmGround> film);
  bool onFilm() const { return film_.has_value(); }
  const FitScene& scene() const { return scene_; }

  // Where a handle lies on the widget; nothing when this lift does not have it.
  std::optional<QPointF> handleAt(FitHandle handle) const;
  QSize minimumSizeHint() const override { return {320, 320}; }

 signals:
  void barPulled(mottix::BarPosition position);
  void valuePulled(mottix::FitHandle handle, double value);  // metres or degrees
  void letGo();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  FitScene scene_;
  std::optional<Figure> last_;  // the last that could be solved
  std::optional<FilmGround> film_;
  FitHandle handle_ = FitHandle::kBar;
  bool held_ = false;
  QPointF held_from_;
  double held_value_ = 0.0;
  QPointF held_at_;  // of the handle when it was taken

  std::vector<FitHandle> handles() const;
  std::optional<double> valueOf(FitHandle handle) const;
  double pxPerM() const;
  QPointF place(const Vec2d& m, double lateral_m = 0.0) const;
  QRectF filmCrop() const;  // what is shown of the picture, in its pixels
  QRectF filmRect() const;  // where it is shown
  QPointF feetMiddle() const;
  double feetScale() const;
  const Figure* shown() const;
  void pullTo(const QPointF& at);
  void step(int up);
  void paintFeet(QPainter& painter, double heel_distance_m, double toe_out_deg, bool ghost) const;
  QString handleWords(FitHandle handle) const;
};

}  // namespace mottix
