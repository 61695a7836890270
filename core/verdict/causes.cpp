#include "core/verdict/causes.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <set>

#include "built_in_books.h"
#include "core/base/toml_table.h"
#include "core/verdict/usual.h"

namespace mottix {
namespace {

constexpr std::string_view kWith = "with:", kWithout = "without:";

Estimate exactly(double value) {
  return {value, 0.0};
}

// One kind of evidence: nothing when it is not known.
struct Kind {
  std::string_view name;
  std::optional<Evidence> (*look)(const Finding&, const CauseFacts&);
};

std::optional<Evidence> plain(bool holds) {
  return Evidence{{}, holds, false, {}, {}};
}
std::optional<Evidence> plain(std::optional<bool> holds) {
  return holds ? plain(*holds) : std::nullopt;
}
std::optional<Evidence> read(bool holds, const Estimate& number, std::string unit) {
  return Evidence{{}, holds, false, number, std::move(unit)};
}

// The middle rep's value against a number, when it is surely on one side of it.
std::optional<Evidence> middleAgainst(const CauseFacts& f, MeasureId id, double limit, bool above) {
  const auto value = middleRep(*f.measures, id);
  if (!value) return std::nullopt;
  constexpr double kSurely = 0.8;
  const double p = probabilityAbove(*value, limit);
  const bool holds = (above ? p : 1.0 - p) >= kSurely, not_so = (above ? 1.0 - p : p) >= kSurely;
  if (!holds && !not_so) return std::nullopt;
  return read(holds, *value, std::string(definitionOf(id).unit));
}

int lastRep(const CauseFacts& f) {
  int last = 0;
  for (const Measure& m : *f.measures) last = std::max(last, m.rep);
  return last;
}

// As seen, or else as the set-up says.
std::optional<double> middleToe(const CauseFacts& f) {
  const auto left = middleRep(*f.measures, MeasureId::kToeAngleLeft),
             right = middleRep(*f.measures, MeasureId::kToeAngleRight);
  if (!left || !right) return f.setup.toe_out_deg;
  return 0.5 * (left->value + right->value);
}

std::optional<Evidence> stance(const CauseFacts& f, double of_shoulders, bool wider) {
  auto width = middleRep(*f.measures, MeasureId::kStanceWidth);
  if (!width && f.setup.stance_cm) width = exactly(*f.setup.stance_cm);
  if (!width || !f.who) return std::nullopt;
  const double cm = 100.0 * of_shoulders * f.who->body.length_m(Segment::kShoulderWidth);
  return read(wider ? width->value > cm : width->value < cm, *width, "cm");
}

std::optional<Evidence> shortestRest(const CauseFacts& f, double than_s, bool shorter) {
  std::optional<Estimate> least;
  for (const Measure& m : *f.measures)
    if (m.id == MeasureId::kRestBefore && m.status == MeasureStatus::kOk &&
        (!least || m.value.value < least->value))
      least = m.value;
  if (!least) return std::nullopt;
  return read(shorter ? least->value < than_s : least->value >= than_s, *least, "s");
}

std::optional<Evidence> loadAgainstUsual(const CauseFacts& f, bool up) {
  if (!f.load_kg || !f.usual_load_kg || *f.usual_load_kg <= 0.0) return std::nullopt;
  constexpr double kOther = 0.03;  // of the load: about a step at 80 kg
  const double by = *f.load_kg / *f.usual_load_kg - 1.0;
  return read(up ? by > kOther : by < -kOther, exactly(100.0 * by), "%");
}

std::optional<bool> hasEquipment(const CauseFacts& f, Equipment a, Equipment b) {
  if (!f.who || f.who->equipment.empty()) return std::nullopt;
  return f.who->has(a, false) || f.who->has(b, false);
}

// As the set-up says; without one a lifter who owns raised shoes or a wedge is taken to use them.
std::optional<Evidence> heel(const CauseFacts& f, bool raised) {
  constexpr double kRaised_mm = 8.0;  // the least of what shoes and wedges raise (practice)
  if (f.setup.heel_mm)
    return read((*f.setup.heel_mm >= kRaised_mm) == raised, exactly(*f.setup.heel_mm), "mm");
  const auto owns = hasEquipment(f, Equipment::kLiftingShoes, Equipment::kHeelWedge);
  return owns ? plain(*owns == raised) : std::nullopt;
}

// Half a second to a second is between a quick breath and a full one (own).
constexpr double kQuickBreath_s = 0.6, kFullBreath_s = 1.2;
// Heels about shoulder width are the common start (practice): a quarter more and a seventh less are others
// (own).
constexpr double kWideStance = 1.25, kNarrowStance = 0.85;  // of the shoulders' width
// About 30 degrees for shoulder width (practice): half of that is straight, most of it is out (own).
constexpr double kStraightToes_deg = 15.0, kToesOut_deg = 25.0;
// Under 30 degrees an ankle is stiff (bennell1998, as in the screens); a deep squat's shin leans by some 35
// (own).
constexpr double kStiffAnkle_deg = 30.0, kFreeAnkle_deg = 36.0;

constexpr std::array<Kind, 32> kKinds = {{
    {"effort_high",
     [](const Finding&, const CauseFacts& f) {
       return f.set.effort ? read(*f.set.effort >= kHardEffort, exactly(*f.set.effort), "") : std::nullopt;
     }},
    {"effort_low",
     [](const Finding&, const CauseFacts& f) {
       constexpr double kEasyEffort = 7.0;  // three reps left and more
       return f.set.effort ? read(*f.set.effort <= kEasyEffort, exactly(*f.set.effort), "") : std::nullopt;
     }},
    {"only_late",
     [](const Finding& x, const CauseFacts& f) {
       const int last = lastRep(f);
       return last < 3 ? std::nullopt : plain(x.reps.front() > (last + 1) / 2);
     }},
    {"from_first",
     [](const Finding& x, const CauseFacts& f) {
       return lastRep(f) < 3 ? std::nullopt : plain(x.reps.front() == 1);
     }},
    {"load_up", [](const Finding&, const CauseFacts& f) { return loadAgainstUsual(f, true); }},
    {"load_down", [](const Finding&, const CauseFacts& f) { return loadAgainstUsual(f, false); }},
    {"slow",
     [](const Finding&, const CauseFacts& f) -> std::optional<Evidence> {
       constexpr double kMuchSpeedLost = 25.0;  // %, over the set
       std::optional<Estimate> most;
       for (const Measure& m : *f.measures)
         if (m.id == MeasureId::kSpeedLoss && m.status == MeasureStatus::kOk &&
             (!most || m.value.value > most->value))
           most = m.value;
       if (!most) return std::nullopt;
       return read(most->value >= kMuchSpeedLost, *most, "%");
     }},
    {"breath_short",
     [](const Finding&, const CauseFacts& f) { return shortestRest(f, kQuickBreath_s, true); }},
    {"breath_full",
     [](const Finding&, const CauseFacts& f) { return shortestRest(f, kFullBreath_s, false); }},
    {"long_standing",
     [](const Finding& x, const CauseFacts& f) -> std::optional<Evidence> {
       if (f.past_sets < kSetsForUsual) return std::nullopt;
       const auto found = f.past_found.find(x.rule);
       const int times = found == f.past_found.end() ? 0 : found->second;
       return read(2 * times >= f.past_sets, exactly(times), "sets");
     }},
    {"new",
     [](const Finding& x, const CauseFacts& f) -> std::optional<Evidence> {
       if (f.past_sets < kSetsForUsual) return std::nullopt;
       return plain(!f.past_found.contains(x.rule));
     }},
    {"knees_do_less",
     [](const Finding&, const CauseFacts& f) {
       constexpr double kHipsDoMore = 1.15;  // hip range over knee range: own allowance about even
       return middleAgainst(f, MeasureId::kHipKneeRatio, kHipsDoMore, true);
     }},
    {"bar_ahead",
     [](const Finding&, const CauseFacts& f) {
       constexpr double kAhead_cm = 2.0;
       const auto turn = middleAgainst(f, MeasureId::kBarOffsetStart, kAhead_cm, true);
       return turn ? turn : middleAgainst(f, MeasureId::kBarOffsetTurn, kAhead_cm, true);
     }},
    {"shin_upright",
     [](const Finding&, const CauseFacts& f) {
       constexpr double kUpright_deg = 20.0;  // a shin that an ankle lets go leans by 30 and more
       return middleAgainst(f, MeasureId::kShinLeanMost, kUpright_deg, false);
     }},
    {"stance_wide", [](const Finding&, const CauseFacts& f) { return stance(f, kWideStance, true); }},
    {"stance_narrow", [](const Finding&, const CauseFacts& f) { return stance(f, kNarrowStance, false); }},
    {"toes_straight",
     [](const Finding&, const CauseFacts& f) {
       const auto toe = middleToe(f);
       return toe ? read(*toe < kStraightToes_deg, exactly(*toe), "deg") : std::nullopt;
     }},
    {"toes_out",
     [](const Finding&, const CauseFacts& f) {
       const auto toe = middleToe(f);
       return toe ? read(*toe >= kToesOut_deg, exactly(*toe), "deg") : std::nullopt;
     }},
    {"ankle_stiff",
     [](const Finding&, const CauseFacts& f) -> std::optional<Evidence> {
       if (!f.who || !f.who->body.dorsiflexion_measured) return std::nullopt;
       return read(f.who->body.dorsiflexion_deg < kStiffAnkle_deg, exactly(f.who->body.dorsiflexion_deg), "deg");
     }},
    {"ankle_free",
     [](const Finding&, const CauseFacts& f) -> std::optional<Evidence> {
       if (!f.who || !f.who->body.dorsiflexion_measured) return std::nullopt;
       return read(f.who->body.dorsiflexion_deg >= kFreeAnkle_deg, exactly(f.who->body.dorsiflexion_deg), "deg");
     }},
    {"flat_heel", [](const Finding&, const CauseFacts& f) { return heel(f, false); }},
    {"raised_heel", [](const Finding&, const CauseFacts& f) { return heel(f, true); }},
    {"low_bar", [](const Finding&, const CauseFacts& f) { return plain(f.set.is("low_bar")); }},
    {"high_bar", [](const Finding&, const CauseFacts& f) { return plain(f.set.is("high_bar")); }},
    {"paused", [](const Finding&, const CauseFacts& f) { return plain(f.set.is("paused")); }},
    {"back_gives_way",
     [](const Finding&, const CauseFacts& f) {
       return f.who ? plain(f.who->screens.back_gives_way) : std::nullopt;
     }},
    {"hips_stay_forward",
     [](const Finding&, const CauseFacts& f) {
       return f.who ? plain(f.who->screens.hips_stay_forward) : std::nullopt;
     }},
    {"complaint",
     [](const Finding&, const CauseFacts& f) {
       return plain(std::any_of(f.set.complaints.begin(), f.set.complaints.end(),
                                [](const Complaint& c) { return c.level >= kComplaintThatCounts; }));
     }},
    {"long_thighs",
     [](const Finding&, const CauseFacts& f) {
       return plain(std::find(f.set.build.begin(), f.set.build.end(), "long_thighs") != f.set.build.end());
     }},
    {"belt",
     [](const Finding&, const CauseFacts& f) {
       return plain(hasEquipment(f, Equipment::kBelt, Equipment::kBelt));
     }},
    {"straps",
     [](const Finding&, const CauseFacts& f) {
       return plain(hasEquipment(f, Equipment::kStraps, Equipment::kStraps));
     }},
    {"sumo", [](const Finding&, const CauseFacts& f) { return plain(f.set.is("sumo")); }},
}};

const Kind* kindNamed(std::string_view name) {
  const auto at = std::find_if(kKinds.begin(), kKinds.end(), [&](const Kind& k) { return k.name == name; });
  return at == kKinds.end() ? nullptr : &*at;
}

}  // namespace

bool Cause::isOf(std::string_view rule) const {
  return std::find(rules.begin(), rules.end(), rule) != rules.end();
}

const Cause* CauseBook::find(std::string_view id) const {
  for (const Cause& cause : causes)
    if (cause.id == id) return &cause;
  return nullptr;
}

bool isEvidenceKind(std::string_view kind) {
  return kind.starts_with(kWith) || kind.starts_with(kWithout) || kindNamed(kind) != nullptr;
}

std::optional<Evidence> lookUp(std::string_view kind, const Finding& finding, const CauseFacts& facts) {
  std::optional<Evidence> e;
  const bool with = kind.starts_with(kWith), without = kind.starts_with(kWithout);
  if (with || without) {
    const std::string_view rule = kind.substr(with ? kWith.size() : kWithout.size());
    bool found = false, unknown = false;
    for (const Finding& f : *facts.findings)
      if (f.rule == rule && !f.overruled) {
        found |= f.certainty == Certainty::kClear;
        unknown |= f.certainty != Certainty::kClear;  // too close to call, or not to be told
      }
    if (!found && unknown) return std::nullopt;
    e = plain(with ? found : !found);
  } else if (const Kind* k = kindNamed(kind)) {
    e = k->look(finding, facts);
  }
  if (e) e->kind = std::string(kind);
  return e;
}

namespace {

Cause readCause(TomlTable& t, bool own) {
  Cause c;
  c.own = own;
  c.id = t.text("id");
  t.call(c.id);
  c.rules = t.texts("rules");
  c.title = t.text("title");
  c.speaks_for = t.texts("for");
  c.against = t.texts("against");
  c.next_set = t.text("next_set");
  c.plan = t.text("plan");
  c.change = t.text("change");
  if (c.id.empty() || c.title.empty() || c.next_set.empty() || (c.plan.empty() && !own) || c.rules.empty())
    t.wrong("a cause needs an id, rules, a title, next_set and plan.");
  for (const auto* kinds : {&c.speaks_for, &c.against})
    for (const std::string& kind : *kinds)
      if (!isEvidenceKind(kind)) t.wrong("“" + kind + "” is no kind of evidence.");
  const std::string load = t.text("load");
  if (load == "cut")
    c.load = CauseLoad::kCut;
  else if (load == "hold")
    c.load = CauseLoad::kHold;
  else if (!load.empty())
    t.wrong("load must be \"hold\" or \"cut\".");
  return c;
}

}  // namespace

Expected<CauseBook> parseCauseBook(std::string_view text, std::string_view file_name) {
  CauseBook book;
  auto done = readToml(text, file_name, [&](TomlTable& root) {
    root.tables("cause", [&](TomlTable& t) {
      Cause c = readCause(t, false);
      if (book.find(c.id) != nullptr) t.wrong("the id is used twice.");
      book.causes.push_back(std::move(c));
    });
    if (book.causes.empty()) root.wrong("there is no [[cause]] in it.");
  });
  if (!done) return tl::make_unexpected(done.error());
  return book;
}

Expected<HouseCauses> parseHouseCauses(std::string_view text, std::string_view file_name) {
  HouseCauses house;
  std::set<std::string> ids;
  auto done = readToml(text, file_name, [&](TomlTable& root) {
    house.off = root.texts("off");
    root.tables("cause", [&](TomlTable& t) {
      Cause c = readCause(t, true);
      if (builtInCauseBook().find(c.id) != nullptr) t.wrong("it ships with the program; choose another id.");
      if (!ids.insert(c.id).second) t.wrong("the id is used twice.");
      house.own.push_back(std::move(c));
    });
  });
  if (!done) return tl::make_unexpected(done.error());
  return house;
}

std::string toToml(const HouseCauses& house) {
  std::string out = house.off.empty() ? std::string() : "off = " + tomlList(house.off) + "\n";
  for (const Cause& c : house.own) {
    out += "\n[[cause]]\nid = " + tomlText(c.id) + "\nrules = " + tomlList(c.rules) +
           "\ntitle = " + tomlText(c.title) + "\n";
    if (!c.speaks_for.empty()) out += "for = " + tomlList(c.speaks_for) + "\n";
    if (!c.against.empty()) out += "against = " + tomlList(c.against) + "\n";
    out += "next_set = " + tomlText(c.next_set) + "\n";
    if (!c.plan.empty()) out += "plan = " + tomlText(c.plan) + "\n";
    if (!c.change.empty()) out += "change = " + tomlText(c.change) + "\n";
    if (c.load != CauseLoad::kNone)
      out += std::string("load = ") + (c.load == CauseLoad::kCut ? "\"cut\"" : "\"hold\"") + "\n";
  }
  return out;
}

CauseBook withHouse(const CauseBook& book, const HouseCauses& house) {
  CauseBook out;
  for (const Cause& c : book.causes)
    if (std::find(house.off.begin(), house.off.end(), c.id) == house.off.end()) out.causes.push_back(c);
  out.causes.insert(out.causes.end(), house.own.begin(), house.own.end());
  return out;
}

const CauseBook& builtInCauseBook() {
  static const CauseBook book = [] {
    auto parsed = parseCauseBook(kBuiltInCauses, "rules/causes.toml");
    assert(parsed && "the shipped cause book must be valid; a test reads it");
    return parsed.value_or(CauseBook{});
  }();
  return book;
}

std::string_view nameOf(CauseState state) {
  constexpr std::array<std::string_view, 5> kNames = {"confirmed", "likely", "open", "unlikely",
                                                      "struck_out"};
  return kNames[static_cast<std::size_t>(state)];
}

std::vector<CauseCandidate> findCauses(const CauseBook& book, const Finding& finding, const CauseFacts& facts,
                                       const std::map<std::string, bool>& said) {
  std::vector<CauseCandidate> out;
  if (finding.certainty == Certainty::kCantTell || finding.reps.empty()) return out;
  for (const Cause& cause : book.causes) {
    if (!cause.isOf(finding.rule)) continue;
    CauseCandidate candidate{&cause, {}, CauseState::kOpen};
    int score = 0;
    for (const bool speaks_for : {true, false})
      for (const std::string& kind : speaks_for ? cause.speaks_for : cause.against)
        if (auto e = lookUp(kind, finding, facts); e && e->holds) {
          e->speaks_for = speaks_for;
          score += speaks_for ? 1 : -1;
          candidate.evidence.push_back(std::move(*e));
        }
    candidate.state = score > 0 ? CauseState::kLikely : score < 0 ? CauseState::kUnlikely : CauseState::kOpen;
    if (const auto word = said.find(cause.id); word != said.end())
      candidate.state = word->second ? CauseState::kConfirmed : CauseState::kStruck;
    out.push_back(std::move(candidate));
  }
  return out;
}

const CauseCandidate* leadingCause(const std::vector<CauseCandidate>& candidates) {
  for (const CauseState state : {CauseState::kConfirmed, CauseState::kLikely, CauseState::kOpen})
    for (const CauseCandidate& c : candidates)
      if (c.state == state) return &c;
  return nullptr;
}

}  // namespace mottix
