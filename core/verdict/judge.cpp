#include "core/verdict/judge.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace mottix {

std::string_view nameOf(Severity severity) {
  return severity == Severity::kBig ? "big" : severity == Severity::kSmall ? "small" : "when_tired";
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

double probabilityBeyond(FaultSide side, const Estimate& value, double limit) {
  const double above = probabilityAbove(value, limit);
  if (side == FaultSide::kAbove) return above;
  if (side == FaultSide::kBelow) return 1.0 - above;
  return above + 1.0 - probabilityAbove(value, -limit);
}

double sizeBeyond(FaultSide side, double value, double limit) {
  if (side == FaultSide::kEither) return std::abs(value) - limit;
  return side == FaultSide::kAbove ? value - limit : limit - value;
}

bool anyOf(const std::vector<std::string>& asked, const JudgedSet& set) {
  return std::any_of(asked.begin(), asked.end(), [&](const std::string& tag) { return set.is(tag); });
}

bool holds(const RuleException& e, const JudgedSet& set) {
  if (!e.variants.empty() && !anyOf(e.variants, set)) return false;
  if (!e.build.empty() && std::find(set.build.begin(), set.build.end(), e.build) == set.build.end())
    return false;
  if (e.complaint && std::none_of(set.complaints.begin(), set.complaints.end(), [&](const Complaint& c) {
        return c.joint == *e.complaint && c.level >= kComplaintThatCounts;
      }))
    return false;
  return !e.effort_from || (set.effort && *set.effort >= *e.effort_from);
}

// One rep under one rule.
struct Seen {
  int rep = 0;
  const Measure* measure = nullptr;
  Certainty certainty = Certainty::kCantTell;
  FindingReason reason = FindingReason::kTooImprecise;
  Estimate value;
  bool fine = false, big = false;
  double size = 0.0;  // beyond the limit
};

// What is not in a rep, or not on the film, is not judged.
bool isAbsent(MeasureStatus status) {
  return status == MeasureStatus::kCut || status == MeasureStatus::kNoLoad ||
         status == MeasureStatus::kNoBody || status == MeasureStatus::kNone;
}

std::optional<Seen> see(const RuleInForce& r, const Measure& m, const JudgedSet& set) {
  const Rule& rule = *r.rule;
  Seen seen;
  seen.rep = m.rep;
  seen.measure = &m;
  seen.value = m.value;
  bool measured = m.status == MeasureStatus::kOk;
  if (m.status == MeasureStatus::kNone && rule.absent) {
    seen.value = {*rule.absent, 0.0};
    measured = true;
  } else if (isAbsent(m.status)) {
    return std::nullopt;
  }
  if (rule.of == RuleOf::kUsual) {
    const auto usual = set.usual.find(m.id);
    if (usual == set.usual.end()) return std::nullopt;
    seen.value = usual->second.from(m.value);
  }
  if (!measured || seen.value.sd > rule.max_sd) {
    seen.reason = reasonOf(m.status);
    seen.size = seen.value.sd;  // the least sure rep stands for the others
    return seen;
  }
  const double p = probabilityBeyond(rule.fault, seen.value, r.limit);
  seen.size = sizeBeyond(rule.fault, seen.value.value, r.limit);
  if (p < kBorderlineProbability) {
    seen.fine = true;
    return seen;
  }
  const bool clear = p >= kClearProbability;
  seen.certainty = clear ? Certainty::kClear : Certainty::kBorderline;
  seen.reason = clear ? FindingReason::kBeyondLimit : FindingReason::kNearLimit;
  seen.big = probabilityBeyond(rule.fault, seen.value, r.big) >= 0.5;
  return seen;
}

bool meets(const Rule& rule, const std::vector<Measure>& measures, int rep) {
  if (!rule.where) return true;
  const Measure* m = findMeasure(measures, rule.where->measure, rep);
  if (m == nullptr || m->status != MeasureStatus::kOk) return false;
  return probabilityBeyond(rule.where->side, m->value, rule.where->value) >= 0.5;
}

// Every rep under a rule: of several measures the one that shows it most.
std::vector<Seen> seeAll(const RuleInForce& r, const std::vector<Measure>& measures, const JudgedSet& set) {
  std::vector<Seen> all;
  for (const Measure& m : measures) {
    const auto& ids = r.rule->measures;
    if (std::find(ids.begin(), ids.end(), m.id) == ids.end() || !meets(*r.rule, measures, m.rep)) continue;
    const auto seen = see(r, m, set);
    if (!seen) continue;
    const auto before =
        std::find_if(all.begin(), all.end(), [&](const Seen& s) { return s.rep == seen->rep; });
    if (before == all.end()) {
      all.push_back(*seen);
      continue;
    }
    // A fault outweighs what cannot be told, and that outweighs what is fine.
    const auto rank = [](const Seen& s) {
      return s.fine                                  ? 3
             : s.certainty == Certainty::kClear      ? 0
             : s.certainty == Certainty::kBorderline ? 1
                                                     : 2;
    };
    if (rank(*seen) < rank(*before) || (rank(*seen) == rank(*before) && seen->size > before->size))
      *before = *seen;
  }
  return all;
}

// Whether these reps are late ones, after as many that were in order.
bool onlyLate(const std::vector<int>& reps, const std::vector<Seen>& all) {
  int last = 0, clean = 0;
  for (const Seen& s : all) {
    last = std::max(last, s.rep);
    clean += s.fine;
  }
  const int first = *std::min_element(reps.begin(), reps.end());
  const int late_from = last - last / 3 + 1;  // the last third
  return clean >= 2 && first >= late_from &&
         std::none_of(all.begin(), all.end(), [&](const Seen& s) { return !s.fine && s.rep < first; });
}

}  // namespace

std::optional<RuleInForce> inForce(const Rule& rule, Lift lift, const JudgedSet& set) {
  if (!rule.isFor(lift) || (!rule.variants.empty() && !anyOf(rule.variants, set)) ||
      anyOf(rule.not_variants, set))
    return std::nullopt;
  RuleInForce r{&rule, rule.limit, rule.big, {}};
  bool off = rule.off;
  for (const RuleException& e : rule.exceptions)
    if (holds(e, set)) {
      off = e.off.value_or(off);
      r.limit = e.limit.value_or(r.limit);
      r.big = e.big.value_or(r.big);
      r.exception = e.why;
      break;
    }
  if (off) return std::nullopt;
  return r;
}

std::vector<Finding> judge(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                           const JudgedSet& set) {
  std::vector<Finding> findings;
  for (const Rule& rule : book.rules) {
    const auto r = inForce(rule, lift, set);
    if (!r) continue;
    const std::vector<Seen> all = seeAll(*r, measures, set);
    // A rule that asks for several reps is clear when so many are.
    const auto clear = std::count_if(
        all.begin(), all.end(), [](const Seen& s) { return !s.fine && s.certainty == Certainty::kClear; });
    const auto near = std::count_if(all.begin(), all.end(), [](const Seen& s) {
      return !s.fine && s.certainty == Certainty::kBorderline;
    });
    std::array<std::optional<Finding>, 3> by_certainty;
    std::array<double, 3> worst{};
    for (const Seen& seen : all) {
      if (seen.fine) continue;
      Certainty certainty = seen.certainty;
      FindingReason reason = seen.reason;
      if (certainty != Certainty::kCantTell && clear + near < rule.reps) continue;
      if (certainty == Certainty::kClear && clear < rule.reps) {
        certainty = Certainty::kBorderline;
        reason = FindingReason::kNearLimit;
      }
      // What only another view could tell, or a film that is less oblique, is said of what must be known.
      if (reason == FindingReason::kWrongView && !rule.must) continue;
      const auto slot = static_cast<std::size_t>(certainty);
      auto& finding = by_certainty[slot];
      const bool first = !finding;
      if (first) {
        finding = Finding{};
        finding->rule = rule.id;
        finding->event = rule.part_of.empty() ? rule.id : rule.part_of;
        finding->certainty = certainty;
        finding->reason = reason;
        finding->limit = r->limit;
        finding->big = r->big;
        finding->exception = r->exception;
        finding->must = rule.must;
      }
      finding->reps.push_back(seen.rep);
      if (seen.big) finding->severity = Severity::kBig;
      if (first || seen.size > worst[slot]) {
        worst[slot] = seen.size;
        finding->frame = seen.measure->frame;
        finding->measure = seen.measure->id;
        finding->value = seen.value;
        if (const auto usual = set.usual.find(seen.measure->id); usual != set.usual.end())
          finding->usual = usual->second;
      }
    }
    for (auto& finding : by_certainty) {
      if (!finding) continue;
      std::sort(finding->reps.begin(), finding->reps.end());
      if (finding->certainty != Certainty::kCantTell && !rule.tired_counts && set.effort &&
          *set.effort >= kHardEffort && onlyLate(finding->reps, all))
        finding->severity = Severity::kWhenTired;
      findings.push_back(std::move(*finding));
    }
  }
  std::stable_sort(findings.begin(), findings.end(), [](const Finding& a, const Finding& b) {
    if (a.certainty != b.certainty) return a.certainty < b.certainty;
    return a.severity > b.severity;
  });
  return findings;
}

std::optional<Estimate> furthestValue(const Rule& rule, const std::vector<Measure>& measures,
                                      const JudgedSet& set) {
  std::optional<Estimate> furthest;
  for (const Measure& m : measures) {
    if (std::find(rule.measures.begin(), rule.measures.end(), m.id) == rule.measures.end() ||
        !meets(rule, measures, m.rep))
      continue;
    Estimate v = m.value;
    if (m.status == MeasureStatus::kNone && rule.absent)
      v = {*rule.absent, 0.0};
    else if (m.status != MeasureStatus::kOk)
      continue;
    if (rule.of == RuleOf::kUsual) {
      const auto usual = set.usual.find(m.id);
      if (usual == set.usual.end()) continue;
      v = usual->second.from(v);
    }
    if (!furthest || sizeBeyond(rule.fault, v.value, 0.0) > sizeBeyond(rule.fault, furthest->value, 0.0))
      furthest = v;
  }
  return furthest;
}

std::vector<const Rule*> answeredRules(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                       const JudgedSet& set) {
  std::vector<const Rule*> out;
  for (const Rule& rule : book.rules)
    if (const auto r = inForce(rule, lift, set)) {
      const auto all = seeAll(*r, measures, set);
      if (std::any_of(all.begin(), all.end(),
                      [](const Seen& s) { return s.fine || s.certainty != Certainty::kCantTell; }))
        out.push_back(&rule);
    }
  return out;
}

std::vector<const Rule*> unseenRules(const RuleBook& book, Lift lift, const std::vector<Measure>& measures,
                                     const JudgedSet& set) {
  std::vector<const Rule*> out;
  for (const Rule& rule : book.rules)
    if (inForce(rule, lift, set) && std::all_of(measures.begin(), measures.end(), [&](const Measure& m) {
          return std::find(rule.measures.begin(), rule.measures.end(), m.id) == rule.measures.end() ||
                 m.status == MeasureStatus::kWrongView;
        }))
      out.push_back(&rule);
  return out;
}

}  // namespace mottix
