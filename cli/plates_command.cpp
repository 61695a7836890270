#include <iostream>
#include <memory>

#include <nlohmann/json.hpp>

#include "cli/commands.h"
#include "cli/files.h"
#include "core/load/plates.h"

namespace mottix {
namespace {

using Json = nlohmann::ordered_json;

struct PlatesOptions {
  double load = 0.0, collar = 0.0, at_top = 0.0;
  std::string bar = "20", have, gear, unit = "kg", json;
  bool never_above = false, warm_up = false;
};

double in(const std::string& unit, Mass mass) {
  return unit == "lb" ? mass.lb() : mass.kg();
}

std::string words(double v) {
  char text[32];
  std::snprintf(text, sizeof text, "%.6g", v);
  return text;
}

std::string sideWords(const Loading& loading) {
  std::string out;
  for (const PlateKind& p : loading.side)
    for (int n = 0; n < p.count; ++n)
      out += (out.empty() ? "" : " + ") + words(p.in_lb ? p.each.lb() : p.each.kg()) + (p.in_lb ? " lb" : "");
  return out.empty() ? "nothing" : out;
}

Json toJson(const Loading& loading, const std::string& unit) {
  Json side = Json::array();
  for (const PlateKind& p : loading.side)
    side.push_back(
        {{"mass", p.in_lb ? p.each.lb() : p.each.kg()}, {"unit", p.in_lb ? "lb" : "kg"}, {"count", p.count}});
  return {{"bar", loading.bar.name},
          {"side", side},
          {"total", in(unit, loading.total)},
          {"off", in(unit, loading.off)},
          {"unit", unit}};
}

Expected<void> plates(const PlatesOptions& o) {
  const auto mass = [&](double v) { return o.unit == "lb" ? Mass::ofLb(v) : Mass::ofKg(v); };
  Gear gear = usualGear();
  if (!o.gear.empty()) {
    auto text = readText(o.gear);
    if (!text) return tl::make_unexpected(text.error());
    auto parsed = parseGear(*text, o.gear);
    if (!parsed) return tl::make_unexpected(parsed.error());
    gear = std::move(*parsed);
  }
  if (!o.have.empty()) {
    auto listed = platesIn(o.have);
    if (!listed) return tl::make_unexpected(listed.error());
    gear.plates = std::move(*listed);
  }
  if (o.collar > 0.0) gear.collar = mass(o.collar);
  // A bar of the gear by its name, or one of so much.
  BarKind bar;
  if (const BarKind* named = gear.bar(o.bar)) {
    bar = *named;
  } else {
    char* end = nullptr;
    const double v = std::strtod(o.bar.c_str(), &end);
    if (o.bar.empty() || *end != '\0' || !(v > 0.0 && v <= 100.0))
      return fail(Remedy::kCorrectInput,
                  "--bar takes what it weighs, or the name of a bar of the gear, not “" + o.bar + "”.");
    bar = {"bar", mass(v), o.unit == "lb"};
  }
  const auto loading = loadPlates(gear, bar, {mass(o.load), mass(o.at_top), o.never_above});
  if (!loading) return tl::make_unexpected(loading.error());
  std::vector<WarmUpSet> steps;
  if (o.warm_up) {
    auto sets = warmUpTo(gear, bar, loading->total - mass(o.at_top));
    if (!sets) return tl::make_unexpected(sets.error());
    steps = std::move(*sets);
  }
  if (o.json != "-") {
    for (const WarmUpSet& s : steps)
      std::cout << s.reps << " x " << words(in(o.unit, s.loading.total)) << ' ' << o.unit << ": "
                << sideWords(s.loading) << " a side\n";
    std::cout << words(in(o.unit, loading->total)) << ' ' << o.unit << ": " << sideWords(*loading)
              << " a side";
    if (loading->off != Mass())
      std::cout << "; " << words(std::abs(in(o.unit, loading->off))) << ' ' << o.unit
                << (loading->off > Mass() ? " more" : " less") << " than asked for";
    std::cout << '\n';
  }
  if (o.json.empty()) return {};
  Json doc = {{"schema", "mottix.plates/1"}, {"wanted", in(o.unit, mass(o.load))}};
  doc["loading"] = toJson(*loading, o.unit);
  doc["warm_up"] = Json::array();
  for (const WarmUpSet& s : steps) {
    Json step = toJson(s.loading, o.unit);
    step["reps"] = s.reps;
    doc["warm_up"].push_back(std::move(step));
  }
  return writeText(o.json, doc.dump(1) + "\n");
}

}  // namespace

void addPlatesCommand(CLI::App& app, int& exit_code) {
  auto o = std::make_shared<PlatesOptions>();
  CLI::App* c = app.add_subcommand("plates", "Which plates make a load, and the steps up to it");
  c->add_option("--load", o->load, "What is wanted on the bar, the bar counted in")->required();
  c->add_option("--bar", o->bar, "What the bar weighs, or the name of a bar of the gear")
      ->capture_default_str();
  c->add_option("--have", o->have, "Plates that are there: mass x how many, as in \"25x2,20x4,45lbx2\"");
  c->add_option("--gear", o->gear, "Bars, plates and collars of a house, TOML");
  c->add_option("--unit", o->unit, "Of --load, --bar, --collar and --at-top, and of what is said")
      ->check(CLI::IsMember({"kg", "lb"}))
      ->capture_default_str();
  c->add_option("--collar", o->collar, "Each of the two collars")->check(CLI::Range(0.0, 20.0));
  c->add_option("--at-top", o->at_top, "Of the load, chains or bands where they weigh most")
      ->check(CLI::Range(0.0, 500.0));
  c->add_flag("--never-above", o->never_above, "The nearest load that is not above the wanted one");
  c->add_flag("--warm-up", o->warm_up, "The steps from the empty bar as well");
  c->add_option("--json", o->json, "Write it as JSON; - is standard output");
  c->callback([o, &exit_code] {
    if (auto done = plates(*o); !done) exit_code = report(done.error());
  });
}

}  // namespace mottix
