// The records a house keeps: who lifted, what was asked, which film shows it, what was said and decided.
//
// Plain values without behaviour; the store writes them, the desk edits copies of them. Loads are kilograms.
#pragma once

#include <algorithm>
#include <array>
#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/base/day.h"
#include "core/body/athlete_body.h"
#include "core/load/decide_load.h"
#include "core/log/athlete_profile.h"
#include "core/measure/drawn_measure.h"
#include "core/motion/tracks.h"
#include "core/verdict/analysis.h"
#include "core/verdict/judge.h"

namespace mottix {

// long long, the 64 bits that serialisers know by name everywhere.
enum class AthleteId : long long {};
enum class SetId : long long {};
enum class SetupId : long long {};
inline constexpr SetId kNoSet{0};

// Facts of a film file. `file` is as given to the analysis; in a house file it is relative to the house.
struct ClipFacts {
  std::string file;
  std::string sha256;
  int width_px = 0;   // as displayed
  int height_px = 0;  // as displayed
  int rotation_deg = 0;
  std::size_t frames = 0;
  double duration_s = 0.0;
  bool variable_rate = false;
};

struct Athlete {
  AthleteId id{};
  std::string name;
  double step_kg = 2.5;  // what is added when technique carries the load
  int open_pain = 0;     // a pain note of no certain joint, 0..10
  std::string note;
  int worst_complaint = 0;  // highest level of the open complaints; follows from them
  AthleteProfile profile = {};
  bool operator==(const Athlete&) const = default;
  int worstPain() const { return open_pain > worst_complaint ? open_pain : worst_complaint; }
};

// A complaint with its history: when it was opened, how bad it is, when it was closed.
struct ComplaintRecord {
  Complaint what;
  std::string side;    // "left", "right", "both" or empty
  std::string opened;  // ISO date
  std::string closed;  // ISO date; empty while it is open
  bool operator==(const ComplaintRecord&) const = default;
};

// One number or choice of a set-up, as it stands on the card for the rack.
struct SetupValue {
  std::string id;  // as Suggestion::id
  std::optional<double> value;
  std::string choice;
  std::string unit;
  std::string reason;  // in words, as it was when the set-up was kept
  bool operator==(const SetupValue&) const = default;
};

// A set-up that was kept for trying out.
struct SetupRecord {
  SetupId id{};
  AthleteId athlete{};
  Lift lift = Lift::kSquat;
  std::string name;  // "low bar, 46 cm"
  std::string day;   // ISO date
  std::vector<SetupValue> values;
  bool chosen = false;  // the one in use
  std::string chosen_why;
  bool operator==(const SetupRecord&) const = default;

  const SetupValue* find(std::string_view value_id) const {
    for (const SetupValue& v : values)
      if (v.id == value_id) return &v;
    return nullptr;
  }
};

// What the coach noted or the plan had said of one week.
struct PlanWeekNote {
  std::string monday;  // ISO date
  bool missed = false;
  std::optional<double> moved_kg;    // top load that the coach set
  std::optional<double> planned_kg;  // as it stood before the week began
  bool operator==(const PlanWeekNote&) const = default;
};

// What an athlete is after in one lift, and by which plan.
struct LiftAim {
  Lift lift = Lift::kSquat;
  std::string plan = "even_steps";  // id of a LiftPlan
  std::optional<double> goal_kg;
  int sessions_week = 2;
  std::string begins, test_day;  // ISO dates; empty: not said
  double gain_factor = 1.0;      // of the gains so far
  std::vector<PlanWeekNote> weeks;
  bool operator==(const LiftAim&) const = default;
};

// A variant or exercise that is not done any more.
struct DroppedVariant {
  std::string what, reason, day;
  bool operator==(const DroppedVariant&) const = default;
};

// The rung at which an athlete stands, by its title, of a ladder to an easier form of a lift
// (core/load/assistance.h).
struct LadderPlace {
  std::string ladder, rung, day;
  bool operator==(const LadderPlace&) const = default;
};

// Everything of an athlete that the coach decides. Undo keeps whole copies of it.
struct AthleteRecord {
  Athlete athlete;
  std::optional<BodyFacts> body;            // as given: a draft that no body can have is kept too
  std::vector<ComplaintRecord> complaints;  // open and closed, oldest first
  std::vector<ScreenResult> screens;        // oldest first
  std::vector<SetupRecord> setups;          // oldest first
  std::vector<LiftAim> aims = {};           // one a lift at most
  std::vector<DroppedVariant> dropped = {};
  std::vector<LadderPlace> places = {};  // one a ladder at most; none: the top, where plans go on
  bool operator==(const AthleteRecord&) const = default;
};

// Who a set-up is suggested for; nothing when the body is not stated or cannot be one (see findProblems).
std::optional<FitSubject> subjectOf(const AthleteRecord& record);

// Who said which lift it is: nobody (taken over from the set before), the program (from how the bar moves),
// or the coach.
enum class LiftSource { kAssumed, kSeen, kSaid };
std::string_view nameOf(LiftSource source);

// What a lift is usually called in more detail, until the coach says.
std::string_view usualVariant(Lift lift);

// Station 1, Asked: what the sentence on top of the sheet says.
struct Asked {
  Lift lift = Lift::kSquat;
  std::string variant = "high bar";
  int reps = 5;
  double load_kg = 60.0;
  double effort = 8.0;  // 10: nothing left
  Facing facing = Facing::kUnknown;
  double plate_mm = 450.0;  // of a dumbbell: its head
  Held held = Held::kPlates;
  double recorded_fps = 0.0;   // of a film that plays slower than life; zero: it plays as it was recorded
  View view = View::kUnknown;  // unknown: as the program finds
  LiftSource lift_source = LiftSource::kSaid;
  int sets = 1;                // so many like it were asked for
  std::string tempo = {};      // "3-1-0": seconds down, held, up; empty: free
  std::string equipment = {};  // "belt, wraps"
  bool operator==(const Asked&) const = default;
};
inline LoadedBar loadedBar(const Asked& asked) {
  return {asked.plate_mm, asked.load_kg, asked.held};
}

// Whether the coach has called a deadlift sumo.
bool standsWide(const Asked& asked);

// A finding that the coach does not let stand.
struct Overruling {
  std::string rule;
  std::string why;  // in the coach's words; may be empty
  bool operator==(const Overruling&) const = default;
};

// Another film of the same set, from elsewhere. To be added to a time of this film to have the other's.
struct OtherFilm {
  SetId set{};
  double later_s = 0.0;
  bool by_hand = false;  // said by the coach; otherwise found by the bar's way
  bool operator==(const OtherFilm&) const = default;
};

// What explains numbers and is not seen in them.
enum class Condition { kIll, kShortSleep, kNoBelt, kOtherShoes };
inline constexpr std::array kConditions = {Condition::kIll, Condition::kShortSleep, Condition::kNoBelt,
                                           Condition::kOtherShoes};
std::string_view nameOf(Condition condition);  // "ill", …
std::optional<Condition> conditionNamed(std::string_view name);

enum class SetState { kWaiting, kTracked, kReviewed, kFailed };

// Everything of a set that the coach decides. Undo keeps whole copies of it.
struct SetEdit {
  Asked asked;
  std::optional<FilmPart> part;        // of the film that is this set; nothing: all of it
  std::vector<PlacedPoints> placed;    // station 2: joints put right by hand, the first entry is carried
  std::vector<Joint> locked;           // and left as they are
  std::vector<RoomLine> lines;         // and drawn along what stands upright or has a known length
  std::vector<Overruling> overruled;   // station 3: findings that do not stand, by rule
  std::map<std::string, bool> causes;  // confirmed (true) or struck out, by the cause's id
  std::string cue;                     // station 4: id of the cue that was said; empty: none yet
  std::optional<double> next_load_kg;  // station 5: load accepted for the next set
  std::optional<double> suggested_kg;  // what the program had suggested then
  std::optional<SetupId> setup;        // the set-up used
  std::optional<int> comfort;          // with it, 0..10; 10: nothing hurts or hinders
  std::optional<double> effort_felt;   // as the lifter told it afterwards, 10: nothing left
  std::optional<double> effort_seen;   // as the coach saw it
  std::optional<int> reps_done;        // as counted by hand; nothing: as asked, or as the film shows
  std::vector<Condition> conditions = {};
  std::string note = {};
  std::vector<DrawnMeasure> drawn;  // measured by hand on the picture
  std::optional<OtherFilm> other_film;
  bool operator==(const SetEdit&) const = default;
};

struct SetRecord {
  SetId id{};
  AthleteId athlete{};
  std::string day;  // ISO date of the session
  ClipFacts clip;
  SetEdit edit;
  SetState state = SetState::kWaiting;
  std::string problem;  // why it could not be measured, in words; empty when it could
  // A set may be in the log without one: none was made, or none was kept.
  bool hasFilm() const { return !clip.file.empty(); }
};

// A set that is written down after it was lifted, without a film.
SetRecord writtenSet(AthleteId athlete, Day day, Lift lift, std::string variant, int reps, double load_kg);

// What tracking found, with where it came from.
struct TrackRecord {
  std::string version;
  ClipTracks tracks;  // bar only; joints follow from `carried` and the placed points
  std::optional<AxisSeen> axis;
  bool two_plates = false;
  Held held = Held::kPlates;  // what was followed
  JointTracks carried;        // before corrections
  FoundSpread found;
  bool hasJoints() const {
    return std::any_of(carried.begin(), carried.end(), [](const JointTrack& t) { return !t.empty(); });
  }
  bool foundByItself() const { return hasJoints() && !found.covariance_px2.isZero(); }
};

// The placed points that a figure can be carried from: the first entry, when it is a whole figure and not
// only a correction of joints that the program found.
std::optional<PlacedPoints> figureOf(const SetEdit& edit);

// The two points of the back as the coach first put them; they are carried from there.
std::optional<PlacedPoints> backOf(const SetEdit& edit);

// What is to be done before a film of an empty bar or of dumbbells can be measured (kMarkByHand).
Error pointFirst(Held held);

// How a set of this athlete is to be analysed, the coach's overruling included; `body` where it is known.
AnalysisSettings settingsFor(const Athlete& athlete, const SetEdit& edit,
                             const std::optional<Body>& body = std::nullopt,
                             const CauseBook& causes = builtInCauseBook());

}  // namespace mottix
