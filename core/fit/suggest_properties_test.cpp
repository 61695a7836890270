// Whatever the body, the complaint and the school: a suggestion is a number a coach can set at a rack.
#include <algorithm>
#include <cmath>
#include <random>

#include <gtest/gtest.h>

#include "core/fit/suggest_setup.h"

namespace mottix {
namespace {

class Draw {
 public:
  explicit Draw(unsigned seed) : rng_(seed) {}
  double between(double low, double high) { return std::uniform_real_distribution<>(low, high)(rng_); }
  int below(int n) { return std::uniform_int_distribution<>(0, n - 1)(rng_); }
  bool oneIn(int n) { return below(n) == 0; }

  FitSubject subject() {
    BodyFacts facts;
    facts.height_m = between(1.45, 2.05);
    facts.sex = static_cast<Sex>(below(3));
    if (oneIn(2)) facts.mass_kg = between(45.0, 140.0);
    if (oneIn(2)) facts.knee_to_wall_m = between(0.03, 0.16);
    for (std::size_t i = 0; i < kSegmentCount; ++i) {
      const auto s = static_cast<Segment>(i);
      if (s == Segment::kClavicle || oneIn(3)) continue;
      const Estimate share = usualShare(s, facts.sex);
      facts.measured[i] = BodyLength{{facts.height_m * (share.value + between(-2.5, 2.5) * share.sd), 0.01},
                                     oneIn(2) ? LengthSource::kByHand : LengthSource::kFromClip};
    }
    FitSubject who;
    who.body = estimateBody(facts);
    for (int n = below(3); n > 0; --n)
      who.complaints.push_back({static_cast<ComplaintJoint>(below(kComplaintJointCount)), below(11)});
    who.screens.low_bar_out_of_reach = oneIn(4);
    who.screens.back_gives_way = oneIn(4);
    who.screens.hips_stay_forward = oneIn(4);
    if (oneIn(4)) who.screens.hands_m = between(0.45, 1.0);
    if (oneIn(4)) who.screens.heel_distance_m = between(0.2, 0.6);
    if (oneIn(4)) who.screens.toe_out_deg = between(5.0, 45.0);
    if (oneIn(3)) who.equipment = {static_cast<Equipment>(below(kEquipmentCount))};
    if (oneIn(3)) who.constraints = {static_cast<Constraint>(below(kConstraintCount))};
    return who;
  }

 private:
  std::mt19937 rng_;
};

constexpr int kBodies = 600;

struct Range {
  const char* id;
  double low, high;
};
constexpr Range kBelieved[] = {{"stance", 10.0, 110.0},
                               {"stance_in_feet", 0.3, 5.0},
                               {"toe_out", 0.0, 60.0},
                               {"heel", 0.0, 80.0},
                               {"depth", -40.0, 40.0},
                               {"grip", 20.0, 120.0},
                               {"inside_ring_marks", -20.0, 35.0},
                               {"walk_out", 2.0, 4.0},
                               {"rack_height", 70.0, 190.0},
                               {"safety_height", 30.0, 170.0},
                               {"bar_from_shin", -1.0, 12.0},
                               {"hip_height", 25.0, 120.0},
                               {"hip_over_knee", -20.0, 60.0},
                               {"touch_point", 0.0, 45.0}};

void expectBelievable(const std::vector<Suggestion>& all, int body) {
  for (const Suggestion& s : all) {
    EXPECT_NE(s.value.has_value(), !s.choice.empty()) << s.id << ": a number or a choice, body " << body;
    EXPECT_FALSE(s.school.empty()) << s.id;
    if (!s.value) continue;
    EXPECT_TRUE(std::isfinite(*s.value)) << s.id << ", body " << body;
    const auto range = std::find_if(std::begin(kBelieved), std::end(kBelieved),
                                    [&](const Range& r) { return s.id == r.id; });
    ASSERT_NE(range, std::end(kBelieved)) << "no range for " << s.id;
    EXPECT_GE(*s.value, range->low) << s.id << ", body " << body;
    EXPECT_LE(*s.value, range->high) << s.id << ", body " << body;
  }
  for (std::size_t i = 0; i < all.size(); ++i)
    for (std::size_t k = i + 1; k < all.size(); ++k) EXPECT_NE(all[i].id, all[k].id) << "said twice";
}

template <typename Posture>
void expectFinite(const Posture& p) {
  for (double v : {p.trunk_lean_deg, p.shin_lean_deg, p.thigh_deg, p.hip_flexion_deg, p.knee_flexion_deg,
                   p.hip_lever_m, p.knee_lever_m, p.hip_moment_nm, p.knee_moment_nm, p.hip.x(), p.hip.y(),
                   p.knee.x(), p.knee.y(), p.shoulder.x(), p.shoulder.y(), p.bar.x(), p.bar.y()})
    EXPECT_TRUE(std::isfinite(v));
}

TEST(SuggestProperties, EverySquatSuggestionCanBeSetAtARack) {
  Draw draw(11);
  int feasible = 0;
  for (int i = 0; i < kBodies; ++i) {
    const FitSubject who = draw.subject();
    const auto school = static_cast<SquatSchool>(draw.below(kSquatSchoolCount));
    SquatWishes wishes;
    wishes.load_kg = draw.between(0.0, 250.0);
    if (draw.oneIn(4)) wishes.bar = static_cast<BarPosition>(draw.below(kBarPositionCount));
    const SquatFit fit = suggestSquat(who, school, wishes);
    expectBelievable(fit.suggestions, i);
    EXPECT_TRUE(fit.setup.validate()) << i;
    if (!fit.solution.feasible) {
      EXPECT_NE(fit.solution.limited_by, PostureLimit::kNone) << "it says why";
      EXPECT_NE(std::find(fit.cautions.begin(), fit.cautions.end(), FitCaution::kNoPosture),
                fit.cautions.end());
      continue;
    }
    ++feasible;
    expectFinite(fit.solution.posture);
    EXPECT_NEAR(fit.solution.posture.bar.x(), 0.0, 1e-3) << "the bar over mid-foot, body " << i;
    ASSERT_TRUE(fit.deepest.hip_below_knee_m) << i;
    EXPECT_GE(*fit.deepest.hip_below_knee_m, fit.setup.hip_below_knee_m - 0.021)
        << "what is suggested is not deeper than can be reached, body " << i;
  }
  EXPECT_GT(feasible, kBodies * 8 / 10);
}

TEST(SuggestProperties, EveryDeadliftAndBenchSuggestionCanBeSetUp) {
  Draw draw(12);
  for (int i = 0; i < kBodies; ++i) {
    const FitSubject who = draw.subject();
    DeadliftWishes wishes;
    wishes.load_kg = draw.between(20.0, 300.0);
    const DeadliftFit pull =
        suggestDeadlift(who, static_cast<DeadliftSchool>(draw.below(kDeadliftSchoolCount)), wishes);
    expectBelievable(pull.suggestions, i);
    EXPECT_TRUE(pull.setup.validate()) << i;
    for (const DeadliftSolution* s : {&pull.conventional, &pull.sumo})
      if (s->feasible) expectFinite(s->posture);
    const BenchFit press = suggestBench(who, static_cast<BenchSchool>(draw.below(kBenchSchoolCount)), {});
    expectBelievable(press.suggestions, i);
    EXPECT_TRUE(press.setup.validate()) << i;
    const auto grip = std::find_if(press.suggestions.begin(), press.suggestions.end(),
                                   [](const Suggestion& s) { return s.id == "grip"; });
    EXPECT_LE(*grip->value, 81.0 + 1e-9) << "never outside the ring marks";
  }
}

TEST(SuggestProperties, AnOpenComplaintAlwaysBringsItsCautionAndNeverAHarderSetup) {
  Draw draw(13);
  for (int i = 0; i < kBodies; ++i) {
    FitSubject who = draw.subject();
    who.complaints.clear();
    who.screens = {};
    const SquatFit sound = suggestSquat(who, SquatSchool::kBase, {});
    who.complaints = {{ComplaintJoint::kKnee, 4 + draw.below(7)}};
    const SquatFit sore = suggestSquat(who, SquatSchool::kBase, {});
    EXPECT_NE(std::find(sore.cautions.begin(), sore.cautions.end(), FitCaution::kOpenComplaint),
              sore.cautions.end());
    EXPECT_LT(sore.setup.hip_below_knee_m, sound.setup.hip_below_knee_m) << "less deep";
    if (sound.solution.feasible && sore.solution.feasible) {
      EXPECT_LE(sore.solution.posture.knee_lever_m, sound.solution.posture.knee_lever_m + 1e-6) << i;
    }
    who.complaints = {{ComplaintJoint::kBloodPressure, 4}};
    for (const auto& cautions : {suggestSquat(who, SquatSchool::kWide, {}).cautions,
                                 suggestDeadlift(who, DeadliftSchool::kBase, {}).cautions,
                                 suggestBench(who, BenchSchool::kBase, {}).cautions})
      EXPECT_NE(std::find(cautions.begin(), cautions.end(), FitCaution::kBloodPressure), cautions.end());
  }
}

// A hair's breadth more of thigh must not turn the set-up over, but at the steps that are meant to be steps.
TEST(SuggestProperties, SmallChangesOfTheBodyMakeSmallChangesOfThePosture) {
  Draw draw(14);
  int jumps = 0, pairs = 0;
  for (int i = 0; i < kBodies; ++i) {
    FitSubject who = draw.subject();
    SquatWishes fixed;
    fixed.bar = BarPosition::kHigh;
    fixed.heel_distance_m = 0.40;
    fixed.toe_out_deg = 30.0;
    fixed.heel_raise_m = 0.01;
    fixed.hip_below_knee_m = 0.02;
    const SquatFit a = suggestSquat(who, SquatSchool::kBase, fixed);
    who.body.lengths[indexOf(Segment::kThigh)].m.value += 1e-4;
    const SquatFit b = suggestSquat(who, SquatSchool::kBase, fixed);
    if (!a.solution.feasible || !b.solution.feasible) continue;
    ++pairs;
    if (std::abs(a.solution.posture.trunk_lean_deg - b.solution.posture.trunk_lean_deg) > 0.2) ++jumps;
  }
  EXPECT_GT(pairs, kBodies / 2);
  EXPECT_EQ(jumps, 0);
}

TEST(FitSubjectQuestions, EquipmentThatWasNotStatedIsBelievedAsAsked) {
  FitSubject who;
  EXPECT_TRUE(who.has(Equipment::kSafetyBar, true));
  EXPECT_FALSE(who.has(Equipment::kStraps, false));
  who.equipment = {Equipment::kStraps};
  EXPECT_TRUE(who.has(Equipment::kStraps, false));
  EXPECT_FALSE(who.has(Equipment::kSafetyBar, true)) << "a list that was given is the whole list";
  who.complaints = {{ComplaintJoint::kHip, kComplaintThatCounts - 1}};
  EXPECT_FALSE(who.sore(ComplaintJoint::kHip));
  who.complaints.push_back({ComplaintJoint::kHip, kComplaintThatCounts});
  EXPECT_TRUE(who.sore(ComplaintJoint::kHip));
}

}  // namespace
}  // namespace mottix
