// What is done with the whole house: all of it as one zip, athletes of another house, deleting somebody for
// good, back to a backup. What takes long runs on a thread; one at a time.
#pragma once

#include <atomic>
#include <functional>
#include <memory>
#include <optional>

#include <QFutureWatcher>
#include <QObject>
#include <QString>

#include "store/house_exchange.h"

class QMenu;
class QWidget;

namespace mottix {

class HouseMenu : public QObject {
  Q_OBJECT
 public:
  HouseMenu(HouseFile& house, QWidget* window);
  ~HouseMenu() override;
  // `who`: the athlete at hand, who may be deleted.
  // `watched`: the folder that is watched for new films; empty: none.
  void popup(const QPoint& at, std::optional<AthleteId> who, const QString& watched);
  bool running() const { return working_.isRunning(); }
  void exportTo(const QString& file, bool films);
  void takeFrom(const QString& file, OnSameName on_same);
  // Everything of them; with `films` the films that nobody else is on, too.
  void remove(AthleteId who, bool films);
  void stop();

 public slots:
  void askExport();
  void askTake();
  void askWatch();
  void askRemove(mottix::AthleteId who);

 signals:
  void said(QString text);
  void changed();  // athletes came or went
  void goBackWanted(QString backup);
  // A folder is watched from now on, or none; `all`: what lies there already is taken in as well.
  void watchWanted(QString folder, bool all);
  void filmingWanted();
  void keysWanted();
  void walkWanted();

 private:
  struct Done {
    QString words;
    bool changed = false;
  };
  HouseFile& house_;
  QWidget* window_;
  QFutureWatcher<Done> working_;
  std::shared_ptr<std::atomic<bool>> stop_;
  void run(const QString& doing, std::function<Done(const ExchangeGoing&)> work);
};

}  // namespace mottix
