// One length against people of the same height: the middle two thirds of people as a band, this athlete as a
// dot (filled: measured by hand; open: read from films) with its error. Without a measurement only the band.
#pragma once

#include <QWidget>

#include "core/body/athlete_body.h"

namespace mottix {

class ProportionBar : public QWidget {
  Q_OBJECT
 public:
  explicit ProportionBar(QWidget* parent = nullptr);
  void show(const Body& body, Segment segment);
  void showNothing();
  QSize sizeHint() const override { return {116, 18}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::optional<double> score_;  // standard deviations from the usual length
  double score_sd_ = 0.0;
  bool from_clip_ = false;
};

}  // namespace mottix
