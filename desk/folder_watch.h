// Watches a folder, and those in it, for films that come: a phone's shared folder, a card that is copied. A
// film is told when it has come whole: its size has not changed for a while.
#pragma once

#include <map>
#include <set>

#include <QDateTime>
#include <QFileSystemWatcher>
#include <QObject>
#include <QTimer>

namespace mottix {

class FolderWatch : public QObject {
  Q_OBJECT
 public:
  explicit FolderWatch(QObject* parent = nullptr);
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
  void look();
};

}  // namespace mottix
