#include "synth/blind_look.h"

#include <set>

#include <gtest/gtest.h>

namespace mottix {
namespace {

std::set<std::string> clearFindings(const Analysis& a) {
  std::set<std::string> rules;
  for (const Finding& f : a.findings)
    if (f.certainty == Certainty::kClear) rules.insert(f.rule);
  return rules;
}

constexpr std::array kKinds = {std::pair{Lift::kSquat, View::kSide}, std::pair{Lift::kBench, View::kSide},
                               std::pair{Lift::kDeadlift, View::kSide}, std::pair{Lift::kSquat, View::kFront},
                               std::pair{Lift::kBench, View::kFront}};

TEST(BlindLook, TheSameSeedIsTheSameClip) {
  const BlindClip a = drawBlindClip(12, Lift::kSquat, View::kSide),
                  b = drawBlindClip(12, Lift::kSquat, View::kSide);
  ASSERT_EQ(a.planted.size(), b.planted.size());
  for (std::size_t k = 0; k < a.planted.size(); ++k) {
    EXPECT_EQ(a.planted[k].kind, b.planted[k].kind);
    EXPECT_EQ(a.planted[k].size, b.planted[k].size);
  }
  EXPECT_EQ(a.plan.width_px, 960);
  EXPECT_EQ(a.plan.height_px, 540);
}

TEST(BlindLook, ClipsAreValidAndMeasured) {
  int clean = 0, clips = 0;
  for (const auto& [lift, view] : kKinds)
    for (std::uint32_t seed = 1; seed <= 12; ++seed) {
      const BlindClip clip = drawBlindClip(seed, lift, view);
      ASSERT_TRUE(clip.plan.validate());
      const auto a = measureBlindClip(clip).analysis;
      ASSERT_TRUE(a) << nameOf(lift) << ' ' << seed << ' ' << a.error().text;
      EXPECT_EQ(a->reps.size(), repCount(clip.plan)) << nameOf(lift) << ' ' << seed;
      ++clips;
      clean += clip.planted.empty();
      for (const PlantedFault& p : clip.planted) {
        EXPECT_FALSE(p.reps.empty());
        EXPECT_GT(p.size, 0.0);
        EXPECT_LE(p.size, p.kind->most);
      }
    }
  EXPECT_GT(clean, clips / 8);
  EXPECT_LT(clean, clips / 2);
}

// What is planted at its largest can be seen from there, and is found; what is not planted is not.
TEST(BlindLook, EveryFaultThatIsDrawnShowsFromThere) {
  for (const auto& [lift, view] : kKinds)
    for (const FaultKind* kind : faultsSeen(lift, view)) {
      BlindClip clip = drawBlindClip(3, lift, view);
      clearFaults(clip.plan);
      const auto clean = measureBlindClip(clip).analysis;
      ASSERT_TRUE(plantFault(clip.plan, *kind, 1, kind->most));
      const auto with = measureBlindClip(clip).analysis;
      ASSERT_TRUE(clean && with) << kind->name;
      auto found = clearFindings(*with);
      for (const std::string& rule : clearFindings(*clean)) found.erase(rule);
      EXPECT_FALSE(found.empty()) << nameOf(lift) << ' ' << kind->name;
    }
}

}  // namespace
}  // namespace mottix
