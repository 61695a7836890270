// Writes a film for others on a thread, with captions beside it; can be stopped.
#pragma once

#include <atomic>
#include <memory>

#include <QFutureWatcher>
#include <QObject>

#include "report/film_export.h"

namespace mottix {

class FilmExportJob : public QObject {
  Q_OBJECT
 public:
  explicit FilmExportJob(QObject* parent = nullptr);
  ~FilmExportJob() override;
  bool running() const { return writing_.isRunning(); }
  // One at a time; NAME.vtt gets the captions.
  void start(std::vector<FilmSide> sides, const FilmExport& how, const std::filesystem::path& path,
             std::optional<double> later_s = std::nullopt);
  void stop();

 signals:
  void progressed(double part);
  // `wrong` is empty when it was written; `stopped`: by hand.
  void finished(QString file, QString wrong, bool stopped);

 private:
  using Written = Expected<void>;
  QFutureWatcher<std::shared_ptr<Written>> writing_;
  std::shared_ptr<std::atomic<bool>> stop_;
  QString file_;
};

}  // namespace mottix
