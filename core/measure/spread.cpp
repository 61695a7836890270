#include "core/measure/spread.h"

#include <algorithm>
#include <cmath>

namespace mottix {
namespace {

constexpr double kRobustSd = 1.4826, kStandsOut = 3.0;
constexpr double kBeyondError = 2.0;
constexpr std::size_t kEnoughReps = 5;

double medianOf(std::vector<double> v) {
  const auto middle = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  if (v.size() % 2 == 1) return *middle;
  return 0.5 * (*middle + *std::max_element(v.begin(), middle));
}

double scatterOf(const std::vector<double>& v, double about) {
  std::vector<double> off;
  for (double x : v) off.push_back(std::abs(x - about));
  return kRobustSd * medianOf(std::move(off));
}

}  // namespace

std::optional<Spread> spreadOver(const std::vector<Measure>& measures, MeasureId id) {
  std::vector<const Measure*> with;
  std::vector<double> values;
  for (const Measure& m : measures)
    if (m.id == id && m.status == MeasureStatus::kOk) {
      with.push_back(&m);
      values.push_back(m.value.value);
    }
  if (values.size() < 2) return std::nullopt;
  Spread s;
  s.usual = medianOf(values);
  s.between = scatterOf(values, s.usual);
  s.reps = static_cast<int>(values.size());
  if (values.size() < kEnoughReps) return s;
  for (std::size_t i = 0; i < with.size(); ++i) {
    std::vector<double> others = values;
    others.erase(others.begin() + static_cast<long>(i));
    const double usual = medianOf(others), off = std::abs(values[i] - usual);
    if (off > kStandsOut * scatterOf(others, usual) && off > kBeyondError * with[i]->value.sd)
      s.unusual.push_back(with[i]->rep);
  }
  return s;
}

}  // namespace mottix
