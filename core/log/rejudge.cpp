#include "core/log/rejudge.h"

#include <algorithm>

namespace mottix {

std::optional<PreparedLog> prepareLog(std::span<const AthleteRecord> athletes, std::vector<LoggedSet> sets,
                                      const Going& going) {
  PreparedLog log;
  std::map<std::pair<AthleteId, Lift>, std::size_t> book_of;
  std::map<AthleteId, std::vector<PastSet>> past;
  for (std::size_t k = 0; k < sets.size(); ++k) {
    if (going && k % 16 == 0 && !going(static_cast<double>(k) / static_cast<double>(sets.size())))
      return std::nullopt;
    LoggedSet& s = sets[k];
    const auto who = std::find_if(athletes.begin(), athletes.end(),
                                  [&](const AthleteRecord& a) { return a.athlete.id == s.athlete; });
    if (who == athletes.end()) continue;
    const Lift lift = s.edit.asked.lift;
    auto judging = judgingOf(*who, s.edit, s.across, past[s.athlete]);
    if (!judging) {  // layers that mix: the base judges
      AthleteRecord plain = *who;
      plain.athlete.profile = {};
      judging = judgingOf(plain, s.edit, s.across, past[s.athlete]);
      if (!judging) continue;
    }
    const auto [at, first] = book_of.try_emplace({s.athlete, lift}, log.books.size());
    if (first) log.books.push_back(std::move(judging->book));
    log.sets.push_back({s.id, s.athlete, lift, at->second, std::move(judging->set), s.measures});
    past[s.athlete].push_back(asPast(s.edit, s.across, s.measures, s.found));
  }
  return log;
}

std::vector<RuleVerdict> judgeRule(const PreparedLog& log, const std::string& id,
                                   const std::optional<RuleLayer>& house, const Going& going) {
  std::vector<RuleVerdict> out;
  std::vector<RuleBook> books;  // the one rule of each
  for (const RuleBook& book : log.books) {
    RuleBook one;
    one.schools = book.schools;
    for (const Rule& rule : book.rules)
      if (rule.id == id) one.rules.push_back(rule);
    if (house) {
      RuleLayer of_this = *house;
      std::erase_if(of_this.changes, [&](const RuleChange& c) { return c.rule != id; });
      std::erase_if(of_this.rules, [&](const Rule& r) { return r.id != id; });
      if (auto laid = withHouse(one, of_this)) one = std::move(*laid);
    }
    books.push_back(std::move(one));
  }
  for (std::size_t k = 0; k < log.sets.size(); ++k) {
    if (going && k % 32 == 0 && !going(static_cast<double>(k) / static_cast<double>(log.sets.size())))
      return {};
    const PreparedLog::Set& s = log.sets[k];
    const RuleBook& book = books[s.book];
    if (book.rules.empty() || !book.rules.front().isFor(s.lift)) continue;
    const Rule& rule = book.rules.front();
    RuleVerdict verdict{s.id, s.athlete, {}, {}};
    for (const Finding& f : judge(book, s.lift, s.measures, s.set))
      if (f.certainty != Certainty::kCantTell && !verdict.is) verdict.is = f;
    if (const auto value = furthestValue(rule, s.measures, s.set)) verdict.value = value->value;
    out.push_back(std::move(verdict));
  }
  return out;
}

std::vector<VerdictChange> changesBetween(std::span<const RuleVerdict> before,
                                          std::span<const RuleVerdict> after) {
  std::vector<VerdictChange> out;
  for (std::size_t k = 0; k < std::min(before.size(), after.size()); ++k) {
    const auto &b = before[k].is, &a = after[k].is;
    const bool same = b.has_value() == a.has_value() &&
                      (!b || (b->certainty == a->certainty && b->severity == a->severity));
    if (!same) out.push_back({after[k].set, after[k].athlete, b, a});
  }
  return out;
}

}  // namespace mottix
