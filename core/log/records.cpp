#include "core/log/records.h"

namespace mottix {

AnalysisSettings settingsFor(const Athlete& athlete, const SetEdit& edit) {
  AnalysisSettings settings;
  settings.lift = edit.asked.lift;
  settings.facing = edit.asked.facing;
  settings.plate_mm = edit.asked.plate_mm;
  settings.load_kg = edit.asked.load_kg;
  settings.reps_asked = edit.asked.reps;
  settings.open_pain = athlete.open_pain;
  settings.load_options.step_kg = athlete.step_kg;
  settings.overruled = edit.overruled;
  return settings;
}

}  // namespace mottix
