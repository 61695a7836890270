#include "desk/judging_jobs.h"

#include <sys/resource.h>

#include <algorithm>

#include <QCoreApplication>
#include <QThread>
#include <QtConcurrent>

namespace mottix {

void giveWay() {
  // Who waits for work that has not begun does it themselves; the window gives way to nobody.
  if (QThread::currentThread() == QCoreApplication::instance()->thread()) return;
  constexpr int kAfterTheWindow = 5;
  (void)setpriority(PRIO_PROCESS, 0, kAfterTheWindow);  // of Linux: this thread alone
}

JudgingJobs::JudgingJobs(QObject* parent) : QObject(parent) {
  pool_.setMaxThreadCount(1);
  connect(&watcher_, &QFutureWatcherBase::finished, this, [this] {
    if (watcher_.isFinished()) take();  // not when the next has been begun meanwhile
  });
}

JudgingJobs::~JudgingJobs() {
  watcher_.disconnect();
  pool_.waitForDone();
}

bool JudgingJobs::waits(SetId set) const {
  return std::any_of(waiting_.begin(), waiting_.end(), [set](const auto& m) { return m->set.id == set; });
}

bool JudgingJobs::running(SetId set) const {
  return waits(set) || (at_hand_ && at_hand_->set.id == set);
}

void JudgingJobs::start(SetMaterial material) {
  std::erase_if(waiting_, [&](const auto& m) { return m->set.id == material.set.id; });
  waiting_.push_back(std::make_shared<const SetMaterial>(std::move(material)));
  if (!at_hand_) next();
}

void JudgingJobs::next() {
  if (waiting_.empty()) return;
  at_hand_ = waiting_.front();
  waiting_.pop_front();
  watcher_.setFuture(QtConcurrent::run(&pool_, [material = at_hand_] {
    giveWay();
    return std::make_shared<SetSeen>(judgeSet(*material));
  }));
}

void JudgingJobs::take() {
  if (!at_hand_) return;  // taken already
  const SetId set = at_hand_->set.id;
  const auto seen = watcher_.result();
  at_hand_.reset();
  // Before the next is begun: it may read what is kept of this one.
  if (!waits(set)) emit judged(seen);
  if (!at_hand_) next();
}

void JudgingJobs::finish() {
  while (at_hand_ || !waiting_.empty()) {
    if (!at_hand_) next();
    watcher_.waitForFinished();
    take();
  }
}

}  // namespace mottix
