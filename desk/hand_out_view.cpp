#include "desk/hand_out_view.h"

#include <algorithm>

#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QShortcut>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "desk/pieces.h"
#include "report/wording.h"
#include "vision/film.h"

namespace mottix {

// The page on the screen: what goes to paper, as large as there is room.
class HandOutPage : public QWidget {
 public:
  HandOutPage() {
    setObjectName(QStringLiteral("hand-out page"));
    setAccessibleName(HandOutView::tr("Hand-out as it will be printed"));
    setMinimumSize(300, 424);
  }
  void show(const HandOut* hand_out) {
    hand_out_ = hand_out;
    QStringList all = {hand_out->athlete, hand_out->set, hand_out->change, hand_out->cue};
    setAccessibleDescription(all.join(QStringLiteral(". ")));
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    if (hand_out_ == nullptr) return;
    QPainter p(this);
    constexpr double kUpright = 297.0 / 210.0;
    const double wide = std::min<double>(width(), height() / kUpright);
    const QRectF page(0.5 * (width() - wide), 0.0, wide - 1.0, wide * kUpright - 1.0);
    paintHandOut(p, page, *hand_out_);
    p.setPen(theme().line);
    p.setBrush(Qt::NoBrush);
    p.drawRect(page);
  }

 private:
  const HandOut* hand_out_ = nullptr;
};

HandOutView::HandOutView(QWidget* parent) : QWidget(parent) {
  build();
  connect(&decoding_, &QFutureWatcherBase::finished, this, [this] {
    if (decoding_.isCanceled()) return;
    frame_ = decoding_.result();
    refresh();
  });
}

HandOutView::~HandOutView() {
  decoding_.waitForFinished();
}

void HandOutView::build() {
  setFocusPolicy(Qt::StrongFocus);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(20, 14, 20, 14);
  row->setSpacing(24);
  page_ = new HandOutPage;
  row->addWidget(page_, 3);
  auto* side = new QVBoxLayout;
  side->setSpacing(8);
  QLabel* title = label(20, Weight::kSemiBold);
  title->setText(tr("To take home"));
  side->addWidget(title);
  sentence_ = new Sentence(16);
  sentence_->addText(tr("Said"));
  level_ = sentence_->addWord(tr("how much"), [this](const QString& text) {
    const bool plain = text.compare(tr("in plain words"), Qt::CaseInsensitive) == 0;
    if (!plain && text.compare(tr("with numbers"), Qt::CaseInsensitive) != 0)
      return tr("It is said in plain words or with numbers.");
    wish_.level = plain ? HandOutLevel::kPlain : HandOutLevel::kNumbers;
    refresh();
    return QString();
  });
  level_->setChoices({tr("in plain words"), tr("with numbers")});
  sentence_->addText(tr(", loads in"));
  unit_ = sentence_->addWord(tr("unit"), [this](const QString& text) {
    const bool lb = text.compare(QStringLiteral("lb"), Qt::CaseInsensitive) == 0;
    if (!lb && text.compare(QStringLiteral("kg"), Qt::CaseInsensitive) != 0)
      return tr("Loads are said in kg or lb.");
    wish_.in_lb = lb;
    refresh();
    return QString();
  });
  unit_->setChoices({QStringLiteral("kg"), QStringLiteral("lb")});
  sentence_->addText(tr(". The one thing:"));
  finding_ = sentence_->addWord(tr("the one thing"), [this](const QString& text) {
    if (sheet_.analysis)
      for (const Finding& f : sheet_.analysis->findings)
        if (f.certainty == Certainty::kClear && !f.overruled &&
            findingHeading(f, sheet_.by.book).compare(text.trimmed(), Qt::CaseInsensitive) == 0) {
          wish_.finding = f.rule;
          refresh();
          wantPicture();
          return QString();
        }
    return tr("Only what is clear on the sheet, and stands, goes to the athlete.");
  });
  sentence_->addText(QStringLiteral("."));
  side->addWidget(sentence_);
  note_ = new TypingLine;
  note_->setObjectName(QStringLiteral("hand-out note"));
  note_->setPlaceholderText(tr("A word of yours, such as “Thursday at six”"));
  note_->setAccessibleName(tr("A word of yours"));
  note_->setFont(type(15));
  note_->setMaxLength(300);
  connect(note_, &QLineEdit::textChanged, this, [this](const QString& text) {
    wish_.note = text.trimmed();
    refresh();
  });
  side->addWidget(note_);
  says_ = label(14, Weight::kRegular, true);
  says_->setObjectName(QStringLiteral("hand-out says"));
  side->addWidget(says_);
  side->addStretch(1);
  auto* out = button(tr("Take out… · Ctrl+E"), tr("As PDF, as one HTML file, or as a picture (PNG)"));
  out->setProperty("what", QStringLiteral("take hand-out"));
  connect(out, &QPushButton::clicked, this, &HandOutView::askWhere);
  auto* print = button(tr("Print · Ctrl+P"), tr("On paper, A4"));
  connect(print, &QPushButton::clicked, this, &HandOutView::askPrinter);
  side->addWidget(out, 0, Qt::AlignLeft);
  side->addWidget(print, 0, Qt::AlignLeft);
  row->addLayout(side, 2);
  const auto key = [this](const QKeySequence& keys, void (HandOutView::*go)()) {
    auto* s = new QShortcut(keys, this);
    s->setContext(Qt::WidgetWithChildrenShortcut);
    connect(s, &QShortcut::activated, this, go);
  };
  key(QKeySequence(Qt::CTRL | Qt::Key_E), &HandOutView::askWhere);
  key(QKeySequence::Print, &HandOutView::askPrinter);
}

void HandOutView::open(const SheetData& sheet, const HandOutFacts& facts, const std::filesystem::path& film) {
  const bool same = sheet_.set.id == sheet.set.id;
  sheet_ = sheet;
  facts_ = facts;
  film_ = film;
  wish_.finding.clear();
  frame_ = {};
  if (!same) {
    const QSignalBlocker quiet(note_);
    wish_.note.clear();
    note_->clear();
  }
  refresh();
  wantPicture();
}

// Decoded on a thread: the picture is on the page as soon as it is there.
void HandOutView::wantPicture() {
  if (!page_data_.finding || film_.empty()) return;
  const std::size_t at = pictureOf(*page_data_.finding);
  if (!frame_.isNull() && frame_at_ == at) return;
  frame_ = {};
  frame_at_ = at;
  decoding_.setFuture(QtConcurrent::run([film = film_, at]() -> QImage {
    auto opened = Film::open(film);
    FramePicture picture;
    if (!opened) return {};
    const auto read = opened->readAt(at, picture, Want::kColour);
    if (!read || !*read || picture.bgr.empty()) return {};
    return QImage(picture.bgr.data, picture.bgr.cols, picture.bgr.rows,
                  static_cast<qsizetype>(picture.bgr.step), QImage::Format_BGR888)
        .copy();
  }));
}

void HandOutView::refresh() {
  page_data_ = makeHandOut(sheet_, facts_, wish_);
  if (page_data_.finding && !frame_.isNull())
    page_data_.picture = findingPicture(sheet_, *page_data_.finding, frame_);
  page_->show(&page_data_);
  level_->setText(wish_.level == HandOutLevel::kPlain ? tr("in plain words") : tr("with numbers"));
  unit_->setText(wish_.in_lb ? QStringLiteral("lb") : QStringLiteral("kg"));
  QStringList choices;
  if (sheet_.analysis)
    for (const Finding& f : sheet_.analysis->findings)
      if (f.certainty == Certainty::kClear && !f.overruled) choices << findingHeading(f, sheet_.by.book);
  finding_->setChoices(choices);
  finding_->setText(page_data_.finding ? page_data_.change : tr("nothing"));
  sentence_->relayout();
  QStringList says;
  if (page_data_.finding && page_data_.cue.isEmpty())
    says << tr("The cue on the sheet is for something else, so none stands on the page.");
  if (page_data_.finding && film_.empty()) says << tr("There is no film, so there is no picture.");
  if (page_data_.setup.isEmpty()) says << tr("No set-up is kept for this lift: Fit (F) makes one.");
  says_->setText(says.join(QLatin1Char('\n')));
}

void HandOutView::print(QPagedPaintDevice& on) const {
  QPainter p(&on);
  const QRectF room = p.viewport();
  constexpr double kUpright = 297.0 / 210.0;
  const double wide = std::min(room.width(), room.height() / kUpright);
  paintHandOut(p, QRectF(room.left() + 0.5 * (room.width() - wide), room.top(), wide, wide * kUpright),
               page_data_);
}

void HandOutView::askPrinter() {
  QPrinter printer;
  printer.setDocName(page_data_.athlete);
  QPrintDialog dialog(&printer, this);
  if (dialog.exec() == QDialog::Accepted) print(printer);
}

void HandOutView::askWhere() {
  const QString name = QString(page_data_.athlete).replace(QLatin1Char('/'), QLatin1Char('-')) +
                       QLatin1Char(' ') + QString::fromStdString(sheet_.set.day) + QStringLiteral(".pdf");
  const QString file = QFileDialog::getSaveFileName(
      this, tr("Take the hand-out out"), name, tr("Page (*.pdf);;One HTML file (*.html);;Picture (*.png)"));
  if (!file.isEmpty()) takeOut(file);
}

bool HandOutView::takeOut(const QString& file) {
  if (auto done = saveHandOut(page_data_, file.toStdString()); !done) {
    emit trouble(QString::fromStdString(done.error().text));
    return false;
  }
  emit said(tr("“%1” is written.").arg(file));
  return true;
}

void HandOutView::paintEvent(QPaintEvent*) {
  paintPaper(*this);
}

void HandOutView::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit backWanted();
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
