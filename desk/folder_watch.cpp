#include "desk/folder_watch.h"

#include <QDir>
#include <QDirIterator>
#include <QFileInfo>

namespace mottix {
namespace {

constexpr int kPatience_ms = 2000;

}  // namespace

FolderWatch::FolderWatch(QObject* parent) : QObject(parent) {
  settle_.setInterval(kPatience_ms);
  connect(&settle_, &QTimer::timeout, this, &FolderWatch::look);
  connect(&watcher_, &QFileSystemWatcher::directoryChanged, this, [this] { settle_.start(); });
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

void FolderWatch::look() {
  if (!QFileInfo(folder_).isDir()) {
    settle_.stop();
    emit lost(folder_);
    return;
  }
  // One level down, as a folder for each athlete is.
  for (const QFileInfo& inner : QDir(folder_).entryInfoList(QDir::Dirs | QDir::NoDotAndDotDot))
    if (!watcher_.directories().contains(inner.filePath())) watcher_.addPath(inner.filePath());
  bool grows = false;
  for (const QString& film : filmsIn(folder_)) {
    const QFileInfo info(film);
    if (told_.count(film) > 0 || (since_.isValid() && info.lastModified() < since_)) continue;
    const auto [at, fresh] = growing_.try_emplace(film, info.size());
    if (fresh || at->second != info.size() || info.size() == 0) {
      at->second = info.size();
      grows = true;
      continue;
    }
    growing_.erase(at);
    told_.insert(film);
    emit came(film);
  }
  if (!grows) settle_.stop();
}

}  // namespace mottix
