#include "core/load/plates.h"

#include <random>

#include <gtest/gtest.h>

namespace mottix {
namespace {

TEST(Rigging, IsReadFromTheWordsOfASetsEquipment) {
  Gear gear = usualGear();
  gear.bars = {{"bar", Mass::ofKg(20.0), false},
               {"training bar", Mass::ofKg(10.0), false},
               {"axle", Mass::ofLb(25.0), true}};
  const auto read = [&](const char* words) { return *riggingIn(words, gear); };
  EXPECT_EQ(read("").bar.name, "bar");
  EXPECT_EQ(read("belt, wraps").bar.name, "bar");
  EXPECT_EQ(read("belt, Training Bar").bar.name, "training bar") << "the longest name that fits";
  EXPECT_EQ(read("axles of steel").bar.name, "bar") << "a whole word only";
  EXPECT_EQ(read("axle; chains 20 kg").bar.name, "axle");
  EXPECT_EQ(read("axle; chains 20 kg").at_top, Mass::ofKg(20.0));
  EXPECT_EQ(read("30 lb of bands").at_top, Mass::ofLb(30.0));
  EXPECT_EQ(read("chains 7,5 kg, bands 10kg").at_top, Mass::ofKg(17.5));
  EXPECT_EQ(read("chains").at_top, Mass()) << "nobody said what they weigh";
  EXPECT_EQ(read("vest 10 kg, chains").at_top, Mass());
  gear.bars.clear();
  EXPECT_FALSE(riggingIn("axle", gear));
}

TEST(MassOf, KilogramsAndPoundsAreExact) {
  for (int thousandths = 0; thousandths < 400'000; thousandths += 7) {
    const double v = 0.001 * thousandths;
    ASSERT_EQ(Mass::ofKg(Mass::ofKg(v).kg()), Mass::ofKg(v)) << v;
    ASSERT_EQ(Mass::ofLb(Mass::ofLb(v).lb()), Mass::ofLb(v)) << v;
    ASSERT_EQ(Mass::ofLb(v).count(), thousandths * std::int64_t{45'359'237}) << v;
  }
  EXPECT_DOUBLE_EQ(Mass::ofLb(1.0).kg(), 0.45359237);
  EXPECT_DOUBLE_EQ(Mass::ofLb(45.0).lb(), 45.0);
  EXPECT_EQ(Mass::ofLb(2.5) * 2, Mass::ofLb(5.0));
}

Gear gearOf(std::initializer_list<std::pair<double, int>> plates, double bar_kg = 20.0) {
  Gear gear;
  gear.bars = {{"bar", Mass::ofKg(bar_kg), false}};
  for (const auto& [kg, count] : plates) gear.plates.push_back({Mass::ofKg(kg), count, false, 0.0});
  return gear;
}

Loading load(const Gear& gear, double kg) {
  const auto loading = loadPlates(gear, gear.bars.front(), {Mass::ofKg(kg), {}, false});
  EXPECT_TRUE(loading) << (loading ? "" : loading.error().text);
  return loading.value_or(Loading{});
}

TEST(LoadPlates, WorkedByHand) {
  const Loading hundred = load(usualGear(), 102.5);
  EXPECT_EQ(nameOf(hundred.side), "25 × 1, 15 × 1, 1.25 × 1");
  EXPECT_EQ(hundred.total, Mass::ofKg(102.5));
  EXPECT_EQ(hundred.off, Mass());
  EXPECT_EQ(hundred.platesASide(), 3);
  EXPECT_EQ(nameOf(load(usualGear(), 60.0).side), "20 × 1");
  EXPECT_TRUE(load(usualGear(), 20.0).side.empty());
  // One plate alone hangs on no side.
  EXPECT_EQ(load(gearOf({{20.0, 1}, {10.0, 2}}), 60.0).total, Mass::ofKg(40.0));
  // Nearest, and of two as near the lighter.
  EXPECT_EQ(load(gearOf({{5.0, 4}}), 33.0).total, Mass::ofKg(30.0));
  EXPECT_EQ(load(gearOf({{5.0, 4}}), 36.0).total, Mass::ofKg(40.0));
  EXPECT_EQ(load(gearOf({{5.0, 4}}), 35.0).total, Mass::ofKg(30.0));
  EXPECT_EQ(load(gearOf({{5.0, 4}}), 35.0).off, Mass::ofKg(30.0) - Mass::ofKg(35.0));
}

TEST(LoadPlates, CollarsAndChainsAtTheTopAreCountedIn) {
  Gear gear = usualGear();
  gear.collar = Mass::ofKg(2.5);
  const auto with = loadPlates(gear, gear.bars.front(), {Mass::ofKg(125.0), Mass::ofKg(20.0), false});
  ASSERT_TRUE(with);
  EXPECT_EQ(with->total, Mass::ofKg(125.0));
  EXPECT_EQ(nameOf(with->side), "25 × 1, 15 × 1");
}

TEST(LoadPlates, KilogramsAndPoundsHangTogether) {
  Gear gear = gearOf({{20.0, 4}, {1.25, 2}});
  gear.plates.push_back({Mass::ofLb(45.0), 2, true, 450.0});
  const auto loading = loadPlates(gear, gear.bars.front(), {Mass::ofKg(60.8), {}, false});
  ASSERT_TRUE(loading);
  EXPECT_EQ(loading->total, Mass::ofKg(20.0) + Mass::ofLb(45.0) * 2);
  EXPECT_EQ(nameOf(loading->side), "45 lb × 1");
  EXPECT_NEAR(loading->off.kg(), 0.0233, 1e-4);
}

TEST(LoadPlates, WhatCannotBeIsSaid) {
  const auto light = loadPlates(usualGear(), usualGear().bars.front(), {Mass::ofKg(15.0), {}, true});
  ASSERT_FALSE(light);
  EXPECT_NE(light.error().text.find("weighs 20 kg"), std::string::npos) << light.error().text;
  EXPECT_EQ(loadPlates(usualGear(), usualGear().bars.front(), {Mass::ofKg(15.0), {}, false})->total,
            Mass::ofKg(20.0));
  EXPECT_FALSE(loadPlates(usualGear(), usualGear().bars.front(), {Mass::ofKg(0.0), {}, false}));
  EXPECT_FALSE(loadPlates(usualGear(), usualGear().bars.front(), {Mass::ofKg(5000.0), {}, false}));
}

// Against trying everything: as near, as light, and with as few plates.
TEST(LoadPlates, IsOptimal) {
  std::mt19937 draw(3);
  const auto below = [&](int n) { return static_cast<int>(draw() % static_cast<unsigned long>(n)); };
  for (int k = 0; k < 400; ++k) {
    Gear gear;
    gear.bars = {{"bar", Mass::ofKg(5.0 * below(6)), false}};
    for (int kinds = 1 + below(5); kinds > 0; --kinds) {
      const bool lb = below(4) == 0;
      const double v = 0.25 * (1 + below(100));
      gear.plates.push_back({lb ? Mass::ofLb(v) : Mass::ofKg(v), below(7), lb, 0.0});
    }
    if (gear.bars.front().mass == Mass()) gear.bars.front().mass = Mass::ofKg(0.5);
    const LoadWish wish{Mass::ofKg(0.5 + 0.5 * below(400)), {}, below(2) == 0};
    const auto found = loadPlates(gear, gear.bars.front(), wish);

    std::optional<Mass> best;
    int fewest = 0;
    std::vector<int> n(gear.plates.size(), 0);
    for (bool more = true; more;) {
      Mass total = gear.bars.front().mass;
      int plates = 0;
      for (std::size_t i = 0; i < n.size(); ++i) {
        total = total + gear.plates[i].each * (2 * n[i]);
        plates += n[i];
      }
      const auto off = [&](Mass m) { return std::abs((m - wish.total).count()); };
      if (!(wish.never_above && total > wish.total)) {
        const bool better = !best || off(total) < off(*best) || (off(total) == off(*best) && total < *best) ||
                            (total == *best && plates < fewest);
        if (better) {
          best = total;
          fewest = plates;
        }
      }
      more = false;
      for (std::size_t i = 0; i < n.size() && !more; ++i) {
        if (n[i] < gear.plates[i].count / 2) {
          ++n[i];
          more = true;
        } else {
          n[i] = 0;
        }
      }
    }
    ASSERT_EQ(found.has_value(), best.has_value()) << k;
    if (!found) continue;
    EXPECT_EQ(found->total, *best) << k;
    EXPECT_EQ(found->platesASide(), fewest) << k;
    EXPECT_EQ(found->off, found->total - wish.total);
    Mass check = gear.bars.front().mass;
    for (std::size_t i = 0; i < found->side.size(); ++i) {
      check = check + found->side[i].each * (2 * found->side[i].count);
      if (i > 0) {
        EXPECT_GE(found->side[i - 1].each, found->side[i].each) << "heavy ones inside";
      }
    }
    EXPECT_EQ(check, found->total);
    if (wish.never_above) {
      EXPECT_LE(found->total, wish.total);
    }
  }
}

TEST(WarmUp, GoesUpInEvenStepsThatCanBeLoaded) {
  const Gear& gear = usualGear();
  for (const double work : {25.0, 40.0, 60.0, 82.5, 100.0, 142.5, 180.0}) {
    const auto sets = warmUpTo(gear, gear.bars.front(), Mass::ofKg(work));
    ASSERT_TRUE(sets);
    ASSERT_GE(sets->size(), 2u);
    EXPECT_EQ((*sets)[0].loading.total, Mass::ofKg(20.0));
    EXPECT_EQ((*sets)[1].loading.total, Mass::ofKg(20.0)) << "the bar twice";
    Mass before = Mass::ofKg(20.0);
    int reps = 5;
    for (const WarmUpSet& s : *sets) {
      EXPECT_LT(s.loading.total, Mass::ofKg(work));
      EXPECT_GE(s.loading.total, before);
      EXPECT_LE((s.loading.total - before).kg(), 0.33 * work + 2.5) << work;
      EXPECT_LE(s.reps, reps);
      before = s.loading.total;
      reps = s.reps;
    }
    EXPECT_LE((Mass::ofKg(work) - before).kg(), 0.33 * work + 2.5) << work;
    // Few plates, though the room has many small ones.
    for (const WarmUpSet& s : *sets) EXPECT_LE(s.loading.platesASide(), 3) << work;
  }
  EXPECT_TRUE(warmUpTo(gear, gear.bars.front(), Mass::ofKg(20.0))->empty());
}

TEST(GearOf, ComesBackFromItsOwnToml) {
  Gear gear = usualGear();
  gear.collar = Mass::ofKg(2.5);
  gear.bars.push_back({"axle", Mass::ofLb(25.0), true});
  gear.plates.push_back({Mass::ofLb(2.5), 4, true, 0.0});
  const auto again = parseGear(toToml(gear), "gear.toml");
  ASSERT_TRUE(again) << again.error().text;
  EXPECT_EQ(*again, gear);
  for (const auto& [text, reason] :
       {std::pair{"[[bar]]\nname = \"b\"\n", "kg or lb"},
        {"[[bar]]\nname = \"b\"\nkg = -2\n", "between 0 and 2000"},
        {"[[plate]]\nkg = 20\ncount = 4\n", "no [[bar]]"},
        {"[[bar]]\nname = \"b\"\nkg = 20\n[[plate]]\nkg = 20\ncount = 1.5\n", "how many"},
        {"collar_kg = 40\n[[bar]]\nname = \"b\"\nkg = 20\n", "collar"}}) {
    const auto parsed = parseGear(text, "gear.toml");
    ASSERT_FALSE(parsed) << text;
    EXPECT_NE(parsed.error().text.find(reason), std::string::npos) << parsed.error().text;
    EXPECT_NE(parsed.error().text.find("gear.toml"), std::string::npos);
  }
}

TEST(PlatesIn, AreReadAsPeopleListThem) {
  const auto plates = platesIn("25x8, 20 x 4; 45lbx2, 1.25kg×2, 2,5x4");
  ASSERT_TRUE(plates) << plates.error().text;
  EXPECT_EQ(nameOf(*plates), "25 × 8, 20 × 4, 45 lb × 2, 1.25 × 2, 2.5 × 4");
  for (const char* bad : {"", "25", "x4", "25x", "25xmany", "-5x2", "20x4, 20x2", "25x2x3y", "many"})
    EXPECT_FALSE(platesIn(bad)) << bad;
}

}  // namespace
}  // namespace mottix
