// Assistance: exercises beside the lift, chosen by the cause that the coach has confirmed, and ladders to an
// easier form of the lift and up again. Data in resources/rules/assistance.toml.
//
// The load to begin with is a share of the lower side of the strength band, so that execution comes first;
// where an exercise needs what is not there, its substitute is taken; what was dropped for this athlete is
// left out, with the reason that was given then.
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/fit/fit_subject.h"
#include "core/load/decide_load.h"
#include "core/load/strength.h"

namespace mottix {

struct Exercise {
  std::string id, title;
  Lift lift = Lift::kSquat;
  std::vector<std::string> causes;           // ids of causes, see core/verdict/causes.h
  std::vector<std::string> points;           // how it is done, in the order in which it is looked at
  double share_low = 0.5, share_high = 0.6;  // of the best single, to begin with
  int sets = 3, reps_low = 5, reps_high = 8;
  std::vector<Equipment> needs;
  std::string instead;  // id of what is done where that is missing; empty: nothing
};

struct Rung {
  std::string title, words;
};
struct Ladder {
  std::string id, title;
  Lift lift = Lift::kSquat;
  std::vector<Rung> rungs;  // the easiest first
  // Where the rung of this title is; the top, where plans go on, when there is none of it.
  std::size_t find(std::string_view rung) const;
  std::size_t top() const { return rungs.size() - 1; }
};

struct AssistanceBook {
  std::vector<Exercise> exercises;
  std::vector<Ladder> ladders;
  const Exercise* find(std::string_view id) const;
  const Ladder* ladderOf(Lift lift) const;
};
Expected<AssistanceBook> parseAssistanceBook(std::string_view toml, std::string_view file_name);
const AssistanceBook& builtInAssistanceBook();

struct DroppedExercise {
  std::string title, reason;
};

struct AssistanceOffer {
  const Exercise* exercise = nullptr;
  std::string cause;                      // that asks for it
  const Exercise* instead_of = nullptr;   // where something is missing
  std::optional<double> low_kg, high_kg;  // to begin with; nothing: the strength is not known
};
struct Assistance {
  std::vector<AssistanceOffer> offers;  // at most one a cause, none twice
  std::vector<DroppedExercise> left_out;
};

struct AssistanceFacts {
  Lift lift = Lift::kSquat;
  std::vector<std::string> causes;   // confirmed, the newest first
  std::vector<Equipment> equipment;  // empty: not stated, everything is there
  std::vector<DroppedExercise> dropped;
  std::optional<StrengthAt> strength;
  double step_kg = 2.5;
  std::optional<double> cap_kg;  // an open complaint: not above what was lifted
};
Assistance suggestAssistance(const AssistanceBook& book, const AssistanceFacts& facts);

// The rung after a set: one up when it was good enough, one down when it broke down or hurts, else the same.
std::size_t nextRung(const Ladder& ladder, std::size_t now, LoadAction verdict, int open_pain,
                     int pain_limit = 4);

}  // namespace mottix
