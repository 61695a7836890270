#include "desk/analysis_jobs.h"

#include <chrono>

#include "desk/set_analysis.h"
#include "vision/joint_finder.h"

namespace mottix {
namespace {

// What is known of a film between the bar and the joints.
struct Stage {
  ClipTracking clip;
  TrackOutcome outcome;
};

bool looksForJoints(const TrackJob& job, const std::filesystem::path& models) {
  return job.place || !models.empty();
}

// Part of the whole work that following the bar is, as shown on the tile.
double barPart(const TrackJob& job, const std::filesystem::path& models) {
  return job.known ? 0.0 : looksForJoints(job, models) ? 0.3 : 1.0;
}

Expected<Stage> runBar(const TrackJob& job, const Progress& progress) {
  Stage stage;
  stage.outcome.facts = job.facts;
  if (job.known) {
    stage.clip.tracks = job.known->tracks;
    stage.clip.axis = job.known->axis;
    stage.clip.two_plates = job.known->two_plates;
  } else {
    TrackSettings settings;
    settings.bar = loadedBar(job.asked);
    settings.seed = job.seed;
    settings.view = job.asked.view;
    auto tracked = trackBar(job.film, settings, progress);
    if (!tracked) return tl::make_unexpected(tracked.error());
    stage.clip = std::move(*tracked);
    stage.outcome.facts = stage.clip.facts;
    stage.outcome.facts.file = job.facts.file;
  }
  if (job.asked.lift_source == LiftSource::kAssumed) {
    const auto guess = guessLift(stage.clip.tracks, stage.clip.axis, loadedBar(job.asked));
    if (guess && guess->sure()) stage.outcome.lift = guess->lift;
  }
  TrackRecord& record = stage.outcome.record;
  record.version = std::string(kBarTrackerVersion);
  record.axis = stage.clip.axis;
  record.two_plates = stage.clip.two_plates;
  record.held = job.asked.held;
  record.tracks = stage.clip.tracks;
  for (JointTrack& track : record.tracks.joints) track.clear();
  return stage;
}

// Joints placed by the coach are carried, else the program looks for them. What it does not find is told in
// the outcome.
Expected<void> followJoints(const TrackJob& job, const std::filesystem::path& models,
                            const ClipTracking& clip, TrackOutcome& out, const Progress& progress) {
  const LoadedBar loaded = loadedBar(job.asked);
  auto network = BodyPointNetwork::load(models);
  const KnownOfLifter lifter{job.asked.facing, job.body, standsWide(job.asked)};
  if (job.place && !clip.tracks.across())
    return trackPlacedJoints(job.film, clip, loaded, job.asked.lift, lifter, *job.place,
                             network ? &*network : nullptr, out.record.carried, progress);
  // Where nobody has said the lift and the bar's way leaves it open, the lifter's posture tells.
  const bool open = job.asked.lift_source == LiftSource::kAssumed && !out.lift;
  Lift likeliest = job.asked.lift;
  if (const auto guess = open ? guessLift(clip.tracks, clip.axis, loaded) : std::nullopt)
    likeliest = guess->lift;
  const auto found = network ? trackFoundJoints(job.film, clip, loaded, liftsToTry(likeliest, open), lifter,
                                                *network, out.record.carried, out.record.found, progress)
                             : tl::make_unexpected(network.error());
  if (found && open && !clip.tracks.across()) out.lift = *found;
  if (found) return {};
  if (found.error().remedy == Remedy::kCancelled) return tl::make_unexpected(found.error());
  out.record.carried = {};
  out.joints_problem = QString::fromStdString(found.error().text);
  return {};
}

Expected<TrackOutcome> runJoints(const TrackJob& job, const std::filesystem::path& models, Stage stage,
                                 const Progress& progress) {
  constexpr double kBack = 0.2;  // part of the work, where there is more
  TrackOutcome out = std::move(stage.outcome);
  ClipTracking& clip = stage.clip;
  out.record.version = std::string(kTrackerVersion);
  // Joints are judged by their motion, so by the clock of life; what is kept is the film's.
  playAsLived(clip.tracks.time_s, job.asked.recorded_fps);
  const bool back = !clip.tracks.across() && backOf(job.edit);
  const bool back_alone = back && job.known && job.known->hasJoints();
  if (back_alone) {
    out.record.carried = job.known->carried;
    out.record.found = job.known->found;
  } else if (auto ok = followJoints(job, models, clip, out, partOf(progress, 0.0, back ? 1.0 - kBack : 1.0));
             !ok) {
    return tl::make_unexpected(ok.error());
  }
  if (!back || !out.record.hasJoints()) return out;
  const auto ok =
      trackBack(job.film, clip, loadedBar(job.asked), job.asked.facing, job.edit, out.record.found,
                out.record.carried, partOf(progress, back_alone ? 0.0 : 1.0 - kBack, 1.0));
  if (!ok && ok.error().remedy == Remedy::kCancelled) return tl::make_unexpected(ok.error());
  if (!ok) out.joints_problem = QString::fromStdString(ok.error().text);
  return out;
}

}  // namespace

TrackJob jobFor(const HouseFile& house, const SetRecord& set) {
  TrackJob job;
  job.set = set.id;
  job.film = house.filmPath(set.clip);
  job.facts = set.clip;
  job.asked = set.edit.asked;
  job.edit = set.edit;
  job.place = figureOf(set.edit);
  job.body = bodyOf(house, set.athlete);
  return job;
}

AnalysisJobs::AnalysisJobs(QObject* parent) : QObject(parent) {
  pool_.setMaxThreadCount(1);
}

AnalysisJobs::~AnalysisJobs() {
  for (auto& [set, stop] : stops_) *stop = true;
  {
    const std::lock_guard lock(pause_);
    paused_ = false;
  }
  going_on_.notify_all();
  pool_.waitForDone();
}

std::optional<double> AnalysisJobs::partDone(SetId set) const {
  const auto at = parts_.find(set);
  return at == parts_.end() ? std::nullopt : std::optional(at->second);
}

bool AnalysisJobs::paused() const {
  const std::lock_guard lock(pause_);
  return paused_;
}

void AnalysisJobs::setPaused(bool paused) {
  {
    const std::lock_guard lock(pause_);
    if (paused_ == paused) return;
    paused_ = paused;
  }
  going_on_.notify_all();
  emit pausedChanged(paused);
}

void AnalysisJobs::forget(SetId set) {
  stops_.erase(set);
  parts_.erase(set);
}

Progress AnalysisJobs::progressOf(SetId set, double from, double to,
                                  std::shared_ptr<std::atomic<bool>> stop) {
  using Clock = std::chrono::steady_clock;
  return [this, set, from, to, stop = std::move(stop), last = Clock::now()](double part) mutable {
    if (Clock::now() - last > std::chrono::milliseconds(60)) {
      last = Clock::now();
      QMetaObject::invokeMethod(this, [this, set, done = from + (to - from) * part] {
        if (!running(set)) return;
        parts_[set] = done;
        emit progressed(set, done);
      });
    }
    std::unique_lock lock(pause_);
    going_on_.wait(lock, [&] { return !paused_ || stop->load(); });
    return !stop->load();
  };
}

void AnalysisJobs::end(SetId set, const Error& error) {
  forget(set);
  if (error.remedy == Remedy::kCancelled)
    emit cancelled(set);
  else
    emit failed(set, QString::fromStdString(error.text));
}

void AnalysisJobs::start(TrackJob job) {
  // What the coach waits for goes first; then all bars, so that every tile soon shows its path; then joints.
  constexpr int kAsked = 2, kBars = 1, kJoints = 0;
  if (running(job.set)) return;
  auto stop = std::make_shared<std::atomic<bool>>(false);
  stops_[job.set] = stop;
  parts_[job.set] = 0.0;
  const int priority = job.known ? kAsked : kBars;
  pool_.start(
      [this, job = std::move(job), models = models_, stop] {
        const double part = barPart(job, models);
        const Progress progress = progressOf(job.set, 0.0, part, stop);
        auto stage = progress(0.0) ? runBar(job, progress) : fail(Remedy::kCancelled, "Stopped.");
        QMetaObject::invokeMethod(this, [this, job, models, stop, part, stage = std::move(stage)]() mutable {
          if (!stage) return end(job.set, stage.error());
          job.asked.lift = stage->outcome.lift.value_or(job.asked.lift);
          if (!looksForJoints(job, models)) {
            forget(job.set);
            stage->outcome.record.version = std::string(kTrackerVersion);
            return emit finished(job.set, std::make_shared<TrackOutcome>(std::move(stage->outcome)));
          }
          if (!job.known) emit barFound(job.set, std::make_shared<TrackOutcome>(stage->outcome));
          const int next = job.known ? kAsked : kJoints;
          pool_.start(
              [this, job, models, stop, part, stage = std::move(*stage)]() mutable {
                const Progress going = progressOf(job.set, part, 1.0, stop);
                auto outcome = going(0.0) ? runJoints(job, models, std::move(stage), going)
                                          : fail(Remedy::kCancelled, "Stopped.");
                QMetaObject::invokeMethod(
                    this, [this, set = job.set, outcome = std::move(outcome)]() mutable {
                      if (!outcome) return end(set, outcome.error());
                      forget(set);
                      emit finished(set, std::make_shared<TrackOutcome>(std::move(*outcome)));
                    });
              },
              next);
        });
      },
      priority);
}

void AnalysisJobs::cancel(SetId set) {
  const auto at = stops_.find(set);
  if (at == stops_.end()) return;
  {
    const std::lock_guard lock(pause_);
    *at->second = true;
  }
  going_on_.notify_all();
}

}  // namespace mottix
