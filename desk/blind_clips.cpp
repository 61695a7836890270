#include "desk/blind_clips.h"

#include <QFile>
#include <QtConcurrent>

namespace mottix {

BlindClips::BlindClips(QObject* parent) : QObject(parent) {
  ticks_.setInterval(100);
  connect(&ticks_, &QTimer::timeout, this, [this] {
    if (job_ && wanted_ == job_->clip.wish) emit progressed(job_->part);
  });
  connect(&watcher_, &QFutureWatcherBase::finished, this, &BlindClips::finish);
}

BlindClips::~BlindClips() {
  if (job_) job_->stop = true;
  watcher_.waitForFinished();
}

void BlindClips::want(const ClipWish& wish) {
  wanted_ = wish;
  if (ahead_ && ahead_->clip.wish == wish) {
    const auto made = std::exchange(ahead_, nullptr);
    return giveOut(made->clip);
  }
  if (!job_)
    start(wish);
  else if (!(job_->clip.wish == wish))
    job_->stop = true;  // the next is begun when this one has ended
}

void BlindClips::prepare(const ClipWish& wish) {
  if (job_ || (ahead_ && ahead_->clip.wish == wish)) return;
  if (ahead_) QFile::remove(ahead_->clip.film);
  ahead_.reset();
  start(wish);
}

void BlindClips::stop() {
  wanted_.reset();
  if (job_) job_->stop = true;
}

void BlindClips::start(const ClipWish& wish) {
  job_ = std::make_shared<Job>();
  job_->clip = {wish,
                drawBlindClip(wish.seed, wish.lift, wish.view, width_px_),
                folder_.filePath(QStringLiteral("clip%1.mp4").arg(++number_)),
                {{}, tl::make_unexpected(Error{})}};
  ticks_.start();
  watcher_.setFuture(QtConcurrent::run([job = job_] {
    job->made = makeFilm(job->clip.clip.plan, job->clip.film.toStdString(), [&](double part) {
      job->part = part;
      return !job->stop;
    });
    if (job->made) job->clip.measured = measureBlindClip(job->clip.clip);
    return job;
  }));
}

void BlindClips::finish() {
  const std::shared_ptr<Job> done = std::exchange(job_, nullptr);
  ticks_.stop();
  const bool is_wanted = wanted_ == done->clip.wish;
  if (done->made) {
    if (is_wanted)
      giveOut(done->clip);
    else
      ahead_ = done;
  } else {
    QFile::remove(done->clip.film);
    if (is_wanted && !done->stop) {
      wanted_.reset();
      emit failed(QString::fromStdString(done->made.error().text));
    }
  }
  if (wanted_ && !job_) start(*wanted_);
}

void BlindClips::giveOut(const FilmedClip& clip) {
  wanted_.reset();
  if (!shown_.isEmpty()) QFile::remove(shown_);
  shown_ = clip.film;
  emit ready(std::make_shared<const FilmedClip>(clip));
}

}  // namespace mottix
