// `next`: what to load in the next session. `plan`: the weeks to a test or meet.
#include <chrono>
#include <filesystem>
#include <iostream>
#include <memory>

#include <nlohmann/json.hpp>

#include "cli/commands.h"
#include "cli/files.h"
#include "core/log/lift_history.h"
#include "report/athlete_document.h"
#include "report/load_document.h"
#include "report/load_wording.h"
#include "report/wording.h"
#include "store/house_file.h"

namespace mottix {
namespace {

std::string namesOfPlans() {
  std::string names;
  for (const LiftPlan& p : builtInPlanBook().plans) names += (names.empty() ? "" : ", ") + p.id;
  return names;
}

Expected<Day> dayIn(const std::string& option, const std::string& text) {
  if (text.empty()) return std::chrono::floor<std::chrono::days>(std::chrono::system_clock::now());
  const auto day = dayNamed(text);
  if (!day)
    return fail(Remedy::kCorrectInput, "--" + option + " needs a date like 2026-11-24, not “" + text + "”.");
  return *day;
}

// “narrow-heavy” is as good as “narrow_heavy”.
Expected<const LiftPlan*> planNamed(std::string name) {
  std::replace(name.begin(), name.end(), '-', '_');
  const LiftPlan* plan = builtInPlanBook().find(name);
  if (plan == nullptr)
    return fail(Remedy::kCorrectInput, "There is no plan “" + name + "”; there are " + namesOfPlans() + ".");
  return plan;
}

Expected<HistoryFile> historyIn(const std::string& path) {
  auto text = readText(path);
  if (!text) return tl::make_unexpected(text.error());
  return parseHistory(*text, std::filesystem::path(path).filename().string());
}

struct NextOptions {
  std::string history, school = "even_steps", today, gear, json;
  double step_kg = 0.0;
};

Expected<void> next(const NextOptions& o) {
  auto file = historyIn(o.history);
  if (!file) return tl::make_unexpected(file.error());
  const auto plan = planNamed(o.school);
  if (!plan) return tl::make_unexpected(plan.error());
  const auto today = dayIn("today", o.today);
  if (!today) return tl::make_unexpected(today.error());
  const PlanGates& gates = builtInPlanBook().gates;
  auto session =
      planNext(**plan, gates, file->history, *today, {o.step_kg > 0.0 ? o.step_kg : file->step_kg});
  if (!session) return tl::make_unexpected(session.error());
  if (!o.gear.empty()) {
    auto text = readText(o.gear);
    if (!text) return tl::make_unexpected(text.error());
    const auto gear = parseGear(*text, std::filesystem::path(o.gear).filename().string());
    if (!gear) return tl::make_unexpected(gear.error());
    if (auto put = putOnPlates(*session, *gear, {gear->bars.front()}); !put) return put;
  }
  auto doc = toJson(*session, **plan, gates, file->history.lift, *today);
  doc["strength"] = strengthJson(file->history, *today);
  if (o.json != "-") {
    std::cout << sessionWords(*session).toStdString() << '\n'
              << planReason(*session, **plan, gates).toStdString() << '\n';
    if (const QString change = planChange(*session); !change.isEmpty())
      std::cout << change.toStdString() << '\n';
    if (const auto strength = estimateStrength(file->history.lift, strengthSetsOf(file->history)))
      std::cout << "Best single "
                << bandWords(strength->at(std::max(*today, file->history.sets.back().day))).toStdString()
                << ". " << relationWords(*strength).toStdString() << '\n';
    for (const Caution c : session->cautions) std::cout << cautionWords(c).toStdString() << '\n';
  }
  return o.json.empty() ? Expected<void>() : writeText(o.json, doc.dump(1) + "\n");
}

struct PlanOptions {
  std::string athlete, history, house, lift, variant, until, begins, school, today, json, csv, calendar;
  std::vector<std::string> missed;
  double goal_kg = 0.0, gain = 1.0;
  int sessions = 2;
};

Expected<void> plan(const PlanOptions& o) {
  auto text = readText(o.athlete);
  if (!text) return tl::make_unexpected(text.error());
  auto file = parseAthlete(*text, std::filesystem::path(o.athlete).filename().string());
  if (!file) return tl::make_unexpected(file.error());
  const auto today = dayIn("today", o.today);
  if (!today) return tl::make_unexpected(today.error());
  AthleteRecord who = file->record;
  AheadDocument doc;
  doc.athlete = who.athlete.name;
  const Lift lift = liftNamed(o.lift).value_or(Lift::kSquat);  // where it is said
  LiftHistory history;
  if (!o.history.empty()) {
    auto known = historyIn(o.history);
    if (!known) return tl::make_unexpected(known.error());
    if (!o.lift.empty() && o.lift != nameOf(known->history.lift))
      return fail(Remedy::kCorrectInput,
                  "“" + o.history + "” is the history of another lift than --lift says.");
    history = std::move(known->history);
    // What the athlete's own file says of complaints counts as well.
    history.open_pain = std::max(history.open_pain, who.athlete.worstPain());
  } else if (!o.house.empty()) {
    if (std::error_code ec; !std::filesystem::exists(o.house, ec))
      return fail(Remedy::kChooseAnotherFile, "There is no house file “" + o.house + "”.");
    if (o.lift.empty())
      return fail(Remedy::kCorrectInput, "With --log, say --lift: squat, bench or deadlift.");
    const auto house = HouseFile::open(o.house);
    if (!house) return tl::make_unexpected(house.error());
    const auto athletes = house->athletes();
    if (!athletes) return tl::make_unexpected(athletes.error());
    const auto at = std::find_if(athletes->begin(), athletes->end(),
                                 [&](const Athlete& a) { return a.name == who.athlete.name; });
    if (at == athletes->end())
      return fail(Remedy::kCorrectInput, "“" + o.house + "” knows nobody called “" + who.athlete.name + "”.");
    const auto lines = house->log(at->id);
    if (!lines) return tl::make_unexpected(lines.error());
    history = historyOf(who, *lines, lift,
                        o.variant.empty() ? usualVariant(lift) : std::string_view(o.variant), *today);
  } else {
    if (o.lift.empty())
      return fail(Remedy::kCorrectInput, "Say --lift, or give the sets so far with --history or --log.");
    history = historyOf(who, {}, lift, usualVariant(lift), *today);
  }
  doc.lift = history.lift;
  LiftAim aim = aimOf(who, doc.lift);
  if (!o.until.empty()) aim.test_day = o.until;
  if (!o.begins.empty()) aim.begins = o.begins;
  if (!isIsoDate(aim.test_day))
    return fail(Remedy::kCorrectInput,
                "Say --until, a date like 2027-03-20; the athlete file has no test_day.");
  if (!aim.begins.empty() && !isIsoDate(aim.begins))
    return fail(Remedy::kCorrectInput, "--begins needs a date like 2026-11-24, not “" + aim.begins + "”.");
  if (!o.school.empty()) {
    const auto named = planNamed(o.school);
    if (!named) return tl::make_unexpected(named.error());
    aim.plan = (*named)->id;
  }
  if (o.goal_kg > 0.0) aim.goal_kg = o.goal_kg;
  aim.sessions_week = o.sessions;
  aim.gain_factor = o.gain;
  for (const std::string& week : o.missed) {
    const auto day = dayNamed(week);
    if (!day) return fail(Remedy::kCorrectInput, "--missed needs dates like 2026-11-24, not “" + week + "”.");
    aim.weeks.push_back({nameOf(mondayOf(*day)), true, {}, {}});
  }
  doc.wish = wishOf(aim, who.athlete.step_kg, *today);
  const auto ahead = planAhead(doc.wish, builtInPlanBook().gates, history, *today);
  if (!ahead) return tl::make_unexpected(ahead.error());
  doc.ahead = *ahead;
  if (o.json != "-" && o.csv != "-" && o.calendar != "-") {
    for (const AheadWeek& w : doc.ahead.weeks) {
      NextSession s;
      s.sets = w.sets;
      std::cout << nameOf(w.monday) << "  " << blockWords(w.block).toStdString() << ": "
                << (w.missed                      ? "missed"
                    : w.block == BlockKind::kTest ? "test on " + nameOf(doc.wish.test)
                    : w.past ? "done" + (w.done_kg ? ", " + kilograms(*w.done_kg).toStdString() : "")
                             : sessionWords(s).toStdString());
      if (w.expected) std::cout << "; best single " << bandWords(*w.expected).toStdString();
      std::cout << '\n';
    }
    if (doc.ahead.attempts) std::cout << attemptsWords(*doc.ahead.attempts).toStdString() << '\n';
    if (doc.ahead.goal_chance)
      std::cout << chanceWords(*doc.ahead.goal_chance, *doc.wish.goal_kg).toStdString() << '\n';
    for (const Caution c : doc.ahead.next.cautions) std::cout << cautionWords(c).toStdString() << '\n';
  }
  if (!o.json.empty())
    if (auto ok = writeText(o.json, toJson(doc).dump(1) + "\n"); !ok) return ok;
  if (!o.csv.empty())
    if (auto ok = writeText(o.csv, toCsv(doc)); !ok) return ok;
  if (!o.calendar.empty())
    if (auto ok = writeText(o.calendar, toCalendar(doc, *today)); !ok) return ok;
  return {};
}

}  // namespace

void addLoadCommands(CLI::App& app, int& exit_code) {
  auto n = std::make_shared<NextOptions>();
  CLI::App* c = app.add_subcommand("next", "What to load next, by a plan and its gates");
  c->add_option("--history", n->history, "Sets so far, JSON (docs/history.schema.json); - is standard input")
      ->required();
  c->add_option("--school", n->school, "The plan: " + namesOfPlans())->capture_default_str();
  c->add_option("--today", n->today, "Day to plan for; today without it");
  c->add_option("--step", n->step_kg, "What is added, in kg; the history's own without it")
      ->check(CLI::Range(0.1, 50.0));
  c->add_option("--gear", n->gear, "Bars and plates of a house, TOML: loads that can be put on the bar");
  c->add_option("--json", n->json, "Write it as JSON; - is standard output");
  c->callback([n, &exit_code] {
    if (auto done = next(*n); !done) exit_code = report(done.error());
  });

  auto p = std::make_shared<PlanOptions>();
  c = app.add_subcommand("plan", "The weeks to a test or meet");
  c->add_option("--athlete", p->athlete, "Athlete file, JSON")->required();
  c->add_option("--until", p->until, "Day of the test or meet; the athlete's own without it");
  c->add_option("--history", p->history, "Sets so far, JSON (docs/history.schema.json)");
  c->add_option("--log", p->house, "House file that knows the athlete by name")->excludes("--history");
  c->add_option("--lift", p->lift, "squat, bench or deadlift")
      ->check(CLI::IsMember({"squat", "bench", "deadlift"}));
  c->add_option("--variant", p->variant, "With --log: of this variant");
  c->add_option("--school", p->school, "The plan: " + namesOfPlans());
  c->add_option("--begins", p->begins, "First day; this week without it");
  c->add_option("--sessions", p->sessions, "A week")->check(CLI::Range(1, 4))->capture_default_str();
  c->add_option("--goal", p->goal_kg, "Best single wanted by then, in kg")->check(CLI::Range(1.0, 1000.0));
  c->add_option("--gain", p->gain, "What if gains were so many times what they have been")
      ->check(CLI::Range(0.0, 1.5))
      ->capture_default_str();
  c->add_option("--missed", p->missed, "What if the week of this day is missed; may be repeated");
  c->add_option("--today", p->today, "Day on which it is planned; today without it");
  c->add_option("--json", p->json, "Write it as JSON; - is standard output");
  c->add_option("--csv", p->csv, "Write the weeks as CSV; - is standard output");
  c->add_option("--calendar", p->calendar, "Write the sessions as iCalendar; - is standard output");
  c->callback([p, &exit_code] {
    if (auto done = plan(*p); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
