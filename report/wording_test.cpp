// Sentences as a coach reads them.
#include "report/wording.h"
#include "report/eye_wording.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

std::string s(const QString& text) {
  return text.toStdString();
}

Measure depth(int rep, double value, double sd) {
  return {MeasureId::kDepthMargin, rep, {value, sd}, MeasureStatus::kOk, 0};
}

Finding finding(const char* rule, Certainty certainty, std::vector<int> reps,
                FindingReason reason = FindingReason::kBeyondLimit) {
  Finding f;
  f.rule = f.event = rule;
  if (const Rule* of = builtInRuleBook().find(rule)) {
    f.measure = of->measures.front();
    f.limit = of->limit;
    f.big = of->big;
    f.must = of->must;
  }
  f.certainty = certainty;
  f.reps = std::move(reps);
  f.reason = reason;
  return f;
}

TEST(FindingWords, SayWhatHowSureAndOnWhichReps) {
  EXPECT_EQ(s(findingHeading(finding("squat.high", Certainty::kClear, {3}), builtInRuleBook())),
            "Too high on rep 3");
  EXPECT_EQ(s(findingHeading(finding("squat.high", Certainty::kBorderline, {3}), builtInRuleBook())),
            "May be high on rep 3");
  EXPECT_EQ(s(findingHeading(finding("squat.hips_first", Certainty::kClear, {4, 5}), builtInRuleBook())),
            "Hips rise first on reps 4 and 5");
  EXPECT_EQ(
      s(findingHeading(finding("squat.bar_forward", Certainty::kCantTell, {1, 2, 3}), builtInRuleBook())),
      "Bar over mid-foot: can't tell on reps 1 to 3");
}

TEST(FindingWords, AnUnknownRuleStillSpeaks) {
  EXPECT_EQ(s(findingHeading(finding("bench.bounce", Certainty::kClear, {2}), builtInRuleBook())),
            "bench.bounce: rep 2");
  EXPECT_TRUE(
      findingDetail(finding("bench.bounce", Certainty::kClear, {2}), builtInRuleBook(), {}).isEmpty());
}

TEST(FindingWords, TheDetailCarriesValueErrorLimitAndBook) {
  const auto text = s(findingDetail(finding("squat.high", Certainty::kClear, {2}), builtInRuleBook(),
                                    {depth(1, -4, 1), depth(2, 6.2, 1.4)}));
  EXPECT_NE(text.find("6.2 ± 1.4 cm"), std::string::npos) << text;
  EXPECT_EQ(text.find("4.0"), std::string::npos) << "other reps do not belong to it: " << text;
  EXPECT_NE(text.find("Limit 0 cm (base)"), std::string::npos) << text;
  const auto close = s(findingDetail(finding("squat.high", Certainty::kBorderline, {1}), builtInRuleBook(),
                                     {depth(1, 0.4, 0.9)}));
  EXPECT_NE(close.find("Too close to call"), std::string::npos);
}

TEST(FindingWords, CantTellSaysWhyAndWhatWouldHelp) {
  auto why = [](FindingReason reason) {
    Finding f = finding("squat.high", Certainty::kCantTell, {1}, reason);
    f.value = {2.0, 5.5};
    return s(findingDetail(f, builtInRuleBook(), {depth(1, 2, 5.5)}));
  };
  EXPECT_NE(why(FindingReason::kJointsMissing).find("Put the figure"), std::string::npos);
  EXPECT_NE(why(FindingReason::kFeetMissing).find("Heel and toe"), std::string::npos);
  EXPECT_NE(why(FindingReason::kBarLost).find("out of sight"), std::string::npos);
  const auto imprecise = why(FindingReason::kTooImprecise);
  EXPECT_NE(imprecise.find("±5.5 cm"), std::string::npos) << imprecise;
  EXPECT_NE(imprecise.find("±4 cm"), std::string::npos) << imprecise;
  EXPECT_NE(imprecise.find("squarely"), std::string::npos);
  EXPECT_NE(imprecise.find("right on 1 more frame"), std::string::npos)
      << "an error of 5.5 to 4: " << imprecise;
}

TEST(FindingWords, SeverityIsSaidForThoseWhoDoNotSeeStrokes) {
  Finding f = finding("squat.high", Certainty::kClear, {1});
  EXPECT_EQ(s(severityWords(f)), "small, clear");
  f.severity = Severity::kBig;
  f.certainty = Certainty::kBorderline;
  EXPECT_EQ(s(severityWords(f)), "big, borderline");
  f.certainty = Certainty::kCantTell;
  EXPECT_EQ(s(severityWords(f)), "can't tell");
}

TEST(InOrder, NamesOnlyWhatWasMeasuredAndNotRaised) {
  Analysis a;
  a.measures = {depth(1, -4, 1),
                {MeasureId::kBarForwardMax, 1, {1, 1}, MeasureStatus::kOk, 0},
                {MeasureId::kTrunkChange, 1, {0, 0}, MeasureStatus::kNoJoints, 0}};
  EXPECT_EQ(s(inOrderWords(builtInRuleBook(), Lift::kSquat, a)),
            "In order on every rep: depth below parallel, bar over mid-foot.");
  a.findings = {finding("squat.high", Certainty::kBorderline, {1})};
  EXPECT_EQ(s(inOrderWords(builtInRuleBook(), Lift::kSquat, a)), "In order on every rep: bar over mid-foot.");
  EXPECT_TRUE(inOrderWords(builtInRuleBook(), Lift::kBench, a).isEmpty());
}

TEST(HeldWords, ComeBackAsTheyWereSaid) {
  for (const auto& [held, mm] :
       {std::pair{Held::kPlates, 450.0}, {Held::kPlates, 400.5}, {Held::kDumbbells, 180.0}}) {
    const auto read = heldIn(heldWords(held, mm));
    ASSERT_TRUE(read);
    EXPECT_EQ(read->first, held);
    EXPECT_EQ(read->second, mm);
  }
  const auto empty = heldIn(heldWords(Held::kEmptyBar, 450.0));
  ASSERT_TRUE(empty);
  EXPECT_EQ(empty->first, Held::kEmptyBar);
  EXPECT_FALSE(empty->second);
  EXPECT_EQ(heldIn("400 mm")->first, Held::kPlates) << "as coaches type it";
  EXPECT_EQ(heldIn("Dumbbells, 190,5 mm")->second, 190.5);
  for (const char* wrong : {"", "40", "dumbbells", "a barrel", "dumbbells of 900 mm"})
    EXPECT_FALSE(heldIn(wrong)) << wrong;
}

TEST(DecisionWords, StateRepsLoadReasonAndWhatWouldChangeIt) {
  Asked asked;
  asked.reps = 5;
  Athlete athlete;
  athlete.step_kg = 2.5;
  athlete.open_pain = 5;
  LoadDecision d{LoadAction::kAdd, LoadReason::kGoodEnough, 85.0};
  EXPECT_EQ(s(decisionHeading(d, asked)), "Next: add, 5 × 85 kg");
  d = {LoadAction::kRepair, LoadReason::kBigOnManyReps, 72.5};
  EXPECT_EQ(s(decisionHeading(d, asked)), "Next: technique first, 5 × 72.5 kg");
  EXPECT_NE(s(decisionChange(d, athlete)).find("2.5 kg"), std::string::npos);
  d = {LoadAction::kHold, LoadReason::kPain, 80.0};
  EXPECT_NE(s(decisionReason(d, athlete)).find("5/10"), std::string::npos);
  EXPECT_NE(s(decisionReason(d, athlete)).find("clinician"), std::string::npos);
  EXPECT_NE(s(decisionChange(d, athlete)).find("closed"), std::string::npos);
  d.action = LoadAction::kCantTell;
  d.reason = LoadReason::kCouldNotJudge;
  EXPECT_NE(s(decisionChange(d, athlete)).find("joints"), std::string::npos);
  EXPECT_NE(s(decisionChange(d, athlete, View::kFront)).find("from the side"), std::string::npos);
  d = {LoadAction::kCantTell, LoadReason::kNoRules, std::nullopt};
  EXPECT_EQ(s(decisionHeading(d, asked)), "Next: stay at this load, not judged; none was stated");
  asked.reps = 0;  // a clip on the command line: nobody said how many
  d = {LoadAction::kHold, LoadReason::kOneBig, 85.0};
  EXPECT_EQ(s(decisionHeading(d, asked)), "Next: stay at 85 kg");
}

TEST(DecisionWords, CountSmallDeviationsInGoodEnglish) {
  LoadDecision d{LoadAction::kAdd, LoadReason::kGoodEnough, 85.0};
  EXPECT_NE(s(decisionReason(d, {})).find("No clear deviation"), std::string::npos);
  d.small = 1;
  EXPECT_NE(s(decisionReason(d, {})).find("One small deviation"), std::string::npos);
  d.small = 2;
  EXPECT_NE(s(decisionReason(d, {})).find("2 small deviations"), std::string::npos);
  EXPECT_EQ(s(decisionReason(d, {})).find("hard set"), std::string::npos);
  d.tired = 1;
  EXPECT_NE(s(decisionReason(d, {})).find("hard set does not limit"), std::string::npos);
  d = {LoadAction::kHold, LoadReason::kRepairFirst, 85.0, 1};
  EXPECT_NE(s(decisionReason(d, {})).find("repairs before it adds"), std::string::npos);
}

TEST(FindingWords, SaySchoolExceptionAndCaution) {
  Finding f = finding("squat.high", Certainty::kClear, {2});
  f.limit = 8.0;
  const auto school = *bookOfSchools({"knee-sparing"}, Lift::kSquat);
  const auto by_school = s(findingDetail(f, school, {depth(2, 12, 1)}));
  EXPECT_NE(by_school.find("Limit 8 cm (knee-sparing)"), std::string::npos) << by_school;
  f = finding("squat.knees_past_toes", Certainty::kClear, {1});
  f.exception = "the knee is sore";
  const auto why = s(findingDetail(f, builtInRuleBook(), {}));
  EXPECT_NE(why.find("because the knee is sore"), std::string::npos) << why;
  const auto arms =
      s(findingDetail(finding("deadlift.arms_bend", Certainty::kClear, {1}), builtInRuleBook(), {}));
  EXPECT_NE(arms.find("biceps"), std::string::npos) << "the caution comes with it: " << arms;
  f = finding("squat.hips_first", Certainty::kClear, {5});
  f.severity = Severity::kWhenTired;
  EXPECT_EQ(s(findingHeading(f, builtInRuleBook())), "Hips rise first on rep 5, only when tired");
}

TEST(ChainWords, GoFromTheSentenceToTheFormula) {
  Finding f = finding("squat.high", Certainty::kClear, {2});
  f.value = {6.2, 1.4};
  f.frame = 233;
  const QStringList chain = chainWords(f, builtInRuleBook(), 7.77);
  ASSERT_EQ(chain.size(), 3);
  EXPECT_NE(s(chain[0]).find("squat.high"), std::string::npos);
  EXPECT_NE(s(chain[0]).find("kneecap"), std::string::npos) << "the source";
  EXPECT_NE(s(chain[1]).find("Height of the hip crease minus"), std::string::npos) << "the formula";
  EXPECT_NE(s(chain[2]).find("Picture 233 (7.77 s): 6.2 ± 1.4 cm"), std::string::npos) << s(chain[2]);
  EXPECT_NE(s(chain[2]).find("99.9 %"), std::string::npos);
}

TEST(Unseen, NamesWhatAnotherViewWouldTell) {
  Analysis a;
  a.measures = {depth(1, -4, 1)};
  const auto side = s(unseenWords(builtInRuleBook(), Lift::kSquat, a));
  EXPECT_NE(side.find("from the front or rear only"), std::string::npos) << side;
  EXPECT_NE(side.find("knees in line with the toes"), std::string::npos) << side;
}

TEST(CantTell, IsGatheredByReason) {
  const auto text = s(
      cantTellWords(builtInRuleBook(),
                    {finding("squat.tail_tuck", Certainty::kCantTell, {1}, FindingReason::kJointsMissing),
                     finding("squat.back_rounds", Certainty::kCantTell, {1}, FindingReason::kJointsMissing),
                     finding("squat.head", Certainty::kCantTell, {1}, FindingReason::kJointsMissing),
                     finding("squat.heels_lift", Certainty::kCantTell, {1}, FindingReason::kTooImprecise)}));
  EXPECT_EQ(std::count(text.begin(), text.end(), '\n'), 2) << "a line for each reason: " << text;
  EXPECT_NE(text.find("chin and neck. The ear is not placed"), std::string::npos) << text;
  EXPECT_NE(text.find("the pelvis at the bottom, the lower back"), std::string::npos) << text;
  EXPECT_TRUE(cantTellWords(builtInRuleBook(), {finding("squat.high", Certainty::kCantTell, {1})}).isEmpty())
      << "what must be known has a card of its own";
}

TEST(CauseWords, SayWhatSpeaksForAndAgainst) {
  Finding f = finding("squat.hips_first", Certainty::kClear, {4, 5});
  const std::vector<Measure> measures = {{MeasureId::kTrunkChange, 5, {12, 1}, MeasureStatus::kOk, 0}};
  const std::vector<Finding> findings = {f};
  CauseFacts facts;
  facts.measures = &measures;
  facts.findings = &findings;
  facts.set.effort = 9.5;
  const auto causes = findCauses(builtInCauseBook(), f, facts);
  const auto words = s(causeWords(causes[0], builtInRuleBook()));
  EXPECT_NE(words.find("for it: effort 9.5, only late in the set"), std::string::npos) << words;
  for (const auto& c : causes)
    for (const Evidence& e : c.evidence) {
      EXPECT_NE(s(evidenceWords(e, builtInRuleBook())), e.kind) << "has words";
      EXPECT_EQ(s(evidenceWords(e, builtInRuleBook())).find("%1"), std::string::npos);
    }
}

TEST(CueWords, CountAndSayTooEarly) {
  CueEstimate e;
  EXPECT_EQ(s(cueWords(e, "Runa")), "Not tried yet.");
  e.told = e.told_house = 2;
  e.helped = e.helped_house = 2;
  EXPECT_EQ(s(cueWords(e, "Runa")), "It has helped Runa 2 of 2 times: too early to tell.");
  e.told = 5;
  e.helped = 4;
  e.too_early = false;
  e.effect = {0.62, 0.21};
  EXPECT_EQ(s(cueWords(e, "Runa")),
            "It has helped Runa 4 of 5 times (0.6 ± 0.2 of the way from limit to big).");
}

TEST(Numbers, ShowAsManyDigitsAsTheErrorBears) {
  EXPECT_EQ(s(withError({12.345, 0.3}, "deg")), "12.3° ± 0.3°");
  EXPECT_EQ(s(withError({12.345, 3.0}, "deg")), "12° ± 3°");
  EXPECT_EQ(s(withError({1.234, 0.05}, "s")), "1.23 ± 0.05 s");
  EXPECT_EQ(s(withError({1.234, 0.05}, "")), "1.23 ± 0.05");
  EXPECT_EQ(s(kilograms(0.0)), "0 kg");
  EXPECT_EQ(s(repList({})), "no rep");
  EXPECT_EQ(s(withError({627.7, 56.0}, "N m")), "628 ± 56 N m");
}

TEST(Words, TheSideOfTheCameraIsTheSideThatIsSeen) {
  EXPECT_EQ(s(facingWords(Facing::kRight)), "from the right");
  EXPECT_EQ(s(facingWords(Facing::kLeft)), "from the left");
  EXPECT_EQ(s(facingWords(Facing::kUnknown)), "from the side");
  EXPECT_EQ(s(liftWords(Lift::kBench)), "bench press");
}

TEST(DifferenceWords, SayWhatChangedByHowMuchAndFromWhat) {
  Difference lean{MeasureId::kTrunkLeanTurn, {38.0, 2.0}, {50.0, 2.0}, {12.0, 1.0}},
      depth{MeasureId::kHipBelowKnee, {4.0, 1.0}, {1.0, 1.0}, {-3.0, 0.5}},
      same{MeasureId::kShinLeanTurn, {20.0, 2.0}, {20.5, 2.0}, {0.5, 1.0}};
  EXPECT_EQ(s(differenceWords(lean)), "trunk lean at the turn 12° ± 1° more");
  EXPECT_EQ(
      differenceWords({depth, lean, same}),
      "Trunk lean at the turn 12° ± 1° more (from 38 to 50°); hip below knee 3.0 ± 0.5 cm less (from 4.0 to "
      "1.0 cm).");
  EXPECT_EQ(s(differenceWords(std::vector{same})),
            "Nothing that is measured differs by clearly more than its error.");
  EXPECT_EQ(s(differenceWords(std::vector<Difference>())), "There is nothing that was measured in both.");
}

TEST(PhaseWords, NameEveryPhaseOfEveryLift) {
  for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
    for (int k = 0; k <= static_cast<int>(PhaseKind::kPuttingBack); ++k)
      EXPECT_FALSE(phaseWords(static_cast<PhaseKind>(k), lift).isEmpty()) << k;
  for (const DrawnKind kind : kDrawnKinds) EXPECT_FALSE(drawnWords(kind).isEmpty());
}

// ------------------------------------------------------------------ what an eye called

Glance glance(std::optional<Called> is, Called called) {
  return {"squat.high", {4.0, 0.5}, 0.0, 3.0, is, called, {2, 3}, {3}};
}

TEST(EyeWording, SaysWhatWasSeenPassedOverAndCalledForNothing) {
  const RuleBook& book = builtInRuleBook();
  EXPECT_EQ(glanceHeading(glance(Called::kBig, Called::kSmall), book), "Seen: too high on reps 2 and 3");
  EXPECT_EQ(glanceDetail(glance(Called::kBig, Called::kSmall), book),
            "Crease above kneecap 4.0 ± 0.5 cm; a fault from 0 cm, big from 3 cm. You called it small; it is "
            "big. You "
            "marked rep 3.");
  EXPECT_EQ(glanceHeading(glance(Called::kBig, Called::kNothing), book),
            "Passed over: too high on reps 2 and 3");
  EXPECT_EQ(glanceHeading(glance(Called::kNothing, Called::kSmall), book), "Called, but not there: too high");
  EXPECT_EQ(glanceHeading(glance(std::nullopt, Called::kSmall), book), "Too close to call: too high");
  EXPECT_EQ(glanceHeading(glance(Called::kNothing, Called::kNothing), book), "");
  EXPECT_EQ(glanceHeading(glance(std::nullopt, Called::kNothing), book), "");
}

TEST(EyeWording, SaysOnWhichSideOfTheBookAnEyeLies) {
  const Rule& rule = *builtInRuleBook().find("squat.high");
  EyeOfRule eye;
  EXPECT_EQ(eyeWords(eye, rule), "Not looked for yet.");
  eye.looks = 9;
  EXPECT_EQ(eyeWords(eye, rule), "Too early to say from where your eye calls it.");
  eye.from = Estimate{2.5, 0.5};
  EXPECT_EQ(eyeWords(eye, rule), "Your eye calls it from 2.5 ± 0.5 cm only; the book from 0 cm.");
  eye.from = Estimate{-2.5, 0.5};
  EXPECT_TRUE(eyeWords(eye, rule).contains("already; the book from"));
  eye.from = Estimate{0.5, 0.5};
  EXPECT_TRUE(eyeWords(eye, rule).contains("as the book does"));
  eye.there = 4;
  eye.seen = 3;
  EXPECT_EQ(eyeCounts(eye), "seen 3 of 4");
  eye.invented = 2;
  EXPECT_EQ(eyeCounts(eye), "seen 3 of 4, called 2 × where it was not");
}

}  // namespace
}  // namespace mottix
