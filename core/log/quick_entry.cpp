#include "core/log/quick_entry.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace mottix {
namespace {

// From here on a number beside another is a load.
constexpr double kLeastLoad = 15.0;

std::string lower(std::string_view text) {
  std::string out(text);
  for (char& c : out) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
  return out;
}

// The scribble in pieces: words, numbers and signs, quoted notes.
struct Piece {
  enum class Kind { kWord, kNumber, kSign, kNote } kind;
  std::string text;
  double number = 0.0;
};

std::vector<Piece> piecesOf(std::string_view text) {
  std::vector<Piece> out;
  for (std::size_t k = 0; k < text.size();) {
    const char c = text[k];
    const auto u = static_cast<unsigned char>(c);
    // Quotes, also the typographic ones (three bytes each).
    const auto quote = [&](std::size_t at) -> std::size_t {
      if (text[at] == '"') return 1;
      for (const std::string_view q : {"“", "”", "„"})
        if (text.substr(at, q.size()) == q) return q.size();
      return 0;
    };
    if (const std::size_t q = quote(k)) {
      std::size_t end = k + q;
      while (end < text.size() && quote(end) == 0) ++end;
      out.push_back({Piece::Kind::kNote, std::string(text.substr(k + q, end - k - q))});
      k = end < text.size() ? end + quote(end) : end;
      continue;
    }
    if (text.substr(k, 2) == "×") {
      out.push_back({Piece::Kind::kSign, "x"});
      k += 2;
      continue;
    }
    if (std::isdigit(u)) {
      // A date, or a number with a point or a comma inside it.
      if (k + 10 <= text.size() && dayNamed(text.substr(k, 10))) {
        out.push_back({Piece::Kind::kWord, std::string(text.substr(k, 10))});
        k += 10;
        continue;
      }
      std::size_t end = k;
      const auto digit = [&](std::size_t at) {
        return at < text.size() && std::isdigit(static_cast<unsigned char>(text[at]));
      };
      while (digit(end)) ++end;
      if (end < text.size() && (text[end] == '.' || text[end] == ',') && digit(end + 1)) {
        ++end;
        while (digit(end)) ++end;
      }
      std::string number(text.substr(k, end - k));
      std::replace(number.begin(), number.end(), ',', '.');
      double v = 0.0;
      std::from_chars(number.data(), number.data() + number.size(), v);
      out.push_back({Piece::Kind::kNumber, number, v});
      k = end;
      continue;
    }
    if (std::isalpha(u) || u >= 0x80) {
      // "x" between numbers is a sign, however close it stands.
      const bool after_number = !out.empty() && out.back().kind == Piece::Kind::kNumber;
      std::size_t next = k + 1;
      while (next < text.size() && text[next] == ' ') ++next;
      if ((c == 'x' || c == 'X') && after_number && next < text.size() &&
          std::isdigit(static_cast<unsigned char>(text[next]))) {
        out.push_back({Piece::Kind::kSign, "x"});
        ++k;
        continue;
      }
      std::size_t end = k;
      while (end < text.size() &&
             (std::isalpha(static_cast<unsigned char>(text[end])) ||
              static_cast<unsigned char>(text[end]) >= 0x80 || text[end] == '\'' ||
              (text[end] == '-' && end + 1 < text.size() &&
               std::isalpha(static_cast<unsigned char>(text[end + 1])))) &&
             quote(end) == 0 && text.substr(end, 2) != "×")
        ++end;
      out.push_back({Piece::Kind::kWord, lower(text.substr(k, end - k))});
      k = end;
      continue;
    }
    if (c == ',' || c == ';')
      out.push_back({Piece::Kind::kSign, ","});
    else if (c == '@' || c == '~' || c == '/' || c == '*')
      out.push_back({Piece::Kind::kSign, c == '*' ? "x" : std::string(1, c)});
    else if (!std::isspace(u) && c != '.' && c != ':')
      out.push_back({Piece::Kind::kSign, std::string(1, c)});
    ++k;
  }
  return out;
}

struct Reader {
  std::vector<Piece> p;
  const std::vector<NamedAthlete>& athletes;
  const QuickDefaults& defaults;
  QuickEntry out = {};
  // Holds on from group to group.
  std::optional<AthleteId> athlete = defaults.athlete;
  std::optional<Lift> lift = defaults.lift;
  std::string variant = defaults.variant;
  Day day = defaults.today;
  std::vector<Condition> conditions = {};

  bool isSign(std::size_t k, std::string_view sign) const {
    return k < p.size() && p[k].kind == Piece::Kind::kSign && p[k].text == sign;
  }
  bool isWord(std::size_t k, std::string_view word) const {
    return k < p.size() && p[k].kind == Piece::Kind::kWord && p[k].text == word;
  }
  bool isNumber(std::size_t k) const { return k < p.size() && p[k].kind == Piece::Kind::kNumber; }
  void wrong(const std::string& what) {
    if (out.wrong.empty()) out.wrong = what;
  }

  void say(Condition c) {
    if (std::find(conditions.begin(), conditions.end(), c) == conditions.end()) conditions.push_back(c);
  }

  // A name, lift, variant, condition or day at `k`; where it ends.
  std::size_t words(std::size_t k, bool& variant_said) {
    const NamedAthlete* best = nullptr;
    std::size_t length = 0;
    for (const NamedAthlete& who : athletes) {
      const std::vector<Piece> name = piecesOf(who.name);
      std::size_t n = 0;
      while (n < name.size() && k + n < p.size() && p[k + n].kind == Piece::Kind::kWord &&
             p[k + n].text == name[n].text)
        ++n;
      if (n > length) best = &who, length = n;
    }
    if (best != nullptr) {
      athlete = best->id;
      return k + length;
    }
    if (isWord(k, "squat") || isWord(k, "squats") || isWord(k, "sq"))
      return sayLift(Lift::kSquat, variant_said), k + 1;
    if (isWord(k, "bench") || isWord(k, "press") || isWord(k, "bp"))
      return sayLift(Lift::kBench, variant_said), isWord(k + 1, "press") ? k + 2 : k + 1;
    if (isWord(k, "deadlift") || isWord(k, "deadlifts") || isWord(k, "dl") || isWord(k, "pull"))
      return sayLift(Lift::kDeadlift, variant_said), k + 1;
    if (isWord(k, "ill") || isWord(k, "sick")) return say(Condition::kIll), k + 1;
    if (isWord(k, "short") && isWord(k + 1, "sleep")) return say(Condition::kShortSleep), k + 2;
    if (isWord(k, "no") && isWord(k + 1, "belt")) return say(Condition::kNoBelt), k + 2;
    if (isWord(k, "other") && isWord(k + 1, "shoes")) return say(Condition::kOtherShoes), k + 2;
    if (isWord(k, "today")) return day = defaults.today, k + 1;
    if (isWord(k, "yesterday")) return day = defaults.today - std::chrono::days(1), k + 1;
    if (const auto date = dayNamed(p[k].text)) return day = *date, k + 1;
    for (const std::size_t n : {2u, 1u}) {
      if (k + n > p.size() || (n == 2 && p[k + 1].kind != Piece::Kind::kWord)) continue;
      const std::string tag = n == 2 ? p[k].text + "_" + p[k + 1].text : p[k].text;
      if (!isVariantTag(tag) && !(n == 1 && (tag == "conventional" || tag == "flat"))) continue;
      const std::string spaced = n == 2 ? p[k].text + " " + p[k + 1].text : p[k].text;
      variant = variant_said ? variant + " " + spaced : spaced;
      variant_said = true;
      return k + n;
    }
    return k;
  }
  void sayLift(Lift said, bool variant_said) {
    if (lift != said && !variant_said) variant.clear();
    lift = said;
  }

  void group(std::size_t from, std::size_t to) {
    std::vector<double> chain;  // numbers joined by ×
    std::optional<int> asked;   // behind a stroke
    std::optional<double> alone, felt, seen;
    double kg_per_unit = defaults.kg_per_unit;
    std::string note;
    bool variant_said = false, any = false;
    for (std::size_t k = from; k < to;) {
      if (p[k].kind == Piece::Kind::kNote) {
        note = p[k].text;
        ++k;
      } else if ((isSign(k, "@") || isSign(k, "~")) && isNumber(k + 1)) {
        (p[k].text == "@" ? felt : seen) = p[k + 1].number;
        k += 2;
      } else if (isNumber(k)) {
        any = true;
        std::vector<double> numbers = {p[k].number};
        ++k;
        while (k + 1 < to && (isSign(k, "x") || isSign(k, "/")) && isNumber(k + 1)) {
          if (p[k].text == "/")
            asked = static_cast<int>(p[k + 1].number);
          else
            numbers.push_back(p[k + 1].number);
          k += 2;
        }
        if (numbers.size() > 1 && chain.empty())
          chain = numbers;
        else if (numbers.size() == 1 && !alone)
          alone = numbers.front();
        else
          return wrong("There are too many numbers in one set; part sets by commas.");
        if (isWord(k, "kg"))
          kg_per_unit = 1.0, ++k;
        else if (isWord(k, "lb") || isWord(k, "lbs"))
          kg_per_unit = 0.45359237, ++k;
        else if (isWord(k, "reps") || isWord(k, "rep"))
          ++k;
      } else if (p[k].kind == Piece::Kind::kWord) {
        const std::size_t next = words(k, variant_said);
        if (next == k)
          return wrong("“" + p[k].text + "” is no name, lift, variant or note; notes go in quotes.");
        k = next;
      } else {
        return wrong("“" + p[k].text + "” is not understood there.");
      }
    }
    if (!any) {
      // Words alone hold for the groups to come; efforts alone for nothing.
      if (felt || seen) wrong("An effort stands without a set.");
      return;
    }
    double load = 0.0;
    int sets = 1, reps = 0;
    if (chain.size() == 3) {
      // Sets × reps × load, however it is turned: the load is the largest.
      const auto largest = std::max_element(chain.begin(), chain.end());
      load = *largest;
      if (largest == chain.begin()) {
        reps = static_cast<int>(chain[1]);
        sets = static_cast<int>(chain[2]);
      } else {
        sets = static_cast<int>(chain[0]);
        reps = static_cast<int>(chain[largest == chain.begin() + 1 ? 2 : 1]);
      }
    } else if (chain.size() == 2 && alone) {
      sets = static_cast<int>(chain[0]);
      reps = static_cast<int>(chain[1]);
      load = *alone;
    } else if (chain.size() == 2) {
      load = std::max(chain[0], chain[1]);
      reps = static_cast<int>(std::min(chain[0], chain[1]));
      if (load < kLeastLoad) return wrong("The load is missing: “3x5 60”, or “3x5x60”.");
    } else {
      return wrong("The reps are missing: “60x5”, or “3x5 60”.");
    }
    load *= kg_per_unit;
    if (!(load > 0.0 && load <= 1000.0)) return wrong("A load lies between 0 and 1000 kg.");
    if (reps < 0 || reps > 50 || (asked && (*asked < 1 || *asked > 50)))
      return wrong("Reps are a number from 0 to 50.");
    if (sets < 1 || sets > 30) return wrong("Sets are a number from 1 to 30.");
    for (const auto& e : {felt, seen})
      if (e && !(*e >= 1.0 && *e <= 10.0)) return wrong("Effort lies between 1 and 10 (nothing left).");
    if (!lift) return wrong("Which lift: squat, bench or deadlift?");
    if (day > defaults.today) return wrong("That day is still to come.");
    QuickSet set;
    set.athlete = athlete;
    set.lift = *lift;
    set.variant = variant.empty() ? std::string(usualVariant(*lift)) : variant;
    set.day = day;
    set.load_kg = std::round(load * 1000.0) / 1000.0;
    set.reps_done = reps;
    set.reps_asked = asked.value_or(reps);
    set.conditions = conditions;
    std::sort(set.conditions.begin(), set.conditions.end());
    set.note = note;
    for (int s = 0; s < sets; ++s) {
      // What is said of several is said of the last.
      if (s == sets - 1) {
        set.effort_felt = felt;
        set.effort_seen = seen;
      }
      out.sets.push_back(set);
    }
  }
};

}  // namespace

QuickEntry parseQuickEntry(std::string_view text, const std::vector<NamedAthlete>& athletes,
                           const QuickDefaults& defaults) {
  Reader r{piecesOf(text), athletes, defaults};
  for (std::size_t from = 0; from < r.p.size() && r.out.wrong.empty();) {
    std::size_t to = from;
    while (to < r.p.size() && !r.isSign(to, ",")) ++to;
    r.group(from, to);
    from = to + 1;
  }
  if (r.out.wrong.empty() && r.out.sets.empty())
    r.out.wrong = "There is no set in it yet: “60x5”, or “3x5 60 @8”.";
  if (r.out.wrong.empty())
    for (const QuickSet& s : r.out.sets)
      if (!s.athlete) r.out.wrong = "Whose set is it? Begin with a name.";
  if (!r.out.wrong.empty()) r.out.sets.clear();
  return r.out;
}

std::vector<SetRecord> recordsOf(const QuickEntry& entry, AthleteId athlete) {
  std::vector<SetRecord> out;
  for (const QuickSet& s : entry.sets) {
    if (s.athlete != athlete) continue;
    SetRecord set = writtenSet(athlete, s.day, s.lift, s.variant, s.reps_asked, s.load_kg);
    set.edit.asked.effort = s.effort_felt.value_or(s.effort_seen.value_or(8.0));
    set.edit.effort_felt = s.effort_felt;
    set.edit.effort_seen = s.effort_seen;
    set.edit.reps_done = s.reps_done;
    set.edit.conditions = s.conditions;
    set.edit.note = s.note;
    out.push_back(std::move(set));
  }
  return out;
}

}  // namespace mottix
