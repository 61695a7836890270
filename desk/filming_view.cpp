#include "desk/filming_view.h"

#include <algorithm>
#include <array>

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPainterPath>
#include <QScrollArea>
#include <QVBoxLayout>

#include "core/body/athlete_body.h"
#include "core/fit/suggest_setup.h"
#include "desk/pieces.h"
#include "report/look.h"

namespace mottix {
namespace {

FigureInk inkOf(const Theme& t) {
  return {t.ink, t.muted, t.line, t.green_soft, t.green, t.sheet, type(12)};
}

void arrow(QPainter& p, const QPointF& from, const QPointF& to) {
  p.drawLine(from, to);
  for (const QPointF& tip : {from, to}) {
    const QPointF other = tip == from ? to : from;
    const QLineF line(tip, other);
    for (const double turn : {25.0, -25.0}) {
      QLineF barb = line;
      barb.setLength(7.0);
      barb.setAngle(line.angle() + turn);
      p.drawLine(barb);
    }
  }
}

// A phone on its stand, seen from the side; `at` is the middle of its lens.
void phoneOnStand(QPainter& p, const Theme& t, const QPointF& at, double floor_y) {
  p.setPen(QPen(t.ink, 1.4));
  p.drawLine(at + QPointF(0, 10), {at.x(), floor_y - 16});
  for (const double side : {-9.0, 9.0})
    p.drawLine(QPointF(at.x(), floor_y - 16), QPointF(at.x() + side, floor_y));
  p.setBrush(t.ink);
  p.drawRoundedRect(QRectF(at.x() - 4, at.y() - 10, 6, 20), 2, 2);
  p.setBrush(Qt::NoBrush);
}

// Bar, plates and lifter from above; `along` is the way of the bar.
void lifterFromAbove(QPainter& p, const Theme& t, const QPointF& at, bool across) {
  p.save();
  p.translate(at);
  if (across) p.rotate(90.0);
  p.setPen(QPen(t.ink, 2.0));
  p.drawLine(QPointF(0, -52), QPointF(0, 52));
  p.setBrush(t.ink);
  for (const double y : {-50.0, -44.0, 38.0, 44.0}) p.drawRect(QRectF(-13, y, 26, 4));
  p.setBrush(t.sheet);
  p.setPen(QPen(t.ink, 1.4));
  p.drawEllipse(QPointF(2, 0), 9.0, 18.0);
  p.drawEllipse(QPointF(5, 0), 6.0, 7.0);
  p.setBrush(Qt::NoBrush);
  p.restore();
}

void phoneFromAbove(QPainter& p, const Theme& t, const QPointF& at, const QPointF& to, bool right) {
  const QLineF sight(at, to);
  p.save();
  p.translate(at);
  p.rotate(-sight.angle());
  p.setPen(QPen(right ? t.ink : t.muted, 1.4));
  p.setBrush(right ? QBrush(t.ink) : QBrush(Qt::NoBrush));
  p.drawRect(QRectF(-3, -10, 6, 20));
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(right ? t.green : t.muted, 1.2, right ? Qt::SolidLine : Qt::DashLine));
  for (const double turn : {16.0, -16.0}) {
    QLineF edge(0, 0, sight.length() * 0.78, 0);
    edge.setAngle(turn);
    p.drawLine(edge);
  }
  p.restore();
}

struct Rule {
  FilmingDrawing::Kind kind;
  QString title, words;
};

}  // namespace

FilmingDrawing::FilmingDrawing(Kind kind, QWidget* parent) : QWidget(parent), kind_(kind) {
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setMinimumSize(250, 150);
  BodyFacts facts;
  facts.height_m = 1.75;
  const FitSubject who{estimateBody(facts), {}, {}, {}, {}};
  const SquatFit fit = suggestSquat(who, SquatSchool::kBase, {});
  figure_ = figureOf(who.body, fit.setup, fit.solution.posture);
}

void FilmingDrawing::paintEvent(QPaintEvent*) {
  const Theme& t = theme();
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setFont(type(13));
  const double w = width(), h = height(), floor_y = h - 26.0;
  const auto floor = [&] {
    p.setPen(QPen(t.line, 1.0));
    p.drawLine(QPointF(8, floor_y), QPointF(w - 8, floor_y));
  };
  const auto lifter = [&](const QPointF& foot, double px_per_m) {
    const FigurePlace place = [=](const FigurePoint& at) {
      return foot + QPointF(-at.m.x() * px_per_m, -at.m.y() * px_per_m);  // looks to the left
    };
    paintFigure(p, figure_, place, px_per_m, inkOf(t), FigureStyle::kSolid);
  };
  const auto word = [&](const QRectF& in, Qt::Alignment how, const QString& text, bool right = true) {
    p.setPen(right ? t.ink : t.muted);
    p.drawText(in, static_cast<int>(how) | Qt::TextWordWrap, text);
  };
  switch (kind_) {
    case Kind::kDistance: {
      floor();
      const double px_per_m = std::min((floor_y - 14.0) / 1.6, w / 5.2), hip_m = 0.95;
      const double foot_x = w - 1.0 * px_per_m, phone_x = foot_x - 3.5 * px_per_m;
      const QPointF lens(phone_x, floor_y - hip_m * px_per_m);
      p.setPen(QPen(t.green, 1.2));
      p.drawLine(lens, QPointF(foot_x - 0.2 * px_per_m, floor_y - 1.5 * px_per_m));
      p.drawLine(lens, QPointF(foot_x - 0.2 * px_per_m, floor_y + 2));
      lifter({foot_x, floor_y}, px_per_m);
      phoneOnStand(p, t, lens, floor_y);
      p.setPen(QPen(t.muted, 1.0));
      arrow(p, {phone_x, floor_y + 9}, {foot_x, floor_y + 9});
      arrow(p, {phone_x - 20, floor_y}, {phone_x - 20, lens.y()});
      word(QRectF(phone_x, floor_y + 8, foot_x - phone_x, 18), Qt::AlignHCenter | Qt::AlignBottom,
           tr("3 to 4 m"));
      word(QRectF(phone_x + 10, floor_y - 34, 1.9 * px_per_m, 20), Qt::AlignLeft, tr("hip high, some 95 cm"));
      break;
    }
    case Kind::kSquare: {
      const QPointF at(w - 90.0, 0.5 * h);
      lifterFromAbove(p, t, at, true);
      const QPointF right(64, 0.5 * h), corner(170, h - 22.0);
      p.setPen(QPen(t.line, 1.0, Qt::DotLine));
      p.drawLine(right, at);
      phoneFromAbove(p, t, corner, at, false);
      phoneFromAbove(p, t, right, at, true);
      word(QRectF(8, 0.5 * h + 16, 100, 40), Qt::AlignLeft | Qt::AlignTop,
           tr("along the bar, plate over plate"));
      word(QRectF(188, h - 24, 190, 22), Qt::AlignLeft | Qt::AlignVCenter, tr("not from a corner"), false);
      break;
    }
    case Kind::kInThePicture: {
      const double high = h - 22.0, wide = std::min(w - 20.0, high * 1.6);
      const QRectF frame(0.5 * (w - wide), 8, wide, high);
      p.setPen(QPen(t.ink, 5.0));
      p.drawRoundedRect(frame, 8, 8);
      p.setClipRect(frame.adjusted(3, 3, -3, -3));
      const double ground = frame.bottom() - 0.14 * high, px_per_m = 0.72 * high / 1.45;
      p.setPen(QPen(t.line, 1.0));
      p.drawLine(QPointF(frame.left(), ground), QPointF(frame.right(), ground));
      // A rack behind the lifter, with edges that stand upright.
      for (const double x : {0.20, 0.24}) {
        p.setPen(QPen(t.muted, 1.2));
        p.drawLine(QPointF(frame.left() + x * wide, frame.top()), QPointF(frame.left() + x * wide, ground));
      }
      lifter({frame.left() + 0.58 * wide, ground}, px_per_m);
      p.setClipping(false);
      p.setPen(QPen(t.green, 1.2));
      const double foot_x = frame.left() + 0.58 * wide;
      p.drawLine(QPointF(frame.right() - 0.20 * wide, frame.top() + 28),
                 QPointF(foot_x + 0.18 * px_per_m, ground - 1.12 * px_per_m));
      p.drawLine(QPointF(frame.right() - 0.20 * wide, ground - 12),
                 QPointF(foot_x + 0.14 * px_per_m, ground - 3));
      word(QRectF(frame.left() + 0.26 * wide, frame.top() + 8, 0.30 * wide, 40), Qt::AlignLeft,
           tr("something upright"));
      word(QRectF(frame.right() - 0.34 * wide, frame.top() + 8, 0.32 * wide, 40), Qt::AlignRight,
           tr("the whole plate"));
      word(QRectF(frame.right() - 0.34 * wide, ground - 22, 0.32 * wide, 20), Qt::AlignRight,
           tr("both feet"));
      break;
    }
    case Kind::kFront: {
      const QPointF at(w - 70.0, 0.5 * h);
      lifterFromAbove(p, t, at, false);
      const QPointF right(60, 0.5 * h);
      phoneFromAbove(p, t, right, at, true);
      word(QRectF(8, 0.5 * h + 16, 110, 40), Qt::AlignLeft | Qt::AlignTop, tr("both plates in the picture"));
      break;
    }
  }
}

FilmingView::FilmingView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::ClickFocus);  // Tab goes to what is in it
  setAccessibleName(tr("How to film"));
  const std::array<Rule, 4> rules = {
      {{FilmingDrawing::Kind::kDistance, tr("Far enough, and hip high"),
        tr("Three to four metres from the nearer plate, the lens as high as the hips at the top of a squat, "
           "the phone "
           "upright on something that stands still. Nearer, the plate bends toward the edge of the picture; "
           "higher or "
           "lower, depth is seen at a slant.")},
       {FilmingDrawing::Kind::kSquare, tr("Square to the bar"),
        tr("Stand where the bar points at you and the far plate hides behind the near one. From the side all "
           "that goes on "
           "forward and up is measured; each degree to the corner adds error, and the sheet says how much.")},
       {FilmingDrawing::Kind::kInThePicture, tr("Plate, feet, and something upright"),
        tr("The whole near plate and both feet stay in the picture from before the first rep to after the "
           "last; a post, a "
           "rack or a door frame tells how level the phone is. Light on the lifter, plain behind. One set a "
           "film, 30 "
           "pictures a second or more; 60 for fast lifts. No slow motion, no zoom.")},
       {FilmingDrawing::Kind::kFront, tr("Knees and a tilting bar: from the front"),
        tr("Knees that cave, a hip that shifts and a bar that tilts show from the front or the rear, with "
           "both plates in "
           "the picture; a press from the foot end of the bench. Depth, lean and bar path do not show from "
           "there.")}}};
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(30, 18, 30, 18);
  outer->setSpacing(10);
  QLabel* heading = label(24, Weight::kSemiBold);
  heading->setText(tr("How to film a set so that it can be measured"));
  outer->addWidget(heading);
  auto* grid = new QGridLayout;
  grid->setHorizontalSpacing(34);
  grid->setVerticalSpacing(10);
  for (int k = 0; k < 4; ++k) {
    const Rule& rule = rules[static_cast<std::size_t>(k)];
    auto* cell = new QVBoxLayout;
    cell->setSpacing(4);
    auto* drawing = new FilmingDrawing(rule.kind);
    drawing->setAccessibleName(rule.title);
    drawing->setAccessibleDescription(rule.words);
    cell->addWidget(drawing, 1);
    QLabel* title = label(17, Weight::kSemiBold);
    title->setText(QStringLiteral("%1  %2").arg(k + 1).arg(rule.title));
    cell->addWidget(title);
    QLabel* words = label(14);
    words->setText(rule.words);
    cell->addWidget(words);
    grid->addLayout(cell, k / 2, k % 2);
    grid->setColumnStretch(k % 2, 1);
    grid->setRowStretch(k / 2, 1);
  }
  outer->addLayout(grid, 1);
  QLabel* caution = label(13, Weight::kRegular, true);
  caution->setText(
      tr("Nobody stands where a bar may fall. Put the phone where no one trips over it, ask the lifter "
         "before you film, "
         "and keep to the house's rules about films of people."));
  outer->addWidget(caution);
}

void FilmingView::paintEvent(QPaintEvent*) {
  QPainter(this).fillRect(rect(), theme().sheet);
}

void FilmingView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit backWanted();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
