#include "core/verdict/judge.h"

#include <algorithm>
#include <array>
#include <optional>

namespace mottix {

std::string_view nameOf(Severity severity) {
  return severity == Severity::kBig ? "big" : "small";
}

std::string_view nameOf(Certainty certainty) {
  switch (certainty) {
    case Certainty::kClear:
      return "clear";
    case Certainty::kBorderline:
      return "borderline";
    case Certainty::kCantTell:
      return "cant_tell";
  }
  return "";
}

std::string_view nameOf(FindingReason reason) {
  switch (reason) {
    case FindingReason::kBeyondLimit:
      return "beyond_limit";
    case FindingReason::kNearLimit:
      return "near_limit";
    case FindingReason::kJointsMissing:
      return "joints_missing";
    case FindingReason::kFeetMissing:
      return "feet_missing";
    case FindingReason::kWrongView:
      return "wrong_view";
    case FindingReason::kBarLost:
      return "bar_lost";
    case FindingReason::kTooImprecise:
      return "too_imprecise";
  }
  return "";
}

namespace {

FindingReason reasonOf(MeasureStatus status) {
  switch (status) {
    case MeasureStatus::kNoJoints:
      return FindingReason::kJointsMissing;
    case MeasureStatus::kNoFeet:
      return FindingReason::kFeetMissing;
    case MeasureStatus::kWrongView:
    case MeasureStatus::kTooOblique:
      return FindingReason::kWrongView;
    case MeasureStatus::kBarLost:
      return FindingReason::kBarLost;
    case MeasureStatus::kOk:
    case MeasureStatus::kImprecise:
    case MeasureStatus::kCut:
    case MeasureStatus::kNoLoad:
    case MeasureStatus::kNoBody:
    case MeasureStatus::kNone:
      break;
  }
  return FindingReason::kTooImprecise;
}

double probabilityBeyond(const Rule& rule, const Estimate& value, double limit) {
  const double above = probabilityAbove(value, limit);
  return rule.fault == FaultSide::kAbove ? above : 1.0 - above;
}

}  // namespace

std::vector<Finding> judge(const RuleBook& book, Lift lift, const std::vector<Measure>& measures) {
  std::vector<Finding> findings;
  for (const Rule& rule : book.rules) {
    if (std::find(rule.lifts.begin(), rule.lifts.end(), lift) == rule.lifts.end()) continue;
    std::array<std::optional<Finding>, 3> by_certainty;
    std::array<double, 3> worst{};
    for (const Measure& m : measures) {
      // What the film does not show of a rep, or what a rep does not have, is not judged.
      const bool absent = m.status == MeasureStatus::kCut || m.status == MeasureStatus::kNoLoad ||
                          m.status == MeasureStatus::kNoBody || m.status == MeasureStatus::kNone;
      if (m.id != rule.measure || absent) continue;
      Certainty certainty;
      FindingReason reason;
      double weight = 0.0;
      bool big = false;
      if (m.status != MeasureStatus::kOk || m.value.sd > rule.max_sd) {
        certainty = Certainty::kCantTell;
        reason = reasonOf(m.status);
      } else {
        const double p = probabilityBeyond(rule, m.value, rule.limit);
        if (p < kBorderlineProbability) continue;
        const bool clear = p >= kClearProbability;
        certainty = clear ? Certainty::kClear : Certainty::kBorderline;
        reason = clear ? FindingReason::kBeyondLimit : FindingReason::kNearLimit;
        big = probabilityBeyond(rule, m.value, rule.big) >= 0.5;
        weight = rule.fault == FaultSide::kAbove ? m.value.value - rule.limit : rule.limit - m.value.value;
      }
      const auto slot = static_cast<std::size_t>(certainty);
      auto& finding = by_certainty[slot];
      const bool first = !finding;
      if (first) {
        finding = Finding{};
        finding->rule = rule.id;
        finding->certainty = certainty;
        finding->reason = reason;
      }
      finding->reps.push_back(m.rep);
      if (big) finding->severity = Severity::kBig;
      if (first || weight > worst[slot]) {
        worst[slot] = weight;
        finding->frame = m.frame;
      }
    }
    for (auto& finding : by_certainty)
      if (finding) findings.push_back(std::move(*finding));
  }
  std::stable_sort(findings.begin(), findings.end(), [](const Finding& a, const Finding& b) {
    if (a.certainty != b.certainty) return a.certainty < b.certainty;
    return a.severity > b.severity;
  });
  return findings;
}

}  // namespace mottix
