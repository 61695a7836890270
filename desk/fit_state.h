// What the coach tries in Fit, and what is solved from it for one athlete.
#pragma once

#include <optional>
#include <vector>

#include "desk/figure_view.h"
#include "report/fit_wording.h"

namespace mottix {

// The other set-up, drawn as a ghost.
struct FitGhost {
  enum class Kind { kNone, kSuggestion, kBar, kStyle, kKept };
  Kind kind = Kind::kNone;
  BarPosition bar = BarPosition::kLow;
  DeadliftStyle style = DeadliftStyle::kSumo;
  SetupId kept{};
  bool operator==(const FitGhost&) const = default;
};

// Undo keeps whole copies of it.
struct FitState {
  Lift lift = Lift::kSquat;
  double load_kg = 60.0;
  SquatSchool squat_school = SquatSchool::kBase;
  BenchSchool bench_school = BenchSchool::kBase;
  DeadliftSchool deadlift_school = DeadliftSchool::kBase;
  // Their loads are not used; `load_kg` counts.
  SquatWishes squat;
  DeadliftWishes deadlift;
  BenchWishes bench;
  FitGhost ghost;
  bool operator==(const FitState&) const = default;
};

struct FitSolved {
  std::vector<Suggestion> suggestions;
  std::vector<FitCaution> cautions;
  std::optional<Figure> figure;
  QString no_posture;  // why there is no figure, a whole sentence
  QString numbers;     // levers, moments, what ends the depth
  // The set-up of the lift.
  std::optional<SquatSetup> squat;
  std::optional<DeadliftSetup> deadlift;
  std::optional<BenchSetup> bench;
};
FitSolved solveFit(const FitSubject& who, const FitState& state);

// The state that a ghost stands for; nothing when there is no ghost.
std::optional<FitState> ghostState(const FitState& state, const std::vector<SetupRecord>& kept);
// What a kept set-up fixes.
FitState withSetup(FitState state, const SetupRecord& setup);

FitScene sceneOf(const FitSubject& who, const FitSolved& solved, const std::optional<FitSolved>& ghost);

}  // namespace mottix
