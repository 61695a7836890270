#include "core/cue/cue_effect.h"

#include <cmath>

namespace mottix {
namespace {

// In parts of the way from limit to big.
constexpr Estimate kUsualCue = {0.33, 0.5};
constexpr double kBetweenAthletes = 0.33, kBetweenSets = 0.4;
constexpr Estimate kUnsaid = {0.2,
                              0.3};  // what a fault loses by itself, as long as there is nothing to tell by

Estimate updated(const Estimate& prior, double value, double variance) {
  const double before = 1.0 / (prior.sd * prior.sd), now = 1.0 / variance;
  return {(prior.value * before + value * now) / (before + now), 1.0 / std::sqrt(before + now)};
}

double squared(double x) {
  return x * x;
}

}  // namespace

Estimate effectOf(const Estimate& before, const Estimate& after, double limit, double big, bool either) {
  const double way = std::abs(big - limit);
  if (!(way > 0.0)) return {};
  const double sign = either ? 1.0 : big > limit ? 1.0 : -1.0;
  const double b = either ? std::abs(before.value) : before.value,
               a = either ? std::abs(after.value) : after.value;
  return {sign * (b - a) / way, std::hypot(before.sd, after.sd) / way};
}

CueEstimate estimateCue(const CueHistory& history, std::string_view cue, std::string_view rule) {
  // What such faults do when nothing is said.
  Estimate unsaid = kUnsaid;
  for (const CueTrial& t : history)
    if (t.cue.empty() && t.rule == rule)
      unsaid = updated(unsaid, t.effect.value, squared(t.effect.sd) + squared(kBetweenSets));
  CueEstimate out;
  // Others first: they are what is believed of the athlete at hand before the own trials count.
  Estimate house = kUsualCue;
  const auto each = [&](bool mine, const auto& use) {
    for (const CueTrial& t : history)
      if (t.cue == cue && t.rule == rule && t.mine == mine)
        use(t.effect.value - unsaid.value, squared(t.effect.sd) + squared(kBetweenSets));
  };
  each(false,
       [&](double v, double variance) { house = updated(house, v, variance + squared(kBetweenAthletes)); });
  Estimate mine{house.value, std::hypot(house.sd, kBetweenAthletes)};
  each(true, [&](double v, double variance) { mine = updated(mine, v, variance); });
  for (const CueTrial& t : history) {
    if (t.cue != cue || t.rule != rule) continue;
    const bool helped = t.effect.value > unsaid.value;
    ++out.told_house;
    out.helped_house += helped;
    if (t.mine) {
      ++out.told;
      out.helped += helped;
    }
    for (const std::string& fault : t.new_faults) ++out.side_effects[fault];
  }
  mine.sd = std::hypot(mine.sd, out.told_house > 0 ? unsaid.sd : 0.0);
  out.effect = mine;
  out.helps = probabilityAbove(mine, 0.0);
  out.too_early =
      out.told_house < kFewestTrials || (out.helps < kSureOfEffect && out.helps > 1.0 - kSureOfEffect);
  return out;
}

}  // namespace mottix
