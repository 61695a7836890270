#include "report/fit_wording.h"

#include <set>

#include <gtest/gtest.h>

namespace mottix {
namespace {

FitSubject someone() {
  BodyFacts facts;
  facts.height_m = 1.75;
  facts.mass_kg = 75.0;
  facts.measured[indexOf(Segment::kThigh)] = BodyLength{{0.47, 0.01}, LengthSource::kByHand};
  facts.measured[indexOf(Segment::kTrunk)] = BodyLength{{0.48, 0.01}, LengthSource::kFromClip};
  facts.measured[indexOf(Segment::kHipWidth)] = BodyLength{{0.30, 0.01}, LengthSource::kByHand};
  return {estimateBody(facts), {}, {}, {}, {}};
}

const CardLine& lineOf(const std::vector<CardLine>& lines, const char* label) {
  for (const CardLine& l : lines)
    if (l.label == QLatin1String(label)) return l;
  ADD_FAILURE() << "no line " << label;
  return lines.front();
}

TEST(FitWording, TheCardSaysTwoNumbersOfOneThingOnOneLine) {
  SquatWishes wishes;
  wishes.heel_raise_m = 0.012;
  wishes.hip_below_knee_m = -0.04;
  const SquatFit fit = suggestSquat(someone(), SquatSchool::kHipLed, wishes);
  const auto lines = cardLines(fit.suggestions);
  EXPECT_TRUE(lineOf(lines, "Heels").value.contains(QStringLiteral("own foot lengths")));
  EXPECT_TRUE(lineOf(lines, "Hands").value.contains(QStringLiteral("inside each ring mark")));
  EXPECT_EQ(lineOf(lines, "Heel height").value, QStringLiteral("12 mm"));
  EXPECT_EQ(lineOf(lines, "Depth").value, QStringLiteral("hip joint 4 cm above the knee joint"));
  EXPECT_EQ(lineOf(lines, "Bar").school, QStringLiteral("hip-led"));
  EXPECT_TRUE(lineOf(lines, "Heels").school.isEmpty());
  EXPECT_TRUE(lineOf(lines, "Toes").plain) << "it only follows from the stance";
  EXPECT_FALSE(lineOf(lines, "Bar").plain);
  std::set<QString> labels;
  for (const CardLine& l : lines) {
    EXPECT_TRUE(labels.insert(l.label).second) << l.label.toStdString();
    EXPECT_FALSE(l.reason.isEmpty());
  }
}

TEST(FitWording, AKeptSetupReadsAsItWasSuggested) {
  const SquatFit fit = suggestSquat(someone(), SquatSchool::kBase, {});
  const auto values = setupValues(fit.suggestions);
  const auto kept = cardLines(values), fresh = cardLines(fit.suggestions);
  ASSERT_EQ(kept.size(), fresh.size());
  for (std::size_t i = 0; i < kept.size(); ++i) {
    EXPECT_EQ(kept[i].value, fresh[i].value);
    EXPECT_EQ(kept[i].reason, fresh[i].reason);
  }
  EXPECT_TRUE(setupName(Lift::kSquat, values).contains(QStringLiteral("bar, heels")));
  EXPECT_TRUE(
      setupName(Lift::kBench, setupValues(suggestBench(someone(), BenchSchool::kBase, {}).suggestions))
          .startsWith(QStringLiteral("hands ")));
}

TEST(FitWording, TheBuildIsSaidInPlainWords) {
  const Body body = someone().body;
  EXPECT_TRUE(buildWords(body, Segment::kThigh).contains(QStringLiteral("long")));
  EXPECT_TRUE(buildWords(body, Segment::kHipWidth).contains(QStringLiteral("narrow")))
      << "widths are not short";
  EXPECT_TRUE(buildWords(body, Segment::kHand).isEmpty()) << "an estimate tells nothing of the build";
  const QString all = buildSentence(body);
  EXPECT_TRUE(all.startsWith(QStringLiteral("Long thighs"))) << all.toStdString();
  BodyFacts facts;
  facts.height_m = 1.75;
  EXPECT_TRUE(buildSentence(estimateBody(facts)).contains(QStringLiteral("only usual ones")));
  facts.knee_to_wall_m = 0.05;
  EXPECT_TRUE(buildSentence(estimateBody(facts)).contains(QStringLiteral("Stiff ankles")));
}

TEST(FitWording, EveryScreenQuestionFindingAndChoiceHasWords) {
  for (std::size_t i = 0; i < kScreenCount; ++i) {
    const auto s = static_cast<Screen>(i);
    EXPECT_FALSE(screenWords(s).isEmpty());
    EXPECT_FALSE(screenHowTo(s).isEmpty());
    for (const ScreenQuestion& q : questionsOf(s)) {
      const QString words = questionWords(s, q.id);
      EXPECT_TRUE(words.endsWith(QLatin1Char('?'))) << q.id;
      EXPECT_FALSE(words.contains(QLatin1Char('_'))) << q.id;
    }
  }
  std::set<QString> seen;
  for (int f = 0; f <= static_cast<int>(ScreenFinding::kNothingAnswered); ++f)
    EXPECT_TRUE(seen.insert(screenFindingWords(static_cast<ScreenFinding>(f))).second);
  EXPECT_TRUE(screenFindingMeans(ScreenFinding::kInOrder).isEmpty());
  EXPECT_FALSE(screenFindingMeans(ScreenFinding::kStiffAnkle).isEmpty());
  for (std::size_t i = 0; i < kEquipmentCount; ++i)
    EXPECT_TRUE(seen.insert(equipmentWords(static_cast<Equipment>(i))).second);
  for (std::size_t i = 0; i < kConstraintCount; ++i)
    EXPECT_TRUE(seen.insert(constraintWords(static_cast<Constraint>(i))).second);
  for (std::size_t i = 0; i < kComplaintJointCount; ++i)
    EXPECT_TRUE(seen.insert(jointWords(static_cast<ComplaintJoint>(i))).second);
  for (std::size_t i = 0; i < kSquatSchoolCount; ++i)
    EXPECT_TRUE(seen.insert(schoolWords(static_cast<SquatSchool>(i))).second);
  for (std::size_t i = 0; i < kSegmentCount; ++i)
    EXPECT_TRUE(seen.insert(segmentWords(static_cast<Segment>(i))).second);
}

TEST(FitWording, ATrialIsSaidHonestly) {
  TrialLine line;
  line.what = TrialMeasure::kComfort;
  line.sets_a = 1;
  line.sets_b = 2;
  EXPECT_TRUE(
      trialVerdictWords(line, "high", "low").startsWith(QStringLiteral("not enough sets to tell: 1 and 2")));
  line.difference = Estimate{2.0, 0.5};
  line.verdict = TrialVerdict::kDiffers;
  EXPECT_TRUE(trialVerdictWords(line, "high", "low").endsWith(QStringLiteral("better with “low”")));
  line.what = TrialMeasure::kTrunkChange;  // here less is better
  EXPECT_TRUE(trialVerdictWords(line, "high", "low").endsWith(QStringLiteral("better with “high”")));
  line.verdict = TrialVerdict::kNoDifferenceSeen;
  EXPECT_TRUE(trialVerdictWords(line, "high", "low").contains(QStringLiteral("no difference seen")));
  for (std::size_t i = 0; i < kTrialMeasureCount; ++i)
    EXPECT_FALSE(trialWords(static_cast<TrialMeasure>(i)).isEmpty());
}

}  // namespace
}  // namespace mottix
