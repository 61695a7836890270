#include <iostream>
#include <memory>
#include <optional>

#include <nlohmann/json.hpp>

#include "cli/commands.h"
#include "cli/files.h"
#include "report/athlete_document.h"
#include "report/fit_document.h"
#include "report/fit_wording.h"

namespace mottix {
namespace {

struct FitOptions {
  std::string athlete, lift = "squat", variant, school, json;
  double load_kg = 60.0;
  std::optional<double> stance_cm, heel_mm, depth_cm;
};

void print(const QString& text) {
  std::cout << text.toStdString() << '\n';
}

void printLists(const std::vector<Suggestion>& suggestions, const std::vector<FitCaution>& cautions) {
  for (const Suggestion& s : suggestions) {
    QString line = suggestionWords(s) + QStringLiteral(". ") + fitReasonWords(s.reason);
    if (s.school != "base")
      line +=
          QStringLiteral(" [%1]").arg(QString::fromUtf8(s.school.data(), static_cast<int>(s.school.size())));
    print(line);
  }
  for (FitCaution c : cautions) print(QStringLiteral("Caution: ") + fitCautionWords(c));
}

template <typename Posture>
QString postureLine(const Posture& p) {
  return QStringLiteral("trunk %1° from upright, shin %2°, hip lever %3 cm, knee lever %4 cm")
      .arg(p.trunk_lean_deg, 0, 'f', 0)
      .arg(p.shin_lean_deg, 0, 'f', 0)
      .arg(100.0 * p.hip_lever_m, 0, 'f', 1)
      .arg(100.0 * p.knee_lever_m, 0, 'f', 1);
}

template <typename Solution, typename Words>
void printPosture(const QString& what, const Solution& s, Words&& words) {
  if (s.feasible)
    print(what + QStringLiteral(": ") + words(s.posture));
  else
    print(what + QStringLiteral(": no posture exists, because ") + limitWords(s.limited_by) +
          QLatin1Char('.'));
}

Expected<void> wrongVariant(const FitOptions& o, const char* known) {
  return fail(Remedy::kCorrectInput,
              "--variant “" + o.variant + "” is not known for the " + o.lift + " (known: " + known + ").");
}

Expected<void> wrongSchool(const FitOptions& o, const char* known) {
  return fail(Remedy::kCorrectInput,
              "--school “" + o.school + "” is not known for the " + o.lift + " (known: " + known + ").");
}
// What was asked for, or what the athlete prefers.
template <typename School>
std::string schoolOr(const FitOptions& o, School preferred) {
  return o.school.empty() ? std::string(nameOf(preferred)) : o.school;
}

Expected<void> finish(const FitOptions& o, const nlohmann::ordered_json& doc) {
  return o.json.empty() ? Expected<void>{} : writeText(o.json, doc.dump(2) + "\n");
}

Expected<void> fitSquat(const FitOptions& o, const AthleteRecord& record, const FitSubject& who) {
  const auto school = squatSchoolNamed(schoolOr(o, record.athlete.profile.squat));
  if (!school) return wrongSchool(o, "base, hip-led, upright, wide, knee-sparing, knee-loading");
  SquatWishes wishes;
  wishes.load_kg = o.load_kg;
  if (!o.variant.empty()) {
    wishes.bar = barPositionNamed(o.variant);
    if (!wishes.bar) return wrongVariant(o, "high, middle, low, front, safety");
  }
  if (o.stance_cm) wishes.heel_distance_m = *o.stance_cm / 100.0;
  if (o.heel_mm) wishes.heel_raise_m = *o.heel_mm / 1000.0;
  if (o.depth_cm) wishes.hip_below_knee_m = *o.depth_cm / 100.0;
  const SquatFit fit = suggestSquat(who, *school, wishes);
  if (o.json != "-") {
    printPosture(QStringLiteral("At the bottom"), fit.solution,
                 [](const SquatPosture& p) { return postureLine(p) + QLatin1Char('.'); });
    if (fit.solution.feasible && fit.solution.limited_by != PostureLimit::kNone)
      print(QStringLiteral("There ") + limitWords(fit.solution.limited_by) + QLatin1Char('.'));
    printLists(fit.suggestions, fit.cautions);
  }
  return finish(o, toJson(record.athlete.name, who.body, *school, fit));
}

Expected<void> fitDeadlift(const FitOptions& o, const AthleteRecord& record, const FitSubject& who) {
  std::optional<DeadliftStyle> style;
  if (o.variant == "sumo")
    style = DeadliftStyle::kSumo;
  else if (o.variant == "conventional")
    style = DeadliftStyle::kConventional;
  else if (!o.variant.empty())
    return wrongVariant(o, "conventional, sumo");
  DeadliftWishes wishes;
  wishes.style = style;
  wishes.load_kg = o.load_kg;
  if (o.stance_cm) wishes.heel_distance_m = *o.stance_cm / 100.0;
  const auto school = deadliftSchoolNamed(schoolOr(o, record.athlete.profile.deadlift));
  if (!school) return wrongSchool(o, "base, felt-tension");
  const DeadliftFit fit = suggestDeadlift(who, *school, wishes);
  if (o.json != "-") {
    auto words = [](const DeadliftPosture& p) { return postureLine(p) + QLatin1Char('.'); };
    printPosture(QStringLiteral("Conventional"), fit.conventional, words);
    printPosture(QStringLiteral("Sumo"), fit.sumo, words);
    printLists(fit.suggestions, fit.cautions);
  }
  return finish(o, toJson(record.athlete.name, who.body, *school, fit));
}

Expected<void> fitBench(const FitOptions& o, const AthleteRecord& record, const FitSubject& who) {
  if (!o.variant.empty() && o.variant != "flat") return wrongVariant(o, "flat");
  const auto school = benchSchoolNamed(schoolOr(o, record.athlete.profile.bench));
  if (!school) return wrongSchool(o, "base, competition, development");
  BenchWishes wishes;
  wishes.load_kg = o.load_kg;
  const BenchFit fit = suggestBench(who, *school, wishes);
  if (o.json != "-") {
    printPosture(QStringLiteral("At the touch"), fit.solution, [](const BenchPosture& p) {
      return QStringLiteral("elbow bent %1°, upper arm %2° from the ribs, the bar travels %3 cm.")
          .arg(p.elbow_flexion_deg, 0, 'f', 0)
          .arg(p.upper_arm_deg, 0, 'f', 0)
          .arg(100.0 * p.range_of_motion_m, 0, 'f', 0);
    });
    printLists(fit.suggestions, fit.cautions);
  }
  return finish(o, toJson(record.athlete.name, who.body, *school, fit));
}

Expected<void> fit(const FitOptions& o) {
  auto text = readText(o.athlete);
  if (!text) return tl::make_unexpected(text.error());
  auto file = parseAthlete(*text, o.athlete);
  if (!file) return tl::make_unexpected(file.error());
  const AthleteRecord& record = file->record;
  const auto who = subjectOf(record);
  if (!who)
    return fail(Remedy::kCorrectInput, "“" + o.athlete + "” states no “height_cm”; the set-up needs it.");
  if (o.lift != "squat" && (o.heel_mm || o.depth_cm))
    return fail(Remedy::kCorrectInput, "--heel and --depth are for the squat.");
  if (o.lift == "bench" && o.stance_cm)
    return fail(Remedy::kCorrectInput, "--stance is for the squat and the deadlift.");
  if (o.lift == "deadlift") return fitDeadlift(o, record, *who);
  if (o.lift == "bench") return fitBench(o, record, *who);
  return fitSquat(o, record, *who);
}

}  // namespace

void addFitCommand(CLI::App& app, int& exit_code) {
  auto o = std::make_shared<FitOptions>();
  CLI::App* c = app.add_subcommand("fit", "The set-up that fits an athlete's body, with reasons");
  c->add_option("--athlete", o->athlete, "The athlete's body and complaints, JSON")->required();
  c->add_option("--lift", o->lift, "What is lifted")
      ->check(CLI::IsMember({"squat", "bench", "deadlift"}))
      ->capture_default_str();
  c->add_option(
      "--variant", o->variant,
      "Squat: high, middle, low, front, safety; deadlift: conventional, sumo; without, one is suggested");
  c->add_option("--school", o->school,
                "Squat: base, hip-led, upright, wide, knee-sparing, knee-loading; bench: base, competition, "
                "development; deadlift: base, felt-tension; without, the athlete's own");
  c->add_option("--load", o->load_kg, "Load in kg, for the moments")
      ->check(CLI::Range(0.0, 500.0))
      ->capture_default_str();
  c->add_option("--stance", o->stance_cm, "Squat and deadlift: distance between the heels in cm")
      ->check(CLI::Range(0.0, 120.0));
  c->add_option("--heel", o->heel_mm, "Squat: height of the heel in mm")->check(CLI::Range(0.0, 80.0));
  c->add_option("--depth", o->depth_cm, "Squat: hip joint below knee joint at the bottom in cm")
      ->check(CLI::Range(-40.0, 40.0));
  c->add_option("--json", o->json, "Write everything as JSON; - is standard output");
  c->callback([o, &exit_code] {
    if (auto done = fit(*o); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
