#include "desk/walk.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>

#include "desk/keys.h"
#include "desk/pieces.h"
#include "report/look.h"

namespace mottix {
namespace {

// Shows where to look and takes no clicks.
class Ring : public QWidget {
 public:
  explicit Ring(QWidget* parent) : QWidget(parent) {
    setAttribute(Qt::WA_TransparentForMouseEvents);
    setAttribute(Qt::WA_NoSystemBackground);
    setFocusPolicy(Qt::NoFocus);
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme().clay, 2.5, Qt::DashLine));
    p.drawRoundedRect(QRectF(rect()).adjusted(2, 2, -2, -2), 6, 6);
  }
};

}  // namespace

Walk::Walk(QWidget* window, std::vector<Stop> stops) : QWidget(window), stops_(std::move(stops)) {
  setAttribute(Qt::WA_DeleteOnClose);
  setObjectName(QStringLiteral("walk"));
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("A walk round"));
  ring_ = new Ring(window);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(22, 14, 22, 14);
  column->setSpacing(6);
  title_ = label(18, Weight::kSemiBold);
  words_ = label(15);
  column->addWidget(title_);
  column->addWidget(words_);
  auto* row = new QHBoxLayout;
  before_ = button(tr("Back"), tr("The stop before (←)"), true);
  next_ = button(tr("On"), tr("The next stop (Enter)"));
  auto* leave = button(tr("Leave the walk"), tr("Leave (Esc); House… leads here again"), true);
  before_->setProperty("what", QStringLiteral("walk back"));
  next_->setProperty("what", QStringLiteral("walk on"));
  leave->setProperty("what", QStringLiteral("walk leave"));
  connect(before_, &QPushButton::clicked, this, &Walk::before);
  connect(next_, &QPushButton::clicked, this, &Walk::next);
  connect(leave, &QPushButton::clicked, this, &Walk::end);
  row->addWidget(before_);
  row->addWidget(next_);
  row->addStretch(1);
  row->addWidget(leave);
  column->addLayout(row);
  addKey(this, Qt::Key_Left, tr("On the walk: the stop before"), this, &Walk::before);
  addKey(this, Qt::Key_Right, tr("On the walk: the next stop"), this, &Walk::next);
  addKey(this, Qt::Key_Escape, tr("Leave the walk"), this, &Walk::end);
  window->installEventFilter(this);
  QWidget::show();
  show(0);
}

Walk::~Walk() {
  if (ring_) ring_->deleteLater();
}

void Walk::show(int stop) {
  at_ = stop;
  const Stop& s = stops_[static_cast<std::size_t>(stop)];
  target_ = s.go();
  title_->setText(tr("%1 of %2 · %3").arg(stop + 1).arg(stops_.size()).arg(s.title));
  words_->setText(s.words);
  setAccessibleDescription(s.words);
  before_->setEnabled(stop > 0);
  next_->setText(stop + 1 < stops() ? tr("On") : tr("Done"));
  // What was led to is laid out first.
  QTimer::singleShot(0, this, &Walk::place);
  place();
  next_->setFocus();
}

void Walk::place() {
  QWidget* window = parentWidget();
  const int wide = std::min(560, window->width() - 40);
  const int high = heightForWidth(wide);
  const bool look = target_ && target_->isVisible();
  const QRect seen = look ? QRect(target_->mapTo(window, QPoint(0, 0)), target_->size()) : QRect();
  // Where it hides least of what is to be looked at.
  QRect best;
  int hidden = -1;
  for (const QPoint& corner :
       {QPoint(window->width() - wide - 20, window->height() - high - 20),
        QPoint(20, window->height() - high - 20), QPoint(window->width() - wide - 20, 60), QPoint(20, 60)}) {
    const QRect here(corner, QSize(wide, high));
    const QRect both = here & seen;
    const int hides = both.isEmpty() ? 0 : both.width() * both.height();
    if (hidden < 0 || hides < hidden) {
      hidden = hides;
      best = here;
    }
  }
  setGeometry(best);
  if (ring_) {
    ring_->setVisible(look);
    ring_->setGeometry(seen.adjusted(-4, -4, 4, 4) & window->rect());
    ring_->raise();
  }
  raise();
}

void Walk::next() {
  if (at_ + 1 < stops()) return show(at_ + 1);
  end();
}

void Walk::before() {
  if (at_ > 0) show(at_ - 1);
}

void Walk::end() {
  emit ended();
  close();
}

void Walk::paintEvent(QPaintEvent*) {
  const Theme& t = theme();
  QPainter p(this);
  p.fillRect(rect(), t.raised);
  p.setPen(QPen(t.ink, 1.0));
  p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
  p.fillRect(QRectF(0, 0, 5, height()), t.green);
}

void Walk::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return next();
  QWidget::keyPressEvent(event);
}

bool Walk::eventFilter(QObject* object, QEvent* event) {
  if (object == parent() && event->type() == QEvent::Resize) place();
  return QWidget::eventFilter(object, event);
}

}  // namespace mottix
