// For whom a set-up is suggested: the body, what hurts, what the screens showed, what is at hand and asked
// for; and the schools between which a coach chooses. The names are those of files.
#pragma once

#include <algorithm>
#include <optional>
#include <string_view>
#include <vector>

#include "core/body/athlete_body.h"
#include "core/body/screens.h"
#include "core/mechanics/squat_posture.h"

namespace mottix {

enum class SquatSchool { kBase, kHipLed, kUpright, kWide, kKneeSparing, kKneeLoading };
inline constexpr std::size_t kSquatSchoolCount = 6;
std::string_view nameOf(SquatSchool school);  // "base", "hip-led", …
std::optional<SquatSchool> squatSchoolNamed(std::string_view name);

// Arch, leg push and pause for a meet, or flatter with a longer way to build with.
enum class BenchSchool { kBase, kCompetition, kDevelopment };
inline constexpr std::size_t kBenchSchoolCount = 3;
std::string_view nameOf(BenchSchool school);
std::optional<BenchSchool> benchSchoolNamed(std::string_view name);

// Where the hips begin: where the geometry puts them, or within a range by the tension that is felt.
enum class DeadliftSchool { kBase, kFeltTension };
inline constexpr std::size_t kDeadliftSchoolCount = 2;
std::string_view nameOf(DeadliftSchool school);
std::optional<DeadliftSchool> deadliftSchoolNamed(std::string_view name);

inline constexpr std::size_t kBarPositionCount = 5;
std::string_view nameOf(BarPosition position);  // "high", "middle", "low", "front", "safety"
std::optional<BarPosition> barPositionNamed(std::string_view name);

enum class Equipment {
  kLiftingShoes,
  kFlatShoes,
  kHeelWedge,
  kBelt,
  kKneeSleeves,
  kWristWraps,
  kStraps,
  kSafetyBar,
  kBlocks,
  kDumbbells,
  kKettlebell
};
inline constexpr std::size_t kEquipmentCount = 11;
std::string_view nameOf(Equipment equipment);
std::optional<Equipment> equipmentNamed(std::string_view name);

// What the rules of the athlete's federation ask for.
enum class Constraint { kFeetFlat, kPause, kNoStraps };
inline constexpr std::size_t kConstraintCount = 3;
std::string_view nameOf(Constraint constraint);
std::optional<Constraint> constraintNamed(std::string_view name);

enum class ComplaintJoint { kAnkle, kKnee, kHip, kBack, kShoulder, kElbow, kWrist, kBloodPressure };
inline constexpr std::size_t kComplaintJointCount = 8;
std::string_view nameOf(ComplaintJoint joint);
std::optional<ComplaintJoint> complaintJointNamed(std::string_view name);
struct Complaint {
  ComplaintJoint joint = ComplaintJoint::kKnee;
  int level = 0;  // 0..10
  bool operator==(const Complaint&) const = default;
};
// From this level on it shapes the set-up, and no load is raised.
inline constexpr int kComplaintThatCounts = 4;

struct FitSubject {
  Body body;
  std::vector<Complaint> complaints;  // open ones
  ScreenLimits screens;               // empty: nothing was screened
  std::vector<Equipment> equipment;   // empty: not stated, all of it may be there
  std::vector<Constraint> constraints;
  bool sore(ComplaintJoint joint) const;  // enough to count
  // `unstated`: what to believe when nothing was said about equipment.
  bool has(Equipment e, bool unstated) const {
    return equipment.empty() ? unstated : std::find(equipment.begin(), equipment.end(), e) != equipment.end();
  }
  bool mustKeep(Constraint c) const {
    return std::find(constraints.begin(), constraints.end(), c) != constraints.end();
  }
};

}  // namespace mottix
