#include "core/verdict/late_reps.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace mottix {

std::vector<Difference> findLateChanges(const RuleBook& book, const Analysis& analysis, const JudgedSet& set,
                                        std::size_t at_most) {
  std::vector<int> reps;
  for (const Rep& rep : analysis.reps)
    if (!rep.cut_start && !rep.cut_end && !rep.failed) reps.push_back(rep.number);
  if (static_cast<int>(reps.size()) < kRepsForLate || !analysis.on) return {};
  const std::size_t third = reps.size() / 3;

  std::map<MeasureId, std::vector<Difference>> pairs;
  for (std::size_t k = 0; k < third; ++k)
    for (Difference& d : differencesInFilm(analysis.on->input, analysis.reps, analysis.measures, reps[k],
                                           reps[reps.size() - third + k]))
      pairs[d.id].push_back(std::move(d));

  std::map<MeasureId, double> matters;
  for (const Rule& rule : book.rules)
    if (inForce(rule, analysis.on->input.lift, set) && rule.of == RuleOf::kValue)
      for (const MeasureId id : rule.measures) {
        const double half = 0.5 * std::abs(rule.big - rule.limit);
        const auto [at, first] = matters.try_emplace(id, half);
        if (!first) at->second = std::min(at->second, half);
      }
  std::vector<Difference> out;
  for (const auto& [id, all] : pairs) {
    if (all.size() < third) continue;  // not measured in all of them
    Difference mean{id, {}, {}, {}};
    const double n = static_cast<double>(all.size());
    for (const Difference& d : all) {
      mean.first.value += d.first.value / n;
      mean.second.value += d.second.value / n;
      mean.by.value += d.by.value / n;
      // What all reps of a film share does not average out.
      mean.first.sd = std::max(mean.first.sd, d.first.sd);
      mean.second.sd = std::max(mean.second.sd, d.second.sd);
      mean.by.sd = std::max(mean.by.sd, d.by.sd);
    }
    constexpr double kSlower = 0.1;
    const auto rule = matters.find(id);
    const std::optional<double> enough = id == MeasureId::kMeanSpeed
                                             ? std::optional(kSlower * std::abs(mean.first.value))
                                         : rule != matters.end() ? std::optional(rule->second)
                                                                 : std::nullopt;
    if (enough && std::abs(mean.by.value) >= *enough) out.push_back(mean);
  }
  return worthSaying(std::move(out), at_most);
}

}  // namespace mottix
