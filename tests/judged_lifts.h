// Judgements against simulated truth: sets of all lifts and views with planted faults of graded size, judged
// by what was measured and by what truly was.
#pragma once

#include <array>
#include <map>
#include <string>
#include <vector>

#include "core/verdict/judge.h"
#include "tests/measured_lifts.h"

namespace mottix::known {

struct JudgedLift {
  Lift lift;
  View view;
  bool planted = false;
  JudgedSet set;
  MeasuredLift measured;
};

// Every fourth is clean; in the others faults of a third to twice their usual size, on one rep or on all.
// Joints are placed as well as a careful hand places them.
inline std::vector<JudgedLift> judgedLifts(std::uint32_t first, int sets) {
  constexpr std::array kKinds = {
      std::pair{Lift::kSquat, View::kSide},    std::pair{Lift::kBench, View::kSide},
      std::pair{Lift::kDeadlift, View::kSide}, std::pair{Lift::kSquat, View::kFront},
      std::pair{Lift::kBench, View::kFront},   std::pair{Lift::kDeadlift, View::kFront}};
  std::vector<JudgedLift> out;
  for (std::uint32_t seed = first; static_cast<int>(out.size()) < sets; ++seed) {
    const auto& [lift, view] = kKinds[seed % kKinds.size()];
    JudgedLift one{lift, view, (seed / kKinds.size()) % 4 != 0, {}, {}};
    const bool every_rep = (seed / 5) % 2 == 0;
    one.measured = measureLift(lift, view, seed, {one.planted, every_rep, 0.33, 2.0, 1.0, 1.5});
    if (!one.measured.reps_agree) continue;
    if (planFromSeed(seed, lift, view).standsWide()) one.set.variants = {"sumo"};
    out.push_back(std::move(one));
  }
  return out;
}

enum class Grade { kNone, kBorderline, kSmall, kBig };  // kBorderline: of what is found alone

// Rep by rep and rule by rule.
struct Confusion {
  std::array<std::array<int, 4>, 4> counts{};  // of truth, by what was found
  int cant_tell = 0;
  int outside = 0, agree = 0;  // farther from limit and big than the error band, and graded as it is there
  int reps() const {
    int n = cant_tell;
    for (const auto& row : counts)
      for (const int c : row) n += c;
    return n;
  }
  int count(Grade truth, Grade found) const {
    return counts[static_cast<std::size_t>(truth)][static_cast<std::size_t>(found)];
  }
  int count(Grade truth) const {
    int n = 0;
    for (const int c : counts[static_cast<std::size_t>(truth)]) n += c;
    return n;
  }
  void add(const Confusion& o) {
    for (std::size_t t = 0; t < 4; ++t)
      for (std::size_t f = 0; f < 4; ++f) counts[t][f] += o.counts[t][f];
    cant_tell += o.cant_tell;
    outside += o.outside;
    agree += o.agree;
  }
};

// The error band about a limit, to each side in stated standard deviations: from 1.645 on a finding is clear,
// and as much again noise may take from it in one case of twenty.
inline constexpr double kErrorBand = 2.0 * 1.645;

// One rep alone is judged, so that a grade belongs to it and to nothing else.
inline std::map<std::string, Confusion> confusionOf(const JudgedLift& l,
                                                    const RuleBook& book = builtInRuleBook()) {
  std::map<std::string, Confusion> out;
  const auto of = [](const std::vector<Measure>& all, int rep) {
    std::vector<Measure> some;
    for (const Measure& m : all)
      if (m.rep == rep) some.push_back(m);
    return some;
  };
  int reps = 0;
  for (const Measure& m : l.measured.truth) reps = std::max(reps, m.rep);
  for (int rep = 1; rep <= reps; ++rep) {
    const auto truth = of(l.measured.truth, rep), found = of(l.measured.found, rep);
    for (const Rule& whole : book.rules) {
      RuleBook one;
      one.rules = {whole};
      one.rules.front().reps = 1;
      if (answeredRules(one, l.lift, truth, l.set).empty()) continue;
      const auto is = judge(one, l.lift, truth, l.set), says = judge(one, l.lift, found, l.set);
      Confusion& c = out[whole.id];
      if (answeredRules(one, l.lift, found, l.set).empty()) {
        ++c.cant_tell;
        continue;
      }
      const Grade really = is.empty()                              ? Grade::kNone
                           : is.front().severity == Severity::kBig ? Grade::kBig
                                                                   : Grade::kSmall;
      const Grade said = says.empty()                                  ? Grade::kNone
                         : says.front().certainty != Certainty::kClear ? Grade::kBorderline
                         : says.front().severity == Severity::kBig     ? Grade::kBig
                                                                       : Grade::kSmall;
      ++c.counts[static_cast<std::size_t>(really)][static_cast<std::size_t>(said)];
      // How far truth lies from where the grade changes, in stated errors.
      double nearest = 1e9;
      for (const MeasureId id : whole.measures) {
        const Measure* t = findMeasure(truth, id, rep);
        const Measure* m = findMeasure(found, id, rep);
        if (t == nullptr || m == nullptr || t->status != MeasureStatus::kOk || !(m->value.sd > 0.0)) continue;
        const auto force = inForce(whole, l.lift, l.set);
        const double v = whole.fault == FaultSide::kEither ? std::abs(t->value.value) : t->value.value;
        for (const double at : {force->limit, force->big})
          nearest = std::min(nearest, std::abs(v - at) / m->value.sd);
      }
      if (nearest < kErrorBand) continue;
      ++c.outside;
      c.agree += said == really;
    }
  }
  return out;
}

}  // namespace mottix::known
