#include "core/measure/phases.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/measure/posture_reading.h"

namespace mottix {
namespace {

constexpr std::array<std::string_view, 11> kNames = {
    "taking_out", "settling",     "down",    "down_from_knee", "turn",        "up",
    "sticking",   "up_from_knee", "lockout", "reset",          "putting_back"};

// A bar that a lifter stands with sways by 1-2 cm/s; one that is carried goes ten times as fast.
constexpr double kCarried_ms = 0.12;
// Farther along the floor, or up and down, than a lifter shifts about: a step.
constexpr double kStep_m = 0.05;

class Finder {
 public:
  Finder(const MeasureInput& input, const std::vector<Rep>& reps)
      : input_(input), reps_(reps), scenes_(input, reps), last_(input.tracks->frameCount() - 1) {}

  std::vector<Phase> find() {
    if (reps_.empty()) return {{PhaseKind::kSettling, 0, 0, last_}};
    const bool pulled = input_.lift == Lift::kDeadlift;
    before(reps_.front());
    for (std::size_t i = 0; i < reps_.size(); ++i) {
      const Rep& rep = reps_[i];
      if (pulled)
        pull(rep);
      else
        lift(rep);
      const bool another = i + 1 < reps_.size();
      if (another && reps_[i + 1].start_frame > rep.end_frame + 1)
        add(pulled ? PhaseKind::kReset : PhaseKind::kLockout, rep.number, reps_[i + 1].start_frame - 1);
    }
    after(reps_.back());
    return std::move(phases_);
  }

 private:
  const MeasureInput& input_;
  const std::vector<Rep>& reps_;
  RepScenes scenes_;
  std::size_t last_, next_ = 0;  // first picture that has no phase yet
  std::vector<Phase> phases_;

  void add(PhaseKind kind, int rep, std::size_t last) {
    last = std::min(last, last_);
    if (last + 1 <= next_) return;
    phases_.push_back({kind, rep, next_, last});
    next_ = last + 1;
  }

  void lift(const Rep& rep) {
    const RepScene s = scenes_.of(rep);
    if (rep.turn_frame > 0) add(PhaseKind::kDown, rep.number, rep.turn_frame - 1);
    add(PhaseKind::kTurn, rep.number, rep.leave_frame);
    up(s, rep.end_frame, PhaseKind::kUp);
  }
  void pull(const Rep& rep) {
    const RepScene s = scenes_.of(rep);
    const std::size_t knee = posture::kneePassed(s), knee_down = posture::kneePassedDown(s);
    if (knee > rep.start_frame && knee < rep.turn_frame) up(s, knee, PhaseKind::kUp);
    up(s, rep.turn_frame, knee < rep.turn_frame ? PhaseKind::kUpFromKnee : PhaseKind::kUp);
    add(PhaseKind::kLockout, rep.number, rep.leave_frame);
    if (knee_down > rep.leave_frame && knee_down < rep.end_frame)
      add(PhaseKind::kDown, rep.number, knee_down);
    add(knee_down < rep.end_frame ? PhaseKind::kDownFromKnee : PhaseKind::kDown, rep.number, rep.end_frame);
  }
  // Up to a picture, with the sticking region where it lies on the way.
  void up(const RepScene& s, std::size_t to, PhaseKind kind) {
    if (const auto sticks = stickingOf(s); sticks && sticks->first_peak >= next_ && sticks->first_peak < to) {
      if (sticks->first_peak > next_) add(kind, s.rep.number, sticks->first_peak - 1);
      add(PhaseKind::kSticking, s.rep.number, std::min(sticks->slowest, to));
    }
    add(kind, s.rep.number, to);
  }

  // Whether the bar is being carried in a picture: it goes along the floor or up and down faster than by
  // swaying. From the front and the rear only up and down shows.
  bool carried(std::size_t f) const {
    const auto& time = input_.tracks->time_s;
    const std::size_t a = f > 3 ? f - 3 : 0, b = std::min(f + 3, last_);
    if (!scenes_.places().barKnown(a) || !scenes_.places().barKnown(b) || time[b] <= time[a]) return false;
    const Vec2 way = scenes_.places().bar(b) - scenes_.places().bar(a);
    return way.norm() / (time[b] - time[a]) > kCarried_ms;
  }
  // Carried over part of the film, by more than a step in all.
  bool goesAStep(std::size_t from, std::size_t to) const {
    if (!scenes_.places().barKnown(from) || !scenes_.places().barKnown(to)) return false;
    return (scenes_.places().bar(to) - scenes_.places().bar(from)).norm() > kStep_m;
  }
  void before(const Rep& first) {
    if (first.start_frame == 0) return;
    const std::size_t end = first.start_frame - 1;
    if (input_.lift != Lift::kDeadlift) {
      // Half a second before a rep it moves already as the rep's own beginning.
      const double until_s = input_.tracks->time_s[first.start_frame] - 0.5;
      std::size_t settled = 0;
      for (std::size_t f = 0; f <= end && input_.tracks->time_s[f] < until_s; ++f)
        if (carried(f)) settled = f + 1;
      if (settled > 0 && goesAStep(0, std::min(settled, end))) add(PhaseKind::kTakingOut, 0, settled - 1);
    }
    add(PhaseKind::kSettling, 0, end);
  }
  void after(const Rep& last) {
    if (next_ > last_) return;
    const PhaseKind rest = input_.lift == Lift::kDeadlift ? PhaseKind::kReset : PhaseKind::kLockout;
    if (input_.lift != Lift::kDeadlift) {
      const double from_s = input_.tracks->time_s[last.end_frame] + 0.5;
      for (std::size_t f = next_; f <= last_; ++f)
        if (input_.tracks->time_s[f] > from_s && carried(f)) {
          if (!goesAStep(f, last_)) break;
          if (f > next_) add(rest, last.number, f - 1);
          return add(PhaseKind::kPuttingBack, 0, last_);
        }
    }
    add(rest, last.number, last_);
  }
};

}  // namespace

std::string_view nameOf(PhaseKind kind) {
  return kNames[static_cast<std::size_t>(kind)];
}

std::vector<Phase> findPhases(const MeasureInput& input, const std::vector<Rep>& reps) {
  if (input.tracks->frameCount() == 0) return {};
  return Finder(input, reps).find();
}

}  // namespace mottix
