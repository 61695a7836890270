#include "core/fit/setup_trial.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace mottix {
namespace {

constexpr double kEqualLoad = 0.025;  // the finest step of small plates on a working weight

// 97.5 % point of Student's t for 1 to 30 degrees of freedom; beyond, that of the normal distribution with
// its first correction.
double studentLimit(double freedom) {
  constexpr std::array kTable = {12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228,
                                 2.201,  2.179, 2.160, 2.145, 2.131, 2.120, 2.110, 2.101, 2.093, 2.086,
                                 2.080,  2.074, 2.069, 2.064, 2.060, 2.056, 2.052, 2.048, 2.045, 2.042};
  const auto whole = static_cast<std::size_t>(std::max(1.0, std::floor(freedom)));
  return whole <= kTable.size() ? kTable[whole - 1] : 1.960 + 2.37 / freedom;
}

std::optional<MeasureId> measureOf(TrialMeasure what) {
  switch (what) {
    case TrialMeasure::kDepthMargin:
      return MeasureId::kDepthMargin;
    case TrialMeasure::kTrunkChange:
      return MeasureId::kTrunkChange;
    case TrialMeasure::kBarForward:
      return MeasureId::kBarForwardMax;
    case TrialMeasure::kSpeed:
      return MeasureId::kMeanSpeed;
    default:
      return std::nullopt;
  }
}

// Mean over the reps; its error is that of one rep, since what errs (camera, placement) errs on all alike.
std::optional<Estimate> valueOf(const TrialSet& set, TrialMeasure what) {
  // Read off by a coach or told by the athlete: half a step either way.
  constexpr double kSpokenSd = 0.5;
  if (what == TrialMeasure::kEffort)
    return set.effort ? std::optional(Estimate{*set.effort, kSpokenSd}) : std::nullopt;
  if (what == TrialMeasure::kComfort)
    return set.comfort ? std::optional(Estimate{*set.comfort, kSpokenSd}) : std::nullopt;
  double sum = 0.0, sd = 0.0;
  int n = 0;
  for (const Measure& m : set.measures)
    if (m.id == *measureOf(what) && m.status == MeasureStatus::kOk) {
      sum += m.value.value;
      sd += m.value.sd;
      ++n;
    }
  if (n == 0) return std::nullopt;
  return Estimate{sum / n, sd / n};
}

struct Group {
  std::vector<Estimate> values;
  double mean() const {
    double sum = 0.0;
    for (const Estimate& e : values) sum += e.value;
    return sum / static_cast<double>(values.size());
  }
  // Of one set: between the sets, or what the measuring alone would give.
  double variance() const {
    double between = 0.0, own = 0.0;
    const double m = mean();
    for (const Estimate& e : values) {
      between += (e.value - m) * (e.value - m);
      own += e.sd * e.sd;
    }
    const auto n = static_cast<double>(values.size());
    return std::max(between / (n - 1.0), own / n);
  }
};

Group groupOf(const std::vector<TrialSet>& sets, TrialMeasure what, std::optional<double> load_kg) {
  Group out;
  for (const TrialSet& s : sets) {
    if (load_kg && std::abs(s.load_kg - *load_kg) > kEqualLoad * *load_kg) continue;
    if (const auto v = valueOf(s, what)) out.values.push_back(*v);
  }
  return out;
}

}  // namespace

int betterDirection(TrialMeasure what) {
  switch (what) {
    case TrialMeasure::kDepthMargin:  // negative is below parallel
    case TrialMeasure::kTrunkChange:
    case TrialMeasure::kBarForward:
    case TrialMeasure::kEffort:
      return -1;
    case TrialMeasure::kSpeed:
    case TrialMeasure::kComfort:
      return 1;
  }
  return 0;
}

std::vector<TrialLine> compareSetups(const std::vector<TrialSet>& a, const std::vector<TrialSet>& b) {
  std::vector<TrialLine> lines;
  for (std::size_t k = 0; k < kTrialMeasureCount; ++k) {
    TrialLine line;
    line.what = static_cast<TrialMeasure>(k);
    Group ga = groupOf(a, line.what, std::nullopt), gb = groupOf(b, line.what, std::nullopt);
    if (line.what == TrialMeasure::kSpeed) {
      std::size_t most = 0;
      for (const TrialSet& s : a) {
        if (!(s.load_kg > 0.0)) continue;
        const Group la = groupOf(a, line.what, s.load_kg), lb = groupOf(b, line.what, s.load_kg);
        const std::size_t shared = std::min(la.values.size(), lb.values.size());
        if (shared <= most) continue;
        most = shared;
        line.load_kg = s.load_kg;
      }
      if (line.load_kg) {
        ga = groupOf(a, line.what, line.load_kg);
        gb = groupOf(b, line.what, line.load_kg);
      } else {
        ga = gb = {};
      }
    }
    line.sets_a = static_cast<int>(ga.values.size());
    line.sets_b = static_cast<int>(gb.values.size());
    if (!ga.values.empty()) line.a = ga.mean();
    if (!gb.values.empty()) line.b = gb.mean();
    if (line.sets_a >= kFewestTrialSets && line.sets_b >= kFewestTrialSets) {
      const double ea = ga.variance() / line.sets_a, eb = gb.variance() / line.sets_b;
      const double sd = std::sqrt(ea + eb);
      line.difference = Estimate{*line.b - *line.a, sd};
      const double freedom =
          sd > 0.0 ? (ea + eb) * (ea + eb) / (ea * ea / (line.sets_a - 1) + eb * eb / (line.sets_b - 1))
                   : 1.0;
      line.verdict = std::abs(line.difference->value) > studentLimit(freedom) * sd
                         ? TrialVerdict::kDiffers
                         : TrialVerdict::kNoDifferenceSeen;
    }
    lines.push_back(line);
  }
  return lines;
}

}  // namespace mottix
