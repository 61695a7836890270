// What the best single of a lifter is, over time, with its error.
//
// Each set tells of it twice: by reps and effort (load over the share that a published relation gives), and
// by the speed of its fastest rep. What these share over the months, so that it does not average out, is told
// apart from what changes from day to day: how this lifter's reps differ from the relation, how the word on
// effort leans, at which speed the single stands, how the form of the day is, how much each set before has
// tired. All of it is one linear Gaussian model of the logarithm of the load, filtered and smoothed
// (dejong1989); days and words far off count less (Student's t with four degrees of freedom, in a few passes:
// meinhold1989). That a set was easy says that the single is not below what it shows (a censored reading, by
// its expectation: dempster1977). Of the published relations the one under which the sets are likeliest is
// taken, once it is clearly likelier than the usual one.
// Assumes sets of one lift in like variants. A set says nothing when neither effort nor speed is known.
#pragma once

#include <array>
#include <optional>
#include <span>
#include <vector>

#include <Eigen/Dense>

#include "core/base/day.h"
#include "core/load/effort.h"

namespace mottix {

struct StrengthSet {
  Day day;
  double load_kg = 0.0;
  int reps = 0;                      // done
  std::optional<Estimate> reserve;   // of word or eye; zero where the next rep failed
  bool easy = false;                 // or said to be below kLeastEffort: so much was left at least
  std::optional<Estimate> speed_ms;  // of the fastest rep
};

// What is expected between people and days, as parts of the load unless said.
struct StrengthOptions {
  double day_form = 0.025;     // best singles of one lifter on two days (grgic2020: median 4.2 % of two)
  double wander_week = 0.004;  // besides the trend
  double gain_week = 0.008;    // scatter of the trend between lifters
  double gain_wander_week = 0.001;
  double own_reps = 2.0;        // scatters of the published relations (hoeger1990: at least)
  double word_lean_reps = 0.7;  // of a lifter's word on effort (halperin2022: about one rep of two)
  double tiring_set = 0.008;    // each set before on the same day, and as much either way
  double set_noise = 0.008;
  double speed_noise = 0.015;
  double relation_error =
      0.025;  // what no relation of this form tells, however many sets (lesuer1997: 2-5 %)
  double clearly_likelier = 2.0;  // logarithm of how much likelier another relation has to be
};

struct StrengthAt {
  Day day;
  Estimate best_kg;
  double low_kg = 0.0, high_kg = 0.0;  // eighty of a hundred such bands hold the true one
};

class Strength {
 public:
  RepRelation relation = kUsualRelation;
  bool relation_told = false;         // by the sets; otherwise the usual one
  int sets = 0;                       // that said something
  std::vector<StrengthAt> over_time;  // each day with a set, oldest first, knowing what came later
  Estimate gain_week;                 // part of the load, at the end

  // On a day at or after the last set. `gain_factor` 1: gains go on as they have.
  StrengthAt at(Day day, double gain_factor = 1.0) const;
  // What so many reps at an effort weigh on that day, fresh: the single, this lifter's reps and word. Grows
  // with effort, falls with reps.
  Estimate loadFor(Day day, double reps, double effort) const;
  // What `load_kg` for so many reps would ask for, 10 and above: nothing left.
  Estimate effortOf(Day day, double load_kg, double reps) const;
  // Speed of the fastest rep that is to be expected, fresh.
  Estimate speedOf(Day day, double load_kg, Lift lift) const;

 private:
  friend std::optional<Strength> estimateStrength(Lift, std::span<const StrengthSet>, const StrengthOptions&);
  static constexpr int kStates = 8;
  using State = Eigen::Matrix<double, kStates, 1>;
  using Spread = Eigen::Matrix<double, kStates, kStates>;
  struct Known {
    State mean;
    Spread covariance;
  };
  Known known(Day day, double gain_factor) const;
  Day last_{};
  Known end_{};
  StrengthOptions options_;
};

// Sets oldest first, those of a day in their order. Nothing when no set says anything.
std::optional<Strength> estimateStrength(Lift lift, std::span<const StrengthSet> sets,
                                         const StrengthOptions& options = {});

}  // namespace mottix
