#include "cli/demo_story.h"

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>
#include <random>

#include "core/load/effort.h"
#include "core/log/cue_trials.h"
#include "synth/blind_look.h"

namespace mottix {
namespace {

// One lifter's weeks of one lift, once a week and from the same side.
struct Thread {
  std::size_t athlete;
  Lift lift;
  View view;
  const char* variant;
  int weeks;
  double first_kg, step_kg;
  int reps;
  const char* fault;
  double size;  // in the fault's unit, at the beginning
};

constexpr std::array kThreads = {
    Thread{0, Lift::kSquat, View::kSide, "high bar", 14, 52.5, 1.25, 5, "hips-first", 17.0},
    Thread{0, Lift::kDeadlift, View::kSide, "conventional", 13, 70.0, 1.25, 4, "bar-forward", 8.0},
    Thread{0, Lift::kBench, View::kSide, "paused", 10, 37.5, 1.25, 5, "touch-wanders", 6.0},
    Thread{1, Lift::kSquat, View::kSide, "high bar", 12, 60.0, 1.25, 5, "hips-first", 13.0},
    Thread{1, Lift::kDeadlift, View::kSide, "conventional", 12, 90.0, 2.5, 4, "hips-first", 9.0},
    Thread{2, Lift::kSquat, View::kSide, "high bar", 12, 40.0, 1.25, 4, "high", 7.0},
    Thread{2, Lift::kBench, View::kSide, "flat", 10, 40.0, 1.25, 5, "seat-lifts", 6.0},
    Thread{4, Lift::kSquat, View::kFront, "high bar", 13, 40.0, 0.0, 5, "knees-cave", 24.0},
    Thread{4, Lift::kDeadlift, View::kSide, "conventional", 12, 60.0, 1.25, 4, "bar-forward", 7.0},
    Thread{5, Lift::kSquat, View::kSide, "high bar", 14, 80.0, 1.25, 4, "heels-up", 4.0},
    Thread{5, Lift::kBench, View::kFront, "flat", 12, 67.5, 1.25, 4, "right-lags", 6.0},
};

// Mondays before the days of the demo's films.
std::string mondayBack(int weeks) {
  const auto monday = std::chrono::sys_days{std::chrono::year{2026} / 11 / 16} - std::chrono::weeks(weeks);
  return nameOf(monday);
}

// What is left of a fault in the next set when these words are said: some do most of the work, some nothing.
// Which is which nobody knows beforehand.
double leftAfter(const std::string& cue, std::mt19937& draw) {
  unsigned sum = 0;
  for (const char c : cue) sum = sum * 31 + static_cast<unsigned char>(c);
  constexpr std::array kLeft = {0.35, 0.5, 0.75, 1.0};
  const bool heard = std::uniform_real_distribution<double>(0.0, 1.0)(draw) < 0.85;
  return heard ? kLeft[sum % kLeft.size()] : 1.0;
}

// Strength grows more slowly than the load is raised, so that effort does, and the bar slows.
struct Shape {
  double share;  // of the day's best single
  double can;    // reps to failure
};
Shape shapeOf(const Thread& t, int done, double load_kg, double form) {
  constexpr double kReserveAtFirst = 4.0, kGainWeek = 0.014;
  const double first = t.first_kg / shareOf(kUsualRelation, t.reps + kReserveAtFirst);
  const double share = load_kg / (first * std::pow(1.0 + kGainWeek, done) * std::exp(form));
  double can = 1.0;
  while (can < kMostReps && shareOf(kUsualRelation, can + 0.1) > share) can += 0.1;
  return {share, can};
}

// The clip of one set, as it was filmed that day.
BlindClip clipOf(const Thread& t, int week, const Body& body, double load_kg, double size,
                 const Shape& shape) {
  BlindClip clip;
  FilmPlan& plan = clip.plan;
  plan = planFromSeed(
      static_cast<std::uint32_t>(1000 * (t.athlete + 1) + 100 * static_cast<std::size_t>(t.lift) +
                                 static_cast<std::size_t>(week)),
      t.lift, t.view);
  clearFaults(plan);
  if (plan.standsWide()) {
    const auto reps = plan.deadlift.reps;
    plan.deadlift = DeadliftPlan();
    plan.deadlift.reps = reps;
  }
  plan.build() = buildOf(body);
  const auto reps = static_cast<std::size_t>(t.reps);
  plan.squat.reps.resize(reps, plan.squat.reps.front());
  plan.bench.reps.resize(reps, plan.bench.reps.front());
  plan.deadlift.reps.resize(reps, plan.deadlift.reps.front());
  plan.load_kg = std::max(40.0, load_kg);
  // As fast as this share of the best single moves, over the way a bar usually goes, slower with every rep.
  const SpeedRelation speeds = usualSpeeds(t.lift);
  constexpr std::array kWay_m = {0.55, 0.36, 0.50};
  const double fresh = speeds.fails_ms.value + (1.0 - shape.share) / speeds.share_per_ms.value;
  for (std::size_t r = 0; r < reps; ++r) {
    const double gone = shape.can > 1.0 ? std::min(1.0, static_cast<double>(r) / (shape.can - 1.0)) : 1.0;
    const double ms = std::max(0.12, fresh + gone * (speeds.fails_ms.value - fresh));
    const double seconds = kWay_m[static_cast<std::size_t>(t.lift)] / ms;
    plan.squat.reps[r].ascent_s = seconds;
    plan.bench.reps[r].ascent_s = seconds;
    plan.deadlift.reps[r].pull_s = seconds;
  }
  const FaultKind* kind = faultNamed(t.fault, t.lift);
  const bool against_others = std::string_view(t.fault) == "touch-wanders";
  for (std::size_t r = 0; r < reps; ++r)
    if (size > 0.0 && (!against_others || r % 2 == 1))
      (void)plantFault(plan, *kind, r, std::min(size, kind->most));
  return clip;
}

Expected<void> addThread(HouseFile& house, const Thread& t, const AthleteRecord& who,
                         std::vector<CueSet>& log) {
  const auto subject = subjectOf(who);
  if (!subject) return {};
  std::mt19937 draw(static_cast<std::uint32_t>(77 + 10 * t.athlete + static_cast<std::size_t>(t.lift)));
  std::normal_distribution<double> normal(0.0, 1.0);
  std::vector<PastSet> past;
  double left = 1.0, learnt = 1.0;
  for (int week = t.weeks; week >= 1; --week) {
    const int done = t.weeks - week;
    SetRecord set;
    set.athlete = who.athlete.id;
    set.day = mondayBack(week);
    set.state = SetState::kReviewed;
    set.edit.asked.lift = t.lift;
    set.edit.asked.variant = t.variant;
    set.edit.asked.reps = t.reps;
    // A bar is loaded in steps of 2.5 kg.
    set.edit.asked.load_kg = 2.5 * std::round((t.first_kg + t.step_kg * done) / 2.5);
    set.edit.asked.effort = 7.0 + 0.5 * (done % 3);
    set.edit.asked.view = t.view;
    set.edit.asked.facing = t.view == View::kSide ? Facing::kRight : Facing::kUnknown;
    const Shape shape = shapeOf(t, done, set.edit.asked.load_kg, 0.015 * normal(draw));
    const double reserve = std::max(0.0, shape.can - t.reps);
    set.edit.effort_felt =
        std::clamp(0.5 * std::round(2.0 * (10.0 - reserve + 0.4 * normal(draw))), 5.0, 10.0);
    const double size = t.size * learnt * left * std::exp(0.12 * normal(draw));
    BlindClip clip = clipOf(t, week, subject->body, set.edit.asked.load_kg, size, shape);
    const auto judging = judgingOf(who, set.edit, t.view != View::kSide, past);
    if (!judging) return tl::make_unexpected(judging.error());
    clip.variants = judging->set.variants;
    const MeasuredClip measured = measureBlindClip(clip, judging->book);
    if (!measured.analysis) return tl::make_unexpected(measured.analysis.error());
    const Analysis& a = *measured.analysis;
    // Now and then nothing is said, so that it is known what faults do by themselves.
    left = 1.0;
    CueHistory history = cueTrials(log, who.athlete.id, judging->book, builtInCueBook());
    const auto offers = suggestCues(builtInCueBook(), a.findings, judging->book, history);
    if (!offers.empty() && done % 4 != 3) {
      set.edit.cue = offers.front().cue->id;
      left = leftAfter(set.edit.cue, draw);
      if (left < 0.6) learnt *= 0.97;  // what works stays a little
    }
    set.edit.next_load_kg = 2.5 * std::round((t.first_kg + t.step_kg * (done + 1)) / 2.5);
    if (done == 4 && t.athlete == 0) {
      set.edit.conditions = {Condition::kShortSleep};
      set.edit.note = "after a night call";
    }
    if (done == 10 && t.athlete == 0 && t.lift == Lift::kDeadlift)
      set.edit.causes = {{"deadlift.drift.lats", true}};
    if (done == 10 && t.athlete == 0 && t.lift == Lift::kSquat)
      set.edit.causes = {{"squat.hips.brace", true}};
    // Once the coach went against what was suggested.
    set.edit.suggested_kg = set.edit.next_load_kg;
    if (done == 8) set.edit.suggested_kg = set.edit.asked.load_kg;
    std::vector<std::string> found;
    for (const Finding& f : a.findings)
      if (f.certainty == Certainty::kClear) found.push_back(f.rule);
    past.push_back(asPast(set.edit, t.view != View::kSide, a.measures, found));
    log.push_back({who.athlete.id, set.edit.cue, past.back()});
    const auto id = house.addSet(set);
    if (!id) return tl::make_unexpected(id.error());
    if (auto ok = house.saveResults(*id, a, judging->book); !ok) return ok;
  }
  return {};
}

}  // namespace

Expected<void> addStory(HouseFile& house, const std::vector<AthleteRecord>& records) {
  std::vector<CueSet> log;
  for (const Thread& t : kThreads)
    if (auto ok = addThread(house, t, records.at(t.athlete), log); !ok) return ok;
  // The first lifter has a test in spring, and a plan to it.
  auto who = house.loadRecord(records.front().athlete.id);
  if (!who) return tl::make_unexpected(who.error());
  const auto aim = [&](Lift lift, const char* plan, double goal_kg) {
    LiftAim a;
    a.lift = lift;
    a.plan = plan;
    a.goal_kg = goal_kg;
    a.begins = "2026-11-23";
    a.test_day = "2027-02-20";
    return a;
  };
  who->aims = {aim(Lift::kBench, "even_steps", 62.5), aim(Lift::kDeadlift, "top_single", 115.0),
               aim(Lift::kSquat, "top_single", 95.0)};
  who->dropped = {{"good morning", "sore back the day after, twice", "2026-10-12"}};
  if (auto ok = house.saveRecord(*who); !ok) return ok;
  // Two more who share a bar with her.
  for (const auto& [athlete, lift, plan] :
       {std::tuple{1, Lift::kSquat, "even_steps"}, {5, Lift::kSquat, "speed_guarded"}}) {
    auto other = house.loadRecord(records.at(static_cast<std::size_t>(athlete)).athlete.id);
    if (!other) return tl::make_unexpected(other.error());
    other->aims = {aim(lift, plan, 0.0)};
    other->aims.front().goal_kg.reset();
    if (auto ok = house.saveRecord(*other); !ok) return ok;
  }
  return {};
}

Expected<void> addBlindLooks(HouseFile& house) {
  // From where on this eye calls a fault, in parts of the way from limit to big: late for what happens at the
  // bottom, early for the bar. It has grown better over the weeks.
  std::mt19937 draw(5);
  std::normal_distribution<double> normal(0.0, 1.0);
  const RuleBook& book = builtInRuleBook();
  constexpr int kLooks = 64, kPerDay = 8;
  constexpr std::array kLifts = {Lift::kSquat, Lift::kBench, Lift::kDeadlift};
  for (int k = 0; k < kLooks; ++k) {
    const auto seed = static_cast<std::uint32_t>(k + 1);
    const Lift lift = kLifts[seed % kLifts.size()];
    const View view = lift != Lift::kDeadlift && (seed / 3) % 3 == 0 ? View::kFront : View::kSide;
    const BlindClip clip = drawBlindClip(seed, lift, view);
    const MeasuredClip measured = measureBlindClip(clip, book);
    if (!measured.analysis) continue;
    JudgedSet set;
    set.variants = clip.variants;
    const double unsure = 1.2 - 0.8 * k / kLooks;
    std::vector<EyeMark> marks;
    for (const Glance& g : compareCalls(book, lift, measured.analysis->measures, set, {})) {
      const Rule& rule = *book.find(g.rule);
      const double sign = rule.fault == FaultSide::kBelow ? -1.0 : 1.0;
      const double v = rule.fault == FaultSide::kEither ? std::abs(g.value.value) : sign * g.value.value;
      const double beyond = (v - sign * g.limit) / std::max(1e-9, std::abs(g.big - g.limit));
      const double from = rule.phase == "bottom" ? 0.8 : rule.phase == "way up" ? 0.3 : 0.0;
      const double seen = beyond - from + 0.4 * unsure * normal(draw);
      if (seen > 0.0)
        marks.push_back(
            {g.rule, g.reps.empty() ? 1 : g.reps.front(), seen > 1.0 ? Called::kBig : Called::kSmall});
    }
    BlindLook look;
    look.day = mondayBack((kLooks - k + kPerDay - 1) / kPerDay);
    look.seed = seed;
    look.lift = lift;
    look.view = view;
    look.seen = compareCalls(book, lift, measured.analysis->measures, set, marks);
    if (auto ok = house.addBlindLook(look); !ok) return tl::make_unexpected(ok.error());
  }
  return {};
}

}  // namespace mottix
