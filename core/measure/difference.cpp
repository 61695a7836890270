#include "core/measure/difference.h"

#include <algorithm>
#include <cmath>
#include <execution>
#include <numeric>

#include "core/measure/spread.h"

namespace mottix {
namespace {

// The second reading minus the first as one reading.
Reading minus(const Reading& first, const Reading& second) {
  Reading r = second;
  r.chosen_from.clear();
  for (const Joint j : first.joints)
    if (std::find(r.joints.begin(), r.joints.end(), j) == r.joints.end()) r.joints.push_back(j);
  for (const std::size_t f : first.frames)
    if (std::find(r.frames.begin(), r.frames.end(), f) == r.frames.end()) r.frames.push_back(f);
  r.formula = [a = first.formula, b = second.formula](const Places& p) { return b(p) - a(p); };
  r.uses_bar = first.uses_bar || second.uses_bar;
  r.uses_feet = first.uses_feet || second.uses_feet;
  r.own_sd = std::hypot(first.own_sd, second.own_sd);
  return r;
}

const Measure* okOf(const std::vector<Measure>& measures, MeasureId id, int rep) {
  const Measure* m = findMeasure(measures, id, rep);
  return m != nullptr && m->status == MeasureStatus::kOk ? m : nullptr;
}

Difference independent(MeasureId id, const Estimate& a, const Estimate& b) {
  return {id, a, b, {b.value - a.value, std::hypot(a.sd, b.sd)}};
}

}  // namespace

double Difference::size() const {
  return std::abs(by.value) / definitionOf(id).useless_sd;
}

std::vector<Difference> differencesInFilm(const MeasureInput& input, const std::vector<Rep>& reps,
                                          const std::vector<Measure>& measures, int first, int second) {
  std::vector<Difference> out;
  const RepScenes scenes(input, reps);
  auto readings = [&](int number) {
    for (const Rep& rep : reps)
      if (rep.number == number) return readMeasures(scenes.of(rep));
    return std::vector<ReadMeasure>();
  };
  const auto of_first = readings(first), of_second = readings(second);
  std::vector<std::size_t> both(std::min(of_first.size(), of_second.size()));
  std::iota(both.begin(), both.end(), std::size_t{0});
  auto difference = [&](std::size_t i) -> std::optional<Difference> {
    const MeasureId id = of_first[i].definition->id;
    const Measure *a = okOf(measures, id, first), *b = okOf(measures, id, second);
    if (a == nullptr || b == nullptr) return std::nullopt;
    Difference d = independent(id, a->value, b->value);
    const Reading &ra = of_first[i].reading, &rb = of_second[i].reading;
    if (ra.formula && rb.formula) {
      auto sd = [&](const Reading& r, ErrorPart part) { return propagate(scenes.scene(), r, part).value.sd; };
      d.by.sd = std::hypot(sd(minus(ra, rb), ErrorPart::kOfFilm), sd(ra, ErrorPart::kOfMoment),
                           sd(rb, ErrorPart::kOfMoment));
    }
    return std::isfinite(d.by.sd) ? std::optional(d) : std::nullopt;
  };
  std::vector<std::optional<Difference>> found(both.size());
  std::transform(std::execution::par, both.begin(), both.end(), found.begin(), difference);
  for (const auto& d : found)
    if (d) out.push_back(*d);
  return out;
}

std::vector<Difference> differencesOfReps(const std::vector<Measure>& first, int first_rep,
                                          const std::vector<Measure>& second, int second_rep) {
  std::vector<Difference> out;
  for (const MeasureDefinition* d : measureCatalogue()) {
    const Measure *a = okOf(first, d->id, first_rep), *b = okOf(second, d->id, second_rep);
    if (a != nullptr && b != nullptr) out.push_back(independent(d->id, a->value, b->value));
  }
  return out;
}

std::vector<Difference> differencesOfSets(const std::vector<Measure>& first,
                                          const std::vector<Measure>& second) {
  auto usual = [](const std::vector<Measure>& all, MeasureId id) -> std::optional<Estimate> {
    double variance = 0.0, sum = 0.0;
    int count = 0;
    for (const Measure& m : all)
      if (m.id == id && m.status == MeasureStatus::kOk) {
        variance += m.value.sd * m.value.sd;
        sum += m.value.value;
        ++count;
      }
    if (count == 0) return std::nullopt;
    const auto spread = spreadOver(all, id);
    const double shared = std::sqrt(variance / count);
    if (!spread) return Estimate{sum / count, shared};
    return Estimate{spread->usual, std::hypot(shared, spread->between / std::sqrt(spread->reps))};
  };
  std::vector<Difference> out;
  for (const MeasureDefinition* d : measureCatalogue())
    if (const auto a = usual(first, d->id), b = usual(second, d->id); a && b)
      out.push_back(independent(d->id, *a, *b));
  return out;
}

std::vector<Difference> worthSaying(std::vector<Difference> all, std::size_t at_most) {
  constexpr double kBeyondChance = 3.0;
  std::erase_if(all, [](const Difference& d) { return std::abs(d.inErrors()) < kBeyondChance; });
  std::stable_sort(all.begin(), all.end(),
                   [](const Difference& a, const Difference& b) { return a.size() > b.size(); });
  // Times and speeds of a way say nearly the same; so do two of one unit in one phase.
  auto alike = [](const Difference& a, const Difference& b) {
    const MeasureDefinition &x = definitionOf(a.id), &y = definitionOf(b.id);
    auto pace = [](const MeasureDefinition& d) {
      return d.error == ErrorModel::kSpeeds || d.error == ErrorModel::kTimes;
    };
    return (pace(x) && pace(y)) || (x.unit == y.unit && x.phase == y.phase);
  };
  std::vector<Difference> out;
  for (const Difference& d : all)
    if (out.size() < at_most &&
        std::none_of(out.begin(), out.end(), [&](const Difference& said) { return alike(said, d); }))
      out.push_back(d);
  return out;
}

}  // namespace mottix
