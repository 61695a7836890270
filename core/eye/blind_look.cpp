#include "core/eye/blind_look.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace mottix {
namespace {

constexpr std::array<std::string_view, 3> kCalledNames = {"nothing", "small", "big"};

// How far on the fault's side; the limits with the same sign.
double badness(FaultSide side, double value) {
  return side == FaultSide::kAbove ? value : side == FaultSide::kBelow ? -value : std::abs(value);
}

constexpr double kRandom = 0.02, kLapse = 0.04;  // calls where there is nothing; misses of what is plain

// Logarithms of the probability to call, and not to, by how far beyond the eye's limit in its own spreads:
// looked up, since years of looks are asked at every place of the grid.
class CallTable {
 public:
  CallTable() {
    for (std::size_t k = 0; k < kSize; ++k) {
      const double z = -kMost + kStep * static_cast<double>(k);
      const double p = kRandom + (1.0 - kRandom - kLapse) * 0.5 * std::erfc(-z / std::sqrt(2.0));
      log_[0][k] = std::log(1.0 - p);
      log_[1][k] = std::log(p);
    }
  }
  // Of all calls together, for an eye that calls from `from` on with this spread.
  double sumOf(const std::vector<std::pair<double, bool>>& calls, double from, double spread) const {
    const double per = 1.0 / (spread * kStep), first = (kMost - from / spread) / kStep + 0.5;
    double sum = 0.0;
    for (const auto& [beyond, called] : calls) {
      const double place = std::clamp(per * beyond + first, 0.0, static_cast<double>(kSize - 1));
      sum += log_[called ? 1 : 0][static_cast<std::size_t>(place)];
    }
    return sum;
  }

 private:
  static constexpr double kMost = 6.0, kStep = 0.005;
  static constexpr std::size_t kSize = 2401;
  std::array<std::array<double, kSize>, 2> log_{};
};

}  // namespace

std::string_view nameOf(Called called) {
  return kCalledNames[static_cast<std::size_t>(called)];
}

std::optional<Called> calledNamed(std::string_view name) {
  for (std::size_t k = 0; k < kCalledNames.size(); ++k)
    if (kCalledNames[k] == name) return static_cast<Called>(k);
  return std::nullopt;
}

std::vector<const Rule*> callableRules(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                       const JudgedSet& set) {
  std::vector<const Rule*> all = answeredRules(book, lift, measures, set);
  const std::vector<const Rule*> answered = all;
  std::erase_if(all, [&](const Rule* rule) {
    return std::any_of(answered.begin(), answered.end(),
                       [&](const Rule* other) { return other->id == rule->part_of; });
  });
  return all;
}

std::vector<Glance> compareCalls(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                 const JudgedSet& set, std::span<const EyeMark> marks) {
  const std::vector<Finding> findings = judge(book, lift, measures, set);
  std::vector<Glance> out;
  for (const Rule* rule : callableRules(book, lift, measures, set)) {
    const auto force = inForce(*rule, lift, set);
    Glance g;
    g.rule = rule->id;
    g.value = furthestValue(*rule, measures, set).value_or(Estimate{});
    g.limit = force->limit;
    g.big = force->big;
    g.is = Called::kNothing;
    for (const Finding& f : findings) {
      if (f.rule != rule->id && f.event != rule->id) continue;
      if (f.certainty == Certainty::kClear) {
        const Called size = f.severity == Severity::kBig ? Called::kBig : Called::kSmall;
        g.is = std::max(g.is.value_or(Called::kNothing), size);
        g.reps.insert(g.reps.end(), f.reps.begin(), f.reps.end());
      } else if (f.certainty == Certainty::kBorderline && g.is == Called::kNothing) {
        g.is.reset();
      }
    }
    std::sort(g.reps.begin(), g.reps.end());
    g.reps.erase(std::unique(g.reps.begin(), g.reps.end()), g.reps.end());
    for (const EyeMark& mark : marks)
      if (mark.rule == rule->id) {
        g.called = std::max(g.called, mark.size);
        g.called_on.push_back(mark.rep);
      }
    std::sort(g.called_on.begin(), g.called_on.end());
    out.push_back(std::move(g));
  }
  return out;
}

EyeOfRule estimateEye(const Rule& rule, std::span<const BlindLook> looks) {
  EyeOfRule eye;
  std::vector<std::pair<double, bool>> calls;  // how far on the fault's side, and whether it was called
  for (const BlindLook& look : looks)
    for (const Glance& g : look.seen) {
      if (g.rule != rule.id) continue;
      ++eye.looks;
      const bool called = g.called != Called::kNothing;
      calls.emplace_back(badness(rule.fault, g.value.value), called);
      if (!g.is) continue;
      const bool there = *g.is != Called::kNothing;
      (there ? eye.there : eye.not_there) += 1;
      if (called) (there ? eye.seen : eye.invented) += 1;
    }
  if (calls.empty()) return eye;

  const double limit = badness(rule.fault, rule.limit), unit = std::abs(rule.big - rule.limit);
  for (auto& [bad, called] : calls) bad = (bad - limit) / unit;  // in units beyond the limit
  static const CallTable table;
  constexpr double kPrior = 1.5;  // of the eye's limit about the book's, in units
  constexpr int kSteps = 161;
  constexpr double kFrom = -4.0, kTo = 4.0;  // units from the limit
  constexpr std::array kWidths = {0.1, 0.2, 0.35, 0.6, 1.0, 1.5};
  std::vector<double> log_weight, at;
  for (int k = 0; k < kSteps; ++k) {
    const double from_limit = kFrom + (kTo - kFrom) * k / (kSteps - 1);
    for (const double width : kWidths) {
      log_weight.push_back(table.sumOf(calls, from_limit, width) -
                           0.5 * from_limit * from_limit / (kPrior * kPrior));
      at.push_back(limit + from_limit * unit);
    }
  }
  const double most = *std::max_element(log_weight.begin(), log_weight.end());
  double sum = 0.0, first = 0.0, second = 0.0;
  for (std::size_t k = 0; k < at.size(); ++k) {
    const double w = std::exp(log_weight[k] - most);
    sum += w;
    first += w * at[k];
    second += w * at[k] * at[k];
  }
  const double mean = first / sum, sd = std::sqrt(std::max(0.0, second / sum - mean * mean));
  constexpr double kTooEarly = 0.5;  // of what lies between limit and big
  if (sd <= kTooEarly * unit) eye.from = Estimate{rule.fault == FaultSide::kBelow ? -mean : mean, sd};
  return eye;
}

std::vector<EyeDay> eyeByDay(std::span<const BlindLook> looks) {
  std::map<std::string, EyeDay> days;
  for (const BlindLook& look : looks) {
    EyeDay& day = days[look.day];
    day.day = look.day;
    ++day.looks;
    for (const Glance& g : look.seen) {
      if (!g.is) continue;
      const bool there = *g.is != Called::kNothing, called = g.called != Called::kNothing;
      day.there += there;
      day.seen += there && called;
      day.invented += !there && called;
    }
  }
  std::vector<EyeDay> out;
  for (auto& [name, day] : days) out.push_back(std::move(day));
  return out;
}

}  // namespace mottix
