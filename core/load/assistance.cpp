#include "core/load/assistance.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "built_in_books.h"
#include "core/base/toml_table.h"

namespace mottix {
namespace {

bool isThere(const Exercise& e, const AssistanceFacts& facts) {
  return facts.equipment.empty() || std::all_of(e.needs.begin(), e.needs.end(), [&](Equipment need) {
           return std::find(facts.equipment.begin(), facts.equipment.end(), need) != facts.equipment.end();
         });
}

std::string lower(std::string text) {
  for (char& c : text) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
  return text;
}

const DroppedExercise* droppedAs(const Exercise& e, const AssistanceFacts& facts) {
  for (const DroppedExercise& d : facts.dropped)
    if (lower(d.title) == lower(e.title) || d.title == e.id) return &d;
  return nullptr;
}

}  // namespace

const Exercise* AssistanceBook::find(std::string_view id) const {
  const auto at =
      std::find_if(exercises.begin(), exercises.end(), [&](const Exercise& e) { return e.id == id; });
  return at == exercises.end() ? nullptr : &*at;
}

std::size_t Ladder::find(std::string_view rung) const {
  const auto at = std::find_if(rungs.begin(), rungs.end(), [&](const Rung& r) { return r.title == rung; });
  return at == rungs.end() ? top() : static_cast<std::size_t>(at - rungs.begin());
}

const Ladder* AssistanceBook::ladderOf(Lift lift) const {
  const auto at =
      std::find_if(ladders.begin(), ladders.end(), [&](const Ladder& l) { return l.lift == lift; });
  return at == ladders.end() ? nullptr : &*at;
}

Expected<AssistanceBook> parseAssistanceBook(std::string_view toml, std::string_view file_name) {
  AssistanceBook book;
  auto done = readToml(toml, file_name, [&](TomlTable& root) {
    const auto lift = [](TomlTable& t) {
      const auto named = liftNamed(t.text("lift"));
      if (!named) t.wrong("lift must be squat, bench or deadlift.");
      return named.value_or(Lift::kSquat);
    };
    root.tables("exercise", [&](TomlTable& t) {
      Exercise e;
      e.id = t.text("id");
      t.call(e.id);
      e.title = t.text("title");
      e.lift = lift(t);
      e.causes = t.texts("causes");
      e.points = t.texts("points");
      const auto between = [&](const char* low_key, const char* high_key, double low, double high, double& a,
                               double& b) {
        a = t.number(low_key).value_or(a);
        b = t.number(high_key).value_or(b);
        if (!(a >= low && b <= high && a <= b))
          t.wrong(std::string(low_key) + " and " + high_key + " must rise, between " + tomlNumber(low) +
                  " and " + tomlNumber(high) + ".");
      };
      between("share_low", "share_high", 0.01, 1.2, e.share_low, e.share_high);
      double reps_low = e.reps_low, reps_high = e.reps_high;
      between("reps_low", "reps_high", 1, 50, reps_low, reps_high);
      e.reps_low = static_cast<int>(reps_low);
      e.reps_high = static_cast<int>(reps_high);
      e.sets = static_cast<int>(t.number("sets").value_or(e.sets));
      for (const std::string& need : t.texts("needs"))
        if (const auto known = equipmentNamed(need))
          e.needs.push_back(*known);
        else
          t.wrong("“" + need + "” is no equipment that is known.");
      e.instead = t.text("instead");
      if (e.id.empty() || e.title.empty() || e.causes.empty() || e.points.empty())
        t.wrong("an exercise needs id, title, causes and points.");
      if (book.find(e.id) != nullptr) t.wrong("the id is used twice.");
      if (e.sets < 1 || e.sets > 20) t.wrong("sets must lie between 1 and 20.");
      book.exercises.push_back(std::move(e));
    });
    root.tables("ladder", [&](TomlTable& t) {
      Ladder l;
      l.id = t.text("id");
      t.call(l.id);
      l.title = t.text("title");
      l.lift = lift(t);
      t.tables("rung", [&](TomlTable& r) { l.rungs.push_back({r.text("title"), r.text("words")}); });
      if (l.rungs.size() < 2) t.wrong("a ladder needs two rungs at least.");
      book.ladders.push_back(std::move(l));
    });
    if (book.exercises.empty()) root.wrong("there is no [[exercise]] in it.");
    for (const Exercise& e : book.exercises)
      if (!e.instead.empty() && book.find(e.instead) == nullptr)
        root.wrong("“" + e.instead + "”, done instead of “" + e.id + "”, is not in it.");
  });
  if (!done) return tl::make_unexpected(done.error());
  return book;
}

const AssistanceBook& builtInAssistanceBook() {
  static const AssistanceBook book = [] {
    auto parsed = parseAssistanceBook(kBuiltInAssistance, "rules/assistance.toml");
    assert(parsed && "the shipped assistance must be valid; a test reads it");
    return parsed.value_or(AssistanceBook{});
  }();
  return book;
}

Assistance suggestAssistance(const AssistanceBook& book, const AssistanceFacts& facts) {
  Assistance out;
  const auto offered = [&](const Exercise& e) {
    return std::any_of(out.offers.begin(), out.offers.end(),
                       [&](const AssistanceOffer& o) { return o.exercise == &e; });
  };
  for (const std::string& cause : facts.causes)
    for (const Exercise& asked : book.exercises) {
      if (asked.lift != facts.lift ||
          std::find(asked.causes.begin(), asked.causes.end(), cause) == asked.causes.end())
        continue;
      // Along the substitutes until something is there.
      const Exercise* e = &asked;
      std::size_t steps = 0;
      while (e != nullptr && !isThere(*e, facts) && ++steps <= book.exercises.size())
        e = e->instead.empty() ? nullptr : book.find(e->instead);
      if (e == nullptr || !isThere(*e, facts)) continue;
      if (const DroppedExercise* d = droppedAs(*e, facts)) {
        if (std::none_of(out.left_out.begin(), out.left_out.end(),
                         [&](const DroppedExercise& l) { return l.title == e->title; }))
          out.left_out.push_back({e->title, d->reason});
        continue;
      }
      if (offered(*e)) break;
      AssistanceOffer offer{e, cause, e == &asked ? nullptr : &asked, {}, {}};
      if (facts.strength) {
        const auto load = [&](double share) {
          double kg = std::floor(share * facts.strength->low_kg / facts.step_kg + 1e-9) * facts.step_kg;
          if (facts.cap_kg) kg = std::min(kg, *facts.cap_kg);
          return std::max(facts.step_kg, kg);
        };
        offer.low_kg = load(e->share_low);
        offer.high_kg = load(e->share_high);
      }
      out.offers.push_back(offer);
      break;
    }
  return out;
}

std::size_t nextRung(const Ladder& ladder, std::size_t now, LoadAction verdict, int open_pain,
                     int pain_limit) {
  const std::size_t top = ladder.rungs.size() - 1;
  now = std::min(now, top);
  if (verdict == LoadAction::kRepair || open_pain >= pain_limit) return now == 0 ? 0 : now - 1;
  return verdict == LoadAction::kAdd ? std::min(top, now + 1) : now;
}

}  // namespace mottix
