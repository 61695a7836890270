#include "core/log/records.h"

namespace mottix {

AnalysisSettings settingsFor(const Athlete& athlete, const SetEdit& edit, const std::optional<Body>& body,
                             const CauseBook& causes) {
  AnalysisSettings settings;
  settings.lift = edit.asked.lift;
  settings.facing = edit.asked.facing;
  settings.wide_stance = standsWide(edit.asked);
  settings.view = edit.asked.view;
  settings.bar = loadedBar(edit.asked);
  settings.body = body;
  settings.reps_asked = edit.asked.reps;
  settings.open_pain = athlete.worstPain();
  settings.load_options.step_kg = athlete.step_kg;
  settings.part = edit.part;
  settings.lines = edit.lines;
  for (const Overruling& o : edit.overruled) settings.overruled.push_back(o.rule);
  for (const auto& [id, holds] : edit.causes)
    if (const Cause* cause = holds ? causes.find(id) : nullptr)
      settings.cause = std::max(settings.cause, cause->load);
  return settings;
}

std::string_view nameOf(Condition condition) {
  constexpr std::array<std::string_view, kConditions.size()> kNames = {"ill", "short_sleep", "no_belt",
                                                                       "other_shoes"};
  return kNames[static_cast<std::size_t>(condition)];
}

std::optional<Condition> conditionNamed(std::string_view name) {
  for (const Condition c : kConditions)
    if (nameOf(c) == name) return c;
  return std::nullopt;
}

Error pointFirst(Held held) {
  if (held == Held::kPlates)
    return {Remedy::kMarkByHand,
            "The plates have not been followed yet. Follow the bar, or point at the near one."};
  return {
      Remedy::kMarkByHand,
      held == Held::kEmptyBar
          ? "An empty bar has no plate to find. Point at the end of its sleeve."
          : "Dumbbells are not found by themselves. Point at the head of the near one, in a picture in which "
            "it stands out from what is behind it: lifted, not on a dark floor."};
}

std::string_view nameOf(LiftSource source) {
  switch (source) {
    case LiftSource::kAssumed:
      return "assumed";
    case LiftSource::kSeen:
      return "seen";
    case LiftSource::kSaid:
      return "said";
  }
  return "";
}

bool standsWide(const Asked& asked) {
  std::string lower = asked.variant;
  std::transform(lower.begin(), lower.end(), lower.begin(), [](unsigned char c) { return std::tolower(c); });
  return asked.lift == Lift::kDeadlift && lower.find("sumo") != std::string::npos;
}

std::string_view usualVariant(Lift lift) {
  switch (lift) {
    case Lift::kSquat:
      return "high bar";
    case Lift::kBench:
      return "flat";
    case Lift::kDeadlift:
      return "conventional";
  }
  return "";
}

std::optional<PlacedPoints> figureOf(const SetEdit& edit) {
  if (edit.placed.empty()) return std::nullopt;
  const PlacedPoints& first = edit.placed.front();
  for (Joint j : {Joint::kHip, Joint::kKnee, Joint::kAnkle, Joint::kShoulder})
    if (!first.joints[indexOf(j)]) return std::nullopt;
  return first;
}

std::optional<PlacedPoints> backOf(const SetEdit& edit) {
  for (const PlacedPoints& placed : edit.placed) {
    PlacedPoints back{placed.frame, {}};
    for (const Joint j : kBackJoints) back.joints[indexOf(j)] = placed.joints[indexOf(j)];
    if (back.joints != decltype(back.joints){}) return back;
  }
  return std::nullopt;
}

std::optional<FitSubject> subjectOf(const AthleteRecord& record) {
  if (!record.body) return std::nullopt;
  FitSubject who;
  who.screens = limitsFrom(record.screens);
  const BodyFacts facts = withScreens(*record.body, who.screens);
  if (!findProblems(facts).empty()) return std::nullopt;
  who.body = estimateBody(facts);
  for (const ComplaintRecord& c : record.complaints)
    if (c.closed.empty()) who.complaints.push_back(c.what);
  who.equipment = record.athlete.profile.equipment;
  who.constraints = record.athlete.profile.constraints;
  return who;
}

SetRecord writtenSet(AthleteId athlete, Day day, Lift lift, std::string variant, int reps, double load_kg) {
  SetRecord set;
  set.athlete = athlete;
  set.day = nameOf(day);
  set.state = SetState::kReviewed;
  set.edit.asked.lift = lift;
  set.edit.asked.variant = std::move(variant);
  set.edit.asked.reps = reps;
  set.edit.asked.load_kg = load_kg;
  return set;
}

}  // namespace mottix
