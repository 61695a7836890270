// Background work on films: following the bar, then finding or carrying the joints. One job a set at a time;
// jobs wait in line and run one after the other (a job uses all cores for decoding): first what the coach
// asked for on a set whose bar is known, then all bars, then all joints. Signals arrive on the thread that
// owns the object.
#pragma once

#include <atomic>
#include <condition_variable>
#include <filesystem>
#include <map>
#include <memory>
#include <mutex>
#include <optional>

#include <QObject>
#include <QThreadPool>

#include "core/log/records.h"
#include "store/house_file.h"
#include "vision/joint_carrier.h"
#include "vision/plate_tracker.h"

namespace mottix {

struct TrackJob {
  SetId set = kNoSet;
  std::filesystem::path film;
  ClipFacts facts;  // kept as they are, but for what the film itself tells
  Asked asked;
  std::optional<PlateSeed> seed;
  SetEdit edit;                       // what the coach has put right
  std::optional<PlacedPoints> place;  // joints to carry; without, the program looks for a squat's itself
  std::optional<Body> body;           // the athlete's, as far as it is known
  std::shared_ptr<const TrackRecord> known;  // the bar's track when it is there already
};

struct TrackOutcome {
  ClipFacts facts;
  TrackRecord record;
  std::optional<Lift> lift;  // what the bar's way shows clearly, where nobody had said the lift
  QString joints_problem;    // why the program found no joints; empty when it did or was not asked to
};

// What is to be done for a set as it stands in the house.
TrackJob jobFor(const HouseFile& house, const SetRecord& set);

class AnalysisJobs : public QObject {
  Q_OBJECT
 public:
  explicit AnalysisJobs(QObject* parent = nullptr);
  ~AnalysisJobs() override;  // stops everything and waits for it

  // Folder of the keypoint network; without it joints are placed by hand.
  void setModels(std::filesystem::path folder) { models_ = std::move(folder); }
  bool findsJoints() const { return !models_.empty(); }

  void start(TrackJob job);
  // Holds the work at its next picture, and what waits behind it; nothing is lost.
  void setPaused(bool paused);
  bool paused() const;
  void cancel(SetId set);
  bool running(SetId set) const { return stops_.contains(set); }
  std::optional<double> partDone(SetId set) const;
  bool idle() const { return stops_.empty(); }

 signals:
  void progressed(mottix::SetId set, double part);
  // The bar alone; the joints of the same film follow.
  void barFound(mottix::SetId set, std::shared_ptr<mottix::TrackOutcome> outcome);
  void finished(mottix::SetId set, std::shared_ptr<mottix::TrackOutcome> outcome);
  void pausedChanged(bool paused);
  void failed(mottix::SetId set, QString reason);
  void cancelled(mottix::SetId set);

 private:
  QThreadPool pool_;
  std::filesystem::path models_;
  std::map<SetId, std::shared_ptr<std::atomic<bool>>> stops_;
  std::map<SetId, double> parts_;
  mutable std::mutex pause_;
  std::condition_variable going_on_;
  bool paused_ = false;  // guarded by pause_
  void forget(SetId set);
  void end(SetId set, const Error& error);
  Progress progressOf(SetId set, double from, double to, std::shared_ptr<std::atomic<bool>> stop);
};

}  // namespace mottix
