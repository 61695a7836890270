// Plans: how a school goes from one set and session to the next.
//
// `even_steps`: the same step from session to session while form holds; the first session climbs from the
// empty bar. `top_single`: a single at an effort, then back-offs at a share of it, a little more each week
// while the effort stays. `speed_guarded`: sets at a speed, ended when the bar slows, the load following the
// lifter's own line of load and speed. Their numbers are data (resources/rules/plans.toml).
//
// Every plan passes the same gates, in this order; the first that holds is said, all of them bind:
//   an open complaint at the limit, illness, a break, reps missed, what the verdict says (a cut, a hold), a
//   set that could not be judged, a cause that asks for it. None of them lets the load go above the last one.
// Loads leave as steps of the plan, never above a gate; which plates make them is core/load/plates.
#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/day.h"
#include "core/base/error.h"
#include "core/load/decide_load.h"
#include "core/load/plates.h"
#include "core/load/strength.h"

namespace mottix {

enum class PlanKind { kSteps, kTopSingle, kSpeed };

struct LiftPlan {
  std::string id, title, words, source;
  PlanKind kind = PlanKind::kSteps;
  int sets = 3, reps = 5;
  double effort = 8.0;        // asked of the sets; of the single
  double effort_limit = 9.0;  // felt above it, nothing is added
  int holds_before_cut = 3;   // sessions at one load without going on, then it is cut and built anew
  double cut = 0.10;
  // A top single: back-offs, and what is added a week.
  double back_off_share = 0.80;
  int back_off_sets = 5, back_off_reps = 5;
  double gain_week = 0.015;
  // By speed: of the best single, and when a set ends.
  double share = 0.80;
  double speed_loss = 0.20;
};

// What all plans share.
struct PlanGates {
  int break_days = 14;           // more without the lift is a break
  double break_cut = 0.10;       // after one
  double break_cut_week = 0.05;  // and for every week more
  double most_break_cut = 0.40;
  double illness_cut = 0.10;   // in the first session after
  int pain_limit = 4;          // of 10
  double empty_bar_kg = 20.0;  // where nothing is known
};

struct PlanBook {
  std::vector<LiftPlan> plans;
  PlanGates gates;
  const LiftPlan* find(std::string_view id) const;
};
Expected<PlanBook> parsePlanBook(std::string_view toml, std::string_view file_name);
const PlanBook& builtInPlanBook();

// A set as plans look back on it.
struct DoneSet {
  Day day;
  double load_kg = 0.0;
  int reps_asked = 0, reps_done = 0;
  double effort_asked = 8.0;
  std::optional<double> effort_felt, effort_seen;  // by the lifter's word, by the coach's eye
  std::vector<Estimate> speeds_ms;                 // of the reps, where it was filmed
  bool filmed = false;
  LoadAction verdict = LoadAction::kCantTell;  // of what was filmed
  LoadReason verdict_reason = LoadReason::kCouldNotJudge;
  bool ill = false;
  bool missed() const { return reps_asked > 0 && reps_done < reps_asked; }
};

// What is known when the next set is asked for.
struct LiftHistory {
  Lift lift = Lift::kSquat;
  std::vector<DoneSet> sets;  // oldest first
  int open_pain = 0;
  bool ill = false;           // said since the last set
  bool minor_or_new = false;  // a qualified person is present, the smallest step only
};
// Reserve by word and eye together, zero where reps were missed.
std::optional<Estimate> reserveOf(const DoneSet& set);
std::vector<StrengthSet> strengthSetsOf(const LiftHistory& history);
// The speed of the last rep, against the reserve by word or eye.
std::vector<SpeedAndReserve> speedsOf(const LiftHistory& history);

enum class SetRole { kWork, kTopSingle, kBackOff, kClimb };
std::string_view nameOf(SetRole role);

struct PlannedSet {
  SetRole role = SetRole::kWork;
  double load_kg = 0.0;
  int sets = 1, reps = 5;
  double effort = 8.0;
  std::optional<double> stop_below_ms;  // the set ends when a rep is slower
};

// Why the load is what it is.
enum class PlanReason {
  kFirstSession,   // nothing is known yet: climb from the empty bar
  kFirstSingle,    // none was done yet: what is known of the strength, on its lower side
  kStepAdded,      // form held, effort allowed it
  kGainAdded,      // the single stayed at its effort
  kBySpeed,        // the lifter's line of load and speed
  kFromSingle,     // back-offs of the single just done
  kEffortTooHigh,  // felt above the limit
  kPain,
  kIll,
  kBreak,
  kRepsMissed,
  kRepair,       // the verdict cuts
  kHoldVerdict,  // the verdict holds
  kNotJudged,    // the film could not be judged
  kStalled,      // held too often: cut and built anew
  kSlowDay,      // the warm-up or first set was slower than this load ever is
  kGoOn,         // more sets of the same
  kSessionDone,
};
std::string_view nameOf(PlanReason reason);

// What would make the next load another one.
enum class ChangeIf {
  kVerdictBetter,  // nothing big, at most two small ones: a step more
  kVerdictWorse,   // something big on two reps: a tenth less
  kEffortLower,
  kEffortHigher,
  kAllReps,
  kPainGone,
  kJudgeable,
  kFaster,
  kSlower,
};
std::string_view nameOf(ChangeIf change);

enum class Caution {
  kPainOpen,  // a clinician first, the load is not raised
  kAfterIllness,
  kSpotters,         // hard sets, presses: safeties, nobody benches alone
  kQualifiedPerson,  // minors, beginners
  kUnjudged,
};
std::string_view nameOf(Caution caution);

struct NextSession {
  std::vector<PlannedSet> sets;
  PlanReason reason = PlanReason::kFirstSession;
  std::vector<PlanReason> gates;          // all that bound it
  std::optional<double> last_kg, cap_kg;  // of the last work sets; what no gate lets it pass
  double reason_number = 0.0;             // days of the break, effort felt, reps missed, per cent cut, …
  std::vector<ChangeIf> would_change;
  std::vector<Caution> cautions;
};

struct PlanWish {
  double step_kg = 2.5;  // added where steps are; the grain of all loads
};

// The next session, or, when `today` already has sets, what is still to be done of it.
Expected<NextSession> planNext(const LiftPlan& plan, const PlanGates& gates, const LiftHistory& history,
                               Day today, const PlanWish& wish = {});

// Puts every set on plates that are there: the nearest load, and none above what a gate allows, or above the
// last load where a gate binds. kCorrectInput where the bar alone weighs more than that.
Expected<void> putOnPlates(NextSession& session, const Gear& gear, const Rigging& on);

// A set is ended by what just happened in it, whatever the plan: reps missed, the bar slower than the plan
// allows.
bool endsBySpeed(const LiftPlan& plan, std::span<const Estimate> speeds_ms);

}  // namespace mottix
