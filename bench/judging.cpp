#include "bench/judging.h"

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <map>
#include <random>
#include <vector>

#include "core/eye/blind_look.h"
#include "core/log/judging.h"
#include "core/verdict/late_reps.h"
#include "synth/blind_look.h"
#include "tests/judged_lifts.h"

namespace mottix {
namespace {

double millisecondsOf(const auto& work) {
  const auto start = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
}

// Early against late reps, of simulated sets of four reps.
double lateChangesMs() {
  std::vector<double> ms;
  for (std::uint32_t seed = 1; seed <= 20; ++seed) {
    const MeasuredClip clip = measureBlindClip(drawBlindClip(seed, Lift::kSquat, View::kSide));
    if (clip.analysis)
      ms.push_back(millisecondsOf([&] { (void)findLateChanges(builtInRuleBook(), *clip.analysis, {}); }));
  }
  std::nth_element(ms.begin(), ms.begin() + static_cast<long>(ms.size() / 2), ms.end());
  return ms[ms.size() / 2];
}

// Simulated eyes that call depth from a size of their own on, with a spread of their own: how well that size
// is found after so many clips.
void printEyes() {
  const Rule& rule = *builtInRuleBook().find("squat.high");
  const double unit = rule.big - rule.limit;
  std::printf(
      "\n| clips that could be called | told of 500 eyes | error (RMS) | stated | within 1 sd | within 2 sd "
      "|\n"
      "|---|---|---|---|---|---|\n");
  for (const int clips : {10, 20, 40, 80}) {
    std::mt19937 draw(static_cast<std::uint32_t>(clips));
    std::normal_distribution<double> normal(0.0, 1.0);
    std::uniform_real_distribution<double> even(0.0, 1.0);
    int told = 0, within = 0, within_two = 0;
    double square = 0.0, stated = 0.0;
    constexpr int kEyes = 500;
    for (int eye = 0; eye < kEyes; ++eye) {
      const double from = rule.limit + unit * (-0.5 + 2.0 * even(draw)),
                   spread = unit * (0.1 + 0.6 * even(draw));
      std::vector<BlindLook> looks(static_cast<std::size_t>(clips));
      for (BlindLook& look : looks) {
        const double cm = rule.limit + unit * (-1.5 + 4.0 * even(draw));
        Glance g;
        g.rule = rule.id;
        g.value = {cm, 0.2};
        g.is = cm > rule.limit ? Called::kSmall : Called::kNothing;
        // One in fifty is a slip of the hand.
        const bool called = even(draw) < 0.02 ? even(draw) < 0.5 : cm + spread * normal(draw) > from;
        g.called = called ? Called::kSmall : Called::kNothing;
        look.seen = {g};
      }
      const auto estimate = estimateEye(rule, looks).from;
      if (!estimate) continue;
      const double error = estimate->value - from;
      ++told;
      square += error * error;
      stated += estimate->sd;
      within += std::abs(error) <= estimate->sd;
      within_two += std::abs(error) <= 2.0 * estimate->sd;
    }
    const double n = std::max(1, told);
    std::printf("| %d | %d | %.2f cm | %.2f cm | %.0f %% | %.0f %% |\n", clips, told, std::sqrt(square / n),
                stated / n, 100.0 * within / n, 100.0 * within_two / n);
  }
}

void printTimes(const std::vector<known::JudgedLift>& lifts) {
  std::vector<double> one_ms;
  for (const auto& l : lifts)
    one_ms.push_back(
        millisecondsOf([&] { (void)judge(builtInRuleBook(), l.lift, l.measured.found, l.set); }));
  std::nth_element(one_ms.begin(), one_ms.begin() + static_cast<long>(one_ms.size() / 2), one_ms.end());
  const double median = one_ms[one_ms.size() / 2], most = *std::max_element(one_ms.begin(), one_ms.end());
  RuleBook moved = builtInRuleBook();
  moved.rules.front().limit += 1.0;
  const double all_ms = millisecondsOf([&] {
    for (std::size_t k = 0; k < 500; ++k) {
      const auto& l = lifts[k % lifts.size()];
      (void)judge(moved, l.lift, l.measured.found, l.set);
    }
  });
  std::printf(
      "\nJudging a set: %.2f ms (median; greatest %.2f). 500 stored sets after a limit was moved: %.0f ms. "
      "Early against late reps of a set: %.1f ms.\n",
      median, most, all_ms, lateChangesMs());
}

}  // namespace

void benchJudging(std::uint32_t first, int sets) {
  const auto lifts = known::judgedLifts(first, sets);
  std::map<std::string, known::Confusion> by_rule;
  known::Confusion all;
  int clean = 0, invented = 0;
  for (const auto& l : lifts) {
    const auto counted = known::confusionOf(l);
    for (const auto& [rule, c] : counted) {
      by_rule[rule].add(c);
      all.add(c);
    }
    if (!l.planted) {
      ++clean;
      for (const auto& [rule, c] : counted)
        invented += c.count(known::Grade::kNone, known::Grade::kSmall) +
                    c.count(known::Grade::kNone, known::Grade::kBig);
    }
  }
  std::printf(
      "| rule | reps | none, found none | borderline | clear | small, found none | borderline | small | big "
      "| big, found "
      "none | borderline | small | big | can't tell | agreement outside the band |\n"
      "|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|\n");
  const auto row = [](const char* name, const known::Confusion& c) {
    using known::Grade;
    const auto n = [&](Grade truth, Grade found) { return c.count(truth, found); };
    std::printf("| %s | %d | %d | %d | %d | %d | %d | %d | %d | %d | %d | %d | %d | %d | %.1f %% of %d |\n",
                name, c.reps(), n(Grade::kNone, Grade::kNone), n(Grade::kNone, Grade::kBorderline),
                n(Grade::kNone, Grade::kSmall) + n(Grade::kNone, Grade::kBig), n(Grade::kSmall, Grade::kNone),
                n(Grade::kSmall, Grade::kBorderline), n(Grade::kSmall, Grade::kSmall),
                n(Grade::kSmall, Grade::kBig), n(Grade::kBig, Grade::kNone),
                n(Grade::kBig, Grade::kBorderline), n(Grade::kBig, Grade::kSmall),
                n(Grade::kBig, Grade::kBig), c.cant_tell, c.outside > 0 ? 100.0 * c.agree / c.outside : 100.0,
                c.outside);
  };
  for (const auto& [rule, c] : by_rule)
    if (c.count(known::Grade::kSmall) + c.count(known::Grade::kBig) > 0) row(rule.c_str(), c);
  row("**all rules**", all);
  std::printf("\n%zu sets, %d of them clean, on which %d reps were clearly called a fault that is none.\n",
              lifts.size(), clean, invented);
  printTimes(lifts);
  printEyes();
}

}  // namespace mottix
