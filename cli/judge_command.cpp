#include <algorithm>
#include <filesystem>
#include <iostream>
#include <memory>
#include <optional>

#include <nlohmann/json.hpp>

#include "cli/commands.h"
#include "cli/files.h"
#include "cli/findings.h"
#include "core/log/judging.h"
#include "report/analysis_document.h"
#include "report/athlete_document.h"
#include "report/wording.h"
#include "store/house_file.h"

namespace mottix {
namespace {

struct JudgeOptions {
  std::string result, athlete, lift, variant, house, log, json;
  std::vector<std::string> schools;
  std::optional<double> effort;
};

// "hip-led+repair-first": layers over each other, in this order.
std::vector<std::string> layersIn(const std::string& text) {
  std::vector<std::string> names;
  std::string name;
  for (const char c : text + "+") {
    if (c == '+') {
      if (!name.empty()) names.push_back(name);
      name.clear();
    } else if (c != ' ') {
      name += c;
    }
  }
  return names;
}

struct JudgedBy {
  Judging by;
  std::vector<Finding> findings;
  LoadDecision decision;
};

Expected<JudgedBy> judgeBy(const std::vector<std::string>& schools, const MeasuredDocument& doc,
                           const AthleteRecord& who, const SetEdit& edit, const std::vector<PastSet>& past,
                           const std::optional<RuleLayer>& house) {
  const Lift lift = edit.asked.lift;
  auto judging =
      judgingBy(schools, who, edit, doc.view == View::kFront || doc.view == View::kRear, past, house);
  if (!judging) return tl::make_unexpected(judging.error());
  JudgedBy out{std::move(*judging), {}, {}};
  out.findings = judge(out.by.book, lift, doc.measures, out.by.set);
  LoadInput load;
  load.load_kg = doc.load_kg;
  load.reps_done = doc.reps;
  load.open_pain = who.athlete.worstPain();
  load.repair_first = out.by.book.repair_first;
  load.rules_applied = static_cast<int>(answeredRules(out.by.book, lift, doc.measures, out.by.set).size());
  LoadOptions options;
  options.step_kg = who.athlete.step_kg;
  auto decision = decideLoad(out.findings, load, options);
  if (!decision) return tl::make_unexpected(decision.error());
  out.decision = *decision;
  return out;
}

nlohmann::ordered_json toJson(const JudgedBy& judged) {
  nlohmann::ordered_json doc;
  doc["book"] = judged.by.book.name;
  doc["findings"] = nlohmann::ordered_json::array();
  for (const Finding& f : judged.findings) {
    const Rule* rule = judged.by.book.find(f.rule);
    doc["findings"].push_back({{"rule", f.rule},
                               {"school", rule->school},
                               {"event", f.event},
                               {"reps", f.reps},
                               {"severity", nameOf(f.severity)},
                               {"certainty", nameOf(f.certainty)},
                               {"reason", nameOf(f.reason)},
                               {"words", findingHeading(f, judged.by.book).toStdString()}});
  }
  doc["decision"] = {{"action", nameOf(judged.decision.action)}, {"reason", nameOf(judged.decision.reason)}};
  return doc;
}

// What the log of a house knows of the athlete of this name.
Expected<std::vector<PastSet>> setsOf(const std::string& name, const std::string& house_file) {
  if (std::error_code ec; !std::filesystem::exists(house_file, ec))
    return fail(Remedy::kChooseAnotherFile, "There is no house file “" + house_file + "”.");
  const auto house = HouseFile::open(house_file);
  if (!house) return tl::make_unexpected(house.error());
  const auto athletes = house->athletes();
  if (!athletes) return tl::make_unexpected(athletes.error());
  const auto who =
      std::find_if(athletes->begin(), athletes->end(), [&](const Athlete& a) { return a.name == name; });
  if (who == athletes->end())
    return fail(Remedy::kCorrectInput,
                "“" + house_file + "” knows nobody called “" + name + "”: the name is that of --athlete.");
  auto results = house->results({.athlete = who->id});
  if (!results) return tl::make_unexpected(results.error());
  std::vector<PastSet> past;
  for (StoredResult& r : *results)
    past.push_back(asPast(r.set.edit, r.across, std::move(r.measures), std::move(r.found)));
  return past;
}

Expected<void> judgeResult(const JudgeOptions& o) {
  const std::string name = std::filesystem::path(o.result).filename().string();
  auto text = readText(o.result);
  if (!text) return tl::make_unexpected(text.error());
  auto doc = parseMeasured(*text, name);
  if (!doc) return tl::make_unexpected(doc.error());
  const auto lift = o.lift.empty() ? doc->lift : liftNamed(o.lift);
  if (!lift) return fail(Remedy::kCorrectInput, "“" + name + "” does not say which lift it is: say --lift.");
  AthleteRecord who;
  if (!o.athlete.empty()) {
    auto athlete = readText(o.athlete);
    if (!athlete) return tl::make_unexpected(athlete.error());
    auto parsed = parseAthlete(*athlete, o.athlete);
    if (!parsed) return tl::make_unexpected(parsed.error());
    who = std::move(parsed->record);
  }
  std::optional<RuleLayer> house;
  if (!o.house.empty()) {
    auto layer = readText(o.house);
    if (!layer) return tl::make_unexpected(layer.error());
    auto parsed = parseRuleLayer(*layer, o.house);
    if (!parsed) return tl::make_unexpected(parsed.error());
    house = std::move(*parsed);
  }
  std::vector<PastSet> past;
  if (!o.log.empty()) {
    auto known = setsOf(who.athlete.name, o.log);
    if (!known) return tl::make_unexpected(known.error());
    past = std::move(*known);
  }
  SetEdit edit;
  edit.asked.lift = *lift;
  edit.asked.variant = o.variant;
  edit.asked.reps = 0;
  edit.asked.effort = o.effort.value_or(Asked().effort);
  edit.effort_felt = o.effort;
  std::vector<std::vector<std::string>> schools;
  for (const std::string& s : o.schools) schools.push_back(layersIn(s));
  if (schools.empty()) schools.push_back(schoolsOf(who.athlete.profile, *lift));
  auto out = nlohmann::ordered_json::array();
  for (std::size_t k = 0; k < schools.size(); ++k) {
    auto judged = judgeBy(schools[k], *doc, who, edit, past, house);
    if (!judged) return tl::make_unexpected(judged.error());
    out.push_back(toJson(*judged));
    if (o.json == "-") continue;
    if (k > 0) std::cout << '\n';
    printFindings(judged->by, *lift, doc->view, doc->measures, judged->findings);
    std::cout << (decisionHeading(judged->decision, edit.asked) + QStringLiteral(". ") +
                  decisionReason(judged->decision, who.athlete))
                     .toStdString()
              << '\n';
  }
  if (!o.json.empty()) return writeText(o.json, out.dump(1) + "\n");
  return {};
}

Expected<void> checkRules(const std::string& file) {
  auto text = readText(file);
  if (!text) return tl::make_unexpected(text.error());
  const std::string name = std::filesystem::path(file).filename().string();
  if (!isRuleLayer(*text)) {
    auto book = parseRuleBook(*text, name);
    if (!book) return tl::make_unexpected(book.error());
    std::cout << name << ": a valid book, “" << book->name << "” with " << book->rules.size() << " rules\n";
    return {};
  }
  auto layer = parseRuleLayer(*text, name);
  if (!layer) return tl::make_unexpected(layer.error());
  // What a house says for one school has to be one, and to fit what that school says.
  const bool of_house = std::any_of(layer->changes.begin(), layer->changes.end(),
                                    [](const RuleChange& c) { return !c.school.empty(); });
  for (const RuleChange& c : layer->changes) {
    if (c.school.empty()) continue;
    const RuleLayer* school = findSchool(c.school);
    if (school == nullptr)
      return fail(Remedy::kCorrectInput, name + ": there is no school “" + c.school + "”.");
    const auto book = bookOfSchools({c.school}, school->lifts.front());
    if (book && book->find(c.rule) == nullptr)
      return fail(Remedy::kCorrectInput, name + ": “" + c.school + "” has no rule “" + c.rule + "”.");
    if (auto laid = withHouse(*book, *layer); !laid)
      return fail(Remedy::kCorrectInput, name + ": " + laid.error().text);
  }
  if (auto laid = of_house ? withHouse(builtInRuleBook(), *layer) : layered(builtInRuleBook(), {*layer});
      !laid)
    return fail(Remedy::kCorrectInput, name + ": " + laid.error().text);
  std::cout << name << ": a valid layer, “" << layer->name << "” over the base: changes "
            << layer->changes.size() << " rules, adds " << layer->rules.size() << '\n';
  return {};
}

void listRules() {
  for (const Rule& rule : builtInRuleBook().rules) {
    std::cout << rule.id << (rule.off ? " (off unless asked for)" : "") << ": " << rule.says << '\n';
  }
  std::cout << '\n';
  for (const RuleLayer& school : builtInSchools())
    std::cout << school.name << " (" << school.question << "): " << school.about << '\n';
}

}  // namespace

void addJudgeCommand(CLI::App& app, int& exit_code) {
  auto o = std::make_shared<JudgeOptions>();
  CLI::App* c = app.add_subcommand("judge", "Judge a set that was measured before (analyse --json)");
  c->add_option("RESULT", o->result, "Analysis as JSON")->required();
  c->add_option("--school", o->schools,
                "Schools to judge by, + between layers; said twice, the set is judged by both")
      ->type_name("NAME[+NAME]");
  c->add_option("--athlete", o->athlete, "The athlete, JSON: schools, complaints, build, step");
  c->add_option("--lift", o->lift, "Where the result does not say it")
      ->check(CLI::IsMember({"squat", "bench", "deadlift"}));
  c->add_option("--variant", o->variant, "Variant, in own words (\"paused low bar\")");
  c->add_option("--effort", o->effort, "Effort of the set as it was felt")->check(CLI::Range(0.0, 10.0));
  c->add_option("--house", o->house, "The house's own layer, TOML");
  c->add_option("--log", o->log,
                "A house file: what is usual is told from the sets that it has of the athlete of this name")
      ->needs("--athlete");
  c->add_option("--json", o->json, "Write the judgement as JSON; - is standard output");
  c->callback([o, &exit_code] {
    if (auto done = judgeResult(*o); !done) exit_code = report(done.error());
  });
}

void addRulesCommand(CLI::App& app, int& exit_code) {
  CLI::App* c = app.add_subcommand("rules", "Rule books: check one, or list what ships with the program");
  c->require_subcommand(1);
  auto file = std::make_shared<std::string>();
  CLI::App* check =
      c->add_subcommand("check", "Whether a rule book or layer is valid; if not, which line is wrong");
  check->add_option("FILE", *file, "Rule book or layer, TOML")->required();
  check->callback([file, &exit_code] {
    if (auto done = checkRules(*file); !done) exit_code = report(done.error());
  });
  c->add_subcommand("list", "Every rule and every school")->callback([] { listRules(); });
}

}  // namespace mottix
