#include "desk/finding_card.h"

#include <algorithm>
#include <cmath>

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include "desk/path_drawing.h"
#include "desk/theme.h"
#include "report/wording.h"

namespace mottix {

EvidencePlot::EvidencePlot(const Rule& rule, const std::vector<Measure>& measures, const QString& book,
                           QWidget* parent)
    : QWidget(parent), rule_(rule), book_(book) {
  for (const Measure& m : measures)
    if (m.id == rule.measure && m.status == MeasureStatus::kOk) values_.push_back(m);
  setFixedHeight(64);
  setAccessibleName(tr("%1 of every rep").arg(measureWords(rule.measure)));
  setToolTip(QString::fromUtf8(definitionOf(rule.measure).definition.data(),
                               static_cast<int>(definitionOf(rule.measure).definition.size())) +
             QStringLiteral("\n") + QString::fromStdString(rule.source));
}

void EvidencePlot::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  double low = std::min(0.0, rule_.limit), high = std::max(0.0, rule_.limit);
  for (const Measure& m : values_) {
    low = std::min(low, m.value.value - m.value.sd);
    high = std::max(high, m.value.value + m.value.sd);
  }
  const double pad = 0.08 * std::max(1.0, high - low);
  const double top = 6.0, bottom = height() - 8.0, right = width() - 92.0;
  auto y = [&](double v) { return bottom - (v - low + pad) / (high - low + 2 * pad) * (bottom - top); };
  p.setPen(QPen(t.line, 1.0));
  p.drawLine(QPointF(0, y(0.0)), QPointF(right, y(0.0)));
  p.setPen(QPen(t.clay, 1.4, Qt::DashLine));
  p.drawLine(QPointF(0, y(rule_.limit)), QPointF(right, y(rule_.limit)));
  p.setFont(type(12));
  p.setPen(t.muted);
  const QString unit =
      definitionOf(rule_.measure).unit == "deg" ? QStringLiteral("°") : QStringLiteral(" cm");
  p.drawText(QRectF(right + 6, y(rule_.limit) - 9, 86, 18), Qt::AlignLeft | Qt::AlignVCenter,
             tr("limit %1%2").arg(rule_.limit).arg(unit));
  int reps = 1;
  for (const Measure& m : values_) reps = std::max(reps, m.rep);
  const double step = std::min(44.0, (right - 24.0) / reps);
  for (const Measure& m : values_) {
    const double x = 14.0 + step * (m.rep - 1);
    p.setPen(QPen(t.green, 1.3));
    p.drawLine(QPointF(x, y(m.value.value - m.value.sd)), QPointF(x, y(m.value.value + m.value.sd)));
    p.setPen(Qt::NoPen);
    p.setBrush(t.green);
    p.drawEllipse(QPointF(x, y(m.value.value)), 3.6, 3.6);
  }
}

FindingCard::FindingCard(const Finding& finding, const RuleBook& book, const std::vector<Measure>& measures,
                         bool with_plot, QWidget* parent)
    : QWidget(parent), finding_(finding) {
  setObjectName(QStringLiteral("finding ") + QString::fromStdString(finding.rule));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(24, 8, 0, 10);
  column->setSpacing(2);
  auto* row = new QHBoxLayout;
  row->setSpacing(4);
  auto* heading = new QLabel(findingHeading(finding));
  heading->setFont(type(16, Weight::kSemiBold));
  heading->setWordWrap(true);
  if (finding.overruled) heading->setText(QStringLiteral("<s>%1</s>").arg(findingHeading(finding)));
  row->addWidget(heading, 1);
  auto button = [&](const QString& text, const QString& name, const QString& help) {
    auto* b = new QPushButton(text);
    b->setObjectName(QStringLiteral("quiet"));
    b->setProperty("what", name);
    b->setAccessibleName(help);
    b->setToolTip(help);
    b->setCursor(Qt::PointingHandCursor);
    row->addWidget(b, 0, Qt::AlignTop);
    return b;
  };
  auto* show = button(tr("show"), QStringLiteral("show"),
                      tr("Go to the frame that shows it: %1").arg(findingHeading(finding)));
  connect(show, &QPushButton::clicked, this, [this] { emit opened(finding_); });
  const QString rule = QString::fromStdString(finding.rule);
  if (finding.overruled) {
    auto* keep = button(tr("keep"), QStringLiteral("keep"), tr("Let the finding stand after all"));
    connect(keep, &QPushButton::clicked, this, [this, rule] { emit overruleWanted(rule, false); });
  } else {
    auto* overrule = button(tr("overrule"), QStringLiteral("overrule"),
                            tr("It does not count for this set; this is remembered"));
    connect(overrule, &QPushButton::clicked, this, [this, rule] { emit overruleWanted(rule, true); });
  }
  column->addLayout(row);
  auto* detail = new QLabel(finding.overruled ? tr("Overruled by the coach: it does not count.")
                                              : findingDetail(finding, book, measures));
  detail->setFont(type(14));
  detail->setWordWrap(true);
  QPalette palette = detail->palette();
  palette.setColor(QPalette::WindowText, theme().muted);
  detail->setPalette(palette);
  column->addWidget(detail);
  const Rule* rule_of = book.find(finding.rule);
  if (with_plot && rule_of != nullptr && finding.certainty != Certainty::kCantTell && !finding.overruled)
    column->addWidget(new EvidencePlot(*rule_of, measures, QString::fromStdString(book.name)));
  setAccessibleName(findingHeading(finding) + QStringLiteral(", ") + severityWords(finding));
  setToolTip(severityWords(finding));
}

void FindingCard::paintEvent(QPaintEvent*) {
  QPainter p(this);
  drawStrokes(p, QPointF(4, 12), finding_);
  p.setPen(QPen(theme().line, 1.0));
  p.drawLine(QPointF(0, height() - 0.5), QPointF(width(), height() - 0.5));
}

}  // namespace mottix
