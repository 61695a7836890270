#include "core/log/athlete_profile.h"

#include <gtest/gtest.h>

#include "core/log/records.h"

namespace mottix {
namespace {

TEST(AthleteProfile, ContradictionsAreSaidFieldByField) {
  AthleteProfile p;
  EXPECT_TRUE(findProblems(p, "2026-11-24").empty()) << "everything may be left out";
  p.birth_year = 1994;
  p.lifts_since = 2019;
  p.test_day = "2027-03-20";
  EXPECT_TRUE(findProblems(p, "2026-11-24").empty());
  p.lifts_since = 1990;
  ASSERT_EQ(findProblems(p, "2026-11-24").size(), 1u);
  EXPECT_EQ(findProblems(p, "2026-11-24")[0].field, "lifts_since");
  p.birth_year = 94;
  p.test_day = "20 March";
  const auto wrong = findProblems(p, "2026-11-24");
  ASSERT_GE(wrong.size(), 2u);
  EXPECT_EQ(wrong[0].field, "birth_year");
  EXPECT_EQ(wrong.back().field, "test_day");
}

TEST(AthleteProfile, WhoMayBeAMinorIsKnownByTheYearAlone) {
  AthleteProfile p;
  EXPECT_FALSE(mayBeMinor(p, "2026-11-24"));
  p.birth_year = 2008;
  EXPECT_TRUE(mayBeMinor(p, "2026-11-24"));
  p.birth_year = 2007;
  EXPECT_FALSE(mayBeMinor(p, "2026-11-24"));
}

TEST(FitSubject, TakesOpenComplaintsScreensAndWhatIsAtHand) {
  AthleteRecord r;
  EXPECT_FALSE(subjectOf(r)) << "no body";
  r.body = BodyFacts{};
  r.body->height_m = 17.0;
  EXPECT_FALSE(subjectOf(r)) << "no body that can be one";
  r.body->height_m = 1.7;
  r.body->knee_to_wall_m = 0.14;
  r.complaints = {{{ComplaintJoint::kKnee, 5}, "left", "2026-11-02", ""},
                  {{ComplaintJoint::kBack, 6}, "", "2026-01-02", "2026-02-03"}};
  r.screens = {{Screen::kKneeToWall, "2026-10-12", {6.0, 7.0}}};
  r.athlete.profile.equipment = {Equipment::kBelt};
  r.athlete.profile.constraints = {Constraint::kNoStraps};
  const auto who = subjectOf(r);
  ASSERT_TRUE(who);
  ASSERT_EQ(who->complaints.size(), 1u) << "the closed one is history";
  EXPECT_TRUE(who->sore(ComplaintJoint::kKnee));
  EXPECT_FALSE(who->sore(ComplaintJoint::kBack));
  EXPECT_NEAR(who->body.dorsiflexion_deg, dorsiflexionFromWall_deg(0.06), 1e-12);
  EXPECT_TRUE(who->has(Equipment::kBelt, false));
  EXPECT_FALSE(who->has(Equipment::kSafetyBar, true));
  EXPECT_TRUE(who->mustKeep(Constraint::kNoStraps));
}

}  // namespace
}  // namespace mottix
