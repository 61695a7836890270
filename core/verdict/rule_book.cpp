#include "core/verdict/rule_book.h"

#include <cassert>
#include <cmath>
#include <set>

#define TOML_EXCEPTIONS 0
#include <toml++/toml.h>

#include "built_in_books.h"

namespace mottix {
namespace {

std::string place(std::string_view file, const toml::node& node) {
  return std::string(file) + ", line " + std::to_string(node.source().begin.line) + ": ";
}

}  // namespace

std::string_view nameOf(Lift lift) {
  return lift == Lift::kSquat ? "squat" : lift == Lift::kBench ? "bench" : "deadlift";
}

std::optional<Lift> liftNamed(std::string_view name) {
  for (Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
    if (nameOf(lift) == name) return lift;
  return std::nullopt;
}

const Rule* RuleBook::find(std::string_view id) const {
  for (const Rule& rule : rules)
    if (rule.id == id) return &rule;
  return nullptr;
}

Expected<RuleBook> parseRuleBook(std::string_view text, std::string_view file_name) {
  const toml::parse_result parsed = toml::parse(text);
  if (!parsed)
    return fail(Remedy::kCorrectInput, std::string(file_name) + ", line " +
                                           std::to_string(parsed.error().source().begin.line) + ": " +
                                           std::string(parsed.error().description()));
  const toml::table& root = parsed.table();
  RuleBook book;
  book.name = root["name"].value_or(std::string());
  book.version = root["version"].value_or(std::string());
  const toml::array* rules = root["rule"].as_array();
  if (book.name.empty() || book.version.empty() || rules == nullptr || rules->empty())
    return fail(Remedy::kCorrectInput,
                std::string(file_name) + ": a rule book needs a name, a version and at least one [[rule]].");
  std::set<std::string> ids;
  for (const toml::node& node : *rules) {
    const toml::table* t = node.as_table();
    auto bad = [&](const std::string& what) {
      return fail(Remedy::kCorrectInput, place(file_name, node) + what);
    };
    if (t == nullptr) return bad("a rule must be a table.");
    static const std::set<std::string_view> kKeys = {"id",    "lifts", "measure", "fault",
                                                     "limit", "big",   "max_sd",  "source"};
    for (const auto& [key, value] : *t)
      if (!kKeys.contains(key.str()))
        return fail(Remedy::kCorrectInput,
                    place(file_name, value) + "unknown entry “" + std::string(key.str()) + "”.");
    Rule rule;
    rule.id = (*t)["id"].value_or(std::string());
    if (rule.id.empty()) return bad("the rule has no id.");
    if (!ids.insert(rule.id).second) return bad("the id “" + rule.id + "” is used twice.");
    const toml::array* lifts = (*t)["lifts"].as_array();
    if (lifts == nullptr || lifts->empty()) return bad(rule.id + " names no lifts.");
    for (const toml::node& l : *lifts) {
      const auto lift = liftNamed(l.value_or(std::string()));
      if (!lift) return bad(rule.id + ": a lift is squat, bench or deadlift.");
      rule.lifts.push_back(*lift);
    }
    const auto* definition = findMeasure((*t)["measure"].value_or(std::string()));
    if (definition == nullptr) return bad(rule.id + ": the measure is not in the catalogue.");
    rule.measure = definition->id;
    const std::string side = (*t)["fault"].value_or(std::string());
    if (side != "above" && side != "below") return bad(rule.id + ": fault must be \"above\" or \"below\".");
    rule.fault = side == "above" ? FaultSide::kAbove : FaultSide::kBelow;
    for (auto [key, target] :
         {std::pair{"limit", &rule.limit}, {"big", &rule.big}, {"max_sd", &rule.max_sd}}) {
      const auto value = (*t)[key].value<double>();
      if (!value || !std::isfinite(*value)) return bad(rule.id + ": " + key + " must be a number.");
      *target = *value;
    }
    const double sign = rule.fault == FaultSide::kAbove ? 1.0 : -1.0;
    if (sign * (rule.big - rule.limit) < 0.0) return bad(rule.id + ": big must lie beyond limit.");
    if (!(rule.max_sd > 0.0)) return bad(rule.id + ": max_sd must be above 0.");
    rule.source = (*t)["source"].value_or(std::string());
    if (rule.source.empty()) return bad(rule.id + ": the source of the numbers is missing.");
    book.rules.push_back(std::move(rule));
  }
  return book;
}

const RuleBook& builtInRuleBook() {
  static const RuleBook book = [] {
    auto parsed = parseRuleBook(kBuiltInRules, "rules/base.toml");
    assert(parsed && "the shipped rule book must be valid; a test reads it");
    return parsed.value_or(RuleBook{});
  }();
  return book;
}

}  // namespace mottix
