// 200 sets of all lifts and views with planted faults of graded size: what is big is found, what is clean is
// left alone, and grades agree with truth outside the error band.
#include <gtest/gtest.h>

#include "tests/judged_lifts.h"

namespace mottix {
namespace {

TEST(JudgedSets, BigFaultsAreFoundAndNoneIsInvented) {
  const auto lifts = known::judgedLifts(1, 200);
  known::Confusion all;
  int clean = 0;
  for (const auto& l : lifts) {
    const auto counted = known::confusionOf(l);
    clean += !l.planted;
    for (const auto& [rule, c] : counted) {
      all.add(c);
      EXPECT_EQ(c.count(known::Grade::kBig, known::Grade::kNone), 0) << rule << " was passed over";
      if (!l.planted) {
        EXPECT_EQ(c.count(known::Grade::kNone, known::Grade::kSmall) +
                      c.count(known::Grade::kNone, known::Grade::kBig),
                  0)
            << rule << " was invented on a clean set";
      }
    }
  }
  EXPECT_EQ(lifts.size(), 200u);
  EXPECT_GE(clean, 40);
  EXPECT_GT(all.count(known::Grade::kBig), 150);
  EXPECT_GT(all.count(known::Grade::kSmall), 150);
  EXPECT_GE(all.agree, 0.95 * all.outside);
  EXPECT_GT(all.outside, 5000);
}

}  // namespace
}  // namespace mottix
