// Side by side: two reps, sets, athletes or weeks, film against film and path over path, aligned by the bar's
// height; or two films of one set, aligned by the moment. What differs is said with its error.
//
// Moving one film moves the other to the picture that belongs to it.
#pragma once

#include <array>
#include <memory>
#include <optional>

#include <QWidget>

#include "core/measure/difference.h"
#include "core/motion/film_sync.h"
#include "core/motion/phase_match.h"
#include "desk/film_export_job.h"
#include "desk/film_view.h"
#include "desk/set_analysis.h"
#include "store/house_file.h"

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace mottix {

class PathOverPath;

class BesideView : public QWidget {
  Q_OBJECT
 public:
  explicit BesideView(HouseFile& house, QWidget* parent = nullptr);
  ~BesideView() override;

  // The set at hand on the left; on the right its other film, or its own last rep.
  void open(SetId id);
  void leave();
  void refresh();
  SetId left() const { return side_[0].data.set.id; }
  SetId right() const { return side_[1].data.set.id; }
  FilmView& film(std::size_t side) { return *side_[side].film; }
  QComboBox* rightSet() { return set_; }
  QComboBox* rep(std::size_t side) { return side_[side].rep; }
  QTableWidget* table() { return table_; }
  QString said() const;
  bool ofOneMoment() const { return moment_.has_value(); }
  void chooseRight(SetId id);
  // One film of both, going by the bar's height, or by the clock where they show one set.
  void writeFilm(const QString& file);
  bool writing() const { return job_->running(); }

 public slots:
  // Both films show one set: laid on each other by the bar's way, or taken apart again.
  void togglePair();
  // The right film alone by a picture, when films of one set are laid by hand.
  void shiftRight(int frames);

 signals:
  void backWanted();
  void trouble(QString text);
  void told(QString text);
  // The coach said, or took back, that the right set is another film of the left one.
  void otherFilmSaid(mottix::SetId left, std::optional<mottix::OtherFilm> other);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  struct Side {
    SheetData data;
    std::vector<SplineSample> height;
    FilmView* film = nullptr;
    QComboBox* rep = nullptr;
    QLabel* caption = nullptr;
  };
  HouseFile& house_;
  std::array<Side, 2> side_;
  QComboBox* set_ = nullptr;
  QPushButton *pair_ = nullptr, *film_ = nullptr;
  FilmExportJob* job_ = nullptr;
  void askFilm();
  QLabel* said_ = nullptr;
  PathOverPath* paths_ = nullptr;
  QTableWidget* table_ = nullptr;
  std::optional<LinkedFilm> link_;   // of the set on the left
  std::optional<OtherFilm> moment_;  // the films shown are of one set
  bool following_ = false;

  bool load(Side& side, SetId id);
  void show(Side& side);
  void offerSets();
  void offerReps(Side& side, int choose);
  std::optional<int> repOf(const Side& side) const;  // nothing: the whole set
  const Rep* repAt(const Side& side, std::size_t frame) const;
  void follow(std::size_t moved);
  std::size_t belonging(std::size_t from, std::size_t frame) const;
  void choosePair();
  void compare();
  void tellLink();
  void goToRep(std::size_t side);
  QString captionOf(const Side& side) const;
};

}  // namespace mottix
