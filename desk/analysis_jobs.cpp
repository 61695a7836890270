#include "desk/analysis_jobs.h"

#include <chrono>

#include "vision/joint_finder.h"

namespace mottix {
namespace {

Expected<TrackOutcome> runJob(const TrackJob& job, const std::filesystem::path& models,
                              const Progress& progress) {
  TrackOutcome out;
  out.facts = job.facts;
  const bool find = !job.place && !models.empty() && job.asked.lift == Lift::kSquat;
  const double bar_part = !job.place && !find ? 1.0 : job.known ? 0.0 : 0.3;
  auto joint_progress = [&](double p) { return progress(bar_part + (1.0 - bar_part) * p); };
  ClipTracking clip;
  if (job.known) {
    clip.tracks = job.known->tracks;
    clip.axis = job.known->axis;
    clip.two_plates = job.known->two_plates;
  } else {
    TrackSettings settings;
    settings.plate_mm = job.asked.plate_mm;
    settings.seed = job.seed;
    auto tracked = trackBar(job.film, settings, [&](double p) { return progress(bar_part * p); });
    if (!tracked) return tl::make_unexpected(tracked.error());
    clip = std::move(*tracked);
    const std::string file = out.facts.file;
    out.facts = clip.facts;
    out.facts.file = file;
  }
  out.record.version = std::string(kTrackerVersion);
  out.record.axis = clip.axis;
  out.record.two_plates = clip.two_plates;
  if (job.place) {
    auto carried = trackJoints(job.film, clip, loadedBar(job.asked), job.asked.lift, job.asked.facing,
                               *job.place, out.record.carried, joint_progress);
    if (!carried) return tl::make_unexpected(carried.error());
  } else if (find) {
    auto network = BodyPointNetwork::load(models);
    const auto found =
        network ? trackFoundJoints(job.film, clip, loadedBar(job.asked), job.asked.facing, job.body, *network,
                                   out.record.carried, out.record.found_sd_px, joint_progress)
                : tl::make_unexpected(network.error());
    // The bar is worth keeping when the joints are not found.
    if (!found && found.error().remedy == Remedy::kCancelled && job.known)
      return tl::make_unexpected(found.error());
    if (!found) {
      out.record.carried = {};
      out.joints_problem = QString::fromStdString(found.error().text);
    }
  }
  out.record.tracks = std::move(clip.tracks);
  for (JointTrack& track : out.record.tracks.joints) track.clear();
  return out;
}

}  // namespace

TrackJob jobFor(const HouseFile& house, const SetRecord& set) {
  TrackJob job;
  job.set = set.id;
  job.film = house.filmPath(set.clip);
  job.facts = set.clip;
  job.asked = set.edit.asked;
  job.place = figureOf(set.edit);
  if (const auto record = house.loadRecord(set.athlete))
    if (const auto who = subjectOf(*record)) job.body = who->body;
  return job;
}

AnalysisJobs::AnalysisJobs(QObject* parent) : QObject(parent) {
  pool_.setMaxThreadCount(1);
}

AnalysisJobs::~AnalysisJobs() {
  for (auto& [set, stop] : stops_) *stop = true;
  pool_.waitForDone();
}

std::optional<double> AnalysisJobs::partDone(SetId set) const {
  const auto at = parts_.find(set);
  return at == parts_.end() ? std::nullopt : std::optional(at->second);
}

void AnalysisJobs::forget(SetId set) {
  stops_.erase(set);
  parts_.erase(set);
}

void AnalysisJobs::start(TrackJob job) {
  if (running(job.set)) return;
  auto stop = std::make_shared<std::atomic<bool>>(false);
  stops_[job.set] = stop;
  parts_[job.set] = 0.0;
  pool_.start([this, job = std::move(job), models = models_, stop] {
    auto last = std::chrono::steady_clock::now();
    const auto outcome = runJob(job, models, [&](double part) {
      const auto now = std::chrono::steady_clock::now();
      if (now - last > std::chrono::milliseconds(60)) {
        last = now;
        QMetaObject::invokeMethod(this, [this, set = job.set, part] {
          if (!running(set)) return;
          parts_[set] = part;
          emit progressed(set, part);
        });
      }
      return !stop->load();
    });
    auto shared = outcome ? std::make_shared<TrackOutcome>(*outcome) : nullptr;
    const Error error = outcome ? Error{} : outcome.error();
    QMetaObject::invokeMethod(this, [this, set = job.set, shared, error] {
      forget(set);
      if (shared)
        emit finished(set, shared);
      else if (error.remedy == Remedy::kCancelled)
        emit cancelled(set);
      else
        emit failed(set, QString::fromStdString(error.text));
    });
  });
}

void AnalysisJobs::cancel(SetId set) {
  const auto at = stops_.find(set);
  if (at != stops_.end()) *at->second = true;
}

}  // namespace mottix
