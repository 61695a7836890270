// Judges sets behind the window, one after another, each on all cores. What was asked last of a set counts:
// what is found for an older wish is dropped. Signals arrive on the thread that owns the object.
#pragma once

#include <deque>
#include <memory>

#include <QFutureWatcher>
#include <QObject>
#include <QThreadPool>

#include "desk/set_analysis.h"

namespace mottix {

// The calling thread runs after others from now on, but for the window's own: it answers first where cores
// are few.
void giveWay();

class JudgingJobs : public QObject {
  Q_OBJECT
 public:
  explicit JudgingJobs(QObject* parent = nullptr);
  ~JudgingJobs() override;  // drops what waits

  void start(SetMaterial material);
  bool running(SetId set) const;  // or waiting
  // Does all of it now: `judged` has been emitted for each when it returns.
  void finish();

 signals:
  void judged(const std::shared_ptr<mottix::SetSeen>& seen);

 private:
  std::deque<std::shared_ptr<const SetMaterial>> waiting_;
  std::shared_ptr<const SetMaterial> at_hand_;
  QFutureWatcher<std::shared_ptr<SetSeen>> watcher_;
  QThreadPool pool_;

  bool waits(SetId set) const;
  void next();
  void take();
};

}  // namespace mottix
