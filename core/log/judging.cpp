#include "core/log/judging.h"

#include <algorithm>

namespace mottix {

std::vector<std::string> schoolsOf(const AthleteProfile& profile, Lift lift) {
  std::vector<std::string> names;
  const std::string_view style = lift == Lift::kSquat   ? nameOf(profile.squat)
                                 : lift == Lift::kBench ? nameOf(profile.bench)
                                                        : nameOf(profile.deadlift);
  if (style != "base") names.emplace_back(style);
  for (const std::string& layer : profile.layers)
    if (const RuleLayer* school = findSchool(layer); school != nullptr && school->isFor(lift))
      names.push_back(layer);
  return names;
}

PastSet asPast(const SetEdit& edit, bool across, std::vector<Measure> measures,
               std::vector<std::string> found) {
  PastSet set;
  set.lift = edit.asked.lift;
  set.across = across;
  set.variants = variantTags(edit.asked.variant);
  if (edit.asked.held == Held::kDumbbells &&
      std::find(set.variants.begin(), set.variants.end(), "dumbbell") == set.variants.end())
    set.variants.emplace_back("dumbbell");
  set.effort = edit.effort_felt ? *edit.effort_felt : edit.asked.effort;
  set.load_kg = edit.asked.load_kg;
  set.measures = std::move(measures);
  set.found = std::move(found);
  return set;
}

Expected<Judging> judgingOf(const AthleteRecord& who, const SetEdit& edit, bool across,
                            std::span<const PastSet> past, const std::optional<RuleLayer>& house) {
  return judgingBy(schoolsOf(who.athlete.profile, edit.asked.lift), who, edit, across, past, house);
}

Expected<Judging> judgingBy(const std::vector<std::string>& schools, const AthleteRecord& who,
                            const SetEdit& edit, bool across, std::span<const PastSet> past,
                            const std::optional<RuleLayer>& house) {
  Judging out;
  const Lift lift = edit.asked.lift;
  auto book = bookOfSchools(schools, lift);
  if (!book) return tl::make_unexpected(book.error());
  out.book = std::move(*book);
  if (house && house->isFor(lift)) {
    auto own = withHouse(out.book, *house);
    if (!own) return tl::make_unexpected(own.error());
    out.book = std::move(*own);
  }
  const PastSet now = asPast(edit, across, {}, {});
  out.set.variants = now.variants;
  out.set.effort = now.effort;
  for (const ComplaintRecord& c : who.complaints)
    if (c.closed.empty()) out.set.complaints.push_back(c.what);
  out.facts.who = subjectOf(who);
  if (out.facts.who) out.set.build = buildTags(out.facts.who->body);
  out.set.usual = usualsOf(past, now);
  out.like_sets = likeSets(past, now);
  out.facts.set = out.set;
  out.facts.load_kg = edit.asked.load_kg;
  for (const SetupRecord& s : who.setups)
    if (edit.setup && s.id == *edit.setup) {
      const auto stated = [&](const char* id) {
        const SetupValue* v = s.find(id);
        return v != nullptr ? v->value : std::nullopt;
      };
      out.facts.setup = {stated("heel"), stated("stance"), stated("toe_out")};
    }
  out.facts.past_sets = out.like_sets;
  std::vector<double> loads;
  for (const PastSet& p : past)
    if (likeSets(std::span(&p, 1), now) == 1) {
      if (p.load_kg) loads.push_back(*p.load_kg);
      for (const std::string& rule : p.found) ++out.facts.past_found[rule];
    }
  if (loads.size() >= kSetsForUsual) {
    const auto middle = loads.begin() + static_cast<long>(loads.size() / 2);
    std::nth_element(loads.begin(), middle, loads.end());
    out.facts.usual_load_kg = *middle;
  }
  return out;
}

}  // namespace mottix
