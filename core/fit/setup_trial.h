// Two set-ups compared on the athlete's own sets.
//
// A set counts once: the mean over its reps. What is compared is the mean over the sets of each set-up; the
// error comes from how much the sets of one set-up scatter, but never less than the measures' own error
// (Welch's comparison of two means, key welch1947; limits of 95 % by Student's t). With fewer than three sets
// of each, scatter cannot be told from difference and nothing is said.
#pragma once

#include <optional>
#include <vector>

#include "core/base/estimate.h"
#include "core/measure/measure_set.h"

namespace mottix {

struct TrialSet {
  double load_kg = 0.0;
  std::optional<double> effort;   // as reported, 10: nothing left
  std::optional<double> comfort;  // 0..10, 10: nothing hurts or hinders
  std::vector<Measure> measures;
};

enum class TrialMeasure { kDepthMargin, kTrunkChange, kBarForward, kSpeed, kEffort, kComfort };
inline constexpr std::size_t kTrialMeasureCount = 6;

enum class TrialVerdict { kNotEnoughSets, kNoDifferenceSeen, kDiffers };

inline constexpr int kFewestTrialSets = 3;

struct TrialLine {
  TrialMeasure what = TrialMeasure::kDepthMargin;
  int sets_a = 0, sets_b = 0;          // sets that have it
  std::optional<double> a, b;          // means, in the measure's unit
  std::optional<Estimate> difference;  // b - a; only with enough sets
  std::optional<double> load_kg;       // speed: the load at which it was compared
  TrialVerdict verdict = TrialVerdict::kNotEnoughSets;
};
// One line a measure, in order. Speed is compared at equal load: sets within 2.5 % of the load that most sets
// of both share.
std::vector<TrialLine> compareSetups(const std::vector<TrialSet>& a, const std::vector<TrialSet>& b);

// Whether more is better (1), less is (-1), or neither by itself (0).
int betterDirection(TrialMeasure what);

}  // namespace mottix
