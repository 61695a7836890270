// Watches a folder, and those in it, for films that come: a phone's shared folder, a card that is copied. A
// film is told when it has come whole: its size has not changed for a while. Looked at on a thread: a folder
// may be large, or far away.
#pragma once

#include <map>
#include <set>
#include <vector>

#include <QDateTime>
#include <QFileSystemWatcher>
#include <QFutureWatcher>
#include <QObject>
#include <QTimer>

namespace mottix {

class FolderWatch : public QObject {
  Q_OBJECT
 public:
  explicit FolderWatch(QObject* parent = nullptr);
  ~FolderWatch() override;
  // Empty: none. Films last changed before `since` were there already, and are not told.
  void watch(const QString& folder, const QDateTime& since);
  QString folder() const { return folder_; }
  // Films that lie there now, whenever they came.
  static QStringList filmsIn(const QString& folder);
  void setPatience(int ms) { settle_.setInterval(ms); }

 signals:
  void came(QString film);
  void lost(QString folder);  // it is there no more

 private:
  QString folder_;
  QDateTime since_;
  QFileSystemWatcher watcher_;
  QTimer settle_;                      // runs while something grows
  std::map<QString, qint64> growing_;  // size when it was looked at last
  std::set<QString> told_;
  struct Film {
    QString path;
    qint64 bytes = 0;
    QDateTime changed;
  };
  struct Seen {
    QString folder;
    bool there = false;
    QStringList inner;  // one level down, as a folder for each athlete is
    std::vector<Film> films;
  };
  QFutureWatcher<Seen> looking_;
  bool stirred_ = false;  // something changed since it was looked at last
  static Seen lookAt(const QString& folder);
  void look();
  void take(const Seen& seen);
};

}  // namespace mottix
