#include "core/fit/fit_subject.h"

#include <array>

namespace mottix {
namespace {

// Names in the order of the enumeration.
constexpr std::array<std::string_view, kSquatSchoolCount> kSquatSchools = {
    "base", "hip-led", "upright", "wide", "knee-sparing", "knee-loading"};
constexpr std::array<std::string_view, kBenchSchoolCount> kBenchSchools = {"base", "competition",
                                                                           "development"};
constexpr std::array<std::string_view, kDeadliftSchoolCount> kDeadliftSchools = {"base", "felt-tension"};
constexpr std::array<std::string_view, kBarPositionCount> kPositions = {"high", "middle", "low", "front",
                                                                        "safety"};
constexpr std::array<std::string_view, kEquipmentCount> kEquipment = {
    "lifting_shoes", "flat_shoes", "heel_wedge", "belt",      "knee_sleeves", "wrist_wraps",
    "straps",        "safety_bar", "blocks",     "dumbbells", "kettlebell"};
constexpr std::array<std::string_view, kConstraintCount> kConstraints = {"feet_flat", "pause", "no_straps"};
constexpr std::array<std::string_view, kComplaintJointCount> kJoints = {
    "ankle", "knee", "hip", "back", "shoulder", "elbow", "wrist", "blood_pressure"};

template <typename Value, std::size_t N>
std::optional<Value> named(const std::array<std::string_view, N>& names, std::string_view name) {
  const auto at = std::find(names.begin(), names.end(), name);
  if (at == names.end()) return std::nullopt;
  return static_cast<Value>(at - names.begin());
}
template <typename Value, std::size_t N>
std::string_view nameIn(const std::array<std::string_view, N>& names, Value value) {
  return names[static_cast<std::size_t>(value)];
}

}  // namespace

std::string_view nameOf(SquatSchool school) {
  return nameIn(kSquatSchools, school);
}
std::optional<SquatSchool> squatSchoolNamed(std::string_view name) {
  return named<SquatSchool>(kSquatSchools, name);
}
std::string_view nameOf(BenchSchool school) {
  return nameIn(kBenchSchools, school);
}
std::optional<BenchSchool> benchSchoolNamed(std::string_view name) {
  return named<BenchSchool>(kBenchSchools, name);
}
std::string_view nameOf(DeadliftSchool school) {
  return nameIn(kDeadliftSchools, school);
}
std::optional<DeadliftSchool> deadliftSchoolNamed(std::string_view name) {
  return named<DeadliftSchool>(kDeadliftSchools, name);
}
std::string_view nameOf(BarPosition position) {
  return nameIn(kPositions, position);
}
std::optional<BarPosition> barPositionNamed(std::string_view name) {
  return named<BarPosition>(kPositions, name);
}
std::string_view nameOf(Equipment equipment) {
  return nameIn(kEquipment, equipment);
}
std::optional<Equipment> equipmentNamed(std::string_view name) {
  return named<Equipment>(kEquipment, name);
}
std::string_view nameOf(Constraint constraint) {
  return nameIn(kConstraints, constraint);
}
std::optional<Constraint> constraintNamed(std::string_view name) {
  return named<Constraint>(kConstraints, name);
}
std::string_view nameOf(ComplaintJoint joint) {
  return nameIn(kJoints, joint);
}
std::optional<ComplaintJoint> complaintJointNamed(std::string_view name) {
  return named<ComplaintJoint>(kJoints, name);
}

bool FitSubject::sore(ComplaintJoint joint) const {
  return std::any_of(complaints.begin(), complaints.end(),
                     [&](const Complaint& c) { return c.joint == joint && c.level >= kComplaintThatCounts; });
}

}  // namespace mottix
