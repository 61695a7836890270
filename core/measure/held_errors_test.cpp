#include "core/measure/held_errors.h"

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(HeldErrors, AreAsStatedUnlessTheyWereFoundOtherwise) {
  EXPECT_DOUBLE_EQ(heldShare(MeasureId::kTrunkLeanTurn, Lift::kSquat, false, true), 1.0);
  // Too small for a squat, whose turn may be sharper on one side, too large for a press.
  EXPECT_GT(heldShare(MeasureId::kAscentTime, Lift::kSquat, false, true), 1.1);
  EXPECT_LT(heldShare(MeasureId::kAscentTime, Lift::kBench, false, true), 0.95);
  EXPECT_DOUBLE_EQ(heldShare(MeasureId::kAscentTime, Lift::kSquat, true, true), 1.0) << "not of this view";
}

TEST(HeldErrors, ADriftThatIsThereIsNotKnownBetterForThoseThatAreNot) {
  for (const MeasureId id : {MeasureId::kForwardDrift, MeasureId::kBackDrift, MeasureId::kLandingOffset}) {
    EXPECT_LT(heldShare(id, Lift::kDeadlift, false, false), 0.9);
    EXPECT_DOUBLE_EQ(heldShare(id, Lift::kDeadlift, false, true), 1.0);
  }
}

TEST(HeldErrors, NoneIsChangedByMoreThanThreeTimes) {
  for (const MeasureDefinition* d : measureCatalogue())
    for (const Lift lift : {Lift::kSquat, Lift::kBench, Lift::kDeadlift})
      for (const bool across : {false, true})
        for (const bool stands_out : {false, true}) {
          const double share = heldShare(d->id, lift, across, stands_out);
          EXPECT_GT(share, 0.3) << d->name;
          EXPECT_LT(share, 1.5) << d->name;
        }
}

}  // namespace
}  // namespace mottix
