#include "core/verdict/rule_book.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <set>

#include "built_in_books.h"
#include "core/base/toml_table.h"
#include "core/verdict/judged_set.h"

namespace mottix {
namespace {

constexpr std::array<std::string_view, 8> kPhases = {"set-up", "start",    "way down",  "bottom",
                                                     "way up", "lock-out", "whole rep", "between reps"};

std::optional<FaultSide> sideNamed(const std::string& name) {
  if (name == "above") return FaultSide::kAbove;
  if (name == "below") return FaultSide::kBelow;
  if (name == "either") return FaultSide::kEither;
  return std::nullopt;
}

bool beyond(FaultSide side, double value, double limit) {
  return side == FaultSide::kBelow ? value <= limit : value >= limit;
}

std::vector<Lift> readLifts(TomlTable& t) {
  std::vector<Lift> lifts;
  for (const std::string& name : t.texts("lifts")) {
    const auto lift = liftNamed(name);
    if (!lift) {
      t.wrong("a lift is squat, bench or deadlift, not “" + name + "”.");
      return lifts;
    }
    lifts.push_back(*lift);
  }
  if (lifts.empty()) t.wrong("names no lifts.");
  return lifts;
}

std::vector<std::string> readVariants(TomlTable& t, const char* key) {
  std::vector<std::string> tags = t.texts(key);
  for (const std::string& tag : tags)
    if (!isVariantTag(tag)) t.wrong("“" + tag + "” is no variant (" + std::string(variantTagList()) + ").");
  return tags;
}

std::optional<MeasureId> readMeasure(TomlTable& t, const std::string& name) {
  const auto* definition = findMeasure(name);
  if (definition == nullptr) {
    t.wrong("the measure “" + name + "” is not in the catalogue.");
    return std::nullopt;
  }
  return definition->id;
}

std::optional<int> readReps(TomlTable& t) {
  const auto reps = t.number("reps");
  if (!reps) return std::nullopt;
  if (*reps >= 1.0 && *reps <= 20.0 && *reps == std::floor(*reps)) return static_cast<int>(*reps);
  t.wrong("reps must be a whole number between 1 and 20.");
  return std::nullopt;
}

RuleException readException(TomlTable& t, const Rule& rule) {
  RuleException e;
  e.variants = readVariants(t, "variants");
  e.build = t.text("build");
  if (!e.build.empty() && !isBuildTag(e.build))
    t.wrong("“" + e.build + "” is no build (" + std::string(buildTagList()) + ").");
  if (const std::string joint = t.text("complaint"); !joint.empty()) {
    e.complaint = complaintJointNamed(joint);
    if (!e.complaint) t.wrong("“" + joint + "” is no joint of a complaint.");
  }
  e.effort_from = t.number("effort_from");
  e.off = t.flag("off");
  e.limit = t.number("limit");
  e.big = t.number("big");
  e.why = t.text("why");
  if (e.variants.empty() && e.build.empty() && !e.complaint && !e.effort_from)
    t.wrong("an exception needs variants, build, complaint or effort_from.");
  if (!e.off && !e.limit && !e.big) t.wrong("an exception needs off, limit or big.");
  if (!beyond(rule.fault, e.big.value_or(rule.big), e.limit.value_or(rule.limit)))
    t.wrong("big must lie beyond limit.");
  if (e.why.empty()) t.wrong("an exception says why.");
  return e;
}

Rule readRule(TomlTable& t, const std::string& school) {
  Rule rule;
  rule.school = school;
  rule.id = t.text("id");
  if (rule.id.empty()) t.wrong("the rule has no id.");
  t.call(rule.id);
  rule.lifts = readLifts(t);
  rule.variants = readVariants(t, "variants");
  rule.not_variants = readVariants(t, "not_variants");
  rule.phase = t.text("phase");
  if (std::find(kPhases.begin(), kPhases.end(), rule.phase) == kPhases.end())
    t.wrong("phase must be set-up, start, way down, bottom, way up, lock-out, whole rep or between reps.");
  rule.part_of = t.text("part_of");
  std::vector<std::string> measures = t.texts("measures");
  if (const std::string one = t.text("measure"); !one.empty()) measures.push_back(one);
  if (measures.empty()) t.wrong("names no measure.");
  for (const std::string& name : measures)
    if (const auto id = readMeasure(t, name)) {
      rule.measures.push_back(*id);
      if (definitionOf(*id).unit != definitionOf(rule.measures.front()).unit)
        t.wrong("measures of one rule have one unit.");
      for (const Lift lift : rule.lifts)
        if (!definitionOf(*id).lifts.has(lift))
          t.wrong("“" + name + "” is not read of a " + std::string(nameOf(lift)) + ".");
    }
  const std::string fault = t.text("fault"), of = t.text("of");
  if (const auto side = sideNamed(fault))
    rule.fault = *side;
  else
    t.wrong("fault must be \"above\", \"below\" or \"either\".");
  if (of == "usual")
    rule.of = RuleOf::kUsual;
  else if (!of.empty() && of != "value")
    t.wrong("of must be \"value\" or \"usual\".");
  for (auto [key, target] : {std::pair{"limit", &rule.limit}, {"big", &rule.big}, {"max_sd", &rule.max_sd}}) {
    const auto value = t.number(key);
    if (!value) t.wrong(std::string(key) + " must be a number.");
    *target = value.value_or(0.0);
  }
  if (!beyond(rule.fault, rule.big, rule.limit)) t.wrong("big must lie beyond limit.");
  if (!(rule.max_sd > 0.0)) t.wrong("max_sd must be above 0.");
  if (rule.fault == FaultSide::kEither && rule.limit <= 0.0) t.wrong("a limit to either side is above 0.");
  rule.reps = readReps(t).value_or(1);
  rule.off = t.flag("off").value_or(false);
  rule.must = t.flag("must").value_or(false);
  rule.tired_counts = t.flag("tired_counts").value_or(false);
  rule.weight = t.number("weight").value_or(1.0);
  if (!(rule.weight > 0.0 && rule.weight <= 10.0)) t.wrong("weight must lie between 0 and 10.");
  rule.absent = t.number("absent");
  for (auto [key, target] : {std::pair{"says", &rule.says},
                             {"maybe", &rule.maybe},
                             {"asks", &rule.asks},
                             {"fine", &rule.fine},
                             {"reads", &rule.reads},
                             {"source", &rule.source}}) {
    *target = t.text(key);
    if (target->empty()) t.wrong(std::string(key) + " is missing.");
  }
  if (rule.reads.find("{}") == std::string::npos) t.wrong("reads must say where the values go: {}.");
  rule.caution = t.text("caution");
  rule.why = t.text("why");
  t.table("where", [&](TomlTable& w) {
    const auto id = readMeasure(w, w.text("measure"));
    const auto above = w.number("above"), below = w.number("below");
    if (above.has_value() == below.has_value()) w.wrong("where needs above or below.");
    if (id)
      rule.where =
          RuleWhere{*id, above ? FaultSide::kAbove : FaultSide::kBelow, above ? *above : below.value_or(0.0)};
  });
  t.tables("unless", [&](TomlTable& e) { rule.exceptions.push_back(readException(e, rule)); });
  return rule;
}

template <typename Range, typename Name>
std::string listOf(const Range& range, const Name& name) {
  std::string out = "[";
  for (const auto& one : range) out += (out.size() > 1 ? ", " : "") + tomlText(std::string(name(one)));
  return out + "]";
}

std::string toToml(const Rule& r) {
  const auto nameSide = [](FaultSide s) {
    return s == FaultSide::kAbove ? "above" : s == FaultSide::kBelow ? "below" : "either";
  };
  std::string out = "\n[[rule]]\nid = " + tomlText(r.id) +
                    "\nlifts = " + listOf(r.lifts, [](Lift l) { return nameOf(l); }) + "\n";
  if (!r.variants.empty()) out += "variants = " + tomlList(r.variants) + "\n";
  if (!r.not_variants.empty()) out += "not_variants = " + tomlList(r.not_variants) + "\n";
  if (!r.part_of.empty()) out += "part_of = " + tomlText(r.part_of) + "\n";
  out += "phase = " + tomlText(r.phase) +
         "\nmeasures = " + listOf(r.measures, [](MeasureId id) { return definitionOf(id).name; }) +
         "\nfault = \"" + nameSide(r.fault) + "\"\n";
  if (r.of == RuleOf::kUsual) out += "of = \"usual\"\n";
  out += "limit = " + tomlNumber(r.limit) + "\nbig = " + tomlNumber(r.big) +
         "\nmax_sd = " + tomlNumber(r.max_sd) + "\n";
  if (r.reps != 1) out += "reps = " + std::to_string(r.reps) + "\n";
  for (auto [key, on] : {std::pair{"off", r.off}, {"must", r.must}, {"tired_counts", r.tired_counts}})
    if (on) out += std::string(key) + " = true\n";
  if (r.weight != 1.0) out += "weight = " + tomlNumber(r.weight) + "\n";
  if (r.absent) out += "absent = " + tomlNumber(*r.absent) + "\n";
  for (auto [key, text] : {std::pair{"says", &r.says},
                           {"maybe", &r.maybe},
                           {"asks", &r.asks},
                           {"fine", &r.fine},
                           {"reads", &r.reads},
                           {"caution", &r.caution},
                           {"source", &r.source},
                           {"why", &r.why}})
    if (!text->empty()) out += std::string(key) + " = " + tomlText(*text) + "\n";
  if (r.where)
    out += "where = { measure = " + tomlText(std::string(definitionOf(r.where->measure).name)) + ", " +
           nameSide(r.where->side) + " = " + tomlNumber(r.where->value) + " }\n";
  for (const RuleException& e : r.exceptions) {
    out += "[[rule.unless]]\n";
    if (!e.variants.empty()) out += "variants = " + tomlList(e.variants) + "\n";
    if (!e.build.empty()) out += "build = " + tomlText(e.build) + "\n";
    if (e.complaint) out += "complaint = " + tomlText(std::string(nameOf(*e.complaint))) + "\n";
    if (e.effort_from) out += "effort_from = " + tomlNumber(*e.effort_from) + "\n";
    if (e.off) out += std::string("off = ") + (*e.off ? "true" : "false") + "\n";
    if (e.limit) out += "limit = " + tomlNumber(*e.limit) + "\n";
    if (e.big) out += "big = " + tomlNumber(*e.big) + "\n";
    out += "why = " + tomlText(e.why) + "\n";
  }
  return out;
}

}  // namespace

bool Rule::isFor(Lift lift) const {
  return std::find(lifts.begin(), lifts.end(), lift) != lifts.end();
}

bool RuleLayer::isFor(Lift lift) const {
  return std::find(lifts.begin(), lifts.end(), lift) != lifts.end();
}

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

bool RuleBook::hasRulesFor(Lift lift) const {
  return std::any_of(rules.begin(), rules.end(), [&](const Rule& r) { return !r.off && r.isFor(lift); });
}

Expected<RuleBook> parseRuleBook(std::string_view text, std::string_view file_name) {
  RuleBook book;
  auto read = readToml(text, file_name, [&](TomlTable& root) {
    book.name = root.text("name");
    book.version = root.text("version");
    std::set<std::string> ids;
    root.tables("rule", [&](TomlTable& t) {
      book.rules.push_back(readRule(t, book.name));
      if (!ids.insert(book.rules.back().id).second) t.wrong("the id is used twice.");
    });
    for (const Rule& rule : book.rules)
      if (!rule.part_of.empty() && !ids.contains(rule.part_of))
        root.wrong("“" + rule.id + "” is part of “" + rule.part_of + "”, which is not in the book.");
    if (book.name.empty() || book.version.empty() || book.rules.empty())
      root.wrong("a rule book needs a name, a version and at least one [[rule]].");
  });
  if (!read) return tl::make_unexpected(read.error());
  return book;
}

Expected<RuleLayer> parseRuleLayer(std::string_view text, std::string_view file_name) {
  RuleLayer layer;
  auto read = readToml(text, file_name, [&](TomlTable& root) {
    layer.name = root.text("name");
    layer.title = root.text("title");
    layer.question = root.text("question");
    layer.about = root.text("about");
    layer.version = root.text("version");
    layer.unseen = root.texts("unseen");
    layer.repair_first = root.flag("repair_first");
    if (root.text("over") != "base") root.wrong("a layer lies over = \"base\".");
    if (layer.name.empty() || layer.title.empty() || layer.question.empty() || layer.version.empty())
      root.wrong("a layer needs a name, a title, a question and a version.");
    layer.lifts = readLifts(root);
    std::set<std::string> ids;
    root.tables("change", [&](TomlTable& t) {
      RuleChange c;
      c.rule = t.text("rule");
      t.call(c.rule);
      c.school = t.text("school");
      c.limit = t.number("limit");
      c.big = t.number("big");
      c.off = t.flag("off");
      c.must = t.flag("must");
      c.reps = readReps(t);
      c.why = t.text("why");
      if (c.rule.empty()) t.wrong("a change names its rule.");
      if (!c.limit && !c.big && !c.off && !c.must && !c.reps) t.wrong("nothing is changed.");
      if (c.why.empty()) t.wrong("a change says why.");
      if (!ids.insert(c.rule + (c.school.empty() ? "" : " of " + c.school)).second)
        t.wrong("it is changed twice.");
      layer.changes.push_back(std::move(c));
    });
    root.tables("rule", [&](TomlTable& t) {
      layer.rules.push_back(readRule(t, layer.name));
      if (!ids.insert(layer.rules.back().id).second) t.wrong("the id is used twice.");
    });
  });
  if (!read) return tl::make_unexpected(read.error());
  return layer;
}

bool isRuleLayer(std::string_view text) {
  bool layer = false;
  (void)readToml(text, "", [&](TomlTable& root) { layer = !root.text("over").empty(); });
  return layer;
}

std::string toToml(const RuleLayer& layer) {
  std::string out = "name = " + tomlText(layer.name) + "\ntitle = " + tomlText(layer.title) +
                    "\nquestion = " + tomlText(layer.question) + "\nabout = " + tomlText(layer.about) +
                    "\nversion = " + tomlText(layer.version) +
                    "\nover = \"base\"\nlifts = " + listOf(layer.lifts, [](Lift l) { return nameOf(l); }) +
                    "\n";
  if (layer.repair_first)
    out += std::string("repair_first = ") + (*layer.repair_first ? "true" : "false") + "\n";
  if (!layer.unseen.empty()) out += "unseen = " + tomlList(layer.unseen) + "\n";
  for (const RuleChange& c : layer.changes) {
    out += "\n[[change]]\nrule = " + tomlText(c.rule) + "\n";
    if (!c.school.empty()) out += "school = " + tomlText(c.school) + "\n";
    if (c.limit) out += "limit = " + tomlNumber(*c.limit) + "\n";
    if (c.big) out += "big = " + tomlNumber(*c.big) + "\n";
    if (c.off) out += std::string("off = ") + (*c.off ? "true" : "false") + "\n";
    if (c.must) out += std::string("must = ") + (*c.must ? "true" : "false") + "\n";
    if (c.reps) out += "reps = " + std::to_string(*c.reps) + "\n";
    out += "why = " + tomlText(c.why) + "\n";
  }
  for (const Rule& r : layer.rules) out += toToml(r);
  return out;
}

namespace {

// False where big would not lie beyond limit.
bool change(Rule& rule, const RuleChange& c, const std::string& layer) {
  rule.limit = c.limit.value_or(rule.limit);
  rule.big = c.big.value_or(rule.big);
  rule.off = c.off.value_or(rule.off);
  rule.must = c.must.value_or(rule.must);
  rule.reps = c.reps.value_or(rule.reps);
  rule.school = layer;
  rule.why = c.why;
  return beyond(rule.fault, rule.big, rule.limit);
}

}  // namespace

Expected<RuleBook> withHouse(const RuleBook& under, const RuleLayer& house) {
  RuleBook book = under;
  const auto judges = [&](const std::string& school) {
    return std::find(under.schools.begin(), under.schools.end(), school) != under.schools.end();
  };
  for (const bool of_school : {false, true})
    for (const RuleChange& c : house.changes) {
      if (of_school ? !judges(c.school) : !c.school.empty()) continue;
      for (Rule& rule : book.rules)
        if (rule.id == c.rule && !change(rule, c, house.name))
          return fail(Remedy::kCorrectInput,
                      "“" + house.name + "”, “" + c.rule + "”: big must lie beyond limit.");
    }
  for (const Rule& rule : house.rules)
    if (book.find(rule.id) == nullptr) book.rules.push_back(rule);
  book.repair_first = house.repair_first.value_or(book.repair_first);
  book.name += " + " + house.name;
  book.version += "+" + house.version;
  return book;
}

Expected<RuleBook> layered(const RuleBook& base, const std::vector<RuleLayer>& layers) {
  RuleBook book = base;
  std::vector<std::pair<std::string, std::string>> changed_by;  // rule, layer
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, what); };
  for (std::size_t k = 0; k < layers.size(); ++k) {
    const RuleLayer& layer = layers[k];
    for (std::size_t other = 0; other < k; ++other)
      if (layers[other].question == layer.question)
        return bad("“" + layers[other].name + "” and “" + layer.name + "” both answer “" + layer.question +
                   "”: choose one.");
    auto mark = [&](const std::string& rule) -> std::optional<std::string> {
      for (const auto& [id, by] : changed_by)
        if (id == rule) return by;
      changed_by.emplace_back(rule, layer.name);
      return std::nullopt;
    };
    for (const RuleChange& c : layer.changes) {
      if (!c.school.empty())
        return bad("“" + layer.name + "”, “" + c.rule + "”: only a house changes a rule for one school.");
      const auto rule =
          std::find_if(book.rules.begin(), book.rules.end(), [&](const Rule& r) { return r.id == c.rule; });
      if (rule == book.rules.end())
        return bad("“" + layer.name + "” changes “" + c.rule + "”, which is not in the book under it.");
      if (const auto by = mark(c.rule))
        return bad("“" + *by + "” and “" + layer.name + "” both change “" + c.rule + "”: choose one.");
      if (!change(*rule, c, layer.name))
        return bad("“" + layer.name + "”, “" + c.rule + "”: big must lie beyond limit.");
    }
    for (const Rule& rule : layer.rules) {
      if (book.find(rule.id) != nullptr)
        return bad("“" + layer.name + "” adds “" + rule.id + "”, which there is already: change it.");
      book.rules.push_back(rule);
    }
    book.repair_first = layer.repair_first.value_or(book.repair_first);
    book.schools.push_back(layer.name);
    book.name += " + " + layer.name;
    book.version += "+" + layer.version;
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

const std::vector<RuleLayer>& builtInSchools() {
  static const std::vector<RuleLayer> schools = [] {
    std::vector<RuleLayer> all;
    for (const auto& [file, text] : kBuiltInSchools) {
      auto parsed = parseRuleLayer(text, file);
      assert(parsed && "the shipped schools must be valid; a test reads them");
      if (parsed) all.push_back(std::move(*parsed));
    }
    return all;
  }();
  return schools;
}

const RuleLayer* findSchool(std::string_view name) {
  for (const RuleLayer& layer : builtInSchools())
    if (layer.name == name) return &layer;
  return nullptr;
}

Expected<RuleBook> bookOfSchools(const std::vector<std::string>& names, Lift lift) {
  std::vector<RuleLayer> layers;
  for (const std::string& name : names) {
    if (name.empty() || name == "base") continue;
    const RuleLayer* layer = findSchool(name);
    if (layer == nullptr) {
      std::string known = "base";
      for (const RuleLayer& l : builtInSchools())
        if (l.isFor(lift)) known += ", " + l.name;
      return fail(Remedy::kCorrectInput,
                  "There is no school “" + name + "” for this lift. There is: " + known + ".");
    }
    if (layer->isFor(lift)) layers.push_back(*layer);
  }
  return layered(builtInRuleBook(), layers);
}

}  // namespace mottix
