#include "core/load/lift_plan.h"

#include <algorithm>
#include <cmath>
#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

const Day kMonday = *dayNamed("2026-03-02");

DoneSet done(int day, double load_kg, int reps, std::optional<double> felt = {},
             LoadAction verdict = LoadAction::kAdd) {
  DoneSet s;
  s.day = kMonday + std::chrono::days(day);
  s.load_kg = load_kg;
  s.reps_asked = s.reps_done = reps;
  s.effort_felt = felt;
  s.filmed = true;
  s.verdict = verdict;
  return s;
}

LiftHistory historyOf(std::vector<DoneSet> sets) {
  LiftHistory h;
  h.sets = std::move(sets);
  return h;
}

NextSession next(const char* plan, const LiftHistory& history, int day, double step_kg = 2.5) {
  const PlanBook& book = builtInPlanBook();
  const LiftPlan* p = book.find(plan);
  EXPECT_NE(p, nullptr) << plan;
  const auto session = planNext(*p, book.gates, history, kMonday + std::chrono::days(day), {step_kg});
  EXPECT_TRUE(session) << (session ? "" : session.error().text);
  return session.value_or(NextSession{});
}

double topKg(const NextSession& s) {
  double top = 0.0;
  for (const PlannedSet& set : s.sets) top = std::max(top, set.load_kg);
  return top;
}

// Three sets of five at a load.
std::vector<DoneSet> fives(int day, double load_kg, double felt, LoadAction verdict = LoadAction::kAdd) {
  return {done(day, load_kg, 5, felt - 1.0, verdict), done(day, load_kg, 5, felt - 0.5, verdict),
          done(day, load_kg, 5, felt, verdict)};
}
std::vector<DoneSet> operator+(std::vector<DoneSet> a, const std::vector<DoneSet>& b) {
  a.insert(a.end(), b.begin(), b.end());
  return a;
}

TEST(EvenSteps, WorkedByHand) {
  // Nothing is known: from the empty bar, 5 kg a set.
  const NextSession first = next("even_steps", {}, 0);
  ASSERT_EQ(first.sets.size(), 5u);
  EXPECT_EQ(first.reason, PlanReason::kFirstSession);
  EXPECT_EQ(first.sets.front().load_kg, 20.0);
  EXPECT_EQ(first.sets.back().load_kg, 40.0);
  // It climbs while it is easy, and stops at effort 8.
  EXPECT_EQ(topKg(next("even_steps", historyOf({done(0, 40.0, 5, 6.5)}), 0)), 45.0);
  EXPECT_EQ(next("even_steps", historyOf({done(0, 45.0, 5, 8.0)}), 0).reason, PlanReason::kSessionDone);
  // 3 × 5 × 60 kg at effort 8 on Monday, 62.5 on Thursday.
  const NextSession thursday = next("even_steps", historyOf(fives(0, 60.0, 8.0)), 3);
  ASSERT_EQ(thursday.sets.size(), 1u);
  EXPECT_EQ(thursday.sets[0].load_kg, 62.5);
  EXPECT_EQ(thursday.sets[0].sets, 3);
  EXPECT_EQ(thursday.sets[0].reps, 5);
  EXPECT_EQ(thursday.reason, PlanReason::kStepAdded);
  // Ground out at 9.5: the same again; the third time it is cut by a tenth, 70 → 62.5 (63 down to a step).
  EXPECT_EQ(topKg(next("even_steps", historyOf(fives(0, 70.0, 9.5)), 3)), 70.0);
  const NextSession stalled =
      next("even_steps", historyOf(fives(0, 70.0, 9.5) + fives(3, 70.0, 9.5) + fives(7, 70.0, 9.5)), 10);
  EXPECT_EQ(topKg(stalled), 62.5);
  EXPECT_EQ(stalled.reason, PlanReason::kStalled);
  // In the session: two more of the same; after a set that broke down, a tenth less.
  const NextSession more =
      next("even_steps", historyOf(fives(0, 60.0, 8.0) + std::vector{done(3, 62.5, 5, 7.5)}), 3);
  EXPECT_EQ(more.sets.at(0).load_kg, 62.5);
  EXPECT_EQ(more.sets[0].sets, 2);
  const NextSession broke =
      next("even_steps",
           historyOf(fives(0, 60.0, 8.0) + std::vector{done(3, 62.5, 5, 8.0, LoadAction::kRepair)}), 3);
  EXPECT_EQ(broke.sets.at(0).load_kg, 55.0);  // 56.25
  EXPECT_EQ(broke.reason, PlanReason::kRepair);
}

TEST(TopSingle, WorkedByHand) {
  const LiftHistory week = historyOf({done(0, 150.0, 1, 8.0), done(0, 120.0, 5, 8.0)});
  // 150 · 1.015 = 152.25 → 152.5; 0.8 of it is 122 → 122.5.
  const NextSession s = next("top_single", week, 7);
  ASSERT_EQ(s.sets.size(), 2u);
  EXPECT_EQ(s.sets[0].role, SetRole::kTopSingle);
  EXPECT_EQ(s.sets[0].load_kg, 152.5);
  EXPECT_EQ(s.sets[0].effort, 8.0);
  EXPECT_EQ(s.sets[1].load_kg, 122.5);
  EXPECT_EQ(s.sets[1].sets, 5);
  EXPECT_EQ(s.sets[1].reps, 5);
  // Twice a week the gain adds up until a step is made: 100 · (1 + 0.015 · 4/7) is 100.9, after a week 101.5.
  EXPECT_EQ(topKg(next("top_single", historyOf({done(0, 100.0, 1, 8.0)}), 4)), 100.0);
  EXPECT_EQ(topKg(next("top_single", historyOf({done(0, 100.0, 1, 8.0), done(4, 100.0, 1, 8.0)}), 7)), 102.5);
  // An easy one (6: four left) is brought nearer to effort 8, by a twentieth at most: 157.5.
  EXPECT_EQ(topKg(next("top_single", historyOf({done(0, 150.0, 1, 6.0)}), 7)), 157.5);
  // At 8.5 it is held; at 9.5 taken back to what would have been an 8: 150 · 0.9188 / 0.9755 = 141.3.
  EXPECT_EQ(topKg(next("top_single", historyOf({done(0, 150.0, 1, 8.5)}), 7)), 150.0);
  const double eight = shareOf(kUsualRelation, 3.0) / shareOf(kUsualRelation, 1.5);
  EXPECT_EQ(topKg(next("top_single", historyOf({done(0, 150.0, 1, 9.5)}), 7)),
            2.5 * std::floor(150.0 * eight / 2.5));
  // Back-offs of today's single; of a single that was an effort 9.5, by what an 8 would have been.
  const NextSession back = next("top_single", historyOf({done(0, 150.0, 1, 8.0), done(7, 155.0, 1, 8.0)}), 7);
  EXPECT_EQ(back.sets.at(0).load_kg, 125.0);  // 124
  EXPECT_EQ(back.sets[0].sets, 5);
  EXPECT_EQ(back.reason, PlanReason::kFromSingle);
  const NextSession hard = next("top_single", historyOf({done(0, 150.0, 1, 8.0), done(7, 155.0, 1, 9.5)}), 7);
  EXPECT_EQ(hard.sets.at(0).load_kg, 2.5 * std::round(0.8 * 155.0 * eight / 2.5));
  // Two of five are done.
  EXPECT_EQ(next("top_single",
                 historyOf({done(0, 150.0, 1, 8.0), done(7, 155.0, 1, 8.0), done(7, 125.0, 5, 7.5),
                            done(7, 125.0, 5, 8.0)}),
                 7)
                .sets.at(0)
                .sets,
            3);
  // Narrower and heavier: 0.86 of 150 is 129 → 130, three threes.
  const NextSession narrow = next("narrow_heavy", historyOf({done(0, 150.0, 1, 8.75)}), 7);
  EXPECT_EQ(narrow.sets.at(0).load_kg, 152.5);
  EXPECT_EQ(narrow.sets.at(1).load_kg, 130.0);  // 131.15
  EXPECT_EQ(narrow.sets[1].reps, 3);
}

TEST(TopSingle, TheFirstOneComesFromWhatIsKnownAndIsCareful) {
  std::vector<DoneSet> sets;
  for (int week = 0; week < 4; ++week) sets = sets + fives(7 * week, 100.0, 8.0);
  const NextSession s = next("top_single", historyOf(sets), 28);
  EXPECT_GT(s.sets.at(0).load_kg, 100.0);
  EXPECT_LT(s.sets.at(0).load_kg, 100.0 / shareOf(kUsualRelation, 7.0));
  EXPECT_EQ(s.sets.at(1).role, SetRole::kBackOff);
  // With a complaint open it is not above what was lifted.
  LiftHistory sore = historyOf(sets);
  sore.open_pain = 5;
  EXPECT_EQ(next("top_single", sore, 28).sets.at(0).load_kg, 100.0);
}

// A lifter whose press moves at the usual speeds, exactly; a best single of 100 kg.
DoneSet atSpeed(int day, double load_kg, int reps, double slower_ms = 0.0) {
  DoneSet s = done(day, load_kg, reps);
  const SpeedRelation usual = usualSpeeds(Lift::kBench);
  const double fastest =
      usual.fails_ms.value + (1.0 - load_kg / 100.0) / usual.share_per_ms.value - slower_ms;
  for (int r = 0; r < reps; ++r) s.speeds_ms.push_back({fastest * (1.0 - 0.03 * r), 0.01});
  return s;
}

TEST(SpeedGuarded, WorkedByHand) {
  LiftHistory h;
  h.lift = Lift::kBench;
  for (int week = 0; week < 6; ++week) h.sets.push_back(atSpeed(7 * week, 70.0 + week, 4));
  h.sets.push_back(atSpeed(42, 77.5, 4));
  // 80 % of 100 is 80: a step above 77.5.
  const NextSession s = next("speed_guarded", h, 49);
  EXPECT_EQ(s.sets.at(0).load_kg, 80.0);
  EXPECT_EQ(s.sets[0].sets, 4);
  EXPECT_EQ(s.reason, PlanReason::kBySpeed);
  // At 80 % it moves at 0.10 + 0.2 / 0.68 = 0.394 m/s; it ends below four fifths of that.
  EXPECT_NEAR(*s.sets[0].stop_below_ms, 0.8 * 0.394, 0.02);
  // As fast as ever: three more. Far slower than ever: 5 % less, 76 down to 75.
  h.sets.push_back(atSpeed(49, 80.0, 4));
  EXPECT_EQ(next("speed_guarded", h, 49).sets.at(0).load_kg, 80.0);
  EXPECT_EQ(next("speed_guarded", h, 49).sets.at(0).sets, 3);
  h.sets.back() = atSpeed(49, 80.0, 4, 0.15);
  EXPECT_EQ(next("speed_guarded", h, 49).sets.at(0).load_kg, 75.0);
  EXPECT_EQ(next("speed_guarded", h, 49).reason, PlanReason::kSlowDay);
  const LiftPlan& plan = *builtInPlanBook().find("speed_guarded");
  EXPECT_TRUE(endsBySpeed(plan, std::vector<Estimate>{{0.5, 0.0}, {0.39, 0.0}}));
  EXPECT_FALSE(endsBySpeed(plan, std::vector<Estimate>{{0.5, 0.0}, {0.41, 0.0}}));
  EXPECT_FALSE(
      endsBySpeed(*builtInPlanBook().find("even_steps"), std::vector<Estimate>{{0.5, 0.0}, {0.1, 0.0}}));
}

TEST(PlanGates, EachHoldsOrCuts) {
  const auto after = [](LoadAction verdict) { return historyOf(fives(0, 100.0, 8.0, verdict)); };
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kAdd), 7)), 102.5);
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kHold), 7)), 100.0);
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kRepair), 7)), 90.0);
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kCantTell), 7)), 100.0);
  EXPECT_EQ(next("even_steps", after(LoadAction::kCantTell), 7).reason, PlanReason::kNotJudged);
  // A break: two weeks are none; 15 days a tenth; five weeks (21 days beyond) a quarter; never more than 40
  // %.
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kAdd), 14)), 102.5);
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kAdd), 15)), 90.0);
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kAdd), 35)), 75.0);
  EXPECT_EQ(topKg(next("even_steps", after(LoadAction::kAdd), 365)), 60.0);
  LiftHistory h = after(LoadAction::kAdd);
  h.open_pain = 3;
  EXPECT_EQ(topKg(next("even_steps", h, 7)), 102.5);
  h.open_pain = 4;
  const NextSession sore = next("even_steps", h, 7);
  EXPECT_EQ(topKg(sore), 100.0);
  EXPECT_EQ(sore.reason, PlanReason::kPain);
  EXPECT_EQ(sore.cautions.front(), Caution::kPainOpen);
  EXPECT_EQ(sore.would_change, std::vector{ChangeIf::kPainGone});
  // Who has never done it begins and ends with the bar.
  LiftHistory never;
  never.open_pain = 4;
  const NextSession bar = next("even_steps", never, 0);
  ASSERT_EQ(bar.sets.size(), 1u);
  EXPECT_EQ(bar.sets[0].load_kg, 20.0);
  EXPECT_EQ(bar.reason, PlanReason::kPain);
  h.open_pain = 0;
  h.ill = true;
  EXPECT_EQ(topKg(next("even_steps", h, 7)), 90.0);
  EXPECT_EQ(next("even_steps", h, 7).cautions.front(), Caution::kAfterIllness);
  h.ill = false;
  h.sets.back().reps_done = 4;
  EXPECT_EQ(topKg(next("even_steps", h, 7)), 100.0);
  LiftHistory twice = historyOf(fives(0, 100.0, 8.0) + fives(4, 100.0, 8.0));
  twice.sets[2].reps_done = twice.sets[5].reps_done = 4;
  EXPECT_EQ(topKg(next("even_steps", twice, 7)), 90.0);
  // Without a film it goes on, and says that nobody has judged it.
  LiftHistory unseen = after(LoadAction::kAdd);
  for (DoneSet& s : unseen.sets) s.filmed = false;
  const NextSession by_eye = next("even_steps", unseen, 7);
  EXPECT_EQ(topKg(by_eye), 102.5);
  EXPECT_NE(std::find(by_eye.cautions.begin(), by_eye.cautions.end(), Caution::kUnjudged),
            by_eye.cautions.end());
  LiftHistory bench = after(LoadAction::kAdd);
  bench.lift = Lift::kBench;
  const auto said = next("even_steps", bench, 7).cautions;
  EXPECT_NE(std::find(said.begin(), said.end(), Caution::kSpotters), said.end());
}

// A random log of a lifter: loads, reps, words, verdicts, breaks.
LiftHistory drawHistory(std::mt19937& draw) {
  const auto pick = [&](int n) { return static_cast<int>(draw() % static_cast<unsigned>(n)); };
  LiftHistory h;
  h.lift = std::array{Lift::kSquat, Lift::kBench, Lift::kDeadlift}[static_cast<std::size_t>(pick(3))];
  int day = 0;
  double load = 40.0 + 2.5 * pick(40);
  for (int s = 0; s < pick(12); ++s, day += 1 + pick(9)) {
    for (int k = 0; k <= pick(5); ++k) {
      const int reps = k == 0 && pick(2) == 0 ? 1 : 1 + pick(6);
      DoneSet set =
          done(day, load * (reps == 1 ? 1.1 : 1.0), reps, std::nullopt,
               std::array{LoadAction::kAdd, LoadAction::kHold, LoadAction::kRepair,
                          LoadAction::kCantTell}[static_cast<std::size_t>(pick(8) < 5 ? 0 : pick(4))]);
      if (pick(4) != 0) set.effort_felt = 6.0 + 0.5 * pick(9);
      if (pick(8) == 0) set.reps_done = std::max(0, reps - 1);
      if (pick(3) == 0) set.filmed = false;
      if (pick(2) == 0) set.speeds_ms = {{0.2 + 0.05 * pick(10), 0.02}};
      set.ill = pick(30) == 0;
      h.sets.push_back(set);
    }
    load += 2.5 * (pick(4) - 1);
  }
  h.open_pain = pick(3) == 0 ? pick(11) : 0;
  h.ill = pick(12) == 0;
  return h;
}

TEST(PlanProperties, AlwaysLoadableNeverAboveAGateMonotoneInEffort) {
  std::mt19937 draw(7);
  const PlanBook& book = builtInPlanBook();
  const Gear& gear = usualGear();
  int gated = 0, compared = 0;
  for (int k = 0; k < 1500; ++k) {
    const LiftHistory h = drawHistory(draw);
    const Day today = (h.sets.empty() ? kMonday : h.sets.back().day) + std::chrono::days(draw() % 25);
    const LiftPlan& plan = book.plans[draw() % book.plans.size()];
    auto session = planNext(plan, book.gates, h, today);
    ASSERT_TRUE(session) << session.error().text;
    // A cut of a light load may fall below the bar; then it is said, not rounded up.
    const auto put = putOnPlates(*session, gear, {gear.bars.front()});
    for (const PlannedSet& set : session->sets) {
      ASSERT_GT(set.load_kg, 0.0);
      ASSERT_GE(set.sets, 1);
      if (!put) continue;
      const auto again = loadPlates(gear, gear.bars.front(), {Mass::ofKg(set.load_kg), {}, true});
      ASSERT_TRUE(again);
      ASSERT_EQ(again->off, Mass());
      if (session->cap_kg) {
        ++gated;
        ASSERT_LE(set.load_kg, *session->cap_kg + 1e-9) << plan.id << ' ' << nameOf(session->reason);
      }
      const bool sore = h.open_pain >= book.gates.pain_limit;
      if (sore && session->last_kg && set.role != SetRole::kBackOff) {
        ASSERT_LE(set.load_kg, *session->last_kg + 1e-9) << plan.id << ' ' << nameOf(session->reason);
      }
    }
    // Felt harder, the next load is not higher.
    if (h.sets.empty() || !h.sets.back().effort_felt || h.sets.back().missed()) continue;
    double before = 1e9;
    for (double felt = 6.0; felt <= 10.0; felt += 0.5) {
      LiftHistory harder = h;
      for (DoneSet& s : harder.sets)
        if (s.day == h.sets.back().day) s.effort_felt = felt;
      const auto other = planNext(plan, book.gates, harder, today);
      ASSERT_TRUE(other);
      if (other->sets.empty()) break;
      ++compared;
      ASSERT_LE(other->sets.front().load_kg, before + 1e-9)
          << plan.id << " at " << felt << ' ' << nameOf(other->reason) << ' ' << k;
      before = other->sets.front().load_kg;
    }
  }
  EXPECT_GT(gated, 250);
  EXPECT_GT(compared, 2500);
}

TEST(PlanBook, ShipsValidAndRefusesWhatIsWrong) {
  EXPECT_EQ(builtInPlanBook().plans.size(), 4u);
  for (const LiftPlan& p : builtInPlanBook().plans) EXPECT_FALSE(p.words.empty() || p.source.empty()) << p.id;
  const auto error = [](const char* toml) {
    const auto book = parsePlanBook(toml, "mine.toml");
    return book ? std::string() : book.error().text;
  };
  EXPECT_NE(error("").find("mine.toml"), std::string::npos);
  EXPECT_NE(error("[[plan]]\nid = \"a\"\ntitle = \"A\"\nkind = \"magic\"\n").find("kind"), std::string::npos);
  EXPECT_NE(error("[[plan]]\nid = \"a\"\ntitle = \"A\"\nkind = \"steps\"\nsets = 99\n").find("sets"),
            std::string::npos);
  EXPECT_NE(error("[[plan]]\nid = \"a\"\ntitle = \"A\"\nkind = \"steps\"\nsteps = 3\n").find("steps"),
            std::string::npos);
}

TEST(PlanNext, RefusesAHistoryThatCannotBe) {
  const PlanBook& book = builtInPlanBook();
  const auto text = [&](LiftHistory h) {
    const auto s = planNext(book.plans.front(), book.gates, h, kMonday);
    return s ? std::string() : s.error().text;
  };
  EXPECT_NE(text(historyOf({done(1, 60.0, 5)})).find("2026-03-03"), std::string::npos);
  EXPECT_NE(text(historyOf({done(0, 60.0, 5), done(-1, 60.0, 5)})).find("order"), std::string::npos);
  EXPECT_NE(text(historyOf({done(0, -60.0, 5)})).find("load"), std::string::npos);
  EXPECT_FALSE(planNext(book.plans.front(), book.gates, {}, kMonday, {0.0}));
}

}  // namespace
}  // namespace mottix
