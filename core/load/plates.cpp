#include "core/load/plates.h"

#include <algorithm>
#include <cctype>
#include <charconv>
#include <cmath>
#include <cstdlib>
#include <regex>
#include <unordered_map>

#include "core/base/toml_table.h"

namespace mottix {
namespace {

constexpr double kMost_kg = 2000.0;
constexpr int kMostPlates = 400;

// A mass from an entry `kg` or `lb`.
Mass readMass(TomlTable& t, bool& in_lb) {
  const auto kg = t.number("kg"), lb = t.number("lb");
  in_lb = lb.has_value();
  if (kg.has_value() == lb.has_value()) {
    t.wrong("it needs kg or lb.");
    return {};
  }
  const double v = kg ? *kg : *lb;
  const Mass mass = kg ? Mass::ofKg(v) : Mass::ofLb(v);
  if (!std::isfinite(v) || !(mass > Mass()) || mass > Mass::ofKg(kMost_kg)) {
    t.wrong("a mass lies between 0 and 2000 kg.");
    return {};
  }
  return mass;
}

std::string massEntry(Mass mass, bool in_lb) {
  return in_lb ? "lb = " + tomlNumber(mass.lb()) : "kg = " + tomlNumber(mass.kg());
}

}  // namespace

const BarKind* Gear::bar(std::string_view name) const {
  for (const BarKind& b : bars)
    if (b.name == name) return &b;
  return nullptr;
}

std::optional<Rigging> riggingIn(std::string_view equipment, const Gear& gear) {
  if (gear.bars.empty()) return std::nullopt;
  std::string words(equipment);
  std::transform(words.begin(), words.end(), words.begin(),
                 [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
  Rigging out{gear.bars.front(), {}};
  std::size_t longest = 0;
  for (const BarKind& bar : gear.bars) {
    std::string name = bar.name;
    std::transform(name.begin(), name.end(), name.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    const std::size_t at = words.find(name);
    const auto letter = [&](std::size_t k) {
      return k < words.size() && std::isalnum(static_cast<unsigned char>(words[k])) != 0;
    };
    if (at == std::string::npos || (at > 0 && letter(at - 1)) || letter(at + name.size())) continue;
    if (name.size() <= longest) continue;
    longest = name.size();
    out.bar = bar;
  }
  static const std::regex hung(
      R"((?:chains?|bands?)\s+(?:of\s+)?(\d{1,3}(?:[.,]\d{1,3})?)\s*(kg|lb)\b)"
      R"(|(\d{1,3}(?:[.,]\d{1,3})?)\s*(kg|lb)\s+(?:of\s+|in\s+)?(?:chains?|bands?)\b)");
  for (std::sregex_iterator it(words.begin(), words.end(), hung), end; it != end; ++it) {
    const bool named_first = (*it)[1].matched;
    std::string number = (*it)[named_first ? 1 : 3];
    std::replace(number.begin(), number.end(), ',', '.');
    double v = 0.0;
    std::from_chars(number.data(), number.data() + number.size(), v);
    out.at_top = out.at_top + ((*it)[named_first ? 2 : 4] == "kg" ? Mass::ofKg(v) : Mass::ofLb(v));
  }
  return out;
}

Expected<Gear> parseGear(std::string_view text, std::string_view file_name) {
  Gear gear;
  auto done = readToml(text, file_name, [&](TomlTable& root) {
    if (const auto kg = root.number("collar_kg")) {
      if (!(*kg >= 0.0 && *kg <= 10.0))
        root.wrong("a collar weighs 0 to 10 kg.");
      else
        gear.collar = Mass::ofKg(*kg);
    }
    root.tables("bar", [&](TomlTable& t) {
      BarKind bar;
      bar.name = t.text("name");
      t.call(bar.name);
      bar.mass = readMass(t, bar.in_lb);
      if (bar.name.empty()) t.wrong("a bar has a name.");
      if (gear.bar(bar.name) != nullptr) t.wrong("the name is used twice.");
      gear.bars.push_back(std::move(bar));
    });
    root.tables("plate", [&](TomlTable& t) {
      PlateKind plate;
      plate.each = readMass(t, plate.in_lb);
      const auto count = t.number("count");
      if (!count || *count != std::floor(*count) || *count < 0.0 || *count > kMostPlates)
        t.wrong("count says how many there are, 0 to 400.");
      else
        plate.count = static_cast<int>(*count);
      plate.diameter_mm = t.number("diameter_mm").value_or(0.0);
      if (!(plate.diameter_mm >= 0.0 && plate.diameter_mm <= 600.0))
        t.wrong("a plate is up to 600 mm across.");
      gear.plates.push_back(plate);
    });
    if (gear.bars.empty()) root.wrong("there is no [[bar]] in it.");
  });
  if (!done) return tl::make_unexpected(done.error());
  return gear;
}

std::string toToml(const Gear& gear) {
  std::string out;
  if (gear.collar > Mass()) out += "collar_kg = " + tomlNumber(gear.collar.kg()) + "\n";
  for (const BarKind& b : gear.bars)
    out += "\n[[bar]]\nname = " + tomlText(b.name) + "\n" + massEntry(b.mass, b.in_lb) + "\n";
  for (const PlateKind& p : gear.plates) {
    out += "\n[[plate]]\n" + massEntry(p.each, p.in_lb) + "\ncount = " + std::to_string(p.count) + "\n";
    if (p.diameter_mm > 0.0) out += "diameter_mm = " + tomlNumber(p.diameter_mm) + "\n";
  }
  return out;
}

const Gear& usualGear() {
  static const Gear gear = [] {
    Gear g;
    g.bars = {{"bar", Mass::ofKg(20.0), false}, {"training bar", Mass::ofKg(15.0), false}};
    for (const auto& [kg, count, mm] : {std::tuple{25.0, 4, 450.0},
                                        {20.0, 4, 450.0},
                                        {15.0, 2, 450.0},
                                        {10.0, 4, 450.0},
                                        {5.0, 4, 230.0},
                                        {2.5, 4, 190.0},
                                        {1.25, 4, 160.0},
                                        {0.5, 2, 130.0}})
      g.plates.push_back({Mass::ofKg(kg), count, false, mm});
    return g;
  }();
  return gear;
}

Expected<std::vector<PlateKind>> platesIn(std::string_view text) {
  std::vector<PlateKind> out;
  std::string entry;
  const auto take = [&]() -> Expected<void> {
    std::string s;
    for (const char c : entry)
      if (c != ' ') s += c;
    entry.clear();
    if (s.empty()) return {};
    // "×" is typed by some.
    if (const auto times = s.find("×"); times != std::string::npos)
      s.replace(times, std::string("×").size(), "x");
    const auto bad = [&] {
      return fail(Remedy::kCorrectInput,
                  "“" + s + "” is no plate: say mass × how many, as in 20x4 or 45lbx2.");
    };
    const auto x = s.rfind('x');
    if (x == std::string::npos || x == 0 || x + 1 == s.size()) return bad();
    std::string mass = s.substr(0, x);
    PlateKind plate;
    if (mass.ends_with("lb")) {
      plate.in_lb = true;
      mass.resize(mass.size() - 2);
    } else if (mass.ends_with("kg")) {
      mass.resize(mass.size() - 2);
    }
    std::replace(mass.begin(), mass.end(), ',', '.');
    char* end = nullptr;
    const double v = std::strtod(mass.c_str(), &end);
    char* count_end = nullptr;
    const long count = std::strtol(s.c_str() + x + 1, &count_end, 10);
    if (mass.empty() || *end != '\0' || *count_end != '\0' || !(v > 0.0 && v <= 200.0) || count < 0 ||
        count > kMostPlates)
      return bad();
    plate.each = plate.in_lb ? Mass::ofLb(v) : Mass::ofKg(v);
    plate.count = static_cast<int>(count);
    for (const PlateKind& other : out)
      if (other.each == plate.each) return fail(Remedy::kCorrectInput, "“" + s + "” is said twice.");
    out.push_back(plate);
    return {};
  };
  for (std::size_t k = 0; k <= text.size(); ++k) {
    // A comma between digits is a decimal one where a count has not been said yet.
    const bool decimal = k < text.size() && text[k] == ',' && entry.find('x') == std::string::npos &&
                         entry.find("×") == std::string::npos && !entry.empty();
    if (k == text.size() || ((text[k] == ',' || text[k] == ';') && !decimal)) {
      if (auto ok = take(); !ok) return tl::make_unexpected(ok.error());
    } else {
      entry += text[k];
    }
  }
  if (out.empty())
    return fail(Remedy::kCorrectInput, "No plate is named: say mass × how many, as in 20x4, 10x4.");
  return out;
}

std::string nameOf(const std::vector<PlateKind>& plates) {
  std::string out;
  for (const PlateKind& p : plates)
    out += (out.empty() ? "" : ", ") + (p.in_lb ? tomlNumber(p.each.lb()) + " lb" : tomlNumber(p.each.kg())) +
           " × " + std::to_string(p.count);
  return out;
}

int Loading::platesASide() const {
  int n = 0;
  for (const PlateKind& p : side) n += p.count;
  return n;
}

Expected<Loading> loadPlates(const Gear& gear, const BarKind& bar, const LoadWish& wish) {
  if (!(wish.total > Mass()) || wish.total > Mass::ofKg(kMost_kg) || wish.at_top < Mass())
    return fail(Remedy::kCorrectInput, "A load lies between 0 and 2000 kg.");
  const Mass fixed = bar.mass + gear.collar * 2 + wish.at_top;
  std::vector<PlateKind> kinds;
  for (const PlateKind& p : gear.plates)
    if (p.count >= 2) kinds.push_back(p);
  std::stable_sort(kinds.begin(), kinds.end(),
                   [](const PlateKind& a, const PlateKind& b) { return a.each > b.each; });
  const std::int64_t wanted = (wish.total - fixed).count();  // on both sides together

  // Layer by layer, what can hang on one side with the kinds so far, and with how many plates at least.
  // Beyond the wish by more than a pair of the heaviest nothing is nearest.
  // As few plates as can be; of as few, the heaviest first: the sum of their squares is greater.
  struct Way {
    int plates, of_this;
    double squares;
  };
  using Layer = std::unordered_map<std::int64_t, Way>;
  std::vector<Layer> layers = {{{0, {0, 0, 0.0}}}};
  const std::int64_t most =
      std::max<std::int64_t>(0, wanted) / 2 + (kinds.empty() ? 0 : kinds.front().each.count());
  for (const PlateKind& kind : kinds) {
    Layer next;
    const double kg = kind.each.kg();
    for (const auto& [sum, way] : layers.back())
      for (int n = 0; n <= kind.count / 2; ++n) {
        const std::int64_t to = sum + n * kind.each.count();
        if (to > most) break;
        const Way here{way.plates + n, n, way.squares + n * kg * kg};
        const auto [at, first] = next.try_emplace(to, here);
        constexpr double kSame = 1e-9;
        const Way& there = at->second;
        if (!first && (here.plates < there.plates ||
                       (here.plates == there.plates && here.squares > there.squares + kSame)))
          at->second = here;
      }
    layers.push_back(std::move(next));
  }
  std::optional<std::int64_t> best;
  for (const auto& [sum, way] : layers.back()) {
    const std::int64_t off = 2 * sum - wanted;
    if (wish.never_above && off > 0) continue;
    const std::int64_t before = best ? 2 * *best - wanted : 0;
    if (!best || std::abs(off) < std::abs(before) || (std::abs(off) == std::abs(before) && off < before))
      best = sum;
  }
  if (!best)
    return fail(Remedy::kCorrectInput, "The " + bar.name + " alone, with what hangs on it anyway, weighs " +
                                           tomlNumber(fixed.kg()) + " kg: more than is asked for.");
  Loading out;
  out.at_top = wish.at_top;
  out.bar = bar;
  std::int64_t left = *best;
  for (std::size_t k = kinds.size(); k > 0; --k) {
    const int n = layers[k].at(left).of_this;
    left -= n * kinds[k - 1].each.count();
    if (n == 0) continue;
    PlateKind here = kinds[k - 1];
    here.count = n;
    out.side.insert(out.side.begin(), here);
    out.total = out.total + here.each * (2 * n);
  }
  out.total = out.total + fixed;
  out.off = out.total - wish.total;
  return out;
}

Expected<std::vector<WarmUpSet>> warmUpTo(const Gear& gear, const BarKind& bar, Mass work) {
  std::vector<WarmUpSet> out;
  const Mass from = bar.mass + gear.collar * 2;
  if (work <= from) return out;
  // A jump of a quarter of the work load at most; two sets of five with the bar alone come first.
  constexpr double kJump = 0.25;
  const double way_kg = (work - from).kg();
  const int jumps = std::max(1, static_cast<int>(std::ceil(way_kg / (kJump * work.kg()) - 1e-9)));
  for (int k = 0; k < jumps; ++k) {
    const Mass wanted = k == 0 ? from : Mass::ofKg(from.kg() + way_kg * k / jumps);
    auto loading = loadPlates(gear, bar, {wanted, {}, false});
    if (!loading) return tl::make_unexpected(loading.error());
    // A step on the way needs no small plates: of the loads near it the one with the fewest.
    constexpr double kNear = 0.04, kGrain_kg = 1.25;
    const int near = static_cast<int>(kNear * work.kg() / kGrain_kg);
    for (int off = 1; k > 0 && off <= near; ++off)
      for (const int side : {-1, 1}) {
        auto other = loadPlates(gear, bar, {wanted + Mass::ofKg(side * kGrain_kg * off), {}, false});
        if (other && other->platesASide() < loading->platesASide()) loading = std::move(other);
      }
    if (loading->total >= work || (!out.empty() && loading->total <= out.back().loading.total)) continue;
    // Fewer reps the nearer it comes, so that nothing is spent on the way (own numbers).
    const double share = loading->total.kg() / work.kg();
    const int reps = share < 0.55 ? 5 : share < 0.75 ? 3 : share < 0.88 ? 2 : 1;
    out.push_back({std::move(*loading), reps});
    if (k == 0) out.push_back(out.back());
    if (k == 0) out.front().reps = out.back().reps = 5;
  }
  return out;
}

}  // namespace mottix
