#include "core/measure/catalogue.h"

#include <algorithm>
#include <array>

#include "core/measure/measure_kind.h"

namespace mottix {
namespace {

const std::array<std::span<const MeasureKind>, 6>& tables() {
  static const std::array<std::span<const MeasureKind>, 6> all = {
      squatMeasures(), benchMeasures(), deadliftMeasures(), leverMeasures(), acrossMeasures(), barMeasures()};
  return all;
}

}  // namespace

const std::vector<const MeasureDefinition*>& measureCatalogue() {
  static const std::vector<const MeasureDefinition*> catalogue = [] {
    std::vector<const MeasureDefinition*> all;
    for (const auto& table : tables())
      for (const MeasureKind& kind : table) all.push_back(&kind.definition);
    return all;
  }();
  return catalogue;
}

const MeasureDefinition& definitionOf(MeasureId id) {
  for (const MeasureDefinition* d : measureCatalogue())
    if (d->id == id) return *d;
  return *measureCatalogue().front();
}

const MeasureDefinition* findMeasure(std::string_view name) {
  for (const MeasureDefinition* d : measureCatalogue())
    if (d->name == name) return d;
  return nullptr;
}

std::vector<Lift> liftsOf(MeasureId id) {
  const Lifts& lifts = definitionOf(id).lifts;
  std::vector<Lift> out;
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
    if (lifts.has(lift)) out.push_back(lift);
  return out;
}

}  // namespace mottix
