// Rule books and schools: valid as shipped, errors that can be found, layers that do not mix silently.
#include "core/verdict/rule_book.h"

#include <random>

#include <gtest/gtest.h>

#include <set>

#include "core/cue/cue_book.h"
#include "core/verdict/causes.h"
#include "core/verdict/judge.h"

namespace mottix {
namespace {

const std::string kHead =
    "name = \"x\"\nversion = \"1\"\n[[rule]]\nid = \"a\"\nlifts = [\"squat\"]\nphase = \"bottom\"\nmeasure = "
    "\"depth_margin\"\nsays = \"S\"\nmaybe = \"M\"\nasks = \"a\"\nfine = \"f\"\nreads = \"{} high\"\n";
const std::string kTail = "fault = \"above\"\nlimit = 0\nbig = 3\nmax_sd = 4\nsource = \"s\"\n";
const std::string kLayerHead =
    "name = \"own\"\ntitle = \"own way\"\nquestion = \"q\"\nversion = \"1\"\nover = \"base\"\nlifts = "
    "[\"squat\"]\n";

RuleLayer layer(const std::string& text) {
  auto parsed = parseRuleLayer(kLayerHead + text, "own.toml");
  EXPECT_TRUE(parsed) << parsed.error().text;
  return parsed.value_or(RuleLayer{});
}

TEST(RuleBook, TheShippedBookIsValidSourcedAndWorded) {
  const auto read = parseRuleBook(toToml(RuleLayer{}), "x");
  EXPECT_FALSE(read) << "a layer is no book";
  const RuleBook& book = builtInRuleBook();
  EXPECT_EQ(book.name, "base");
  EXPECT_GE(book.rules.size(), 50u);
  for (const Rule& rule : book.rules) {
    EXPECT_GT(rule.source.size(), 20u) << rule.id;
    EXPECT_FALSE(rule.says.empty() || rule.asks.empty() || rule.fine.empty()) << rule.id;
    EXPECT_GT(std::abs(rule.big - rule.limit), 0.0) << rule.id;
  }
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift}) {
    EXPECT_TRUE(book.hasRulesFor(lift));
    EXPECT_TRUE(std::any_of(book.rules.begin(), book.rules.end(),
                            [&](const Rule& r) { return r.must && r.isFor(lift); }));
  }
}

TEST(RuleBook, ErrorsNameFileLineAndReason) {
  ASSERT_TRUE(parseRuleBook(kHead + kTail, "x.toml")) << parseRuleBook(kHead + kTail, "x.toml").error().text;
  struct Case {
    std::string text, reason;
  };
  for (const Case& c :
       {Case{"name = ", "line 1"}, Case{kHead + "fault = \"sideways\"\n", "fault"},
        Case{kHead + "fault = \"above\"\nlimit = 5\nbig = 3\nmax_sd = 4\nsource = \"s\"\n", "big"},
        Case{kHead + kTail + "extra = 1\n", "line 18: unknown entry “extra”"},
        Case{kHead + kTail + kHead.substr(kHead.find("[[rule]]")) + kTail, "twice"},
        Case{"name = \"x\"\nversion = \"1\"\n", "[[rule]]"},
        Case{kHead + "fault = \"above\"\nlimit = \"deep\"\n", "limit"},
        Case{kHead + kTail + "variants = [\"upside_down\"]\n", "no variant"},
        Case{kHead + kTail + "reps = 1e300\n", "reps must be"},
        Case{kHead + kTail + "reps = 1.5\n", "whole number"},
        Case{kHead + kTail + "part_of = \"nowhere\"\n", "nowhere"},
        Case{kHead + kTail + "[[rule.unless]]\noff = true\nwhy = \"w\"\n", "an exception needs"},
        Case{kHead + kTail + "[[rule.unless]]\ncomplaint = \"soul\"\noff = true\nwhy = \"w\"\n", "soul"},
        Case{kHead + kTail + "[[rule.unless]]\ncomplaint = \"knee\"\nlimit = 9\nwhy = \"w\"\n", "big"},
        Case{kHead + kTail + "where = { measure = \"rise_ratio\" }\n", "above or below"}}) {
    const auto parsed = parseRuleBook(c.text, "x.toml");
    ASSERT_FALSE(parsed) << c.text;
    EXPECT_EQ(parsed.error().remedy, Remedy::kCorrectInput);
    EXPECT_NE(parsed.error().text.find("x.toml, line"), std::string::npos) << parsed.error().text;
    EXPECT_NE(parsed.error().text.find(c.reason), std::string::npos) << parsed.error().text;
  }
}

TEST(RuleLayer, ChangesWhatItSaysAndNothingElse) {
  const RuleLayer own = layer("[[change]]\nrule = \"squat.high\"\nlimit = 2\nbig = 5\nwhy = \"stiff\"\n");
  const auto book = layered(builtInRuleBook(), {own});
  ASSERT_TRUE(book);
  EXPECT_EQ(book->name, "base + own");
  for (const Rule& rule : book->rules) {
    if (rule.id != "squat.high") {
      EXPECT_EQ(rule, *builtInRuleBook().find(rule.id));
      continue;
    }
    EXPECT_DOUBLE_EQ(rule.limit, 2.0);
    EXPECT_EQ(rule.school, "own");
    EXPECT_EQ(rule.why, "stiff");
  }
}

TEST(RuleLayer, NeverMixesSilently) {
  const RuleLayer one = layer("[[change]]\nrule = \"squat.high\"\nlimit = 2\nwhy = \"w\"\n");
  RuleLayer same_question = layer("[[change]]\nrule = \"squat.dive\"\nlimit = 70\nwhy = \"w\"\n");
  same_question.name = "other";
  auto refused = layered(builtInRuleBook(), {one, same_question});
  ASSERT_FALSE(refused);
  EXPECT_NE(refused.error().text.find("both answer"), std::string::npos);
  RuleLayer same_rule = one;
  same_rule.name = "third";
  same_rule.question = "another";
  refused = layered(builtInRuleBook(), {one, same_rule});
  ASSERT_FALSE(refused);
  EXPECT_NE(refused.error().text.find("both change “squat.high”"), std::string::npos);
  EXPECT_FALSE(
      layered(builtInRuleBook(), {layer("[[change]]\nrule = \"nowhere\"\nlimit = 2\nwhy = \"w\"\n")}));
  EXPECT_FALSE(
      layered(builtInRuleBook(), {layer("[[change]]\nrule = \"squat.high\"\nlimit = 9\nwhy = \"w\"\n")}))
      << "big would not lie beyond";
  // The house's word stands over a school's.
  auto book = bookOfSchools({"hip-led"}, Lift::kSquat);
  ASSERT_TRUE(book);
  const auto house =
      withHouse(*book, layer("[[change]]\nrule = \"squat.hips_first\"\nlimit = 4\nwhy = \"w\"\n"));
  ASSERT_TRUE(house);
  EXPECT_DOUBLE_EQ(house->find("squat.hips_first")->limit, 4.0);
  EXPECT_DOUBLE_EQ(house->find("squat.hips_first")->big, book->find("squat.hips_first")->big);
}

TEST(RuleLayer, AHouseChangesARuleForOneSchoolAlone) {
  const RuleLayer house = layer(
      "[[change]]\nrule = \"squat.hips_first\"\nlimit = 7\nbig = 11\nwhy = \"all\"\n"
      "[[change]]\nrule = \"squat.hips_first\"\nschool = \"hip-led\"\nlimit = 8\nbig = 14\nwhy = \"w\"\n");
  const auto led = withHouse(*bookOfSchools({"hip-led"}, Lift::kSquat), house);
  const auto upright = withHouse(*bookOfSchools({"upright"}, Lift::kSquat), house);
  ASSERT_TRUE(led && upright);
  EXPECT_DOUBLE_EQ(led->find("squat.hips_first")->limit, 8.0) << "the school's goes before all's";
  EXPECT_DOUBLE_EQ(upright->find("squat.hips_first")->limit, 7.0);
  const auto again = parseRuleLayer(toToml(house), "again.toml");
  ASSERT_TRUE(again) << again.error().text;
  EXPECT_EQ(again->changes[1].school, "hip-led");
  EXPECT_FALSE(layered(builtInRuleBook(), {house})) << "a school changes nothing for another";
  EXPECT_FALSE(parseRuleLayer(kLayerHead +
                                  "[[change]]\nrule = \"squat.high\"\nschool = \"upright\"\nlimit = 1"
                                  "\nwhy = \"w\"\n[[change]]\nrule = \"squat.high\"\nschool = "
                                  "\"upright\"\nlimit = 2\nwhy = \"w\"\n",
                              "twice.toml"));
}

// Whatever comes in from outside: a book, or an error that names the file; never anything else.
TEST(Books, BrokenTomlIsRefusedByName) {
  std::mt19937 draw(11);
  std::vector<std::string> texts = {
      kHead + kTail, toToml(builtInSchools().front()),
      "off = [\"squat.high.ankle\"]\n[[cause]]\nid = \"a\"\nrules = [\"b\"]\ntitle "
      "= \"t\"\nfor = [\"effort_high\"]\nnext_set = \"n\"\n",
      "[[cue]]\nid = \"a\"\nrules = [\"b\"]\nway = \"body\"\nwords = \"w\"\n"};
  for (const RuleLayer& school : builtInSchools()) texts.push_back(toToml(school));
  const std::string bits = "[]{}=\"'\n#.,-+0123456789einf\xff\x00\x80tru\\";
  int refused = 0, taken = 0;
  const auto name_it = [&](const auto& result) {
    if (result) {
      ++taken;
      return;
    }
    ++refused;
    EXPECT_EQ(result.error().remedy, Remedy::kCorrectInput);
    EXPECT_NE(result.error().text.find("some.toml"), std::string::npos) << result.error().text;
  };
  for (int k = 0; k < 2000; ++k) {
    std::string text = texts[draw() % texts.size()];
    for (auto n = 1 + draw() % 6; n > 0; --n) {
      const std::size_t at = draw() % (text.size() + 1);
      switch (draw() % 4) {
        case 0:
          text.insert(at, 1, bits[draw() % bits.size()]);
          break;
        case 1:
          text.erase(at, draw() % 12);
          break;
        case 2:
          if (at < text.size()) text[at] = static_cast<char>(draw());
          break;
        default:
          text.insert(at, text.substr(draw() % text.size(), draw() % 60));
          break;
      }
      if (text.empty()) text = "x";
    }
    name_it(parseRuleBook(text, "some.toml"));
    name_it(parseRuleLayer(text, "some.toml"));
    name_it(parseHouseCauses(text, "some.toml"));
    name_it(parseCueBook(text, "some.toml"));
    (void)isRuleLayer(text);
  }
  EXPECT_GT(refused, 4000);
  EXPECT_GT(taken, 20);
}

TEST(RuleLayer, ComesBackFromItsOwnToml) {
  for (const RuleLayer& school : builtInSchools()) {
    const auto again = parseRuleLayer(toToml(school), "again.toml");
    ASSERT_TRUE(again) << school.name << ": " << again.error().text;
    EXPECT_EQ(toToml(*again), toToml(school));
    EXPECT_EQ(again->rules, school.rules);
    EXPECT_EQ(again->changes.size(), school.changes.size());
  }
  RuleLayer all;  // every rule of the base, as a layer's own
  all.name = all.title = all.question = all.version = "all";
  all.lifts = {Lift::kSquat};
  all.rules = builtInRuleBook().rules;
  for (Rule& rule : all.rules) rule.school = "all";
  const auto again = parseRuleLayer(toToml(all), "again.toml");
  ASSERT_TRUE(again) << again.error().text;
  EXPECT_EQ(again->rules, all.rules);
  EXPECT_TRUE(isRuleLayer(toToml(all)));
  EXPECT_FALSE(isRuleLayer(kHead + kTail));
}

TEST(RuleLayer, ErrorsNameTheLine) {
  for (const auto& [text, reason] :
       {std::pair{std::string("[[change]]\nlimit = 2\nwhy = \"w\"\n"), "names its rule"},
        {"[[change]]\nrule = \"squat.high\"\nwhy = \"w\"\n", "nothing is changed"},
        {"[[change]]\nrule = \"squat.high\"\nlimit = 2\n", "says why"},
        {"[[change]]\nrule = \"squat.high\"\nlimit = 2\nwhy = \"w\"\nhow = 2\n", "unknown entry “how”"}}) {
    const auto parsed = parseRuleLayer(kLayerHead + text, "own.toml");
    ASSERT_FALSE(parsed) << text;
    EXPECT_NE(parsed.error().text.find(reason), std::string::npos) << parsed.error().text;
    EXPECT_NE(parsed.error().text.find("own.toml, line"), std::string::npos) << parsed.error().text;
  }
}

TEST(Schools, EveryOneLiesOverTheBaseAndSaysWhy) {
  EXPECT_GE(builtInSchools().size(), 20u);
  std::set<std::string> questions;
  for (const RuleLayer& school : builtInSchools()) {
    EXPECT_TRUE(layered(builtInRuleBook(), {school})) << school.name;
    EXPECT_FALSE(school.about.empty());
    questions.insert(school.question);
    for (const RuleChange& c : school.changes) EXPECT_GT(c.why.size(), 10u) << school.name;
  }
  for (const char* q : {"squat style", "what moves first", "depth", "pressure on the foot", "deadlift hips",
                        "direction of pull", "head", "back", "shoulder blades", "breath", "descent",
                        "bench style", "bench feet", "technique and load"})
    EXPECT_TRUE(questions.contains(q)) << q;
  // Every style that an athlete can be given has its layer.
  for (std::size_t k = 1; k < kSquatSchoolCount; ++k)
    EXPECT_NE(findSchool(nameOf(static_cast<SquatSchool>(k))), nullptr);
  for (std::size_t k = 1; k < kBenchSchoolCount; ++k)
    EXPECT_NE(findSchool(nameOf(static_cast<BenchSchool>(k))), nullptr);
  for (std::size_t k = 1; k < kDeadliftSchoolCount; ++k)
    EXPECT_NE(findSchool(nameOf(static_cast<DeadliftSchool>(k))), nullptr);
  const auto unknown = bookOfSchools({"moon"}, Lift::kSquat);
  ASSERT_FALSE(unknown);
  EXPECT_NE(unknown.error().text.find("hip-led"), std::string::npos) << "it says which there are";
}

TEST(Books, EveryRuleHasCuesAndCausesAndNamesNothingThatIsNotThere) {
  std::set<std::string> ids;
  for (const Rule& rule : builtInRuleBook().rules) ids.insert(rule.id);
  for (const RuleLayer& school : builtInSchools())
    for (const Rule& rule : school.rules) ids.insert(rule.id);
  std::set<std::string> caused;
  for (const Cause& cause : builtInCauseBook().causes)
    for (const std::string& rule : cause.rules) {
      EXPECT_TRUE(ids.contains(rule)) << cause.id << ": " << rule;
      caused.insert(rule);
    }
  for (const Cause& cause : builtInCauseBook().causes)
    for (const auto* kinds : {&cause.speaks_for, &cause.against})
      for (const std::string& kind : *kinds) {
        const auto colon = kind.find(':');
        if (colon == std::string::npos) continue;
        EXPECT_TRUE(ids.contains(kind.substr(colon + 1))) << cause.id << ": " << kind;
      }
  for (const std::string& id : ids) {
    EXPECT_FALSE(builtInCueBook().forRule(id).empty()) << id;
    EXPECT_TRUE(caused.contains(id)) << id;
  }
  for (const Cue& cue : builtInCueBook().cues)
    for (const std::string& rule : cue.rules) EXPECT_TRUE(ids.contains(rule)) << cue.id;
}

}  // namespace
}  // namespace mottix
