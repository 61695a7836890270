#include "desk/folder_watch.h"

#include <QDir>
#include <QDirIterator>
#include <QFileInfo>
#include <QtConcurrent>

namespace mottix {
namespace {

constexpr int kPatience_ms = 2000;

}  // namespace

FolderWatch::FolderWatch(QObject* parent) : QObject(parent) {
  settle_.setInterval(kPatience_ms);
  connect(&settle_, &QTimer::timeout, this, &FolderWatch::look);
  connect(&watcher_, &QFileSystemWatcher::directoryChanged, this, [this] {
    stirred_ = true;
    settle_.start();
  });
  connect(&looking_, &QFutureWatcherBase::finished, this, [this] { take(looking_.result()); });
}

FolderWatch::~FolderWatch() {
  looking_.disconnect();
  looking_.waitForFinished();
}

QStringList FolderWatch::filmsIn(const QString& folder) {
  QStringList films;
  const QStringList endings = {QStringLiteral("*.mp4"), QStringLiteral("*.mov"),  QStringLiteral("*.m4v"),
                               QStringLiteral("*.mkv"), QStringLiteral("*.webm"), QStringLiteral("*.avi"),
                               QStringLiteral("*.3gp"), QStringLiteral("*.mts")};
  QDirIterator it(folder, endings, QDir::Files | QDir::Readable, QDirIterator::Subdirectories);
  while (it.hasNext()) films << it.next();
  films.sort();
  return films;
}

void FolderWatch::watch(const QString& folder, const QDateTime& since) {
  if (!watcher_.directories().isEmpty()) watcher_.removePaths(watcher_.directories());
  growing_.clear();
  told_.clear();
  folder_ = folder;
  since_ = since;
  settle_.stop();
  if (folder_.isEmpty()) return;
  watcher_.addPath(folder_);
  settle_.start();  // what came while nobody watched
}

FolderWatch::Seen FolderWatch::lookAt(const QString& folder) {
  Seen seen{folder, QFileInfo(folder).isDir(), {}, {}};
  if (!seen.there) return seen;
  for (const QFileInfo& inner : QDir(folder).entryInfoList(QDir::Dirs | QDir::NoDotAndDotDot))
    seen.inner << inner.filePath();
  for (const QString& film : filmsIn(folder)) {
    const QFileInfo info(film);
    seen.films.push_back({film, info.size(), info.lastModified()});
  }
  return seen;
}

void FolderWatch::look() {
  if (looking_.isRunning()) return;
  stirred_ = false;
  looking_.setFuture(QtConcurrent::run([folder = folder_] { return lookAt(folder); }));
}

void FolderWatch::take(const Seen& seen) {
  if (seen.folder != folder_) return;  // another one is watched by now
  if (!seen.there) {
    settle_.stop();
    emit lost(folder_);
    return;
  }
  const QStringList watched = watcher_.directories();
  for (const QString& inner : seen.inner)
    if (!watched.contains(inner)) watcher_.addPath(inner);
  bool grows = false;
  for (const Film& film : seen.films) {
    if (told_.count(film.path) > 0 || (since_.isValid() && film.changed < since_)) continue;
    const auto [at, fresh] = growing_.try_emplace(film.path, film.bytes);
    if (fresh || at->second != film.bytes || film.bytes == 0) {
      at->second = film.bytes;
      grows = true;
      continue;
    }
    growing_.erase(at);
    told_.insert(film.path);
    emit came(film.path);
  }
  if (!grows && !stirred_) settle_.stop();
}

}  // namespace mottix
