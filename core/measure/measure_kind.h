// One entry of the catalogue: what a measure is, and how it is read off one rep.
//
// To add a measure: an id in catalogue.h, and an entry in the table of its lift (squat_measures.cpp and so
// on). Everything else follows from the entry: its error, its line in reports, its place in the list.
#pragma once

#include <functional>
#include <optional>
#include <span>
#include <vector>

#include "core/measure/catalogue.h"
#include "core/measure/measure.h"
#include "core/measure/places.h"
#include "core/mechanics/joint_moments.h"
#include "core/motion/rep_finder.h"
#include "core/motion/smooth.h"

namespace mottix {

struct Reading;

// A rep with all that readings are made of. `places` are as measured, without any error put on them.
struct RepScene {
  const Places& places;
  const std::vector<double>& time_s;
  const std::vector<SplineSample>& height;  // of the bar: m, m/s, m/s²
  Lift lift = Lift::kSquat;
  View view = View::kSide;
  const std::vector<Rep>& reps;
  const Rep& rep;
  std::optional<double> load_kg;
  double scale_rel = 0.0;   // standard deviation of the scale at the bar, as a part of it
  double wander_deg = 1.0;  // of an angle between joints, over some tenths of a second
  const std::vector<std::optional<double>>& tilt_deg;  // of a bar across the picture
  double tilt_sd_deg = 0.0;
  std::optional<Estimate> body_kg = std::nullopt;

  // The way up and the way down, from rest to rest: a deadlift goes up first.
  const Rep* before() const;  // the rep before this one, if there is one
  bool upFirst() const { return lift == Lift::kDeadlift; }
  std::size_t upFrom() const { return upFirst() ? rep.start_frame : rep.leave_frame; }
  std::size_t upTo() const { return upFirst() ? rep.turn_frame : rep.end_frame; }
  std::size_t downFrom() const { return upFirst() ? rep.leave_frame : rep.start_frame; }
  std::size_t downTo() const { return upFirst() ? rep.end_frame : rep.turn_frame; }
  bool upSeen() const { return upFirst() ? !rep.cut_start : !rep.cut_end && !rep.failed; }
  bool downSeen() const { return upFirst() ? !rep.cut_end : !rep.cut_start; }

  double barHeight(std::size_t frame) const { return places.bar(frame).y(); }
  // First picture of the way up on which the bar has made `share` of it.
  std::size_t upAt(double share) const;
  std::size_t downAt(double share) const;  // and of the way down
  std::size_t frameAt(double time_s) const;
  // The picture between two (both included) where a value is greatest, of those on which the joints and the
  // bar are known; `from` where none is.
  std::size_t greatest(std::size_t from, std::size_t to, std::span<const Joint> joints,
                       const std::function<double(std::size_t)>& value) const;
  bool allKnown(std::span<const Joint> joints, std::size_t frame) const;
  // The same, noted on a reading whose formula grows with the value.
  Reading chosen(Reading r, std::size_t from, std::size_t to, std::span<const Joint> joints,
                 const std::function<double(std::size_t)>& value) const;
};

// How a measure is read off a rep: a formula over places in a few pictures, whose error is then found by
// moving everything that may be wrong; or a value with its error (times and speeds); or why there is none.
struct Reading {
  MeasureStatus status = MeasureStatus::kOk;
  std::size_t frame = 0;  // where the evidence is seen
  std::vector<Joint> joints = {};
  std::vector<std::size_t> frames = {};
  std::function<double(const Places&)> formula = {};  // in metres, degrees or a plain ratio
  bool uses_bar = true, uses_feet = false;
  double own_sd = 0.0;  // of the definition itself, in the formula's unit
  // Where the picture was chosen because a value is greatest there: that value in each picture it was chosen
  // from, in the formula's unit, growing with it.
  std::vector<double> chosen_from = {}, chosen_from_s = {};
  std::function<double(const Places&)> chosen_value = {};  // that value in the picture chosen
  std::optional<Estimate> value = std::nullopt;            // instead of a formula; in the measure's unit
};
inline Reading unread(MeasureStatus status, std::size_t frame) {
  return {status, frame};
}

struct MeasureKind {
  MeasureDefinition definition;
  Reading (*read)(const RepScene&);
};

// The tables, one a lift; and what all lifts share.
std::span<const MeasureKind> barMeasures();
std::span<const MeasureKind> squatMeasures();
std::span<const MeasureKind> benchMeasures();
std::span<const MeasureKind> deadliftMeasures();
std::span<const MeasureKind> leverMeasures();
std::span<const MeasureKind> acrossMeasures();

// The sticking region of a way up: from a peak of the speed to the next lower peak, through the slowest
// moment between them (key elliott1989). It counts when the speed falls by more than noise and by more than a
// tenth.
struct Sticking {
  std::size_t first_peak, slowest, second_peak;
};
std::optional<Sticking> stickingOf(const RepScene& s);

// Building blocks of formulas.
double degOf(const Vec2& from, const Vec2& to);  // of the line from vertical; forward is positive
double bendDeg(const Vec2& a, const Vec2& hinge, const Vec2& b);  // 0: straight
// The same with its sense: positive where the way from `a` over the hinge to `b` turns counter-clockwise.
double turnDeg(const Vec2& a, const Vec2& hinge, const Vec2& b);
inline constexpr double kCmPerM = 100.0;

}  // namespace mottix
