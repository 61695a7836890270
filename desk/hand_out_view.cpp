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
#include <QProgressBar>
#include <QPushButton>
#include <QVBoxLayout>
#include <QtConcurrent>

#include "desk/keys.h"
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
    if (page_data_.finding) picture_ = findingPicture(sheet_, *page_data_.finding, decoding_.result());
    refresh();
  });
}

HandOutView::~HandOutView() {
  decoding_.waitForFinished();
}

void HandOutView::build() {
  setFocusPolicy(Qt::ClickFocus);  // Tab goes to what is in it
  setAccessibleName(tr("Hand-out"));
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
  side->addSpacing(8);
  auto* out = button(tr("Take out… · Ctrl+E"), tr("As PDF, as one HTML file, or as a picture (PNG)"));
  out->setProperty("what", QStringLiteral("take hand-out"));
  connect(out, &QPushButton::clicked, this, &HandOutView::askWhere);
  auto* print = button(tr("Print · Ctrl+P"), tr("On paper, A4"));
  connect(print, &QPushButton::clicked, this, &HandOutView::askPrinter);
  auto* buttons = new QHBoxLayout;
  buttons->addWidget(out);
  buttons->addWidget(print);
  buttons->addStretch(1);
  side->addLayout(buttons);
  side->addSpacing(26);
  side->addWidget(buildFilm());
  side->addStretch(1);
  row->addLayout(side, 2);
  addKey(this, QKeySequence(Qt::CTRL | Qt::Key_E), tr("Take the page out as a file"), this,
         &HandOutView::askWhere);
  addKey(this, QKeySequence::Print, tr("Print the page"), this, &HandOutView::askPrinter);
  addKey(this, QKeySequence(Qt::CTRL | Qt::Key_M), tr("The film with what was seen on it"), this,
         &HandOutView::askFilm);
}

// One sentence for the film, too.
QWidget* HandOutView::buildFilm() {
  film_part_ = new QWidget;
  auto* column = new QVBoxLayout(film_part_);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  QLabel* title = label(16, Weight::kSemiBold);
  title->setText(tr("The film, with what was seen on it"));
  column->addWidget(title);
  film_sentence_ = new Sentence(16);
  film_sentence_->addText(tr("Of"));
  reps_ = film_sentence_->addWord(tr("which reps"), [this](const QString& text) {
    bool ok = false;
    const int number = text.section(QLatin1Char(' '), -1).toInt(&ok);
    const int most = sheet_.analysis ? static_cast<int>(sheet_.analysis->reps.size()) : 0;
    if (text.compare(tr("all reps"), Qt::CaseInsensitive) == 0) {
      film_rep_.reset();
    } else {
      if (!ok || number < 1 || number > most) return tr("Say “all reps”, or one of them: 1 to %1.").arg(most);
      film_rep_ = number;
    }
    refreshFilm();
    return QString();
  });
  film_sentence_->addText(QStringLiteral(","));
  const std::vector<std::pair<QString, double>> speeds = {
      {tr("as fast as life"), 1.0}, {tr("at half speed"), 0.5}, {tr("at a quarter of the speed"), 0.25}};
  speed_ = film_sentence_->addWord(tr("how fast"), [this, speeds](const QString& text) {
    for (const auto& [words, speed] : speeds)
      if (text.compare(words, Qt::CaseInsensitive) == 0) {
        film_how_.speed = speed;
        refreshFilm();
        return QString();
      }
    return tr("Say “as fast as life”, “at half speed” or “at a quarter of the speed”.");
  });
  QStringList names;
  for (const auto& [words, speed] : speeds) names << words;
  speed_->setChoices(names);
  film_sentence_->addText(QStringLiteral(","));
  stop_ = film_sentence_->addWord(tr("whether it stops"), [this](const QString& text) {
    const bool stops = text.compare(tr("stopping at the finding"), Qt::CaseInsensitive) == 0;
    if (!stops && text.compare(tr("without a stop"), Qt::CaseInsensitive) != 0)
      return tr("It is “stopping at the finding” or “without a stop”.");
    film_how_.stop_at_finding = stops;
    refreshFilm();
    return QString();
  });
  stop_->setChoices({tr("stopping at the finding"), tr("without a stop")});
  film_sentence_->addText(QStringLiteral(","));
  height_ = film_sentence_->addWord(tr("how large"), [this](const QString& text) {
    const auto high = numberIn(text);
    if (!high || *high < 240.0 || *high > 1080.0)
      return tr("Pictures are 240 to 1080 lines high; 480 is small enough for a message.");
    film_how_.height_px = static_cast<int>(*high);
    refreshFilm();
    return QString();
  });
  height_->setChoices({QStringLiteral("480"), QStringLiteral("720"), QStringLiteral("1080")});
  film_sentence_->addText(tr("lines high,"));
  faces_ = film_sentence_->addWord(tr("faces"), [this](const QString& text) {
    const bool hidden = text.compare(tr("the face hidden"), Qt::CaseInsensitive) == 0;
    if (!hidden && text.compare(tr("the face as it is"), Qt::CaseInsensitive) != 0)
      return tr("It is “the face as it is” or “the face hidden”.");
    film_how_.blur_faces = hidden;
    refreshFilm();
    return QString();
  });
  faces_->setChoices({tr("the face as it is"), tr("the face hidden")});
  faces_->setToolTip(
      tr("Of the lifter alone, where the head was found: look at the film before you send it."));
  film_sentence_->addText(QStringLiteral("."));
  column->addWidget(film_sentence_);
  auto* row = new QHBoxLayout;
  write_ = button(tr("Write the film… · Ctrl+M"), tr("MP4 or WebM, with its captions in a file beside it"));
  write_->setProperty("what", QStringLiteral("write film"));
  connect(write_, &QPushButton::clicked, this, &HandOutView::askFilm);
  bar_ = new QProgressBar;
  bar_->setRange(0, 100);
  bar_->setAccessibleName(tr("How much of the film is written"));
  bar_->hide();
  cancel_ = button(tr("Stop · Esc"), tr("Leave the film; nothing is kept of it"), true);
  cancel_->setProperty("what", QStringLiteral("stop film"));
  cancel_->hide();
  row->addWidget(write_);
  row->addWidget(bar_, 1);
  row->addWidget(cancel_);
  row->addStretch(1);
  column->addLayout(row);
  job_ = new FilmExportJob(this);
  connect(cancel_, &QPushButton::clicked, job_, &FilmExportJob::stop);
  connect(job_, &FilmExportJob::progressed, this,
          [this](double part) { bar_->setValue(static_cast<int>(100.0 * part)); });
  connect(job_, &FilmExportJob::finished, this,
          [this](const QString& file, const QString& wrong, bool stopped) {
            bar_->hide();
            cancel_->hide();
            write_->setEnabled(true);
            if (stopped)
              emit said(tr("Stopped; nothing is kept of the film."));
            else if (!wrong.isEmpty())
              emit trouble(wrong);
            else
              emit said(tr("“%1” is written, its captions beside it.").arg(file));
          });
  return film_part_;
}

void HandOutView::refreshFilm() {
  const bool can = !film_.empty() && sheet_.analysis && !sheet_.analysis->reps.empty();
  film_part_->setVisible(can);
  if (!can) return;
  QStringList reps = {tr("all reps")};
  for (const Rep& rep : sheet_.analysis->reps) reps << tr("rep %1").arg(rep.number);
  reps_->setChoices(reps);
  reps_->setText(film_rep_ ? tr("rep %1").arg(*film_rep_) : reps.front());
  speed_->setText(film_how_.speed > 0.9   ? tr("as fast as life")
                  : film_how_.speed > 0.4 ? tr("at half speed")
                                          : tr("at a quarter of the speed"));
  stop_->setText(film_how_.stop_at_finding ? tr("stopping at the finding") : tr("without a stop"));
  height_->setText(QString::number(film_how_.height_px));
  faces_->setText(film_how_.blur_faces ? tr("the face hidden") : tr("the face as it is"));
  film_sentence_->relayout();
}

void HandOutView::askFilm() {
  if (job_->running() || !film_part_->isVisibleTo(this)) return;
  const QString name = QString(page_data_.athlete).replace(QLatin1Char('/'), QLatin1Char('-')) +
                       QLatin1Char(' ') + QString::fromStdString(sheet_.set.day) + QStringLiteral(".mp4");
  const QString file =
      QFileDialog::getSaveFileName(this, tr("Write the film"), name, tr("MP4 (*.mp4);;WebM (*.webm)"));
  if (!file.isEmpty()) writeFilm(file);
}

void HandOutView::writeFilm(const QString& file) {
  if (job_->running()) return;
  FilmSide side{sheet_, film_, film_rep_, {}, {}};
  if (page_data_.finding) side.finding = page_data_.finding->rule;
  side.cue = page_data_.cue;
  write_->setEnabled(false);
  bar_->setValue(0);
  bar_->show();
  cancel_->show();
  job_->start({std::move(side)}, film_how_, file.toStdString());
}

void HandOutView::open(const SheetData& sheet, const HandOutFacts& facts, const std::filesystem::path& film) {
  const bool same = sheet_.set.id == sheet.set.id;
  sheet_ = sheet;
  facts_ = facts;
  film_ = film;
  film_rep_.reset();
  film_how_.lines = EvidenceChoice();
  wish_.finding.clear();
  picture_ = {};
  pictured_.clear();
  if (!same) {
    const QSignalBlocker quiet(note_);
    wish_.note.clear();
    note_->clear();
  }
  refresh();
  refreshFilm();
  wantPicture();
}

// Decoded on a thread: the picture is on the page as soon as it is there.
void HandOutView::wantPicture() {
  if (!page_data_.finding || film_.empty()) return;
  if (pictured_ == page_data_.finding->rule) return;
  pictured_ = page_data_.finding->rule;
  picture_ = {};
  decoding_.setFuture(QtConcurrent::run([film = film_, at = page_data_.finding->frame]() -> QImage {
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
  if (page_data_.finding && page_data_.finding->rule == pictured_) page_data_.picture = picture_;
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
  if (event->key() == Qt::Key_Escape) {
    if (job_->running()) return job_->stop();
    return emit backWanted();
  }
  QWidget::keyPressEvent(event);
}

}  // namespace mottix
