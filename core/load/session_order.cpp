#include "core/load/session_order.h"

#include <algorithm>

namespace mottix {
namespace {

// One by one, from the inside out.
std::vector<PlateKind> spread(const Loading& loading) {
  std::vector<PlateKind> out;
  for (const PlateKind& p : loading.side)
    for (int n = 0; n < p.count; ++n) {
      out.push_back(p);
      out.back().count = 1;
    }
  return out;
}

void add(std::vector<PlateKind>& list, const PlateKind& plate) {
  if (!list.empty() && list.back().each == plate.each && list.back().in_lb == plate.in_lb)
    ++list.back().count;
  else
    list.push_back(plate);
}

}  // namespace

int BarTurn::moved() const {
  int n = other_bar ? 2 : 0;
  for (const PlateKind& p : off) n += p.count;
  for (const PlateKind& p : on) n += p.count;
  return n;
}

BarTurn turnBetween(const std::optional<Loading>& before, const BarStep& step) {
  BarTurn turn{step, {}, {}, before && before->bar != step.loading.bar};
  const std::vector<PlateKind> had = before ? spread(*before) : std::vector<PlateKind>(),
                               wants = spread(step.loading);
  std::size_t same = 0;
  while (!turn.other_bar && same < had.size() && same < wants.size() && had[same] == wants[same]) ++same;
  for (std::size_t k = had.size(); k > same; --k) add(turn.off, had[k - 1]);
  for (std::size_t k = same; k < wants.size(); ++k) add(turn.on, wants[k]);
  return turn;
}

Expected<std::vector<BarStep>> stepsOf(std::size_t lifter, const std::vector<PlannedSet>& sets,
                                       const Gear& gear, const Rigging& on) {
  std::vector<BarStep> out;
  if (sets.empty()) return out;
  if (sets.front().role != SetRole::kClimb) {
    const auto warm = warmUpTo(gear, on.bar, Mass::ofKg(sets.front().load_kg) - on.at_top);
    if (!warm) return tl::make_unexpected(warm.error());
    for (const WarmUpSet& s : *warm) out.push_back({lifter, s.loading, s.reps, true});
  }
  for (const PlannedSet& s : sets) {
    const auto loading = loadPlates(gear, on.bar, {Mass::ofKg(s.load_kg), on.at_top, false});
    if (!loading) return tl::make_unexpected(loading.error());
    for (int n = 0; n < s.sets; ++n) out.push_back({lifter, *loading, s.reps, false});
  }
  return out;
}

std::vector<BarTurn> loadingOrder(const std::vector<std::vector<BarStep>>& lifters) {
  std::vector<BarTurn> out;
  std::vector<std::size_t> next(lifters.size(), 0);
  std::optional<Loading> on_bar;
  for (;;) {
    std::optional<BarTurn> best;
    std::size_t best_left = 0;
    for (std::size_t l = 0; l < lifters.size(); ++l) {
      if (next[l] >= lifters[l].size()) continue;
      BarTurn turn = turnBetween(on_bar, lifters[l][next[l]]);
      const std::size_t left = lifters[l].size() - next[l];
      const auto again = [&](const BarTurn& t) {
        return !out.empty() && out.back().step.lifter == t.step.lifter;
      };
      // Who has just lifted rests, where another can go on the same or with one plate more to move.
      constexpr int kRestIsWorth = 2;
      const auto cost = [&](const BarTurn& t) { return t.moved() + (again(t) ? kRestIsWorth : 0); };
      if (!best || cost(turn) < cost(*best) || (cost(turn) == cost(*best) && left > best_left)) {
        best = std::move(turn);
        best_left = left;
      }
    }
    if (!best) break;
    ++next[best->step.lifter];
    on_bar = best->step.loading;
    out.push_back(std::move(*best));
  }
  return out;
}

}  // namespace mottix
