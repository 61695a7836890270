#include "core/log/log_query.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cstdio>
#include <map>

namespace mottix {
namespace {

// Words in small letters; numbers apart from what follows them ("100kg"), signs of comparison by themselves.
std::vector<std::string> tokensOf(std::string_view text) {
  std::vector<std::string> out;
  enum class Kind { kNone, kWord, kNumber, kSign } kind = Kind::kNone;
  for (const char raw : text) {
    const auto u = static_cast<unsigned char>(raw);
    const char c = static_cast<char>(std::tolower(u));
    Kind now = Kind::kNone;
    if (std::isdigit(u) || (c == '.' && kind == Kind::kNumber) || (c == '-' && kind == Kind::kNumber))
      now = kind == Kind::kWord ? Kind::kWord : Kind::kNumber;
    else if (std::isalpha(u) || u >= 0x80 || ((c == '_' || c == '-' || c == '\'') && kind == Kind::kWord))
      now = Kind::kWord;
    else if (c == '<' || c == '>' || c == '=')
      now = Kind::kSign;
    if (now == Kind::kNone) {
      kind = now;
      continue;
    }
    if (now != kind || out.empty()) out.emplace_back();
    out.back() += c;
    kind = now;
  }
  for (std::string& t : out)
    while (t.size() > 1 && (t.back() == '.' || t.back() == '-')) t.pop_back();
  return out;
}

std::optional<double> numberIn(const std::string& token) {
  double v = 0.0;
  const auto r = std::from_chars(token.data(), token.data() + token.size(), v);
  if (r.ec != std::errc() || r.ptr != token.data() + token.size()) return std::nullopt;
  return v;
}

// What is common to "rise", "rises" and "rose".
std::string stemOf(const std::string& word) {
  static const std::map<std::string, std::string> kIrregular = {
      {"rose", "rise"}, {"risen", "rise"}, {"shot", "shoot"}, {"fell", "fall"},   {"lost", "lose"},
      {"bent", "bend"}, {"led", "lead"},   {"came", "come"},  {"shallow", "high"}};
  const auto irregular = kIrregular.find(word);
  std::string w = irregular == kIrregular.end() ? word : irregular->second;
  constexpr std::size_t kLeast = 3;
  for (const std::string_view end : {"ing", "ed", "es", "s", "e"})
    if (w.size() >= kLeast + end.size() && w.ends_with(end)) {
      w.erase(w.size() - end.size());
      break;
    }
  return w;
}

bool isEmptyWord(const std::string& t) {
  static constexpr std::array kWords = {"set", "sets", "where", "when", "with", "the",   "and", "of",
                                        "at",  "a",    "an",    "in",   "by",   "that",  "all", "on",
                                        "to",  "from", "is",    "was",  "were", "which", "had", "has",
                                        "for", "my",   "me",    "show", "find"};
  return std::find(kWords.begin(), kWords.end(), t) != kWords.end();
}

enum class Bound { kAbove, kBelow, kAtLeast, kAtMost, kEqual };

struct Parser {
  std::vector<std::string> t;
  std::vector<bool> used;
  const RuleBook& book;
  Day today;
  double kg_per_unit;
  LogQuery q = {};

  bool is(std::size_t at, std::string_view word) const { return at < t.size() && !used[at] && t[at] == word; }
  bool isAny(std::size_t at, std::initializer_list<std::string_view> words) const {
    return std::any_of(words.begin(), words.end(), [&](std::string_view w) { return is(at, w); });
  }
  void use(std::size_t from, std::size_t to) {
    for (std::size_t k = from; k < to; ++k) used[k] = true;
  }

  // A comparison at `at`, and where it ends.
  std::optional<Bound> boundAt(std::size_t& at) const {
    if (is(at, "at") && (is(at + 1, "least") || is(at + 1, "most"))) {
      at += 2;
      return t[at - 1] == "least" ? Bound::kAtLeast : Bound::kAtMost;
    }
    if (isAny(at, {"above", "over", ">", "beyond"})) return ++at, Bound::kAbove;
    if (isAny(at, {"below", "under", "<"})) return ++at, Bound::kBelow;
    if (is(at, ">=")) return ++at, Bound::kAtLeast;
    if (is(at, "<=")) return ++at, Bound::kAtMost;
    if (is(at, "=")) return ++at, Bound::kEqual;
    return std::nullopt;
  }

  enum class Field { kEffort, kLoad, kReps };
  std::optional<Field> fieldAt(std::size_t& at) const {
    if (isAny(at, {"effort", "efforts"})) return ++at, Field::kEffort;
    if (isAny(at, {"load", "loads", "weight"})) return ++at, Field::kLoad;
    if (isAny(at, {"reps", "rep"})) return ++at, Field::kReps;
    return std::nullopt;
  }

  void take(Field field, Bound bound, double v) {
    constexpr double kHair = 1e-3;
    const bool from = bound != Bound::kBelow && bound != Bound::kAtMost,
               to = bound != Bound::kAbove && bound != Bound::kAtLeast;
    const double hair = bound == Bound::kEqual                             ? -kHair
                        : bound == Bound::kAbove || bound == Bound::kBelow ? kHair
                                                                           : 0.0;
    static constexpr std::array kWords = {"above", "below", "at least", "at most", ""};
    const auto say = [&](const char* what, const char* unit) {
      char text[64];
      const char* words = kWords[static_cast<std::size_t>(bound)];
      std::snprintf(text, sizeof text, "%s %s%s%g%s", what, words, *words ? " " : "", v, unit);
      q.said.emplace_back(text);
    };
    if (field == Field::kEffort) {
      if (from) q.effort_from = v + hair;
      if (to) q.effort_to = v - hair;
      say("effort", "");
    } else if (field == Field::kLoad) {
      const double kg = v * kg_per_unit;
      constexpr double kNear = 0.05;
      if (from) q.load_from_kg = bound == Bound::kEqual ? kg - kNear : kg + hair;
      if (to) q.load_to_kg = bound == Bound::kEqual ? kg + kNear : kg - hair;
      say("load", kg_per_unit == 1.0 ? " kg" : " lb");
    } else {
      const int n = static_cast<int>(v);
      if (from) q.reps_from = bound == Bound::kAbove ? n + 1 : n;
      if (to) q.reps_to = bound == Bound::kBelow ? n - 1 : n;
      say("reps", "");
    }
  }

  void numbers() {
    for (std::size_t k = 0; k < t.size(); ++k) {
      if (used[k]) continue;
      std::size_t at = k;
      auto bound = boundAt(at);
      auto field = fieldAt(at);
      if (field && !bound) bound = boundAt(at);
      const auto number = at < t.size() && !used[at] ? numberIn(t[at]) : std::nullopt;
      if (!number || (!field && !bound)) {
        // "5 reps", "100 kg"
        const auto bare = numberIn(t[k]);
        if (!bare) continue;
        if (isAny(k + 1, {"reps", "rep"})) {
          take(Field::kReps, Bound::kEqual, *bare);
          use(k, k + 2);
        } else if (isAny(k + 1, {"kg", "lb", "lbs"})) {
          take(Field::kLoad, Bound::kEqual, *bare);
          use(k, k + 2);
        }
        continue;
      }
      ++at;
      if (isAny(at, {"kg", "lb", "lbs"})) {
        if (!field) field = Field::kLoad;
        ++at;
      } else if (isAny(at, {"reps", "rep"}) && !field) {
        field = Field::kReps;
        ++at;
      }
      // A number alone behind "above": an effort where it can be one, else a load.
      if (!field) field = *number <= 10.0 ? Field::kEffort : Field::kLoad;
      take(*field, bound.value_or(Bound::kEqual), *number);
      use(k, at);
    }
  }

  void days() {
    for (std::size_t k = 0; k < t.size(); ++k) {
      if (used[k]) continue;
      if (is(k, "last")) {
        std::size_t at = k + 1;
        double n = 1.0;
        if (at < t.size())
          if (const auto number = numberIn(t[at])) n = *number, ++at;
        int length = 0;
        if (isAny(at, {"day", "days"})) length = 1;
        if (isAny(at, {"week", "weeks"})) length = 7;
        if (isAny(at, {"month", "months"})) length = 30;
        if (isAny(at, {"year", "years"})) length = 365;
        if (length == 0) continue;
        q.since = today - std::chrono::days(static_cast<int>(n) * length);
        q.said.push_back("since " + nameOf(*q.since));
        use(k, at + 1);
        continue;
      }
      const bool since = isAny(k, {"since", "after"}), before = isAny(k, {"before", "until"});
      const std::size_t at = since || before ? k + 1 : k;
      if (at >= t.size() || used[at]) continue;
      if (const auto day = dayNamed(t[at])) {
        if (!before) q.since = *day;
        if (!since) q.until = before ? *day - std::chrono::days(1) : *day;
        q.said.push_back((since ? "since " : before ? "before " : "on ") + t[at]);
        use(k, at + 1);
      } else if (t[at].size() == 4 && t[at].starts_with("20") && numberIn(t[at])) {
        if (const auto first = dayNamed(t[at] + "-01-01"), last = dayNamed(t[at] + "-12-31"); first && last) {
          if (!before) q.since = *first;
          if (!since) q.until = before ? *first - std::chrono::days(1) : *last;
          q.said.push_back((since ? "since " : before ? "before " : "in ") + t[at]);
          use(k, at + 1);
        }
      }
    }
  }

  void lifts() {
    for (std::size_t k = 0; k < t.size(); ++k) {
      if (used[k]) continue;
      std::optional<Lift> lift;
      std::size_t end = k + 1;
      if (isAny(k, {"squat", "squats"})) lift = Lift::kSquat;
      if (isAny(k, {"deadlift", "deadlifts", "pull", "pulls"})) lift = Lift::kDeadlift;
      if (isAny(k, {"bench", "press", "presses"})) {
        lift = Lift::kBench;
        if (is(k, "bench") && isAny(k + 1, {"press", "presses"})) ++end;
      }
      if (!lift || q.lift) continue;
      q.lift = lift;
      q.said.emplace_back(nameOf(*lift));
      use(k, end);
    }
  }

  void variants() {
    for (std::size_t k = 0; k < t.size() && q.variant.empty(); ++k) {
      if (used[k]) continue;
      for (const std::size_t words : {2u, 1u}) {
        if (k + words > t.size() || (words == 2 && used[k + 1])) continue;
        const std::string spaced = words == 2 ? t[k] + " " + t[k + 1] : t[k];
        const std::string tag = words == 2 ? t[k] + "_" + t[k + 1] : t[k];
        if (!isVariantTag(tag)) continue;
        q.variant = spaced;
        q.said.push_back(spaced);
        use(k, k + words);
        break;
      }
    }
  }

  // Whose name is named by most of its words: two of one first name are told apart by the rest.
  void names(const std::vector<NamedAthlete>& athletes) {
    const NamedAthlete* best = nullptr;
    std::size_t from = 0, length = 0;
    for (const NamedAthlete& who : athletes) {
      const std::vector<std::string> words = tokensOf(who.name);
      for (std::size_t k = 0; k < t.size() && !words.empty(); ++k) {
        std::size_t n = 0;
        while (n < words.size() && k + n < t.size() && t[k + n] == words[n]) ++n;
        if (n <= length) continue;
        best = &who;
        from = k;
        length = n;
      }
    }
    if (best == nullptr) return;
    q.athlete = best->id;
    q.said.push_back(best->name);
    use(from, from + length);
  }

  void flags() {
    for (std::size_t k = 0; k < t.size(); ++k) {
      const auto take_word = [&](std::size_t end, const char* say) {
        q.said.emplace_back(say);
        use(k, end);
      };
      if (isAny(k, {"missed", "failed"})) {
        q.missed = true;
        take_word(isAny(k + 1, {"reps", "rep"}) ? k + 2 : k + 1, "reps missed");
      } else if (isAny(k, {"filmed", "film"})) {
        q.filmed = true;
        take_word(k + 1, "filmed");
      } else if (isAny(k, {"ill", "sick"})) {
        q.condition = Condition::kIll;
        take_word(k + 1, "ill");
      } else if (is(k, "held")) {
        q.verdict = LoadAction::kHold;
        take_word(k + 1, "load held");
      } else if (is(k, "cut")) {
        q.verdict = LoadAction::kRepair;
        take_word(k + 1, "load cut");
      } else if (is(k, "short") && is(k + 1, "sleep")) {
        q.condition = Condition::kShortSleep;
        take_word(k + 2, "short sleep");
      } else if (is(k, "no") && is(k + 1, "belt")) {
        q.condition = Condition::kNoBelt;
        take_word(k + 2, "no belt");
      } else if (is(k, "other") && is(k + 1, "shoes")) {
        q.condition = Condition::kOtherShoes;
        take_word(k + 2, "other shoes");
      }
    }
  }

  // The rules whose words have most in common with what is left, if it is all that a rule says or two words.
  void faults() {
    std::size_t most = 0;
    std::vector<const Rule*> best;
    std::vector<std::size_t> used_by_best;
    for (const Rule& rule : book.rules) {
      if (q.lift && !rule.isFor(*q.lift)) continue;
      std::vector<std::string> says;
      std::string id = rule.id.substr(rule.id.find('.') + 1);
      std::replace(id.begin(), id.end(), '-', ' ');
      std::replace(id.begin(), id.end(), '_', ' ');
      for (const std::string& word : tokensOf(rule.says + " " + id))
        if (!isEmptyWord(word)) says.push_back(stemOf(word));
      std::vector<std::size_t> hits;
      std::vector<std::string> found;
      for (std::size_t k = 0; k < t.size(); ++k) {
        if (used[k] || isEmptyWord(t[k])) continue;
        const std::string stem = stemOf(t[k]);
        if (std::find(says.begin(), says.end(), stem) == says.end()) continue;
        hits.push_back(k);
        if (std::find(found.begin(), found.end(), stem) == found.end()) found.push_back(stem);
      }
      if (found.empty() || found.size() < most) continue;
      if (found.size() > most) {
        best.clear();
        used_by_best.clear();
      }
      most = found.size();
      best.push_back(&rule);
      used_by_best.insert(used_by_best.end(), hits.begin(), hits.end());
    }
    if (best.empty()) return;
    std::string say;
    for (const Rule* rule : best) {
      q.any_rule.push_back(rule->id);
      if (say.find(rule->says) == std::string::npos) say += (say.empty() ? "“" : ", “") + rule->says + "”";
    }
    q.said.push_back(say);
    for (const std::size_t k : used_by_best) used[k] = true;
  }
};

}  // namespace

LogQuery parseQuery(std::string_view text, const std::vector<NamedAthlete>& athletes, const RuleBook& book,
                    Day today, double kg_per_unit) {
  Parser p{tokensOf(text), {}, book, today, kg_per_unit};
  p.used.assign(p.t.size(), false);
  p.names(athletes);
  p.days();
  p.numbers();
  p.variants();
  p.lifts();
  p.flags();
  p.faults();
  for (std::size_t k = 0; k < p.t.size(); ++k)
    if (!p.used[k] && !isEmptyWord(p.t[k])) {
      p.q.words.push_back(p.t[k]);
      p.q.said.push_back("“" + p.t[k] + "” in cue or note");
    }
  return p.q;
}

}  // namespace mottix
