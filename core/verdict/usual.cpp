#include "core/verdict/usual.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/verdict/judge.h"

namespace mottix {
namespace {

double medianOf(std::vector<double> v) {
  const auto middle = v.begin() + static_cast<long>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  if (v.size() % 2 == 1) return *middle;
  return 0.5 * (*middle + *std::max_element(v.begin(), middle));
}

bool alike(const PastSet& a, const PastSet& b) {
  auto sorted = [](std::vector<std::string> v) {
    std::sort(v.begin(), v.end());
    return v;
  };
  return a.lift == b.lift && a.across == b.across && sorted(a.variants) == sorted(b.variants);
}

bool alikeInEffort(const PastSet& a, const PastSet& b) {
  return !a.effort || !b.effort || std::abs(*a.effort - *b.effort) <= kLikeEffort;
}

Usual usualOf(const std::vector<Estimate>& sets) {
  std::vector<double> values, off, errors;
  for (const Estimate& e : sets) {
    values.push_back(e.value);
    errors.push_back(e.sd);
  }
  Usual u;
  u.value.value = medianOf(values);
  for (const double v : values) off.push_back(std::abs(v - u.value.value));
  constexpr double kToSd = 1.4826;             // of a normal spread, from its median distance
  constexpr double kMedianAgainstMean = 1.25;  // a median scatters by so much more than a mean
  const double spread = kToSd * medianOf(off), error = medianOf(errors);
  u.between = std::sqrt(std::max(0.0, spread * spread - error * error));
  u.value.sd = kMedianAgainstMean * std::max(spread, error) / std::sqrt(static_cast<double>(sets.size()));
  u.sets = static_cast<int>(sets.size());
  return u;
}

}  // namespace

std::optional<Estimate> middleRep(const std::vector<Measure>& measures, MeasureId id) {
  std::vector<double> values, errors;
  for (const Measure& m : measures)
    if (m.id == id && m.status == MeasureStatus::kOk) {
      values.push_back(m.value.value);
      errors.push_back(m.value.sd);
    }
  if (values.empty()) return std::nullopt;
  return Estimate{medianOf(values), medianOf(errors)};
}

int likeSets(std::span<const PastSet> past, const PastSet& now) {
  return static_cast<int>(
      std::count_if(past.begin(), past.end(), [&](const PastSet& p) { return alike(p, now); }));
}

Usuals usualsOf(std::span<const PastSet> past, const PastSet& now) {
  std::map<MeasureId, std::vector<Estimate>> all, like;
  for (const PastSet& p : past) {
    if (!alike(p, now)) continue;
    std::set<MeasureId> ids;
    for (const Measure& m : p.measures) ids.insert(m.id);
    for (const MeasureId id : ids)
      if (const auto value = middleRep(p.measures, id)) {
        all[id].push_back(*value);
        if (alikeInEffort(p, now)) like[id].push_back(*value);
      }
  }
  Usuals usuals;
  for (const auto& [id, sets] : all) {
    const bool enough = like[id].size() >= kSetsForUsual;
    const auto& from = enough ? like[id] : sets;
    if (from.size() < kSetsForUsual) continue;
    Usual u = usualOf(from);
    u.any_effort = !enough;
    usuals[id] = u;
  }
  return usuals;
}

std::vector<ChangeFromUsual> findChanges(const RuleBook& book, Lift lift,
                                         const std::vector<Measure>& measures, const JudgedSet& set) {
  constexpr double kCertain = 2.0;  // standard deviations
  std::map<MeasureId, double> matters;
  for (const Rule& rule : book.rules)
    if (const auto r = inForce(rule, lift, set))
      for (const MeasureId id : rule.measures) {
        const double half = 0.5 * std::abs(r->big - r->limit);
        const auto [at, first] = matters.try_emplace(id, half);
        if (!first) at->second = std::min(at->second, half);
      }
  std::vector<ChangeFromUsual> changes;
  for (const auto& [id, enough] : matters) {
    const auto usual = set.usual.find(id);
    const auto now = middleRep(measures, id);
    if (usual == set.usual.end() || !now) continue;
    const Estimate by = usual->second.from(*now);
    if (std::abs(by.value) >= std::max(enough, kCertain * by.sd))
      changes.push_back({id, *now, by, usual->second});
  }
  std::sort(changes.begin(), changes.end(), [](const ChangeFromUsual& a, const ChangeFromUsual& b) {
    return std::abs(a.by.value) / a.by.sd > std::abs(b.by.value) / b.by.sd;
  });
  return changes;
}

}  // namespace mottix
