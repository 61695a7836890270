#include "desk/film_export_job.h"

#include <QtConcurrent>

#include "report/page.h"

namespace mottix {

FilmExportJob::FilmExportJob(QObject* parent) : QObject(parent) {
  connect(&writing_, &QFutureWatcherBase::finished, this, [this] {
    const std::shared_ptr<Written> done = writing_.result();
    const bool stopped = !*done && isStopped(done->error());
    emit finished(file_, *done ? QString() : QString::fromStdString(done->error().text), stopped);
  });
}

FilmExportJob::~FilmExportJob() {
  stop();
  writing_.waitForFinished();
}

void FilmExportJob::stop() {
  if (stop_) *stop_ = true;
}

void FilmExportJob::start(std::vector<FilmSide> sides, const FilmExport& how,
                          const std::filesystem::path& path, std::optional<double> later_s) {
  if (running()) return;
  file_ = QString::fromStdString(path.string());
  stop_ = std::make_shared<std::atomic<bool>>(false);
  writing_.setFuture(QtConcurrent::run([this, sides = std::move(sides), how, path, later_s, stop = stop_] {
    int told = -1;  // per cent
    auto captions = exportFilm(
        sides, how, path,
        [&](double part) {
          const int percent = static_cast<int>(100.0 * part);
          if (percent != told) emit progressed(part);
          told = percent;
          return !*stop;
        },
        later_s);
    if (!captions) return std::make_shared<Written>(tl::make_unexpected(captions.error()));
    std::filesystem::path beside = path;
    beside.replace_extension(".vtt");
    return std::make_shared<Written>(saveBytes(beside, toWebVtt(*captions).toUtf8()));
  }));
}

}  // namespace mottix
