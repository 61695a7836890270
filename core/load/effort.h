// Effort, reps in reserve and shares of the best single.
//
// Effort runs to 10, nothing left; 8 is two reps in reserve, 7.5 two, maybe three. `reps to failure` of a set
// are those done and those in reserve. Which share of the best single can be done for so many reps is told by
// published relations; they differ from each other about as much as lifters do, so their scatter is taken for
// the error of each.
// Reps in reserve are told by the lifter, seen by the coach, and read from the bar: from the last rep's speed
// down to the speed at which a rep fails, by so many reps for each m/s. Both numbers are the population's
// until the lifter's own sets say otherwise (a straight line, fitted with the population's as what is known
// beforehand).
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

#include "core/base/estimate.h"
#include "core/measure/catalogue.h"

namespace mottix {

enum class RepRelation { kBrzycki, kEpley, kLander, kLombardi, kMayhew, kOConner, kWathen, kMiddle };
// The published ones.
inline constexpr std::array kRepRelations = {
    RepRelation::kBrzycki, RepRelation::kEpley,   RepRelation::kLander, RepRelation::kLombardi,
    RepRelation::kMayhew,  RepRelation::kOConner, RepRelation::kWathen};
// Until an own one is told from the sets: the middle of the published ones' logarithms, of which each is off
// by some per cent, one lift more than the other (lesuer1997).
inline constexpr RepRelation kUsualRelation = RepRelation::kMiddle;
std::string_view nameOf(RepRelation relation);    // "brzycki", …, "middle"
std::string_view sourceOf(RepRelation relation);  // of the middle: lesuer1997

// Part of the best single that can be lifted for so many reps to failure, 1 and more; as published from two
// reps on, 1 at one, a straight line between. Beyond kMostReps as at it.
double shareOf(RepRelation relation, double reps_to_failure);
inline constexpr double kMostReps = 20.0;
// Scatter of the published relations' logarithms at so many reps.
double shareScatter(double reps_to_failure);

// Efforts below this say no more than that it was easy: further from failure few can tell (zourdos2021).
inline constexpr double kLeastEffort = 6.0;
inline double repsInReserve(double effort) {
  return 10.0 - effort;
}

// Error of a word, of so many reps truly left.
double wordSd(double reserve);
// A word on effort, as reps in reserve with its error: nothing below kLeastEffort. Lifters misjudge sets far
// from failure more (zourdos2021, halperin2022); a coach's eye is taken to be somewhat less sure.
std::optional<Estimate> reserveByWord(double effort);
std::optional<Estimate> reserveByEye(double effort);

// How bar speed tells of reserve and load in one lift.
struct SpeedRelation {
  Estimate fails_ms;        // mean speed of the last rep that succeeds
  Estimate reps_per_ms;     // reps in reserve for each m/s above it
  Estimate share_per_ms;    // part of the best single for each m/s
  double covariance = 0.0;  // of fails_ms and reps_per_ms
  int own_sets = 0;         // it was told by
  Estimate reserve(const Estimate& last_rep_ms) const;
  // Part of the best single, by the first rep's speed.
  Estimate share(const Estimate& fastest_rep_ms) const;
};
// Before anything is known of the lifter (helms2017, gonzalez2010, sanchez2017).
SpeedRelation usualSpeeds(Lift lift);

// A set's last rep, with its reserve by word or eye.
struct SpeedAndReserve {
  Estimate last_rep_ms, reserve;
};
inline constexpr int kSetsForOwnSpeeds = 6;
// Own relation of last rep's speed and reserve; the usual one below kSetsForOwnSpeeds sets.
SpeedRelation estimateSpeeds(Lift lift, std::span<const SpeedAndReserve> sets);

// What is known of the reserve after a set.
struct Reserve {
  std::optional<Estimate> word, eye, speed;
  std::optional<Estimate> together;  // weighed by their errors
  // Two that differ by a rep or more, and by more than their errors usually do (1.5 standard deviations).
  struct Apart {
    std::string_view one, other;  // "word", "eye", "speed"; the first says that more is left
    double reps;
  };
  std::optional<Apart> apart;
};
Reserve weighReserve(const std::optional<Estimate>& word, const std::optional<Estimate>& eye,
                     const std::optional<Estimate>& speed);

}  // namespace mottix
