#include "desk/finding_card.h"

#include <algorithm>
#include <cmath>

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include "desk/pieces.h"
#include "desk/sentence.h"
#include "desk/theme.h"
#include "report/path_drawing.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {

EvidencePlot::EvidencePlot(const Rule& rule, const Finding& finding, const std::vector<Measure>& measures,
                           QWidget* parent)
    : QWidget(parent), rule_(rule), measure_(finding.measure), limit_(finding.limit) {
  for (const Measure& m : measures)
    if (m.id == measure_ && m.status == MeasureStatus::kOk) values_.push_back(m);
  if (rule.of == RuleOf::kUsual && finding.usual)
    for (Measure& m : values_) m.value.value -= finding.usual->value.value;
  setFixedHeight(64);
  setAccessibleName(tr("%1 of every rep").arg(measureWords(measure_)));
  const std::string_view definition = definitionOf(measure_).definition;
  setToolTip(QString::fromUtf8(definition.data(), static_cast<int>(definition.size())) +
             QStringLiteral("\n") + ofBook(rule.source) +
             (rule.why.empty() ? QString() : QStringLiteral("\n") + ofBook(rule.why)));
}

void EvidencePlot::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const bool both = rule_.fault == FaultSide::kEither;
  double low = std::min(0.0, both ? -limit_ : limit_), high = std::max(0.0, limit_);
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
  p.drawLine(QPointF(0, y(limit_)), QPointF(right, y(limit_)));
  if (both) p.drawLine(QPointF(0, y(-limit_)), QPointF(right, y(-limit_)));
  p.setFont(type(12));
  p.setPen(t.muted);
  const QString unit = unitWords(definitionOf(measure_).unit);
  p.drawText(QRectF(right + 6, y(limit_) - 9, 86, 18), Qt::AlignLeft | Qt::AlignVCenter,
             tr("limit %1%2").arg(limit_).arg(unit));
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

namespace {

QLabel* words(const QString& text, int size, bool muted) {
  QLabel* l = label(size, Weight::kRegular, muted);
  l->setTextFormat(Qt::PlainText);
  l->setText(text);
  return l;
}

QPushButton* quiet(const QString& text, const QString& what, const QString& help) {
  QPushButton* b = button(text, help, true);
  b->setProperty("what", what);
  return b;
}

}  // namespace

FindingCard::FindingCard(const Finding& finding, const CardContext& context, QWidget* parent)
    : QWidget(parent), finding_(finding) {
  const RuleBook& book = *context.book;
  const QString says = findingHeading(finding, book);
  setObjectName(QStringLiteral("finding ") + QString::fromStdString(finding.rule));
  column_ = new QVBoxLayout(this);
  column_->setContentsMargins(24, 8, 0, 10);
  column_->setSpacing(2);
  auto* row = new QHBoxLayout;
  column_->addLayout(row);
  row->setSpacing(4);
  auto* heading = new QLabel(says);
  heading->setFont(type(16, Weight::kSemiBold));
  heading->setWordWrap(true);
  if (finding.overruled) heading->setText(QStringLiteral("<s>%1</s>").arg(says.toHtmlEscaped()));
  row->addWidget(heading, 1);
  auto add = [&](const QString& text, const char* what, const QString& help) {
    QPushButton* b = quiet(text, QString::fromLatin1(what), help);
    row->addWidget(b, 0, Qt::AlignTop);
    return b;
  };
  connect(add(tr("show"), "show", tr("Go to the frame that shows it: %1").arg(says)), &QPushButton::clicked,
          this, [this] { emit opened(finding_); });
  QPushButton* how = add(tr("how"), "chain", tr("Rule, measure, picture and reckoning behind this sentence"));
  how->setVisible(!context.chain.isEmpty());
  const QString rule = QString::fromStdString(finding.rule);
  if (finding.overruled)
    connect(add(tr("keep"), "keep", tr("Let the finding stand after all")), &QPushButton::clicked, this,
            [this, rule] { emit overruleWanted(rule, false, {}); });
  else
    connect(add(tr("overrule"), "overrule", tr("It does not count for this set; this is remembered")),
            &QPushButton::clicked, this, &FindingCard::askWhy);
  if (finding.overruled) {
    column_->addWidget(words(context.overruled_why.isEmpty()
                                 ? tr("Overruled by the coach: it does not count.")
                                 : tr("Overruled by the coach: %1").arg(context.overruled_why),
                             14, true));
  } else {
    QString detail = findingDetail(finding, book, *context.measures);
    for (const Finding& other : context.seen_as_well)
      detail += QLatin1Char(' ') + tr("Seen as well: %1").arg(findingDetail(other, book, *context.measures));
    if (context.overruled_before > 0)
      detail +=
          QLatin1Char(' ') + (context.overruled_before == 1
                                  ? tr("You overruled this once before.")
                                  : tr("You overruled this %1 times before.").arg(context.overruled_before));
    column_->addWidget(words(detail, 14, true));
    const Rule* rule_of = book.find(finding.rule);
    if (context.with_plot && rule_of != nullptr && finding.certainty != Certainty::kCantTell)
      column_->addWidget(new EvidencePlot(*rule_of, finding, *context.measures));
    addCauses(context);
  }
  addChain(context.chain, how);
  setAccessibleName(says + QStringLiteral(", ") + severityWords(finding));
  setToolTip(severityWords(finding));
}

// The cause that leads, in one line; all of them behind it, each with what speaks for and against it.
void FindingCard::addCauses(const CardContext& context) {
  const CauseCandidate* leads = leadingCause(context.causes);
  if (context.causes.empty()) return;
  auto* row = new QHBoxLayout;
  row->setSpacing(4);
  QString line = tr("No cause is left: all are struck out.");
  if (leads != nullptr) {
    const QString title = ofBook(leads->cause->title);
    line = tr("%1: %2. %3")
               .arg(leads->state == CauseState::kConfirmed ? tr("Cause")
                    : leads->state == CauseState::kLikely  ? tr("Likely")
                                                           : tr("First to check"),
                    title, ofBook(leads->cause->next_set));
  }
  row->addWidget(words(line, 14, false), 1);
  auto* open =
      quiet(tr("causes"), QStringLiteral("causes"), tr("All causes, with what speaks for and against each"));
  open->setCheckable(true);
  row->addWidget(open, 0, Qt::AlignTop);
  column_->addLayout(row);
  auto* all = new QWidget;
  all->setObjectName(QStringLiteral("causes"));
  auto* list = new QVBoxLayout(all);
  list->setContentsMargins(0, 2, 0, 2);
  list->setSpacing(2);
  for (const CauseCandidate& c : context.causes) {
    const QString id = QString::fromStdString(c.cause->id);
    auto* one = new QHBoxLayout;
    one->setSpacing(4);
    QString said = tr("%1 (%2) · %3")
                       .arg(ofBook(c.cause->title), causeStateWords(c.state), causeWords(c, *context.book));
    if (&c == leads)
      said += c.cause->plan.empty() ? QString()
                                    : QLatin1Char('\n') + tr("In the plan: %1").arg(ofBook(c.cause->plan));
    one->addWidget(words(said, 13, c.state == CauseState::kUnlikely || c.state == CauseState::kStruck), 1);
    const auto button = [&](const QString& text, const QString& what, const QString& help, int word) {
      QPushButton* b = quiet(text, what + QLatin1Char(' ') + id, help);
      one->addWidget(b, 0, Qt::AlignTop);
      connect(b, &QPushButton::clicked, this, [this, id, word] { emit causeSaid(id, word); });
    };
    if (c.state == CauseState::kConfirmed || c.state == CauseState::kStruck) {
      button(tr("take back"), QStringLiteral("take back"), tr("Say nothing of this cause any more"), -1);
    } else {
      button(tr("confirm"), QStringLiteral("confirm"), tr("This is the cause"), 1);
      button(tr("strike out"), QStringLiteral("strike out"), tr("This is not the cause"), 0);
    }
    list->addLayout(one);
  }
  const bool spoken = std::any_of(context.causes.begin(), context.causes.end(), [](const CauseCandidate& c) {
    return c.state == CauseState::kConfirmed || c.state == CauseState::kStruck;
  });
  column_->addWidget(all);
  all->setVisible(spoken);
  open->setChecked(spoken);
  connect(open, &QPushButton::toggled, all, &QWidget::setVisible);
}

// Rule, measure, picture and reckoning, opened by a word of the heading.
void FindingCard::addChain(const QStringList& links, QPushButton* open) {
  QLabel* chain = words(links.join(QLatin1Char('\n')), 13, true);
  chain->setObjectName(QStringLiteral("chain"));
  chain->setTextInteractionFlags(Qt::TextSelectableByMouse);
  chain->hide();
  open->setCheckable(true);
  connect(open, &QPushButton::toggled, chain, &QWidget::setVisible);
  column_->addWidget(chain);
}

// A line for the reason; Enter overrules with it, or without.
void FindingCard::askWhy() {
  if (findChild<QLineEdit*>(QStringLiteral("why")) != nullptr) return;
  auto* line = new TypingLine;
  line->setObjectName(QStringLiteral("why"));
  line->setPlaceholderText(tr("Why? Enter overrules, Esc leaves it standing"));
  line->setAccessibleName(tr("Why the finding does not stand"));
  column_->insertWidget(1, line);
  line->setFocus();
  connect(line, &QLineEdit::returnPressed, this, [this, line] {
    emit overruleWanted(QString::fromStdString(finding_.rule), true, line->text().trimmed());
  });
  line->installEventFilter(this);
}

// Escape in the line for the reason leaves the finding standing, and the sheet open.
bool FindingCard::eventFilter(QObject* object, QEvent* event) {
  if (event->type() != QEvent::KeyPress || static_cast<QKeyEvent*>(event)->key() != Qt::Key_Escape)
    return false;
  object->deleteLater();
  return true;
}

void FindingCard::paintEvent(QPaintEvent*) {
  QPainter p(this);
  drawStrokes(p, QPointF(4, 12), finding_);
  p.setPen(QPen(theme().line, 1.0));
  p.drawLine(QPointF(0, height() - 0.5), QPointF(width(), height() - 0.5));
}

}  // namespace mottix
