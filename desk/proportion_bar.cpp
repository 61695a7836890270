#include "desk/proportion_bar.h"

#include <algorithm>

#include <QPainter>

#include "desk/theme.h"
#include "report/fit_wording.h"

namespace mottix {

ProportionBar::ProportionBar(QWidget* parent) : QWidget(parent) {
  setFixedHeight(18);
  setMinimumWidth(90);
}

void ProportionBar::show(const Body& body, Segment segment) {
  score_ = computeBuildScore(body, segment);
  const BodyLength& l = body.lengths[indexOf(segment)];
  score_sd_ = l.m.sd / body.height_m / usualShare(segment, body.sex).sd;
  from_clip_ = l.source == LengthSource::kFromClip;
  setAccessibleName(segmentWords(segment) + QStringLiteral(": ") +
                    (score_ ? buildWords(body, segment) : tr("not measured")));
  setToolTip(accessibleName());
  update();
}

void ProportionBar::showNothing() {
  score_.reset();
  update();
}

void ProportionBar::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  constexpr double kShown = 3.0;  // standard deviations to either side
  const double y = 0.5 * height(), left = 6.0, wide = width() - 12.0;
  auto at = [&](double score) {
    return left + wide * (std::clamp(score, -kShown, kShown) + kShown) / (2.0 * kShown);
  };
  p.setPen(Qt::NoPen);
  p.setBrush(t.line);
  p.drawRect(QRectF(QPointF(at(-1.0), y - 6.0), QPointF(at(1.0), y + 6.0)));
  p.setPen(QPen(t.muted, 1.0));
  p.drawLine(QPointF(left, y), QPointF(left + wide, y));
  if (!score_) return;
  p.setPen(QPen(t.green, 2.0));
  p.drawLine(QPointF(at(*score_ - score_sd_), y), QPointF(at(*score_ + score_sd_), y));
  p.setBrush(from_clip_ ? t.sheet : t.green);
  p.drawEllipse(QPointF(at(*score_), y), 4.5, 4.5);
}

}  // namespace mottix
