#include "core/cue/cue_book.h"

#include <algorithm>
#include <cassert>

#define TOML_EXCEPTIONS 0
#include <toml++/toml.h>

#include "built_in_books.h"

namespace mottix {

const Cue* CueBook::find(std::string_view id) const {
  for (const Cue& cue : cues)
    if (cue.id == id) return &cue;
  return nullptr;
}

std::vector<const Cue*> CueBook::forRule(std::string_view rule) const {
  std::vector<const Cue*> out;
  for (const Cue& cue : cues)
    if (cue.rule == rule) out.push_back(&cue);
  return out;
}

Expected<CueBook> parseCueBook(std::string_view text, std::string_view file_name) {
  const toml::parse_result parsed = toml::parse(text);
  const std::string file(file_name);
  if (!parsed)
    return fail(Remedy::kCorrectInput, file + ", line " + std::to_string(parsed.error().source().begin.line) +
                                           ": " + std::string(parsed.error().description()));
  CueBook book;
  const toml::array* cues = parsed.table()["cue"].as_array();
  if (cues == nullptr) return fail(Remedy::kCorrectInput, file + ": there is no [[cue]] in it.");
  for (const toml::node& node : *cues) {
    const std::string where = file + ", line " + std::to_string(node.source().begin.line) + ": ";
    const toml::table* t = node.as_table();
    if (t == nullptr) return fail(Remedy::kCorrectInput, where + "a cue must be a table.");
    Cue cue{(*t)["id"].value_or(std::string()), (*t)["rule"].value_or(std::string()),
            (*t)["words"].value_or(std::string())};
    if (cue.id.empty() || cue.rule.empty() || cue.words.empty())
      return fail(Remedy::kCorrectInput, where + "a cue needs an id, a rule and words.");
    if (book.find(cue.id) != nullptr)
      return fail(Remedy::kCorrectInput, where + "the id “" + cue.id + "” is used twice.");
    book.cues.push_back(std::move(cue));
  }
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

std::vector<const Cue*> suggestCues(const CueBook& book, const std::vector<Finding>& findings) {
  std::vector<const Finding*> standing;
  for (const Finding& f : findings)
    if (!f.overruled && f.certainty != Certainty::kCantTell) standing.push_back(&f);
  std::stable_sort(standing.begin(), standing.end(), [](const Finding* a, const Finding* b) {
    if (a->certainty != b->certainty) return a->certainty < b->certainty;
    return a->severity > b->severity;
  });
  std::vector<const Cue*> out;
  for (const Finding* f : standing)
    for (const Cue* cue : book.forRule(f->rule))
      if (std::find(out.begin(), out.end(), cue) == out.end()) out.push_back(cue);
  return out;
}

}  // namespace mottix
