// Clips of blind looks, filmed and measured in the background: the one that is wanted, and the next while it
// is looked at. Films lie in a folder of their own that goes with them.
#pragma once

#include <atomic>
#include <memory>

#include <QFutureWatcher>
#include <QObject>
#include <QTemporaryDir>
#include <QTimer>

#include "synth/blind_look.h"

namespace mottix {

struct ClipWish {
  std::uint32_t seed = 0;
  Lift lift = Lift::kSquat;
  View view = View::kSide;
  bool operator==(const ClipWish&) const = default;
};

struct FilmedClip {
  ClipWish wish;
  BlindClip clip;
  QString film;
  MeasuredClip measured;  // judged by the base
};

class BlindClips : public QObject {
  Q_OBJECT
 public:
  explicit BlindClips(QObject* parent = nullptr);
  ~BlindClips() override;
  void setWidth(int width_px) { width_px_ = width_px; }
  // Says `ready` when it is filmed; nothing else is wanted any more.
  void want(const ClipWish& wish);
  // Films ahead, when nothing is being filmed.
  void prepare(const ClipWish& wish);
  void stop();

 signals:
  void progressed(double part);
  void ready(std::shared_ptr<const mottix::FilmedClip> clip);
  void failed(QString reason);

 private:
  struct Job {
    FilmedClip clip;
    std::atomic<double> part = 0.0;
    std::atomic<bool> stop = false;
    Expected<void> made;
  };
  QTemporaryDir folder_;
  int width_px_ = 960;
  int number_ = 0;  // of the films made, for their names
  std::optional<ClipWish> wanted_;
  std::shared_ptr<Job> job_;          // running
  std::shared_ptr<const Job> ahead_;  // made before it was wanted
  QString shown_;                     // film of the clip that was given out last
  QFutureWatcher<std::shared_ptr<Job>> watcher_;
  QTimer ticks_;

  void start(const ClipWish& wish);
  void finish();
  void giveOut(const FilmedClip& clip);
};

}  // namespace mottix
