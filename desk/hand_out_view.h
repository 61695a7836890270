// The hand-out of the set on the sheet: the page as it will be printed, and a sentence that says how much is
// told, in which unit, and which finding is the one thing to change.
#pragma once

#include <QFutureWatcher>
#include <QImage>
#include <QWidget>

#include "desk/film_export_job.h"
#include "desk/sentence.h"
#include "report/hand_out.h"

class QLabel;
class QLineEdit;
class QPagedPaintDevice;
class QProgressBar;
class QPushButton;

namespace mottix {

class HandOutPage;

class HandOutView : public QWidget {
  Q_OBJECT
 public:
  explicit HandOutView(QWidget* parent = nullptr);
  ~HandOutView() override;
  // `film`: where the set's film lies; empty: there is none. Its picture comes when it has been decoded.
  void open(const SheetData& sheet, const HandOutFacts& facts, const std::filesystem::path& film);
  const HandOut& handOut() const { return page_data_; }
  bool hasPicture() const { return !page_data_.picture.isNull(); }
  // By the ending of the name: .pdf, .html, .png. False: it was said why.
  bool takeOut(const QString& file);
  void print(QPagedPaintDevice& on) const;
  // The film of the set with what was seen on it: .mp4 or .webm; the captions go beside it.
  void writeFilm(const QString& file);
  bool writing() const { return job_->running(); }

 signals:
  void backWanted();
  void trouble(QString text);
  void said(QString text);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  SheetData sheet_;
  HandOutFacts facts_;
  HandOutWish wish_;
  std::filesystem::path film_;
  HandOut page_data_;
  QImage picture_;        // of the finding; null until its film has been decoded
  std::string pictured_;  // its rule
  QFutureWatcher<QImage> decoding_;
  HandOutPage* page_ = nullptr;
  FilmExport film_how_;
  std::optional<int> film_rep_;
  FilmExportJob* job_ = nullptr;
  QWidget* film_part_ = nullptr;
  Sentence* film_sentence_ = nullptr;
  Word *reps_ = nullptr, *speed_ = nullptr, *stop_ = nullptr, *height_ = nullptr, *faces_ = nullptr;
  QProgressBar* bar_ = nullptr;
  QPushButton *write_ = nullptr, *cancel_ = nullptr;
  Sentence* sentence_ = nullptr;
  Word *level_ = nullptr, *unit_ = nullptr, *finding_ = nullptr;
  QLineEdit* note_ = nullptr;
  QLabel* says_ = nullptr;

  void build();
  void refresh();
  void wantPicture();
  void askWhere();
  void askPrinter();
  QWidget* buildFilm();
  void refreshFilm();
  void askFilm();
};

}  // namespace mottix
