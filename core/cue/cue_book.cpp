#include "core/cue/cue_book.h"

#include <algorithm>
#include <array>
#include <cassert>

#include "built_in_books.h"
#include "core/base/toml_table.h"

namespace mottix {
namespace {

constexpr std::array<std::string_view, 4> kWays = {"body", "outside", "picture", "touch"};

}  // namespace

std::string_view nameOf(CueWay way) {
  return kWays[static_cast<std::size_t>(way)];
}

std::optional<CueWay> cueWayNamed(std::string_view name) {
  const auto at = std::find(kWays.begin(), kWays.end(), name);
  if (at == kWays.end()) return std::nullopt;
  return static_cast<CueWay>(at - kWays.begin());
}

bool Cue::isFor(std::string_view rule) const {
  return std::find(rules.begin(), rules.end(), rule) != rules.end();
}

const Cue* CueBook::find(std::string_view id) const {
  for (const Cue& cue : cues)
    if (cue.id == id) return &cue;
  return nullptr;
}

std::vector<const Cue*> CueBook::forRule(std::string_view rule) const {
  std::vector<const Cue*> out;
  for (const Cue& cue : cues)
    if (cue.isFor(rule)) out.push_back(&cue);
  return out;
}

Expected<CueBook> parseCueBook(std::string_view text, std::string_view file_name) {
  CueBook book;
  auto done = readToml(text, file_name, [&](TomlTable& root) {
    root.tables("cue", [&](TomlTable& t) {
      Cue cue;
      cue.id = t.text("id");
      t.call(cue.id);
      cue.rules = t.texts("rules");
      cue.words = t.text("words");
      cue.schools = t.texts("schools");
      const std::string way = t.text("way");
      if (const auto known = cueWayNamed(way))
        cue.way = *known;
      else
        t.wrong("way must be body, outside, picture or touch.");
      if (cue.id.empty() || cue.rules.empty() || cue.words.empty())
        t.wrong("a cue needs an id, rules and words.");
      if (book.find(cue.id) != nullptr) t.wrong("the id is used twice.");
      book.cues.push_back(std::move(cue));
    });
    if (book.cues.empty()) root.wrong("there is no [[cue]] in it.");
  });
  if (!done) return tl::make_unexpected(done.error());
  return book;
}

const CueBook& builtInCueBook() {
  static const CueBook book = [] {
    auto parsed = parseCueBook(kBuiltInCues, "rules/cues.toml");
    assert(parsed && "the shipped cue book must be valid; a test reads it");
    return parsed.value_or(CueBook{});
  }();
  return book;
}

Expected<CueBook> withOwnCues(std::string_view toml) {
  CueBook book = builtInCueBook();
  if (toml.empty()) return book;
  auto own = parseCueBook(toml, "own cues");
  if (!own) return own;
  for (Cue& cue : own->cues) {
    if (book.find(cue.id) != nullptr)
      return fail(Remedy::kCorrectInput,
                  "own cues: “" + cue.id + "” ships with the program; choose another id.");
    cue.own = true;
  }
  own->cues.insert(own->cues.end(), book.cues.begin(), book.cues.end());
  return own;
}

std::string toToml(const std::vector<Cue>& cues) {
  std::string out;
  for (const Cue& cue : cues) {
    out += "[[cue]]\nid = " + tomlText(cue.id) + "\nrules = " + tomlList(cue.rules) +
           "\nway = " + tomlText(std::string(nameOf(cue.way))) + "\nwords = " + tomlText(cue.words) + "\n";
    if (!cue.schools.empty()) out += "schools = " + tomlList(cue.schools) + "\n";
    out += "\n";
  }
  return out;
}

std::vector<CueOffer> suggestCues(const CueBook& book, const std::vector<Finding>& findings,
                                  const RuleBook& rules, const CueHistory& history) {
  std::vector<CueOffer> clear, near;
  for (const Finding& f : findings) {
    if (f.overruled || f.certainty == Certainty::kCantTell) continue;
    const Rule* rule = rules.find(f.rule);
    // A big fault weighs as much as two small ones, one of tired reps half of one.
    const double grade = f.severity == Severity::kBig ? 2.0 : f.severity == Severity::kSmall ? 1.0 : 0.5;
    const double weight = grade * (rule == nullptr ? 1.0 : rule->weight);
    auto& offers = f.certainty == Certainty::kClear ? clear : near;
    for (const Cue* cue : book.forRule(f.rule)) {
      const bool of_school =
          cue->schools.empty() || std::any_of(cue->schools.begin(), cue->schools.end(), [&](const auto& s) {
            return std::find(rules.schools.begin(), rules.schools.end(), s) != rules.schools.end();
          });
      const auto known = [&](const CueOffer& o) { return o.cue == cue; };
      if (!of_school || std::any_of(clear.begin(), clear.end(), known) ||
          std::any_of(near.begin(), near.end(), known))
        continue;
      CueOffer offer{cue, f.rule, estimateCue(history, cue->id, f.rule), 0.0};
      offer.worth = offer.estimate.effect.value * weight;
      offers.push_back(std::move(offer));
    }
  }
  for (auto* offers : {&clear, &near})
    std::stable_sort(offers->begin(), offers->end(),
                     [](const CueOffer& a, const CueOffer& b) { return a.worth > b.worth; });
  clear.insert(clear.end(), near.begin(), near.end());
  return clear;
}

}  // namespace mottix
