// Everything that follows from the tracks of one clip: camera, reps, measures, findings, decision.
// Pure computation: given the same tracks and settings it gives the same result, in a few milliseconds.
#pragma once

#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/body/athlete_body.h"
#include "core/load/decide_load.h"
#include "core/measure/bar_tilt.h"
#include "core/measure/measure_set.h"
#include "core/motion/lift_guess.h"
#include "core/motion/room_lines.h"
#include "core/verdict/judge.h"
#include "core/verdict/trust.h"

namespace mottix {

// Where the bar points in the picture, as the tracker saw it (see vision/bar_axis.h).
struct AxisSeen {
  Vec2 vanishing_px = Vec2::Zero();
  Vec2 vanishing_sd_px = Vec2::Zero();
  bool from_parallax = false;
  // How much smaller the far plate appears than the near one, when it was seen (see vision/far_plate.h).
  std::optional<Estimate> far_ratio = std::nullopt;
  // By how much the near end of the bar's sleeve is shifted away from where the bar points, against the near
  // plate's face (see vision/sleeve_end.h).
  std::optional<Estimate> end_ratio = std::nullopt;
};

struct AnalysisSettings {
  Lift lift = Lift::kSquat;
  View view = View::kUnknown;        // unknown: as the bar lies in the picture
  Facing facing = Facing::kUnknown;  // unknown: read from heel and toe when they are placed
  bool wide_stance = false;          // of a deadlift: sumo
  LoadedBar bar;
  std::optional<Body> body;       // the lifter's, as far as it is known: another ruler
  bool joints_know_body = false;  // found with its help, so that they only check it
  int reps_asked = 0;
  int open_pain = 0;
  std::optional<FilmPart> part;        // of the film that is this set; nothing: all of it
  std::vector<RoomLine> lines;         // drawn by the coach, in the pictures as filmed
  std::vector<std::string> overruled;  // rules whose findings the coach does not let stand
  JudgedSet judged;                    // what the rules ask of the set beside its measures
  CauseLoad cause = CauseLoad::kNone;  // asked by what the coach confirmed
  LoadOptions load_options;
  RepFinderOptions rep_options;

  Expected<void> validate() const;
};

// What everything was measured on, so that more can be: the tracks as a standing camera with a lens that does
// not bend would have given them. `input` points at `tracks`.
struct MeasuredOn {
  ClipTracks tracks;
  MeasureInput input;
  MeasuredOn(const ClipTracks& t, const MeasureInput& i) : tracks(t), input(i) { input.tracks = &tracks; }
  MeasuredOn(const MeasuredOn&) = delete;
  MeasuredOn& operator=(const MeasuredOn&) = delete;
};

enum class Warning {
  kTwoPlates,
  kBarOftenLost,
  kAxisUnknown,
  kFacingUnknown,
  kLowFrameRate,
  kOblique,
  kClockJumps,      // the film's time stamps leave out more than a second
  kCameraShook,     // held by hand; its motion was taken out
  kCameraUnsteady,  // held by hand, and its motion could not be read; it is part of the error
  kCameraSwung,     // for some of the time it looked elsewhere, or the film is cut: nothing is measured there
  kOtherWay,        // the bar rests at the other end of its way than in the lift as said
  kBarLength,       // the bar's end lies elsewhere than that of a usual bar; it was not used as a ruler
  kLensBends,       // straight lines are bent by it; it was taken out
  kBodyContradicts,  // the lifter's lengths, as read, are not those of the stated height; it was not used
  kLineContradicts,  // a line drawn by the coach says otherwise than plate and room; it was left out
  kViewAssumed,      // the bar lies across the picture; whether from the front or the rear nobody has said
  kJointsFound       // by the program; nobody has put one right yet
};
std::string_view nameOf(Warning warning);

struct Analysis {
  bool computed = false;
  View view = View::kSide;
  Facing facing = Facing::kUnknown;
  SideCamera camera;
  SideCameraErrors camera_errors;
  Estimate plate_scale;  // mm per px at the near plate
  Estimate body_scale;   // mm per px in the lifter's mid-plane
  Estimate distance_m;   // of the camera from the lifter's mid-plane
  Estimate yaw_deg;
  std::vector<LineReading> lines;      // one for each of the settings'
  std::optional<Estimate> bar_m;       // length of the bar as read, where its end is seen
  std::optional<Estimate> lens_k1;     // how the lens bends (core/motion/lens.h), where the room shows it
  std::optional<Estimate> stature;     // the lifter's size as read, in parts of what the stated height says
  std::optional<Trust> trust;          // nothing where no depth can be read
  std::optional<LiftGuess> lift_seen;  // by the bar's way, whatever was said
  std::vector<Rep> reps;
  std::vector<FilmPart> sets;  // one, or as many as the film seems to show when no part was asked for
  std::vector<Measure> measures;
  std::optional<BarTilt> bar_tilt;  // of a bar that lies across the picture
  std::vector<Finding> findings;
  LoadDecision decision;
  std::vector<Warning> warnings;
  std::shared_ptr<const MeasuredOn> on;
};

// Name and version of this computation, kept beside stored results.
inline constexpr std::string_view kAnalysisVersion = "side/4";

// Error kFilmAgain when there is no rep or the bar was never seen.
Expected<Analysis> analyse(const ClipTracks& tracks, const std::optional<AxisSeen>& axis,
                           const AnalysisSettings& settings, const RuleBook& book);

// The same measures by another book.
struct Judged {
  std::vector<Finding> findings;
  LoadDecision decision;
};
Expected<Judged> judgeAgain(const Analysis& analysis, const AnalysisSettings& settings, const RuleBook& book);

// One set by two films: what is found in either, each thing once, and the decision that follows. What one
// film cannot tell and the other can is left to the other. `settings` are those of the first.
struct JudgedTogether {
  std::vector<Finding> first, second;
  LoadDecision decision;
};
Expected<JudgedTogether> judgeTogether(const Analysis& first, const Analysis& second,
                                       const AnalysisSettings& settings, const RuleBook& book);

// Camera and errors alone, from the bar's track; the part that joint carrying needs beforehand.
struct CameraEstimate {
  SideCamera camera;
  SideCameraErrors errors;
  std::vector<LineReading> lines;
  std::optional<Estimate> bar_m;  // the bar's length as read, where its end is seen
  bool bar_contradicts = false;   // that it was not used
};
// `tracks` and `lines` as a standing camera sees them.
Expected<CameraEstimate> estimateCamera(const ClipTracks& tracks, const std::optional<AxisSeen>& axis,
                                        const LoadedBar& bar, Facing facing,
                                        const std::vector<RoomLine>& lines = {});

// Which lift the tracks show; as guessLift, which see.
std::optional<LiftGuess> guessLift(const ClipTracks& tracks, const std::optional<AxisSeen>& axis,
                                   const LoadedBar& bar);

Facing facingFromFeet(const Vec2& heel_px, const Vec2& toe_px);
// As asked, or as the feet of the tracks point.
Facing facingOf(const ClipTracks& tracks, Facing asked);

}  // namespace mottix
